//! A parameter as a table: what its type says, and what was given to setters that take more than a text, a character or
//! nothing. The others are in `settings.rs`, which has the order.

use clavret_core::Tail;
use clavret_core::ask::{Param, Role, Times};
use clavret_core::handlers::Alone;
use clavret_core::handlers::Gives;

use super::fields::{Fields, count, list, text};
use super::{Export, gives, kinds, valid};
use crate::text::Node;

impl<'d> Export<'d> {
    pub(super) fn param(&mut self, param: &'d Param<'d>) -> Node {
        let mut fields = Fields::default();
        fields.put("name", text(param.name()));
        self.put_said(param, &mut fields);
        fields.node()
    }

    pub(super) fn put_letter(&self, param: &Param<'d>, fields: &mut Fields) {
        fields.letter("letter", param.letter().filter(|_| param.name().len() > 1));
    }

    pub(super) fn put_opposite_letter(&self, param: &Param<'d>, fields: &mut Fields) {
        fields.letter("opposite-letter", param.opposite_letter());
    }

    /// Its help; where its program alone knows what it gives, in the words of that.
    pub(super) fn put_help(&self, param: &Param<'d>, fields: &mut Fields) {
        let own = |alone: &&dyn Alone| param.help().is_empty() && alone.gives() == Gives::Text;
        match param.alone().filter(own) {
            Some(alone) => {
                fields.text("help", &alone.help(&[param.spelled()], self.root.ask().wording()))
            }
            None => fields.text("help", param.help()),
        }
    }

    pub(super) fn put_type(&mut self, param: &'d Param<'d>, fields: &mut Fields) {
        if has_words(param)
            && let Some(types) = self.kinds.of(param)
        {
            fields.put("type", types);
        }
    }

    pub(super) fn put_optional(&self, param: &Param<'d>, fields: &mut Fields) {
        fields.truth("optional", has_words(param) && param.is_optional());
    }

    pub(super) fn put_many(&self, param: &Param<'d>, fields: &mut Fields) {
        fields.truth("many", has_words(param) && param.is_list());
    }

    pub(super) fn put_attached(&self, param: &Param<'d>, fields: &mut Fields) {
        fields.truth("attached", param.is_attached());
    }

    pub(super) fn put_valid(&self, param: &Param<'d>, fields: &mut Fields) {
        if let Some(valid) = valid::of(param) {
            fields.put("valid", valid);
        }
    }

    pub(super) fn put_times(&self, param: &Param<'d>, fields: &mut Fields) {
        if param.is_counted() {
            let Times { min, max } = param.given_times();
            let most = (max != u32::MAX).then(|| count(max));
            fields.put("times", list([count(min)].into_iter().chain(most)));
        }
    }

    pub(super) fn put_refers(&self, param: &Param<'d>, fields: &mut Fields) {
        if let Some(refers) = param.declared_refers() {
            fields.put("refers", text(kinds::refers(refers)));
        }
    }

    pub(super) fn put_listed_by(&self, param: &Param<'d>, fields: &mut Fields) {
        if let Some(lister) = param.list() {
            let mut list = Fields::default();
            list.text("noun", lister.noun());
            list.truth("closed", lister.is_closed());
            list.truth("unchecked", true);
            fields.put("listed-by", list.node());
        }
    }

    pub(super) fn put_stands_alone(&self, param: &Param<'d>, fields: &mut Fields) {
        fields.text("stands-alone", param.alone().map_or("", |alone| gives(alone.gives())));
    }

    pub(super) fn put_tail(&self, param: &Param<'d>, fields: &mut Fields) {
        let tail = param.tail().map_or("", |tail| match tail {
            Tail::Raw => "raw",
            Tail::AfterDashes => "after-dashes",
            Tail::UnknownOptions => "unknown-options",
        });
        fields.text("tail", tail);
    }
}

fn has_words(param: &Param<'_>) -> bool {
    matches!(param.role(), Role::Operand | Role::Option)
}
