//! A declaration gives its document: everything that it says but Rust code, which is named and marked `unchecked`.
//!
//! In comes a root; out goes a [`Node`], whose keys stand in the order of the tables in `keys/`.
//!
//! * this file: commands, bundles, the whole.
//! * `param.rs`: parameters, with what `settings.rs` has of them; `kinds.rs`: what their words may be; `valid.rs`: the tests of values.
//! * `asked.rs`: how a program is asked for it.
//! * `rules.rs`: relations, and what parameters are called from afar.
//! * `toml.rs`: how it is laid out in TOML.

mod asked;
mod fields;
mod kinds;
mod param;
mod rules;
mod settings;
#[cfg(feature = "load")]
mod toml;
mod valid;

pub use self::asked::{DOCUMENT_COMMAND, DOCUMENT_FLAG};
#[cfg(feature = "load")]
pub use self::toml::to_toml;
use clavret_core::ask::{Param, Role};
use clavret_core::handlers::Gives;
use clavret_core::inner;
use clavret_core::wording::Wording;
use clavret_core::{Abbreviated, Bundle, Command, HELP_FLAG, Package, VERSION_FLAG};

use self::fields::{Fields, count, list, text, texts};
use self::kinds::Kinds;
use crate::names::{Called, UNCHECKED};
use crate::text::Node;

/// The document of a declaration.
///
/// ```
/// # mod clavret { pub use clavret_core::*; pub use clavret_document::{self as document, *}; }
/// use clavret::{Command, Named, valid};
/// use clavret::document::{document_of, to_toml};
/// static FRAMES: Named<u8> = Named::new("frames").letter('f').default("0").valid(&valid::range(0, 20));
/// static INSPECT: Command = Command::new("inspect").takes(&[FRAMES.param()]);
/// assert_eq!(to_toml(&document_of(&INSPECT)), r#"clavret = 1
/// name = "inspect"
///
/// [[option]]
/// name = "frames"
/// letter = "f"
/// type = "u8"
/// default = "0"
/// valid = { range = [0, 20] }
/// "#);
/// ```
#[doc(alias("export"))]
pub fn document_of<'d>(root: &'d Command<'d>) -> Node {
    let mut export = Export { root, kinds: Kinds::default(), bundles: Vec::new() };
    export.list_bundles();
    let (mut head, mut tail) = (Fields::default(), Fields::default());
    head.put("clavret", count(1_u32));
    export.head(&[root], &mut head);
    export.of_root(&mut head);
    export.taken(&export.params_listed(), &mut tail);
    export.rules(&[root], &mut tail);
    export.below(&mut vec![root], &mut tail);
    let bundles = export.bundles.clone();
    let bundles = bundles.iter().map(|(bundle, name)| export.bundle(bundle, name)).collect();
    head.list("kind", export.kinds.tables());
    head.list("bundle", bundles);
    head.append(tail);
    head.node()
}

/// A document in the making.
struct Export<'d> {
    root: &'d Command<'d>,
    kinds: Kinds<'d>,
    /// The bundles of the tree, each with what commands list it by.
    bundles: Vec<(&'d Bundle<'d>, String)>,
}

impl<'d> Export<'d> {
    fn list_bundles(&mut self) {
        for bundle in self.root.ask().tree().flat_map(|(_, command)| command.ask().bundles()) {
            if self.bundles.iter().any(|known| std::ptr::eq(known.0, *bundle)) {
                continue;
            }
            let heading = bundle.heading();
            let name = if heading.is_empty() { "bundle" } else { heading };
            let name = unused(name, |name| self.bundles.iter().any(|known| known.1 == name));
            self.bundles.push((bundle, name));
        }
    }

    fn command(&mut self, path: &mut Vec<&'d Command<'d>>) -> Node {
        let mut fields = Fields::default();
        self.head(path, &mut fields);
        self.taken(path[path.len() - 1].ask().own_params(), &mut fields);
        self.rules(path, &mut fields);
        self.below(path, &mut fields);
        fields.node()
    }

