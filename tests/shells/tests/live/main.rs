//! Live completion in real shells: what TAB inserts is what the program gets.
#![cfg(unix)]

mod stage;

use std::fs;
use std::process::Stdio;

use clavret::look::When;
use clavret::shape::{Form, Untyped};
use clavret::shell::{BASH, Cursor, Suggestion, complete};
use clavret::{Attached, COMPLETIONS_COMMAND, Command, Kind, Named, Offer, Operand, Tail};
use clavret_shells::HOSTILE;
use stage::{LIVE, Setting, Shell, Sort, printed, soon};

const DEMO: &str = env!("CARGO_BIN_EXE_demo");
const TORTURE: &str = env!("CARGO_BIN_EXE_torture");

/// Lines with TAB at `⇥`, and the words that the program gets then, the home folder called `HOME` in them. The shells that
/// a row is not for are named behind it.
const LINES: &str = include_str!("lines.txt");
/// The same, every one that was thought of.
const LONG: &str = include_str!("long.txt");

/// Every hostile word, without a quote and in each that may be open, arrives as it is.
#[test]
fn every_text_arrives_unchanged_whichever_quote_is_open() {
    for sort in LIVE.into_iter().chain([Sort::Whole]) {
        let shell = Shell::new(sort, "torture", TORTURE, Setting::default());
        let mut wrong = Vec::new();
        for text in HOSTILE {
            for quote in ["", "'", "\""] {
                let line = format!("torture say {quote}{}⇥", &text[..2]);
                // fish leaves a word open that may go on after such a sign, and its quote with it.
                let is_open =
                    sort == Sort::Fish && text.ends_with(['/', '=', '@', ':', '.', ',', '-']);
                let words = shell.words(&line, if is_open { quote } else { "" });
                if words != ["say", text] {
                    wrong.push(format!("`{line}` gives {words:?}, not {text:?}"));
                }
            }
        }
        // The same words, known at run time: the whole script knows of none.
        for text in HOSTILE.iter().filter(|_| sort != Sort::Whole) {
            let line = format!("torture find {}⇥", &text[..2]);
            let words = shell.words(&line, "");
            if words != ["find", text] {
                wrong.push(format!("`{line}` gives {words:?}, not {text:?}"));
            }
        }
        assert!(wrong.is_empty(), "{sort:?}: {}", wrong.join("\n"));
        assert!(!shell.file("stung").exists(), "{sort:?}");
    }
}

/// Whatever a list does that is asked for values: the line stays as it is or gets one of them, nothing is printed, and
/// nothing is left running.
#[test]
fn a_list_that_goes_wrong_disturbs_nobody() {
    for sort in LIVE {
        let shell = Shell::new(sort, "torture", TORTURE, Setting::default());
        for name in ["late", "holds", "panics", "fails", "million", "prints", "again"] {
            let line = format!("torture odd --{name} ⇥");
            let words = shell.words(&line, "x");
            let does_well = matches!(name, "prints" | "again");
            let value = if does_well { ["done", "x"].as_slice() } else { &["x"] };
            let option = format!("--{name}");
            let expected: Vec<&str> = ["odd", &option].iter().chain(value).copied().collect();
            assert!(
                words == expected || words[..2] == expected[..2] && words[2] == "donex",
                "{sort:?}: {words:?}"
            );
        }
        let screen = shell.screen();
        for told in ["stung", "panicked", "torture 1.0.0", "not found", "error", "clavret 1"] {
            assert!(!screen.contains(told), "{sort:?} prints `{told}`: {screen}");
        }
        // One that waits for its dot is seen.
        let mut waiting = std::process::Command::new(TORTURE);
        waiting.arg("--version").env("CLAVRET", "1").env("HOME", shell.folder.path());
        let mut waiting = waiting.stdin(Stdio::piped()).stdout(Stdio::null()).spawn().unwrap();
        // A process has its environment a moment after it was made.
        let wanted = usize::from(cfg!(target_os = "linux"));
        let seen = soon(|| Some(shell.running(TORTURE)).filter(|seen| *seen == wanted));
        assert!(seen.is_some(), "{sort:?}");
        drop(waiting.stdin.take());
        waiting.wait().unwrap();
        assert_eq!(shell.running(TORTURE), 0, "{sort:?}");
    }
}

#[test]
fn what_is_inserted_is_what_the_program_gets() {
    let rows = LINES.lines().filter(|line| line.contains('⇥'));
    assert!(rows.count() <= 40, "more rows go into the long table");
    inserts(LINES);
}

#[test]
#[ignore = "scripts/keys runs it: it takes minutes"]
fn every_position_that_was_thought_of() {
    inserts(LONG);
}

