//! Declarations: made twice, never made, made without a word they need, or under the wrong name.

use super::family::{Example, Family, Phases};
use super::shape::{function_around, simple_type, text_of};
use super::{Candidate, Case, weights as w};
use crate::score::{Factor, Score, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::language::{Declaring, Preference};
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A second declaration that only gives a value was to be an assignment.
const ASSIGNED_AGAIN: Factor = weight("the second declaration gives a value", 2.0);
/// The same line twice is a slip of copying.
const SAME_LINE_TWICE: Factor = weight("the same line stands twice", 4.0);
/// Another declaration of the name is lost work.
const SECOND_TAKEN_OUT: Factor = weight("the second declaration is taken out", -1.0);
/// Which other name was meant, nobody can tell.
const OTHER_NAME: Factor = weight("it gets another name", -2.0);
/// A method is made like the one it must agree with.
const MADE_LIKE: Factor = weight("two declarations must agree", 2.0);
/// The compiler points at the one that is changed.
const REPORTED_HERE: Factor = weight("the compiler points at this one", 0.5);
/// Types of results are wrong more often than parameters.
const PARAMETERS_RATHER: Factor = weight("the parameters rather than the type", -0.3);
/// A prototype and its definition are made alike.
const LIKE_PROTOTYPE: Factor = weight("prototype and definition differ", 1.5);
/// A public class is named as its file.
const NAMED_AS_FILE: Factor = weight("the class is named as its file", 3.0);
/// The same with every use of the name.
const NAMED_EVERYWHERE: Factor = weight("the name of the class changes everywhere", 2.8);
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
/// A word that forbids changes gives way to one that allows them.
const CHANGEABLE_WORD: Factor = weight("a word that lets it change", 2.5);
/// The first use of an undeclared name gives it a value.
const FIRST_VALUE: Factor = weight("its first use gives it a value", 1.5);
/// A form that is nearly as usual as the first.
const NEARLY_AS_USUAL: Factor = weight("another form is a little more usual", -0.1);
/// A form that is less usual than the first.
const LESS_USUAL: Factor = weight("another form is more usual", -0.2);
/// Go declares with another mark than it assigns with.
const DECLARING_MARK: Factor = weight("the mark that also declares", 3.0);
/// The type of the first value is known.
const TYPE_OF_VALUE: Factor = weight("the type of its value", 2.0);
/// The types that plain values usually have.
const USUAL_TYPE: Factor = weight("a usual type", 0.8);
/// Each type that is more usual.
const RARER_TYPE: Factor = weight("a rarer type", -0.6);
/// A name that stands more than once was not declared.
const USED_OFTEN: Factor = weight("the name stands more than once", 1.5);
/// A name that stands only once is rather misspelt.
const USED_ONCE: Factor = weight("the name stands only once", -1.0);
/// Each nearer section, and each more usual type.
const FURTHER_SECTION: Factor = weight("a section or type further off", -1.0);
/// A method that is called without an object.
const CALLED_WITHOUT_OBJECT: Factor = weight("it is called without an object", 3.0);
/// An exception that nobody handles is declared.
const DECLARED_EXCEPTION: Factor = weight("the exception is declared", 2.0);
/// An import that nothing needs is taken out.
const SPARE_IMPORT: Factor = weight("an import that nothing needs", 2.5);
/// A variable of that name is declared around.
const OUTER_VARIABLE: Factor = weight("the variable around was meant", 4.0);
/// A format with one mark more than values.
const LACKING_VALUE: Factor = weight("the call lacks one value", 3.0);
/// The call is given the name already.
const GIVEN_ALREADY: Factor = weight("the call has it already", -9.0);
/// Of several results the one that nobody uses gets no name.
const NAMELESS: Factor = weight("the name is given up", 0.5);
/// Taking a statement out loses what the learner wrote.
const SPARE_STATEMENT: Factor = weight("the statement is taken out", -1.0);
/// A further result that nobody uses.
const NAMELESS_RESULT: Factor = weight("the further result gets no name", 2.5);
/// A further result is mostly an error.
const ERROR_RESULT: Factor = weight("the further result is an error", 1.5);
/// One name too many takes results.
const ONE_NAME_LESS: Factor = weight("one name less takes results", 2.0);

pub(super) static FAMILY: Family = Family {
    id: "declare",
    recipes: &[
        Recipe::Duplicate,
        Recipe::FileName,
        Recipe::Mutable,
        Recipe::Declare,
        Recipe::Unused,
        Recipe::Results,
        Recipe::Static,
        Recipe::Throws,
    ],
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
    if case.asks(Recipe::Duplicate) {
        duplicate(case, all);
    }
    if case.asks(Recipe::FileName) {
        class_name(case, all);
    }
    if case.asks(Recipe::Mutable) {
        mutable(case, all);
    }
    if case.asks(Recipe::Declare) || case.asks(Recipe::Respell) {
        undeclared(case, all);
        prototype(case, all);
    }
    if case.asks(Recipe::Unused) && case.message.is_error() {
        unused(case, all);
    }
    if case.asks(Recipe::Results) {
        results(case, all);
    }
    if case.asks(Recipe::Static) {
        made_static(case, all);
    }
    siblings(case, all);
    if case.asks(Recipe::Throws) {
        throws(case, all);
    }
}

/// The second declaration of a name: an assignment was meant, or another name, or nothing.
fn duplicate(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let on_line = |token: usize| line.contains(&token);
    let declared = case.text.names.declared.iter().filter(|d| on_line(d.token));
    let named = case.word("name").map(|name| name.split('(').next().unwrap_or(name).to_owned());
    for declared in declared {
        let name = lexed.word(declared.token);
        if named.as_ref().is_some_and(|named| named != name) {
            continue;
        }
        if let (Some((first, _)), true) =
            (declared.typed, case.language().type_first && lexed.is(declared.token + 1, "="))
        {
            let start = lexed.code[first].start;
            let edit = Edit::delete(case.file(), start, lexed.code[declared.token].start);
            all.push(Candidate::new(MistakeId::DuplicateDeclaration, ASSIGNED_AGAIN, vec![edit]));
        }
        let whole = |token: usize| (case.statement_start(token), end_of_declaration(case, token));
        let (start, end) = whole(declared.token);
        if lexed.is(end, ";") {
            // The same line twice is a slip of copying; taking one out loses nothing.
            let text = text_of(case, (start, end));
            let again = case.text.names.of(name).any(|other| {
                other.token != declared.token && text_of(case, whole(other.token)) == text
            });
            let edit = delete_lines(case, start, end);
            all.push(Candidate::new(
                MistakeId::DuplicateDeclaration,
                if again { SAME_LINE_TWICE } else { SECOND_TAKEN_OUT },
                vec![edit],
            ));
        }
        if declared.kind == NameKind::Function {
            same_header(case, declared.token, all);
        }
        let uses = case.text.names.uses(name);
        let renamed = format!("{name}2");
        if uses == 0 || declared.kind == NameKind::Function {
            let edit = case.replace_token(declared.token, renamed);
            all.push(
                Candidate::new(MistakeId::DuplicateDeclaration, OTHER_NAME, vec![edit]).guess(),
            );
        }
    }
}

/// A method that is declared in two places which must agree, an interface and what implements it,
/// say: either is made like the other, in its return type, or in its parameters.
fn siblings(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let text = case.message.text.as_str();
    let agree = [
        "override",
        "implement",
        "incompatible type for trait",
        "no declaration matches",
        "does not match",
    ];
    if !agree.iter().any(|word| text.contains(word)) {
        return;
    }
    let functions = || case.text.names.declared.iter().filter(|d| d.kind == NameKind::Function);
    let named = |d: &&erratum_syntax::names::Declared| {
        let name = lexed.word(d.token);
        let quoted =
            text.split(|c: char| !(c.is_alphanumeric() || c == '_')).any(|word| word == name);
        quoted && name.len() > 1
    };
    let parameters = |token: usize| {
        let close = case.text.pairs.partner.get(token + 1).copied().flatten()?;
        Some((token + 1, close))
    };
    for one in functions().filter(named) {
        for other in case.text.names.of(lexed.word(one.token)) {
            if other.token == one.token || other.kind != NameKind::Function {
                continue;
            }
            let here = lexed.code[one.token].line == lexed.code[case.token].line;
            let mut push =
                |from: Option<(usize, usize)>, to: Option<(usize, usize)>, less: Factor| {
                    let (Some(from), Some(to)) = (from, to) else { return };
                    if text_of(case, from) != text_of(case, to) {
                        let (start, end) = (lexed.code[to.0].start, lexed.code[to.1].end);
                        let edit = Edit::replace(case.file(), start, end, text_of(case, from));
                        let score = MADE_LIKE + REPORTED_HERE.when(here) + less;
                        all.push(Candidate::new(MistakeId::WrongType, score, vec![edit]));
                    }
                };
            push(other.typed, one.typed, PARAMETERS_RATHER.when(false));
            push(parameters(other.token), parameters(one.token), PARAMETERS_RATHER);
        }
    }
}

/// A function whose prototype and definition differ: either is made like the other.
fn same_header(case: &Case, token: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let header = |token: usize| {
        let open = token + 1;
        let close = case.text.pairs.partner.get(open).copied().flatten()?;
        lexed.is(open, "(").then_some((case.statement_start(token), close))
    };
    let others = case.text.names.of(lexed.word(token));
    for other in others.filter(|other| other.token != token) {
        let (Some(a), Some(b)) = (header(token), header(other.token)) else { continue };
        for (from, to) in [(a, b), (b, a)] {
            // Parameters of a prototype need no names, those of a definition do.
            let named =
                (from.0..from.1).filter(|at| lexed.kind(*at) == Some(TokenKind::Name)).count();
            let body = lexed.is(to.1 + 1, "{");
            if text_of(case, from) == text_of(case, to)
                || (body && named < 2 && from.1 > from.0 + 3)
            {
                continue;
            }
            let (start, end) = (lexed.code[to.0].start, lexed.code[to.1].end);
            let edit = Edit::replace(case.file(), start, end, text_of(case, from));
            all.push(Candidate::new(MistakeId::DuplicateDeclaration, LIKE_PROTOTYPE, vec![edit]));
        }
    }
}

/// The `;` that ends a declaration, behind the braces of its initial value.
fn end_of_declaration(case: &Case, token: usize) -> usize {
    let lexed = case.lexed();
    let last = lexed.code.len() - 1;
    let mut at = token;
    while at < last && !matches!(lexed.word(at), ";" | "}") {
        let open = lexed.kind(at) == Some(TokenKind::Open);
        at = case.text.pairs.partner[at].filter(|_| open).unwrap_or(at) + 1;
    }
    at.min(last)
}

/// Takes the tokens out, with their line if nothing else stands on it.
fn delete_lines(case: &Case, first: usize, last: usize) -> Edit {
    let lexed = case.lexed();
    let (a, b) = (lexed.code[first], lexed.code[last]);
    let source = &lexed.source;
    let end_line = source.line_of(b.end.saturating_sub(1));
    let whole = a.first
        && lexed.code.get(last + 1).is_none_or(|next| next.first)
        && source.line_end(end_line) == b.end;
    if whole {
        return Edit::delete(
            case.file(),
            source.line_start(a.line),
            source.line_start(end_line + 1),
        );
    }
    Edit::delete(case.file(), a.start, b.end)
}

/// A public class must be named as its file.
fn class_name(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let file = case.file().rsplit(['/', '\\']).next().unwrap_or(case.file());
    let Some((stem, _)) = file.rsplit_once('.') else { return };
    let Some(wrong) = case.word("name").map(str::to_owned) else { return };
    let seen = case.text.names.seen.get(&wrong).cloned().unwrap_or_default();
    let class = seen.iter().find(|at| {
        matches!(lexed.word(at.wrapping_sub(1)), "class" | "interface" | "enum" | "record")
    });
    let Some(class) = class else { return };
    all.push(Candidate::new(
        MistakeId::ClassFileName,
        NAMED_AS_FILE,
        vec![case.replace_token(*class, stem)],
    ));
    if seen.len() > 1 {
        let edits = seen.iter().map(|at| case.replace_token(*at, stem)).collect();
        all.push(Candidate::new(MistakeId::ClassFileName, NAMED_EVERYWHERE, edits));
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
        let Some(declared) = case.text.names.resolve(lexed, token) else { continue };
        if mark.is_empty() {
            changeable(case, declared.token, all);
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

/// A name that is declared to keep its value: another word in front of it lets it change.
fn changeable(case: &Case, declared: usize, all: &mut Vec<Candidate>) {
    let word = declared.wrapping_sub(1);
    let mut words = case.language().fixed_words.iter();
    let found = words.find(|(fixed, _)| case.lexed().is(word, fixed));
    let Some((_, new)) = found else { return };
    if new.is_empty() {
        let edit = case.delete_token(word);
        all.push(Candidate::new(MistakeId::FixedValue, NO_LONGER_FIXED, vec![edit]));
        return;
    }
    all.push(Candidate::new(
        MistakeId::FixedValue,
        CHANGEABLE_WORD,
        vec![case.replace_token(word, *new)],
    ));
}

/// A name that is given a value without ever having been declared.
fn undeclared(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = lexed.word(case.token);
    if lexed.kind(case.token) != Some(TokenKind::Name)
        || case.text.names.resolve(lexed, case.token).is_some()
    {
        return;
    }
    let first =
        case.text.names.seen.get(name).and_then(|seen| seen.first().copied()).unwrap_or(case.token);
    let starts = matches!(lexed.word(first.wrapping_sub(1)), ";" | "{" | "}" | "(" | "")
        || lexed.code[first].first;
    let assigned = lexed.is(first + 1, "=") || lexed.is(first + 1, ":=");
    if !case.language().variable_section.is_empty() {
        pascal_variable(case, name, assigned.then_some(first), all);
    }
    if !starts || !assigned {
        return;
    }
    let value = simple_type(case, first + 2)
        .filter(|_| matches!(lexed.word(first + 3), ";" | "+" | "-" | "*" | "/"));
    let start = lexed.code[first].start;
    let usual = case.language().usual;
    let words: Vec<(String, Score)> = match case.language().declaring {
        Declaring::Words(words) => {
            let score = |preference: Preference| match preference {
                Preference::Usual => FIRST_VALUE.into(),
                Preference::NearlyAsUsual => FIRST_VALUE + NEARLY_AS_USUAL,
                Preference::LessUsual => FIRST_VALUE + LESS_USUAL,
            };
            words.iter().map(|(word, how)| ((*word).to_owned(), score(*how))).collect()
        }
        Declaring::Mark(mark) => {
            let edit = case.replace_token(first + 1, mark);
            all.push(Candidate::new(MistakeId::WrongMark, DECLARING_MARK, vec![edit]));
            return;
        }
        Declaring::Elsewhere => return,
        Declaring::Type => {
            let known =
                value.into_iter().map(|typed| (format!("{typed} "), Score::from(TYPE_OF_VALUE)));
            let rest = [usual.whole, usual.real, usual.text, usual.truth];
            known
                .chain(rest.iter().enumerate().map(|(rank, typed)| {
                    (format!("{typed} "), USUAL_TYPE + RARER_TYPE * rank as f64)
                }))
                .collect()
        }
    };
    for (word, score) in words {
        all.push(Candidate::new(
            MistakeId::MissingDeclaration,
            score,
            vec![case.insert(start, word)],
        ));
    }
}

/// Pascal: a variable that stands in no `var` section: in that of the function around it, or in that
/// of the program.
fn pascal_variable(case: &Case, name: &str, first: Option<usize>, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let usual = case.language().usual;
    let value = first.and_then(|first| simple_type(case, first + 2));
    let counts = case.text.names.seen.get(name).is_some_and(|seen| {
        seen.iter()
            .any(|at| lexed.is(at.wrapping_sub(1), "for") || lexed.is(at.wrapping_sub(1), "["))
    });
    let typed = match value {
        _ if counts => usual.whole.to_owned(),
        Some(typed) => typed,
        None => usual.whole.to_owned(),
    };
    let others = [usual.whole, usual.real, usual.text, usual.truth];
    // What stands only once is rather misspelt than not declared.
    let often = if case.text.names.seen.get(name).is_some_and(|seen| seen.len() > 1) {
        USED_OFTEN
    } else {
        USED_ONCE
    };
    let spelt = lexed.text(&lexed.code[case.token]).to_owned();
    let sections =
        (0..case.token).rev().filter(|at| lexed.is(*at, case.language().variable_section));
    for (rank, section) in sections.take(2).enumerate() {
        let Some(next) = lexed.code.get(section + 1) else { continue };
        let indent = lexed.source.indent_text(next.line);
        let end = lexed.source.line_end_text();
        let types =
            std::iter::once(typed.as_str()).chain(others.into_iter().filter(|t| *t != typed));
        for (less, typed) in types.enumerate() {
            let text = format!("{indent}{spelt}: {typed};{end}");
            let edit = case.insert(lexed.source.line_start(next.line), text);
            let score = often + FURTHER_SECTION * less as f64 + FURTHER_SECTION * rank as f64;
            all.push(Candidate::new(MistakeId::MissingDeclaration, score, vec![edit]));
        }
    }
}

/// C: a function that is used above its definition needs a prototype.
fn prototype(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().directives {
        return;
    }
    let name = case.word("name").unwrap_or(lexed.word(case.token)).to_owned();
    let later =
        case.text.names.of(&name).find(|d| d.kind == NameKind::Function && d.token > case.token);
    let Some(function) =
        later.and_then(|d| Some((d, (d.token..lexed.code.len()).find(|at| lexed.is(*at, "{"))?)))
    else {
        return;
    };
    let start = case.statement_start(function.0.token);
    let start = if lexed.code[start].kind == TokenKind::Directive { start + 1 } else { start };
    let header = text_of(case, (start, function.1 - 1));
    let around = function_around(case, case.token);
    let Some(user) = around.map(|f| case.statement_start(f.open)) else { return };
    let line = lexed.code[user
        .max((user..).find(|at| lexed.kind(*at) != Some(TokenKind::Directive)).unwrap_or(user))]
    .line;
    let end = lexed.source.line_end_text();
    let edit = case.insert(lexed.source.line_start(line), format!("{header};{end}{end}"));
    all.push(Candidate::new(MistakeId::UsedBeforeDeclared, w::IMPORT, vec![edit]));
}

/// Java and C#: a method that is called without an object. `Ferry.Tide(int)` is named with its class.
fn made_static(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let plain = |name: &str| {
        let name = name.split('(').next().unwrap_or(name);
        name.rsplit('.').next().unwrap_or(name).to_owned()
    };
    let Some(name) = case.word("name").map(plain) else { return };
    for declared in case.text.names.of(&name) {
        if let Some((first, _)) = declared.typed {
            let edit = case.insert(lexed.code[first].start, "static ");
            all.push(Candidate::new(MistakeId::MissingStatic, CALLED_WITHOUT_OBJECT, vec![edit]));
        }
    }
}

/// Java: an exception that must be declared.
fn throws(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(exception) = case.word("name").map(str::to_owned) else { return };
    let Some(function) = function_around(case, case.token) else { return };
    let edit = if lexed.is(function.parameters_close + 1, "throws") {
        case.insert(case.end_before(function.open), format!(", {exception}"))
    } else {
        case.insert(lexed.code[function.parameters_close].end, format!(" throws {exception}"))
    };
    all.push(Candidate::new(MistakeId::MissingThrows, DECLARED_EXCEPTION, vec![edit]));
}

/// Go: a name that is never used: taken out, or given to the call in which it was forgotten.
fn unused(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.code[case.token].line;
    if lexed.kind(case.token) == Some(TokenKind::Str) {
        let source = &lexed.source;
        let edit = Edit::delete(case.file(), source.line_start(line), source.line_start(line + 1));
        all.push(Candidate::new(MistakeId::UnusedName, SPARE_IMPORT, vec![edit]));
        return;
    }
    let name = lexed.word(case.token);
    let Some(declared) = case.text.names.resolve(lexed, case.token) else { return };
    // `:=` in a block declares another variable than the one of that name around it.
    let outer = case.text.names.of(name).any(|other| {
        other.token < case.token && (other.scope.0..=other.scope.1).contains(&case.token)
    });
    if outer && lexed.is(case.token + 1, ":=") {
        let edit = case.replace_token(case.token + 1, "=");
        all.push(Candidate::new(MistakeId::WrongMark, OUTER_VARIABLE, vec![edit]));
    }
    // The other names of the statement are used: this one was, too, where they stand.
    let calls = (case.token..=declared.scope.1).filter(|at| lexed.code[*at].line > line);
    for call in calls.filter_map(|at| super::shape::call_at(case, at)).take(12) {
        let Some(&(first, last)) = call.arguments.last() else { continue };
        let text = lexed.word(first);
        let marks = if lexed.kind(first) == Some(TokenKind::Str) || call.arguments.len() > 1 {
            let format = lexed.word(call.arguments[0].0);
            super::calls::percents(format).len() as i64 - (call.arguments.len() as i64 - 1)
        } else {
            0
        };
        let score = LACKING_VALUE.when(marks == 1) + GIVEN_ALREADY.when(text == name);
        let edit = case.insert(lexed.code[last].end, format!(", {name}"));
        all.push(Candidate::new(MistakeId::MissingArgument, score, vec![edit]).guess());
    }
    let edit = case.replace_token(case.token, "_");
    let several = lexed.is(case.token + 1, ",") || lexed.is(case.token.wrapping_sub(1), ",");
    if several {
        all.push(Candidate::new(MistakeId::UnusedName, NAMELESS, vec![edit]).guess());
    } else {
        let end = case.statement_end(case.token);
        let edit = delete_lines(case, case.statement_start(case.token), end);
        all.push(Candidate::new(MistakeId::UnusedName, SPARE_STATEMENT, vec![edit]).guess());
    }
}

/// Go: a call gives back more values, or fewer, than are taken.
fn results(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(mark) = line.clone().find(|at| matches!(lexed.word(*at), ":=" | "=")) else { return };
    // Nothing may stand before the mark in a text that is no program.
    let Some(left) = mark.checked_sub(1) else { return };
    let edit = case.insert(lexed.code[left].end, ", _");
    all.push(Candidate::new(MistakeId::UnhandledResult, NAMELESS_RESULT, vec![edit]));
    let error = case.insert(lexed.code[left].end, ", err");
    all.push(Candidate::new(MistakeId::UnhandledResult, ERROR_RESULT, vec![error]));
    if let Some(comma) = (line.start.max(1)..mark).rev().find(|at| lexed.is(*at, ",")) {
        let edit = Edit::delete(case.file(), lexed.code[comma - 1].end, lexed.code[left].end);
        all.push(Candidate::new(MistakeId::UnhandledResult, ONE_NAME_LESS, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_second_declaration_was_an_assignment() {
        check_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int tide = 3;\n    int <|>tide = 4;\n    return tide;\n}\n",
            "redefinition of 'tide'",
            "int main(void) {\n    int tide = 3;\n    tide = 4;\n    return tide;\n}\n",
        );
    }

    #[test]
    fn a_name_that_gets_a_value_is_declared() {
        check_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    <|>tide = 3;\n    println!(\"{}\", tide);\n}\n",
            "[E0425] cannot find value `tide` in this scope",
            "fn main() {\n    let tide = 3;\n    println!(\"{}\", tide);\n}\n",
        );
    }

    #[test]
    fn go_declares_with_its_mark() {
        check_fix(
            &FAMILY,
            "go",
            "package main\n\nfunc main() {\n	<|>tide = 3\n	println(tide)\n}\n",
            "undefined: tide",
            "package main\n\nfunc main() {\n	tide := 3\n	println(tide)\n}\n",
        );
    }

    #[test]
    fn an_exception_is_declared() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        <|>load();\n    }\n}\n",
            "unreported exception IOException; must be caught or declared to be thrown",
            "class Quay {\n    void go() throws IOException {\n        load();\n    }\n}\n",
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
    fn two_functions_that_must_agree_are_made_alike() {
        check_among(
            &FAMILY,
            "java",
            "interface Vessel {\n    double knots();\n}\nclass Ferry implements Vessel {\n    public int <|>knots() {\n        return 9;\n    }\n}\n",
            "knots() in Ferry cannot implement knots() in Vessel",
            "interface Vessel {\n    double knots();\n}\nclass Ferry implements Vessel {\n    public double knots() {\n        return 9;\n    }\n}\n",
        );
    }

    #[test]
    fn a_syntax_error_declares_nothing() {
        check_no_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    tide = 3\n    <|>return tide;\n}\n",
            "expected ';' before 'return'",
        );
    }
}
