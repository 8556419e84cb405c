//! The whole script for bash, which starts nothing, in a real bash on a pseudo-terminal: keys are typed as a user types
//! them, and what readline makes of them is looked at.
#![cfg(unix)]

use std::fs;
use std::io::{Read, Write};
use std::path::{Path, PathBuf};
use std::sync::Arc;
use std::time::{Duration, Instant};

use clavret::{Attached, BASH, Choice, Command, Named, Offer, Operand, Tail, When, candidates};
use pty_process::blocking::{Command as Shelled, Pty, open};

/// ^U takes a line back.
const TAKE_BACK: &str = "\u{15}";

/// An interactive bash in a folder of its own, where `apiary` writes down its words, and the
/// completion function writes down what it offers.
struct Bash {
    keys: Arc<Pty>,
    child: std::process::Child,
    folder: tempfile::TempDir,
}

impl Bash {
    fn with(script: &str, function: &str, program: &str) -> Self {
        let folder = tempfile::tempdir().unwrap();
        let write = |name: &str, text: &str| fs::write(folder.path().join(name), text).unwrap();
        write("script", script);
        write(
            "rc",
            &format!(
                "unset HISTFILE\nsource ./script\n\
                 spy() {{ {function} \"$@\"; printf '%s\\n' \"${{COMPREPLY[@]}}\" >.offers.new; mv .offers.new .offers; }}\n\
                 complete -o nosort -F spy -- {program}\n\
                 {program}() {{ printf '%s\\n' \"$@\" >.words.new; mv .words.new .words; }}\n\
                 bind 'set bell-style none'\nbind 'set completion-query-items 0'\n\
                 bind 'set page-completions off'\nPS1='ready> '\n"
            ),
        );
        for name in ["plain.txt", "with space.txt"] {
            write(name, "");
        }
        let (pty, terminal) = open().unwrap();
        pty.resize(pty_process::Size::new(40, 200)).unwrap();
        let bash = Shelled::new("bash").args(["--noprofile", "--rcfile", "./rc", "-i"]);
        let bash = bash.current_dir(folder.path()).env("TERM", "dumb").env("LC_ALL", "C.UTF-8");
        let child = bash.env_remove("PROMPT_COMMAND").spawn(terminal).expect("bash starts");
        // What bash draws is read away, so that it never waits for a reader.
        let keys = Arc::new(pty);
        let drawn = Arc::clone(&keys);
        std::thread::spawn(move || {
            let mut screen = [0; 4096];
            while (&*drawn).read(&mut screen).is_ok_and(|count| count > 0) {}
        });
        Bash { keys, child, folder }
    }

    fn apiary() -> Self {
        Bash::with(&BASH.whole_script(&apiary::APIARY).unwrap(), "_apiary", "apiary")
    }

    fn file(&self, name: &str) -> PathBuf {
        self.folder.path().join(name)
    }

    fn types(&self, keys: &str) {
        (&*self.keys).write_all(keys.as_bytes()).unwrap();
    }

    /// What the completion function offers after a line.
    #[track_caller]
    fn offers(&mut self, line: &str) -> Vec<String> {
        let offers = self.file(".offers");
        let _ = fs::remove_file(&offers);
        self.types(line);
        self.types("\t");
        let text = read_soon(&offers, line);
        self.types(TAKE_BACK);
        text.lines().filter(|line| !line.is_empty()).map(str::to_owned).collect()
    }

    /// The words that the program gets after keys were typed, Enter included.
    #[track_caller]
    fn words(&mut self, keys: &str) -> Vec<String> {
        let words = self.file(".words");
        let _ = fs::remove_file(&words);
        self.types(keys);
        self.types("\r");
        read_soon(&words, keys).lines().map(str::to_owned).collect()
    }
}

