//! The text of a page or of faults in the making: pieces with their colour, at their columns.
//!
//! What is called from many places is kept out of line: pages and faults are drawn once in the life
//! of a process, and their code is most of what a small program carries.

use super::Put;
use super::columns::columns;
use super::paint::{Ink, Look};
use super::quote::visible;

/// A sheet that is written line by line.
pub(crate) struct Sheet {
    pub(crate) look: Look,
    text: String,
    /// The column that the next piece stands at, and the one that the text has reached: the spaces
    /// between are only written when a piece follows, so no line ends in spaces.
    column: usize,
    reached: usize,
}

impl Sheet {
    pub(crate) fn new(look: Look) -> Self {
        Sheet { look, text: String::new(), column: 0, reached: 0 }
    }

    pub(crate) fn finish(self) -> String {
        self.text
    }

    /// The column that the line has come to.
    pub(crate) fn column(&self) -> usize {
        self.column
    }

    /// Goes on at a column, or where the line is if it is beyond it.
    pub(crate) fn pad(&mut self, to: usize) -> &mut Self {
        self.column = self.column.max(to);
        self
    }

    #[inline(never)]
    /// Writes a piece. No text of a declaration may steer the terminal: control characters are
    /// shown as escapes.
    pub(crate) fn put(&mut self, ink: Ink, piece: &str) -> &mut Self {
        let is_plain = piece.bytes().all(|byte| byte.is_ascii() && !byte.is_ascii_control());
        if is_plain { self.put_safe(ink, piece) } else { self.put_safe(ink, &visible(piece)) }
    }

    #[inline(never)]
    fn put_safe(&mut self, ink: Ink, piece: &str) -> &mut Self {
        if piece.is_empty() {
            return self;
        }
        while self.reached < self.column {
            self.text.push(' ');
            self.reached += 1;
        }
        let code = ink.code().filter(|_| self.look.color);
        if let Some(code) = code {
            self.text.put("\x1b[");
            self.text.put(code);
            self.text.push('m');
        }
        self.text.put(piece);
        if code.is_some() {
            self.text.put("\x1b[0m");
        }
        self.reached += columns(piece);
        self.column = self.reached;
        self
    }

    #[inline(never)]
    /// Ends the line.
    pub(crate) fn end(&mut self) {
        self.text.push('\n');
        (self.column, self.reached) = (0, 0);
    }

    /// Writes text from a column on, wrapped to the sheet's width: broken between words, and a word
    /// that is wider than a line at a character. A newline in the text ends a line.
    pub(crate) fn flow(&mut self, left: usize, text: &str) {
        self.flow_in(left, Ink::Plain, text);
    }

    #[inline(never)]
    /// The same in an ink.
    pub(crate) fn flow_in(&mut self, left: usize, ink: Ink, text: &str) {
        let width = self.look.width.saturating_sub(left).max(1);
        self.pad(left);
        for (at, paragraph) in text.split('\n').enumerate() {
            if at > 0 {
                self.next_line(left);
            }
            for word in paragraph.split(' ') {
                if !word.is_empty() {
                    self.flow_word(left, width, ink, word);
                }
            }
        }
    }

    fn flow_word(&mut self, left: usize, width: usize, ink: Ink, word: &str) {
        let wide = columns(word);
        if self.column > left {
            if self.column + 1 + wide > left + width {
                self.next_line(left);
            } else {
                self.column += 1;
            }
        }
        if wide <= width {
            self.put(ink, word);
            return;
        }
        let mut buffer = [0; 4];
        for letter in word.chars() {
            let letter = letter.encode_utf8(&mut buffer);
            if self.column > left && self.column + columns(letter) > left + width {
                self.next_line(left);
            }
            self.put(ink, letter);
        }
    }

    fn next_line(&mut self, left: usize) {
        self.end();
        self.pad(left);
    }

    #[inline(never)]
    /// Writes text in a column beside what stands on the line, or below it when that reaches too
    /// far; ends the line.
    pub(crate) fn beside(&mut self, left: usize, text: &str) {
        if !text.is_empty() {
            if self.column + 2 > left {
                self.end();
            }
            self.flow(left, text);
        }
        self.end();
    }
}
