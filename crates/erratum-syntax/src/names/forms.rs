//! How declarations look in the languages that write the name before its type.

use super::{header_of, type_after};
pub(crate) use super::{name_first, type_first};
use crate::language::{Declaration, NameKind};
use crate::lex::{Lexed, TokenKind};
use crate::pairs::Pairs;

fn before(lexed: &Lexed, index: usize) -> &str {
    index.checked_sub(1).map_or("", |at| lexed.word(at))
}

/// The type that is written behind a name and its `:`.
pub(crate) fn type_after_name(
    lexed: &Lexed,
    _pairs: &Pairs,
    index: usize,
) -> Option<(usize, usize)> {
    type_after(lexed, index)
}

/// Go: the type behind the one list of parameters.
pub(crate) fn go_result(lexed: &Lexed, pairs: &Pairs, index: usize) -> Option<(usize, usize)> {
    let open = lexed.is(index + 1, "(") || lexed.is(index + 1, "[");
    let behind = if open { pairs.partner_of(index + 1)? + 1 } else { index + 1 };
    go_type(lexed, pairs, behind)
}

/// Basic: the type behind the parameters and `As`.
pub(crate) fn basic_result(lexed: &Lexed, pairs: &Pairs, index: usize) -> Option<(usize, usize)> {
    let behind = behind_parameters(lexed, pairs, index)?;
    if lexed.is(behind, "as") {
        return Some((behind + 1, behind + 1)).filter(|_| behind + 1 < lexed.code.len());
    }
    lexed.is(behind, ":").then(|| type_to_end(lexed, behind + 1))?
}

/// The token behind the parameters of a function: several lists, and those of types in front.
fn behind_parameters(lexed: &Lexed, pairs: &Pairs, index: usize) -> Option<usize> {
    let mut at = index + 1;
    while lexed.is(at, "(") || lexed.is(at, "[") {
        at = pairs.partner_of(at)? + 1;
    }
    Some(at)
}

/// The type that a function gives back, as it is written behind its parameters and a mark.
pub(crate) fn result(lexed: &Lexed, pairs: &Pairs, index: usize) -> Option<(usize, usize)> {
    let at = behind_parameters(lexed, pairs, index)?;
    let marked = lexed.language.result_marks.contains(&lexed.word(at));
    marked.then(|| type_to_end(lexed, at + 1))?
}

/// The type from a token to what ends a header.
fn type_to_end(lexed: &Lexed, first: usize) -> Option<(usize, usize)> {
    let mut depth = 0i32;
    let mut last = first;
    while last < lexed.code.len() {
        match lexed.word(last) {
            "<" | "(" | "[" => depth += 1,
            ">" | ")" | "]" if depth > 0 => depth -= 1,
            ">>" if depth > 1 => depth -= 2,
            "{" if depth > 0 || last == first => depth += 1,
            "}" if depth > 0 => depth -= 1,
            "=" | "," | ")" | ";" | "{" | "}" | "where" if depth <= 0 => break,
            _ if last > first && depth <= 0 && lexed.starts_line(last) => break,
            _ => {}
        }
        last += 1;
    }
    (last > first).then(|| (first, last - 1))
}

/// Whether the block around a token has a header with one of these words.
fn inside_header<'a>(lexed: &'a Lexed, pairs: &Pairs, index: usize) -> Option<&'a str> {
    let open = pairs.inside_of(index).filter(|open| lexed.opens_block(*open))?;
    header_of(lexed, open)
}

/// The parameters of an arrow function: `x =>` and `(x, y) =>`.
fn arrow_parameter(lexed: &Lexed, pairs: &Pairs, index: usize) -> bool {
    if lexed.is(index + 1, "=>") {
        return !matches!(before(lexed, index), "." | ":" | "case");
    }
    let Some(open) = pairs.inside_of(index).filter(|open| lexed.is(*open, "(")) else {
        return false;
    };
    let after = pairs.partner_of(open).map_or("", |close| lexed.word(close + 1));
    after == "=>"
        && matches!(before(lexed, index), "(" | ",")
        && matches!(lexed.word(index + 1), "," | ")" | ":")
}

