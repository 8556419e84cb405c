//! What a parameter, a bundle or a command brings along to be done, by what was declared: a program links that, and no more. The
//! one place that names what is `on_demand`.

use crate::on_demand::counts::special;
use crate::on_demand::description::blocks;
use crate::on_demand::files::touch;
use crate::on_demand::foot::foot;
use crate::on_demand::keys::KEYED;
use crate::on_demand::list_page::LISTS;
use crate::on_demand::manners::MANNERS;
use crate::on_demand::outside::SOURCES;
use crate::on_demand::secret::SECRECY;
use crate::record::brought::{Brought, Described};
use crate::record::command::{Bundle, Command};
use crate::record::mend::Mend;
use crate::record::param::Param;
use crate::record::settings::param as said;

impl Brought {
    /// What a parameter brings along.
    #[inline]
    pub const fn of(param: &Param<'_>) -> Self {
        let mut brought = Brought::NOTHING;
        brought.add(param);
        brought
    }

    /// What a bundle brings along.
    #[inline]
    pub const fn of_bundle(bundle: &Bundle<'_>) -> Self {
        let mut brought = Brought::NOTHING;
        brought.add_all(bundle.params());
        brought
    }

    /// The same, and what something else brings along.
    #[inline]
    pub(crate) fn and(self, other: Brought) -> Self {
        Brought {
            sources: self.sources.or(other.sources),
            touches: self.touches.or(other.touches),
            special: self.special.or(other.special),
            secrecy: self.secrecy.or(other.secrecy),
            lists: self.lists.or(other.lists),
            manners: self.manners.or(other.manners),
            several: self.several.or(other.several),
            bare: self.bare.or(other.bare),
            keyed: self.keyed.or(other.keyed),
            described: Described::both(self.described, other.described),
        }
    }

    /// What several parameters bring along.
    #[inline]
    pub(crate) const fn add_all(&mut self, params: &[&Param<'_>]) {
        let mut i = 0;
        while i < params.len() {
            self.add(params[i]);
            i += 1;
        }
    }

    /// What a parameter brings along follows from its bits: the setters that were called, and what its type says.
    #[inline]
    const fn add(&mut self, param: &Param<'_>) {
        let said = param.said();
        if said.has(said::BRINGS_SOURCES) {
            self.sources = Some(SOURCES);
        }
        if said.has(said::BRINGS_TOUCHES) {
            self.touches = Some(touch);
        }
        if said.has(said::BRINGS_SPECIAL) {
            self.special = Some(special);
        }
        if said.has(said::BRINGS_SECRECY) {
            self.secrecy = Some(SECRECY);
        }
        if said.has(said::BRINGS_LISTS) {
            self.lists = Some(LISTS);
        }
        if said.has(said::BRINGS_MANNERS) {
            self.manners = Some(MANNERS);
        }
        if said.has(said::BRINGS_SEVERAL) {
            self.several = Some(Mend::SEVERAL);
        }
        if said.has(said::BRINGS_BARE) {
            self.bare = Some(Mend::BARE);
        }
        if said.has(said::BRINGS_KEYED) {
            self.keyed = Some(KEYED);
        }
        if said.has(said::BRINGS_DESCRIBED) {
            self.described = Described::both(self.described, Some(&Described::BLOCKS));
        }
    }

    /// What the description of a command brings along.
    #[inline]
    pub(crate) const fn describe(&mut self, description: &str) {
        if !description.is_empty() {
            self.described = Described::both(self.described, Some(&Described::BLOCKS));
        }
    }

    /// What the full page of a command ends in.
    #[inline]
    pub(super) const fn end(&mut self, command: &Command<'_>) {
        let package = command.ask().package();
        let (authors, page) = (package.author_list(), package.home());
        let licence = package.licence_name();
        let is_from = !authors.is_empty() || !page.is_empty() || !licence.is_empty();
        if is_from || !command.ask().examples().is_empty() || !command.ask().statuses().is_empty() {
            self.described = Described::both(self.described, Some(&Described::FOOT));
        }
    }
}

impl Described {
    const BLOCKS: Self = Described { blocks: Some(blocks), foot: None };
    const FOOT: Self = Described { blocks: None, foot: Some(foot) };
    const BOTH: Self = Described { blocks: Some(blocks), foot: Some(foot) };

    /// What one or the other has.
    #[inline]
    const fn both(
        one: Option<&'static Self>,
        other: Option<&'static Self>,
    ) -> Option<&'static Self> {
        match (one, other) {
            (None, described) | (described, None) => described,
            (Some(Described { foot: None, .. }), Some(Described { foot: None, .. })) => one,
            (Some(Described { blocks: None, .. }), Some(Described { blocks: None, .. })) => one,
            _ => Some(&Described::BOTH),
        }
    }
}
