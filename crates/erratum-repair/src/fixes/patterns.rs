//! A pattern that takes a value apart without its brackets: `case Some fare =>` for
//! `case Some(fare) =>`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// What a pattern takes apart stands in brackets.
const IN_BRACKETS: Factor = evidence("what a pattern takes apart stands in brackets", 7.0);

/// What is matched may be there or not.
const MAY_BE_THERE: Factor = evidence("a value that may be missing is taken apart", 7.0);

/// The arrow of an arm is another one.
const ARROW: Factor = evidence("an arm has another arrow", 6.5);

/// The arm uses a name that nothing else declares.
const USED_IN_ARM: Factor = evidence("the arm uses a name that its pattern can give", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "patterns",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "scala",
        before: "object Quay {\n  def go(o: Option[Int]) = o match {\n    case Some <|>fare => fare\n    case None => 0\n  }\n}\n",
        message: "illegal start of simple pattern",
        after: "object Quay {\n  def go(o: Option[Int]) = o match {\n    case Some(fare) => fare\n    case None => 0\n  }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    // Where values stand behind a function without brackets, they do in a pattern, too.
    if language.applies_bare || !language.operators.contains(&"=>") {
        return;
    }
    let reported = lexed.code[case.token].line;
    taken_bare(case, all);
    named_in_arm(case, all);
    if case.phase > Phase::Syntax {
        return;
    }
    for line in reported.saturating_sub(1).max(1)..=reported {
        arrow(case, lexed.on_line(line), all);
    }
    let item = lexed.on_line(reported);
    let start = item.start + usize::from(lexed.is(item.start, "case"));
    let arm = lexed.is(item.start, "case") || in_match(case, item.start);
    let Some(end) = item.clone().find(|at| matches!(lexed.word(*at), "=>" | "if")) else { return };
    // `Zone::Inner fare`: the path of the name counts to it.
    let mut name = start;
    while matches!(lexed.word(name + 1), "::" | ".") && name + 2 < end {
        name += 2;
    }
    let taken = name + 1..end;
    let capital = lexed.word(name).starts_with(|letter: char| letter.is_uppercase());
    let plain = |at: usize| {
        matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Number | TokenKind::Str))
            || matches!(lexed.word(at), "," | "_")
    };
    if !arm || !capital || taken.is_empty() || !taken.clone().all(plain) {
        return;
    }
    let open = Edit::replace(case.file(), lexed.code[name].end, lexed.code[taken.start].start, "(");
    let mut edits = vec![open];
    for at in taken.clone().skip(1) {
        if !lexed.is(at, ",") && !lexed.is(at - 1, ",") {
            edits.push(case.insert(lexed.code[at - 1].end, ","));
        }
    }
    edits.push(case.insert(lexed.code[end - 1].end, ")"));
    all.push(Candidate::new(MistakeId::MissingBracket, IN_BRACKETS, edits));
}

/// `while let boat = queue.pop()`: the name stands for what may be missing, and was to stand for what is
/// in it. The message may be of a use in the block.
fn taken_bare(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let pattern = if said.contains("Option<") {
        "Some("
    } else if said.contains("Result<") {
        "Ok("
    } else {
        return;
    };
    let around = case.text.pairs.block_of(lexed, case.token);
    let outer = std::iter::successors(around, |open| case.text.pairs.block_of(lexed, *open));
    for open in outer {
        let start = case.statement_start(open);
        let bound = (start..open)
            .find(|at| lexed.is(*at, "let") && matches!(lexed.before(*at), "if" | "while" | "&&"));
        let Some(name) = bound.map(|bound| bound + 1) else { continue };
        let used = lexed.on_line(lexed.code[case.token].line);
        let same = used.into_iter().any(|at| lexed.word(at) == lexed.word(name));
        if lexed.kind(name) == Some(TokenKind::Name) && lexed.is(name + 1, "=") && same {
            let edits = vec![
                case.insert(lexed.code[name].start, pattern),
                case.insert(lexed.code[name].end, ")"),
            ];
            all.push(Candidate::new(MistakeId::MaybeNothing, MAY_BE_THERE, edits));
            return;
        }
    }
}

/// `Err(Problem::Bad) => show(text)`: the arm uses a name that its pattern was to take out (seen with
/// rustc 1.95).
fn named_in_arm(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.message.text.contains("found tuple variant") {
        return;
    }
    let mut name = case.token;
    while matches!(lexed.word(name + 1), "::") {
        name += 2;
    }
    let line = lexed.on_line(lexed.code[name].line);
    let Some(arrow) = line.clone().find(|at| *at > name && lexed.is(*at, "=>")) else { return };
    let end = match lexed.opens_block(arrow + 1) {
        true => case.text.pairs.partner_of(arrow + 1).unwrap_or(line.end),
        false => line.end,
    };
    let unknown = |at: &usize| {
        lexed.kind(*at) == Some(TokenKind::Name)
            && !matches!(lexed.before(*at), "." | "::")
            && !matches!(lexed.word(at + 1), "(" | "!" | "::" | "{")
            && case.text.names.of(lexed.word(*at)).next().is_none()
    };
    let mut names: Vec<&str> = (arrow..end).filter(unknown).map(|at| lexed.word(at)).collect();
    names.dedup();
    if let [one] = names[..] {
        let edit = case.insert(lexed.code[name].end, format!("({one})"));
        all.push(Candidate::new(MistakeId::MissingMark, USED_IN_ARM, vec![edit]));
    }
}