pub(crate) fn typescript(lexed: &Lexed, pairs: &Pairs, index: usize) -> Option<Declaration> {
    let header = inside_header(lexed, pairs, index);
    let in_type = matches!(header, Some("class" | "interface" | "type"));
    let word_before = before(lexed, index);
    let leads = lexed.code[index].first
        || matches!(
            word_before,
            "{" | ";"
                | ","
                | "public"
                | "private"
                | "protected"
                | "readonly"
                | "static"
                | "async"
                | "get"
                | "set"
                | "abstract"
        );
    // `boat?: string`
    let colon =
        if lexed.is(index + 1, "?") || lexed.is(index + 1, "!") { index + 2 } else { index + 1 };
    if in_type && leads {
        let called = lexed.is(index + 1, "(") || lexed.is(index + 1, "<");
        if called && lexed.word(index) != "constructor" {
            return Some((NameKind::Function, (lexed.language.result)(lexed, pairs, index)));
        }
        if lexed.is(colon, ":") || lexed.is(index + 1, "=") {
            return Some((NameKind::Member, type_after(lexed, colon - 1)));
        }
    }
    let open = pairs.inside_of(index);
    let in_parameters = open.is_some_and(|open| {
        lexed.is(open, "(")
            && matches!(
                word_before,
                "(" | "," | "private" | "public" | "protected" | "readonly" | "..."
            )
    });
    if in_parameters && lexed.is(colon, ":") {
        let member = matches!(word_before, "private" | "public" | "protected" | "readonly");
        let kind = if member { NameKind::Member } else { NameKind::Value };
        return Some((kind, type_after(lexed, colon - 1)));
    }
    let bound = in_parameters && before(lexed, open?) == "catch";
    (bound || arrow_parameter(lexed, pairs, index)).then_some((NameKind::Value, None))
}

pub(crate) fn scala(lexed: &Lexed, pairs: &Pairs, index: usize) -> Option<Declaration> {
    let word_before = before(lexed, index);
    let open = pairs.inside_of(index);
    if lexed.is(index + 1, ":") && matches!(word_before, "(" | "," | "val" | "var" | "implicit") {
        let class = open
            .filter(|open| lexed.is(*open, "("))
            .is_some_and(|open| matches!(before(lexed, open.saturating_sub(1)), "class"));
        let kind = if class { NameKind::Member } else { NameKind::Value };
        return Some((kind, type_after(lexed, index)));
    }
    let lower = lexed.word(index).starts_with(char::is_lowercase);
    let line = lexed.on_line(lexed.code[index].line);
    let arrow = (index..line.end).find(|at| lexed.is(*at, "=>"));
    let case = (line.start..index).rev().find(|at| lexed.is(*at, "case"));
    let pattern = lower
        && case
            .is_some_and(|case| !(case..index).any(|at| lexed.is(at, "=>") || lexed.is(at, "if")))
        && arrow.is_some()
        && !lexed.is(index + 1, "(")
        && !matches!(word_before, "." | ":" | "if")
        && !(index..arrow.unwrap_or(index)).any(|at| lexed.is(at, "if") && at < index);
    let generator = lower && lexed.is(index + 1, "<-");
    let tuple = lower
        && (index..line.end).any(|at| lexed.is(at, "<-"))
        && open.is_some_and(|open| {
            pairs.partner_of(open).is_some_and(|close| lexed.is(close + 1, "<-"))
        });
    (pattern || generator || tuple || arrow_parameter(lexed, pairs, index))
        .then_some((NameKind::Value, None))
}

