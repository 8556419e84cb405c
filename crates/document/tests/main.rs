//! Documents: there and back, what is wrong with them, and what they may cost.

mod faults;
mod generated;
mod hostile;
mod keys;
mod made;
#[path = "../../core/tests/completing/tree.rs"]
mod tree;
mod trip;
