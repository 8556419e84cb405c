//! What the settings of a parameter are given, where they go with what it is.

use clavret_core::ask::Role;
use clavret_core::{Refers, Tail};

use clavret_tables::SETTINGS;

use super::taken::Taken;
use super::{PARAM, TEXTS, is_plain};
use crate::sorts::{Own, Shaped};
use crate::spec::{Kinds, Made, Say, Valued};

/// What goes with a parameter that stands alone.
const OF_ALONE: [&str; 17] = [
    "letter",
    "help",
    "throughout",
    "valid",
    "aliases",
    "formerly",
    "hidden",
    "deprecated",
    "deprecated_since",
    "deprecated_until",
    "placeholder",
    "description",
    "refers",
    "as_in_code",
    "infinite",
    "extensions",
    "anew",
];

/// What a setter is given, if it goes with what a parameter is and says already.
pub(super) fn say(made: &Made, setting: &str, with: u8, taken: &mut Taken) -> Option<Say> {
    let (role, name) = (made.role, made.name.to_lowercase());
    let is_named = role != Role::Operand;
    let has_one_of = |names: &[&str]| names.iter().any(|name| made.has(name));
    let is_apart = made.has("stands_alone") && !OF_ALONE.contains(&setting)
        || made.has("tail")
            && !["description", "hidden", "placeholder"].contains(&setting)
            && !setting.starts_with("deprecated");
    if is_apart {
        return None;
    }
    let text = |text: &str| Some(Say::Text(text.to_owned()));
    let is = |fits: bool| fits.then_some(Say::Yes);
    let by = |texts: &[&str]| text(texts[usize::from(with) % texts.len()]);
    let sort = made.sort();
    let of_sort = |names: &[&str]| sort.is_some_and(|sort| names.contains(&sort.name));
    // What only has words.
    let Some(Valued { shape, .. }) = made.value else {
        let is_flag = role == Role::Flag;
        return match setting {
            "opposite" if is_flag => {
                let opposite = format!("{}{name}", ["un", "no-"][usize::from(with % 2)]);
                taken.take(&opposite).map(Say::Text)
            }
            "opposite_letter" if made.has("opposite") => taken.letter(with).map(Say::Letter),
            "worded" => is(is_flag),
            "once" => is(is_flag),
            "variable" if is_flag => text(&variable(made, taken)),
            "stands_alone" if is_flag && with < 64 => gives(made, with),
            _ => of_all(made, setting, with, taken),
        };
    };
    let (is_option, is_many, is_map) = (role == Role::Option, shape.is_many(), shape.is_map());
    let is_single = !is_map && shape != Shaped::Pair;
    match setting {
        "default" if shape != Shaped::Attached => {
            default_of(made, usize::from(with)).map(Say::Text)
        }
        "valid" => {
            is(shape.words() == 1 && !is_map && sort.is_some_and(|sort| sort.valid.is_some()))
        }
        "stands_alone" if is_option && !shape.is_needed() && with < 64 => gives(made, with),
        "secret" => is(true),
        // The line of a file is a text.
        "secret_file"
            if is_option
                && of_sort(&["text", "word"])
                && matches!(shape, Shaped::Needed | Shaped::Optional) =>
        {
            taken.take(&format!("{name}-file")).map(Say::Text)
        }
        "times" if is_many && !is_map => {
            let times = [(0, 3), (1, 2), (1, u32::MAX), (2, 2), (0, 1)];
            let (least, most) = times[usize::from(with) % times.len()];
            Some(Say::Times(least.min(if made.has("default") { 1 } else { 2 }), most))
        }
        "joined_by" if shape == Shaped::Many => {
            Some(Say::Letter([',', ':', '\u{e9}'][usize::from(with) % 3]))
        }
        "distinct" => is(is_many && !is_map),
        "once" => is(is_option),
        "variable" => text(&variable(made, taken)),
        "placeholder" => by(if shape.words() == 1 { &["DIR", "W0"] } else { &["W0 W1"] }),
        "refers" => {
            let is_names = role == Role::Operand && shape == Shaped::Many && of_sort(&["text"]);
            let is_plain = !has_one_of(&["valid", "default", "times", "joined_by", "distinct"]);
            use Refers::*;
            let all = [Path, Nothing, Host, Program, Account, Directory, Command];
            let refers = all[usize::from(with) % if is_names && is_plain { 7 } else { 6 }];
            Some(Say::Refers(refers))
        }
        "as_in_code" => is(!is_map && of_sort(&["u8", "i16", "u64", "i64"])),
        "infinite" => is(is_single && of_sort(&["f64"])),
        "present" | "absent" | "file" | "directory" => {
            let is_placed = has_one_of(&["present", "absent", "file", "directory", "default"]);
            is(is_single && of_sort(&["path"]) && !is_placed)
        }
        "extensions" if is_single && of_sort(&["path"]) => {
            Some(Say::Texts(vec!["toml".to_owned()]))
        }
        "tail" if role == Role::Operand && shape == Shaped::Many && of_sort(&["text", "word"]) => {
            let tails = [Tail::Raw, Tail::AfterDashes, Tail::UnknownOptions];
            Some(Say::Tail(tails[usize::from(with) % 3]))
        }
        "listed_by"
            if shape.words() == 1 && !is_map && (sort.is_none() || of_sort(&["text", "word"])) =>
        {
            let is_open = matches!(made.value?.kind, Kinds::Own(Own::Label) | Kinds::Of(_));
            let is_free = !has_one_of(&[
                "secret",
                "secret_file",
                "valid",
                "default",
                "refers",
                "tail",
                "stands_alone",
            ]);
            (is_open && is_free).then_some(Say::List(with.is_multiple_of(2)))
        }
        _ if is_named
            || !["letter", "throughout", "aliases", "formerly", "anew"].contains(&setting) =>
        {
            of_all(made, setting, with, taken)
        }
        _ => None,
    }
}

