//! C++: a stream that is asked in the wrong direction (`cin << tide`), and a method that is called with
//! square brackets (`tides.push_back[3]`).

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A stream is only read, or only written.
const ONE_WAY: Factor = evidence("the stream goes the other way", 7.0);
/// What goes to a stream is parted by its own mark.
const TO_STREAM: Factor = evidence("what goes to a stream is parted by `<<`", 7.0);
/// Two values stand side by side in what goes to a stream.
const GAP: Factor = evidence("two values stand side by side in what goes to a stream", 8.5);
/// A stream ends its line with `endl`.
const LINE_ENDS: Factor = weight("a stream ends its line with `endl`", 6.0);
/// A method is called with round brackets.
const CALLED: Factor = evidence("a method is called with round brackets", 6.5);

pub(super) static FAMILY: Family = Family {
    id: "streams",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "#include <iostream>\nint main() {\n    int tide;\n    std::cin <|><< tide;\n}\n",
        message: "no match for 'operator<<' (operand types are 'std::istream' {aka 'std::basic_istream<char>'} and 'int')",
        after: "#include <iostream>\nint main() {\n    int tide;\n    std::cin >> tide;\n}\n",
    },
};

/// What a message says, the mark that stands there and the one that belongs there (seen with g++ 12 and
/// clang 14).
const DIRECTIONS: &[(&str, &str, &str)] = &[
    ("istream", "<<", ">>"),
    ("ifstream", "<<", ">>"),
    ("ostream", ">>", "<<"),
    ("ofstream", ">>", "<<"),
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    gaps(case, all);
    parted(case, all);
    line_end(case, all);
    let said = &case.message.text;
    let line = lexed.on_line(lexed.code[case.token].line);
    if said.contains("operand") && said.contains("stream") {
        for (stream, wrong, right) in DIRECTIONS {
            let left = said.split(" and ").next().is_some_and(|left| left.contains(stream));
            let marks: Vec<usize> = line.clone().filter(|at| lexed.is(*at, wrong)).collect();
            // A text cannot be read: there the stream is the wrong one.
            let text = line.clone().any(|at| lexed.kind(at) == Some(TokenKind::Str));
            let reads = line.clone().find(|at| lexed.is(*at, "cin"));
            if let Some(stream) = reads.filter(|_| left && text && *wrong == "<<") {
                let edit = case.replace_token(stream, "cout");
                all.push(Candidate::new(MistakeId::MisspeltName, ONE_WAY, vec![edit]).guess());
            } else if left && !marks.is_empty() {
                let edits = marks.iter().map(|at| case.replace_token(*at, *right)).collect();
                all.push(Candidate::new(MistakeId::WrongMark, ONE_WAY, edits));
            }
        }
    }
    if said.contains("for array subscript") && said.contains("function type") {
        for open in line.filter(|at| lexed.is(*at, "[")) {
            let name = open.wrapping_sub(1);
            let method = lexed.kind(name) == Some(TokenKind::Name)
                && matches!(lexed.before(name), "." | "->");
            let Some(close) = case.text.pairs.partner_of(open).filter(|_| method) else { continue };
            let edits = vec![case.replace_token(open, "("), case.replace_token(close, ")")];
            all.push(Candidate::new(MistakeId::MismatchedBracket, CALLED, edits));
        }
    }
}

/// `cout << "low ", tide << endl`.
fn parted(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let stream = |at: &usize| matches!(lexed.word(*at), "cout" | "cerr" | "clog");
    let writes = |at: usize| lexed.is(at + 1, "<<");
    let told = case.message.text.contains("operator<<");
    let Some(start) = line.clone().find(|at| told && stream(at) && writes(*at)) else { return };
    let level = case.text.pairs.inside_of(start);
    let marks = (start..line.end)
        .filter(|at| lexed.is(*at, ",") && case.text.pairs.inside_of(*at) == level);
    let edits: Vec<_> = marks
        .map(|at| {
            let gap = if lexed.code[at].start > lexed.code[at - 1].end { "" } else { " " };
            case.replace_token(at, format!("{gap}<<"))
        })
        .collect();
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::WrongMark, TO_STREAM, edits));
    }
}

