//! Pascal: a property that reads itself, or a field without the letter in front of its name: `read Count` for
//! `read FCount`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::names::NameKind;

/// The class has a field of this name with the usual letter in front.
const FIELD: Factor = evidence("the class has a field of this name with a letter in front", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "read-field",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "type\n  TPump = class\n  private\n    FLevel: Integer;\n  public\n    property Level: Integer read <|>Level;\n  end;\n",
        message: "Unknown class field or method identifier \"Level\"",
        after: "type\n  TPump = class\n  private\n    FLevel: Integer;\n  public\n    property Level: Integer read FLevel;\n  end;\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with fpc 3.2.
    if !case.message.text.starts_with("Unknown class field or method identifier") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    if !line.clone().any(|at| lexed.is(at, "property")) {
        return;
    }
    let said = case.message.text.to_ascii_lowercase();
    for at in line.filter(|at| matches!(lexed.before(*at), "read" | "write")) {
        let word = lexed.word(at);
        if !said.contains(&format!("\"{word}\"")) {
            continue;
        }
        let mut fields = case.text.names.declared.iter().filter(|one| {
            matches!(one.kind, NameKind::Member | NameKind::Value)
                && one.token < at
                && lexed.word(one.token).strip_prefix('f') == Some(word)
        });
        if let (Some(field), None) = (fields.next(), fields.next()) {
            let token = lexed.code[field.token];
            let name = lexed.source.slice(token.start, token.end).into_owned();
            let edit = case.replace_token(at, name);
            all.push(Candidate::new(MistakeId::MisspeltName, FIELD, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_is_written_has_its_field_too() {
        check_fix(
            &FAMILY,
            "pascal",
            "type\n  TPump = class\n    FLevel: Integer;\n    property Level: Integer read FLevel write <|>Level;\n  end;\n",
            "Unknown class field or method identifier \"Level\"",
            "type\n  TPump = class\n    FLevel: Integer;\n    property Level: Integer read FLevel write FLevel;\n  end;\n",
        );
    }

    #[test]
    fn a_class_without_such_a_field_is_let_be() {
        check_no_fix(
            &FAMILY,
            "pascal",
            "type\n  TPump = class\n    FDepth: Integer;\n    property Level: Integer read <|>Level;\n  end;\n",
            "Unknown class field or method identifier \"Level\"",
        );
    }
}
