//! The types that declarations are generated of: those of the generator, and some of other crates.

use std::sync::LazyLock;

use clavret_core::valid;
use clavret_generator::{STANDARD, Sort};

static SEASON: LazyLock<valid::Range<jiff::civil::Date>> =
    LazyLock::new(|| valid::range(jiff::civil::date(2026, 1, 1), jiff::civil::date(2026, 12, 31)));
static SAFE: valid::Schemes<'static> = valid::schemes(&["https"]);
static CODE: valid::Pattern<'static> = valid::pattern("[A-Z][0-9]+", "A7").says("a hive's code");

pub(crate) static SORTS: LazyLock<Vec<Sort>> = LazyLock::new(|| {
    let dates = Sort::of::<jiff::civil::Date>(
        "date",
        &[["2026-05-01", "2026-05-01"], ["2026-12-31", "2026-12-31"]],
        &["2026-06-31", "soon"],
    );
    let addresses = Sort::of::<url::Url>(
        "web-address",
        &[["https://example.org/", ""], ["https://example.org/yard", ""]],
        &["example"],
    );
    let codes = Sort::of::<String>("text", &[["A7", "\"A7\""], ["B2", "\"B2\""]], &[]);
    let more = [
        dates.valid(&*SEASON, r#"{ "range": ["2026-01-01", "2026-12-31"] }"#, "2027-01-01"),
        addresses.valid(&SAFE, r#"{ "schemes": ["https"] }"#, "http://example.org/"),
        codes.valid(
            &CODE,
            r#"{ "pattern": "[A-Z][0-9]+", "example": "A7", "says": "a hive's code" }"#,
            "x",
        ),
    ];
    [STANDARD, &more].concat()
});
