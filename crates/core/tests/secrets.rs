//! Secrets: dots in every text that could show them, and read from files last.

use std::collections::BTreeMap;
use std::ffi::OsStr;
use std::panic::AssertUnwindSafe;

use clavret_core::look::{Look, When};
use clavret_core::reader::Words;
use clavret_core::world::{Setting, Settings};
use clavret_core::{
    Command, Config, Flag, FromWord, Kind, Named, Objection, Operand, Outcome, Reading, Refusal,
    valid,
};
use expect_test::{Expect, expect};

use super::offered::candidates;
use crate::demo::words;
use crate::world::{APIARY, Small, TOKEN, reads, refuses, settings, world};

#[test]
fn secrets_are_dots_wherever_they_would_show() {
    let files = world(&[("APIARY_TOKEN", "x")], &[]);
    assert_eq!(reads(files, "--token=swarm list").get(&TOKEN).as_deref(), Some("swarm"));
    assert_eq!(reads(files, "list --token-file token").get(&TOKEN).as_deref(), Some("hum-42"));
    expect![[r#"
        apiary list
          --yard          -
          --config        -
          --token   •••   word 3
          --sort          -
          --note    none  default
          --count         -
          --at            -
          --tag           -
          --calm          -
          --loud    0     -"#]]
    .assert_eq(&format!("{:?}", reads(files, "list --token swarm")));
    refuses(
        files,
        "list",
        expect![[r#"
            apiary list: one thing to put right

              APIARY_TOKEN=•••
                           ^^^
              $APIARY_TOKEN takes 4 to 8 characters; '•••' has 1

              page  apiary list --help
        "#]],
    );
    refuses(
        files,
        "list --token=bee --tokn=swarm",
        expect![[r#"
            apiary list: two things to put right

              apiary list --token=••• --tokn=•••
                                  ^^^ ^^^^^^
                                  1   2
              1  --token takes 4 to 8 characters; '•••' has 3
              2  --tokn is not an option here; --token is

              page  apiary list --help
        "#]],
    );
    refuses(
        files,
        "list --token-file none",
        expect![[r#"
            apiary list: one thing to put right

              apiary list --token-file none
                                       ^^^^
              --token-file names a file that cannot be read: there is nothing at that path

              page  apiary list --help
        "#]],
    );
    refuses(
        files,
        "list --token-file short",
        expect![[r#"
            apiary list: one thing to put right

              apiary list --token-file short
                                       ^^^^^
              --token takes 4 to 8 characters; '•••' has 1

              page  apiary list --help
        "#]],
    );
    // Not in the config file either: not the value, nor that of a key that may be a secret's.
    let beside =
        Settings { text: "token = swarm, count = many".into(), ..settings(&["token = swarm"]) };
    let mut beside = Small { settings: Some(beside), ..Small::default() };
    let count = Setting {
        path: vec![("list".into(), 0..0), ("count".into(), 15..20)],
        values: vec![("many".into(), 23..27)],
    };
    beside.settings.as_mut().unwrap().entries.push(count);
    refuses(
        Box::leak(Box::new(beside)),
        "list",
        expect![[r#"
            apiary list: one thing to put right

              config.toml:1:24
              token = •••, count = many
                                   ^^^^
              count takes a whole number; 'many' is not one

              page  apiary list --help
        "#]],
    );
    refuses(
        world(&[], &["tokn = swarm"]),
        "list",
        expect![[r#"
        apiary list: one thing to put right

          config.toml:1:1
          tokn = •••
          ^^^^
          'tokn' is not a setting here; token is

          page  apiary list --help
    "#]],
    );
    // Not over several lines, and not by a test of the whole, a reason or a look for debugging.
    let lines = Settings { text: "tokn = 'swa\nrm'\n".into(), ..settings(&["tokn = 'swa"]) };
    let mut lines = Small { settings: Some(lines), ..Small::default() };
    lines.settings.as_mut().unwrap().entries[0].values[0].1 = 7..15;
    static KEY: Named<Option<String>> = Named::new("key").secret().valid(&valid::by(repeats));
    static SIGN: Command = Command::new("sign").takes(&[KEY.param()]).judged_by(&|reading| {
        Err(Objection::new(format!("never {:?}", reading.get(&KEY))).about(&KEY))
    });
    fn repeats(key: &String) -> Result<(), String> {
        if key == "swarm" { Ok(()) } else { Err(format!("{key} is none")) }
    }
    let lines: &Small = Box::leak(Box::new(lines));
    for outcome in [
        APIARY.read_in(Words::new(words("list")), lines),
        SIGN.read(words("--key swarm")),
        SIGN.read(words("--key=swa-rm")),
        APIARY.read(words("--token=swarm list --frost")),
    ] {
        let Outcome::Faults(faults) = outcome else { panic!("a line that reads") };
        let (drawn, debugged) = (faults.draw(Look::PLAIN), format!("{faults:?}"));
        assert!(!drawn.contains("swa") && drawn.contains("•••"), "{drawn}");
        assert!(!debugged.contains("swa"), "{debugged}");
    }
    // Not as a test of the whole tells it: a number typed otherwise, a side of a pair.
    static SUM: Named<Option<u32>> = Named::new("sum").secret();
    static SIDES: Named<BTreeMap<String, String>> = Named::new("side").secret();
    static TELL: Command =
        Command::new("tell").takes(&[SUM.param(), SIDES.param()]).judged_by(&|reading| {
            let sides = reading.get(&SIDES).iter().map(|(key, value)| format!("{value} of {key}"));
            Err(Objection::new(format!(
                "not {:?} and {:?}",
                reading.get(&SUM),
                sides.collect::<Vec<_>>()
            )))
        });
    for line in ["--sum 007", "--sum +7", "--side swarm=many", "--side many=swarm"] {
        let Outcome::Faults(faults) = TELL.read(words(line)) else { panic!("a line that reads") };
        let drawn = faults.draw(Look::PLAIN);
        assert!(drawn.contains("does not take •••") && !drawn.contains("7"), "{drawn}");
    }
    // A map's keys and a comment are no less secret than a value.
    let text = "count = many # was swarm\n[key]\nswarm = bee\n";
    let map = Setting {
        path: vec![("key".into(), 26..29), ("swarm".into(), 31..36)],
        values: vec![("bee".into(), 39..42)],
    };
    let count =
        Setting { path: vec![("count".into(), 0..5)], values: vec![("many".into(), 8..12)] };
    let entries = vec![count, map];
    let text = Settings { text: text.into(), entries, ..settings(&["count = many"]) };
    static KEYS: Named<BTreeMap<String, u8>> = Named::new("key").secret();
    static COUNTED: Named<u8> = Named::new("count").default("0");
    static KEPT: Command = Command::new("kept")
        .config(&Config::new("apiary/config.toml"))
        .takes(&[KEYS.param(), COUNTED.param()]);
    let beside: &Small = Box::leak(Box::new(Small { settings: Some(text), ..Small::default() }));
    let no_words: [&str; 0] = [];
    let Outcome::Faults(faults) = KEPT.read_in(Words::new(&no_words), beside) else {
        panic!("a line that reads")
    };
    let drawn = faults.draw(Look::PLAIN);
    assert!(
        drawn.contains("count = many •••")
            && drawn.contains("••• = •••")
            && !drawn.contains("swarm"),
        "{drawn}"
    );
    // A file is read only when nothing else is wrong.
    refuses(
        files,
        "list --token-file none --cuont 3",
        expect![[r#"
            apiary list: one thing to put right

              apiary list --token-file none --cuont 3
                                            ^^^^^^^
              --cuont is not an option here; --count is

              page  apiary list --help
        "#]],
    );
}

static QUIET: Flag = Flag::new("quiet").letter('q').throughout();
static KEY: Named<Option<String>> = Named::new("key")
    .letter('k')
    .aliases(&["passphrase"])
    .secret_file("key-file")
    .variable("APIARY_KEY");
static PIN: Named<Option<(u8, u8)>> = Named::new("pin").secret().valid(&valid::by(tell_pin));
static HEADERS: Named<BTreeMap<String, Loud>> = Named::new("header").secret();
static WORD: Named<Option<String>> = Named::new("word").secret().valid(&valid::by(tell_word));
static USER: Named<Option<String>> = Named::new("user").letter('u');
static COUNT: Named<Option<u8>> = Named::new("count");
static SITE: Operand<Option<String>> = Operand::new("site");
static SYNC: Command = Command::new("sync")
    .takes(&[
        KEY.param(),
        PIN.param(),
        HEADERS.param(),
        WORD.param(),
        USER.param(),
        COUNT.param(),
        SITE.param(),
    ])
    .judged_by(&told);
static DEEP: Command = Command::new("yard").commands(&[&SYNC]);
static PASS: Operand<String> = Operand::new("pass").secret();
static LOCK: Command = Command::new("lock").takes(&[PASS.param(), COUNT.param()]);
static ROOT: Command =
    Command::new("apiary").takes(&[QUIET.param()]).commands(&[&SYNC, &DEEP, &LOCK]);

fn tell_pin(pin: &(u8, u8)) -> Result<(), String> {
    if pin.0 == pin.1 { Ok(()) } else { Err(format!("{} is not {}", pin.0, pin.1)) }
}

#[allow(clippy::ptr_arg)] // a validator tests the type itself
fn tell_word(word: &String) -> Result<(), String> {
    if word.len() > 20 { Ok(()) } else { Err(format!("{} is too short", word.to_uppercase())) }
}

/// The whole is refused with every value in the reason.
fn told(reading: &Reading<'_>) -> Result<(), Objection> {
    match reading.get(&USER).as_deref() {
        Some("nobody") => {
            let all = format!("{:?} {:?}", reading.get(&KEY), reading.get(&HEADERS));
            Err(Objection::new(all))
        }
        _ => Ok(()),
    }
}

/// A type that repeats what it refuses.
#[derive(Debug)]
struct Loud;

impl FromWord for Loud {
    const KIND: &'static Kind<'static> = &Kind::new("a loud word", "LOUD");

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        match word.to_str() {
            Some("LOUD") => Ok(Loud),
            Some(text) => Err(Refusal::because(format!("'{text}' is no loud word"))),
            None => Err(Refusal::not_text()),
        }
    }
}

/// Lines with a secret at `%`, nearly all of them refused.
const PLANTED: &str = r#"
    snyc --key %|snyc -k %|lokc %|lokc -- %|snyc --nosuch %|snyc --quiet -k% x|snyc key=%|lokc x % y|nosuch % y
    --key % sync|--key=% sync|-k % sync|-k% sync|--kye % sync|--pin % 2 sync|--pin 1 % sync|--header a=% sync
    sync --kye %|sync --kye=%|sync --kye:%|sync --Key %|sync -K %|sync -K%|sync -qK%|sync -key=%|sync -kye=%
    sync -- a --key %|sync -- a key=%|sync -- a --key:%|sync a APIARY_KEY=% x|sync a passphrase % x
    sync --key:%|sync --count --key=%|sync --count key=%|sync --count=key:%|sync --user --key=% --cuont 3
    sync --keyfile=%|sync --key % a b|sync --key=% --nosuch|sync -k % --count many
    sync --pin % 1|sync --pin 1 %|sync --pin % %|sync --pin=% 1|sync --header %|sync --header a=%|sync --header=%=a
    sync --word %|sync --word=%|sync --word % --count x|sync --user nobody --key %|sync --user nobody -k%
    sync --nosuch %|sync --nosuch=%|sync --nosuch %=1|sync --nosuch:%|sync a --nosuch % %|sync a --kye -- %
    yard --key=%|yard --key %|yard --pin % %|yard snyc --key %|yard snyc --user a --key %|yard snyc x --key=%
    yard -k%|yard token % --passphrase=%|lock x%a %|lock a --count x %|lock --count %=x a b|lock -- a %
    sync a key= % b|sync --kye= %|sync --key= a %|sync -- a {"key":"%"} b|sync -- a b --key~:~%~c|sync a "key":"%" b
    sync --keys %|sync --quiet=x --key %|sync 'key:% x' b|sync a ?key=%&b c|sync a —key=% c|sync a /key:% c
    lock a --pin %|lock a --pin=%|lock a --pin:%|lock a -k%|lock a -k %|lock a --pni % % --count 3|sync --key a % % b --count x
    sync --count -k%|sync --count -key % x|sync -keey % x|sync --key=a % b|sync --key%|sync --passphrase%|yard snyc --key%
"#;

#[test]
fn a_secret_planted_anywhere_in_a_line_is_nowhere_in_what_is_shown() {
    let lines =
        PLANTED.lines().flat_map(|row| row.trim().split('|')).filter(|line| !line.is_empty());
    let mut count = 0;
    for line in lines.filter(|line| !line.contains("--count %")) {
        for secret in ["hum-42-sting", "7sting", "stïng~\"sting\"", "--sting"] {
            // What looks like an option is one, but for the value of a secret that is accepted where it stands.
            let is_taken = line.starts_with("sync --key %") || line.starts_with("sync --pin %");
            if secret.starts_with("--") && !is_taken && line.contains(" %") {
                continue;
            }
            let words = words(&line.replace('%', secret).replace('\'', ""));
            let shown = match ROOT.read(words) {
                Outcome::Faults(faults) => {
                    let list: Vec<String> =
                        faults.iter().map(|fault| format!("{fault:?}")).collect();
                    format!("{}\n{faults:?}\n{list:?}", faults.draw(Look::PLAIN.width(100)))
                }
                other => format!("{other:?}"),
            };
            let lower = shown.to_lowercase();
            assert!(!lower.contains("sting") && !lower.contains("stïng"), "{line}: {shown}");
            count += 1;
        }
    }
    assert!(count > 280, "{count}");
}

#[test]
fn what_is_no_secret_stays_visible() {
    let shows = |line: &str, expected: Expect| {
        let Outcome::Faults(faults) = ROOT.read(words(line)) else { panic!("{line} reads") };
        let drawn = faults.draw(Look::PLAIN);
        let lines: Vec<&str> =
            drawn.lines().skip(2).map(|line| line.get(2..).unwrap_or("")).collect();
        expected.assert_eq(&lines.join("\n"));
    };
    shows(
        "snyc --user bob --quiet -- x --key-file f",
        expect![[r#"
            apiary snyc --user bob --quiet -- x --key-file •••
                   ^^^^
            'snyc' is not a command here; sync is

            page  apiary --help"#]],
    );
    shows(
        "sync --user bob --kye s3 --count many",
        expect![[r#"
            apiary sync --user bob --kye ••• --count many
                                   ^^^^^             ^^^^
                                   1                 2
            1  --kye is not an option here; --key is
            2  --count takes a whole number; 'many' is not one

            page  apiary sync --help"#]],
    );
    shows(
        "sync -- a --key s3",
        expect![[r#"
        apiary sync -- a --key •••
                         ^^^^^ ^^^
        '--key' and '•••' are two words too many for apiary sync

        page  apiary sync --help"#]],
    );
    shows(
        "sync --pin 1 2",
        expect![[r#"
            apiary sync --pin ••• •••
                              ^^^^^^^
            --pin takes a whole number; '•••' is not one

            page  apiary sync --help"#]],
    );
    shows(
        "sync --header a=b --user nobody",
        expect![[r#"
            apiary sync --header ••• --user nobody
                                 ^^^
            --header takes a key and a value with = between them, such as text=LOUD; '•••'
            is not one

            page  apiary sync --help"#]],
    );
    shows(
        "sync --user nobody --key s3cret",
        expect![[r#"
            apiary sync --user nobody --key •••
            --key does not take •••

            page  apiary sync --help"#]],
    );
    shows(
        "sync --qiuet --user bob x -X",
        expect![[r#"
        apiary sync --qiuet --user bob x -X
                    ^^^^^^^              ^^
                    1                    2
        1  --qiuet is not an option here; --quiet is
        2  -X is not an option here

        page  apiary sync --help"#]],
    );
    shows(
        "sync --qiuet --user bob x",
        expect![[r#"
        apiary sync --qiuet --user bob x
                    ^^^^^^^
        --qiuet is not an option here; --quiet is

        try   apiary sync --quiet --user bob x
        page  apiary sync --help"#]],
    );
    shows(
        "lock --cuont 3 --qiuet a",
        expect![[r#"
        apiary lock --cuont ••• --qiuet •••
                    ^^^^^^^     ^^^^^^^
                    1           2
        1  --cuont is not an option here; --count is
        2  --qiuet is not an option here; --quiet is

        page  apiary lock --help"#]],
    );
    shows(
        "lock a --pin s3 cret --count many x",
        expect![[r#"
        apiary lock ••• --pin ••• ••• --count many •••
                        ^^^^^                 ^^^^ ^^^
                        1                     2    3
        1  --pin is not an option here; apiary sync and apiary yard sync have it
        2  --count takes a whole number; 'many' is not one
        3  '•••' is one word too many for apiary lock

        page  apiary lock --help"#]],
    );
    shows(
        "sync --key-file f --cuont 3",
        expect![[r#"
            apiary sync --key-file f --cuont 3
                                     ^^^^^^^
            --cuont is not an option here; --count is

            page  apiary sync --help"#]],
    );
    shows(
        "lock a b",
        expect![[r#"
        apiary lock ••• •••
                        ^^^
        '•••' is one word too many for apiary lock

        page  apiary lock --help"#]],
    );
    shows(
        "lock a --cuont 3",
        expect![[r#"
        apiary lock ••• --cuont •••
                        ^^^^^^^
        --cuont is not an option here; --count is

        page  apiary lock --help"#]],
    );
}

#[test]
fn a_secret_that_reads_is_dots_too() {
    let reading = crate::forms::reads(
        &ROOT,
        "sync --key sting --header sting=LOUD --word sting-sting-sting-sting -q",
    );
    let shown = format!("{reading:?} {}", serde_json::to_string(&reading).unwrap());
    assert!(!shown.contains("sting"), "{shown}");
    let foreign = std::panic::catch_unwind(AssertUnwindSafe(|| _ = reading.get(&PASS)));
    let foreign = foreign.unwrap_err();
    let foreign = foreign.downcast_ref::<String>().unwrap();
    assert!(!foreign.contains("sting"), "{foreign}");
    assert_eq!(candidates(&ROOT, &["sync", "--key"], "sting"), [""; 0]);
    assert_eq!(candidates(&ROOT, &["sync", "--key", "sting"], "--co"), ["--count"]);
    static CHOSEN: Named<Vec<When>> = Named::new("when").secret().joined_by(',');
    static CHOOSE: Command = Command::new("choose").takes(&[CHOSEN.param()]);
    assert_eq!(candidates(&CHOOSE, &["--when"], "never,a"), [""; 0]);
}
