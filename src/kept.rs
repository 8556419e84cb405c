//! Lists of values that are kept in the user's cache folder, each with what it followed from.
//!
//! A file for each parameter of each command. Its records end in U+001E, their fields are parted by U+001F: first what the
//! file is of; then for each list when it was made (seconds since 1970), a hash of all that it followed from, how many things
//! that was, their names, and three fields for each value. Whatever is not so is no list, and is made again.
//!
//! All of it is `#[inline]`: it is compiled with the program that keeps a list, not with the library.

use std::ffi::OsString;
use std::fs;
use std::hash::{DefaultHasher, Hash, Hasher};
use std::io::{self, Read, Write};
use std::path::{Path, PathBuf};
use std::time::{Duration, SystemTime, UNIX_EPOCH};

use clavret_core::inner;
use clavret_core::inner::Wanted;
use clavret_core::{Known, SoFar};

use crate::list::List;

/// Lists of one parameter that are kept: of several yards, say.
const MOST: usize = 16;
/// What the lists of a file may take; one that takes more is not kept.
const LARGEST: usize = 4 << 20;
const RECORD: char = '\u{1e}';
const FIELD: char = '\u{1f}';
/// What stands before the name of something that was asked for.
const VALUE: char = '=';
const VARIABLE: char = '$';
const FILE: char = '@';

/// A list as it was kept, or asked for and kept.
#[inline]
pub(crate) fn kept(list: &List<'_>, time: Duration, so_far: SoFar) -> Option<Vec<Known>> {
    let file = file(&so_far);
    let title = format!("clavret list 1 {} {}", so_far.path(), inner::wanted_list(&so_far));
    let text = file.as_ref().and_then(|file| read(file).ok()).unwrap_or_default();
    let now = now();
    let mut records = text.split_terminator(RECORD);
    let is_own = records.next() == Some(&title);
    // One that was made in time to come was made by another clock.
    let is_fresh = |record: &&str| {
        let made = record.split(FIELD).next().and_then(|made| made.parse().ok());
        made.is_some_and(|made: u64| made <= now && now - made < time.as_secs())
    };
    let records: Vec<&str> = records.filter(|_| is_own).filter(is_fresh).collect();
    // What checks a line must not lag behind.
    let known = so_far.is_begun().then(|| records.iter().find_map(|record| found(record, &so_far)));
    if let Some(known) = known.flatten() {
        return Some(known);
    }
    let (known, so_far) = list.ask(so_far)?;
    if let Some(file) = file
        && let Some(record) = record(&known, &so_far, now)
    {
        let mut text = title + &String::from(RECORD) + &record;
        for record in records.iter().take(MOST - 1) {
            if text.len() + record.len() > LARGEST {
                break;
            }
            text.push_str(record);
            text.push(RECORD);
        }
        // A list that cannot be kept is asked for again.
        _ = write(&file, &text);
    }
    Some(known)
}

/// The file of the parameter that values are wanted for.
#[inline]
fn file(so_far: &SoFar) -> Option<PathBuf> {
    let folder =
        |name| inner::unnoted(so_far, name).map(PathBuf::from).filter(|path| path.is_absolute());
    let home = if cfg!(windows) { folder("LOCALAPPDATA") } else { None };
    let home = home.or_else(|| folder("HOME").map(|home| home.join(".cache")));
    let folder = folder("XDG_CACHE_HOME").or(home)?;
    let plain = |text: &str| -> String {
        text.chars().map(|c| if c.is_ascii_alphanumeric() { c } else { '_' }).collect()
    };
    let program = so_far.path().split(' ').next().unwrap_or_default();
    let name = plain(&(so_far.path().to_owned() + " " + inner::wanted_list(so_far)));
    Some(folder.join(plain(program)).join("lists").join(name))
}

/// The values of a record, if what they followed from is the same today.
#[inline]
fn found(record: &str, so_far: &SoFar) -> Option<Vec<Known>> {
    let mut fields = record.split(FIELD);
    let hash = fields.nth(1)?;
    let count: usize = fields.next()?.parse().ok()?;
    let mut asked = Vec::new();
    for _ in 0..count {
        let field = fields.next()?;
        let name = field.get(1..)?.to_owned();
        asked.push(match field.chars().next()? {
            VALUE => Wanted::Value(name),
            VARIABLE => Wanted::Variable(name),
            FILE => Wanted::File(name.into()),
            _ => return None,
        });
    }
    if hash != digest(&asked, so_far)? {
        return None;
    }
    let mut known = Vec::new();
    while let Some(word) = fields.next() {
        let value = Known::of(word).help(fields.next()?);
        known.push(if fields.next()? == "hidden" { value.hidden() } else { value });
    }
    Some(known)
}

