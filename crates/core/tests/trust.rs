//! What users trust a program with, over any declaration and any words: a default subcommand left out
//! reads as if it were named, a line that is offered keeps what was said, and no secret is shown.

use std::ffi::OsString;

use clavret_core::{
    Expects, Fault, FaultKind, Faults, Look, Meaning, Outcome, Place, Reader, Words,
};
use proptest::prelude::*;

use crate::generated::{Key, Tree, config, parted, tree, words};

/// Where a default subcommand would be named: in front of the first word that is neither an option of
/// the root nor its value; nothing where it is not meant.
fn place_of_default(tree: &Tree, line: &[OsString]) -> Option<usize> {
    let mut reader = Reader::new(tree.plain, line.len());
    for (at, word) in line.iter().enumerate() {
        let before = reader.steps().len();
        reader.step(word);
        let meanings = reader.steps()[before..].iter().map(|step| step.meaning());
        let is_above = |meaning| {
            use Meaning::{Name, Opposite, Unwanted, Value};
            matches!(meaning, Name | Opposite | Value | Unwanted)
        };
        let all: Vec<bool> = meanings.clone().map(is_above).collect();
        if meanings.clone().any(|meaning| meaning == Meaning::Command) {
            return None;
        }
        if !all.iter().all(|above| *above) {
            // A cluster that begins with letters of the root's is no line with a name in it.
            return Some(at).filter(|_| !all[0]);
        }
    }
    // After an option that waits for its value a name would be that.
    Some(line.len()).filter(|_| !matches!(reader.expects(), Expects::Value(..)))
}

/// What stands in a line as the value of what, by the reader's steps: the name as typed in front of a
/// value, nothing in front of an operand.
fn values(root: &'static clavret_core::Command<'static>, line: &[OsString]) -> Vec<Said> {
    let mut reader = Reader::new(root, line.len());
    reader.step_all(Words::new(line));
    let mut said = Vec::new();
    let mut name = String::new();
    for step in reader.steps() {
        let text = line[step.word()].to_str().and_then(|word| word.get(step.bytes()));
        let text = text.unwrap_or_default().to_owned();
        match step.meaning() {
            Meaning::Name | Meaning::Opposite => name = text.trim_start_matches('-').to_owned(),
            Meaning::Value => {
                said.push(Said {
                    name: name.clone(),
                    text,
                    word: step.word(),
                    start: step.bytes().start,
                });
                continue;
            }
            Meaning::Operand | Meaning::Command => {
                let is_command = step.meaning() == Meaning::Command;
                let name = if is_command { COMMAND } else { "" }.to_owned();
                said.push(Said { name, text, word: step.word(), start: 0 });
                continue;
            }
            _ => continue,
        }
        said.push(Said {
            name: name.clone(),
            text: "-".into(),
            word: step.word(),
            start: step.bytes().start,
        });
    }
    said
}

/// What stands for the name where a command is named: what a default takes for an operand may be that once
/// an option in front is known.
const COMMAND: &str = " ";

#[derive(Debug, Clone, PartialEq)]
struct Said {
    name: String,
    text: String,
    word: usize,
    start: usize,
}

impl Said {
    /// Which parameter it is said of: names are spelled in many ways, their second letter is alike.
    fn of(&self) -> Option<(bool, char)> {
        let is_opposite = self.name.starts_with("no-");
        Some((is_opposite, self.name.trim_start_matches("no-").chars().take(2).last()?))
    }
}

fn is_at(fault: &Fault<'_>, said: &Said) -> bool {
    match fault.place() {
        Place::At { word, start, end } => {
            word == said.word && (start <= said.start && said.start < end.max(start + 1) || said.start == 0)
                // A pair is wrong as a whole.
                || fault.kind() == FaultKind::ValueAttached && word <= said.word && said.word <= word + 1
        }
        _ => false,
    }
}

fn is_of_name(fault: &Fault<'_>) -> bool {
    use FaultKind::{CommandAmbiguous, CommandUnknown, OptionAmbiguous, OptionUnknown};
    matches!(fault.kind(), OptionUnknown | OptionAmbiguous | CommandUnknown | CommandAmbiguous)
}

/// What was said in a broken line and read is said in the mended one too, of the same parameter where no
/// unknown name stands before it.
fn keeps(
    tree: &Tree,
    faults: &Faults<'_>,
    line: &[OsString],
    mended: &[OsString],
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
    let mut left = values(tree.root, mended);
    let is_once = |fault: &Fault<'_>| matches!(fault.kind(), FaultKind::OptionRepeated);
    for said in values(tree.root, line) {
        if said.word > free || faults.iter().any(|fault| is_at(fault, &said) || is_once(fault)) {
            continue;
        }
        let is_same = |kept: &Said| {
            let may_move = said.word >= settled && said.text != "-";
            kept.text == said.text && (kept.of() == said.of() || may_move)
        };
        match left.iter().position(is_same) {
            Some(at) => _ = left.remove(at),
            // Words made one text by quotes.
            None if left.iter().any(|kept| kept.text.split(' ').any(|word| word == said.text)) => {}
            None => return Err(format!("{said:?} is lost")),
        }
    }
    let behind = |line: &[OsString]| {
        let mut reader = Reader::new(tree.root, line.len());
        reader.step_all(Words::new(line));
        let end = reader.steps().iter().find(|step| step.meaning() == Meaning::Terminator);
        end.map_or(0, |end| line.len() - end.word())
    };
    if free == usize::MAX && behind(mended) < behind(line) {
        return Err("`--` is gone".into());
    }
    Ok(())
}

