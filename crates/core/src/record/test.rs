//! What a validator is: a test of a converted value that says what would be right.

use std::any::Any;
use std::fmt::Debug;

use super::kind::Kind;
use super::refusal::Refusal;
use crate::wording::Speech;

/// A test of a value, without its type: what the reader calls.
///
/// [`Validator`](crate::valid::Validator) ties it to the type it tests; [`range`](crate::valid::range) and [`by`](crate::valid::by) make both.
pub trait Test: Debug + Send + Sync {
    /// Tests a value of the type that the validator names.
    ///
    /// # Errors
    ///
    /// Says in which way the value is refused.
    fn test(&self, value: &dyn Any) -> Result<(), Refusal>;

    /// What would be right. Pages say it after the help, faults after "takes", both in the phrases of
    /// the program.
    fn says(&self) -> Says<'_> {
        Says::Nothing
    }

    /// The same where it is all that is tested: of the validators that come with the library.
    #[doc(hidden)]
    fn data(&self) -> Option<Says<'_>> {
        None
    }

    /// What it says in words.
    #[doc(hidden)]
    fn told<'t>(&self, kind: &Kind<'_>, speech: Speech<'t>) -> &'t str {
        speech.says(&self.says(), kind)
    }

    /// Whether what it says of a value never repeats it, nor any of it. What others say of a
    /// [secret](crate::Named::secret) is not shown.
    fn is_discreet(&self) -> bool {
        false
    }

    /// Tests a value; of several validators put together, tells the place of the one that refuses it.
    #[doc(hidden)]
    fn judge(&self, value: &dyn Any) -> Result<(), (usize, Refusal)> {
        self.test(value).map_err(|refusal| (0, refusal))
    }

    /// The validator at a place, of several that are put together.
    #[doc(hidden)]
    fn part(&self, _at: usize) -> Option<&dyn Test> {
        None
    }

    /// Whether no value at all can pass.
    #[doc(hidden)]
    fn is_impossible(&self) -> bool {
        false
    }

    /// Whether it is several that are put together.
    #[doc(hidden)]
    fn is_list(&self) -> bool {
        false
    }

    /// A word whose value passes, where the kind's own example may not.
    fn example(&self) -> Option<String> {
        match self.says() {
            Says::Range(low, _) | Says::AtLeast(low) => Some(low),
            Says::AtMost(high) => Some(high),
            _ => None,
        }
    }
}

/// What a validator accepts, as data; values as a user would type them.
#[derive(Debug, Clone, PartialEq, Eq)]
#[non_exhaustive]
pub enum Says<'t> {
    /// The test does not say what it accepts.
    Nothing,
    /// The values from the lowest to the highest.
    Range(String, String),
    /// This value and all above it.
    AtLeast(String),
    /// This value and all below it.
    AtMost(String),
    /// Only these values.
    OneOf(Vec<String>),
    /// All values but these.
    AnyBut(Vec<String>),
    /// What this divides.
    MultipleOf(String),
    /// Text of so many characters, at least and at most.
    Characters(usize, usize),
    /// Text that this pattern matches; an example.
    Matching(&'t str, &'t str),
    /// Addresses with one of these schemes.
    Schemes(Vec<&'t str>),
    /// In the developer's own words, "an even number"; an example, or nothing.
    Own(&'t str, &'t str),
}
