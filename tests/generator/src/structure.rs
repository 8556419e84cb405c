//! Lines by structure: from a declaration's records alone come the words of a line that it accepts, and what each
//! parameter has of it. Nothing of the reader is asked, so that the reader can be held against it; and nothing but the
//! core is needed.

use clavret_core::{Command, Noun, Param, Role, Rule, Tail};

/// Gives a number below another one.
pub type Pick<'p> = &'p mut dyn FnMut(usize) -> usize;

/// A line that a declaration accepts, in parts.
#[derive(Debug, Clone)]
pub struct Line<'d> {
    /// The commands from the root to the one that is meant.
    pub path: Vec<&'d Command<'d>>,
    pub parts: Vec<Part<'d>>,
    /// What each parameter of these commands has of it.
    pub given: Vec<Given<'d>>,
    /// Environment variables that stand in for words.
    pub variables: Vec<(String, String)>,
}

/// Some words of a line that belong together.
#[derive(Debug, Clone)]
pub struct Part<'d> {
    pub words: Vec<String>,
    pub what: What<'d>,
    /// At which of the commands of the path it stands.
    pub level: usize,
}

/// What some words are.
#[derive(Debug, Clone, Copy)]
pub enum What<'d> {
    Command(&'d Command<'d>),
    /// A parameter with a name, and what may be typed for it.
    Named(&'d Param<'d>),
    Operand(&'d Param<'d>),
    Dashes,
}

/// What a parameter has of a line.
#[derive(Debug, Clone)]
pub struct Given<'d> {
    pub param: &'d Param<'d>,
    /// How often it is typed; an operand, how many values it has.
    pub times: usize,
    /// The words of its value: of one value the last ones typed, of a list all of them.
    pub words: Vec<String>,
    /// Whether a flag is on.
    pub is_on: bool,
}

impl<'d> Line<'d> {
    /// The words, as they would be typed.
    pub fn words(&self) -> Vec<String> {
        self.parts.iter().flat_map(|part| part.words.iter().cloned()).collect()
    }

    pub fn leaf(&self) -> &'d Command<'d> {
        self.path[self.path.len() - 1]
    }
}

/// A line that a program accepts; none where its rules leave no way that is found at once.
pub fn line<'d>(root: &'d Command<'d>, pick: Pick<'_>) -> Option<Line<'d>> {
    let mut path = vec![root];
    loop {
        let at = path[path.len() - 1];
        let below = at.subcommands();
        if below.is_empty() || at.is_acting() && pick(2) == 0 {
            break;
        }
        path.push(below[pick(below.len())]);
    }
    let mut making = Making { path, pick };
    let given = making.choose()?;
    let (variables, typed): (Vec<_>, Vec<_>) =
        given.iter().map(|given| making.variable(given)).unzip();
    let typed: Vec<Given<'d>> = typed.into_iter().flatten().collect();
    let parts = making.parts(&typed)?;
    Some(Line {
        path: making.path,
        parts,
        given,
        variables: variables.into_iter().flatten().collect(),
    })
}

struct Making<'d, 'p> {
    path: Vec<&'d Command<'d>>,
    pick: Pick<'p>,
}

