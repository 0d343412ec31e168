//! A method that is written outside of its class with another header than the class declares: another
//! name, other parameters, another result, no `const`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;
use erratum_syntax::spelling::edit_distance;

/// The class declares it so.
const AS_DECLARED: Factor = weight("the class declares it so", 6.0);
/// It is written so outside of the class.
const AS_WRITTEN: Factor = weight("it is written so outside of the class", 4.0);
/// The class declares a method of nearly this name.
const NEARLY: Factor = weight("the class declares nearly this name", 7.0);
/// Each slip between the two names.
const PER_SLIP: Factor = weight("slips between the two names", -1.0);

/// How many slips there may be between the two names.
const SLIPS: f64 = 2.0;

pub(super) static FAMILY: Family = Family {
    id: "headers",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "class Quay {\n    double fee(int days) const;\n};\ndouble <|>Quay::fee(int days) { return days * 2.0; }\n",
        message: "no declaration matches 'double Quay::fee(int)'",
        after: "class Quay {\n    double fee(int days) const;\n};\ndouble Quay::fee(int days) const { return days * 2.0; }\n",
    },
};

/// What compilers say of such a header (g++ 12, clang 14, fpc 3.2).
const SAID: &[&str] = &[
    "no declaration matches",
    "out-of-line definition of",
    "doesn't match any method of this class",
    "doesn't match the previous declaration",
];

/// A method where it is declared, or where it is written.
#[derive(Clone, Copy)]
struct Header {
    name: usize,
    /// The token that ends the header, such as `;` or `{`.
    end: usize,
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let lexed = case.lexed();
    // fpc points at the declaration or at the definition.
    let line = lexed.on_line(lexed.code[case.token].line);
    let qualified = |at: &usize| {
        matches!(lexed.word(at + 1), "::" | ".") && lexed.kind(at + 2) == Some(TokenKind::Name)
    };
    let Some(class) = line.into_iter().find(qualified) else { return };
    let Some(own) = header(case, class + 2) else { return };
    let declared = declared(case, lexed.word(class));
    let name = lexed.word(own.name);
    let same = declared.iter().filter(|one| lexed.language.same_name(lexed.word(one.name), name));
    let mut found = false;
    for one in same {
        found = true;
        exchange(case, own, *one, AS_DECLARED, all);
        exchange(case, *one, own, AS_WRITTEN, all);
    }
    if found {
        return;
    }
    for one in declared {
        let other = lexed.word(one.name);
        let slips = edit_distance(&name.to_lowercase(), &other.to_lowercase()).max(0.5);
        if slips <= SLIPS && slips * 2.0 <= other.len() as f64 {
            let edit = case.replace_token(own.name, other);
            let score = NEARLY + PER_SLIP * slips;
            all.push(Candidate::new(MistakeId::MisspeltName, score, vec![edit]).guess());
        }
    }
}

/// The methods that are declared in a class of the text.
fn declared(case: &Case, class: &str) -> Vec<Header> {
    let lexed = case.lexed();
    let types = case.text.names.of(class).filter(|one| one.kind == NameKind::Type);
    let mut all = Vec::new();
    for one in types {
        let opens = |at: &usize| case.text.pairs.partner_of(*at).is_some_and(|end| end > *at + 1);
        let head = one.token + 1..(one.token + 12).min(lexed.code.len());
        let Some(open) = head.into_iter().find(|at| lexed.opens_block(*at) && opens(at)) else {
            continue;
        };
        let Some(close) = case.text.pairs.partner_of(open) else { continue };
        let methods = case.text.names.declared.iter().filter(|method| {
            method.kind == NameKind::Function
                && (open..close).contains(&method.token)
                && case.text.pairs.block_of(lexed, method.token) == Some(open)
        });
        all.extend(methods.filter_map(|method| header(case, method.token)));
    }
    all
}

