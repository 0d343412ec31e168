//! A text laid out by its blocks. A view: nothing is written.

use erratum_syntax::language::Language;
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::pairs::Pairs;
use erratum_syntax::source::Source;

/// The lines of a text, each indented as deep as the blocks around it say. Lines inside of texts and
/// comments stay as they are. Nothing for a language in which indentation makes the blocks.
pub fn tidy(source: &Source, language: &'static Language) -> Option<String> {
    if language.blocks_by_indentation() {
        return None;
    }
    let lexed = Lexed::new(source, language);
    let pairs = Pairs::new(&lexed);
    let step = step(source);
    let inner = inner_lines(&lexed);
    let mut out = String::with_capacity(source.bytes().len());
    let mut depth = 0;
    for line in 1..=source.line_count() {
        let text = source.line_text(line);
        let text = text.trim_end_matches(['\n', '\r']);
        if inner.binary_search(&line).is_ok() {
            out.push_str(text);
        } else if !text.trim().is_empty() {
            let tokens = lexed.on_line(line);
            if !tokens.is_empty() {
                depth = depth_of(&lexed, &pairs, tokens.start);
            }
            // A comment by itself stands as the line after it would; the line before is near enough.
            let directive =
                lexed.kind(tokens.start) == Some(TokenKind::Directive) && !tokens.is_empty();
            let levels = if directive { 0 } else { depth };
            out.push_str(&step.repeat(levels));
            out.push_str(text.trim());
        }
        if line < source.line_count() || source.bytes().ends_with(b"\n") {
            out.push('\n');
        }
    }
    Some(out)
}

/// How deep the first token of a line stands: one level for each line on which something around it was
/// opened.
fn depth_of(lexed: &Lexed, pairs: &Pairs, first: usize) -> usize {
    let mut open = match lexed.kind(first) {
        // What closes stands as deep as what it closes.
        Some(TokenKind::Close) => {
            pairs.partner_of(first).map_or(pairs.inside_of(first), |open| pairs.inside_of(open))
        }
        _ => pairs.inside_of(first),
    };
    let mut levels = 0;
    let mut line = 0;
    while let Some(at) = open {
        if lexed.code[at].line != line {
            levels += 1;
            line = lexed.code[at].line;
        }
        open = pairs.inside_of(at);
    }
    let word = lexed.word(first);
    let label = matches!(word, "case" | "default") && lexed.language.terminator == ";";
    let divides = lexed.kind(first) == Some(TokenKind::Keyword)
        && lexed.language.blocks.iter().any(|(open, _)| *open != "{")
        && matches!(word, "else" | "elseif" | "elsif" | "when" | "except" | "finally" | "until");
    levels - usize::from((label || divides) && levels > 0)
}

/// The indentation of one level: the least that a line of the text has, or four blanks.
fn step(source: &Source) -> String {
    let indents = (1..=source.line_count().min(2_000)).filter_map(|line| {
        let bytes = source.line_bytes(line);
        if bytes.first() == Some(&b'\t') {
            return Some(0);
        }
        let blanks = bytes.iter().take_while(|byte| **byte == b' ').count();
        (blanks > 0 && bytes.len() > blanks && !bytes[blanks].is_ascii_whitespace())
            .then_some(blanks)
    });
    let mut counts = [0usize; 9];
    for indent in indents.filter(|indent| *indent <= 8) {
        counts[indent] += 1;
    }
    if counts[0] > counts[1..].iter().sum() {
        return "\t".to_owned();
    }
    let least = [2usize, 3, 4, 8].into_iter().find(|width| counts[*width] > 1).unwrap_or(4);
    " ".repeat(least)
}

/// The lines on which a text or a comment goes on that began further up.
fn inner_lines(lexed: &Lexed) -> Vec<u32> {
    let mut lines = Vec::new();
    let texts = lexed
        .code
        .iter()
        .filter(|t| matches!(t.kind, TokenKind::Str | TokenKind::Char | TokenKind::Directive));
    for token in texts.chain(&lexed.comments) {
        let last = lexed.source.line_of(token.end.saturating_sub(1).max(token.start));
        lines.extend(token.line + 1..=last);
    }
    lines.sort_unstable();
    lines.dedup();
    lines
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_syntax::language::by_id;

    fn tidied(language: &str, text: &str) -> String {
        tidy(&Source::new("t", text.as_bytes()), by_id(language).unwrap()).unwrap()
    }

    #[test]
    fn lines_are_indented_by_their_blocks() {
        let text = "int f() {\nif (a) {\n        b(c,\nd);\n}\n/* x\n  y */\n}\n";
        assert_eq!(
            tidied("c", text),
            "int f() {\n    if (a) {\n        b(c,\n            d);\n    }\n    /* x\n  y */\n}\n"
        );
        let switch = "void f() {\nswitch (a) {\ncase 1:\nb();\n}\n}\n";
        assert_eq!(
            tidied("java", switch),
            "void f() {\n    switch (a) {\n    case 1:\n        b();\n    }\n}\n"
        );
    }

    #[test]
    fn block_words_count_as_brackets_do() {
        let text = "begin\nif a then\nbegin\nb;\nend\nelse\nc;\nend.\n";
        let tidied = tidied("pascal", text);
        assert!(tidied.contains("\n    begin\n        b;\n    end\n"), "{tidied}");
    }

    #[test]
    fn nothing_but_blanks_is_changed() {
        let text = "class T {\n\tvoid f() { g(\"a\n b\"); }\n  int x; }\n\n";
        let without = |text: &str| text.split_whitespace().collect::<String>();
        assert_eq!(without(&tidied("java", text)), without(text));
        assert!(tidy(&Source::new("t", &b"main = x"[..]), by_id("haskell").unwrap()).is_none());
    }
}
