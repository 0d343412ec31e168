//! Plants mistakes in sound programs: the slips people make, each with the truth about it.
//!
//! Every kind of slip is a function that finds all places of a text where it could be made. A seed
//! picks among them, so that the same seed always plants the same mistake.

mod kinds;
mod letters;

use crate::edit::Edit;
use crate::language::Language;
use crate::propose::Text;
use crate::source::{Program, Source};

pub use kinds::KINDS;

/// A kind of slip.
pub struct Slip {
    /// Its name.
    pub name: &'static str,
    /// Short names of the languages in which it can be made; empty for all.
    pub languages: &'static [&'static str],
    /// All places where it could be made in a text.
    pub(crate) places: fn(&Text, &mut fastrand::Rng) -> Vec<Vec<Edit>>,
}

/// A mistake that was planted, with the truth about it.
#[derive(Clone, Debug)]
pub struct Planted {
    /// The kind of slip.
    pub kind: &'static str,
    /// What was done to the sound text.
    pub edits: Vec<Edit>,
    /// The text with the mistake.
    pub source: Source,
    /// The lines of that text, from 1, on which a person would look for it.
    pub lines: Vec<u32>,
}

impl Slip {
    /// Whether it can be made in a language.
    pub fn fits(&self, language: &Language) -> bool {
        self.languages.is_empty() || self.languages.contains(&language.id)
    }
}

/// Plants one slip of a kind; nothing if the text has no place for it.
pub fn plant(
    source: &Source,
    language: &'static Language,
    slip: &Slip,
    seed: u64,
) -> Option<Planted> {
    let text = Text::new(source, language);
    let mut random = fastrand::Rng::with_seed(seed);
    let mut places = (slip.places)(&text, &mut random);
    if places.is_empty() {
        return None;
    }
    let edits = places.swap_remove(random.usize(..places.len()));
    let program = Program::single(source.clone());
    let wrong = crate::edit::apply(&program, &edits).ok()?.files.remove(0);
    if wrong.bytes() == source.bytes() {
        return None;
    }
    let lines = true_lines(source, &wrong, &edits);
    Some(Planted { kind: slip.name, edits, source: wrong, lines })
}

/// The lines of the changed text on which the change shows. Where a whole line is gone, those on
/// both sides of the gap.
fn true_lines(source: &Source, wrong: &Source, edits: &[Edit]) -> Vec<u32> {
    let mut lines = Vec::new();
    for edit in edits {
        let map = crate::edit::PositionMap::new(source.name(), edits);
        let end = map.forward(edit.end).min(wrong.bytes().len());
        let start = end.saturating_sub(edit.text.len());
        let gone = source.slice(edit.start, edit.end);
        let line = wrong.line_of(start);
        lines.extend(line..=wrong.line_of(end.max(start + 1) - 1).max(line));
        if gone.ends_with('\n') && edit.text.is_empty() {
            lines.extend([line.saturating_sub(1).max(1), line]);
        }
    }
    lines.sort_unstable();
    lines.dedup();
    lines
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::language::by_id;

    #[test]
    fn a_seed_plants_the_same_mistake_again_and_its_lines_are_inside() {
        let text = "#include <stdio.h>\n\n// Fares.\nint main(void) {\n    int fare = 3;\n    if (fare == 3) {\n        printf(\"%d\\n\", fare);\n    }\n    return 0;\n}\n";
        let source = Source::new("fare.c", text.as_bytes());
        let language = by_id("c").unwrap();
        let mut planted = 0;
        for slip in KINDS.iter().filter(|slip| slip.fits(language)) {
            for seed in 0..5 {
                let one = plant(&source, language, slip, seed);
                let again = plant(&source, language, slip, seed);
                assert_eq!(
                    one.as_ref().map(|p| p.source.bytes()),
                    again.as_ref().map(|p| p.source.bytes())
                );
                if let Some(one) = one {
                    planted += 1;
                    assert!(!one.lines.is_empty(), "{}", slip.name);
                    assert!(
                        one.lines.iter().all(|l| (1..=one.source.line_count() + 1).contains(l)),
                        "{}",
                        slip.name
                    );
                }
            }
        }
        assert!(planted > 80);
        assert!(KINDS.len() >= 35);
    }
}