/// `cout << "low " tide << endl`: two values stand side by side in what goes to a stream.
fn gaps(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let stream = |at: &usize| matches!(lexed.word(*at), "cout" | "cerr" | "clog");
    let told = case.message.text.starts_with("expected ") && lexed.language.directives;
    let Some(start) = line.clone().find(|at| stream(at) && lexed.is(at + 1, "<<")) else { return };
    let level = case.text.pairs.inside_of(start);
    let value = |at: usize| {
        let kinds = [TokenKind::Name, TokenKind::Number, TokenKind::Str, TokenKind::Char];
        lexed.kind(at).is_some_and(|kind| kinds.contains(&kind))
    };
    let edits: Vec<_> = (start + 2..line.end)
        .filter(|at| {
            let own = case.text.pairs.inside_of(*at) == level;
            let text = [at - 1, *at].iter().any(|at| lexed.kind(*at) == Some(TokenKind::Str));
            // Two texts side by side are one.
            let both = [at - 1, *at].iter().all(|at| lexed.kind(*at) == Some(TokenKind::Str));
            own && value(*at) && (value(*at - 1) || lexed.is(*at - 1, ")")) && text && !both
        })
        .map(|at| case.insert(lexed.code[at].start, "<< "))
        .collect();
    if told && !edits.is_empty() {
        all.push(Candidate::new(MistakeId::MissingMark, GAP, edits).guess());
    }
}

