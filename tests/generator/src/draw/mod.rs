//! Declarations by numbers: proptest draws these and makes them smaller; what they mean is decided here, so that nearly
//! all of them are declarations without a mistake.
//!
//! * `raw.rs`: the numbers; `taken.rs`: the names that are taken at a place.
//! * this file: what a command has, what a parameter is, and which rules hold between them.
//! * `say.rs`: what the settings of a parameter are given.

use std::sync::LazyLock;

use bumpalo::Bump;
use clavret_core::ask::Role;
use clavret_core::inner;
use clavret_core::{Abbreviated, Tail};
use clavret_tables::{Hangs, RULES, Takes, When};
use proptest::prelude::*;

mod raw;
mod say;
mod taken;

use raw::{Picks, RawNode, RawParam, node, param, rules, with};
use say::say;
use taken::Taken;

use crate::sorts::{Own, Shaped, Sort};
use crate::spec::{Group, Kinds, Made, Node, Relation, Say, Setting, Spec, Valued};

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
            inner::mistakes(spec.tree(&arena).root).is_empty()
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
const PARAM: [&str; 35] = [
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
    "deprecated_since",
    "deprecated_until",
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
const COMMAND: [&str; 20] = [
    "summary",
    "description",
    "acts",
    "default_command",
    "aliases",
    "formerly",
    "hidden",
    "deprecated",
    "deprecated_since",
    "deprecated_until",
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

/// The settings of parameters: those above, then the rows that need no more than a call.
static SETTINGS: LazyLock<Vec<&str>> = LazyLock::new(|| {
    let rows = clavret_tables::SETTINGS.iter();
    let others = rows.filter(|row| is_plain(row) && !PARAM.contains(&row.name));
    PARAM.iter().copied().chain(others.map(|row| row.name)).collect()
});

/// Whether a setting is a truth value that goes with whatever words a parameter has.
fn is_plain(row: &clavret_tables::Setting) -> bool {
    row.takes == Takes::Truth && row.when == When::Always
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
            let rules = self.rules(rules, &taken, &[]);
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
        let rules = self.rules(&raw.rules, &own, way);
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
            // The values of all keys are of one type, which is to be any word.
            let is_any = matches!(kind, Kinds::Of(sort) if ["text", "word"].contains(&sort.name));
            let shape = match shape {
                Shaped::Map if is_any && !raw.picks.len().is_multiple_of(4) => Shaped::Keyed,
                other => other,
            };
            let is_by_kind = raw.shape >= 160 || matches!(kind, Kinds::Own(_));
            Valued { kind, shape, is_by_kind }
        });
        let mut made =
            Made { role, name, value, said: Vec::new(), owner: Vec::new(), is_yard: false };
        for &name in SETTINGS.iter() {
            let is_tail = name == "tail" && raw.role % 16 == 4;
            let Some(with) = raw.with(name).or(is_tail.then_some(raw.name)) else { continue };
            if let Some(say) = say(&made, name, with, taken) {
                made.said.push(Setting { name, say });
            }
        }
        made
    }

    /// Rules about parameters of a command; some are about one of a command above or below too.
    fn rules(&self, raw: &[[u8; 4]], own: &[usize], way: &[usize]) -> Vec<Relation> {
        let of_rule =
            |&&at: &&usize| !self.params[at].has("stands_alone") && !self.params[at].has("tail");
        let own: Vec<usize> = own.iter().filter(of_rule).copied().collect();
        let all: Vec<usize> = (self.of_bundles..self.params.len()).collect();
        let is_near = |&&at: &&usize| {
            let owner = &self.params[at].owner;
            owner.starts_with(way) || way.starts_with(owner)
        };
        let all: Vec<usize> = all.iter().filter(of_rule).filter(is_near).copied().collect();
        let mut rules = Vec::new();
        for [name, first, second, more] in raw {
            let rule = &RULES[usize::from(*name) % RULES.len()];
            let name = rule.name;
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
            let when = match rule.hangs {
                Hangs::Param => Some((first, String::new())),
                Hangs::Value => match hanging.sort().map(|sort| sort.right[0][0]) {
                    Some(value) if !value.is_empty() => Some((first, value.to_owned())),
                    _ => continue,
                },
                Hangs::Nothing => None,
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
                // Few: pages and completion leave it out.
                "deprecated" if !is_root && with < 64 => Say::Text("retire".to_owned()),
                "deprecated_since" | "deprecated_until" if !is_root && with < 64 => {
                    Say::Text("0.4".to_owned())
                }
                "operands_end_options" => Say::Yes,
                "abbreviations" => Say::Of(
                    [Abbreviated::Options, Abbreviated::Commands, Abbreviated::Both]
                        [usize::from(with) % 3],
                ),
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
