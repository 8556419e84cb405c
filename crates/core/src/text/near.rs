//! The names near to a mistyped one.

use super::{Listed, own};

/// How many slips lie between what was typed and the nearest names, and these in their order; none
/// when all are far.
#[inline(never)]
pub(crate) fn near<'n>(typed: &str, names: &[&'n str]) -> (usize, Vec<&'n str>) {
    let (distance, nearest) = near_marked(typed, &names.iter().map(|name| (*name, 0)).listed());
    (distance, nearest.iter().map(|name| name.0).listed())
}

/// The same for names with a number each.
#[inline(never)]
pub(crate) fn near_marked<'n>(
    typed: &str,
    names: &[(&'n str, usize)],
) -> (usize, Vec<(&'n str, usize)>) {
    let mut nearest = (usize::MAX, Vec::new());
    let Some(typed) = letters(typed) else { return nearest };
    let mut rows = Rows::default();
    for &(name, mark) in names {
        // What is farther than the nearest so far need not be measured to its end.
        let Some(distance) = rows.distance(&typed, name, nearest.0) else {
            continue;
        };
        if distance < nearest.0 {
            nearest = (distance, Vec::new());
        }
        if distance == nearest.0 {
            nearest.1.push((name, mark));
        }
    }
    nearest
}

/// The letters of a word, whatever the case of the ASCII ones; none of an empty one, and of a longer one, which would cost its length
/// squared and is no slip of the fingers.
fn letters(typed: &str) -> Option<Vec<char>> {
    let is_short = !typed.is_empty() && typed.len() <= 4 * LONGEST;
    let letters = || typed.chars().map(|letter| letter.to_ascii_lowercase()).listed();
    is_short.then(letters).filter(|typed| typed.len() <= LONGEST)
}

/// Names that many words are held against.
pub(crate) struct Near {
    names: Vec<String>,
    rows: Rows,
}

impl Near {
    pub(crate) fn new<'n>(names: impl Iterator<Item = &'n str>) -> Self {
        Near { names: names.map(own).listed(), rows: Rows::default() }
    }

    /// How many names there are: what one look costs.
    pub(crate) fn count(&self) -> usize {
        self.names.len()
    }

    /// Whether a word is one of the names, or near one.
    pub(crate) fn has(&mut self, typed: &str) -> bool {
        let Some(typed) = letters(typed) else { return false };
        self.names.iter().any(|name| self.rows.distance(&typed, name, usize::MAX).is_some())
    }
}

const LONGEST: usize = 64;

/// The rows of the distance table, kept from one name to the next.
#[derive(Default)]
struct Rows {
    name: Vec<char>,
    /// The row at hand and the two above it.
    table: [Vec<usize>; 3],
}

impl Rows {
    /// Letters to insert, drop, change or swap with a neighbour, if few enough for a slip, and no more
    /// than `limit`. A name that begins with what was typed is one slip away; not the other way round, as
    /// what was typed beyond a name is not to be lost with it.
    fn distance(&mut self, typed: &[char], name: &str, limit: usize) -> Option<usize> {
        self.name.clear();
        for letter in name.chars() {
            self.name.push(letter.to_ascii_lowercase());
        }
        let (longer, shorter) =
            (self.name.len().max(typed.len()), self.name.len().min(typed.len()));
        let is_begun = shorter >= 3 && self.name[..shorter] == typed[..shorter];
        if longer == shorter && self.name == typed {
            return Some(0);
        }
        if is_begun && typed.len() <= self.name.len() {
            return Some(1);
        }
        let most = longer / 3;
        if longer - shorter > most {
            return None;
        }
        let limit = limit.min(most.max(1)).min(longer - 1);
        // What is alike in front takes no part in it.
        let alike = self.name.iter().zip(typed).take_while(|(a, b)| a == b).count();
        self.table_distance(&typed[alike..], alike, limit)
    }

    fn table_distance(&mut self, typed: &[char], alike: usize, limit: usize) -> Option<usize> {
        let name = &self.name[alike..];
        let [row, above, above_that] = &mut self.table;
        for row in [&mut *row, &mut *above, &mut *above_that] {
            row.clear();
            for at in 0..name.len() + 1 {
                row.push(at);
            }
        }
        let mut lowest_above = 0;
        let mut before = None;
        for (i, &letter) in typed.iter().enumerate() {
            let mut left = i + 1;
            row[0] = left;
            let (mut lowest, mut other_before) = (left, None);
            // Beside each letter stand the three ways to it: from above and the left, from above, and a swap.
            let further = above.windows(2).zip(&mut row[1..]);
            let swapped = std::iter::once(&0).chain(&**above_that);
            for ((&other, (above, place)), above_that) in name.iter().zip(further).zip(swapped) {
                let change = above[0] + usize::from(letter != other);
                let mut best = change.min(above[1] + 1).min(left + 1);
                if other_before == Some(letter) && before == Some(other) {
                    best = best.min(above_that + 1);
                }
                (*place, left) = (best, best);
                lowest = lowest.min(best);
                other_before = Some(other);
            }
            before = Some(letter);
            // Two rows are looked back at: where both are beyond the limit, so is all below.
            if lowest > limit && lowest_above > limit {
                return None;
            }
            lowest_above = lowest;
            std::mem::swap(above_that, above);
            std::mem::swap(above, row);
        }
        Some(above[name.len()]).filter(|distance| *distance <= limit)
    }
}
