//! Scripts of shells evaluate what the tool prints: they receive every byte, and run nothing of it.

use std::ffi::OsStr;
use std::fs;
use std::io::Write;
use std::os::unix::ffi::OsStrExt;
use std::path::Path;
use std::process::{Command, Output, Stdio};

use crate::{clavret, example, feeding};

/// The shells, each with the words that it is started by and the assignments that it takes.
const SHELLS: [(&[&str], &str); 7] = [
    (&["dash"], "sh"),
    (&["busybox", "sh"], "sh"),
    (&["bash", "--posix"], "sh"),
    (&["bash"], "bash"),
    (&["ksh93"], "ksh"),
    (&["mksh"], "mksh"),
    (&["zsh"], "zsh"),
];

const DOCUMENT: &str = "clavret = 1\nname = 'round'\n\
    [[operand]]\nname = 'path'\ntype = 'word'\nmany = true\n\
    [[option]]\nname = 'note'\ntype = 'word'\nmany = true\n\
    [[option]]\nname = 'at'\ntype = ['word', 'word']\noptional = true\n\
    [[option]]\nname = 'one'\ntype = 'word'\noptional = true\n\
    [[flag]]\nname = 'dry-run'\n[[tally]]\nname = 'v'\n";

/// Prints all that it received, NUL after each.
fn script(form: &str) -> String {
    let show = match form {
        "sh" => {
            "show() { eval \"n=\\$p_$1_n\"; i=1; while [ $i -le $n ]; do eval \"printf '%s\\\\0' \\\"\\$p_$1_$i\\\"\"; i=$((i + 1)); done; }\n\
             show note; show at\n"
        }
        _ => "for value in \"${p_note[@]}\" \"${p_at[@]}\"; do printf '%s\\0' \"$value\"; done\n",
    };
    format!(
        "words=$(\"$TOOL\" read \"$DOCUMENT\" --as {form} --prefix p -- \"$@\") || exit\neval \"$words\"\n\
         printf '%s\\0' \"$p_one\" \"$p_one_origin\" \"$p_dry_run\" \"$p_v\" \"$p_note_origin\"\n{show}\
         for value in \"$@\"; do printf '%s\\0' \"$value\"; done\n"
    )
}

fn run(shell: &[&str], script: &str, document: &Path, tool: &str, words: &[&OsStr]) -> Output {
    let mut command = Command::new(shell[0]);
    let command = command.args(&shell[1..]).args(["-c", script, "round"]).args(words);
    // What the environment has of these names is not the line's.
    let command = command.env("TOOL", tool).env("DOCUMENT", document).envs([
        ("p_one", "old"),
        ("p_note_1", "old"),
        ("p_at", "old"),
    ]);
    command
        .current_dir(document.parent().unwrap())
        .output()
        .unwrap_or_else(|error| panic!("{shell:?}: {error}"))
}

const HOSTILE: [&[u8]; 20] = [
    b"two words",
    b"",
    b"it's",
    b"\"",
    b"$(touch evil)",
    b"`touch evil`",
    b"; touch evil",
    b"'; touch evil; '",
    b"-n",
    b"--note",
    b"a\nb\n",
    b"\n",
    b"\\",
    b"\\0101",
    b"%s%d",
    b"*",
    b"~",
    b"!!",
    b"\xff\xfe",
    b"'\\''\xc3",
];

#[test]
fn every_byte_is_received_and_nothing_is_run() {
    let folder = tempfile::tempdir().unwrap();
    let document = folder.path().join("round.toml");
    fs::write(&document, DOCUMENT).unwrap();
    let of = |bytes: &'static [u8]| OsStr::from_bytes(bytes);
    for (shell, form) in SHELLS {
        let mut words = vec![
            of(b"--dry-run"),
            of(b"-vv"),
            of(b"--at"),
            of(b"- 1"),
            of(b"$(id)"),
            of(b"--one"),
            of(b"'\n"),
        ];
        for value in HOSTILE {
            words.extend([of(b"--note"), of(value)]);
        }
        words.push(of(b"--"));
        words.extend(HOSTILE.map(of));
        let mut expected: Vec<&[u8]> = vec![b"'\n", b"word", b"true", b"2", b"word"];
        expected.extend(HOSTILE);
        expected.extend([&b"- 1"[..], b"$(id)"]);
        expected.extend(HOSTILE);
        let Output { status, stdout, stderr } =
            run(shell, &script(form), &document, env!("CARGO_BIN_EXE_clavret"), &words);
        assert!(
            status.success() && stderr.is_empty(),
            "{shell:?}: {}",
            String::from_utf8_lossy(&stderr)
        );
        let received: Vec<&[u8]> =
            stdout.strip_suffix(b"\0").unwrap().split(|&byte| byte == 0).collect();
        assert_eq!(received, expected, "{shell:?}");
        assert!(!folder.path().join("evil").exists(), "{shell:?}");
        // What is not given is empty, whatever the environment has.
        let Output { stdout, .. } =
            run(shell, &script(form), &document, env!("CARGO_BIN_EXE_clavret"), &[]);
        assert_eq!(stdout, b"\0absent\0false\x000\0absent\0", "{shell:?}");
    }
}