/// `case _ -> 3`: the arrow of an arm, where `->` is another one or none.
fn arrow(case: &Case, item: std::ops::Range<usize>, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let arm = lexed.is(item.start, "case") && !case.language().is_keyword("switch")
        || in_match(case, item.start) && !lexed.is(item.start, "case");
    let outer = case.text.pairs.inside_of(item.start);
    let mut marks = item.filter(|at| case.text.pairs.inside_of(*at) == outer);
    let mark = marks.find(|at| matches!(lexed.word(*at), "=>" | "->" | ":"));
    if let Some(mark) = mark.filter(|mark| arm && lexed.is(*mark, "->")) {
        let edit = case.replace_token(mark, "=>");
        all.push(Candidate::new(MistakeId::WrongMark, ARROW, vec![edit]));
    }
}

/// Whether a line stands in the block of a `match`.
fn in_match(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let Some(open) = case.text.pairs.block_of(lexed, at) else { return false };
    lexed.on_line(lexed.code[open].line).into_iter().any(|at| lexed.is(at, "match"))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_may_be_missing_is_taken_apart() {
        check_fix(
            &FAMILY,
            "rust",
            "fn go(mut queue: Vec<String>) {\n    while let boat = queue.pop() {\n        println!(\"{}\", boat.<|>len());\n    }\n}\n",
            "[E0599] no method named `len` found for enum `Option<String>` in the current scope",
            "fn go(mut queue: Vec<String>) {\n    while let Some(boat) = queue.pop() {\n        println!(\"{}\", boat.len());\n    }\n}\n",
        );
    }

    #[test]
    fn a_pattern_gives_the_name_that_its_arm_uses() {
        check_fix(
            &FAMILY,
            "rust",
            "fn go(p: Problem) {\n    match p {\n        <|>Problem::Bad => println!(\"{}\", text),\n        Problem::None => {}\n    }\n}\n",
            "[E0532] expected unit struct, unit variant or constant, found tuple variant `Problem::Bad`",
            "fn go(p: Problem) {\n    match p {\n        Problem::Bad(text) => println!(\"{}\", text),\n        Problem::None => {}\n    }\n}\n",
        );
        check_no_fix(
            &FAMILY,
            "rust",
            "fn go(p: Problem, text: &str) {\n    match p {\n        <|>Problem::Bad => println!(\"{}\", text),\n        Problem::None => {}\n    }\n}\n",
            "[E0532] expected unit struct, unit variant or constant, found tuple variant `Problem::Bad`",
        );
    }

    #[test]
    fn an_arm_has_its_own_arrow() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(o: Int) = o match {\n    case 3 => 4\n    case _ -> 0\n  <|>}\n}\n",
            "'=>' expected but '}' found.",
            "object Quay {\n  def go(o: Int) = o match {\n    case 3 => 4\n    case _ => 0\n  }\n}\n",
        );
        check_fix(
            &FAMILY,
            "rust",
            "fn go(o: i32, q: i32) -> i32 {\n    match o {\n        3 if q >= o <|>-> 4,\n        _ => 0,\n    }\n}\n",
            "`->` is not valid syntax for field accesses and method calls",
            "fn go(o: i32, q: i32) -> i32 {\n    match o {\n        3 if q >= o => 4,\n        _ => 0,\n    }\n}\n",
        );
    }

    #[test]
    fn an_arm_of_rust_takes_its_value_apart_in_brackets() {
        check_fix(
            &FAMILY,
            "rust",
            "fn go(o: Option<i32>) -> i32 {\n    match o {\n        Some <|>fare => fare,\n        None => 0,\n    }\n}\n",
            "expected one of `=>`, `if`, `|`, or `::`, found `fare`",
            "fn go(o: Option<i32>) -> i32 {\n    match o {\n        Some(fare) => fare,\n        None => 0,\n    }\n}\n",
        );
    }

    #[test]
    fn several_values_are_parted() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(o: Berth) = o match {\n    case Berth name <|>depth if depth > 3 => name\n  }\n}\n",
            "illegal start of simple pattern",
            "object Quay {\n  def go(o: Berth) = o match {\n    case Berth(name, depth) if depth > 3 => name\n  }\n}\n",
        );
    }

    #[test]
    fn a_path_counts_to_the_name() {
        check_fix(
            &FAMILY,
            "rust",
            "fn go(z: Zone) -> i32 {\n    match z {\n        Zone::Inner <|>fare => fare,\n        _ => 0,\n    }\n}\n",
            "expected one of `(`, `=>`, `if`, `|`, or `{`, found `fare`",
            "fn go(z: Zone) -> i32 {\n    match z {\n        Zone::Inner(fare) => fare,\n        _ => 0,\n    }\n}\n",
        );
    }

    #[test]
    fn a_function_of_rust_is_no_pattern() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn go() {\n    let up = Some <|>fare => fare;\n}\n",
            "expected one of `;`, found `fare`",
        );
    }

    #[test]
    fn a_pattern_of_haskell_is_left() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "go :: Maybe Int -> Int\ngo m = case m of\n  Just fare <|>=> fare\n",
            "parse error on input '=>'",
        );
    }

    #[test]
    fn a_pattern_with_its_brackets_is_left() {
        check_no_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(o: Option[Int]) = o match {\n    case Some(fare) => fare <|>3\n  }\n}\n",
            "';' expected but integer literal found",
        );
    }
}
