//! The body of a method that stands outside of its class without the name of the class before its own:
//! `function Price: Currency` for `function TTicket.Price: Currency`, `int total()` for
//! `int Yard::total()`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// One class declares the method, and its body uses what that class has.
const USES_CLASS: Factor = evidence("its body uses what the class has that declares it", 8.0);

/// One class promises the method, and its body is written nowhere.
const BODY_OF: Factor = evidence("one class promises the method, and has no body of it", 9.0);

/// What is said of such a head itself (seen with g++ 12 and clang 14).
const HEAD: &[&str] = &["cannot have cv-qualifier", "non-member function cannot have"];

pub(super) static FAMILY: Family = Family {
    id: "owner",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "class Yard {\n    int ropes;\npublic:\n    int total() const;\n};\n\nint total() const {\n    return <|>ropes;\n}\n",
        message: "'ropes' was not declared in this scope",
        after: "class Yard {\n    int ropes;\npublic:\n    int total() const;\n};\n\nint Yard::total() const {\n    return ropes;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let mark = case.language().owner_mark;
    if mark.is_empty() {
        return;
    }
    if case.language().returns_by_name && pascal(case, all) {
        return;
    }
    // Only a method has a `const` behind its brackets.
    let head = HEAD.iter().any(|said| case.message.text.contains(said));
    let line = lexed.on_line(lexed.code[case.token].line);
    let called = line
        .into_iter()
        .find(|at| lexed.kind(*at) == Some(TokenKind::Name) && lexed.is(at + 1, "("));
    let unknown = lexed.kind(case.token) == Some(TokenKind::Name);
    let name = match head {
        true => called.filter(|at| lexed.before(*at) != "::"),
        false => routine(case, case.token).filter(|_| unknown),
    };
    let Some(name) = name else { return };
    let classes = case.text.names.declared.iter().filter(|declared| {
        let block = (declared.kind == NameKind::Type).then(|| block_of(case, declared.token));
        block.flatten().is_some_and(|(open, close)| {
            let has = |word: &str, at: usize| case.text.names.of(word).any(|d| d.token == at);
            let member =
                |at: &usize| lexed.is(*at, lexed.word(case.token)) && !lexed.is(at + 1, "(");
            let declares = |at: &usize| {
                lexed.is(*at, lexed.word(name))
                    && (lexed.is(at + 1, "(") || has(lexed.word(*at), *at))
            };
            // Only what is written elsewhere ends there.
            let ends = |at: usize| {
                let end = (at..close).find(|at| lexed.divides(*at));
                end.is_some_and(|end| lexed.is(end, ";") && !lexed.is(end - 1, "0"))
            };
            let declares = |at: &usize| declares(at) && (!head || ends(*at));
            name > close
                && (head || (open..close).any(|at| member(&at)))
                && (open..close).any(|at| declares(&at))
        })
    });
    let classes: Vec<usize> = classes.map(|class| class.token).collect();
    let [class] = classes[..] else { return };
    if !is_written(case, class, name) {
        all.push(owned(case, class, name, USES_CLASS));
    }
}

/// Writes the name of a class before that of a method.
fn owned(case: &Case, class: usize, name: usize, why: Factor) -> Candidate {
    let lexed = case.lexed();
    let owner = lexed.text(&lexed.code[class]);
    let edit = case.insert(
        lexed.code[name].start,
        format!("{owner}{mark}", mark = case.language().owner_mark),
    );
    Candidate::new(MistakeId::MissingOwner, why, vec![edit])
}

/// Whether the body of a method of a class stands somewhere under its whole name.
fn is_written(case: &Case, class: usize, name: usize) -> bool {
    let (lexed, mark) = (case.lexed(), case.language().owner_mark);
    (0..lexed.code.len()).any(|at| {
        lexed.is(at, lexed.word(class))
            && lexed.is(at + 1, mark)
            && lexed.is(at + 2, lexed.word(name))
    })
}

