//! What is of the whole program: its version, its config file, its phrases.

use clavret_core::wording::{Phrase, Wording};
use clavret_core::{Command, Config, Package};

use super::build::Build;
use super::refer::Level;
use super::view::{View, text};
use crate::keys::check::{none_of, quoted};

impl<'d> Build<'d, '_> {
    /// What is of the whole program.
    pub(super) fn of_root(
        &mut self,
        mut command: Command<'d>,
        level: Level<'d, '_>,
    ) -> Command<'d> {
        let root = self.root;
        if let Some(version) = root.text("version") {
            command = command.version(version);
        }
        if root.is("answers") {
            command = command.answers();
        }
        if let Some(usual) = self.usual {
            command = command.usual(usual);
        }
        if let Some(package) = root.table("package") {
            let text = |key| package.text(key).unwrap_or_default();
            let package = Package::new(text("version")).binary(text("binary"));
            let package = package.authors(text("authors")).page(text("page"));
            command = command.package(package.licence(text("licence")));
        }
        if let Some(view) = root.table("config") {
            let mut config = Config::new(view.text("file").unwrap_or_default());
            let option = view.get("option").and_then(|node| Some((text(node)?, &node.at)));
            if let Some(option) = option.and_then(|name| self.param(name, level)) {
                config = config.option(option);
            }
            command = command.config(self.arena.alloc(config));
        }
        if let Some(view) = root.table("wording") {
            let wording = self.wording(view);
            command = command.wording(self.arena.alloc(wording));
        }
        command
    }

    fn wording(&mut self, view: View<'d>) -> Wording<'d> {
        let mut wording = Wording::ENGLISH;
        if let Some(with) = view.table("with") {
            let mut phrases = Vec::new();
            for entry in with.entries {
                let phrase = Phrase::ALL.iter().find(|phrase| phrase.name() == entry.key);
                match (phrase, text(&entry.value)) {
                    (Some(phrase), Some(text)) => phrases.push((*phrase, text)),
                    (None, _) => {
                        let told = format!("{} is no phrase", quoted(&entry.key));
                        let told = none_of(
                            told,
                            &entry.key,
                            Phrase::ALL.iter().map(|phrase| phrase.name()),
                        );
                        self.blots.put(&entry.at, told);
                    }
                    _ => {}
                }
            }
            wording = wording.with(self.arena.alloc_slice_copy(&phrases));
        }
        if let Some(words) = view.texts("count-words", self.arena) {
            wording = wording.count_words(words);
        }
        let pairs = |key| {
            let entries = view.table(key).map_or(&[] as &[_], |table| table.entries);
            entries.iter().filter_map(|entry| Some((entry.key.as_str(), text(&entry.value)?)))
        };
        if view.get("nouns").is_some() {
            let nouns: Vec<_> = pairs("nouns").collect();
            wording = wording.nouns(self.arena.alloc_slice_copy(&nouns));
        }
        if view.get("signs").is_some() {
            let signs: Vec<(char, &'d str)> = pairs("signs")
                .filter_map(|(sign, called)| Some((sign.chars().next()?, called)))
                .collect();
            wording = wording.signs(self.arena.alloc_slice_copy(&signs));
        }
        wording
    }
}
