//! What the setters of keys do beside writing: a static is looked at whenever something is said of it.

use crate::check::names::letter_fault;
use crate::check::own::{self, name_fault};
use crate::check::problem::Finding;
use crate::record::form::Form;
use crate::record::param::{Param, Role};

impl<'d> Param<'d> {
    #[track_caller]
    #[inline]
    pub(crate) const fn new(role: Role, name: &'d str, form: &'d Form<'d>) -> Self {
        if let Some(why) = name_fault(role, name) {
            Finding::Name { name, why }.stop();
        }
        let mut param = Self::draft(role, name, form);
        param.set_static();
        param
    }

    /// Notes that a setter was called, by its bit. A static whose setter is called twice stops the build.
    #[track_caller]
    #[inline]
    pub(crate) const fn note(&mut self, bit: u64) {
        if !self.set_said(bit) && !self.is_draft() {
            self.checked();
        }
    }

    /// Stops the build where what the setters said cannot be right, whatever else is said.
    #[track_caller]
    #[inline]
    pub(crate) const fn checked(&self) {
        if !self.is_draft()
            && let Some(problem) = own::problem(self)
        {
            problem.stop();
        }
    }
}

/// Whether a letter can be a name.
#[inline]
pub(crate) const fn is_letter(letter: char) -> bool {
    letter_fault(letter).is_none()
}
