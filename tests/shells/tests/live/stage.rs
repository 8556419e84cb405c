//! A shell on a pseudo-terminal: keys are typed as a user types them, and the shell itself writes down what is on its
//! line. The program is found by its name, and its words are written down too.

use std::fs;
use std::io::{Read, Write};
use std::path::PathBuf;
use std::sync::Arc;
use std::time::{Duration, Instant};

use clavret::shell::BASH;
use pty_process::blocking::{Command, Pty, open};

#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) enum Sort {
    Bash,
    /// bash, with the script that starts nothing.
    Whole,
    Zsh,
    Fish,
}

/// Those whose script asks the program.
pub(crate) const LIVE: [Sort; 3] = [Sort::Bash, Sort::Zsh, Sort::Fish];

impl Sort {
    pub(crate) fn name(self) -> &'static str {
        match self {
            Sort::Bash | Sort::Whole => "bash",
            Sort::Zsh => "zsh",
            Sort::Fish => "fish",
        }
    }
}

/// How the script gets into the shell, and how the shell is set.
#[derive(Debug, Clone, Copy, Default)]
pub(crate) struct Setting {
    /// What is run before the script is loaded.
    pub(crate) first: &'static str,
    /// The script is found by the shell in its folder for such, and not read at the start.
    pub(crate) is_found: bool,
}

pub(crate) struct Shell {
    sort: Sort,
    keys: Arc<Pty>,
    child: std::process::Child,
    pub(crate) folder: tempfile::TempDir,
}

/// What the program is on PATH: it writes down its words, and hands a request on.
fn program(binary: &str) -> String {
    format!(
        "#!/bin/sh\n\
         printf '%s\\n' \"$@\" >>\"$HOME/.started\"\n\
         [ \"$*\" = --version ] && [ -n \"$CLAVRET\" ] && exec '{binary}' \"$@\"\n\
         printf '%s\\0' \"$@\" >\"$HOME/.words.new\"; mv \"$HOME/.words.new\" \"$HOME/.words\"\n"
    )
}

/// The script that a program prints.
pub(crate) fn printed(binary: &str, sort: Sort) -> Vec<u8> {
    let script = std::process::Command::new(binary).args(["completions", sort.name()]).output();
    script.unwrap().stdout
}

impl Shell {
    /// A shell with the script of a program, which is a binary of this workspace.
    pub(crate) fn new(sort: Sort, name: &str, binary: &str, setting: Setting) -> Self {
        let script = match (sort, name) {
            (Sort::Whole, "apiary") => BASH.whole_script(&apiary::APIARY).unwrap().into_bytes(),
            (Sort::Whole, _) => BASH.whole_script(&clavret_shells::TORTURE).unwrap().into_bytes(),
            _ => printed(binary, sort),
        };
        Shell::with(sort, name, &program(binary), &script, setting)
    }

