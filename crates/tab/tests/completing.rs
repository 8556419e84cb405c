//! Completion against the reader itself: what is offered reads, and what would read is offered, but for what is held
//! back on purpose. For generated declarations and lines.

use std::path::PathBuf;

use clavret_core::ask::{Noun, Param, Role};
use clavret_core::faults::{Facts, Fault, FaultKind, Faults, Place};
use clavret_core::inner;
use clavret_core::reader::{Expects, Meaning, Reader, Step, Words};
use clavret_core::world::Lister;
use clavret_core::{Choice, Command, Kind, Named, Offer, Operand, Outcome, Rule, Tail};
use clavret_generator::{
    Arena, Hue, Listed, Part, Position, STANDARD, Spec, Surroundings, config, declaration, example,
    names, picks, position,
};
use clavret_tab::{COMPLETIONS_COMMAND, Candidate, Cursor, Suggestion, Typed};
use proptest::prelude::*;

/// Without variables.
static WORLD: Surroundings = Surroundings { variables: Vec::new() };

fn spec() -> impl Strategy<Value = Spec> {
    declaration(STANDARD)
}

fn read<'d>(root: &'d Command<'d>, words: &'d [String]) -> Outcome<'d> {
    root.read_in(Words::new(words), &WORLD)
}

fn complete(root: &Command<'_>, cursor: &Cursor) -> Vec<Suggestion> {
    clavret_tab::complete(root, cursor, Some(&WORLD))
}

/// Which parameter it is, of those that have one name.
fn place(param: &Param<'_>) -> usize {
    std::ptr::from_ref(param).addr()
}

/// What a word is taken for after others, if it reads: the line is finished with what the word still needs, and no
/// fault is about the word.
fn read_as(root: &Command<'_>, before: &[String], text: &str) -> Option<(Meaning, Option<usize>)> {
    // The first example may be in a list already, or not together with what is there.
    (0..5).find_map(|nth| read_with(root, (before, &[]), text, nth))
}

/// Whether it reads if another operand follows: the last word of `FIRST... SECOND` is not of the first.
fn reads_before(root: &Command<'_>, before: &[String], text: &str) -> bool {
    let words = [before, &[text.to_owned()]].concat();
    (0..5).any(|nth| {
        more(root, &words, nth)
            .iter()
            .any(|more| read_with(root, (before, more), text, nth).is_some())
    })
}

/// A word for a place of a value: the `nth` choice, or an example.
fn value(param: &Param<'_>, at: usize, nth: usize) -> String {
    let listed = param.list().map(|_| Listed::WORDS[nth % Listed::WORDS.len()]);
    let kind = param.kinds()[at];
    let other = match kind.noun() {
        Noun::Whole | Noun::Number => (nth * 3).to_string(),
        Noun::Text => format!("x{nth}"),
        Noun::Letter => ["x", "y", "a", "b", "c", "d"][nth % 6].to_owned(),
        Noun::Own(_) => format!("B{nth}"),
        Noun::Path => format!("{}{nth}.toml", example(param, at).trim_end_matches(".toml")),
        _ => String::new(),
    };
    let is_other =
        nth > 0 && !other.is_empty() && (param.kinds().len() > 1 || param.accepts(&other));
    match listed.or(kind.offers().nth(nth).map(|offer| offer.0)) {
        Some(offer) => offer.to_owned(),
        None if is_other => other,
        None => example(param, at),
    }
}

/// The words that the operands from one of them on need, or the last of these: what a line may still have.
fn more(root: &Command<'_>, words: &[String], nth: usize) -> Vec<Vec<String>> {
    let mut reader = Reader::new(root, words.len());
    words.iter().for_each(|word| reader.step(word.as_ref()));
    let operands: Vec<&Param<'_>> = reader.command().ask().operands().collect();
    let values = |param: &Param<'_>, least: u32| -> Vec<String> {
        let times = param.times().min.max(least) as usize;
        (0..times)
            .flat_map(|time| (0..param.kinds().len()).map(move |at| value(param, at, nth + time)))
            .collect()
    };
    let mut all = Vec::new();
    for (at, first) in operands.iter().enumerate() {
        let rest: Vec<String> =
            operands[at + 1..].iter().flat_map(|param| values(param, 0)).collect();
        let first = values(first, 1);
        all.extend((0..first.len()).map(|from| [&first[from..], &rest].concat()));
    }
    all
}

