//! Which sections a command's page has, and their entries.

use super::{Body, Entry, Layout, Page, Section, facts, synopsis};
use crate::declare::{Command, Param, Role, Rule};
use crate::read::{Length, Path};
use crate::text::{Put, digits, in_order};
use crate::wording::{Wording, fill};

/// Entries of a short page.
const MOST: usize = 12;
/// The status of a refused line.
const REFUSED: u8 = 2;

pub(super) fn page<'d>(path: &Path<'d>, length: Length) -> Page<'d> {
    let command = path.leaf();
    let wording = path.root().words();
    let mut page = Page { title: path.text(), summary: command.summary, sections: Vec::new() };
    page.add(wording.usage, Body::Synopsis(synopsis::pieces(command, wording)));
    if length == Length::Full && !command.description.is_empty() {
        page.add(wording.about, Body::Text(paragraphs(command.description)));
    }
    let entries = entries(path, length, wording);
    match length {
        Length::Short => page.add_first(entries, wording),
        Length::Full => {
            for (heading, entries) in entries {
                page.add_entries(heading, Layout::Column, entries);
            }
            page.add_entries(wording.examples, Layout::Below, examples(command));
            page.add_entries(wording.status, Layout::Close, statuses(command, wording));
        }
    }
    page
}

type Group = (&'static str, Vec<Entry>);

impl Page<'_> {
    #[inline(never)]
    fn add(&mut self, heading: &'static str, body: Body) {
        self.sections.push(Section { heading, body });
    }

    #[inline(never)]
    fn add_entries(&mut self, heading: &'static str, layout: Layout, entries: Vec<Entry>) {
        if !entries.is_empty() {
            self.add(heading, Body::Entries(layout, entries));
        }
    }

    /// The first entries, and how many more there are.
    fn add_first(&mut self, groups: [Group; 4], wording: &Wording) {
        let mut left = MOST;
        let mut more = 0;
        for (heading, mut entries) in groups {
            more += entries.len().saturating_sub(left);
            entries.truncate(left);
            left -= entries.len();
            for entry in &mut entries {
                entry.offers.clear();
            }
            self.add_entries(heading, Layout::Column, entries);
        }
        if more > 0 {
            let page = self.title.clone() + " --help";
            self.add("", Body::Text(fill(wording.more_entries, &[&digits(more), &page])));
        }
    }
}

fn entries(path: &Path<'_>, length: Length, wording: &Wording) -> [Group; 4] {
    let command = path.leaf();
    let (mut commands, mut operands, mut options) = (Vec::new(), Vec::new(), Vec::new());
    for command in command.commands {
        if !command.hidden {
            commands.push(Entry::plain(command.name, command.summary));
        }
    }
    for param in command.params {
        if !param.is_hidden() && !param.throughout {
            let is_operand = param.role == Role::Operand;
            if is_operand { &mut operands } else { &mut options }.push(entry(
                param,
                command.rules,
                length,
                wording,
            ));
        }
    }
    let operand = if operands.len() == 1 { wording.operand } else { wording.operands };
    let option = if options.len() == 1 { wording.option } else { wording.options };
    let anywhere = anywhere(path, length, wording);
    [
        (wording.commands, commands),
        (operand, operands),
        (option, options),
        (wording.anywhere, anywhere),
    ]
}

/// What every command of the path accepts, the root's own first, and what the library adds.
fn anywhere(path: &Path<'_>, length: Length, wording: &Wording) -> Vec<Entry> {
    let mut entries = Vec::new();
    let (mut short_free, mut long_free, mut version_free) = (true, true, path.0.len() == 1);
    let leaf = path.0.len() - 1;
    for (depth, command) in path.0.iter().enumerate() {
        for param in command.params {
            if !param.throughout && depth < leaf {
                continue;
            }
            short_free &= param.short != b'h' && param.opposite_short != b'h';
            long_free &= !param.is_called("help");
            version_free &= !param.is_called("version");
            if param.throughout && !param.is_hidden() {
                entries.push(entry(param, command.rules, length, wording));
            }
        }
    }
    if version_free && !path.root().version.is_empty() {
        entries.push(Entry::plain("    --version", wording.version_option));
    }
    let help = match length {
        Length::Short => wording.short_help_option,
        Length::Full => wording.help_option,
    };
    match (short_free, long_free) {
        (true, true) => entries.push(Entry::plain("-h, --help", help)),
        (false, true) => entries.push(Entry::plain("    --help", help)),
        (true, false) => entries.push(Entry::plain("-h", help)),
        (false, false) => {}
    }
    entries
}

fn entry(param: &Param<'_>, rules: &[Rule<'_>], length: Length, wording: &Wording) -> Entry {
    let mut name = String::new();
    if param.role != Role::Operand {
        facts::push_names(&mut name, param.short, param.long());
    }
    let (hole, mut help) = (param.holes(0), facts::help(param, rules, wording));
    let mut hole = hole;
    if param.is_attached() {
        // Attached to the long name only.
        hole = String::new();
        name.put(&("[=".to_owned() + &param.hole(0) + "]"));
    }
    if length == Length::Full && !param.description.is_empty() {
        if !help.is_empty() {
            help.put("\n");
        }
        help.put(&paragraphs(param.description));
    }
    Entry { name, hole, help, offers: facts::offers(param) }
}

fn examples(command: &Command<'_>) -> Vec<Entry> {
    let mut examples = Vec::new();
    for (does, line) in command.examples {
        if !line.is_empty() {
            examples.push(Entry::plain(line, does));
        }
    }
    examples
}

/// What the statuses mean; what a refused line gives is the same for every program.
fn statuses(command: &Command<'_>, wording: &Wording) -> Vec<Entry> {
    let mut statuses = Vec::new();
    let mut is_refused = false;
    for (status, means) in command.statuses {
        if !means.is_empty() {
            statuses.push((status, means));
            is_refused |= status == REFUSED;
        }
    }
    if !statuses.is_empty() && !is_refused {
        statuses.push((REFUSED, wording.refused));
    }
    let mut entries = Vec::new();
    for (status, means) in in_order(statuses, |(status, _)| (usize::from(*status), 0)) {
        entries.push(Entry::plain(&digits(usize::from(status)), means));
    }
    entries
}

/// Paragraphs stand apart by an empty line; a line end within one is a space.
fn paragraphs(description: &str) -> String {
    let mut text = String::new();
    for line in description.trim().split('\n') {
        match line.trim() {
            "" => text.put("\n\n"),
            line => {
                if !text.is_empty() && !text.ends_with('\n') {
                    text.push(' ');
                }
                text.put(line);
            }
        }
    }
    text
}
