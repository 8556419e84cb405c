//! The details that there are: each is the setter of the values surface that is called so.

use crate::{Role, Takes};

/// A setter by its name, how it takes what it is given, and whether it may be called again.
pub(crate) type Setter = (&'static str, Takes, bool);

const ALL: &[Setter] = &[
    ("name", Takes::Special, false),
    ("help", Takes::Value, false),
    ("description", Takes::Value, false),
    ("hidden", Takes::Nothing, false),
    ("deprecated", Takes::Value, false),
];
const NAMED: &[Setter] = &[
    ("letter", Takes::Value, false),
    ("aliases", Takes::Reference, false),
    ("formerly", Takes::Reference, false),
    ("throughout", Takes::Nothing, false),
    ("anew", Takes::Nothing, false),
];
const ALONE: &[Setter] = &[("stands_alone", Takes::Reference, false)];
const VARIABLE: &[Setter] = &[("variable", Takes::Value, false)];
const ONCE: &[Setter] = &[("once", Takes::Nothing, false)];
const VALUED: &[Setter] = &[
    ("default", Takes::Special, false),
    ("valid", Takes::Reference, false),
    ("placeholder", Takes::Value, false),
    ("refers", Takes::Value, false),
    ("listed_by", Takes::Reference, false),
    ("secret", Takes::Nothing, false),
    ("times", Takes::Several(2), false),
    ("distinct", Takes::Nothing, false),
    ("joined_by", Takes::Value, false),
    ("as_in_code", Takes::Nothing, false),
    ("infinite", Takes::Nothing, false),
    ("present", Takes::Nothing, false),
    ("absent", Takes::Nothing, false),
    ("file", Takes::Nothing, false),
    ("directory", Takes::Nothing, false),
    ("extensions", Takes::Reference, false),
];
const OPERAND: &[Setter] = &[("tail", Takes::Value, false)];
const OPTION: &[Setter] = &[("secret_file", Takes::Value, false)];
const FLAG: &[Setter] = &[
    ("opposite", Takes::Value, false),
    ("opposite_letter", Takes::Value, false),
    ("worded", Takes::Nothing, false),
];

/// Details of commands.
pub(crate) const SETTERS: &[Setter] = &[
    ("name", Takes::Special, false),
    ("summary", Takes::Value, false),
    ("description", Takes::Value, false),
    ("version", Takes::Value, false),
    ("aliases", Takes::Reference, false),
    ("formerly", Takes::Reference, false),
    ("hidden", Takes::Nothing, false),
    ("acts", Takes::Nothing, false),
    ("takes", Takes::Special, false),
    ("usual", Takes::Special, false),
    ("default_command", Takes::Special, false),
    ("operands_end_options", Takes::Nothing, false),
    ("abbreviations", Takes::Value, false),
    ("answers", Takes::Nothing, false),
    ("examples", Takes::Reference, false),
    ("statuses", Takes::Reference, false),
    ("judged_by", Takes::Reference, false),
    ("config", Takes::Reference, false),
    ("wording", Takes::Reference, false),
];

/// Relations between parameters, by the constructors of `Rule`.
pub(crate) const RULES: &[Setter] = &[
    ("only_one", Takes::Special, true),
    ("at_least_one", Takes::Special, true),
    ("all_or_none", Takes::Special, true),
    ("only_with", Takes::Special, true),
    ("not_with", Takes::Special, true),
    ("needed_with", Takes::Special, true),
];

impl Role {
    /// The setters of its key.
    pub(crate) const fn setters(self) -> &'static [&'static [Setter]] {
        match self {
            Role::Operand => &[ALL, VALUED, VARIABLE, OPERAND],
            Role::Option => &[ALL, NAMED, VALUED, VARIABLE, ONCE, ALONE, OPTION],
            Role::Flag => &[ALL, NAMED, VARIABLE, ONCE, ALONE, FLAG],
            Role::Tally => &[ALL, NAMED],
        }
    }

    pub(crate) const fn article(self) -> &'static str {
        match self {
            Role::Operand => "an operand",
            Role::Option => "an option",
            Role::Flag => "a flag",
            Role::Tally => "a tally",
        }
    }

    /// Who has the details that it has not.
    pub(crate) const OTHERS: &'static [(&'static str, &'static [Setter])] = &[
        ("an option", VALUED),
        ("an option", NAMED),
        ("an option", ONCE),
        ("an option", ALONE),
        ("an option", OPTION),
        ("an option", VARIABLE),
        ("an operand", OPERAND),
        ("a flag", FLAG),
    ];
}

#[cfg(test)]
mod tests {
    use super::{
        ALL, ALONE, FLAG, NAMED, ONCE, OPERAND, OPTION, SETTERS, Setter, VALUED, VARIABLE,
    };

    /// Where the core numbers its setters: those of parameters, then those of commands.
    const SAID: &str = include_str!("../../../core/src/record/said.rs");

    /// The names in the lists of setters.
    fn setters() -> [Vec<&'static str>; 2] {
        let lists = SAID.split("    setters! {\n").skip(1).map(|list| {
            let names = list.split('}').next().unwrap().split('"').skip(1).step_by(2);
            names.collect::<Vec<_>>()
        });
        lists.collect::<Vec<_>>().try_into().unwrap()
    }

    #[track_caller]
    fn same(of_core: &[&str], details: &[&[Setter]], apart: &[&str], more: &[&str]) {
        let mut details: Vec<&str> = details.iter().copied().flatten().map(|d| d.0).collect();
        details.retain(|detail| !more.contains(detail));
        let mut setters: Vec<&str> = of_core.to_vec();
        setters.retain(|setter| !apart.contains(setter));
        details.sort_unstable();
        setters.sort_unstable();
        assert_eq!(details, setters);
    }

    /// A setter that is added to the values surface is a detail of the marks too, and no detail is without one.
    #[test]
    fn each_setter_is_a_detail() {
        let [of_params, of_commands] = setters();
        let details = [ALL, NAMED, ALONE, VARIABLE, ONCE, VALUED, OPERAND, OPTION, FLAG];
        same(&of_params, &details, &[], &["name"]);
        // What a macro writes itself, and what stands elsewhere in a type.
        let apart = ["named", "bundles", "commands", "package", "rules", "stands_alone"];
        same(&of_commands, &[SETTERS], &apart, &["name"]);
    }
}
