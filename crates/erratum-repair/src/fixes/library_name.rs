//! A name of the program that a library brings, too: `int remove(int berth)` in C, `count` behind
//! `using namespace std` in C++, `const name` in a script of TypeScript.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::names::{Declared, NameKind};

/// The compiler names a place of a library that has this name.
const IN_LIBRARY: Factor = weight("a library has this name, too", 8.0);
/// A file that is a module of its own shares no names.
const MODULE: Factor = weight("a module of its own shares no names", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "library-name",
    recipes: &[],
    phases: Phases::Late,
    within_text: true,
    propose,
    example: Example {
        language: "c",
        before: "#include <stdio.h>\nint <|>remove(int berth_at) {\n    return berth_at;\n}\nint main(void) {\n    return remove(2);\n}\n",
        message: "conflicting types for 'remove'; have 'int(int)' @ /usr/include/stdio.h",
        after: "#include <stdio.h>\nint my_remove(int berth_at) {\n    return berth_at;\n}\nint main(void) {\n    return my_remove(2);\n}\n",
    },
};

/// What compilers say where two declarations have one name (gcc 12, clang 14, tsc 5.9).
const SAID: &[&str] =
    &["ambiguous", "conflicting", "redeclare", "redefinition", "Duplicate identifier", "follows"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if let Some((at, name)) = merged(case) {
        apart(case, at, name, all);
        return;
    }
    if !case.message.points_into_library()
        || !SAID.iter().any(|word| case.message.text.contains(word))
    {
        return;
    }
    if let Some((at, name)) = named(case) {
        apart(case, at, name, all);
    }
}

/// TypeScript: an interface of the program that adds to one of the library, so that it asks for members which the
/// program names nowhere (seen with tsc 5.9).
fn merged<'a>(case: &'a Case) -> Option<(usize, &'a str)> {
    let lexed = case.lexed();
    let (_, rest) =
        case.message.text.split_once("is missing the following properties from type '")?;
    let (name, listed) = rest.split_once("': ")?;
    let seen = &case.text.names.seen;
    let foreign = listed.split([',', ' ']).filter(|one| one.chars().all(char::is_alphanumeric));
    let mut foreign = foreign.filter(|one| !one.is_empty() && *one != "and" && *one != "more.");
    let declared = case
        .text
        .names
        .of(name)
        .find(|one| one.kind == NameKind::Type && lexed.before(one.token) == "interface")?;
    let unnamed = foreign.next().is_some_and(|one| !seen.contains_key(one));
    (unnamed && !case.language().module_mark.is_empty())
        .then(|| (declared.token, lexed.word(declared.token)))
}

/// Sets a name of the program apart from that of a library: by another name, or by a module of its own.
fn apart(case: &Case, at: usize, name: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(own) = own(case, at) else { return };
    let new = own_name(case, name);
    if case.text.names.of(&new).next().is_some() {
        return;
    }
    let seen = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
    let means = |at: &usize| {
        let to = case.text.names.resolve(lexed, *at);
        !matches!(lexed.before(*at), "." | "->" | "::" | "?.")
            && to.is_none_or(|to| to.scope == own.scope && to.kind == own.kind)
    };
    let write = |at: usize| {
        let token = &lexed.code[at];
        Edit::replace(case.file(), token.start, token.end, new.as_str())
    };
    let edits: Vec<Edit> = seen.iter().copied().filter(means).map(write).collect();
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::LibraryName, IN_LIBRARY, edits).guess());
    }
    let mark = case.language().module_mark;
    if !mark.is_empty() {
        let end = lexed.source.bytes().len();
        let gap = if lexed.source.bytes().ends_with(b"\n") { "" } else { "\n" };
        let edit = case.insert(end, format!("{gap}\n{mark}\n"));
        all.push(Candidate::new(MistakeId::LibraryName, MODULE, vec![edit]).guess());
    }
}

