//! Lines for the apiary, the same at each run: what they begin with reads, and how they go on may not.

/// What only the program could refuse stands here as it accepts it, such as a hive's code.
const BEGINNINGS: [&str; 14] = [
    "",
    "hive",
    "hive add C4",
    "hive list",
    "hive move A7",
    "hive retire A7",
    "inspect A7",
    "harvest A7 3.5",
    "label A7",
    "report",
    "run-each",
    "help",
    "completions",
    "-q",
];

const WORDS: &str = "-c -r -cf6 -f 6 26 --frames=3 --frames many -t -3.5 --temp=99 --note x --note= --on 2026-10-01 \
    --on=2026-13-01 -y yard -q -v -vv --color=never --color when --config c.toml --config=c.ini -o out.csv \
    --since 2026-01-01 --until 2026-12-31 --as csv --as=jsn --sort code,place --sort=code,code --queen white --queen pink \
    --at -33.9 18.4 --because winter 3.5 2.8 -m 17.2 -j 0x0c --jars 12 -b --barrel --batch A7-* --mail keeper@example.org \
    --mail nobody --site https://example.org/ --site ftp://x.org --domain example.org --domain a_b -- --clam --fram \
    orchard bash --version -h --help";

pub(crate) fn lines(count: usize) -> Vec<Vec<&'static str>> {
    let words: Vec<&str> = WORDS.split_whitespace().collect();
    let mut seed: u64 = 20_261_128;
    let mut next = |most: usize| {
        seed = seed.wrapping_mul(6_364_136_223_846_793_005).wrapping_add(1_442_695_040_888_963_407);
        (seed >> 33) as usize % most
    };
    let mut line = || {
        let mut line: Vec<&str> = BEGINNINGS[next(BEGINNINGS.len())].split_whitespace().collect();
        line.extend((0..next(6)).map(|_| words[next(words.len())]));
        line
    };
    (0..count).map(|_| line()).collect()
}
