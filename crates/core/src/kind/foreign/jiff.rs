//! Dates, times and durations, as [jiff](::jiff) reads them: ISO 8601 (RFC 3339, RFC 9557), and
//! durations in jiff's friendly form (`2h 30m`) too.

use ::jiff::civil::{Date, DateTime, Time};
use ::jiff::{SignedDuration, Span, Timestamp};
use std::ffi::OsStr;
use std::time::Duration;

use super::parsed;
use crate::kind::from_word::FromWord;
use crate::record::kind::Kind;
use crate::record::refusal::{Miss, Refusal};
use crate::record::standard::Standard;

parsed! {
    DateTime, DateTime: "a date and a time", "2026-05-01T14:30", "TIME", no_such_day;
    Timestamp, Moment: "a moment", "2026-05-01T14:30:00Z", "TIME", no_such_day;
    Span, Span: "a span of time", "2 weeks 3 days", "DURATION";
    SignedDuration, SignedDuration: "a duration", "2h 30m", "DURATION";
}

impl FromWord for Date {
    const KIND: &'static Kind<'static> =
        &Kind::new("a date", "2026-05-01").explained().placeholder("DAY");
    const STANDARD: Option<Standard> = Some(Standard::Date);

    /// A date alone, with dashes: a moment would lose its time.
    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        let text = word.to_str().ok_or(Refusal::not_text())?;
        let parts = text.strip_prefix('-').unwrap_or(text).split('-').map(str::len);
        let is_alone = parts.eq([4, 2, 2]);
        let date = text.parse().ok().filter(|_| is_alone);
        date.ok_or_else(|| no_such_day(text))
    }
}

impl FromWord for Time {
    const KIND: &'static Kind<'static> =
        &Kind::new("a time of day", "14:30").explained().placeholder("TIME");
    const STANDARD: Option<Standard> = Some(Standard::Time);

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        let text = word.to_str().ok_or(Refusal::not_text())?;
        let is_alone = text.as_bytes().get(2) == Some(&b':');
        text.parse().ok().filter(|_| is_alone).ok_or(Refusal::new())
    }
}

impl FromWord for Duration {
    const KIND: &'static Kind<'static> = SignedDuration::KIND;
    const STANDARD: Option<Standard> = Some(Standard::Duration);

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        let duration = SignedDuration::from_word(word)?;
        Duration::try_from(duration).map_err(|_| Refusal::nearly(Some(Miss::Negative)))
    }
}

/// A day that is written as one, and is in no calendar.
fn no_such_day(text: &str) -> Refusal {
    let Some(day) = text.get(..10) else { return Refusal::new() };
    let has_the_shape = day.split('-').map(str::len).eq([4, 2, 2]);
    let is_digits = day.bytes().all(|byte| byte == b'-' || byte.is_ascii_digit());
    let is_missing = day.parse::<Date>().is_err();
    let is_meant = has_the_shape && is_digits && is_missing;
    Refusal::nearly(is_meant.then(|| Miss::NoDay(day.into())))
}
