//! The gallery: it shows all that there is to be shown, and what it showed last.

use std::collections::BTreeSet;

use clavret::faults::FaultKind;
use clavret::look::Look;
use clavret::reader::Words;
use clavret::wording::{Phrase, Wording};
use clavret::{Outcome, prove, rehearse};
use expect_test::expect_file;

#[allow(dead_code)]
#[path = "../examples/gallery/main.rs"]
mod gallery;

use gallery::exhibits::{Exhibit, PROGRAMS, exhibits};

/// What a page or a fault is compared with, and never shows.
const COMPARED: [Phrase; 2] = [Phrase::FileWord, Phrase::DirectoryWord];

/// What is said of all exhibits, each by its line, with other texts for the phrases.
fn said_with(text: impl Fn(Phrase, &str) -> String) -> Vec<(String, String)> {
    let places = |phrase: Phrase| {
        let places = (0..4).map(|at| format!("{{{at}}}"));
        places.filter(|at| phrase.english().contains(at)).collect::<Vec<_>>().join("·")
    };
    let texts: Vec<(Phrase, String)> =
        Phrase::ALL.iter().map(|&phrase| (phrase, text(phrase, &places(phrase)))).collect();
    let texts: Vec<(Phrase, &str)> =
        texts.iter().map(|(phrase, text)| (*phrase, text.as_str())).collect();
    let wording = Wording::ENGLISH.with(&texts).count_words(&[]).signs(&[]);
    let said = |exhibit: Exhibit| {
        let program = exhibit.program().adapted().wording(&wording);
        (exhibit.said(&program, Look::PLAIN.width(5000)), exhibit.line)
    };
    exhibits().into_iter().map(said).map(|(said, line)| (line, said)).collect()
}

/// A phrase counts where it is drawn: each is replaced by its name, and looked for in what is shown.
#[test]
fn every_phrase_is_drawn() {
    let mark = |phrase: Phrase| format!("⟦{}⟧", phrase.name());
    let all = said_with(|phrase, places| mark(phrase) + places);
    let is_drawn = |phrase: Phrase| all.iter().any(|(_, said)| said.contains(&mark(phrase)));
    let missing: Vec<&Phrase> = Phrase::ALL
        .iter()
        .filter(|phrase| !is_drawn(**phrase) && !COMPARED.contains(phrase))
        .collect();
    assert!(missing.is_empty(), "not drawn: {missing:?}");
}

/// Where each phrase is no more than its places, what is left of words is typed or declared.
#[test]
fn every_word_is_of_a_phrase_or_declared() {
    let mut declared = OTHERS.to_owned();
    for (_, command) in PROGRAMS.iter().flat_map(|root| root.ask().tree()) {
        // What the library brings speaks in phrases, too.
        let own = |text| if command.ask().alone().is_some() { "" } else { text };
        declared += &format!(" {} {:?}", command.ask().name(), command.ask().package());
        declared.extend(command.ask().aliases().iter().flat_map(|name| [" ", name]));
        declared += &format!(" {} {}", own(command.ask().summary()), command.ask().description());
        declared += &format!(" {:?} {:?}", command.ask().examples(), command.ask().statuses());
        for param in command.ask().params() {
            declared += &format!(" {} {} {}", param.name(), param.opposite(), own(param.help()));
            declared +=
                &format!(" {} {} {}", param.placeholders(0), param.variable(), param.file_name());
            for kind in param.kinds() {
                declared += &format!(" {:?} {}", kind.noun(), kind.example_word());
                let keys = kind.sides().map(|sides| sides.0);
                for kind in [*kind].into_iter().chain(keys) {
                    declared.extend(kind.offers().flat_map(|(name, help)| [" ", name, " ", help]));
                }
            }
        }
    }
    let mut unknown = Vec::new();
    for (line, said) in said_with(|_, places| format!("·{places}·")) {
        let known = (line.clone() + &declared).to_lowercase();
        let words = said.split(|letter: char| !letter.is_ascii_alphabetic());
        let is_unknown = |word: &&str| word.len() > 2 && !known.contains(&word.to_lowercase());
        unknown.extend(words.filter(is_unknown).map(|word| (word.to_owned(), line.clone())));
    }
    assert!(unknown.is_empty(), "in no phrase: {unknown:#?}");
}

/// Words that are neither: names of what is usual, values of lists, and texts of files, of errors, of tests and of other
/// libraries.
const OTHERS: &str = "help completions document without acacia lime meadow clover heather linden rape thyme willow \
    chestnut directory srot cannot disk does answer left both empty rows has \
    invalid basic string expected unexpected brace unclosed group host EOF while parsing object column range input minor major character";

/// A program's own test is asked last, and says one thing.
const ALONE: FaultKind = FaultKind::ReadingRefused;

/// A kind counts where it is the only fault of a line, which is drawn then, and where it is told beside another.
#[test]
fn every_kind_of_faults_is_drawn_alone_and_beside_another() {
    let (mut alone, mut beside) = (BTreeSet::new(), BTreeSet::new());
    let mut misnamed = Vec::new();
    for exhibit in exhibits() {
        let (around, words) = exhibit.parted();
        if exhibit.name == "hint" {
            continue;
        }
        let Outcome::Faults(faults) = exhibit.program().read_in(Words::new(&words), &around) else {
            continue;
        };
        let kinds: BTreeSet<String> =
            faults.iter().map(|fault| fault.kind().name().to_owned()).collect();
        if !kinds.contains(exhibit.name) && exhibit.name != "mistake" {
            misnamed.push((exhibit.line, kinds.clone()));
        }
        match faults.iter().count() {
            1 => alone.extend(kinds),
            _ if faults.draw(Look::PLAIN).contains("\n  2  ") => beside.extend(kinds),
            _ => {}
        }
    }
    assert!(misnamed.is_empty(), "under another name: {misnamed:#?}");
    let is_missing = |drawn: &BTreeSet<String>| {
        FaultKind::ALL.iter().filter(|kind| !drawn.contains(kind.name())).collect::<Vec<_>>()
    };
    beside.insert(ALONE.name().to_owned());
    let (alone, beside) = (is_missing(&alone), is_missing(&beside));
    assert!(alone.is_empty() && beside.is_empty(), "not alone: {alone:?}; not beside: {beside:?}");
}

#[test]
fn the_gallery_shows_what_it_showed() {
    for (width, color, file) in [
        (60, "never", expect_file!["../examples/gallery/shown/60.txt"]),
        (60, "always", expect_file!["../examples/gallery/shown/60.color.txt"]),
        (100, "never", expect_file!["../examples/gallery/shown/100.txt"]),
        (100, "always", expect_file!["../examples/gallery/shown/100.color.txt"]),
    ] {
        let line = format!("--width {width} --color {color}");
        let shown = rehearse(&gallery::PROGRAM).words(line.split(' ')).run();
        shown.succeeds();
        file.assert_eq(&shown.out);
    }
}

#[test]
fn the_gallery_is_a_program_like_others() {
    prove(&gallery::PROGRAM);
    let unknown = rehearse(&gallery::PROGRAM).words(["value-misfits"]).run();
    unknown.refuses("no exhibit is called 'value-misfits'; value-misfit is");
}
