//! Scala: what a class, a map or a number does not have as it is declared: a parameter that is meant as a member,
//! a member that is set, `seen(port) = 3` of a map that stays as it is, `sum =+ 1`, `text = "low"` without its `def`.

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
/// A copy of the object with another part is the value.
const COPY: Factor = evidence("the value is the object with another part", 9.5);
/// Only another kind of map can change.
const CHANGED: Factor = evidence("another kind of map can change", 8.0);
/// Both marks are there, in the other order.
const TURNED: Factor = evidence("both marks stand there in the other order", 9.5);
/// The class above declares a method of this name.
const DECLARED: Factor = evidence("the class above has a method of this name", 9.0);
/// A list that grows has its own mark for one more.
const ONE_MORE: Factor = evidence("a list that grows takes one more by its own mark", 9.0);
/// A number is counted up with a sum.
const COUNTED: Factor = evidence("a number is counted up with a sum", 9.5);
/// The value has the part under its plain name.
const PLAIN_NAME: Factor = evidence("the value has the part under its plain name", 9.0);
/// There is no mark for powers.
const TIMES_ITSELF: Factor = evidence("a square is a value times itself", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "scala-members",
    recipes: &[],
    phases: Phases::Any,
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
    if said.starts_with("expected start of definition")
        || said.starts_with("not found: value ")
        || said.contains("_= is not a member of ")
    {
        method(case, all);
        counted(case, all);
    }
    if said.starts_with("type mismatch") || said.starts_with("value << is not a member of ") {
        one_more(case, all);
    }
    if said.starts_with("value get") {
        plain_name(case, all);
    }
    if said.starts_with("value ^ is not a member of ") {
        squared(case, all);
    }
}

/// `override urgent: Boolean = true`, and `text = "low"` in a class.
fn method(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let name = line.start + usize::from(lexed.is(line.start, "override"));
    let declares =
        lexed.kind(name) == Some(TokenKind::Name) && matches!(lexed.word(name + 1), ":" | "=");
    let word = lexed.word(name);
    // A method of this name is declared elsewhere, in the class above as a rule.
    let known = case.text.names.of(word).any(|one| lexed.before(one.token) == "def");
    let block = case.text.pairs.inside_of(name).filter(|open| lexed.is(*open, "{"));
    let class = block.is_some_and(|open| {
        (case.statement_start(open)..open)
            .any(|at| matches!(lexed.word(at), "class" | "object" | "trait"))
    });
    if declares && known && class {
        let edit = case.insert(lexed.code[name].start, "def ");
        all.push(Candidate::new(MistakeId::MissingWord, DECLARED, vec![edit]).guess());
    }
}

/// `++count`.
fn counted(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let mark = line.start;
    let step = match lexed.word(mark) {
        "++" => "+=",
        "--" => "-=",
        _ => return,
    };
    if line.len() == 2 && lexed.kind(mark + 1) == Some(TokenKind::Name) {
        let (from, to) = (lexed.code[mark].start, lexed.code[mark + 1].end);
        let text = format!("{} {step} 1", lexed.word(mark + 1));
        let edit = Edit::replace(case.file(), from, to, text);
        all.push(Candidate::new(MistakeId::ForeignMark, COUNTED, vec![edit]).guess());
    }
}

/// `sent << signal`.
fn one_more(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let mark = line.start + 1;
    // Here it is no mark, and is read as two.
    let start = lexed.code.get(mark).map_or(0, |token| token.start);
    let doubled = &*lexed.source.slice(start, start + 2) == "<<";
    let list = case.text.names.resolve(lexed, line.start).filter(|_| doubled);
    let Some(list) = list else { return };
    let said = case.statement_start(list.token)..case.statement_end(list.token) + 1;
    if said.into_iter().any(|at| lexed.word(at).ends_with("Buffer")) {
        let edit = Edit::replace(case.file(), start, start + 2, "+=");
        all.push(Candidate::new(MistakeId::ForeignMark, ONE_MORE, vec![edit]).guess());
    }
}

/// `pond.getName` where the class has `name`.
fn plain_name(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = case.message.text.split(' ').nth(1).unwrap_or("");
    let Some(rest) = name.strip_prefix("get").filter(|rest| rest.starts_with(char::is_uppercase))
    else {
        return;
    };
    let mut letters = rest.chars();
    let first = letters.next().map(|letter| letter.to_ascii_lowercase());
    let plain: String = first.into_iter().chain(letters).collect();
    let mut line = lexed.on_line(lexed.code[case.token].line);
    let at = line.find(|at| lexed.is(*at, name) && lexed.before(*at) == ".");
    let known = case.text.names.of(&plain).next().is_some();
    if let Some(at) = at.filter(|_| known) {
        let called = lexed.is(at + 1, "(") && lexed.is(at + 2, ")");
        let end = lexed.code[if called { at + 2 } else { at }].end;
        let edit = Edit::replace(case.file(), lexed.code[at].start, end, plain);
        all.push(Candidate::new(MistakeId::MisspeltName, PLAIN_NAME, vec![edit]).guess());
    }
}

