//! C and C++: a call gives an address where the function takes a whole object. Either the function was meant to
//! take a pointer, as each of its calls gives one, or the calls were meant to give the object. Where the body
//! follows the parameter as a pointer, the function is meant.

use super::family::{Example, Family, Phases};
use super::shape::{Call, call_at};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;

/// Every call gives the address, and the body changes what it is given.
const CHANGED: Factor =
    evidence("every call gives an address, and the function changes the object", 9.0);
/// The body follows the parameter with `->` wherever it is used, and every call gives an address.
const FOLLOWED: Factor = evidence("every call gives an address, and the function follows it", 11.0);
/// The body follows the parameter, and nothing calls the function yet.
const ONLY_FOLLOWED: Factor = weight("the function follows the parameter wherever it uses it", 5.5);
/// Every call gives the address of the object.
const ADDRESSES: Factor = weight("every call gives an address", 5.0);
/// The function only reads what it is given.
const READ: Factor = weight("the function takes the object itself", 5.0);

pub(super) static FAMILY: Family = Family {
    id: "by-pointer",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "typedef struct { int n; } Quay;\n\nvoid up(Quay quay) {\n    quay.n++;\n}\n\nvoid go(Quay all) {\n    up(<|>&all);\n}\n",
        message: "incompatible type for argument 1 of 'up'",
        after: "typedef struct { int n; } Quay;\n\nvoid up(Quay *quay) {\n    quay->n++;\n}\n\nvoid go(Quay all) {\n    up(&all);\n}\n",
    },
};

/// The heads of a function (its prototypes, too), and the values that its calls give at a place.
struct Uses {
    headers: Vec<Call>,
    values: Vec<usize>,
}

/// `None` where a call lacks the value, or no head is seen.
fn uses(case: &Case, name: &str, place: usize) -> Option<Uses> {
    let names = &case.text.names;
    let declared = names.of(name).filter(|one| one.kind == NameKind::Function);
    let headers: Vec<Call> = declared.filter_map(|one| call_at(case, one.token + 1)).collect();
    let is_header = |at: usize| headers.iter().any(|header| header.name == at);
    let seen = names.seen.get(name).map_or(&[][..], Vec::as_slice);
    let calls = seen.iter().filter(|at| !is_header(**at)).filter_map(|at| call_at(case, at + 1));
    let values: Option<Vec<usize>> =
        calls.map(|call| call.arguments.get(place).map(|(first, _)| *first)).collect();
    Some(Uses { values: values?, headers }).filter(|uses| !uses.headers.is_empty())
}

/// `l->head` where `l` is a parameter without its `*`, and each use of it has `->`.
fn followed(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, names) = (case.lexed(), &case.text.names);
    let said = case.message.text.as_str();
    if !super::pointed::NONE.iter().any(|words| said.contains(words)) {
        return;
    }
    let near = [case.token, case.token.saturating_sub(1), case.token + 1];
    let Some(mark) = near.into_iter().find(|at| *at > 0 && lexed.is(*at, "->")) else { return };
    let Some(declared) = names.resolve(lexed, mark - 1) else { return };
    let head = (0..declared.token).rev().find(|at| lexed.is(*at, "("));
    let Some(header) = head.and_then(|open| call_at(case, open)) else { return };
    let holds = |&(first, last): &(usize, usize)| (first..=last).contains(&declared.token);
    let Some(place) = header.arguments.iter().position(holds) else { return };
    let Some(uses) = uses(case, lexed.word(header.name), place) else { return };
    if uses.headers.iter().all(|one| one.name != header.name)
        || !super::pointed::always_followed(case, mark)
    {
        return;
    }
    let why = match &uses.values[..] {
        [] => ONLY_FOLLOWED,
        values if values.iter().all(|first| is_address(case, *first)) => FOLLOWED,
        _ => return,
    };
    if let Some((edits, _)) = pointer(case, &uses.headers, place, true) {
        all.push(Candidate::new(MistakeId::WrongType, why, edits).guess());
    }
}