fn inserts(rows: &str) {
    let mut all = Vec::new();
    for sort in LIVE.into_iter().chain([Sort::Whole]) {
        let demo = Shell::new(sort, "apiary", DEMO, Setting::default());
        let torture = Shell::new(sort, "torture", TORTURE, Setting::default());
        let mut wrong = Vec::new();
        let mut count = 0;
        for row in rows.lines().filter(|line| line.contains('⇥')) {
            let (line, expected) = row.split_once(" => ").unwrap();
            let (expected, but) = expected.split_once(" !").unwrap_or((expected, ""));
            let is_whole = sort == Sort::Whole;
            let is_but = |name| name == sort.name() || is_whole && name == "whole";
            if but.split(' ').any(is_but) {
                continue;
            }
            count += 1;
            let shell = if line.contains("torture") { &torture } else { &demo };
            let home = shell.folder.path().to_string_lossy().into_owned();
            let words = shell.words(line, "").join("|").replace(&home, "HOME");
            // zsh takes the sign of a folder off again where the line ends.
            let is_folder = sort == Sort::Zsh && expected.strip_suffix('/') == Some(&words);
            if words != expected && !is_folder {
                wrong.push(format!("`{line}` gives {words}, not {expected}"));
            }
        }
        println!("{sort:?}: {} of {count}", count - wrong.len());
        all.extend(wrong.iter().map(|wrong| format!("{sort:?}: {wrong}")));
    }
    assert!(all.is_empty(), "{}", all.join("\n"));
}

/// Where there is more than one word to choose from, all of them are listed, and no others.
#[test]
fn what_is_listed_is_what_the_engine_offers() {
    let lines = [
        "",
        "h",
        "hive ",
        "hive add D1 --",
        "hive add D1 --queen ",
        "hive list --as ",
        "hive list --sort code,",
        "inspect A7 -",
        "inspect A7 --",
        "inspect A7 -c",
        "inspect A7 --calm --",
        "report --as ",
        "help ",
        "help hive ",
        "completions ",
        "-q --color ",
        "harvest A7 3 --",
        "harvest A7 3 --barrel --",
        "nosuch --",
        "hive list --sort code,place --",
        "inspect -- -",
    ];
    let mut wrong = Vec::new();
    for sort in LIVE {
        let shell = Shell::new(sort, "apiary", DEMO, Setting::default());
        for line in lines {
            let (before, begun) = line.rsplit_once(' ').unwrap_or(("", line));
            let words: Vec<&str> = before.split(' ').filter(|word| !word.is_empty()).collect();
            let found = complete(&apiary::APIARY, &Cursor::new(&words, begun), None);
            let mut engine: Vec<&str> = found.iter().flat_map(Suggestion::texts).collect();
            engine.sort();
            let offered = shell.offers(&format!("apiary {line}⇥"));
            if offered != engine {
                wrong.push(format!("{sort:?} `{line}` offers {offered:?}, the engine {engine:?}"));
            }
        }
    }
    assert!(wrong.is_empty(), "{}", wrong.join("\n"));
}

/// A program of that name which answers nothing is asked for its version, and what it says is not offered.
#[test]
fn a_foreign_program_sees_only_a_question_for_its_version() {
    let foreign =
        "#!/bin/sh\nprintf '%s\\n' \"$@\" >>\"$HOME/.started\"\necho words; echo apiary 1.0\n";
    for sort in LIVE {
        let script = printed(DEMO, sort);
        let shell = Shell::with(sort, "apiary", foreign, &script, Setting::default());
        assert_eq!(
            shell.completes("apiary hive --secret x⇥").trim_end(),
            "apiary hive --secret x",
            "{sort:?}"
        );
        let started = shell.started();
        assert!(
            !started.is_empty() && started.lines().all(|word| word == "--version"),
            "{sort:?}: {started}"
        );
    }
}

/// The user's own settings change nothing, nor the way in which the script is loaded.
#[test]
fn settings_of_the_user_change_nothing() {
    let package = "source /usr/share/bash-completion/bash_completion";
    let rows = [
        (Sort::Bash, "set -u", false),
        (Sort::Bash, "set -o posix", false),
        (Sort::Bash, "set -f; shopt -s nullglob failglob nocaseglob extglob dotglob", false),
        (Sort::Bash, "IFS=,", false),
        (Sort::Bash, package, false),
        (Sort::Zsh, "", true),
        (Sort::Zsh, "setopt ksh_arrays", false),
        (Sort::Zsh, "setopt null_glob sh_word_split no_unset err_return", false),
        (
            Sort::Zsh,
            "zstyle ':completion:*' group-name ''; zstyle ':completion:*' menu select",
            true,
        ),
    ];
    for (sort, first, is_found) in rows {
        let shell = Shell::new(sort, "apiary", DEMO, Setting { first, is_found });
        let words = shell.words("apiary hive add D1 --queen=bl⇥", "");
        assert_eq!(words, ["hive", "add", "D1", "--queen=blue"], "{sort:?} after `{first}`");
        assert_eq!(
            shell.words("apiary insp⇥ A7", ""),
            ["inspect", "A7"],
            "{sort:?} after `{first}`"
        );
        assert_eq!(
            shell.words("apiary report -o plai⇥", ""),
            ["report", "-o", "plain.txt"],
            "{sort:?} after `{first}`"
        );
    }
}

