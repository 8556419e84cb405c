//! Live completion: a script asks the program, which answers with what the engine finds.
//!
//! The script starts the program by its name with the one argument `--version`, a dot on its standard input, and puts
//! its request into the variable `CLAVRET`: a version, `complete`, the shell, and that shell's own fields, parted by
//! U+001F. The answer is records that each end in U+001E (for fish in NUL): `clavret 1`, then blocks.
//!
//! * `words END GROUP N`, N texts, and for some shells N lines to show; END is what follows each of them.
//! * `files`, `folders`, `users`, `hosts` or `programs`, then QUOTE, BEFORE, ROOT, ENDS, BEGUN and KEPT: see [`Look`].
//! * `line` and the line of another program: for zsh the place of its first word.
//! * `hint SENTENCE`.
//!
//! `line.rs` takes a shell's line apart.

pub(crate) mod line;

use std::ops::Range;

use clavret_core::Refers;
use clavret_core::inner::{Put, digits};
use clavret_core::look::columns;

use crate::engine::{Candidate, Cursor, Suggestion, turns};

/// An answer, record by record.
pub(crate) struct Records {
    text: String,
    end: char,
}

impl Records {
    pub(crate) fn new(end: char) -> Self {
        let mut records = Records { text: String::new(), end };
        records.put("clavret 1");
        records
    }

    /// Puts a record down. What would end it is left out of it.
    pub(crate) fn put(&mut self, record: &str) {
        for letter in record.chars().filter(|letter| *letter != self.end) {
            self.text.push(letter);
        }
        self.text.push(self.end);
    }

    pub(crate) fn words(&mut self, end: &str, group: &str, texts: &[String], shown: &[String]) {
        if texts.is_empty() {
            return;
        }
        for record in ["words", end, group, &*digits(texts.len())] {
            self.put(record);
        }
        for text in texts.iter().chain(shown) {
            self.put(text);
        }
    }

    pub(crate) fn look(&mut self, look: &Look<'_>) {
        let what = match look.what {
            Refers::Directory => "folders",
            Refers::Account => "users",
            Refers::Host => "hosts",
            Refers::Program => "programs",
            _ => "files",
        };
        let mut listed = String::new();
        for (at, end) in look.ends.iter().enumerate() {
            listed.put(if at > 0 { " " } else { "" });
            listed.put(end);
        }
        for record in [what, look.quote, look.before, look.root, &*listed, look.begun, look.kept] {
            self.put(record);
        }
    }

    /// The line of another program: what a shell finds it by.
    pub(crate) fn line(&mut self, from: &str) {
        self.put("line");
        self.put(from);
    }

    pub(crate) fn hint(&mut self, sentence: &str) {
        self.put("hint");
        self.put(&one_line(sentence));
    }

    pub(crate) fn text(self) -> String {
        self.text
    }
}

/// Something that a shell looks up.
#[derive(Clone, Copy)]
pub(crate) struct Look<'l> {
    pub(crate) what: Refers,
    /// The quote that is open.
    pub(crate) quote: &'l str,
    /// What is in the word before the path, as it is typed.
    pub(crate) before: &'l str,
    /// The beginning of the path, where the shell puts a folder in for it.
    pub(crate) root: &'l str,
    /// The extensions.
    pub(crate) ends: &'l [String],
    /// How it begins, behind that.
    pub(crate) begun: &'l str,
    /// What of the path the shell keeps and is not to be given again, the folder included.
    pub(crate) kept: &'l str,
}

/// What is found where a folder that the shell puts in is a part of the word at the cursor: paths, if it is where they
/// begin.
pub(crate) fn rooted(
    mut blocks: Vec<Suggestion>,
    cursor: &Cursor,
    root: Option<&Range<usize>>,
) -> Vec<Suggestion> {
    let Some(root) = root else { return blocks };
    let end = cursor.begun.text.len();
    let is_path = |block: &Suggestion| match block {
        Suggestion::LookUp { what: Refers::Path | Refers::Directory, begun, .. } => {
            begun.len() == end - root.start
        }
        _ => false,
    };
    blocks.retain(is_path);
    blocks
}

/// Whether there is nothing but options where no word has begun: these are to be seen, and a dash that they have in common
/// is not what was asked for.
pub(crate) fn are_options(blocks: &[Suggestion], begun: &str) -> bool {
    let is_option = |block: &Suggestion| match block {
        Suggestion::Words { words, .. } => words.iter().all(|word| word.text.starts_with('-')),
        Suggestion::LookUp { .. } | Suggestion::Line { .. } => false,
        Suggestion::Hint(_) => true,
    };
    begun.is_empty() && blocks.iter().all(is_option)
}

/// How a path begins: the folder that the shell puts in, and the rest. It is the last part of a word of so many bytes.
pub(crate) fn parted<'b>(
    begun: &'b str,
    (word, root): (usize, Option<&Range<usize>>),
) -> (&'b str, &'b str) {
    let is_at = |root: &&Range<usize>| root.start + begun.len() == word;
    begun.split_at(root.filter(is_at).map_or(0, ExactSizeIterator::len))
}

/// Words of a block that are followed by the same: those that are whole, and those that go on.
pub(crate) fn runs(words: &[Candidate]) -> impl Iterator<Item = &[Candidate]> {
    words.chunk_by(|one, other| one.is_whole == other.is_whole)
}

/// A text that is shown, and never typed: in one line, without control characters and those that turn its direction.
pub(crate) fn one_line(text: &str) -> String {
    let mut line = String::new();
    let mut is_apart = false;
    for letter in text.chars() {
        if turns(letter) {
            continue;
        }
        if letter.is_control() || letter.is_whitespace() {
            is_apart = !line.is_empty();
            continue;
        }
        if std::mem::take(&mut is_apart) {
            line.push(' ');
        }
        line.push(letter);
    }
    line
}

/// Columns that texts are made up to at most, so that their help is below each other.
const MOST: usize = 40;

/// A text with its help after it, `between` these, in so many columns at most; texts are made up to a width. A help of
/// which there is room for no more than a few letters is left out.
pub(crate) fn explained(
    text: &str,
    help: &str,
    (width, most): (usize, usize),
    between: [&str; 2],
) -> String {
    let mut line = one_line(text);
    let (help, used) = (one_line(help), columns(&line).max(width));
    let around = columns(between[0]) + columns(between[1]);
    let room = most.saturating_sub(1).saturating_sub(used + around);
    if help.is_empty() || room < LEAST.min(columns(&help)) {
        return line;
    }
    for _ in columns(&line)..width {
        line.push(' ');
    }
    for piece in [between[0], &shortened(&help, room), between[1]] {
        line.put(piece);
    }
    line
}

/// The fewest columns that a shortened help is worth.
const LEAST: usize = 10;

/// A text in so many columns at most: what is too much gives way to `…`.
fn shortened(text: &str, most: usize) -> String {
    if columns(text) <= most {
        return text.to_owned();
    }
    let mut kept = String::new();
    for letter in text.chars() {
        kept.push(letter);
        if columns(&kept) >= most {
            kept.pop();
            break;
        }
    }
    kept.trim_end().to_owned() + "…"
}

/// The widest of some candidates as they are shown, in columns, but for those that are too wide to wait for.
pub(crate) fn widest(blocks: &[Suggestion], shown: &dyn Fn(&Candidate) -> String) -> usize {
    let mut widest = 0;
    for block in blocks {
        if let Suggestion::Words { words, .. } = block {
            for word in words {
                let width = columns(&one_line(&shown(word)));
                widest = widest.max(if width > MOST { 0 } else { width });
            }
        }
    }
    widest
}
