// Written from the rows in `tables/src/`. Change those, and run `UPDATE_EXPECT=1 cargo test -p clavret-tables`.

//! The setters of a parameter whose keys take a text, a character or a truth value; and the constructors of rules.

use bumpalo::Bump;
use clavret_core::Rule;
use clavret_core::shape::Untyped;

use super::rules::Makes;
use super::view::View;

/// Calls the setters whose keys a table has.
pub(super) fn set<'d>(mut key: Untyped<'d>, view: View<'d>, arena: &'d Bump) -> Untyped<'d> {
    if let Some(given) = view.texts("aliases", arena) {
        key = key.aliases(given);
    }
    if let Some(given) = view.texts("formerly", arena) {
        key = key.formerly(given);
    }
    if view.is("hidden") {
        key = key.hidden();
    }
    if let Some(given) = view.letter("letter") {
        key = key.letter(given);
    }
    if view.is("throughout") {
        key = key.throughout();
    }
    if view.is("anew") {
        key = key.anew();
    }
    if let Some(given) = view.text("help") {
        key = key.help(given);
    }
    if let Some(given) = view.text("description") {
        key = key.description(given);
    }
    if let Some(given) = view.text("deprecated") {
        key = key.deprecated(given);
    }
    if let Some(given) = view.text("deprecated-since") {
        key = key.deprecated_since(given);
    }
    if let Some(given) = view.text("deprecated-until") {
        key = key.deprecated_until(given);
    }
    if let Some(given) = view.text("placeholder") {
        key = key.placeholder(given);
    }
    if let Some(given) = view.scalar("default") {
        key = key.default(given);
    }
    if view.is("distinct") {
        key = key.distinct();
    }
    if let Some(given) = view.letter("joined-by") {
        key = key.joined_by(given);
    }
    if view.is("secret") {
        key = key.secret();
    }
    if view.is("as-in-code") {
        key = key.as_in_code();
    }
    if view.is("infinite") {
        key = key.infinite();
    }
    if view.is("present") {
        key = key.present();
    }
    if view.is("absent") {
        key = key.absent();
    }
    if view.is("file") {
        key = key.file();
    }
    if view.is("directory") {
        key = key.directory();
    }
    if let Some(given) = view.texts("extensions", arena) {
        key = key.extensions(given);
    }
    if let Some(given) = view.text("opposite") {
        key = key.opposite(given);
    }
    if let Some(given) = view.letter("opposite-letter") {
        key = key.opposite_letter(given);
    }
    if view.is("worded") {
        key = key.worded();
    }
    if let Some(given) = view.text("secret-file") {
        key = key.secret_file(given);
    }
    if let Some(given) = view.text("variable") {
        key = key.variable(given);
    }
    if view.is("once") {
        key = key.once();
    }

    key
}

/// The keys of rules, each with what makes one.
pub(super) const RULES: &[(&str, Makes)] = &[
    ("only-one", Makes::Members(|members| Rule::only_one(members))),
    ("at-least-one", Makes::Members(|members| Rule::at_least_one(members))),
    ("all-or-none", Makes::Members(|members| Rule::all_or_none(members))),
    ("only-with", Makes::Param(|param, members| Rule::only_with(param, members))),
    ("not-with", Makes::Param(|param, members| Rule::not_with(param, members))),
    ("needed-with", Makes::Value(|members, param, value| Rule::needed_with(members, param, value))),
];
