//! What stands before a bracket that calls: a class without its `new`, a value that is no function, a
//! method that does not say what it returns; and marks or words that lead to the member that is called.

use super::family::{Example, Family, Phases};
use super::shape::{receiver, type_of};
use super::visible::getter;
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};

/// The message says that nothing is taken.
const TAKES_NOTHING: Factor = weight("the message says that it takes nothing", 6.0);
/// `->` behind what may be no pointer.
const NO_POINTER: Factor = weight("no pointer stands before it", 1.0);
/// The message names what only points to the object.
const OWNER: Factor = weight("what owns the object has no such member", 5.0);
/// A bare name that the own class has as a member.
const OWN_MEMBER: Factor = weight("the own class has such a member", 3.5);
/// The compiler says which object has it.
const TOLD_MEMBER: Factor = weight("the compiler names the object", 2.5);
/// The compiler says to which class it belongs.
const NAMED_BY_MESSAGE: Factor = evidence("the compiler names the class that has it", 6.5);
/// A class of the file is called as a function is.
const CLASS_CALLED: Factor = weight("a class is called", 3.0);
/// A member with an empty pair of brackets.
const MEMBER_CALLED: Factor = weight("the member may be no method", 0.0);
/// A method of the class gives the member of that name.
const GIVES_MEMBER: Factor = weight("a method of the class gives the member of that name", 4.0);
/// A program starts there, and gives nothing back.
const STARTS_PROGRAM: Factor = weight("the program starts there", 4.0);
/// The body of a method tells what it returns.
const TOLD_BY_BODY: Factor = weight("the body tells the type", 3.5);

pub(super) static FAMILY: Family = Family {
    id: "callee",
    recipes: &[Recipe::ReturnType],
    phases: Phases::Any,
    within_text: true,
    propose,
    example: Example {
        language: "java",
        before: "class Ferry {\n    static Ferry next() {\n        return <|>Ferry();\n    }\n}\n",
        message: "cannot find symbol",
        after: "class Ferry {\n    static Ferry next() {\n        return new Ferry();\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.lexed().kind(case.token) == Some(TokenKind::Str) {
        getter_in_text(case, all);
        return;
    }
    if case.asks(Recipe::ReturnType) {
        method_type(case, all);
    }
    if case.phase < Phase::Name {
        return;
    }
    let lexed = case.lexed();
    takes_nothing(case, all);
    member_value(case, all);
    no_pointer(case, all);
    smart_pointer(case, all);
    bare_member(case, all);
    bare_static(case, all);
    bare_field(case, all);
    // Some compilers point at the dot before the name.
    let mut name = case.token + usize::from(lexed.is(case.token, "."));
    // scalac 2.11 points at the values of what takes none.
    if lexed.is(name, "(") && case.message.text.ends_with(".type does not take parameters") {
        name = name.saturating_sub(1);
    }
    let starts = name.checked_sub(1).is_some_and(|at| matches!(lexed.word(at), "=" | "(" | ","));
    if lexed.kind(name) == Some(TokenKind::Name)
        && starts
        && !matches!(lexed.word(name + 1), "(" | ".")
    {
        new_before(case, name, all);
    }
    if lexed.kind(name) != Some(TokenKind::Name) || !lexed.is(name + 1, "(") {
        return;
    }
    new_before(case, name, all);
    no_function(case, name, all);
}

/// Scala: `names.size()` where `size` is no method; TypeScript: `fare.price()` of a `get price()`.
fn takes_nothing(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = case.message.text.as_str();
    // Seen with scalac 2.11 and tsc 5.9.
    // `max()`, which is given its order by the compiler.
    let implicit =
        said.starts_with("not enough arguments for method") && said.contains("(implicit ");
    if !said.ends_with("does not take parameters") && !said.contains(GETTER) && !implicit {
        return;
    }
    let near = case.token.saturating_sub(2)..case.token + 2;
    for open in near.filter(|at| lexed.is(*at, "(") && lexed.is(at + 1, ")")) {
        let (from, to) = (lexed.code[open].start, lexed.code[open + 1].end);
        let edit = Edit::delete(case.file(), from, to);
        all.push(Candidate::new(MistakeId::NotCallable, TAKES_NOTHING, vec![edit]));
    }
}

