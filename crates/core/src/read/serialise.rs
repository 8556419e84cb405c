//! A reading as `{"command": […], "values": {…}, "origins": {…}}`, in which the parameters of each command stand by
//! their keys, and beside them, by its name, the command below. Numbers and truth words become
//! numbers and booleans by their kind, lists and values of several words become arrays, entries
//! become maps; what is not given is null. A word that is no text is `{"bytes": [255]}`; the key of an entry loses what is none.

use serde::ser::{Serialize, SerializeMap, SerializeSeq, SerializeStruct, Serializer};
use std::ffi::OsStr;

use crate::kind::from_word::FromWord;
use crate::record::kind::{Kind, Noun};
use crate::record::line::Slot;
use crate::record::origin::Origin;
use crate::record::param::{Manner, Role};
use crate::record::reading::Reading;
use crate::text::Listed;

impl Serialize for Reading<'_> {
    fn serialize<S: Serializer>(&self, serializer: S) -> Result<S::Ok, S::Error> {
        let command: Vec<&str> = self.path().0.iter().map(|command| command.name()).listed();
        let mut reading = serializer.serialize_struct("Reading", 3)?;
        reading.serialize_field("command", &command)?;
        reading.serialize_field("values", &Values(Level { reading: self, at: 0 }))?;
        reading.serialize_field("origins", &Origins(Level { reading: self, at: 0 }))?;
        reading.end()
    }
}

/// One of the commands from the root on, and all below it.
#[derive(Clone, Copy)]
struct Level<'r, 'd> {
    reading: &'r Reading<'d>,
    at: usize,
}

impl<'r, 'd> Level<'r, 'd> {
    /// What its own parameters have.
    fn slots(self) -> &'r [Slot<'d>] {
        let base = |at| self.reading.trail.levels().nth(at).map(|level| level.base as usize);
        let all = &self.reading.slots[..];
        let end = base(self.at + 1).unwrap_or(all.len());
        base(self.at).and_then(|start| all.get(start..end)).unwrap_or_default()
    }

    /// The name of the next one, and that.
    fn below(self) -> Option<(&'d str, Self)> {
        let below = Level { at: self.at + 1, ..self };
        let level = self.reading.trail.levels().nth(below.at)?;
        Some((level.command.name(), below))
    }
}

struct Values<'r, 'd>(Level<'r, 'd>);

impl Serialize for Values<'_, '_> {
    fn serialize<S: Serializer>(&self, serializer: S) -> Result<S::Ok, S::Error> {
        let mut values = serializer.serialize_map(None)?;
        for slot in self.0.slots() {
            values.serialize_entry(&slot.param.key(), &Value(self.0.reading, slot))?;
        }
        if let Some((name, below)) = self.0.below() {
            values.serialize_entry(name, &Values(below))?;
        }
        values.end()
    }
}

struct Origins<'r, 'd>(Level<'r, 'd>);

impl Serialize for Origins<'_, '_> {
    fn serialize<S: Serializer>(&self, serializer: S) -> Result<S::Ok, S::Error> {
        let mut origins = serializer.serialize_map(None)?;
        for slot in self.0.slots() {
            let origin = self.0.reading.origin_of(slot);
            if origin != Origin::Absent {
                origins.serialize_entry(&slot.param.key(), &origin.to_string())?;
            }
        }
        if let Some((name, below)) = self.0.below() {
            origins.serialize_entry(name, &Origins(below))?;
        }
        origins.end()
    }
}

struct Value<'r, 'd>(&'r Reading<'d>, &'r Slot<'d>);

impl Serialize for Value<'_, '_> {
    fn serialize<S: Serializer>(&self, serializer: S) -> Result<S::Ok, S::Error> {
        let Value(reading, slot) = self;
        let param = slot.param;
        match param.role() {
            Role::Flag => return Reading::truth(slot).serialize(serializer),
            Role::Tally => return slot.typed.count.serialize(serializer),
            _ => {}
        }
        let pieces = reading.counted(slot);
        let (kinds, manner) = (param.kinds(), param.manner());
        if kinds.iter().any(|kind| kind.sides().is_some()) && !param.is_secret() {
            let mut map = serializer.serialize_map(None)?;
            for piece in &pieces {
                let (key, text) = piece.sides().unwrap_or_default();
                let key = key.to_string_lossy();
                let of_all = kinds[0].sides().map_or(kinds[0], |sides| sides.1);
                let kind = kinds[0].value_of(&key).unwrap_or(of_all);
                map.serialize_entry(&key, &AsTyped { text: &text, kind, manner })?;
            }
            return map.end();
        }
        let each = kinds.len().max(1);
        let words = pieces.iter().enumerate();
        let words: Vec<AsTyped<'_>> = words
            .map(|(at, piece)| AsTyped { text: &piece.text, kind: kinds[at % each], manner })
            .listed();
        match &words[..] {
            _ if param.is_list() && each > 1 => {
                serializer.collect_seq(words.chunks(each).map(Words))
            }
            words if param.is_list() => Words(words).serialize(serializer),
            [] if param.is_attached() && slot.typed.count > 0 => true.serialize(serializer),
            [] => serializer.serialize_none(),
            words if each > 1 => Words(words).serialize(serializer),
            words => words[words.len() - 1].serialize(serializer),
        }
    }
}

struct Words<'w>(&'w [AsTyped<'w>]);

impl Serialize for Words<'_> {
    fn serialize<S: Serializer>(&self, serializer: S) -> Result<S::Ok, S::Error> {
        let mut words = serializer.serialize_seq(Some(self.0.len()))?;
        for word in self.0 {
            words.serialize_element(word)?;
        }
        words.end()
    }
}

struct AsTyped<'w> {
    text: &'w OsStr,
    kind: &'w Kind<'w>,
    manner: Manner,
}

impl Serialize for AsTyped<'_> {
    fn serialize<S: Serializer>(&self, serializer: S) -> Result<S::Ok, S::Error> {
        let AsTyped { text, kind, manner } = *self;
        if kind.noun() == Noun::Whole {
            if let Ok(number) = u64::from_word_in(text, manner) {
                return serializer.serialize_u64(number);
            }
            if let Ok(number) = i64::from_word_in(text, manner) {
                return serializer.serialize_i64(number);
            }
        }
        match (kind.noun(), f64::from_word(text), bool::from_word(text)) {
            (Noun::Number, Ok(number), _) => serializer.serialize_f64(number),
            (Noun::Truth, _, Ok(truth)) => serializer.serialize_bool(truth),
            _ => match text.to_str() {
                Some(text) => serializer.serialize_str(text),
                None => {
                    let mut word = serializer.serialize_map(Some(1))?;
                    word.serialize_entry("bytes", text.as_encoded_bytes())?;
                    word.end()
                }
            },
        }
    }
}
