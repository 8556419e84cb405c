# bash completion for §§: asks the program itself. Written in the syntax of bash 3.2.
_§() {
  local IFS=$'\x1f' flags=$- said at=0
  local ask=(1 complete bash "${COMP_TYPE-9}" "${2-}" "${COMP_LINE:0:COMP_POINT}" "${COMP_LINE:COMP_POINT}" "$COMP_WORDBREAKS")
  COMPREPLY=()
  # The dot is for the one process that is asked: what that starts finds none.
  said=$(printf . | CLAVRET="${ask[*]}" command §§ --version 2>/dev/null)
  # In front of the answer may be what something else has printed.
  [[ $said == *$'clavret 1\x1e'* ]] || return 0
  said=${said#*$'clavret 1\x1e'}
  IFS=$'\x1e'
  set -f
  said=($said)
  [[ $flags == *f* ]] || set +f
  while ((at < ${#said[@]})); do
    case ${said[at]} in
    words)
      COMPREPLY+=("${said[@]:at+4:said[at+3]}")
      ((at += 4 + said[at + 3]))
      ;;
    files | folders | users | hosts | programs)
      _§_look "${said[@]:at:5}"
      ((at += 5))
      ;;
    *) ((at += 2)) ;;
    esac
  done
  return 0
}
_§_look() { # what, the open quote, what is in the word before it, extensions, how it begins
  local IFS=$'\n' one end all begun=$5 home= cased=
  # An extension in capitals is one too.
  shopt -q nocasematch || { cased=1 && shopt -s nocasematch; }
  case $1 in
  users) all=$(compgen -A user -- "$5") ;;
  hosts) all=$(compgen -A hostname -- "$5") ;;
  programs) all=$(compgen -A command -- "$5") ;;
  *)
    if [[ -z $2$3 && $5 == '~/'* ]]; then home='~/' begun=$HOME/${5#??}; fi
    all=$(compgen -f -- "$begun")
    ;;
  esac
  while IFS= read -r one; do
    [[ -n $one ]] || continue
    end=' '
    case $1 in
    files | folders)
      if [[ -d $one ]]; then
        end=/
      elif [[ $1 == folders || (-n $4 && " $4 " != *" ${one##*.} "*) ]]; then
        continue
      fi
      [[ -z $home ]] || one=${one#"$HOME/"}
      ;;
    esac
    # readline closes an open quote itself, and adds its space there.
    [[ -z $2 || $end == / ]] || end=
    case $2 in
    \') one=${one//\'/\'\\\'\'} ;;
    \") one=${one//\\/\\\\} one=${one//\"/\\\"} one=${one//\$/\\\$} one=${one//\`/\\\`} ;;
    *) printf -v one %q "$one" ;;
    esac
    COMPREPLY+=("$home$3$one$end")
  done <<<"$all"
  [[ -z $cased ]] || shopt -u nocasematch
}
complete -o nospace -o nosort -F _§ -- §§ 2>/dev/null || complete -o nospace -F _§ -- §§
