//! Of secrets: none is shown, and one that is not named changes nothing.

use std::ffi::OsString;

use clavret_core::ask::Role;
use clavret_core::faults::FaultKind;
use clavret_core::look::Look;
use clavret_core::reader::{Expects, Reader, Words};
use clavret_core::{Command, Outcome, Tail};
use clavret_generator::broken::{WAYS, broken};
use clavret_generator::structure::{self, Given};
use clavret_generator::{
    Arena, Kinds, Made, Picks, STANDARD, Say, Setting, Shaped, Spec, Surroundings, Valued,
    any_line, config, names, picks,
};
use proptest::prelude::*;

use super::{read, spec, world};

/// A secret beside all that a declaration has, `--pin` and `-z`: everywhere, or in one command.
fn with_secret(mut spec: Spec, owner: Option<usize>) -> Spec {
    let yes = |name| Setting { name, say: Say::Yes };
    let letter = Setting { name: "letter", say: Say::Letter('z') };
    let value =
        Valued { kind: Kinds::Of(&STANDARD[0]), shape: Shaped::Optional, is_by_kind: false };
    let at = spec.params.len();
    let below = owner.filter(|_| !spec.root.below.is_empty());
    let way: Vec<usize> = below.map(|owner| owner % spec.root.below.len()).into_iter().collect();
    let mut said = vec![letter, yes("secret")];
    match way[..] {
        [at_below] => spec.root.below[at_below].taken.push(at),
        _ => {
            said.push(yes("throughout"));
            spec.root.taken.push(at);
        }
    }
    let (role, name) = (Role::Option, "pin");
    spec.params.push(Made { role, name, value: Some(value), said, owner: way, is_yard: false });
    spec
}

/// The same with secrets that are none.
fn without_secrets(mut spec: Spec) -> Spec {
    spec.params.iter_mut().for_each(|made| made.said.retain(|setting| setting.name != "secret"));
    spec
}

proptest! {
    #![proptest_config(config(1500))]

    /// No secret is shown of a refused line, wherever and however it was typed: no four letters of it.
    #[test]
    fn no_secret_is_shown_of_a_refused_line(spec in spec(), owner in prop::option::of(0..4_usize), before in picks(), behind in picks(), planted in "[qxjvk]{12}", how in 0..18_u8) {
        let spec = with_secret(spec, owner);
        let arena = Arena::new();
        let tree = spec.tree(&arena);
        let words = |picks: &Picks| any_line(tree.root, &mut picks.pick());
        let (before, behind) = (words(&before), words(&behind));
        let with_secret: Vec<String> = match how {
            0 => vec!["--pin".into(), planted.clone()],
            1 => vec![format!("--pin={planted}")],
            2 => vec![format!("--pin:{planted}")],
            3 => vec![format!("pin={planted}")],
            4 => vec!["--pin".into(), "a".into(), planted.clone()],
            5 => vec!["--pin=a".into(), planted.clone()],
            6 => vec!["--nosuch=a".into(), planted.clone()],
            7 => vec!["-z".into(), planted.clone()],
            8 => vec![format!("-Z{planted}")],
            9 => vec!["-Z".into(), planted.clone()],
            10 => vec!["\u{2014}pin".into(), planted.clone()],
            11 => vec![format!("\u{2013}z{planted}")],
            12 => vec![format!("-pin={planted}")],
            13 => vec![format!("--z={planted}")],
            14 => vec!["-z".into(), "a".into(), planted.clone()],
            15 => vec!["--pni".into(), planted.clone()],
            16 => vec!["-pin".into(), planted.clone()],
            _ => vec![format!("--nosuch={planted}")],
        };
        // After `--` it is a word like others unless a secret's name is in it.
        let mut reader = Reader::new(tree.root, before.len());
        reader.step_all(Words::new(&before));
        let is_value = matches!(reader.expects(), Expects::Value(..));
        let keeps = |command: &Command<'_>| {
            command.ask().has_tail(Tail::UnknownOptions) || command.ask().has_tail(Tail::Raw) || command.ask().is_ending_options()
        };
        if how > 5 && (reader.is_past_options() || is_value || tree.root.ask().tree().any(|(_, command)| keeps(command))) {
            return Ok(());
        }
        let is_shown = |shown: &str| (0..9).any(|at| shown.contains(&planted[at..at + 4]));
        let with_secret: Vec<OsString> = with_secret.into_iter().map(OsString::from).collect();
        let (line, world) = ([before, with_secret, behind].concat(), Surroundings::default());
        if let Outcome::Faults(faults) = read(tree.root, &line, &world) {
            let shown = faults.draw(Look::PLAIN) + &format!("{faults:?} {:?}", faults.iter().collect::<Vec<_>>());
            prop_assert!(!is_shown(&shown), "{planted} {line:?}: {shown}");
        }
    }

    /// A secret that a line does not name changes nothing of what is said of the line.
    #[test]
    fn a_secret_that_is_not_named_changes_nothing(spec in spec(), owner in prop::option::of(0..4_usize), picks in picks(), way in 0..WAYS.len()) {
        let spec = with_secret(spec, owner);
        let spec_without = without_secrets(spec.clone());
        let (with, without) = (Arena::new(), Arena::new());
        let (tree, open) = (spec.tree(&with), spec_without.tree(&without));
        let mut pick = picks.pick();
        let Some(line) = structure::line(tree.root, &mut pick) else { return Ok(()) };
        // Behind a name that nothing is near to there may be a secret.
        let is_open = |given: &Given<'_>| given.times == 0 && given.words.is_empty() || !given.param.is_secret();
        if WAYS[way] == FaultKind::OptionUnknown || !line.given.iter().all(is_open) {
            return Ok(());
        }
        let Some(broken) = broken(&line, WAYS[way], &|_| None, &mut pick) else { return Ok(()) };
        let params = tree.root.ask().tree().flat_map(|(_, command)| command.ask().params());
        let secrets: Vec<String> = params.filter(|param| param.is_secret()).flat_map(names).collect();
        let is_named = |word: &OsString| {
            let word = word.to_string_lossy();
            // A name stands between any signs that are none of its own.
            word.split(|sign: char| !sign.is_alphanumeric() && !"-_.".contains(sign)).any(|part| {
                let name = part.trim_start_matches('-');
                let letter = part.strip_prefix('-').and_then(|part| part.chars().next());
                secrets.iter().map(|secret| secret.trim_start_matches('-')).any(|secret| {
                    // A beginning may be meant as one.
                    name.eq_ignore_ascii_case(secret)
                        || name.len() == 1 && secret.starts_with(name)
                        // Behind letters, of which the last may take a value.
                        || letter.is_some_and(char::is_alphanumeric) && name.ends_with(secret)
                        || secret.len() == 1 && letter.is_some_and(|letter| secret.starts_with(letter))
                })
            })
        };
        if broken.words.iter().any(is_named) {
            return Ok(());
        }
        let world = world(&line.variables);
        let drawn = |root| match read(root, &broken.words, &world) {
            Outcome::Faults(faults) => faults.draw(Look::PLAIN),
            _ => String::new(),
        };
        prop_assert_eq!(drawn(tree.root), drawn(open.root), "{:?}", broken);
    }
}
