//! Each kind of value, refused and read by the `kinds` example in its own process.

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

/// A sentence for each line that is refused: does it say what would be right?
#[test]
fn each_kind_refuses_with_what_would_be_right() {
    let folder = tempfile::tempdir().unwrap();
    std::fs::write(folder.path().join("here.csv"), "").unwrap();
    let mut said = String::new();
    for line in [
        "--hives 13",
        "--hives many",
        "--hives 300",
        "--offset -501",
        "--mask 0xfg",
        "--step 16",
        "--page 10",
        "--gain nan",
        "--limit hot",
        "--name x",
        "--key hb042",
        "--unit kg",
        "--outside maybe",
        "--faces north",
        "--folder here.csv",
        "--folder nowhere",
        "--table .csv",
        "--table here.txt",
        "--table none.csv",
        "--copy here.csv",
        "--port none",
        "--v4 1.2.3",
        "--v6 1.2.3.4",
        "--peer beehive",
        "--socket 1.2.3.4",
        "--place 1 east",
        "--cells 1 2 x",
        "--since 2026-02-30",
        "--since tomorrow",
        "--wake 25:00",
        "--start 2026-05-32T10:00",
        "--sleep -2h",
        "--sleep long",
        "--space big",
        "--mail keeper",
        "--domain 192.0.2.7",
        "--site example.org",
        "--site http://example.org",
        "--site mailto:a@b",
        "--id 42",
        "--match (",
        "--files [",
        "--firmware 1.2",
        "--accepts >>1",
        "--extra {",
        "--heated=maybe",
        "--tag a",
        "--alarm=loud",
    ] {
        let output = run(folder.path(), line);
        assert_eq!(output.status.code(), Some(2), "`{line}` gave {output:?}");
        let text = String::from_utf8(output.stderr).unwrap();
        let carets = text.lines().position(|line| line.trim().starts_with('^')).unwrap();
        let sentence: Vec<&str> = text
            .lines()
            .skip(carets + 1)
            .take_while(|line| !line.is_empty())
            .map(str::trim)
            .collect();
        said += &format!("{}\n", sentence.join(" "));
    }
    expect![[r#"
        --hives takes any number but 13
        --hives takes a whole number; 'many' is not one
        --hives takes a whole number from 0 to 255; '300' is above that
        --offset takes a whole number from -500 to 500; '-501' is below that
        --mask takes a whole number; '0xfg' is not one
        --step takes a multiple of 15; '16' is not one
        --page takes 100 or 1000; '10' is neither
        --gain takes a number, such as 1.5; 'nan' is not one
        --limit takes a number, such as 1.5; 'hot' is not one
        --name takes 2 to 12 characters; 'x' has 1
        --key takes a text that matches [A-Z]{2}[0-9]{3}, such as HB042; 'hb042' is not one
        --unit takes a single character; 'kg' is not one
        --outside takes yes or no; 'maybe' is neither
        --faces takes east or south; 'north' is neither
        --folder takes a folder that exists; 'here.csv' is a file
        --folder takes a folder that exists; there is nothing at 'nowhere'
        --table takes a file that exists, ending in .csv or .toml; there is nothing at '.csv'
        --table takes a file that exists; 'here.txt' does not end in .csv or .toml
        --table takes a file that exists, ending in .csv or .toml; there is nothing at 'none.csv'
        --copy takes a path where there is nothing yet; there is something at 'here.csv' already
        --port takes a path that exists; there is nothing at 'none'
        --v4 takes an IPv4 address, such as 192.0.2.7; '1.2.3' is not one
        --v6 takes an IPv6 address, such as 2001:db8::7; '1.2.3.4' is not one
        --peer takes an IP address, such as 192.0.2.7; 'beehive' is not one
        --socket takes an IP address with a port, such as 192.0.2.7:80; '1.2.3.4' is not one
        --place takes a number, such as 1.5; 'east' is not one
        --cells takes a whole number; 'x' is not one
        --since takes a date, such as 2026-05-01; the calendar has no 2026-02-30
        --since takes a date, such as 2026-05-01; 'tomorrow' is not one
        --wake takes a time of day, such as 14:30; '25:00' is not one
        --start takes a date and a time, such as 2026-05-01T14:30; the calendar has no 2026-05-32
        --sleep takes a duration, such as 2h 30m; '-2h' is negative
        --sleep takes a duration, such as 2h 30m; 'long' is not one
        --space takes a size in bytes, such as 64MiB; 'big' is not one
        --mail takes an e-mail address, such as keeper@example.org; 'keeper' has no @ in it
        --domain takes the name of a domain, such as example.org; '192.0.2.7' is not one
        --site takes a web address, such as https://example.org/; 'example.org' has no scheme in front, such as https://
        --site takes an address with https://; 'http://example.org' begins with http://
        --site takes a web address, such as https://example.org/; 'mailto:a@b' names no host
        --id takes a UUID, such as 67e55044-10b1-426f-9247-bb680e5fe0c8; '42' is not one
        --match takes a regular expression, such as A[0-9]+; '(' is not one (unclosed group)
        --files takes a pattern of names, such as A7-*; '[' is not one (invalid range pattern)
        --firmware takes a version, such as 1.2.0; '1.2' is not one (unexpected end of input while parsing minor version number)
        --accepts takes a requirement of versions, such as >=1.2, <2; '>>1' is not one (unexpected character '>' while parsing major version number)
        --extra takes a JSON value, such as [6,"calm"]; '{' is not one (EOF while parsing an object at line 1 column 1)
        --heated takes yes or no; 'maybe' is neither
        --tag takes a key and a value with = between them, such as text=3; 'a' is not one
        --alarm takes a whole number; 'loud' is not one
    "#]].assert_eq(&said);
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
