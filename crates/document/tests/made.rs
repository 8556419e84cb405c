//! Documents of all sorts, as JSON.

use proptest::prelude::*;
use proptest::sample::{Index, select};
use serde_json::{Map, Value, json};

const NAMES: [&str; 12] =
    ["calm", "calmer", "color", "count", "note", "x", "q", "at", "hive", "frames", "sort", "on"];

/// Words that lines are made of, beside the names of the document.
pub(crate) const WORDS: [&str; 26] = [
    "--",
    "-",
    "3",
    "-3",
    "3.5",
    "0x1f",
    "A7",
    "yes",
    "red",
    "red,blue",
    "a,b",
    "k=3",
    "k",
    "",
    "2026-05-01",
    "x.toml",
    "calm",
    "list",
    "add",
    "help",
    "--help",
    "--version",
    "éa",
    "nan",
    "-xq",
    "on",
];

/// Types by their names, each with a default of it and a validator.
fn types() -> Vec<(Value, Value, Value)> {
    vec![
        (json!("text"), json!("A7"), json!({ "length": [1, 3] })),
        (json!("text"), json!("red"), json!({ "one-of": ["red", "k"] })),
        (
            json!("text"),
            json!("A7"),
            json!({ "pattern": "[A-Z][0-9]+", "example": "A7", "says": "a hive's code" }),
        ),
        (json!("u8"), json!(3), json!({ "range": [1, 20] })),
        (json!("i16"), json!("-3"), json!([{ "range": [-9, 9] }, { "multiple-of": 3 }])),
        (json!("f64"), json!(3.5), json!({ "range": [-1.5, 60] })),
        (json!("u64"), json!("3"), json!({ "not-one-of": [13, 7] })),
        (json!("date"), json!("2026-05-01"), json!({ "range": ["2026-01-01", "2026-12-31"] })),
        (json!("path"), json!("x.toml"), Value::Null),
        (json!("word"), json!("A7"), Value::Null),
        (json!("path"), json!("x.toml"), Value::Null),
        (json!("word"), json!("A7"), Value::Null),
        (json!("character"), json!("x"), json!({ "one-of": ["x", "y"] })),
        (json!("truth"), json!("yes"), Value::Null),
        (json!("when"), json!("auto"), Value::Null),
        (json!("web-address"), json!("https://example.org/"), json!({ "schemes": ["https"] })),
        (json!("hue"), json!("red"), Value::Null),
        (json!("code"), json!("A7"), json!({ "says": "one that stands", "unchecked": true })),
        (json!("label"), json!("A7"), Value::Null),
        (json!("port"), json!("80"), json!({ "range": [1, "99"], "unchecked": true })),
        (json!(["f64", "f64"]), Value::Null, json!({ "says": "in degrees", "unchecked": true })),
        (json!(["hue", "u8", "text"]), Value::Null, Value::Null),
        (json!({ "key": "text", "value": "u8" }), json!("k=3"), Value::Null),
    ]
}

/// Which keys a table has beside its name: each by a number.
fn picks() -> impl Strategy<Value = Vec<(u8, Index)>> {
    prop::collection::vec((0..22_u8, any::<Index>()), 0..5)
}

fn put(table: &mut Map<String, Value>, key: &str, value: Value) {
    if !value.is_null() {
        table.insert(key.to_owned(), value);
    }
}

fn of_all(table: &mut Map<String, Value>, name: &str, picks: &[(u8, Index)], is_named: bool) {
    for (pick, index) in picks {
        match pick {
            0 => put(table, "help", json!(format!("help of {name}"))),
            1 => put(table, "description", json!("A *longer* text.\n\n* with\n* items")),
            2 => put(table, "hidden", json!(true)),
            3 => put(table, "deprecated", json!("--calm")),
            4 if is_named && name.len() > 1 => {
                put(table, "letter", json!(["c", "x", "1", "?"][index.index(4)]));
            }
            5 if is_named => put(table, "aliases", json!([format!("{name}-too")])),
            6 if is_named => put(table, "formerly", json!([format!("old-{name}")])),
            7 if is_named => put(table, "throughout", json!(true)),
            8 => put(table, "variable", json!(format!("YARD_{}", name.to_uppercase()))),
            _ => {}
        }
    }
}

