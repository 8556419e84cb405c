//! What the programs find around them: the same wherever they run.

use std::ffi::OsString;
use std::io::{self, ErrorKind};
use std::path::Path;

use clavret::world::{Environment, Presence, SYSTEM, Settings, Unread, World};

/// Variables before a line, and files that are made up; of config files the texts are real, and stand in `settings`.
#[derive(Debug, Default)]
pub(crate) struct Around {
    pub(crate) variables: Vec<(String, String)>,
    /// Whether lists are asked for: those of a program that looks into the files of this machine are not.
    pub(crate) is_listing: bool,
}

impl World for Around {
    fn variable(&self, name: &str) -> Option<OsString> {
        let set = self.variables.iter().find(|(set, _)| set == name);
        set.map(|(_, value)| value.into())
    }

    fn presence(&self, path: &Path) -> Presence {
        match path.to_str() {
            Some("shed" | "shed.csv" | "yard") => Presence::Directory,
            Some("hives.csv" | "notes" | "token") => Presence::File,
            _ => Presence::Nothing,
        }
    }

    fn first_line(&self, file: &Path) -> Result<OsString, Unread> {
        let error = match file.to_str() {
            Some("token") => return Ok("honeybee".into()),
            Some("shed") => ErrorKind::IsADirectory.into(),
            Some("locked") => ErrorKind::PermissionDenied.into(),
            Some("photo") => ErrorKind::InvalidData.into(),
            Some("wet") => io::Error::other("the disk does not answer"),
            _ => ErrorKind::NotFound.into(),
        };
        Err(Unread::from(error))
    }

    fn settings(&self, name: &str, file: Option<&Path>) -> Result<Option<Settings>, Unread> {
        let locked = || Unread::from(io::Error::from(ErrorKind::PermissionDenied));
        match (file, self.variable("XDG_CONFIG_HOME").as_deref().and_then(|home| home.to_str())) {
            (Some(file), _) => {
                let folder =
                    Path::new(env!("CARGO_MANIFEST_DIR")).join("examples/gallery/settings");
                let settings = SYSTEM.settings(name, Some(&folder.join(file)))?;
                Ok(settings.map(|known| Settings { file: file.display().to_string(), ..known }))
            }
            (None, Some("")) => Err(locked()),
            (None, Some(home)) => Err(locked().at(format!("{home}/{name}"))),
            (None, None) => Ok(None),
        }
    }

    fn environment(&self) -> Option<Environment> {
        self.is_listing.then(|| Environment::new(|_| None))
    }
}
