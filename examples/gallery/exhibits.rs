//! The lines that are shown, each by the name of what it shows.

use std::ffi::OsString;

use apiary::APIARY;
use clavret::ask::CommandPath;
use clavret::{Command, Named, valid};

use super::around::Around;
use super::house::HOUSE;

/// What is pressed at a cursor.
pub(crate) const TAB: char = '⇥';

/// A line, and what its program says of it.
#[derive(Debug)]
pub(crate) struct Exhibit {
    /// What it shows: a kind of faults, or one of those below that are no faults.
    pub(crate) name: &'static str,
    /// The words as they are typed, variables in front of them. `�` is a byte that is no text.
    pub(crate) line: String,
}

impl Exhibit {
    /// The program that the line is for.
    pub(crate) fn program(&self) -> &'static Command<'static> {
        let is_it =
            |root: &&&Command<'_>| self.line.split(' ').any(|word| word == root.ask().name());
        PROGRAMS.iter().find(is_it).expect("each line has the name of a program")
    }

    /// What is set around it, and the words after the program's name.
    pub(crate) fn parted(&self) -> (Around, Vec<OsString>) {
        let mut words = self.line.split(' ');
        let set = words.by_ref().map_while(|word| word.split_once('='));
        let variables = set.map(|(name, value)| (name.to_owned(), value.to_owned())).collect();
        let words =
            self.line.split(' ').skip_while(|word| *word != self.program().ask().name()).skip(1);
        let is_listing = self.program().is(&HOUSE);
        (Around { variables, is_listing }, words.map(typed).collect())
    }
}

/// A word as a shell hands it over.
#[cfg(unix)]
fn typed(word: &str) -> OsString {
    use std::os::unix::ffi::OsStringExt;
    let parts: Vec<&[u8]> = word.split('�').map(str::as_bytes).collect();
    OsString::from_vec(parts.join(&0xff))
}

#[cfg(not(unix))]
fn typed(word: &str) -> OsString {
    word.into()
}

/// All of them: first the pages, the short one and the full one of every command.
pub(crate) fn exhibits() -> Vec<Exhibit> {
    let mut all = Vec::new();
    for path in [&APIARY, &HOUSE].into_iter().flat_map(CommandPath::tree) {
        let names: Vec<&str> = path.commands().iter().map(|command| command.ask().name()).collect();
        for asked in ["-h", "--help"] {
            all.push(Exhibit { name: "page", line: format!("{} {asked}", names.join(" ")) });
        }
    }
    for (name, lines) in LINES {
        all.extend(lines.iter().map(|&line| Exhibit { name, line: line.to_owned() }));
    }
    all
}

