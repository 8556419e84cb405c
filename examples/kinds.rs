//! An option of each kind: what it says in the page, what it says of a word that is none, and what
//! it hands over. `cargo run --example kinds -- --help`, then try a wrong one.
//!
//! The settings of a weather and scale station that stands beside the hives.

use std::collections::BTreeMap;
use std::net::{IpAddr, Ipv4Addr, Ipv6Addr, SocketAddr};
use std::path::PathBuf;
use std::time::Duration;

use bytesize::ByteSize;
use clavret::{Attached, Choice, Command, DomainName, Flag, Named, Offer, Operand, Tally, valid};
use email_address::EmailAddress;
use jiff::civil::{Date, DateTime, Time};
use semver::{Version, VersionReq};

#[derive(Debug, Clone, Copy)]
enum Side {
    East,
    South,
}

impl Choice for Side {
    const OFFERS: &'static [Offer<'static>] = &[
        Offer::of("east").help("the entrance gets the first sun"),
        Offer::of("south").help("the entrance is warm at noon"),
        Offer::of("sunrise").deprecated("east"),
    ];
    const VALUES: &'static [Self] = &[Side::East, Side::South, Side::East];
}

/// Declares options that all have the same shape: one word, which may be left out.
macro_rules! options {
    ($($key:ident: $type:ty = $name:literal $help:literal $(.$setter:ident($($value:expr),*))*;)*) => {
        $(static $key: Named<Option<$type>> = Named::new($name).help($help)$(.$setter($($value),*))*;)*
        pub(crate) static STATION: Command = Command::new("station")
            .summary("settings of the station beside the hives")
            .takes(&[
                SENSORS.param(), $($key.param(),)* HEATED.param(), TAGS.param(), ALARM.param(),
                TOKEN.param(), TALK.param(),
            ]);
    };
}

options! {
    HIVES: u8 = "hives" "scales to read".valid(&valid::any_but(&[13]));
    OFFSET: i32 = "offset" "grams to add to each weight".valid(&valid::range(-500, 500));
    MASK: u32 = "mask" "bits of the sensors".as_in_code();
    STEP: u16 = "step" "seconds between two readings".valid(&valid::multiple_of(15));
    PAGE: u64 = "page" "readings kept in one file".valid(&valid::one_of(&[100, 1000]));
    GAIN: f64 = "gain" "factor of the scale";
    LIMIT: f32 = "limit" "weight that rings the bell".infinite();
    NAME: String = "name" "what the station is called".valid(&valid::length(2, 12));
    KEY: String = "key" "number on its back".valid(&valid::pattern("[A-Z]{2}[0-9]{3}", "HB042"));
    UNIT: char = "unit" "letter of the unit";
    OUTSIDE: bool = "outside" "it stands in the open";
    FACES: Side = "faces" "where the entrance looks";
    FOLDER: PathBuf = "folder" "where readings are kept".directory();
    TABLE: PathBuf = "table" "calibration to use".file().extensions(&["csv", "toml"]);
    COPY: PathBuf = "copy" "file to copy them to".absent();
    PORT: PathBuf = "port" "device it hangs on".present();
    V4: Ipv4Addr = "v4" "address in the shed";
    V6: Ipv6Addr = "v6" "address in the field";
    PEER: IpAddr = "peer" "address of the second station";
    SOCKET: SocketAddr = "socket" "where it listens";
    PLACE: (f64, f64) = "place" "where it stands".placeholder("LAT LON");
    CELLS: [u8; 3] = "cells" "scale cells of the first hive";
    SINCE: Date = "since" "first day to send";
    WAKE: Time = "wake" "when it wakes up";
    START: DateTime = "start" "when to begin";
    SLEEP: Duration = "sleep" "pause in the night";
    SPACE: ByteSize = "space" "room for readings";
    MAIL: EmailAddress = "mail" "whom to tell";
    DOMAIN: DomainName = "domain" "where it is found";
    SITE: url::Url = "site" "where to send readings".valid(&valid::schemes(&["https"]));
    ID: uuid::Uuid = "id" "its own number";
    MATCH: regex::Regex = "match" "sensors to read";
    FILES: glob::Pattern = "files" "files to send";
    FIRMWARE: Version = "firmware" "version that it runs";
    ACCEPTS: VersionReq = "accepts" "versions that it updates to";
    EXTRA: serde_json::Value = "extra" "anything else";
}

static SENSORS: Operand<Vec<String>> = Operand::new("sensor").help("sensors to set");
static HEATED: Flag<Option<bool>> = Flag::new("heated").worded().help("its box is heated");
static TAGS: Named<BTreeMap<String, u8>> = Named::new("tag").help("labels with a number");
static ALARM: Named<Attached<u8>> = Named::new("alarm").help("ring the bell, perhaps so often");
static TOKEN: Named<Option<String>> = Named::new("token")
    .secret_file("token-file")
    .variable("STATION_TOKEN")
    .valid(&valid::length(6, 40))
    .help("what it signs in with");
static TALK: Tally = Tally::new("v").help("say more");

fn main() -> std::process::ExitCode {
    clavret::run(&STATION, |reading| format!("{reading:?}"))
}
