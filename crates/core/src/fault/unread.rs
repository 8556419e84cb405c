//! What is said of a file that cannot be read: that of a secret, or the config file.

use std::io::ErrorKind;

use crate::read::{Fault, Faults, Place};
use crate::text::{own, visible};
use crate::wording::fill;

pub(crate) fn unread<'d>(faults: &Faults<'d>, group: &[&Fault<'d>]) -> String {
    let wording = faults.path().root().phrases();
    let Some(&fault) = group.first() else { return String::new() };
    let Some(unread) = fault.unread() else { return String::new() };
    let what = match (fault.place(), unread.file()) {
        (Place::Nowhere, "") => own(wording.settings_unread()),
        (Place::Nowhere, file) => fill(wording.settings_unread_at(), &[&visible(file)]),
        _ => fill(wording.file_unread(), &[&faults.name(fault)]),
    };
    let why = match unread.kind() {
        ErrorKind::NotFound => wording.unread_absent(),
        ErrorKind::PermissionDenied => wording.unread_forbidden(),
        ErrorKind::IsADirectory => wording.unread_folder(),
        ErrorKind::InvalidData => wording.unread_no_text(),
        _ if unread.is_own() => &visible(unread.said()),
        _ => return fill(wording.cited(), &[&what, &visible(unread.said())]),
    };
    what + wording.colon() + why
}
