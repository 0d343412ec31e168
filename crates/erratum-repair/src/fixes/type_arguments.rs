//! Types that another one takes, in the brackets of another language: `List<Gate>` where `List[Gate]`
//! is written, `Vec[Pilot]` and `Option(Pilot)` where it is `<`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::language::NameKind;
use erratum_syntax::lex::TokenKind;

/// The types that a type takes stand in other brackets here.
const OTHER_BRACKETS: Factor = evidence("the types that a type takes stand in other brackets", 7.0);
/// The declaration names as many as the type takes.
const AS_DECLARED: Factor = evidence("the declaration on the left names them", 9.0);
/// Each line between the change and the reported place.
const LINES: Factor = weight("lines from the reported place", -0.5);

pub(super) static FAMILY: Family = Family {
    id: "type-arguments",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "scala",
        before: "class Gate\nclass Pier(val gates: List<Gate><|>) {\n  def all: Int = gates.length\n}\n",
        message: "identifier expected but ')' found.",
        after: "class Gate\nclass Pier(val gates: List[Gate]) {\n  def all: Int = gates.length\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    as_declared(case, all);
    let Some(here) = language.type_arguments else { return };
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(1).max(1)..=reported {
        let far = LINES * f64::from(reported - line);
        let mut at = lexed.on_line(line).start + 1;
        while at < lexed.on_line(line).end {
            let Some(list) = List::at(case, at, here) else {
                at += 1;
                continue;
            };
            at = list.last + 1;
            let edits = list.edits(case, here);
            all.push(Candidate::new(MistakeId::ForeignMark, OTHER_BRACKETS + far, edits));
        }
    }
}

/// `Map<String, Integer> fees = new HashMap<String>();`: as many as are declared (seen with javac 17 and mcs 6.8).
fn as_declared(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    if !said.starts_with("wrong number of type arguments") && !said.contains("type argument(s)") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(new) = line.clone().find(|at| lexed.is(*at, "new")) else { return };
    // From a `<` to the `>` in front of a token.
    let list = |mut within: std::ops::Range<usize>, before: &str| {
        let open = within.find(|at| lexed.is(*at, "<"))?;
        let close = (open..within.end).rev().find(|at| lexed.is(*at, ">"))?;
        let text = lexed.source.slice(lexed.code[open].start, lexed.code[close].end);
        (lexed.is(close + 1, before) || before.is_empty()).then(|| (open, close, text.into_owned()))
    };
    let (Some((_, _, wanted)), Some((open, close, given))) =
        (list(line.start..new, ""), list(new..line.end, "("))
    else {
        return;
    };
    if wanted != given {
        let (from, to) = (lexed.code[open].start, lexed.code[close].end);
        let edit = Edit::replace(case.file(), from, to, wanted);
        all.push(Candidate::new(MistakeId::TypeArguments, AS_DECLARED, vec![edit]).guess());
    }
}

/// A list of types in brackets that this language does not have there.
struct List {
    /// The brackets, each with whether it opens, and how many of them stand in its token.
    brackets: Vec<(usize, bool, usize)>,
    last: usize,
}

impl List {
    /// The list that opens at a token.
    fn at(case: &Case, open: usize, here: (&str, &str)) -> Option<List> {
        let lexed = case.lexed();
        let (opens, closes): (&[&str], &[&str]) =
            if here.0 == "<" { (&["[", "("], &["]", ")"]) } else { (&["<"], &[">", ">>"]) };
        if !opens.contains(&lexed.word(open)) || !takes_types(case, open - 1) {
            return None;
        }
        // A call has brackets, too: only where a type is written do these hold types.
        if lexed.is(open, "(") && !in_type_place(case, open - 1) {
            return None;
        }
        let mut brackets: Vec<(usize, bool, usize)> = Vec::new();
        let mut depth = 0;
        // `Berth(string name)`: a type with a name behind it is a parameter.
        let named =
            |at: usize| matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Keyword));
        for at in open..lexed.on_line(lexed.code[open].line).end {
            let word = lexed.word(at);
            if opens.contains(&word) {
                brackets.push((at, true, 1));
                depth += 1;
            } else if closes.contains(&word) {
                let many = word.len().min(depth);
                brackets.push((at, false, many));
                depth -= many;
            } else if !typed_word(case, at) || named(at) && named(at - 1) {
                return None;
            }
            if depth == 0 {
                let empty = at == open + 1;
                return (!empty).then_some(List { brackets, last: at });
            }
        }
        None
    }

    fn edits(&self, case: &Case, here: (&str, &str)) -> Vec<Edit> {
        let mark = |opens: bool| if opens { here.0 } else { here.1 };
        let edit = |(at, opens, many): &(usize, bool, usize)| {
            case.replace_token(*at, mark(*opens).repeat(*many))
        };
        self.brackets.iter().map(edit).collect()
    }
}

