//! Declarations, lines for them, and places on these.

use clavret_core::{
    Attached, Choice, Command, CommandPath, Flag, Known, Lister, Look, Named, Offer, Operand, Page,
    PageLength, Param, Role, Rule, SoFar, Tail, Tally, valid,
};
use proptest::prelude::*;
use proptest::sample::Index;

use crate::generated::leak;

#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub(crate) struct Hue(u8);

impl Choice for Hue {
    const OFFERS: &'static [Offer<'static>] = &[
        Offer::new("blue"),
        Offer::new("black"),
        Offer::new("-dark"),
        Offer::new("-5"),
        Offer::new("brass").deprecated("blue"),
        Offer::new("a,b"),
    ];
    const VALUES: &'static [Self] = &[Hue(0), Hue(1), Hue(2), Hue(3), Hue(4), Hue(5)];
}

/// One that a validator refuses.
fn no_black(hue: &Hue) -> Result<(), String> {
    if *hue == Hue(1) { Err("any hue but black".to_owned()) } else { Ok(()) }
}

/// What lists hang on, throughout a tree.
pub(crate) static YARD: Named<Option<String>> = Named::new("yard").throughout();

/// A closed list that hangs on a value that is typed, before or after.
pub(crate) struct Listed;

impl Listed {
    pub(crate) const WORDS: [&'static str; 6] = ["blue", "black", "brown", "apiary", "x", "-dark"];
}

impl Lister for Listed {
    fn list(&self, so_far: SoFar) -> Option<Vec<Known>> {
        Some(match so_far.get(&YARD)? {
            Some(yard) => {
                let hidden = Known::new("black").hidden();
                vec![yard.as_str().into(), "blue".into(), "-dark".into(), hidden]
            }
            None => vec!["blue".into(), "black".into(), "apiary".into()],
        })
    }

    fn is_closed(&self) -> bool {
        true
    }
}

const NAMES: [&str; 10] =
    ["calm", "calmer", "color", "count", "no-calm", "note", "notes", "bl", "blue", "x"];

/// A parameter of some sort by a number, called by a name and perhaps a letter.
fn param(
    sort: u8,
    name: &'static str,
    letter: Option<char>,
    throughout: bool,
) -> &'static Param<'static> {
    macro_rules! named {
        ($key:expr) => {{
            let mut key = $key;
            if let Some(letter) = letter.filter(|_| name.len() > 1) {
                key = key.letter(letter);
            }
            if throughout {
                key = key.throughout();
            }
            leak(key).param()
        }};
    }
    let aliases: &'static [&'static str] = leak(vec![leak(format!("{name}-too")).as_str()]);
    match sort % 18 {
        0 => named!(Flag::<bool>::draft(name)),
        1 => named!(Flag::<bool>::draft(name).opposite(leak(format!("un{name}")))),
        2 => named!(Tally::draft(name)),
        3 => named!(Named::<Option<String>>::draft(name)),
        4 => named!(Named::<Option<Hue>>::draft(name)),
        5 => named!(Named::<Vec<Hue>>::draft(name).joined_by(',')),
        6 => named!(Named::<Vec<Hue>>::draft(name).distinct().times(1, 3)),
        7 => named!(Named::<Attached<Hue>>::draft(name)),
        8 => named!(Named::<Option<(Hue, i8)>>::draft(name)),
        9 => named!(Named::<Option<Hue>>::draft(name).once().valid(leak(valid::by(no_black)))),
        10 => named!(Named::<Option<Hue>>::draft(name).secret()),
        11 => named!(Flag::<bool>::draft(name).hidden()),
        12 => named!(Flag::<bool>::draft(name).worded().aliases(aliases)),
        13 => named!(Named::<Vec<Hue>>::draft(name).joined_by(',').distinct().times(1, 2)),
        14 => named!(Flag::<Option<bool>>::draft(name).deprecated("--blue")),
        15 => named!(Named::<Option<String>>::draft(name).listed_by(&Listed)),
        16 => named!(Named::<Vec<String>>::draft(name).joined_by(',').listed_by(&Listed)),
        _ => named!(Named::<Vec<String>>::draft(name).distinct().listed_by(&Listed).times(0, 2)),
    }
}

fn operand(sort: u8, name: &'static str) -> &'static Param<'static> {
    match sort % 11 {
        0 => leak(Operand::<String>::draft(name)).param(),
        1 => leak(Operand::<Hue>::draft(name)).param(),
        2 => leak(Operand::<Vec<Hue>>::draft(name)).param(),
        3 => leak(Operand::<Vec<Hue>>::draft(name).times(1, 2).distinct()).param(),
        4 => leak(Operand::<Option<(Hue, bool)>>::draft(name)).param(),
        5 => leak(Operand::<Option<i8>>::draft(name)).param(),
        6 => leak(Operand::<Vec<String>>::draft(name).tail(Tail::Raw)).param(),
        7 => leak(Operand::<Vec<String>>::draft(name).tail(Tail::AfterDashes)).param(),
        8 => leak(Operand::<Option<Hue>>::draft(name)).param(),
        9 => leak(Operand::<String>::draft(name).listed_by(&Listed)).param(),
        _ => leak(Operand::<Vec<String>>::draft(name).listed_by(&Listed).distinct()).param(),
    }
}

#[derive(Debug, Clone)]
struct Node {
    params: Vec<(u8, Index, Option<char>, bool)>,
    operands: Vec<u8>,
    /// A rule over its options: which of two, and which options.
    rule: Option<(bool, Index, Index)>,
    abbreviates: bool,
    ends: bool,
}

