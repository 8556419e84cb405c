//! Completion against the reader itself: what is offered reads, and what would read is offered, but for what is held
//! back on purpose. For generated declarations and lines.

mod tree;

use std::path::PathBuf;
use std::sync::LazyLock;

use clavret_complete::{Block, COMPLETIONS, Candidate, Cursor, Typed, candidates_in, complete_in};
use clavret_core::{
    Command, Expects, Fault, FaultKind, Meaning, Named, Operand, Outcome, Param, Place, Reader,
    Role, Rule, Step, Words,
};
use proptest::prelude::*;

use crate::world::Small;
use tree::{Hue, Listed, Position, names, position};

static WORLD: LazyLock<Small> = LazyLock::new(Small::default);

fn read<'d>(root: &'d Command<'d>, words: &'d [String]) -> Outcome<'d> {
    root.read_in(Words::new(words), &*WORLD)
}

fn complete(root: &Command<'_>, cursor: &Cursor) -> Vec<Block> {
    complete_in(root, cursor, &*WORLD)
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
    (0..5).any(|nth| read_with(root, (before, &["blue".to_owned()]), text, nth).is_some())
}

/// The words that the last option of a line waits for: the `nth` choice of each, or an example.
fn missing(root: &Command<'_>, words: &[String], nth: usize) -> Vec<String> {
    let mut reader = Reader::new(root, words.len());
    words.iter().for_each(|word| reader.step(word.as_ref()));
    let mut missing = Vec::new();
    while let Expects::Value(param, at) = reader.expects() {
        let listed = param.list().map(|_| Listed::WORDS[nth]);
        let offer = listed.or(param.kinds()[at].offers().nth(nth).map(|offer| offer.0));
        let example = offer.map_or_else(|| param.example(at), str::to_owned);
        reader.step(example.as_ref());
        missing.push(example);
    }
    missing
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
    let is_about = |fault: &Fault<'_>| {
        let mends_later = fault.rule().is_some_and(|rule| !rule.forbids());
        let is_here = |place| matches!(place, Place::At { word, .. } if word >= before.len());
        // Of a list that is too long the first word too many is told.
        let is_long =
            fault.kind() == FaultKind::ValuesMiscounted && fault.param().map(place) == param;
        !mends_later && (fault.places().any(is_here) || is_long)
    };
    match read(root, &words) {
        Outcome::Faults(faults) if faults.iter().any(is_about) => None,
        _ => Some((step.meaning(), param)),
    }
}