/// What tsc 5.9 says of `fare.price()` where `price` is a getter.
const GETTER: &str = "not callable because it is a 'get' accessor";

/// The same within a text: `${fare.price()}`. The text is one token.
fn getter_in_text(case: &Case, all: &mut Vec<Candidate>) {
    let source = &case.lexed().source;
    let token = case.lexed().code[case.token];
    let said = &case.message.text;
    let told = said.contains(GETTER) || said.ends_with("does not take parameters");
    if !told || case.range.0 >= token.end || token.kind != TokenKind::Str {
        return;
    }
    let behind = source.slice(case.range.0, token.end);
    let named = |c: char| c.is_alphanumeric() || matches!(c, '_' | '.');
    let name = behind.find(|c: char| !named(c)).unwrap_or(0);
    if behind[name..].starts_with("()") {
        let start = case.range.0 + name;
        let edit = Edit::delete(case.file(), start, start + 2);
        all.push(Candidate::new(MistakeId::NotCallable, TAKES_NOTHING, vec![edit]));
    }
}

/// C: `->` behind what is no pointer.
fn no_pointer(case: &Case, all: &mut Vec<Candidate>) {
    if case.lexed().is(case.token, "->") && case.language().directives {
        let edit = case.replace_token(case.token, ".");
        all.push(Candidate::new(MistakeId::WrongMark, NO_POINTER, vec![edit]));
    }
}

/// What is asked with `->` for the members of what it leads to: owners, and the places in a container
/// (named as in the headers of g++ 12).
const OWNERS: &[&str] = &[
    "unique_ptr<",
    "shared_ptr<",
    "optional<",
    "_Rb_tree_iterator<",
    "_Rb_tree_const_iterator<",
    "_List_iterator<",
    "_List_const_iterator<",
    "_Deque_iterator<",
    "__normal_iterator<",
    "__detail::_Node_iterator<",
    "__detail::_Node_const_iterator<",
];

/// C++: `.` behind what leads to an object and is none itself.
fn smart_pointer(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    // Behind another name for it stands the type itself; what holds such owners is none.
    let said = said.split_once("{aka ").map_or(said.as_str(), |(_, own)| own);
    let typed = said.trim_start_matches(|letter: char| !"'`\u{2018}".contains(letter));
    let typed = typed.trim_start_matches(['\'', '`', '\u{2018}']);
    let typed = ["const ", "class ", "struct ", "std::", "__gnu_cxx::"]
        .iter()
        .fold(typed, |typed, word| typed.trim_start_matches(word));
    let owner = OWNERS.iter().any(|kind| typed.starts_with(kind));
    let dot = [case.token, case.token.wrapping_sub(1)].into_iter().find(|at| lexed.is(*at, "."));
    if let Some(dot) = dot.filter(|_| owner && case.message.text.contains("has no member named")) {
        let edit = case.replace_token(dot, "->");
        all.push(Candidate::new(MistakeId::WrongMark, OWNER, vec![edit]));
    }
}

/// TypeScript: a member of the own class without `this.` in front of it.
fn bare_member(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = case.token;
    let own = case.text.names.of(lexed.word(name)).any(|d| d.kind == NameKind::Member);
    let told = format!("instance member '{}{}'", case.language().object, lexed.word(name));
    let told = case.message.text.contains(&told);
    let bare = name.checked_sub(1).is_none_or(|at| !lexed.is(at, "."));
    if case.language().object_required && case.phase == Phase::Name && (own || told) && bare {
        let edit = case.insert(lexed.code[name].start, case.language().object);
        all.push(Candidate::new(
            MistakeId::MissingObject,
            OWN_MEMBER + TOLD_MEMBER.when(told),
            vec![edit],
        ));
    }
}

/// TypeScript: a static member without its class in front of it, which the compiler names (seen with tsc 5.9).
fn bare_static(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = case.token;
    let told = case.message.text.split_once("Did you mean the static member '");
    let path = told.and_then(|(_, path)| path.trim_end_matches("'?").rsplit_once('.'));
    let Some((class, _)) = path.filter(|(_, member)| lexed.word(name) == *member) else { return };
    let edit = case.insert(lexed.code[name].start, format!("{class}."));
    all.push(Candidate::new(MistakeId::MissingPrefix, NAMED_BY_MESSAGE, vec![edit]).guess());
}

