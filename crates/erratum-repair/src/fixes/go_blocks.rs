//! Go: a function within a function, a loop over a number, and a bare `return` where one value is wanted.

use super::family::{Example, Family, Phases};
use super::shape::{function_around, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// Within a function, a function is a value.
const AS_VALUE: Factor = evidence("a function within a function is a value with a name", 9.5);
/// A number is counted up to.
const COUNTED: Factor = evidence("a number is counted up to", 9.0);
/// The empty value of the result.
const EMPTY: Factor = weight("the empty value of the result", 1.5);
/// The values are received.
const RECEIVED: Factor = evidence("the values are received from it", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "go-blocks",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc run() int {\n\tfunc <|>twice(x int) int { return x * 2 }\n\treturn twice(3)\n}\n",
        message: "syntax error: unexpected twice, expecting (",
        after: "package quay\n\nfunc run() int {\n\ttwice := func(x int) int { return x * 2 }\n\treturn twice(3)\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().receivers {
        return;
    }
    // Seen with go 1.19.
    let said = &case.message.text;
    let line = lexed.on_line(lexed.code[case.token].line);
    let start = line.start;
    if said.starts_with("syntax error: unexpected ")
        && lexed.is(start, "func")
        && lexed.kind(start + 1) == Some(TokenKind::Name)
        && lexed.is(start + 2, "(")
        && case.text.pairs.block_of(lexed, start).is_some()
    {
        let name = lexed.word(start + 1);
        let (from, to) = (lexed.code[start].start, lexed.code[start + 1].end);
        let edit = Edit::replace(case.file(), from, to, format!("{name} := func"));
        all.push(Candidate::new(MistakeId::WrongOrder, AS_VALUE, vec![edit]).guess());
    }
    let channel = said.contains("receive from send-only channel");
    if said.starts_with("cannot range over ") && channel {
        received(case, all);
    } else if said.starts_with("cannot range over ") && said.contains("int") {
        counted(case, all);
    }
    if said.starts_with("not enough return values") {
        empty(case, all);
    }
}

/// `for i := range 5 {`, which go knows since 1.22.
fn counted(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let word = line.clone().find(|at| lexed.is(*at, "range"));
    let last = line.end - 1;
    let Some(range) = word.filter(|at| *at > line.start + 1 && at + 1 < last) else { return };
    let name = match lexed.is(range - 1, ":=") {
        true => lexed.word(range - 2),
        false => return,
    };
    if lexed.is(line.start, "for") && lexed.opens_block(last) {
        let number = text_of(case, (range + 1, last - 1));
        let text = format!("{name} := 0; {name} < {number}; {name}++");
        let (from, to) = (lexed.code[line.start + 1].start, lexed.code[last - 1].end);
        let edit = Edit::replace(case.file(), from, to, text);
        all.push(Candidate::new(MistakeId::NotIterable, COUNTED, vec![edit]).guess());
    }
}

/// `jobs chan<- Job` of what is only read.
fn received(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let name = line.into_iter().find(|at| lexed.before(*at) == "range");
    let declared = name.and_then(|name| {
        (0..name).rev().find(|at| lexed.is(*at, lexed.word(name)) && lexed.is(at + 1, "chan"))
    });
    let Some(first) = declared.map(|declared| declared + 1) else { return };
    if lexed.is(first, "chan") && lexed.is(first + 1, "<-") {
        let (from, to) = (lexed.code[first].start, lexed.code[first + 1].end);
        let edit = Edit::replace(case.file(), from, to, "<-chan");
        all.push(Candidate::new(MistakeId::WrongOrder, RECEIVED, vec![edit]).guess());
    }
}

/// `return` where one plain value is wanted.
fn empty(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let word = line.into_iter().find(|at| {
        lexed.is(*at, "return")
            && (matches!(lexed.word(at + 1), "}" | "")
                || lexed.code.get(at + 1).is_none_or(|next| next.first))
    });
    let function = word.and_then(|at| function_around(case, at));
    let (Some(word), Some(returns)) = (word, function.and_then(|function| function.returns)) else {
        return;
    };
    if let Some(value) = case.language().default_of(&text_of(case, returns)) {
        let edit = case.insert(lexed.code[word].end, format!(" {value}"));
        all.push(Candidate::new(MistakeId::ReturnCount, EMPTY, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn a_number_is_counted_up_to() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc run() {\n\tfor i := range <|>5 {\n\t\tprintln(i)\n\t}\n}\n",
            "cannot range over 5 (untyped int constant)",
            "package quay\n\nfunc run() {\n\tfor i := 0; i < 5; i++ {\n\t\tprintln(i)\n\t}\n}\n",
        );
    }

    #[test]
    fn what_is_received_is_declared_so() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc run(jobs chan<- int) {\n\tfor j := range <|>jobs {\n\t\tprintln(j)\n\t}\n}\n",
            "cannot range over jobs (variable of type chan<- int) (receive from send-only channel)",
            "package quay\n\nfunc run(jobs <-chan int) {\n\tfor j := range jobs {\n\t\tprintln(j)\n\t}\n}\n",
        );
    }

    #[test]
    fn a_bare_return_gives_an_empty_value() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc mean(n int) float64 {\n\tif n == 0 { <|>return }\n\treturn 2.5\n}\n",
            "not enough return values\n\thave ()\n\twant (float64)",
            "package quay\n\nfunc mean(n int) float64 {\n\tif n == 0 { return 0 }\n\treturn 2.5\n}\n",
        );
    }
}
