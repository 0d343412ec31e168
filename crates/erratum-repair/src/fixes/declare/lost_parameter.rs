//! A function that lacks a parameter: its body uses a name that nothing declares, and its calls give one value
//! more than it takes.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::{
    call_at, may_be, parameters_at, routine_around, routine_name, takes_itself, text_of, type_of,
};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// Every call gives one value more than the function takes.
const CALLS_GIVE: Factor = weight("its calls give one value more", 6.5);
/// The signature has one type more than the equations have patterns.
const TYPES_GIVE: Factor = weight("the signature has one type more", 6.5);
/// Each parameter behind the one that was lost.
const NOT_LAST: Factor = weight("a parameter stands behind it", -1.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "lost-parameter",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    double fare(int seats) {\n        return seats * <|>rate;\n    }\n    double all() {\n        return fare(3, 2.5);\n    }\n}\n",
        message: "cannot find symbol: variable rate",
        after: "class Quay {\n    double fare(int seats, double rate) {\n        return seats * rate;\n    }\n    double all() {\n        return fare(3, 2.5);\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let asked = case.phase == Phase::Name && lexed.kind(case.token) == Some(TokenKind::Name);
    // A field of that name is asked of its object.
    let known = case.text.names.resolve(lexed, case.token);
    // `True` of another language is no parameter: where letters count, those begin with a small one.
    let large = lexed.word(case.token).starts_with(char::is_uppercase);
    // A near name is rather meant, and so is a value of an inner block.
    let said = &case.message.text;
    let near = said.contains("Did you mean '") || said.contains("did you mean '");
    let function = routine_around(case, case.token);
    let inner = case.text.names.of(lexed.word(case.token)).any(|one| {
        let open = function.as_ref().map_or(usize::MAX, |function| function.open);
        one.kind == NameKind::Value && one.token > open && one.token < case.token
    });
    if !asked
        || near
        || inner
        || large && !case.language().any_case
        || matches!(lexed.before(case.token), "." | "->" | "::")
        || lexed.is(case.token + 1, "(")
        || known.is_some_and(|one| one.kind != NameKind::Member)
        || own_field(case)
    {
        return;
    }
    if case.language().applies_bare {
        patterns(case, all);
    } else {
        parameters(case, all);
    }
}

/// Whether the type around has a field of that name, and its object is at hand.
fn own_field(case: &Case) -> bool {
    let lexed = case.lexed();
    let mut fields = case.text.names.of(lexed.word(case.token));
    let function = routine_around(case, case.token);
    let object = function.is_some_and(|one| {
        let head = case.statement_start(one.open)..one.open;
        head.into_iter().any(|at| matches!(lexed.word(at), "self" | "this"))
    });
    case.language().borrows && object && fields.any(|one| one.kind == NameKind::Member)
}

