//! Versions and their requirements, by Semantic Versioning 2.0.

use ::semver::{Version, VersionReq};

use crate::declare::Misfit;

super::parsed! {
    Version: "a version", "1.2.0", version;
    VersionReq: "a requirement of versions", ">=1.2, <2", requirement;
}

fn version(text: &str) -> Misfit {
    text.parse::<Version>().err().map_or_else(Misfit::new, Misfit::citing)
}

fn requirement(text: &str) -> Misfit {
    text.parse::<VersionReq>().err().map_or_else(Misfit::new, Misfit::citing)
}
