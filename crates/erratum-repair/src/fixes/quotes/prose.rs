//! Text without quotes: words where code should be.

use super::{READS_LIKE_CODE, rank, reading, token_cost, unknown_name};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::names::NameKind;
use erratum_syntax::spelling::edit_distance;

/// The best of all stretches that may be a text.
const BEST_TEXT: Factor = weight("the best stretch for a text", 1.0);
/// Each pair of words side by side.
const WORD_RUNS: Factor = weight("words side by side", 1.6);
/// Each word that no declaration knows.
const UNKNOWN_WORDS: Factor = weight("unknown words", 0.6);
/// Each line between the remark and the reported place.
const LINE_AWAY: Factor = weight("lines from the reported one", -1.5);
/// A line that ends as code does is hardly a remark.
const ENDS_LIKE_CODE: Factor = weight("the line ends as code does", -5.0);
/// A line that starts with what is nearly a keyword was to be code.
const STARTS_LIKE_CODE: Factor = weight("the line starts with nearly a keyword", -7.0);
/// One word is rather a name.
const SINGLE_WORD: Factor = weight("it is one word", -3.0);
/// It is rather misspelt.
const NEARLY_DECLARED: Factor = weight("it is nearly the name of a value", -9.0);
/// Strings stand in the like places around.
const SIBLING: Factor = weight("strings stand in the like places around", 6.5);
/// The same word is a text at another place.
const KNOWN_TEXT: Factor = weight("the same word stands in quotes elsewhere", 7.0);
/// Each line between the text and the reported place.
const QUOTED_AWAY: Factor = weight("lines from the reported one", -1.0);

/// Lines of plain words outside of comments, and words in a call that lost their quotes.
pub(super) fn prose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let near = lexed.code[case.token].line;
    for line in near.saturating_sub(3)..=near + 1 {
        let range = lexed.on_line(line);
        if range.is_empty() {
            continue;
        }
        let far = f64::from(near.abs_diff(line));
        let words = |range: std::ops::Range<usize>| {
            range
                .clone()
                .filter(|at| is_word(lexed, *at) && *at + 1 < range.end && is_word(lexed, *at + 1))
                .count()
        };
        let runs = words(range.clone());
        let unknown = range.clone().filter(|at| unknown_name(case, lexed, *at)).count();
        let code_end = matches!(lexed.word(range.end - 1), ";" | "{" | "}");
        let remark = runs >= 1 && unknown >= 2 && !has_code_marks(lexed, range.clone());
        if remark {
            // A line that starts with what is nearly a keyword was to be code.
            let first = lexed.word(range.start);
            let keywords = case.language().keywords.iter().chain(case.language().types);
            let nearly = first.len() > 3
                && keywords
                    .into_iter()
                    .any(|word| *word != first && edit_distance(first, word) <= 1.5);
            let code = ENDS_LIKE_CODE.when(code_end) + STARTS_LIKE_CODE.when(nearly);
            let score =
                WORD_RUNS * runs as f64 + UNKNOWN_WORDS * unknown as f64 + LINE_AWAY * far + code;
            let at = lexed.code[range.start].start;
            let mark = case.language().line_comments.first().copied().unwrap_or("//");
            let edit = case.insert(at, format!("{mark} "));
            let candidate = Candidate::new(
                MistakeId::TextAsCode,
                score.at_most(9.0, "no remark is surer"),
                vec![edit],
            );
            all.push(if code_end || nearly { candidate.guess() } else { candidate });
        }
        if unknown >= 1 {
            quoted(case, line, far, all);
        }
    }
}

/// Whether a line has the marks of code: to make a remark of it would only silence the compiler.
fn has_code_marks(lexed: &Lexed, mut line: std::ops::Range<usize>) -> bool {
    let first = line.start;
    line.any(|at| {
        matches!(lexed.word(at), "(" | "=" | "{" | "[" | ";" | "<<" | "=>" | "::" | "->")
            || at == first && lexed.kind(at) == Some(TokenKind::Keyword)
            || lexed.kind(at) == Some(TokenKind::Str)
    })
}

/// Whether a word is put together as only names are.
fn is_coined(word: &str) -> bool {
    let small = word.find(char::is_lowercase);
    let humps = small.is_some_and(|at| word[at..].contains(char::is_uppercase));
    humps || word.contains('_') || word.contains(|letter: char| letter.is_ascii_digit())
}

/// Whether a question to a list starts here, as C# writes it: `from pan in pans where …`.
fn asks(lexed: &Lexed, start: usize) -> bool {
    lexed.is(start, "from") && lexed.is(start + 2, "in")
}

fn is_word(lexed: &Lexed, index: usize) -> bool {
    matches!(lexed.kind(index), Some(TokenKind::Name | TokenKind::Keyword))
}

