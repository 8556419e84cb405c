//! fish: a script that asks the program. fish hands out its line as it was typed, and quotes what it inserts.

use clavret_core::{Command, Refers, World};

use super::{Shell, named};
use crate::engine::{Block, complete_in};
use crate::live::line::{Line, Syntax};
use crate::live::{Records, one_line};

/// fish, from 3.1 on.
pub static FISH: Shell =
    Shell::new("fish", "source what is printed in ~/.config/fish/config.fish", script)
        .answers(answer);

fn script(root: &Command<'_>) -> String {
    named(include_str!("live.fish"), root)
}

/// The fields are the command up to the cursor, and the whole command.
fn answer(root: &Command<'_>, fields: &[&str], world: &dyn World) -> Option<String> {
    let [before, whole] = fields else { return None };
    let after = whole.strip_prefix(before).unwrap_or_default();
    let line = Line::of(before, after, Syntax::Fish);
    let mut records = Records::new('\0');
    if line.is_redirected {
        let begun = line.cursor.begun.text.to_string_lossy();
        records.look(Refers::Path, "", "", (&[], &begun));
        return Some(records.text());
    }
    for block in complete_in(root, &line.cursor, world) {
        match block {
            Block::Words { group, words } => {
                let mut texts = Vec::new();
                // What comes after a tab is the help.
                for word in words.iter().filter(|word| !word.text.contains('\t')) {
                    texts.push(word.text.clone() + "\t" + &one_line(&word.help));
                }
                records.words("", &group, &texts, &[]);
            }
            Block::Look { what, before, ends, begun } => {
                records.look(what, "", &before, (&ends, &begun))
            }
            Block::Hint(sentence) => records.hint(&sentence),
        }
    }
    Some(records.text())
}
