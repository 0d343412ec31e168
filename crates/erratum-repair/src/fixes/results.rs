//! What a function gives back against what it says: Go tells both as lists of types.

use super::family::{Example, Family, Phases};
use super::shape::{Function, function_around, routine_name};
use super::{Candidate, Case};
use crate::message::Message;
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The function says nothing of results, and gives some back.
const UNSAID: Factor = evidence("the function says of no result", 4.0);
/// The function without a name says nothing of results, and the compiler tells them.
const LITERAL_UNSAID: Factor = weight("what the function gives back is told", 7.0);
/// `main` gives nothing back.
const OF_MAIN: Factor = evidence("`main` gives nothing back", 7.0);
/// The compiler tells the type of each of them.
const TYPES_TOLD: Factor = weight("the types of what is given back are told", 3.0);
/// Each return of the function gives back as many values.
const ALL_AGREE: Factor = weight("all returns give back as many values", 3.0);
/// A return that differs from the others.
const ALONE: Factor = weight("another return gives back as many as are declared", -3.0);
/// Its calls bind as many results as it says.
const CALLS_BIND: Factor = weight("its calls use as many results as it says", -4.0);
/// A header says what its writer had in mind; a value is easily forgotten.
const FEWER: Factor = weight("a value is easily forgotten", -1.5);
/// That nothing went wrong goes without saying.
const NO_ERROR: Factor = weight("that nothing went wrong is not said", 3.5);
/// Beside what went wrong, the other results start empty.
const EMPTY_BESIDE: Factor = weight("the results beside it start empty", 2.5);

/// Whether there is a value is told beside it.
const FOUND: Factor = weight("whether there is a value is told beside it", 4.0);

/// An empty value of the type that is wanted.
const EMPTY_OF_TYPE: Factor = evidence("an empty value of the type that is wanted", 5.0);
/// What went wrong is kept under a name, and nothing uses it.
const KEPT_ERROR: Factor = weight("what went wrong is kept and used nowhere", 4.0);
/// A value that the function has worked out, and does not give back.
const WORKED_OUT: Factor = weight("the function has worked it out", 1.5);

pub(super) static FAMILY: Family = Family {
    id: "results",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc deep(n int) {\n\treturn <|>n + 1\n}\n",
        message: "too many return values\n\thave (int)\n\twant ()",
        after: "package quay\n\nfunc deep(n int) int {\n\treturn n + 1\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    empty(case, all);
    wanted_of_literal(case, all);
    let Some((have, want)) = counted(case.message) else { return };
    if want.is_empty()
        && let Some(close) = literal_around(case)
    {
        of_literal(case, close, &have.join(", "), have.len(), all);
        return;
    }
    let Some(function) = function_around(case, case.token) else { return };
    // What one return gives as `nil`, another gives with its type.
    let mut types = have.clone();
    let lexed = case.lexed();
    let body = function.open..function.close.unwrap_or(lexed.code.len());
    for other in case.all {
        let at = other.at.as_ref().map(|at| lexed.at(at.range(&lexed.source).0));
        let Some((others, _)) = counted(other).filter(|_| at.is_some_and(|at| body.contains(&at)))
        else {
            continue;
        };
        if others.len() == types.len() {
            let unknown = types.iter_mut().zip(others).filter(|(typed, _)| *typed == "nil");
            unknown.for_each(|(typed, other)| *typed = other);
        }
    }
    // The start of a program gives nothing back.
    if want.is_empty() && routine_name(case, &function).is_some_and(|name| lexed.is(name, "main")) {
        let line = lexed.on_line(lexed.code[case.token].line);
        if let Some(word) = line.into_iter().rev().find(|at| lexed.is(*at, "return")) {
            let end = lexed.code[case.statement_end(word)].end;
            let edit = Edit::delete(case.file(), lexed.code[word].end, end);
            all.push(Candidate::new(MistakeId::ReturnCount, OF_MAIN, vec![edit]).guess());
        }
        return;
    }
    declared(case, &function, &types, &want, all);
    values(case, &have, &want, all);
    let line = lexed.on_line(lexed.code[case.token].line);
    let start = line.into_iter().rev().find(|at| lexed.is(*at, "return"));
    if let Some(start) = start.filter(|_| have.len() + 1 == want.len()) {
        let end = end_of(case, start);
        if end > start {
            worked_out(case, (&function, end), &want, all);
        }
    }
}

