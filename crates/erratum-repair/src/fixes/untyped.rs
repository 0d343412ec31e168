//! Variables that are declared without a type, where the language wants one: `i, j;` in a Pascal
//! `var` section.

use super::family::{Example, Family, Phases};
use super::shape::{call_at, text_of, type_of};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The names count something.
const COUNTS: Factor = weight("it counts in a loop", 4.0);
/// Nothing tells the type.
const UNTOLD: Factor = weight("nothing tells the type", 0.0);

/// A name without a type is mostly a number.
const COUNTS_SOMETHING: Factor = weight("a name without a type is mostly a number", 6.5);
/// The value tells the type.
const TOLD_BY_VALUE: Factor = weight("the value tells the type", 6.5);
/// All calls hand over values of one type.
const CALLED_WITH: Factor = weight("all calls hand over values of this type", 6.0);
/// The field that it is given to has this type.
const OF_FIELD: Factor = weight("the field of the same name has this type", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "untyped",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "program quay;\nvar\n  i<|>;\nbegin\n  for i := 1 to 3 do\n    writeln(i);\nend.\n",
        message: "Syntax error, \":\" expected but \";\" found",
        after: "program quay;\nvar\n  i: integer;\nbegin\n  for i := 1 to 3 do\n    writeln(i);\nend.\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    parameter(case, all);
    bare_parameter(case, all);
    constant(case, all);
    let lexed = case.lexed();
    let language = case.language();
    if language.variable_section.is_empty() || !case.message.text.contains("\":\" expected") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let end = line.end.saturating_sub(1);
    let names: Vec<usize> =
        line.clone().filter(|at| lexed.kind(*at) == Some(TokenKind::Name)).collect();
    let listed = line.clone().all(|at| at == end || names.contains(&at) || lexed.is(at, ","));
    if names.is_empty() || !listed || !lexed.is(end, ";") {
        return;
    }
    let counts = names.iter().any(|name| {
        case.text.names.seen.get(lexed.word(*name)).is_some_and(|seen| {
            seen.iter().any(|at| at.checked_sub(1).is_some_and(|word| lexed.is(word, "for")))
        })
    });
    let usual = language.usual;
    let types = match counts {
        true => vec![(usual.whole, COUNTS)],
        false => [usual.whole, usual.real, usual.text].map(|typed| (typed, UNTOLD)).to_vec(),
    };
    for (typed, score) in types {
        let edit = case.insert(lexed.code[end].start, format!(": {typed}"));
        all.push(Candidate::new(MistakeId::MissingType, score, vec![edit]).guess());
    }
}

/// A parameter without its type: the calls of the function tell it (seen with tsc 5.9 and rustc 1.95).
fn parameter(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let told =
        said.contains("implicitly has an 'any' type") || said.starts_with("expected one of `:`");
    let colon = case.language().result_marks.contains(&":");
    if !told || !colon {
        return;
    }
    let near = [case.token, case.token.saturating_sub(1)];
    let name = near.into_iter().find(|at| {
        lexed.kind(*at) == Some(TokenKind::Name)
            && matches!(lexed.before(*at), "(" | ",")
            && matches!(lexed.word(at + 1), ")" | ",")
    });
    let Some(name) = name else { return };
    let Some(open) = case.text.pairs.inside_of(name) else { return };
    let function = open.wrapping_sub(1);
    let own = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
    let place = (open..name).filter(own).filter(|at| lexed.is(*at, ",")).count();
    // What makes an object is called by the name of its class.
    let block = case.text.pairs.block_of(lexed, function);
    let class = block.and_then(|open| (0..open).rev().find(|at| lexed.is(*at, "class")));
    let made = class.filter(|_| lexed.is(function, "constructor"));
    let called = made.map_or(lexed.word(function), |class| lexed.word(class + 1));
    let calls = case.text.names.seen.get(called).map_or(&[][..], Vec::as_slice);
    let types = calls.iter().filter(|at| **at != function).filter_map(|at| {
        let (first, last) = *call_at(case, at + 1)?.arguments.get(place)?;
        type_of(case, first, last)
    });
    let mut types: Vec<String> = types.collect();
    types.sort_unstable();
    types.dedup();
    // A field that has the name of the parameter is given its value.
    let field = case.text.names.of(lexed.word(name)).find(|declared| {
        declared.kind == NameKind::Member
            && case.text.pairs.block_of(lexed, declared.token) == block
    });
    let field = field.and_then(|field| field.typed).filter(|_| made.is_some());
    let told = match (&types[..], field) {
        (_, Some(typed)) => Some((text_of(case, typed), OF_FIELD)),
        ([typed], None) => Some((typed.clone(), CALLED_WITH)),
        _ => None,
    };
    if let Some((typed, why)) = told {
        let edit = case.insert(lexed.code[name].end, format!(": {typed}"));
        all.push(Candidate::new(MistakeId::MissingType, why, vec![edit]).guess());
    }
}

