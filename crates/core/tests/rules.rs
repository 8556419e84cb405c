//! Relations between parameters and tests of the whole: what breaks them, what is said, what mends it,
//! and what the page and the synopsis say beforehand.

use clavret_core::ask::CommandPath;
use clavret_core::look::Look;
use clavret_core::medium::{Page, PageLength};
use clavret_core::{Command, Flag, Named, Objection, Operand, Reading, Rule, valid};
use expect_test::expect;

use crate::forms::{reads, refuses};

static MAIL: Named<Option<String>> = Named::new("mail").letter('m').placeholder("EMAIL");
static SITE: Named<Option<String>> = Named::new("site").placeholder("URL");
static QUIET: Flag = Flag::new("quiet").letter('q');
static LABEL: Command =
    Command::new("label").takes(&[MAIL.param(), SITE.param(), QUIET.param()]).rules(&[
        Rule::at_least_one(&[MAIL.param(), SITE.param()]),
        Rule::not_with(QUIET.param(), &[SITE.param()]),
    ]);

#[test]
fn one_at_least_and_none_beside_another() {
    assert!(reads(&LABEL, "-m a --site b").is(&LABEL) && reads(&LABEL, "-qm a").is(&LABEL));
    refuses(
        &LABEL,
        "",
        expect![[r#"
            at least one of --mail and --site is needed
        "#]],
    );
    refuses(
        &LABEL,
        "-q",
        expect![[r#"
            label -q --mail EMAIL
                     ____________
            at least one of --mail and --site is needed

            like  label -q --mail EMAIL
        "#]],
    );
    refuses(
        &LABEL,
        "-m a --site b -q",
        expect![[r#"
            label -m a --site b -q
                       ^^^^^^   ^^
            --quiet does not go with --site
        "#]],
    );
    refuses(
        &LABEL,
        "-qma --site=b",
        expect![[r#"
            label -qma --site=b
                  ^^   ^^^^^^
            --quiet does not go with --site
        "#]],
    );
}

static LAT: Named<Option<f64>> = Named::new("lat");
static LON: Named<Option<f64>> = Named::new("lon");
static FORM: Named<String> = Named::new("as").default("table");
static OUT: Named<Option<String>> = Named::new("out").letter('o').placeholder("FILE");
static FROM: Operand<Option<String>> = Operand::new("from");
static REPORT: Command = Command::new("report")
    .takes(&[LAT.param(), LON.param(), FORM.param(), OUT.param(), FROM.param()])
    .rules(&[
        Rule::all_or_none(&[LAT.param(), LON.param()]),
        Rule::needed_with(&[OUT.param()], FORM.param(), "csv"),
        Rule::only_with(OUT.param(), &[FROM.param()]),
    ]);

#[test]
fn together_or_not_at_all_and_needed_with_a_value() {
    assert!(reads(&REPORT, "--lat 1 --lon=2 --as json").is(&REPORT));
    assert!(reads(&REPORT, "--as csv -o x A7").is(&REPORT));
    refuses(
        &REPORT,
        "--lon 2",
        expect![[r#"
            report --lon 2 --lat AMOUNT
                           ____________
            --lat and --lon go together; --lat is missing

            like  report --lon 2 --lat AMOUNT
        "#]],
    );
    refuses(
        &REPORT,
        "--as=csv",
        expect![[r#"
            report --as=csv --out FILE
                            __________
            --out is needed when --as is csv
        "#]],
    );
    refuses(
        &REPORT,
        "-o x",
        expect![[r#"
            report -o x FROM
                        ____
            --out needs FROM as well

            like  report -o x FROM
        "#]],
    );
    refuses(
        &REPORT,
        "-o x -- A7 --as=csv",
        expect![[r#"
            report -o x -- A7 --as=csv
                              ^^^^^^^^
            '--as=csv' is one word too many for report
        "#]],
    );
}

static JARS: Named<Option<u32>> = Named::new("jars")
    .letter('j')
    .valid(&valid::all(&[&valid::range(1, 900), &valid::multiple_of(6)]));
static BARREL: Flag = Flag::new("barrel").letter('b');
static TANK: Operand<Option<String>> = Operand::new("tank");
static HARVEST: Command = Command::new("harvest")
    .takes(&[JARS.param(), BARREL.param(), TANK.param()])
    .rules(&[Rule::only_one(&[JARS.param(), BARREL.param(), TANK.param()])])
    .judged_by(&not_too_many);

fn not_too_many(reading: &Reading<'_>) -> Result<(), Objection> {
    match *reading.get(&JARS) {
        Some(jars) if jars > 600 => {
            Err(Objection::new(format!("no yard has honey for {jars} jars")).about(&JARS))
        }
        _ => Ok(()),
    }
}

#[test]
fn only_one_of_several() {
    assert_eq!(*reads(&HARVEST, "-j 6 -j12").get(&JARS), Some(12));
    refuses(
        &HARVEST,
        "-bj6",
        expect![[r#"
            harvest -bj6
                    ^^^
            only one of --jars, --barrel and TANK can be given
        "#]],
    );
    refuses(
        &HARVEST,
        "-b blue -j 6",
        expect![[r#"
            harvest -b blue -j 6
                    ^^ ^^^^ ^^
            only one of --jars, --barrel and TANK can be given
        "#]],
    );
    static BELOW: Command = Command::new("apiary").commands(&[&HARVEST]);
    refuses(
        &BELOW,
        "harvest -b blue -j 6",
        expect![[r#"
            apiary harvest -b blue -j 6
                           ^^ ^^^^ ^^
            only one of --jars, --barrel and TANK can be given
        "#]],
    );
    refuses(
        &HARVEST,
        "-j 6 -b -j 12",
        expect![[r#"
            harvest -j 6 -b -j 12
                    ^^   ^^
            only one of --jars, --barrel and TANK can be given
        "#]],
    );
    refuses(
        &HARVEST,
        "-j 7",
        expect![[r#"
            harvest -j 7
                       ^
            --jars takes a multiple of 6; '7' is not one

            like  harvest -j NUMBER
        "#]],
    );
    refuses(
        &HARVEST,
        "-j 906",
        expect![[r#"
            harvest -j 906
                       ^^^
            --jars takes a whole number from 1 to 900; '906' is above that

            like  harvest -j NUMBER
        "#]],
    );
}

#[test]
fn a_test_of_the_whole_comes_when_nothing_else_is_wrong() {
    refuses(
        &HARVEST,
        "-j 606",
        expect![[r#"
        harvest -j 606
                ^^
        no yard has honey for 606 jars
    "#]],
    );
    refuses(
        &HARVEST,
        "-j 606 --barrle",
        expect![[r#"
            harvest -j 606 --barrle
                           ^^^^^^^^
            --barrle is not an option here; --barrel is
        "#]],
    );
}

#[test]
fn the_page_says_the_rules_beforehand() {
    let page = |command| Page::of(&CommandPath::of(command), PageLength::Full).draw(Look::PLAIN);
    expect![[r#"
        label

        usage      label [-m EMAIL] [--site URL] [-q]

        options    -m, --mail EMAIL    this or --site is needed
                       --site URL      this or --mail is needed; not with --quiet
                   -q, --quiet         not with --site

        anywhere   -h, --help          show this page
    "#]]
    .assert_eq(&page(&LABEL));
    expect![[r#"
        report

        usage      report [--lat AMOUNT] [--lon AMOUNT] [--as TEXT] [-o FILE] [FROM]

        operand    FROM

        options        --lat AMOUNT    a number; only with --lon
                       --lon AMOUNT    a number; only with --lat
                       --as TEXT       table unless given
                   -o, --out FILE      needed with --as csv; only with FROM

        anywhere   -h, --help          show this page
    "#]]
    .assert_eq(&page(&REPORT));
    expect![[r#"
        harvest

        usage      harvest [-j NUMBER] [-b] [TANK]

        operand    TANK                 not with --jars or --barrel

        options    -j, --jars NUMBER    1 to 900, a multiple of 6; not with --barrel or
                                        TANK
                   -b, --barrel         not with --jars or TANK

        anywhere   -h, --help           show this page
    "#]]
    .assert_eq(&page(&HARVEST));
}
