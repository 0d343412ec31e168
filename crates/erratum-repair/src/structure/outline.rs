//! The blocks of a text, and how its lines are indented.

use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::pairs::Pairs;
use serde::Serialize;
use std::collections::{BTreeMap, HashMap};

/// A block, from the line that opens it to the line that closes it.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Block {
    /// What opens it: the text of its line, without the blanks around it.
    pub text: String,
    /// The line of its statement's start.
    pub from: u32,
    /// The line on which it closes; nothing if it does not.
    pub to: Option<u32>,
    /// How many blocks are around it.
    pub depth: usize,
}

/// A line that is indented otherwise than the others of its block.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Uneven {
    /// The line.
    pub line: u32,
    /// How far it is indented, in columns.
    pub indent: u32,
    /// How far most lines of its block are.
    pub others: u32,
}

/// How lines are indented.
#[derive(Clone, Debug, Default, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Layout {
    /// How many lines start with a tab.
    pub tabs: usize,
    /// How many start with blanks.
    pub blanks: usize,
    /// Lines with both before their text.
    pub mixed: Vec<u32>,
    /// Lines that are indented otherwise than their block.
    pub uneven: Vec<Uneven>,
}

/// How many letters of the line that heads a block are told: blocks may share one long line.
const HEADER: usize = 200;

/// How many lines are told.
const TOLD: usize = 200;

pub(super) fn blocks(lexed: &Lexed, pairs: &Pairs) -> Vec<Block> {
    let mut all: Vec<Block> = Vec::new();
    let mut depths: Vec<usize> = vec![0; lexed.code.len()];
    for index in 0..lexed.code.len() {
        let outer = pairs.inside_of(index);
        let around = outer.map_or(0, |open| depths[open] + usize::from(lexed.opens_block(open)));
        depths[index] = around;
        if !lexed.opens_block(index) {
            continue;
        }
        let first = statement_line(lexed, pairs, index);
        let to = pairs.partner_of(index).map(|close| lexed.code[close].line);
        // What opens and closes on one line is no part of an outline.
        if to == Some(lexed.code[index].line) {
            continue;
        }
        let line = lexed.source.line_text(first);
        let mut text: String = line.trim().chars().take(HEADER).collect();
        if text.len() < line.trim().len() {
            text.push('…');
        }
        all.push(Block { text, from: first, to, depth: around });
    }
    all
}

/// The line on which the statement starts whose block opens here.
fn statement_line(lexed: &Lexed, pairs: &Pairs, open: usize) -> u32 {
    let outer = pairs.inside_of(open);
    let mut at = open;
    while at > 0 {
        let before = at - 1;
        // A `}` of an element list, or a parenthesis, is part of the statement.
        if let Some(partner) = pairs.partner_of(before).filter(|partner| *partner < before) {
            if lexed.closes_block(before) {
                break;
            }
            at = partner;
            continue;
        }
        let directive = lexed.kind(before) == Some(TokenKind::Directive);
        if Some(before) == outer || lexed.divides(before) || directive {
            break;
        }
        if lexed.language.line_ends && lexed.starts_line(at) {
            break;
        }
        at = before;
    }
    lexed.code[at].line
}

pub(super) fn layout(lexed: &Lexed, pairs: &Pairs) -> Layout {
    let mut layout = Layout::default();
    let source = &lexed.source;
    for line in 1..=source.line_count() {
        let bytes = source.line_bytes(line);
        let indent: &[u8] = &bytes[..bytes.iter().take_while(|b| b.is_ascii_whitespace()).count()];
        if indent.len() == bytes.len() || indent.is_empty() {
            continue;
        }
        let (tab, blank) = (indent.contains(&b'\t'), indent.contains(&b' '));
        layout.tabs += usize::from(indent[0] == b'\t');
        layout.blanks += usize::from(indent[0] == b' ');
        if tab && blank && layout.mixed.len() < TOLD {
            layout.mixed.push(line);
        }
    }
    layout.uneven = uneven(lexed, pairs);
    layout
}

/// How many lines of a block are laid out alike for each that is not. Where there are fewer, nobody can
/// tell which of them is out of it.
const ALIKE: usize = 2;

fn uneven(lexed: &Lexed, pairs: &Pairs) -> Vec<Uneven> {
    // There a deeper line is a part of the one above: nothing is uneven.
    if lexed.language.blocks_by_indentation() {
        return Vec::new();
    }
    // For each block, how often its statements are indented how far.
    let mut indents: HashMap<Option<usize>, BTreeMap<u32, usize>> = HashMap::new();
    let statements = statements(lexed, pairs);
    for statement in &statements {
        *indents.entry(statement.inside).or_default().entry(statement.indent).or_default() += 1;
    }
    let mut found = Vec::new();
    for statement in statements {
        let Some(counts) = indents.get(&statement.inside) else { continue };
        // The first of those that are as frequent: the outer ones.
        let usual = counts.iter().rev().max_by_key(|(_, count)| **count);
        let Some((others, alike)) = usual.map(|(indent, count)| (*indent, *count)) else {
            continue;
        };
        let same = counts.get(&statement.indent).copied().unwrap_or(0);
        if statement.indent != others && same * ALIKE <= alike && found.len() < TOLD {
            found.push(Uneven { line: statement.line, indent: statement.indent, others });
        }
    }
    found
}

