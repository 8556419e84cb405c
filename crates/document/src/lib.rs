//! What is made of a declaration beside the program itself.
//!
//! * `prove/`: what a declaration promises and does not keep ([`flaws`]).
//! * `text/`: TOML and JSON as a tree whose parts know their place ([`Node`]).
//! * `keys/`: what a document may say, as data; `names.rs`: what parameters are called in one.
//! * `export/`: a declaration gives its document ([`document_of`]).
//! * `load/`: a document becomes a declaration ([`Document`]).

#![forbid(unsafe_code)]
#![warn(clippy::print_stdout, clippy::print_stderr)]

#[cfg(feature = "export")]
mod export;
#[cfg(feature = "load")]
mod keys;
#[cfg(feature = "load")]
mod load;
#[cfg(feature = "export")]
mod names;
#[cfg(feature = "prove")]
mod prove;
#[cfg(any(feature = "export", feature = "text"))]
mod text;

#[cfg(feature = "load")]
pub use export::to_toml;
#[cfg(feature = "export")]
pub use export::{DOCUMENT_COMMAND, DOCUMENT_FLAG, document_of};
#[cfg(feature = "load")]
pub use keys::document_schema;
#[cfg(feature = "load")]
pub use load::{Arena, Document, DocumentFaults};
#[cfg(feature = "prove")]
pub use prove::{Flaw, flaws};
#[cfg(feature = "export")]
pub use text::to_json;
#[cfg(any(feature = "export", feature = "text"))]
pub use text::{Content, Misread, Node, Pair};
#[cfg(feature = "text")]
pub use text::{from_json, from_toml};
