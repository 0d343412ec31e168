//! A method that should take the place of another and does not look like it: C++ wants the same
//! `const` behind both, C# and Scala the word `override`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The method of the class above has the word.
const ABOVE: Factor = evidence("the method that it takes the place of has it", 5.0);
/// The method of the class above does not have it.
const NOT_ABOVE: Factor = evidence("the method that it takes the place of does not have it", 4.0);

/// The class above has a method of this name.
const MADE_VIRTUAL: Factor = evidence("the class above has a method of this name", 4.5);

/// The message asks for the word.
const TOLD: Factor = evidence("the message asks for the word", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "overriding",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "struct Boat {\n    virtual int seats() const = 0;\n};\nstruct Ferry : Boat {\n    int <|>seats() override { return 80; }\n};\n",
        message: "'int Ferry::seats()' marked 'override', but does not override",
        after: "struct Boat {\n    virtual int seats() const = 0;\n};\nstruct Ferry : Boat {\n    int seats() const override { return 80; }\n};\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if NOT_VIRTUAL.iter().any(|said| case.message.text.contains(said)) {
        made_virtual(case, all);
    }
    if WORD_WANTED.iter().any(|said| case.message.text.contains(said)) {
        word(case, all);
    }
    if !case.message.text.contains("does not override") {
        return;
    }
    let lexed = case.lexed();
    // The message points at the method; its brackets close on the same line or soon after.
    let near = case.token..(case.token + 3).min(lexed.code.len());
    let Some(name) = near.into_iter().find(|at| lexed.is(at + 1, "(")) else { return };
    let close = |at: usize| case.text.pairs.partner_of(at + 1);
    let Some(own) = close(name) else { return };
    let word = lexed.word(name);
    let above = case.text.names.seen.get(word).and_then(|seen| {
        seen.iter().find(|at| {
            let start = case.statement_start(**at);
            **at < name && lexed.is(**at + 1, "(") && (start..**at).any(|i| lexed.is(i, "virtual"))
        })
    });
    let Some(above) = above.and_then(|at| close(*at)) else { return };
    match (lexed.is(above + 1, "const"), lexed.is(own + 1, "const")) {
        (true, false) => {
            let edit = case.insert(lexed.code[own].end, " const");
            all.push(Candidate::new(MistakeId::WrongOverride, ABOVE, vec![edit]));
        }
        (false, true) => {
            let edit = Edit::delete(case.file(), lexed.code[own].end, lexed.code[own + 1].end);
            all.push(Candidate::new(MistakeId::WrongOverride, NOT_ABOVE, vec![edit]));
        }
        _ => {}
    }
}

/// What compilers say where the word is missing (seen with mcs 6.8 and scalac 2.11).
const WORD_WANTED: &[&str] = &["hides inherited abstract member", "needs `override' modifier"];

/// What compilers say of a method whose place none may take (seen with fpc 3.2, mcs 6.8 and g++ 12).
const NOT_VIRTUAL: &[&str] = &[
    "There is no method in an ancestor class to be overridden",
    "because it is not marked virtual",
    "marked 'override', but does not override",
];

/// `virtual` at the only other method of this name, where a class above has it.
fn made_virtual(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let called =
        |at: &usize| lexed.kind(*at) == Some(TokenKind::Name) && own_block(case, *at).is_some();
    let near = line.filter(called).filter(|at| case.text.names.seen.contains_key(lexed.word(*at)));
    let near = near.min_by_key(|at| at.abs_diff(case.token));
    let Some(name) = near else { return };
    let Some(block) = own_block(case, name) else { return };
    let header = block.saturating_sub(8)..(block + 6).min(name);
    let mut above = header.filter(|at| case.text.names.of(lexed.word(*at)).any(|d| d.token < *at));
    let above = above.find_map(|class| {
        let class = case.text.names.of(lexed.word(class)).find(|d| d.token < class)?.token;
        let open = (class..class + 6)
            .find(|at| case.text.pairs.partner_of(*at).is_some_and(|end| end > *at + 1))?;
        let close = case.text.pairs.partner_of(open)?;
        let mut methods = (open..close).filter(|at| lexed.is(*at, lexed.word(name)));
        methods.find(|at| own_block(case, *at) == Some(open))
    });
    let Some(method) = above.filter(|at| *at < name) else { return };
    let heading = case.statement_start(method)..lexed.on_line(lexed.code[method].line).end;
    // With another `const` it would still be another method.
    let constant = |at: usize| {
        let close = case.text.pairs.partner_of(at + 1);
        close.is_some_and(|close| lexed.is(close + 1, "const"))
    };
    if constant(method) != constant(name) {
        return;
    }
    let words = ["virtual", "override", "static", "abstract", "dynamic"];
    if heading.clone().any(|at| words.contains(&lexed.word(at))) {
        return;
    }
    let edit = if case.language().returns_by_name {
        let Some(end) = heading.rev().find(|at| lexed.is(*at, ";")) else { return };
        case.insert(lexed.code[end].end, " virtual;")
    } else {
        let mut at = heading.start;
        while matches!(lexed.word(at), "public" | "protected" | "internal" | ":") {
            at += 1;
        }
        case.insert(lexed.code[at].start, "virtual ")
    };
    all.push(Candidate::new(MistakeId::WrongOverride, MADE_VIRTUAL, vec![edit]));
}

