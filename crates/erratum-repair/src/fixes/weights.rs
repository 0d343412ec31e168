//! Every weight of the ranking, with the reason for it. Scores are natural logarithms: 2.3 more
//! means ten times likelier.

/// A slip at exactly the place where the message points. All other weights are measured from it.
pub const AT_PLACE: f64 = 0.0;

/// What the token model says counts by this much: runs of classes are not independent, so the
/// plain sum would claim too much.
pub const MODEL: f64 = 0.75;

/// The most that the model may add or take, so that one odd run cannot outweigh everything.
pub const MODEL_LIMIT: f64 = 9.0;

/// What a token costs in the model at least, where lines of different length are compared; see the
/// average of the text at hand.
pub const EACH_TOKEN: f64 = 1.0;

/// Each token between the reported place and a change before it: compilers notice a slip late.
pub const PER_TOKEN_BEFORE: f64 = -0.28;

/// Each token between the reported place and a change after it: they hardly ever notice early.
pub const PER_TOKEN_AFTER: f64 = -0.9;

/// Each line between the reported place and the change, beside the tokens.
pub const PER_LINE: f64 = -0.25;

/// The message itself names the mark to insert ("expected ';'").
pub const MESSAGE_NAMES_IT: f64 = 2.2;

/// Inserting a mark: forgetting one is the commonest slip of all.
pub const INSERT: f64 = -1.0;

/// Inserting a keyword: rarer, people remember words better than marks.
pub const INSERT_WORD: f64 = -5.0;

/// Deleting a mark: a key pressed twice.
pub const DELETE: f64 = -3.0;

/// Deleting a word takes something of the learner's work.
pub const DELETE_WORD: f64 = -7.0;

/// Putting another mark in the place of one that is easily taken for it (`,` `;` `.` `:`).
pub const REPLACE_LIKE: f64 = -2.2;

/// Putting any other mark in the place of one.
pub const REPLACE: f64 = -5.0;

/// A keyword that stands twice in a row: no sound text has that.
pub const DOUBLED_WORD: f64 = 7.0;

/// Two tokens in the wrong order.
pub const SWAP: f64 = -5.5;

/// Taking two tokens apart or together.
pub const JOIN: f64 = -3.5;

/// The brackets do not pair: a change that makes them pair.
pub const PAIRS_MENDED: f64 = 3.5;

/// The brackets pair: a change that spoils that.
pub const PAIRS_SPOILT: f64 = -9.0;

/// The brackets do not pair, and the change leaves it so.
pub const PAIRS_STILL_ODD: f64 = -3.0;

/// A bracket at the place where the layout says its partner was meant.
pub const LAYOUT_PLACE: f64 = 3.0;

/// A name written as a near one: with one letter wrong.
pub const RESPELL: f64 = -0.5;

/// Each further letter that differs.
pub const PER_LETTER: f64 = -2.0;

/// Only the letter case differs: beginners slip so most of all.
pub const CASE_ONLY: f64 = 1.0;

/// The near name is what the place asks for (a function where there is a call, …).
pub const KIND_FITS: f64 = 1.2;

/// The near name is something else than the place asks for.
pub const KIND_MISFITS: f64 = -2.0;

/// The near name is declared and visible at the place.
pub const VISIBLE: f64 = 1.0;

/// The near name is declared in this file and used nowhere else: it waits for this use.
pub const UNUSED: f64 = 1.2;

/// The near name stands elsewhere in the file: it is a habit of this learner's.
pub const SEEN: f64 = 0.8;

/// The first letter differs: people look at the start of a word.
pub const FIRST_LETTER: f64 = -1.0;

/// A declaration that nothing uses, near a name that is used and not declared, per use beyond one.
pub const DECLARATION_SLIP: f64 = 1.5;

/// How much it counts that one spelling looks more like a word than another, per letter run.
pub const LOOKS: f64 = 1.6;

/// A name that the library's table has, brought by an import that is not there.
pub const IMPORT: f64 = 2.5;

/// What the compiler suggests: right in 17 to 38 of 100 cases.
pub const HINT: f64 = -2.0;

/// What rustc marks as fit to be applied by a machine is right more often.
pub const HINT_TYPES: f64 = 0.5;

