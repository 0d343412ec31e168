//! A program that was written wrong by hand, in one text with what was meant.
//!
//! `⟪wrong⟶right⟫` stands where a mistake is; `⟪wrong⟶right⟶also right⟫` where there are several fair
//! readings, with `≡` in front of one that means the same as the first. Without the right parts the text is the wrong program, with the first of them the sound
//! one.

use erratum_syntax::language::Language;
use erratum_syntax::lex::Lexed;
use erratum_syntax::source::{Program, Source};
use erratum_syntax::{edit, edit::Edit};
use similar::{Algorithm, DiffOp, capture_diff_slices};
use std::error::Error;

const OPEN: char = '⟪';
const TO: char = '⟶';
const SAME: char = '≡';
const CLOSE: char = '⟫';

/// How many mistakes a fix may touch with every reading of each held against it.
const TOUCHED: usize = 3;

/// A piece of the text.
#[derive(Clone)]
enum Piece {
    Same(String),
    Mistake { wrong: String, readings: Vec<String>, meanings: usize },
}

/// A mistake in the wrong text.
pub struct Mistake {
    /// The lines on which a root is on its line, from 1, both included.
    pub lines: (u32, u32),
    /// How many readings are fair.
    readings: usize,
    /// How many of them mean something else than the ones before.
    pub meanings: usize,
}

/// A program with its mistakes.
pub struct Marked {
    name: String,
    language: &'static Language,
    pieces: Vec<Piece>,
    /// The mistakes, in order of the text.
    pub mistakes: Vec<Mistake>,
}

impl Marked {
    /// Reads a marked text.
    ///
    /// # Errors
    /// When a mark is without its partner, or a mistake says nothing else than the text.
    pub fn read(
        name: &str,
        text: &str,
        language: &'static Language,
    ) -> Result<Marked, Box<dyn Error>> {
        let mut pieces = Vec::new();
        let mut rest = text;
        while let Some((same, marked)) = rest.split_once(OPEN) {
            let (inside, after) =
                marked.split_once(CLOSE).ok_or_else(|| format!("{name}: {OPEN} is not closed"))?;
            let mut parts = inside.split(TO).map(str::to_owned);
            let wrong = parts.next().unwrap_or_default();
            let mut meanings = 1;
            let readings: Vec<String> = parts
                .enumerate()
                .map(|(at, reading)| match reading.strip_prefix(SAME) {
                    Some(same) => same.to_owned(),
                    None => {
                        meanings += usize::from(at > 0);
                        reading
                    }
                })
                .collect();
            if readings.is_empty() || readings.contains(&wrong) {
                return Err(format!("{name}: `{inside}` names no other reading").into());
            }
            pieces.push(Piece::Same(same.to_owned()));
            pieces.push(Piece::Mistake { wrong, readings, meanings });
            rest = after;
        }
        pieces.push(Piece::Same(rest.to_owned()));
        if text.matches(CLOSE).count() * 2 + 1 != pieces.len() {
            return Err(format!("{name}: {CLOSE} without {OPEN}").into());
        }
        let mistakes = places(&pieces);
        Ok(Marked { name: name.to_owned(), language, pieces, mistakes })
    }

    /// The program as it was written.
    pub fn wrong(&self) -> Source {
        self.text(|_| None)
    }

    /// The program as it was meant, with the first reading of each mistake.
    pub fn sound(&self) -> Source {
        self.text(|_| Some(0))
    }

    /// The program with this mistake only: the others are as they were meant.
    pub fn alone(&self, mistake: usize) -> Marked {
        let pieces = self.pieces.iter().enumerate().map(|(at, piece)| match piece {
            Piece::Mistake { readings, .. } if at / 2 != mistake => {
                Piece::Same(readings[0].clone())
            }
            other => other.clone(),
        });
        // Texts side by side are one: a mistake looks at what stands right before and behind it.
        let mut joined: Vec<Piece> = Vec::new();
        for piece in pieces {
            match (joined.last_mut(), piece) {
                (Some(Piece::Same(before)), Piece::Same(more)) => before.push_str(&more),
                (_, piece) => joined.push(piece),
            }
        }
        Marked {
            name: self.name.clone(),
            language: self.language,
            mistakes: places(&joined),
            pieces: joined,
        }
    }

