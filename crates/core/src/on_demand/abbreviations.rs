//! Unique beginnings of names, where a program takes them for the names. The record of a command that says so points
//! here.

use crate::record::brought::{Abbreviated, Abbreviates, Brings, Say};
use crate::record::command::Command;
use crate::record::fault::{Fault, FaultKind};
use crate::record::line::{Found, Reached, Reader};
use crate::record::param::Param;
use crate::record::report::Report;
use crate::record::step::{Meaning, NONE};
use crate::text::unquoted;
use crate::wording::english::Phrase;

/// Reads the beginnings of names.
pub(crate) const fn abbreviates(of: Abbreviated) -> &'static Abbreviates {
    const BOTH: &Abbreviates =
        &Abbreviates { of: Abbreviated::Both, option, command, begins, both: None };
    const OPTIONS: &Abbreviates =
        &Abbreviates { of: Abbreviated::Options, option, command, begins, both: Some(BOTH) };
    const COMMANDS: &Abbreviates =
        &Abbreviates { of: Abbreviated::Commands, option, command, begins, both: Some(BOTH) };
    match of {
        Abbreviated::Options => OPTIONS,
        Abbreviated::Commands => COMMANDS,
        Abbreviated::Both => BOTH,
    }
}

/// What a beginning that may stand for several names brings along.
/// Which of the names that begin so is meant, only the user knows.
const AMBIGUOUS: &Brings = &Brings { say: Some(Say(could_be)), mend: None };

/// What begins as an abbreviation does.
enum Begun<'d> {
    None,
    One(Found<'d>),
    Several,
}

#[inline]
fn option<'d>(reader: &mut Reader<'d>, bytes: &[u8], name: &[u8], attached: Option<usize>) -> bool {
    match reader.begun(name) {
        Begun::None => return false,
        Begun::One(found) => reader.long_found(&found, name.len() + 2, attached, bytes.len()),
        Begun::Several => {
            reader.push(Meaning::Unknown, 0, bytes.len(), NONE);
            let place = reader.place(0, name.len() + 2);
            let fault = Fault::new(FaultKind::OptionAmbiguous, place).with(AMBIGUOUS);
            reader.line.blame(fault);
        }
    }
    true
}

#[inline]
fn command<'d>(reader: &mut Reader<'d>, command: &'d Command<'d>, bytes: &[u8]) -> bool {
    let is_begun = |next: &&&Command<'_>| !bytes.is_empty() && next.is_begun(bytes);
    let mut begun = command.subcommands().iter().filter(is_begun);
    match (begun.next(), begun.next()) {
        (Some(next), None) => reader.go_to(next, bytes.len()),
        (Some(_), Some(_)) => {
            reader.line.lost = true;
            reader.push(Meaning::Unknown, 0, bytes.len(), NONE);
            let place = reader.place(0, bytes.len());
            let fault = Fault::new(FaultKind::CommandAmbiguous, place).with(AMBIGUOUS);
            reader.line.blame(fault);
        }
        (None, _) => return false,
    }
    true
}

#[inline]
fn begins(param: &Param<'_>, name: &[u8]) -> bool {
    param.today().any(|(full, _)| full.as_bytes().starts_with(name))
}

impl<'d> Reader<'d> {
    /// The names in reach that begin so. A name and its aliases are one; an opposite is another.
    #[inline]
    fn begun(&self, name: &[u8]) -> Begun<'d> {
        let reach = self.names_in_reach();
        let (mut begun, mut before) = (Begun::None, None);
        for (full, hit, at) in reach.all_names() {
            if !full.as_bytes().starts_with(name) {
                continue;
            }
            if before.is_some_and(|before| before != (at, hit)) {
                return Begun::Several;
            }
            let Reached { slot, param, .. } = reach.list()[at];
            (begun, before) = (Begun::One(Found { slot, param, hit }), Some((at, hit)));
        }
        begun
    }
}

/// What is said of a beginning that may stand for several names.
#[inline]
fn could_be<'t, 'd>(report: &Report<'t, 'd>, group: &[&Fault<'d>]) -> &'t str {
    let speech = report.speech;
    let names = group.first().map(|fault| report.begun(fault)).unwrap_or_default();
    let typed = report.listed(group, Report::typed);
    speech.tell(Phrase::CouldBe, &[unquoted(typed), speech.choices(&names, speech.say(Phrase::Or))])
}
