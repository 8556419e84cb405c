//! The honey house: a declaration that has everything that one can have, so that everything is seen that is said of it.

use std::collections::BTreeMap;
use std::ffi::OsStr;
use std::path::PathBuf;

use clavret::world::Lister;
use clavret::{
    Abbreviated, Attached, COLOR_OPTION, COMPLETIONS_COMMAND, Choice, Command, Config,
    DOCUMENT_COMMAND, Flag, FromWord, HELP_COMMAND, HELP_FLAG, Kind, Known, Named, Objection,
    Offer, Operand, Package, Reading, Refusal, Rule, SoFar, Tail, Tally, VERSION_FLAG, valid,
};

use super::kinds::STATION;

/// The shelf that a jar stands on, such as `b12`.
#[derive(Debug)]
struct Shelf;

impl FromWord for Shelf {
    const KIND: &'static Kind<'static> = &Kind::new("a shelf", "b12");

    fn from_word(word: &OsStr) -> Result<Self, Refusal> {
        match word.as_encoded_bytes() {
            [b'a'..=b'z', b'0'..=b'9', b'0'..=b'9'] => Ok(Shelf),
            [b'z', ..] => Err(Refusal::because("row z is for empty jars")),
            _ => Err(Refusal::new()),
        }
    }
}

#[derive(Debug, Clone, Copy)]
enum Lid {
    Gold,
    White,
    Black,
}

impl Choice for Lid {
    const OFFERS: &'static [Offer<'static>] = &[
        Offer::of("gold").help("for the fair"),
        Offer::of("white"),
        Offer::of("black"),
        Offer::of("silver").deprecated("white").deprecated_since("0.4"),
    ];
    const VALUES: &'static [Self] = &[Lid::Gold, Lid::White, Lid::Black, Lid::White];
}

/// What a box is made of, each part with values of its own.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
enum Part {
    Lid,
    Jars,
    Ribbon,
}

impl Choice for Part {
    const OFFERS: &'static [Offer<'static>] = &[
        Offer::of("lid").value::<Lid>(),
        Offer::of("jars").help("how many").value::<u8>(),
        Offer::of("ribbon").help("its colour"),
    ];
    const VALUES: &'static [Self] = &[Part::Lid, Part::Jars, Part::Ribbon];
}

/// What is in the tanks.
#[derive(Debug)]
struct Tanks(&'static [&'static str]);

impl Lister for Tanks {
    fn list(&self, _: SoFar) -> Option<Vec<Known>> {
        Some(self.0.iter().map(|tank| Known::of(*tank).help("full")).collect())
    }

    fn is_closed(&self) -> bool {
        true
    }

    fn noun(&self) -> &str {
        "tank"
    }
}

// What every command takes.
static WHERE: Named<Option<PathBuf>> = Named::new("at")
    .letter('a')
    .placeholder("DIR")
    .throughout()
    .variable("HOUSE_AT")
    .directory()
    .help("folder of the house");
static CODE: Named<Option<String>> = Named::new("code")
    .throughout()
    .secret_file("code-file")
    .variable("HOUSE_CODE")
    .valid(&valid::length(4, 8))
    .help("what opens the door");
static SETTINGS: Named<Option<PathBuf>> =
    Named::new("settings").placeholder("FILE").help("settings to go by");

// What is filled.
const SORTS: &[&str] = &[
    "acacia", "chestnut", "clover", "heather", "lime", "linden", "meadow", "rape", "thyme",
    "willow",
];
static TANK: Operand<String> =
    Operand::new("tank").listed_by(&Tanks(SORTS)).help("tank to fill from");
static SHELF: Operand<Shelf> = Operand::new("shelf").help("where the jars go");
static COUNT: Named<u8> = Named::new("count")
    .letter('c')
    .formerly(&["number"])
    .default("6")
    .valid(&valid::range(1, 20))
    .help("jars to fill");
static LID: Named<Lid> = Named::new("lid").letter('l').placeholder("COLOUR").default("gold");
static CAP: Flag = Flag::new("cap")
    .deprecated("--lid")
    .deprecated_since("0.4")
    .deprecated_until("1.0")
    .help("close them");
static WARM: Flag = Flag::new("warm").letter('w').opposite("cold").opposite_letter('k');
static STIR: Flag = Flag::new("stir").letter('s').aliases(&["mix"]).help("stir before it");
static MARK: Named<Attached<u8>> = Named::new("mark").letter('m').help("mark so many of them");
static SEAL: Named<Option<String>> = Named::new("seal").once().help("text of the seal");
static TAG: Named<BTreeMap<String, u8>> = Named::new("tag").help("count of a label");
static SIZE: Named<[u16; 2]> =
    Named::new("size").placeholder("WIDE HIGH").default("60 80").help("millimetres");
