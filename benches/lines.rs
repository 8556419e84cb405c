//! Reads many lines of a document in process, for what the tool takes over them: `lines DOCUMENT COUNT FILE` writes them to a
//! file as the tool takes them, and prints the seconds that reading them here took.

use std::fmt::Write;
use std::time::Instant;

use clavret::{Arena, Document, Outcome};

const LINES: [&str; 5] = [
    "A7 B2 -l 2 --note cold",
    "--of=fondant A7 --dry-run",
    "A7 --log x.log --note a --note b --note c",
    "-l0.5 A1 A2 A3 A4 A5 A6 A7 A8",
    "--litre 2 A7",
];

fn main() {
    let args: Vec<String> = std::env::args().collect();
    let [_, document, count, file] = &args[..] else { panic!("lines DOCUMENT COUNT FILE") };
    let text = std::fs::read(document).expect("the document is there");
    let document = Document::read(document, text).expect("the document has no mistakes");
    let (arena, count) = (Arena::new(), count.parse().expect("COUNT is a number"));
    let root = document.command(&arena);
    let lines: Vec<Vec<&str>> =
        (0..count).map(|at: usize| LINES[at % LINES.len()].split(' ').collect()).collect();
    let mut written = String::new();
    for line in &lines {
        writeln!(written, "[\"{}\"]", line.join("\",\"")).expect("a string can be written to");
    }
    std::fs::write(file, written).expect("the file can be written");
    let began = Instant::now();
    let read = lines.iter().filter(|line| matches!(root.read(line), Outcome::Reading(_))).count();
    let seconds = began.elapsed().as_secs_f64();
    assert_eq!(read, count - count / LINES.len());
    println!("{seconds:.3}");
}
