//! Lines that are wrong in one way: an accepted line, and one thing done to it, with what is to be said of that.

use std::ffi::OsString;

use clavret_core::ask::{Noun, Param, Role, Standard};
use clavret_core::faults::FaultKind;
use clavret_core::{Abbreviated, Command, Rule, Tail};

use crate::structure::{Line, Part, Pick, What, counts};

/// A line that is wrong in one way.
#[derive(Debug, Clone)]
pub struct Broken<'d> {
    pub words: Vec<OsString>,
    /// What is wrong, and with which parameter.
    pub kind: FaultKind,
    pub param: Option<&'d Param<'d>>,
}

/// The kinds that a line can be broken in: which, and how.
pub const WAYS: [FaultKind; 19] = {
    use FaultKind::*;
    [
        OptionUnknown,
        OptionAmbiguous,
        OptionRepeated,
        OptionMissing,
        CommandUnknown,
        CommandAmbiguous,
        CommandMissing,
        OperandMissing,
        OperandExtra,
        ValueMissing,
        ValueUnwanted,
        ValueAttached,
        ValueMisfit,
        ValueRefused,
        ValueNotText,
        ValuesMiscounted,
        ValueTwice,
        PathRefused,
        RuleBroken,
    ]
};

/// Breaks a line in a way, where that can be done; `refused` has the word that the validator of a parameter refuses.
pub fn broken<'d>(
    line: &Line<'d>,
    way: FaultKind,
    refused: &dyn Fn(&Param<'_>) -> Option<&'static str>,
    pick: Pick<'_>,
) -> Option<Broken<'d>> {
    let mut parts = line.parts.clone();
    let (leaf, level) = (line.leaf(), line.path.len() - 1);
    let head =
        parts.iter().rposition(|part| matches!(part.what, What::Command(_))).map_or(0, |at| at + 1);
    // Letters that stand together are left alone.
    let alone = |at: &usize| {
        let word = &line.parts[*at].words[0];
        match line.parts[*at].what {
            What::Named(param) => {
                word.starts_with("--")
                    || word.len() == 2
                    || !param.kinds().is_empty() && is_of(param, word)
            }
            _ => false,
        }
    };
    let named = |fits: &dyn Fn(&Part<'d>, &'d Param<'d>) -> bool, pick: Pick<'_>| {
        let at = |(at, part): (usize, &Part<'d>)| match part.what {
            What::Named(param) if alone(&at) && fits(part, param) => Some((at, param)),
            _ => None,
        };
        let found: Vec<(usize, &'d Param<'d>)> =
            line.parts.iter().enumerate().filter_map(at).collect();
        (!found.is_empty()).then(|| found[pick(found.len())])
    };
    let is_long = |part: &Part<'_>| part.words[0].starts_with("--");
    let given = |param: &Param<'_>| line.given.iter().find(|given| given.param.is(param));
    let mut about = None;
    let mut raw = None;
    match way {
        FaultKind::OptionUnknown => {
            let is_kept =
                line.path.iter().any(|command| command.ask().has_tail(Tail::UnknownOptions));
            if is_kept {
                return None;
            }
            parts.insert(head, part("--zzzz", level));
        }
        FaultKind::OptionAmbiguous => {
            let is_on =
                line.path.iter().any(|command| {
                    command.ask().abbreviations().is_some_and(Abbreviated::has_options)
                }) && !left_out(line);
            // `--a` may be `--adds` and `--at`.
            let names = shown_names(line, level);
            let first = |name: &&str| {
                name.len() > 1 && names.iter().filter(|other| other[..1] == name[..1]).count() > 1
            };
            let begun = names.iter().copied().find(first).filter(|_| is_on)?;
            parts.insert(head, part(&format!("--{}", &begun[..1]), level));
        }
        FaultKind::CommandAmbiguous => {
            let at = command_at(
                &parts,
                &|above| above.ask().abbreviations().is_some_and(Abbreviated::has_commands),
                line,
                pick,
            )?;
            let above = line.path[parts[at].level];
            let names: Vec<&str> = above
                .ask()
                .subcommands()
                .iter()
                .filter(|below| !below.ask().is_hidden())
                .map(|below| below.ask().name())
                .collect();
            let all: Vec<&str> = above
                .ask()
                .subcommands()
                .iter()
                .flat_map(|below| {
                    [below.ask().name()]
                        .into_iter()
                        .chain(below.ask().aliases().iter().copied())
                        .chain(below.ask().former_names().iter().copied())
                })
                .collect();
            let first = |name: &&str| {
                names.iter().filter(|other| other[..1] == name[..1]).count() > 1
                    && !all.contains(&&name[..1])
            };
            let begun = names.iter().copied().find(first)?;
            // What follows is read as a line of the command above.
            parts.truncate(at + 1);
            parts[at].words[0] = begun[..1].to_owned();
        }
        FaultKind::OptionRepeated => {
            let (at, param) = named(&|_, param| param.is_once(), pick)?;
            parts.insert(at, parts[at].clone());
            about = Some(param);
        }
        FaultKind::OptionMissing => {
            let is_needed = |param: &Param<'_>| param.times().min > 0;
            let (_, param) =
                named(&|_, param| is_needed(param), pick).filter(|_| !left_out(line))?;
            parts.retain(|part| !matches!(part.what, What::Named(other) if other.is(param)));
            about = Some(param);
        }
        FaultKind::CommandUnknown => {
            let at = command_at(&parts, &|_| true, line, pick)?;
            if line.path[parts[at].level].ask().default_command().is_some() {
                return None;
            }
            parts.truncate(at + 1);
            parts[at].words[0] = "zzzz".to_owned();
        }
        FaultKind::CommandMissing => {
            let at = command_at(&parts, &|_| true, line, pick)?;
            let above = line.path[parts[at].level];
            if above.ask().is_acting() || above.ask().default_command().is_some() {
                return None;
            }
            parts.truncate(at);
        }
        FaultKind::OperandMissing => {
            let needed = leaf.ask().params().find(|param| {
                param.is_positional() && param.role() == Role::Operand && param.times().min > 0
            })?;
            let is_there = line.variables.iter().any(|(name, _)| name == needed.variable());
            let is_behind =
                leaf.ask().has_tail(Tail::AfterDashes) || leaf.ask().has_tail(Tail::UnknownOptions);
            if is_there || is_behind || line.parts.get(head..).is_none() || left_out(line) {
                return None;
            }
            parts.retain(|part| !matches!(part.what, What::Operand(_) | What::Dashes));
            about = Some(needed);
        }
        FaultKind::OperandExtra => {
            let operands = || leaf.ask().params().filter(|param| param.role() == Role::Operand);
            let is_full = |param: &Param<'_>| {
                !param.is_list() && given(param).is_some_and(|given| given.times > 0)
            };
            if !operands().all(is_full) || !leaf.ask().subcommands().is_empty() || left_out(line) {
                return None;
            }
            parts.push(part("A7", level));
        }
        FaultKind::ValueMissing => {
            let ends = line.path.iter().any(|command| command.ask().is_ending_options())
                || leaf.ask().has_tail(Tail::Raw);
            let is_ended = parts.iter().any(|part| matches!(part.what, What::Dashes)) || ends;
            let fits = |part: &Part<'d>, param: &'d Param<'d>| {
                is_long(part)
                    && part.level == level
                    && !param.kinds().is_empty()
                    && !param.is_attached()
                    && !param.is_once()
            };
            let (at, param) = named(&fits, pick)?;
            if is_ended {
                return None;
            }
            let name = parts[at].words[0].split('=').next().unwrap_or_default().to_owned();
            parts.push(part(&name, level));
            about = Some(param);
        }
        FaultKind::ValueUnwanted => {
            let fits = |part: &Part<'d>, param: &'d Param<'d>| {
                is_long(part) && param.kinds().is_empty() && !param.is_worded()
            };
            let (at, param) = named(&fits, pick)?;
            parts[at].words[0] += "=x";
            about = Some(param);
        }
        FaultKind::ValueAttached => {
            let (at, param) = named(&|part, param| is_long(part) && param.kinds().len() > 1, pick)?;
            let first = parts[at].words.remove(1);
            parts[at].words[0] += &format!("={first}");
            about = Some(param);
        }
        FaultKind::ValueMisfit
        | FaultKind::ValueRefused
        | FaultKind::ValueNotText
        | FaultKind::PathRefused => {
            let wrong = |param: &Param<'_>| {
                let kind = param.kinds().first()?;
                let is_narrow =
                    matches!(kind.noun(), Noun::Whole | Noun::Number | Noun::Choice | Noun::Truth);
                match way {
                    _ if param.kinds().len() > 1
                        || kind.is_unchecked()
                        || param.list().is_some() =>
                    {
                        None
                    }
                    // Several in a word would be fewer.
                    _ if param.delimiter().is_some() => None,
                    FaultKind::ValueMisfit => is_narrow.then_some("zz!"),
                    FaultKind::ValueRefused => refused(param),
                    FaultKind::ValueNotText => {
                        let is_text = matches!(kind.noun(), Noun::Whole | Noun::Number)
                            || kind.standard() == Some(Standard::Text);
                        is_text.then_some("zz!")
                    }
                    _ => match crate::place(param)? {
                        "directory" | "present" | "file" => Some("none"),
                        _ => Some("file"),
                    },
                }
            };
            let (at, param) =
                named(&|part, param| wrong(param).is_some() && has_value(part, param), pick)?;
            let ending =
                param.extensions().first().map(|ending| format!(".{ending}")).unwrap_or_default();
            let wrong =
                wrong(param)?.to_owned() + if way == FaultKind::PathRefused { &ending } else { "" };
            let word = parts[at].words.last_mut()?;
            let name = match (word.starts_with("--"), word.find('=')) {
                _ if line.parts[at].words.len() > 1 => "",
                (true, Some(equals)) => &word[..=equals],
                _ => &word[..2],
            };
            *word = format!("{name}{wrong}");
            about = Some(param);
            raw = (way == FaultKind::ValueNotText).then_some(at);
        }
        FaultKind::ValuesMiscounted | FaultKind::ValueTwice => {
            let fits = |part: &Part<'d>, param: &'d Param<'d>| {
                let times = given(param).map_or(0, |given| given.times) as u32;
                let is_twice = way == FaultKind::ValueTwice;
                let has_room = times < param.given_times().max;
                param.is_list()
                    && !param.kinds().is_empty()
                    && !param.is_once()
                    && param.delimiter().is_none()
                    && has_value(part, param)
                    && param.is_distinct() == is_twice
                    && has_room == is_twice
            };
            let (at, param) = named(&fits, pick)?;
            parts.insert(at, parts[at].clone());
            about = Some(param);
        }
        FaultKind::RuleBroken if !left_out(line) => {
            let rules: Vec<&Rule<'d>> =
                line.path.iter().flat_map(|command| command.ask().rules()).collect();
            let rule = rules.get(pick(rules.len().max(1)))?;
            let times = |param: &Param<'_>| given(param).map_or(0, |given| given.times);
            let count = |param: &Param<'_>| {
                given(param).filter(|given| counts(given)).map_or(0, |given| given.times)
            };
            let when = rule.when().filter(|when| count(when.0) > 0);
            let are_there = rule.members().iter().any(|member| count(member) > 0);
            let is_flag = |param: &&&'d Param<'d>| {
                param.role() == Role::Flag
                    && param.long().is_some()
                    && !param.stands_alone()
                    && times(param) == 0
                    && leaf.ask().params().any(|own| own.is(param))
            };
            let is_apart = |param: &&&'d Param<'d>| {
                count(param) > 0
                    && param.role() != Role::Operand
                    && param.times().min == 0
                    && param.variable().is_empty()
            };
            match rule.name() {
                "only_one" | "not_with"
                    if are_there && (rule.name() == "only_one" || when.is_none()) =>
                {
                    let other = match rule.name() {
                        "only_one" => rule.members().iter().find(is_flag).copied(),
                        _ => rule.when().map(|when| when.0).filter(|param| is_flag(&param)),
                    }?;
                    parts.insert(head, part(&format!("--{}", other.name()), level));
                }
                "only_with" if when.is_some() => {
                    let member = rule.members().iter().find(is_apart)?;
                    remove(&mut parts, member, &alone)?;
                }
                "all_or_none" if are_there => {
                    let member = rule.members().iter().find(is_apart)?;
                    remove(&mut parts, member, &alone)?;
                }
                _ => return None,
            }
        }
        _ => return None,
    }
    let mut words: Vec<OsString> = Vec::new();
    for (at, part) in parts.iter().enumerate() {
        for word in &part.words {
            words.push(if raw == Some(at) { not_text(word) } else { word.into() });
        }
    }
    Some(Broken { words, kind: way, param: about })
}