/// A change of types by recipe.
pub const TYPE_FIX: f64 = 0.0;

/// A value that nobody can know.
pub const MADE_UP: f64 = -1.5;

/// After compiling: the message is gone and nothing new came of its phase or an earlier one.
pub const HELD: f64 = 8.0;

/// After compiling: no mistake is left at all.
pub const ALL_GONE: f64 = 3.0;

/// After compiling: each message that went with it, up to [`MANY_GONE`] of them.
pub const EACH_GONE: f64 = 0.5;

/// See [`EACH_GONE`].
pub const MANY_GONE: usize = 6;

/// After compiling: each new message of a later phase on the changed lines.
pub const NEW_HERE: f64 = -3.5;

/// After compiling: each new message of the same phase further down (it was hidden, or was caused).
pub const NEW_BELOW: f64 = -0.7;

/// After compiling: each new warning near the change (unused, no effect, unreachable).
pub const NEW_WARNING: f64 = -1.5;

/// After compiling: a definition of the learner's is no longer in the outline.
pub const LOST_DEFINITION: f64 = -10.0;

/// How many candidates are tried for one message at most.
pub const TRIES: usize = 28;

/// A candidate this much below the best is not worth a compile.
pub const HOPELESS: f64 = 11.0;

/// A joint repair of several odd brackets: each further part is a further slip.
pub const EACH_PART: f64 = -3.0;

/// How many next best fixes of a step the search may come back to.
pub const BRANCHES: usize = 2;

/// A fix this much behind the best of its step is not come back to.
pub const BRANCH_GAP: f64 = 2.5;

/// How many times the search goes back to an earlier step at most.
pub const DETOURS: usize = 6;

/// The doubt that a message raises which no fix takes away: an earlier step may be wrong.
pub const GAVE_UP: f64 = 5.0;

/// The doubt that a message raises on a line which an earlier step changed.
pub const AGAIN: f64 = 2.5;

/// What a fix that is right usually comes to in all.
pub const USUAL_TOTAL: f64 = 6.0;

/// The doubt for each point that a fix is below [`USUAL_TOTAL`].
pub const PER_BELOW_USUAL: f64 = 0.4;

/// A fix whose runner-up is this close is one of two fair readings.
pub const CLOSE: f64 = 0.4;
/// The same where both are of one kind: nothing tells them apart.
pub const EQUAL: f64 = 1e-6;

/// A fix this much behind the best is not worth showing beside it.
pub const ALTERNATIVE: f64 = 3.0;

/// A bracket whose partner would make `((a))`: it is one too many, rather.
pub const DOUBLED_PAIR: f64 = -4.0;

/// A change that keeps the kinds of the words around, such as `,` in the place of `.` between an
/// object and a member that it has.
pub const MEMBER: f64 = 5.0;

/// The header of a `for` has two `;`: where one is lacking, the mark between its parts is wrong.
pub const FOR_HEADER: f64 = 6.0;

/// A name that nothing declares and that is two known names run together.
pub const RUN_TOGETHER: f64 = 4.0;

/// A bracket was lost in it, and both parts are known: hardly anything else explains such a name.
pub const BOTH_KNOWN: f64 = 4.0;

/// After compiling: each message on the changed lines that went with it.
pub const GONE_HERE: f64 = 1.2;

/// A word that another language has for something of this one: that is no slip of the fingers.
pub const FOREIGN: f64 = 4.0;

/// A value whose name says what its function is called: `getMoved` gives `moved`.
pub const NAMED_AFTER: f64 = 2.5;

/// A fix this much ahead of the next is tried together with those of other messages.
pub const STANDS_OUT: f64 = 1.5;

/// How many lines apart such fixes must be, so that none can be the cause of another's message.
pub const APART: u32 = 2;

/// How many of them are tried at once at most.
pub const JOINT: usize = 6;

/// How many other messages are looked at for that.
pub const JOINT_LOOKS: usize = 10;

/// Without a proof, a fix is shown only if it is likelier than this…
pub const JUDGED: f64 = -1.0;

/// …and ahead of the next by this much.
pub const JUDGED_AHEAD: f64 = 0.5;
