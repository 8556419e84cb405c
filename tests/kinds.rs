//! Each kind of value, read by the `kinds` example in its own process; the gallery shows what each refuses.

use std::io::Write;
use std::path::Path;
use std::process::{Command, Output, Stdio};

use expect_test::expect;

#[path = "shared/built.rs"]
mod built;

fn run(folder: &Path, line: &str) -> Output {
    run_with(folder, line, "")
}

/// The same with something on standard input.
fn run_with(folder: &Path, line: &str, input: &str) -> Output {
    let words = line.split(' ').map(|word| word.replace('~', " "));
    let mut command = Command::new(built::example("kinds"));
    command.args(words).current_dir(folder).env_remove("STATION_TOKEN");
    let pipes = [Stdio::piped(), Stdio::piped(), Stdio::piped()];
    let [stdin, stdout, stderr] = pipes;
    let mut child = command.stdin(stdin).stdout(stdout).stderr(stderr).spawn().unwrap();
    child.stdin.take().unwrap().write_all(input.as_bytes()).unwrap();
    child.wait_with_output().unwrap()
}

#[test]
fn a_secret_is_read_from_standard_input_or_a_file_and_never_shown() {
    let folder = tempfile::tempdir().unwrap();
    std::fs::write(folder.path().join("token"), "hum-42-swarm\r\nsecond line\n").unwrap();
    std::fs::write(folder.path().join("short"), "bee\n").unwrap();
    let said = |line: &str, input: &str| {
        let output = run_with(folder.path(), line, input);
        let text = [output.stdout, output.stderr].concat();
        let text = String::from_utf8(text).unwrap();
        assert!(!text.contains("swarm") && !text.contains("bee\n"), "{text}");
        let mut told = text.lines().map(str::trim).filter(|line| line.starts_with("--token"));
        told.next().unwrap_or_default().to_owned()
    };
    assert_eq!(said("--token-file -", "hum-42-swarm\nrest"), "--token     •••  word 2");
    assert_eq!(said("--token-file token", ""), "--token     •••  word 2");
    assert_eq!(said("--token swarm-42", ""), "--token     •••  word 2");
    assert_eq!(said("--token-file short", ""), "--token takes 6 to 40 characters; '•••' has 3");
    assert_eq!(
        said("--token-file none", ""),
        "--token-file names a file that cannot be read: there is nothing at that path"
    );
}

/// An option shows what a value is, and not its own name once more, unless nothing is known of that.
#[test]
fn an_option_shows_a_noun_of_its_kind() {
    let folder = tempfile::tempdir().unwrap();
    let page = String::from_utf8(run(folder.path(), "--help").stdout).unwrap();
    let shown = |option: &str| {
        let after = page.split_once(&format!("--{option} ")).map_or("", |after| after.1);
        after.split("  ").next().unwrap_or_default().trim_end().to_owned()
    };
    let options = [
        "hives", "gain", "name", "unit", "folder", "table", "copy", "v4", "place", "since", "wake",
        "sleep", "space", "mail", "domain", "site", "match", "firmware", "tag", "faces",
    ];
    expect!["NUMBER, AMOUNT, TEXT, LETTER, FOLDER, FILE, PATH, ADDRESS, LAT LON, DAY, TIME, DURATION, SIZE, ADDRESS, HOST, ADDRESS, PATTERN, VERSION, KEY=VALUE, FACES"]
        .assert_eq(&options.map(shown).join(", "));
}

/// A value of each kind, and the table that a reading prints as.
#[test]
fn each_kind_reads_and_the_reading_prints_as_a_table() {
    let folder = tempfile::tempdir().unwrap();
    for file in ["t.csv", "device"] {
        std::fs::write(folder.path().join(file), "").unwrap();
    }
    let line = "--hives 3 --offset -500 --mask 0xff_ff --step 30 --page 100 --gain 1e-3 --limit inf \
        --name Hum --key HB042 --unit g --outside on --faces sunrise --folder . --table t.csv \
        --copy new --port device --v4 192.0.2.7 --v6 ::1 --peer ::1 --socket [::1]:80 \
        --place -33.9 18.4 --cells 1 2 3 --since 2026-05-01 --wake 04:30 --start 2026-05-01T04:30 \
        --sleep 2h~30m --space 64MiB --mail keeper@example.org --domain bücher.example \
        --site https://example.org --id 67e55044-10b1-426f-9247-bb680e5fe0c8 --match ^A[0-9]$ \
        --files A7-* --firmware 1.2.0 --accepts >=1,<2 --extra {\"a\":[1]} --heated=off --tag a=1 \
        --tag b=2 --alarm -vv A7";
    let output = run(folder.path(), line);
    expect![[r#"
        station: sunrise is deprecated; use east
    "#]]
    .assert_eq(&String::from_utf8(output.stderr).unwrap());
    expect![[r#"
        station
          SENSOR      A7                                    word 83
          --hives     3                                     word 2
          --offset    -500                                  word 4
          --mask      0xff_ff                               word 6
          --step      30                                    word 8
          --page      100                                   word 10
          --gain      1e-3                                  word 12
          --limit     inf                                   word 14
          --name      Hum                                   word 16
          --key       HB042                                 word 18
          --unit      g                                     word 20
          --outside   on                                    word 22
          --faces     sunrise                               word 24
          --folder    .                                     word 26
          --table     t.csv                                 word 28
          --copy      new                                   word 30
          --port      device                                word 32
          --v4        192.0.2.7                             word 34
          --v6        ::1                                   word 36
          --peer      ::1                                   word 38
          --socket    '[::1]:80'                            word 40
          --place     -33.9 18.4                            word 43
          --cells     1 2 3                                 word 47
          --since     2026-05-01                            word 49
          --wake      04:30                                 word 51
          --start     2026-05-01T04:30                      word 53
          --sleep     '2h 30m'                              word 55
          --space     64MiB                                 word 57
          --mail      keeper@example.org                    word 59
          --domain    bücher.example                        word 61
          --site      https://example.org                   word 63
          --id        67e55044-10b1-426f-9247-bb680e5fe0c8  word 65
          --match     '^A[0-9]$'                            word 67
          --files     'A7-*'                                word 69
          --firmware  1.2.0                                 word 71
          --accepts   '>=1,<2'                              word 73
          --extra     '{"a":[1]}'                           word 75
          --heated    off                                   word 76
          --tag       a=1 b=2                               word 80
          --alarm                                           word 81
          --token                                           -
          -v          2                                     word 82
    "#]]
    .assert_eq(&String::from_utf8(output.stdout).unwrap());
}
