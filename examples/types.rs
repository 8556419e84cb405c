//! The types surface: a struct's fields are parameters, an enum's variants subcommands.

use clavret::{Choice, Declare, valid};

/// the logbook of a bee yard
#[derive(Declare)]
#[declare(name = "apiary", example("a calm colony", "apiary inspect A7 -cf6"))]
struct Apiary {
    /// say only what went wrong
    #[flag(short = 'q', throughout)]
    quiet: bool,
    #[commands]
    command: Work,
}

#[derive(Declare)]
enum Work {
    Inspect(Inspect),
    /// list the hives
    List {
        /// how to print it
        #[option(name = "as", placeholder = "FORM", default = "table")]
        form: Form,
    },
}

/// record what an inspection found
#[derive(Declare)]
struct Inspect {
    /// hive to inspect, such as A7
    #[operand]
    hive: String,
    /// brood frames seen
    #[option(short = 'f', placeholder = "COUNT", default = 0, valid = valid::range(0, 20))]
    frames: u8,
    /// the colony was calm
    #[flag(short = 'c', opposite = "restless")]
    calm: Option<bool>,
}

#[derive(Clone, Copy, Debug, Choice)]
enum Form {
    Table,
    Json,
}

fn main() -> std::process::ExitCode {
    clavret::run_as(|apiary: Apiary| match apiary.command {
        _ if apiary.quiet => {}
        Work::Inspect(Inspect { hive, frames, calm }) => {
            println!("{hive}: {frames} frames of brood, calm: {calm:?}");
        }
        Work::List { form } => println!("no hives, as {form:?}"),
    })
}
