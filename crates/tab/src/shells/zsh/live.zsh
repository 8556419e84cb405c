# TAB for §§ in zsh: asks the program itself.
# Autoloaded from fpath, or by eval.
_§() {
  local said quote=$compstate[quote]
  local -a ask said_all expl texts shows end
  local -i at=1 n ret=1
  ask=(1 complete zsh $((CURRENT - 1)) "$quote$PREFIX" "$SUFFIX" "${COLUMNS:-0}" "${words[@]}")
  # The dot is for the one process that is asked: what that starts finds none.
  said="$(print -n . | CLAVRET="${(pj:\x1f:)ask}" command §§ --version 2>/dev/null)"
  # In front of the answer may be what something else has printed.
  [[ $said == *$'clavret 1\x1e'* ]] || return 1
  said=${said#*$'clavret 1\x1e'}
  said_all=("${(@ps:\x1e:)${said%$'\x1e'}}")
  [[ -z $SUFFIX ]] || compset -S '*'
  while (( at <= $#said_all )); do
    case $said_all[at] in
    (words)
      n=$said_all[at+3]
      end=()
      # A quote is closed, and opened again by what may go on.
      [[ -n $said_all[at+1] ]] || end=(-S "$quote" -r ',;:|/+=&')
      texts=("${(@)said_all[at+4,at+3+n]}")
      shows=("${(@)said_all[at+4+n,at+3+2*n]}")
      _description -V "§-${said_all[at+2]:-words}" expl "$said_all[at+2]"
      compadd "$expl[@]" -l -d shows "$end[@]" -a texts && ret=0
      (( at += 4 + 2 * n ))
      ;;
    (files|folders|users|hosts|programs)
      [[ -z $said_all[at+2] ]] || compset -P "${(b)said_all[at+2]}"
      case $said_all[at] in
      (users) _users && ret=0 ;;
      (hosts) _hosts && ret=0 ;;
      (programs) _command_names -e && ret=0 ;;
      (*) _§_paths "${(@)said_all[at,at+4]}" && ret=0 ;;
      esac
      (( at += 7 ))
      ;;
    (line)
      # From the name of the other program on.
      shift $((said_all[at+1] - 1)) words
      (( CURRENT -= said_all[at+1] - 1 ))
      _normal && ret=0
      (( at += 2 ))
      ;;
    (hint)
      _message -r "${said_all[at+1]//\%/%%}"
      (( at += 2 ))
      ;;
    (list)
      # They are shown, and what they have in common is not put in.
      compstate[insert]= compstate[list]='list force'
      (( at += 1 ))
      ;;
    (*) break ;;
    esac
  done
  return ret
}
_§_paths() { # what, the open quote, what is in the word before it, the folder that zsh puts in, extensions
  local -a expl but
  local -i ret=1
  # Where it stands alone, a name with a dash in front would be an option.
  [[ -n $3$4$PREFIX ]] || but=(-F '(-*)')
  # Where none fits there is none: `_files` would show all.
  if [[ $1 == files ]]; then
    _description files expl file
    if [[ -n $5 ]]; then
      _path_files "$expl[@]" "$but[@]" -g "*.(#i)(${5// /|})(-.)" && ret=0
    else
      _path_files "$expl[@]" "$but[@]" -g '*(^-/)' && ret=0
    fi
  fi
  _description directories expl directory
  _path_files "$expl[@]" "$but[@]" -/ && ret=0
  return ret
}
# What is completed is known only where a word is: there it was autoloaded for that.
if (( ${+compstate} )); then
  _§ "$@"
elif (( ${+functions[compdef]} )); then
  compdef _§ §§
else
  # Before compinit there is no `compdef` yet: at the first prompt there is.
  _§_late() {
    precmd_functions=("${(@)precmd_functions[@]:#_§_late}")
    (( ! ${+functions[compdef]} )) || compdef _§ §§
  }
  typeset -ga precmd_functions
  precmd_functions+=(_§_late)
fi
