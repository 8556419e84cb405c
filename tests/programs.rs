//! Programs as they run: who is called, with what, in which order; how they end; what a rehearsal
//! gives them.

use std::cell::RefCell;
use std::error::Error;
use std::fmt;
use std::io::{self, BufRead, ErrorKind, Write};

use clavret::{
    Call, Command, Config, Declare, Done, Failure, Input, Named, Program, Reading, Route, rehearse,
    valid,
};

#[cfg(target_os = "linux")]
#[path = "shared/built.rs"]
mod built;

/// A context that remembers who was called.
#[derive(Default)]
struct Diary(RefCell<Vec<String>>);

impl Diary {
    fn note(&self, what: impl fmt::Display) {
        self.0.borrow_mut().push(what.to_string());
    }

    #[track_caller]
    fn after(program: &Program<Diary>, line: &str) -> String {
        let diary = Diary::default();
        let words = line.split(' ').filter(|word| !word.is_empty());
        rehearse(program).words(words).run_in(&diary).succeeds();
        diary.0.into_inner().join("; ")
    }
}

mod order {
    use super::*;

    /// a bee yard
    #[clavret::declare(commands(hive), before)]
    fn apiary(
        /// say little
        #[flag(throughout)]
        quiet: bool,
        diary: &Diary,
    ) {
        diary.note(format_args!("apiary before, quiet {quiet}"));
    }

    /// the hives
    #[clavret::declare(commands(add, list), acts)]
    fn hive(reading: &Reading<'_>, diary: &Diary) {
        diary.note(format_args!("hive itself, quiet {}", reading.get(apiary::QUIET)));
    }

    /// add one
    #[clavret::declare(executor = pollster::block_on)]
    async fn add(
        /// its code
        #[operand]
        code: String,
        diary: &Diary,
    ) -> Done {
        diary.note(format_args!("add {code}"));
        Ok(())
    }

    /// list them
    #[clavret::declare(name = "all")]
    pub(super) fn list(diary: &Diary) {
        diary.note("list");
    }

    pub(super) static PROGRAM: Program<Diary> = Program::of::<apiary>();
}

#[test]
fn a_parent_runs_before_its_subcommand_or_instead() {
    let after = |line| Diary::after(&order::PROGRAM, line);
    assert_eq!(after("hive all"), "apiary before, quiet false; list");
    assert_eq!(after("--quiet hive"), "apiary before, quiet true; hive itself, quiet true");
    assert_eq!(after("hive add A7"), "apiary before, quiet false; add A7", "an async function");
    clavret::prove(&order::PROGRAM);
}

#[test]
fn a_missing_handler_is_found_by_address_where_names_are_alike() {
    static OURS: Command = Command::new("list").summary("list them");
    static THEIRS: Command = Command::new("list").summary("list them");
    static HIVE: Command = Command::new("hive").summary("hives").commands(&[&OURS]);
    static QUEEN: Command = Command::new("queen").summary("queens").commands(&[&THEIRS]).acts();
    static ROOT: Command = Command::new("apiary").summary("a yard").commands(&[&HIVE, &QUEEN]);
    fn before(call: &Call<'_, Diary>) -> Done {
        call.context().note(call.path());
        Ok(())
    }
    static PROGRAM: Program<Diary> = Program::new(
        &ROOT,
        &[
            Route::before(&HIVE, before),
            Route::new(&OURS, |_| Ok(())),
            Route::new(&QUEEN, |call| before(&call)),
        ],
    );
    let flaws = clavret::faults::Provable::flaws(&PROGRAM);
    let flaws: Vec<String> = flaws.iter().map(ToString::to_string).collect();
    assert_eq!(flaws, ["apiary queen list: no route leads to it"]);
    let told = rehearse(&PROGRAM).words(["queen", "list"]).run_in(&Diary::default());
    told.fails(1, "apiary: no handler for `apiary queen list`\n");
    assert_eq!(Diary::after(&PROGRAM, "hive list"), "apiary hive list", "before it");
    assert_eq!(Diary::after(&PROGRAM, "queen"), "apiary queen", "instead of a subcommand");
}

/// A function's command beside the variants of an enum.
#[derive(Declare)]
#[declare(commands(order::list, clavret::HELP_COMMAND))]
enum Tools {
    /// light the smoker
    Smoke,
}

impl clavret::Act<Diary> for Tools {
    fn act(self, call: &Call<'_, Diary>) -> Done {
        call.context().note("smoke");
        Ok(())
    }
}

#[test]
fn a_function_stands_beside_the_variants_of_an_enum() {
    static TOOLS: Program<Diary> = Program::of::<Tools>();
    assert_eq!(Diary::after(&TOOLS, "smoke"), "smoke");
    assert_eq!(Diary::after(&TOOLS, "all"), "list");
    assert_eq!(Diary::after(&TOOLS, "help all"), "", "the library answers it");
}

struct Scale;

/// the scale
#[clavret::declare(executor = pollster::block_on)]
impl Scale {
    /// weigh a hive
    async fn weigh(&self, #[operand] hive: String) -> String {
        format!("{hive}: {} kg", async { 31.5 }.await)
    }
}