proptest! {
    #![proptest_config(config(1500))]

    #[test]
    fn a_default_left_out_reads_as_if_it_were_named(tree in tree(), line in words()) {
        let (Some(at), Some(place)) = (tree.default, place_of_default(&tree, &line)) else { return Ok(()) };
        let (leaf, own) = &tree.below[at];
        let named = [&line[..place], &[leaf.name().into()], &line[place..]].concat();
        match (tree.root.read(&line), tree.root.read(&named)) {
            (Outcome::Reading(left_out), Outcome::Reading(named)) => {
                prop_assert!(left_out.is(leaf) && named.is(leaf));
                for key in tree.throughout.iter().chain(&tree.above).chain(own) {
                    prop_assert_eq!(key.ask(&left_out), key.ask(&named), "{}", key.param().name());
                }
            }
            (Outcome::Faults(left_out), Outcome::Faults(named)) => {
                // An unknown option does not choose the default, nor does a word that it does not take.
                let kinds = |faults: &Faults<'_>| faults.iter().map(Fault::kind).collect::<Vec<_>>();
                prop_assert!(kinds(&left_out) == kinds(&named) || left_out.iter().chain(&named).any(|fault| {
                    is_of_name(fault) || fault.kind() == FaultKind::OperandExtra
                }), "{:?} {:?}", left_out, named);
            }
            (Outcome::Asked(_), Outcome::Asked(_)) => {}
            // A name, a beginning or a letter of the root's, a page among them, stays the root's.
            (Outcome::Faults(faults), _)
                if faults.iter().any(|fault| fault.kind() == FaultKind::OptionAmbiguous) => {}
            (left_out, named) => prop_assert!(
                matches!(left_out, Outcome::Asked(_)) || matches!(named, Outcome::Asked(_)),
                "{:?} {:?}", left_out, named
            ),
        }
    }

    #[test]
    fn a_line_that_is_offered_reads_and_keeps_what_was_said(tree in tree(), line in words()) {
        let Outcome::Faults(faults) = tree.root.read(&line) else { return Ok(()) };
        let drawn = faults.draw(Look::PLAIN);
        let offer = |heading| drawn.lines().find_map(|line| line.strip_prefix(heading)).map(parted);
        let fix: Option<Vec<OsString>> =
            offer("  try   apiary").map(|words| words.into_iter().map(OsString::from).collect());
        if let Some(fix) = &fix {
            prop_assert!(!matches!(tree.root.read(fix), Outcome::Faults(_)), "{}", drawn);
            // Nothing is said in it that was not typed.
            let all = line.iter().map(|word| word.to_string_lossy()).collect::<Vec<_>>().join("\n");
            let all = all.to_lowercase();
            for said in values(tree.root, fix).iter().filter(|said| said.text != "-" && said.name != COMMAND) {
                prop_assert!(said.text.split(' ').all(|part| all.contains(&part.to_lowercase())), "{said:?} in\n{drawn}");
            }
        }
        let outline = offer("  like  apiary").map(|words| words.into_iter().map(OsString::from).collect());
        for offered in fix.iter().chain(&outline) {
            if matches!(tree.root.read(offered), Outcome::Asked(_)) {
                continue;
            }
            let kept = keeps(&tree, &faults, &line, offered);
            prop_assert!(kept.is_ok(), "{} in\n{}", kept.unwrap_err(), drawn);
        }
    }

    #[test]
    fn no_secret_is_shown_of_a_refused_line(
        tree in tree(),
        before in words(),
        behind in words(),
        how in 0..12_u8,
    ) {
        const PLANTED: &str = "hum42sting";
        let Some(Key::Secret(key)) = tree.throughout.iter().find(|key| matches!(key, Key::Secret(_))) else {
            return Ok(());
        };
        let name = key.param().name();
        let letter = &name[1..];
        let planted: Vec<String> = match how {
            0 => vec![format!("--{name}"), PLANTED.into()],
            1 => vec![format!("--{name}={PLANTED}")],
            2 => vec![format!("--{name}:{PLANTED}")],
            3 => vec![format!("{name}={PLANTED}")],
            4 => vec![format!("-{letter}"), PLANTED.into()],
            5 => vec![format!("-{}{PLANTED}", letter.to_uppercase())],
            6 => vec![format!("-{}", letter.to_uppercase()), PLANTED.into()],
            7 => vec![format!("—{name}"), PLANTED.into()],
            8 => vec![format!("–{letter}{PLANTED}")],
            9 => vec![format!("-{name}={PLANTED}")],
            10 => vec![format!("--{letter}={PLANTED}")],
            _ => vec![format!("--nosuch={PLANTED}")],
        };
        // After `--` it is a word like others unless a secret's name is in it.
        let mut reader = Reader::new(tree.root, before.len());
        reader.step_all(Words::new(&before));
        let is_value = matches!(reader.expects(), Expects::Value(..));
        if how > 4 && (reader.is_past_options() || is_value) {
            return Ok(());
        }
        let planted: Vec<OsString> = planted.into_iter().map(OsString::from).collect();
        let line = [before, planted, behind].concat();
        if let Outcome::Faults(faults) = tree.root.read(&line) {
            let shown = faults.draw(Look::PLAIN) + &format!("{faults:?} {:?}", faults.iter().collect::<Vec<_>>());
            prop_assert!(!shown.contains("sting"), "{shown}");
        }
    }
}
