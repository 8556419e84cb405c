//! Completion against the reader itself: what is offered reads, and what would read is offered, but for what is held
//! back on purpose. For generated declarations and lines.

use std::path::PathBuf;

use clavret_complete::{Block, COMPLETIONS, Candidate, Cursor, Typed, candidates, complete};
use clavret_core::{
    Attached, Choice, Command, CommandPath, Expects, Fault, FaultKind, Flag, Look, Meaning, Named,
    Offer, Operand, Outcome, Page, PageLength, Param, Place, Reader, Role, Rule, Step, Tail, Tally,
    valid,
};
use proptest::prelude::*;
use proptest::sample::Index;

use crate::generated::leak;

#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
struct Hue(u8);

impl Choice for Hue {
    const OFFERS: &'static [Offer<'static>] = &[
        Offer::new("blue"),
        Offer::new("black"),
        Offer::new("-dark"),
        Offer::new("-5"),
        Offer::new("brass").deprecated("blue"),
        Offer::new("a,b"),
    ];
    const VALUES: &'static [Self] = &[Hue(0), Hue(1), Hue(2), Hue(3), Hue(4), Hue(5)];
}

/// One that a validator refuses.
fn no_black(hue: &Hue) -> Result<(), String> {
    if *hue == Hue(1) { Err("any hue but black".to_owned()) } else { Ok(()) }
}

const NAMES: [&str; 10] =
    ["calm", "calmer", "color", "count", "no-calm", "note", "notes", "bl", "blue", "x"];

/// A parameter of some sort by a number, called by a name and perhaps a letter.
fn param(
    sort: u8,
    name: &'static str,
    letter: Option<char>,
    throughout: bool,
) -> &'static Param<'static> {
    macro_rules! named {
        ($key:expr) => {{
            let mut key = $key;
            if let Some(letter) = letter.filter(|_| name.len() > 1) {
                key = key.letter(letter);
            }
            if throughout {
                key = key.throughout();
            }
            leak(key).param()
        }};
    }
    let aliases: &'static [&'static str] = leak(vec![leak(format!("{name}-too")).as_str()]);
    match sort % 15 {
        0 => named!(Flag::<bool>::draft(name)),
        1 => named!(Flag::<bool>::draft(name).opposite(leak(format!("un{name}")))),
        2 => named!(Tally::draft(name)),
        3 => named!(Named::<Option<String>>::draft(name)),
        4 => named!(Named::<Option<Hue>>::draft(name)),
        5 => named!(Named::<Vec<Hue>>::draft(name).joined_by(',')),
        6 => named!(Named::<Vec<Hue>>::draft(name).distinct().times(1, 3)),
        7 => named!(Named::<Attached<Hue>>::draft(name)),
        8 => named!(Named::<Option<(Hue, i8)>>::draft(name)),
        9 => named!(Named::<Option<Hue>>::draft(name).once().valid(leak(valid::by(no_black)))),
        10 => named!(Named::<Option<Hue>>::draft(name).secret()),
        11 => named!(Flag::<bool>::draft(name).hidden()),
        12 => named!(Flag::<bool>::draft(name).worded().aliases(aliases)),
        13 => named!(Named::<Vec<Hue>>::draft(name).joined_by(',').distinct().times(1, 2)),
        _ => named!(Flag::<Option<bool>>::draft(name).deprecated("--blue")),
    }
}

fn operand(sort: u8, name: &'static str) -> &'static Param<'static> {
    match sort % 9 {
        0 => leak(Operand::<String>::draft(name)).param(),
        1 => leak(Operand::<Hue>::draft(name)).param(),
        2 => leak(Operand::<Vec<Hue>>::draft(name)).param(),
        3 => leak(Operand::<Vec<Hue>>::draft(name).times(1, 2).distinct()).param(),
        4 => leak(Operand::<Option<(Hue, bool)>>::draft(name)).param(),
        5 => leak(Operand::<Option<i8>>::draft(name)).param(),
        6 => leak(Operand::<Vec<String>>::draft(name).tail(Tail::Raw)).param(),
        7 => leak(Operand::<Vec<String>>::draft(name).tail(Tail::AfterDashes)).param(),
        _ => leak(Operand::<Option<Hue>>::draft(name)).param(),
    }
}