/// C: `int sum(int values[], n)`: a parameter without its type counts, unless its calls tell otherwise.
fn bare_parameter(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with gcc 12 and clang 14.
    if !case.language().directives || !case.message.text.starts_with("unknown type name '") {
        return;
    }
    let name = case.token;
    let alone =
        matches!(lexed.before(name), "(" | ",") && matches!(lexed.word(name + 1), ")" | ",");
    let Some(open) = case.text.pairs.inside_of(name).filter(|open| *open > 0 && alone) else {
        return;
    };
    let seen = case.text.names.seen.get(lexed.word(name)).map_or(0, Vec::len);
    if lexed.kind(name) == Some(TokenKind::Name) && seen > 1 && lexed.is(open, "(") {
        let text = format!("{} ", case.language().usual.whole);
        let edit = case.insert(lexed.code[name].start, text);
        all.push(Candidate::new(MistakeId::MissingType, COUNTS_SOMETHING, vec![edit]).guess());
    }
}

/// `static final RATE = 1.75;`: the value tells the type.
fn constant(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    if !language.type_first || !matches!(case.message.text.as_str(), "<identifier> expected") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(mark) = line.clone().find(|at| lexed.is(*at, "=")).filter(|mark| *mark > line.start)
    else {
        return;
    };
    let name = mark - 1;
    let words = ["final", "static", "private", "public", "protected"];
    let only = (line.start..name).all(|at| words.contains(&lexed.word(at)));
    let end = case.statement_end(mark);
    let typed = (end > mark + 1).then(|| type_of(case, mark + 1, end - 1)).flatten();
    if let Some(typed) = typed.filter(|_| only && name > line.start) {
        let edit = case.insert(lexed.code[name].start, format!("{typed} "));
        all.push(Candidate::new(MistakeId::MissingType, TOLD_BY_VALUE, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str = "Syntax error, \":\" expected but \";\" found";

    #[test]
    fn the_value_of_a_constant_tells_its_type() {
        let text = "class Quay {\n    private static final <|>RATE = 1.75;\n}\n";
        check_fix(&FAMILY, "java", text, "<identifier> expected", &text.replace("<|>", "double "));
    }

    #[test]
    fn a_field_tells_the_type_of_what_it_is_given() {
        let text = "class Roster {\n  ship: string;\n  constructor(<|>ship) {\n    this.ship = ship;\n  }\n}\n";
        check_fix(
            &FAMILY,
            "typescript",
            text,
            "[TS7006] Parameter 'ship' implicitly has an 'any' type.",
            &text.replace("<|>ship", "ship: string"),
        );
    }

    #[test]
    fn a_parameter_of_c_is_mostly_a_number() {
        let text = "int sum(int values[], <|>n) {\n    return n > 0 ? values[0] : 0;\n}\n";
        check_fix(&FAMILY, "c", text, "unknown type name 'n'", &text.replace("<|>", "int "));
    }

    #[test]
    fn calls_tell_the_type_of_a_parameter() {
        check_fix(
            &FAMILY,
            "typescript",
            "function level(<|>metres): boolean {\n  return metres > 4;\n}\nlevel(3);\n",
            "[TS7006] Parameter 'metres' implicitly has an 'any' type.",
            "function level(metres: number): boolean {\n  return metres > 4;\n}\nlevel(3);\n",
        );
    }

    #[test]
    fn calls_that_disagree_tell_nothing() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function level(<|>metres): boolean {\n  return true;\n}\nlevel(3);\nlevel(\"3\");\n",
            "[TS7006] Parameter 'metres' implicitly has an 'any' type.",
        );
    }

    #[test]
    fn several_names_have_one_type() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  i, j<|>;\nbegin\n  for j := 1 to 3 do\n    i := j;\nend.\n",
            SAID,
            "program quay;\nvar\n  i, j: integer;\nbegin\n  for j := 1 to 3 do\n    i := j;\nend.\n",
        );
    }

    #[test]
    fn where_nothing_tells_a_real_number_is_among_them() {
        check_among(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  tide<|>;\nbegin\n  tide := low;\nend.\n",
            SAID,
            "program quay;\nvar\n  tide: real;\nbegin\n  tide := low;\nend.\n",
        );
    }

    #[test]
    fn a_text_is_among_them() {
        check_among(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  tide<|>;\nbegin\n  tide := low;\nend.\n",
            SAID,
            "program quay;\nvar\n  tide: string;\nbegin\n  tide := low;\nend.\n",
        );
    }

    #[test]
    fn a_variable_with_its_type_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  tide: real<|>;\nbegin\n  tide := 3;\nend.\n",
            SAID,
        );
    }

    #[test]
    fn a_call_declares_nothing() {
        check_no_fix(&FAMILY, "pascal", "program quay;\nbegin\n  writeln(3)<|>;\nend.\n", SAID);
    }

    #[test]
    fn another_message_is_for_others() {
        check_no_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  tide<|>;\nbegin\nend.\n",
            "Syntax error, \"BEGIN\" expected but \"identifier TIDE\" found",
        );
    }
}
