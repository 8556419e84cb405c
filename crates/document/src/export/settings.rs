// Written from the rows in `tables/src/`. Change those, and run `UPDATE_EXPECT=1 cargo test -p clavret-tables`.

//! What a document says of a parameter, in the order of its keys.

use clavret_core::ask::Param;

use super::Export;
use super::fields::Fields;

impl<'d> Export<'d> {
    /// What was said of a parameter.
    pub(super) fn put_said(&mut self, param: &'d Param<'d>, fields: &mut Fields) {
        fields.texts("aliases", param.aliases());
        fields.texts("formerly", param.former_names());
        fields.called("hidden", param, "hidden");
        self.put_letter(param, fields);
        fields.called("throughout", param, "throughout");
        fields.called("anew", param, "anew");
        self.put_help(param, fields);
        fields.text("description", param.description());
        fields.text("deprecated", param.instead());
        fields.text("deprecated-since", param.deprecated_since());
        fields.text("deprecated-until", param.deprecated_until());
        self.put_type(param, fields);
        self.put_optional(param, fields);
        self.put_many(param, fields);
        fields.text("placeholder", param.declared_placeholder());
        fields.word("default", param.default());
        self.put_valid(param, fields);
        self.put_times(param, fields);
        fields.called("distinct", param, "distinct");
        fields.letter("joined-by", param.delimiter());
        self.put_refers(param, fields);
        self.put_listed_by(param, fields);
        fields.called("secret", param, "secret");
        fields.called("as-in-code", param, "as_in_code");
        fields.called("infinite", param, "infinite");
        fields.called("present", param, "present");
        fields.called("absent", param, "absent");
        fields.called("file", param, "file");
        fields.called("directory", param, "directory");
        fields.texts("extensions", param.extensions());
        fields.text("opposite", param.opposite());
        self.put_opposite_letter(param, fields);
        fields.called("worded", param, "worded");
        self.put_attached(param, fields);
        fields.text("secret-file", param.file_name());
        fields.text("variable", param.variable());
        fields.called("once", param, "once");
        self.put_stands_alone(param, fields);
        self.put_tail(param, fields);
    }
}
