//! What the library's own types are.

use std::num::{NonZeroU8, NonZeroU16, NonZeroU32, NonZeroU64};

use super::from_word::FromWord;
use crate::record::standard::Standard;

impl Standard {
    /// The smallest and the largest value of a whole number.
    pub const fn bounds(self) -> Option<[&'static str; 2]> {
        let kind = match self {
            Standard::U8 => u8::KIND,
            Standard::U16 => u16::KIND,
            Standard::U32 => u32::KIND,
            Standard::U64 => u64::KIND,
            Standard::U128 => u128::KIND,
            Standard::I8 => i8::KIND,
            Standard::I16 => i16::KIND,
            Standard::I32 => i32::KIND,
            Standard::I64 => i64::KIND,
            Standard::I128 => i128::KIND,
            Standard::PositiveU8 => NonZeroU8::KIND,
            Standard::PositiveU16 => NonZeroU16::KIND,
            Standard::PositiveU32 => NonZeroU32::KIND,
            Standard::PositiveU64 => NonZeroU64::KIND,
            _ => return None,
        };
        kind.bounds()
    }
}
