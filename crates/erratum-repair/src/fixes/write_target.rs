//! Rust: `write!` without what it writes to, in a function that has it: `write!("{}", self.depth)`.

use super::family::{Example, Family, Phases};
use super::shape::{function_around, parameters_at};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The function around has one parameter to write to.
const TARGET: Factor = evidence("the function is given what it writes to", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "write-target",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "impl fmt::Display for Buoy {\n    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {\n        write!(\"{}\", <|>self.depth)\n    }\n}\n",
        message: "format argument must be a string literal",
        after: "impl fmt::Display for Buoy {\n    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {\n        write!(f, \"{}\", self.depth)\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with rustc 1.95.
    let said = &case.message.text;
    let told =
        ["format argument must be a string literal", "cannot write into", "requires a destination"];
    if !case.language().borrows || !told.iter().any(|words| said.contains(words)) {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for open in line.filter(|at| *at > 1 && lexed.is(*at, "(") && lexed.is(*at - 1, "!")) {
        let writes = matches!(lexed.word(open - 2), "write" | "writeln");
        if !writes || lexed.kind(open + 1) != Some(TokenKind::Str) {
            continue;
        }
        let Some(around) = function_around(case, open) else { continue };
        let head = (0..around.open).rev().find(|at| lexed.is(*at, "fn"));
        let list = head.and_then(|head| (head..around.open).find(|at| lexed.is(*at, "(")));
        let Some(parameters) = list.and_then(|open| parameters_at(case, open)) else { continue };
        let to = |typed: &str| {
            ["Formatter", "Write", "&mut String", "File"].iter().any(|one| typed.contains(one))
        };
        let mut targets = parameters.iter().filter(|(typed, _)| to(typed));
        if let (Some((_, name)), None) = (targets.next(), targets.next()) {
            let edit = case.insert(lexed.code[open + 1].start, format!("{name}, "));
            all.push(Candidate::new(MistakeId::MissingArgument, TARGET, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_function_without_a_target_has_none_to_give() {
        let text = "fn show(depth: u32) {\n    write!(\"{}\", <|>depth)\n}\n";
        check_no_fix(&FAMILY, "rust", text, "format argument must be a string literal");
    }
}