/// The `)` of the parameters of a function without a name that says of no result: the innermost one around.
fn literal_around(case: &Case) -> Option<usize> {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let mut open = pairs.inside_of(case.token)?;
    loop {
        if lexed.is(open, "{") && lexed.before(open) == ")" {
            let parameters = pairs.partner_of(open - 1)?;
            if lexed.before(parameters) == "func" {
                return Some(open - 1);
            }
        }
        open = pairs.inside_of(open).filter(|outer| *outer < open)?;
    }
}

/// A function without a name gives back what its `return` has.
fn of_literal(case: &Case, close: usize, types: &str, count: usize, all: &mut Vec<Candidate>) {
    if types.is_empty() || types.split(", ").any(|typed| typed == "nil") {
        return;
    }
    let types = match count {
        1 => written(case, types).to_owned(),
        _ => format!("({types})"),
    };
    let edit = case.insert(case.lexed().code[close].end, format!(" {types}"));
    all.push(Candidate::new(MistakeId::MissingReturnType, LITERAL_UNSAID, vec![edit]).guess());
}

/// A function without a name is handed over where one that gives something back is wanted.
fn wanted_of_literal(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    // Seen with go 1.19: `cannot use func(a int) {…} (value of type func(a int)) as type func(a int) bool in
    // argument to …`, and from `go vet` with other words.
    let said = case.message.text.strip_prefix("cannot use ");
    let said = said.filter(|said| said.trim_start_matches('(').starts_with("func("));
    let types = said.and_then(|said| said.split_once(" (value of type "));
    let Some((has, wanted)) = types.and_then(|(_, rest)| rest.split_once(") as ")) else { return };
    let wanted = wanted.strip_prefix("type ").unwrap_or(wanted);
    let end = [" value in ", " in "].iter().find_map(|end| wanted.split_once(end));
    let wanted = end.map_or(wanted, |(wanted, _)| wanted);
    let Some(types) = wanted.strip_prefix(has).map(str::trim) else { return };
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut literals = line.filter(|at| lexed.is(*at, "func") && lexed.is(at + 1, "("));
    let (Some(word), None) = (literals.next(), literals.next()) else { return };
    if let Some(close) = pairs.partner_of(word + 1).filter(|close| lexed.is(close + 1, "{")) {
        of_literal(case, close, types, 1, all);
    }
}

/// The types that a return gives back, and those that its function says.
fn counted(message: &Message) -> Option<(Vec<String>, Vec<String>)> {
    if !message.text.contains("return values") {
        return None;
    }
    let notes = message.notes.iter().map(|note| note.text.as_str());
    let lines: Vec<&str> = message.text.lines().chain(notes).map(str::trim).collect();
    let listed = |word: &str| {
        let list = lines.iter().find_map(|line| line.strip_prefix(word))?;
        Some(parts(list.strip_suffix(')')?))
    };
    Some((listed("have (")?, listed("want (")?))
}

/// The types of a list that a message writes.
fn parts(list: &str) -> Vec<String> {
    let mut depth = 0;
    let all = list.split(|letter: char| {
        depth += i32::from("([{".contains(letter)) - i32::from(")]}".contains(letter));
        letter == ',' && depth == 0
    });
    all.map(|part| part.trim().to_owned()).filter(|part| !part.is_empty()).collect()
}

