//! Numbers, which proptest draws and makes smaller.

use proptest::prelude::*;

use super::{OFTEN, SETTINGS};

/// Settings by their numbers, each with a number for what it is given.
pub(super) type Picks = Vec<(u8, u8)>;

#[derive(Debug, Clone)]
pub(super) struct RawParam {
    pub(super) role: u8,
    pub(super) name: u8,
    pub(super) sort: u8,
    pub(super) shape: u8,
    pub(super) picks: Picks,
}

impl RawParam {
    pub(super) fn with(&self, name: &str) -> Option<u8> {
        with(&self.picks, name, &[&SETTINGS, &OFTEN, &OFTEN])
    }
}

/// What a setting is given, if one of the picks is of it.
pub(super) fn with(picks: &Picks, name: &str, numbered: &[&[&str]]) -> Option<u8> {
    let count: usize = numbered.iter().map(|names| names.len()).sum();
    let of = |number: u8| numbered.iter().copied().flatten().nth(usize::from(number) % count);
    picks.iter().find(|pick| of(pick.0).is_some_and(|of| *of == name)).map(|pick| pick.1)
}

#[derive(Debug, Clone)]
pub(super) struct RawNode {
    pub(super) picks: Picks,
    pub(super) params: Vec<RawParam>,
    /// Which bundles it takes, by their bits.
    pub(super) bundles: u8,
    pub(super) rules: Vec<[u8; 4]>,
    pub(super) below: Vec<RawNode>,
}

pub(super) fn param() -> impl Strategy<Value = RawParam> {
    let picks = prop::collection::vec(any::<(u8, u8)>(), 0..6);
    (any::<[u8; 4]>(), picks).prop_map(|([role, name, sort, shape], picks)| RawParam {
        role,
        name,
        sort,
        shape,
        picks,
    })
}

pub(super) fn rules() -> impl Strategy<Value = Vec<[u8; 4]>> {
    prop::collection::vec(any::<[u8; 4]>(), 0..3)
}

pub(super) fn node(
    most: usize,
    below: BoxedStrategy<Vec<RawNode>>,
) -> impl Strategy<Value = RawNode> {
    let picks = prop::collection::vec(any::<(u8, u8)>(), 0..5);
    let params = prop::collection::vec(param(), 0..most);
    (picks, params, 0..8_u8, rules(), below).prop_map(|(picks, params, bundles, rules, below)| {
        RawNode { picks, params, bundles, rules, below }
    })
}
