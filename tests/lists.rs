//! Lists of values in programs: how long they are waited for, what keeps them, and every way to declare one.

use std::fs;
use std::path::Path;
use std::sync::atomic::{AtomicU32, Ordering};
use std::time::Duration;

use clavret::{
    COMPLETIONS_COMMAND, Command, Declare, Known, List, Named, Operand, Program, Route, SoFar,
    rehearse,
};

/// Each list by what it does; a hive is one that is there.
fn odd(so_far: &SoFar) -> Result<Vec<String>, String> {
    match so_far.get(&HOW).map(String::as_str) {
        Some("late") => std::thread::sleep(Duration::from_secs(600)),
        Some("panic") => panic!("stung"),
        Some("error") => return Err("the bees are out".to_owned()),
        _ => {}
    }
    Ok(vec!["A7".to_owned(), "A9".to_owned()])
}

static HOW: Named<String> = Named::new("how").default("well");
static HIVES: List = List::new(&odd).closed().within(Duration::from_millis(20));
static HIVE: Operand<String> = Operand::new("hive").listed_by(&HIVES);
static INSPECT: Command = Command::new("inspect").takes(&[HOW.param(), HIVE.param()]);
static PROGRAM: Program = Program::new(&INSPECT, &[Route::new(&INSPECT, |_| Ok(()))]);

#[test]
fn a_list_that_fails_or_is_late_gives_nothing_and_says_nothing() {
    let inspect = |how| rehearse(&PROGRAM).words(["--how", how]);
    assert_eq!(inspect("well").offers("A"), ["A7", "A9"]);
    inspect("well").words(["Z9"]).run().refuses("no hive is called 'Z9'; A9 is");
    for how in ["late", "panic", "error"] {
        assert_eq!(inspect(how).offers("A"), [""; 0], "{how}");
        inspect(how).words(["Z9"]).run().succeeds();
        inspect(how).words(["--help"]).run().succeeds().mentions("operand    HIVE");
    }
}

static CALLS: AtomicU32 = AtomicU32::new(0);

/// What was counted is in the name, so that a list that was kept is told from one that was made again.
fn counted(so_far: &SoFar) -> Vec<Known> {
    let calls = CALLS.fetch_add(1, Ordering::Relaxed);
    let yard = so_far.get(&YARD).cloned().unwrap_or_default();
    let row = so_far.variable("ROW").unwrap_or_default();
    so_far.depends_on(Path::new(&yard));
    if yard == "with a key" {
        _ = so_far.get(&KEY);
    }
    vec![
        Known::of(format!("A{calls} {}", row.display())).help("by the gate\n"),
        Known::of("C9").hidden(),
    ]
}

static YARD: Named<String> = Named::new("yard").default(".");
static KEY: Named<Option<String>> = Named::new("key").secret();
static KEPT: List = List::new(&counted).kept_for(Duration::from_secs(60));
static NAME: Operand<String> = Operand::new("name").listed_by(&KEPT);
static LABEL: Command = Command::new("label").takes(&[YARD.param(), KEY.param(), NAME.param()]);
static LABELS: Program = Program::new(&LABEL, &[Route::new(&LABEL, |_| Ok(()))]);

#[test]
fn a_list_is_kept_as_long_as_what_it_asked_for_is_the_same() {
    let folder = tempfile::tempdir().unwrap();
    let yard = folder.path().join("yard");
    fs::create_dir(&yard).unwrap();
    let label = |row: &str, yard: &Path| {
        let label = rehearse(&LABELS).variable("XDG_CACHE_HOME", folder.path());
        let label = label.variable("ROW", row).words(["--yard".as_ref(), yard.as_os_str()]);
        label.words(["--key", "honey"]).offers("").remove(0)
    };
    assert_eq!(label("a", &yard), "A0 a");
    assert_eq!(label("a", &yard), "A0 a");
    assert_eq!(label("b", &yard), "A1 b");
    assert_eq!(label("a", &yard), "A0 a");
    assert_eq!(label("a", folder.path()), "A2 a");
    // Something is new in the folder that it depends on.
    fs::write(yard.join("A1.toml"), "").unwrap();
    let file = fs::File::open(&yard).unwrap();
    file.set_modified(std::time::UNIX_EPOCH).unwrap();
    assert_eq!(label("a", &yard), "A3 a");
    assert_eq!(label("a", &yard), "A3 a");
    let file = folder.path().join("label/lists/label_NAME");
    let kept = fs::read_to_string(&file).unwrap();
    assert!(kept.contains("A3 a") && !kept.contains("honey") && !kept.contains("yard\u{1f}."));
    // Whatever else is in the file is no list.
    for text in ["", "nonsense", &kept.replace("label", "lable"), &kept[..kept.len() / 2]] {
        fs::write(&file, text).unwrap();
        assert!(label("a", &yard).ends_with(" a"), "{text}");
    }
    // What follows from a secret is one too.
    fs::remove_file(&file).unwrap();
    assert_ne!(label("a", "with a key".as_ref()), label("a", "with a key".as_ref()));
    assert!(!file.exists());
    #[cfg(unix)]
    {
        use std::os::unix::fs::PermissionsExt;
        label("a", &yard);
        assert_eq!(fs::metadata(&file).unwrap().permissions().mode() & 0o777, 0o600);
    }
}

