//! What is said of a file that cannot be read: that of a secret, or the config file.

use std::io::ErrorKind;

use crate::record::fault::{Fault, Place};
use crate::record::report::Report;
use crate::wording::english::Phrase;

#[inline]
pub(crate) fn unread<'t, 'd>(report: &Report<'t, 'd>, group: &[&Fault<'d>]) -> &'t str {
    let speech = report.speech;
    let Some(&fault) = group.first() else { return "" };
    let Some(unread) = fault.unread() else { return "" };
    let what = match (fault.place(), unread.file()) {
        (Place::Nowhere, "") => speech.say(Phrase::SettingsUnread),
        (Place::Nowhere, file) => speech.tell(Phrase::SettingsUnreadAt, &[speech.visible(file)]),
        _ => speech.tell(Phrase::FileUnread, &[report.name(fault)]),
    };
    let why = match unread.kind() {
        ErrorKind::NotFound => speech.say(Phrase::UnreadAbsent),
        ErrorKind::PermissionDenied => speech.say(Phrase::UnreadForbidden),
        ErrorKind::IsADirectory => speech.say(Phrase::UnreadFolder),
        ErrorKind::InvalidData => speech.say(Phrase::UnreadNoText),
        _ if unread.is_own() => speech.visible(unread.said()),
        _ => return speech.tell(Phrase::Cited, &[what, speech.visible(unread.said())]),
    };
    speech.of(&[what, speech.say(Phrase::Colon), why])
}
