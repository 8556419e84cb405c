//! zsh: a script that asks the program. zsh undoes no quoting of what it hands out, and makes that of what it inserts.

use clavret_core::Command;
use clavret_core::inner::digits;
use clavret_core::world::World;

use super::{Shell, named};
use crate::engine::{Cursor, Fits, Suggestion, Typed, complete_by};
use crate::live::line::{unquoted, unquoted_begun};
use crate::live::{Look, Records, are_options, explained, one_line, parted, rooted, runs, widest};

/// zsh, from 5.0 on.
pub static ZSH: Shell =
    Shell::new("zsh", "for ~/.zshrc: evaluate the output", script).answers(answer);

fn script(root: &Command<'_>) -> String {
    // By its first line zsh finds the script in fpath. It takes the name as it is, so one that is more than letters is
    // left out.
    let name = root.ask().program_name();
    let is_plain = name.chars().all(|letter| letter.is_alphanumeric() || "-_.+".contains(letter));
    let first = if is_plain { format!("#compdef {name}\n") } else { String::new() };
    first + &named(include_str!("live.zsh"), root)
}

/// The fields are which of the words the cursor is in, that word up to the cursor and from there on, how many columns there
/// are, and all words. Which of what is offered matches, zsh decides as its user has it.
fn answer(root: &Command<'_>, fields: &[&str], world: &dyn World) -> Option<String> {
    let [at, begun, rest, columns, words @ ..] = fields else { return None };
    let at: usize = at.parse().ok()?;
    let typed = |words: &[&str]| words.iter().map(|word| unquoted(word)).collect::<Vec<Typed>>();
    let before = typed(words.get(1..at)?);
    let after = typed(words.get(at + 1..).unwrap_or_default());
    let begun = unquoted_begun(begun);
    let cursor = Cursor { before, begun: begun.typed, after };
    let blocks = complete_by(root, &cursor, world, &[Fits::AnyCase, Fits::Within]);
    let blocks = rooted(blocks, &cursor, begun.root.as_ref());
    let width = widest(&blocks, &|word| word.shown().to_owned());
    let columns = columns.parse().ok().filter(|columns| *columns > 0).unwrap_or(usize::MAX);
    let mut records = Records::new('\u{1e}');
    if are_options(&blocks, &cursor.begun.text.to_string_lossy()) {
        records.put("list");
    }
    for block in &blocks {
        match block {
            Suggestion::Words { group, words } => {
                for run in runs(words) {
                    let (mut texts, mut shown) = (Vec::new(), Vec::new());
                    for word in run {
                        texts.push(word.text.clone());
                        let between = ["  -- ", ""];
                        shown.push(explained(word.shown(), &word.help, (width, columns), between));
                    }
                    // In front of the rest of the word no space follows.
                    let end = if run[0].is_whole && rest.is_empty() { " " } else { "" };
                    records.words(end, &one_line(group).replace('%', "%%"), &texts, &shown);
                }
            }
            Suggestion::LookUp { what, before, ends, begun: path } => {
                let (root, path) = parted(path, (cursor.begun.text.len(), begun.root.as_ref()));
                let (what, quote, kept) = (*what, "", "");
                records.look(&Look { what, quote, before, root, ends, begun: path, kept });
            }
            // The program's own name is the first of zsh's words, and it counts from 1.
            Suggestion::Line { from } => records.line(&digits(from + 2)),
            Suggestion::Hint(sentence) => records.hint(sentence),
        }
    }
    Some(records.text())
}
