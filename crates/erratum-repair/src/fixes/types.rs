//! Values of one type where another is wanted: the declaration, the value, or a conversion.

use super::family::{Example, Family, Phases};
use super::shape::{
    Function, calls_near, function_around, function_at, function_of, parameter_of, text_of, type_of,
};
use super::{Candidate, Case, weights as w};
use crate::score::{Factor, Score, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;
use erratum_syntax::spelling::edit_distance;

/// A condition that assigns was to compare.
const COMPARISON: Factor = weight("a condition assigns", 4.0);
/// A statement that only compares was to assign.
const ASSIGNMENT: Factor = weight("a statement compares", 3.5);
/// A comparison on the line above the reported one.
const LINE_ABOVE: Factor = weight("it stands on the line above", -1.0);
/// A value that a format speaks of.
const FORMAT_VALUE: Factor = weight("a value of the format", -0.5);
/// The value handed on may be the one with the wrong declaration.
const VALUE_ITSELF: Factor = weight("the value that is handed on", -1.0);
/// If several calls complain of a parameter, it is to blame.
const CALLS_COMPLAIN: Factor = weight("calls that complain of the parameter", 1.0);
/// Several errors about one declaration speak against it, up to three more.
const BLAMED: Factor = weight("further errors about the declaration", 1.0);
/// A declaration that is given a real number.
const HOLDS_REAL: Factor = weight("it is given a real number", 3.0);
/// An operand with one of the types that disagree.
const OPERAND: Factor = weight("an operand of a type that disagrees", -0.5);
/// A name that is used as a pointer and not declared as one.
const POINTER: Factor = weight("it is used as a pointer", 2.0);
/// A name that is given an address.
const ALLOCATED: Factor = weight("it is given an address", 1.5);
/// A name that is followed to what it points at.
const FOLLOWED: Factor = weight("it is followed", 1.5);
/// What holds a plain value is plain, if it was so before.
const PLAIN_OF_BOXED: Factor = weight("the plain type of what was found", 2.5);
/// The type that the message says it found.
const FOUND_TYPE: Factor = weight("the type that was found", 1.5);
/// A real number was found.
const REAL_FOUND: Factor = weight("a real number was found", 2.0);
/// A whole number was found.
const WHOLE_FOUND: Factor = weight("a whole number was found", 1.0);
/// A text was found.
const TEXT_FOUND: Factor = weight("a text was found", 0.5);
/// The same as a text that can grow.
const GROWING_TEXT: Factor = weight("a text that can grow", 0.0);
/// A value of yes or no was found.
const TRUTH_FOUND: Factor = weight("yes or no was found", 0.5);
/// Nothing says so, but a real number is the commonest.
const PERHAPS_REAL: Factor = weight("it may be a real number", -1.0);
/// Nothing says so, but it may be a text.
const PERHAPS_TEXT: Factor = weight("it may be a text", -1.5);
/// Nothing says so, but it may be a whole number.
const PERHAPS_WHOLE: Factor = weight("it may be a whole number", -2.0);
/// The message points at the literal.
const POINTED_AT: Factor = weight("the message points at it", 1.0);
/// Each token between the literal and the reported place.
const AWAY: Factor = weight("tokens from the reported place", -0.2);
/// A number or a known name in quotes.
const QUOTED: Factor = weight("a number or a name in quotes", 2.5);
/// A text of one letter was to be a letter.
const ONE_LETTER: Factor = weight("it holds one letter", 1.0);
/// Several letters between the quotes of one.
const MANY_LETTERS: Factor = weight("it holds several letters", 1.5);
/// Cutting something off loses what the learner wrote.
const CUT: Factor = weight("it cuts something off", -1.5);
/// A real number without its fraction.
const WHOLE_PART: Factor = weight("the whole part of a real number", 0.0);
/// A whole number where a real one is wanted.
const MADE_REAL: Factor = weight("the number as a real one", 1.0);
/// A number where a text is wanted.
const MADE_TEXT: Factor = weight("the number as a text", 0.5);
/// A conversion that cuts off hides what is wrong.
const NARROWED: Factor = weight("a conversion that cuts off", -1.5);
/// A text that is written a little otherwise than one elsewhere.
const NEAR_TEXT: Factor = weight("nearly a text of the file", 3.5);
/// Each letter that differs.
const LETTERS: Factor = weight("letters that differ", -1.0);
/// A number in quotes where a name of the line is declared.
const QUOTED_AT_DECLARATION: Factor = weight("a number in quotes where the name is declared", 4.0);
/// What may be missing is said to be so.
const MAY_BE_MISSING: Factor = weight("what is returned may be missing", 2.5);
/// The type that is written is the one that the message expected.
const TOLD_RETURN: Factor = weight("the message names both types", 2.2);
/// A type that the message says it found.
const FOUND_RETURN: Factor = weight("the type that was found", 1.0);
/// A function that says it has no result returns one.
const VOID_RETURNS: Factor = weight("a function without a result returns one", 3.0);
/// The type of what the body returns.
const KNOWN_RETURN: Factor = weight("the type of what is returned", 1.0);
/// A usual type in the place of none.
const VOID_USED: Factor = weight("a function without a result is used for one", 2.0);
/// A usual type in the place of another.
const OTHER_RETURN: Factor = weight("another usual type", -1.0);
/// Each type that is more usual.
const RARER_TYPE: Factor = weight("a rarer type", -0.7);
/// A borrowed text where one of its own is wanted.
const OWNED_TEXT: Factor = weight("a text of its own is wanted", 3.5);
/// Another way to write the same.
const OWNED_COPY: Factor = weight("the longer way to the same", 0.5);
/// A number where a text is wanted.
const NUMBER_TO_TEXT: Factor = weight("a number where a text is wanted", 0.5);
/// A value where a reference is wanted.
const BORROWED: Factor = weight("a reference is wanted", 3.5);
/// A reference where a value is wanted.
const NOT_BORROWED: Factor = weight("a reference too many", 2.5);
/// What a reference refers to is wanted.
const DEREFERENCED: Factor = weight("what it refers to is wanted", 2.0);
/// A number of one kind where another is wanted.
const CAST: Factor = weight("a number of another kind is wanted", 1.5);
/// A body that gives `Ok`, `Err` or `Some` tells the type.
const TOLD_BY_BODY: Factor = weight("the body tells the type", 4.5);
/// A body that hands errors on must say so.
const HANDS_ON: Factor = weight("the body hands errors on", 0.5);
/// A value where the function says that it has none.
const TAKES_NONE: Factor = weight("the function says that it has no result", 4.0);
/// A number of a kind that the text does not tell.
const KIND_OF_NUMBER: Factor = weight("a number, but of which kind", 3.5);
/// Each kind that is more usual.
const RARER_NUMBER: Factor = weight("a rarer kind of number", -0.5);
/// A last expression whose value was to be left.
const VALUE_LEFT: Factor = weight("the value was to be left", 1.5);
/// A mark behind the last expression throws its value away.
const THROWN_AWAY: Factor = weight("the mark throws the value away", 4.0);

pub(super) static FAMILY: Family = Family {
    id: "types",
    recipes: &[Recipe::Convert],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Fare {\n    void pay() {\n        int fare = <|>3.5;\n    }\n}\n",
        message: "incompatible types: possible lossy conversion from double to int",
        after: "class Fare {\n    void pay() {\n        double fare = 3.5;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    comparison(case, all);
    declaration(case, all);
    literals(case, all);
    returns(case, all);
    if case.language().borrows {
        rust(case, all);
    }
}

/// `=` where `==` was meant, and the other way round.
fn comparison(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.code[case.token].line;
    let lines = [line.saturating_sub(1), line];
    for at in lines.iter().flat_map(|line| lexed.on_line(*line)) {
        let near = LINE_ABOVE * f64::from(lexed.code[at].line.abs_diff(line));
        let start = case.statement_start(at);
        let condition = (start..at)
            .any(|i| matches!(lexed.word(i), "if" | "while" | "return" | "assert" | "&&" | "||"));
        let statement = !condition && lexed.kind(at.wrapping_sub(1)) != Some(TokenKind::Close);
        if lexed.is(at, "=")
            && condition
            && !lexed.is(start, "for")
            && !(start..at).any(|i| lexed.is(i, "let"))
        {
            all.push(Candidate::new(
                MistakeId::AssignmentComparison,
                COMPARISON + near,
                vec![case.replace_token(at, "==")],
            ));
        }
        if lexed.is(at, "==") && statement {
            all.push(Candidate::new(
                MistakeId::AssignmentComparison,
                ASSIGNMENT + near,
                vec![case.replace_token(at, "=")],
            ));
        }
    }
}

/// The declaration whose value does not fit: change its type.
fn declaration(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let start = case.statement_start(case.token);
    let end = case.statement_end(case.token);
    let usual = case.language().usual;
    // What is assigned to: the declared name in this statement, or the name it starts with.
    let here = case
        .text
        .names
        .declared
        .iter()
        .find(|d| (start..=end).contains(&d.token) && d.typed.is_some());
    let assigned = here.or_else(|| {
        let named =
            (start..=end.min(start + 6)).find(|at| lexed.kind(*at) == Some(TokenKind::Name))?;
        case.text.names.resolve(lexed, named)
    });
    let mut targets: Vec<(&erratum_syntax::names::Declared, Factor)> =
        assigned.map(|d| (d, VALUE_ITSELF.when(false))).into_iter().collect();
    // A format speaks of its values.
    if case.asks(Recipe::Format) {
        for call in calls_near(case).iter().take(1) {
            for (first, _) in call.arguments.iter().skip(1) {
                targets.extend(case.text.names.resolve(lexed, *first).map(|d| (d, FORMAT_VALUE)));
            }
        }
    }
    // The value handed on may be the one with the wrong declaration.
    if let Some(declared) = case.text.names.resolve(lexed, case.token) {
        targets.push((declared, VALUE_ITSELF));
    }
    // The parameter to which a value is given; if several calls complain of it, it is to blame.
    if let Some(parameter) = parameter_of(case, case.token) {
        let complaints = case
            .all
            .iter()
            .filter(|m| m.is_error() && m.text == case.message.text)
            .filter_map(|m| Some(lexed.at(m.at.as_ref()?.range(&lexed.source).0)))
            .filter(|at| parameter_of(case, *at).is_some_and(|p| p.token == parameter.token));
        let complaints = (complaints.count() as f64 - 1.5).clamp(-0.5, 2.0);
        targets.push((parameter, CALLS_COMPLAIN * complaints));
    }
    let found = found_types(case);
    targets.extend(operands(case, start, end, &found));
    if case.language().directives {
        lost_star(case, &targets, all);
    }
    for (declared, less) in targets {
        let Some(typed) =
            declared.typed.filter(|_| matches!(declared.kind, NameKind::Value | NameKind::Member))
        else {
            continue;
        };
        let now = text_of(case, typed);
        for (wanted, score) in wanted_types(case, &now, &found) {
            let edit = Edit::replace(
                case.file(),
                lexed.code[typed.0].start,
                lexed.code[typed.1].end,
                wanted,
            );
            // Several messages about one declaration speak against it.
            let name = lexed.word(declared.token);
            let blamed = case.all.iter().filter(|m| m.is_error()).filter(|m| {
                m.line().is_some_and(|line| lexed.on_line(line).any(|at| lexed.word(at) == name))
            });
            let more = BLAMED * (blamed.count() as f64 - 1.0).clamp(0.0, 3.0)
                + HOLDS_REAL.when(holds_real(case, declared.token) && edit.text == usual.real);
            all.push(Candidate::new(
                MistakeId::WrongType,
                w::TYPE_FIX + score + less + more,
                vec![edit],
            ));
        }
    }
}

/// Names in a statement that have one of the types a message found to disagree.
fn operands<'a>(
    case: &'a Case,
    start: usize,
    end: usize,
    found: &[String],
) -> Vec<(&'a erratum_syntax::names::Declared, Factor)> {
    let lexed = case.lexed();
    let mut all: Vec<(&erratum_syntax::names::Declared, Factor)> = Vec::new();
    for token in start..=end {
        let Some(declared) = case.text.names.resolve(lexed, token) else { continue };
        let typed = declared.typed.map_or(String::new(), |typed| text_of(case, typed));
        let new = all.iter().all(|(other, _)| other.token != declared.token);
        if new && lexed.kind(token) == Some(TokenKind::Name) && found.contains(&typed) {
            all.push((declared, OPERAND));
        }
    }
    all
}

