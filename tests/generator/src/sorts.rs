//! What words may be: types of the standard library and of one's own, each with words that are right and words that are
//! not. A test that has features of the core adds the types of other crates.

use std::collections::BTreeMap;
use std::ffi::{OsStr, OsString};
use std::fmt::Debug;
use std::hash::Hash;
use std::path::PathBuf;

use clavret_core::look::When;
use clavret_core::reader::Held;
use clavret_core::shape::{Form, Shape};
use clavret_core::valid::{self, Test};
use clavret_core::{Attached, Choice, FromWord, Kind, Offer, Refers, Refusal};

/// A type of words, in each shape that a value of it may have.
#[derive(Debug, Clone, Copy)]
pub struct Sort {
    /// What documents call it.
    pub name: &'static str,
    /// Words, and what they are converted to as it is printed for debugging. The validator accepts the first two.
    pub right: &'static [[&'static str; 2]],
    /// Words that are not of the type.
    pub wrong: &'static [&'static str],
    /// A validator, as a document says it, and a word that it refuses.
    pub valid: Option<(&'static dyn Test, &'static str, &'static str)>,
    /// The kind, for a form that is made at run time.
    pub kind: fn() -> Kind<'static>,
    shapes: [(&'static Form<'static>, Show); Shaped::ALL.len()],
}

/// Shows the value of a shape.
type Show = fn(&Held) -> Value;

/// How many words a value has, and how many values there may be.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Shaped {
    Needed,
    Optional,
    Many,
    Two,
    Pair,
    ManyTwos,
    Attached,
    Map,
    /// Entries whose keys have values of their own.
    Keyed,
}

impl Shaped {
    pub const ALL: [Shaped; 9] = {
        use Shaped::*;
        [Needed, Optional, Many, Two, Pair, ManyTwos, Attached, Map, Keyed]
    };

    /// The words of one value.
    pub fn words(self) -> usize {
        if matches!(self, Shaped::Two | Shaped::Pair | Shaped::ManyTwos) { 2 } else { 1 }
    }

    pub fn is_needed(self) -> bool {
        matches!(self, Shaped::Needed | Shaped::Two)
    }

    pub fn is_many(self) -> bool {
        matches!(self, Shaped::Many | Shaped::ManyTwos) || self.is_map()
    }

    pub fn is_map(self) -> bool {
        matches!(self, Shaped::Map | Shaped::Keyed)
    }
}

/// What a parameter was given: each word as it was converted, printed for debugging.
#[derive(Debug, Clone, PartialEq)]
pub enum Value {
    Absent,
    Bare,
    Given(Vec<String>),
}

fn shown<T: Debug>(value: &T) -> String {
    format!("{value:?}")
}

fn given<S: Shape>(held: &Held, words: impl FnOnce(&S) -> Vec<String>) -> Value {
    held.get::<S>().map_or(Value::Absent, |value| match words(value) {
        none if none.is_empty() => Value::Absent,
        words => Value::Given(words),
    })
}

/// The words of a form that is made at run time.
pub(crate) fn of_words(held: &Held) -> Value {
    given::<Vec<OsString>>(held, |words| words.iter().map(|word| shown(&word)).collect())
}

