//! Says in one line what a set of edits does.

use erratum_syntax::edit::Edit;
use erratum_syntax::source::{Program, Source};
use erratum_syntax::visible::visible;

/// What the edits do, as an instruction to a person.
pub fn describe(program: &Program, edits: &[Edit]) -> String {
    visible(&described(program, edits)).into_owned()
}

fn described(program: &Program, edits: &[Edit]) -> String {
    let mut said: Vec<(String, usize)> = Vec::new();
    if let Some(text) = wrapped(program, edits) {
        return text;
    }
    for edit in edits.iter().take(3) {
        if let Some(source) = program.file(&edit.file) {
            let part = one(source, edit);
            match said.last_mut() {
                Some((last, times)) if *last == part => *times += 1,
                _ => said.push((part, 1)),
            }
        }
    }
    let times = |(part, times): (String, usize)| match times {
        1 => part,
        2 => format!("{part}, twice"),
        more => format!("{part}, {more} times"),
    };
    let mut parts: Vec<String> = said.into_iter().map(times).collect();
    if edits.len() > 3 {
        let lines = edits.len() - 3;
        parts.push(format!(
            "the same in {lines} more {}",
            if lines == 1 { "place" } else { "places" }
        ));
    }
    let text = parts.join(", and ");
    let mut letters = text.chars();
    letters.next().map_or(String::new(), |first| first.to_uppercase().chain(letters).collect())
}

/// Quotes or brackets put around something.
fn wrapped(program: &Program, edits: &[Edit]) -> Option<String> {
    let [a, b] = edits else { return None };
    let (a, b) = if a.start <= b.start { (a, b) } else { (b, a) };
    let source = program.file(&a.file)?;
    if a.start != a.end
        || b.start != b.end
        || a.text != b.text
        || !matches!(a.text.as_str(), "\"" | "'")
    {
        return None;
    }
    let line = source.line_of(a.start);
    Some(format!(
        "Put {} quotes around {} on line {line}",
        if a.text == "'" { "single" } else { "double" },
        quoted(&source.slice(a.start, b.start))
    ))
}

fn one(source: &Source, edit: &Edit) -> String {
    let line = source.line_of(edit.start);
    let old = source.slice(edit.start, edit.end);
    if edit.start == edit.end {
        return insertion(source, edit, line);
    }
    if edit.text.trim().is_empty() {
        if old.contains('\n') && old.trim().is_empty() {
            let next = source.line_of(edit.end);
            return format!("put what stands on line {next} at the end of line {line}");
        }
        if old.trim().is_empty() {
            return format!("take out the blank on line {line}");
        }
        return format!("take out {} on line {}", quoted(old.trim()), line_of_text(source, edit));
    }
    // A mark in the place of a blank is put in.
    if old.trim().is_empty() && !old.contains('\n') {
        return insertion(source, &Edit::insert(&edit.file, edit.start, &edit.text), line);
    }
    format!("on line {line}, write {} instead of {}", quoted(edit.text.trim()), quoted(old.trim()))
}

/// The line on which the text that goes starts, past a line end before it.
fn line_of_text(source: &Source, edit: &Edit) -> u32 {
    let bytes = source.bytes().get(edit.start..edit.end).unwrap_or_default();
    let blank = bytes.iter().take_while(|byte| byte.is_ascii_whitespace()).count();
    source.line_of(edit.start + blank)
}

