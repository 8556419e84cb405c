//! Values from elsewhere: for what no word gives, the environment variable is asked, then the config
//! file. Nothing is converted here, and nothing is asked for that a word has given.

use std::ffi::OsString;
use std::ops::Range;
use std::path::Path;

use super::outside::{malformed, setting_unknown};
use super::unread::unread;
use crate::read::convert;
use crate::read::finish::is_text;
use crate::read::split::{is, parts};
use crate::record::brought::Brings;
use crate::record::command::Command;
use crate::record::config::Config;
use crate::record::fault::{Fault, FaultKind, Place};
use crate::record::line::{Line, Outer, Piece, Slot, Term};
use crate::record::param::called::Hit;
use crate::record::param::{Param, Role};
use crate::record::world::{Setting, Settings, Trial, World};
use crate::text::Listed;
use crate::text::order::in_order;

/// Asks the environment and the config file.
#[cold]
#[inline]
pub(crate) fn ask_sources(line: &mut Line<'_>) {
    line.ask_sources();
}

impl<'d> Line<'d> {
    #[inline]
    fn ask_sources(&mut self) {
        self.load_settings();
        let mut slots = std::mem::take(&mut self.slots);
        for slot in &mut slots {
            if slot.typed.count == 0 && !slot.param.variable().is_empty() {
                slot.outer = self.variable(slot.param).map(Box::new);
            }
        }
        self.slots = slots;
        if let Some(settings) = self.around.settings().cloned() {
            self.settle(&settings);
        }
        self.silence();
    }

    /// What the variable of a parameter holds. An empty one is unset, except for text.
    #[inline]
    fn variable(&self, param: &Param<'_>) -> Option<Outer> {
        let value = self.around.world?.variable(param.variable())?;
        if value.is_empty() && !is_text(param) {
            return None;
        }
        let whole = Place::Variable { start: 0, end: value.len() };
        // A flag has no list to split; its words are those of truth, and digits as shells have them.
        let words = match param.role() {
            Role::Flag if value == "1" => vec![("yes".into(), whole)],
            Role::Flag if value == "0" => vec![("no".into(), whole)],
            Role::Flag => vec![(value, whole)],
            _ => parts(param, &value, &|start, end| Place::Variable { start, end }),
        };
        let words = words.into_iter().map(|(text, place)| Piece::new(text, place)).listed();
        Some(Outer { words, place: whole, is_opposite: false })
    }

    /// Reads the config file, once: the one that the line or a variable names, or the usual one.
    #[inline]
    fn load_settings(&mut self) {
        let root = self.trail.root();
        let (Some(config), Some(world)) = (root.config_file(), self.around.world) else { return };
        if self.around.settings().is_some() || self.around.trial != Trial::No {
            return;
        }
        let named = self.settings_file(config, world);
        let file = named.as_ref().map(|named| Path::new(&named.0));
        let place = named.as_ref().map_or(Place::Nowhere, |named| named.1);
        let settings = match world.settings(config.file(), file) {
            Ok(Some(settings)) => settings,
            Ok(None) => return,
            Err(reason) => {
                let fault = Fault::new(FaultKind::FileUnread, place)
                    .with(const { &Brings::saying(unread) });
                let unread = Some(Box::new(reason));
                self.blame(Fault { param: config.option_param(), unread, ..fault });
                return;
            }
        };
        self.around.add_settings(settings);
    }

    /// The config file that the line names, or the variable of the option for it.
    #[inline]
    fn settings_file(&self, config: &Config<'_>, world: &dyn World) -> Option<(OsString, Place)> {
        let option = config.option_param()?;
        let slot = self.slots.iter().find(|slot| is(slot.param, option));
        if let Some(step) = slot.and_then(|slot| self.steps.get(slot.typed.last as usize)) {
            return Some((convert::typed(step, self.words).into_owned(), step.place()));
        }
        let name = Some(option.variable()).filter(|name| !name.is_empty())?;
        let value = world.variable(name).filter(|value| !value.is_empty())?;
        let place = Place::Variable { start: 0, end: value.len() };
        Some((value, place))
    }

    /// Gives the settings to the parameters of the line's commands; what no command knows is a fault,
    /// wherever it stands.
    #[inline]
    fn settle(&mut self, settings: &Settings) {
        if let Some((Range { start, end }, _)) = settings.error {
            let place = Place::Setting { start, end };
            self.blame(
                Fault::new(FaultKind::SettingMalformed, place)
                    .with(const { &Brings::saying(malformed) }),
            );
            return;
        }
        for setting in &settings.unset {
            if let Err(key) = self.find_setting(setting) {
                self.setting_unknown(key);
            }
        }
        for setting in &settings.entries {
            match self.find_setting(setting) {
                Ok(Some((slot, outer))) => {
                    let param = self.slots[slot].param;
                    let key = setting.path.last().map_or("", |key| key.0.as_str());
                    if let Some(old) = param.former_names().iter().find(|old| **old == key) {
                        self.warn_former(Term::Plain(old), Term::Plain(param.name()));
                    }
                    let Slot { typed, outer: known, .. } = &mut self.slots[slot];
                    let from_file = known.as_ref().is_none_or(|known| known.place.is_of_setting());
                    if typed.count == 0 && from_file {
                        match known {
                            // The entries of a table, one after the other.
                            Some(known) => known.words.extend(outer.words),
                            None => *known = Some(Box::new(outer)),
                        }
                    }
                }
                Ok(None) => {}
                Err(key) => self.setting_unknown(key),
            }
        }
    }

