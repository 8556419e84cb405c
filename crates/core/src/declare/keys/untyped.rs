//! A key whose type is known only at run time: of a declaration that is read from a file, say.

use crate::declare::param::is_letter;
use crate::kind::typed::twin_words;
use crate::record::alone::Alone;
use crate::record::cell::Held;
use crate::record::form::{Form, NO_WORDS};
use crate::record::key::Key;
use crate::record::kind::Refers;
use crate::record::list::Lister;
use crate::record::param::{Param, Role, Tail, Times};
use crate::record::settings::param as said;
use crate::record::test::Test;

/// A key of a tree made at run time whose type is known only then. It has every setter that the typed keys
/// have; what does not go with what it is, is one of its [problems](crate::Command::problems).
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::{Command, Kind, Offer, Outcome};
/// use clavret::shape::{Form, Untyped};
///
/// // Read from somewhere, say.
/// let queens = [Offer::of("white").help("years ending in 1 or 6"), Offer::of("blue")];
/// let queen = Kind::choice(&queens);
/// let kinds = [&queen];
/// let (form, count) = (Form::words(&kinds).optional(), Form::of::<u8>());
///
/// let queen = Untyped::option("queen", &form).letter('q');
/// let frames = Untyped::option("frames", count).default("0");
/// let params = [queen.param(), frames.param()];
/// let command = Command::draft("add").takes(&params);
/// assert!(command.problems().is_empty());
///
/// let Outcome::Reading(reading) = command.read(&["-q", "blue", "--frames=6"]) else { panic!() };
/// assert_eq!(reading.get(&queen).get::<Vec<std::ffi::OsString>>().unwrap(), &["blue"]);
/// assert_eq!(reading.get(&frames).get::<u8>(), Some(&6));
/// assert!(matches!(command.read(&["-q", "pink"]), Outcome::Faults(_)));
/// ```
#[derive(Debug)]
pub struct Untyped<'d> {
    param: Param<'d>,
}

impl<'d> Untyped<'d> {
    /// A value by position.
    #[inline]
    pub const fn operand(name: &'d str, form: &'d Form<'d>) -> Self {
        Untyped { param: Param::draft(Role::Operand, name, form) }
    }

    /// A named thing with a value.
    #[inline]
    pub const fn option(name: &'d str, form: &'d Form<'d>) -> Self {
        Untyped { param: Param::draft(Role::Option, name, form) }
    }

    /// A named thing without a value.
    #[inline]
    pub const fn flag(name: &'d str) -> Self {
        Untyped { param: Param::draft(Role::Flag, name, &NO_WORDS) }
    }

    /// A named thing without a value, counted.
    #[inline]
    pub const fn tally(name: &'d str) -> Self {
        Untyped { param: Param::draft(Role::Tally, name, &NO_WORDS) }
    }

    setters!(all);
    setters!(named);
    of_values!(valued);
    setters!(variable);
    setters!(once);
    setters!(alone);
    of_values!(times);
    of_values!(joined);
    of_values!(code);
    of_values!(infinite);
    of_values!(path);
    of_values!(tail);
    of_values!(secret_file);
    setters!(opposite);

    /// A validator; several are put together by [`valid::all`](crate::valid::all()). One of values of another
    /// type than this key's accepts all of them.
    #[doc(alias("validator"))]
    #[must_use]
    #[inline]
    pub const fn valid(mut self, validator: &'d dyn Test) -> Self {
        self.param.note(said::VALID);
        self.param.set_valid(validator);
        self
    }

    /// No value may stand twice in the list: two are alike when their words are, or where the kind
    /// [says more](crate::Kind::comparable), when they are equal.
    #[doc(alias("unique"))]
    #[must_use]
    #[inline]
    pub const fn distinct(mut self) -> Self {
        self.param.note(said::DISTINCT);
        self.param.set_twin(twin_words);
        self
    }
}

impl Key for Untyped<'_> {
    type Value = Held;

    #[inline]
    fn record(&self) -> &Param<'_> {
        &self.param
    }

    #[inline]
    fn peek<'c>(&self, held: &'c Held) -> Option<&'c Held> {
        Some(held)
    }

    #[inline]
    fn take(&self, held: &mut Held) -> Option<Held> {
        Some(std::mem::take(held))
    }
}
