//! Values of one type where another is wanted: the declaration, the value, or a conversion.

mod agreed;
mod literals;
mod parsed;
pub(super) mod part_meant;
pub(super) mod perhaps;
mod references;
mod returns;
mod texts;
mod used_as;

use super::boxed::BOXED;
use super::family::{Example, Family, Phases};
use super::shape::{calls_near, parameter_of, text_of};
use super::{Candidate, Case, weights as w};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};

/// A condition that assigns was to compare.
const COMPARISON: Factor = weight("a condition assigns", 4.0);
/// A statement that only compares was to assign.
const ASSIGNMENT: Factor = weight("a statement compares", 3.5);
/// A comparison on the line above the reported one.
const LINE_ABOVE: Factor = weight("it stands on the line above", -1.0);
/// A value that a format speaks of.
const FORMAT_VALUE: Factor = weight("a value of the format", -0.5);
/// The value handed on may be the one with the wrong declaration.
const VALUE_ITSELF: Factor = weight("the value that is handed on", -1.0);
/// If several calls complain of a parameter, it is to blame.
const CALLS_COMPLAIN: Factor = weight("calls that complain of the parameter", 1.0);
/// Several errors about one declaration speak against it, up to three more.
const BLAMED: Factor = weight("further errors about the declaration", 1.0);
/// Each line, up to three, that uses what is declared and that nobody complains of.
const USED_RIGHTLY: Factor = weight("other uses fit", -0.5);
/// A declaration that is given a real number.
const HOLDS_REAL: Factor = weight("it is given a real number", 3.0);
/// An operand with one of the types that disagree.
const OPERAND: Factor = weight("an operand of a type that disagrees", -0.5);
/// A name that is used as a pointer and not declared as one.
const POINTER: Factor = weight("it is used as a pointer", 2.0);
/// A name that is given an address.
const ALLOCATED: Factor = weight("it is given an address", 1.5);
/// A name that is followed to what it points at.
const FOLLOWED: Factor = weight("it is followed", 1.5);
/// Another use takes it for no pointer.
const DOTTED: Factor = weight("another use takes it for no pointer", -3.0);
/// What holds a plain value is plain, if it was so before.
const PLAIN_OF_BOXED: Factor = weight("the plain type of what was found", 2.5);
/// A list of what is declared is made there.
const MADE_AS_LIST: Factor = weight("a list of them is made there", 4.0);
/// The type that the message says it found.
const FOUND_TYPE: Factor = weight("the type that was found", 1.5);
/// A real number was found.
const REAL_FOUND: Factor = weight("a real number was found", 2.0);
/// A whole number was found.
const WHOLE_FOUND: Factor = weight("a whole number was found", 1.0);
/// A text was found.
const TEXT_FOUND: Factor = weight("a text was found", 0.5);
/// The same as a text that can grow.
const GROWING_TEXT: Factor = weight("a text that can grow", 0.0);
/// A value of yes or no was found.
const TRUTH_FOUND: Factor = weight("yes or no was found", 0.5);
/// Nothing says so, but a real number is the commonest.
const PERHAPS_REAL: Factor = weight("it may be a real number", -1.0);
/// Nothing says so, but it may be a text.
const PERHAPS_TEXT: Factor = weight("it may be a text", -1.5);
/// Nothing says so, but it may be a whole number.
const PERHAPS_WHOLE: Factor = weight("it may be a whole number", -2.0);

pub(super) static FAMILY: Family = Family {
    id: "types",
    recipes: &[Recipe::Convert],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Fare {\n    void pay() {\n        int fare = <|>3.5;\n    }\n}\n",
        message: "incompatible types: possible lossy conversion from double to int",
        after: "class Fare {\n    void pay() {\n        double fare = 3.5;\n    }\n}\n",
    },
};

