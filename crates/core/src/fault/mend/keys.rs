//! What may help against an entry whose key, or the value of it, is nearly right.

use crate::record::bench::{Bench, Class};
use crate::text::near::near;
use crate::text::part::part;
use crate::text::{Listed, of};

impl Bench<'_, '_, '_> {
    /// An entry whose key is near one that there is, or the value near one that its key takes.
    pub(super) fn near_entry(&mut self) {
        let kind = self.fault.param().and_then(|param| param.word_kind(self.fault.which()));
        let (Some((word, start, end)), Some(kind)) = (self.place(), kind) else { return };
        let typed = part(self.typed(word), start, end);
        let entry = typed.to_str().and_then(|typed| typed.split_once('='));
        let Some((key, value)) = entry else { return };
        let (distance, keys) = near(key, &kind.keys().listed());
        for near in keys.iter().filter(|near| **near != key) {
            self.fill(Class::Spelled.at(distance), self.speech.item(of(&[near, "=", value])));
        }
        let offers = kind.value_of(key).into_iter().flat_map(|kind| kind.offers());
        let (distance, values) = near(value, &offers.map(|offer| offer.0).listed());
        for near in &values {
            self.fill(Class::Spelled.at(distance), self.speech.item(of(&[key, "=", near])));
        }
    }
}