/// The programs whose lines are shown.
pub(crate) static PROGRAMS: [&Command<'static>; 3] = [&APIARY, &HOUSE, &SCALE];

/// A program that is wrong itself: its defaults are not what its options take.
static SCALE: Command = Command::draft("scale").takes(&[ABOVE.param(), BELOW.param(), NO.param()]);
static ABOVE: Named<u8> = Named::draft("most").default("90").valid(&valid::range(1, 20));
static BELOW: Named<u8> = Named::draft("least").default("0").valid(&valid::range(1, 20));
static NO: Named<u8> = Named::draft("step").default("7").valid(&valid::multiple_of(5));

/// Of each kind of faults the first lines have it alone, and the last one has it beside another.
const LINES: &[(&str, &[&str])] = &[
    ("version", &["apiary --version", "house --version"]),
    (
        "option-unknown",
        &[
            "apiary inspect A7 --clam",
            "apiary inspect A7 --weather",
            "apiary inspect A7 -x -z",
            "apiary hive list --queen red",
            "apiary report --moisture 3",
            "apiary inspect A7 --as csv",
            "apiary inspect A7 -hf6",
            "house fill lime b12 --stri",
            "apiary inspect A7 --f=3",
            "apiary inspect -frames 6 A7",
            "apiary inspect A7 -temp=7",
            "apiary inspect A7 -note why",
            "apiary inspect A7 --CALM",
            "apiary inspect A7 -V",
            "apiary -V",
            "apiary -help",
            "apiary inspect -version",
            "house fill lime b12 -wS",
            "apiary inspect —frames 6 A7",
            "apiary inspect A7 –f 6",
            "apiary inspect A7 –cf6",
            "apiary inspect A7 --no-calm",
            "apiary inspect A7 --no-restless",
            "apiary inspect A7 --no-quiet",
            "house sell --settings x",
            "house fill lime b12 --settings=x --warm",
            "house --clam each echo —v",
            "apiary inspect A7 --foo -x --bar",
            "apiary inspect A7 --frme 3 --qiet",
            "apiary inspect A7 --clam -f many",
        ],
    ),
    ("option-ambiguous", &["house fill lime b12 --s", "house fill lime b12 --s -c many"]),
    (
        "option-repeated",
        &["house fill lime b12 --seal a --seal b", "house fill lime b12 --seal a --seal b -c many"],
    ),
    (
        "option-missing",
        &[
            "house sell --mail a@b -p 5",
            "house sell --mail a@b",
            "house sell --mail a@b --buyer Ada -j many",
        ],
    ),
    (
        "command-unknown",
        &[
            "apiary INSPECT A7",
            "apiary add A7",
            "apiary zzz",
            "apiary help inspect extra",
            "house tnaks",
            "house walk",
            "apiary --color=pink zzz",
        ],
    ),
    ("command-ambiguous", &["house s", "house --color=pink s"]),
    ("command-missing", &["apiary hive", "apiary -v", "apiary --color=pink hive"]),
    (
        "operand-missing",
        &[
            "apiary inspect",
            "house fill",
            "house fill lime",
            "house fill --pair 3",
            "apiary inspect -f many",
        ],
    ),
    (
        "operand-extra",
        &[
            "apiary inspect A7 B2",
            "apiary inspect A7 B2 C3",
            "apiary inspect A7 B2 C1 2026-05-01",
            "apiary inspect A7 --note --calm B2",
            "apiary inspect A7 B2 -f many",
        ],
    ),
    (
        "value-missing",
        &[
            "house station --outside",
            "house station --key",
            "apiary inspect A7 -f",
            "apiary hive add A7 --queen",
            "apiary hive add A7 --at 1",
            "house fill lime b12 --either",
            "apiary inspect A7 --note",
            "apiary hive add A7 --at",
            "apiary inspect A7 --temp",
            "apiary report --color",
            "house fill lime b12 --lid",
            "house fill lime b12 -c many --size 3",
        ],
    ),
    (
        "value-unwanted",
        &[
            "apiary inspect A7 --calm=7",
            "apiary inspect A7 --restless=no",
            "apiary inspect A7 -c=no",
            "house fill lime b12 -ws=7",
            "house fill lime b12 --warm=7 --stir=3",
            "apiary inspect A7 -v=3",
            "house fill lime b12 --warm=7 -c many",
        ],
    ),
    (
        "value-attached",
        &[
            "apiary hive add A7 --at=1,2",
            "house fill lime b12 --size=60 80",
            "apiary hive add A7 --queen pink --at=1,2",
        ],
    ),
    (
        "value-misfit",
        &[
            "house fill lime b12 -m=3",
            "apiary inspect A7 -f many",
            "apiary inspect A7 -f -1",
            "house fill lime b12 --room -1",
            "apiary inspect A7 -f 1.5",
            "apiary inspect A7 -t 7°C",
            "apiary inspect A7 -cf=6",
            "apiary inspect A7 -fc 6",
            "apiary completions tcsh",
            "apiary inspect A7 -f 6kg",
            "apiary inspect a7",
            "apiary hive add A7 --queen purple",
            "apiary hive add A7 --queen RED",
            "house fill lime b12 -c --stir",
            "house fill lime z1",
            "house fill lime b1",
            "house fill lime b12 --tag wax",
            "house fill lime b12 --size 1 x",
            "house pack --row 1 --row 2 --twice 300 --twice 400 --trio 1;2;3 --side left/right",
            "house pack --row x --row y --twice 3 --twice 4 --trio 1;2;3 --side left/right",
            "house pack --box lid=silvr --twice 3 --twice 4 --trio 1;2;3 --side left/right",
            "house pack --box jars=300 --twice 3 --twice 4 --trio 1;2;3 --side left/right",
            "house pack --box lid=whit --row 1 --row 2 --twice 3 --twice 4 --trio 1;2;3 --side left/right",
            "house pack --box jar=3 --row 1 --row 2 --twice 3 --twice 4 --trio 1;2;3 --side left/right",
            "house pack --box size=3 --twice 3 --twice 4 --trio 1;2;3 --side left/right",
            "house fill lime b12 --lids pink,grey",
            "house fill lime b12 --full 3,4",
            "house --settings size.toml fill lime b12",
            "house fill lime b12 -c=3",
            "house fill lime b12 --list hives.txt",
            "house station --hives many",
            "house station --hives 300",
            "house station --mask 0xfg",
            "house station --gain nan",
            "house station --limit hot",
            "house station --unit kg",
            "house station --outside maybe",
            "house station --faces north",
            "house station --v4 1.2.3",
            "house station --v6 1.2.3.4",
            "house station --peer beehive",
            "house station --socket 1.2.3.4",
            "house station --place 1 east",
            "house station --cells 1 2 x",
            "house station --since 2026-02-30",
            "house station --since tomorrow",
            "house station --wake 25:00",
            "house station --start 2026-05-32T10:00",
            "house station --sleep -2h",
            "house station --sleep long",
            "house station --space big",
            "house station --mail keeper",
            "house station --domain 192.0.2.7",
            "house station --domain https://house.example",
            "house station --site example.org",
            "house station --site https://",
            "house station --site mailto:a@b",
            "house station --id 42",
            "house station --match (",
            "house station --files [",
            "house station --firmware 1.2",
            "house station --accepts >>1",
            "house station --extra {",
            "house station --heated=maybe",
            "house station --tag a",
            "house station --alarm=loud",
            "house station --mask 4294967296",
            "house station --mask x",
            "house station --outside=YES",
            "apiary harvest A7 1 b c 2",
            "house fill lime b12 -c x --lid x --tag x --size x x --chill x --room x --only x --either x --odd x --full x --lids x",
            "apiary inspect A7 -f many -t hot",
        ],
    ),
    (
        "value-refused",
        &[
            "apiary inspect A7 -f 60",
            "house fill lime b12 --either 7",
            "house fill lime b12 --only 7",
            "house fill lime b12 --either 7 --only 7 --initial x",
            "house fill lime b12 --other jar",
            "house fill lime b12 --chill 9",
            "house fill lime b12 --room 0",
            "house fill lime b12 --short honeycomb",
            "house fill lime b12 --long wax",
            "house fill lime b12 --exact honey",
            "house pack --row 0 --row 0 --twice 3 --twice 4 --trio 1;2;3 --side left/right",
            "house fill lime b12 --initial x",
            "house fill limes b12",
            "house melt wax",
            "house station --hives 13",
            "house station --site http://house.example",
            "house station --key hb042",
            "house station --name x",
            "house station --offset -501",
            "house station --page 10",
            "house station --step 16",
            "house fill lime b12 --plain 3€",
            "house fill lime b12 --odd 4",
            "house fill lime b12 --odd 4 -c many",
        ],
    ),
    ("value-not-text", &["house station --name �", "house station --name � --hives many"]),
    (
        "values-miscounted",
        &[
            "house pack --row 1 --row 2 --twice 1 --twice 2 --trio 1;2;3 --side left",
            "house fill lime b12 --word a,b,c,d",
            "house pack --row 1 --row 2 --twice 1 --twice 2 --trio 1;2 --side left/right",
            "house pack --row 1 --row 2 --twice 1 --trio 1;2;3 --side left/right",
            "house sell --mail a@b --buyer Ada -p5 one two three four",
            "house fill lime b12 --word a,b,c,d -c many",
        ],
    ),
    (
        "value-twice",
        &["house fill lime b12 --word wax,wax", "house fill lime b12 --word wax,wax -c many"],
    ),
    (
        "path-refused",
        &[
            "house station --folder hives.csv",
            "house station --folder nowhere",
            "house station --table .csv",
            "house station --table none.csv",
            "house station --table shed.csv",
            "house station --copy notes",
            "house station --port none",
            "apiary --yard nowhere hive list",
            "apiary --yard hives.csv hive list",
            "APIARY_YARD=nowhere apiary hive list",
            "house --at nowhere station --table shed.csv",
        ],
    ),
    (
        "file-unread",
        &[
            "house --code-file nowhere tanks",
            "house --code-file locked tanks",
            "house --code-file shed tanks",
            "house --code-file photo tanks",
            "house --code-file wet tanks",
            "apiary --config nowhere.toml hive list",
            "XDG_CONFIG_HOME= apiary hive list",
            "XDG_CONFIG_HOME=locked apiary hive list",
            "house --code-file nowhere --at nowhere tanks",
        ],
    ),
    (
        "rule-broken",
        &[
            "house sell --buyer Ada -p5 --mail a@b -j3 -b",
            "house sell --buyer Ada -p5",
            "house sell --buyer Ada -p5 --mail a@b --town Wells",
            "house sell --buyer Ada -p5 --mail a@b --fast",
            "house sell --buyer Ada -p5 --site b -b",
            "house sell --buyer Ada -p5 --mail a@b --pay later",
            "house sell --buyer Ada -p5 --mail a@b -j many --pay later",
        ],
    ),
    (
        "reading-refused",
        &[
            "apiary report --since 2026-05-02 --until 2026-05-01",
            "house sell --buyer nobody -p5 --mail a@b",
            "house --code password tanks",
        ],
    ),
    (
        "setting-unknown",
        &[
            "apiary --config unknown.toml hive list",
            "apiary --config unknown.toml hive list --sort size",
        ],
    ),
    (
        "setting-malformed",
        &[
            "apiary --config broken.toml hive list",
            "apiary --config broken.json hive list",
            "apiary --config list.json hive list",
            "apiary --config twice.json hive list",
            "apiary --config bytes.toml hive list",
            "apiary --config broken.toml hive list --sort size",
        ],
    ),
    ("mistake", &["scale", "scale --most 3", "scale --most 3 --least 3"]),
    ("failure", &["apiary inspect A7"]),
    (
        "warning",
        &[
            "house fill lime b12 --cap",
            "house fill lime b12 --lid silver",
            "house fill lime b12 --number 3",
            "house tip",
        ],
    ),
    (
        "hint",
        &[
            "apiary ⇥",
            "apiary inspect --⇥",
            "apiary inspect A7 -f ⇥",
            "apiary hive add A7 --queen ⇥",
            "apiary -y ⇥",
            "house fill ⇥",
            "house fill lime ⇥",
            "house fill lime b12 --c⇥",
            "house pack --side ⇥",
            "house pack --box ⇥",
            "house pack --box lid=⇥",
            "house pack --box jars=⇥",
            "house fill lime b12 --⇥",
            "house fill lime b12 --short ⇥",
            "house station --table ⇥",
            "house station --since ⇥",
        ],
    ),
];
