//! Sorting, once: the standard library's sort is made anew for each type, 6 to 8 KiB a time, and
//! small programs carry it.

/// The items in the order of their keys; those with equal keys stay as they stood.
pub(crate) fn in_order<T>(items: Vec<T>, key: impl Fn(&T) -> (usize, usize)) -> Vec<T> {
    let place = |(at, item): (usize, &T)| (key(item), at);
    let mut places: Vec<((usize, usize), usize)> = items.iter().enumerate().map(place).collect();
    places.sort_unstable();
    let mut items: Vec<Option<T>> = items.into_iter().map(Some).collect();
    places.into_iter().filter_map(|(_, at)| items[at].take()).collect()
}
