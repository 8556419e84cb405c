//! A JSON Schema (draft 2020-12) of the values of a command: what `clavret read --as json` has under `values`.

use clavret::ask::{CommandPath, Noun, Param, Role, Standard, Times};
use clavret::valid::{Says, Test};
use clavret::{Command, Kind, Offer};
use serde_json::{Map, Value, json};

/// The schema of what a line may give that reaches a command.
pub(super) fn schema(path: &CommandPath<'_>) -> Value {
    let mut schema = level(path.commands());
    schema["$schema"] = json!("https://json-schema.org/draft/2020-12/schema");
    schema["title"] = json!(format!("the values of {path}"));
    schema["$defs"] = json!({ "bytes": {
        "description": "a word that is no text",
        "type": "object",
        "required": ["bytes"],
        "properties": { "bytes": { "type": "array", "items": { "type": "integer", "minimum": 0, "maximum": 255 } } },
        "additionalProperties": false,
    } });
    schema
}

/// The first of some commands, and beside its parameters those below it.
fn level(commands: &[&Command<'_>]) -> Value {
    let mut properties = Map::new();
    if let Some((command, below)) = commands.split_first() {
        properties.extend(command.ask().params().map(|param| (param.key(), described(param))));
        if let Some(next) = below.first() {
            properties.insert(next.ask().name().to_owned(), level(below));
        }
    }
    let needed: Vec<&String> = properties.keys().collect();
    json!({
        "type": "object",
        "required": needed,
        "properties": properties,
        "additionalProperties": false,
    })
}

fn described(param: &Param<'_>) -> Value {
    let mut schema = of(param);
    if let (Value::Object(schema), false) = (&mut schema, param.help().is_empty()) {
        schema.insert("description".to_owned(), json!(param.help()));
    }
    schema
}

fn of(param: &Param<'_>) -> Value {
    if param.stands_alone() {
        // No reading has it.
        return json!({ "const": null });
    }
    match param.role() {
        Role::Flag => return json!({ "type": ["boolean", "null"] }),
        Role::Tally => return json!({ "type": "integer", "minimum": 0 }),
        _ => {}
    }
    let dots = param.is_secret().then(|| json!({ "const": "•••" }));
    if let [kind] = param.kinds()
        && let Some((keys, value)) = kind.sides()
        && dots.is_none()
    {
        let mut entries = json!({ "type": "object", "additionalProperties": word(value, param) });
        if keys.has_values() {
            let of_key = |key: &Offer<'_>| {
                (key.name().to_owned(), word(key.kind_of_value().unwrap_or(value), param))
            };
            let keys: Map<String, Value> = keys.all_offers().iter().map(of_key).collect();
            entries["properties"] = keys.into();
        }
        return entries;
    }
    let words: Vec<Value> = param
        .kinds()
        .iter()
        .map(|kind| dots.clone().unwrap_or_else(|| word(kind, param)))
        .collect();
    let one = match &words[..] {
        [only] => only.clone(),
        // What is secret is told in one piece.
        _ if param.is_secret() => json!({ "type": "array", "items": { "const": "•••" } }),
        words => json!({
            "type": "array", "prefixItems": words, "items": false, "minItems": words.len(), "maxItems": words.len(),
        }),
    };
    if param.is_list() {
        return list(param, one);
    }
    match (param.is_attached(), is_absent(param)) {
        (true, _) => json!({ "anyOf": [one, { "const": true }, { "type": "null" }] }),
        (_, true) => json!({ "anyOf": [one, { "type": "null" }] }),
        _ => one,
    }
}

/// Whether a line may go without a value.
fn is_absent(param: &Param<'_>) -> bool {
    param.default().is_none() && (param.is_optional() || param.given_times().min == 0)
}

fn list(param: &Param<'_>, one: Value) -> Value {
    let mut list = Map::new();
    list.insert("type".to_owned(), json!("array"));
    list.insert("items".to_owned(), one);
    let Times { min, max } = param.times();
    if min > 0 && !param.is_secret() {
        list.insert("minItems".to_owned(), json!(min));
    }
    if max != u32::MAX {
        list.insert("maxItems".to_owned(), json!(max));
    }
    if param.is_distinct() {
        list.insert("uniqueItems".to_owned(), json!(true));
    }
    Value::Object(list)
}

