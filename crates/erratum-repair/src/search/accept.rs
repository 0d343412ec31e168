//! The rule of acceptance: whether a fix that was compiled holds, and what that is worth.
//!
//! The rule sees [`Findings`] only: plain data about what changed. Nothing is run or read here.

use super::weights as w;
use crate::score::Score;
use erratum_catalogue::{MistakeId, Phase};
use serde::Serialize;
use std::fmt;

/// What a compile of a candidate showed.
#[derive(Clone, Debug)]
pub struct Findings {
    /// The kind of mistake that the candidate mends.
    pub mistake: MistakeId,
    /// Whether it only puts in words where there were none.
    pub adds_words: bool,
    /// Whether only names change, or what stands before them.
    pub names_only: bool,
    /// When the compiler noticed the message to mend.
    pub phase: Phase,
    /// Whether the message to mend is an error; else it is a warning.
    pub for_error: bool,
    /// Whether the message itself names the change, as in `(maybe you meant to use '->' ?)`: then what comes
    /// behind it was hidden.
    pub told: bool,
    /// Whether no error of syntax was there before.
    pub reads_well: bool,
    /// Whether the message to mend is gone.
    pub target_gone: bool,
    /// The messages that were not there before, in the compiler's order.
    pub new: Vec<NewMessage>,
    /// How many errors are left.
    pub errors_left: usize,
    /// How many messages are left that count as mistakes.
    pub mistakes_left: usize,
    /// How many messages that count are gone.
    pub gone: usize,
    /// How many of those pointed at the line of the message to mend, without that one.
    pub gone_on_line: usize,
    /// Whether fewer functions and types are defined than before: something was swallowed.
    pub definitions_lost: bool,
}

/// A message that was not there before.
#[derive(Clone, Debug)]
pub struct NewMessage {
    /// Its index in the report of the candidate.
    pub index: usize,
    /// Whether it is an error.
    pub is_error: bool,
    /// Whether it counts as a mistake: an error, or a warning that tells of one.
    pub counts: bool,
    /// When the compiler noticed.
    pub phase: Phase,
    /// Whether it stands on a line that the candidate changed.
    pub on_change: bool,
    /// Whether it says that the candidate's own change is wrong: a value was added to a call, and now
    /// there is one too many; a name became a text, and no text fits there.
    pub contradicts: bool,
    /// Whether it stands before the message to mend, or at the same place.
    pub before_target: bool,
    /// Whether the compiler does not look for the message to mend where it has found this one.
    pub hides_target: bool,
    /// Whether it stands above all that the candidate changed in its file.
    pub above_change: bool,
    /// Whether it stands at the very place of the message to mend.
    pub in_its_place: bool,
    /// It stands on the line of the message to mend.
    pub on_its_line: bool,
    /// Whether it stands on a line of which another message is gone, and the change has no part in how
    /// that line reads: the compiler had left the line for that message.
    pub was_left: bool,
    /// Whether it tells of the same two types as the message to mend, of which one is no plain name, or the
    /// same of another word: the change has only moved the trouble on.
    pub moved: bool,
}

/// Why a fix that was tried is not taken. Those with an index name a message of the fix's report.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
#[serde(tag = "why", rename_all = "kebab-case")]
pub enum Rejection {
    /// Its edits do not fit the text.
    DoesNotApply,
    /// Its compile did not come to its end.
    NotCompiled,
    /// The message to mend is still there.
    MessageStays,
    /// A new message says that the change itself is wrong.
    Contradicted {
        /// Which.
        message: usize,
    },
    /// The trouble only moves on: along the line, behind a word that is put in, or to where the same two types
    /// meet now.
    MovesTrouble {
        /// What is said there now.
        message: usize,
    },
    /// A warning is gone, and an error came for it.
    ErrorForWarning {
        /// The error.
        message: usize,
    },
    /// An error of syntax came where there was none: what the compiler said of names and types is
    /// only hidden behind it.
    SyntaxSpoilt {
        /// The error.
        message: usize,
    },
    /// A new error of the same phase or an earlier one stands before the message to mend.
    EarlierError {
        /// Which.
        message: usize,
    },
    /// What speaks for it is outweighed by what speaks against it.
    Outweighed,
    /// It leads back to a text that the search has left.
    LeadsBack,
}

