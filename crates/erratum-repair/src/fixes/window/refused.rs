//! Marks that cannot be what was lost, however usual they are.

use super::{STARTING, Window};
use crate::fixes::shape::{call_at, parameters};
use erratum_catalogue::Phase;
use erratum_syntax::language::Declaring;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// Operators that stand between two values and nowhere else.
const PARTING: &[&str] =
    &["<>", "===", "++", "<", ">", "+", "/", "%", "|", "==", "&&", "||", "<<", ">>", "+="];

impl Window<'_, '_> {
    /// Whether a mark cannot have been lost in front of a token.
    pub(super) fn is_refused(&self, mark: &str, token: usize) -> bool {
        let lexed = self.case.lexed();
        // A file starts with no mark, unless with a bracket.
        let starts_file = token == 0 && !lexed.code.is_empty();
        // Behind a word that declares stands what it declares.
        let word = matches!(lexed.word(token.wrapping_sub(1)), "let" | "const" | "var" | "val");
        // No statement ends behind a word that starts a declaration.
        let starting = STARTING.contains(&lexed.word(token.wrapping_sub(1)));
        // An equation has one `=`, unless it has conditions.
        let second = mark == "=" && self.is_equation(token);
        // Between the head of a block and its brace no statement ends; a word there belongs to the head,
        // whatever it should be.
        let word_of_head = token + 1 < lexed.code.len()
            && lexed.kind(token) == Some(TokenKind::Name)
            && lexed.opens_block(token + 1)
            && !lexed.code[token].first;
        let headed = mark == ";"
            && token < lexed.code.len()
            && (lexed.opens_block(token) || word_of_head)
            && lexed.before(token) == ")";
        let ends = matches!(mark, ";" | "=") && starting || second || headed;
        // Behind the `:` of a choice stands its second value.
        let half = mark == ":"
            && matches!(lexed.word(token), ";" | ")" | "]" | "}")
            && (self.case.statement_start(token)..token).any(|at| lexed.is(at, "?"));
        starts_file && !matches!(mark, "(" | "[" | "{")
            || ends
            || half
            || mark == "." && self.no_member(token)
            || word && matches!(mark, "," | "." | ":")
            || self.header_is_full(mark, token)
            || self.call_is_full(mark, token)
            || self.other_declaring(mark, token)
            || self.parts_nothing(mark, token)
    }

    /// Haskell: whether a token stands in front of the `=` of an equation without conditions.
    fn is_equation(&self, token: usize) -> bool {
        let lexed = self.case.lexed();
        let line = lexed.code.get(token).map_or(0..0, |here| lexed.on_line(here.line));
        let conditions = line.clone().any(|at| matches!(lexed.word(at), "|" | "let" | "where"));
        let bare = self.case.language().applies_bare && !conditions;
        bare && line.into_iter().any(|at| at >= token && lexed.is(at, "="))
    }

    /// Whether a mark would be the third of a loop's header.
    fn header_is_full(&self, mark: &str, token: usize) -> bool {
        let (lexed, pairs) = (self.case.lexed(), &self.case.text.pairs);
        if mark != ";" {
            return false;
        }
        let before = token.checked_sub(1);
        let Some(open) =
            before.and_then(|at| pairs.inside_of(at).or(lexed.is(at, "(").then_some(at)))
        else {
            return false;
        };
        let header = lexed.is(open, "(") && lexed.before(open) == "for";
        let end = pairs.partner_of(open).unwrap_or(open);
        header && (open..end).filter(|at| lexed.is(*at, ";")).count() >= 2
    }

    /// Whether a name that starts a statement is given its value by another mark: one that declares
    /// it, or one that does not.
    fn other_declaring(&self, mark: &str, token: usize) -> bool {
        let (case, lexed) = (self.case, self.case.lexed());
        let Declaring::Mark(declaring) = case.language().declaring else { return false };
        let Some(name) = token.checked_sub(1) else { return false };
        if !matches!(mark, "=") && mark != declaring
            || lexed.kind(name) != Some(TokenKind::Name)
            || case.statement_start(name) != name
        {
            return false;
        }
        let declared = case.text.names.resolve(lexed, name).is_some_and(|d| d.token < name);
        declared == (mark == declaring)
    }

    /// Whether a comma would give a function of the file one value more than it takes.
    fn call_is_full(&self, mark: &str, token: usize) -> bool {
        let pairs = &self.case.text.pairs;
        let open = token.checked_sub(1).and_then(|at| pairs.inside_of(at)).filter(|_| mark == ",");
        let Some(call) = open.and_then(|open| call_at(self.case, open)) else { return false };
        let name = self.case.lexed().word(call.name);
        // Of several functions with one name, another may be meant.
        let functions = self.case.text.names.of(name).filter(|d| d.kind == NameKind::Function);
        functions.count() == 1
            && parameters(self.case, name)
                .is_some_and(|wanted| wanted.len() <= call.arguments.len())
    }

    /// Whether what stands at a token is declared in the program, and not as a member.
    pub(super) fn no_member(&self, token: usize) -> bool {
        let (lexed, names) = (self.case.lexed(), &self.case.text.names);
        let word = lexed.word(token);
        let mut declared = names.of(word).peekable();
        let dotted = |at: &usize| matches!(lexed.before(*at), "." | "->" | "?.");
        // Nor is it one that nothing else names, in front of a block: `if seen[name] exists {`.
        let once = names.seen.get(word).is_none_or(|seen| seen.len() <= 1);
        let headed = token + 1 < lexed.code.len() && lexed.opens_block(token + 1);
        if headed
            && once
            && lexed.kind(token) == Some(TokenKind::Name)
            && lexed.before(token) == "]"
        {
            return true;
        }
        declared.peek().is_some()
            && !declared.any(|one| one.kind == NameKind::Member)
            && !names.seen.get(word).is_some_and(|seen| seen.iter().any(dotted))
    }

    /// Where the syntax is sound: whether an operator would not stand where two values meet. A call
    /// whose bracket stands right behind its name is no such place.
    fn parts_nothing(&self, mark: &str, token: usize) -> bool {
        let lexed = self.case.lexed();
        // Where values stand side by side as a rule, a lost operator is told from them by their types.
        let bare = self.case.language().applies_bare;
        if self.case.phase <= Phase::Syntax || self.odd || bare || !PARTING.contains(&mark) {
            return false;
        }
        let (Some(last), Some(next)) = (token.checked_sub(1), lexed.code.get(token)) else {
            return true;
        };
        let value = |at: usize| {
            matches!(
                lexed.kind(at),
                Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Char)
            )
        };
        let before = value(last) || matches!(lexed.word(last), ")" | "]");
        let behind = value(token) || lexed.is(token, "(") && next.start > lexed.code[last].end;
        !(before && behind) || next.first
    }
}
