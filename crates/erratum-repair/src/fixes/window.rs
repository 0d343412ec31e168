//! The general search around a syntax error: every change of one token that a slip could explain,
//! ranked by how much more usual the text gets.

mod forms;
mod price;
mod refused;
mod words;

use super::family::{Example, Family, Phases};
use super::{Candidate, Case, weights as w};
use crate::score::{Factor, weight};
use erratum_catalogue::{MistakeId, Phase, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::model::{Class, class, classes};
use rustc_hash::FxHashMap;
use std::cell::RefCell;

/// A word that may stand at the end of the line before or at the start of this one.
const WORD_AT_LINE_END: Factor = weight("it ends the line before", 0.1);
/// The message names both marks, and they are taken for each other.
const BOTH_NAMED: Factor = weight("the message names both marks", 7.0);
/// Words behind which what they declare or test must stand.
const STARTING: &[&str] = &[
    "typedef",
    "struct",
    "class",
    "enum",
    "union",
    "interface",
    "static",
    "if",
    "while",
    "for",
    "switch",
    "case",
    "new",
    "import",
    "using",
    "package",
    "function",
    "def",
    "val",
    "var",
    "let",
    "fn",
    "func",
    "type",
];
/// A key pressed twice.
const DOUBLED_MARK: Factor = weight("the same mark stands before it", 3.0);
/// Each mark of a header that stands before this one.
const FURTHER_MARK: Factor = weight("a mark further on in the header", -1.0);

/// Marks that may have been forgotten, in any language; the model knows which are usual where.
const MARKS: &[&str] = &[
    ";", ":=", "<-", "<>", "===", "$", "++", ",", ")", "(", "{", "}", "]", "[", "=", ":", ".", "<",
    ">", "+", "-", "*", "/", "%", "!", "&", "|", "?", "==", "->", "=>", "::", "&&", "||", "<<",
    ">>", "+=", "..",
];

/// Marks that are taken for each other: they look alike, or share a key.
const LIKE: &[(&str, &[&str])] = &[
    (",", &[";", "."]),
    (";", &[",", ":"]),
    (":", &[";", "::", ",", "="]),
    (".", &[",", "->", "::", ";"]),
    ("->", &[".", "=>", "::", "-"]),
    ("=>", &["->", ">=", "="]),
    ("::", &[":", "."]),
    (":=", &["=", ":"]),
    ("<-", &["=", "->", "<", "-"]),
    ("=", &[":=", "==", ":", "+=", "->", "-", "+", "=>"]),
    ("==", &["=", "!="]),
    ("===", &["=="]),
    ("<", &["<<", ">", "<=", "("]),
    (">", &[">>", "<", ">=", ")"]),
    ("<<", &["<", ">>"]),
    (">>", &[">", "<<"]),
    ("(", &["[", "{", "<"]),
    (")", &["]", "}", ">"]),
    ("[", &["(", "{"]),
    ("]", &[")", "}"]),
    ("{", &["(", "[", ":", "}"]),
    ("}", &[")", "]", "{"]),
    ("&", &["&&"]),
    ("&&", &["&"]),
    ("|", &["||"]),
    ("||", &["|"]),
    ("!", &["|", "!="]),
    ("-", &["=", "_", "->"]),
    ("+", &["=", "+="]),
    ("..", &[".", "..="]),
    ("/", &["\\"]),
];

/// How far before the reported place changes are tried, in tokens.
const REACH_BEFORE: usize = 26;

/// How far after it.
const REACH_AFTER: usize = 6;

/// The least that the model may say of a mark that the message asks for at the end of a line.
const ASKED_FOR: f64 = -2.0;

/// How many candidates are handed on.
const KEEP: usize = 40;

struct Window<'a, 'b> {
    case: &'a Case<'b>,
    sequence: Vec<(Class, Option<usize>)>,
    /// Index in the sequence of each code token.
    place: Vec<usize>,
    named: Vec<String>,
    /// The count of each opening minus each closing bracket, where the text does not pair.
    odd: bool,
    /// The tokens around which changes are tried.
    anchors: Vec<usize>,
    /// How usual the text is as it stands, by the part that a change would replace.
    scores: RefCell<FxHashMap<(usize, usize), f64>>,
}

pub(super) static FAMILY: Family = Family {
    id: "window",
    recipes: &[Recipe::Window],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int main(void) {\n    int tide = 3\n    <|>return tide;\n}\n",
        message: "expected ',' or ';' before 'return'",
        after: "int main(void) {\n    int tide = 3;\n    return tide;\n}\n",
    },
};