impl Rejection {
    /// Returns the index of the message that speaks against the fix.
    pub fn message(self) -> Option<usize> {
        match self {
            Rejection::Contradicted { message }
            | Rejection::MovesTrouble { message }
            | Rejection::ErrorForWarning { message }
            | Rejection::SyntaxSpoilt { message }
            | Rejection::EarlierError { message } => Some(message),
            _ => None,
        }
    }
}

impl fmt::Display for Rejection {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.write_str(match self {
            Rejection::DoesNotApply => "its edits do not fit the text",
            Rejection::NotCompiled => "the compiler did not come to its end on it",
            Rejection::MessageStays => "the message stays",
            Rejection::Contradicted { .. } => "a new message says that this change is wrong",
            Rejection::MovesTrouble { .. } => "it only moves the trouble on",
            Rejection::ErrorForWarning { .. } => "the warning goes, and an error comes for it",
            Rejection::SyntaxSpoilt { .. } => "the text no longer reads as code",
            Rejection::EarlierError { .. } => "a new error stands before the message",
            Rejection::Outweighed => "more speaks against it than for it",
            Rejection::LeadsBack => "it leads back to a text that was left",
        })
    }
}

/// What an accepted fix is worth.
#[derive(Clone, Debug, Default, PartialEq)]
pub struct Acceptance {
    /// What its compile adds to its score.
    pub worth: Score,
    /// Whether the compile spoke against it in any way.
    pub objection: bool,
}

/// Decides whether a fix holds.
///
/// # Errors
/// The first reason to reject it.
pub fn accept(findings: &Findings) -> Result<Acceptance, Rejection> {
    if !findings.target_gone {
        return Err(Rejection::MessageStays);
    }
    // Where one error goes from a line and several come, in a text that reads well, nothing is mended.
    let worse = |new: &&NewMessage| {
        let late = findings.phase > Phase::Syntax && new.phase <= findings.phase;
        new.is_error && new.on_change && late
    };
    if findings.new.iter().filter(worse).count() > 1 + findings.gone_on_line && !findings.told {
        return Err(Rejection::Outweighed);
    }
    let mut worth = Score::from(w::HELD);
    let mut objection = false;
    // Of many errors that a change only uncovers, a few say all that they can say.
    let mut uncovered = 0;
    for new in &findings.new {
        let mut own = Score::default();
        objection |= weigh_new(findings, new, &mut own)?;
        let elsewhere = new.is_error && !new.on_change;
        uncovered += usize::from(elsewhere);
        if !elsewhere || uncovered <= w::MANY_NEW {
            worth += own;
        }
    }
    // A warning that is gone ends nothing while others are left.
    let ends = findings.errors_left == 0 && (findings.for_error || findings.mistakes_left == 0);
    worth += w::ALL_GONE.when(ends);
    worth += w::EACH_GONE * findings.gone.min(w::MANY_GONE) as f64;
    // Several messages of one line that go together were one mistake.
    worth += w::GONE_ON_LINE * findings.gone_on_line.min(w::MANY_GONE) as f64;
    worth += w::LOST_DEFINITION.when(findings.definitions_lost);
    Ok(Acceptance { worth, objection: objection || findings.definitions_lost })
}

