//! `await` in a function that is not marked `async`, and a promised value that nobody waits for.

use super::family::{Example, Family, Phases};
use super::shape::function_around;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A function that waits for others is marked.
const WAITS: Factor = evidence("a function that waits is marked", 6.0);

/// What is promised is used as if it were there.
const NOT_AWAITED: Factor = evidence("what is promised is waited for", 7.0);

/// The type of a promised value, as messages write it (tsc 5.9, mcs 6.8).
const PROMISED: &[&str] = &["'Promise<", "Tasks.Task<"];

/// What compilers say of it (seen with tsc 5.9, mcs 6.8, rustc 1.95).
const SAID: &[&str] = &[
    "'await' expressions are only allowed within async functions",
    "operator can only be used when its containing",
    "`await` is only allowed inside `async` functions",
];

pub(super) static FAMILY: Family = Family {
    id: "waiting",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "async function load(): Promise<number> {\n  return 3;\n}\nfunction show() {\n  const n = <|>await load();\n  console.log(n);\n}\n",
        message: "'await' expressions are only allowed within async functions and at the top levels of modules.",
        after: "async function load(): Promise<number> {\n  return 3;\n}\nasync function show() {\n  const n = await load();\n  console.log(n);\n}\n",
    },
};

/// Words that may stand before the name of a function, behind its mark.
const BEFORE_NAME: &[&str] = &["function", "fn", "unsafe", "extern"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    awaited(case, all);
    if !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let waits = lexed.on_line(lexed.code[case.token].line).find(|at| lexed.is(*at, "await"));
    let Some(function) = waits.and_then(|at| function_around(case, at)) else { return };
    // A function without a name may stand between, whose mark goes elsewhere.
    let nested = (function.open + 1..case.token).any(|at| {
        matches!(lexed.word(at), "=>" | "function")
            && lexed.is(at + 1, "{")
            && case.text.pairs.partner_of(at + 1).is_none_or(|close| close > case.token)
    });
    if nested {
        return;
    }
    let name = (0..function.parameters_close).rev().find(|at| {
        case.text.names.declared.iter().any(|declared| declared.token == *at)
            && (lexed.is(at + 1, "(") || lexed.is(at + 1, "<"))
    });
    let Some(name) = name else { return };
    let mut first = name;
    // Where the type stands in front of the name, the mark stands before the type.
    if case.language().type_first
        && let Some((typed, _)) = function.returns
    {
        first = typed;
    }
    while first > 0 && BEFORE_NAME.contains(&lexed.word(first - 1)) {
        first -= 1;
    }
    let edit = case.insert(lexed.code[first].start, "async ");
    // What calls it gets a promise then.
    all.push(Candidate::new(MistakeId::AwaitRules, WAITS, vec![edit]).guess());
}

