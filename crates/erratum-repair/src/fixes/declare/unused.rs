//! What is declared or given back and never used, where that is an error: taken out, left without a
//! name, or given to the call in which it was forgotten.

use super::delete_lines;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::function_around;
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// An import that nothing needs is taken out.
const SPARE_IMPORT: Factor = weight("an import that nothing needs", 2.5);
/// A variable of that name is declared around.
const OUTER_VARIABLE: Factor = weight("the variable around was meant", 4.0);
/// A format with one mark more than values.
const LACKING_VALUE: Factor = weight("the call lacks one value", 3.0);
/// The call is given the name already.
const GIVEN_ALREADY: Factor = weight("the call has it already", -9.0);
/// Of several results the one that nobody uses gets no name.
const NAMELESS: Factor = weight("the name is given up", 0.5);
/// Taking a statement out loses what the learner wrote.
const SPARE_STATEMENT: Factor = weight("the statement is taken out", -1.0);
/// A further result that nobody uses.
const NAMELESS_RESULT: Factor = weight("the further result gets no name", 2.5);
/// A name that is used below, and not declared, was to take the result.
const USED_BELOW: Factor = evidence("the name is used below and not declared", 6.0);
/// The next line asks whether the value is there: the further result says so.
const ASKED_NEXT: Factor = evidence("the next line asks whether there is a value", 7.0);
/// A further result is mostly an error.
const ERROR_RESULT: Factor = weight("the further result is an error", 1.5);
/// One name too many takes results.
const ONE_NAME_LESS: Factor = weight("one name less takes results", 2.0);

/// How many lines below a call its result is first asked for, at the most.
const NEAR: u32 = 6;

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "unused",
    recipes: &[Recipe::Unused, Recipe::Results],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package main\n\nimport (\n\t\"fmt\"\n\t<|>\"os\"\n)\n\nfunc main() {\n\tfmt.Println(3)\n}\n",
        message: "\"os\" imported and not used",
        after: "package main\n\nimport (\n\t\"fmt\"\n)\n\nfunc main() {\n\tfmt.Println(3)\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.asks(Recipe::Unused) && case.message.is_error() {
        unused(case, all);
    }
    if case.asks(Recipe::Results) {
        results(case, all);
    }
}

/// Go: a name that is never used: taken out, or given to the call in which it was forgotten.
fn unused(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.code[case.token].line;
    if lexed.kind(case.token) == Some(TokenKind::Str) {
        let source = &lexed.source;
        let edit = Edit::delete(case.file(), source.line_start(line), source.line_start(line + 1));
        all.push(Candidate::new(MistakeId::UnusedName, SPARE_IMPORT, vec![edit]));
        return;
    }
    let name = lexed.word(case.token);
    let Some(declared) = case.text.names.resolve(lexed, case.token) else { return };
    // `:=` in a block declares another variable than the one of that name around it.
    let outer = case.text.names.of(name).any(|other| {
        other.token < case.token && (other.scope.0..=other.scope.1).contains(&case.token)
    });
    if outer && lexed.is(case.token + 1, ":=") {
        let edit = case.replace_token(case.token + 1, "=");
        all.push(Candidate::new(MistakeId::WrongMark, OUTER_VARIABLE, vec![edit]));
    }
    // The other names of the statement are used: this one was, too, where they stand.
    let calls = (case.token..=declared.scope.1).filter(|at| lexed.code[*at].line > line);
    for call in calls.filter_map(|at| crate::fixes::shape::call_at(case, at)).take(12) {
        let Some(&(first, last)) = call.arguments.last() else { continue };
        let text = lexed.word(first);
        let marks = if lexed.kind(first) == Some(TokenKind::Str) || call.arguments.len() > 1 {
            let format = lexed.word(call.arguments[0].0);
            crate::fixes::calls::percents(format).len() as i64 - (call.arguments.len() as i64 - 1)
        } else {
            0
        };
        let score = LACKING_VALUE.when(marks == 1) + GIVEN_ALREADY.when(text == name);
        let edit = case.insert(lexed.code[last].end, format!(", {name}"));
        all.push(Candidate::new(MistakeId::MissingArgument, score, vec![edit]).guess());
    }
    let edit = case.replace_token(case.token, "_");
    let several = lexed.is(case.token + 1, ",") || lexed.is(case.token.wrapping_sub(1), ",");
    if several {
        all.push(Candidate::new(MistakeId::UnusedName, NAMELESS, vec![edit]).guess());
    } else {
        let end = case.statement_end(case.token);
        let edit = delete_lines(case, case.statement_start(case.token), end);
        all.push(Candidate::new(MistakeId::UnusedName, SPARE_STATEMENT, vec![edit]).guess());
    }
}

