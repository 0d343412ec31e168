//! A member that is not visible from where it is used: the word that shows it.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;

/// A class in which nothing is shown.
const NOTHING_SHOWN: Factor = weight("nothing of the class is visible", 4.0);
/// The declaration of the member gives its word up for another.
const SHOWN: Factor = weight("the member is made visible", 1.5);

/// What compilers say of such a member (seen with gcc 12, clang 14, javac 17, mcs 6.8, tsc 5.9).
const SAID: &[&str] = &[
    "is private",
    "is inaccessible due to its protection level",
    "has private access",
    "is a private member",
    "is protected",
    "has protected access",
];

pub(super) static FAMILY: Family = Family {
    id: "visible",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "class Quay {\n    int boats() { return 3; }\n};\n\nint main() {\n    Quay quay;\n    return quay.<|>boats();\n}\n",
        message: "'int Quay::boats()' is private within this context",
        after: "class Quay {\npublic:\n    int boats() { return 3; }\n};\n\nint main() {\n    Quay quay;\n    return quay.boats();\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut seen: Vec<usize> = Vec::new();
    for at in line {
        for declared in case.text.names.of(lexed.word(at)) {
            let own =
                matches!(declared.kind, NameKind::Function | NameKind::Member | NameKind::Value);
            if own && !seen.contains(&declared.token) && declared.token != at {
                seen.push(declared.token);
                member(case, declared.token, all);
            }
        }
    }
}

fn member(case: &Case, declared: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let words = ["private", "protected"];
    let start = case.statement_start(declared);
    if let Some(word) = (start..declared).find(|at| words.contains(&lexed.word(*at)))
        && !lexed.is(word + 1, ":")
    {
        let edit = case.replace_token(word, "public");
        all.push(Candidate::new(MistakeId::NotAccessible, SHOWN, vec![edit]).guess());
        return;
    }
    let label = case.language().member_label;
    let Some(open) = case.text.pairs.block_of(lexed, declared).filter(|_| !label.is_empty()) else {
        return;
    };
    let header = lexed.on_line(lexed.code[open].line).start.min(open)..open;
    if !header.into_iter().any(|at| lexed.is(at, "class")) {
        return;
    }
    let close = case.text.pairs.partner[open].unwrap_or(lexed.code.len());
    let labelled = (open..close).any(|at| {
        let shows = matches!(lexed.word(at), "public" | "private" | "protected");
        shows && lexed.is(at + 1, ":") && at < declared
    });
    if !labelled {
        let source = &lexed.source;
        let line = lexed.code[open].line;
        let text = format!("{}{label}{}", source.indent_text(line), source.line_end_text());
        let edit = Edit::insert(case.file(), source.line_start(line + 1), text);
        all.push(Candidate::new(MistakeId::NotAccessible, NOTHING_SHOWN, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_private_method_is_shown() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    private int Boats() { return 3; }\n}\nclass Ferry {\n    int Go(Quay quay) { return quay.<|>Boats(); }\n}\n",
            "[CS0122] 'Quay.Boats()' is inaccessible due to its protection level",
            "class Quay {\n    public int Boats() { return 3; }\n}\nclass Ferry {\n    int Go(Quay quay) { return quay.Boats(); }\n}\n",
        );
    }

    #[test]
    fn a_private_field_is_shown() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    private int boats = 3;\n}\nclass Ferry {\n    int go(Quay quay) { return quay.<|>boats; }\n}\n",
            "boats has private access in Quay",
            "class Quay {\n    public int boats = 3;\n}\nclass Ferry {\n    int go(Quay quay) { return quay.boats; }\n}\n",
        );
    }

    #[test]
    fn a_member_behind_a_label_gets_no_second_one() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "class Quay {\npublic:\n    int boats() { return 3; }\nprivate:\n    int seats;\n};\n\nint go(Quay quay) {\n    return quay.<|>seats;\n}\n",
            "'int Quay::seats' is private within this context",
        );
    }

    #[test]
    fn a_field_of_a_class_without_labels_is_shown_with_the_rest() {
        check_among(
            &FAMILY,
            "cpp",
            "class Quay {\n    int seats;\n};\n\nint go(Quay quay) {\n    return quay.<|>seats;\n}\n",
            "'int Quay::seats' is private within this context",
            "class Quay {\npublic:\n    int seats;\n};\n\nint go(Quay quay) {\n    return quay.seats;\n}\n",
        );
    }

    #[test]
    fn an_unknown_member_is_no_hidden_one() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    private int boats = 3;\n    int go() { return <|>seats; }\n}\n",
            "cannot find symbol",
        );
    }
}
