//! Proving a declaration in a test.

use clavret_core::Command;
pub use clavret_document::{Flaw, flaws};

use crate::program::Program;

/// Proves a declaration, as a test: a [`Command`] with all below it, or a [`Program`], whose commands
/// each need a handler too. See [`flaws`] for what is looked at.
///
/// # Panics
///
/// When there is a flaw. The text lists all of them.
///
/// ```
/// use clavret::{Command, Flag, prove};
/// static CALM: Flag = Flag::new("calm").help("the colony was calm");
/// static INSPECT: Command = Command::new("inspect")
///     .summary("record what an inspection found")
///     .takes(&[CALM.param()])
///     .examples(&[("a calm colony", "inspect --calm")]);
/// prove(&INSPECT);
/// ```
///
/// ```should_panic
/// use clavret::{Command, prove};
/// static INSPECT: Command = Command::new("inspect").examples(&[("a calm colony", "inspect --clam")]);
/// prove(&INSPECT);
/// ```
#[doc(alias("lint", "self-test"))]
#[track_caller]
pub fn prove(declaration: &impl Provable) {
    let flaws = declaration.flaws();
    let list: String = flaws.iter().map(|flaw| format!("\n  {flaw}")).collect();
    assert!(flaws.is_empty(), "the declaration does not hold what it promises:{list}");
}

/// What can be [proved](prove).
pub trait Provable {
    /// What does not hold.
    fn flaws(&self) -> Vec<Flaw>;
}

impl Provable for Command<'static> {
    fn flaws(&self) -> Vec<Flaw> {
        flaws(self)
    }
}

impl<C: 'static> Provable for Program<'_, C> {
    fn flaws(&self) -> Vec<Flaw> {
        let mut flaws = flaws(self.root());
        let unrouted = self.unrouted().into_iter();
        let what = "no route leads to it".to_owned();
        flaws.extend(unrouted.map(|path| Flaw { command: path.to_string(), what: what.clone() }));
        flaws
    }
}
