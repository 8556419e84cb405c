//! What can be known of a default while the compiler runs: whether one of a whole number is one, and
//! within its type. What else a default must pass, only a start or a test can try.

use super::kind::Noun;
use super::param::Param;
use super::problem::Problem;

/// The problem of a parameter's default, if it has one.
pub(super) const fn problem<'d>(param: &Param<'d>) -> Option<Problem<'d>> {
    let (Some(default), [kind]) = (param.default, param.form.kinds) else { return None };
    let (Noun::Whole, Some([low, high])) = (kind.noun, kind.limits) else { return None };
    // Several values in a word, and what source code has, are read when the program is.
    if param.delimiter.is_some() || param.manner.code {
        return None;
    }
    let name = param.name;
    let (why, limit) = match Whole::of(default.as_bytes()) {
        None => ("is no whole number", ""),
        Some(number) if number.is_below(low) => ("is below ", low),
        Some(number) if number.is_above(high) => ("is above ", high),
        Some(_) => return None,
    };
    Some(Problem::Default { name, default, why, limit })
}

/// A whole number in digits, without zeros in front.
struct Whole<'t> {
    is_negative: bool,
    digits: &'t [u8],
}

impl<'t> Whole<'t> {
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

    const fn is_above(&self, limit: &str) -> bool {
        match Whole::of(limit.as_bytes()) {
            Some(limit) => limit.is_less(self),
            None => false,
        }
    }

    const fn is_below(&self, limit: &str) -> bool {
        match Whole::of(limit.as_bytes()) {
            Some(limit) => self.is_less(&limit),
            None => false,
        }
    }

    const fn is_less(&self, other: &Whole<'_>) -> bool {
        match (self.is_negative, other.is_negative) {
            (true, false) => true,
            (false, true) => false,
            (false, false) => is_smaller(self.digits, other.digits),
            (true, true) => is_smaller(other.digits, self.digits),
        }
    }
}

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
