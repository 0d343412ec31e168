//! What is asked of a value and must be given to a function: what other languages ask so, `boats.length`
//! for `len(boats)`, and what a function of the text does, `boats.total()` for `total(boats)`.

use super::family::{Example, Family, Phases};
use super::imports::{import, imported};
use super::shape::{call_at, parameters};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};

/// Functions that leave the value as it is, and give another one back.
const GIVES_BACK: &[&str] = &["append"];

/// A function of the text takes one value more than the call gives.
const OWN_FUNCTION: Factor = evidence("a function of the text takes the value, too", 6.5);
/// A function does that here.
const FUNCTION: Factor = evidence("a function does that here", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "as_function",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc count(boats []string) int {\n\treturn boats.<|>length\n}\n",
        message: "boats.length undefined (type []string has no field or method length)",
        after: "package quay\n\nfunc count(boats []string) int {\n\treturn len(boats)\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for dot in line.filter(|at| lexed.is(*at, ".")) {
        let member = dot + 1;
        own_function(case, dot, all);
        let ways = case.language().member_functions;
        let Some((_, function)) = ways.iter().find(|(name, _)| lexed.is(member, name)) else {
            continue;
        };
        // `strings.ToUpper(port)` asks the package already.
        if dot > 0 && function.split_once('.').is_some_and(|(one, _)| lexed.is(dot - 1, one)) {
            continue;
        }
        let own = case
            .text
            .names
            .of(lexed.word(member))
            .any(|declared| matches!(declared.kind, NameKind::Member | NameKind::Function));
        if let (Some(first), false) = (value_before(case, dot), own) {
            called(case, (first, dot), member, function, all);
        }
    }
}

/// Writes the function before the value, with the values of a call behind it.
fn called(
    case: &Case,
    (first, dot): (usize, usize),
    member: usize,
    function: &str,
    all: &mut Vec<Candidate>,
) {
    let lexed = case.lexed();
    let value = lexed.source.slice(lexed.code[first].start, lexed.code[dot - 1].end).into_owned();
    let open = Some(member + 1).filter(|at| lexed.is(*at, "("));
    let close = open.and_then(|open| case.text.pairs.partner_of(open));
    let last = close.unwrap_or(member);
    let handed = match (open, close) {
        (Some(open), Some(close)) if close > open + 1 => {
            let (from, to) = (lexed.code[open + 1].start, lexed.code[close - 1].end);
            format!(", {}", lexed.source.slice(from, to))
        }
        _ => String::new(),
    };
    let (from, to) = (lexed.code[first].start, lexed.code[last].end);
    // What gives the longer list back is of no use by itself.
    let alone = lexed.code[first].first
        && lexed.code.get(last + 1).is_none_or(|next| next.first)
        && close.is_some();
    let kept =
        if alone && GIVES_BACK.contains(&function) { format!("{value} = ") } else { String::new() };
    let call = format!("{kept}{function}({value}{handed})");
    let mut edits = vec![Edit::replace(case.file(), from, to, call)];
    // `strings.Split` stands in a package, which has to be brought in.
    if let Some((package, _)) = function.split_once('.').filter(|(one, _)| !imported(case, one)) {
        edits.insert(0, import(case, package));
    }
    let candidate = Candidate::new(MistakeId::ForeignWord, FUNCTION, edits);
    // What a package or a unit does with a text may differ from what the other language does.
    let brought = function.contains('.') || function.starts_with(char::is_uppercase);
    all.push(if brought { candidate.guess() } else { candidate });
}