/// `plan(days)` where `days` is only promised: what makes it is waited for, in a function that may.
fn awaited(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let promised = PROMISED.iter().find_map(|mark| case.message.text.find(mark));
    // The type that is found stands first.
    let wanted = case.message.text.find("assignable to").or(case.message.text.find("' to `"));
    let Some(promised) = promised else { return };
    if wanted.is_some_and(|wanted| wanted < promised) {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let names = (case.token..line.end).chain(line.start..case.token);
    for at in names.filter(|at| lexed.kind(*at) == Some(TokenKind::Name)) {
        let made = match case.text.names.resolve(lexed, at) {
            // The value is there under a name: it is waited for where it is made.
            Some(declared) if declared.kind == NameKind::Value && declared.token != at => {
                let end = case.statement_end(declared.token);
                let mark = (declared.token..end).find(|at| lexed.is(*at, "="));
                // `response.json()`: what was waited for is asked for more.
                let waited = mark.is_some_and(|mark| lexed.is(mark + 1, "await"));
                let asked = lexed.is(at + 1, ".") && lexed.is(at + 3, "(");
                match waited {
                    true => Some(at).filter(|_| asked && lexed.before(at) != "await"),
                    false => mark.map(|mark| mark + 1),
                }
            }
            _ if lexed.is(at + 1, "(") && !matches!(lexed.before(at), "." | "await" | "new") => {
                Some(at)
            }
            _ => None,
        };
        let Some(made) = made else { continue };
        let end = case.statement_end(made);
        let calls =
            (made..end).any(|at| lexed.is(at, "(")) && lexed.kind(made) == Some(TokenKind::Name);
        let may_wait = function_around(case, made).is_some_and(|function| {
            let start = case.statement_start(function.parameters_close);
            (start..function.parameters_close).any(|at| lexed.is(at, "async"))
        });
        if calls && may_wait {
            let edit = case.insert(lexed.code[made].start, "await ");
            let candidate = Candidate::new(MistakeId::MissingWord, NOT_AWAITED, vec![edit]);
            // A function of the library stands behind a dot: what it gives back is not in the text.
            all.push(if made == at && lexed.is(at + 1, ".") {
                candidate.guess()
            } else {
                candidate
            });
            return;
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const TSC: &str = "'await' expressions are only allowed within async functions and at the top levels of modules.";

    #[test]
    fn what_was_waited_for_may_have_to_be_waited_for_again() {
        check_fix(
            &FAMILY,
            "typescript",
            "async function load(path: string): Promise<string[]> {\n  const answer = await fetch(path);\n  const all: string[] = <|>answer.json();\n  return all;\n}\n",
            "[TS2740] Type 'Promise<any>' is missing the following properties from type 'string[]': length, pop, push, concat, and 29 more.",
            "async function load(path: string): Promise<string[]> {\n  const answer = await fetch(path);\n  const all: string[] = await answer.json();\n  return all;\n}\n",
        );
    }

    #[test]
    fn a_method_is_marked_before_its_name() {
        check_fix(
            &FAMILY,
            "typescript",
            "class Quay {\n  private n = 0;\n  show(port: string) {\n    this.n = <|>await load(port);\n  }\n}\n",
            TSC,
            "class Quay {\n  private n = 0;\n  async show(port: string) {\n    this.n = await load(port);\n  }\n}\n",
        );
    }

    #[test]
    fn a_function_of_rust_is_marked_before_fn() {
        check_fix(
            &FAMILY,
            "rust",
            "async fn load() -> u32 {\n    3\n}\nfn show() {\n    load().<|>await;\n}\n",
            "[E0728] `await` is only allowed inside `async` functions and blocks",
            "async fn load() -> u32 {\n    3\n}\nasync fn show() {\n    load().await;\n}\n",
        );
    }

    #[test]
    fn the_mark_stands_before_the_type() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    static void Show() {\n        <|>await Load();\n    }\n}\n",
            "[CS4033] The 'await' operator can only be used when its containing method is marked with the 'async' modifier",
            "class Quay {\n    static async void Show() {\n        await Load();\n    }\n}\n",
        );
    }

    #[test]
    fn what_is_promised_is_waited_for_where_it_is_made() {
        check_fix(
            &FAMILY,
            "typescript",
            "async function main() {\n  const days = remaining(\"Petrel\");\n  show(plan(<|>days));\n}\n",
            "[TS2345] Argument of type 'Promise<number>' is not assignable to parameter of type 'number'.",
            "async function main() {\n  const days = await remaining(\"Petrel\");\n  show(plan(days));\n}\n",
        );
        check_fix(
            &FAMILY,
            "typescript",
            "async function main() {\n  const days: number = <|>remaining(3);\n}\n",
            "[TS2322] Type 'Promise<number>' is not assignable to type 'number'.",
            "async function main() {\n  const days: number = await remaining(3);\n}\n",
        );
    }

    #[test]
    fn who_may_not_wait_does_not() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function main() {\n  const days: number = <|>remaining(3);\n}\n",
            "[TS2322] Type 'Promise<number>' is not assignable to type 'number'.",
        );
        check_no_fix(
            &FAMILY,
            "typescript",
            "async function load(): Promise<number> {\n  return <|>count(3);\n}\n",
            "[TS2322] Type 'string' is not assignable to type 'Promise<number>'.",
        );
    }

    #[test]
    fn a_function_without_a_name_is_left() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function show() {\n  ports.forEach(p => {\n    <|>await load(p);\n  });\n}\n",
            TSC,
        );
    }

    #[test]
    fn waiting_outside_of_all_functions_is_left() {
        check_no_fix(&FAMILY, "typescript", "const n = <|>await load();\n", TSC);
    }

    #[test]
    fn another_message_is_for_others() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function show() {\n  <|>await laod();\n}\n",
            "Cannot find name 'laod'.",
        );
    }
}
