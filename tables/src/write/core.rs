//! What the core has of the rows: bits and what goes with what; where values are kept, asked and written; the library's own
//! types.

use std::fmt::Write as _;

use super::{ROLES, all, bit, documented, groups, groups_of, quoted, setters};
use crate::settings::FORMS;
use crate::{COMMANDS, KINDS, Kind, Part, Request, Setting, Takes, When};

/// A setting's number stands below this one, that of what was called twice above.
const NUMBERS: usize = 56;

/// `record/settings.rs`.
pub(super) fn bits() -> String {
    let numbered = all(setters().enumerate(), |text, (at, setting)| {
        let _ = writeln!(text, "pub(crate) const {}: u64 = 1 << {at};", bit(setting.name));
    });
    let forms = all(FORMS.iter().enumerate(), |text, (at, form)| {
        let at = NUMBERS - FORMS.len() + at;
        let _ = writeln!(text, "/// No setter, but what its type says: {}.", form.says);
        let _ = writeln!(text, "pub(crate) const {}: u64 = 1 << {at};", bit(form.name));
    });
    let commands = all(COMMANDS.iter().enumerate(), |text, (at, setting)| {
        let _ = writeln!(text, "pub(crate) const {}: u64 = 1 << {at};", bit(setting.name));
    });
    let of_root = COMMANDS.iter().filter(|setting| setting.is_of_root).map(|setting| setting.name);
    format!(
        "//! The settings of parameters and of commands: a bit for each, and which of them go together.

        /// Those of parameters.
        pub(crate) mod param {{
            {numbered}
            {forms}
            /// What each setter is called, by its number.
            pub(crate) const NAMES: &[&str] = &[{}];
            /// All setters.
            pub(crate) const SETTERS: u64 = (1 << {}) - 1;
            {}{}{}{}
        }}

        /// Those of commands.
        pub(crate) mod command {{
            {commands}
            /// What each setter is called, by its number.
            pub(crate) const NAMES: &[&str] = &[{}];
            {}
        }}
        ",
        quoted(setters().map(|setting| setting.name)),
        setters().count(),
        roles(),
        forms_of_words(),
        brought(),
        pairs(),
        quoted(COMMANDS.iter().map(|setting| setting.name)),
        mask("What only a root has a use for", "OF_ROOT", of_root),
    )
}

fn mask(says: &str, name: &str, bits: impl Iterator<Item = &'static str>) -> String {
    let bits: Vec<String> = bits.map(bit).collect();
    let bits = if bits.is_empty() { "0".to_owned() } else { bits.join(" | ") };
    format!("/// {says}.\npub(crate) const {name}: u64 = {bits};\n")
}

fn named(fits: impl Fn(&Setting) -> bool) -> impl Iterator<Item = &'static str> {
    setters().filter(move |setting| fits(setting)).map(|setting| setting.name)
}

/// What goes with each role, and with what stands alone.
fn roles() -> String {
    let of_roles = all(groups().into_iter(), |text, (name, roles, settings)| {
        let says = format!("What may be said of {roles:?} alone");
        let setters = settings.into_iter().filter(|one| one.takes != Takes::Key);
        text.push_str(&mask(&says, &name, setters.map(|setting| setting.name)));
    });
    let of_roles = all(ROLES.into_iter(), |text, (role, name)| {
        let groups = groups_of(role).join(" | ");
        let _ = writeln!(text, "pub(crate) const {name}: u64 = {groups};");
    }) + &of_roles;
    let says = "What may be said of one that stands alone: its own value is all that is read";
    of_roles + &mask(says, "OF_ALONE", named(|one| one.may_be_alone))
}

/// What the words must be for a setting to mean something.
fn forms_of_words() -> String {
    let forms = [
        (When::Always, "ALWAYS", "Whatever its words are"),
        (When::Many, "MANY", "Where it has several values"),
        (When::ManyWords, "MANY_WORDS", "The same, of one word each"),
        (When::ManyTexts, "MANY_TEXTS", "The same, of text"),
        (When::WholeNumbers, "WHOLE_NUMBERS", "Where its words are whole numbers"),
        (When::Numbers, "NUMBERS", "Where they are other numbers"),
        (When::Paths, "PATHS", "Where they are paths"),
    ];
    all(forms.into_iter(), |text, (when, name, says)| {
        text.push_str(&mask(says, &format!("WHEN_{name}"), named(|one| one.when == when)));
    })
}

