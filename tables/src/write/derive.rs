//! What the macros have of the rows: the details of a mark, and how each is passed on.

use std::fmt::Write as _;

use super::{ROLES, all, groups, groups_of};
use crate::{COMMANDS, Mark, RULES, Takes};

/// `model/settings.rs`.
pub(super) fn details() -> String {
    let of_groups = all(groups().into_iter(), |text, (name, _, settings)| {
        let setters = settings.into_iter().filter(|one| one.takes != Takes::Key);
        let details = all(setters, |text, setting| {
            let mark = setting.mark.unwrap_or(match setting.takes {
                Takes::Truth => Mark::Nothing,
                Takes::Texts | Takes::Trait(_) => Mark::Reference,
                _ => Mark::Value,
            });
            detail(text, setting.name, &taken(mark), false);
        });
        let _ = writeln!(text, "const {name}: &[Setter] = &[{details}];");
    });
    let of_roles = all(ROLES.into_iter(), |text, (role, name)| {
        let groups = groups_of(role).join(", ");
        let _ = writeln!(text, "pub(crate) const {name}: &[&[Setter]] = &[NAME, {groups}];");
    });
    let marked = COMMANDS.iter().filter_map(|setting| Some((setting.name, setting.mark?)));
    let commands = all(marked, |text, (name, mark)| detail(text, name, &taken(mark), false));
    let rules = all(RULES.iter(), |text, rule| {
        detail(text, rule.name, &format!("Takes::Rule(Hangs::{:?})", rule.hangs), true);
    });
    format!(
        "//! The details that there are: each is the setter of the values surface that is called so.

        use crate::{{Hangs, Takes}};

        /// A setter by its name, how it takes what it is given, and whether it may be called again.
        pub(crate) type Setter = (&'static str, Takes, bool);

        const NAME: &[Setter] = &[(\"name\", Takes::Special, false)];
        {of_groups}
        {of_roles}
        /// Details of commands.
        pub(crate) const COMMAND: &[Setter] = &[(\"name\", Takes::Special, false), {commands}];

        /// Relations between parameters, by the constructors of `Rule`.
        pub(crate) const RULES: &[Setter] = &[{rules}];
        "
    )
}

fn detail(text: &mut String, name: &str, takes: &str, again: bool) {
    let _ = write!(text, "({name:?}, {takes}, {again}), ");
}

fn taken(mark: Mark) -> String {
    format!("Takes::{mark:?}")
}
