//! Setters record: whatever they are given, in whichever order.

use clavret_core::{
    Bundle, Command, Flag, Form, HELP, Length, Look, Named, Operand, Outcome, Page, Param, Path,
    Rule, Tally, Untyped, valid,
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
    let no_letter = "is no ASCII letter or digit, and none of `?`, `#` and `:`";
    assert_eq!(told!(frames().letter('é')), [format!("the letter of `frames`, `é`, {no_letter}")]);
    assert_eq!(told!(frames().letter('?')), [""; 0]);
    let upper = "the name `No` has an upper-case letter in it";
    assert_eq!(told!(calm().opposite("No")), [upper]);
    assert_eq!(told!(calm().opposite("")), ["the name `` is empty"]);
    assert_eq!(
        told!(frames().secret_file("A")),
        ["the name `A` is a letter alone (a long name is expected here)"]
    );
    assert_eq!(
        told!(frames().times(3, 1)),
        ["`frames` can never be given as often as `times` asks"]
    );
    assert_eq!(
        told!(frames().valid(&IN_HIVE).valid(&IN_HIVE)),
        ["`valid` of `frames` is set twice (`valid::all` puts several together)"]
    );
    assert_eq!(
        told!(frames().formerly(&["Bad Name"])),
        ["the name `Bad Name` has an upper-case letter in it"]
    );
    assert_eq!(
        told!(frames().times(2, 3).default("1")),
        ["the default of `frames`, `1`, is fewer values than `times` asks for"]
    );
    assert_eq!(
        told!(frames().joined_by('é').times(2, 3).default("1é2é3é4")),
        ["the default of `frames`, `1é2é3é4`, is more values than `times` allows"]
    );
    assert_eq!(
        told!(Flag::<bool>::draft("n").letter('m')),
        ["`n` is a letter already, and has another by `letter` (more letters are `aliases`)"]
    );
    assert_eq!(
        told!(calm().opposite_letter('r')),
        ["`calm` has a letter for its opposite, and no opposite (declare it by `opposite`)"]
    );
    assert_eq!(
        told!(Named::<Option<(f64, f64)>>::draft("at").placeholder("DEGREES")),
        [
            "the placeholder of `at`, `DEGREES`, has 1 text, and a value has 2 words (a text for each, \
          spaces between)"
        ]
    );
    assert_eq!(
        told!(Named::<Option<std::path::PathBuf>>::draft("draft").directory().file()),
        ["`file` and `directory` of `draft` exclude each other"]
    );
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
    let copy = Command::draft("copy").commands_of(&list, false).bundles(&bundles);
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
            "a rule of the command `list` is about `loud`, which it does not take (list it in `takes`)",
            "a command with subcommands cannot be a bundle (`group`)",
            "`copy` was to have the subcommands of another command, which has none (expected an enum, or a \
             command with subcommands)",
        ]
    );
    assert!(HELP.adapted().summary("montrer la page").as_draft().problems().is_empty());
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
    static SPACED: Operand<Vec<u8>> = Operand::new("frames").times(2, 3);
    for (param, line) in [
        (FIRST.param(), ["--frames", "3"]),
        (LAST.param(), ["--frames", "3"]),
        (OPERAND.param(), ["--", "3"]),
        (SPACED.param(), ["--", "3"]),
    ] {
        let params = [param];
        let command = Command::draft("inspect").takes(&params);
        assert_eq!(
            matches!(command.read(&[] as &[&str]), Outcome::Reading(_)),
            param.role() == clavret_core::Role::Option || !std::ptr::eq(param, SPACED.param())
        );
        let Outcome::Faults(faults) = command.read(&line) else { panic!("{param:?}") };
        assert!(faults.draw(Look::PLAIN).contains("at least two"), "{faults:?}");
    }
}

/// A setter of a draft, with what it is given.
#[derive(Debug, Clone)]
enum Call {
    Help(String),
    Description(String),
    Hidden,
    Deprecated(String),
    Variable(String),
    Once,
    Letter(char),
    Aliases(Vec<String>),
    Formerly(Vec<String>),
    Throughout,
    Default(String),
    Valid,
    Secret,
    SecretFile(String),
    Placeholder(String),
    Times(u32, u32),
    Distinct,
    JoinedBy(char),
    AsInCode,
    Opposite(String),
    OppositeLetter(char),
    Worded,
}