/// Texts with a shell's syntax in them are shown, and neither run nor printed elsewhere.
#[test]
fn texts_of_a_declaration_are_data() {
    for sort in LIVE {
        let shell = Shell::new(sort, "torture", TORTURE, Setting::default());
        for line in [
            "",
            "s",
            "say ",
            "say ab",
            "options --",
            "options --as ",
            "options --as=",
            "options --list ",
            "options --$",
            "options --at ",
            "options --number ",
            "run ",
            "help ",
            "options --text ",
            "find ",
            "odd --",
            "-",
        ] {
            shell.offers(&format!("torture {line}⇥"));
        }
        assert!(!shell.file("stung").exists(), "{sort:?}");
        let screen = shell.screen();
        for told in [
            "command not found",
            "syntax error",
            "parse error",
            "no matches found",
            "Unknown command",
        ] {
            assert!(!screen.contains(told), "{sort:?} prints `{told}`: {screen}");
        }
        // The script alone says nothing, and succeeds.
        let script = printed(TORTURE, sort);
        fs::write(shell.file("alone"), script).unwrap();
        let mut load = std::process::Command::new(sort.name());
        let load = load
            .current_dir(shell.folder.path())
            .env("HOME", shell.folder.path())
            .args(["-c", "source ./alone"]);
        let loaded = load.output().unwrap();
        let said = [loaded.stdout, loaded.stderr].concat();
        assert!(
            loaded.status.success() && said.is_empty(),
            "{sort:?}: {}",
            String::from_utf8_lossy(&said)
        );
    }
}

/// bash's scripts keep to what version 3.2 has. That version was not run: what is newer is looked for.
#[test]
fn the_scripts_for_bash_have_nothing_newer_than_3_2() {
    // Lists read whole or by names, other cases, the last item, quoting, pipes of both streams.
    let newer = [
        "mapfile",
        "readarray",
        "local -A",
        "declare -A",
        "-n ref",
        ",,}",
        "^^}",
        "[-1]",
        "@Q}",
        "|&",
        "&>>",
        "coproc",
        ";&",
    ];
    let live = BASH.script(&apiary::APIARY);
    let whole = BASH.whole_script(&apiary::APIARY).unwrap();
    for script in [&live, &whole] {
        for newer in newer {
            assert!(!script.contains(newer), "`{newer}` is newer");
        }
    }
    // The same bytes each time, and without a process of its own.
    assert_eq!(BASH.whole_script(&apiary::APIARY), Some(whole));
}