/// What any parameter may say; one without a name after dashes was looked at before.
fn of_all(made: &Made, setting: &str, with: u8, taken: &mut Taken) -> Option<Say> {
    let name = made.name.to_lowercase();
    match setting {
        "letter" if name.len() > 1 => taken.letter(with).map(Say::Letter),
        "help" => Some(Say::Text(TEXTS[usize::from(with) % 4].to_owned())),
        "description" => Some(Say::Text(TEXTS[1].to_owned())),
        "throughout" | "hidden" | "anew" => Some(Say::Yes),
        "deprecated" => Some(Say::Text("--calm".to_owned())),
        "deprecated_since" | "deprecated_until" => Some(Say::Text("0.4".to_owned())),
        "aliases" => {
            let letter = if with.is_multiple_of(2) { None } else { taken.letter(with) };
            let long = taken.take(&format!("{name}-too"));
            let texts: Vec<String> = long.into_iter().chain(letter.map(String::from)).collect();
            (!texts.is_empty()).then_some(Say::Texts(texts))
        }
        "formerly" => Some(Say::Texts(vec![taken.take(&format!("old-{name}"))?])),
        // A row that only the tables know.
        _ => {
            let role = format!("{:?}", made.role);
            let row = SETTINGS.iter().find(|row| row.name == setting && is_plain(row))?;
            let is_new = !PARAM.contains(&setting);
            let fits = row.of.iter().any(|of| format!("{of:?}") == role);
            (is_new && fits).then_some(Say::Yes)
        }
    }
}

/// What stands alone has nothing that asks for more than its words to be read.
fn gives(made: &Made, with: u8) -> Option<Say> {
    let is_apart = made.said.iter().all(|setting| OF_ALONE.contains(&setting.name));
    is_apart.then(|| Say::Gives(["page", "version", "unchecked"][usize::from(with) % 3]))
}

fn variable(made: &Made, taken: &Taken) -> String {
    let role = if made.role == Role::Operand { "_OPERAND" } else { "" };
    format!("YARD_{}{}{role}", made.name.to_uppercase().replace('-', "_"), taken.depth)
}

fn default_of(made: &Made, with: usize) -> Option<String> {
    let Valued { kind, shape, .. } = made.value?;
    let word = match kind {
        Kinds::Of(sort) => sort.right[with % 2][0],
        Kinds::Own(Own::Label) => "A7",
        Kinds::Own(Own::Port) => "80",
    };
    match shape {
        Shaped::Map => Some(format!("k={word}")),
        Shaped::Keyed => Some(format!("note={word}")),
        _ if shape.words() == 1 => Some(word.to_owned()),
        _ if word.is_empty() || word.contains(' ') => None,
        Shaped::Pair => Some(format!("{word} 3")),
        _ => Some(format!("{word} {word}")),
    }
}