/// Adds what a new message is worth; returns whether it is an objection.
fn weigh_new(findings: &Findings, new: &NewMessage, worth: &mut Score) -> Result<bool, Rejection> {
    let message = new.index;
    let contradicted = new.on_change && new.contradicts && new.counts;
    if contradicted {
        return Err(Rejection::Contradicted { message });
    }
    if !new.is_error {
        let grave = new.counts && (new.on_change || !findings.for_error);
        *worth += match (grave, new.on_change) {
            (true, _) => w::NEW_GRAVE_WARNING,
            (false, true) => w::NEW_WARNING,
            (false, false) => w::NEW_WARNING_ELSEWHERE,
        };
        return Ok(grave || new.on_change);
    }
    let syntax = new.phase <= Phase::Syntax && findings.phase <= Phase::Syntax;
    // Nobody left this word out; and two types that meet elsewhere now have not been brought together.
    let moved = new.moved && new.phase == findings.phase;
    if new.on_change && syntax && findings.adds_words || moved {
        return Err(Rejection::MovesTrouble { message });
    }
    // C only warns of a function that nobody knows; what its own name shows is an error of the call.
    let known_now = findings.names_only && findings.phase == Phase::Name;
    if !findings.for_error && !known_now {
        return Err(Rejection::ErrorForWarning { message });
    }
    // Another name cannot spoil how a line further on reads: what was unknown kept that hidden.
    let elsewhere = (findings.names_only || new.was_left) && !new.on_change && !new.before_target;
    let spoilt = new.phase <= Phase::Syntax && findings.phase > Phase::Syntax;
    if spoilt && findings.reads_well && !elsewhere {
        return Err(Rejection::SyntaxSpoilt { message });
    }
    // Compilers read on from a change; what they find further up was hidden, or is in a part that is
    // read later, such as the arguments of a Rust macro.
    let early = new.phase <= findings.phase;
    // What an earlier phase finds wrong in the change itself hides the message to mend.
    let hides = (new.on_change || new.hides_target)
        && new.phase < findings.phase
        && new.phase > Phase::Syntax;
    if (early && new.before_target && !new.above_change || hides) && !findings.told {
        return Err(Rejection::EarlierError { message });
    }
    // Where a type is declared otherwise, what then fits no more was right.
    let typed = matches!(findings.mistake, MistakeId::WrongType | MistakeId::WrongReturnType);
    // And where the message stood, nothing is won.
    let stays = typed && !new.on_change && new.on_its_line && new.phase == findings.phase;
    if stays && findings.gone_on_line == 0 {
        return Err(Rejection::MovesTrouble { message });
    }
    // What was brought in is known now, and is not what can stand there.
    let unfit = new.in_its_place && new.phase > Phase::Name;
    *worth += match () {
        () if unfit && findings.mistake == MistakeId::MissingImport => w::SUITS_NOT,
        () if new.on_change => w::NEW_HERE,
        () if typed && new.phase == findings.phase => w::FITS_NO_MORE,
        () if early && !new.was_left => w::NEW_BELOW,
        // Of a later phase and elsewhere: it was hidden.
        () => w::REVEALED,
    };
    Ok(true)
}

#[cfg(test)]
mod tests {
    use super::*;

    /// A fix of a type error that holds, with nothing new.
    fn clean() -> Findings {
        Findings {
            mistake: MistakeId::WrongNumberType,
            adds_words: false,
            names_only: false,
            phase: Phase::Type,
            for_error: true,
            told: false,
            reads_well: true,
            target_gone: true,
            new: Vec::new(),
            errors_left: 1,
            mistakes_left: 1,
            gone: 1,
            gone_on_line: 0,
            definitions_lost: false,
        }
    }

    #[test]
    fn another_type_must_fit_wherever_it_is_used() {
        let typed = |mistake| Findings { mistake, new: vec![error()], ..clean() };
        let worth = |findings: &Findings| accept(findings).unwrap().worth.total();
        let apart = worth(&typed(MistakeId::WrongNumberType)) - worth(&typed(MistakeId::WrongType));
        assert_near(apart, w::NEW_BELOW.value - w::FITS_NO_MORE.value);
    }

    #[test]
    fn what_is_brought_in_must_suit_where_it_was_asked_for() {
        let worth = |in_its_place: bool| {
            let new = vec![NewMessage { in_its_place, ..error() }];
            let import = MistakeId::MissingImport;
            let findings = Findings { mistake: import, phase: Phase::Name, new, ..clean() };
            accept(&findings).unwrap().worth.total()
        };
        assert!(worth(true) < worth(false) - 1.0);
    }

    /// An error of the same phase, on another line below.
    fn error() -> NewMessage {
        NewMessage {
            index: 3,
            is_error: true,
            counts: true,
            phase: Phase::Type,
            on_change: false,
            contradicts: false,
            before_target: false,
            hides_target: false,
            above_change: false,
            in_its_place: false,
            on_its_line: false,
            was_left: false,
            moved: false,
        }
    }

