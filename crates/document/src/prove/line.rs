//! A command line in words, as a POSIX shell parts it (POSIX.1-2024, Shell Command Language, 2.2), up
//! to the first operator: what stands after `|` or `>` is another program's, or the shell's.

/// The words of the line's first command; `None` when a quote is not closed.
pub(super) fn words(line: &str) -> Option<Vec<String>> {
    let (mut words, mut word) = (Vec::new(), None::<String>);
    let mut letters = line.chars();
    while let Some(letter) = letters.next() {
        match letter {
            ' ' | '\t' | '\n' => words.extend(word.take()),
            '|' | '&' | ';' | '<' | '>' => break,
            '#' if word.is_none() => break,
            '\'' => {
                let word = word.get_or_insert_default();
                loop {
                    match letters.next()? {
                        '\'' => break,
                        letter => word.push(letter),
                    }
                }
            }
            '"' => {
                let word = word.get_or_insert_default();
                loop {
                    match letters.next()? {
                        '"' => break,
                        '\\' => match letters.next()? {
                            letter @ ('"' | '\\' | '$' | '`') => word.push(letter),
                            letter => word.extend(['\\', letter]),
                        },
                        letter => word.push(letter),
                    }
                }
            }
            '\\' => word.get_or_insert_default().extend(letters.next()),
            letter => word.get_or_insert_default().push(letter),
        }
    }
    words.extend(word);
    Some(words)
}

#[cfg(test)]
mod tests {
    use super::words;

    #[test]
    fn lines_part_as_in_a_shell() {
        let parted = |line| words(line).unwrap_or_default().join("~");
        assert_eq!(parted("apiary  inspect A7 -cf6"), "apiary~inspect~A7~-cf6");
        assert_eq!(parted(r#"a 'b c' "d \"e\" \n" f\ g ''"#), r#"a~b c~d "e" \n~f g~"#);
        assert_eq!(parted("a b | head > c"), "a~b");
        assert_eq!(parted("a b#c # d"), "a~b#c");
        assert_eq!(words("a 'b"), None);
    }
}
