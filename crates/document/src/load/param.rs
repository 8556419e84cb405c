//! A parameter of a document: its key, with a setter called for each of the table's keys. Those that take more than a text, a
//! character or a truth value are called here, the others by `settings.rs`.

use clavret_core::ask::{Param, Role};
use clavret_core::handlers::Gives;
use clavret_core::handlers::{Alone, ShowPage, ShowVersion};
use clavret_core::shape::Untyped;
use clavret_core::{HELP_COMMAND, Tail};

use super::build::Build;
use super::foreign::{List, Prints};
use super::kinds;
use super::settings::set;
use super::view::View;

impl<'d> Build<'d, '_> {
    /// The parameters of a table, in the order of the text.
    pub(super) fn listed(&mut self, view: View<'d>) -> Vec<&'d Param<'d>> {
        let lists = [
            ("operand", Role::Operand),
            ("option", Role::Option),
            ("flag", Role::Flag),
            ("tally", Role::Tally),
        ];
        let mut views: Vec<(View<'d>, Role)> = Vec::new();
        for (key, role) in lists {
            views.extend(view.tables(key).map(|param| (param, role)));
        }
        views.sort_by_key(|(param, _)| param.at.start);
        views.into_iter().map(|(param, role)| self.made(param, role)).collect()
    }

    fn made(&mut self, view: View<'d>, role: Role) -> &'d Param<'d> {
        let name = view.name();
        let key = match role {
            Role::Operand => Untyped::operand(name, self.form(view)),
            Role::Option => Untyped::option(name, self.form(view)),
            Role::Flag => Untyped::flag(name),
            _ => Untyped::tally(name),
        };
        let mut key = set(key, view, self.arena);
        if let Some(refers) = view.text("refers") {
            key = key.refers(kinds::refers(refers));
        }
        if let Some(tail) = view.text("tail") {
            key = key.tail(tail_of(tail));
        }
        if let Some((min, max)) = times(view) {
            key = key.times(min, max);
        }
        if let Some(valid) = view.get("valid").or_else(|| self.valid_of_kind(view))
            && let Some(test) = self.document.test(valid.at.start)
        {
            key = key.valid(test);
        }
        if let Some(list) = view.table("listed-by") {
            let noun = list.text("noun").unwrap_or_default();
            key = key.listed_by(self.arena.alloc(List { noun, is_closed: list.is("closed") }));
        }
        if let Some(alone) = view.text("stands-alone") {
            key = key.stands_alone(self.of_param(alone));
        }
        self.arena.alloc(key).param()
    }

    /// The form of a parameter's value.
    fn form(&mut self, view: View<'d>) -> &'d clavret_core::shape::Form<'d> {
        let kinds = self.kinds_of(view);
        if view.is("attached") && kinds.len() > 1 {
            let at = view.get("attached").map_or(view.at, |node| &node.at);
            self.blots.put(at, "a value of several words cannot be attached to a name");
        }
        self.arena.alloc(kinds::form(view, kinds))
    }
}

fn times(view: View<'_>) -> Option<(u32, u32)> {
    let count = |node| super::view::scalar(node)?.parse().ok();
    match view.items("times") {
        [least] => Some((count(least)?, u32::MAX)),
        [least, most] => Some((count(least)?, count(most)?)),
        _ => None,
    }
}

fn tail_of(name: &str) -> Tail {
    match name {
        "raw" => Tail::Raw,
        "after-dashes" => Tail::AfterDashes,
        _ => Tail::UnknownOptions,
    }
}

impl<'d> Build<'d, '_> {
    /// What a parameter gives: what the program hands over for it, if it does.
    fn of_param(&self, name: &str) -> &'d dyn Alone {
        let handed = self.handed.params.iter().filter_map(|param| param.alone());
        match name {
            "page" => &ShowPage,
            "version" => &ShowVersion,
            other => of_program(other, handed),
        }
    }

    /// What a command gives: the page of another one, where it shows one.
    pub(super) fn of_command(&self, name: &str) -> &'d dyn Alone {
        let handed = self.handed.commands.iter().filter_map(|command| command.ask().alone());
        match name {
            "page" => HELP_COMMAND.ask().alone().unwrap_or(&ShowPage),
            "version" => &ShowVersion,
            other => of_program(other, handed),
        }
    }
}

fn of_program<'d>(name: &str, mut handed: impl Iterator<Item = &'d dyn Alone>) -> &'d dyn Alone {
    let (gives, foreign): (_, &dyn Alone) = match name {
        "completions" => (Gives::Scripts, &Prints(Gives::Scripts)),
        "document" => (Gives::Document, &Prints(Gives::Document)),
        _ => (Gives::Text, &Prints(Gives::Text)),
    };
    handed.find(|alone| alone.gives() == gives).unwrap_or(foreign)
}