/// The whole script knows what may be at a place, and not what the line has already: it is never narrower than the engine,
/// and wider by names and by what is in the line.
#[test]
fn the_whole_script_is_wider_by_what_only_a_line_tells() {
    static WHEN: Named<Attached<When>> = Named::new("when").letter('w');
    static TOKEN: Named<Option<String>> = Named::new("token").secret_file("token-file");
    static OLD: Named<Option<u8>> = Named::new("old").deprecated("--token");
    static SIDE: Operand<Vec<When>> = Operand::new("side");
    static REST: Operand<Vec<String>> = Operand::new("rest").tail(Tail::AfterDashes);
    static LIST: Command = Command::new("list").formerly(&["ls"]).takes(&[
        WHEN.param(),
        TOKEN.param(),
        OLD.param(),
        SIDE.param(),
        REST.param(),
    ]);
    static ADD: Command = Command::new("add");
    static HIVE: Command = Command::new("hive").commands(&[&ADD, &LIST]).default_command(&LIST);
    let of_hive = [
        "",
        "list --",
        "ls --to",
        "list --when ",
        "list --when -- ",
        "auto ",
        "list a",
        "--",
        "a",
        "--token x ",
        "-- ",
        "-- auto ",
        "--when=auto a",
        "list --when=a",
        "list -wa",
        "list -w a",
        "-wauto l",
    ];
    let of_apiary = [
        "h",
        "hive ",
        "hive add D1 --at 1 2 --",
        "-q list --as ",
        "hive list --sort code --sort ",
        "inspect A7 -",
        "inspect -- -",
        "--color a",
        "help ",
        "help hive ",
        "help nosuch ",
        "nosuch --",
        "report --as ",
        "hive drop A7 --b",
        "run-each echo -",
        "--yard=x hive ",
    ];
    let script = |root| BASH.whole_script(root).unwrap().into_bytes();
    let rows: [(&str, &Command<'_>, &[&str]); 2] =
        [("hive", &HIVE, &of_hive), ("apiary", &apiary::APIARY, &of_apiary)];
    for (name, root, lines) in rows {
        let shell =
            Shell::with(Sort::Whole, name, "#!/bin/sh\n", &script(root), Setting::default());
        for line in lines {
            let (before, begun) = line.rsplit_once(' ').unwrap_or(("", line));
            let words: Vec<&str> = before.split(' ').filter(|word| !word.is_empty()).collect();
            let found = complete(root, &Cursor::new(&words, begun), None);
            let mut engine: Vec<&str> = found.iter().flat_map(Suggestion::texts).collect();
            // What may be attached, and letters that go on a cluster, are no words of a table.
            engine.retain(|word| !word.ends_with('='));
            // Options alone are only listed, by another TAB.
            engine.retain(|word| !begun.is_empty() || !word.starts_with('-'));
            let offered = shell.offers(&format!("{name} {line}⇥"));
            // What readline keeps of a word is not among what it gets.
            let has = |word: &&str| offered.iter().any(|known| word.ends_with(known.as_str()));
            assert!(engine.iter().all(has), "`{line}`: {offered:?} lacks some of {engine:?}");
            let is_more = |word: &&String| {
                !engine.iter().any(|known| known.ends_with(word.as_str()))
                    && !word.starts_with('-')
                    && !line.contains(word.as_str())
            };
            let more: Vec<&String> = offered.iter().filter(is_more).collect();
            assert!(more.is_empty(), "`{line}` offers {more:?} too");
        }
    }
}

/// Any text, in whichever quote is open: what bash makes of what is inserted is that text.
#[test]
fn bash_reads_back_any_text() {
    let letters: Vec<char> =
        "ab \t\n'\"\\$`!*?[]{}()<>|&;#~=:,.^%@-\u{e9}\u{8702}".chars().collect();
    let mut seed = 7_u32;
    let mut next = |most: usize| {
        seed = seed.wrapping_mul(1_664_525).wrapping_add(1_013_904_223);
        (seed >> 8) as usize % most
    };
    let (mut script, mut texts) = (String::new(), Vec::new());
    for _ in 0..500 {
        let text: String = (0..1 + next(10)).map(|_| letters[next(letters.len())]).collect();
        let offers: &'static [Offer<'static>] = vec![Offer::of(text.clone().leak())].leak();
        let kinds = vec![&*Box::leak(Box::new(Kind::choice(offers)))].leak();
        let word =
            Box::leak(Box::new(Untyped::operand("word", Box::leak(Box::new(Form::words(kinds))))));
        let say = Command::draft("say").takes(vec![word.param()].leak());
        let root = Command::draft("root")
            .usual(&[])
            .commands(vec![&*Box::leak(Box::new(say)), &COMPLETIONS_COMMAND].leak())
            .answers();
        for quote in ["", "'", "\""] {
            let line = format!("root say {quote}");
            let request = ["1", "complete", "bash", "9", "", &line, "", "80", ""];
            let answer =
                clavret_core::inner::answer(&root, &request, &clavret::world::SYSTEM).unwrap();
            let Some(inserted) = answer.split('\u{1e}').nth(5) else { continue };
            let inserted =
                inserted.strip_suffix(' ').filter(|_| quote.is_empty()).unwrap_or(inserted);
            // readline closes a quote, unless the word seems to end with it.
            let is_closed = !quote.is_empty() && inserted.ends_with(quote);
            let close = if is_closed { "" } else { quote };
            script += &format!("printf '%s\\0' {quote}{inserted}{close}\n");
            texts.push(text.clone());
        }
    }
    let bash = std::process::Command::new("bash").args(["-c", &script]).output().unwrap();
    let read = String::from_utf8(bash.stdout).unwrap();
    let read: Vec<&str> = read.split_terminator('\0').collect();
    assert!(
        texts.len() > 1000 && bash.stderr.is_empty(),
        "{}",
        String::from_utf8_lossy(&bash.stderr)
    );
    for (read, text) in read.iter().zip(&texts) {
        assert_eq!(read, text);
    }
    assert_eq!(read.len(), texts.len());
}