fn node(most: usize) -> impl Strategy<Value = Node> {
    let letter = proptest::option::of(prop::sample::select(vec!['c', 'x', 'b', '5', 'n']));
    let params =
        prop::collection::vec((any::<u8>(), any::<Index>(), letter, any::<bool>()), 0..most);
    let operands = prop::collection::vec(any::<u8>(), 0..3);
    let rule = proptest::option::of((any::<bool>(), any::<Index>(), any::<Index>()));
    (params, operands, rule, prop::bool::weighted(0.2), prop::bool::weighted(0.1)).prop_map(
        |(params, operands, rule, abbreviates, ends)| Node {
            params,
            operands,
            rule,
            abbreviates,
            ends,
        },
    )
}

impl Node {
    fn command(
        &self,
        name: &'static str,
        below: Vec<&'static Command<'static>>,
        default: Option<usize>,
    ) -> &'static Command<'static> {
        let mut params: Vec<&'static Param<'static>> = Vec::new();
        for (sort, at, letter, throughout) in &self.params {
            params.push(param(*sort, NAMES[at.index(NAMES.len())], *letter, *throughout));
        }
        if !below.is_empty() || name == "apiary" {
            params.push(YARD.param());
        }
        let options = params.clone();
        if below.is_empty() {
            for (at, sort) in self.operands.iter().enumerate() {
                params.push(operand(*sort, ["first", "second", "third"][at]));
            }
        }
        let mut command = Command::draft(name).takes(leak(params));
        if let Some((is_only_one, one, other)) = &self.rule
            && !options.is_empty()
        {
            let (one, other) =
                (options[one.index(options.len())], options[other.index(options.len())]);
            let rule = match is_only_one {
                true => Rule::only_one(leak(vec![one, other])),
                false => Rule::not_with(one, leak(vec![other])),
            };
            if !one.is(other) {
                command = command.rules(leak(vec![rule]));
            }
        }
        if self.abbreviates {
            command = command.abbreviations();
        }
        if self.ends {
            command = command.operands_end_options();
        }
        if !below.is_empty() {
            if let Some(default) = default {
                command = command.default_command(below[default % below.len()]);
            }
            command = command.commands(leak(below));
        }
        leak(command)
    }
}

/// A tree without a mistake in it.
fn tree() -> impl Strategy<Value = &'static Command<'static>> {
    let below = prop::collection::vec(node(4), 0..3);
    let trees =
        (node(4), below, proptest::option::of(0_usize..3)).prop_map(|(root, below, default)| {
            let names = ["blue", "add", "b"];
            let below = below
                .iter()
                .zip(names)
                .map(|(node, name)| node.command(name, Vec::new(), None))
                .collect();
            root.command("apiary", below, default)
        });
    trees.prop_filter("a tree has mistakes", |root| root.problems().is_empty())
}

/// All that may be typed somewhere, and some that may not.
fn pool(root: &Command<'_>) -> Vec<String> {
    let mut words: Vec<String> = [
        "--",
        "-5",
        "-",
        "x",
        "blue",
        "black",
        "yes",
        "",
        "--nothing",
        "-c",
        "black,blue",
        "--yard=brown",
    ]
    .map(str::to_owned)
    .to_vec();
    for (_, command) in root.tree() {
        words.push(command.name().to_owned());
        for param in command.params().filter(|param| param.role() != Role::Operand) {
            words.extend(names(param));
            words.push(format!("--{}=blue", param.name()));
            words.push(format!("--{}=black,", param.name()));
            words.extend(param.letter().map(|letter| format!("-{letter}c")));
            words.extend(param.letter().map(|letter| format!("-{letter}blue")));
        }
    }
    words
}

/// Every name of a parameter, dashes included.
pub(crate) fn names(param: &Param<'_>) -> Vec<String> {
    let mut names = Vec::new();
    for name in [param.name(), param.opposite()].iter().chain(param.aliases()) {
        if !name.is_empty() {
            names.push(if name.len() > 1 { format!("--{name}") } else { format!("-{name}") });
        }
    }
    names.extend(
        [param.letter(), param.opposite_letter()]
            .into_iter()
            .flatten()
            .map(|letter| format!("-{letter}")),
    );
    names
}

/// A place on a line of a program.
pub(crate) struct Position {
    pub(crate) root: &'static Command<'static>,
    pub(crate) before: Vec<String>,
    pub(crate) begun: String,
    pub(crate) after: Vec<String>,
}

/// What a person needs to see of one that fails.
impl std::fmt::Debug for Position {
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        for path in CommandPath::tree(self.root) {
            writeln!(f, "{}", Page::of(&path, PageLength::Full).draw(Look::PLAIN))?;
        }
        writeln!(f, "{:?} {:?} {:?}", self.before, self.begun, self.after)
    }
}

pub(crate) fn position() -> impl Strategy<Value = Position> {
    let picks = prop::collection::vec(any::<Index>(), 0..6);
    let after = prop::collection::vec(any::<Index>(), 0..3);
    let cut = (any::<Index>(), any::<Index>());
    (tree(), picks, cut, after).prop_map(|(root, picks, (last, cut), after)| {
        let pool = pool(root);
        let pick = |at: &Index| pool[at.index(pool.len())].clone();
        let word = pick(&last);
        let begun = word[..cut.index(word.len() + 1)].to_owned();
        let (before, after) = (picks.iter().map(pick).collect(), after.iter().map(pick).collect());
        Position { root, before, begun, after }
    })
}