/// The words that the last option of a line waits for.
fn missing(root: &Command<'_>, words: &[String], nth: usize) -> Vec<String> {
    let mut reader = Reader::new(root, words.len());
    words.iter().for_each(|word| reader.step(word.as_ref()));
    let mut missing = Vec::new();
    while let Expects::Value(param, at) = reader.expects() {
        let word = value(param, at, nth);
        reader.step(word.as_ref());
        missing.push(word);
    }
    missing
}

/// A word that is to go on after `=`, finished by the value that it waits for.
fn finished(root: &Command<'_>, before: &[String], begun: String) -> String {
    let head = begun.trim_end_matches('=');
    if !begun.starts_with("--") || head.contains('=') {
        let key = Part::OFFERS.iter().find(|key| head.ends_with(key.name()));
        let value = key.and_then(Offer::kind_of_value).map_or("A7".into(), Kind::example_word);
        return begun + &value;
    }
    let mut reader = Reader::new(root, before.len());
    before.iter().for_each(|word| reader.step(word.as_ref()));
    let name = begun.trim_start_matches('-').trim_end_matches('=').to_owned();
    loop {
        if let Some(param) = reader.names_in_reach().named(name.as_bytes()) {
            let value =
                if param.kinds().is_empty() { "yes".to_owned() } else { value(param, 0, 0) };
            return begun + &value;
        }
        if !reader.step_into_default() {
            return begun;
        }
    }
}

/// The same with the `nth` of the values that it may wait for.
fn read_with(
    root: &Command<'_>,
    (before, after): (&[String], &[String]),
    text: &str,
    nth: usize,
) -> Option<(Meaning, Option<usize>)> {
    let mut words = before.to_vec();
    words.push(text.to_owned());
    let mut reader = Reader::new(root, words.len());
    for word in &words {
        reader.step(word.as_ref());
    }
    let is_own = |step: &&Step| step.word() == before.len();
    let step = *reader.steps().iter().rfind(is_own)?;
    let param = reader.param_of(&step).map(place);
    words.extend(missing(root, &words, nth));
    words.extend_from_slice(after);
    let is_about = |faults: &Faults<'_>, fault: &Fault<'_>| {
        let mends_later = fault.rule().is_some_and(|rule| !forbids(&reader, rule));
        let is_here = |place| matches!(place, Place::At { word, .. } if word >= before.len());
        // Of a list that is too long the first word too many is told.
        let is_more = matches!(faults.facts_of(fault), Facts::Count { found, most, .. } if found > most as usize);
        // Of a value of several words that stands twice the first one is told.
        let each = fault.param().map_or(0, |param| param.kinds().len());
        let is_near = |place| matches!(place, Place::At { word, .. } if word + each > before.len());
        let is_twice = fault.kind() == FaultKind::ValueTwice && fault.places().any(is_near);
        let is_long = (is_more || is_twice) && fault.param().map(place) == param;
        !mends_later && (fault.places().any(is_here) || is_long)
    };
    match read(root, &words) {
        Outcome::Faults(faults) if faults.iter().any(|fault| is_about(&faults, fault)) => None,
        _ => Some((step.meaning(), param)),
    }
}

/// Whether a rule forbids something on a line: one of a default that is not named may not come to be.
fn forbids(reader: &Reader<'_>, rule: &Rule<'_>) -> bool {
    let is_of = |command: &&Command<'_>| command.ask().rules().any(|own| std::ptr::eq(own, rule));
    rule.forbids() && reader.path().commands().iter().any(is_of)
}

