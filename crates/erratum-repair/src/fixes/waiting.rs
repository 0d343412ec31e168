//! `await` in a function that is not marked `async`.

use super::family::{Example, Family, Phases};
use super::shape::function_around;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// A function that waits for others is marked.
const WAITS: Factor = evidence("a function that waits is marked", 6.0);

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
    if !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let waits = lexed.on_line(lexed.code[case.token].line).find(|at| lexed.is(*at, "await"));
    let Some(function) = waits.and_then(|at| function_around(case, at)) else { return };
    // A function without a name may stand between, whose mark goes elsewhere.
    let nested = (function.open + 1..case.token).any(|at| {
        matches!(lexed.word(at), "=>" | "function")
            && lexed.is(at + 1, "{")
            && case.text.pairs.partner[at + 1].is_none_or(|close| close > case.token)
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

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const TSC: &str = "'await' expressions are only allowed within async functions and at the top levels of modules.";

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
