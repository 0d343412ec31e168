//! C#: a value whose parameter is `out` or `ref`, without the word.

use super::family::{Example, Family, Phases};
use super::shape::{call_at, parameters};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// The head of the function has the word.
const ASKED: Factor = evidence("the head of the function asks for the word", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "by-reference",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay {\n    int Go(string s) {\n        int n;\n        <|>int.TryParse(s, n);\n        return n;\n    }\n}\n",
        message: "[CS1502] The best overloaded method match for `int.TryParse(string, out int)' has some invalid arguments",
        after: "class Quay {\n    int Go(string s) {\n        int n;\n        int.TryParse(s, out n);\n        return n;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with mcs 6.8.
    let said = case.message.text.replace('`', "'");
    let told = said.split_once("method match for '").and_then(|(_, rest)| rest.split_once("' has"));
    let Some((path, list)) = told.and_then(|(head, _)| head.strip_suffix(')')?.split_once('('))
    else {
        return;
    };
    let name = path.rsplit('.').next().unwrap_or(path);
    // `Resize<int>`: the call does not say for which type.
    let name = name.split('<').next().unwrap_or(name);
    let words: Vec<Option<&str>> = list
        .split(", ")
        .map(|typed| ["out", "ref"].into_iter().find(|word| typed.starts_with(&format!("{word} "))))
        .collect();
    let line = lexed.on_line(lexed.code[case.token].line);
    for at in line.filter(|at| lexed.is(*at, name)) {
        let Some(call) = call_at(case, at + 1) else { continue };
        let declared = parameters(case, name).is_some() && lexed.is(call.close + 1, "{");
        if declared || call.arguments.len() != words.len() {
            continue;
        }
        let lacks = call.arguments.iter().zip(&words).filter_map(|((first, _), word)| {
            let word = word.filter(|word| !lexed.is(*first, word))?;
            Some(case.insert(lexed.code[*first].start, format!("{word} ")))
        });
        let edits: Vec<Edit> = lacks.collect();
        if !edits.is_empty() {
            all.push(Candidate::new(MistakeId::WrongArgument, ASKED, edits).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_value_with_its_word_is_left() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    void Go(int n) {\n        <|>Swap(ref n, ref n);\n    }\n}\n",
            "[CS1502] The best overloaded method match for `Quay.Swap(ref int, ref int)' has some invalid arguments",
        );
    }
}
