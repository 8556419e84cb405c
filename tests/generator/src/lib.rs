//! Declarations and lines of all sorts, for properties of the core, of completion, of documents and of the tool.
//!
//! * `draw`: numbers, which proptest draws and makes smaller, become a declaration without a mistake.
//! * `spec.rs`: a declaration as data; `sorts.rs`: what words may be.
//! * `tree.rs`: the same in an arena, as a program declares it, with what `settings.rs` calls; `document.rs`: as an author writes it down.
//! * [`structure`]: lines that are accepted, from the records of a declaration alone; [`broken`]: the same, wrong in one way.
//! * `walk.rs`: lines by what the reader says may stand next.
//! * `words.rs`: lines of any sort, changed ones, places on a line, hostile texts.
//!
//! Nothing of a case stays behind: a declaration borrows from its arena. `scripts/property` runs one property long.

// For tests alone; what each item is its file says.
#![allow(missing_docs)]

pub mod broken;
mod document;
mod draw;
mod settings;
mod sorts;
mod spec;
pub mod structure;
mod tree;
mod walk;
mod words;

pub use bumpalo::Bump as Arena;
use clavret_core::ask::Param;
use clavret_core::inner;
use proptest::test_runner::{Config, RngSeed};

pub use draw::declaration;
pub use sorts::{CODE, Code, HUE, Hue, Own, PART, Part, STANDARD, Shaped, Sort, Value};
pub use spec::{Group, Kinds, Made, Node, Relation, Say, Setting, Spec, Valued};
pub use tree::{Key, Listed, Surroundings, Tree, YARD};
pub use walk::walk;
pub use words::{
    HOSTILE, Picks, Position, any_line, example, mutate, names, parted, picks, pool, position,
};

/// So many cases, always the same ones; `scripts/property` asks for others, and for more.
pub fn config(cases: u32) -> Config {
    let set = |name: &str| std::env::var_os(name).is_some();
    let mut config =
        Config { failure_persistence: None, max_local_rejects: u32::MAX, ..Config::default() };
    if !set("PROPTEST_CASES") {
        config.cases = cases;
    }
    if !set("PROPTEST_RNG_SEED") {
        config.rng_seed = RngSeed::Fixed(0);
    }
    config
}

/// The setter that says what must be at a path.
fn place(param: &Param<'_>) -> Option<&'static str> {
    inner::setters_of_param(param)
        .find(|setter| ["present", "absent", "file", "directory"].contains(setter))
}
