//! Lines that are easily taken for others: default subcommands left out, clusters with an `h`, beginnings
//! of names that have aliases, words after `--`.

use clavret_core::{Abbreviated, Command, Flag, FromWord, Named, Operand, Outcome, Tail, Tally};
use expect_test::expect;

use super::offered::candidates;
use crate::demo::{faults, words};
use crate::forms::{reads, refuses};

static CODES: Operand<Vec<String>> = Operand::new("code");
static REST: Operand<Vec<String>> = Operand::new("rest").tail(Tail::AfterDashes);
static SORT: Named<Option<String>> = Named::new("sort").letter('s').aliases(&["order"]);
static CALM: Flag = Flag::new("calm").letter('c');
static LIST: Command =
    Command::new("list").takes(&[CODES.param(), REST.param(), SORT.param(), CALM.param()]);
static HIVE_CODE: Operand<String> = Operand::new("hive");
static PLACE: Operand<String> = Operand::new("place");
static MOVE: Command = Command::new("move").takes(&[HIVE_CODE.param(), PLACE.param()]);
static QUIET: Flag = Flag::new("quiet").letter('q').throughout();
static SIDE: Named<Option<String>> = Named::new("side").letter('c');
static HIVE: Command =
    Command::new("hive").takes(&[SIDE.param()]).commands(&[&LIST, &MOVE]).default_command(&LIST);
static DEGREES: Operand<Vec<i8>> = Operand::new("degrees");
static FEVER: Flag = Flag::new("7");
static WARM: Command = Command::new("warm").takes(&[DEGREES.param()]);
static COLD: Command = Command::new("cold").takes(&[DEGREES.param(), FEVER.param()]);
static TEMP: Command = Command::new("temp").commands(&[&WARM, &COLD]).default_command(&WARM);
static CHILL: Command = Command::new("chill").commands(&[&WARM, &COLD]).default_command(&COLD);
static NOTHING: Command = Command::new("nothing").takes(&[CALM.param()]);
static IDLE: Command = Command::new("idle").commands(&[&NOTHING, &MOVE]).default_command(&NOTHING);
static DEEP: Command = Command::new("deep").commands(&[&HIVE]).default_command(&HIVE);
static APIARY: Command = Command::new("apiary")
    .version("1.0")
    .takes(&[QUIET.param()])
    .commands(&[&HIVE, &TEMP, &CHILL, &IDLE, &DEEP]);

