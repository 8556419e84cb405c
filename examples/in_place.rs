//! The in-place surface: each parameter is declared where its value is used. `values`, `types` and
//! `functions` are the same program.

use clavret::{Choice, Known, List, SoFar, asked, valid};

#[derive(Clone, Copy, PartialEq, Choice)]
enum Form {
    /// all of it in one line
    Line,
    /// a line for each fact
    List,
}

/// What completion offers as a hive; there may be others.
fn hives(_: &SoFar) -> Vec<Known> {
    vec![Known::of("A7").help("by the gate"), Known::of("B2").help("in the orchard")]
}

fn main() {
    asked!(program "inspect", "record what an inspection found", answers,
        usual(clavret::VERSION_FLAG, clavret::HELP_FLAG, clavret::COMPLETIONS_OPTION),
        examples = [("a calm colony with six brood frames", "inspect A7 -cf6")]);
    let hive = asked!(operand 1 "hive": String, "hive to inspect, such as A7",
        listed_by = List::new(&hives));
    let frames = asked!(option "frames" 'f': u8 = 0, "brood frames seen",
        placeholder = "COUNT", valid = valid::range(0, 20));
    let calm = asked!(flag "calm" 'c', "the colony was calm",
        opposite = "restless", opposite_letter = 'r');
    let notes = asked!(option "note": Vec<String>, "a remark", placeholder = "TEXT",
        description = "In a few words:\n\n- what was *seen*\n- what was `done`");
    let mood = if calm { "calm" } else { "restless" };
    let facts = [format!("{hive}: {frames} frames"), mood.into()];
    println!("{}", [&facts, &notes[..]].concat().join(end()));
}

fn end() -> &'static str {
    let form = asked!(option "as": Form = "line", "how to print it", placeholder = "FORM");
    if form == Form::Line { ", " } else { "\n" }
}

/// Nothing calls this, and pages tell of it all the same.
#[expect(dead_code)]
fn verbosity() -> u32 {
    asked!(tally "v", "say more")
}