/// A line that starts a statement of its block.
struct Statement {
    /// The token that opens the block.
    inside: Option<usize>,
    line: u32,
    indent: u32,
}

/// The lines whose place in their block is told by nothing but the block.
fn statements(lexed: &Lexed, pairs: &Pairs) -> Vec<Statement> {
    let mut all = Vec::new();
    for (index, token) in lexed.code.iter().enumerate().filter(|(_, token)| token.first) {
        let inside = pairs.inside_of(index);
        let starts = index == 0
            || lexed.divides(index - 1)
            || lexed.starts_line(index)
            || inside == Some(index - 1);
        let block = match inside {
            // Sections and the declarations of a routine stand in no block there.
            None => lexed.language.blocks.is_empty(),
            Some(open) => lexed.opens_block(open) && !lexed.is(open, "is"),
        };
        // What stands below `then` alone is deeper than what is around it.
        let word = |at: usize| {
            lexed.kind(at) == Some(TokenKind::Keyword)
                && lexed.language.dividers.contains(&lexed.word(at))
        };
        let below_word = index > 0 && word(index - 1);
        let label =
            matches!(lexed.word(index), "case" | "default" | "else" | "elsif" | "when" | "of")
                || lexed.is(index + 1, ":")
                || index > 0 && lexed.is(index - 1, ":")
                || word(index)
                || below_word;
        let plain = !matches!(token.kind, TokenKind::Close | TokenKind::Directive);
        // `begin` and `{` on a line of their own stand as their header does, not as a statement.
        if starts
            && block
            && plain
            && !label
            && !lexed.opens_block(index)
            && !in_choice(lexed, inside)
        {
            let indent = lexed.source.indent(token.line).unwrap_or(0);
            all.push(Statement { inside, line: token.line, indent });
        }
    }
    all
}

/// In the block of a choice, labels and what belongs to them are indented differently.
fn in_choice(lexed: &Lexed, open: Option<usize>) -> bool {
    let Some(open) = open else { return false };
    let line = lexed.on_line(lexed.code[open].line);
    let words = [
        "switch",
        "match",
        "case",
        "select",
        "of",
        "var",
        "type",
        "const",
        "private",
        "public",
        "protected",
    ];
    line.clone().any(|at| words.contains(&lexed.word(at)))
        || lexed.on_line(lexed.code[open].line + 1).any(|at| {
            matches!(lexed.word(at), "case" | "when" | "public" | "private" | "protected")
        })
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_syntax::language::by_id;
    use erratum_syntax::source::Source;

    fn read(language: &str, text: &str) -> (Vec<Block>, Layout) {
        let lexed = Lexed::new(&Source::new("t", text.as_bytes()), by_id(language).unwrap());
        let pairs = Pairs::new(&lexed);
        (blocks(&lexed, &pairs), layout(&lexed, &pairs))
    }

    #[test]
    fn blocks_are_outlined_from_their_header_to_their_end() {
        let text = "int f(int a,\n      int b)\n{\n    if (a) {\n        b();\n    }\n    int c[] = {1, 2};\n}\n";
        let (blocks, layout) = read("c", text);
        let block = |text: &str, from, to, depth| Block { text: text.into(), from, to, depth };
        assert_eq!(
            blocks,
            [block("int f(int a,", 1, Some(8), 0), block("if (a) {", 4, Some(6), 1)]
        );
        assert_eq!(layout.uneven, []);
        let pascal = "procedure A;\nbegin\n  if x then\n  begin\n    b;\n  end;\nend;\n";
        let (blocks, _) = read("pascal", pascal);
        let lines: Vec<(u32, Option<u32>, usize)> =
            blocks.iter().map(|b| (b.from, b.to, b.depth)).collect();
        assert_eq!(lines.len(), 2, "{blocks:?}");
        assert_eq!((lines[0].1, lines[1].1, lines[1].2), (Some(7), Some(6), 1));
    }

    #[test]
    fn lines_out_of_their_block_and_mixed_indentation_are_marked() {
        let text = "void f() {\n    a();\n      b();\n    c();\n \td();\n}\n";
        let (_, layout) = read("c", text);
        assert_eq!(layout.uneven[0], Uneven { line: 3, indent: 6, others: 4 });
        assert_eq!(layout.mixed, [5]);
        let sound = "void f(int a) {\n    switch (a) {\n    case 1:\n        b();\n        break;\n    default:\n        c();\n    }\n    long_call(a,\n              b);\n}\n";
        assert_eq!(read("c", sound).1.uneven, []);
    }
}
