//! The records: what a program declares, what a line is while it is read, and what is wrong with it, as plain data. What is
//! done with them stands in the folders above, each of which may ask all of them.
//!
//! In here are types, what each of them is asked, and nothing that reads, tells or draws: with one exception, `says.rs`, as
//! what a validator says in words must stand where the trait of validators does.
//!
//! * Declared: `command/`, `param/`, `kind/`, `form.rs`, `rule.rs`, `config.rs`, `package.rs`, `list.rs`, `alone.rs`, `test.rs`,
//!   `key.rs`; `path.rs`: where a path must lead; `settings.rs`: which setters there are, `said.rs`: which were called; `standard.rs`: the library's own types
//!   by name. Their fields are private: `ask.rs` has the questions, `set.rs` what setters write.
//! * Brought along: `brought.rs` are the types of the code that only some programs link; `mend.rs` and `bench.rs` those of what may
//!   help against a fault.
//! * Read: `word.rs`, `step.rs`, `line.rs`, `cell.rs`, `reading.rs`, `so_far.rs`, `origin.rs`; `world.rs`: what a reading asks of the world;
//!   `unread.rs`: why a file cannot be read.
//! * Wrong: `fault.rs`, `faults.rs`, `refusal.rs`, `report.rs`.
//! * Told: `fact.rs`, `page.rs`, `says.rs`.

/// The writing methods of a record: `method(given) field = what is written`.
macro_rules! writes {
    ($record:ident: $($method:ident($($given:ident: $type:ty)?) $($field:ident).+ = $value:expr;)*) => {
        impl<'d> $record<'d> {
            $(#[inline]
            pub(crate) const fn $method(&mut self, $($given: $type)?) {
                self.$($field).+ = $value;
            })*
        }
    };
}

pub(crate) mod alone;

#[cfg(feature = "mend")]
pub(crate) mod bench;
pub(crate) mod brought;

pub(crate) mod cell;
pub(crate) mod command;
pub(crate) mod config;
pub(crate) mod deprecated;
pub(crate) mod fact;
pub(crate) mod fault;
pub(crate) mod faults;
pub(crate) mod form;
pub(crate) mod key;
pub(crate) mod kind;
pub(crate) mod line;
pub(crate) mod list;
pub(crate) mod mend;

pub(crate) mod origin;
pub(crate) mod package;
pub(crate) mod page;
pub(crate) mod param;
pub(crate) mod path;
pub(crate) mod reading;
pub(crate) mod refusal;
pub(crate) mod report;
pub(crate) mod rule;
pub(crate) mod said;
pub(crate) mod says;
pub(crate) mod settings;
pub(crate) mod so_far;
pub(crate) mod standard;
pub(crate) mod step;
pub(crate) mod test;

pub(crate) mod unread;
pub(crate) mod word;
pub(crate) mod world;
