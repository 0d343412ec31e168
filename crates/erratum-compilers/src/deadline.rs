//! The end of a search's time, which a compile must keep to as well.

use std::time::{Duration, Instant};

/// When a search must end, if it must.
#[derive(Clone, Copy, Debug, Default)]
pub(crate) struct Deadline(Option<Instant>);

impl Deadline {
    /// Starts a budget now.
    pub fn after(budget: Duration) -> Deadline {
        Deadline(Some(Instant::now() + budget))
    }

    /// Whether the budget is used up.
    pub fn expired(self) -> bool {
        self.0.is_some_and(|at| Instant::now() >= at)
    }

    /// How long a compile may take now that may take `most` by itself: never beyond the budget, but
    /// `least` however little of it is left.
    pub fn time_for(self, most: Duration, least: Duration) -> Duration {
        let left = self.0.map(|at| at.saturating_duration_since(Instant::now()).max(least));
        left.map_or(most, |left| left.min(most))
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    const SECOND: Duration = Duration::from_secs(1);

    #[test]
    fn without_a_budget_a_compile_may_take_its_own_time() {
        assert!(!Deadline::default().expired());
        assert_eq!(Deadline::default().time_for(20 * SECOND, SECOND), 20 * SECOND);
    }

    #[test]
    fn a_compile_never_goes_beyond_the_budget_but_always_gets_a_little() {
        let deadline = Deadline::after(5 * SECOND);
        assert!(!deadline.expired());
        let given = deadline.time_for(20 * SECOND, SECOND);
        assert!(given <= 5 * SECOND && given > 4 * SECOND);
        let over = Deadline::after(Duration::ZERO);
        assert!(over.expired());
        assert_eq!(over.time_for(20 * SECOND, SECOND), SECOND);
    }
}
