//! fish: a script that asks the program. fish hands out its line as it was typed, and quotes what it inserts.

use clavret_core::world::World;
use clavret_core::{Command, Refers};

use super::{Shell, named};
use crate::engine::{Fits, Suggestion, complete_by};
use crate::live::line::{Line, Syntax};
use crate::live::{Look, Records, are_options, one_line, parted, rooted};

/// fish, from 3.1 on.
pub static FISH: Shell =
    Shell::new("fish", "for ~/.config/fish/config.fish: source the output", script).answers(answer);

fn script(root: &Command<'_>) -> String {
    named(include_str!("live.fish"), root)
}

/// The fields are the command up to the cursor, and the whole command.
fn answer(root: &Command<'_>, fields: &[&str], world: &dyn World) -> Option<String> {
    let [before, whole] = fields else { return None };
    let after = whole.strip_prefix(before).unwrap_or_default();
    let line = Line::of(before, after, Syntax::Fish);
    let mut records = Records::new('\0');
    let text = line.cursor.begun.text.to_string_lossy();
    let look = |records: &mut Records, what, before: &str, ends: &[String], begun: &str| {
        let (root, begun) = parted(begun, (text.len(), line.root.as_ref()));
        records.look(&Look { what, quote: "", before, root, ends, begun, kept: "" });
    };
    if line.is_redirected {
        look(&mut records, Refers::Path, "", &[], &text);
        return Some(records.text());
    }
    let blocks = complete_by(root, &line.cursor, world, &[Fits::AnyCase, Fits::Within]);
    let blocks = rooted(blocks, &line.cursor, line.root.as_ref());
    // fish would put in what they have in common.
    if are_options(&blocks, &text) {
        return Some(records.text());
    }
    for block in blocks {
        match block {
            Suggestion::Words { group, words } => {
                let mut texts = Vec::new();
                // What comes after a tab is the help.
                for word in words.iter().filter(|word| !word.text.contains('\t')) {
                    texts.push(word.text.clone() + "\t" + &one_line(&word.help));
                }
                records.words("", &group, &texts, &[]);
            }
            Suggestion::LookUp { what, before, ends, begun } => {
                look(&mut records, what, &before, &ends, &begun);
            }
            Suggestion::Line { from } => records.line(&before[line.starts[from]..]),
            Suggestion::Hint(sentence) => records.hint(&sentence),
        }
    }
    Some(records.text())
}
