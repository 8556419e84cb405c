//! What day it is where the user is. Of the zones that a system has, only the file of the one that is meant is read: to look
//! at all of them takes longer than everything else that a command does.

use std::env;
use std::path::{Path, PathBuf};

use jiff::Timestamp;
use jiff::civil::Date;
use jiff::tz::TimeZone;

/// Where systems keep their zones, each as a file (tzfile(5)).
const ZONES: &str = "/usr/share/zoneinfo";

pub(crate) fn today() -> Date {
    Timestamp::now().to_zoned_datetime(zone()).date()
}

/// The zone that `TZ` names, as POSIX and the systems' libraries have it: a rule such as `CET-1CEST`, a file of zones, or
/// with a colon in front either of these; without `TZ` it is the system's own.
fn zone() -> TimeZone {
    let Some(named) = env::var_os("TZ") else {
        let own = file(Path::new("/etc/localtime"));
        return own.unwrap_or_else(TimeZone::system);
    };
    let named = named.to_string_lossy();
    let name = named.strip_prefix(':').unwrap_or(&named);
    if name.is_empty() {
        return TimeZone::UTC;
    }
    let folder = env::var_os("TZDIR").map_or_else(|| PathBuf::from(ZONES), PathBuf::from);
    file(&folder.join(name))
        .or_else(|| TimeZone::posix(name).ok())
        .or_else(|| TimeZone::get(name).ok())
        .unwrap_or(TimeZone::UTC)
}

fn file(path: &Path) -> Option<TimeZone> {
    TimeZone::tzif("the zone that is meant", &std::fs::read(path).ok()?).ok()
}
