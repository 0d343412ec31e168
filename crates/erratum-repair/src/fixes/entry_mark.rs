//! The mark between a key and its value, where a map is written out: `Map("quay" = 3)` for `"quay" -> 3`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A key in quotes stands before the mark, and the value behind it.
const KEY: Factor = evidence("a key in quotes stands before the mark", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "entry-mark",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "scala",
        before: "object Quay {\n  val depths = Map(\"quay\" -> 3, \"isle\" <|>= 7)\n}\n",
        message: "')' expected but '=' found.",
        after: "object Quay {\n  val depths = Map(\"quay\" -> 3, \"isle\" -> 7)\n}\n",
    },
};

/// The marks by which languages part a key from its value.
const MARKS: &[&str] = &["=", ":", "->", "=>", ":="];

/// What makes a map of the values in its brackets.
const MAKES: &[&str] = &["Map", "of", "TreeMap", "HashMap", "LinkedHashMap"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    let line = lexed.on_line(lexed.code[case.token].line);
    let entries = line.skip(2).filter(|at| {
        MARKS.contains(&lexed.word(*at))
            && lexed.kind(at - 1) == Some(TokenKind::Str)
            && matches!(lexed.before(at - 1), "(" | "{" | "," | "[")
    });
    for mark in entries {
        let Some(open) = case.text.pairs.inside_of(mark).filter(|open| *open > 0) else { continue };
        let made = lexed.is(open, "(") && MAKES.contains(&lexed.before(open));
        let braces = lexed.is(open, "{");
        let own = match () {
            () if language.calls_elements && made => "->",
            () if (language.receivers || language.object_required) && braces => ":",
            () if language.new_object == "new " && made && lexed.before(open) == "of" => ",",
            // `{{"quay": 3}, {"isle": 7}}`
            () if language.directives && braces && matches!(lexed.before(open), "{" | ",") => ",",
            () => continue,
        };
        if lexed.is(mark, own) {
            continue;
        }
        let token = lexed.code[mark];
        let close = lexed.code[mark - 1].end == token.start && own == "->";
        let text = if close { format!(" {own}") } else { own.to_owned() };
        let edit = Edit::replace(case.file(), token.start, token.end, text);
        all.push(Candidate::new(MistakeId::WrongMark, KEY, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn each_language_has_its_mark() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nvar depths = map[string]int{\"quay\" <|>= 3}\n",
            "syntax error: unexpected = in composite literal",
            "package quay\n\nvar depths = map[string]int{\"quay\" : 3}\n",
        );
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    Map<String, Integer> depths = Map.of(\"quay\"<|>: 3);\n}\n",
            "')' or ',' expected",
            "class Quay {\n    Map<String, Integer> depths = Map.of(\"quay\", 3);\n}\n",
        );
        check_fix(
            &FAMILY,
            "cpp",
            "std::map<std::string, int> depths = {{\"quay\"<|>: 3}};\n",
            "expected '}' before ':' token",
            "std::map<std::string, int> depths = {{\"quay\", 3}};\n",
        );
    }

    #[test]
    fn a_choice_between_texts_is_no_map() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    String go(boolean deep) {\n        return deep ? \"quay\" <|>: \"isle\"\n    }\n}\n",
            "';' expected",
        );
    }
}
