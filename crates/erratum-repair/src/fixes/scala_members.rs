//! Scala: what a class, a map or a number does not have as it is declared: a parameter that is meant as a member,
//! a member that is set, `seen(port) = 3` of a map that stays as it is, `sum =+ 1`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A parameter of the class has the name and the type of what is lacking.
const MEANT: Factor = evidence("a parameter of the class is named like what is lacking", 9.0);
/// The member is set, and declared to keep its first value.
const SET: Factor = evidence("the member is set", 9.0);
/// Only another kind of map can change.
const CHANGED: Factor = evidence("another kind of map can change", 8.0);
/// Both marks are there, in the other order.
const TURNED: Factor = evidence("both marks stand there in the other order", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "scala-members",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "scala",
        before: "trait Pilot {\n  def name: String\n}\nclass <|>Own(name: String) extends Pilot\n",
        message: "class Own needs to be abstract, since method name in trait Pilot of type => String is not defined",
        after: "trait Pilot {\n  def name: String\n}\nclass Own(val name: String) extends Pilot\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().calls_elements {
        return;
    }
    // Seen with scalac 2.11.
    let said = &case.message.text;
    if said.contains(" needs to be abstract, since ") {
        parameter(case, all);
    }
    if said.starts_with("reassignment to val") {
        member(case, all);
    }
    if said.starts_with("value update is not a member of scala.collection.immutable.") {
        map(case, all);
    }
    if said.starts_with("value =") && said.contains(" is not a member of ") {
        turned(case, all);
    }
}

/// `class Own(name: String) extends Pilot` where the trait asks for `name`.
fn parameter(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some((_, rest)) = case.message.text.split_once(", since ") else { return };
    let mut words = rest.split([' ', ',']).skip(1);
    let Some(name) = words.next() else { return };
    let line = lexed.code[case.token].line;
    let head = lexed.on_line(line).start..lexed.code.len();
    let Some(open) = head.clone().find(|at| lexed.is(*at, "(")) else { return };
    let close = case.text.pairs.partner_of(open).unwrap_or(open);
    let one = (open + 1..close).find(|at| {
        lexed.is(*at, name) && lexed.is(at + 1, ":") && matches!(lexed.before(*at), "(" | ",")
    });
    if let Some(one) = one {
        let edit = case.insert(lexed.code[one].start, "val ");
        all.push(Candidate::new(MistakeId::NotImplemented, MEANT, vec![edit]).guess());
    }
}

/// `boat.berth = 3` where the class has `berth` as a constant.
fn member(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let set = line.into_iter().find(|at| {
        lexed.is(*at, ".")
            && lexed.kind(at + 1) == Some(TokenKind::Name)
            && lexed.code[*at].end == lexed.code[at + 1].start
            && matches!(lexed.word(at + 2), "=" | "+=" | "-=")
    });
    let Some(name) = set.map(|at| lexed.word(at + 1).to_owned()) else { return };
    // One declaration, in a class or in its head.
    let declared: Vec<usize> = (1..lexed.code.len())
        .filter(|at| lexed.is(*at, &name) && lexed.is(at + 1, ":"))
        .filter(|at| {
            // Only those of a case class are members without a word in front.
            let class = case.text.pairs.inside_of(*at).and_then(|open| open.checked_sub(3));
            lexed.before(*at) == "val"
                || class.is_some_and(|word| lexed.is(word, "case") && lexed.is(word + 1, "class"))
                    && matches!(lexed.before(*at), "(" | ",")
        })
        .collect();
    let [one] = declared[..] else { return };
    let edit = match lexed.before(one) == "val" {
        true => case.replace_token(one - 1, "var"),
        false => case.insert(lexed.code[one].start, "var "),
    };
    all.push(Candidate::new(MistakeId::FixedValue, SET, vec![edit]).guess());
}

/// `val seen = Map(…)` and `seen(port) = 3`.
fn map(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let name = line.into_iter().find(|at| {
        let close = case.text.pairs.partner_of(at + 1).filter(|_| lexed.is(at + 1, "("));
        lexed.kind(*at) == Some(TokenKind::Name)
            && close.is_some_and(|close| lexed.is(close + 1, "="))
    });
    let Some(declared) = name.and_then(|name| case.text.names.resolve(lexed, name)) else { return };
    let brought = (1..lexed.code.len()).any(|at| {
        lexed.is(at, "mutable")
            && lexed.is(lexed.on_line(lexed.code[at].line).start, "import")
            && (lexed.code.get(at + 1).is_none_or(|next| next.first))
    });
    let put = if brought { "mutable." } else { "scala.collection.mutable." };
    let bare = |at: &usize| lexed.is(*at, "Map") && lexed.before(*at) != ".";
    let edits: Vec<Edit> = lexed
        .on_line(lexed.code[declared.token].line)
        .filter(bare)
        .map(|at| case.insert(lexed.code[at].start, put))
        .collect();
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::FixedValue, CHANGED, edits).guess());
    }
}

/// `sum =+ 1`.
fn turned(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for at in line.filter(|at| lexed.is(*at, "=")) {
        let Some(next) = lexed.code.get(at + 1) else { continue };
        let sign = lexed.word(at + 1);
        let blank = lexed.code.get(at + 2).is_some_and(|behind| behind.start > next.end);
        if matches!(sign, "+" | "-" | "*" | "/") && lexed.code[at].end == next.start && blank {
            let edit =
                Edit::replace(case.file(), lexed.code[at].start, next.end, format!("{sign}="));
            all.push(Candidate::new(MistakeId::WrongOrder, TURNED, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_member_that_is_set_is_a_variable() {
        check_fix(
            &FAMILY,
            "scala",
            "case class Boat(name: String, seats: Int)\nobject Quay {\n  def go(boat: Boat) {\n    <|>boat.name = \"Gull\"\n  }\n}\n",
            "reassignment to val",
            "case class Boat(var name: String, seats: Int)\nobject Quay {\n  def go(boat: Boat) {\n    boat.name = \"Gull\"\n  }\n}\n",
        );
    }

    #[test]
    fn a_map_that_changes_is_of_another_kind() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  val seen = Map(\"north\" -> 3)\n  <|>seen(\"south\") = 7\n}\n",
            "value update is not a member of scala.collection.immutable.Map[String,Int]",
            "object Quay {\n  val seen = scala.collection.mutable.Map(\"north\" -> 3)\n  seen(\"south\") = 7\n}\n",
        );
    }

    #[test]
    fn a_sum_has_its_sign_in_front() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  var sum = 0\n  <|>sum =+ 3\n}\n",
            "value =+ is not a member of Int",
            "object Quay {\n  var sum = 0\n  sum += 3\n}\n",
        );
    }

    #[test]
    fn two_members_of_a_name_are_left_alone() {
        check_no_fix(
            &FAMILY,
            "scala",
            "case class Boat(name: String)\nclass Pilot(name: String)\ncase class Quay(name: String)\nobject Go {\n  def go(boat: Boat) {\n    <|>boat.name = \"Gull\"\n  }\n}\n",
            "reassignment to val",
        );
    }
}
