//! Trees made at run time say all that statics can, and are looked at without their types.

use clavret_core::ask::CommandPath;
use clavret_core::faults::{Facts, Place};
use clavret_core::look::Look;
use clavret_core::medium::{Page, PageLength};
use clavret_core::reader::Origin;
use clavret_core::shape::{Form, Untyped};
use clavret_core::wording::{Phrase, Wording};
use clavret_core::{
    Choice, Command, Flag, Kind, Named, Objection, Offer, Operand, Outcome, Package, Reading, Rule,
    valid,
};

use super::offered::candidates;
use crate::demo::{Queen, faults, reading};

/// Everything that a command shows of its option.
fn shown(option: &clavret_core::ask::Param<'_>) -> Vec<String> {
    let calm: Flag = Flag::draft("calm");
    let params = [option, calm.param()];
    let command = Command::draft("add").summary("add a hive").takes(&params);
    assert!(command.problems().is_empty(), "{:?}", command.problems());
    let page = |length| Page::of(&CommandPath::of(&command), length).draw(Look::PLAIN);
    let mut shown = vec![page(PageLength::Short), page(PageLength::Full)];
    let lines: &[&[&str]] =
        &[&[], &["--queen=blue"], &["-q", "bleu"], &["-qx"], &["--queen"], &["--quen", "white"]];
    for line in lines {
        shown.push(match command.read(line) {
            Outcome::Reading(reading) => format!("{reading:?}"),
            Outcome::Faults(faults) => faults.draw(Look::PLAIN),
            other => format!("{other:?}"),
        });
    }
    shown.extend(candidates(&command, &["--queen"], ""));
    shown
}

#[test]
fn a_list_known_at_run_time_is_as_good_as_an_enum() {
    let typed: Named<Queen> = Named::draft("queen").letter('q').default("white").help("its mark");
    let help = Queen::OFFERS.iter();
    let offers: Vec<Offer<'_>> = help.copied().collect();
    let kind = Kind::choice(&offers);
    let (kinds, own) = ([&kind], Offer::of("white"));
    let form = Form::words(&kinds);
    let untyped = Untyped::option("queen", &form).letter('q').default("white").help("its mark");
    assert_eq!(shown(typed.param()), shown(untyped.param()));

    let (offers, pink) = ([own], "pink".to_owned());
    let kind = Kind::choice(&offers);
    let kinds = [&kind];
    let form = Form::words(&kinds).many();
    let wrong = Untyped::option("queen", &form).default(&pink);
    let params = [wrong.param()];
    let command = Command::draft("add").takes(&params);
    let said = "the default of `queen`, `pink`, is none of its choices";
    assert_eq!(command.problems()[0].to_string(), said);
}

