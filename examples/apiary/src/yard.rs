//! Where the logbook is kept: a folder with a TOML file for each hive.

use std::error::Error;
use std::ffi::{OsStr, OsString};
use std::fs::{File, TryLockError};
use std::io::{ErrorKind, Write};
use std::path::{Path, PathBuf};
use std::thread::sleep;
use std::time::{Duration, Instant};

use clavret::{Failure, Input, Output, Streams};
use jiff::civil::Date;
use serde::{Deserialize, Serialize};

use crate::values::{HiveCode, Queen};

/// A hive and what was found in it.
#[derive(Debug, Clone, Serialize, Deserialize)]
pub(crate) struct Hive {
    pub code: HiveCode,
    #[serde(skip_serializing_if = "Option::is_none")]
    pub place: Option<String>,
    #[serde(skip_serializing_if = "Option::is_none")]
    pub queen: Option<Queen>,
    /// Latitude and longitude in degrees.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub at: Option<(f64, f64)>,
    pub frames: u8,
    #[serde(skip_serializing_if = "Option::is_none")]
    pub retired: Option<Retired>,
    #[serde(default, rename = "inspection", skip_serializing_if = "Vec::is_empty")]
    pub inspections: Vec<Inspection>,
    #[serde(default, rename = "harvest", skip_serializing_if = "Vec::is_empty")]
    pub harvests: Vec<Harvest>,
}

impl Hive {
    /// A hive that nothing is known of.
    pub(crate) fn new(code: HiveCode) -> Self {
        let (place, queen, at, frames, retired) = (None, None, None, 0, None);
        let (inspections, harvests) = (Vec::new(), Vec::new());
        Hive { code, place, queen, at, frames, retired, inspections, harvests }
    }

    /// Nothing more is recorded of a hive that was given up.
    pub(crate) fn stands(&self) -> Result<(), Failure> {
        match &self.retired {
            None => Ok(()),
            Some(Retired { on, because }) => {
                Err(Failure::new(1, format!("hive {} was retired on {on}: {because}", self.code)))
            }
        }
    }
}

/// When a hive was given up, and why.
#[derive(Debug, Clone, Serialize, Deserialize)]
pub(crate) struct Retired {
    pub on: Date,
    pub because: String,
}

/// Honey that was taken at once.
#[derive(Debug, Clone, Serialize, Deserialize)]
pub(crate) struct Harvest {
    pub on: Date,
    pub kilograms: Vec<f64>,
    /// Water in percent.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub moisture: Option<f64>,
    #[serde(skip_serializing_if = "Option::is_none")]
    pub packed: Option<Packed>,
}

/// What honey was filled into.
#[derive(Debug, Clone, Serialize, Deserialize)]
#[serde(rename_all = "lowercase")]
pub(crate) enum Packed {
    Jars(u32),
    Barrel,
}

impl Harvest {
    /// What a batch is called: its hive and its day.
    pub(crate) fn batch(&self, hive: &HiveCode) -> String {
        format!("{hive}-{}", self.on)
    }

    /// All of it in kilograms, to the gram.
    pub(crate) fn weight(&self) -> f64 {
        (self.kilograms.iter().sum::<f64>() * 1000.0).round() / 1000.0
    }
}

/// What one inspection found.
#[derive(Debug, Clone, Serialize, Deserialize)]
pub(crate) struct Inspection {
    pub on: Date,
    /// Whether the colony was calm, where that was noted.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub calm: Option<bool>,
    /// Frames with brood.
    pub brood: u8,
    /// In °C.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub temperature: Option<f64>,
    #[serde(default, skip_serializing_if = "Vec::is_empty")]
    pub notes: Vec<String>,
}

/// How long a yard is waited for that another process changes, and between two looks.
const PATIENCE: Duration = Duration::from_secs(10);
const PAUSE: Duration = Duration::from_millis(10);

/// The hives of a yard.
pub(crate) struct Hives {
    pub whole: Vec<Hive>,
    /// A line for each file that holds none.
    damaged: Vec<String>,
}

impl Hives {
    /// Told after what could be read: the rest could not.
    pub(crate) fn told(&self) -> Result<(), Failure> {
        match self.damaged.is_empty() {
            true => Ok(()),
            false => Err(Failure::new(1, self.damaged.join("\n"))),
        }
    }
}

/// So many files are opened between two keys.
pub(crate) const FEW: usize = 1_000;

/// So many hives are named in a sentence.
const SHOWN: usize = 20;

