//! The POSIX utility syntax guidelines (POSIX.1-2024, XBD 12.2) and the GNU long options, a row each.

use std::ffi::{OsStr, OsString};

use clavret_core::ask::Param;
use clavret_core::look::Look;
use clavret_core::reader::Words;
use clavret_core::{Abbreviated, Attached, Command, Flag, Named, Operand, Outcome, Tally};

static ALL: Flag = Flag::new("all").letter('a');
static BRIEF: Flag = Flag::new("brief").letter('b').opposite("full");
static SEVEN: Flag = Flag::new("seven").letter('7');
static OUT: Named<Option<OsString>> = Named::new("out").letter('o');
static SIZE: Named<Option<i32>> = Named::new("size").letter('s');
static WITH: Named<Vec<String>> = Named::new("with").letter('w').joined_by(',');
static WHEN: Named<Attached<String>> = Named::new("when");
static LOUD: Tally = Tally::new("v");
static FILES: Operand<Vec<OsString>> = Operand::new("file");
static UTILITY: Command =
    Command::new("hives").version("1").abbreviations(Abbreviated::Both).takes(&[
        ALL.param(),
        BRIEF.param(),
        SEVEN.param(),
        OUT.param(),
        SIZE.param(),
        WITH.param(),
        WHEN.param(),
        LOUD.param(),
        FILES.param(),
    ]);
static STRICT: Command =
    Command::new("hives").operands_end_options().takes(&[ALL.param(), FILES.param()]);

/// What a line gives in short: the values that are not as when nothing is typed; or what is wrong.
fn read(root: &'static Command<'static>, words: &[&OsStr]) -> String {
    let reading = match root.read(Box::leak(words.to_vec().into_boxed_slice())) {
        Outcome::Reading(reading) => reading,
        Outcome::Faults(faults) => {
            _ = faults.draw(Look::PLAIN);
            let kinds: Vec<_> = faults.iter().map(|fault| format!("{:?}", fault.kind())).collect();
            return kinds.join(" ");
        }
        Outcome::Request(asked) => {
            let asking = asked.param().map(Param::name);
            return asking
                .map_or("script", |name| if name == "help" { "page" } else { name })
                .into();
        }
        other => panic!("{other:?}"),
    };
    let mut said = Vec::new();
    let mut say = |name: &str, value: Option<String>| {
        said.extend(value.map(|value| format!("{name}{value}")));
    };
    for (name, flag) in [("a", &ALL), ("b", &BRIEF), ("7", &SEVEN)] {
        let on = reading.try_get(flag).copied().unwrap_or_default();
        say(name, on.then(String::new));
    }
    let lossy = |word: &OsString| word.to_string_lossy().into_owned();
    say("o=", reading.try_get(&OUT).and_then(|out| out.as_ref().map(lossy)));
    say("s=", reading.try_get(&SIZE).and_then(|size| size.map(|size| size.to_string())));
    let with = reading.try_get(&WITH).filter(|with| !with.is_empty());
    say("w=", with.map(|with| with.join("+")));
    say(
        "when=",
        match reading.try_get(&WHEN) {
            Some(Attached::Bare) => Some(String::new()),
            Some(Attached::Value(when)) => Some(when.clone()),
            _ => None,
        },
    );
    say("v", reading.try_get(&LOUD).filter(|count| **count > 0).map(ToString::to_string));
    say("", Some(format!("{:?}", reading.get(&FILES).iter().map(lossy).collect::<Vec<_>>())));
    said.join(" ")
}

#[track_caller]
fn rows(root: &'static Command<'static>, rows: &[(&str, &str, &str)]) {
    for (rule, line, expected) in rows {
        let words: Vec<&OsStr> =
            line.split(' ').filter(|w| !w.is_empty()).map(OsStr::new).collect();
        // `''` stands for an empty word.
        let words: Vec<&OsStr> =
            words.into_iter().map(|w| if w == "''" { OsStr::new("") } else { w }).collect();
        assert_eq!(read(root, &words), *expected, "{rule}: {line}");
    }
}

