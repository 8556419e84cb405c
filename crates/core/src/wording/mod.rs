//! Every fixed phrase that a user of a program may read, in one table.
//!
//! * this file: how a phrase is found, and replaced.
//! * `english.rs`: the phrases in English, in the order in which a user meets them.
//! * `compose.rs`: what is composed of its phrases: nouns, limits, lists, counts.

pub(crate) mod compose;
pub(crate) mod english;

use self::compose::fill;
pub use self::english::Phrase;
use crate::text::kept::Kept;

/// The fixed phrases of pages and faults. A program may replace some or all of them, such as for another language,
/// by [`Command::wording`](crate::Command::wording). `{0}`, `{1}` and so on stand for what is filled in.
///
/// ```
/// # use clavret_core as clavret;
/// use clavret::Command;
/// use clavret::wording::{Phrase, Wording};
/// static DUTCH: Wording = Wording::ENGLISH.with(&[
///     (Phrase::OneFault, "iets klopt niet"),
///     (Phrase::OptionUnknown, "{0} is hier geen optie"),
/// ]);
/// static APIARY: Command = Command::new("apiary").wording(&DUTCH);
/// ```
#[doc(alias("translation", "localization"))]
#[derive(Debug, Clone, Copy)]
pub struct Wording<'d> {
    replaced: &'d [(Phrase, &'d str)],
    /// Counts in words, from one on; those beyond are in digits.
    counts: &'d [&'d str],
    /// Nouns of a program's own kinds, each with what it is called in this language.
    nouns: &'d [(&'d str, &'d str)],
    /// What the signs are called that join values.
    signs: &'d [(char, &'d str)],
}

/// The phrases while something is told in them, and what keeps the texts that are made of them.
#[doc(hidden)]
#[derive(Debug, Clone, Copy)]
pub struct Speech<'t> {
    pub(crate) wording: &'t Wording<'t>,
    kept: &'t Kept,
}

impl<'t> Speech<'t> {
    /// A phrase.
    #[inline(always)] // as the one of `Wording`
    pub(crate) fn say(&self, phrase: Phrase) -> &'t str {
        self.wording.say(phrase)
    }
}

impl<'d> Wording<'d> {
    /// The phrases in English.
    pub const ENGLISH: Wording<'static> = Wording {
        replaced: &[],
        counts: &["one", "two", "three", "four", "five", "six", "seven", "eight", "nine"],
        nouns: &[],
        signs: &[(',', "commas"), (';', "semicolons"), (':', "colons"), (' ', "spaces")],
    };

    /// This wording with other phrases for some. Each has the places for what is filled in that the phrase in English
    /// has; that it has is looked at by [`Command::wording`](crate::Command::wording).
    #[must_use]
    pub const fn with(mut self, phrases: &'d [(Phrase, &'d str)]) -> Self {
        self.replaced = phrases;
        self
    }

    /// Counts in words, from one on; those beyond are in digits.
    #[must_use]
    pub const fn count_words(mut self, words: &'d [&'d str]) -> Self {
        self.counts = words;
        self
    }

    /// What the nouns of a program's own kinds are called in this language, each after its own.
    #[must_use]
    pub const fn nouns(mut self, nouns: &'d [(&'d str, &'d str)]) -> Self {
        self.nouns = nouns;
        self
    }

    /// What the signs are called that join values.
    #[must_use]
    pub const fn signs(mut self, signs: &'d [(char, &'d str)]) -> Self {
        self.signs = signs;
        self
    }

    /// The phrases that stand for those in English.
    pub const fn replaced(&self) -> &'d [(Phrase, &'d str)] {
        self.replaced
    }

    /// Counts in words, from one on.
    pub const fn words_of_counts(&self) -> &'d [&'d str] {
        self.counts
    }

    /// What nouns are called, each after its own.
    pub const fn own_nouns(&self) -> &'d [(&'d str, &'d str)] {
        self.nouns
    }

    /// What the signs are called that join values.
    pub const fn named_signs(&self) -> &'d [(char, &'d str)] {
        self.signs
    }

    /// What the command for completion scripts does, and its operand is.
    pub(crate) fn of_scripts(&self) -> [&'d str; 2] {
        [self.say(Phrase::ScriptCommand), self.say(Phrase::ScriptShell)]
    }

    /// What the command for the document of a program does.
    pub(crate) fn of_document(&self) -> &'d str {
        self.say(Phrase::DocumentCommand)
    }

    /// What a flag's other name is, by the one that it is the opposite of.
    pub(crate) fn opposite_name(&self, name: &str) -> String {
        fill(self.say(Phrase::OppositeOf), &[name])
    }

    /// The headings of subcommands, of options, and of those that commands have from above.
    pub(crate) fn of_blocks(&self) -> [&'d str; 3] {
        [self.say(Phrase::Commands), self.say(Phrase::Options), self.say(Phrase::Anywhere)]
    }

    /// That there are so many more than are shown.
    pub(crate) fn of_more(&self, count: usize) -> String {
        Speech::new(self, &Kept::default()).more(count).to_owned()
    }

    /// The first phrase whose places are not those of the one in English.
    pub(crate) const fn misplaced(&self) -> Option<(Phrase, &'d str)> {
        let mut i = 0;
        while i < self.replaced.len() {
            let (phrase, text) = self.replaced[i];
            if places(text) != places(phrase.english()) {
                return Some((phrase, text));
            }
            i += 1;
        }
        None
    }

    /// A phrase.
    // In place, so that which group it is of is known when the program is made: it links no other.
    #[inline(always)]
    pub(crate) fn say(&self, phrase: Phrase) -> &'d str {
        if phrase.is_general() { self.general(phrase) } else { self.phrase(phrase, phrase.group()) }
    }

    /// One of those that every program may need: most are, and a call is shorter without their group.
    #[inline(never)]
    fn general(&self, phrase: Phrase) -> &'d str {
        self.phrase(phrase, &english::GENERAL)
    }

    /// A phrase: the program's, or the one at a place of a group of those in English.
    #[inline(never)]
    fn phrase(&self, phrase: Phrase, group: &Group) -> &'d str {
        let own = self.replaced.iter().find(|(replaced, _)| *replaced == phrase);
        own.map_or_else(|| group.text(phrase), |(_, text)| text)
    }
}

