//! What is said of a parameter, a command or an offered word that is on its way out.

/// What to use instead, since when it is deprecated and when it is removed: each empty where that is not said. Where none is, the
/// thing is not deprecated.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) struct Deprecated<'d> {
    pub(crate) instead: &'d str,
    /// A version or a day, as the next one.
    pub(crate) since: &'d str,
    pub(crate) until: &'d str,
}

impl Deprecated<'_> {
    pub(crate) const NOT: Self = Deprecated { instead: "", since: "", until: "" };

    #[inline]
    pub(crate) const fn is_so(&self) -> bool {
        !(self.instead.is_empty() && self.since.is_empty() && self.until.is_empty())
    }
}