    /// The text with a reading of each mistake; as it was written where there is none.
    fn text(&self, reading: impl Fn(usize) -> Option<usize>) -> Source {
        let mut text = String::new();
        for (at, piece) in self.pieces.iter().enumerate() {
            text.push_str(match piece {
                Piece::Same(same) => same,
                Piece::Mistake { wrong, readings, .. } => match reading(at / 2) {
                    Some(which) => &readings[which.min(readings.len() - 1)],
                    None => wrong,
                },
            });
        }
        Source::new(self.name.as_str(), text.into_bytes())
    }

    /// The mistake of each root, by its line. Of several on one line each root has one that no other
    /// has, as long as there is one.
    pub fn each_at(&self, roots: impl Iterator<Item = u32>) -> Vec<Option<usize>> {
        let mut all: Vec<Option<usize>> = Vec::new();
        for line in roots {
            let on_line = |at: &usize| {
                let (first, last) = self.mistakes[*at].lines;
                (first..=last).contains(&line)
            };
            let there = || (0..self.mistakes.len()).filter(on_line);
            let free = there().find(|at| !all.contains(&Some(*at)));
            all.push(free.or_else(|| there().next()));
        }
        all
    }

    /// Whether edits lie on the shortest way from the wrong text to a fair one: they put in and take
    /// out nothing, in tokens, that would have to be put back.
    pub fn right(&self, edits: &[Edit]) -> bool {
        let wrong = self.wrong();
        let Ok(after) = edit::apply(&Program::single(wrong.clone()), edits) else { return false };
        let Some(after) = after.file(&self.name) else { return false };
        let fair = self.fair(&wrong, edits);
        [false, true].into_iter().any(|breaks| {
            let words = |source: &Source| self.words(source, breaks);
            let (before, now) = (words(&wrong), words(after));
            let step = apart(&before, &now);
            fair.iter().any(|meant| {
                let meant = words(meant);
                step > 0 && step + apart(&now, &meant) == apart(&before, &meant)
            })
        })
    }

    /// Whether a text is fair in all places, in tokens.
    pub fn restored(&self, text: &Source) -> bool {
        let now = self.words(text, false);
        let all: Vec<usize> = (0..self.mistakes.len()).collect();
        // Each place for itself: from the sound text, the reading that brings it nearest.
        let mut chosen = vec![0; self.mistakes.len()];
        for at in all {
            let nearest = (0..self.mistakes[at].readings).min_by_key(|which| {
                let meant = self.text(|m| Some(if m == at { *which } else { chosen[m] }));
                apart(&now, &self.words(&meant, false))
            });
            chosen[at] = nearest.unwrap_or(0);
        }
        apart(&now, &self.words(&self.text(|m| Some(chosen[m])), false)) == 0
    }

    /// The fair texts that differ in the mistakes that edits touch.
    fn fair(&self, wrong: &Source, edits: &[Edit]) -> Vec<Source> {
        let lines = |edit: &Edit| (wrong.line_of(edit.start), wrong.line_of(edit.end));
        let near = |mistake: &Mistake| {
            edits
                .iter()
                .map(lines)
                .any(|(first, last)| first <= mistake.lines.1 + 1 && last + 1 >= mistake.lines.0)
        };
        let touched: Vec<usize> = (0..self.mistakes.len())
            .filter(|at| self.mistakes[*at].readings > 1 && near(&self.mistakes[*at]))
            .take(TOUCHED)
            .collect();
        let mut all: Vec<Vec<usize>> = vec![vec![0; self.mistakes.len()]];
        for at in touched {
            let more = |chosen: &Vec<usize>| {
                let chosen = chosen.clone();
                (0..self.mistakes[at].readings).map(move |which| {
                    let mut chosen = chosen.clone();
                    chosen[at] = which;
                    chosen
                })
            };
            all = all.iter().flat_map(more).collect();
        }
        all.into_iter().map(|chosen| self.text(|at| Some(chosen[at]))).collect()
    }

