//! What the other crates of the library call, and nobody else: no interface, and free to change. They are built
//! together, of one version.

use std::ffi::OsString;

use crate::check::culprit::Problem;
use crate::record::command::{Bundle, Command};
use crate::record::key::Key;
use crate::record::kind::Kind;
use crate::record::package::Package;
use crate::record::param::Param;
use crate::record::reading::Reading;
use crate::record::so_far::SoFar;
use crate::record::world::World;
use crate::wording::Wording;

pub use crate::check::culprit::Culprit;
pub use crate::check::problem::Finding;
pub use crate::fault::file::{Blot, draw_blots, nearest};
pub use crate::record::brought::Brought;
pub use crate::record::param::Manner;
pub use crate::record::said::SETTERS;
pub use crate::record::so_far::Wanted;
pub use crate::record::unread::io_message;
pub use crate::tell::framed::Frame;
pub use crate::text::{Put, digits};

/// A function for a method that other crates call, of the same name unless another is told.
macro_rules! calls {
    ($($name:ident $(<$life:lifetime>)? ($of:ident: $type:ty $(, $arg:ident: $arg_type:ty)*) $(-> $out:ty)?;)*) => {$(
        #[inline]
        pub fn $name $(<$life>)? ($of: $type $(, $arg: $arg_type)*) $(-> $out)? {
            $of.$name($($arg),*)
        }
    )*};
}

/// The same of methods that are called while the compiler runs.
macro_rules! const_calls {
    ($($name:ident $(<$life:lifetime>)? ($of:ident: $type:ty $(, $arg:ident: $arg_type:ty)*) -> $out:ty;)*) => {$(
        #[track_caller]
        #[inline]
        pub const fn $name $(<$life>)? ($of: $type $(, $arg: $arg_type)*) -> $out {
            $of.$name($($arg),*)
        }
    )*};
}

// What macros write, and what makes trees at run time.
const_calls! {
    commands_of<'d>(command: Command<'d>, other: &Command<'d>, acts: bool) -> Command<'d>;
    declared_in<'d>(command: Command<'d>, package: Package<'d>, is_named: bool) -> Command<'d>;
    as_draft<'d>(command: Command<'d>) -> Command<'d>;
    looked_at<'d>(command: Command<'d>) -> Command<'d>;
    is_alike(command: &Command<'_>, other: &Command<'_>) -> bool;
    stranger<'d>(root: &Command<'d>) -> Option<Finding<'d>>;
    stop(problem: Finding<'_>) -> !;
    is_for_answer(so_far: &SoFar) -> bool;
}

calls! {
    is_asked_in_vain(root: &Command<'_>) -> bool;
    answer(root: &Command<'_>, request: &[&str], world: &dyn World) -> Option<String>;
    mistakes(root: &Command<'_>) -> Vec<String>;
    mistake(root: &Command<'_>, what: &str) -> String;
    failure_frame(root: &Command<'_>) -> Frame;
    is_declared_hidden(command: &Command<'_>) -> bool;
    is_asked_again(param: &Param<'_>, other: &Param<'_>) -> bool;
    of_scripts<'d>(wording: &Wording<'d>) -> [&'d str; 2];
    of_document<'d>(wording: &Wording<'d>) -> &'d str;
    of_blocks<'d>(wording: &Wording<'d>) -> [&'d str; 3];
    of_more(wording: &Wording<'_>, count: usize) -> String;
    opposite_name(wording: &Wording<'_>, name: &str) -> String;
    wanted_list(so_far: &SoFar) -> &str;
    unnoted(so_far: &SoFar, name: &str) -> Option<OsString>;
    asked(so_far: &SoFar) -> Vec<Wanted>;
    words_of(so_far: &SoFar, asked: &Wanted) -> Option<Vec<OsString>>;
}

/// Parameters and bundles of a draft, and what each brings along.
#[inline]
pub fn takes_with<'d>(
    command: Command<'d>,
    params: &'d [&'d Param<'d>],
    bundles: &'d [&'d Bundle<'d>],
    brought: impl Iterator<Item = Brought>,
) -> Command<'d> {
    command.takes_with(params, bundles, brought)
}

/// What a word of a kind may be, as a fault has it.
pub fn wanted(kind: &Kind<'_>, wording: &Wording<'_>) -> String {
    kind.wanted(wording)
}

/// The value that a parameter has, as that of a key which stands for it elsewhere.
pub fn get_of<'r, K: Key>(
    reading: &'r Reading<'_>,
    record: &Param<'_>,
    key: &K,
) -> Option<&'r K::Value> {
    reading.get_of(record, key)
}

/// What a problem is about.
pub const fn culprit<'d>(problem: &Problem<'d>) -> Culprit<'d> {
    problem.finding().culprit()
}

/// The setters that a problem names.
pub fn setters_of_problem(problem: &Problem<'_>) -> Vec<&'static str> {
    problem.finding().setters()
}

/// The setters that were called for a parameter.
pub fn setters_of_param<'p>(param: &'p Param<'_>) -> impl Iterator<Item = &'static str> + use<'p> {
    param.setters()
}

/// The setters that were called for a command.
pub fn setters_of_command<'c>(
    command: &'c Command<'_>,
) -> impl Iterator<Item = &'static str> + use<'c> {
    command.setters()
}