/// The section of a Pascal text in which a token stands: the last of these words before it.
fn section(lexed: &Lexed, pairs: &Pairs, index: usize) -> &'static str {
    const SECTIONS: [&str; 7] =
        ["var", "const", "type", "begin", "uses", "implementation", "label"];
    let mut at = index;
    while at > 0 {
        at -= 1;
        let word = lexed.word(at);
        if lexed.closes_block(at) {
            // A whole block lies in between.
            match pairs.partner_of(at) {
                Some(open) if open < at => at = open,
                _ => return "",
            }
            if lexed.is(at, "begin") {
                return "";
            }
            continue;
        }
        if let Some(found) = SECTIONS.iter().find(|section| **section == word) {
            return found;
        }
        if matches!(word, "function" | "procedure" | "constructor" | "destructor") {
            return "";
        }
    }
    ""
}

pub(crate) fn pascal(lexed: &Lexed, pairs: &Pairs, index: usize) -> Option<Declaration> {
    let word_before = before(lexed, index);
    // `procedure TTank.Fill(…)`
    if word_before == "."
        && index >= 3
        && matches!(lexed.word(index - 3), "function" | "procedure" | "constructor" | "destructor")
    {
        return Some((NameKind::Function, (lexed.language.result)(lexed, pairs, index)));
    }
    let open = pairs.inside_of(index);
    // A name in a list up to its colon.
    let mut colon = index + 1;
    while lexed.is(colon, ",") && lexed.kind(colon + 1) == Some(TokenKind::Name) {
        colon += 2;
    }
    let listed = lexed.is(colon, ":")
        && (matches!(
            word_before,
            "(" | ","
                | ";"
                | "var"
                | "const"
                | "out"
                | "record"
                | "private"
                | "public"
                | "protected"
                | "class"
                | "end"
                | ")"
        ) || lexed.code[index].first);
    if let Some(open) = open.filter(|open| lexed.is(*open, "(")) {
        let header = (open.saturating_sub(4)..open)
            .any(|at| matches!(lexed.word(at), "function" | "procedure" | "constructor"));
        if header && listed {
            return Some((NameKind::Value, type_after(lexed, colon - 1)));
        }
        // `TRank = (Deckhand, Mate);`
        let values = before(lexed, open) == "=" && matches!(word_before, "(" | ",");
        return (values && section(lexed, pairs, open) == "type")
            .then_some((NameKind::Value, None));
    }
    let block = open.filter(|open| lexed.opens_block(*open));
    let in_type =
        block.is_some_and(|open| matches!(lexed.word(open), "record" | "class" | "object"));
    if in_type && word_before == "property" {
        let typed = lexed.is(colon, ":").then(|| type_after(lexed, colon - 1)).flatten();
        return Some((NameKind::Member, typed));
    }
    if in_type {
        return listed.then(|| (NameKind::Member, type_after(lexed, colon - 1)));
    }
    if block.is_some() {
        let loop_name = word_before == "on" && lexed.is(index + 1, ":");
        return loop_name.then_some((NameKind::Value, None));
    }
    match section(lexed, pairs, index) {
        "var" if listed => Some((NameKind::Value, type_after(lexed, colon - 1))),
        "const" if matches!(lexed.word(index + 1), "=" | ":") && word_before != "=" => {
            Some((NameKind::Value, type_after(lexed, index)))
        }
        "type" if lexed.is(index + 1, "=") => Some((NameKind::Type, None)),
        _ => None,
    }
}

/// What stands in a function's header or body is visible to the end of the body; the rest to the end
/// of the text.
pub(crate) fn pascal_scope(lexed: &Lexed, pairs: &Pairs, index: usize) -> (usize, usize) {
    let end = lexed.code.len().saturating_sub(1);
    let mut at = index;
    while at > 0 {
        at -= 1;
        if lexed.closes_block(at) {
            match pairs.partner_of(at) {
                Some(open) if open < at => {
                    if lexed.is(open, "begin") {
                        return (index, end);
                    }
                    at = open;
                }
                _ => return (index, end),
            }
            continue;
        }
        if matches!(lexed.word(at), "function" | "procedure" | "constructor" | "destructor") {
            let body = (index..lexed.code.len()).find(|at| lexed.is(*at, "begin"));
            let close = body.and_then(|body| pairs.partner_of(body));
            return (index, close.unwrap_or(end));
        }
    }
    (index, end)
}

