//! C#: sequences and delegates: `return` of one element in a method that gives a sequence, a sequence where one
//! element is wanted, and a delegate that says nothing of what it gives back.

use super::family::{Example, Family, Phases};
use super::shape::function_around;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// The method gives a sequence, and each value that it returns is one element.
const ONE_BY_ONE: Factor = evidence("each value is one element of what the method gives", 9.0);
/// One element of the sequence is wanted.
const FIRST: Factor = evidence("one element of the sequence is wanted", 5.5);
/// What the delegate gives back is asked for.
const ASKED: Factor = evidence("what the delegate gives back decides", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "sequences",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "using System.Collections.Generic;\nclass Quay {\n    List<string> all;\n    IEnumerable<string> Names() {\n        foreach (var name in all)\n            return <|>name;\n    }\n}\n",
        message: "[CS0029] Cannot implicitly convert type 'string' to 'System.Collections.Generic.IEnumerable<string>'",
        after: "using System.Collections.Generic;\nclass Quay {\n    List<string> all;\n    IEnumerable<string> Names() {\n        foreach (var name in all)\n            yield return name;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    // Seen with mcs 6.8.
    let said = &case.message.text;
    let types: Vec<&str> = said.split('\'').skip(1).step_by(2).collect();
    let of = |typed: &str| {
        let (_, rest) =
            typed.split_once("Enumerable<").or_else(|| typed.split_once("Queryable<"))?;
        rest.strip_suffix('>').map(str::to_owned)
    };
    if let ([from, to], true) = (&types[..], said.starts_with("Cannot implicitly convert type")) {
        if of(to).as_deref() == Some(*from) {
            one_by_one(case, all);
        } else if of(from).as_deref() == Some(*to) {
            first(case, all);
        }
    }
    if said.starts_with("Delegate 'System.Func<") && said.contains("does not take '1' arguments") {
        decides(case, all);
    }
}

/// `foreach (…) return name;` where all elements are wanted.
fn one_by_one(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(function) = function_around(case, case.token) else { return };
    let body = function.open..function.close.unwrap_or(lexed.code.len());
    let returns = body.filter(|at| lexed.is(*at, "return") && lexed.before(*at) != "yield");
    let edits: Vec<Edit> = returns.map(|at| case.insert(lexed.code[at].start, "yield ")).collect();
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::MissingWord, ONE_BY_ONE, edits).guess());
    }
}

/// `return all.OrderBy(b => b.Length);` where one boat is wanted.
fn first(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let end = case.statement_end(case.token);
    // What is named as several is all of them.
    let start = case.statement_start(case.token);
    let set = (start..end).find(|at| lexed.is(*at, "=")).and_then(|set| set.checked_sub(1));
    let several = set.is_some_and(|name| lexed.word(name).ends_with('s'));
    if lexed.is(end, ";") && lexed.before(end) == ")" && !several {
        let edit = case.insert(lexed.code[end].start, ".First()");
        all.push(Candidate::new(MistakeId::WrongType, FIRST, vec![edit]).guess());
    }
}

/// `Func<Boat> test` of which `if (test(boat))` asks.
fn decides(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let typed = (0..lexed.code.len())
        .find(|at| lexed.is(*at, "Func") && lexed.is(at + 1, "<") && lexed.is(at + 3, ">"));
    let Some(name) = typed.map(|at| at + 4) else { return };
    let asked = (name + 1..lexed.code.len()).any(|at| {
        lexed.is(at, lexed.word(name))
            && lexed.is(at + 1, "(")
            && (matches!(lexed.before(at), "!" | "&&" | "||")
                || lexed.before(at) == "(" && matches!(lexed.before(at - 1), "if" | "while"))
    });
    if asked {
        let edit = case.insert(lexed.code[name - 2].end, ", bool");
        all.push(Candidate::new(MistakeId::TypeArguments, ASKED, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn one_element_of_a_sequence_is_its_first() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    List<Boat> all;\n    Boat Longest() {\n        return <|>all.OrderBy(b => b.Length);\n    }\n}\n",
            "[CS0029] Cannot implicitly convert type 'System.Linq.IOrderedEnumerable<Boat>' to 'Boat'",
            "class Quay {\n    List<Boat> all;\n    Boat Longest() {\n        return all.OrderBy(b => b.Length).First();\n    }\n}\n",
        );
    }

    #[test]
    fn a_delegate_that_decides_gives_a_truth_value() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    Boat Find(Func<Boat> test) {\n        foreach (var b in all) if (<|>test(b)) return b;\n        return null;\n    }\n}\n",
            "[CS1593] Delegate 'System.Func<Boat>' does not take '1' arguments",
            "class Quay {\n    Boat Find(Func<Boat, bool> test) {\n        foreach (var b in all) if (test(b)) return b;\n        return null;\n    }\n}\n",
        );
    }

    #[test]
    fn another_type_is_no_element() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    IEnumerable<string> Names() {\n        return <|>3;\n    }\n}\n",
            "[CS0029] Cannot implicitly convert type 'int' to 'System.Collections.Generic.IEnumerable<string>'",
        );
    }
}
