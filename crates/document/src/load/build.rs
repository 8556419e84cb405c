//! The tree of a document: parameters of all commands first, as rules may mean any of them, then the commands.

use std::collections::{HashMap, HashSet};
use std::rc::Rc;

use bumpalo::Bump;
use clavret_core::ask::{Param, Standard};
use clavret_core::inner;
use clavret_core::{Abbreviated, Bundle, Command, Kind};

use super::kinds::{self, Named};
use super::refer::Level;
use super::view::{View, scalar, text};
use super::{Document, Handed};
use crate::keys::check::{Blots, DEEPEST, none_of, quoted};
use crate::names::Called;
use crate::text::{Content, Node};

type Setter<'d> = fn(Command<'d>) -> Command<'d>;

/// A tree in the making.
pub(super) struct Build<'d, 'b> {
    pub(super) document: &'d Document,
    pub(super) arena: &'d Bump,
    pub(super) blots: &'b mut Blots,
    pub(super) handed: Handed<'d, 'b>,
    pub(super) root: View<'d>,
    own_kinds: HashMap<&'d str, View<'d>>,
    kinds: HashMap<&'d str, &'d Kind<'d>>,
    bundles: HashMap<&'d str, &'d Bundle<'d>>,
    /// The names of what they take.
    bundled: HashMap<&'d str, Rc<Called<'d>>>,
    /// The parameters of each command, its bundles' among them, by where its table begins.
    pub(super) taken: HashMap<usize, Rc<Called<'d>>>,
    /// The same without those of its bundles, nor what is usual.
    listed: HashMap<usize, &'d [&'d Param<'d>]>,
    pub(super) usual: Option<&'d [&'d Param<'d>]>,
}

impl<'d, 'b> Build<'d, 'b> {
    pub(super) fn new(
        document: &'d Document,
        arena: &'d Bump,
        blots: &'b mut Blots,
        handed: Handed<'d, 'b>,
    ) -> Self {
        let root = View::of(&document.root).unwrap_or(View { entries: &[], at: &document.root.at });
        Build {
            document,
            arena,
            blots,
            handed,
            root,
            own_kinds: kinds::own(root),
            kinds: HashMap::new(),
            bundles: HashMap::new(),
            bundled: HashMap::new(),
            taken: HashMap::new(),
            listed: HashMap::new(),
            usual: None,
        }
    }

    /// The root with all below it.
    pub(super) fn root(mut self) -> &'d Command<'d> {
        // Those whose words say what their values may be come after those that they name.
        let has_values =
            |view: &View<'d>| view.tables("offers").any(|offer| offer.get("value").is_some());
        let (keys, plain): (Vec<_>, Vec<_>) =
            self.own_kinds.values().copied().partition(|view| has_values(view));
        for view in plain.into_iter().chain(keys) {
            self.own_kind(view);
        }
        self.bundles();
        self.params(self.root, 0);
        self.rules_of_bundles();
        self.command(self.root, None)
    }

    fn own_kind(&mut self, view: View<'d>) {
        let mut values = Vec::new();
        for offer in view.tables("offers") {
            values.push(offer.get("value").and_then(|node| self.kind_of_value(node)));
        }
        let kind = kinds::kind(view, &values, self.arena, self.blots);
        self.kinds.insert(view.name(), self.arena.alloc(kind));
    }

    /// What the value of a key may be.
    fn kind_of_value(&mut self, node: &'d Node) -> Option<&'d Kind<'d>> {
        let name = text(node)?;
        let why = match self.own_kinds.contains_key(name) && !self.kinds.contains_key(name) {
            true => "the value of a key cannot have keys itself".to_owned(),
            false => match self.kind(name) {
                Ok(kind) => return Some(kind),
                Err(why) => why,
            },
        };
        self.blots.put(&node.at, why);
        None
    }