/// What brings what along.
fn brought() -> String {
    let (mut all, mut text) = (Vec::new(), String::new());
    let settings = setters().map(|setting| (setting.name, setting.brings));
    let bringing = settings.chain(FORMS.iter().map(|form| (form.name, form.brings)));
    bringing.clone().for_each(|(_, brings)| all.extend(brings));
    all.sort_unstable();
    all.dedup();
    for brought in all {
        let names = bringing.clone().filter(|one| one.1.contains(&brought)).map(|one| one.0);
        let says = format!("What brings along what the record of that calls `{brought}`");
        text.push_str(&mask(&says, &format!("BRINGS_{}", bit(brought)), names));
    }
    text
}

fn pairs() -> String {
    let list = |of: fn(&Setting) -> &'static [&'static str]| {
        all(setters().filter(|setting| !of(setting).is_empty()), |text, setting| {
            let others: Vec<String> = of(setting).iter().copied().map(bit).collect();
            let _ = write!(text, "({}, {}), ", bit(setting.name), others.join(" | "));
        })
    };
    let (clashes, needs) = (list(|setting| setting.not_with), list(|setting| setting.needs));
    format!(
        "/// Settings, each with those that it must not stand beside.
        pub(crate) const CLASHES: &[(u64, u64)] = &[{clashes}];
        /// Settings, each with those that it means nothing without.
        pub(crate) const NEEDS: &[(u64, u64)] = &[{needs}];
        "
    )
}

/// The type that a setting is kept in, what it is where nothing was said, and the type that its setter takes.
fn kept(takes: Takes) -> Option<(String, &'static str, String)> {
    let text = |text: &str| text.to_owned();
    Some(match takes {
        Takes::Text => (text("&'d str"), "\"\"", text("&'d str")),
        Takes::Word => (text("Option<&'d str>"), "None", text("&'d str")),
        Takes::Texts => (text("&'d [&'d str]"), "&[]", text("&'d [&'d str]")),
        Takes::Sign => (text("Option<char>"), "None", text("char")),
        Takes::Value(of) => (format!("Option<{of}>"), "None", text(of)),
        Takes::Trait(of) => (format!("Option<&'d dyn {of}>"), "None", format!("&'d dyn {of}")),
        Takes::Truth | Takes::Own | Takes::Key => return None,
    })
}

/// `record/param/settings.rs`.
pub(super) fn values() -> String {
    let kept = || {
        let own = setters().filter(|setting| !setting.by_hand.contains(&Part::Record));
        own.filter_map(|setting| Some((setting, kept(setting.takes)?)))
    };
    let fields = all(kept(), |text, (setting, (field, ..))| {
        let _ = writeln!(text, "pub(super) {}: {field},", setting.name);
    });
    let unsaid = all(kept(), |text, (setting, (_, unsaid, _))| {
        let _ = writeln!(text, "{}: {unsaid},", setting.name);
    });
    let writes = all(kept(), |text, (setting, (field, _, given))| {
        let name = setting.name;
        let value = if field == given { name.to_owned() } else { format!("Some({name})") };
        let _ = writeln!(
            text,
            "#[inline]
            pub(crate) const fn set_{name}(&mut self, {name}: {given}) {{ self.given.{name} = {value}; }}
            "
        );
    });
    format!(
        "//! What setters say of a parameter: where it is kept, what asks for it and what writes it. A truth value is its
        //! bit alone.

        use super::{{Param, Tail}};
        use crate::record::alone::Alone;
        use crate::record::kind::Refers;
        use crate::record::list::Lister;
        use crate::record::settings::param as said;
        use crate::record::test::Test;

        /// What was given to setters.
        #[derive(Clone, Copy)]
        pub(super) struct SetValues<'d> {{
            {fields}
        }}

        impl SetValues<'_> {{
            /// Nothing was.
            #[inline]
            pub(super) const fn nothing() -> Self {{ SetValues {{ {unsaid} }} }}
        }}

        /// What a parameter is asked of its settings.
        impl<'d> Param<'d> {{
            {}
        }}

        /// What setters write.
        impl<'d> Param<'d> {{
            {writes}
        }}
        ",
        questions(),
    )
}

