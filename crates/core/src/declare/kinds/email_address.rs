//! E-mail addresses (RFC 5321).

use ::email_address::EmailAddress;

super::parsed! {
    EmailAddress: "an e-mail address", "keeper@example.org", missing_at;
}

fn missing_at(text: &str) -> Option<String> {
    (!text.contains('@')).then(|| format!("'{text}' has no @ in it"))
}