/// Go: a call gives back more values, or fewer, than are taken.
fn results(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(mark) = line.clone().find(|at| matches!(lexed.word(*at), ":=" | "=")) else { return };
    // Nothing may stand before the mark in a text that is no program.
    let Some(left) = mark.checked_sub(1) else { return };
    let edit = case.insert(lexed.code[left].end, ", _");
    all.push(Candidate::new(MistakeId::UnhandledResult, NAMELESS_RESULT, vec![edit]));
    asked_by_nil(case, mark, all);
    let error = case.insert(lexed.code[left].end, ", err");
    all.push(Candidate::new(MistakeId::UnhandledResult, ERROR_RESULT, vec![error]));
    // A name that is used below and that nothing declares was to get it.
    let unknown = case.all.iter().filter_map(|other| {
        let name = other.text.strip_prefix("undefined: ")?;
        let end = function_around(case, case.token).and_then(|one| one.close);
        let last = end.map_or(u32::MAX, |end| lexed.code[end].line);
        let near = case.message.line().map_or(0, |line| line + NEAR);
        let below = other.line() > case.message.line()
            && other.line().is_some_and(|line| line <= last.min(near));
        let plain = name.chars().all(|c| c.is_alphanumeric() || c == '_');
        (below && plain && !is_given_a_value(case, name) && !is_called(case, name)).then_some(name)
    });
    let unknown: std::collections::BTreeSet<&str> = unknown.collect();
    for name in unknown {
        let named = case.insert(lexed.code[left].end, format!(", {name}"));
        all.push(Candidate::new(MistakeId::UnhandledResult, USED_BELOW, vec![named]));
    }
    if let Some(comma) = (line.start.max(1)..mark).rev().find(|at| lexed.is(*at, ",")) {
        let edit = Edit::delete(case.file(), lexed.code[comma - 1].end, lexed.code[left].end);
        all.push(Candidate::new(MistakeId::UnhandledResult, ONE_NAME_LESS, vec![edit]));
    }
}

/// Go: whether there is a value is the second result, and the next line asks whether it is `nil`.
fn asked_by_nil(case: &Case, mark: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let end = lexed.on_line(lexed.code[mark].line).end;
    let name = lexed.word(mark - 1);
    let asked = lexed.is(end, "if")
        && lexed.is(end + 1, name)
        && matches!(lexed.word(end + 2), "!=" | "==")
        && lexed.is(end + 3, "nil")
        && lexed.opens_block(end + 4);
    let called = (mark..end).rev().find(|at| lexed.is(at + 1, "("));
    let declared = called.and_then(|at| {
        case.text.names.of(lexed.word(at)).find(|one| one.kind == NameKind::Function)
    });
    let typed = declared.and_then(|one| one.typed);
    let Some((_, last)) = typed.filter(|_| asked && lexed.is(mark, ":=")) else { return };
    let last = if lexed.is(last, ")") { last - 1 } else { last };
    let there = lexed.is(end + 2, "!=");
    let (result, condition) = match lexed.word(last) {
        "bool" if there => ("ok", "ok"),
        "bool" => ("ok", "!ok"),
        "error" if there => ("err", "err == nil"),
        "error" => ("err", "err != nil"),
        _ => return,
    };
    let (from, to) = (lexed.code[end + 1].start, lexed.code[end + 3].end);
    let edits = vec![
        case.insert(lexed.code[mark - 1].end, format!(", {result}")),
        Edit::replace(case.file(), from, to, condition),
    ];
    all.push(Candidate::new(MistakeId::UnhandledResult, ASKED_NEXT, edits).guess());
}

/// Whether a name is called: a function whose header is broken is unknown, too.
fn is_called(case: &Case, name: &str) -> bool {
    let seen = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
    seen.iter().any(|at| case.lexed().is(at + 1, "("))
}

