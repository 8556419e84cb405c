//! What the manifest of a program's package says, as it is while the program is compiled.

/// The version, authors, page and licence in the manifest of the package that is being compiled, for
/// [`Command::package`](crate::Command::package). Types, functions and what is asked in place have
/// it without asking.
///
/// ```
/// use clavret::{Command, package};
/// static APIARY: Command = Command::new("apiary").package(package!());
/// assert_eq!(APIARY.ask().version(), env!("CARGO_PKG_VERSION"));
/// ```
#[macro_export]
macro_rules! package {
    () => {
        $crate::Package::new(env!("CARGO_PKG_VERSION"))
            .binary($crate::for_macros::either(
                option_env!("CARGO_BIN_NAME"),
                env!("CARGO_PKG_NAME"),
            ))
            .authors(env!("CARGO_PKG_AUTHORS"))
            .page($crate::for_macros::first(
                env!("CARGO_PKG_HOMEPAGE"),
                env!("CARGO_PKG_REPOSITORY"),
            ))
            .licence(env!("CARGO_PKG_LICENSE"))
    };
}

/// A text, or else another.
pub const fn either(one: Option<&'static str>, other: &'static str) -> &'static str {
    match one {
        Some(one) => one,
        None => other,
    }
}

/// The first text that is not empty.
pub const fn first(one: &'static str, other: &'static str) -> &'static str {
    if one.is_empty() { other } else { one }
}
