//! Values that are known at run time: a function lists them, in a thread of its own that is waited for so long and no
//! longer.
//!
//! What is no work of a generic function is `#[inline]`: it is compiled with the program that lists values, not with the library.

use std::cell::RefCell;
use std::ffi::OsString;
use std::fmt;
use std::panic::{AssertUnwindSafe, catch_unwind, set_hook, take_hook};
use std::path::PathBuf;
use std::process::exit;
use std::sync::atomic::Ordering;
use std::sync::{Arc, Condvar, Mutex, Once};
use std::thread::{Builder, park, sleep};
use std::time::Duration;

use clavret_core::inner;
use clavret_core::world::Lister;
use clavret_core::{Known, SoFar};

use crate::kept::kept;
use crate::streams::locked;
use crate::system::IS_ANSWERING;

/// How long a list is waited for unless said.
const WITHIN: Duration = Duration::from_millis(300);
/// How much later an answer may come that has other things to say than what a list was late with.
const GRACE: Duration = Duration::from_millis(25);

/// Values of a parameter that are known only at run time, for [`listed_by`](clavret_core::Operand::listed_by): a
/// function gives them, from what the line says so far. Completion offers them; where the list is [`closed`](List::closed),
/// pages show them, and any other value is refused.
///
/// ```
/// use clavret::{Command, Known, List, Named, Operand, Program, Route, SoFar, rehearse};
///
/// static YARD: Named<String> = Named::new("yard").default("north");
/// static HIVE: Operand<String> = Operand::new("hive").listed_by(&HIVES);
/// static HIVES: List = List::new(&hives).closed();
/// static INSPECT: Command = Command::new("inspect").takes(&[YARD.param(), HIVE.param()]);
/// static PROGRAM: Program = Program::new(&INSPECT, &[Route::new(&INSPECT, |_| Ok(()))]);
///
/// fn hives(so_far: &SoFar) -> Vec<Known> {
///     match so_far.get(&YARD).map(String::as_str) {
///         Some("north") => vec![Known::of("A7").help("by the gate"), Known::of("A9")],
///         _ => Vec::new(),
///     }
/// }
///
/// rehearse(&PROGRAM).words(["A9"]).run().succeeds();
/// rehearse(&PROGRAM).words(["B9"]).run().refuses("no hive is called 'B9'; A9 is");
/// rehearse(&PROGRAM).words(["-h"]).run().mentions("A7 or A9");
/// ```
///
/// A function may give [`Result`]s too. What fails, panics or is late gives no values and says nothing: nothing is offered
/// then, and nothing is checked. A list that is late goes on in its thread until the process ends; it is asked for once,
/// when all else of a line reads.
///
/// A program that is started while another one is asked for completion asks no lists: one that runs its own program
/// would be asked again by that. While a line is read, it would be: a list is not to run a line that asks for it.
#[doc(alias("dynamic completion"))]
#[derive(Clone, Copy)]
pub struct List<'d> {
    of: &'d dyn Work,
    noun: &'d str,
    is_closed: bool,
    within: Duration,
    /// How long it is kept, and what keeps it.
    kept: Option<(Duration, Keep)>,
}

