//! What can go wrong in a program, and the words for it.
//!
//! A [`Catalogue`] holds one [`Entry`] for each kind of mistake: the messages that show it (as
//! [`Pattern`]s with holes), the [`Recipe`]s of fixes to try, and texts for people with the same
//! holes in them. Beside these stand the [`Term`]s of the trade, the [`Shape`]s of messages that no
//! entry knows, and the causes of [`Crash`]es. Everything is data: TOML files in `catalogue/`, which
//! the build script checks and packs. It also makes two types of them, so that a name that the
//! catalogue does not have cannot be written: [`MistakeId`] and [`Recipe`].
//!
//! Text goes in ([`fits`] holds a message against a pattern and returns the [`Captures`]) and text
//! comes out ([`fill`] puts them into a title). This crate knows neither programs nor compilers; which
//! message of which compiler shows which mistake is asked by the layer above.
//!
//! Texts of others, such as a translation, are read and checked by [`own`] and stand in for those
//! that ship: [`Catalogue::with_texts`] makes a second value.
//!
//! ```
//! use erratum_catalogue::{Catalogue, MistakeId, fill, fits};
//!
//! let catalogue = Catalogue::shipped();
//! let entry = catalogue.entry(MistakeId::MissingTerminator.as_str()).unwrap();
//! assert!(entry.is(MistakeId::MissingTerminator));
//!
//! let captures = fits("'{name}' undeclared", "'tide' undeclared").unwrap();
//! assert_eq!(captures["name"], "tide");
//! assert_eq!(fill("Nothing declares `{name}`", &captures).unwrap(), "Nothing declares `tide`");
//! ```

mod catalogue;
mod entry;
mod ids;
pub mod own;
mod pattern;
mod said;
mod term;
mod texts;

pub use catalogue::{Catalogue, same_family};
pub use entry::{Entry, Example, Pattern, Phase, Wording};
pub use ids::{MistakeId, Recipe, UnknownId};
pub use pattern::{fill, fill_sentences, fits, fixed_length};
pub use said::Said;
pub use term::{Crash, Shape, Term};
pub use texts::{MistakeTexts, TermTexts, Texts};

/// What the holes of a pattern held, by their names.
pub type Captures = std::collections::BTreeMap<String, String>;
