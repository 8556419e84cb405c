//! There and back: a declaration and what its document declares are the same to everybody.

use std::collections::BTreeSet;

use clavret_core::ask::{CommandPath, Standard};
use clavret_core::inner;
use clavret_core::inner::SETTERS;
use clavret_core::look::Look;
use clavret_core::medium::{Page, PageLength};
use clavret_core::wording::Wording;
use clavret_core::{Command, Named, Outcome};
use clavret_document::{Arena, Document, document_of, document_schema, to_json, to_toml};
use clavret_generator::{Spec, config, declaration, pool};
use clavret_tables::{Hangs, RULES, Role, SETTINGS, Setting, Takes, When};
use proptest::prelude::*;
use proptest::sample::Index;
use proptest::strategy::ValueTree;
use proptest::test_runner::TestRunner;
use serde_json::{Value, json};

use crate::sorts::SORTS;

/// All that people see of a declaration, and what becomes of some lines.
fn shown(root: &Command<'_>, lines: &[Vec<String>]) -> Vec<String> {
    let mut shown = Vec::new();
    for path in CommandPath::tree(root) {
        for length in [PageLength::Short, PageLength::Full] {
            shown.push(Page::of(&path, length).draw(Look::PLAIN));
        }
    }
    shown.extend(lines.iter().map(|line| match root.read(line) {
        Outcome::Reading(reading) => format!("{reading:?}{}", reading.warnings()),
        Outcome::Faults(faults) => faults.draw(Look::PLAIN),
        Outcome::Request(asked) => asked.text(Look::PLAIN),
        _ => String::new(),
    }));
    shown
}

/// Lines of words that a declaration may know.
fn lines(root: &Command<'_>, picks: &[Vec<Index>]) -> Vec<Vec<String>> {
    let pool = pool(root);
    let pick = |at: &Index| pool[at.index(pool.len())].clone();
    picks.iter().map(|line| line.iter().map(pick).collect()).collect()
}

fn picks() -> impl Strategy<Value = Vec<Vec<Index>>> {
    prop::collection::vec(prop::collection::vec(any::<Index>(), 0..6), 8)
}

/// The document of a declaration is read, and given again.
fn there_and_back(root: &Command<'_>, lines: &[Vec<String>]) -> Result<(), TestCaseError> {
    let [toml, json] = [to_toml(&document_of(root)), to_json(&document_of(root))];
    for text in [&toml, &json] {
        let document = match Document::read("apiary.toml", text) {
            Ok(document) => document,
            Err(faults) => return Err(TestCaseError::fail(format!("{faults}\n{text}"))),
        };
        let arena = Arena::new();
        let again = document.command(&arena);
        prop_assert_eq!(&to_toml(&document_of(again)), &toml);
        prop_assert_eq!(&to_json(&document_of(again)), &json);
        let (own, its) = (shown(root, lines), shown(again, lines));
        for (at, (own, its)) in own.iter().zip(&its).enumerate() {
            prop_assert_eq!(own, its, "{} of {:?}\n{}", at, lines, text);
        }
    }
    Ok(())
}

