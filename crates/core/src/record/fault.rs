//! The facts of what is wrong with a command line. How it is mended and drawn stands in `fault/`.

use super::brought::{Brings, Say};
use super::mend::Mend;
use super::param::{Param, Times, is as is_record};
use super::refusal::Reason;
use super::rule::Rule;
use super::unread::Unread;
use crate::text::Listed;
use crate::wording::with_dashes;

/// What a developer's own test of a reading holds against it. See
/// [`Command::judged_by`](crate::Command::judged_by).
#[derive(Debug, Clone)]
pub struct Objection {
    pub(crate) text: String,
    /// The records of the keys that it is about, by their addresses.
    pub(crate) about: Vec<usize>,
}

/// One thing that is wrong with a command line.
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
    ($($(#[$about:meta])* $kind:ident,)*) => {
        /// What is wrong.
        #[derive(Debug, Clone, Copy, PartialEq, Eq)]
        #[non_exhaustive]
        pub enum FaultKind {
            $($(#[$about])* $kind,)*
        }

        impl FaultKind {
            /// All of them.
            pub const ALL: &'static [FaultKind] = &[$(FaultKind::$kind,)*];
        }
    };
}

fault_kinds! {
    /// An option that nothing in reach is called.
    OptionUnknown,
    /// An abbreviation that several options begin with.
    OptionAmbiguous,
    /// An option that may be given once is given again.
    OptionRepeated,
    /// A needed option is not given.
    OptionMissing,
    /// A word where a subcommand is wanted that none is called.
    CommandUnknown,
    /// An abbreviation that several subcommands begin with.
    CommandAmbiguous,
    /// A command that needs a subcommand got none.
    CommandMissing,
    /// A needed operand is not given.
    OperandMissing,
    /// A word more than the command takes.
    OperandExtra,
    /// An option is given without its value.
    ValueMissing,
    /// A value is attached to something that takes none.
    ValueUnwanted,
    /// The first of several words is attached to the option's name.
    ValueAttached,
    /// A word is not of the kind that the parameter takes.
    ValueMisfit,
    /// A validator refuses a value.
    ValueRefused,
    /// A word is not text in UTF-8, and the parameter takes only text.
    ValueNotText,
    /// A list has fewer or more values than it must have.
    ValuesMiscounted,
    /// A value stands twice in a list that has each once.
    ValueTwice,
    /// What must be at a path is not, or what may not be is.
    PathRefused,
    /// A file cannot be read: that of a secret, or the config file.
    FileUnread,
    /// Parameters do not go together, or one needs another.
    RuleBroken,
    /// The developer's own test refuses the reading as a whole.
    ReadingRefused,
    /// A key of the config file that nothing is called.
    SettingUnknown,
    /// The config file cannot be understood.
    SettingMalformed,
}

/// What is known of a fault beside its kind and its place: see [`Fault::facts`].
#[derive(Debug, Clone, Copy)]
#[non_exhaustive]
pub enum Facts<'f> {
    /// Nothing more.
    Nothing,
    /// A value is wrong: which of the words of its parameter's value, counted from 0, and how many after it
    /// are meant too, as a pair is refused as a whole.
    Word {
        /// Which word.
        at: usize,
        /// How many after it.
        more: usize,
    },
    /// A value is there in part.
    Part {
        /// The words that are there.
        found: usize,
        /// The words that it has.
        words: usize,
    },
    /// A list has too few values or too many; words, of an operand.
    Count {
        /// How many there are.
        found: usize,
        /// How many there must be at least.
        fewest: u32,
        /// How many there may be.
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

    /// Where.
    pub const fn place(&self) -> Place {
        self.place
    }

    /// What else is known of it, by its kind.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Command, Operand, Outcome};
    /// use clavret::faults::Facts;
    /// static COMBS: Operand<Vec<f64>> = Operand::new("kilograms").times(2, 3);
    /// static HARVEST: Command = Command::new("harvest").takes(&[COMBS.param()]);
    /// let Outcome::Faults(faults) = HARVEST.read(&["3.5"]) else { panic!() };
    /// let fault = faults.iter().next().unwrap();
    /// assert!(matches!(fault.facts(), Facts::Count { found: 1, fewest: 2, most: 3 }));
    /// assert_eq!(faults.sentence_of(fault), "KILOGRAMS takes at least two, not one");
    /// ```
    pub fn facts(&self) -> Facts<'_> {
        use FaultKind::{
            FileUnread, OperandMissing, PathRefused, RuleBroken, ValueMisfit, ValueMissing,
            ValueNotText, ValueRefused, ValueTwice, ValuesMiscounted,
        };
        match (self.kind, self.param) {
            (ValueMissing | OperandMissing, Some(param)) => {
                Facts::Part { found: self.count, words: param.kinds().len() }
            }
            (ValuesMiscounted, Some(param)) => {
                let Times { min: fewest, max: most } = param.miscounted_times();
                Facts::Count { found: self.count, fewest, most }
            }
            (ValueMisfit | ValueRefused | ValueNotText | ValueTwice | PathRefused, _) => {
                Facts::Word { at: self.which(), more: self.more() }
            }
            (RuleBroken, _) => self.rule.map_or(Facts::Nothing, Facts::Rule),
            (FileUnread, _) => self.unread.as_deref().map_or(Facts::Nothing, Facts::File),
            _ => Facts::Nothing,
        }
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

impl FaultKind {
    /// What it is called where a program reads of it: `option-unknown`.
    pub fn name(self) -> String {
        with_dashes(&format!("{self:?}"))
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
