//! Rust: an entry of a map that is set like an element: `counts[word] += 1`.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// A map has a method for it.
const BY_METHOD: Factor = evidence("an entry of a map is set by a method", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "map-entry",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn count(counts: &mut std::collections::HashMap<String, i32>, word: String) {\n    <|>counts[&word] += 1;\n}\n",
        message: "[E0594] cannot assign to data in an index of `HashMap<String, i32>`",
        after: "fn count(counts: &mut std::collections::HashMap<String, i32>, word: String) {\n    *counts.entry(word).or_insert(0) += 1;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    // Seen with rustc 1.95.
    let said = &case.message.text;
    let told = said.starts_with("cannot assign to data in an index of `")
        || said.starts_with("cannot borrow data in an index of `");
    if !case.language().borrows || !told || !said.contains("Map<") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let open = line.clone().find(|at| {
        lexed.is(*at, "[")
            && *at > line.start
            && pairs
                .partner_of(*at)
                .is_some_and(|close| matches!(lexed.word(close + 1), "=" | "+=" | "-="))
    });
    let Some((open, close)) = open.and_then(|open| Some((open, pairs.partner_of(open)?))) else {
        return;
    };
    let start = case.statement_start(open);
    let end = case.statement_end(open);
    if close <= open + 1 || end <= close + 2 {
        return;
    }
    let map = text_of(case, (start, open - 1));
    let key = text_of(case, (open + 1, close - 1));
    let value = text_of(case, (close + 2, end - 1));
    let mark = lexed.word(close + 1);
    let text = match mark {
        "=" => format!("{map}.insert({key}, {value})"),
        _ => {
            let key = key.trim_start_matches('&');
            format!("*{map}.entry({key}).or_insert(0) {mark} {value}")
        }
    };
    let (from, to) = (lexed.code[start].start, lexed.code[end - 1].end);
    let edit = Edit::replace(case.file(), from, to, text);
    all.push(Candidate::new(MistakeId::ElementForm, BY_METHOD, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_value_is_put_in() {
        check_fix(
            &FAMILY,
            "rust",
            "fn set(fares: &mut HashMap<u32, f64>) {\n    <|>fares[3] = 2.5;\n}\n",
            "[E0594] cannot assign to data in an index of `HashMap<u32, f64>`",
            "fn set(fares: &mut HashMap<u32, f64>) {\n    fares.insert(3, 2.5);\n}\n",
        );
    }

    #[test]
    fn a_list_is_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn set(fares: &[f64]) {\n    <|>fares[3] = 2.5;\n}\n",
            "[E0594] cannot assign to `fares[_]`, which is behind a `&` reference",
        );
    }
}
