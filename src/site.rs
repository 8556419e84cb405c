//! Where an output goes, and how it gets there: links are followed to what they name, and what is replaced
//! keeps its mode, its owner and its other names.

use std::fs::{self, File, Metadata};
use std::io::{self, ErrorKind};
use std::path::{Path, PathBuf};

use crate::beside::Beside;

/// Links that are followed one after the other, as systems do it.
const MOST_LINKS: usize = 40;

/// The place of an output that is a file.
pub(crate) struct Site {
    path: PathBuf,
    /// What is replaced.
    old: Option<Metadata>,
    overwrite: bool,
}

/// What an output leads to.
pub(crate) enum Found {
    /// A file, or nothing yet.
    Site(Box<Site>),
    /// A device or a pipe, which no file can replace.
    Special(File),
}

/// What is at a path, whichever links lead there.
///
/// # Errors
///
/// The system's; and where a file must not or cannot be put there.
pub(crate) fn find(path: &Path, overwrite: bool) -> io::Result<Found> {
    if !overwrite && path.symlink_metadata().is_ok() {
        return Err(ErrorKind::AlreadyExists.into());
    }
    // Asked of what was typed: links such as that of `/dev/stdout` name nothing that has a path.
    if fs::metadata(path).is_ok_and(|found| !found.is_file() && !found.is_dir()) {
        return Ok(Found::Special(File::options().write(true).open(path)?));
    }
    let path = follow(path)?;
    let old = match fs::metadata(&path) {
        Ok(old) if old.is_dir() => return Err(ErrorKind::IsADirectory.into()),
        Ok(old) => {
            // What may not be written is not to be replaced either.
            File::options().write(true).open(&path)?;
            Some(old)
        }
        // Whether there is a folder for it shows when something is put there.
        Err(error) if matches!(error.kind(), ErrorKind::NotFound | ErrorKind::NotADirectory) => {
            None
        }
        Err(error) => return Err(error),
    };
    Ok(Found::Site(Box::new(Site { path, old, overwrite })))
}

/// What a link names, and so on; it need not be there yet.
fn follow(path: &Path) -> io::Result<PathBuf> {
    let mut path = path.to_owned();
    for _ in 0..MOST_LINKS {
        let Ok(named) = fs::read_link(&path) else { return Ok(path) };
        path = path.parent().map_or_else(|| named.clone(), |folder| folder.join(&named));
    }
    Err(io::Error::other("its links lead back to each other"))
}

impl Site {
    /// The folder that it is in.
    pub(crate) fn folder(&self) -> &Path {
        let folder = self.path.parent().filter(|folder| !folder.as_os_str().is_empty());
        folder.unwrap_or(Path::new("."))
    }

    /// A file in its folder, which is written first.
    pub(crate) fn beside(&self) -> io::Result<Beside> {
        Beside::new(self.folder())
    }

    /// Puts a file that is written whole in the place, and both to the disk.
    pub(crate) fn take(&self, beside: Beside) -> io::Result<()> {
        if let Some(old) = &self.old {
            liken(beside.file(), old)?;
        }
        beside.file().sync_all()?;
        if self.old.as_ref().is_some_and(has_other_names) {
            // Another name for it would stay with the old text.
            let mut target = File::options().write(true).truncate(true).open(&self.path)?;
            beside.pour(&mut target)?;
            return target.sync_all();
        }
        beside.put(&self.path, self.folder(), self.overwrite)?;
        sync(self.folder())
    }
}

/// Gives a file the owner of another, where that is permitted, and exactly its mode.
#[cfg(unix)]
fn liken(file: &File, old: &Metadata) -> io::Result<()> {
    use std::os::unix::fs::{MetadataExt, fchown};
    let own = file.metadata()?;
    if (own.uid(), own.gid()) != (old.uid(), old.gid()) {
        // Whoever may not give it away keeps it, in the group where that may be had.
        if fchown(file, Some(old.uid()), Some(old.gid())).is_err() {
            _ = fchown(file, None, Some(old.gid()));
        }
    }
    file.set_permissions(old.permissions())
}

#[cfg(not(unix))]
fn liken(file: &File, old: &Metadata) -> io::Result<()> {
    file.set_permissions(old.permissions())
}

#[cfg(unix)]
fn has_other_names(old: &Metadata) -> bool {
    std::os::unix::fs::MetadataExt::nlink(old) > 1
}

#[cfg(not(unix))]
fn has_other_names(_: &Metadata) -> bool {
    false
}

/// A name is on the disk when its folder is.
#[cfg(unix)]
fn sync(folder: &Path) -> io::Result<()> {
    match File::open(folder).and_then(|folder| folder.sync_all()) {
        // A folder that may be written and not read, or a system that cannot: the file itself is there.
        Err(error) if !matches!(error.kind(), ErrorKind::StorageFull) => Ok(()),
        done => done,
    }
}

#[cfg(not(unix))]
fn sync(_: &Path) -> io::Result<()> {
    Ok(())
}