/// Whether a value is an address: `&all`, or a name that is declared as a pointer.
fn is_address(case: &Case, first: usize) -> bool {
    let lexed = case.lexed();
    let alone = matches!(lexed.word(first + 1), "," | ")");
    let declared = case.text.names.resolve(lexed, first);
    lexed.is(first, "&")
        || alone && declared.is_some_and(|declared| lexed.before(declared.token) == "*")
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    followed(case, all);
    // Seen with gcc 12 and g++ 12.
    let said = &case.message.text;
    let told = said.starts_with("incompatible type for argument ")
        || said.starts_with("could not convert '&");
    if !told || !lexed.language.directives {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let calls = line.filter_map(|at| call_at(case, at));
    let given = |call: &Call| call.arguments.iter().position(|(first, _)| lexed.is(*first, "&"));
    let Some((call, place)) = calls.filter_map(|call| given(&call).map(|at| (call, at))).next()
    else {
        return;
    };
    let Some(Uses { headers, values }) = uses(case, lexed.word(call.name), place) else { return };
    let addressed = values.iter().filter(|first| lexed.is(**first, "&"));
    let taken: Vec<Edit> = addressed.clone().map(|first| case.delete_token(*first)).collect();
    let each = addressed.count() == values.len();
    let Some((pointer, changed)) = pointer(case, &headers, place, false) else { return };
    if each {
        let why = if changed { CHANGED } else { ADDRESSES };
        all.push(Candidate::new(MistakeId::WrongType, why, pointer).guess());
    }
    if !changed {
        all.push(Candidate::new(MistakeId::WrongArgument, READ, taken).guess());
    }
}

/// What makes a parameter a pointer: its `*`, and `->` for each `.` behind it; and whether the body changes
/// what it is given. What is handed on as a whole fits only where it is already taken for a pointer.
fn pointer(
    case: &Case,
    headers: &[Call],
    place: usize,
    followed: bool,
) -> Option<(Vec<Edit>, bool)> {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let (mut edits, mut changed) = (Vec::new(), false);
    for header in headers {
        let &(first, last) = header.arguments.get(place)?;
        if (first..=last).any(|at| matches!(lexed.word(at), "*" | "&" | "[" | "(")) || first == last
        {
            return None;
        }
        edits.push(case.insert(lexed.code[last].start, "*"));
        let body = header.close + 1;
        let Some(end) = pairs.partner_of(body).filter(|_| lexed.is(body, "{")) else { continue };
        for at in (body..end).filter(|at| lexed.is(*at, lexed.word(last))) {
            let own = !matches!(lexed.before(at), "." | "->");
            match lexed.word(at + 1) {
                "->" => {}
                "." if own => edits.push(case.replace_token(at + 1, "->")),
                // The whole object is handed on or copied.
                _ if own && !followed => return None,
                _ => {}
            }
            let ends = (at..end).find(|at| matches!(lexed.word(*at), ";" | ")" | "," | "{"));
            let behind = at..ends.unwrap_or(end);
            let marks = ["=", "+=", "-=", "*=", "/=", "++", "--"];
            changed |= behind.into_iter().any(|at| marks.contains(&lexed.word(at)));
        }
    }
    Some((edits, changed))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_function_that_only_reads_takes_the_object() {
        check_among(
            &FAMILY,
            "c",
            "typedef struct { int n; } Quay;\n\nint up(Quay quay) {\n    return quay.n;\n}\n\nint go(Quay all) {\n    return up(<|>&all);\n}\n",
            "incompatible type for argument 1 of 'up'",
            "typedef struct { int n; } Quay;\n\nint up(Quay quay) {\n    return quay.n;\n}\n\nint go(Quay all) {\n    return up(all);\n}\n",
        );
    }

    #[test]
    fn a_parameter_that_is_followed_everywhere_lacks_its_mark() {
        let text = |head: &str, other: &str, given: &str| {
            format!(
                "struct quay {{ int n; }};\n\nvoid up(struct quay {head}) {{\n    all<|>->n = 2;\n    all{other}n++;\n}}\n\nvoid go(struct quay all) {{\n    all.n = 1;\n    up({given});\n}}\n"
            )
        };
        let said = "invalid type argument of '->' (have 'struct quay')";
        let mended = text("*all", "->", "&all").replace("<|>", "");
        check_fix(&FAMILY, "c", &text("all", "->", "&all"), said, &mended);
        check_no_fix(&FAMILY, "c", &text("all", ".", "&all"), said);
        check_no_fix(&FAMILY, "c", &text("all", "->", "all"), said);
    }

    #[test]
    fn a_pointer_that_is_handed_on_is_an_address() {
        check_fix(
            &FAMILY,
            "c",
            "typedef struct { int n; } Quay;\n\nvoid up(Quay all) {\n    <|>all->n = 2;\n    all->n++;\n    log_of(all);\n}\n\nvoid go(void) {\n    Quay *one = make();\n    up(one);\n}\n",
            "invalid type argument of '->' (have 'Quay')",
            "typedef struct { int n; } Quay;\n\nvoid up(Quay *all) {\n    all->n = 2;\n    all->n++;\n    log_of(all);\n}\n\nvoid go(void) {\n    Quay *one = make();\n    up(one);\n}\n",
        );
    }

    #[test]
    fn an_object_that_is_copied_stays_one() {
        check_no_fix(
            &FAMILY,
            "c",
            "typedef struct { int n; } Quay;\n\nvoid up(Quay quay) {\n    Quay other = quay;\n    other.n++;\n}\n\nvoid go(Quay all) {\n    up(<|>&all);\n}\n",
            "incompatible type for argument 1 of 'up'",
        );
    }
}
