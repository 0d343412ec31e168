//! A function that should return a value and does not on every way: the value it gathered is returned, or
//! the last condition is no condition.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::{Function, function_at, text_of};
use crate::fixes::{Candidate, Case, weights as w};
use crate::score::{Factor, Score, evidence, weight};
use erratum_catalogue::{MistakeId, Phase, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A result is gathered up to the end of the function: from 0 at its start to 1.
const LATE: Factor = weight("how late it is last used", 1.0);
/// A result is declared in the body itself.
const OUTERMOST: Factor = weight("it is declared in the body itself", 0.8);
/// What is declared in an inner block is not visible at the end.
const INNER: Factor = weight("it is declared in an inner block", -2.0);
/// A value of the type that is returned.
const SAME_TYPE: Factor = weight("it has the type that is returned", 1.0);
/// A value of another type.
const OTHER_TYPE: Factor = weight("it has another type", -1.5);
/// A result is changed on the way.
const CHANGED: Factor = weight("it is changed on the way", 0.8);
/// Names such as `result` and `total`.
const RESULT_NAME: Factor = weight("it is named like a result", 0.5);
/// The starting value of a type compiles, but says nothing.
const STARTING_VALUE: Factor = weight("a starting value of the type", -0.8);
/// True is returned at the end more seldom than false.
const TRUE_RATHER: Factor = weight("true rather than false", -1.0);
/// A value that stands for nothing.
const EMPTY_VALUE: Factor = weight("an empty value", -1.2);
/// The end of the body is where a return is forgotten.
const AT_THE_END: Factor = weight("at the end of the body", 1.0);
/// A type that says only that all went well.
const NOTHING_TO_RETURN: Factor = weight("the type holds nothing", 3.5);
/// All fields of the type are at hand under their names.
const ALL_FIELDS: Factor = weight("all fields are at hand", 2.5);
/// A value in the wrapping that the type asks for.
const WRAPPED: Factor = weight("it is wrapped as the type asks", 1.0);
/// A reader sees that the branches are exhaustive.
const LAST_CONDITION: Factor = weight("the last condition says nothing", -1.5);
/// An empty block is where a return is missing.
const EMPTY_BLOCK: Factor = weight("the block is empty", 2.5);
/// A value with a name unlike that of the function.
const NAMED_OTHERWISE: Factor = weight("the function is not named after it", -1.2);
/// A member or a parameter of the type that is returned.
const LIKE_TYPE: Factor = weight("it has the type that is returned", 0.8);
/// A member or a parameter of another type.
const UNLIKE_TYPE: Factor = weight("it has another type", -1.5);

/// The last statement is a value that goes nowhere.
const GOES_NOWHERE: Factor = evidence("its last statement is a value that goes nowhere", 6.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "lost_return",
    recipes: &[Recipe::Return],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Tide {\n    int rise(int hours) {\n        int depth = hours * 2;\n    <|>}\n}\n",
        message: "missing return statement",
        after: "class Tide {\n    int rise(int hours) {\n        int depth = hours * 2;\n        return depth;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    // What javac 17 and mcs 6.8 say of a value that stands alone.
    let said = &case.message.text;
    let alone = said == "not a statement" || said.starts_with("Only assignment, call, increment");
    if alone && gives_back(case) {
        lost_word(case, all);
    } else if case.phase > Phase::Syntax && case.asks(Recipe::Return) && of_the_result(case) {
        lost_return(case, all);
        lost_word(case, all);
        last_branch(case, all);
    }
}

/// Whether the message is about what the function gives back. rustc 1.95 says of all types that differ the
/// same, and of a result where it was asked for.
fn of_the_result(case: &Case) -> bool {
    let said = |words: &str| {
        let spans = case.message.spans.iter().map(|span| span.text.as_str());
        spans.chain([case.message.text.as_str()]).any(|text| text.contains(words))
    };
    case.message.code.as_deref() != Some("E0308")
        || case.message.spans.is_empty()
        || said("implicitly returns")
        || said("found `()`") && case.message.of_result().is_some()
}

/// Whether a message is about the last statement of a function that gives something back.
fn gives_back(case: &Case) -> bool {
    let lexed = case.lexed();
    let Some(function) = function_at(case, case.token) else { return false };
    let typed = function.returns.map(|typed| text_of(case, typed));
    let last = function.close.map(|close| lexed.code[close.saturating_sub(1)].line);
    last == Some(lexed.code[case.token].line)
        && typed.is_some_and(|typed| !typed.is_empty() && !typed.ends_with("void"))
}

/// A function ends with a value that goes nowhere: the word before it is lost.
fn lost_word(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Where the last value is given back, no word says so; in Rust a mark behind it is one too many.
    if case.language().returns_unsaid || case.language().borrows {
        return;
    }
    // The message stands at the name, at the type or at the end of the function.
    let near = case.token..(case.token + 40).min(lexed.code.len());
    let header = near.into_iter().find(|at| lexed.opens_block(*at));
    let inside = function_at(case, case.token.min(lexed.code.len() - 1));
    let function = inside.or_else(|| function_at(case, header?));
    let Some((function, close)) = function.and_then(|f| Some((f.close?, f)).map(|(c, f)| (f, c)))
    else {
        return;
    };
    let Some(last) = close.checked_sub(1).filter(|last| *last > function.open) else { return };
    let end = if lexed.is(last, case.language().terminator) { last } else { last + 1 };
    let start = case.statement_start(end.saturating_sub(1));
    let own = |at: &usize| case.text.pairs.block_of(lexed, *at) == Some(function.open);
    let value = matches!(
        lexed.kind(start),
        Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Open)
    ) || lexed.is(start, "this");
    let sets = |at: usize| {
        matches!(lexed.word(at), "=" | ":=" | "+=" | "-=" | "*=" | "/=" | "++" | "--" | "<<" | ":")
    };
    // A call may be made for what it does, whatever its values are.
    let pairs = &case.text.pairs;
    let outside = |at: &usize| pairs.inside_of(*at) == pairs.inside_of(start);
    let computes = |at: usize| lexed.kind(at) == Some(TokenKind::Op) && !lexed.is(at, ".");
    let called =
        lexed.is(end.saturating_sub(1), ")") && !(start..end).filter(outside).any(computes);
    // A function that gives something back is hardly written for the effect of its only call.
    // What a call gives that is itself in error is not known.
    let line = lexed.code[start].line;
    let broken = case.all.iter().any(|one| one.is_error() && one.line() == Some(line));
    let alone = start == function.open + 1 && !broken;
    let goes_nowhere = own(&start) && (alone || !called) && !(start..end).any(sets);
    if start > function.open && value && goes_nowhere {
        let edit = case.insert(lexed.code[start].start, "return ");
        all.push(Candidate::new(MistakeId::MissingReturn, GOES_NOWHERE, vec![edit]).guess());
    }
}