#[derive(Debug, Clone)]
struct Node {
    params: Vec<(u8, Index, Option<char>, bool)>,
    operands: Vec<u8>,
    /// A rule over its options: which of two, and which options.
    rule: Option<(bool, Index, Index)>,
    abbreviates: bool,
    ends: bool,
}

fn node(most: usize) -> impl Strategy<Value = Node> {
    let letter = proptest::option::of(prop::sample::select(vec!['c', 'x', 'b', '5', 'n']));
    let params =
        prop::collection::vec((any::<u8>(), any::<Index>(), letter, any::<bool>()), 0..most);
    let operands = prop::collection::vec(any::<u8>(), 0..3);
    let rule = proptest::option::of((any::<bool>(), any::<Index>(), any::<Index>()));
    (params, operands, rule, prop::bool::weighted(0.2), prop::bool::weighted(0.1)).prop_map(
        |(params, operands, rule, abbreviates, ends)| Node {
            params,
            operands,
            rule,
            abbreviates,
            ends,
        },
    )
}

impl Node {
    fn command(
        &self,
        name: &'static str,
        below: Vec<&'static Command<'static>>,
        default: Option<usize>,
    ) -> &'static Command<'static> {
        let mut params: Vec<&'static Param<'static>> = Vec::new();
        for (sort, at, letter, throughout) in &self.params {
            params.push(param(*sort, NAMES[at.index(NAMES.len())], *letter, *throughout));
        }
        let options = params.clone();
        if below.is_empty() {
            for (at, sort) in self.operands.iter().enumerate() {
                params.push(operand(*sort, ["first", "second", "third"][at]));
            }
        }
        let mut command = Command::draft(name).takes(leak(params));
        if let Some((is_only_one, one, other)) = &self.rule
            && !options.is_empty()
        {
            let (one, other) =
                (options[one.index(options.len())], options[other.index(options.len())]);
            let rule = match is_only_one {
                true => Rule::only_one(leak(vec![one, other])),
                false => Rule::not_with(one, leak(vec![other])),
            };
            if !one.is(other) {
                command = command.rules(leak(vec![rule]));
            }
        }
        if self.abbreviates {
            command = command.abbreviations();
        }
        if self.ends {
            command = command.operands_end_options();
        }
        if !below.is_empty() {
            if let Some(default) = default {
                command = command.default_command(below[default % below.len()]);
            }
            command = command.commands(leak(below));
        }
        leak(command)
    }
}

/// A tree without a mistake in it.
fn tree() -> impl Strategy<Value = &'static Command<'static>> {
    let below = prop::collection::vec(node(4), 0..3);
    let trees =
        (node(4), below, proptest::option::of(0_usize..3)).prop_map(|(root, below, default)| {
            let names = ["blue", "add", "b"];
            let below = below
                .iter()
                .zip(names)
                .map(|(node, name)| node.command(name, Vec::new(), None))
                .collect();
            root.command("apiary", below, default)
        });
    trees.prop_filter("a tree has mistakes", |root| root.problems().is_empty())
}

/// All that may be typed somewhere, and some that may not.
fn pool(root: &Command<'_>) -> Vec<String> {
    let mut words: Vec<String> =
        ["--", "-5", "-", "x", "blue", "black", "yes", "", "--nothing", "-c", "black,blue"]
            .map(str::to_owned)
            .to_vec();
    for (_, command) in root.tree() {
        words.push(command.name().to_owned());
        for param in command.params().filter(|param| param.role() != Role::Operand) {
            words.extend(names(param));
            words.push(format!("--{}=blue", param.name()));
            words.push(format!("--{}=black,", param.name()));
            words.extend(param.letter().map(|letter| format!("-{letter}c")));
            words.extend(param.letter().map(|letter| format!("-{letter}blue")));
        }
    }
    words
}

/// Every name of a parameter, dashes included.
fn names(param: &Param<'_>) -> Vec<String> {
    let mut names = Vec::new();
    for name in [param.name(), param.opposite()].iter().chain(param.aliases()) {
        if !name.is_empty() {
            names.push(if name.len() > 1 { format!("--{name}") } else { format!("-{name}") });
        }
    }
    names.extend(
        [param.letter(), param.opposite_letter()]
            .into_iter()
            .flatten()
            .map(|letter| format!("-{letter}")),
    );
    names
}