/// Further on the name is used as only the other type can be.
const USED_SO: Factor = evidence("the name is used as such further on", 5.0);

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    comparison(case, all);
    // What has no value yet has the right type.
    if case.diagnosis.shows(MistakeId::UnsetVariable) {
        return;
    }
    declaration(case, all);
    literals::literals(case, all);
    texts::texts(case, all);
    parsed::parsed(case, all);
    returns::returns(case, all);
    agreed::agreed(case, all);
    if case.language().borrows {
        references::rust(case, all);
    }
}

/// `=` where `==` was meant, and the other way round.
fn comparison(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.code[case.token].line;
    let lines = [line.saturating_sub(1), line];
    for at in lines.iter().flat_map(|line| lexed.on_line(*line)) {
        let near = LINE_ABOVE * f64::from(lexed.code[at].line.abs_diff(line));
        let start = case.statement_start(at);
        let condition = (start..at)
            .any(|i| matches!(lexed.word(i), "if" | "while" | "return" | "assert" | "&&" | "||"));
        // `if (low) best = tide`: behind the brackets of the condition something is set.
        let behind = (start..at).any(|i| {
            let end = case.text.pairs.partner_of(i + 1);
            matches!(lexed.word(i), "if" | "while")
                && lexed.is(i + 1, "(")
                && end.is_some_and(|end| {
                    end + 1 < at && !lexed.is(end + 1, "&&") && !lexed.is(end + 1, "||")
                })
        });
        let condition = condition && !behind;
        let statement = !condition && lexed.kind(at.wrapping_sub(1)) != Some(TokenKind::Close);
        if lexed.is(at, "=")
            && condition
            && !lexed.is(start, "for")
            && !(start..at).any(|i| lexed.is(i, "let"))
        {
            all.push(Candidate::new(
                MistakeId::AssignmentComparison,
                COMPARISON + near,
                vec![case.replace_token(at, "==")],
            ));
        }
        // What stands in the brackets of a call is asked, not set.
        let asked = case.text.pairs.inside_of(at).is_some_and(|open| !lexed.opens_block(open));
        if lexed.is(at, "==") && statement && !asked {
            all.push(Candidate::new(
                MistakeId::AssignmentComparison,
                ASSIGNMENT + near,
                vec![case.replace_token(at, "=")],
            ));
        }
    }
}