proptest! {
    #![proptest_config(config(256))]

    /// What an author writes is read, nothing of it is lost, and it is the declaration that a program would have made.
    #[test]
    fn a_document_says_all_that_it_was_read_from(spec in declaration(&SORTS), picks in picks()) {
        let value = spec.document();
        let document = Document::read("apiary.json", value.to_string());
        prop_assert!(document.is_ok(), "{}", document.err().unwrap());
        let (document, arena) = (document.unwrap(), Arena::new());
        let root = document.command(&arena);
        let (mut said, mut kept) = (Vec::new(), Vec::new());
        leaves("", &value, &mut said);
        leaves("", &serde_json::from_str(&to_json(&document_of(root))).unwrap(), &mut kept);
        for leaf in &said {
            let at = kept.iter().position(|kept| kept == leaf);
            prop_assert!(at.is_some(), "{:?} is lost of {:#}", leaf, value);
            kept.swap_remove(at.unwrap_or_default());
        }
        there_and_back(root, &lines(root, &picks))?;
        let arena = clavret_generator::Arena::new();
        let tree = spec.tree(&arena);
        prop_assert_eq!(to_toml(&document_of(tree.root)), to_toml(&document_of(root)));
        if !value.to_string().contains("unchecked") {
            let lines = lines(root, &picks);
            prop_assert_eq!(shown(tree.root, &lines), shown(root, &lines), "{:?}", lines);
        }
    }

    /// Whatever the texts are.
    #[test]
    fn texts_are_kept_to_the_byte(texts in prop::collection::vec("[\\PC\\p{Cc}\"'\\\\\n ]{0,12}", 4)) {
        let [summary, description, help, noun] = [0, 1, 2, 3].map(|at| texts[at].as_str());
        let (nouns, examples) = ([(noun, help)], [(help, noun)]);
        let wording = Wording::ENGLISH.nouns(&nouns);
        let option = Named::<Option<String>>::draft("note").help(help).description(description).default(noun);
        let params = [option.param()];
        let root = Command::draft("apiary").summary(summary).takes(&params).wording(&wording).examples(&examples);
        there_and_back(&root, &[vec!["--note".to_owned(), noun.to_owned()]])?;
    }
}

/// Words of all the library's types, right and nearly right.
const OF_TYPES: [&str; 34] = [
    "3",
    "-3",
    "+3",
    "03",
    "300",
    "99999999999999999999",
    "0",
    "3.5",
    "12kg",
    "nan",
    "inf",
    "",
    "x",
    "xy",
    "yes",
    "no",
    "auto",
    "192.0.2.7",
    "192.0.2.700",
    "2001:db8::7",
    "[2001:db8::7]:80",
    "192.0.2.7:80",
    "2026-05-01",
    "2026-06-31",
    "14:30",
    "2026-05-01T14:30",
    "2026-05-01T14:30:00Z",
    "2h 30m",
    "-2h",
    "64MiB",
    "keeper@example.org",
    "https://example.org/",
    "1.2.0",
    ">=1.2, <2",
];

/// Each type of the library is read by a document as it is in Rust: alone, in a list, and beside its like.
#[test]
fn every_type_goes_there_and_back() {
    macro_rules! types {
        ($($type:ty)*) => {{
            let mut count = 0;
            $({
                let one = Named::<Option<$type>>::draft("one").letter('o');
                let many = Named::<Vec<$type>>::draft("many");
                let pair = Named::<Option<[$type; 2]>>::draft("pair");
                let params = [one.param(), many.param(), pair.param()];
                let root = Command::draft("apiary").takes(&params);
                let text = to_json(&document_of(&root));
                assert!(!text.contains("unchecked"), "{text}");
                let mut lines: Vec<Vec<String>> = Vec::new();
                for word in OF_TYPES {
                    lines.push(["--one", word].map(str::to_owned).to_vec());
                    lines.push(["--many", "3", "--many", word].map(str::to_owned).to_vec());
                    lines.push(["--pair", word, word].map(str::to_owned).to_vec());
                }
                there_and_back(&root, &lines).unwrap();
                count += 1;
            })*
            count
        }};
    }
    use std::net::{IpAddr, Ipv4Addr, Ipv6Addr, SocketAddr, SocketAddrV4, SocketAddrV6};
    use std::num::{NonZeroU8, NonZeroU16, NonZeroU32, NonZeroU64, NonZeroUsize};
    let count = types! {
        u8 u16 u32 u64 u128 usize i8 i16 i32 i64 i128 isize f32 f64 NonZeroU8 NonZeroU16 NonZeroU32 NonZeroU64 NonZeroUsize
        String std::ffi::OsString std::path::PathBuf char bool clavret_core::look::When Ipv4Addr Ipv6Addr IpAddr SocketAddrV4 SocketAddrV6
        SocketAddr jiff::civil::Date jiff::civil::Time jiff::civil::DateTime jiff::Timestamp jiff::Span
        std::time::Duration jiff::SignedDuration bytesize::ByteSize email_address::EmailAddress
        clavret_core::DomainName url::Url uuid::Uuid regex::Regex glob::Pattern semver::Version semver::VersionReq
        serde_json::Value
    };
    // All but a closed list, of which each is a type.
    assert_eq!(count, Standard::ALL.len() - 1);
}

