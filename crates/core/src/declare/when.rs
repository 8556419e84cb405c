//! When to colour: the type whose option every page and fault obeys, and that option.

use super::Named;
use super::Offer;
use super::choice::Choice;

/// When to colour what is printed: pages and faults obey the option of this type that the line has, such as
/// [`COLOR`].
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default)]
pub enum When {
    /// When a terminal shows it, and the environment does not ask otherwise.
    #[default]
    Auto,
    /// Always.
    Always,
    /// Never.
    Never,
}

impl Choice for When {
    const OFFERS: &'static [Offer<'static>] =
        &[Offer::new("auto"), Offer::new("always"), Offer::new("never")];
    const VALUES: &'static [Self] = &[When::Auto, When::Always, When::Never];
    const PAINTS: bool = true;
}

/// `--color auto|always|never`, for the root's list. One of another name is as good: whatever is declared with
/// the type [`When`] is obeyed.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Named, When};
/// static PAINT: Named<When> = Named::new("paint").placeholder("WHEN").default("auto").throughout();
/// static APIARY: Command = Command::new("apiary").takes(&[PAINT.param()]);
/// ```
pub static COLOR: Named<When> =
    Named::new("color").placeholder("WHEN").default("auto").throughout();
