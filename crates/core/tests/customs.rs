//! What GNU's programs have beyond POSIX, and what is on its way out.

use clavret_core::ask::CommandPath;
use clavret_core::look::Look;
use clavret_core::medium::{Page, PageLength};
use clavret_core::{Attached, Command, Named, Outcome, Tally};
use expect_test::expect;

use super::offered::candidates;
use crate::forms::{reads, refuses};

static LOUD: Tally = Tally::new("v");

#[test]
fn a_letter_takes_an_optional_value_in_its_own_word() {
    static WIDTH: Named<Attached<u8>> = Named::new("w").help("columns");
    static PRINT: Command = Command::new("print").takes(&[WIDTH.param(), LOUD.param()]);
    assert_eq!(reads(&PRINT, "-vw16").take(&WIDTH), Attached::Value(16));
    let Outcome::Request(page) = PRINT.read(&["-h"]) else { panic!() };
    let page = page.text(Look::PLAIN);
    assert!(page.contains("[-w[NUMBER]]") && page.contains("-w[NUMBER]  "), "{page}");
    refuses(
        &PRINT,
        "-w=16",
        expect![[r#"
            print -w=16
                    ^^^
            -w takes a whole number; '=16' is not one: a letter takes no =

            try   print -w16
        "#]],
    );
    refuses(
        &PRINT,
        "-wv",
        expect![[r#"
            print -wv
                    ^
            -w takes a whole number; 'v' is not one

            try   print -vw
        "#]],
    );
    refuses(
        &PRINT,
        "-w 16",
        expect![[r#"
            print -w 16
                     ^^
            '16' is one word too many for print

            try   print -w16
        "#]],
    );
}

static DEGREES: Named<Option<f64>> = Named::new("degrees").formerly(&["heat"]);
static COMBS: Named<Option<u8>> = Named::new("combs").deprecated("--frames");
static DROP: Command =
    Command::new("retire").formerly(&["drop"]).takes(&[DEGREES.param(), COMBS.param()]);
static RENAME: Command =
    Command::new("rename").deprecated("retire and add").deprecated_until("2027");
static FEED: Command = Command::new("feed").deprecated_since("0.4");
static RENAMED: Command = Command::new("apiary").commands(&[&DROP, &RENAME, &FEED]);

#[test]
fn what_is_deprecated_reads_warns_once_and_leaves_pages_and_completion() {
    let reading = reads(&RENAMED, "drop --heat 3 --heat 4 --combs 1 --combs 2");
    assert_eq!((*reading.get(&DEGREES), *reading.get(&COMBS)), (Some(4.0), Some(2)));
    expect![[r#"
        apiary retire: drop is deprecated; use retire
        apiary retire: --heat is deprecated; use --degrees
        apiary retire: --combs is deprecated; use --frames
    "#]]
    .assert_eq(&reading.warnings());
    assert_eq!(reads(&RENAMED, "retire --degrees 3").warnings(), "");
    let told = |line| reads(&RENAMED, line).warnings();
    let told = told("rename") + &told("feed");
    expect![[r#"
        apiary rename: rename is deprecated and will be removed in 2027; use retire and add
        apiary feed: feed has been deprecated since 0.4
    "#]]
    .assert_eq(&told);
    assert_eq!(candidates(&RENAMED, &[] as &[&str], ""), ["retire"]);
    let root = CommandPath::of(&RENAMED);
    let page = Page::of(&root, PageLength::Full);
    let page = page.draw(Look::PLAIN);
    assert!(!page.contains("rename") && !page.contains("feed"), "{page}");
    let page = Page::of(&reading.path(), PageLength::Full);
    let page = page.draw(Look::PLAIN);
    assert!(!page.contains("heat") && !page.contains("combs"), "{page}");
    assert_eq!(candidates(&RENAMED, &["retire"], "--"), ["--degrees", "--help"]);
}