/// Marks can be lost where the syntax is wrong, where brackets do not pair, and where an entry says so.
fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let odd = case.odd().next().is_some();
    // Where a value is missing, no mark parts what is there (seen with ghc 9.0).
    let too_few = |text: &str| text.contains("is applied to too few arguments");
    let lacks = case.message.notes.iter().any(|note| too_few(&note.text));
    if case.phase <= Phase::Syntax || odd || case.asks(Recipe::Window) && !lacks {
        around(case, all);
    }
}

/// Every change of one token around the places where something is odd.
pub(super) fn around(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let sequence = classes(lexed);
    let mut place = vec![0; lexed.code.len()];
    for (at, (_, token)) in sequence.iter().enumerate() {
        if let Some(token) = token {
            place[*token] = at;
        }
    }
    let named = expected_marks(&case.message.text);
    let window = Window {
        case,
        sequence,
        place,
        named,
        odd: case.odd().next().is_some(),
        anchors: anchors(case),
        scores: RefCell::default(),
    };
    let mut found = Vec::new();
    let mut tokens: Vec<usize> = Vec::new();
    for anchor in &window.anchors {
        tokens.extend(
            anchor.saturating_sub(REACH_BEFORE)..(anchor + REACH_AFTER).min(lexed.code.len()),
        );
    }
    tokens.sort_unstable();
    tokens.dedup();
    let last = tokens.last().map_or(0, |last| last + 1);
    for token in tokens {
        window.insertions(token, &mut found);
        window.deletion(token, &mut found);
        window.replacements(token, &mut found);
        window.swap(token, &mut found);
        window.joined(token, &mut found);
        window.run_together(token, &mut found);
        window.dotted_number(token, &mut found);
        if found.len() > 8 * KEEP {
            keep_best(&mut found);
        }
    }
    if last == lexed.code.len() {
        window.insertions(last, &mut found);
    }
    window.for_header(&mut found);
    window.before_else(&mut found);
    window.ended_list(&mut found);
    window.ended_item(&mut found);
    window.compared(&mut found);
    keep_best(&mut found);
    all.append(&mut found);
}

/// Keeps the likeliest; of two that are equally likely, the one that was thought of first.
fn keep_best(found: &mut Vec<Candidate>) {
    found.sort_by(|a, b| b.score.total().total_cmp(&a.score.total()));
    found.truncate(KEEP);
}

/// Where to look: at the reported place, and where the text itself is odd.
fn anchors(case: &Case) -> Vec<usize> {
    let lexed = case.lexed();
    let mut all = vec![case.token];
    all.extend(case.odd().take(3).map(|odd| odd.token));
    let places = case.odd().take(2).filter_map(|odd| odd.before.first());
    all.extend(places.filter(|place| **place < lexed.code.len()));
    let doubled = (1..lexed.code.len()).filter(|at| is_doubled(case, *at));
    all.extend(doubled.take(2));
    all
}

/// The same keyword twice in a row, as no sound text has it.
fn is_doubled(case: &Case, token: usize) -> bool {
    let lexed = case.lexed();
    lexed.kind(token) == Some(TokenKind::Keyword)
        && token > 0
        && lexed.word(token) == lexed.word(token - 1)
        && lexed.word(token) != "long"
}

/// The marks and words that a message says were expected: `expected ';'`, `';' expected`,
/// `"THEN" expected but …`, `expecting comma or )`.
fn expected_marks(text: &str) -> Vec<String> {
    let text = text
        .strip_prefix("Expected token ")
        .map_or(text.to_owned(), |mark| format!("expected {mark}"));
    let part = match (text.split_once("expecting "), text.split_once("expected")) {
        (Some((_, after)), _) => after,
        (_, Some((before, after))) => {
            let behind = after.trim_matches(['.', ' ']).is_empty() || after.starts_with(" but ");
            if behind { before } else { after }
        }
        _ => return Vec::new(),
    };
    let part = part.split(" before ").next().unwrap_or(part);
    let part = part.split(", found").next().unwrap_or(part);
    let mut all: Vec<String> = part
        .split(['\'', '`', '"'])
        .skip(1)
        .step_by(2)
        .filter(|word| !word.is_empty() && word.len() < 12)
        .map(str::to_lowercase)
        .collect();
    if all.is_empty() {
        // `; expected`, `expecting comma or )`.
        let words = part.split([' ', ',']).map(|word| if word == "comma" { "," } else { word });
        let marks = words.filter(|word| {
            (1..=2).contains(&word.len()) && word.chars().all(|c| c.is_ascii_punctuation())
        });
        all.extend(marks.map(str::to_owned));
    }
    all.dedup();
    all
}

