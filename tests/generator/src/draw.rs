//! Declarations by numbers: proptest draws these and makes them smaller; what they mean is decided here, so that nearly
//! all of them are declarations without a mistake.

use bumpalo::Bump;
use clavret_core::{Refers, Role, Tail};
use proptest::prelude::*;

use crate::sorts::{Own, Shaped, Sort};
use crate::spec::{Group, Kinds, Made, Node, Relation, Say, Setting, Spec, Valued};

/// Settings by their numbers, each with a number for what it is given.
type Picks = Vec<(u8, u8)>;

#[derive(Debug, Clone)]
struct RawParam {
    role: u8,
    name: u8,
    sort: u8,
    shape: u8,
    picks: Picks,
}

impl RawParam {
    fn with(&self, name: &str) -> Option<u8> {
        with(&self.picks, name, &[&PARAM, &OFTEN, &OFTEN])
    }
}

/// What a setting is given, if one of the picks is of it.
fn with(picks: &Picks, name: &str, numbered: &[&[&str]]) -> Option<u8> {
    let count: usize = numbered.iter().map(|names| names.len()).sum();
    let of = |number: u8| numbered.iter().copied().flatten().nth(usize::from(number) % count);
    picks.iter().find(|pick| of(pick.0).is_some_and(|of| *of == name)).map(|pick| pick.1)
}

#[derive(Debug, Clone)]
struct RawNode {
    picks: Picks,
    params: Vec<RawParam>,
    /// Which bundles it takes, by their bits.
    bundles: u8,
    rules: Vec<[u8; 4]>,
    below: Vec<RawNode>,
}

fn param() -> impl Strategy<Value = RawParam> {
    let picks = prop::collection::vec(any::<(u8, u8)>(), 0..6);
    (any::<[u8; 4]>(), picks).prop_map(|([role, name, sort, shape], picks)| RawParam {
        role,
        name,
        sort,
        shape,
        picks,
    })
}

fn rules() -> impl Strategy<Value = Vec<[u8; 4]>> {
    prop::collection::vec(any::<[u8; 4]>(), 0..3)
}

fn node(most: usize, below: BoxedStrategy<Vec<RawNode>>) -> impl Strategy<Value = RawNode> {
    let picks = prop::collection::vec(any::<(u8, u8)>(), 0..5);
    let params = prop::collection::vec(param(), 0..most);
    (picks, params, 0..8_u8, rules(), below).prop_map(|(picks, params, bundles, rules, below)| {
        RawNode { picks, params, bundles, rules, below }
    })
}

/// A declaration without a mistake, of these types: up to three levels, two bundles, and all that a declaration can say.
pub fn declaration(sorts: &'static [Sort]) -> impl Strategy<Value = Spec> {
    let none = || Just(Vec::new()).boxed();
    let deep = prop::collection::vec(node(3, none()), 0..2).boxed();
    let below = prop::collection::vec(node(5, deep), 0..4).boxed();
    let bundle = (prop::collection::vec(param(), 0..3), rules());
    let bundles = prop::collection::vec(bundle, 0..3);
    let all = (node(6, below), bundles);
    all.prop_map(move |(root, bundles)| Draw::new(sorts).spec(&root, &bundles)).prop_filter(
        "a declaration has mistakes",
        |spec| {
            let arena = Bump::new();
            spec.tree(&arena).root.mistakes().is_empty()
        },
    )
}

const NAMES: [&str; 20] = [
    "calm", "calmer", "color", "count", "no-calm", "note", "notes", "hive", "blue", "x", "f", "at",
    "frames", "on", "V", "5", "sort", "uncalm", "bl", "token",
];
const LETTERS: [char; 14] = ['c', 'x', 'b', 'n', 'q', 'C', 'X', 'B', '7', '5', '?', '#', ':', 'k'];
const COMMANDS: [&str; 8] = ["add", "list", "move", "b", "blue", "lists", "log", "adds"];
const TEXTS: [&str; 4] =
    ["of bees", "a *longer* text.\n\n* with\n* items", "d\u{e9}j\u{e0} vu", "x"];

/// The settings of parameters, in the order that they are looked at: what a later one depends on comes first. Numbers
/// beyond these are of those that few parameters could have, or many have.
const PARAM: [&str; 33] = [
    "letter",
    "help",
    "tail",
    "throughout",
    "default",
    "valid",
    "aliases",
    "formerly",
    "hidden",
    "deprecated",
    "stands_alone",
    "secret",
    "secret_file",
    "times",
    "joined_by",
    "distinct",
    "once",
    "opposite",
    "opposite_letter",
    "worded",
    "variable",
    "placeholder",
    "description",
    "refers",
    "as_in_code",
    "infinite",
    "present",
    "absent",
    "file",
    "directory",
    "extensions",
    "anew",
    "listed_by",
];

