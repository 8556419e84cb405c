//! What may be wrong with a declaration, in words that name the culprits: for a clash, both. A
//! static shows them in a build error, so they are put together by `const fn`.

use super::message::Message;
use crate::text::bytes::same;

/// What is wrong with a declaration. Its text names the culprits: for a clash, both.
#[derive(Debug, Clone, Copy)]
#[non_exhaustive]
pub enum Problem<'d> {
    /// A name that no word could be, or that looks like something else.
    Name {
        /// The name as declared.
        name: &'d str,
        /// What is wrong with it.
        why: &'static str,
    },
    /// A letter that is none, and no digit either.
    Letter {
        /// The long name of the parameter.
        name: &'d str,
        /// The letter as declared.
        letter: char,
        /// What is wrong with it.
        why: &'static str,
    },
    /// Two parameters of a command, or of a command and one above it, answer to one long name.
    Long {
        /// The declared name of the one that came first.
        first: &'d str,
        /// The declared name of the other.
        second: &'d str,
        /// The name both answer to.
        name: &'d str,
        /// The command that has the second.
        command: &'d str,
        /// The command above it that accepts the first throughout; its own name otherwise.
        above: &'d str,
    },
    /// A default that does not read: no whole number of its type, none of its choices, too few or too many.
    Default {
        /// The parameter.
        name: &'d str,
        /// The default as declared.
        default: &'d str,
        /// What is wrong with it.
        why: &'static str,
        /// The limit that it is beyond; empty where it is no number at all.
        limit: &'d str,
    },
    /// Two parameters have one letter.
    Letters {
        /// The declared name of the one that came first.
        first: &'d str,
        /// The declared name of the other.
        second: &'d str,
        /// The letter both have.
        letter: u8,
        /// The command that has the second.
        command: &'d str,
        /// The command above it that accepts the first throughout; its own name otherwise.
        above: &'d str,
    },
    /// Two operands of a command have one name.
    Operands {
        /// The name.
        name: &'d str,
        /// The command.
        command: &'d str,
    },
    /// Two operands may each take any number of words.
    Unbounded {
        /// The first operand.
        first: &'d str,
        /// The second operand.
        second: &'d str,
        /// The command.
        command: &'d str,
    },
    /// A needed operand follows one that may be absent.
    NeededLate {
        /// The operand that may be absent.
        optional: &'d str,
        /// The needed one.
        needed: &'d str,
        /// The command.
        command: &'d str,
    },
    /// Two subcommands answer to one name.
    Commands {
        /// The declared name of the first.
        first: &'d str,
        /// The declared name of the second.
        second: &'d str,
        /// The name both answer to.
        name: &'d str,
        /// The command above them.
        command: &'d str,
    },
    /// A command has operands beside subcommands.
    Beside {
        /// The operand.
        operand: &'d str,
        /// The first subcommand.
        subcommand: &'d str,
        /// The command.
        command: &'d str,
    },
    /// A raw tail is not the last operand.
    Raw {
        /// The operand.
        operand: &'d str,
        /// The command.
        command: &'d str,
    },
    /// A member of a rule can never be on a line of the command, or none of them is a parameter of it.
    Rule {
        /// The member.
        param: &'d str,
        /// The command.
        command: &'d str,
    },
    /// A rule with fewer than two members.
    Lonely {
        /// The only one; empty without any.
        only: &'d str,
        /// The command.
        command: &'d str,
    },
    /// The default subcommand is none of the subcommands.
    DefaultCommand {
        /// The default subcommand.
        subcommand: &'d str,
        /// The command.
        command: &'d str,
    },
    /// No handler leads to a command.
    Unrouted {
        /// The command.
        command: &'d str,
        /// The command above it; empty for the root.
        above: &'d str,
    },
    /// A handler is `async`, and the program has no executor.
    Awaited {
        /// The command.
        command: &'d str,
    },
    /// A validator that no value passes: the lower bound is above the upper one.
    Bounds {
        /// The parameter.
        name: &'d str,
    },
    /// A word is offered twice.
    Offers {
        /// The parameter.
        name: &'d str,
        /// The word.
        offer: &'d str,
    },
    /// A count that no list can have.
    Times {
        /// The parameter.
        name: &'d str,
    },
    /// A setter is called twice, so that one of the two would be lost.
    Twice {
        /// The parameter or command.
        name: &'d str,
        /// The setter.
        setter: &'static str,
        /// What to do instead.
        instead: &'static str,
    },
    /// Two settings of a parameter, of which only one can hold.
    Clash {
        /// The parameter.
        name: &'d str,
        /// Both setters.
        setters: [&'static str; 2],
    },
    /// A value that no word can be: of no words at all, or of an empty list of choices.
    Wordless {
        /// The parameter.
        name: &'d str,
        /// What is missing.
        why: &'static str,
    },
    /// A setter that does not go with what an untyped parameter is.
    Misplaced {
        /// The parameter.
        name: &'d str,
        /// The setter.
        setter: &'static str,
    },
    /// A letter for a name that is one.
    Lettered {
        /// The name.
        name: &'d str,
    },
    /// A letter for an opposite that is not there.
    OppositeLetter {
        /// The parameter.
        name: &'d str,
    },
    /// A placeholder with another number of texts than the value has words.
    Placeholder {
        /// The parameter.
        name: &'d str,
        /// The placeholder.
        placeholder: &'d str,
        /// How many texts it has.
        texts: usize,
        /// How many words a value has.
        words: usize,
    },
    /// What only a root can have, of a subcommand.
    OfRoot {
        /// The subcommand.
        name: &'d str,
        /// The setter.
        setter: &'static str,
        /// The command above it.
        above: &'d str,
    },
    /// The subcommands of a command that has none.
    Childless {
        /// The command that was to have them.
        command: &'d str,
    },
    /// An option that stands alone, and is needed all the same.
    NeededAlone {
        /// The option.
        name: &'d str,
    },
    /// What is listed as usual, and does not stand alone.
    NotAlone {
        /// The parameter.
        name: &'d str,
        /// The root that lists it.
        command: &'d str,
    },
    /// A parameter has a name that is a usual one's.
    Usual {
        /// The declared name of the parameter.
        name: &'d str,
        /// The command that takes it.
        command: &'d str,
        /// The declared name of the usual one.
        usual: &'d str,
        /// The name that both answer to, or the letter.
        shared: Shared<'d>,
    },
    /// A phrase of a wording whose places for what is filled in are not those of the one in English.
    Phrase {
        /// The root that has it.
        command: &'d str,
        /// The phrase.
        text: &'d str,
        /// The same in English.
        english: &'static str,
    },
    /// A bundle that can be none.
    Bundle {
        /// Its heading.
        heading: &'d str,
        /// Why not.
        why: &'static str,
    },
}