/// The end of a function that should return a value and does not.
fn lost_return(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let at = if lexed.closes_block(case.token) { case.token } else { case.token + 1 };
    let function = accessor(case).or_else(|| function_at(case, at.min(lexed.code.len() - 1)));
    let Some(function) = function else { return };
    let Some(close) = function.close else { return };
    let typed = function.returns.map_or(String::new(), |typed| text_of(case, typed));
    let typed = typed.trim_start_matches("static ").to_owned();
    let mut values: Vec<(String, Score)> = Vec::new();
    for declared in &case.text.names.declared {
        let inside = declared.token > function.open && declared.token < close;
        if !inside
            || declared.kind != NameKind::Value
            || !matches!(lexed.word(declared.token + 1), "=" | ":=" | ";" | ":" | "[")
        {
            continue;
        }
        let outer = case.text.pairs.block_of(lexed, declared.token) == Some(function.open);
        let has = declared.typed.map_or(String::new(), |typed| text_of(case, typed));
        let word = lexed.word(declared.token);
        let same = has == typed || (case.language().infers_locals && has.is_empty());
        // A result is gathered up to the end of the function.
        let last_use = case
            .text
            .names
            .seen
            .get(word)
            .and_then(|seen| seen.iter().rev().find(|at| **at < close));
        let late = last_use
            .map_or(0.0, |at| (*at - function.open) as f64 / (close - function.open).max(1) as f64);
        let changed = case.text.names.seen.get(word).is_some_and(|seen| {
            seen.iter().any(|at| {
                *at > declared.token
                    && *at < close
                    && matches!(lexed.word(at + 1), "=" | "+=" | "-=" | "*=" | "++")
            })
        });
        let result = matches!(word, "result" | "total" | "sum" | "count" | "best" | "answer");
        let loose = LATE * late
            + if outer { OUTERMOST } else { INNER }
            + if same { SAME_TYPE } else { OTHER_TYPE }
            + CHANGED.when(changed)
            + RESULT_NAME.when(result);
        values.push((word.to_owned(), loose));
    }
    named_after(case, &function, &typed, &mut values);
    if case.language().wraps_results {
        wrapped(case, &function, &typed, &mut values);
    }
    if let Some(value) = case.language().default_of(&typed) {
        // Go: what goes well to its end gives no error back.
        let well = typed == "error" && value == "nil";
        let score = if well { NOTHING_TO_RETURN } else { STARTING_VALUE };
        values.push((value.to_owned(), score.into()));
        if matches!(typed.as_str(), "boolean" | "bool") {
            values.push(("true".to_owned(), TRUE_RATHER.into()));
        }
    } else {
        let plain = (case.language().empty_value)(&typed);
        if !plain.is_empty() {
            values.push((plain, EMPTY_VALUE.into()));
        }
    }
    // What a property gives is not asked of it again.
    let itself = function.parameters_close == case.token && lexed.is(case.token, "get");
    let property = case.text.pairs.inside_of(case.token).filter(|_| itself);
    values.retain(|(value, _)| property.is_none_or(|open| value != lexed.before(open)));
    values.sort_by(|a, b| b.1.total().total_cmp(&a.1.total()));
    let source = &lexed.source;
    empty_block(case, &function, &values, all);
    let indent = body_indent(case, function.open, close);
    for (value, score) in values.into_iter().take(5) {
        let text = returned(case, &value);
        let end = case.end_before(close);
        let line_end = source.line_end(source.line_of(end.saturating_sub(1)));
        let (place, text) = if lexed.code[close].first {
            (line_end, format!("{}{indent}{text}", source.line_end_text()))
        } else {
            (lexed.code[close].start, format!("{text} "))
        };
        all.push(
            Candidate::new(
                MistakeId::MissingReturn,
                AT_THE_END + score,
                vec![case.insert(place, text)],
            )
            .guess(),
        );
    }
}

