//! What holds for any declaration, any words for it, and any values that it can have.

use std::ffi::OsString;

use clavret_complete::candidates;
use clavret_core::{
    Attached, Command, CommandPath, FaultKind, Flag, Look, Named, Objection, Operand, Outcome,
    Page, PageLength, Param, Reading, Rule, Tally,
};
use proptest::prelude::*;
use proptest::sample::{Index, subsequence};

/// A parameter of some shape, with the key that asks for it.
#[derive(Debug, Clone, Copy)]
pub(crate) enum Key {
    Byte(&'static Named<'static, Option<u8>>),
    Texts(&'static Named<'static, Vec<String>>),
    Pair(&'static Named<'static, Option<(i8, i8)>>),
    Maybe(&'static Named<'static, Attached<u8>>),
    Flag(&'static Flag<'static>),
    Tally(&'static Tally<'static>),
    Once(&'static Named<'static, Option<u8>>),
    Secret(&'static Named<'static, Option<String>>),
    Operands(&'static Operand<'static, Vec<String>>),
    Operand(&'static Operand<'static, Option<i8>>),
}

/// What a parameter was given.
#[derive(Debug, Clone, PartialEq)]
pub(crate) enum Value {
    Byte(Option<u8>),
    Texts(Vec<String>),
    Pair(Option<(i8, i8)>),
    Maybe(Attached<u8>),
    Flag(bool),
    Tally(u32),
}

pub(crate) fn leak<T>(value: T) -> &'static T {
    Box::leak(Box::new(value))
}

impl Key {
    fn new(sort: u8, name: &'static str, letter: char, throughout: bool) -> Key {
        macro_rules! named {
            ($key:expr) => {
                leak(if throughout {
                    $key.letter(letter).throughout()
                } else {
                    $key.letter(letter)
                })
            };
        }
        match sort {
            0 => Key::Byte(named!(Named::draft(name))),
            1 => Key::Texts(named!(Named::draft(name).joined_by(','))),
            2 => Key::Pair(named!(Named::draft(name))),
            3 => Key::Maybe(named!(Named::draft(name))),
            4 => Key::Flag(named!(Flag::draft(name).opposite(leak(format!("no-{name}"))))),
            5 => Key::Tally(named!(Tally::draft(name))),
            6 => Key::Once(named!(Named::draft(name).once())),
            SECRET => Key::Secret(named!(Named::draft(name).secret())),
            TEXTS => Key::Operands(leak(Operand::draft(name))),
            _ => Key::Operand(leak(Operand::draft(name))),
        }
    }

    pub(crate) fn param(self) -> &'static Param<'static> {
        match self {
            Key::Once(key) => key.param(),
            Key::Secret(key) => key.param(),
            Key::Byte(key) => key.param(),
            Key::Texts(key) => key.param(),
            Key::Pair(key) => key.param(),
            Key::Maybe(key) => key.param(),
            Key::Flag(key) => key.param(),
            Key::Tally(key) => key.param(),
            Key::Operands(key) => key.param(),
            Key::Operand(key) => key.param(),
        }
    }

    pub(crate) fn ask(self, reading: &Reading<'_>) -> Value {
        match self {
            Key::Once(key) => Value::Byte(*reading.get(key)),
            Key::Secret(key) => Value::Texts(reading.get(key).clone().into_iter().collect()),
            Key::Byte(key) => Value::Byte(*reading.get(key)),
            Key::Texts(key) => Value::Texts(reading.get(key).clone()),
            Key::Pair(key) => Value::Pair(*reading.get(key)),
            Key::Maybe(key) => Value::Maybe(*reading.get(key)),
            Key::Flag(key) => Value::Flag(*reading.get(key)),
            Key::Tally(key) => Value::Tally(*reading.get(key)),
            Key::Operands(key) => Value::Texts(reading.get(key).clone()),
            Key::Operand(key) => Value::Byte(reading.get(key).map(|value| value as u8)),
        }
    }

