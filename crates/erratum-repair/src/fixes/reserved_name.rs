//! A word of the language as the name of a variable, a parameter or a function: `int class = 3`.

use super::family::{Example, Family, Phases};
use super::shape::function_at;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// Where a name is declared, a word of the language stands.
const DECLARED: Factor = evidence("a word of the language is declared as a name", 10.0);

/// Words that stand for a value, wherever they stand.
const VALUES: &[&str] =
    &["this", "super", "self", "base", "null", "nil", "true", "false", "None", "nullptr"];

/// Words that go with a type or the head of a function, behind it.
const BEHIND_TYPES: &[&str] =
    &["const", "volatile", "noexcept", "override", "final", "throws", "where"];

/// Words before a name that is declared.
const DECLARING: &[&str] =
    &["let", "mut", "var", "val", "const", "def", "fn", "func", "function", "procedure"];

/// Words of Haskell that only start a line of their own.
const STARTERS: &[&str] =
    &["type", "class", "data", "instance", "module", "import", "newtype", "default"];

/// Words of Go that start a type.
const TYPES_OF_GO: &[&str] = &["chan", "func", "map", "struct", "interface"];

pub(super) static FAMILY: Family = Family {
    id: "reserved-name",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    int twice(int <|>class) {\n        return class * 2;\n    }\n}\n",
        message: "<identifier> expected",
        after: "class Quay {\n    int twice(int class_) {\n        return class_ * 2;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.phase > Phase::Syntax {
        return;
    }
    let reported = lexed.code[case.token].line;
    let line = lexed.on_line(reported);
    // Some compilers point at the line behind.
    let before = line.start.checked_sub(1).map(|at| lexed.on_line(lexed.code[at].line));
    let tokens = line.chain(before.into_iter().flatten());
    let Some(name) = tokens.into_iter().find(|at| is_declared(case, *at)) else { return };
    // A function is known outside of itself, too.
    let own = |open: usize| open < name || !lexed.is(name + 1, "(");
    let function = function_at(case, name).filter(|function| own(function.open));
    let end = function.and_then(|function| function.close).unwrap_or(lexed.code.len());
    let word = lexed.word(name);
    let uses = (name + 1..end).filter(|at| lexed.is(*at, word) && is_used(case, *at));
    let written = lexed.text(&lexed.code[name]);
    // In Scala a `:` right behind the mark would be a part of the name.
    let new = match case.language().calls_elements {
        true => format!("{written}Value"),
        false => format!("{written}_"),
    };
    let edits: Vec<Edit> =
        std::iter::once(name).chain(uses).map(|at| case.replace_token(at, new.as_str())).collect();
    all.push(Candidate::new(MistakeId::ReservedName, DECLARED, edits).guess());
}

/// Whether a word of the language stands where a name is declared.
fn is_declared(case: &Case, at: usize) -> bool {
    let (lexed, language) = (case.lexed(), case.language());
    let word = lexed.word(at);
    let Some(before) = at.checked_sub(1) else { return false };
    // fpc 3.2 keeps more words for itself than people know of.
    let told = format!("\"identifier\" expected but \"{}\" found", word.to_uppercase());
    let reserved = lexed.kind(at) == Some(TokenKind::Keyword) || case.message.text.contains(&told);
    if !reserved || VALUES.contains(&word) {
        return false;
    }
    let next = lexed.word(at + 1);
    if language.applies_bare {
        return STARTERS.contains(&word) && in_equation(case, at);
    }
    // A loop or a choice below a line that lacks its end is one.
    let heads = matches!(word, "for" | "while" | "if" | "switch" | "catch" | "match" | "return");
    if heads && lexed.code[at].first && matches!(next, "(" | ";") {
        return false;
    }
    let ends = matches!(next, "=" | ":=" | ";" | "," | ")" | "[" | "(" | ":");
    let in_round = case.text.pairs.inside_of(at).is_some_and(|open| lexed.is(open, "("));
    if DECLARING.contains(&lexed.word(before)) && lexed.kind(before) == Some(TokenKind::Keyword) {
        let modifier = matches!(word, "mut" | "fn" | "enum" | "function");
        return ends && !modifier && word != "operator";
    }
    if language.type_first {
        // `operator=(` of C++ is the head of a function.
        let operator = word == "operator" && (next != "=" || lexed.is(at + 2, "("));
        let typed = matches!(lexed.kind(before), Some(TokenKind::Name))
            || language.is_type(lexed.word(before))
            || matches!(lexed.word(before), "]" | "*");
        let manifold = language.directives && language.is_type(word);
        return typed && ends && !operator && !manifold && !BEHIND_TYPES.contains(&word);
    }
    let starts = matches!(lexed.word(before), "(" | ",")
        || language.parted_parameters && lexed.is(before, ";");
    if language.receivers {
        let parameter = in_round && starts && !TYPES_OF_GO.contains(&word) && in_header(case, at);
        let typed = lexed.kind(at + 1) == Some(TokenKind::Name) || language.is_type(next);
        return parameter && typed || lexed.code[at].first && next == ":=";
    }
    let section = !language.variable_section.is_empty()
        && (lexed.code[at].first || lexed.is(before, ","))
        && case.message.text.contains("\"identifier\" expected");
    in_round && starts && next == ":" || section && matches!(next, ":" | ",")
}

