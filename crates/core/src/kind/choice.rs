//! A value that is one of a closed list, each with its own help.

use std::ffi::OsStr;

use super::from_word::FromWord;
use crate::record::kind::{Kind, Offer};
use crate::record::refusal::Refusal;
use crate::record::standard::Standard;

/// A type whose values are a closed list of words. It converts from a word by itself.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Choice, FromWord, Offer};
///
/// #[derive(Clone, Copy, Debug, PartialEq)]
/// enum Queen { White, Blue }
///
/// impl Choice for Queen {
///     const OFFERS: &'static [Offer<'static>] = &[
///         Offer::of("white").help("years ending in 1 or 6"),
///         Offer::of("blue").help("years ending in 5 or 0"),
///     ];
///     const VALUES: &'static [Self] = &[Queen::White, Queen::Blue];
/// }
///
/// assert_eq!(Queen::from_word("blue".as_ref()).unwrap(), Queen::Blue);
/// assert!(Queen::from_word("pink".as_ref()).is_err());
/// ```
// A type without `FromWord` is missed here first, so this is the text that its author reads.
#[diagnostic::on_unimplemented(
    message = "a word cannot be converted into `{Self}`",
    label = "neither `FromWord` nor `Choice` is implemented for this type",
    note = "implement `FromWord` for `{Self}`, or `Choice` if it is a closed list of words"
)]
#[doc(alias("enumeration", "choices"))]
pub trait Choice: Clone + Send + Sync + 'static {
    /// The words, in the order that pages show them.
    const OFFERS: &'static [Offer<'static>];
    /// The value of each word, in the same order: as many as there are words, or the build stops.
    const VALUES: &'static [Self];
    /// What pages show for a value of an option: the type's name in upper case, where it is derived. Without one, the option's
    /// name stands there.
    const PLACEHOLDER: &'static str = "";
    #[doc(hidden)]
    const PAINTS: bool = false;
}

impl<'d> Offer<'d> {
    /// What the value may be where the word is the key of an entry: each key may have values of a type of its own. Those that
    /// are not are refused; all are given as one type all the same, such as `String`.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Choice, Command, Named, Offer, Outcome};
    /// use std::collections::BTreeMap;
    ///
    /// #[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
    /// enum Key {
    ///     Calm,
    ///     Frames,
    /// }
    /// impl Choice for Key {
    ///     const OFFERS: &'static [Offer<'static>] =
    ///         &[Offer::of("calm").value::<bool>(), Offer::of("frames").value::<u8>()];
    ///     const VALUES: &'static [Self] = &[Key::Calm, Key::Frames];
    /// }
    /// static SET: Named<BTreeMap<Key, String>> = Named::new("set");
    /// static LABEL: Command = Command::new("label").takes(&[SET.param()]);
    ///
    /// assert!(matches!(LABEL.read(&["--set", "calm=yes", "--set", "frames=6"]), Outcome::Reading(_)));
    /// let Outcome::Faults(faults) = LABEL.read(&["--set", "calm=red"]) else { panic!() };
    /// assert!(format!("{faults:?}").contains("--set calm= takes yes or no; 'red' is neither"));
    /// ```
    #[must_use]
    pub const fn value<T: FromWord>(self) -> Self {
        self.of_kind(const { &Kind::typed::<T>() })
    }
}

/// By what is said of them.
impl PartialEq for Offer<'_> {
    fn eq(&self, other: &Self) -> bool {
        let said = |offer: &Self| {
            (offer.kind_of_value().map(|kind| kind.noun()), offer.kind_of_value().map(Kind::bounds))
        };
        (self.name(), self.told_help(), self.deprecation())
            == (other.name(), other.told_help(), other.deprecation())
            && said(self) == said(other)
    }
}

impl Eq for Offer<'_> {}

impl<T: Choice> FromWord for T {
    const KIND: &'static Kind<'static> = &{
        assert!(!T::OFFERS.is_empty(), "a choice needs at least one word to offer");
        assert!(
            T::OFFERS.len() == T::VALUES.len(),
            "a choice needs a value for each of its words, and no more"
        );
        Kind::choice(T::OFFERS).placeholder(T::PLACEHOLDER).painting(T::PAINTS)
    };

    const STANDARD: Option<Standard> =
        Some(if T::PAINTS { Standard::When } else { Standard::Choice });

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        let bytes = word.as_encoded_bytes();
        let at = T::OFFERS.iter().position(|offer| offer.name().as_bytes() == bytes);
        at.and_then(|at| T::VALUES.get(at).cloned()).ok_or(Refusal::new())
    }
}