/// C: a variable that is used as a pointer and not declared as one.
fn lost_star(
    case: &Case,
    targets: &[(&erratum_syntax::names::Declared, Factor)],
    all: &mut Vec<Candidate>,
) {
    let lexed = case.lexed();
    let at_message = case.text.names.resolve(lexed, case.token);
    for declared in targets.iter().map(|(declared, _)| *declared).chain(at_message) {
        let name = lexed.word(declared.token);
        let allocated = (declared.token..declared.token + 4).any(|at| {
            matches!(lexed.word(at), "malloc" | "calloc" | "realloc" | "NULL" | "nullptr" | "new")
        });
        let followed = case.text.names.seen.get(name).is_some_and(|seen| {
            seen.iter().any(|at| {
                lexed.is(at + 1, "->")
                    || (lexed.is(at.wrapping_sub(1), "*")
                        && lexed.kind(at.wrapping_sub(2)) != Some(TokenKind::Name))
            })
        });
        let star = declared.typed.is_some_and(|(_, last)| lexed.is(last, "*"));
        if !star && declared.typed.is_some() && (allocated || followed) {
            let edit = case.insert(lexed.code[declared.token].start, "*");
            let score = POINTER + ALLOCATED.when(allocated) + FOLLOWED.when(followed);
            all.push(Candidate::new(MistakeId::WrongType, score, vec![edit]));
        }
    }
}

