//! Go: several results without their brackets, and the type of a value without the braces that make one.

use super::family::{Example, Family, Phases};
use super::shape::{function_around, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// The results of a function stand behind its parameters.
const RESULTS: Factor = evidence("several results stand behind the parameters", 9.5);
/// Braces make a value of a type.
const VALUE: Factor = evidence("braces make a value of a type", 8.5);

/// Every result is a type.
const TWO_TYPES: Factor = evidence("two types of results stand there", 9.5);
/// What the pointer leads to is read on the same line.
const THROUGH: Factor = evidence("what the pointer leads to is read on the same line", 9.0);
/// A place from the end is counted from the length.
const FROM_END: Factor = evidence("a place from the end is counted from the length", 9.5);
/// What may go wrong has a type of its own.
const OF_ERRORS: Factor = evidence("what may go wrong has a type of its own", 9.5);
/// A value of this type is never missing, and starts so.
const STARTS_SO: Factor = evidence("a value of this type starts so", 9.0);

/// Where one result has a name, each has.
const NAMED: Factor = evidence("where one result has a name, each has", 9.5);
/// A name that is used behind the mark is declared by it.
const ASKED: Factor = evidence("the condition declares what it asks for", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "go-forms",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc load(path string) []string<|>, error {\n\treturn nil, nil\n}\n",
        message: "syntax error: unexpected comma after top level declaration",
        after: "package quay\n\nfunc load(path string) ([]string, error) {\n\treturn nil, nil\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().receivers {
        return;
    }
    results(case, all);
    made(case, all);
    asked(case, all);
    named_error(case, all);
    // Seen with go 1.19.
    let said = &case.message.text;
    if said.contains("return values") {
        two_types(case, all);
    }
    if said.contains("in assignment") {
        pointed(case, all);
    }
    if said.contains("must not be negative") {
        from_the_end(case, all);
    }
    if said.starts_with("undefined: ") {
        error_type(case, all);
        no_value(case, all);
    }
}

/// `(int error)`: two types of results, not a name and its type.
fn two_types(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(function) = function_around(case, case.token) else { return };
    let open = function.parameters_close + 1;
    let result = lexed.is(open, "(")
        && case.language().is_type(lexed.word(open + 1))
        && (case.language().is_type(lexed.word(open + 2)) || lexed.is(open + 2, "error"))
        && lexed.is(open + 3, ")");
    if result {
        let edit = case.insert(lexed.code[open + 1].end, ",");
        all.push(Candidate::new(MistakeId::MissingSeparator, TWO_TYPES, vec![edit]).guess());
    }
}

/// `p = append(*p, n)`: what the pointer leads to is given the value.
fn pointed(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let name = line.start;
    let given = lexed.kind(name) == Some(TokenKind::Name) && lexed.is(name + 1, "=");
    let through = line.skip(3).any(|at| lexed.is(at, lexed.word(name)) && lexed.before(at) == "*");
    if given && through {
        let edit = case.insert(lexed.code[name].start, "*");
        all.push(Candidate::new(MistakeId::MissingDereference, THROUGH, vec![edit]).guess());
    }
}

/// `part[:-1]`: an end is counted from the length.
fn from_the_end(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for minus in line.skip(3).filter(|at| lexed.is(*at, "-")) {
        let close = case.text.pairs.inside_of(minus).and_then(|open| {
            let end = case.text.pairs.partner_of(open)?;
            (lexed.is(open, "[") && end == minus + 2).then_some(open)
        });
        let list = close.and_then(|open| open.checked_sub(1));
        let Some(list) = list.filter(|at| lexed.kind(*at) == Some(TokenKind::Name)) else {
            continue;
        };
        if matches!(lexed.before(minus), ":" | "[") && lexed.before(list) != "." {
            let edit = case.insert(lexed.code[minus].start, format!("len({})", lexed.word(list)));
            all.push(Candidate::new(MistakeId::ElementForm, FROM_END, vec![edit]).guess());
        }
    }
}

