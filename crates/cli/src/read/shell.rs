//! A line as assignments for a script to evaluate. Whatever a value has in it, it is a value: every byte stands between
//! single quotes.
//!
//! A refused line prints nothing here, and ends with status 2; what is asked for instead, such as a page, is a command that
//! prints it and ends the script. A request of a script for completion is answered in the same way.

use std::collections::{HashMap, HashSet};
use std::ffi::{OsStr, OsString};
use std::io::Write;

use clavret::{
    Asked, BASH, COMPLETIONS, Call, Command, CommandPath, DOCUMENT, Done, FISH, Failure, Given,
    Look, Origin, Outcome, Param, Reader, Reading, Role, SYSTEM, When, Words, World, ZSH,
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
        Outcome::Asked(asked) => {
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
    let is_asked = root.is_answering() && matches!(words, [only] if only == "--version");
    let request = call.variable("CLAVRET").filter(|_| is_asked)?;
    let mut dot = [0];
    if !matches!(call.input().read(&mut dot), Ok(1)) || dot != *b"." {
        return None;
    }
    let request = request.to_string_lossy().into_owned();
    let request: Vec<&str> = request.split('\u{1f}').collect();
    let alones = [COMPLETIONS.alone(), DOCUMENT.alone()];
    alones
        .into_iter()
        .flatten()
        .find_map(|alone| alone.answer(root, &request, &SYSTEM as &dyn World))
}

/// What is printed where a line asks for it; the script of a shell, where the document leaves that to the library.
fn given(asked: Asked<'_>, look: Look) -> String {
    let alone = asked.param().map_or_else(|| asked.path().leaf().alone(), |param| param.alone());
    let is_script = alone.is_some_and(|alone| alone.gives() == clavret::Gives::Scripts);
    let words: Vec<OsString> = asked.reading().params().flat_map(|given| given.words()).collect();
    let shells = [&BASH, &ZSH, &FISH];
    let shell =
        shells.into_iter().find(|shell| words.iter().any(|word| word == shell.offer().name()));
    match shell {
        Some(shell) if is_script => shell.script(asked.path().root()),
        _ => asked.text(look),
    }
}

/// Refuses two parameters of a command, or of one above it, that would have one variable.
fn check_names(root: &Command<'_>, (form, prefix): (Form, &str)) -> Result<(), Failure> {
    for path in CommandPath::tree(root) {
        let mut known: HashMap<String, String> = HashMap::new();
        known.insert(format!("{prefix}_command"), "the command".to_owned());
        for param in path.commands().iter().flat_map(|command| command.params()) {
            for variable in variables(param, (form, prefix)) {
                let spelled = param.spelled();
                if let Some(other) = known.insert(variable.clone(), spelled.clone()) {
                    let told = format!(
                        "{other} and {spelled} of {path} would both be ${variable} in a script (call one of them otherwise)"
                    );
                    return Err(Failure::new(3, told));
                }
            }
        }
        let lists = path.commands().iter().flat_map(|command| command.params());
        for list in lists.filter(|param| form == Form::Sh && is_list(param)) {
            let stem = format!("{}_", variable(list, prefix));
            let is_item = |name: &str| {
                name.strip_prefix(&stem)
                    .is_some_and(|at| at.bytes().all(|byte| byte.is_ascii_digit()))
            };
            if let Some((item, other)) = known.iter().find(|(name, _)| is_item(name)) {
                let told = format!(
                    "{} and {other} of {path} would both be ${item} in a script (call one of them otherwise)",
                    list.spelled()
                );
                return Err(Failure::new(3, told));
            }
        }
    }
    Ok(())
}

/// The variables of a parameter, but for the items of a list.
fn variables(param: &Param<'_>, (form, prefix): (Form, &str)) -> Vec<String> {
    let name = variable(param, prefix);
    let mut variables = vec![format!("{name}_origin")];
    match form == Form::Sh && is_list(param) {
        true => variables.push(format!("{name}_n")),
        false => variables.push(name),
    }
    variables
}

fn variable(param: &Param<'_>, prefix: &str) -> String {
    format!("{prefix}_{}", as_variable(param.name()))
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
            reading.path().commands().iter().skip(1).map(|command| command.name()).collect();
        self.set(&format!("{}_command", self.prefix), OsStr::new(&path.join(" ")));
        let (mut operands, mut known) = (Vec::new(), HashSet::new());
        for given in reading.params() {
            let name = variable(given.param(), self.prefix);
            self.param(given, &name);
            known.insert(name);
            if given.param().role() == Role::Operand {
                operands.extend(given.words());
            }
        }
        // Those of other commands are there too, so that no variable of the environment is taken for one.
        for param in root.tree().flat_map(|(_, command)| command.params()) {
            let name = variable(param, self.prefix);
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