    /// A value from a seed, and the words that give it, option by option, spelled by the seed too.
    fn spell(self, seed: u32) -> (Value, Vec<Vec<String>>) {
        let name = self.param().name();
        let (long, letter) = (format!("--{name}"), format!("-{}", &name[1..2]));
        let with = |value: String| match seed % 4 {
            0 => vec![long.clone(), value],
            1 => vec![format!("{long}={value}")],
            2 => vec![letter.clone(), value],
            // A cluster begins with what it is attached to; an empty value is no word's end.
            _ if value.is_empty() => vec![letter.clone(), value],
            _ => vec![letter.clone() + &value],
        };
        let byte = (seed / 8) as u8;
        match self {
            _ if seed.is_multiple_of(5) => (self.nothing(), Vec::new()),
            Key::Byte(_) | Key::Once(_) => (Value::Byte(Some(byte)), vec![with(byte.to_string())]),
            Key::Secret(_) => {
                (Value::Texts(vec![format!("-s{byte}")]), vec![with(format!("-s{byte}"))])
            }
            Key::Texts(_) => {
                let texts = [format!("a{byte}"), "-x".into(), "".into(), r"b\c".into()];
                let texts = texts[..1 + seed as usize % 4].to_vec();
                let escaped = texts.iter().map(|text| text.replace('\\', r"\\"));
                let words = if seed.is_multiple_of(3) {
                    vec![with(escaped.collect::<Vec<_>>().join(","))]
                } else {
                    escaped.map(with).collect()
                };
                (Value::Texts(texts), words)
            }
            Key::Pair(_) => {
                let pair = (byte as i8, -3);
                let name = if seed.is_multiple_of(2) { long.clone() } else { letter.clone() };
                (Value::Pair(Some(pair)), vec![vec![name, pair.0.to_string(), "-3".into()]])
            }
            Key::Maybe(_) if seed.is_multiple_of(2) => {
                (Value::Maybe(Attached::Bare), vec![vec![long]])
            }
            Key::Maybe(_) => {
                (Value::Maybe(Attached::Value(byte)), vec![vec![format!("{long}={byte}")]])
            }
            Key::Flag(_) if seed.is_multiple_of(2) => (Value::Flag(true), vec![vec![letter]]),
            Key::Flag(_) => (Value::Flag(false), vec![vec![format!("--no-{name}")]]),
            Key::Tally(_) => {
                let count = seed % 3 + 1;
                let letters = format!("-{}", name[1..2].repeat(count as usize));
                (Value::Tally(count), vec![vec![letters]])
            }
            Key::Operands(_) => {
                let texts: Vec<String> = (0..seed % 3).map(|at| format!("w{at}")).collect();
                (Value::Texts(texts.clone()), vec![texts])
            }
            Key::Operand(_) => (Value::Byte(Some(byte)), vec![vec![(byte as i8).to_string()]]),
        }
    }

    fn nothing(self) -> Value {
        match self {
            Key::Byte(_) | Key::Once(_) | Key::Operand(_) => Value::Byte(None),
            Key::Texts(_) | Key::Secret(_) | Key::Operands(_) => Value::Texts(Vec::new()),
            Key::Pair(_) => Value::Pair(None),
            Key::Maybe(_) => Value::Maybe(Attached::Absent),
            Key::Flag(_) => Value::Flag(false),
            Key::Tally(_) => Value::Tally(0),
        }
    }
}

const SECRET: u8 = 7;
const TEXTS: u8 = 8;
const NUMBER: u8 = 9;

/// A tree of two levels: the root's parameters, and those of each subcommand.
#[derive(Clone)]
pub(crate) struct Tree {
    pub(crate) root: &'static Command<'static>,
    /// The same root without a default subcommand, and without a test of the whole.
    pub(crate) plain: &'static Command<'static>,
    pub(crate) throughout: Vec<Key>,
    /// What the root alone takes; some commands below use the same names.
    pub(crate) above: Vec<Key>,
    pub(crate) below: Vec<(&'static Command<'static>, Vec<Key>)>,
    pub(crate) default: Option<usize>,
}