/// Whether the statement that declares a name gives it a real number.
fn holds_real(case: &Case, token: usize) -> bool {
    let lexed = case.lexed();
    let end = (token..lexed.code.len()).find(|at| lexed.is(*at, ";")).unwrap_or(token);
    lexed.is(token + 1, "=") | lexed.is(token + 1, "[")
        && (token..end)
            .any(|at| lexed.kind(at) == Some(TokenKind::Number) && lexed.word(at).contains('.'))
}

/// The types that a message says it found: quoted, or after "from" and "to".
fn found_types(case: &Case) -> Vec<String> {
    let holes = ["found", "from", "to", "expected"];
    let mut all: Vec<String> = holes.iter().filter_map(|hole| case.word(hole)).map(clean).collect();
    for span in &case.message.spans {
        let quoted = span.text.split(['`', '\'']).skip(1).step_by(2);
        all.extend(quoted.map(clean));
    }
    all.retain(|name| name.len() < 40 && !name.is_empty());
    all
}

fn clean(text: &str) -> String {
    text.trim_matches(['\'', '`', '"']).to_owned()
}

/// Java's types for plain values as objects.
const BOXED: &[(&str, &str)] = &[
    ("Integer", "int"),
    ("Double", "double"),
    ("Long", "long"),
    ("Float", "float"),
    ("Boolean", "boolean"),
    ("Character", "char"),
];

