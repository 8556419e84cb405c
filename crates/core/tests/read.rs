//! What lines mean: forms, shapes, places. Each row is a line and the values it gives.

use std::path::Path;

use clavret_core::Outcome;
use clavret_core::faults::FaultKind;
use clavret_core::look::Look;
use clavret_core::medium::{Page, PageLength};
use clavret_core::reader::{Expects, Meaning, Reader, Words};
use clavret_tab::BASH;

use crate::demo::*;

/// Hive, calm, frames, temperature, notes of an inspection.
#[track_caller]
fn inspects(line: &str, hive: &str, calm: bool, frames: u8, temp: Option<f64>, notes: &[&str]) {
    let mut reading = reading(line);
    assert!(reading.is(&INSPECT));
    assert_eq!(reading.take(&HIVE), hive, "{line}");
    assert_eq!(*reading.get(&CALM), calm, "{line}");
    assert_eq!(*reading.get(&FRAMES), frames, "{line}");
    assert_eq!(*reading.get(&TEMP), temp, "{line}");
    assert_eq!(reading.take(&NOTES), notes, "{line}");
}

#[test]
fn the_forms_of_posix_and_gnu() {
    inspects("inspect A7", "A7", false, 0, None, &[]);
    inspects("inspect A7 -c -f 6", "A7", true, 6, None, &[]);
    inspects("inspect A7 -cf6", "A7", true, 6, None, &[]);
    inspects("inspect A7 -f6 -c", "A7", true, 6, None, &[]);
    inspects("inspect A7 --frames 6", "A7", false, 6, None, &[]);
    inspects("inspect A7 --frames=6", "A7", false, 6, None, &[]);
    inspects("inspect A7 --combs=6", "A7", false, 6, None, &[]);
    inspects("inspect -c A7", "A7", true, 0, None, &[]);
    // The last one given wins; a list adds up.
    inspects("inspect A7 -f1 -f2 -cr -rc", "A7", true, 2, None, &[]);
    inspects("inspect A7 --calm --restless", "A7", false, 0, None, &[]);
    inspects("inspect A7 --note a --note=b=c", "A7", false, 0, None, &["a", "b=c"]);
    // A value is whatever word comes next.
    inspects("inspect A7 -t -3.5 --note -c", "A7", false, 0, Some(-3.5), &["-c"]);
    inspects("inspect A7 -t-3.5 --note= --note --", "A7", false, 0, Some(-3.5), &["", "--"]);
    inspects("inspect A7 --note=--help", "A7", false, 0, None, &["--help"]);
    // `--` ends the options, `-` is an operand.
    inspects("inspect -c -- -c", "-c", true, 0, None, &[]);
    inspects("inspect -", "-", false, 0, None, &[]);
}

#[test]
fn what_is_accepted_throughout_is_one_parameter_over_all_levels() {
    let reading = reading("-vqy here hive -v add -vv B1 --queen blue --yard=there");
    assert_eq!(*reading.get(&VERBOSITY), 4);
    assert!(*reading.get(&QUIET));
    assert_eq!(reading.get(&YARD).as_deref(), Some(Path::new("there")));
    assert_eq!(reading.path().to_string(), "apiary hive add");
    assert_eq!((*reading.get(&QUEEN), reading.times_typed(&YARD)), (Queen::Blue, 2));
    assert!(reading.try_get(&HIVE).is_none());
}

#[test]
fn shapes_of_several_words() {
    let reading_of_add = reading("hive new B1 --at -33.9 18.4 --queen=white");
    assert_eq!(*reading_of_add.get(&AT), Some((-33.9, 18.4)));
    assert_eq!(reading_of_add.times_typed(&AT), 1);
    // Negative numbers are operands where numbers are wanted; fixed operands take from the end.
    let reading_of_move = reading("hive move -5 7 -1 3 4");
    assert_eq!(reading_of_move.get(&SOURCES), &[-5, 7, -1]);
    assert_eq!(reading_of_move.get(&PLACE), &[3, 4]);
    let fewest = reading("hive move 9 3 4");
    assert_eq!((fewest.get(&SOURCES).as_slice(), fewest.get(&PLACE)), (&[9][..], &[3, 4]));
}

