//! Haskell: layout, signatures, classes, and functions given their values without brackets.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case, weights as w};
use crate::score::{Factor, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;
use erratum_syntax::spelling::edit_distance;

/// Each line that is nearer and has another column.
const COLUMN_RANK: Factor = weight("a line further off has this column", -0.4);
/// The names behind `let` and its like stand in one column.
const OPENED_COLUMN: Factor = weight("the names of the block stand in this column", 0.5);
/// A line that is a little out of its column.
const SMALL_STEP: Factor = weight("it is a little out of its column", 1.5);
/// A line that stands where the one above it does is hardly the odd one.
const REGULAR: Factor = weight("it stands as the line above it does", -2.0);
/// A line in another column than those of its block.
const OUT_OF_LINE: Factor = weight("it is out of its column", 1.0);
/// The lines above and below agree in another column.
const AGREED: Factor = weight("the lines around it agree", 1.5);
/// Each line between a change and the reported line below it.
const LINE_ABOVE: Factor = weight("lines above the reported one", -0.7);
/// Each line between a change and the reported line above it.
const LINE_BELOW: Factor = weight("lines below the reported one", -0.15);
/// Each line between a lost word and the reported line.
const WORD_ABOVE: Factor = weight("lines above the reported one", -0.4);
/// A `case` with branches below, and no `of`.
const LOST_OF: Factor = weight("branches follow without their word", 7.0);
/// An `if` without its `then`.
const LOST_THEN: Factor = weight("a condition without its word", 4.0);
/// Lines that stand one below the other, and no `do`.
const LOST_DO: Factor = weight("steps follow without their word", 5.0);
/// A signature and its equations have nearly the same name.
const NEAR_EQUATION: Factor = weight("an equation is written under a near name", 5.0);
/// Each letter that differs.
const LETTERS: Factor = weight("letters that differ", -1.0);
/// Each use of a name, up to three: the rest of the file knows it.
const USED_SO: Factor = weight("uses of that name", 1.0);
/// A name with a signature of its own is another function.
const SIGNED: Factor = weight("the other name has a signature of its own", -1.5);
/// The other fields of a record start with the mark.
const FIELD_MARK: Factor = weight("the fields beside it start so", 8.0);
/// Each token between a change and the reported place.
const MARK_AWAY: Factor = weight("tokens from the reported place", -0.1);
/// Two values side by side, of which the first cannot be given anything.
const TWO_PLAIN_VALUES: Factor = weight("a plain value cannot be given another", 3.5);
/// Two values side by side at the start of a list.
const IN_A_LIST: Factor = weight("it stands in a list", 1.0);
/// Two values side by side in brackets.
const IN_BRACKETS: Factor = weight("it stands in brackets", -0.5);
/// Two types side by side, of which the first takes none.
const KIND_OF_TYPE: Factor = weight("a type cannot be given another", 3.0);
/// A function without a name that lacks its arrow.
const LAMBDA: Factor = weight("a function without its arrow", 3.5);
/// Each name of the function before the arrow.
const LATER_NAME: Factor = weight("a name further on", -1.0);
/// What follows the arrow is a known name.
const KNOWN_BODY: Factor = weight("a known name follows", 0.3);
/// A type in small letters is a variable to the compiler.
const SMALL_TYPE: Factor = weight("a type in small letters", 5.0);
/// An instance that the compiler writes itself.
const DERIVED: Factor = weight("the compiler can write it", 3.5);
/// A class that the signature must state.
const CONSTRAINED: Factor = weight("the signature must state it", 3.0);
/// What a function gives back stands last in its signature.
const RESULT: Factor = weight("what is given back stands last", 0.5);
/// The signature of the function around the place.
const OWN_SIGNATURE: Factor = weight("the signature of the function around", 0.8);
/// The signature of a name on the line.
const OTHER_SIGNATURE: Factor = weight("a signature that is used there", 0.5);
/// Each error of the file, up to four.
const BLAMED: Factor = weight("errors that may come from it", 0.2);
/// A number where a text is wanted.
const SHOWN: Factor = weight("a text is wanted", 3.2);
/// A conversion that this learner writes elsewhere.
const HABIT: Factor = weight("the file converts so elsewhere", 2.0);
/// A whole number where another kind is wanted.
const CONVERTED: Factor = weight("a number of another kind is wanted", 0.8);
/// Each token between a function and the reported place.
const AWAY: Factor = weight("tokens from the reported place", -0.15);
/// Two neighbouring values in the wrong order.
const SWAPPED: Factor = weight("two neighbours in the wrong order", 0.8);
/// A value too many.
const EXTRA: Factor = weight("one value more than the signature takes", 1.5);
/// The same value twice in a row.
const SAME_AS_BEFORE: Factor = weight("it is the same as the one before", 1.0);

pub(super) static FAMILY: Family = Family {
    id: "haskell",
    recipes: &[
        Recipe::Indent,
        Recipe::Deriving,
        Recipe::Constraint,
        Recipe::Convert,
        Recipe::Arguments,
    ],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "data Berth = Berth { name :: String }\n\nmain :: IO ()\nmain = <|>print (Berth \"East\")\n",
        message: "No instance for (Show Berth) arising from a use of 'print'",
        after: "data Berth = Berth { name :: String } deriving (Show)\n\nmain :: IO ()\nmain = print (Berth \"East\")\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    if case.asks(Recipe::Indent) {
        indentation(case, all);
    }
    lost_words(case, all);
    unbound(case, all);
    clause(case, all);
    record(case, all);
    elements(case, all);
    lost_arrow(case, all);
    type_variable(case, all);
    if case.asks(Recipe::Deriving) {
        deriving(case, all);
    }
    if case.asks(Recipe::Constraint) {
        constraint(case, all);
    }
    if case.asks(Recipe::Convert) {
        signature(case, all);
    }
    if case.asks(Recipe::Arguments) || case.asks(Recipe::Convert) {
        applied(case, all);
    }
}