/// The type behind `As`.
pub(crate) fn basic_type(lexed: &Lexed, index: usize) -> Option<(usize, usize)> {
    let mut at = index + 1;
    // `levels() As Double`.
    while matches!(lexed.word(at), "(" | ")") {
        at += 1;
    }
    if !lexed.is(at, "as") {
        return None;
    }
    let first = if lexed.is(at + 1, "new") { at + 2 } else { at + 1 };
    (first < lexed.code.len()).then_some((first, first))
}

pub(crate) fn basic(lexed: &Lexed, pairs: &Pairs, index: usize) -> Option<Declaration> {
    let typed = basic_type(lexed, index);
    let word_before = before(lexed, index);
    // `For i = 1 To 3` declares its counter, if nothing else does.
    if word_before == "for" {
        return Some((NameKind::Value, typed));
    }
    typed?;
    let block = pairs.inside_of(index).filter(|open| lexed.opens_block(*open));
    let field =
        block.is_some_and(|open| matches!(lexed.word(open), "class" | "structure" | "module"));
    let kind = if field { NameKind::Member } else { NameKind::Value };
    (word_before != ")" || field).then_some((kind, typed))
}

/// The type that starts at a token: `int`, `*Tank`, `[]string`, `map[string]int`, `(int, error)`.
pub(crate) fn go_type(lexed: &Lexed, pairs: &Pairs, first: usize) -> Option<(usize, usize)> {
    let mut at = first;
    loop {
        match lexed.word(at) {
            "*" | "..." | "chan" => at += 1,
            "[" => at = pairs.partner_of(at)? + 1,
            "map" => at += 1,
            "(" if at == first => return Some((first, pairs.partner_of(at)?)),
            "struct" | "interface" if lexed.is(at + 1, "{") => {
                return Some((first, pairs.partner_of(at + 1)?));
            }
            "func" => {
                let close = pairs.partner_of(at + 1)?;
                return go_type(lexed, pairs, close + 1)
                    .filter(|_| !lexed.code[close + 1].first)
                    .map(|(_, last)| (first, last))
                    .or(Some((first, close)));
            }
            _ => break,
        }
    }
    if lexed.kind(at) != Some(TokenKind::Name) || (at > first && lexed.code[at].first) {
        return None;
    }
    let last = if lexed.is(at + 1, ".") { at + 2 } else { at };
    Some((first, last))
}

pub(crate) fn go(lexed: &Lexed, pairs: &Pairs, index: usize) -> Option<Declaration> {
    let word_before = before(lexed, index);
    let open = pairs.inside_of(index);
    let line = lexed.on_line(lexed.code[index].line);
    // `x, err := f()` and `for i, one := range all`.
    let assigned = (index + 1..line.end).find(|at| lexed.is(*at, ":="));
    let left = assigned.is_some_and(|at| {
        (index + 1..at)
            .all(|i| matches!(lexed.word(i), ",") || lexed.kind(i) == Some(TokenKind::Name))
    });
    if left
        && (lexed.code[index].first
            || matches!(word_before, "," | "for" | "if" | ";" | "switch" | "{"))
        && lexed.word(index) != "_"
    {
        return Some((NameKind::Value, None));
    }
    // `func (t *Tank) fill(…)`.
    if word_before == ")" && lexed.is(index + 1, "(") {
        let receiver = index.checked_sub(1).and_then(|close| pairs.partner_of(close));
        if receiver.is_some_and(|open| before(lexed, open) == "func") {
            return Some((NameKind::Function, (lexed.language.result)(lexed, pairs, index)));
        }
    }
    let mut at = index + 1;
    while lexed.is(at, ",") && lexed.kind(at + 1) == Some(TokenKind::Name) {
        at += 2;
    }
    if let Some(open) = open.filter(|open| lexed.is(*open, "(")) {
        // Parameters, receivers and named results.
        let header = parameters_of(lexed, pairs, open);
        if header && matches!(word_before, "(" | ",") {
            let typed = go_type(lexed, pairs, at).filter(|(first, _)| *first == at);
            return typed
                .filter(|_| !matches!(lexed.word(at), ")" | ","))
                .map(|typed| (NameKind::Value, Some(typed)));
        }
        // `const ( base = 3.5 )` and `var ( … )`.
        let group = matches!(before(lexed, open), "const" | "var") && lexed.code[index].first;
        return group.then(|| {
            (
                NameKind::Value,
                go_type(lexed, pairs, index + 1).filter(|(first, _)| !lexed.code[*first].first),
            )
        });
    }
    let in_struct = open.is_some_and(|open| lexed.is(open.wrapping_sub(1), "struct"));
    if in_struct && (lexed.code[index].first || matches!(word_before, "," | "{" | ";")) {
        let typed = go_type(lexed, pairs, at).filter(|(first, _)| !lexed.code[*first].first);
        return typed.map(|typed| (NameKind::Member, Some(typed)));
    }
    None
}

