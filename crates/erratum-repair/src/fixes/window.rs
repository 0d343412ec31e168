//! The general search around a syntax error: every change of one token that a slip could explain,
//! ranked by how much more usual the text gets.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case, weights as w};
use crate::score::{Factor, Score, weight};
use erratum_catalogue::{MistakeId, Phase, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::model::{Class, class, classes, name_class};
use erratum_syntax::names::NameKind;
use erratum_syntax::spelling::edit_distance;

/// The gain in the token model.
const MORE_USUAL: Factor = weight("how much more usual the text gets", 1.0);
/// A word that may stand at the end of the line before or at the start of this one.
const WORD_AT_LINE_END: Factor = weight("it ends the line before", 0.1);
/// A key pressed twice.
const DOUBLED_MARK: Factor = weight("the same mark stands before it", 3.0);
/// A name that is declared here or in the library is hardly a misspelt keyword.
const DECLARED_NAME: Factor = weight("the name is declared", -4.0);
/// A name that nobody knows is rather a keyword.
const KEYWORD_PLACE: Factor = weight("it is no name that anybody knows", 1.0);
/// Each mark of a header that stands before this one.
const FURTHER_MARK: Factor = weight("a mark further on in the header", -1.0);
/// What closes a list of types stands behind it.
const TYPE_LIST: Factor = weight("a list of types is closed behind it", 5.0);
/// Each part of the name that is known.
const PARTS_KNOWN: Factor = weight("parts of the name that are known", 2.5);
/// Each letter before the gap: of two ways, the longer first part.
const LONGER_HEAD: Factor = weight("letters before the gap", 0.02);

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

/// What an added token costs in the model on average.
const PER_TOKEN: f64 = 1.6;

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
    let odd = !case.text.pairs.sound();
    if case.phase <= Phase::Syntax || odd || case.asks(Recipe::Window) {
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
        odd: !case.text.pairs.sound(),
        anchors: anchors(case),
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
    }
    if last == lexed.code.len() {
        window.insertions(last, &mut found);
    }
    window.for_header(&mut found);
    window.before_else(&mut found);
    found.sort_by(|a, b| b.score.total().total_cmp(&a.score.total()));
    found.truncate(KEEP);
    all.append(&mut found);
}

