//! What is given of a declaration, so that nothing that is needed is missing and every rule is kept; and its values.

use clavret_core::ask::{Noun, Param, Role};
use clavret_core::{Rule, Tail};

use super::{Given, Making, can_be_off, counts, is_list};

impl<'d> Making<'d, '_> {
    /// What is given, so that nothing that is needed is missing and every rule is kept.
    pub(super) fn choose(&mut self) -> Option<Vec<Given<'d>>> {
        let params: Vec<&'d Param<'d>> =
            self.path.iter().flat_map(|command| command.ask().params()).collect();
        let mut is_given: Vec<bool> =
            params.iter().map(|param| is_needed(param) || (self.pick)(3) == 0).collect();
        for (at, param) in params.iter().enumerate() {
            is_given[at] &= !param.stands_alone() && self.has_name(param);
            // What is not there at all cannot be needed.
            if is_needed(param) && !is_given[at] {
                return None;
            }
        }
        let is_operand = |param: &Param<'_>| param.role() == Role::Operand;
        let rules: Vec<&'d Rule<'d>> =
            self.path.iter().flat_map(|command| command.ask().rules()).collect();
        for _ in 0..8 {
            let mut given = Vec::new();
            for (at, param) in params.iter().enumerate().filter(|(_, param)| !is_operand(param)) {
                given.push(self.given(param, is_given[at])?);
            }
            let wanted = |param: &&'d Param<'d>| {
                params.iter().position(|known| known.is(param)).is_some_and(|at| is_given[at])
            };
            given.extend(self.operands(&wanted)?);
            let Some(broken) = rules.iter().find(|rule| is_broken(rule, &given)) else {
                return Some(given);
            };
            let (members, when) = (broken.members(), broken.when());
            let place = |param: &Param<'_>| params.iter().position(|known| known.is(param));
            // A member more where one is missing, or one less where there are too many.
            let is_there =
                |at: usize| given.iter().any(|given| given.param.is(params[at]) && counts(given));
            let mut hanging = when.into_iter().chain([]).filter_map(|(param, _)| place(param));
            let at = match broken.name() {
                "only_one" => {
                    members.iter().filter_map(|param| place(param)).find(|&at| is_there(at))
                }
                "not_with" => hanging.next(),
                _ => {
                    let missing =
                        members.iter().filter_map(|param| place(param)).find(|&at| !is_there(at));
                    let any =
                        members.iter().filter_map(|param| place(param)).find(|&at| is_there(at));
                    if (self.pick)(2) == 0 {
                        missing.or(hanging.next())
                    } else {
                        hanging.next().or(any).or(missing)
                    }
                }
            }?;
            is_given[at] = !is_there(at);
            if is_needed(params[at]) && !is_given[at]
                || is_given[at] && (params[at].stands_alone() || !self.has_name(params[at]))
            {
                return None;
            }
        }
        None
    }

    /// A parameter with a name, and its values.
    fn given(&mut self, param: &'d Param<'d>, is_given: bool) -> Option<Given<'d>> {
        let mut given = Given { param, times: 0, words: Vec::new(), is_on: false };
        if !is_given {
            return Some(given);
        }
        let times = param.given_times();
        let least = if is_list(param) { times.min.max(1) } else { 1 } as usize;
        let most = match param.role() {
            _ if is_list(param) => (times.max as usize).min(least + 2),
            _ if param.is_once() => 1,
            _ => 2,
        };
        given.times = least + (self.pick)(most.saturating_sub(least) + 1);
        match param.role() {
            Role::Flag => given.is_on = !can_be_off(param) || (self.pick)(2) == 0,
            Role::Tally => {}
            _ if param.is_attached() && (self.pick)(2) == 0 => {}
            _ if is_list(param) => {
                let values = self.values(param, given.times);
                (given.times, given.words) = (values.len(), values.concat());
            }
            _ => given.words = self.value(param),
        }
        (given.times >= least).then_some(given)
    }

    /// So many values of a list, or fewer where each may stand in it once.
    fn values(&mut self, param: &'d Param<'d>, times: usize) -> Vec<Vec<String>> {
        let mut values: Vec<Vec<String>> = Vec::new();
        for _ in 0..times {
            let is_new = |value: &Vec<String>| !param.is_distinct() || !values.contains(value);
            let Some(value) = (0..6).map(|_| self.value(param)).find(is_new) else { break };
            values.push(value);
        }
        values
    }

    /// The words of one value: choices, limits and examples.
    pub(super) fn value(&mut self, param: &'d Param<'d>) -> Vec<String> {
        let words = param.kinds().len();
        (0..words)
            .map(|at| {
                let known = known_words(param, at);
                let word = known[(self.pick)(known.len())].clone();
                if words > 1 || param.accepts(&word) { word } else { param.example(at) }
            })
            .collect()
    }

    /// The operands: each is to take as many words as it may, and to leave those after it what they need.
    fn operands(&mut self, is_wanted: &dyn Fn(&&'d Param<'d>) -> bool) -> Option<Vec<Given<'d>>> {
        let operands = self.leaf().ask().params().filter(|param| param.role() == Role::Operand);
        let (mut given, mut is_full) = (Vec::new(), true);
        for param in operands {
            let (times, mut words) = (param.given_times(), Vec::new());
            let least = if is_needed(param) { times.min as usize } else { 0 };
            let most = if is_list(param) { (times.max as usize).min(least + 2) } else { 1 };
            // One that may be absent is there only where those in front have all that they may have.
            let has_more = (is_full || !param.is_positional()) && is_wanted(&param);
            let mut units = least + if has_more { (self.pick)(most - least + 1) } else { 0 };
            match param.tail() {
                Some(Tail::UnknownOptions) => {
                    words.extend((0..units).map(|at| format!("--zzz{at}")))
                }
                Some(_) => words.extend(
                    (0..units).map(|_| ["-x", "--", "A7", "--calm"][(self.pick)(4)].to_owned()),
                ),
                None if param.names_commands() => {
                    words = self.names(units);
                    units = words.len();
                }
                None => {
                    let values = if is_list(param) {
                        self.values(param, units)
                    } else {
                        (0..units).map(|_| self.value(param)).collect()
                    };
                    if values.len() < least {
                        return None;
                    }
                    (units, words) = (values.len(), values.concat());
                }
            }
            // What one word may have in it leaves room for more words.
            let is_taken = units == most && units == times.max as usize;
            is_full &= !param.is_positional() || is_taken && param.delimiter().is_none();
            given.push(Given { param, times: units, words, is_on: false });
        }
        Some(given)
    }

    /// The names of commands from the root on.
    fn names(&mut self, most: usize) -> Vec<String> {
        let (mut at, mut names) = (self.path[0], Vec::new());
        while names.len() < most && !at.ask().subcommands().is_empty() {
            at = at.ask().subcommands()[(self.pick)(at.ask().subcommands().len())];
            names.push(at.ask().name().to_owned());
        }
        names
    }
}