/// C#: what gives a property its value, as a function: `int Hours { get { … } }`.
fn accessor(case: &Case) -> Option<Function> {
    let lexed = case.lexed();
    let open = Some(case.token + 1).filter(|open| lexed.is(*open, "{"))?;
    let property = case.text.pairs.inside_of(case.token).filter(|_| lexed.is(case.token, "get"))?;
    let name = property.checked_sub(1)?;
    let returns = case.text.names.declared.iter().find(|one| one.token == name)?.typed;
    let close = case.text.pairs.partner_of(open);
    Some(Function { open, close, parameters_close: case.token, returns })
}

/// The statement, or the expression, that gives a value back.
fn returned(case: &Case, value: &str) -> String {
    if case.language().body_is_value {
        return value.to_owned();
    }
    format!("return {value}{}", case.terminator())
}

/// Rust: values in the wrapping that the return type asks for, and a struct of the fields at hand.
fn wrapped(case: &Case, function: &Function, typed: &str, values: &mut Vec<(String, Score)>) {
    let (head, inner) = typed.split_once('<').unwrap_or((typed, ""));
    let wrap = match head.rsplit("::").next() {
        Some("Result") => "Ok",
        Some("Option") => "Some",
        _ => "",
    };
    // `fmt::Result` and `Result<(), …>` hold nothing.
    if wrap == "Ok" && (inner.is_empty() || inner.starts_with("()")) {
        values.push(("Ok(())".to_owned(), NOTHING_TO_RETURN.into()));
        return;
    }
    let inner = inner.strip_suffix('>').unwrap_or(inner);
    let inside = if wrap.is_empty() { typed } else { inner.split(',').next().unwrap_or(inner) };
    let inside =
        if inside == "Self" { implemented(case, function.open) } else { inside.to_owned() };
    let mut found: Vec<(String, Score)> = values.clone();
    found.extend(literal(case, function, &inside).map(|text| (text, ALL_FIELDS.into())));
    if wrap.is_empty() {
        *values = found;
    } else {
        *values = found
            .into_iter()
            .map(|(value, score)| (format!("{wrap}({value})"), score + WRAPPED))
            .collect();
    }
}

/// The type that the `impl` block around a token is for.
fn implemented(case: &Case, token: usize) -> String {
    let lexed = case.lexed();
    let open = case.text.pairs.block_of(lexed, token);
    open.map_or(String::new(), |open| lexed.word(open - 1).to_owned())
}

