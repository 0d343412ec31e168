//! Calls with too few, too many or misplaced arguments, and formats that do not fit their values.

use super::family::{Example, Family, Phases};
use super::shape::{Call, calls_near, may_be, parameters_of_call, text_of, type_of};
use super::values::{Gap, values};
use super::{Candidate, Case, weights as w};
use crate::score::{Factor, Score, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// Each call that is nearer to the reported place.
const CALL_RANK: Factor = weight("a call further from the place", -1.2);
/// An argument too many.
const EXTRA: Factor = weight("one argument more than fits", 1.0);
/// People add at the end.
const LAST_EXTRA: Factor = weight("it is the last one", 0.6);
/// The same argument twice in a row.
const SAME_AS_BEFORE: Factor = weight("it is the same as the one before", 1.0);
/// A plain number is added more easily than an expression.
const LITERAL: Factor = weight("it is a plain number", 0.5);
/// Two neighbouring arguments in the wrong order.
const SWAPPED: Factor = weight("two neighbours in the wrong order", 1.0);
/// Neither fits its own parameter, and each that of the other.
const CROSSED: Factor = weight("each fits only the parameter of the other", 2.0);
/// Of all that can be wrong with a call, a quite different value is rare.
const OTHER_VALUE: Factor = weight("another value is given", -2.5);
/// Two values without a comma between them.
const SIDE_BY_SIDE: Factor = weight("two values stand side by side", 3.5);
/// Each other argument that fits its parameter.
const ARGUMENT_FITS: Factor = weight("an argument that has the type of its parameter", 0.7);
/// Each other argument that does not.
const ARGUMENT_MISFITS: Factor =
    weight("an argument that has another type than its parameter", -0.7);
/// The last value of a format is forgotten most easily.
const LAST_VALUE: Factor = weight("it is the last one", 0.5);
/// Taking a mark out loses what the learner wrote.
const MARK_TAKEN_OUT: Factor = weight("a mark of the format is taken out", -2.0);
/// A value without a mark.
const EXTRA_VALUE: Factor = weight("one value more than the format has marks", 1.5);
/// The mark that the type of the value asks for.
const MARK_FOR_TYPE: Factor = weight("the mark for the type of the value", 2.5);
/// Each mark that is more usual than this one.
const OTHER_MARK: Factor = weight("a rarer mark", -0.4);
/// Two values that fit the marks of each other.
const SWAPPED_VALUES: Factor = weight("the other way round they fit their marks", 2.5);
/// Each value that fits the mark it meets.
const MARK_FITS: Factor = weight("a value that fits its mark", 0.7);
/// Each value that does not.
const MARK_MISFITS: Factor = weight("a value that does not fit its mark", -1.2);

pub(super) static FAMILY: Family = Family {
    id: "calls",
    recipes: &[Recipe::Arguments, Recipe::Format],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int rise(int tide, int hours);\nint up(int tide) {\n    return <|>rise(tide, 2, 3);\n}\n",
        message: "too many arguments to function 'rise'",
        after: "int rise(int tide, int hours);\nint up(int tide) {\n    return rise(tide, 2);\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.asks(Recipe::Arguments) || case.asks(Recipe::Format) {
        for (rank, call) in calls_near(case).iter().enumerate() {
            let less = CALL_RANK * rank as f64;
            if case.asks(Recipe::Arguments) {
                arguments(case, call, less, all);
                // Where functions are given values side by side, no comma is missing between them.
                if !case.language().applies_bare {
                    lost_comma(case, call, less, all);
                }
            }
            format_marks(case, call, less, all);
        }
    }
}

/// Whether the head of the function that is called takes any number of values: `...lines`.
fn takes_more(case: &Case, call: &Call) -> bool {
    let lexed = case.lexed();
    let mut heads = case.text.names.of(lexed.word(call.name)).filter_map(|one| {
        let open = one.token + 1;
        let close = case.text.pairs.partner_of(open).filter(|_| lexed.is(open, "("))?;
        (close > open).then_some((open, close))
    });
    heads.any(|(open, close)| (open..close).any(|at| matches!(lexed.word(at), "..." | "params")))
}

