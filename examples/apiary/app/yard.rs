//! Where the logbook is kept: a folder with a TOML file for each hive.

use std::error::Error;
use std::ffi::OsStr;
use std::fmt;
use std::io::Write;
use std::path::{Path, PathBuf};

use jiff::civil::Date;
use serde::{Deserialize, Serialize};

use super::values::{HiveCode, Queen};

/// A hive and what was found in it.
#[derive(Debug, Clone, Serialize, Deserialize)]
pub(crate) struct Hive {
    pub code: HiveCode,
    #[serde(skip_serializing_if = "Option::is_none")]
    pub queen: Option<Queen>,
    /// Latitude and longitude in degrees.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub at: Option<(f64, f64)>,
    pub frames: u8,
    #[serde(default, rename = "inspection", skip_serializing_if = "Vec::is_empty")]
    pub inspections: Vec<Inspection>,
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

/// The folder of a logbook.
pub(crate) struct Yard {
    folder: PathBuf,
    /// The user's own, which is filled from the shipped yard at the first write.
    is_own: bool,
}

/// The made-up yard that comes with the example; it is only read.
fn shipped() -> PathBuf {
    Path::new(env!("CARGO_MANIFEST_DIR")).join("examples/apiary/yard")
}

impl Yard {
    /// The yard in a folder, or the user's own.
    pub(crate) fn new(folder: Option<&Path>) -> Self {
        match folder {
            Some(folder) => Yard { folder: folder.to_owned(), is_own: false },
            None => Yard { folder: own_folder(), is_own: true },
        }
    }

    pub(crate) fn folder(&self) -> &Path {
        &self.folder
    }

    /// The hives, by their codes.
    pub(crate) fn hives(&self) -> Result<Vec<Hive>, Failed> {
        let folder = if self.is_unfilled() { shipped() } else { self.folder.clone() };
        let entries =
            std::fs::read_dir(&folder).map_err(Failed::to("read the yard in", &folder))?;
        let mut hives = Vec::new();
        for entry in entries {
            let path = entry.map_err(Failed::to("read the yard in", &folder))?.path();
            if path.extension() == Some(OsStr::new("toml")) {
                hives.push(read(&path)?);
            }
        }
        hives.sort_by(|a: &Hive, b| a.code.cmp(&b.code));
        Ok(hives)
    }

    /// The hive with a code.
    pub(crate) fn hive(&self, code: &HiveCode) -> Result<Hive, Failed> {
        let mut hives = self.hives()?;
        match hives.iter().position(|hive| hive.code == *code) {
            Some(at) => Ok(hives.swap_remove(at)),
            None => {
                let known: Vec<String> = hives.iter().map(|hive| hive.code.to_string()).collect();
                let known = if known.is_empty() { "none".to_owned() } else { known.join(", ") };
                Err(Failed::new(format!("no hive {code} in the yard; here are {known}")))
            }
        }
    }

    /// Writes a hive: beside its file, then renamed, so that a failed write leaves the old one.
    pub(crate) fn write(&self, hive: &Hive) -> Result<(), Failed> {
        self.fill()?;
        let path = self.folder.join(format!("{}.toml", hive.code));
        let text = toml::to_string(hive).map_err(Failed::to("write", &path))?;
        write_whole(&path, text.as_bytes())
    }

    fn is_unfilled(&self) -> bool {
        self.is_own && !self.folder.exists()
    }

    /// The user's own yard begins as a copy of the shipped one.
    fn fill(&self) -> Result<(), Failed> {
        if !self.is_unfilled() {
            return Ok(());
        }
        let hives = self.hives()?;
        let failed = Failed::to("make the folder", &self.folder);
        std::fs::create_dir_all(&self.folder).map_err(failed)?;
        for hive in &hives {
            self.write(hive)?;
        }
        let count = hives.len();
        eprintln!("apiary: put {count} made-up hives into {} to begin with", self.folder.display());
        Ok(())
    }
}

/// By the XDG base-directory rules, else where the system keeps a user's data.
fn own_folder() -> PathBuf {
    let xdg = std::env::var_os("XDG_DATA_HOME").map(PathBuf::from).filter(|dir| dir.is_absolute());
    xdg.or_else(dirs::data_dir).unwrap_or_else(std::env::temp_dir).join("apiary/yard")
}

fn read(path: &Path) -> Result<Hive, Failed> {
    let text = std::fs::read_to_string(path).map_err(Failed::to("read", path))?;
    toml::from_str(&text).map_err(Failed::to("read", path))
}

/// Writes a file as a whole or not at all.
pub(crate) fn write_whole(path: &Path, bytes: &[u8]) -> Result<(), Failed> {
    let folder = path.parent().filter(|dir| !dir.as_os_str().is_empty()).unwrap_or(Path::new("."));
    let mut file = tempfile::Builder::new()
        .permissions_like_any_file()
        .tempfile_in(folder)
        .map_err(Failed::to("write", path))?;
    file.write_all(bytes).map_err(Failed::to("write", path))?;
    file.persist(path).map_err(|error| Failed::to("write", path)(error.error))?;
    Ok(())
}

/// A temporary file is private to its user unless told otherwise; a logbook is a file as any other.
trait LikeAnyFile {
    fn permissions_like_any_file(&mut self) -> &mut Self;
}

impl LikeAnyFile for tempfile::Builder<'_, '_> {
    #[cfg(unix)]
    fn permissions_like_any_file(&mut self) -> &mut Self {
        use std::os::unix::fs::PermissionsExt;
        self.permissions(std::fs::Permissions::from_mode(0o666))
    }

    #[cfg(not(unix))]
    fn permissions_like_any_file(&mut self) -> &mut Self {
        self
    }
}

/// What could not be done, and why.
#[derive(Debug)]
pub(crate) struct Failed {
    what: String,
    cause: Option<Box<dyn Error>>,
}

impl Failed {
    pub(crate) fn new(what: String) -> Self {
        Failed { what, cause: None }
    }

    fn to<E: Error + 'static>(what: &str, path: &Path) -> impl FnOnce(E) -> Failed {
        let what = format!("cannot {what} {}", path.display());
        move |cause| Failed { what, cause: Some(Box::new(cause)) }
    }
}

impl fmt::Display for Failed {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.write_str(&self.what)
    }
}

impl Error for Failed {
    fn source(&self) -> Option<&(dyn Error + 'static)> {
        self.cause.as_deref()
    }
}