impl<'d> Making<'d, '_> {
    fn leaf(&self) -> &'d Command<'d> {
        self.path[self.path.len() - 1]
    }

    /// What is given, so that nothing that is needed is missing and every rule is kept.
    fn choose(&mut self) -> Option<Vec<Given<'d>>> {
        let params: Vec<&'d Param<'d>> =
            self.path.iter().flat_map(|command| command.params()).collect();
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
            self.path.iter().flat_map(|command| command.relations()).collect();
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
                |at: usize| given.iter().any(|given| given.param.is(params[at]) && given.times > 0);
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
    fn value(&mut self, param: &'d Param<'d>) -> Vec<String> {
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
        let operands = self.leaf().params().filter(|param| param.role() == Role::Operand);
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
        while names.len() < most && !at.subcommands().is_empty() {
            at = at.subcommands()[(self.pick)(at.subcommands().len())];
            names.push(at.name().to_owned());
        }
        names
    }

    /// What a name means at a command of the path: the nearest one wins.
    fn meant(&self, level: usize, is_name: &dyn Fn(&Param<'_>) -> bool) -> Option<&'d Param<'d>> {
        (0..=level).rev().find_map(|at| {
            let in_reach = |param: &&Param<'_>| at == level || param.is_throughout();
            self.path[at]
                .params()
                .filter(in_reach)
                .find(|param| param.role() != Role::Operand && is_name(param))
        })
    }

    /// The command that has a parameter.
    fn level(&self, param: &Param<'_>) -> usize {
        self.path.iter().position(|command| command.params().any(|own| own.is(param))).unwrap_or(0)
    }

    /// The names that mean a parameter at a command, dashes included: those that turn a flag on, or off.
    fn spellings(&self, param: &'d Param<'d>, level: usize, is_on: bool) -> Vec<String> {
        let mut long: Vec<&str> = Vec::new();
        let mut letters: Vec<char> = Vec::new();
        if is_on {
            long.push(param.name());
            long.extend(param.aliases().iter().chain(param.former_names()));
            letters.extend(param.letter());
        } else {
            long.push(param.opposite());
            letters.extend(param.opposite_letter());
        }
        letters.extend(
            long.iter().filter(|name| name.chars().count() == 1).flat_map(|name| name.chars()),
        );
        long.retain(|name| name.len() > 1);
        let is_it = |meant: Option<&Param<'_>>| meant.is_some_and(|meant| meant.is(param));
        long.retain(|name| is_it(self.meant(level, &|other| has_long(other, name))));
        letters.retain(|letter| is_it(self.meant(level, &|other| has_letter(other, *letter))));
        let mut all: Vec<String> = long.iter().map(|name| format!("--{name}")).collect();
        // A beginning that is no other's.
        let is_shown = self.abbreviates(level) && !param.is_hidden();
        if let Some(name) =
            long.iter().find(|name| is_shown && !param.former_names().contains(name))
        {
            let others: Vec<&str> =
                self.longs(level).into_iter().filter(|other| other != name).collect();
            let is_own = |end: &usize| !others.iter().any(|other| other.starts_with(&name[..*end]));
            all.extend((1..name.len()).find(is_own).map(|end| format!("--{}", &name[..end])));
        }
        all.extend(letters.iter().map(|letter| format!("-{letter}")));
        all
    }

    /// Whether beginnings of names stand for them at a command.
    fn abbreviates(&self, level: usize) -> bool {
        self.path[..=level].iter().any(|command| command.is_abbreviating())
    }

    /// All long names at a command.
    fn longs(&self, level: usize) -> Vec<&'d str> {
        let in_reach = |(at, command): (usize, &&'d Command<'d>)| {
            command
                .params()
                .filter(move |param| at == level || param.is_throughout())
                .collect::<Vec<_>>()
        };
        let params = self.path[..=level].iter().enumerate().flat_map(in_reach);
        let names = |param: &'d Param<'d>| {
            let own = [param.name(), param.opposite(), param.file_name()];
            own.into_iter()
                .chain(param.aliases().iter().copied())
                .chain(param.former_names().iter().copied())
        };
        let usual =
            self.path[0].declared_usual().unwrap_or_default().iter().map(|param| param.name());
        let options = params.filter(|param| param.role() != Role::Operand);
        options
            .flat_map(names)
            .chain(usual)
            .chain(["help", "version"])
            .filter(|name| name.len() > 1)
            .collect()
    }

    /// Whether a line may go on at a command as if its default were named: with what that alone knows.
    fn may_leave_out(&self, level: usize, rest: &[Part<'d>]) -> bool {
        let (command, next) = (self.path[level], self.path[level + 1]);
        if !command.default_subcommand().is_some_and(|default| default.is(next)) {
            return false;
        }
        let is_named = |word: &str| {
            let abbreviates = self.abbreviates(level);
            let is_it = |name: &&str| *name == word || abbreviates && name.starts_with(word);
            command.subcommands().iter().any(|below| names_of(below).iter().any(is_it))
        };
        for part in rest {
            let word = &part.words[0];
            let Some(name) =
                word.strip_prefix("--").map(|name| name.split('=').next().unwrap_or(name))
            else {
                match part.what {
                    What::Named(param)
                        if word.len() == 2 || !param.kinds().is_empty() && word.len() > 2 =>
                    {
                        let letter = word[1..].chars().next().unwrap_or_default();
                        match self.meant(level, &|other| has_letter(other, letter)) {
                            Some(meant) if meant.is(param) => continue,
                            Some(_) => return false,
                            // Letters in front of the one with a value are others.
                            None => return word.len() == 2 || has_letter(param, letter),
                        }
                    }
                    What::Named(_) => return false,
                    What::Command(command) => {
                        return !is_named(word) && names_of(command).contains(&&**word);
                    }
                    _ => return !is_named(word),
                }
            };
            if matches!(part.what, What::Dashes) {
                return true;
            }
            // The beginning of a name may not be one yet.
            let What::Named(param) = part.what else { return false };
            if name.len() < 2 || !has_long(param, name) {
                return false;
            }
            match self.meant(level, &|other| has_long(other, name)) {
                Some(meant) if meant.is(param) => {}
                Some(_) => return false,
                None => {
                    return !self.abbreviates(level)
                        || !self.longs(level).iter().any(|long| long.starts_with(name));
                }
            }
        }
        !command.is_acting()
    }

    fn has_name(&self, param: &'d Param<'d>) -> bool {
        param.role() == Role::Operand || !self.spellings(param, self.level(param), true).is_empty()
    }

    /// The parts of the line, in an order in which they may stand.
    fn parts(&mut self, given: &[Given<'d>]) -> Option<Vec<Part<'d>>> {
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

    /// A name of a command of the path.
    fn command_name(&mut self, level: usize) -> String {
        let (above, command) = (self.path[level - 1], self.path[level]);
        let mut names: Vec<&str> = names_of(command);
        if self.abbreviates(level - 1) && !command.is_hidden() {
            let name = command.name();
            let all: Vec<&str> = above
                .subcommands()
                .iter()
                .flat_map(|below| names_of(below))
                .filter(|other| *other != name)
                .collect();
            let is_own = |end: &usize| !all.iter().any(|other| other.starts_with(&name[..*end]));
            names.extend((1..name.len()).find(is_own).map(|end| &name[..end]));
        }
        names[(self.pick)(names.len())].to_owned()
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
    fn variable(&mut self, given: &Given<'d>) -> (Option<(String, String)>, Option<Given<'d>>) {
        let param = given.param;
        let is_member = |rule: &Rule<'_>| {
            rule.members().iter().any(|member| member.is(param))
                || rule.when().is_some_and(|when| when.0.is(param))
        };
        let is_ruled = self.path.iter().any(|command| command.relations().any(is_member));
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
            [_] if param.is_attached() => return None,
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
        let ends =
            leaf.has_tail(Tail::Raw) || self.path.iter().any(|command| command.is_ending_options());
        let has_dash = |part: &Part<'_>| part.words[0].len() > 1 && part.words[0].starts_with('-');
        // Where options end by an operand, only the first one needs `--` in front of it.
        let dashed = if ends {
            words.iter().take(1).position(has_dash)
        } else {
            words.iter().position(has_dash)
        };
        let is_apart = leaf.has_tail(Tail::AfterDashes);
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

/// All names of a command.
fn names_of<'d>(command: &Command<'d>) -> Vec<&'d str> {
    let others = command.other_names().iter().chain(command.former_names()).copied();
    [command.name()].into_iter().chain(others).collect()
}

/// Words that the one at a place of a value may be.
fn known_words(param: &Param<'_>, at: usize) -> Vec<String> {
    let kind = param.kinds()[at];
    let ending = param.extensions().first().map(|ending| format!(".{ending}")).unwrap_or_default();
    match param.declared_place() {
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
    known.extend(kind.bounds().into_iter().flatten().map(str::to_owned));
    if kind.noun() == Noun::Text && param.extensions().is_empty() {
        known.extend(["a b", "-x", "b\\c", "\u{e9}=,:"].map(str::to_owned));
    }
    known
}

/// A value as a part of a word.
fn escaped(value: &str, delimiter: char) -> String {
    value.replace('\\', "\\\\").replace(delimiter, &format!("\\{delimiter}"))
}

fn has_long(param: &Param<'_>, name: &str) -> bool {
    let own = [param.name(), param.opposite(), param.file_name()];
    own.iter().chain(param.aliases()).chain(param.former_names()).any(|own| *own == name)
}

fn has_letter(param: &Param<'_>, letter: char) -> bool {
    param.letter() == Some(letter)
        || param.opposite_letter() == Some(letter)
        || has_long(param, &letter.to_string())
}

fn can_be_off(param: &Param<'_>) -> bool {
    !param.opposite().is_empty() || param.is_worded()
}

/// Whether it has several values, of which each counts.
fn is_list(param: &Param<'_>) -> bool {
    param.is_list() && !param.kinds().is_empty()
}

/// Whether a line must have it.
fn is_needed(param: &Param<'_>) -> bool {
    param.times().min > 0
}

/// Whether what is given breaks a rule.
fn is_broken(rule: &Rule<'_>, given: &[Given<'_>]) -> bool {
    let of =
        |param: &Param<'_>| given.iter().find(|given| given.param.is(param) && given.times > 0);
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