/// Go: a field of the own type without the name of the object in front of it.
fn bare_field(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = case.token;
    let bare = !matches!(lexed.before(name), "." | ":") && !lexed.is(name + 1, ":");
    let known = case.text.names.resolve(lexed, name);
    let visible = known.is_some_and(|one| one.kind != NameKind::Member);
    if case.phase != Phase::Name || !bare || visible {
        return;
    }
    let Some((object, typed)) = receiver(case, name) else { return };
    let own = case.text.names.of(lexed.word(name)).filter(|one| one.kind == NameKind::Member);
    let of_type = |field: &Declared| {
        let open = case.text.pairs.inside_of(field.token);
        open.is_some_and(|open| {
            let head = case.statement_start(open)..open;
            head.into_iter().any(|at| lexed.word(at) == typed)
        })
    };
    if own.into_iter().any(of_type) && object != typed {
        // The compiler tells of each use on its line: they lack the object together.
        let line = lexed.on_line(lexed.code[name].line);
        let uses = line.filter(|at| {
            lexed.word(*at) == lexed.word(name)
                && !matches!(lexed.before(*at), "." | ":")
                && !lexed.is(at + 1, ":")
        });
        let edits =
            uses.map(|at| case.insert(lexed.code[at].start, format!("{object}."))).collect();
        // The compiler does not name the object (seen with go 1.19).
        all.push(Candidate::new(MistakeId::MissingObject, OWN_MEMBER, edits).guess());
    }
}

/// `Ferry("Tern")` for `new Ferry("Tern")`.
fn new_before(case: &Case, name: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let word = lexed.word(name);
    let class = case.text.names.of(word).any(|declared| declared.kind == NameKind::Type);
    let before = name.checked_sub(1).map_or("", |at| lexed.word(at));
    let new = case.language().new_object;
    if !new.is_empty() && class && !matches!(before, "new" | "." | "class") {
        let edit = case.insert(lexed.code[name].start, new);
        all.push(Candidate::new(MistakeId::MissingWord, CLASS_CALLED, vec![edit]));
    }
}

/// `berths.length()` where `length` is no method.
fn no_function(case: &Case, name: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let member = name.checked_sub(1).is_some_and(|at| lexed.is(at, "."));
    // Rust has no fields but those of the program, or nearly none.
    let field = |one: &Declared| one.kind == NameKind::Member;
    let fields = !case.language().borrows || case.text.names.of(lexed.word(name)).any(field);
    // What the text has as a function, and not as a member, only lacks its values.
    let mut own = case.text.names.of(lexed.word(name)).peekable();
    let function = own.peek().is_some() && own.all(|one| one.kind == NameKind::Function);
    let counted = case.message.text.contains("but got ");
    if member && fields && lexed.is(name + 2, ")") && !(function && counted) {
        let (open, close) = (lexed.code[name + 1], lexed.code[name + 2]);
        // A member that a method gives is hardly to be had by itself.
        let mut members = case.text.names.of(lexed.word(name)).filter(|one| field(one));
        if let Some(getter) = members.find_map(|one| getter(case, one.token)) {
            let edit = case.replace_token(name, getter);
            all.push(Candidate::new(MistakeId::MisspeltName, GIVES_MEMBER, vec![edit]).guess());
        }
        let edit = Edit::delete(case.file(), open.start, close.end);
        all.push(Candidate::new(MistakeId::NotCallable, MEMBER_CALLED, vec![edit]));
    }
}

