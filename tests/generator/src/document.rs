//! The same declaration as a document: what an author would write, independent of what a program exports.

use clavret_core::ask::Role;
use clavret_core::{Abbreviated, Refers, Tail};
use serde_json::{Map, Value, json};

use crate::sorts::{CODE, HUE, PART, Shaped};
use crate::spec::{Group, Kinds, Made, Node, Relation, Say, Setting, Spec, Valued};

impl Spec {
    /// Its document, as JSON.
    pub fn document(&self) -> Value {
        let mut table = self.command(&self.root);
        table.insert("clavret".to_owned(), json!(1));
        let mut kinds = Vec::new();
        for value in self.params.iter().filter_map(|made| made.value) {
            let keys: &[&str] = match value.shape {
                // With those that its keys name.
                Shaped::Keyed => &[PART, HUE, CODE],
                _ => &[],
            };
            for kind in keys.iter().copied().chain([value.name()]).filter_map(own_kind) {
                if !kinds.contains(&kind) {
                    kinds.push(kind);
                }
            }
        }
        list(&mut table, "kind", kinds);
        let bundles = self.bundles.iter().enumerate().filter(|(at, _)| self.is_taken(*at));
        let bundles: Vec<Value> = bundles.map(|(at, group)| self.bundle(at, group)).collect();
        list(&mut table, "bundle", bundles);
        Value::Object(table)
    }

    /// Whether a command takes a bundle: a program has no others.
    fn is_taken(&self, bundle: usize) -> bool {
        fn takes(node: &Node, bundle: usize) -> bool {
            node.bundles.contains(&bundle) || node.below.iter().any(|node| takes(node, bundle))
        }
        takes(&self.root, bundle)
    }

    fn command(&self, node: &Node) -> Map<String, Value> {
        let mut table = Map::new();
        table.insert("name".to_owned(), json!(node.name));
        for Setting { name, say } in &node.said {
            let value = match (*name, say) {
                ("named", _) => continue,
                ("default_command", Say::At(at)) => json!(node.below[at[0]].name),
                ("judged_by", _) => json!("unchecked"),
                ("statuses", _) => json!([[0, "done"], [1, "not done"]]),
                ("version", _) => json!("1.2.0"),
                ("package", _) => json!({ "version": "1", "binary": "apiary", "licence": "MIT",
                    "authors": "Ada <ada@example.org>", "page": "https://example.org" }),
                ("config", _) => json!({ "file": "apiary/config.toml" }),
                ("wording", _) => {
                    json!({ "with": { "one-fault": "iets" }, "count-words": ["een", "twee"],
                    "nouns": { "a label": "een etiket" }, "signs": { ",": "kommas" } })
                }
                ("usual", Say::At(at)) => {
                    list(&mut table, "flag", vec![param(&self.params[at[0]])]);
                    json!(["aid", "version"])
                }
                (_, say) => value(say),
            };
            table.insert(name.replace('_', "-"), value);
        }
        self.taken(&node.taken, &mut table);
        if !node.bundles.is_empty() {
            let names: Vec<&str> = node.bundles.iter().map(|&at| self.bundle_name(at)).collect();
            table.insert("bundles".to_owned(), json!(names));
        }
        let rules = node.rules.iter().map(|rule| self.rule(rule, true)).collect();
        list(&mut table, "rule", rules);
        let below = node.below.iter().map(|node| Value::Object(self.command(node))).collect();
        list(&mut table, "command", below);
        table
    }

    fn taken(&self, places: &[usize], table: &mut Map<String, Value>) {
        for role in [Role::Operand, Role::Option, Role::Flag, Role::Tally] {
            let of_role =
                places.iter().map(|&at| &self.params[at]).filter(|made| made.role == role);
            let key = format!("{role:?}").to_lowercase();
            list(table, &key, of_role.map(param).collect());
        }
        let names: Vec<String> = places.iter().map(|&at| called(&self.params[at])).collect();
        // Those that are usual alone stand in the same list.
        if !names.is_empty() {
            table.insert("takes".to_owned(), json!(names));
        }
    }

    /// As an export calls it.
    fn bundle_name(&self, at: usize) -> &'static str {
        let heading = self.bundles[at].heading;
        if heading.is_empty() { "bundle" } else { heading }
    }

    fn bundle(&self, at: usize, group: &Group) -> Value {
        let mut table = Map::new();
        table.insert("name".to_owned(), json!(self.bundle_name(at)));
        if !group.heading.is_empty() {
            table.insert("heading".to_owned(), json!(group.heading));
        }
        self.taken(&group.taken, &mut table);
        list(&mut table, "rule", group.rules.iter().map(|rule| self.rule(rule, false)).collect());
        Value::Object(table)
    }

    fn rule(&self, rule: &Relation, is_of_command: bool) -> Value {
        let name = |at: usize| match is_of_command {
            true => self.called_from_afar(&self.params[at]),
            false => called(&self.params[at]),
        };
        let members: Vec<String> = rule.members.iter().map(|&at| name(at)).collect();
        let mut table = Map::new();
        table.insert(rule.name.replace('_', "-"), json!(members));
        if let Some((at, value)) = &rule.when {
            table.insert("param".to_owned(), json!(name(*at)));
            if !value.is_empty() {
                table.insert("value".to_owned(), json!(value));
            }
        }
        Value::Object(table)
    }

    /// With the commands from the root to the one that takes it.
    fn called_from_afar(&self, made: &Made) -> String {
        let mut way = self.root.name.to_owned();
        for length in 1..=made.owner.len() {
            way = format!("{way} {}", self.node(&made.owner[..length]).name);
        }
        format!("{way} {}", called(made))
    }
}

