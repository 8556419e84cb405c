//! Names: what they may be, and how `const fn` compares thousands of them.

/// A name's hash (FNV-1a, 32 bits). A parameter's is made in its own static, so that the rules of
/// a command need not walk the bytes of all names again.
///
/// Written for the compiler's interpreter, where each call costs: the product is taken in 64 bits and
/// cut, which is what a wrapping one gives.
#[inline]
pub(crate) const fn hash(name: &[u8]) -> u32 {
    let mut hash = 0x811c_9dc5_u32;
    let mut i = 0;
    while i < name.len() {
        hash = ((hash ^ name[i] as u32) as u64 * 0x0100_0193) as u32;
        i += 1;
    }
    hash
}

/// Whether two texts are the same, for `const fn`, which lacks `==` on text.
#[inline]
pub(crate) const fn same(a: &str, b: &str) -> bool {
    matches!(order(a, b), core::cmp::Ordering::Equal)
}

/// How two texts compare by their bytes.
#[inline]
pub(crate) const fn order(a: &str, b: &str) -> core::cmp::Ordering {
    use core::cmp::Ordering::{Equal, Greater, Less};
    let (a, b) = (a.as_bytes(), b.as_bytes());
    let mut i = 0;
    loop {
        match (i < a.len(), i < b.len()) {
            (false, false) => return Equal,
            (false, true) => return Less,
            (true, false) => return Greater,
            (true, true) if a[i] < b[i] => return Less,
            (true, true) if a[i] > b[i] => return Greater,
            (true, true) => i += 1,
        }
    }
}

/// What is wrong with the name of a subcommand or an operand, if anything.
#[inline]
pub(crate) const fn plain_name_fault(name: &str) -> Option<&'static str> {
    match program_name_fault(name) {
        None if has_upper(name) => Some("has an upper-case letter in it"),
        why => why,
    }
}

const fn has_upper(name: &str) -> bool {
    let bytes = name.as_bytes();
    let mut i = 0;
    while i < bytes.len() {
        if bytes[i].is_ascii_uppercase() {
            return true;
        }
        i += 1;
    }
    false
}

/// What is wrong with the name of a program, which is a file's, if anything.
#[inline]
pub(crate) const fn program_name_fault(name: &str) -> Option<&'static str> {
    let bytes = name.as_bytes();
    if bytes.is_empty() {
        return Some("is empty");
    }
    if bytes[0] == b'-' {
        return Some("begins with a dash (leave the dashes out)");
    }
    let mut i = 0;
    while i < bytes.len() {
        // Nearly all letters of nearly all names, in one comparison.
        if bytes[i] < b'a' || bytes[i] == 0x7f {
            match bytes[i] {
                b'=' => return Some("has an `=` in it"),
                0..=b' ' | 0x7f => return Some("has white space or a control character in it"),
                _ => {}
            }
        }
        i += 1;
    }
    None
}

/// What is wrong with a name after dashes, if anything: one of a single character is a letter.
#[inline]
pub(crate) const fn option_name_fault(name: &str) -> Option<&'static str> {
    match name.as_bytes() {
        [b'-' | b'='] => plain_name_fault(name),
        [letter] => letter_fault(*letter as char),
        _ => plain_name_fault(name),
    }
}

/// What is wrong with a name that must not be a letter alone, if anything.
#[inline]
pub(crate) const fn long_name_fault(name: &str) -> Option<&'static str> {
    match name.len() {
        1 => Some("is a letter alone (a long name is expected here)"),
        _ => plain_name_fault(name),
    }
}

/// What is wrong with a letter, if anything: POSIX guideline 3 has letters and digits, and well-known
/// programs three signs too.
#[inline]
pub(crate) const fn letter_fault(letter: char) -> Option<&'static str> {
    match letter {
        'a'..='z' | 'A'..='Z' | '0'..='9' | '?' | '#' | ':' => None,
        _ => Some("is no ASCII letter or digit, and none of `?`, `#` and `:`"),
    }
}
