//! What a reading tells besides its values: where each came from, in which order they were typed, and
//! all of them as a table or serialised.

use std::ffi::{OsStr, OsString};
use std::fmt;
use std::ops::Range;

use super::convert::that_count;
use crate::record::fault::Place;
use crate::record::key::{Key, is_key};
use crate::record::line::{Piece, Slot};
use crate::record::origin::Origin;
use crate::record::param::{Param, Role, is as is_record};
use crate::record::reading::Reading;
use crate::record::step::{Meaning, Step};
use crate::text::columns::columns;
use crate::text::quote::{quoted, visible};
use crate::text::{DOTS, Listed, spaced};

impl fmt::Display for Origin {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        match self {
            Origin::Word(at) => write!(f, "word {}", at + 1),
            Origin::Variable(name) => write!(f, "${name}"),
            Origin::Setting { file, line, column } => write!(f, "{file}:{line}:{column}"),
            Origin::Default => f.write_str("default"),
            Origin::Absent => f.write_str("not given"),
        }
    }
}

/// Something that was typed, in the order of the line; see [`Reading::occurrences`].
#[derive(Debug, Clone)]
pub struct Occurrence<'d> {
    param: &'d Param<'d>,
    values: Range<usize>,
}

impl<'d> Occurrence<'d> {
    /// Whether this is an occurrence of a key.
    pub fn is(&self, key: &impl Key) -> bool {
        is_key(key, self.param)
    }

    /// The parameter that was typed.
    pub const fn param(&self) -> &'d Param<'d> {
        self.param
    }

    /// Which values of the key's list it gave: one, or several where a word is split.
    pub fn values(&self) -> Range<usize> {
        self.values.clone()
    }
}

/// A parameter with what a reading has of it, whatever its type: see [`Reading::params`].
#[derive(Clone, Copy)]
pub struct Given<'r, 'd> {
    reading: &'r Reading<'d>,
    slot: &'r Slot<'d>,
}

impl<'r, 'd> Given<'r, 'd> {
    /// The parameter that has these values.
    pub const fn param(&self) -> &'d Param<'d> {
        self.slot.param
    }

    /// Whether a word, a variable or the config file gives it; otherwise it has its default, or nothing.
    pub fn is_given(&self) -> bool {
        self.slot.typed.count > 0 || self.slot.outer.is_some()
    }

    /// Where its value came from.
    pub fn origin(&self) -> Origin {
        self.reading.origin_of(self.slot)
    }

    /// The words of its value, wherever they came from; several in a word are parted, and those of an earlier
    /// value that a later one replaced are left out. Those of a secret are there too.
    pub fn words(&self) -> Vec<OsString> {
        let pieces = that_count(self.slot, self.reading.input());
        pieces.into_iter().map(|piece| piece.text.into_owned()).listed()
    }

    /// Where these words stand, each by its bytes: in the line, the variable or the config file; those of a
    /// default nowhere.
    pub fn places(&self) -> Vec<Place> {
        that_count(self.slot, self.reading.input()).iter().map(|piece| piece.place).listed()
    }

    /// The bytes of the line that are about it, in the order typed: names, and words of its values.
    pub fn steps(&self) -> impl Iterator<Item = &'r Step> + use<'r, 'd> {
        let (reading, param) = (self.reading, self.slot.param);
        let of = move |step: &&Step| {
            reading.slots.get(step.slot as usize).is_some_and(|slot| is_record(slot.param, param))
        };
        reading.steps.iter().filter(of)
    }

    /// How often it was given on the line: what a tally counts.
    pub fn times_typed(&self) -> usize {
        self.slot.typed.count as usize / self.slot.param.kinds().len().max(1)
    }

    /// Whether a flag is on, where anything says so.
    pub fn truth(&self) -> Option<bool> {
        Reading::truth(self.slot)
    }
}

impl fmt::Debug for Given<'_, '_> {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        let mut given = f.debug_struct("Given");
        given.field("param", self.param()).field("origin", &self.origin()).finish_non_exhaustive()
    }
}

impl<'d> Reading<'d> {
    /// Each parameter that the line could have given, in the order declared, the root's first, with what there
    /// is of it: for whoever does not have its key, such as a tool that works on any declaration.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Command, Named, Outcome};
    /// use clavret::reader::Origin;
    /// static FRAMES: Named<u8> = Named::new("frames").letter('f').default("0");
    /// static NOTES: Named<Vec<String>> = Named::new("note");
    /// static INSPECT: Command = Command::new("inspect").takes(&[FRAMES.param(), NOTES.param()]);
    ///
    /// let words = ["--note=queen", "--note", "brood"];
    /// let Outcome::Reading(reading) = INSPECT.read(&words) else { panic!() };
    /// let [frames, notes] = reading.params().collect::<Vec<_>>()[..] else { panic!() };
    /// assert_eq!((frames.is_given(), frames.words(), frames.origin()), (false, vec!["0".into()], Origin::Default));
    /// assert_eq!(notes.words(), ["queen", "brood"]);
    /// assert_eq!((notes.param().name(), notes.origin()), ("note", Origin::Word(2)));
    /// ```
    pub fn params(&self) -> impl Iterator<Item = Given<'_, 'd>> {
        self.slots.iter().map(|slot| Given { reading: self, slot })
    }

    /// Where the value of a key came from.
    ///
    /// # Panics
    ///
    /// As [`get`](Reading::get).
    pub fn origin(&self, key: &impl Key) -> Origin {
        match self.slot_of(key) {
            Some(slot) => self.origin_of(&self.slots[slot]),
            None => self.foreign(key.record()),
        }
    }

