# zsh completion for §§: asks the program itself. Autoloaded from fpath, or by eval.
_§() {
  local said
  local -a ask said_all expl texts shows end
  local -i at=1 n ret=1
  ask=(1 complete zsh $((CURRENT - 1)) "$PREFIX" "$SUFFIX" "${words[@]}")
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
      [[ -n $said_all[at+1] ]] || end=(-S '')
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
      (folders) _files -/ && ret=0 ;;
      (*)
        if [[ -n $said_all[at+3] ]]; then
          # Where none ends so, there is none: `_files` would show all.
          _description files expl file
          _path_files "$expl[@]" -g "*.(#i)(${said_all[at+3]// /|})(-.)" && ret=0
          _path_files "$expl[@]" -/ && ret=0
        else
          _files && ret=0
        fi
        ;;
      esac
      (( at += 5 ))
      ;;
    (hint)
      _message -r "${said_all[at+1]//\%/%%}"
      (( at += 2 ))
      ;;
    (*) break ;;
    esac
  done
  return ret
}
if [[ ${zsh_eval_context[-1]} == loadautofunc ]]; then
  _§ "$@"
elif (( ${+functions[compdef]} )); then
  compdef _§ §§
fi