/// `radius ^ 2`.
fn squared(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for mark in line.skip(1).filter(|at| lexed.is(*at, "^") && lexed.is(at + 1, "2")) {
        if lexed.kind(mark - 1) == Some(TokenKind::Name) && lexed.before(mark - 1) != "." {
            let (from, to) = (lexed.code[mark].start, lexed.code[mark + 1].end);
            let text = format!("* {}", lexed.word(mark - 1));
            let edit = Edit::replace(case.file(), from, to, text);
            all.push(Candidate::new(MistakeId::ForeignMark, TIMES_ITSELF, vec![edit]).guess());
        }
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
    if let Some(set) = set.filter(|_| lexed.before(one) != "val")
        && copied(case, set, all)
    {
        return;
    }
    let edit = match lexed.before(one) == "val" {
        true => case.replace_token(one - 1, "var"),
        false => case.insert(lexed.code[one].start, "var "),
    };
    all.push(Candidate::new(MistakeId::FixedValue, SET, vec![edit]).guess());
}

/// `def mend(n: Net) = n.torn = false`: where the object is the value, a copy of it with another part was
/// meant. Whether one was.
fn copied(case: &Case, dot: usize, all: &mut Vec<Candidate>) -> bool {
    let lexed = case.lexed();
    let Some(object) = dot.checked_sub(1) else { return false };
    let line = lexed.on_line(lexed.code[dot].line);
    let value = lexed.is(dot + 2, "=") && matches!(lexed.before(object), "=" | "=>" | "yield");
    if !value || dot + 3 >= line.end || lexed.kind(object) != Some(TokenKind::Name) {
        return false;
    }
    let close = case.text.pairs.inside_of(object).and_then(|open| case.text.pairs.partner_of(open));
    let end = close.filter(|close| line.contains(close)).unwrap_or(line.end);
    let edits = vec![
        case.insert(lexed.code[dot + 1].start, "copy("),
        case.insert(lexed.code[end - 1].end, ")"),
    ];
    all.push(Candidate::new(MistakeId::FixedValue, COPY, edits).guess());
    true
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
    fn a_part_of_a_value_is_changed_in_a_copy() {
        check_fix(
            &FAMILY,
            "scala",
            "case class Net(id: Int, torn: Boolean)\nobject Loft {\n  def mend(n: Net) = n.torn <|>= false\n}\n",
            "reassignment to val",
            "case class Net(id: Int, torn: Boolean)\nobject Loft {\n  def mend(n: Net) = n.copy(torn = false)\n}\n",
        );
    }

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

    #[test]
    fn a_method_is_declared_by_its_word() {
        check_fix(
            &FAMILY,
            "scala",
            "trait Lock {\n  def deep: Int\n}\nclass Gate extends Lock {\n  override <|>deep: Int = 3\n}\n",
            "expected start of definition",
            "trait Lock {\n  def deep: Int\n}\nclass Gate extends Lock {\n  override def deep: Int = 3\n}\n",
        );
    }

    #[test]
    fn a_number_is_counted_up() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(): Unit = {\n    var boats = 0\n    <|>++boats\n  }\n}\n",
            "not found: value ++",
            "object Quay {\n  def go(): Unit = {\n    var boats = 0\n    boats += 1\n  }\n}\n",
        );
    }

    #[test]
    fn a_list_takes_one_more() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(): Unit = {\n    val sent = ArrayBuffer[Int]()\n    sent <|><< 3\n  }\n}\n",
            "value << is not a member of scala.collection.mutable.ArrayBuffer[Int]",
            "object Quay {\n  def go(): Unit = {\n    val sent = ArrayBuffer[Int]()\n    sent += 3\n  }\n}\n",
        );
    }

    #[test]
    fn a_part_has_its_plain_name() {
        check_fix(
            &FAMILY,
            "scala",
            "class Pond(val name: String)\nobject Quay {\n  def go(p: Pond) = p.<|>getName()\n}\n",
            "value getName is not a member of Pond",
            "class Pond(val name: String)\nobject Quay {\n  def go(p: Pond) = p.name\n}\n",
        );
    }

    #[test]
    fn a_square_is_a_product() {
        check_fix(
            &FAMILY,
            "scala",
            "class Pond(r: Double) {\n  def area = 3.0 * r <|>^ 2\n}\n",
            "value ^ is not a member of Double",
            "class Pond(r: Double) {\n  def area = 3.0 * r * r\n}\n",
        );
    }
}
