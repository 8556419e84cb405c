//! What the terminal can do, asked of the system only when something is about to be drawn.

use std::ffi::OsStr;
use std::io::IsTerminal;

use clavret_core::look::{Look, When};

/// Lines of text longer than this are hard to follow.
const WIDEST: usize = 100;

/// A stream that text is drawn for.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) enum Stream {
    Out,
    Error,
}

/// How to draw for a stream of the process.
pub(crate) fn look(stream: Stream, when: When) -> Look {
    let (is_terminal, size) = match stream {
        Stream::Out => {
            let stream = std::io::stdout();
            (stream.is_terminal(), terminal_size::terminal_size_of(stream))
        }
        Stream::Error => {
            let stream = std::io::stderr();
            (stream.is_terminal(), terminal_size::terminal_size_of(stream))
        }
    };
    let width = size.map(|(width, _)| usize::from(width.0));
    let width = width.or_else(|| columns(std::env::var_os("COLUMNS")?.to_str()));
    let look = Look::PLAIN.color(color(when, is_terminal, |name| std::env::var_os(name)));
    width.map_or(look, |width| look.width(width.min(WIDEST)))
}

/// Whether standard input can be read. One that was closed is `/dev/null` by now, open for reading and
/// writing: the standard library puts it there before `main`, and reads it as an empty text.
#[cfg(all(feature = "files", unix))]
pub(crate) fn check_input() -> std::io::Result<()> {
    use rustix::fs::{OFlags, fcntl_getfl, fstat, stat};
    let input = std::io::stdin();
    let mode = fcntl_getfl(&input).map_or(OFlags::RDWR, |flags| flags & OFlags::RWMODE);
    let is_null = || match (fstat(&input), stat("/dev/null")) {
        (Ok(input), Ok(null)) => input.st_rdev == null.st_rdev,
        (own, _) => own.is_err(),
    };
    match mode {
        OFlags::WRONLY => Err(std::io::Error::other("it is open for writing alone")),
        OFlags::RDWR if is_null() => Err(std::io::Error::other("it is closed")),
        _ => Ok(()),
    }
}

#[cfg(all(feature = "files", not(unix)))]
pub(crate) fn check_input() -> std::io::Result<()> {
    Ok(())
}

/// The width that `COLUMNS` (POSIX) says, where no terminal tells: a positive whole number.
fn columns(value: Option<&str>) -> Option<usize> {
    value?.parse().ok().filter(|width| *width > 0)
}

/// Whether to use colour: by what the line asks, then NO_COLOR, CLICOLOR_FORCE, and the terminal.
fn color<V: AsRef<OsStr>>(when: When, is_terminal: bool, env: impl Fn(&str) -> Option<V>) -> bool {
    let is_set = |name: &str| env(name).is_some_and(|value| !value.as_ref().is_empty());
    let is = |name: &str, text: &str| env(name).is_some_and(|value| value.as_ref() == text);
    match when {
        When::Always => true,
        When::Never => false,
        When::Auto if is_set("NO_COLOR") => false,
        When::Auto if is_set("CLICOLOR_FORCE") && !is("CLICOLOR_FORCE", "0") => true,
        When::Auto => is_terminal && !is("TERM", "dumb"),
    }
}

#[cfg(test)]
mod tests {
    use super::{When, color, columns};

    #[test]
    fn columns_are_a_positive_whole_number() {
        let widths =
            [Some("100"), Some("0"), Some("-1"), Some("wide"), Some(""), None].map(columns);
        assert_eq!(widths, [Some(100), None, None, None, None, None]);
    }

    #[test]
    fn colour_obeys_the_line_then_the_environment_then_the_terminal() {
        let with = |set: &'static str, value: &'static str| {
            move |name: &str| (name == set).then_some(value)
        };
        let none = |_: &str| None::<&str>;
        assert!(color(When::Auto, true, none));
        assert!(!color(When::Auto, false, none));
        assert!(!color(When::Auto, true, with("NO_COLOR", "1")));
        assert!(color(When::Auto, true, with("NO_COLOR", "")));
        assert!(color(When::Always, false, with("NO_COLOR", "1")));
        assert!(color(When::Auto, false, with("CLICOLOR_FORCE", "1")));
        assert!(!color(When::Auto, false, with("CLICOLOR_FORCE", "0")));
        assert!(!color(When::Auto, true, with("TERM", "dumb")));
        assert!(!color(When::Never, true, with("CLICOLOR_FORCE", "1")));
    }
}
