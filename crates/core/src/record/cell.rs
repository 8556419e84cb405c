//! Where a converted value is kept until the developer asks for it by its typed key.

use std::any::Any;
use std::ffi::OsString;
use std::path::PathBuf;

/// The value of an [`Untyped`](crate::shape::Untyped) key, whose type is known at run time.
#[derive(Debug, Default)]
pub struct Held(Cell);

impl Held {
    /// No value.
    #[inline]
    pub(crate) const fn empty() -> Self {
        Held(Cell::Empty)
    }
}

/// A value of a type that only its key knows, held as `Option<T>` so that one place serves the
/// shapes `T` and `Option<T>`.
///
/// The common types stand in the cell itself, the others in a box: six of ten values need no
/// allocation of their own then, which is what keeps a reading within twice the work by hand.
macro_rules! cells {
    ($($variant:ident($type:ty))*) => {
        #[derive(Debug, Default)]
        enum Cell {
            #[default]
            Empty,
            $($variant(Option<$type>),)*
            Boxed(Box<dyn Any + Send + Sync>),
        }

        impl Held {
            /// Keeps a value in place of what was kept.
            #[inline]
            pub(crate) fn set<T: Send + Sync + 'static>(&mut self, value: T) {
                let old = std::mem::replace(&mut self.0, Self::keep(value));
                // Nearly always there was nothing: then the walk over what there could have been
                // to drop is left out.
                if let Cell::Empty = old {
                    std::mem::forget(old);
                }
            }

            /// A value as a cell. Which arm serves is known when the compiler makes the code for `T`.
            #[inline]
            fn keep<T: Send + Sync + 'static>(value: T) -> Cell {
                let mut value = Some(value);
                $(
                    if let Some(value) = (&mut value as &mut dyn Any).downcast_mut() {
                        return Cell::$variant(Option::take(value));
                    }
                )*
                Cell::Boxed(Box::new(value))
            }

            /// A look at the value, if one of type `T` is kept.
            #[inline]
            pub(crate) fn peek<T: 'static>(&self) -> Option<&Option<T>> {
                match &self.0 {
                    Cell::Empty => None,
                    // The type is known in each arm, so the compiler keeps at most one of them.
                    $(Cell::$variant(value) => (value as &dyn Any).downcast_ref(),)*
                    Cell::Boxed(value) => value.downcast_ref(),
                }
            }

            /// The value to change or to take, if one of type `T` is kept.
            #[inline]
            pub(crate) fn peek_mut<T: 'static>(&mut self) -> Option<&mut Option<T>> {
                match &mut self.0 {
                    Cell::Empty => None,
                    $(Cell::$variant(value) => (value as &mut dyn Any).downcast_mut(),)*
                    Cell::Boxed(value) => value.downcast_mut(),
                }
            }

            /// The value itself, if one of type `T` is kept.
            #[inline]
            pub(crate) fn take<T: 'static>(&mut self) -> Option<T> {
                self.peek_mut()?.take()
            }
        }
    };
}

cells! {
    Truth(bool)
    Byte(u8)
    Count(u32)
    Number(f64)
    Text(String)
    Path(PathBuf)
    Word(OsString)
    Texts(Vec<String>)
}
