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
        _ => true,
    }
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
