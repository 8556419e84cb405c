//! What may be typed at the cursor: the one reader is stepped through the words before it, and asked what it would
//! accept next.
//!
//! In come the words around the cursor, their quoting undone; out go [`Suggestion`]s: words with their help, something that
//! the shell looks up by its own means, or a sentence where nothing can be listed.
//!
//! * `typing.rs`: what the line has already, and what cannot be given beside it.
//! * `names.rs`: subcommands, options, clusters of letters.
//! * `values.rs`: values of options and of operands, also within a word; `listed.rs`: those that are known at run time.

mod listed;
mod names;
mod typing;
mod values;

use std::ffi::{OsStr, OsString};

use clavret_core::ask::Param;
use clavret_core::reader::{Expects, Meaning, Reader, Step, Word, Words};
use clavret_core::wording::Wording;
use clavret_core::world::World;
use clavret_core::{Command, Refers};

use listed::Listings;
pub(crate) use names::shown_names;
use typing::Typing;

/// The words around the cursor, as the program would get them. The program's own name is not among them.
#[derive(Debug, Clone, Default)]
pub struct Cursor {
    /// The words before the one that the cursor is in.
    pub before: Vec<Typed>,
    /// The word that the cursor is in, up to the cursor; empty between two words.
    pub begun: Typed,
    /// The words after it.
    pub after: Vec<Typed>,
}

/// A word of a line in the making.
#[derive(Debug, Clone, Default, PartialEq, Eq)]
pub struct Typed {
    /// The text of the word, without the quotes of the shell.
    pub text: OsString,
    /// The shell will make something else of it: a variable, a command's output, a pattern. It is taken for one
    /// word, and what it will be is not looked at.
    pub is_open: bool,
}

impl Typed {
    /// A word without anything for the shell to expand.
    pub fn new(text: impl Into<OsString>) -> Self {
        Typed { text: text.into(), is_open: false }
    }
}

impl Cursor {
    /// The end of a line: the words before the last one, and what there is of that.
    pub fn new<W: Word>(before: &[W], begun: &str) -> Self {
        let mut cursor = Cursor { begun: Typed::new(begun), ..Cursor::default() };
        let words = Words::new(before);
        for at in 0..words.count() {
            cursor.before.push(Typed::new(words.word(at)));
        }
        cursor
    }
}

/// What may stand at the cursor.
#[derive(Debug, Clone, PartialEq, Eq)]
#[non_exhaustive]
pub enum Suggestion {
    /// Words to choose from, under a heading.
    Words {
        /// What they are, in a word or two; it may be empty.
        group: String,
        /// The words, in the order of the declaration.
        words: Vec<Candidate>,
    },
    /// Something that a shell looks up by its own means.
    LookUp {
        /// What the shell looks up: files, folders, programs and so on.
        what: Refers,
        /// What is in the word before it, such as `--out=`.
        before: String,
        /// The extensions that a file may have, without a dot; any where there are none.
        ends: Vec<String>,
        /// How it begins.
        begun: String,
    },
    /// The line of another program, which is completed as that one has it: its name and words, from this one of the words
    /// before the cursor on.
    Line {
        /// Which word is its name.
        from: usize,
    },
    /// What would be right, where it cannot be listed: "a whole number from 0 to 20".
    Hint(String),
}

impl Suggestion {
    /// The words to choose from, as they would stand on the line; none where it is something else.
    pub fn texts(&self) -> impl Iterator<Item = &str> {
        let words = match self {
            Suggestion::Words { words, .. } => &words[..],
            _ => &[],
        };
        words.iter().map(|word| &*word.text)
    }
}

/// A word to choose.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Candidate {
    /// The whole word.
    pub text: String,
    /// What it means, in a line; it may be empty.
    pub help: String,
    /// Nothing more of the word is to come: a space follows.
    pub is_whole: bool,
    /// The bytes in front of what there is to choose: a name with its sign, or the values before the last one of a list.
    pub head: usize,
}

impl Candidate {
    /// What there is to choose, without what is in front of it in the word.
    pub fn shown(&self) -> &str {
        &self.text[self.head..]
    }
}

/// How a word may begin that is offered where none begins as the word at the cursor does.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) enum Fits {
    /// In another case, where the letters are those of ASCII.
    AnyCase,
    /// Otherwise, with that within it, in any case.
    Within,
}