/// What a person needs to see of a tree that fails.
impl std::fmt::Debug for Tree {
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        let keys = |keys: &[Key]| {
            let sort = |key: &Key| {
                let debugged = format!("{key:?}");
                format!("{}:{}", key.param().name(), debugged.split('(').next().unwrap_or_default())
            };
            keys.iter().map(sort).collect::<Vec<_>>().join(" ")
        };
        write!(f, "{} | {}", keys(&self.throughout), keys(&self.above))?;
        for (command, own) in &self.below {
            write!(f, " | {}({})", command.name(), keys(own))?;
        }
        write!(f, " default {:?}", self.default)
    }
}

/// Parameters whose names differ: `qa`, `qb` and so on, their letter the second one.
fn keys(prefix: char, first: u8, sorts: &[u8], throughout: bool) -> Vec<Key> {
    let keys = sorts.iter().zip(first..).map(|(&sort, at)| {
        let letter = char::from(b'a' + at % 26);
        let name = leak(format!("{prefix}{letter}"));
        Key::new(sort, name, letter, throughout)
    });
    keys.collect()
}

fn command(
    name: &'static str,
    keys: &[Key],
    commands: Vec<&'static Command<'static>>,
    excludes: bool,
) -> Command<'static> {
    let params = leak(keys.iter().map(|key| key.param()).collect::<Vec<_>>());
    let mut command = Command::draft(name).takes(params).commands(leak(commands));
    if excludes && params.len() > 1 {
        command = command.rules(leak([Rule::only_one(&params[..2])]));
    }
    command
}

/// A test of the whole that nobody can foresee.
fn odd(reading: &Reading<'_>) -> Result<(), Objection> {
    match reading.occurrences().count() % 4 {
        3 => Err(Objection::new("too odd")),
        _ => Ok(()),
    }
}

pub(crate) fn tree() -> impl Strategy<Value = Tree> {
    let sorts = |most: usize| prop::collection::vec(0..8_u8, 0..most);
    let below = (sorts(4), sorts(2), 0..4_u8, any::<bool>());
    let below = prop::collection::vec(below, 1..4);
    let whole = (prop::option::of(0..3_usize), any::<bool>(), any::<bool>());
    (sorts(4), sorts(3), below, whole).prop_map(
        |(wide, above, below, (default, judged, shortened))| {
            // Letters a to d throughout, e to g of the root, i to l below; h is left for help.
            let throughout = keys('q', 0, &wide, true);
            let above = keys('s', 4, &above, false);
            let below = below.into_iter().zip(["add", "list", "move"]).map(
                |((sorts, shared, operands, excludes), name)| {
                    let mut keys =
                        [keys('r', 8, &sorts, false), self::keys('s', 4, &shared, false)].concat();
                    if operands % 2 == 1 {
                        keys.push(Key::new(TEXTS, "words", 'w', false));
                    }
                    if operands / 2 == 1 {
                        keys.push(Key::new(NUMBER, "number", 'n', false));
                    }
                    (leak(command(name, &keys, Vec::new(), excludes)), keys)
                },
            );
            let below: Vec<(&'static Command<'static>, Vec<Key>)> =
                below.map(|(command, keys)| (command as _, keys)).collect();
            let commands = below.iter().map(|below| below.0).collect();
            let own = [throughout.clone(), above.clone()].concat();
            let mut root = command("apiary", &own, commands, false);
            if shortened {
                root = root.abbreviations();
            }
            let plain = leak(root);
            let default = default.filter(|at| *at < below.len());
            if let Some(at) = default {
                root = root.default_command(below[at].0);
            }
            if judged {
                root = root.judged_by(&odd);
            }
            Tree { root: leak(root), plain, throughout, above, below, default }
        },
    )
}

