//! What may be wrong with a declaration, in words that name the culprits: for a clash, both. A
//! static shows them in a build error, so they are put together by `const fn`.

use super::message::Message;

/// What may be wrong, each with its text: a pattern that names its fields, which are texts then, or what only `special`
/// tells.
macro_rules! problems {
    (@text $self:ident, $variant:ident, special, $($field:ident)*) => { $self.special() };
    (@text $self:ident, $variant:ident, $pattern:literal, $($field:ident)*) => {
        Message::new().fill($pattern, &[$((stringify!($field), $field)),*])
    };
    (pub enum Finding { $($(#[$doc:meta])* $variant:ident { $($(#[$of:meta])* $field:ident: $type:ty,)* } = $text:tt;)* }) => {
        /// What is wrong with a declaration. Its text names the culprits: for a clash, both.
        #[derive(Debug, Clone, Copy)]
        pub enum Finding<'d> {
            $($(#[$doc])* $variant { $($(#[$of])* $field: $type,)* },)*
        }

        /// What a [`Problem`](crate::faults::Problem) is, without what it is about.
        #[derive(Debug, Clone, Copy, PartialEq, Eq)]
        #[non_exhaustive]
        pub enum ProblemKind {
            $($(#[$doc])* $variant,)*
        }

        impl Finding<'_> {
            /// What it is.
            #[inline]
            pub(crate) const fn kind(&self) -> ProblemKind {
                match self {
                    $(Finding::$variant { .. } => ProblemKind::$variant,)*
                }
            }

            #[inline]
            #[allow(unused_variables)]
            const fn message(&self) -> Message {
                match *self {
                    $(Finding::$variant { $($field),* } => problems!(@text self, $variant, $text, $($field)*),)*
                }
            }
        }
    };
}

problems! { pub enum Finding {
    /// A name that no word could be, or that looks like something else.
    Name {
        /// The name as declared.
        name: &'d str,
        /// What is wrong with it.
        why: &'static str,
    } = "the name `{name}` {why}";
    /// A letter that is none, and no digit either.
    Letter {
        /// The long name of the parameter.
        name: &'d str,
        /// The letter as declared.
        letter: char,
        /// What is wrong with it.
        why: &'static str,
    } = special;
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
    } = special;
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
    } = "the default of `{name}`, `{default}`, {why}{limit}";
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
    } = special;
    /// Two operands of a command have one name.
    Operands {
        /// The name.
        name: &'d str,
        /// The command.
        command: &'d str,
    } = "two operands are called `{name}` in the command `{command}`";
    /// Two operands may each take any number of words.
    Unbounded {
        /// The first operand.
        first: &'d str,
        /// The second operand.
        second: &'d str,
        /// The command.
        command: &'d str,
    } = "the operands `{first}` and `{second}` of the command `{command}` may both take any number of \
         words (one at most can)";
    /// A needed operand follows one that may be absent.
    NeededLate {
        /// The operand that may be absent.
        optional: &'d str,
        /// The needed one.
        needed: &'d str,
        /// The command.
        command: &'d str,
    } = "the operand `{needed}` of the command `{command}` is needed, but follows `{optional}`, which \
         may be absent (declare needed operands first)";
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
    } = special;
    /// A command has operands beside subcommands.
    Beside {
        /// The operand.
        operand: &'d str,
        /// The first subcommand.
        subcommand: &'d str,
        /// The command.
        command: &'d str,
    } = "the command `{command}` has the operand `{operand}` beside the subcommand `{subcommand}` (a \
         word there could be either; use one kind)";
    /// A raw tail is not the last operand.
    Raw {
        /// The operand.
        operand: &'d str,
        /// The command.
        command: &'d str,
    } = "the raw tail `{operand}` of the command `{command}` takes all words that follow (declare it \
         last)";
    /// A member of a rule can never be on a line of the command, or none of them is a parameter of it.
    Rule {
        /// The member.
        param: &'d str,
        /// The command.
        command: &'d str,
    } = "a rule of the command `{command}` is about `{param}`, which it does not take (list it in \
         `takes`)";
    /// A rule with fewer than two members.
    Lonely {
        /// The only one; empty without any.
        only: &'d str,
        /// The command.
        command: &'d str,
    } = special;
    /// The default subcommand is none of the subcommands.
    DefaultCommand {
        /// The default subcommand.
        subcommand: &'d str,
        /// The command.
        command: &'d str,
    } = "the default subcommand `{subcommand}` is none of those of the command `{command}` (list it in \
         `commands`)";
    /// No handler leads to a command.
    Unrouted {
        /// The command.
        command: &'d str,
        /// The command above it; empty for the root.
        above: &'d str,
    } = special;
    /// A validator that no value passes: the lower bound is above the upper one.
    Bounds {
        /// The parameter.
        name: &'d str,
    } = "the lower bound of `{name}` is above the upper one";
    /// A word is offered twice.
    Offers {
        /// The parameter.
        name: &'d str,
        /// The word.
        offer: &'d str,
    } = "`{name}` offers `{offer}` twice";
    /// A count that no list can have.
    Times {
        /// The parameter.
        name: &'d str,
    } = "`{name}` can never be given as often as `times` asks";
    /// A setter is called twice, so that one of the two would be lost.
    Twice {
        /// The parameter or command.
        name: &'d str,
        /// The setter.
        setter: &'static str,
        /// What to do instead.
        instead: &'static str,
    } = "`{setter}` of `{name}` is set twice ({instead})";
    /// Two settings of a parameter, of which only one can hold.
    Clash {
        /// The parameter.
        name: &'d str,
        /// Both setters.
        setters: [&'static str; 2],
    } = special;
    /// A value that no word can be: of no words at all, or of an empty list of choices.
    Wordless {
        /// The parameter.
        name: &'d str,
        /// What is missing.
        why: &'static str,
    } = "`{name}` {why}";
    /// A setter that does not go with what an untyped parameter is.
    Misplaced {
        /// The parameter.
        name: &'d str,
        /// The setter.
        setter: &'static str,
    } = "`{setter}` does not go with what `{name}` is";
    /// A letter for a name that is one.
    Lettered {
        /// The name.
        name: &'d str,
    } = "`{name}` is a letter already, and has another by `letter` (more letters are `aliases`)";
    /// A setter that means nothing without another one.
    Needs {
        /// The parameter.
        name: &'d str,
        /// The setter.
        setter: &'static str,
        /// The one that was not called.
        needed: &'static str,
    } = "`{setter}` of `{name}` means nothing without `{needed}`";
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
    } = special;
    /// What only a root can have, of a subcommand.
    OfRoot {
        /// The subcommand.
        name: &'d str,
        /// The setter.
        setter: &'static str,
        /// The command above it.
        above: &'d str,
    } = "`{setter}` is for the root alone, and `{name}` is a subcommand of `{above}`";
    /// The subcommands of a command that has none.
    Childless {
        /// The command that was to have them.
        command: &'d str,
    } = "`{command}` was to have the subcommands of another command, which has none (expected an enum, \
         or a command with subcommands)";
    /// An option that stands alone, and is needed all the same.
    NeededAlone {
        /// The option.
        name: &'d str,
    } = "`{name}` stands alone, so a line without it must read (make its type an `Option`)";
    /// What is listed as usual, and does not stand alone.
    NotAlone {
        /// The parameter.
        name: &'d str,
        /// The root that lists it.
        command: &'d str,
    } = "`{name}` of the `usual` ones of `{command}` does not stand alone (list it in `takes`)";
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
    } = special;
    /// A phrase of a wording whose places for what is filled in are not those of the one in English.
    Phrase {
        /// The root that has it.
        command: &'d str,
        /// The phrase.
        text: &'d str,
        /// The same in English.
        english: &'static str,
    } = "the phrase `{text}` of the command `{command}` has not the places of `{english}` (each `{0}`, \
         `{1}` of the one is needed in the other)";
    /// A bundle that can be none.
    Bundle {
        /// Its heading.
        heading: &'d str,
        /// Why not.
        why: &'static str,
    } = special;
} }

/// A name that two parameters have.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Shared<'d> {
    /// A long one, without dashes.
    Long(&'d str),
    /// A letter.
    Letter(u8),
}

impl Finding<'_> {
    /// Stops the build, in a constant, with its text; the program otherwise.
    ///
    /// # Panics
    ///
    /// Always.
    #[track_caller]
    #[inline]
    pub(crate) const fn stop(self) -> ! {
        let message = self.message();
        panic!("{}", message.as_str())
    }
}

impl std::fmt::Display for Finding<'_> {
    #[inline]
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        f.write_str(self.message().as_str())
    }
}
