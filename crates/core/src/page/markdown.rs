//! Descriptions as lines to be wrapped. They may be written in Markdown: paragraphs, lists and code
//! keep their shape; emphasis and code within a line keep their marks, with which Markdown is meant to
//! be read.

use crate::text::{Put, item_mark};

/// The indent of code, which is not wrapped within its lines' spaces.
const CODE: &str = "    ";

/// Paragraphs stand apart by an empty line; a line end within one is a space. The items of lists and
/// the lines of code are lines of their own.
pub(super) fn paragraphs(description: &str) -> String {
    let mut text = String::new();
    let (mut is_fenced, mut is_apart, mut in_list) = (false, true, false);
    for line in description.trim_end().lines() {
        let bare = line.trim();
        if bare.starts_with("```") {
            is_fenced = !is_fenced;
            is_apart = true;
        } else if is_fenced || (line.starts_with(CODE) && is_apart && !in_list) {
            next_line(&mut text, CODE);
            text.put(if is_fenced { line } else { &line[CODE.len()..] });
            is_apart = true;
        } else if bare.is_empty() {
            if !text.is_empty() && !text.ends_with("\n\n") {
                text.put("\n\n");
            }
            is_apart = true;
        } else if is_item(bare, is_apart || in_list) {
            next_line(&mut text, &line[..line.len() - line.trim_start().len()]);
            text.put(bare);
            (is_apart, in_list) = (false, true);
        } else {
            if is_apart {
                next_line(&mut text, "");
                in_list &= line.starts_with(' ');
            } else {
                text.push(' ');
            }
            text.put(bare);
            is_apart = false;
        }
    }
    text
}

fn next_line(text: &mut String, indent: &str) {
    if !text.is_empty() && !text.ends_with('\n') {
        text.push('\n');
    }
    text.put(indent);
}

/// Whether a line is an item of a list: `- `, `* `, `+ `, `1. `. Within a paragraph a number is only one
/// where a list begins with it: a sentence may end with a year at the start of a line.
fn is_item(line: &str, may_go_on: bool) -> bool {
    let is_number = line.starts_with(|first: char| first.is_ascii_digit());
    item_mark(line) > 0 && (may_go_on || !is_number || line.starts_with("1."))
}