    /// The same with a program and a script as they are.
    pub(crate) fn with(
        sort: Sort,
        name: &str,
        program: &str,
        script: &[u8],
        setting: Setting,
    ) -> Self {
        let folder = tempfile::tempdir().unwrap();
        let path = |name: &str| folder.path().join(name);
        for below in ["bin", "functions", ".config/fish/completions", "place", "my files"] {
            fs::create_dir_all(path(below)).unwrap();
        }
        fs::write(path("bin").join(name), program).unwrap();
        std::process::Command::new("chmod").arg("+x").arg(path("bin").join(name)).status().unwrap();
        for file in [
            "plain.txt",
            "with space.txt",
            "no\u{fc}n.md",
            "place/within.txt",
            "CAPS.TXT",
            "my files/deep one.txt",
            "o:1.jar",
            "e=1.jar",
            "u@h.jar",
            "-d.jar",
            "q\".jar",
        ] {
            fs::write(path(file), "").unwrap();
        }
        let mut command = Command::new(sort.name());
        let first = setting.first;
        // The buffer is written down by a key of its own, which comes after TAB has been worked on.
        match sort {
            Sort::Bash | Sort::Whole => {
                fs::write(path("script"), script).unwrap();
                let rc = format!(
                    "PS1='ready> '\nunset HISTFILE\n{first}\nsource ~/script\n\
                     dump() {{ printf '%s' \"$READLINE_LINE\" >~/.line.new; mv ~/.line.new ~/.line; }}\n\
                     bind -x '\"\\C-g\": dump'\nbind 'set bell-style none'\nbind 'set completion-query-items 0'\n\
                     bind 'set page-completions off'\nbind 'set show-all-if-ambiguous on'\nset +o histexpand\n\
                     eval \"real$(declare -f _{name})\"\n\
                     _{name}() {{ real_{name} \"$@\"; printf '%s\\0' \"${{COMPREPLY[@]}}\" >~/.offered; }}\n"
                );
                fs::write(path("rc"), rc).unwrap();
                command = command.args(["--noprofile", "--rcfile", "rc", "-i"]);
            }
            Sort::Zsh => {
                let load = if setting.is_found {
                    fs::write(path("functions").join(format!("_{name}")), script).unwrap();
                    format!(
                        "fpath=(~/functions $fpath)\nautoload -Uz compinit\ncompinit -u -D\n{first}\n"
                    )
                } else {
                    fs::write(path("script"), script).unwrap();
                    format!("autoload -Uz compinit\ncompinit -u -D\n{first}\nsource ~/script\n")
                };
                let rc = format!(
                    "PS1='ready> '\nunsetopt list_ambiguous bang_hist\nsetopt complete_in_word\nLISTMAX=100000\n{load}\
                     dump() {{ print -rn -- \"$BUFFER\" >~/.line.new; mv ~/.line.new ~/.line }}\n\
                     zle -N dump\nbindkey '^G' dump\nbindkey '^U' kill-whole-line\n\
                     compadd() {{ local -a got; builtin compadd -O got \"$@\" 2>/dev/null; \
                     print -rN -- \"$got[@]\" >>~/.offered; builtin compadd \"$@\" }}\n"
                );
                fs::write(path(".zshrc"), rc).unwrap();
                command = command.args(["-i"]);
            }
            Sort::Fish => {
                fs::write(path(".config/fish/completions").join(format!("{name}.fish")), script)
                    .unwrap();
                let rc = format!(
                    "function fish_prompt; echo 'ready> '; end\nfunction fish_greeting; end\n{first}\n\
                     function dump; complete -C (commandline -c | string collect) | string join0 >~/.offered; \
                     commandline >~/.line.new; mv ~/.line.new ~/.line; end\n\
                     bind \\cg dump\nbind \\cu 'commandline \"\"'\nset -g fish_autosuggestion_enabled 0\n"
                );
                fs::write(path(".config/fish/config.fish"), rc).unwrap();
                command = command.args(["-i"]);
            }
        }
        let (pty, terminal) = open().unwrap();
        pty.resize(pty_process::Size::new(60, 200)).unwrap();
        let old = std::env::var("PATH").unwrap();
        let child = command
            .current_dir(folder.path())
            .env("HOME", folder.path())
            .env("ZDOTDIR", folder.path())
            .env("XDG_CONFIG_HOME", path(".config"))
            .env("XDG_DATA_HOME", path(".local"))
            .env("PATH", format!("{}:{old}", path("bin").display()))
            .env("TERM", "xterm")
            .env("LC_ALL", "C.UTF-8")
            .env_remove("APIARY_YARD")
            .env_remove("PROMPT_COMMAND")
            .spawn(terminal)
            .expect("the shell starts");
        // What the shell draws is kept, so that it never waits for a reader.
        let keys = Arc::new(pty);
        let drawn = Arc::clone(&keys);
        let screen = path(".screen");
        std::thread::spawn(move || {
            let mut bytes = [0; 4096];
            let mut kept = fs::File::create(screen).unwrap();
            while let Ok(count @ 1..) = (&*drawn).read(&mut bytes) {
                _ = kept.write_all(&bytes[..count]);
                // A shell that asks where its cursor is waits for an answer.
                if bytes[..count].windows(4).any(|part| part == b"\x1b[6n") {
                    _ = (&*drawn).write_all(b"\x1b[1;1R");
                }
            }
        });
        let shell = Shell { sort, keys, child, folder };
        shell.ready();
        shell
    }

    /// Waits until the shell reads keys.
    fn ready(&self) {
        let from = Instant::now();
        while !fs::read_to_string(self.file(".screen")).unwrap_or_default().contains("ready>") {
            assert!(
                from.elapsed() < Duration::from_secs(20),
                "{:?} is not ready: {}",
                self.sort,
                self.screen()
            );
            std::thread::sleep(Duration::from_millis(20));
        }
    }