/// A parameter that has a setting, with all that it needs beside it.
fn with_setting(setting: &Setting, role: Role) -> Value {
    let kind = match setting.when {
        When::Always | When::Many | When::ManyWords | When::ManyTexts => "text",
        When::WholeNumbers => "u8",
        When::Numbers => "f64",
        When::Paths => "path",
    };
    let mut param = json!({ "name": "sample" });
    if matches!(role, Role::Operand | Role::Option) {
        let is_many = matches!(setting.when, When::Many | When::ManyWords | When::ManyTexts);
        param["type"] = json!(kind);
        param[if is_many { "many" } else { "optional" }] = json!(true);
    }
    let of_name = |name: &str| SETTINGS.iter().find(|setting| setting.name == name).unwrap();
    for setting in setting.needs.iter().map(|name| of_name(name)).chain([setting]) {
        param[setting.name.replace('_', "-")] = match (setting.takes, setting.name) {
            (Takes::Truth, _) => json!(true),
            (Takes::Text | Takes::Word, _) => json!("other"),
            (Takes::Texts, _) => json!(["other"]),
            (Takes::Sign, _) => json!("x"),
            (Takes::Key, "type") => json!("u8"),
            (Takes::Key, _) => continue,
            (_, "valid") => json!({ "length": [1, 9] }),
            (_, "times") => json!([1, 2]),
            (_, "refers") => json!("host"),
            (_, "listed_by") => json!({ "closed": true, "unchecked": true }),
            (_, "stands_alone") => json!("version"),
            (_, "tail") => json!("after-dashes"),
            (_, name) => panic!("a sample of what `{name}` is given has its line here"),
        };
    }
    param
}

/// A table of a document is read, and stands there again.
fn is_kept(list: &str, table: &Value, params: &Value) -> String {
    let mut value = json!({ "clavret": 1, "name": "apiary", "flag": params, list: [table] });
    if list == "flag" {
        value["flag"] = json!([table]);
    }
    let document = Document::read("apiary.json", value.to_string());
    let (document, arena) = (document.unwrap_or_else(|faults| panic!("{faults}")), Arena::new());
    let root = document.command(&arena);
    assert!(root.problems().is_empty(), "{value} {:?}", root.problems());
    let again: Value = serde_json::from_str(&to_json(&document_of(root))).unwrap();
    for (key, given) in table.as_object().unwrap() {
        // Text is the type of what says nothing else.
        let is_text = key == "type" && given == "text";
        assert!(is_text || again[list][0][key] == *given, "`{key}` of {value} is lost in {again}");
    }
    match list {
        "rule" => root.ask().own_rules()[0].name().to_owned(),
        _ => inner::setters_of_param(root.ask().own_params()[0]).collect::<Vec<_>>().join(" "),
    }
}