/// The results that the returns of a function give back are declared.
fn declared(
    case: &Case,
    function: &Function,
    have: &[String],
    want: &[String],
    all: &mut Vec<Candidate>,
) {
    let lexed = case.lexed();
    // A plain number fits each type of numbers: what the header says of it stays.
    let types = have.iter().enumerate().map(|(at, typed)| match want.get(at) {
        Some(said) if typed == "number" && is_number(case, said) => said.as_str(),
        _ => written(case, typed),
    });
    let types: Vec<&str> = types.collect();
    if types.iter().any(|typed| typed.is_empty() || *typed == "nil") {
        return;
    }
    let list = match types.as_slice() {
        [one] => (*one).to_owned(),
        more => format!("({})", more.join(", ")),
    };
    let close = lexed.code[function.parameters_close];
    let edit = match function.returns {
        Some((first, last)) => {
            let (first, last) = wrapped(case, (first, last));
            Edit::replace(case.file(), lexed.code[first].start, lexed.code[last].end, list)
        }
        None => case.insert(close.end, format!(" {list}")),
    };
    let others = counts(case, function);
    let bound = bound_by_calls(case, function);
    let agree = others.iter().all(|count| *count == have.len());
    let told = want.is_empty() && agree && have.iter().all(|typed| typed != "number");
    let score = UNSAID.when(want.is_empty())
        + TYPES_TOLD.when(told)
        + ALL_AGREE.when(agree && others.len() > 1)
        + ALONE.when(others.contains(&want.len()) && !want.is_empty())
        + CALLS_BIND.when(bound == Some(want.len()) && want.len() > 1)
        + FEWER.when(want.len() > have.len());
    let mistake =
        if want.is_empty() { MistakeId::MissingReturnType } else { MistakeId::WrongReturnType };
    all.push(Candidate::new(mistake, score, vec![edit]).guess());
}

/// The brackets around a list of results belong to it.
fn wrapped(case: &Case, (first, last): (usize, usize)) -> (usize, usize) {
    let lexed = case.lexed();
    let around = first > 0 && lexed.is(first - 1, "(") && lexed.is(last + 1, ")");
    if around && case.text.pairs.partner_of(first - 1) == Some(last + 1) {
        (first - 1, last + 1)
    } else {
        (first, last)
    }
}

/// Whether a type is one of numbers.
fn is_number(case: &Case, typed: &str) -> bool {
    let number = ["int", "uint", "float", "byte", "rune", "complex"];
    case.language().is_type(typed) && number.iter().any(|start| typed.starts_with(start))
}

/// A type as a program writes it; a plain number is a whole one.
fn written<'a>(case: &'a Case, typed: &'a str) -> &'a str {
    if typed == "number" { case.language().usual.whole } else { typed }
}

/// How many names the first call of a function gives its results to.
fn bound_by_calls(case: &Case, function: &Function) -> Option<usize> {
    let lexed = case.lexed();
    let open = case.text.pairs.partner_of(function.parameters_close)?;
    let own = open.checked_sub(1)?;
    let calls = case.text.names.seen.get(lexed.word(own))?.iter().copied();
    let mut calls = calls.filter(|at| lexed.is(at + 1, "(") && *at != own);
    calls.find_map(|at| {
        let line = lexed.on_line(lexed.code[at].line);
        let bind = line.clone().find(|i| matches!(lexed.word(*i), ":=" | "="))?;
        (bind < at).then(|| 1 + (line.start..bind).filter(|i| lexed.is(*i, ",")).count())
    })
}

/// How many values each return of a function gives back.
fn counts(case: &Case, function: &Function) -> Vec<usize> {
    let lexed = case.lexed();
    let close = function.close.unwrap_or(lexed.code.len());
    let returns = (function.open..close).filter(|at| lexed.is(*at, "return"));
    let count = |at: usize| {
        let end = case.statement_end(at);
        let commas = (at..=end).filter(|comma| {
            lexed.is(*comma, ",")
                && case.text.pairs.inside_of(*comma) == case.text.pairs.inside_of(at)
        });
        if end == at { 0 } else { commas.count() + 1 }
    };
    returns.map(count).collect()
}

