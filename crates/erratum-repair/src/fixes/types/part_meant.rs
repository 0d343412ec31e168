//! An object stands where one of its parts is wanted: `label(best)` for `label(best.depth)`.

use super::found_types;
use super::parsed::value;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::{call_at, operand_end, text_of};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};

/// The type of the object has one part of the type that is wanted.
const ONLY_PART: Factor = weight("it is the only part of the type that is wanted", 6.5);
/// The type has several.
const ONE_OF_THEM: Factor = weight("several parts have the type that is wanted", 2.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "part-meant",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Berth {\n    String name;\n    int depth;\n}\nclass Quay {\n    int most(Berth best) {\n        return <|>best;\n    }\n}\n",
        message: "incompatible types: Berth cannot be converted to int",
        after: "class Berth {\n    String name;\n    int depth;\n}\nclass Quay {\n    int most(Berth best) {\n        return best.depth;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Where functions are given values side by side, a part is asked for otherwise.
    if case.language().applies_bare {
        return;
    }
    let mut types = found_types(case);
    // gcc names both only in a note, or without a hole (seen with 12).
    let notes = case.message.notes.iter().map(|note| note.text.as_str());
    let quoted = notes.chain([case.message.text.as_str()]).flat_map(|text| {
        text.split(['\'', '\u{2018}', '\u{2019}', '"']).skip(1).step_by(2).map(str::to_owned)
    });
    types.extend(quoted);
    // Seen with scalac 2.11.
    let told = case.message.text.strip_prefix("type mismatch; found : ");
    if let Some((found, wanted)) = told.and_then(|told| told.split_once(" required: ")) {
        types.extend([found.to_owned(), wanted.to_owned()]);
    }
    // Seen with tsc 5.9: what numbers the values of an object is a text, as a rule.
    if let Some(found) = case.message.text.strip_suffix("' cannot be used as an index type.") {
        types.extend([found.trim_start_matches("Type '").to_owned(), "string".to_owned()]);
    }
    let pairs = types.iter().flat_map(|found| types.iter().map(move |wanted| (found, wanted)));
    let parts = pairs.into_iter().find_map(|(found, wanted)| {
        let bare = found.split('<').next().unwrap_or(found);
        let bare = bare.rsplit(['.', ':', ' ']).next().unwrap_or(bare);
        let lower = if case.language().any_case { bare.to_lowercase() } else { bare.to_owned() };
        let bare = lower.as_str();
        let parts = match tuple_parts(case, found, wanted) {
            parts if parts.is_empty() => parts_of(case, bare, wanted),
            parts => parts,
        };
        (found != wanted && !parts.is_empty()).then_some(parts)
    });
    let (Some(parts), Some((first, last))) = (parts, argument(case).or_else(|| value(case))) else {
        return;
    };
    if operand_end(case, first) != Some(last) || lexed.kind(first) != Some(TokenKind::Name) {
        return;
    }
    let score = if parts.len() == 1 { ONLY_PART } else { ONE_OF_THEM };
    let called = case.text.pairs.inside_of(first).is_some_and(|open| call_at(case, open).is_some());
    // `berth,length`: the part is named there, behind another mark.
    if lexed.is(last + 1, ",") && !called {
        return;
    }
    // What the name is used as further on is the object itself.
    let named = case.text.names.declared.iter().find(|one| one.token + 2 == first);
    let whole = named
        .filter(|one| lexed.is(one.token + 1, "="))
        .is_some_and(|one| types.iter().any(|typed| super::used_as::used_as(case, one, typed)));
    if whole {
        return;
    }
    let mistake = if called { MistakeId::WrongArgument } else { MistakeId::TypeClash };
    for part in parts {
        let edit = case.insert(lexed.code[last].end, format!(".{part}"));
        all.push(Candidate::new(mistake, score, vec![edit]).guess());
    }
}

/// The argument that fpc 3.2 tells of by its number, at the end of the call.
fn argument(case: &Case) -> Option<(usize, usize)> {
    let (_, rest) = case.message.text.split_once("arg no. ")?;
    let number: usize = rest.split(':').next()?.parse().ok()?;
    let close = Some(case.token).filter(|at| case.lexed().is(*at, ")"))?;
    let call = call_at(case, case.text.pairs.partner_of(close)?)?;
    call.arguments.get(number.checked_sub(1)?).copied()
}