/// A line in another column than those of its block: put into the column of a line near it.
fn indentation(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let source = &lexed.source;
    let reported = lexed.code[case.token].line;
    let filled = |line: u32| source.indent(line).filter(|_| !lexed.on_line(line).is_empty());
    let last = source.line_count().min(reported + 12);
    for line in (reported.saturating_sub(4).max(1)..=reported).rev().chain(reported + 1..=last) {
        let Some(now) = filled(line) else { continue };
        // Further down only a line that stands a little outside of its block.
        let outside =
            (1..line).rev().find_map(filled).is_some_and(|a| a != now && a.abs_diff(now) <= 2);
        if line > reported && !outside {
            continue;
        }
        let above: Vec<u32> = (1..line).rev().filter_map(filled).take(5).collect();
        let below: Vec<u32> = (line + 1..=source.line_count()).filter_map(filled).take(2).collect();
        let mut columns: Vec<(u32, Factor)> = Vec::new();
        let next = above.iter().chain(&below);
        for (rank, column) in next.enumerate() {
            columns.push((*column, COLUMN_RANK * rank as f64));
        }
        // The names of a `let` stand in one column.
        let opened = (1..line).rev().find(|line| filled(*line).is_some());
        for word in opened.iter().flat_map(|line| lexed.on_line(*line)) {
            if matches!(lexed.word(word), "let" | "where" | "do" | "of")
                && let Some(name) = lexed.code.get(word + 1).filter(|name| !name.first)
            {
                let column = source.position(name.start).column.saturating_sub(1);
                columns.push((column, OPENED_COLUMN));
            }
        }
        // A line that stands where the one above it does is hardly the odd one.
        let regular = above.first() == Some(&now);
        let agreed = above.first().is_some_and(|a| below.first() == Some(a) && *a != now);
        let mut tried: Vec<u32> = vec![now];
        for (column, less) in columns {
            if tried.contains(&column) {
                continue;
            }
            tried.push(column);
            let small = SMALL_STEP.when(now.abs_diff(column) <= 2);
            let start = source.line_start(line);
            let text = source.line_bytes(line);
            let blanks = text.iter().take_while(|byte| byte.is_ascii_whitespace()).count();
            let edit =
                Edit::replace(case.file(), start, start + blanks, " ".repeat(column as usize));
            let less = less + REGULAR.when(regular);
            let score = OUT_OF_LINE
                + less
                + small
                + AGREED.when(agreed)
                + LINE_ABOVE * f64::from(reported.saturating_sub(line))
                + LINE_BELOW * f64::from(line.saturating_sub(reported));
            all.push(Candidate::new(MistakeId::WrongIndentation, score, vec![edit]));
        }
    }
}

