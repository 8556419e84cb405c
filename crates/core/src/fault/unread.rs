//! What is said of a file that cannot be read: that of a secret, or the config file.

use std::io::ErrorKind;

use super::Report;
use crate::read::{Fault, Place};

pub(crate) fn unread<'t, 'd>(report: &Report<'t, 'd>, group: &[&Fault<'d>]) -> &'t str {
    let speech = report.speech;
    let Some(&fault) = group.first() else { return "" };
    let Some(unread) = fault.unread() else { return "" };
    let what = match (fault.place(), unread.file()) {
        (Place::Nowhere, "") => speech.settings_unread(),
        (Place::Nowhere, file) => speech.fill(speech.settings_unread_at(), &[speech.visible(file)]),
        _ => speech.fill(speech.file_unread(), &[report.name(fault)]),
    };
    let why = match unread.kind() {
        ErrorKind::NotFound => speech.unread_absent(),
        ErrorKind::PermissionDenied => speech.unread_forbidden(),
        ErrorKind::IsADirectory => speech.unread_folder(),
        ErrorKind::InvalidData => speech.unread_no_text(),
        _ if unread.is_own() => speech.visible(unread.said()),
        _ => return speech.fill(speech.cited(), &[what, speech.visible(unread.said())]),
    };
    speech.of(&[what, speech.colon(), why])
}
