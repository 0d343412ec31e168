//! A header that ends with the mark of a result, and names no type behind it: `fn new() -> {`; or a header of
//! C++ that begins with the name of the function.

use super::family::{Example, Family, Phases};
use super::shape::type_of;
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// What the block ends with has this type.
const ENDS_WITH: Factor = weight("what the function ends with is of this type", 8.0);

/// What the function gives back is of this type.
const GIVES_BACK: Factor = weight("what the function gives back is of this type", 7.5);

pub(super) static FAMILY: Family = Family {
    id: "result-type",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "struct Mast { height: u8 }\nfn mast() -> <|>{\n    Mast { height: 3 }\n}\n",
        message: "expected type, found `{`",
        after: "struct Mast { height: u8 }\nfn mast() -> Mast {\n    Mast { height: 3 }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with gcc 12 and clang 14.
    let said = &case.message.text;
    let plain =
        said.starts_with("return type defaults to") || said.contains("missing, defaults to 'int'");
    if plain || said.contains("with no type") || said.contains("requires a type specifier") {
        untyped(case, all);
    }
    let open = case.token;
    if !lexed.opens_block(open) || lexed.before(open) != "->" || !case.language().is_keyword("fn") {
        return;
    }
    let Some(close) = case.text.pairs.partner_of(open) else { return };
    // A value that ends the block is what the function gives back.
    let Some(first) = tail(case, open, close) else { return };
    let named = lexed.kind(first) == Some(TokenKind::Name)
        && lexed.word(first).starts_with(|letter: char| letter.is_uppercase());
    let made = named && matches!(lexed.word(first + 1), "{" | "::" | "(");
    let typed = match made {
        true => Some(lexed.word(first).to_owned()),
        false => type_of(case, first, close - 1),
    };
    // A path may lead to more than the type that it starts with.
    let known = |name: &String| !made || case.text.names.of(name).next().is_some();
    if let Some(typed) = typed.filter(known) {
        let gap = if lexed.code[open].start > lexed.code[open - 1].end { "" } else { " " };
        let edit = case.insert(lexed.code[open - 1].end, format!(" {typed}{gap}"));
        all.push(Candidate::new(MistakeId::MissingReturnType, ENDS_WITH, vec![edit]).guess());
    }
}

/// `total() const {`: the type is that of what the function gives back.
fn untyped(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = case.token;
    if !lexed.is(name + 1, "(") {
        return;
    }
    let open = (name..lexed.code.len()).find(|at| lexed.divides(*at) && !lexed.is(*at, ":"));
    let Some(open) = open.filter(|open| lexed.opens_block(*open)) else { return };
    let Some(close) = case.text.pairs.partner_of(open) else { return };
    let mut returns = (open..close).filter(|at| lexed.is(*at, "return")).peekable();
    let given = |at: usize| {
        let end = (at..close).find(|end| lexed.is(*end, ";"))?;
        // What is computed may be of a larger type than its parts.
        (end == at + 2).then(|| type_of(case, at + 1, at + 1)).flatten()
    };
    // The compiler takes it for a whole number, and says what it is.
    let said = || {
        let lines = lexed.code[open].line..=lexed.code[close].line;
        let inside = case.all.iter().filter(|one| one.line().is_some_and(|l| lines.contains(&l)));
        inside.filter_map(|one| found_type(&one.text)).next()
    };
    let typed = match returns.peek() {
        // A program starts with one, and it gives back a number.
        None if lexed.is(name, "main") => Some("int".to_owned()),
        None => Some("void".to_owned()),
        Some(_) => said().or_else(|| returns.find_map(given)),
    };
    if let Some(typed) = typed {
        let pointer = typed.ends_with('*');
        let text = if pointer { typed } else { format!("{typed} ") };
        let edit = case.insert(lexed.code[name].start, text);
        all.push(Candidate::new(MistakeId::MissingReturnType, GIVES_BACK, vec![edit]).guess());
    }
}

/// The type of a value that stands where a whole number is expected.
fn found_type(said: &str) -> Option<String> {
    let said = said.replace(['‘', '’'], "'");
    let rest =
        said.strip_prefix("invalid conversion from '").or(said.strip_prefix("cannot convert '"));
    let (typed, rest) = rest?.split_once('\'')?;
    if !rest.contains("to 'int'") || typed.contains("nullptr") {
        return None;
    }
    let known = rest.trim_start().strip_prefix("{aka '").and_then(|rest| rest.split_once('\''));
    let typed = known.map_or(typed, |(known, _)| known);
    let typed = typed.replace("std::__cxx11::basic_string<char>", "std::string");
    (!typed.contains("__"))
        .then(|| typed.strip_suffix('*').map_or(typed.clone(), |t| format!("{t} *")))
}

/// The first token of the expression that ends a block.
fn tail(case: &Case, open: usize, close: usize) -> Option<usize> {
    let lexed = case.lexed();
    let inside = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
    let ends = |at: &usize| matches!(lexed.word(*at), ";" | "}");
    let last = close.checked_sub(1).filter(|last| *last > open && !lexed.is(*last, ";"))?;
    // A block that the last expression ends with is a part of it.
    let end = if lexed.is(last, "}") { case.text.pairs.partner_of(last)? } else { last };
    let before = (open + 1..end).rev().filter(inside).find(ends);
    Some(before.map_or(open + 1, |at| at + 1)).filter(|first| *first < close)
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_a_function_gives_back_tells_its_type() {
        let text =
            "class Pier {\n    int n;\n    <|>total() const {\n        return n;\n    }\n};\n";
        let said = "ISO C++ forbids declaration of 'total' with no type";
        check_fix(&FAMILY, "cpp", text, said, &text.replace("<|>total", "int total"));
        let text = text.replace("return n;", "tell();");
        check_fix(&FAMILY, "cpp", &text, said, &text.replace("<|>total", "void total"));
    }

    #[test]
    fn what_stands_before_the_end_does_not_count() {
        check_fix(
            &FAMILY,
            "rust",
            "struct Mast { height: u8 }\nfn mast() -><|>{\n    let height = 3;\n    Mast { height }\n}\n",
            "expected type, found `{`",
            "struct Mast { height: u8 }\nfn mast() -> Mast {\n    let height = 3;\n    Mast { height }\n}\n",
        );
    }

    #[test]
    fn a_function_that_ends_with_a_statement_gives_nothing_back() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn mast() -> <|>{\n    println!(\"low\");\n}\n",
            "expected type, found `{`",
        );
    }

    #[test]
    fn what_gives_nothing_back_says_so() {
        check_fix(
            &FAMILY,
            "c",
            "static <|>show(int n)\n{\n    puts(\"tide\");\n}\n",
            "return type defaults to 'int'",
            "static void show(int n)\n{\n    puts(\"tide\");\n}\n",
        );
        check_fix(
            &FAMILY,
            "c",
            "<|>main(void)\n{\n    puts(\"tide\");\n}\n",
            "return type defaults to 'int'",
            "int main(void)\n{\n    puts(\"tide\");\n}\n",
        );
    }
}