/// The declaration whose value does not fit: change its type.
fn declaration(case: &Case, all: &mut Vec<Candidate>) {
    if case.phase == Phase::Name || case.diagnosis.shows(MistakeId::MissingCase) {
        // A name that nobody knows, and a case that is lacking, say nothing of types.
        return;
    }
    let lexed = case.lexed();
    let start = case.statement_start(case.token);
    let end = case.statement_end(case.token);
    let usual = case.language().usual;
    // What is assigned to: the declared name in this statement, or the name it starts with.
    let here = case
        .text
        .names
        .declared
        .iter()
        .find(|d| (start..=end).contains(&d.token) && d.typed.is_some());
    let assigned = here.or_else(|| {
        let named =
            (start..=end.min(start + 6)).find(|at| lexed.kind(*at) == Some(TokenKind::Name))?;
        case.text.names.resolve(lexed, named)
    });
    let mut targets: Vec<(&Declared, Factor)> =
        assigned.map(|d| (d, VALUE_ITSELF.when(false))).into_iter().collect();
    // A format speaks of its values.
    if case.asks(Recipe::Format) {
        for call in calls_near(case).iter().take(1) {
            for (first, _) in call.arguments.iter().skip(1) {
                targets.extend(case.text.names.resolve(lexed, *first).map(|d| (d, FORMAT_VALUE)));
            }
        }
    }
    // The value handed on may be the one with the wrong declaration.
    if let Some(declared) = case.text.names.resolve(lexed, case.token) {
        targets.push((declared, VALUE_ITSELF));
    }
    // The parameter to which a value is given; if several calls complain of it, it is to blame.
    if let Some(parameter) = parameter_of(case, case.token) {
        let complaints = case
            .all
            .iter()
            .filter(|m| m.is_error() && m.text == case.message.text)
            .filter_map(|m| Some(lexed.at(m.at.as_ref()?.range(&lexed.source).0)))
            .filter(|at| parameter_of(case, *at).is_some_and(|p| p.token == parameter.token));
        let complaints = (complaints.count() as f64 - 1.5).clamp(-0.5, 2.0);
        targets.push((parameter, CALLS_COMPLAIN * complaints));
    }
    let found = found_types(case);
    targets.extend(operands(case, start, end, &found));
    if case.language().directives {
        lost_star(case, &targets, all);
    }
    for (declared, less) in targets {
        let Some(typed) =
            declared.typed.filter(|_| matches!(declared.kind, NameKind::Value | NameKind::Member))
        else {
            continue;
        };
        let now = text_of(case, typed);
        // What a local variable is used for fits a wider type, too.
        let handed = declared.kind == NameKind::Member
            || case.text.pairs.inside_of(declared.token).is_some_and(|open| lexed.is(open, "("));
        let uses = if handed { sound_uses(case, declared).min(3) } else { 0 };
        let dissent = USED_RIGHTLY * uses as f64;
        for (wanted, score) in wanted_types(case, &now, &found) {
            let edit = Edit::replace(
                case.file(),
                lexed.code[typed.0].start,
                lexed.code[typed.1].end,
                wanted,
            );
            // Several messages about one declaration speak against it.
            let name = lexed.word(declared.token);
            let blamed = case.all.iter().filter(|m| m.is_error()).filter(|m| {
                m.line().is_some_and(|line| lexed.on_line(line).any(|at| lexed.word(at) == name))
            });
            let more = BLAMED * (blamed.count() as f64 - 1.0).clamp(0.0, 3.0)
                + HOLDS_REAL.when(holds_real(case, declared.token) && edit.text == usual.real);
            let so = !is_plain(case, &edit.text)
                && is_plain(case, &now)
                && used_as::used_as(case, declared, &edit.text);
            let score = w::TYPE_FIX + score + less + more + dissent + USED_SO.when(so);
            let candidate = Candidate::new(MistakeId::WrongType, score, vec![edit]);
            // Other uses of what is declared elsewhere may be the right ones.
            let elsewhere = !(start..=end).contains(&declared.token);
            all.push(if elsewhere { candidate.guess() } else { candidate });
        }
    }
}

/// Names in a statement that have one of the types a message found to disagree.
fn operands<'a>(
    case: &'a Case,
    start: usize,
    end: usize,
    found: &[String],
) -> Vec<(&'a Declared, Factor)> {
    let lexed = case.lexed();
    let mut all: Vec<(&Declared, Factor)> = Vec::new();
    for token in start..=end {
        let Some(declared) = case.text.names.resolve(lexed, token) else { continue };
        let typed = declared.typed.map_or(String::new(), |typed| text_of(case, typed));
        let new = all.iter().all(|(other, _)| other.token != declared.token);
        if new && lexed.kind(token) == Some(TokenKind::Name) && found.contains(&typed) {
            all.push((declared, OPERAND));
        }
    }
    all
}

/// C: a variable that is used as a pointer and not declared as one.
fn lost_star(case: &Case, targets: &[(&Declared, Factor)], all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Where an arrow is complained of, its object stands in front of it.
    let pointed = case.token.saturating_sub(usize::from(lexed.is(case.token, "->")));
    let at_message = case.text.names.resolve(lexed, pointed);
    for declared in targets.iter().map(|(declared, _)| *declared).chain(at_message) {
        let name = lexed.word(declared.token);
        let allocated = (declared.token..declared.token + 4).any(|at| {
            matches!(lexed.word(at), "malloc" | "calloc" | "realloc" | "NULL" | "nullptr" | "new")
        });
        let followed = case.text.names.seen.get(name).is_some_and(|seen| {
            seen.iter().any(|at| {
                lexed.is(at + 1, "->")
                    || (lexed.is(at.wrapping_sub(1), "*")
                        && lexed.kind(at.wrapping_sub(2)) != Some(TokenKind::Name))
            })
        });
        let star = declared.typed.is_some_and(|(_, last)| lexed.is(last, "*"));
        if !star && declared.typed.is_some() && (allocated || followed) {
            let edit = case.insert(lexed.code[declared.token].start, "*");
            let dotted = case
                .text
                .names
                .seen
                .get(name)
                .is_some_and(|seen| seen.iter().any(|at| lexed.is(at + 1, ".")));
            let score =
                POINTER + ALLOCATED.when(allocated) + FOLLOWED.when(followed) + DOTTED.when(dotted);
            all.push(Candidate::new(MistakeId::WrongType, score, vec![edit]));
        }
    }
}

