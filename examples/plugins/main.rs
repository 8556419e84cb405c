//! Subcommands that are known when the program starts: each is a document in a folder, and runs the script beside it with
//! the values in its environment. `cargo run --example plugins -- weigh A7 --scale old`

use std::path::{Path, PathBuf};
use std::process::{Command as Process, ExitCode};
use std::{env, fs};

use clavret::document::{Arena, Document};
use clavret::{COMPLETIONS_COMMAND, Call, Command, Done, Failure, HELP_COMMAND, Program, Route};

/// Runs the script of a plugin, with a variable for each value that there is.
fn run(script: &Path, call: &Call<'_>) -> Done {
    let values = call.params().map(|given| (given.param().name(), given.words().pop()));
    let values = values.filter_map(|(name, word)| Some((name, word?)));
    let status = Process::new("sh").arg(script).envs(values).status()?;
    if status.success() { Ok(()) } else { Err(Failure::new(1, "").into()) }
}

/// The documents of a folder, each with its script; one that is broken is told, and the others work.
fn plugins(folder: &Path) -> Vec<(Document, PathBuf)> {
    let files = fs::read_dir(folder).into_iter().flatten().flatten();
    let mut files: Vec<PathBuf> = files.map(|file| file.path()).collect();
    files.retain(|file| file.extension().is_some_and(|extension| extension == "toml"));
    files.sort();
    let mut plugins = Vec::new();
    for file in files {
        let text = fs::read(&file).unwrap_or_default();
        match Document::read(&file.to_string_lossy(), text) {
            Ok(document) => plugins.push((document, file.with_extension("sh"))),
            Err(faults) => eprintln!("{faults}"),
        }
    }
    plugins
}

fn main() -> ExitCode {
    let own = concat!(env!("CARGO_MANIFEST_DIR"), "/examples/plugins/folder");
    let plugins = plugins(&env::var_os("PLUGINS").map_or(own.into(), PathBuf::from));
    // The tree owns nothing: it borrows from the documents, and from an arena.
    let arena = Arena::new();
    let mut commands: Vec<_> = plugins.iter().map(|plugin| plugin.0.command(&arena)).collect();
    let runs: Vec<_> =
        plugins.iter().map(|(_, script)| move |call: Call<'_>| run(script, &call)).collect();
    let routes: Vec<_> = commands.iter().zip(&runs).map(|(at, run)| Route::by(at, run)).collect();
    commands.extend([&HELP_COMMAND, &COMPLETIONS_COMMAND]);
    let root = Command::draft("plugins").summary("tools of a yard").commands(&commands).answers();
    Program::draft(&root, &routes).run()
}