/// Words that a tree may know, and some that it does not.
pub(crate) fn words() -> impl Strategy<Value = Vec<OsString>> {
    let likely = "(add|list|move|lsit|--|-|-[a-l]{1,3}[0-9]?|--(no-)?[qrs][a-l](=[a-z0-9,]{0,3})?|--[qrs]{1,2}|-?[0-9]{1,3}|[a-z]{0,3}|'[$ ]'|[qr][a-l][=:][a-z]?)";
    // What stands on another key, or is made of two dashes by an editor.
    let slips = "(ADD|List|[—–-][qrs][a-l](=[0-9]{1,2})?|[—–][a-l][0-9]?|--[QRS][A-L]|-[a-l]=[0-9]|--[a-l](=[0-9])?|-[A-L])";
    let word = prop_oneof![4 => likely, 1 => slips].prop_map(OsString::from);
    prop::collection::vec(word, 0..8)
}

/// So many cases, or as many as the environment asks for.
pub(crate) fn config(cases: u32) -> ProptestConfig {
    let asked = std::env::var("PROPTEST_CASES").ok().and_then(|cases| cases.parse().ok());
    let cases = asked.unwrap_or(cases);
    ProptestConfig { cases, failure_persistence: None, ..ProptestConfig::default() }
}

/// The words of a line as a POSIX shell parts them: quotes, and `$'…'` with octal escapes.
pub(crate) fn parted(line: &str) -> Vec<String> {
    let (mut words, mut word, mut rest) = (Vec::new(), None::<Vec<u8>>, line);
    while let Some(letter) = rest.chars().next() {
        let quote = if rest.starts_with("$'") { "$'" } else { &rest[..letter.len_utf8()] };
        rest = &rest[quote.len()..];
        match quote {
            " " => words.extend(word.take()),
            "'" | "$'" => {
                let word = word.get_or_insert_default();
                while let Some(letter) = rest.chars().next() {
                    rest = &rest[letter.len_utf8()..];
                    match letter {
                        '\'' => break,
                        '\\' if quote == "$'" => {
                            let octal = rest.get(..3).and_then(|o| u8::from_str_radix(o, 8).ok());
                            let escaped = match &rest[..1] {
                                "n" => b'\n',
                                "t" => b'\t',
                                "r" => b'\r',
                                other => octal.unwrap_or(other.as_bytes()[0]),
                            };
                            rest = &rest[if octal.is_some() { 3 } else { 1 }..];
                            word.push(escaped);
                        }
                        letter => word.extend(letter.encode_utf8(&mut [0; 4]).bytes()),
                    }
                }
            }
            "\\" => {
                word.get_or_insert_default().extend(rest[..1].bytes());
                rest = &rest[1..];
            }
            other => word.get_or_insert_default().extend(other.bytes()),
        }
    }
    words.extend(word);
    words.into_iter().map(|word| String::from_utf8(word).unwrap()).collect()
}

