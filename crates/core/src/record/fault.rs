//! The facts of what is wrong with a command line. How it is mended and drawn stands in `fault/`.

use super::brought::{Brings, Say};
use super::mend::Mend;
use super::param::{Param, is as is_record};
use super::refusal::Reason;
use super::rule::Rule;
use super::unread::Unread;
use crate::text::Listed;

/// What a developer's own test of a reading holds against it. See
/// [`Command::judged_by`](crate::Command::judged_by).
#[derive(Debug, Clone)]
pub struct Objection {
    pub(crate) text: String,
    /// The records of the keys that it is about, by their addresses.
    pub(crate) about: Vec<usize>,
}

/// One thing that is wrong with a command line.
#[doc(alias("parse error"))]
#[derive(Debug, Clone)]
pub struct Fault<'d> {
    pub(crate) kind: FaultKind,
    pub(crate) place: Place,
    pub(crate) param: Option<&'d Param<'d>>,
    /// Which word of the parameter's value it is about.
    pub(crate) which: u32,
    pub(crate) reason: Option<Reason>,
    /// Why a file cannot be read.
    pub(crate) unread: Option<Box<Unread>>,
    /// How many there are of what is missing or too many.
    pub(crate) count: usize,
    /// Words after the one of the place that it is about too: a pair is refused as a whole.
    pub(crate) more: u32,
    /// Other places that it is about: the members of a rule.
    pub(crate) also: Vec<Place>,
    pub(crate) rule: Option<&'d Rule<'d>>,
    /// What says it, and what mends it, where only some programs can have it.
    pub(crate) brings: Option<&'static Brings>,
}