impl Sort {
    pub const fn of<T: FromWord + Debug>(
        name: &'static str,
        right: &'static [[&'static str; 2]],
        wrong: &'static [&'static str],
    ) -> Self {
        let needed = |held: &Held| given::<T>(held, |one| vec![shown(one)]);
        let optional =
            |held: &Held| given::<Option<T>>(held, |one| one.iter().map(shown).collect());
        let many = |held: &Held| given::<Vec<T>>(held, |all| all.iter().map(shown).collect());
        let two = |held: &Held| given::<[T; 2]>(held, |two| two.iter().map(shown).collect());
        let pair = |held: &Held| {
            given::<Option<(T, i8)>>(held, |pair| {
                pair.iter().flat_map(|(one, other)| [shown(one), shown(other)]).collect()
            })
        };
        let twos = |held: &Held| {
            given::<Vec<[T; 2]>>(held, |all| all.iter().flatten().map(shown).collect())
        };
        let attached = |held: &Held| match held.get::<Attached<T>>() {
            Some(Attached::Value(value)) => Value::Given(vec![shown(value)]),
            Some(Attached::Bare) => Value::Bare,
            _ => Value::Absent,
        };
        let map = |held: &Held| {
            given::<BTreeMap<String, T>>(held, |map| {
                map.iter().map(|(key, value)| format!("{key}={value:?}")).collect()
            })
        };
        let keyed = |held: &Held| {
            given::<BTreeMap<Part, T>>(held, |map| {
                map.iter().map(|(key, value)| format!("{key:?}={value:?}")).collect()
            })
        };
        Sort {
            name,
            right,
            wrong,
            valid: None,
            kind: Kind::typed::<T>,
            shapes: [
                (Form::of::<T>(), needed),
                (Form::of::<Option<T>>(), optional),
                (Form::of::<Vec<T>>(), many),
                (Form::of::<[T; 2]>(), two),
                (Form::of::<Option<(T, i8)>>(), pair),
                (Form::of::<Vec<[T; 2]>>(), twos),
                (Form::of::<Attached<T>>(), attached),
                (Form::of::<BTreeMap<String, T>>(), map),
                (Form::of::<BTreeMap<Part, T>>(), keyed),
            ],
        }
    }

    /// The same of a type whose values can be held against each other.
    pub const fn comparable<T: FromWord + Debug + Eq + Hash>(mut self) -> Self {
        self.kind = Kind::comparable::<T>;
        self
    }

    /// With a validator, as a document says it, and a word that it refuses.
    pub const fn valid(
        mut self,
        test: &'static dyn Test,
        document: &'static str,
        refused: &'static str,
    ) -> Self {
        self.valid = Some((test, document, refused));
        self
    }

    /// The form of a shape.
    pub fn form(&self, shape: Shaped) -> &'static Form<'static> {
        self.shapes[shape as usize].0
    }

    pub(crate) fn shown(&self, shape: Shaped) -> Show {
        self.shapes[shape as usize].1
    }

    /// What a word is converted to.
    pub fn converted(&self, word: &str) -> Option<&'static str> {
        self.right.iter().find(|[right, _]| *right == word).map(|[_, converted]| *converted)
    }
}

/// A closed list with words that look like something else.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub enum Hue {
    Blue,
    Black,
    Dark,
    Five,
    Brass,
    Both,
}

impl Choice for Hue {
    const OFFERS: &'static [Offer<'static>] = &[
        Offer::of("blue"),
        Offer::of("black").help("seldom seen"),
        Offer::of("-dark"),
        Offer::of("-5"),
        Offer::of("brass").deprecated("blue"),
        Offer::of("a,b"),
    ];
    const VALUES: &'static [Self] =
        &[Hue::Blue, Hue::Black, Hue::Dark, Hue::Five, Hue::Brass, Hue::Both];
    const PLACEHOLDER: &'static str = "HUE";
}

/// Keys of entries.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub enum Part {
    Note,
    Count,
    Hue,
    Low,
    Old,
}

impl Choice for Part {
    const OFFERS: &'static [Offer<'static>] = &[
        Offer::of("note"),
        Offer::of("count").help("in all").value::<u8>(),
        Offer::of("hue").value::<Hue>(),
        Offer::of("-low").value::<i16>(),
        Offer::of("old").deprecated("note").value::<Code>(),
    ];
    const VALUES: &'static [Self] = &[Part::Note, Part::Count, Part::Hue, Part::Low, Part::Old];
    const PLACEHOLDER: &'static str = "PART";
}

/// A type of one's own: a letter and a number.
#[derive(Debug, Clone, PartialEq, Eq, Hash)]
pub struct Code(char, u8);

impl FromWord for Code {
    const KIND: &'static Kind<'static> = &Kind::new("a hive's code", "A7").explained();

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        let text = word.to_str().ok_or(Refusal::not_text())?;
        let (letter, number) = text.split_at_checked(1).ok_or(Refusal::new())?;
        let letter = letter.chars().next().filter(char::is_ascii_uppercase).ok_or(Refusal::new())?;
        Ok(Code(letter, number.parse().map_err(|_| Refusal::new())?))
    }
}

static FRAMES: valid::Range<u8> = valid::range(0, 20);
static SMALL: valid::Bound<i16> = valid::at_most(9);
static LUCKY: valid::Among<'static, u64> = valid::any_but(&[13, 7]);
static DEGREES: valid::Bound<f64> = valid::at_least(-1.5);
static SHORT: valid::Length = valid::length(0, 4);
static KNOWN: valid::Among<'static, char> = valid::one_of(&['x', 'y']);
static DRY: valid::By<'static, Hue> = valid::by(dry).says("any hue but black");
static THIRDS: valid::MultipleOf<i64> = valid::multiple_of(3);

