//! The usage line, in the notation of POSIX: brackets around what may be absent, `|` between what
//! excludes each other, `...` behind what may be repeated.

use crate::declare::{Command, Param, Role, Times};
use crate::wording::Wording;

/// Options that a synopsis lists; with more it says `[options]`.
const MOST: usize = 12;

/// The pieces behind the command's path; a line is broken between them, not within.
pub(super) fn pieces(command: &Command<'_>, wording: &Wording) -> Vec<String> {
    let seen = || command.params.iter().filter(|param| !param.hidden && !param.throughout);
    let options: Vec<&&Param<'_>> = seen().filter(|param| param.role != Role::Operand).collect();
    let mut pieces: Vec<String> = if options.len() > MOST {
        vec![wording.some_options.to_owned()]
    } else {
        options.iter().map(|param| option(param)).collect()
    };
    pieces.extend(seen().filter(|param| param.role == Role::Operand).map(|param| operand(param)));
    if !command.commands.is_empty() {
        pieces.push(wording.command_hole.to_owned());
        pieces.push("...".to_owned());
    }
    pieces
}

fn option(param: &Param<'_>) -> String {
    let name = brief(param.short, param.long());
    let mut typed = name;
    if !param.opposite.is_empty() {
        typed = format!("{typed}|{}", brief(param.opposite_short, Some(param.opposite)));
    }
    for hole in param.holes() {
        typed = format!("{typed} {hole}");
    }
    let repeated = param.form.many && param.role != Role::Flag;
    let dots = if repeated { "..." } else { "" };
    if param.times().min > 0 { format!("{typed}{dots}") } else { format!("[{typed}]{dots}") }
}

/// The shortest name.
fn brief(short: u8, long: Option<&str>) -> String {
    match (short, long) {
        (0, Some(long)) => format!("--{long}"),
        (short, _) => format!("-{}", char::from(short)),
    }
}

fn operand(param: &Param<'_>) -> String {
    let Times { min, max } = param.word_count();
    let holes: Vec<String> = param.holes().collect();
    let dots = if max > holes.len() as u32 { "..." } else { "" };
    let typed = format!("{}{dots}", holes.join(" "));
    if min == 0 { format!("[{typed}]") } else { typed }
}
