//! Words: what a declaration may know, what it nearly knows, and what nobody meant.

use std::ffi::OsString;

use clavret_core::Command;
use clavret_core::ask::{Param, Role};
use proptest::prelude::*;

use crate::structure::{self, Pick};
use crate::walk::walk;

/// Numbers that decide what a line is made of; where there are no more, the first is taken of whatever there is.
#[derive(Debug, Clone)]
pub struct Picks(Vec<u16>);

impl Picks {
    /// Gives numbers below another one, in turn.
    pub fn pick(&self) -> impl FnMut(usize) -> usize + '_ {
        let mut left = self.0.iter();
        move |below| left.next().map_or(0, |&pick| usize::from(pick) % below.max(1))
    }
}

/// Numbers for a line.
pub fn picks() -> impl Strategy<Value = Picks> {
    prop::collection::vec(any::<u16>(), 0..96).prop_map(Picks)
}

/// A line of any sort: one that is accepted, one that was walked along, words that may be known; some of them changed.
pub fn any_line(root: &Command<'_>, pick: Pick<'_>) -> Vec<OsString> {
    let pool = pool(root);
    let words = match pick(4) {
        0 => structure::line(root, pick).map(|line| line.words()).unwrap_or_default(),
        1 => walk(root, pick),
        _ => (0..pick(7)).map(|_| pool[pick(pool.len())].clone()).collect(),
    };
    let mut words: Vec<OsString> = words.into_iter().map(OsString::from).collect();
    for _ in 0..[0, 0, 1, 2, 3][pick(5)] {
        mutate(&mut words, &pool, pick);
    }
    words
}

/// Changes a line as people do, and as nobody does.
pub fn mutate(words: &mut Vec<OsString>, pool: &[String], pick: Pick<'_>) {
    let at = pick(words.len().max(1));
    let text = words.get(at).and_then(|word| word.to_str()).unwrap_or_default().to_owned();
    let letters: Vec<char> = text.chars().collect();
    let place = pick(letters.len().max(1));
    let with = |letters: Vec<char>| letters.into_iter().collect::<String>();
    let changed = match pick(14) {
        0 | 1 => {
            words.insert(at.min(words.len()), pool[pick(pool.len())].clone().into());
            return;
        }
        2 => {
            words.insert(at.min(words.len()), HOSTILE[pick(HOSTILE.len())].into());
            return;
        }
        _ if words.is_empty() => return,
        3 => {
            words.remove(at);
            return;
        }
        4 => {
            words.insert(at, words[at].clone());
            return;
        }
        5 => {
            let other = pick(words.len());
            words.swap(at, other);
            return;
        }
        6 if at + 1 < words.len() => {
            let next = words.remove(at + 1);
            words[at].push(if pick(2) == 0 { "=" } else { "" });
            words[at].push(next);
            return;
        }
        7 if !letters.is_empty() => with([&letters[..place], &letters[place + 1..]].concat()),
        8 if letters.len() > place + 1 => {
            let mut letters = letters;
            letters.swap(place, place + 1);
            with(letters)
        }
        9 => text.to_uppercase(),
        10 => text.replacen("--", ["\u{2014}", "-", "\u{2013}", ""][pick(4)], 1),
        11 => text.replacen('=', [":", " ", "==", ""][pick(4)], 1),
        12 => format!("{text}{}", ["=3", "x", "-", "=", "\u{e9}"][pick(5)]),
        _ => text[..letters.iter().take(place).map(|letter| letter.len_utf8()).sum()].to_owned(),
    };
    words[at] = changed.into();
}

/// Texts that steer a terminal, a shell or a reader of faults.
pub const HOSTILE: [&str; 12] = [
    "\u{1b}[31m",
    "\u{202e}abc",
    "a\nb",
    "'",
    "$(id)",
    "`id`",
    "\u{200b}",
    "\\",
    "--\u{7}",
    "-\u{e9}",
    "a\u{301}\u{301}",
    "=ls",
];

/// A place on a line: the words in front of it, the beginning of the word at it, and the words behind it.
#[derive(Debug, Clone)]
pub struct Position {
    pub before: Vec<String>,
    pub begun: String,
    pub after: Vec<String>,
}

/// A place on a line of a program.
pub fn position(root: &Command<'_>, pick: Pick<'_>) -> Position {
    let pool = pool(root);
    let mut words: Vec<String> = match pick(4) {
        0 => structure::line(root, pick).map(|line| line.words()).unwrap_or_default(),
        1 => walk(root, pick),
        _ => (0..pick(6)).map(|_| pool[pick(pool.len())].clone()).collect(),
    };
    let at = pick(words.len() + 1);
    let mut after = words.split_off(at);
    let word = if pick(3) == 0 || after.is_empty() {
        pool[pick(pool.len())].clone()
    } else {
        after.remove(0)
    };
    after.truncate(pick(4));
    let end =
        word.char_indices().nth(pick(word.chars().count() + 1)).map_or(word.len(), |(end, _)| end);
    Position { before: words, begun: word[..end].to_owned(), after }
}

