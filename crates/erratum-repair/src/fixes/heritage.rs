//! The head of a class as another language writes it: `class Tug : Boat` where a word stands there,
//! `class Tug extends Boat` where a colon does, `class Tug` where classes are something else.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A class takes over from another one, as another language writes it.
const ELSEWHERE: Factor = evidence("a class of another language takes over so", 8.0);
/// A type is declared with the word of another language.
const OTHER_WORD: Factor = evidence("another language declares types so", 7.0);
/// The compiler asks whether it is meant.
const ASKED_FOR: Factor = evidence("the compiler asks whether the class is extended", 7.0);
/// Each line between the head and the reported place.
const LINES: Factor = weight("lines from the reported place", -0.5);

pub(super) static FAMILY: Family = Family {
    id: "heritage",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "class Boat {}\nclass Tug <|>: Boat {}\n",
        message: "[TS1005] '{' expected.",
        after: "class Boat {}\nclass Tug extends Boat {}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let reported = lexed.code[case.token].line;
    if case.phase > Phase::Syntax {
        extended(case, all);
        return;
    }
    // fpc 3.2 reads the type above as the first field, and asks for its type at the next one.
    let above = if lexed.language.returns_by_name { 2 } else { 1 };
    for line in reported.saturating_sub(above).max(1)..=reported {
        let far = LINES * f64::from(reported - line);
        let item = lexed.on_line(line);
        for class in item.clone().filter(|at| matches!(lexed.word(*at), "class" | "struct")) {
            let named = lexed.kind(class + 1) == Some(TokenKind::Name);
            if named && class + 1 < item.end {
                head(case, class, far, all);
                twice(case, class, far, all);
                other_word(case, class, far, all);
                bare_parent(case, class, item.end, far, all);
            }
        }
    }
}

/// Pascal: `TStorm = class TLamp` for `class(TLamp)`.
fn bare_parent(case: &Case, class: usize, end: usize, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let parent = class + 1 + usize::from(matches!(lexed.word(class + 1), "extends" | "of"));
    let declared = case.text.names.of(lexed.word(parent)).any(|one| one.kind == NameKind::Type);
    let alone = parent + 1 == end && lexed.before(class) == "=";
    if lexed.language.returns_by_name && declared && alone {
        let (from, to) = (lexed.code[parent].start, lexed.code[parent].end);
        let mut edits = vec![case.insert(from, "("), case.insert(to, ")")];
        if parent > class + 1 {
            edits.push(case.delete_token(class + 1));
        }
        all.push(Candidate::new(MistakeId::MissingBracket, ELSEWHERE + far, edits).guess());
    }
}

/// TypeScript: the class above is no interface, and the compiler asks whether it is meant to be extended
/// (seen with tsc 5.9).
fn extended(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.message.text.contains("Did you mean to extend") {
        return;
    }
    let mut line = lexed.on_line(lexed.code[case.token].line);
    if let Some(word) = line.find(|at| lexed.is(*at, "implements")) {
        let edit = case.replace_token(word, "extends");
        all.push(Candidate::new(MistakeId::WrongParent, ASKED_FOR, vec![edit]).guess());
    }
}

/// The mark or the word between a class and the one above it.
fn head(case: &Case, class: usize, far: Factor, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    let taken = Some(class + 2).filter(|at| lexed.is(*at, "(") && language.is_keyword("val"));
    let behind = taken.and_then(|open| case.text.pairs.partner_of(open)).map(|close| close + 1);
    let mark = behind.unwrap_or(class + 2);
    let above = mark + 1;
    if lexed.kind(above) != Some(TokenKind::Name) {
        return;
    }
    let worded = language.is_keyword("extends") && language.is_keyword("class");
    let written = lexed.word(mark);
    let new = match written {
        ":" | "(" | "inherits" | "implements" | "with"
            if worded && (!language.is_keyword(written) || written == "with") =>
        {
            let mut own = case.text.names.of(lexed.word(above)).map(|declared| declared.token);
            let interface = own.any(|at| lexed.before(at) == "interface");
            let extends = !interface || !language.is_keyword("implements");
            if extends { "extends" } else { "implements" }
        }
        "extends" | "implements" | "inherits" if !worded && !language.is_keyword("extends") => {
            // Where members are hidden unless a label shows them, so is what is taken over.
            if language.member_label.is_empty() { ":" } else { ": public" }
        }
        _ => return,
    };
    let spaced = lexed.code[mark].start > lexed.code[mark - 1].end;
    let behind = lexed.code[above].start > lexed.code[mark].end;
    let text = format!("{}{new}{}", if spaced { "" } else { " " }, if behind { "" } else { " " });
    let mut edits = vec![case.replace_token(mark, text)];
    if written == "(" {
        let Some(close) = case.text.pairs.partner_of(mark) else { return };
        edits.push(Edit::delete(case.file(), lexed.code[close].start, lexed.code[close].end));
    }
    // A colon stands once, before all that is taken over.
    let item = lexed.on_line(lexed.code[class].line);
    let more = (above + 1..item.end).find(|at| matches!(lexed.word(*at), "implements" | "with"));
    if let Some(more) = more.filter(|_| new.starts_with(':')) {
        edits.push(Edit::replace(
            case.file(),
            lexed.code[more - 1].end,
            lexed.code[more].end,
            new.replacen(':', ",", 1),
        ));
    }
    all.push(Candidate::new(MistakeId::ForeignMark, ELSEWHERE + far, edits));
}

