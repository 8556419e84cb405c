//! A declaration as data: what a tree and a document are both made of.

use std::fmt;

use clavret_core::ask::Role;
use clavret_core::{Abbreviated, Refers, Tail};

use crate::sorts::{Own, Shaped, Sort};

/// A whole program.
#[derive(Clone)]
pub struct Spec {
    pub root: Node,
    pub bundles: Vec<Group>,
    /// Every parameter, wherever it is taken; rules and lists name them by their place here.
    pub params: Vec<Made>,
}

/// A command.
#[derive(Debug, Clone)]
pub struct Node {
    pub name: &'static str,
    pub said: Vec<Setting>,
    pub taken: Vec<usize>,
    pub bundles: Vec<usize>,
    pub rules: Vec<Relation>,
    pub below: Vec<Node>,
}

/// A bundle.
#[derive(Debug, Clone)]
pub struct Group {
    pub heading: &'static str,
    pub taken: Vec<usize>,
    pub rules: Vec<Relation>,
}

/// A parameter.
#[derive(Debug, Clone)]
pub struct Made {
    pub role: Role,
    pub name: &'static str,
    pub value: Option<Valued>,
    pub said: Vec<Setting>,
    /// The commands from the root to the one that takes it, by their places; nothing for what is usual alone.
    pub owner: Vec<usize>,
    /// It is a static that lists ask for.
    pub is_yard: bool,
}

/// What the words of a parameter may be.
#[derive(Debug, Clone, Copy)]
pub struct Valued {
    pub kind: Kinds,
    pub shape: Shaped,
    /// Its words convert by their kinds alone, and are its value.
    pub is_by_kind: bool,
}

/// The kind of each word.
#[derive(Debug, Clone, Copy)]
pub enum Kinds {
    Of(&'static Sort),
    Own(Own),
}

/// A setter that is called, and with what.
#[derive(Debug, Clone)]
pub struct Setting {
    pub name: &'static str,
    pub say: Say,
}

/// What a setter is given.
#[derive(Debug, Clone)]
pub enum Say {
    Yes,
    Text(String),
    Texts(Vec<String>),
    Letter(char),
    Times(u32, u32),
    Refers(Refers),
    Tail(Tail),
    Of(Abbreviated),
    /// A list of values: whether it is closed.
    List(bool),
    /// What is printed, as a document calls it.
    Gives(&'static str),
    /// A parameter, a command below, or some parameters, by their places.
    At(Vec<usize>),
    /// Pairs, such as examples.
    Pairs(Vec<(&'static str, &'static str)>),
}

/// A rule: its name, its members, and the parameter and value that it hangs on.
#[derive(Debug, Clone)]
pub struct Relation {
    pub name: &'static str,
    pub members: Vec<usize>,
    pub when: Option<(usize, String)>,
}

impl Spec {
    /// The command at the end of a way.
    pub fn node(&self, way: &[usize]) -> &Node {
        way.iter().fold(&self.root, |node, &at| &node.below[at])
    }
}

impl Node {
    pub fn says(&self, name: &str) -> Option<&Say> {
        say(&self.said, name)
    }
}

impl Made {
    pub fn says(&self, name: &str) -> Option<&Say> {
        say(&self.said, name)
    }

    pub fn has(&self, name: &str) -> bool {
        self.says(name).is_some()
    }

    /// Whether a line must have it.
    pub fn is_needed(&self) -> bool {
        let least = match self.says("times") {
            Some(Say::Times(least, _)) => *least > 0,
            _ => self.value.is_some_and(|value| value.shape.is_needed()),
        };
        least && !self.has("default")
    }

    /// Every name, without dashes.
    pub fn names(&self) -> Vec<String> {
        let mut names = vec![self.name.to_owned()];
        for setting in &self.said {
            match (&setting.say, setting.name) {
                (Say::Letter(letter), "letter" | "opposite_letter") => {
                    names.push(letter.to_string())
                }
                (Say::Text(name), "opposite" | "secret_file") => names.push(name.clone()),
                (Say::Texts(texts), "aliases" | "formerly") => names.extend_from_slice(texts),
                _ => {}
            }
        }
        names
    }

    pub fn sort(&self) -> Option<&'static Sort> {
        match self.value?.kind {
            Kinds::Of(sort) => Some(sort),
            Kinds::Own(_) => None,
        }
    }
}

fn say<'s>(said: &'s [Setting], name: &str) -> Option<&'s Say> {
    said.iter().find(|setting| setting.name == name).map(|setting| &setting.say)
}

/// What a person needs to see of one that fails: its document.
impl fmt::Debug for Spec {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        write!(f, "{:#}", self.document())
    }
}
