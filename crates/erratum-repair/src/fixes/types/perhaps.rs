//! A value that may be missing stands where the value itself is wanted: what takes it as there, and what gives
//! another in its place. Which of the two is meant, only the author knows.

use super::found_types;
use super::parsed::value;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::{operand_end, operand_start};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The value may be missing, and is taken as there.
const TAKEN_AS_THERE: Factor = weight("the value is taken as there", -1.0);
/// The function gives it back as the value itself.
const HANDED_ON: Factor = weight("the function says that it gives the value itself", 4.0);
/// The same, with another value in its place.
const ANOTHER_INSTEAD: Factor = weight("another value stands in its place", -1.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "perhaps",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    int most() {\n        return <|>deepest();\n    }\n}\n",
        message: "incompatible types: Optional<Integer> cannot be converted to int",
        after: "class Quay {\n    int most() {\n        return deepest().get();\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let Some(perhaps) = case.language().perhaps.filter(|one| !one.there.is_empty()) else { return };
    if case.diagnosis.shows(MistakeId::MaybeNothing) {
        reached(case, perhaps.there, all);
    }
    let types = found_types(case);
    let pairs = types.iter().flat_map(|found| types.iter().map(move |wanted| (found, wanted)));
    let Some(wanted) = pairs
        .into_iter()
        .find_map(|(found, wanted)| perhaps.missing(found, wanted).map(|_| wanted))
    else {
        return;
    };
    let Some((first, last)) = chain(case).or_else(|| value(case)) else { return };
    if operand_end(case, first) != Some(last) {
        return;
    }
    let end = case.lexed().code[last].end;
    let there = vec![case.insert(end, perhaps.there)];
    let more = HANDED_ON.when(case.lexed().before(first) == "return");
    let taken = TAKEN_AS_THERE + more;
    all.push(Candidate::new(MistakeId::MaybeNothing, taken, there).guess());
    let default = case.language().defaults.iter().find(|(typed, _)| typed == wanted);
    if let Some((_, default)) = default {
        let (before, after) = perhaps.instead;
        let instead = vec![case.insert(end, format!("{before}{default}{after}"))];
        all.push(Candidate::new(MistakeId::MaybeNothing, ANOTHER_INSTEAD, instead).guess());
    }
}

/// A chain of calls that javac 17 points at by the dot of its last member or by the bracket behind that.
fn chain(case: &Case) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let member = match lexed.word(case.token) {
        "." => case.token + 1,
        "(" => case.token.checked_sub(1)?,
        _ => return None,
    };
    let first = operand_start(case, member);
    Some((first, operand_end(case, first)?)).filter(|(_, last)| lexed.is(*last, ")"))
}

/// A member of a value that may be missing.
fn reached(case: &Case, there: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let end = case.range.1;
    let last = end.checked_sub(1).map(|end| lexed.at(end));
    let object = last.filter(|at| lexed.code[*at].end == end && lexed.is(at + 1, "."));
    // scalac points at the dot, and rustc at what is asked for or at the operator behind the value.
    let mark = if lexed.before(case.token) == "." { case.token - 1 } else { case.token };
    let behind = lexed.is(mark, ".") || lexed.kind(mark) == Some(TokenKind::Op);
    let Some(last) = object.or(mark.checked_sub(1).filter(|_| behind)) else { return };
    let there = vec![case.insert(lexed.code[last].end, there)];
    all.push(Candidate::new(MistakeId::MaybeNothing, TAKEN_AS_THERE, there).guess());
    if case.language().operators.contains(&"?.") && lexed.is(last + 1, ".") {
        let nothing = vec![case.replace_token(last + 1, "?.")];
        all.push(Candidate::new(MistakeId::MaybeNothing, ANOTHER_INSTEAD, nothing).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_no_fix};

    #[test]
    fn a_member_of_what_may_be_missing() {
        check_among(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(all: List[Boat]): Unit = {\n    val first = all.find(b => b.free)\n    println(first<|>.name)\n  }\n}\n",
            "value name is not a member of Option[Boat]",
            "object Quay {\n  def go(all: List[Boat]): Unit = {\n    val first = all.find(b => b.free)\n    println(first.get.name)\n  }\n}\n",
        );
    }

    #[test]
    fn another_value_may_stand_in_its_place() {
        check_among(
            &FAMILY,
            "csharp",
            "class Quay {\n    int Most() {\n        int most = <|>Deepest();\n        return most;\n    }\n}\n",
            "[CS0266] Cannot implicitly convert type 'int?' to 'int'. An explicit conversion exists (are you missing a cast?)",
            "class Quay {\n    int Most() {\n        int most = Deepest() ?? 0;\n        return most;\n    }\n}\n",
        );
    }

    #[test]
    fn a_value_of_quite_another_type_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int most() {\n        return <|>deepest();\n    }\n}\n",
            "incompatible types: Optional<String> cannot be converted to int",
        );
    }
}