/// A table knows what may be at a place, and not what the line has already: there it is wider, by names.
#[track_caller]
fn assert_wider(offered: Vec<String>, mut engine: Vec<String>, line: &str) {
    // Letters that go on a cluster, and what may be attached, are no words of the table.
    engine.retain(|word| {
        !word.ends_with('=') && (word.len() < 3 || !word.starts_with('-') || word.starts_with("--"))
    });
    assert!(
        engine.iter().all(|word| offered.contains(word)),
        "`{line}`: {offered:?} lacks some of {engine:?}"
    );
    let more = offered.iter().filter(|word| !engine.contains(word));
    let more: Vec<&String> =
        more.filter(|word| !word.starts_with('-') && !line.contains(*word)).collect();
    assert!(more.is_empty(), "`{line}` offers {more:?} too");
}

/// An interactive bash ignores being terminated: it is asked to go.
impl Drop for Bash {
    fn drop(&mut self) {
        self.types(TAKE_BACK);
        self.types("exit\r");
        let _ = self.child.wait();
    }
}

#[track_caller]
fn read_soon(path: &Path, asked: &str) -> String {
    let end = Instant::now() + Duration::from_secs(20);
    loop {
        match fs::read_to_string(path) {
            Ok(text) => return text,
            Err(_) if Instant::now() < end => std::thread::sleep(Duration::from_millis(5)),
            Err(_) => panic!("bash did not answer to `{asked}`"),
        }
    }
}

#[test]
fn bash_offers_what_the_engine_offers() {
    let mut bash = Bash::apiary();
    for line in [
        "",
        "h",
        "hive ",
        "hive a",
        "hive add ",
        "hive add --",
        "hive add --queen ",
        "hive add --queen w",
        "hive add D1 --at 1 ",
        "hive add D1 --at 1 2 --",
        "hive -q list --as ",
        "hive list --sort ",
        "hive list --sort code --sort ",
        "hive list --sort code,p",
        "inspect ",
        "inspect A7 ",
        "inspect A7 --c",
        "inspect A7 -cf ",
        "inspect A7 -cf6 ",
        "inspect A7 -",
        "inspect -- ",
        "inspect -- -",
        "--color ",
        "--color a",
        "-q --color never ",
        "help ",
        "help hive ",
        "help nosuch ",
        "completions ",
        "nosuch ",
        "nosuch --",
        "inspect \"A 7\" --re",
        "inspect A\\ 7 --re",
        "report --as ",
        "harvest A7 3 --",
        "run-each echo -",
        "run-each -- echo --",
        "hive retire A7 --b",
        "hive drop A7 --b",
        "--yard=x hive ",
        "--frames",
    ] {
        let (before, prefix) = line.rsplit_once(' ').unwrap_or(("", line));
        let before = before.replace("\"A 7\"", "A7").replace("A\\ 7", "A7");
        let words: Vec<&str> = before.split(' ').filter(|word| !word.is_empty()).collect();
        let engine = candidates(&apiary::APIARY, &words, prefix);
        assert_wider(bash.offers(&format!("apiary {line}")), engine, line);
    }
}

#[test]
fn values_attached_to_names_and_paths_are_completed() {
    let mut bash = Bash::apiary();
    assert_eq!(bash.offers("apiary --color="), ["auto", "always", "never"]);
    assert_eq!(bash.offers("apiary --color=al"), ["always"]);
    assert_eq!(bash.offers("apiary inspect --calm="), [""; 0]);
    assert_eq!(bash.offers("apiary inspect --nosuch="), [""; 0]);
    fs::create_dir(bash.file("place")).unwrap();
    assert_eq!(bash.offers("apiary -qy pl"), ["place"]);
    // Of files, only those that end as they must.
    fs::write(bash.file("plan.TOML"), "").unwrap();
    assert_eq!(bash.offers("apiary --config pl"), ["place", "plan.TOML"]);
    fs::remove_file(bash.file("plan.TOML")).unwrap();
    fs::remove_dir(bash.file("place")).unwrap();
    assert_eq!(bash.offers("apiary report -o pl"), ["plain.txt"]);
    assert_eq!(bash.offers("apiary --config=pl"), [""; 0]);
}

