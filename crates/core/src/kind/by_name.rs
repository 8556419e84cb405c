//! Validators of the library's own types whose bounds are texts, for a declaration that is read from a file: a function for
//! each set of them. `types.rs` says which type has which.

use std::any::Any;
use std::fmt::{Debug, Display};
use std::ops::Rem;

use super::from_word::FromWord;
use super::valid::{self, bounds};
use crate::record::refusal::Refusal;
use crate::record::test::{Says, Test};

/// Why there is no validator of a type's values.
#[derive(Debug, Clone, PartialEq, Eq)]
#[non_exhaustive]
pub enum Unfit {
    /// The type has none of that sort, or its crate's feature is off.
    Sort,
    /// This text is no value of the type.
    Value(String),
    /// This is no regular expression.
    Pattern(String),
}

pub(super) type Made = Result<Box<dyn Test>, Unfit>;

pub(super) trait Shown: FromWord + PartialEq + Display + Debug {}

impl<T: FromWord + PartialEq + Display + Debug> Shown for T {}

fn value<T: FromWord>(text: &str) -> Result<T, Unfit> {
    T::from_word(text.as_ref()).map_err(|_| Unfit::Value(text.to_owned()))
}

#[expect(clippy::extra_unused_type_parameters)] // it is called as the others are
pub(super) fn none<T>(_: &Says<'_>) -> Made {
    Err(Unfit::Sort)
}

pub(super) fn listed<T: Shown>(says: &Says<'_>) -> Made {
    let (texts, accepts) = match says {
        Says::OneOf(texts) => (texts, true),
        Says::AnyBut(texts) => (texts, false),
        _ => return Err(Unfit::Sort),
    };
    let values = texts.iter().map(|text| value::<T>(text)).collect::<Result<_, _>>()?;
    Ok(Box::new(Own { values, accepts }))
}

pub(super) fn ordered<T: Shown + PartialOrd>(says: &Says<'_>) -> Made {
    match says {
        Says::Range(low, high) => Ok(Box::new(bounds::between(value::<T>(low)?, value(high)?))),
        Says::AtLeast(low) => Ok(Box::new(bounds::at_least(value::<T>(low)?))),
        Says::AtMost(high) => Ok(Box::new(bounds::at_most(value::<T>(high)?))),
        says => listed::<T>(says),
    }
}

pub(super) fn number<T>(says: &Says<'_>) -> Made
where
    T: Shown + PartialOrd + Rem<Output = T> + Default + Copy,
{
    match says {
        Says::MultipleOf(factor) => Ok(Box::new(valid::multiple_of(value::<T>(factor)?))),
        says => ordered::<T>(says),
    }
}

#[expect(clippy::extra_unused_type_parameters)]
pub(super) fn text<T>(says: &Says<'_>) -> Made {
    match says {
        Says::Characters(least, most) => Ok(Box::new(valid::length(*least, *most))),
        #[cfg(feature = "regex")]
        // One that is larger than this was written to be large.
        Says::Matching(pattern, example) => match made_ready(pattern) {
            Ok(_) => Ok(Box::new(Matching([(*pattern).to_owned(), (*example).to_owned()]))),
            Err(error) => Err(Unfit::Pattern(error.to_string())),
        },
        says => listed::<String>(says),
    }
}

#[cfg(feature = "url")]
pub(super) fn address<T: Shown>(says: &Says<'_>) -> Made {
    match says {
        Says::Schemes(schemes) => {
            Ok(Box::new(Schemes(schemes.iter().map(|&scheme| scheme.to_owned()).collect())))
        }
        says => listed::<T>(says),
    }
}

#[cfg(feature = "regex")]
fn made_ready(pattern: &str) -> Result<regex::Regex, regex::Error> {
    regex::RegexBuilder::new(pattern).size_limit(1 << 20).build()
}

/// Some values, or all but some.
#[derive(Debug)]
struct Own<T> {
    values: Vec<T>,
    accepts: bool,
}

/// A pattern, and an example.
#[cfg(feature = "regex")]
#[derive(Debug)]
struct Matching([String; 2]);

#[cfg(feature = "url")]
#[derive(Debug)]
struct Schemes(Vec<String>);

impl<T: Shown> Test for Own<T> {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        match self.accepts {
            true => valid::one_of(&self.values).test(value),
            false => valid::any_but(&self.values).test(value),
        }
    }

    fn says(&self) -> Says<'_> {
        let values = self.values.iter().map(T::to_string).collect();
        if self.accepts { Says::OneOf(values) } else { Says::AnyBut(values) }
    }

    fn data(&self) -> Option<Says<'_>> {
        Some(self.says())
    }

    fn is_discreet(&self) -> bool {
        true
    }

    fn example(&self) -> Option<String> {
        self.values.first().filter(|_| self.accepts).map(T::to_string)
    }
}

#[cfg(feature = "regex")]
impl Test for Matching {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        super::foreign::regex::pattern(&self.0[0], &self.0[1]).test(value)
    }

    fn says(&self) -> Says<'_> {
        Says::Matching(&self.0[0], &self.0[1])
    }

    fn data(&self) -> Option<Says<'_>> {
        Some(self.says())
    }

    fn is_discreet(&self) -> bool {
        true
    }

    fn example(&self) -> Option<String> {
        Some(self.0[1].clone())
    }
}

#[cfg(feature = "url")]
impl Test for Schemes {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        let schemes: Vec<&str> = self.0.iter().map(String::as_str).collect();
        super::foreign::url::schemes(&schemes).test(value)
    }

    fn says(&self) -> Says<'_> {
        Says::Schemes(self.0.iter().map(String::as_str).collect())
    }

    fn data(&self) -> Option<Says<'_>> {
        Some(self.says())
    }

    fn is_discreet(&self) -> bool {
        true
    }

    fn example(&self) -> Option<String> {
        self.0.first().map(|scheme| format!("{scheme}://example.org/"))
    }
}
