//! Live completion in real shells: what TAB inserts is what the program gets.
#![cfg(unix)]

mod stage;

use std::fs;

use clavret::candidates;
use clavret_shells::HOSTILE;
use stage::{ALL, Setting, Shell, Sort};

const DEMO: &str = env!("CARGO_BIN_EXE_demo");
const TORTURE: &str = env!("CARGO_BIN_EXE_torture");

/// Lines with TAB at `⇥`, and the words that the program gets then. The shells that a row is not for are named behind it.
const LINES: &str = include_str!("lines.txt");

/// Every hostile word, without a quote and in each that may be open, arrives as it is.
#[test]
fn every_text_arrives_unchanged_whichever_quote_is_open() {
    for sort in ALL {
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
        assert!(wrong.is_empty(), "{sort:?}: {}", wrong.join("\n"));
        assert!(!shell.file("stung").exists(), "{sort:?}");
    }
}

#[test]
fn what_is_inserted_is_what_the_engine_offers() {
    let mut all = Vec::new();
    for sort in ALL {
        let demo = Shell::new(sort, "apiary", DEMO, Setting::default());
        let torture = Shell::new(sort, "torture", TORTURE, Setting::default());
        let mut wrong = Vec::new();
        let rows = LINES.lines().filter(|line| line.contains('⇥'));
        let mut count = 0;
        for row in rows {
            let (line, expected) = row.split_once(" => ").unwrap();
            let (expected, but) = expected.split_once(" !").unwrap_or((expected, ""));
            if but.split(' ').any(|name| name == sort.name()) {
                continue;
            }
            count += 1;
            let shell = if line.contains("torture") { &torture } else { &demo };
            let words = shell.words(line, "").join("|");
            // zsh takes the sign of a folder off again where the line ends.
            let is_folder = sort == Sort::Zsh && expected.strip_suffix('/') == Some(&words);
            if words != expected && !is_folder {
                wrong.push(format!("`{line}` gives {words}, not {expected}"));
            }
        }
        all.extend(wrong.iter().map(|wrong| format!("{sort:?}, of {count}: {wrong}")));
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
    for sort in ALL {
        let shell = Shell::new(sort, "apiary", DEMO, Setting::default());
        for line in lines {
            let (before, begun) = line.rsplit_once(' ').unwrap_or(("", line));
            let words: Vec<&str> = before.split(' ').filter(|word| !word.is_empty()).collect();
            let mut engine = candidates(&apiary::APIARY, &words, begun);
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
    for sort in ALL {
        let script =
            std::process::Command::new(DEMO).args(["completions", sort.name()]).output().unwrap();
        let shell = Shell::with(sort, "apiary", foreign, &script.stdout, Setting::default());
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
    for sort in ALL {
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
        let script = std::process::Command::new(TORTURE)
            .args(["completions", sort.name()])
            .output()
            .unwrap()
            .stdout;
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
    let live = clavret::BASH.script(&apiary::APIARY);
    let whole = clavret::BASH.whole_script(&apiary::APIARY).unwrap();
    for script in [&live, &whole] {
        for newer in newer {
            assert!(!script.contains(newer), "`{newer}` is newer");
        }
    }
    // The same bytes each time, and without a process of its own.
    assert_eq!(clavret::BASH.whole_script(&apiary::APIARY), Some(whole));
}