/// Types that a declaration may have been meant to have.
fn wanted_types(case: &Case, now: &str, found: &[String]) -> Vec<(String, Factor)> {
    let usual = case.language().usual;
    let mut all: Vec<(String, Factor)> = Vec::new();
    let mut push = |name: &str, score: Factor| {
        let known = case.language().is_type(name)
            || case.text.names.seen.contains_key(name.trim_start_matches('&'));
        let known = known || name == usual.text || matches!(name, "String" | "&str");
        if name != now && known && !all.iter().any(|(other, _)| other == name) {
            all.push((name.to_owned(), score));
        }
    };
    for name in found {
        // What holds a plain value is plain, if it was so before.
        match BOXED.iter().find(|(boxed, _)| boxed == name) {
            Some((_, plain)) if case.language().is_type(now) => push(plain, PLAIN_OF_BOXED),
            _ => push(name, FOUND_TYPE),
        }
    }
    let has = |name: &str| found.iter().any(|f| f == name);
    if has(usual.real)
        || has("double")
        || has("Single")
        || has("float")
        || has("f64")
        || has("{float}")
        || has("floating-point number")
    {
        push(usual.real, REAL_FOUND);
    }
    if has(usual.whole) || has("LongInt") || has("SmallInt") || has("integer") || has("{integer}") {
        push(usual.whole, WHOLE_FOUND);
    }
    if found
        .iter()
        .any(|f| f.contains("char") || f == "String" || f.contains("string") || f == "&str")
    {
        push(usual.text, TEXT_FOUND);
        push("String", GROWING_TEXT);
    }
    if has("boolean") || has("bool") {
        push(usual.truth, TRUTH_FOUND);
    }
    push(usual.real, PERHAPS_REAL);
    push(usual.text, PERHAPS_TEXT);
    push(usual.whole, PERHAPS_WHOLE);
    all
}

