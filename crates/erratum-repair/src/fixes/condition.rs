//! A condition without the brackets that the language wants around it, or without the second of
//! them: `if tide > 2 {`, `if (tide > 2 stop();`.

use super::family::{Example, Family, Phases};
use super::shape::operand_end;
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::pairs::Odd;

/// A condition stands there without brackets.
const BARE: Factor = evidence("the condition has no brackets", 5.0);

/// How many lines above the reported one a condition is surely the one that is open.
const REACH: u32 = 3;

/// How many lines above the reported one a header may stand that is still open there.
const FAR: u32 = 8;

pub(super) static FAMILY: Family = Family {
    id: "condition",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "const tide = 3;\nif <|>tide > 2 {\n  console.log(\"deep\");\n}\n",
        message: "'(' expected.",
        after: "const tide = 3;\nif (tide > 2) {\n  console.log(\"deep\");\n}\n",
    },
};

/// Two values meet in the bracket with nothing between them: there the condition ends.
const ENDS_THERE: Factor = evidence("the condition ends before a statement", 6.5);

/// The header of a loop has two marks.
const THREE_MARKS: Factor = evidence("the header of a loop has two marks", 7.0);

/// The header of a loop has three parts.
const THREE_PARTS: Factor = evidence("the header of a loop has three parts", 7.0);

/// The block of a condition ends before its `else`.
const BLOCK_ENDS: Factor = evidence("the block of a condition ends before its `else`", 9.0);
/// A condition stands behind `else`.
const OTHER_CONDITION: Factor = evidence("a condition stands behind `else`", 7.0);

/// The last branch needs none.
const LAST_BRANCH: Factor = evidence("no condition stands behind `else if`", 6.5);

/// Words that a condition in brackets follows.
const WORDS: &[&str] = &["if", "while", "switch", "for", "foreach"];

/// A word that other languages have between a condition and its block.
const ELSEWHERE: Factor = evidence("no word stands between a condition and its block", 6.5);

/// Two blocks of a condition with nothing between them.
const OTHER_BLOCK: Factor = evidence("two blocks stand behind one condition", 6.0);

/// Each line between the word and the reported place.
const PER_LINE: Factor = weight("lines from the reported place", -0.5);

/// How many lines above the reported one such a word is looked for.
const WORD_REACH: u32 = 2;

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // A word of another language may read as a name.
    word_of_elsewhere(case, all);
    if case.phase > Phase::Syntax {
        return;
    }
    lost_else(case, all);
    lost_if(case, all);
    no_condition(case, all);
    lost_brace(case, lexed.on_line(lexed.code[case.token].line).start, all);
    // A compiler that counts brackets to the end tells only that one is open.
    for odd in case.odd().take(4).filter(|odd| odd.odd == Odd::Unclosed) {
        let inside = |at: &usize| case.text.pairs.block_of(lexed, *at) == Some(odd.token);
        let mut words = (odd.token..lexed.code.len()).filter(|at| lexed.is(*at, "else"));
        // By its lines, the block behind the word may be the one that stays open.
        let own = odd.token.checked_sub(1).filter(|at| lexed.is(*at, "else"));
        if let Some(word) = words.find(inside).or(own) {
            lost_brace(case, word, all);
        }
    }
    if case.language().is_keyword("for") && case.language().terminator == ";" {
        commas(case, all);
    }
    if !case.language().bracketed_conditions {
        return;
    }
    lost_end(case, all);
    third_mark(case, all);
    // The word stands on the reported line or, where a line was read on, on the one before.
    let line = lexed.code[case.token].line;
    let near = (0..=case.token).rev().take_while(|at| lexed.code[*at].line + 1 >= line);
    let word = near.into_iter().find(|at| WORDS.contains(&lexed.word(*at)));
    let Some(word) = word.filter(|word| !lexed.is(word + 1, "(")) else { return };
    let Some(end) = bare_end(case, word) else { return };
    let open = case.insert(lexed.code[word + 1].start, "(");
    // A word of another language between the condition and its statement gives way to the bracket.
    let close = match lexed.word(end) {
        "then" | "do" => {
            let (from, to) = (lexed.code[end - 1].end, lexed.code[end].end);
            Edit::replace(case.file(), from, to, ")")
        }
        _ => case.insert(lexed.code[end - 1].end, ")"),
    };
    let mut edits = vec![open, close];
    // A bracket that closes what was never opened is the one that is there.
    let closes = lexed.is(end - 1, ")") && case.text.pairs.partner_of(end - 1).is_none();
    if closes {
        edits.truncate(1);
    }
    all.push(Candidate::new(MistakeId::BareCondition, BARE, edits));
}