#[test]
fn an_untyped_key_has_its_value_and_all_setters() {
    let weights =
        Untyped::operand("kilograms", Form::of::<Vec<f64>>()).times(1, 3).distinct().valid(&RANGE);
    let jars = Untyped::option("jars", Form::of::<Option<u32>>()).letter('j').as_in_code();
    let calm = Untyped::flag("calm").letter('c').opposite("restless");
    let talk = Untyped::tally("v");
    let params = [weights.param(), jars.param(), calm.param(), talk.param()];
    let command = Command::draft("harvest").takes(&params);
    assert!(command.problems().is_empty());
    let words = ["3.5", "2.8", "-vvj0x10", "--restless"];
    let Outcome::Reading(mut reading) = command.read(&words) else { panic!() };
    assert_eq!(reading.get(&weights).get::<Vec<f64>>(), Some(&vec![3.5, 2.8]));
    assert_eq!(reading.get(&jars).get::<Option<u32>>(), Some(&Some(16)));
    assert_eq!(reading.get(&jars).get::<String>(), None, "it is of another type");
    assert_eq!(reading.get(&calm).get::<bool>(), Some(&false));
    assert_eq!(reading.get(&talk).get::<u32>(), Some(&2));
    assert_eq!(reading.take(&weights).get::<Vec<f64>>().unwrap().len(), 2);
    let told = |words: &[&str]| match command.read(words) {
        Outcome::Faults(faults) => faults.sentence_of(faults.iter().next().unwrap()),
        other => panic!("{other:?}"),
    };
    assert_eq!(told(&["1", "1"]), "KILOGRAMS takes each value once; '1' is there twice");
    assert_eq!(told(&["70"]), "KILOGRAMS takes a number from 0.1 to 60; '70' is above that");

    let (none, nothing) = (Kind::choice(&[]), Form::words(&[]));
    let none = [&none];
    let none = Form::words(&none);
    let (none, nothing) = (Untyped::option("none", &none), Untyped::operand("nothing", &nothing));
    let params = [none.param(), nothing.param()];
    let command = Command::draft("harvest").takes(&params);
    let problems: Vec<String> = command.problems().iter().map(ToString::to_string).collect();
    assert_eq!(
        problems,
        ["`none` is a choice of nothing", "`nothing` has a value of no words (a flag has none)"]
    );
    assert!(matches!(command.read(&["--none", "x"]), Outcome::Faults(_)));

    let odd = Untyped::option("odd", Form::of::<u8>()).times(1, 2).opposite("even").file();
    let params = [odd.param()];
    let problems = Command::draft("harvest").takes(&params).problems();
    assert_eq!(problems[0].to_string(), "`times` does not go with what `odd` is");
}

static RANGE: valid::Range<f64> = valid::range(0.1, 60.0);

#[test]
fn a_test_of_the_whole_may_own_what_it_needs() {
    let limit = String::from("three");
    let judge = move |reading: &Reading<'_>| match reading
        .params()
        .filter(|given| given.is_given())
        .count()
    {
        0..3 => Ok(()),
        _ => Err(Objection::new(format!("fewer than {limit}"))),
    };
    let (calm, loud, queen): (Flag, Flag, Flag) =
        (Flag::draft("calm"), Flag::draft("loud"), Flag::draft("queen"));
    let params = [calm.param(), loud.param(), queen.param()];
    let command = Command::draft("inspect").takes(&params).judged_by(&judge);
    assert!(matches!(command.read(&["--calm", "--loud"]), Outcome::Reading(_)));
    let Outcome::Faults(faults) = command.read(&["--calm", "--loud", "--queen"]) else { panic!() };
    assert_eq!(faults.sentence_of(faults.iter().next().unwrap()), "fewer than three");
}

#[test]
fn a_reading_is_looked_at_parameter_by_parameter() {
    let reading = reading("-v inspect A7 -cf6 --note=a --note b");
    let table: Vec<_> = reading
        .params()
        .filter(|given| given.is_given())
        .map(|given| {
            let (name, words) = (given.param().name(), given.words());
            let places: Vec<_> = given.places().iter().map(|place| format!("{place:?}")).collect();
            (name, words, places.len(), given.origin(), given.steps().count())
        })
        .collect();
    let word = |word: &str| vec![word.into()];
    assert_eq!(
        table,
        [
            ("v", vec![], 0, Origin::Word(0), 1),
            ("hive", word("A7"), 1, Origin::Word(2), 1),
            ("calm", vec![], 0, Origin::Word(3), 1),
            ("frames", word("6"), 1, Origin::Word(3), 2),
            ("note", vec!["a".into(), "b".into()], 2, Origin::Word(6), 4),
        ]
    );
    let frames = reading.params().find(|given| given.param().name() == "frames").unwrap();
    assert_eq!(frames.places(), [Place::At { word: 3, start: 3, end: 4 }]);
}

