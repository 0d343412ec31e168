//! A value where true or false is wanted: `if (seats)`, `found && open`. In C, and in languages like it,
//! zero and nothing are false; here somebody has to ask.

use super::family::{Example, Family, Phases};
use super::shape::{operand_end, operand_start, type_of};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A number that is not zero counts as true elsewhere.
const NUMBER: Factor = weight("a number counts as true elsewhere", 4.5);
/// An object that is there counts as true elsewhere.
const OBJECT: Factor = weight("an object counts as true elsewhere", 4.5);
/// Whether something went wrong is asked.
const ERROR: Factor = weight("the value is an error", 7.0);
/// The type of the value is not known.
const TYPE_UNKNOWN: Factor = weight("its type is not known", -1.5);

pub(super) static FAMILY: Family = Family {
    id: "truth",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    int seats;\n    boolean open() {\n        if (<|>seats) return true;\n        return false;\n    }\n}\n",
        message: "incompatible types: int cannot be converted to boolean",
        after: "class Quay {\n    int seats;\n    boolean open() {\n        if (seats != 0) return true;\n        return false;\n    }\n}\n",
    },
};

/// What compilers say of it (seen with javac 17, mcs 6.8, go 1.19, rustc 1.95, scalac 2.11, ghc 9.0 and
/// fpc 3.2.2).
const SAID: &[&str] = &[
    "cannot be converted to boolean",
    "binary operator '&&'",
    "binary operator '||'",
    "unary operator '!'",
    "to 'bool'",
    "Operator '&&' cannot",
    "Operator '||' cannot",
    "The '!' operator cannot",
    "non-boolean condition",
    "operator && not defined",
    "operator || not defined",
    "operator ! not defined",
    "expected `bool`",
    "required: Boolean",
    "expected type 'Bool'",
    "expected \"Boolean\"",
];

/// Words and marks that a value which is asked follows.
const ASKS: &[&str] = &["if", "elsif", "while", "until", "&&", "||", "and", "or", "!", "not"];

/// What may stand behind such a value.
const ENDS: &[&str] = &["&&", "||", "and", "or", ")", "{", "then", "do", ";", "?"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let spans = case.message.spans.iter().map(|span| span.text.as_str());
    let mut told = spans.chain([case.message.text.as_str()]);
    if case.phase <= Phase::Syntax || !told.any(|told| SAID.iter().any(|said| told.contains(said)))
    {
        return;
    }
    let lexed = case.lexed();
    for word in lexed.on_line(lexed.code[case.token].line) {
        if ASKS.contains(&lexed.word(word).to_ascii_lowercase().as_str()) {
            ask(case, word, all);
        }
        // `seats ? 3 : 0`
        if lexed.is(word, "?") && word > 0 {
            let first = operand_start(case, word - 1);
            let before = lexed.before(first);
            if first > 0 && matches!(before, "=" | "(" | "return" | "," | ":") {
                ask(case, first - 1, all);
            }
        }
    }
}

/// Asks of the value behind a word.
fn ask(case: &Case, word: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let mut first = word + 1;
    while lexed.is(first, "(") {
        first += 1;
    }
    let Some(last) =
        operand_end(case, first).filter(|_| lexed.kind(first) == Some(TokenKind::Name))
    else {
        return;
    };
    let end = lexed.word(last + 1).to_ascii_lowercase();
    if !ENDS.contains(&end.as_str()) && lexed.code.get(last + 1).is_some_and(|next| !next.first) {
        return;
    }
    let Some((test, score)) = test(case, first, last) else { return };
    let (language, code) = (case.language(), &lexed.code);
    let unequal = match () {
        () if language.is_keyword("begin") => "<>",
        () if language.layout && language.applies_bare => "/=",
        () => "!=",
    };
    let refused = lexed.is(word, "!") && first == word + 1;
    let edits = match test {
        Test::Member(member) if !refused => vec![case.insert(code[last].end, member)],
        Test::Member(member) => vec![
            case.insert(code[last].end, member.replace("some", "none")),
            case.delete_token(word),
        ],
        Test::Differs(nothing) if refused => {
            vec![case.delete_token(word), case.insert(code[last].end, format!(" == {nothing}"))]
        }
        Test::Differs(nothing) => {
            vec![case.insert(code[last].end, format!(" {unequal} {nothing}"))]
        }
    };
    all.push(Candidate::new(MistakeId::ConditionValue, score, edits).guess());
}

