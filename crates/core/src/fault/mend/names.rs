//! What may help against a name that is not known: another spelling, other dashes, another place in the
//! line, or the names of commands that were left out.

use super::fix::READINGS;
use crate::record::bench::{Bench, Class, Cost, Edit, Line};
use crate::record::fault::{Fault, Place};
use crate::record::faults::Faults;
use crate::record::param::{Param, Tail};
use crate::record::report::Report;
use crate::text::{Listed, Put};
use crate::wording::Speech;

impl Bench<'_, '_, '_> {
    pub(super) fn option_unknown(&mut self) {
        let Some((word, start, _)) = self.place() else { return };
        let owners = self.faults.owners(self.fault, self.faults.path().root());
        // A name that is right elsewhere is no slip.
        if owners.is_empty() {
            let (distance, names) =
                Report { faults: self.faults, speech: self.speech }.near_options(self.fault);
            // With more of them none is chosen.
            for name in names.iter().take(READINGS + 1) {
                self.rename(Class::Spelled.at(distance), name);
            }
        }
        if start == 0 {
            self.move_behind(word);
            self.move_up(word);
        }
        self.command_of_option(word);
        // A negative number: what else begins with a dash was meant as an option (`keep.rs`).
        if !self.bytes(word).starts_with(b"--") && self.repairs.is_empty() && owners.is_empty() {
            self.insert(word, vec![self.speech.item("--")]);
            self.repairs.iter_mut().for_each(|repair| repair.renames = false);
        }
    }

    /// Another name for an unknown one. A letter in a cluster has no dash of its own, and none takes a
    /// value after `=`.
    fn rename(&mut self, cost: Cost, name: &str) {
        let Some((word, start, end)) = self.place() else { return };
        let with = self.speech.item(&name[usize::from(start > 0)..]);
        let mut edits = vec![Edit::replace(word, (start, end), with)];
        if !name.starts_with("--") && self.bytes(word).get(end) == Some(&b'=') {
            edits.put(Edit::cut(word, (end, end + 1)).apart());
        }
        self.add(cost, edits);
    }

    /// An option that only a command above takes moves in front of the one that was named next, with
    /// the words that it takes.
    fn move_up(&mut self, word: usize) {
        let Some((above, param)) = self.faults.above(self.fault) else { return };
        // Before words that another program gets it may have been meant for that.
        let leaf = self.faults.trace().leaf_before(word);
        if leaf.has_tail(Tail::Raw) || leaf.has_tail(Tail::UnknownOptions) {
            return;
        }
        let bytes = self.bytes(word);
        let is_apart = match bytes.strip_prefix(b"--") {
            Some(name) => !name.contains(&b'='),
            None => bytes.len() == 2,
        };
        let taken = if is_apart && !param.is_attached() { param.kinds().len() } else { 0 };
        let behind = word + 1 + taken;
        if behind > self.line.len() {
            return;
        }
        self.move_words(Class::Moved.at(1 + taken), (above, word, behind));
    }

    /// An option in front of the command that takes it moves to after that: alone, or with a word or two
    /// after it as its value.
    fn move_behind(&mut self, word: usize) {
        let above = self.faults.trace().leaf_before(word);
        let rest = &self.line[word..];
        for taken in 1..rest.len().min(4) {
            let behind = &rest[taken..];
            if above.subcommand(behind[0].typed.as_encoded_bytes()).is_none() {
                continue;
            }
            let ended = behind.iter().position(|word| word.typed == "--").unwrap_or(behind.len());
            self.move_words(Class::Moved.at(taken), (word, word + taken, word + taken + ended));
        }
    }

    /// The commands below the one at hand that have the option: their names are put in front.
    fn command_of_option(&mut self, word: usize) {
        let reached = self.faults.trace().leaf_before(word);
        for names in
            self.faults.owners(self.fault, reached).iter().filter(|names| !names.is_empty())
        {
            self.insert(word, self.speech.named(names));
        }
    }

    pub(super) fn command_unknown(&mut self) {
        let Some((word, ..)) = self.place() else { return };
        // A command of that name further down the tree: what is above it was left out.
        let ways = self.faults.ways_to(self.fault);
        for names in &ways {
            self.insert(word, self.speech.named(names));
            self.move_in_front(word, names);
        }
        if ways.is_empty() {
            let (distance, names) = self.faults.near_commands(self.fault);
            for name in names.iter().take(READINGS + 1) {
                self.replace(Class::Spelled.at(distance), name);
            }
        }
    }

    /// `add hive D1`: the names that lead to a command stand after it.
    fn move_in_front(&mut self, word: usize, names: &[&str]) {
        let behind = self.line.iter().skip(word + 1).zip(names);
        if behind.filter(|(word, name)| word.typed == **name).count() == names.len() {
            self.move_words(Class::Moved.at(1), (word, word + 1, word + 1 + names.len()));
        }
    }

    /// The words from the first place to the second change places with those from there to the third.
    #[inline(never)]
    fn move_words(&mut self, cost: Cost, (first, second, third): (usize, usize, usize)) {
        let place = |at: usize| match at.checked_sub(first) {
            Some(from_first) if at < third => match second + from_first {
                second if second < third => second,
                beyond => first + beyond - third,
            },
            _ => at,
        };
        let moved = (0..self.line.len()).map(|at| self.line[place(at)]).listed();
        self.add_line(cost, moved);
    }
}

impl<'t> Speech<'t> {
    /// Names as words.
    #[inline(never)]
    fn named(self, names: &[&str]) -> Line<'t> {
        names.iter().map(|name| self.item(name)).listed()
    }
}

impl<'d> Faults<'d> {
    /// The parameter of a command above that an unknown option is the name of, and the word of the
    /// command named next, which it must stand in front of.
    fn above(&self, fault: &Fault<'_>) -> Option<(usize, &'d Param<'d>)> {
        let Place::At { word, .. } = fault.place() else { return None };
        let called = self.called(fault)?;
        let levels = self.trace().levels_before(word);
        let pairs = levels.windows(2).rev();
        pairs
            .filter_map(|pair| {
                let mut params = pair[0].0.params();
                let param = params.find(|param| called.is_of(param))?;
                Some((pair[1].1, param))
            })
            .next()
    }
}