/// `func (s *Sloop) Advance() err {`: what may go wrong has a type of its own.
fn error_type(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = case.token;
    let result = lexed.is(name, "err")
        && (lexed.before(name) == ")" && lexed.is(name + 1, "{")
            || lexed.before(name) == "," && lexed.is(name + 1, ")") && lexed.is(name + 2, "{"));
    let head = lexed.on_line(lexed.code[name].line).any(|at| lexed.is(at, "func"));
    if result && head {
        let edit = case.replace_token(name, "error");
        all.push(Candidate::new(MistakeId::MisspeltName, OF_ERRORS, vec![edit]).guess());
    }
}

/// `var best float64 = null`: a number starts with zero.
fn no_value(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let value = case.token;
    let nothing = matches!(lexed.word(value), "null" | "None" | "undefined" | "NULL" | "none");
    let typed = value.checked_sub(2).filter(|_| lexed.before(value) == "=" && nothing);
    let Some(typed) = typed else { return };
    let start = case.language().defaults.iter().find(|(name, _)| lexed.is(typed, name));
    if let Some((_, start)) = start {
        let edit = case.replace_token(value, *start);
        all.push(Candidate::new(MistakeId::ForeignWord, STARTS_SO, vec![edit]).guess());
    }
}

/// `(seen int, error)`: where one result has a name, each has.
fn named_error(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with go 1.19.
    if !case.message.text.contains("mixed named and unnamed parameters") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    // `(total int, err)`: its name says which type it has.
    let mut untyped = line
        .clone()
        .filter(|at| lexed.is(*at, "err") && lexed.before(*at) == "," && lexed.is(at + 1, ")"));
    if let (Some(at), None) = (untyped.next(), untyped.next()) {
        let edit = case.insert(lexed.code[at].end, " error");
        all.push(Candidate::new(MistakeId::MissingType, NAMED, vec![edit]).guess());
    }
    let mut bare = line.filter(|at| {
        lexed.is(*at, "error")
            && matches!(lexed.before(*at), "(" | ",")
            && matches!(lexed.word(at + 1), ")" | ",")
    });
    if let (Some(at), None) = (bare.next(), bare.next()) {
        let edit = case.insert(lexed.code[at].start, "err ");
        all.push(Candidate::new(MistakeId::MissingParameter, NAMED, vec![edit]).guess());
    }
}

/// `if _, ok = seen[name]; ok {` where nothing declares `ok`.
fn asked(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with go 1.19.
    let told = case.message.text.strip_prefix("undefined: ");
    let line = lexed.on_line(lexed.code[case.token].line);
    let mark = line.clone().find(|at| {
        lexed.is(*at, "=") && told.is_some_and(|name| *at > 2 && lexed.before(*at) == name)
    });
    let comma = |mark: usize| lexed.is(mark - 2, ",");
    if let Some(mark) = mark.filter(|mark| lexed.is(line.start, "if") && comma(*mark)) {
        let edit = case.replace_token(mark, ":=");
        all.push(Candidate::new(MistakeId::WrongMark, ASKED, vec![edit]).guess());
    }
}

/// `func load(path string) []string, error {`.
fn results(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let line = lexed.on_line(lexed.code[case.token].line);
    if case.phase > Phase::Syntax || !lexed.is(line.start, "func") {
        return;
    }
    let Some(end) = line.clone().rev().find(|at| lexed.is(*at, "{")) else { return };
    // The last brackets in front of the first bare `,` hold the parameters.
    let outside = pairs.inside_of(line.start);
    let bare = |at: &usize| lexed.is(*at, ",") && pairs.inside_of(*at) == outside;
    let Some(comma) = (line.start..end).find(bare) else { return };
    let close = (line.start..comma).rev().find(|at| lexed.is(*at, ")"));
    let Some(close) = close.filter(|close| close + 1 < comma && comma + 1 < end) else { return };
    let edits = vec![
        case.insert(lexed.code[close + 1].start, "("),
        case.insert(lexed.code[end - 1].end, ")"),
    ];
    all.push(Candidate::new(MistakeId::MissingBracket, RESULTS, edits).guess());
}

