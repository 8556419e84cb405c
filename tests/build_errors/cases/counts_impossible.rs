//! Settings that no word could meet, and those of which one would be lost.

use clavret::{Choice, Command, Flag, Named, package, valid};
use std::path::PathBuf;

static NOTES: Named<Vec<String>> = Named::new("note").times(3, 1);
static FRAMES: Named<u8> =
    Named::new("frames").valid(&valid::range(0, 20)).valid(&valid::multiple_of(2));
#[derive(Clone, PartialEq, Eq, Hash, Choice)]
enum Day {
    First,
    Last,
}
static DAYS: Named<Vec<Day>> = Named::new("day").distinct().times(4, 9);
static DRAFT: Named<PathBuf> = Named::new("draft").absent().file();
static AT: Named<(f64, f64)> = Named::new("at").placeholder("DEGREES");
static LONE: Flag = Flag::new("n").letter('m');
static CALM: Flag = Flag::new("calm").opposite_letter('r');
static HELPED: Command = clavret::HELP_COMMAND.takes(&[]);
static ASKED: Command = Command::new("asked")
    .stands_alone(&clavret::handlers::ShowPage)
    .stands_alone(&clavret::handlers::ShowPage);
static INSPECT: Command = Command::new("inspect").takes(&[CALM.param()]);
static LIST: Command = Command::new("list").package(package!());
static APIARY: Command = Command::new("apiary").commands(&[&LIST]);

fn main() {}
