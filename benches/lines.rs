//! Many lines of a document, for what the tool takes over them: `lines DOCUMENT COUNT` reads them in process, and
//! `lines DOCUMENT COUNT FILE` writes them to a file as the tool takes them.

use std::fmt::Write;

use clavret::Outcome;
use clavret::document::{Arena, Document};

const LINES: [&str; 5] = [
    "A7 B2 -l 2 --note cold",
    "--of=fondant A7 --dry-run",
    "A7 --log x.log --note a --note b --note c",
    "-l0.5 A1 A2 A3 A4 A5 A6 A7 A8",
    "--litre 2 A7",
];

fn main() {
    let args: Vec<String> = std::env::args().collect();
    let (document, count, file) = match &args[..] {
        [_, document, count] => (document, count, None),
        [_, document, count, file] => (document, count, Some(file)),
        _ => panic!("lines DOCUMENT COUNT [FILE]"),
    };
    let count: usize = count.parse().expect("COUNT is a number");
    let lines = (0..count).map(|at| LINES[at % LINES.len()]);
    if let Some(file) = file {
        let mut written = String::new();
        for line in lines {
            writeln!(written, "[\"{}\"]", line.replace(' ', "\",\""))
                .expect("a string can be written to");
        }
        return std::fs::write(file, written).expect("the file can be written");
    }
    let text = std::fs::read(document).expect("the document is there");
    let document = Document::read(document, text).expect("the document has no mistakes");
    let arena = Arena::new();
    let root = document.command(&arena);
    let reads =
        |line: &str| matches!(root.read(&line.split(' ').collect::<Vec<_>>()), Outcome::Reading(_));
    let read = lines.filter(|line| reads(line)).count();
    assert_eq!(read, count - count / LINES.len());
}