/// Each row of the tables, by itself: a setting of whatever may have it, a rule, a validator.
#[test]
fn every_row_goes_there_and_back() {
    for setting in SETTINGS {
        for role in setting.of {
            let list = format!("{role:?}").to_lowercase();
            let called = is_kept(&list, &with_setting(setting, *role), &json!([]));
            let is_setter = setting.takes != Takes::Key;
            assert_eq!(called.split(' ').any(|name| name == setting.name), is_setter, "{called}");
        }
    }
    let flags = json!([{ "name": "calm" }, { "name": "mild" }]);
    for rule in RULES {
        let members =
            if rule.hangs == Hangs::Nothing { vec!["calm", "mild"] } else { vec!["mild"] };
        let mut table = json!({ rule.name.replace('_', "-"): members });
        if rule.hangs != Hangs::Nothing {
            table["param"] = json!("calm");
        }
        if rule.hangs == Hangs::Value {
            table["value"] = json!("yes");
        }
        assert_eq!(is_kept("rule", &table, &flags), rule.name);
    }
    let schema = document_schema();
    for name in schema["$defs"]["validator"]["properties"].as_object().unwrap().keys() {
        let (kind, given) = match name.as_str() {
            "range" => ("u8", json!([2, 20])),
            "at-least" | "at-most" | "multiple-of" => ("u8", json!(3)),
            "one-of" | "any-but" => ("u8", json!([3, 5])),
            "length" => ("text", json!([1, 9])),
            "pattern" => ("text", json!("[A-Z][0-9]")),
            "schemes" => ("web-address", json!(["https"])),
            // What goes with them, and what stands for those of a program.
            "says" | "example" | "unchecked" => continue,
            name => panic!("a sample of what `{name}` is given has its line here"),
        };
        let mut valid = json!({ name: given });
        if name == "pattern" {
            valid["example"] = json!("A7");
        }
        is_kept("option", &json!({ "name": "frames", "type": kind, "valid": valid }), &json!([]));
    }
}

/// Together the declarations that are generated say all that a document may say, and call every setter there is.
#[test]
fn every_key_and_every_setter_is_generated() {
    let mut runner = TestRunner::deterministic();
    let (mut made, mut called) = (BTreeSet::new(), BTreeSet::new());
    for _ in 0..3_000 {
        let spec: Spec = declaration(&SORTS).new_tree(&mut runner).unwrap().current();
        keys(&spec.document(), &mut made);
        let arena = clavret_generator::Arena::new();
        for (_, command) in spec.tree(&arena).root.ask().tree() {
            called.extend(inner::setters_of_command(command));
            command.ask().params().for_each(|param| called.extend(inner::setters_of_param(param)));
        }
    }
    let schema = document_schema();
    let tables = schema["$defs"].as_object().unwrap().values().chain([&schema]);
    let known = tables.flat_map(|table| table["properties"].as_object().unwrap().keys());
    // What an editor writes is no part of a declaration.
    made.insert("$schema".to_owned());
    let missing: BTreeSet<&String> = known.filter(|key| !made.contains(*key)).collect();
    assert!(missing.is_empty(), "no document has {missing:?}");
    let unknown: Vec<&str> =
        SETTERS.concat().into_iter().filter(|name| !called.contains(name)).collect();
    assert!(unknown.is_empty(), "no declaration calls {unknown:?}");
}

/// What a document says, each with its key; but for what may be said otherwise: the names of kinds and of
/// members of rules, and an order.
fn leaves(key: &str, value: &Value, found: &mut Vec<(String, String)>) {
    match value {
        Value::Object(table) => {
            // A secret that may be in a file is one anyhow.
            let is_said = |key: &&String| {
                let is_told = *key == "secret" && table.contains_key("secret-file");
                !is_told && !matches!(key.as_str(), "kind" | "takes" | "type" | "rule")
            };
            table.keys().filter(is_said).for_each(|key| leaves(key, &table[key], found));
        }
        Value::Array(items) => items.iter().for_each(|item| leaves(key, item, found)),
        Value::Bool(false) => {}
        value => found.push((key.to_owned(), value.to_string().trim_matches('"').to_owned())),
    }
}

fn keys(value: &Value, found: &mut BTreeSet<String>) {
    match value {
        Value::Object(table) => {
            found.extend(table.keys().cloned());
            table.values().for_each(|value| keys(value, found));
        }
        Value::Array(items) => items.iter().for_each(|item| keys(item, found)),
        _ => {}
    }
}