fn valued(name: &'static str, is_option: bool) -> impl Strategy<Value = Value> {
    (select(types()), 0..4_u8, picks(), any::<bool>()).prop_map(
        move |((kind, default, valid), shape, picks, has_default)| {
            let mut table = Map::new();
            put(&mut table, "name", json!(name));
            of_all(&mut table, name, &picks, is_option);
            let words = kind.as_array().map_or(1, Vec::len);
            let is_entry = kind.is_object();
            let is_number = matches!(kind.as_str(), Some("u8" | "i16" | "u64"));
            put(&mut table, "type", kind.clone());
            match shape {
                _ if is_entry => put(&mut table, "many", json!(true)),
                1 => put(&mut table, "optional", json!(true)),
                2 => put(&mut table, "many", json!(true)),
                3 if is_option && words == 1 => put(&mut table, "attached", json!(true)),
                _ => {}
            }
            let is_many = is_entry || shape == 2;
            if has_default && shape != 3 {
                put(&mut table, "default", default);
            }
            for (pick, index) in &picks {
                match pick {
                    9 => put(&mut table, "valid", valid.clone()),
                    10 => {
                        let texts: Vec<String> = (0..words).map(|at| format!("W{at}")).collect();
                        put(&mut table, "placeholder", json!(texts.join(" ")));
                    }
                    11 if is_many && !is_entry => {
                        put(&mut table, "times", json!([[0, 3], [1, 2]][index.index(2)]));
                    }
                    12 if is_many && !is_entry && kind != json!("f64") => {
                        put(&mut table, "distinct", json!(true));
                    }
                    13 if is_many && words == 1 && !is_entry => {
                        put(&mut table, "joined-by", json!(","));
                    }
                    14 => put(
                        &mut table,
                        "refers",
                        json!(["path", "nothing", "host"][index.index(3)]),
                    ),
                    15 if words == 1 && !is_entry => {
                        let is_closed = index.index(2) == 0;
                        let list =
                            json!({ "noun": "hive", "closed": is_closed, "unchecked": true });
                        put(&mut table, "listed-by", list);
                    }
                    16 => put(&mut table, "secret", json!(true)),
                    17 if is_number => put(&mut table, "as-in-code", json!(true)),
                    18 if kind == json!("f64") => put(&mut table, "infinite", json!(true)),
                    19 if kind == json!("path") => {
                        put(&mut table, "extensions", json!(["toml"]));
                        let place = ["present", "absent", "file", "directory"][index.index(4)];
                        put(&mut table, place, json!(true));
                    }
                    17..=19 if kind == json!("word") && is_many && !is_option => {
                        let tail = ["raw", "after-dashes", "unknown-options"][index.index(3)];
                        put(&mut table, "tail", json!(tail));
                    }
                    20 if is_option => put(&mut table, "once", json!(true)),
                    21 if is_option && shape != 3 => {
                        put(&mut table, "secret-file", json!(format!("{name}-file")));
                    }
                    _ => {}
                }
            }
            Value::Object(table)
        },
    )
}

fn flag(name: &'static str, is_tally: bool) -> impl Strategy<Value = Value> {
    picks().prop_map(move |picks| {
        let mut table = Map::new();
        put(&mut table, "name", json!(name));
        of_all(&mut table, name, &picks, true);
        if is_tally {
            table.remove("variable");
            return Value::Object(table);
        }
        for (pick, _) in &picks {
            match pick {
                9 | 10 => {
                    put(&mut table, "opposite", json!(format!("un{name}")));
                    put(&mut table, "opposite-letter", json!("r"));
                }
                13 => put(&mut table, "anew", json!(true)),
                11 => put(&mut table, "worded", json!(true)),
                12 => put(&mut table, "once", json!(true)),
                _ => {}
            }
        }
        Value::Object(table)
    })
}

/// The lists of parameters of a command, in any order, and a rule over them.
fn taken(with_operands: bool) -> impl Strategy<Value = Map<String, Value>> {
    let names = prop::sample::subsequence(NAMES.to_vec(), 0..5).prop_shuffle();
    let with_roles = (names, prop::collection::vec(0..4_u8, 5));
    let params = with_roles.prop_flat_map(move |(names, roles)| {
        let param = |(name, role): (&'static str, u8)| match role {
            0 if with_operands => valued(name, false).prop_map(|value| ("operand", value)).boxed(),
            0 | 1 => valued(name, true).prop_map(|value| ("option", value)).boxed(),
            2 => flag(name, false).prop_map(|value| ("flag", value)).boxed(),
            _ => flag(name, true).prop_map(|value| ("tally", value)).boxed(),
        };
        names.into_iter().zip(roles).map(param).collect::<Vec<_>>()
    });
    (params, any::<bool>(), 0..8_u8).prop_map(|(params, is_ordered, rule)| {
        let mut table = Map::new();
        let names: Vec<Value> = params.iter().map(|(_, param)| param["name"].clone()).collect();
        for (list, param) in params {
            let list = table.entry(list).or_insert(json!([]));
            list.as_array_mut().unwrap().push(param);
        }
        if is_ordered && !names.is_empty() {
            table.insert("takes".to_owned(), json!(names));
        }
        if let [one, other, ..] = &names[..] {
            let rule = match rule {
                0 => json!({ "only-one": [one, other] }),
                1 => json!({ "at-least-one": [one, other] }),
                2 => json!({ "not-with": [one], "param": other }),
                3 => json!({ "only-with": [one], "param": other }),
                4 => json!({ "needed-with": [one], "param": other, "value": "3" }),
                _ => return table,
            };
            table.insert("rule".to_owned(), json!([rule]));
        }
        table
    })
}

