//! The process that a program is: its words, and what becomes of it when nobody reads what it prints.

use std::any::Any;
use std::ffi::OsString;
use std::panic;

/// The words of the process, its name left out.
///
/// From here on a `print!` or `println!` that finds the reader of standard output gone, such as
/// `head`, ends the process quietly with status 0, as a handler's error of that kind does. The
/// standard library panics there, and every other panic is left alone.
pub(crate) fn begin() -> Vec<OsString> {
    let before = panic::take_hook();
    panic::set_hook(Box::new(move |info| {
        if is_reader_gone(info.payload()) {
            std::process::exit(0);
        }
        before(info);
    }));
    std::env::args_os().skip(1).collect()
}

/// Whether a panic is that of `println!` for a pipe without a reader: it is told by its text alone.
fn is_reader_gone(payload: &(dyn Any + Send)) -> bool {
    // EPIPE; on Windows ERROR_NO_DATA and ERROR_BROKEN_PIPE.
    let codes: &[&str] =
        if cfg!(windows) { &["(os error 232)", "(os error 109)"] } else { &["(os error 32)"] };
    payload.downcast_ref::<String>().is_some_and(|text| {
        text.starts_with("failed printing to stdout")
            && codes.iter().any(|code| text.ends_with(code))
    })
}