/// `case x` without its `of`, `if x` without its `then`, a block of steps without its `do`.
fn lost_words(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let source = &lexed.source;
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(6).max(1)..=reported {
        let range = lexed.on_line(line);
        let Some(last) = range.clone().next_back() else { continue };
        let far = WORD_ABOVE * f64::from(reported - line);
        let has = |word: &str| range.clone().any(|at| lexed.is(at, word));
        let next = lexed.code.get(range.end);
        let deeper = next.is_some_and(|next| source.indent(next.line) > source.indent(line));
        let mut add = |word: &str, score: Factor| {
            let edit = case.insert(lexed.code[last].end, format!(" {word}"));
            all.push(Candidate::new(MistakeId::MissingWord, score + far, vec![edit]));
        };
        if has("case") && !has("of") && deeper {
            add("of", LOST_OF);
        }
        let follows = |word: &str| next.is_some() && lexed.is(range.end, word);
        if has("if") && !has("then") && !follows("then") {
            add("then", LOST_THEN);
        }
        // Lines that draw values, or stand one below the other after `=` or an arrow.
        let opens = matches!(lexed.word(last), "=" | "->" | "$" | "then" | "else");
        let inner: Vec<u32> = (line + 1..=source.line_count().min(line + 8))
            .take_while(|below| {
                source.indent(*below).is_none_or(|indent| Some(indent) > source.indent(line))
            })
            .filter(|below| !lexed.on_line(*below).is_empty())
            .collect();
        let first = inner.first().and_then(|line| source.indent(*line));
        let steps = inner.iter().filter(|line| source.indent(**line) == first).count();
        if opens && deeper && steps > 1 && !has("do") {
            add("do", LOST_DO);
        }
    }
}

/// A signature whose equations are written under a near name.
fn unbound(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.message.text.contains("lacks an accompanying binding") {
        return;
    }
    let name = lexed.word(case.token).to_owned();
    let line = lexed.code[case.token].line;
    let below = lexed.code.iter().enumerate().filter(|(_, token)| token.first && token.line > line);
    for (at, _) in below.take(3) {
        let apart = edit_distance(lexed.word(at), &name);
        if apart > 0.0 && apart <= 3.0 {
            // The name that the rest of the file uses is the right one.
            let bound = lexed.word(at).to_owned();
            let uses = |name: &str| {
                let own = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
                own.iter().filter(|seen| !lexed.code[**seen].first).count().min(3) as f64 * USED_SO
            };
            let score = NEAR_EQUATION + LETTERS * apart + uses(&name) - uses(&bound);
            let edit = case.replace_token(at, name.as_str());
            all.push(Candidate::new(MistakeId::MisspeltName, score, vec![edit]));
            let score = NEAR_EQUATION + LETTERS * apart + uses(&bound) - uses(&name);
            let edit = case.replace_token(case.token, bound);
            all.push(Candidate::new(MistakeId::MisspeltName, score, vec![edit]));
        }
    }
}

/// An equation of a function that is written under a near name, beside the others.
fn clause(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.message.text.contains("non-exhaustive") {
        return;
    }
    let name = lexed.word(case.token).to_owned();
    let line = lexed.code[case.token].line;
    let starts = lexed.code.iter().enumerate().filter(|(_, token)| {
        token.first && token.line.abs_diff(line) <= 6 && lexed.source.indent(token.line) == Some(0)
    });
    for (at, _) in starts {
        let other = lexed.word(at);
        let apart = edit_distance(other, &name);
        let signed = case.text.names.of(other).any(|d| d.typed.is_some());
        if apart > 0.0 && apart <= 2.5 && lexed.kind(at) == Some(TokenKind::Name) {
            let score = NEAR_EQUATION + LETTERS * apart + SIGNED.when(signed);
            let edit = case.replace_token(at, name.as_str());
            all.push(Candidate::new(MistakeId::MisspeltName, score, vec![edit]));
        }
    }
}

