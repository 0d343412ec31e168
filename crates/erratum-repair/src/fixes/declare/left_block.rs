//! A name that is used behind the block in which it is declared: the declaration moves before the block.

use super::delete_lines;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::{function_around, text_of};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};

/// The block in which it is declared ends before the place.
const ENDED: Factor = weight("its block ends before the place", 5.0);

/// The value comes from what is known only there, so only the name moves.
const WITHOUT_VALUE: Factor = weight("the value stays in the block", -0.5);

/// Words that go on with the statement of the block before them.
const GO_ON: &[&str] = &["else", "catch", "finally"];

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "left-block",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    int go(int[] all) {\n        for (int one : all) {\n            int best = 0;\n            best = one;\n        }\n        return <|>best;\n    }\n}\n",
        message: "cannot find symbol: variable best",
        after: "class Quay {\n    int go(int[] all) {\n        int best = 0;\n        for (int one : all) {\n            best = one;\n        }\n        return best;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = lexed.word(case.token);
    let asked = case.phase == Phase::Name && lexed.kind(case.token) == Some(TokenKind::Name);
    if !asked || matches!(lexed.before(case.token), "." | "->" | "::") {
        return;
    }
    let function = |at: usize| function_around(case, at).map(|function| function.open);
    let own = function(case.token);
    let gone = case.text.names.of(name).filter(|one| {
        one.kind == NameKind::Value && one.token < case.token && function(one.token) == own
    });
    let Some(declared) = gone.max_by_key(|one| one.token).filter(|_| own.is_some()) else { return };
    let Some(head) = head_of(case, declared.token) else { return };
    if let Some((score, edits)) =
        moved(case, declared, head).or_else(|| split(case, declared, head))
    {
        all.push(Candidate::new(MistakeId::LeftBlock, score, edits).guess());
    }
}

/// The first token of the statement to which the block belongs that a name is declared in and the place of
/// the message stands behind.
fn head_of(case: &Case, declared: usize) -> Option<usize> {
    let lexed = case.lexed();
    let partner = |at: usize| case.text.pairs.partner_of(at);
    // What the header of a loop declares is known in its body.
    let header = case.text.pairs.inside_of(declared).filter(|open| lexed.is(*open, "("));
    let looped = header.filter(|open| lexed.before(*open) == "for").map(|open| open - 1);
    let mut inner = None;
    if let (Some(open), Some(word)) = (header, looped) {
        let body = partner(open)? + 1;
        let end = if lexed.opens_block(body) { partner(body)? } else { case.statement_end(body) };
        if end >= case.token {
            return None;
        }
        inner = Some(word);
    }
    let mut open = case.text.pairs.block_of(lexed, looped.unwrap_or(declared));
    while let Some(at) = open {
        if partner(at)? >= case.token {
            break;
        }
        inner = Some(at);
        open = case.text.pairs.block_of(lexed, at);
    }
    // The header of a loop may have marks of its own that end statements.
    let inner = inner?;
    let header = inner.checked_sub(1).filter(|at| lexed.is(*at, ")")).and_then(partner);
    let mut head = case.statement_start(header.unwrap_or(inner));
    // `} else {` belongs to the statement of the block before it.
    loop {
        let word = if lexed.is(head, "}") { head + 1 } else { head };
        if !GO_ON.contains(&lexed.word(word)) {
            break;
        }
        // Always back: in a broken text such a word may stand behind an opening bracket.
        let open = partner(word.checked_sub(1)?).filter(|open| *open < head.min(word - 1))?;
        head = case.statement_start(open);
    }
    lexed.code[head].first.then_some(head)
}

/// A new line before a statement, as far in as that.
fn line_before(case: &Case, head: usize, text: &str) -> Edit {
    let lexed = case.lexed();
    let start = lexed.source.line_start(lexed.code[head].line);
    let indent = lexed.source.slice(start, lexed.code[head].start).into_owned();
    case.insert(start, format!("{indent}{text}\n"))
}

