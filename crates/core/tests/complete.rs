//! Candidates, from the reader's own states.

use clavret_complete::{BASH, candidates};
use clavret_core::{Choice, Command, Named, Offer};

use crate::demo::{APIARY, words};

#[track_caller]
fn offers(line: &str, expected: &str) {
    let (before, prefix) = line.rsplit_once(' ').unwrap_or(("", line));
    assert_eq!(candidates(&APIARY, words(before), prefix).join(" "), expected, "{line}|");
}

#[test]
fn each_position_offers_what_may_stand_there() {
    offers("", "hive inspect help completions");
    offers("h", "hive help");
    offers("hive ", "add move");
    offers("hive add --queen ", "white blue");
    offers("hive add --queen w", "white");
    offers("--color a", "auto always");
    offers("inspect A7 --c", "--calm --color");
    offers("inspect A7 --st", "");
    offers("inspect A7 -f ", "");
    offers("inspect -- ", "");
    offers("inspect -- -", "");
    offers("help hive ", "add move");
    offers("help nosuch ", "");
    offers("completions ", "bash zsh fish");
    offers("nosuch -", "--yard --quiet -v --color --version --help");
}

#[derive(Clone, Copy)]
struct Word;

impl Choice for Word {
    const OFFERS: &'static [Offer<'static>] = &[Offer::new("$(touch sting) `sting` \"'; sting\n")];
    const VALUES: &'static [Self] = &[Word];
}

#[test]
fn text_of_a_declaration_is_data_in_a_script() {
    static NASTY: Named<Word> = Named::new("$(sting)`sting`;'sting'");
    static ROOT: Command = Command::new("a'b$(sting)").takes(&[NASTY.param()]);
    let script = BASH.script(&ROOT);
    assert!(script.contains(r"'--$(sting)`sting`;'\''sting'\'''"), "{script}");
    assert!(script.contains(r"_a_b__sting_()"), "{script}");
}
