//! Every weight and limit of the search, with the reason for it. See [`crate::score`] for the scale.

use crate::score::{Factor, weight};

// What a compile is worth.

/// The message is gone, and nothing new came of its phase or an earlier one.
pub const HELD: Factor = weight("its message is gone", 8.0);

/// No mistake is left at all.
pub const ALL_GONE: Factor = weight("no mistake is left", 3.0);

/// Each message that counts and went with it, up to [`MANY_GONE`] of them.
pub const EACH_GONE: Factor = weight("messages that went with it", 0.5);

/// Each of those on the line of the message to mend: together they were one mistake.
pub const GONE_ON_LINE: Factor = weight("messages of the same line that went with it", 1.2);

/// More messages than this that are gone say no more: one lost bracket brings fifty.
pub const MANY_GONE: usize = 6;

/// A new error on a line that the fix changed.
pub const NEW_HERE: Factor = weight("a new error on the change", -3.5);

/// What was brought in does not suit where it was asked for.
pub const SUITS_NOT: Factor = weight("what is brought in does not suit there", -5.0);

/// A new error of the same phase or an earlier one further down: it was hidden, or was caused.
pub const NEW_BELOW: Factor = weight("a new error below", -0.7);

/// So many new errors elsewhere count; what a compiler says once it reads on may be a whole page.
pub const MANY_NEW: usize = 5;

/// A new error of the same phase elsewhere, behind a change of a declared type: a use that was right.
pub const FITS_NO_MORE: Factor = weight("another use no longer fits", -4.0);

/// A new error of a later phase elsewhere: it was hidden.
pub const REVEALED: Factor = weight("an error that was hidden", -0.05);

/// A new warning on the change that tells of a mistake, or any such warning for one that is mended.
pub const NEW_GRAVE_WARNING: Factor = weight("a new warning that tells of a mistake", -3.0);

/// A new warning on the change: unused, no effect, unreachable.
pub const NEW_WARNING: Factor = weight("a new warning on the change", -1.5);

/// A new warning elsewhere: most were hidden.
pub const NEW_WARNING_ELSEWHERE: Factor = weight("a new warning elsewhere", -0.2);

/// A definition of the learner's is no longer in the outline.
pub const LOST_DEFINITION: Factor = weight("a definition is lost", -10.0);

// When trying ends.

/// How many candidates are tried for one message at most.
pub const TRIES: usize = 28;

/// A candidate this much below the best is not worth a compile.
pub const HOPELESS: f64 = 11.0;

/// A candidate below this is not worth a compile either, where the text does not read as code: of 330
/// below it, tried for 50 programs that people wrote wrong, none was taken.
pub const UNLIKELY_TEXT: f64 = -9.0;

/// The same where the text reads well and means nothing: of 227 such, none was taken.
pub const UNLIKELY_MEANING: f64 = -7.0;

/// A candidate below this is faint. Of 933 such that were tried for 108 programs that people wrote wrong, 45 were
/// taken: where the text reads well none later than the fourth of its message, else none later than the eighth.
pub const FAINT: f64 = -1.5;

/// How many faint candidates are tried for one message, where the text does not read as code.
pub const FAINT_TEXT: usize = 8;

/// The same where it reads well.
pub const FAINT_MEANING: usize = 4;

/// How much further below the best a candidate may be that leaves a bracket odd, where no bracket helps.
pub const ODD_ELSEWHERE: f64 = 8.0;

/// How much better than the best a candidate could turn out to be, where nothing speaks against the
/// best.
pub const SLACK: f64 = 0.3;

/// The same where something does.
pub const SLACK_OBJECTED: f64 = 4.0;

// Which way the search goes on.

/// How many next best fixes of a step the search may come back to.
pub const BRANCHES: usize = 2;

/// A fix this much behind the best of its step is not come back to.
pub const BRANCH_GAP: f64 = 2.5;

/// How many times the search goes back to an earlier step at most.
pub const DETOURS: usize = 6;

/// The doubt that a message raises which no fix takes away: an earlier step may be wrong.
pub const GAVE_UP: f64 = 5.0;

/// The same where the message has nothing to do with what was changed: it would come on any other way.
pub const GAVE_UP_ELSEWHERE: f64 = 0.5;

/// The doubt that a message raises on a line which an earlier step changed.
pub const AGAIN: f64 = 2.5;

/// What a fix that is right usually comes to in all.
pub const USUAL_TOTAL: f64 = 6.0;

/// The doubt for each point that a fix is below [`USUAL_TOTAL`].
pub const PER_BELOW_USUAL: f64 = 0.4;

/// What an error that is left counts, where the budget ends and the furthest repair is wanted.
pub const PER_ERROR_LEFT: f64 = 0.5;

// Batches.

/// A fix this much ahead of the next is tried together with those of other messages.
pub const STANDS_OUT: f64 = 1.5;

/// How many lines apart such fixes must be, so that none can be the cause of another's message.
pub const APART: u32 = 2;

/// How many of them are tried at once at most.
pub const BATCH: usize = 6;

/// How many other messages are looked at for that.
pub const BATCH_LOOKS: usize = 10;

// What is shown.

/// A fix this much behind the best is not worth showing beside it.
pub const ALTERNATIVE: f64 = 3.0;

/// Without a proof, a fix is shown only if it is likelier than this…
pub const JUDGED: f64 = -1.0;

/// …and ahead of the next by this much.
pub const JUDGED_AHEAD: f64 = 0.5;

/// How many parts are switched off at most only because they hang on parts that were.
pub(super) const CLEARED: usize = 8;
/// Of how many messages that hang on a mistake from the first the statements are switched off.
pub(super) const HUNG: usize = 2;
