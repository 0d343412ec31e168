//! Marks that a record, a list, a type or a function without a name has lost.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};

/// The other fields of a record start with the mark.
const FIELD_MARK: Factor = weight("the fields beside it start so", 8.0);
/// Each token between a change and the reported place.
const MARK_AWAY: Factor = weight("tokens from the reported place", -0.1);
/// Two values side by side, of which the first cannot be given anything.
const TWO_PLAIN_VALUES: Factor = weight("a plain value cannot be given another", 3.5);
/// Two values side by side at the start of a list.
const IN_A_LIST: Factor = weight("it stands in a list", 1.0);
/// Two values side by side in brackets.
const IN_BRACKETS: Factor = weight("it stands in brackets", -0.5);
/// Two types side by side, of which the first takes none.
const KIND_OF_TYPE: Factor = weight("a type cannot be given another", 3.0);
/// A function without a name that lacks its arrow.
const LAMBDA: Factor = weight("a function without its arrow", 3.5);
/// Each name of the function before the arrow.
const LATER_NAME: Factor = weight("a name further on", -1.0);
/// What follows the arrow is a known name.
const KNOWN_BODY: Factor = weight("a known name follows", 0.3);

/// What a type may be is parted by `|`.
const PARTED: Factor = evidence("what a type may be is parted by `|`", 8.0);
/// The equations beside it have the mark.
const OTHERS_DEFINE: Factor = evidence("the equations beside it have the mark", 8.0);

/// How many lines above the reported one an equation is looked for: ghc notices at the next one.
const LINES_ABOVE: u32 = 3;

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "marks",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "data Berth = Berth\n  { name :: String\n  <|>seats :: Int\n  }\n",
        message: "parse error on input 'seats'",
        after: "data Berth = Berth\n  { name :: String\n  , seats :: Int\n  }\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    record(case, all);
    alternatives(case, all);
    elements(case, all);
    lost_arrow(case, all);
    defined(case, all);
}

/// `data Zone = Inner | Outer, Island`: other marks between what a type may be.
fn alternatives(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.phase > Phase::Syntax {
        return;
    }
    for (item, _) in super::items_near(case, LINES_ABOVE) {
        let bare = |at: &usize| case.text.pairs.inside_of(*at).is_none();
        let Some(set) = item.clone().filter(bare).find(|at| lexed.is(*at, "=")) else { continue };
        let end = item.clone().find(|at| lexed.is(*at, "deriving")).unwrap_or(item.end);
        let capital = |at: usize| lexed.word(at).starts_with(|letter: char| letter.is_uppercase());
        let marks = (set + 1..end).filter(bare).filter(|at| {
            matches!(lexed.word(*at), "," | ";" | "||" | "/") && capital(at + 1) && capital(set + 1)
        });
        let edits: Vec<Edit> = marks
            .map(|at| {
                let gap = if lexed.code[at].start > lexed.code[at - 1].end { "" } else { " " };
                case.replace_token(at, format!("{gap}|"))
            })
            .collect();
        if lexed.is(item.start, "data") && !edits.is_empty() {
            all.push(Candidate::new(MistakeId::WrongMark, PARTED, edits));
        }
    }
}

/// An equation beside others of its function that has lost its `=`: it takes as many values as they do.
fn defined(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for (item, far) in super::items_near(case, LINES_ABOVE) {
        let mark = |item: &std::ops::Range<usize>| {
            item.clone().find(|at| {
                case.text.pairs.inside_of(*at).is_none()
                    && matches!(lexed.word(*at), "=" | "|" | "::")
            })
        };
        let name = lexed.word(item.start);
        let line = lexed.code[item.start].line;
        let beside = [line.saturating_sub(1), line + 1].into_iter().find_map(|other| {
            let other = lexed.on_line(other);
            let same = !other.is_empty()
                && lexed.is(other.start, name)
                && lexed.kind(other.start) == Some(TokenKind::Name);
            mark(&other).filter(|at| same && lexed.is(*at, "=")).map(|at| other.start..at)
        });
        let (Some(beside), None) = (beside, mark(&item)) else { continue };
        let takes = operands(case, beside).count();
        let own: Vec<usize> = operands(case, item.clone()).collect();
        // Behind the values there must be something that it is.
        if let Some(value) = own.get(takes) {
            let edit = case.insert(lexed.code[*value].start, "= ");
            let score = OTHERS_DEFINE + far;
            all.push(Candidate::new(MistakeId::MissingMark, score, vec![edit]));
        }
    }
}

