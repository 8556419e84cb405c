//! What holds for lines as a whole, and for a whole program.

use crate::check::stops::{check_rules, check_usual};
use crate::on_demand::judge::judged;
use crate::record::command::Command;
use crate::record::config::Config;
use crate::record::fault::Objection;
use crate::record::param::Param;
use crate::record::reading::Reading;
use crate::record::rule::Rule;
use crate::record::settings::command as said;

impl<'d> Command<'d> {
    /// Relations between its parameters, and those of commands above.
    ///
    /// # Panics
    ///
    /// In a static, so that the build stops: when a rule has fewer than two members. And where the command is listed or
    /// made a program: when no member of a rule is a parameter of the command, or one of them can never be on its line,
    /// being neither its own nor of a command above or below it.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn rules(mut self, rules: &'d [Rule<'d>]) -> Self {
        self.note(said::RULES);
        self.set_rules(rules);
        if !self.is_draft() {
            check_rules(&self);
        }
        self
    }

    /// A test of the whole reading, made after everything else was found right. A line that is offered after
    /// `try` has passed it too, so it may be called a second time. What it says of a
    /// [secret](crate::Named::secret) is not shown.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Command, Objection, Named, Outcome, Reading};
    /// static SINCE: Named<u16> = Named::new("since").default("2000");
    /// static UNTIL: Named<u16> = Named::new("until").default("2100");
    ///
    /// fn in_order(reading: &Reading<'_>) -> Result<(), Objection> {
    ///     let (since, until) = (reading.get(&SINCE), reading.get(&UNTIL));
    ///     if since <= until {
    ///         return Ok(());
    ///     }
    ///     Err(Objection::new(format!("{since} comes after {until}")).about(&SINCE).about(&UNTIL))
    /// }
    ///
    /// static REPORT: Command = Command::new("report")
    ///     .takes(&[SINCE.param(), UNTIL.param()])
    ///     .judged_by(&in_order);
    ///
    /// assert!(matches!(REPORT.read(&["--since", "2026"]), Outcome::Reading(_)));
    /// assert!(matches!(REPORT.read(&["--since", "2026", "--until", "2025"]), Outcome::Faults(_)));
    /// ```
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn judged_by(
        mut self,
        judge: &'d (dyn for<'r> Fn(&Reading<'r>) -> Result<(), Objection> + Sync + 'd),
    ) -> Self {
        self.note(said::JUDGED_BY);
        self.set_judge((judge, judged));
        self
    }

    /// The config file; for the root.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn config(mut self, config: &'d Config<'d>) -> Self {
        self.note(said::CONFIG);
        self.set_config(config);
        self
    }

    /// What every command of the program accepts, and what stands alone: a page, the version. For the root.
    ///
    /// Without this setter these are [`VERSION_FLAG`](crate::VERSION_FLAG) and
    /// [`HELP_FLAG`](crate::HELP_FLAG). With it, what is not listed is given up, and its names are free for
    /// something else.
    ///
    /// The pages of commands below list those that are [`throughout`](crate::Flag::throughout). A
    /// parameter of a command comes first where it has one of their names, which is told as a mistake: by
    /// `Program` while compiling, by `prove`, and at the start of a debug build.
    ///
    /// ```
    /// # use clavret_core as clavret;
    /// use clavret::{Command, Flag, Outcome};
    /// use clavret::handlers::ShowPage;
    /// use clavret::look::Look;
    ///
    /// static AID: Flag = Flag::new("aid").letter('a').throughout().stands_alone(&ShowPage);
    /// static APIARY: Command = Command::new("apiary").version("1.2.0").usual(&[AID.param()]);
    ///
    /// let Outcome::Request(asked) = APIARY.read(&["--aid"]) else { panic!() };
    /// assert!(asked.text(Look::PLAIN).starts_with("apiary"));
    /// assert!(matches!(APIARY.read(&["--help"]), Outcome::Faults(_)));
    /// assert!(matches!(APIARY.read(&["--version"]), Outcome::Faults(_)));
    /// ```
    ///
    /// # Panics
    ///
    /// In a static, so that the build stops: when one does not stand alone, or two share a name.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn usual(mut self, params: &'d [&'d Param<'d>]) -> Self {
        self.note(said::USUAL);
        self.set_usual(params);
        if !self.is_draft() {
            check_usual(&self);
        }
        self.described()
    }

    /// The program answers requests that are made by the environment variable `CLAVRET` beside the single word
    /// `--version`, with a dot on standard input, before anything else is looked at; for the root. What knows an answer
    /// is listed among its commands or parameters: `COMPLETIONS_COMMAND` answers the scripts of its shells. A program that does
    /// not answer runs as it would without the variable, and so does one that is asked for what it does not know.
    #[must_use]
    #[track_caller]
    #[inline]
    pub const fn answers(mut self) -> Self {
        self.note(said::ANSWERS);
        self.set_answers();
        self
    }
}