/// A call with too few, too many, or misplaced arguments.
pub(super) fn arguments(case: &Case, call: &Call, less: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let wanted = parameters_of_call(case, call);
    let given = call.arguments.len();
    let types: Vec<Option<String>> =
        call.arguments.iter().map(|(first, last)| type_of(case, *first, *last)).collect();
    let count = wanted.as_ref().map(Vec::len);
    // Where nothing counts the values, one that is taken out only silences the compiler.
    let counts = case.diagnosis.shows(MistakeId::ExtraArgument);
    if count.map_or(counts, |count| given > count) && !takes_more(case, call) {
        for index in 0..given {
            // What holds the reported place would take the message with it, whatever is wrong.
            let (first, last) = call.arguments[index];
            if (first..=last).contains(&case.token) && last > first + 2 {
                continue;
            }
            let doubled = index > 0
                && text_of(case, call.arguments[index]) == text_of(case, call.arguments[index - 1]);
            let simple = call.arguments[index].0 == call.arguments[index].1;
            let literal = simple && lexed.kind(call.arguments[index].0) == Some(TokenKind::Number);
            let last = LAST_EXTRA.when(index + 1 == given);
            let fits = wanted
                .as_ref()
                .map_or(Score::default(), |wanted| fit_without(&types, wanted, index));
            let score =
                EXTRA + less + last + fits + SAME_AS_BEFORE.when(doubled) + LITERAL.when(literal);
            all.push(Candidate::new(
                MistakeId::ExtraArgument,
                score,
                vec![without_argument(case, call, index)],
            ));
        }
    }
    // Compilers count the values before they look at their types.
    let lacks = given == 0 || case.diagnosis.shows(MistakeId::MissingArgument);
    if count.map_or(lacks, |count| given < count) {
        for index in 0..=given {
            let parameter = wanted.as_ref().and_then(|wanted| wanted.get(index));
            let fits = wanted
                .as_ref()
                .map_or(Score::default(), |wanted| fit_with_gap(&types, wanted, index));
            for (value, score) in values(case, &gap(call, index, parameter)) {
                let edit = with_argument(case, call, index, &value);
                all.push(
                    Candidate::new(
                        MistakeId::MissingArgument,
                        w::MADE_UP + score + less + fits.clone(),
                        vec![edit],
                    )
                    .guess(),
                );
            }
        }
    }
    if count.is_none_or(|count| given == count) {
        for index in 1..given {
            let (a, b) = (call.arguments[index - 1], call.arguments[index]);
            let (start, end) = (lexed.code[a.0].start, lexed.code[b.1].end);
            let between =
                lexed.source.slice(lexed.code[a.1].end, lexed.code[b.0].start).into_owned();
            let text = format!("{}{between}{}", text_of(case, b), text_of(case, a));
            let edit = Edit::replace(case.file(), start, end, text);
            let better = wanted
                .as_ref()
                .map_or(Score::default(), |wanted| fit_turned(&types, wanted, index));
            let crossed =
                wanted.as_ref().is_some_and(|wanted| crossed(case, &types, wanted, index));
            let score = SWAPPED + less + better + CROSSED.when(crossed);
            all.push(Candidate::new(MistakeId::WrongArgumentOrder, score, vec![edit]));
        }
        for (index, &(first, last)) in call.arguments.iter().enumerate() {
            let parameter = wanted.as_ref().and_then(|wanted| wanted.get(index));
            if first != last || parameter.is_none() {
                continue;
            }
            for (value, score) in values(case, &gap(call, index, parameter)).into_iter().take(3) {
                // A name is not typed in the place of a number.
                let named = case.text.names.of(&value).next().is_some();
                let literal = lexed.kind(first) != Some(TokenKind::Name);
                if value != lexed.word(first) && (named || literal) {
                    let edit = case.replace_token(first, value);
                    all.push(
                        Candidate::new(
                            MistakeId::WrongArgument,
                            w::MADE_UP + score + OTHER_VALUE + less,
                            vec![edit],
                        )
                        .guess(),
                    );
                }
            }
        }
    }
}

