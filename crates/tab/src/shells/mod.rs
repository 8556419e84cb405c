//! The shells, a folder for each: its static, what writes its script, and its walker.
//!
//! A program links those that it lists: by [`COMPLETIONS_COMMAND`](crate::COMPLETIONS_COMMAND) all that there are here.

mod bash;
mod fish;
mod zsh;

pub use bash::BASH;
pub use fish::FISH;
pub use zsh::ZSH;

use clavret_core::inner::Put;
use clavret_core::world::World;
use clavret_core::{Choice, Command, Offer};

crate::shells!(
    /// One of the shells that completion is written for.
    pub AnyShell: BASH, ZSH, FISH
);

/// A shell that completion is written for, such as [`BASH`](crate::BASH).
#[derive(Debug, Clone, Copy)]
pub struct Shell {
    offer: Offer<'static>,
    script: fn(&Command<'_>) -> String,
    answer: Answer,
    whole: Option<fn(&Command<'_>) -> String>,
}

/// What a shell gets that asks by its fields; nothing where it does not ask so. Lists of values that are known at run
/// time are asked in the world.
pub type Answer = fn(&Command<'_>, &[&str], &dyn World) -> Option<String>;

impl Shell {
    /// A shell by its name; what is said of it, such as how its script is loaded; and what writes the script of
    /// a program.
    pub const fn new(
        name: &'static str,
        help: &'static str,
        script: fn(&Command<'_>) -> String,
    ) -> Self {
        Shell { offer: Offer::of(name).help(help), script, answer: |_, _, _| None, whole: None }
    }

    /// Adds what answers the shell's script, where that asks the program: see
    /// [`Command::answers`](clavret_core::Command::answers).
    #[must_use]
    pub const fn answers(mut self, answer: Answer) -> Self {
        self.answer = answer;
        self
    }

    /// Adds what writes a script that starts nothing.
    #[must_use]
    pub const fn whole(mut self, whole: fn(&Command<'_>) -> String) -> Self {
        self.whole = Some(whole);
        self
    }

    /// A script that starts nothing, where there is one for the shell: for packagers, and for programs that do not
    /// [answer](clavret_core::Command::answers). It knows no more than a table of the declaration: not what the line has
    /// already, for one.
    pub fn whole_script(&self, root: &Command<'_>) -> Option<String> {
        self.whole.map(|whole| whole(root))
    }

    /// Whether it has a script that starts nothing.
    pub(crate) const fn has_whole(&self) -> bool {
        self.whole.is_some()
    }

    /// The answer to its script, which asks by some fields.
    pub(crate) fn answer(
        &self,
        root: &Command<'_>,
        fields: &[&str],
        world: &dyn World,
    ) -> Option<String> {
        (self.answer)(root, fields, world)
    }

    /// The word that it is called by where one is chosen, with what is said of it.
    pub const fn offer(&self) -> Offer<'static> {
        self.offer
    }

    /// The completion script of a program: one that asks it, where the root
    /// [answers](clavret_core::Command::answers), else the whole one.
    ///
    /// ```
    /// # mod clavret { pub use clavret_core::*; pub use clavret_tab::{self as shell, *}; }
    /// use clavret::{Command, Flag};
    /// use clavret::shell::BASH;
    /// static CALM: Flag = Flag::new("calm");
    /// static INSPECT: Command = Command::new("inspect").takes(&[CALM.param()]);
    /// assert!(BASH.script(&INSPECT).contains("'--calm'"));
    /// ```
    pub fn script(&self, root: &Command<'_>) -> String {
        match self.whole {
            Some(whole) if !root.ask().is_answering() => whole(root),
            _ => (self.script)(root),
        }
    }
}

/// A choice of shells: what the macros make of a list.
#[doc(hidden)]
pub trait Shells: Choice {
    fn shell(&self) -> &'static Shell;
}

/// Makes a list of shells a choice.
#[doc(hidden)]
#[macro_export]
macro_rules! shells {
    ($(#[$doc:meta])* $visible:vis $name:ident: $($shell:path),+ $(,)?) => {
        $(#[$doc])*
        #[derive(Debug, Clone, Copy)]
        $visible struct $name(&'static $crate::Shell);

        #[diagnostic::do_not_recommend]
        impl $crate::for_macros::Choice for $name {
            const OFFERS: &'static [$crate::for_macros::Offer<'static>] = &[$($shell.offer()),+];
            const VALUES: &'static [Self] = &[$($name(&$shell)),+];
            const PLACEHOLDER: &'static str = "SHELL";
        }

        impl $crate::for_macros::Shells for $name {
            fn shell(&self) -> &'static $crate::Shell {
                self.0
            }
        }
    };
}

/// A script with a program's name put in: `§§` is the name, quoted, and `§` what functions are called by it.
fn named(script: &str, root: &Command<'_>) -> String {
    let mut name = String::new();
    push_quoted(&mut name, root.ask().program_name());
    let identifier = identifier(root.ask().program_name());
    let mut out = String::new();
    let mut letters = script.chars().peekable();
    while let Some(letter) = letters.next() {
        match letter {
            '§' if letters.next_if_eq(&'§').is_some() => out.put(&name),
            '§' => out.put(&identifier),
            letter => out.push(letter),
        }
    }
    out
}

/// A text between single quotes.
#[inline(never)]
fn push_quoted(out: &mut String, text: &str) {
    out.push('\'');
    for letter in text.chars() {
        match letter {
            '\'' => out.put("'\\''"),
            letter => out.push(letter),
        }
    }
    out.push('\'');
}

/// A program's name as a part of a function's name.
fn identifier(name: &str) -> String {
    let mut identifier = String::new();
    for letter in name.chars() {
        identifier.push(if letter.is_ascii_alphanumeric() { letter } else { '_' });
    }
    identifier
}