/// Whether a name gets a value of its own somewhere: its declaration is what lacks.
fn is_given_a_value(case: &Case, name: &str) -> bool {
    let lexed = case.lexed();
    let seen = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
    seen.iter().any(|at| lexed.code[*at].first && lexed.is(at + 1, "="))
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_fix, check_no_fix};

    #[test]
    fn the_variable_around_was_meant() {
        check_fix(
            &FAMILY,
            "go",
            "package main\n\nfunc main() {\n\ttide := 3\n\tif tide > 2 {\n\t\t<|>tide := 4\n\t}\n\tprintln(tide)\n}\n",
            "tide declared but not used",
            "package main\n\nfunc main() {\n\ttide := 3\n\tif tide > 2 {\n\t\ttide = 4\n\t}\n\tprintln(tide)\n}\n",
        );
    }

    #[test]
    fn a_statement_that_nothing_needs_goes() {
        check_among(
            &FAMILY,
            "go",
            "package main\n\nfunc main() {\n\t<|>tide := 3\n\tprintln(2)\n}\n",
            "tide declared but not used",
            "package main\n\nfunc main() {\n\tprintln(2)\n}\n",
        );
    }

    #[test]
    fn one_of_several_names_is_given_up() {
        check_among(
            &FAMILY,
            "go",
            "package main\n\nfunc two() (int, int) {\n\treturn 1, 2\n}\n\nfunc main() {\n\tlow, <|>high := two()\n\tprintln(low)\n}\n",
            "high declared but not used",
            "package main\n\nfunc two() (int, int) {\n\treturn 1, 2\n}\n\nfunc main() {\n\tlow, _ := two()\n\tprintln(low)\n}\n",
        );
    }

    #[test]
    fn a_name_that_is_used_below_takes_the_result() {
        check_among(
            &FAMILY,
            "go",
            "package main\n\nimport \"strconv\"\n\nfunc main() {\n\t<|>tide := strconv.Atoi(\"3\")\n\tprintln(tide, bad)\n}\n",
            "assignment mismatch: 1 variable but strconv.Atoi returns 2 values",
            "package main\n\nimport \"strconv\"\n\nfunc main() {\n\ttide, err := strconv.Atoi(\"3\")\n\tprintln(tide, bad)\n}\n",
        );
    }

    #[test]
    fn a_call_that_lacks_a_value_gets_the_name() {
        check_among(
            &FAMILY,
            "go",
            "package main\n\nimport \"fmt\"\n\nfunc main() {\n\t<|>tide := 3\n\tfmt.Printf(\"%d at %d\\n\", 2)\n}\n",
            "tide declared but not used",
            "package main\n\nimport \"fmt\"\n\nfunc main() {\n\ttide := 3\n\tfmt.Printf(\"%d at %d\\n\", 2, tide)\n}\n",
        );
    }

    #[test]
    fn a_further_result_gets_no_name() {
        check_fix(
            &FAMILY,
            "go",
            "package main\n\nimport \"strconv\"\n\nfunc main() {\n\ttide <|>:= strconv.Atoi(\"3\")\n\tprintln(tide)\n}\n",
            "assignment mismatch: 1 variable but strconv.Atoi returns 2 values",
            "package main\n\nimport \"strconv\"\n\nfunc main() {\n\ttide, _ := strconv.Atoi(\"3\")\n\tprintln(tide)\n}\n",
        );
    }

    #[test]
    fn what_is_only_warned_of_is_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let <|>tide = 3;\n}\n",
            "warning: [unused_variables] unused variable: `tide`",
        );
    }

    #[test]
    fn the_next_line_asks_for_the_further_result() {
        check_among(
            &FAMILY,
            "go",
            "package main\n\nfunc find(code string) (float64, bool) {\n\treturn 3, true\n}\n\nfunc main() {\n\tfare <|>:= find(\"A1\")\n\tif fare != nil {\n\t\tprintln(fare)\n\t}\n}\n",
            "assignment mismatch: 1 variable but find returns 2 values",
            "package main\n\nfunc find(code string) (float64, bool) {\n\treturn 3, true\n}\n\nfunc main() {\n\tfare, ok := find(\"A1\")\n\tif ok {\n\t\tprintln(fare)\n\t}\n}\n",
        );
    }
}
