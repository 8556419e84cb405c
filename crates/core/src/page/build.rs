//! Which sections a command's page has, and their entries.

use super::{Body, Entry, Page, Section, facts, synopsis};
use crate::declare::{Command, Param, Role};
use crate::read::{Length, Path};
use crate::text::in_order;
use crate::wording::{Wording, fill};

/// Entries of a short page.
const MOST: usize = 12;
/// The status of a refused line.
const REFUSED: u8 = 2;

pub(super) fn page<'d>(path: &Path<'d>, length: Length) -> Page<'d> {
    let command = path.leaf();
    let wording = path.root().words();
    let title = path.to_string();
    let usage = Body::Synopsis(title.clone(), synopsis::pieces(command, wording));
    let mut sections = vec![Section { heading: wording.usage, body: usage }];
    let entries = entries(path, length, wording);
    match length {
        Length::Short => short(&title, entries, wording, &mut sections),
        Length::Full => {
            if !command.description.is_empty() {
                let body = Body::Text(paragraphs(command.description));
                sections.push(Section { heading: wording.about, body });
            }
            sections.extend(entries.into_iter().map(section));
            sections.extend(examples(command, wording));
            sections.extend(statuses(command, wording));
        }
    }
    Page { title, summary: command.summary, sections }
}

type Group = (&'static str, Vec<Entry>);

fn section((heading, entries): Group) -> Section {
    Section { heading, body: Body::Entries(entries) }
}

/// The first entries, and how many more there are.
fn short(title: &str, groups: Vec<Group>, wording: &Wording, sections: &mut Vec<Section>) {
    let mut left = MOST;
    let mut more = 0;
    for (heading, mut entries) in groups {
        more += entries.len().saturating_sub(left);
        entries.truncate(left);
        left -= entries.len();
        for entry in &mut entries {
            entry.offers.clear();
        }
        if !entries.is_empty() {
            sections.push(section((heading, entries)));
        }
    }
    if more > 0 {
        let page = format!("{title} --help");
        let note = fill(wording.more_entries, &[&more.to_string(), &page]);
        sections.push(Section { heading: "", body: Body::Note(note) });
    }
}

fn entries(path: &Path<'_>, length: Length, wording: &Wording) -> Vec<Group> {
    let command = path.leaf();
    let own = |wanted: fn(&Param<'_>) -> bool| -> Vec<Entry> {
        let seen = command.params.iter().filter(|param| !param.hidden && !param.throughout);
        seen.filter(|param| wanted(param)).map(|param| entry(param, wording)).collect()
    };
    let operands = own(|param| param.role == Role::Operand);
    let options = own(|param| param.role != Role::Operand);
    let one_or_many = |entries: &[Entry], one, many| if entries.len() == 1 { one } else { many };
    let groups = [
        (wording.commands, commands(command)),
        (one_or_many(&operands, wording.operand, wording.operands), operands),
        (one_or_many(&options, wording.option, wording.options), options),
        (wording.anywhere, anywhere(path, length, wording)),
    ];
    groups.into_iter().filter(|group| !group.1.is_empty()).collect()
}

fn commands(command: &Command<'_>) -> Vec<Entry> {
    let seen = command.commands.iter().filter(|command| !command.hidden);
    seen.map(|command| plain(command.name, command.summary)).collect()
}

/// What every command of the path accepts, the root's own first, and what the library adds.
fn anywhere(path: &Path<'_>, length: Length, wording: &Wording) -> Vec<Entry> {
    let in_reach = || path.0.iter().flat_map(|command| command.params.iter());
    let seen = in_reach().filter(|param| param.throughout && !param.hidden);
    let mut entries: Vec<Entry> = seen.map(|param| entry(param, wording)).collect();
    let leaf = path.leaf();
    let visible_here = |param: &&&Param<'_>| {
        param.throughout || leaf.params.iter().any(|own| std::ptr::eq(*own, **param))
    };
    let taken = |name: &str| {
        in_reach().filter(visible_here).any(|param| param.long_names().any(|long| long == name))
    };
    let letter_taken = |letter: u8| {
        let has = |param: &&Param<'_>| param.short == letter || param.opposite_short == letter;
        in_reach().filter(visible_here).any(has)
    };
    let root = path.0.len() == 1;
    if root && !path.root().version.is_empty() && !taken("version") {
        entries.push(plain("    --version", wording.version_option));
    }
    let help = match length {
        Length::Short => wording.short_help_option,
        Length::Full => wording.help_option,
    };
    match (letter_taken(b'h'), taken("help")) {
        (false, false) => entries.push(plain("-h, --help", help)),
        (true, false) => entries.push(plain("    --help", help)),
        (false, true) => entries.push(plain("-h", help)),
        (true, true) => {}
    }
    entries
}

fn plain(name: &str, help: &str) -> Entry {
    Entry { name: name.to_owned(), hole: String::new(), help: help.to_owned(), offers: Vec::new() }
}

fn entry(param: &Param<'_>, wording: &Wording) -> Entry {
    let holes: Vec<String> = param.holes().collect();
    let hole = holes.join(" ");
    let help = facts::help(param, wording);
    let offers = facts::offers(param);
    match param.role {
        Role::Operand => Entry { name: String::new(), hole, help, offers },
        _ => Entry { name: facts::names(param.short, param.long()), hole, help, offers },
    }
}

fn examples(command: &Command<'_>, wording: &Wording) -> Option<Section> {
    let examples: Vec<(String, String)> = command
        .examples
        .iter()
        .filter(|(_, line)| !line.is_empty())
        .map(|(does, line)| ((*does).to_owned(), (*line).to_owned()))
        .collect();
    (!examples.is_empty())
        .then_some(Section { heading: wording.examples, body: Body::Examples(examples) })
}

/// What the statuses mean; what a refused line gives is the same for every program.
fn statuses(command: &Command<'_>, wording: &Wording) -> Option<Section> {
    let declared = command.statuses.iter().filter(|(_, means)| !means.is_empty());
    let mut statuses: Vec<(u8, &str)> = declared.copied().collect();
    if statuses.is_empty() {
        return None;
    }
    if statuses.iter().all(|(status, _)| *status != REFUSED) {
        statuses.push((REFUSED, wording.refused));
    }
    let statuses = in_order(statuses, |(status, _)| (usize::from(*status), 0));
    let pairs = statuses.iter().map(|(status, means)| (status.to_string(), (*means).to_owned()));
    Some(Section { heading: wording.status, body: Body::Pairs(pairs.collect()) })
}

/// Paragraphs stand apart by an empty line; a line end within one is a space.
fn paragraphs(text: &str) -> Vec<String> {
    let joined = |paragraph: &str| paragraph.lines().map(str::trim).collect::<Vec<_>>().join(" ");
    let paragraphs: Vec<String> = text.trim().split("\n\n").map(joined).collect();
    let count = paragraphs.len();
    let gap = |at| if at + 1 < count { vec![String::new()] } else { Vec::new() };
    paragraphs
        .into_iter()
        .enumerate()
        .flat_map(|(at, text)| [vec![text], gap(at)].concat())
        .collect()
}
