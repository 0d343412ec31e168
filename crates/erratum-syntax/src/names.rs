//! The names of a text: where they are declared, as what, and how often they are used. Read from
//! the tokens alone, so that it works on text that does not compile; it errs on the side of
//! seeing a name too many.

pub(crate) mod forms;

use crate::language::Declaration;
pub use crate::language::NameKind;
use crate::lex::{Lexed, TokenKind};
use crate::pairs::Pairs;
use std::collections::HashMap;

/// A place where a name is declared.
#[derive(Clone, Debug)]
pub struct Declared {
    /// Index of the name among the code tokens.
    pub token: usize,
    /// As what.
    pub kind: NameKind,
    /// The type that is written with it, if one is: the code tokens from the first to the last.
    pub typed: Option<(usize, usize)>,
    /// The code tokens in which it is visible.
    pub scope: (usize, usize),
}

/// The names of a text.
#[derive(Clone, Debug, Default)]
pub struct Names {
    /// Every declaration, in order.
    pub declared: Vec<Declared>,
    /// Every name with the code tokens at which it stands, declarations too.
    pub seen: HashMap<String, Vec<usize>>,
    /// For each name that is declared, where in `declared`.
    by_name: HashMap<String, Vec<usize>>,
}

impl Names {
    /// Reads the names of a text.
    pub fn new(lexed: &Lexed, pairs: &Pairs) -> Names {
        let mut names = Names::default();
        for (index, token) in lexed.code.iter().enumerate() {
            if token.kind != TokenKind::Name {
                continue;
            }
            names.seen.entry(lexed.plain(token).to_owned()).or_default().push(index);
            let variant = variant(lexed, pairs, index);
            let found = variant.map(|kind| (kind, None));
            if let Some((kind, typed)) = found.or_else(|| declaration(lexed, pairs, index)) {
                let scope = match variant {
                    Some(_) => (0, lexed.code.len().saturating_sub(1)),
                    None => scope(lexed, pairs, index, kind),
                };
                let number = names.declared.len();
                names.by_name.entry(lexed.plain(token).to_owned()).or_default().push(number);
                names.declared.push(Declared { token: index, kind, typed, scope });
            }
        }
        names
    }

    /// The declarations of a name.
    pub fn of<'a>(&'a self, name: &str) -> impl Iterator<Item = &'a Declared> {
        let found = self.by_name.get(name).map_or(&[][..], Vec::as_slice);
        found.iter().map(|at| &self.declared[*at])
    }

    /// How often a name is used beside its declarations.
    pub fn uses(&self, name: &str) -> usize {
        let seen = self.seen.get(name).map_or(0, Vec::len);
        seen.saturating_sub(self.of(name).count())
    }

    /// The declaration that a name at a token refers to: the last one before it that is visible
    /// there, else any visible one.
    pub fn resolve<'a>(&'a self, lexed: &'a Lexed, token: usize) -> Option<&'a Declared> {
        let name = lexed.word(token);
        let visible = |declared: &&Declared| (declared.scope.0..=declared.scope.1).contains(&token);
        self.of(name)
            .filter(visible)
            .filter(|declared| declared.token <= token)
            .last()
            .or_else(|| self.of(name).find(visible))
    }
}

/// What the place of a name asks for, from its neighbours.
pub fn asked_kind(lexed: &Lexed, token: usize) -> NameKind {
    let before = if token > 0 { lexed.word(token - 1) } else { "" };
    if matches!(before, "." | "->") {
        return NameKind::Member;
    }
    if !lexed.language.macro_mark.is_empty() && lexed.is(token + 1, lexed.language.macro_mark) {
        return NameKind::Macro;
    }
    if lexed.is(token + 1, "::") {
        return NameKind::Module;
    }
    if matches!(before, "new" | "class" | "struct" | "extends" | "implements") {
        return NameKind::Type;
    }
    if lexed.is(token + 1, "(") {
        return NameKind::Function;
    }
    let next_is_name = matches!(lexed.kind(token + 1), Some(TokenKind::Name));
    if lexed.language.type_first && (next_is_name || (lexed.is(token + 1, "<"))) {
        return NameKind::Type;
    }
    if !lexed.language.type_first
        && matches!(before, ":" | "->" | "<" | "&" | "for" | "impl")
        && lexed.word(token).starts_with(char::is_uppercase)
    {
        return NameKind::Type;
    }
    NameKind::Value
}