/// Literals in the wrong form: a number in quotes, a real for a whole one, text without quotes.
fn literals(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let start = case.statement_start(case.token);
    let end = case.statement_end(case.token);
    let inside = |token: usize| {
        lexed.code[token].start >= case.range.0
            && lexed.code[token].end <= case.range.1.max(case.range.0 + 1)
    };
    for token in start..=end {
        let word = lexed.word(token).to_owned();
        let near = if token == case.token || inside(token) {
            POINTED_AT
        } else {
            AWAY * token.abs_diff(case.token) as f64
        };
        match lexed.kind(token) {
            Some(TokenKind::Str) => {
                let content = word.trim_matches(['"', '\'']);
                let number = !content.is_empty() && content.parse::<f64>().is_ok();
                near_text(case, token, content, near, all);
                let word_like = matches!(content, "true" | "false")
                    || case.text.names.of(content).next().is_some();
                if number || word_like {
                    let score = QUOTED + near;
                    all.push(Candidate::new(
                        MistakeId::QuotedValue,
                        score,
                        vec![case.replace_token(token, content)],
                    ));
                }
                if content.chars().count() == 1 && case.language().letter_quotes {
                    all.push(Candidate::new(
                        MistakeId::WrongQuotes,
                        ONE_LETTER + near,
                        vec![case.replace_token(token, format!("'{content}'"))],
                    ));
                }
            }
            Some(TokenKind::Char) if word.len() > 2 => {
                let content = word.trim_matches('\'');
                all.push(Candidate::new(
                    MistakeId::WrongQuotes,
                    MANY_LETTERS + near,
                    vec![case.replace_token(token, format!("\"{content}\""))],
                ));
            }
            Some(TokenKind::Number) => {
                let whole_part = word.split('.').next().unwrap_or(&word);
                if word.contains('.') && !whole_part.is_empty() {
                    // Cutting something off loses what the learner wrote.
                    let rest = word.split('.').nth(1).unwrap_or("").trim_end_matches(['f', 'F']);
                    let loses = CUT.when(rest.chars().any(|c| c != '0'));
                    all.push(
                        Candidate::new(
                            MistakeId::RealForWhole,
                            WHOLE_PART + near + loses,
                            vec![case.replace_token(token, whole_part)],
                        )
                        .guess(),
                    );
                }
                if case.language().exact_numbers
                    && !word.contains('.')
                    && word.bytes().all(|b| b.is_ascii_digit())
                {
                    all.push(Candidate::new(
                        MistakeId::WholeForReal,
                        MADE_REAL + near,
                        vec![case.replace_token(token, format!("{word}.0"))],
                    ));
                }
                let text_wanted = case
                    .word("to")
                    .or(case.word("expected"))
                    .is_some_and(|t| t.contains("String") || t.contains("str"));
                if text_wanted {
                    all.push(Candidate::new(
                        MistakeId::TextAsCode,
                        MADE_TEXT + near,
                        vec![case.replace_token(token, format!("\"{word}\""))],
                    ));
                }
            }
            _ => {}
        }
    }
    quoted_at_declaration(case, all);
    // A narrowing that is meant can be written out.
    if let Some(to) = case.word("to").filter(|to| case.language().narrowing.contains(to)) {
        let from = lexed.code[case.token].start;
        all.push(
            Candidate::new(
                MistakeId::RealForWhole,
                NARROWED,
                vec![case.insert(from, format!("({to}) "))],
            )
            .guess(),
        );
    }
}

