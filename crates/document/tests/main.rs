//! Documents: there and back, what is wrong with them, and what they may cost.

mod faults;
mod generated;
mod hostile;
mod keys;
mod made;
#[allow(dead_code)] // what the tests of completion ask for
#[path = "../../core/tests/completing/tree.rs"]
mod tree;
mod trip;
