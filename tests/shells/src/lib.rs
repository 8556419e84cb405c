//! A program whose texts a shell would read as something else: quotes, variables, commands, patterns.

use std::collections::BTreeMap;
use std::io::Write;
use std::path::PathBuf;
use std::time::Duration;

use clavret::look::When;
use clavret::{
    Attached, COMPLETIONS_COMMAND, Choice, Command, Flag, HELP_COMMAND, Known, List, Named, Offer,
    Operand, SoFar, Tail,
};

/// Words that are hard on a shell; each begins as no other one does.
pub const HOSTILE: [&str; 30] = [
    "aa plain words",
    "ab'quote",
    "ac\"double",
    "ad$HOME",
    "ae`touch stung`",
    "af$(touch stung)",
    "ag*star",
    "ah?mark",
    "ai[b]",
    "aj{x,y}",
    "ak;touch stung",
    "al&touch stung",
    "am|touch stung",
    "an>stung",
    "ao<none",
    "ap(paren)",
    "aq back\\slash",
    "ar!bang",
    "as#hash",
    "at~tilde",
    "au=equals",
    "av:colon",
    "aw@at",
    "ax,comma",
    "ay%percent",
    "az^caret",
    "ba\u{fc}\u{8702}",
    "bb  two  blanks ",
    "bc-ends/",
    "bd.a.",
];

const WORDS: [Offer<'static>; 30] = {
    let mut words = [Offer::of(""); 30];
    let mut at = 0;
    while at < words.len() {
        words[at] = Offer::of(HOSTILE[at]).help("$(touch stung) `touch stung` 'x' \"%d\" \\n;");
        at += 1;
    }
    words
};

/// One of the hostile words.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
pub struct Hostile(usize);

impl Choice for Hostile {
    const OFFERS: &'static [Offer<'static>] = &WORDS;
    const VALUES: &'static [Self] = &{
        let mut values = [Hostile(0); 30];
        let mut at = 0;
        while at < values.len() {
            values[at] = Hostile(at);
            at += 1;
        }
        values
    };
}

static WORD: Operand<Vec<Hostile>> =
    Operand::new("word").placeholder("$(touch`stung`)").help("'$(touch stung)'");
static SAY: Command =
    Command::new("say").summary("$(touch stung); `touch stung`").takes(&[WORD.param()]);

/// Keys with values of their own.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
enum Part {
    Word,
    Jars,
}

impl Choice for Part {
    const OFFERS: &'static [Offer<'static>] =
        &[Offer::of("word").value::<Hostile>(), Offer::of("jars").value::<u8>()];
    const VALUES: &'static [Self] = &[Part::Word, Part::Jars];
}

static SET: Named<BTreeMap<Part, String>> = Named::new("set");
static AS: Named<Option<Hostile>> = Named::new("as").help("\"`touch stung`\"");
static LIST: Named<Vec<Hostile>> = Named::new("list").joined_by(';').help("%F{red} $(touch stung)");
static OUT: Named<Option<PathBuf>> = Named::new("out").letter('o').help("a file");
static INTO: Named<Option<PathBuf>> = Named::new("into").directory();
static TEXT: Named<Option<PathBuf>> = Named::new("text").extensions(&["txt", "m*d"]);
static NOTES: Named<Option<PathBuf>> = Named::new("notes").extensions(&["txt"]);
static COLOR: Named<Attached<When>> = Named::new("color").letter('k').help("when");
static NUMBER: Named<Option<u8>> = Named::new("number").help("a number");
static AT: Named<Option<(i8, When)>> = Named::new("at").placeholder("N WHEN");
static ODD: Flag = Flag::new("$(touch&stung)").help("a name");
static CAFE: Flag = Flag::new("caf\u{e9}").help("\u{fc}ber");
static MANY: Command = Command::new("options").summary("options").takes(&[
    AS.param(),
    SET.param(),
    LIST.param(),
    OUT.param(),
    INTO.param(),
    TEXT.param(),
    NOTES.param(),
    COLOR.param(),
    NUMBER.param(),
    AT.param(),
    ODD.param(),
    CAFE.param(),
]);

static PROGRAM: Operand<String> = Operand::new("program").refers(clavret::Refers::Program);
static REST: Operand<Vec<String>> = Operand::new("rest").tail(Tail::Raw);
static RUN: Command = Command::new("run").takes(&[PROGRAM.param(), REST.param()]);

/// The same words, known at run time, and some that are never offered.
fn found(_: &SoFar) -> Vec<Known> {
    let mut known = vec![Known::of("\u{1b}[31mred")];
    for word in HOSTILE {
        known.push(Known::of(word).help("$(touch stung)\n`touch stung`\u{1b}[31m \"%d\";"));
    }
    #[cfg(unix)]
    known.push(Known::of(<std::ffi::OsString as std::os::unix::ffi::OsStringExt>::from_vec(
        b"no\xff".to_vec(),
    )));
    known
}

static FOUND: Operand<Vec<String>> =
    Operand::new("word").help("'$(touch stung)'").listed_by(&List::new(&found).closed());
static FIND: Command = Command::new("find").takes(&[FOUND.param()]);

/// Whatever a list does, and then what it gives.
fn after(does: impl FnOnce()) -> Vec<Known> {
    does();
    vec!["done".into()]
}

fn sleep() {
    std::thread::sleep(Duration::from_secs(600));
}

/// Starts the program itself: for completion, and for a line with the same list.
fn again() {
    let Ok(program) = std::env::current_exe() else { return };
    for words in [&["--version"][..], &["odd", "--again=x"]] {
        _ = std::process::Command::new(&program).args(words).status();
    }
}

macro_rules! odd {
    ($($key:ident $name:literal $does:expr;)*) => {
        $(static $key: Named<Option<String>> =
            Named::new($name).listed_by(&List::new(&|_: &SoFar| $does).closed());)*
        static ODD_LISTS: Command = Command::new("odd").takes(&[$($key.param()),*]);
    };
}

odd! {
    LATE "late" after(sleep);
    HOLDS "holds" after(|| { let _lock = std::io::stdout().lock(); sleep(); });
    PANICS "panics" after(|| panic!("stung"));
    PRINTS "prints" after(|| _ = std::io::stdout().write_all(b"stung\nwords\x1e"));
    FAILS "fails" Err::<Vec<Known>, _>("stung");
    AGAIN "again" after(again);
    MILLION "million" (0..1_000_000).map(|at| Known::of(format!("m{at:06}"))).collect::<Vec<_>>();
}

/// The program.
pub static TORTURE: Command = Command::new("torture")
    .version("1.0.0")
    .summary("hard on a shell")
    .commands(&[&SAY, &MANY, &RUN, &FIND, &ODD_LISTS, &HELP_COMMAND, &COMPLETIONS_COMMAND])
    .answers();