    fn below(&mut self, path: &mut Vec<&'d Command<'d>>, fields: &mut Fields) {
        let mut commands = Vec::new();
        for command in path[path.len() - 1].ask().subcommands() {
            path.push(command);
            commands.push(self.command(path));
            path.pop();
        }
        fields.list("command", commands);
    }

    /// What a command is called, and what is said of it.
    fn head(&mut self, path: &[&'d Command<'d>], fields: &mut Fields) {
        let command = path[path.len() - 1];
        let name =
            if path.len() == 1 { command.ask().program_name() } else { command.ask().name() };
        fields.put("name", text(name));
        fields.texts("aliases", command.ask().aliases());
        fields.texts("formerly", command.ask().former_names());
        fields.truth("hidden", inner::is_declared_hidden(command));
        for (key, said) in DEPRECATED.iter().zip(command.ask().deprecated()) {
            fields.text(key, said);
        }
        // What only the program knows to give is told in its words.
        match command.ask().alone().is_some_and(|alone| alone.gives() == Gives::Text) {
            true => fields.text("summary", &command.ask().shown_summary(self.root.ask().wording())),
            false => fields.text("summary", command.ask().summary()),
        }
        fields.text("description", command.ask().description());
        fields.truth("acts", command.ask().is_acting());
        fields.text(
            "default-command",
            command.ask().default_command().map_or("", |command| command.ask().name()),
        );
        fields.truth("operands-end-options", command.ask().is_ending_options());
        fields.text("abbreviations", command.ask().abbreviations().map_or("", abbreviated));
        let examples = command.ask().examples().iter();
        fields.list("examples", examples.map(|(what, line)| texts([*what, *line])).collect());
        let statuses = command.ask().statuses().iter();
        let status = |(status, means): &(u8, &str)| list([count(*status), text(means)]);
        fields.list("statuses", statuses.map(status).collect());
        takes(command.ask().own_params(), fields);
        let name_of = |bundle: &&'d Bundle<'d>| {
            let known = self.bundles.iter().find(|known| std::ptr::eq(known.0, *bundle));
            known.map(|known| known.1.as_str())
        };
        let bundles: Vec<&str> = command.ask().bundles().iter().filter_map(name_of).collect();
        fields.texts("bundles", &bundles);
        fields.text("judged-by", if command.ask().is_judged() { UNCHECKED } else { "" });
        fields.text("stands-alone", command.ask().alone().map_or("", |alone| gives(alone.gives())));
    }

    /// What is of the whole program.
    fn of_root(&mut self, fields: &mut Fields) {
        let root = self.root;
        fields.text("version", root.ask().own_version());
        fields.truth("answers", root.ask().is_answering());
        if let Some(usual) = root.ask().usual() {
            fields.put("usual", texts(usual.iter().map(|param| param.name())));
        }
        fields.table("package", package(root.ask().package()));
        if let Some(config) = root.ask().config() {
            let mut table = Fields::default();
            table.put("file", text(config.file()));
            if let Some(option) = config.option_param() {
                table.put("option", text(&self.called(option, &self.levels(&[root]))));
            }
            fields.table("config", table);
        }
        if let Some(wording) = root.ask().own_wording() {
            fields.table("wording", self::wording(wording));
        }
    }

    fn bundle(&mut self, bundle: &'d Bundle<'d>, name: &str) -> Node {
        let mut fields = Fields::default();
        fields.put("name", text(name));
        fields.text("heading", bundle.heading());
        takes(bundle.params(), &mut fields);
        self.taken(bundle.params(), &mut fields);
        let levels = [bundle.params().to_vec(), self.params(self.root)].map(Called::new);
        let rules = bundle.relations().iter();
        fields.list("rule", rules.map(|rule| self.rule(rule, &levels)).collect());
        fields.node()
    }

    /// What the lists of the root have: its own parameters, then the usual ones that not every program may name.
    fn params_listed(&self) -> Vec<&'d Param<'d>> {
        let usual = self.root.ask().usual().unwrap_or_default().iter();
        let own = self.root.ask().own_params().iter();
        own.chain(usual.filter(|param| !is_ready(param))).copied().collect()
    }

