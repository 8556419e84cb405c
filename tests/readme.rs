//! What the README shows is what there is: its first five minutes are lived through, in a folder of their own. And
//! names that were given up are nowhere.

use std::fs;
use std::path::Path;
use std::process::Command;

const README: &str = include_str!("../README.md");
const ROOT: &str = env!("CARGO_MANIFEST_DIR");

/// The blocks of a kind, in order.
fn blocks<const N: usize>(kind: &str) -> [&'static str; N] {
    let fence = format!("```{kind}\n");
    let mut rest = README.split(&fence).skip(1);
    std::array::from_fn(|_| {
        rest.next().and_then(|rest| rest.split("```").next()).expect("the README has the block")
    })
}

fn block(kind: &str) -> &'static str {
    let [block] = blocks(kind);
    block
}

#[test]
fn the_program_is_the_smallest_example() {
    let example = include_str!("../examples/smallest.rs");
    let (_, program) = example.split_once("\n\n").expect("a line of documentation comes first");
    assert_eq!(block("rust,no_run"), program);
}

/// The first minutes of a stranger: a package is made, its program is run with each line that is shown, and its test.
#[cfg(unix)]
#[test]
fn the_first_five_minutes_are_as_shown() {
    let folder = tempfile::tempdir().unwrap();
    std::os::unix::fs::symlink(ROOT, folder.path().join("clavret")).unwrap();
    let package = folder.path().join("inspect");
    let run = |line: &str, place: &Path| {
        let mut bash = Command::new("bash");
        bash.args(["-c", line]).current_dir(place).env_remove("COLUMNS");
        // What this workspace has fetched is there, and what it has built need not be built again.
        bash.env("CARGO_NET_OFFLINE", "true")
            .env("CARGO_TARGET_DIR", Path::new(ROOT).join("target"));
        let output = bash.output().unwrap();
        let said = String::from_utf8([output.stdout, output.stderr].concat()).unwrap();
        (said, output.status.code().unwrap())
    };
    let (said, status) = run(&("set -e\n".to_owned() + block("sh")), folder.path());
    assert_eq!(status, 0, "{said}");
    let [test, ways] = blocks("rust,ignore");
    fs::copy(Path::new(ROOT).join("Cargo.lock"), package.join("Cargo.lock")).unwrap();
    fs::write(package.join("src/main.rs"), block("rust,no_run").to_owned() + test).unwrap();

    let mut shown = Vec::new();
    for line in block("console").lines().filter_map(|line| line.strip_prefix("$ ")) {
        let (said, status) = run(line, &package);
        assert_eq!(status, if said.contains("to put right") { 2 } else { 0 }, "{said}");
        shown.push(format!("$ {line}\n{said}"));
    }
    assert_eq!(block("console"), shown.join("\n"));
    let (said, status) = run("cargo test", &package);
    assert!(status == 0 && said.contains("frames_have_a_limit ... ok"), "{said}");

    // The other ways to declare, in one program.
    let ways = format!("#![allow(unused)]\nfn main() {{\n{ways}println!(\"{{frames}}\");\n}}\n");
    fs::write(package.join("src/main.rs"), ways).unwrap();
    let (said, status) = run(
        "cargo add -q clavret --path ../clavret --features asked && cargo run -q -- -f6",
        &package,
    );
    assert_eq!((&*said, status), ("6\n", 0));
}

/// The text of each file below a folder that tells of the library.
fn texts(folder: &Path, texts: &mut Vec<(String, String)>) {
    for entry in fs::read_dir(folder).unwrap() {
        let path = entry.unwrap().path();
        let name = path.file_name().unwrap().to_string_lossy().into_owned();
        if path.is_dir() && !name.starts_with('.') && name != "target" {
            self::texts(&path, texts);
        } else if path.extension().is_some_and(|end| end == "rs" || end == "md") {
            texts.push((path.display().to_string(), fs::read_to_string(&path).unwrap()));
        }
    }
}

#[test]
fn names_that_were_given_up_are_nowhere() {
    let mut all = Vec::new();
    texts(Path::new(env!("CARGO_MANIFEST_DIR")), &mut all);
    assert!(all.len() > 100, "{} files", all.len());
    // In two parts, so that they do not stand here either.
    let gone = [
        ("Opt", "<"),
        ("Opt", "::"),
        (".sho", "rt("),
        ("sho", "rt ="),
        ("opposite", "_short"),
        ("Rule::", "needs"),
        ("Rule::", "excludes"),
    ];
    for (begin, end) in gone {
        let name = begin.to_owned() + end;
        for (path, text) in &all {
            let is_there = text.match_indices(&name).any(|(at, _)| {
                !text[..at].ends_with(|before: char| before.is_alphanumeric() || before == '_')
                    || name.starts_with('.')
            });
            assert!(!is_there, "`{name}` in {path}");
        }
    }
}

/// The headings of a text in Markdown, as links call them: in lower case, letters and digits, dashes for spaces.
fn anchors(text: &str) -> Vec<String> {
    let headings = prose(text).filter_map(|line| line.strip_prefix('#'));
    let called = |heading: &str| {
        let heading = heading.trim_start_matches('#').trim().to_lowercase();
        let letters = heading.chars().map(|letter| if letter == ' ' { '-' } else { letter });
        letters.filter(|letter| letter.is_alphanumeric() || "-_".contains(*letter)).collect()
    };
    headings.map(called).collect()
}

/// The lines that are no code.
fn prose(text: &str) -> impl Iterator<Item = &str> {
    let mut is_code = false;
    text.lines().filter(move |line| {
        let is_fence = line.trim_start().starts_with("```");
        is_code ^= is_fence;
        !is_code && !is_fence
    })
}