/// An empty value of a type: `nil` of a list, a map or a pointer, braces of a structure of the text.
fn empty_of(case: &Case, typed: &str) -> Option<String> {
    if let Some(value) = case.language().default_of(typed) {
        return Some(value.to_owned());
    }
    let held = ["[]", "map[", "*", "func(", "chan "].iter().any(|start| typed.starts_with(start));
    let own = case.text.names.of(typed).any(|declared| {
        declared.kind == NameKind::Type && case.lexed().is(declared.token + 1, "struct")
    });
    match (held, own) {
        (true, _) => Some("nil".to_owned()),
        (_, true) => Some(format!("{typed}{{}}")),
        _ => None,
    }
}

/// `nil` stands for a value of a type that has none: an empty one of that type is meant.
fn empty(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let told = case.message.text.strip_prefix("cannot use nil as ");
    let Some((typed, _)) = told.and_then(|told| told.split_once(" value in ")) else { return };
    let Some(value) = empty_of(case, typed).filter(|value| value != "nil") else { return };
    if lexed.is(case.token, "nil") {
        let edit = case.replace_token(case.token, value);
        // Elsewhere no results are counted.
        let kind = match case.message.text.ends_with("return statement") {
            true => MistakeId::ReturnCount,
            false => MistakeId::WrongArgument,
        };
        all.push(Candidate::new(kind, EMPTY_OF_TYPE, vec![edit]));
    }
}

/// The last token of a `return`: a structure that is given back has braces, and they open no block.
fn end_of(case: &Case, start: usize) -> usize {
    let lexed = case.lexed();
    let mut last = start;
    while let Some(next) = lexed.code.get(last + 1).filter(|next| !next.first)
        && !matches!(lexed.word(last + 1), "}" | ";")
    {
        let opens = next.kind == TokenKind::Open;
        last = case.text.pairs.partner_of(last + 1).filter(|_| opens).unwrap_or(last + 1);
    }
    last
}

/// The last result that a return lacks may be a value that the function has worked out.
fn worked_out(
    case: &Case,
    (function, end): (&Function, usize),
    want: &[String],
    all: &mut Vec<Candidate>,
) {
    let lexed = case.lexed();
    let fails = want.last().is_some_and(|last| last == "error");
    let body = function.open..end;
    let returned = |name: &str| lexed.on_line(lexed.code[end].line).any(|at| lexed.is(at, name));
    let mut seen = std::collections::HashSet::new();
    for declared in &case.text.names.declared {
        let name = lexed.word(declared.token);
        let local = declared.kind == NameKind::Value
            && body.contains(&declared.token)
            && (declared.scope.0..declared.scope.1).contains(&end);
        if local && !returned(name) && seen.insert(name) {
            let after = declared.token + 1..declared.scope.1.min(lexed.code.len());
            let error = fails && name == "err" && !after.into_iter().any(|at| lexed.is(at, name));
            let score = WORKED_OUT + KEPT_ERROR.when(error);
            let edit = case.insert(lexed.code[end].end, format!(", {name}"));
            all.push(Candidate::new(MistakeId::ReturnCount, score, vec![edit]).guess());
        }
    }
}

