//! C#: what a `static` class holds is `static`, too, and a method that extends another type.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// Each member of a `static` class is so.
const STATIC_CLASS: Factor = evidence("each member of a static class is so", 7.5);

/// A method that extends another type is so.
const EXTENDS: Factor = evidence("a method that extends another type is static", 9.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "static-member",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "static class Tools {\n    public void <|>Show(int n) { }\n}\n",
        message: "[CS0708] `Tools.Show(int)': cannot declare instance members in a static class",
        after: "static class Tools {\n    public static void Show(int n) { }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with mcs 6.8.
    let said = &case.message.text;
    let extends = said.contains("Extension methods must be declared static");
    if !extends && !said.contains("cannot declare instance members in a static class") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut own = case.text.names.declared.iter().filter(|one| line.contains(&one.token));
    if let Some((first, _)) = own.find_map(|one| one.typed) {
        let edit = case.insert(lexed.code[first].start, "static ");
        let why = if extends { EXTENDS } else { STATIC_CLASS };
        let candidate = Candidate::new(MistakeId::MissingStatic, why, vec![edit]);
        all.push(if extends { candidate.guess() } else { candidate });
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn a_method_that_extends_is_static() {
        check_fix(
            &FAMILY,
            "csharp",
            "static class Pans {\n    public double <|>Mean(this Pan pan) { return 3; }\n}\n",
            "[CS1105] `Pans.Mean(this Pan)': Extension methods must be declared static",
            "static class Pans {\n    public static double Mean(this Pan pan) { return 3; }\n}\n",
        );
    }

    #[test]
    fn another_message_is_left() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "static class Tools {\n    public void <|>Show(int n) { }\n}\n",
            "[CS0103] The name `tide' does not exist in the current context",
        );
    }
}