/// Every stretch of a line between marks that a string could fill.
fn quoted(case: &Case, line: u32, far: f64, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let range = lexed.on_line(line);
    let (line_start, line_end) = (lexed.source.line_start(line), lexed.source.line_end(line));
    // Haskell: a value stands behind the function without a mark between them.
    let bare = case.language().applies_bare;
    let applied = |at: usize| {
        bare && (matches!(lexed.kind(at - 1), Some(TokenKind::Name | TokenKind::Str))
            || matches!(lexed.word(at - 1), "->" | "++"))
    };
    let starts: Vec<usize> = range
        .clone()
        // A statement that starts a line is code.
        .filter(|at| *at > 0 && (opens_value(lexed.word(at - 1)) || applied(*at)))
        .filter(|at| !(lexed.code[*at].first && lexed.is(at - 1, "{") && lexed.opens_block(at - 1)))
        .take(16)
        .collect();
    let mark = case.language().quote();
    let cost = token_cost(case);
    let plain = reading(case, &lexed.source.line_text(line), line, cost);
    let mut ranked = Vec::new();
    for &start in &starts {
        for end in start..range.end.min(start + 24) {
            let next = lexed.word(end + 1);
            let closes = closes_value(next)
                || end + 1 == range.end
                || (bare
                    && (next == "["
                        || next == "++"
                        || next.starts_with(|c: char| c.is_ascii_digit())));
            let unknown = (start..=end).filter(|at| unknown_name(case, lexed, *at)).count();
            // `seatsLeft` and `seats_left` are names, not words.
            let coined = start == end && is_coined(lexed.word(start));
            if !closes
                || unknown == 0
                || coined
                || asks(lexed, start)
                || !reads_like_text(lexed, start, end)
                || is_code(case, start, end)
            {
                continue;
            }
            let (from, to) = (lexed.code[start].start, lexed.code[end].end);
            // More than one blank beside an operator: all but one of them belonged to the text.
            let next = lexed.code.get(end + 1).filter(|next| !next.first);
            let to = next.map_or(to, |next| to.max(next.start.saturating_sub(1)));
            let before = start.checked_sub(1).map(|at| lexed.code[at].end + 1);
            let from = before.filter(|_| !lexed.code[start].first).map_or(from, |at| from.min(at));
            let text = [
                lexed.source.slice(line_start, from).as_ref(),
                mark,
                lexed.source.slice(from, to).as_ref(),
                mark,
                lexed.source.slice(to, line_end).as_ref(),
            ]
            .concat();
            let single = SINGLE_WORD.when(start == end);
            let sibling = SIBLING.when(is_text_place(case, start, end));
            let mut unknown = (start..=end).filter(|at| unknown_name(case, lexed, *at));
            let misspelt = unknown.all(|at| is_nearly_declared(case, at));
            let known = start == end && is_text_elsewhere(lexed, lexed.word(start));
            let single = single + NEARLY_DECLARED.when(misspelt) + KNOWN_TEXT.when(known);
            let gain = reading(case, &text, line, cost) - plain;
            let score = READS_LIKE_CODE * gain + QUOTED_AWAY * far + single + sibling;
            let edits = vec![case.insert(from, mark), case.insert(to, mark)];
            ranked.push(Candidate::new(MistakeId::TextAsString, score, edits));
        }
    }
    let Some(best) = ranked.iter().map(|candidate| candidate.score.total()).max_by(f64::total_cmp)
    else {
        return;
    };
    rank(ranked, BEST_TEXT * (best - 2.0).min(6.0), all);
}

/// Whether a word by itself is one of the texts of the program.
fn is_text_elsewhere(lexed: &Lexed, word: &str) -> bool {
    let texts = lexed.code.iter().filter(|token| token.kind == TokenKind::Str);
    texts.into_iter().any(|token| lexed.text(token).trim_matches(['"', '\'', '`']) == word)
}

/// Whether a word is nearly the name of a value that is known there.
fn is_nearly_declared(case: &Case, at: usize) -> bool {
    let word = case.lexed().word(at);
    let mut values = case.text.names.declared.iter().filter(|one| {
        let (from, to) = one.scope;
        one.kind == NameKind::Value && (from..=to).contains(&at)
    });
    let near = |one: &str| !one.eq_ignore_ascii_case(word) && edit_distance(one, word) <= 1.5;
    word.len() > 3 && values.any(|one| near(case.lexed().word(one.token)))
}

fn opens_value(word: &str) -> bool {
    matches!(
        word,
        "(" | ","
            | "="
            | "+"
            | "<<"
            | "return"
            | "=="
            | "!="
            | "["
            | "{"
            | "?"
            | ":"
            | "=>"
            | "case"
    )
}

fn closes_value(word: &str) -> bool {
    matches!(word, ")" | "," | ";" | "+" | "<<" | "." | "]" | "}" | ":" | "{" | "=>" | "?")
}