const OFTEN: [&str; 11] = [
    "letter",
    "default",
    "valid",
    "times",
    "joined_by",
    "distinct",
    "opposite",
    "tail",
    "listed_by",
    "once",
    "secret",
];

/// The settings of commands, but for lists of what they are made of.
const COMMAND: [&str; 17] = [
    "summary",
    "description",
    "acts",
    "default_command",
    "aliases",
    "formerly",
    "hidden",
    "operands_end_options",
    "abbreviations",
    "examples",
    "statuses",
    "judged_by",
    "named",
    "answers",
    "package",
    "config",
    "wording",
];
const OF_ROOT: [&str; 2] = ["version", "usual"];

const SHAPES: [Shaped; 14] = {
    use Shaped::*;
    [
        Needed, Optional, Many, Optional, Many, Two, Pair, Needed, Attached, Optional, Many,
        ManyTwos, Map, Many,
    ]
};

const RULES: [&str; 6] =
    ["only_one", "at_least_one", "all_or_none", "only_with", "not_with", "needed_with"];

/// The names that are taken at a place.
#[derive(Debug, Clone, Default)]
struct Taken {
    longs: Vec<String>,
    letters: Vec<char>,
    /// The names of those that a command above accepts throughout.
    above: Vec<&'static str>,
    /// How many commands stand above; variables of each are called differently.
    depth: usize,
}

impl Taken {
    fn has(&self, name: &str) -> bool {
        match name.chars().collect::<Vec<_>>()[..] {
            [letter] => self.letters.contains(&letter) || letter == 'h',
            _ => {
                self.longs.iter().any(|long| long == name)
                    || ["help", "version", "yard"].contains(&name)
            }
        }
    }

    fn add(&mut self, name: &str) {
        match name.chars().collect::<Vec<_>>()[..] {
            [letter] => self.letters.push(letter),
            _ => self.longs.push(name.to_owned()),
        }
    }

    /// Takes a name, if it is free.
    fn take(&mut self, name: &str) -> Option<String> {
        let is_free = !self.has(name);
        is_free.then(|| {
            self.add(name);
            name.to_owned()
        })
    }

    fn letter(&mut self, from: u8) -> Option<char> {
        let letters = LETTERS.iter().cycle().skip(usize::from(from)).take(LETTERS.len());
        let letter = letters.copied().find(|letter| !self.has(&letter.to_string()))?;
        self.letters.push(letter);
        Some(letter)
    }
}

struct Draw {
    sorts: &'static [Sort],
    params: Vec<Made>,
    /// How many of these are for bundles, once that is known: a rule of a bundle is about its own alone.
    of_bundles: usize,
}

impl Draw {
    fn new(sorts: &'static [Sort]) -> Self {
        Draw { sorts, params: Vec::new(), of_bundles: usize::MAX }
    }

    fn spec(mut self, root: &RawNode, bundles: &[(Vec<RawParam>, Vec<[u8; 4]>)]) -> Spec {
        // Bundles first: each command that takes one has all its names.
        let mut known = Vec::new();
        let mut of_bundles = Taken { depth: 9, ..Taken::default() };
        for (at, (params, rules)) in bundles.iter().enumerate() {
            let taken = self.params(params, &mut of_bundles, false);
            let rules = self.rules(rules, &taken);
            let heading = ["period", ""][at % 2];
            known.push(Group { heading, taken, rules });
        }
        self.of_bundles = self.params.len();
        let mut taken = of_bundles.clone();
        let root = self.node(root, "apiary", &mut taken, &[], &known);
        Spec { root, bundles: known, params: self.params }
    }

