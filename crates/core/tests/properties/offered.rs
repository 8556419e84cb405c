//! Of lines that are offered: they read, and keep what was said.

use std::ffi::OsString;

use clavret_core::ask::{Noun, Param};
use clavret_core::faults::{Fault, FaultKind, Faults, Place};
use clavret_core::look::Look;
use clavret_core::reader::{Meaning, Reader, Words};
use clavret_core::{Command, Kind, Outcome};
use clavret_generator::{Arena, Listed, Surroundings, any_line, config, parted, picks};
use proptest::prelude::*;

use super::{is_of_name, read, spec};

/// What stands in a line as the value of what, by the reader's steps.
#[derive(Debug, Clone, PartialEq)]
struct Said {
    /// The parameter, by its address; nothing for an operand.
    who: usize,
    text: String,
    word: usize,
    start: usize,
}

/// What stands for the text where a parameter is named, for the opposite, and for a command.
const NAMED: &str = "-";
const OPPOSITE: &str = "!";
const COMMAND: usize = 1;

fn said(root: &Command<'_>, line: &[OsString]) -> Vec<Said> {
    let mut reader = Reader::new(root, line.len());
    reader.step_all(Words::new(line));
    let said = |step: &clavret_core::reader::Step| {
        let text =
            line[step.word()].to_str().and_then(|word| word.get(step.bytes())).unwrap_or_default();
        let param = reader.param_of(step).map_or(0, |param| std::ptr::from_ref(param).addr());
        let (who, text) = match step.meaning() {
            Meaning::Name => (param, NAMED),
            Meaning::Opposite => (param, OPPOSITE),
            Meaning::Value => (param, text),
            Meaning::Operand => (0, text),
            Meaning::Command => (COMMAND, text),
            _ => return None,
        };
        Some(Said { who, text: text.to_owned(), word: step.word(), start: step.bytes().start })
    };
    reader.steps().iter().filter_map(said).collect()
}

fn is_at(fault: &Fault<'_>, said: &Said) -> bool {
    fault.places().any(|place| match place {
        Place::At { word, start, end } => {
            let last = said.start + said.text.len().max(1);
            let is_in = start < last && said.start < end.max(start + 1);
            word == said.word && (is_in || said.start == 0)
                // A pair is wrong as a whole.
                || fault.kind() == FaultKind::ValueAttached && word <= said.word && said.word <= word + 1
                // A value that stands twice goes with its name and its other words.
                || fault.kind() == FaultKind::ValueTwice && said.word + 1 >= word && said.word < word + 2
        }
        _ => false,
    })
}

