//! Several odd brackets and open quotes at once: they are mended together, because the compiler
//! says the same until the last one is.
//!
//! A few repairs are carried along side by side. Each mends the first trouble that is left in its
//! text, in the ways that the other sources propose for it, until nothing is odd any more.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case, brackets, quotes, weights as w, window};
use crate::diagnose::Diagnosis;
use crate::message::{Message, Place, Severity};
use crate::score::Score;
use erratum_catalogue::Phase;
use erratum_syntax::edit::{self, Edit, PositionMap};
use erratum_syntax::lex::Lexed;
use erratum_syntax::pairs::Pairs;
use erratum_syntax::source::Program;
use erratum_syntax::text::Text;
use std::sync::Arc;

/// How many repairs are carried along.
const WIDTH: usize = 4;

/// How many ways to mend one trouble are followed.
const WAYS: usize = 5;

/// How many slips a joint repair may mend.
const DEPTH: usize = 7;

/// How many joint repairs are handed on.
const KEEP: usize = 6;

/// A text with more tokens takes too long to read again and again.
const TOKENS: usize = 12_000;

/// What each bracket or quote counts that is still odd, where repairs under way are compared.
const EACH_TROUBLE: f64 = 2.0;

/// How far behind a single change several are that lead to a sound text, too.
const BEHIND_SINGLE: f64 = 0.5;

/// A repair under way.
#[derive(Clone)]
struct Repair {
    program: Program,
    text: Arc<Text>,
    parts: Vec<Candidate>,
    score: Score,
}

/// How much of the structure of a text is odd.
fn trouble(text: &Text) -> usize {
    trouble_of(&text.lexed, &text.pairs)
}

fn trouble_of(lexed: &Lexed, pairs: &Pairs) -> usize {
    let open = lexed.code.iter().chain(&lexed.comments).filter(|token| !token.closed).count();
    pairs.odd.len() + 2 * open
}

/// Returns whether a change makes more brackets and quotes odd than are so already: the compiler may
/// be content at this place, and the trouble is only somewhere else then.
pub(super) fn breaks_pairs(case: &Case, candidate: &Candidate) -> bool {
    let lexed = case.lexed();
    let marks = |text: &str| text.contains(|c: char| "()[]{}\"'`".contains(c));
    let touches = |edit: &Edit| {
        edit.file == case.file()
            && (marks(&edit.text) || marks(&lexed.source.slice(edit.start, edit.end)))
    };
    if !candidate.then.is_empty()
        || lexed.code.len() > TOKENS
        || !candidate.edits.iter().any(touches)
    {
        return false;
    }
    let Ok(program) = edit::apply(case.program, &candidate.edits) else { return false };
    let Some(source) = program.file(case.file()) else { return false };
    let now = Lexed::new(source, case.language());
    trouble_of(&now, &Pairs::thorough(&now)) > trouble(&case.text)
}

/// The token at which the first trouble shows.
fn first_trouble(text: &Text) -> Option<usize> {
    let odd = text.pairs.odd.first().map(|odd| odd.token);
    let open = text.lexed.code.iter().position(|token| !token.closed);
    // An open text swallows brackets: what is odd before it is odd because of it.
    open.or(odd)
}