/// The parts of a tuple that are of a type: `_1` in Scala, `0` in Rust.
fn tuple_parts(case: &Case, found: &str, wanted: &str) -> Vec<String> {
    let inner = found.strip_prefix('(').and_then(|rest| rest.strip_suffix(')'));
    let Some(inner) = inner.filter(|inner| !inner.contains(['(', '[', '<'])) else {
        return Vec::new();
    };
    let rust = case.language().borrows;
    // Seen with scalac 2.11.
    if !rust && !case.message.text.starts_with("type mismatch") {
        return Vec::new();
    }
    let parts = inner.split(", ").enumerate().filter(|(_, part)| *part == wanted);
    parts.map(|(at, _)| if rust { at.to_string() } else { format!("_{}", at + 1) }).collect()
}

/// The parts of a type of the program that are of a type, as they are asked for.
fn parts_of(case: &Case, of: &str, wanted: &str) -> Vec<String> {
    let lexed = case.lexed();
    let owner = |one: &Declared| {
        let open = case.text.pairs.inside_of(one.token)?;
        let head = case.statement_start(open)..open;
        // The parts of a class may stand in the brackets behind its name.
        let shown = lexed.is(open, "(") && case.language().calls_elements;
        if shown && lexed.before(open) == of && lexed.before(open - 1) == "class" {
            let word = lexed.before(one.token);
            return (matches!(word, "val" | "var") || head.clone().any(|at| lexed.is(at, "case")))
                .then_some(());
        }
        let mut types = case.text.names.of(of).filter(|one| one.kind == NameKind::Type);
        types.find(|one| head.contains(&one.token)).map(|_| ())
    };
    let of_type = |one: &&Declared| {
        let typed = one.typed.map(|typed| text_of(case, typed));
        let method = one.kind == NameKind::Function
            && lexed.is(one.token + 1, "(")
            && lexed.is(one.token + 2, ")");
        let shown = matches!(lexed.before(one.token), "val" | "var" | "(" | ",")
            && case.text.pairs.inside_of(one.token).is_some_and(|open| lexed.is(open, "("))
            && case.language().calls_elements;
        (one.kind == NameKind::Member || method || shown)
            && typed.is_some_and(|typed| {
                typed == wanted || case.language().any_case && typed.eq_ignore_ascii_case(wanted)
            })
            && owner(one).is_some()
    };
    let written = |one: &Declared| {
        let called = if one.kind == NameKind::Function { "()" } else { "" };
        format!("{}{called}", text_of(case, (one.token, one.token)))
    };
    let mut all: Vec<String> =
        case.text.names.declared.iter().filter(of_type).map(written).collect();
    // `getDepth()` gives the field `depth`: one part, and it is asked for so.
    let given: Vec<String> = all.iter().filter(|one| one.ends_with("()")).cloned().collect();
    all.retain(|one| {
        let gives = |method: &String| method.to_lowercase().contains(&one.to_lowercase());
        one.ends_with("()") || !given.iter().any(gives)
    });
    all
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn a_part_stands_in_the_head_of_a_class() {
        check_fix(
            &FAMILY,
            "scala",
            "class Pond(val area: Double, val name: String)\nobject Quay {\n  def grade(area: Double) = area\n  def go(p: Pond) = grade(<|>p)\n}\n",
            "type mismatch; found : Pond required: Double",
            "class Pond(val area: Double, val name: String)\nobject Quay {\n  def grade(area: Double) = area\n  def go(p: Pond) = grade(p.area)\n}\n",
        );
    }

    #[test]
    fn a_part_of_a_structure_is_handed_on() {
        check_fix(
            &FAMILY,
            "go",
            "package main\n\ntype Berth struct {\n\tname  string\n\tdepth int\n}\n\nfunc label(depth int) int { return depth }\n\nfunc tell(best Berth) {\n\tlabel(<|>best)\n}\n",
            "cannot use best (variable of type Berth) as int value in argument to label",
            "package main\n\ntype Berth struct {\n\tname  string\n\tdepth int\n}\n\nfunc label(depth int) int { return depth }\n\nfunc tell(best Berth) {\n\tlabel(best.depth)\n}\n",
        );
    }

    #[test]
    fn one_of_a_pair_is_meant() {
        check_fix(
            &FAMILY,
            "scala",
            "class Quay {\n  def most(fees: Map[String, Int]): String = fees.<|>maxBy(_._2)\n}\n",
            "type mismatch; found : (String, Int) required: String",
            "class Quay {\n  def most(fees: Map[String, Int]): String = fees.maxBy(_._2)._1\n}\n",
        );
    }

    #[test]
    fn a_type_without_such_a_part_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Berth {\n    String name;\n}\nclass Quay {\n    int most(Berth best) {\n        return <|>best;\n    }\n}\n",
            "incompatible types: Berth cannot be converted to int",
        );
    }
}
