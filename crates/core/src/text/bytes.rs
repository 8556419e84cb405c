//! Bytes compared and hashed by `const fn`, which has neither of the library.

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
