//! The names that are taken at a place.

use super::LETTERS;

/// The names that are taken at a place.
#[derive(Debug, Clone, Default)]
pub(super) struct Taken {
    pub(super) longs: Vec<String>,
    pub(super) letters: Vec<char>,
    /// The names of those that a command above accepts throughout.
    pub(super) above: Vec<&'static str>,
    /// How many commands stand above; variables of each are called differently.
    pub(super) depth: usize,
}

impl Taken {
    pub(super) fn has(&self, name: &str) -> bool {
        match name.chars().collect::<Vec<_>>()[..] {
            [letter] => self.letters.contains(&letter) || letter == 'h',
            _ => {
                self.longs.iter().any(|long| long == name)
                    || ["help", "version", "yard"].contains(&name)
            }
        }
    }

    pub(super) fn add(&mut self, name: &str) {
        match name.chars().collect::<Vec<_>>()[..] {
            [letter] => self.letters.push(letter),
            _ => self.longs.push(name.to_owned()),
        }
    }

    /// Takes a name, if it is free.
    pub(super) fn take(&mut self, name: &str) -> Option<String> {
        let is_free = !self.has(name);
        is_free.then(|| {
            self.add(name);
            name.to_owned()
        })
    }

    pub(super) fn letter(&mut self, from: u8) -> Option<char> {
        let letters = LETTERS.iter().cycle().skip(usize::from(from)).take(LETTERS.len());
        let letter = letters.copied().find(|letter| !self.has(&letter.to_string()))?;
        self.letters.push(letter);
        Some(letter)
    }
}
