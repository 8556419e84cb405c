//! What is recorded, and what is reported of it.

use expect_test::expect;

use crate::stage::Stage;

#[test]
fn an_inspection_is_recorded_and_listed() {
    let stage = Stage::new();
    let line = "inspect A7 -cf6 --on 2026-10-01 -t -3.5 --note queen";
    let output = stage.run(line);
    assert_eq!(
        String::from_utf8_lossy(&output.stdout),
        "recorded A7 on 2026-10-01: calm, 6 frames of brood, -3.5 °C, 1 remark\n"
    );
    let yard = stage.path().join("apiary/yard");
    let filled = format!("apiary: put 12 made-up hives into {} to begin with\n", yard.display());
    assert_eq!(String::from_utf8_lossy(&output.stderr), filled);
    let list = stage.prints("hive list");
    assert_eq!(list.lines().count(), 13);
    assert!(
        list.contains(
            "A7    south row           green       10  2026-10-01      6  calm      queen"
        ),
        "{list}"
    );
    // The folder has whole files only, and is filled once.
    let second = stage.run("inspect A7 -r --on 2026-10-02 -v");
    assert_eq!(String::from_utf8_lossy(&second.stderr), "");
    let said = String::from_utf8_lossy(&second.stdout).into_owned();
    let kept = format!("kept in {}", yard.display());
    assert_eq!(said, format!("recorded A7 on 2026-10-02: restless, 0 frames of brood\n{kept}\n"));
    let files: Vec<_> =
        std::fs::read_dir(&yard).unwrap().map(|file| file.unwrap().path()).collect();
    assert_eq!(files.len(), 12);
    assert!(files.iter().all(|file| file.extension() == Some("toml".as_ref())), "{files:?}");
}

/// Forty at once on a yard that is not filled yet: whatever was said to be recorded is there.
#[test]
fn what_is_said_to_be_recorded_is_stored() {
    let stage = Stage::new();
    let done: usize = std::thread::scope(|scope| {
        let run = |at: usize| {
            let stage = &stage;
            scope.spawn(move || stage.run(&format!("inspect A7 -f {} --note run{at}", at % 10)))
        };
        let runs: Vec<_> = (0..40).map(run).collect();
        let ended = runs.into_iter().map(|run| run.join().unwrap());
        ended.filter(|output| output.status.success()).count()
    });
    assert_eq!(done, 40);
    let kept = std::fs::read_to_string(stage.path().join("apiary/yard/A7.toml")).unwrap();
    for at in 0..40 {
        assert!(kept.contains(&format!("\"run{at}\"")), "run{at} is lost");
    }
    let names = std::fs::read_dir(stage.path().join("apiary")).unwrap();
    let mut names: Vec<_> = names.map(|name| name.unwrap().file_name()).collect();
    names.sort();
    assert_eq!(names, ["yard", "yard.lock"]);
}