/// The token behind a condition without brackets: what opens its block, a word that other languages have
/// there, the statement that follows it on its line, or what stands on the line below.
fn bare_end(case: &Case, word: usize) -> Option<usize> {
    let lexed = case.lexed();
    let own = lexed.code[word].line;
    let mut at = word + 1;
    while let Some(token) = lexed.code.get(at) {
        let ends = lexed.opens_block(at)
            || token.line != own
            || matches!(lexed.word(at), "then" | "do")
            || starts_statement(case, at);
        if ends || lexed.is(at, ":") {
            break;
        }
        // A statement that is a part of the condition: where that ends, nobody can tell.
        if matches!(lexed.word(at), "=" | "+=" | "-=" | ";") {
            return None;
        }
        at = case.text.pairs.partner_of(at).filter(|close| *close > at).unwrap_or(at) + 1;
    }
    (at > word + 1 && at < lexed.code.len() && !lexed.is(at, ":")).then_some(at)
}

/// Whether two values meet before this token, and a statement starts with it.
fn starts_statement(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let value = matches!(
        lexed.kind(at - 1),
        Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Close)
    );
    let leaves = matches!(lexed.word(at), "return" | "break" | "continue" | "throw");
    let assigns = lexed.kind(at) == Some(TokenKind::Name)
        && operand_end(case, at)
            .is_some_and(|end| matches!(lexed.word(end + 1), "=" | "+=" | "-="));
    value && (leaves || assigns)
}

/// `} {`: the word between the two blocks of a condition is lost.
fn lost_else(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for at in lexed.on_line(lexed.code[case.token].line).skip(1) {
        let (close, open) = (at - 1, at);
        if !lexed.is(close, "}") || !lexed.is(open, "{") {
            continue;
        }
        let before = case.text.pairs.partner_of(close);
        let header = before.map(|before| lexed.on_line(lexed.code[before].line));
        if header.is_some_and(|mut header| header.any(|at| lexed.is(at, "if"))) {
            let edit = case.insert(lexed.code[open].start, "else ");
            all.push(Candidate::new(MistakeId::MissingWord, OTHER_BLOCK, vec![edit]));
        }
    }
}

/// `} else if {`: the last branch has no condition.
fn no_condition(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let reported = lexed.code[case.token].line;
    for number in reported.saturating_sub(1).max(1)..=reported {
        let mut line = lexed.on_line(number);
        let word = line
            .find(|at| lexed.is(*at, "if") && lexed.before(*at) == "else" && lexed.is(at + 1, "{"));
        if let Some(word) = word.or_else(|| before_a_call(case, number)) {
            let edit = case.delete_token(word);
            all.push(Candidate::new(MistakeId::ExtraWord, LAST_BRANCH, vec![edit]).guess());
        }
    }
}

/// `else if println("low")` with nothing behind it: a call that nobody asks for its value.
fn before_a_call(case: &Case, line: u32) -> Option<usize> {
    let lexed = case.lexed();
    let tokens = lexed.on_line(line);
    let word = tokens.clone().find(|at| lexed.is(*at, "if") && lexed.before(*at) == "else")?;
    let named = lexed.kind(word + 1) == Some(TokenKind::Name);
    let last = operand_end(case, word + 1).filter(|last| named && lexed.is(*last, ")"))?;
    let behind = last + 1 + usize::from(lexed.is(last + 1, ";"));
    let deeper = lexed
        .code
        .get(behind)
        .is_some_and(|next| lexed.source.indent(next.line) > lexed.source.indent(line));
    (behind >= tokens.end && !deeper).then_some(word)
}

