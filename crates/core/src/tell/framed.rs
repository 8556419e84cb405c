//! A text with the name of the program in front, as errors and warnings stand.

use crate::text::Put;
use crate::text::quote::visible;
use crate::wording::compose::fill;

/// The phrase of an error, and the program's name.
#[doc(hidden)]
#[derive(Debug)]
pub struct Frame(pub(crate) [Box<str>; 2]);

impl Frame {
    /// What is said of an error by its text alone.
    pub fn failure(&self, text: &str) -> String {
        framed(&self.0[0], &self.0[1], text)
    }
}

/// A line of an error: the phrase for it, the program's name, and what is safe to show of a text.
#[inline(never)]
pub(crate) fn framed(phrase: &str, name: &str, text: &str) -> String {
    let mut told = fill(phrase, &[name, &visible(text)]);
    told.put("\n");
    told
}