/// A text that is written a little otherwise than one elsewhere in the file, in a language whose types
/// can list texts.
fn near_text(case: &Case, token: usize, content: &str, near: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().text_types || content.len() < 3 {
        return;
    }
    let mut seen = Vec::new();
    for other in (0..lexed.code.len()).filter(|at| lexed.kind(*at) == Some(TokenKind::Str)) {
        let text = lexed.word(other).trim_matches(['"', '\'']);
        let apart = edit_distance(content, text);
        if apart > 0.0 && apart <= 2.0 && !seen.contains(&text) {
            seen.push(text);
            let quote = lexed.word(token).get(..1).unwrap_or("\"");
            let new = format!("{quote}{text}{quote}");
            let score = NEAR_TEXT + near + LETTERS * apart;
            all.push(Candidate::new(
                MistakeId::MisspeltName,
                score,
                vec![case.replace_token(token, new)],
            ));
        }
    }
}

/// A number in quotes where a name on this line is declared: the text gives it away.
fn quoted_at_declaration(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for declared in line.filter_map(|at| case.text.names.resolve(lexed, at)) {
        for at in declared.token..=case.statement_end(declared.token) {
            let content = lexed.word(at).trim_matches(['"', '\'']);
            let number = lexed.kind(at) == Some(TokenKind::Str) && content.parse::<f64>().is_ok();
            if number && matches!(lexed.word(at - 1), "=" | ":=") {
                all.push(Candidate::new(
                    MistakeId::QuotedValue,
                    QUOTED_AT_DECLARATION,
                    vec![case.replace_token(at, content)],
                ));
            }
        }
    }
}

/// A function whose written return type does not fit what it returns.
fn returns(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let start = case.statement_start(case.token);
    // Scala gives back what its body ends with.
    let bare = case.language().returns_unsaid;
    let mentions = bare
        || case.message.text.contains("return")
        || (start..=case.token).any(|at| lexed.is(at, "return"));
    if let Some(function) = function_around(case, case.token).filter(|_| mentions) {
        return_type(case, &function, all);
    }
    if case.message.text.contains("void") {
        // The value of a call is used, but the function says that it has none.
        for call in calls_near(case) {
            let name = lexed.word(call.name);
            let named = case.text.names.of(name).filter(|d| d.kind == NameKind::Function);
            for declared in named {
                let open = (declared.token..lexed.code.len()).find(|at| lexed.opens_block(*at));
                if let Some(function) = open.and_then(|open| function_of(case, open))
                    && function.returns.is_some_and(|typed| text_of(case, typed) == "void")
                {
                    return_type(case, &function, all);
                }
            }
        }
    }
}

fn return_type(case: &Case, function: &Function, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let returned = (function.open..function.close.unwrap_or(lexed.code.len()))
        .filter(|at| lexed.is(*at, "return"))
        .find_map(|at| type_of(case, at + 1, case.statement_end(at).checked_sub(1)?));
    let usual = case.language().usual;
    let guesses = [usual.whole, usual.real, usual.text, usual.truth];
    let Some(typed) = function.returns else { return };
    let now = text_of(case, typed);
    let edit = |wanted: &str| {
        Edit::replace(case.file(), lexed.code[typed.0].start, lexed.code[typed.1].end, wanted)
    };
    let void = matches!(now.as_str(), "void" | "Unit");
    // TypeScript: what may be missing is said to be so.
    for nothing in ["undefined", "null"] {
        if case.message.text.contains(&format!("| {nothing}'")) && !now.contains(nothing) {
            let wider = edit(&format!("{now} | {nothing}"));
            all.push(
                Candidate::new(MistakeId::WrongReturnType, MAY_BE_MISSING, vec![wider]).guess(),
            );
        }
    }
    for name in found_types(case) {
        if case.language().is_type(&name) || name == "String" {
            // The type that is written is the one that the message expected.
            let told = case.word("to") == Some(now.as_str()) && case.word("from") == Some(&name);
            let score = if told { TOLD_RETURN } else { FOUND_RETURN };
            all.push(Candidate::new(MistakeId::WrongReturnType, score, vec![edit(&name)]));
        }
    }
    if let Some(known) = &returned {
        let score = if void { VOID_RETURNS } else { KNOWN_RETURN };
        all.push(Candidate::new(MistakeId::WrongReturnType, score, vec![edit(known)]));
    }
    for (rank, guess) in guesses.into_iter().enumerate().filter(|(_, guess)| *guess != now) {
        let score = if void { VOID_USED } else { OTHER_RETURN } + RARER_TYPE * rank as f64;
        all.push(Candidate::new(MistakeId::WrongReturnType, score, vec![edit(guess)]).guess());
    }
}