/// Pascal: `inherited` outside of a method, and a method of a class that has no body. Returns whether the
/// message speaks of one of these (seen with fpc 3.2).
fn pascal(case: &Case, all: &mut Vec<Candidate>) -> bool {
    let lexed = case.lexed();
    let promised = case.message.text.starts_with("Forward declaration not solved");
    let inherits = lexed.before(case.token) == "inherited" || lexed.is(case.token, "inherited");
    if !promised && !inherits {
        return false;
    }
    let head = |at: &usize| {
        lexed.is(*at, lexed.word(case.token))
            && matches!(lexed.before(*at), "function" | "procedure")
            && lexed.code[at - 1].first
            && !lexed.is(at + 1, ".")
    };
    let types = case.text.names.declared.iter().filter(|one| one.kind == NameKind::Type);
    let blocks = types.filter_map(|one| Some((one.token, block_of(case, one.token)?)));
    let blocks: Vec<(usize, (usize, usize))> = blocks.collect();
    let within = |at: usize| blocks.iter().find(|(_, (from, to))| (*from..*to).contains(&at));
    let name = match promised {
        true => (case.token + 1..lexed.code.len()).find(|at| head(at) && within(*at).is_none()),
        false => routine(case, case.token).filter(|at| within(*at).is_none()),
    };
    let Some(name) = name else { return true };
    let classes: Vec<usize> = match promised {
        true => within(case.token).map(|(class, _)| *class).into_iter().collect(),
        false => {
            let declares = |(from, to): (usize, usize)| {
                (from..to).any(|at| {
                    lexed.is(at, lexed.word(name))
                        && matches!(lexed.before(at), "function" | "procedure")
                })
            };
            let open = blocks.iter().filter(|(class, block)| {
                lexed.is(block.0 + 1, "(") && declares(*block) && !is_written(case, *class, name)
            });
            open.map(|(class, _)| *class).collect()
        }
    };
    if let [class] = classes[..] {
        all.push(owned(case, class, name, BODY_OF).guess());
    }
    true
}

/// The name of the routine in whose body a token stands, if it names no owner.
fn routine(case: &Case, token: usize) -> Option<usize> {
    let lexed = case.lexed();
    if case.language().returns_by_name {
        let heads = (0..token).rev();
        let mut heads = heads.filter(|at| matches!(lexed.word(*at), "function" | "procedure"));
        let name = heads.next()? + 1;
        let bare = !lexed.is(name + 1, ".") && lexed.code[name - 1].first;
        return bare.then_some(name);
    }
    let mut open = case.text.pairs.inside_of(token)?;
    while let Some(outer) = case.text.pairs.inside_of(open) {
        open = outer;
    }
    let mut close = open.checked_sub(1)?;
    while matches!(lexed.word(close), "const" | "noexcept") {
        close = close.checked_sub(1)?;
    }
    let name =
        case.text.pairs.partner_of(close).filter(|_| lexed.is(close, ")"))?.checked_sub(1)?;
    let bare = lexed.kind(name) == Some(TokenKind::Name) && lexed.before(name) != "::";
    (lexed.is(open, "{") && bare).then_some(name)
}

/// The block of a class, as its first and its last token.
fn block_of(case: &Case, class: usize) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let near = (class + 1..class + 6).take_while(|at| !lexed.is(*at, ";"));
    let open = near
        .into_iter()
        .find(|at| matches!(lexed.word(*at), "{" | "class" | "object" | "record"))?;
    Some((open, case.text.pairs.partner_of(open)?))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const CLASS: &str =
        "type\n  TTicket = class\n    FSeats: Integer;\n    function Price: Integer;\n  end;\n\n";

    fn text(head: &str) -> String {
        format!(
            "{CLASS}function {head}: Integer;\nbegin\n  Result := 2 * <|>FSeats;\nend;\n\nbegin\nend.\n"
        )
    }

    #[test]
    fn a_method_of_pascal_names_its_class() {
        let said = "Identifier not found \"FSeats\"";
        let mended = text("TTicket.Price").replace("<|>", "");
        check_fix(&FAMILY, "pascal", &text("Price"), said, &mended);
    }

    #[test]
    fn what_inherits_is_a_method() {
        let text = |head: &str| {
            format!(
                "type\n  TTicket = class\n    function Price: Integer; virtual;\n  end;\n  TReturn = class(TTicket)\n    function Price: Integer; override;\n  end;\n\nfunction TTicket.Price: Integer;\nbegin\n  Result := 2;\nend;\n\nfunction {head}: Integer;\nbegin\n  Result := inherited <|>Price;\nend;\n\nbegin\nend.\n"
            )
        };
        let mended = text("TReturn.Price").replace("<|>", "");
        let said = "Syntax error, \";\" expected but \"identifier PRICE\" found";
        check_fix(&FAMILY, "pascal", &text("Price"), said, &mended);
        let before = text("Price").replace("<|>", "").replace(
            "    function Price: Integer; override",
            "    function <|>Price: Integer; override",
        );
        let said = "Forward declaration not solved \"Price:LongInt;\"";
        check_fix(&FAMILY, "pascal", &before, said, &mended);
    }

    #[test]
    fn the_word_behind_the_brackets_shows_it_too() {
        let text = |owner: &str| {
            format!(
                "class Yard {{\n    int ropes;\npublic:\n    int total() const;\n}};\n\nint {owner}total() const {{\n    return 3;\n}}\n"
            )
        };
        let said = "non-member function 'int total()' cannot have cv-qualifier";
        check_fix(&FAMILY, "cpp", &text("<|>"), said, &text("Yard::"));
    }

    #[test]
    fn a_function_of_another_name_is_left() {
        check_no_fix(&FAMILY, "pascal", &text("Cost"), "Identifier not found \"FSeats\"");
    }
}