/// What was said in a broken line and read is said in the mended one too, of the same parameter where no unknown name
/// stands before it.
fn keeps(
    root: &Command<'_>,
    faults: &Faults<'_>,
    line: &[OsString],
    mended: &[OsString],
    has_holes: bool,
) -> Result<(), String> {
    let first = |is_meant: &dyn Fn(&Fault<'_>) -> bool| {
        let words =
            faults.iter().filter(|fault| is_meant(fault)).filter_map(|fault| match fault.place() {
                Place::At { word, .. } => Some(word),
                _ => None,
            });
        words.min().unwrap_or(usize::MAX)
    };
    let settled = first(&is_of_name);
    let free = first(&|fault| {
        matches!(fault.kind(), FaultKind::CommandUnknown | FaultKind::CommandAmbiguous)
    });
    let mut left = said(root, mended);
    let kept = left.clone();
    let is_said =
        |said: &Said| kept.iter().any(|kept| (kept.who, &kept.text) == (said.who, &said.text));
    let repeats = |said: &Said| {
        let is_it = |param: &Param<'_>| std::ptr::from_ref(param).addr() == said.who;
        faults
            .iter()
            .any(|fault| fault.kind() == FaultKind::ValueTwice && fault.param().is_some_and(is_it))
    };
    for said in said(root, line) {
        if said.word > free || faults.iter().any(|fault| is_at(fault, &said)) {
            continue;
        }
        let is_same = |kept: &Said| {
            let may_move = said.word >= settled && said.text != NAMED && said.text != OPPOSITE;
            kept.text == said.text && (kept.who == said.who || may_move)
        };
        match left.iter().position(is_same) {
            Some(at) => _ = left.remove(at),
            // Behind a name that is another's it may not fit, and then there is a hole for it. Or it was an operand only because the name before it was taken for one.
            None if has_holes && said.word > settled => {}
            None if said.word > settled
                && said.text.starts_with('-')
                && mended.iter().any(|word| *word == *said.text) => {}
            // The third of three values that are alike, where one fault told of the second: its text is said once, as it must be.
            None if repeats(&said) && (said.text == NAMED || is_said(&said)) => {}
            // Words made one text by quotes.
            None if left.iter().any(|kept| kept.text.split(' ').any(|word| word == said.text)) => {}
            None => return Err(format!("{said:?} is lost")),
        }
    }
    let [was, is] = [line, mended].map(|line| behind(root, line));
    // What is wrong itself is mended there too.
    let is_right = |was: &[OsString]| {
        let from = line.len() - was.len();
        !faults
            .iter()
            .flat_map(Fault::places)
            .any(|place| matches!(place, Place::At { word, .. } if word >= from))
    };
    if !has_holes
        && free == usize::MAX
        && was.is_some_and(|was| is_right(was) && is.is_none_or(|is| !is.ends_with(was)))
    {
        return Err("what stands after `--` is not what it was".into());
    }
    Ok(())
}

/// What stands after `--`.
fn behind<'l>(root: &Command<'_>, line: &'l [OsString]) -> Option<&'l [OsString]> {
    let mut reader = Reader::new(root, line.len());
    reader.step_all(Words::new(line));
    let end = reader.steps().iter().find(|step| step.meaning() == Meaning::Terminator)?;
    Some(&line[end.word() + 1..])
}

/// A line makes an operand of a word with a dash that was none, unless that may be a negative number; or names an unknown
/// letter in the other case.
fn makes_more_of_dashes(
    faults: &Faults<'_>,
    line: &[OsString],
    mended: &[OsString],
    has_holes: bool,
) -> bool {
    let root = faults.path().root();
    let operands = |line: &[OsString], is_meant: &dyn Fn(&Param<'_>) -> bool| {
        let mut reader = Reader::new(root, line.len());
        reader.step_all(Words::new(line));
        let is_one = |step: &&clavret_core::reader::Step| {
            step.meaning() == Meaning::Operand && reader.param_of(step).is_some_and(is_meant)
        };
        let words = reader.steps().iter().filter(is_one).map(|step| line[step.word()].clone());
        words
            .filter(|word| word.len() > 1 && word.as_encoded_bytes()[0] == b'-')
            .collect::<Vec<_>>()
    };
    let letters = |line: &[OsString]| {
        let mut reader = Reader::new(root, line.len());
        reader.step_all(Words::new(line));
        let is_letter = |step: &&clavret_core::reader::Step| {
            matches!(step.meaning(), Meaning::Name | Meaning::Opposite)
                && !line[step.word()].as_encoded_bytes().starts_with(b"--")
        };
        let byte = |step: &clavret_core::reader::Step| {
            line[step.word()].as_encoded_bytes()[step.bytes().end - 1]
        };
        reader.steps().iter().filter(is_letter).map(byte).collect::<Vec<u8>>()
    };
    let unknown = faults.iter().filter_map(|fault| match (fault.kind(), fault.place()) {
        (FaultKind::OptionUnknown, Place::At { word, end, .. }) => {
            let word = line[word].as_encoded_bytes();
            (!word.starts_with(b"--")).then(|| word[end - 1])
        }
        _ => None,
    });
    let (known, was, is) = (operands(line, &|_| true), letters(line), letters(mended));
    let count = |letters: &[u8], other: u8| letters.iter().filter(|own| **own == other).count();
    // A letter that is not known here may be known to the command that is put in front.
    let unknown: Vec<u8> = unknown.collect();
    let in_other_case = |letter: &u8| {
        let other = letter ^ 0x20;
        let typed = count(&was, other) + count(&unknown, other);
        letter.is_ascii_alphabetic() && count(&is, other) > typed
    };
    operands(mended, &|param| !param.takes_negative()).iter().any(|word| !known.contains(word))
        // What is put in where something is missing may be called so.
        || !has_holes && unknown.iter().any(in_other_case)
}

