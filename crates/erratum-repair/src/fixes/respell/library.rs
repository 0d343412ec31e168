//! A part of the library that is nearly a word of the language.

use super::super::{Candidate, Case, weights as w};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::spelling::edit_distance_within;

/// A part of the library is named where it is brought in.
const NAMES_LIBRARY: Factor = evidence("a part of the library is named here", 6.0);

/// `uses Class;` for `uses Classes;`: a word of the language where something of the library is brought in.
pub(super) fn word_for_library(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    for at in lexed.on_line(lexed.code[case.token].line) {
        let listed = |at: &usize| {
            lexed.is(*at, ",")
                || matches!(lexed.kind(*at), Some(TokenKind::Name | TokenKind::Keyword))
        };
        let mut before = (0..at).rev().take_while(listed);
        let word = lexed.word(at).to_lowercase();
        if lexed.kind(at) != Some(TokenKind::Keyword) || !before.any(|at| lexed.is(at, "uses")) {
            continue;
        }
        for (path, _, _) in language.library {
            if let Some(apart) = edit_distance_within(&word, &path.to_lowercase(), 2.0) {
                let score = NAMES_LIBRARY + w::PER_LETTER * apart;
                let edit = case.replace_token(at, *path);
                all.push(Candidate::new(MistakeId::MisspeltName, score, vec![edit]));
            }
        }
    }
}
