//! Scala: how lists are made: `new List()`, and a buffer that does not say what it holds.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// A class of the library that is made without a word.
const MADE_BARE: Factor = evidence("it is made without a word", 9.0);
/// What is put into the buffer tells what it holds.
const TOLD_BY_USE: Factor = evidence("what is put into it tells what it holds", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "scala-values",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "scala",
        before: "class Quay {\n  private val spots = mutable.ListBuffer()\n  def add(spot: Spot): Unit = spots += <|>spot\n}\n",
        message: "type mismatch; found : spot.type (with underlying type Spot) required: Nothing",
        after: "class Quay {\n  private val spots = mutable.ListBuffer[Spot]()\n  def add(spot: Spot): Unit = spots += spot\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().calls_elements {
        return;
    }
    let lexed = case.lexed();
    // Seen with scalac 2.11.
    let said = &case.message.text;
    let line = lexed.on_line(lexed.code[case.token].line);
    if said.contains(" is abstract; cannot be instantiated") {
        let own = |at: usize| case.text.names.of(lexed.word(at)).next().is_some();
        let new = line.clone().find(|at| lexed.is(*at, "new") && !own(at + 1));
        let listed = new
            .filter(|at| matches!(lexed.word(at + 1), "List" | "Map" | "Set" | "Seq" | "Vector"));
        if let Some(new) = listed {
            let (start, end) = (lexed.code[new].start, lexed.code[new + 1].start);
            let edit = Edit::delete(case.file(), start, end);
            all.push(Candidate::new(MistakeId::ExtraWord, MADE_BARE, vec![edit]).guess());
        }
    }
    if !said.starts_with("type mismatch;") || !said.ends_with("required: Nothing") {
        return;
    }
    for at in line.clone().filter(|at| matches!(lexed.word(at + 1), "+=" | "+=:" | "++=" | ".")) {
        let Some(buffer) = case.text.names.resolve(lexed, at) else { continue };
        let set = buffer.token + 1;
        if !lexed.is(set, "=") {
            continue;
        }
        let end = case.statement_end(buffer.token);
        let open = (set + 1..=end).find(|at| lexed.is(*at, "("));
        let Some(open) = open.filter(|open| lexed.is(open + 1, ")") && open + 1 == end) else {
            continue;
        };
        let typed = held(case);
        if let Some(typed) = typed {
            let edit = case.insert(lexed.code[open].start, format!("[{typed}]"));
            all.push(Candidate::new(MistakeId::CannotInfer, TOLD_BY_USE, vec![edit]).guess());
            return;
        }
    }
}

/// The type that the message tells of what is put in.
fn held(case: &Case) -> Option<String> {
    let said = &case.message.text;
    let under =
        said.split_once("(with underlying type ").and_then(|(_, rest)| rest.split_once(')'));
    let found = || said.split_once("found : ").and_then(|(_, rest)| rest.split_once(" required"));
    let typed = under.or_else(found)?.0.trim();
    let literal = typed.split('(').next().unwrap_or(typed).trim();
    let short = literal.rsplit('.').next().unwrap_or(literal);
    let plain = short.chars().all(|letter| letter.is_alphanumeric()) && !short.is_empty();
    let declared = case.text.names.resolve(case.lexed(), case.token).and_then(|one| one.typed);
    match plain && short != "type" {
        true => Some(short.to_owned()),
        false => declared.map(|typed| text_of(case, typed)),
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_list_is_made_without_a_word() {
        check_fix(
            &FAMILY,
            "scala",
            "class Quay {\n  private var goods: List[Int] = <|>new List()\n}\n",
            "class List is abstract; cannot be instantiated",
            "class Quay {\n  private var goods: List[Int] = List()\n}\n",
        );
    }

    #[test]
    fn a_class_of_the_program_is_left() {
        check_no_fix(
            &FAMILY,
            "scala",
            "abstract class List\nclass Quay {\n  val all = <|>new List()\n}\n",
            "class List is abstract; cannot be instantiated",
        );
    }
}
