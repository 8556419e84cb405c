//! E-mail addresses (RFC 5321).

use ::email_address::EmailAddress;

use crate::record::refusal::{Miss, Refusal};

use super::parsed;

parsed! {
    EmailAddress, Email: "an e-mail address", "keeper@example.org", "ADDRESS", missing_at;
}

fn missing_at(text: &str) -> Refusal {
    Refusal::nearly((!text.contains('@')).then_some(Miss::NoAt))
}
