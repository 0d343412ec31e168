//! Where the partner of a `)`, `]`, `(` or `[` was most likely meant: every place in its statement that
//! would pair is tried, and the token model says which text looks most like code.

use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::model::{Class, Model, class, classes};
use erratum_syntax::pairs::{Odd, OddBracket, Pairs};
use erratum_syntax::text::Text;

/// What an average token costs, as in the ranking of fixes: a longer text is less likely by its length
/// alone.
const PER_TOKEN: f64 = 1.6;

/// How much likelier the text without the mark must be to call the mark one too many.
const DOUBT: f64 = 1.0;

/// How many places are tried.
const PLACES: usize = 200;

/// The likeliest place of the partner, in bytes, and whether the mark itself is likelier one too many.
pub(super) fn of_partner(text: &Text, odd: &OddBracket, partner: &str) -> Option<(usize, bool)> {
    let lexed = &text.lexed;
    let places = match odd.odd {
        Odd::Unopened => before(lexed, &text.pairs, odd.token),
        Odd::Unclosed => after(lexed, &text.pairs, odd.token),
    };
    let view = View::new(text);
    let ranked = places.into_iter().map(|at| (at, view.gain(at, at, &[class(partner)])));
    let (best, gain) = ranked.max_by(|a, b| a.1.total_cmp(&b.1))?;
    let without = view.gain(odd.token, odd.token + 1, &[]);
    let byte = match odd.odd {
        Odd::Unclosed => best.checked_sub(1).map_or(0, |at| lexed.code[at].end),
        Odd::Unopened => lexed.code[best].start,
    };
    Some((byte, without > gain + DOUBT))
}

/// The code tokens before which what opens could stand, for one that closes.
fn before(lexed: &Lexed, pairs: &Pairs, close: usize) -> Vec<usize> {
    let mut places = vec![close];
    let mut at = close;
    while at > 0 && places.len() < PLACES {
        let last = at - 1;
        let divides = lexed.divides(last) || (lexed.language.line_ends && lexed.starts_line(at));
        at = match lexed.code[last].kind {
            TokenKind::Close => match pairs.partner_of(last).filter(|open| *open < last) {
                Some(open) => open,
                None => break,
            },
            TokenKind::Open => break,
            _ if divides => break,
            _ => last,
        };
        places.push(at);
    }
    places
}

/// The code tokens before which what closes could stand, for one that opens.
fn after(lexed: &Lexed, pairs: &Pairs, open: usize) -> Vec<usize> {
    let mut places = Vec::new();
    let mut at = open + 1;
    while at < lexed.code.len() && places.len() < PLACES {
        places.push(at);
        let block = lexed.opens_block(at) && lexed.code.get(at + 1).is_none_or(|next| next.first);
        let ends = lexed.language.line_ends && lexed.starts_line(at) && at > open + 1;
        at = match lexed.code[at].kind {
            _ if block || ends => break,
            TokenKind::Open => match pairs.partner_of(at).filter(|close| *close > at) {
                Some(close) => close + 1,
                None => break,
            },
            TokenKind::Close => break,
            _ if lexed.is(at, lexed.language.terminator) => break,
            _ => at + 1,
        };
    }
    places
}

/// The classes of a text, with the place of each code token among them.
struct View<'a> {
    model: &'a Model,
    sequence: Vec<Class>,
    places: Vec<usize>,
}

impl View<'_> {
    fn new(text: &Text) -> View<'_> {
        let all = classes(&text.lexed);
        let mut places = vec![0; text.lexed.code.len()];
        for (place, (_, token)) in all.iter().enumerate() {
            if let Some(token) = token {
                places[*token] = place;
            }
        }
        let sequence = all.into_iter().map(|(class, _)| class).collect();
        View { model: &text.model, sequence, places }
    }

    /// How much likelier the text gets when the code tokens `from..to` are replaced.
    fn gain(&self, from: usize, to: usize, new: &[Class]) -> f64 {
        let place = |token: usize| self.places.get(token).copied().unwrap_or(self.sequence.len());
        let start = place(from);
        let end = if to > from { place(to - 1) + 1 } else { start };
        let (left, right) = (start.saturating_sub(4), (end + 4).min(self.sequence.len()));
        let old = &self.sequence[left..right];
        let changed: Vec<Class> =
            old[..start - left].iter().chain(new).chain(&old[end - left..]).copied().collect();
        let skip = start - left;
        let last = |length: usize| {
            if right == self.sequence.len() { length } else { length.saturating_sub(1) }
        };
        let longer = new.len() as f64 - (end - start) as f64;
        self.model.score(&changed, skip, last(changed.len()))
            - self.model.score(old, skip, last(old.len()))
            + longer * PER_TOKEN
    }
}