fn dry(hue: &Hue) -> Result<(), String> {
    if *hue == Hue::Black { Err("it is black".to_owned()) } else { Ok(()) }
}

/// Those that need no feature of the core. The last two only their program knows.
pub const STANDARD: &[Sort] = &[
    Sort::of::<String>(
        "text",
        &[
            ["A7", "\"A7\""],
            ["", "\"\""],
            ["-x", "\"-x\""],
            ["b\\c", "\"b\\\\c\""],
            ["a b", "\"a b\""],
        ],
        &[],
    )
    .comparable::<String>()
    .valid(&SHORT, r#"{ "length": [0, 4] }"#, "longer"),
    Sort::of::<u8>(
        "u8",
        &[["6", "6"], ["0", "0"], ["06", "6"], ["+6", "6"]],
        &["256", "many", "-1", ""],
    )
    .comparable::<u8>()
    .valid(&FRAMES, r#"{ "range": [0, 20] }"#, "21"),
    Sort::of::<i16>("i16", &[["-3", "-3"], ["3", "3"], ["-9", "-9"]], &["3.5", "x"])
        .comparable::<i16>()
        .valid(&SMALL, r#"{ "at-most": 9 }"#, "10"),
    Sort::of::<u64>(
        "u64",
        &[["3", "3"], ["0", "0"], ["18446744073709551615", "18446744073709551615"]],
        &["x"],
    )
    .comparable::<u64>()
    .valid(&LUCKY, r#"{ "any-but": [13, 7] }"#, "13"),
    Sort::of::<i64>("i64", &[["-3", "-3"], ["0", "0"], ["6", "6"]], &["x"])
        .comparable::<i64>()
        .valid(&THIRDS, r#"{ "multiple-of": 3 }"#, "4"),
    Sort::of::<f64>("f64", &[["3.5", "3.5"], ["-1", "-1.0"], ["1e1", "10.0"]], &["nan", "x"])
        .valid(&DEGREES, r#"{ "at-least": -1.5 }"#, "-2"),
    Sort::of::<OsString>("word", &[["A7", "\"A7\""], ["-x", "\"-x\""]], &[])
        .comparable::<OsString>(),
    Sort::of::<PathBuf>(
        "path",
        &[["x.toml", "\"x.toml\""], ["yard/y.toml", "\"yard/y.toml\""]],
        &[""],
    )
    .comparable::<PathBuf>(),
    Sort::of::<char>("character", &[["x", "'x'"], ["y", "'y'"], ["é", "'é'"]], &["xy", ""])
        .comparable::<char>()
        .valid(&KNOWN, r#"{ "one-of": ["x", "y"] }"#, "z"),
    Sort::of::<bool>("truth", &[["yes", "true"], ["off", "false"]], &["maybe"])
        .comparable::<bool>(),
    Sort::of::<When>("when", &[["auto", "Auto"], ["never", "Never"]], &["sometimes"]),
    Sort::of::<Hue>(
        HUE,
        &[
            ["blue", "Blue"],
            ["-dark", "Dark"],
            ["black", "Black"],
            ["-5", "Five"],
            ["a,b", "Both"],
            ["brass", "Brass"],
        ],
        &["pink"],
    )
    .comparable::<Hue>()
    .valid(&DRY, r#"{ "says": "any hue but black", "unchecked": true }"#, "black"),
    Sort::of::<Code>(CODE, &[["A7", "Code('A', 7)"], ["B2", "Code('B', 2)"]], &["7", "A", "-"]),
];

/// The names of kinds that a document lists.
pub const PART: &str = "part";
pub const HUE: &str = "hue";
pub const CODE: &str = "code";

/// A kind that only a form made at run time can have.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Own {
    /// Any text, under a noun.
    Label,
    /// What only a program knows, a number by its look.
    Port,
}

impl Own {
    pub(crate) fn kind(self) -> Kind<'static> {
        match self {
            Own::Label => Kind::new("a label", "A7"),
            Own::Port => i16::KIND.alike("80").negative().refers(Refers::Host).unchecked(),
        }
    }

    pub fn name(self) -> &'static str {
        if self == Own::Label { "label" } else { "port" }
    }
}
