//! UUIDs (RFC 9562).

use super::parsed;

parsed! {
    ::uuid::Uuid, Uuid: "a UUID", "67e55044-10b1-426f-9247-bb680e5fe0c8", "UUID";
}