#[test]
fn a_default_command_left_out_reads_as_if_it_were_named() {
    for (left_out, named) in [
        ("hive --sort=code place", "hive list --sort=code place"),
        ("hive --sort=code", "hive list --sort=code"),
        ("hive --order=code", "hive list --order=code"),
        ("hive -scode -q", "hive list -scode -q"),
        ("hive -qs code", "hive -q list -s code"),
        ("hive --quiet A7 --calm", "hive --quiet list A7 --calm"),
        ("hive -- a b", "hive list -- a b"),
        ("hive --", "hive list --"),
        ("hive A7 -- --calm", "hive list A7 -- --calm"),
        // A name or a letter on both levels is the upper one's.
        ("hive -c east -s x", "hive -c east list -s x"),
        ("temp -5", "temp warm -5"),
        ("temp -q -.5e1", "temp -q warm -.5e1"),
        ("deep --sort=code", "deep hive list --sort=code"),
        ("deep", "deep hive list"),
        ("deep A7", "deep hive list A7"),
        ("deep move A7 shed", "deep hive move A7 shed"),
    ] {
        let of = |line| match APIARY.read(words(line)) {
            Outcome::Reading(reading) => {
                let values = format!("{reading:?}");
                values
                    .lines()
                    .map(|l| l.rsplit_once("  ").unwrap_or((l, "")).0.to_owned())
                    .collect()
            }
            Outcome::Faults(faults) => faults.iter().map(|f| format!("{:?}", f.kind())).collect(),
            other => vec![format!("{other:?}")],
        };
        let (left_out_is, named_is): (Vec<String>, Vec<String>) = (of(left_out), of(named));
        assert_eq!(left_out_is, named_is, "{left_out}");
    }
    assert_eq!(reads(&APIARY, "hive -- a b").get(&REST), &["a", "b"]);
    assert_eq!(reads(&APIARY, "hive --sort=code place").get(&CODES), &["place"]);
    assert_eq!(reads(&APIARY, "temp -5").get(&DEGREES), &[-5]);
    assert_eq!(reads(&APIARY, "chill -7").times_typed(&FEVER), 1);
    let page = APIARY.read(words("hive --help"));
    assert!(matches!(page, Outcome::Request(asked) if asked.path().to_string() == "apiary hive"));
    refuses(
        &APIARY,
        "hive --calm=x",
        expect![[r#"
        apiary hive --calm=x
                          ^^
        --calm takes no value
    "#]],
    );
    // An unknown option does not choose it, nor does a word that it does not take.
    refuses(
        &APIARY,
        "hive --bogus move A7 shed",
        expect![[r#"
        apiary hive --bogus move A7 shed
                    ^^^^^^^
        --bogus is not an option here
    "#]],
    );
    refuses(
        &APIARY,
        "idle A7",
        expect![[r#"
        apiary idle A7
                    ^^
        'A7' is not a command here; nothing and move are
    "#]],
    );
    refuses(
        &APIARY,
        "chill -8",
        expect![[r#"
        apiary chill -8
                     ^^
        -8 is not an option here

        try   apiary chill -- -8
    "#]],
    );
    assert_eq!(
        candidates(&APIARY, &["hive"], "--"),
        ["--side", "--sort", "--calm", "--quiet", "--version", "--help"]
    );
}

#[test]
fn what_completion_offers_of_a_default_command_the_reader_takes() {
    static WHEN: Operand<Option<clavret_core::look::When>> = Operand::new("when");
    static SHOW: Command = Command::new("show").takes(&[WHEN.param(), CALM.param()]);
    static ROOT: Command = Command::new("apiary").commands(&[&SHOW, &MOVE]).default_command(&SHOW);
    assert_eq!(candidates(&ROOT, &[] as &[&str], ""), ["show", "move", "auto", "always", "never"]);
    assert_eq!(candidates(&ROOT, &["--"], "a"), ["auto", "always"]);
    assert_eq!(candidates(&ROOT, &["auto"], "--"), ["--calm", "--help"]);
}

static TASK: Operand<String> = Operand::new("task");
static OTHERS: Operand<Vec<String>> = Operand::new("others").tail(Tail::UnknownOptions);
static WRAP: Command = Command::new("wrap").takes(&[CALM.param(), TASK.param(), OTHERS.param()]);

#[test]
fn dashes_stay_with_the_unknown_options_when_a_later_word_does() {
    let kept = |line| reads(&WRAP, line).get(&OTHERS).join(" ");
    assert_eq!(kept("build -x -- -q"), "-x -- -q");
    assert_eq!(kept("-x -- build -q -- r"), "-x -- -q -- r");
    assert_eq!(kept("build -x --"), "-x");
    assert_eq!(kept("-x -- build"), "-x");
    assert_eq!(kept("-c build"), "");
    refuses(
        &WRAP,
        "build more -x",
        expect![[r#"
            wrap build more -x
                       ^^^^
            'more' is one word too many for wrap
        "#]],
    );
}

#[test]
fn a_page_is_asked_for_among_letters_only_where_all_are_known() {
    for line in ["inspect -h", "inspect -ch", "inspect -hvv", "-h inspect", "inspect -x -h"] {
        let outcome = crate::demo::APIARY.read(words(line));
        assert!(matches!(outcome, Outcome::Request(asked) if asked.is_by_letter()), "{line}");
    }
    let shows = |line: &str| {
        let drawn = faults(line).draw(clavret_core::look::Look::PLAIN);
        drawn.lines().skip(2).map(|line| line.trim_start().to_owned() + "\n").collect::<String>()
    };
    expect![[r#"
        apiary inspect A7 -xyzh
        ^^
        -x is not an option here

        page  apiary inspect --help
    "#]]
    .assert_eq(&shows("inspect A7 -xyzh"));
    expect![[r#"
        apiary inspect A7 -chars
        ^
        -a is not an option here; apiary hive add has it

        page  apiary inspect --help
    "#]]
    .assert_eq(&shows("inspect A7 -chars"));
    expect![[r#"
        apiary inspect A7 -hf6
        ^^
        -h works only beside letters that take no value

        page  apiary inspect --help
    "#]]
    .assert_eq(&shows("inspect A7 -hf6"));
}

static SILENT: Flag = Flag::new("quiet").aliases(&["silent"]).opposite("sing");
static SHAKE: Tally = Tally::new("shake").aliases(&["shiver"]);
static TOKEN: Named<Option<String>> = Named::new("token").secret_file("token-file");
static HEAT: Named<Option<u8>> = Named::new("heat").deprecated("--warmth").formerly(&["tokay"]);
static DRIFT: Named<Option<u8>> = Named::new("drift").formerly(&["tow"]);
static DUSK: Flag = Flag::new("dusk").hidden();
static DREDGE: Command = Command::new("dredge").hidden();
static RETIRE: Command = Command::new("retire").aliases(&["drop"]).formerly(&["drip"]);
static DRAW: Command = Command::new("draw");
static SHORT: Command = Command::new("apiary")
    .abbreviations(Abbreviated::Both)
    .takes(&[
        SILENT.param(),
        SHAKE.param(),
        TOKEN.param(),
        HEAT.param(),
        DRIFT.param(),
        DUSK.param(),
    ])
    .commands(&[&RETIRE, &DRAW, &DREDGE])
    .acts();

#[test]
fn a_name_and_its_aliases_are_one_to_abbreviations() {
    assert!(reads(&SHORT, "--sil").get(&SILENT));
    assert_eq!(*reads(&SHORT, "--sh --shi --sha").get(&SHAKE), 3);
    assert!(reads(&SHORT, "dro").is(&RETIRE) && reads(&SHORT, "dra").is(&DRAW));
    assert_eq!(*reads(&SHORT, "--dr 3").get(&DRIFT), Some(3));
    // Hidden names are names too.
    assert!(*reads(&SHORT, "--du").get(&DUSK) && reads(&SHORT, "dre").is(&DREDGE));
    refuses(
        &SHORT,
        "--d 3",
        expect![[r#"
            apiary --d 3
                   ^^^
            --d could be --drift or --dusk
        "#]],
    );
    assert_eq!(*reads(&SHORT, "--tow 4").get(&DRIFT), Some(4));
    // An opposite, and the name that takes a secret's file, are names of their own.
    refuses(
        &SHORT,
        "--s=1",
        expect![[r#"
            apiary --s=1
                   ^^^
            --s could be --sing, --silent or --shake
        "#]],
    );
    refuses(
        &SHORT,
        "--to x",
        expect![[r#"
        apiary --to •••
               ^^^^
        --to could be --token or --token-file
    "#]],
    );
    refuses(
        &SHORT,
        "dr",
        expect![[r#"
        apiary dr
               ^^
        dr could be drop or draw
    "#]],
    );
    // What is deprecated, or was a name before, is neither abbreviated nor offered.
    refuses(
        &SHORT,
        "--haet 3",
        expect![[r#"
        apiary --haet •••
               ^^^^^^
        --haet is not an option here
    "#]],
    );
    refuses(
        &SHORT,
        "--toww 3",
        expect![[r#"
        apiary --toww •••
               ^^^^^^
        --toww is not an option here
    "#]],
    );
    refuses(
        &SHORT,
        "drp",
        expect![[r#"
        apiary drp
               ^^^
        'drp' is not a command here; drop is

        try   apiary drop
    "#]],
    );
}

static COUNT: Named<Option<u8>> = Named::new("count").variable("APIARY_COUNT").as_in_code();
static TEMPER: Named<Option<i8>> = Named::new("temper");
static HIVES: Named<Option<std::num::NonZeroU8>> = Named::new("hives");
static NUMBERS: Command =
    Command::new("numbers").takes(&[COUNT.param(), TEMPER.param(), HIVES.param(), QUIET.param()]);

#[test]
fn a_number_with_letters_behind_it_is_none() {
    refuses(
        &NUMBERS,
        "--count 300x --temper -129x --hives 300x --=x",
        expect![[r#"
            numbers --count 300x --temper -129x --hives 300x --=x
                            ^^^^          ^^^^^         ^^^^ ^^^^
                            1             2             3    4
            1  --count takes a whole number; '300x' has letters after the number
            2  --temper takes a whole number; '-129x' has letters after the number
            3  --hives takes a whole number; '300x' has letters after the number
            4  --=x is not an option here
        "#]],
    );
    assert!(u8::from_word("0x1ffx".as_ref()).is_err());
}

#[test]
fn a_reading_shows_the_values_that_count_and_makes_room_for_short_ones() {
    let long = "o".repeat(60);
    let line = format!("--sort 2026 --sort 2027 -c {long}");
    expect![[r#"
        list
          CODE    oooooooooooooooooooooooooooooooooooooooooooooooooooooooooooo  word 6
          REST                                              -
          --sort  2027                                      word 4
          --calm  on                                        word 5"#]]
    .assert_eq(&format!("{:?}", reads(&LIST, &line)));
}
