//! Go: a value whose parts have names, without its brace: what follows without a name is another value:
//! `return Barge{decks: 2, nil`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// Where the parts of a value have names, each has.
const NAMELESS: Factor =
    evidence("the parts of the value have names, and what follows has none", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "keyed-end",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc build() (*Barge, error) {\n\treturn &Barge{name: \"Tern\", decks: 2, nil<|>\n}\n",
        message: "syntax error: unexpected newline in composite literal; possibly missing comma or }",
        after: "package quay\n\nfunc build() (*Barge, error) {\n\treturn &Barge{name: \"Tern\", decks: 2}, nil\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !lexed.language.receivers {
        return;
    }
    // The compiler points at the end of the line, which is the start of the next one here.
    let token = case.token.min(lexed.code.len() - 1);
    let token = token.saturating_sub(usize::from(lexed.code[token].first));
    let line = lexed.on_line(lexed.code[token].line);
    let opens =
        |at: &usize| lexed.is(*at, "{") && lexed.kind(at.wrapping_sub(1)) == Some(TokenKind::Name);
    let mut starts = line.clone().rev().filter(opens);
    let Some(open) = starts.find(|open| {
        let end = case.text.pairs.partner_of(*open);
        end.is_none_or(|end| end >= line.end || end < *open)
    }) else {
        return;
    };
    let inside = |at: usize| case.text.pairs.inside_of(at);
    let level = inside(open + 1);
    let named = |at: usize| lexed.kind(at) == Some(TokenKind::Name) && lexed.is(at + 1, ":");
    let commas: Vec<usize> =
        (open + 1..line.end).filter(|at| lexed.is(*at, ",") && inside(*at) == level).collect();
    let nameless = commas.iter().find(|comma| !named(**comma + 1) && **comma + 1 < line.end);
    if let Some(comma) = nameless.filter(|_| named(open + 1)) {
        let edit = case.insert(lexed.code[comma - 1].end, "}");
        all.push(Candidate::new(MistakeId::MissingBracket, NAMELESS, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn parts_without_names_say_nothing() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc build() (Barge, error) {\n\treturn Barge{2, 3, nil<|>\n}\n",
            "syntax error: unexpected newline in composite literal; possibly missing comma or }",
        );
    }
}