    /// Whether a text in the wrong program does not end on its line: then what follows reads as text,
    /// and its tokens tell nothing.
    fn runs_on(&self) -> bool {
        let wrong = self.wrong();
        let lexed = Lexed::new(&wrong, self.language);
        (0..lexed.code.len()).any(|at| lexed.word(at).contains('\n'))
    }

    /// The tokens of a text; with `breaks`, the starts of lines are tokens, too, where lines say what
    /// belongs together.
    fn words(&self, source: &Source, breaks: bool) -> Vec<String> {
        let lexed = Lexed::new(source, self.language);
        if self.runs_on() {
            return plain_words(&String::from_utf8_lossy(source.bytes()));
        }
        let breaks = breaks && (self.language.line_ends || self.language.layout);
        let mut lines: Vec<Vec<String>> = Vec::new();
        for (at, token) in lexed.code.iter().enumerate() {
            if token.first || lines.is_empty() {
                let indent = lexed.source.indent(token.line).unwrap_or(0);
                let start = format!("line {}", if self.language.layout { indent } else { 0 });
                lines.push(if breaks && token.first { vec![start] } else { Vec::new() });
            }
            if let Some(line) = lines.last_mut() {
                line.push(lexed.word(at).to_owned());
            }
        }
        part_imports(&mut lines);
        // What is brought in means the same in any order.
        let (mut brought, rest): (Vec<_>, Vec<_>) =
            lines.into_iter().partition(|line| brings_in(line));
        brought.sort();
        brought.into_iter().chain(rest).flatten().collect()
    }
}

/// Takes a list of imports in brackets apart: each entry is a line of its own, as it may be written.
fn part_imports(lines: &mut Vec<Vec<String>>) {
    let mut listed = false;
    lines.retain_mut(|line| {
        let mut words = line.iter().filter(|word| !word.starts_with("line "));
        let (first, second) = (words.next().cloned(), words.next().cloned());
        // A list that lost its end ends where no path stands.
        listed &= line.iter().any(|word| word.starts_with('"')) || first.as_deref() == Some(")");
        match (first.as_deref(), second.as_deref()) {
            (Some("import"), Some("(")) => listed = true,
            (Some(")"), None) if listed => listed = false,
            _ if listed => *line = ["import".to_owned()].into_iter().chain(first.clone()).collect(),
            _ => return true,
        }
        // The brackets themselves say nothing.
        first.as_deref().is_some_and(|word| !matches!(word, "import" | ")"))
    });
}

/// Whether a line only brings in what others offer: a `using` that makes something is a statement.
fn brings_in(line: &[String]) -> bool {
    let word = line.iter().find(|word| !word.starts_with("line "));
    let makes = || line.iter().any(|word| matches!(word.as_str(), "(" | "="));
    word.is_some_and(|word| match word.as_str() {
        "import" | "use" => true,
        "using" => !makes(),
        other => other.starts_with("#include"),
    })
}

/// The words and marks of a text, whatever the language makes of them.
fn plain_words(text: &str) -> Vec<String> {
    let mut all: Vec<String> = Vec::new();
    let mut within = false;
    for letter in text.chars() {
        let word = letter.is_alphanumeric() || letter == '_';
        match all.last_mut() {
            Some(last) if word && within => last.push(letter),
            _ if letter.is_whitespace() => {}
            _ => all.push(letter.to_string()),
        }
        within = word;
    }
    all
}

