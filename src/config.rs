//! The config file: found by the XDG base-directory rules, and understood as TOML or JSON, with the
//! place of each key and value. What the keys mean is the core's to say.

use std::collections::HashSet;
use std::env;
use std::fs;
use std::io::{self, ErrorKind, Read};
use std::ops::Range;
use std::path::{Path, PathBuf};

use clavret_core::{Malformed, Setting, Settings, Unread};
use jsonc_parser::ast;
use toml::de::{DeTable, DeValue};

/// The settings of a file, or else of the first that is found by `name`.
pub(crate) fn settings(name: &str, file: Option<&Path>) -> Result<Option<Settings>, Unread> {
    let candidates = match file {
        Some(file) => vec![file.to_owned()],
        None => folders().into_iter().map(|folder| folder.join(name)).collect(),
    };
    for path in candidates {
        match bytes(&path, file.is_some()) {
            Ok(Some(bytes)) => return Ok(Some(understood(&path, bytes))),
            Ok(None) => {}
            Err(error) if file.is_none() => {
                return Err(Unread::from(error).at(path.display().to_string()));
            }
            Err(error) => return Err(error.into()),
        }
    }
    Ok(None)
}

/// The most that is read of a file: a larger one is none that anybody wrote.
const LARGEST: u64 = 64 << 20;

/// What a file holds; nothing where one that is only looked for is not there. A file that is named may
/// be a pipe, such as a shell's `<(…)`; one that is found must be a file, or reading it might never
/// end.
fn bytes(path: &Path, is_named: bool) -> io::Result<Option<Vec<u8>>> {
    if !is_named {
        match fs::metadata(path) {
            Ok(found) if found.is_dir() => return Err(ErrorKind::IsADirectory.into()),
            Ok(found) if !found.is_file() => {
                return Err(io::Error::other("it is not a regular file"));
            }
            Ok(_) => {}
            Err(error) => {
                return match error.kind() {
                    // Whoever made a link wants what it leads to.
                    ErrorKind::NotFound if path.is_symlink() => {
                        Err(io::Error::other("it is a link that leads nowhere"))
                    }
                    ErrorKind::NotFound => Ok(None),
                    ErrorKind::NotADirectory => {
                        Err(io::Error::other("a part of its path is no folder"))
                    }
                    _ => Err(error),
                };
            }
        }
    }
    let mut bytes = Vec::new();
    fs::File::open(path)?.take(LARGEST + 1).read_to_end(&mut bytes)?;
    if bytes.len() as u64 > LARGEST {
        return Err(io::Error::other("it is larger than 64 MiB, the most that is read of one"));
    }
    Ok(Some(bytes))
}

/// The folders of the XDG base-directory rules, the most important first. A path that is not
/// absolute is left out, as they say.
fn folders() -> Vec<PathBuf> {
    let set = |name: &str| env::var_os(name).filter(|value| !value.is_empty());
    let own = set("XDG_CONFIG_HOME").map(PathBuf::from).filter(|folder| folder.is_absolute());
    let own = own.or_else(|| env::home_dir().map(|home| home.join(".config")));
    let shared = set("XDG_CONFIG_DIRS").unwrap_or_else(|| "/etc/xdg".into());
    let shared: Vec<PathBuf> = env::split_paths(&shared).filter(|dir| dir.is_absolute()).collect();
    own.into_iter().chain(shared).collect()
}

/// A key or a value of a file, whichever language it is written in.
enum Node {
    Scalar(String),
    List(Vec<(Node, Range<usize>)>),
    Table(Vec<(String, Range<usize>, Node, Range<usize>)>),
    Nothing,
}

/// What a file's bytes set; its form is told by what the path ends in. A byte-order mark in front is no
/// part of the text.
pub(crate) fn understood(path: &Path, bytes: Vec<u8>) -> Settings {
    let bytes = bytes.strip_prefix(b"\xef\xbb\xbf").unwrap_or(&bytes);
    let mut settings = Settings { file: path.display().to_string(), ..Settings::default() };
    let text = match std::str::from_utf8(bytes) {
        Ok(text) => text,
        Err(error) => {
            // The place is told in the text as it is shown, with a mark for what is none.
            let at = error.valid_up_to();
            settings.text = String::from_utf8_lossy(bytes).into_owned();
            let wrong = at..at + char::REPLACEMENT_CHARACTER.len_utf8();
            settings.error = Some((wrong, Malformed::NotText));
            return settings;
        }
    };
    let is_json = path.extension().is_some_and(|extension| extension.eq_ignore_ascii_case("json"));
    match if is_json { from_json(text) } else { from_toml(text) } {
        Ok(root) => {
            flatten(root, &mut Vec::new(), &mut settings);
            settings.entries.sort_by_key(|entry| entry.path.last().map(|key| key.1.start));
        }
        Err(error) => settings.error = Some(error),
    }
    settings.text = text.to_owned();
    settings
}

type Fault = (Range<usize>, Malformed);

