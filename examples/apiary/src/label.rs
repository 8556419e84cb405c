//! `apiary label`: labels for jars.

use std::io::Write;

use clavret::{Act, Call, Declare, DomainName, Done, Failure, valid};
use email_address::EmailAddress;
use glob::Pattern;
use url::Url;

use crate::desk::Desk;
use crate::lists::{BATCHES, HIVES};
use crate::values::HiveCode;

/// print labels for jars of honey
#[derive(Declare)]
#[declare(examples = [("for what was taken in 2026",
    "apiary label A7 --batch 'A7-2026-*' --mail keeper@example.org")])]
#[declare(statuses = [(0, "printed"), (1, "no batch is called so")])]
pub(crate) struct Label {
    /// hive that the honey came from
    #[operand(listed_by = HIVES)]
    hive: HiveCode,
    /// batches to print a label for, such as 'A7-2026-*'
    #[option(placeholder = "PATTERN", listed_by = BATCHES)]
    batch: Pattern,
    /// where to write to, printed below
    #[option(placeholder = "EMAIL")]
    mail: Option<EmailAddress>,
    /// page to read more on
    #[option(placeholder = "URL", valid = valid::schemes(&["https", "http"]))]
    site: Option<Url>,
    /// domain of the yard, printed in the head
    #[option(placeholder = "NAME")]
    domain: Option<DomainName>,
}

impl Act<Desk> for Label {
    fn act(self, call: &Call<'_, Desk>) -> Done {
        let Label { hive, batch: pattern, mail, site, domain } = self;
        let hive = call.context().yard.hive(&hive)?;
        let is_meant = |batch: &String| pattern.matches(batch);
        let batches: Vec<_> =
            hive.harvests.iter().filter(|harvest| is_meant(&harvest.batch(&hive.code))).collect();
        if batches.is_empty() {
            let what = format!("hive {} has no batch {pattern}", hive.code);
            return Err(Failure::new(1, what).into());
        }
        let head = domain.map(|domain| format!(" of {domain}")).unwrap_or_default();
        let (mail, site) = (mail.map(|mail| mail.to_string()), site.map(|site| site.to_string()));
        let mut out = call.out();
        for harvest in batches {
            writeln!(out, "Honey{head}, batch {}", harvest.batch(&hive.code))?;
            let moisture = harvest.moisture.map(|percent| format!(", {percent} % water"));
            writeln!(out, "{} kg{}", harvest.weight(), moisture.unwrap_or_default())?;
            for line in mail.iter().chain(&site) {
                writeln!(out, "{line}")?;
            }
            writeln!(out)?;
        }
        Ok(())
    }
}