    #[cold]
    #[inline]
    fn setting_unknown(&mut self, key: Range<usize>) {
        let place = Place::Setting { start: key.start, end: key.end };
        self.blame(
            Fault::new(FaultKind::SettingUnknown, place)
                .with(const { &Brings::saying(setting_unknown) }),
        );
    }

    /// The slot that a setting is for, if its command is on the line; the place of the first key that
    /// nothing is called otherwise.
    #[inline]
    fn find_setting(&self, setting: &Setting) -> Result<Option<(usize, Outer)>, Range<usize>> {
        let mut levels = self.trail.levels();
        let mut level = levels.next();
        let mut command: &Command<'_> = self.trail.root();
        let mut keys = setting.path.iter();
        while let Some((key, place)) = keys.next() {
            if let Some((at, param, hit)) = find_param(command, key) {
                let outer = outer(param, hit, setting, keys.as_slice(), place)?;
                return Ok(level.map(|level| (level.base as usize + at, outer)));
            }
            command = command.subcommand(key.as_bytes()).ok_or(place.clone())?;
            let is_on_line = |next: &crate::record::line::Level<'_>| next.command.is(command);
            level = level.and_then(|_| levels.next()).filter(is_on_line);
        }
        // A command has settings, and is none.
        match setting.path.last() {
            Some((_, place)) if !setting.values.is_empty() => Err(place.clone()),
            _ => Ok(None),
        }
    }

    /// What is given in words silences what it excludes itself and comes from elsewhere.
    #[inline]
    fn silence(&mut self) {
        self.place_slots();
        for level in self.trail.levels().listed() {
            for rule in level.command.relations().filter(|rule| rule.relation().excludes()) {
                let is_given = rule.members().iter().any(|param| self.is_given(param));
                match rule.when() {
                    Some((hangs, _)) => {
                        if self.is_given(hangs) {
                            self.drop_outer(rule.members());
                        }
                        if is_given {
                            self.drop_outer(&[hangs]);
                        }
                    }
                    None if is_given => self.drop_outer(rule.members()),
                    None => {}
                }
            }
        }
    }

    #[inline]
    fn drop_outer(&mut self, params: &[&Param<'_>]) {
        for param in params {
            if let Some(at) = self.slot_of(param) {
                self.slots[at].outer = None;
            }
        }
    }
}

/// The parameter that a key of the config file sets.
#[inline]
fn find_param<'d>(command: &Command<'d>, key: &str) -> Option<(usize, &'d Param<'d>, Hit)> {
    command.params().enumerate().find_map(|(at, param)| {
        let hit = param.find_name(key.as_bytes());
        let hit = hit.filter(|hit| *hit != Hit::File && is_settable(command, param));
        hit.map(|hit| (at, param, hit))
    })
}

/// Whether the config file may set a parameter. Operands and tallies are for words alone, and the
/// option that names the file is in none.
#[inline]
pub(crate) fn is_settable(command: &Command<'_>, param: &Param<'_>) -> bool {
    let names_file = command.config_file().and_then(|config| config.option_param());
    matches!(param.role(), Role::Option | Role::Flag)
        && !names_file.is_some_and(|option| is(option, param))
}

/// What of a config file is secret: the values of secret options, and, where the program has any, those of keys that
/// nothing is called, which may be one misspelt. A map's keys are part of its value.
#[inline]
pub(crate) fn secret_settings(root: &Command<'_>, settings: &Settings) -> Vec<Range<usize>> {
    let mut secrets = Vec::new();
    for Setting { path, values } in &settings.entries {
        let mut command = Some(root);
        let mut param = None;
        let mut keys = path.iter();
        for (key, _) in keys.by_ref() {
            param = command.and_then(|at| find_param(at, key)).map(|found| found.1);
            command =
                command.filter(|_| param.is_none()).and_then(|at| at.subcommand(key.as_bytes()));
            if command.is_none() {
                break;
            }
        }
        let is_secret = param.is_some_and(Param::is_secret);
        if is_secret || param.is_none() && command.is_none() {
            secrets.extend(values.iter().map(|value| value.1.clone()));
        }
        if is_secret {
            secrets.extend(keys.map(|key| key.1.clone()));
        }
    }
    if !has_secret(root) {
        secrets.clear();
    }
    in_order(&mut secrets, |secret| (secret.start, secret.end));
    secrets
}

/// Whether a command or one below it has a secret.
#[inline]
pub(crate) fn has_secret(root: &Command<'_>) -> bool {
    root.tree().any(|(_, command)| command.params().any(Param::is_secret))
}

/// A setting's words; `below` are the keys of a table that a map takes.
#[inline]
fn outer(
    param: &Param<'_>,
    hit: Hit,
    setting: &Setting,
    below: &[(String, Range<usize>)],
    key: &Range<usize>,
) -> Result<Outer, Range<usize>> {
    let entry = match below {
        [] => None,
        [(name, _)] if matches!(param.kinds(), [kind] if kind.sides().is_some()) => Some(name),
        [(_, place), ..] => return Err(place.clone()),
    };
    let mut words = Vec::new();
    for (value, Range { start, end }) in &setting.values {
        let place = Place::Setting { start: *start, end: *end };
        let text: OsString = match entry {
            Some(name) => format!("{name}={value}").into(),
            None => value.into(),
        };
        words.push(Piece { equals: entry.map(String::len), ..Piece::new(text, place) });
    }
    let place = Place::Setting { start: key.start, end: key.end };
    Ok(Outer { words, place, is_opposite: hit == Hit::Opposite })
}