/// A name that two parameters have.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[non_exhaustive]
pub enum Shared<'d> {
    /// A long one, without dashes.
    Long(&'d str),
    /// A letter.
    Letter(u8),
}

impl Problem<'_> {
    /// Stops the build, in a constant, with its text; the program otherwise.
    ///
    /// # Panics
    ///
    /// Always.
    #[track_caller]
    #[inline]
    pub const fn stop(self) -> ! {
        let message = self.message();
        panic!("{}", message.as_str())
    }

    #[inline]
    const fn message(&self) -> Message {
        let text = Message::new();
        match *self {
            Problem::Name { name, why } => text.text("the name `").text(name).text("` ").text(why),
            Problem::Letter { name, letter, why } => {
                let text = text.text("the letter of `").text(name).text("`, `");
                let mut buffer = [0; 4];
                text.text(letter.encode_utf8(&mut buffer)).text("`, ").text(why)
            }
            Problem::Default { name, default, why, limit } => {
                let text = text.text("the default of `").text(name).text("`, `").text(default);
                text.text("`, ").text(why).text(limit)
            }
            Problem::Long { first, second, name, command, above } => {
                let text = if same(first, second) && same(command, above) {
                    text.text("`--").text(name).text("` is declared twice")
                } else {
                    let text = text.text("`").text(first).text("` and `").text(second);
                    text.text("` both answer to `--").text(name).text("`")
                };
                text.placed(command, above, first)
            }
            Problem::Letters { first, second, letter, command, above } => {
                let text = text.text("`").text(first).text("` and `").text(second);
                let text = text.text("` both have the letter `-").letter(letter).text("`");
                text.placed(command, above, first)
            }
            Problem::Operands { name, command } => {
                let text = text.text("two operands are called `").text(name);
                text.text("` in the command `").text(command).text("`")
            }
            Problem::Unbounded { first, second, command } => {
                let text = text.text("the operands `").text(first).text("` and `").text(second);
                let text = text.text("` of the command `").text(command);
                text.text("` may both take any number of words (one at most can)")
            }
            Problem::NeededLate { optional, needed, command } => {
                let text = text.text("the operand `").text(needed).text("` of the command `");
                let text = text.text(command).text("` is needed, but follows `").text(optional);
                text.text("`, which may be absent (declare needed operands first)")
            }
            Problem::Commands { first, second, name, command } => {
                let text = if same(first, second) {
                    text.text("two subcommands are called `").text(first)
                } else {
                    let text = text.text("the subcommands `").text(first).text("` and `");
                    text.text(second).text("` both answer to `").text(name)
                };
                text.text("` in the command `").text(command).text("`")
            }
            Problem::Beside { operand, subcommand, command } => {
                let text = text.text("the command `").text(command).text("` has the operand `");
                let text = text.text(operand).text("` beside the subcommand `").text(subcommand);
                text.text("` (a word there could be either; use one kind)")
            }
            Problem::Raw { operand, command } => {
                let text = text.text("the raw tail `").text(operand).text("` of the command `");
                text.text(command).text("` takes all words that follow (declare it last)")
            }
            Problem::Rule { param, command } => {
                let text = text.text("a rule of the command `").text(command);
                let text = text.text("` is about `").text(param);
                text.text("`, which it does not take (list it in `takes`)")
            }
            Problem::Lonely { only, command } => {
                let text = text.text("a rule of the command `").text(command).text("` has ");
                let text = if only.is_empty() {
                    text.text("no members")
                } else {
                    text.text("one member, `").text(only).text("`")
                };
                text.text(" (a rule is about two parameters at least)")
            }
            Problem::DefaultCommand { subcommand, command } => {
                let text = text.text("the default subcommand `").text(subcommand);
                let text = text.text("` is none of those of the command `").text(command);
                text.text("` (list it in `commands`)")
            }
            Problem::Unrouted { command, above } => {
                let text = text.text("no route leads to the command `").text(above);
                let text = if above.is_empty() { text } else { text.text(" ") };
                text.text(command).text("`, so a line that calls it would do nothing")
            }
            Problem::Awaited { command } => {
                let text =
                    text.text("the handler of `").text(command).text("` is async: give the ");
                text.text("program an executor (`Program::new_async`, `Program::of_async`)")
            }
            Problem::Bounds { name } => {
                text.text("the lower bound of `").text(name).text("` is above the upper one")
            }
            Problem::Offers { name, offer } => {
                let text = text.text("`").text(name).text("` offers `").text(offer);
                text.text("` twice")
            }
            Problem::Times { name } => {
                text.text("`").text(name).text("` can never be given as often as `times` asks")
            }
            Problem::Twice { name, setter, instead } => {
                let text = text.text("`").text(setter).text("` of `").text(name);
                text.text("` is set twice (").text(instead).text(")")
            }
            Problem::Clash { name, setters: [first, second] } => {
                let text = text.text("`").text(first).text("` and `").text(second);
                text.text("` of `").text(name).text("` exclude each other")
            }
            Problem::Wordless { name, why } => text.text("`").text(name).text("` ").text(why),
            Problem::Misplaced { name, setter } => {
                let text = text.text("`").text(setter).text("` does not go with what `").text(name);
                text.text("` is")
            }
            Problem::Lettered { name } => {
                let text =
                    text.text("`").text(name).text("` is a letter already, and has another by ");
                text.text("`letter` (more letters are `aliases`)")
            }
            Problem::OppositeLetter { name } => {
                let text =
                    text.text("`").text(name).text("` has a letter for its opposite, and no ");
                text.text("opposite (declare it by `opposite`)")
            }
            Problem::Placeholder { name, placeholder, texts, words } => {
                let text = text.text("the placeholder of `").text(name).text("`, `");
                let text = text.text(placeholder).text("`, has ").number(texts);
                let text = text.text(if texts == 1 { " text" } else { " texts" });
                let text = text.text(", and a value has ").number(words);
                let text = text.text(if words == 1 { " word" } else { " words" });
                text.text(" (a text for each, spaces between)")
            }
            Problem::OfRoot { name, setter, above } => {
                let text =
                    text.text("`").text(setter).text("` is for the root alone, and `").text(name);
                text.text("` is a subcommand of `").text(above).text("`")
            }
            Problem::Childless { command } => {
                let text =
                    text.text("`").text(command).text("` was to have the subcommands of another ");
                text.text(
                    "command, which has none (expected an enum, or a command with subcommands)",
                )
            }
            Problem::NeededAlone { name } => {
                let text = text.text("`").text(name).text("` stands alone, so a line without it ");
                text.text("must read (make its type an `Option`)")
            }
            Problem::NotAlone { name, command } => {
                let text =
                    text.text("`").text(name).text("` of the `usual` ones of `").text(command);
                text.text("` does not stand alone (list it in `takes`)")
            }
            Problem::Usual { name, command, usual, shared } => {
                let text = text.text("`").text(name).text("` of the command `").text(command);
                let text = text.text("` has the ");
                let text = match shared {
                    Shared::Long(long) => text.text("name `--").text(long),
                    Shared::Letter(letter) => text.text("letter `-").letter(letter),
                };
                let text =
                    text.text("`, as the usual `").text(usual).text("` has (choose another, ");
                text.text("or list in the root's `usual` only what is to stay)")
            }
            Problem::Phrase { command, text: phrase, english } => {
                let text = text.text("the phrase `").text(phrase).text("` of the command `");
                let text = text.text(command).text("` has not the places of `");
                text.text(english).text("` (each `{0}`, `{1}` of the one is needed in the other)")
            }
            Problem::Bundle { heading, why } => {
                let text = text.text(why);
                if heading.is_empty() { text } else { text.text(" (`").text(heading).text("`)") }
            }
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

impl std::fmt::Display for Problem<'_> {
    #[inline]
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        f.write_str(self.message().as_str())
    }
}
