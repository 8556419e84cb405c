//! The texts of problems that no pattern tells.

use super::message::Message;
use super::problem::{Finding, Shared};
use crate::text::bytes::same;

impl Finding<'_> {
    /// The text of those that no pattern tells.
    #[inline]
    pub(super) const fn special(&self) -> Message {
        let text = Message::new();
        match *self {
            Finding::Letter { name, letter, why } => {
                let mut buffer = [0; 4];
                let text = text.text("the letter of `").text(name).text("`, `");
                text.text(letter.encode_utf8(&mut buffer)).text("`, ").text(why)
            }
            Finding::Lonely { only, command } => {
                let text = text.text("a rule of the command `").text(command).text("` has ");
                let text = match only.is_empty() {
                    true => text.text("no members"),
                    false => text.text("one member, `").text(only).text("`"),
                };
                text.text(" (a rule is about two parameters at least)")
            }
            Finding::Unrouted { command, above } => {
                let text = text.text("no route leads to the command `").text(above);
                let text = if above.is_empty() { text } else { text.text(" ") };
                text.text(command).text("`, so a line that calls it would do nothing")
            }
            Finding::Clash { name, setters: [first, second] } => {
                let text = text.text("`").text(first).text("` and `").text(second);
                text.text("` of `").text(name).text("` exclude each other")
            }
            Finding::Placeholder { name, placeholder, texts, words } => {
                let text = text.text("the placeholder of `").text(name).text("`, `");
                let text = text.text(placeholder).text("`, has ").number(texts);
                let text = text.text(if texts == 1 { " text" } else { " texts" });
                let text = text.text(", and a value has ").number(words);
                let text = text.text(if words == 1 { " word" } else { " words" });
                text.text(" (a text for each, spaces between)")
            }
            Finding::Bundle { heading, why } => {
                let text = text.text(why);
                if heading.is_empty() { text } else { text.text(" (`").text(heading).text("`)") }
            }
            _ => self.twins(),
        }
    }

    /// The text of two that share a name.
    #[inline]
    const fn twins(&self) -> Message {
        let text = Message::new();
        match *self {
            Finding::Long { first, second, name, command, above } => {
                let pattern = match same(first, second) && same(command, above) {
                    true => "`--{name}` is declared twice",
                    false => "`{first}` and `{second}` both answer to `--{name}`",
                };
                let with = [("first", first), ("second", second), ("name", name)];
                text.fill(pattern, &with).placed(command, above, first)
            }
            Finding::Letters { first, second, letter, command, above } => {
                let text = text.text("`").text(first).text("` and `").text(second);
                let text = text.text("` both have the letter `-").letter(letter).text("`");
                text.placed(command, above, first)
            }
            Finding::Commands { first, second, name, command } => {
                let pattern = match same(first, second) {
                    true => "two subcommands are called `{first}`",
                    false => "the subcommands `{first}` and `{second}` both answer to `{name}`",
                };
                let with = [("first", first), ("second", second), ("name", name)];
                text.fill(pattern, &with).text(" in the command `").text(command).text("`")
            }
            Finding::Usual { name, command, usual, shared } => {
                let text = text.text("`").text(name).text("` of the command `").text(command);
                let text = match shared {
                    Shared::Long(long) => text.text("` has the name `--").text(long),
                    Shared::Letter(letter) => text.text("` has the letter `-").letter(letter),
                };
                let text = text.text("`, as the usual `").text(usual);
                text.text(
                    "` has (choose another, or list in the root's `usual` only what is to stay)",
                )
            }
            _ => text,
        }
    }
}

impl Message {
    #[inline]
    const fn placed(self, command: &str, above: &str, first: &str) -> Self {
        let text = self.text(" in the command `").text(command).text("`");
        if same(command, above) {
            return text;
        }
        let text = text.text("; `").text(first).text("` is accepted throughout `");
        text.text(above).text("`")
    }
}