/// Whether a `(` opens the receiver, parameters or results of a function.
fn parameters_of(lexed: &Lexed, pairs: &Pairs, open: usize) -> bool {
    if before(lexed, open) == "func" {
        return true;
    }
    let Some(name) = open.checked_sub(1) else { return false };
    if lexed.is(name, ")") {
        return pairs.partner_of(name).is_some_and(|first| parameters_of(lexed, pairs, first));
    }
    let before_name = before(lexed, name);
    before_name == "func"
        || (before_name == ")"
            && name
                .checked_sub(1)
                .and_then(|close| pairs.partner_of(close))
                .is_some_and(|receiver| before(lexed, receiver) == "func"))
}

pub(crate) fn haskell(lexed: &Lexed, pairs: &Pairs, index: usize) -> Option<Declaration> {
    let word_before = before(lexed, index);
    let line = lexed.on_line(lexed.code[index].line);
    let lower = lexed.word(index).starts_with(|c: char| c.is_lowercase() || c == '_');
    let first_word = lexed.word(line.start);
    if matches!(first_word, "import" | "module") {
        return None;
    }
    let open = pairs.inside_of(index);
    if lexed.is(index + 1, "::") {
        let typed = Some((index + 2, line.end - 1)).filter(|(a, b)| a <= b);
        let field = open.is_some_and(|open| lexed.is(open, "{"));
        let kind = if field { NameKind::Member } else { NameKind::Function };
        return Some((kind, typed));
    }
    if !lower {
        // `data Rank = Deckhand | Mate`
        let constructor = matches!(word_before, "=" | "|") && in_data(lexed, index);
        return constructor.then_some((NameKind::Function, None));
    }
    let equals =
        line.clone().find(|at| lexed.is(*at, "=") || (lexed.is(*at, "|") && *at > line.start));
    let signature = line.clone().any(|at| lexed.is(at, "::"));
    let arrow = (index..line.end).find(|at| lexed.is(*at, "->"));
    let generator = (index..line.end).find(|at| lexed.is(*at, "<-"));
    let lambda = (line.start..index).rev().find(|at| lexed.is(*at, "\\"));
    let bound = lambda.is_some_and(|at| !(at..index).any(|i| lexed.is(i, "->"))) && arrow.is_some();
    // A case alternative has its pattern first on the line.
    let alternative = arrow.is_some()
        && lambda.is_none()
        && !signature
        && !(line.start..index).any(|at| matches!(lexed.word(at), "->" | "=" | "|" | "of" | "if"));
    let drawn = generator.is_some_and(|at| {
        let start =
            (line.start..index).rev().find(|i| matches!(lexed.word(*i), "|" | "," | "<-" | "do"));
        !(start.unwrap_or(line.start)..at).any(|i| matches!(lexed.word(i), "=" | "->"))
            && (index..at).all(|i| !matches!(lexed.word(i), ",") || open.is_some())
    });
    let left = equals.is_some_and(|at| index < at)
        && !signature
        && !(line.start..index)
            .any(|at| matches!(lexed.word(at), "<-" | "->" | "then" | "else" | "case"))
        && !matches!(
            first_word,
            "data"
                | "type"
                | "newtype"
                | "class"
                | "instance"
                | "|"
                | "if"
                | "case"
                | "deriving"
                | "in"
        );
    if left {
        let start = if matches!(first_word, "let" | "where") { line.start + 1 } else { line.start };
        if index == start {
            // The name that the equation defines; its signature declares it already.
            let signed = signed_above(lexed, index);
            let arguments = !lexed.is(index + 1, "=");
            return (!signed)
                .then_some((if arguments { NameKind::Function } else { NameKind::Value }, None));
        }
        return Some((NameKind::Value, None));
    }
    (bound || alternative || drawn).then_some((NameKind::Value, None))
}