/// A whole document. Many of these have nothing wrong with them.
pub(crate) fn document() -> impl Strategy<Value = Value> {
    let commands = prop::collection::vec(taken(true), 0..3);
    let more = prop::collection::vec(0..16_u8, 0..5);
    (any::<bool>(), taken(true), commands, more).prop_flat_map(|(is_flat, flat, commands, more)| {
        let root = if is_flat { Just(flat).boxed() } else { taken(false).boxed() };
        (root, Just(if is_flat { Vec::new() } else { commands }), Just(more))
    })
    .prop_map(|(mut root, commands, more)| {
        put(&mut root, "$schema", json!("document.schema.json"));
        put(&mut root, "clavret", json!(1));
        put(&mut root, "name", json!("apiary"));
        put(
            &mut root,
            "kind",
            json!([
                { "name": "hue", "offers": [{ "name": "red", "help": "in 3 or 8" }, { "name": "blue" },
                    { "name": "rot", "deprecated": "red" }] },
                { "name": "code", "noun": "a hive's code", "example": "A7", "explained": true, "unchecked": true },
                { "name": "label", "noun": "a label", "example": "A7" },
                { "name": "port", "like": "i16", "example": "80", "negative": true, "refers": "host", "unchecked": true },
            ]),
        );
        let mut below = Vec::new();
        for (name, mut command) in ["list", "add", "move"].into_iter().zip(commands) {
            put(&mut command, "name", json!(name));
            below.push(Value::Object(command));
        }
        for pick in more {
            match pick {
                0 => put(&mut root, "summary", json!("the logbook of a yard")),
                1 => put(&mut root, "version", json!("1.2.0")),
                2 => put(&mut root, "usual", json!(["help"])),
                3 => put(&mut root, "abbreviations", json!(true)),
                4 => put(&mut root, "operands-end-options", json!(true)),
                5 => put(&mut root, "examples", json!([["all of it", "apiary"]])),
                6 => put(&mut root, "statuses", json!([[0, "done"], [1, "not done"]])),
                7 => {
                    let package = json!({ "version": "1", "binary": "apiary", "licence": "MIT",
                        "authors": "Ada <ada@example.org>", "page": "https://example.org" });
                    put(&mut root, "package", package);
                    put(&mut root, "answers", json!(true));
                    put(&mut root, "config", json!({ "file": "apiary/config.toml" }));
                }
                8 => {
                    let wording = json!({ "with": { "one-fault": "iets" }, "count-words": ["een", "twee"],
                        "nouns": { "a label": "een etiket" }, "signs": { ",": "kommas" } });
                    put(&mut root, "wording", wording);
                }
                9 => put(&mut root, "description", json!("All of it:\n\n    code\n")),
                10 => {
                    put(&mut root, "bundle", json!([{ "name": "period", "heading": "period",
                        "option": [{ "name": "since", "optional": true }, { "name": "until", "optional": true }],
                        "rule": [{ "all-or-none": ["since", "until"] }] }]));
                    // One of the commands takes it, and the root where it has operands of its own.
                    match below.first_mut().and_then(Value::as_object_mut) {
                        Some(command) => put(command, "bundles", json!(["period"])),
                        None => put(&mut root, "bundles", json!(["period"])),
                    }
                }
                11 if !below.is_empty() => put(&mut root, "default-command", json!("list")),
                12 if !below.is_empty() => put(&mut root, "acts", json!(true)),
                13 => put(&mut root, "judged-by", json!("unchecked")),
                14 => {
                    let flags = root.entry("flag").or_insert(json!([]));
                    flags.as_array_mut().unwrap().push(json!({ "name": "aid", "stands-alone": "page" }));
                    put(&mut root, "usual", json!(["aid", "version"]));
                    root.remove("takes");
                }
                _ => {}
            }
        }
        if !below.is_empty() {
            put(&mut root, "command", json!(below));
        }
        Value::Object(root)
    })
}
