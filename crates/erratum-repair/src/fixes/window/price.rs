//! How likely a change of the window is: by the model, its distance, the message and the brackets.

use super::Window;
use crate::fixes::{brackets, weights as w};
use crate::score::{Factor, Score, weight};
use erratum_syntax::model::Class;
use erratum_syntax::pairs::closing;

/// The gain in the token model.
const MORE_USUAL: Factor = weight("how much more usual the text gets", 1.0);
/// What an added token costs in the model on average.
const PER_TOKEN: f64 = 1.6;

impl Window<'_, '_> {
    /// How much likelier the text gets when the classes `from..to` are replaced.
    pub(super) fn gain(&self, from: usize, to: usize, new: &[Class]) -> Factor {
        let model = &self.case.text.model;
        let left = from.saturating_sub(4);
        let right = (to + 4).min(self.sequence.len());
        let old: Vec<Class> = self.sequence[left..right].iter().map(|(class, _)| *class).collect();
        let changed: Vec<Class> =
            old[..from - left].iter().chain(new).chain(&old[to - left..]).copied().collect();
        let skip = from - left;
        let end = |length: usize| {
            if right == self.sequence.len() { length } else { length.saturating_sub(1) }
        };
        let known = self.scores.borrow().get(&(from, to)).copied();
        let before = known.unwrap_or_else(|| {
            let score = model.score(&old, skip, end(old.len()));
            self.scores.borrow_mut().insert((from, to), score);
            score
        });
        let after = model.score(&changed, skip, end(changed.len()));
        // A longer text is less likely by its length alone: an added token is measured against
        // what an average token costs.
        let longer = new.len() as f64 - (to - from) as f64;
        MORE_USUAL
            * ((after - before + longer * PER_TOKEN) * w::MODEL)
                .clamp(-w::MODEL_LIMIT, w::MODEL_LIMIT)
    }

    pub(super) fn distance(&self, token: usize) -> Score {
        let all = self.anchors.iter().map(|at| self.distance_from(*at, token));
        all.max_by(|a, b| a.total().total_cmp(&b.total())).unwrap_or_default()
    }

    pub(super) fn distance_from(&self, at: usize, token: usize) -> Score {
        let lexed = self.case.lexed();
        let line = |index: usize| lexed.code.get(index).or(lexed.code.last()).map_or(0, |t| t.line);
        let lines = f64::from(line(token).abs_diff(line(at)));
        let tokens = if token <= at {
            w::PER_TOKEN_BEFORE * (at - token) as f64
        } else {
            w::PER_TOKEN_AFTER * (token - at) as f64
        };
        tokens + w::PER_LINE * lines
    }

    pub(super) fn named(&self, text: &str) -> Factor {
        if self.named.iter().any(|word| word == text) {
            return w::MESSAGE_NAMES_IT;
        }
        // "expected ')'" where the brackets pair: the list should have gone on.
        let list = !self.odd
            && text == ","
            && self.named.iter().any(|word| matches!(word.as_str(), ")" | "]" | "}"));
        w::MESSAGE_NAMES_IT.when(list)
    }

    /// What a change of brackets is worth: the number of odd ones must go down.
    pub(super) fn brackets(&self, gone: &str, come: &str, token: usize) -> Factor {
        let is_bracket = |text: &str| matches!(text, "(" | ")" | "[" | "]" | "{" | "}");
        let changes = is_bracket(gone) || is_bracket(come);
        match (self.odd, changes) {
            (false, false) => w::PAIRS_MENDED.when(false),
            (false, true) => w::PAIRS_SPOILT,
            (true, false) => w::PAIRS_STILL_ODD,
            (true, true) => {
                let odd = &self.case.text.pairs.odd;
                let lexed = self.case.lexed();
                let open = |text: &str| odd.iter().any(|o| lexed.word(o.token) == text);
                // A partner closes what stands before it, and opens what stands behind.
                let before =
                    |text: &str| odd.iter().any(|o| lexed.word(o.token) == text && o.token < token);
                let behind = |text: &str| {
                    odd.iter().any(|o| lexed.word(o.token) == text && o.token >= token)
                };
                // Adding the partner of an odd one, or taking an odd one away.
                let adds = (come == ")" && before("("))
                    || (come == "(" && behind(")"))
                    || (come == "]" && before("["))
                    || (come == "[" && behind("]"))
                    || (come == "}" && before("{"))
                    || (come == "{" && behind("}"));
                let takes = !gone.is_empty() && open(gone);
                if adds || takes { w::PAIRS_MENDED } else { w::PAIRS_SPOILT }
            }
        }
    }

    /// `f((a)` with another `)` would be `f((a))`, which nobody means to write; and a bracket that can hold
    /// nothing is not closed.
    pub(super) fn doubled(&self, mark: &str, token: usize) -> Factor {
        let (case, lexed) = (self.case, self.case.lexed());
        let odd = case.text.pairs.odd.iter();
        let mut closed = odd.filter(|odd| closing(lexed, odd.token) == mark && odd.token < token);
        if closed.clone().any(|odd| brackets::hangs(case, odd)) {
            return brackets::HOLDS_NOTHING * -1.0;
        }
        w::DOUBLED_PAIR.when(closed.any(|odd| brackets::doubles(case, odd.token, token)))
    }
}