#[test]
fn a_fault_is_looked_at_by_its_facts() {
    let faults = faults("inspect A7 --frames many --at 1 2 3");
    let fault = faults.iter().next().unwrap();
    assert!(matches!(faults.facts_of(fault), Facts::Word { at: 0, more: 0, .. }));
    assert_eq!(fault.params()[0].name(), "frames");

    static JARS: Flag = Flag::new("jars");
    static BARREL: Flag = Flag::new("barrel");
    static HIVE: Operand<String> = Operand::new("hive");
    static HARVEST: Command = Command::new("harvest")
        .takes(&[JARS.param(), BARREL.param(), HIVE.param()])
        .rules(&[Rule::only_one(&[JARS.param(), BARREL.param()])]);
    let Outcome::Faults(faults) = HARVEST.read(&["--jars", "--barrel"]) else { panic!() };
    let [broken, missing] = faults.iter().collect::<Vec<_>>()[..] else { panic!("{faults:?}") };
    let names: Vec<_> = broken.params().iter().map(|param| param.name()).collect();
    assert!(matches!(faults.facts_of(broken), Facts::Rule(_)));
    assert_eq!((names, broken.places().count()), (vec!["jars", "barrel"], 2));
    assert_eq!(faults.sentence_of(broken), "only one of --jars and --barrel can be given");
    assert!(matches!(faults.facts_of(missing), Facts::Part { found: 0, words: 1 }));

    static ADDED: Named<u8> = Named::new("added").default("6").valid(&valid::all(&[
        &valid::at_least(2),
        &valid::range(0, 40),
        &valid::at_least(4),
    ]));
    static SIZE: Named<u16> = Named::new("size").default("250").valid(&valid::one_of(&[250, 500]));
    static LABEL: Command = Command::new("label").takes(&[ADDED.param(), SIZE.param()]);
    static YARD: Command = Command::new("yard").commands(&[&HARVEST, &LABEL]);
    let line = ["label", "--added", "60", "--size", "300", "--barrel"];
    let Outcome::Faults(faults) = YARD.read(&line) else { panic!() };
    let facts: Vec<Facts<'_>> = faults.iter().map(|fault| faults.facts_of(fault)).collect();
    let [
        Facts::Word { lowest: Some(lowest), highest: Some(highest), .. },
        Facts::Word { choices, .. },
        Facts::Unknown { owners },
    ] = &facts[..]
    else {
        panic!("{facts:?}")
    };
    assert_eq!((&**lowest, &**highest), ("4", "40"));
    assert_eq!(
        (&choices[..], &owners[..]),
        (&["250", "500"].map(str::to_owned)[..], &[vec!["harvest"]][..])
    );
}

/// Nothing that a declaration says need outlive it.
#[test]
fn texts_and_lists_may_be_made_at_run_time() {
    let texts: Vec<String> =
        ["een even getal", "dat kan niet", "probeer", "2.0", "3.0"].map(str::to_owned).into();
    fn even(count: &u8) -> Result<(), String> {
        if count.is_multiple_of(2) { Ok(()) } else { Err("oneven".to_owned()) }
    }
    let (frames, some) = (valid::by(even).says(&texts[0]), vec![2, 4, 6]);
    let among = valid::one_of(&some);
    let tests: [&dyn valid::Validator<u8>; 2] = [&frames, &among];
    let both = valid::all(&tests);
    let frames: Named<u8> = Named::draft("frames").valid(&both);
    let phrases = [(Phrase::OneFault, &*texts[1]), (Phrase::Fix, &*texts[2])];
    let wording = Wording::ENGLISH.with(&phrases);
    let (params, package) = ([frames.param()], Package::new(&texts[3]));
    let command = Command::draft("inspect").version(&texts[4]).package(package).takes(&params);
    let command = command.wording(&wording);
    assert_eq!((command.ask().version(), command.problems().len()), ("3.0", 0));
    let page = Page::of(&CommandPath::of(&command), PageLength::Full).draw(Look::PLAIN);
    assert!(page.contains("een even getal"), "{page}");
    let Outcome::Faults(faults) = command.read(&["--frames=8"]) else { panic!() };
    let drawn = faults.draw(Look::PLAIN);
    assert!(drawn.starts_with("inspect: dat kan niet\n") && drawn.contains("2, 4 or 6"), "{drawn}");
}
