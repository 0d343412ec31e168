//! Pascal: whole numbers that are joined with texts: `FHour + ':' + FMinute`.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// Every number of the sum becomes a text.
const EACH: Factor = evidence("every number of the sum becomes a text", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "joined-numbers",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "program quay;\nuses SysUtils;\nvar\n  h, m: integer;\n  s: string;\nbegin\n  s := h <|>+ ':' + m;\nend.\n",
        message: "Operator is not overloaded: \"LongInt\" + \"Char\"",
        after: "program quay;\nuses SysUtils;\nvar\n  h, m: integer;\n  s: string;\nbegin\n  s := IntToStr(h) + ':' + IntToStr(m);\nend.\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with fpc 3.2.
    let said = &case.message.text;
    let text = ["\"Char\"", "\"Constant String\"", "String\""];
    if !said.starts_with("Operator is not overloaded: ")
        || !said.contains(" + ")
        || !text.iter().any(|text| said.contains(text))
    {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let beside = |at: usize| lexed.before(at) == "+" || lexed.is(at + 1, "+");
    let whole = |at: usize| {
        let typed = case.text.names.resolve(lexed, at).and_then(|declared| declared.typed);
        let typed = typed.map(|typed| text_of(case, typed).to_ascii_lowercase());
        typed.is_some_and(|typed| {
            matches!(
                typed.as_str(),
                "integer" | "longint" | "byte" | "word" | "int64" | "cardinal" | "smallint"
            )
        })
    };
    let names = line.filter(|at| {
        lexed.kind(*at) == Some(TokenKind::Name)
            && beside(*at)
            && !matches!(lexed.word(at + 1), "." | "(" | "[")
            && whole(*at)
    });
    let edits: Vec<_> = names
        .flat_map(|at| {
            [case.insert(lexed.code[at].start, "IntToStr("), case.insert(lexed.code[at].end, ")")]
        })
        .collect();
    if edits.len() > 2 {
        all.push(Candidate::new(MistakeId::MissingToString, EACH, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_single_number_is_for_others() {
        check_no_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  h: integer;\n  s: string;\nbegin\n  s := 'at ' <|>+ h;\nend.\n",
            "Operator is not overloaded: \"Constant String\" + \"LongInt\"",
        );
    }
}
