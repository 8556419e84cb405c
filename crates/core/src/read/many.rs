//! Names among very many, found by their hashes: to look through all of them for each word would take a time that grows
//! with the square of a line.

use crate::record::line::{Found, Many, Reader};
use crate::text::Put;
use crate::text::bytes::hash;
use crate::text::order::pairs_in_order;

impl<'d> Reader<'d> {
    /// So many parameters of commands on the way are looked through.
    pub(crate) const SCANNED: usize = 256;

    /// Brings the names in order that a word with dashes is looked up in.
    #[cold]
    pub(crate) fn order_names(&mut self) {
        let levels = self.line.trail.levels().count();
        if self.many.as_ref().is_some_and(|many| many.levels == levels) {
            return;
        }
        let reach = self.names_in_reach();
        let (mut names, mut letters) = (Vec::new(), 0);
        for (at, reached) in reach.list().iter().enumerate() {
            for name in (0..).map_while(|k| reached.param.long_name(k)) {
                if name.len() > 1 {
                    names.put((hash(name.as_bytes()) as usize, at));
                }
            }
            for letter in reached.param.letters() {
                letters |= bit(letter);
            }
        }
        pairs_in_order(&mut names);
        self.many = Some(Box::new(Many { levels, reach, names, letters }));
    }

    /// The parameter of a long name; nothing where the names are not in order.
    #[cold]
    pub(crate) fn find_ordered(&self, name: &[u8]) -> Option<Option<Found<'d>>> {
        let levels = self.line.trail.levels().count();
        let many = self.many.as_ref().filter(|many| many.levels == levels)?;
        let hash = hash(name) as usize;
        let from = many.names.partition_point(|known| known.0 < hash);
        let mut same = many.names[from..].iter().take_while(|known| known.0 == hash);
        Some(same.find_map(|&(_, at)| {
            let reached = many.reach.list()[at];
            let hit = reached.param.find_name(name)?;
            Some(Found { slot: reached.slot, param: reached.param, hit })
        }))
    }

    /// Whether no parameter in reach has a letter, as far as that is known.
    #[cold]
    pub(crate) fn lacks_letter(&self, letter: u8) -> bool {
        let levels = self.line.trail.levels().count();
        let many = self.many.as_ref().filter(|many| many.levels == levels);
        many.is_some_and(|many| many.letters & bit(letter) == 0)
    }
}

fn bit(letter: u8) -> u128 {
    if letter == 0 || letter >= 128 { 0 } else { 1 << letter }
}