proptest! {
    #![proptest_config(config(1000))]

    /// Whatever the declaration and the words: an outcome, which draws; and what is offered under
    /// `try` reads, as a shell would part it.
    #[test]
    fn any_line_of_any_tree_has_an_outcome_and_its_fix_reads(tree in tree(), line in words()) {
        prop_assert!(tree.root.problems().is_empty(), "{:?}", tree.root.problems());
        let _ = candidates(tree.root, &line, "");
        match tree.root.read(&line) {
            Outcome::Faults(faults) => {
                let drawn = faults.draw(Look::PLAIN);
                let fix = drawn.lines().find_map(|line| line.strip_prefix("  try   apiary"));
                if let Some(fix) = fix {
                    let words = parted(fix);
                    prop_assert!(!matches!(tree.root.read(&words), Outcome::Faults(_)), "{drawn}");
                }
                let told = drawn.lines().next().unwrap();
                prop_assert!(!told.contains(": 0 things"), "{drawn}");
            }
            Outcome::Asked(asked) => _ = asked.text(Look::PLAIN),
            Outcome::Reading(reading) => {
                let table = format!("{reading:?}");
                prop_assert!(table.starts_with("apiary"));
            }
            _ => {}
        }
        prop_assert!(!Page::of(&CommandPath::of(tree.root), PageLength::Full).draw(Look::PLAIN).is_empty());
    }

    /// Values in any of their spellings, the options in any order and on any side of the command's
    /// name where they may be, read back to the values.
    #[test]
    fn a_line_of_values_reads_back(
        tree in tree(),
        at: Index,
        seeds in prop::collection::vec(any::<u32>(), 16),
        order in Just((0..16_usize).collect::<Vec<_>>()).prop_shuffle(),
        before in subsequence((0..16_usize).collect::<Vec<_>>(), 0..16),
    ) {
        let (leaf, own) = &tree.below[at.index(tree.below.len())];
        let mut expected = Vec::new();
        let texts = own.iter().any(|key| matches!(key, Key::Operands(_)));
        let (mut above, mut options, mut operands) = (Vec::new(), Vec::new(), Vec::new());
        for (place, key) in tree.throughout.iter().chain(own).enumerate() {
            let (mut value, mut spelled) = key.spell(seeds[place]);
            // Of the first two that exclude each other only one is given.
            let first = tree.throughout.len();
            if place == first + 1 && leaf.params().next().is_some() && expected.last().is_some_and(|(key, value): &(Key, Value)| *value != key.nothing() || matches!(value, Value::Flag(_))) {
                (value, spelled) = (key.nothing(), Vec::new());
            }
            expected.push((*key, value));
            let is_above = place < first && before.contains(&place);
            match key {
                Key::Operands(_) => operands.extend(spelled.concat()),
                // Words of any number in front take all there are.
                Key::Operand(_) if texts => expected.last_mut().unwrap().1 = key.nothing(),
                Key::Operand(_) => operands.extend(spelled.concat()),
                _ if is_above => above.push(spelled.concat()),
                _ => options.push((order[place], spelled.concat())),
            }
        }
        options.sort_by_key(|option| option.0);
        let options: Vec<String> = options.into_iter().flat_map(|option| option.1).collect();
        let line = [above.concat(), vec![leaf.name().to_owned()], options, operands].concat();
        let Outcome::Reading(reading) = tree.plain.read(&line) else {
            let Outcome::Faults(faults) = tree.plain.read(&line) else { panic!("{line:?}") };
            return Err(TestCaseError::fail(faults.draw(Look::PLAIN)));
        };
        prop_assert!(reading.is(leaf));
        for (key, value) in expected {
            prop_assert_eq!(key.ask(&reading), value, "{} of {:?}", key.param().name(), line);
        }
    }

    /// A rule is broken by two of its members, and by no single one.
    #[test]
    fn members_of_a_rule_exclude_each_other(sorts in prop::collection::vec(0..8_u8, 2), seeds in prop::array::uniform2(any::<u32>())) {
        let keys = keys('r', 8, &sorts, false);
        let root = leak(command("apiary", &keys, Vec::new(), true));
        let words: Vec<Vec<String>> = keys.iter().zip(seeds).map(|(key, seed)| key.spell(seed).1.concat()).collect();
        for single in &words {
            prop_assert!(matches!(root.read(single), Outcome::Reading(_)), "{single:?}");
        }
        let both = words.concat();
        let is_broken = match root.read(&both) {
            Outcome::Faults(faults) => faults.iter().all(|fault| fault.kind() == FaultKind::RuleBroken),
            _ => false,
        };
        prop_assert_eq!(is_broken, words.iter().all(|words| !words.is_empty()), "{:?}", both);
    }
}