    fn warning() -> NewMessage {
        NewMessage { is_error: false, counts: false, ..error() }
    }

    fn with(new: NewMessage) -> Findings {
        Findings { new: vec![new], ..clean() }
    }

    fn rejected(findings: &Findings) -> Rejection {
        accept(findings).unwrap_err()
    }

    fn worth(findings: &Findings) -> f64 {
        accept(findings).unwrap().worth.total()
    }

    fn assert_near(one: f64, other: f64) {
        assert!((one - other).abs() < 1e-9, "{one} is not {other}");
    }

    fn objected(findings: &Findings) -> bool {
        accept(findings).unwrap().objection
    }

    #[test]
    fn what_the_compiler_names_itself_only_uncovers() {
        let here = NewMessage { on_change: true, ..error() };
        let twice = Findings { new: vec![here.clone(), here], ..clean() };
        assert_eq!(rejected(&twice), Rejection::Outweighed);
        assert!(accept(&Findings { told: true, ..twice }).is_ok());
    }

    #[test]
    fn two_types_that_meet_elsewhere_now_are_not_brought_together() {
        let moved = with(NewMessage { moved: true, ..error() });
        assert_eq!(rejected(&moved), Rejection::MovesTrouble { message: 3 });
        let earlier = with(NewMessage { moved: true, phase: Phase::Flow, ..error() });
        assert!(accept(&earlier).is_ok());
    }

    #[test]
    fn a_fix_that_takes_its_message_away_holds_without_objection() {
        let accepted = accept(&clean()).unwrap();
        assert_eq!(accepted.worth, w::HELD + w::EACH_GONE);
        assert!(!accepted.objection);
    }

    #[test]
    fn a_fix_whose_message_stays_is_rejected_whatever_else_is_gone() {
        let findings = Findings { target_gone: false, gone: 9, errors_left: 0, ..clean() };
        assert_eq!(rejected(&findings), Rejection::MessageStays);
    }

    #[test]
    fn another_type_that_leaves_the_line_with_an_error_is_none() {
        let mistake = MistakeId::WrongType;
        let here = Findings { mistake, ..with(NewMessage { on_its_line: true, ..error() }) };
        assert_eq!(rejected(&here), Rejection::MovesTrouble { message: 3 });
        // Where others are gone from there, something is won.
        assert!(accept(&Findings { gone_on_line: 1, ..here }).is_ok());
        assert!(accept(&Findings { mistake, ..with(error()) }).is_ok());
    }

    #[test]
    fn a_new_message_on_the_change_that_contradicts_it_rejects_it() {
        let new = NewMessage { on_change: true, contradicts: true, ..error() };
        assert_eq!(rejected(&with(new.clone())), Rejection::Contradicted { message: 3 });
        // A grave warning does so, too; one that counts for nothing does not.
        let grave = NewMessage { is_error: false, ..new.clone() };
        assert_eq!(rejected(&with(grave.clone())), Rejection::Contradicted { message: 3 });
        assert!(accept(&with(NewMessage { counts: false, ..grave })).is_ok());
        // Elsewhere it says nothing of the change.
        assert!(accept(&with(NewMessage { on_change: false, ..new })).is_ok());
    }

    #[test]
    fn a_word_that_only_moves_the_trouble_on_rejects_the_fix() {
        let syntax = NewMessage { on_change: true, phase: Phase::Syntax, ..error() };
        let word = Findings { adds_words: true, phase: Phase::Syntax, ..with(syntax.clone()) };
        assert_eq!(rejected(&word), Rejection::MovesTrouble { message: 3 });
        // A mark may do so: several marks of one line can be lost.
        assert!(accept(&Findings { adds_words: false, ..word.clone() }).is_ok());
        // A name that is not known is no trouble of the syntax.
        let unread = Findings { reads_well: false, ..word.clone() };
        assert!(accept(&Findings { phase: Phase::Name, ..unread }).is_ok());
        let name = NewMessage { phase: Phase::Name, ..syntax.clone() };
        assert!(accept(&Findings { new: vec![name], ..word.clone() }).is_ok());
        let elsewhere = NewMessage { on_change: false, ..syntax };
        assert!(accept(&Findings { new: vec![elsewhere], ..word }).is_ok());
    }

