//! What stands for code that only the program has: it is known to be there, and nothing is guessed of it.

use std::any::Any;

use clavret_core::handlers::Alone;
use clavret_core::handlers::Gives;
use clavret_core::inner;
use clavret_core::reader::Request;
use clavret_core::valid::{Says, Test};
use clavret_core::wording::Wording;
use clavret_core::world::Lister;
use clavret_core::{Known, Refusal, SoFar};

/// A list that is known by name: nobody here can ask it.
#[derive(Debug, Clone, Copy)]
pub(super) struct List<'d> {
    pub(super) noun: &'d str,
    pub(super) is_closed: bool,
}

impl Lister for List<'_> {
    fn list(&self, _: SoFar) -> Option<Vec<Known>> {
        None
    }

    fn is_closed(&self) -> bool {
        self.is_closed
    }

    fn noun(&self) -> &str {
        self.noun
    }
}

/// What the program prints.
#[derive(Debug, Clone, Copy)]
pub(super) struct Prints(pub(super) Gives);

impl Alone for Prints {
    fn text(&self, asked: &Request<'_>) -> String {
        let path = asked.path();
        format!("{path} prints what only the program has: run it\n")
    }

    fn help(&self, _: &[String], wording: &Wording<'_>) -> String {
        match self.0 {
            Gives::Scripts => inner::of_scripts(wording)[0].to_owned(),
            Gives::Document => inner::of_document(wording).to_owned(),
            _ => String::new(),
        }
    }

    fn operand_help(&self, wording: &Wording<'_>) -> String {
        match self.0 {
            Gives::Scripts => inner::of_scripts(wording)[1].to_owned(),
            _ => String::new(),
        }
    }

    fn gives(&self) -> Gives {
        self.0
    }
}

/// A validator that says what it accepts, and leaves it to the program to test that.
#[derive(Debug)]
pub(super) struct Told {
    pub(super) says: Said,
    pub(super) example: Option<String>,
}

/// What is said, with what it is said of.
#[derive(Debug, Default)]
pub(super) enum Said {
    #[default]
    Nothing,
    Range(String, String),
    AtLeast(String),
    AtMost(String),
    OneOf(Vec<String>),
    AnyBut(Vec<String>),
    MultipleOf(String),
    Characters(usize, usize),
    Matching(String, String),
    Schemes(Vec<String>),
    Own(String),
}

impl Said {
    /// The same as validators say it; `example` is that of words of one's own.
    pub(super) fn says<'t>(&'t self, example: &'t str) -> Says<'t> {
        match self {
            Said::Nothing => Says::Nothing,
            Said::Range(low, high) => Says::Range(low.clone(), high.clone()),
            Said::AtLeast(low) => Says::AtLeast(low.clone()),
            Said::AtMost(high) => Says::AtMost(high.clone()),
            Said::OneOf(values) => Says::OneOf(values.clone()),
            Said::AnyBut(values) => Says::AnyBut(values.clone()),
            Said::MultipleOf(factor) => Says::MultipleOf(factor.clone()),
            Said::Characters(least, most) => Says::Characters(*least, *most),
            Said::Matching(pattern, example) => Says::Matching(pattern, example),
            Said::Schemes(schemes) => Says::Schemes(schemes.iter().map(String::as_str).collect()),
            Said::Own(says) => Says::Own(says, example),
        }
    }
}

impl Test for Told {
    fn test(&self, _: &dyn Any) -> Result<(), Refusal> {
        Ok(())
    }

    fn says(&self) -> Says<'_> {
        self.says.says(self.example.as_deref().unwrap_or_default())
    }

    fn example(&self) -> Option<String> {
        self.example.clone()
    }
}

/// A validator of the library that has words of its own for what it accepts.
#[derive(Debug)]
pub(super) struct InWords {
    pub(super) test: Box<dyn Test>,
    pub(super) says: String,
    pub(super) example: String,
}

impl Test for InWords {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        self.test.test(value)
    }

    fn says(&self) -> Says<'_> {
        Says::Own(&self.says, &self.example)
    }

    fn data(&self) -> Option<Says<'_>> {
        self.test.data()
    }

    fn is_discreet(&self) -> bool {
        self.test.is_discreet()
    }

    fn example(&self) -> Option<String> {
        self.test.example()
    }
}

/// Several validators, of which each must accept a value.
#[derive(Debug)]
pub(super) struct Several(pub(super) Vec<Box<dyn Test>>);

impl Test for Several {
    fn test(&self, value: &dyn Any) -> Result<(), Refusal> {
        self.judge(value).map_err(|refused| refused.1)
    }

    fn judge(&self, value: &dyn Any) -> Result<(), (usize, Refusal)> {
        for (at, test) in self.0.iter().enumerate() {
            test.test(value).map_err(|refusal| (at, refusal))?;
        }
        Ok(())
    }

    fn part(&self, at: usize) -> Option<&dyn Test> {
        self.0.get(at).map(|test| &**test)
    }

    fn is_list(&self) -> bool {
        true
    }

    fn is_discreet(&self) -> bool {
        self.0.iter().all(|test| test.is_discreet())
    }
}
