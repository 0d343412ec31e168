//! A name that belongs to an enumeration or a class of the program and is written without it:
//! `Red` for `Light::Red`.

use super::family::{Example, Family, Phases};
use super::imports::{imported, standard_namespace};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::names::NameKind;
use erratum_syntax::text::Text;

/// The name stands among the values of an enumeration.
const ENUMERATED: Factor = weight("an enumeration has this name", 6.0);
/// A module is brought in under this name.
const OF_MODULE: Factor = weight("a module is brought in under this name", 7.0);
/// The message says where the name stands.
const TOLD: Factor = evidence("the message says where the name stands", 6.5);
/// A namespace of the program declares the name.
const DECLARES: Factor = evidence("a namespace of the program declares the name", 8.0);
/// A name of the program is declared as something by itself, too.
const BY_ITSELF: Factor = weight("the name is declared by itself, too", -4.0);

/// A type of the library stands before the place where the compiler stops.
const STOPS_BEHIND: Factor = evidence("a type of the library stands bare before the place", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "qualify",
    recipes: &[],
    phases: Phases::Any,
    within_text: true,
    propose,
    example: Example {
        language: "rust",
        before: "enum Light {\n    Red,\n    Green,\n}\n\nfn main() {\n    let now = <|>Red;\n}\n",
        message: "[E0425] cannot find value `Red` in this scope",
        after: "enum Light {\n    Red,\n    Green,\n}\n\nfn main() {\n    let now = Light::Red;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.phase <= Phase::Syntax {
        of_standard(case, all);
        return;
    }
    of_module(case, all);
    told(case, all);
    in_namespace(case, all);
    let mark = case.language().scope_mark;
    let name = case.token;
    let unknown = case.phase == Phase::Name || case.text.names.resolve(lexed, name).is_none();
    let alone = name.checked_sub(1).is_none_or(|at| !matches!(lexed.word(at), "." | "::" | "->"));
    if mark.is_empty() || !unknown || !alone || lexed.kind(name) != Some(TokenKind::Name) {
        return;
    }
    let word = lexed.word(name);
    let itself = case.text.names.of(word).any(|declared| declared.kind != NameKind::Member);
    let texts = std::iter::once(&case.text).chain(&case.others);
    let mut owners: Vec<String> = texts.flat_map(|text| owners(text, word)).collect();
    owners.sort_unstable();
    owners.dedup();
    for owner in owners {
        let edit = case.insert(lexed.code[name].start, format!("{owner}{mark}"));
        let score = ENUMERATED + BY_ITSELF.when(itself);
        // A broken import may have been meant to bring all of its names in.
        let brought = case.all.iter().any(|message| {
            let text = &message.text;
            text.starts_with("unresolved import") && text.contains(&format!("{owner}{mark}"))
        });
        let scope = Candidate::new(MistakeId::MissingScope, score, vec![edit]);
        all.push(if brought { scope.guess() } else { scope });
    }
}

/// C++: the message says in which namespace the name stands (seen with g++ 12 and clang 14).
fn told(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let word = lexed.word(case.token);
    let said = case.message.text.replace(['‘', '’', '`'], "'");
    let meant = said.split_once("did you mean '").and_then(|(_, rest)| rest.split_once('\''));
    let Some((meant, _)) = meant else { return };
    let mark = case.language().scope_mark;
    if mark.is_empty() || lexed.before(case.token) == mark {
        return;
    }
    let owner = meant.strip_suffix(word).and_then(|owner| owner.strip_suffix(mark));
    let owner = owner.map(|owner| from_here(case, owner, mark));
    if let Some(owner) = owner.filter(|owner| !owner.is_empty()) {
        // `std:cout`: the name of the place stands there, and half of the mark.
        if lexed.before(case.token) == ":" && case.token > 1 && lexed.is(case.token - 2, owner) {
            let edit = case.replace_token(case.token - 1, mark);
            all.push(Candidate::new(MistakeId::WrongMark, TOLD, vec![edit]));
            return;
        }
        let edit = case.insert(lexed.code[case.token].start, format!("{owner}{mark}"));
        all.push(Candidate::new(MistakeId::MissingPrefix, TOLD, vec![edit]));
    }
}

