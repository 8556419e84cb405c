//! A line as a shell has it, taken apart: its words without their quotes, and how the word at the cursor is quoted.
//!
//! In comes the text of one command up to the cursor, and what is after it; out goes a [`Line`]. Redirections, variables
//! that are set for the command, and the command's own name are not among the words.

use std::ops::Range;

use crate::engine::{Cursor, Typed};

/// A line, taken apart.
#[derive(Debug, Default)]
pub(crate) struct Line {
    /// The words of the program.
    pub(crate) cursor: Cursor,
    /// Where each of the words before the cursor begins in the text.
    pub(crate) starts: Vec<usize>,
    /// The word at the cursor as it was typed.
    pub(crate) raw: String,
    /// The quote that is open at the cursor.
    pub(crate) quote: Quote,
    /// The word at the cursor is the file of a redirection, and none of the program's.
    pub(crate) is_redirected: bool,
    /// Where that word has a folder that the shell puts in: see [`Begun`].
    pub(crate) root: Option<Range<usize>>,
}

/// The word at the cursor.
#[derive(Debug, Default)]
pub(crate) struct Begun {
    pub(crate) typed: Typed,
    /// Which of its bytes name a folder that the shell puts in, and nothing else of it does it change: `~/`, `~name/`,
    /// `$HOME/`, `$PWD/`, these also with braces. What may follow are paths.
    pub(crate) root: Option<Range<usize>>,
}

/// A quote that is open.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default)]
pub(crate) enum Quote {
    #[default]
    None,
    Single,
    Double,
    /// `$'…'`, where a backslash means more.
    Escaping,
}

/// What differs between shells.
#[derive(Clone, Copy, PartialEq, Eq, Default)]
pub(crate) enum Syntax {
    /// bash and zsh.
    #[default]
    Posix,
    Fish,
}

/// A word as it was typed, and what it means.
#[derive(Debug, Default, Clone)]
struct Word {
    typed: Typed,
    root: Option<Range<usize>>,
    text: String,
    raw: Range<usize>,
    quote: Quote,
    is_redirected: bool,
}

impl Line {
    /// Of the text up to the cursor, and of what is after it.
    pub(crate) fn of(before: &str, after: &str, syntax: Syntax) -> Self {
        let mut words = split(before, syntax);
        let last = words.pop().unwrap_or_default();
        let mut line = Line {
            raw: before[last.raw.clone()].to_owned(),
            quote: last.quote,
            is_redirected: last.is_redirected,
            ..Line::default()
        };
        words.retain(|word| !word.is_redirected);
        drop_command(&mut words);
        line.starts = words.iter().map(|word| word.raw.start).collect();
        line.cursor.before = words.into_iter().map(Word::typed).collect();
        let begun = last.begun();
        (line.cursor.begun, line.root) = (begun.typed, begun.root);
        // The rest of the word at the cursor stays where it is.
        let rest = after.find(|letter: char| letter.is_whitespace()).map_or("", |at| &after[at..]);
        let mut words = split(rest, syntax);
        words.retain(|word| !word.is_redirected && !word.raw.is_empty());
        line.cursor.after = words.into_iter().map(Word::typed).collect();
        line
    }
}

/// Takes off variables that are set for a command, and its name.
fn drop_command(words: &mut Vec<Word>) {
    let is_set = |word: &Word| {
        let name = word.text.split_once('=').map_or("", |(name, _)| name);
        let is_letter = |letter: char| letter.is_ascii_alphanumeric() || letter == '_';
        !name.is_empty()
            && !name.starts_with(|letter: char| letter.is_ascii_digit())
            && name.chars().all(is_letter)
    };
    let set = words.iter().take_while(|word| is_set(word)).count();
    words.drain(..(set + 1).min(words.len()));
}

/// A word of its own without its quotes, as zsh hands it out.
pub(crate) fn unquoted(raw: &str) -> Typed {
    one(raw).typed()
}

/// The same of the word at the cursor, up to there.
pub(crate) fn unquoted_begun(raw: &str) -> Begun {
    one(raw).begun()
}

fn one(raw: &str) -> Word {
    let mut words = Words { text: raw, syntax: Syntax::Posix, is_one: true, ..Words::default() };
    words.split();
    words.word
}

/// The words of a command; the last one is that at the end, and empty after white space.
fn split(text: &str, syntax: Syntax) -> Vec<Word> {
    let mut words = Words { text, syntax, ..Words::default() };
    words.split();
    let last = std::mem::take(&mut words.word);
    words.done.push(last);
    words.done
}

impl Word {
    fn typed(mut self) -> Typed {
        self.typed.text = self.text.into();
        self.typed.is_open |= self.root.is_some();
        self.typed
    }

    fn begun(mut self) -> Begun {
        let root = self.root.take().filter(|_| !self.typed.is_open);
        Begun { typed: self.typed(), root }
    }
}