fn questions() -> String {
    all(setters(), |text, setting| {
        let (seen, asked) = match setting.asked {
            Request::Nowhere => return,
            Request::Publicly(asked) => ("pub", asked),
            Request::Within(asked) => ("pub(crate)", asked),
        };
        let (gives, value) = match kept(setting.takes) {
            Some((field, ..)) => (field, format!("self.given.{}", setting.name)),
            None => ("bool".to_owned(), format!("self.said.has(said::{})", bit(setting.name))),
        };
        let documented = documented(setting);
        let _ = writeln!(
            text,
            "{documented}
            {seen} const fn {asked}(&self) -> {gives} {{ {value} }}
            "
        );
    })
}

/// `record/standard.rs`.
pub(super) fn standard() -> String {
    let variants = all(KINDS.iter(), |text, kind| {
        let _ = writeln!(text, "{},", kind.standard);
    });
    let listed = all(KINDS.iter(), |text, kind| {
        let _ = write!(text, "Standard::{}, ", kind.standard);
    });
    let names = all(KINDS.iter(), |text, kind| {
        let _ = writeln!(text, "Standard::{} => {:?},", kind.standard, kind.name);
    });
    format!(
        "//! The types that come with the library, each by the name that a document calls it by.

        /// A type of values that comes with the library, or whose crate has a feature. What one accepts is known wherever
        /// the library is; what a type of one's own does, only its program knows.
        #[derive(Debug, Clone, Copy, PartialEq, Eq)]
        #[non_exhaustive]
        #[allow(missing_docs)]
        pub enum Standard {{
            {variants}
        }}

        impl Standard {{
            /// All of them, whichever features are on.
            pub const ALL: &'static [Standard] = &[{listed}];

            /// What a document calls it.
            pub const fn name(self) -> &'static str {{
                match self {{
                    {names}
                }}
            }}
        }}
        "
    )
}

/// `kind/types.rs`.
pub(super) fn types() -> String {
    let arms = |arm: fn(&Kind, &str) -> String| {
        let known = KINDS.iter().filter_map(|kind| Some((kind, kind.of?)));
        all(known, |text, (kind, of)| {
            if let Some(feature) = kind.feature {
                let _ = writeln!(text, "#[cfg(feature = {feature:?})]");
            }
            let _ = writeln!(text, "Standard::{} => {},", kind.standard, arm(kind, of));
        })
    };
    let kinds = arms(|kind, of| {
        let how = if kind.is_hashed { "comparable" } else { "typed" };
        format!("Some(Kind::{how}::<{of}>())")
    });
    let tests = arms(|kind, of| {
        format!("by_name::{}::<{of}>(says)", format!("{:?}", kind.tests).to_lowercase())
    });
    format!(
        "//! The library's own types by their names, for a declaration that is read from a file: the kind of each, and which
        //! validators it has.

        use super::by_name::{{self, Unfit}};
        use crate::record::kind::Kind;
        use crate::record::standard::Standard;
        use crate::record::test::{{Says, Test}};

        impl Standard {{
            /// The kind of the type, which converts its words at run time; nothing where the feature of its crate is off,
            /// and of closed lists, each of which is a kind of its own.
            pub fn kind(self) -> Option<Kind<'static>> {{
                match self {{
                    {kinds}
                    _ => None,
                }}
            }}

            /// A validator of the type's values by what it says, its values as a user would type them.
            ///
            /// # Errors
            ///
            /// When the type has no such validator, or a text is none of its values.
            pub fn validator(self, says: &Says<'_>) -> Result<Box<dyn Test>, Unfit> {{
                match self {{
                    {tests}
                    _ => Err(Unfit::Sort),
                }}
            }}
        }}
        "
    )
}
