//! `;` typed for `,` in a list of values within braces: `Mast{Name: name; Height: 3}`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;
use erratum_syntax::pairs::closing;

/// The compiler says what kind of list it is.
const NAMED_LIST: Factor = evidence("the compiler says that a list goes on", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "separated",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc mast(name string) Mast {\n\treturn Mast{Name: name<|>; Height: 3}\n}\n",
        message: "syntax error: unexpected semicolon in composite literal; possibly missing comma or }",
        after: "package quay\n\nfunc mast(name string) Mast {\n\treturn Mast{Name: name, Height: 3}\n}\n",
    },
};

/// A type ends before the mark, and behind it a name gets one.
const TYPED_APART: Factor = evidence("a parameter with its own type starts behind the mark", 8.5);

/// The words of what has parameters.
const HEADS: &[&str] = &["procedure", "function", "constructor", "destructor", "operator"];

/// Pascal: `(boat: string, seats: integer)`: parameters of other types are parted by `;`.
fn parameters(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    if !case.language().parted_parameters || case.phase > Phase::Syntax {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let apart = line.filter(|at| {
        let open = pairs.inside_of(*at).filter(|open| lexed.is(*open, "("));
        // In a call a colon says how wide a value is shown.
        let head = |open: usize| {
            let line = lexed.on_line(lexed.code[open].line);
            (line.start..open).any(|at| HEADS.contains(&lexed.word(at)))
        };
        let open = open.filter(|open| head(*open));
        let mark = |at: &usize| matches!(lexed.word(*at), ":" | "," | ";" | "(");
        let typed = (0..*at).rev().find(mark).is_some_and(|mark| lexed.is(mark, ":"));
        lexed.is(*at, ",") && open.is_some() && typed
    });
    let edits: Vec<_> = apart.map(|at| case.replace_token(at, ";")).collect();
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::WrongMark, TYPED_APART, edits).guess());
    }
}

/// What go 1.19 says there, whatever the list is.
const SAID: &str = "unexpected semicolon in ";

/// The values in the braces belong to one value.
const VALUES: Factor = evidence("the values in the braces make one value", 7.0);

/// `put(Mast{name; 3})`, `Mast bow = {"bow"; 3}`: braces whose content is a list of values, within
/// brackets or behind a mark that sets a value.
fn in_braces(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for open in line.clone().filter(|at| *at > line.start && lexed.is(*at, "{")) {
        let close = case.text.pairs.partner_of(open).filter(|close| line.contains(close));
        let Some(close) = close else { continue };
        let round = case.text.pairs.inside_of(open).is_some_and(|outer| lexed.is(outer, "("));
        let named = lexed.kind(open - 1) == Some(TokenKind::Name) && round;
        let set = matches!(lexed.before(open), "=" | "return");
        let value = |at: usize| match lexed.kind(at) {
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Str) => true,
            _ => matches!(lexed.word(at), "," | ";" | "." | "-" | "::" | ":" | "true" | "false"),
        };
        // A statement ends with its mark; a list does not.
        let list = (open + 1..close).all(value) && !lexed.is(close - 1, ";");
        let marks = (open + 1..close).filter(|at| lexed.is(*at, ";"));
        let edits: Vec<_> = marks.map(|at| case.replace_token(at, ",")).collect();
        if (named || set) && list && !edits.is_empty() {
            all.push(Candidate::new(MistakeId::WrongMark, VALUES, edits));
        }
    }
}

/// The items of a list stand on lines of their own, as deep as each other.
const LINES: Factor = evidence("its line is one of the items of a list", 8.0);

