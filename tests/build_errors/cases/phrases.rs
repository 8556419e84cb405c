//! A phrase in another language that has lost what is filled in.

use clavret::Command;
use clavret::wording::{Phrase, Wording};

static DUTCH: Wording = Wording::ENGLISH.with(&[(Phrase::OptionUnknown, "dat is hier geen optie")]);
static APIARY: Command = Command::new("apiary").wording(&DUTCH);

fn main() {}
