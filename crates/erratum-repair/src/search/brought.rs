//! Parts of the library that are asked for and not there. Most compilers stop at one, so it is switched off to see
//! what stands behind it; what it would have brought is unknown then, and nothing of the program is wrong there.

use super::stretch::Stretch;
use crate::fixes::Case;
use erratum_syntax::language::ImportList;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::spelling::edit_distance_within;
use erratum_syntax::text::Text;

/// How many tokens before the reported place an import may begin.
const REACH: usize = 40;

/// What an import would have brought.
pub(super) enum Brought {
    /// These names.
    Names(Vec<String>),
    /// Names that the import does not tell, and the names that are known without it.
    Any(Vec<String>),
}

/// Where an import stands.
pub(super) struct Import {
    /// The tokens that may be switched off: one entry of a list, with its comma, or the whole.
    pub first: usize,
    pub last: usize,
    /// The tokens that name what is asked for.
    named: (usize, usize),
}

/// The import that a message points into.
pub(super) fn import_at(case: &Case) -> Option<Import> {
    let lexed = &case.text.lexed;
    let line = case.message.line()?;
    let tokens = lexed.on_line(line);
    let token = if tokens.contains(&case.token) { case.token } else { tokens.start };
    if lexed.kind(token) == Some(TokenKind::Directive) {
        let text = lexed.text(&lexed.code[token]);
        let include = text.trim_start_matches(['#', ' ']).starts_with("include");
        return include.then_some(Import { first: token, last: token, named: (token, token) });
    }
    if let ImportList::Ended(list) = lexed.language.import_list
        && let Some(head) = (0..=token).rev().take(REACH).find(|at| lexed.is(*at, list))
    {
        return listed(case, head, token);
    }
    // Entries in brackets stand on lines of their own.
    if let ImportList::Bracketed(list) = lexed.language.import_list
        && let Some(open) = case.text.pairs.inside_of(token)
        && lexed.before(open) == list
    {
        let last = tokens.end.checked_sub(1)?;
        return Some(Import { first: tokens.start, last, named: (tokens.start, last) });
    }
    let before = lexed.language.import.before.split(' ').next().unwrap_or("");
    let is_import =
        |at: &usize| lexed.is(*at, "import") || !before.is_empty() && lexed.is(*at, before);
    let mut back = (0..=token).rev().take(REACH).take_while(|at| !lexed.is(*at, ";"));
    let first = back.find(is_import).filter(|first| lexed.code[*first].first)?;
    let last = case.statement_end(token);
    Some(Import { first, last, named: (first + 1, last) })
}

/// The entry of a list around a token, with the comma that parts it from another.
fn listed(case: &Case, head: usize, token: usize) -> Option<Import> {
    let lexed = &case.text.lexed;
    let end = (head..lexed.code.len()).find(|at| lexed.is(*at, lexed.language.terminator))?;
    // A compiler may point at the end of the statement: the entry that it names counts.
    let named = (head + 1..end).find(|at| {
        let word = lexed.word(*at);
        word.len() > 1
            && case
                .message
                .text
                .split(|c: char| !c.is_alphanumeric() && c != '_')
                .any(|said| lexed.language.same_name(said, word))
    });
    let at = named.or((head < token && token < end).then_some(token))?;
    let (first, last) = match () {
        () if lexed.is(at - 1, ",") => (at - 1, at),
        () if lexed.is(at + 1, ",") => (at, at + 1),
        () => (head, end),
    };
    Some(Import { first, last, named: (at, at) })
}

impl Import {
    /// The part of the text to switch off.
    pub fn stretch(&self) -> Stretch {
        Stretch::of(self.first, self.last)
    }

    /// What it would have brought.
    pub fn brings(&self, text: &Text) -> Brought {
        let (lexed, (from, to)) = (&text.lexed, self.named);
        let name = |at: &usize| lexed.kind(*at) == Some(TokenKind::Name);
        let word = |at: usize| lexed.word(at).to_owned();
        let list = (from..=to).find(|at| matches!(lexed.word(*at), "(" | "{"));
        if let Some(open) = list {
            return Brought::Names((open..=to).filter(name).map(word).collect());
        }
        let all = (from..=to).any(|at| matches!(lexed.word(at), "*" | "_"));
        let last = (from..=to)
            .rev()
            .find(name)
            .or(((from..=to).rev()).find(|at| lexed.kind(*at) == Some(TokenKind::Str)));
        // A package of Java, a path of Rust, a package of Go bring what they end with.
        let language = lexed.language;
        let by_name = !language.imports_all.is_empty() || language.borrows;
        let by_name = by_name && !all || language.receivers;
        if let Some(last) = last.filter(|_| by_name) {
            let end = lexed.word(last).trim_matches(['"', '`']);
            return Brought::Names(vec![end.rsplit('/').next().unwrap_or(end).to_owned()]);
        }
        let own = text.names.declared.iter().map(|declared| word(declared.token));
        let known = lexed.language.known_names().map(|(name, _)| name.to_owned());
        Brought::Any(own.chain(known).collect())
    }
}

impl Brought {
    /// Whether an unknown name may be one that it would have brought.
    pub fn may_bring(&self, name: &str) -> bool {
        match self {
            Brought::Names(names) => names.iter().any(|one| one == name),
            // What is nearly a known name is rather a slip.
            Brought::Any(known) => !known.iter().any(|one| {
                one == name
                    || edit_distance_within(name, one, if name.len() > 5 { 2.0 } else { 1.0 })
                        .is_some()
            }),
        }
    }
}
