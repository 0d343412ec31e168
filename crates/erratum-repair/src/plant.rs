//! Plants mistakes in sound programs: the slips people make, each with the truth about it.
//!
//! Every kind of slip is a function that finds all places of a text where it could be made. A seed
//! picks among them, so that the same seed always plants the same mistake.

mod kinds;
mod letters;

use erratum_syntax::edit::{self, Edit};
use erratum_syntax::language::Language;
use erratum_syntax::source::{Program, Source};
use erratum_syntax::text::Text;

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
    /// The edits that mend it, in places of [`Planted::source`].
    pub reverse: Vec<Edit>,
    /// The text with the mistake; of a set, the text with all of them.
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
    let edits = pick(&text, slip, &mut random)?;
    with_truth(source, language, vec![(slip.name, edits)])?.pop()
}

/// Plants several slips, each in a statement of its own, of kinds that the seed picks. `objects` is
/// asked for each slip, planted alone, whether it is a mistake at all: a compiler has no objection
/// to some. Nothing if the text has no room for so many.
///
/// All of the set have the same [`Planted::source`], and their lines and reverse edits are places of
/// that.
pub fn plant_set(
    source: &Source,
    language: &'static Language,
    count: usize,
    seed: u64,
    objects: &mut dyn FnMut(&Planted) -> bool,
) -> Option<Vec<Planted>> {
    let text = Text::new(source, language);
    let mut random = fastrand::Rng::with_seed(seed);
    let kinds: Vec<&Slip> = KINDS.iter().filter(|slip| slip.fits(language)).collect();
    let mut chosen: Vec<(&'static str, Vec<Edit>)> = Vec::new();
    let mut taken: Vec<(usize, usize)> = Vec::new();
    for _ in 0..count * ATTEMPTS {
        if chosen.len() == count {
            break;
        }
        let slip = kinds[random.usize(..kinds.len())];
        let Some(edits) = pick(&text, slip, &mut random) else { continue };
        let room = statement(&text, &edits);
        let free = taken.iter().all(|(start, end)| room.1 < *start || *end < room.0);
        // The same kind three times over would be a text nobody writes.
        let often = chosen.iter().filter(|(kind, _)| *kind == slip.name).count() >= 2;
        if !free || often {
            continue;
        }
        let alone = with_truth(source, language, vec![(slip.name, edits.clone())]);
        if alone.is_some_and(|alone| objects(&alone[0])) {
            taken.push(room);
            chosen.push((slip.name, edits));
        }
    }
    if chosen.len() < count {
        return None;
    }
    chosen.sort_by_key(|(_, edits)| edits.iter().map(|edit| edit.start).min());
    with_truth(source, language, chosen)
}

/// How many slips are drawn for each that a set needs.
const ATTEMPTS: usize = 12;

/// One of the places where a slip can be made.
fn pick(text: &Text, slip: &Slip, random: &mut fastrand::Rng) -> Option<Vec<Edit>> {
    let mut places = (slip.places)(text, random);
    if places.is_empty() {
        return None;
    }
    Some(places.swap_remove(random.usize(..places.len())))
}

/// The lines of the statement around some edits, first and last.
fn statement(text: &Text, edits: &[Edit]) -> (usize, usize) {
    let lexed = &text.lexed;
    let start = edits.iter().map(|edit| edit.start).min().unwrap_or(0);
    let end = edits.iter().map(|edit| edit.end).max().unwrap_or(start);
    let layout = lexed.language.layout;
    let starts = |at: usize| lexed.starts_line(at) || (layout && lexed.code[at].first);
    let is_end = |at: usize| lexed.divides(at);
    let mut first = lexed.at(start);
    while first > 0 && !is_end(first - 1) && !starts(first) {
        first -= 1;
    }
    let mut last = lexed.at(end);
    while last + 1 < lexed.code.len() && !is_end(last) && !starts(last + 1) {
        last += 1;
    }
    let line = |at: usize| lexed.code.get(at).map_or(0, |token| token.line as usize);
    let (a, b) = (lexed.source.line_of(start) as usize, lexed.source.line_of(end) as usize);
    (line(first).min(a), line(last).max(b))
}

/// Makes the changes and works out the truth about each; nothing if they change nothing or meet.
fn with_truth(
    source: &Source,
    language: &'static Language,
    chosen: Vec<(&'static str, Vec<Edit>)>,
) -> Option<Vec<Planted>> {
    let program = Program::single(source.clone());
    let all: Vec<Edit> = chosen.iter().flat_map(|(_, edits)| edits.iter().cloned()).collect();
    let wrong = edit::apply(&program, &all).ok()?.files.remove(0);
    let mut reverse = edit::inverse(&program, &all).into_iter();
    let mut planted = Vec::new();
    for (kind, edits) in chosen {
        let changes = edits
            .iter()
            .any(|edit| source.slice(edit.start, edit.end).as_ref() != edit.text.as_str());
        if !changes {
            return None;
        }
        let reverse: Vec<Edit> = reverse.by_ref().take(edits.len()).collect();
        let mut lines = true_lines(&wrong, &reverse);
        if kind == kinds::LOST_IMPORT {
            // An import may stand anywhere among the others, and above the first definition.
            lines.extend(kinds::import_lines(&wrong, language));
            lines.extend(1..=lines.iter().copied().max().unwrap_or(1));
            lines.sort_unstable();
            lines.dedup();
        }
        planted.push(Planted { kind, edits, reverse, source: wrong.clone(), lines });
    }
    Some(planted)
}

/// The lines of the changed text on which the change shows. Where a whole line is gone, those on
/// both sides of the gap.
fn true_lines(wrong: &Source, reverse: &[Edit]) -> Vec<u32> {
    let mut lines = Vec::new();
    for edit in reverse {
        let line = wrong.line_of(edit.start);
        // A mark at the start of a line could as well stand at the end of the line before.
        let leads = wrong.slice(wrong.line_start(line), edit.start).trim().is_empty();
        if leads && edit.start == edit.end && !edit.text.contains('\n') && line > 1 {
            lines.push(line - 1);
        }
        lines.extend(line..=wrong.line_of(edit.end.max(edit.start + 1) - 1).max(line));
        if edit.text.ends_with('\n') && edit.start == edit.end {
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
    use erratum_syntax::language::by_id;

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

    #[test]
    fn a_set_has_its_mistakes_apart_and_each_can_be_taken_back() {
        let mut text = String::from("#include <stdio.h>\n\nint main(void) {\n");
        for n in 0..20 {
            text.push_str(&format!("    int fare{n} = {n};\n    printf(\"%d\\n\", fare{n});\n"));
        }
        text.push_str("    return 0;\n}\n");
        let source = Source::new("fare.c", text.as_bytes());
        let language = by_id("c").unwrap();
        for seed in 0..10 {
            let set = plant_set(&source, language, 6, seed, &mut |_| true).unwrap();
            assert_eq!(set.len(), 6);
            let reverse: Vec<Edit> = set.iter().flat_map(|one| one.reverse.clone()).collect();
            let wrong = Program::single(set[0].source.clone());
            let back = edit::apply(&wrong, &reverse).unwrap();
            assert_eq!(back.files[0].bytes(), source.bytes());
            for one in &set {
                assert!(one.source.bytes() != source.bytes());
                assert!(!one.lines.is_empty());
            }
        }
        assert!(plant_set(&source, language, 3, 1, &mut |_| false).is_none());
    }
}
