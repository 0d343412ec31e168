//! Where no fix holds: the smallest part of the text around a message is blanked out in the copy, so
//! that the search can go on behind it. What the text declares there is kept where it can be.

use super::Depth;
use super::cache::CompileCache;
use super::compare::compare;
use super::trial::{Setting, Trial};
use crate::fixes::{Candidate, Case, Certainty};
use crate::score::Score;
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::lex::{Lexed, TokenKind};

/// A part that is blanked out.
pub(super) struct Blanked {
    /// The text without it, and what the compiler says of that.
    pub trial: Trial,
    /// Whether it is more than one statement.
    pub wide: bool,
}

/// A part of a text that may be blanked out, from the token `first` to `last`.
struct Stretch {
    first: usize,
    last: usize,
    /// What stands in its place.
    by: &'static str,
    wide: bool,
}

/// The smallest stretch without which the message is gone and nothing of its phase is new.
pub(super) fn blank_out(
    case: &Case,
    setting: &Setting,
    cache: &mut CompileCache,
) -> Option<Blanked> {
    for stretch in stretches(case, setting.phase) {
        if cache.expired() {
            return None;
        }
        let edits = vec![stretch.edit(&case.text.lexed)];
        let program = edit::apply(setting.program, &edits).ok()?;
        let Some(report) = cache.report(&program, Depth::Errors) else { continue };
        let old = &setting.report.messages;
        let difference = compare(old, setting.program, &report.messages, &program, &[&edits]);
        let worse = difference.new.iter().any(|index| {
            let message = &report.messages[*index];
            let diagnosis = setting.diagnoser.diagnose(message);
            // What only the blanked part used is not used any more.
            let unused = diagnosis.shows(MistakeId::UnusedName);
            message.is_error() && diagnosis.phase <= setting.phase && !unused
        });
        if difference.gone.contains(&setting.target) && !worse {
            let candidate = Candidate {
                edits,
                mistake: MistakeId::Other,
                certainty: Certainty::Guess,
                score: Score::default(),
                others: 0.0,
                target: None,
                then: Vec::new(),
            };
            let trial =
                Trial { candidate, program, report, difference, total: 0.0, objection: true };
            return Some(Blanked { trial, wide: stretch.wide });
        }
    }
    None
}

impl Stretch {
    fn edit(&self, lexed: &Lexed) -> Edit {
        let (from, to) = (lexed.code[self.first].start, lexed.code[self.last].end);
        // Line ends stay, so that places stay.
        let ends: String = lexed.source.slice(from, to).chars().filter(|c| *c == '\n').collect();
        Edit::replace(lexed.source.name(), from, to, format!("{}{ends}", self.by))
    }
}

/// What may be blanked out around a message, the smallest first.
fn stretches(case: &Case, phase: Phase) -> Vec<Stretch> {
    let lexed = &case.text.lexed;
    let mut all = match lexed.language.layout {
        // Where the text does not read as code at the start of an item, the one before did not end.
        true if phase <= Phase::Syntax && lexed.code[case.token].first && case.token > 0 => {
            let mut before = items(lexed, case.token - 1);
            before.extend(items(lexed, case.token));
            before
        }
        true => items(lexed, case.token),
        false => statements(case, phase),
    };
    let mut open = case.text.pairs.block_of(lexed, case.token);
    while let Some(at) = open {
        if let Some(close) = case.text.pairs.partner[at].filter(|close| *close > at + 1) {
            all.push(Stretch { first: at + 1, last: close - 1, by: "", wide: true });
        }
        open = case.text.pairs.block_of(lexed, at);
    }
    all.retain(|stretch| stretch.first <= stretch.last);
    all
}

/// The statement around a message; where the text does not read as code, with the one before.
fn statements(case: &Case, phase: Phase) -> Vec<Stretch> {
    let lexed = &case.text.lexed;
    let (first, last) = statement(lexed, case.token);
    let never = lexed.language.never;
    let mut all = Vec::new();
    if lexed.opens_block(last)
        && let Some(close) = case.text.pairs.partner[last]
    {
        all.push(Stretch { first, last: close, by: "", wide: false });
    }
    // The end of a path stays one.
    let gives_back = lexed.language.body_is_value && lexed.closes_block(last + 1);
    if !never.is_empty() && (lexed.is(first, "return") || gives_back) {
        all.push(Stretch { first, last, by: never, wide: false });
    }
    all.push(Stretch { first, last, by: "", wide: false });
    if phase <= Phase::Syntax && first > 0 {
        let before = statement(lexed, first - 1).0;
        all.push(Stretch { first: before, last, by: "", wide: false });
    }
    all
}

