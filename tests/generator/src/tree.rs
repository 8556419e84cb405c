//! A declaration in an arena: what a program would have declared, with a key for each parameter.

use std::ffi::OsString;
use std::path::Path;

use bumpalo::Bump;
use clavret_core::ask::{Param, Role};
use clavret_core::handlers::{Alone, ShowPage, ShowVersion};
use clavret_core::reader::Request;
use clavret_core::shape::{Form, Untyped};
use clavret_core::wording::{Phrase, Wording};
use clavret_core::world::{Environment, Lister, Presence, Settings, Unread, World};
use clavret_core::{
    Bundle, Command, Config, Kind, Known, Named, Objection, Package, Reading, Rule, SoFar,
    VERSION_FLAG,
};

use crate::settings;
use crate::sorts::{Part, STANDARD, Shaped, Value, of_words};
use crate::spec::{Group, Kinds, Made, Node, Relation, Say, Spec, Valued};

/// What lists hang on, throughout a tree.
pub static YARD: Named<Option<String>> = Named::new("yard").throughout();

/// A list that hangs on a value that is typed, before or after.
#[derive(Debug)]
pub struct Listed {
    is_closed: bool,
}

static OPEN: Listed = Listed { is_closed: false };
static CLOSED: Listed = Listed { is_closed: true };

impl Listed {
    pub const WORDS: [&'static str; 6] = ["blue", "black", "brown", "apiary", "x", "-dark"];
}

impl Lister for Listed {
    fn list(&self, so_far: SoFar) -> Option<Vec<Known>> {
        Some(match so_far.get(&YARD)? {
            Some(yard) => {
                vec![
                    yard.as_str().into(),
                    "blue".into(),
                    "-dark".into(),
                    Known::of("black").hidden(),
                ]
            }
            None => vec!["blue".into(), "black".into(), Known::of("apiary").help("all of it")],
        })
    }

    fn is_closed(&self) -> bool {
        self.is_closed
    }
}

/// A world of some variables, without files.
#[derive(Debug, Clone, Default)]
pub struct Surroundings {
    pub variables: Vec<(String, OsString)>,
}

impl World for Surroundings {
    fn variable(&self, name: &str) -> Option<OsString> {
        self.variables.iter().find(|(known, _)| known == name).map(|(_, value)| value.clone())
    }

    /// By its name: a folder, nothing, or a file.
    fn presence(&self, path: &Path) -> Presence {
        match path.to_str() {
            Some(path) if path.starts_with("yard") => Presence::Directory,
            Some(path) if path.starts_with("none") => Presence::Nothing,
            _ => Presence::File,
        }
    }

    fn first_line(&self, file: &Path) -> Result<OsString, Unread> {
        match self.presence(file) {
            Presence::File => Ok("A7".into()),
            _ => Err(std::io::Error::from(std::io::ErrorKind::NotFound).into()),
        }
    }

    fn settings(&self, _: &str, _: Option<&Path>) -> Result<Option<Settings>, Unread> {
        Ok(None)
    }

    fn environment(&self) -> Option<Environment> {
        let own = self.clone();
        Some(Environment::new(move |name| own.variable(name)))
    }
}

/// A test of the whole that nobody can foresee.
fn odd(reading: &Reading<'_>) -> Result<(), Objection> {
    match reading.occurrences().count() % 4 {
        3 => Err(Objection::new("too odd")),
        _ => Ok(()),
    }
}

fn told(_: &Request<'_>) -> String {
    "told\n".to_owned()
}

/// A tree, and the keys of its parameters in the order of the declaration.
#[derive(Debug)]
pub struct Tree<'a> {
    pub root: &'a Command<'a>,
    pub keys: Vec<Key<'a>>,
}

/// A key, and what shows its value.
#[derive(Debug)]
pub struct Key<'a> {
    pub made: &'a Made,
    pub param: &'a Param<'a>,
    key: &'a Untyped<'a>,
}