#[test]
fn the_executor_of_a_block_is_that_of_its_functions() {
    static SCALE: Program<Scale> = Program::of::<Scale>();
    rehearse(&SCALE).words(["weigh", "A7"]).run_in(&Scale).succeeds().prints("A7: 31.5 kg\n");
}

#[test]
fn mistakes_of_the_program_are_told_as_such() {
    static SIZE: Named<u8> = Named::new("size").default("9").valid(&valid::range(0, 5));
    static SIZED: Command = Command::new("apiary").takes(&[SIZE.param()]);
    static WRONG: Program = Program::new(&SIZED, &[Route::new(&SIZED, |_| Ok(()))]);
    // At every start of a debug build, whatever the line says.
    for line in [&[] as &[&str], &["--size", "3"], &["--help"], &["--sise"]] {
        rehearse(&WRONG)
            .words(line)
            .run()
            .fails(1, "apiary: a mistake of this program: the default of --size, 9, is above 5\n");
    }
}

/// say what is done
#[clavret::declare(commands(order::list), before, acts)]
fn watch(diary: &Diary) {
    diary.note("watch");
}

#[test]
fn what_runs_before_runs_alone_where_no_subcommand_is_named() {
    static WATCH: Program<Diary> = Program::of::<watch>();
    assert_eq!(Diary::after(&WATCH, ""), "watch");
    assert_eq!(Diary::after(&WATCH, "all"), "watch; list");
}

mod ends {
    use super::*;

    static HOW: Named<Option<String>> = Named::new("how").variable("HOW");
    pub(super) static ROOT: Command = Command::new("end").takes(&[HOW.param()]);
    pub(super) static PROGRAM: Program = Program::new(&ROOT, &[Route::new(&ROOT, end)]);

    #[derive(Debug)]
    struct Caused(io::Error);

    impl fmt::Display for Caused {
        fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
            f.write_str("cannot write")
        }
    }

    impl Error for Caused {
        fn source(&self) -> Option<&(dyn Error + 'static)> {
            Some(&self.0)
        }
    }

    fn end(call: Call<'_>) -> Done {
        writeln!(call.out(), "begun")?;
        match call.get(&HOW).as_deref() {
            Some("badly") => Err("the smoker is out".into()),
            Some("caused") => Err(Caused(ErrorKind::StorageFull.into()).into()),
            Some("silently") => Err(Failure::new(7, "").into()),
            Some("deep") => Err(Failure::new(9, "no harvest")
                .because(io::Error::from(ErrorKind::NotFound))
                .into()),
            Some("pipe") => Err(Caused(ErrorKind::BrokenPipe.into()).into()),
            Some("panic") => panic!("the hive fell over"),
            _ => Ok(()),
        }
    }
}

#[test]
fn errors_end_with_their_status_and_causes() {
    let told = |how: &str| rehearse(&ends::PROGRAM).words(["--how", how]).run();
    told("well").succeeds().prints("begun\n");
    assert_eq!(told("badly").fails(1, "").err, "end: the smoker is out\n");
    let caused = "end: cannot write\n  because: no storage space\n";
    assert_eq!(told("caused").fails(1, "").err, caused);
    assert_eq!(told("silently").fails(7, "").err, "");
    let deep = "end: no harvest\n  because: entity not found\n";
    assert_eq!(told("deep").fails(9, "").err, deep);
    told("pipe").succeeds().prints("begun\n");
    let panic = std::panic::catch_unwind(|| told("panic")).expect_err("a panic is left alone");
    assert_eq!(panic.downcast_ref::<&str>(), Some(&"the hive fell over"));
}

#[test]
fn nothing_is_answered_unless_the_root_says_so() {
    let request = "1\u{1f}complete\u{1f}fish\u{1f}end -\u{1f}end -";
    let ends = rehearse(&ends::PROGRAM).variable("CLAVRET", request).variable("HOW", "");
    ends.run().succeeds().prints("begun\n");
    ends.words(["--version"]).run().refuses("--version is not an option here");
}

mod given {
    use super::*;

    static CONFIG: Config = Config::new("apiary/config.toml");

    /// what a rehearsal gives
    #[derive(Declare)]
    #[declare(config = CONFIG)]
    pub(super) struct Given {
        /// from a variable
        #[option(variable = "APIARY_YARD")]
        yard: Option<String>,
        /// from the config file
        #[option]
        frames: Option<u8>,
        /// from a file
        #[option(secret_file = "token-file")]
        token: Option<String>,
        /// from standard input
        #[option(formerly = ["from"])]
        input: Option<Input>,
    }

    impl clavret::Act<String> for Given {
        fn act(self, call: &Call<'_, String>) -> Done {
            let Given { yard, frames, token, input } = self;
            let mut rest = String::new();
            if let Some(input) = input {
                rest = input.read_to_string(call.streams())?;
            } else {
                call.input().read_line(&mut rest)?;
            }
            let home = call.variable("HOME");
            writeln!(call.out(), "{yard:?} {frames:?} {token:?} {rest:?} {home:?}")?;
            writeln!(call.err(), "{} of {}", call.streams().width(), call.context())?;
            Ok(())
        }
    }

