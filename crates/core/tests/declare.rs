//! Declarations made at run time, and what their authors lean on silently.

use clavret_core::ask::{CommandPath, Param};
use clavret_core::faults::{Fault, Problem};
use clavret_core::reader::Step;
use clavret_core::shape::{Form, Untyped};
use clavret_core::wording::Wording;
use clavret_core::{
    Bundle, Command, Config, Flag, Kind, Named, Offer, Operand, Outcome, Package, Reading, Rule,
    Tally, valid,
};

use crate::demo::{APIARY, CALM, HIVE};

#[test]
fn a_tree_made_at_run_time_is_read_like_a_static_one() {
    let names = [String::from("inspect"), String::from("frames"), String::from("A7 or so")];
    let hive: Operand<String> = Operand::draft("hive").help(&names[2]);
    let frames: Named<u8> = Named::draft(&names[1]).letter('f');
    let params = [hive.param(), frames.param()];
    let inspect = Command::draft(&names[0]).takes(&params);
    let below = [&inspect];
    let root = Command::draft("apiary").commands(&below);
    assert!(root.problems().is_empty());
    let Outcome::Reading(reading) = root.read(&["inspect", "A7", "-f6"]) else { panic!() };
    assert_eq!((reading.get(&hive).as_str(), *reading.get(&frames)), ("A7", 6));
}

#[test]
fn the_problems_of_a_tree_made_at_run_time_are_listed_all_at_once() {
    let quiet: Flag = Flag::draft("quiet").letter('q').throughout();
    let queen: Named<String> = Named::draft("queen").letter('q');
    let mark: Named<String> = Named::draft("mark").aliases(&["queen", "Mark"]);
    let many: Operand<Vec<String>> = Operand::draft("many");
    let more: Operand<Vec<String>> = Operand::draft("more");
    let (own, below) = ([quiet.param()], [queen.param(), mark.param(), many.param(), more.param()]);
    let add = Command::draft("add").takes(&below);
    let insert = Command::draft("insert").aliases(&["add"]);
    let commands = [&add, &insert];
    let root = Command::draft("").takes(&own).commands(&commands);
    let problems: Vec<String> = root.problems().iter().map(ToString::to_string).collect();
    assert_eq!(
        problems,
        [
            "the name `` is empty",
            "the subcommands `add` and `insert` both answer to `add` in the command ``",
            "the name `Mark` has an upper-case letter in it",
            "the operands `many` and `more` of the command `add` may both take any number of words \
             (one at most can)",
            "`queen` and `mark` both answer to `--queen` in the command `add`",
            "`quiet` and `queen` both have the letter `-q` in the command `add`; \
             `quiet` is accepted throughout ``",
        ]
    );
    // It still reads, somehow, and does not panic.
    let _ = root.read(&["add", "-q", "--queen", "x", "y"]);
}

/// Rules with a member that no line can have, or with one alone; words offered twice; bounds and counts that nothing meets.
#[test]
fn what_could_never_be_met_is_a_problem() {
    let bounds = valid::range(20, 0);
    let length = valid::length(3, 1);
    let jars: Named<Option<u8>> = Named::draft("jars").valid(&bounds);
    let lost: Named<Option<String>> = Named::draft("lost").valid(&length);
    let offers = [Offer::of("comb"), Offer::of("wax"), Offer::of("comb")];
    let kind = Kind::choice(&offers);
    let kinds = [&kind];
    let (form, many) = (Form::words(&kinds), Form::words(&kinds).many());
    let sort = Untyped::option("sort", &form);
    let days = Untyped::option("day", &many).distinct().times(4, 9);
    let quiet: Flag = Flag::draft("quiet").throughout();
    let (jars_alone, both, above) =
        ([jars.param()], [jars.param(), lost.param()], [quiet.param(), jars.param()]);
    let rules = [Rule::only_one(&jars_alone), Rule::all_or_none(&both), Rule::only_one(&above)];
    let (own, all) = ([jars.param(), days.param(), sort.param()], [quiet.param()]);
    let harvest = Command::draft("harvest").takes(&own).rules(&rules);
    let (lost_own, lost_rules) = ([lost.param()], [Rule::at_least_one(&[])]);
    let list = Command::draft("list").takes(&lost_own).rules(&lost_rules);
    let commands = [&harvest, &list];
    let root = Command::draft("apiary").takes(&all).commands(&commands);
    let mut problems: Vec<String> = root.problems().iter().map(ToString::to_string).collect();
    problems.extend(root.root_problems().iter().map(ToString::to_string));
    assert_eq!(
        problems,
        [
            "the lower bound of `jars` is above the upper one",
            "`day` can never be given as often as `times` asks",
            "a rule of the command `harvest` has one member, `jars` (a rule is about two parameters at least)",
            "the lower bound of `lost` is above the upper one",
            "a rule of the command `list` has no members (a rule is about two parameters at least)",
            "`day` offers `comb` twice",
            "a rule of the command `harvest` is about `lost`, which it does not take (list it in `takes`)",
        ]
    );
}