/// `class Tug : extends Boat`: a colon and a word that says the same.
fn twice(case: &Case, class: usize, far: Factor, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    let word = class + 3;
    let foreign = matches!(lexed.word(word), "extends" | "implements" | "inherits")
        && !language.is_keyword(lexed.word(word));
    if lexed.is(class + 2, ":") && foreign && lexed.kind(word + 1) == Some(TokenKind::Name) {
        let hides = !language.member_label.is_empty();
        let edit = match hides {
            true => case.replace_token(word, "public"),
            false => case.delete_token(word),
        };
        let candidate = Candidate::new(MistakeId::ForeignWord, ELSEWHERE + far, vec![edit]);
        // Where what is taken over may be hidden, nobody says that it is not meant to be.
        all.push(if hides { candidate.guess() } else { candidate });
    }
}

/// `class Boat {` in a language whose types have other words.
fn other_word(case: &Case, class: usize, far: Factor, all: &mut Vec<Candidate>) {
    let language = case.language();
    let record = ["struct", "record"].into_iter().find(|word| language.is_keyword(word));
    if language.is_keyword(case.lexed().word(class)) || !case.lexed().is(class + 2, "{") {
        return;
    }
    if let Some(word) = record {
        let edit = case.replace_token(class, word);
        all.push(Candidate::new(MistakeId::ForeignWord, OTHER_WORD + far, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_class_above_stands_in_brackets_in_pascal() {
        check_fix(
            &FAMILY,
            "pascal",
            "type\n  TLamp = class\n    FOil: Integer;\n  end;\n  TStorm = class TLamp\n    FWind<|>: Integer;\n  end;\n",
            "Syntax error, \":\" expected but \"identifier FWIND\" found",
            "type\n  TLamp = class\n    FOil: Integer;\n  end;\n  TStorm = class (TLamp)\n    FWind: Integer;\n  end;\n",
        );
    }

    #[test]
    fn a_colon_and_a_word_say_the_same() {
        check_fix(
            &FAMILY,
            "cpp",
            "struct Boat {};\nstruct Tug : extends <|>Boat {\n};\n",
            "expected class-name before 'Boat'",
            "struct Boat {};\nstruct Tug : public Boat {\n};\n",
        );
        check_fix(
            &FAMILY,
            "csharp",
            "class Boat {}\nclass Tug : <|>extends Boat {}\n",
            "[CS1514] Unexpected symbol `Boat', expecting `{'",
            "class Boat {}\nclass Tug : Boat {}\n",
        );
    }

    #[test]
    fn a_class_that_is_no_interface_is_extended() {
        check_fix(
            &FAMILY,
            "typescript",
            "abstract class Gate {\n  abstract width(): number;\n  open() {}\n}\nclass Weir<|> implements Gate {\n  width() {\n    return 2;\n  }\n}\n",
            "[TS2720] Class 'Weir' incorrectly implements class 'Gate'. Did you mean to extend 'Gate' and inherit its members as a subclass?",
            "abstract class Gate {\n  abstract width(): number;\n  open() {}\n}\nclass Weir extends Gate {\n  width() {\n    return 2;\n  }\n}\n",
        );
    }

    #[test]
    fn an_interface_is_implemented() {
        check_fix(
            &FAMILY,
            "java",
            "interface Hire {}\nclass Boat<|>: Hire {\n}\n",
            "'{' expected",
            "interface Hire {}\nclass Boat implements Hire {\n}\n",
        );
    }

    #[test]
    fn behind_a_colon_all_are_listed() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Tug <|>extends Boat implements IHire { }\n",
            "[CS1514] Unexpected symbol `extends', expecting `{' or `:'",
            "class Tug : Boat, IHire { }\n",
        );
    }

    #[test]
    fn where_a_colon_stands_no_word_does() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Boat { }\nclass Tug <|>extends Boat { }\n",
            "[CS1514] Unexpected symbol `extends', expecting `{' or `:'",
            "class Boat { }\nclass Tug : Boat { }\n",
        );
        check_fix(
            &FAMILY,
            "cpp",
            "class Boat {};\nclass Tug <|>extends Boat {};\n",
            "expected initializer before 'extends'",
            "class Boat {};\nclass Tug : public Boat {};\n",
        );
    }

    #[test]
    fn a_bracket_of_another_language_goes_whole() {
        check_fix(
            &FAMILY,
            "java",
            "class Boat {}\nclass Tug<|>(Boat) {\n}\n",
            "'{' expected",
            "class Boat {}\nclass Tug extends Boat {\n}\n",
        );
    }

    #[test]
    fn a_type_has_the_word_of_its_language() {
        check_fix(
            &FAMILY,
            "rust",
            "<|>class Boat {\n    seats: u32,\n}\n",
            "expected one of `!` or `::`, found `Boat`",
            "struct Boat {\n    seats: u32,\n}\n",
        );
    }

    #[test]
    fn what_is_right_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "class Tug extends Boat <|>{}\n",
            "[TS1005] ';' expected.",
        );
        check_no_fix(&FAMILY, "csharp", "class Tug : Boat <|>{ }\n", "[CS1002] ; expected");
    }
}
