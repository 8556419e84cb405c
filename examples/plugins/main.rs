//! Subcommands that are known when the program starts: each is a small document in a folder, and runs a program of its
//! own with the values in its environment. `cargo run --example plugins -- weigh A7 --scale old`

use std::process::{Command as Process, ExitCode};
use std::{env, error::Error, fs, path::Path};

use bumpalo::Bump;
use clavret::{COMPLETIONS, Call, Command, Done, Failure, Form, HELP, Program, Route, Untyped};
use serde::Deserialize;

/// A document. The tree owns nothing: it borrows from these, and from an arena.
#[derive(Deserialize)]
#[serde(deny_unknown_fields)]
struct Plugin {
    #[serde(skip)]
    name: String,
    summary: String,
    runs: Vec<String>,
    #[serde(default)]
    operand: Vec<Value>,
    #[serde(default)]
    option: Vec<Value>,
}

#[derive(Deserialize)]
struct Value {
    name: String,
    help: String,
}

impl Plugin {
    fn read(path: &Path) -> Result<Self, Box<dyn Error>> {
        let mut plugin: Plugin = toml::from_str(&fs::read_to_string(path)?)?;
        plugin.name = path.file_stem().unwrap_or_default().to_string_lossy().into();
        match plugin.command(&Bump::new()).problems().first() {
            Some(problem) => Err(problem.to_string().into()),
            None => Ok(plugin),
        }
    }

    fn command<'d>(&'d self, arena: &'d Bump) -> &'d Command<'d> {
        let (needed, optional) = (Form::of::<String>(), Form::of::<Option<String>>());
        let operands = self.operand.iter().map(|of| (Untyped::operand(&of.name, needed), of));
        let options = self.option.iter().map(|of| (Untyped::option(&of.name, optional), of));
        let keys = operands.chain(options).map(|(key, of)| key.help(&of.help));
        let params: Vec<_> = keys.map(|key| arena.alloc(key).param()).collect();
        let params = arena.alloc_slice_copy(&params);
        arena.alloc(Command::draft(&self.name).summary(&self.summary).takes(params))
    }

    fn run(&self, call: &Call<'_>) -> Done {
        let [program, words @ ..] = &self.runs[..] else { return Ok(()) };
        let values = call.params().map(|given| (given.param().name(), given.words().pop()));
        let values = values.filter_map(|(name, word)| Some((name, word?)));
        let status = Process::new(program).args(words).envs(values).status()?;
        if status.success() { Ok(()) } else { Err(Failure::new(1, "").into()) }
    }
}

fn main() -> ExitCode {
    let own = concat!(env!("CARGO_MANIFEST_DIR"), "/examples/plugins/folder");
    let folder = env::var_os("PLUGINS").unwrap_or(own.into());
    let mut plugins = Vec::new();
    for file in fs::read_dir(&folder).into_iter().flatten().flatten() {
        match Plugin::read(&file.path()) {
            Ok(plugin) => plugins.push(plugin),
            Err(why) => eprintln!("plugins: without {}: {why}", file.path().display()),
        }
    }
    plugins.sort_by(|one, other| one.name.cmp(&other.name));
    let arena = Bump::new();
    let mut commands: Vec<_> = plugins.iter().map(|plugin| plugin.command(&arena)).collect();
    let runs: Vec<_> =
        plugins.iter().map(|plugin| move |call: Call<'_>| plugin.run(&call)).collect();
    let routes: Vec<_> = commands.iter().zip(&runs).map(|(at, run)| Route::by(at, run)).collect();
    commands.extend([&HELP, &COMPLETIONS]);
    let root = Command::draft("plugins").summary("tools of a yard").commands(&commands).answers();
    Program::draft(&root, &routes).run()
}
