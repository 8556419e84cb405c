//! Texts that are kept until all is told. Pages and faults are made of hundreds of small ones, used once or twice: to
//! free each where it was made is as much code as to make it, and is there twice, as a panic may come between.

use std::cell::{Cell, OnceCell};
use std::ffi::{OsStr, OsString};

/// What is kept as long as this is.
#[derive(Debug, Default)]
pub(crate) struct Kept {
    count: Cell<usize>,
    room: OnceCell<Box<Room>>,
}

/// What has a place stays there: where one room is full, there is one of twice the size behind it.
#[derive(Debug)]
struct Room {
    places: Vec<OnceCell<OsString>>,
    behind: OnceCell<Box<Room>>,
}

impl Kept {
    /// Places of the first room.
    const FIRST: usize = 4;

    /// Keeps a word.
    #[inline(never)]
    pub(crate) fn word(&self, word: OsString) -> &OsStr {
        let (mut room, mut size, mut place) = (&self.room, Self::FIRST, self.count.get());
        self.count.set(place + 1);
        loop {
            let Room { places, behind } = &**room.get_or_init(|| Room::new(size));
            match places.get(place) {
                Some(place) => return place.get_or_init(|| word),
                None => (room, place, size) = (behind, place - size, 2 * size),
            }
        }
    }

    /// Keeps a text.
    #[inline(never)]
    pub(crate) fn text(&self, text: String) -> &str {
        self.word(text.into()).to_str().unwrap_or_default()
    }
}

impl Room {
    #[inline(never)]
    fn new(size: usize) -> Box<Self> {
        let mut places = Vec::new();
        places.resize_with(size, OnceCell::new);
        Box::new(Room { places, behind: OnceCell::new() })
    }
}