/// What it is called among the parameters of its command.
fn called(made: &Made) -> String {
    match (made.role, made.name.len()) {
        (Role::Operand, _) => made.name.to_owned(),
        (_, 1) => format!("-{}", made.name),
        _ => format!("--{}", made.name),
    }
}

fn list(table: &mut Map<String, Value>, key: &str, mut items: Vec<Value>) {
    if let Some(Value::Array(known)) = table.get_mut(key) {
        known.append(&mut items);
    } else if !items.is_empty() {
        table.insert(key.to_owned(), Value::Array(items));
    }
}

fn param(made: &Made) -> Value {
    let mut table = Map::new();
    table.insert("name".to_owned(), json!(made.name));
    if let Some(value) = made.value {
        table.insert("type".to_owned(), value.types());
        let shape = match value.shape {
            Shaped::Optional | Shaped::Pair => "optional",
            Shaped::Many | Shaped::ManyTwos | Shaped::Map | Shaped::Keyed => "many",
            Shaped::Attached => "attached",
            Shaped::Needed | Shaped::Two => "",
        };
        if !shape.is_empty() {
            table.insert(shape.to_owned(), json!(true));
        }
    }
    for Setting { name, say } in &made.said {
        let value = match (*name, made.sort().and_then(|sort| sort.valid)) {
            ("valid", Some((_, document, _))) => {
                serde_json::from_str(document).expect("a validator is JSON")
            }
            _ => value(say),
        };
        table.insert(name.replace('_', "-"), value);
    }
    Value::Object(table)
}

fn value(say: &Say) -> Value {
    match say {
        Say::Yes => json!(true),
        Say::Text(text) => json!(text),
        Say::Texts(texts) => json!(texts),
        Say::Letter(letter) => json!(letter.to_string()),
        Say::Times(least, u32::MAX) => json!([least]),
        Say::Times(least, most) => json!([least, most]),
        Say::Refers(refers) => json!(match refers {
            Refers::Path => "path",
            Refers::Directory => "directory",
            Refers::Program => "program",
            Refers::Account => "account",
            Refers::Host => "host",
            Refers::Command => "command",
            _ => "nothing",
        }),
        Say::Tail(tail) => json!(match tail {
            Tail::Raw => "raw",
            Tail::AfterDashes => "after-dashes",
            Tail::UnknownOptions => "unknown-options",
        }),
        Say::Of(of) => json!(match of {
            Abbreviated::Options => "options",
            Abbreviated::Commands => "commands",
            Abbreviated::Both => "both",
        }),
        Say::List(is_closed) => json!({ "closed": is_closed, "unchecked": true }),
        Say::Gives(gives) => json!(gives),
        Say::Pairs(pairs) => json!(pairs),
        Say::At(_) => Value::Null,
    }
}

impl Valued {
    fn name(self) -> &'static str {
        match self.kind {
            Kinds::Of(sort) => sort.name,
            Kinds::Own(own) => own.name(),
        }
    }

    fn types(self) -> Value {
        let name = self.name();
        match self.shape {
            Shaped::Two | Shaped::ManyTwos => json!([name, name]),
            Shaped::Pair => json!([name, "i8"]),
            Shaped::Map => json!({ "key": "text", "value": name }),
            Shaped::Keyed => json!({ "key": PART, "value": name }),
            _ => json!(name),
        }
    }
}

/// A kind that no document knows without being told.
fn own_kind(name: &str) -> Option<Value> {
    Some(match name {
        "label" => json!({ "name": "label", "noun": "a label", "example": "A7" }),
        "port" => json!({ "name": "port", "like": "i16", "example": "80", "negative": true,
            "refers": "host", "unchecked": true }),
        HUE => {
            json!({ "name": HUE, "offers": [{ "name": "blue" }, { "name": "black", "help": "seldom seen" },
            { "name": "-dark" }, { "name": "-5" }, { "name": "brass", "deprecated": "blue" }, { "name": "a,b" }] })
        }
        PART => {
            json!({ "name": PART, "offers": [{ "name": "note" }, { "name": "count", "help": "in all", "value": "u8" },
            { "name": "hue", "value": HUE }, { "name": "-low", "value": "i16" },
            { "name": "old", "deprecated": "note", "value": CODE }] })
        }
        CODE => {
            json!({ "name": CODE, "noun": "a hive's code", "example": "A7", "explained": true, "unchecked": true })
        }
        _ => return None,
    })
}
