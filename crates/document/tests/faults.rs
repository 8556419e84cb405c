//! What is wrong with a document is told at its own lines, all at once, with what would be right.

use clavret_core::Outcome;
use clavret_document::{Arena, Document, document_of, to_toml};
use expect_test::{Expect, expect};

fn told(text: &str, expected: Expect) {
    let faults = Document::read("feeding.toml", text).expect_err("nothing is wrong");
    expected.assert_eq(&faults.to_string());
}

/// The sentences alone.
fn sentences(text: &str, expected: &[&str]) {
    let faults = Document::read("feeding.toml", text).expect_err("nothing is wrong");
    let told: Vec<&str> = faults.iter().map(|fault| fault.1).collect();
    assert_eq!(told, expected, "{text}");
}

#[test]
fn what_does_not_fit_is_told_under_its_line() {
    told(
        r#"clavret = 1
name = "feeding"
sumary = "note what each hive was fed"

[[option]]
name = "litres"
letter = "litres"
type = "f46"

[[flag]]
name = "cold"
hidden = "yes"
"#,
        expect![[r#"
            feeding.toml: four things to put right

              feeding.toml:3:1
              sumary = "note what each hive was fed"
              ^^^^^^
              1

              feeding.toml:7:10
              letter = "litres"
                       ^^^^^^^^
                       2

              feeding.toml:8:8
              type = "f46"
                     ^^^^^
                     3

              feeding.toml:12:10
              hidden = "yes"
                       ^^^^^
                       4

              1  'sumary' is no key of a document; `summary` is
              2  `letter` takes a text of one character, and 'litres' is none
              3  'f46' is no kind that is known here; `f64` is
              4  `hidden` takes true or false, and 'yes' is none
        "#]],
    );
}

/// Names, letters, defaults, setters that do not go together: where they stand.
#[test]
fn what_is_declared_wrongly_is_told_under_its_line_too() {
    told(
        r#"clavret = 1
name = "feeding"
[[option]]
name = "litres"
letter = "l"
type = "u8"
default = "600"
file = true
[[flag]]
name = "Cold"
letter = "l"
[[operand]]
name = "hive"
optional = true
[[operand]]
name = "date"
[[command]]
name = "round"
[[tally]]
name = "help"
"#,
        expect![[r#"
            feeding.toml: seven things to put right

              feeding.toml:7:11
              default = "600"
                        ^^^^^
                        1

              feeding.toml:8:8
              file = true
                     ^^^^
                     2

              feeding.toml:10:8
              name = "Cold"
                     ^^^^^^
                     3

              feeding.toml:11:10
              letter = "l"
                       ^^^
                       4

              feeding.toml:13:8
              name = "hive"
                     ^^^^^^
                     5

              feeding.toml:16:8
              name = "date"
                     ^^^^^^
                     6

              feeding.toml:20:8
              name = "help"
                     ^^^^^^
                     7

              1  the default of `litres`, `600`, is above 255
              2  `file` does not go with what `litres` is
              3  the name `Cold` has an upper-case letter in it
              4  `litres` and `Cold` both have the letter `-l` in the command `feeding`
              5  the command `feeding` has the operand `hive` beside the subcommand `round`
                 (a word there could be either; use one kind)
              6  the operand `date` of the command `feeding` is needed, but follows `hive`,
                 which may be absent (declare needed operands first)
              7  `help` of the command `feeding` has the name `--help`, as the usual `help`
                 has (choose another, or list in the root's `usual` only what is to stay)
        "#]],
    );
}

#[test]
fn names_that_mean_nothing_are_told_with_what_there_is() {
    let head = "clavret = 1\nname = \"x\"\n";
    let calm = "[[flag]]\nname = \"calm\"\n[[flag]]\nname = \"cold\"\n";
    let with = |more: &str| format!("{head}{more}");
    for (text, expected) in [
        (
            "default-command = \"rnd\"\n[[command]]\nname = \"round\"",
            "'rnd' is no subcommand here (there is `round`)",
        ),
        (
            "bundles = [\"perod\"]\n[[bundle]]\nname = \"period\"",
            "'perod' is no bundle here; `period` is",
        ),
        ("usual = [\"hlp\"]", "'hlp' is no parameter here"),
        (
            "takes = [\"calm\"]\n[[flag]]\nname = \"calm\"\n[[flag]]\nname = \"b\"",
            "`takes` leaves out `b`",
        ),
        ("takes = [\"b\", \"b\"]\n[[flag]]\nname = \"b\"", "`takes` lists 'b' twice"),
        (
            "[[rule]]\nonly-one = []\nonly-with = []",
            "a rule is of one sort, and this one is `only-one` already",
        ),
        (
            "[[rule]]\nvalue = 3",
            "a rule has one of `only-one`, `at-least-one`, `all-or-none`, `only-with`, `not-with`, `needed-with`",
        ),
        ("[[kind]]\nname = \"k\"", "a kind has one of `noun`, `like` and `offers`"),
        ("[[kind]]\nname = \"u8\"\nnoun = \"a\"", "`u8` is a type of the library already"),
        ("[wording.with]\none-falt = \"iets\"", "'one-falt' is no phrase; `one-fault` is"),
        (
            "[[option]]\nname = \"a\"\ntype = \"u8\"\nvalid = { range = [1, \"many\"] }",
            "'many' is no value of the type `u8`",
        ),
        (
            "[[option]]\nname = \"a\"\nvalid = { multiple-of = 3 }",
            "the type `text` has no `multiple-of`",
        ),
        (
            "[[option]]\nname = \"a\"\nvalid = { pattern = \"(\", example = \"\" }",
            "this is no regular expression (unclosed group)",
        ),
        (
            "[[option]]\nname = \"a\"\nvalid = { says = \"even\" }",
            "what this accepts only its program knows: add `unchecked = true`",
        ),
        (
            "[config]\nfile = \"a.toml\"\noption = \"confg\"\n[[option]]\nname = \"config\"",
            "'confg' is no parameter here; `config` is",
        ),
        (
            "[[command]]\nname = \"a\"\nversion = \"1\"",
            "'version' is no key of a command; it is one of the whole document",
        ),
        (
            "statuses = [[256, \"done\"]]",
            "`statuses` takes a whole number from 0 to 255, and 256 is none",
        ),
        ("judged-by = \"me\"", "`judged-by` takes \"unchecked\", and 'me' is none"),
    ] {
        sentences(&with(text), &[expected]);
    }
    // What people call things elsewhere leads to what they are called here.
    for (key, expected) in [
        ("environment = \"A\"", "'environment' is no key of an option; `variable` is"),
        (
            "required = true",
            "'required' is no key of an option: a value must be given, unless `optional = true`",
        ),
        ("max = 3", "'max' is no key of an option: `valid = { range = [LOW, HIGH] }` has both"),
        ("type = \"integer\"", "'integer' is no kind that is known here; `i64` is"),
        ("type = \"choice\"", "a closed list is a kind of its own: a `[[kind]]` with `offers`"),
    ] {
        sentences(&with(&format!("[[option]]\nname = \"b\"\n{key}\n")), &[expected]);
    }
    let rules = "[[rule]]\nonly-one = [\"calm\", \"cald\"]\n[[rule]]\nneeded-with = [\"calm\"]\n";
    sentences(
        &with(&format!("{calm}{rules}")),
        &[
            "'cald' is no parameter here (there are `calm`, `cold`)",
            "`needed-with` needs `param = \"…\"`: the parameter that it hangs on",
        ],
    );
}

#[test]
fn a_text_that_is_none_is_told_of() {
    sentences("", &["a document needs `clavret = 1` and `name = \"…\"`"]);
    sentences(
        "clavret = 2\nname = \"x\"",
        &["`clavret` takes 1, the only version that there is, and 2 is none"],
    );
    sentences("{\"clavret\": 1, \"name\": \"x\", \"name\": \"y\"}", &["`name` stands twice here"]);
    sentences(
        "{\"clavret\": 1,}",
        &["it cannot be read as JSON (trailing commas are not allowed)"],
    );
    let unclosed = "it cannot be read as TOML (unclosed array table, expected `]`)";
    sentences(
        "name = \"x\n[[option]\n",
        &["it cannot be read as TOML (invalid basic string, expected `\"`)", unclosed],
    );
    let faults = Document::read("x", b"clavret = 1\nname = \"\xff\"").unwrap_err();
    assert!(faults.to_string().contains("it is no text in UTF-8 from here on"), "{faults}");
    assert!(Document::read("x", "\u{feff}clavret = 1\nname = \"x\"").is_ok());
}

/// A test stands on the kind, and is that of all its parameters; another one may have its own.
#[test]
fn a_kind_tests_its_words() {
    let text = r#"
        clavret = 1
        name = "weigh"
        kind = [{ name = "hive", noun = "a hive's code", example = "A7", valid = { pattern = "[A-Z][0-9]+", example = "A7" } }]
        operand = [{ name = "hive", type = "hive" }]
        option = [{ name = "beside", type = "hive", many = true, valid = { length = [3, 9] } }]
    "#;
    let (document, arena) = (Document::read("weigh", text).unwrap(), Arena::new());
    let weigh = document.command(&arena);
    for (words, reads) in [
        (&["A7"][..], true),
        (&["a7"], false),
        (&["A7", "--beside", "old"], true),
        (&["A7", "--beside", "B2"], false),
    ] {
        assert_eq!(matches!(weigh.read(words), Outcome::Reading(_)), reads, "{words:?}");
    }
    let wrong = text.replace("pattern = \"[A-Z][0-9]+\", example = \"A7\"", "range = [1, 2]");
    let told = Document::read("weigh", &wrong).unwrap_err().to_string();
    assert!(told.contains("the type `text` has no `range`"), "{told}");
}

/// A key of entries may have values of its own, and a document of the declaration says so again.
#[test]
fn a_key_says_what_its_value_may_be() {
    let text = r#"
        clavret = 1
        name = "pack"
        kind = [
            { name = "part", offers = [{ name = "lid", value = "lid" }, { name = "jars", value = "u8" }, { name = "ribbon" }] },
            { name = "lid", offers = [{ name = "gold" }, { name = "white" }] },
        ]
        option = [{ name = "box", type = { key = "part", value = "text" } }]
    "#;
    let (document, arena) = (Document::read("pack", text).unwrap(), Arena::new());
    let pack = document.command(&arena);
    let again = Document::read("pack", to_toml(&document_of(pack))).unwrap();
    let again = again.command(&arena);
    for (word, reads) in [
        ("lid=gold", true),
        ("lid=red", false),
        ("jars=12", true),
        ("jars=300", false),
        ("ribbon=red", true),
        ("size=3", false),
    ] {
        for root in [pack, again] {
            let words = ["--box", word];
            assert_eq!(matches!(root.read(&words), Outcome::Reading(_)), reads, "{word}");
        }
    }
    let wrong = text.replace(r#"value = "u8""#, r#"value = "part""#);
    let told = Document::read("pack", &wrong).unwrap_err().to_string();
    assert!(told.contains("the value of a key cannot have keys itself"), "{told}");
}