/// A parameter that the head of the function lacks, of the type that the calls give.
fn parameters(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let function = routine_around(case, case.token);
    let Some(name) = function.and_then(|one| routine_name(case, &one)) else { return };
    let heads = case.text.names.of(lexed.word(name)).filter(|one| one.kind == NameKind::Function);
    let heads: Vec<usize> = heads.map(|one| one.token).collect();
    let Some(taken) = parameters_at(case, name + 1).or_else(|| bare(case, name)) else { return };
    let head = call_at(case, name + 1);
    let itself = head.as_ref().is_some_and(|head| takes_itself(case, head));
    // `&mut self` has neither a name nor a type of its own, and may be left out already.
    let all_told = head.is_some_and(|head| head.arguments.len() == taken.len());
    let taken = &taken[usize::from(itself && all_told).min(taken.len())..];
    let seen = case.text.names.seen.get(lexed.word(name)).map_or(&[][..], Vec::as_slice);
    let calls = seen.iter().filter(|at| !heads.contains(at) && lexed.is(**at + 1, "("));
    let Some(calls) = calls.map(|at| call_at(case, at + 1)).collect::<Option<Vec<_>>>() else {
        return;
    };
    if calls.is_empty() || calls.iter().any(|call| call.arguments.len() != taken.len() + 1) {
        return;
    }
    let given: Vec<Vec<Option<String>>> = calls
        .iter()
        .map(|call| call.arguments.iter().map(|(a, b)| type_of(case, *a, *b)).collect())
        .collect();
    for lost in 0..=taken.len() {
        let fits = given.iter().all(|types| {
            let others = types.iter().enumerate().filter(|(at, _)| *at != lost).map(|(_, one)| one);
            others.zip(taken).all(|(one, (wanted, _))| may_be(case, one.as_deref(), wanted))
        });
        let types: Vec<&str> = given.iter().filter_map(|types| types[lost].as_deref()).collect();
        let Some(typed) = shared(case, &types).filter(|_| fits) else { continue };
        let index = lost + usize::from(itself);
        let edits = heads.iter().filter_map(|head| with_parameter(case, *head, index, typed));
        let score = CALLS_GIVE + NOT_LAST * (taken.len() - lost) as f64;
        all.push(Candidate::new(MistakeId::MissingParameter, score, edits.collect()).guess());
    }
}

/// No parameters, where a head without any needs no brackets.
fn bare(case: &Case, name: usize) -> Option<Vec<(String, String)>> {
    matches!(case.lexed().word(name + 1), ":" | "=").then(Vec::new)
}

/// The type that all values have; a real number where some are whole.
fn shared<'a>(case: &Case, types: &[&'a str]) -> Option<&'a str> {
    let usual = case.language().usual;
    let first = types.iter().find(|one| **one == usual.real).or(types.first())?;
    let same = |one: &&str| one == first || **one == *usual.whole && **first == *usual.real;
    types.iter().all(same).then_some(*first)
}

/// Writes a parameter into the head of a function, in front of the one with this number.
fn with_parameter(case: &Case, head: usize, index: usize, typed: &str) -> Option<Edit> {
    let (lexed, language) = (case.lexed(), case.language());
    let name = text_of(case, (case.token, case.token));
    let written = match language.typed_variable {
        Some((_, between)) if !language.type_first => format!("{name}{between}{typed}"),
        _ if language.type_first => format!("{typed} {name}"),
        _ => format!("{name}: {typed}"),
    };
    let Some(call) = call_at(case, head + 1) else {
        return Some(case.insert(lexed.code[head].end, format!("({written})")));
    };
    if let [(first, last)] = call.arguments[..]
        && first == last
        && lexed.is(first, "void")
    {
        return Some(case.replace_token(first, written));
    }
    let mark = if language.parted_parameters { ";" } else { "," };
    match (call.arguments.get(index), call.arguments.last()) {
        (Some((first, _)), _) => {
            Some(case.insert(lexed.code[*first].start, format!("{written}{mark} ")))
        }
        (None, Some((_, last))) => {
            Some(case.insert(lexed.code[*last].end, format!("{mark} {written}")))
        }
        (None, None) => Some(case.insert(lexed.code[call.open].end, written)),
    }
}

