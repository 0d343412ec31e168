//! For each language one sound program, and slips in it with what the real compiler said of each: the
//! fix that restores the program must stand first (or, where `among` says so, within the first
//! few) before anything is compiled.

use erratum_catalogue::Catalogue;
use erratum_repair::diagnose::Diagnoser;
use erratum_repair::fixes::{Case, propose};
use erratum_repair::message::{Message, Place, Severity};
use erratum_syntax::edit;
use erratum_syntax::language;
use erratum_syntax::source::{Program, Source};
use erratum_syntax::text::Text;
use serde::Deserialize;
use std::sync::Arc;

/// A program, and what can go wrong in it.
#[derive(Deserialize)]
#[serde(deny_unknown_fields)]
struct Repairs {
    language: String,
    compiler: String,
    /// The version that gave the messages.
    version: String,
    sound: String,
    slip: Vec<Slip>,
}

#[derive(Deserialize)]
#[serde(deny_unknown_fields)]
struct Slip {
    what: String,
    /// What stands in the sound program, and what was typed instead.
    right: String,
    typed: String,
    said: String,
    code: Option<String>,
    #[serde(default)]
    warning: bool,
    line: u32,
    column: u32,
    /// Among how many candidates the right one must be.
    among: Option<usize>,
}

/// At which place the fix that restores the program stands, from 1.
fn rank(repairs: &Repairs, slip: &Slip) -> Option<usize> {
    let table = language::by_id(&repairs.language).unwrap();
    assert!(repairs.sound.contains(&slip.right), "{}: {}", slip.what, slip.right);
    let wrong = repairs.sound.replacen(&slip.right, &slip.typed, 1);
    let source = Source::new("harbour", wrong.into_bytes());
    let program = Program::single(source.clone());
    let severity = if slip.warning { Severity::Warning } else { Severity::Error };
    let mut message = Message::new(severity, slip.said.as_str());
    message.code.clone_from(&slip.code);
    message.at = Some(Place::point("harbour", slip.line, slip.column));
    let catalogue = Catalogue::shipped();
    let diagnosis = Diagnoser::new(&catalogue, &repairs.compiler).diagnose(&message);
    let text = Arc::new(Text::new(&source, table));
    let all = [message.clone()];
    let case = Case::new(&program, text, &message, &all, &diagnosis)?;
    let restores = |sets: &[&[edit::Edit]]| {
        let mended = edit::apply_all(&program, sets);
        let mended = mended.unwrap_or_else(|error| panic!("{}: {error:?} {sets:?}", slip.what));
        mended.files[0].bytes() == repairs.sound.as_bytes()
    };
    propose(&case).candidates.iter().position(|c| restores(&c.sets())).map(|at| at + 1)
}

fn check(text: &str) {
    let repairs: Repairs = toml::from_str(text).unwrap();
    let failed: Vec<String> = (repairs.slip.iter())
        .filter_map(|slip| {
            let rank = rank(&repairs, slip);
            let held = rank.is_some_and(|rank| rank <= slip.among.unwrap_or(1));
            (!held).then(|| format!("{}: {rank:?}", slip.what))
        })
        .collect();
    let from = format!("{} {}", repairs.compiler, repairs.version);
    assert!(failed.is_empty(), "{from}: {failed:#?}");
    assert!(repairs.slip.len() >= 12, "{from}: too few");
}

macro_rules! languages {
    ($($name:ident),*) => {
        $(#[test]
        fn $name() {
            check(include_str!(concat!("repairs/", stringify!($name), ".toml")));
        })*
    };
}

languages!(c, java, rust, typescript, go, pascal, haskell, scala, csharp);
