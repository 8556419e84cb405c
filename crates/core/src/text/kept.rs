//! Texts that are kept until all is told. Pages and faults are made of hundreds of small ones, used once or twice: to
//! free each where it was made is as much code as to make it, and is there twice, as a panic may come between.

use std::cell::{Cell, OnceCell};
use std::ffi::{OsStr, OsString};

/// What is kept as long as this is.
#[derive(Debug)]
pub(crate) struct Kept {
    count: Cell<usize>,
    /// Room for one thing, for two more, for four more: what has a place stays there.
    rooms: [OnceCell<Box<[OnceCell<OsString>]>>; usize::BITS as usize],
}

impl Kept {
    pub(crate) const fn new() -> Self {
        Kept { count: Cell::new(0), rooms: [const { OnceCell::new() }; usize::BITS as usize] }
    }

    /// Keeps a word.
    #[inline(never)]
    pub(crate) fn word(&self, word: OsString) -> &OsStr {
        let place = self.count.get() + 1;
        self.count.set(place);
        let room = place.ilog2() as usize;
        let places = self.rooms[room].get_or_init(|| vec![OnceCell::new(); 1 << room].into());
        places[place - (1 << room)].get_or_init(|| word)
    }

    /// Keeps a text.
    #[inline(never)]
    pub(crate) fn text(&self, text: String) -> &str {
        self.word(text.into()).to_str().unwrap_or_default()
    }
}