impl Window<'_, '_> {
    /// The marks that this language has.
    fn marks(&self) -> impl Iterator<Item = &'static &'static str> {
        let language = self.case.language();
        MARKS.iter().filter(|mark| {
            let shared = mark.len() == 1 && **mark != "$";
            let layout = language.layout;
            if !language.blocks.is_empty() && matches!(**mark, "{" | "}") {
                return false;
            }
            (shared
                && !(layout
                    && matches!(**mark, ";" | "{" | "}" | "[" | "%" | "&" | "!" | "?")
                    && **mark != "["))
                || language.operators.contains(mark)
                || (layout && **mark == "$")
        })
    }

    fn insertions(&self, token: usize, found: &mut Vec<Candidate>) {
        let lexed = self.case.lexed();
        let at = self.place.get(token).copied().unwrap_or(self.sequence.len());
        let first = lexed.code.get(token).is_none_or(|t| t.first);
        let line_before = at > 0 && self.sequence.get(at - 1).is_some_and(|(_, t)| t.is_none());
        let near = self.distance(token);
        for mark in self.marks() {
            // The end of the line before, or the start of this one; no line starts behind the last.
            let ends = match (token < lexed.code.len(), first && line_before) {
                (true, true) => &[true, false][..],
                (true, false) => &[false][..],
                (false, _) => &[true][..],
            };
            for &end_of_line in ends {
                let place = if end_of_line && line_before { at - 1 } else { at };
                // Haskell's lists have their commas in front.
                let leading = *mark == "," && self.case.language().layout;
                if first && !end_of_line && !leading && matches!(*mark, ";" | "," | ")" | "{" | "]")
                {
                    continue;
                }
                if self.is_refused(mark, token) {
                    continue;
                }
                // Where a statement ends with its line and the message asks for its end, what the
                // model knows of such lines counts little.
                let asked = end_of_line
                    && token == self.case.token
                    && *mark == self.case.language().terminator
                    && self.named(mark).value > 0.0;
                let gain = self.gain(place, place, &[class(mark)]);
                let score = w::INSERT
                    + near.clone()
                    + self.named(mark)
                    + self.brackets("", mark, token)
                    + self.doubled(mark, token)
                    + if asked { gain.at_least(ASKED_FOR) } else { gain };
                let edit = self.insertion(token, mark, first && !end_of_line);
                let mut candidate = Candidate::new(mistake_of_insert(mark), score, vec![edit]);
                if candidate.mistake == MistakeId::MissingMark
                    && !matches!(*mark, "." | "::" | "->" | "=>" | ":" | "=")
                {
                    // Which operator was lost, nobody can tell from the text.
                    candidate = candidate.guess();
                }
                found.push(candidate);
            }
        }
        let worded =
            self.case.language().dividers.len() + usize::from(self.case.language().line_ends);
        if first
            && worded == 0
            && !lexed.code.get(token).is_some_and(|t| {
                t.kind != TokenKind::Keyword || self.named(lexed.text(t)).value > 0.0
            })
        {
            return;
        }
        for word in self.case.language().keywords {
            if first && line_before {
                // At the end of the line before, as `then` and `do` stand.
                let gain = self.gain(at - 1, at - 1, &[class(word)]);
                let blocks = self.case.language().block_end(word).is_some();
                let score = w::INSERT_WORD
                    + near.clone()
                    + self.named(word)
                    + gain
                    + w::PAIRS_STILL_ODD.when(self.odd && !blocks);
                if gain.value > 1.0 || self.named(word).value > 0.0 {
                    let edit = self.case.insert(self.case.end_before(token), format!(" {word}"));
                    found.push(Candidate::new(
                        MistakeId::MissingWord,
                        score + WORD_AT_LINE_END,
                        vec![edit],
                    ));
                }
            }
            let gain = self.gain(at, at, &[class(word)]);
            let score = w::INSERT_WORD
                + near.clone()
                + self.named(word)
                + gain
                + w::PAIRS_STILL_ODD.when(self.odd);
            if gain.value > 1.0 || self.named(word).value > 0.0 {
                let start = lexed.code.get(token).map_or(lexed.source.bytes().len(), |t| t.start);
                found.push(Candidate::new(
                    MistakeId::MissingWord,
                    score,
                    vec![self.case.insert(start, format!("{word} "))],
                ));
            }
        }
    }