    /// The tests of a kind, where a parameter's words are all of that one.
    pub(super) fn valid_of_kind(&self, view: View<'d>) -> Option<&'d Node> {
        let mut kinds = kinds::types(view).into_iter().map(|(name, _)| name);
        let first = kinds.next()?;
        self.own_kinds.get(first).filter(|_| kinds.all(|name| name == first))?.get("valid")
    }

    /// The kinds of a parameter's words.
    pub(super) fn kinds_of(&mut self, view: View<'d>) -> &'d [&'d Kind<'d>] {
        let named = kinds::types(view);
        let mut kinds: Vec<&'d Kind<'d>> = Vec::new();
        for (name, node) in &named {
            match self.kind(name) {
                Ok(kind) => kinds.push(kind),
                Err(why) => self.blots.put(&node.at, why),
            }
        }
        if view.get("type").is_none() || kinds.len() < named.len() {
            kinds = vec![self.standard(Standard::Text).unwrap_or(&Kind::PATH)];
        }
        if let (true, [key, value]) = (view.table("type").is_some(), &kinds[..]) {
            kinds = vec![self.arena.alloc(Kind::entry(key, value))];
        }
        self.arena.alloc_slice_copy(&kinds)
    }

    fn kind(&mut self, name: &'d str) -> Result<&'d Kind<'d>, String> {
        match kinds::named(name, &self.own_kinds) {
            Some(Named::Standard(standard)) => self.standard(standard).ok_or_else(|| {
                format!("this program is built without the feature that has the type `{name}`")
            }),
            Some(Named::Own) => Ok(self.kinds[name]),
            None => Err(kinds::unknown(name, &self.own_kinds)),
        }
    }

    fn standard(&mut self, standard: Standard) -> Option<&'d Kind<'d>> {
        if let Some(kind) = self.kinds.get(standard.name()) {
            return Some(kind);
        }
        let kind: &'d Kind<'d> = self.arena.alloc(standard.kind()?);
        self.kinds.insert(standard.name(), kind);
        Some(kind)
    }

    fn bundles(&mut self) {
        for view in self.root.tables("bundle") {
            let params = self.listed(view);
            let params = self.in_order(view, params);
            let params: &'d [&'d Param<'d>] = self.arena.alloc_slice_copy(&params);
            let heading = view.text("heading").unwrap_or_default();
            let bundle = Bundle::new(heading).takes(params);
            self.bundled.insert(view.name(), Rc::new(Called::new(params.to_vec())));
            if self.bundles.insert(view.name(), self.arena.alloc(bundle)).is_some() {
                let at = view.get("name").map_or(view.at, |node| &node.at);
                self.blots
                    .put(at, format!("{} is the name of another bundle", quoted(view.name())));
            }
        }
    }

    /// The parameters of a command and of those below it.
    fn params(&mut self, view: View<'d>, depth: usize) {
        let mut params = self.listed(view);
        let taken = Called::new(params.clone());
        if depth == 0 {
            self.usual = self.usual(&params);
            let usual = self.usual.unwrap_or_default().iter();
            let usual: HashSet<*const Param<'_>> =
                usual.map(|&usual| std::ptr::from_ref(usual)).collect();
            params.retain(|&param| !usual.contains(&std::ptr::from_ref(param)));
        }
        let params = self.in_order(view, params);
        self.listed.insert(view.at.start, self.arena.alloc_slice_copy(&params));
        let bundles = view.names("bundles").filter_map(|(name, _)| self.bundled.get(name));
        let taken = taken.with(bundles.cloned().collect());
        self.taken.insert(view.at.start, Rc::new(taken));
        if depth < DEEPEST {
            view.tables("command").for_each(|command| self.params(command, depth + 1));
        }
    }

    fn command(&mut self, view: View<'d>, above: Option<&Level<'d, '_>>) -> &'d Command<'d> {
        let known = self.taken.get(&view.at.start).cloned();
        let taken = known.clone().unwrap_or_default();
        let level = Level { params: &taken, above };
        let mut below: Vec<&'d Command<'d>> = Vec::new();
        // Deeper than this no parameters were made, and it was told.
        if known.is_some() {
            for table in view.tables("command") {
                below.push(self.command(table, Some(&level)));
            }
        }
        let mut command = self.described(view);
        let listed = self.listed.get(&view.at.start).copied().unwrap_or_default();
        if !listed.is_empty() {
            command = command.takes(listed);
        }
        let bundles: Vec<_> = view
            .names("bundles")
            .collect::<Vec<_>>()
            .into_iter()
            .filter_map(|name| self.bundle(name))
            .collect();
        if !bundles.is_empty() {
            command = command.bundles(self.arena.alloc_slice_copy(&bundles));
        }
        let rules = self.rules(view, level);
        if !rules.is_empty() {
            command = command.rules(rules);
        }
        if let Some(default) = self.default_command(view, &below) {
            command = command.default_command(default);
        }
        if !below.is_empty() {
            command = command.commands(self.arena.alloc_slice_copy(&below));
        }
        if above.is_none() {
            command = self.of_root(command, level);
        }
        if let Some(alone) = view.text("stands-alone") {
            command = command.stands_alone(self.of_command(alone));
        }
        self.arena.alloc(inner::looked_at(command))
    }

    fn bundle(&mut self, (name, at): (&'d str, &std::ops::Range<usize>)) -> Option<&'d Bundle<'d>> {
        let found = self.bundles.get(name).copied();
        if found.is_none() {
            let told = format!("{} is no bundle here", quoted(name));
            let names = self.root.tables("bundle").map(|bundle| bundle.name());
            self.blots.put(at, none_of(told, name, names));
        }
        found
    }

    /// Rules of bundles may mean what the root takes too; commands borrow the bundles, so these come first.
    fn rules_of_bundles(&mut self) {
        let taken = self.taken.get(&self.root.at.start).cloned().unwrap_or_default();
        let root = Level { params: &taken, above: None };
        for view in self.root.tables("bundle") {
            let Some(bundle) = self.bundles.get(view.name()).copied() else { continue };
            let params = Called::new(bundle.params().to_vec());
            let rules = self.rules(view, Level { params: &params, above: Some(&root) });
            if !rules.is_empty() {
                self.bundles.insert(view.name(), self.arena.alloc(bundle.rules(rules)));
            }
        }
    }

    fn default_command(
        &mut self,
        view: View<'d>,
        below: &[&'d Command<'d>],
    ) -> Option<&'d Command<'d>> {
        let node = view.get("default-command")?;
        let name = text(node)?;
        let found = below.iter().find(|command| command.ask().name() == name).copied();
        if found.is_none() {
            let told = format!("{} is no subcommand here", quoted(name));
            let names = below.iter().map(|command| command.ask().name());
            self.blots.put(&node.at, none_of(told, name, names));
        }
        found
    }

    /// A command with its name, and what pages tell of it.
    fn described(&mut self, view: View<'d>) -> Command<'d> {
        let mut command = Command::draft(view.name());
        if let Some(summary) = view.text("summary") {
            command = command.summary(summary);
        }
        if let Some(description) = view.text("description") {
            command = command.description(description);
        }
        if let Some(aliases) = view.texts("aliases", self.arena) {
            command = command.aliases(aliases);
        }
        if let Some(former) = view.texts("formerly", self.arena) {
            command = command.formerly(former);
        }
        if let Some(instead) = view.text("deprecated") {
            command = command.deprecated(instead);
        }
        if let Some(since) = view.text("deprecated-since") {
            command = command.deprecated_since(since);
        }
        if let Some(until) = view.text("deprecated-until") {
            command = command.deprecated_until(until);
        }
        let rows = |key| {
            view.items(key).iter().filter_map(|row| match &row.content {
                Content::List(items) => Some((scalar(items.first()?)?, text(items.get(1)?)?)),
                _ => None,
            })
        };
        if view.get("examples").is_some() {
            let examples: Vec<_> = rows("examples").collect();
            command = command.examples(self.arena.alloc_slice_copy(&examples));
        }
        if view.get("statuses").is_some() {
            let status = |(status, means): (&'d str, &'d str)| Some((status.parse().ok()?, means));
            let statuses: Vec<(u8, &'d str)> = rows("statuses").filter_map(status).collect();
            command = command.statuses(self.arena.alloc_slice_copy(&statuses));
        }
        if let Some(of) = view.text("abbreviations") {
            command = command.abbreviations(match of {
                "options" => Abbreviated::Options,
                "commands" => Abbreviated::Commands,
                _ => Abbreviated::Both,
            });
        }
        let setters: [(&str, Setter<'d>); 3] = [
            ("hidden", Command::hidden),
            ("acts", Command::acts),
            ("operands-end-options", Command::operands_end_options),
        ];
        for (key, setter) in setters {
            if view.is(key) {
                command = setter(command);
            }
        }
        if view.text("judged-by").is_some() { command.judged_by(&|_| Ok(())) } else { command }
    }
}