    #[test]
    fn an_error_of_syntax_where_there_was_none_rejects_the_fix() {
        let syntax = NewMessage { phase: Phase::Syntax, ..error() };
        let spoilt = with(syntax);
        assert_eq!(rejected(&spoilt), Rejection::SyntaxSpoilt { message: 3 });
        assert!(accept(&Findings { reads_well: false, ..spoilt.clone() }).is_ok());
        // Another name spoils nothing on lines further on.
        let named = Findings { names_only: true, ..spoilt.clone() };
        assert!(accept(&named).is_ok());
        let above = NewMessage { before_target: true, ..named.new[0].clone() };
        let above = Findings { new: vec![above], ..named.clone() };
        assert_eq!(rejected(&above), Rejection::SyntaxSpoilt { message: 3 });
        let here = NewMessage { on_change: true, ..named.new[0].clone() };
        let here = Findings { new: vec![here], ..named };
        assert_eq!(rejected(&here), Rejection::SyntaxSpoilt { message: 3 });
        assert!(accept(&Findings { phase: Phase::Syntax, ..spoilt }).is_ok());
    }

    #[test]
    fn several_errors_for_one_on_its_line_mend_nothing() {
        let here = NewMessage { on_change: true, ..error() };
        let twice = Findings { new: vec![here.clone(), here.clone()], ..clean() };
        assert_eq!(rejected(&twice), Rejection::Outweighed);
        // Two went, and a single one may come in the place of one.
        assert!(accept(&Findings { gone_on_line: 1, ..twice.clone() }).is_ok());
        assert!(accept(&with(here.clone())).is_ok());
        // What a later phase finds was hidden; a parser stops and reads on.
        let later = NewMessage { phase: Phase::Flow, ..here.clone() };
        assert!(accept(&Findings { new: vec![here, later], ..clean() }).is_ok());
        let syntax = NewMessage { phase: Phase::Syntax, ..twice.new[0].clone() };
        let read = Findings { phase: Phase::Syntax, new: vec![syntax.clone(), syntax], ..clean() };
        assert!(accept(&read).is_ok());
    }

    #[test]
    fn a_warning_is_not_bought_off_with_an_error() {
        let findings = Findings { for_error: false, ..with(error()) };
        assert_eq!(rejected(&findings), Rejection::ErrorForWarning { message: 3 });
        assert!(accept(&Findings { for_error: false, ..with(warning()) }).is_ok());
    }

    #[test]
    fn an_earlier_phase_that_stops_at_the_change_rejects_the_fix() {
        let name = NewMessage { on_change: true, phase: Phase::Name, ..error() };
        assert_eq!(rejected(&with(name.clone())), Rejection::EarlierError { message: 3 });
        let elsewhere = NewMessage { on_change: false, ..name };
        assert!(accept(&with(elsewhere.clone())).is_ok());
        let hides = NewMessage { hides_target: true, ..elsewhere };
        assert_eq!(rejected(&with(hides)), Rejection::EarlierError { message: 3 });
    }

    #[test]
    fn a_new_error_before_the_message_rejects_the_fix_if_it_is_of_no_later_phase() {
        let before = NewMessage { before_target: true, ..error() };
        assert_eq!(rejected(&with(before.clone())), Rejection::EarlierError { message: 3 });
        let earlier = NewMessage { phase: Phase::Syntax, ..before.clone() };
        let unread = Findings { reads_well: false, ..with(earlier) };
        assert_eq!(rejected(&unread), Rejection::EarlierError { message: 3 });
        let later = NewMessage { phase: Phase::Flow, ..before.clone() };
        assert!(accept(&with(later)).is_ok());
        // Above the change it was hidden, or is in a part that is read later.
        assert!(accept(&with(NewMessage { above_change: true, ..before })).is_ok());
        assert!(accept(&with(error())).is_ok());
    }

