//! `apiary hives`: a group of commands that share the list of hives.

use clavret::Failure;

pub(crate) struct Hives(pub Vec<&'static str>);

/// the hives of the yard
#[clavret::declare]
impl Hives {
    /// list them
    fn list(&self) -> String {
        self.0.join(" ")
    }

    /// say whether a hive is in the yard, by the exit status
    #[declare(aliases = ["has"], statuses = [(0, "it is"), (1, "it is not")])]
    fn know(&self, #[operand(help = "code of the hive")] code: String) -> Result<(), Failure> {
        if self.0.contains(&code.as_str()) { Ok(()) } else { Err(Failure::new(1, "")) }
    }
}
