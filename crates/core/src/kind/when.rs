//! When to colour: the type whose option every page and fault obeys.

use super::choice::Choice;
use crate::record::kind::Offer;

/// When to colour what is printed: pages and faults obey the option of this type that the line has, such as
/// [`COLOR_OPTION`](crate::COLOR_OPTION).
#[doc(alias("colour"))]
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default)]
pub enum When {
    /// When a terminal shows it, and the environment does not ask otherwise.
    #[default]
    Auto,
    /// Colour, whatever the stream is.
    Always,
    /// No colour.
    Never,
}

impl Choice for When {
    const OFFERS: &'static [Offer<'static>] =
        &[Offer::of("auto"), Offer::of("always"), Offer::of("never")];
    const VALUES: &'static [Self] = &[When::Auto, When::Always, When::Never];
    const PLACEHOLDER: &'static str = "WHEN";
    const PAINTS: bool = true;
}
