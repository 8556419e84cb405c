//! Very large lines and very large declarations: each figure at a size, and at 10, 100 and 1,000
//! times that, so that a line that is not straight shows.
//!
//! `scale` prints the table, `scale hostile` its second half; `scale memory` the bytes of a word, in a process that did nothing before;
//! `scale tree SHAPE LOOPS` only reads, for a count of instructions.

use std::time::{Duration, Instant};

use clavret::ask::{CommandPath, Param};
use clavret::handlers::ShowPage;
use clavret::look::Look;
use clavret::medium::{Page, PageLength};
use clavret::reader::Words;
use clavret::shape::{Form, Untyped};
use clavret::shell::{Cursor, Suggestion, complete};
use clavret::world::{SYSTEM, World};
use clavret::{Bundle, Command, Flag, Kind, List, Named, Offer, Operand, Outcome, Rule, SoFar};

static NUMBERS: Operand<Vec<u8>> = Operand::new("number");
static FRAMES: Named<Vec<u8>> = Named::new("frames").letter('f');
static LIST: Command = Command::new("list").takes(&[NUMBERS.param(), FRAMES.param()]);
static TEXT: Operand<String> = Operand::new("text");
static NOTE: Command = Command::new("note").takes(&[TEXT.param()]);
static TOKENS: Named<Vec<String>> = Named::new("token").secret();
static SYNC: Command = Command::new("sync").takes(&[TOKENS.param(), FRAMES.param()]);

fn main() {
    let words: Vec<String> = std::env::args().skip(1).collect();
    match &words.iter().map(String::as_str).collect::<Vec<_>>()[..] {
        ["tree", shape, loops] => read_tree(shape, loops.parse().expect("a number of loops")),
        ["memory"] => println!("{:.1}", bytes_of_a_word()),
        ["hostile"] => hostile(),
        _ => {
            table();
            hostile();
        }
    }
}

fn table() {
    row("operands", 1_000, 1_000_000, |count| {
        let words = vec!["7"; count];
        seconds(|| assert!(matches!(LIST.read(&words), Outcome::Reading(_))))
    });
    row("one option, again and again", 100, 100_000, |count| {
        let words = vec!["-f7"; count];
        seconds(|| assert!(matches!(LIST.read(&words), Outcome::Reading(_))))
    });
    row("faults, read and drawn", 100, 100_000, |count| {
        let words = vec!["x"; count];
        seconds(|| {
            let Outcome::Faults(faults) = LIST.read(&words) else { panic!("a line that reads") };
            assert!(!faults.draw(Look::PLAIN).is_empty());
        })
    });
    row("words behind a text, read and drawn", 100, 100_000, |count| {
        let words = vec!["word"; count];
        seconds(|| {
            let Outcome::Faults(faults) = NOTE.read(&words) else { panic!("a line that reads") };
            assert!(!faults.draw(Look::PLAIN).is_empty());
        })
    });
    row("secrets, read and drawn", 40, 40_000, |count| {
        let mut words = vec!["--token=hum"; count];
        words.push("--frames=many");
        seconds(|| {
            let Outcome::Faults(faults) = SYNC.read(&words) else { panic!("a line that reads") };
            assert!(!faults.draw(Look::PLAIN).contains("hum"));
        })
    });
    row("characters without a width", 1_000, 1_000_000, |count| {
        let words = [format!("--frames=x{}", "\u{301}".repeat(count))];
        seconds(|| {
            let Outcome::Faults(faults) = LIST.read(&words) else { panic!("a line that reads") };
            assert!(faults.draw(Look::PLAIN).len() < 1_000);
        })
    });
    row("options looked through for flaws", 10, 10_000, |count| {
        let command = options(count);
        seconds(|| assert!(!clavret::faults::flaws(command).is_empty()))
    });
    row("names looked through for problems", 100, 100_000, |count| {
        let command = options(count);
        seconds(|| assert!(command.problems().is_empty()))
    });
    row("options that TAB offers", 50, 50_000, |count| {
        let command = options(count);
        seconds(|| assert!(offered(command, "--op", None) == count))
    });
    row("options that TAB looks through for one", 50, 50_000, |count| {
        let command = options(count);
        let last = format!("--option-{:05}", count - 1);
        seconds(|| assert!(offered(command, &last, None) == 1))
    });
    row("listed values, made and offered", 1_000, 1_000_000, |count| {
        let command = listed(count);
        let offered = |begun| offered(command, begun, Some(&SYSTEM));
        seconds(|| assert_eq!((offered(""), offered("hive-0000007")), (1_000, 1)))
    });
    row("listed values, made, one misspelt", 1_000, 1_000_000, |count| {
        let command = listed(count);
        seconds(|| {
            let words = ["hhive-0000007"];
            let Outcome::Faults(faults) = command.read_in(Words::new(&words), &SYSTEM) else {
                panic!("a line that reads")
            };
            assert!(faults.draw(Look::PLAIN).contains("try"));
        })
    });
    row("options in reach of a misspelt name", 10, 10_000, |count| {
        let command = options(count);
        seconds(|| {
            let Outcome::Faults(faults) = command.read(&["--optoin-00005", "3"]) else {
                panic!("a line that reads")
            };
            assert!(faults.draw(Look::PLAIN).contains("try"));
        })
    });
}

