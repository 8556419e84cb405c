//! A document becomes a declaration.
//!
//! In comes a text; out goes a [`Document`], which owns what it says, or all that is wrong with it at once. A tree is
//! borrowed from a document and an [`Arena`].
//!
//! * this file: the text, its limits, and what becomes of it.
//! * `view.rs`: a table of a document, asked by its keys.
//! * `build.rs`: commands; `root.rs`: what is of the whole program; `param.rs`: parameters, `rules.rs`: relations, both with
//!   what `settings.rs` has of them; `refer.rs`: what names in a document mean.
//! * `kinds.rs`: what words may be; `valid.rs`: the tests of values, made before the tree.
//! * `foreign.rs`: what stands for code that only the program has.
//! * `faults.rs`: what is wrong with a document, and where.

mod build;
mod faults;
mod foreign;
mod kinds;
mod param;
mod refer;
mod root;
mod rules;
mod settings;
mod valid;
mod view;

use std::collections::HashMap;

use bumpalo::Bump;
use clavret_core::Command;
use clavret_core::ask::Param;
use clavret_core::valid::Test;

use self::build::Build;
pub use self::faults::DocumentFaults;
use crate::keys::DOCUMENT;
use crate::keys::check::{Blots, check};
use crate::text::{Content, Misread, Node, from_json, from_toml};

/// The longest document that is read, in bytes.
const LONGEST: usize = 4 << 20;

/// A declaration that was read from a text: in TOML, or in JSON where the text begins with a brace. It owns what a tree
/// borrows that is made of it.
///
/// ```
/// # mod clavret { pub use clavret_core::*; pub use clavret_document::{self as document, *}; }
/// use clavret::Outcome;
/// use clavret::document::{Arena, Document};
///
/// let text = r#"
///     clavret = 1
///     name = "feed"
///     summary = "note what a hive was fed"
///
///     [[operand]]
///     name = "hive"
///
///     [[option]]
///     name = "litres"
///     letter = "l"
///     type = "f64"
///     default = 1.5
///     valid = { range = [0.5, 10] }
/// "#;
/// let document = Document::read("feed.toml", text).unwrap();
/// let arena = Arena::new();
/// let feed = document.command(&arena);
///
/// let Outcome::Reading(reading) = feed.read(&["A7", "-l2"]) else { panic!() };
/// assert!(matches!(feed.read(&["A7", "-l20"]), Outcome::Faults(_)));
/// ```
///
/// All that is wrong is told at once, with its places:
///
/// ```
/// # mod clavret { pub use clavret_core::*; pub use clavret_document::{self as document, *}; }
/// use clavret::document::Document;
/// let faults = Document::read("feed.toml", "clavret = 1\nname = \"feed\"\nsumary = \"note\"\n").unwrap_err();
/// assert_eq!(faults.to_string(), "\
/// feed.toml: one thing to put right
///
///   feed.toml:3:1
///   sumary = \"note\"
///   ^^^^^^
///   'sumary' is no key of a document; `summary` is
/// ");
/// ```
#[doc(alias("manifest"))]
#[derive(Debug)]
pub struct Document {
    root: Node,
    /// The tests of values, each by where its text begins.
    tests: HashMap<usize, Box<dyn Test>>,
}

/// What a program hands over, which documents know by name alone.
#[derive(Debug, Clone, Copy, Default)]
struct Handed<'d, 'b> {
    commands: &'b [&'d Command<'d>],
    params: &'b [&'d Param<'d>],
}

/// Where a tree lives that is made of a [`Document`]: it borrows from both, and is gone with them.
#[derive(Debug, Default)]
pub struct Arena(Bump);

impl Arena {
    /// An empty one. It may hold the trees of several documents.
    pub fn new() -> Self {
        Arena::default()
    }
}

