# Follows the words up to the cursor through the states above, and offers what may stand there.
# Texts of the program are data: nothing expands or evaluates them.
_§_name() { # finds the option $1; sets code
  local i
  for ((i = 0; i < ${#own[@]}; i += 2)); do
    [[ ${own[i]} == "$1" ]] && { code=${own[i + 1]#*:}; return 0; }
  done
  for ((i = 0; i < ${#reach[@]}; i += 2)); do
    [[ ${reach[i]} == "$1" ]] && { code=${reach[i + 1]#*:}; return 0; }
  done
  return 1
}
_§_enter() { # goes to the state $1
  local wide=()
  commands=() own=() operands=() behind= default=
  _§_state "$1"
  reach=("${wide[@]}" "${reach[@]}")
}
_§_has() { # whether the state $1, or its default subcommand, has the option $2
  local commands=() own=() operands=() behind= ends= default= wide=() reach=() code
  _§_state "$1"
  reach=("${wide[@]}")
  _§_name "$2" || { [[ -n $default ]] && _§_has "$default" "$2"; }
}
_§_option() { # finds the option $1, here or where the default subcommands lead; sets code
  _§_name "$1" && return 0
  [[ -n $default ]] && _§_has "$default" "$1" || return 1
  _§_enter "$default"
  _§_option "$1"
}
_§_below() { # the state of the subcommand $1; sets next
  local i
  for ((i = 0; i < ${#commands[@]}; i += 2)); do
    [[ ${commands[i]} == "$1" ]] && { next=${commands[i + 1]#h}; return 0; }
  done
  return 1
}
_§_bare() { # takes the shell's quotes off $1; sets bare, and open to a quote that is not closed
  local text=$1 mark='' letter
  bare=
  while [[ -n $text ]]; do
    letter=${text:0:1} text=${text:1}
    case $mark$letter in
    \$) if [[ $text == "'"* ]]; then mark=E text=${text:1}; else bare+=$letter; fi ;;
    E\\) letter=${text:0:1} text=${text:1}; case $letter in n) bare+=$'\n' ;; t) bare+=$'\t' ;; *) bare+=$letter ;; esac ;;
    "'" | '"') mark=$letter ;;
    "''" | '""' | "E'") mark= ;;
    \\) bare+=${text:0:1} text=${text:1} ;;
    '"'\\) case ${text:0:1} in [\"\\\$\`]) bare+=${text:0:1} text=${text:1} ;; *) bare+=\\ ;; esac ;;
    *) bare+=$letter ;;
    esac
  done
  open=$mark
}
_§_words() { # the words up to the cursor, as the program would get them; sets words
  # bash breaks words at = and : as well; what no white space parts is one word.
  local line=${COMP_LINE:0:COMP_POINT} i word gap bare
  # Of several lines those before are other commands.
  [[ ${line##*$'\n'} != *"${COMP_WORDS[0]}"* ]] || line=${line##*$'\n'}
  words=()
  for ((i = 0; i <= COMP_CWORD; i++)); do
    word=${COMP_WORDS[i]}
    gap=${line%%[![:space:]]*}
    line=${line#"$gap"}
    # The word at the cursor ends there.
    [[ ${line:0:${#word}} == "$word" ]] || word=$line
    line=${line:${#word}}
    if ((i == 0)) || [[ -n $gap ]]; then words+=("$word"); else words[${#words[@]}-1]+=$word; fi
  done
  # A redirection is none of the program's words, nor is the file behind it.
  local all=("${words[@]}") skip= last=$((${#words[@]} - 1))
  words=()
  for i in "${!all[@]}"; do
    word=${all[i]}
    if ((i < last)) && [[ -n $skip ]]; then
      skip=
    elif ((i < last)) && [[ ${word#"${word%%[!0-9]*}"} == [\<\>]* ]]; then
      [[ $word == *[!0-9\<\>\&\|]* ]] || skip=1
    elif [[ ${word#"${word%%[!0-9]*}"} == [\<\>]* ]]; then
      word=${word#"${word%%[<>]*}"}
      skip=1 words+=("${word#"${word%%[!<>&|]*}"}")
    else
      words+=("$word")
    fi
  done
  redirected=$skip
  for i in "${!words[@]}"; do
    open=
    [[ ${words[i]} == *[\'\"\\]* ]] && { _§_bare "${words[i]}"; words[i]=$bare; }
  done
  quote=$open
}
_§_walk() { # follows all words but the last
  local i at word
  for ((i = 1; i < ${#words[@]} - 1; i++)); do
    word=${words[i]}
    if [[ -n $pending ]]; then
      [[ $pending == *+* ]] && pending=${pending#*+} || pending=
    elif [[ -z $ended && $word == -- ]]; then
      ended=1
      while [[ -n $default ]]; do _§_enter "$default"; done
    elif [[ -z $ended && $word == --*=* ]]; then
      _§_option "${word%%=*}"
    elif [[ -z $ended && $word == --* ]]; then
      _§_option "$word" && [[ $code != =* ]] && pending=$code
    elif [[ -z $ended && $word == -?* ]]; then
      for ((at = 1; at < ${#word}; at++)); do
        _§_option "-${word:at:1}" || break
        [[ -n $code ]] || continue
        [[ $code == =* ]] || ((at + 1 < ${#word})) || pending=$code
        break
      done
    elif [[ -z $ended && ${#commands[@]} -gt 0 ]]; then
      # Behind an unknown command only options are known.
      if _§_below "$word"; then
        _§_enter "$next"
      elif [[ -n $default ]]; then
        _§_enter "$default"
        i=$((i - 1)) # the same word, read there
      else
        commands=() operands=()
      fi
    else
      typed+=("$word")
      [[ -n $ends ]] && ended=1
    fi
  done
}
_§_offer() { # offers those of found that begin with $2, each behind $1
  local word full
  for word in "${found[@]}"; do
    [[ $word == "$2"* ]] || continue
    full=$1$word
    full=${full#"$cut"}
    # What goes on behind its sign gets no space.
    [[ $code_of != e* || $full != *= ]] || compopt -o nospace 2>/dev/null
    if [[ $quote == "'" ]]; then
      full=${full//"'"/"'\\''"}
    elif [[ $quote == E ]]; then
      full=${full//\\/\\\\} full=${full//"'"/"\\'"} full=${full//$'\n'/"\\n"}
    elif [[ $quote == '"' ]]; then
      full=${full//\\/\\\\} full=${full//\"/\\\"} full=${full//\$/\\\$} full=${full//\`/\\\`} full=${full//!/\"\'!\'\"}
    elif [[ $full == *[!A-Za-z0-9_@%+=:,./-]* ]]; then
      printf -v full %q "$full"
    fi
    # readline takes a sign like that of the quote for its end.
    [[ -z $quote || $full != *"${quote/E/"'"}" ]] || full+=${quote/E/"'"}
    COMPREPLY+=("$full")
  done
}
_§_ending() { # keeps folders, and what ends in an extension of the list $1
  local all=("${found[@]}") kept=() word end cased=
  _§_choices "$1"
  shopt -q nocasematch || { cased=1 && shopt -s nocasematch; }
  for word in "${all[@]}"; do
    for end in "${found[@]}"; do
      [[ -d ${word/#\~\//$HOME/} || $word == *."$end" ]] && { kept+=("$word"); break; }
    done
  done
  [[ -z $cased ]] || shopt -u nocasematch
  found=("${kept[@]}")
}
_§_value() { # offers values of the code $1 that begin with $3, each behind $2
  local found=() action= mark code_of=$1
  if [[ $1 == *@* ]]; then
    # Of several values in a word the last one is completed.
    mark=${1#*@}
    if [[ $3 == *"$mark"* ]]; then
      set -- "${1%%@*}" "$2${3%"$mark"*}$mark" "${3##*"$mark"}"
    else
      set -- "${1%%@*}" "$2" "$3"
    fi
  fi
  case $1 in
  c*) _§_choices "${1#c}" ;;
  e*) _§_entries "${1#e}" "$3" ;;
  p | f*) action=file ;;
  d) action=directory ;;
  x) action=command && [[ $3 != */* ]] || action=file ;;
  u) action=user ;;
  o) action=hostname ;;
  esac
  # What is still to be expanded within a quote would be quoted.
  [[ $quote != '"' || -z $action || $3 != *\$* ]] || return 0
  if [[ -n $action ]]; then
    local IFS=$'\n' one all
    all=$(compgen -A "$action" -- "$3" | sort -u)
    while IFS= read -r one; do
      # Keywords and functions are no programs, nor are files that do not run.
      # Where it stands alone, a name with a dash in front would be an option.
      [[ $1 != [pfd]* || $one != -* || -n $2$3 ]] || one=./$one
      [[ -z $one || $1 == x && ! -d $one ]] && ! type -P -- "$one" >/dev/null || found+=("$one")
    done <<<"$all"
    # From 4.0 on readline is told that these are files, and quotes them and marks folders.
    [[ $action == [chu]* ]] || compopt -o filenames 2>/dev/null
    [[ $1 == f* ]] && _§_ending "${1#f}"
    found=("${found[@]/#/"$2"}")
    COMPREPLY+=("${found[@]#"$cut"}")
  else
    _§_offer "$2" "$3"
  fi
}
_§_entries() { # keys of the list $1, or what may be behind the key that $2 has; sets found
  local word all
  _§_choices "$1"
  all=("${found[@]}") found=()
  for word in "${all[@]}"; do
    [[ $word == *= && $2 == *=* || $word != *= && $2 != *=* ]] || found+=("$word")
  done
}
_§_options() { # offers the options that begin with $1
  local found=() i all=("${own[@]}" "${reach[@]}")
  for ((i = 0; i < ${#all[@]}; i += 2)); do
    [[ ${all[i + 1]} == h* ]] || found+=("${all[i]}")
  done
  _§_offer '' "$1"
}
_§_names() { # offers the subcommands that begin with $1
  local found=() i
  for ((i = 0; i < ${#commands[@]}; i += 2)); do
    [[ ${commands[i + 1]} == h* ]] || found+=("${commands[i]}")
  done
  _§_offer '' "$1"
}
_§_once() { # leaves out what is offered twice
  local word seen=$'\n' all=("${COMPREPLY[@]}")
  COMPREPLY=()
  for word in "${all[@]}"; do
    [[ $seen == *$'\n'"$word"$'\n'* ]] || COMPREPLY+=("$word")
    seen+=$word$'\n'
  done
}
_§_operand() { # offers what the next operand may be
  local i left=${#typed[@]} kind= due=
  [[ -n $ended && -n $behind ]] && { _§_value "$behind" '' "$1"; return; }
  for ((i = 0; i < ${#operands[@]}; i += 3)); do
    kind=${operands[i]} due=${operands[i + 2]}
    ((left == 0)) || due=
    [[ ${operands[i + 1]} == '*' ]] && break
    ((left < operands[i + 1])) && break
    left=$((left - operands[i + 1])) kind= due=
  done
  if [[ $kind == t ]]; then
    _§_enter 0
    for i in "${typed[@]}"; do
      _§_below "$i" || return
      _§_enter "$next"
    done
    _§_names "$1"
    return
  fi
  [[ -n $kind ]] && _§_value "$kind" '' "$1"
  # With nothing to say of the value, options are offered, unless it is to come first: where they are only listed, so that
  # the dash that they have in common is not put in.
  [[ ${#COMPREPLY[@]} -eq 0 && -z $1$ended$due && $kind != [pfdxuo]* && ${COMP_TYPE-63} =~ ^(63|37)$ ]] && _§_options ''
}
_§() {
  local words commands own reach operands behind ends default= typed=() pending= ended= next code cut bare open quote redirected code_of
  COMPREPLY=()
  _§_words
  _§_enter 0
  _§_walk
  local last=${words[${#words[@]}-1]} at
  # bash completes from behind the = or : that it broke the word at.
  local piece=$2
  [[ -z $quote && $piece == [=:] ]] && piece=
  _§_bare "$piece"
  cut=
  [[ $COMP_WORDBREAKS == *[=:]* && $last == *"$bare" ]] && cut=${last%"$bare"}
  if [[ -n $redirected ]]; then
    _§_value p '' "$last"
  elif [[ -n $pending ]]; then
    _§_value "${pending%%+*}" '' "$last"
  elif [[ -z $ended && $last == --*=* ]]; then
    _§_option "${last%%=*}" && [[ -n $code && $code != *+* ]] &&
      _§_value "${code#=}" "${last%%=*}=" "${last#*=}"
  elif [[ -z $ended && $last == -* ]]; then
    # A value that is attached to a letter.
    for ((at = 1; at < ${#last} && ${#last} > 2; at++)); do
      [[ $last != --* ]] && _§_option "-${last:at:1}" || break
      [[ -n $code ]] || continue
      [[ $code == *+* ]] || ((at + 1 == ${#last})) ||
        { _§_value "${code#=}" "${last:0:at+1}" "${last:at+1}" && return 0; }
      break
    done
    _§_options "$last"
    at=$default
    while [[ -n $default ]]; do
      _§_enter "$default"
      _§_options "$last"
    done
    [[ -z $at ]] || _§_once
  elif [[ -z $ended && ${#commands[@]} -gt 0 ]]; then
    # What the default subcommand knows may stand here too.
    _§_names "$last"
    while [[ -n $default ]]; do
      _§_enter "$default"
      if [[ ${#commands[@]} -gt 0 ]]; then _§_names "$last"; else _§_operand "$last"; fi
    done
  else
    _§_operand "$last"
  fi
  return 0
}