/// Which parameter it is, of those that have one name.
fn place(param: &Param<'_>) -> usize {
    std::ptr::from_ref(param).addr()
}

/// What a word is taken for after others, if it reads: the line is finished with what the word still needs, and no
/// fault is about the word.
fn read_as(root: &Command<'_>, before: &[String], text: &str) -> Option<(Meaning, Option<usize>)> {
    // The first example may be in a list already, or not together with what is there.
    (0..5).find_map(|nth| read_with(root, before, text, nth))
}

/// The words that the last option of a line waits for: the `nth` choice of each, or an example.
fn missing(root: &Command<'_>, words: &[String], nth: usize) -> Vec<String> {
    let mut reader = Reader::new(root, words.len());
    words.iter().for_each(|word| reader.step(word.as_ref()));
    let mut missing = Vec::new();
    while let Expects::Value(param, at) = reader.expects() {
        let offer = param.kinds()[at].offers().nth(nth);
        let example = offer.map_or_else(|| param.example(at), |offer| offer.0.to_owned());
        reader.step(example.as_ref());
        missing.push(example);
    }
    missing
}

/// The same with the `nth` of the values that it may wait for.
fn read_with(
    root: &Command<'_>,
    before: &[String],
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
    let is_about = |fault: &Fault<'_>| {
        let mends_later = fault.rule().is_some_and(|rule| !rule.forbids());
        let is_here = |place| matches!(place, Place::At { word, .. } if word >= before.len());
        // Of a list that is too long the first word too many is told.
        let is_long =
            fault.kind() == FaultKind::ValuesMiscounted && fault.param().map(place) == param;
        !mends_later && (fault.places().any(is_here) || is_long)
    };
    match root.read(&words) {
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

/// A place on a line of a program.
struct Position {
    root: &'static Command<'static>,
    before: Vec<String>,
    begun: String,
    after: Vec<String>,
}

/// What a person needs to see of one that fails.
impl std::fmt::Debug for Position {
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        for path in CommandPath::tree(self.root) {
            writeln!(f, "{}", Page::of(&path, PageLength::Full).draw(Look::PLAIN))?;
        }
        writeln!(f, "{:?} {:?} {:?}", self.before, self.begun, self.after)
    }
}

fn position() -> impl Strategy<Value = Position> {
    let picks = prop::collection::vec(any::<Index>(), 0..6);
    let after = prop::collection::vec(any::<Index>(), 0..3);
    let cut = (any::<Index>(), any::<Index>());
    (tree(), picks, cut, after).prop_map(|(root, picks, (last, cut), after)| {
        let pool = pool(root);
        let pick = |at: &Index| pool[at.index(pool.len())].clone();
        let word = pick(&last);
        let begun = word[..cut.index(word.len() + 1)].to_owned();
        let (before, after) = (picks.iter().map(pick).collect(), after.iter().map(pick).collect());
        Position { root, before, begun, after }
    })
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
                read_as(root, &before, &text).is_some(),
                "{before:?} `{begun}` offers `{text}`: {:?}",
                root.read(&[&before[..], std::slice::from_ref(&text)].concat())
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
            let read = root.read(&words);
            let is_wrong = matches!(&read, Outcome::Faults(faults) if faults.iter().any(is_about));
            prop_assert!(!is_wrong, "{before:?} `{begun}` {after:?} offers `{}`: {read:?}", words[before.len()]);
        }
    }

    #[test]
    fn what_reads_is_offered(Position { root, before, begun, .. } in position()) {
        let offered = candidates(root, &before, &begun);
        let has = |text: &str| offered.iter().any(|word| word == text);
        // What is held back: see docs/completion.md.
        let mut reader = Reader::new(root, before.len());
        before.iter().for_each(|word| reader.step(word.as_ref()));
        // Where a word is wrong already, the reader tells of that and not of what is wrong in its wake.
        let is_wrong = |fault: &Fault<'_>| {
            fault.kind() != FaultKind::ValueMissing
                && fault.places().any(|place| matches!(place, Place::At { .. }))
        };
        if matches!(root.read(&before), Outcome::Faults(faults) if faults.iter().any(is_wrong)) {
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
        if let Some(answer) = ROOT.answer(&request) {
            prop_assert!(answer.starts_with("clavret 1"), "{answer:?}");
        }
    }
}
