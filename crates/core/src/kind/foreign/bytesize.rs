//! Sizes in bytes: `64MiB` is of 1,024 times 1,024 bytes, `64MB` of 1,000 times 1,000.

use super::parsed;

parsed! {
    ::bytesize::ByteSize, ByteSize: "a size in bytes", "64MiB", "SIZE";
}