/// The lines of each mistake. Lines that were left out are told of the line of code before them or of
/// the line after.
fn places(pieces: &[Piece]) -> Vec<Mistake> {
    let breaks = |text: &str| text.matches('\n').count() as u32;
    let mut before = String::new();
    let mut all = Vec::new();
    for (index, piece) in pieces.iter().enumerate() {
        match piece {
            Piece::Same(text) => before.push_str(text),
            Piece::Mistake { wrong, readings, meanings } => {
                let starts = before.rsplit('\n').next().is_some_and(|line| line.trim().is_empty());
                let ends = match pieces.get(index + 1) {
                    Some(Piece::Same(text)) => {
                        text.split('\n').next().unwrap_or("").trim().is_empty()
                    }
                    _ => false,
                };
                let whole = starts && ends;
                let left_out = wrong.trim().is_empty();
                let lost = left_out && (whole || readings.iter().all(|r| r.contains('\n')));
                let line = 1 + breaks(&before);
                let first = if lost { 1 + breaks(before.trim_end()) } else { line };
                let last = line + breaks(wrong) + u32::from(lost);
                all.push(Mistake {
                    lines: (first, last),
                    readings: readings.len(),
                    meanings: *meanings,
                });
                before.push_str(wrong);
            }
        }
    }
    all
}

