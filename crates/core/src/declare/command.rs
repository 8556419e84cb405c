//! A node of the tree: a program or one of its subcommands.

use crate::check::names::program_name_fault;
use crate::check::problem::Finding;
use crate::check::rules::{self, in_order};
use crate::check::stops::{check_across, check_listed, check_names, check_taken};
use crate::on_demand::abbreviations::abbreviates;
use crate::record::alone::Alone;
use crate::record::brought::{Abbreviated, Brought};
use crate::record::command::{Bundle, Command};
use crate::record::param::Param;
use crate::record::settings::command as said;

impl<'d> Command<'d> {
    /// Declares a command by its name, which is in lower case but for a program's.
    ///
    /// # Panics
    ///
    /// In a static, so that the build stops: when the name is empty, begins with a dash, or has
    /// `=` or white space in it, and where it is [listed](Command::commands) below another and has an upper-case letter in it.
    /// A setter that is called a second time stops it too.
    #[track_caller]
    #[inline]
    pub const fn new(name: &'d str) -> Self {
        if let Some(why) = program_name_fault(name) {
            Finding::Name { name, why }.stop();
        }
        let mut command = Command::draft(name);
        command.set_draft(false);
        command.set_unchecked();
        command
    }

    /// Starts a command of a tree made at run time: nothing panics, and
    /// [`problems`](Command::problems) tells what is wrong.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Command, Named};
    /// let name = String::from("Frames");
    /// let frames: Named<u8> = Named::draft(&name);
    /// let params = [frames.param()];
    /// let command = Command::draft("inspect").takes(&params);
    /// let problems = command.problems();
    /// assert_eq!(problems[0].to_string(), "the name `Frames` has an upper-case letter in it");
    /// ```
    #[inline]
    pub const fn draft(name: &'d str) -> Self {
        Command::blank(name, mistakes)
    }

    /// The same as the start of a command made at run time: see [`draft`](Command::draft).
    #[must_use]
    #[inline]
    pub(crate) const fn as_draft(mut self) -> Self {
        self.set_draft(true);
        self
    }

    /// The same where its maker looks at its [problems](Command::problems) itself, before it is run.
    #[must_use]
    #[inline]
    pub(crate) const fn looked_at(mut self) -> Self {
        self.set_unchecked();
        self
    }

    /// What is wrong with a tree that was made at run time, its defaults too, a sentence for each. Of a static
    /// there is nothing to tell.
    #[inline]
    pub(crate) fn mistakes(&self) -> Vec<String> {
        self.checks().map_or_else(Vec::new, |checks| checks(self))
    }

    /// A copy of this command to build another one on: of a static, whose setters may be called once
    /// more.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Command, HELP_COMMAND};
    /// static AIDE: Command = HELP_COMMAND.adapted().summary("montrer la page").aliases(&["aide"]);
    /// ```
    #[must_use]
    #[inline]
    pub const fn adapted(mut self) -> Self {
        self.set_unsaid();
        self
    }

    /// Notes that a setter was called, by its bit. A static whose setter is called twice stops the build.
    #[track_caller]
    #[inline]
    pub(crate) const fn note(&mut self, bit: u64) {
        if !self.set_said(bit) && !self.is_draft() {
            check_names(self);
        }
    }