#[test]
fn a_request_for_help_or_the_version_wins_over_every_fault() {
    let text = |line: &str| match APIARY.read(words(line)) {
        Outcome::Request(asked) => asked.text(Look::PLAIN),
        other => panic!("`{line}` gave {other:?}"),
    };
    let page = |names: &str, length| {
        let find = |path: clavret_core::ask::CommandPath<'static>, name: &str| {
            let below =
                path.leaf().ask().subcommands().iter().find(|command| command.ask().name() == name);
            path.below(below.unwrap())
        };
        Page::of(
            &names.split_whitespace().fold(clavret_core::ask::CommandPath::of(&APIARY), find),
            length,
        )
        .draw(Look::PLAIN)
    };
    assert_eq!(text("-h"), page("", PageLength::Short));
    assert_eq!(text("inspect --frames many --clam --help"), page("inspect", PageLength::Full));
    assert_eq!(text("--help hive add extra"), page("hive add", PageLength::Full));
    assert_eq!(text("inspect -ch --help"), page("inspect", PageLength::Full));
    assert_eq!(text("help hive add"), page("hive add", PageLength::Full));
    assert_eq!(text("help"), page("", PageLength::Full));
    assert_eq!(text("inspect --version"), "apiary 1.2.3\n");
    assert_eq!(text("completions bash"), BASH.script(&APIARY));
}

#[test]
fn every_kind_of_fault_is_found_where_it_stands() {
    use FaultKind::*;
    #[track_caller]
    fn refused(line: &str, expected: &[FaultKind]) {
        let kinds: Vec<FaultKind> = faults(line).iter().map(|fault| fault.kind()).collect();
        assert_eq!(kinds, expected, "{line}");
    }
    refused("", &[CommandMissing]);
    refused("hive", &[CommandMissing]);
    refused("inspekt A7 -x", &[CommandUnknown]);
    refused("-- inspect", &[OperandExtra]);
    refused("inspect", &[OperandMissing]);
    refused("inspect A7 A8 A9", &[OperandExtra, OperandExtra]);
    refused("inspect A7 --clam -x -cz", &[OptionUnknown, OptionUnknown, OptionUnknown]);
    refused("inspect A7 -calm", &[OptionUnknown]);
    refused("inspect A7 -5", &[OptionUnknown]);
    refused("inspect A7 -f", &[ValueMissing]);
    refused("inspect A7 --calm=yes --help=x", &[ValueUnwanted, ValueUnwanted]);
    refused("inspect A7 -f many -t nan", &[ValueMisfit, ValueMisfit]);
    refused("inspect A7 -f 21 -f 300 -f -1", &[ValueRefused, ValueMisfit, ValueMisfit]);
    refused("inspect A7 --note a --note b --note c", &[ValuesMiscounted]);
    refused("hive add B1", &[OptionMissing]);
    refused("hive add B1 --queen pink --at=1 2", &[ValueMisfit, ValueAttached]);
    refused("hive add --queen blue B1 --at 1", &[ValueMissing]);
    refused("hive move 1 2", &[OperandMissing]);
    refused("hive move 1", &[OperandMissing]);
    refused("--yard= inspect A7", &[ValueMisfit]);
    refused("hive --calm add B1 --queen blue", &[OptionUnknown]);
}

#[test]
fn each_byte_range_is_given_a_meaning() {
    let line = reading("-q inspect -cf6 --note=a -- A7");
    let steps: Vec<_> =
        line.steps().iter().map(|step| (step.word(), step.bytes(), step.meaning())).collect();
    use Meaning::*;
    let expected = [
        (0, 0..2, Name),
        (1, 0..7, Command),
        (2, 0..2, Name),
        (2, 2..3, Name),
        (2, 3..4, Value),
        (3, 0..6, Name),
        (3, 7..8, Value),
        (4, 0..2, Terminator),
        (5, 0..2, Operand),
    ];
    assert_eq!(steps, expected);
}

#[test]
fn the_reader_says_what_may_stand_next() {
    let expects = |line: &str| {
        let mut reader = Reader::new(&APIARY, 4);
        reader.step_all(Words::new(words(line)));
        match reader.expects() {
            Expects::Value(param, at) => format!("{} {at}", param.name()),
            Expects::Command(command) => command.ask().name().to_owned(),
            Expects::Operand(param) => param.name().to_owned(),
            other => format!("{other:?}"),
        }
    };
    let asked =
        ["", "hive", "-y", "hive add --at 1", "inspect", "inspect A7", "hive move 1 2 3", "nosuch"];
    let expected = ["apiary", "hive", "yard 0", "at 1", "hive", "Nothing", "place", "Nothing"];
    assert_eq!(asked.map(expects), expected);
}