/// Whether the statement that declares a name gives it a real number.
fn holds_real(case: &Case, token: usize) -> bool {
    let lexed = case.lexed();
    let end = (token..lexed.code.len()).find(|at| lexed.is(*at, ";")).unwrap_or(token);
    lexed.is(token + 1, "=") | lexed.is(token + 1, "[")
        && (token..end)
            .any(|at| lexed.kind(at) == Some(TokenKind::Number) && lexed.word(at).contains('.'))
}

/// The types that a message says it found: quoted, or after "from" and "to".
fn found_types(case: &Case) -> Vec<String> {
    let holes = ["found", "from", "to", "expected"];
    let mut all: Vec<String> = holes.iter().filter_map(|hole| case.word(hole)).map(clean).collect();
    for span in &case.message.spans {
        let quoted = span.text.split(['`', '\'']).skip(1).step_by(2);
        all.extend(quoted.map(clean));
    }
    // Scala names all that several values have in common: `Product with Vessel`.
    let common: Vec<String> = all
        .iter()
        .filter_map(|one| one.rsplit_once(" with "))
        .map(|(_, last)| clean(last))
        .collect();
    all.extend(common);
    all.retain(|name| name.len() < 40 && !name.is_empty());
    all
}

fn clean(text: &str) -> String {
    text.trim_matches(['\'', '`', '"']).to_owned()
}

/// Types that a declaration may have been meant to have.
fn wanted_types(case: &Case, now: &str, found: &[String]) -> Vec<(String, Factor)> {
    let usual = case.language().usual;
    let plain = is_plain(case, now);
    let mut all: Vec<(String, Factor)> = Vec::new();
    let mut push = |name: &str, score: Factor| {
        let known = (case.language().is_type(name.trim_end_matches("[]")) && name != "void")
            || case.text.names.seen.contains_key(name.trim_matches('&').trim_end_matches("[]"));
        let known = known || name == usual.text || matches!(name, "String" | "&str");
        // A type of the learner's own is no slip for a plain one.
        let fits = plain || !is_plain(case, name);
        let same =
            |one: &str| one == name || case.language().any_case && one.eq_ignore_ascii_case(name);
        if !same(now) && known && fits && !all.iter().any(|(other, _)| same(other)) {
            all.push((name.to_owned(), score));
        }
    };
    // What is made there as a list is one.
    let lexed = case.lexed();
    let makes_list = lexed
        .on_line(lexed.code[case.token].line)
        .any(|at| lexed.is(at, "=") && matches!(lexed.word(at + 1), "new" | "{"));
    for name in found {
        // TypeScript: an empty list may hold what the declaration names.
        if name.starts_with("never") {
            if name.ends_with("[]") && !now.ends_with(']') {
                push(&format!("{now}[]"), FOUND_TYPE);
            }
            continue;
        }
        // What holds a plain value is plain, if it was so before.
        match BOXED.iter().find(|(boxed, _)| boxed == name) {
            Some((_, plain)) if case.language().is_type(now) => push(plain, PLAIN_OF_BOXED),
            _ if makes_list && *name == format!("{now}[]") => push(name, MADE_AS_LIST),
            _ => push(name, FOUND_TYPE),
        }
    }
    let has = |name: &str| found.iter().any(|f| f == name);
    if has(usual.real)
        || has("double")
        || has("Single")
        || has("float")
        || has("f64")
        || has("{float}")
        || has("floating-point number")
    {
        push(usual.real, REAL_FOUND);
    }
    if has(usual.whole) || has("LongInt") || has("SmallInt") || has("integer") || has("{integer}") {
        push(usual.whole, WHOLE_FOUND);
    }
    if found
        .iter()
        .any(|f| f.contains("char") || f == "String" || f.contains("string") || f == "&str")
    {
        push(usual.text, TEXT_FOUND);
        push("String", GROWING_TEXT);
    }
    if has("boolean") || has("bool") {
        push(usual.truth, TRUTH_FOUND);
    }
    // mcs 6.8 writes the constant and not its type.
    let whole = case.message.text.strip_prefix("Constant value '").is_some_and(|rest| {
        let value = rest.split('\'').next().unwrap_or("");
        !value.is_empty() && value.bytes().all(|byte| byte.is_ascii_digit())
    });
    if whole {
        push(usual.whole, WHOLE_FOUND);
        return all;
    }
    push(usual.real, PERHAPS_REAL);
    push(usual.text, PERHAPS_TEXT);
    push(usual.whole, PERHAPS_WHOLE);
    all
}