/// What rustc says it expected and found, and the conversion between the two.
fn rust(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    told_by_body(case, all);
    let label = case.message.spans.iter().find_map(|span| {
        let text = span.text.strip_prefix("expected ")?;
        let (expected, found) = text.split_once(", found ")?;
        Some((clean(expected), clean(found), span.at.clone()))
    });
    let (from, to) = case.range;
    let wrap = |before: &str, after: &str| {
        let mut edits = Vec::new();
        if !before.is_empty() {
            edits.push(case.insert(from, before));
        }
        if !after.is_empty() {
            edits.push(case.insert(to, after));
        }
        edits
    };
    let mut push = |mistake: MistakeId, score: Factor, edits: Vec<Edit>| {
        all.push(Candidate::new(mistake, score, edits))
    };
    if let Some((expected, found, _)) = label {
        let base = expected.trim_start_matches('&').trim_start_matches("mut ").to_owned();
        match (expected.as_str(), found.as_str()) {
            ("String", _) if found.contains("str") || found.starts_with('&') => {
                push(MistakeId::MissingToString, OWNED_TEXT, wrap("", ".to_string()"));
                push(MistakeId::MissingToString, OWNED_COPY, wrap("String::from(", ")"));
            }
            ("String" | "&str", "integer" | "i32" | "u32" | "usize" | "f64") => {
                push(MistakeId::MissingToString, NUMBER_TO_TEXT, wrap("", ".to_string()"))
            }
            _ if expected.starts_with("&mut ") => {
                push(MistakeId::MissingBorrow, BORROWED, wrap("&mut ", ""))
            }
            _ if expected.starts_with('&') && !found.starts_with("&") => {
                push(MistakeId::MissingBorrow, BORROWED, wrap("&", ""))
            }
            _ if found.starts_with('&') && !expected.starts_with('&') => {
                let at = lexed.at(from);
                if lexed.is(at, "&") {
                    let end = if lexed.is(at + 1, "mut") {
                        lexed.code[at + 2].start
                    } else {
                        lexed.code[at].end
                    };
                    push(
                        MistakeId::ExtraBorrow,
                        NOT_BORROWED,
                        vec![Edit::delete(case.file(), lexed.code[at].start, end)],
                    );
                }
                push(MistakeId::MissingDereference, DEREFERENCED, wrap("*", ""));
            }
            _ => {}
        }
        let number = |name: &str| {
            case.language().is_type(name) && name != "str" && name != "bool" && name != "char"
        };
        if number(&base)
            && (number(&found) || found == "integer" || found == "floating-point number")
        {
            push(MistakeId::WrongNumberType, CAST, wrap("", &format!(" as {base}")));
        }
        if found == "()" || expected == "()" {
            unit(case, &expected, &found, all);
        }
    }
}

/// A function that says nothing of what it returns, while its body gives `Ok`, `Err` or `Some`.
fn told_by_body(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(function) = function_at(case, case.token) else { return };
    let Some(close) = function.close.filter(|_| function.returns.is_none()) else { return };
    let given =
        |name: &str| (function.open..close).find(|at| lexed.is(*at, name) && lexed.is(at + 1, "("));
    let inside = |at: usize| case.text.pairs.partner[at + 1].map(|end| (at + 2, end - 1));
    let plain = |at: usize| {
        let (first, last) = inside(at)?;
        value_type(case, first, last)
    };
    let question = (function.open..close).any(|at| lexed.is(at, "?"));
    let typed = if given("Ok").is_some() || given("Err").is_some() {
        let good = given("Ok").map_or(Some("()".to_owned()), plain);
        let bad = given("Err").and_then(plain).unwrap_or_else(|| "String".to_owned());
        good.map(|good| format!("Result<{good}, {bad}>"))
    } else if given("Some").is_some() {
        given("Some").and_then(plain).map(|inner| format!("Option<{inner}>"))
    } else {
        return;
    };
    if let Some(typed) = typed {
        let at = lexed.code[function.parameters_close].end;
        let score = TOLD_BY_BODY + HANDS_ON.when(question);
        let edit = case.insert(at, format!(" -> {typed}"));
        all.push(Candidate::new(MistakeId::MissingReturnType, score, vec![edit]));
    }
}

