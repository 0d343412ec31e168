//! How likely a fix is what was meant, among its rivals and "none of these".
//!
//! That a fix holds says that the compiler is content. What speaks against it is told by the other
//! readings: candidates that hold too, candidates that nobody tried, and the fixes that nobody thought
//! of, whose share is known from programs that were written wrong by hand.

use super::trial::Trial;
use crate::effect::Effect;
use crate::fixes::Candidate;
use erratum_catalogue::MistakeId;

/// How much of the difference between two scores counts: they are sums of guesses that are not
/// independent.
const SCALE: f64 = 1.0;

/// How often a candidate that was not compiled would have held.
const WOULD_HOLD: f64 = 0.1;

/// The odds that none of the candidates is what was meant, by what the fix does. Fitted with
/// `erratum-bench written --held-back --fit`: on programs that are tuned on they would be too low. Of
/// what removes there are too few; five of eight were wrong elsewhere.
fn none_of_these(effect: Effect, mistake: MistakeId) -> f64 {
    match effect {
        // What the compiler says is not used is taken out for that.
        Effect::Removes if mistake == MistakeId::UnusedName => 0.25,
        Effect::Restores => 0.08,
        Effect::Converts => 0.09,
        Effect::Reorders => 0.39,
        // Of these none was wrong: the compiler says what is written to.
        Effect::Redeclares if mistake == MistakeId::MissingMut => 0.2,
        Effect::Redeclares => 0.9,
        Effect::Invents => 0.28,
        Effect::Removes => 1.1,
        Effect::Reinterprets => 0.22,
    }
}

/// Returns how much others weigh together, seen from a score: 1 for one that is as likely.
pub(super) fn weight(own: f64, others: impl Iterator<Item = f64>) -> f64 {
    others.map(|other| ((other - own) * SCALE).exp()).sum()
}

/// Returns how much the rivals of a fix weigh that hold, or might have: 1 for one that is as likely.
///
/// `part` is the part of the best that is asked about; `agrees` says whether another trial makes the
/// same change. Those that do are the same reading, and their weights add up.
pub(super) fn rivals<'a>(
    best: &Trial,
    part: &Candidate,
    held: impl Iterator<Item = &'a Trial>,
    agrees: impl Fn(&Trial) -> bool,
) -> f64 {
    let (same, other): (Vec<&Trial>, Vec<&Trial>) = held.partition(|trial| agrees(trial));
    let mass = |trials: &[&Trial]| weight(best.total, trials.iter().map(|trial| trial.total));
    mass(&other) / (1.0 + mass(&same)) + WOULD_HOLD * part.others
}

/// A score that speaks neither for a fix nor against it, before anything is compiled.
const USUAL_SCORE: f64 = 2.5;
/// How much the score says about fixes that change the meaning.
const SAYS: f64 = 0.25;
/// What it makes of the odds at least and at most.
const LEAST_AND_MOST: (f64, f64) = (0.4, 2.0);

/// Returns how likely a fix is what was meant, from 0 to 1, in hundredths. What it was
/// worth before it was compiled counts, too: of what changes the meaning, 18 of 46 were wrong below 1.5,
/// 13 of 60 up to 4.5, and none of 13 above that.
pub(super) fn probability(effect: Effect, rivals: f64, fix: &Candidate) -> f64 {
    let (least, most) = LEAST_AND_MOST;
    let worth = match effect.keeps_meaning() {
        true => 1.0,
        false => ((USUAL_SCORE - fix.score.total()) * SAYS).exp().clamp(least, most),
    };
    (100.0 / (1.0 + rivals + none_of_these(effect, fix.mistake) * worth)).round() / 100.0
}

/// Returns the likeliest of some candidates that are in order, with the weight of the others.
pub(super) fn likeliest(candidates: &[Candidate]) -> Option<Candidate> {
    let (best, left) = candidates.split_first()?;
    let left = left.iter().map(|other| other.score.total());
    Some(Candidate { others: weight(best.score.total(), left), ..best.clone() })
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::fixes::Certainty;
    use crate::score::{Score, weight};

    fn worth(score: f64) -> Candidate {
        Candidate {
            edits: Vec::new(),
            mistake: MistakeId::Other,
            certainty: Certainty::Guess,
            score: Score::from(weight("what it is worth", score)),
            others: 0.0,
            target: None,
            then: Vec::new(),
        }
    }

    #[test]
    fn a_rival_that_is_as_likely_halves_the_odds() {
        assert!((weight_of(3.0, 3.0) - 1.0).abs() < 1e-9);
        let alone = probability(Effect::Restores, 0.0, &worth(2.5));
        let beside = probability(Effect::Restores, 1.0, &worth(2.5));
        assert!(alone > 0.8 && beside < 0.5);
    }

    fn weight_of(own: f64, other: f64) -> f64 {
        super::weight(own, [other].into_iter())
    }

    #[test]
    fn what_was_worth_little_is_less_likely_meant() {
        let invents = |score| probability(Effect::Invents, 0.0, &worth(score));
        assert!(invents(-1.0) + 0.1 < invents(3.0));
        assert_eq!(invents(-9.0), invents(-99.0));
    }

    #[test]
    fn what_is_not_used_is_taken_out_more_likely() {
        let spare = Candidate { mistake: MistakeId::UnusedName, ..worth(2.5) };
        let takes = |fix: &Candidate| probability(Effect::Removes, 0.0, fix);
        assert!(takes(&spare) > 0.5 && takes(&worth(2.5)) < 0.5);
    }

    #[test]
    fn what_changes_the_meaning_is_less_likely_meant() {
        let of = |effect| probability(effect, 0.0, &worth(2.5));
        assert!(of(Effect::Invents) < of(Effect::Restores));
    }
}