/// Whether the declaration around a token starts with `data` or `newtype`.
fn in_data(lexed: &Lexed, index: usize) -> bool {
    let start = (0..=index).rev().find(|at| {
        let token = lexed.code[*at];
        token.first && lexed.source.indent(token.line) == Some(0)
    });
    start.is_some_and(|at| matches!(lexed.word(at), "data" | "newtype"))
}

/// Whether a name has a signature, or an equation of its own, in the lines just above.
fn signed_above(lexed: &Lexed, index: usize) -> bool {
    let word = lexed.word(index);
    (index.saturating_sub(400)..index).rev().any(|at| {
        lexed.code[at].first
            && lexed.word(at) == word
            && lexed.source.indent(lexed.code[at].line)
                == lexed.source.indent(lexed.code[index].line)
    })
}

/// A local name is visible in the lines of its definition: those that are indented deeper than where
/// the definition starts.
pub(crate) fn haskell_scope(lexed: &Lexed, _pairs: &Pairs, index: usize) -> (usize, usize) {
    let end = lexed.code.len().saturating_sub(1);
    let top = |at: usize| {
        let token = lexed.code[at];
        token.first && lexed.source.indent(token.line) == Some(0)
    };
    let start = (0..=index).rev().find(|at| top(*at)).unwrap_or(0);
    let last = (index + 1..lexed.code.len()).find(|at| top(*at)).map_or(end, |at| at - 1);
    // A name at the very left is visible everywhere.
    if start == index { (0, end) } else { (start, last) }
}

#[cfg(test)]
mod tests {
    use super::super::{Declared, Names};
    use crate::language::{NameKind, by_id};
    use crate::lex::Lexed;
    use crate::pairs::Pairs;
    use crate::source::Source;

    /// Every declared name with its kind and type, as `name kind type`.
    fn names(language: &str, text: &str) -> Vec<String> {
        let lexed = Lexed::new(&Source::new("t", text.as_bytes()), by_id(language).unwrap());
        let names = Names::new(&lexed, &Pairs::new(&lexed));
        let typed = |d: &Declared| {
            d.typed.map_or(String::new(), |(a, b)| {
                (a..=b).map(|i| lexed.word(i)).collect::<Vec<_>>().join(" ")
            })
        };
        let kind = |kind: NameKind| format!("{kind:?}");
        names
            .declared
            .iter()
            .map(|d| {
                format!("{} {} {}", lexed.word(d.token), kind(d.kind), typed(d)).trim().to_owned()
            })
            .collect()
    }

    fn has(found: &[String], wanted: &[&str]) {
        for one in wanted {
            assert!(found.iter().any(|f| f == one), "{one}: {found:#?}");
        }
    }