/// Where to look: at the reported place, and where the text itself is odd.
fn anchors(case: &Case) -> Vec<usize> {
    let lexed = case.lexed();
    let mut all = vec![case.token];
    all.extend(case.text.pairs.odd.iter().take(3).map(|odd| odd.token));
    let places = case.text.pairs.odd.iter().take(2).filter_map(|odd| odd.before.first());
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

    /// How much likelier the text gets when the classes `from..to` are replaced.
    fn gain(&self, from: usize, to: usize, new: &[Class]) -> Factor {
        let model = &self.case.text.model;
        let left = from.saturating_sub(4);
        let right = (to + 4).min(self.sequence.len());
        let old: Vec<Class> = self.sequence[left..right].iter().map(|(class, _)| *class).collect();
        let changed: Vec<Class> =
            old[..from - left].iter().chain(new).chain(&old[to - left..]).copied().collect();
        let skip = from - left;
        let end = |length: usize| {
            if right == self.sequence.len() { length } else { length.saturating_sub(1) }
        };
        let before = model.score(&old, skip, end(old.len()));
        let after = model.score(&changed, skip, end(changed.len()));
        // A longer text is less likely by its length alone: an added token is measured against
        // what an average token costs.
        let longer = new.len() as f64 - (to - from) as f64;
        MORE_USUAL
            * ((after - before + longer * PER_TOKEN) * w::MODEL)
                .clamp(-w::MODEL_LIMIT, w::MODEL_LIMIT)
    }

    fn distance(&self, token: usize) -> Score {
        let all = self.anchors.iter().map(|at| self.distance_from(*at, token));
        all.max_by(|a, b| a.total().total_cmp(&b.total())).unwrap_or_default()
    }

    fn distance_from(&self, at: usize, token: usize) -> Score {
        let lexed = self.case.lexed();
        let line = |index: usize| lexed.code.get(index).or(lexed.code.last()).map_or(0, |t| t.line);
        let lines = f64::from(line(token).abs_diff(line(at)));
        let tokens = if token <= at {
            w::PER_TOKEN_BEFORE * (at - token) as f64
        } else {
            w::PER_TOKEN_AFTER * (token - at) as f64
        };
        tokens + w::PER_LINE * lines
    }

    fn named(&self, text: &str) -> Factor {
        if self.named.iter().any(|word| word == text) {
            return w::MESSAGE_NAMES_IT;
        }
        // "expected ')'" where the brackets pair: the list should have gone on.
        let list = !self.odd
            && text == ","
            && self.named.iter().any(|word| matches!(word.as_str(), ")" | "]" | "}"));
        w::MESSAGE_NAMES_IT.when(list)
    }

    /// What a change of brackets is worth: the number of odd ones must go down.
    fn brackets(&self, gone: &str, come: &str, token: usize) -> Factor {
        let is_bracket = |text: &str| matches!(text, "(" | ")" | "[" | "]" | "{" | "}");
        let changes = is_bracket(gone) || is_bracket(come);
        match (self.odd, changes) {
            (false, false) => w::PAIRS_MENDED.when(false),
            (false, true) => w::PAIRS_SPOILT,
            (true, false) => w::PAIRS_STILL_ODD,
            (true, true) => {
                let odd = &self.case.text.pairs.odd;
                let lexed = self.case.lexed();
                let open = |text: &str| odd.iter().any(|o| lexed.word(o.token) == text);
                // A partner closes what stands before it, and opens what stands behind.
                let before =
                    |text: &str| odd.iter().any(|o| lexed.word(o.token) == text && o.token < token);
                let behind = |text: &str| {
                    odd.iter().any(|o| lexed.word(o.token) == text && o.token >= token)
                };
                // Adding the partner of an odd one, or taking an odd one away.
                let adds = (come == ")" && before("("))
                    || (come == "(" && behind(")"))
                    || (come == "]" && before("["))
                    || (come == "[" && behind("]"))
                    || (come == "}" && before("{"))
                    || (come == "{" && behind("}"));
                let takes = !gone.is_empty() && open(gone);
                if adds || takes { w::PAIRS_MENDED } else { w::PAIRS_SPOILT }
            }
        }
    }

    /// `f((a)` with another `)` would be `f((a))`, which nobody means to write.
    fn doubled(&self, mark: &str, token: usize) -> Factor {
        let odd = self.case.text.pairs.odd.iter().map(|odd| odd.token);
        let twice = odd
            .filter(|open| erratum_syntax::pairs::closing(self.case.lexed(), *open) == mark)
            .any(|open| super::brackets::doubles(self.case, open, token));
        w::DOUBLED_PAIR.when(twice)
    }

    fn insertions(&self, token: usize, found: &mut Vec<Candidate>) {
        let lexed = self.case.lexed();
        let at = self.place.get(token).copied().unwrap_or(self.sequence.len());
        let first = lexed.code.get(token).is_none_or(|t| t.first);
        let line_before = at > 0 && self.sequence.get(at - 1).is_some_and(|(_, t)| t.is_none());
        let near = self.distance(token);
        for mark in self.marks() {
            // The end of the line before, or the start of this one.
            let ends = if first && line_before { &[true, false][..] } else { &[false][..] };
            for &end_of_line in ends {
                let place = if end_of_line { at - 1 } else { at };
                // Haskell's lists have their commas in front.
                let leading = *mark == "," && self.case.language().layout;
                if first && !end_of_line && !leading && matches!(*mark, ";" | "," | ")" | "{" | "]")
                {
                    continue;
                }
                let score = w::INSERT
                    + near.clone()
                    + self.named(mark)
                    + self.brackets("", mark, token)
                    + self.doubled(mark, token)
                    + self.gain(place, place, &[class(mark)]);
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

    fn replacements(&self, token: usize, found: &mut Vec<Candidate>) {
        let lexed = self.case.lexed();
        let here = lexed.code[token];
        let text = lexed.text(&here);
        let at = self.place[token];
        let near = self.distance(token);
        if matches!(
            here.kind,
            TokenKind::Op | TokenKind::Open | TokenKind::Close | TokenKind::Unknown
        ) {
            let like =
                LIKE.iter().find(|(mark, _)| *mark == text).map_or(&[][..], |(_, like)| *like);
            for mark in self.marks().filter(|mark| **mark != text) {
                let base = if like.contains(mark) { w::REPLACE_LIKE } else { w::REPLACE };
                let gain = self.gain(at, at + 1, &[class(mark)]);
                let score = base
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

    /// A name that is nearly a keyword.
    fn respelt_keyword(&self, token: usize, text: &str, near: Score, found: &mut Vec<Candidate>) {
        let at = self.place[token];
        let odd = w::PAIRS_STILL_ODD.when(self.odd);
        let is_name = self.case.lexed().kind(token) == Some(TokenKind::Name);
        for word in self.case.language().keywords.iter().filter(|word| **word != text) {
            let letters = edit_distance(text, word);
            let limit = if is_name { 2.0 } else { 1.0 };
            if letters > limit || (letters >= text.len() as f64 - 0.5) {
                continue;
            }
            let gain = self.gain(at, at + 1, &[class(word)]);
            let known = DECLARED_NAME.when(is_name && self.is_known(text));
            let base = if is_name { w::RESPELL + KEYWORD_PLACE } else { Score::from(w::REPLACE) };
            let score = base
                + w::PER_LETTER * (letters - 1.0)
                + near.clone()
                + gain
                + odd
                + known
                + self.named(word);
            found.push(Candidate::new(
                MistakeId::MisspeltKeyword,
                score,
                vec![self.case.replace_token(token, *word)],
            ));
        }
        if is_name
            && let Some((_, here)) =
                self.case.language().foreign.iter().find(|(foreign, _)| *foreign == text)
        {
            let first = here.split(' ').next().unwrap_or(here);
            let new = if self.case.language().is_keyword(first) {
                class(first)
            } else {
                name_class(first)
            };
            let score = w::RESPELL + near + self.gain(at, at + 1, &[new]) + odd;
            found.push(Candidate::new(
                MistakeId::ForeignWord,
                score,
                vec![self.case.replace_token(token, *here)],
            ));
        }
    }

    /// A name that is declared here or in the library is hardly a misspelt keyword.
    fn is_known(&self, text: &str) -> bool {
        let case = self.case;
        case.text.names.of(text).any(|declared| declared.kind != NameKind::Member)
            || case.text.names.seen.get(text).is_some_and(|seen| seen.len() > 2)
            || case.language().known_names().any(|(name, _)| name == text)
    }

    /// `for (i = 0, i < n; i++)`: another mark stands where one of the two `;` belongs.
    fn for_header(&self, found: &mut Vec<Candidate>) {
        let (case, lexed) = (self.case, self.case.lexed());
        if !case.language().type_first {
            return;
        }
        let near = case.token.saturating_sub(REACH_BEFORE)..(case.token + REACH_AFTER);
        for open in near.filter(|at| lexed.is(*at, "(") && lexed.is(at.wrapping_sub(1), "for")) {
            let close =
                case.text.pairs.partner[open].unwrap_or(lexed.on_line(lexed.code[open].line).end);
            let own = |at: &usize| case.text.pairs.inside[*at] == Some(open);
            let inside: Vec<usize> = (open + 1..close.min(lexed.code.len())).filter(own).collect();
            let ends = inside.iter().filter(|at| lexed.is(**at, ";")).count();
            if ends != 1 {
                continue;
            }
            for (rank, at) in
                inside.iter().filter(|at| matches!(lexed.word(**at), "," | ":" | ".")).enumerate()
            {
                let edit = case.replace_token(*at, ";");
                let score = w::FOR_HEADER + FURTHER_MARK * rank as f64;
                found.push(Candidate::new(MistakeId::WrongMark, score, vec![edit]));
            }
        }
    }

    /// Pascal: a `;` before `else` ends the `if` that it belongs to.
    fn before_else(&self, found: &mut Vec<Candidate>) {
        let (case, lexed) = (self.case, self.case.lexed());
        let at = case.token;
        let ended = at > 0 && lexed.is(at - 1, case.language().terminator);
        if case.language().else_unended && lexed.is(at, "else") && ended {
            let edit = case.delete_token(at - 1);
            found.push(Candidate::new(MistakeId::ExtraMark, w::FOR_HEADER, vec![edit]));
        }
    }

    /// `900. 1500`: the dot of a number that has nothing behind it was meant as a comma.
    fn dotted_number(&self, token: usize, found: &mut Vec<Candidate>) {
        let lexed = self.case.lexed();
        let here = lexed.code[token];
        let text = lexed.text(&here);
        let next = lexed.code.get(token + 1);
        let apart = next.is_some_and(|next| next.start > here.end && !next.first);
        if here.kind != TokenKind::Number || !text.ends_with('.') || !apart {
            return;
        }
        let edit = Edit::replace(self.case.file(), here.end - 1, here.end, ",");
        let score =
            w::REPLACE_LIKE + self.distance(token + 1) + w::MESSAGE_NAMES_IT + w::LAYOUT_PLACE;
        found.push(Candidate::new(MistakeId::WrongMark, score, vec![edit]));
    }

    fn swap(&self, token: usize, found: &mut Vec<Candidate>) {
        let lexed = self.case.lexed();
        let (Some(here), Some(next)) = (lexed.code.get(token), lexed.code.get(token + 1)) else {
            return;
        };
        if next.first || lexed.text(here) == lexed.text(next) {
            return;
        }
        let at = self.place[token];
        let (a, b) = (self.sequence[at].0, self.sequence[at + 1].0);
        let odd = w::PAIRS_STILL_ODD.when(self.odd);
        let gain = self.gain(at, at + 2, &[b, a]);
        if gain.value < 2.0 {
            return;
        }
        let between = lexed.source.slice(here.end, next.start).into_owned();
        let text = format!("{}{between}{}", lexed.text(next), lexed.text(here));
        let edit = Edit::replace(self.case.file(), here.start, next.end, text);
        found.push(Candidate::new(
            MistakeId::WrongOrder,
            w::SWAP + self.distance(token + 1) + gain + odd,
            vec![edit],
        ));
    }

    /// Two tokens that were meant as one (`= =`, `else if` written as one word, `+ +`), and one
    /// that was meant as two (`intx`, `elseif`).
    fn joined(&self, token: usize, found: &mut Vec<Candidate>) {
        let lexed = self.case.lexed();
        let here = lexed.code[token];
        let at = self.place[token];
        let odd = w::PAIRS_STILL_ODD.when(self.odd);
        let near = self.distance(token);
        if let Some(next) =
            lexed.code.get(token + 1).filter(|next| !next.first && next.start > here.end)
        {
            let joined = format!("{}{}", lexed.text(&here), lexed.text(next));
            let known = self.case.language().operators.contains(&joined.as_str())
                || self.case.language().is_keyword(&joined);
            if known {
                let edit = Edit::delete(self.case.file(), here.end, next.start);
                let score = w::JOIN + near.clone() + odd + self.gain(at, at + 2, &[class(&joined)]);
                found.push(Candidate::new(MistakeId::SplitMark, score, vec![edit]));
            }
        }
        if here.kind != TokenKind::Name {
            return;
        }
        let text = lexed.text(&here);
        for word in self.case.language().keywords {
            let Some(rest) = text.strip_prefix(word).filter(|rest| !rest.is_empty()) else {
                continue;
            };
            let known = self.case.language().is_keyword(rest)
                || self.case.text.names.seen.contains_key(rest)
                || word.len() > 2;
            if !known
                || !rest.starts_with(|c: char| c.is_alphabetic() || c == '_')
                || self.is_known(text)
            {
                continue;
            }
            let rest_class =
                if self.case.language().is_keyword(rest) { class(rest) } else { name_class(rest) };
            let score =
                w::JOIN + near.clone() + odd + self.gain(at, at + 1, &[class(word), rest_class]);
            let edit = self.case.insert(here.start + word.len(), " ");
            found.push(Candidate::new(MistakeId::JoinedWords, score, vec![edit]));
        }
    }

    /// A name that holds two, with a lost bracket between them: `strcmpkind` for `strcmp(kind`,
    /// `doublemost` for `double)most`.
    fn run_together(&self, token: usize, found: &mut Vec<Candidate>) {
        let lexed = self.case.lexed();
        let text = lexed.word(token);
        // What seems to be declared right here may be a header that lost its bracket.
        let names = &self.case.text.names;
        let header = names.of(text).all(|d| d.token == token)
            && names.seen.get(text).is_none_or(|seen| seen.len() == 1);
        if lexed.kind(token) != Some(TokenKind::Name) || (self.is_known(text) && !header) {
            return;
        }
        let odd =
            |mark: &str| self.case.text.pairs.odd.iter().any(|odd| lexed.word(odd.token) == mark);
        let generic = (token + 1..token + 4).any(|at| matches!(lexed.word(at), ">" | ">>"));
        if generic {
            for (at, _) in
                super::respell::splits(self.case, token).into_iter().filter(|s| s.1 >= 2.0)
            {
                let score = w::JOIN + self.distance(token) + TYPE_LIST + w::BOTH_KNOWN;
                let edit = self.case.insert(lexed.code[token].start + at, "<");
                found.push(Candidate::new(MistakeId::MissingMark, score, vec![edit]));
            }
        }
        let marks = [("(", ")"), ("[", "]"), (")", "("), ("]", "[")];
        for (lost, _) in marks.into_iter().filter(|(_, partner)| odd(partner)) {
            let declares = matches!(lexed.word(token.wrapping_sub(1)), "fn")
                || self.case.language().is_type(lexed.word(token.wrapping_sub(1)));
            for (at, parts) in super::respell::splits(self.case, token) {
                let parts = parts + if declares { 0.5 } else { 0.0 };
                if parts < 1.0 {
                    continue;
                }
                let both = w::BOTH_KNOWN.when(parts >= 2.0);
                let score = w::JOIN
                    + w::PAIRS_MENDED
                    + self.distance(token)
                    + PARTS_KNOWN * parts
                    + both
                    + LONGER_HEAD * at as f64;
                let edit = self.case.insert(lexed.code[token].start + at, lost);
                found.push(Candidate::new(MistakeId::MissingBracket, score, vec![edit]));
            }
        }
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
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

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
