//! Haskell: layout, signatures, classes, and functions given their values without brackets.

use super::shape::text_of;
use super::{Candidate, Case, weights as w};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::language::DeclarationForm;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;
use erratum_syntax::spelling::edit_distance;

pub(super) fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.language().form != DeclarationForm::Haskell {
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
        let mut columns: Vec<(u32, f64)> = Vec::new();
        let next = above.iter().chain(&below);
        for (rank, column) in next.enumerate() {
            columns.push((*column, -0.4 * rank as f64));
        }
        // The names of a `let` stand in one column.
        let opened = (1..line).rev().find(|line| filled(*line).is_some());
        for word in opened.iter().flat_map(|line| lexed.on_line(*line)) {
            if matches!(lexed.word(word), "let" | "where" | "do" | "of")
                && let Some(name) = lexed.code.get(word + 1).filter(|name| !name.first)
            {
                let column = source.position(name.start).column.saturating_sub(1);
                columns.push((column, 0.5));
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
            let small = if now.abs_diff(column) <= 2 { 1.5 } else { 0.0 };
            let start = source.line_start(line);
            let text = source.line_bytes(line);
            let blanks = text.iter().take_while(|byte| byte.is_ascii_whitespace()).count();
            let edit =
                Edit::replace(case.file(), start, start + blanks, " ".repeat(column as usize));
            let less = less - if regular { 2.0 } else { 0.0 };
            let score = 1.0 + less + small + if agreed { 1.5 } else { 0.0 }
                - 0.7 * f64::from(reported.saturating_sub(line))
                - 0.15 * f64::from(line.saturating_sub(reported));
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
        let far = 0.4 * f64::from(reported - line);
        let has = |word: &str| range.clone().any(|at| lexed.is(at, word));
        let next = lexed.code.get(range.end);
        let deeper = next.is_some_and(|next| source.indent(next.line) > source.indent(line));
        let mut add = |word: &str, score: f64| {
            let edit = case.insert(lexed.code[last].end, format!(" {word}"));
            all.push(Candidate::new(MistakeId::MissingWord, score - far, vec![edit]));
        };
        if has("case") && !has("of") && deeper {
            add("of", 7.0);
        }
        let follows = |word: &str| next.is_some() && lexed.is(range.end, word);
        if has("if") && !has("then") && !follows("then") {
            add("then", 4.0);
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
            add("do", 5.0);
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
                own.iter().filter(|seen| !lexed.code[**seen].first).count().min(3) as f64
            };
            let score = 5.0 - apart + uses(&name) - uses(&bound);
            let edit = case.replace_token(at, name.as_str());
            all.push(Candidate::new(MistakeId::MisspeltName, score, vec![edit]));
            let score = 5.0 - apart + uses(&bound) - uses(&name);
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
            let score = 5.0 - apart - if signed { 1.5 } else { 0.0 };
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
    all.push(Candidate::new(mistake, 8.0, vec![edit]));
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
        let far = 0.1 * at.abs_diff(case.token) as f64;
        let edit = || vec![case.insert(lexed.code[at - 1].end, ",")];
        if value && plain && case.text.pairs.inside[at - 1] == Some(open) && at - 1 > open {
            all.push(Candidate::new(MistakeId::MissingSeparator, 3.5 - far, edit()));
        } else if value && listed && at == open + 2 {
            all.push(Candidate::new(MistakeId::MissingSeparator, 1.0 - far, edit()));
        } else if value && at == open + 2 && case.phase == erratum_catalogue::Phase::Type {
            all.push(Candidate::new(MistakeId::MissingSeparator, -0.5 - far, edit()));
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
            all.push(Candidate::new(MistakeId::MissingMark, 3.0, vec![edit]));
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
            let score = 3.5 - rank as f64 + if known { 0.3 } else { 0.0 };
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
                all.push(Candidate::new(MistakeId::WrongCase, 5.0, edits));
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
    all.extend(edit.map(|edit| Candidate::new(MistakeId::MissingInstance, 3.5, vec![edit])));
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
    all.push(Candidate::new(MistakeId::MissingConstraint, 3.0, edits));
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
                    let result = if at == last { 0.5 } else { 0.0 };
                    let blamed = case.all.iter().filter(|m| m.is_error()).count().min(4) as f64;
                    let score = w::TYPE_FIX + result + if own { 0.8 } else { 0.5 } + 0.2 * blamed;
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
        all.push(Candidate::new(MistakeId::MissingToString, 3.2, edits));
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
        let score = if habit && !several { 2.0 } else { 0.8 };
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
        let near = -0.15 * head.abs_diff(case.token) as f64;
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
            all.push(Candidate::new(MistakeId::WrongArgumentOrder, 0.8 + near, vec![edit]));
        }
        if values.len() > wanted {
            for (index, (first, last)) in values.iter().enumerate() {
                let edit =
                    Edit::delete(case.file(), case.end_before(*first), lexed.code[*last].end);
                let doubled =
                    index > 0 && text_of(case, (*first, *last)) == text_of(case, values[index - 1]);
                let score = 1.5 + near + if doubled { 1.0 } else { 0.0 };
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
