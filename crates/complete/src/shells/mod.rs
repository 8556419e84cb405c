//! The shells, a folder for each: its static, what writes its script, and its walker.
//!
//! A program links those that it lists: by [`COMPLETIONS`](crate::COMPLETIONS) all that there are here.

mod bash;

pub use bash::BASH;

use clavret_core::{Choice, Command, Offer};

crate::shells!(pub(crate) All: BASH);

/// A shell that completion is written for, such as [`BASH`](crate::BASH).
#[derive(Debug, Clone, Copy)]
pub struct Shell {
    offer: Offer<'static>,
    script: fn(&Command<'_>) -> String,
}

impl Shell {
    /// A shell by its name; what is said of it, such as how its script is loaded; and what writes the script of
    /// a program.
    pub const fn new(
        name: &'static str,
        help: &'static str,
        script: fn(&Command<'_>) -> String,
    ) -> Self {
        Shell { offer: Offer::new(name).help(help), script }
    }

    /// The word that it is called by where one is chosen, with what is said of it.
    pub const fn offer(&self) -> Offer<'static> {
        self.offer
    }

    /// The completion script of a program.
    ///
    /// ```
    /// # mod clavret { pub use clavret_core::*; pub use clavret_complete::*; }
    /// use clavret::{BASH, Command, Flag};
    /// static CALM: Flag = Flag::new("calm");
    /// static INSPECT: Command = Command::new("inspect").takes(&[CALM.param()]);
    /// assert!(BASH.script(&INSPECT).contains("'--calm'"));
    /// ```
    pub fn script(&self, root: &Command<'_>) -> String {
        (self.script)(root)
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
    ($visible:vis $name:ident: $($shell:path),+ $(,)?) => {
        #[derive(Debug, Clone, Copy)]
        $visible struct $name(&'static $crate::Shell);

        impl $crate::__::Choice for $name {
            const OFFERS: &'static [$crate::__::Offer<'static>] = &[$($shell.offer()),+];
            const VALUES: &'static [Self] = &[$($name(&$shell)),+];
        }

        impl $crate::__::Shells for $name {
            fn shell(&self) -> &'static $crate::Shell {
                self.0
            }
        }
    };
}