/// What may be typed at the cursor of a line. The reader accepts all of it, and of what it would accept only that is
/// left out which `docs/completion.md` lists. Values that are known at run time are listed in a world; without one they are
/// left out.
///
/// ```
/// # mod clavret { pub use clavret_core::*; pub use clavret_tab::{self as shell, *}; }
/// use clavret::shell::{Cursor, Suggestion, complete};
/// use clavret::{Command, Flag};
/// static CALM: Flag = Flag::new("calm").help("the colony was calm");
/// static INSPECT: Command = Command::new("inspect").takes(&[CALM.param()]);
///
/// let cursor = Cursor::new(&[] as &[&str], "--c");
/// let [Suggestion::Words { words, .. }] = &complete(&INSPECT, &cursor, None)[..] else { panic!() };
/// assert_eq!((&*words[0].text, &*words[0].help), ("--calm", "the colony was calm"));
/// ```
#[doc(alias("autocomplete"))]
pub fn complete(root: &Command<'_>, cursor: &Cursor, world: Option<&dyn World>) -> Vec<Suggestion> {
    found(root, cursor, world, &[])
}

/// Completes for a shell whose user has words match that begin otherwise: these are looked for where none begins so.
pub(crate) fn complete_by(
    root: &Command<'_>,
    cursor: &Cursor,
    world: &dyn World,
    fits: &[Fits],
) -> Vec<Suggestion> {
    found(root, cursor, Some(world), fits)
}

fn found<'d>(
    root: &'d Command<'d>,
    cursor: &Cursor,
    world: Option<&'d dyn World>,
    fits: &[Fits],
) -> Vec<Suggestion> {
    let Some(begun) = cursor.begun.text.to_str().filter(|_| !cursor.begun.is_open) else {
        return Vec::new();
    };
    let mut completing = Completing::new(root, (cursor, begun), world);
    completing.find();
    for &fit in fits {
        if begun.is_empty() || completing.has_any() {
            break;
        }
        completing.restart(fit);
        completing.find();
    }
    completing.found
}

/// A position that is being completed, and what was found for it.
struct Completing<'d, 'c> {
    root: &'d Command<'d>,
    /// What lists of values are asked in.
    world: Option<&'d dyn World>,
    /// Default subcommands that what is offered leads to first.
    defaults: usize,
    /// What lists have given.
    lists: Listings,
    cursor: &'c Cursor,
    /// The text of the word at the cursor, and what else than a word that begins so may be offered.
    begun: &'c str,
    fits: Option<Fits>,
    wording: &'d Wording<'d>,
    given: Typing<'d>,
    found: Vec<Suggestion>,
    /// The texts that were in it before the command, the operand or the cluster at hand was looked at: what these
    /// have themselves is different from each other.
    earlier: Vec<String>,
    /// A command of the program is wanted; where none can be, nothing else is offered either.
    is_topic: bool,
    /// An operand is wanted that may not be left out.
    is_due: bool,
}

impl<'d, 'c> Completing<'d, 'c> {
    fn new(
        root: &'d Command<'d>,
        (cursor, begun): (&'c Cursor, &'c str),
        world: Option<&'d dyn World>,
    ) -> Self {
        Completing {
            root,
            world,
            defaults: 0,
            lists: Listings::default(),
            cursor,
            begun,
            fits: None,
            wording: root.ask().wording(),
            given: Typing::default(),
            found: Vec::new(),
            earlier: Vec::new(),
            is_topic: false,
            is_due: false,
        }
    }

    /// The same once more, with other words.
    fn restart(&mut self, fits: Fits) {
        self.fits = Some(fits);
        (self.found, self.is_topic, self.is_due) = (Vec::new(), false, false);
    }

    fn find(&mut self) {
        let (begun, reader) = (self.begun, stepped(self.root, &self.cursor.before, None));
        self.settle();
        if let Expects::Value(param, at) = reader.expects() {
            self.given = Typing::of(self.root, self.cursor, true, 0);
            let is_file = last_meaning(reader.steps()) == Some(Meaning::File);
            if self.may_have(param) {
                self.add_values((param, at), is_file, ("", begun));
            }
        } else if begun.starts_with('-') && !reader.is_past_options() {
            self.dashed();
        } else {
            self.plain(reader.is_past_options());
        }
    }