/// `Order { pier, seats }`, where all fields are at hand under their names.
fn literal(case: &Case, function: &Function, typed: &str) -> Option<String> {
    let lexed = case.lexed();
    let names = &case.text.names;
    let declared = names.of(typed).find(|d| d.kind == NameKind::Type)?;
    let open = declared.token + 1;
    let close = case.text.pairs.partner_of(open).filter(|_| lexed.is(open, "{"))?;
    let fields: Vec<&str> = names
        .declared
        .iter()
        .filter(|d| d.kind == NameKind::Member && (open..close).contains(&d.token))
        .map(|d| lexed.word(d.token))
        .collect();
    let end = function.close?;
    let at_hand = |field: &&str| {
        names
            .of(field)
            .any(|d| d.kind == NameKind::Value && d.scope.0 < end && d.scope.1 + 1 >= end)
    };
    (!fields.is_empty() && fields.iter().all(at_hand))
        .then(|| format!("{typed} {{ {} }}", fields.join(", ")))
}

fn body_indent(case: &Case, open: usize, close: usize) -> String {
    let lexed = case.lexed();
    let first = lexed.code.get(open + 1).filter(|token| token.first && open + 1 < close);
    let line = first.map_or(lexed.code[open].line, |token| token.line);
    let own = lexed.source.indent_text(line);
    if first.is_some() { own } else { format!("{own}    ") }
}

/// A block with nothing in it: there the `return` is missing.
fn empty_block(
    case: &Case,
    function: &Function,
    values: &[(String, Score)],
    all: &mut Vec<Candidate>,
) {
    let lexed = case.lexed();
    let close = function.close.unwrap_or(function.open);
    let source = &lexed.source;
    for open in (function.open + 1..close).filter(|at| lexed.is(*at, "{") && lexed.is(at + 1, "}"))
    {
        let (a, b) = (lexed.code[open], lexed.code[open + 1]);
        if a.line == b.line {
            continue;
        }
        let indent = format!("{}    ", source.indent_text(b.line));
        for (value, score) in values.iter().take(2) {
            let text = returned(case, value);
            let edit = case.insert(
                source.line_end(a.line),
                format!("{}{indent}{text}", source.line_end_text()),
            );
            all.push(
                Candidate::new(MistakeId::MissingReturn, EMPTY_BLOCK + score.clone(), vec![edit])
                    .guess(),
            );
        }
    }
}

/// A member or a parameter after which the function is named, or at least of the type it returns.
fn named_after(case: &Case, function: &Function, typed: &str, values: &mut Vec<(String, Score)>) {
    let lexed = case.lexed();
    let names = &case.text.names;
    let close = function.close.unwrap_or(function.open);
    let own = names.declared.iter().find(|d| {
        d.kind == NameKind::Function
            && d.token < function.parameters_close
            && d.token + 40 > function.parameters_close
            && case.text.pairs.partner_of(d.token + 1) == Some(function.parameters_close)
    });
    let called = own.map_or(String::new(), |d| lexed.word(d.token).to_lowercase());
    for declared in &names.declared {
        let member = declared.kind == NameKind::Member;
        let parameter = declared.kind == NameKind::Value
            && declared.token < function.open
            && (declared.scope.0..=declared.scope.1).contains(&close)
            && declared.scope.0 + 60 > function.open;
        let word = lexed.word(declared.token);
        let has = declared.typed.map_or(String::new(), |typed| text_of(case, typed));
        let like = has.trim_start_matches('&') == typed.trim_start_matches('&');
        if !(member || parameter) || has.is_empty() {
            continue;
        }
        let named = !called.is_empty() && called.contains(&word.to_lowercase());
        let score = if named { w::NAMED_AFTER } else { NAMED_OTHERWISE }
            + if like { LIKE_TYPE } else { UNLIKE_TYPE };
        let owned = member && case.language().borrows;
        let object = if owned { case.language().object } else { "" };
        let lent = owned && has.starts_with(char::is_uppercase) && typed.starts_with('&');
        let text = format!("{}{object}{word}", if lent { "&" } else { "" });
        if !values.iter().any(|(value, _)| *value == text) {
            values.push((text, score));
        }
    }
}

