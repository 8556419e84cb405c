//! What parameters are called in a document: by a rule, a config file, a list.
//!
//! A name means the operand that is called so, or else the option, flag or tally; with dashes in front only these. It is
//! looked for where it stands, and then in the commands above, the nearest first. Behind the names of the commands
//! that lead to it, from the root on, it means that of the last of these: `apiary hive --sort`.

use std::collections::HashMap;
use std::rc::Rc;

use clavret_core::ask::{Param, Role};

/// What a document marks as known to its program alone.
pub(crate) const UNCHECKED: &str = "unchecked";

/// Parameters that are found by their names.
#[derive(Debug, Default)]
pub(crate) struct Called<'d> {
    #[cfg(feature = "load")]
    params: Vec<&'d Param<'d>>,
    /// The operand of a name, and what else has it.
    by_name: HashMap<&'d str, [Option<&'d Param<'d>>; 2]>,
    /// Further ones, of bundles.
    more: Vec<Rc<Called<'d>>>,
}

impl<'d> Called<'d> {
    pub(crate) fn new(params: Vec<&'d Param<'d>>) -> Self {
        let mut by_name: HashMap<&'d str, [Option<&'d Param<'d>>; 2]> = HashMap::new();
        for &param in &params {
            let at = usize::from(param.role() != Role::Operand);
            by_name.entry(param.name()).or_default()[at].get_or_insert(param);
        }
        Called {
            #[cfg(feature = "load")]
            params,
            by_name,
            more: Vec::new(),
        }
    }

    /// The same with those of bundles behind its own.
    #[cfg(feature = "load")]
    pub(crate) fn with(self, more: Vec<Rc<Called<'d>>>) -> Self {
        Called { more, ..self }
    }

    #[cfg(feature = "load")]
    pub(crate) fn all(&self) -> impl Iterator<Item = &'d Param<'d>> {
        self.params.iter().chain(self.more.iter().flat_map(|more| &more.params)).copied()
    }

    /// The parameter that a name means, without a way in front.
    pub(crate) fn among(&self, name: &str) -> Option<&'d Param<'d>> {
        let find = |name: &str, at: usize| {
            let mut all = std::iter::once(self).chain(self.more.iter().map(|more| &**more));
            all.find_map(|names| names.by_name.get(name)?[at])
        };
        find(name, 0).or_else(|| find(name.trim_start_matches('-'), 1))
    }

    /// What one of them is called here.
    pub(crate) fn called(&self, param: &Param<'_>) -> String {
        match self.among(param.name()) {
            Some(meant) if !meant.is(param) => dashed(param),
            _ => param.name().to_owned(),
        }
    }
}

/// The name of an option, flag or tally, so that no operand is meant.
pub(crate) fn dashed(param: &Param<'_>) -> String {
    let dashes = if param.name().len() == 1 { "-" } else { "--" };
    format!("{dashes}{}", param.name())
}
