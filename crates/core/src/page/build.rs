//! Which sections a command's page has, and their entries.

use super::{help, synopsis};
use crate::record::command::Command;
use crate::record::line::{Reach, Usual};
use crate::record::list::KnownValues;
use crate::record::page::{Block, Entry, InlineKind, Layout, Page, Section, Text};
use crate::record::param::{Param, Role};
use crate::record::reading::{CommandPath, PageLength};
use crate::record::rule::Related;
use crate::text::kept::Kept;
use crate::text::{Listed, Put, own};
use crate::wording::Speech;
use crate::wording::english::Phrase;

/// Entries of a short page.
const MOST: usize = 12;

/// The status of a refused line.
pub(crate) const REFUSED: u8 = 2;

pub(crate) fn page<'d>(
    path: &CommandPath<'d>,
    length: PageLength,
    known: Option<&dyn KnownValues>,
    usual: Usual<'d>,
) -> Page<'d> {
    let command = path.leaf();
    let wording = path.root().phrases();
    let kept = Kept::default();
    let speech = Speech::new(wording, &kept);
    let (title, summary) = (path.text(), command.told_summary(wording));
    let mut page = Page { title, summary, sections: Vec::new(), wording };
    page.add(wording.say(Phrase::Usage), vec![Block::Synopsis(synopsis::pieces(command, wording))]);
    if length == PageLength::Full {
        page.add(wording.say(Phrase::Description), described(path, command.ask().description()));
    }
    let related = path.0.iter().map(|command| Related::of(command)).listed();
    add_params(&mut page, &Told { path, length, speech, known, usual, related });
    match length {
        PageLength::Short => page.shorten(path, usual, speech),
        PageLength::Full => {
            if let Some(foot) = command.brought().described.and_then(|described| described.foot) {
                foot(&mut page, path, speech);
            }
        }
    }
    page
}

/// What entries are told by.
struct Told<'t, 'd> {
    path: &'t CommandPath<'d>,
    length: PageLength,
    speech: Speech<'t>,
    /// The values of closed lists.
    known: Option<&'t dyn KnownValues>,
    /// What is accepted everywhere beside what is declared throughout.
    usual: Usual<'d>,
    /// The rules of each command of the path.
    related: Vec<Related<'d>>,
}

impl<'d> Page<'d> {
    #[inline(never)]
    fn add(&mut self, heading: &'d str, blocks: Vec<Block>) {
        if !blocks.is_empty() {
            self.sections.push(Section { heading, blocks });
        }
    }

    #[inline(never)]
    pub(crate) fn add_entries(&mut self, heading: &'d str, layout: Layout, entries: Vec<Entry>) {
        if !entries.is_empty() {
            self.add(heading, vec![Block::Entries(layout, entries)]);
        }
    }

    fn add_line(&mut self, heading: &'d str, text: &str) {
        if !text.is_empty() {
            self.add(heading, vec![Block::Paragraph(Text::of(InlineKind::Plain, text))]);
        }
    }

    /// Leaves the first entries, and says how many more there are, and where.
    fn shorten(&mut self, path: &CommandPath<'d>, usual: Usual<'d>, speech: Speech<'_>) {
        let (mut left, mut more, mut full) = (MOST, 0, 0);
        for section in &mut self.sections {
            full += usize::from(left > 0);
            if let [Block::Entries(_, entries)] = &mut section.blocks[..] {
                more += entries.len().saturating_sub(left);
                while entries.len() > left {
                    entries.pop();
                }
                left -= entries.len();
            }
        }
        self.sections.truncate(full);
        let text = match (more, path.page_line(usual)) {
            (0, Some(page)) => speech.tell(Phrase::FullPage, &[&page]),
            (0, None) => "",
            (more, Some(page)) => speech.tell(Phrase::MoreEntries, &[speech.count(more), &page]),
            (more, None) => speech.more(more),
        };
        self.add_line("", text);
    }

    /// Where the program is from.
    #[inline]
    pub(crate) fn add_package(&mut self, root: &Command<'_>, speech: Speech<'_>) {
        let package = root.ask().package();
        let contacts = package.author_list().split(':').chain([package.home()]);
        let contacts = contacts.filter(|contact| !contact.is_empty()).listed();
        self.add_line(
            self.wording.say(Phrase::Contact),
            speech.list(&contacts, speech.say(Phrase::Comma)),
        );
        self.add_line(self.wording.say(Phrase::Licence), package.licence_name());
    }
}