fn declaration(lexed: &Lexed, pairs: &Pairs, index: usize) -> Option<Declaration> {
    let language = lexed.language;
    let before = if index > 0 { lexed.word(index - 1) } else { "" };
    if let Some((_, kind)) = lexed.language.declares.iter().find(|(word, _)| *word == before) {
        let typed = match kind {
            NameKind::Value => (language.type_behind)(lexed, pairs, index),
            NameKind::Function => (language.result)(lexed, pairs, index),
            _ => None,
        };
        // `func (b Berth) free()`: what follows the word is no name.
        if language.qualified_names && lexed.is(index + 1, ".") {
            return None;
        }
        let type_use = lexed.language.type_first
            && *kind == NameKind::Type
            && !(lexed.is(index + 1, "{")
                || lexed.is(index + 1, ";")
                || lexed.is(index + 1, ":")
                || matches!(lexed.word(index + 1), "extends" | "implements" | "<" | "(" | ""));
        return (!type_use).then_some((*kind, typed));
    }
    (language.declaration)(lexed, pairs, index)
}

/// A value of an enumeration where it is declared: `enum Rope { Hemp, Steel = 3 }`. It is reached through
/// its type, or stands by itself where the language has it so.
fn variant(lexed: &Lexed, pairs: &Pairs, index: usize) -> Option<NameKind> {
    let open = pairs.inside_of(index).filter(|open| lexed.is(*open, "{"))?;
    let listed = matches!(lexed.word(index.checked_sub(1)?), "{" | ",");
    let ended = matches!(lexed.word(index + 1), "," | "}" | "=" | "(" | "{" | ";");
    let header = (open.saturating_sub(8)..open).rev().map(|at| lexed.word(at));
    let mut header = header.take_while(|word| !matches!(*word, ";" | "{" | "}" | ")"));
    if !listed || !ended || !header.any(|word| word == "enum") {
        return None;
    }
    // Java has fields behind the list.
    let near = index.saturating_sub(60).max(open)..index;
    if near.into_iter().any(|at| lexed.is(at, ";") && pairs.inside_of(at) == Some(open)) {
        return None;
    }
    let bare = lexed.language.scope_mark.is_empty()
        || lexed.language.directives
            && !(open.saturating_sub(4)..open)
                .any(|at| matches!(lexed.word(at), "class" | "struct"));
    Some(if bare { NameKind::Value } else { NameKind::Member })
}

/// What stands before a type, and not before a value that something is computed with.
const BEFORE_TYPE: &[&str] =
    &[";", "{", "}", "(", ",", "const", "struct", "static", "virtual", "inline", "extern"];

/// `Type name` followed by what can follow a declared name.
pub(crate) fn type_first(lexed: &Lexed, pairs: &Pairs, index: usize) -> Option<Declaration> {
    if lexed.language.arrow_parameters && lexed.is(index + 1, "->") {
        return Some((NameKind::Value, None));
    }
    if behind_typedef(lexed, pairs, index) {
        return Some((NameKind::Type, None));
    }
    let next = lexed.word(index + 1);
    if !matches!(next, "=" | ";" | "," | ")" | "(" | "[" | ":" | "{" | "") {
        return None;
    }
    let path = path_start(lexed, pairs, index);
    let mut at = path.checked_sub(1)?;
    while matches!(lexed.word(at), "*" | "&" | "[" | "]" | "const") && at > 0 {
        at -= 1;
    }
    let last = if matches!(lexed.word(path - 1), "]") { path - 1 } else { at.max(path - 1) };
    let first = match lexed.word(at) {
        ">" | ">>" => generic_start(lexed, at)?,
        word => {
            let named = lexed.kind(at) == Some(TokenKind::Name) && !lexed.code[path].first;
            if !(lexed.language.is_type(word) || named || word == "auto") {
                // `int a, b;`: the further names of a declaration.
                return (lexed.is(index - 1, ",") && continues(lexed, pairs, index))
                    .then_some((NameKind::Value, None));
            }
            at
        }
    };
    // Not from within the block of the type.
    let header = |token: &&crate::lex::Token| !matches!(lexed.text(token), "{" | "}" | ";");
    let mut before = lexed.code[..first].iter().rev().take(4).take_while(header);
    let typedef = before.any(|token| lexed.text(token) == "typedef");
    let kind = match next {
        _ if typedef => NameKind::Type,
        "(" => NameKind::Function,
        _ => NameKind::Value,
    };
    // `return (x)` and `a * b` are no declarations.
    if at + 1 < path
        && matches!(lexed.word(at + 1), "*" | "&")
        && lexed.kind(at) == Some(TokenKind::Name)
        && at > 0
    {
        let mut start = at;
        while start > 1 && lexed.is(start - 1, "::") {
            start -= 2;
        }
        let before = start.checked_sub(1).map_or(";", |before| lexed.word(before));
        if !BEFORE_TYPE.contains(&before) && !lexed.code[start].first {
            return None;
        }
    }
    let member = pairs.inside_of(index).is_some_and(|open| {
        lexed.opens_block(open)
            && open > 0
            && header_of(lexed, open)
                .is_some_and(|word| matches!(word, "struct" | "class" | "union"))
    });
    let kind = if member && kind == NameKind::Value { NameKind::Member } else { kind };
    Some((kind, Some((first, last))))
}

