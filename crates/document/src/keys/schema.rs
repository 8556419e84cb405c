//! The tables of a document as a JSON Schema (draft 2020-12), which editors check and complete documents by.

use serde_json::{Map, Value, json};

use super::{DOCUMENT, Key, Of, Table};

/// The JSON Schema of documents.
#[doc(alias("json schema"))]
pub fn document_schema() -> Value {
    let mut tables = Map::new();
    let mut root = object(&DOCUMENT, &mut tables);
    root.insert("$schema".to_owned(), json!("https://json-schema.org/draft/2020-12/schema"));
    root.insert("title".to_owned(), json!("A command-line program, as Clavret reads it"));
    root.insert("$defs".to_owned(), Value::Object(tables));
    Value::Object(root)
}

fn object(table: &Table, tables: &mut Map<String, Value>) -> Map<String, Value> {
    let mut properties = Map::new();
    for key in table.keys() {
        properties.insert(key.name.to_owned(), property(key, tables));
    }
    let needed: Vec<&str> = table.keys().filter(|key| key.is_needed).map(|key| key.name).collect();
    let Value::Object(mut object) = json!({
        "type": "object",
        "properties": properties,
        "additionalProperties": false,
    }) else {
        return Map::new();
    };
    if !needed.is_empty() {
        object.insert("required".to_owned(), json!(needed));
    }
    object
}

fn property(key: &Key, tables: &mut Map<String, Value>) -> Value {
    let mut value = of(&key.of, tables);
    if let Value::Object(value) = &mut value {
        value.insert("description".to_owned(), json!(key.says));
    }
    value
}

fn of(of_key: &Of, tables: &mut Map<String, Value>) -> Value {
    match of_key {
        Of::Schema => json!({ "const": 1 }),
        Of::Text => json!({ "type": "string" }),
        Of::Character => json!({ "type": "string", "minLength": 1, "maxLength": 1 }),
        Of::Truth => json!({ "type": "boolean" }),
        Of::Count(most) => json!({ "type": "integer", "minimum": 0, "maximum": most }),
        Of::Scalar => json!({ "type": ["string", "number", "boolean"] }),
        Of::Word(words) => json!({ "enum": words }),
        Of::List(item) => json!({ "type": "array", "items": of(item, tables) }),
        Of::Row(places, least) => {
            let places: Vec<Value> = places.iter().map(|place| of(place, tables)).collect();
            json!({ "type": "array", "prefixItems": places, "items": false, "minItems": least })
        }
        Of::Map => json!({ "type": "object", "additionalProperties": { "type": "string" } }),
        Of::Table(table) => reference(table, tables),
        Of::Tables(table) => json!({ "type": "array", "items": reference(table, tables) }),
        Of::Either(several) => {
            let several: Vec<Value> = several.iter().map(|one| of(one, tables)).collect();
            json!({ "anyOf": several })
        }
    }
}

/// Where a table is told of: once, however often it is meant.
fn reference(table: &'static Table, tables: &mut Map<String, Value>) -> Value {
    let name = table.noun.split_once(' ').map_or("", |noun| noun.1).replace(' ', "-");
    if !tables.contains_key(&name) {
        // A command has commands: it is known before it is told.
        tables.insert(name.clone(), Value::Null);
        let object = object(table, tables);
        tables.insert(name.clone(), Value::Object(object));
    }
    json!({ "$ref": format!("#/$defs/{name}") })
}
