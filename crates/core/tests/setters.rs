//! Setters record: whatever they are given, in whichever order.

use clavret_core::ask::{CommandPath, Param};
use clavret_core::inner;
use clavret_core::look::Look;
use clavret_core::medium::{Page, PageLength};
use clavret_core::shape::{Form, Untyped};
use clavret_core::{
    Abbreviated, Bundle, Command, Flag, FromWord, HELP_COMMAND, Kind, Named, Operand, Outcome,
    Package, Rule, Tally, valid,
};
use proptest::prelude::*;

/// What is wrong with a command that takes a draft.
macro_rules! told {
    ($key:expr) => {{
        let key = $key;
        let params = [key.param()];
        let problems = Command::draft("inspect").takes(&params).problems();
        problems.iter().map(ToString::to_string).collect::<Vec<_>>()
    }};
}

type Frames<'d> = Named<'d, Vec<u8>>;

static IN_HIVE: valid::Range<u8> = valid::range(0, 20);

#[test]
fn whatever_a_draft_is_given_is_listed() {
    let frames = || Frames::draft("frames");
    let calm = || Flag::<bool>::draft("calm");
    assert_eq!(told!(frames().letter('?')), [""; 0]);
    let path = || Named::<Option<std::path::PathBuf>>::draft("draft");
    let at = Named::<Option<(f64, f64)>>::draft("at");
    let upper = "the name `No` has an upper-case letter in it";
    for (told, said) in [
        (
            told!(frames().letter('é')),
            "the letter of `frames`, `é`, is no ASCII letter or digit, and none of `?`, `#` and `:`",
        ),
        (told!(calm().opposite("No")), upper),
        (told!(frames().formerly(&["No"])), upper),
        (told!(calm().opposite("")), "the name `` is empty"),
        (
            told!(frames().secret_file("A")),
            "the name `A` is a letter alone (a long name is expected here)",
        ),
        (told!(frames().times(3, 1)), "`frames` can never be given as often as `times` asks"),
        (
            told!(frames().valid(&IN_HIVE).valid(&IN_HIVE)),
            "`valid` of `frames` is set twice (`valid::all` puts several together)",
        ),
        (
            told!(frames().times(2, 3).default("1")),
            "the default of `frames`, `1`, is fewer values than `times` asks for",
        ),
        (
            told!(frames().joined_by('é').times(2, 3).default("1é2é3é4")),
            "the default of `frames`, `1é2é3é4`, is more values than `times` allows",
        ),
        (
            told!(Flag::<bool>::draft("n").letter('m')),
            "`n` is a letter already, and has another by `letter` (more letters are `aliases`)",
        ),
        (
            told!(calm().opposite_letter('r')),
            "`opposite_letter` of `calm` means nothing without `opposite`",
        ),
        (
            told!(at.placeholder("DEGREES")),
            "the placeholder of `at`, `DEGREES`, has 1 text, and a value has 2 words (a text for each, \
             spaces between)",
        ),
        (told!(path().directory().file()), "`file` and `directory` of `draft` exclude each other"),
    ] {
        assert_eq!(told, [said]);
    }
}

#[test]
fn a_tree_lists_what_is_wrong_with_its_commands_too() {
    let calm: Flag = Flag::draft("calm");
    let loud: Flag = Flag::draft("loud");
    let (params, members) = ([calm.param()], [loud.param()]);
    let rules = [Rule::at_least_one(&members)];
    let list = Command::draft("list").version("1").rules(&rules).takes(&params);
    let commands = [&list];
    let group = Command::draft("group").commands(&commands);
    let bundles = [&Bundle::of(&group, "group")];
    let copy = inner::commands_of(Command::draft("copy"), &list, false).bundles(&bundles);
    let below = [&group, &copy];
    let root =
        Command::draft("apiary").default_command(&list).commands(&below).summary("a").summary("b");
    let problems: Vec<String> = root.problems().iter().map(ToString::to_string).collect();
    assert_eq!(
        problems,
        [
            "`summary` of `apiary` is set twice (one of the two would be lost; a copy of a static begins \
             with `adapted`)",
            "the default subcommand `list` is none of those of the command `apiary` (list it in `commands`)",
            "`version` is for the root alone, and `list` is a subcommand of `group`",
            "a rule of the command `list` has one member, `loud` (a rule is about two parameters at least)",
            "a rule of the command `list` is about `loud`, which it does not take (list it in `takes`)",
            "a command with subcommands cannot be a bundle (`group`)",
            "`copy` was to have the subcommands of another command, which has none (expected an enum, or a \
             command with subcommands)",
        ]
    );
    assert!(
        inner::as_draft(HELP_COMMAND.adapted().summary("montrer la page")).problems().is_empty()
    );
}

