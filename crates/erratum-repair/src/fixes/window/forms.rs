//! Marks of lists, headers and conditions that stand in the place of others: each known by its form.

use super::{FURTHER_MARK, REACH_AFTER, REACH_BEFORE, Window};
use crate::fixes::{Candidate, weights as w};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// In the header of a loop, two values stand side by side.
const TWO_PARTS: Factor = evidence("two values stand side by side in it", 2.0);

impl Window<'_, '_> {
    /// `for (i = 0, i < n; i++)`: another mark stands where one of the two `;` belongs.
    pub(super) fn for_header(&self, found: &mut Vec<Candidate>) {
        let (case, lexed) = (self.case, self.case.lexed());
        if !case.language().type_first {
            return;
        }
        let near = case.token.saturating_sub(REACH_BEFORE)..(case.token + REACH_AFTER);
        for open in near.filter(|at| lexed.is(*at, "(") && lexed.is(at.wrapping_sub(1), "for")) {
            let close = case
                .text
                .pairs
                .partner_of(open)
                .unwrap_or(lexed.on_line(lexed.code[open].line).end);
            let own = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
            let inside: Vec<usize> = (open + 1..close.min(lexed.code.len())).filter(own).collect();
            let ends = inside.iter().filter(|at| lexed.is(**at, ";")).count();
            if ends != 1 {
                continue;
            }
            // A dot right between two names asks for a member.
            let member = |at: usize| {
                let touches = |one: usize| lexed.code[one].end == lexed.code[one + 1].start;
                lexed.is(at, ".") && touches(at - 1) && touches(at)
            };
            let marks = inside.iter().filter(|at| matches!(lexed.word(**at), "," | ":" | "."));
            for (rank, at) in marks.filter(|at| !member(**at)).enumerate() {
                let edit = case.replace_token(*at, ";");
                let score = w::FOR_HEADER + FURTHER_MARK * rank as f64;
                found.push(Candidate::new(MistakeId::WrongMark, score, vec![edit]));
            }
            // Behind what the loop starts with, two values side by side are of two parts.
            let value = |at: usize| {
                matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Number))
                    || matches!(lexed.word(at), ")" | "]")
            };
            let start = inside.iter().position(|at| matches!(lexed.word(*at), "=" | ";"));
            for at in inside.iter().skip(start.map_or(usize::MAX, |at| at + 1)) {
                let apart = matches!(lexed.kind(*at), Some(TokenKind::Name | TokenKind::Number));
                if apart && at - 1 > open && value(at - 1) {
                    let edit = case.insert(lexed.code[at - 1].end, ";");
                    let score = w::FOR_HEADER + TWO_PARTS;
                    let part = Candidate::new(MistakeId::MissingSeparator, score, vec![edit]);
                    found.push(part.guess());
                }
            }
        }
    }

    /// `[w | w <- all, w = who]`: in the brackets of an expression nothing is defined. And where the
    /// compiler says that a value cannot be an assignment (go 1.19), it is a comparison.
    pub(super) fn compared(&self, found: &mut Vec<Candidate>) {
        let (case, lexed) = (self.case, self.case.lexed());
        let told = case.message.text.contains("cannot use assignment ");
        if !case.language().applies_bare && !told {
            return;
        }
        let line = lexed.on_line(lexed.code[case.token].line);
        for at in line.filter(|at| lexed.is(*at, "=")) {
            let open = case.text.pairs.inside_of(at);
            // Of a bracket that is never closed, nothing tells where its expression ends.
            let expression = open.is_some_and(|open| {
                matches!(lexed.word(open), "(" | "[") && case.text.pairs.partner_of(open).is_some()
            });
            let names = open.is_some_and(|open| (open..at).any(|at| lexed.is(at, "let")));
            if (expression || told) && !names {
                let score = if told { w::TOLD_VALUE } else { w::COMPARED };
                let score = score + self.distance(at);
                let edit = case.replace_token(at, "==");
                found.push(Candidate::new(MistakeId::AssignmentComparison, score, vec![edit]));
            }
        }
    }

    /// `place(2; 3)`: a mark that ends a statement stands in a bracket whose end is on the same line.
    pub(super) fn ended_list(&self, found: &mut Vec<Candidate>) {
        let (case, lexed) = (self.case, self.case.lexed());
        let lines = case.language().line_ends || case.language().layout;
        if !lines && case.language().terminator != ";" {
            return;
        }
        let line = lexed.on_line(lexed.code[case.token].line);
        let mut open: Vec<usize> = Vec::new();
        let mut ended = Vec::new();
        for at in line {
            match lexed.word(at) {
                "(" | "[" => open.push(at),
                ")" | "]" => {
                    if let Some(from) = open.pop() {
                        let inside = |end: &usize| *end > from;
                        // In the header of a loop or of a routine the mark may part.
                        let name = from.wrapping_sub(1);
                        let parted = case.language().parted_parameters
                            && case.text.names.declared.iter().any(|d| d.token == name);
                        let header = lexed.is(name, "for") || parted;
                        let marks: Vec<usize> = ended.extract_if(.., |end| inside(end)).collect();
                        for mark in marks.into_iter().filter(|_| !header) {
                            if mark + 1 == at {
                                // Nothing comes behind it: it is one too many.
                                let edit = case.delete_token(mark);
                                let score = w::LIST_ENDED + self.distance(mark);
                                found.push(Candidate::new(MistakeId::ExtraMark, score, vec![edit]));
                                continue;
                            }
                            let edit = case.replace_token(mark, ",");
                            let score = w::LIST_ENDED + self.distance(mark);
                            found.push(Candidate::new(MistakeId::WrongMark, score, vec![edit]));
                        }
                    }
                }
                ";" if !open.is_empty() => ended.push(at),
                "{" | "}" => open.clear(),
                _ => {}
            }
        }
    }

    /// `enum Lane { Left; Right }`: the names of an enumeration are parted by commas.
    pub(super) fn ended_item(&self, found: &mut Vec<Candidate>) {
        let (case, lexed) = (self.case, self.case.lexed());
        let line = lexed.on_line(lexed.code[case.token].line);
        for at in line.filter(|at| lexed.is(*at, ";")) {
            let listed = case.text.pairs.inside_of(at).is_some_and(|open| {
                lexed.is(open, "{")
                    && (case.statement_start(open)..open).any(|word| lexed.is(word, "enum"))
            });
            let behind = lexed.kind(at + 1) == Some(TokenKind::Name)
                && matches!(lexed.word(at + 2), "," | "}" | ";" | "=");
            if listed && behind {
                let score = w::LIST_ENDED + self.distance(at);
                let edit = case.replace_token(at, ",");
                found.push(Candidate::new(MistakeId::WrongMark, score, vec![edit]));
            }
        }
    }

    /// Pascal: a `;` before `else` ends the `if` that it belongs to.
    pub(super) fn before_else(&self, found: &mut Vec<Candidate>) {
        let (case, lexed) = (self.case, self.case.lexed());
        let at = case.token;
        let ended = at > 0 && lexed.is(at - 1, case.language().terminator);
        if case.language().else_unended && lexed.is(at, "else") && ended {
            let edit = case.delete_token(at - 1);
            found.push(Candidate::new(MistakeId::ExtraMark, w::ENDED_EARLY, vec![edit]));
        }
    }
}