/// Phrases in English that a program has together or not at all.
#[derive(Debug)]
pub(crate) struct Group<Ends: ?Sized = [u16]> {
    first: Phrase,
    /// Their texts one after the other.
    texts: &'static str,
    /// Where each ends: to look for the ends at run time would cost more than all else that draws a fault.
    ends: Ends,
}

impl Group {
    const fn text(&self, phrase: Phrase) -> &'static str {
        let at = phrase as usize - self.first as usize;
        let start = if at == 0 { 0 } else { self.ends[at - 1] };
        self.texts.split_at(self.ends[at] as usize).0.split_at(start as usize).1
    }
}

impl Phrase {
    #[inline(always)]
    const fn is_general(self) -> bool {
        (self as usize) < english::GENERAL.ends.len()
    }
}

/// Where each of some texts of these lengths ends, one after the other.
const fn ends<const N: usize>(lengths: [usize; N]) -> [u16; N] {
    let (mut ends, mut end, mut i) = ([0; N], 0, 0);
    while i < N {
        end += lengths[i];
        assert!(end <= u16::MAX as usize, "the texts of a group are too long for its ends");
        ends[i] = end as u16;
        i += 1;
    }
    ends
}

/// A bit for each place of a phrase: of `{2}` the third.
const fn places(text: &str) -> u16 {
    let (bytes, mut places, mut i) = (text.as_bytes(), 0, 0);
    while i + 2 < bytes.len() {
        if bytes[i] == b'{' && bytes[i + 1].is_ascii_digit() && bytes[i + 2] == b'}' {
            places |= 1 << (bytes[i + 1] - b'0');
        }
        i += 1;
    }
    places
}

/// Makes phrases of their names and their texts, group by group. The texts of a group
/// stand one after the other in one: a pointer for each would have to be put right at each start.
macro_rules! phrases {
    ($($group:ident { $first:ident $its_key:literal $its_text:literal $($name:ident $key:literal $text:literal)* })*) => {
        /// A fixed phrase of pages and faults. Its text in English says what it is for: what stands for another has a
        /// number in braces, from `{0}` on.
        #[doc(alias("message"))]
        #[derive(Debug, Clone, Copy, PartialEq, Eq)]
        #[non_exhaustive]
        pub enum Phrase {
            $(
                #[doc = concat!("`` ", $its_text, " ``")]
                $first,
                $(
                    #[doc = concat!("`` ", $text, " ``")]
                    $name,
                )*
            )*
        }

        $(pub(crate) static $group: Group<[u16; [$its_text $(, $text)*].len()]> = Group {
            first: Phrase::$first,
            texts: concat!($its_text $(, $text)*),
            ends: ends([$its_text.len() $(, $text.len())*]),
        };)*

        impl Phrase {
            /// All of them: what another language has a text for.
            pub const ALL: &'static [Phrase] = &[$(Phrase::$first, $(Phrase::$name,)*)*];

            /// What a document calls it: `one-fault`.
            #[inline]
            pub const fn name(self) -> &'static str {
                match self {
                    $(Phrase::$first => $its_key, $(Phrase::$name => $key,)*)*
                }
            }

            /// The text in English.
            pub const fn english(self) -> &'static str {
                self.group().text(self)
            }

            #[inline(always)]
            pub(crate) const fn group(self) -> &'static Group {
                match self {
                    $(Phrase::$first $(| Phrase::$name)* => &$group,)*
                }
            }
        }
    };
}

impl Default for Wording<'_> {
    fn default() -> Self {
        Wording::ENGLISH
    }
}
pub(crate) use phrases;
