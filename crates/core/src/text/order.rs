//! Sorting, once: the standard library's sort is made anew for each type, 6 to 8 KiB a time, and
//! small programs carry it.

/// The items in the order of their keys; those with equal keys stay as they stood.
pub(crate) fn in_order<T>(items: Vec<T>, key: impl Fn(&T) -> (usize, usize)) -> Vec<T> {
    let mut keys = Vec::new();
    let mut waiting = Vec::new();
    for item in items {
        keys.push((key(&item), keys.len()));
        waiting.push(Some(item));
    }
    sort(&mut keys);
    let mut sorted = Vec::new();
    for (_, at) in keys {
        sorted.extend(waiting[at].take());
    }
    sorted
}

#[inline(never)]
fn sort(keys: &mut [((usize, usize), usize)]) {
    keys.sort_unstable();
}
