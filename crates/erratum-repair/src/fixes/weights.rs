//! The weights that several families of fixes share, with the reason for each. A family's own stand
//! at its top. See [`crate::score`] for the scale.

use crate::score::{Factor, evidence, weight};

/// What the token model says counts by this much: runs of classes are not independent, so the
/// plain sum would claim too much.
pub const MODEL: f64 = 0.75;

/// The most that the model may add or take, so that one odd run cannot outweigh everything.
pub const MODEL_LIMIT: f64 = 9.0;

/// What a token costs in the model at least, where lines of different length are compared; see the
/// average of the text at hand.
pub const EACH_TOKEN: f64 = 1.0;

/// Each token between the reported place and a change before it: compilers notice a slip late.
pub const PER_TOKEN_BEFORE: Factor = weight("tokens before the reported place", -0.28);

/// Each token between the reported place and a change after it: they hardly ever notice early.
pub const PER_TOKEN_AFTER: Factor = weight("tokens behind the reported place", -0.9);

/// Each line between the reported place and the change, beside the tokens.
pub const PER_LINE: Factor = weight("lines from the reported place", -0.25);

/// The message itself names the mark to insert ("expected ';'").
pub const MESSAGE_NAMES_IT: Factor = evidence("the message names it", 2.2);

/// The compiler says which line brings a name in.
pub const TOLD_IMPORT: Factor = evidence("the compiler says what brings it in", 0.3);

/// Inserting a mark: forgetting one is the commonest slip of all.
pub const INSERT: Factor = weight("a mark is easily forgotten", -1.0);

/// Inserting a keyword: rarer, people remember words better than marks.
pub const INSERT_WORD: Factor = weight("a word is seldom forgotten", -5.0);

/// Deleting a mark: a key pressed twice.
pub const DELETE: Factor = weight("a mark too many", -3.0);

/// Deleting a word takes something of the learner's work.
pub const DELETE_WORD: Factor = weight("it takes a word out", -7.0);

/// Putting another mark in the place of one that is easily taken for it (`,` `;` `.` `:`).
pub const REPLACE_LIKE: Factor = weight("a mark that is easily taken for another", -2.2);

/// Putting any other mark in the place of one.
pub const REPLACE: Factor = weight("another mark", -5.0);

/// A keyword that stands twice in a row: no sound text has that.
pub const DOUBLED_WORD: Factor = weight("the same word twice in a row", 7.0);

/// Two tokens in the wrong order.
pub const SWAP: Factor = weight("two tokens in the wrong order", -5.5);

/// Taking two tokens apart or together.
pub const JOIN: Factor = weight("two tokens taken apart or together", -3.5);

/// The brackets do not pair: a change that makes them pair.
pub const PAIRS_MENDED: Factor = weight("the brackets pair", 3.5);

/// The brackets pair: a change that spoils that.
pub const PAIRS_SPOILT: Factor = weight("the brackets no longer pair", -9.0);

/// The brackets do not pair, and the change leaves it so.
pub const PAIRS_STILL_ODD: Factor = weight("the brackets still do not pair", -3.0);

/// A bracket at the place where the layout says its partner was meant.
pub const LAYOUT_PLACE: Factor = weight("the layout wants it there", 3.0);

/// A name written as a near one: with one letter wrong.
pub const RESPELL: Factor = weight("a near name", -0.5);

/// Each further letter that differs.
pub const PER_LETTER: Factor = weight("further letters that differ", -2.0);

/// Only the letter case differs: beginners slip so most of all.
pub const CASE_ONLY: Factor = weight("only the letter case differs", 1.0);

/// The near name is what the place asks for (a function where there is a call, …).
pub const KIND_FITS: Factor = weight("the name is of the kind asked for", 1.2);

/// The near name is something else than the place asks for.
pub const KIND_MISFITS: Factor = weight("the name is of another kind", -2.0);

/// The near name is declared and visible at the place.
pub const VISIBLE: Factor = weight("the name is visible here", 1.0);

/// The near name is declared in this file and used nowhere else: it waits for this use.
pub const UNUSED: Factor = weight("the name waits for this use", 1.2);

/// The near name stands elsewhere in the file: it is a habit of this learner's.
pub const SEEN: Factor = weight("the name stands elsewhere in the file", 0.8);

/// The first letter differs: people look at the start of a word.
pub const FIRST_LETTER: Factor = weight("the first letter differs", -1.0);

/// A declaration that nothing uses, near a name that is used and not declared, per use beyond one.
pub const DECLARATION_SLIP: Factor = weight("further uses of the undeclared name", 1.5);

/// How much it counts that one spelling looks more like a word than another, per letter run.
pub const LOOKS: Factor = weight("it looks like a word that people write", 1.6);

/// A name that the library's table has, brought by an import that is not there.
pub const IMPORT: Factor = weight("the library has the name", 2.5);

/// What the compiler suggests: right in 17 to 38 of 100 cases.
pub const HINT: Factor = weight("the compiler suggests it", -2.0);

/// What rustc marks as fit to be applied by a machine is right more often.
pub const HINT_TYPES: Factor = weight("the compiler suggests it for a type", 0.5);

/// A change of types by recipe.
pub const TYPE_FIX: Factor = weight("a change of type", 0.0);

/// A value that nobody can know.
pub const MADE_UP: Factor = weight("a value that nobody can know", -1.5);

/// A joint repair of several odd brackets: each further part is a further slip.
pub const EACH_PART: Factor = weight("a further slip", -3.0);

/// A bracket whose partner would make `((a))`: it is one too many, rather.
pub const DOUBLED_PAIR: Factor = weight("it makes a pair around a pair", -4.0);

/// A change after which a bracket or a quote is odd that was not: the trouble moves elsewhere.
pub const BREAKS_PAIRS: Factor = weight("a bracket or quote becomes odd", -6.0);

/// A change that keeps the kinds of the words around, such as `,` in the place of `.` between an
/// object and a member that it has.
pub const MEMBER: Factor = weight("a member behind its object", 5.0);

/// The header of a `for` has two `;`: where one is lacking, the mark between its parts is wrong.
pub const FOR_HEADER: Factor = evidence("the header of a loop lacks its mark", 6.0);

/// A mark ends the statement before its `else`.
pub const ENDED_EARLY: Factor = evidence("the statement goes on with its else", 6.0);

/// In the brackets of an expression a single mark compares nothing.
pub const COMPARED: Factor = evidence("nothing is defined in these brackets", 5.0);

/// The compiler says that an assignment stands where a value is wanted.
pub const TOLD_VALUE: Factor = evidence("an assignment stands where a value is wanted", 8.0);

/// A list in brackets goes on behind a mark that ends statements.
pub const LIST_ENDED: Factor = evidence("the bracket is closed behind it", 6.5);

/// A name that nothing declares and that is two known names run together.
pub const RUN_TOGETHER: Factor = weight("two known names run together", 4.0);

/// A bracket was lost in it, and both parts are known: hardly anything else explains such a name.
pub const BOTH_KNOWN: Factor = weight("both parts are known", 4.0);

/// A word that another language has for something of this one: that is no slip of the fingers.
pub const FOREIGN: Factor = weight("a word of another language", 4.0);

/// A value whose name says what its function is called: `getMoved` gives `moved`.
pub const NAMED_AFTER: Factor = weight("the function is named after it", 2.5);
