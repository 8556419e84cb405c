//! What a declaration says about a value, as a sentence behind the help.

use super::Entry;
use crate::declare::{Param, Role, Times};
use crate::text::{Put, digits};
use crate::wording::{Wording, fill};

/// The help of a parameter, and the facts that are declared.
pub(super) fn help(param: &Param<'_>, wording: &Wording) -> String {
    let limits = limits(param, wording);
    let mut text = param.help.to_owned();
    if !limits.is_empty() {
        if !text.is_empty() {
            text.put(wording.colon);
        }
        text.put(&limits);
    }
    if let Some(default) = param.default {
        if limits.is_empty() {
            add(&mut text, wording, &fill(wording.unless_given, &[default]));
        } else {
            text = fill(wording.and_unless_given, &[&text, default]);
        }
    }
    if !param.opposite.is_empty() {
        let mut opposite = String::new();
        if param.opposite_short == 0 {
            push_name(&mut opposite, 0, Some(param.opposite));
        } else {
            push_names(&mut opposite, param.opposite_short, Some(param.opposite));
        }
        add(&mut text, wording, &fill(wording.opposite, &[&opposite]));
    }
    add(&mut text, wording, &again(param, wording));
    text
}

fn add(text: &mut String, wording: &Wording, fact: &str) {
    if !fact.is_empty() && !text.is_empty() {
        text.put(wording.semicolon);
    }
    text.put(fact);
}

/// What the validators or the list of choices allow. Choices with help of their own are listed
/// below instead.
fn limits(param: &Param<'_>, wording: &Wording) -> String {
    if let [kind] = param.kinds()
        && kind.offers().next().is_some()
        && kind.offers().all(|offer| offer.1.is_empty())
    {
        return wording.noun(kind);
    }
    let mut limits = String::new();
    for test in param.tests() {
        let before = limits.len();
        match test.bounds() {
            Some((low, high)) => limits.put(&fill(wording.range, &[&low, &high])),
            None => limits.put(test.says()),
        }
        if before > 0 && limits.len() > before {
            limits.insert_str(before, wording.comma);
        }
    }
    limits
}

/// The choices of a parameter, when they have help of their own.
pub(super) fn offers(param: &Param<'_>) -> Vec<Entry> {
    let mut offers = Vec::new();
    let mut explained = false;
    if let [kind] = param.kinds() {
        for (name, help) in kind.offers() {
            explained |= !help.is_empty();
            offers.push(Entry::plain(name, help));
        }
    }
    if explained { offers } else { Vec::new() }
}

/// How often it may be given, where that is more than once.
fn again(param: &Param<'_>, wording: &Wording) -> String {
    let Times { min, max } = param.times();
    match param.role {
        Role::Tally => wording.repeated.to_owned(),
        _ if param.counted && min == max => fill(wording.times_exactly, &[&digits(max as usize)]),
        _ if param.counted && max < u32::MAX && min <= 1 => {
            fill(wording.times_up_to, &[&digits(max as usize)])
        }
        _ if param.counted && max < u32::MAX => {
            fill(wording.times_range, &[&digits(min as usize), &digits(max as usize)])
        }
        Role::Option if param.form.many => wording.given_again.to_owned(),
        _ => String::new(),
    }
}

/// `-f, --frames`; a name without a short one stands where long names stand.
pub(super) fn push_names(text: &mut String, short: u8, long: Option<&str>) {
    if short == 0 {
        text.put("    ");
    } else {
        text.push('-');
        text.push(char::from(short));
    }
    if let Some(long) = long {
        text.put(if short == 0 { "--" } else { ", --" });
        text.put(long);
    }
}

/// The shortest name: `-f`.
pub(super) fn push_name(text: &mut String, short: u8, long: Option<&str>) {
    match long {
        Some(long) if short == 0 => {
            text.put("--");
            text.put(long);
        }
        _ => push_names(text, short, None),
    }
}
