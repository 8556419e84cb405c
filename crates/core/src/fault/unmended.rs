//! Faults of a program that leaves the search for fixes out.

use crate::record::mend::Mend;
use crate::record::report::{Repaired, Report};

impl Mend {
    pub(crate) const TWICE: Self = Mend();
    pub(crate) const LACKING: Self = Mend();
    pub(crate) const SEVERAL: Self = Mend();
    pub(crate) const BARE: Self = Mend();
    pub(crate) const KEYED: Self = Mend();
}

impl<'t> Report<'t, '_> {
    /// The line with every fault repaired: none is.
    pub(super) fn repaired(&self, _things: usize) -> Option<Repaired<'t>> {
        None
    }
}

#[cfg(test)]
mod tests {
    use crate::look::Look;
    use crate::{Command, Flag, Outcome};

    static CALM: Flag = Flag::new("calm").letter('c');
    static INSPECT: Command = Command::new("inspect").takes(&[CALM.param()]);

    #[test]
    fn faults_are_told_without_a_line_that_reads() {
        let Outcome::Faults(faults) = INSPECT.read(&["--clam"]) else { panic!() };
        let told = "\
inspect: one thing to put right

  inspect --clam
          ^^^^^^
  --clam is not an option here; --calm is

  page  inspect --help
";
        assert_eq!(faults.draw(Look::PLAIN), told);
    }
}
