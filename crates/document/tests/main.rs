//! Documents: there and back, what is wrong with them, and what they may cost.

mod faults;
mod hostile;
mod keys;
mod sorts;
mod trip;
