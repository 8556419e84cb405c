//! The config file: found by the XDG base-directory rules, and understood as TOML or JSON, with the
//! place of each key and value. What the keys mean is the core's to say.

use std::env;
use std::fs;
use std::io::{self, ErrorKind, Read};
use std::ops::Range;
use std::path::{Path, PathBuf};

use clavret_core::world::{Malformed, Setting, Settings, Unread};
use clavret_document::{Content, Misread, Node, Pair, from_json, from_toml};

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
                    // Nobody named a file, and nobody can say that there is one.
                    ErrorKind::PermissionDenied => Ok(None),
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
    match tree(text, is_json) {
        Ok(root) => {
            flatten(&root, &mut Vec::new(), &mut settings);
            settings.entries.sort_by_key(|entry| entry.path.last().map(|key| key.1.start));
        }
        Err(error) => settings.error = Some(error),
    }
    settings.text = text.to_owned();
    settings
}

/// What a file is in: its root, or why it has none.
fn tree(text: &str, is_json: bool) -> Result<Node, (Range<usize>, Malformed)> {
    let misread = |(at, misread)| (at, malformed(misread));
    if is_json {
        return from_json(text).map_err(misread);
    }
    from_toml(text).map_err(|errors| match errors.into_iter().next() {
        Some(first) => misread(first),
        None => (0..0, Malformed::NotObject),
    })
}

fn malformed(misread: Misread) -> Malformed {
    match misread {
        Misread::Form(form, said) => Malformed::NotForm { form, said },
        Misread::NoTable => Malformed::NotObject,
        Misread::Twice(key) => Malformed::Twice(key),
    }
}

/// Tables into settings, each with the keys that lead there. Lists of lists are the words of values
/// that take several; a null sets nothing.
fn flatten(node: &Node, path: &mut Vec<(String, Range<usize>)>, settings: &mut Settings) {
    let Content::Table(table) = &node.content else { return };
    for Pair { key, at, value } in table {
        path.push((key.clone(), at.clone()));
        match &value.content {
            Content::Table(table) if !table.is_empty() => flatten(value, path, settings),
            Content::Nothing => {
                settings.unset.push(Setting { path: path.clone(), values: Vec::new() });
            }
            _ => {
                let mut values = Vec::new();
                scalars(value, &mut values);
                settings.entries.push(Setting { path: path.clone(), values });
            }
        }
        path.pop();
    }
}

fn scalars(node: &Node, values: &mut Vec<(String, Range<usize>)>) {
    match &node.content {
        Content::Text(text) | Content::Number(text) => values.push((text.clone(), node.at.clone())),
        Content::Truth(truth) => values.push((truth.to_string(), node.at.clone())),
        Content::List(items) => items.iter().for_each(|item| scalars(item, values)),
        Content::Table(_) | Content::Nothing => {}
    }
}
