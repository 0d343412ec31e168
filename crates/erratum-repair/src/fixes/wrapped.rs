//! One value where a list of such values is wanted: `luggage: 4` for `luggage: [4]`.

use super::family::{Example, Family, Phases};
use super::shape::operand_end;
use super::{Candidate, Case};
use crate::diagnose::without_second_names;
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The message names the list and its element.
const ONE_OF_THEM: Factor = weight("a list of this type is wanted", 4.5);

pub(super) static FAMILY: Family = Family {
    id: "wrapped",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "interface Trunk { kilos: number[] }\nconst trunk: Trunk = { <|>kilos: 4 };\n",
        message: "[TS2322] Type 'number' is not assignable to type 'number[]'.",
        after: "interface Trunk { kilos: number[] }\nconst trunk: Trunk = { kilos: [4] };\n",
    },
};

/// What makes a list of a value where the message says that one is wanted, and the value is of the type
/// of its elements (seen with tsc 5.9, ghc 9.0, rustc 1.95, scalac 2.11).
fn wrapping(case: &Case) -> Option<(&'static str, &'static str)> {
    let said = without_second_names(&case.message.text);
    if let Some((given, wanted)) = said.split_once("' is not assignable to ") {
        let given = given.rsplit('\'').next()?;
        let wanted = wanted.split('\'').nth(1)?;
        return (wanted.strip_suffix("[]")? == given).then_some(("[", "]"));
    }
    if let Some((_, rest)) = said.split_once("expected type '[") {
        let (wanted, rest) = rest.split_once("]'")?;
        let given = rest.split_once("actual type '")?.1.split('\'').next()?;
        return (wanted == given).then_some(("[", "]"));
    }
    // Seen with javac 17.
    if let Some((given, wanted)) = said.split_once(" cannot be converted to ") {
        let given = given.rsplit(' ').next()?;
        let wanted = wanted.strip_prefix("Optional<")?.strip_suffix('>')?;
        return (wanted == given).then_some(("Optional.of(", ")"));
    }
    let remarks = case.message.notes.iter().map(|note| note.text.as_str());
    for text in remarks.chain([&*said]) {
        if let Some((_, rest)) = text.split_once("expected `Vec<") {
            let (wanted, rest) = rest.split_once(">`, found ")?;
            let given = rest.trim_start_matches("struct ").split('`').nth(1).unwrap_or(rest);
            let whole = given == "integer" && wanted.starts_with(['u', 'i']);
            return (wanted == given || whole).then_some(("vec![", "]"));
        }
    }
    if let Some((_, rest)) = said.split_once("required: Option[") {
        let wanted = rest.split(']').next()?;
        let (_, rest) = said.split_once("found : ")?;
        let given = rest.split([' ', '(']).next()?;
        return (wanted == given).then_some(("Some(", ")"));
    }
    if let Some((_, rest)) = said.split_once("required: Either[") {
        let (_, found) = said.split_once("found : ")?;
        let given = found.split([' ', '(']).next()?;
        let sides = rest.split_once(']')?.0;
        let (left, right) = sides.split_once(',')?;
        let is = |side: &str| side.rsplit('.').next() == given.rsplit('.').next();
        // What both sides may hold is not told apart.
        return match (is(left), is(right)) {
            (true, false) => Some(("Left(", ")")),
            (false, true) => Some(("Right(", ")")),
            _ => None,
        };
    }
    let (_, rest) = said.split_once("required: List[")?;
    let found = said.split_once("found : ").map_or("", |(_, found)| found);
    let found = found.split(" required").next()?.trim();
    let list = rest.split(']').next().map(|element| format!("[{element}]"))?;
    if found.ends_with(&list) && !found.starts_with("Option") {
        return Some(("", ".toList"));
    }
    let wanted = rest.split(']').next()?;
    let (_, rest) = said.split_once("found : ")?;
    let given = rest.split([' ', '(']).next()?;
    (wanted == given).then_some(("List(", ")"))
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some((open, close)) = wrapping(case) else { return };
    // Where a field or a variable is pointed at, its value is meant.
    let mut first = case.token;
    // scalac 2.11 points at the member that gives the value.
    while first >= 2
        && (lexed.is(first, ".") || lexed.before(first) == ".")
        && lexed.kind(first - 1 - usize::from(!lexed.is(first, "."))) == Some(TokenKind::Name)
    {
        first -= 1 + usize::from(!lexed.is(first, "."));
    }
    if lexed.kind(first) == Some(TokenKind::Name) {
        let end = case.statement_end(first);
        match lexed.word(first + 1) {
            "=" => first += 2,
            ":" => {
                let mark = (first..=end).find(|at| lexed.is(*at, "="));
                first = mark.map_or(first + 2, |mark| mark + 1);
            }
            _ => {}
        }
    }
    // A computation is pointed at by its mark: behind `=>` or `=` it is the whole value.
    if lexed.kind(first) == Some(TokenKind::Op) && open == "Some(" {
        let line = lexed.on_line(lexed.code[first].line);
        let start = line.clone().rev().filter(|at| *at < first);
        let start = start.into_iter().find(|at| matches!(lexed.word(*at), "=>" | "="));
        if let Some(mark) = start {
            let (from, to) = (lexed.code[mark + 1].start, lexed.code[line.end - 1].end);
            let edits = vec![case.insert(from, open), case.insert(to, close)];
            all.push(Candidate::new(MistakeId::BareValue, ONE_OF_THEM, edits).guess());
        }
        return;
    }
    let last = match lexed.kind(first) {
        Some(TokenKind::Number | TokenKind::Str) => Some(first),
        // The values of a call are pointed at, and the call gives the list (seen with scalac 2.11).
        Some(TokenKind::Open) if open.is_empty() => {
            case.text.pairs.partner_of(first).filter(|close| *close > first)
        }
        Some(TokenKind::Name) => operand_end(case, first),
        _ => None,
    };
    // Of a larger expression only a part would be taken.
    let whole = last.filter(|last| matches!(lexed.word(last + 1), "," | ")" | "}" | ";" | "]"));
    let ends = |last: &usize| lexed.code.get(last + 1).is_none_or(|next| next.first);
    if let Some(last) = whole.or(last.filter(ends)) {
        let put = [(lexed.code[first].start, open), (lexed.code[last].end, close)];
        let put = put.into_iter().filter(|(_, text)| !text.is_empty());
        let edits = put.map(|(at, text)| case.insert(at, text)).collect();
        let bare = matches!(open, "Some(" | "Left(" | "Right(");
        let kind = if bare { MistakeId::BareValue } else { MistakeId::WrongArgument };
        all.push(Candidate::new(kind, ONE_OF_THEM, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_a_call_over_several_lines_gives_becomes_a_list() {
        check_fix(
            &FAMILY,
            "scala",
            "class Crew {\n  def old: List[Int] = crew.filter <|>{\n    case n => n > 3\n  }\n}\n",
            "type mismatch; found : scala.collection.mutable.ListBuffer[Int] required: List[Int]",
            "class Crew {\n  def old: List[Int] = crew.filter {\n    case n => n > 3\n  }.toList\n}\n",
        );
    }

    #[test]
    fn a_value_of_rust_becomes_a_list() {
        check_fix(
            &FAMILY,
            "rust",
            "fn load(kilos: Vec<u32>) {}\nfn main() {\n    load(<|>4);\n}\n",
            "[E0308] expected `Vec<u32>`, found integer",
            "fn load(kilos: Vec<u32>) {}\nfn main() {\n    load(vec![4]);\n}\n",
        );
    }

    #[test]
    fn a_value_of_another_type_is_no_element() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "const kilos: number[] = <|>\"four\";\n",
            "[TS2322] Type 'string' is not assignable to type 'number[]'.",
        );
    }

    #[test]
    fn a_part_of_an_expression_is_no_element() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "const <|>kilos: number[] = 4 + 3;\n",
            "[TS2322] Type 'number' is not assignable to type 'number[]'.",
        );
    }
}
