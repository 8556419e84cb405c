//! Live completion: a script asks the program, which answers with what the engine finds.
//!
//! The script starts the program by its name with the one argument `--version`, a dot on its standard input, and puts
//! its request into the variable `CLAVRET`: a version, `complete`, the shell, and that shell's own fields, parted by
//! U+001F. The answer is records that each end in U+001E (for fish in NUL): `clavret 1`, then blocks.
//!
//! * `words END GROUP N`, N texts, and for some shells N lines to show; END is what follows each of them.
//! * `files`, `folders`, `users`, `hosts` or `programs`, then QUOTE, BEFORE, ENDS and BEGUN: the quote that is open, what
//!   is in the word before it, the extensions, how it begins.
//! * `hint SENTENCE`.
//!
//! `line.rs` takes a shell's line apart.

pub(crate) mod line;

use clavret_core::{Put, Refers, columns, digits};

use crate::engine::{Block, Candidate, turns};

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

    pub(crate) fn look(
        &mut self,
        what: Refers,
        quote: &str,
        before: &str,
        (ends, begun): (&[String], &str),
    ) {
        let what = match what {
            Refers::Directory => "folders",
            Refers::Account => "users",
            Refers::Host => "hosts",
            Refers::Program => "programs",
            _ => "files",
        };
        let mut listed = String::new();
        for (at, end) in ends.iter().enumerate() {
            listed.put(if at > 0 { " " } else { "" });
            listed.put(end);
        }
        for record in [what, quote, before, &*listed, begun] {
            self.put(record);
        }
    }

    pub(crate) fn hint(&mut self, sentence: &str) {
        self.put("hint");
        self.put(&one_line(sentence));
    }

    pub(crate) fn text(self) -> String {
        self.text
    }
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

/// A text with its help after it, `between` these; texts are made up to a width.
pub(crate) fn explained(text: &str, help: &str, width: usize, between: [&str; 2]) -> String {
    let mut line = one_line(text);
    if !help.is_empty() {
        for _ in columns(&line)..width {
            line.push(' ');
        }
        line.put(between[0]);
        line.put(&one_line(help));
        line.put(between[1]);
    }
    line
}

/// The widest of some candidates as they are shown, in columns, but for those that are too wide to wait for.
pub(crate) fn widest(blocks: &[Block], shown: &dyn Fn(&str) -> String) -> usize {
    let mut widest = 0;
    for block in blocks {
        if let Block::Words { words, .. } = block {
            for word in words {
                let width = columns(&one_line(&shown(&word.text)));
                widest = widest.max(if width > MOST { 0 } else { width });
            }
        }
    }
    widest
}
