//! What can be known of a default while the compiler runs: how many values it is, whether it is one of the
//! choices, and where it is a whole number, whether that is within its type. What else a default must pass,
//! only a start or a test can try.

use super::problem::Finding;
use crate::record::kind::{Kind, Noun};
use crate::record::param::{Param, Times};
use crate::text::bytes::same;

/// The problem of a parameter's default, if it has one.
#[inline]
pub(crate) const fn problem<'d>(param: &Param<'d>) -> Option<Finding<'d>> {
    let (Some(default), [kind]) = (param.default(), param.kinds()) else { return None };
    let name = param.name();
    let (why, limit) = match flaw(param, kind, default) {
        Some(flaw) => flaw,
        None => return None,
    };
    Some(Finding::Default { name, default, why, limit })
}

#[inline]
const fn flaw<'d>(
    param: &Param<'d>,
    kind: &Kind<'d>,
    default: &str,
) -> Option<(&'static str, &'d str)> {
    if param.is_counted() {
        let (count, Times { min, max }) = (count(param, default), param.given_times());
        if count < min {
            return Some(("is fewer values than `times` asks for", ""));
        } else if count > max {
            return Some(("is more values than `times` allows", ""));
        }
    }
    // Several values in a word, and what source code has, are read when the program is.
    if param.delimiter().is_some() {
        return None;
    }
    if matches!(kind.noun(), Noun::Choice) && !is_offered(kind, default) {
        return Some(("is none of its choices", ""));
    }
    let (Noun::Whole, Some([low, high])) = (kind.noun(), kind.bounds()) else { return None };
    if param.is_as_in_code() {
        return None;
    }
    match Whole::of(default.as_bytes()) {
        None => Some(("is no whole number", "")),
        Some(number) if number.is_below(low) => Some(("is below ", low)),
        Some(number) if number.is_above(high) => Some(("is above ", high)),
        Some(_) => None,
    }
}

#[inline]
const fn is_offered(kind: &Kind<'_>, word: &str) -> bool {
    let mut i = 0;
    while i < kind.all_offers().len() {
        if same(kind.all_offers()[i].name(), word) {
            return true;
        }
        i += 1;
    }
    false
}

/// How many values a default is: one, or those that the sign between them parts, unless a backslash takes
/// it for itself.
#[inline]
pub(crate) const fn count(param: &Param<'_>, default: &str) -> u32 {
    let Some(delimiter) = param.delimiter() else { return 1 };
    let mut buffer = [0; 4];
    let sign = delimiter.encode_utf8(&mut buffer).as_bytes();
    let bytes = default.as_bytes();
    let (mut count, mut i) = (1, 0);
    while i < bytes.len() {
        if bytes[i] == b'\\' && (starts(bytes, i + 1, sign) || starts(bytes, i + 1, b"\\")) {
            i += 1;
        } else if starts(bytes, i, sign) {
            count += 1;
        }
        i += 1;
    }
    count
}

#[inline]
const fn starts(bytes: &[u8], at: usize, sign: &[u8]) -> bool {
    let mut i = 0;
    while i < sign.len() {
        if at + i >= bytes.len() || bytes[at + i] != sign[i] {
            return false;
        }
        i += 1;
    }
    true
}

/// A whole number in digits, without zeros in front.
struct Whole<'t> {
    is_negative: bool,
    digits: &'t [u8],
}

impl<'t> Whole<'t> {
    #[inline]
    const fn of(text: &'t [u8]) -> Option<Self> {
        let (is_negative, mut digits) = match text {
            [b'-', digits @ ..] => (true, digits),
            [b'+', digits @ ..] => (false, digits),
            digits => (false, digits),
        };
        if digits.is_empty() {
            return None;
        }
        let mut i = 0;
        while i < digits.len() {
            if !digits[i].is_ascii_digit() {
                return None;
            }
            i += 1;
        }
        while let [b'0', rest @ ..] = digits {
            digits = rest;
        }
        Some(Whole { is_negative: is_negative && !digits.is_empty(), digits })
    }

    #[inline]
    const fn is_above(&self, limit: &str) -> bool {
        match Whole::of(limit.as_bytes()) {
            Some(limit) => limit.is_less(self),
            None => false,
        }
    }

    #[inline]
    const fn is_below(&self, limit: &str) -> bool {
        match Whole::of(limit.as_bytes()) {
            Some(limit) => self.is_less(&limit),
            None => false,
        }
    }

    #[inline]
    const fn is_less(&self, other: &Whole<'_>) -> bool {
        match (self.is_negative, other.is_negative) {
            (true, false) => true,
            (false, true) => false,
            (false, false) => is_smaller(self.digits, other.digits),
            (true, true) => is_smaller(other.digits, self.digits),
        }
    }
}

#[inline]
const fn is_smaller(one: &[u8], other: &[u8]) -> bool {
    if one.len() != other.len() {
        return one.len() < other.len();
    }
    let mut i = 0;
    while i < one.len() {
        if one[i] != other[i] {
            return one[i] < other[i];
        }
        i += 1;
    }
    false
}