impl Key<'_> {
    /// Its value, if the command that was called has it.
    pub fn ask(&self, reading: &Reading<'_>) -> Option<Value> {
        if self.made.is_yard {
            let yard = reading.try_get(&YARD)?;
            return Some(
                yard.as_ref().map_or(Value::Absent, |yard| Value::Given(vec![format!("{yard:?}")])),
            );
        }
        let held = reading.try_get(self.key)?;
        let given =
            |value: Option<String>| value.map_or(Value::Absent, |value| Value::Given(vec![value]));
        Some(match (self.made.role, self.made.value) {
            (Role::Flag, _) => given(held.get::<bool>().map(ToString::to_string)),
            (_, None) => given(held.get::<u32>().map(ToString::to_string)),
            (_, Some(value)) => value.shown()(held),
        })
    }
}

impl Valued {
    fn shown(self) -> fn(&clavret_core::reader::Held) -> Value {
        match self.kind {
            Kinds::Of(sort) if !self.is_by_kind => sort.shown(self.shape),
            _ => of_words,
        }
    }

    fn form<'a>(self, arena: &'a Bump) -> &'a Form<'a> {
        let kind = match self.kind {
            Kinds::Of(sort) if !self.is_by_kind => return sort.form(self.shape),
            Kinds::Of(sort) => (sort.kind)(),
            Kinds::Own(own) => own.kind(),
        };
        let (text, count) = ((STANDARD[0].kind)(), Kind::typed::<i8>());
        let part: &Kind<'_> = arena.alloc(Kind::typed::<Part>());
        let kind: &Kind<'_> = arena.alloc(kind);
        let kinds: &[&Kind<'_>] = match self.shape {
            Shaped::Two | Shaped::ManyTwos => arena.alloc([kind, kind]),
            Shaped::Pair => arena.alloc([kind, arena.alloc(count) as &_]),
            Shaped::Map => arena.alloc([arena.alloc(Kind::entry(arena.alloc(text), kind)) as &_]),
            Shaped::Keyed => arena.alloc([arena.alloc(Kind::entry(part, kind)) as &_]),
            _ => arena.alloc([kind]),
        };
        let form = Form::words(kinds);
        arena.alloc(match self.shape {
            Shaped::Optional | Shaped::Pair => form.optional(),
            Shaped::Many | Shaped::ManyTwos | Shaped::Map | Shaped::Keyed => form.many(),
            Shaped::Attached => form.attached(),
            Shaped::Needed | Shaped::Two => form,
        })
    }
}

impl Spec {
    /// The declaration, made anew in an arena.
    pub fn tree<'a>(&'a self, arena: &'a Bump) -> Tree<'a> {
        let keys: Vec<Key<'a>> = self.params.iter().map(|made| key(made, arena)).collect();
        let mut build = Build { arena, keys, bundles: Vec::new() };
        build.bundles = self.bundles.iter().map(|group| build.bundle(group)).collect();
        let root = build.command(&self.root);
        Tree { root, keys: build.keys }
    }
}

fn key<'a>(made: &'a Made, arena: &'a Bump) -> Key<'a> {
    let form = || made.value.map_or(Form::of::<String>(), |value| value.form(arena));
    let mut key = match made.role {
        Role::Operand => Untyped::operand(made.name, form()),
        Role::Option => Untyped::option(made.name, form()),
        Role::Flag => Untyped::flag(made.name),
        _ => Untyped::tally(made.name),
    };
    for setting in &made.said {
        key = set(key, setting.name, &setting.say, made, arena);
    }
    let key: &Untyped<'_> = arena.alloc(key);
    let param = if made.is_yard { YARD.param() } else { key.param() };
    Key { made, param, key }
}

pub(crate) fn texts<'a>(texts: &'a [String], arena: &'a Bump) -> &'a [&'a str] {
    arena.alloc_slice_fill_iter(texts.iter().map(String::as_str))
}

fn set<'a>(
    key: Untyped<'a>,
    name: &str,
    say: &'a Say,
    made: &Made,
    arena: &'a Bump,
) -> Untyped<'a> {
    settings::set(key, name, say, arena, |key| match (name, say) {
        ("valid", _) => match made.sort().and_then(|sort| sort.valid) {
            Some((test, ..)) => key.valid(test),
            None => key,
        },
        ("stands_alone", Say::Gives(gives)) => {
            let alone: &dyn Alone = match *gives {
                "page" => &ShowPage,
                "version" => &ShowVersion,
                _ => &told,
            };
            key.stands_alone(alone)
        }
        ("times", Say::Times(least, most)) => key.times(*least, *most),
        ("refers", Say::Refers(refers)) => key.refers(*refers),
        ("tail", Say::Tail(tail)) => key.tail(*tail),
        ("listed_by", Say::List(is_closed)) => {
            key.listed_by(if *is_closed { &CLOSED } else { &OPEN })
        }
        (name, say) => panic!("`{name}` with {say:?} is not known here"),
    })
}