/// C++: `sailing.minutes()` where `minutes` is no method. The message points at the end of the call (seen
/// with g++ 12).
fn member_value(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // mcs 6.8 says it of a property.
    let said = &case.message.text;
    let property = said.contains("is a 'property' but a 'method group'")
        || said.contains("is a 'field' but a 'method group'");
    if !said.contains("cannot be used as a function") && !property {
        return;
    }
    if property {
        let line = lexed.on_line(lexed.code[case.token].line);
        let name = said.split('\'').nth(1).unwrap_or("").rsplit('.').next().unwrap_or("");
        let open = line.into_iter().find(|at| {
            lexed.is(*at, "(")
                && lexed.is(at + 1, ")")
                && !name.is_empty()
                && lexed.before(*at) == name
        });
        if let Some(open) = open {
            let edit = Edit::delete(case.file(), lexed.code[open].start, lexed.code[open + 1].end);
            all.push(Candidate::new(MistakeId::NotCallable, TAKES_NOTHING, vec![edit]).guess());
        }
        return;
    }
    let near = case.token.saturating_sub(3)..case.token + 2;
    let member = |at: &usize| {
        lexed.is(*at, "(")
            && lexed.is(at + 1, ")")
            && *at > 1
            && matches!(lexed.word(at - 2), "." | "->")
    };
    if let Some(open) = near.into_iter().find(member) {
        let edit = Edit::delete(case.file(), lexed.code[open].start, lexed.code[open + 1].end);
        all.push(Candidate::new(MistakeId::NotCallable, MEMBER_CALLED, vec![edit]));
    }
}

