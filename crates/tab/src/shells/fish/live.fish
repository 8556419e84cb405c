# TAB for §§ in fish: asks the program itself.
# Records end in NUL here, as fish splits all else at newlines.
function __§_ask
    # Else fish says over the line that it knows no such command.
    command -q §§; or return
    set -l ask (string join -- \x1f 1 complete fish (commandline -pc | string collect) (commandline -p | string collect) | string collect)
    # The dot is for the one process that is asked: what that starts finds none.
    set -l said (printf . | CLAVRET="$ask" command §§ --version 2>/dev/null | string split0)
    # In front of the answer may be what something else has printed.
    string match -q -- '*clavret 1' "$said[1]"; or return
    set -l at 2
    while set -q said[$at]
        switch $said[$at]
            case words
                set -l n $said[(math $at + 3)]
                string join0 -- $said[(math $at + 4)..(math $at + 3 + $n)]
                set at (math $at + 4 + $n)
            case files folders users hosts programs
                __§_look $said[$at..(math $at + 6)]
                set at (math $at + 7)
            case line
                complete -C $said[(math $at + 1)] | string join0
                set at (math $at + 2)
            case '*'
                set at (math $at + 2)
        end
    end
end
function __§_look --argument-names what quote stem root ends begun
    switch $what
        case users
            __fish_complete_users | string join0
            return
        case hosts
            __fish_print_hostnames | string join0
            return
    end
    set -l folder ''
    switch $root
        case ''
        case '$PWD/'
            set folder $PWD/
        case '~/' '$HOME/'
            set folder ~/
        case '*'
            string match -qr '^~[\w.-]+/$' -- $root; or return
            eval set folder $root
    end
    set -l all
    if test $what = programs; and not string match -q '*/*' -- $root$begun
        for one in $PATH
            set -a all $one/$begun*
        end
        set -q all[1]; and string replace -r '.*/' '' -- $all | sort -u | string split0 | string split \n | string join0
        return
    end
    set -l path $folder$begun
    set all $path*
    # Where none begins so, fish finds what is in another case, or has it within.
    if not set -q all[1]
        set path (string replace -r '[^/]*$' '' -- $path)
        set all $path*
    end
    set -l folders $path*/
    if test $what = folders
        set all
    else if test -n "$ends"
        set all (string match -rei '\.('(string replace -a ' ' '|' -- $ends | string replace -a + '\+')')$' -- $all)
    end
    if test $what = programs; or set -q folders[1]
        set all (for one in $all; test -d $one; or test $what = programs -a ! -x $one; or printf '%s\0' $one; end | string split0)
    end
    set all $folders $all
    test -z "$root"; or set all (string sub -s (math (string length -- $folder) + 1) -- $all)
    # Where it stands alone, a name with a dash in front would be an option; and fish shows `./` only behind a dot.
    test -n "$stem$root$begun"; or set all (string match -v -- '-*' $all)
    set -q all[1]; and string join0 -- $stem$root$all
end
complete -c §§ -e
complete -c §§ -f -k -a '(__§_ask | string split0)'
