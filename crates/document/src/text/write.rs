//! A tree is written by whichever writer of a language takes what serde hands out.

use serde::ser::{Serialize, SerializeMap, Serializer};

use super::{Node, What};

impl Serialize for Node {
    fn serialize<S: Serializer>(&self, serializer: S) -> Result<S::Ok, S::Error> {
        match &self.what {
            What::Text(text) => serializer.serialize_str(text),
            What::Number(number) => match (number.parse::<i64>(), number.parse::<f64>()) {
                (Ok(whole), _) => serializer.serialize_i64(whole),
                (_, Ok(number)) => serializer.serialize_f64(number),
                _ => serializer.serialize_str(number),
            },
            What::Truth(truth) => serializer.serialize_bool(*truth),
            What::List(items) => serializer.collect_seq(items),
            What::Table(entries) => {
                let mut table = serializer.serialize_map(Some(entries.len()))?;
                for entry in entries {
                    table.serialize_entry(&entry.key, &entry.value)?;
                }
                table.end()
            }
            What::Nothing => serializer.serialize_none(),
        }
    }
}

/// A tree in JSON, in lines that a person can read.
pub fn to_json(node: &Node) -> String {
    serde_json::to_string_pretty(node).map_or_else(|_| String::new(), |text| text + "\n")
}
