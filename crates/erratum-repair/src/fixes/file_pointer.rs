//! C: an open file that is kept without its `*`: `FILE f = fopen(name, "r");`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The library gives where a file is kept, not the file itself.
const GIVES_POINTER: Factor = evidence("the library gives a pointer", 9.0);

/// Functions of the library that give a pointer to what they open (C17).
const OPENERS: &[&str] = &["fopen", "freopen", "tmpfile", "popen", "fdopen", "opendir"];

/// Functions of the library that make room (C17).
const ROOM: &[&str] = &["malloc", "calloc", "realloc"];

pub(super) static FAMILY: Family = Family {
    id: "file-pointer",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "#include <stdio.h>\nint main(void) {\n    FILE f = <|>fopen(\"log.txt\", \"r\");\n    return 0;\n}\n",
        message: "invalid initializer",
        after: "#include <stdio.h>\nint main(void) {\n    FILE *f = fopen(\"log.txt\", \"r\");\n    return 0;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with gcc 12 and clang 14.
    let said = &case.message.text;
    let told = ["invalid initializer", "incompatible type", "cannot convert", "incompatible types"];
    if !case.language().directives || !told.iter().any(|told| said.contains(told)) {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let opener = line.into_iter().find(|at| {
        let word = lexed.word(*at);
        (OPENERS.contains(&word) || ROOM.contains(&word))
            && lexed.is(at + 1, "(")
            && lexed.before(*at) == "="
    });
    let Some(name) = opener.and_then(|at| at.checked_sub(2)) else { return };
    let Some(declared) = case.text.names.resolve(lexed, name) else { return };
    // What is made room for is a structure of the program, and followed further on.
    let made = ROOM.contains(&lexed.word(name + 2));
    let seen = case.text.names.seen.get(lexed.word(name)).map_or(&[][..], Vec::as_slice);
    if made && !seen.iter().any(|at| matches!(lexed.word(at + 1), "->" | "[")) {
        return;
    }
    let typed = declared.typed.filter(|(_, last)| last + 1 == declared.token);
    if typed.is_some_and(|(_, last)| !lexed.is(last, "*")) {
        let edit = case.insert(lexed.code[declared.token].start, "*");
        all.push(Candidate::new(MistakeId::WrongType, GIVES_POINTER, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_is_declared_above_gets_its_mark_there() {
        check_fix(
            &FAMILY,
            "c",
            "#include <stdio.h>\nint main(void) {\n    FILE f;\n    f = <|>fopen(\"log.txt\", \"r\");\n    return 0;\n}\n",
            "incompatible types when assigning to type 'FILE' from type 'FILE *'",
            "#include <stdio.h>\nint main(void) {\n    FILE *f;\n    f = fopen(\"log.txt\", \"r\");\n    return 0;\n}\n",
        );
    }

    #[test]
    fn what_is_made_room_for_is_followed() {
        check_fix(
            &FAMILY,
            "c",
            "#include <stdlib.h>\nstruct crew { int n; };\nint main(void) {\n    struct crew c = <|>malloc(sizeof(struct crew));\n    c->n = 3;\n    return 0;\n}\n",
            "invalid initializer",
            "#include <stdlib.h>\nstruct crew { int n; };\nint main(void) {\n    struct crew *c = malloc(sizeof(struct crew));\n    c->n = 3;\n    return 0;\n}\n",
        );
    }

    #[test]
    fn a_pointer_is_left() {
        check_no_fix(
            &FAMILY,
            "c",
            "#include <stdio.h>\nint main(void) {\n    FILE *f = <|>fopen(\"log.txt\", \"r\");\n    return 0;\n}\n",
            "invalid initializer",
        );
    }
}
