//! `clavret`: what a declaration in a document says to its users, and how it reads their lines. It is declared as the
//! programs are that it works on.
//!
//! * `source.rs`: a document is had: of a file, of standard input, of a program.
//! * `page.rs`: `clavret page`.
//! * `read/`: `clavret read`.
//! * `write/`: `clavret write`.
//!
//! Standard output is data, standard error is talk. The statuses: 0 done; 1 what was asked about falls short; 2 the command
//! line was refused; 3 the document, or the program, cannot be had.

#![forbid(unsafe_code)]

mod page;
mod read;
mod source;
mod write;

use std::process::ExitCode;

use clavret::{
    COLOR_OPTION, COMPLETIONS_COMMAND, Command, DOCUMENT_COMMAND, Declare, HELP_COMMAND, Program,
    Route, package,
};

use page::ShowPage;
use read::Read;
use write::Write;

static CLAVRET: Command = Command::new("clavret")
    .summary("look at a command line that a document declares")
    .description(
        "A document declares a command line in TOML or JSON: its commands, operands and options, what they take, and \
         their help. Programs that are built with Clavret can have one too, and are asked for it.\n\n\
         What is printed on standard output is meant for whatever comes next; what is said on standard error is meant \
         for you.",
    )
    .package(package!())
    .answers()
    .takes(&[COLOR_OPTION.param()])
    .commands(&[ShowPage::COMMAND, Read::COMMAND, Write::COMMAND, &HELP_COMMAND, &COMPLETIONS_COMMAND, &DOCUMENT_COMMAND])
    .examples(&[
        ("the page of a command", "clavret page apiary.toml inspect"),
        ("how a line is read", "clavret read apiary.toml -- inspect A7 -cf6"),
    ])
    .statuses(&[
        (0, "done"),
        (1, "what was asked about falls short"),
        (3, "the document, or the program, cannot be had"),
    ]);

static PROGRAM: Program =
    Program::new(&CLAVRET, &[Route::of::<ShowPage>(), Route::of::<Read>(), Route::of::<Write>()]);

fn main() -> ExitCode {
    PROGRAM.run()
}

#[cfg(test)]
mod tests {
    #[test]
    fn the_declaration_holds_what_it_promises() {
        clavret::prove(&super::PROGRAM);
    }
}
