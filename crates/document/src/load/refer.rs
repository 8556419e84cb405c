//! What names in a document mean that stand for parameters.

use std::collections::HashSet;
use std::ops::Range;

use clavret_core::ask::{Param, Role};
use clavret_core::{HELP_FLAG, VERSION_FLAG};

use super::build::Build;
use super::view::View;
use crate::keys::check::{none_of, quoted};
use crate::names::Called;

/// A command of the document, its parameters made, and those above it.
#[derive(Debug, Clone, Copy)]
pub(super) struct Level<'d, 'l> {
    pub(super) params: &'l Called<'d>,
    pub(super) above: Option<&'l Level<'d, 'l>>,
}

impl<'d> Level<'d, '_> {
    fn all(&self) -> Vec<&'d Param<'d>> {
        let mut params: Vec<&'d Param<'d>> = self.params.all().collect();
        let mut level = self.above;
        while let Some(above) = level {
            params.extend(above.params.all());
            level = above.above;
        }
        params
    }
}

impl<'d> Build<'d, '_> {
    /// The parameter that a name means at a level.
    pub(super) fn param(
        &mut self,
        (name, at): (&str, &Range<usize>),
        level: Level<'d, '_>,
    ) -> Option<&'d Param<'d>> {
        let mut here = Some(&level);
        while let Some(level) = here {
            if let Some(param) = level.params.among(name) {
                return Some(param);
            }
            here = level.above;
        }
        let afar = self.param_afar(name);
        if afar.is_none() {
            self.blots.put(at, unknown(name, &level.all()));
        }
        afar
    }

    /// The same behind the names of commands.
    fn param_afar(&self, name: &str) -> Option<&'d Param<'d>> {
        let (way, name) = name.rsplit_once(' ')?;
        let mut way = way.split(' ');
        let mut table = self.root;
        if way.next()? != table.name() {
            return None;
        }
        for name in way {
            table = table.tables("command").find(|command| command.name() == name)?;
        }
        self.taken.get(&table.at.start)?.among(name)
    }

    /// The parameters of a list by their names.
    pub(super) fn params_named(
        &mut self,
        view: View<'d>,
        key: &str,
        level: Level<'d, '_>,
    ) -> &'d [&'d Param<'d>] {
        let names: Vec<_> = view.names(key).collect();
        let params: Vec<_> = names.into_iter().filter_map(|name| self.param(name, level)).collect();
        self.arena.alloc_slice_copy(&params)
    }

    /// What is usual, of the root's own options and flags, or one that every program may name.
    pub(super) fn usual(&mut self, own: &[&'d Param<'d>]) -> Option<&'d [&'d Param<'d>]> {
        self.root.get("usual")?;
        let named: Vec<_> =
            own.iter().copied().filter(|param| param.role() != Role::Operand).collect();
        let named = Called::new(named);
        let mut usual = Vec::new();
        for (name, at) in self.root.names("usual") {
            match named.among(name) {
                Some(param) => usual.push(param),
                None if name == HELP_FLAG.param().name() => usual.push(HELP_FLAG.param()),
                None if name == VERSION_FLAG.param().name() => usual.push(VERSION_FLAG.param()),
                None => self.blots.put(at, unknown(name, &named.all().collect::<Vec<_>>())),
            }
        }
        Some(self.arena.alloc_slice_copy(&usual))
    }

    /// The order that a table asks for, of parameters that it takes.
    pub(super) fn in_order(
        &mut self,
        view: View<'d>,
        params: Vec<&'d Param<'d>>,
    ) -> Vec<&'d Param<'d>> {
        if view.get("takes").is_none() {
            return params;
        }
        let known = Called::new(params);
        let (mut ordered, mut seen) = (Vec::new(), HashSet::new());
        for (name, at) in view.names("takes") {
            match known.among(name) {
                Some(param) if seen.insert(address(param)) => ordered.push(param),
                Some(_) => self.blots.put(at, format!("`takes` lists {} twice", quoted(name))),
                None => self.blots.put(at, unknown(name, &known.all().collect::<Vec<_>>())),
            }
        }
        if let Some(left) = known.all().find(|param| !seen.contains(&address(param)))
            && let Some(node) = view.get("takes")
        {
            self.blots.put(&node.at, format!("`takes` leaves out `{}`", left.name()));
        }
        ordered
    }
}

fn address(param: &Param<'_>) -> usize {
    std::ptr::from_ref(param).addr()
}

/// Why a name means no parameter.
fn unknown(name: &str, params: &[&Param<'_>]) -> String {
    let told = format!("{} is no parameter here", quoted(name));
    none_of(told, name.trim_start_matches('-'), params.iter().map(|param| param.name()))
}
