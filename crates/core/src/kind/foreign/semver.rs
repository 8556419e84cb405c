//! Versions and their requirements, by Semantic Versioning 2.0.

use ::semver::{Version, VersionReq};

use crate::record::refusal::Refusal;

use super::parsed;

parsed! {
    Version, Version: "a version", "1.2.0", "VERSION", version;
    VersionReq, VersionRange: "a requirement of versions", ">=1.2, <2", "VERSIONS", requirement;
}

fn version(text: &str) -> Refusal {
    text.parse::<Version>().err().map_or_else(Refusal::new, Refusal::citing)
}

fn requirement(text: &str) -> Refusal {
    text.parse::<VersionReq>().err().map_or_else(Refusal::new, Refusal::citing)
}
