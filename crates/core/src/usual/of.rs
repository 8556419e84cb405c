//! A page with what is usual, and the names in reach with it.

use crate::page::build;
use crate::record::list::KnownValues;
use crate::record::page::{InlineKind, Page};
use crate::record::reading::{CommandPath, PageLength};

impl<'d> Page<'d> {
    /// The page of the command that a path leads to.
    pub fn of(path: &CommandPath<'d>, length: PageLength) -> Self {
        Page::known(path, length, None)
    }

    /// The same where the values of closed lists were asked for.
    pub(crate) fn known(
        path: &CommandPath<'d>,
        length: PageLength,
        known: Option<&dyn KnownValues>,
    ) -> Self {
        build::page(path, length, known, path.root().usual_params())
    }

    /// What stands between a piece of a text and the one before it, where that goes on in one line: a space between words,
    /// a comma between names, and in front of facts what the program's phrases have there.
    ///
    /// ```
    /// # mod clavret { pub use clavret_core::*; }
    /// use clavret::medium::Block;
    /// use clavret::{Command, Named};
    /// use clavret::ask::CommandPath;
    /// use clavret::medium::{Page, PageLength};
    ///
    /// static FRAMES: Named<u8> = Named::new("frames").letter('f').default("0").help("brood frames seen");
    /// static INSPECT: Command = Command::new("inspect").takes(&[FRAMES.param()]);
    ///
    /// let page = Page::of(&CommandPath::of(&INSPECT), PageLength::Full);
    /// let [Block::Entries(_, entries)] = page.sections()[1].blocks() else { panic!() };
    /// let (mut line, mut before) = (String::new(), None);
    /// for piece in entries[0].help().inlines() {
    ///     line += page.between(before, piece.kind());
    ///     line += &piece.unmarked();
    ///     before = Some(piece.kind());
    /// }
    /// assert_eq!(line, "brood frames seen: a whole number; 0 unless given");
    /// ```
    pub fn between(&self, before: Option<InlineKind>, what: InlineKind) -> &'d str {
        what.behind(before, self.wording)
    }
}