/// C++: a name that a namespace of the program declares, outside of it.
fn in_namespace(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let (mark, name) = (case.language().scope_mark, case.token);
    let word = lexed.word(name);
    // Seen with g++ 12.
    let told = case.message.text.contains(&format!("'{word}'"));
    let alone = !matches!(lexed.before(name), "." | "::" | "->");
    if !case.language().is_keyword("namespace") || case.phase != Phase::Name || !told || !alone {
        return;
    }
    let mut owners: Vec<String> = Vec::new();
    let declared = case.text.names.of(word);
    for one in declared.filter(|one| matches!(one.kind, NameKind::Type | NameKind::Function)) {
        let blocks = std::iter::successors(pairs.block_of(lexed, one.token), |open| {
            pairs.block_of(lexed, *open)
        });
        let blocks: Vec<usize> = blocks.take(16).collect();
        let named = |open: &usize| *open > 1 && lexed.is(open - 2, "namespace");
        let inside =
            |open: &usize| pairs.partner_of(*open).is_some_and(|end| (*open..end).contains(&name));
        if blocks.is_empty() || !blocks.iter().all(named) || blocks.iter().any(inside) {
            continue;
        }
        let path: Vec<&str> = blocks.iter().rev().map(|open| lexed.before(*open)).collect();
        owners.push(path.join(mark));
    }
    owners.sort_unstable();
    owners.dedup();
    for owner in owners {
        let edit = case.insert(lexed.code[name].start, format!("{owner}{mark}"));
        all.push(Candidate::new(MistakeId::MissingPrefix, DECLARES, vec![edit]).guess());
    }
}

/// An owner as it is named within the namespaces that the message points into.
fn from_here<'o>(case: &Case, owner: &'o str, mark: &str) -> &'o str {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let mut rest = owner;
    let mut blocks: Vec<usize> = std::iter::successors(pairs.block_of(lexed, case.token), |open| {
        pairs.block_of(lexed, *open)
    })
    .take(16)
    .collect();
    blocks.reverse();
    for open in blocks.into_iter().filter(|open| *open > 1) {
        let inner = rest.strip_prefix(lexed.before(open)).and_then(|rest| rest.strip_prefix(mark));
        if let Some(inner) = inner.filter(|_| lexed.is(open - 2, "namespace")) {
            rest = inner;
        }
    }
    rest
}

/// C++: types of the library that are named without their namespace, where the compiler stops behind the first
/// of them: `Berth(string name)` (seen with gcc 12 and clang 14).
fn of_standard(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let namespace = case.language().namespace;
    if namespace.is_empty() || !case.message.text.starts_with("expected ") {
        return;
    }
    let bare = |at: &usize| {
        let word = lexed.word(*at);
        lexed.kind(*at) == Some(TokenKind::Name)
            && !matches!(lexed.before(*at), "." | "::" | "->")
            && (lexed.kind(at + 1) == Some(TokenKind::Name)
                || matches!(lexed.word(at + 1), "&" | "*" | "<" | ">"))
            && case.text.names.of(word).next().is_none()
            && standard_namespace(case, word)
            && case.language().imports_of(word).any(|(path, _)| imported(case, path))
    };
    let places: Vec<usize> =
        lexed.on_line(lexed.code[case.token].line).filter(|at| bare(at)).collect();
    if places.iter().any(|at| at + 1 == case.token) {
        let prefix = format!("{namespace}{}", case.language().scope_mark);
        let edits = places.iter().map(|at| case.insert(lexed.code[*at].start, prefix.clone()));
        let edits = edits.collect();
        // The compiler does not name the namespace.
        all.push(Candidate::new(MistakeId::MissingPrefix, STOPS_BEHIND, edits).guess());
    }
}

/// Haskell: `Map String Int` where `Data.Map` is brought in under another name, or under its own: its type is
/// called as the module is.
fn of_module(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = lexed.word(case.token);
    let bare = lexed.before(case.token) != "." && !lexed.is(case.token + 1, ".");
    let alias = (2..lexed.code.len()).find(|at| {
        let at = *at;
        let line = lexed.on_line(lexed.code[at].line);
        let qualified = || line.clone().any(|at| lexed.is(at, "qualified"));
        let named = lexed.is(at, name) || lexed.is(at - 2, name);
        lexed.is(at - 1, "as") && named && qualified()
    });
    let unknown = case.message.text.to_lowercase().contains("not in scope");
    if let Some(alias) = alias.filter(|_| case.language().applies_bare && bare && unknown) {
        let edit = case.insert(lexed.code[case.token].start, format!("{}.", lexed.word(alias)));
        all.push(Candidate::new(MistakeId::MissingPrefix, OF_MODULE, vec![edit]));
    }
}

/// The enumerations of a text that have a name among their values.
fn owners(text: &Text, word: &str) -> Vec<String> {
    let lexed = &text.lexed;
    let seen = text.names.seen.get(word).map_or(&[][..], Vec::as_slice);
    seen.iter().filter_map(|at| owner(text, lexed, *at)).collect()
}