static WORDS: Named<Vec<String>> =
    Named::new("word").joined_by(',').times(0, 3).distinct().help("word for the label");
static PAIRS: Named<Vec<(u8, bool)>> =
    Named::new("pair").times(0, 2).help("jars, and if they are full");
static ONLY: Named<Option<u8>> = Named::new("only").valid(&valid::one_of(&[1]));
static EITHER: Named<Option<u8>> = Named::new("either").valid(&valid::one_of(&[1, 2]));
static OTHER: Named<Option<String>> = Named::new("other").valid(&valid::any_but(&["jar"]));
static SPOT: Named<Option<Shelf>> = Named::new("spot").help("a better place");
static COLD: Named<Option<i8>> =
    Named::new("chill").valid(&valid::range(i8::MIN, 4)).help("degrees");
static ROOM: Named<Option<u32>> =
    Named::new("room").valid(&valid::range(1, u32::MAX)).help("grams");
static PLAIN: Named<Option<String>> = Named::new("plain").valid(&PLAIN_TEXT);
static PLAIN_TEXT: valid::By<'static, String> =
    valid::by(|text: &String| plain(text)).says("words without a price");
static ODD: Named<Option<u8>> = Named::new("odd").valid(&ODD_ONES);
static ODD_ONES: valid::By<'static, u8> = valid::by(odd);
static INITIAL: Named<Option<char>> = Named::new("initial").valid(&valid::any_but(&['x']));
static LIDS: Named<Vec<Lid>> = Named::new("lids").joined_by(',').help("lids of a mixed box");
static FULL: Named<Vec<bool>> = Named::new("full").joined_by(',').help("which of them are full");
static SHORT: Named<Option<String>> = Named::new("short").valid(&valid::length(0, 4));
static LONG: Named<Option<String>> = Named::new("long").valid(&valid::length(4, usize::MAX));
static EXACT: Named<Option<String>> = Named::new("exact").valid(&valid::length(3, 3));
static LIST: Named<Option<PathBuf>> = Named::new("list").extensions(&["csv", "toml"]);
static VERBOSITY: Tally = Tally::new("v").help("say more");
static FILL: Command = Command::new("fill").summary("fill jars from a tank").takes(&[
    TANK.param(),
    SHELF.param(),
    COUNT.param(),
    LID.param(),
    CAP.param(),
    WARM.param(),
    STIR.param(),
    MARK.param(),
    SEAL.param(),
    TAG.param(),
    SIZE.param(),
    WORDS.param(),
    PAIRS.param(),
    ONLY.param(),
    EITHER.param(),
    OTHER.param(),
    SPOT.param(),
    COLD.param(),
    ROOM.param(),
    PLAIN.param(),
    ODD.param(),
    INITIAL.param(),
    LIDS.param(),
    FULL.param(),
    SHORT.param(),
    LONG.param(),
    EXACT.param(),
    LIST.param(),
]);

fn plain(text: &str) -> Result<(), String> {
    if text.contains('€') { Err("it has a price".to_owned()) } else { Ok(()) }
}

fn odd(number: &u8) -> Result<(), String> {
    if number % 2 == 1 { Ok(()) } else { Err("jars stand in odd rows".to_owned()) }
}

// What is packed: lists that must be there.
static SIDES: Named<Vec<String>> = Named::new("side").joined_by('/').times(2, 4);
static TRIO: Named<Vec<u8>> =
    Named::new("trio").joined_by(';').times(3, 3).help("jars of three sorts");
static TWICE: Named<Vec<u8>> = Named::new("twice").times(2, 2).help("jars of the two shelves");
static ROWS: Named<Vec<u8>> =
    Named::new("row").times(2, 5).valid(&valid::range(1, 50)).help("jars of a row");
static PACK: Command = Command::new("pack").summary("pack jars into boxes").takes(&[
    SIDES.param(),
    TRIO.param(),
    TWICE.param(),
    ROWS.param(),
    BOX.param(),
]);
static BOX: Named<BTreeMap<Part, String>> = Named::new("box").help("parts of a box");

