//! What setters write that a row of `tables/` cannot say; `settings.rs` has the rest. Which of them go together is looked at
//! elsewhere.

use super::{Param, Times, Twin};

writes! { Param:
    set_times(times: Times) times = times;
    set_twin(twin: Twin) twin = Some(twin);
    set_static() draft = false;
}

impl Param<'_> {
    /// Notes that a setter was called, by its bit; tells whether that was the first time.
    #[inline]
    pub(crate) const fn set_said(&mut self, bit: u64) -> bool {
        self.said.note(bit)
    }

    /// A letter, or one that is none: then it is kept for whoever tells so. The only name of a parameter is not changed.
    #[inline]
    pub(crate) const fn set_letter(&mut self, letter: char, is_one: bool) {
        match is_one {
            false => self.no_letters[0] = Some(letter),
            true if self.name.len() == 1 => {}
            true => self.letter = letter as u8,
        }
    }

    /// The same of the opposite.
    #[inline]
    pub(crate) const fn set_opposite_letter(&mut self, letter: char, is_one: bool) {
        match is_one {
            false => self.no_letters[1] = Some(letter),
            true => self.opposite_letter = letter as u8,
        }
    }
}
