//! What only some programs declare: a program links what its own declaration asks for, and no more. No stage names anything in
//! here: `declare/brought.rs` hands it over with the parameter or the command that asks for it.
//!
//! * `source.rs`: values from the environment and the config file; `outside.rs`, `unread.rs`: what is said of faults there.
//! * `list.rs`: values that are known at run time; `list_page.rs`, `unlisted.rs`: what pages and faults say of them.
//! * `secret.rs`: secrets; `files.rs`: files and folders that are looked at; `keys.rs`: entries whose keys are a closed list.
//! * `counts.rs`: how often something must and may be given; `manners.rs`: what is read in other ways than most.
//! * `abbreviations.rs`: beginnings of names; `judge.rs`: a test of the whole.
//! * `description.rs`, `foot.rs`: what pages have of what only some commands declare.

pub(crate) mod abbreviations;
pub(crate) mod counts;
pub(crate) mod description;
pub(crate) mod files;
pub(crate) mod foot;
pub(crate) mod judge;
pub(crate) mod keys;
pub(crate) mod list;
pub(crate) mod list_page;
pub(crate) mod manners;
pub(crate) mod outside;
pub(crate) mod secret;
pub(crate) mod source;
pub(crate) mod unlisted;
pub(crate) mod unread;
