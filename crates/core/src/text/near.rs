//! The nearest of some names to a mistyped one.

/// The nearest name, the first of several that are equally near; `None` when all are far.
pub(crate) fn nearest<'n>(
    typed: &str,
    names: &mut dyn Iterator<Item = &'n str>,
) -> Option<&'n str> {
    let typed: Vec<char> = typed.chars().collect();
    // A longer word would cost its length squared, and is no slip of the fingers.
    if typed.is_empty() || typed.len() > LONGEST {
        return None;
    }
    let mut rows = Rows::default();
    let near = names.filter_map(|name| Some((rows.distance(&typed, name)?, name)));
    near.min_by_key(|(distance, _)| *distance).map(|(_, name)| name)
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
    /// Letters to insert, drop, change or swap with a neighbour, if few enough for a slip. A name
    /// that begins with what was typed, or the other way round, is one slip away.
    fn distance(&mut self, typed: &[char], name: &str) -> Option<usize> {
        self.name.clear();
        self.name.extend(name.chars());
        let (longer, shorter) =
            (self.name.len().max(typed.len()), self.name.len().min(typed.len()));
        if shorter >= 3 && self.name[..shorter] == typed[..shorter] {
            return Some(1);
        }
        let most = longer / 3;
        if longer - shorter > most {
            return None;
        }
        let distance = self.table_distance(typed);
        (distance <= most.max(1) && distance < longer).then_some(distance)
    }

    fn table_distance(&mut self, typed: &[char]) -> usize {
        let name = &self.name;
        let [row, above, above_that] = &mut self.table;
        above.clear();
        above.extend(0..=name.len());
        for (i, &letter) in typed.iter().enumerate() {
            row.clear();
            row.push(i + 1);
            for (j, &other) in name.iter().enumerate() {
                let change = above[j] + usize::from(letter != other);
                let mut best = change.min(above[j + 1] + 1).min(row[j] + 1);
                if i > 0 && j > 0 && letter == name[j - 1] && typed[i - 1] == other {
                    best = best.min(above_that[j - 1] + 1);
                }
                row.push(best);
            }
            std::mem::swap(above_that, above);
            std::mem::swap(above, row);
        }
        above[name.len()]
    }
}