/// Whether a rule forbids a parameter beside what a line has.
fn is_excluded(reader: &Reader<'_>, param: &Param<'_>) -> bool {
    let path = reader.path();
    let rules = path.commands().iter().flat_map(|command| command.ask().rules());
    rules.filter(|rule| rule.forbids()).any(|rule| {
        let is_given = |other: &&Param<'_>| !other.is(param) && reader.has_given(other);
        let mut members = rule.members().iter().copied();
        match rule.when() {
            Some((on, _)) if on.is(param) => members.any(|member| is_given(&member)),
            Some((on, _)) => is_given(&on) && members.any(|member| member.is(param)),
            None => {
                rule.members().iter().any(|member| member.is(param))
                    && members.any(|member| is_given(&member))
            }
        }
    })
}

fn texts(blocks: Vec<Suggestion>) -> Vec<Candidate> {
    let mut all = Vec::new();
    for block in blocks {
        if let Suggestion::Words { words, .. } = block {
            all.extend(words);
        }
    }
    all
}

/// Every name in reach by the reader's own account, with the parameter it means.
fn in_reach<'d>(root: &'d Command<'d>, before: &[String]) -> Vec<(String, &'d Param<'d>)> {
    let mut reader = Reader::new(root, before.len());
    for word in before {
        reader.step(word.as_ref());
    }
    let mut all = Vec::new();
    loop {
        for param in reader.reach() {
            all.extend(names(param).into_iter().map(|name| (name, param)));
        }
        if !reader.step_into_default() {
            return all;
        }
    }
}