pub(super) static FAMILY: Family = Family {
    id: "structure",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn main() {\n    let a = f(1;\n    if a > 2 {\n        g(a;\n    <|>}\n}\n",
        message: "mismatched closing delimiter: `}`",
        after: "fn main() {\n    let a = f(1);\n    if a > 2 {\n        g(a);\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let size = case.lexed().code.len();
    let open = case.lexed().code.iter().any(|token| !token.closed);
    let behind = case.odd().next().is_none() && !open;
    if trouble(&case.text) < 2 || size > TOKENS || behind {
        return;
    }
    let start = Repair {
        program: case.program.clone(),
        text: case.text.clone(),
        parts: Vec::new(),
        score: Score::default(),
    };
    let mut open = vec![start];
    let mut done: Vec<Repair> = Vec::new();
    for _ in 0..DEPTH {
        let mut next: Vec<Repair> = open.iter().flat_map(|repair| further(repair, case)).collect();
        let rank =
            |repair: &Repair| repair.score.total() - EACH_TROUBLE * trouble(&repair.text) as f64;
        next.sort_by(|a, b| rank(b).total_cmp(&rank(a)));
        let (sound, odd): (Vec<Repair>, Vec<Repair>) =
            next.into_iter().partition(|repair| trouble(&repair.text) == 0);
        done.extend(sound);
        open = odd;
        open.truncate(WIDTH);
        if open.is_empty() {
            break;
        }
    }
    // Where one change alone leaves nothing odd, several are not likelier than that one.
    let single = done.iter().filter(|repair| repair.parts.len() == 1);
    let single = single.map(|repair| repair.score.total());
    let most = single.fold(
        f64::INFINITY,
        |least, score| if least.is_finite() { least.max(score) } else { score },
    );
    done.retain(|repair| repair.parts.len() > 1);
    for repair in &mut done {
        let score = std::mem::take(&mut repair.score);
        repair.score = score.at_most(most - BEHIND_SINGLE, "one change alone would do");
    }
    done.sort_by(|a, b| b.score.total().total_cmp(&a.score.total()));
    done.truncate(KEEP);
    for repair in done {
        let mut parts = repair.parts.into_iter();
        if let Some(mut first) = parts.next() {
            first.then = parts.collect();
            first.score = repair.score;
            all.push(first);
        }
    }
}

/// The ways to mend the first trouble of a repair.
fn further(repair: &Repair, case: &Case) -> Vec<Repair> {
    let Some(token) = first_trouble(&repair.text) else { return Vec::new() };
    let lexed = &repair.text.lexed;
    let mut message = Message::new(Severity::Error, "");
    let at = lexed.code[token];
    message.at = Some(Place::of(&lexed.source, at.start, at.end));
    let text = repair.text.clone();
    let diagnosis = Diagnosis { phase: Phase::Syntax, ..Diagnosis::default() };
    let Some(here) = Case::new(&repair.program, text, &message, &[], &diagnosis) else {
        return Vec::new();
    };
    let mut ways = Vec::new();
    quotes::propose(&here, &mut ways);
    // Brackets that an open text has swallowed are not odd by themselves: the quote comes first.
    if at.closed || ways.is_empty() {
        brackets::propose(&here, &mut ways);
        window::around(&here, &mut ways);
    }
    ways.retain(|way| !super::silences(&here, way));
    ways.sort_by(|a, b| b.score.total().total_cmp(&a.score.total()));
    let now = trouble(&repair.text);
    let mut found = Vec::new();
    for way in ways.into_iter().take(3 * WAYS) {
        if found.len() == WAYS {
            break;
        }
        let Ok(program) = edit::apply(&repair.program, &way.edits) else { continue };
        let Some(source) = program.file(lexed.source.name()) else { continue };
        let text = Arc::new(Text::new(source, case.language()));
        if trouble(&text) >= now || touches(&repair.parts, &way) {
            continue;
        }
        let more = w::EACH_PART.when(!repair.parts.is_empty());
        let mut parts = repair.parts.clone();
        let score = repair.score.clone() + way.score.clone() + more;
        parts.push(way);
        found.push(Repair { program, text, parts, score });
    }
    found
}

/// Whether a change falls upon what an earlier part put in: then that part was wrong.
fn touches(parts: &[Candidate], way: &Candidate) -> bool {
    parts.iter().enumerate().any(|(number, part)| {
        part.edits.iter().filter(|edit| !edit.text.is_empty()).any(|edit| {
            let mut end = PositionMap::new(&edit.file, &part.edits).forward(edit.end);
            let mut start = end.saturating_sub(edit.text.len());
            for later in &parts[number + 1..] {
                let map = PositionMap::new(&edit.file, &later.edits);
                (start, end) = (map.forward(start), map.forward(end));
            }
            way.edits.iter().any(|new| {
                new.file == edit.file && new.start < end && new.end > start && new.start != new.end
            })
        })
    })
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_no_fix};
    use super::FAMILY;

    #[test]
    fn two_braces_of_nested_blocks_come_back() {
        check_among(
            &FAMILY,
            "rust",
            "fn main() {\n    if a > 2 {\n        g(a);\n    while a > 3 {\n        g(a);\n}\n<|>",
            "this file contains an unclosed delimiter",
            "fn main() {\n    if a > 2 {\n        g(a);\n    }\n    while a > 3 {\n        g(a);\n    }\n}\n",
        );
    }

    #[test]
    fn two_parentheses_of_one_line_come_back() {
        check_among(
            &FAMILY,
            "c",
            "int up(int t) {\n    return rise(deep(t<|>;\n}\n",
            "expected ')' before ';' token",
            "int up(int t) {\n    return rise(deep(t));\n}\n",
        );
    }

    #[test]
    fn three_lines_that_lost_a_bracket_each() {
        check_among(
            &FAMILY,
            "rust",
            "fn main() {\n    f(1;\n    f(2;\n    f(3;\n<|>}\n",
            "mismatched closing delimiter: `}`",
            "fn main() {\n    f(1);\n    f(2);\n    f(3);\n}\n",
        );
    }

    #[test]
    fn one_odd_bracket_is_for_others() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int t) {\n    return rise(t<|>;\n}\n",
            "expected ')' before ';' token",
        );
    }

    #[test]
    fn brackets_that_pair_are_left_alone() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int t) {\n    return rise(t)\n<|>}\n",
            "expected ';' before '}' token",
        );
    }

    #[test]
    fn an_error_of_names_is_for_others() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int t) {\n    return rise(deep(<|>t;\n}\n",
            "'t' undeclared (first use in this function)",
        );
    }
}
