//! The texts of programs, read without a compiler.
//!
//! A [`source::Source`] is one file as bytes, with its lines; a [`source::Program`] is the files that
//! are compiled together. [`edit::Edit`]s change them, and map places back and forth. What differs
//! between languages stands in one [`language::Language`] each: marks, words, library names, and the
//! few behaviours that no table can say.
//!
//! A text is read in steps, each on the result of the one before: [`lex::Lexed`] cuts it into tokens,
//! [`pairs::Pairs`] finds the partner of each bracket, quote and block word and names the odd ones,
//! [`names::Names`] finds what is declared and where it is visible, and [`model::Model`] knows what
//! code usually looks like. [`text::Text`] holds all four.
//!
//! Nothing here fails: a text that is no program at all is read as far as it goes. Places are bytes
//! from 0; lines and columns for people count from 1.
//!
//! ```
//! use erratum_syntax::{language, source::Source, text::Text};
//!
//! let c = language::by_id("c").unwrap();
//! let source = Source::new("ferry.c", &b"int fare(int zone) {\n    return (zone * 3;\n}\n"[..]);
//! let text = Text::new(&source, c);
//! assert!(text.names.of("zone").next().is_some());
//! let odd = &text.pairs.odd[0];
//! assert_eq!(text.lexed.word(odd.token), "(");
//! assert_eq!(text.lexed.code[odd.token].line, 2);
//! ```

pub mod edit;
pub mod language;
pub mod lex;
pub mod model;
pub mod names;
pub mod newer;
pub mod pairs;
pub mod source;
pub mod spelling;
pub mod text;
pub mod visible;
