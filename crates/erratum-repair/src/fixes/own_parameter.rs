//! TypeScript: a type that is made for another, named without one within a class that is made for one
//! itself: `const next: Entry` for `const next: Entry<T>`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The class around is made for one type, too.
const OF_CLASS: Factor = evidence("the class around is made for one type", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "own-parameter",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "interface Entry<T> { body: T }\nclass Queue<T> {\n  first(body: T) {\n    const next: <|>Entry = { body };\n  }\n}\n",
        message: "Generic type 'Entry<T>' requires 1 type argument(s).",
        after: "interface Entry<T> { body: T }\nclass Queue<T> {\n  first(body: T) {\n    const next: Entry<T> = { body };\n  }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with tsc 5.9.
    let said = &case.message.text;
    let one = said
        .strip_prefix("Generic type '")
        .filter(|_| said.ends_with("requires 1 type argument(s)."));
    let Some(name) = one.and_then(|rest| rest.split('<').next()) else { return };
    let token = case.token;
    if !lexed.is(token, name) || lexed.is(token + 1, "<") {
        return;
    }
    // The head of the innermost class or function around that has one type in angles.
    let mut open = case.text.pairs.block_of(lexed, token);
    while let Some(at) = open {
        let head = case.statement_start(at)..at;
        let angle = head.clone().find(|at| {
            lexed.is(*at, "<")
                && lexed.kind(at + 1) == Some(TokenKind::Name)
                && matches!(lexed.word(at + 2), ">" | "extends")
                && lexed.kind(at - 1) == Some(TokenKind::Name)
        });
        if let Some(angle) = angle.filter(|at| *at > 0) {
            let typed = lexed.word(angle + 1);
            let edit = case.insert(lexed.code[token].end, format!("<{typed}>"));
            all.push(Candidate::new(MistakeId::TypeArguments, OF_CLASS, vec![edit]).guess());
            return;
        }
        open = case.text.pairs.block_of(lexed, at);
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn outside_of_such_a_class_nothing_tells_the_type() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "interface Entry<T> { body: T }\nconst next: <|>Entry = { body: 3 };\n",
            "Generic type 'Entry<T>' requires 1 type argument(s).",
        );
    }
}