#[test]
fn what_is_inserted_arrives_as_the_word_that_was_meant() {
    let mut bash = Bash::apiary();
    assert_eq!(bash.words("apiary insp\tA7 --rest\t"), ["inspect", "A7", "--restless"]);
    let blue = ["hive", "add", "D1", "--queen=blue"];
    assert_eq!(bash.words("apiary hi\tad\tD1 --queen=bl\t"), blue);
    assert_eq!(bash.words("apiary hive add D1 --que\tbl\t")[3..], ["--queen", "blue"]);
    fs::write(bash.file("within yard.toml"), "").unwrap();
    let line = ["--config", "within yard.toml", "hive", "list"];
    assert_eq!(bash.words("apiary --config wi\thive list"), line);
    assert_eq!(bash.words("apiary --config=wi\thive list")[0], "--config=within yard.toml");
    fs::remove_file(bash.file("within yard.toml")).unwrap();
    assert_eq!(bash.words("apiary report -o 'wi\t"), ["report", "-o", "with space.txt"]);
}

#[test]
fn forms_that_a_declaration_asks_for_are_followed() {
    static WHEN: Named<Attached<When>> = Named::new("when");
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
    let mut bash = Bash::with(&BASH.script(&HIVE), "_hive", "hive");
    for line in [
        "",
        "list --",
        "ls --to",
        "list --when ",
        "list --when -- ",
        "auto ",
        "list au",
        "--",
        "au",
        "--wh",
        "--token x ",
        "--token x --",
        "-- ",
        "-- auto ",
        "--when=auto ad",
    ] {
        let (before, prefix) = line.rsplit_once(' ').unwrap_or(("", line));
        let words: Vec<&str> = before.split(' ').filter(|word| !word.is_empty()).collect();
        assert_wider(bash.offers(&format!("hive {line}")), candidates(&HIVE, &words, prefix), line);
    }
    static SPLIT: Named<Vec<When>> = Named::new("sides").joined_by(';');
    static SIDES: Command = Command::new("sides").takes(&[SPLIT.param()]);
    let mut sides = Bash::with(&BASH.script(&SIDES), "_sides", "sides");
    assert_eq!(sides.words("sides --sides='never;au\t"), ["--sides=never;auto"]);
    assert_eq!(sides.words("sides --sides never\\;al\t"), ["--sides", "never;always"]);
    assert_eq!(bash.offers("hive list --when=a"), ["auto", "always"]);
    assert_eq!(bash.offers("hive --when=a"), ["auto", "always"]);
    assert_eq!(bash.offers("hive list --token-file pl"), ["plain.txt"]);
}

#[derive(Clone, Copy)]
struct Sting;

impl Choice for Sting {
    const OFFERS: &'static [Offer<'static>] = &[
        Offer::new("$(touch stung)"),
        Offer::new("`touch stung`;touch stung"),
        Offer::new("it's \"*\" a\\b"),
    ];
    const VALUES: &'static [Self] = &[Sting, Sting, Sting];
}

#[test]
fn text_of_a_declaration_is_never_executed() {
    static WORD: Operand<Sting> = Operand::new("word");
    static NAME: Named<Option<Sting>> = Named::new("$(touch&stung)");
    static STING: Command =
        Command::new("sting").takes(&[WORD.param(), NAME.param()]).summary("$(touch stung)");
    let mut bash = Bash::with(&BASH.script(&STING), "_sting", "sting");
    assert_eq!(bash.offers("sting ").len(), 3);
    assert_eq!(bash.words("sting it\t"), ["it's \"*\" a\\b"]);
    assert_eq!(bash.words("sting \\$\t"), ["$(touch stung)"]);
    assert_eq!(bash.words("sting \\`\t"), ["`touch stung`;touch stung"]);
    // Within quotes that are not closed, too.
    assert_eq!(bash.words("sting 'it\t"), ["it's \"*\" a\\b"]);
    assert_eq!(bash.words("sting '$(\t"), ["$(touch stung)"]);
    assert_eq!(bash.words("sting \"it\t"), ["it's \"*\" a\\b"]);
    assert_eq!(bash.words("sting \"\\$(\t"), ["$(touch stung)"]);
    assert_eq!(bash.words("sting --\\$\t")[0], "--$(touch&stung)");
    assert!(!bash.file("stung").exists());
}