/// A list and what it follows from; nothing where it may not be kept, or cannot.
#[inline]
fn record(known: &[Known], so_far: &SoFar, now: u64) -> Option<String> {
    let asked = inner::asked(so_far);
    let mut fields = vec![now.to_string(), digest(&asked, so_far)?, asked.len().to_string()];
    for asked in &asked {
        fields.push(match asked {
            Wanted::Value(name) => format!("{VALUE}{name}"),
            Wanted::Variable(name) => format!("{VARIABLE}{name}"),
            Wanted::File(path) => format!("{FILE}{}", path.to_str()?),
            Wanted::Secret => return None,
        });
    }
    for known in known {
        fields.push(known.word().to_str()?.to_owned());
        fields.push(known.told_help().to_owned());
        fields.push(if known.is_hidden() { "hidden" } else { "" }.to_owned());
    }
    let is_parted = |field: &String| field.contains([FIELD, RECORD]);
    let text = fields.join(&String::from(FIELD));
    let is_kept = text.len() < LARGEST && !fields.iter().any(is_parted);
    is_kept.then(|| text + &String::from(RECORD))
}

/// A hash of what a list follows from, so that no value of the line stands in the file. It may differ between versions of
/// the standard library: then the list is made again.
#[inline]
fn digest(asked: &[Wanted], so_far: &SoFar) -> Option<String> {
    let mut hasher = DefaultHasher::new();
    for asked in asked {
        match asked {
            Wanted::Secret => return None,
            Wanted::File(path) => state(path).hash(&mut hasher),
            asked => {
                let words = inner::words_of(so_far, asked);
                // The same relative path leads elsewhere from another folder.
                let is_here = |word: &OsString| {
                    Path::new(word).is_relative() && fs::exists(word).unwrap_or(true)
                };
                if words.iter().flatten().any(is_here) {
                    std::env::current_dir().ok().hash(&mut hasher);
                }
                words.hash(&mut hasher);
            }
        }
    }
    Some(format!("{:016x}", hasher.finish()))
}

/// What a file holds; one that is larger than any that is written is none, and so is what is no file: a pipe in its place
/// would be waited for.
#[inline]
fn read(file: &Path) -> io::Result<String> {
    let mut text = String::new();
    if !fs::metadata(file)?.is_file() {
        return Err(io::ErrorKind::InvalidInput.into());
    }
    fs::File::open(file)?.take(2 * LARGEST as u64).read_to_string(&mut text)?;
    Ok(text)
}

/// When a file was changed last, and how long it is; nothing where there is none.
#[inline]
fn state(path: &Path) -> Option<(u64, Option<Duration>)> {
    let found = fs::metadata(path).ok()?;
    let changed = found.modified().ok().and_then(|time| time.duration_since(UNIX_EPOCH).ok());
    Some((found.len(), changed))
}

#[inline]
fn now() -> u64 {
    SystemTime::now().duration_since(UNIX_EPOCH).map_or(0, |time| time.as_secs())
}

/// Writes a file that only the user reads: beside its place, then moved there, so that no half of it is ever read.
#[inline]
fn write(file: &Path, text: &str) -> io::Result<()> {
    let folder = file.parent().unwrap_or(file);
    let (mut folders, mut new) = (fs::DirBuilder::new(), fs::File::options());
    #[cfg(unix)]
    {
        use std::os::unix::fs::{DirBuilderExt, OpenOptionsExt};
        folders.mode(0o700);
        new.mode(0o600);
    }
    folders.recursive(true).create(folder)?;
    let mut aside: OsString = file.into();
    aside.push(format!(".{}", std::process::id()));
    let written = new.write(true).create_new(true).open(&aside);
    let written = written.and_then(|mut new| new.write_all(text.as_bytes()));
    let moved = written.and_then(|()| fs::rename(&aside, file));
    if moved.is_err() {
        _ = fs::remove_file(&aside);
    }
    moved
}
