//! A value of a map is asked for with another one in case there is none: `fares.get(port, 0)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// Another method takes both.
const BOTH: Factor = evidence("another method takes a value for a missing one", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "or-default",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    Map<String, Integer> fares;\n    int go(String port) {\n        return fares<|>.get(port, 0);\n    }\n}\n",
        message: "method get in interface Map<K,V> cannot be applied to given types;",
        after: "class Quay {\n    Map<String, Integer> fares;\n    int go(String port) {\n        return fares.getOrDefault(port, 0);\n    }\n}\n",
    },
};

/// What the message says of the call, and how it is written: another name of the method, or what parts the
/// value for a missing one from the call (seen with javac 17, scalac 2.11, tsc 5.9, mcs 6.8).
const FORMS: &[(&str, &str, Form)] = &[
    ("method get in interface Map<", "get", Form::Name("getOrDefault")),
    ("method get in class HashMap<", "get", Form::Name("getOrDefault")),
    ("method get in class TreeMap<", "get", Form::Name("getOrDefault")),
    ("too many arguments for method get: (key: ", "get", Form::Name("getOrElse")),
    ("Expected 1 arguments, but got 2.", "get", Form::Behind(" ?? ")),
];

/// How the second value is given.
enum Form {
    /// By a method of another name.
    Name(&'static str),
    /// Behind the call, after a mark.
    Behind(&'static str),
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    // What the program declares may take what it likes.
    if case.text.names.of("get").next().is_some() {
        return;
    }
    for (_, method, form) in FORMS.iter().filter(|(said, ..)| case.message.text.contains(said)) {
        for name in line.clone().filter(|at| lexed.is(*at, method) && lexed.before(*at) == ".") {
            let close = case.text.pairs.partner_of(name + 1).filter(|_| lexed.is(name + 1, "("));
            let Some(close) = close.filter(|close| *close > name + 1) else { continue };
            let own = |at: &usize| case.text.pairs.inside_of(*at) == Some(name + 1);
            let commas: Vec<usize> =
                (name + 2..close).filter(own).filter(|at| lexed.is(*at, ",")).collect();
            let ([comma], true) = (&commas[..], close > name + 3) else { continue };
            let edits = match form {
                Form::Name(other) => vec![case.replace_token(name, *other)],
                Form::Behind(mark) => {
                    let (from, to) = (lexed.code[*comma].start, lexed.code[close].end);
                    let value =
                        lexed.source.slice(lexed.code[comma + 1].start, lexed.code[close].start);
                    vec![Edit::replace(case.file(), from, to, format!("){mark}{value}"))]
                }
            };
            all.push(Candidate::new(MistakeId::ExtraArgument, BOTH, edits).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_mark_stands_behind_the_call() {
        check_fix(
            &FAMILY,
            "typescript",
            "const fares = new Map<string, number>();\nconst one = fares.get(\"quay\", <|>0);\n",
            "[TS2554] Expected 1 arguments, but got 2.",
            "const fares = new Map<string, number>();\nconst one = fares.get(\"quay\") ?? 0;\n",
        );
    }

    #[test]
    fn one_value_is_enough() {
        check_no_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  val one = fares<|>.get(3)\n}\n",
            "too many arguments for method get: (key: Int)Option[Int]",
        );
    }
}
