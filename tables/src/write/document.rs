//! What documents have of the rows: their keys, and how the simple ones are exported and loaded.

use std::fmt::Write as _;

use super::{ROLES, all, groups, groups_of, key, setters};
use crate::{COMMANDS, Hangs, Part, RULES, Request, Role, SETTINGS, Takes};

/// `keys/settings.rs`.
pub(super) fn keys() -> String {
    let of_groups = all(groups().into_iter(), |text, (name, _, settings)| {
        let keys = all(settings.into_iter(), |text, setting| {
            row(text, setting.name, &sort(setting.name, setting.takes), setting.says);
        });
        let _ = writeln!(text, "const {name}: &[Key] = &[{keys}];");
    });
    let of_roles = all(ROLES.into_iter(), |text, (role, name)| {
        let named = if role == Role::Operand { "OPERAND_NAME" } else { "NAME" };
        let groups = groups_of(role).join(", ");
        let _ = writeln!(text, "pub(super) const {name}: &[&[Key]] = &[{named}, {groups}];");
    });
    let commands = |is_of_root: bool| {
        let some = COMMANDS.iter().filter(move |setting| setting.is_of_root == is_of_root);
        all(some.filter_map(|setting| Some((setting, setting.key?))), |text, (setting, of)| {
            row(text, setting.name, of, setting.says);
        })
    };
    let (of_all, of_root) = (commands(false), commands(true));
    let rules = all(RULES.iter(), |text, rule| row(text, rule.name, "TEXTS", rule.says));
    format!(
        "//! The keys of parameters, commands and rules that are settings.

        use super::table::{{
            ABBREVIATIONS, CONFIG, EXAMPLES, JUDGED_BY, LISTED_BY, NAME, OPERAND_NAME, PACKAGE, REFERS, STANDS_ALONE, STATUSES, TAIL, TEXTS,
            TIMES, TYPE, VALID, WORDING, key,
        }};
        use super::{{Key, Of}};

        {of_groups}
        {of_roles}
        /// Of every command.
        pub(super) const OF_COMMANDS: &[Key] = &[{of_all}];
        /// Of a root alone.
        pub(super) const OF_ROOT: &[Key] = &[{of_root}];
        /// The members of rules.
        pub(super) const OF_RULES: &[Key] = &[{rules}];
        "
    )
}

fn row(text: &mut String, name: &str, of: &str, says: &str) {
    let _ = write!(text, "key({:?}, {of}, {says:?}), ", key(name));
}

/// What a key takes: what is more than a row can say stands in `table.rs` under the row's name.
fn sort(name: &str, takes: Takes) -> String {
    match takes {
        Takes::Truth => "Of::Truth".to_owned(),
        Takes::Text => "Of::Text".to_owned(),
        Takes::Word => "Of::Scalar".to_owned(),
        Takes::Texts => "TEXTS".to_owned(),
        Takes::Sign => "Of::Character".to_owned(),
        Takes::Key if name != "type" => "Of::Truth".to_owned(),
        _ => name.to_uppercase(),
    }
}

/// `export/settings.rs`.
pub(super) fn export() -> String {
    let fields = all(SETTINGS.iter(), |text, setting| {
        let (name, key) = (setting.name, key(setting.name));
        let how = match setting.takes {
            Takes::Truth => {
                let _ = writeln!(text, "fields.called({key:?}, param, {name:?});");
                return;
            }
            Takes::Text => "text",
            Takes::Word => "word",
            Takes::Texts => "texts",
            Takes::Sign => "letter",
            _ => "",
        };
        let _ = match setting.asked {
            Request::Publicly(asked)
                if !how.is_empty() && !setting.by_hand.contains(&Part::Export) =>
            {
                writeln!(text, "fields.{how}({key:?}, param.{asked}());")
            }
            _ => writeln!(text, "self.put_{name}(param, fields);"),
        };
    });
    format!(
        "//! What a document says of a parameter, in the order of its keys.

        use clavret_core::ask::Param;

        use super::Export;
        use super::fields::Fields;

        impl<'d> Export<'d> {{
            /// What was said of a parameter.
            pub(super) fn put_said(&mut self, param: &'d Param<'d>, fields: &mut Fields) {{
                {fields}
            }}
        }}
        "
    )
}

/// `load/settings.rs`.
pub(super) fn load() -> String {
    let calls = all(setters(), |text, setting| {
        let (name, key) = (setting.name, key(setting.name));
        let found = match setting.takes {
            Takes::Truth => {
                let _ = writeln!(text, "if view.is({key:?}) {{ key = key.{name}(); }}");
                return;
            }
            Takes::Text => format!("view.text({key:?})"),
            Takes::Word => format!("view.scalar({key:?})"),
            Takes::Texts => format!("view.texts({key:?}, arena)"),
            Takes::Sign => format!("view.letter({key:?})"),
            _ => return,
        };
        let _ = writeln!(text, "if let Some(given) = {found} {{ key = key.{name}(given); }}");
    });
    let rules = all(RULES.iter(), |text, rule| {
        let (makes, given) = match rule.hangs {
            Hangs::Nothing => ("Members", "members"),
            Hangs::Param => ("Param", "param, members"),
            Hangs::Value => ("Value", "members, param, value"),
        };
        // A closure, as the constructor is one of a lifetime.
        let (key, name) = (key(rule.name), rule.name);
        let _ = write!(text, "({key:?}, Makes::{makes}(|{given}| Rule::{name}({given}))), ");
    });
    format!(
        "//! The setters of a parameter whose keys take a text, a character or a truth value; and the constructors of rules.

        use bumpalo::Bump;
        use clavret_core::Rule;
        use clavret_core::shape::Untyped;

        use super::rules::Makes;
        use super::view::View;

        /// Calls the setters whose keys a table has.
        pub(super) fn set<'d>(mut key: Untyped<'d>, view: View<'d>, arena: &'d Bump) -> Untyped<'d> {{
            {calls}
            key
        }}

        /// The keys of rules, each with what makes one.
        pub(super) const RULES: &[(&str, Makes)] = &[{rules}];
        "
    )
}
