//! What is found wrong, for `const fn`, which can neither push to a list nor call a closure: a rule shows
//! what it finds to a [`Finder`], which has room for some. A static stops at the first; a list asks again,
//! for those after the ones that it has.

use super::problem::Finding;

/// The problems after the first `skip`, as many as there is room for.
pub(crate) struct Finder<'d, const ROOM: usize = 1> {
    skip: usize,
    count: usize,
    found: [Option<Finding<'d>>; ROOM],
}

impl<'d, const ROOM: usize> Finder<'d, ROOM> {
    #[inline]
    pub(crate) const fn new(skip: usize) -> Self {
        Finder { skip, count: 0, found: [None; ROOM] }
    }

    #[inline]
    pub(crate) const fn show(&mut self, problem: Finding<'d>) {
        if self.skip > 0 {
            self.skip -= 1;
        } else if self.count < ROOM {
            self.found[self.count] = Some(problem);
            self.count += 1;
        }
    }

    /// Stops the build if there is one, naming the culprits.
    #[track_caller]
    #[inline]
    pub(crate) const fn stop(&self) {
        if let Some(problem) = self.first() {
            problem.stop();
        }
    }

    #[inline]
    pub(crate) const fn first(&self) -> Option<Finding<'d>> {
        self.found[0]
    }
}

/// All problems that a rule shows.
#[inline]
pub(crate) fn all<'d>(problems: &mut Vec<Finding<'d>>, rule: impl Fn(&mut Finder<'d, ROOM>)) {
    let mut skip = 0;
    loop {
        let mut finder = Finder::new(skip);
        rule(&mut finder);
        problems.extend(finder.found.iter().flatten());
        if finder.count < ROOM {
            return;
        }
        skip += ROOM;
    }
}

/// So many that a list of all takes few passes, and so few that they stand on any stack.
pub(crate) const ROOM: usize = 512;
