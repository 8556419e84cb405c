//! Text put together while the compiler runs, so that a build error can name both culprits.

/// A short text with its own storage: `const fn` can fill it, `panic!` can show it.
#[derive(Clone, Copy)]
pub(crate) struct Message {
    bytes: [u8; Message::MOST],
    len: usize,
}

impl Message {
    /// Two long names and a sentence fit; what goes beyond is cut at a character.
    const MOST: usize = 400;

    #[inline]
    pub(crate) const fn new() -> Self {
        Message { bytes: [0; Self::MOST], len: 0 }
    }

    /// The text with `more` after it.
    #[inline]
    pub(crate) const fn text(mut self, more: &str) -> Self {
        let more = more.as_bytes();
        let mut i = 0;
        while i < more.len() {
            self = self.byte(more[i]);
            i += 1;
        }
        self
    }

    #[inline]
    const fn byte(mut self, byte: u8) -> Self {
        if self.len < Self::MOST {
            self.bytes[self.len] = byte;
            self.len += 1;
        }
        self
    }

    /// The text with a pattern after it, in which `{name}` is one of these.
    #[inline]
    pub(crate) const fn fill(mut self, pattern: &str, with: &[(&str, &str)]) -> Self {
        let pattern = pattern.as_bytes();
        let mut at = 0;
        while at < pattern.len() {
            (self, at) = match named(pattern, at, with) {
                Some((text, end)) => (self.text(text), end),
                None => (self.byte(pattern[at]), at + 1),
            };
        }
        self
    }

    /// The text with one letter after it.
    #[inline]
    pub(crate) const fn letter(self, letter: u8) -> Self {
        let one = [letter];
        match core::str::from_utf8(&one) {
            Ok(text) => self.text(text),
            Err(_) => self.text("?"),
        }
    }

    /// The text with a number after it.
    #[inline]
    pub(crate) const fn number(self, number: usize) -> Self {
        let shorter = if number < 10 { self } else { self.number(number / 10) };
        shorter.letter(b'0' + (number % 10) as u8)
    }

    #[inline]
    pub(crate) const fn as_str(&self) -> &str {
        let mut len = self.len;
        // A cut may stand inside a character: step back until the text is whole.
        while len > 0 {
            match core::str::from_utf8(self.bytes.split_at(len).0) {
                Ok(text) => return text,
                Err(_) => len -= 1,
            }
        }
        ""
    }
}

/// What stands for a name in braces at a place of a pattern, and where that ends.
#[inline]
const fn named<'t>(
    pattern: &[u8],
    at: usize,
    with: &[(&str, &'t str)],
) -> Option<(&'t str, usize)> {
    let mut i = 0;
    while pattern[at] == b'{' && i < with.len() {
        let (name, text) = (with[i].0.as_bytes(), with[i].1);
        let (mut k, end) = (0, at + 1 + name.len());
        while end < pattern.len() && k < name.len() && pattern[at + 1 + k] == name[k] {
            k += 1;
        }
        if k == name.len() && end < pattern.len() && pattern[end] == b'}' {
            return Some((text, end + 1));
        }
        i += 1;
    }
    None
}
