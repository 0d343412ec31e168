//! A name that is used and never declared: the word, the mark or the type that declares it, or the
//! prototype of a function that is defined further down.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::{function_around, simple_type, text_of, type_of};
use crate::fixes::{Candidate, Case, weights as w};
use crate::score::{Factor, Score, weight};
use erratum_catalogue::{MistakeId, Phase, Recipe};
use erratum_syntax::language::{Declaring, Preference};
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The first use of an undeclared name gives it a value.
const FIRST_VALUE: Factor = weight("its first use gives it a value", 1.5);
/// The head of a loop declares its counter.
const LOOP_COUNTER: Factor = weight("it counts in the head of a loop, and is used only there", 3.5);
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
/// It counts a loop, or the elements of an array.
const COUNTS: Factor = weight("it counts a loop or the elements of an array", 4.0);
/// A name that stands more than once was not declared.
const USED_OFTEN: Factor = weight("the name stands more than once", 1.5);
/// A name that stands only once is rather misspelt.
const USED_ONCE: Factor = weight("the name stands only once", -1.0);
/// The type is declared behind such a word.
const TAGGED: Factor = weight("the type is declared with this word", 5.0);
/// Each nearer section, and each more usual type.
const FURTHER_SECTION: Factor = weight("a section or type further off", -1.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "undeclared",
    recipes: &[Recipe::Declare, Recipe::Respell],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn main() {\n    <|>tide = 3;\n    println!(\"{}\", tide);\n}\n",
        message: "[E0425] cannot find value `tide` in this scope",
        after: "fn main() {\n    let tide = 3;\n    println!(\"{}\", tide);\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.asks(Recipe::Declare) || case.asks(Recipe::Respell) {
        undeclared(case, all);
        tagged(case, all);
        prototype(case, all);
    }
    if case.phase > Phase::Syntax {
        taken_for_another(case, all);
    }
}

/// Go: `peal, ok = t.peals[name]`, where nothing declares the names.
fn several(case: &Case, first: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Declaring::Mark(mark) = case.language().declaring else { return };
    let mut at = first;
    while lexed.kind(at) == Some(TokenKind::Name) && lexed.is(at + 1, ",") {
        at += 2;
    }
    let names = (first..=at).step_by(2);
    let unknown = names.into_iter().all(|at| case.text.names.resolve(lexed, at).is_none());
    if at > first && lexed.kind(at) == Some(TokenKind::Name) && lexed.is(at + 1, "=") && unknown {
        let edit = case.replace_token(at + 1, mark);
        all.push(Candidate::new(MistakeId::WrongMark, DECLARING_MARK, vec![edit]).guess());
    }
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
    // Another function may have a variable of this name.
    let body = function_around(case, case.token).map_or(0, |function| function.open);
    let seen = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
    let first = seen.iter().copied().find(|at| *at > body).unwrap_or(case.token);
    let starts = matches!(lexed.word(first.wrapping_sub(1)), ";" | "{" | "}" | "(" | "for" | "")
        || lexed.code[first].first;
    let assigned = lexed.is(first + 1, "=") || lexed.is(first + 1, ":=");
    if !case.language().variable_section.is_empty() {
        pascal_variable(case, name, assigned.then_some(first), all);
    }
    if starts && !assigned {
        several(case, first, all);
    }
    if !starts || !assigned {
        return;
    }
    let value = simple_type(case, first + 2)
        .filter(|_| matches!(lexed.word(first + 3), ";" | "+" | "-" | "*" | "/"))
        .or_else(|| type_of(case, first + 2, case.statement_end(first).checked_sub(1)?));
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
            let score = DECLARING_MARK + LOOP_COUNTER.when(is_counter(case, first));
            all.push(Candidate::new(MistakeId::WrongMark, score, vec![edit]));
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
    // A counter is of the type of its first value.
    let counter = is_counter(case, first);
    let counts = LOOP_COUNTER.when(counter);
    let words = words.into_iter().take(if counter { 1 } else { usize::MAX });
    for (word, score) in words {
        let score = score + counts;
        all.push(Candidate::new(
            MistakeId::MissingDeclaration,
            score,
            vec![case.insert(start, word)],
        ));
    }
}

/// Whether a name is given its first value in the head of a loop, and used nowhere else.
fn is_counter(case: &Case, first: usize) -> bool {
    let lexed = case.lexed();
    let head = first - usize::from(lexed.before(first) == "(");
    if lexed.before(head) != "for" || head == 0 {
        return false;
    }
    let behind = match lexed.is(head, "(") {
        true => case.text.pairs.partner_of(head).map(|close| close + 1),
        false => (head..lexed.code.len()).find(|at| lexed.opens_block(*at)),
    };
    let Some(body) = behind else { return false };
    let end = match lexed.opens_block(body) {
        true => case.text.pairs.partner_of(body),
        false => Some(case.statement_end(body)),
    };
    let around = function_around(case, first);
    let own = around.map_or(0..lexed.code.len(), |one| one.open..one.close.unwrap_or(one.open));
    let seen = case.text.names.seen.get(lexed.word(first)).map_or(&[][..], Vec::as_slice);
    end.is_some_and(|end| seen.iter().all(|at| !own.contains(at) || (head..=end).contains(at)))
}

/// C: a type that is named without the word under which it is declared, `struct tide`.
fn tagged(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = lexed.word(case.token);
    // C++ knows a type by its name alone.
    let by_word = case.language().directives && !case.language().is_keyword("class");
    if !by_word || lexed.kind(case.token) != Some(TokenKind::Name) {
        return;
    }
    let seen = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
    let tag = seen.iter().find_map(|at| {
        let before = at.checked_sub(1).map(|at| lexed.word(at))?;
        let word = ["struct", "enum", "union"].into_iter().find(|word| *word == before);
        word.filter(|_| *at != case.token)
    });
    if let Some(word) = tag {
        let edit = case.insert(lexed.code[case.token].start, format!("{word} "));
        all.push(Candidate::new(MistakeId::MissingWord, TAGGED, vec![edit]));
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
        None if compared_with_text(case, name) => usual.text.to_owned(),
        None => usual.whole.to_owned(),
    };
    // What counts is a whole number, and nothing else is.
    let others = match counts {
        true => &[][..],
        false => &[usual.whole, usual.real, usual.text, usual.truth][..],
    };
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
            std::iter::once(typed.as_str()).chain(others.iter().copied().filter(|t| *t != typed));
        for (less, typed) in types.enumerate() {
            let text = format!("{indent}{spelt}: {typed};{end}");
            let edit = case.insert(lexed.source.line_start(next.line), text);
            let score = often
                + COUNTS.when(counts)
                + FURTHER_SECTION * less as f64
                + FURTHER_SECTION * rank as f64;
            all.push(Candidate::new(MistakeId::MissingDeclaration, score, vec![edit]));
        }
    }
}

