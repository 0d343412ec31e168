//! Scores that say what they are made of.
//!
//! A score is a natural logarithm: 2.3 more means ten times likelier. It is a sum of [`Factor`]s, each
//! a consideration with a name and a weight, so that whoever doubts a ranking can read it. Weights
//! are constants of this type; what they are multiplied with is how often or how far they apply.

use serde::Serialize;
use smallvec::SmallVec;
use std::iter::Sum;
use std::ops::{Add, AddAssign, Div, Mul, Neg, Sub, SubAssign};

/// One consideration in a score: what it is, and what it adds.
#[derive(Clone, Copy, Debug, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Factor {
    /// What it is, in a few words.
    pub name: &'static str,
    /// What it adds to the score.
    pub value: f64,
    /// Whether it shows by itself which change was meant.
    #[serde(skip)]
    pub shows: bool,
}

/// A weight: a factor that applies once.
pub const fn weight(name: &'static str, value: f64) -> Factor {
    Factor { name, value, shows: false }
}

/// A weight for what shows by itself which change was meant, as a message does that asks for a mark.
pub const fn evidence(name: &'static str, value: f64) -> Factor {
    Factor { name, value, shows: true }
}

impl Factor {
    /// Returns the factor if a condition holds, else one that adds nothing.
    pub fn when(self, condition: bool) -> Factor {
        if condition { self } else { Factor { value: 0.0, ..self } }
    }
}

impl Factor {
    /// Returns the factor with a value of no less than this.
    pub fn at_least(self, least: f64) -> Factor {
        Factor { value: self.value.max(least), ..self }
    }
}

impl Mul<f64> for Factor {
    type Output = Factor;

    fn mul(self, times: f64) -> Factor {
        Factor { value: self.value * times, ..self }
    }
}

impl Mul<Factor> for f64 {
    type Output = Factor;

    fn mul(self, factor: Factor) -> Factor {
        factor * self
    }
}

impl Div<f64> for Factor {
    type Output = Factor;

    fn div(self, by: f64) -> Factor {
        Factor { value: self.value / by, ..self }
    }
}

impl Neg for Factor {
    type Output = Factor;

    fn neg(self) -> Factor {
        self * -1.0
    }
}

/// How many factors a score holds without memory of its own: thousands of candidates are scored for
/// one message.
const INLINE: usize = 8;

/// A sum of factors.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct Score {
    factors: SmallVec<[Factor; INLINE]>,
    total: f64,
}

impl Score {
    /// Returns the sum.
    pub fn total(&self) -> f64 {
        self.total
    }

    /// Returns the factors that add something, in the order in which they were considered.
    pub fn factors(&self) -> &[Factor] {
        &self.factors
    }

    fn push(&mut self, factor: Factor) {
        if factor.value != 0.0 {
            self.factors.push(factor);
        }
    }

    /// Returns the score with one more factor, so that its sum becomes `total`.
    pub fn moved_to(mut self, total: f64, name: &'static str) -> Score {
        self.push(weight(name, total - self.total));
        self.total = total;
        self
    }

    /// Returns the score, but at most `most`: what is cut off becomes a factor.
    pub fn at_most(self, most: f64, name: &'static str) -> Score {
        if self.total > most { self.moved_to(most, name) } else { self }
    }
}

impl From<Factor> for Score {
    fn from(factor: Factor) -> Score {
        let mut score = Score { factors: SmallVec::new(), total: factor.value };
        score.push(factor);
        score
    }
}

impl Sum<Factor> for Score {
    fn sum<I: Iterator<Item = Factor>>(factors: I) -> Score {
        factors.fold(Score::default(), |sum, factor| sum + factor)
    }
}

impl AddAssign<Factor> for Score {
    fn add_assign(&mut self, factor: Factor) {
        self.push(factor);
        self.total += factor.value;
    }
}

impl AddAssign<Score> for Score {
    fn add_assign(&mut self, other: Score) {
        self.factors.extend(other.factors);
        self.total += other.total;
    }
}

impl SubAssign<Factor> for Score {
    fn sub_assign(&mut self, factor: Factor) {
        *self += -factor;
    }
}

/// Addition and subtraction for each pair of types: the sum of two factors is a score already.
macro_rules! sums {
    ($($left:ty, $right:ty);*) => {
        $(impl Add<$right> for $left {
            type Output = Score;

            fn add(self, other: $right) -> Score {
                let mut sum = Score::from(self);
                sum += other;
                sum
            }
        })*
    };
}

sums!(Factor, Factor; Factor, Score; Score, Factor; Score, Score);

impl Neg for Score {
    type Output = Score;

    fn neg(mut self) -> Score {
        self.factors.iter_mut().for_each(|factor| *factor = -*factor);
        self.total = -self.total;
        self
    }
}

/// Subtraction adds what is turned round.
macro_rules! differences {
    ($($left:ty, $right:ty);*) => {
        $(impl Sub<$right> for $left {
            type Output = Score;

            fn sub(self, other: $right) -> Score {
                self + -other
            }
        })*
    };
}

differences!(Factor, Factor; Factor, Score; Score, Factor; Score, Score);

#[cfg(test)]
mod tests {
    use super::*;

    const NEAR: Factor = weight("it is near", 1.5);
    const FAR: Factor = weight("each line away", -0.25);

    #[test]
    fn a_score_is_the_sum_of_its_factors_and_keeps_those_that_count() {
        let score = NEAR + FAR * 4.0 + NEAR.when(false) - FAR;
        assert_eq!(score.total(), 1.5 - 1.0 + 0.25);
        let names: Vec<_> = score.factors().iter().map(|factor| factor.name).collect();
        assert_eq!(names, ["it is near", "each line away", "each line away"]);
    }

    #[test]
    fn what_a_limit_cuts_off_is_a_factor() {
        let score = Score::from(NEAR).at_most(1.0, "no more than that");
        assert_eq!(score.total(), 1.0);
        assert_eq!(score.factors()[1], weight("no more than that", -0.5));
        assert_eq!(Score::from(NEAR).at_most(2.0, "no more than that").factors().len(), 1);
    }

    #[test]
    fn to_take_a_score_away_turns_every_factor() {
        let score = Score::from(NEAR) - (NEAR + FAR);
        assert_eq!(score.total(), 0.25);
        assert_eq!(score.factors()[2].value, 0.25);
    }
}
