//! What stands too much, too little or in the wrong place, and the line that is offered for it: each was seen to be told
//! of wrongly, or not at all.

use clavret_core::faults::FixWord;
use clavret_core::look::Look;
use clavret_core::reader::Request;
use clavret_core::{Command, Flag, Named, Operand, Outcome, Tail, valid};
use expect_test::expect;

use crate::demo::words;

static HIVE: Operand<String> = Operand::new("hive");
static FRAMES: Named<Option<u8>> = Named::new("frames").letter('f');
static NOTE: Named<Option<String>> = Named::new("note").letter('n');
static AT: Named<Option<(u8, u8)>> = Named::new("at").valid(&valid::by(in_order));
static INSPECT: Command =
    Command::new("inspect").takes(&[HIVE.param(), FRAMES.param(), NOTE.param(), AT.param()]);
/// The first row not behind the second.
fn in_order(at: &(u8, u8)) -> Result<(), String> {
    if at.0 <= at.1 { Ok(()) } else { Err("takes the lower row first".to_owned()) }
}
static BECAUSE: Named<String> = Named::new("because").valid(&valid::length(3, 40));
static RETIRE: Command = Command::new("retire").takes(&[HIVE.param(), BECAUSE.param()]);
static JARS: Operand<u8> = Operand::new("jars");
static FILL: Command = Command::new("fill").takes(&[JARS.param()]);
static LINE: Operand<Vec<String>> = Operand::new("words").tail(Tail::AfterDashes);
static RUN: Command = Command::new("run").takes(&[HIVE.param(), LINE.param()]);
static SWIFT: Flag = Flag::new("swift");
static SHOW: Command = Command::new("show").takes(&[HIVE.param(), SWIFT.param()]);
static YARD: Command = Command::new("yard").commands(&[&SHOW, &FILL]).default_command(&SHOW);
static APIARY: Command = Command::new("Apiary")
    .version("1.0")
    .commands(&[&INSPECT, &RETIRE, &FILL, &RUN, &YARD, &WEIGH]);

static LIGHT: Named<Option<f64>> = Named::new("light").valid(&valid::at_least(0.5));
static HEAVY: Named<Option<f64>> = Named::new("heavy").valid(&valid::at_most(60.0));
static COLD: Named<Option<i8>> = Named::new("cold").valid(&valid::at_most(4));
static MANY: Named<Option<u8>> = Named::new("many").valid(&valid::at_least(3));
static WEIGH: Command =
    Command::new("weigh").takes(&[LIGHT.param(), HEAVY.param(), COLD.param(), MANY.param()]);

/// What is said of lines, without the line itself and its page.
fn said(lines: &[&str]) -> String {
    let mut all = String::new();
    for line in lines {
        let told = match APIARY.read(words(line)) {
            Outcome::Faults(faults) => faults.draw(Look::PLAIN),
            other => panic!("`{line}` gave {other:?}"),
        };
        let is_said = |said: &&str| {
            let said = said.trim_start();
            !said.is_empty() && !said.starts_with(['^', '+']) && !said.starts_with("page ")
        };
        let told = told.lines().filter(is_said).skip(2);
        all.extend([line, "\n"]);
        all.extend(told.flat_map(|said| [said, "\n"]));
    }
    all
}