/// The first tokens of the values that stand side by side: a bracket with what is in it is one.
fn operands<'a>(case: &'a Case, range: std::ops::Range<usize>) -> impl Iterator<Item = usize> + 'a {
    let outer = case.text.pairs.inside_of(range.start);
    range.filter(move |at| {
        let close = case.lexed().kind(*at) == Some(TokenKind::Close);
        case.text.pairs.inside_of(*at) == outer && !close
    })
}

/// The fields of a record, each on a line that starts with `{` or `,`: the mark that one has lost.
fn record(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.code[case.token].line;
    let first = lexed.on_line(line).start;
    if !lexed.is(first + 1, "::") || lexed.source.indent(line) == Some(0) || first == 0 {
        return;
    }
    let before = lexed.on_line(lexed.code[first - 1].line).start;
    let (mark, mistake) = match lexed.word(before) {
        "{" | "," => (", ", MistakeId::MissingSeparator),
        _ if lexed.on_line(lexed.code[first - 1].line).any(|at| lexed.is(at, "data")) => {
            ("{ ", MistakeId::MissingBracket)
        }
        _ => return,
    };
    let edit = case.insert(lexed.code[first].start, mark);
    all.push(Candidate::new(mistake, FIELD_MARK, vec![edit]));
}

/// Two values side by side in a list or a pair, of which the first cannot be given anything.
fn elements(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let near = lexed.on_line(lexed.code[case.token].line);
    for at in near {
        let Some(open) = case.text.pairs.inside_of(at).filter(|_| at > 0) else { continue };
        let value = matches!(
            lexed.kind(at),
            Some(TokenKind::Number | TokenKind::Str | TokenKind::Char | TokenKind::Name)
        );
        let listed = lexed.is(open, "[")
            || (open + 1..at)
                .any(|i| lexed.is(i, ",") && case.text.pairs.inside_of(i) == Some(open));
        let plain = matches!(
            lexed.kind(at - 1),
            Some(TokenKind::Number | TokenKind::Str | TokenKind::Char)
        );
        // `Berth "north" 4`: a function or a constructor is given all that stands behind it.
        let inside = |i: &usize| case.text.pairs.inside_of(*i) == Some(open);
        let start = (open + 1..at).rev().find(|i| lexed.is(*i, ",") && inside(i));
        let first = start.unwrap_or(open) + 1;
        let name = lexed.word(first);
        let takes = |one: &Declared| one.kind == NameKind::Function;
        let applied = lexed.kind(first) == Some(TokenKind::Name)
            && (name.starts_with(char::is_uppercase) || case.text.names.of(name).any(takes));
        if applied {
            continue;
        }
        let far = MARK_AWAY * at.abs_diff(case.token) as f64;
        let edit = || vec![case.insert(lexed.code[at - 1].end, ",")];
        if value && plain && case.text.pairs.inside_of(at - 1) == Some(open) && at - 1 > open {
            all.push(Candidate::new(MistakeId::MissingSeparator, TWO_PLAIN_VALUES + far, edit()));
        } else if value && listed && at == open + 2 {
            all.push(Candidate::new(MistakeId::MissingSeparator, IN_A_LIST + far, edit()));
        } else if value && at == open + 2 && case.phase == Phase::Type {
            all.push(Candidate::new(MistakeId::MissingSeparator, IN_BRACKETS + far, edit()));
        }
    }
}

