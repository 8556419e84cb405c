//! Secrets: dots in every text that could show them, and read from files last.

use clavret_core::{Command, Look, Objection, Opt, Outcome, Setting, Settings, Words, valid};
use expect_test::expect;

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
              $APIARY_TOKEN refuses '•••': 4 to 8 characters are right, and this has 1

              page  apiary list --help
        "#]],
    );
    refuses(
        files,
        "list --token=bee --tokn=swarm",
        expect![[r#"
            apiary list: 2 things to put right

              apiary list --token=••• --tokn=•••
                                  ^^^ ^^^^^^
                                  1   2
              1  --token refuses '•••': 4 to 8 characters are right, and this has 3
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
              --token-file names a file that cannot be read: no such file

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
              --token refuses '•••': 4 to 8 characters are right, and this has 1

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
          count takes a whole number from 0 to 255; 'many' is not one

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
    static KEY: Opt<Option<String>> = Opt::new("key").secret().valid(&valid::by(repeats));
    static SIGN: Command = Command::new("sign")
        .takes(&[KEY.param()])
        .check(|reading| Err(Objection::new(format!("never {:?}", reading.get(&KEY))).about(&KEY)));
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
    // A file is read only when nothing else is wrong.
    refuses(
        files,
        "list --token-file none --cuont 3",
        expect![[r#"
            apiary list: one thing to put right

              apiary list --token-file none --cuont •••
                                            ^^^^^^^
              --cuont is not an option here; --count is

              page  apiary list --help
        "#]],
    );
}