/// Whether a name is compared with a text: `Answer = 'n'`.
fn compared_with_text(case: &Case, name: &str) -> bool {
    let lexed = case.lexed();
    let seen = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
    seen.iter().any(|at| {
        matches!(lexed.word(at + 1), "=" | "<>") && lexed.kind(at + 2) == Some(TokenKind::Str)
    })
}

/// C: a function that is used above its definition needs a prototype.
fn prototype(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().directives {
        return;
    }
    let name = case.word("name").unwrap_or(lexed.word(case.token)).to_owned();
    declared_before(case, &name, case.token, all);
}

/// C: a function that was called above its definition was taken for another one there (seen with gcc 12 and
/// clang 14).
fn taken_for_another(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let told =
        said.contains("follows non-static declaration") || said.contains("conflicting types");
    let mut near = lexed.on_line(lexed.code[case.token].line);
    let defined = |at: &usize| {
        let mut names = case.text.names.of(lexed.word(*at));
        names.any(|one| one.token == *at && one.kind == NameKind::Function)
    };
    let Some(name) = near.find(defined).filter(|_| told && case.language().directives) else {
        return;
    };
    let word = lexed.word(name);
    let first = case.text.names.of(word).map(|one| one.token).min();
    let called = case.text.names.seen.get(word).and_then(|seen| seen.first().copied());
    if let Some(called) = called.filter(|at| *at < name && first == Some(name)) {
        declared_before(case, word, called, all);
    }
}

