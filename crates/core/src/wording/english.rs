//! The phrases in English: a name for each, the method that asks for it, and its text. Those of what only some
//! programs have stand apart: a program carries the texts of a group only where it may ask for one of them.

use super::{Group, Wording, ends, phrases};

phrases! {
    // What every program may need.
    GENERAL {
        // Faults: the head and the foot.
        OneFault one_fault "one thing to put right"
        ManyFaults many_faults "{0} things to put right"
        // Counts in words, from one on; those beyond are in digits.
        MoreFaults more_faults "and {0} more"
        Fix fix "try"
        Outline outline "like"
        Page page "page"
        CommandPlaceholder command_placeholder "COMMAND"
        // Faults: one sentence each.
        OptionUnknown option_unknown "{0} is not an option here"
        OptionsUnknown options_unknown "{0} are not options here"
        AloneApart alone_apart "{0} works only beside letters that take no value"
        OtherHas other_has "{0} has it"
        OthersHave others_have "{0} have it"
        CouldBe could_be "{0} could be {1}"
        OptionMissing option_missing "{0} is needed"
        OptionsMissing options_missing "{0} are needed"
        CommandUnknown command_unknown "{0} is not a command here"
        CommandHas command_has "{0} has {1}"
        CommandsHave commands_have "{0} have {1}"
        CommandMissing command_missing "a command is missing"
        NoCommands no_commands "{0} has no subcommands, so {1} is one word too many"
        OneIs one_is "{0} is"
        ManyAre many_are "{0} are"
        OperandMissing operand_missing "{0} is missing"
        OperandsMissing operands_missing "{0} are missing"
        OperandExtra operand_extra "{0} is one word too many for {1}"
        OperandsExtra operands_extra "{0} are {2} words too many for {1}"
        ValueMissing value_missing "{0} needs {1} after it"
        ValueRest value_rest "{0} needs {1} after it; {2} is missing"
        NoValue no_value "{0} takes no value"
        NoValues no_values "{0} take no value"
        LetterNoValue letter_no_value "{0} takes no value, and a letter takes no ="
        NoEquals no_equals "a letter takes no ="
        ValueApart value_apart "{0} takes a value only as {1}"
        ValueAttached value_attached "{0} takes {1} words, each on its own"
        ValueMisfit value_misfit "{0} takes {1}"
        NotOne not_one "{0} is not one"
        NotOnes not_ones "{0} do not fit"
        NotAmong not_among "{0} is not among them"
        AreNotAmong are_not_among "{0} are not among them"
        Neither neither "{0} is neither"
        AreNeither are_neither "{0} are neither"
        OnlyBe only_be "{0} can only be {1} here, not {2}"
        IsOption is_option "{0} is an option here"
        Above above "{0} is above that"
        AreAbove are_above "{0} are above that"
        Below below "{0} is below that"
        AreBelow are_below "{0} are below that"
        ValueRefused value_refused "{0} does not take {1}"
        NotText not_text "{0} takes text in UTF-8; {1} is not"
        NotWhole not_whole "{0} is not whole"
        LettersAfter letters_after "{0} has letters after the number"
        OtherEnding other_ending "{0} does not end in {1}"
        Scheme scheme "{0} has a scheme in front"
        NoScheme no_scheme "{0} has no scheme in front, such as https://"
        NoHost no_host "{0} names no host"
        NoAt no_at "{0} has no @ in it"
        NoDay no_day "the calendar has no {0}"
        Negative negative "{0} is negative"
        Has has "{0} has {1}"
        Begins begins "{0} begins with {1}"
        // What another library says, after what this one does.
        Cited cited "{0} ({1})"
        TooFew too_few "{0} takes at least {1}, not {2}"
        TooMany too_many "{0} takes at most {1}, not {2}"
        ValueCount value_count "{0} takes exactly {1}, not {2}"
        NothingAt nothing_at "there is nothing at {0}"
        SomethingAt something_at "there is something at {0} already"
        IsDirectory is_directory "{0} is a folder"
        IsFile is_file "{0} is a file"
        // What is wrong with the program itself.
        Mistake mistake "a mistake of this program: {0}"
        DefaultOf default_of "the default of {0}, {1}, {2}"
        IsAbove is_above "is above {0}"
        IsBelow is_below "is below {0}"
        IsWrong is_wrong "is wrong: {0}"
        Deprecated deprecated "{0} is deprecated; use {1}"
        Error error "{0}: {1}"
        Cause cause "  because: {0}"
        // Kinds and limits.
        Whole whole "a whole number"
        Number number "a number"
        Text text "text"
        Letter letter "a single character"
        Path any_path "a path"
        PathPresent path_present "a path that exists"
        PathAbsent path_absent "a path where there is nothing yet"
        PathFile path_file "a file that exists"
        PathDirectory path_directory "a folder that exists"
        PathEnding path_ending "a path ending in {0}"
        // The words of the phrases above that say what a path leads to: help that has one needs no more.
        FileWord file_word "file"
        DirectoryWord directory_word "folder"
        EndingIn ending_in "{0}, ending in {1}"
        Yes yes "yes"
        No no "no"
        Entry entry "a key and a value with = between them"
        // The nouns of kinds that are not in this table, and what they are called instead: those of
        // addresses and of features, and the program's own.
        SuchAs such_as_phrase "{0}, such as {1}"
        Range range "{0} to {1}"
        WithinRange within_range "from {0} to {1}"
        OrMore or_more "{0} or more"
        OrLess or_less "{0} or less"
        OneOf one_of "one of {0}"
        Each each "each {0}"
        AnyNumber any_number "any number"
        AnyText any_text "any text"
        AnyValue any_value "any value"
        AnyBut any_but "{0} but {1}"
        MultipleOf multiple_of "a multiple of {0}"
        Matching matching "a text that matches {0}"
        AddressWith address_with "an address with {0}"
        Characters characters "{0} characters"
        CharactersFrom characters_from "at least {0} characters"
        CharactersUpTo characters_up_to "up to {0} characters"
        Comma comma ", "
        Or or " or "
        And and " and "
        // Pages: headings.
        Usage usage "usage"
        Commands commands "commands"
        Operand operand "operand"
        Operands operands "operands"
        Option option "option"
        Options options "options"
        Anywhere anywhere "anywhere"
        Examples examples "examples"
        Status status "status"
        About about "about"
        Contact contact "contact"
        Licence licence "licence"
        // Pages: facts and notes.
        SomeOptions some_options "[options]"
        Colon colon ": "
        Semicolon semicolon "; "
        Opposite opposite "the opposite is {0}"
        UnlessGiven unless_given "{0} unless given"
        GivenAgain given_again "may be given again"
        HelpOption help_option "{0} for a short page, {1} for all of it"
        HelpAlone help_alone "this page"
        VersionOption version_option "the version"
        Refused refused "the command line was refused"
        MoreEntries more_entries "and {0} more: {1}"
    }
    // The commands that the library brings: for pages, and for scripts.
    PAGES {
        HelpCommand help_command "show the page of a command"
        HelpTopic help_topic "the command to explain; the program itself unless given"
    }
    DOCUMENTS {
        DocumentCommand document_command "print what this program declares"
    }
    SCRIPTS {
        ScriptCommand script_command "print the completion script for a shell"
        ScriptShell script_shell "the shell to write it for"
        // What completion says of a flag's other name.
        OppositeOf opposite_of "the opposite of {0}"
    }
    // What is in files: secrets, settings.
    FILES {
        FileUnread file_unread "{0} names a file that cannot be read"
        SettingsUnread settings_unread "the config file cannot be read"
        SettingsUnreadAt settings_unread_at "the config file {0} cannot be read"
        UnreadAbsent unread_absent "there is nothing at that path"
        UnreadForbidden unread_forbidden "it may not be opened"
        UnreadFolder unread_folder "it is a folder"
        UnreadNoText unread_no_text "its first line is not text in UTF-8"
    }
    // Variables, and the config file.
    SOURCES {
        SettingsNoText settings_no_text "this is not text in UTF-8"
        SettingsNoForm settings_no_form "this is not {0}"
        SettingsNoTable settings_no_table "settings are expected in an object"
        SettingTwice setting_twice "the key {0} is there twice"
        SettingUnknown setting_unknown "{0} is not a setting here"
        OrSet or_set "or set ${0}"
    }
    // Values that are known at run time.
    LISTED {
        ValueUnlisted value_unlisted "no {0} is called {1}"
        NoneListed none_listed "there is none"
    }
    // What may be given once.
    COUNTS {
        OptionRepeated option_repeated "{0} may be given only once"
        ValueTwice value_twice "{0} takes each value once; {1} is there twice"
    }
    // Manners in which a value is read. What signs between values are called is in a list of its own; any other stands
    // for itself.
    MANNERS {
        JoinedBy joined_by "several may be joined by {0}"
        TakenFromFile taken_from_file "{0} takes it from a file"
        InCode in_code "0x1f and 1_000 are read too"
        Infinite infinite "inf, -inf and nan are read too"
        Worded worded "=yes or =no may follow"
        OrAlone or_alone "the value may be left out"
        CountRange count_range "{0} to {1} of them"
        CountUpTo count_up_to "up to {0} of them"
        CountExactly count_exactly "{0} of them"
        TimesRange times_range "{0} to {1} times"
        TimesUpTo times_up_to "up to {0} times"
        TimesExactly times_exactly "{0} times"
    }
    // Rules between parameters.
    RULES {
        OnlyOne only_one "only one of {0} can be given"
        AtLeastOne at_least_one "at least one of {0} is needed"
        AllOrNone all_or_none "{0} go together; {1} is missing"
        Needs needs "{0} needs {1} as well"
        Excludes excludes "{0} does not go with {1}"
        NeededWith needed_with "{0} is needed when {1} is {2}"
        NotWith not_with "not with {0}"
        OnlyWith only_with "only with {0}"
        ThisOr this_or "this or {0} is needed"
        NeededFor needed_for "needed with {0}"
    }
}