    /// A mark goes directly after the token before it, or directly before the one after it, with
    /// the blanks that people write.
    fn insertion(&self, token: usize, mark: &str, at_line_start: bool) -> Edit {
        let lexed = self.case.lexed();
        let end = self.case.end_before(token);
        let next = lexed.code.get(token);
        let start = next.map_or(lexed.source.bytes().len(), |t| t.start);
        if at_line_start {
            return self.case.insert(
                start,
                if matches!(mark, "}" | ",") { format!("{mark} ") } else { mark.to_owned() },
            );
        }
        let first = next.is_none_or(|t| t.first);
        let touching = start == end;
        let (at, text) = match mark {
            "{" if first => (end, " {".to_owned()),
            ";" | "," | ")" | "]" | ":" | "?" | "." | "::" => {
                let follows = touching && matches!(mark, ";" | ",") && next.is_some();
                (end, if follows { format!("{mark} ") } else { mark.to_owned() })
            }
            "(" | "[" => {
                let before = lexed.word(token.wrapping_sub(1));
                let after_word = matches!(
                    before,
                    "if" | "while"
                        | "for"
                        | "switch"
                        | "catch"
                        | "="
                        | "return"
                        | "+"
                        | "-"
                        | "*"
                        | "/"
                        | "&&"
                        | "||"
                );
                if touching || after_word {
                    (start, mark.to_owned())
                } else {
                    (end, mark.to_owned())
                }
            }
            "!" | "&" | "\"" => {
                if mark == self.case.language().macro_mark {
                    (end, mark.to_owned())
                } else {
                    (start, mark.to_owned())
                }
            }
            "{" | "}" => (end, format!(" {mark}")),
            _ if first => (end, format!(" {mark}")),
            _ if touching => (end, mark.to_owned()),
            _ => (end, format!(" {mark}")),
        };
        self.case.insert(at, text)
    }

    fn deletion(&self, token: usize, found: &mut Vec<Candidate>) {
        let lexed = self.case.lexed();
        let here = lexed.code[token];
        let text = lexed.text(&here);
        let mark = matches!(
            here.kind,
            TokenKind::Op | TokenKind::Open | TokenKind::Close | TokenKind::Unknown
        );
        let word = matches!(here.kind, TokenKind::Keyword | TokenKind::Name);
        if !mark && !word {
            return;
        }
        let doubled = token > 0 && lexed.word(token - 1) == text;
        let twice = w::DOUBLED_WORD.when(is_doubled(self.case, token));
        let base =
            if mark { w::DELETE } else { w::DELETE_WORD } + DOUBLED_MARK.when(doubled) + twice;
        let at = self.place[token];
        let score = base
            + self.distance(token)
            + self.brackets(text, "", token)
            + self.gain(at, at + 1, &[]);
        let mistake = match here.kind {
            TokenKind::Open | TokenKind::Close => MistakeId::ExtraBracket,
            _ if word => MistakeId::ExtraWord,
            _ => MistakeId::ExtraMark,
        };
        found.push(Candidate::new(mistake, score, vec![self.case.delete_token(token)]));
    }

    /// Whether the message names the one mark as what stands there, and the other as what belongs there: `":"
    /// expected but ";" found` (fpc 3.2).
    fn both_named(&self, old: &str, new: &str) -> bool {
        self.case.message.text.contains(&format!("\"{new}\" expected but \"{old}\" found"))
    }