/// The type of a value in the brackets of `Ok`, `Err` or `Some`, as far as the text tells.
fn value_type(case: &Case, first: usize, last: usize) -> Option<String> {
    let lexed = case.lexed();
    if first > last {
        return None;
    }
    if lexed.is(first, "(") && lexed.is(first + 1, ")") {
        return Some("()".to_owned());
    }
    let text = text_of(case, (first, last));
    if text.ends_with(".to_string()") || text.starts_with("format!") || text.starts_with("String::")
    {
        return Some("String".to_owned());
    }
    if lexed.kind(first) == Some(TokenKind::Str) && first == last {
        return Some("&'static str".to_owned());
    }
    let named = lexed.word(first).starts_with(char::is_uppercase)
        && matches!(lexed.word(first + 1), "{" | "::");
    if named {
        return Some(lexed.word(first).to_owned());
    }
    type_of(case, first, last)
}

/// A lost value or a lost return type: something meets `()`.
fn unit(case: &Case, expected: &str, found: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(function) = function_around(case, case.token) else { return };
    if expected == "()" && function.returns.is_none() {
        let at = lexed.code[function.parameters_close].end;
        let mut names: Vec<(String, Score)> = vec![(found.to_owned(), TAKES_NONE.into())];
        if found == "integer" {
            names = ["i32", "u32", "usize", "i64", "u64"]
                .iter()
                .enumerate()
                .map(|(i, t)| ((*t).to_owned(), KIND_OF_NUMBER + RARER_NUMBER * i as f64))
                .collect();
        } else if found == "floating-point number" {
            names = vec![("f64".to_owned(), KIND_OF_NUMBER.into())];
        }
        for (name, score) in names {
            all.push(Candidate::new(
                MistakeId::MissingReturnType,
                score,
                vec![case.insert(at, format!(" -> {name}"))],
            ));
        }
        let end = case.statement_end(case.token);
        if !lexed.is(end, ";") {
            let edit = case.insert(case.end_before(end), ";");
            all.push(Candidate::new(MistakeId::MissingTerminator, VALUE_LEFT, vec![edit]));
        }
    }
    // A `;` after the last expression of the body throws its value away.
    if let (true, Some(close)) = (found == "()", function.close)
        && lexed.is(close.wrapping_sub(1), ";")
    {
        all.push(Candidate::new(
            MistakeId::ExtraMark,
            THROWN_AWAY,
            vec![case.delete_token(close - 1)],
        ));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_condition_that_assigns_was_to_compare() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int t) {\n        if (t <|>= 3) {\n        }\n    }\n}\n",
            "incompatible types: int cannot be converted to boolean",
            "class Quay {\n    void go(int t) {\n        if (t == 3) {\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn a_number_in_quotes_loses_them() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    int seats = <|>\"40\";\n}\n",
            "incompatible types: String cannot be converted to int",
            "class Quay {\n    int seats = 40;\n}\n",
        );
    }

    #[test]
    fn a_whole_number_becomes_a_real_one() {
        check_among(
            &FAMILY,
            "rust",
            "fn main() {\n    let tide: f64 = <|>3;\n    println!(\"{}\", tide);\n}\n",
            "[E0308] mismatched types",
            "fn main() {\n    let tide: f64 = 3.0;\n    println!(\"{}\", tide);\n}\n",
        );
    }

    #[test]
    fn one_letter_stands_in_single_quotes() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    char pier = <|>\"A\";\n}\n",
            "incompatible types: String cannot be converted to char",
            "class Quay {\n    char pier = 'A';\n}\n",
        );
    }

    #[test]
    fn a_text_type_is_declared_for_a_text() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    int name = <|>\"East\";\n}\n",
            "incompatible types: String cannot be converted to int",
            "class Quay {\n    String name = \"East\";\n}\n",
        );
    }

    #[test]
    fn a_function_returns_what_its_body_gives() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    int name() {\n        return <|>\"East\";\n    }\n}\n",
            "incompatible types: String cannot be converted to int",
            "class Quay {\n    String name() {\n        return \"East\";\n    }\n}\n",
        );
    }

    #[test]
    fn a_syntax_error_changes_no_type() {
        check_no_fix(&FAMILY, "java", "class Quay {\n    int seats = <|>40\n}\n", "';' expected");
    }
}
