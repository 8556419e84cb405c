//! What the setters of keys write into a parameter.

use crate::check::names::letter_fault;
use crate::check::own::{self, name_fault};
use crate::check::problem::Problem;
use crate::record::param::{Form, Manner, Param, Role, Times};
use crate::record::path::{At, PathTest};
use crate::record::said::{Said, param as said};
use crate::text::bytes::hash;

impl<'d> Param<'d> {
    /// Operands have no dash in front; a name of one letter is that letter.
    #[inline]
    pub(crate) const fn draft(role: Role, name: &'d str, form: &'d Form<'d>) -> Self {
        let bytes = name.as_bytes();
        let letter = bytes.len() == 1 && !matches!(role, Role::Operand);
        let is_one = form.kinds.len() == 1;
        Param {
            hash: hash(bytes),
            said: Said::of(
                if is_one && form.kinds[0].has_deprecated { said::WARNS } else { 0 }
                    | if is_one && !form.attached { 0 } else { said::COMPOUND },
            ),
            draft: true,
            role,
            letter: if letter { bytes[0] } else { 0 },
            opposite_letter: 0,
            no_letters: [None; 2],
            throughout: false,
            hidden: false,
            times: Times { min: form.needed as u32, max: if form.many { u32::MAX } else { 1 } },
            worded: false,
            secret: false,
            manner: Manner::PLAIN,
            tail: None,
            refers: None,
            delimiter: None,
            name,
            opposite: "",
            aliases: &[],
            placeholder: "",
            help: "",
            description: "",
            default: None,
            variable: "",
            file_name: "",
            instead: "",
            former: &[],
            path: PathTest::ANY,
            twin: None,
            test: None,
            list: None,
            alone: None,
            form,
        }
    }

    #[track_caller]
    #[inline]
    pub(crate) const fn new(role: Role, name: &'d str, form: &'d Form<'d>) -> Self {
        if let Some(why) = name_fault(role, name) {
            Problem::Name { name, why }.stop();
        }
        let mut param = Self::draft(role, name, form);
        param.draft = false;
        param
    }

    /// Notes that a setter was called, by its bit. A static whose setter is called twice stops the build.
    #[track_caller]
    #[inline]
    pub(crate) const fn note(&mut self, bit: u64) {
        if !self.said.note(bit) && !self.draft {
            self.checked();
        }
    }

    /// Stops the build where what the setters said cannot be right, whatever else is said.
    #[track_caller]
    #[inline]
    pub(crate) const fn checked(&self) {
        if !self.draft
            && let Some(problem) = own::problem(self)
        {
            problem.stop();
        }
    }

    #[inline]
    pub(crate) const fn set_letter(&mut self, letter: char) {
        match letter_fault(letter) {
            Some(_) => self.no_letters[0] = Some(letter),
            // The only name that it has is found by it.
            None if self.name.len() == 1 => {}
            None => self.letter = letter as u8,
        }
    }

    #[inline]
    pub(crate) const fn set_opposite_letter(&mut self, letter: char) {
        match letter_fault(letter) {
            Some(_) => self.no_letters[1] = Some(letter),
            None => self.opposite_letter = letter as u8,
        }
    }

    /// Where a path must lead, in whichever order the setters were called.
    #[inline]
    pub(crate) const fn set_place(&mut self) {
        self.path.at = match self.said.first(said::PLACES) {
            Some(at) if 1 << at == said::PRESENT => At::Something,
            Some(at) if 1 << at == said::ABSENT => At::Nothing,
            Some(at) if 1 << at == said::FILE => At::File,
            Some(_) => At::Directory,
            None => At::Anything,
        };
    }

    #[inline]
    pub(crate) const fn set_times(&mut self, min: u32, max: u32) {
        self.times = Times { min, max };
    }
}
