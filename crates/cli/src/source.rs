//! A document is had: of a file, of standard input, or of a program that gives its own.

use std::fs;
use std::io::{Read, Write};
use std::path::{Path, PathBuf};
use std::process::{Command, Stdio};
use std::sync::mpsc;
use std::thread;
use std::time::Duration;

use clavret::document::Document;
use clavret::look::visible;
use clavret::world::message;
use clavret::{COLOR_OPTION, Call, Failure};

/// The status where there is none to be had.
const UNAVAILABLE: u8 = 3;
/// The most that is read: more is refused by whoever reads the text.
const LARGEST: u64 = (4 << 20) + 1;
/// How long a program has to answer.
const PATIENCE: Duration = Duration::from_secs(5);

/// The document that a word names, or why it cannot be had.
pub(crate) fn document(source: &Path, call: &Call<'_>) -> Result<Document, Failure> {
    had(source, false, call)
}

/// The same of a document that stands inside a script.
pub(crate) fn inside(script: &Path, call: &Call<'_>) -> Result<Document, Failure> {
    had(script, true, call)
}

fn had(source: &Path, is_inside: bool, call: &Call<'_>) -> Result<Document, Failure> {
    let name = visible(&source.to_string_lossy());
    let (file, text) = if is_inside {
        let script = fs::File::open(source).map_err(|error| unread(&name, &message(&error)))?;
        let script = read(script).map_err(|why| unread(&name, &why))?;
        (name.clone(), cut_out(&script).map_err(|why| failed(format!("{name} {why}")))?)
    } else if source == Path::new("-") {
        (
            "standard input".to_owned(),
            read(call.input()).map_err(|why| unread("standard input", &why))?,
        )
    } else if let Some(program) = program(source) {
        (
            format!("{name} (its document)"),
            asked(&program).map_err(|why| failed(format!("{name} {why}")))?,
        )
    } else {
        let file = fs::File::open(source).map_err(|error| unread(&name, &message(&error)))?;
        (name.clone(), read(file).map_err(|why| unread(&name, &why))?)
    };
    Document::read(&file, text).map_err(|faults| {
        let told = faults.draw(&name, call.streams().error_look(*call.get(&COLOR_OPTION)));
        _ = call.err().write_all(told.as_bytes());
        Failure::new(UNAVAILABLE, "")
    })
}

/// What stands in a script between these lines, which no shell runs: a here-document, quoted, of a command that does
/// nothing. What is in front of it is left as empty lines, so that faults are told at the script's own.
fn cut_out(script: &[u8]) -> Result<Vec<u8>, &'static str> {
    const START: &[u8] = b": <<'CLAVRET'";
    const END: &[u8] = b"CLAVRET";
    let mut lines = script.split(|&byte| byte == b'\n');
    let mut text = Vec::new();
    loop {
        let line = lines.next().ok_or(
            "has no document inside (expected a line `: <<'CLAVRET'`, the document, and a line `CLAVRET`)",
        )?;
        text.push(b'\n');
        if line.trim_ascii_end() == START {
            break;
        }
    }
    for line in lines {
        if line == END {
            return Ok(text);
        }
        text.extend_from_slice(line);
        text.push(b'\n');
    }
    Err("has a document inside that does not end (expected a line `CLAVRET`)")
}

fn failed(what: String) -> Failure {
    Failure::new(UNAVAILABLE, what)
}

fn unread(name: &str, why: &str) -> Failure {
    failed(format!("{name} cannot be read ({why})"))
}

fn read(from: impl Read) -> Result<Vec<u8>, String> {
    let mut bytes = Vec::new();
    match from.take(LARGEST).read_to_end(&mut bytes) {
        Ok(_) => Ok(bytes),
        Err(error) => Err(message(&error)),
    }
}

/// The program that a word names, as a shell would find it; nothing for a document. What ends as documents do is one.
fn program(source: &Path) -> Option<PathBuf> {
    let is_document = source.extension().is_some_and(|end| end == "toml" || end == "json");
    if is_document {
        return None;
    }
    if source.components().count() > 1 || source.is_absolute() {
        return is_program(source).then(|| source.to_owned());
    }
    let folders = std::env::var_os("PATH").unwrap_or_default();
    let found = std::env::split_paths(&folders).map(|folder| folder.join(source));
    // A file here may be meant, where no program is called so.
    found.into_iter().find(|path| is_program(path))
}

#[cfg(unix)]
fn is_program(path: &Path) -> bool {
    use std::os::unix::fs::PermissionsExt;
    let is_run = |found: fs::Metadata| found.is_file() && found.permissions().mode() & 0o111 != 0;
    fs::metadata(path).is_ok_and(is_run)
}

#[cfg(not(unix))]
fn is_program(path: &Path) -> bool {
    path.is_file() && path.extension().is_some_and(|end| end == "exe")
}

/// What a program answers that is asked for its document: it is started by the one word `--version`, so that one that
/// answers nothing says that.
fn asked(program: &Path) -> Result<Vec<u8>, String> {
    let mut command = Command::new(program);
    let command = command.arg("--version").env("CLAVRET", "1\u{1f}document");
    let command = command.stdin(Stdio::piped()).stdout(Stdio::piped()).stderr(Stdio::null());
    let mut child =
        command.spawn().map_err(|error| format!("cannot be run ({})", message(&error)))?;
    if let Some(mut input) = child.stdin.take() {
        _ = input.write_all(b".");
    }
    let out = child.stdout.take();
    let (send, receive) = mpsc::channel();
    thread::spawn(move || _ = send.send(out.map(read)));
    let answer = receive.recv_timeout(PATIENCE);
    _ = child.kill();
    _ = child.wait();
    match answer {
        Ok(Some(Ok(bytes))) if bytes.starts_with(b"{") => Ok(bytes),
        Ok(Some(Err(why))) => Err(format!("cannot be read ({why})")),
        Ok(_) => {
            Err("gives no document (a program of Clavret does that lists `DOCUMENT_COMMAND` and `answers`)"
                .to_owned())
        }
        Err(_) => Err(format!("does not answer within {} seconds", PATIENCE.as_secs())),
    }
}
