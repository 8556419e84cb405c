//! Names: what they may be, and how `const fn` compares thousands of them.

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