/// A pattern that every equation of a function lacks, beside its signature.
fn patterns(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let inside = |at: usize, open: Option<usize>| case.text.pairs.inside_of(at) == open;
    let signatures = case.text.names.declared.iter().filter(|one| one.typed.is_some());
    let Some(signed) = signatures.filter(|one| one.token < case.token).max_by_key(|one| one.token)
    else {
        return;
    };
    let Some((first, last)) = signed.typed else { return };
    let open = case.text.pairs.inside_of(signed.token);
    if (first..=last).any(|at| lexed.is(at, "=>") || lexed.is(at, "forall")) {
        return;
    }
    let arrows = (first..=last).filter(|at| lexed.is(*at, "->") && inside(*at, open)).count();
    // A function is wanted, and the signature takes none.
    let told = case.message.text.split_once("::").map_or("", |(_, told)| told);
    let takes_function = (first..=last).any(|at| lexed.is(at, "->") && !inside(at, open));
    // Another name may stand for one.
    let named = (first..=last).any(|at| {
        case.text.names.of(lexed.word(at)).any(|one| {
            lexed.before(one.token) == "type"
                && lexed.on_line(lexed.code[one.token].line).any(|at| lexed.is(at, "->"))
        })
    });
    if told.contains("->") && !takes_function && !named {
        return;
    }
    let name = lexed.word(signed.token);
    let column = |at: usize| lexed.code[at].start - lexed.source.line_start(lexed.code[at].line);
    let own = column(signed.token);
    let seen = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
    let heads: Vec<usize> = seen
        .iter()
        .copied()
        .filter(|at| *at > last && lexed.code[*at].first && column(*at) == own)
        .collect();
    let mut edits = Vec::new();
    for (index, head) in heads.iter().enumerate() {
        let next = heads.get(index + 1).copied().unwrap_or(lexed.code.len());
        let over = |at: &usize| lexed.code[*at].first && column(*at) <= own;
        let end = (head + 1..next).find(over).unwrap_or(next);
        let mark = |at: &usize| matches!(lexed.word(*at), "=" | "|") && inside(*at, open);
        let Some(body) = (head + 1..end).find(mark) else { return };
        let outer = (head + 1..body)
            .filter(|at| inside(*at, open) && lexed.kind(*at) != Some(TokenKind::Close));
        if outer.count() + 1 != arrows {
            return;
        }
        let lost = lexed.word(case.token);
        let used = (body..end).any(|at| lexed.is(at, lost));
        let written = if used { format!(" {lost}") } else { " _".to_owned() };
        edits.push(case.insert(lexed.code[body - 1].end, written));
    }
    if heads.iter().any(|head| *head < case.token) {
        all.push(Candidate::new(MistakeId::MissingParameter, TYPES_GIVE, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn every_equation_gets_the_pattern_that_its_signature_has() {
        check_fix(
            &FAMILY,
            "haskell",
            "fare :: Int -> Double -> Double\nfare 0 = 0\nfare seats\n  | <|>rate > 3 = 1\n  | otherwise = rate\n",
            "Variable not in scope: rate :: Double",
            "fare :: Int -> Double -> Double\nfare 0 _ = 0\nfare seats rate\n  | rate > 3 = 1\n  | otherwise = rate\n",
        );
    }

    #[test]
    fn a_head_of_pascal_parts_its_parameters_with_its_own_mark() {
        check_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nfunction Fare(Seats: integer): real;\nbegin\n  Fare := Seats * <|>Rate;\nend;\nbegin\n  WriteLn(Fare(3, 2.5));\nend.\n",
            "Identifier not found \"Rate\"",
            "program Quay;\nfunction Fare(Seats: integer; Rate: real): real;\nbegin\n  Fare := Seats * Rate;\nend;\nbegin\n  WriteLn(Fare(3, 2.5));\nend.\n",
        );
    }

    #[test]
    fn the_value_that_fits_no_parameter_tells_the_place() {
        check_fix(
            &FAMILY,
            "c",
            "double fare(int seats);\ndouble fare(int seats) {\n    use(<|>zone);\n    return seats;\n}\ndouble all(void) {\n    return fare(\"north\", 3);\n}\n",
            "'zone' undeclared (first use in this function)",
            "double fare(const char * zone, int seats);\ndouble fare(const char * zone, int seats) {\n    use(zone);\n    return seats;\n}\ndouble all(void) {\n    return fare(\"north\", 3);\n}\n",
        );
    }

    #[test]
    fn a_call_that_fits_the_head_speaks_against_it() {
        check_no_fix(
            &FAMILY,
            "c",
            "double fare(int seats) {\n    return seats * <|>rate;\n}\ndouble all(void) {\n    return fare(3);\n}\n",
            "'rate' undeclared (first use in this function)",
        );
    }
}