/// The line after a heading, in words.
fn offered(drawn: &str, heading: &str) -> Option<Vec<OsString>> {
    let line = drawn.lines().find_map(|line| line.strip_prefix(heading))?.strip_prefix("apiary")?;
    Some(parted(line))
}

proptest! {
    #![proptest_config(config(1500))]

    /// A line that is offered reads as a shell would part it; nothing is said in it that was not typed, and what was said
    /// and read is said in it too.
    #[test]
    fn a_line_that_is_offered_reads_and_keeps_what_was_said(spec in spec(), picks in picks()) {
        let arena = Arena::new();
        let tree = spec.tree(&arena);
        let (line, world) = (any_line(tree.root, &mut picks.pick()), Surroundings::default());
        let Outcome::Faults(faults) = read(tree.root, &line, &world) else { return Ok(()) };
        let drawn = faults.draw(Look::PLAIN);
        let fix = offered(&drawn, "  try   ");
        if let Some(fix) = &fix {
            // It is found without a look at files and lists.
            prop_assert!(!matches!(tree.root.read(fix), Outcome::Faults(_)), "{}", drawn);
            let all = line.iter().map(|word| word.to_string_lossy()).collect::<Vec<_>>().join("\n").to_lowercase();
            // A choice may be meant by a word that is near it.
            let is_choice = |word: &str| {
                // A key too, or the value of one.
                let is_entry = |kind: &Kind<'_>| word.split_once('=').is_some_and(|(key, value)| {
                    let near = kind.value_of(key).is_some_and(|kind| kind.offers().any(|offer| offer.0 == value));
                    kind.keys().any(|known| known == key) && (near || all.contains(&value.to_lowercase()))
                });
                tree.keys.iter().map(|key| key.param).any(|param| {
                    let is_offered = |kind: &Kind<'_>| {
                        kind.offers().any(|offer| offer.0 == word) || kind.noun() == Noun::Truth || is_entry(kind)
                    };
                    param.kinds().iter().any(|kind| is_offered(kind)) || param.list().is_some() && Listed::WORDS.contains(&word)
                        || param.is_worded() && ["yes", "no"].contains(&word)
                })
            };
            let typed = said(tree.root, fix).into_iter().filter(|said| said.who != COMMAND && ![NAMED, OPPOSITE].contains(&&*said.text));
            for said in typed {
                let joined = |param: &&Param<'_>| std::ptr::from_ref(*param).addr() == said.who;
                let sign = tree.keys.iter().map(|key| key.param).find(joined).and_then(Param::delimiter);
                let is_part = |part: &str| is_choice(part) || part.split(' ').all(|part| all.contains(&part.to_lowercase()));
                prop_assert!(said.text.split(|letter| Some(letter) == sign).all(is_part), "{said:?} in\n{drawn}");
            }
        }
        for (offered, has_holes) in [(fix, false), (offered(&drawn, "  like  "), true)] {
            let Some(offered) = offered else { continue };
            // Beside what stands alone nothing else counts.
            let is_alone = |fault: &Fault<'_>| fault.param().is_some_and(Param::stands_alone);
            if matches!(read(tree.root, &offered, &world), Outcome::Request(_)) || faults.iter().any(is_alone) {
                continue;
            }
            prop_assert!(!makes_more_of_dashes(&faults, &line, &offered, has_holes), "{}", drawn);
            let kept = keeps(tree.root, &faults, &line, &offered, has_holes);
            prop_assert!(kept.is_ok(), "{} in\n{}", kept.unwrap_err(), drawn);
        }
    }
}
