//! Which setters were called, and which of them twice: the order in which they were has no meaning, and
//! what is said twice is a problem, as one of the two would be lost.

use super::settings::{command, param};

/// The setters that were called: a bit for each; and in the upper byte the first that was called twice,
/// counted from 1.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Said(u64);

/// Where the number of what was called twice begins.
const TWICE: u32 = 56;

impl Said {
    pub(crate) const NOTHING: Said = Said(0);

    pub(crate) const fn of(bits: u64) -> Self {
        Said(bits)
    }

    /// Notes a call; tells whether it is the first one.
    pub(crate) const fn note(&mut self, bit: u64) -> bool {
        let is_first = self.0 & bit == 0;
        self.0 |= bit;
        if !is_first {
            let number = bit.trailing_zeros() as u64 + 1;
            let known = self.0 >> TWICE;
            if known == 0 || number < known {
                self.0 = self.0 & (u64::MAX >> (64 - TWICE)) | number << TWICE;
            }
        }
        is_first
    }

    /// Whether one of some setters was called.
    pub(crate) const fn has(self, bits: u64) -> bool {
        self.0 & bits != 0
    }

    /// The number of the first setter, of some, that was called.
    pub(crate) const fn first(self, bits: u64) -> Option<usize> {
        match self.0 & bits {
            0 => None,
            called => Some(called.trailing_zeros() as usize),
        }
    }

    /// The number of the first setter that was called twice.
    pub(crate) const fn twice(self) -> Option<usize> {
        match self.0 >> TWICE {
            0 => None,
            number => Some(number as usize - 1),
        }
    }
}

impl Said {
    /// What the setters are called that were called.
    #[inline]
    pub(crate) fn names(
        self,
        names: &'static [&'static str],
    ) -> impl Iterator<Item = &'static str> {
        names.iter().enumerate().filter(move |(at, _)| self.has(1 << at)).map(|(_, name)| *name)
    }
}

/// The setters of parameters and those of commands.
#[doc(hidden)]
pub const SETTERS: [&[&str]; 2] = [param::NAMES, command::NAMES];