fn texts(blocks: Vec<Block>) -> Vec<Candidate> {
    let mut all = Vec::new();
    for block in blocks {
        if let Block::Words { words, .. } = block {
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
    #![proptest_config(ProptestConfig { max_local_rejects: u32::MAX, failure_persistence: None, ..ProptestConfig::default() })]

    #[test]
    fn what_is_offered_reads(Position { root, before, begun, .. } in position()) {
        for word in texts(complete(root, &Cursor::new(&before, &begun))) {
            prop_assert!(word.text.starts_with(&begun), "`{}` after `{begun}`", word.text);
            // A word that is to go on is finished by the value that it waits for.
            let text = if word.is_whole || word.text.ends_with(|sign| sign != '=') { word.text } else { word.text + "blue" };
            prop_assert!(
                read_as(root, &before, &text).is_some() || reads_before(root, &before, &text),
                "{before:?} `{begun}` offers `{text}`: {:?}",
                read(root, &[&before[..], std::slice::from_ref(&text)].concat())
            );
        }
    }

    #[test]
    fn what_is_offered_goes_with_what_follows(Position { root, before, begun, after } in position()) {
        let mut cursor = Cursor::new(&before, &begun);
        cursor.after = after.iter().map(Typed::new).collect();
        for word in texts(complete(root, &cursor)) {
            let mut words = [&before[..], &[word.text]].concat();
            words.extend(missing(root, &words, 0));
            words.extend_from_slice(&after);
            let is_about = |fault: &Fault<'_>| {
                // What the words after it make of a value that it waits for is not about it.
                !matches!(fault.kind(), FaultKind::ValueMissing | FaultKind::ValueMisfit | FaultKind::ValuesMiscounted)
                    && fault.rule().is_none_or(Rule::forbids)
                    && fault.places().any(|place| matches!(place, Place::At { word, .. } if word == before.len()))
            };
            let is_wrong = |words: &[String]| {
                matches!(read(root, words), Outcome::Faults(faults) if faults.iter().any(is_about))
            };
            // Of `FIRST... SECOND` another word may follow.
            let one_more = [&words[..], &["blue".to_owned()]].concat();
            prop_assert!(
                !is_wrong(&words) || !is_wrong(&one_more),
                "{before:?} `{begun}` {after:?} offers `{}`: {:?}", words[before.len()], read(root, &words)
            );
        }
    }

    #[test]
    fn what_reads_is_offered(Position { root, before, begun, .. } in position()) {
        let offered = candidates_in(root, &before, &begun, &*WORLD);
        let has = |text: &str| offered.iter().any(|word| word == text);
        // What is held back: see docs/completion.md.
        let mut reader = Reader::new(root, before.len());
        before.iter().for_each(|word| reader.step(word.as_ref()));
        // Where a word is wrong already, the reader tells of that and not of what is wrong in its wake.
        let is_wrong = |fault: &Fault<'_>| {
            fault.kind() != FaultKind::ValueMissing
                && fault.places().any(|place| matches!(place, Place::At { .. }))
        };
        if matches!(read(root, &before), Outcome::Faults(faults) if faults.iter().any(is_wrong)) {
            return Ok(());
        }
        for (name, param) in in_reach(root, &before) {
            let is_alias = param.aliases().iter().any(|alias| name.trim_start_matches('-') == *alias);
            let is_letter_beside = name.len() == 2 && param.long().is_some() && begun.len() < 2;
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
        for (_, command) in root.tree().skip(1) {
            let is_name = command.name().starts_with(&begun) && !matches!(reader.expects(), Expects::Value(..));
            if is_name && let Some((Meaning::Command, _)) = read_as(root, &before, command.name()) {
                prop_assert!(has(command.name()), "{before:?} `{begun}` lacks `{}`: {offered:?}", command.name());
            }
        }
        if let Expects::Value(param, at) = reader.expects() && !param.is_secret() && param.delimiter().is_none() {
            let offers = param.kinds()[at].offers().filter(|offer| offer.0.starts_with(&begun));
            for (offer, _) in offers {
                if read_as(root, &before, offer).is_some() {
                    prop_assert!(has(offer), "{before:?} `{begun}` lacks `{offer}`: {offered:?}");
                }
            }
        }
        // What a list has for the line as it is then.
        if let Expects::Value(param, _) = reader.expects() && param.list().is_some() && param.delimiter().is_none() {
            for word in Listed::WORDS.into_iter().filter(|word| word.starts_with(&begun) && *word != "black") {
                let line = [&before[..], &[word.to_owned()]].concat();
                let line = [&line[..], &missing(root, &line, 0)].concat();
                if matches!(read(root, &line), Outcome::Reading(_)) {
                    prop_assert!(has(word), "{before:?} `{begun}` lacks `{word}`: {offered:?}");
                }
            }
        }
        // Operands, where each takes a word of one list.
        let operands: Vec<&Param<'_>> = reader.command().operands().collect();
        let is_hue = |param: &&Param<'_>| param.kinds().len() == 1 && param.kinds()[0].offers().count() > 2;
        let has_tail = reader.command().params().any(|param| param.tail().is_some());
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
    fn any_request_is_borne(shell in 0..3_usize, fields in prop::collection::vec("[a-z0-9 '\"$(){}<>|&;=,~*\\\\\u{e9}\u{1e}\n-]{0,24}", 0..6), at in 0..4_u8) {
        static HUES: Named<Vec<Hue>> = Named::new("hue").joined_by(',');
        static PAIR: Named<Option<(Hue, i8)>> = Named::new("at");
        static FILE: Operand<PathBuf> = Operand::new("file");
        static ADD: Command = Command::new("add").takes(&[HUES.param(), PAIR.param(), FILE.param()]);
        static ROOT: Command = Command::new("apiary").commands(&[&ADD, &COMPLETIONS]).answers();
        let shell = ["bash", "zsh", "fish"][shell];
        let at = at.to_string();
        let mut request = vec!["1", "complete", shell];
        request.extend((shell == "zsh").then_some(&*at));
        request.extend(fields.iter().map(String::as_str));
        if let Some(answer) = ROOT.answer(&request, &Small::default()) {
            prop_assert!(answer.starts_with("clavret 1"), "{answer:?}");
        }
    }
}