/// What only a document, a slip of a script or somebody with bad intent makes so large.
fn hostile() {
    row("misspelt names, 50 options in reach", 100, 100_000, |count| {
        let command = options(50);
        let words: Vec<String> = (0..count).map(|at| format!("--optoin-{at:05}")).collect();
        seconds(|| _ = refused(command, &words))
    });
    row("misspelt names in a program with a secret", 100, 100_000, |count| {
        let words: Vec<String> = (0..count).map(|at| format!("--frmaes-{at:05}")).collect();
        seconds(|| _ = refused(&SYNC, &words))
    });
    row("different options, each given", 10, 10_000, |count| {
        let command = options(count);
        let words: Vec<String> = (0..count).map(|at| format!("--option-{at:05}=7")).collect();
        seconds(|| assert!(matches!(command.read(&words), Outcome::Reading(_))))
    });
    row("negative numbers, an operand for each", 10, 10_000, |count| {
        let operand = |at| leak(Operand::<i32>::draft(leak(format!("operand-{at}")))).param();
        let params: Vec<_> = (0..count).map(operand).collect();
        let command = Command::draft("many").takes(leak(params));
        let words = vec!["-7"; count];
        seconds(|| assert!(matches!(command.read(&words), Outcome::Reading(_))))
    });
    row("members of a rule, a page and a line", 10, 10_000, |count| {
        let members: Vec<_> = options(count).ask().params().collect();
        let members: &[&Param<'_>] = leak(members);
        let rules = leak([Rule::only_one(members)]);
        let command = leak(Command::draft("many").takes(members).rules(rules));
        let words: Vec<String> = (0..count).map(|at| format!("--option-{at:05}=7")).collect();
        seconds(|| {
            _ = refused(command, &words);
            page(command);
        })
    });
    row("commands, a bundle of as many in each", 3, 3_000, |count| {
        let params: Vec<_> = options(count).ask().params().collect();
        let bundle = leak(Bundle::new("set").takes(leak(params)));
        let bundles = leak([bundle]);
        let command = |at| leak(Command::draft(leak(format!("c{at:05}"))).bundles(bundles));
        let commands: Vec<_> = (0..count).map(command).collect();
        let root = leak(Command::draft("many").commands(leak(commands)));
        seconds(|| {
            assert!(root.problems().is_empty());
            _ = refused(root, &["c00001", "--nosuch"]);
        })
    });
    row("levels looked through for flaws", 10, 1_000, |count| {
        let name = |at| leak(format!("c{at:05}"));
        let root = (0..count).fold(Command::draft("end"), |below, at| {
            Command::draft(name(at)).commands(leak([leak(below)]))
        });
        let root = leak(root);
        seconds(|| assert!(!clavret::faults::flaws(root).is_empty()))
    });
    row("what is usual, looked through", 10, 10_000, |count| {
        let flag = |at| {
            leak(Flag::<bool>::draft(leak(format!("f{at:05}"))).stands_alone(&ShowPage)).param()
        };
        let usual: Vec<_> = (0..count).map(flag).collect();
        let root = leak(Command::draft("many").usual(leak(usual)));
        seconds(|| assert!(root.problems().is_empty()))
    });
    row("marks that are never closed", 1_000, 1_000_000, |count| {
        let root = leak(Command::draft("many").description(leak("`a **b _c ".repeat(count / 10))));
        seconds(|| page(root))
    });
    row("words of a kind, a page and a fault", 10, 10_000, |count| {
        let offer = |at| Offer::of(leak(format!("w{at}"))).help("one of many");
        let kind = leak(Kind::choice(leak((0..count).map(offer).collect::<Vec<_>>())));
        let form: &Form<'_> = leak(Form::words(leak([kind])));
        let option = |at| leak(Untyped::option(leak(format!("o{at}")), form)).param();
        let root =
            leak(Command::draft("many").takes(leak((0..100).map(option).collect::<Vec<_>>())));
        seconds(|| {
            _ = refused(root, &["--o7", "wx"]);
            page(root);
        })
    });
}

/// What is drawn of a line that is refused.
fn refused<W: clavret::reader::Word>(command: &'static Command<'static>, words: &[W]) -> String {
    let Outcome::Faults(faults) = command.read(words) else { panic!("a line that reads") };
    faults.draw(Look::PLAIN)
}

/// A full page, drawn.
fn page(command: &'static Command<'static>) {
    let path = CommandPath::of(command);
    assert!(!Page::of(&path, PageLength::Full).draw(Look::PLAIN).is_empty());
}

/// A figure at four sizes.
fn row(what: &str, from: usize, to: usize, measure: impl Fn(usize) -> f64) {
    let mut sizes = Vec::new();
    let mut size = from;
    while size <= to {
        sizes.push(format!("{size:>9}: {:>8.2} ms", measure(size) * 1e3));
        size *= 10;
    }
    println!("{what:<38} {}", sizes.join("  "));
}

/// The shortest of a few runs.
fn seconds(run: impl Fn()) -> f64 {
    let once = || {
        let start = Instant::now();
        run();
        start.elapsed().as_secs_f64()
    };
    (0..5).map(|_| once()).fold(f64::INFINITY, f64::min)
}

/// What a reading of a million words holds at its peak, its values of a byte each and the words left
/// aside, as the system counts the process's memory.
fn bytes_of_a_word() -> f64 {
    const COUNT: usize = 1_000_000;
    let words = vec!["7"; COUNT];
    let before = resident("VmRSS:");
    let outcome = LIST.read(&words);
    assert!(matches!(outcome, Outcome::Reading(_)));
    (resident("VmHWM:") - before) * 1024.0 / COUNT as f64
}

fn resident(field: &str) -> f64 {
    let status = std::fs::read_to_string("/proc/self/status").unwrap_or_default();
    let line = status.lines().find_map(|line| line.strip_prefix(field));
    line.and_then(|line| line.trim().trim_end_matches(" kB").parse().ok()).unwrap_or(f64::NAN)
}

fn leak<T>(value: T) -> &'static T {
    Box::leak(Box::new(value))
}

