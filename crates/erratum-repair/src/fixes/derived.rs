//! `#[derive(Clone, Copy)]` above a type that holds what cannot be copied.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// The compiler names the trait that the type cannot have.
const NAMED: Factor = evidence("the type cannot have the trait", 6.0);

/// A trait that can be derived brings the method.
const BRINGS: Factor = evidence("a trait that can be derived brings it", 7.0);

/// What rustc 1.95 says of it (E0204).
const SAID: (&str, &str) = ("the trait `", "` cannot be implemented for this type");

pub(super) static FAMILY: Family = Family {
    id: "derived",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "#[derive(Clone, Copy)]\n<|>struct Berth {\n    name: String,\n}\n",
        message: "[E0204] the trait `Copy` cannot be implemented for this type",
        after: "#[derive(Clone)]\nstruct Berth {\n    name: String,\n}\n",
    },
};

/// How many tokens above a type a list of its traits may begin.
const ATTRIBUTE: usize = 40;

/// How many lines above the type its attributes may begin.
const ABOVE: u32 = 4;

/// What a type needs beside a trait that is derived.
const NEEDS: &[(&str, &[&str])] = &[
    ("Ord", &["PartialEq", "Eq", "PartialOrd"]),
    ("PartialOrd", &["PartialEq"]),
    ("Eq", &["PartialEq"]),
    ("Copy", &["Clone"]),
];

/// A suggested `#[derive(...)]`, put into the list that stands there already.
pub(super) fn merged(case: &Case, edit: &Edit) -> Option<Edit> {
    let lexed = case.lexed();
    let names = edit.text.trim().strip_prefix("#[derive(")?.strip_suffix(")]")?;
    if edit.file != case.file() || edit.start != edit.end {
        return None;
    }
    // The compiler puts its line between the list and the type.
    let below = lexed.code.iter().position(|token| token.start >= edit.start)?;
    let above = below.saturating_sub(ATTRIBUTE)..below;
    let close = above.rev().take_while(|at| !matches!(lexed.word(*at), "}" | ";"));
    let mut opens = close.filter_map(|at| case.text.pairs.partner_of(at));
    let open = opens.find(|open| *open < below && lexed.before(*open) == "derive")?;
    let close = case.text.pairs.partner_of(open)?;
    let there = |name: &&str| (open..close).any(|at| lexed.is(at, name));
    let asked: Vec<&str> = names.split(',').map(str::trim).collect();
    let mut new: Vec<&str> = Vec::new();
    for name in asked {
        let needs = NEEDS.iter().find(|(one, _)| *one == name).map_or(&[][..], |(_, all)| *all);
        for one in needs.iter().copied().chain([name]) {
            if !there(&one) && !new.contains(&one) {
                new.push(one);
            }
        }
    }
    let text = match close == open + 1 {
        true => new.join(", "),
        false => format!(", {}", new.join(", ")),
    };
    (!new.is_empty()).then(|| case.insert(lexed.code[close].start, text))
}

/// The method that each of these traits brings.
const METHODS: &[(&str, &str)] = &[("clone", "Clone")];

/// What a type of the program derives so that it can do what is asked of it: the word before its name, the name,
/// and the traits (seen with rustc 1.95).
fn asked(said: &str) -> Option<(Option<&'static str>, &str, &'static str)> {
    // `ferry.clone()` (E0599).
    if let Some(rest) = said.strip_prefix("no method named `") {
        let (method, rest) = rest.split_once('`')?;
        let (_, brings) = METHODS.iter().find(|(one, _)| *one == method)?;
        return ["struct", "enum"].into_iter().find_map(|word| {
            let (_, rest) = rest.split_once(&format!("for {word} `"))?;
            Some((Some(word), rest.split_once('`')?.0, *brings))
        });
    }
    // `gate == Gate::Open` (E0369).
    let rest = said.strip_prefix("binary operation `")?;
    let (mark, rest) = rest.split_once("` cannot be applied to type `")?;
    let name = rest.strip_suffix('`')?.trim_start_matches('&');
    match mark {
        "==" | "!=" => Some((None, name, "PartialEq")),
        "<" | ">" | "<=" | ">=" => Some((None, name, "PartialEq, PartialOrd")),
        _ => None,
    }
}

