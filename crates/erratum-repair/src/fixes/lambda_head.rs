//! A function that is handed over without its head: `tides.filter(t.height > 2)` for
//! `tides.filter(t => t.height > 2)`.

use super::family::{Example, Family, Phases};
use super::shape::calls_near;
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A value in a call is computed from a name that nothing declares.
const NO_HEAD: Factor = evidence("a value in a call is computed from an unknown name", 5.0);
/// The value of a function is named, with no mark behind its name.
const NO_MARKS: Factor = evidence("a function names its value without a mark", 8.0);
/// A function without a name has another arrow here.
const OTHER_ARROW: Factor = evidence("a function without a name has another arrow here", 9.0);
/// A name of one letter is the usual one there.
const ONE_LETTER: Factor = weight("a name of one letter", 1.5);
/// Another call of the file has such a function with the same name.
const SEEN: Factor = weight("another function of the file names its value so", 2.0);

pub(super) static FAMILY: Family = Family {
    id: "lambda_head",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "function low(tides: number[]) {\n  return tides.filter(<|>t < 2);\n}\n",
        message: "[TS2304] Cannot find name 't'.",
        after: "function low(tides: number[]) {\n  return tides.filter(t => t < 2);\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(head) = head(case) else { return };
    if case.phase <= Phase::Syntax {
        without_marks(case, head, all);
    }
    if case.phase != Phase::Name || lexed.kind(case.token) != Some(TokenKind::Name) {
        return;
    }
    arrow_behind_several(case, all);
    let name = lexed.word(case.token);
    other_arrow(case, all);
    // What another function without a name takes is not known here.
    let taken = |at: usize| matches!(lexed.word(at + 1), "=>" | "->" | "|");
    let visible = |scope: (usize, usize)| (scope.0..=scope.1).contains(&case.token);
    let mut known = case
        .text
        .names
        .of(name)
        .filter(|declared| !taken(declared.token) && visible(declared.scope));
    // Where an equation of one line ends, the compiler knows better (scalac 2.11).
    let told = case.message.text == format!("not found: value {name}");
    if known.next().is_some() && !told || !case.message.text.contains(name) {
        return;
    }
    for call in calls_near(case) {
        // Functions are handed to methods of collections.
        if !call.name.checked_sub(1).is_some_and(|at| matches!(lexed.word(at), "." | "?.")) {
            continue;
        }
        for (first, last) in call.arguments {
            let inside = (first..=last).contains(&case.token);
            let computed = (first + 1..=last)
                .any(|at| lexed.kind(at) == Some(TokenKind::Op) || lexed.is(at, "."));
            let head_there = (first..=last).any(|at| matches!(lexed.word(at), "=>" | "->" | "|"));
            // `filter(t = t.height > 2)` has the head, with another mark.
            let marked = lexed.is(first + 1, "=");
            if !inside || !computed || head_there || marked || lexed.word(first) != name {
                continue;
            }
            let text = head(name);
            let seen = memchr::memmem::find(lexed.source.bytes(), text.trim_end().as_bytes());
            let score = NO_HEAD + ONE_LETTER.when(name.len() == 1) + SEEN.when(seen.is_some());
            let edit = case.insert(lexed.code[first].start, text);
            all.push(Candidate::new(MistakeId::MissingHead, score, vec![edit]).guess());
        }
    }
}

/// `tides.filter(t -> t.height > 2)` where the arrow is another one.
fn other_arrow(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let arrow = case.token + 1;
    let doubled = case.language().operators.contains(&"=>") && !case.language().borrows;
    let again = |at: usize| lexed.word(at) == lexed.word(case.token);
    let starts = matches!(lexed.before(case.token), "(" | ",");
    let head = starts && lexed.is(arrow, "->");
    let used = value_end(case, case.token).is_some_and(|end| (arrow + 1..end).any(again));
    if doubled && head && used && !case.language().arrow_parameters {
        let edit = case.replace_token(arrow, "=>");
        all.push(Candidate::new(MistakeId::ForeignMark, OTHER_ARROW, vec![edit]));
    }
    // `tides.filter(t = t.height > 2)`
    if starts && used && lexed.is(arrow, "=") && !case.language().borrows {
        let marks = if case.language().arrow_parameters { "->" } else { "=>" };
        let edit = case.replace_token(arrow, marks);
        all.push(Candidate::new(MistakeId::WrongMark, OTHER_ARROW, vec![edit]).guess());
    }
}

/// Where the value that starts at a token in a call ends.
fn value_end(case: &Case, first: usize) -> Option<usize> {
    let open = case.text.pairs.inside_of(first).filter(|open| case.lexed().is(*open, "("))?;
    case.text.pairs.partner_of(open)
}

/// `moored.Add((berth, boat) -> …)`: the names in brackets in front of the arrow are declared by nothing.
fn arrow_behind_several(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    let doubled = language.operators.contains(&"=>") && !language.borrows;
    let Some(open) = case.text.pairs.inside_of(case.token).filter(|open| lexed.is(*open, "("))
    else {
        return;
    };
    let close = case.text.pairs.partner_of(open).unwrap_or(open);
    let listed =
        (open + 1..close).all(|at| lexed.kind(at) == Some(TokenKind::Name) || lexed.is(at, ","));
    let value = matches!(lexed.before(open), "(" | "," | "=" | "+=");
    let arrow = close + 1;
    if doubled && listed && value && lexed.is(arrow, "->") && !language.arrow_parameters {
        let edit = case.replace_token(arrow, "=>");
        all.push(Candidate::new(MistakeId::ForeignMark, OTHER_ARROW, vec![edit]).guess());
    }
}

