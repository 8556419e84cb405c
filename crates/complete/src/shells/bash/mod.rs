//! bash: a script that asks the program, and for packagers a whole one that starts nothing.

mod quote;
mod whole;

use clavret_core::{Command, World};

use super::{Shell, named};
use crate::engine::{Block, complete_in};
use crate::live::line::{Line, Quote, Syntax};
use crate::live::{Records, explained, runs, widest};
use quote::quoted;

/// GNU bash, from 4.4 on.
pub static BASH: Shell = Shell::new("bash", "eval what is printed in ~/.bashrc", script)
    .answers(answer)
    .whole(whole::script);

/// How bash asks where it only lists what there is.
const LISTING: &str = "63";
/// How it asks where one candidate after the other is put in place.
const IN_TURN: &str = "37";

fn script(root: &Command<'_>) -> String {
    named(include_str!("live.bash"), root)
}

/// The fields are how it asks, the text that is replaced, the line up to the cursor, the rest of it, and what breaks
/// words.
fn answer(root: &Command<'_>, fields: &[&str], world: &dyn World) -> Option<String> {
    let [asked, replaced, before, after, ..] = fields else { return None };
    let line = Line::of(before, after, Syntax::Posix);
    let mut records = Records::new('\u{1e}');
    // What readline keeps of the word, and what that means: the rest is replaced.
    let kept = line.raw.strip_suffix(replaced).unwrap_or_default();
    let kept = Line::of(&("_ ".to_owned() + kept), "", Syntax::Posix).cursor.begun.text;
    let kept = kept.to_string_lossy();
    let inserted = |text: &str| quoted(text.strip_prefix(&*kept).unwrap_or(text), line.quote);
    let quote = match line.quote {
        Quote::None => "",
        Quote::Double => "\"",
        Quote::Single | Quote::Escaping => "'",
    };
    if line.is_redirected {
        let begun = line.cursor.begun.text.to_string_lossy();
        records.look(clavret_core::Refers::Path, quote, "", (&[], &begun));
        return Some(records.text());
    }
    let blocks = complete_in(root, &line.cursor, world);
    let count: usize = blocks
        .iter()
        .map(|block| if let Block::Words { words, .. } = block { words.len() } else { 0 })
        .sum();
    let lists = *asked == LISTING && count > 1;
    // Neither within a quote, which readline closes, nor in front of the rest of the word does a space follow.
    let ends =
        line.quote == Quote::None && !after.starts_with(|letter: char| !letter.is_whitespace());
    let width = if lists { widest(&blocks, &inserted) } else { 0 };
    for block in &blocks {
        match block {
            Block::Words { group, words } => {
                for run in runs(words) {
                    let mut texts = Vec::new();
                    for word in run {
                        let mut text = inserted(&word.text);
                        if lists {
                            text = explained(&text, &word.help, width, ["  (", ")"]);
                        } else if word.is_whole && ends && *asked != IN_TURN {
                            text.push(' ');
                        }
                        texts.push(text);
                    }
                    records.words("", group, &texts, &[]);
                }
            }
            Block::Look { what, before, ends, begun } => {
                records.look(*what, quote, &inserted(before), (ends, begun));
            }
            Block::Hint(sentence) => records.hint(sentence),
        }
    }
    Some(records.text())
}
