//! How a line is read, for programs. `docs/tool.md` has the shape.

use clavret::faults::{Facts, Fault, Faults, FixWord, Place};
use clavret::look::Look;
use clavret::{Outcome, Reading};
use serde_json::{Map, Value, json};

use super::rows::{Row, is_judged};

pub(super) fn text(outcome: &Outcome<'_>) -> String {
    let value = match outcome {
        Outcome::Reading(reading) => reads("accepted", reading),
        Outcome::Request(asked) => {
            let mut value = reads("asks", asked.reading());
            let what = asked.param().map(|param| asked.path().key_of(param));
            value.insert("asks-by".to_owned(), json!(what));
            value.retain(|key, _| key != "values" && key != "origins");
            value
        }
        Outcome::Faults(faults) => refused(faults),
        _ => Map::new(),
    };
    format!("{}\n", Value::Object(value))
}

fn reads(verdict: &str, reading: &Reading<'_>) -> Map<String, Value> {
    let mut value = Map::new();
    value.insert("verdict".to_owned(), json!(verdict));
    if let Ok(Value::Object(read)) = serde_json::to_value(reading) {
        value.extend(read);
    }
    value.insert("words".to_owned(), words(&Row::of_reading(reading)));
    value.insert("unchecked".to_owned(), json!(is_judged(&reading.path())));
    let warnings = reading.warnings();
    value.insert("warnings".to_owned(), json!(warnings.lines().collect::<Vec<_>>()));
    value
}

fn refused(faults: &Faults<'_>) -> Map<String, Value> {
    let names: Vec<&str> =
        faults.path().commands().iter().map(|command| command.ask().name()).collect();
    let list: Vec<Value> = faults.iter().map(|fault| self::fault(faults, fault)).collect();
    let mut value = Map::new();
    value.insert("verdict".to_owned(), json!("refused"));
    value.insert("command".to_owned(), json!(names));
    value.insert("words".to_owned(), words(&Row::of_faults(faults)));
    value.insert("faults".to_owned(), json!(list));
    value.insert("fix".to_owned(), json!(faults.fix().map(|words| fix(&words))));
    value.insert("told".to_owned(), json!(faults.draw(Look::PLAIN)));
    value
}

/// The words of a line that reads; what stands for something else is told as a placeholder.
fn fix(words: &[FixWord]) -> Vec<Value> {
    let word = |word: &FixWord| match word {
        FixWord::Outline(text) => json!({ "text": text, "placeholder": true }),
        FixWord::Typed(text) => json!({ "text": text.to_string_lossy(), "placeholder": false }),
    };
    words.iter().map(word).collect()
}

fn fault(faults: &Faults<'_>, fault: &Fault<'_>) -> Value {
    let mut value = short(faults, fault);
    value["sentence"] = json!(faults.sentence_of(fault));
    match faults.facts_of(fault) {
        Facts::Unknown { owners } if !owners.is_empty() => value["commands"] = json!(owners),
        Facts::Word { choices, lowest, highest, .. } => {
            if !choices.is_empty() {
                value["choices"] = json!(choices);
            }
            for (key, bound) in [("lowest", lowest), ("highest", highest)] {
                if let Some(bound) = bound {
                    value[key] = json!(bound);
                }
            }
        }
        Facts::Count { found, fewest, most } => {
            value["count"] = json!({ "found": found, "fewest": fewest, "most": most });
        }
        _ => {}
    }
    value
}

/// What is wrong and where, without words for it.
pub(super) fn short(faults: &Faults<'_>, fault: &Fault<'_>) -> Value {
    let mut value = json!({
        "kind": fault.kind().name(),
        "parameter": fault.param().map(|param| faults.path().key_of(param)),
    });
    match fault.place() {
        Place::At { word, start, end } => {
            value["word"] = json!(word + 1);
            value["bytes"] = json!([start, end]);
        }
        Place::Before(word) => value["before-word"] = json!(word + 1),
        _ => {}
    }
    value
}

fn words(rows: &[Row<'_>]) -> Value {
    let word = |row: &Row<'_>| {
        let bytes = row.step.bytes();
        json!({
            "word": row.step.word() + 1,
            "bytes": [bytes.start, bytes.end],
            "text": row.text,
            "means": row.means(),
            "parameter": row.key,
            "unchecked": row.is_unchecked,
        })
    };
    rows.iter().map(word).collect()
}
