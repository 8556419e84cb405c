//! What is known of the yard that a line names, for completion, pages and faults: its hives, and what was harvested.

use clavret::{Failure, Known, List, SoFar};

use crate::YARD;
use crate::label::Label;
use crate::yard::{FEW, Hive, Yard};

/// Every hive of the yard, its place as help.
pub(crate) static HIVES: List = List::new(&hives).noun("hive").closed();

/// The same, and only those are offered that still stand: what is done with another one says when it was retired.
pub(crate) static STANDING: List = List::new(&standing).noun("hive").closed();

/// What was harvested, of the hive that the line names if it does.
pub(crate) static BATCHES: List = List::new(&batches);

fn hives(so_far: &SoFar) -> Result<Vec<Known>, Failure> {
    let yard = Yard::so_far(so_far)?;
    let known = |(code, hive): (_, Option<Hive>)| {
        Known::of(format!("{code}")).help(hive.and_then(|hive| hive.place).unwrap_or_default())
    };
    Ok(yard.opened(yard.codes()?).into_iter().map(known).collect())
}

fn standing(so_far: &SoFar) -> Result<Vec<Known>, Failure> {
    let yard = Yard::so_far(so_far)?;
    let codes = yard.codes()?;
    let are_few = codes.len() <= FEW;
    let known = |(code, hive): (_, Option<Hive>)| {
        let known = Known::of(format!("{code}"));
        match hive {
            Some(hive) if hive.retired.is_none() => known.help(hive.place.unwrap_or_default()),
            None if !are_few => known,
            _ => known.hidden(),
        }
    };
    Ok(yard.opened(codes).into_iter().map(known).collect())
}

fn batches(so_far: &SoFar) -> Result<Vec<Known>, Failure> {
    let yard = Yard::so_far(so_far)?;
    let mut codes = yard.codes()?;
    if let Some(meant) = so_far.get(Label::HIVE) {
        codes.retain(|code| code == meant);
    }
    let mut known = Vec::new();
    for (code, hive) in yard.opened(codes) {
        for harvest in hive.into_iter().flat_map(|hive| hive.harvests) {
            let help = format!("{} kg", harvest.weight());
            known.push(Known::of(harvest.batch(&code)).help(help));
        }
    }
    Ok(known)
}

impl Yard {
    /// The yard that a line names, which may be in the making.
    fn so_far(so_far: &SoFar) -> Result<Self, Failure> {
        match so_far.get(&YARD) {
            Some(Some(folder)) => Ok(Yard::at(folder)),
            Some(None) => Ok(Yard::own(so_far.variable("XDG_DATA_HOME"))),
            None => Err(Failure::new(1, "the yard is not known yet")),
        }
    }
}
