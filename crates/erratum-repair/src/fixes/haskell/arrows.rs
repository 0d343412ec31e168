//! The arrow of a case and of a function without a name: `Just n => n`, `map (n -> n + 1)`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A function without a name begins with its mark.
const NO_NAME: Factor = evidence("a function without a name begins with this mark", 7.5);
/// The cases beside it have the arrow.
const CASES: Factor = evidence("the line is a case of the choice above it", 7.5);

/// The message says that the arrow is wanted.
const TOLD: Factor = evidence("the message says that the arrow of a case belongs there", 7.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "arrows",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "main = mapM_ (<|>b -> print b) [1, 2]\n",
        message: "View pattern in expression context: b -> print b",
        after: "main = mapM_ (\\b -> print b) [1, 2]\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = case.message.text.replace(['‘', '’', '`'], "'");
    told(case, &said, all);
    if !case.language().applies_bare {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    if said.contains("View pattern in expression context") {
        let head = |at: &usize| {
            lexed.before(*at) == "("
                && lexed.kind(*at) == Some(TokenKind::Name)
                && lexed.is(at + 1, "->")
        };
        let mut heads = line.clone().filter(head);
        match (heads.next(), heads.next()) {
            (Some(at), None) => {
                let edit = case.insert(lexed.code[at].start, "\\");
                all.push(Candidate::new(MistakeId::MissingMark, NO_NAME, vec![edit]));
            }
            (None, _) => without_brackets(case, line.clone(), all),
            _ => {}
        }
    }
    let wrong = ["=>", "="].into_iter().find(|mark| said.contains(&format!("on input '{mark}'")));
    let Some(at) = wrong.and_then(|mark| line.clone().find(|at| lexed.is(*at, mark))) else {
        return;
    };
    if of_case(case, line.start) && !line.clone().any(|at| matches!(lexed.word(at), "->" | "|")) {
        let edit = case.replace_token(at, "->");
        all.push(Candidate::new(MistakeId::WrongMark, CASES, vec![edit]));
    }
}

/// The message names the arrow of a case, and another mark stands there: `case Low = "ebb"` (seen with
/// scalac 2.11 and rustc 1.95).
fn told(case: &Case, said: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let wanted = said.contains("'=>' expected but") || said.starts_with("expected one of '=>'");
    let others = ["=", "->", ":", ":=", "<="];
    let other = (case.token..case.token + 2).find(|at| others.contains(&lexed.word(*at)));
    if let Some(at) = other.filter(|_| wanted) {
        let edit = case.replace_token(at, "=>");
        all.push(Candidate::new(MistakeId::WrongMark, TOLD, vec![edit]).guess());
    }
}

/// `map boat -> length boat boats`: a function without a name that has no brackets either. What it is handed
/// over for is the last value.
fn without_brackets(case: &Case, line: std::ops::Range<usize>, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(arrow) = line.clone().find(|at| lexed.is(*at, "->")) else { return };
    let plain = |at: usize| lexed.kind(at) == Some(TokenKind::Name);
    let handed = |at: usize| {
        matches!(lexed.word(at), "map" | "filter" | "mapM_" | "concatMap" | "any" | "all")
    };
    if arrow < 2 || !plain(arrow - 1) || !handed(arrow - 2) {
        return;
    }
    let open = case.text.pairs.inside_of(arrow);
    let end = open.and_then(|open| case.text.pairs.partner_of(open)).unwrap_or(line.end);
    // The last value stands alone: a name, or a bracket with what is in it.
    let last = case.text.pairs.partner_of(end - 1).filter(|open| *open > arrow).unwrap_or(end - 1);
    if last > arrow + 1 && (plain(last) || lexed.kind(last) == Some(TokenKind::Open)) {
        let edits = vec![
            case.insert(lexed.code[arrow - 1].start, "(\\"),
            case.insert(lexed.code[last - 1].end, ")"),
        ];
        all.push(Candidate::new(MistakeId::MissingMark, NO_NAME, edits).guess());
    }
}

/// Whether a line, given by its first token, is one of the cases below a `case … of`.
fn of_case(case: &Case, first: usize) -> bool {
    let (lexed, source) = (case.lexed(), &case.lexed().source);
    let depth = |line: u32| source.indent(line);
    let number = lexed.code[first].line;
    let Some(deep) = depth(number) else { return false };
    for line in (1..number).rev() {
        let Some(other) = depth(line) else { continue };
        let all = lexed.on_line(line);
        if other < deep {
            // The choice ends its line, or has its first case behind it.
            return all.end > all.start && lexed.is(all.end - 1, "of");
        }
        // Of the cases as deep as this one, each has its arrow or its guards.
        let arrow = |at| matches!(lexed.word(at), "->" | "|" | "=>");
        if other == deep && !all.into_iter().any(arrow) {
            return false;
        }
    }
    false
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_fix, check_no_fix};

    #[test]
    fn a_case_has_the_arrow_of_the_others() {
        let text = |mark: &str| {
            format!("seats m =\n  case m of\n    Nothing -> 0\n    Just n {mark} n + 1\n")
        };
        let said = "parse error on input ‘=>’";
        check_fix(&FAMILY, "haskell", &text("<|>=>"), said, &text("->"));
        let said = "parse error on input ‘=’";
        check_fix(&FAMILY, "haskell", &text("<|>="), said, &text("->"));
    }

    #[test]
    fn a_guard_and_an_equation_keep_their_marks() {
        let text = "seats m\n  | m > 3 = 0\n  | otherwise <|>= = 2\n";
        check_no_fix(&FAMILY, "haskell", text, "parse error on input ‘=’");
        let text = "seats m = n\n  where\n    n = 3\n    Just k <|>=> 4\n";
        check_no_fix(&FAMILY, "haskell", text, "parse error on input ‘=>’");
    }

    #[test]
    fn the_message_names_the_arrow() {
        check_among(
            &FAMILY,
            "scala",
            "object Quay {\n  def label(n: Int) = n match {\n    case 3 <|>= \"low\"\n  }\n}\n",
            "'=>' expected but '=' found.",
            "object Quay {\n  def label(n: Int) = n match {\n    case 3 => \"low\"\n  }\n}\n",
        );
        check_among(
            &FAMILY,
            "rust",
            "fn label(n: u32) -> u32 {\n    match n {\n        3 <|>-> 4,\n        _ => 5,\n    }\n}\n",
            "expected one of `=>`, `if`, or `|`, found `->`",
            "fn label(n: u32) -> u32 {\n    match n {\n        3 => 4,\n        _ => 5,\n    }\n}\n",
        );
    }
}