/// `<< end;` where nothing is called so.
fn line_end(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    // `std::endl()`: it is handed on, and not called (seen with g++ 12).
    if case.message.text.starts_with("no matching function for call to 'endl(") {
        let called = line.clone().find(|at| lexed.is(*at, "endl") && lexed.is(at + 1, "("));
        if let Some(at) = called.filter(|at| lexed.is(at + 2, ")")) {
            let (start, end) = (lexed.code[at + 1].start, lexed.code[at + 2].end);
            let edit = Edit::delete(case.file(), start, end);
            all.push(Candidate::new(MistakeId::ExtraBracket, LINE_ENDS, vec![edit]).guess());
        }
        return;
    }
    let written = |at: usize| at > 1 && lexed.is(at - 1, "::") && lexed.before(at - 2) == "<<";
    let ends = |at: &usize| {
        let behind = lexed.before(*at) == "<<" || written(*at);
        lexed.is(*at, "end") && lexed.is(at + 1, ";") && behind
    };
    // With the whole namespace there it is a function of the library.
    let function = case.message.text.contains("<unresolved overloaded function type>");
    let there = if function { line.into_iter().find(ends) } else { Some(case.token).filter(ends) };
    let Some(at) = there else { return };
    if (case.phase == Phase::Name || function) && case.text.names.of("end").next().is_none() {
        let edit = match written(at) {
            true => case.replace_token(at, "endl"),
            false => case.replace_token(at, case.written_here(at, "std::endl")),
        };
        all.push(Candidate::new(MistakeId::MisspeltName, LINE_ENDS, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn an_end_that_is_a_function_ends_no_line() {
        check_fix(
            &FAMILY,
            "cpp",
            "#include <iostream>\nusing namespace std;\nint main() {\n    <|>cout << \"low\" << end;\n}\n",
            "no match for 'operator<<' (operand types are 'std::basic_ostream<char>' and '<unresolved overloaded function type>')",
            "#include <iostream>\nusing namespace std;\nint main() {\n    cout << \"low\" << endl;\n}\n",
        );
    }

    #[test]
    fn what_ends_a_line_is_not_called() {
        check_fix(
            &FAMILY,
            "cpp",
            "#include <iostream>\nint main() {\n    std::cout << 3 << std::<|>endl();\n}\n",
            "no matching function for call to 'endl()'",
            "#include <iostream>\nint main() {\n    std::cout << 3 << std::endl;\n}\n",
        );
        check_fix(
            &FAMILY,
            "cpp",
            "#include <iostream>\nint main() {\n    std::cout << 3 <|><< std::end;\n}\n",
            "no match for 'operator<<' (operand types are 'std::basic_ostream<char>' and '<unresolved overloaded function type>')",
            "#include <iostream>\nint main() {\n    std::cout << 3 << std::endl;\n}\n",
        );
    }

    #[test]
    fn what_goes_to_a_stream_has_its_marks() {
        check_fix(
            &FAMILY,
            "cpp",
            "#include <iostream>\nint main() {\n    int tide = 2;\n    std::cout << \"low \" <|>tide << \" m\" << std::endl;\n}\n",
            "expected ';' before 'tide'",
            "#include <iostream>\nint main() {\n    int tide = 2;\n    std::cout << \"low \" << tide << \" m\" << std::endl;\n}\n",
        );
    }

    #[test]
    fn the_end_of_a_line_is_named_as_the_file_names_things() {
        check_fix(
            &FAMILY,
            "cpp",
            "using namespace std;\nint main() {\n    cout << 3 << <|>end;\n}\n",
            "'end' was not declared in this scope",
            "using namespace std;\nint main() {\n    cout << 3 << endl;\n}\n",
        );
    }

    #[test]
    fn a_stream_that_is_written_goes_the_other_way() {
        check_fix(
            &FAMILY,
            "cpp",
            "int main() {\n    std::cout <|>>> \"low\" >> 3;\n}\n",
            "no match for 'operator>>' (operand types are 'std::ostream' {aka 'std::basic_ostream<char>'} and 'const char [4]')",
            "int main() {\n    std::cout << \"low\" << 3;\n}\n",
        );
    }

    #[test]
    fn what_goes_to_a_stream_is_parted_by_its_mark() {
        check_fix(
            &FAMILY,
            "cpp",
            "int go(int tide, int low) {\n    std::cout << \"tide \", tide <|><< std::max(tide, low), std::endl;\n}\n",
            "invalid operands of types 'int' and '<unresolved overloaded function type>' to binary 'operator<<'",
            "int go(int tide, int low) {\n    std::cout << \"tide \" << tide << std::max(tide, low) << std::endl;\n}\n",
        );
    }

    #[test]
    fn a_stream_ends_its_line() {
        check_fix(
            &FAMILY,
            "cpp",
            "int main() {\n    std::cout << 3 << <|>end;\n}\n",
            "'end' was not declared in this scope; did you mean 'std::end'?",
            "int main() {\n    std::cout << 3 << std::endl;\n}\n",
        );
    }

    #[test]
    fn a_text_cannot_be_read() {
        check_fix(
            &FAMILY,
            "cpp",
            "int main() {\n    std::cin <|><< \"low\";\n}\n",
            "no match for 'operator<<' (operand types are 'std::istream' {aka 'std::basic_istream<char>'} and 'const char [4]')",
            "int main() {\n    std::cout << \"low\";\n}\n",
        );
    }

    #[test]
    fn what_a_stream_cannot_write_is_another_mistake() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "int main() {\n    std::cout <|><< boat;\n}\n",
            "no match for 'operator<<' (operand types are 'std::ostream' {aka 'std::basic_ostream<char>'} and 'Boat')",
        );
    }

    #[test]
    fn a_method_is_called_with_round_brackets() {
        check_fix(
            &FAMILY,
            "cpp",
            "void up(std::vector<int>& tides) {\n    tides.<|>push_back[3];\n}\n",
            "invalid types '<unresolved overloaded function type>[int]' for array subscript",
            "void up(std::vector<int>& tides) {\n    tides.push_back(3);\n}\n",
        );
    }

    #[test]
    fn a_number_that_is_indexed_is_another_mistake() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "int up(int tide) {\n    return tide<|>[3];\n}\n",
            "invalid types 'int[int]' for array subscript",
        );
    }
}
