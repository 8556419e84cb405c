//! The parameters of a command and its rules by what they are about: a page asks for those of each parameter.

use crate::record::command::Command;
use crate::record::param::Param;
use crate::record::rule::{Related, Rule};
use crate::text::order::pairs_in_order;
use crate::text::{Listed, Put};

impl<'d> Related<'d> {
    pub(crate) fn of(command: &Command<'d>) -> Self {
        let rules = command.relations().listed();
        let mut about = Vec::new();
        for (at, rule) in rules.iter().enumerate() {
            for param in rule.params() {
                about.put((address(param), at));
            }
        }
        pairs_in_order(&mut about);
        about.dedup();
        let mut places = Vec::new();
        // Only rules ask for them.
        for (at, param) in command.params().enumerate().filter(|_| !rules.is_empty()) {
            places.put((address(param), at));
        }
        pairs_in_order(&mut places);
        Related { rules, about, places }
    }

    /// The rules about a parameter, in the order declared.
    pub(crate) fn to(&self, param: &Param<'_>) -> Vec<&'d Rule<'d>> {
        let address = address(param);
        let from = self.about.partition_point(|about| about.0 < address);
        let same = self.about[from..].iter().take_while(|about| about.0 == address);
        same.map(|about| self.rules[about.1]).listed()
    }

    /// The place of a parameter among those of the command.
    pub(crate) fn place(&self, param: &Param<'_>) -> Option<usize> {
        let address = address(param);
        let at = self.places.partition_point(|place| place.0 < address);
        self.places.get(at).filter(|place| place.0 == address).map(|place| place.1)
    }
}

fn address(param: &Param<'_>) -> usize {
    std::ptr::from_ref(param).addr()
}
