//! A line as assignments for a script to evaluate. Whatever a value has in it, it is a value: every byte stands between
//! single quotes.
//!
//! A refused line prints nothing here, and ends with status 2; what is asked for instead, such as a page, is a command that
//! prints it and ends the script. A request of a script for completion is answered in the same way.

use std::collections::{HashMap, HashSet};
use std::ffi::{OsStr, OsString};
use std::io::Write;

use clavret::ask::{CommandPath, Param, Role};
use clavret::look::{Look, When};
use clavret::reader::{Given, Origin, Reader, Request, Words};
use clavret::shell::{BASH, FISH, ZSH};
use clavret::world::{SYSTEM, World};
use clavret::{
    COMPLETIONS_COMMAND, Call, Command, DOCUMENT_COMMAND, Done, Failure, Outcome, Reading,
};

use super::Form;

/// Prints the assignments for a line.
pub(super) fn assign(
    root: &Command<'_>,
    words: &[OsString],
    (form, prefix): (Form, &str),
    call: &Call<'_>,
) -> Done {
    if let Some(answer) = answer(root, words, call) {
        return Ok(call.out().write_all(&printing(answer.as_bytes()))?);
    }
    check_names(root, (form, prefix))?;
    let look = call.streams().error_look(color(root, words));
    match root.read_in(Words::new(words), &SYSTEM) {
        Outcome::Reading(reading) => {
            call.err().write_all(reading.warnings().as_bytes())?;
            let mut script = Script { form, prefix, text: Vec::new() };
            script.reading(root, &reading);
            Ok(call.out().write_all(&script.text)?)
        }
        Outcome::Request(asked) => {
            call.err().write_all(asked.warnings().as_bytes())?;
            let look = Look::PLAIN.width(look.columns());
            Ok(call.out().write_all(&printing(given(asked, look).as_bytes()))?)
        }
        Outcome::Faults(faults) => {
            call.err().write_all(faults.draw(look).as_bytes())?;
            Err(Failure::new(2, "").into())
        }
        _ => Ok(()),
    }
}

/// What the line of the script says of colour.
fn color(root: &Command<'_>, words: &[OsString]) -> When {
    let mut reader = Reader::new(root, words.len());
    reader.step_all(Words::new(words));
    reader.color(Words::new(words))
}

/// What another program gets that asks the script for something, such as a shell's script for candidates.
fn answer(root: &Command<'_>, words: &[OsString], call: &Call<'_>) -> Option<String> {
    let is_asked = root.ask().is_answering() && matches!(words, [only] if only == "--version");
    let request = call.variable("CLAVRET").filter(|_| is_asked)?;
    let mut dot = [0];
    if !matches!(call.input().read(&mut dot), Ok(1)) || dot != *b"." {
        return None;
    }
    let request = request.to_string_lossy().into_owned();
    let request: Vec<&str> = request.split('\u{1f}').collect();
    let alones = [COMPLETIONS_COMMAND.ask().alone(), DOCUMENT_COMMAND.ask().alone()];
    alones
        .into_iter()
        .flatten()
        .find_map(|alone| alone.answer(root, &request, &SYSTEM as &dyn World))
}

/// What is printed where a line asks for it; the script of a shell, where the document leaves that to the library.
fn given(asked: Request<'_>, look: Look) -> String {
    let alone =
        asked.param().map_or_else(|| asked.path().leaf().ask().alone(), |param| param.alone());
    let is_script = alone.is_some_and(|alone| alone.gives() == clavret::handlers::Gives::Scripts);
    let words: Vec<OsString> = asked.reading().params().flat_map(|given| given.words()).collect();
    let shells = [&BASH, &ZSH, &FISH];
    let shell =
        shells.into_iter().find(|shell| words.iter().any(|word| word == shell.offer().name()));
    match shell {
        Some(shell) if is_script => shell.script(asked.path().root()),
        _ => asked.text(look),
    }
}

