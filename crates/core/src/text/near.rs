//! The names near to a mistyped one.

/// How many slips lie between what was typed and the nearest names, and these in their order; none
/// when all are far.
pub(crate) fn near<'n>(
    typed: &str,
    names: &mut dyn Iterator<Item = &'n str>,
) -> (usize, Vec<&'n str>) {
    let mut nearest = (usize::MAX, Vec::new());
    let Some(typed) = letters(typed) else { return nearest };
    let mut rows = Rows::default();
    for name in names {
        let Some(distance) = rows.distance(&typed, name) else { continue };
        if distance < nearest.0 {
            nearest = (distance, Vec::new());
        }
        if distance == nearest.0 && !nearest.1.contains(&name) {
            nearest.1.push(name);
        }
    }
    nearest
}

/// The letters of a word; none of an empty one, and of a longer one, which would cost its length
/// squared and is no slip of the fingers.
fn letters(typed: &str) -> Option<Vec<char>> {
    let is_short = !typed.is_empty() && typed.len() <= 4 * LONGEST;
    is_short.then(|| typed.chars().collect::<Vec<_>>()).filter(|typed| typed.len() <= LONGEST)
}

/// Names that many words are held against, whatever the case of ASCII letters.
pub(crate) struct Near {
    names: Vec<String>,
    rows: Rows,
}

impl Near {
    pub(crate) fn new<'n>(names: impl Iterator<Item = &'n str>) -> Self {
        Near { names: names.map(str::to_ascii_lowercase).collect(), rows: Rows::default() }
    }

    /// Whether a word is one of the names, or near one.
    pub(crate) fn has(&mut self, typed: &str) -> bool {
        let Some(typed) = letters(typed) else { return false };
        let typed: Vec<char> =
            typed.into_iter().map(|letter| letter.to_ascii_lowercase()).collect();
        self.names.iter().any(|name| self.rows.distance(&typed, name).is_some())
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