/// How to ask whether a value is there.
enum Test {
    /// It differs from what stands for nothing.
    Differs(&'static str),
    /// By one of its members.
    Member(&'static str),
}

/// What a value is asked for by its type; nothing if that is true or false itself, or a text.
fn test(case: &Case, first: usize, last: usize) -> Option<(Test, crate::score::Score)> {
    let language = case.language();
    let typed = type_of(case, first, last);
    let usual = language.usual;
    // Go: by custom an error has this name.
    if language.receivers && first == last && case.lexed().is(first, "err") {
        return Some((Test::Differs("nil"), ERROR.into()));
    }
    let Some(typed) = typed else {
        let whole = told_type(case, |word| is_number(case, word));
        return whole.then(|| (Test::Differs("0"), NUMBER + TYPE_UNKNOWN));
    };
    let plain = typed.trim_start_matches("const ").trim();
    if plain == usual.truth || plain == usual.text {
        return None;
    }
    if is_number(case, plain) {
        return Some((Test::Differs("0"), NUMBER.into()));
    }
    if plain.starts_with("Option") && !language.binding_changes.is_empty() {
        return Some((Test::Member(".is_some()"), OBJECT.into()));
    }
    let base = plain.trim_start_matches('*');
    let declared = case.text.names.of(base).any(|one| one.kind == NameKind::Type);
    let empty = (language.empty_value)(plain);
    let nothing = ["null", "nil"].into_iter().find(|word| *word == empty)?;
    declared.then(|| (Test::Differs(nothing), OBJECT.into()))
}

/// Whether a word names a type of numbers.
fn is_number(case: &Case, word: &str) -> bool {
    let usual = case.language().usual;
    let known =
        ["int", "long", "short", "Int", "Long", "i32", "i64", "u32", "u64", "usize", "longint"];
    word.eq_ignore_ascii_case(usual.whole) || known.iter().any(|one| word.eq_ignore_ascii_case(one))
}

/// Whether the message names such a type.
fn told_type(case: &Case, of: impl Fn(&str) -> bool) -> bool {
    let mut words = case.message.text.split(|c: char| !c.is_alphanumeric() && c != '_');
    words.any(of)
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn an_object_is_asked_whether_it_is_there() {
        let text = "class Berth { boolean free() { return true; } }\nclass Quay {\n    boolean go(Berth found) {\n        return <|>found.free();\n    }\n    boolean all(Berth found) {\n        if (found <|>&& found.free()) return true;\n        return false;\n    }\n}\n";
        let text = text.replacen("<|>", "", 1);
        check_fix(
            &FAMILY,
            "java",
            &text,
            "bad operand types for binary operator '&&'",
            &text.replace("found <|>&&", "found != null &&"),
        );
        let text = "package main\n\ntype Berth struct{}\n\nfunc go(found *Berth) int {\n\tif <|>found {\n\t\treturn 1\n\t}\n\treturn 2\n}\n";
        check_fix(
            &FAMILY,
            "go",
            text,
            "non-boolean condition in if statement",
            &text.replace("<|>found", "found != nil"),
        );
    }

    #[test]
    fn what_is_not_there_is_asked_for_with_the_other_sign() {
        let text = "class Quay {\n    int seats;\n    int go() {\n        if (<|>!seats) return 1;\n        return 2;\n    }\n}\n";
        check_fix(
            &FAMILY,
            "java",
            text,
            "bad operand type int for unary operator '!'",
            &text.replace("<|>!seats", "seats == 0"),
        );
    }

    #[test]
    fn an_optional_value_has_a_member_for_it() {
        let text = "fn go(found: Option<u32>) -> u32 {\n    if <|>found {\n        1\n    } else {\n        2\n    }\n}\n";
        check_fix(
            &FAMILY,
            "rust",
            text,
            "[E0308] mismatched types: expected `bool`, found `Option<u32>`",
            &text.replace("<|>found", "found.is_some()"),
        );
    }

    #[test]
    fn a_text_may_be_asked_for_more_than_one_thing() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go(String pier) {\n        if (<|>pier) return 1;\n        return 2;\n    }\n}\n",
            "incompatible types: String cannot be converted to boolean",
        );
    }
}