/// The name that the message quotes, where it points.
fn named<'a>(case: &'a Case) -> Option<(usize, &'a str)> {
    let lexed = case.lexed();
    let told = |at: &usize| {
        let word = lexed.word(*at);
        lexed.kind(*at) == Some(TokenKind::Name)
            && case
                .message
                .text
                .split(['\'', '"', '`', '‘', '’', '(', ' ', ';'])
                .any(|part| part == word)
    };
    let at = Some(case.token).filter(told);
    let on_line = || lexed.on_line(lexed.code[case.token].line).into_iter().find(told);
    let at = at.or_else(on_line)?;
    Some((at, lexed.word(at)))
}

/// The declaration of the program that the name at a code token has, if it is no member.
fn own<'a>(case: &'a Case, at: usize) -> Option<&'a Declared> {
    let own = case.text.names.resolve(case.lexed(), at)?;
    (own.kind != NameKind::Member).then_some(own)
}

/// A name for what the program declares, written as names are there.
fn own_name(case: &Case, name: &str) -> String {
    let camel = |word: &str| {
        word.starts_with(|first: char| first.is_lowercase())
            && word.contains(|letter: char| letter.is_uppercase())
    };
    let snake = |word: &str| word.trim_matches('_').contains('_');
    let lexed: &Lexed = case.lexed();
    let own: Vec<&str> =
        case.text.names.declared.iter().map(|declared| lexed.word(declared.token)).collect();
    let library = || case.language().known_names().map(|(word, _)| word);
    let count = |is: &dyn Fn(&str) -> bool| {
        let here = own.iter().filter(|word| is(word)).count();
        (here, library().filter(|word| is(word)).count())
    };
    let (camels, snakes) = (count(&camel), count(&snake));
    let mut letters = name.chars();
    let first = letters.next().map(char::to_uppercase).into_iter().flatten();
    match () {
        () if name.starts_with(char::is_uppercase) => format!("My{name}"),
        () if camels > snakes => format!("my{}", first.chain(letters).collect::<String>()),
        () => format!("my_{name}"),
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn an_interface_adds_to_one_of_the_library() {
        check_among(
            &FAMILY,
            "typescript",
            "interface Worker { name: string }\nconst all: Worker[] = [];\nall.push(<|>{ name: \"Ida\" });\n",
            "[TS2345] Argument of type '{ name: string; }' is not assignable to parameter of type 'Worker'.\n  Type '{ name: string; }' is missing the following properties from type 'Worker': postMessage, terminate, and 4 more.",
            "interface Worker { name: string }\nconst all: Worker[] = [];\nall.push({ name: \"Ida\" });\n\nexport {};\n",
        );
    }

    #[test]
    fn a_name_of_the_program_changes_everywhere() {
        check_fix(
            &FAMILY,
            "cpp",
            "#include <algorithm>\nusing namespace std;\nint count = 0;\nvoid sailPast() {\n    <|>count++;\n    berths.count(3);\n}\n",
            "reference to 'count' is ambiguous @ /usr/include/c++/12/bits/stl_algo.h",
            "#include <algorithm>\nusing namespace std;\nint myCount = 0;\nvoid sailPast() {\n    myCount++;\n    berths.count(3);\n}\n",
        );
    }

    #[test]
    fn a_script_may_become_a_module() {
        let text = "const <|>name = \"mole\";\nconsole.log(name);\n";
        let said = "[TS2451] Cannot redeclare block-scoped variable 'name'. @ /lib/lib.dom.d.ts";
        let renamed = "const myName = \"mole\";\nconsole.log(myName);\n";
        check_fix(&FAMILY, "typescript", text, said, renamed);
        let module = "const name = \"mole\";\nconsole.log(name);\n\nexport {};\n";
        check_among(&FAMILY, "typescript", text, said, module);
    }

    #[test]
    fn what_the_program_declares_twice_is_no_matter_of_a_library() {
        check_no_fix(
            &FAMILY,
            "c",
            "int tide = 1;\nint <|>tide = 2;\n",
            "redefinition of 'tide' @ Quay.c",
        );
    }
}
