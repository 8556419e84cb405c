//! What holds for any declaration, any line for it, and any values that it can have.

use std::ffi::OsString;

use clavret_core::{
    Command, CommandPath, Expects, Fault, FaultKind, Faults, Kind, Look, Meaning, Noun, Outcome,
    Page, PageLength, Param, Place, Reader, Reading, Role, Tail, Words, World, nearest,
};
use clavret_generator::broken::{WAYS, broken};
use clavret_generator::structure::{self, Given};
use clavret_generator::{
    Arena, Kinds, Listed, Made, Picks, STANDARD, Say, Setting, Shaped, Spec, Surroundings, Value,
    Valued, any_line, config, declaration, names, parted, picks, walk,
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

fn read<'d, W: clavret_core::Word>(
    root: &'d Command<'d>,
    words: &'d [W],
    world: &'d dyn World,
) -> Outcome<'d> {
    root.read_in(Words::new(words), world)
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
        (_, Shaped::Pair | Shaped::Map) => None,
        _ => words.map(Value::Given),
    }
}

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
    let said = |step: &clavret_core::Step| {
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

fn is_of_name(fault: &Fault<'_>) -> bool {
    use FaultKind::{CommandAmbiguous, CommandUnknown, OptionAmbiguous, OptionUnknown};
    matches!(fault.kind(), OptionUnknown | OptionAmbiguous | CommandUnknown | CommandAmbiguous)
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
        let is_one = |step: &&clavret_core::Step| {
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
        let is_letter = |step: &&clavret_core::Step| {
            matches!(step.meaning(), Meaning::Name | Meaning::Opposite)
                && !line[step.word()].as_encoded_bytes().starts_with(b"--")
        };
        let byte =
            |step: &clavret_core::Step| line[step.word()].as_encoded_bytes()[step.bytes().end - 1];
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

/// A secret beside all that a declaration has, `--pin` and `-z`: everywhere, or in one command.
fn with_secret(mut spec: Spec, owner: Option<usize>) -> Spec {
    let yes = |name| Setting { name, say: Say::Yes };
    let letter = Setting { name: "letter", say: Say::Letter('z') };
    let value =
        Valued { kind: Kinds::Of(&STANDARD[0]), shape: Shaped::Optional, is_by_kind: false };
    let at = spec.params.len();
    let below = owner.filter(|_| !spec.root.below.is_empty());
    let way: Vec<usize> = below.map(|owner| owner % spec.root.below.len()).into_iter().collect();
    let mut said = vec![letter, yes("secret")];
    match way[..] {
        [at_below] => spec.root.below[at_below].taken.push(at),
        _ => {
            said.push(yes("throughout"));
            spec.root.taken.push(at);
        }
    }
    let (role, name) = (Role::Option, "pin");
    spec.params.push(Made { role, name, value: Some(value), said, owner: way, is_yard: false });
    spec
}

/// The same with secrets that are none.
fn without_secrets(mut spec: Spec) -> Spec {
    spec.params.iter_mut().for_each(|made| made.said.retain(|setting| setting.name != "secret"));
    spec
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
            Outcome::Asked(asked) => prop_assert!(!asked.text(look).is_empty()),
            Outcome::Reading(reading) => {
                let table = format!("{reading:?}");
                prop_assert!(table.starts_with("apiary"));
            }
            _ => {}
        }
        let page = Page::of(&CommandPath::of(tree.root), PageLength::Full).draw(look);
        prop_assert!(page.contains("apiary"));
    }

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
                tree.keys.iter().map(|key| key.param).any(|param| {
                    let is_offered = |kind: &Kind<'_>| kind.offers().any(|offer| offer.0 == word) || kind.noun() == Noun::Truth;
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
            if matches!(read(tree.root, &offered, &world), Outcome::Asked(_)) || faults.iter().any(is_alone) {
                continue;
            }
            prop_assert!(!makes_more_of_dashes(&faults, &line, &offered, has_holes), "{}", drawn);
            let kept = keeps(tree.root, &faults, &line, &offered, has_holes);
            prop_assert!(kept.is_ok(), "{} in\n{}", kept.unwrap_err(), drawn);
        }
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
        let (Some(place), false) = (place_of_default(plain.root, &line), tree.root.is_acting()) else { return Ok(()) };
        let leaf = tree.root.subcommands()[at];
        // What an unknown option, or the beginning of one, is for is not looked at before the default is chosen.
        let abbreviates = |command: &Command<'_>| command.is_abbreviating() && !tree.root.is_abbreviating();
        let is_begun = tree.root.is_abbreviating() && !leaf.subcommands().is_empty();
        if is_begun || leaf.tree().any(|(_, command)| command.has_tail(Tail::UnknownOptions) || abbreviates(command)) {
            return Ok(());
        }
        let named = [&line[..place], &[leaf.name().into()], &line[place..]].concat();
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
                matches!(left_out, Outcome::Asked(_)) || matches!(named, Outcome::Asked(_)), "{:?} {:?}", left_out, named
            ),
        }
    }

    /// No secret is shown of a refused line, wherever and however it was typed: no four letters of it.
    #[test]
    fn no_secret_is_shown_of_a_refused_line(spec in spec(), owner in prop::option::of(0..4_usize), before in picks(), behind in picks(), planted in "[qxjvk]{12}", how in 0..18_u8) {
        let spec = with_secret(spec, owner);
        let arena = Arena::new();
        let tree = spec.tree(&arena);
        let words = |picks: &Picks| any_line(tree.root, &mut picks.pick());
        let (before, behind) = (words(&before), words(&behind));
        let with_secret: Vec<String> = match how {
            0 => vec!["--pin".into(), planted.clone()],
            1 => vec![format!("--pin={planted}")],
            2 => vec![format!("--pin:{planted}")],
            3 => vec![format!("pin={planted}")],
            4 => vec!["--pin".into(), "a".into(), planted.clone()],
            5 => vec!["--pin=a".into(), planted.clone()],
            6 => vec!["--nosuch=a".into(), planted.clone()],
            7 => vec!["-z".into(), planted.clone()],
            8 => vec![format!("-Z{planted}")],
            9 => vec!["-Z".into(), planted.clone()],
            10 => vec!["\u{2014}pin".into(), planted.clone()],
            11 => vec![format!("\u{2013}z{planted}")],
            12 => vec![format!("-pin={planted}")],
            13 => vec![format!("--z={planted}")],
            14 => vec!["-z".into(), "a".into(), planted.clone()],
            15 => vec!["--pni".into(), planted.clone()],
            16 => vec!["-pin".into(), planted.clone()],
            _ => vec![format!("--nosuch={planted}")],
        };
        // After `--` it is a word like others unless a secret's name is in it.
        let mut reader = Reader::new(tree.root, before.len());
        reader.step_all(Words::new(&before));
        let is_value = matches!(reader.expects(), Expects::Value(..));
        let keeps = |command: &Command<'_>| {
            command.has_tail(Tail::UnknownOptions) || command.has_tail(Tail::Raw) || command.is_ending_options()
        };
        if how > 5 && (reader.is_past_options() || is_value || tree.root.tree().any(|(_, command)| keeps(command))) {
            return Ok(());
        }
        let is_shown = |shown: &str| (0..9).any(|at| shown.contains(&planted[at..at + 4]));
        let with_secret: Vec<OsString> = with_secret.into_iter().map(OsString::from).collect();
        let (line, world) = ([before, with_secret, behind].concat(), Surroundings::default());
        if let Outcome::Faults(faults) = read(tree.root, &line, &world) {
            let shown = faults.draw(Look::PLAIN) + &format!("{faults:?} {:?}", faults.iter().collect::<Vec<_>>());
            prop_assert!(!is_shown(&shown), "{planted} {line:?}: {shown}");
        }
    }

    /// A secret that a line does not name changes nothing of what is said of the line.
    #[test]
    fn a_secret_that_is_not_named_changes_nothing(spec in spec(), owner in prop::option::of(0..4_usize), picks in picks(), way in 0..WAYS.len()) {
        let spec = with_secret(spec, owner);
        let spec_without = without_secrets(spec.clone());
        let (with, without) = (Arena::new(), Arena::new());
        let (tree, open) = (spec.tree(&with), spec_without.tree(&without));
        let mut pick = picks.pick();
        let Some(line) = structure::line(tree.root, &mut pick) else { return Ok(()) };
        // Behind a name that nothing is near to there may be a secret.
        let is_open = |given: &Given<'_>| given.times == 0 && given.words.is_empty() || !given.param.is_secret();
        if WAYS[way] == FaultKind::OptionUnknown || !line.given.iter().all(is_open) {
            return Ok(());
        }
        let Some(broken) = broken(&line, WAYS[way], &|_| None, &mut pick) else { return Ok(()) };
        let params = tree.root.tree().flat_map(|(_, command)| command.params());
        let secrets: Vec<String> = params.filter(|param| param.is_secret()).flat_map(names).collect();
        let is_named = |word: &OsString| {
            let word = word.to_string_lossy();
            word.split(['=', ':', ' ']).any(|part| {
                let name = part.trim_start_matches('-');
                let letter = part.strip_prefix('-').and_then(|part| part.chars().next());
                // In front of a sign within a value one may be meant that is near.
                let is_own = part.starts_with('-') && word.starts_with(part);
                let is_within = word.contains(['=', ':']) && !is_own;
                secrets.iter().map(|secret| secret.trim_start_matches('-')).any(|secret| {
                    is_within && nearest(&name.to_lowercase(), [secret].into_iter()).is_some()
                        // A beginning may be meant as one.
                        || name.eq_ignore_ascii_case(secret)
                        || name.len() == 1 && secret.starts_with(name)
                        || secret.len() == 1 && letter.is_some_and(|letter| secret.starts_with(letter))
                })
            })
        };
        if broken.words.iter().any(is_named) {
            return Ok(());
        }
        let world = world(&line.variables);
        let drawn = |root| match read(root, &broken.words, &world) {
            Outcome::Faults(faults) => faults.draw(Look::PLAIN),
            _ => String::new(),
        };
        prop_assert_eq!(drawn(tree.root), drawn(open.root), "{:?}", broken);
    }
}