/// The fields of a record, each on a line that starts with `{` or `,`: the mark that one has lost.
fn record(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.code[case.token].line;
    let first = lexed.on_line(line).start;
    if !lexed.is(first + 1, "::") || lexed.source.indent(line) == Some(0) || first == 0 {
        return;
    }
    let before = lexed.on_line(lexed.code[first - 1].line).start;
    let (mark, mistake) = match lexed.word(before) {
        "{" | "," => (", ", MistakeId::MissingSeparator),
        _ if lexed.on_line(lexed.code[first - 1].line).any(|at| lexed.is(at, "data")) => {
            ("{ ", MistakeId::MissingBracket)
        }
        _ => return,
    };
    let edit = case.insert(lexed.code[first].start, mark);
    all.push(Candidate::new(mistake, FIELD_MARK, vec![edit]));
}

/// Two values side by side in a list or a pair, of which the first cannot be given anything.
fn elements(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let near = lexed.on_line(lexed.code[case.token].line);
    for at in near {
        let Some(open) = case.text.pairs.inside[at].filter(|_| at > 0) else { continue };
        let value = matches!(
            lexed.kind(at),
            Some(TokenKind::Number | TokenKind::Str | TokenKind::Char | TokenKind::Name)
        );
        let listed = lexed.is(open, "[")
            || (open + 1..at).any(|i| lexed.is(i, ",") && case.text.pairs.inside[i] == Some(open));
        let plain = matches!(
            lexed.kind(at - 1),
            Some(TokenKind::Number | TokenKind::Str | TokenKind::Char)
        );
        let far = MARK_AWAY * at.abs_diff(case.token) as f64;
        let edit = || vec![case.insert(lexed.code[at - 1].end, ",")];
        if value && plain && case.text.pairs.inside[at - 1] == Some(open) && at - 1 > open {
            all.push(Candidate::new(MistakeId::MissingSeparator, TWO_PLAIN_VALUES + far, edit()));
        } else if value && listed && at == open + 2 {
            all.push(Candidate::new(MistakeId::MissingSeparator, IN_A_LIST + far, edit()));
        } else if value && at == open + 2 && case.phase == erratum_catalogue::Phase::Type {
            all.push(Candidate::new(MistakeId::MissingSeparator, IN_BRACKETS + far, edit()));
        }
    }
}