/// `fare(2 zones)`: two values side by side, where a `,` was lost between them.
fn lost_comma(case: &Case, call: &Call, less: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Where values stand behind their function, two side by side are no list.
    if case.language().applies_bare {
        return;
    }
    let operand = |at: usize| {
        matches!(
            lexed.kind(at),
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Char)
        )
    };
    for at in call.open + 1..call.close {
        if operand(at) && operand(at + 1) && case.text.pairs.inside_of(at) == Some(call.open) {
            let edit = case.insert(lexed.code[at].end, ",");
            all.push(Candidate::new(MistakeId::MissingSeparator, SIDE_BY_SIDE + less, vec![edit]));
        }
    }
}

fn gap<'a>(call: &Call, index: usize, parameter: Option<&'a (String, String)>) -> Gap<'a> {
    let (typed, name) = parameter.map_or(("", ""), |(typed, name)| (typed.as_str(), name.as_str()));
    Gap { call: call.name, index: Some(index), typed, name, words: Vec::new() }
}

/// How well the other arguments fit the parameters when one is taken out.
fn fit_without(types: &[Option<String>], wanted: &[(String, String)], gone: usize) -> Score {
    let rest = types.iter().enumerate().filter(|(index, _)| *index != gone).map(|(_, typed)| typed);
    rest.zip(wanted).map(|(typed, (wanted, _))| fit(typed, wanted)).sum()
}

/// How well they fit when one is missing at an index.
fn fit_with_gap(types: &[Option<String>], wanted: &[(String, String)], gap: usize) -> Score {
    let places =
        wanted.iter().enumerate().filter(|(index, _)| *index != gap).map(|(_, wanted)| wanted);
    types.iter().zip(places).map(|(typed, (wanted, _))| fit(typed, wanted)).sum()
}

/// How much better an argument and the one before it fit the parameters of each other than their own.
fn fit_turned(types: &[Option<String>], wanted: &[(String, String)], index: usize) -> Score {
    let (Some([a, b]), Some([(first, _), (second, _)])) =
        (types.get(index - 1..=index), wanted.get(index - 1..=index))
    else {
        return Score::default();
    };
    let (now, then): (Score, Score) =
        (fit(a, first) + fit(b, second), fit(b, first) + fit(a, second));
    then - now
}

/// Whether an argument and the one before it can be given only for the parameters of each other.
fn crossed(
    case: &Case,
    types: &[Option<String>],
    wanted: &[(String, String)],
    index: usize,
) -> bool {
    let (Some([a, b]), Some([(first, _), (second, _)])) =
        (types.get(index - 1..=index), wanted.get(index - 1..=index))
    else {
        return false;
    };
    let meets = |typed: &Option<String>, wanted: &str| may_be(case, typed.as_deref(), wanted);
    a.is_some()
        && b.is_some()
        && !meets(a, first)
        && !meets(b, second)
        && meets(b, first)
        && meets(a, second)
}

fn fit(typed: &Option<String>, wanted: &str) -> Factor {
    match typed {
        Some(typed) if bare(typed) == bare(wanted) => ARGUMENT_FITS,
        Some(_) => ARGUMENT_MISFITS,
        None => ARGUMENT_FITS.when(false),
    }
}

fn without_argument(case: &Case, call: &Call, index: usize) -> Edit {
    let lexed = case.lexed();
    let (first, last) = call.arguments[index];
    let (start, end) = if index > 0 {
        (lexed.code[call.arguments[index - 1].1].end, lexed.code[last].end)
    } else if call.arguments.len() > 1 {
        (lexed.code[first].start, lexed.code[call.arguments[1].0].start)
    } else {
        (lexed.code[first].start, lexed.code[last].end)
    };
    Edit::delete(case.file(), start, end)
}

