//! The kind of error that a mistake is, and what its compiler does not look for while it is there.

use erratum_catalogue::Phase;
use erratum_repair::verdict::{Root, Verdict};

/// The sentence below a mistake.
pub fn area(verdict: &Verdict, root: &Root) -> String {
    let kind = match root.area {
        Phase::Lexical | Phase::Brackets | Phase::Syntax => "spelling and punctuation",
        Phase::Name => "names",
        Phase::Type => "types",
        Phase::Flow => "paths through the program",
        Phase::Link => {
            return "putting the parts together. After it, only running the program shows more."
                .to_owned();
        }
    };
    let unchecked: Vec<&str> = verdict.unchecked(root).into_iter().filter_map(word).collect();
    match &unchecked[..] {
        [] => format!("{kind}."),
        [most @ .., last] => {
            let list = if most.is_empty() {
                (*last).to_owned()
            } else {
                format!("{} or {last}", most.join(", "))
            };
            let compiler = &verdict.build.compiler;
            format!("{kind}. While one is left, {compiler} does not check {list}.")
        }
    }
}

/// What is looked at in a phase, for a list.
fn word(phase: Phase) -> Option<&'static str> {
    match phase {
        Phase::Name => Some("names"),
        Phase::Type => Some("types"),
        Phase::Flow => Some("what each path sets and returns"),
        _ => None,
    }
}