/// Every name of a parameter, dashes included.
pub fn names(param: &Param<'_>) -> Vec<String> {
    let mut names = Vec::new();
    let long = [param.name(), param.opposite()];
    for name in long.iter().chain(param.aliases()).chain(param.former_names()) {
        if !name.is_empty() {
            names.push(if name.chars().count() > 1 {
                format!("--{name}")
            } else {
                format!("-{name}")
            });
        }
    }
    let letters = [param.letter(), param.opposite_letter()].into_iter().flatten();
    names.extend(letters.map(|letter| format!("-{letter}")));
    names
}

/// A word for a place of a value which is accepted in the [`Surroundings`](crate::Surroundings).
pub fn example(param: &Param<'_>, at: usize) -> String {
    let ending = param.extensions().first().map(|ending| format!(".{ending}")).unwrap_or_default();
    match crate::place(param) {
        Some("directory") => format!("yard{ending}"),
        Some("absent") => format!("none{ending}"),
        Some(_) => format!("file{ending}"),
        None if param.list().is_some() => "blue".to_owned(),
        None => param.example(at),
    }
}

/// All that may be typed somewhere in a tree, and some that may not.
pub fn pool(root: &Command<'_>) -> Vec<String> {
    let mut words: Vec<String> = [
        "--",
        "-",
        "",
        "3",
        "-3",
        "3.5",
        "-5",
        "x",
        "A7",
        "blue",
        "black",
        "-dark",
        "yes",
        "k=3",
        "k",
        "count=3",
        "hue=black",
        "-low=3",
        "old=A7",
        "a,b",
        "black,blue",
        "apiary",
        "brown",
        "--nothing",
        "-c",
        "--yard=brown",
        "help",
        "--help",
        "--version",
        "\u{e9}a",
        "nan",
        "0x1f",
    ]
    .map(str::to_owned)
    .to_vec();
    for (_, command) in root.ask().tree() {
        words.push(command.ask().name().to_owned());
        for param in command.ask().params().filter(|param| param.role() != Role::Operand) {
            words.extend(names(param));
            words.push(format!("--{}=blue", param.name()));
            words.push(format!("--{}=black,", param.name()));
            if let Some(letter) = param.letter() {
                words.extend([
                    format!("-{letter}c"),
                    format!("-{letter}blue"),
                    format!("-{letter}3"),
                ]);
            }
        }
    }
    words
}

/// The words of a line as a POSIX shell parts them: quotes, and `$'…'` with octal escapes.
pub fn parted(line: &str) -> Vec<OsString> {
    let (mut words, mut word, mut rest) = (Vec::new(), None::<Vec<u8>>, line);
    while let Some(letter) = rest.chars().next() {
        let quote = if rest.starts_with("$'") { "$'" } else { &rest[..letter.len_utf8()] };
        rest = &rest[quote.len()..];
        match quote {
            " " => words.extend(word.take()),
            "'" | "$'" => {
                let word = word.get_or_insert_default();
                while let Some(letter) = rest.chars().next() {
                    rest = &rest[letter.len_utf8()..];
                    match letter {
                        '\'' => break,
                        '\\' if quote == "$'" => {
                            let octal = rest.get(..3).and_then(|o| u8::from_str_radix(o, 8).ok());
                            let escaped = match &rest[..1] {
                                "n" => b'\n',
                                "t" => b'\t',
                                "r" => b'\r',
                                other => octal.unwrap_or(other.as_bytes()[0]),
                            };
                            rest = &rest[if octal.is_some() { 3 } else { 1 }..];
                            word.push(escaped);
                        }
                        letter => word.extend(letter.encode_utf8(&mut [0; 4]).bytes()),
                    }
                }
            }
            "\\" => {
                word.get_or_insert_default().extend(rest[..1].bytes());
                rest = &rest[1..];
            }
            other => word.get_or_insert_default().extend(other.bytes()),
        }
    }
    words.extend(word);
    words.into_iter().map(of_bytes).collect()
}

/// A word of any bytes, where a system has such.
fn of_bytes(bytes: Vec<u8>) -> OsString {
    #[cfg(unix)]
    return std::os::unix::ffi::OsStringExt::from_vec(bytes);
    #[cfg(not(unix))]
    return String::from_utf8_lossy(&bytes).into_owned().into();
}