fn with_argument(case: &Case, call: &Call, index: usize, value: &str) -> Edit {
    let lexed = case.lexed();
    match call.arguments.get(index) {
        Some((first, _)) => case.insert(lexed.code[*first].start, format!("{value}, ")),
        None if index > 0 => {
            case.insert(lexed.code[call.arguments[index - 1].1].end, format!(", {value}"))
        }
        None => case.insert(lexed.code[call.open].end, value),
    }
}

/// A type without what may differ where a value is handed on.
fn bare(typed: &str) -> &str {
    typed.trim_start_matches("const ").trim_start_matches('&').trim_end_matches(['*', ' '])
}

/// `%d` and its like against the values after the format; `{}` in Rust.
fn format_marks(case: &Case, call: &Call, less: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let format = call
        .arguments
        .iter()
        .position(|(first, last)| first == last && lexed.kind(*first) == Some(TokenKind::Str));
    let Some(format) = format else { return };
    let token = lexed.code[call.arguments[format].0];
    let text = lexed.text(&token).to_owned();
    let marks = if case.language().braces_in_formats { braces(&text) } else { percents(&text) };
    let values_given = call.arguments.len() - format - 1;
    let holes = marks.len();
    let untyped = case.language().braces_in_formats;
    let wanted: Vec<Option<&str>> = marks
        .iter()
        .map(|(at, end)| if untyped { None } else { type_for(&text[*at..*end]) })
        .collect();
    let types: Vec<Option<String>> = call.arguments[format + 1..]
        .iter()
        .map(|(first, last)| type_of(case, *first, *last))
        .collect();
    if holes > values_given {
        for index in 0..=values_given {
            // What stands before the gap meets its own mark, what stands behind it the next one.
            let fit: Score = types
                .iter()
                .enumerate()
                .map(|(at, typed)| meets(typed, wanted[if at < index { at } else { at + 1 }]))
                .sum();
            let typed = wanted.get(index).copied().flatten().unwrap_or("");
            let words = marks.get(index).map_or(Vec::new(), |mark| words_beside(&text, *mark));
            let place = format + 1 + index;
            let gap = Gap { call: call.name, index: None, typed, name: "", words };
            for (value, score) in values(case, &gap) {
                let last = LAST_VALUE.when(index == values_given);
                let edit = with_argument(case, call, place, &value);
                let score = score + less + last + fit.clone();
                all.push(Candidate::new(MistakeId::MissingArgument, score, vec![edit]).guess());
            }
        }
        if let Some((at, end)) = marks.last() {
            let edit = Edit::delete(case.file(), token.start + at, token.start + end);
            all.push(
                Candidate::new(MistakeId::WrongFormat, MARK_TAKEN_OUT + less, vec![edit]).guess(),
            );
        }
    }
    if holes < values_given {
        for index in format + 1..call.arguments.len() {
            let last = LAST_VALUE.when(index + 1 == call.arguments.len());
            all.push(Candidate::new(
                MistakeId::ExtraArgument,
                EXTRA_VALUE + less + last,
                vec![without_argument(case, call, index)],
            ));
        }
    }
    if untyped || holes != values_given {
        return;
    }
    swapped_values(case, call, format, (&types, &wanted), less, all);
    for (index, (at, end)) in marks.iter().enumerate() {
        let (first, last) = call.arguments[format + 1 + index];
        let known = type_of(case, first, last);
        let wanted = known.as_deref().and_then(percent_for);
        let now = &text[*at..*end];
        let choices: Vec<&str> =
            wanted.into_iter().chain(["d", "f", "s", "c", "ld", "zu", "u"]).collect();
        for (rank, kind) in choices.into_iter().enumerate().take(5) {
            if now.ends_with(kind) && now.len() == kind.len() + 1 {
                continue;
            }
            let letters = now.trim_end_matches(|c: char| c.is_ascii_alphabetic()).to_owned();
            let edit = Edit::replace(
                case.file(),
                token.start + at,
                token.start + end,
                format!("{letters}{kind}"),
            );
            let near = MARK_FOR_TYPE.when(known.is_some() && rank == 0);
            all.push(Candidate::new(
                MistakeId::WrongFormat,
                near + OTHER_MARK * rank as f64 + less,
                vec![edit],
            ));
        }
    }
}