/// Go: whether a bracket is that of a function's head.
fn in_header(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let open = case.text.pairs.inside_of(at);
    open.is_some_and(|open| {
        lexed.before(open) == "func" || open > 1 && lexed.before(open - 1) == "func"
    })
}

/// Haskell: whether a word stands between the name of an equation and its mark, or behind `let`.
fn in_equation(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[at].line);
    let set = line.clone().find(|one| lexed.is(*one, "="));
    let named = lexed.kind(line.start) == Some(TokenKind::Name);
    let behind = lexed.before(at) == "let" && lexed.is(at + 1, "=");
    let own = lexed.code[at].first && matches!(lexed.word(at + 1), "=" | "<-");
    behind || own || named && at > line.start && set.is_some_and(|set| at < set)
}

/// Whether a word stands where only a value can.
fn is_used(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let before = lexed.word(at - 1);
    let first = lexed.code[at].first;
    let marks = ["::", ":", "=>", "->", "."];
    let op = |at: usize| lexed.kind(at) == Some(TokenKind::Op) && !marks.contains(&lexed.word(at));
    let listed = before == ":" && matches!(lexed.word(at + 1), "," | "}" | ")");
    let starts = op(at - 1) && !matches!(before, ";" | ")")
        || matches!(before, "(" | "[" | "," | "=" | "return" | "if" | "while" | "in")
        || listed
        || case.language().applies_bare && lexed.kind(at - 1) == Some(TokenKind::Name);
    let alone = lexed.code.get(at + 1).is_none_or(|next| next.first);
    let set = op(at + 1) && !matches!(lexed.word(at + 1), ";" | ",");
    let applied = case.language().applies_bare
        && matches!(lexed.kind(at + 1), Some(TokenKind::Name | TokenKind::Number | TokenKind::Str));
    let ends =
        set || applied || matches!(lexed.word(at + 1), ")" | "]" | "," | ";" | "." | "}") || alone;
    starts && ends || first && set
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_variable_of_rust() {
        check_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let <|>type = 3;\n    let x = match 4 { _ => type };\n    println!(\"{}\", type + x);\n}\n",
            "expected identifier, found keyword `type`",
            "fn main() {\n    let type_ = 3;\n    let x = match 4 { _ => type };\n    println!(\"{}\", type_ + x);\n}\n",
        );
    }

    #[test]
    fn a_parameter_of_typescript() {
        check_fix(
            &FAMILY,
            "typescript",
            "function f(<|>in: number) {\n  for (const k in {}) { k; }\n  return in;\n}\n",
            "Identifier expected. 'in' is a reserved word that cannot be used here.",
            "function f(in_: number) {\n  for (const k in {}) { k; }\n  return in_;\n}\n",
        );
    }

    #[test]
    fn a_loop_below_a_line_without_its_end_is_no_name() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "int main() {\n    cout << tide << endl\n    <|>for (int i = 0; i < 3; i++ {\n    }\n}\n",
            "expected ';' before 'for'",
        );
    }

    #[test]
    fn a_parameter_of_go() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc twice(<|>type int) int {\n\treturn type * 2\n}\n",
            "syntax error: unexpected type, expecting )",
            "package quay\n\nfunc twice(type_ int) int {\n\treturn type_ * 2\n}\n",
        );
    }

    #[test]
    fn a_pattern_of_haskell() {
        check_fix(
            &FAMILY,
            "haskell",
            "low :: Int -> Int\nlow <|>type = max type 1\n",
            "parse error on input 'type'",
            "low :: Int -> Int\nlow type_ = max type_ 1\n",
        );
    }

    #[test]
    fn a_variable_of_pascal() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  n, <|>Label: integer;\nbegin\n  Label := 3;\n  WriteLn(Label);\nend.\n",
            "Syntax error, \"identifier\" expected but \"LABEL\" found",
            "program quay;\nvar\n  n, Label_: integer;\nbegin\n  Label_ := 3;\n  WriteLn(Label_);\nend.\n",
        );
    }

    #[test]
    fn words_in_their_place_are_left() {
        for (language, text) in [
            ("cpp", "struct A {\n    A& operator=(const A& o)<|>\n    int f() const;\n};\n"),
            (
                "csharp",
                "class A {\n    int F(A a) { foreach (A b in all) <|>return new A(a); }\n}\n",
            ),
            ("typescript", "const a = { b: 1, class: 2 <|>};\n"),
            ("go", "package quay\n\nfunc f(chan int<|>, map[string]int) {}\n"),
        ] {
            check_no_fix(&FAMILY, language, text, "syntax error");
        }
    }
}
