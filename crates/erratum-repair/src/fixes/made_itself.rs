//! Rust: a function of a type that takes the object itself and is asked of the type, before there is any
//! object: `fn new(self) -> Log` and `Log::new()`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// It makes the object, and does not use one.
const MAKES_IT: Factor = evidence("it makes an object and uses none", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "made-itself",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "struct Log {\n    n: u32,\n}\nimpl Log {\n    fn new(self) -> Log {\n        Log { n: 0 }\n    }\n}\nfn main() {\n    let log = Log::<|>new();\n}\n",
        message: "[E0061] this function takes 1 argument but 0 arguments were supplied",
        after: "struct Log {\n    n: u32,\n}\nimpl Log {\n    fn new() -> Log {\n        Log { n: 0 }\n    }\n}\nfn main() {\n    let log = Log::new();\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with rustc 1.95.
    if case.message.code.as_deref() != Some("E0061") {
        return;
    }
    let asked = |at: &usize| {
        lexed.before(*at) == "::"
            && lexed.kind(*at) == Some(TokenKind::Name)
            && lexed.is(at + 1, "(")
    };
    let line = lexed.on_line(lexed.code[case.token].line);
    for name in line.filter(asked) {
        let declared = case.text.names.of(lexed.word(name));
        let mut declared = declared.filter(|one| one.kind == NameKind::Function);
        let (Some(function), None) = (declared.next(), declared.next()) else { continue };
        let open = function.token + 1;
        let Some(close) = case.text.pairs.partner_of(open) else { continue };
        let mut itself = open + 1..close;
        let Some(word) = itself.find(|at| lexed.is(*at, "self")) else { continue };
        let block = (close..lexed.code.len()).find(|at| matches!(lexed.word(*at), "{" | ";"));
        let body = block.and_then(|block| Some(block + 1..case.text.pairs.partner_of(block)?));
        let Some(mut body) = body else { continue };
        let only = (open + 1..word).all(|at| matches!(lexed.word(at), "&" | "mut"));
        if only && !body.any(|at| lexed.is(at, "self")) {
            let comma = lexed.is(word + 1, ",");
            let end = if comma { lexed.code[word + 2].start } else { lexed.code[word].end };
            let edit = Edit::delete(case.file(), lexed.code[open].end, end);
            all.push(Candidate::new(MistakeId::ExtraWord, MAKES_IT, vec![edit]).guess());
        }
    }
}
