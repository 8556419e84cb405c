//! What a declaration promises and does not keep, all of it listed.

use std::ffi::OsStr;

use clavret_core::{
    COLOR_OPTION, Command, Flag, FromWord, HELP_COMMAND, Kind, Named, Operand, Refusal, valid,
};
use clavret_tab::COMPLETIONS_COMMAND;
use expect_test::{Expect, expect};

#[track_caller]
fn has(command: &Command<'_>, expected: Expect) {
    let flaws: String =
        clavret_document::flaws(command).iter().map(|flaw| flaw.to_string() + "\n").collect();
    expected.assert_eq(&flaws);
}

/// A code whose kind has an example that does not read.
#[derive(Debug)]
struct Code;

impl FromWord for Code {
    const KIND: &'static Kind<'static> = &Kind::new("a hive's code", "A-7");

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        if word == "A7" { Ok(Code) } else { Err(Refusal::new()) }
    }
}

#[test]
fn values_that_do_not_read_are_flaws() {
    static HIVE: Operand<Code> = Operand::new("hive").help("hive");
    static FRAMES: Named<u8> =
        Named::new("frames").default("30").valid(&valid::range(0, 20)).help("frames");
    static AT: Named<(f64, f64)> = Named::new("at").default("here").help("where it stands");
    static KEYS: Named<Vec<u8>> = Named::new("key").times(2, 3).help("keys");
    static INSPECT: Command = Command::new("inspect")
        .summary("inspect a hive")
        .takes(&[HIVE.param(), FRAMES.param(), AT.param(), KEYS.param()])
        .examples(&[
            ("right", "apiary inspect A7 --key 1 --key '2' | sort"),
            ("wrong", "apiary inspect A8 --frams 3"),
            ("another's", "apiary help"),
            ("of no program", "inspect A7"),
        ]);
    static ROOT: Command = Command::new("apiary")
        .summary("a bee yard")
        .takes(&[COLOR_OPTION.param()])
        .commands(&[&INSPECT, &HELP_COMMAND, &COMPLETIONS_COMMAND])
        .examples(&[("unclosed", "apiary inspect 'A7")]);
    has(
        &ROOT,
        expect![[r#"
            apiary: it lists scripts of shells that ask it, and does not say `answers`
            apiary: the example `apiary inspect 'A7` has a quote that is not closed
            apiary inspect: the example of what HIVE takes does not read: HIVE takes a hive's code, such as A-7; 'A-7' is not one
            apiary inspect: the default of --frames, 30, is above 20
            apiary inspect: the default of --at, here, is wrong: --at takes exactly two, not one
            apiary inspect: the example `apiary inspect A8 --frams 3` does not read: HIVE takes a hive's code, such as A-7; 'A8' is not one; --frams is not an option here; --frames is; '3' is one word too many for apiary inspect; --key is needed: keys
            apiary inspect: the example `apiary help` is none of `apiary`'s command `inspect`
            apiary inspect: the example `inspect A7` does not begin with `apiary`
        "#]],
    );
}

#[test]
fn texts_that_are_missing_or_mislead_are_flaws() {
    static FROM: Operand<String> = Operand::new("from").placeholder("HIVE").help("where from.");
    static TO: Operand<String> = Operand::new("to").placeholder("HIVE").help("where to");
    static COUNT: Named<Option<u8>> = Named::new("count").placeholder("HIVE").help("how many");
    static BARE: Flag = Flag::new("bare").variable("APIARY");
    static HIDDEN: Flag = Flag::new("hidden").hidden();
    static ABOUT: Flag =
        Flag::new("about").aliases(&["help"]).variable("APIARY").help("what it is");
    static MOVE: Command = Command::new("move").takes(&[
        FROM.param(),
        TO.param(),
        COUNT.param(),
        BARE.param(),
        HIDDEN.param(),
        ABOUT.param(),
    ]);
    static ROOT: Command = Command::new("apiary").summary("a bee yard").commands(&[&MOVE]).examples(&[("a line that is too long to be shown in the eighty columns that a page is made for",
        "apiary move the-hive-that-stands-beside-the-old-apple-tree the-orchard-behind-the-house")]);
    has(
        &ROOT,
        expect![[r#"
            apiary: `about` of the command `move` has the name `--help`, as the usual `help` has (choose another, or list in the root's `usual` only what is to stay)
            apiary: its page has a line of 98 columns: `examples   apiary move the-hive-that-stands-beside-the-old-apple-tree the-orchard-behind-the-house`
            apiary move: it has no summary
            apiary move: $APIARY stands in for both --bare and --about
            apiary move: HIVE stands for the values of the operand `from` and of the operand `to`, which differ
            apiary move: HIVE stands for the values of the operand `from` and of --count, which differ
            apiary move: HIVE stands for the values of the operand `to` and of --count, which differ
            apiary move: the help of HIVE ends with a full stop, unlike most
        "#]],
    );
    static SAME: Command = Command::new("below").summary("takes it too").takes(&[COUNT.param()]);
    let (count, below) = ([COUNT.param()], [&SAME]);
    let above = Command::draft("above").summary("takes it").takes(&count).commands(&below);
    has(
        &above,
        expect![[r#"
        above below: --count is a key of `above` too, and its value would be either's
    "#]],
    );
    let twice = [BARE.param(), BARE.param()];
    has(
        &Command::draft("Twice").takes(&twice),
        expect![[r#"
            Twice: `--bare` is declared twice in the command `Twice`
        "#]],
    );
}