fn from_toml(text: &str) -> Result<Node, Fault> {
    match DeTable::parse(text) {
        Ok(table) => Ok(toml_table(table.get_ref())),
        Err(error) => {
            let said = error.message().lines().collect::<Vec<_>>().join("; ");
            Err((error.span().unwrap_or_default(), Malformed::NotForm { form: "TOML", said }))
        }
    }
}

fn toml_table(table: &DeTable<'_>) -> Node {
    let entry = |(key, value): (&toml::Spanned<_>, &toml::Spanned<DeValue<'_>>)| {
        let name: &std::borrow::Cow<'_, str> = key.get_ref();
        (name.to_string(), key.span(), toml_value(value.get_ref()), value.span())
    };
    Node::Table(table.iter().map(entry).collect())
}

fn toml_value(value: &DeValue<'_>) -> Node {
    match value {
        DeValue::String(text) => Node::Scalar(text.to_string()),
        DeValue::Integer(number) => {
            // Written in another base, it is a number all the same.
            let whole = i128::from_str_radix(number.as_str(), number.radix());
            Node::Scalar(whole.map_or_else(|_| number.as_str().to_owned(), |n| n.to_string()))
        }
        DeValue::Float(number) => Node::Scalar(number.as_str().to_owned()),
        DeValue::Boolean(truth) => Node::Scalar(truth.to_string()),
        DeValue::Datetime(moment) => Node::Scalar(moment.to_string()),
        DeValue::Array(items) => {
            let item = |item: &toml::Spanned<_>| (toml_value(item.get_ref()), item.span());
            Node::List(items.iter().map(item).collect())
        }
        DeValue::Table(table) => toml_table(table),
    }
}

/// JSON as RFC 8259 has it: what its parser allows beyond is switched off.
fn from_json(text: &str) -> Result<Node, Fault> {
    let options = jsonc_parser::ParseOptions {
        allow_comments: false,
        allow_loose_object_property_names: false,
        allow_trailing_commas: false,
        allow_missing_commas: false,
        allow_single_quoted_strings: false,
        allow_hexadecimal_numbers: false,
        allow_unary_plus_numbers: false,
        allow_bare_decimal_point_numbers: false,
        allow_non_finite_numbers: false,
        allow_extended_string_escapes: false,
    };
    match jsonc_parser::parse_to_ast(text, &Default::default(), &options) {
        Ok(parsed) => match parsed.value {
            Some(object @ ast::Value::Object(_)) => json_value(&object),
            None => Ok(Node::Nothing),
            Some(_) => Err((0..text.len().min(1), Malformed::NotObject)),
        },
        Err(error) => {
            let range = error.range();
            let mut said = error.kind().to_string();
            if let Some(first) = said.get_mut(..1) {
                first.make_ascii_lowercase();
            }
            Err((range.start..range.end, Malformed::NotForm { form: "JSON", said }))
        }
    }
}

fn json_value(value: &ast::Value<'_>) -> Result<Node, Fault> {
    use jsonc_parser::common::Ranged;
    Ok(match value {
        ast::Value::StringLit(text) => Node::Scalar(text.value.to_string()),
        ast::Value::NumberLit(number) => Node::Scalar(number.value.to_owned()),
        ast::Value::BooleanLit(truth) => Node::Scalar(truth.value.to_string()),
        ast::Value::NullKeyword(_) => Node::Nothing,
        ast::Value::Array(array) => {
            let item = |item: &ast::Value<'_>| Ok((json_value(item)?, item.start()..item.end()));
            Node::List(array.elements.iter().map(item).collect::<Result<_, _>>()?)
        }
        ast::Value::Object(object) => {
            let mut known = HashSet::new();
            let mut table = Vec::new();
            for ast::ObjectProp { name, value, .. } in &object.properties {
                let place = name.start()..name.end();
                // RFC 8259 leaves open which of them counts: so none does.
                if !known.insert(name.as_str()) {
                    return Err((place, Malformed::Twice(name.as_str().to_owned())));
                }
                let value_place = value.start()..value.end();
                table.push((name.as_str().to_owned(), place, json_value(value)?, value_place));
            }
            Node::Table(table)
        }
    })
}

/// Tables into settings, each with the keys that lead there. Lists of lists are the words of values
/// that take several; a null sets nothing.
fn flatten(node: Node, path: &mut Vec<(String, Range<usize>)>, settings: &mut Settings) {
    let Node::Table(table) = node else { return };
    for (key, place, value, value_place) in table {
        path.push((key, place));
        match value {
            Node::Table(ref table) if !table.is_empty() => flatten(value, path, settings),
            Node::Nothing => {
                settings.unset.push(Setting { path: path.clone(), values: Vec::new() });
            }
            value => {
                let mut values = Vec::new();
                scalars(value, value_place, &mut values);
                settings.entries.push(Setting { path: path.clone(), values });
            }
        }
        path.pop();
    }
}

fn scalars(node: Node, place: Range<usize>, values: &mut Vec<(String, Range<usize>)>) {
    match node {
        Node::Scalar(text) => values.push((text, place)),
        Node::List(items) => {
            for (item, place) in items {
                scalars(item, place, values);
            }
        }
        Node::Table(_) | Node::Nothing => {}
    }
}