    pub(crate) fn screen(&self) -> String {
        String::from_utf8_lossy(&fs::read(self.file(".screen")).unwrap_or_default()).into_owned()
    }

    pub(crate) fn file(&self, name: &str) -> PathBuf {
        self.folder.path().join(name)
    }

    fn types(&self, keys: &str) {
        (&*self.keys).write_all(keys.as_bytes()).unwrap();
    }

    /// The line after TAB was pressed where `⇥` stands.
    #[track_caller]
    pub(crate) fn completes(&self, line: &str) -> String {
        let (before, after) = line.split_once('⇥').unwrap_or((line, ""));
        _ = fs::remove_file(self.file(".line"));
        _ = fs::remove_file(self.file(".offered"));
        self.types(before);
        self.types(after);
        self.types(&"\x1b[D".repeat(after.chars().count()));
        self.types("\t");
        self.types("\x07");
        self.soon(".line")
    }

    /// What is offered where TAB is pressed, sorted.
    pub(crate) fn offers(&self, line: &str) -> Vec<String> {
        self.completes(line);
        let text = fs::read_to_string(self.file(".offered")).unwrap_or_default();
        let mut offered: Vec<String> = text.split('\0').map(str::to_owned).collect();
        for word in &mut offered {
            // Behind a tab is fish's help, behind two spaces bash's, behind a word bash's space.
            let text = word.split('\t').next().unwrap_or_default();
            *word = text.split("  ").next().unwrap_or_default().trim_end().to_owned();
        }
        offered.retain(|word| !word.is_empty());
        offered.sort();
        offered.dedup();
        // What interrupts a line takes keys with it that were typed ahead.
        self.types(if self.sort == Sort::Fish { "\x03\x05\x15" } else { "\x05\x15" });
        offered
    }

    /// What the program was started with, a word a line.
    pub(crate) fn started(&self) -> String {
        fs::read_to_string(self.file(".started")).unwrap_or_default()
    }

    /// How many processes of a program were started from here and still run, where the system tells.
    pub(crate) fn running(&self, binary: &str) -> usize {
        let home = format!("HOME={}", self.folder.path().display());
        let processes = fs::read_dir("/proc").into_iter().flatten().flatten();
        let is_its_own = |process: &fs::DirEntry| {
            let program = fs::read_link(process.path().join("exe")).unwrap_or_default();
            let environment = fs::read(process.path().join("environ")).unwrap_or_default();
            program.ends_with(binary) && String::from_utf8_lossy(&environment).contains(&home)
        };
        processes.filter(is_its_own).count()
    }

    /// What the program gets after TAB, some more keys, and Enter.
    #[track_caller]
    pub(crate) fn words(&self, line: &str, more: &str) -> Vec<String> {
        _ = fs::remove_file(self.file(".words"));
        self.completes(line);
        self.types(more);
        self.types("\r");
        let text = self.soon(".words");
        text.split_terminator('\0').map(str::to_owned).collect()
    }

    /// A file that something else writes soon. Where it does not, the line is given up, and what is on the screen is
    /// what there is to tell.
    fn soon(&self, name: &str) -> String {
        let read = || fs::read_to_string(self.file(name)).ok();
        if let Some(text) = soon(read) {
            return text;
        }
        self.types("\x03\x15");
        let screen = self.screen();
        screen.chars().skip(screen.chars().count().saturating_sub(300)).collect()
    }
}

/// What becomes so within seconds.
pub(crate) fn soon<T>(is_so: impl Fn() -> Option<T>) -> Option<T> {
    let from = Instant::now();
    while from.elapsed() < Duration::from_secs(5) {
        if let so @ Some(_) = is_so() {
            return so;
        }
        std::thread::sleep(Duration::from_millis(5));
    }
    None
}

/// A shell that waits for more of a command is asked to go all the same.
impl Drop for Shell {
    fn drop(&mut self) {
        self.types("\x03\x15exit\r");
        let from = Instant::now();
        while matches!(self.child.try_wait(), Ok(None)) {
            if from.elapsed() > Duration::from_secs(2) {
                _ = self.child.kill();
            }
            std::thread::sleep(Duration::from_millis(10));
        }
        _ = self.child.wait();
    }
}