    /// A command: what it takes, then those below it, whose names must not be those that it accepts throughout.
    fn node(
        &mut self,
        raw: &RawNode,
        name: &'static str,
        taken: &mut Taken,
        way: &[usize],
        bundles: &[Group],
    ) -> Node {
        let is_group = !raw.below.is_empty();
        let mut own = Vec::new();
        if way.is_empty() {
            own.push(self.yard());
        }
        taken.depth = way.len();
        let mut here = taken.clone();
        own.extend(self.params(&raw.params, &mut here, is_group));
        for &at in &own {
            let made = &mut self.params[at];
            made.owner = way.to_vec();
            if made.has("throughout") {
                taken.above.push(made.name);
                made.names().iter().for_each(|name| taken.add(name));
            }
        }
        let rules = self.rules(&raw.rules, &own);
        // Operands are for a command without others below.
        let has_operands =
            |taken: &[usize]| taken.iter().any(|&at| self.params[at].role == Role::Operand);
        let mut is_full = is_group || has_operands(&own);
        let mut bundles_taken = Vec::new();
        for (at, group) in bundles.iter().enumerate() {
            let is_one = raw.bundles & 1 << at != 0 && way.len() == 1;
            if is_one && !(is_full && has_operands(&group.taken)) {
                is_full |= has_operands(&group.taken);
                bundles_taken.push(at);
            }
        }
        let mut names = Taken::default();
        let mut below = Vec::new();
        for (at, node) in raw.below.iter().enumerate() {
            let from = usize::from(node.bundles) + at;
            let free = (0..COMMANDS.len()).map(|skip| COMMANDS[(from + skip) % COMMANDS.len()]);
            let Some(name) =
                free.into_iter().find(|name| !names.longs.iter().any(|known| known == name))
            else {
                break;
            };
            names.longs.push(name.to_owned());
            let way = [way, &[below.len()]].concat();
            below.push(self.node(node, name, &mut taken.clone(), &way, bundles));
        }
        let mut node =
            Node { name, said: Vec::new(), rules, taken: own, bundles: bundles_taken, below };
        self.of_command(&mut node, &raw.picks, way.is_empty());
        node
    }

    /// What every tree has: lists ask for it.
    fn yard(&mut self) -> usize {
        let value = Valued {
            kind: Kinds::Of(&crate::sorts::STANDARD[0]),
            shape: Shaped::Optional,
            is_by_kind: false,
        };
        let said = vec![Setting { name: "throughout", say: Say::Yes }];
        let (role, name, owner) = (Role::Option, "yard", Vec::new());
        self.params.push(Made { role, name, value: Some(value), said, owner, is_yard: true });
        self.params.len() - 1
    }

    /// Parameters in the order that operands must stand in.
    fn params(&mut self, raw: &[RawParam], taken: &mut Taken, is_group: bool) -> Vec<usize> {
        let (mut operands, mut hidden) = (Vec::new(), Vec::new());
        let mut made: Vec<Made> = Vec::new();
        for raw in raw {
            let role = match raw.role % 16 {
                0..=4 if !is_group => Role::Operand,
                0..=9 => Role::Option,
                10..=13 => Role::Flag,
                _ => Role::Tally,
            };
            // One that has a name anew hides that of a command above.
            let anew = taken.above.iter().find(|name| !hidden.contains(*name));
            let anew =
                anew.filter(|_| role != Role::Operand && raw.with("anew").is_some()).copied();
            let is_free = |name: &&str| match role {
                Role::Operand => name.len() > 1 && !operands.contains(name),
                _ => !taken.has(name),
            };
            let names = NAMES.iter().copied().cycle().skip(usize::from(raw.name) % NAMES.len());
            let Some(name) = anew.or_else(|| names.take(NAMES.len()).find(is_free)) else {
                continue;
            };
            match role {
                Role::Operand => operands.push(name),
                _ if anew.is_some() => hidden.push(name),
                _ => taken.add(name),
            }
            made.push(self.param(raw, role, name, taken));
        }
        let is_unbounded = |made: &Made| match (made.role, made.says("times"), made.says("tail")) {
            (
                Role::Operand,
                None | Some(Say::Times(_, u32::MAX)),
                None | Some(Say::Tail(Tail::Raw)),
            ) => made.value.is_some_and(|value| value.shape.is_many()),
            _ => false,
        };
        let (mut unbounded, mut tails) = (0, Vec::new());
        made.retain(|made| {
            unbounded += usize::from(is_unbounded(made));
            // One of two that take the same words would get none.
            let is_beside = match made.says("tail") {
                Some(Say::Tail(tail))
                    if tails.iter().any(|other| other == tail || *other == Tail::Raw) =>
                {
                    true
                }
                Some(Say::Tail(Tail::Raw)) if !tails.is_empty() => true,
                Some(Say::Tail(tail)) => {
                    tails.push(*tail);
                    false
                }
                _ => false,
            };
            !is_beside && (!is_unbounded(made) || unbounded == 1)
        });
        // One of any number may stand among those that are needed; then what may be absent, then what is apart.
        made.sort_by_key(|made| match made.role {
            Role::Operand if made.has("tail") => 2,
            Role::Operand if made.is_needed() || is_unbounded(made) && made.name.len() % 2 == 0 => {
                0
            }
            Role::Operand => 1,
            _ => 0,
        });
        let first = self.params.len();
        self.params.extend(made);
        (first..self.params.len()).collect()
    }