/// The whole declaration moves, where its value needs nothing of the block.
fn moved(
    case: &Case,
    declared: &Declared,
    head: usize,
) -> Option<(crate::score::Score, Vec<Edit>)> {
    let lexed = case.lexed();
    let (start, end) = (case.statement_start(declared.token), case.statement_end(declared.token));
    let within = |one: &Declared| (head..declared.token).contains(&one.token);
    let mut used = (start..=end).filter(|at| *at != declared.token);
    let needs = used.any(|at| {
        lexed.is(at, "(")
            || lexed.kind(at) == Some(TokenKind::Name)
                && case.text.names.resolve(lexed, at).is_some_and(within)
    });
    let in_block =
        case.text.pairs.inside_of(declared.token).is_some_and(|open| lexed.opens_block(open));
    if needs
        || !in_block
        || !lexed.code[start].first
        || !(start..end).any(|at| lexed.is(at, "=") || lexed.is(at, ":="))
    {
        return None;
    }
    let text = lexed.source.slice(lexed.code[start].start, lexed.code[end].end).into_owned();
    let score = ENDED.into();
    Some((score, vec![line_before(case, head, &text), delete_lines(case, start, end)]))
}

/// Only the name and its type move, and the value is given in the block: `int i; for (i = 0; ...`.
fn split(
    case: &Case,
    declared: &Declared,
    head: usize,
) -> Option<(crate::score::Score, Vec<Edit>)> {
    let lexed = case.lexed();
    let name = lexed.word(declared.token);
    let typed = declared.typed.filter(|_| case.language().type_first)?;
    if text_of(case, typed) == "var" || text_of(case, typed) == "auto" {
        return None;
    }
    let behind = lexed.is(typed.1 + 1, name);
    let twins = case.text.names.of(name).filter(|one| {
        (head..case.token).contains(&one.token)
            && one.kind == NameKind::Value
            && lexed.is(one.token + 1, "=")
    });
    let mut edits = vec![line_before(case, head, &format!("{} {name};", text_of(case, typed)))];
    for twin in twins {
        let its = twin.typed.filter(|its| text_of(case, *its) == text_of(case, typed))?;
        edits.push(Edit::delete(
            case.file(),
            lexed.code[its.0].start,
            lexed.code[twin.token].start,
        ));
    }
    (behind && edits.len() > 1).then(|| (ENDED + WITHOUT_VALUE, edits))
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn the_counter_of_a_loop_is_declared_before_it() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go(int[] all) {\n        for (int i = 0; i < 3; i++) {\n            all[i]++;\n        }\n        return <|>i;\n    }\n}\n",
            "cannot find symbol: variable i",
            "class Quay {\n    int go(int[] all) {\n        int i;\n        for (i = 0; i < 3; i++) {\n            all[i]++;\n        }\n        return i;\n    }\n}\n",
        );
    }

    #[test]
    fn what_each_branch_declares_is_declared_once_before_them() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    String go(int depth) {\n        if (depth > 3) {\n            String name = tell(depth);\n        } else {\n            String name = tell(3);\n        }\n        return <|>name;\n    }\n}\n",
            "cannot find symbol: variable name",
            "class Quay {\n    String go(int depth) {\n        String name;\n        if (depth > 3) {\n            name = tell(depth);\n        } else {\n            name = tell(3);\n        }\n        return name;\n    }\n}\n",
        );
    }

    #[test]
    fn a_branch_that_goes_on_with_nothing_ends_the_search() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go() {\n        else {\n            int best = 0;\n        }\n        return <|>best;\n    }\n}\n",
            "cannot find symbol: variable best",
        );
    }

    #[test]
    fn what_another_function_declares_is_not_moved() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        int best = 0;\n    }\n    int come() {\n        return <|>best;\n    }\n}\n",
            "cannot find symbol: variable best",
        );
    }

    #[test]
    fn the_header_of_a_counting_loop_is_one_statement() {
        check_fix(
            &FAMILY,
            "cpp",
            "int go(int n) {\n    for (int i = 0; i < n; i++) {\n        int twice = i * 2;\n    }\n    return <|>twice;\n}\n",
            "'twice' was not declared in this scope",
            "int go(int n) {\n    int twice;\n    for (int i = 0; i < n; i++) {\n        twice = i * 2;\n    }\n    return twice;\n}\n",
        );
    }
}