    fn replacements(&self, token: usize, found: &mut Vec<Candidate>) {
        let lexed = self.case.lexed();
        let here = lexed.code[token];
        let text = lexed.text(&here);
        let at = self.place[token];
        let near = self.distance(token);
        // `end.` is the end of a program: nothing else stands there.
        if text == "." && token + 1 == lexed.code.len() && lexed.before(token) == "end" {
            return;
        }
        if matches!(
            here.kind,
            TokenKind::Op | TokenKind::Open | TokenKind::Close | TokenKind::Unknown
        ) {
            let like =
                LIKE.iter().find(|(mark, _)| *mark == text).map_or(&[][..], |(_, like)| *like);
            for mark in self.marks().filter(|mark| **mark != text) {
                // What ends with its line does not go on behind a dot.
                let goes_on = *mark == "." && lexed.language.line_ends;
                let ends = lexed.code.get(token + 1).is_none_or(|next| next.first);
                // Nobody leads to a member at the end of a line.
                let leads = ends && matches!(*mark, "::" | "->");
                // Where types are told, `tide.high` was read as one value: nobody joins two so.
                let joined = text == "."
                    && *mark == ","
                    && self.case.phase > Phase::Syntax
                    && token > 0
                    && lexed.code[token - 1].end == here.start
                    && lexed.code.get(token + 1).is_some_and(|next| next.start == here.end);
                // Behind the end of a statement, the next one starts.
                let before = text == lexed.language.terminator
                    && lexed
                        .code
                        .get(token + 1)
                        .is_some_and(|next| next.first && next.kind == TokenKind::Keyword);
                // Where the syntax is sound, what sets a value does not compute instead.
                let computes = text == "="
                    && self.case.phase > Phase::Syntax
                    && !matches!(*mark, "==" | ":=" | "+=" | "-=" | ":" | "=>" | "->" | "<-");
                let odd = goes_on && ends || leads || joined || before || computes;
                let both = like.contains(mark) && self.both_named(text, mark);
                if *mark == ":" && self.labels(token) && !both || odd {
                    continue;
                }
                let base = if like.contains(mark) { w::REPLACE_LIKE } else { w::REPLACE };
                let gain = self.gain(at, at + 1, &[class(mark)]);
                // Where the message lists the mark that this one is taken for, what the model knows
                // of such lines counts little. Of `,` and `;` it knows enough.
                let told = token == self.case.token
                    && mark.len() > 1
                    && like.contains(mark)
                    && self.named(mark).value > 0.0;
                let gain = if told { gain.at_least(ASKED_FOR) } else { gain };
                let score = base
                    + BOTH_NAMED.when(both)
                    + near.clone()
                    + self.named(mark)
                    + self.brackets(text, mark, token)
                    + gain;
                found.push(Candidate::new(
                    mistake_of_replacement(text, mark),
                    score,
                    vec![self.case.replace_token(token, *mark)],
                ));
            }
        }
        if here.kind == TokenKind::Name || here.kind == TokenKind::Keyword {
            self.respelt_keyword(token, text, near, found);
        }
    }

    /// Whether a `:` in the place of a token would make a label of the name before: the compiler is
    /// content with that, whatever the name is.
    fn labels(&self, token: usize) -> bool {
        let (case, lexed) = (self.case, self.case.lexed());
        let Some(name) = token.checked_sub(1) else { return false };
        let line = lexed.code[name].line;
        let end = lexed.on_line(line).end - 1;
        case.statement_start(name) == name
            && lexed.kind(name) == Some(TokenKind::Name)
            && lexed.is(end, case.language().terminator)
            && case.language().terminator == ";"
    }
}

fn mistake_of_insert(mark: &str) -> MistakeId {
    match mark {
        ";" => MistakeId::MissingTerminator,
        "(" | ")" | "[" | "]" | "{" | "}" => MistakeId::MissingBracket,
        "," => MistakeId::MissingSeparator,
        _ => MistakeId::MissingMark,
    }
}

