//! C#: what a `static` class holds is `static`, too.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// Each member of a `static` class is so.
const STATIC_CLASS: Factor = evidence("each member of a static class is so", 7.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "static-member",
    recipes: &[],
    phases: Phases::Late,
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
    if !case.message.text.contains("cannot declare instance members in a static class") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut own = case.text.names.declared.iter().filter(|one| line.contains(&one.token));
    if let Some((first, _)) = own.find_map(|one| one.typed) {
        let edit = case.insert(lexed.code[first].start, "static ");
        all.push(Candidate::new(MistakeId::MissingStatic, STATIC_CLASS, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

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