/// More names than parameters, and a parameter with very many.
#[test]
fn names_are_counted_and_not_parameters() {
    let names: Vec<[String; 3]> = (0..5500)
        .map(|at| ["option", "alias", "other"].map(|name| format!("{name}-{at}")))
        .collect();
    let aliases: Vec<[&str; 2]> = names.iter().map(|[_, one, two]| [&**one, &**two]).collect();
    let many: Vec<String> = (0..100).map(|at| format!("many-{at}")).collect();
    let many: Vec<&str> = many.iter().map(String::as_str).collect();
    let mut options: Vec<Named<Option<u8>>> = names
        .iter()
        .zip(&aliases)
        .map(|([name, ..], aliases)| Named::draft(name).aliases(aliases))
        .collect();
    options.push(Named::draft("last").aliases(&many));
    options.push(Named::draft("twin").aliases(&["many-99", "other-5000"]));
    let params: Vec<_> = options.iter().map(Named::param).collect();
    let root = Command::draft("apiary").takes(&params);
    let problems: Vec<String> = root.problems().iter().map(ToString::to_string).collect();
    assert_eq!(
        problems,
        [
            "`last` and `twin` both answer to `--many-99` in the command `apiary`",
            "`option-5000` and `twin` both answer to `--other-5000` in the command `apiary`",
        ]
    );
    let Outcome::Reading(reading) = root.read(&["--other-5000=7"]) else { panic!() };
    assert_eq!(*reading.get(&options[5000]), Some(7));

    // Operands of one name and options of one letter, each a problem, in time that grows with them.
    let same: Vec<Operand<String>> = (0..20_000).map(|_| Operand::draft("hive")).collect();
    let letters: Vec<Flag> = names.iter().map(|[name, ..]| Flag::draft(name).letter('f')).collect();
    let params: Vec<_> =
        same.iter().map(Operand::param).chain(letters.iter().map(Flag::param)).collect();
    let root = Command::draft("apiary").takes(&params);
    assert_eq!(root.problems().len(), 19_999 + 5_499);
}

/// What stops a build is looked for in a table, in several passes: by hand here, as no static is so large.
#[test]
#[should_panic = "`--option-19999` is declared twice in the command `apiary`"]
fn a_twin_among_very_many_stops_the_build() {
    let names: Vec<String> = (0..20_000).map(|at| format!("option-{at}")).collect();
    let mut flags: Vec<Flag> = names.iter().map(|name| Flag::draft(name)).collect();
    let params: Vec<_> = flags.iter().map(Flag::param).collect();
    let _ = Command::new("apiary").takes(&params);
    flags.push(Flag::draft("option-19999"));
    let params: Vec<_> = flags.iter().map(Flag::param).collect();
    let _ = Command::new("apiary").takes(&params);
}

/// What a declaration and its reading are made of, in bytes; less is welcome.
#[cfg(target_pointer_width = "64")]
#[test]
fn records_are_no_larger_than_they_were() {
    use std::mem::size_of;
    let sizes = [
        size_of::<Param<'_>>(),
        size_of::<Command<'_>>(),
        size_of::<Fault<'_>>(),
        size_of::<Step>(),
    ];
    assert_eq!(sizes, [328, 528, 144, 24]);
}

/// Whatever borrows a declaration may do so for less long than the declaration lives.
#[test]
fn every_part_of_a_declaration_is_covariant() {
    macro_rules! covariant {
        ($($type:ident<$($other:ty),*>)*) => {$(
            {
                fn _shorter<'a>(long: $type<'static, $($other),*>, _: &'a str) -> $type<'a, $($other),*> {
                    long
                }
            }
        )*};
    }
    use clavret_core::valid::{All, Among, By};
    covariant! {
        Command<> Param<> Operand<u8> Named<u8> Flag<bool> Tally<> Bundle<> Rule<> Kind<> Offer<> Package<>
        Config<> Wording<> Problem<> CommandPath<> Fault<> By<u8> All<u8> Among<u8>
    }
}

#[test]
fn a_command_is_covariant_and_everything_is_send_and_sync() {
    fn shorter<'a>(command: Command<'static>, _: &'a str) -> Command<'a> {
        command
    }
    fn shared<T: Send + Sync>(_: &T) {}
    shared(&shorter(APIARY, "a"));
    shared(&CALM);
    shared(&HIVE);
    fn reading_is_shared(reading: &Reading<'static>) {
        shared(reading);
    }
    let _ = reading_is_shared;
}

#[test]
#[should_panic = "`code` is no parameter of `apiary inspect` (its command lists it in `takes`)"]
fn a_key_of_another_command_panics_and_names_both() {
    crate::demo::reading("inspect A7").get(&crate::demo::CODE);
}
