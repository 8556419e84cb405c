//! Regular expressions, as values and as a validator of text.

use ::regex::{Error, Regex};
use std::any::Any;
use std::ffi::OsStr;
use std::sync::{Mutex, PoisonError};

use crate::kind::from_word::FromWord;
use crate::kind::valid::Validator;
use crate::record::kind::Kind;
use crate::record::refusal::Refusal;
use crate::record::standard::Standard;
use crate::record::test::{Says, Test};

impl FromWord for Regex {
    const KIND: &'static Kind<'static> =
        &Kind::new("a regular expression", "A[0-9]+").explained().placeholder("PATTERN");
    const STANDARD: Option<Standard> = Some(Standard::Regex);

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        let text = word.to_str().ok_or(Refusal::not_text())?;
        Regex::new(text).map_err(|error| match error {
            // The last line has the reason; those before draw where it is.
            Error::Syntax(drawn) => {
                let last = drawn.lines().last().unwrap_or_default();
                Refusal::citing(last.strip_prefix("error: ").unwrap_or(last))
            }
            other => Refusal::citing(other),
        })
    }
}

/// Text that a pattern matches. See [`pattern`].
#[derive(Debug, Clone, Copy)]
pub struct Pattern<'d> {
    pattern: &'d str,
    example: &'d str,
    says: &'d str,
}

/// Text that a regular expression matches as a whole, with an example that does.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Named, valid};
/// static BATCH: Named<Option<String>> = Named::new("batch")
///     .valid(&valid::pattern("[A-Z][0-9]+-[0-9]{4}", "A7-2026").says("a hive's code and a year"));
/// ```
pub const fn pattern<'d>(pattern: &'d str, example: &'d str) -> Pattern<'d> {
    Pattern { pattern, example, says: "" }
}

impl<'d> Pattern<'d> {
    /// What the pattern is of, in words that a user understands.
    #[must_use]
    pub const fn says(mut self, says: &'d str) -> Self {
        self.says = says;
        self
    }

    /// Whether the text matches. A pattern is made ready once; a validator in a static cannot keep it
    /// in itself.
    fn matches(&self, text: &str) -> bool {
        static READY: Mutex<Vec<(String, Option<Regex>)>> = Mutex::new(Vec::new());
        let mut ready = READY.lock().unwrap_or_else(PoisonError::into_inner);
        let at = ready.iter().position(|known| known.0 == self.pattern).unwrap_or_else(|| {
            let whole = Regex::new(&format!("^(?:{})$", self.pattern)).ok();
            ready.push((self.pattern.to_owned(), whole));
            ready.len() - 1
        });
        ready[at].1.as_ref().is_some_and(|regex| regex.is_match(text))
    }
}

impl Test for Pattern<'_> {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        match value.downcast_ref::<String>() {
            Some(text) if !self.matches(text) => Err(Refusal::new()),
            _ => Ok(()),
        }
    }

    fn says(&self) -> Says<'_> {
        match self.says {
            "" => Says::Matching(self.pattern, self.example),
            says => Says::Own(says, self.example),
        }
    }

    fn data(&self) -> Option<Says<'_>> {
        Some(Says::Matching(self.pattern, self.example))
    }

    fn is_discreet(&self) -> bool {
        true
    }

    fn example(&self) -> Option<String> {
        Some(self.example.to_owned())
    }
}

impl Validator<String> for Pattern<'_> {}