/// `else {` within the block of the condition that it belongs to: that block is not closed.
fn lost_brace(case: &Case, word: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let source = &lexed.source;
    let first = lexed.code.get(word).filter(|token| token.first);
    let Some(line) = first.map(|token| token.line).filter(|_| lexed.is(word, "else")) else {
        return;
    };
    let Some(open) = case.text.pairs.block_of(lexed, word).filter(|open| lexed.is(*open, "{"))
    else {
        return;
    };
    let header = lexed.on_line(lexed.code[open].line);
    let asks = header.clone().any(|at| lexed.is(at, "if"));
    let column = |line: u32| source.indent(line).unwrap_or(0);
    // It stands with the header, not with what is in the block.
    let inside = lexed.code.get(open + 1).map_or(0, |first| column(first.line));
    let with_header =
        column(line).abs_diff(column(lexed.code[open].line)) <= 1 && column(line) < inside;
    let before = lexed.is(word.saturating_sub(1), "}") || lexed.code[open].line == line;
    if asks && with_header && !before {
        let edit = case.insert(lexed.code[word].start, "} ");
        all.push(Candidate::new(MistakeId::MissingBracket, BLOCK_ENDS, vec![edit]));
    }
}

/// `else tide > 3`: between `else` and a condition stands the word that asks. The message may be about
/// the line below.
fn lost_if(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let reported = lexed.code[case.token].line;
    for number in reported.saturating_sub(1).max(1)..=reported {
        let line = lexed.on_line(number);
        let Some(word) = line.clone().find(|at| lexed.is(*at, "else")) else { continue };
        let block = lexed.is(line.end - 1, "{");
        let condition = word + 1..line.end - usize::from(block);
        let compares = condition.clone().any(|at| {
            let mark = matches!(lexed.word(at), "<" | ">" | "<=" | ">=" | "!=" | "==" | "===");
            mark && case
                .text
                .pairs
                .inside_of(at)
                .is_none_or(|open| open <= word || open == word + 1)
        });
        let other = |at: usize| matches!(lexed.word(at), "if" | "return" | ";" | "=" | "{" | "?");
        if !compares || condition.clone().any(other) {
            continue;
        }
        let (first, last) = (condition.start, condition.end - 1);
        let enclosed = lexed.is(first, "(") && case.text.pairs.partner_of(first) == Some(last);
        let edits = if enclosed || !case.language().bracketed_conditions {
            vec![case.insert(lexed.code[first].start, "if ")]
        } else {
            vec![
                case.insert(lexed.code[first].start, "if ("),
                case.insert(lexed.code[last].end, ")"),
            ]
        };
        let candidate = Candidate::new(MistakeId::MissingWord, OTHER_CONDITION, edits);
        // Of the last branch, the condition may be what is too much.
        let end = match lexed.opens_block(condition.end) {
            true => case.text.pairs.partner_of(condition.end),
            false => Some(case.statement_end(condition.end)),
        };
        let goes_on = end.is_some_and(|end| lexed.is(end + 1, "else"));
        all.push(if goes_on { candidate } else { candidate.guess() });
    }
}

/// Words that a condition stands behind.
const HEADERS: &[&str] = &["if", "elif", "elsif", "elseif", "while", "for", "foreach", "switch"];

/// `while (tide < 3) do {`: a word of other languages between a condition and its block.
fn word_of_elsewhere(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let reported = lexed.code[case.token].line;
    let first = lexed.on_line(reported.saturating_sub(WORD_REACH).max(1)).start;
    let last = lexed.on_line(reported).end;
    for at in first..last {
        if !matches!(lexed.word(at), "then" | "do") || case.language().is_keyword("then") {
            continue;
        }
        let line = lexed.on_line(lexed.code[at].line);
        let header = line.clone().find(|at| HEADERS.contains(&lexed.word(*at)));
        let behind = header.is_some_and(|header| header + 1 < at)
            && !case.language().ends_block("do")
            && (lexed.before(at) == ")" || lexed.opens_block(at + 1) && lexed.is(at + 1, "{"));
        if !behind {
            continue;
        }
        let looped = may_loop(case, at);
        let edit = case.delete_token(at);
        let far = PER_LINE * f64::from(reported - lexed.code[at].line);
        let mistake = if looped { MistakeId::ExtraWord } else { MistakeId::ForeignWord };
        let candidate = Candidate::new(mistake, ELSEWHERE + far, vec![edit]);
        all.push(if looped { candidate } else { candidate.guess() });
    }
}