/// `tides.filter(t t.height > 2)`: the name of the value stands there, and no mark.
fn without_marks(case: &Case, head: fn(&str) -> String, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for name in lexed.on_line(lexed.code[case.token].line).skip(2) {
        let argument = matches!(lexed.before(name), "(" | ",");
        let twice =
            lexed.is(name + 1, lexed.word(name)) && matches!(lexed.word(name + 2), "." | "[");
        // Rust: `tides.filter(t => t.height > 2)`
        let arrow = lexed.language.borrows && matches!(lexed.word(name + 1), "=>" | "->");
        let again = |at: usize| lexed.is(at, lexed.word(name));
        let used = || value_end(case, name).is_some_and(|end| (name + 2..end).any(again));
        if lexed.kind(name) == Some(TokenKind::Name) && argument && arrow && used() {
            let (from, to) = (lexed.code[name].start, lexed.code[name + 1].end);
            let edit = Edit::replace(case.file(), from, to, head(lexed.word(name)).trim_end());
            all.push(Candidate::new(MistakeId::ForeignMark, OTHER_ARROW, vec![edit]).guess());
        }
        if lexed.kind(name) == Some(TokenKind::Name) && argument && twice {
            let (from, to) = (lexed.code[name].start, lexed.code[name + 1].start);
            let edit = Edit::replace(case.file(), from, to, head(lexed.word(name)));
            all.push(Candidate::new(MistakeId::MissingMark, NO_MARKS, vec![edit]));
        }
    }
}

/// How the head of a function without a name is written here.
pub(super) fn head(case: &Case) -> Option<fn(&str) -> String> {
    let language = case.language();
    if language.borrows {
        return Some(|name| format!("|{name}| "));
    }
    if language.arrow_parameters {
        return Some(|name| format!("{name} -> "));
    }
    let arrow = language.operators.contains(&"=>") && !language.applies_bare;
    arrow.then_some(|name| format!("{name} => "))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn each_language_has_a_head_of_its_own() {
        check_fix(
            &FAMILY,
            "rust",
            "fn low(tides: &[u32]) -> usize {\n    tides.iter().filter(<|>t > 2).count()\n}\n",
            "[E0425] cannot find value `t` in this scope",
            "fn low(tides: &[u32]) -> usize {\n    tides.iter().filter(|t| t > 2).count()\n}\n",
        );
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    long low(List<Integer> all) {\n        return all.stream().filter(<|>t > 2).count();\n    }\n}\n",
            "cannot find symbol\n  symbol:   variable t\n  location: class Quay",
            "class Quay {\n    long low(List<Integer> all) {\n        return all.stream().filter(t -> t > 2).count();\n    }\n}\n",
        );
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def low(all: List[Int]) = all.filter(<|>t > 2)\n}\n",
            "not found: value t",
            "object Quay {\n  def low(all: List[Int]) = all.filter(t => t > 2)\n}\n",
        );
    }

    #[test]
    fn several_names_have_the_same_arrow() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    void Go() { Each((<|>a, b) -> Show(a + b)); }\n}\n",
            "[CS0103] The name 'a' does not exist in the current context",
            "class Quay {\n    void Go() { Each((a, b) => Show(a + b)); }\n}\n",
        );
    }

    #[test]
    fn what_another_function_takes_is_not_known_here() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def seats(all: List[Boat]) = all.filter(b => b.dry).map(<|>b.seats).sum\n}\n",
            "not found: value b",
            "object Quay {\n  def seats(all: List[Boat]) = all.filter(b => b.dry).map(b => b.seats).sum\n}\n",
        );
    }

    #[test]
    fn a_head_with_another_mark_keeps_its_name() {
        check_fix(
            &FAMILY,
            "typescript",
            "function low(tides: Tide[]) {\n  return tides.map(<|>t = t.height);\n}\n",
            "[TS2304] Cannot find name 't'.",
            "function low(tides: Tide[]) {\n  return tides.map(t => t.height);\n}\n",
        );
        check_fix(
            &FAMILY,
            "rust",
            "fn low(tide: Tide) -> Tide {\n    tide.map_err(e <|>=> e.to_string())\n}\n",
            "expected one of `)`, `,`, `.`, `?`, or an operator, found `=>`",
            "fn low(tide: Tide) -> Tide {\n    tide.map_err(|e| e.to_string())\n}\n",
        );
    }

    #[test]
    fn an_arrow_of_another_language_is_replaced() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int Go(List<Boat> all) {\n        return all.Max(<|>boat -> boat.Size);\n    }\n}\n",
            "[CS0103] The name `boat' does not exist in the current context",
            "class Quay {\n    int Go(List<Boat> all) {\n        return all.Max(boat => boat.Size);\n    }\n}\n",
        );
    }

    #[test]
    fn a_head_without_its_marks_gets_them() {
        check_fix(
            &FAMILY,
            "rust",
            "fn longest(names: &[String]) -> Option<&String> {\n    names.iter().max_by_key(name <|>name.len())\n}\n",
            "expected one of `)`, `,`, `.`, or an operator, found `name`",
            "fn longest(names: &[String]) -> Option<&String> {\n    names.iter().max_by_key(|name| name.len())\n}\n",
        );
    }

    #[test]
    fn a_name_alone_is_another_mistake() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function low(tides: number[]) {\n  tides.push(<|>tide);\n}\n",
            "[TS2304] Cannot find name 'tide'.",
        );
    }

    #[test]
    fn a_plain_function_takes_values() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function low(limit: number) {\n  show(<|>tide > limit);\n}\n",
            "[TS2304] Cannot find name 'tide'.",
        );
    }

    #[test]
    fn a_function_with_a_head_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function low(tides: number[]) {\n  return tides.filter(t => <|>r > 2);\n}\n",
            "[TS2304] Cannot find name 'r'.",
        );
    }
}