/// A word of a kind, with what the validators say that are known here.
fn word(kind: &Kind<'_>, param: &Param<'_>) -> Value {
    if kind.is_unchecked() {
        return json!({ "$comment": "unchecked: what it accepts is known to the program alone" });
    }
    let mut schema = of_kind(kind, param);
    for test in param.validators() {
        limited(&mut schema, test, kind);
    }
    let is_of_bytes = matches!(kind.standard(), Some(Standard::Word | Standard::Path));
    match is_of_bytes {
        true => json!({ "anyOf": [schema, { "$ref": "#/$defs/bytes" }] }),
        false => Value::Object(schema),
    }
}

fn of_kind(kind: &Kind<'_>, param: &Param<'_>) -> Map<String, Value> {
    let schema = match kind.noun() {
        Noun::Whole => return whole(kind),
        Noun::Number if param.is_infinite() => json!({ "type": ["number", "string"] }),
        Noun::Number => json!({ "type": "number" }),
        Noun::Truth => json!({ "type": "boolean" }),
        Noun::Letter => json!({ "type": "string", "minLength": 1, "maxLength": 1 }),
        Noun::Choice => {
            let names: Vec<&str> = kind.all_offers().iter().map(|offer| offer.name()).collect();
            json!({ "enum": names })
        }
        _ => {
            let format = match kind.standard() {
                Some(Standard::Date) => "date",
                Some(Standard::Email) => "email",
                Some(Standard::WebAddress) => "uri",
                Some(Standard::Uuid) => "uuid",
                Some(Standard::Ipv4) => "ipv4",
                Some(Standard::Ipv6) => "ipv6",
                _ => "",
            };
            match format {
                "" => json!({ "type": "string" }),
                format => json!({ "type": "string", "format": format }),
            }
        }
    };
    match schema {
        Value::Object(schema) => schema,
        _ => Map::new(),
    }
}

/// A whole number; what JSON's readers may not hold is a text.
fn whole(kind: &Kind<'_>) -> Map<String, Value> {
    let mut schema = Map::new();
    let bounds = kind.bounds().map(|bounds| bounds.map(number));
    schema.insert("type".to_owned(), json!("integer"));
    match bounds {
        Some([Some(low), Some(high)]) => {
            schema.insert("minimum".to_owned(), low);
            schema.insert("maximum".to_owned(), high);
        }
        _ => _ = schema.insert("type".to_owned(), json!(["integer", "string"])),
    }
    schema
}

/// A number as JSON has it: whole where it is.
fn number(text: &str) -> Option<Value> {
    let whole =
        text.parse::<i64>().map(Value::from).or_else(|_| text.parse::<u64>().map(Value::from));
    whole.ok()
}

/// What a validator adds.
fn limited(schema: &mut Map<String, Value>, test: &dyn Test, kind: &Kind<'_>) {
    let is_number = matches!(kind.noun(), Noun::Whole | Noun::Number);
    let value = |text: &String| match is_number {
        true => number(text).or_else(|| text.parse::<f64>().ok().map(Value::from)),
        false => Some(json!(text)),
    };
    let mut put = |key: &str, value: Option<Value>| {
        if let Some(value) = value {
            schema.insert(key.to_owned(), value);
        }
    };
    match test.data() {
        Some(Says::Range(low, high)) if is_number => {
            put("minimum", value(&low));
            put("maximum", value(&high));
        }
        Some(Says::AtLeast(low)) if is_number => put("minimum", value(&low)),
        Some(Says::AtMost(high)) if is_number => put("maximum", value(&high)),
        Some(Says::OneOf(texts)) => put("enum", texts.iter().map(value).collect()),
        Some(Says::AnyBut(texts)) => {
            let values: Option<Vec<Value>> = texts.iter().map(value).collect();
            put("not", values.map(|values| json!({ "enum": values })));
        }
        // A fraction's multiples are seldom exact.
        Some(Says::MultipleOf(factor)) if kind.noun() == Noun::Whole => {
            put("multipleOf", value(&factor).filter(|factor| *factor != json!(0)));
        }
        Some(Says::Characters(least, most)) => {
            put("minLength", Some(json!(least)));
            put("maxLength", Some(json!(most)));
        }
        Some(Says::Matching(pattern, _)) => {
            put("pattern", Some(json!(format!("^(?:{pattern})$"))));
        }
        Some(Says::Schemes(schemes)) => {
            put("pattern", Some(json!(format!("^(?:{}):", schemes.join("|")))));
        }
        _ => {}
    }
}
