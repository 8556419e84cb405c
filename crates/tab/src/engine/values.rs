//! Values that may stand at the cursor: choices, what a shell looks up, or a sentence of what would be right.

use clavret_core::ask::Param;
use clavret_core::inner;
use clavret_core::reader::{Meaning, Reader, Step};
use clavret_core::{Kind, Refers, Tail};

use super::typing::{Typing, Units, pieces};
use super::{Candidate, Completing, Suggestion, stepped};

impl<'d> Completing<'d, '_> {
    /// What an operand may be here. Which one the word is for may depend on how many follow.
    pub(super) fn add_operands(&mut self, reader: &Reader<'d>) {
        let begun = self.begun;
        // With one more before them, those behind the cursor may be other operands than they are now.
        let moved = (self.given.operands_after > 0)
            .then(|| Typing::of(self.root, self.cursor, true, self.defaults));
        for (param, own) in reader.next_operands(self.given.operands_after) {
            if self.given.excludes(param)
                || moved.as_ref().is_some_and(|given| given.excludes(param))
            {
                continue;
            }
            self.settle();
            let there = own + self.given.operands_after as usize;
            self.is_due |= there < param.times().min as usize * param.kinds().len().max(1);
            if param.names_commands() {
                self.add_topics(reader);
            } else if let Some(from) = program_of(param, reader) {
                self.found.push(Suggestion::Line { from });
            } else {
                let at = own % param.kinds().len().max(1);
                let before = reader.operand_steps();
                let mut typed =
                    self.given.units(param, &before[before.len().saturating_sub(own)..]);
                let full = typed.whole.len();
                // Those behind the cursor may be its own too, after what completes the value at it.
                let rest = param.kinds().len().saturating_sub(at + 1);
                let all = self.given.operands();
                let behind = all.get(before.len() + rest..).unwrap_or_default();
                typed.whole.append(&mut self.given.units(param, behind).whole);
                self.add_value((param, at), (typed, full), ("", begun));
            }
        }
    }

    /// What the `at`-th word of a parameter's value may be; `head` is what the word has in front of it.
    pub(super) fn add_values(
        &mut self,
        (param, at): (&'d Param<'d>, usize),
        is_file: bool,
        (head, begun): (&str, &str),
    ) {
        if is_file {
            return self.add_look(Refers::Path, &[], (head, begun));
        }
        let typed = self.given.values_of(param);
        let full = typed.whole.len();
        self.add_value((param, at), (typed, full), (head, begun));
    }

    /// The same of no file. These values are on the line, and so many of them are surely its own.
    fn add_value(
        &mut self,
        (param, at): (&'d Param<'d>, usize),
        (typed, count): (Units, usize),
        (head, begun): (&str, &str),
    ) {
        // What was typed of a secret is not said again.
        if param.is_secret() {
            return;
        }
        let (start, mut before) = pieces(begun, param.delimiter());
        before.pop();
        let is_full = |more: usize| {
            param.is_list()
                && (count + before.len() + more) as u64 > u64::from(param.given_times().max)
        };
        if is_full(1) {
            return;
        }
        // What is wrong before it does not get right by more.
        let is_typed = |word: &str| {
            let is_it = |unit: &&Vec<String>| {
                unit.split_last().is_some_and(|(last, first)| last == word && first == typed.own)
            };
            param.is_distinct() && typed.whole.iter().find(is_it).is_some()
        };
        let is_double = |(at, piece): (usize, &String)| {
            param.is_distinct() && before[..at].contains(piece) || is_typed(piece)
        };
        if !before.iter().all(|piece| param.accepts(piece))
            || before.iter().enumerate().any(is_double)
            || !self.are_listed(param, &before)
        {
            return;
        }
        let used = |text: &str| before.iter().any(|known| known == text) || is_typed(text);
        let (head, begun) = (head.to_owned() + &begun[..start], &begun[start..]);
        let Some(kind) = param.word_kind(at) else { return };
        if let Some((key, value)) = kind.sides() {
            return match begun.split_once('=') {
                Some((key, begun)) => {
                    // A key may have values of its own.
                    let value = kind.value_of(key).unwrap_or(value);
                    self.add_of(param, (value, at), &(head + key + "="), begun, &|_| false, "")
                }
                None => self.add_of(param, (key, at), &head, begun, &used, "="),
            };
        }
        let more = if param.delimiter().is_some() && !is_full(2) { "," } else { "" };
        self.add_of(param, (kind, at), &head, begun, &used, more);
    }

    /// The words of a kind, or of a list that is known at run time, those left out that are used already; `more` is
    /// what may follow in the same word.
    fn add_of(
        &mut self,
        param: &'d Param<'d>,
        (kind, at): (&Kind<'_>, usize),
        head: &str,
        begun: &str,
        is_used: &dyn Fn(&str) -> bool,
        more: &str,
    ) {
        let is_entry = more == "=";
        let listed = self.add_listed(param, (head, begun), is_used, more.is_empty());
        let is_listed = listed.is_known && param.list().is_some_and(|list| list.is_closed());
        let mut words = listed.words;
        let is_full = !words.is_empty();
        for (offer, help) in kind.offers().filter(|_| !is_listed) {
            let is_there = words.iter().any(|word| word.text == offer);
            if is_there || is_used(offer) || !self.reads(param, kind, offer) {
                continue;
            }
            let mut text = head.to_owned() + &escaped(offer, param.delimiter());
            let mut help = help.to_owned();
            if is_entry {
                text.push('=');
                // What a key takes says what it is.
                let value = param.word_kind(at).and_then(|entry| entry.value_of(offer));
                if let (Some(kind), true) = (value, help.is_empty()) {
                    help = inner::wanted(kind, self.wording);
                }
            }
            let (is_whole, head) = (more.is_empty(), head.len());
            words.push(Candidate { text, help, is_whole, head });
        }
        let is_closed =
            is_listed || !words.is_empty() && !is_full || kind.offers().next().is_some();
        if head.is_empty() && words.iter().any(|word| word.text.starts_with('-')) {
            words.retain(|word| self.is_value(&word.text));
        }
        self.add_words(param.help(), words);
        if listed.more > 0 {
            self.found.push(Suggestion::Hint(inner::of_more(self.wording, listed.more)));
        }
        if is_closed {
            return;
        }
        self.look_up(param, (kind, at), is_full, (head, begun));
    }

    /// What a shell looks up for a kind, or a sentence of what would be right where nothing was listed.
    fn look_up(
        &mut self,
        param: &'d Param<'d>,
        (kind, at): (&Kind<'_>, usize),
        is_full: bool,
        (head, begun): (&str, &str),
    ) {
        let is_own = param.word_kind(at).is_some_and(|own| std::ptr::eq(own, kind));
        let refers = if is_own { param.refers(at) } else { kind.looks_up() };
        match refers {
            Refers::Nothing | Refers::Command if is_full => {}
            Refers::Nothing | Refers::Command => {
                let wanted = match is_own {
                    true => param.hint(at, self.wording),
                    false => inner::wanted(kind, self.wording),
                };
                if !wanted.is_empty() && !self.found.contains(&Suggestion::Hint(wanted.clone())) {
                    self.found.push(Suggestion::Hint(wanted));
                }
            }
            what => self.add_look(what, param.extensions(), (head, begun)),
        }
    }

    /// Whether a choice reads: a validator may leave it out.
    fn reads(&self, param: &Param<'_>, kind: &Kind<'_>, offer: &str) -> bool {
        let is_own = param.kinds().len() == 1 && kind.sides().is_none();
        !(is_own && param.has_tests()) || param.accepts(offer)
    }

    /// Whether a word with a dash is a value here, and not an option.
    fn is_value(&self, text: &str) -> bool {
        if !text.starts_with('-') {
            return true;
        }
        let reader = stepped(self.root, &self.cursor.before, Some(text.as_ref()));
        // What is attached to a name is a value too.
        let last = reader.steps().last().filter(|step| step.bytes().start == 0);
        matches!(
            last.map(clavret_core::reader::Step::meaning),
            Some(Meaning::Operand | Meaning::Value)
        )
    }

    fn add_look(&mut self, what: Refers, ends: &[&str], (head, begun): (&str, &str)) {
        // No shell reads the home folder's sign within a word.
        if !head.is_empty() && begun.starts_with('~') {
            return;
        }
        let mut names = Vec::new();
        for &end in ends {
            // A shell looks at what is behind the last dot.
            let end = end.rsplit('.').next().unwrap_or(end);
            if end.bytes().all(|byte| byte.is_ascii_alphanumeric() || b"_+-".contains(&byte)) {
                names.push(end.to_owned());
            }
        }
        // One that no shell can be asked for leaves all files.
        if names.len() < ends.len() {
            names.clear();
        }
        let look = Suggestion::LookUp {
            what,
            before: head.to_owned(),
            ends: names,
            begun: begun.to_owned(),
        };
        if !self.found.contains(&look) {
            self.found.push(look);
        }
    }

    /// The commands below the one that the operand words lead to.
    fn add_topics(&mut self, reader: &Reader<'d>) {
        self.is_topic = true;
        let mut command = self.root;
        for step in reader.operand_steps() {
            let word = &self.cursor.before[step.word()].text;
            match command.ask().subcommand(word.as_encoded_bytes()) {
                Some(next) => command = next,
                None => return,
            }
        }
        self.add_commands(command);
    }
}

/// The word that names the program whose words a parameter takes as they are.
fn program_of(param: &Param<'_>, reader: &Reader<'_>) -> Option<usize> {
    if param.tail() != Some(Tail::Raw) {
        return None;
    }
    let mut at = 0;
    for operand in reader.command().ask().operands() {
        if operand.refers(0) == Refers::Program {
            return reader.operand_steps().get(at).map(Step::word);
        }
        at += operand.word_count().max as usize;
    }
    None
}

/// A value as it is typed among others in a word.
pub(super) fn escaped(text: &str, delimiter: Option<char>) -> String {
    let mut escaped = String::new();
    for character in text.chars() {
        if delimiter.is_some() && (Some(character) == delimiter || character == '\\') {
            escaped.push('\\');
        }
        escaped.push(character);
    }
    escaped
}