/// Nobody else changes the yard while this is there.
#[must_use]
pub(crate) struct Lock(#[expect(dead_code)] File);

/// The folder of a logbook.
#[derive(Debug)]
pub(crate) struct Yard {
    folder: PathBuf,
    /// The user's own, which is filled from the shipped yard at the first write.
    is_own: bool,
}

/// The made-up yard that comes with the example; it is only read.
fn shipped() -> PathBuf {
    Path::new(env!("CARGO_MANIFEST_DIR")).join("yard")
}

impl Yard {
    /// The yard in a folder.
    pub(crate) fn at(folder: &Path) -> Self {
        Yard { folder: folder.to_owned(), is_own: false }
    }

    /// The user's own: by the XDG base-directory rules, else where the system keeps a user's data.
    pub(crate) fn own(xdg_data_home: Option<OsString>) -> Self {
        let xdg = xdg_data_home.map(PathBuf::from).filter(|dir| dir.is_absolute());
        let home = xdg.or_else(dirs::data_dir).unwrap_or_else(std::env::temp_dir);
        Yard { folder: home.join("apiary/yard"), is_own: true }
    }

    pub(crate) fn folder(&self) -> &Path {
        &self.folder
    }

    /// The codes of the hives.
    pub(crate) fn codes(&self) -> Result<Vec<HiveCode>, Failure> {
        let stems =
            self.files()?.into_iter().filter_map(|path| path.file_stem().map(OsStr::to_owned));
        let mut codes: Vec<_> =
            stems.filter_map(|stem| stem.to_str().and_then(HiveCode::parse)).collect();
        codes.sort();
        Ok(codes)
    }

    /// Some hives, each where its file holds one; of more than a few none is opened, as nobody waits for that at TAB.
    pub(crate) fn opened(&self, codes: Vec<HiveCode>) -> Vec<(HiveCode, Option<Hive>)> {
        let (are_few, folder) = (codes.len() <= FEW, self.source());
        let hive = |code: HiveCode| {
            let hive = are_few.then(|| read(&folder.join(format!("{code}.toml"))).ok()).flatten();
            (code, hive)
        };
        codes.into_iter().map(hive).collect()
    }

    /// The hives, by their codes; and what is said of files that hold none.
    pub(crate) fn hives(&self) -> Result<Hives, Failure> {
        let mut hives = Hives { whole: Vec::new(), damaged: Vec::new() };
        for path in self.files()? {
            match read(&path) {
                Ok(hive) => hives.whole.push(hive),
                Err(damage) => hives.damaged.push(damage),
            }
        }
        hives.whole.sort_by(|a: &Hive, b| a.code.cmp(&b.code));
        hives.damaged.sort();
        Ok(hives)
    }

    /// Where the hives are read from.
    fn source(&self) -> PathBuf {
        if self.is_unfilled() { shipped() } else { self.folder.clone() }
    }

    /// The files of the hives.
    fn files(&self) -> Result<Vec<PathBuf>, Failure> {
        let folder = self.source();
        let mut files = Vec::new();
        for entry in std::fs::read_dir(&folder).map_err(cannot("read the yard in", &folder))? {
            let path = entry.map_err(cannot("read the yard in", &folder))?.path();
            files.extend(Some(path).filter(|path| path.extension() == Some(OsStr::new("toml"))));
        }
        Ok(files)
    }

    /// Whether there is a hive with a code, whole or not.
    pub(crate) fn has(&self, code: &HiveCode) -> Result<bool, Failure> {
        let of = |file: &PathBuf| file.file_stem() == Some(code.to_string().as_ref());
        Ok(self.files()?.iter().any(of))
    }

    /// The hive with a code.
    pub(crate) fn hive(&self, code: &HiveCode) -> Result<Hive, Failure> {
        let files = self.files()?;
        let of = |code: &str| files.iter().find(|file| file.file_stem() == Some(code.as_ref()));
        match of(&code.to_string()) {
            Some(file) => read(file).map_err(|damage| Failure::new(1, damage)),
            None => Err(Failure::new(1, format!("no hive {code} in the yard; {}", self.some()?))),
        }
    }

    /// Which hives there are, in a few words.
    fn some(&self) -> Result<String, Failure> {
        let codes = self.codes()?;
        let shown: Vec<String> = codes.iter().take(SHOWN).map(HiveCode::to_string).collect();
        Ok(match (shown.join(", "), codes.len().saturating_sub(SHOWN)) {
            (none, _) if none.is_empty() => "it has none".to_owned(),
            (all, 0) => format!("here are {all}"),
            (some, more) => format!("here are {some} and {more} more"),
        })
    }

    /// Keeps others from changing the yard until what this gives is dropped: who reads a hive and writes it
    /// again must not lose what somebody else has written between.
    pub(crate) fn lock(&self) -> Result<Lock, Failure> {
        let path = match self.is_own {
            true => self.folder.with_extension("lock"),
            false => self.folder.join(".lock"),
        };
        let folder = path.parent().unwrap_or(Path::new("."));
        // A lock that is there belongs to whoever was first: to hold it, it need not be written to.
        let opened = std::fs::create_dir_all(folder).and_then(|()| match File::open(&path) {
            Err(error) if error.kind() == ErrorKind::NotFound => {
                File::options().create(true).append(true).open(&path)
            }
            opened => opened,
        });
        let file = opened.map_err(|error| self.unchanged(error))?;
        let start = Instant::now();
        loop {
            match file.try_lock() {
                Ok(()) => return Ok(Lock(file)),
                Err(TryLockError::Error(error)) => return Err(self.unchanged(error)),
                Err(TryLockError::WouldBlock) if start.elapsed() < PATIENCE => sleep(PAUSE),
                Err(TryLockError::WouldBlock) => {
                    let (folder, seconds) = (self.folder.display(), PATIENCE.as_secs());
                    let what = format!(
                        "another apiary has been changing the yard in {folder} for {seconds} seconds: \
                         try again when it has ended"
                    );
                    return Err(Failure::new(1, what));
                }
            }
        }
    }

    /// Nothing can be recorded in the yard.
    fn unchanged(&self, error: std::io::Error) -> Failure {
        let (whose, folder) =
            (if self.is_own { "your own yard, " } else { "" }, self.folder.display());
        failed(format!("nothing can be recorded in {whose}{folder}: name another by --yard"), error)
    }

    /// Writes a hive: beside its file, then renamed, so that a failed write leaves the old one.
    pub(crate) fn write(&self, hive: &Hive, streams: &Streams<'_>) -> Result<(), Failure> {
        self.fill(streams)?;
        let path = self.folder.join(format!("{}.toml", hive.code));
        let text = toml::to_string(hive).map_err(cannot("write", &path))?;
        let write = || {
            let mut file = Output::from(path.clone()).create(streams, true)?;
            file.write_all(text.as_bytes())?;
            file.finish()
        };
        // What it says has the path in it.
        write().map_err(|error: std::io::Error| Failure::new(1, error.to_string()))
    }

    fn is_unfilled(&self) -> bool {
        // One that cannot be looked at may well be filled.
        self.is_own && self.folder.try_exists().is_ok_and(|exists| !exists)
    }

    /// The user's own yard begins as a copy of the shipped one: made aside, so that it is whole or not there.
    fn fill(&self, streams: &Streams<'_>) -> Result<(), Failure> {
        if !self.is_unfilled() {
            return Ok(());
        }
        let hives = self.hives()?;
        let aside = Yard { folder: self.folder.with_extension("filling"), is_own: false };
        // What is left of one that was killed; the lock says that nobody else is at it.
        _ = std::fs::remove_dir_all(&aside.folder);
        let filled = aside.filled(&hives.whole, streams).and_then(|()| {
            let moved = std::fs::rename(&aside.folder, &self.folder);
            moved.map_err(cannot("make the folder", &self.folder))
        });
        if let Err(error) = filled {
            _ = std::fs::remove_dir_all(&aside.folder);
            let folder = self.folder.display();
            return Err(failed(format!("your own yard, {folder}, cannot be begun"), error));
        }
        let count = hives.whole.len();
        let folder = self.folder.display();
        let said = format!("apiary: put {count} made-up hives into {folder} to begin with\n");
        _ = streams.err().write_all(said.as_bytes());
        Ok(())
    }

    /// Makes the folder, with hives in it.
    fn filled(&self, hives: &[Hive], streams: &Streams<'_>) -> Result<(), Failure> {
        std::fs::create_dir_all(&self.folder).map_err(cannot("make the folder", &self.folder))?;
        hives.iter().try_for_each(|hive| self.write(hive, streams))
    }
}

/// The hive in a file; else where it is damaged, and how.
fn read(path: &Path) -> Result<Hive, String> {
    let name = path.display();
    // What it says has the path in it.
    let text = Input::from(path.to_owned()).read_to_string(&Streams::SYSTEM);
    let text = text.map_err(|error| error.to_string())?;
    toml::from_str(&text).map_err(|error| {
        let before = &text[..error.span().map_or(0, |span| span.start.min(text.len()))];
        let line = before.matches('\n').count() + 1;
        let column = before.chars().rev().take_while(|letter| *letter != '\n').count() + 1;
        let what = if text.is_empty() { "it is empty" } else { error.message() };
        format!("{name}:{line}:{column}: this is no hive ({what})")
    })
}

/// What could not be done, and why.
pub(crate) fn failed<E>(what: String, cause: E) -> Failure
where
    E: Error + Send + Sync + 'static,
{
    Failure::new(1, what).because(cause)
}

/// The same with a path that it was to be done to.
fn cannot<E>(what: &str, path: &Path) -> impl FnOnce(E) -> Failure
where
    E: Error + Send + Sync + 'static,
{
    let what = format!("cannot {what} {}", path.display());
    move |cause| failed(what, cause)
}