/// Refuses what would be the same variable twice: two parameters of the program, or one and an item of a list.
fn check_names(root: &Command<'_>, (form, prefix): (Form, &str)) -> Result<(), Failure> {
    let mut known: HashMap<String, String> = HashMap::new();
    known.insert(format!("{prefix}_command"), "the command".to_owned());
    let clash = |one: &str, other: &str, variable: &str| {
        let told = format!(
            "{one} and {other} of {} would both be ${variable} in a script (call one of them otherwise)",
            root.ask().name()
        );
        Err(Failure::new(3, told))
    };
    let all: Vec<(&Param<'_>, String, String)> = named(root, prefix);
    for (param, key, name) in &all {
        for variable in variables(param, form, name) {
            if let Some(other) = known.insert(variable.clone(), key.clone()) {
                return clash(&other, key, &variable);
            }
        }
    }
    for (_, key, name) in all.iter().filter(|(param, ..)| form == Form::Sh && is_list(param)) {
        let is_item = |variable: &str| {
            let item = variable.strip_prefix(name.as_str()).and_then(|item| item.strip_prefix('_'));
            item.is_some_and(|at| !at.is_empty() && at.bytes().all(|byte| byte.is_ascii_digit()))
        };
        if let Some((item, other)) = known.iter().find(|(variable, _)| is_item(variable)) {
            return clash(key, other, item);
        }
    }
    Ok(())
}

/// The parameters of all commands, each with its key and its variable.
fn named<'d>(root: &'d Command<'d>, prefix: &str) -> Vec<(&'d Param<'d>, String, String)> {
    let mut named = Vec::new();
    for path in CommandPath::tree(root) {
        let way = stem(path.commands(), prefix);
        for param in path.leaf().ask().params() {
            named.push((param, path.key_of(param), variable(param, &way)));
        }
    }
    named
}

/// The variables of a parameter, but for the items of a list.
fn variables(param: &Param<'_>, form: Form, name: &str) -> Vec<String> {
    let mut variables = vec![format!("{name}_origin")];
    match form == Form::Sh && is_list(param) {
        true => variables.push(format!("{name}_n")),
        false => variables.push(name.to_owned()),
    }
    variables
}

/// What the variables of a command begin with: the prefix, and the commands that lead from the root to it.
fn stem(commands: &[&Command<'_>], prefix: &str) -> String {
    let names = commands.iter().skip(1).map(|command| as_variable(command.ask().name()));
    [prefix.to_owned()].into_iter().chain(names).collect::<Vec<_>>().join("_")
}

/// The variable of a parameter. An operand's is in capitals, as pages have it: an option may be called as it is.
fn variable(param: &Param<'_>, stem: &str) -> String {
    let name = as_variable(param.name());
    match param.role() {
        Role::Operand => format!("{stem}_{}", name.to_uppercase()),
        _ => format!("{stem}_{name}"),
    }
}

/// Whether it has several words.
fn is_list(param: &Param<'_>) -> bool {
    param.is_list() && !param.kinds().is_empty() || param.kinds().len() > 1
}

/// A name as that of a variable.
fn as_variable(name: &str) -> String {
    let allowed = |byte: u8| byte.is_ascii_alphanumeric() || byte == b'_';
    name.bytes().map(|byte| if allowed(byte) { char::from(byte) } else { '_' }).collect()
}

/// Assignments in the making.
struct Script<'p> {
    form: Form,
    prefix: &'p str,
    text: Vec<u8>,
}