/// Takes a parameter off a line, if none of its letters stands with others.
fn remove<'d>(
    parts: &mut Vec<Part<'d>>,
    param: &Param<'d>,
    alone: &dyn Fn(&usize) -> bool,
) -> Option<()> {
    let is_it = |part: &Part<'_>| matches!(part.what, What::Named(other) if other.is(param));
    let letters = (0..parts.len())
        .filter(|at| matches!(parts[*at].what, What::Named(_)) && !alone(at))
        .count();
    (letters == 0).then(|| parts.retain(|part| !is_it(part)))
}

/// The same word with a byte in it that is no text.
fn not_text(word: &str) -> OsString {
    #[cfg(unix)]
    {
        use std::os::unix::ffi::OsStringExt;
        let bytes = word.bytes().map(|byte| if byte == b'!' { 0xff } else { byte });
        OsString::from_vec(bytes.collect())
    }
    #[cfg(not(unix))]
    word.into()
}

fn part<'d>(word: &str, level: usize) -> Part<'d> {
    Part { words: vec![word.to_owned()], what: What::Dashes, level }
}

/// Whether a word begins with a letter of a parameter.
fn is_of(param: &Param<'_>, word: &str) -> bool {
    let letter = word[1..].chars().next();
    let is_it = |name: &&str| name.chars().count() == 1 && name.chars().next() == letter;
    param.letter() == letter || [param.name()].iter().chain(param.aliases()).any(is_it)
}

