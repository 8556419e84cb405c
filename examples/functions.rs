//! The functions surface: the marked arguments of a function are parameters. `values`, `types` and
//! `in_place` are the same program.

use clavret::{Choice, Known, List, Program, SoFar, valid};

/// record what an inspection found
#[clavret::declare(
    name = "inspect",
    answers,
    usual(clavret::VERSION_FLAG, clavret::HELP_FLAG, clavret::COMPLETIONS_OPTION),
    examples = [("a calm colony with six brood frames", "inspect A7 -cf6")]
)]
fn inspect(
    /// hive to inspect, such as A7
    #[operand(listed_by = List::new(&hives))]
    hive: String,
    /// brood frames seen
    #[option(letter = 'f', placeholder = "COUNT", default = 0, valid = valid::range(0, 20))]
    frames: u8,
    /// the colony was calm
    #[flag(letter = 'c', opposite = "restless", opposite_letter = 'r')]
    calm: bool,
    /// a remark
    ///
    /// In a few words:
    ///
    /// - what was *seen*
    /// - what was `done`
    #[option(placeholder = "TEXT")]
    note: Vec<String>,
    /// how to print it
    #[option(name = "as", placeholder = "FORM", default = "line")]
    form: Form,
    /// say more
    #[tally(name = "v")]
    _verbosity: u32,
) -> String {
    let end = if form == Form::Line { ", " } else { "\n" };
    let mood = if calm { "calm" } else { "restless" };
    let facts = [format!("{hive}: {frames} frames"), mood.into()];
    [&facts, &note[..]].concat().join(end)
}

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

static INSPECT: Program = Program::of::<inspect>();

fn main() -> std::process::ExitCode {
    INSPECT.run()
}
