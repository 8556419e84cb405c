// Written from the rows in `tables/src/`. Change those, and run `UPDATE_EXPECT=1 cargo test -p clavret-tables`.

//! Setters and rules by their names.

use bumpalo::Bump;
use clavret_core::Rule;
use clavret_core::ask::Param;
use clavret_core::shape::Untyped;

use crate::spec::Say;
use crate::tree::texts;

/// Calls a setter that takes a text, a character or nothing; another does what is neither of these.
pub(crate) fn set<'a>(
    key: Untyped<'a>,
    name: &str,
    say: &'a Say,
    arena: &'a Bump,
    another: impl FnOnce(Untyped<'a>) -> Untyped<'a>,
) -> Untyped<'a> {
    match (name, say) {
        ("aliases", Say::Texts(all)) => key.aliases(texts(all, arena)),
        ("formerly", Say::Texts(all)) => key.formerly(texts(all, arena)),
        ("hidden", _) => key.hidden(),
        ("letter", Say::Letter(letter)) => key.letter(*letter),
        ("throughout", _) => key.throughout(),
        ("anew", _) => key.anew(),
        ("help", Say::Text(text)) => key.help(text),
        ("description", Say::Text(text)) => key.description(text),
        ("deprecated", Say::Text(text)) => key.deprecated(text),
        ("deprecated_since", Say::Text(text)) => key.deprecated_since(text),
        ("deprecated_until", Say::Text(text)) => key.deprecated_until(text),
        ("placeholder", Say::Text(text)) => key.placeholder(text),
        ("default", Say::Text(text)) => key.default(text),
        ("distinct", _) => key.distinct(),
        ("joined_by", Say::Letter(letter)) => key.joined_by(*letter),
        ("secret", _) => key.secret(),
        ("as_in_code", _) => key.as_in_code(),
        ("infinite", _) => key.infinite(),
        ("present", _) => key.present(),
        ("absent", _) => key.absent(),
        ("file", _) => key.file(),
        ("directory", _) => key.directory(),
        ("extensions", Say::Texts(all)) => key.extensions(texts(all, arena)),
        ("opposite", Say::Text(text)) => key.opposite(text),
        ("opposite_letter", Say::Letter(letter)) => key.opposite_letter(*letter),
        ("worded", _) => key.worded(),
        ("secret_file", Say::Text(text)) => key.secret_file(text),
        ("variable", Say::Text(text)) => key.variable(text),
        ("once", _) => key.once(),
        _ => another(key),
    }
}

/// A rule about its members, and the parameter and value that it hangs on.
pub(crate) fn rule<'a>(
    name: &str,
    members: &'a [&'a Param<'a>],
    when: Option<(&'a Param<'a>, &'a str)>,
) -> Rule<'a> {
    match (name, when) {
        ("only_one", _) => Rule::only_one(members),
        ("at_least_one", _) => Rule::at_least_one(members),
        ("all_or_none", _) => Rule::all_or_none(members),
        ("only_with", Some((param, _))) => Rule::only_with(param, members),
        ("not_with", Some((param, _))) => Rule::not_with(param, members),
        ("needed_with", Some((param, value))) => Rule::needed_with(members, param, value),
        (name, _) => panic!("there is no rule `{name}` of {when:?}"),
    }
}
