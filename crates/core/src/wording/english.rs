//! The phrases in English: a name for each, and its text. Those of what only some
//! programs have stand apart: a program carries the texts of a group only where it may ask for one of them.

use super::{Group, ends, phrases};

phrases! {
    // What every program may need.
    GENERAL {
        // Faults: the head and the foot.
        OneFault "one thing to put right"
        ManyFaults "{0} things to put right"
        // Counts in words, from one on; those beyond are in digits.
        MoreFaults "and {0} more"
        Fix "try"
        Outline "like"
        Page "page"
        CommandPlaceholder "COMMAND"
        // Faults: one sentence each.
        OptionUnknown "{0} is not an option here"
        OptionsUnknown "{0} are not options here"
        AloneApart "{0} works only beside letters that take no value"
        OtherHas "{0} has it"
        OthersHave "{0} have it"
        CouldBe "{0} could be {1}"
        OptionMissing "{0} is needed"
        OptionsMissing "{0} are needed"
        CommandUnknown "{0} is not a command here"
        CommandHas "{0} has {1}"
        CommandsHave "{0} have {1}"
        CommandMissing "a command is missing"
        NoCommands "{0} has no subcommands, so {1} is one word too many"
        OneIs "{0} is"
        ManyAre "{0} are"
        OperandMissing "{0} is missing"
        OperandsMissing "{0} are missing"
        OperandExtra "{0} is one word too many for {1}"
        OperandsExtra "{0} are {2} words too many for {1}"
        OptionTaken "{0} took {1} as its value"
        ValueMissing "{0} needs {1} after it"
        ValueRest "{0} needs {1} after it; {2} is missing"
        NoValue "{0} takes no value"
        NoValues "{0} take no value"
        LetterNoValue "{0} takes no value, and a letter takes no ="
        NoEquals "a letter takes no ="
        ValueApart "{0} takes a value only as {1}"
        ValueAttached "{0} takes {1} words, each on its own"
        ValueMisfit "{0} takes {1}"
        NotOne "{0} is not one"
        NotOnes "{0} do not fit"
        NotAmong "{0} is not among them"
        AreNotAmong "{0} are not among them"
        Neither "{0} is neither"
        AreNeither "{0} are neither"
        OnlyBe "{0} can only be {1} here, not {2}"
        IsOption "{0} is an option here"
        Above "{0} is above that"
        AreAbove "{0} are above that"
        Below "{0} is below that"
        AreBelow "{0} are below that"
        ValueRefused "{0} does not take {1}"
        NotText "{0} takes text in UTF-8; {1} is not"
        NotWhole "{0} is not whole"
        LettersAfter "{0} has letters after the number"
        OtherEnding "{0} does not end in {1}"
        Scheme "{0} has a scheme in front"
        NoScheme "{0} has no scheme in front, such as https://"
        NoHost "{0} names no host"
        NoAt "{0} has no @ in it"
        NoDay "the calendar has no {0}"
        Negative "{0} is negative"
        Has "{0} has {1}"
        Begins "{0} begins with {1}"
        // What another library says, after what this one does.
        Cited "{0} ({1})"
        TooFew "{0} takes at least {1}, not {2}"
        TooMany "{0} takes at most {1}, not {2}"
        ValueCount "{0} takes exactly {1}, not {2}"
        NothingAt "there is nothing at {0}"
        SomethingAt "there is something at {0} already"
        IsDirectory "{0} is a folder"
        IsFile "{0} is a file"
        // What is wrong with the program itself.
        Mistake "a mistake of this program: {0}"
        DefaultOf "the default of {0}, {1}, {2}"
        IsAbove "is above {0}"
        IsBelow "is below {0}"
        IsWrong "is wrong: {0}"
        Deprecated "{0} is deprecated; use {1}"
        Error "{0}: {1}"
        Cause "  because: {0}"
        // Kinds and limits.
        Whole "a whole number"
        Number "a number"
        Text "text"
        Letter "a single character"
        Path "a path"
        PathPresent "a path that exists"
        PathAbsent "a path where there is nothing yet"
        PathFile "a file that exists"
        PathDirectory "a folder that exists"
        PathEnding "a path ending in {0}"
        // The words of the phrases above that say what a path leads to: help that has one needs no more.
        FileWord "file"
        DirectoryWord "folder"
        EndingIn "{0}, ending in {1}"
        Yes "yes"
        No "no"
        Entry "a key and a value with = between them"
        // The nouns of kinds that are not in this table, and what they are called instead: those of
        // addresses and of features, and the program's own.
        SuchAs "{0}, such as {1}"
        Range "{0} to {1}"
        WithinRange "from {0} to {1}"
        OrMore "{0} or more"
        OrLess "{0} or less"
        OneOf "one of {0}"
        Each "each {0}"
        AnyNumber "any number"
        AnyText "any text"
        AnyValue "any value"
        AnyBut "{0} but {1}"
        MultipleOf "a multiple of {0}"
        Matching "a text that matches {0}"
        AddressWith "an address with {0}"
        Characters "{0} characters"
        CharactersFrom "at least {0} characters"
        CharactersUpTo "up to {0} characters"
        Comma ", "
        Or " or "
        And " and "
        // Pages: headings.
        Usage "usage"
        Commands "commands"
        Operand "operand"
        Operands "operands"
        Option "option"
        Options "options"
        Anywhere "anywhere"
        Examples "examples"
        Status "status"
        Description "description"
        Contact "contact"
        Licence "licence"
        // Pages: facts and notes.
        SomeOptions "[options]"
        Colon ": "
        Semicolon "; "
        Opposite "the opposite is {0}"
        UnlessGiven "{0} unless given"
        GivenAgain "may be given again"
        HelpOption "show this page"
        VersionOption "the version"
        Refused "the command line was refused"
        MoreEntries "and {0} more: {1}"
        FullPage "full page: {0}"
    }
    // The commands that the library brings: for pages, and for scripts.
    PAGES {
        HelpCommand "show the page of a command"
        HelpTopic "the command to explain; the program itself unless given"
    }
    DOCUMENTS {
        DocumentCommand "print what this program declares"
    }
    SCRIPTS {
        ScriptCommand "print the completion script for a shell"
        ScriptShell "the shell to write it for"
        // What completion says of a flag's other name.
        OppositeOf "the opposite of {0}"
    }
    // What is in files: secrets, settings.
    FILES {
        FileUnread "{0} names a file that cannot be read"
        SettingsUnread "the config file cannot be read"
        SettingsUnreadAt "the config file {0} cannot be read"
        UnreadAbsent "there is nothing at that path"
        UnreadForbidden "it may not be opened"
        UnreadFolder "it is a folder"
        UnreadNoText "its first line is not text in UTF-8"
    }
    // Variables, and the config file.
    SOURCES {
        SettingsNoText "this is not text in UTF-8"
        SettingsNoForm "this is not {0}"
        SettingsNoTable "settings are expected in an object"
        SettingTwice "the key {0} is there twice"
        SettingUnknown "{0} is not a setting here"
        OrSet "or set ${0}"
    }
    // Values that are known at run time.
    LISTED {
        ValueUnlisted "no {0} is called {1}"
        NoneListed "there is none"
    }
    // What may be given once.
    COUNTS {
        OptionRepeated "{0} may be given only once"
        ValueTwice "{0} takes each value once; {1} is there twice"
    }
    // Manners in which a value is read. What signs between values are called is in a list of its own; any other stands
    // for itself.
    MANNERS {
        JoinedBy "several may be joined by {0}"
        TakenFromFile "{0} takes it from a file"
        InCode "0x1f and 1_000 are read too"
        Infinite "inf, -inf and nan are read too"
        Worded "=yes or =no may follow"
        OrAlone "the value may be left out"
        CountRange "{0} to {1} of them"
        CountUpTo "up to {0} of them"
        CountExactly "{0} of them"
        TimesRange "{0} to {1} times"
        TimesUpTo "up to {0} times"
        TimesExactly "{0} times"
    }
    // Rules between parameters.
    RULES {
        OnlyOne "only one of {0} can be given"
        AtLeastOne "at least one of {0} is needed"
        AllOrNone "{0} go together; {1} is missing"
        Needs "{0} needs {1} as well"
        Excludes "{0} does not go with {1}"
        NeededWith "{0} is needed when {1} is {2}"
        NotWith "not with {0}"
        OnlyWith "only with {0}"
        ThisOr "this or {0} is needed"
        NeededFor "needed with {0}"
    }
}
