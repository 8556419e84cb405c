//! What setters write: a method for each, which nothing else has. Which of them go together is looked at elsewhere.

use super::{Param, Tail, Times, Twin};
use crate::record::alone::Alone;
use crate::record::kind::Refers;
use crate::record::list::Lister;
use crate::record::path::At;
use crate::record::said::param as said;
use crate::record::test::Test;

writes! { Param:
    set_help(help: &'d str) help = help;
    set_description(description: &'d str) description = description;
    set_hidden() hidden = true;
    set_instead(instead: &'d str) instead = instead;
    set_variable(name: &'d str) variable = name;
    set_alone(alone: &'d dyn Alone) alone = Some(alone);
    set_aliases(aliases: &'d [&'d str]) aliases = aliases;
    set_former_names(names: &'d [&'d str]) former = names;
    set_throughout() throughout = true;
    set_default(word: &'d str) default = Some(word);
    set_refers(refers: Refers) refers = Some(refers);
    set_secret() secret = true;
    set_list(list: &'d dyn Lister) list = Some(list);
    set_placeholder(placeholder: &'d str) placeholder = placeholder;
    set_test(test: &'d dyn Test) test = Some(test);
    set_times(times: Times) times = times;
    set_delimiter(delimiter: char) delimiter = Some(delimiter);
    set_as_in_code() manner.code = true;
    set_infinite() manner.infinite = true;
    set_extensions(extensions: &'d [&'d str]) extensions = extensions;
    set_tail(tail: Tail) tail = Some(tail);
    set_file_name(name: &'d str) file_name = name;
    set_opposite(opposite: &'d str) opposite = opposite;
    set_worded() worded = true;
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

    /// Where a path must lead, in whichever order the setters were called.
    #[inline]
    pub(crate) const fn set_place(&mut self) {
        self.at = match self.said.first(said::PLACES) {
            Some(at) if 1 << at == said::PRESENT => At::Something,
            Some(at) if 1 << at == said::ABSENT => At::Nothing,
            Some(at) if 1 << at == said::FILE => At::File,
            Some(_) => At::Directory,
            None => At::Anything,
        };
    }
}
