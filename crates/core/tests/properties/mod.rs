//! What holds for any declaration, any line for it, and any values that it can have.

mod offered;
mod secret;

use std::ffi::OsString;

use clavret_core::ask::{CommandPath, Param, Role};
use clavret_core::faults::{Fault, FaultKind, Faults, Place};
use clavret_core::look::Look;
use clavret_core::medium::{Page, PageLength};
use clavret_core::reader::{Expects, Meaning, Reader, Words};
use clavret_core::world::World;
use clavret_core::{Abbreviated, Command, Outcome, Reading, Tail};
use clavret_generator::broken::{WAYS, broken};
use clavret_generator::structure::{self, Given};
use clavret_generator::{
    Arena, Kinds, Made, STANDARD, Say, Shaped, Spec, Surroundings, Value, Valued, any_line, config,
    declaration, picks, walk,
};
use proptest::prelude::*;

fn spec() -> impl Strategy<Value = Spec> {
    declaration(STANDARD)
}

fn world(variables: &[(String, String)]) -> Surroundings {
    Surroundings {
        variables: variables.iter().map(|(name, value)| (name.clone(), value.into())).collect(),
    }
}

fn read<'d, W: clavret_core::reader::Word>(
    root: &'d Command<'d>,
    words: &'d [W],
    world: &'d dyn World,
) -> Outcome<'d> {
    root.read_in(Words::new(words), world)
}

fn is_of_name(fault: &Fault<'_>) -> bool {
    use FaultKind::{CommandAmbiguous, CommandUnknown, OptionAmbiguous, OptionUnknown};
    matches!(fault.kind(), OptionUnknown | OptionAmbiguous | CommandUnknown | CommandAmbiguous)
}

/// What a typed key gives where its words are converted to something that is known.
fn expected(made: &Made, given: &Given<'_>) -> Option<Value> {
    let Valued { kind: Kinds::Of(sort), shape, is_by_kind: false } = made.value? else {
        return None;
    };
    let words: Option<Vec<String>> =
        given.words.iter().map(|word| sort.converted(word).map(str::to_owned)).collect();
    match (given.times, shape) {
        (0, _) => None,
        (_, Shaped::Attached) if given.words.is_empty() => Some(Value::Bare),
        (_, Shaped::Pair | Shaped::Map | Shaped::Keyed) => None,
        _ => words.map(Value::Given),
    }
}

/// Where a default subcommand would be named: in front of the first word that is neither an option of the root nor its
/// value; nothing where it is not meant.
fn place_of_default(plain: &Command<'_>, line: &[OsString]) -> Option<usize> {
    let mut reader = Reader::new(plain, line.len());
    for (at, word) in line.iter().enumerate() {
        let before = reader.steps().len();
        reader.step(word);
        let meanings: Vec<Meaning> =
            reader.steps()[before..].iter().map(|step| step.meaning()).collect();
        if meanings.contains(&Meaning::Command) {
            return None;
        }
        let is_above = |meaning: &Meaning| {
            use Meaning::{File, Name, Opposite, Unwanted, Value};
            matches!(meaning, Name | Opposite | Value | Unwanted | File)
        };
        if !meanings.iter().all(is_above) {
            // A cluster that begins with letters of the root's is no line with a name in it.
            return Some(at).filter(|_| !is_above(&meanings[0]));
        }
    }
    // After an option that waits for its value a name would be that.
    Some(line.len()).filter(|_| !matches!(reader.expects(), Expects::Value(..)))
}