/// The feeding script, run by each shell.
#[test]
fn the_feeding_script_receives_every_byte_in_each_shell() {
    let folder = tempfile::tempdir().unwrap();
    for (shell, _) in SHELLS {
        let mut expected = b"$(touch evil): 1.5 l of syrup".to_vec();
        let mut command = feed(&[]);
        let script = command.get_program().to_owned();
        let path =
            command.get_envs().find(|(name, _)| *name == "PATH").unwrap().1.unwrap().to_owned();
        command = Command::new(shell[0]);
        command
            .args(&shell[1..])
            .arg(script)
            .arg("--dry-run")
            .env("PATH", path)
            .env_remove("FEEDING_LOG");
        for value in HOSTILE {
            command.arg("--note").arg(OsStr::from_bytes(value));
            expected.extend([b"; ", value].concat());
        }
        command.args(["--", "$(touch evil)", "-n", "it's"]).current_dir(folder.path());
        let Output { status, stdout, stderr } = command.output().unwrap();
        assert!(
            status.success() && stderr.is_empty(),
            "{shell:?}: {}",
            String::from_utf8_lossy(&stderr)
        );
        let dated = "2026-11-28 ".len();
        assert_eq!(stdout[dated..dated + expected.len()], expected, "{shell:?}");
        assert_eq!(stdout.iter().filter(|&&byte| byte == b':').count(), 3, "{shell:?}");
        assert_eq!(fs::read_dir(folder.path()).unwrap().count(), 0, "{shell:?}");
    }
}

/// A missing tool, a refused line, a broken document: the script goes no further.
#[test]
fn a_script_stops_where_there_is_nothing_to_evaluate() {
    let folder = tempfile::tempdir().unwrap();
    let document = folder.path().join("round.toml");
    fs::write(&document, DOCUMENT).unwrap();
    let tool = env!("CARGO_BIN_EXE_clavret");
    for (shell, form) in SHELLS {
        let script = script(form);
        let refused = [OsStr::new("--nte=x")];
        for (tool, document, status) in [
            ("/nowhere/clavret", document.as_path(), 127),
            (tool, document.as_path(), 2),
            (tool, Path::new("nothing.toml"), 3),
        ] {
            let document = folder.path().join(document);
            let ended = run(shell, &script, &document, tool, &refused);
            assert_eq!(
                (ended.status.code(), ended.stdout.as_slice()),
                (Some(status), &b""[..]),
                "{shell:?}"
            );
            assert!(!ended.stderr.is_empty(), "{shell:?}");
        }
        let helped = run(shell, &script, &document, tool, &[OsStr::new("--help")]);
        assert_eq!(helped.status.code(), Some(0), "{shell:?}");
        assert!(String::from_utf8_lossy(&helped.stdout).contains("usage      round "), "{shell:?}");
    }
}

#[test]
fn names_that_would_share_a_variable_are_refused() {
    let folder = tempfile::tempdir().unwrap();
    let file = folder.path().join("a.toml");
    for (names, told) in [
        (["a-b", "a_b"], "--a-b and --a_b of x would both be $p_a_b_origin in a script"),
        (["a", "a-origin"], "would both be $p_a_origin in a script"),
        (["note-2", "command"], "the command and --command of x would both be $p_command"),
    ] {
        let flags = names.map(|name| format!("[[flag]]\nname = '{name}'\n"));
        fs::write(&file, format!("clavret = 1\nname = 'x'\n{}", flags.concat())).unwrap();
        let refused =
            clavret(&["read", file.to_str().unwrap(), "--as", "sh", "--prefix", "p", "--"]);
        assert_eq!((refused.status, refused.out.as_str()), (3, ""));
        assert!(refused.err.contains(told), "{}", refused.err);
    }
    let list = "clavret = 1\nname = 'x'\n[[option]]\nname = 'note'\nmany = true\n[[flag]]\nname = 'note-2'\n";
    fs::write(&file, list).unwrap();
    let line =
        |form| clavret(&["read", file.to_str().unwrap(), "--as", form, "--prefix", "p", "--"]);
    assert!(
        line("sh").err.contains("--note and --note-2 of x would both be $p_note_2"),
        "{}",
        line("sh").err
    );
    assert_eq!(line("bash").status, 0);
    // Wherever they are, and whether the line reaches them or not.
    let apart = "clavret = 1\nname = 'x'\n[[flag]]\nname = 'add-note-n'\n\
        [[command]]\nname = 'add'\n[[command.option]]\nname = 'note'\nmany = true\n[[command]]\nname = 'list'\n";
    fs::write(&file, apart).unwrap();
    let told = "--add-note-n and add --note of x would both be $p_add_note_n";
    assert!(line("sh").err.contains(told), "{}", line("sh").err);
}

/// A script, with the tool in its path.
fn script_at(script: &Path, words: &[&str]) -> Command {
    let mut command = Command::new(script);
    let tool = Path::new(env!("CARGO_BIN_EXE_clavret")).parent().unwrap();
    let path = std::env::var("PATH").unwrap_or_default();
    command.args(words).env("PATH", format!("{}:{path}", tool.display()));
    command.env_remove("FEEDING_LOG").env("COLUMNS", "80");
    command
}