    fn param(&self, raw: &RawParam, role: Role, name: &'static str, taken: &mut Taken) -> Made {
        let has_words = matches!(role, Role::Operand | Role::Option);
        let value = has_words.then(|| {
            // What may be a tail is one more often than not.
            let is_tail = role == Role::Operand && raw.role % 16 == 4;
            let shape =
                if is_tail { Shaped::Many } else { SHAPES[usize::from(raw.shape) % SHAPES.len()] };
            let shape = if shape == Shaped::Attached && role == Role::Operand {
                Shaped::Needed
            } else {
                shape
            };
            // Texts more often than others: lists and tails are of these.
            let sort = usize::from(raw.sort % 128) % (self.sorts.len() + 2);
            let sort = if raw.sort < 192 && !is_tail { sort } else { 0 };
            let kind = match sort.checked_sub(self.sorts.len()) {
                None => Kinds::Of(&self.sorts[sort]),
                Some(0) => Kinds::Own(Own::Label),
                Some(_) => Kinds::Own(Own::Port),
            };
            let is_by_kind = raw.shape >= 160 || matches!(kind, Kinds::Own(_));
            Valued { kind, shape, is_by_kind }
        });
        let mut made =
            Made { role, name, value, said: Vec::new(), owner: Vec::new(), is_yard: false };
        for name in PARAM {
            let is_tail = name == "tail" && raw.role % 16 == 4;
            let Some(with) = raw.with(name).or(is_tail.then_some(raw.name)) else { continue };
            if let Some(say) = say(&made, name, with, taken) {
                made.said.push(Setting { name, say });
            }
        }
        made
    }

    /// Rules about parameters of a command; some are about one of another command too.
    fn rules(&self, raw: &[[u8; 4]], own: &[usize]) -> Vec<Relation> {
        let of_rule =
            |&&at: &&usize| !self.params[at].has("stands_alone") && !self.params[at].has("tail");
        let own: Vec<usize> = own.iter().filter(of_rule).copied().collect();
        let all: Vec<usize> = (self.of_bundles..self.params.len()).collect();
        let all: Vec<usize> = all.iter().filter(of_rule).copied().collect();
        let mut rules = Vec::new();
        for [name, first, second, more] in raw {
            let name = RULES[usize::from(*name) % RULES.len()];
            let others = if *more >= 224 && !all.is_empty() { &all } else { &own };
            let (Some(&first), false) = (pick(&own, *first), others.is_empty()) else { continue };
            let mut members = vec![first];
            for with in [second, more].into_iter().take(1 + usize::from(more % 2)) {
                let at = others[usize::from(*with) % others.len()];
                if !members.contains(&at) {
                    members.push(at);
                }
            }
            let hanging = &self.params[first];
            // What a line must have excludes nothing.
            let excludes = ["only_one", "not_with"].contains(&name);
            if excludes && members.iter().any(|&at| self.params[at].is_needed()) {
                continue;
            }
            let when = match name {
                "only_with" | "not_with" => Some((first, String::new())),
                "needed_with" => match hanging.sort().map(|sort| sort.right[0][0]) {
                    Some(value) if !value.is_empty() => Some((first, value.to_owned())),
                    _ => continue,
                },
                _ => None,
            };
            if members.len() > 1 {
                members.drain(..usize::from(when.is_some()));
                rules.push(Relation { name, members, when });
            }
        }
        rules
    }