// What is sold.
static JARS: Named<Option<u32>> = Named::new("jars").letter('j').help("so many jars");
static BARREL: Flag = Flag::new("barrel").letter('b').help("the whole barrel");
static MAIL: Named<Option<String>> = Named::new("mail").placeholder("EMAIL").help("send the bill");
static SITE: Named<Option<String>> = Named::new("site").placeholder("URL").help("the shop");
static STREET: Named<Option<String>> = Named::new("street").help("where to bring it");
static TOWN: Named<Option<String>> = Named::new("town").help("the town of it");
static FAST: Flag = Flag::new("fast").help("bring it today");
static PAY: Named<String> = Named::new("pay").default("now").help("now or later");
static PAYER: Named<Option<String>> = Named::new("payer").help("who pays then");
static PRICE: Named<f64> = Named::new("price").letter('p').help("of one jar, in €");
static BUYER: Named<String> = Named::new("buyer").help("who buys it");
static NOTES: Operand<Vec<String>> = Operand::new("note").times(0, 3).help("what to remember");
static SELL: Command = Command::new("sell")
    .summary("sell honey")
    .aliases(&["trade"])
    .takes(&[
        JARS.param(),
        BARREL.param(),
        MAIL.param(),
        SITE.param(),
        STREET.param(),
        TOWN.param(),
        FAST.param(),
        PAY.param(),
        PAYER.param(),
        PRICE.param(),
        BUYER.param(),
        NOTES.param(),
    ])
    .rules(&[
        Rule::only_one(&[JARS.param(), BARREL.param()]),
        Rule::at_least_one(&[MAIL.param(), SITE.param()]),
        Rule::all_or_none(&[STREET.param(), TOWN.param()]),
        Rule::only_with(FAST.param(), &[STREET.param()]),
        Rule::not_with(BARREL.param(), &[SITE.param()]),
        Rule::needed_with(&[PAYER.param()], PAY.param(), "later"),
    ])
    .judged_by(&paid);

fn paid(reading: &Reading<'_>) -> Result<(), Objection> {
    match reading.get(&BUYER) == "nobody" {
        true => Err(Objection::new("nobody buys honey").about(&BUYER)),
        false => Ok(()),
    }
}

// Words that are another program's, what is hidden, and what there is none of.
static TOOL: Operand<String> = Operand::new("tool");
static ARGS: Operand<Vec<String>> = Operand::new("args").tail(Tail::Raw);
static EACH: Command =
    Command::new("each").summary("run a tool for each tank").takes(&[TOOL.param(), ARGS.param()]);
static REST: Operand<Vec<String>> = Operand::new("rest").tail(Tail::AfterDashes);
static PASS: Command =
    Command::new("pass").summary("hand words on").takes(&[STIR.param(), REST.param()]);
static BUCKET: Operand<String> =
    Operand::new("bucket").listed_by(&Tanks(&[])).help("bucket to melt");
static MELT: Command = Command::new("melt").hidden().takes(&[BUCKET.param()]);
static WALK: Command = Command::new("walk").summary("look at every tank").description(
    "Goes from tank to tank.\n\nWhat is found is said for each:\n\n- how full it is\n- whether it is warm",
);
static TANKS: Command = Command::new("tanks")
    .summary("what is in the tanks")
    .default_command(&WALK)
    .commands(&[&WALK, &PASS]);
static SHELVES: Command =
    Command::new("shelves").summary("what is on the shelves").commands(&[&WALK]);

/// The whole declaration.
static TIP: Command = Command::new("tip").deprecated_until("1.0").summary("empty a tank");
pub(crate) static HOUSE: Command = Command::new("house")
    .summary("the honey house of a bee yard")
    .package(
        Package::new("1.4.0")
            .authors("Ada Wren:Ben Lark")
            .page("https://house.example")
            .licence("MIT"),
    )
    .usual(&[HELP_FLAG.param(), VERSION_FLAG.param()])
    .abbreviations(Abbreviated::Both)
    .takes(&[
        WHERE.param(),
        CODE.param(),
        SETTINGS.param(),
        VERBOSITY.param(),
        COLOR_OPTION.param(),
    ])
    .commands(&[
        &TIP,
        &FILL,
        &PACK,
        &SELL,
        &EACH,
        &TANKS,
        &SHELVES,
        &MELT,
        &STATION,
        &HELP_COMMAND,
        &COMPLETIONS_COMMAND,
        &DOCUMENT_COMMAND,
    ])
    .judged_by(&guarded)
    .config(&CONFIG)
    .examples(&[("a dozen jars of lime", "house fill lime b12 -c12")])
    .statuses(&[(0, "done"), (1, "the honey is gone")]);
fn guarded(reading: &Reading<'_>) -> Result<(), Objection> {
    match reading.get(&CODE).as_deref() {
        Some("password") => Err(Objection::new("everybody knows that code").about(&CODE)),
        _ => Ok(()),
    }
}

static CONFIG: Config = Config::new("house.toml").option(SETTINGS.param());