fn text() -> impl Strategy<Value = String> {
    let likely =
        prop::sample::select(vec!["", "a", "A", "é", "-x", "a b", "=", "calm", "no", "3", "1,2"]);
    prop_oneof![4 => likely.prop_map(str::to_owned), 1 => ".{0,6}"]
}

fn texts() -> impl Strategy<Value = Vec<String>> {
    prop::collection::vec(text(), 0..3)
}

fn letter() -> impl Strategy<Value = char> {
    prop_oneof![3 => prop::sample::select(vec!['a', 'Z', '1', '?', '#', ':', ',']), 1 => any::<char>()]
}

fn call() -> impl Strategy<Value = Call> {
    let count = prop::sample::select(vec![0, 1, 2, 3, u32::MAX]);
    prop_oneof![
        text().prop_map(Call::Help),
        text().prop_map(Call::Description),
        Just(Call::Hidden),
        text().prop_map(Call::Deprecated),
        text().prop_map(Call::Variable),
        Just(Call::Once),
        letter().prop_map(Call::Letter),
        texts().prop_map(Call::Aliases),
        texts().prop_map(Call::Formerly),
        Just(Call::Throughout),
        text().prop_map(Call::Default),
        Just(Call::Valid),
        Just(Call::Secret),
        text().prop_map(Call::SecretFile),
        text().prop_map(Call::Placeholder),
        (count.clone(), count).prop_map(|(min, max)| Call::Times(min, max)),
        Just(Call::Distinct),
        letter().prop_map(Call::JoinedBy),
        Just(Call::AsInCode),
        text().prop_map(Call::Opposite),
        letter().prop_map(Call::OppositeLetter),
        Just(Call::Worded),
    ]
}

/// Several texts, as a setter borrows them.
fn lists(calls: &[Call]) -> Vec<Vec<&str>> {
    fn list(call: &Call) -> Vec<&str> {
        match call {
            Call::Aliases(texts) | Call::Formerly(texts) => {
                texts.iter().map(String::as_str).collect()
            }
            _ => Vec::new(),
        }
    }
    calls.iter().map(list).collect()
}

/// A key with calls made; where it has no such setter, the key as it is.
macro_rules! called {
    ($key:expr, $calls:expr, $lists:expr, $($own:tt)*) => {{
        let mut key = $key;
        for (call, list) in $calls.iter().zip($lists) {
            called!(@one key call list $($own)*);
        }
        key
    }};
    (@one $key:ident $call:ident $list:ident $($own:tt)*) => {
        $key = match $call {
            Call::Help(text) => $key.help(text),
            Call::Description(text) => $key.description(text),
            Call::Hidden => $key.hidden(),
            Call::Deprecated(text) => $key.deprecated(text),
            Call::Variable(text) => $key.variable(text),
            Call::Once => $key.once(),
            Call::Letter(letter) => $key.letter(*letter),
            Call::Aliases(_) => $key.aliases($list),
            Call::Formerly(_) => $key.formerly($list),
            Call::Throughout => $key.throughout(),
            call => called!(@own $key call $($own)*),
        };
    };
    (@own $key:ident $call:ident valued) => {
        match $call {
            Call::Default(text) => $key.default(text),
            Call::Valid => $key.valid(&IN_HIVE),
            Call::Secret => $key.secret(),
            Call::SecretFile(text) => $key.secret_file(text),
            Call::Placeholder(text) => $key.placeholder(text),
            Call::Times(min, max) => $key.times(*min, *max),
            Call::Distinct => $key.distinct(),
            Call::JoinedBy(sign) => $key.joined_by(*sign),
            Call::AsInCode => $key.as_in_code(),
            _ => $key,
        }
    };
    (@own $key:ident $call:ident flag) => {
        match $call {
            Call::Opposite(text) => $key.opposite(text),
            Call::OppositeLetter(letter) => $key.opposite_letter(*letter),
            Call::Worded => $key.worded(),
            _ => $key,
        }
    };
    (@own $key:ident $call:ident any) => {
        match $call {
            call @ (Call::Opposite(_) | Call::OppositeLetter(_) | Call::Worded) => {
                called!(@own $key call flag)
            }
            call => called!(@own $key call valued),
        }
    };
}

