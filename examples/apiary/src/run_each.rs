//! `apiary run-each`: another program, once for each hive.

use std::ffi::OsString;
use std::process;

use clavret::{Call, Command, Done, Failure, Operand, Refers, Tail};

use crate::desk::Desk;
use crate::yard::failed;

static PROGRAM: Operand<OsString> = Operand::new("program")
    .placeholder("CMD")
    .refers(Refers::Program)
    .help("program to run; $APIARY_HIVE holds the hive's code");
static WORDS: Operand<Vec<OsString>> = Operand::new("words")
    .tail(Tail::Raw)
    .help("its own words, none of them an option here; {} stands for the hive's code");

pub(crate) static RUN_EACH: Command = Command::new("run-each")
    .summary("run a command once for each hive")
    .takes(&[PROGRAM.param(), WORDS.param()])
    .examples(&[("a line for each hive", "apiary run-each echo -n '{} '")])
    .statuses(&[(0, "all runs succeeded"), (1, "a run failed")]);

pub(crate) fn run_each(call: Call<'_, Desk>) -> Done {
    let program = call.get(&PROGRAM);
    let (mut runs, mut failures) = (0, 0);
    let hives = call.context().yard.hives()?;
    for hive in hives.whole.iter().filter(|hive| hive.retired.is_none()) {
        let code = hive.code.to_string();
        let words = call.get(&WORDS).iter().map(|word| with_code(word, &code));
        let status = process::Command::new(program)
            .args(words)
            .env("APIARY_HIVE", &code)
            .status()
            .map_err(|error| failed(format!("cannot run {}", program.display()), error))?;
        runs += 1;
        failures += usize::from(!status.success());
    }
    match failures {
        0 => Ok(hives.told()?),
        _ => Err(Failure::new(1, format!("{failures} of {runs} runs failed")).into()),
    }
}

/// A word with the hive's code for `{}`; one that is no text stays as it is.
fn with_code(word: &OsString, code: &str) -> OsString {
    word.to_str().map_or_else(|| word.clone(), |word| word.replace("{}", code).into())
}