/// A copy begins anew with what may be set, and keeps what was.
#[test]
fn a_copy_keeps_what_its_original_says() {
    static APIARY: Command = Command::new("apiary")
        .acts()
        .answers()
        .operands_end_options()
        .abbreviations(Abbreviated::Both)
        .hidden();
    let copy = APIARY.adapted().summary("the logbook of a bee yard");
    assert!(
        copy.ask().is_answering()
            && copy.ask().is_ending_options()
            && copy.ask().abbreviations() == Some(Abbreviated::Both)
    );
    assert!(copy.ask().is_acting() && copy.ask().is_hidden());
}

/// Letters as other programs have them: upper case, digits and three signs, alone or beside a name.
#[test]
fn letters_of_all_sorts_are_found() {
    static FORCE: Flag = Flag::new("F");
    static ONE: Flag = Flag::new("1");
    static ASK: Flag = Flag::new("ask").letter('?');
    static COUNT: Flag = Flag::new("#");
    static RECURSE: Flag = Flag::new("recurse").letter('r').aliases(&["R", "deep"]);
    static COPY: Command = Command::new("copy").takes(&[
        FORCE.param(),
        ONE.param(),
        ASK.param(),
        COUNT.param(),
        RECURSE.param(),
    ]);
    for words in [&["-F1?#R"][..], &["-R", "-F", "-1", "-?", "-#"], &["--deep", "-1F#", "--ask"]] {
        let Outcome::Reading(reading) = COPY.read(words) else { panic!("{words:?}") };
        for flag in [&FORCE, &ONE, &ASK, &COUNT, &RECURSE] {
            assert!(reading.get(flag), "{words:?}: {reading:?}");
        }
    }
    let Outcome::Faults(faults) = COPY.read(&["-?x"]) else { panic!() };
    assert!(faults.draw(Look::PLAIN).contains("  copy '-?x'\n"), "{faults:?}");
    static NUMBER: Named<Option<u8>> = Named::new("#").help("how many");
    static COUNT_SOME: Command = Command::new("count").takes(&[NUMBER.param()]);
    let page = Page::of(&CommandPath::of(&COUNT_SOME), PageLength::Short).draw(Look::PLAIN);
    assert!(page.contains("\noption     -# NUMBER     how many: a whole number\n"), "{page}");
    let words = ["-R"];
    let doubled: Flag = Flag::draft("root").letter('R');
    let params = [RECURSE.param(), doubled.param()];
    let root = Command::draft("copy").takes(&params);
    let both = "`recurse` and `root` both have the letter `-R` in the command `copy`";
    assert_eq!(root.problems()[0].to_string(), both);
    assert!(matches!(root.read(&words), Outcome::Reading(_)));
}

/// With a default it need not be given, and where it is, as often as `times` asks: in either order.
#[test]
fn a_default_beside_a_count_means_the_same_in_either_order() {
    static FIRST: Frames = Named::new("frames").joined_by(',').times(2, 3).default("1,2");
    static LAST: Frames = Named::new("frames").default("1,2").times(2, 3).joined_by(',');
    static OPERAND: Operand<Vec<u8>> =
        Operand::new("frames").default("1,2").times(2, 3).joined_by(',');
    let options = [FIRST.param(), LAST.param()].map(|param| (param, ["--frames", "3"]));
    for (param, line) in options.into_iter().chain([(OPERAND.param(), ["--", "3"])]) {
        let params = [param];
        let command = Command::draft("inspect").takes(&params);
        assert!(matches!(command.read(&[] as &[&str]), Outcome::Reading(_)));
        let Outcome::Faults(faults) = command.read(&line) else { panic!("{param:?}") };
        assert!(faults.draw(Look::PLAIN).contains("at least two"), "{faults:?}");
    }
}

/// A setter of a draft by its number, with what it may be given.
#[derive(Debug, Clone)]
struct Call {
    setter: u8,
    text: String,
    texts: Vec<String>,
    letter: char,
    counts: (u32, u32),
}

const DISTINCT: u8 = 16;

fn text() -> impl Strategy<Value = String> {
    let likely = prop::sample::select(vec![
        "", "a", "A", "é", "-x", "a b", "=", "calm", "--form", "3", "1,2",
    ]);
    prop_oneof![4 => likely.prop_map(str::to_owned), 1 => ".{0,6}"]
}

