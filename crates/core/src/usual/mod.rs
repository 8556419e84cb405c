//! What most programs have: ready to be listed, or there unless a program says otherwise.
//!
//! * `page.rs`: [`HELP_FLAG`](crate::HELP_FLAG) and the command [`HELP_COMMAND`](crate::HELP_COMMAND), which show a page.
//! * `version.rs`: [`VERSION_FLAG`].
//!
//! The two flags are the [usual](Command::usual) ones of a program that does not list its own. They are handed
//! to the reader here, which knows parameters that stand alone, and not which.

pub(crate) mod of;
pub(crate) mod page;
pub(crate) mod version;

use self::page::HELP_FLAG;
use self::version::VERSION_FLAG;
use crate::check::culprit::Problem;
use crate::check::problem::Finding;
use crate::record::alone::Alone;
use crate::record::command::Command;
use crate::record::line::{Reach, Reader, Usual};
use crate::record::param::Param;
use crate::record::reading::{CommandPath, Outcome};
use crate::record::word::{Word, Words};
use crate::record::world::{Around, World};

impl<'d> Command<'d> {
    /// The answer to a request by its fields, where the root [answers](Command::answers) and lists something that
    /// knows it. Lists of values that are known at run time are asked in the world.
    #[cold]
    pub(crate) fn answer(&self, request: &[&str], world: &dyn World) -> Option<String> {
        if !self.is_answering() {
            return None;
        }
        let answer = |alone: Option<&dyn Alone>| alone?.answer(self, request, world);
        let of_command = self.subcommands().iter().find_map(|command| answer(command.alone()));
        let mut params = self.params().chain(self.usual_params().params());
        of_command.or_else(|| params.find_map(|param| answer(param.alone())))
    }

    /// Whether something that it lists gives what asks the program, which does not answer.
    pub(crate) fn is_asked_in_vain(&self) -> bool {
        let commands = self.subcommands().iter().filter_map(|command| command.alone());
        let params = self.params().chain(self.usual_params().params());
        let params = params.filter_map(|param| param.alone());
        !self.is_answering() && commands.chain(params).any(|alone| alone.asks())
    }
}

/// What every program has unless it says otherwise, in the order that pages show it.
static USUAL: &[&Param<'static>] = &[VERSION_FLAG.param(), HELP_FLAG.param()];

impl<'d> Command<'d> {
    /// What every command below this root accepts beside its own.
    #[inline]
    fn usual_params(&'d self) -> Usual<'d> {
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
    #[inline]
    pub(crate) const fn stranger(&self) -> Option<Finding<'d>> {
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
    /// The usual parameters that stand at the end of a path.
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