    #[test]
    fn declarations_in_typescript() {
        let found = names(
            "typescript",
            "interface Berth { place: number; boat?: string }\nclass Tank {\n    private level: number;\n    constructor(readonly size: number) {}\n    fill(amount: number): number {\n        const room = this.size;\n        return all.map(one => one.x).reduce((a, b) => a + b);\n    }\n}\nfunction fare(zones: number, child: boolean): number[] { return []; }\n",
        );
        has(
            &found,
            &[
                "Berth Type",
                "place Member number",
                "boat Member string",
                "level Member number",
                "size Member number",
                "fill Function number",
                "amount Value number",
                "room Value",
                "one Value",
                "a Value",
                "b Value",
                "fare Function number [ ]",
                "zones Value number",
            ],
        );
    }

    #[test]
    fn declarations_in_go() {
        let found = names(
            "go",
            "package main\n\ntype Tank struct {\n\tname string\n\tsize, level int\n}\n\nconst (\n\tbase = 3.5\n)\n\nfunc (t *Tank) fill(amount, more int) (int, error) {\n\tleft, err := t.draw(1)\n\tfor i, one := range all {\n\t}\n\tvar sum float64\n\treturn left, err\n}\n",
        );
        has(
            &found,
            &[
                "Tank Type",
                "name Member string",
                "size Member int",
                "level Member int",
                "base Value",
                "t Value * Tank",
                "fill Function ( int , error )",
                "amount Value int",
                "more Value int",
                "left Value",
                "err Value",
                "i Value",
                "one Value",
                "sum Value float64",
            ],
        );
        assert!(!found.iter().any(|f| f.starts_with("int ")));
    }

    #[test]
    fn declarations_in_scala() {
        let found = names(
            "scala",
            "case class Leg(to: String, miles: Double)\nobject Route {\n  val base = 3.5\n  def fare(zones: Int): Double = {\n    for (one <- all) f(one)\n    all.map(x => x + 1)\n    leg match {\n      case Some(inner) => inner\n    }\n  }\n}\n",
        );
        has(
            &found,
            &[
                "Leg Type",
                "to Member String",
                "miles Member Double",
                "base Value",
                "fare Function Double",
                "zones Value Int",
                "one Value",
                "x Value",
                "inner Value",
            ],
        );
    }

    #[test]
    fn declarations_in_pascal() {
        let found = names(
            "pascal",
            "program p;\ntype\n  TRank = (Mate, Captain);\n  TLeg = record\n    pier: string;\n    miles, knots: double;\n  end;\nconst\n  Most = 10;\nvar\n  a, b: integer;\nfunction Fare(zones: integer; child: boolean): real;\nvar\n  full: real;\nbegin\n  full := 3;\nend;\nprocedure TTank.Fill;\nbegin\nend;\nbegin\nend.\n",
        );
        has(
            &found,
            &[
                "trank Type",
                "mate Value",
                "captain Value",
                "tleg Type",
                "pier Member string",
                "miles Member double",
                "knots Member double",
                "most Value",
                "a Value integer",
                "b Value integer",
                "fare Function real",
                "zones Value integer",
                "child Value boolean",
                "full Value real",
                "fill Function",
            ],
        );
        assert_eq!(found.iter().filter(|f| f.starts_with("full")).count(), 1);
    }

    #[test]
    fn declarations_in_haskell() {
        let found = names(
            "haskell",
            "data Rank = Mate | Captain\ndata Leg = Leg { pier :: String, miles :: Double }\n\nfare :: Int -> Double\nfare zones = base * x\n  where\n    x = 3\n\nmain :: IO ()\nmain = do\n  let day = 4\n  line <- getLine\n  mapM_ (\\one -> print one) all\n  case next of\n    Just first -> print first\n",
        );
        has(
            &found,
            &[
                "Rank Type",
                "Mate Function",
                "Captain Function",
                "fare Function Int -> Double",
                "zones Value",
                "x Value",
                "day Value",
                "line Value",
                "one Value",
                "first Value",
                "pier Member String , miles :: Double }",
            ],
        );
        assert_eq!(found.iter().filter(|f| f.starts_with("fare ")).count(), 1);
    }
}