/// A prototype of a function above the one that calls it at a token.
fn declared_before(case: &Case, name: &str, call: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let later = case.text.names.of(name).find(|d| d.kind == NameKind::Function && d.token > call);
    let Some(function) =
        later.and_then(|d| Some((d, (d.token..lexed.code.len()).find(|at| lexed.is(*at, "{"))?)))
    else {
        return;
    };
    let start = case.statement_start(function.0.token);
    let start = if lexed.code[start].kind == TokenKind::Directive { start + 1 } else { start };
    let header = text_of(case, (start, function.1 - 1));
    let around = function_around(case, call);
    let Some(user) = around.map(|f| case.statement_start(f.open)) else { return };
    let line = lexed.code[user
        .max((user..).find(|at| lexed.kind(*at) != Some(TokenKind::Directive)).unwrap_or(user))]
    .line;
    let end = lexed.source.line_end_text();
    let edit = case.insert(lexed.source.line_start(line), format!("{header};{end}{end}"));
    all.push(Candidate::new(MistakeId::UsedBeforeDeclared, w::IMPORT, vec![edit]));
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_fix, check_no_fix};

    #[test]
    fn several_names_are_declared_at_once() {
        check_fix(
            &FAMILY,
            "go",
            "package main\n\nfunc main() {\n	<|>tide, ok = read()\n	println(tide, ok)\n}\n",
            "undefined: tide",
            "package main\n\nfunc main() {\n	tide, ok := read()\n	println(tide, ok)\n}\n",
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
    fn a_syntax_error_declares_nothing() {
        check_no_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    tide = 3\n    <|>return tide;\n}\n",
            "expected ';' before 'return'",
        );
    }

    #[test]
    fn the_type_of_its_first_value_declares_a_name() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        <|>name = \"East\";\n    }\n}\n",
            "cannot find symbol",
            "class Quay {\n    void go() {\n        String name = \"East\";\n    }\n}\n",
        );
    }

    #[test]
    fn pascal_declares_in_its_section() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  low: Integer;\nbegin\n  low := 2;\n  <|>tide := 3;\n  writeln(low + tide);\nend.\n",
            "Identifier not found \"tide\"",
            "program quay;\nvar\n  tide: integer;\n  low: Integer;\nbegin\n  low := 2;\n  tide := 3;\n  writeln(low + tide);\nend.\n",
        );
    }

    #[test]
    fn what_was_called_before_it_is_defined_gets_one_too() {
        let text = "int up(void) {\n    return tide(3);\n}\n\nstatic int <|>tide(int n) {\n    return n;\n}\n";
        let said = "static declaration of 'tide' follows non-static declaration";
        let after = format!("static int tide(int n);\n\n{}", text.replace("<|>", ""));
        check_fix(&FAMILY, "c", text, said, &after);
    }

    #[test]
    fn a_function_that_is_defined_below_gets_a_prototype() {
        check_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    return <|>rise(3);\n}\n\nint rise(int tide) {\n    return tide * 2;\n}\n",
            "warning: [-Wimplicit-function-declaration] implicit declaration of function 'rise'",
            "int rise(int tide);\n\nint main(void) {\n    return rise(3);\n}\n\nint rise(int tide) {\n    return tide * 2;\n}\n",
        );
    }

    #[test]
    fn typescript_declares_with_a_word() {
        check_among(
            &FAMILY,
            "typescript",
            "function go(): number {\n  <|>tide = 3;\n  return tide;\n}\n",
            "[TS2304] Cannot find name 'tide'.",
            "function go(): number {\n  let tide = 3;\n  return tide;\n}\n",
        );
    }

    #[test]
    fn a_type_of_c_gets_its_word() {
        check_fix(
            &FAMILY,
            "c",
            "struct tide {\n    int hour;\n};\n\nint up(<|>tide one) {\n    return one.hour;\n}\n",
            "unknown type name 'tide'",
            "struct tide {\n    int hour;\n};\n\nint up(struct tide one) {\n    return one.hour;\n}\n",
        );
    }

    #[test]
    fn a_variable_of_another_function_declares_nothing_here() {
        check_fix(
            &FAMILY,
            "c",
            "static int longest(int n)\n{\n    int best = n;\n    return best;\n}\nint main(void)\n{\n    <|>best = longest(3);\n    return best;\n}\n",
            "'best' undeclared (first use in this function)",
            "static int longest(int n)\n{\n    int best = n;\n    return best;\n}\nint main(void)\n{\n    int best = longest(3);\n    return best;\n}\n",
        );
    }

    #[test]
    fn a_name_that_is_only_read_is_not_declared() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go() {\n        return <|>tide;\n    }\n}\n",
            "cannot find symbol",
        );
    }
}
