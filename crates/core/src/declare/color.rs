//! `--color`, ready to be listed.

use super::keys::Named;
use crate::kind::when::When;

/// `--color auto|always|never`, for the root's list. One of another name is as good: whatever is declared with
/// the type [`When`] is obeyed.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Named};
/// use clavret::look::When;
/// static PAINT: Named<When> = Named::new("paint").placeholder("WHEN").default("auto").throughout();
/// static APIARY: Command = Command::new("apiary").takes(&[PAINT.param()]);
/// ```
#[doc(alias("no color"))]
pub static COLOR_OPTION: Named<When> =
    Named::new("color").placeholder("WHEN").default("auto").throughout();
