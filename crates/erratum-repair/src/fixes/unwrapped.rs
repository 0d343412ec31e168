//! A value that may be missing and is used under a name as if it were there: `let last = stack.pop();`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// It is used as if it were there, more than once.
const SEVERAL: Factor = evidence("it is used as if it were there, more than once", 8.0);
/// It is used so once.
const ONCE: Factor = evidence("it is used as if it were there", 4.5);

/// A text is read as a number, and the number is wanted.
const TAKEN: Factor = evidence("a text is read as a number, and the number is wanted", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "unwrapped",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn go(mut all: Vec<u32>) -> u32 {\n    let last = all.pop();\n    last <|>+ 2\n}\n",
        message: "[E0369] cannot add `{integer}` to `Option<u32>`",
        after: "fn go(mut all: Vec<u32>) -> u32 {\n    let last = all.pop().unwrap();\n    last + 2\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with rustc 1.95.
    let perhaps = |said: &str| {
        let held = said.contains("Option<") || said.contains("Result<");
        held && (said.starts_with("cannot ")
            || said.starts_with("no method named ")
            || said.starts_with("no field ")
            || said.contains(" is not an iterator"))
    };
    let Some(there) = case.language().perhaps.filter(|_| case.language().borrows) else { return };
    bound(case, there.there, all);
    if !perhaps(&case.message.text) {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let declared = line.clone().find_map(|at| {
        let named = lexed.kind(at) == Some(TokenKind::Name) && lexed.before(at) != ".";
        let one = named.then(|| case.text.names.resolve(lexed, at)).flatten()?;
        let value = one.kind == NameKind::Value && one.token != at && at <= case.token;
        let given = lexed.is(one.token + 1, "=") && lexed.before(one.token) == "let";
        (value && given).then_some(one.token)
    });
    let Some(name) = declared else { return };
    let end = case.statement_end(name);
    let last = end.checked_sub(usize::from(lexed.is(end, ";"))).unwrap_or(end);
    if !lexed.is(last, ")") || !lexed.is(last + 1, ";") {
        return;
    }
    let word = lexed.word(name);
    let about = case.all.iter().filter(|message| {
        let line = message.line().filter(|_| message.is_error() && perhaps(&message.text));
        line.is_some_and(|line| lexed.on_line(line).any(|at| lexed.is(at, word)))
    });
    let why = if about.count() > 1 { SEVERAL } else { ONCE };
    let edit = case.insert(lexed.code[last].end, there.there);
    all.push(Candidate::new(MistakeId::MaybeNothing, why, vec![edit]).guess());
}

/// `let n: u32 = text.parse();`: the compiler finds a result where the value itself is wanted.
fn bound(case: &Case, taken: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let found = |text: &str| text.contains(", found `Result<") || text.contains(", found `Option<");
    let told = case.message.spans.iter().any(|span| found(&span.text));
    if case.message.code.as_deref() != Some("E0308") || !told {
        return;
    }
    let start = case.statement_start(case.token);
    let end = case.statement_end(case.token);
    let last = end.checked_sub(usize::from(lexed.is(end, ";"))).unwrap_or(end);
    // A name with its type, and one call behind the mark.
    let typed = lexed.is(start, "let")
        && (start..last).take(6).any(|at| lexed.is(at, ":"))
        && lexed.is(last, ")")
        && lexed.is(last + 1, ";");
    let whole = case.text.pairs.inside_of(last) == case.text.pairs.inside_of(start);
    let parsed = (start..last).any(|at| lexed.is(at, "parse"));
    if typed && !whole && parsed {
        let edit = case.insert(lexed.code[last].end, taken);
        all.push(Candidate::new(MistakeId::MaybeNothing, TAKEN, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_may_have_failed_is_taken_as_there() {
        check_fix(
            &FAMILY,
            "rust",
            "fn go() {\n    let all = read(\"a\");\n    show(all<|>.len());\n}\n",
            "[E0599] no method named `len` found for enum `Result<T, E>` in the current scope",
            "fn go() {\n    let all = read(\"a\").unwrap();\n    show(all.len());\n}\n",
        );
    }

    #[test]
    fn what_is_given_is_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn go(last: Option<u32>) -> u32 {\n    last <|>+ 2\n}\n",
            "[E0369] cannot add `{integer}` to `Option<u32>`",
        );
    }
}
