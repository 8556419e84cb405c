# fish completion for §§: asks the program itself. Records end in NUL here, as fish splits all else at newlines.
function __§_ask
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
                __§_look $said[$at..(math $at + 4)]
                set at (math $at + 5)
            case '*'
                set at (math $at + 2)
        end
    end
end
function __§_look --argument-names what quote stem ends begun
    switch $what
        case users
            __fish_complete_users | string join0
        case hosts
            __fish_print_hostnames | string join0
        case programs
            complete -C (string escape -n -- $begun) | string join0
        case '*'
            for one in (complete -C "'' "(string escape -n -- $begun | string replace -r '^\\\\~/' '~/'))
                set -l path (string split -m1 \t -- $one)[1]
                if not string match -q -- '*/' $path
                    test $what != folders; or continue
                    test -z "$ends"; or contains -- (string replace -r '.*\.' '' -- $path | string lower) (string lower -- $ends | string split ' '); or continue
                end
                printf '%s%s\0' $stem $path
            end
    end
end
complete -c §§ -e
complete -c §§ -f -k -a '(__§_ask | string split0)'
