//! Small marks that a line of Haskell lacks or has too much of: `\l putStrLn l`, `[b, n | b <- bs]`, `[low ... high]`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A name of the head is used right behind it.
const HEAD: Factor = evidence("the names of the head end where a function begins", 9.0);
/// Several values for each element stand in brackets.
const PAIR: Factor = evidence("several values for each element stand in brackets", 9.5);
/// Two dots stand between the ends of a range.
const RANGE: Factor = evidence("two dots stand between the ends of a range", 9.5);
/// A bar by itself begins a condition.
const CONDITION: Factor = evidence("a bar by itself begins the condition of an equation", 9.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "lost-marks",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "total bs = [b, b + 1 <|>| b <- bs]\n",
        message: "parse error on input '|'",
        after: "total bs = [(b, b + 1) | b <- bs]\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().applies_bare {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    if case.message.text.contains("not in scope: (...)") {
        // Here it is no mark, and is read as others.
        let three = |at: &usize| {
            let start = lexed.code[*at].start;
            &*lexed.source.slice(start, start + 3) == "..."
        };
        if let Some(at) = line.clone().find(three) {
            let start = lexed.code[at].start;
            let edit = Edit::replace(case.file(), start, start + 3, "..");
            all.push(Candidate::new(MistakeId::ForeignMark, RANGE, vec![edit]).guess());
        }
    }
    if case.phase <= Phase::Syntax {
        line.clone().for_each(|at| pair(case, at, all));
        line.clone().for_each(|at| arrow(case, at, all));
        let bar = line.start;
        let ends = line.clone().any(|at| lexed.is(at, "="))
            && !line.clone().any(|at| lexed.is(at, "then"));
        if lexed.is(bar, "|") && lexed.is(bar + 1, "if") && ends {
            let (from, to) = (lexed.code[bar + 1].start, lexed.code[bar + 1].end);
            let to = lexed.code.get(bar + 2).map_or(to, |next| next.start);
            let edit = Edit::delete(case.file(), from, to);
            all.push(Candidate::new(MistakeId::ExtraWord, CONDITION, vec![edit]).guess());
        }
    }
}

/// `[fish b, kilos b | b <- bs]`.
fn pair(case: &Case, open: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !lexed.is(open, "[") {
        return;
    }
    let Some(close) = case.text.pairs.partner_of(open).filter(|close| *close > open) else {
        return;
    };
    let own = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
    let Some(bar) = (open..close).filter(own).find(|at| lexed.is(*at, "|")) else { return };
    let comma = (open..bar).filter(own).any(|at| lexed.is(at, ","));
    let drawn = (bar..close).filter(own).any(|at| lexed.is(at, "<-"));
    if comma && drawn && bar > open + 1 {
        let edits = vec![
            case.insert(lexed.code[open + 1].start, "("),
            case.insert(lexed.code[bar - 1].end, ")"),
        ];
        all.push(Candidate::new(MistakeId::MissingBracket, PAIR, edits).guess());
    }
}

/// `\l putStrLn l` and `\l = putStrLn l`.
fn arrow(case: &Case, lambda: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !lexed.is(lambda, "\\") {
        return;
    }
    let end = case.text.pairs.inside_of(lambda).and_then(|open| case.text.pairs.partner_of(open));
    let line_end = lexed.on_line(lexed.code[lambda].line).end;
    let end = end.unwrap_or(line_end).min(line_end);
    let name = |at: usize| {
        let small =
            lexed.word(at).starts_with(|letter: char| letter.is_lowercase() || letter == '_');
        lexed.kind(at) == Some(TokenKind::Name) && small
    };
    let body = lambda + 2;
    // One name, and behind it a function that is given this name.
    if !name(lambda + 1) || (body..end).any(|at| lexed.is(at, "->")) {
        return;
    }
    let parameter = lexed.word(lambda + 1);
    if lexed.is(body, "=") || lexed.is(body, "=>") {
        let edit = case.replace_token(body, "->");
        all.push(Candidate::new(MistakeId::WrongMark, HEAD, vec![edit]).guess());
    } else if name(body) && (body + 1..end).any(|at| lexed.is(at, parameter)) {
        let at = lexed.code[lambda + 1].end;
        let edit = Edit::insert(case.file(), at, " ->");
        all.push(Candidate::new(MistakeId::MissingMark, HEAD, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn a_head_ends_with_an_arrow() {
        check_fix(
            &FAMILY,
            "haskell",
            "main = mapM_ (\\l <|>putStrLn l) all\n",
            "parse error on input ')'",
            "main = mapM_ (\\l -> putStrLn l) all\n",
        );
        check_no_fix(
            &FAMILY,
            "haskell",
            "main = mapM_ (\\l -> <|>putStrLn l all\n",
            "parse error (possibly incorrect indentation or mismatched brackets)",
        );
    }

    #[test]
    fn a_range_has_two_dots() {
        check_fix(
            &FAMILY,
            "haskell",
            "all :: [Int]\nall = [1 <|>... 4]\n",
            "Variable not in scope: (...) :: t0 -> t1 -> Int",
            "all :: [Int]\nall = [1 .. 4]\n",
        );
    }

    #[test]
    fn a_list_that_is_written_out_is_left() {
        check_no_fix(&FAMILY, "haskell", "all = [1, 2 <|>| 4]\n", "parse error on input '|'");
    }

    #[test]
    fn a_bar_begins_a_condition() {
        check_fix(
            &FAMILY,
            "haskell",
            "most a b\n  | <|>if a > b = a\n  | otherwise = b\n",
            "parse error on input '='",
            "most a b\n  | a > b = a\n  | otherwise = b\n",
        );
    }
}