    pub(crate) fn origin_of(&self, slot: &Slot<'_>) -> Origin {
        if let Some(step) = self.steps.get(slot.typed.last as usize) {
            return Origin::Word(step.word());
        }
        let place = slot
            .outer
            .as_ref()
            .map(|outer| outer.words.first().map_or(outer.place, |word| word.place));
        match (place, self.around.settings()) {
            (Some(Place::Setting { start, .. }), Some(settings)) => {
                let (line, column) = settings.position(start);
                Origin::Setting { file: settings.file.clone(), line, column }
            }
            (Some(_), _) => Origin::Variable(slot.param.variable().to_owned()),
            (None, _) if slot.param.default().is_some() => Origin::Default,
            (None, _) => Origin::Absent,
        }
    }

    /// What was typed, in the order of the line: each occurrence of an option, flag or tally, and
    /// each operand.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Command, Named, Outcome};
    /// static WITH: Named<Vec<String>> = Named::new("with");
    /// static WITHOUT: Named<Vec<String>> = Named::new("without");
    /// static LIST: Command = Command::new("list").takes(&[WITH.param(), WITHOUT.param()]);
    ///
    /// let words = ["--with=a", "--without=b", "--with=c"];
    /// let Outcome::Reading(reading) = LIST.read(&words) else { panic!() };
    /// let typed: Vec<String> = reading.occurrences().map(|typed| {
    ///     let sign = if typed.is(&WITH) { '+' } else { '-' };
    ///     let list = reading.get(if typed.is(&WITH) { &WITH } else { &WITHOUT });
    ///     format!("{sign}{}", list[typed.values()][0])
    /// }).collect::<Vec<_>>();
    /// assert_eq!(typed, ["+a", "-b", "+c"]);
    /// ```
    pub fn occurrences(&self) -> impl Iterator<Item = Occurrence<'d>> + '_ {
        let mut words = vec![0; self.slots.len()];
        let mut values = vec![0; self.slots.len()];
        self.steps.iter().enumerate().filter_map(move |(at, step)| {
            let slot = self.slots.get(step.slot as usize)?;
            let (param, of) = (slot.param, step.slot as usize);
            let names_value = self
                .steps
                .get(at + 1)
                .is_some_and(|next| next.slot == step.slot && next.meaning == Meaning::Value);
            if !step.is_of_value()
                && (names_value || !(param.kinds().is_empty() || param.is_attached()))
            {
                return None;
            }
            let each = param.kinds().len().max(1);
            words[of] += 1;
            if !(words[of] - 1_usize).is_multiple_of(each) {
                return None;
            }
            let count = match param.delimiter() {
                Some(delimiter) => {
                    let word = crate::read::convert::typed(step, self.words);
                    crate::read::split::split(&word, delimiter).len()
                }
                None => 1,
            };
            let first = values[of];
            values[of] += count;
            Some(Occurrence { param, values: first..first + count })
        })
    }

    /// The words of a slot's value that count, as they were typed; dots for a secret. Where a
    /// parameter gives one value, the last one typed does.
    pub(super) fn counted<'s>(&'s self, slot: &'s Slot<'_>) -> Vec<Piece<'s>> {
        let pieces = that_count(slot, self.input());
        if slot.param.is_secret() && !pieces.is_empty() {
            return vec![Piece::new(OsStr::new(DOTS), Place::Nowhere)];
        }
        pieces
    }

    /// Whether a flag is on, where anything says so.
    pub(super) fn truth(slot: &Slot<'_>) -> Option<bool> {
        slot.cell.peek::<bool>().copied().flatten()
    }

    /// A slot's value for people.
    fn shown(&self, slot: &Slot<'_>) -> String {
        match slot.param.role() {
            Role::Flag => match Self::truth(slot) {
                Some(true) => "on".to_owned(),
                Some(false) => "off".to_owned(),
                None => String::new(),
            },
            Role::Tally => slot.typed.count.to_string(),
            _ => {
                let pieces = self.counted(slot);
                let texts = pieces.iter().map(|piece| quoted(&piece.text)).listed();
                spaced(&texts.iter().map(String::as_str).listed())
            }
        }
    }
}

/// Columns of a value that the rows above and below it make room for.
const WIDEST: usize = 40;

/// A table: the command, then a line for each parameter with its name, its value as typed and where
/// that came from.
impl fmt::Debug for Reading<'_> {
    #[inline] // compiled where a reading is printed
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        let mut rows = Vec::new();
        for slot in &self.slots {
            let origin = match self.origin_of(slot) {
                Origin::Absent => "-".to_owned(),
                origin => visible(&origin.to_string()),
            };
            rows.push([slot.param.spelled(), self.shown(slot), origin]);
        }
        let wide = |text: &str| columns(text).min(WIDEST);
        let width = |column: usize| rows.iter().map(|row| wide(&row[column])).max().unwrap_or(0);
        let widths = [width(0), width(1)];
        f.write_str(&visible(&self.path().text()))?;
        for [name, value, origin] in &rows {
            // A longer value pushes aside what follows in its own row alone.
            let pad = |text: &str, width: usize| " ".repeat(width - wide(text) + 2);
            let (behind_name, behind_value) = (pad(name, widths[0]), pad(value, widths[1]));
            write!(f, "\n  {}{behind_name}{value}{behind_value}{origin}", visible(name))?;
        }
        Ok(())
    }
}
