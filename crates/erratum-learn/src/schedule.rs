//! Which kind comes next: what went wrong comes back at once, what went right after growing intervals.
//!
//! A kind has an interval, in days. The first right answer makes it one, each further one doubles it,
//! up to [`LONGEST`]; a wrong one makes it none. A kind is due when its interval has passed since its
//! last answer. Due kinds come first, the longest overdue before the others; then new ones, in the
//! order of how common they are; kinds that are not due come last, the nearest first.

use serde::{Deserialize, Serialize};

/// The longest interval, in days.
pub const LONGEST: u32 = 64;

const DAY: u64 = 24 * 60 * 60;

/// An answer that was given.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize)]
pub struct Given {
    /// The kind of slip.
    pub kind: String,
    /// When, in seconds since 1970.
    pub time: u64,
    /// Whether the line, the kind and the fix were all right, without a hint that gave the fix away.
    pub right: bool,
}

/// Returns kinds in the order in which they are worth practising. `usual` has all of them, the commonest
/// first.
pub fn order(given: &[Given], usual: &[&str], now: u64) -> Vec<String> {
    let rank = |name: &str| {
        let answers: Vec<&Given> = given.iter().filter(|one| one.kind == name).collect();
        let Some(last) = answers.last() else { return (1, 0) };
        let due = last.time.saturating_add(u64::from(interval(&answers)) * DAY);
        if due <= now { (0, i128::from(due)) } else { (2, i128::from(due)) }
    };
    let mut all: Vec<&str> = usual.to_vec();
    all.sort_by_key(|name| rank(name));
    all.into_iter().map(str::to_owned).collect()
}

/// The days after which a kind with these answers, the oldest first, comes back.
fn interval(answers: &[&Given]) -> u32 {
    let rights = answers.iter().rev().take_while(|one| one.right).count() as u32;
    match rights {
        0 => 0,
        more => 2_u32.saturating_pow(more - 1).min(LONGEST),
    }
}

/// The level that answers have earned, from 1 to 3: slips that the compiler points at, slips that it
/// reports elsewhere, and several at once. Of the last ten answers seven must be right, and ten in all
/// for the second level, 25 for the third.
pub fn level(given: &[Given]) -> u8 {
    let right = given.iter().filter(|one| one.right).count();
    let lately = given.iter().rev().take(10).filter(|one| one.right).count();
    match (lately >= 7, right) {
        (true, 25..) => 3,
        (true, 10..) => 2,
        _ => 1,
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn given(kind: &str, day: u64, right: bool) -> Given {
        Given { kind: kind.to_owned(), time: day * DAY, right }
    }

    #[test]
    fn what_went_wrong_comes_back_at_once_and_new_kinds_by_how_common_they_are() {
        let usual = ["terminator", "name", "bracket"];
        assert_eq!(order(&[], &usual, 0), usual);
        let past = [given("terminator", 3, true), given("bracket", 3, false)];
        assert_eq!(order(&past, &usual, 3 * DAY), ["bracket", "name", "terminator"]);
    }

    #[test]
    fn intervals_grow_with_each_right_answer_and_fall_with_a_wrong_one() {
        let right = [given("name", 1, true), given("name", 2, true), given("name", 4, true)];
        let refs: Vec<&Given> = right.iter().collect();
        assert_eq!([1, 2, 3].map(|n| interval(&refs[..n])), [1, 2, 4]);
        assert_eq!(interval(&[&right[0], &given("name", 5, false)]), 0);
        let many: Vec<Given> = (0..20).map(|day| given("name", day, true)).collect();
        assert_eq!(interval(&many.iter().collect::<Vec<_>>()), LONGEST);
        // Four days after the third it is due again.
        let usual = ["terminator", "name"];
        assert_eq!(order(&right, &usual, 7 * DAY), ["terminator", "name"]);
        assert_eq!(order(&right, &usual, 8 * DAY), ["name", "terminator"]);
    }

    #[test]
    fn the_level_rises_with_right_answers_and_falls_when_they_fail() {
        let answers = |right: usize, wrong: usize| {
            let all = std::iter::repeat_n(true, right).chain(std::iter::repeat_n(false, wrong));
            all.map(|right| given("name", 1, right)).collect::<Vec<_>>()
        };
        assert_eq!([9, 10, 24, 25].map(|n| level(&answers(n, 0))), [1, 2, 2, 3]);
        assert_eq!(level(&answers(30, 3)), 3);
        assert_eq!(level(&answers(30, 4)), 1);
    }
}