/// Whether a loop of its own may start at a `do` behind a condition: what ends it stands there, or is lost perhaps.
pub(super) fn may_loop(case: &Case, word: usize) -> bool {
    let lexed = case.lexed();
    let end = match lexed.is(word + 1, "{") {
        true => case.text.pairs.partner_of(word + 1).filter(|end| *end > word),
        false => Some(case.statement_end(word + 1)),
    };
    lexed.is(word, "do")
        && case.language().is_keyword("do")
        && end.is_none_or(|end| lexed.is(end + 1, "while"))
}

/// `for (i = 0; i < 3; i++;)`: the header of a loop has two marks.
fn third_mark(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let end = lexed.language.terminator;
    let line = lexed.on_line(lexed.code[case.token].line);
    for open in line.clone().filter(|at| lexed.is(*at, "(") && lexed.before(*at) == "for") {
        // The third mark makes the bracket odd, so its end is counted out.
        let mut depth = 0;
        let mut marks = Vec::new();
        for at in open..line.end {
            match lexed.kind(at) {
                Some(TokenKind::Open) => depth += 1,
                Some(TokenKind::Close) => depth -= 1,
                _ if depth == 1 && lexed.is(at, end) => marks.push(at),
                _ => {}
            }
            if depth == 0 {
                if let [_, _, third] = marks[..]
                    && third + 1 == at
                {
                    let edit = case.delete_token(third);
                    all.push(Candidate::new(MistakeId::ExtraMark, THREE_MARKS, vec![edit]));
                }
                break;
            }
        }
    }
}

/// `for (i = 0, i < 3, i++)`: what parts the header of a loop are no commas.
fn commas(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let end = lexed.language.terminator;
    let line = lexed.on_line(lexed.code[case.token].line);
    for word in line.clone().filter(|at| lexed.is(*at, "for")) {
        let open = (word + 1 < line.end && lexed.is(word + 1, "(")).then_some(word + 1);
        let close = match open {
            Some(open) => case.text.pairs.partner_of(open),
            None => (word..line.end).find(|at| lexed.opens_block(*at)),
        };
        let (first, last) = (open.unwrap_or(word) + 1, close.unwrap_or(line.end).min(line.end));
        let own = |at: &usize| case.text.pairs.inside_of(*at) == open || open.is_none();
        let marks: Vec<usize> = (first..last)
            .filter(own)
            .filter(|at| lexed.is(*at, end) || lexed.is(*at, ","))
            .collect();
        let compares = |from: usize, to: usize| {
            let mut own = (from..to).filter(own);
            own.any(|at| matches!(lexed.word(at), "<" | ">" | "<=" | ">=" | "!=" | "==" | "!=="))
        };
        // The part that compares is the second one; what parts it from its neighbours are the marks.
        let ends = marks.iter().copied().chain([last]);
        let starts = [first].into_iter().chain(marks.iter().map(|mark| mark + 1));
        let mut conditions = starts.zip(ends).filter(|(from, to)| compares(*from, *to));
        let (Some((from, to)), None) = (conditions.next(), conditions.next()) else { continue };
        if from == first || to == last {
            continue;
        }
        let wrong = [from - 1, to].into_iter().filter(|at| lexed.is(*at, ","));
        let edits: Vec<_> = wrong.map(|at| case.replace_token(at, end)).collect();
        let kept = marks.iter().filter(|at| lexed.is(**at, end)).count();
        if !edits.is_empty() && kept + edits.len() == 2 {
            all.push(Candidate::new(MistakeId::WrongMark, THREE_PARTS, edits));
        }
    }
}

