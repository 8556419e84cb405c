//! What the generator of typed trees asks for.

/// A value that lives as long as the test.
pub(crate) fn leak<T>(value: T) -> &'static T {
    Box::leak(Box::new(value))
}
