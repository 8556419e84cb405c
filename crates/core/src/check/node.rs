//! What is wrong with a command, for statics that are looked at when the program is run.

use super::finder::Finder;
use super::problem::Finding;
use super::{members, reach};
use crate::record::command::Command;
use crate::record::param::Param;

impl<'d> Command<'d> {
    /// What is only known of a root when it is all there: it is listed nowhere, so nobody else looks at it.
    #[inline]
    pub(crate) const fn stranger_among(&self, usual: &'d [&'d Param<'d>]) -> Option<Finding<'d>> {
        let mut finder = Finder::<1>::new(0);
        members::strangers(self, &mut finder);
        let usual = match self.declared_usual() {
            Some(usual) => usual,
            None => usual,
        };
        members::out_of_reach(self, &mut finder);
        reach::unusual(self, usual, &mut finder);
        finder.first()
    }
}
