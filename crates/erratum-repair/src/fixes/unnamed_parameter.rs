//! A parameter of which only the type is written, where the body uses it by a name: `int deep(int) { return
//! tide + 1; }`.

use super::family::{Example, Family, Phases};
use super::shape::{call_at, function_at, routine_name};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// One parameter has no name, and the body uses one that nothing declares.
const UNNAMED: Factor =
    evidence("one parameter has no name, and the body uses an unknown one", 10.0);

pub(super) static FAMILY: Family = Family {
    id: "unnamed-parameter",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int deep(int)\n{\n    return <|>tide + 1;\n}\n",
        message: "'tide' undeclared (first use in this function)",
        after: "int deep(int tide)\n{\n    return tide + 1;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    // Seen with javac 17 and mcs 6.8: the head itself does not read.
    let said = case.message.text.to_lowercase();
    let headless = case.phase <= Phase::Syntax && said.contains("identifier");
    let unknown = case.phase == Phase::Name && lexed.kind(case.token) == Some(TokenKind::Name);
    if !language.type_first || !(headless || unknown) {
        return;
    }
    let Some(function) = function_at(case, case.token) else { return };
    let Some(close) = function.close else { return };
    let open = routine_name(case, &function).map(|name| name + 1);
    let Some(head) = open.and_then(|open| call_at(case, open)) else { return };
    let bare = |(first, last): &&(usize, usize)| {
        let typed = lexed.word(*last);
        let own = || case.text.names.of(typed).any(|one| one.kind == NameKind::Type);
        let alone = (*first..*last)
            .all(|at| matches!(lexed.word(at), "const" | "struct" | "unsigned" | "final"));
        alone && typed != "void" && (language.is_type(typed) || own())
    };
    let mut unnamed = head.arguments.iter().filter(bare);
    let (Some((_, last)), None) = (unnamed.next(), unnamed.next()) else { return };
    let name = match unknown {
        true => lexed.word(case.token).to_owned(),
        false => {
            let lone = |at: &usize| {
                lexed.kind(*at) == Some(TokenKind::Name)
                    && !matches!(lexed.before(*at), "." | "->" | "::" | "new")
                    && !matches!(lexed.word(at + 1), "(" | "." | "::")
                    && lexed.word(*at).starts_with(char::is_lowercase)
                    && case.text.names.of(lexed.word(*at)).next().is_none()
            };
            let mut names: Vec<&str> =
                (function.open..close).filter(lone).map(|at| lexed.word(at)).collect();
            names.dedup();
            let [name] = names[..] else { return };
            name.to_owned()
        }
    };
    // What another place declares is out of reach, and no name of this one.
    if case.text.names.of(&name).any(|one| one.kind != NameKind::Member) {
        return;
    }
    let edit = case.insert(lexed.code[*last].end, format!(" {name}"));
    all.push(Candidate::new(MistakeId::MissingParameter, UNNAMED, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_head_that_does_not_read_gets_the_name_of_the_body() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    static double mean(double, int n<|>) {\n        return total / n;\n    }\n}\n",
            "<identifier> expected",
            "class Quay {\n    static double mean(double total, int n) {\n        return total / n;\n    }\n}\n",
        );
    }

    #[test]
    fn of_two_unnamed_ones_none_is_meant() {
        check_no_fix(
            &FAMILY,
            "c",
            "int deep(int, int)\n{\n    return <|>tide + 1;\n}\n",
            "'tide' undeclared (first use in this function)",
        );
    }
}