fn calls() -> impl Strategy<Value = Vec<Call>> {
    let letters = prop::sample::select(vec!['a', 'Z', '1', '?', '#', ':', ',']);
    let letter = prop_oneof![3 => letters, 1 => any::<char>()];
    let count = prop::sample::select(vec![0, 1, 2, 3, u32::MAX]);
    let texts = prop::collection::vec(text(), 0..3);
    let call = (0..24_u8, text(), texts, letter, (count.clone(), count));
    let call = call.prop_map(|(setter, text, texts, letter, counts)| Call {
        setter,
        text,
        texts,
        letter,
        counts,
    });
    prop::collection::vec(call, 0..8)
}

fn lines() -> impl Strategy<Value = Vec<Vec<String>>> {
    prop::collection::vec(prop::collection::vec(text(), 0..4), 0..4)
}

/// The lists of texts, as setters borrow them.
fn lists(calls: &[Call]) -> Vec<Vec<&str>> {
    calls.iter().map(|call| call.texts.iter().map(String::as_str).collect()).collect()
}

/// A key with calls made; where it has no such setter, the key as it is.
macro_rules! called {
    ($key:expr, $calls:expr, $lists:expr, $($own:ident)*) => {{
        let mut key = $key;
        for (call, list) in $calls.iter().zip($lists) {
            key = match call.setter {
                0 => key.help(&call.text),
                1 => key.description(&call.text),
                2 => key.hidden(),
                3 => key.deprecated(&call.text),
                4 => key.variable(&call.text),
                5 => key.once(),
                6 => key.letter(call.letter),
                7 => key.aliases(list),
                8 => key.formerly(list),
                9 => key.throughout(),
                22 => key.deprecated_since(&call.text),
                23 => key.deprecated_until(&call.text),
                _ => key,
            };
            $(key = called!(@$own key call);)*
        }
        key
    }};
    (@valued $key:ident $call:ident) => {
        match $call.setter {
            10 => $key.default(&$call.text),
            11 => $key.valid(&IN_HIVE),
            12 => $key.secret(),
            13 => $key.secret_file(&$call.text),
            14 => $key.placeholder(&$call.text),
            15 => $key.times($call.counts.0, $call.counts.1),
            DISTINCT => $key.distinct(),
            17 => $key.joined_by($call.letter),
            18 => $key.as_in_code(),
            _ => $key,
        }
    };
    (@flag $key:ident $call:ident) => {
        match $call.setter {
            19 => $key.opposite(&$call.text),
            20 => $key.opposite_letter($call.letter),
            21 => $key.worded(),
            _ => $key,
        }
    };
}

/// The problems, the page, and what becomes of some lines.
fn shown(param: &Param<'_>, lines: &[Vec<String>]) -> Vec<String> {
    let tally = Tally::draft("v").help("say more");
    let params = [param, tally.param()];
    told_of(&Command::draft("inspect").takes(&params), lines)
}

fn told_of(command: &Command<'_>, lines: &[Vec<String>]) -> Vec<String> {
    let problems = command.problems().iter().map(ToString::to_string).collect::<Vec<_>>();
    let page = |length| Page::of(&CommandPath::of(command), length).draw(Look::PLAIN);
    let read = lines.iter().map(|line| match command.read(line) {
        Outcome::Reading(reading) => format!("{reading:?}\n{}", reading.warnings()),
        Outcome::Faults(faults) => faults.draw(Look::PLAIN),
        other => format!("{other:?}"),
    });
    let pages = [page(PageLength::Short), page(PageLength::Full)];
    problems.into_iter().chain(pages).chain(read).collect()
}