/// The first and the last token of the statement that a token stands in.
fn statement(lexed: &Lexed, token: usize) -> (usize, usize) {
    let mut first = token;
    while first > 0
        && !lexed.divides(first - 1)
        && !lexed.starts_line(first)
        && lexed.code[first - 1].kind != TokenKind::Directive
    {
        first -= 1;
    }
    let mut last = token;
    while last + 1 < lexed.code.len()
        && !lexed.divides(last)
        && !lexed.starts_line(last + 1)
        && !lexed.closes_block(last + 1)
    {
        last += 1;
    }
    (first, last)
}

/// Where the indentation makes the blocks: the items that a token stands in, from the inside out.
/// Of what is bound, the value is blanked out before the whole.
fn items(lexed: &Lexed, token: usize) -> Vec<Stretch> {
    let never = lexed.language.never;
    let starts: Vec<usize> = (0..lexed.code.len()).filter(|at| lexed.code[*at].first).collect();
    let indent = |at: usize| lexed.source.indent(lexed.code[at].line).unwrap_or(0);
    let mut row = starts.partition_point(|start| *start <= token).saturating_sub(1);
    let mut all = Vec::new();
    loop {
        let Some(first) = starts.get(row).copied() else { return all };
        let column = indent(first);
        let next = starts[row + 1..].iter().find(|at| indent(**at) <= column);
        let last = next.map_or(lexed.code.len(), |next| *next).saturating_sub(1);
        let mut depth = 0;
        let bound = (first..token).find(|at| {
            match lexed.kind(*at) {
                Some(TokenKind::Open) => depth += 1,
                Some(TokenKind::Close) => depth -= 1,
                _ => {}
            }
            depth <= 0 && matches!(lexed.word(*at), "=" | "->" | "<-")
        });
        if let Some(bound) = bound.filter(|_| !never.is_empty()) {
            all.push(Stretch { first: bound + 1, last, by: never, wide: false });
        }
        if column > 0 && !never.is_empty() {
            all.push(Stretch { first, last, by: never, wide: false });
        }
        all.push(Stretch { first, last, by: "", wide: column == 0 });
        if column == 0 {
            return all;
        }
        let Some(outer) = (0..row).rev().find(|row| indent(starts[*row]) < column) else {
            return all;
        };
        row = outer;
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_syntax::language::by_id;
    use erratum_syntax::source::Source;

    fn blanked(language: &str, text: &str, at: &str) -> Vec<String> {
        let lexed =
            Lexed::new(&Source::new("tide", text.as_bytes().to_vec()), by_id(language).unwrap());
        let token = lexed.at(text.find(at).unwrap());
        let edit = |stretch: &Stretch| {
            let edit = stretch.edit(&lexed);
            format!("{}{}{}", &text[..edit.start], edit.text, &text[edit.end..])
        };
        items(&lexed, token).iter().map(edit).collect()
    }

    #[test]
    fn a_value_is_blanked_before_what_it_is_bound_to() {
        let text = "low :: Int\nlow = deep\n  where\n    deep = tide 3\n\nhigh = 4\n";
        let all = blanked("haskell", text, "tide");
        assert_eq!(all[0], text.replace("tide 3", "undefined"));
        assert_eq!(all[1], text.replace("deep = tide 3", "undefined"));
        assert!(all.contains(&text.replace("deep\n  where\n    deep = tide 3", "undefined\n\n")));
    }

    #[test]
    fn a_step_is_blanked_before_the_steps_around_it() {
        let text = "main = do\n  print tide\n  print 3\n";
        let all = blanked("haskell", text, "tide");
        assert_eq!(all[0], text.replace("print tide", "undefined"));
    }

    fn statement_at(language: &str, text: &str, at: &str) -> String {
        let source = Source::new("tide", text.as_bytes().to_vec());
        let lexed = Lexed::new(&source, by_id(language).unwrap());
        let (first, last) = statement(&lexed, lexed.at(text.find(at).unwrap()));
        text[lexed.code[first].start..lexed.code[last].end].to_owned()
    }

    #[test]
    fn a_statement_ends_with_its_mark_or_its_line() {
        let text = "func low() {\n\ttide := 3\n\tprint(tide)\n}\n";
        assert_eq!(statement_at("go", text, "tide)"), "print(tide)");
        let text = "int low() { int tide = 3; return\n tide; }\n";
        assert_eq!(statement_at("c", text, "tide; }"), "return\n tide;");
    }
}