/// A list whose items have a line each, one of which ends with `;`. Its brackets may seem to have no
/// partner for that very mark, so the layout decides.
fn on_lines(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, source) = (case.lexed(), &case.lexed().source);
    let reported = lexed.code[case.token].line;
    // The compiler notices the mark, or what stands behind it.
    for line in [reported, reported.saturating_sub(1)] {
        let here = lexed.on_line(line);
        let Some(mark) = here.clone().last().filter(|at| lexed.is(*at, ";")) else { continue };
        let Some(deep) = source.indent(line) else { continue };
        let depth = |line: u32| source.indent(line).unwrap_or(u32::MAX);
        let Some(above) = (1..line).rev().find(|other| depth(*other) < deep) else { continue };
        let below = (line + 1..=source.line_count()).find(|other| depth(*other) < deep);
        let Some(below) = below else { continue };
        let Some(open) = lexed.on_line(above).last() else { continue };
        // A block holds statements; a list in braces is the value of something.
        let list = match lexed.word(open) {
            "[" => true,
            "{" => matches!(lexed.before(open), "=" | "]"),
            _ => false,
        };
        let first = lexed.on_line(below).start;
        let closed = lexed.is(first, closing(lexed, open)) && depth(below) == depth(above);
        let items = (above + 1..below).filter(|item| depth(*item) == deep);
        let starts: Vec<usize> = items.map(|item| lexed.on_line(item).start).collect();
        let alike = starts.iter().all(|at| lexed.kind(*at) == lexed.kind(here.start));
        if !list || !closed || !alike || starts.len() < 2 {
            continue;
        }
        let edit = match starts.last() == Some(&here.start) {
            true => case.delete_token(mark),
            false => case.replace_token(mark, ","),
        };
        all.push(Candidate::new(MistakeId::WrongMark, LINES, vec![edit]));
        return;
    }
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    parameters(case, all);
    let lexed = case.lexed();
    if case.language().terminator == ";" {
        in_braces(case, all);
        on_lines(case, all);
    }
    let said = &case.message.text;
    if !said.contains(SAID) || !said.contains("missing comma") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(first) = line.clone().find(|at| *at + 1 >= case.token && lexed.is(*at, ";")) else {
        return;
    };
    // All marks of one list are the same slip.
    let level = case.text.pairs.inside_of(first);
    let marks = line.filter(|at| *at >= first && lexed.is(*at, ";"));
    let marks = marks.filter(|at| case.text.pairs.inside_of(*at) == level);
    let edits = marks.map(|at| case.replace_token(at, ",")).collect();
    all.push(Candidate::new(MistakeId::WrongMark, NAMED_LIST, edits));
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn parameters_of_other_types_are_parted() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nprocedure Add(boat: string<|>, seats, berths: integer, x: real);\nbegin\nend;\nbegin\nend.\n",
            "Syntax error, \")\" expected but \",\" found",
            "program quay;\nprocedure Add(boat: string; seats, berths: integer; x: real);\nbegin\nend;\nbegin\nend.\n",
        );
    }

    #[test]
    fn values_in_braces_make_one_value() {
        check_fix(
            &FAMILY,
            "cpp",
            "void go(std::vector<Mast>& all) {\n    all.push_back(Mast<|>{name; 3; true});\n}\n",
            "expected primary-expression before '{' token",
            "void go(std::vector<Mast>& all) {\n    all.push_back(Mast{name, 3, true});\n}\n",
        );
    }

    #[test]
    fn an_item_on_a_line_of_its_own_ends_with_a_comma() {
        let text = |mark: &str| {
            format!("const all: Mast[] = [\n  {{ height: 3 }}{mark}\n  {{ height: 4 }},\n];\n")
        };
        check_fix(&FAMILY, "typescript", &text("<|>;"), "',' expected.", &text(","));
        let text = |mark: &str| {
            format!("class Quay {{\n    int[] all = {{\n        3{mark}\n        4\n    }};\n}}\n")
        };
        check_fix(&FAMILY, "java", &text("<|>;"), "';' expected", &text(","));
    }

    #[test]
    fn a_statement_on_a_line_of_its_own_is_left() {
        let text = "const f = () => {\n  go(3)<|>;\n  go(4);\n};\n";
        check_no_fix(&FAMILY, "typescript", text, "',' expected.");
    }

    #[test]
    fn statements_in_braces_are_left() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "void go() {\n    each([](int a) <|>{ show(a); show(3) });\n}\n",
            "expected ';' before '}' token",
        );
    }

    #[test]
    fn all_marks_of_the_list_change_together() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nvar mast = Mast{Name: \"bow\"<|>; Height: 3; Lit: true}\n",
            "syntax error: unexpected semicolon in composite literal; possibly missing comma or }",
            "package quay\n\nvar mast = Mast{Name: \"bow\", Height: 3, Lit: true}\n",
        );
    }

    #[test]
    fn the_end_of_a_line_is_another_mistake() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nvar mast = Mast{\n\tName: \"bow\"<|>\n}\n",
            "syntax error: unexpected newline in composite literal; possibly missing comma or }",
        );
    }
}
