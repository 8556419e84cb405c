//! Names that may stand at the cursor: subcommands, options with a dash in front, letters in a cluster.

use std::borrow::Cow;

use clavret_core::ask::{Param, Role};
use clavret_core::inner;
use clavret_core::reader::{Expects, Hit, Meaning, Reach, Reached, Reader, Step};
use clavret_core::{Abbreviated, Bundle, Command};

use super::typing::Typing;
use super::{Candidate, Completing, stepped};

fn whole(text: String, help: Cow<'_, str>) -> Candidate {
    Candidate { text, help: help.into_owned(), is_whole: true, head: 0 }
}

impl<'d> Completing<'d, '_> {
    /// The subcommands of a command, by their own names.
    pub(super) fn add_commands(&mut self, command: &Command<'d>) {
        let mut words = Vec::new();
        for below in command.ask().subcommands() {
            if !below.ask().is_hidden() {
                words.push(whole(
                    below.ask().name().to_owned(),
                    below.ask().shown_summary(self.wording),
                ));
            }
        }
        self.add_words(inner::of_blocks(self.wording)[0], words);
    }

    /// The same by their other names: where nothing else begins so.
    pub(super) fn add_other_commands(&mut self, reader: &Reader<'d>) {
        let Expects::Command(command) = reader.expects() else { return };
        let mut words = Vec::new();
        for below in command.ask().subcommands() {
            for name in below.ask().aliases().iter().filter(|_| !below.ask().is_hidden()) {
                words.push(whole((*name).to_owned(), below.ask().shown_summary(self.wording)));
            }
        }
        self.add_words(inner::of_blocks(self.wording)[0], words);
    }

    /// A word with a dash in front: a name, a value that is attached to one, letters, or a negative number.
    pub(super) fn dashed(&mut self) {
        let begun = self.begun;
        let read = stepped(self.root, &self.cursor.before, Some(begun.as_ref()));
        let word = self.cursor.before.len();
        let steps: Vec<Step> =
            read.steps().iter().copied().filter(|step| step.word() == word).collect();
        let meanings: Vec<Meaning> = steps.iter().map(Step::meaning).collect();
        let Some(last) = steps.last() else { return };
        if last.meaning() == Meaning::Value && last.bytes().start > 0 {
            let is_file = meanings.contains(&Meaning::File);
            // The name has been said: what is asked is only whether it may have a value.
            self.given = Typing::of(self.root, self.cursor, true, 0);
            // Several words cannot be attached.
            let may_have = |param: &&Param<'d>| param.kinds().len() < 2 && self.may_have(param);
            if let Some(param) = read.param_of(last).filter(may_have) {
                let at = last.bytes().start;
                self.add_values((param, 0), is_file, (&begun[..at], &begun[at..]));
            }
            return;
        }
        self.add_all_names(shown_names);
        // Letters that mean something, each of them.
        let is_cluster = !begun.starts_with("--") && begun.len() > 1;
        if is_cluster
            && meanings.iter().all(|meaning| matches!(meaning, Meaning::Name | Meaning::Opposite))
        {
            self.settle();
            self.add_cluster(&read, begun, &steps);
        }
        if last.meaning() == Meaning::Operand {
            self.at_each_level(Completing::add_operands);
        }
        // Aliases where nothing else begins so.
        if !self.has_any() && begun.len() > 1 {
            self.add_all_names(other_names);
        }
    }

    /// Names that may mean something here, and may be given. What a command above the default one knows is that
    /// one's.
    pub(super) fn add_all_names(&mut self, names: fn(&Param<'_>) -> Vec<String>) {
        let mut above: Vec<(Reach<'d>, bool)> = Vec::new();
        self.at_each_level(|completing, reader| {
            let reach = reader.names_in_reach();
            for (at, reached) in reach.list().iter().enumerate() {
                let is_own = |name: &String| {
                    is_free(&reach, at, name) && !above.iter().any(|above| knows(above, name))
                };
                completing.add_names(reached, names, &is_own);
            }
            let abbreviates = |command: &&Command<'_>| {
                command.ask().abbreviations().is_some_and(Abbreviated::has_options)
            };
            above.push((reach, reader.path().commands().iter().any(abbreviates)));
        });
    }

    fn add_names(
        &mut self,
        reached: &Reached<'d>,
        names: fn(&Param<'_>) -> Vec<String>,
        is_own: &dyn Fn(&String) -> bool,
    ) {
        let param = reached.param();
        if param.role() == Role::Operand || param.is_hidden() {
            return;
        }
        let mut words = Vec::new();
        for name in names(param) {
            // Most do not begin so, where there are many.
            if !self.fits(&name, self.begun)
                || !is_own(&name)
                || !self.given.leaves(reached, is_opposite(param, &name))
            {
                continue;
            }
            let help = self.help_of(param, &name);
            // What may be attached may be left out too.
            if param.is_attached() && name.starts_with("--") {
                let text = name.clone() + "=";
                words.push(Candidate { is_whole: false, ..whole(text, help.clone().into()) });
            }
            words.push(whole(name, help.into()));
        }
        if !words.is_empty() {
            // As a page parts them.
            let [_, options, anywhere] = inner::of_blocks(self.wording);
            let group = match reached.is_usual() || param.is_throughout() {
                true => anywhere,
                false => heading(reached.command(), param).unwrap_or(options),
            };
            self.add_words(group, words);
        }
    }

    /// The letters of a cluster as they are, and with one more.
    fn add_cluster(&mut self, read: &Reader<'d>, begun: &str, steps: &[Step]) {
        let reach = read.names_in_reach();
        let is_left = |step: &Step| {
            let param = read.param_of(step);
            let reached = |param: &Param<'d>| reach.list().iter().find(|at| at.param().is(param));
            let is_off = step.meaning() == Meaning::Opposite;
            param.and_then(reached).is_none_or(|reached| self.given.leaves(reached, is_off))
        };
        let Some(param) = steps.last().and_then(|last| read.param_of(last)) else { return };
        // Letters of one word may be too many for each other as well.
        let given = Typing::of(self.root, self.cursor, true, 0);
        let clashes = |step: &Step| {
            let param = read.param_of(step);
            let of_it =
                |other: &&Step| read.param_of(other).zip(param).is_some_and(|(a, b)| a.is(b));
            param.is_some_and(|param| {
                given.excludes(param) && step.meaning() != Meaning::Opposite
                    || param.is_once() && steps.iter().filter(of_it).count() > 1
            })
        };
        if !steps.iter().all(is_left) || steps.iter().any(clashes) {
            return;
        }
        let help = self.help_of(param, begun);
        let mut words = vec![whole(begun.to_owned(), help.into())];
        let is_waiting = !param.kinds().is_empty();
        if !is_waiting && !param.stands_alone() {
            for (at, reached) in reach.list().iter().enumerate() {
                let next = reached.param();
                if next.is_hidden() || next.stands_alone() {
                    continue;
                }
                for (letter, is_off) in [(next.letter(), false), (next.opposite_letter(), true)] {
                    let Some(letter) = letter else { continue };
                    if reach.has_letter(at, letter as u8) && given.leaves(reached, is_off) {
                        let mut text = begun.to_owned();
                        text.push(letter);
                        let help = self.help_of(next, &text);
                        words.push(whole(text, help.into()));
                    }
                }
            }
        }
        self.add_words(inner::of_blocks(self.wording)[1], words);
    }

    /// What a name means: the help of its parameter, what it gives, or what its value may be.
    fn help_of(&self, param: &Param<'_>, name: &str) -> String {
        if is_opposite(param, name) {
            return inner::opposite_name(self.wording, &param.spelled());
        }
        if !param.help().is_empty() {
            return param.help().to_owned();
        }
        let told = param.told_help(name, self.wording);
        if told.is_empty() && !param.kinds().is_empty() && !param.is_secret() {
            return param.wanted(0, self.wording);
        }
        told
    }
}

/// Whether a name, dashes included, turns a flag off.
fn is_opposite(param: &Param<'_>, name: &str) -> bool {
    match name.as_bytes() {
        [b'-', b'-', long @ ..] => long == param.opposite().as_bytes(),
        [.., letter] => param.opposite_letter() == Some(char::from(*letter)),
        [] => false,
    }
}

/// The heading that a parameter has as one of a bundle.
fn heading<'d>(command: &Command<'d>, param: &Param<'_>) -> Option<&'d str> {
    let has = |bundle: &&&Bundle<'d>| bundle.params().iter().any(|own| own.is(param));
    let bundle = command.ask().bundles().iter().find(has)?;
    Some(bundle.heading()).filter(|heading| !heading.is_empty())
}

/// Whether a name, dashes included, means the parameter at a place here.
fn is_free(reach: &Reach<'_>, at: usize, name: &str) -> bool {
    match name.as_bytes() {
        [b'-', letter] => reach.has_letter(at, *letter),
        _ => reach.has_name(at, name.trim_start_matches('-')),
    }
}

/// Whether a name, dashes included, means something; a beginning does too where names may be abbreviated.
fn knows((reach, abbreviates): &(Reach<'_>, bool), name: &str) -> bool {
    if let [b'-', letter] = name.as_bytes() {
        return reach.lettered(*letter).is_some();
    }
    let name = name.trim_start_matches('-');
    reach.named(name.as_bytes()).is_some()
        || *abbreviates && reach.names().iter().any(|(known, ..)| known.starts_with(name))
}

/// The other names of a parameter, dashes included.
fn other_names(param: &Param<'_>) -> Vec<String> {
    let mut names = Vec::new();
    for alias in param.aliases() {
        names.push(if alias.len() > 1 { "--" } else { "-" }.to_owned() + alias);
    }
    names
}

/// The names of a parameter that completion offers: the long ones; a letter only where there is
/// no long one.
pub(crate) fn shown_names(param: &Param<'_>) -> Vec<String> {
    let mut names = vec![param.spelled()];
    for (name, hit) in param.shown_names() {
        if hit != Hit::Itself {
            names.push("--".to_owned() + name);
        }
    }
    names
}
