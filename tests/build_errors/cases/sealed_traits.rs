//! Traits whose values are made by the library alone.

use clavret::{FromWord, Kind, Refusal};
use clavret::shape::{FlagShape, ListShape, Shape};
use std::ffi::OsStr;

struct Mood;

impl FromWord for Mood {
    const KIND: &'static Kind<'static> = &Kind::new("a mood", "calm");

    fn from_word(_: &OsStr) -> Result<Self, Refusal> {
        Ok(Mood)
    }
}

impl FlagShape for Mood {
    const UNGIVEN: &'static Self = &Mood;
}

impl ListShape for Mood {}

fn takes_shape<S: Shape>() {}

fn main() {
    takes_shape::<Mood>();
}
