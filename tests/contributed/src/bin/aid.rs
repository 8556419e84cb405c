//! A program that asks in place, its page under another name, and a flag that stands alone.

use clavret::handlers::ShowPage;
use clavret::reader::Request;
use clavret::{Flag, asked};

static AID: Flag = Flag::new("aid").letter('a').stands_alone(&ShowPage);

fn formats(_: &Request<'_>) -> String {
    "table\ncsv\n".to_owned()
}

fn main() {
    asked!(program "aid", "write a report", usual(AID));
    let file = asked!(operand 1 "file": String, "the file to write");
    asked!(flag "formats", "list the formats", stands_alone = formats);
    print!("{file}");
}