#[test]
fn the_posix_guidelines_hold() {
    let long = "x".repeat(100_000);
    let (long_operand, long_value) = (format!("-a {long}"), format!("-o{long}"));
    let (long_read, value_read) = (format!("a [\"{long}\"]"), format!("o={long} []"));
    rows(
        &UTILITY,
        &[
            ("1, 2: names of utilities are the declaration's (see `names_illegal`)", "", "[]"),
            ("3: an option is one letter or digit", "-a -7", "a 7 []"),
            ("3: and nothing else", "-é", "OptionUnknown"),
            ("4: it has a dash in front", "a", r#"["a"]"#),
            ("5: those without values go behind one dash", "-ab7", "a b 7 []"),
            ("5: with one that takes a value at the end", "-abo x", "a b o=x []"),
            ("6: the value is a word of its own", "-o x", "o=x []"),
            ("6: or stands behind the letter", "-ox", "o=x []"),
            ("6: whatever it begins with", "-o -a -s -5", "o=-a s=-5 []"),
            ("6: also --", "-o --", "o=-- []"),
            ("6: also -", "-o - -", r#"o=- ["-"]"#),
            ("6: also an empty word", "-o ''", "o= []"),
            ("6: = is part of it", "-o=", "o== []"),
            ("6: however long", &long_value, &value_read),
            ("7: an option's value is not optional", "-o", "ValueMissing"),
            ("8: several values stand in one word, parted by a comma", "-w a,b -w c", "w=a+b+c []"),
            ("9: options come before operands; here they may follow", "x -a", r#"a ["x"]"#),
            ("10: -- ends the options", "-a -- -b --", r#"a ["-b", "--"]"#),
            ("11: the order of options does not matter", "-b -a", "a b []"),
            ("11: but that the last of one counts", "-s 1 -s 2 -b --full", "s=2 []"),
            ("12: operands keep their order", "z '' y", r#"["z", "", "y"]"#),
            ("12: and may be of any length", &long_operand, &long_read),
            ("13: - is an operand", "- -a -", r#"a ["-", "-"]"#),
            ("14: what looks like an option is one", "-s x", "ValueMisfit"),
            ("14: an unknown one is refused", "-z", "OptionUnknown"),
        ],
    );
    rows(
        &STRICT,
        &[(
            "9: or where the program says so, operands end the options",
            "-a x -a --",
            r#"a ["x", "-a", "--"]"#,
        )],
    );
}

#[test]
fn the_gnu_long_options_hold() {
    rows(
        &UTILITY,
        &[
            ("a name behind two dashes", "--all", "a []"),
            ("its value behind =", "--out=x --out=", "o= []"),
            ("or as a word of its own", "--out x", "o=x []"),
            ("the first = ends the name", "--out=a=b", "o=a=b []"),
            ("an unambiguous beginning is enough", "--al --si=3", "a s=3 []"),
            ("an ambiguous one is refused", "--w=x", "OptionAmbiguous"),
            ("an optional value is attached", "--when --when=now", "when=now []"),
            ("or left out", "--when now", r#"when= ["now"]"#),
            ("a flag takes none", "--all=yes", "ValueUnwanted"),
            ("long ones stand among operands", "x --all y", r#"a ["x", "y"]"#),
            ("-- is none", "-- --all", r#"["--all"]"#),
            ("--help and --version are always there", "x --help", "page"),
            ("whatever else is wrong", "-z --version", "version"),
            ("a repeated one adds up where it is counted", "-vv -v", "v3 []"),
        ],
    );
}

#[test]
#[cfg(unix)]
fn words_that_are_no_text_go_through_and_are_refused_where_text_is_wanted() {
    use std::os::unix::ffi::OsStrExt;
    let raw = |bytes: &'static [u8]| OsStr::from_bytes(bytes);
    assert_eq!(
        read(&UTILITY, &[raw(b"\xff"), raw(b"-o\xfe\x80")]),
        "o=\u{fffd}\u{fffd} [\"\u{fffd}\"]"
    );
    assert_eq!(read(&UTILITY, &[raw(b"--with=a,\xff")]), "ValueNotText");
    assert_eq!(
        read(&UTILITY, &[raw(b"--\xff=a"), raw(b"-\xff\xfe")]),
        "OptionUnknown OptionUnknown"
    );
    let mut reader = clavret_core::reader::Reader::new(&UTILITY, 1);
    reader.step_all(Words::new(&[raw(b"-o\xff")]));
    assert_eq!(reader.steps()[1].bytes(), 2..3);
}
