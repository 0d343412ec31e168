//! Pascal: brackets and marks of a declaration or a choice: `= ['Quay', 'Steps']` of an array, `Next: ^PFind` of a
//! type that is a pointer, `Nail = Result := 3` of a case, `Sum, Integer;`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The values of a constant array stand in round brackets.
const ROUND: Factor =
    evidence("the values of an array that is a constant stand in round brackets", 9.5);
/// The mark of a pointer stands before the type that it points at.
const BEFORE_TYPE: Factor = evidence("the mark of a pointer stands before its type", 9.5);
/// The type is a pointer already.
const POINTER: Factor = evidence("the type is a pointer already", 9.5);
/// A statement stands behind the mark.
const CASE: Factor = evidence("a statement stands behind the value of a case", 9.5);
/// Nothing stands behind the last unit.
const LAST_UNIT: Factor = evidence("nothing stands behind the last unit", 9.5);
/// What an exception tells is its message.
const TELLS: Factor = evidence("what an exception tells is its message", 9.0);
/// The last of the names is a type.
const TYPE: Factor = evidence("the last of the names is a type", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "pascal-marks",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "program Quay;\nconst\n  Places: array[1..2] of string = <|>['Quay', 'Steps'];\nbegin\nend.\n",
        message: "Syntax error, \"(\" expected but \"[\" found",
        after: "program Quay;\nconst\n  Places: array[1..2] of string = ('Quay', 'Steps');\nbegin\nend.\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().returns_by_name {
        return;
    }
    // Seen with fpc 3.2.
    let said = &case.message.text;
    if said.starts_with("Syntax error, \"(\" expected but \"[\"") {
        values(case, all);
    }
    if said.starts_with("Incompatible types: got") && said.contains('^') {
        pointer(case, all);
    }
    if said.starts_with("Operator is not overloaded")
        || said.contains("expected but")
        || said.starts_with("Constant Expression")
    {
        of_case(case, all);
    }
    if said.starts_with("Syntax error, \":\" expected but \";\"") {
        typed(case, all);
    }
    if case.phase <= Phase::Syntax {
        unit(case, all);
        pointer_type(case, all);
    }
    if said.starts_with("Can't read or write variables of this type") {
        exception(case, all);
    }
}

/// `PCrew^ = TCrew;` in a list of types: the mark stands before the type that it points at.
fn pointer_type(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = lexed.on_line(lexed.code[case.token].line).start;
    let typed = lexed.kind(name) == Some(TokenKind::Name)
        && lexed.is(name + 1, "^")
        && lexed.is(name + 2, "=")
        && lexed.kind(name + 3) == Some(TokenKind::Name)
        && lexed.is(name + 4, ";");
    if typed {
        let edits = vec![case.delete_token(name + 1), case.insert(lexed.code[name + 3].start, "^")];
        all.push(Candidate::new(MistakeId::WrongOrder, BEFORE_TYPE, edits).guess());
    }
}

fn values(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let above = lexed.on_line(lexed.code[case.token].line.saturating_sub(1).max(1));
    let open = above.chain(line).find(|at| lexed.is(*at, "[") && *at > 0 && lexed.is(at - 1, "="));
    let close = open.and_then(|open| case.text.pairs.partner_of(open));
    if let (Some(open), Some(close)) = (open, close) {
        let edits = vec![case.replace_token(open, "("), case.replace_token(close, ")")];
        all.push(Candidate::new(MistakeId::MismatchedBracket, ROUND, edits).guess());
    }
}

/// `Next: ^PFind;` where `PFind = ^TFind`, told where the two types meet.
fn pointer(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let told = case.message.text.to_ascii_lowercase();
    let of_pointer = |at: &usize| {
        lexed.is(*at, "^")
            && lexed.before(*at) == ":"
            && lexed.is(at + 2, ";")
            && told.contains(&format!("^{}\"", lexed.word(at + 1)))
    };
    let is_pointer = |at: usize| {
        let mut seen = case.text.names.of(lexed.word(at + 1));
        seen.any(|one| lexed.is(one.token + 1, "=") && lexed.is(one.token + 2, "^"))
    };
    let mut marks = (1..lexed.code.len()).filter(of_pointer).filter(|at| is_pointer(*at));
    if let (Some(mark), None) = (marks.next(), marks.next()) {
        let edit = case.delete_token(mark);
        all.push(Candidate::new(MistakeId::ExtraMark, POINTER, vec![edit]).guess());
    }
}

/// `Nail = Result := 'nail';` between `case` and `end`.
fn of_case(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let reported = lexed.code[case.token].line;
    let lines = reported.saturating_sub(1).max(1)..=reported;
    for value in lines.map(|line| lexed.on_line(line).start) {
        let mark = value + 1;
        let end = case.statement_end(value);
        let behind = (mark + 1..end).any(|at| lexed.is(at, ":=") || lexed.is(at, "("));
        let plain =
            matches!(lexed.kind(value), Some(TokenKind::Name | TokenKind::Number | TokenKind::Str));
        let block = case.text.pairs.block_of(lexed, value);
        let within = block.is_some_and(|open| {
            lexed.is(open, "case")
                || lexed.on_line(lexed.code[open].line).any(|at| lexed.is(at, "case"))
        });
        if plain && behind && within && matches!(lexed.word(mark), "=" | "->" | "=>") {
            let edit = case.replace_token(mark, ":");
            all.push(Candidate::new(MistakeId::WrongMark, CASE, vec![edit]).guess());
        }
    }
}

