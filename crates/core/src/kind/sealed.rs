//! What no other crate can name, so that none can implement the traits that need it: their values are made
//! here alone.

use std::collections::BTreeMap;
use std::ffi::OsString;

use super::from_word::FromWord;
use super::shape::{Attached, Unit};

/// A type that is something: one of the enums below.
pub trait Sealed<As> {}

/// What one occurrence gives.
#[derive(Debug)]
pub enum Units {}

/// What a key gives.
#[derive(Debug)]
pub enum Shapes {}

/// What a flag gives.
#[derive(Debug)]
pub enum Flags {}

/// What a tail gives.
#[derive(Debug)]
pub enum Tails {}

/// What a sign may join.
#[derive(Debug)]
pub enum Joined {}

/// Numbers of the standard library.
#[derive(Debug)]
pub enum Numbers {}

impl<T: FromWord> Sealed<Units> for T {}

impl<T: FromWord, const N: usize> Sealed<Units> for [T; N] {}

impl<A: FromWord, B: FromWord> Sealed<Units> for (A, B) {}

impl<U: Unit> Sealed<Shapes> for U {}

impl<U: Unit> Sealed<Shapes> for Option<U> {}

impl<U: Unit> Sealed<Shapes> for Vec<U> {}

impl<T: FromWord> Sealed<Shapes> for Attached<T> {}

impl<K: FromWord + Ord, V: FromWord> Sealed<Shapes> for BTreeMap<K, V> {}

impl Sealed<Flags> for bool {}

impl Sealed<Flags> for Option<bool> {}

impl Sealed<Tails> for Vec<OsString> {}

impl Sealed<Tails> for Vec<String> {}

impl<T: FromWord> Sealed<Joined> for Vec<T> {}