/// That of the feeding round.
fn feed(words: &[&str]) -> Command {
    script_at(&example("feeding/feeding"), words)
}

/// What a script answers when a user presses TAB behind `feeding --of f`.
fn completed(mut script: Command) -> String {
    let ask = ["1", "complete", "fish", "feeding --of f", "feeding --of f"].join("\u{1f}");
    let script = script.arg("--version").env("CLAVRET", ask);
    let mut asked = script.stdin(Stdio::piped()).stdout(Stdio::piped()).spawn().unwrap();
    asked.stdin.take().unwrap().write_all(b".").unwrap();
    String::from_utf8(asked.wait_with_output().unwrap().stdout).unwrap()
}

/// A script with its document inside: from wherever it is called, by whatever name.
#[test]
fn a_script_may_have_its_document_inside_and_be_linked() {
    use std::os::unix::fs::{PermissionsExt, symlink};
    let folder = tempfile::tempdir().unwrap();
    let (script, link) = (folder.path().join("feeding"), folder.path().join("bin"));
    let document = fs::read_to_string(feeding()).unwrap();
    let with = |start: &str, end: &str| {
        let text = format!(
            "#!/bin/sh\n{start}\n{document}{end}\nwords=$(clavret read --inside \"$0\" --as sh --prefix feed -- \"$@\") || exit\n\
             eval \"$words\"\necho \"$feed_litres $feed_HIVES_1\"\n"
        );
        fs::write(&script, text).unwrap();
        fs::set_permissions(&script, fs::Permissions::from_mode(0o755)).unwrap();
    };
    symlink(&script, &link).unwrap();
    with(": <<'CLAVRET'", "CLAVRET");
    for path in [&script, &link] {
        let told = crate::told(&mut script_at(path, &["-l2", "A7"]));
        assert_eq!((told.status, told.out.as_str(), told.err.as_str()), (0, "2 A7\n", ""));
        assert!(completed(script_at(path, &[])).contains("fondant"));
    }
    with(": <<'OTHER'", "OTHER");
    let told = crate::told(script_at(&script, &[]).arg("A7"));
    assert_eq!(told.status, 3);
    assert!(
        told.err.contains("has no document inside (expected a line `: <<'CLAVRET'`"),
        "{}",
        told.err
    );
    with(": <<'CLAVRET'", "CLAVRETS");
    let told = clavret(&["read", "--inside", &script.display().to_string(), "--", "A7"]);
    assert!(told.err.contains("does not end (expected a line `CLAVRET`)"), "{}", told.err);
    // What is wrong with it is told at the script's own lines.
    with(": <<'CLAVRET'\nsumary = 'x'", "CLAVRET");
    let told = crate::told(script_at(&script, &[]).arg("A7"));
    assert!(told.err.contains("feeding:3:1"), "{}", told.err);
    // The other way, for a document beside the script.
    _ = fs::remove_file(&link);
    symlink(example("feeding/feeding"), &link).unwrap();
    let told = crate::told(&mut script_at(&link, &["A7", "--dry-run"]));
    assert!(told.out.contains("A7: 1.5 l of syrup"), "{}", told.err);
}

#[test]
fn the_feeding_script_reads_helps_and_completes() {
    let folder = tempfile::tempdir().unwrap();
    let log = folder.path().join("log");
    let told =
        crate::told(feed(&["-l2", "A7", "--note", "it's $(id)", "B2"]).arg("--log").arg(&log));
    assert_eq!((told.status, told.out.as_str(), told.err.as_str()), (0, "", ""));
    let noted = fs::read_to_string(&log).unwrap();
    let noted: Vec<&str> = noted.lines().map(|line| line.split_once(' ').unwrap().1).collect();
    assert_eq!(noted, ["A7: 2 l of syrup; it's $(id)", "B2: 2 l of syrup; it's $(id)"]);
    let refused = crate::told(&mut feed(&["--litre", "2", "A7"]));
    assert_eq!((refused.status, refused.out.as_str()), (2, ""));
    assert!(refused.err.contains("try   feeding --litres 2 A7"), "{}", refused.err);
    let page = crate::told(&mut feed(&["--help"]));
    assert_eq!(page.out, clavret(&["page", &feeding()]).out);
    // A script is asked for its document as any program is.
    let mut tool = Command::new(env!("CARGO_BIN_EXE_clavret"));
    let path =
        feed(&[]).get_envs().find(|(name, _)| *name == "PATH").unwrap().1.unwrap().to_owned();
    let tool =
        tool.arg("page").arg(example("feeding/feeding")).env("PATH", path).env("COLUMNS", "80");
    let own = crate::told(tool);
    assert_eq!(own.out, page.out, "{}", own.err);
    let script = crate::told(&mut feed(&["--completions", "bash"])).out;
    assert!(script.contains("TAB for 'feeding' in bash"), "{script}");
    let answer = completed(feed(&[]));
    assert!(answer.starts_with("clavret 1\0") && answer.contains("fondant"), "{answer}");
}