/// While another process changes the yard a command waits, and says so when it has waited long enough.
#[test]
fn a_locked_yard_is_waited_for_and_then_told() {
    let stage = Stage::new();
    std::fs::create_dir(stage.path().join("apiary")).unwrap();
    let lock = std::fs::File::create(stage.path().join("apiary/yard.lock")).unwrap();
    lock.lock().unwrap();
    stage.fails(
        1,
        "inspect A7 -c",
        expect![[r#"
            apiary: another apiary has been changing the yard in ~/apiary/yard for 10 seconds: try again when it has ended
        "#]],
    );
    lock.unlock().unwrap();
    assert!(stage.run("inspect A7 -c").status.success());
}

/// A file that is damaged, or empty after a full disk, is told; the others are listed all the same.
#[test]
fn damaged_hives_are_told_and_the_others_listed() {
    let stage = Stage::new();
    let write = |name: &str, text: &str| {
        std::fs::create_dir_all(stage.path().join("yard")).unwrap();
        std::fs::write(stage.path().join("yard").join(name), text).unwrap();
    };
    write("A1.toml", "code = \"A1\"\nframes = 8\n");
    write("A2.toml", "code = \"A2\"\nframes = many\n");
    write("A3.toml", "");
    let output = stage.run("-y yard hive list --as csv");
    assert_eq!(output.status.code(), Some(1));
    assert!(String::from_utf8(output.stdout).unwrap().ends_with("\nA1,,,8,,,,\n"));
    expect![[r#"
        apiary: yard/A2.toml:2:10: this is no hive (string values must be quoted, expected literal string)
        yard/A3.toml:1:1: this is no hive (it is empty)
    "#]].assert_eq(&String::from_utf8(output.stderr).unwrap());
    stage.fails(1, "-y yard inspect A2", expect![[r#"
        apiary: yard/A2.toml:2:10: this is no hive (string values must be quoted, expected literal string)
    "#]]);
    stage.fails(
        1,
        "-y yard hive add A3",
        expect![[r#"
        apiary: hive A3 is in the yard already
    "#]],
    );
    assert!(stage.run("-y yard inspect A1").status.success());
}

#[test]
fn a_hive_is_added_to_a_yard_and_reported_on() {
    let stage = Stage::new();
    stage.fails(
        2,
        "-y yard hive list",
        expect![[r#"
            apiary hive list: one thing to put right

              apiary -y yard hive list
                        ^^^^
              --yard takes a folder that exists; there is nothing at 'yard'

              page  apiary hive list --help
        "#]],
    );
    std::fs::create_dir(stage.path().join("yard")).unwrap();
    let added = stage.prints("-y yard hive add D1 --queen white --at -33.9 18.4 -f 12");
    assert_eq!(added, "added D1 with 12 frames\n");
    assert_eq!(stage.prints("hive -qy yard add C2"), "");
    stage.fails(
        1,
        "-y yard hive add D1",
        expect![[r#"
        apiary: hive D1 is in the yard already
    "#]],
    );
    stage.fails(
        1,
        "-y yard inspect D1 -f 13",
        expect![[r#"
        apiary: hive D1 holds 12 frames, too few for 13 with brood
    "#]],
    );
    stage.fails(
        2,
        "-y yard inspect A1",
        expect![[r#"
        apiary inspect: one thing to put right

          apiary -y yard inspect A1
                                 ^^
          no hive is called 'A1'; D1 is

          try   apiary -y yard inspect D1
          page  apiary inspect --help
    "#]],
    );
    stage.prints("-q -y yard inspect D1 -cf 3 --on 2026-05-01");
    stage.prints("-q -y yard inspect D1 -f 6 --on 2026-06-01");
    expect![[r#"
        code,place,queen,frames,inspected,brood,temper,remark
        C2,,,10,,,,
        D1,,white,12,2026-06-01,6,,
    "#]]
    .assert_eq(&stage.prints("-y yard hive list --as csv --sort queen"));
    assert_eq!(stage.prints("-y yard report --since 2026-01-01 -o season.json --as json"), "");
    let season = std::fs::read_to_string(stage.path().join("season.json")).unwrap();
    let season: serde_json::Value = serde_json::from_str(&season).unwrap();
    assert_eq!((&season[1]["code"], &season[1]["brood"]), (&"D1".into(), &4.5.into()));
    stage.fails(
        2,
        "-y yard report --since 2026-02-01 --until 2026-01-01",
        expect![[r#"
            apiary report: one thing to put right

              apiary -y yard report --since 2026-02-01 --until 2026-01-01
                                    ^^^^^^^            ^^^^^^^
              no day is both since 2026-02-01 and until 2026-01-01

              page  apiary report --help
        "#]],
    );
}

#[test]
fn honey_is_harvested_and_labelled() {
    let stage = Stage::new();
    let done = stage.prints("harvest B1 3.5 2.8 -m 17.2 --jars 0x0c");
    let batch = done.trim_end().strip_prefix("recorded 6.3 kg as batch ").unwrap().to_owned();
    let label = format!("label B1 --batch {batch} --mail keeper@example.org --domain Example.ORG");
    let expected = format!(
        "Honey of example.org, batch {batch}\n6.3 kg, 17.2 % water\nkeeper@example.org\n\n"
    );
    assert_eq!(stage.prints(&label), expected);
    let many: Vec<String> = (0..21).map(|_| "1".to_owned()).collect();
    stage.fails(
        2,
        &format!("harvest B1 {}", many.join(" ")),
        expect![[r#"
            apiary harvest: one thing to put right

              apiary harvest B1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1 1
                                                                        ^
              KILOGRAMS takes at most 20, not 21

              page  apiary harvest --help
        "#]],
    );
    stage.fails(
        2,
        "harvest B1 3 --barrel -j 4",
        expect![[r#"
            apiary harvest: one thing to put right

              apiary harvest B1 3 --barrel -j 4
                                  ^^^^^^^^ ^^
              only one of --jars and --barrel can be given

              page  apiary harvest --help
        "#]],
    );
    stage.fails(
        1,
        "label B1 --batch x",
        expect![[r#"
        apiary: hive B1 has no batch x
    "#]],
    );
}

#[test]
fn hives_are_moved_given_up_and_gone_through() {
    let stage = Stage::new();
    assert_eq!(stage.prints("hive move A7 orchard"), "A7 stands in: orchard\n");
    assert_eq!(stage.prints("hive drop C2 --because lost"), "retired C2; its records stay\n");
    let list = stage.prints("hive list --sort place,code --as csv");
    let moved = "2026-09-07,2,calm,\nA7,orchard,green,10,2026-08-26,4,calm,\nB1,orchard,";
    assert!(!list.contains("C2") && list.contains(moved), "{list}");
    let each = stage.prints("run-each echo -y {} --");
    assert!(each.starts_with("-y A1 --\n-y A2 --\n") && each.lines().count() == 11, "{each}");
    stage.fails(
        2,
        "hive move A7",
        expect![[r#"
            apiary hive move: one thing to put right

              apiary hive move A7 PLACE
                                  _____
              PLACE is missing: where it stands from now on, in a few words

              like  apiary hive move A7 PLACE
              page  apiary hive move --help
        "#]],
    );
    stage.fails(
        1,
        "run-each false",
        expect![[r#"
        apiary: 11 of 11 runs failed
    "#]],
    );
    stage.fails(
        2,
        "hive list --sort code,code",
        expect![[r#"
            apiary hive list: one thing to put right

              apiary hive list --sort code,code
                                           ^^^^
              --sort takes each value once; 'code' is there twice

              try   apiary hive list --sort code
              page  apiary hive list --help
        "#]],
    );
}