/// How many tokens must be put in or taken out to make one text of the other.
fn apart(a: &[String], b: &[String]) -> usize {
    let ops = capture_diff_slices(Algorithm::Myers, a, b);
    let changed = ops.iter().filter(|op| !matches!(op, DiffOp::Equal { .. }));
    changed.map(|op| op.old_range().len() + op.new_range().len()).sum()
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_syntax::language::by_id;

    fn marked(text: &str) -> Marked {
        Marked::read("quay.c", text, by_id("c").unwrap()).unwrap()
    }

    #[test]
    fn a_line_that_is_left_empty_is_one_that_was_left_out() {
        let program = marked("int low(void) {\n    go();\n    ⟪⟶return 3;⟫\n}\n");
        assert_eq!(program.mistakes[0].lines, (2, 4));
        assert_eq!(marked("int low = ⟪⟶3⟫;\nint high;\n").mistakes[0].lines, (1, 1));
    }

    #[test]
    fn a_mistake_alone_stands_on_its_line_among_what_was_meant() {
        let alone = marked(TIDE).alone(1);
        assert_eq!(alone.wrong().bytes(), b"int tide = 3;\nint low = \"2\";\nint high = 4;\n");
        assert_eq!(alone.sound().bytes(), marked(TIDE).sound().bytes());
        assert_eq!(alone.each_at([1, 2].into_iter()), [None, Some(0)]);
        assert_eq!(alone.mistakes[0].meanings, 2);
    }

    const TIDE: &str = "int tide⟪ 3⟶ = 3⟫;\nint low = ⟪\"2\"⟶2⟶'2'⟫;\nint high = 4⟪⟶;⟫\n";

    #[test]
    fn both_programs_come_out_of_one_text() {
        let tide = marked(TIDE);
        assert_eq!(tide.wrong().bytes(), b"int tide 3;\nint low = \"2\";\nint high = 4\n");
        assert_eq!(tide.sound().bytes(), b"int tide = 3;\nint low = 2;\nint high = 4;\n");
        assert_eq!(tide.each_at([2, 4, 2].into_iter()), [Some(1), None, Some(1)]);
    }

    #[test]
    fn imports_mean_the_same_in_any_order_and_with_or_without_brackets() {
        let go = |text: &str| Marked::read("quay.go", text, by_id("go").unwrap()).unwrap();
        let program = go("package quay\n\nimport (\n\t\"fmt\"\n⟪⟶\t\"os\"\n⟫)\n\nvar low = 3\n");
        let wrong = String::from_utf8(program.wrong().bytes().to_vec()).unwrap();
        let at = |text: &str| wrong.find(text).unwrap();
        let first = Edit::insert("quay.go", at("\t\"fmt\""), "\t\"os\"\n");
        let alone = Edit::insert("quay.go", at("import"), "import \"os\"\n");
        let other = Edit::insert("quay.go", at("\t\"fmt\""), "\t\"sort\"\n");
        assert!(program.right(&[first]) && program.right(&[alone]));
        assert!(!program.right(&[other]));
    }

    #[test]
    fn a_list_of_imports_that_lost_its_end_takes_nothing_with_it() {
        let text = "package quay\n\nimport (\n\t\"fmt\"\n⟪⟶)⟫\n\nvar low = ⟪hihg⟶high⟫(3)\n";
        let program = Marked::read("quay.go", text, by_id("go").unwrap()).unwrap();
        let wrong = String::from_utf8(program.wrong().bytes().to_vec()).unwrap();
        let at = wrong.find("hihg").unwrap();
        let write = |word: &str| Edit::replace("quay.go", at, at + 4, word.to_owned());
        assert!(program.right(&[write("high")]));
        assert!(!program.right(&[write("hint")]));
    }

    #[test]
    fn a_line_that_was_left_out_is_told_of_the_lines_around_it() {
        let tide = marked("int high;\nint tide(void) {\n\n⟪⟶}\n⟫int low;\nint all;\n");
        let none = None;
        assert_eq!(tide.each_at(1..=6), [none, Some(0), Some(0), Some(0), Some(0), none]);
    }

    #[test]
    fn each_mistake_of_a_line_has_a_root_of_its_own() {
        let tide = marked("int⟪⟶ tide⟫ = 3⟪⟶;⟫\n");
        assert_eq!(tide.each_at([1, 1, 1].into_iter()), [Some(0), Some(1), Some(0)]);
    }

    #[test]
    fn each_fair_reading_is_right_and_nothing_else() {
        let tide = marked(TIDE);
        let low = tide.wrong().bytes().windows(3).position(|bytes| bytes == b"\"2\"").unwrap();
        let with = |text: &str| tide.right(&[Edit::replace("quay.c", low, low + 3, text)]);
        assert!(with("2") && with("'2'"));
        assert!(!with("3") && !with("\"2\"") && !with("2 + 2"));
    }

    #[test]
    fn what_is_brought_in_has_no_order() {
        let text = "#include <stdio.h>\n⟪⟶#include <string.h>\n⟫int tide;\n";
        let tide = marked(text);
        assert!(tide.right(&[Edit::insert("quay.c", 0, "#include <string.h>\n")]));
        assert!(!tide.right(&[Edit::insert("quay.c", 0, "#include <strings.h>\n")]));
    }

    #[test]
    fn a_statement_is_nothing_that_is_brought_in() {
        let words = |line: &str| line.split(' ').map(str::to_owned).collect::<Vec<_>>();
        assert!(
            brings_in(&words("using System ;")) && brings_in(&words("import Data.List ( nub )"))
        );
        assert!(
            !brings_in(&words("using ( var log = quay )")) && !brings_in(&words("open ( quay )"))
        );
    }

    #[test]
    fn a_text_is_restored_with_any_reading() {
        let tide = marked(TIDE);
        let text = |text: &str| Source::new("quay.c", text.as_bytes().to_vec());
        assert!(tide.restored(&text("int tide = 3; int low = '2'; int high = 4;\n")));
        assert!(!tide.restored(&text("int tide = 3; int low = 3; int high = 4;\n")));
    }

    #[test]
    fn a_text_that_runs_on_hides_no_other_mistake() {
        let text = "show(`low ⟪⟶`⟫);\nshow(tides.⟪lenght⟶length⟫);\nshow(`high`);\n";
        let marked =
            Marked::read("tide.ts", text, by_id("typescript").unwrap()).expect("the marks pair");
        let wrong = marked.wrong();
        let at = String::from_utf8_lossy(wrong.bytes()).find("lenght").unwrap();
        assert!(marked.right(&[Edit::replace("tide.ts", at, at + 6, "length")]));
        assert!(!marked.right(&[Edit::replace("tide.ts", at, at + 6, "size")]));
    }

    #[test]
    fn lost_marks_are_told() {
        let read = |text: &str| Marked::read("quay.c", text, by_id("c").unwrap()).is_err();
        assert!(read("int tide⟪ = 3;\n") && read("int tide = 3⟫;\n") && read("int ⟪tide⟫ = 3;\n"));
    }
}