/// A command with a closed list of so many values.
fn listed(count: usize) -> &'static Command<'static> {
    let values = move |_: &SoFar| (0..count).map(|at| format!("hive-{at:07}")).collect::<Vec<_>>();
    let list = leak(List::new(leak(values)).closed().within(Duration::from_secs(60)));
    let hive = leak(Operand::<String>::draft("hive").listed_by(list));
    leak(Command::draft("inspect").takes(leak(vec![hive.param()])))
}

fn options(count: usize) -> &'static Command<'static> {
    let option = |at| {
        let name: &'static str = leak(format!("option-{at:05}"));
        let option: &'static Named<Option<u8>> = leak(Named::draft(name));
        option.param()
    };
    let params: Vec<&'static Param<'static>> = (0..count).map(option).collect();
    leak(Command::draft("many").takes(leak(params)))
}

/// Commands that take the numbers, `fan` at each level below one another.
fn tree(name: String, fan: &[usize]) -> &'static Command<'static> {
    let command = Command::draft(leak(name));
    let Some((&count, fan)) = fan.split_first() else {
        return leak(command.takes(leak(LIST.ask().params().collect::<Vec<_>>())));
    };
    let below: Vec<_> = (0..count).map(|at| tree(format!("c{at:05}"), fan)).collect();
    leak(command.commands(leak(below)))
}

/// Reads a line of the same length in a tree of a shape, again and again.
fn read_tree(shape: &str, loops: usize) {
    let (root, path) = match shape {
        "ten" => (tree("root".into(), &[10]), vec!["c00007"]),
        "flat" => (tree("root".into(), &[10_000]), vec!["c07007"]),
        "ten-deep" => (tree("root".into(), &[2, 2, 3]), vec!["c00001", "c00001", "c00002"]),
        _ => (tree("root".into(), &[21, 21, 22]), vec!["c00017", "c00017", "c00017"]),
    };
    let words = [path, vec!["1", "-f", "7", "2", "-f8", "--frames=9", "3", "4", "5"]].concat();
    for _ in 0..loops {
        let outcome = root.read(&words);
        assert!(matches!(outcome, Outcome::Reading(_)));
    }
}

/// How many words completion offers for the first word of a line.
fn offered(command: &Command<'_>, begun: &str, world: Option<&dyn World>) -> usize {
    let found = complete(command, &Cursor::new(&[] as &[&str], begun), world);
    found.iter().flat_map(Suggestion::texts).count()
}
