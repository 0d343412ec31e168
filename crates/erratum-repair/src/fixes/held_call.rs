//! C#: a method that is named in a text, and not called: `$"{Hours} h"`. The text is one token.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The message says that a method stands there.
const METHOD: Factor = evidence("the text names a method without calling it", 9.0);

/// The message says that it is no method.
const PROPERTY: Factor = evidence("the text calls what is no method", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "held-call",
    recipes: &[],
    phases: Phases::Late,
    within_text: true,
    propose,
    example: Example {
        language: "csharp",
        before: "class Pilot {\n    int Hours() { return 3; }\n    string Tell() { return <|>$\"{Hours} h\"; }\n}\n",
        message: "[CS0029] Cannot implicitly convert type 'method group' to 'object'",
        after: "class Pilot {\n    int Hours() { return 3; }\n    string Tell() { return $\"{Hours()} h\"; }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with mcs 6.8.
    let spare = case.message.text.contains("cannot be used as method or delegate");
    if !case.message.text.contains("method group") && !spare {
        return;
    }
    let functions = case.text.names.declared.iter().filter(|one| one.kind == NameKind::Function);
    let names: Vec<&str> = functions.map(|one| lexed.word(one.token)).collect();
    let line = lexed.on_line(lexed.code[case.token].line);
    for at in line.filter(|at| lexed.kind(*at) == Some(TokenKind::Str)) {
        let token = &lexed.code[at];
        let text = lexed.text(token);
        // A text that is not UTF-8 has other places in it.
        if text.len() != token.end - token.start {
            continue;
        }
        for (start, _) in text.match_indices('{') {
            let inner = &text[start + 1..];
            // `{boat.Name()}` of a property: what is called is none.
            let call = inner.find("()}").filter(|end| spare && !inner[..*end].contains('}'));
            if let Some(end) = call {
                let from = token.start + start + 1 + end;
                let edit = Edit::delete(case.file(), from, from + 2);
                all.push(Candidate::new(MistakeId::NotCallable, PROPERTY, vec![edit]).guess());
            }
            if spare {
                continue;
            }
            let end = inner.find(['}', ':', ',']).unwrap_or(0);
            let (held, name) = (&inner[..end], inner[..end].rsplit('.').next().unwrap_or(""));
            let plain = held.chars().all(|c| c.is_alphanumeric() || c == '_' || c == '.');
            if plain && names.contains(&name) {
                let place = token.start + start + 1 + end;
                let edit = Edit::insert(case.file(), place, "()");
                all.push(Candidate::new(MistakeId::Uncalled, METHOD, vec![edit]).guess());
            }
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_property_is_not_called() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Pilot {\n    string Name { get; set; }\n    string Tell() { return <|>$\"{Name()} h\"; }\n}\n",
            "[CS1955] The member 'Pilot.Name' cannot be used as method or delegate",
            "class Pilot {\n    string Name { get; set; }\n    string Tell() { return $\"{Name} h\"; }\n}\n",
        );
    }

    #[test]
    fn a_value_is_left() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Pilot {\n    int Hours;\n    string Tell() { return <|>$\"{Hours} h\"; }\n}\n",
            "[CS0029] Cannot implicitly convert type 'method group' to 'object'",
        );
    }
}