impl Script<'_> {
    fn reading(&mut self, root: &Command<'_>, reading: &Reading<'_>) {
        let path: Vec<&str> =
            reading.path().commands().iter().skip(1).map(|command| command.ask().name()).collect();
        self.set(&format!("{}_command", self.prefix), OsStr::new(&path.join(" ")));
        let (mut operands, mut known) = (Vec::new(), HashSet::new());
        let path = reading.path();
        let mut all = reading.params();
        for (at, command) in path.commands().iter().enumerate() {
            let stem = stem(&path.commands()[..=at], self.prefix);
            for given in all.by_ref().take(command.ask().params().count()) {
                let name = variable(given.param(), &stem);
                self.param(given, &name);
                known.insert(name);
                if given.param().role() == Role::Operand {
                    operands.extend(given.words());
                }
            }
        }
        // Those of other commands are there too, so that no variable of the environment is taken for one.
        for (param, _, name) in named(root, self.prefix) {
            if known.insert(name.clone()) {
                match param.role() {
                    Role::Flag => self.set(&name, OsStr::new("false")),
                    Role::Tally => self.set(&name, OsStr::new("0")),
                    _ if is_list(param) => self.list(&name, &[]),
                    _ => self.set(&name, OsStr::new("")),
                }
                self.set(&format!("{name}_origin"), OsStr::new("absent"));
            }
        }
        self.put("set --");
        self.words(&operands);
    }

    fn param(&mut self, given: Given<'_, '_>, name: &str) {
        let param = given.param();
        match param.role() {
            Role::Flag => {
                let truth = if given.truth() == Some(true) { "true" } else { "false" };
                self.set(name, OsStr::new(truth));
            }
            Role::Tally => self.set(name, OsStr::new(&given.times_typed().to_string())),
            _ if is_list(param) => self.list(name, &given.words()),
            _ => self.set(name, given.words().last().map_or(OsStr::new(""), |word| word)),
        }
        let origin = match given.origin() {
            Origin::Word(_) => "word",
            Origin::Variable(_) => "variable",
            Origin::Setting { .. } => "setting",
            Origin::Default => "default",
            _ => "absent",
        };
        self.set(&format!("{name}_origin"), OsStr::new(origin));
    }

    fn put(&mut self, text: &str) {
        self.text.extend_from_slice(text.as_bytes());
    }

    fn set(&mut self, name: &str, value: &OsStr) {
        self.put(&format!("{name}="));
        self.text.extend(quoted(value.as_encoded_bytes()));
        self.put("\n");
    }

    /// Words, and the end of the line.
    fn words(&mut self, words: &[OsString]) {
        for word in words {
            self.put(" ");
            self.text.extend(quoted(word.as_encoded_bytes()));
        }
        self.put("\n");
    }

    fn list(&mut self, name: &str, words: &[OsString]) {
        match self.form {
            Form::Bash | Form::Zsh => {
                self.put(&format!("unset {name}; {name}=("));
                for (at, word) in words.iter().enumerate() {
                    self.put(if at > 0 { " " } else { "" });
                    self.text.extend(quoted(word.as_encoded_bytes()));
                }
                self.put(")\n");
            }
            // An empty `()` is no array there.
            Form::Ksh | Form::Mksh => {
                self.put(&format!("unset {name}; set -A {name} --"));
                self.words(words);
            }
            _ => {
                self.set(&format!("{name}_n"), OsStr::new(&words.len().to_string()));
                for (at, word) in words.iter().enumerate() {
                    self.set(&format!("{name}_{}", at + 1), word);
                }
            }
        }
    }
}

/// A word between single quotes, in which a shell looks at nothing.
fn quoted(word: &[u8]) -> Vec<u8> {
    let mut text = vec![b'\''];
    for &byte in word {
        match byte {
            b'\'' => text.extend(b"'\\''"),
            byte => text.push(byte),
        }
    }
    text.push(b'\'');
    text
}

/// A command that prints a text and ends the script. NUL, which no word of a shell can hold, is written by `printf`.
fn printing(text: &[u8]) -> Vec<u8> {
    let mut format = Vec::new();
    for &byte in text {
        match byte {
            b'%' => format.extend(b"%%"),
            b'\\' => format.extend(b"\\\\"),
            0 => format.extend(b"\\000"),
            byte => format.push(byte),
        }
    }
    let mut command = b"printf ".to_vec();
    command.extend(quoted(&format));
    command.extend(b"\nexit 0\n");
    command
}