/// The block of the class in which a method is declared.
fn own_block(case: &Case, name: usize) -> Option<usize> {
    let lexed = case.lexed();
    let open = case.text.pairs.inside_of(name)?;
    let routine = matches!(lexed.before(name), "function" | "procedure");
    (routine || lexed.is(name + 1, "(")).then_some(open).filter(|open| !lexed.is(*open, "("))
}

/// `override` before a method that takes the place of another: before what the method gives back, or
/// the word that declares it.
fn word(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let mut at = case.statement_start(case.token);
    while matches!(lexed.word(at), "public" | "protected" | "private" | "internal" | "virtual") {
        at += 1;
    }
    if at > case.token || (at..=case.token).any(|at| lexed.is(at, "override")) {
        return;
    }
    let edit = case.insert(lexed.code[at].start, "override ");
    all.push(Candidate::new(MistakeId::WrongOverride, TOLD, vec![edit]));
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str = "'int Ferry::seats() const' marked 'override', but does not override";

    #[test]
    fn a_word_that_the_method_above_lacks_goes() {
        check_fix(
            &FAMILY,
            "cpp",
            "struct Boat {\n    virtual int seats() = 0;\n};\nstruct Ferry : Boat {\n    int <|>seats() const override { return 80; }\n};\n",
            SAID,
            "struct Boat {\n    virtual int seats() = 0;\n};\nstruct Ferry : Boat {\n    int seats() override { return 80; }\n};\n",
        );
    }

    #[test]
    fn the_method_above_is_made_virtual() {
        let text = |word: &str| {
            format!(
                "struct Boat {{\n    {word}int seats() const {{ return 3; }}\n}};\nstruct Ferry : Boat {{\n    int <|>seats() const override {{ return 80; }}\n}};\n"
            )
        };
        check_fix(&FAMILY, "cpp", &text(""), SAID, &text("virtual ").replace("<|>", ""));
        let text = |word: &str| {
            format!(
                "class Boat {{\n    public {word}int Seats() {{ return 3; }}\n}}\nclass Ferry : Boat {{\n    public override int <|>Seats() {{ return 80; }}\n}}\n"
            )
        };
        let said = "[CS0506] 'Ferry.Seats()': cannot override inherited member 'Boat.Seats()' because it is not marked virtual, abstract or override";
        check_fix(&FAMILY, "csharp", &text(""), said, &text("virtual ").replace("<|>", ""));
        let text = |word: &str| {
            format!(
                "type\n  TBoat = class\n    function Seats: Integer;{word}\n  end;\n\n  TFerry = class(TBoat)\n    function <|>Seats: Integer; override;\n  end;\n\nbegin\nend.\n"
            )
        };
        let said = "There is no method in an ancestor class to be overridden: \"Seats:LongInt;\"";
        check_fix(&FAMILY, "pascal", &text(""), said, &text(" virtual;").replace("<|>", ""));
    }

    #[test]
    fn parameters_stay_as_they_are() {
        check_fix(
            &FAMILY,
            "cpp",
            "struct Boat {\n    virtual int seats(int deck) const { return deck; }\n};\nstruct Ferry : Boat {\n    int <|>seats(int deck) override { return 80; }\n};\n",
            SAID,
            "struct Boat {\n    virtual int seats(int deck) const { return deck; }\n};\nstruct Ferry : Boat {\n    int seats(int deck) const override { return 80; }\n};\n",
        );
    }

    #[test]
    fn the_word_stands_behind_what_says_who_may_see_it() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Ferry : Boat {\n    public int <|>Seats() { return 80; }\n}\n",
            "'Ferry.Seats()' hides inherited abstract member 'Boat.Seats()'",
            "class Ferry : Boat {\n    public override int Seats() { return 80; }\n}\n",
        );
    }

    #[test]
    fn the_word_stands_before_the_one_that_declares() {
        check_fix(
            &FAMILY,
            "scala",
            "class Ferry extends Boat {\n  def <|>seats: Int = 80\n}\n",
            "overriding method seats in class Boat of type => Int;\n method seats needs `override' modifier",
            "class Ferry extends Boat {\n  override def seats: Int = 80\n}\n",
        );
    }

    #[test]
    fn methods_that_agree_are_left_alone() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "struct Boat {\n    virtual int seats(int n) const = 0;\n};\nstruct Ferry : Boat {\n    int <|>seats(long n) const override { return 80; }\n};\n",
            SAID,
        );
    }

    #[test]
    fn a_method_without_one_above_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "struct Ferry {\n    int <|>seats() override { return 80; }\n};\n",
            SAID,
        );
    }

    #[test]
    fn a_method_above_that_is_not_virtual_does_not_count() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "struct Boat {\n    int seats() const { return 3; }\n};\nstruct Ferry : Boat {\n    int <|>seats() override { return 80; }\n};\n",
            SAID,
        );
    }

    #[test]
    fn another_message_is_for_others() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "struct Boat {\n    virtual int seats() const = 0;\n};\nstruct Ferry : Boat {\n    int <|>seats() override { return decks; }\n};\n",
            "'decks' was not declared in this scope",
        );
    }
}
