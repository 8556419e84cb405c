//! What is asked of a page before it is made.

use super::help;
use crate::record::page::Page;
use crate::record::param::Param;
use crate::record::reading::CommandPath;

impl<'d> Page<'d> {
    /// Whether nothing is said of a parameter, or no more than its type.
    pub fn says_little(param: &Param<'_>, path: &CommandPath<'_>) -> bool {
        help::says_little(param, path.leaf(), path.root().phrases())
    }
}
