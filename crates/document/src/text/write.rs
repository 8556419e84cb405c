//! A tree is written by whichever writer of a language takes what serde hands out.

use serde::ser::{Serialize, SerializeMap, Serializer};

use super::{Content, Node};

impl Serialize for Node {
    fn serialize<S: Serializer>(&self, serializer: S) -> Result<S::Ok, S::Error> {
        match &self.content {
            Content::Text(text) => serializer.serialize_str(text),
            Content::Number(number) => match (number.parse::<i64>(), number.parse::<f64>()) {
                (Ok(whole), _) => serializer.serialize_i64(whole),
                (_, Ok(number)) => serializer.serialize_f64(number),
                _ => serializer.serialize_str(number),
            },
            Content::Truth(truth) => serializer.serialize_bool(*truth),
            Content::List(items) => serializer.collect_seq(items),
            Content::Table(entries) => {
                let mut table = serializer.serialize_map(Some(entries.len()))?;
                for entry in entries {
                    table.serialize_entry(&entry.key, &entry.value)?;
                }
                table.end()
            }
            Content::Nothing => serializer.serialize_none(),
        }
    }
}

/// A tree in JSON, in lines that a person can read.
pub fn to_json(node: &Node) -> String {
    serde_json::to_string_pretty(node).map_or_else(|_| String::new(), |text| text + "\n")
}