/// `boats: map[string]int`.
fn made(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with go 1.19.
    let told = case.message.text.split_once(" (type) is not an expression");
    let Some(typed) = told.map(|(typed, _)| typed) else { return };
    let line = lexed.on_line(lexed.code[case.token].line);
    let whole = |first: usize| {
        (first..line.end.min(first + 12)).find(|last| text_of(case, (first, *last)) == typed)
    };
    let mut last = line.clone().filter(|at| *at >= case.token).filter_map(whole);
    if let Some(last) = last.next().filter(|last| !lexed.is(last + 1, "{")) {
        let edit = case.insert(lexed.code[last].end, "{}");
        all.push(Candidate::new(MistakeId::MissingBracket, VALUE, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_result_that_is_named_for_what_went_wrong_has_its_type() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc load() (seats int, err<|>) {\n\treturn 3, nil\n}\n",
            "syntax error: mixed named and unnamed parameters",
            "package quay\n\nfunc load() (seats int, err error) {\n\treturn 3, nil\n}\n",
        );
    }

    #[test]
    fn a_result_beside_a_named_one_has_a_name() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc watch() (seen int, <|>error) {\n\treturn 0, nil\n}\n",
            "syntax error: mixed named and unnamed parameters",
            "package quay\n\nfunc watch() (seen int, err error) {\n\treturn 0, nil\n}\n",
        );
    }

    #[test]
    fn a_map_is_made_by_braces() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc made() Quay {\n\treturn Quay{boats: <|>map[string]int}\n}\n",
            "map[string]int (type) is not an expression",
            "package quay\n\nfunc made() Quay {\n\treturn Quay{boats: map[string]int{}}\n}\n",
        );
    }

    #[test]
    fn a_condition_declares_what_it_asks_for() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc has(seen map[string]int) bool {\n\tif _, ok <|>= seen[\"Vik\"]; ok {\n\t\treturn true\n\t}\n\treturn false\n}\n",
            "undefined: ok",
            "package quay\n\nfunc has(seen map[string]int) bool {\n\tif _, ok := seen[\"Vik\"]; ok {\n\t\treturn true\n\t}\n\treturn false\n}\n",
        );
    }

    #[test]
    fn results_in_brackets_are_left() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc load(a, b string<|>) ([]string, error) {\n\treturn nil, nil\n}\n",
            "syntax error: unexpected name",
        );
    }

    #[test]
    fn what_may_go_wrong_has_a_type() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc load() <|>err {\n\treturn nil\n}\n",
            "undefined: err",
            "package quay\n\nfunc load() error {\n\treturn nil\n}\n",
        );
    }

    #[test]
    fn a_number_is_never_missing() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc go() {\n\tvar best float64 = <|>null\n\t_ = best\n}\n",
            "undefined: null",
            "package quay\n\nfunc go() {\n\tvar best float64 = 0\n\t_ = best\n}\n",
        );
    }

    #[test]
    fn two_types_of_results_are_parted() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc load() (int error) {\n\treturn 3<|>, nil\n}\n",
            "too many return values",
            "package quay\n\nfunc load() (int, error) {\n\treturn 3, nil\n}\n",
        );
    }

    #[test]
    fn a_pointer_leads_to_what_is_set() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc (p *Peal) Add(n Note) {\n\tp = <|>append(*p, n)\n}\n",
            "cannot use append(*p, n) (value of type []Note) as type *Peal in assignment",
            "package quay\n\nfunc (p *Peal) Add(n Note) {\n\t*p = append(*p, n)\n}\n",
        );
    }

    #[test]
    fn an_end_is_counted_from_the_length() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc cut(part string) string {\n\treturn part[:<|>-1]\n}\n",
            "invalid argument: index -1 (constant of type int) must not be negative",
            "package quay\n\nfunc cut(part string) string {\n\treturn part[:len(part)-1]\n}\n",
        );
    }
}