/// Whether a value is typed with a name.
fn has_value(part: &Part<'_>, param: &Param<'_>) -> bool {
    !param.kinds().is_empty()
        && (part.words.len() > 1
            || part.words[0].contains('=')
            || !part.words[0].starts_with("--") && part.words[0].len() > 2)
}

/// Whether a default is meant that is not named.
fn left_out(line: &Line<'_>) -> bool {
    let named = line.parts.iter().filter(|part| matches!(part.what, What::Command(_))).count();
    named + 1 < line.path.len()
}

/// The place of a command's name, of one above which something holds; nothing where one is left out.
fn command_at(
    parts: &[Part<'_>],
    fits: &dyn Fn(&Command<'_>) -> bool,
    line: &Line<'_>,
    pick: Pick<'_>,
) -> Option<usize> {
    let is_it = |part: &Part<'_>| {
        matches!(part.what, What::Command(_))
            && line.path[..=part.level].iter().any(|above| fits(above))
    };
    let found: Vec<usize> = (0..parts.len()).filter(|&at| is_it(&parts[at])).collect();
    (!found.is_empty() && !left_out(line)).then(|| found[pick(found.len())])
}

/// The long names that are shown at a command, those of what a nearer one hides left aside.
fn shown_names<'d>(line: &Line<'d>, level: usize) -> Vec<&'d str> {
    let in_reach = |(at, command): (usize, &&'d Command<'d>)| {
        let is_it = move |param: &&'d Param<'d>| {
            (at == level || param.is_throughout())
                && param.role() != Role::Operand
                && !param.is_hidden()
                && param.long().is_some()
        };
        command.ask().params().filter(is_it).map(|param| param.name()).collect::<Vec<_>>()
    };
    let mut names: Vec<&str> = line.path[..=level].iter().enumerate().flat_map(in_reach).collect();
    names.sort_unstable();
    names.dedup();
    names
}
