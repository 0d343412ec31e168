//! A made-up class: what its learners hand in for one exercise. The same every time.

use crate::kind::{named, usual};
use crate::programs::{Size, of_size};
use erratum_repair::plant::{plant, plant_set};
use erratum_syntax::language::Language;
use erratum_syntax::source::Source;

/// Who is in the class.
const NAMES: &[&str] = &[
    "auk",
    "avocet",
    "bittern",
    "coot",
    "cormorant",
    "curlew",
    "dipper",
    "diver",
    "dunlin",
    "eider",
    "fulmar",
    "gannet",
    "godwit",
    "goosander",
    "grebe",
    "guillemot",
    "gull",
    "heron",
    "kittiwake",
    "knot",
    "lapwing",
    "merganser",
    "noddy",
    "osprey",
    "oystercatcher",
    "pelican",
    "petrel",
    "pintail",
    "plover",
    "pochard",
    "puffin",
    "rail",
    "razorbill",
    "redshank",
    "ruff",
    "sanderling",
    "scoter",
    "shag",
    "skua",
    "tern",
];

/// Slips that several make at the same place, as a class does that misread the exercise.
const SHARED: &[(&str, u64)] =
    &[("lost-terminator", 5), ("misspelt-name", 3), ("lost-separator", 7)];

/// How many make each of the shared ones.
const EACH: usize = 5;

/// Returns what each learner handed in, by their names; nothing if no program in the language ships.
///
/// A third of them is sound, some share a slip, a few are stuck with several.
pub fn class(language: &'static Language) -> Vec<(&'static str, Source)> {
    let Some(sound) = of_size(language, Size::Middle).into_iter().next() else { return Vec::new() };
    let shared: Vec<Source> = SHARED
        .iter()
        .filter_map(|(kind, seed)| Some(plant(&sound, language, named(kind)?, *seed)?.source))
        .collect();
    let slips: Vec<_> = usual(language).collect();
    let hand_in = |at: usize| -> Source {
        // Not one after the other: neighbours in the list did not all do the same.
        let place = at * 7 % NAMES.len();
        let (few, many) = (shared.len() * EACH, NAMES.len() / 3);
        if place < few {
            return shared[place / EACH].clone();
        }
        if place < few + many {
            return sound.clone();
        }
        let seed = place as u64;
        if place.is_multiple_of(6) {
            let sets = (0..8).map(|more| seed + more * 100);
            let mut sets =
                sets.filter_map(|seed| plant_set(&sound, language, 5, seed, &mut |_| true));
            let set = sets.next().and_then(|mut set| set.pop());
            return set.map_or(sound.clone(), |slip| slip.source);
        }
        let slip = slips.get(place % slips.len().max(1));
        slip.and_then(|slip| plant(&sound, language, slip, seed))
            .map_or(sound.clone(), |planted| planted.source)
    };
    NAMES.iter().enumerate().map(|(at, name)| (*name, hand_in(at))).collect()
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_syntax::language::by_id;
    use std::collections::BTreeMap;

    #[test]
    fn a_class_is_made_in_every_language_that_has_programs() {
        for language in ["c", "java", "typescript", "rust", "haskell", "go"] {
            let all = class(by_id(language).unwrap());
            assert_eq!(all.len(), 40, "{language}");
            let mut texts: BTreeMap<&[u8], usize> = BTreeMap::new();
            for (_, text) in &all {
                *texts.entry(text.bytes()).or_default() += 1;
            }
            assert!(texts.values().any(|count| *count >= 13), "{language}: some are sound");
            let same = texts.values().filter(|count| (EACH..13).contains(*count)).count();
            assert!(same >= 1, "{language}: some share a slip");
            assert!(texts.len() >= 8, "{language}: {}", texts.len());
        }
        assert!(class(by_id("kotlin").unwrap()).is_empty());
    }
}