mod ways {
    use super::*;

    fn hives(so_far: &SoFar) -> Vec<&'static str> {
        let yard =
            so_far.get(Weigh::YARD).or(so_far.get(weigh::YARD)).and_then(|yard| yard.clone());
        if yard.as_deref() == Some("north") { vec!["A7", "A9"] } else { vec!["A7"] }
    }

    static HIVES: List = List::new(&hives).closed();

    /// weigh a hive
    #[derive(Declare)]
    pub(super) struct Weigh {
        /// where it stands
        #[option]
        yard: Option<String>,
        /// hive to weigh
        #[operand(listed_by = HIVES)]
        hive: String,
    }

    impl clavret::Act for Weigh {
        fn act(self, _: &clavret::Call<'_>) -> clavret::Done {
            _ = (self.yard, self.hive);
            Ok(())
        }
    }

    /// weigh a hive
    #[clavret::declare]
    pub(super) fn weigh(
        #[option] yard: Option<String>,
        #[operand(listed_by = List::new(&hives).closed())] hive: String,
    ) {
        _ = (yard, hive);
    }

    pub(super) static BY_TYPE: Program = Program::of::<Weigh>();
    pub(super) static BY_FUNCTION: Program = Program::of::<weigh>();
}

#[test]
fn types_and_functions_list_by_a_detail_of_the_mark() {
    for program in [&ways::BY_TYPE, &ways::BY_FUNCTION] {
        let weigh = rehearse(program).words(["--yard=north"]);
        assert_eq!(weigh.offers(""), ["A7", "A9"]);
        weigh.words(["A8"]).run().refuses("no hive is called 'A8'; A7 and A9 are");
    }
}

#[test]
fn a_tree_made_at_run_time_has_a_list_that_owns_what_it_needs() {
    let codes = vec!["A7".to_owned(), "A9".to_owned()];
    let of_codes = move |_: &SoFar| codes.clone();
    let list = List::new(&of_codes).closed();
    let hive = Operand::<String>::draft("hive").listed_by(&list);
    let params = [hive.param()];
    let inspect = Command::draft("inspect").takes(&params);
    let read = |word: &'static str| {
        let words = [word];
        matches!(
            inspect.read_in(clavret::reader::Words::new(&words), &clavret::world::SYSTEM),
            clavret::Outcome::Reading(_)
        )
    };
    assert!(read("A7") && !read("A8"));
}

/// A script asks by the variable; what a rehearsal has not is not there for the list either.
#[test]
fn a_request_is_answered_in_the_world_of_a_rehearsal() {
    static ROOT: Command =
        Command::new("apiary").commands(&[&LABEL, &INSPECT, &COMPLETIONS_COMMAND]).answers();
    static APIARY: Program =
        Program::new(&ROOT, &[Route::new(&LABEL, |_| Ok(())), Route::new(&INSPECT, |_| Ok(()))]);
    let request =
        "1\u{1f}complete\u{1f}zsh\u{1f}2\u{1f}A\u{1f}\u{1f}80\u{1f}apiary\u{1f}inspect\u{1f}A";
    let apiary = rehearse(&APIARY).words(["--version"]).variable("CLAVRET", request);
    apiary.run().succeeds().mentions("A7\u{1e}A9\u{1e}");
}
