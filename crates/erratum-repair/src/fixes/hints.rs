//! What the compiler itself proposes, as candidates like any other.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case, Certainty, weights as w};
use crate::score::{Factor, Score, evidence, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;

/// Taking something of the learner's away is seldom right.
const TAKES_AWAY: Factor = weight("it only takes something away", -3.0);
/// Rust: the `;` behind the last expression of a block throws its value away.
const VALUE_LOST: Factor = evidence("the mark throws the value away", 6.0);
/// Rust: a function stands where its result is wanted.
const CALLED: Factor = evidence("a function stands where its result is wanted", 7.0);
/// Rust: the type has a list of traits, and lacks some that its use needs.
const LISTED: Factor = evidence("the list of traits lacks some that the use needs", 4.0);
/// Rust: the function belongs to the type.
const OF_TYPE: Factor = evidence("the function belongs to the type", 5.0);
/// A method that gives back its own type gives back the object.
const ITSELF: Factor = weight("the method gives back its own type", 6.5);
/// Rust: what is there stands where something that may be missing is wanted.
const WRAPPED: Factor = weight("what is there is given as what may be missing", 4.0);
/// A copy, a forced value or an attribute is seldom what was meant.
const MADE_UP: Factor = weight("it gives a made-up value", -2.5);

/// The message says which word was meant.
const TOLD_WORD: Factor = evidence("the message says which word was meant", 6.0);

pub(super) static FAMILY: Family = Family {
    id: "hints",
    recipes: &[],
    phases: Phases::Any,
    within_text: true,
    propose,
    // Messages of tests carry a suggestion behind ` <= `, for the place where they point.
    example: Example {
        language: "rust",
        before: "fn main() {\n    let tide = rise<|>3);\n}\n",
        message: "expected `(` <= (",
        after: "fn main() {\n    let tide = rise(3);\n}\n",
    },
};

/// `class Store extends Roped`: the word that a class has before an interface is told (tsc 5.9).
fn told_word(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some((_, told)) = case.message.text.split_once("Cannot extend an interface '") else {
        return;
    };
    let line = lexed.on_line(lexed.code[case.token].line);
    let word = line.into_iter().find(|at| lexed.is(*at, "extends"));
    if let Some(at) = word.filter(|_| told.contains("'implements'")) {
        let edit = case.replace_token(at, "implements");
        all.push(Candidate::new(MistakeId::InterfaceRules, TOLD_WORD, vec![edit]));
    }
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    told_word(case, all);
    for suggestion in &case.message.suggestions {
        let edits: Option<Vec<Edit>> = suggestion
            .parts
            .iter()
            .map(|(place, text)| {
                let source = case.program.file(&place.file)?;
                let (start, end) = place.range(source);
                Some(Edit::replace(&place.file, start, end, text.clone()))
            })
            .collect();
        let Some(edits) = edits.filter(|edits| !edits.is_empty()) else { continue };
        let merged = match &edits[..] {
            [edit] => super::derived::merged(case, edit),
            _ => None,
        };
        let listed = merged.is_some();
        let edits = merged.map_or(edits, |edit| vec![edit]);
        let empty = edits.iter().all(|edit| edit.text.is_empty());
        // What is to be filled in is no fix.
        let placeholder = edits.iter().any(|edit| {
            ["/*", "…", "todo!", "expect(\"REASON\")"].iter().any(|mark| edit.text.contains(mark))
        });
        let mut score =
            Score::from(if case.phase >= Phase::Type { w::HINT_TYPES } else { w::HINT });
        // Taking something of the learner's away, or giving a made-up value, is seldom right.
        let value_lost = empty && suggestion.text.contains("remove this semicolon");
        let of_type = suggestion.text.contains("use associated function syntax instead");
        if value_lost {
            score += VALUE_LOST;
        } else if empty {
            score += TAKES_AWAY;
        } else if of_type {
            score += OF_TYPE;
        } else if listed {
            score += LISTED;
        } else if edits.iter().all(|edit| edit.text.trim() == "self") {
            score += ITSELF;
        } else if suggestion.text.contains("use parentheses to call")
            && edits.iter().all(|edit| edit.text == "()")
        {
            score += CALLED;
        } else if suggestion.text.contains("try wrapping the expression in `Some`")
            || suggestion.text.contains("try wrapping the expression in `Ok`")
        {
            score += WRAPPED;
        }
        // `did you mean to use '->'?`: it is told in words, too, which mark belongs there.
        let told = |edit: &Edit| {
            let mark = edit.text.trim();
            let is_mark = !mark.is_empty() && mark.chars().all(|c| c.is_ascii_punctuation());
            is_mark && case.message.text.contains(&format!("'{mark}'"))
        };
        if edits.len() == 1 && told(&edits[0]) {
            score += w::MESSAGE_NAMES_IT;
        }
        // Nobody leads to a member at the end of a line.
        let leads = |edit: &Edit| {
            let next = case.lexed().code.iter().find(|token| token.start >= edit.end);
            edit.text == "::" && edit.file == case.file() && next.is_none_or(|next| next.first)
        };
        if edits.iter().any(leads) {
            continue;
        }
        // A warning is not mended by telling the compiler to keep quiet.
        let quiet = edits.iter().any(|edit| edit.text.trim_start().starts_with("let _"));
        if quiet {
            continue;
        }
        if edits
            .iter()
            .any(|edit| edit.text.contains("_") && edit.text.trim_start().starts_with('_'))
            || placeholder
        {
            continue;
        }
        if edits.iter().any(|edit| {
            edit.text.contains(".clone()")
                || edit.text.contains("unwrap")
                || edit.text.ends_with("::MAX")
                || edit.text.contains("#[")
                // A name that nobody wrote.
                || edit.text.trim_start().starts_with("if let ")
                || edit.text.trim().starts_with("let ") && edit.text.contains('=')
        }) {
            score += MADE_UP;
        }
        let made_up = edits.iter().any(|edit| edit.text.starts_with(" = "));
        let mistake = match () {
            () if value_lost => MistakeId::ExtraMark,
            () if listed => MistakeId::MissingInstance,
            () if of_type => MistakeId::BelongsToType,
            () => kind(case, &edits),
        };
        let line = edits.first().map_or("", |edit| edit.text.trim());
        if mistake == MistakeId::MissingImport && super::imports::told(case, line) {
            score += w::TOLD_IMPORT;
        }
        let mut candidate = Candidate::new(mistake, score, edits);
        // Several changes at once are a proposal of another way to write it.
        if made_up || candidate.edits.len() > 1 {
            candidate.certainty = Certainty::Guess;
        }
        all.push(candidate);
    }
}

/// The kind of mistake that a suggested change mends: what the catalogue says of the message,
/// unless the change itself shows it.
fn kind(case: &Case, edits: &[Edit]) -> MistakeId {
    let text = edits.iter().map(|edit| edit.text.trim()).collect::<Vec<_>>().join(" ");
    match text.as_str() {
        ";" => return MistakeId::MissingTerminator,
        "()" => return MistakeId::Uncalled,
        "(" | ")" | "[" | "]" | "{" | "}" => return MistakeId::MissingBracket,
        "," => return MistakeId::MissingSeparator,
        "mut" => return MistakeId::MissingMut,
        // In the head of a method it is no value that lacks the mark.
        "&" | "&mut" if !case.message.text.contains("incompatible type for trait") => {
            return MistakeId::MissingBorrow;
        }
        "->" | "." => return MistakeId::WrongMark,
        "::" => return MistakeId::MissingMark,
        "Some( )" | "Ok( )" | "Some(" | "Ok(" => return MistakeId::BareValue,
        _ if text == case.language().object => return MistakeId::MissingObject,
        _ if text.starts_with("-> ") => return MistakeId::MissingReturnType,
        _ if text.starts_with(case.language().import.before) => return MistakeId::MissingImport,
        _ => {}
    }
    let best = case.diagnosis.matches.first();
    let kind = best.and_then(|best| best.entry.id.parse().ok()).unwrap_or(MistakeId::Other);
    // A name that takes the place of another brings nothing in.
    let renames = matches!(edits, [edit] if edit.end > edit.start && text.chars().all(is_of_name));
    match kind {
        MistakeId::MissingImport if renames => MistakeId::MisspeltName,
        kind => kind,
    }
}

fn is_of_name(letter: char) -> bool {
    letter.is_alphanumeric() || letter == '_'
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_word_before_an_interface_is_told() {
        check_fix(
            &FAMILY,
            "typescript",
            "interface Roped { add(): void }\nclass Store extends <|>Roped {\n  add() {}\n}\n",
            "Cannot extend an interface 'Roped'. Did you mean 'implements'?",
            "interface Roped { add(): void }\nclass Store implements Roped {\n  add() {}\n}\n",
        );
    }

    #[test]
    fn a_suggestion_is_taken_as_it_is() {
        check_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int tide = 3<|>\n    return tide;\n}\n",
            "expected ',' or ';' before 'return' <= ;",
            "int main(void) {\n    int tide = 3;\n    return tide;\n}\n",
        );
    }

    #[test]
    fn a_message_without_a_suggestion_gives_none() {
        check_no_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int tide = 3<|>\n    return tide;\n}\n",
            "expected ',' or ';' before 'return'",
        );
    }

    #[test]
    fn traits_join_the_list_that_is_there() {
        let text = |traits: &str, at: &str| {
            format!("#[derive(Debug{traits})]\n{at}enum Berth {{\n    Inner,\n}}\n")
        };
        check_fix(
            &FAMILY,
            "rust",
            &text(", PartialEq", "<|>"),
            "[E0599] the method `entry` exists <= #[derive(Eq, Hash, PartialEq)]\n",
            &text(", PartialEq, Eq, Hash", ""),
        );
    }

    #[test]
    fn a_placeholder_is_no_suggestion() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let tide<|>;\n}\n",
            "[E0282] type annotations needed <= : /* Type */",
        );
    }

    #[test]
    fn a_name_made_unused_is_no_suggestion() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let <|>tide = 3;\n}\n",
            "warning: [unused_variables] unused variable: `tide` <= _",
        );
    }

    #[test]
    fn keeping_the_compiler_quiet_is_no_suggestion() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    <|>rise(3);\n}\n",
            "warning: [unused_must_use] unused return value of `rise` that must be used <= let _ = ",
        );
    }

    #[test]
    fn a_suggestion_helps_within_a_text_too() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  val t = s\"${<|>tide}\"\n}\n",
            "not found: value tide <= high.",
            "object Quay {\n  val t = s\"${high.tide}\"\n}\n",
        );
    }
}
