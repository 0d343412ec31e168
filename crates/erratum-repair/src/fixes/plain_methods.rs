//! A method asked of a value that has none: a number of Java, an array of C++ or Java.

use super::family::{Example, Family, Phases};
use super::shape::operand_start;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// The value is already what the method gives.
const ALREADY: Factor = evidence("the value is already what the method gives", 8.0);
/// A function gives what the method would give.
const BY_FUNCTION: Factor = evidence("a function gives what the method would give", 7.5);
/// The length of an array is no method.
const NO_METHOD: Factor = evidence("the length of an array is no method", 8.5);

/// The methods that give the plain number of an object.
const PLAIN: &[&str] = &["intValue", "longValue", "doubleValue", "floatValue"];

pub(super) static FAMILY: Family = Family {
    id: "plain-methods",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    int up(int n) {\n        return n.<|>intValue() + 1;\n    }\n}\n",
        message: "int cannot be dereferenced",
        after: "class Quay {\n    int up(int n) {\n        return n + 1;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with javac 17, g++ 12.
    let said = &case.message.text;
    let number = said.ends_with(" cannot be dereferenced") && !said.contains("[]");
    let array = said.starts_with("request for member '") && said.contains("non-class type '");
    let array = array && said.ends_with("]'");
    let remarks = case.message.notes.iter().map(|note| note.text.as_str());
    let mut lines = said.lines().chain(remarks);
    let of_array = said.starts_with("cannot find symbol")
        && lines.any(|line| line.trim().starts_with("location:") && line.trim().ends_with("[]"));
    let line = lexed.on_line(lexed.code[case.token].line);
    let calls = line.filter(|at| {
        lexed.is(*at, ".") && lexed.is(at + 2, "(") && lexed.is(at + 3, ")") && *at > 0
    });
    for dot in calls {
        let (method, close) = (lexed.word(dot + 1), dot + 3);
        let start = operand_start(case, dot - 1);
        let (from, to) = (lexed.code[start].start, lexed.code[close].end);
        let value = lexed.source.slice(from, lexed.code[dot - 1].end).into_owned();
        if number && PLAIN.contains(&method) {
            let edit = Edit::delete(case.file(), lexed.code[dot].start, to);
            all.push(Candidate::new(MistakeId::PlainValue, ALREADY, vec![edit]).guess());
        } else if number && method == "toString" {
            let edit = Edit::replace(case.file(), from, to, format!("String.valueOf({value})"));
            all.push(Candidate::new(MistakeId::PlainValue, BY_FUNCTION, vec![edit]).guess());
        } else if array && matches!(method, "size" | "length") {
            let edit = Edit::replace(case.file(), from, to, format!("std::size({value})"));
            all.push(Candidate::new(MistakeId::PlainValue, BY_FUNCTION, vec![edit]).guess());
        } else if of_array && matches!(method, "length" | "size") {
            let name = lexed.code[dot + 1].start;
            let edit = Edit::replace(case.file(), name, to, "length");
            all.push(Candidate::new(MistakeId::ForeignWord, NO_METHOD, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_number_becomes_a_text_by_a_function() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    String go(int[] all) {\n        return all[2].<|>toString();\n    }\n}\n",
            "int cannot be dereferenced",
            "class Quay {\n    String go(int[] all) {\n        return String.valueOf(all[2]);\n    }\n}\n",
        );
    }

    #[test]
    fn an_array_is_counted_by_a_function() {
        check_fix(
            &FAMILY,
            "cpp",
            "#include <iterator>\n\nint go() {\n    int all[3] = {1, 2, 3};\n    return all.<|>size();\n}\n",
            "request for member 'size' in 'all', which is of non-class type 'int [3]'",
            "#include <iterator>\n\nint go() {\n    int all[3] = {1, 2, 3};\n    return std::size(all);\n}\n",
        );
    }

    #[test]
    fn the_length_of_an_array_is_no_method() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go(int[] all) {\n        return all.<|>length();\n    }\n}\n",
            "cannot find symbol\n  symbol:   method length()\n  location: variable all of type int[]",
            "class Quay {\n    int go(int[] all) {\n        return all.length;\n    }\n}\n",
        );
    }

    #[test]
    fn a_method_of_an_object_is_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go(String all) {\n        return all.<|>size();\n    }\n}\n",
            "cannot find symbol\n  symbol:   method size()\n  location: variable all of type String",
        );
    }
}