/// A function of the text that is seen here takes what is asked, and is asked like a member. Nobody asks so for
/// what an object has: the compiler knows no such member of it.
fn own_function(case: &Case, dot: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let (member, word) = (dot + 1, lexed.word(dot + 1));
    let names = &case.text.names;
    let seen = |one: &Declared| (one.scope.0..=one.scope.1).contains(&member);
    let declared: Vec<&Declared> = names.of(word).filter(|one| one.token != member).collect();
    let notes = case.message.notes.iter().map(|note| note.text.as_str());
    let told = notes.chain([case.message.text.as_str()]).any(|text| text.contains(word));
    let function = |one: &&Declared| one.kind == NameKind::Function && seen(one);
    if !told || declared.is_empty() || !declared.iter().all(function) {
        return;
    }
    let call = Some(member + 1).filter(|open| lexed.is(*open, "("));
    let call = call.and_then(|open| call_at(case, open));
    let (Some(call), Some(first)) = (call, value_before(case, dot)) else { return };
    let given = call.arguments.len();
    let wants = parameters(case, word).filter(|wants| wants.len() == given + 1);
    let value = names.resolve(lexed, first).is_some_and(|one| one.kind == NameKind::Value);
    let Some(wants) = wants.filter(|_| value && !case.language().applies_bare) else { return };
    let lent = wants.first().is_some_and(|(typed, _)| typed.starts_with('&'));
    let lend = if lent && case.language().borrows { "&" } else { "" };
    let text = lexed.source.slice(lexed.code[first].start, lexed.code[dot - 1].end).into_owned();
    let behind = if given == 0 { "" } else { ", " };
    let edits = vec![Edit::replace(
        case.file(),
        lexed.code[first].start,
        lexed.code[member + 1].end,
        format!("{word}({lend}{text}{behind}"),
    )];
    all.push(Candidate::new(MistakeId::WrongOrder, OWN_FUNCTION, edits).guess());
}

/// The first token of the value that ends before a dot: names with their indices and members.
fn value_before(case: &Case, dot: usize) -> Option<usize> {
    let lexed = case.lexed();
    let mut at = dot.checked_sub(1)?;
    loop {
        while lexed.is(at, "]") {
            at = case.text.pairs.partner_of(at)?.checked_sub(1)?;
        }
        if lexed.kind(at) != Some(TokenKind::Name) {
            return None;
        }
        if lexed.before(at) != "." {
            return Some(at);
        }
        at = at.checked_sub(2)?;
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_a_statement_appends_is_kept() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc add(n int) {\n\tboats.<|>append(n)\n}\n",
            "boats.append undefined (type []int has no field or method append)",
            "package quay\n\nfunc add(n int) {\n\tboats = append(boats, n)\n}\n",
        );
    }

    #[test]
    fn a_function_of_the_text_is_no_member() {
        let text = |call: &str| {
            format!(
                "class Quay {{\n    static int total(List<Job> jobs, int more) {{ return more; }}\n    void go(List<Job> jobs) {{\n        int all = {call};\n    }}\n}}\n"
            )
        };
        check_fix(
            &FAMILY,
            "java",
            &text("jobs.<|>total(2)"),
            "cannot find symbol: total",
            &text("total(jobs, 2)"),
        );
        check_no_fix(&FAMILY, "java", &text("jobs.<|>total(2, 3)"), "cannot find symbol: total");
    }

    #[test]
    fn the_values_of_a_call_go_along() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc add(b *Boat, n int) {\n\tb.days = b.days.<|>append(n)\n}\n",
            "b.days.append undefined (type []int has no field or method append)",
            "package quay\n\nfunc add(b *Boat, n int) {\n\tb.days = append(b.days, n)\n}\n",
        );
    }

    #[test]
    fn a_package_has_the_functions_of_texts() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc cut(line string) []string {\n\treturn line.<|>Split(\",\")\n}\n",
            "line.Split undefined (type string has no field or method Split)",
            "package quay\n\nimport \"strings\"\n\nfunc cut(line string) []string {\n\treturn strings.Split(line, \",\")\n}\n",
        );
    }

    #[test]
    fn what_a_package_is_asked_already_is_left() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc cut(line string) string {\n\treturn <|>strings.ToUpper(line)\n}\n",
            "undefined: strings",
        );
    }

    #[test]
    fn pascal_has_a_function_of_another_name() {
        check_fix(
            &FAMILY,
            "pascal",
            "procedure show(names: array of string);\nbegin\n  writeln(names.<|>size());\nend;\n",
            "Illegal qualifier",
            "procedure show(names: array of string);\nbegin\n  writeln(length(names));\nend;\n",
        );
    }

    #[test]
    fn a_member_of_the_program_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\ntype Boat struct {\n\tlength int\n}\n\nfunc count(boats []Boat) int {\n\treturn boats.<|>length\n}\n",
            "boats.length undefined (type []Boat has no field or method length)",
        );
    }
}
