//! Words in the window: misspelt, run together, taken apart, in the wrong order.

use super::Window;
use crate::fixes::{Candidate, weights as w};
use crate::score::{Factor, Score, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::model::{class, name_class};
use erratum_syntax::names::NameKind;
use erratum_syntax::spelling::edit_distance_within;

/// A name that is declared here or in the library is hardly a misspelt keyword.
const DECLARED_NAME: Factor = weight("the name is declared", -4.0);
/// A name that nobody knows is rather a keyword.
const KEYWORD_PLACE: Factor = weight("it is no name that anybody knows", 1.0);
/// What closes a list of types stands behind it.
const TYPE_LIST: Factor = weight("a list of types is closed behind it", 5.0);
/// Each part of the name that is known.
const PARTS_KNOWN: Factor = weight("parts of the name that are known", 2.5);
/// Each letter before the gap: of two ways, the longer first part.
const LONGER_HEAD: Factor = weight("letters before the gap", 0.02);

impl Window<'_, '_> {
    /// A name that is nearly a keyword.
    pub(super) fn respelt_keyword(
        &self,
        token: usize,
        text: &str,
        near: Score,
        found: &mut Vec<Candidate>,
    ) {
        let at = self.place[token];
        let odd = w::PAIRS_STILL_ODD.when(self.odd);
        let lexed = self.case.lexed();
        let is_name = lexed.kind(token) == Some(TokenKind::Name);
        let member = token.checked_sub(1).is_some_and(|at| matches!(lexed.word(at), "." | "->"));
        if member {
            // No keyword stands behind an object.
            return;
        }
        for word in self.case.language().keywords.iter().filter(|word| **word != text) {
            let limit = if is_name { 2.0 } else { 1.0 };
            let Some(letters) = edit_distance_within(text, word, limit) else { continue };
            if letters >= text.len() as f64 - 0.5 {
                continue;
            }
            let gain = self.gain(at, at + 1, &[class(word)]);
            let known = DECLARED_NAME.when(is_name && self.is_known(text));
            let base = if is_name { w::RESPELL + KEYWORD_PLACE } else { Score::from(w::REPLACE) };
            let score = base
                + w::PER_LETTER * (letters - 1.0)
                + near.clone()
                + gain
                + odd
                + known
                + self.named(word);
            found.push(Candidate::new(
                MistakeId::MisspeltKeyword,
                score,
                vec![self.case.replace_token(token, *word)],
            ));
        }
        if !is_name {
            return;
        }
        let foreign = self.case.language().foreign.iter();
        let cast = crate::fixes::foreign_cast::cast_at(self.case, token).is_some();
        for (_, here) in foreign.filter(|(foreign, _)| *foreign == text && !cast) {
            let here = self.case.written_here(token, here);
            let first = here.split(' ').next().unwrap_or(here);
            let new = if self.case.language().is_keyword(first) {
                class(first)
            } else {
                name_class(first)
            };
            // A word of another language that starts a statement is no call of an unknown function.
            let starts = lexed.is(token + 1, "(") && self.starts_statement(token);
            let score = w::RESPELL
                + near.clone()
                + self.gain(at, at + 1, &[new])
                + odd
                + w::FOREIGN.when(starts && !self.is_known(text));
            found.push(Candidate::new(
                MistakeId::ForeignWord,
                score,
                vec![self.case.replace_token(token, here)],
            ));
        }
    }

    /// Whether a statement starts with a token.
    fn starts_statement(&self, token: usize) -> bool {
        let lexed = self.case.lexed();
        lexed.code[token].first || token.checked_sub(1).is_some_and(|at| lexed.divides(at))
    }

    /// A name that is declared here or in the library is hardly a misspelt keyword.
    pub(super) fn is_known(&self, text: &str) -> bool {
        let case = self.case;
        case.text.names.of(text).any(|declared| declared.kind != NameKind::Member)
            || case.text.names.seen.get(text).is_some_and(|seen| seen.len() > 2)
            || case.language().known_names().any(|(name, _)| name == text)
    }

    /// `900. 1500`: the dot of a number that has nothing behind it was meant as a comma.
    pub(super) fn dotted_number(&self, token: usize, found: &mut Vec<Candidate>) {
        let lexed = self.case.lexed();
        let here = lexed.code[token];
        let text = lexed.text(&here);
        let next = lexed.code.get(token + 1);
        let apart = next.is_some_and(|next| next.start > here.end && !next.first);
        if here.kind != TokenKind::Number || !text.ends_with('.') || !apart {
            return;
        }
        let edit = Edit::replace(self.case.file(), here.end - 1, here.end, ",");
        let score =
            w::REPLACE_LIKE + self.distance(token + 1) + w::MESSAGE_NAMES_IT + w::LAYOUT_PLACE;
        found.push(Candidate::new(MistakeId::WrongMark, score, vec![edit]));
    }

    pub(super) fn swap(&self, token: usize, found: &mut Vec<Candidate>) {
        let lexed = self.case.lexed();
        let (Some(here), Some(next)) = (lexed.code.get(token), lexed.code.get(token + 1)) else {
            return;
        };
        if next.first || lexed.text(here) == lexed.text(next) {
            return;
        }
        let at = self.place[token];
        let (a, b) = (self.sequence[at].0, self.sequence[at + 1].0);
        let odd = w::PAIRS_STILL_ODD.when(self.odd);
        let gain = self.gain(at, at + 2, &[b, a]);
        if gain.value < 2.0 {
            return;
        }
        let between = lexed.source.slice(here.end, next.start).into_owned();
        let text = format!("{}{between}{}", lexed.text(next), lexed.text(here));
        let edit = Edit::replace(self.case.file(), here.start, next.end, text);
        found.push(Candidate::new(
            MistakeId::WrongOrder,
            w::SWAP + self.distance(token + 1) + gain + odd,
            vec![edit],
        ));
    }

    /// Two tokens that were meant as one (`= =`, `else if` written as one word, `+ +`), and one
    /// that was meant as two (`intx`, `elseif`).
    pub(super) fn joined(&self, token: usize, found: &mut Vec<Candidate>) {
        let lexed = self.case.lexed();
        let here = lexed.code[token];
        let at = self.place[token];
        let odd = w::PAIRS_STILL_ODD.when(self.odd);
        let near = self.distance(token);
        if let Some(next) =
            lexed.code.get(token + 1).filter(|next| !next.first && next.start > here.end)
        {
            let joined = format!("{}{}", lexed.text(&here), lexed.text(next));
            let known = self.case.language().operators.contains(&joined.as_str())
                || self.case.language().is_keyword(&joined);
            if known {
                let edit = Edit::delete(self.case.file(), here.end, next.start);
                let score = w::JOIN + near.clone() + odd + self.gain(at, at + 2, &[class(&joined)]);
                found.push(Candidate::new(MistakeId::SplitMark, score, vec![edit]));
            }
        }
        if here.kind != TokenKind::Name {
            return;
        }
        let text = lexed.text(&here);
        for word in self.case.language().keywords {
            let Some(rest) = text.strip_prefix(word).filter(|rest| !rest.is_empty()) else {
                continue;
            };
            let known = self.case.language().is_keyword(rest)
                || self.case.text.names.seen.contains_key(rest)
                || word.len() > 2;
            if !known
                || !rest.starts_with(|c: char| c.is_alphabetic() || c == '_')
                || self.is_known(text)
            {
                continue;
            }
            let rest_class =
                if self.case.language().is_keyword(rest) { class(rest) } else { name_class(rest) };
            let score =
                w::JOIN + near.clone() + odd + self.gain(at, at + 1, &[class(word), rest_class]);
            let edit = self.case.insert(here.start + word.len(), " ");
            found.push(Candidate::new(MistakeId::JoinedWords, score, vec![edit]));
        }
    }

    /// A name that holds two, with a lost bracket between them: `strcmpkind` for `strcmp(kind`,
    /// `doublemost` for `double)most`.
    pub(super) fn run_together(&self, token: usize, found: &mut Vec<Candidate>) {
        let lexed = self.case.lexed();
        let text = lexed.word(token);
        // What seems to be declared right here may be a header that lost its bracket.
        let names = &self.case.text.names;
        let header = names.of(text).all(|d| d.token == token)
            && names.seen.get(text).is_none_or(|seen| seen.len() == 1);
        if lexed.kind(token) != Some(TokenKind::Name) || (self.is_known(text) && !header) {
            return;
        }
        let odd =
            |mark: &str| self.case.text.pairs.odd.iter().any(|odd| lexed.word(odd.token) == mark);
        let generic = (token + 1..token + 4).any(|at| matches!(lexed.word(at), ">" | ">>"));
        if generic {
            for (at, _) in
                crate::fixes::respell::splits(self.case, token).into_iter().filter(|s| s.1 >= 2.0)
            {
                let score = w::JOIN + self.distance(token) + TYPE_LIST + w::BOTH_KNOWN;
                let edit = self.case.insert(lexed.code[token].start + at, "<");
                found.push(Candidate::new(MistakeId::MissingMark, score, vec![edit]));
            }
        }
        let marks = [("(", ")"), ("[", "]"), (")", "("), ("]", "[")];
        for (lost, _) in marks.into_iter().filter(|(_, partner)| odd(partner)) {
            let declares = matches!(lexed.word(token.wrapping_sub(1)), "fn")
                || self.case.language().is_type(lexed.word(token.wrapping_sub(1)));
            for (at, parts) in crate::fixes::respell::splits(self.case, token) {
                let parts = parts + if declares { 0.5 } else { 0.0 };
                if parts < 1.0 {
                    continue;
                }
                let both = w::BOTH_KNOWN.when(parts >= 2.0);
                let score = w::JOIN
                    + w::PAIRS_MENDED
                    + self.distance(token)
                    + PARTS_KNOWN * parts
                    + both
                    + LONGER_HEAD * at as f64;
                let edit = self.case.insert(lexed.code[token].start + at, lost);
                found.push(Candidate::new(MistakeId::MissingBracket, score, vec![edit]));
            }
        }
    }
}