    fn of_command(&mut self, node: &mut Node, picks: &Picks, is_root: bool) {
        let name = node.name;
        for setting in COMMAND.iter().chain(&OF_ROOT) {
            let Some(with) = with(picks, setting, &[&COMMAND, &OF_ROOT]) else { continue };
            let is_group = !node.below.is_empty();
            let say = match *setting {
                "summary" => Say::Text("the logbook of a yard".to_owned()),
                "description" => Say::Text(TEXTS[1].to_owned()),
                "acts" if is_group => Say::Yes,
                "default_command" if is_group => {
                    Say::At(vec![usize::from(with) % node.below.len()])
                }
                "aliases" if !is_root => Say::Texts(vec![format!("{name}-too")]),
                "formerly" if !is_root => Say::Texts(vec![format!("old-{name}")]),
                "hidden" | "named" if !is_root => Say::Yes,
                "operands_end_options" | "abbreviations" => Say::Yes,
                // Few: the rest of a line counts for little then.
                "judged_by" if with < 64 => Say::Yes,
                "examples" => Say::Pairs(vec![("all of it", "apiary")]),
                "statuses" => Say::Pairs(vec![("0", "done"), ("1", "not done")]),
                "version" | "answers" | "package" | "config" | "wording" if is_root => Say::Yes,
                "usual" if is_root => {
                    self.params.push(Made {
                        role: Role::Flag,
                        name: "aid",
                        value: None,
                        said: vec![
                            Setting { name: "throughout", say: Say::Yes },
                            Setting { name: "stands_alone", say: Say::Gives("page") },
                        ],
                        owner: Vec::new(),
                        is_yard: false,
                    });
                    Say::At(vec![self.params.len() - 1])
                }
                _ => continue,
            };
            if node.says(setting).is_none() {
                node.said.push(Setting { name: setting, say });
            }
        }
    }
}

fn pick(of: &[usize], with: u8) -> Option<&usize> {
    of.get(usize::from(with) % of.len().max(1))
}

/// What goes with a parameter that stands alone.
const OF_ALONE: [&str; 15] = [
    "letter",
    "help",
    "throughout",
    "valid",
    "aliases",
    "formerly",
    "hidden",
    "deprecated",
    "placeholder",
    "description",
    "refers",
    "as_in_code",
    "infinite",
    "extensions",
    "anew",
];

/// What a setter is given, if it goes with what a parameter is and says already.
fn say(made: &Made, setting: &str, with: u8, taken: &mut Taken) -> Option<Say> {
    let (role, name) = (made.role, made.name.to_lowercase());
    let is_named = role != Role::Operand;
    let has_one_of = |names: &[&str]| names.iter().any(|name| made.has(name));
    let is_apart = made.has("stands_alone") && !OF_ALONE.contains(&setting)
        || made.has("tail")
            && !["description", "hidden", "deprecated", "placeholder"].contains(&setting);
    if is_apart {
        return None;
    }
    let text = |text: &str| Some(Say::Text(text.to_owned()));
    let is = |fits: bool| fits.then_some(Say::Yes);
    let by = |texts: &[&str]| text(texts[usize::from(with) % texts.len()]);
    let sort = made.sort();
    let of_sort = |names: &[&str]| sort.is_some_and(|sort| names.contains(&sort.name));
    // What only has words.
    let Some(Valued { shape, .. }) = made.value else {
        let is_flag = role == Role::Flag;
        return match setting {
            "opposite" if is_flag => {
                let opposite = format!("{}{name}", ["un", "no-"][usize::from(with % 2)]);
                taken.take(&opposite).map(Say::Text)
            }
            "opposite_letter" if made.has("opposite") => taken.letter(with).map(Say::Letter),
            "worded" => is(is_flag),
            "once" => is(is_flag),
            "variable" if is_flag => text(&variable(made, taken)),
            "stands_alone" if is_flag && with < 64 => gives(made, with),
            _ => of_all(made, setting, with, taken),
        };
    };
    let (is_option, is_many, is_map) =
        (role == Role::Option, shape.is_many(), shape == Shaped::Map);
    let is_single = !matches!(shape, Shaped::Pair | Shaped::Map);
    match setting {
        "default" if shape != Shaped::Attached => {
            default_of(made, usize::from(with)).map(Say::Text)
        }
        "valid" => is(shape.words() == 1
            && shape != Shaped::Map
            && sort.is_some_and(|sort| sort.valid.is_some())),
        "stands_alone" if is_option && !shape.is_needed() && with < 64 => gives(made, with),
        "secret" => is(true),
        // The line of a file is a text.
        "secret_file"
            if is_option
                && of_sort(&["text", "word"])
                && matches!(shape, Shaped::Needed | Shaped::Optional) =>
        {
            taken.take(&format!("{name}-file")).map(Say::Text)
        }
        "times" if is_many && !is_map => {
            let times = [(0, 3), (1, 2), (1, u32::MAX), (2, 2), (0, 1)];
            let (least, most) = times[usize::from(with) % times.len()];
            Some(Say::Times(least.min(if made.has("default") { 1 } else { 2 }), most))
        }
        "joined_by" if shape == Shaped::Many => {
            Some(Say::Letter([',', ':', '\u{e9}'][usize::from(with) % 3]))
        }
        "distinct" => is(is_many && !is_map),
        "once" => is(is_option),
        "variable" => text(&variable(made, taken)),
        "placeholder" => by(if shape.words() == 1 { &["DIR", "W0"] } else { &["W0 W1"] }),
        "refers" => {
            let is_names = role == Role::Operand && shape == Shaped::Many && of_sort(&["text"]);
            let is_plain = !has_one_of(&["valid", "default", "times", "joined_by", "distinct"]);
            use Refers::*;
            let all = [Path, Nothing, Host, Program, Account, Directory, Command];
            let refers = all[usize::from(with) % if is_names && is_plain { 7 } else { 6 }];
            Some(Say::Refers(refers))
        }
        "as_in_code" => is(!is_map && of_sort(&["u8", "i16", "u64", "i64"])),
        "infinite" => is(is_single && of_sort(&["f64"])),
        "present" | "absent" | "file" | "directory" => {
            let is_placed = has_one_of(&["present", "absent", "file", "directory", "default"]);
            is(is_single && of_sort(&["path"]) && !is_placed)
        }
        "extensions" if is_single && of_sort(&["path"]) => {
            Some(Say::Texts(vec!["toml".to_owned()]))
        }
        "tail" if role == Role::Operand && shape == Shaped::Many && of_sort(&["text", "word"]) => {
            let tails = [Tail::Raw, Tail::AfterDashes, Tail::UnknownOptions];
            Some(Say::Tail(tails[usize::from(with) % 3]))
        }
        "listed_by"
            if shape.words() == 1 && !is_map && (sort.is_none() || of_sort(&["text", "word"])) =>
        {
            let is_open = matches!(made.value?.kind, Kinds::Own(Own::Label) | Kinds::Of(_));
            let is_free = !has_one_of(&[
                "secret",
                "secret_file",
                "valid",
                "default",
                "refers",
                "tail",
                "stands_alone",
            ]);
            (is_open && is_free).then_some(Say::List(with.is_multiple_of(2)))
        }
        _ if is_named
            || !["letter", "throughout", "aliases", "formerly", "anew"].contains(&setting) =>
        {
            of_all(made, setting, with, taken)
        }
        _ => None,
    }
}