/// What the command takes, list by list.
fn add_params<'d>(page: &mut Page<'d>, told: &Told<'_, 'd>) {
    let (command, wording) = (told.path.leaf(), page.wording);
    let (mut commands, mut operands, mut options) = (Vec::new(), Vec::new(), Vec::new());
    for command in command.subcommands() {
        if !command.is_hidden() {
            commands.put(Entry::plain(command.name(), &command.told_summary(wording)));
        }
    }
    let mut add = |param: &Param<'d>, options: &mut Vec<Entry>| {
        if !param.is_hidden() && !param.is_throughout() {
            let is_operand = param.role() == Role::Operand;
            let list = if is_operand { &mut operands } else { options };
            let names = (param.letter(), param.long());
            list.put(told.entry(param, names, command));
        }
    };
    for param in command.own_params() {
        add(param, &mut options);
    }
    let mut bundles = Vec::new();
    for bundle in command.bundle_list() {
        let mut bundled = Vec::new();
        for param in bundle.params() {
            add(param, if bundle.heading().is_empty() { &mut options } else { &mut bundled });
        }
        bundles.push((bundle.heading(), bundled));
    }
    let operand = if operands.len() == 1 {
        wording.say(Phrase::Operand)
    } else {
        wording.say(Phrase::Operands)
    };
    let option =
        if options.len() == 1 { wording.say(Phrase::Option) } else { wording.say(Phrase::Options) };
    page.add_entries(wording.say(Phrase::Commands), Layout::Column, commands);
    page.add_entries(operand, Layout::Column, operands);
    page.add_entries(option, Layout::Column, options);
    for (heading, bundled) in bundles {
        page.add_entries(heading, Layout::Column, bundled);
    }
    page.add_entries(wording.say(Phrase::Anywhere), Layout::Column, anywhere(told));
}

/// What every command of the path accepts, the root's own first, and then what is usual. A name that a
/// nearer command has for something else is left out.
fn anywhere<'d>(told: &Told<'_, 'd>) -> Vec<Entry> {
    let path = told.path;
    let reach = Reach::of(path, told.usual);
    let is_root = path.0.len() == 1;
    let mut entries = Vec::new();
    // What is usual is further up than the root, and comes last all the same.
    for up in (0..path.0.len()).rev().chain([path.0.len()]) {
        for (at, reached) in reach.list().iter().enumerate() {
            let (param, command) = (reached.param(), reached.command());
            let is_there = param.is_throughout() || reached.is_usual() && is_root;
            if reached.up() != up || !is_there || param.is_hidden() {
                continue;
            }
            let letter = reach.letter(at);
            let long = param.long().filter(|long| reach.has_name(at, long));
            if letter.is_some() || long.is_some() {
                entries.put(told.entry(param, (letter, long), command));
            }
        }
    }
    entries
}

impl<'d> Told<'_, 'd> {
    /// The entry of a parameter that goes by these names, and that this command takes.
    fn entry(
        &self,
        param: &Param<'d>,
        (letter, long): (Option<char>, Option<&str>),
        command: &Command<'d>,
    ) -> Entry {
        let Told { path, length, speech, known, related, .. } = self;
        let (path, length, speech, known) = (*path, *length, *speech, *known);
        let mut names = Text::default();
        if param.role() != Role::Operand {
            names.add_names(letter, long);
        }
        let mut listed = Vec::new();
        let value = match (command.brought().lists, known.and_then(|known| known.of(param))) {
            (Some(lists), Some(known)) => (lists.told)(known, length, speech, &mut listed),
            _ => "",
        };
        let levels = path.0.iter().zip(related);
        let mut rules = levels.filter(|level| level.0.is(command)).map(|level| level.1.to(param));
        let rules = rules.next().unwrap_or_default();
        let mut help = help::help(param, command, &rules, (length, value), speech);
        if let Some(alone) = param.alone()
            && param.help().is_empty()
        {
            let names: Vec<String> = names.inlines().map(|name| own(name.text())).listed();
            help = Text::of(InlineKind::Plain, &alone.help(&names, speech.wording));
        }
        if param.is_attached() {
            // As with any value, what is attached to a letter follows it without a sign.
            names.add(InlineKind::Sign, if param.long().is_some() { "[=" } else { "[" });
            names.add(InlineKind::Placeholder, &param.placeholder(0));
            names.add(InlineKind::Sign, "]");
        } else {
            names.add(InlineKind::Placeholder, &param.placeholders(0));
        }
        let mut below = Vec::new();
        if length == PageLength::Full {
            below = described(path, param.description());
            below.extend(help::offers(param, command, speech));
        }
        below.append(&mut listed);
        Entry { names, help, below }
    }
}

/// A description in blocks.
fn described(path: &CommandPath<'_>, description: &str) -> Vec<Block> {
    let blocks = path.0.iter().rev().find_map(|command| command.brought().described?.blocks);
    match blocks.filter(|_| !description.is_empty()) {
        Some(blocks) => blocks(description),
        None => Vec::new(),
    }
}
