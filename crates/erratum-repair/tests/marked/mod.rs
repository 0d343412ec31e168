//! A verdict on a text of one message.

use erratum_catalogue::Catalogue;
use erratum_repair::message::{Message, Place};
use erratum_repair::search::{Report, judge};
use erratum_repair::verdict::Root;
use erratum_syntax::language;
use erratum_syntax::source::{Program, Source};

/// The mistake that is judged from one message, which points at some bytes of a text.
pub fn root(
    id: &str,
    compiler: &str,
    text: &str,
    bytes: (usize, usize),
    mut message: Message,
) -> Root {
    let source = Source::new("ferry", text.as_bytes());
    message.at = Some(Place::of(&source, bytes.0, bytes.1));
    let report = Report { messages: vec![message], exit: Some(1), dropped: 0 };
    let (catalogue, program) = (Catalogue::shipped(), Program::single(source));
    let language = language::by_id(id);
    let verdict = judge(&catalogue, &program, language, &report, compiler, Default::default());
    verdict.roots.into_iter().next().unwrap()
}