/// A value was kept as an operand that takes anything, a name without its dashes was put in a second time, and a text of
/// several words, `NAME=VALUE` and words behind a missing `--` had no line.
#[test]
fn what_was_left_out_is_put_where_it_was_left_out() {
    let lines = [
        "retire C2 because no~bees",
        "inspect --frames many",
        "inspect A7 frames=6",
        "retire C2 --because no bees in March",
        "run A7 inspect B2",
        "run A7 inspect -f 2",
        "inspect A7 -f FRAMES",
        "inspect A7 --at 9 3",
    ];
    expect![[r#"
        retire C2 because no~bees
          'because' is one word too many for Apiary retire
          try   Apiary retire C2 --because 'no bees'
        inspect --frames many
                                  1    2
          1  --frames takes a whole number; 'many' is not one
          2  HIVE is missing
          like  Apiary inspect --frames NUMBER HIVE
        inspect A7 frames=6
          'frames=6' is one word too many for Apiary inspect
          try   Apiary inspect A7 --frames=6
        retire C2 --because no bees in March
                                     1  2    2  2
          1  --because takes 3 to 40 characters; 'no' has 2
          2  'bees', 'in' and 'March' are three words too many for Apiary retire
          try   Apiary retire C2 --because 'no bees in March'
        run A7 inspect B2
          'inspect' and 'B2' are two words too many for Apiary run
          try   Apiary run A7 -- inspect B2
        run A7 inspect -f 2
                        1       2
          1  'inspect' is one word too many for Apiary run
          2  -f is not an option here; Apiary inspect has it
        inspect A7 -f FRAMES
          --frames takes a whole number; 'FRAMES' is not one
          like  Apiary inspect A7 -f NUMBER
        inspect A7 --at 9 3
          --at does not take '9 3': takes the lower row first
          like  Apiary inspect A7 --at NUMBER NUMBER
    "#]]
    .assert_eq(&said(&lines));
}

/// Beside what is wrong with a name nothing is missing; a number below a range is one, and no option; what took an option
/// is named; of a default command the options are known before it is.
#[test]
fn what_is_wrong_is_what_is_told() {
    let lines = [
        "--version=1",
        "-- fill 3",
        "-z",
        "fill -2",
        "yard fill -- -2",
        "inspect A7 --note --at 1 2",
        "yard --swfit A7",
        "yard --swfit fill 3",
        "yard --swfit",
    ];
    expect![[r#"
        --version=1
          --version takes no value
        -- fill 3
          'fill' and '3' are two words too many for Apiary
        -z
          -z is not an option here
        fill -2
          JARS takes a whole number, 0 or more; '-2' is below that
          like  Apiary fill JARS
        yard fill -- -2
          JARS takes a whole number, 0 or more; '-2' is below that
          like  Apiary yard fill -- JARS
        inspect A7 --note --at 1 2
          '1' and '2' are two words too many for Apiary inspect; --note took '--at' as
          its value
        yard --swfit A7
          --swfit is not an option here; --swift is
          try   Apiary yard --swift A7
        yard --swfit fill 3
          --swfit is not an option here
        yard --swfit
                      1       2
          1  --swfit is not an option here; --swift is
          2  HIVE is missing
          like  Apiary yard --swift HIVE
    "#]]
    .assert_eq(&said(&lines));
}

/// Faults of a program whose own `--help` stands alone did not say how to get the page, and what stands between pieces of a
/// page and around them was known to the terminal alone.
#[test]
fn a_page_of_ones_own_is_led_to() {
    let help: Flag = Flag::draft("help").stands_alone(&|_: &Request<'_>| "a page\n".to_owned());
    let calm = Flag::draft("calm").optional();
    let params = [calm.param()];
    let usual = [help.param()];
    let inspect = Command::draft("inspect").takes(&params).usual(&usual);
    let Outcome::Faults(faults) = inspect.read(words("--clam")) else { panic!() };
    let drawn = faults.draw(Look::PLAIN);
    assert!(drawn.ends_with("  try   inspect --calm\n  page  inspect --help\n"), "{drawn}");
    assert_eq!(faults.fix(), Some(vec![FixWord::Typed("--calm".into())]));
    let Outcome::Reading(reading) = inspect.read(words("")) else { panic!() };
    assert_eq!(*reading.get(&calm), None);
}

/// One bound of a range could be said of whole numbers alone, by writing the end of the type.
#[test]
fn one_bound_is_enough() {
    let lines = [
        "weigh --light 0.1",
        "weigh --heavy 61",
        "weigh --cold 5",
        "weigh --cold 200",
        "weigh --many 2",
        "weigh --many 256",
    ];
    expect![[r#"
        weigh --light 0.1
          --light takes a number, 0.5 or more; '0.1' is below that
          like  Apiary weigh --light AMOUNT
        weigh --heavy 61
          --heavy takes a number, 60 or less; '61' is above that
          like  Apiary weigh --heavy AMOUNT
        weigh --cold 5
          --cold takes a whole number, 4 or less; '5' is above that
          like  Apiary weigh --cold NUMBER
        weigh --cold 200
          --cold takes a whole number, 4 or less; '200' is above that
          like  Apiary weigh --cold NUMBER
        weigh --many 2
          --many takes a whole number, 3 or more; '2' is below that
          like  Apiary weigh --many NUMBER
        weigh --many 256
          --many takes a whole number from 3 to 255; '256' is above that
          like  Apiary weigh --many NUMBER
    "#]]
    .assert_eq(&said(&lines));
    let Outcome::Request(page) = APIARY.read(words("weigh --help")) else { panic!() };
    expect![[r#"
        Apiary weigh

        usage      Apiary weigh [--light AMOUNT] [--heavy AMOUNT] [--cold NUMBER]
                                [--many NUMBER]

        options        --light AMOUNT    0.5 or more
                       --heavy AMOUNT    60 or less
                       --cold NUMBER     4 or less
                       --many NUMBER     3 or more

        anywhere   -h, --help            show this page
    "#]]
    .assert_eq(&page.text(Look::PLAIN));
}