struct Build<'a> {
    arena: &'a Bump,
    keys: Vec<Key<'a>>,
    bundles: Vec<&'a Bundle<'a>>,
}

impl<'a> Build<'a> {
    fn params(&self, places: &[usize]) -> &'a [&'a Param<'a>] {
        self.arena.alloc_slice_fill_iter(places.iter().map(|&at| self.keys[at].param))
    }

    fn rules(&self, rules: &'a [Relation]) -> &'a [Rule<'a>] {
        let rule = |rule: &'a Relation| {
            let members = self.params(&rule.members);
            let when = rule.when.as_ref();
            let when = when.map(|(at, value)| (self.keys[*at].param, value.as_str()));
            settings::rule(rule.name, members, when)
        };
        self.arena.alloc_slice_fill_iter(rules.iter().map(rule))
    }

    fn bundle(&self, group: &'a Group) -> &'a Bundle<'a> {
        let bundle = Bundle::new(group.heading).takes(self.params(&group.taken));
        self.arena.alloc(bundle.rules(self.rules(&group.rules)))
    }

    fn command(&self, node: &'a Node) -> &'a Command<'a> {
        let arena = self.arena;
        let below: &[&Command<'a>] =
            arena.alloc_slice_fill_iter(node.below.iter().map(|node| self.command(node)));
        let bundles = node.bundles.iter().map(|&at| self.bundles[at]);
        let mut command =
            Command::draft(if node.says("named").is_some() { "other" } else { node.name })
                .takes(self.params(&node.taken))
                .bundles(arena.alloc_slice_fill_iter(bundles))
                .commands(below)
                .rules(self.rules(&node.rules));
        for setting in &node.said {
            command = match (setting.name, &setting.say) {
                ("summary", Say::Text(text)) => command.summary(text),
                ("description", Say::Text(text)) => command.description(text),
                ("acts", _) => command.acts(),
                ("default_command", Say::At(at)) => command.default_command(below[at[0]]),
                ("aliases", Say::Texts(names)) => command.aliases(texts(names, arena)),
                ("formerly", Say::Texts(names)) => command.formerly(texts(names, arena)),
                ("hidden", _) => command.hidden(),
                ("deprecated", Say::Text(instead)) => command.deprecated(instead),
                ("deprecated_since", Say::Text(since)) => command.deprecated_since(since),
                ("deprecated_until", Say::Text(until)) => command.deprecated_until(until),
                ("named", _) => command.named(node.name),
                ("operands_end_options", _) => command.operands_end_options(),
                ("abbreviations", Say::Of(of)) => command.abbreviations(*of),
                ("judged_by", _) => command.judged_by(&odd),
                ("examples", Say::Pairs(pairs)) => command.examples(pairs),
                ("statuses", _) => command.statuses(&[(0, "done"), (1, "not done")]),
                ("version", _) => command.version("1.2.0"),
                ("answers", _) => command.answers(),
                ("package", _) => command.package(PACKAGE),
                ("config", _) => command.config(&CONFIG),
                ("wording", _) => command.wording(&WORDING),
                ("usual", Say::At(at)) => {
                    let own = self.keys[at[0]].param;
                    command.usual(arena.alloc([own, VERSION_FLAG.param()]))
                }
                (name, say) => panic!("`{name}` with {say:?} is not known here"),
            };
        }
        arena.alloc(command)
    }
}

const PACKAGE: Package<'static> = Package::new("1")
    .binary("apiary")
    .licence("MIT")
    .authors("Ada <ada@example.org>")
    .page("https://example.org");
static CONFIG: Config<'static> = Config::new("apiary/config.toml");
static WORDING: Wording<'static> = Wording::ENGLISH
    .with(&[(Phrase::OneFault, "iets")])
    .count_words(&["een", "twee"])
    .nouns(&[("a label", "een etiket")])
    .signs(&[(',', "kommas")]);