/// `->` that is missing between two types, or behind the names of a lambda.
fn lost_arrow(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    if said.contains("has kind '*'") || said.contains("should have kind") {
        let after = (case.token..=case.token + 1).find(|at| {
            let next = lexed.word(at + 1);
            next.starts_with(|c: char| c.is_alphabetic() || c == '[' || c == '(')
        });
        if let Some(at) = after {
            let edit = case.insert(lexed.code[at].end, " ->");
            all.push(Candidate::new(MistakeId::MissingMark, KIND_OF_TYPE, vec![edit]));
        }
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for lambda in line.filter(|at| lexed.is(*at, "\\")) {
        let body = (lambda + 1..lexed.code.len()).take(4);
        let names: Vec<usize> =
            body.take_while(|at| lexed.kind(*at) == Some(TokenKind::Name)).collect();
        let arrow = names.last().is_some_and(|last| lexed.is(last + 1, "->"));
        if arrow {
            continue;
        }
        for (rank, at) in names.iter().enumerate() {
            let known = case.text.names.uses(lexed.word(at + 1)) > 0;
            let score = LAMBDA + LATER_NAME * rank as f64 + KNOWN_BODY.when(known);
            let edit = case.insert(lexed.code[*at].end, " ->");
            all.push(Candidate::new(MistakeId::MissingMark, score, vec![edit]));
        }
    }
}

/// A type in small letters is a variable to the compiler: the type of that name is written with a
/// capital letter.
fn type_variable(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.message.text.contains("rigid type variable") {
        return;
    }
    let text = &case.message.text;
    for declared in &case.text.names.declared {
        let Some((first, last)) = declared.typed else { continue };
        for at in first..=last {
            let word = lexed.word(at);
            if !word.starts_with(char::is_lowercase) || !text.contains(&format!("'{word}'")) {
                continue;
            }
            let mut letters = word.chars();
            let capital: String = letters
                .next()
                .map(char::to_uppercase)
                .into_iter()
                .flatten()
                .chain(letters)
                .collect();
            let known = case.language().is_type(&capital)
                || case.text.names.of(&capital).any(|d| d.kind == NameKind::Type)
                || case.language().known_names().any(|(name, _)| name == capital);
            if known {
                let edits = (first..=last)
                    .filter(|at| lexed.is(*at, word))
                    .map(|at| case.replace_token(at, capital.as_str()))
                    .collect();
                all.push(Candidate::new(MistakeId::WrongCase, SMALL_TYPE, edits));
            }
        }
    }
}

/// `deriving (Show)` where a type is declared.
fn deriving(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let (Some(class), Some(name)) = (case.word("class"), case.word("name")) else { return };
    // Only these are written by the compiler itself (seen with GHC 9.0).
    if !matches!(class, "Show" | "Read" | "Eq" | "Ord" | "Enum" | "Bounded" | "Ix") {
        return;
    }
    let name = name.trim_matches(['(', ')']).split(' ').next().unwrap_or(name);
    let Some(declared) = case.text.names.of(name).find(|d| d.kind == NameKind::Type) else {
        return;
    };
    let end = (declared.token + 1..lexed.code.len())
        .find(|at| {
            let token = lexed.code[*at];
            token.first && lexed.source.indent(token.line) == Some(0)
        })
        .unwrap_or(lexed.code.len());
    let words = declared.token..end;
    let edit = match words.clone().find(|at| lexed.is(*at, "deriving")) {
        Some(at) if lexed.is(at + 1, "(") => {
            let close = case.text.pairs.partner[at + 1];
            close.map(|close| case.insert(case.end_before(close), format!(", {class}")))
        }
        Some(at) => {
            let one = lexed.code.get(at + 1);
            one.map(|one| {
                let text = format!("({}, {class})", lexed.text(one));
                Edit::replace(case.file(), one.start, one.end, text)
            })
        }
        None => Some(case.insert(lexed.code[end - 1].end, format!(" deriving ({class})"))),
    };
    all.extend(edit.map(|edit| Candidate::new(MistakeId::MissingInstance, DERIVED, vec![edit])));
}

/// `Ord a =>` in the signature of the function around.
fn constraint(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(class) = case.word("class") else { return };
    let mut parts = class.split(' ');
    let class = parts.next().unwrap_or(class);
    let variable = case.word("name").or(parts.next()).unwrap_or("a");
    let variable = if variable.starts_with(char::is_lowercase) { variable } else { "a" };
    let variable = variable.trim_end_matches(|c: char| c.is_ascii_digit());
    let mut signatures = case
        .text
        .names
        .declared
        .iter()
        .filter(|d| d.kind == NameKind::Function && d.token <= case.token && d.typed.is_some());
    let Some((first, last)) = signatures.next_back().and_then(|d| d.typed) else { return };
    let arrow = (first..=last).find(|at| lexed.is(*at, "=>"));
    let edits = match arrow {
        None => vec![case.insert(lexed.code[first].start, format!("{class} {variable} => "))],
        Some(_) if lexed.is(first, "(") => {
            let close = case.text.pairs.partner[first].unwrap_or(first);
            vec![case.insert(case.end_before(close), format!(", {class} {variable}"))]
        }
        Some(arrow) => vec![
            case.insert(lexed.code[first].start, "("),
            case.insert(lexed.code[arrow - 1].end, format!(", {class} {variable})")),
        ],
    };
    all.push(Candidate::new(MistakeId::MissingConstraint, CONSTRAINED, edits));
}

/// A type in a signature or a field that does not fit: one of the two that the message names stands
/// there, and the other was meant.
fn signature(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let clean = |hole: &str| case.word(hole).map(|text| text.trim_matches(['(', ')']).to_owned());
    let (Some(from), Some(to)) = (clean("from"), clean("to")) else { return };
    let spelt = |name: &str| if name == "[Char]" { "String".to_owned() } else { name.to_owned() };
    let (from, to) = (spelt(&from), spelt(&to));
    let simple = |name: &str| {
        name.starts_with(char::is_uppercase)
            && name.chars().all(|c| c.is_alphanumeric() || c == '.')
    };
    if !simple(&from) || !simple(&to) {
        return;
    }
    let line = lexed.code[case.token].line;
    let near = lexed.on_line(line.saturating_sub(1)).start..lexed.on_line(line).end;
    let around = case
        .text
        .names
        .declared
        .iter()
        .rfind(|d| d.kind == NameKind::Function && d.token <= case.token && d.typed.is_some())
        .map(|d| d.token);
    for declared in &case.text.names.declared {
        let Some((first, last)) = declared.typed else { continue };
        let name = lexed.word(declared.token);
        let used = near.clone().any(|at| lexed.word(at) == name);
        let own = around == Some(declared.token);
        if !used && !own {
            continue;
        }
        for at in first..=last {
            for (old, new) in [(&from, &to), (&to, &from)] {
                if lexed.is(at, old) {
                    // What a function gives back stands last.
                    let result = RESULT.when(at == last);
                    let blamed = case.all.iter().filter(|m| m.is_error()).count().min(4) as f64;
                    let owner = if own { OWN_SIGNATURE } else { OTHER_SIGNATURE };
                    let score = w::TYPE_FIX + result + owner + BLAMED * blamed;
                    let edit = case.replace_token(at, new.as_str());
                    all.push(Candidate::new(MistakeId::WrongType, score, vec![edit]));
                }
            }
        }
    }
    // A text is wanted: `show` makes one.
    if to == "String" && matches!(from.as_str(), "Int" | "Integer" | "Double" | "Float" | "Bool") {
        let (start, end) = case.range;
        let several = end > start && lexed.at(start) != lexed.at(end - 1);
        let edits = if several {
            vec![case.insert(start, "show ("), case.insert(end, ")")]
        } else {
            vec![case.insert(start, "show ")]
        };
        all.push(Candidate::new(MistakeId::MissingToString, SHOWN, edits));
    }
    // `fromIntegral` makes a number of the kind that is wanted.
    if matches!(from.as_str(), "Int" | "Integer") {
        let (start, end) = case.range;
        let several = end > start && lexed.at(start) != lexed.at(end - 1);
        let edits = if several {
            vec![case.insert(start, "fromIntegral ("), case.insert(end, ")")]
        } else {
            vec![case.insert(start, "fromIntegral ")]
        };
        // A habit of this learner's.
        let habit = case.text.names.seen.contains_key("fromIntegral");
        let score = if habit && !several { HABIT } else { CONVERTED };
        all.push(Candidate::new(MistakeId::WrongNumberType, score, edits));
    }
}

/// A function with one value too few, too many, or two in the wrong order.
fn applied(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.code[case.token].line;
    let range = lexed.on_line(line);
    for head in range.clone().filter(|at| lexed.kind(*at) == Some(TokenKind::Name)) {
        let Some(typed) = case.text.names.of(lexed.word(head)).find_map(|d| d.typed) else {
            continue;
        };
        let wanted = (typed.0..=typed.1)
            .filter(|at| lexed.is(*at, "->") && in_no_bracket(case, typed.0, *at))
            .count();
        let values = values(case, head, range.end);
        let near = AWAY * head.abs_diff(case.token) as f64;
        if wanted == 0 || values.is_empty() {
            continue;
        }
        for pair in values.windows(2) {
            let (a, b) = (pair[0], pair[1]);
            let (from, to) = (lexed.code[a.0].start, lexed.code[b.1].end);
            let between =
                lexed.source.slice(lexed.code[a.1].end, lexed.code[b.0].start).into_owned();
            let text = format!("{}{between}{}", text_of(case, b), text_of(case, a));
            let edit = Edit::replace(case.file(), from, to, text);
            all.push(Candidate::new(MistakeId::WrongArgumentOrder, SWAPPED + near, vec![edit]));
        }
        if values.len() > wanted {
            for (index, (first, last)) in values.iter().enumerate() {
                let edit =
                    Edit::delete(case.file(), case.end_before(*first), lexed.code[*last].end);
                let doubled =
                    index > 0 && text_of(case, (*first, *last)) == text_of(case, values[index - 1]);
                let score = EXTRA + near + SAME_AS_BEFORE.when(doubled);
                all.push(Candidate::new(MistakeId::ExtraArgument, score, vec![edit]));
            }
        }
        if values.len() < wanted {
            for (first, _) in values.iter().copied().chain([(values[values.len() - 1].1 + 1, 0)]) {
                let edit = case.insert(case.end_before(first), " 0");
                let score = w::MADE_UP + near;
                all.push(Candidate::new(MistakeId::MissingArgument, score, vec![edit]).guess());
            }
        }
    }
}

fn in_no_bracket(case: &Case, first: usize, at: usize) -> bool {
    case.text.pairs.inside[at] == case.text.pairs.inside[first]
}

/// The values that follow a function's name, each a token or a bracket.
fn values(case: &Case, head: usize, end: usize) -> Vec<(usize, usize)> {
    let lexed = case.lexed();
    let mut all = Vec::new();
    let mut at = head + 1;
    while at < end {
        let last = match lexed.kind(at) {
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Char) => at,
            Some(TokenKind::Open) if !lexed.is(at, "{") => match case.text.pairs.partner[at] {
                Some(close) if close < end => close,
                _ => break,
            },
            _ => break,
        };
        all.push((at, last));
        at = last + 1;
    }
    all
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_case_without_its_word_gets_it() {
        check_fix(
            &FAMILY,
            "haskell",
            "deep :: Int -> Int\ndeep t = case t\n  0 <|>-> 1\n  _ -> t\n",
            "parse error on input '->'",
            "deep :: Int -> Int\ndeep t = case t of\n  0 -> 1\n  _ -> t\n",
        );
    }

    #[test]
    fn steps_below_each_other_need_a_do() {
        check_among(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain =\n  putStrLn \"a\"\n  <|>putStrLn \"b\"\n",
            "parse error on input 'putStrLn'",
            "main :: IO ()\nmain = do\n  putStrLn \"a\"\n  putStrLn \"b\"\n",
        );
    }

    #[test]
    fn a_field_lost_its_comma() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Berth = Berth\n  { name :: String\n  <|>seats :: Int\n  }\n",
            "parse error on input 'seats'",
            "data Berth = Berth\n  { name :: String\n  , seats :: Int\n  }\n",
        );
    }

    #[test]
    fn a_class_that_the_signature_must_state() {
        check_fix(
            &FAMILY,
            "haskell",
            "most :: a -> a -> Bool\nmost x y = <|>x > y\n",
            "No instance for (Ord a) arising from a use of '>'",
            "most :: Ord a => a -> a -> Bool\nmost x y = x > y\n",
        );
    }

    #[test]
    fn a_second_class_is_derived_beside_the_first() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Tide = Low | High deriving (Show)\n\nsame :: Tide -> Tide -> Bool\nsame a b = <|>a == b\n",
            "No instance for (Eq Tide) arising from a use of '=='",
            "data Tide = Low | High deriving (Show, Eq)\n\nsame :: Tide -> Tide -> Bool\nsame a b = a == b\n",
        );
    }

    #[test]
    fn a_lambda_lost_its_arrow() {
        check_fix(
            &FAMILY,
            "haskell",
            "up :: [Int] -> [Int]\nup = map (\\t <|>t + 1)\n",
            "parse error on input 't'",
            "up :: [Int] -> [Int]\nup = map (\\t -> t + 1)\n",
        );
    }

    #[test]
    fn another_language_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int deep = <|>tide;\n}\n",
            "cannot find symbol",
        );
    }
}
