//! Java: `try` with nothing behind it, a declaration as the whole body of a loop, and an array with both a
//! length and its values.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// What goes wrong is caught and shown.
const CAUGHT: Factor = weight("what goes wrong is caught and shown", 5.0);
/// The values tell the length.
const TOLD_LENGTH: Factor = evidence("the values tell how many there are", 8.0);

/// What is caught has a name.
const NAMED: Factor = evidence("what is caught has a name", 7.0);
/// Each length has a bracket of its own.
const EACH_LENGTH: Factor = evidence("each length of an array has a bracket of its own", 7.5);

pub(super) static FAMILY: Family = Family {
    id: "java-blocks",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    int[] all = new int<|>[3]{1, 2, 3};\n}\n",
        message: "array creation with both dimension expression and initialization is illegal",
        after: "class Quay {\n    int[] all = new int[]{1, 2, 3};\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with javac 17.
    let said = &case.message.text;
    if !case.language().is_keyword("throws") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    if said.starts_with("array creation with both dimension expression and initialization") {
        for open in line.clone().filter(|at| lexed.is(*at, "[")) {
            let close = case.text.pairs.partner_of(open);
            if let Some(close) = close.filter(|close| *close > open + 1 && lexed.is(close + 1, "{"))
            {
                let (from, to) = (lexed.code[open].end, lexed.code[close].start);
                let edit = Edit::delete(case.file(), from, to);
                all.push(Candidate::new(MistakeId::ArraySize, TOLD_LENGTH, vec![edit]).guess());
            }
        }
    }
    if said.starts_with("'try' without 'catch'") {
        let Some(word) = line.clone().find(|at| lexed.is(*at, "try")) else { return };
        let close = lexed.is(word + 1, "{").then(|| case.text.pairs.partner_of(word + 1)).flatten();
        if let Some(close) = close {
            let indent = lexed.source.line_text(lexed.code[word].line);
            let indent: String = indent.chars().take_while(|c| c.is_whitespace()).collect();
            let text =
                format!(" catch (Exception e) {{\n{indent}    e.printStackTrace();\n{indent}}}");
            let edit = case.insert(lexed.code[close].end, text);
            all.push(Candidate::new(MistakeId::ExceptionRules, CAUGHT, vec![edit]).guess());
        }
    }
    if said.contains("expected") {
        let word = line.clone().find(|at| lexed.is(*at, "catch") && lexed.is(at + 1, "("));
        let close = word.and_then(|word| case.text.pairs.partner_of(word + 1));
        if let (Some(word), Some(close)) = (word, close)
            && close == word + 3
        {
            let edit = case.insert(lexed.code[close - 1].end, " e");
            all.push(Candidate::new(MistakeId::ExceptionRules, NAMED, vec![edit]).guess());
        }
        for comma in line.clone().filter(|at| lexed.is(*at, ",")) {
            let open = case.text.pairs.inside_of(comma).filter(|open| lexed.is(*open, "["));
            let made = open.is_some_and(|open| open > 1 && lexed.is(open - 2, "new"));
            let asked = open.is_some_and(|open| of_lists(case, open - 1));
            if (made || asked) && lexed.code.get(comma + 1).is_some() {
                let (from, to) = (lexed.code[comma].start, lexed.code[comma + 1].start);
                let edit = Edit::replace(case.file(), from, to, "][");
                all.push(Candidate::new(MistakeId::ElementForm, EACH_LENGTH, vec![edit]).guess());
            }
        }
    }
}

/// Whether a name is declared as a list of lists: `double[][] fares`.
fn of_lists(case: &Case, name: usize) -> bool {
    let typed = case.text.names.resolve(case.lexed(), name).and_then(|one| one.typed);
    typed.is_some_and(|typed| text_of(case, typed).ends_with("[][]"))
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn what_goes_wrong_is_caught() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        <|>try {\n            sail();\n        }\n    }\n}\n",
            "'try' without 'catch', 'finally' or resource declarations",
            "class Quay {\n    void go() {\n        try {\n            sail();\n        } catch (Exception e) {\n            e.printStackTrace();\n        }\n    }\n}\n",
        );
    }
}
