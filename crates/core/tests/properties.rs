//! What holds for any words.

use std::ffi::OsString;

use clavret_complete::candidates;
use clavret_core::{CommandPath, Look, Outcome, Page, PageLength, Place, Reader, Words};
use proptest::prelude::*;

use crate::demo::{APIARY, FRAMES, HIVE, INSPECT, NOTES, TEMP};

/// Words as they occur, words that nearly do, and anything.
fn word() -> impl Strategy<Value = OsString> {
    let likely = prop::sample::select(vec![
        "inspect",
        "hive",
        "add",
        "new",
        "move",
        "help",
        "completions",
        "bash",
        "A7",
        "--",
        "-",
        "",
        "-c",
        "-cf6",
        "-f",
        "6",
        "--frames",
        "--frames=6",
        "--calm=x",
        "--clam",
        "-t-3",
        "-5",
        "-.5e1",
        "--note",
        "--note=",
        "--at",
        "--at=1",
        "-a1",
        "1",
        "--queen",
        "blue",
        "pink",
        "-y",
        "--yard=",
        "-vvv",
        "-vz",
        "-calm",
        "--color=always",
        "--color",
        "-\u{e9}",
        "\u{202e}",
        "a b",
    ]);
    prop_oneof![
        6 => likely.prop_map(OsString::from),
        1 => ".{0,8}".prop_map(OsString::from),
        1 => "-{1,2}[a-z]{0,6}(=.{0,4})?".prop_map(OsString::from),
        1 => prop::collection::vec(any::<u8>(), 0..8).prop_map(raw),
    ]
}

#[cfg(unix)]
fn raw(bytes: Vec<u8>) -> OsString {
    std::os::unix::ffi::OsStringExt::from_vec(bytes)
}

#[cfg(not(unix))]
fn raw(bytes: Vec<u8>) -> OsString {
    String::from_utf8_lossy(&bytes).into_owned().into()
}

fn line() -> impl Strategy<Value = Vec<OsString>> {
    prop::collection::vec(word(), 0..9)
}

proptest! {
    #![proptest_config(ProptestConfig { cases: 2000, failure_persistence: None, ..ProptestConfig::default() })]

    /// Steps stand in order, never overlap, and cover only bytes that are there; each word has one.
    #[test]
    fn steps_cover_real_bytes_and_never_overlap(line in line()) {
        let mut reader = Reader::new(&APIARY, line.len());
        reader.step_all(Words::new(&line));
        let mut end = (0, 0);
        for step in reader.steps() {
            let (word, bytes) = (step.word(), step.bytes());
            prop_assert!(bytes.start <= bytes.end && bytes.end <= line[word].len());
            prop_assert!((word, bytes.start) >= end, "{:?} in {:?}", step, line);
            end = (word, bytes.end);
        }
        for word in 0..line.len() {
            prop_assert!(reader.steps().iter().any(|step| step.word() == word));
        }
    }

    /// Whatever the words, there is an outcome, and what it draws fits the width but for words
    /// that cannot be broken.
    #[test]
    fn any_words_have_an_outcome_that_draws(line in line(), width in 0_usize..120, color: bool) {
        let look = Look::PLAIN.width(width).color(color);
        match APIARY.read(&line) {
            Outcome::Faults(faults) => {
                prop_assert!(faults.iter().next().is_some());
                for fault in &faults {
                    if let Place::At { word, start, end } = fault.place() {
                        prop_assert!(start <= end && end <= line[word].len());
                    }
                }
                let drawn = faults.draw(look);
                let is_control = |letter: char| letter.is_control() && letter != '\n' && !(color && letter == '\u{1b}');
                prop_assert!(!drawn.contains(is_control), "{:?}", drawn);
            }
            Outcome::Asked(asked) => prop_assert!(!asked.text(look).is_empty()),
            _ => {}
        }
        let _ = candidates(&APIARY, &line, "-");
    }

    /// The line under `try` is what a POSIX shell would part into words that read.
    #[test]
    fn an_offered_fix_reads(line in line()) {
        let Outcome::Faults(faults) = APIARY.read(&line) else { return Ok(()) };
        let drawn = faults.draw(Look::PLAIN);
        let Some(fix) = drawn.lines().find_map(|line| line.strip_prefix("  try   apiary ")) else { return Ok(()) };
        // Parting quoted words is the shell's work, tested with real ones; here only plain lines.
        if fix.contains(['\'', '\\']) { return Ok(()) }
        let words: Vec<&str> = fix.split(' ').collect();
        prop_assert!(!matches!(APIARY.read(&words), Outcome::Faults(_)), "{}", fix);
    }

    /// A line made from values reads back to them, in any of the equivalent spellings and orders.
    #[test]
    fn values_read_back(
        frames in 0_u8..=20,
        temp in prop::option::of(-1e6..1e6_f64),
        notes in prop::collection::vec(".{0,6}", 0..=2),
        spelling in 0..4_u8,
        operand_first: bool,
    ) {
        let mut options: Vec<String> = Vec::new();
        match spelling {
            0 => options.extend(["--frames".into(), frames.to_string()]),
            1 => options.push(format!("--frames={frames}")),
            2 => options.extend(["-f".into(), frames.to_string()]),
            _ => options.push(format!("-cf{frames}")),
        }
        for note in &notes {
            if spelling % 2 == 0 { options.push(format!("--note={note}")) } else { options.extend(["--note".into(), note.clone()]) }
        }
        options.extend(temp.map(|temp| format!("-t{temp}")));
        let hive = vec!["A7".to_owned()];
        let behind = if operand_first { [hive, options].concat() } else { [options, hive].concat() };
        let line = [vec!["inspect".to_owned()], behind].concat();
        let Outcome::Reading(reading) = APIARY.read(&line) else { panic!("{line:?}") };
        prop_assert!(reading.is(&INSPECT));
        prop_assert_eq!(reading.get(&HIVE), "A7");
        prop_assert_eq!(*reading.get(&FRAMES), frames);
        prop_assert_eq!(*reading.get(&TEMP), temp);
        prop_assert_eq!(reading.get(&NOTES), &notes);
    }
}

/// Pages of any width: no line is wider, but for what cannot be broken.
#[test]
fn pages_fit_their_width() {
    for width in 20..=100 {
        let page = Page::of(&CommandPath::to(&APIARY, &INSPECT).unwrap(), PageLength::Full);
        let drawn = page.draw(Look::PLAIN.width(width));
        let breakable = |line: &&str| {
            let text = line.trim();
            text.contains(' ') && !text.starts_with('[') && !text.contains("apiary inspect")
        };
        let too_wide = drawn.lines().filter(breakable).find(|line| line.chars().count() > width);
        assert_eq!(too_wide, None, "at {width} columns");
    }
}