/// Where the path of a method begins that is defined outside of its class, `int Quay::depth() const {`; else
/// the name itself.
fn path_start(lexed: &Lexed, pairs: &Pairs, index: usize) -> usize {
    let mut start = index;
    while lexed.is(start.wrapping_sub(1), "::")
        && lexed.kind(start.wrapping_sub(2)) == Some(TokenKind::Name)
    {
        start -= 2;
    }
    let close = Some(index + 1).filter(|open| lexed.is(*open, "("));
    let behind = close.and_then(|open| pairs.partner_of(open)).map(|close| lexed.word(close + 1));
    let defines = behind.is_some_and(|word| matches!(word, "{" | "const" | "noexcept"));
    if defines && pairs.inside_of(start).is_none() { start } else { index }
}

/// Whether a name stands behind the block of a type that it names: `typedef struct { ... } Berth`, also
/// where its `;` is lost.
fn behind_typedef(lexed: &Lexed, pairs: &Pairs, index: usize) -> bool {
    let close = index.checked_sub(1).filter(|at| lexed.is(*at, "}"));
    let open = close.and_then(|close| pairs.partner_of(close));
    let start = open.map_or(0, |open| open.saturating_sub(3))..open.unwrap_or(0);
    start.into_iter().any(|at| lexed.is(at, "typedef"))
}

/// The keyword that starts the header before a `{`, such as `struct` or `class`.
fn header_of(lexed: &Lexed, open: usize) -> Option<&str> {
    (open.saturating_sub(8)..open)
        .rev()
        .take_while(|at| !matches!(lexed.word(*at), ";" | "{" | "}" | ")"))
        .map(|at| lexed.word(at))
        .find(|word| {
            matches!(
                *word,
                "struct"
                    | "class"
                    | "union"
                    | "enum"
                    | "interface"
                    | "impl"
                    | "trait"
                    | "object"
                    | "type"
                    | "record"
            )
        })
}

fn generic_start(lexed: &Lexed, close: usize) -> Option<usize> {
    let mut depth = 0i32;
    for at in (close.saturating_sub(40)..=close).rev() {
        match lexed.word(at) {
            ">" => depth += 1,
            ">>" => depth += 2,
            "<" => depth -= 1,
            ";" | "{" | "}" => return None,
            _ => {}
        }
        if depth == 0 {
            return at.checked_sub(1);
        }
    }
    None
}

fn continues(lexed: &Lexed, pairs: &Pairs, index: usize) -> bool {
    if pairs.inside_of(index).is_some_and(|open| !lexed.is(open, "{")) {
        return false;
    }
    let mut at = index;
    while at > 0 && !matches!(lexed.word(at - 1), ";" | "{" | "}") {
        at -= 1;
        if lexed.code[at].first {
            break;
        }
    }
    lexed.language.is_type(lexed.word(at)) && lexed.kind(at + 1) == Some(TokenKind::Name)
}

