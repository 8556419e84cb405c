//! E-mail addresses (RFC 5321).

use ::email_address::EmailAddress;

use crate::declare::{Misfit, Miss};

super::parsed! {
    EmailAddress: "an e-mail address", "keeper@example.org", missing_at;
}

fn missing_at(text: &str) -> Misfit {
    Misfit::nearly((!text.contains('@')).then_some(Miss::NoAt))
}
