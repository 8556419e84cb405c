//! Texts that are kept until all is told. Pages and faults are made of hundreds of small ones, used once or twice: to
//! free each where it was made is as much code as to make it, and is there twice, as a panic may come between.

use std::cell::{Cell, OnceCell};

/// What is kept as long as this is.
#[derive(Debug)]
pub(crate) struct Kept<T> {
    count: Cell<usize>,
    /// Room for one thing, for two more, for four more: what has a place stays there.
    rooms: [OnceCell<Box<[OnceCell<T>]>>; usize::BITS as usize],
}

impl<T> Kept<T> {
    pub(crate) const fn new() -> Self {
        Kept { count: Cell::new(0), rooms: [const { OnceCell::new() }; usize::BITS as usize] }
    }

    /// Keeps something.
    #[inline(never)]
    pub(crate) fn keep(&self, what: T) -> &T {
        let place = self.count.get() + 1;
        self.count.set(place);
        let room = place.ilog2() as usize;
        let places = self.rooms[room]
            .get_or_init(|| (0..1_usize << room).map(|_| OnceCell::new()).collect());
        places[place - (1 << room)].get_or_init(|| what)
    }
}
