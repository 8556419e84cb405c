//! The words of a line, in an order in which they may stand.

use clavret_core::ask::{Param, Role};
use clavret_core::{Rule, Tail};

use super::{Given, Making, Part, What, can_be_off, is_list};

impl<'d> Making<'d, '_> {
    /// The parts of the line, in an order in which they may stand.
    pub(super) fn parts(&mut self, given: &[Given<'d>]) -> Option<Vec<Part<'d>>> {
        let mut parts = Vec::new();
        let (named, operands): (Vec<&Given<'d>>, Vec<&Given<'d>>) =
            given.iter().partition(|given| given.param.role() != Role::Operand);
        let leaf = self.path.len() - 1;
        // Each parameter's occurrences keep their order, over all commands of the path.
        let mut waiting: Vec<Vec<Part<'d>>> = Vec::new();
        for given in named {
            waiting.push(self.occurrences(given)?);
        }
        let mut levels: Vec<Vec<Part<'d>>> = Vec::new();
        for level in 0..=leaf {
            let mut here: Vec<Vec<Part<'d>>> = waiting
                .iter_mut()
                .map(|parts| {
                    let later =
                        parts.iter().position(|part| part.level > level).unwrap_or(parts.len());
                    parts.drain(..later).collect()
                })
                .collect();
            levels.push(match level < leaf {
                true => self.merged(&mut here, Vec::new()),
                false => self.last(&mut here, &operands, level)?,
            });
        }
        // From the end on, as a default may be left out by what follows.
        for level in (0..=leaf).rev() {
            parts.splice(..0, levels.remove(level));
            if level > 0 && !(self.may_leave_out(level - 1, &parts) && (self.pick)(2) == 0) {
                let words = vec![self.command_name(level)];
                parts.insert(
                    0,
                    Part { words, what: What::Command(self.path[level]), level: level - 1 },
                );
            }
        }
        Some(parts)
    }

    /// Each time that something with a name is typed.
    fn occurrences(&mut self, given: &Given<'d>) -> Option<Vec<Part<'d>>> {
        let (param, each) = (given.param, given.param.kinds().len());
        let mut parts = Vec::new();
        let mut level = self.level(param);
        // Several values may stand in one word.
        let mut values: Vec<Vec<String>> = Vec::new();
        if is_list(param) && param.role() == Role::Option {
            for value in given.words.chunks(each) {
                match (param.delimiter(), values.last_mut()) {
                    (Some(delimiter), Some(last)) if param.is_once() || (self.pick)(2) == 0 => {
                        last[0] =
                            format!("{}{delimiter}{}", last[0], escaped(&value[0], delimiter));
                    }
                    (Some(delimiter), _) => values.push(vec![escaped(&value[0], delimiter)]),
                    (None, _) => values.push(value.to_vec()),
                }
            }
            if param.is_once() && values.len() > 1 {
                return None;
            }
        } else {
            values.resize(given.times, Vec::new());
            // The last one counts, and each is looked at.
            if each > 0
                && let Some((last, before)) = values.split_last_mut()
            {
                last.clone_from(&given.words);
                before.iter_mut().for_each(|value| *value = self.value(param));
            }
        }
        let count = values.len();
        for (at, value) in values.into_iter().enumerate() {
            if param.is_throughout() {
                level += (self.pick)(self.path.len() - level);
            }
            let is_on = param.role() != Role::Flag
                || if at + 1 == count {
                    given.is_on
                } else {
                    !can_be_off(param) || (self.pick)(2) == 0
                };
            let mut names = self.spellings(param, level, is_on || param.opposite().is_empty());
            if names.is_empty() {
                // Further down the name is another's.
                level = self.level(param);
                if parts.last().is_some_and(|part: &Part<'_>| part.level > level) {
                    return None;
                }
                names = self.spellings(param, level, is_on || param.opposite().is_empty());
            }
            if names.is_empty() {
                return None;
            }
            let name = names[(self.pick)(names.len())].clone();
            let words = self.spelled(param, name, value, is_on)?;
            parts.push(Part { words, what: What::Named(param), level });
        }
        Some(parts)
    }

    /// What is typed of what is given, where a variable does not stand in for it: rules look at words.
    pub(super) fn variable(
        &mut self,
        given: &Given<'d>,
    ) -> (Option<(String, String)>, Option<Given<'d>>) {
        let param = given.param;
        let is_member = |rule: &Rule<'_>| {
            rule.members().iter().any(|member| member.is(param))
                || rule.when().is_some_and(|when| when.0.is(param))
        };
        let is_ruled = self.path.iter().any(|command| command.ask().rules().any(is_member));
        let one = || (given.words.len() == param.kinds().len()).then_some(());
        let text = match (param.role(), param.delimiter()) {
            (Role::Flag, _) => Some(if given.is_on { "yes" } else { "off" }.to_owned()),
            (Role::Option, Some(delimiter)) => {
                let words: Vec<String> =
                    given.words.iter().map(|word| escaped(word, delimiter)).collect();
                Some(words.join(&delimiter.to_string()))
            }
            (Role::Option, None) if param.kinds().len() > 1 => {
                let is_word = |word: &String| !word.is_empty() && !word.contains(' ');
                one().filter(|()| given.words.iter().all(is_word)).map(|()| given.words.join(" "))
            }
            (Role::Option, None) => one().map(|()| given.words[0].clone()),
            _ => None,
        };
        let is_free =
            given.times > 0 && !param.variable().is_empty() && !is_ruled && (self.pick)(2) == 0;
        match text.filter(|text| is_free && !text.is_empty()) {
            Some(text) => (Some((param.variable().to_owned(), text)), None),
            None => (None, Some(given.clone())),
        }
    }

    /// A name with its value, in one of the ways that it may be typed.
    fn spelled(
        &mut self,
        param: &Param<'_>,
        name: String,
        value: Vec<String>,
        is_on: bool,
    ) -> Option<Vec<String>> {
        let is_long = name.starts_with("--");
        if param.role() == Role::Flag
            && param.is_worded()
            && is_long
            && ((self.pick)(3) == 0 || !is_on && param.opposite().is_empty())
        {
            let is_opposite = !is_on && !param.opposite().is_empty();
            let word =
                if is_on != is_opposite { ["yes", "on", "true"] } else { ["no", "off", "false"] };
            return Some(vec![format!("{name}={}", word[(self.pick)(3)])]);
        }
        if param.role() == Role::Flag && !is_on && param.opposite().is_empty() {
            return None;
        }
        Some(match &value[..] {
            [] => vec![name],
            [word] if is_long && (param.is_attached() || (self.pick)(2) == 0) => {
                vec![format!("{name}={word}")]
            }
            [word] if param.is_attached() => {
                return (!word.is_empty()).then(|| vec![name + word]);
            }
            [word] if !is_long && !word.is_empty() && (self.pick)(2) == 0 => vec![name + word],
            _ => [vec![name], value].concat(),
        })
    }

    /// Options in any order that keeps that of each, with some words between them that keep theirs; letters may stand
    /// together.
    fn merged(
        &mut self,
        options: &mut Vec<Vec<Part<'d>>>,
        between: Vec<Part<'d>>,
    ) -> Vec<Part<'d>> {
        options.push(between);
        options.iter_mut().for_each(|parts| parts.reverse());
        let mut merged: Vec<Part<'d>> = Vec::new();
        loop {
            options.retain(|parts| !parts.is_empty());
            if options.is_empty() {
                return merged;
            }
            let at = (self.pick)(options.len());
            let Some(part) = options[at].pop() else { continue };
            let is_letter = |part: &Part<'_>| {
                matches!(part.what, What::Named(param) if param.kinds().is_empty())
                    && part.words[0].len() == 2
            };
            let is_letters = matches!(part.what, What::Named(_))
                && !part.words[0].starts_with("--")
                && part.words[0].is_ascii();
            match merged.last_mut() {
                Some(last) if is_letter(last) && is_letters && (self.pick)(2) == 0 => {
                    last.words =
                        [&[format!("{}{}", last.words[0], &part.words[0][1..])], &part.words[1..]]
                            .concat();
                    last.what = part.what;
                }
                _ => merged.push(part),
            }
        }
    }

    /// The words of the command that does the work: options and operands, and what stands after `--`.
    fn last(
        &mut self,
        options: &mut Vec<Vec<Part<'d>>>,
        operands: &[&Given<'d>],
        level: usize,
    ) -> Option<Vec<Part<'d>>> {
        let leaf = self.leaf();
        let part = |param: &'d Param<'d>, word: String| Part {
            words: vec![word],
            what: What::Operand(param),
            level,
        };
        let (mut words, mut behind, mut kept) = (Vec::new(), Vec::new(), Vec::new());
        for given in operands {
            let param = given.param;
            let to = match param.tail() {
                Some(Tail::AfterDashes) => &mut behind,
                Some(Tail::UnknownOptions) => &mut kept,
                _ => &mut words,
            };
            match param.delimiter() {
                Some(delimiter) if !given.words.is_empty() => {
                    let all: Vec<String> =
                        given.words.iter().map(|word| escaped(word, delimiter)).collect();
                    to.push(part(param, all.join(&delimiter.to_string())));
                }
                _ => to.extend(given.words.iter().map(|word| part(param, word.clone()))),
            }
        }
        options.push(kept);
        let ends = leaf.ask().has_tail(Tail::Raw)
            || self.path.iter().any(|command| command.ask().is_ending_options());
        let has_dash = |part: &Part<'_>| part.words[0].len() > 1 && part.words[0].starts_with('-');
        // Where options end by an operand, only the first one needs `--` in front of it.
        let dashed = if ends {
            words.iter().take(1).position(has_dash)
        } else {
            words.iter().position(has_dash)
        };
        let is_apart = leaf.ask().has_tail(Tail::AfterDashes);
        if is_apart && dashed.is_some() {
            return None;
        }
        let end = dashed.unwrap_or(words.len());
        let dashes = Part { words: vec!["--".to_owned()], what: What::Dashes, level };
        let rest = words.split_off(end);
        let has_more = !rest.is_empty();
        let mut parts = if ends {
            let mut parts = self.merged(options, Vec::new());
            parts.append(&mut words);
            parts
        } else {
            self.merged(options, words)
        };
        if has_more || !behind.is_empty() {
            parts.push(dashes);
        }
        parts.extend(rest);
        parts.extend(behind);
        Some(parts)
    }
}

/// A value as a part of a word.
fn escaped(value: &str, delimiter: char) -> String {
    value.replace('\\', "\\\\").replace(delimiter, &format!("\\{delimiter}"))
}