/// A type of the program that derives nothing of what is asked of it.
fn lacking(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some((word, name, brings)) = asked(&case.message.text) else { return };
    let before = |at: usize| match word {
        Some(word) => lexed.before(at) == word,
        None => matches!(lexed.before(at), "struct" | "enum"),
    };
    let mut declared = case.text.names.of(name);
    let Some(declared) = declared.find(|one| before(one.token)) else { return };
    let edit = derives(case, declared.token, brings);
    all.push(Candidate::new(MistakeId::MissingInstance, BRINGS, vec![edit]).guess());
}

/// `derive` with these traits in front of a type: in the list that is there, or as a line of its own.
pub(super) fn derives(case: &Case, declared: usize, brings: &str) -> Edit {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[declared].line).start;
    let put = Edit::insert(case.file(), lexed.code[line].start, format!("#[derive({brings})]"));
    merged(case, &put).unwrap_or_else(|| {
        let source = &lexed.source;
        let indent = source.indent_text(lexed.code[line].line);
        let text = format!("#[derive({brings})]{}{indent}", source.line_end_text());
        case.insert(lexed.code[line].start, text)
    })
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    lacking(case, all);
    let lexed = case.lexed();
    let told = case.message.text.strip_prefix(SAID.0);
    let Some((name, _)) = told.and_then(|rest| rest.split_once(SAID.1)) else { return };
    let line = lexed.code[case.token].line;
    let near = (0..=lexed.on_line(line).end).rev();
    let near =
        near.take_while(|at| lexed.code.get(*at).is_none_or(|token| token.line + ABOVE >= line));
    for at in near.filter(|at| lexed.is(*at, name)) {
        let within = case.text.pairs.inside_of(at).filter(|open| lexed.before(*open) == "derive");
        let Some(open) = within else { continue };
        let (from, to) = match (lexed.is(at + 1, ","), at > open + 1) {
            (true, _) => (
                lexed.code[at].start,
                lexed.code.get(at + 2).map_or(lexed.code[at].end, |token| token.start),
            ),
            (false, true) => (lexed.code[at - 2].end, lexed.code[at].end),
            (false, false) => continue,
        };
        let edit = Edit::replace(case.file(), from, to, "");
        all.push(Candidate::new(MistakeId::TraitRules, NAMED, vec![edit]));
        return;
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str = "[E0204] the trait `Copy` cannot be implemented for this type";

    #[test]
    fn one_in_the_middle_goes_with_its_comma() {
        check_fix(
            &FAMILY,
            "rust",
            "#[derive(Clone, Copy, Debug)]\n<|>enum Berth {\n    Named(String),\n}\n",
            SAID,
            "#[derive(Clone, Debug)]\nenum Berth {\n    Named(String),\n}\n",
        );
    }

    #[test]
    fn what_is_cloned_derives_it() {
        let text = "#[derive(Debug)]\nstruct Berth(u8);\n\nfn go(east: &Berth) -> Berth {\n    east.<|>clone()\n}\n";
        let said = "[E0599] no method named `clone` found for struct `Berth` in the current scope";
        let after = text.replace("<|>", "");
        check_fix(&FAMILY, "rust", text, said, &after.replace("(Debug)", "(Debug, Clone)"));
        let text = text.replace("#[derive(Debug)]\n", "");
        let after = format!("#[derive(Clone)]\n{}", text.replace("<|>", ""));
        check_fix(&FAMILY, "rust", &text, said, &after);
    }

    #[test]
    fn what_is_compared_derives_it() {
        let text = "enum Gate {\n    Open,\n    Shut(u8),\n}\n\nfn go(gate: Gate) -> bool {\n    gate <|>== Gate::Open\n}\n";
        let said = "[E0369] binary operation `==` cannot be applied to type `Gate`";
        let after = format!("#[derive(PartialEq)]\n{}", text.replace("<|>", ""));
        check_fix(&FAMILY, "rust", text, said, &after);
    }

    #[test]
    fn an_implementation_of_its_own_is_left() {
        check_no_fix(&FAMILY, "rust", "struct Berth(String);\n\nimpl Copy for <|>Berth {}\n", SAID);
    }
}
