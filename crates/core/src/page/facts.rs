//! What a declaration says about a value, as a sentence behind the help.

use crate::declare::{Param, Role, Times};
use crate::wording::{Wording, fill};

/// The help of a parameter, and the facts that are declared.
pub(super) fn help(param: &Param<'_>, wording: &Wording) -> String {
    let limits = limits(param, wording);
    let mut text = match (param.help, &limits[..]) {
        (help, "") => help.to_owned(),
        ("", limits) => limits.to_owned(),
        (help, limits) => format!("{help}{}{limits}", wording.colon),
    };
    if let Some(default) = param.default {
        if limits.is_empty() {
            add(&mut text, wording, &fill(wording.unless_given, &[default]));
        } else {
            text = fill(wording.and_unless_given, &[&text, default]);
        }
    }
    if !param.opposite.is_empty() {
        let opposite = names(param.opposite_short, Some(param.opposite));
        add(&mut text, wording, &fill(wording.opposite, &[&opposite]));
    }
    add(&mut text, wording, &again(param, wording));
    text
}

fn add(text: &mut String, wording: &Wording, fact: &str) {
    if !fact.is_empty() && !text.is_empty() {
        text.push_str(wording.semicolon);
    }
    text.push_str(fact);
}

/// What the validators or the list of choices allow. Choices with help of their own are listed
/// below instead.
fn limits(param: &Param<'_>, wording: &Wording) -> String {
    let tested: Vec<String> = param.tests().map(|test| test.on_page(wording)).collect();
    let tested: Vec<&str> =
        tested.iter().map(String::as_str).filter(|text| !text.is_empty()).collect();
    match param.kinds() {
        [kind] if offers(param).is_empty() && kind.offers().next().is_some() => wording.noun(kind),
        _ => tested.join(wording.comma),
    }
}

/// The choices of a parameter, when they have help of their own.
pub(super) fn offers(param: &Param<'_>) -> Vec<(String, String)> {
    let [kind] = param.kinds() else { return Vec::new() };
    let offers: Vec<(String, String)> =
        kind.offers().map(|(name, help)| (name.to_owned(), help.to_owned())).collect();
    if offers.iter().all(|offer| offer.1.is_empty()) { Vec::new() } else { offers }
}

/// How often it may be given, where that is more than once.
fn again(param: &Param<'_>, wording: &Wording) -> String {
    let Times { min, max } = param.times();
    match param.role {
        Role::Tally => wording.repeated.to_owned(),
        _ if param.counted && min == max => fill(wording.times_exactly, &[&max.to_string()]),
        _ if param.counted && max < u32::MAX && min <= 1 => {
            fill(wording.times_up_to, &[&max.to_string()])
        }
        _ if param.counted && max < u32::MAX => {
            fill(wording.times_range, &[&min.to_string(), &max.to_string()])
        }
        Role::Option if param.form.many => wording.given_again.to_owned(),
        _ => String::new(),
    }
}

/// `-f, --frames`; a name without a short one stands where long names stand.
pub(super) fn names(short: u8, long: Option<&str>) -> String {
    match (short, long) {
        (0, Some(long)) => format!("    --{long}"),
        (short, Some(long)) => format!("-{}, --{long}", char::from(short)),
        (short, None) => format!("-{}", char::from(short)),
    }
}
