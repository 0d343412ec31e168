//! C, C++, Go: a pointer where what it points at is wanted: `show(p)` for `show(*p)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The message finds a pointer to just what is wanted.
const TOLD: Factor = evidence("a pointer to what is wanted stands there", 6.5);

/// The message wants the pointer.
const POINTER: Factor = evidence("the pointer itself is wanted", 6.5);

/// The message wants what the name holds, and its address stands there.
const ITSELF: Factor = evidence("the address of what is wanted stands there", 6.5);

pub(super) static FAMILY: Family = Family {
    id: "dereferenced",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "struct Quay { int boats; };\n\nint count(Quay quay) { return quay.boats; }\n\nint go(Quay *one) {\n    return count(<|>one);\n}\n",
        message: "could not convert 'one' from 'Quay*' to 'Quay'",
        after: "struct Quay { int boats; };\n\nint count(Quay quay) { return quay.boats; }\n\nint go(Quay *one) {\n    return count(*one);\n}\n",
    },
};

/// What stands before and behind a name that is a value by itself.
const BEFORE: &[&str] = &["(", ",", "=", "return", "+", "-", "<<", "==", "{"];
const BEHIND: &[&str] = &[")", ",", ";", "+", "-", "<<", "==", "}"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if lexed.language.receivers {
        in_go(case, all);
    }
    if !lexed.language.directives {
        return;
    }
    itself(case, all);
    let remarks = case.message.notes.iter().map(|note| note.text.as_str());
    let said: Vec<&str> = remarks.chain([case.message.text.as_str()]).collect();
    let line = lexed.on_line(lexed.code[case.token].line);
    let pairs: Vec<String> = match case.message.text.as_str() {
        // gcc tells no types here: the line names the one that is wanted.
        "invalid initializer" => line.clone().map(|at| lexed.word(at).to_owned()).collect(),
        _ => said.iter().filter_map(|text| pointed(text)).collect(),
    };
    if pairs.is_empty() {
        return;
    }
    addresses(case, all);
    // `free_all(*head)` where the pointer itself is wanted.
    if said.iter().any(|text| wants_pointer(text)) {
        for at in line.clone().filter(|at| lexed.is(*at, "*")) {
            let alone = BEFORE.contains(&lexed.before(at))
                && lexed.kind(at + 1) == Some(TokenKind::Name)
                && BEHIND.contains(&lexed.word(at + 2));
            if alone {
                let edit = case.delete_token(at);
                all.push(Candidate::new(MistakeId::WrongArgument, POINTER, vec![edit]).guess());
            }
        }
        return;
    }
    for at in line {
        let alone = lexed.kind(at) == Some(TokenKind::Name)
            && BEFORE.contains(&lexed.before(at))
            && BEHIND.contains(&lexed.word(at + 1));
        let declared = case.text.names.resolve(lexed, at).filter(|one| alone && one.token != at);
        let Some(declared) = declared else { continue };
        // `Quay *one`: the mark stands right before the name, the type before the mark.
        let Some(mark) = declared.token.checked_sub(1).filter(|at| lexed.is(*at, "*")) else {
            continue;
        };
        if mark > 0 && pairs.iter().any(|typed| *typed == lexed.word(mark - 1)) {
            let edit = case.insert(lexed.code[at].start, "*");
            all.push(Candidate::new(MistakeId::MissingDereference, TOLD, vec![edit]));
        }
    }
}

/// `*list = &one` where `one` is the pointer that is wanted.
fn addresses(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with gcc 12: `assignment to 'Quay *' {aka …} from incompatible pointer type 'Quay **' {aka …}`.
    let quoted: Vec<&str> = case.message.text.split('\'').skip(1).step_by(2).collect();
    let spare = quoted.first().is_some_and(|wanted| {
        let found = format!("{wanted}*");
        wanted.ends_with('*') && quoted.contains(&found.as_str())
    });
    let line = lexed.on_line(lexed.code[case.token].line);
    for mark in line.filter(|at| spare && lexed.is(*at, "&")) {
        let alone = matches!(lexed.before(mark), "=" | "return")
            && lexed.kind(mark + 1) == Some(TokenKind::Name)
            && lexed.is(mark + 2, ";");
        if alone {
            let edit = case.delete_token(mark);
            all.push(Candidate::new(MistakeId::ExtraBorrow, ITSELF, vec![edit]).guess());
        }
    }
}

