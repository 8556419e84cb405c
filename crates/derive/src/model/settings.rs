// Written from the rows in `tables/src/`. Change those, and run `UPDATE_EXPECT=1 cargo test -p clavret-tables`.

//! The details that there are: each is the setter of the values surface that is called so.

use crate::{Hangs, Takes};

/// A setter by its name, how it takes what it is given, and whether it may be called again.
pub(crate) type Setter = (&'static str, Takes, bool);

const NAME: &[Setter] = &[("name", Takes::Special, false)];
const OF_OPTION_FLAG_TALLY: &[Setter] = &[
    ("aliases", Takes::Reference, false),
    ("formerly", Takes::Reference, false),
    ("letter", Takes::Value, false),
    ("throughout", Takes::Nothing, false),
    ("anew", Takes::Nothing, false),
];
const OF_ALL: &[Setter] = &[
    ("hidden", Takes::Nothing, false),
    ("help", Takes::Value, false),
    ("description", Takes::Value, false),
    ("deprecated", Takes::Value, false),
    ("deprecated_since", Takes::Value, false),
    ("deprecated_until", Takes::Value, false),
];
const OF_OPERAND_OPTION: &[Setter] = &[
    ("placeholder", Takes::Value, false),
    ("default", Takes::Special, false),
    ("valid", Takes::Reference, false),
    ("times", Takes::Several(2), false),
    ("distinct", Takes::Nothing, false),
    ("joined_by", Takes::Value, false),
    ("refers", Takes::Value, false),
    ("listed_by", Takes::Reference, false),
    ("secret", Takes::Nothing, false),
    ("as_in_code", Takes::Nothing, false),
    ("infinite", Takes::Nothing, false),
    ("present", Takes::Nothing, false),
    ("absent", Takes::Nothing, false),
    ("file", Takes::Nothing, false),
    ("directory", Takes::Nothing, false),
    ("extensions", Takes::Reference, false),
];
const OF_FLAG: &[Setter] = &[
    ("opposite", Takes::Value, false),
    ("opposite_letter", Takes::Value, false),
    ("worded", Takes::Nothing, false),
];
const OF_OPTION: &[Setter] = &[("secret_file", Takes::Value, false)];
const OF_OPERAND_OPTION_FLAG: &[Setter] = &[("variable", Takes::Value, false)];
const OF_OPTION_FLAG: &[Setter] =
    &[("once", Takes::Nothing, false), ("stands_alone", Takes::Reference, false)];
const OF_OPERAND: &[Setter] = &[("tail", Takes::Value, false)];

pub(crate) const OPERANDS: &[&[Setter]] =
    &[NAME, OF_ALL, OF_OPERAND_OPTION, OF_OPERAND_OPTION_FLAG, OF_OPERAND];
pub(crate) const OPTIONS: &[&[Setter]] = &[
    NAME,
    OF_OPTION_FLAG_TALLY,
    OF_ALL,
    OF_OPERAND_OPTION,
    OF_OPTION,
    OF_OPERAND_OPTION_FLAG,
    OF_OPTION_FLAG,
];
pub(crate) const FLAGS: &[&[Setter]] =
    &[NAME, OF_OPTION_FLAG_TALLY, OF_ALL, OF_FLAG, OF_OPERAND_OPTION_FLAG, OF_OPTION_FLAG];
pub(crate) const TALLIES: &[&[Setter]] = &[NAME, OF_OPTION_FLAG_TALLY, OF_ALL];

/// Details of commands.
pub(crate) const COMMAND: &[Setter] = &[
    ("name", Takes::Special, false),
    ("aliases", Takes::Reference, false),
    ("formerly", Takes::Reference, false),
    ("hidden", Takes::Nothing, false),
    ("deprecated", Takes::Value, false),
    ("deprecated_since", Takes::Value, false),
    ("deprecated_until", Takes::Value, false),
    ("summary", Takes::Value, false),
    ("description", Takes::Value, false),
    ("acts", Takes::Nothing, false),
    ("default_command", Takes::Special, false),
    ("operands_end_options", Takes::Nothing, false),
    ("abbreviations", Takes::Value, false),
    ("examples", Takes::Reference, false),
    ("statuses", Takes::Reference, false),
    ("takes", Takes::Special, false),
    ("judged_by", Takes::Reference, false),
    ("version", Takes::Value, false),
    ("answers", Takes::Nothing, false),
    ("usual", Takes::Special, false),
    ("config", Takes::Reference, false),
    ("wording", Takes::Reference, false),
];

/// Relations between parameters, by the constructors of `Rule`.
pub(crate) const RULES: &[Setter] = &[
    ("only_one", Takes::Rule(Hangs::Nothing), true),
    ("at_least_one", Takes::Rule(Hangs::Nothing), true),
    ("all_or_none", Takes::Rule(Hangs::Nothing), true),
    ("only_with", Takes::Rule(Hangs::Param), true),
    ("not_with", Takes::Rule(Hangs::Param), true),
    ("needed_with", Takes::Rule(Hangs::Value), true),
];