fn insertion(source: &Source, edit: &Edit, line: u32) -> String {
    let text = edit.text.trim();
    let whole_line = edit.text.contains('\n');
    if whole_line {
        let after = edit.text.starts_with(['\n', '\r']);
        let place =
            if after { format!("after line {line}") } else { format!("before line {line}") };
        return format!("add the line {} {place}", quoted(text));
    }
    let before = source.slice(source.line_start(line), edit.start).trim().to_owned();
    let after = source.slice(edit.start, source.line_end(line)).trim().to_owned();
    if text.is_empty() {
        return match edit.text.chars().count() {
            _ if !before.is_empty() => {
                format!("put a blank before {} on line {line}", quoted(first_word(&after)))
            }
            1 => format!("put one more blank at the start of line {line}"),
            more => format!("put {more} more blanks at the start of line {line}"),
        };
    }
    if after.is_empty() {
        return format!("add {} at the end of line {line}", quoted(text));
    }
    if before.is_empty() {
        return format!("add {} at the start of line {line}", quoted(text));
    }
    let touches = source.slice(edit.start, edit.start + 1).trim().is_empty();
    if touches {
        let word = last_word(&before);
        return format!("add {} after {} on line {line}", quoted(text), quoted(word));
    }
    format!("add {} before {} on line {line}", quoted(text), quoted(first_word(&after)))
}

fn is_word(c: char) -> bool {
    c.is_alphanumeric() || c == '_'
}

/// Whether a letter makes one mark with its like beside it, as in `++` and `<=`.
fn is_operator(c: char) -> bool {
    "+-*/%=<>!&|:".contains(c)
}

/// How many bytes the word or the mark has whose letters come from an end of a text.
fn word_length(letters: impl Iterator<Item = char> + Clone) -> usize {
    let run = |is: fn(char) -> bool| -> usize {
        letters.clone().take_while(|c| is(*c)).map(char::len_utf8).sum()
    };
    let alone = || letters.clone().next().map_or(0, char::len_utf8);
    [run(is_word), run(is_operator)].into_iter().find(|length| *length > 0).unwrap_or_else(alone)
}

/// The first word or mark of a text.
fn first_word(text: &str) -> &str {
    &text[..word_length(text.chars())]
}

/// The last word or mark of a text.
fn last_word(text: &str) -> &str {
    &text[text.len() - word_length(text.chars().rev())..]
}

/// A piece of code within a sentence. Long pieces are cut.
fn quoted(text: &str) -> String {
    let line = text.lines().next().unwrap_or("").trim_end();
    let short: String = line.chars().take(50).collect();
    let more = if short.len() < text.trim_end().len() { "…" } else { "" };
    // Backquotes around a backquote would be read as three of them.
    if short.contains('`') { format!("\"{short}{more}\"") } else { format!("`{short}{more}`") }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn say(text: &str, edits: &[Edit]) -> String {
        describe(&Program::single(Source::new("f", text.as_bytes())), edits)
    }

    #[test]
    fn edits_are_said_as_instructions() {
        let text = "int a = 3\nputs(tide);\n";
        assert_eq!(say(text, &[Edit::insert("f", 9, ";")]), "Add `;` at the end of line 1");
        assert_eq!(
            say(text, &[Edit::insert("f", 15, "\""), Edit::insert("f", 19, "\"")]),
            "Put double quotes around `tide` on line 2"
        );
        assert_eq!(
            say(text, &[Edit::replace("f", 10, 14, "gets")]),
            "On line 2, write `gets` instead of `puts`"
        );
        assert_eq!(say(text, &[Edit::delete("f", 14, 15)]), "Take out `(` on line 2");
        assert_eq!(say(text, &[Edit::insert("f", 9, "`")]), "Add \"`\" at the end of line 1");
        assert_eq!(say(text, &[Edit::insert("f", 9, "\n}")]), "Add the line `}` after line 1");
        assert_eq!(say(text, &[Edit::insert("f", 4, "x")]), "Add `x` before `a` on line 1");
        let twice = [Edit::replace("f", 14, 15, "["), Edit::replace("f", 19, 20, "[")];
        assert_eq!(
            say("int a = 3\nputs(tide(;\n", &twice),
            "On line 2, write `[` instead of `(`, twice"
        );
        let text = "rise(i++ {\n  low\n";
        assert_eq!(say(text, &[Edit::insert("f", 8, ")")]), "Add `)` after `++` on line 1");
        assert_eq!(
            say(text, &[Edit::insert("f", 13, "  ")]),
            "Put 2 more blanks at the start of line 2"
        );
    }
}