/// What gives a list from what was kept, or keeps what it gives.
type Keep = fn(&List<'_>, Duration, SoFar) -> Option<Vec<Known>>;

impl<'d> List<'d> {
    /// The values that a function lists. In a tree that is made at run time it may be a closure that owns what it needs:
    /// a copy of it goes to the thread that it runs in.
    pub const fn new<F, V>(function: &'d F) -> Self
    where
        F: Fn(&SoFar) -> V + Clone + Send + Sync + 'static,
        V: Values,
    {
        List { of: function, noun: "", is_closed: false, within: WITHIN, kept: None }
    }

    /// There are no other values: one that is not listed is refused. Words are compared as they are typed.
    #[must_use]
    #[inline]
    pub const fn closed(mut self) -> Self {
        self.is_closed = true;
        self
    }

    /// What one of them is, in a word or two, for "no hive is called 'Z9'": the parameter's name unless said.
    #[must_use]
    #[inline]
    pub const fn noun(mut self, noun: &'d str) -> Self {
        self.noun = noun;
        self
    }

    /// How long it is waited for; 300 ms unless said.
    #[must_use]
    #[inline]
    pub const fn within(mut self, limit: Duration) -> Self {
        self.within = limit;
        self
    }

    /// Keeps what is listed for completion in the user's cache folder (`$XDG_CACHE_HOME`, else `~/.cache`), for so long at
    /// most, and as long as what the function has asked for is the same: values, variables, and files that it
    /// [depends on](SoFar::depends_on). Nothing is kept where it has asked for a secret. What checks a line is asked anew.
    #[must_use]
    #[inline]
    pub const fn kept_for(mut self, time: Duration) -> Self {
        self.kept = Some((time, kept));
        self
    }

    /// Lists the values; gives back what they follow from.
    #[inline]
    pub(crate) fn ask(&self, so_far: SoFar) -> Option<Listed> {
        static QUIET: Once = Once::new();
        QUIET.call_once(quiet);
        let work = self.of.apart();
        if inner::is_for_answer(&so_far) {
            end_after(self.within.saturating_add(GRACE));
        }
        let given = Arc::new(Handover::default());
        let giving = Arc::clone(&given);
        let listing = Builder::new().name("list".to_owned()).spawn(move || {
            GIVES.set(Some(Arc::clone(&giving)));
            let known = catch_unwind(AssertUnwindSafe(|| work.list(&so_far)));
            giving.give(known.ok().flatten().map(|known| (known, so_far)));
        });
        listing.ok().and_then(|_| given.within(self.within))
    }
}

type Listed = (Vec<Known>, SoFar);

/// What a list has given, if it is done, and who waits for it. (A channel is 30 KB of code.)
#[derive(Default)]
struct Handover {
    listed: Mutex<Option<Option<Listed>>>,
    is_there: Condvar,
}

impl Handover {
    #[inline]
    fn give(&self, listed: Option<Listed>) {
        *locked(&self.listed) = Some(listed);
        self.is_there.notify_one();
    }

    /// Waits for so long.
    #[inline]
    fn within(&self, limit: Duration) -> Option<Listed> {
        let listed = locked(&self.listed);
        let waited = self.is_there.wait_timeout_while(listed, limit, |listed| listed.is_none());
        waited.map_or(None, |(mut listed, _)| listed.take().flatten())
    }
}

impl Lister for List<'_> {
    #[inline]
    fn list(&self, so_far: SoFar) -> Option<Vec<Known>> {
        match self.kept {
            Some((time, kept)) => kept(self, time, so_far),
            None => self.ask(so_far).map(|(known, _)| known),
        }
    }

    #[inline]
    fn is_closed(&self) -> bool {
        self.is_closed
    }

    #[inline]
    fn noun(&self) -> &str {
        self.noun
    }
}

impl fmt::Debug for List<'_> {
    #[inline]
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        let mut list = f.debug_struct("List");
        list.field("noun", &self.noun).field("is_closed", &self.is_closed).finish_non_exhaustive()
    }
}

/// What a function may give that lists values: a `Vec` of words or of [`Known`] ones, or a `Result` of that. Why it cannot
/// list them is told to nobody.
#[diagnostic::on_unimplemented(
    message = "`{Self}` is no list of values",
    label = "expected a `Vec` of `Known`, `String`, `&str`, `OsString` or `PathBuf`, or a `Result` of that"
)]
pub trait Values {
    #[doc(hidden)]
    fn known(self) -> Option<Vec<Known>>;
}

impl<V: Value> Values for Vec<V> {
    fn known(self) -> Option<Vec<Known>> {
        Some(self.into_iter().map(Value::known).collect())
    }
}

/// What a list is of.
#[diagnostic::on_unimplemented(
    message = "`{Self}` is no value of a list",
    label = "expected `Known`, or a word: `String`, `&str`, `OsString` or `PathBuf`"
)]
pub trait Value {
    #[doc(hidden)]
    fn known(self) -> Known;
}

impl Value for Known {
    #[inline]
    fn known(self) -> Known {
        self
    }
}

macro_rules! words {
    ($($word:ty)*) => {$(
        impl Value for $word {
            #[inline]
            fn known(self) -> Known {
                Known::of(self)
            }
        }
    )*};
}

words! { &str String OsString PathBuf }

impl<V: Values, E> Values for Result<V, E> {
    fn known(self) -> Option<Vec<Known>> {
        self.ok()?.known()
    }
}

/// A function that lists values, without its type.
trait Work: Send + Sync {
    fn list(&self, so_far: &SoFar) -> Option<Vec<Known>>;

    /// A copy for a thread that may go on when nobody waits any more.
    fn apart(&self) -> Box<dyn Work>;
}

impl<F, V> Work for F
where
    F: Fn(&SoFar) -> V + Clone + Send + Sync + 'static,
    V: Values,
{
    fn list(&self, so_far: &SoFar) -> Option<Vec<Known>> {
        self(so_far).known()
    }

    fn apart(&self) -> Box<dyn Work> {
        Box::new(self.clone())
    }
}

thread_local! {
    /// The thread is that of a list, and this is what it gives.
    static GIVES: RefCell<Option<Arc<Handover>>> = const { RefCell::new(None) };
}

/// A panic of a list is told to nobody; every other one as before.
#[inline]
fn quiet() {
    let before = take_hook();
    set_hook(Box::new(move |info| {
        // A thread that ends may have none any more.
        let given = GIVES.try_with(RefCell::take).ok().flatten();
        let Some(given) = given else { return before(info) };
        // Where a panic ends the process, the thread goes no further instead.
        if cfg!(panic = "abort") {
            given.give(None);
            loop {
                park();
            }
        }
    }));
}

/// Ends a process whose answer is late, with an empty one: a list may keep it from writing, or from ending.
#[inline]
fn end_after(time: Duration) {
    let watch = move || {
        sleep(time);
        if IS_ANSWERING.load(Ordering::Relaxed) {
            exit(0);
        }
    };
    _ = Builder::new().name("watch".to_owned()).spawn(watch);
}