    pub(super) static PROGRAM: Program<String> = Program::of::<Given>();
}

#[test]
fn a_rehearsal_has_what_it_is_given_and_no_more() {
    let context = "context".to_owned();
    let bare = rehearse(&given::PROGRAM).run_in(&context);
    assert_eq!(bare.out, "None None None \"\" None\n", "nothing of the process is seen");
    let full = rehearse(&given::PROGRAM)
        .variable("APIARY_YARD", "here")
        .variable("HOME", "there")
        .config("frames = 6")
        .input("secret\nthe rest")
        .width(60)
        .words(["--token-file", "-", "--from", "-"]);
    let run = || full.run_with(|call| Ok::<_, io::Error>(call.path().to_string()));
    assert_eq!(run(), run(), "each run has all that it is given");
    let full = run();
    let out = "Some(\"here\") Some(6) Some(\"secret\") \"the rest\" Some(\"there\")\n";
    full.prints(out);
    assert_eq!(full.err, "clavret: --from is deprecated; use --input\n60 of clavret\n");
    let wrong = rehearse(&given::PROGRAM).config("frames = \"many\"").color(true).run_in(&context);
    wrong.refuses("apiary/config.toml:1:10").refuses("\u{1b}[");
    let page = rehearse(&given::PROGRAM).words(["--help"]).width(44).run_in(&context);
    assert!(page.succeeds().out.lines().all(|line| line.chars().count() <= 44), "{page:?}");
    let failed = rehearse(&given::PROGRAM).run_with(|_| Err("no yard"));
    failed.fails(1, "clavret: no yard\n");
}

#[test]
fn rehearsals_run_side_by_side() {
    std::thread::scope(|scope| {
        for number in 0..8 {
            scope.spawn(move || {
                for _ in 0..50 {
                    let told =
                        rehearse(&given::PROGRAM).variable("APIARY_YARD", number.to_string());
                    let out = format!("Some(\"{number}\") None None \"\" None\n");
                    told.run_in(&String::new()).prints(&out);
                }
            });
        }
    });
}

/// A reader that is gone is no failure; a full disk is one, also where `println!` finds it (`in_place`).
#[cfg(target_os = "linux")]
#[test]
fn what_cannot_be_written_is_told_unless_the_reader_is_gone() {
    use std::process::{Command, Stdio};
    let run = |example: &str, line: &str, out: Stdio| {
        let mut command = Command::new(built::example(example));
        let child = command.args(line.split(' ')).stdout(out).stderr(Stdio::piped());
        let output = child.spawn().unwrap().wait_with_output().unwrap();
        (output.status.code(), String::from_utf8(output.stderr).unwrap())
    };
    for line in ["A7", "--help"] {
        for example in ["functions", "values", "types", "in_place"] {
            let (reader, writer) = io::pipe().unwrap();
            drop(reader);
            let told = run(example, line, writer.into());
            assert_eq!(told, (Some(0), String::new()), "`{example} {line}`");
            let full = std::fs::File::options().write(true).open("/dev/full").unwrap();
            let said = "inspect: standard output cannot be written (No space left on device)\n";
            let told = run(example, line, full.into());
            assert_eq!(told, (Some(1), said.to_owned()), "`{example} {line}`");
        }
    }
}

mod made {
    use super::*;

    /// A tree that nothing outlives, with a handler that owns what it needs.
    fn told(frames: &str, default: &str, is_routed: bool) -> (u8, String) {
        let name = frames.to_owned();
        let frames = Named::<u8>::draft(&name).default(default);
        let params = [frames.param()];
        let inspect = Command::draft("inspect").takes(&params);
        let commands = [&inspect];
        let apiary = Command::draft("apiary").commands(&commands);
        let hive = String::from("A7");
        let tell =
            |call: Call<'_>| -> Done { Ok(writeln!(call.out(), "{hive}: {}", call.get(&frames))?) };
        let routes = [Route::by(&inspect, &tell)];
        let routes = if is_routed { &routes[..] } else { &[] };
        let program: Program = Program::draft(&apiary, routes);
        let run = rehearse(&program).words(["inspect", "--frames=6"]).run();
        (run.status, run.out + &run.err)
    }

    #[test]
    fn a_tree_made_at_run_time_is_run_and_its_mistakes_are_told() {
        let mistake = |what: &str| (1, format!("apiary: a mistake of this program: {what}\n"));
        assert_eq!(told("frames", "0", true), (0, "A7: 6\n".to_owned()));
        assert_eq!(
            told("Frames", "0", true),
            mistake("the name `Frames` has an upper-case letter in it")
        );
        let unrouted = "no route leads to the command `apiary inspect`, so a line that calls it would \
                        do nothing";
        assert_eq!(told("frames", "0", false), mistake(unrouted));
        assert_eq!(
            told("frames", "many", true),
            mistake("the default of `frames`, `many`, is no whole number")
        );
    }
}