impl Document {
    /// Reads a document. `file` is what faults call it.
    ///
    /// # Errors
    ///
    /// All that is wrong with it: with the text, with its keys and their values, and with what it declares. A document
    /// has 4 MiB at most, 32 tables in each other, 200 bytes in a name, and 200 patterns.
    pub fn read(file: &str, text: impl AsRef<[u8]>) -> Result<Self, DocumentFaults> {
        let bytes = text.as_ref();
        let bytes = bytes.strip_prefix(b"\xef\xbb\xbf").unwrap_or(bytes);
        let faults = |text: &str, blots| DocumentFaults::new(file, text, blots);
        let mut blots = Blots::default();
        if bytes.len() > LONGEST {
            let mib = LONGEST >> 20;
            blots.put(
                &(0..0),
                format!("it has more than {mib} MiB, the most that is read of a document"),
            );
            return Err(faults("", blots));
        }
        let text = match std::str::from_utf8(bytes) {
            Ok(text) => text,
            Err(error) => {
                let at = error.valid_up_to();
                blots.put(&(at..at + 3), "it is no text in UTF-8 from here on");
                return Err(faults(&String::from_utf8_lossy(bytes), blots));
            }
        };
        let Some(root) = tree(text, &mut blots) else { return Err(faults(text, blots)) };
        let Content::Table(entries) = &root.content else { return Err(faults(text, blots)) };
        check(entries, &root.at, &DOCUMENT, &mut blots);
        let tests = valid::tests(entries, &mut blots);
        let document = Document { root, tests };
        // A tree is made once to see what is wrong with what is declared.
        let trial = Bump::new();
        let command = Build::new(&document, &trial, &mut blots, Handed::default()).root();
        faults::declared(&document, command, &mut blots);
        if blots.0.is_empty() { Ok(document) } else { Err(faults(text, blots)) }
    }

    /// A test of values, by where its text begins.
    fn test(&self, at: usize) -> Option<&dyn Test> {
        self.tests.get(&at).map(|test| &**test)
    }

    /// The declaration, as a tree that is borrowed from the document and an arena.
    pub fn command<'d>(&'d self, arena: &'d Arena) -> &'d Command<'d> {
        self.command_with(arena, &[], &[])
    }

    /// Makes the command as [`command`](Self::command) does, where what `stands-alone` names is the work of one of these commands or parameters: the program hands over
    /// what it has, such as what prints scripts for completion, and carries nothing else.
    ///
    /// ```
    /// # mod clavret { pub use clavret_core::*; pub use clavret_document::{self as document, *}; }
    /// use clavret::{DOCUMENT_FLAG, Outcome};
    /// use clavret::document::{Arena, Document};
    /// use clavret::look::Look;
    ///
    /// let text = r#"
    ///     clavret = 1
    ///     name = "feed"
    ///     answers = true
    ///     flag = [{ name = "declaration", stands-alone = "document" }]
    /// "#;
    /// let (document, arena) = (Document::read("feed.toml", text).unwrap(), Arena::new());
    /// let feed = document.command_with(&arena, &[], &[DOCUMENT_FLAG.param()]);
    ///
    /// let Outcome::Request(asked) = feed.read(&["--declaration"]) else { panic!() };
    /// assert!(asked.text(Look::PLAIN).contains("\"name\": \"feed\""));
    /// ```
    pub fn command_with<'d>(
        &'d self,
        arena: &'d Arena,
        commands: &[&'d Command<'d>],
        params: &[&'d Param<'d>],
    ) -> &'d Command<'d> {
        let handed = Handed { commands, params };
        Build::new(self, &arena.0, &mut Blots::default(), handed).root()
    }
}

/// The tree of a text; what is wrong with the text is told.
fn tree(text: &str, blots: &mut Blots) -> Option<Node> {
    if text.trim_start().starts_with('{') {
        return match from_json(text) {
            Ok(root) => Some(root),
            Err((at, misread)) => {
                blots.put(&at, told(misread));
                None
            }
        };
    }
    match from_toml(text) {
        Ok(root) => Some(root),
        Err(errors) => {
            errors.into_iter().for_each(|(at, misread)| blots.put(&at, told(misread)));
            None
        }
    }
}

fn told(misread: Misread) -> String {
    match misread {
        Misread::Form(form, said) => format!("it cannot be read as {form} ({said})"),
        Misread::NoTable => "a document is a table of keys and values".to_owned(),
        Misread::Twice(key) => format!("`{key}` stands twice here"),
    }
}
