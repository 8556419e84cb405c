# TAB for §§ in bash: asks the program itself.
# Written in the syntax of bash 3.2.
_§() {
  local IFS=$'\x1f' flags=$- said at=0 cased= line=
  [[ $(bind -v 2>/dev/null) != *'completion-ignore-case on'* ]] || cased=1
  local ask=(1 complete bash "${COMP_TYPE-9}" "${2-}" "${COMP_LINE:0:COMP_POINT}" "${COMP_LINE:COMP_POINT}" "${COLUMNS-}" "$cased")
  COMPREPLY=()
  # The dot is for the one process that is asked: what that starts finds none.
  said=$(printf . | CLAVRET="${ask[*]}" command §§ --version 2>/dev/null)
  # In front of the answer may be what something else has printed.
  [[ $said == *$'clavret 1\x1e'* ]] || return 0
  said=${said#*$'clavret 1\x1e'}
  IFS=$'\x1e'
  set -f
  said=($said)
  while ((at < ${#said[@]})); do
    case ${said[at]} in
    words)
      COMPREPLY+=("${said[@]:at+4:said[at+3]}")
      ((at += 4 + said[at + 3]))
      ;;
    files | folders | users | hosts | programs)
      _§_look "${said[@]:at:7}"
      ((at += 7))
      ;;
    line)
      line=${said[at+1]}
      ((at += 2))
      ;;
    *) ((at += 2)) ;;
    esac
  done
  IFS=$' \t\n'
  [[ $flags == *f* ]] || set +f
  [[ -z $line ]] || _§_line "$line"
  return 0
}
_§_line() { # the line of another program up to the cursor, by what the package bash-completion has
  local rest=${COMP_LINE:0:COMP_POINT} at=0 word offset
  declare -F _command_offset >/dev/null && offset=_command_offset
  declare -F _comp_command_offset >/dev/null && offset=_comp_command_offset
  [[ -n $offset ]] || return
  # Which of bash's words it begins with.
  while ((at < COMP_CWORD && ${#rest} > ${#1})); do
    word=${COMP_WORDS[at]}
    rest=${rest#*"$word"}
    rest=${rest#"${rest%%[! ]*}"}
    ((at += 1))
  done
  compopt +o nospace +o nosort 2>/dev/null
  $offset "$at"
}
_§_look() { # what, the open quote, what is in the word before it, the folder that bash puts in, extensions, how it begins, what of that is kept
  local IFS=$'\n' one end put all=() root=$4 folder=
  case $root in
  '') ;;
  '$PWD/' | '${PWD}/') folder=$PWD/ ;;
  '~/' | '$HOME/' | '${HOME}/') folder=$HOME/ ;;
  *[!A-Za-z0-9_./~-]*) return ;;
  *) eval "folder=$root" ;;
  esac
  case $1$root$6 in
  users*) all=($(compgen -A user -- "$6")) ;;
  hosts*) all=($(compgen -A hostname -- "$6")) ;;
  programs*/*) ;;
  programs*) all=($(compgen -c -- "$6" | sort -u)) ;;
  esac
  [[ $1 == [uhp]* && $1$root$6 != programs*/* ]] || _§_paths "$folder$6"
  # Of keywords and functions none is a program.
  for one in ${all[@]+"${all[@]}"}; do
    end=' '
    case $1 in
    users | hosts) ;;
    *)
      if [[ $1 == programs && $root$6 != */* ]]; then
        type -P -- "$one" >/dev/null || continue
      elif [[ -d $one ]]; then
        end=/
      elif [[ $1 == folders || $1 == programs && ! -x $one ]] || ! _§_ends "${one##*.}" "$5"; then
        continue
      fi
      one=${one:${#folder}}
      # Where it stands alone, a name with a dash in front would be an option.
      [[ $one != -* || $6 == -* || -n $2$3$root$7 ]] || one=./$one
      ;;
    esac
    put=$root
    if [[ -n $7 ]]; then one=$root$one one=${one:${#7}} put=; fi
    case $2 in
    \') one=${one//\'/\'\\\'\'} ;;
    \") one=${one//\\/\\\\} one=${one//\"/\\\"} one=${one//\$/\\\$} one=${one//\`/\\\`} one=${one//!/\"\'!\'\"} ;;
    \$*) printf -v one %q $'\n'"$one" && one=${one#??'\n'} one=${one%\'} ;;
    *) printf -v one %q "$one" ;;
    esac
    # readline closes an open quote itself, and adds its space there, unless the word seems to end with it.
    if [[ -n $2 && $end != / ]]; then
      end=
      [[ $one != *"${2#\$}" ]] || end=${2#\$}
    fi
    COMPREPLY+=("$3$put$one$end")
  done
}
_§_paths() { # the paths that begin so, whatever the user has set for patterns; sets all
  local set=$(shopt -p dotglob failglob nocaseglob nullglob)
  shopt -s dotglob nullglob
  shopt -u failglob nocaseglob
  [[ -z $cased ]] || shopt -s nocaseglob
  set +f
  all=("$1"*)
  set -f
  eval "$set"
}
_§_ends() { # whether the extension is one of a list, or there is no list; in capitals it is one too
  [[ -n $2 && " $2 " != *" $1 "* ]] || return 0
  local is=1
  shopt -q nocasematch && return 1
  shopt -s nocasematch
  [[ " $2 " != *" $1 "* ]] || is=0
  shopt -u nocasematch
  return $is
}
complete -o nospace -o nosort -F _§ -- §§ 2>/dev/null || complete -o nospace -F _§ -- §§
