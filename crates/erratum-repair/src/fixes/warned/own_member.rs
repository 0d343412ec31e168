//! A member that a parameter of its name hides.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;

/// A member that is hidden by a parameter of its name.
const HIDDEN_MEMBER: Factor = weight("a parameter hides the member", 2.0);

/// The member never gets a value, and a parameter of its name is given its own.
const NEVER_SET: Factor = evidence("a parameter is given its own value, and the member none", 8.0);

/// A parameter has the member's name, and nothing uses it.
const HANDED_IN: Factor = evidence("a parameter of its name is used nowhere", 7.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "own_member",
    recipes: &[Recipe::OwnMember],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay {\n    int seats;\n    Quay(int seats) {\n        <|>seats = seats;\n    }\n}\n",
        message: "warning: [CS1717] Assignment made to same variable; did you mean to assign something else?",
        after: "class Quay {\n    int seats;\n    Quay(int seats) {\n        this.seats = seats;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.asks(Recipe::OwnMember) {
        own_member(case, all);
    }
    never_set(case, all);
}

/// A member that must get its value, and a parameter of its name is given its own (seen with javac 17 and
/// tsc 5.9).
fn never_set(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let told = ["variable ", "Property '"].iter().find_map(|start| {
        let told = case.message.text.strip_prefix(start)?;
        told.split_once([' ', '\''])
    });
    let Some((name, rest)) = told else { return };
    let unset = [
        "might not have been initialized",
        "not initialized in",
        "has no initializer and is not definitely assigned in the constructor",
    ];
    if !unset.iter().any(|words| rest.contains(words)) {
        return;
    }
    let member = case.text.names.of(name).any(|d| d.kind == NameKind::Member);
    let seen = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
    let mut own = seen.iter().filter(|at| {
        let bare = !matches!(lexed.before(**at), "." | "=");
        bare && lexed.is(**at + 1, "=") && lexed.is(**at + 2, name) && lexed.is(**at + 3, ";")
    });
    if let (true, Some(at), None) = (member, own.next(), own.next()) {
        let edit = case.insert(lexed.code[*at].start, case.language().object);
        all.push(Candidate::new(MistakeId::SelfAssignment, NEVER_SET, vec![edit]));
    } else if member {
        handed_in(case, name, all);
    }
}

/// A parameter of the member's name that its function never uses: `this.owner = owner;` is lacking.
fn handed_in(case: &Case, name: &str, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let seen = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
    let body = |at: &usize| {
        let open = pairs.inside_of(*at).filter(|open| lexed.is(*open, "("))?;
        let body = pairs.partner_of(open)? + 1;
        let close = pairs.partner_of(body).filter(|_| lexed.is(body, "{"))?;
        let used = (body..close).any(|at| lexed.is(at, name));
        let blank = matches!(lexed.word(at + 1), "," | ")" | ":");
        (blank && !used && close > body + 1).then_some((body, close))
    };
    let mut bodies = seen.iter().filter_map(body);
    let (Some((open, close)), None) = (bodies.next(), bodies.next()) else { return };
    let source = &lexed.source;
    let set = format!("{}{name} = {name};", case.language().object);
    let last = lexed.code[close].line;
    if lexed.code[open].line == last || !lexed.code[close].first {
        return;
    }
    let margin = source.indent_text(lexed.code[close - 1].line);
    let text = format!("{margin}{set}{}", source.line_end_text());
    let edit = Edit::insert(case.file(), source.line_start(last), text);
    all.push(Candidate::new(MistakeId::UnsetVariable, HANDED_IN, vec![edit]).guess());
}

/// A member that is hidden by a parameter of its name: the left side is said to be the member.
fn own_member(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(mark) = line.filter(|at| lexed.is(*at, "=")).min_by_key(|at| at.abs_diff(case.token))
    else {
        return;
    };
    // The mark may be the first token of a text that is no program.
    let Some(left) = mark.checked_sub(1) else { return };
    let name = lexed.word(left);
    let member = case.text.names.of(name).any(|d| d.kind == NameKind::Member);
    if member && lexed.is(mark + 1, name) && !lexed.is(left.wrapping_sub(1), ".") {
        let edit = case.insert(lexed.code[left].start, case.language().object);
        all.push(Candidate::new(MistakeId::SelfAssignment, HIDDEN_MEMBER, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn the_second_of_two_members_is_told_apart() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int seats;\n    int boats;\n    Quay(int seats, int boats) {\n        this.seats = seats;\n        <|>boats = boats;\n    }\n}\n",
            "warning: [CS1717] Assignment made to same variable; did you mean to assign something else?",
            "class Quay {\n    int seats;\n    int boats;\n    Quay(int seats, int boats) {\n        this.seats = seats;\n        this.boats = boats;\n    }\n}\n",
        );
    }

    #[test]
    fn a_method_tells_them_apart_too() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int seats;\n    void Board(int seats) {\n        <|>seats = seats;\n    }\n}\n",
            "warning: [CS1717] Assignment made to same variable; did you mean to assign something else?",
            "class Quay {\n    int seats;\n    void Board(int seats) {\n        this.seats = seats;\n    }\n}\n",
        );
    }

    #[test]
    fn a_member_that_gets_no_value_is_the_one_that_is_meant() {
        let text = |own: &str, at: &str| {
            format!(
                "class Quay {{\n    final int seats;\n    Quay(int seats) {{\n        {own}seats = seats;\n    {at}}}\n}}\n"
            )
        };
        let said = "variable seats might not have been initialized";
        check_fix(&FAMILY, "java", &text("", "<|>"), said, &text("this.", ""));
        check_no_fix(&FAMILY, "java", &text("this.", "<|>"), said);
        let text = |own: &str, at: &str| {
            format!(
                "class Quay {{\n  {at}seats: number;\n  constructor(seats: number) {{\n    {own}seats = seats;\n  }}\n}}\n"
            )
        };
        let said = "[TS2564] Property 'seats' has no initializer and is not definitely assigned in the constructor.";
        check_fix(&FAMILY, "typescript", &text("", "<|>"), said, &text("this.", ""));
    }

    #[test]
    fn what_is_handed_in_and_never_used_sets_the_member() {
        let text = |set: &str| {
            format!(
                "class Quay {{\n    final String name;\n    final int seats;\n    Quay(String name, int seats) {{\n        this.name = name;\n{set}    }}\n}}\n"
            )
        };
        check_fix(
            &FAMILY,
            "java",
            &text("").replace("    }\n}", "    <|>}\n}"),
            "variable seats might not have been initialized",
            &text("        this.seats = seats;\n"),
        );
    }

    #[test]
    fn another_warning_names_no_member() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int seats;\n    Quay(int boats) {\n        <|>seats = boats;\n    }\n}\n",
            "warning: [CS0219] The variable `boats' is assigned but its value is never used",
        );
    }

    #[test]
    fn two_names_are_no_assignment_to_itself() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int seats;\n    Quay(int boats) {\n        <|>seats = boats;\n    }\n}\n",
            "warning: [CS1717] Assignment made to same variable; did you mean to assign something else?",
        );
    }

    #[test]
    fn without_a_member_nothing_is_hidden() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    Quay(int seats) {\n        <|>seats = seats;\n    }\n}\n",
            "warning: [CS1717] Assignment made to same variable; did you mean to assign something else?",
        );
    }
}
