//! The process that a program is: its words, and what becomes of it when nothing can be printed.

use std::any::Any;
use std::ffi::OsString;
use std::io;
use std::panic;

use clavret_core::Command;
use clavret_core::inner;

use crate::end;
use crate::streams::{Streams, unwritten};
use crate::terminal::Stream;

/// The words of the process, its name left out.
///
/// From here on a `print!` or `println!` that cannot print ends the process as a handler's error of that
/// kind does: quietly with status 0 where the reader is gone, such as `head`; with a sentence and status 1
/// where the disk is full. The standard library panics there, and every other panic is left alone.
pub(crate) fn begin(root: &Command<'_>) -> Vec<OsString> {
    let before = panic::take_hook();
    // The hook may be there when a declaration that was made at run time is not.
    let frame = inner::failure_frame(root);
    panic::set_hook(Box::new(move |info| match unprinted(info.payload()) {
        Some(error) => std::process::exit(end::unprinted(&frame, &error, &Streams::SYSTEM).into()),
        None => before(info),
    }));
    let mut words: Vec<OsString> = Vec::new();
    let mut given = std::env::args_os();
    given.next();
    for word in given {
        words.push(word);
    }
    words
}

/// Why nothing could be printed, where a panic says that: it is told by its text alone.
fn unprinted(payload: &(dyn Any + Send)) -> Option<io::Error> {
    let text = payload.downcast_ref::<String>()?.strip_prefix("failed printing to std")?;
    let (stream, why) = match (text.strip_prefix("out: "), text.strip_prefix("err: ")) {
        (Some(why), _) => (Stream::Out, why),
        (_, Some(why)) => (Stream::Error, why),
        _ => return None,
    };
    // `Broken pipe (os error 32)`.
    let number = why.strip_suffix(')').and_then(|text| {
        let (before, number) = text.rsplit_once(' ')?;
        number.parse().ok().filter(|_| before.ends_with("(os error"))
    });
    let error = number.map_or_else(|| io::Error::other(why), io::Error::from_raw_os_error);
    Some(unwritten(stream, error))
}