/// Each link leads somewhere in a checkout, and to a heading where it names one.
#[test]
fn links_lead_somewhere() {
    let link = regex::Regex::new(r"\]\(([^()\s]+)\)").unwrap();
    let dangling = regex::Regex::new(r"\[(`[^`]+`)\]([^(\[]|$)").unwrap();
    let mut wrong = Vec::new();
    let mut count = 0;
    for folder in [ROOT.into(), Path::new(ROOT).join("docs")] {
        for entry in fs::read_dir(&folder).unwrap() {
            let file = entry.unwrap().path();
            if file.extension().is_none_or(|end| end != "md") {
                continue;
            }
            let text = fs::read_to_string(&file).unwrap();
            for line in prose(&text) {
                let named = dangling.captures_iter(line).map(|found| found[1].to_owned());
                let lost = link.captures_iter(line).map(|found| found[1].to_owned()).filter(|to| {
                    count += 1;
                    let (path, heading) = to.split_once('#').unwrap_or((to, ""));
                    let there = if path.is_empty() { file.clone() } else { folder.join(path) };
                    let has_heading = || {
                        anchors(&fs::read_to_string(&there).unwrap()).iter().any(|at| at == heading)
                    };
                    !to.starts_with("https://")
                        && (!there.exists() || !heading.is_empty() && !has_heading())
                });
                wrong.extend(named.chain(lost).map(|to| format!("{}: {to}", file.display())));
            }
        }
    }
    assert!(count > 30, "{count} links");
    assert!(wrong.is_empty(), "{}", wrong.join("\n"));
}

/// The lines of all sources of the library.
fn sources() -> Vec<String> {
    let mut folders: Vec<_> = ["src", "crates/core/src", "crates/tab/src", "crates/document/src"]
        .map(|at| Path::new(ROOT).join(at))
        .into();
    let mut sources = Vec::new();
    while let Some(folder) = folders.pop() {
        for entry in fs::read_dir(folder).unwrap() {
            let path = entry.unwrap().path();
            if path.is_dir() {
                folders.push(path);
            } else {
                sources.push(fs::read_to_string(path).unwrap());
            }
        }
    }
    sources
}

/// What a practitioner looks for, and what the documentation's search is to lead to.
const TRADE: &str = "\
    positional Operand; argument Operand; option Named; switch Flag; boolean option Flag; counter Tally; verbosity Tally; \
    parser Command; subcommand commands; prefix abbreviations; exit code statuses; exit status Failure; author package; \
    licence package; option group Bundle; conflict Rule; dependency Rule; mutually exclusive Rule; enumeration Choice; \
    choices Choice; optional value Attached; type Kind; custom type FromWord; conversion FromWord; \
    conversion error Refusal; parsed arguments Reading; parse result Outcome; source Origin; errors Faults; \
    usage error Faults; parse error Fault; rest Tail; trailing arguments Tail; configuration file Config; \
    translation Wording; terminal width Look; colour When; no color COLOR_OPTION; help text Page; \
    declaration error Problem; dispatcher Program; handler Route; callback Route; main run; integration test rehearse; \
    mock rehearse; lint prove; stdin Input; stdout Output; atomic write Output; dynamic completion List; \
    dependency injection Lends; completion script COMPLETIONS_COMMAND; autocomplete complete; short letter; global throughout; \
    fallback default; environment variable; value name placeholder; negation opposite; obsolete deprecated; renamed formerly; \
    invisible hidden; password secret; delimiter joined_by; arity times; unique distinct; validator valid; synonym aliases";

#[test]
fn words_of_the_trade_lead_to_what_they_mean() {
    let aliases = regex::Regex::new(
        r"#\[doc\(alias\(([^)]*)\)\)\]\n(?:\s*#.*\n)*\s*(?:pub )?(?:const )?(?:fn|struct|enum|trait|static|[A-Z_]+) (\w+)",
    )
    .unwrap();
    let mut known = Vec::new();
    for source in sources() {
        for found in aliases.captures_iter(&source) {
            let words = found[1].split(", ").map(|word| word.trim_matches('"'));
            known.extend(words.map(|word| format!("{word} {}", &found[2])));
        }
    }
    let missing: Vec<_> =
        TRADE.split("; ").filter(|wanted| !known.iter().any(|known| known == wanted)).collect();
    assert!(TRADE.split("; ").count() >= 60);
    assert_eq!(missing, Vec::<&str>::new());
}

/// The root is surveyed in one place, which forgets nothing.
#[test]
fn the_map_of_the_root_has_all_of_it() {
    let (map, _) = include_str!("../src/lib.rs").split_once("# The crates").unwrap();
    let mut missing = Vec::new();
    for path in include_str!("../docs/public-paths.txt").lines() {
        let Some((name, _)) = path.strip_prefix("clavret::").and_then(|path| path.split_once(" ("))
        else {
            continue;
        };
        if !name.contains("::")
            && !["`", "[`"].iter().any(|mark| map.contains(&format!("{mark}{name}")))
        {
            missing.push(name);
        }
    }
    assert_eq!(missing, Vec::<&str>::new());
}

/// Whoever comes to an item from a search has not read the one before it.
#[test]
fn no_public_item_leans_on_the_one_before_it() {
    let leaning = regex::Regex::new(
        r"\n *(///\ (?:The\ same\b|Where\.|What\.|It\.|They\b).*)\n(?: *///.*\n| *#\[.*\n)* *pub\ ",
    )
    .unwrap();
    let sources = sources();
    let found: Vec<_> = sources
        .iter()
        .flat_map(|source| leaning.captures_iter(source))
        .map(|found| found[1].to_owned())
        .collect();
    assert_eq!(found, Vec::<String>::new());
}
