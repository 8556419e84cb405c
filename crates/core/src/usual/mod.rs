//! What most programs have: ready to be listed, or there unless a program says otherwise.
//!
//! * `page.rs`: [`HELP_FLAG`] and the command [`HELP`], which show a page.
//! * `version.rs`: [`VERSION_FLAG`].
//!
//! The two flags are the [usual](Command::usual) ones of a program that does not list its own. They are handed
//! to the reader here, which knows parameters that stand alone, and not which.

mod page;
mod version;

pub use page::{HELP, HELP_FLAG, ShowPage};
pub use version::{ShowVersion, VERSION_FLAG};

use crate::declare::{Command, Param, Problem};
use crate::read::{Around, CommandPath, Outcome, Reach, Reader, Usual, Word, Words, World};

/// What every program has unless it says otherwise, in the order that pages show it.
static USUAL: &[&Param<'static>] = &[VERSION_FLAG.param(), HELP_FLAG.param()];

impl<'d> Command<'d> {
    /// What every command below this root accepts beside its own.
    #[inline]
    pub(crate) fn usual_params(&'d self) -> Usual<'d> {
        match self.usual_list() {
            Some(usual) => Usual::of(usual),
            None => Usual::of(&USUAL),
        }
    }

    /// What is wrong with the tree as a whole, beside its [problems](Command::problems), where this is the root: rules with a
    /// member that can never be on a line, and names that are those of what is [usual](Command::usual).
    #[inline]
    pub fn root_problems(&self) -> Vec<Problem<'d>> {
        self.problems_among(USUAL)
    }

    /// What is only known of a root when it is all there: it is listed nowhere, so nobody else looks at it.
    #[doc(hidden)]
    #[inline]
    pub const fn stranger(&self) -> Option<Problem<'d>> {
        self.stranger_among(USUAL)
    }

    /// Reads the words of a command line, the program's own name not among them. Nothing else is
    /// looked at: no environment, no config file, no path. [`read_in`](Command::read_in) does.
    #[inline]
    pub fn read<W: Word>(&'d self, words: &'d [W]) -> Outcome<'d> {
        self.read_around(Words::new(words), self.around(None))
    }

    /// Reads the words of a command line in a world that has environment variables and files.
    #[inline]
    pub fn read_in(&'d self, words: Words<'d>, world: &'d dyn World) -> Outcome<'d> {
        self.read_around(words, self.around(Some(world)))
    }

    #[inline]
    fn around(&'d self, world: Option<&'d dyn World>) -> Around<'d> {
        Around::new(world, self.usual_params())
    }
}

impl<'d> Reach<'d> {
    /// Those at the end of a path.
    #[inline]
    pub fn at(path: &CommandPath<'d>) -> Self {
        Reach::of(path, path.root().usual_params())
    }
}

impl<'d> Reader<'d> {
    /// Starts at a program's root; `words` says for how many words to make room.
    #[inline]
    pub fn new(root: &'d Command<'d>, words: usize) -> Self {
        let mut reader = Reader::within(root, root.around(None), words);
        reader.add_slots(root);
        reader
    }
}
