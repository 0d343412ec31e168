//! C++: habits of other languages at a call: a whole list for its two ends (`std::sort(all)`), `a.equals(b)`
//! for `a == b`, two places in one bracket (`grid[1, 2]`).

use super::family::{Example, Family, Phases};
use super::shape::call_at;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The functions of the library take the two ends of a list.
const TWO_ENDS: Factor = evidence("the function takes the two ends of a list", 7.0);
/// Values are compared by their mark.
const COMPARED: Factor = evidence("values are compared by their mark here", 7.0);
/// Each place has a bracket of its own.
const EACH_PLACE: Factor = evidence("the list is declared with a bracket for each place", 7.5);
/// What is written to is named first.
const STREAM_FIRST: Factor = evidence("what is written to is named first", 6.0);

/// What it holds is asked for with square brackets.
const IN_SQUARE: Factor =
    evidence("what a map or a list holds is asked for with square brackets", 7.5);

/// A stream in memory gives its text.
const ITS_TEXT: Factor = evidence("a stream in memory gives its text", 8.0);

/// A function with its types is called.
const CALLED: Factor = evidence("a function with its types is called", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "written-otherwise",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "void go(std::vector<int> all) {\n    std::<|>sort(all);\n}\n",
        message: "no matching function for call to 'sort(std::vector<int>&)'",
        after: "void go(std::vector<int> all) {\n    std::sort(all.begin(), all.end());\n}\n",
    },
};

/// Functions of the library that take the two ends of a list first.
const ENDS: &[&str] = &[
    "sort",
    "stable_sort",
    "reverse",
    "find",
    "count",
    "count_if",
    "find_if",
    "accumulate",
    "max_element",
    "min_element",
    "for_each",
    "unique",
    "shuffle",
    "all_of",
    "any_of",
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Java: a plain number has no methods (seen with javac 17).
    if case.message.text.ends_with("cannot be dereferenced") {
        let line = lexed.on_line(lexed.code[case.token].line);
        let call = line.into_iter().find(|at| lexed.is(*at, "equals"));
        call.into_iter().for_each(|at| compared(case, at, all));
    }
    if !lexed.language.directives {
        return;
    }
    let said = &case.message.text;
    let line = lexed.on_line(lexed.code[case.token].line);
    text_of_stream(case, all);
    for at in line {
        if said.contains("no matching function for call to") {
            two_ends(case, at, all);
        }
        if said.contains("no match for call to '(std::") && lexed.is(at, "(") {
            element(case, at, all);
        }
        if said.contains("has no member named 'equals'") && lexed.is(at, "equals") {
            compared(case, at, all);
        }
        if said.contains("cannot resolve overloaded function '") && lexed.is(at, "<") {
            uncalled(case, at, all);
        }
        if lexed.is(at, "[") {
            each_place(case, at, all);
        }
        if lexed.is(at, "fprintf") && said.contains("argument") {
            stream_first(case, at, all);
        }
    }
}

/// `std::sort(all)`.
fn two_ends(case: &Case, at: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let own = case.text.names.of(lexed.word(at)).any(|one| one.kind == NameKind::Function);
    let own = own && lexed.before(at) != "::";
    if !ENDS.contains(&lexed.word(at)) || matches!(lexed.before(at), "." | "->") || own {
        return;
    }
    let Some(call) = call_at(case, at + 1) else { return };
    let Some(&(first, last)) = call.arguments.first() else { return };
    let name = first == last && lexed.kind(first) == Some(TokenKind::Name);
    if name && call.arguments.len() <= 2 {
        let list = lexed.word(first);
        let edit = case.replace_token(first, format!("{list}.begin(), {list}.end()"));
        all.push(Candidate::new(MistakeId::CallMismatch, TWO_ENDS, vec![edit]).guess());
    }
}

/// `return out;` of a stream in memory where its text is wanted (seen with g++ 12).
fn text_of_stream(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = case.message.text.replace(['‘', '’'], "'");
    let Some((name, rest)) =
        said.strip_prefix("could not convert '").and_then(|rest| rest.split_once("' from '"))
    else {
        return;
    };
    let stream = rest.contains("stringstream");
    let text = rest.split_once("to '").is_some_and(|(_, wanted)| wanted.contains("string"));
    let line = lexed.on_line(lexed.code[case.token].line);
    let at = line.into_iter().find(|at| lexed.is(*at, name) && lexed.is(at + 1, ";"));
    if let Some(at) = at.filter(|_| stream && text) {
        let edit = case.insert(lexed.code[at].end, ".str()");
        all.push(Candidate::new(MistakeId::MissingToString, ITS_TEXT, vec![edit]).guess());
    }
}

/// `seats(zone)` of what is a map or a list.
fn element(case: &Case, open: usize, all: &mut Vec<Candidate>) {
    let said = &case.message.text;
    let typed = said.split("'(std::").nth(1).and_then(|rest| rest.split('<').next());
    let holds = matches!(typed, Some("map" | "unordered_map" | "vector" | "deque" | "array"));
    let call = call_at(case, open).filter(|call| holds && call.arguments.len() == 1);
    let known = |call: &super::shape::Call| {
        let declared = case.text.names.resolve(case.lexed(), call.name);
        declared.is_some_and(|one| one.kind != NameKind::Function && one.token != call.name)
    };
    if let Some(call) = call.filter(known) {
        let edits = vec![case.replace_token(call.open, "["), case.replace_token(call.close, "]")];
        all.push(Candidate::new(MistakeId::ElementForm, IN_SQUARE, edits).guess());
    }
}

