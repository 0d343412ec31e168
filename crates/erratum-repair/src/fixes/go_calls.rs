//! Go: `go func() { … }` and `defer close` name a function and do not call it; `all = append(one)` adds
//! to nothing.

use super::family::{Example, Family, Phases};
use super::shape::{call_at, parameters_at, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// What is started is called.
const STARTED: Factor = evidence("what is started later is a call", 8.0);
/// What is set is what is added to.
const ADDED_TO: Factor = evidence("the list that is set is the one that is added to", 8.0);

/// The longer list is kept where the shorter one was.
const KEPT: Factor = evidence("the longer list takes the place of the one that is added to", 9.0);

/// The function gives as many values as are wanted.
const GIVES_SEVERAL: Factor = evidence("a function gives several values, and is only named", 8.0);
/// How large the number may be is said, too.
const WIDTH: Factor = evidence("how large the number may be is said, too", 8.0);

/// What reads a number from a text, with the values that are forgotten behind it.
const WIDTHS: &[(&str, &str)] =
    &[("ParseFloat", ", 64"), ("ParseInt", ", 10, 64"), ("ParseUint", ", 10, 64")];

pub(super) static FAMILY: Family = Family {
    id: "go-calls",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc start(all []int, one int) {\n\tall = append(<|>one)\n}\n",
        message: "first argument to append must be a slice; have one (variable of type int)",
        after: "package quay\n\nfunc start(all []int, one int) {\n\tall = append(all, one)\n}\n",
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
    if said.contains("must be function call") {
        // The message may stand at the end of the function that is started.
        let word = |at: &usize| matches!(lexed.word(*at), "go" | "defer");
        let Some(start) = (0..=case.token).rev().find(word) else { return };
        let end = if lexed.is(start + 1, "func") {
            let open = (start..lexed.code.len()).find(|at| lexed.opens_block(*at));
            open.and_then(|open| case.text.pairs.partner_of(open))
        } else {
            Some(case.statement_end(start))
        };
        if let Some(end) = end.filter(|end| *end > start && !lexed.is(*end, ";")) {
            let edit = case.insert(lexed.code[end].end, format!("({})", handed(case, start)));
            all.push(Candidate::new(MistakeId::Uncalled, STARTED, vec![edit]).guess());
        }
    }
    if said.starts_with("assignment mismatch: ") && said.ends_with(" but 1 value") {
        let last = line.end - 1;
        let function =
            case.text.names.of(lexed.word(last)).any(|one| one.kind == NameKind::Function);
        if lexed.kind(last) == Some(TokenKind::Name) && function {
            let edit = case.insert(lexed.code[last].end, "()");
            all.push(Candidate::new(MistakeId::Uncalled, GIVES_SEVERAL, vec![edit]).guess());
        }
    }
    for (name, more) in WIDTHS {
        let short = said.starts_with(&format!("not enough arguments in call to strconv.{name}"));
        let call = line.clone().find(|at| short && lexed.is(*at, name));
        if let Some(call) = call.and_then(|at| call_at(case, at + 1))
            && call.arguments.len() == 1
        {
            let edit = case.insert(case.end_before(call.close), *more);
            all.push(Candidate::new(MistakeId::MissingArgument, WIDTH, vec![edit]).guess());
        }
    }
    if said.starts_with("append(")
        && said.contains("is not used")
        && lexed.is(line.start, "append")
        && let Some(call) = call_at(case, line.start + 1)
        && let Some(list) = call.arguments.first()
    {
        let list = text_of(case, *list);
        let edit = case.insert(lexed.code[line.start].start, format!("{list} = "));
        all.push(Candidate::new(MistakeId::NoEffect, KEPT, vec![edit]).guess());
    }
    if said.starts_with("first argument to append must be a slice")
        || said.contains("not enough arguments in call to append")
    {
        for name in line.clone().filter(|at| lexed.is(*at, "append")) {
            let Some(call) = call_at(case, name + 1) else { continue };
            let set = name.checked_sub(1).filter(|at| lexed.is(*at, "=") && *at > line.start);
            if let (Some(mark), 1) = (set, call.arguments.len()) {
                let list = text_of(case, (line.start, mark - 1));
                let edit = case.insert(lexed.code[call.open].end, format!("{list}, "));
                all.push(Candidate::new(MistakeId::MissingArgument, ADDED_TO, vec![edit]).guess());
            }
        }
    }
}

/// The values for a function without a name: those that have the names of its parameters where it starts.
fn handed(case: &Case, start: usize) -> String {
    let lexed = case.lexed();
    let wanted = parameters_at(case, start + 2).filter(|_| lexed.is(start + 1, "func"));
    let wanted = wanted.unwrap_or_default();
    let known = |name: &str| {
        case.text
            .names
            .of(name)
            .any(|one| one.token < start && (one.scope.0..one.scope.1).contains(&start))
    };
    let all = wanted.iter().all(|(_, name)| known(name));
    let names: Vec<&str> = wanted.iter().map(|(_, name)| name.as_str()).collect();
    if all { names.join(", ") } else { String::new() }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn a_function_that_is_started_is_called() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc start(done chan int) {\n\tgo func() {\n\t\tdone <- 1\n\t<|>}\n}\n",
            "expression in go must be function call",
            "package quay\n\nfunc start(done chan int) {\n\tgo func() {\n\t\tdone <- 1\n\t}()\n}\n",
        );
    }

    #[test]
    fn what_a_function_takes_is_handed_to_it() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc start(s *Pier, done chan int) {\n\tfor i := range s.all {\n\t\ts.wait.Add(1)\n\t\t<|>go func(i int) {\n\t\t\tdone <- i\n\t\t}\n\t}\n}\n",
            "expression in go must be function call",
            "package quay\n\nfunc start(s *Pier, done chan int) {\n\tfor i := range s.all {\n\t\ts.wait.Add(1)\n\t\tgo func(i int) {\n\t\t\tdone <- i\n\t\t}(i)\n\t}\n}\n",
        );
    }

    #[test]
    fn what_gives_several_values_is_called() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc deepest() (int, error) { return 3, nil }\nfunc start() {\n\tn, err := <|>deepest\n\tshow(n, err)\n}\n",
            "assignment mismatch: 2 variables but 1 value",
            "package quay\n\nfunc deepest() (int, error) { return 3, nil }\nfunc start() {\n\tn, err := deepest()\n\tshow(n, err)\n}\n",
        );
    }

    #[test]
    fn how_large_a_number_may_be_is_said() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc start(text string) {\n\tn, err := strconv.ParseFloat(text<|>)\n\tshow(n, err)\n}\n",
            "not enough arguments in call to strconv.ParseFloat\n\thave (string)\n\twant (string, int)",
            "package quay\n\nfunc start(text string) {\n\tn, err := strconv.ParseFloat(text, 64)\n\tshow(n, err)\n}\n",
        );
    }

    #[test]
    fn a_longer_list_is_kept() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc start(p *Pier, one int) {\n\t<|>append(p.all, one)\n}\n",
            "append(p.all, one) (value of type []int) is not used",
            "package quay\n\nfunc start(p *Pier, one int) {\n\tp.all = append(p.all, one)\n}\n",
        );
    }

    #[test]
    fn what_is_put_off_is_called() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc start(file File) {\n\tdefer <|>file.Close\n}\n",
            "expression in defer must be function call",
            "package quay\n\nfunc start(file File) {\n\tdefer file.Close()\n}\n",
        );
    }
}
