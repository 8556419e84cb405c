//! What the generator of declarations has of the rows: setters by their names, and rules.

use std::fmt::Write as _;

use super::{all, setters};
use crate::{Hangs, RULES, Takes};

/// `tests/generator/src/settings.rs`.
pub(super) fn calls() -> String {
    let calls = all(setters(), |text, setting| {
        let name = setting.name;
        let _ = match setting.takes {
            Takes::Truth => writeln!(text, "({name:?}, _) => key.{name}(),"),
            Takes::Text | Takes::Word => {
                writeln!(text, "({name:?}, Say::Text(text)) => key.{name}(text),")
            }
            Takes::Texts => {
                writeln!(text, "({name:?}, Say::Texts(all)) => key.{name}(texts(all, arena)),")
            }
            Takes::Sign => {
                writeln!(text, "({name:?}, Say::Letter(letter)) => key.{name}(*letter),")
            }
            _ => Ok(()),
        };
    });
    let rules = all(RULES.iter(), |text, rule| {
        let name = rule.name;
        let (when, given) = match rule.hangs {
            Hangs::Nothing => ("_", "members"),
            Hangs::Param => ("Some((param, _))", "param, members"),
            Hangs::Value => ("Some((param, value))", "members, param, value"),
        };
        let _ = writeln!(text, "({name:?}, {when}) => Rule::{name}({given}),");
    });
    format!(
        "//! Setters and rules by their names.

        use bumpalo::Bump;
        use clavret_core::Rule;
        use clavret_core::ask::Param;
        use clavret_core::shape::Untyped;

        use crate::spec::Say;
        use crate::tree::texts;

        /// Calls a setter that takes a text, a character or nothing; another does what is neither of these.
        pub(crate) fn set<'a>(
            key: Untyped<'a>,
            name: &str,
            say: &'a Say,
            arena: &'a Bump,
            another: impl FnOnce(Untyped<'a>) -> Untyped<'a>,
        ) -> Untyped<'a> {{
            match (name, say) {{ {calls} _ => another(key) }}
        }}

        /// A rule about its members, and the parameter and value that it hangs on.
        pub(crate) fn rule<'a>(
            name: &str,
            members: &'a [&'a Param<'a>],
            when: Option<(&'a Param<'a>, &'a str)>,
        ) -> Rule<'a> {{
            match (name, when) {{ {rules} (name, _) => panic!(\"there is no rule `{{name}}` of {{when:?}}\") }}
        }}
        "
    )
}
