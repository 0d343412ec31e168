//! Kinds of slips, in the words of the catalogue.

use erratum_catalogue::{Catalogue, MistakeId};
use erratum_repair::plant::{KINDS, Slip, plant};
use erratum_syntax::language::Language;
use erratum_syntax::source::Source;
use serde::{Deserialize, Serialize};

/// How many kinds a question offers at most.
const OFFERED: usize = 5;

/// For each kind of slip, the mistake that it is, the commonest first: in this order a learner meets
/// them.
const MISTAKES: &[(&str, MistakeId)] = &[
    ("lost-terminator", MistakeId::MissingTerminator),
    ("misspelt-variable", MistakeId::MisspeltName),
    ("lost-close-parenthesis", MistakeId::MissingBracket),
    ("lost-close-quote", MistakeId::OpenString),
    ("lost-close-brace", MistakeId::MissingBracket),
    ("wrong-case", MistakeId::WrongCase),
    ("quoted-number", MistakeId::QuotedValue),
    ("misspelt-keyword", MistakeId::MisspeltKeyword),
    ("lost-separator", MistakeId::MissingSeparator),
    ("misspelt-function", MistakeId::MisspeltName),
    ("lost-import", MistakeId::MissingImport),
    ("lost-open-brace", MistakeId::MissingBracket),
    ("assignment-mark", MistakeId::WrongMark),
    ("lost-open-parenthesis", MistakeId::MissingBracket),
    ("lost-keyword", MistakeId::MissingWord),
    ("foreign-word", MistakeId::ForeignWord),
    ("misspelt-type", MistakeId::MisspeltName),
    ("misspelt-member", MistakeId::MisspeltName),
    ("misspelt-library-name", MistakeId::MisspeltName),
    ("lost-argument", MistakeId::MissingArgument),
    ("extra-argument", MistakeId::ExtraArgument),
    ("lost-operator", MistakeId::MissingMark),
    ("extra-parenthesis", MistakeId::ExtraBracket),
    ("extra-close-brace", MistakeId::ExtraBracket),
    ("lost-square-bracket", MistakeId::MissingBracket),
    ("other-bracket", MistakeId::MismatchedBracket),
    ("dot-for-comma", MistakeId::WrongMark),
    ("comma-for-dot", MistakeId::WrongMark),
    ("colon-for-terminator", MistakeId::WrongMark),
    ("header-separator", MistakeId::WrongMark),
    ("lost-return", MistakeId::MissingReturn),
    ("unset-variable", MistakeId::UnsetVariable),
    ("declared-twice", MistakeId::DuplicateDeclaration),
    ("lost-open-quote", MistakeId::OpenString),
    ("unquoted-text", MistakeId::TextAsCode),
    ("lost-comment-end", MistakeId::OpenComment),
    ("lost-comment-mark", MistakeId::TextAsCode),
    ("doubled-word", MistakeId::ExtraWord),
    ("misspelt-import", MistakeId::MisspeltImport),
    ("lost-include-mark", MistakeId::BrokenInclude),
    ("lost-mut", MistakeId::MissingMut),
    ("lost-borrow", MistakeId::MissingBorrow),
    ("lost-to-string", MistakeId::MissingToString),
    ("lost-return-type", MistakeId::MissingReturnType),
    ("constant-for-variable", MistakeId::FixedValue),
    ("lost-constraint", MistakeId::MissingConstraint),
    ("lost-deriving", MistakeId::MissingInstance),
    ("spare-import", MistakeId::UnusedName),
    ("wrong-indentation", MistakeId::WrongIndentation),
    ("mark-before-else", MistakeId::ExtraMark),
    ("whole-for-real", MistakeId::RealForWhole),
    ("void-for-type", MistakeId::WrongReturnType),
    ("class-file-name", MistakeId::ClassFileName),
];

/// A kind that a question offers.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Offered {
    /// The id of its entry in the catalogue.
    pub mistake: String,
    /// What it is, in one line.
    pub words: String,
}

/// Returns the mistake that a kind of slip is; nothing for kinds that are no exercise, because nobody
/// could tell from the text what was there.
pub fn mistake(kind: &str) -> Option<MistakeId> {
    MISTAKES.iter().find(|(name, _)| *name == kind).map(|(_, mistake)| *mistake)
}

/// Returns the kinds of slip that make a mistake, the commonest first.
pub fn of_mistake(mistake: MistakeId) -> impl Iterator<Item = &'static str> {
    MISTAKES.iter().filter(move |(_, own)| *own == mistake).map(|(name, _)| *name)
}

/// Returns the slips that can be an exercise in a language, the commonest first.
pub fn usual(language: &'static Language) -> impl Iterator<Item = &'static Slip> {
    MISTAKES
        .iter()
        .filter_map(|(name, _)| KINDS.iter().find(|slip| slip.name == *name))
        .filter(|slip| slip.fits(language))
}

/// The kind of slip with a name.
pub fn named(name: &str) -> Option<&'static Slip> {
    KINDS.iter().find(|slip| slip.name == name)
}

/// Three to five kinds to choose from, in an order that tells nothing: the right ones, and others that
/// the same program has a place for.
pub fn offer(
    catalogue: &Catalogue,
    sound: &Source,
    language: &'static Language,
    right: &[MistakeId],
    seed: u64,
) -> Vec<Offered> {
    let mut random = fastrand::Rng::with_seed(seed);
    let mut slips: Vec<&Slip> = usual(language).collect();
    random.shuffle(&mut slips);
    let mut chosen: Vec<MistakeId> = right.to_vec();
    chosen.dedup();
    for slip in slips {
        let Some(other) = mistake(slip.name).filter(|other| !chosen.contains(other)) else {
            continue;
        };
        if chosen.len() >= OFFERED {
            break;
        }
        if plant(sound, language, slip, seed).is_some() {
            chosen.push(other);
        }
    }
    random.shuffle(&mut chosen);
    let offered = chosen.into_iter().filter_map(|mistake| {
        let entry = catalogue.entries().iter().find(|entry| entry.id.parse() == Ok(mistake))?;
        Some(Offered {
            mistake: entry.id.clone(),
            words: entry.said(Some(language.id)).general.to_owned(),
        })
    });
    offered.collect()
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_syntax::language::by_id;

    #[test]
    fn every_kind_that_is_asked_for_is_planted_and_explained() {
        let catalogue = Catalogue::shipped();
        for (name, mistake) in MISTAKES {
            assert!(named(name).is_some(), "{name}");
            let entry = catalogue.entries().iter().find(|entry| entry.id.parse() == Ok(*mistake));
            assert!(entry.is_some(), "{name}");
        }
    }

    #[test]
    fn the_right_kind_is_among_a_few() {
        let language = by_id("java").unwrap();
        let sound = crate::programs::of(language).remove(0);
        for seed in 0..20 {
            let right = [MistakeId::MissingTerminator];
            let offered = offer(&Catalogue::shipped(), &sound, language, &right, seed);
            assert!((3..=5).contains(&offered.len()), "{offered:?}");
            let hits = offered.iter().filter(|one| one.mistake == "missing-terminator");
            assert_eq!(hits.count(), 1);
            assert_eq!(offered, offer(&Catalogue::shipped(), &sound, language, &right, seed));
        }
    }
}