/// The values that a return lacks: `nil` where nothing went wrong, empty ones beside an error.
fn values(case: &Case, have: &[String], want: &[String], all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(at) = line.into_iter().rev().find(|at| lexed.is(*at, "return")) else { return };
    let end = end_of(case, at);
    let fails = want.last().is_some_and(|last| last == "error");
    // Beside nothing, nothing was found; beside a value, something was.
    if want.last().is_some_and(|last| last == "bool") && have.len() + 1 == want.len() && end > at {
        let found = if lexed.is(end, "nil") { ", false" } else { ", true" };
        let edit = case.insert(lexed.code[end].end, found);
        all.push(Candidate::new(MistakeId::ReturnCount, FOUND, vec![edit]).guess());
    }
    if fails && want.len() == 1 && end == at {
        let edit = case.insert(lexed.code[at].end, " nil");
        all.push(Candidate::new(MistakeId::ReturnCount, NO_ERROR, vec![edit]).guess());
    }
    if !fails || have.len() + 1 > want.len() || end == at {
        return;
    }
    let front = &want[..want.len() - 1];
    if have.len() == front.len() && have.last().is_none_or(|last| last != "error") {
        let edit = case.insert(lexed.code[end].end, ", nil");
        all.push(Candidate::new(MistakeId::ReturnCount, NO_ERROR, vec![edit]));
    }
    if let [error] = have
        && error == "error"
        && let Some(values) =
            front.iter().map(|typed| empty_of(case, typed)).collect::<Option<Vec<_>>>()
    {
        let edit = case.insert(lexed.code[at + 1].start, format!("{}, ", values.join(", ")));
        all.push(Candidate::new(MistakeId::ReturnCount, EMPTY_BESIDE, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_function_without_a_name_says_what_it_gives_back() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc deep() func(int) int {\n\tadd := func(n int) { return <|>n + 1 }\n\treturn add\n}\n",
            "too many return values\n\thave (int)\n\twant ()",
            "package quay\n\nfunc deep() func(int) int {\n\tadd := func(n int) int { return n + 1 }\n\treturn add\n}\n",
        );
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc deep(all []int) {\n\tsort.Slice(all, <|>func(i, j int) { return all[i] < all[j] })\n}\n",
            "cannot use func(i, j int) {…} (value of type func(i int, j int)) as type func(i int, j int) bool in argument to sort.Slice",
            "package quay\n\nfunc deep(all []int) {\n\tsort.Slice(all, func(i, j int) bool { return all[i] < all[j] })\n}\n",
        );
    }

    #[test]
    fn several_results_are_declared_in_brackets() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc pop(q []string) string {\n\tif len(q) == 0 {\n\t\treturn <|>\"\", false\n\t}\n\treturn q[0], true\n}\n",
            "too many return values\n\thave (string, bool)\n\twant (string)",
            "package quay\n\nfunc pop(q []string) (string, bool) {\n\tif len(q) == 0 {\n\t\treturn \"\", false\n\t}\n\treturn q[0], true\n}\n",
        );
    }

    #[test]
    fn a_return_without_values_tells_that_nothing_went_wrong() {
        check_among(
            &FAMILY,
            "go",
            "package quay\n\nfunc land(n int) error {\n\tif n > 3 {\n\t\t<|>return\n\t}\n\treturn nil\n}\n",
            "not enough return values\n\thave ()\n\twant (error)",
            "package quay\n\nfunc land(n int) error {\n\tif n > 3 {\n\t\treturn nil\n\t}\n\treturn nil\n}\n",
        );
    }

    #[test]
    fn what_went_wrong_is_given_back_where_nothing_else_uses_it() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc read(text string) (int, error) {\n\tvar n int\n\t_, err := scan(text, &n)\n\treturn <|>n\n}\n",
            "not enough return values\n\thave (int)\n\twant (int, error)",
            "package quay\n\nfunc read(text string) (int, error) {\n\tvar n int\n\t_, err := scan(text, &n)\n\treturn n, err\n}\n",
        );
    }

    #[test]
    fn beside_an_error_a_list_is_nothing() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc load(err error) ([]Boat, error) {\n\tif err != nil {\n\t\treturn <|>err\n\t}\n\treturn all, nil\n}\n",
            "not enough return values\n\thave (error)\n\twant ([]Boat, error)",
            "package quay\n\nfunc load(err error) ([]Boat, error) {\n\tif err != nil {\n\t\treturn nil, err\n\t}\n\treturn all, nil\n}\n",
        );
    }

    #[test]
    fn the_braces_of_a_structure_open_no_block() {
        check_among(
            &FAMILY,
            "go",
            "package quay\n\nfunc make1(n int) (Boat, error) {\n\treturn <|>Boat{n, 3}\n}\n",
            "not enough return values\n\thave (Boat)\n\twant (Boat, error)",
            "package quay\n\nfunc make1(n int) (Boat, error) {\n\treturn Boat{n, 3}, nil\n}\n",
        );
    }

    #[test]
    fn that_nothing_went_wrong_is_said() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc burn(n int) (int, error) {\n\tif n > 3 {\n\t\treturn n, nil\n\t}\n\treturn <|>n + 1\n}\n",
            "not enough return values\n\thave (int)\n\twant (int, error)",
            "package quay\n\nfunc burn(n int) (int, error) {\n\tif n > 3 {\n\t\treturn n, nil\n\t}\n\treturn n + 1, nil\n}\n",
        );
    }

    #[test]
    fn beside_an_error_the_results_are_empty() {
        check_among(
            &FAMILY,
            "go",
            "package quay\n\nfunc burn(n int) (int, error) {\n\tif n > 3 {\n\t\treturn <|>errors.New(\"none\")\n\t}\n\treturn n, nil\n}\n",
            "not enough return values\n\thave (error)\n\twant (int, error)",
            "package quay\n\nfunc burn(n int) (int, error) {\n\tif n > 3 {\n\t\treturn 0, errors.New(\"none\")\n\t}\n\treturn n, nil\n}\n",
        );
    }

    #[test]
    fn a_type_without_nil_has_an_empty_value() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\ntype berth struct{ n int }\n\nfunc find() (berth, error) {\n\treturn <|>nil, nil\n}\n",
            "cannot use nil as berth value in return statement",
            "package quay\n\ntype berth struct{ n int }\n\nfunc find() (berth, error) {\n\treturn berth{}, nil\n}\n",
        );
    }

    #[test]
    fn what_was_worked_out_may_be_given_back() {
        check_among(
            &FAMILY,
            "go",
            "package quay\n\nfunc low(all []int) (int, int) {\n\tbest, at := all[0], 0\n\tfor i, n := range all {\n\t\tif n < best {\n\t\t\tbest, at = n, i\n\t\t}\n\t}\n\treturn <|>best\n}\n",
            "not enough return values\n\thave (int)\n\twant (int, int)",
            "package quay\n\nfunc low(all []int) (int, int) {\n\tbest, at := all[0], 0\n\tfor i, n := range all {\n\t\tif n < best {\n\t\t\tbest, at = n, i\n\t\t}\n\t}\n\treturn best, at\n}\n",
        );
    }

    #[test]
    fn main_gives_nothing_back() {
        check_fix(
            &FAMILY,
            "go",
            "package main\n\nfunc main() {\n\treturn <|>0\n}\n",
            "too many return values\n\thave (number)\n\twant ()",
            "package main\n\nfunc main() {\n\treturn\n}\n",
        );
    }

    #[test]
    fn a_plain_number_is_a_whole_one() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc deep() {\n\treturn <|>4\n}\n",
            "too many return values\n\thave (number)\n\twant ()",
            "package quay\n\nfunc deep() int {\n\treturn 4\n}\n",
        );
    }

    #[test]
    fn nothing_tells_the_type_of_nil_alone() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc deep() {\n\treturn <|>nil\n}\n",
            "too many return values\n\thave (nil)\n\twant ()",
        );
    }

    #[test]
    fn whether_there_is_a_value_is_told_beside_it() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc first(all []*Boat) (*Boat, bool) {\n\tif len(all) == 0 {\n\t\treturn <|>nil\n\t}\n\treturn all[0], true\n}\n",
            "not enough return values\n\thave (nil)\n\twant (*Boat, bool)",
            "package quay\n\nfunc first(all []*Boat) (*Boat, bool) {\n\tif len(all) == 0 {\n\t\treturn nil, false\n\t}\n\treturn all[0], true\n}\n",
        );
    }

    #[test]
    fn a_call_with_too_many_values_is_for_others() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc deep(n int) int {\n\treturn n\n}\n\nfunc low() int {\n\treturn deep(1, <|>2)\n}\n",
            "too many arguments in call to deep\n\thave (number, number)\n\twant (int)",
        );
    }
}