/// Words that the one at a place of a value may be.
fn known_words(param: &Param<'_>, at: usize) -> Vec<String> {
    let kind = param.kinds()[at];
    let ending = param.extensions().first().map(|ending| format!(".{ending}")).unwrap_or_default();
    match crate::place(param) {
        Some("directory") => return vec![format!("yard{ending}")],
        Some("absent") => return vec![format!("none{ending}")],
        Some(_) => return vec![format!("file{ending}")],
        None => {}
    }
    if param.list().is_some() {
        return vec!["blue".to_owned()];
    }
    let mut known = vec![param.example(at)];
    known.extend(kind.offers().map(|offer| offer.0.to_owned()));
    if let Some((_, value)) = kind.sides() {
        let example = |key| kind.value_of(key).unwrap_or(value).example_word();
        known.extend(kind.keys().map(|key| format!("{key}={}", example(key))));
    }
    known.extend(kind.bounds().into_iter().flatten().map(str::to_owned));
    if kind.noun() == Noun::Text && param.extensions().is_empty() {
        known.extend(["a b", "-x", "b\\c", "\u{e9}=,:"].map(str::to_owned));
    }
    known
}

/// Whether a line must have it.
fn is_needed(param: &Param<'_>) -> bool {
    param.times().min > 0
}

/// Whether what is given breaks a rule.
fn is_broken(rule: &Rule<'_>, given: &[Given<'_>]) -> bool {
    let of = |param: &Param<'_>| given.iter().find(|given| given.param.is(param) && counts(given));
    let count = rule.members().iter().filter(|param| of(param).is_some()).count();
    let is_all = count == rule.members().len();
    let hanging = rule.when().map(|(param, value)| (of(param), value));
    match (rule.name(), hanging) {
        ("only_one", _) => count > 1,
        ("at_least_one", _) => count == 0,
        ("all_or_none", _) => count > 0 && !is_all,
        ("only_with", Some((Some(_), _))) => !is_all,
        ("not_with", Some((Some(_), _))) => count > 0,
        ("needed_with", Some((Some(given), value))) => {
            given.words.iter().any(|word| word == value) && !is_all
        }
        _ => false,
    }
}