/// C++: `return this;` where the object itself is given back (seen with g++ 12).
fn itself(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let told = case.message.text.contains("non-const reference of type")
        && case.message.text.contains("from an rvalue of type");
    let line = lexed.on_line(lexed.code[case.token].line);
    let this = line
        .skip(1)
        .find(|at| lexed.is(*at, "this") && lexed.before(*at) == "return" && lexed.is(at + 1, ";"));
    if let Some(this) = this.filter(|_| told) {
        let edit = case.insert(lexed.code[this].start, "*");
        all.push(Candidate::new(MistakeId::MissingDereference, TOLD, vec![edit]).guess());
    }
}

/// Go: `return best, true` where `best` points at what is wanted (seen with go 1.19; later versions leave the
/// word `type` out).
fn in_go(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let told = case.message.text.strip_prefix("cannot use ");
    let Some((name, rest)) = told.and_then(|told| told.split_once(" (variable of type *")) else {
        return;
    };
    let Some((found, rest)) = rest.split_once(") as ") else { return };
    let wanted = rest.trim_start_matches("type ").split(' ').next();
    let line = lexed.on_line(lexed.code[case.token].line);
    let at = line.into_iter().find(|at| *at >= case.token && lexed.is(*at, name));
    if let Some(at) = at.filter(|_| wanted == Some(found)) {
        let edit = case.insert(lexed.code[at].start, "*");
        all.push(Candidate::new(MistakeId::MissingDereference, TOLD, vec![edit]));
    }
}

/// Whether a message finds the value behind the pointer that is wanted.
fn wants_pointer(said: &str) -> bool {
    let said = said.replace(['‘', '’', '`'], "'");
    let wanted = said
        .strip_prefix("expected '")
        .or_else(|| said.split_once("' to '").map(|(_, wanted)| wanted))
        .and_then(|rest| rest.split('\'').next());
    wanted.is_some_and(|wanted| wanted.trim_end().ends_with('*'))
}

/// The type that a message names both by itself and with a pointer to it: the first word of a type's name
/// stands for it (seen with gcc 12 and clang 14).
fn pointed(said: &str) -> Option<String> {
    let said = said.replace(['‘', '’', '`'], "'");
    let quoted: Vec<String> = said.split('\'').skip(1).step_by(2).map(plain).collect();
    let pointer = quoted.iter().filter_map(|typed| typed.strip_suffix('*')).map(str::trim);
    let found = pointer.map(str::to_owned).find(|base| quoted.contains(base))?;
    found.rsplit([' ', ':']).next().map(str::to_owned)
}

/// A type as it is compared: without what goes around it.
fn plain(typed: &str) -> String {
    let typed = typed.trim_start_matches("const ").trim_start_matches("struct ");
    typed.trim_end_matches('&').trim().replace(" *", "*")
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn an_object_gives_itself_back() {
        check_fix(
            &FAMILY,
            "cpp",
            "struct Quay {\n    Quay &add() { return <|>this; }\n};\n",
            "invalid initialization of non-const reference of type 'Quay&' from an rvalue of type 'Quay*'",
            "struct Quay {\n    Quay &add() { return *this; }\n};\n",
        );
    }

    #[test]
    fn one_of_several_results_is_what_is_pointed_at() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc near(best *Edge) (Edge, bool) {\n\treturn <|>best, true\n}\n",
            "cannot use best (variable of type *Edge) as type Edge in return statement",
            "package quay\n\nfunc near(best *Edge) (Edge, bool) {\n\treturn *best, true\n}\n",
        );
    }

    #[test]
    fn an_operator_names_both_types() {
        check_fix(
            &FAMILY,
            "cpp",
            "struct Quay { int boats; };\n\nvoid go(Quay *one, Quay other) {\n    other <|>= one;\n}\n",
            "no match for 'operator=' (operand types are 'Quay' and 'Quay*')",
            "struct Quay { int boats; };\n\nvoid go(Quay *one, Quay other) {\n    other = *one;\n}\n",
        );
    }

    #[test]
    fn the_pointer_itself_is_kept() {
        check_fix(
            &FAMILY,
            "c",
            "typedef struct quay Quay;\nvoid push(Quay **list, Quay *one) {\n    *list <|>= &one;\n}\n",
            "assignment to 'Quay *' {aka 'struct quay *'} from incompatible pointer type 'Quay **' {aka 'struct quay **'}",
            "typedef struct quay Quay;\nvoid push(Quay **list, Quay *one) {\n    *list = one;\n}\n",
        );
    }

    #[test]
    fn a_pointer_to_something_else_is_left() {
        check_no_fix(
            &FAMILY,
            "c",
            "int twice(int n);\n\nint go(char *name) {\n    return twice(<|>name);\n}\n",
            "passing argument 1 of 'twice' makes integer from pointer without a cast",
        );
    }
}