    /// Parameters in lists by what they are on the command line.
    fn taken(&mut self, params: &[&'d Param<'d>], fields: &mut Fields) {
        for (role, key) in ROLES {
            let of_role = params.iter().filter(|param| param.role() == *role);
            fields.list(key, of_role.map(|param| self.param(param)).collect());
        }
    }

    fn rules(&mut self, path: &[&'d Command<'d>], fields: &mut Fields) {
        let rules = path[path.len() - 1].ask().own_rules();
        let levels = if rules.is_empty() { Vec::new() } else { self.levels(path) };
        fields.list("rule", rules.iter().map(|rule| self.rule(rule, &levels)).collect());
    }
}

/// The keys of what is said of a deprecated command.
const DEPRECATED: [&str; 3] = ["deprecated", "deprecated-since", "deprecated-until"];

/// The lists of parameters, in the order that they are written.
const ROLES: &[(Role, &str)] = &[
    (Role::Operand, "operand"),
    (Role::Option, "option"),
    (Role::Flag, "flag"),
    (Role::Tally, "tally"),
];

/// Whether it is one that every program may name without declaring it.
fn is_ready(param: &Param<'_>) -> bool {
    param.is(HELP_FLAG.param()) || param.is(VERSION_FLAG.param())
}

/// The order of parameters, where it is not the one that the lists have.
fn takes<'d>(params: &[&'d Param<'d>], fields: &mut Fields) {
    let of_role = |role| params.iter().filter(move |param| param.role() == role);
    let in_lists = ROLES.iter().flat_map(|(role, _)| of_role(*role));
    if !in_lists.zip(params).all(|(listed, param)| listed.is(param)) {
        let known = Called::new(params.to_vec());
        let names: Vec<String> = params.iter().map(|param| known.called(param)).collect();
        fields.put("takes", texts(names.iter().map(String::as_str)));
    }
}

/// What something gives that stands alone.
fn gives(what: Gives) -> &'static str {
    match what {
        Gives::Page => "page",
        Gives::Version => "version",
        Gives::Scripts => "completions",
        Gives::Document => "document",
        Gives::Text => UNCHECKED,
    }
}

fn package(package: &Package<'_>) -> Fields {
    let mut fields = Fields::default();
    fields.text("version", package.version());
    fields.text("binary", package.binary_name());
    fields.text("authors", package.author_list());
    fields.text("page", package.home());
    fields.text("licence", package.licence_name());
    fields
}

fn wording(wording: &Wording<'_>) -> Fields {
    let mut fields = Fields::default();
    let mut phrases = Fields::default();
    for (phrase, text) in wording.replaced() {
        phrases.put(phrase.name(), self::text(text));
    }
    fields.table("with", phrases);
    if wording.words_of_counts() != Wording::ENGLISH.words_of_counts() {
        fields.put("count-words", texts(wording.words_of_counts().iter().copied()));
    }
    let mut nouns = Fields::default();
    for (noun, called) in wording.own_nouns() {
        nouns.put(noun, text(called));
    }
    fields.table("nouns", nouns);
    if wording.named_signs() != Wording::ENGLISH.named_signs() {
        let mut signs = Fields::default();
        for (sign, called) in wording.named_signs() {
            signs.put(sign.encode_utf8(&mut [0; 4]), text(called));
        }
        fields.put("signs", signs.node());
    }
    fields
}

/// A name, with a number after it where that is in use.
fn unused(name: &str, is_used: impl Fn(&str) -> bool) -> String {
    let numbered = (2..).map(|number| format!("{name}-{number}"));
    let mut names = std::iter::once(name.to_owned()).chain(numbered);
    names.find(|name| !is_used(name)).unwrap_or_default()
}

/// Which names may be shortened, as a document says it.
const fn abbreviated(of: Abbreviated) -> &'static str {
    match of {
        Abbreviated::Options => "options",
        Abbreviated::Commands => "commands",
        Abbreviated::Both => "both",
    }
}