/// Rust: `name: Type` in a parameter list or a struct, closure parameters, patterns.
pub(crate) fn name_first(lexed: &Lexed, pairs: &Pairs, index: usize) -> Option<Declaration> {
    let open = pairs.inside_of(index);
    let before = lexed.word(index.wrapping_sub(1));
    if lexed.is(index + 1, ":") && matches!(before, "(" | "," | "{" | "pub" | "mut" | ")" | "]") {
        let typed = type_after(lexed, index);
        let in_block = open.is_some_and(|open| lexed.is(open, "{"));
        let header = open.and_then(|open| header_of(lexed, open));
        return match (in_block, header) {
            (true, Some("struct" | "enum")) => Some((NameKind::Member, typed)),
            (true, _) => None,
            (false, _) => Some((NameKind::Value, typed)),
        };
    }
    let pattern_word = lexed.word(index).starts_with(char::is_lowercase);
    // Between two bars, where the parameters of a closure stand.
    let line = lexed.on_line(lexed.code[index].line).start;
    let bars = (line..index).filter(|at| lexed.is(*at, "|")).count();
    let closure = bars % 2 == 1
        && (before == "|" || before == ",")
        && matches!(lexed.word(index + 1), "|" | "," | ":");
    let bound = open.is_some_and(|open| lexed.is(open, "(")) && in_pattern(lexed, index);
    (pattern_word && (closure || bound)).then_some((NameKind::Value, None))
}

/// Whether a name stands in the pattern of `let`, `if let`, `for` or a match arm.
fn in_pattern(lexed: &Lexed, index: usize) -> bool {
    let line = lexed.code[index].line;
    let range = lexed.on_line(line);
    let after = (index..range.end)
        .map(|at| lexed.word(at))
        .find(|word| matches!(*word, "=>" | "=" | "in" | "{" | ";"));
    let before = (range.start..index)
        .rev()
        .map(|at| lexed.word(at))
        .find(|word| matches!(*word, "let" | "for" | "=" | "{" | ";" | "=>"));
    match after {
        Some("=>") => before.is_none() || before == Some("{"),
        Some("=") => before == Some("let"),
        Some("in") => before == Some("for"),
        _ => false,
    }
}

/// The type after `name:`, as code tokens.
fn type_after(lexed: &Lexed, index: usize) -> Option<(usize, usize)> {
    if !lexed.is(index + 1, ":") {
        return None;
    }
    let (first, mut at, mut depth) = (index + 2, index + 2, 0i32);
    while at < lexed.code.len() {
        match lexed.word(at) {
            "<" | "(" | "[" => depth += 1,
            ">" | "]" if depth > 0 => depth -= 1,
            ")" if depth > 0 => depth -= 1,
            ">>" if depth > 1 => depth -= 2,
            "=" | "," | ")" | ";" | "{" | "}" | "|" if depth <= 0 => break,
            _ => {}
        }
        at += 1;
    }
    (at > first).then_some((first, at - 1))
}