    #[test]
    fn new_errors_cost_most_on_the_change_and_least_where_they_were_hidden() {
        let here = with(NewMessage { on_change: true, phase: Phase::Flow, ..error() });
        let below = with(error());
        let hidden = with(NewMessage { phase: Phase::Flow, ..error() });
        let clean = worth(&clean());
        assert_near(worth(&here) - clean, w::NEW_HERE.value);
        assert_near(worth(&below) - clean, w::NEW_BELOW.value);
        assert_near(worth(&hidden) - clean, w::REVEALED.value);
        assert!([here, below, hidden].iter().all(objected));
    }

    #[test]
    fn new_warnings_cost_most_where_they_tell_of_a_mistake_on_the_change() {
        let plain = with(NewMessage { on_change: true, ..warning() });
        let grave = with(NewMessage { on_change: true, counts: true, ..warning() });
        let elsewhere = with(NewMessage { counts: true, ..warning() });
        let clean = worth(&clean());
        assert_near(worth(&grave) - clean, w::NEW_GRAVE_WARNING.value);
        assert_near(worth(&plain) - clean, w::NEW_WARNING.value);
        assert_near(worth(&elsewhere) - clean, w::NEW_WARNING_ELSEWHERE.value);
        assert!(objected(&plain) && objected(&grave) && !objected(&elsewhere));
        // Where a warning is mended, another grave one is no better wherever it stands.
        let swapped = Findings { for_error: false, ..elsewhere };
        assert!(objected(&swapped));
        assert!(objected(&Findings { for_error: false, ..grave }));
        let other = Findings { for_error: false, ..with(warning()) };
        assert!(!objected(&other));
    }

    #[test]
    fn the_last_mistake_is_worth_more() {
        let last = Findings { errors_left: 0, mistakes_left: 0, ..clean() };
        assert_near(worth(&last) - worth(&clean()), w::ALL_GONE.value);
        // A warning may be left behind the last error, but not behind the last warning.
        let warned = Findings { mistakes_left: 1, ..last.clone() };
        assert_eq!(worth(&warned), worth(&last));
        let other = Findings { for_error: false, ..warned };
        assert_eq!(worth(&other), worth(&clean()));
        let none = Findings { for_error: false, ..last.clone() };
        assert_eq!(worth(&none), worth(&last));
        // An error that is left is left, whatever is mended.
        let error = Findings { for_error: false, errors_left: 1, mistakes_left: 0, ..clean() };
        assert_eq!(worth(&error), worth(&clean()));
    }

    #[test]
    fn each_message_that_goes_counts_up_to_a_limit() {
        let gone = |gone, gone_on_line| worth(&Findings { gone, gone_on_line, ..clean() });
        assert_near(gone(3, 0) - gone(2, 0), w::EACH_GONE.value);
        assert_eq!(gone(w::MANY_GONE + 5, 0), gone(w::MANY_GONE, 0));
        assert_near(gone(3, 2) - gone(3, 1), w::GONE_ON_LINE.value);
        assert_eq!(gone(3, w::MANY_GONE + 5), gone(3, w::MANY_GONE));
    }

    #[test]
    fn a_lost_definition_weighs_more_than_all_that_is_gained() {
        let lost = Findings { definitions_lost: true, ..clean() };
        assert!(objected(&lost));
        assert!(worth(&lost) < 0.0);
    }

    #[test]
    fn every_rejection_says_why_and_which_message_it_is_about() {
        let all = [
            Rejection::DoesNotApply,
            Rejection::NotCompiled,
            Rejection::MessageStays,
            Rejection::Contradicted { message: 1 },
            Rejection::MovesTrouble { message: 1 },
            Rejection::ErrorForWarning { message: 1 },
            Rejection::SyntaxSpoilt { message: 1 },
            Rejection::EarlierError { message: 1 },
            Rejection::Outweighed,
            Rejection::LeadsBack,
        ];
        let texts: std::collections::BTreeSet<_> = all.iter().map(Rejection::to_string).collect();
        assert_eq!(texts.len(), all.len());
        let named = all.iter().filter(|rejection| rejection.message() == Some(1));
        assert_eq!(named.count(), 5);
    }
}