/// Whether tokens can have been meant as a text: words and the marks of sentences and formats, but
/// no calls, paths, blocks or strings.
fn reads_like_text(lexed: &Lexed, start: usize, end: usize) -> bool {
    let mut depth = 0i32;
    for at in start..=end {
        match lexed.word(at) {
            "(" | "[" | "{" => depth += 1,
            ")" | "]" | "}" => depth -= 1,
            "::" | "->" | "=>" | ";" | "==" | "!=" | "<=" | ">=" | "&&" | "||" | "=" | "&"
            | "<<" | "+=" | "?." | "!." | "++" | "--" | "if" | "return" | "let" => return false,
            // `a.b` is a member, `a. b` the end of a sentence.
            "." if lexed.code.get(at + 1).is_some_and(|next| next.start == lexed.code[at].end) => {
                return false;
            }
            _ if lexed.code[at].kind == TokenKind::Str => return false,
            _ => {}
        }
        if depth < 0 {
            return false;
        }
    }
    // `f(x)` is a call; an empty pair of brackets is the mark of a format.
    let call = (start + 1..=end).any(|at| {
        matches!(lexed.word(at), "(" | "[")
            && lexed.code[at].start == lexed.code[at - 1].end
            && lexed.kind(at - 1) == Some(TokenKind::Name)
    });
    depth == 0 && !call
}

/// Whether tokens that read like a text are code all the same: a type stands among them, or they start
/// with a mark that parts values.
fn is_code(case: &Case, start: usize, end: usize) -> bool {
    let (lexed, language) = (case.lexed(), case.language());
    let typed = |at: usize| {
        let word = lexed.word(at);
        let mut declared = case.text.names.of(word);
        let own = lexed.kind(at) == Some(TokenKind::Name)
            && declared.any(|declared| declared.kind == NameKind::Type);
        own || (language.is_type(word) && lexed.kind(at) == Some(TokenKind::Keyword))
    };
    // What gets a value elsewhere is a name, even if nothing declares it.
    let assigned = |at: usize| {
        let seen = case.text.names.seen.get(lexed.word(at)).map_or(&[][..], Vec::as_slice);
        seen.iter().any(|seen| {
            matches!(lexed.word(seen + 1), "=" | ":=" | "+=" | "-=" | "*=" | "/=" | "++" | "--")
        })
    };
    // Two values of the program are computed with by the mark between them.
    let value = |at: usize| {
        let mut declared = case.text.names.of(lexed.word(at));
        declared.any(|one| matches!(one.kind, NameKind::Value | NameKind::Member))
    };
    let operates = (start + 1..end)
        .any(|at| lexed.kind(at) == Some(TokenKind::Op) && value(at - 1) && value(at + 1));
    if operates {
        return true;
    }
    // `3, Middle` in a call are two of its values: in a text with a comma, words stand side by side.
    let comma = (start..=end).any(|at| lexed.is(at, ","));
    let words = (start..end).any(|at| is_word(lexed, at) && is_word(lexed, at + 1));
    if comma && !words {
        return true;
    }
    // What is chosen among is of one kind: beside names stands no text.
    if start > 0 && lexed.is(start - 1, "case") && !is_text_place(case, start, end) {
        return true;
    }
    // A letter by itself is a name, or was to be a number.
    let letter = start == end && lexed.word(start).chars().count() == 1;
    // No text is a condition.
    let condition = start > 1
        && lexed.is(start - 1, "(")
        && matches!(lexed.word(start - 2), "if" | "while" | "until" | "switch" | "for")
        && lexed.is(end + 1, ")");
    // A value of the program beside a number, or beside what stands for nothing, is computed with.
    let computed = end - start < 4
        && (start..=end).any(|at| {
            lexed.kind(at) == Some(TokenKind::Number)
                || matches!(lexed.word(at), "null" | "nullptr" | "nil" | "true" | "false")
        })
        && (start..=end).any(|at| {
            let declared = case.text.names.resolve(lexed, at);
            declared.is_some_and(|d| matches!(d.kind, NameKind::Value | NameKind::Member))
        });
    // What stands in a part that is switched off is a name.
    let off = (start..=end).any(|at| case.blanked.contains(lexed.word(at)));
    condition
        || off
        || computed
        || lexed.is(start, ",")
        || letter
        || (start..=end).any(typed)
        || (start == end && assigned(start))
}

/// Whether what stands in the like place elsewhere is a string: the other elements of the list, the
/// other branch of a choice, the same field or argument on other lines.
fn is_text_place(case: &Case, start: usize, end: usize) -> bool {
    let lexed = case.lexed();
    let is_text = |at: usize| lexed.kind(at) == Some(TokenKind::Str);
    let (before, after) = (lexed.word(start.wrapping_sub(1)), lexed.word(end + 1));
    let list = (before == "," && start > 1 && is_text(start - 2))
        || (after == "," && is_text(end + 2))
        || (matches!(before, ":" | "?") && start > 1 && is_text(start - 2))
        || (after == ":" && before == "?" && is_text(end + 2))
        || (before == "+" && start > 1 && is_text(start - 2))
        || (matches!(before, "==" | "=" | "<<") && matches!(after, "+" | "<<") && is_text(end + 2));
    // The two tokens before it, elsewhere followed by a string.
    let habit = start > 1
        && (2..lexed.code.len()).any(|at| {
            at != start
                && is_text(at)
                && lexed.word(at - 1) == before
                && lexed.word(at - 2) == lexed.word(start - 2)
                && matches!(lexed.kind(at - 2), Some(TokenKind::Name | TokenKind::Keyword))
        });
    list || habit
}