/// A method without the type in front of its name: that of what its body returns, else nothing.
fn method_type(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = case.token;
    if lexed.kind(name) != Some(TokenKind::Name) || !lexed.is(name + 1, "(") {
        return;
    }
    let partner = |at: usize| case.text.pairs.partner_of(at);
    // What is called as its class is but for a letter's case is the constructor.
    let small = |one: &Declared| {
        let class = lexed.word(one.token);
        class != lexed.word(name) && class.eq_ignore_ascii_case(lexed.word(name))
    };
    if case.text.names.declared.iter().any(|one| one.kind == NameKind::Type && small(one)) {
        return;
    }
    let body = partner(name + 1).and_then(|close| {
        let open = (close..lexed.code.len()).find(|at| lexed.divides(*at))?;
        lexed.opens_block(open).then_some(open)
    });
    let Some((open, close)) = body.and_then(|open| Some((open, partner(open)?))) else { return };
    let returns = |at: &usize| lexed.is(*at, "return") && !lexed.is(at + 1, ";");
    let given = (open..close).filter(returns).map(|at| {
        let end = (at..close).find(|end| lexed.is(*end, ";")).unwrap_or(close);
        (at + 1, end.saturating_sub(1))
    });
    let given: Vec<(usize, usize)> = given.collect();
    let typed = match given.first() {
        Some((first, last)) => {
            let usual = case.language().usual;
            let whole = type_of(case, *first, *last);
            // `return 0;` in one case, and a real number in another.
            let real = |(first, last): &(usize, usize)| {
                type_of(case, *first, *last).is_some_and(|typed| typed == *usual.real)
            };
            let real = whole.as_deref() == Some(usual.whole) && given.iter().any(real);
            if real { Some(usual.real.to_owned()) } else { whole }
        }
        None => Some("void".to_owned()),
    };
    if let Some(typed) = typed {
        let edit = case.insert(lexed.code[name].start, format!("{typed} "));
        let score = TOLD_BY_BODY + STARTS_PROGRAM.when(lexed.is(name, "main") && typed == "void");
        all.push(Candidate::new(MistakeId::MissingReturnType, score, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_real_number_in_one_case_is_one_in_all() {
        check_among(
            &FAMILY,
            "java",
            "class Ferry {\n    double rate = 2.5;\n    <|>pay(int hours) {\n        if (hours == 0) return 0;\n        return hours * rate;\n    }\n}\n",
            "invalid method declaration; return type required",
            "class Ferry {\n    double rate = 2.5;\n    double pay(int hours) {\n        if (hours == 0) return 0;\n        return hours * rate;\n    }\n}\n",
        );
    }

    #[test]
    fn a_class_beside_its_companion_is_made_with_its_word() {
        check_fix(
            &FAMILY,
            "scala",
            "class Voyage(ship: String)\nobject Voyage {\n  val one = Voyage<|>(\"Curlew\")\n}\n",
            "Voyage.type does not take parameters",
            "class Voyage(ship: String)\nobject Voyage {\n  val one = new Voyage(\"Curlew\")\n}\n",
        );
    }

    #[test]
    fn a_getter_is_not_called() {
        let said = "[TS6234] This expression is not callable because it is a 'get' accessor. Did you mean to use it without '()'?";
        let text = |call: &str| {
            format!(
                "class Fee {{\n  get sum(): number {{ return 2; }}\n  row(): string {{ return {call}; }}\n}}\n"
            )
        };
        for (before, after) in [
            ("this.<|>sum() + \"\"", "this.sum + \"\""),
            ("`${this.<|>sum()} in all`", "`${this.sum} in all`"),
        ] {
            check_fix(&FAMILY, "typescript", &text(before), said, &text(after));
        }
    }

    #[test]
    fn no_pointer_has_an_arrow_behind_it() {
        check_fix(
            &FAMILY,
            "c",
            "struct t { int seats; };\nint f(struct t one) {\n    return one<|>->seats;\n}\n",
            "invalid type argument of '->' (have 'struct t')",
            "struct t { int seats; };\nint f(struct t one) {\n    return one.seats;\n}\n",
        );
    }

    #[test]
    fn a_function_that_lacks_its_values_is_called() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "class Board {\n  count(status: string): number { return 1; }\n}\nfunction go(board: Board) {\n  console.log(board.<|>count());\n}\n",
            "[TS2554] Expected 1 arguments, but got 0.",
        );
    }

    #[test]
    fn another_name_of_the_type_tells_of_the_owner_too() {
        check_fix(
            &FAMILY,
            "cpp",
            "int go() {\n    for (const auto& [at, one] : berths) all += one.<|>seats();\n}\n",
            "'std::tuple_element<1, const std::pair<const int, std::unique_ptr<Boat> > >::type' {aka 'const class std::unique_ptr<Boat>'} has no member named 'seats'",
            "int go() {\n    for (const auto& [at, one] : berths) all += one->seats();\n}\n",
        );
    }

    #[test]
    fn what_owns_an_object_leads_to_its_members() {
        check_fix(
            &FAMILY,
            "cpp",
            "int go(const std::unique_ptr<Boat> &one) {\n    return one.<|>seats();\n}\n",
            "'const class std::unique_ptr<Boat>' has no member named 'seats'",
            "int go(const std::unique_ptr<Boat> &one) {\n    return one->seats();\n}\n",
        );
    }

    #[test]
    fn a_place_in_a_container_leads_to_its_members() {
        check_fix(
            &FAMILY,
            "cpp",
            "int go(const std::map<int, int> &all) {\n    auto it = all.find(3);\n    return it.<|>second;\n}\n",
            "'struct std::_Rb_tree_const_iterator<std::pair<const int, int> >' has no member named 'second'",
            "int go(const std::map<int, int> &all) {\n    auto it = all.find(3);\n    return it->second;\n}\n",
        );
    }

    #[test]
    fn typescript_says_whose_member_it_is() {
        check_among(
            &FAMILY,
            "typescript",
            "class Quay {\n  seats = 4;\n  free() {\n    return <|>seats;\n  }\n}\n",
            "[TS2304] Cannot find name 'seats'.",
            "class Quay {\n  seats = 4;\n  free() {\n    return this.seats;\n  }\n}\n",
        );
    }

    #[test]
    fn a_member_that_is_no_method_is_not_called() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go(String[] berths) {\n        return berths.<|>length();\n    }\n}\n",
            "cannot find symbol",
            "class Quay {\n    int go(String[] berths) {\n        return berths.length;\n    }\n}\n",
        );
    }

    #[test]
    fn a_method_says_what_its_body_returns() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    <|>deep() {\n        return 4;\n    }\n}\n",
            "invalid method declaration; return type required",
            "class Quay {\n    int deep() {\n        return 4;\n    }\n}\n",
        );
    }

    #[test]
    fn a_method_that_returns_nothing_says_so() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    <|>go() {\n        call();\n    }\n}\n",
            "invalid method declaration; return type required",
            "class Quay {\n    void go() {\n        call();\n    }\n}\n",
        );
    }

    #[test]
    fn rust_makes_no_objects_with_a_word() {
        check_no_fix(
            &FAMILY,
            "rust",
            "struct Ferry;\nfn go() -> Ferry {\n    <|>Ferry()\n}\n",
            "[E0618] expected function, found struct `Ferry`",
        );
    }

    #[test]
    fn what_is_made_already_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Ferry {\n    Ferry go() {\n        return new <|>Ferry(3);\n    }\n}\n",
            "constructor Ferry in class Ferry cannot be applied to given types;",
        );
    }
}