/// Makes the kinds of faults, and the list of them.
macro_rules! fault_kinds {
    ($($(#[$about:meta])* $kind:ident $name:literal,)*) => {
        /// What is wrong.
        #[derive(Debug, Clone, Copy, PartialEq, Eq)]
        #[non_exhaustive]
        pub enum FaultKind {
            $($(#[$about])* $kind,)*
        }

        impl FaultKind {
            /// All of them.
            pub const ALL: &'static [FaultKind] = &[$(FaultKind::$kind,)*];

            /// What it is called where another program reads it: `option-unknown`. These names stay as they are.
            pub const fn name(self) -> &'static str {
                match self {
                    $(FaultKind::$kind => $name,)*
                }
            }
        }
    };
}

fault_kinds! {
    /// An option that nothing in reach is called.
    OptionUnknown "option-unknown",
    /// An abbreviation that several options begin with.
    OptionAmbiguous "option-ambiguous",
    /// An option that may be given once is given again.
    OptionRepeated "option-repeated",
    /// A needed option is not given.
    OptionMissing "option-missing",
    /// A word where a subcommand is wanted that none is called.
    CommandUnknown "command-unknown",
    /// An abbreviation that several subcommands begin with.
    CommandAmbiguous "command-ambiguous",
    /// A command that needs a subcommand got none.
    CommandMissing "command-missing",
    /// A needed operand is not given.
    OperandMissing "operand-missing",
    /// A word more than the command takes.
    OperandExtra "operand-extra",
    /// An option is given without its value.
    ValueMissing "value-missing",
    /// A value is attached to something that takes none.
    ValueUnwanted "value-unwanted",
    /// The first of several words is attached to the option's name.
    ValueAttached "value-attached",
    /// A word is not of the kind that the parameter takes.
    ValueMisfit "value-misfit",
    /// A validator refuses a value.
    ValueRefused "value-refused",
    /// A word is not text in UTF-8, and the parameter takes only text.
    ValueNotText "value-not-text",
    /// A list has fewer or more values than it must have.
    ValuesMiscounted "values-miscounted",
    /// A value stands twice in a list that has each once.
    ValueTwice "value-twice",
    /// What must be at a path is not, or what may not be is.
    PathRefused "path-refused",
    /// A file cannot be read: that of a secret, or the config file.
    FileUnread "file-unread",
    /// Parameters do not go together, or one needs another.
    RuleBroken "rule-broken",
    /// The developer's own test refuses the reading as a whole.
    ReadingRefused "reading-refused",
    /// A key of the config file that nothing is called.
    SettingUnknown "setting-unknown",
    /// The config file cannot be understood.
    SettingMalformed "setting-malformed",
}

/// What is known of a fault beside its kind and its place, for a program to act on: see
/// [`Faults::facts_of`](crate::faults::Faults::facts_of).
#[derive(Debug, Clone)]
#[non_exhaustive]
pub enum Facts<'f> {
    /// Nothing more is known.
    Nothing,
    /// An option, or a command, has no such name here.
    Unknown {
        /// The commands that have it, each by the names that lead there from the root.
        owners: Vec<Vec<&'f str>>,
    },
    /// A value is wrong, as what is accepted says.
    Word {
        /// Which of the words of the parameter's value it is, counted from 0.
        at: usize,
        /// How many words after it are meant too: a pair is refused as a whole.
        more: usize,
        /// The values that are accepted, as text, where they are a closed list; deprecated ones are left out.
        choices: Vec<String>,
        /// The lowest value that is accepted, as text; of several bounds the narrowest.
        lowest: Option<String>,
        /// The highest value that is accepted, as text; of several bounds the narrowest.
        highest: Option<String>,
    },
    /// A value is there in part.
    Part {
        /// How many of its words are there.
        found: usize,
        /// How many words it has.
        words: usize,
    },
    /// A list has too few values or too many; for an operand they are words.
    Count {
        /// How many there are.
        found: usize,
        /// How many there must be at least.
        fewest: u32,
        /// How many there may be at most.
        most: u32,
    },
    /// A rule is broken.
    Rule(&'f Rule<'f>),
    /// A file cannot be read.
    File(&'f Unread),
}

/// Where it is wrong.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
pub enum Place {
    /// Bytes of a word.
    At {
        /// Which word, counted from 0.
        word: usize,
        /// The first byte.
        start: usize,
        /// The byte after the last.
        end: usize,
    },
    /// Something is missing in front of this word; after the last one where there are that many.
    Before(usize),
    /// Bytes of the value of the parameter's environment variable.
    Variable {
        /// The first byte.
        start: usize,
        /// The byte after the last.
        end: usize,
    },
    /// Bytes of the config file.
    Setting {
        /// The first byte.
        start: usize,
        /// The byte after the last.
        end: usize,
    },
    /// Nowhere that can be pointed at: a default does not read.
    Nowhere,
}

impl<'d> Fault<'d> {
    pub(crate) const fn new(kind: FaultKind, place: Place) -> Self {
        Fault {
            kind,
            place,
            param: None,
            which: 0,
            reason: None,
            unread: None,
            count: 0,
            more: 0,
            also: Vec::new(),
            rule: None,
            brings: None,
        }
    }

    pub(crate) fn of(kind: FaultKind, place: Place, param: &'d Param<'d>) -> Self {
        Fault { param: Some(param), ..Fault::new(kind, place) }
    }

    /// What is wrong.
    pub const fn kind(&self) -> FaultKind {
        self.kind
    }

    /// Where on the line, or outside of it, the fault is.
    pub const fn place(&self) -> Place {
        self.place
    }

    /// The parameters that are meant: the one that it is about, and those that a broken rule is about.
    pub fn params(&self) -> Vec<&'d Param<'d>> {
        let mut params: Vec<&'d Param<'d>> = self.param.into_iter().listed();
        if let Some(rule) = self.rule {
            let all = rule
                .when()
                .map(|(param, _)| param)
                .into_iter()
                .chain(rule.members().iter().copied());
            for param in all {
                if !params.iter().any(|other| is_record(other, param)) {
                    params.push(param);
                }
            }
        }
        params
    }

    /// Where it is wrong, first the [place](Fault::place); a broken rule has one for each member that is there.
    pub fn places(&self) -> impl Iterator<Item = Place> + '_ {
        std::iter::once(self.place).chain(self.also.iter().copied())
    }

    /// The parameter it is about, if one is known.
    pub const fn param(&self) -> Option<&'d Param<'d>> {
        self.param
    }

    /// Why a file cannot be read, if that is wrong.
    pub fn unread(&self) -> Option<&Unread> {
        self.unread.as_deref()
    }

    /// The rule that is broken, if it is about one.
    pub const fn rule(&self) -> Option<&'d Rule<'d>> {
        self.rule
    }

    /// What says it, where it brings that along.
    pub(crate) fn say(&self) -> Option<Say> {
        self.brings?.say
    }

    /// What may help against it, where it brings that along.
    pub(crate) fn mend(&self) -> Option<Mend> {
        self.brings?.mend
    }

    /// The same, with what it brings along.
    pub(crate) fn with(self, brings: &'static Brings) -> Self {
        Fault { brings: Some(brings), ..self }
    }

    /// Why the conversion or a validator refuses, if one does.
    pub(crate) const fn reason(&self) -> Option<&Reason> {
        self.reason.as_ref()
    }

    /// How many words or values are there.
    pub(crate) const fn count(&self) -> usize {
        self.count
    }

    pub(crate) const fn which(&self) -> usize {
        self.which as usize
    }

    pub(crate) const fn more(&self) -> usize {
        self.more as usize
    }

    /// Whether the program itself is wrong, and not the line: a default does not read.
    pub(crate) fn is_mistake(&self) -> bool {
        use FaultKind::{ValueMisfit, ValueNotText, ValueRefused, ValueTwice, ValuesMiscounted};
        self.place == Place::Nowhere
            && self.param.is_some_and(|param| param.default().is_some())
            && matches!(
                self.kind,
                ValueMisfit | ValueNotText | ValueRefused | ValueTwice | ValuesMiscounted
            )
    }

    /// Whether it is on the command line.
    pub(crate) const fn is_on_line(&self) -> bool {
        matches!(self.place, Place::At { .. } | Place::Before(_))
    }

    /// Whether a name is not known: that of an option or of a command.
    pub(crate) fn is_of_name(&self) -> bool {
        use FaultKind::{CommandAmbiguous, CommandUnknown, OptionAmbiguous, OptionUnknown};
        matches!(self.kind, OptionUnknown | OptionAmbiguous | CommandUnknown | CommandAmbiguous)
    }

    /// For the order in which faults are shown: as their places stand in the line.
    pub(crate) fn order(&self) -> (usize, usize) {
        self.place.order()
    }
}

impl Place {
    pub(crate) const fn is_of_setting(self) -> bool {
        matches!(self, Place::Setting { .. })
    }

    /// For the order of places, as they stand in the line.
    pub(crate) fn order(self) -> (usize, usize) {
        match self {
            Place::At { word, start, .. } => (word, start),
            Place::Before(word) => (word, 0),
            // After the line: the environment, then the config file.
            Place::Variable { start, .. } => (usize::MAX - 2, start),
            Place::Setting { start, .. } => (usize::MAX - 1, start),
            Place::Nowhere => (usize::MAX, 0),
        }
    }
}
