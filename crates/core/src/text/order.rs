//! Sorting, once: the standard library's sort is made anew for each type, 6 to 8 KiB a time, and
//! small programs carry it.

use std::collections::BinaryHeap;

use super::Put;

/// Brings items in the order of their keys; those with equal keys stay as they stood.
pub(crate) fn in_order<T>(items: &mut [T], key: impl Fn(&T) -> (usize, usize)) {
    let mut keys = Vec::new();
    for item in &*items {
        keys.put((key(item), keys.len()));
    }
    for &(to, from) in &swaps(keys) {
        items.swap(to, from);
    }
}

/// Brings pairs of numbers in order.
#[inline(never)]
pub(crate) fn pairs_in_order(pairs: &mut [(usize, usize)]) {
    in_order(pairs, |pair| *pair);
}

/// The swaps, one after the other, that bring items in the order of their keys.
#[inline(never)]
fn swaps(keys: Vec<((usize, usize), usize)>) -> Vec<(usize, usize)> {
    // What was found on a line nearly always stands in its order.
    if keys.windows(2).all(|pair| pair[0] <= pair[1]) {
        return Vec::new();
    }
    let keys = BinaryHeap::from(keys).into_sorted_vec();
    let mut swaps = Vec::new();
    // Where each item stands by now, and which one stands at each place.
    let mut places: Vec<usize> = Vec::new();
    places.extend(0..keys.len());
    let mut items = places.clone();
    for (to, &(_, item)) in keys.iter().enumerate() {
        let from = places[item];
        if from != to {
            swaps.push((to, from));
            let moved = items[to];
            (items[from], places[moved]) = (moved, from);
        }
    }
    swaps
}
