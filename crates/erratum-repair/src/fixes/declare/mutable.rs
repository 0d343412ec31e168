//! A name that may not change and does: the word that lets it, or the one that forbids it.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::function_around;
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, Score, evidence, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A binding that is changed must say so.
const BINDING: Factor = weight("the binding is changed later", 3.5);
/// The reference in the type of a binding.
const REFERENCE_TYPE: Factor = weight("its type is a reference", 3.0);
/// A reference on the reported line.
const REFERENCE: Factor = weight("a reference on the line", 1.0);
/// A method that changes its object.
const OWN_REFERENCE: Factor = weight("the method borrows its object", 2.5);
/// A word that forbids changes is taken out.
const NO_LONGER_FIXED: Factor = weight("it takes a word out", 2.0);
/// What is counted or summed is changed on purpose.
const CHANGED_IN_PLACE: Factor = weight("it is made of its old value", 4.5);
/// An object whose method changes it was not meant to stay as it is.
const METHOD_CHANGES: Factor = weight("a method of the library changes it", 4.5);
/// A part of it gets a value.
const PART_CHANGES: Factor = weight("a part of it gets a value", 4.5);
/// A word that forbids changes gives way to one that allows them.
const CHANGEABLE_WORD: Factor = weight("a word that lets it change", 2.5);

/// A parameter is set to itself where a field has its name.
const SETS_FIELD: Factor = evidence("a field of this name is to be set", 8.0);

