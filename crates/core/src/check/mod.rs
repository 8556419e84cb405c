//! What a declaration must keep to: one set of rules. A static that breaks one is a build error; of a tree that is made at run
//! time all that is wrong is listed.
//!
//! * `rules.rs`: commands; `own.rs`: a parameter by itself; `members.rs`: rules between parameters; `reach.rs`: what is above and below;
//!   `twins.rs`: names that stand twice; `names.rs`: how a name may be spelt; `defaults.rs`: defaults while the compiler runs.
//! * `finder.rs`: what is found; `stops.rs`: where that stops a build; `problems.rs`, `node.rs`: where it is listed.
//! * `problem.rs`, `told.rs`, `message.rs`: the same in words; `culprit.rs`: what a problem is about.

pub(crate) mod culprit;
pub(crate) mod defaults;
pub(crate) mod finder;
pub(crate) mod members;
pub(crate) mod message;
pub(crate) mod names;
pub(crate) mod node;
pub(crate) mod own;
pub(crate) mod problem;
pub(crate) mod problems;
pub(crate) mod reach;
pub(crate) mod rules;
pub(crate) mod stops;
pub(crate) mod told;
pub(crate) mod twins;
