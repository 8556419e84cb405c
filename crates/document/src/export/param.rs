//! A parameter as a table, in the order of its keys.

use clavret_core::{Alone, Gives, Param, Role, Tail, Times};

use super::fields::{Fields, count, list, text};
use super::{Export, gives, kinds, valid};
use crate::text::Node;

impl<'d> Export<'d> {
    pub(super) fn param(&mut self, param: &'d Param<'d>) -> Node {
        let mut fields = Fields::default();
        fields.put("name", text(param.name()));
        fields.texts("aliases", param.aliases());
        fields.texts("formerly", param.former_names());
        fields.truth("hidden", param.is_declared_hidden());
        fields.letter("letter", param.letter().filter(|_| param.name().len() > 1));
        fields.truth("throughout", param.is_throughout());
        fields.truth("anew", param.is_anew());
        fields.text("help", &self.help(param));
        fields.text("description", param.description());
        fields.text("deprecated", param.instead());
        match param.role() {
            Role::Operand | Role::Option => self.valued(param, &mut fields),
            _ => {
                fields.text("opposite", param.opposite());
                fields.letter("opposite-letter", param.opposite_letter());
                fields.truth("worded", param.is_worded());
            }
        }
        fields.truth("attached", param.is_attached());
        fields.text("secret-file", param.file_name());
        fields.text("variable", param.variable());
        fields.truth("once", param.is_once());
        fields.text("stands-alone", param.alone().map_or("", |alone| gives(alone.gives())));
        fields.text("tail", param.tail().map_or("", tail));
        fields.node()
    }

    /// Its help; where its program alone knows what it gives, in the words of that.
    fn help(&self, param: &Param<'d>) -> String {
        let own = |alone: &&dyn Alone| param.help().is_empty() && alone.gives() == Gives::Text;
        match param.alone().filter(own) {
            Some(alone) => alone.help(&[param.spelled()], self.root.phrases()),
            None => param.help().to_owned(),
        }
    }

    fn valued(&mut self, param: &'d Param<'d>, fields: &mut Fields) {
        if let Some(types) = self.kinds.of(param) {
            fields.put("type", types);
        }
        fields.truth("optional", param.is_optional());
        fields.truth("many", param.is_list());
        fields.text("placeholder", param.declared_placeholder());
        if let Some(default) = param.default() {
            fields.put("default", text(default));
        }
        if let Some(valid) = valid::of(param) {
            fields.put("valid", valid);
        }
        if param.is_counted() {
            let Times { min, max } = param.given_times();
            let most = (max != u32::MAX).then(|| count(max));
            fields.put("times", list([count(min)].into_iter().chain(most)));
        }
        fields.truth("distinct", param.is_distinct());
        fields.letter("joined-by", param.delimiter());
        if let Some(refers) = param.declared_refers() {
            fields.put("refers", text(kinds::refers(refers)));
        }
        if let Some(lister) = param.list() {
            let mut list = Fields::default();
            list.text("noun", lister.noun());
            list.truth("closed", lister.is_closed());
            list.truth("unchecked", true);
            fields.put("listed-by", list.node());
        }
        fields.truth("secret", param.is_secret() && param.file_name().is_empty());
        fields.truth("as-in-code", param.is_as_in_code());
        fields.truth("infinite", param.is_infinite());
        if let Some(place) = param.declared_place() {
            fields.truth(place, true);
        }
        fields.texts("extensions", param.extensions());
    }
}

fn tail(tail: Tail) -> &'static str {
    match tail {
        Tail::Raw => "raw",
        Tail::AfterDashes => "after-dashes",
        Tail::UnknownOptions => "unknown-options",
    }
}
