//! What a declaration says about a value, as a sentence behind the help.

use super::Entry;
use crate::declare::{Command, Param, Role, Rule, Sort, Times, is_record};
use crate::text::{DOTS, Put, digits};
use crate::wording::{Wording, fill};

/// The help of a parameter, and the facts that are declared. `command` is the one that takes it.
pub(crate) fn help(param: &Param<'_>, command: &Command<'_>, wording: &Wording) -> String {
    let limits = limits(param, wording);
    let mut text = param.help.to_owned();
    if !limits.is_empty() {
        if !text.is_empty() {
            text.put(wording.colon);
        }
        text.put(&limits);
    }
    if let Some(default) = param.default {
        let default = if param.secret { DOTS } else { default };
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
    if param.manner.code {
        add(&mut text, wording, wording.in_code);
    }
    if param.manner.infinite {
        add(&mut text, wording, wording.infinite);
    }
    if param.worded {
        add(&mut text, wording, wording.worded);
    }
    if param.is_attached() {
        add(&mut text, wording, wording.or_alone);
    }
    if !param.file_name.is_empty() {
        let name = "--".to_owned() + param.file_name;
        add(&mut text, wording, &fill(wording.from_file, &[&name]));
    }
    if let Some(delimiter) = param.delimiter {
        let delimiter = delimiter.to_string();
        add(&mut text, wording, &fill(wording.split_at, &[&delimiter]));
    }
    add(&mut text, wording, &again(param, wording));
    if !param.variable.is_empty() {
        add(&mut text, wording, &fill(wording.stands_in, &[param.variable]));
    }
    for rule in command.relations() {
        add(&mut text, wording, &relation(param, rule, wording));
    }
    text
}

#[inline(never)]
fn add(text: &mut String, wording: &Wording, fact: &str) {
    if !fact.is_empty() && !text.is_empty() {
        text.put(wording.semicolon);
    }
    text.put(fact);
}

/// What a rule says of one of its members.
fn relation(param: &Param<'_>, rule: &Rule<'_>, wording: &Wording) -> String {
    let is_member = rule.members.iter().any(|member| is_record(member, param));
    let hangs = rule.when.filter(|when| is_record(when.0, param)).is_some();
    let others = |last| {
        let others = rule.members.iter().filter(|member| !is_record(member, param));
        let names: Vec<String> = others.map(|other| other.spelled()).collect();
        wording.list(names.iter().map(String::as_str), last)
    };
    match (rule.sort, rule.when) {
        (Sort::OnlyOne, _) if is_member => fill(wording.not_with, &[&others(wording.or)]),
        (Sort::Excludes, _) if hangs => fill(wording.not_with, &[&others(wording.or)]),
        (Sort::Excludes, Some((other, _))) if is_member => {
            fill(wording.not_with, &[&other.spelled()])
        }
        (Sort::AtLeastOne, _) if is_member => fill(wording.this_or, &[&others(wording.or)]),
        (Sort::AllOrNone, _) if is_member => fill(wording.only_with, &[&others(wording.and)]),
        (Sort::Needs, _) if hangs => fill(wording.only_with, &[&others(wording.and)]),
        (Sort::NeededWith, Some((other, value))) if is_member => {
            fill(wording.needed_for, &[&(other.spelled() + " " + value)])
        }
        _ => String::new(),
    }
}

/// What the path, the validators or the list of choices allow. Choices with help of their own are
/// listed below instead.
fn limits(param: &Param<'_>, wording: &Wording) -> String {
    if let [kind] = param.kinds()
        && kind.offers().next().is_some()
        && kind.offers().all(|offer| offer.1.is_empty())
    {
        return wording.noun(kind);
    }
    let mut limits = wording.path(param).unwrap_or_default();
    for test in param.tests() {
        let before = limits.len();
        match test.bounds() {
            Some((low, high)) => limits.put(&fill(wording.range, &[&low, &high])),
            None => limits.put(&test.says()),
        }
        if before > 0 && limits.len() > before {
            limits.insert_str(before, wording.comma);
        }
    }
    match param.kinds() {
        [kind] if limits.is_empty() && kind.explained => wording.noun(kind),
        _ => limits,
    }
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
    // Words of an operand stand behind each other, or several within one; an option is given again.
    let [exactly, up_to, range] = match param.role == Role::Operand || param.delimiter.is_some() {
        true => [wording.count_exactly, wording.count_up_to, wording.count_range],
        false => [wording.times_exactly, wording.times_up_to, wording.times_range],
    };
    match param.role {
        Role::Tally => wording.repeated.to_owned(),
        _ if param.counted && min == max => fill(exactly, &[&digits(max as usize)]),
        _ if param.counted && max < u32::MAX && min <= 1 => fill(up_to, &[&digits(max as usize)]),
        _ if param.counted && max < u32::MAX => {
            fill(range, &[&digits(min as usize), &digits(max as usize)])
        }
        Role::Option if param.form.many && !param.once => wording.given_again.to_owned(),
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
