//! All that programs say, on one wall: each page, each fault alone and beside another, each warning, each hint.
//! `cargo run --example gallery -- --width 60 value-misfit` shows what is called so; without a name it is all.
//!
//! Two programs say it: the apiary, and a honey house whose declaration has everything. Whoever changes a text or a
//! layout reads this before and after.

use std::collections::BTreeSet;
use std::io::Write;
use std::process::ExitCode;

use clavret::{
    COLOR_OPTION, Call, Command, Done, Known, List, Named, Operand, Program, Route, SoFar, valid,
};

mod around;
pub(crate) mod exhibits;
mod house;
#[allow(dead_code)]
#[path = "../kinds.rs"]
mod kinds;
mod shown;

use exhibits::exhibits;

static NAMES: Operand<Vec<String>> =
    Operand::new("name").listed_by(&LIST).help("what to show; all unless given");
static LIST: List = List::new(&names).noun("exhibit").closed();
static WIDTH: Named<Option<usize>> = Named::new("width")
    .letter('w')
    .placeholder("COLUMNS")
    .valid(&valid::range(20, 1000))
    .help("columns to fit in; those of the terminal unless given");
static GALLERY: Command = Command::new("gallery")
    .summary("show what programs say")
    .takes(&[NAMES.param(), WIDTH.param(), COLOR_OPTION.param()])
    .examples(&[("pages, as narrow as a phone", "gallery page --width 40")]);
pub(crate) static PROGRAM: Program = Program::new(&GALLERY, &[Route::new(&GALLERY, show)]);

fn names(_: &SoFar) -> Vec<Known> {
    let names: BTreeSet<&str> = exhibits().iter().map(|exhibit| exhibit.name).collect();
    names.into_iter().map(Known::of).collect()
}

fn show(call: Call<'_>) -> Done {
    let mut look = call.streams().out_look(*call.get(&COLOR_OPTION));
    if let Some(width) = call.get(&WIDTH) {
        look = look.width(*width);
    }
    let names = call.get(&NAMES);
    for exhibit in exhibits() {
        if names.is_empty() || names.iter().any(|name| name == exhibit.name) {
            write!(call.out(), "{}", exhibit.shown(look))?;
        }
    }
    Ok(())
}

fn main() -> ExitCode {
    PROGRAM.run()
}