fn mistake_of_replacement(old: &str, new: &str) -> MistakeId {
    let bracket = |text: &str| matches!(text, "(" | ")" | "[" | "]" | "{" | "}");
    match (old, new) {
        ("=", "==") | ("==", "=") => MistakeId::AssignmentComparison,
        _ if bracket(old) && bracket(new) => MistakeId::MismatchedBracket,
        _ => MistakeId::WrongMark,
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix, rated};
    use super::FAMILY;

    #[test]
    fn an_assignment_that_is_wanted_as_a_value_is_a_comparison() {
        check_among(
            &FAMILY,
            "go",
            "package quay\n\nfunc go(deep func(int) bool) {\n\tif deep(2) <|>= true {\n\t}\n}\n",
            "syntax error: cannot use assignment (deep(2)) = (true) as value",
            "package quay\n\nfunc go(deep func(int) bool) {\n\tif deep(2) == true {\n\t}\n}\n",
        );
    }

    #[test]
    fn the_names_of_an_enumeration_are_parted_by_commas() {
        check_fix(
            &FAMILY,
            "typescript",
            "enum Lane { Left<|>; Right }\n",
            "[TS1357] An enum member name must be followed by a ',', '=', or '}'.",
            "enum Lane { Left, Right }\n",
        );
        check_fix(
            &FAMILY,
            "haskell",
            "loads = [Sand 4, Mud 6<|>; Empty]\n",
            "parse error on input ';'",
            "loads = [Sand 4, Mud 6, Empty]\n",
        );
    }

    #[test]
    fn the_header_of_a_loop_gets_no_third_mark() {
        let third = |before: &str| {
            let texts = rated(&FAMILY, "c", before, "expected ';' before '!' token");
            texts.iter().any(|(text, _)| text.contains("i];"))
        };
        assert!(!third(
            "void up(char *t) {\n    for (int i = 0; t[i] <|>! 3; i++) {\n        t[i]++;\n    }\n}\n"
        ));
    }

    #[test]
    fn no_label_is_made_of_a_name_that_gets_a_value() {
        let before = "let count = 0;\nunlit <|>+= 1;\nconst lamp = {\n  lit <|>+= 2,\n};\n";
        let (first, second) = before.rsplit_once("<|>").unwrap();
        let labels = |before: &str, text: &str| {
            let texts = rated(&FAMILY, "typescript", before, "':' expected.");
            texts.iter().any(|(found, _)| found.contains(text))
        };
        assert!(!labels(&format!("{first}{second}"), "unlit : 1"));
        let (start, end) = first.split_once("<|>").unwrap();
        assert!(labels(&format!("{start}{end}<|>{second}"), "lit : 2"));
    }

    #[test]
    fn a_function_gets_no_value_more_than_it_takes() {
        let comma = |takes: &str| {
            let before =
                format!("int run({takes});\nint up(void) {{\n    return run(4 <|>5);\n}}\n");
            let texts = rated(&FAMILY, "c", &before, "expected ')' before numeric constant");
            texts.iter().any(|(text, _)| text.contains("run(4, 5)"))
        };
        assert!(comma("int a, int b") && !comma("int a"));
    }

    #[test]
    fn a_lost_comma_stands_between_two_values() {
        check_among(
            &FAMILY,
            "c",
            "int up(int t) {\n    return rise(t <|>2);\n}\n",
            "expected ')' before numeric constant",
            "int up(int t) {\n    return rise(t, 2);\n}\n",
        );
    }

    #[test]
    fn a_mark_typed_for_another_is_exchanged() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar t: integer;\nbegin\n  t <|>= 3;\nend.\n",
            "Syntax error, \":=\" expected but \"=\" found",
            "program quay;\nvar t: integer;\nbegin\n  t := 3;\nend.\n",
        );
    }

    #[test]
    fn a_word_that_stands_twice_goes() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int int <|>seats;\n}\n",
            "<identifier> expected",
            "class Quay {\n    int seats;\n}\n",
        );
    }

    #[test]
    fn a_misspelt_keyword_is_written_right() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int t) {\n        whlie <|>(t > 0) {\n            t--;\n        }\n    }\n}\n",
            "';' expected",
            "class Quay {\n    void go(int t) {\n        while (t > 0) {\n            t--;\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn pascal_has_no_terminator_before_else() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar t: integer;\nbegin\n  if t > 3 then\n    t := 3;\n  <|>else\n    t := 4;\nend.\n",
            "Syntax error, \";\" expected but \"ELSE\" found",
            "program quay;\nvar t: integer;\nbegin\n  if t > 3 then\n    t := 3\n  else\n    t := 4;\nend.\n",
        );
    }

    #[test]
    fn an_entry_may_ask_where_the_syntax_is_right() {
        check_among(
            &FAMILY,
            "c",
            "int up(int t) {\n    <|>t == 3;\n    return t;\n}\n",
            "warning: [-Wunused-value] statement with no effect",
            "int up(int t) {\n    t = 3;\n    return t;\n}\n",
        );
    }

    #[test]
    fn an_error_of_types_in_paired_brackets_is_for_others() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int fare = <|>3.5;\n}\n",
            "incompatible types: possible lossy conversion from double to int",
        );
    }
}
