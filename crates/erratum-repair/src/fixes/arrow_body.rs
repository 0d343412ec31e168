//! C#: an arrow and a block: `string Longest => { … }` and `int Total() => { … }` want one of the two. What C# 8
//! added, mcs 6.8 does not read: `string?`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// Behind an arrow stands one value, and here stands a block.
const BLOCK: Factor = evidence("a block stands behind an arrow", 9.0);
/// What a property gives stands in a part of its own.
const GIVES: Factor = evidence("what a property gives stands in a part of its own", 9.0);
/// A text may be nothing anyway.
const MAY_BE_NOTHING: Factor = evidence("what is no plain value may be nothing anyway", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "arrow-body",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay {\n    public int Total() =>\n    <|>{\n        return 3;\n    }\n}\n",
        message: "[CS1519] Unexpected symbol '{' in class, struct, or interface member declaration",
        after: "class Quay {\n    public int Total()\n    {\n        return 3;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    // Seen with mcs 6.8.
    let said = &case.message.text;
    if said.contains("Unexpected symbol '{'")
        && let Some(open) = [case.token, case.token + 1].into_iter().find(|at| lexed.is(*at, "{"))
        && lexed.before(open) == "=>"
        && open > 1
        && let Some(close) = pairs.partner_of(open)
    {
        let (from, to) = (lexed.code[open - 2].end, lexed.code[open - 1].end);
        let mut edits = vec![Edit::delete(case.file(), from, to)];
        if !lexed.is(open - 2, ")") {
            edits.push(case.insert(lexed.code[open].end, " get {"));
            edits.push(case.insert(lexed.code[close].start, "} "));
        }
        if lexed.is(close + 1, ";") {
            let end = &lexed.code[close + 1];
            edits.push(Edit::delete(case.file(), end.start, end.end));
        }
        all.push(Candidate::new(MistakeId::ExtraMark, BLOCK, edits).guess());
    }
    if said.contains("must have at least one accessor") || said.contains("get or set accessor") {
        let line = lexed.on_line(lexed.code[case.token].line);
        let open = line.into_iter().find(|at| lexed.opens_block(*at) && lexed.is(at + 1, "return"));
        if let Some((open, close)) = open.and_then(|open| Some((open, pairs.partner_of(open)?))) {
            let edits = vec![
                case.insert(lexed.code[open].end, " get {"),
                case.insert(lexed.code[close].start, "} "),
            ];
            all.push(Candidate::new(MistakeId::BodyRules, GIVES, edits).guess());
        }
    }
    if said.contains("must be a non-nullable value type") {
        let line = lexed.on_line(lexed.code[case.token].line);
        let mark = line.into_iter().find(|at| {
            lexed.is(*at, "?") && *at > 0 && lexed.kind(at + 1) == Some(TokenKind::Name)
        });
        if let Some(mark) = mark {
            let edit = Edit::delete(case.file(), lexed.code[mark].start, lexed.code[mark].end);
            all.push(Candidate::new(MistakeId::ExtraMark, MAY_BE_NOTHING, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn a_property_with_a_block_has_a_part_for_its_value() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    public int Total => <|>{\n        return 3;\n    };\n}\n",
            "[CS1519] Unexpected symbol '{' in class, struct, or interface member declaration",
            "class Quay {\n    public int Total { get {\n        return 3;\n    } }\n}\n",
        );
    }

    #[test]
    fn what_a_property_gives_stands_in_its_own_part() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    public int <|>this[string name] { return 3; }\n}\n",
            "[CS0548] 'Quay.this[string]': property or indexer must have at least one accessor",
            "class Quay {\n    public int this[string name] { get { return 3; } }\n}\n",
        );
    }

    #[test]
    fn a_text_may_be_nothing() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    void Go() {\n        <|>string? name = null;\n    }\n}\n",
            "[CS0453] The type 'string' must be a non-nullable value type in order to use it as type parameter 'T' in the generic type or method 'System.Nullable<T>'",
            "class Quay {\n    void Go() {\n        string name = null;\n    }\n}\n",
        );
    }
}
