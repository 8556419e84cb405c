//! What a reading asks of the world around it, behind a trait: the core itself touches nothing.

use std::ffi::OsString;
use std::ops::Range;
use std::path::Path;
use std::sync::Arc;

use super::line::Usual;
use super::list::{Known, KnownValues};
use super::param::Param;
use super::so_far::Environment;
use super::unread::Unread;

/// What a reading asks of the world around it. The edge implements it with the real one, a test with
/// whatever it is about; [`Command::read`](crate::Command::read) does without.
#[doc(alias("file system"))]
pub trait World: Sync {
    /// The value of an environment variable.
    fn variable(&self, name: &str) -> Option<OsString>;

    /// What is at a path.
    fn presence(&self, path: &Path) -> Presence;

    /// The first line of a file, its line end left out; of standard input for `-`.
    ///
    /// # Errors
    ///
    /// Why it cannot be read.
    fn first_line(&self, file: &Path) -> Result<OsString, Unread>;

    /// The config file at a path, or else the one with the declared name in the folders where such
    /// files are; `None` where there is none.
    ///
    /// # Errors
    ///
    /// Why it cannot be read.
    fn settings(&self, name: &str, file: Option<&Path>) -> Result<Option<Settings>, Unread>;

    /// What a list of values that are known at run time is asked in; with `None` no list is asked. Unless
    /// said, an environment without variables.
    fn environment(&self) -> Option<Environment> {
        Some(Environment::new(|_| None))
    }
}

/// What is at a path.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Presence {
    /// Nothing is there.
    Nothing,
    /// A file, or what reads like one: a pipe, a device.
    File,
    /// A folder is there.
    Directory,
}

/// A config file as it was read: its text, and what it sets.
#[derive(Debug, Clone, Default)]
pub struct Settings {
    /// The file's path, as it is shown.
    pub file: String,
    /// The whole text: what the byte ranges are of, and where faults show their line from.
    pub text: String,
    /// What it sets, in the order of the file.
    pub entries: Vec<Setting>,
    /// The keys that it has without a value, such as JSON's `null`: they set nothing, and must be known.
    pub unset: Vec<Setting>,
    /// What is wrong with the text, and where, when it cannot be understood.
    pub error: Option<(Range<usize>, Malformed)>,
}

/// Why the text of a config file cannot be understood.
#[derive(Debug, Clone, PartialEq, Eq)]
#[non_exhaustive]
pub enum Malformed {
    /// The bytes are not text in UTF-8.
    NotText,
    /// The text holds something other than an object of settings.
    NotObject,
    /// This key is there twice.
    Twice(String),
    /// The text breaks the rules of its language; in the words of what parses that.
    NotForm {
        /// What the form is called: TOML, JSON.
        form: &'static str,
        /// The parser's own words.
        said: String,
    },
}

/// What a config file sets.
#[derive(Debug, Clone)]
pub struct Setting {
    /// The sections and the key, each with its place.
    pub path: Vec<(String, Range<usize>)>,
    /// The value in words, as they would be typed: one, or those of a list.
    pub values: Vec<(String, Range<usize>)>,
}

/// Whether a line is only tried.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default)]
pub(crate) enum Trial {
    /// It was typed.
    #[default]
    No,
    /// It is looked at: no file is, and the developers' own tests are not run.
    Read,
    /// The same, and their tests are run: the line is to be offered.
    Judged,
}

impl<'d> Around<'d> {
    /// A world, if there is one, and what is accepted everywhere in it.
    pub(crate) fn new(world: Option<&'d dyn World>, usual: Usual<'d>) -> Self {
        Around { usual, world, outside: None, trial: Trial::No, is_second: false }
    }

    /// The config file, if one was read.
    pub(crate) fn settings(&self) -> Option<&Arc<Settings>> {
        self.outside.as_ref()?.settings.as_ref()
    }

    /// The values of closed lists, if they were asked for.
    pub(crate) fn lists(&self) -> Option<&dyn KnownValues> {
        self.outside.as_ref()?.known.as_deref()
    }

    pub(crate) fn add_settings(&mut self, settings: Settings) {
        let before = self.outside.as_deref().cloned().unwrap_or_default();
        self.outside = Some(Arc::new(Outside { settings: Some(Arc::new(settings)), ..before }));
    }

    pub(crate) fn add_lists(&mut self, known: Arc<dyn KnownValues>) {
        let before = self.outside.as_deref().cloned().unwrap_or_default();
        self.outside = Some(Arc::new(Outside { known: Some(known), ..before }));
    }

    /// The value of a parameter's environment variable.
    pub(crate) fn variable(&self, param: &Param<'_>) -> Option<OsString> {
        self.world?.variable(param.variable())
    }

    /// The same for a line that is only tried.
    pub(crate) fn for_trial(&self, trial: Trial) -> Self {
        Around { trial, is_second: false, ..self.clone() }
    }
}

impl std::fmt::Debug for Around<'_> {
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        f.debug_struct("Around").field("trial", &self.trial).finish_non_exhaustive()
    }
}

impl Settings {
    /// The line and the column of a byte, counted from 1; a column is a character.
    pub(crate) fn position(&self, at: usize) -> (usize, usize) {
        let before = self.text.get(..at).unwrap_or(&self.text);
        let line_start = before.rfind('\n').map_or(0, |end| end + 1);
        (before.matches('\n').count() + 1, before[line_start..].chars().count() + 1)
    }

    /// The line that a byte stands in, and where that begins.
    pub(crate) fn line_at(&self, at: usize) -> (usize, &str) {
        let at = at.min(self.text.len());
        let start = self.text.get(..at).and_then(|text| text.rfind('\n')).map_or(0, |end| end + 1);
        let line = self.text[start..].split('\n').next().unwrap_or_default();
        (start, line.strip_suffix('\r').unwrap_or(line))
    }
}

/// The world that a reading is in, and what it has told so far. The search for fixes reads a line
/// again with the same variables and settings, and without a look at files.
#[derive(Clone)]
pub(crate) struct Around<'d> {
    /// What the program accepts everywhere.
    pub(crate) usual: Usual<'d>,
    pub(crate) world: Option<&'d dyn World>,
    pub(crate) outside: Option<Arc<Outside>>,
    pub(crate) trial: Trial,
    /// In a second reading, what was meant as a name is taken for one.
    pub(crate) is_second: bool,
}

/// What was asked for outside the line.
#[derive(Clone, Default)]
pub(crate) struct Outside {
    settings: Option<Arc<Settings>>,
    /// The values of closed lists.
    known: Option<Arc<dyn KnownValues>>,
}

impl<'d> Around<'d> {
    /// The values of a parameter whose list is closed, where they were asked for.
    #[inline]
    pub(crate) fn known(&self, param: &Param<'_>) -> Option<&[Known]> {
        self.lists()?.of(param)
    }
}