/// Whether a token names a type that may take others.
fn takes_types(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let name = lexed.word(at);
    let library = || {
        let mut known = case.language().known_names();
        known.any(|(known, kind)| known == name && kind == NameKind::Type)
    };
    let own = || case.text.names.of(name).any(|declared| declared.kind == NameKind::Type);
    lexed.kind(at) == Some(TokenKind::Name)
        && !case.language().types.contains(&name)
        && (library() || own() || lexed.is(at.wrapping_sub(1), "::"))
}

/// Whether a token stands where a type is declared: behind the mark of a type or of a result, or as one of
/// the types that another one takes.
fn in_type_place(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let start = (0..at).rev().take_while(|before| {
        lexed.is(*before, "::") || lexed.kind(*before) == Some(TokenKind::Name)
    });
    let first = start.last().unwrap_or(at);
    matches!(lexed.before(first), ":" | "->" | "<") && !lexed.is(first.wrapping_sub(2), "?")
}

/// Whether a token may stand among the types of a list.
fn typed_word(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    matches!(lexed.word(at), "," | "." | "::" | "&" | "?" | "*")
        || match lexed.kind(at) {
            Some(TokenKind::Name) => true,
            Some(TokenKind::Keyword) => case.language().is_type(lexed.word(at)),
            _ => false,
        }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_is_made_takes_as_many_as_are_declared() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    Map<String, Integer> fees = new HashMap<|><String>();\n}\n",
            "wrong number of type arguments; required 2",
            "class Quay {\n    Map<String, Integer> fees = new HashMap<String, Integer>();\n}\n",
        );
    }

    #[test]
    fn brackets_within_brackets_change_with_them() {
        check_fix(
            &FAMILY,
            "scala",
            "class Pier {\n  def all(logs: Map<String, List<Int>><|>): Int = logs.size\n}\n",
            "identifier expected but ')' found.",
            "class Pier {\n  def all(logs: Map[String, List[Int]]): Int = logs.size\n}\n",
        );
        check_fix(
            &FAMILY,
            "java",
            "import java.util.*;\nclass Quay {\n    Map[String<|>, Integer] fares;\n}\n",
            "']' expected",
            "import java.util.*;\nclass Quay {\n    Map<String, Integer> fares;\n}\n",
        );
        check_fix(
            &FAMILY,
            "cpp",
            "#include <vector>\nstd::vector[int<|>] tides;\n",
            "expected identifier before 'int'",
            "#include <vector>\nstd::vector<int> tides;\n",
        );
    }

    #[test]
    fn a_bracket_of_a_call_holds_types_where_a_type_is_declared() {
        check_fix(
            &FAMILY,
            "rust",
            "struct Quay { tides: Vec(u32<|>) }\n",
            "parenthesized type parameters may only be used with a `Fn` trait",
            "struct Quay { tides: Vec<u32> }\n",
        );
        check_no_fix(
            &FAMILY,
            "rust",
            "struct Tide(u32);\nfn go(low: u32) {\n    let tide = Tide(low) <|>3;\n}\n",
            "expected `;`, found `3`",
        );
    }

    #[test]
    fn an_element_of_a_list_is_no_type() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go(int[] tides, int at) {\n        return tides[at] <|>3;\n    }\n}\n",
            "';' expected",
        );
    }
}