/// Branches that a reader sees to be exhaustive: the last `else if (…)` becomes `else`.
fn last_branch(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(close) = case.text.pairs.partner_of(case.token).map(|_| case.token) else {
        return;
    };
    if close < 2 || !lexed.is(close - 1, "}") {
        return;
    }
    let Some(open) = case.text.pairs.partner_of(close - 1) else { return };
    let Some(condition) = open.checked_sub(1).and_then(|at| case.text.pairs.partner_of(at)) else {
        return;
    };
    if condition >= 2 && lexed.is(condition - 1, "if") && lexed.is(condition - 2, "else") {
        let edit =
            Edit::delete(case.file(), lexed.code[condition - 2].end, lexed.code[open - 1].end);
        all.push(Candidate::new(MistakeId::MissingReturn, LAST_CONDITION, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_fix, check_no_fix};

    #[test]
    fn a_property_gives_a_value_on_every_way() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int Hours {\n        <|>get {\n            if (Open)\n                return 3;\n        }\n    }\n}\n",
            "[CS0161] 'Quay.Hours.get': not all code paths return a value",
            "class Quay {\n    int Hours {\n        get {\n            if (Open)\n                return 3;\n            return 0;\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn a_value_alone_at_the_end_is_given_back() {
        let text = "class Quay {\n    int free(int seats, int booked) {\n        seats <|>- booked;\n    }\n}\n";
        let after = text.replace("seats <|>- booked;", "return seats - booked;");
        check_fix(&FAMILY, "java", text, "not a statement", &after);
        let text = text.replace("int free", "void free");
        check_no_fix(&FAMILY, "java", &text, "not a statement");
    }

    #[test]
    fn rust_gives_a_value_without_a_word() {
        check_among(
            &FAMILY,
            "rust",
            "fn deep(tide: i32) -> i32 {\n    let depth = tide * 2;\n<|>}\n",
            "[E0308] mismatched types",
            "fn deep(tide: i32) -> i32 {\n    let depth = tide * 2;\n    depth\n}\n",
        );
    }

    #[test]
    fn a_member_after_which_the_method_is_named() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    private int seats;\n    int getSeats() {\n    <|>}\n}\n",
            "missing return statement",
            "class Quay {\n    private int seats;\n    int getSeats() {\n        return seats;\n    }\n}\n",
        );
    }

    #[test]
    fn the_last_condition_of_exhaustive_branches_goes() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    int go(int t) {\n        if (t > 3) {\n            return 3;\n        } else if (t <= 3) {\n            return 4;\n        }\n    <|>}\n}\n",
            "missing return statement",
            "class Quay {\n    int go(int t) {\n        if (t > 3) {\n            return 3;\n        } else {\n            return 4;\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn an_empty_method_of_a_pointer_gives_none() {
        check_among(
            &FAMILY,
            "c",
            "char *pier(void) {\n<|>}\n",
            "warning: [-Wreturn-type] control reaches end of non-void function",
            "char *pier(void) {\n    return NULL;\n}\n",
        );
    }

    #[test]
    fn a_function_of_go_returns_what_it_gathered() {
        check_among(
            &FAMILY,
            "go",
            "package main\n\nfunc sum(zones []int) int {\n\ttotal := 0\n\tfor _, zone := range zones {\n\t\ttotal += zone\n\t}\n<|>}\n",
            "missing return",
            "package main\n\nfunc sum(zones []int) int {\n\ttotal := 0\n\tfor _, zone := range zones {\n\t\ttotal += zone\n\t}\n\treturn total\n}\n",
        );
    }

    #[test]
    fn a_last_value_that_goes_nowhere_is_returned() {
        check_fix(
            &FAMILY,
            "typescript",
            "function fee(length: number): <|>number {\n  const base = 12;\n  base * length;\n}\n",
            "[TS2355] A function whose declared type is neither 'undefined', 'void', nor 'any' must return a value.",
            "function fee(length: number): number {\n  const base = 12;\n  return base * length;\n}\n",
        );
    }

    #[test]
    fn a_call_that_computes_its_values_may_be_made_for_what_it_does() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    boolean take(String boat) {\n        log.add(boat + \" at \" + uses);\n    <|>}\n}\n",
            "missing return statement",
            "class Quay {\n    boolean take(String boat) {\n        log.add(boat + \" at \" + uses);\n        return true;\n    }\n}\n",
        );
    }

    #[test]
    fn a_name_that_is_unknown_returns_nothing() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Tide {\n    int rise(int hours) {\n        return <|>depth;\n    }\n}\n",
            "cannot find symbol\n  symbol:   variable depth",
        );
    }
}
