//! The program by hand is a fair measure only while it accepts and refuses what Clavret does.

#[allow(dead_code)] // what only its `main` needs
#[path = "../hand.rs"]
mod hand;
#[allow(dead_code)]
#[path = "../inspection.rs"]
mod inspection;
#[path = "../types.rs"]
mod types;
#[allow(dead_code)]
#[path = "../values.rs"]
mod values;

use std::ffi::OsString;

use clavret::Outcome;

const WORDS: &[&str] = &[
    "inspect",
    "A7",
    "-c",
    "-r",
    "-cr",
    "--calm",
    "--restless",
    "--calm=x",
    "-f",
    "6",
    "-f6",
    "-cf6",
    "-f21",
    "--frames",
    "--frames=20",
    "--frames=",
    "many",
    "-t",
    "-3.5",
    "-t-3.5",
    "--temp=61",
    "--temp",
    "nan",
    "--note",
    "text",
    "--note=",
    "--note=a=b",
    "-y",
    "yard",
    "-yyard",
    "--yard=",
    "--yard=y",
    "-q",
    "-qq",
    "--quiet",
    "-v",
    "-vvv",
    "-h",
    "--help",
    "--help=x",
    "--",
    "-",
    "",
    "--clam",
    "-x",
    "-cx",
    "insp",
    "-qf6",
    "é",
    "-é",
];

/// 500 lines that are always the same: the budget's own, and words drawn by a fixed rule, most of
/// them after a beginning that reads.
fn lines() -> Vec<Vec<OsString>> {
    let mut state = 20_260_501_u32;
    let mut draw = |below: usize| {
        state = state.wrapping_mul(1_664_525).wrapping_add(1_013_904_223);
        (state >> 8) as usize % below
    };
    let budget = "-y yard inspect A7 -cf6 -t -3.5 --note text";
    let mut lines = vec![budget.split(' ').map(OsString::from).collect::<Vec<_>>()];
    while lines.len() < 500 {
        let mut line: Vec<OsString> = Vec::new();
        if draw(4) > 0 {
            line.extend(["inspect", "A7"].map(OsString::from));
        }
        for _ in 0..draw(6) {
            line.push(WORDS[draw(WORDS.len())].into());
        }
        lines.push(line);
    }
    lines
}

#[test]
fn by_hand_and_by_clavret_agree_on_500_lines() {
    let mut accepted = 0;
    for line in lines() {
        let by_hand = hand::read(&line);
        match values::APIARY.read(&line) {
            Outcome::Reading(_) => {
                accepted += 1;
                let inspection =
                    values::read(&values::APIARY, &line).expect("it has just been read");
                let by_types = types::read(&line).map(inspection::Inspection::from);
                assert_eq!(by_types.as_ref(), Some(&inspection), "{line:?}");
                assert_eq!(by_hand, Ok(hand::Line::Inspect(inspection)), "{line:?}");
            }
            Outcome::Request(_) => assert_eq!(by_hand, Ok(hand::Line::Help), "{line:?}"),
            Outcome::Faults(_) => {
                assert!(by_hand.is_err(), "{line:?} gave {by_hand:?}");
                assert!(types::read(&line).is_none(), "{line:?}");
            }
            other => panic!("{line:?} gave {other:?}"),
        }
    }
    assert!((100..400).contains(&accepted), "{accepted} of 500 were accepted");
}
