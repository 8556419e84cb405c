//! Entries whose keys are a closed list: what pages have of the keys, why the value of one is refused that takes values of
//! its own, and what may help against a key, or a value, that is nearly one.

use crate::fault::refuse::{among, is_of, miss_phrase};
use crate::fault::say::joined;
use crate::record::brought::Keyed;
use crate::record::kind::Kind;
use crate::record::mend::Mend;
use crate::record::page::{Block, Entry, Layout};
use crate::record::refusal::Reason;
use crate::text::{Put, unquoted};
use crate::wording::Speech;
use crate::wording::english::Phrase;

pub(crate) const KEYED: &Keyed = &Keyed { offers, refused, mend: Mend::KEYED };

/// The keys of entries, each with its help and what its value may be, where some say that.
fn offers(kind: &Kind<'_>, speech: Speech<'_>) -> Option<Block> {
    let (keys, _) = kind.sides()?;
    let mut entries = Vec::new();
    for key in keys.all_offers().iter().filter(|key| !key.is_deprecated()) {
        let value = key.kind_of_value().map(|kind| speech.such_as(speech.takes_kind(kind, None)));
        let said = match (key.told_help(), value) {
            (help, None) => help,
            ("", Some(value)) => value,
            (help, Some(value)) => speech.of(&[help, speech.say(Phrase::Colon), value]),
        };
        entries.put(Entry::plain(speech.of(&[key.name(), "="]), said));
    }
    keys.has_values().then_some(Block::Entries(Layout::Close, entries))
}

/// Why the value of a key is refused that takes values of its own.
fn refused<'t>(
    speech: Speech<'t>,
    kind: &Kind<'_>,
    (key, reason): (u32, &Reason),
    (name, typed): (&str, &str),
) -> &'t str {
    let offer = kind.sides().and_then(|(keys, _)| keys.all_offers().get(key as usize));
    let Some((key, kind)) = offer.and_then(|key| Some((key.name(), key.kind_of_value()?))) else {
        return "";
    };
    let value = unquoted(typed).get(key.len() + 1..).unwrap_or(typed);
    let value = speech.of(&["'", value, "'"]);
    let name = speech.of(&[name, " ", key, "="]);
    let takes = speech.such_as(speech.takes_kind(kind, Some(reason)));
    let sentence = speech.tell(Phrase::ValueMisfit, &[name, takes]);
    let why = match reason {
        Reason::Own(reason) => speech.visible(reason),
        Reason::Near(miss) => speech.fill(miss_phrase(speech, miss), &[value, ""]),
        reason => {
            let is = is_of(speech, Some(reason), among(kind), false);
            let is = speech.fill(is, &[value]);
            match reason {
                Reason::Cited(said) => speech.tell(Phrase::Cited, &[is, speech.visible(said)]),
                _ => is,
            }
        }
    };
    joined(speech, sentence, why)
}