/// `return std::make_unique<Quay>;`
fn uncalled(case: &Case, at: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let named = case.message.text.split('\'').nth(1) == Some(lexed.before(at));
    let line = lexed.on_line(lexed.code[at].line);
    let end = (at..line.end).find(|at| lexed.is(at + 1, ";") && lexed.is(*at, ">"));
    if let Some(end) = end.filter(|_| named) {
        let edit = case.insert(lexed.code[end].end, "()");
        all.push(Candidate::new(MistakeId::Uncalled, CALLED, vec![edit]).guess());
    }
}

/// `code.equals(other)`.
fn compared(case: &Case, at: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(call) = call_at(case, at + 1) else { return };
    let Some(dot) = at.checked_sub(1).filter(|at| matches!(lexed.word(*at), "." | "->")) else {
        return;
    };
    if call.arguments.len() == 1 && !lexed.is(dot.saturating_sub(1), ")") {
        let edits = vec![
            Edit::replace(case.file(), lexed.code[dot].start, lexed.code[call.open].end, " == "),
            Edit::delete(case.file(), lexed.code[call.close].start, lexed.code[call.close].end),
        ];
        all.push(Candidate::new(MistakeId::ForeignWord, COMPARED, edits).guess());
    }
}

/// `grid[1, 2]` of what is declared as `grid[3][4]`.
fn each_place(case: &Case, open: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(name) = open.checked_sub(1) else { return };
    let Some(close) = case.text.pairs.partner_of(open) else { return };
    let inside = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
    let commas: Vec<usize> =
        (open + 1..close).filter(inside).filter(|at| lexed.is(*at, ",")).collect();
    let declared = case.text.names.resolve(lexed, name).map(|one| one.token);
    let two = declared.is_some_and(|at| {
        let end = case.text.pairs.partner_of(at + 1);
        at != name && lexed.is(at + 1, "[") && end.is_some_and(|end| lexed.is(end + 1, "["))
    });
    if let ([comma], true) = (&commas[..], two) {
        let end = lexed.code.get(comma + 1).map_or(lexed.code[*comma].end, |next| next.start);
        let edit = Edit::replace(case.file(), lexed.code[*comma].start, end, "][");
        all.push(Candidate::new(MistakeId::ElementForm, EACH_PLACE, vec![edit]).guess());
    }
}

/// `fprintf("lost\n")`.
fn stream_first(case: &Case, at: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(call) = call_at(case, at + 1) else { return };
    let text =
        call.arguments.first().is_some_and(|(first, _)| lexed.kind(*first) == Some(TokenKind::Str));
    if text {
        let edit = case.insert(lexed.code[call.open].end, "stderr, ");
        all.push(Candidate::new(MistakeId::MissingArgument, STREAM_FIRST, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_stream_in_memory_gives_its_text() {
        check_fix(
            &FAMILY,
            "cpp",
            "#include <sstream>\nstd::string go() {\n    std::ostringstream out;\n    return <|>out;\n}\n",
            "could not convert 'out' from 'std::ostringstream' to 'std::string'",
            "#include <sstream>\nstd::string go() {\n    std::ostringstream out;\n    return out.str();\n}\n",
        );
    }

    #[test]
    fn what_a_map_holds_is_asked_for_in_its_brackets() {
        check_fix(
            &FAMILY,
            "cpp",
            "#include <map>\nint go() {\n    std::map<int, int> seats;\n    return seats<|>(3);\n}\n",
            "no match for call to '(std::map<int, int>) (int)'",
            "#include <map>\nint go() {\n    std::map<int, int> seats;\n    return seats[3];\n}\n",
        );
    }

    #[test]
    fn values_are_compared_by_their_mark() {
        check_fix(
            &FAMILY,
            "cpp",
            "bool go(std::string a, std::string b) {\n    if (a.<|>equals(b)) return true;\n    return false;\n}\n",
            "'std::string' {aka 'class std::__cxx11::basic_string<char>'} has no member named 'equals'",
            "bool go(std::string a, std::string b) {\n    if (a == b) return true;\n    return false;\n}\n",
        );
    }

    #[test]
    fn each_place_has_a_bracket() {
        check_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int grid[3][2];\n    grid[1, <|>0] = 4;\n}\n",
            "assignment to expression with array type",
            "int main(void) {\n    int grid[3][2];\n    grid[1][0] = 4;\n}\n",
        );
    }

    #[test]
    fn a_list_of_one_bracket_has_one_place() {
        check_no_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int row[3];\n    row[1, <|>0] = 4;\n}\n",
            "assignment to expression with array type",
        );
    }

    #[test]
    fn a_function_of_the_program_is_left() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "void sort(int a, int b) {}\nvoid go(std::vector<int> all) {\n    <|>sort(all);\n}\n",
            "no matching function for call to 'sort(std::vector<int>&)'",
        );
    }
}