proptest! {
    #![proptest_config(config(256))]

    #[test]
    fn what_is_offered_reads(spec in spec(), picks in picks()) {
        let arena = Arena::new();
        let root = spec.tree(&arena).root;
        let Position { before, begun, .. } = position(root, &mut picks.pick());
        for word in texts(complete(root, &Cursor::new(&before, &begun))) {
            prop_assert!(word.text.starts_with(&begun), "`{}` after `{begun}`", word.text);
            // A word that is to go on is finished by the value that it waits for.
            let is_whole = word.is_whole || !word.text.ends_with('=');
            let text = if is_whole { word.text } else { finished(root, &before, word.text) };
            prop_assert!(
                read_as(root, &before, &text).is_some() || reads_before(root, &before, &text),
                "{before:?} `{begun}` offers `{text}`: {:?}",
                read(root, &[&before[..], std::slice::from_ref(&text)].concat())
            );
        }
    }

    #[test]
    fn what_is_offered_goes_with_what_follows(spec in spec(), picks in picks()) {
        let arena = Arena::new();
        let root = spec.tree(&arena).root;
        let Position { before, begun, after } = position(root, &mut picks.pick());
        // Where an operand ends the options, what follows it would be read anew.
        let ends = |command: &Command<'_>| command.ask().is_ending_options() || command.ask().has_tail(Tail::Raw);
        if after.iter().any(|word| word.starts_with('-')) && root.ask().tree().any(|(_, command)| ends(command)) {
            return Ok(());
        }
        let mut cursor = Cursor::new(&before, &begun);
        cursor.after = after.iter().map(Typed::new).collect();
        for word in texts(complete(root, &cursor)) {
            let is_whole = word.is_whole || !word.text.ends_with('=');
            let text = if is_whole { word.text } else { finished(root, &before, word.text) };
            let mut reader = Reader::new(root, before.len());
            before.iter().chain([&text]).chain(&after).for_each(|word| reader.step(word.as_ref()));
            let is_about = |fault: &Fault<'_>| {
                // What the words after it make of a value that it waits for is not about it.
                let is_behind = fault.kind() == FaultKind::ValueMisfit && text.starts_with('-');
                !is_behind && !matches!(fault.kind(), FaultKind::ValueMissing | FaultKind::ValuesMiscounted)
                    && fault.rule().is_none_or(|rule| forbids(&reader, rule))
                    && fault.places().any(|place| matches!(place, Place::At { word, .. } if word == before.len()))
            };
            let is_wrong = |words: &[String]| {
                matches!(read(root, words), Outcome::Faults(faults) if faults.iter().any(is_about))
            };
            // The first example may be in a list already; and of `FIRST... SECOND` another word may follow.
            let mut ways = (0..5).flat_map(|nth| (0..5).map(move |last| (nth, (nth + last) % 5)));
            let goes = ways.any(|(nth, last)| {
                let words = [&before[..], std::slice::from_ref(&text)].concat();
                let words = [&words[..], &missing(root, &words, nth)].concat();
                // An operand of several words may be finished before what follows.
                let mut betweens = [Vec::new()].into_iter().chain(more(root, &words, nth));
                betweens.any(|between| {
                    let words = [&words[..], &between, &after].concat();
                    let words = [&words[..], &missing(root, &words, last)].concat();
                    let mut with_more = more(root, &words, last).into_iter().map(|more| [&words[..], &more].concat());
                    !is_wrong(&words) || with_more.any(|words| !is_wrong(&words))
                })
            });
            prop_assert!(goes, "{before:?} `{begun}` {after:?} offers `{text}`");
        }
    }

    #[test]
    fn what_reads_is_offered(spec in spec(), picks in picks()) {
        let arena = Arena::new();
        let root = spec.tree(&arena).root;
        let Position { before, begun, .. } = position(root, &mut picks.pick());
        let offered = texts(complete(root, &Cursor::new(&before, &begun)));
        let has = |text: &str| offered.iter().any(|word| word.text == text);
        // What is held back: see docs/completion.md.
        let mut reader = Reader::new(root, before.len());
        before.iter().for_each(|word| reader.step(word.as_ref()));
        // Where a word is wrong already, the reader tells of that and not of what is wrong in its wake.
        let is_wrong = |fault: &Fault<'_>| {
            fault.kind() != FaultKind::ValueMissing
                && fault.places().any(|place| matches!(place, Place::At { .. }))
        };
        match read(root, &before) {
            Outcome::Faults(faults) if faults.iter().any(is_wrong) => return Ok(()),
            Outcome::Request(_) => return Ok(()),
            _ => {}
        }
        for (name, param) in in_reach(root, &before) {
            let mut others = param.aliases().iter().chain(param.former_names());
            let is_alias = others.any(|other| name.trim_start_matches('-') == *other);
            let is_off = param.opposite_letter().is_some_and(|letter| name == format!("-{letter}"));
            let has_long = if is_off { !param.opposite().is_empty() } else { param.long().is_some() };
            let is_letter_beside = name.len() == 2 && has_long && begun.len() < 2;
            let is_dashless = begun.is_empty();
            let is_list = param.role() == Role::Option && param.is_list();
            let is_given = reader.has_typed(param) && param.role() != Role::Tally && !is_list;
            if !name.starts_with(&begun) || param.is_hidden() || is_alias || is_letter_beside || is_dashless || is_given {
                continue;
            }
            if let Some((Meaning::Name | Meaning::Opposite, Some(read))) = read_as(root, &before, &name)
                && read == place(param)
            {
                prop_assert!(has(&name), "{before:?} `{begun}` lacks `{name}`: {offered:?}");
            }
        }
        let defaults = std::iter::successors(Some(reader.command()), |at| at.ask().default_command());
        for command in defaults.flat_map(|command| command.ask().subcommands()) {
            let is_name = command.ask().name().starts_with(&begun) && !command.ask().is_hidden() && !matches!(reader.expects(), Expects::Value(..));
            if is_name && let Some((Meaning::Command, _)) = read_as(root, &before, command.ask().name()) {
                prop_assert!(has(command.ask().name()), "{before:?} `{begun}` lacks `{}`: {offered:?}", command.ask().name());
            }
        }
        // A second value of what may be given once, or one of what may not stand beside what is given.
        let names = |param: &Param<'_>| {
            let is_it = |step: &&Step| step.meaning() == Meaning::Name && reader.param_of(step).is_some_and(|own| own.is(param));
            reader.steps().iter().filter(is_it).count()
        };
        let is_over = matches!(reader.expects(), Expects::Value(param, _)
            if param.is_once() && names(param) > 1 || is_excluded(&reader, param));
        if let Expects::Value(param, at) = reader.expects() && !is_over && !param.is_secret() && param.delimiter().is_none() {
            let offers = param.kinds()[at].offers().filter(|offer| offer.0.starts_with(&begun));
            for (offer, _) in offers {
                if read_as(root, &before, offer).is_some() {
                    prop_assert!(has(offer), "{before:?} `{begun}` lacks `{offer}`: {offered:?}");
                }
            }
        }
        // What a list has for the line as it is then.
        if let Expects::Value(param, _) = reader.expects() && !is_over && param.list().is_some_and(Lister::is_closed) && param.delimiter().is_none() {
            for word in Listed::WORDS.into_iter().filter(|word| word.starts_with(&begun) && *word != "black") {
                let line = [&before[..], &[word.to_owned()]].concat();
                let line = [&line[..], &missing(root, &line, 0)].concat();
                if matches!(read(root, &line), Outcome::Reading(_)) {
                    prop_assert!(has(word), "{before:?} `{begun}` lacks `{word}`: {offered:?}");
                }
            }
        }
        // Operands, where each takes a word of one list.
        let operands: Vec<&Param<'_>> = reader.command().ask().operands().collect();
        let is_hue = |param: &&Param<'_>| param.kinds().len() == 1 && !param.is_secret() && param.kinds()[0].offers().count() > 2;
        let has_tail = reader.command().ask().params().any(|param| param.tail().is_some());
        if !has_tail && operands.iter().all(is_hue) && !matches!(reader.expects(), Expects::Value(..)) {
            let typed: Vec<&String> = reader.operand_steps().iter().map(|step| &before[step.word()]).collect();
            for (offer, _) in operands.first().into_iter().flat_map(|param| param.kinds()[0].offers()) {
                let is_there = operands.iter().any(|param| param.is_distinct()) && typed.iter().any(|word| *word == offer);
                if offer.starts_with(&begun) && !is_there && let Some((Meaning::Operand, _)) = read_as(root, &before, offer) {
                    prop_assert!(has(offer), "{before:?} `{begun}` lacks `{offer}`: {offered:?}");
                }
            }
        }
    }

    /// Whatever a shell says of its line, it gets an answer or none.
    #[test]
    fn any_request_is_borne(shell in 0..3_usize, fields in prop::collection::vec("([a-z0-9 '\"$(){}<>|&;=,~*`\\\\\u{e9}\u{1e}\n-]|\\$HOME/|~/|\\$\\(|add ){0,24}", 0..9), at in 0..4_u8) {
        static HUES: Named<Vec<Hue>> = Named::new("hue").joined_by(',');
        static PAIR: Named<Option<(Hue, i8)>> = Named::new("at");
        static FILE: Operand<PathBuf> = Operand::new("file");
        static ADD: Command = Command::new("add").takes(&[HUES.param(), PAIR.param(), FILE.param()]);
        static ROOT: Command = Command::new("apiary").commands(&[&ADD, &COMPLETIONS_COMMAND]).answers();
        let shell = ["bash", "zsh", "fish"][shell];
        let at = at.to_string();
        let mut request = vec!["1", "complete", shell];
        request.extend((shell == "zsh").then_some(&*at));
        request.extend(fields.iter().map(String::as_str));
        if let Some(answer) = inner::answer(&ROOT, &request, &WORLD) {
            prop_assert!(answer.starts_with("clavret 1"), "{answer:?}");
        }
    }
}
