//! A name behind `where` or `let` that is given its value by the mark of another language: `where low : map abs ts`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// Behind such a word a name is given a value.
const NAMED: Factor = evidence("behind this word a name is given its value", 8.5);

/// How many lines above the reported one are looked at: ghc notices where the next item starts.
const ABOVE: u32 = 3;

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "bound-mark",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "span ts = maximum hs - minimum hs\n  where hs : map abs ts\n\n<|>low = 3\n",
        message: "parse error (possibly incorrect indentation or mismatched brackets)",
        after: "span ts = maximum hs - minimum hs\n  where hs = map abs ts\n\nlow = 3\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().applies_bare || case.phase > Phase::Syntax {
        return;
    }
    let near = lexed.code[case.token].line;
    for line in near.saturating_sub(ABOVE)..=near {
        let line = lexed.on_line(line);
        let word = line.clone().find(|at| matches!(lexed.word(*at), "where" | "let"));
        let Some(mark) = word.map(|word| word + 2).filter(|mark| *mark + 1 < line.end) else {
            continue;
        };
        let named = lexed.kind(mark - 1) == Some(TokenKind::Name)
            && lexed.word(mark - 1).starts_with(char::is_lowercase);
        // What starts with a capital letter is a type, and the mark of a type was meant.
        let typed = lexed.word(mark + 1).starts_with(char::is_uppercase);
        let given = line.clone().any(|at| lexed.is(at, "="));
        if lexed.is(mark, ":") && named && !typed && !given {
            let edit = case.replace_token(mark, "=");
            all.push(Candidate::new(MistakeId::WrongMark, NAMED, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn a_type_and_a_list_are_let_be() {
        for line in ["where hs : Double", "where (h : hs) = ts"] {
            let text = format!("span ts = maximum hs\n  {line}\n\n<|>low = 3\n");
            check_no_fix(&FAMILY, "haskell", &text, "parse error on input ':'");
        }
    }
}
