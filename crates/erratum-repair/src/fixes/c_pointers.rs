//! C and C++: small slips with pointers and arrays: `return *n` where the pointer is wanted, `head-next`, `show(grid[])`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The function gives back the pointer itself.
const ITSELF: Factor = evidence("the function gives back the pointer itself", 9.5);
/// What stands behind the mark is a member of what the pointer leads to.
const MEMBER: Factor = evidence("a member is asked of a pointer", 9.5);
/// An array is handed on by its name.
const BY_NAME: Factor = evidence("an array is handed on by its name", 9.0);
/// What is read through a pointer is first turned into a pointer.
const TURNED: Factor = evidence("what is read through a pointer is turned into one first", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "c-pointers",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "typedef struct node { int a; } node;\nnode *first(node *n)\n{\n    return <|>*n;\n}\n",
        message: "incompatible types when returning type 'node' but 'node *' was expected",
        after: "typedef struct node { int a; } node;\nnode *first(node *n)\n{\n    return n;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().directives && !case.language().type_first {
        return;
    }
    if case.phase <= Phase::Syntax {
        empty_brackets(case, all);
    }
    if case.language().directives {
        returned(case, all);
        halved_arrow(case, all);
        read_through(case, all);
    }
}

/// `*(double)a`, where `a` is a pointer.
fn read_through(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with gcc 12.
    let said = &case.message.text;
    if !said.starts_with("pointer value used where a ")
        && !said.starts_with("invalid type argument of unary '*'")
    {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for star in line.filter(|at| lexed.is(*at, "*") && lexed.is(at + 1, "(")) {
        let Some(close) = case.text.pairs.partner_of(star + 1).filter(|close| *close > star + 2)
        else {
            continue;
        };
        let typed = (star + 2..close).all(|at| {
            lexed.kind(at) == Some(TokenKind::Keyword) || case.language().is_type(lexed.word(at))
        });
        let bare = !lexed.is(close - 1, "*") && lexed.kind(close + 1) == Some(TokenKind::Name);
        if typed && bare {
            let edit = case.insert(lexed.code[close - 1].end, " *");
            all.push(Candidate::new(MistakeId::CastRules, TURNED, vec![edit]).guess());
        }
    }
}

/// `return *n;` where a pointer of the type of `n` is wanted.
fn returned(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with gcc 12.
    let said = &case.message.text;
    let wanted = said.starts_with("incompatible types when returning")
        && said.contains("*' was expected")
        || said.starts_with("cannot convert") && said.contains("*' in return")
        || said.starts_with("invalid conversion from") && said.contains("*'");
    let mut line = lexed.on_line(lexed.code[case.token].line);
    let Some(word) = line.find(|at| lexed.is(*at, "return")).filter(|_| wanted) else { return };
    let name = word + 2;
    let pointer = case
        .text
        .names
        .resolve(lexed, name)
        .and_then(|one| one.typed)
        .is_some_and(|(_, last)| lexed.is(last, "*"))
        || case.text.names.resolve(lexed, name).is_some_and(|one| lexed.before(one.token) == "*");
    if lexed.is(word + 1, "*") && lexed.is(name + 1, ";") && pointer {
        let edit = case.delete_token(word + 1);
        all.push(Candidate::new(MistakeId::ExtraMark, ITSELF, vec![edit]).guess());
    }
}

/// `head-next`, where `next` is a member and no name of its own.
fn halved_arrow(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let said = &case.message.text;
    for mark in line.skip(1).filter(|at| matches!(lexed.word(*at), "-" | ">")) {
        let (object, member) = (mark - 1, mark + 1);
        let told = said.starts_with(&format!("'{}'", lexed.word(member)));
        let close = lexed.code[object].end == lexed.code[mark].start
            && lexed.code.get(member).is_some_and(|next| next.start == lexed.code[mark].end);
        let is_member =
            || case.text.names.of(lexed.word(member)).any(|one| one.kind == NameKind::Member);
        let pointer = || {
            let declared = case.text.names.resolve(lexed, object);
            declared.is_some_and(|one| lexed.before(one.token) == "*")
        };
        if told && close && is_member() && pointer() {
            let token = lexed.code[mark];
            let edit = match lexed.is(mark, "-") {
                true => case.insert(token.end, ">"),
                false => case.insert(token.start, "-"),
            };
            all.push(Candidate::new(MistakeId::MissingMark, MEMBER, vec![edit]).guess());
        }
    }
}

/// `show(grid[][])`.
fn empty_brackets(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for open in line.clone().skip(2) {
        let name = open - 1;
        if !lexed.is(open, "[")
            || !lexed.is(open + 1, "]")
            || lexed.kind(name) != Some(TokenKind::Name)
            || !matches!(lexed.before(name), "(" | ",")
        {
            continue;
        }
        let mut end = open + 1;
        while lexed.is(end + 1, "[") && lexed.is(end + 2, "]") {
            end += 2;
        }
        // A statement, and no head with parameters.
        let bracket = case.text.pairs.inside_of(open).filter(|at| lexed.is(*at, "("));
        let close = bracket.and_then(|at| case.text.pairs.partner_of(at));
        let head = close.is_none_or(|close| lexed.opens_block(close + 1));
        let known = case.text.names.of(lexed.word(name)).any(|one| one.kind != NameKind::Type);
        if matches!(lexed.word(end + 1), ")" | ",") && !head && known {
            let edit = Edit::replace(case.file(), lexed.code[name].end, lexed.code[end].end, "");
            all.push(Candidate::new(MistakeId::ExtraBracket, BY_NAME, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn half_an_arrow_is_made_whole() {
        check_fix(
            &FAMILY,
            "c",
            "struct node { int a; struct node *next; };\nvoid go(struct node *head)\n{\n    head = head-<|>next;\n}\n",
            "'next' undeclared (first use in this function)",
            "struct node { int a; struct node *next; };\nvoid go(struct node *head)\n{\n    head = head->next;\n}\n",
        );
        check_no_fix(
            &FAMILY,
            "c",
            "struct node { int a; };\nvoid go(int head)\n{\n    head = head-<|>next;\n}\n",
            "'next' undeclared (first use in this function)",
        );
    }

    #[test]
    fn an_array_goes_by_its_name() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int[][] grid) {\n        show(3, grid[<|>][]);\n    }\n}\n",
            "'.class' expected",
            "class Quay {\n    void go(int[][] grid) {\n        show(3, grid);\n    }\n}\n",
        );
        check_no_fix(
            &FAMILY,
            "c",
            "int sum(int n, int grid[]<|>) {\n    return 0;\n}\n",
            "expected ';' before ')' token",
        );
    }
}