    /// What it takes, in the order that pages show it; operands in the order they are typed.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Command, Flag, Operand, Outcome};
    /// static FROM: Operand<Vec<String>> = Operand::new("from").times(1, u32::MAX);
    /// static TO: Operand<String> = Operand::new("to");
    /// static QUIET: Flag = Flag::new("quiet").letter('q');
    /// static MOVE: Command = Command::new("move").takes(&[FROM.param(), TO.param(), QUIET.param()]);
    ///
    /// let Outcome::Reading(reading) = MOVE.read(&["A1", "A2", "-q", "B7"]) else { panic!() };
    /// assert_eq!((reading.get(&FROM).len(), &**reading.get(&TO)), (2, "B7"));
    /// ```
    ///
    /// # Panics
    ///
    /// In a static, so that the build stops, naming both culprits: when two parameters share a
    /// name, also with what is accepted throughout a command above; when two operands are
    /// unbounded, or a needed one follows an optional one; when there are operands and subcommands;
    /// when a default is no number of its type, or none of its choices; when a setter of a parameter was
    /// called twice, or cannot go with another one.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn takes(mut self, params: &'d [&'d Param<'d>]) -> Self {
        self.note(said::TAKES);
        self.set_params(params);
        self.own_work();
        self.settling()
    }

    /// Sets of parameters that it takes beside its own.
    ///
    /// # Panics
    ///
    /// As [`takes`](Command::takes).
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn bundles(mut self, bundles: &'d [&'d Bundle<'d>]) -> Self {
        self.note(said::BUNDLES);
        self.set_bundles(bundles);
        self.settling()
    }

    /// Parameters and bundles of a draft, and what each brings along: that was known when the program was built, so that only
    /// what they declare is linked.
    #[must_use]
    #[inline]
    pub(crate) fn takes_with(
        mut self,
        params: &'d [&'d Param<'d>],
        bundles: &'d [&'d Bundle<'d>],
        brought: impl Iterator<Item = Brought>,
    ) -> Self {
        self.note(said::TAKES);
        self.note(said::BUNDLES);
        self.set_params(params);
        self.set_bundles(bundles);
        self.own_work();
        let before = *self.brought();
        self.set_settled(rules::followed(&self));
        self.set_brought(brought.fold(before, Brought::and));
        self
    }

    #[track_caller]
    #[inline]
    const fn settling(mut self) -> Self {
        if self.is_draft() {
            self.set_settled(rules::followed(&self));
        } else {
            self.set_settled(check_taken(&self));
            check_across(&self);
        }
        let (mut brought, mut group) = (Brought::NOTHING, 0);
        while let Some(params) = self.group(group) {
            brought.add_all(params);
            group += 1;
        }
        self.set_brought(brought);
        self.described()
    }

    /// The same with what its description brings along, and what is usual.
    #[inline]
    pub(crate) const fn described(mut self) -> Self {
        let mut brought = *self.brought();
        brought.describe(self.ask().description());
        brought.end(&self);
        if let Some(usual) = self.declared_usual() {
            brought.add_all(usual);
        }
        self.set_brought(brought);
        self
    }

    /// Sets the subcommands, in the order that pages show them. A list in the order of the names is
    /// bisected, which is worth it for thousands.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Command, Operand, Outcome};
    /// static CODE: Operand<String> = Operand::new("code");
    /// static ADD: Command = Command::new("add").takes(&[CODE.param()]);
    /// static LIST: Command = Command::new("list");
    /// static HIVE: Command = Command::new("hive").commands(&[&ADD, &LIST]);
    ///
    /// let Outcome::Reading(reading) = HIVE.read(&["add", "A7"]) else { panic!() };
    /// assert!(reading.is(&ADD));
    /// assert_eq!(reading.get(&CODE), "A7");
    /// ```
    ///
    /// # Panics
    ///
    /// In a static, so that the build stops: when two answer to one name, and as
    /// [`takes`](Command::takes).
    #[must_use]
    #[track_caller]
    #[doc(alias("subcommand"))]
    #[inline]
    pub const fn commands(mut self, commands: &'d [&'d Command<'d>]) -> Self {
        self.note(said::COMMANDS);
        self.set_commands(commands, in_order(commands));
        if !self.is_draft() {
            check_listed(&self);
            check_across(&self);
        }
        self
    }

    /// The subcommands of another command, with its default one unless another is said; `acts` says whether a
    /// line may name none of them.
    ///
    /// # Panics
    ///
    /// In a static, so that the build stops: when it has none, and as [`commands`](Command::commands).
    #[must_use]
    #[track_caller]
    #[inline]
    pub(crate) const fn commands_of(mut self, other: &Command<'d>, acts: bool) -> Self {
        if self.default_subcommand().is_none()
            && let Some(default) = other.default_subcommand()
        {
            self.set_default_command(default);
        }
        self.set_childless(other.subcommands().is_empty());
        if acts {
            self.set_acts();
        }
        self.commands(other.subcommands())
    }

    /// Lets the command act without a subcommand too. A line that names none is no fault, and
    /// the command's own handler gets the reading.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn acts(mut self) -> Self {
        self.note(said::ACTS);
        self.set_acts();
        self
    }

    /// The subcommand that is meant where none is named. A line reads as if it were named before the first
    /// word that is neither an option, nor the value of one, of this command or those above: `hive
    /// --sort=code`, `hive -- A7`, `hive` alone. What both know is the upper one's, so `hive --help` is the
    /// page of `hive`; an option that neither knows does not choose it, and a word that is no subcommand
    /// does only if it takes operands.
    ///
    /// # Panics
    ///
    /// In a static, so that the build stops where the command is listed or made a program: when it is none of
    /// the [`commands`](Command::commands).
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn default_command(mut self, command: &'d Command<'d>) -> Self {
        self.note(said::DEFAULT_COMMAND);
        self.set_default_command(command);
        self
    }

    /// From the first operand on no word is an option, here and in every command below, as POSIX
    /// guideline 9 has it. Otherwise options may follow operands.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn operands_end_options(mut self) -> Self {
        self.note(said::OPERANDS_END_OPTIONS);
        self.set_operands_end();
        self
    }

    /// The beginning of a long name, of a subcommand, or of both, is accepted for that name if no other begins so, here and
    /// in every command below. Names that are hidden count, and may be shortened too.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Command, Flag, Abbreviated, Outcome};
    /// static CALM: Flag = Flag::new("calm");
    /// static INSPECT: Command = Command::new("inspect").takes(&[CALM.param()]);
    /// static APIARY: Command =
    ///     Command::new("apiary").commands(&[&INSPECT]).abbreviations(Abbreviated::Options);
    ///
    /// assert!(matches!(APIARY.read(&["inspect", "--c"]), Outcome::Reading(_)));
    /// assert!(matches!(APIARY.read(&["insp", "--c"]), Outcome::Faults(_)));
    /// ```
    #[doc(alias("prefix"))]
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn abbreviations(mut self, of: Abbreviated) -> Self {
        self.note(said::ABBREVIATIONS);
        self.set_abbreviates(abbreviates(of));
        self
    }

    /// What it gives is printed, and it needs no handler. Its work is that of a library; a copy of such a command that
    /// [takes](Command::takes) other parameters has work of its own, unless this is called for the copy too.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn stands_alone(mut self, alone: &'d dyn Alone) -> Self {
        self.note(said::STANDS_ALONE);
        self.set_alone(Some(alone));
        self
    }

    /// A copy that takes other parameters does no longer what the library does.
    #[inline]
    const fn own_work(&mut self) {
        if !self.said().has(said::STANDS_ALONE) {
            self.set_alone(None);
        }
    }
}

#[inline]
fn mistakes(command: &Command<'_>) -> Vec<String> {
    let mut mistakes: Vec<String> = Vec::new();
    mistakes.extend(command.problems().iter().map(ToString::to_string));
    if mistakes.is_empty() {
        mistakes = command.wrong_defaults();
    }
    mistakes
}
