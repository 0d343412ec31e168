//! Rust: a text in quotes to which something is added: `"berth " + number` is put together by `format!`.

use super::family::{Example, Family, Phases};
use super::shape::{operand_end, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// Texts and values are joined with `+`.
const JOINED: Factor = evidence("texts and values are joined with `+`", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "formatted",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn label(berth: u32) -> String {\n    \"berth \" <|>+ berth + \" free\"\n}\n",
        message: "[E0369] cannot add `u32` to `&str`",
        after: "fn label(berth: u32) -> String {\n    format!(\"berth {} free\", berth)\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with rustc 1.95.
    let said = &case.message.text;
    let added = said.starts_with("cannot add `") && said.contains("` to `&");
    let added = added && said.contains("str`");
    // The text of a macro stands by itself.
    let in_macro = said.starts_with("expected `,`, found `+`");
    if !(added || in_macro) || !case.language().borrows {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let text = |at: usize| lexed.kind(at) == Some(TokenKind::Str);
    let Some(first) = line.into_iter().find(|at| text(*at) && lexed.is(at + 1, "+")) else {
        return;
    };
    let called = lexed.before(first) == "(" && first > 2 && lexed.is(first - 2, "!");
    if in_macro && !called {
        return;
    }
    let (mut whole, mut values, mut at) = (String::new(), String::new(), first);
    let last = loop {
        let Some(last) = operand_end(case, at) else { return };
        if last == at && text(at) {
            let quoted = lexed.text(&lexed.code[at]);
            let inner = quoted.strip_prefix('"').and_then(|rest| rest.strip_suffix('"'));
            let Some(inner) = inner else { return };
            whole += &inner.replace('{', "{{").replace('}', "}}");
        } else {
            whole += "{}";
            values += &format!(", {}", text_of(case, (at, last)));
        }
        if !lexed.is(last + 1, "+") {
            break last;
        }
        at = last + 2;
        if at >= lexed.code.len() {
            return;
        }
        // `&name` lends what is shown as it is.
        at += usize::from(lexed.is(at, "&"));
    };
    let (from, to) = (lexed.code[first].start, lexed.code[last].end);
    let text = match in_macro {
        true => format!("\"{whole}\"{values}"),
        false => format!("format!(\"{whole}\"{values})"),
    };
    let edit = Edit::replace(case.file(), from, to, text);
    all.push(Candidate::new(MistakeId::MissingToString, JOINED, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_is_lent_is_shown_as_it_is() {
        check_fix(
            &FAMILY,
            "rust",
            "fn label(a: &str, b: &Boat) -> String {\n    \"a \" <|>+ &b.name() + a\n}\n",
            "[E0369] cannot add `&String` to `&str`",
            "fn label(a: &str, b: &Boat) -> String {\n    format!(\"a {}{}\", b.name(), a)\n}\n",
        );
    }

    #[test]
    fn a_macro_puts_its_text_together_itself() {
        check_fix(
            &FAMILY,
            "rust",
            "fn tell(n: u32) {\n    println!(\"berth \" <|>+ n + \" free\");\n}\n",
            "expected `,`, found `+`",
            "fn tell(n: u32) {\n    println!(\"berth {} free\", n);\n}\n",
        );
    }

    #[test]
    fn numbers_are_added() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn up(a: u32) -> u32 {\n    a <|>+ None\n}\n",
            "[E0277] cannot add `Option<_>` to `u32`",
        );
    }
}