/// `uses SysUtils, Classes.;`
fn unit(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(1).max(1)..=reported {
        let mut marks = lexed
            .on_line(line)
            .filter(|at| matches!(lexed.word(*at), "." | ",") && lexed.is(at + 1, ";"));
        let listed = |at: usize| {
            let start = case.statement_start(at);
            lexed.is(start, "uses") || lexed.is(start.saturating_sub(1), "uses")
        };
        if let Some(at) = marks.next().filter(|at| listed(*at)) {
            let edit = case.delete_token(at);
            all.push(Candidate::new(MistakeId::ExtraMark, LAST_UNIT, vec![edit]).guess());
        }
    }
}

/// `WriteLn(E)` of an exception that is handled.
fn exception(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let handled = |at: &usize| {
        let name = lexed.word(*at);
        let caught =
            |one: usize| lexed.is(one, "on") && lexed.is(one + 1, name) && lexed.is(one + 2, ":");
        lexed.kind(*at) == Some(TokenKind::Name)
            && matches!(lexed.before(*at), "(" | ",")
            && matches!(lexed.word(at + 1), ")" | ",")
            && (0..*at).any(caught)
    };
    if let Some(at) = line.into_iter().find(handled) {
        let edit = case.insert(lexed.code[at].end, ".Message");
        all.push(Candidate::new(MistakeId::MissingToString, TELLS, vec![edit]).guess());
    }
}

/// `Sum, Integer;` where a type is declared last.
fn typed(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let reported = lexed.code[case.token].line;
    let lines = reported.saturating_sub(1).max(1)..=reported;
    for line in lines.map(|line| lexed.on_line(line)) {
        let Some(end) = line.clone().skip(3).find(|at| lexed.is(*at, ";")) else { continue };
        let (mark, name) = (end - 2, end - 1);
        let is_type = case.language().is_type(lexed.word(name))
            || case.text.names.of(lexed.word(name)).any(|one| one.kind == NameKind::Type);
        if lexed.is(mark, ",") && is_type && mark > line.start {
            let edit = case.replace_token(mark, ":");
            all.push(Candidate::new(MistakeId::WrongMark, TYPE, vec![edit]).guess());
            return;
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn a_pointer_type_has_its_mark_already() {
        let text = |mark: &str, place: &str| {
            format!(
                "program Quay;\ntype\n  PFind = ^TFind;\n  TFind = record\n    Next: {mark}PFind;\n  end;\nvar First, F: PFind;\nbegin\n  F^.Next := {place}First;\nend.\n"
            )
        };
        check_fix(
            &FAMILY,
            "pascal",
            &text("^", "<|>"),
            "Incompatible types: got \"PFind\" expected \"TFind.^PFind\"",
            &text("", ""),
        );
    }

    #[test]
    fn a_case_has_its_mark() {
        check_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nvar K, R: Integer;\nbegin\n  case K of\n    1: R := 2;\n    2 = <|>R := 3;\n  end;\nend.\n",
            "Constant Expression expected",
            "program Quay;\nvar K, R: Integer;\nbegin\n  case K of\n    1: R := 2;\n    2 : R := 3;\n  end;\nend.\n",
        );
    }

    #[test]
    fn a_list_of_units_ends_with_its_last() {
        check_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nuses SysUtils, Classes<|>.;\nbegin\nend.\n",
            "Syntax error, \"identifier\" expected but \";\" found",
            "program Quay;\nuses SysUtils, Classes;\nbegin\nend.\n",
        );
    }

    #[test]
    fn an_exception_tells_its_message() {
        check_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nbegin\n  try\n    Go;\n  except\n    on E: ELate do\n      WriteLn(<|>E);\n  end;\nend.\n",
            "Can't read or write variables of this type",
            "program Quay;\nbegin\n  try\n    Go;\n  except\n    on E: ELate do\n      WriteLn(E.Message);\n  end;\nend.\n",
        );
    }

    #[test]
    fn a_type_is_no_further_name() {
        check_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nvar\n  Sum, Integer<|>;\n  N: Integer;\nbegin\nend.\n",
            "Syntax error, \":\" expected but \";\" found",
            "program Quay;\nvar\n  Sum: Integer;\n  N: Integer;\nbegin\nend.\n",
        );
    }

    #[test]
    fn the_mark_of_a_pointer_stands_before_its_type() {
        check_fix(
            &FAMILY,
            "pascal",
            "program Quay;\ntype\n  PBoat<|>^ = TBoat;\n  TBoat = record\n    Next: PBoat;\n  end;\nbegin\nend.\n",
            "Syntax error, \"=\" expected but \"^\" found",
            "program Quay;\ntype\n  PBoat = ^TBoat;\n  TBoat = record\n    Next: PBoat;\n  end;\nbegin\nend.\n",
        );
    }
}
