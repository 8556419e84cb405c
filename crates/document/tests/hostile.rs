//! Documents that nobody wrote: a clear error, or a declaration, and no panic.

use clavret_core::ask::CommandPath;
use clavret_core::look::Look;
use clavret_core::medium::{Page, PageLength};
use clavret_document::{Arena, Document};
use clavret_generator::declaration;

use crate::sorts::SORTS;
use proptest::prelude::*;

const MANY: usize = 100_000;

fn told(text: impl AsRef<[u8]>) -> String {
    match Document::read("x.toml", text) {
        Ok(_) => String::new(),
        Err(faults) => faults.to_string(),
    }
}

fn repeated(head: &str, part: impl Fn(usize) -> String, tail: &str) -> String {
    head.to_owned() + &(0..MANY).map(part).collect::<String>() + tail
}

#[test]
fn whatever_is_too_deep_is_told() {
    let head = "clavret = 1\nname = \"x\"\n";
    let path = vec!["command"; MANY].join(".");
    for text in [
        repeated("clavret = 1\nname = ", |_| "[".to_owned(), ""),
        repeated("clavret = 1\nname = ", |_| "{ a = ".to_owned(), ""),
        repeated("{\"clavret\": ", |_| "[".to_owned(), ""),
        repeated("{\"clavret\": ", |_| "{\"a\": ".to_owned(), ""),
        format!("{head}[{path}]\n"),
        format!("{head}[[{path}]]\n"),
        format!("{head}{path} = 1\n"),
    ] {
        let told = told(&text);
        assert!(told.contains("recur") || told.contains("nesting"), "{told}");
    }
    let deep = |depth: usize| {
        let levels = 1..=depth;
        let tables =
            levels.map(|at| format!("[[{}]]\nname = \"a\"\n", vec!["command"; at].join(".")));
        head.to_owned() + &tables.collect::<String>()
    };
    assert_eq!(told(deep(32)), "");
    assert!(told(deep(33)).contains("more than 32 others"));
}

#[test]
fn whatever_is_too_long_is_told() {
    let long = "a".repeat(5 << 20);
    assert!(told(format!("clavret = 1\nname = \"{long}\"")).contains("more than 4 MiB"));
    let name = "a".repeat(201);
    assert!(told(format!("clavret = 1\nname = \"{name}\"")).contains("longer than 200 bytes"));
}

/// A pattern is cheap to write, and not to make ready.
#[test]
fn patterns_are_few_and_small() {
    let large = r#"valid = { pattern = '(\w{20}){20}', example = '' }"#;
    let option = |at: usize, valid: &str| format!("[[option]]\nname = 'o{at}'\n{valid}\n");
    let head = "clavret = 1\nname = 'x'\n";
    assert!(told(head.to_owned() + &option(1, large)).contains("exceeds size limit"));
    let small = r#"valid = [{ pattern = '[A-Z]', example = 'A' }, { length = [1, 1] }]"#;
    let many = |count: usize| {
        head.to_owned() + &(0..count).map(|at| option(at, small)).collect::<String>()
    };
    assert_eq!(told(many(200)), "");
    assert!(told(many(MANY / 10)).contains("200 patterns at most"));
}

/// Many are many: what is wrong with them is counted.
#[test]
fn a_hundred_thousand_options_are_as_good_as_one() {
    let head = "clavret = 1\nname = \"x\"\n";
    let options = |name: &dyn Fn(usize) -> String| {
        repeated(head, |at| format!("[[flag]]\nname = \"{}\"\n", name(at)), "")
    };
    let text = options(&|at| format!("o{at}"));
    let document = Document::read("x.toml", &text).unwrap();
    let arena = Arena::new();
    let page = Page::of(&CommandPath::of(document.command(&arena)), PageLength::Full);
    assert!(page.draw(Look::PLAIN).contains("--o99999"));
    assert!(
        told(options(&|_| "same".to_owned())).starts_with("x.toml: 99999 things to put right\n")
    );
    let rules = repeated(head, |_| "[[rule]]\nonly-one = [\"ox\"]\n".to_owned(), "");
    assert!(told(rules).contains("  and 99990 more\n"));
}

/// Nothing can stand for itself.
#[test]
fn names_that_lead_to_themselves_mean_nothing() {
    let told = told(
        "clavret = 1\nname = \"x\"\ndefault-command = \"x\"\n[[kind]]\nname = \"k\"\nlike = \"k\"\n\
         [[bundle]]\nname = \"b\"\n[[bundle.rule]]\nonly-one = [\"x x\", \"b\"]\n[[option]]\nname = \"o\"\n\
         type = { key = \"o\", value = \"k\" }\n",
    );
    for sentence in [
        "'x' is no subcommand",
        "'k' is no kind",
        "'x x' is no parameter",
        "'b' is no parameter",
        "'o' is no kind",
    ] {
        assert!(told.contains(sentence), "{told}");
    }
}

/// What no name can be is refused, and no text of a document steers a terminal.
#[test]
fn names_with_syntax_of_others_are_refused() {
    let text = "clavret = 1\nname = \"$(id)\\u001b[31m\"\nsummary = \"\\u001b]0;x\\u0007\\u202e\"\n\
                [[option]]\nname = \"`id` \"\nletter = \"$\"\n[[command]]\nname = \".so /etc/passwd\"\n\
                [[flag]]\nname = \"\\u001b[2J\"\n";
    let told = told(text);
    assert!(told.starts_with("x.toml: five things to put right"), "{told}");
    assert!(!told.contains('\u{1b}') && !told.contains('\u{202e}'), "{told:?}");
}

proptest! {
    /// Parts of a document left out, doubled or put elsewhere.
    #[test]
    fn no_document_panics(spec in declaration(&SORTS), at in any::<prop::sample::Index>(), with in "[\\[\\]{}\",:a-z=\n]{0,4}") {
        let mut text = spec.document().to_string();
        let places: Vec<usize> = text.char_indices().map(|(at, _)| at).collect();
        let place = places[at.index(places.len())];
        text.insert_str(place, &with);
        told(&text);
        text.truncate(place);
        told(&text);
    }

    #[test]
    fn no_text_panics(text in ".{0,60}") {
        told(&text);
    }
}