/// The enumeration among whose values a token stands.
fn owner(text: &Text, lexed: &Lexed, at: usize) -> Option<String> {
    let open = text.pairs.inside_of(at).filter(|open| lexed.is(*open, "{"))?;
    let starts = matches!(lexed.word(at - 1), "{" | "," | "]" | "}" | ")");
    let header = lexed.on_line(lexed.code[open].line.saturating_sub(1).max(1)).start..open;
    let mut back = header.rev().take_while(|at| !matches!(lexed.word(*at), ";" | "}" | "{"));
    let word = back.find(|at| lexed.is(*at, "enum"))?;
    let mut name = word + 1;
    if matches!(lexed.word(name), "class" | "struct") {
        name += 1;
    }
    let named = lexed.kind(name) == Some(TokenKind::Name) && name < open;
    (starts && named).then(|| lexed.text(&lexed.code[name]).to_owned())
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn within_a_namespace_its_name_is_left_out() {
        check_fix(
            &FAMILY,
            "cpp",
            "namespace harbour {\nenum class Kind { Car };\nint go(Kind kind) { return kind == <|>Car; }\n}\n",
            "'Car' was not declared in this scope; did you mean 'harbour::Kind::Car'?",
            "namespace harbour {\nenum class Kind { Car };\nint go(Kind kind) { return kind == Kind::Car; }\n}\n",
        );
    }

    #[test]
    fn a_type_of_haskell_is_named_with_its_module() {
        check_fix(
            &FAMILY,
            "haskell",
            "import qualified Data.Map as M\n\ntype Table = <|>Map String Int\n",
            "Not in scope: type constructor or class 'Map'",
            "import qualified Data.Map as M\n\ntype Table = M.Map String Int\n",
        );
    }

    #[test]
    fn a_value_of_java_is_named_with_its_type() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    enum Zone { INNER, OUTER }\n    Zone far() {\n        return <|>OUTER;\n    }\n}\n",
            "cannot find symbol",
            "class Quay {\n    enum Zone { INNER, OUTER }\n    Zone far() {\n        return Zone.OUTER;\n    }\n}\n",
        );
    }

    #[test]
    fn a_value_of_a_scoped_enumeration_is_named_with_it() {
        check_fix(
            &FAMILY,
            "cpp",
            "enum class Gate { Open, Closed };\n\nGate first() {\n    return <|>Closed;\n}\n",
            "'Closed' was not declared in this scope",
            "enum class Gate { Open, Closed };\n\nGate first() {\n    return Gate::Closed;\n}\n",
        );
    }

    #[test]
    fn a_value_of_csharp_is_named_with_its_type() {
        check_fix(
            &FAMILY,
            "csharp",
            "enum Zone\n{\n    Inner,\n    Outer\n}\n\nclass Quay {\n    Zone Far() {\n        return <|>Outer;\n    }\n}\n",
            "[CS0103] The name 'Outer' does not exist in the current context",
            "enum Zone\n{\n    Inner,\n    Outer\n}\n\nclass Quay {\n    Zone Far() {\n        return Zone.Outer;\n    }\n}\n",
        );
    }

    #[test]
    fn a_value_that_is_named_whole_is_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "enum Light {\n    Red,\n}\n\nfn main() {\n    let now = Light::<|>Red;\n}\n",
            "[E0599] no variant named `Red`",
        );
    }

    #[test]
    fn a_name_that_no_enumeration_has_is_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "enum Light {\n    Red,\n}\n\nfn main() {\n    let now = <|>Blue;\n}\n",
            "[E0425] cannot find value `Blue` in this scope",
        );
    }

    #[test]
    fn the_message_says_in_which_namespace() {
        check_fix(
            &FAMILY,
            "cpp",
            "namespace harbour { class Tower {}; }\n\nint main() {\n    <|>Tower north;\n}\n",
            "'Tower' was not declared in this scope; did you mean 'harbour::Tower'?",
            "namespace harbour { class Tower {}; }\n\nint main() {\n    harbour::Tower north;\n}\n",
        );
    }

    #[test]
    fn a_namespace_of_the_program_declares_it() {
        check_fix(
            &FAMILY,
            "cpp",
            "namespace lamps {\nstruct Entry { int hours; };\n}\nint go() {\n    const <|>Entry one{3};\n    return one.hours;\n}\n",
            "'Entry' does not name a type",
            "namespace lamps {\nstruct Entry { int hours; };\n}\nint go() {\n    const lamps::Entry one{3};\n    return one.hours;\n}\n",
        );
    }
}