/// The same of each sort of key.
fn all_shown(name: &str, calls: &[Call], lines: &[Vec<String>]) -> Vec<Vec<String>> {
    let lists = lists(calls);
    let option = called!(Frames::draft(name), calls, &lists, valued);
    let flag = called!(Flag::<bool>::draft("calm"), calls, &lists, flag);
    let any = called!(Untyped::option(name, Form::of::<Vec<u8>>()), calls, &lists, valued flag);
    let operand = called!(Untyped::operand(name, Form::of::<String>()), calls, &lists, valued flag);
    let (none, kinds) = (Kind::choice(&[]), [String::KIND, u8::KIND]);
    let none = [&none];
    let forms = [Form::words(&none).many(), Form::words(&[]), Form::words(&kinds).many()];
    let forms: Vec<[Untyped<'_>; 2]> = forms
        .iter()
        .map(|form| {
            let keys = [Untyped::option("form", form), Untyped::operand("form", form)];
            keys.map(|key: Untyped<'_>| called!(key, calls, &lists, valued flag))
        })
        .collect();
    let params = [option.param(), flag.param(), any.param(), operand.param()];
    let forms = forms.iter().flatten().map(Untyped::param);
    params.into_iter().chain(forms).map(|param| shown(param, lines)).collect()
}

/// Setters of a command that lean on each other.
const OF_COMMAND: &[fn(Command<'static>) -> Command<'static>] = {
    static CALM: Flag = Flag::new("calm").throughout();
    static HIVES: Operand<Vec<String>> = Operand::new("hive").times(1, 3);
    static SINCE: Named<Option<u16>> = Named::new("since");
    static PERIOD: Bundle = Bundle::new("period").takes(&[SINCE.param()]);
    static LIST: Command = Command::new("list").takes(&[SINCE.param()]);
    static MOVE: Command = Command::new("move").takes(&[HIVES.param()]);
    static TAKES: &[&Param] = &[CALM.param()];
    static BUNDLES: &[&Bundle] = &[&PERIOD];
    static COMMANDS: &[&Command] = &[&LIST, &MOVE];
    static RULES: &[Rule] = &[Rule::at_least_one(&[CALM.param(), SINCE.param()])];
    &[
        |command| command.takes(TAKES),
        |command| command.bundles(BUNDLES),
        |command| command.commands(COMMANDS),
        |command| command.default_command(&MOVE),
        |command| command.rules(RULES),
        |command| command.acts(),
        |command| command.version("2"),
        |command| command.package(Package::new("1")),
        |command| command.named("yard"),
        |command| command.aliases(&["apiary"]),
        |command| command.formerly(&["yard"]),
        |command| command.operands_end_options(),
        |command| command.abbreviations(Abbreviated::Both),
        |command| command.deprecated("yard").deprecated_since("1").deprecated_until("2"),
        |command| command.summary("a yard"),
    ]
};

proptest! {
    /// Those of commands too.
    #[test]
    fn the_order_of_a_commands_setters_has_no_meaning(
        (calls, shuffled) in prop::sample::subsequence(OF_COMMAND.to_vec(), 0..12)
            .prop_flat_map(|calls| (Just(calls.clone()), Just(calls).prop_shuffle())),
        lines in lines(),
    ) {
        let [in_order, shuffled] = [calls, shuffled].map(|calls| {
            let command = calls.iter().fold(Command::draft("apiary"), |command, call| call(command));
            told_of(&command, &lines)
        });
        prop_assert_eq!(in_order, shuffled);
    }

    /// Nothing panics, whatever setters are called with; what has problems still reads somehow.
    #[test]
    fn no_setter_panics_on_a_draft(name in text(), calls in calls(), lines in lines()) {
        all_shown(&name, &calls, &lines);
    }

    /// A key without its type is the same to everything but its author. (Values are held against each other
    /// by a typed key, words by an untyped one.)
    #[test]
    fn an_untyped_key_shows_what_the_typed_one_does(mut calls in calls(), lines in lines()) {
        calls.retain(|call| call.setter != DISTINCT);
        let lists = lists(&calls);
        let typed = called!(Frames::draft("frames"), calls, &lists, valued);
        let untyped = Untyped::option("frames", Form::of::<Vec<u8>>());
        let untyped = called!(untyped, calls, &lists, valued);
        prop_assert_eq!(shown(typed.param(), &lines), shown(untyped.param(), &lines));
    }

    /// Distinct setters mean the same in any order.
    #[test]
    fn the_order_of_setters_has_no_meaning(
        (calls, shuffled) in calls()
            .prop_map(|mut calls| {
                let mut seen = [false; 24];
                calls.retain(|call| !std::mem::replace(&mut seen[usize::from(call.setter)], true));
                calls
            })
            .prop_flat_map(|calls| (Just(calls.clone()), Just(calls).prop_shuffle())),
        mut lines in lines(),
    ) {
        lines.iter_mut().for_each(|line| line.extend(["--frames".into(), "3".into()]));
        let [in_order, shuffled] = [calls, shuffled].map(|calls| all_shown("frames", &calls, &lines));
        prop_assert_eq!(in_order, shuffled);
    }
}
