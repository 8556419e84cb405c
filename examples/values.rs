//! The values surface: keys and the command are statics, without a macro. `types`, `functions` and
//! `in_place` are the same program.

use clavret::{
    COMPLETIONS_OPTION, Call, Choice, Command, Flag, HELP_FLAG, Known, List, Named, Offer, Operand,
    SoFar, Tally, VERSION_FLAG, package, valid,
};

static HIVE: Operand<String> =
    Operand::new("hive").listed_by(&List::new(&hives)).help("hive to inspect, such as A7");
static FRAMES: Named<u8> = Named::new("frames")
    .letter('f')
    .placeholder("COUNT")
    .default("0")
    .valid(&valid::range(0, 20))
    .help("brood frames seen");
static CALM: Flag = Flag::new("calm")
    .letter('c')
    .opposite("restless")
    .opposite_letter('r')
    .help("the colony was calm");
static NOTES: Named<Vec<String>> = Named::new("note")
    .placeholder("TEXT")
    .help("a remark")
    .description("In a few words:\n\n- what was *seen*\n- what was `done`");
static FORM: Named<Form> =
    Named::new("as").placeholder("FORM").default("line").help("how to print it");
static VERBOSITY: Tally = Tally::new("v").help("say more");

#[derive(Clone, Copy, PartialEq)]
enum Form {
    Line,
    List,
}

impl Choice for Form {
    const OFFERS: &'static [Offer<'static>] = &[
        Offer::of("line").help("all of it in one line"),
        Offer::of("list").help("a line for each fact"),
    ];
    const VALUES: &'static [Self] = &[Form::Line, Form::List];
}

static INSPECT: Command = Command::new("inspect")
    .summary("record what an inspection found")
    .package(package!())
    .takes(&[
        HIVE.param(),
        FRAMES.param(),
        CALM.param(),
        NOTES.param(),
        FORM.param(),
        VERBOSITY.param(),
    ])
    .usual(&[VERSION_FLAG.param(), HELP_FLAG.param(), COMPLETIONS_OPTION.param()])
    .answers()
    .examples(&[("a calm colony with six brood frames", "inspect A7 -cf6")]);

/// What completion offers as a hive; there may be others.
fn hives(_: &SoFar) -> Vec<Known> {
    vec![Known::of("A7").help("by the gate"), Known::of("B2").help("in the orchard")]
}

fn main() -> std::process::ExitCode {
    clavret::run(&INSPECT, |call: Call<'_>| {
        let end = if *call.get(&FORM) == Form::Line { ", " } else { "\n" };
        let mood = if *call.get(&CALM) { "calm" } else { "restless" };
        let facts = [format!("{}: {} frames", call.get(&HIVE), call.get(&FRAMES)), mood.into()];
        [&facts, &call.get(&NOTES)[..]].concat().join(end)
    })
}