/// The problems, the page, and what becomes of some lines.
fn all_of(name: &str, calls: &[Call], lines: &[Vec<String>]) -> (Vec<String>, Vec<String>) {
    let lists = lists(calls);
    let option = called!(Frames::draft(name), calls, &lists, valued);
    let flag = called!(Flag::<bool>::draft("calm"), calls, &lists, flag);
    let any = called!(Untyped::option(name, Form::of::<Vec<u8>>()), calls, &lists, any);
    let operand = called!(Untyped::operand(name, Form::of::<String>()), calls, &lists, any);
    let tally = Tally::draft("v").help("say more");
    let mut problems = Vec::new();
    let mut shown = Vec::new();
    for param in [option.param(), flag.param(), any.param(), operand.param()] {
        let params = [param, tally.param()];
        let command = Command::draft("inspect").takes(&params);
        problems.extend(command.problems().iter().map(ToString::to_string));
        for length in [Length::Short, Length::Full] {
            shown.push(Page::of(&Path::of(&command), length).draw(Look::PLAIN));
        }
        for line in lines {
            shown.push(match command.read(line) {
                Outcome::Reading(reading) => format!("{reading:?}\n{}", reading.warnings()),
                Outcome::Faults(faults) => faults.draw(Look::PLAIN),
                other => format!("{other:?}"),
            });
        }
    }
    (problems, shown)
}

/// What a command with one option shows.
fn shown(param: &Param<'_>, lines: &[Vec<String>]) -> Vec<String> {
    let params = [param];
    let command = Command::draft("inspect").takes(&params);
    let problems = command.problems().iter().map(ToString::to_string).collect::<Vec<_>>();
    let page = Page::of(&Path::of(&command), Length::Full).draw(Look::PLAIN);
    let read = lines.iter().map(|line| match command.read(line) {
        Outcome::Reading(reading) => format!("{reading:?}"),
        Outcome::Faults(faults) => faults.draw(Look::PLAIN),
        other => format!("{other:?}"),
    });
    problems.into_iter().chain([page]).chain(read).collect()
}

proptest! {
    /// A key without its type is the same to everything but its author.
    #[test]
    fn an_untyped_key_shows_what_the_typed_one_does(
        calls in prop::collection::vec(call(), 0..8),
        lines in prop::collection::vec(prop::collection::vec(text(), 0..4), 0..4),
    ) {
        // Values are held against each other by a typed key, words by an untyped one.
        let calls: Vec<Call> =
            calls.into_iter().filter(|call| !matches!(call, Call::Distinct)).collect();
        let lists = lists(&calls);
        let typed = called!(Frames::draft("frames"), calls, &lists, valued);
        let untyped = Untyped::option("frames", Form::of::<Vec<u8>>());
        let untyped = called!(untyped, calls, &lists, valued);
        prop_assert_eq!(shown(typed.param(), &lines), shown(untyped.param(), &lines));
    }

    /// Nothing panics, whatever setters are called with; what has problems still reads somehow.
    #[test]
    fn no_setter_panics_on_a_draft(
        name in text(),
        calls in prop::collection::vec(call(), 0..8),
        lines in prop::collection::vec(prop::collection::vec(text(), 0..4), 0..4),
    ) {
        all_of(&name, &calls, &lines);
    }

    /// Distinct setters mean the same in any order.
    #[test]
    fn the_order_of_setters_has_no_meaning(
        (calls, shuffled) in prop::collection::vec(call(), 0..8)
            .prop_map(|mut calls| {
                let mut seen = Vec::new();
                calls.retain(|call| {
                    let which = std::mem::discriminant(call);
                    let is_new = !seen.contains(&which);
                    seen.push(which);
                    is_new
                });
                calls
            })
            .prop_flat_map(|calls| (Just(calls.clone()), Just(calls).prop_shuffle())),
        lines in prop::collection::vec(prop::collection::vec(text(), 0..4), 0..4),
    ) {
        let lines: Vec<Vec<String>> = lines
            .into_iter()
            .map(|line| line.into_iter().chain(["--frames".into(), "3".into()]).collect())
            .collect();
        prop_assert_eq!(all_of("frames", &calls, &lines), all_of("frames", &shuffled, &lines));
    }
}
