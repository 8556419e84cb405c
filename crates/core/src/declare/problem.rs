//! What may be wrong with a declaration, in words that name the culprits: for a clash, both. A
//! static shows them in a build error, so they are put together by `const fn`.

use super::message::Message;
use super::names::same;

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
    /// A default that is no whole number of its type.
    Default {
        /// The parameter.
        name: &'d str,
        /// The default as declared.
        default: &'d str,
        /// What is wrong with it.
        why: &'static str,
        /// The limit that it is beyond; empty where it is no number at all.
        limit: &'static str,
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
    /// No member of a rule is a parameter of the command.
    Rule {
        /// The first member.
        param: &'d str,
        /// The command.
        command: &'d str,
    },
    /// The default subcommand is none of the subcommands.
    Otherwise {
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
    /// An operand said to be accepted throughout, or a count that no list can have.
    Times {
        /// The parameter.
        name: &'d str,
    },
    /// More of something than there is room for.
    Most {
        /// Of what.
        of: &'static str,
        /// The parameter or command.
        name: &'d str,
        /// How many there is room for.
        most: u8,
    },
}

impl Problem<'_> {
    /// Stops the build, in a constant, with its text; the program otherwise.
    ///
    /// # Panics
    ///
    /// Always.
    #[track_caller]
    pub const fn stop(self) -> ! {
        let message = self.message();
        panic!("{}", message.as_str())
    }

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
                text.text("`, which it does not take (give rules behind `takes`)")
            }
            Problem::Otherwise { subcommand, command } => {
                let text = text.text("the default subcommand `").text(subcommand);
                let text = text.text("` is none of those of the command `").text(command);
                text.text("` (list it in `commands` before)")
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
            Problem::Times { name } => {
                text.text("`").text(name).text("` can never be given as often as `times` asks")
            }
            Problem::Most { of, name, most } => {
                let text = text.text("`").text(name).text("` has more than ").letter(most);
                text.text(" ").text(of)
            }
        }
    }
}

impl Message {
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
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        f.write_str(self.message().as_str())
    }
}
