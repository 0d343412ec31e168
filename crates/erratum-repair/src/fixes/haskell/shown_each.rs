//! `mapM_ describe fares` where `describe` gives a text: each is to be printed.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The function gives a text and does nothing with it.
const GIVES_TEXT: Factor = evidence("the function gives a text and does nothing with it", 8.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "shown-each",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "label :: Int -> String\nlabel n = show n\n\nmain :: IO ()\nmain = <|>mapM_ label [3, 4]\n",
        message: "Couldn't match type '[]' with 'IO' Expected: IO () Actual: [()]",
        after: "label :: Int -> String\nlabel n = show n\n\nmain :: IO ()\nmain = mapM_ (putStrLn . label) [3, 4]\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let told = said.starts_with("Couldn't match") && (said.contains("IO") || said.contains("m0"));
    if !case.language().applies_bare || !told {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let each = line.into_iter().find(|at| matches!(lexed.word(*at), "mapM_" | "traverse_"));
    let Some(function) = each.map(|at| at + 1) else { return };
    let text = case.text.names.of(lexed.word(function)).any(|declared| {
        declared.kind == NameKind::Function
            && declared.typed.is_some_and(|(_, last)| lexed.is(last, "String"))
    });
    if text && lexed.kind(function) == Some(TokenKind::Name) {
        let name = lexed.word(function);
        let token = &lexed.code[function];
        let put = format!("(putStrLn . {name})");
        let edit = Edit::replace(case.file(), token.start, token.end, put);
        all.push(Candidate::new(MistakeId::TypeClash, GIVES_TEXT, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn an_action_for_each_is_left() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "label :: Int -> IO ()\nlabel n = print n\n\nmain :: IO ()\nmain = <|>mapM_ label \"ab\"\n",
            "Couldn't match type 'Char' with 'Int' Expected: [IO ()] Actual: String",
        );
    }
}