/// `->` that is missing between two types, or behind the names of a lambda.
fn lost_arrow(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    if said.contains("has kind '*'") || said.contains("should have kind") {
        let after = (case.token..=case.token + 1).find(|at| {
            let next = lexed.word(at + 1);
            next.starts_with(|c: char| c.is_alphabetic() || c == '[' || c == '(')
        });
        if let Some(at) = after {
            let edit = case.insert(lexed.code[at].end, " ->");
            all.push(Candidate::new(MistakeId::MissingMark, KIND_OF_TYPE, vec![edit]));
        }
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for lambda in line.filter(|at| lexed.is(*at, "\\")) {
        let body = (lambda + 1..lexed.code.len()).take(4);
        let names: Vec<usize> =
            body.take_while(|at| lexed.kind(*at) == Some(TokenKind::Name)).collect();
        let arrow = names.last().is_some_and(|last| lexed.is(last + 1, "->"));
        if arrow {
            continue;
        }
        for (rank, at) in names.iter().enumerate() {
            let known = case.text.names.uses(lexed.word(at + 1)) > 0;
            let score = LAMBDA + LATER_NAME * rank as f64 + KNOWN_BODY.when(known);
            let edit = case.insert(lexed.code[*at].end, " ->");
            all.push(Candidate::new(MistakeId::MissingMark, score, vec![edit]));
        }
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn what_a_type_may_be_is_parted_by_its_mark() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Zone = Inner | Outer<|>, Island Int, Isle\n  deriving (Eq, Show)\n",
            "parse error on input ','",
            "data Zone = Inner | Outer | Island Int | Isle\n  deriving (Eq, Show)\n",
        );
    }

    #[test]
    fn a_lambda_lost_its_arrow() {
        check_fix(
            &FAMILY,
            "haskell",
            "up :: [Int] -> [Int]\nup = map (\\t <|>t + 1)\n",
            "parse error on input 't'",
            "up :: [Int] -> [Int]\nup = map (\\t -> t + 1)\n",
        );
    }

    #[test]
    fn the_first_field_lost_its_brace() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Berth = Berth\n  <|>name :: String\n  , seats :: Int\n  }\n",
            "parse error on input '::'",
            "data Berth = Berth\n  { name :: String\n  , seats :: Int\n  }\n",
        );
    }

    #[test]
    fn two_numbers_of_a_list_lost_their_comma() {
        check_fix(
            &FAMILY,
            "haskell",
            "zones :: [Int]\nzones = [1, <|>2 3]\n",
            "No instance for (Num (t0 -> Int)) arising from the literal '2'",
            "zones :: [Int]\nzones = [1, 2, 3]\n",
        );
    }

    #[test]
    fn two_types_lost_their_arrow() {
        check_fix(
            &FAMILY,
            "haskell",
            "rise :: <|>Int Int\nrise t = t\n",
            "Expected kind '* -> *', but 'Int' has kind '*'",
            "rise :: Int -> Int\nrise t = t\n",
        );
    }

    #[test]
    fn a_record_of_another_language_is_left() {
        check_no_fix(&FAMILY, "java", "class Quay {\n    int seats <|>boats;\n}\n", "';' expected");
    }

    #[test]
    fn marks_that_are_all_there_are_left() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "rise :: Int -> Int\nrise t = <|>tide\n",
            "Variable not in scope: tide :: Int",
        );
    }

    #[test]
    fn an_equation_beside_others_has_their_mark() {
        check_fix(
            &FAMILY,
            "haskell",
            "instance Weighs Load where\n  weigh (Mud n) = n * 2\n  weigh Empty 0\n\n<|>high :: Int\nhigh = 3\n",
            "parse error (possibly incorrect indentation or mismatched brackets)",
            "instance Weighs Load where\n  weigh (Mud n) = n * 2\n  weigh Empty = 0\n\nhigh :: Int\nhigh = 3\n",
        );
        check_fix(
            &FAMILY,
            "haskell",
            "rise 0 x = x\nrise n x rise (n - 1) x\n\n<|>high :: Int\n",
            "parse error on input '::'",
            "rise 0 x = x\nrise n x = rise (n - 1) x\n\nhigh :: Int\n",
        );
    }

    #[test]
    fn an_equation_that_stands_alone_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "low = 2\nrise n x\n\n<|>high :: Int\n",
            "parse error on input '::'",
        );
    }
}