/// A field has the name of a parameter that is changed.
const MAY_BE_FIELD: Factor = weight("a field has this name", 5.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "mutable",
    recipes: &[Recipe::Mutable],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn main() {\n    let tide = 3;\n    <|>tide = 4;\n    println!(\"{}\", tide);\n}\n",
        message: "[E0384] cannot assign twice to immutable variable `tide`",
        after: "fn main() {\n    let mut tide = 3;\n    tide = 4;\n    println!(\"{}\", tide);\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    part_of_fixed(case, all);
    if case.diagnosis.shows(MistakeId::MissingConst) {
        fixed_object(case, all);
    } else if case.asks(Recipe::Mutable) {
        mutable(case, all);
        own_field(case, all);
    }
}

/// Rust: `name = name` and `name += 1` in a method set the field of that name.
fn own_field(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let at = case.token;
    let object = case.language().object;
    let set = lexed.is(at + 1, "=");
    let changed = matches!(lexed.word(at + 1), "+=" | "-=" | "*=" | "/=");
    let same = set && lexed.word(at + 2) == lexed.word(at);
    let field = case.text.names.of(lexed.word(at)).any(|d| d.kind == NameKind::Member);
    let method = function_around(case, at).is_some_and(|function| {
        let head = case.statement_start(function.open)..function.open;
        head.into_iter().any(|at| lexed.is(at, object.trim_end_matches('.')))
    });
    if !(case.language().borrows && field && method) {
        return;
    }
    let edit = case.insert(lexed.code[at].start, object);
    if same {
        all.push(Candidate::new(MistakeId::MissingObject, SETS_FIELD, vec![edit]));
    } else if set || changed {
        all.push(Candidate::new(MistakeId::MissingObject, MAY_BE_FIELD, vec![edit]).guess());
    }
}

/// Rust: a binding that is changed must say so.
fn mutable(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = case.word("name").map(|name| name.trim_start_matches('*').to_owned());
    let mark = case.language().binding_changes;
    let tokens = [case.token, case.token + 1, case.token + 2];
    // Elsewhere the compiler may point at the `=` behind the name.
    let before = [case.token, case.token.saturating_sub(1)];
    for token in if mark.is_empty() { &before[..] } else { &tokens[..] }.iter().copied() {
        // A member is not visible by itself where an object stands before it.
        let member = token.checked_sub(1).is_some_and(|at| lexed.is(at, "."));
        let member = member.then(|| case.text.names.of(lexed.word(token)).next()).flatten();
        let Some(declared) = member.or_else(|| case.text.names.resolve(lexed, token)) else {
            continue;
        };
        if mark.is_empty() {
            // A method may have the name of the member: only what holds a value is set.
            let holds = [NameKind::Member, NameKind::Value];
            let mut own = case.text.names.of(lexed.word(token));
            let set = own
                .find(|own| holds.contains(&own.kind))
                .filter(|_| !holds.contains(&declared.kind));
            let sums = changed_in_place(case, token);
            let why = CHANGED_IN_PLACE.when(sums).into();
            changeable(case, set.unwrap_or(declared).token, why, all);
            return;
        }
        if name.as_ref().is_some_and(|name| name != lexed.word(declared.token)) {
            continue;
        }
        // What a binding may hold does not depend on whether it may change: only `&mut` is a type.
        let types = case.message.code.as_deref() == Some("E0308");
        if !types && !lexed.is(declared.token.wrapping_sub(1), "mut") {
            let edit = case.insert(lexed.code[declared.token].start, "mut ");
            all.push(Candidate::new(MistakeId::MissingMut, BINDING, vec![edit]));
        }
        if let Some((first, _)) =
            declared.typed.filter(|(first, _)| lexed.is(*first, "&") && !lexed.is(first + 1, "mut"))
        {
            let edit = case.insert(lexed.code[first].end, "mut ");
            all.push(Candidate::new(MistakeId::MissingMut, REFERENCE_TYPE, vec![edit]));
        }
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for at in line.filter(|at| lexed.is(*at, "&") && !lexed.is(at + 1, "mut")) {
        let edit = case.insert(lexed.code[at].end, "mut ");
        all.push(Candidate::new(MistakeId::MissingMut, REFERENCE, vec![edit]));
    }
    if let Some(function) = function_around(case, case.token) {
        let header = case.statement_start(function.open)..function.open;
        for at in header.filter(|at| lexed.is(*at, "&") && lexed.is(at + 1, "self")) {
            let edit = case.insert(lexed.code[at].end, "mut ");
            all.push(Candidate::new(MistakeId::MissingMut, OWN_REFERENCE, vec![edit]));
        }
    }
}

/// C and C++: a part of what is declared to stay as it is gets a value: `const Quay& quay` and `quay.boats = 3`.
fn part_of_fixed(case: &Case, all: &mut Vec<Candidate>) {
    // Seen with gcc 12.
    let said = &case.message.text;
    if !said.contains(" of member '") || !said.ends_with(" in read-only object") {
        return;
    }
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let part = |at: &usize| {
        let last = at + 2;
        matches!(lexed.word(at + 1), "." | "->")
            && (matches!(lexed.word(last + 1), "=" | "+=" | "-=" | "*=" | "/=" | "++" | "--")
                || matches!(lexed.before(*at), "++" | "--"))
    };
    let object = line.into_iter().find(part);
    let declared = object.and_then(|at| case.text.names.resolve(lexed, at));
    if let Some(declared) = declared.filter(|one| one.kind == NameKind::Value) {
        changeable(case, declared.token, PART_CHANGES.into(), all);
    }
}

/// C++: what is declared to stay as it is meets a method that changes it. A method of the program may only
/// lack its promise.
fn fixed_object(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let object = line.into_iter().find(|at| {
        let method = lexed.word(at + 2);
        lexed.kind(*at) == Some(TokenKind::Name)
            && lexed.is(at + 1, ".")
            && lexed.is(at + 3, "(")
            && case.text.names.of(method).next().is_none()
    });
    let declared = object.and_then(|at| case.text.names.resolve(lexed, at));
    if let Some(declared) = declared.filter(|one| one.kind == NameKind::Value) {
        changeable(case, declared.token, METHOD_CHANGES.into(), all);
    }
}

/// Whether a name is given a value that is made of its old one: `count++`, `sum += fare`, `sum = sum + fare`.
fn changed_in_place(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let steps = ["++", "--"];
    let mark = lexed.word(at + 1);
    steps.contains(&mark)
        || steps.contains(&lexed.before(at))
        || matches!(mark, "+=" | "-=" | "*=" | "/=")
        || matches!(mark, "=" | ":=") && again(case, at)
}

/// Whether the value behind the mark begins with what gets it: of a member with its object, for another
/// name may be spelt as it is.
fn again(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let mut first = at;
    while first >= 2 && lexed.is(first - 1, ".") {
        first -= 2;
    }
    (first..=at).all(|part| lexed.word(at + 2 + part - first) == lexed.word(part))
}

/// A name that is declared to keep its value: another word in front of it lets it change.
fn changeable(case: &Case, declared: usize, why: Score, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let fixed = |at: usize| case.language().fixed_words.iter().find(|(word, _)| lexed.is(at, word));
    let mut before = (case.statement_start(declared)..declared).rev();
    let found = before.find_map(|at| Some((at, fixed(at)?)));
    let Some((word, (_, new))) = found else { return };
    if new.is_empty() {
        let (start, end) = (lexed.code[word].start, lexed.code[word + 1].start);
        let edit = Edit::delete(case.file(), start, end);
        all.push(Candidate::new(MistakeId::FixedValue, why + NO_LONGER_FIXED, vec![edit]));
        return;
    }
    all.push(Candidate::new(
        MistakeId::FixedValue,
        why + CHANGEABLE_WORD,
        vec![case.replace_token(word, *new)],
    ));
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_fix, check_no_fix};

    #[test]
    fn a_part_of_what_is_constant_gets_a_value() {
        check_among(
            &FAMILY,
            "cpp",
            "struct Pilot { int trips; };\nvoid go(const Pilot& pilot) {\n    if (pilot.trips > 3) {\n        <|>pilot.trips = 3;\n    }\n}\n",
            "assignment of member 'Pilot::trips' in read-only object",
            "struct Pilot { int trips; };\nvoid go(Pilot& pilot) {\n    if (pilot.trips > 3) {\n        pilot.trips = 3;\n    }\n}\n",
        );
    }

    #[test]
    fn a_member_that_is_set_may_share_its_name_with_a_method() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    private final int length;\n    int length() {\n        return length;\n    }\n    void stretch() {\n        <|>length += 2;\n    }\n}\n",
            "cannot assign a value to final variable length",
            "class Quay {\n    private int length;\n    int length() {\n        return length;\n    }\n    void stretch() {\n        length += 2;\n    }\n}\n",
        );
    }

    #[test]
    fn a_final_name_of_java_loses_its_word() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int[] seen) {\n        final int steps = 0;\n        for (int n : seen) <|>steps += n;\n    }\n}\n",
            "cannot assign a value to final variable steps",
            "class Quay {\n    void go(int[] seen) {\n        int steps = 0;\n        for (int n : seen) steps += n;\n    }\n}\n",
        );
    }

    #[test]
    fn a_fixed_name_may_change() {
        check_fix(
            &FAMILY,
            "typescript",
            "const tide = 3;\n<|>tide = 4;\n",
            "[TS2588] Cannot assign to 'tide' because it is a constant.",
            "let tide = 3;\ntide = 4;\n",
        );
    }

    #[test]
    fn a_value_of_scala_becomes_a_variable() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(): Int = {\n    val tide = 3\n    tide <|>= 4\n    tide\n  }\n}\n",
            "reassignment to val",
            "object Quay {\n  def go(): Int = {\n    var tide = 3\n    tide = 4\n    tide\n  }\n}\n",
        );
    }

    #[test]
    fn the_reference_of_a_parameter_lets_it_change() {
        check_among(
            &FAMILY,
            "rust",
            "fn board(list: &Vec<i32>) {\n    <|>list.push(3);\n}\n",
            "[E0596] cannot borrow `*list` as mutable, as it is behind a `&` reference",
            "fn board(list: &mut Vec<i32>) {\n    list.push(3);\n}\n",
        );
    }

    #[test]
    fn a_method_that_changes_its_object_borrows_it_so() {
        check_among(
            &FAMILY,
            "rust",
            "struct Berth {\n    boats: i32,\n}\nimpl Berth {\n    fn board(&self) {\n        <|>self.boats += 1;\n    }\n}\n",
            "[E0594] cannot assign to `self.boats`, which is behind a `&` reference",
            "struct Berth {\n    boats: i32,\n}\nimpl Berth {\n    fn board(&mut self) {\n        self.boats += 1;\n    }\n}\n",
        );
    }

    #[test]
    fn a_name_that_is_declared_nowhere_has_no_word() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    <|>tide = 4;\n}\n",
            "[E0384] cannot assign twice to immutable variable `tide`",
        );
    }

    #[test]
    fn a_field_that_is_only_read_loses_its_word() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    readonly int tide = 3;\n    void Go() {\n        <|>tide = 4;\n    }\n}\n",
            "[CS0191] A readonly field 'Quay.tide' cannot be assigned to (except in a constructor or a variable initializer)",
            "class Quay {\n    int tide = 3;\n    void Go() {\n        tide = 4;\n    }\n}\n",
        );
    }

    #[test]
    fn a_parameter_that_is_set_to_itself_is_a_field() {
        check_fix(
            &FAMILY,
            "rust",
            "struct Boat {\n    name: String,\n}\nimpl Boat {\n    fn rename(&mut self, name: String) {\n        <|>name = name;\n    }\n}\n",
            "[E0384] cannot assign to immutable argument `name`",
            "struct Boat {\n    name: String,\n}\nimpl Boat {\n    fn rename(&mut self, name: String) {\n        self.name = name;\n    }\n}\n",
        );
    }

    #[test]
    fn a_word_of_another_statement_is_left() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "const low = 2;\nlet tide = 3;\n<|>tide = 4;\n",
            "[TS2588] Cannot assign to 'tide' because it is a constant.",
        );
    }
}
