//! Words that open and close blocks, where the same word means something else in other places.

use crate::lex::Lexed;

/// Whether a word that can open a block opens one here.
pub(crate) fn opens(lexed: &Lexed, index: usize) -> bool {
    let before = index.checked_sub(1).map_or("", |at| lexed.word(at));
    let next = lexed.word(index + 1);
    match (lexed.language.id, lexed.word(index)) {
        // `TTide = class(TObject) … end`, but `TTide = class;` and `class function`.
        ("pascal", "class" | "object" | "interface") => {
            let ancestor = next == "(" && {
                let close = (index..lexed.code.len()).find(|at| lexed.is(*at, ")"));
                close.is_some_and(|close| lexed.is(close + 1, ";"))
            };
            matches!(before, "=" | "packed") && next != ";" && next != "of" && !ancestor
        }
        // The variants of a record end with it.
        ("pascal", "case") => !in_record(lexed, index),
        // `End If`, `Exit Sub`, `Declare Function`: the word belongs to the one before it.
        ("vb", _) if matches!(before, "end" | "exit" | "declare" | "mustoverride" | "continue") => {
            false
        }
        ("vb", "if") => last_on_line(lexed, index) == "then",
        ("vb", "while") => before != "do" && before != "loop",
        ("vb", "for") => before != "exit",
        ("vb", "class" | "module" | "structure" | "sub" | "function") => {
            !matches!(before, "as" | "of")
        }
        ("ada", _) => !matches!(before, "end" | "exit"),
        ("fortran", _) if before == "end" => false,
        ("fortran", "if") => last_on_line(lexed, index) == "then" && before != "else",
        ("fortran", "type") => next != "(" && lexed.code[index].first,
        ("fortran", "module") => next != "procedure",
        ("fortran", "function") => !last_on_line(lexed, index).is_empty(),
        _ => true,
    }
}

/// The last word on the line of a token.
fn last_on_line(lexed: &Lexed, index: usize) -> &str {
    let line = lexed.on_line(lexed.code[index].line);
    lexed.word(line.end.saturating_sub(1))
}

/// Whether the block around a word is a record's.
fn in_record(lexed: &Lexed, index: usize) -> bool {
    let mut depth = 0i32;
    for at in (index.saturating_sub(200)..index).rev() {
        match lexed.word(at) {
            "end" => depth += 1,
            "begin" | "record" | "case" | "try" if depth > 0 => depth -= 1,
            "record" => return true,
            "begin" | "try" | "case" => return false,
            _ => {}
        }
    }
    false
}

/// Whether a word that can close a block closes one here.
pub(crate) fn closes(lexed: &Lexed, index: usize) -> bool {
    match (lexed.language.id, lexed.word(index)) {
        // `End` alone stops the program; behind `Resume` or `Exit` nothing is closed.
        ("vb", "end") => !lexed.code.get(index + 1).is_none_or(|next| next.first),
        ("vb", "next") => lexed.code[index].first,
        _ => true,
    }
}
