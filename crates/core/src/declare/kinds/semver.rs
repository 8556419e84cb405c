//! Versions and their requirements, by Semantic Versioning 2.0.

use ::semver::{Version, VersionReq};

super::parsed! {
    Version: "a version", "1.2.0", version;
    VersionReq: "a requirement of versions", ">=1.2, <2", requirement;
}

fn version(text: &str) -> Option<String> {
    text.parse::<Version>().err().map(|error| error.to_string())
}

fn requirement(text: &str) -> Option<String> {
    text.parse::<VersionReq>().err().map(|error| error.to_string())
}
