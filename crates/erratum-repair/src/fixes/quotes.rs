//! Quotes and comment marks that were left open or lost, and words that were meant as a string or
//! as a comment.
//!
//! Where a quote was meant to be is found by trying each place on the line where one could stand,
//! reading the line again, and asking the token model which reading looks most like code. What
//! stands outside of quotes afterwards should be known names.

mod comments;
mod prose;

pub(super) use comments::open_comments;

use super::calls::{braces, percents};
use super::family::{Example, Family, Phases};
use super::{Candidate, Case, weights as w};
use crate::score::{Factor, Score, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::language::Apostrophe;
use erratum_syntax::lex::{Lexed, Token, TokenKind};
use erratum_syntax::model::{self, Class};

/// A text that is never closed is surely the trouble.
const NEVER_CLOSED: Factor = weight("the text is never closed", 3.0);
/// One blank stands between a text and what follows.
const TWO_BLANKS: Factor = weight("two blanks follow", -0.7);
/// Behind an operator people write a blank before the quote.
const GLUED: Factor = weight("it is glued to the mark before it", -1.0);
/// Quotes of a letter hold one.
const ONE_LETTER: Factor = weight("one letter stands between the quotes", 5.0);
/// A quote that opens a text does not touch the word before it.
const TOUCHES_WORD: Factor = weight("it touches the word before it", -2.0);
/// A word stands behind the quote of a letter, and its end is lost.
const BOTH_LOST: Factor = weight("a word stands behind the quote of one letter", 9.0);
/// A value within a text lacks its end.
const HOLE: Factor = weight("a value within the text lacks its end", 4.0);
/// A text begins with one kind of quote and ends with the other.
const OTHER_END: Factor = weight("the text ends with the other kind of quote", 2.0);
/// A quote is typed by mistake more seldom than forgotten.
const TAKEN_OUT: Factor = weight("the quote is taken out", -3.0);
/// What the token model and the names make of the line.
const READS_LIKE_CODE: Factor = weight("how much the line reads like code", 1.0);
/// The best of all places for a quote is as good as certain.
const BEST_QUOTE: Factor = weight("the best place for the quote", 8.0);
/// How much worse the line reads than with the best place, down to 20.
const BEHIND_BEST: Factor = weight("how far it is behind the best place", 1.0);
/// Several letters between quotes that hold one.
const TEXT_IN_SINGLE: Factor = weight("a text between single quotes", 6.0);
/// A text between the quotes of another language.
const FOREIGN_QUOTES: Factor = weight("quotes of another language", 6.0);

/// How many places on a line are tried.
const PLACES: usize = 120;

pub(super) static FAMILY: Family = Family {
    id: "quotes",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int main(void) {\n    puts(<|>\"Tide table);\n    return 0;\n}\n",
        message: "missing terminating \" character",
        after: "int main(void) {\n    puts(\"Tide table\");\n    return 0;\n}\n",
    },
};

pub(super) fn propose(case: &Case, all: &mut Vec<Candidate>) {
    open_strings(case, all);
    other_quotes(case, all);
    single_quotes(case, all);
    comments::comments(case, all);
    prose::prose(case, all);
}

/// Strings that are not closed, or that run over a line end where hardly anybody means it.
pub(super) fn open_strings(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let odd = lexed.code.iter().find(|token| {
        matches!(token.kind, TokenKind::Str | TokenKind::Char)
            && (!token.closed || lexed.source.bytes()[token.start..token.end].contains(&b'\n'))
            && !lexed.text(token).starts_with("\"\"\"")
            && !(token.closed && lexed.text(token).starts_with(['r', '`', '@', '$']))
    });
    // A compiler reads forwards: a text further on did not stop it here.
    let reported = lexed.code[case.token].line;
    let behind = |odd: &Token| case.message.at.is_some() && odd.line > reported + 1;
    let Some(odd) = odd.filter(|odd| !behind(odd)) else { return };
    let quote = match lexed.text(odd).trim_start_matches(['@', '$', 'b']).get(..1) {
        Some("`") => "`",
        Some("'") => "'",
        _ => "\"",
    };
    let line_end = lexed.source.line_end(odd.line);
    let line_start = lexed.source.line_start(odd.line);
    let certain = NEVER_CLOSED.when(!odd.closed);
    let mut found = Vec::new();
    let cost = token_cost(case);
    // The quote was lost at the edge of some word of the line. Behind a quote in the wrong place all
    // the others change their part, so every edge is tried, also inside of what now reads as text.
    let text = lexed.source.slice(line_start, line_end).into_owned();
    let mut before = ' ';
    let letter = (quote == "'" && case.language().letter_quotes).then(|| letter_end(case, odd));
    for (at, next) in text.char_indices() {
        // Behind one letter between quotes no other one follows.
        if Some(Some(line_start + at)) == letter && !next.is_alphanumeric() {
            found.push((line_start + at, Score::from(ONE_LETTER)));
        }
        let closes = matches!(next, ')' | ',' | ';' | ']' | '}' | '.' | '+' | '<' | ' ' | ':');
        let opens = matches!(before, '(' | ',' | '=' | '+' | '<' | '[' | '{' | ':' | ' ' | '\t')
            && !next.is_whitespace();
        if (closes || opens) && at > 0 && found.len() < PLACES {
            // One blank between the text and what follows, as people write it.
            let wide = text[at..].starts_with("  ");
            // Behind an operator people write a blank before the quote, not after it.
            let glued = next == ' ' && matches!(before, ':' | ',' | '=' | '+' | '<' | '(');
            // A quote that opens a text does not touch the word before it.
            let quotes = text[..at].matches(quote).count();
            let touches = quotes % 2 == 0 && before.is_alphanumeric() && opens_here(&text[at..]);
            let less =
                TWO_BLANKS.when(wide) + GLUED.when(glued && !wide) + TOUCHES_WORD.when(touches);
            found.push((line_start + at, less));
        }
        before = next;
    }
    found.push((line_end, Score::default()));
    let mut ranked: Vec<Candidate> = found
        .into_iter()
        .map(|(at, extra)| {
            let line = [
                lexed.source.slice(line_start, at).as_ref(),
                quote,
                lexed.source.slice(at, line_end).as_ref(),
            ]
            .concat();
            let score = certain + extra + READS_LIKE_CODE * reading(case, &line, odd.line, cost);
            Candidate::new(MistakeId::OpenString, score, vec![case.insert(at, quote)])
        })
        .collect();
    // A value within the text may have lost its end, and has swallowed the quote.
    let holes = quote == "`" || lexed.text(odd).starts_with(['s', 'f', '$']);
    let end = if quote == "`" { '`' } else { '"' };
    if holes && let Some(at) = lost_hole_end(&text, end) {
        let line = [&text[..at], "}", &text[at..]].concat();
        let score = certain + HOLE + READS_LIKE_CODE * reading(case, &line, odd.line, cost);
        let edit = case.insert(line_start + at, "}");
        ranked.push(Candidate::new(MistakeId::MissingBracket, score, vec![edit]));
    }
    // Between quotes of one letter stands a word, and its end is lost, too.
    let word: String = lexed
        .source
        .slice(odd.start + 1, line_end)
        .chars()
        .take_while(|c| c.is_alphanumeric())
        .collect();
    if quote == "'" && case.language().letter_quotes && word.chars().count() > 1 {
        let text = format!("\"{word}\"");
        let edit = Edit::replace(case.file(), odd.start, odd.start + 1 + word.len(), text);
        all.push(Candidate::new(MistakeId::WrongQuotes, BOTH_LOST, vec![edit]).guess());
    }
    // The text may end with a quote of the other kind.
    let other = if quote == "'" { '"' } else { '\'' };
    let last = text.rfind(other).filter(|at| {
        let behind = text[at + 1..].trim_start();
        let ends = behind.is_empty() || behind.starts_with([')', ',', ';', ']']);
        line_start + at > odd.start && ends
    });
    if let Some(at) = last.filter(|_| text.matches(other).count() % 2 == 1) {
        let (from, to) = (line_start + at, line_start + at + 1);
        let line = [&text[..at], quote, &text[at + 1..]].concat();
        let score = certain + OTHER_END + READS_LIKE_CODE * reading(case, &line, odd.line, cost);
        let edit = Edit::replace(case.file(), from, to, quote);
        ranked.push(Candidate::new(MistakeId::WrongQuotes, score, vec![edit]));
    }
    let without = [
        lexed.source.slice(line_start, odd.start).as_ref(),
        lexed.source.slice(odd.start + 1, line_end).as_ref(),
    ]
    .concat();
    let score = certain + TAKEN_OUT + READS_LIKE_CODE * reading(case, &without, odd.line, cost);
    ranked.push(Candidate::new(
        MistakeId::ExtraMark,
        score,
        vec![Edit::delete(case.file(), odd.start, odd.start + 1)],
    ));
    rank(ranked, BEST_QUOTE, all);
}

/// Where a value in a text on a line lacks its end: before the quote that follows it.
fn lost_hole_end(line: &str, quote: char) -> Option<usize> {
    let open = line.rfind("${")?;
    let quote = open + line[open..].find(quote)?;
    let depth = line[open..quote].chars().fold(0i32, |depth, letter| match letter {
        '{' => depth + 1,
        '}' => depth - 1,
        _ => depth,
    });
    (depth == 1).then_some(quote)
}

/// Where a letter in quotes ends: one character behind the quote, or two behind a `\\`.
fn letter_end(case: &Case, odd: &Token) -> Option<usize> {
    let source = &case.lexed().source;
    let text = source.slice(odd.start + 1, source.line_end(odd.line));
    let mut letters = text.chars();
    let first = letters.next()?;
    let more = if first == '\\' { letters.next()?.len_utf8() } else { 0 };
    Some(odd.start + 1 + first.len_utf8() + more)
}

/// `'between'` where single quotes hold one character: a text is between them.
fn single_quotes(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let language = case.language();
    if language.quote() != "\""
        || !matches!(language.apostrophe, Apostrophe::Char | Apostrophe::Prime)
    {
        return;
    }
    let source = &lexed.source;
    let line = lexed.code[case.token].line;
    let start = source.line_start(line);
    let bytes = source.line_bytes(line);
    // Where names may end with the mark, it is a quote only where no name stands before it.
    let mut within = language.apostrophe == Apostrophe::Char;
    let quote = |at: &usize| {
        let name = at.checked_sub(1).is_some_and(|at| bytes[at].is_ascii_alphanumeric());
        let is_one = within || !name;
        within = language.apostrophe == Apostrophe::Char || (is_one && !within);
        is_one
    };
    let marks: Vec<usize> = memchr::memchr_iter(b'\'', bytes).filter(quote).collect();
    for pair in marks.chunks_exact(2) {
        let Ok(inner) = std::str::from_utf8(&bytes[pair[0] + 1..pair[1]]) else { continue };
        if inner.chars().count() < 2 || inner.contains(['\\', '"']) {
            continue;
        }
        let text = format!("\"{inner}\"");
        let edit = Edit::replace(case.file(), start + pair[0], start + pair[1] + 1, text);
        all.push(Candidate::new(MistakeId::WrongQuotes, TEXT_IN_SINGLE, vec![edit]));
    }
}

/// A text between the quotes of another language.
fn other_quotes(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.language().quote() != "'" {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for at in line.filter(|at| lexed.word(*at).starts_with('"') && lexed.code[*at].closed) {
        let inner = lexed.word(at).trim_matches('"').replace('\'', "''");
        let edit = case.replace_token(at, format!("'{inner}'"));
        all.push(Candidate::new(MistakeId::WrongQuotes, FOREIGN_QUOTES, vec![edit]));
    }
}

/// Whether a text could start here: behind a blank stands a word.
fn opens_here(text: &str) -> bool {
    text.trim_start().starts_with(char::is_alphanumeric)
}

/// Keeps the best; the best of all gets `top`, the others less by how far they are behind.
fn rank(mut ranked: Vec<Candidate>, top: Factor, all: &mut Vec<Candidate>) {
    ranked.sort_by(|a, b| b.score.total().total_cmp(&a.score.total()));
    ranked.truncate(8);
    let best = ranked.first().map_or(0.0, |first| first.score.total());
    for mut candidate in ranked {
        candidate.score = top + BEHIND_BEST * (candidate.score.total() - best).max(-20.0);
        all.push(candidate);
    }
}

/// What an average token of this text costs in the model: the longer of two lines is less likely by
/// its length alone, and in a language that the model hardly knows, by far.
fn token_cost(case: &Case) -> f64 {
    let classes = model::classes(case.lexed()).into_iter().map(|(class, _)| class);
    let classes: Vec<Class> = classes.take(1500).collect();
    let average = -case.text.model.score(&classes, 0, classes.len()) / classes.len().max(1) as f64;
    average.clamp(w::EACH_TOKEN, 4.0 * w::EACH_TOKEN)
}

/// How much a line looks like code: the model's view of its tokens, and whether the names in it
/// are known.
fn reading(case: &Case, line: &str, number: u32, cost: f64) -> f64 {
    let source = erratum_syntax::source::Source::new("line", line.as_bytes());
    let lexed = Lexed::new(&source, case.language());
    let next = case.lexed().on_line(number).end;
    let mut classes: Vec<Class> =
        model::classes(&lexed).into_iter().map(|(class, _)| class).collect();
    if let Some(token) = case.lexed().code.get(next) {
        classes.push(model::class("line"));
        classes.push(model::class_of(case.lexed(), token));
    }
    // A line of more tokens is less likely by its length alone.
    let looks = (case.text.model.score(&classes, 0, classes.len()) + cost * classes.len() as f64)
        * w::MODEL;
    let unknown = (0..lexed.code.len()).filter(|at| unknown_name(case, &lexed, *at)).count() as f64;
    let open = lexed.code.iter().filter(|token| !token.closed).count() as f64;
    let depth = |open: &str, close: &str| {
        let count =
            |text: &str| (0..lexed.code.len()).filter(|i| lexed.is(*i, text)).count() as f64;
        (count(open) - count(close)).abs()
    };
    let odd = lexed.code.iter().filter(|token| token.kind == TokenKind::Unknown).count() as f64;
    // A line that neither opens nor closes a block has as many of one brace as of the other.
    let plain = !lexed.is(lexed.code.len().wrapping_sub(1), "{") && !lexed.is(0, "}");
    let braces = if plain { depth("{", "}") } else { 0.0 };
    let empty = lexed
        .code
        .iter()
        .filter(|token| token.kind == TokenKind::Str && token.end - token.start <= 2)
        .count() as f64;
    let edges = lexed
        .code
        .iter()
        .filter(|token| token.kind == TokenKind::Str && token.closed)
        .map(|token| edge(lexed.text(token)))
        .sum::<f64>();
    let formats = -2.5 * formats_off(&lexed) as f64;
    looks + edges + formats
        - 3.0 * unknown
        - 8.0 * open
        - 3.0 * depth("(", ")")
        - 3.0 * depth("[", "]")
        - 2.0 * braces
        - 4.0 * odd
        - 2.0 * empty
}

/// Strings seldom end in a separator of the code around them, or hold an operator that joins
/// strings.
fn edge(text: &str) -> f64 {
    let inner = text.trim_matches(['"', '\'']);
    let unopened = inner.ends_with('}') && !inner.contains('{');
    let end = if inner.ends_with([')', ';', ',']) || unopened { -1.5 } else { 0.0 };
    // A blank before a comma belongs to no sentence.
    let comma = if inner.contains(" ,") { -2.0 } else { 0.0 };
    let joins = if [" + ", " << ", " & ", " ++ "].iter().any(|mark| inner.contains(mark)) {
        -7.0
    } else {
        0.0
    };
    let loose = if inner.starts_with("  ") || inner.ends_with("  ") { -0.7 } else { 0.0 };
    // `fare.zone` is a member rather than a part of a sentence.
    let bytes = inner.as_bytes();
    let member = (1..bytes.len().saturating_sub(1)).any(|at| {
        bytes[at] == b'.'
            && bytes[at - 1].is_ascii_alphabetic()
            && bytes[at + 1].is_ascii_alphabetic()
    });
    end + joins + loose + comma + if member { -1.5 } else { 0.0 }
}

/// By how many the marks of the line's formats and the values after them differ.
fn formats_off(lexed: &Lexed) -> usize {
    let mut off = 0;
    for index in 1..lexed.code.len() {
        let text = lexed.word(index);
        let braced = lexed.language.braces_in_formats;
        let first = lexed.is(index - 1, "(") && lexed.kind(index) == Some(TokenKind::Str);
        let call = lexed.word(index.wrapping_sub(2));
        let formats = if braced {
            call == lexed.language.macro_mark
        } else {
            {
                let low = call.to_lowercase();
                low.ends_with("printf") || low.starts_with("format") || low.starts_with("printto")
            }
        };
        if !first || !formats {
            continue;
        }
        let marks = if braced { braces(text).len() } else { percents(text).len() };
        let (mut depth, mut values) = (0i32, 0);
        for at in index + 1..lexed.code.len() {
            match lexed.word(at) {
                "(" | "[" | "{" => depth += 1,
                ")" | "]" | "}" => depth -= 1,
                "," if depth == 0 => values += 1,
                _ => {}
            }
            if depth < 0 {
                break;
            }
        }
        off += marks.abs_diff(values);
    }
    off
}

fn unknown_name(case: &Case, lexed: &Lexed, index: usize) -> bool {
    if lexed.kind(index) != Some(TokenKind::Name) {
        return false;
    }
    let word = lexed.word(index);
    let declared = case.text.names.of(word).next().is_some();
    let often = case.text.names.seen.get(word).is_some_and(|seen| seen.len() > 1);
    !declared && !often && !case.language().known_names().any(|(name, _)| name == word)
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_value_within_a_text_ends_before_its_quote() {
        check_among(
            &FAMILY,
            "typescript",
            "const paid = 3;\nconsole.log(<|>`paid ${paid.toFixed(2)`);\nconsole.log(paid);\n",
            "Unterminated template literal.",
            "const paid = 3;\nconsole.log(`paid ${paid.toFixed(2)}`);\nconsole.log(paid);\n",
        );
    }

    #[test]
    fn a_type_is_no_text() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "interface Item { name: string }\nfunction parse(line: string): Item <|>or null {\n  return null;\n}\n",
            "'{' or ';' expected.",
        );
    }

    #[test]
    fn single_quotes_around_a_text_are_told_from_names() {
        check_among(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = print (foldl' note <|>'Low tide' all')\n",
            "Syntax error on 'Low",
            "main :: IO ()\nmain = print (foldl' note \"Low tide\" all')\n",
        );
    }

    #[test]
    fn a_text_ends_with_the_quote_that_it_began_with() {
        check_among(
            &FAMILY,
            "typescript",
            "const all = [\"low\"];\nconsole.log(all.join(<|>', \"));\n",
            "Unterminated string literal.",
            "const all = [\"low\"];\nconsole.log(all.join(', '));\n",
        );
    }

    #[test]
    fn a_text_that_lost_its_end_ends_before_the_bracket() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        call(<|>\"Tide);\n    }\n}\n",
            "unclosed string literal",
            "class Quay {\n    void go() {\n        call(\"Tide\");\n    }\n}\n",
        );
    }

    #[test]
    fn a_text_that_lost_its_start_starts_behind_the_bracket() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        call(High tide<|>\");\n    }\n}\n",
            "unclosed string literal",
            "class Quay {\n    void go() {\n        call(\"High tide\");\n    }\n}\n",
        );
    }

    #[test]
    fn a_text_between_single_quotes_gets_double_ones() {
        check_among(
            &FAMILY,
            "c",
            "int main(void) {\n    puts(<|>'East');\n    return 0;\n}\n",
            "character constant too long for its type",
            "int main(void) {\n    puts(\"East\");\n    return 0;\n}\n",
        );
    }

    #[test]
    fn pascal_writes_single_quotes() {
        check_among(
            &FAMILY,
            "pascal",
            "program quay;\nbegin\n  writeln(<|>\"East\");\nend.\n",
            "Illegal character \"'\"",
            "program quay;\nbegin\n  writeln('East');\nend.\n",
        );
    }

    #[test]
    fn a_comment_that_lost_its_end_ends_before_code() {
        check_fix(
            &FAMILY,
            "c",
            "int low = 1;\n<|>/* Berths.\nint seats = 4;\n",
            "unterminated comment",
            "int low = 1;\n/* Berths. */\nint seats = 4;\n",
        );
    }

    #[test]
    fn a_remark_without_its_mark_gets_one() {
        check_among(
            &FAMILY,
            "c",
            "int main(void) {\n    int tide = 3;\n    the <|>tide comes twice\n    return tide;\n}\n",
            "unknown type name 'the'",
            "int main(void) {\n    int tide = 3;\n    // the tide comes twice\n    return tide;\n}\n",
        );
    }

    #[test]
    fn closed_texts_and_known_names_are_left_alone() {
        check_no_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int tide = 3\n    <|>return tide;\n}\n",
            "expected ',' or ';' before 'return'",
        );
    }
}