/// `if (tide > 2 stop();`: the second bracket stands before what is no part of the condition.
fn lost_end(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.code[case.token].line;
    // What a header leaves open shows where the next statement starts with a word of its own.
    let near = (0..=case.token).rev().take_while(|at| lexed.code[*at].line + FAR >= line);
    let conditions = near.filter(|at| {
        matches!(lexed.word(*at), "if" | "while" | "for")
            && lexed.is(at + 1, "(")
            && case.text.pairs.partner_of(at + 1).is_none()
    });
    for open in conditions.map(|at| at + 1) {
        let own = lexed.on_line(lexed.code[open].line);
        // The statement may stand on the line below.
        let below = lexed.code.get(own.end).is_some_and(|next| next.first);
        let mut named = !lexed.is(open - 1, "for");
        let mut depth = 0;
        let end = (open + 2..own.end + usize::from(below)).find(|at| {
            // In the header of a loop, the name comes first.
            named |= matches!(lexed.word(at - 1), "<-" | ":" | "in" | "of");
            let before = lexed.kind(at - 1);
            depth += i32::from(before == Some(TokenKind::Open))
                - i32::from(before == Some(TokenKind::Close));
            let value = matches!(
                before,
                Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Close)
            );
            // `0 to limit`: a word between two values is no statement of Scala.
            let infix = case.language().returns_unsaid
                && !lexed.code[*at].first
                && !matches!(lexed.word(at + 1), "(" | "." | "=" | "+=" | "-=");
            let statement = lexed.kind(*at) == Some(TokenKind::Name) && !infix
                || matches!(lexed.word(*at), "return" | "break" | "continue" | "throw" | "this");
            depth == 0 && named && value && statement
        });
        if let Some(end) = end {
            let edit = case.insert(lexed.code[end - 1].end, ")");
            let candidate = Candidate::new(MistakeId::MissingBracket, ENDS_THERE, vec![edit]);
            // Where words stand between values, a statement on the same line may begin elsewhere.
            let apart = lexed.code.get(end).is_none_or(|next| next.first);
            // Far above the message, nothing was counted that says how often it is this one.
            let near = lexed.code[open].line + REACH >= line;
            let clear = near && (!case.language().returns_unsaid || apart);
            all.push(if clear { candidate } else { candidate.guess() });
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    #[test]
    fn a_call_is_no_condition() {
        check_among(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(n: Int): Unit = {\n    if (n > 3) println(\"deep\") else if <|>println(\"low\")\n    val x = 3\n  }\n}\n",
            "'(' expected but identifier found.",
            "object Quay {\n  def go(n: Int): Unit = {\n    if (n > 3) println(\"deep\") else println(\"low\")\n    val x = 3\n  }\n}\n",
        );
    }

    use super::FAMILY;

    #[test]
    fn a_last_branch_has_no_condition() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int tide) {\n        if (tide > 2) {\n            stop();\n        } else if <|>{\n            go(3);\n        }\n    }\n}\n",
            "'(' expected",
            "class Quay {\n    void go(int tide) {\n        if (tide > 2) {\n            stop();\n        } else {\n            go(3);\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn the_other_block_of_a_condition_has_its_word() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(n: Int): Boolean = {\n    if (n > 3) {\n      true\n    } <|>{\n      false\n    }\n  }\n}\n",
            "';' expected but '{' found.",
            "object Quay {\n  def go(n: Int): Boolean = {\n    if (n > 3) {\n      true\n    } else {\n      false\n    }\n  }\n}\n",
        );
    }

    #[test]
    fn no_word_stands_between_a_condition_and_its_block() {
        check_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let mut low = 3;\n    if low > 2 then {\n        low <|>= 2;\n    }\n    println!(\"{low}\");\n}\n",
            "expected `:`, found `=`",
            "fn main() {\n    let mut low = 3;\n    if low > 2 {\n        low = 2;\n    }\n    println!(\"{low}\");\n}\n",
        );
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def main(args: Array[String]): Unit = {\n    var i = 0\n    while (i < 3) <|>do {\n      i += 1\n    }\n  }\n}\n",
            "illegal start of simple expression",
            "object Quay {\n  def main(args: Array[String]): Unit = {\n    var i = 0\n    while (i < 3) {\n      i += 1\n    }\n  }\n}\n",
        );
    }

    #[test]
    fn a_condition_over_its_statement_gets_brackets() {
        check_fix(
            &FAMILY,
            "c",
            "int up(int tide) {\n    if <|>tide > 2\n        return 1;\n    return 0;\n}\n",
            "expected '(' before 'tide'",
            "int up(int tide) {\n    if (tide > 2)\n        return 1;\n    return 0;\n}\n",
        );
    }

    #[test]
    fn a_condition_ends_before_the_statement_below() {
        check_fix(
            &FAMILY,
            "c",
            "int up(int tide) {\n    if (tide > 2\n        <|>rise(tide);\n    return 0;\n}\n",
            "expected ')' before 'rise'",
            "int up(int tide) {\n    if (tide > 2)\n        rise(tide);\n    return 0;\n}\n",
        );
    }

    #[test]
    fn the_header_of_a_loop_ends_before_its_statement() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(tides: List[Int]): Unit = {\n    var all = 0\n    for (tide <- tides <|>all += tide\n  }\n}\n",
            "')' expected but identifier found.",
            "object Quay {\n  def go(tides: List[Int]): Unit = {\n    var all = 0\n    for (tide <- tides) all += tide\n  }\n}\n",
        );
    }

    #[test]
    fn the_header_of_a_loop_has_two_marks_whatever_else_is_odd() {
        check_fix(
            &FAMILY,
            "typescript",
            "for (let i = 0; i < 3; i++<|>;) {\n  go(i);\n}\nshow(3;\n",
            "')' expected.",
            "for (let i = 0; i < 3; i++) {\n  go(i);\n}\nshow(3;\n",
        );
    }

    #[test]
    fn a_block_ends_before_its_else() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int n) {\n        if (n > 3) {\n            up();\n         <|>else {\n            down();\n        }\n    }\n}\n",
            "illegal start of type",
            "class Quay {\n    void go(int n) {\n        if (n > 3) {\n            up();\n         } else {\n            down();\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn a_condition_behind_else_has_its_word() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    static string Go(int n) {\n        if (n > 3)\n            return \"long\";\n        else n > 1\n            <|>return \"short\";\n        return \"one\";\n    }\n}\n",
            "[CS1525] Unexpected symbol `return'",
            "class Quay {\n    static string Go(int n) {\n        if (n > 3)\n            return \"long\";\n        else if (n > 1)\n            return \"short\";\n        return \"one\";\n    }\n}\n",
        );
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go(int n) {\n        if (n > 3) {\n            return 3;\n        } else (n > 1) <|>{\n            return 2;\n        }\n        return 1;\n    }\n}\n",
            "';' expected",
            "class Quay {\n    int go(int n) {\n        if (n > 3) {\n            return 3;\n        } else if (n > 1) {\n            return 2;\n        }\n        return 1;\n    }\n}\n",
        );
    }

    #[test]
    fn no_commas_part_the_header_of_a_loop() {
        check_fix(
            &FAMILY,
            "cpp",
            "void up(int tide) {\n    for (int i = 0, i <|>< tide, i++) {\n        rise(i);\n    }\n}\n",
            "expected ';' before '<' token",
            "void up(int tide) {\n    for (int i = 0; i < tide; i++) {\n        rise(i);\n    }\n}\n",
        );
        check_fix(
            &FAMILY,
            "typescript",
            "for (let i = 0, n = up(3, 4), i <|>< n; i++) {\n  go(i);\n}\n",
            "',' expected.",
            "for (let i = 0, n = up(3, 4); i < n; i++) {\n  go(i);\n}\n",
        );
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc up(n int) {\n\tfor i := 0, i < n<|>, i++ {\n\t\trise(i)\n\t}\n}\n",
            "syntax error: expected for loop condition",
            "package quay\n\nfunc up(n int) {\n\tfor i := 0; i < n; i++ {\n\t\trise(i)\n\t}\n}\n",
        );
    }

    #[test]
    fn a_comma_in_a_part_of_the_header_stays() {
        check_no_fix(
            &FAMILY,
            "c",
            "void up(int tide) {\n    for (int i = 0, n = 3; i < tide; i++, n<|> 2)\n        rise(i);\n}\n",
            "expected ')' before numeric constant",
        );
    }

    #[test]
    fn the_header_of_a_loop_has_two_marks() {
        check_fix(
            &FAMILY,
            "c",
            "void up(int tide) {\n    for (int i = 0; i < tide; i++<|>;)\n        rise(i);\n}\n",
            "expected ')' before ';' token",
            "void up(int tide) {\n    for (int i = 0; i < tide; i++)\n        rise(i);\n}\n",
        );
    }

    #[test]
    fn a_bracket_that_closes_it_is_opened() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int tide) {\n        while <|>tide > 2) {\n            tide--;\n        }\n    }\n}\n",
            "'(' expected",
            "class Quay {\n    void go(int tide) {\n        while (tide > 2) {\n            tide--;\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn a_function_in_a_condition_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "if (tides.some((t) <|>=> t > 2) {\n  console.log(\"deep\");\n}\n",
            "')' expected.",
        );
    }

    #[test]
    fn a_bare_condition_ends_before_its_statement() {
        for (line, right) in [
            ("if f > 2 then best = f", "if (f > 2) best = f"),
            ("if f > 2 best = f", "if (f > 2) best = f"),
            ("if f.price(1) > 2 return f", "if (f.price(1) > 2) return f"),
            ("while f > 2 do f -= 1", "while (f > 2) f -= 1"),
        ] {
            let text = |line: &str| {
                format!("object Quay {{\n  def go(): Unit = {{\n    {line}\n  }}\n}}\n")
            };
            let word = line.split(' ').nth(1).unwrap();
            let wrong = line.replacen(word, &format!("<|>{word}"), 1);
            check_fix(
                &FAMILY,
                "scala",
                &text(&wrong),
                "'(' expected but identifier found.",
                &text(right),
            );
        }
    }

    #[test]
    fn a_bare_condition_with_a_statement_in_it_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(): Unit = {\n    if <|>f > 2 && best = f\n  }\n}\n",
            "'(' expected but identifier found.",
        );
    }

    #[test]
    fn a_condition_ends_before_its_statement() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def up(tide: Int): Unit = {\n    if (deep(tide) println(\"deep\")\n  <|>}\n}\n",
            "')' expected but '}' found.",
            "object Quay {\n  def up(tide: Int): Unit = {\n    if (deep(tide)) println(\"deep\")\n  }\n}\n",
        );
    }

    #[test]
    fn a_condition_ends_before_a_word_of_the_language() {
        check_fix(
            &FAMILY,
            "c",
            "int up(int tide) {\n    if (tide > 2 <|>return 1;\n    return 0;\n}\n",
            "expected ')' before 'return'",
            "int up(int tide) {\n    if (tide > 2) return 1;\n    return 0;\n}\n",
        );
    }

    #[test]
    fn a_condition_in_brackets_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int tide) {\n    if (<|>tide > 2 {\n        return 1;\n    }\n    return 0;\n}\n",
            "expected ')' before '{' token",
        );
    }

    #[test]
    fn where_conditions_stand_bare_nothing_is_missing() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc up(tide int) int {\n\tif <|>tide > 2 {\n\t\treturn 1\n\t}\n\treturn 0\n}\n",
            "syntax error: unexpected tide",
        );
    }

    #[test]
    fn a_word_without_a_condition_gets_none() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int tide) {\n    if <|>{\n        return 1;\n    }\n    return 0;\n}\n",
            "expected '(' before '{' token",
        );
    }

    #[test]
    fn a_condition_of_another_language_is_for_others() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int tide) {\n    if tide > 2<|>:\n        return 1;\n    return 0;\n}\n",
            "expected '(' before 'tide'",
        );
    }
}