    /// Whether an option that is named at or before the cursor may have a value beside what is typed.
    fn may_have(&self, param: &Param<'d>) -> bool {
        let is_free = !param.is_once() || self.given.values_of(param).whole.is_empty();
        is_free && !self.given.excludes(param)
    }

    /// Whether a word may be offered for how the one at the cursor begins, or for that part of both.
    fn fits(&self, text: &str, begun: &str) -> bool {
        // Tables of all letters are not worth their size.
        let is_it = |part: &[u8]| part.eq_ignore_ascii_case(begun.as_bytes());
        match self.fits {
            None => text.starts_with(begun),
            Some(Fits::AnyCase) => text.as_bytes().get(..begun.len()).is_some_and(is_it),
            Some(Fits::Within) => text.as_bytes().windows(begun.len().max(1)).any(is_it),
        }
    }

    /// A word without a dash, or one that is no option here.
    fn plain(&mut self, is_past_options: bool) {
        self.at_each_level(|completing, reader| match reader.expects() {
            Expects::Command(command) => completing.add_commands(command),
            _ => completing.add_operands(reader),
        });
        // Where only free text or nothing is wanted, the options are what can be offered: unless it is to come first.
        if self.begun.is_empty() && !self.has_any() && !is_past_options && !self.is_due {
            self.add_all_names(shown_names);
        } else if !self.begun.is_empty() && !self.has_any() {
            self.at_each_level(Completing::add_other_commands);
        }
    }

    /// What may be at the cursor for the command that the words have reached, and then for the default subcommands
    /// below it.
    fn at_each_level(&mut self, mut add: impl FnMut(&mut Self, &Reader<'d>)) {
        let mut reader = stepped(self.root, &self.cursor.before, None);
        for defaults in 0.. {
            self.defaults = defaults;
            self.given = Typing::of(self.root, self.cursor, false, defaults);
            self.settle();
            add(self, &reader);
            if !reader.step_into_default() {
                break;
            }
        }
    }

    /// What is found so far is not to be found again.
    fn settle(&mut self) {
        self.earlier.clear();
        for block in &self.found {
            if let Suggestion::Words { words, .. } = block {
                self.earlier.extend(words.iter().map(|word| word.text.clone()));
            }
        }
    }

    /// Whether there is something to choose from.
    fn has_any(&self) -> bool {
        self.is_topic || self.found.iter().any(|block| !matches!(block, Suggestion::Hint(_)))
    }

    /// Puts words down that begin as the word at the cursor does, and are not there yet.
    fn add_words(&mut self, group: &str, words: Vec<Candidate>) {
        let begun = self.begun;
        let mut kept: Vec<Candidate> = Vec::new();
        for word in words {
            let is_shown = self.fits(&word.text, begun)
                && word.text.len() <= LONGEST
                && !word.text.chars().any(is_never_typed);
            if is_shown && !self.earlier.contains(&word.text) {
                kept.push(word);
            }
        }
        if kept.is_empty() {
            return;
        }
        for block in &mut self.found {
            if let Suggestion::Words { group: known, words } = block
                && known == group
            {
                return words.append(&mut kept);
            }
        }
        self.found.push(Suggestion::Words { group: group.to_owned(), words: kept });
    }
}

/// Characters that nobody types into a word: control characters, of which a shell could show nothing, and those that turn
/// the direction of what a shell shows around them.
fn is_never_typed(character: char) -> bool {
    character.is_control() && !matches!(character, '\n' | '\t') || turns(character)
}

/// Whether a character changes the direction of text: Unicode's bidirectional formatting characters (UAX #9).
pub(crate) fn turns(character: char) -> bool {
    matches!(
        character,
        '\u{61c}' | '\u{200e}' | '\u{200f}' | '\u{202a}'..='\u{202e}' | '\u{2066}'..='\u{2069}'
    )
}

/// Bytes of a word that a shell is offered: a longer one is nothing that a person reads, and may be more than a line takes.
const LONGEST: usize = 4096;

/// A reader that has stepped through some words, and then one more.
fn stepped<'d>(root: &'d Command<'d>, words: &[Typed], last: Option<&OsStr>) -> Reader<'d> {
    let mut reader = Reader::new(root, words.len() + 1);
    for word in words {
        reader.step(&word.text);
    }
    if let Some(last) = last {
        reader.step(last);
    }
    reader
}

fn last_meaning(steps: &[Step]) -> Option<Meaning> {
    steps.last().map(Step::meaning)
}
