//! The arm of a match that takes all the rest, named as in another language: `default => …`, where that
//! is only a name for the value, and `case else:` of a choice.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// What takes all the rest is a `_`.
const THE_REST: Factor = evidence("what takes all the rest is a `_`", 7.5);

/// The label of a choice that takes all the rest.
const ALL_THE_REST: Factor = evidence("a label takes all the rest", 8.5);

/// Words by which other languages name the rest.
const WORDS: &[&str] = &["default", "otherwise", "other", "others", "else"];

pub(super) static FAMILY: Family = Family {
    id: "catch-all",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "enum Tide { High(String), Low }\nfn go(tides: &[Tide]) {\n    match <|>tides[0] {\n        Tide::Low => {}\n        default => {}\n    }\n}\n",
        message: "[E0507] cannot move out of type `[Tide]`, a non-copy slice",
        after: "enum Tide { High(String), Low }\nfn go(tides: &[Tide]) {\n    match tides[0] {\n        Tide::Low => {}\n        _ => {}\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.language().is_keyword("switch") && case.language().is_keyword("default") {
        label(case, all);
    }
    if !case.language().is_keyword("match") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    // A word of the language can be no pattern, and is told where it stands.
    let told = line.start;
    let block = case.text.pairs.inside_of(told).filter(|open| lexed.opens_block(*open));
    let of_match = block.is_some_and(|open| {
        lexed
            .on_line(lexed.code[open].line)
            .take_while(|at| *at < open)
            .any(|at| lexed.is(at, "match"))
    });
    let keyword = matches!(lexed.word(told), "else" | "default" | "otherwise");
    if keyword && lexed.is(told + 1, "=>") && of_match && case.language().borrows {
        let edit = case.replace_token(told, "_");
        all.push(Candidate::new(MistakeId::ForeignWord, THE_REST, vec![edit]).guess());
        return;
    }
    let Some(word) = line.clone().find(|at| lexed.is(*at, "match")) else { return };
    let Some(open) = (word..line.end).rev().find(|at| lexed.opens_block(*at)) else { return };
    let Some(close) = case.text.pairs.partner_of(open) else { return };
    let arm = |at: &usize| {
        let plain = matches!(lexed.kind(*at), Some(TokenKind::Name | TokenKind::Keyword));
        let starts = lexed.code[*at].first || lexed.is(at.wrapping_sub(1), "case");
        let own = case.text.pairs.inside_of(*at) == Some(open);
        plain && starts && own && WORDS.contains(&lexed.word(*at)) && lexed.is(at + 1, "=>")
    };
    let Some(at) = (open + 1..close).find(arm) else { return };
    // A name that the arm uses is meant as one.
    let word = lexed.word(at);
    let used = (at + 1..close).any(|after| lexed.is(after, word));
    if !used {
        let edit = case.replace_token(at, "_");
        all.push(Candidate::new(MistakeId::ForeignWord, THE_REST, vec![edit]));
    }
}

/// `case else:`, `else:`: the label of all the rest is `default`.
fn label(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for line in [lexed.code[case.token].line, lexed.code[case.token].line.saturating_sub(1)] {
        let range = lexed.on_line(line);
        let labelled = lexed.is(range.start, "case");
        let word = range.start + usize::from(labelled);
        let rest = WORDS.contains(&lexed.word(word)) || lexed.is(word, "_");
        let own = labelled || matches!(lexed.word(word), "else" | "otherwise" | "other");
        let ends = matches!(lexed.word(word + 1), ":" | "->" | "=>");
        let known = case.text.names.of(lexed.word(word)).next().is_some();
        if range.is_empty() || !rest || !own || !ends || known {
            continue;
        }
        let (from, to) = (lexed.code[range.start].start, lexed.code[word].end);
        let edit = Edit::replace(case.file(), from, to, "default");
        all.push(Candidate::new(MistakeId::ForeignWord, ALL_THE_REST, vec![edit]).guess());
        return;
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_label_of_all_the_rest_is_default() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go(int tide) {\n        switch (tide) {\n            case 3: return 4;\n            case <|>else: return 5;\n        }\n    }\n}\n",
            "illegal start of expression",
            "class Quay {\n    int go(int tide) {\n        switch (tide) {\n            case 3: return 4;\n            default: return 5;\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn a_name_that_the_arm_uses_is_no_catch_all() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn go(tides: &[String]) {\n    match <|>tides[0] {\n        other => show(other),\n    }\n}\n",
            "[E0507] cannot move out of type `[String]`, a non-copy slice",
        );
    }

    #[test]
    fn a_word_of_the_language_is_no_pattern() {
        check_fix(
            &FAMILY,
            "rust",
            "fn go(n: u32) -> u32 {\n    match n {\n        1 => 2,\n        <|>else => 3,\n    }\n}\n",
            "expected pattern, found keyword `else`",
            "fn go(n: u32) -> u32 {\n    match n {\n        1 => 2,\n        _ => 3,\n    }\n}\n",
        );
    }
}