/// Two values of a format in the wrong order: the other way round they fit their marks.
fn swapped_values(
    case: &Case,
    call: &Call,
    format: usize,
    (types, wanted): (&[Option<String>], &[Option<&str>]),
    less: Factor,
    all: &mut Vec<Candidate>,
) {
    let lexed = case.lexed();
    for index in 1..types.len() {
        let now: Score =
            meets(&types[index - 1], wanted[index - 1]) + meets(&types[index], wanted[index]);
        let then: Score =
            meets(&types[index], wanted[index - 1]) + meets(&types[index - 1], wanted[index]);
        if then.total() <= now.total() {
            continue;
        }
        let (a, b) = (call.arguments[format + index], call.arguments[format + 1 + index]);
        let between = lexed.source.slice(lexed.code[a.1].end, lexed.code[b.0].start).into_owned();
        let text = format!("{}{between}{}", text_of(case, b), text_of(case, a));
        let edit = Edit::replace(case.file(), lexed.code[a.0].start, lexed.code[b.1].end, text);
        let score = SWAPPED_VALUES + then - now + less;
        all.push(Candidate::new(MistakeId::WrongArgumentOrder, score, vec![edit]));
    }
}

/// How well a value's type fits the mark that it meets.
fn meets(typed: &Option<String>, wanted: Option<&str>) -> Factor {
    match (typed.as_deref().and_then(percent_for), wanted.and_then(percent_for)) {
        (Some(has), Some(wanted)) if has == wanted => MARK_FITS,
        (Some(_), Some(_)) => MARK_MISFITS,
        _ => MARK_FITS.when(false),
    }
}

/// The type that a mark of a format is for.
fn type_for(mark: &str) -> Option<&'static str> {
    Some(match mark.trim_start_matches(|c: char| !c.is_ascii_alphabetic()) {
        "d" | "i" => "int",
        "f" | "lf" | "g" | "e" => "double",
        "c" => "char",
        "s" => "char *",
        "ld" => "long",
        "zu" => "size_t",
        "u" => "unsigned",
        _ => return None,
    })
}

/// The words of a format next to one of its marks.
fn words_beside(text: &str, (at, end): (usize, usize)) -> Vec<String> {
    let clean = |word: &str| word.trim_matches(|c: char| !c.is_alphanumeric()).to_lowercase();
    let before = text[..at].split_whitespace().next_back().map(clean);
    let after = text[end..].split_whitespace().next().map(clean);
    before.into_iter().chain(after).filter(|word| word.len() > 2).collect()
}

fn percent_for(typed: &str) -> Option<&'static str> {
    Some(match typed.trim_start_matches("const ").trim() {
        "int" | "short" | "bool" => "d",
        "double" | "float" => "f",
        "char" => "c",
        "long" => "ld",
        "size_t" => "zu",
        "unsigned" | "unsigned int" => "u",
        text if text.starts_with("char *") || text == "char*" || text == "String" => "s",
        _ => return None,
    })
}

/// The `%…` marks of a format, as bytes of the literal.
pub(super) fn percents(text: &str) -> Vec<(usize, usize)> {
    let bytes = text.as_bytes();
    let (mut all, mut at) = (Vec::new(), 0);
    while at < bytes.len() {
        if bytes[at] != b'%' {
            at += 1;
        } else if bytes.get(at + 1) == Some(&b'%') {
            at += 2;
        } else {
            let flags = bytes[at + 1..].iter().take_while(|b| !b.is_ascii_alphabetic()).count();
            let mut end = at + 1 + flags;
            while matches!(bytes.get(end), Some(b'l' | b'h' | b'z')) {
                end += 1;
            }
            end = (end + 1).min(bytes.len());
            if bytes.get(end - 1) != Some(&b'n') || flags > 0 {
                all.push((at, end));
            }
            at = end;
        }
    }
    all
}

