//! The phrases in English: a name for each, what documents call it, and its text. Those of what only some
//! programs have stand apart: a program carries the texts of a group only where it may ask for one of them.

use super::{Group, ends, phrases};

phrases! {
    // What every program may need.
    GENERAL {
        // Faults: the head and the foot.
        OneFault "one-fault" "one thing to put right"
        ManyFaults "many-faults" "{0} things to put right"
        // Counts in words, from one on; those beyond are in digits.
        MoreFaults "more-faults" "and {0} more"
        Fix "fix" "try"
        Outline "outline" "like"
        Page "page" "page"
        CommandPlaceholder "command-placeholder" "COMMAND"
        // Faults: one sentence each.
        OptionUnknown "option-unknown" "{0} is not an option here"
        OptionsUnknown "options-unknown" "{0} are not options here"
        AloneApart "alone-apart" "{0} works only beside letters that take no value"
        OtherHas "other-has" "{0} has it"
        OthersHave "others-have" "{0} have it"
        CouldBe "could-be" "{0} could be {1}"
        OptionMissing "option-missing" "{0} is needed"
        OptionsMissing "options-missing" "{0} are needed"
        CommandUnknown "command-unknown" "{0} is not a command here"
        CommandHas "command-has" "{0} has {1}"
        CommandsHave "commands-have" "{0} have {1}"
        CommandMissing "command-missing" "a command is missing"
        NoCommands "no-commands" "{0} has no subcommands, so {1} is one word too many"
        OneIs "one-is" "{0} is"
        ManyAre "many-are" "{0} are"
        OperandMissing "operand-missing" "{0} is missing"
        OperandsMissing "operands-missing" "{0} are missing"
        OperandExtra "operand-extra" "{0} is one word too many for {1}"
        OperandsExtra "operands-extra" "{0} are {2} words too many for {1}"
        OptionTaken "option-taken" "{0} took {1} as its value"
        ValueMissing "value-missing" "{0} needs {1} after it"
        ValueRest "value-rest" "{0} needs {1} after it; {2} is missing"
        NoValue "no-value" "{0} takes no value"
        NoValues "no-values" "{0} take no value"
        LetterNoValue "letter-no-value" "{0} takes no value, and a letter takes no ="
        NoEquals "no-equals" "a letter takes no ="
        ValueAttached "value-attached" "{0} takes {1} words, each on its own"
        ValueMisfit "value-misfit" "{0} takes {1}"
        NotOne "not-one" "{0} is not one"
        NotOnes "not-ones" "{0} do not fit"
        NotAmong "not-among" "{0} is not among them"
        AreNotAmong "are-not-among" "{0} are not among them"
        Neither "neither" "{0} is neither"
        AreNeither "are-neither" "{0} are neither"
        OnlyBe "only-be" "{0} can only be {1} here, not {2}"
        IsOption "is-option" "{0} is an option here"
        Above "above" "{0} is above that"
        AreAbove "are-above" "{0} are above that"
        Below "below" "{0} is below that"
        AreBelow "are-below" "{0} are below that"
        ValueRefused "value-refused" "{0} does not take {1}"
        NotText "not-text" "{0} takes text in UTF-8; {1} is not"
        NotWhole "not-whole" "{0} is not whole"
        LettersAfter "letters-after" "{0} has letters after the number"
        OtherEnding "other-ending" "{0} does not end in {1}"
        Scheme "scheme" "{0} has a scheme in front"
        NoScheme "no-scheme" "{0} has no scheme in front, such as https://"
        NoHost "no-host" "{0} names no host"
        NoAt "no-at" "{0} has no @ in it"
        NoDay "no-day" "the calendar has no {0}"
        Negative "negative" "{0} is negative"
        Has "has" "{0} has {1}"
        Begins "begins" "{0} begins with {1}"
        // What another library says, after what this one does.
        Cited "cited" "{0} ({1})"
        TooFew "too-few" "{0} takes at least {1}, not {2}"
        TooMany "too-many" "{0} takes at most {1}, not {2}"
        ValueCount "value-count" "{0} takes exactly {1}, not {2}"
        NothingAt "nothing-at" "there is nothing at {0}"
        SomethingAt "something-at" "there is something at {0} already"
        IsDirectory "is-directory" "{0} is a folder"
        IsFile "is-file" "{0} is a file"
        // What is wrong with the program itself.
        Mistake "mistake" "a mistake of this program: {0}"
        DefaultOf "default-of" "the default of {0}, {1}, {2}"
        IsAbove "is-above" "is above {0}"
        IsBelow "is-below" "is below {0}"
        IsWrong "is-wrong" "is wrong: {0}"
        Deprecated "deprecated" "{0} is deprecated"
        DeprecatedSince "deprecated-since" "{0} has been deprecated since {1}"
        DeprecatedUntil "deprecated-until" "{0} is deprecated and will be removed in {2}"
        DeprecatedBetween "deprecated-between" "{0} has been deprecated since {1} and will be removed in {2}"
        UseInstead "use-instead" "{0}; use {1}"
        Error "error" "{0}: {1}"
        Cause "cause" "  because: {0}"
        // Kinds and limits.
        Whole "whole" "a whole number"
        Number "number" "a number"
        Text "text" "text"
        Letter "letter" "a single character"
        Path "path" "a path"
        PathPresent "path-present" "a path that exists"
        PathAbsent "path-absent" "a path where there is nothing yet"
        PathFile "path-file" "a file that exists"
        PathDirectory "path-directory" "a folder that exists"
        PathEnding "path-ending" "a path ending in {0}"
        // The words of the phrases above that say what a path leads to: help that has one needs no more.
        FileWord "file-word" "file"
        DirectoryWord "directory-word" "folder"
        EndingIn "ending-in" "{0}, ending in {1}"
        Yes "yes" "yes"
        No "no" "no"
        Entry "entry" "a key and a value with = between them"
        // The nouns of kinds that are not in this table, and what they are called instead: those of
        // addresses and of features, and the program's own.
        SuchAs "such-as" "{0}, such as {1}"
        Range "range" "{0} to {1}"
        WithinRange "within-range" "from {0} to {1}"
        OrMore "or-more" "{0} or more"
        OrLess "or-less" "{0} or less"
        OneOf "one-of" "one of {0}"
        Each "each" "each {0}"
        AnyNumber "any-number" "any number"
        AnyText "any-text" "any text"
        AnyValue "any-value" "any value"
        AnyBut "any-but" "{0} but {1}"
        MultipleOf "multiple-of" "a multiple of {0}"
        Matching "matching" "a text that matches {0}"
        AddressWith "address-with" "an address with {0}"
        Characters "characters" "{0} characters"
        CharactersFrom "characters-from" "at least {0} characters"
        CharactersUpTo "characters-up-to" "up to {0} characters"
        Comma "comma" ", "
        Or "or" " or "
        And "and" " and "
        // Pages: headings.
        Usage "usage" "usage"
        Commands "commands" "commands"
        Operand "operand" "operand"
        Operands "operands" "operands"
        Option "option" "option"
        Options "options" "options"
        Anywhere "anywhere" "anywhere"
        Examples "examples" "examples"
        Status "status" "status"
        Description "description" "description"
        Contact "contact" "contact"
        Licence "licence" "licence"
        // Pages: facts and notes.
        SomeOptions "some-options" "[options]"
        Colon "colon" ": "
        Semicolon "semicolon" "; "
        Opposite "opposite" "the opposite is {0}"
        UnlessGiven "unless-given" "{0} unless given"
        GivenAgain "given-again" "may be given again"
        HelpOption "help-option" "show this page"
        VersionOption "version-option" "the version"
        Refused "refused" "the command line was refused"
        MoreEntries "more-entries" "and {0} more: {1}"
        FullPage "full-page" "full page: {0}"
    }
    // The commands that the library brings: for pages, and for scripts.
    PAGES {
        HelpCommand "help-command" "show the page of a command"
        HelpTopic "help-topic" "the command to explain; the program itself unless given"
    }
    DOCUMENTS {
        DocumentCommand "document-command" "print what this program declares"
    }
    SCRIPTS {
        ScriptCommand "script-command" "print the completion script for a shell"
        ScriptShell "script-shell" "the shell to write it for"
        // What completion says of a flag's other name.
        OppositeOf "opposite-of" "the opposite of {0}"
    }
    // What is in files: secrets, settings.
    FILES {
        FileUnread "file-unread" "{0} names a file that cannot be read"
        SettingsUnread "settings-unread" "the config file cannot be read"
        SettingsUnreadAt "settings-unread-at" "the config file {0} cannot be read"
        UnreadAbsent "unread-absent" "there is nothing at that path"
        UnreadForbidden "unread-forbidden" "it may not be opened"
        UnreadFolder "unread-folder" "it is a folder"
        UnreadNoText "unread-no-text" "its first line is not text in UTF-8"
    }
    // Variables, and the config file.
    SOURCES {
        SettingsNoText "settings-no-text" "this is not text in UTF-8"
        SettingsNoForm "settings-no-form" "this is not {0}"
        SettingsNoTable "settings-no-table" "settings are expected in an object"
        SettingTwice "setting-twice" "the key {0} is there twice"
        SettingUnknown "setting-unknown" "{0} is not a setting here"
        OrSet "or-set" "or set ${0}"
    }
    // Values that are known at run time.
    LISTED {
        ValueUnlisted "value-unlisted" "no {0} is called {1}"
        NoneListed "none-listed" "there is none"
    }
    // What may be given once.
    COUNTS {
        OptionRepeated "option-repeated" "{0} may be given only once"
        ValueTwice "value-twice" "{0} takes each value once; {1} is there twice"
    }
    // Manners in which a value is read. What signs between values are called is in a list of its own; any other stands
    // for itself.
    MANNERS {
        JoinedBy "joined-by" "several may be joined by {0}"
        TakenFromFile "taken-from-file" "{0} takes it from a file"
        InCode "in-code" "0x1f and 1_000 are read too"
        Infinite "infinite" "inf, -inf and nan are read too"
        Worded "worded" "=yes or =no may follow"
        OrAlone "or-alone" "the value may be left out"
        CountRange "count-range" "{0} to {1} of them"
        CountUpTo "count-up-to" "up to {0} of them"
        CountExactly "count-exactly" "{0} of them"
        TimesRange "times-range" "{0} to {1} times"
        TimesUpTo "times-up-to" "up to {0} times"
        TimesExactly "times-exactly" "{0} times"
    }
    // Rules between parameters.
    RULES {
        OnlyOne "only-one" "only one of {0} can be given"
        AtLeastOne "at-least-one" "at least one of {0} is needed"
        AllOrNone "all-or-none" "{0} go together; {1} is missing"
        Needs "needs" "{0} needs {1} as well"
        Excludes "excludes" "{0} does not go with {1}"
        NeededWith "needed-with" "{0} is needed when {1} is {2}"
        NotWith "not-with" "not with {0}"
        OnlyWith "only-with" "only with {0}"
        ThisOr "this-or" "this or {0} is needed"
        NeededFor "needed-for" "needed with {0}"
    }
}
