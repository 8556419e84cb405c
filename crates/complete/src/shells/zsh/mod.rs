//! zsh: a script that asks the program. zsh undoes no quoting of what it hands out, and makes that of what it inserts.

use clavret_core::{Command, World};

use super::{Shell, named};
use crate::engine::{Block, Cursor, Typed, complete_in};
use crate::live::line::unquoted;
use crate::live::{Records, explained, one_line, runs, widest};

/// zsh, from 5.0 on.
pub static ZSH: Shell =
    Shell::new("zsh", "eval what is printed in ~/.zshrc, after compinit", script).answers(answer);

fn script(root: &Command<'_>) -> String {
    // By its first line zsh finds the script in fpath. It takes the name as it is, so one that is more than letters is
    // left out.
    let name = root.program_name();
    let is_plain = name.chars().all(|letter| letter.is_alphanumeric() || "-_.+".contains(letter));
    let first = if is_plain { format!("#compdef {name}\n") } else { String::new() };
    first + &named(include_str!("live.zsh"), root)
}

/// The fields are which of the words the cursor is in, that word up to the cursor and from there on, and all words.
fn answer(root: &Command<'_>, fields: &[&str], world: &dyn World) -> Option<String> {
    let [at, begun, rest, words @ ..] = fields else { return None };
    let at: usize = at.parse().ok()?;
    let typed = |words: &[&str]| words.iter().map(|word| unquoted(word)).collect::<Vec<Typed>>();
    let before = typed(words.get(1..at)?);
    let after = typed(words.get(at + 1..).unwrap_or_default());
    let cursor = Cursor { before, begun: unquoted(begun), after };
    let blocks = complete_in(root, &cursor, world);
    let width = widest(&blocks, &str::to_owned);
    let mut records = Records::new('\u{1e}');
    for block in &blocks {
        match block {
            Block::Words { group, words } => {
                for run in runs(words) {
                    let (mut texts, mut shown) = (Vec::new(), Vec::new());
                    for word in run {
                        texts.push(word.text.clone());
                        shown.push(explained(&word.text, &word.help, width, ["  -- ", ""]));
                    }
                    // In front of the rest of the word no space follows.
                    let end = if run[0].is_whole && rest.is_empty() { " " } else { "" };
                    records.words(end, &one_line(group).replace('%', "%%"), &texts, &shown);
                }
            }
            Block::Look { what, before, ends, begun } => {
                records.look(*what, "", before, (ends, begun))
            }
            Block::Hint(sentence) => records.hint(sentence),
        }
    }
    Some(records.text())
}
