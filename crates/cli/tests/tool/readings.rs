//! `clavret read` for people and for programs.

use expect_test::expect;

use crate::{Told, apiary, clavret};

#[test]
fn a_line_that_reads_is_shown_part_by_part() {
    let Told { status, out, err } =
        clavret(&["read", &apiary(), "--", "inspect", "A7", "-cf6", "--note", "calm bees"]);
    assert_eq!((status, err.as_str()), (0, ""));
    expect![[r#"
        apiary inspect

          word  text       reads as            of
          1     inspect    command
          2     A7         operand, unchecked  HIVE
          3     -c         flag                --calm
          3     f          option              --frames
          3     6          value               --frames
          4     --note     option              --note
          5     calm bees  value               --note

          parameter  value      from
          --config              -
          --yard                -
          --quiet               -
          -v         0          -
          --color    auto       default
          HIVE       A7         word 2
          --calm     on         word 3
          --frames   6          word 3
          --temp                -
          --note     calm bees  word 5
          --on                  -
    "#]]
    .assert_eq(&out);
}

#[test]
fn a_refused_line_is_shown_with_what_is_wrong() {
    let Told { status, out, err } = clavret(&["read", &apiary(), "--", "inspect", "A7", "--clam"]);
    assert_eq!((status, err.as_str()), (1, ""));
    expect![[r#"
          word  text     reads as            of
          1     inspect  command
          2     A7       operand, unchecked  HIVE
          3     --clam   not known

        apiary inspect: one thing to put right

          apiary inspect A7 --clam
                            ^^^^^^
          --clam is not an option here; --calm is

          try   apiary inspect A7 --calm
          page  apiary inspect --help
    "#]]
    .assert_eq(&out);
    let asks = clavret(&["read", &apiary(), "--", "inspect", "-h"]);
    assert!(asks.status == 0 && asks.out.contains("--help stands alone"), "{}", asks.out);
}

#[test]
fn programs_get_json() {
    let json = |words: &[&str]| {
        let told = clavret(&[&["read", &apiary(), "--as", "json", "--"], words].concat());
        let value: serde_json::Value = serde_json::from_str(&told.out).unwrap();
        (told.status, value)
    };
    let (status, value) = json(&["harvest", "A7", "3.5", "-j", "0x0c"]);
    assert_eq!((status, &value["verdict"]), (0, &"accepted".into()));
    assert_eq!(value["command"], serde_json::json!(["apiary", "harvest"]));
    assert_eq!(value["values"]["harvest"]["kilograms"], serde_json::json!([3.5]));
    assert_eq!(value["origins"]["harvest"]["--jars"], "word 5");
    assert_eq!(
        value["words"][1],
        serde_json::json!({
            "word": 2, "bytes": [0, 2], "text": "A7", "means": "operand", "parameter": "harvest hive", "unchecked": true,
        })
    );
    let (status, value) = json(&["harvest", "A7", "many", "--jars=x"]);
    assert_eq!((status, &value["verdict"]), (1, &"refused".into()));
    assert_eq!(value["faults"][0]["kind"], "value-misfit");
    assert_eq!(
        (&value["faults"][1]["word"], &value["faults"][1]["bytes"]),
        (&4.into(), &serde_json::json!([7, 8]))
    );
    // What is accepted instead, for whoever acts on it.
    assert_eq!(
        (&value["faults"][1]["lowest"], &value["faults"][1]["highest"]),
        (&"1".into(), &"10000".into())
    );
    let (_, value) = json(&["hive", "add", "B7", "--queen", "pink", "--jars", "6"]);
    assert_eq!(value["faults"][0]["choices"][4], "blue");
    assert_eq!(value["faults"][1]["commands"], serde_json::json!([["harvest"]]));
    let (status, value) = json(&["help", "hive"]);
    assert_eq!((status, &value["verdict"]), (0, &"asks".into()));
}

/// An option and an operand of one name, and a command and the one below it, lose nothing of each other.
#[test]
fn what_is_called_alike_is_told_apart() {
    let folder = tempfile::tempdir().unwrap();
    let file = folder.path().join("a.toml");
    let param = |of: &str, kind: &str| format!("[[{of}{kind}]]\nname = 'file'\noptional = true\n");
    let params = [param("", "option"), "[[command]]\nname = 'add'\n".into()];
    let below = [param("command.", "option"), param("command.", "operand")];
    let document = format!("clavret = 1\nname = 'a'\n{}{}", params.concat(), below.concat());
    std::fs::write(&file, document).unwrap();
    let file = file.to_str().unwrap();
    let words = ["--file", "1", "add", "--file=2", "3"];
    let told = |form: &[&str]| clavret(&[&["read", file], form, &["--"], &words].concat()).out;
    let value: serde_json::Value = serde_json::from_str(&told(&["--as", "json"])).unwrap();
    let values = serde_json::json!({ "--file": "1", "add": { "--file": "2", "file": "3" } });
    let of: Vec<&serde_json::Value> =
        value["words"].as_array().unwrap().iter().map(|word| &word["parameter"]).collect();
    assert_eq!(value["values"], values);
    assert_eq!(value["origins"]["add"]["file"], "word 5");
    assert_eq!(
        of[..].iter().map(|of| of.as_str().unwrap_or("")).collect::<Vec<_>>(),
        ["--file", "--file", "", "add --file", "add --file", "add file"]
    );
    let script = told(&["--as", "sh", "--prefix", "p"]);
    for line in ["p_file='1'", "p_add_file='2'", "p_add_FILE='3'", "p_add_FILE_origin='word'"] {
        assert!(script.lines().any(|set| set == line), "{script}");
    }
    let refused = clavret(&["read", file, "--as", "json", "--", "add", "--file"]);
    let refused: serde_json::Value = serde_json::from_str(&refused.out).unwrap();
    assert_eq!(refused["faults"][0]["parameter"], "add --file");
}

/// A secret is shown to nobody, whether the line reads or not.
#[test]
fn secrets_are_dots() {
    let folder = tempfile::tempdir().unwrap();
    let file = folder.path().join("a.toml");
    std::fs::write(
        &file,
        "clavret = 1\nname = 'a'\n[[option]]\nname = 'pin'\nsecret = true\noptional = true\n",
    )
    .unwrap();
    let file = file.to_str().unwrap();
    for words in [&["--pin", "1234"][..], &["--pin=1234", "--pln=1234"], &["--pun", "1234"]] {
        for form in ["table", "json"] {
            let told = clavret(&[&["read", file, "--as", form, "--"], words].concat());
            assert!(!(told.out + &told.err).contains("1234"), "{words:?} {form}");
        }
    }
}

#[test]
fn what_is_asked_of_it_wrongly_is_refused() {
    for (line, why) in [
        (&["read", "x.toml", "--as", "sh", "--", "A7"][..], "need --prefix NAME"),
        (&["read", "x.toml", "--as", "sh", "--prefix", "a-b"], "letters, digits and _"),
        (&["read", "x.toml", "--prefix", "a"], "for the variables of a script"),
        (&["read", "x.toml", "A7"], "one word too many"),
        (&["read"], "SOURCE is missing"),
    ] {
        let Told { status, out, err } = clavret(line);
        assert_eq!((status, out.as_str()), (2, ""), "{err}");
        assert!(err.contains(why), "{err}");
    }
}