/// Returns whether a type is one of the language's plain ones: a number, a truth or a text.
fn is_plain(case: &Case, typed: &str) -> bool {
    let language = case.language();
    let mut words =
        typed.split(|c: char| !c.is_alphanumeric() && c != '_').filter(|w| !w.is_empty());
    let listed = typed.contains(['<', '[', '(']);
    !listed
        && words.all(|word| {
            language.is_type(word)
                || matches!(word, "String" | "string" | "str" | "std" | "const" | "mut" | "Integer")
                || word == language.usual.text
        })
}

/// Returns on how many lines a declared name is used without a message about it.
fn sound_uses(case: &Case, declared: &Declared) -> usize {
    let lexed = case.lexed();
    let name = lexed.word(declared.token);
    let own = lexed.code[declared.token].line;
    let told: Vec<u32> =
        case.all.iter().filter(|m| m.is_error()).filter_map(|m| m.line()).collect();
    let seen = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
    let mut lines: Vec<u32> = seen.iter().map(|at| lexed.code[*at].line).collect();
    lines.dedup();
    lines.retain(|line| *line != own && !told.contains(line));
    lines.len()
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix, rated};
    use super::FAMILY;
    use crate::fixes::Certainty;

    #[test]
    fn a_value_of_an_enumeration_needs_no_quotes() {
        check_fix(
            &FAMILY,
            "java",
            "enum Light { RED, GREEN }\nclass Quay {\n    void show(Light light) {}\n    void go() {\n        show(<|>\"RED\");\n    }\n}\n",
            "incompatible types: String cannot be converted to Light",
            "enum Light { RED, GREEN }\nclass Quay {\n    void show(Light light) {}\n    void go() {\n        show(Light.RED);\n    }\n}\n",
        );
        check_fix(
            &FAMILY,
            "pascal",
            "type\n  TState = (Quiet, Broken);\nvar\n  state: TState;\nbegin\n  state := <|>'Broken';\nend.\n",
            "Incompatible types: got \"Constant String\" expected \"TState\"",
            "type\n  TState = (Quiet, Broken);\nvar\n  state: TState;\nbegin\n  state := Broken;\nend.\n",
        );
    }

    #[test]
    fn what_a_name_is_used_as_tells_its_type() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(String line) {\n        String parts = line.<|>split(\",\");\n        show(parts[0]);\n    }\n}\n",
            "incompatible types: String[] cannot be converted to String",
            "class Quay {\n    void go(String line) {\n        String[] parts = line.split(\",\");\n        show(parts[0]);\n    }\n}\n",
        );
        check_fix(
            &FAMILY,
            "java",
            "class Boat { int seats() { return 3; } }\nclass Quay {\n    Boat next() { return null; }\n    void go() {\n        int first = <|>next();\n        show(first.seats());\n    }\n}\n",
            "incompatible types: Boat cannot be converted to int",
            "class Boat { int seats() { return 3; } }\nclass Quay {\n    Boat next() { return null; }\n    void go() {\n        Boat first = next();\n        show(first.seats());\n    }\n}\n",
        );
    }

    #[test]
    fn a_number_is_read_from_a_text() {
        check_among(
            &FAMILY,
            "typescript",
            "const parts: string[] = [\"3\"];\nconst low: { n: number } = { <|>n: parts[0] };\n",
            "Type 'string' is not assignable to type 'number'.",
            "const parts: string[] = [\"3\"];\nconst low: { n: number } = { n: Number(parts[0]) };\n",
        );
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    void go(String[] args) {\n        int low = args<|>[0];\n    }\n}\n",
            "incompatible types: String cannot be converted to int",
            "class Quay {\n    void go(String[] args) {\n        int low = Integer.parseInt(args[0]);\n    }\n}\n",
        );
    }

    #[test]
    fn a_condition_that_assigns_was_to_compare() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int t) {\n        if (t <|>= 3) {\n        }\n    }\n}\n",
            "incompatible types: int cannot be converted to boolean",
            "class Quay {\n    void go(int t) {\n        if (t == 3) {\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn a_number_in_quotes_loses_them() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    int seats = <|>\"40\";\n}\n",
            "incompatible types: String cannot be converted to int",
            "class Quay {\n    int seats = 40;\n}\n",
        );
    }

    #[test]
    fn a_whole_number_becomes_a_real_one() {
        check_among(
            &FAMILY,
            "rust",
            "fn main() {\n    let tide: f64 = <|>3;\n    println!(\"{}\", tide);\n}\n",
            "[E0308] mismatched types",
            "fn main() {\n    let tide: f64 = 3.0;\n    println!(\"{}\", tide);\n}\n",
        );
    }

    #[test]
    fn one_letter_stands_in_single_quotes() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    char pier = <|>\"A\";\n}\n",
            "incompatible types: String cannot be converted to char",
            "class Quay {\n    char pier = 'A';\n}\n",
        );
    }

    #[test]
    fn a_text_type_is_declared_for_a_text() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    int name = <|>\"East\";\n}\n",
            "incompatible types: String cannot be converted to int",
            "class Quay {\n    String name = \"East\";\n}\n",
        );
    }

    #[test]
    fn a_function_returns_what_its_body_gives() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    int name() {\n        return <|>\"East\";\n    }\n}\n",
            "incompatible types: String cannot be converted to int",
            "class Quay {\n    String name() {\n        return \"East\";\n    }\n}\n",
        );
    }

    #[test]
    fn a_value_is_made_a_text_where_one_is_wanted() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    String go(StringBuilder text) {\n        return <|>text;\n    }\n}\n",
            "incompatible types: StringBuilder cannot be converted to String",
            "class Quay {\n    String go(StringBuilder text) {\n        return text.toString();\n    }\n}\n",
        );
    }

    #[test]
    fn a_suffix_that_the_compiler_names_is_put_behind_a_number() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    decimal fare = <|>2.5;\n}\n",
            "[CS0664] Literal of type double cannot be implicitly converted to type 'decimal'. Add suffix 'm' to create a literal of this type",
            "class Quay {\n    decimal fare = 2.5m;\n}\n",
        );
    }

    #[test]
    fn a_syntax_error_changes_no_type() {
        check_no_fix(&FAMILY, "java", "class Quay {\n    int seats = <|>40\n}\n", "';' expected");
    }

    #[test]
    fn a_type_that_is_written_elsewhere_is_turned_round_as_a_guess_only() {
        let text = "class Fare {\n    int pay(String zone) {\n        int fare = <|>zone;\n        return fare;\n    }\n}\n";
        let said = "incompatible types: String cannot be converted to int";
        let found = rated(&FAMILY, "java", text, said);
        let certainty = |written: &str| {
            let fix = found.iter().find(|(text, _)| text.contains(written));
            fix.map(|(_, certainty)| *certainty)
        };
        assert_eq!(certainty("String fare = zone"), Some(Certainty::Sure));
        assert_eq!(certainty("int pay(int zone)"), Some(Certainty::Guess));
    }
}
