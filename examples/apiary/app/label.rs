//! `apiary label`: labels for jars.

use std::io::Write;

use clavret::{Call, Command, DomainName, Done, Operand, Opt, valid};
use email_address::EmailAddress;
use glob::Pattern;
use url::Url;

use super::values::HiveCode;
use super::yard::Failed;

static HIVE: Operand<HiveCode> = Operand::new("hive").help("hive that the honey came from");
static BATCH: Opt<Pattern> = Opt::new("batch")
    .placeholder("PATTERN")
    .help("batches to print a label for, such as 'A7-2026-*'");
static MAIL: Opt<Option<EmailAddress>> =
    Opt::new("mail").placeholder("EMAIL").help("where to write to, printed below");
static SITE: Opt<Option<Url>> = Opt::new("site")
    .placeholder("URL")
    .valid(&valid::schemes(&["https", "http"]))
    .help("page to read more on");
static DOMAIN: Opt<Option<DomainName>> =
    Opt::new("domain").placeholder("NAME").help("domain of the yard, printed in the head");

pub(crate) static LABEL: Command = Command::new("label")
    .summary("print labels for jars of honey")
    .takes(&[HIVE.param(), BATCH.param(), MAIL.param(), SITE.param(), DOMAIN.param()])
    .example(
        "for what was taken in 2026",
        "apiary label A7 --batch 'A7-2026-*' --mail keeper@example.org",
    )
    .status(0, "printed")
    .status(1, "no batch is called so");

pub(crate) fn label(reading: Call<'_>) -> Done {
    let hive = super::yard(&reading).hive(reading.get(&HIVE))?;
    let pattern = reading.get(&BATCH);
    let is_meant = |batch: &String| pattern.matches(batch);
    let batches: Vec<_> =
        hive.harvests.iter().filter(|harvest| is_meant(&harvest.batch(&hive.code))).collect();
    if batches.is_empty() {
        return Err(Failed::new(format!("hive {} has no batch {pattern}", hive.code)).into());
    }
    let mut out = std::io::stdout();
    for harvest in batches {
        let domain = reading.get(&DOMAIN).as_ref();
        let head = domain.map(|domain| format!(" of {domain}")).unwrap_or_default();
        writeln!(out, "Honey{head}, batch {}", harvest.batch(&hive.code))?;
        let moisture = harvest.moisture.map(|percent| format!(", {percent} % water"));
        writeln!(out, "{} kg{}", harvest.weight(), moisture.unwrap_or_default())?;
        let mail = reading.get(&MAIL).as_ref().map(ToString::to_string);
        let site = reading.get(&SITE).as_ref().map(ToString::to_string);
        for line in mail.into_iter().chain(site) {
            writeln!(out, "{line}")?;
        }
        writeln!(out)?;
    }
    Ok(())
}
