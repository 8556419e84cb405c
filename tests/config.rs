//! Config files as they lie on a system: what of them is no text, is too large, says something twice, or
//! says more than an option takes. Each is told with its place.

use std::collections::BTreeMap;
use std::fs;
use std::path::PathBuf;

use clavret::look::Look;
use clavret::reader::Words;
use clavret::world::SYSTEM;
use clavret::{Command, Config, Flag, Named, Outcome};
use expect_test::{Expect, expect};

static FILE: Named<Option<PathBuf>> = Named::new("config").placeholder("FILE");
static QUIET: Flag = Flag::new("quiet").variable("CLAVRET_TEST_QUIET");
static FRAMES: Named<Option<u8>> = Named::new("frames");
static SORT: Named<Vec<String>> = Named::new("sort");
static TAGS: Named<BTreeMap<String, String>> = Named::new("tag");
static CONFIG: Config = Config::new("clavret-test/config.toml").option(FILE.param());
static APIARY: Command = Command::new("apiary")
    .takes(&[FILE.param(), QUIET.param(), FRAMES.param(), SORT.param(), TAGS.param()])
    .config(&CONFIG);

/// What a file of a name and some bytes gives: a reading as JSON, or what is said of it.
fn gives(name: &str, bytes: &[u8]) -> String {
    let folder = tempfile::tempdir().unwrap();
    let path = folder.path().join(name);
    fs::write(&path, bytes).unwrap();
    let words: &'static [std::ffi::OsString] = vec!["--config".into(), path.clone().into()].leak();
    let said = match APIARY.read_in(Words::new(words), &SYSTEM) {
        Outcome::Reading(reading) => serde_json::to_value(&reading).unwrap()["values"].to_string(),
        Outcome::Faults(faults) => faults.draw(Look::PLAIN),
        other => panic!("{other:?}"),
    };
    said.replace(&*path.to_string_lossy(), name)
}

#[track_caller]
fn refuses(name: &str, bytes: &[u8], expected: Expect) {
    let said = gives(name, bytes);
    let lines = said.lines().skip(2).filter(|line| !line.contains("  page") && !line.is_empty());
    let lines: Vec<&str> = lines.map(|line| &line[2..]).collect();
    expected.assert_eq(&lines.join("\n"));
}

#[test]
fn a_file_is_text_with_or_without_a_mark_of_its_byte_order() {
    for (name, text) in [("a.toml", "\u{feff}frames = 3\n"), ("a.json", "\u{feff}{\"frames\": 3}")]
    {
        assert!(gives(name, text.as_bytes()).contains("\"--frames\":3"), "{name}");
    }
    refuses(
        "a.json",
        "\u{feff}{\"frames\": 300}".as_bytes(),
        expect![[r#"
            a.json:1:12
            {"frames": 300}
                       ^^^
            frames takes a whole number from 0 to 255; '300' is above that"#]],
    );
    refuses(
        "a.toml",
        b"frames = 3\nsort = [\"c\xf6de\"]\n",
        expect![[r#"
            a.toml:2:11
            sort = ["c�de"]
                      ^
            this is not text in UTF-8"#]],
    );
    let large = vec![b'\n'; (64 << 20) + 1];
    let said = gives("a.toml", &large);
    assert!(said.contains("it is larger than 64 MiB, the most"), "{said}");
}

#[test]
fn each_key_is_said_once_and_has_as_many_values_as_it_takes() {
    refuses(
        "a.json",
        br#"{"frames": 3, "tag": {"a": "b", "a": "c"}}"#,
        expect![[r#"
            a.json:1:33
            {"frames": 3, "tag": {"a": "b", "a": "c"}}
                                            ^^^
            the key 'a' is there twice"#]],
    );
    refuses(
        "a.json",
        br#"{"frames": 3, "frames": 4}"#,
        expect![[r#"
            a.json:1:15
            {"frames": 3, "frames": 4}
                          ^^^^^^^^
            the key 'frames' is there twice"#]],
    );
    refuses(
        "a.toml",
        b"quiet = [true, false]\n",
        expect![[r#"
            a.toml:1:1
            quiet = [true, false]
            ^^^^^
            quiet takes exactly one, not two"#]],
    );
    refuses(
        "a.toml",
        b"quiet = []\n",
        expect![[r#"
            a.toml:1:1
            quiet = []
            ^^^^^
            quiet takes exactly one, not 0"#]],
    );
    refuses(
        "a.toml",
        b"frames = []\n",
        expect![[r#"
            a.toml:1:1
            frames = []
            ^^^^^^
            frames takes exactly one, not 0"#]],
    );
    refuses(
        "a.json",
        br#"{"frames": null, "fraems": null}"#,
        expect![[r#"
            a.json:1:18
            {"frames": null, "fraems": null}
                             ^^^^^^^^
            'fraems' is not a setting here"#]],
    );
    assert!(
        gives("a.json", br#"{"quiet": null, "frames": null, "sort": []}"#)
            .contains("\"--quiet\":null")
    );
    // The key of an entry may have an `=` in it: it is parted from its value by the file.
    let tags = gives("a.toml", b"[tag]\n\"a=b\" = \"c\"\nplain = \"x=y\"\n");
    assert!(tags.contains(r#""--tag":{"a=b":"c","plain":"x=y"}"#), "{tags}");
}
