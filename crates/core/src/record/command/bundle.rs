//! Parameters that several commands take together.

use crate::record::command::Bundle;
use crate::record::param::Param;
use crate::record::rule::Rule;

impl<'d> Bundle<'d> {
    /// A bundle by the heading that pages give its options; an empty one leaves them among the
    /// command's own.
    pub const fn new(heading: &'d str) -> Self {
        Bundle { heading, params: &[], rules: &[], flaw: None }
    }

    /// What is listed under a heading, and why that can be no bundle.
    #[inline]
    pub(crate) const fn made(
        heading: &'d str,
        params: &'d [&'d Param<'d>],
        rules: &'d [Rule<'d>],
        flaw: Option<&'static str>,
    ) -> Self {
        Bundle { heading, params, rules, flaw }
    }

    /// What it takes, in the order that pages show it.
    #[must_use]
    pub const fn takes(mut self, params: &'d [&'d Param<'d>]) -> Self {
        if !self.params.is_empty() {
            self.flaw = Some("`takes` is set twice");
        }
        self.params = params;
        self
    }

    /// Relations between its parameters.
    #[must_use]
    pub const fn rules(mut self, rules: &'d [Rule<'d>]) -> Self {
        if !self.rules.is_empty() {
            self.flaw = Some("`rules` is set twice");
        }
        self.rules = rules;
        self
    }

    /// Why it can be none.
    pub(crate) const fn flaw(&self) -> Option<&'static str> {
        self.flaw
    }

    /// What pages head it with.
    pub const fn heading(&self) -> &'d str {
        self.heading
    }

    /// The parameters of the bundle.
    pub const fn params(&self) -> &'d [&'d Param<'d>] {
        self.params
    }

    /// Relations between its parameters.
    pub const fn relations(&self) -> &'d [Rule<'d>] {
        self.rules
    }
}