/// What any parameter may say; one without a name after dashes was looked at before.
fn of_all(made: &Made, setting: &str, with: u8, taken: &mut Taken) -> Option<Say> {
    let name = made.name.to_lowercase();
    match setting {
        "letter" if name.len() > 1 => taken.letter(with).map(Say::Letter),
        "help" => Some(Say::Text(TEXTS[usize::from(with) % 4].to_owned())),
        "description" => Some(Say::Text(TEXTS[1].to_owned())),
        "throughout" | "hidden" | "anew" => Some(Say::Yes),
        "deprecated" => Some(Say::Text("--calm".to_owned())),
        "aliases" => {
            let letter = if with.is_multiple_of(2) { None } else { taken.letter(with) };
            let long = taken.take(&format!("{name}-too"));
            let texts: Vec<String> = long.into_iter().chain(letter.map(String::from)).collect();
            (!texts.is_empty()).then_some(Say::Texts(texts))
        }
        "formerly" => Some(Say::Texts(vec![taken.take(&format!("old-{name}"))?])),
        _ => None,
    }
}

/// What stands alone has nothing that asks for more than its words to be read.
fn gives(made: &Made, with: u8) -> Option<Say> {
    let is_apart = made.said.iter().all(|setting| OF_ALONE.contains(&setting.name));
    is_apart.then(|| Say::Gives(["page", "version", "unchecked"][usize::from(with) % 3]))
}

fn variable(made: &Made, taken: &Taken) -> String {
    let role = if made.role == Role::Operand { "_OPERAND" } else { "" };
    format!("YARD_{}{}{role}", made.name.to_uppercase().replace('-', "_"), taken.depth)
}

fn default_of(made: &Made, with: usize) -> Option<String> {
    let Valued { kind, shape, .. } = made.value?;
    let word = match kind {
        Kinds::Of(sort) => sort.right[with % 2][0],
        Kinds::Own(Own::Label) => "A7",
        Kinds::Own(Own::Port) => "80",
    };
    match shape {
        Shaped::Map => Some(format!("k={word}")),
        _ if shape.words() == 1 => Some(word.to_owned()),
        _ if word.is_empty() || word.contains(' ') => None,
        Shaped::Pair => Some(format!("{word} 3")),
        _ => Some(format!("{word} {word}")),
    }
}
