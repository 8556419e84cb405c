//! What is asked for in another file stands after that of `main`, operands by their numbers.

use clavret::asked;

pub(crate) fn place() -> String {
    asked!(operand 1 "place": String, "where they are")
}

/// Nothing calls this.
#[expect(dead_code)]
pub(crate) fn verbosity() -> u32 {
    asked!(tally "v", "say more")
}
