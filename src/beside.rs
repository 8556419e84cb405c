//! A file that is written before it takes its place: on Linux without a name, so that nothing is left of it
//! when the process is killed; elsewhere with a name that tells whose it is.

use std::fs::File;
use std::io::{self, Seek, Write};
use std::path::Path;

use tempfile::NamedTempFile;

/// How the names begin of files that are on their way to their places; the process comes next.
const PREFIX: &str = ".clavret-";

pub(crate) enum Beside {
    #[cfg_attr(not(target_os = "linux"), allow(dead_code))]
    Unnamed(File),
    Named(NamedTempFile),
}

impl Beside {
    /// A new file in a folder.
    pub(crate) fn new(folder: &Path) -> io::Result<Self> {
        #[cfg(target_os = "linux")]
        if let Some(file) = linux::unnamed(folder)? {
            return Ok(Beside::Unnamed(file));
        }
        named(folder).map(Beside::Named)
    }

    pub(crate) fn file(&self) -> &File {
        match self {
            Beside::Unnamed(file) => file,
            Beside::Named(file) => file.as_file(),
        }
    }

    /// Gives it the name of its place; where that is taken, only if it may be overwritten.
    pub(crate) fn put(self, path: &Path, folder: &Path, overwrite: bool) -> io::Result<()> {
        let file = match self {
            Beside::Named(file) => file,
            #[cfg(target_os = "linux")]
            Beside::Unnamed(file) => match linux::put(&file, path, folder, overwrite)? {
                true => return Ok(()),
                // It can have no name here (`/proc` is not there): one that has takes its text.
                false => copied(&file, folder)?,
            },
            #[cfg(not(target_os = "linux"))]
            Beside::Unnamed(file) => copied(&file, folder)?,
        };
        let done = if overwrite { file.persist(path) } else { file.persist_noclobber(path) };
        done.map(drop).map_err(|error| error.error)
    }

    /// Writes what is in it into a file that stays where it is.
    pub(crate) fn pour(self, target: &mut File) -> io::Result<()> {
        let mut file = self.file();
        file.rewind()?;
        io::copy(&mut file, target).map(drop)
    }
}

impl Write for Beside {
    fn write(&mut self, bytes: &[u8]) -> io::Result<usize> {
        self.file().write(bytes)
    }

    fn flush(&mut self) -> io::Result<()> {
        self.file().flush()
    }
}

fn named(folder: &Path) -> io::Result<NamedTempFile> {
    clear(folder);
    let prefix = format!("{PREFIX}{}-", std::process::id());
    let mut builder = tempfile::Builder::new();
    let file = any_file(builder.prefix(&prefix)).tempfile_in(folder);
    // Its own error has the file's name in it, which nobody has typed.
    file.map_err(|error| error.kind().into())
}

fn copied(file: &File, folder: &Path) -> io::Result<NamedTempFile> {
    let (mut file, mut named) = (file, named(folder)?);
    file.rewind()?;
    io::copy(&mut file, &mut named)?;
    named.as_file().set_permissions(file.metadata()?.permissions())?;
    named.as_file().sync_all()?;
    Ok(named)
}

/// Removes what processes that are gone have left in a folder.
fn clear(folder: &Path) {
    let Ok(entries) = std::fs::read_dir(folder) else { return };
    for entry in entries.flatten() {
        let name = entry.file_name();
        let process = name.to_str().and_then(|name| name.strip_prefix(PREFIX)?.split('-').next());
        let process = process.and_then(|process| process.parse().ok());
        if process.is_some_and(is_gone) {
            // Whoever else removes it was as right to do so.
            _ = std::fs::remove_file(entry.path());
        }
    }
}

#[cfg(unix)]
fn is_gone(process: i32) -> bool {
    use rustix::io::Errno;
    use rustix::process::{Pid, test_kill_process};
    Pid::from_raw(process).is_some_and(|process| test_kill_process(process) == Err(Errno::SRCH))
}

#[cfg(not(unix))]
fn is_gone(_: i32) -> bool {
    false
}

/// The permissions of any new file: a temporary one is private to its user unless told otherwise.
#[cfg(unix)]
fn any_file<'b, 'p, 's>(
    builder: &'b mut tempfile::Builder<'p, 's>,
) -> &'b mut tempfile::Builder<'p, 's> {
    use std::os::unix::fs::PermissionsExt;
    builder.permissions(std::fs::Permissions::from_mode(0o666))
}

#[cfg(not(unix))]
fn any_file<'b, 'p, 's>(
    builder: &'b mut tempfile::Builder<'p, 's>,
) -> &'b mut tempfile::Builder<'p, 's> {
    builder
}

#[cfg(target_os = "linux")]
mod linux {
    use std::fs::File;
    use std::io;
    use std::os::fd::AsRawFd;
    use std::path::Path;
    use std::sync::atomic::{AtomicU32, Ordering};

    use rustix::fs::{AtFlags, CWD, Mode, OFlags, linkat, open};
    use rustix::io::Errno;

    use super::PREFIX;

    /// A file without a name (`O_TMPFILE`); nothing where the folder's system has none such.
    pub(super) fn unnamed(folder: &Path) -> io::Result<Option<File>> {
        let flags = OFlags::TMPFILE | OFlags::RDWR | OFlags::CLOEXEC;
        match open(folder, flags, Mode::from_raw_mode(0o666)) {
            Ok(file) => Ok(Some(File::from(file))),
            Err(Errno::OPNOTSUPP | Errno::ISDIR | Errno::INVAL) => Ok(None),
            Err(error) => Err(error.into()),
        }
    }

    /// Gives it a name; tells whether it could have one.
    pub(super) fn put(
        file: &File,
        path: &Path,
        folder: &Path,
        overwrite: bool,
    ) -> io::Result<bool> {
        static NEXT: AtomicU32 = AtomicU32::new(0);
        let own = format!("/proc/self/fd/{}", file.as_raw_fd());
        let link = |path: &Path| linkat(CWD, &own, CWD, path, AtFlags::SYMLINK_FOLLOW);
        match link(path) {
            Ok(()) => return Ok(true),
            Err(Errno::EXIST) if overwrite => {}
            Err(Errno::NOENT) if !Path::new(&own).exists() => return Ok(false),
            Err(error) => return Err(error.into()),
        }
        // A link replaces nothing: one beside it is renamed over what is there.
        let (process, next) = (std::process::id(), NEXT.fetch_add(1, Ordering::Relaxed));
        let beside = folder.join(format!("{PREFIX}{process}-{next}"));
        link(&beside)?;
        std::fs::rename(&beside, path).inspect_err(|_| _ = std::fs::remove_file(&beside))?;
        Ok(true)
    }
}

#[cfg(all(test, unix))]
mod tests {
    use super::{PREFIX, clear};

    #[test]
    fn what_gone_processes_left_is_removed_and_nothing_else() {
        let folder = tempfile::tempdir().unwrap();
        let own = format!("{PREFIX}{}-x", std::process::id());
        // No system numbers its processes as high.
        let (gone, mine) = (format!("{PREFIX}{}-x", i32::MAX), format!("{PREFIX}mine"));
        for name in [&own, &gone, &mine, "report"] {
            std::fs::write(folder.path().join(name), "").unwrap();
        }
        clear(folder.path());
        let names = std::fs::read_dir(folder.path()).unwrap();
        let mut names: Vec<_> = names.map(|entry| entry.unwrap().file_name()).collect();
        names.sort();
        assert_eq!(names, [&own, &mine, "report"]);
    }
}