fn scope(lexed: &Lexed, pairs: &Pairs, index: usize, kind: NameKind) -> (usize, usize) {
    let end = lexed.code.len().saturating_sub(1);
    if matches!(kind, NameKind::Function | NameKind::Type | NameKind::Member | NameKind::Module) {
        return (0, end);
    }
    if let Some(scope) = lexed.language.scope {
        return scope(lexed, pairs, index);
    }
    let Some(mut open) = pairs.inside_of(index) else { return (index, end) };
    if !lexed.opens_block(open) {
        // A parameter or a `for` header: visible to the end of the block that follows.
        while let Some(outer) = pairs.inside_of(open).filter(|_| !lexed.opens_block(open)) {
            if lexed.opens_block(outer) {
                break;
            }
            open = outer;
        }
        let close = pairs.partner_of(open).unwrap_or(index);
        let block = (close..lexed.code.len()).find(|at| matches!(lexed.word(*at), "{" | ";"));
        let last = block.map_or(end, |at| {
            pairs.partner_of(at).unwrap_or(if lexed.is(at, "{") { end } else { at })
        });
        return (index, last);
    }
    let class = header_of(lexed, open).is_some();
    (if class { open } else { index }, pairs.partner_of(open).unwrap_or(end))
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::language::by_id;
    use crate::source::Source;

    fn names(language: &str, text: &str) -> Vec<(String, NameKind, String)> {
        let lexed = Lexed::new(&Source::new("t", text.as_bytes()), by_id(language).unwrap());
        let names = Names::new(&lexed, &Pairs::new(&lexed));
        let typed = |d: &Declared| {
            d.typed.map_or(String::new(), |(a, b)| {
                (a..=b).map(|i| lexed.word(i)).collect::<Vec<_>>().join(" ")
            })
        };
        names.declared.iter().map(|d| (lexed.word(d.token).to_owned(), d.kind, typed(d))).collect()
    }

    fn has(found: &[(String, NameKind, String)], name: &str, kind: NameKind, typed: &str) {
        assert!(
            found.iter().any(|f| f.0 == name && f.1 == kind && f.2 == typed),
            "{name}: {found:?}"
        );
    }

    #[test]
    fn declarations_with_the_type_first() {
        let c = names(
            "c",
            "int fare(double rate, char *name) { int a = 1, b; size_t n; return a * b; }",
        );
        has(&c, "fare", NameKind::Function, "int");
        has(&c, "rate", NameKind::Value, "double");
        has(&c, "name", NameKind::Value, "char *");
        has(&c, "b", NameKind::Value, "");
        has(&c, "n", NameKind::Value, "size_t");
        let java =
            names("java", "class Tide { int[] marks; List<String> names = x; void go(int n) {} }");
        has(&java, "Tide", NameKind::Type, "");
        has(&java, "marks", NameKind::Member, "int [ ]");
        has(&java, "names", NameKind::Member, "List < String >");
    }

    #[test]
    fn a_reference_to_a_type_of_a_namespace_is_declared() {
        let text = "class Pier {\n    Pier(const std::string &name, int n) {}\n    const std::string &name() const { return a; }\n    virtual Pier *next();\n};\nint low() { return std::a * b; }\n";
        let found = names("cpp", text);
        has(&found, "name", NameKind::Value, "string &");
        has(&found, "name", NameKind::Function, "string &");
        has(&found, "next", NameKind::Function, "Pier *");
        assert!(found.iter().all(|(name, ..)| name != "b"));
    }

    #[test]
    fn values_of_an_enumeration_are_declared_in_its_list() {
        let found = names("csharp", "enum Rope { Hemp, Steel = 3 }\nclass Quay { Rope one; }\n");
        has(&found, "Hemp", NameKind::Member, "");
        has(&found, "Steel", NameKind::Member, "");
        let text = "enum rope { HEMP, STEEL };\nint main(void) { return STEEL; }\n";
        let found = names("c", text);
        has(&found, "STEEL", NameKind::Value, "");
        let found =
            names("cpp", "enum class Rope : int { Hemp, Steel };\nclass Coil { Rope r; };\n");
        has(&found, "Steel", NameKind::Member, "");
        let text = "enum Rope { HEMP { int n() { return f(one, two); } }, WIRE; int a, b; }\n";
        let found = names("java", text);
        has(&found, "WIRE", NameKind::Member, "");
        assert!(
            !found
                .iter()
                .any(|(name, kind, _)| name == "two" || (name == "b" && *kind == NameKind::Member))
        );
    }

    #[test]
    fn only_the_name_behind_the_block_of_a_typedef_is_a_type() {
        let c = names("c", "typedef struct { int id; double beam; } Berth; typedef long Tide;");
        has(&c, "id", NameKind::Member, "int");
        has(&c, "beam", NameKind::Member, "double");
        has(&c, "Berth", NameKind::Type, "");
        has(&c, "Tide", NameKind::Type, "long");
    }

    #[test]
    fn declarations_with_the_name_first() {
        let rust = names(
            "rust",
            "struct Berth { len: u32 } fn go(a: &str) { let mut b: Vec<i32> = c; for d in e { f(|g| g); } if let Some(h) = i {} }",
        );
        has(&rust, "Berth", NameKind::Type, "");
        has(&rust, "len", NameKind::Member, "u32");
        has(&rust, "a", NameKind::Value, "& str");
        has(&rust, "b", NameKind::Value, "Vec < i32 >");
        has(&rust, "d", NameKind::Value, "");
        has(&rust, "g", NameKind::Value, "");
        has(&rust, "h", NameKind::Value, "");
    }
}