/// The `{}` marks of a format that take a value from the arguments.
pub(super) fn braces(text: &str) -> Vec<(usize, usize)> {
    let (mut all, mut from) = (Vec::new(), 0);
    let clean = text.replace("{{", "\u{1}\u{1}").replace("}}", "\u{1}\u{1}");
    while let Some(open) = clean[from..].find('{').map(|at| at + from) {
        let Some(close) = clean[open..].find('}').map(|at| at + open) else { break };
        let inner = &clean[open + 1..close];
        if inner.is_empty() || inner.starts_with(':') {
            all.push((open, close + 1));
        }
        from = close + 1;
    }
    all
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::*;

    #[test]
    fn marks_of_formats() {
        assert_eq!(percents("\"%d%% %5.2lf %s\""), vec![(1, 3), (6, 12), (13, 15)]);
        assert_eq!(braces("\"{} {{}} {name} {:.2}\""), vec![(1, 3), (16, 21)]);
    }

    #[test]
    fn a_lost_value_is_the_one_at_hand() {
        check_among(
            &FAMILY,
            "c",
            "int rise(int tide, int hours);\nint up(int tide, int hours) {\n    return <|>rise(tide);\n}\n",
            "too few arguments to function 'rise'",
            "int rise(int tide, int hours);\nint up(int tide, int hours) {\n    return rise(tide, hours);\n}\n",
        );
    }

    #[test]
    fn two_values_side_by_side_lost_their_comma() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    int sum(int a, int b) {\n        return a + b;\n    }\n    int go() {\n        return <|>sum(1 2);\n    }\n}\n",
            "method sum in class Quay cannot be applied to given types;",
            "class Quay {\n    int sum(int a, int b) {\n        return a + b;\n    }\n    int go() {\n        return sum(1, 2);\n    }\n}\n",
        );
    }

    #[test]
    fn a_value_that_stands_twice_goes() {
        check_fix(
            &FAMILY,
            "c",
            "int rise(int tide);\nint up(int tide) {\n    return <|>rise(tide, tide);\n}\n",
            "too many arguments to function 'rise'",
            "int rise(int tide);\nint up(int tide) {\n    return rise(tide);\n}\n",
        );
    }

    #[test]
    fn two_values_change_places() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    void book(String name, int seats) {\n    }\n    void go() {\n        <|>book(3, \"East\");\n    }\n}\n",
            "incompatible types: int cannot be converted to String",
            "class Quay {\n    void book(String name, int seats) {\n    }\n    void go() {\n        book(\"East\", 3);\n    }\n}\n",
        );
    }

    #[test]
    fn the_mark_of_a_format_fits_its_value() {
        check_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    double tide = 3.5;\n    <|>printf(\"%d\", tide);\n    return 0;\n}\n",
            "warning: [-Wformat=] format '%d' expects argument of type 'int', but argument 2 has type 'double'",
            "int main(void) {\n    double tide = 3.5;\n    printf(\"%f\", tide);\n    return 0;\n}\n",
        );
    }

    #[test]
    fn a_value_without_a_mark_goes() {
        check_among(
            &FAMILY,
            "c",
            "int main(void) {\n    int tide = 3;\n    <|>printf(\"%d\", tide, 4);\n    return 0;\n}\n",
            "warning: [-Wformat-extra-args] too many arguments for format",
            "int main(void) {\n    int tide = 3;\n    printf(\"%d\", tide);\n    return 0;\n}\n",
        );
    }

    #[test]
    fn an_unknown_name_changes_no_call() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int t) {\n    return <|>rise(t);\n}\n",
            "'rise' undeclared (first use in this function)",
        );
    }
}
