//! Files and folders that cannot be used: each a sentence, whoever they belong to.

use std::process::Command;

use crate::nobody;
use crate::stage::Stage;

/// A line of the apiary after a shell's preparations, in a folder of a user who may not do everything:
/// its status, and what is said, without the echo of the line.
fn told(prepared: &str, line: &str) -> (i32, String) {
    let folder = tempfile::tempdir().unwrap();
    let path = |name: &str| folder.path().join(name);
    nobody::install(env!("CARGO_BIN_EXE_apiary"), folder.path());
    std::fs::create_dir_all(path("theirs/apiary/yard")).unwrap();
    // Another user's, where the tests have two users; at any rate nothing to look into.
    Command::new("chmod").arg("0").arg(path("theirs")).status().unwrap();
    let mut shell = Command::new("bash");
    shell.arg("-c").arg(format!(
        "export XDG_CONFIG_HOME=$PWD/config XDG_DATA_HOME=$PWD/data XDG_CONFIG_DIRS=/none
         unset APIARY_YARD COLUMNS; mkdir -p config/apiary data yard; touch file
         cd config/apiary; {prepared}
         cd ../..; exec ./.program {line}"
    ));
    nobody::as_nobody(&mut shell, folder.path());
    let done = shell.output().unwrap();
    let said =
        String::from_utf8(done.stderr).unwrap().replace(&*folder.path().to_string_lossy(), "~");
    let paragraphs: Vec<&str> = said.split("\n\n").collect();
    let said = if let [_, told, _] = paragraphs[..] { told } else { &said };
    let said: Vec<&str> = said.lines().filter(|line| !line.starts_with("  apiary ")).collect();
    let words: Vec<&str> = said.iter().flat_map(|line| line.split_whitespace()).collect();
    (done.status.code().unwrap(), words.join(" "))
}

#[test]
fn a_config_file_that_cannot_be_used_is_told() {
    for (prepared, why) in [
        ("echo > config.toml; chmod 0 config.toml", ": it may not be opened"),
        ("mkdir config.toml", ": it is a folder"),
        // What is found must be a file, or reading it might never end.
        ("mkfifo config.toml", ": it is not a regular file"),
        ("ln -s nowhere config.toml", ": it is a link that leads nowhere"),
        ("ln -s config.toml config.toml", " (Too many levels of symbolic links)"),
        (
            "cd ..; rmdir apiary; touch apiary; mkdir none; cd none",
            ": a part of its path is no folder",
        ),
    ] {
        let prepared = format!("{prepared}; cd $XDG_CONFIG_HOME/..; mkdir -p a/b; cd a/b");
        let said = format!("the config file ~/config/apiary/config.toml cannot be read{why}");
        assert_eq!(told(&prepared, "hive list"), (2, said), "`{prepared}`");
        assert_eq!(told(&prepared, "hive list --help"), (0, String::new()), "a page needs none");
    }
    // Where nobody named a file, and nobody can say that there is one, there is none.
    for prepared in [":", "touch config.toml", "chmod 0 ."] {
        assert_eq!(told(prepared, "hive list"), (0, String::new()), "`{prepared}`");
    }
}

#[cfg(target_os = "linux")]
#[test]
fn what_a_handler_writes_and_nobody_reads_is_no_failure() {
    for line in ["hive list", "completions bash"] {
        let gone = told("exec > >(exit); sleep 0.2", line);
        assert_eq!(gone, (0, String::new()), "`{line}`");
        let full =
            (1, "apiary: standard output cannot be written (No space left on device)".into());
        assert_eq!(told(":", &format!("{line} >/dev/full")), full, "`{line}`");
    }
}

/// As the system has it, whichever way the zone is named: `date` of the same zone says the same day.
#[test]
fn today_is_the_day_where_the_user_is() {
    for zone in ["", "UTC", ":Pacific/Kiritimati", "Etc/GMT+12", "AAA-14", ":XYZ+12", "No/Such"] {
        let stage = Stage::new();
        let day = || {
            let said = Command::new("date").arg("+%F").env("TZ", zone).output().unwrap();
            String::from_utf8(said.stdout).unwrap().trim().to_owned()
        };
        let (before, done) = (day(), stage.run_with("TZ", zone, "inspect A7"));
        assert!(done.status.success(), "{done:?}");
        let kept = std::fs::read_to_string(stage.path().join("apiary/yard/A7.toml")).unwrap();
        let is_there = |day: &str| kept.contains(&format!("on = \"{day}\""));
        assert!(is_there(&before) || is_there(&day()), "{zone}: {before} {kept}");
    }
}

/// Whoever may write into a yard's folder may record in it, whoever made the lock.
#[test]
fn a_lock_of_another_user_can_be_held() {
    let mine = "chmod 777 ../../yard; cp $APIARY_MADE/A7.toml ../../yard; touch ../../yard/.lock; chmod 444 ../../yard/.lock";
    let mine = mine.replace("$APIARY_MADE", concat!(env!("CARGO_MANIFEST_DIR"), "/yard"));
    assert_eq!(told(&mine, "-y yard inspect A7"), (0, String::new()));
}

#[test]
fn a_yard_that_cannot_be_used_is_told() {
    let denied = "because: Permission denied";
    let theirs = "~/theirs/apiary/yard";
    for (prepared, line, status, said) in [
        ("export APIARY_YARD=", "hive list", 0, String::new()),
        ("export APIARY_YARD=none", "hive list", 2, "APIARY_YARD=none ^^^^ $APIARY_YARD takes a folder that exists; there is nothing at 'none'".into()),
        ("export APIARY_YARD=file", "hive list", 2, "APIARY_YARD=file ^^^^ $APIARY_YARD takes a folder that exists; 'file' is a file".into()),
        ("export APIARY_YARD=theirs", "hive list", 1, format!("apiary: cannot read the yard in theirs {denied}")),
        ("export APIARY_YARD=theirs", "inspect A7", 1, format!("apiary: nothing can be recorded in theirs: name another by --yard {denied}")),
        ("export XDG_DATA_HOME=$XDG_DATA_HOME/../theirs", "hive list", 1, format!("apiary: cannot read the yard in {} {denied}", theirs.replace("~/", "~/data/../"))),
        ("chmod 0 $XDG_DATA_HOME", "inspect A7", 1, format!("apiary: nothing can be recorded in your own yard, ~/data/apiary/yard: name another by --yard {denied}")),
        ("export XDG_DATA_HOME=$XDG_DATA_HOME/../file", "inspect A7", 1, "apiary: nothing can be recorded in your own yard, ~/data/../file/apiary/yard: name another by --yard because: Not a directory".into()),
        ("mkdir ../../yard/A7.toml", "-y yard inspect A7", 1, "apiary: yard/A7.toml cannot be read: it is a folder".into()),
        ("touch ../../yard/A7.toml; chmod 0 ../../yard/A7.toml", "-y yard hive list", 1, "apiary: yard/A7.toml cannot be read: it is not permitted".into()),
    ] {
        assert_eq!(told(prepared, line), (status, said), "`{prepared}; apiary {line}`");
    }
}