proptest! {
    #![proptest_config(config(1500))]

    /// A line that is made of a declaration's records alone is accepted, and each of its values is what it was made of.
    #[test]
    fn an_accepted_line_reads_back(spec in spec(), picks in picks()) {
        let arena = Arena::new();
        let tree = spec.tree(&arena);
        let Some(line) = structure::line(tree.root, &mut picks.pick()) else { return Ok(()) };
        let (words, world) = (line.words(), world(&line.variables));
        let reading = match read(tree.root, &words, &world) {
            Outcome::Reading(reading) => reading,
            Outcome::Faults(faults) if faults.iter().all(|fault| fault.kind() == FaultKind::ReadingRefused) => return Ok(()),
            Outcome::Faults(faults) => return Err(TestCaseError::fail(faults.draw(Look::PLAIN))),
            _ => return Err(TestCaseError::fail(format!("{words:?} is asked"))),
        };
        prop_assert!(reading.is(line.leaf()), "{:?}", words);
        for given in &line.given {
            let read = reading.params().find(|read| read.param().is(given.param)).unwrap();
            let is_right = match given.param.role() {
                Role::Flag => read.truth().unwrap_or(false) == (given.times > 0 && given.is_on),
                Role::Tally => read.times_typed() == given.times,
                _ if given.times == 0 => !read.is_given(),
                _ => read.words() == given.words.iter().map(OsString::from).collect::<Vec<_>>(),
            };
            prop_assert!(is_right, "{:?} of {:?}: {:?}", given, words, reading);
            let key = tree.keys.iter().find(|key| key.param.is(given.param)).unwrap();
            if let Some(expected) = expected(key.made, given) {
                prop_assert_eq!(key.ask(&reading), Some(expected), "{:?} of {:?}", given, words);
            }
        }
    }

    /// What the reader says may stand next is taken for that.
    #[test]
    fn what_is_expected_is_taken(spec in spec(), picks in picks()) {
        let arena = Arena::new();
        let tree = spec.tree(&arena);
        let words = walk(tree.root, &mut picks.pick());
        let mut reader = Reader::new(tree.root, words.len());
        reader.step_all(Words::new(&words));
        for step in reader.steps() {
            let is_taken = !matches!(step.meaning(), Meaning::Unknown | Meaning::Unread | Meaning::Unwanted);
            prop_assert!(is_taken, "{:?} of {:?}", step, words);
        }
    }

    /// A line that is wrong in one way is told to be wrong in that, and in what follows from it at most.
    #[test]
    fn a_line_broken_in_one_way_is_told_so(spec in spec(), picks in picks(), way in 0..WAYS.len()) {
        use FaultKind::*;
        let arena = Arena::new();
        let tree = spec.tree(&arena);
        let mut pick = picks.pick();
        let Some(line) = structure::line(tree.root, &mut pick) else { return Ok(()) };
        let refused = |param: &Param<'_>| {
            let key = tree.keys.iter().find(|key| key.param.is(param) && key.made.has("valid"))?;
            Some(key.made.sort()?.valid?.2)
        };
        let Some(broken) = broken(&line, WAYS[way], &refused, &mut pick) else { return Ok(()) };
        let world = world(&line.variables);
        let Outcome::Faults(faults) = read(tree.root, &broken.words, &world) else {
            return Err(TestCaseError::fail(format!("{:?} is not refused", broken)));
        };
        let is_it = |fault: &Fault<'_>| {
            fault.kind() == broken.kind && broken.param.is_none_or(|param| fault.param().is_some_and(|about| about.is(param)))
        };
        prop_assert!(faults.iter().any(is_it), "{:?}\n{:?}", broken, faults);
        let follows = |fault: &Fault<'_>| match fault.kind() {
            RuleBroken => !matches!(broken.kind, OptionUnknown | OperandExtra | ValueUnwanted | ValueMisfit),
            OptionMissing | ValuesMiscounted | ValueTwice => {
                matches!(broken.kind, CommandMissing | CommandUnknown | CommandAmbiguous | OptionRepeated)
            }
            OperandMissing => broken.kind == OperandMissing,
            _ => false,
        };
        prop_assert!(faults.iter().all(|fault| is_it(fault) || follows(fault)), "{:?}\n{:?}", broken, faults);
    }

    /// Whatever the words, there is an outcome, which draws; steps and faults point at bytes that are there.
    #[test]
    fn any_line_has_an_outcome_that_draws(spec in spec(), picks in picks(), width in 0_usize..120, color: bool) {
        let arena = Arena::new();
        let tree = spec.tree(&arena);
        let (line, world) = (any_line(tree.root, &mut picks.pick()), Surroundings::default());
        let look = Look::PLAIN.width(width).color(color);
        let mut reader = Reader::new(tree.root, line.len());
        reader.step_all(Words::new(&line));
        let mut end = (0, 0);
        for step in reader.steps() {
            let (word, bytes) = (step.word(), step.bytes());
            prop_assert!(bytes.start <= bytes.end && bytes.end <= line[word].len());
            prop_assert!((word, bytes.start) >= end, "{:?} in {:?}", step, line);
            end = (word, bytes.end);
        }
        prop_assert!((0..line.len()).all(|word| reader.steps().iter().any(|step| step.word() == word)));
        match read(tree.root, &line, &world) {
            Outcome::Faults(faults) => {
                prop_assert!(faults.iter().next().is_some());
                for place in faults.iter().flat_map(Fault::places) {
                    if let Place::At { word, start, end } = place {
                        prop_assert!(start <= end && end <= line[word].len());
                    }
                }
                let drawn = faults.draw(look);
                let is_control = |letter: char| letter.is_control() && letter != '\n' && !(color && letter == '\u{1b}');
                prop_assert!(!drawn.contains(is_control), "{:?}", drawn);
                prop_assert!(!drawn.lines().next().unwrap().contains(": 0 things"), "{:?} {:?} {}", line, faults.iter().collect::<Vec<_>>(), drawn);
            }
            Outcome::Request(asked) => prop_assert!(!asked.text(look).is_empty()),
            Outcome::Reading(reading) => {
                let table = format!("{reading:?}");
                prop_assert!(table.starts_with("apiary"));
            }
            _ => {}
        }
        let page = Page::of(&CommandPath::of(tree.root), PageLength::Full).draw(look);
        prop_assert!(page.contains("apiary"));
    }

    /// A line that leaves a default out reads as if it were named.
    #[test]
    fn a_default_left_out_reads_as_if_it_were_named(spec in spec(), picks in picks()) {
        let Some(Say::At(at)) = spec.root.says("default_command") else { return Ok(()) };
        let at = at[0];
        let arena = Arena::new();
        let tree = spec.tree(&arena);
        let line = any_line(tree.root, &mut picks.pick());
        let mut plain = spec.clone();
        plain.root.said.retain(|setting| setting.name != "default_command");
        let plain = plain.tree(&arena);
        let (Some(place), false) = (place_of_default(plain.root, &line), tree.root.ask().is_acting()) else { return Ok(()) };
        let leaf = tree.root.ask().subcommands()[at];
        // What an unknown option, or the beginning of one, is for is not looked at before the default is chosen.
        let abbreviates = |command: &Command<'_>| {
            let shortens = |names: fn(Abbreviated) -> bool| {
                let is_so = |command: &Command<'_>| command.ask().abbreviations().is_some_and(names);
                is_so(command) && !is_so(tree.root)
            };
            shortens(Abbreviated::has_options) || shortens(Abbreviated::has_commands)
        };
        let is_begun = tree.root.ask().abbreviations().is_some() && !leaf.ask().subcommands().is_empty();
        if is_begun || leaf.ask().tree().any(|(_, command)| command.ask().has_tail(Tail::UnknownOptions) || abbreviates(command)) {
            return Ok(());
        }
        let named = [&line[..place], &[leaf.ask().name().into()], &line[place..]].concat();
        let world = Surroundings::default();
        let kinds = |faults: &Faults<'_>| {
            let mut kinds: Vec<FaultKind> = faults.iter().map(Fault::kind).collect();
            kinds.sort_unstable_by_key(|kind| *kind as u8);
            kinds
        };
        match (read(tree.root, &line, &world), read(tree.root, &named, &world)) {
            (Outcome::Reading(left_out), Outcome::Reading(named)) => {
                let values = |reading: &Reading<'_>| tree.keys.iter().map(|key| key.ask(reading)).collect::<Vec<_>>();
                prop_assert_eq!(values(&left_out), values(&named), "{:?}", line);
            }
            (Outcome::Faults(left_out), Outcome::Faults(named)) => {
                // An unknown option does not choose the default, nor does a word that it does not take.
                let is_free = |fault: &Fault<'_>| {
                    is_of_name(fault) || fault.kind() == FaultKind::OperandExtra || fault.param().is_some_and(Param::stands_alone)
                };
                prop_assert!(kinds(&left_out) == kinds(&named) || left_out.iter().chain(&named).any(is_free), "{:?} {:?}", left_out, named);
            }
            (Outcome::Faults(faults), _) if kinds(&faults).contains(&FaultKind::OptionAmbiguous) => {}
            (left_out, named) => prop_assert!(
                matches!(left_out, Outcome::Request(_)) || matches!(named, Outcome::Request(_)), "{:?} {:?}", left_out, named
            ),
        }
    }
}