/// The header of the method whose name is a code token.
fn header(case: &Case, name: usize) -> Option<Header> {
    let lexed = case.lexed();
    let parameters = Some(name + 1).filter(|at| lexed.is(*at, "("));
    let behind = match parameters {
        Some(open) => case.text.pairs.partner_of(open)? + 1,
        None => name + 1,
    };
    let ends = |at: &usize| lexed.opens_block(*at) || matches!(lexed.word(*at), ";" | "override");
    let end = (behind..(behind + 12).min(lexed.code.len())).find(ends)?;
    Some(Header { name, end })
}

/// The first and the last token of what a method gives back, where that stands before its name.
fn result(case: &Case, header: Header) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let mut last = header.name.checked_sub(1)?;
    if lexed.is(last, "::") {
        last = last.checked_sub(2)?;
    }
    let start = case.statement_start(header.name);
    // `public:` is no part of it.
    let label = (start..last).rev().find(|at| lexed.is(*at, ":"));
    let mut first = label.map_or(start, |label| label + 1);
    while matches!(lexed.word(first), "virtual" | "static" | "inline" | "explicit") {
        first += 1;
    }
    (first <= last).then_some((first, last))
}

/// One header made like another: what the method takes, and what it gives back.
fn exchange(case: &Case, to: Header, from: Header, score: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let behind = |header: Header| (lexed.code[header.name].end, lexed.code[header.end - 1].end);
    let text = |(from, to): (usize, usize)| lexed.source.slice(from, to).into_owned();
    let mut edits = Vec::new();
    let (old, new) = (behind(to), behind(from));
    if text(old) != text(new) {
        edits.push(Edit::replace(case.file(), old.0, old.1, text(new)));
    }
    if !case.language().returns_by_name
        && let (Some(old), Some(new)) = (result(case, to), result(case, from))
    {
        let span = |(first, last): (usize, usize)| (lexed.code[first].start, lexed.code[last].end);
        let (old, new) = (span(old), span(new));
        if text(old) != text(new) {
            edits.push(Edit::replace(case.file(), old.0, old.1, text(new)));
        }
    }
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::HeaderDiffers, score, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn parameters_and_results_are_those_of_the_class() {
        let text = "class Quay {\npublic:\n    void stay(int days);\n};\nint <|>Quay::stay(double days) { }\n";
        let said = "no declaration matches 'int Quay::stay(double)'";
        let head =
            "class Quay {\npublic:\n    void stay(int days);\n};\nvoid Quay::stay(int days) { }\n";
        check_fix(&FAMILY, "cpp", text, said, head);
        let class = "class Quay {\npublic:\n    int stay(double days);\n};\nint Quay::stay(double days) { }\n";
        check_among(&FAMILY, "cpp", text, said, class);
    }

    #[test]
    fn pascal_writes_types_behind() {
        let text = |result: &str| {
            format!(
                "type\n  TQuay = class\n    function Fee(Days: Integer): Integer;\n  end;\n\nfunction TQuay.Fee(Days: Integer): {result};\nbegin\n  Result := 3;\nend;\n\nbegin\nend.\n"
            )
        };
        check_fix(
            &FAMILY,
            "pascal",
            &text("Double").replace("TQuay.Fee", "<|>TQuay.Fee"),
            "function header doesn't match any method of this class \"Fee(LongInt):Double;\"",
            &text("Integer"),
        );
    }

    #[test]
    fn a_name_is_that_of_the_class() {
        let text = "class Quay {\n    void stay(int days);\n};\nvoid <|>Quay::stey(int days) { }\n";
        let said = "no declaration matches 'void Quay::stey(int)'";
        check_fix(&FAMILY, "cpp", text, said, &text.replace("<|>", "").replace("stey", "stay"));
    }

    #[test]
    fn a_method_that_no_class_declares_is_left_alone() {
        let text = "class Quay {\n    void stay(int days);\n};\nvoid <|>Quay::leave() { }\n";
        check_no_fix(&FAMILY, "cpp", text, "no declaration matches 'void Quay::leave()'");
    }
}