#[derive(Default)]
struct Words<'t> {
    text: &'t str,
    syntax: Syntax,
    /// White space is a part of the word.
    is_one: bool,
    word: Word,
    has_begun: bool,
    /// The next word is the file of a redirection.
    redirects: bool,
    done: Vec<Word>,
}

impl Words<'_> {
    fn split(&mut self) {
        let mut at = 0;
        self.word.raw = 0..0;
        while let Some(letter) = self.text[at..].chars().next() {
            let next = at + letter.len_utf8();
            at = match self.word.quote {
                Quote::None => self.plain(letter, at, next),
                Quote::Single => self.single(letter, next),
                Quote::Double => self.double(letter, at, next),
                Quote::Escaping => self.escaping(letter, next),
            };
            self.word.raw.end = at;
        }
        if !self.has_begun {
            self.word = Word { raw: at..at, is_redirected: self.redirects, ..Word::default() };
        }
    }

    fn put(&mut self, letter: char) {
        self.word.text.push(letter);
    }

    /// A part of the word that the shell puts something else in place of: all up to a byte.
    fn put_open(&mut self, at: usize, end: usize) -> usize {
        self.begin(at);
        self.word.typed.is_open = true;
        self.word.text.push_str(&self.text[at..end]);
        end
    }

    /// What a shell runs or looks up to put its outcome in place, from its first sign on; gives where it ends. One that
    /// does not end before the cursor is a command of its own.
    fn substituted(&self, at: usize) -> Option<usize> {
        let text = &self.text[at..];
        let is_quoted = self.word.quote == Quote::Double;
        let close = match (self.syntax, text.as_bytes()) {
            (_, [b'$', b'(', ..]) => ')',
            (Syntax::Posix, [b'<' | b'>', b'(', ..]) | (Syntax::Fish, [b'(', ..]) if !is_quoted => {
                ')'
            }
            (Syntax::Posix, [b'$', b'{', ..]) => '}',
            (Syntax::Posix, [b'`', ..]) => '`',
            _ => return None,
        };
        Some(at + closing(text, close)?)
    }

    /// A folder that the shell puts in for a name of it: takes that as it is, and gives where it ends.
    fn rooted(&mut self, at: usize) -> Option<usize> {
        let text = &self.text[at..];
        let named = ["$HOME/", "$PWD/", "${HOME}/", "${PWD}/"];
        let known = named.iter().find(|name| text.starts_with(*name)).map(|name| name.len());
        let is_letter = |letter: char| letter.is_ascii_alphanumeric() || "_.-".contains(letter);
        let length = known.or_else(|| {
            let (name, _) = text.strip_prefix('~').filter(|_| !self.has_begun)?.split_once('/')?;
            name.chars().all(is_letter).then_some(name.len() + 2)
        })?;
        self.begin(at);
        let start = self.word.text.len();
        // Of two in a word nothing is known.
        self.word.typed.is_open |= self.word.root.is_some();
        self.word.root = Some(start..start + length);
        self.word.text.push_str(&self.text[at..at + length]);
        Some(at + length)
    }

    fn begin(&mut self, at: usize) {
        if !self.has_begun {
            self.has_begun = true;
            self.word = Word { raw: at..at, is_redirected: self.redirects, ..Word::default() };
            self.redirects = false;
        }
    }

    fn end(&mut self) {
        if self.has_begun {
            self.done.push(std::mem::take(&mut self.word));
            self.has_begun = false;
        }
    }

    /// A letter outside of quotes; gives where the next one is.
    fn plain(&mut self, letter: char, at: usize, next: usize) -> usize {
        let rest = &self.text[next..];
        if let Some(end) = self.rooted(at) {
            return end;
        }
        if let Some(end) = self.substituted(at) {
            return self.put_open(at, end);
        }
        match letter {
            _ if self.is_one && letter.is_whitespace() => {
                self.begin(at);
                self.put(letter);
            }
            ' ' | '\t' => self.end(),
            // Another command begins.
            ';' | '|' | '&' | '\n' | '(' | ')' | '`'
                if !self.is_one && (letter != '`' || self.syntax == Syntax::Posix) =>
            {
                if letter == '&' && rest.starts_with('>') {
                    self.end();
                    return next;
                }
                self.end();
                self.done.clear();
                self.redirects = false;
            }
            '<' | '>' if !self.is_one => return next + self.redirect(rest),
            '\\' => {
                self.begin(at);
                return self.escaped(next);
            }
            '\'' | '"' => {
                self.begin(at);
                self.word.quote = if letter == '"' { Quote::Double } else { Quote::Single };
            }
            '$' if self.syntax == Syntax::Posix && rest.starts_with('\'') => {
                self.begin(at);
                self.word.quote = Quote::Escaping;
                return next + 1;
            }
            _ => {
                self.begin(at);
                self.word.typed.is_open |= self.is_open(letter, rest);
                self.put(letter);
            }
        }
        next
    }

    /// A redirection; gives how many signs of it follow.
    fn redirect(&mut self, rest: &str) -> usize {
        // The number in front of it is that of a stream.
        if self.has_begun && self.word.text.bytes().all(|byte| byte.is_ascii_digit()) {
            self.has_begun = false;
            self.word = Word::default();
        }
        self.end();
        self.redirects = true;
        rest.find(|sign| !matches!(sign, '<' | '>' | '&' | '|' | '?')).unwrap_or(rest.len())
    }

    /// Whether the shell makes something else of a letter outside of quotes.
    fn is_open(&self, letter: char, rest: &str) -> bool {
        match (self.syntax, letter) {
            (Syntax::Posix, '$' | '`' | '*' | '?' | '[') | (Syntax::Fish, '$' | '*' | '?') => true,
            (_, '{') => {
                let end = rest.find([' ', '}']).unwrap_or(rest.len());
                let inner = &rest[..end];
                inner.bytes().any(|byte| byte == b',')
                    || inner.as_bytes().windows(2).any(|two| two == b"..")
            }
            _ => false,
        }
    }

    /// What comes after a backslash outside of quotes.
    fn escaped(&mut self, at: usize) -> usize {
        let Some(letter) = self.text[at..].chars().next() else { return at };
        match (self.syntax, letter) {
            // A line that goes on.
            (_, '\n') => {}
            (Syntax::Fish, 'n') => self.put('\n'),
            (Syntax::Fish, 't') => self.put('\t'),
            _ => self.put(letter),
        }
        at + letter.len_utf8()
    }

    fn single(&mut self, letter: char, next: usize) -> usize {
        match letter {
            '\'' => self.word.quote = Quote::None,
            '\\' if self.syntax == Syntax::Fish => return self.escaped_in(next, "\\'"),
            _ => self.put(letter),
        }
        next
    }

    fn double(&mut self, letter: char, at: usize, next: usize) -> usize {
        if letter == '$'
            && let Some(end) = self.rooted(at)
        {
            return end;
        }
        if let Some(end) = self.substituted(at) {
            return self.put_open(at, end);
        }
        match letter {
            '"' => self.word.quote = Quote::None,
            '\\' if self.syntax == Syntax::Fish => return self.escaped_in(next, "\\\"$"),
            '\\' => return self.escaped_in(next, "\\\"$`"),
            _ => {
                self.word.typed.is_open |=
                    letter == '$' || letter == '`' && self.syntax == Syntax::Posix;
                self.put(letter);
            }
        }
        next
    }

    /// What comes after a backslash within quotes: it is only taken off in front of some letters.
    fn escaped_in(&mut self, at: usize, letters: &str) -> usize {
        match self.text[at..].chars().next() {
            Some('\n') => at + 1,
            Some(letter) if letters.contains(letter) => {
                self.put(letter);
                at + letter.len_utf8()
            }
            _ => {
                self.put('\\');
                at
            }
        }
    }

    fn escaping(&mut self, letter: char, next: usize) -> usize {
        match letter {
            '\'' => self.word.quote = Quote::None,
            '\\' => {
                let Some(letter) = self.text[next..].chars().next() else { return next };
                match letter {
                    'n' => self.put('\n'),
                    't' => self.put('\t'),
                    'r' => self.put('\r'),
                    'e' | 'E' => self.put('\u{1b}'),
                    '\\' | '\'' | '"' | '?' => self.put(letter),
                    // Numbers of characters are seldom typed by hand: what they mean is left to the shell.
                    _ => {
                        self.word.typed.is_open = true;
                        self.put(letter);
                    }
                }
                return next + letter.len_utf8();
            }
            _ => self.put(letter),
        }
        next
    }
}

/// Where a part that begins with its opening sign ends, behind what closes it: signs within quotes and behind a backslash
/// do not count, and those that are opened once more are closed once more.
fn closing(text: &str, close: char) -> Option<usize> {
    let open = match close {
        ')' => Some('('),
        '}' => Some('{'),
        _ => None,
    };
    let mut letters = text.char_indices().skip(usize::from(open.is_none()));
    let (mut depth, mut quote) = (usize::from(open.is_none()), None);
    while let Some((at, letter)) = letters.next() {
        match (letter, quote) {
            ('\\', Some('"') | None) => _ = letters.next(),
            ('"' | '\'', None) if open.is_some() => quote = Some(letter),
            (_, Some(quoted)) => quote = quote.filter(|_| letter != quoted),
            _ if letter == close => {
                depth = depth.saturating_sub(1);
                if depth == 0 {
                    return Some(at + letter.len_utf8());
                }
            }
            _ => depth += usize::from(Some(letter) == open),
        }
    }
    None
}
