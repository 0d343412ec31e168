//! Literals in the wrong form: a number in quotes, a real for a whole one, text without quotes.

use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::Declared;
use erratum_syntax::spelling::edit_distance;

/// The message points at the literal.
const POINTED_AT: Factor = weight("the message points at it", 1.0);
/// Each token between the literal and the reported place.
const AWAY: Factor = weight("tokens from the reported place", -0.2);
/// It is a value of an enumeration.
const OF_AN_ENUM: Factor = weight("it is a value of an enumeration", 2.0);
/// A number or a known name in quotes.
const QUOTED: Factor = weight("a number or a name in quotes", 2.5);
/// A text of one letter was to be a letter.
const ONE_LETTER: Factor = weight("it holds one letter", 1.0);
/// Several letters between the quotes of one.
const MANY_LETTERS: Factor = weight("it holds several letters", 1.5);
/// Cutting something off loses what the learner wrote.
const CUT: Factor = weight("it cuts something off", -1.5);
/// A real number without its fraction.
const WHOLE_PART: Factor = weight("the whole part of a real number", 0.0);
/// A number stands for a truth value elsewhere.
const AS_TRUTH: Factor = weight("a number that stands for a truth value elsewhere", 3.5);
/// A whole number where a real one is wanted.
const MADE_REAL: Factor = weight("the number as a real one", 1.0);
/// The compiler names the suffix.
const TOLD_SUFFIX: Factor = weight("the compiler names the suffix", 5.0);
/// A number where a text is wanted.
const MADE_TEXT: Factor = weight("the number as a text", 0.5);
/// A conversion that cuts off hides what is wrong.
const NARROWED: Factor = weight("a conversion that cuts off", -1.5);
/// A value of an enumeration of the text, as it is written here: with its type in front where that is needed.
fn enum_value(case: &Case, name: &str) -> Option<String> {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let listed = |at: &usize| matches!(lexed.before(*at), "{" | "(" | ",");
    let folded = name.to_ascii_lowercase();
    let key = if case.language().any_case { folded.as_str() } else { name };
    let seen = case.text.names.seen.get(key)?.iter().copied().filter(listed);
    seen.filter_map(|at| {
        let open = pairs.inside_of(at)?;
        // Pascal: `TState = (Quiet, Ringing)`.
        if case.language().returns_by_name {
            return (lexed.is(open, "(") && lexed.before(open) == "=").then(|| name.to_owned());
        }
        let word = (open.saturating_sub(4)..open).rev().find(|at| lexed.is(*at, "enum"))?;
        let scoped = matches!(lexed.word(word + 1), "class" | "struct");
        let mark = match case.language().scope_mark {
            "" => ".",
            mark => mark,
        };
        let bare = case.language().directives && !scoped;
        let typed = lexed.word(word + 1 + usize::from(scoped));
        Some(if bare { name.to_owned() } else { format!("{typed}{mark}{name}") })
    })
    .next()
}

/// A text that is written a little otherwise than one elsewhere.
const NEAR_TEXT: Factor = weight("nearly a text of the file", 3.5);
/// Each letter that differs.
const LETTERS: Factor = weight("letters that differ", -1.0);
/// A number in quotes where a name of the line is declared.
const QUOTED_AT_DECLARATION: Factor = weight("a number in quotes where the name is declared", 4.0);

/// The suffix that a message asks for: `Add suffix 'm' to create a literal of this type` (mcs 6.8).
fn suffix(text: &str) -> Option<&str> {
    // javac 17 names the types only.
    if text.ends_with("possible lossy conversion from double to float") {
        return Some("f");
    }
    let (_, behind) = text.split_once("uffix ")?;
    let suffix = behind.trim_start_matches(['\'', '`', '"']).split(['\'', '"', ' ']).next()?;
    (suffix.len() == 1 && suffix.starts_with(char::is_alphabetic)).then_some(suffix)
}

/// The truth value that a number stands for, where one is wanted.
fn truth_of(case: &Case, word: &str) -> Option<&'static str> {
    let said = case.message.text.to_lowercase().replace(['`', '"', '\u{2018}', '\u{2019}'], "'");
    let wanted = ["to a 'bool'", "converted to boolean", "to type 'boolean'", "as bool value"];
    let wanted = wanted.iter().any(|one| said.contains(one)) || said.contains("required: boolean");
    match word {
        "1" if wanted => Some("true"),
        "0" if wanted => Some("false"),
        _ => None,
    }
}

/// Whether a message finds a number for money where another one is wanted (mcs 6.8).
fn told_decimal(said: &str) -> bool {
    said.contains("decimal") || said.contains("M' cannot be converted")
}

/// The suffix of the type that a real number is handed on as, where another message of the line tells
/// it (mcs 6.8).
fn handed_as<'a>(case: &'a Case) -> Option<&'a str> {
    let line = case.message.line();
    let mut told = case.all.iter().filter(|other| other.line() == line);
    told.find_map(|other| {
        let text = other.text.replace(['`', '"'], "'");
        let (_, wanted) = text
            .split_once("cannot convert 'double' expression to type '")
            .or_else(|| text.split_once("onvert type 'double' to '"))?;
        match wanted.split('\'').next()? {
            "decimal" => Some("m"),
            "float" => Some("f"),
            _ => None,
        }
    })
}

/// Whether a message speaks of single letters, or of a text as C sees it.
fn tells_of_letters(case: &Case) -> bool {
    let message = case.message;
    let remarks = message.spans.iter().chain(&message.notes).map(|note| note.text.as_str());
    let mut texts = remarks.chain([message.text.as_str()]);
    let words = ["char", "Char", "rune", "byte", "pointer"];
    texts.any(|text| words.iter().any(|word| text.contains(word)))
}

/// Literals in the wrong form: a number in quotes, a real for a whole one, text without quotes.
pub(super) fn literals(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let start = case.statement_start(case.token);
    let end = case.statement_end(case.token);
    let inside = |token: usize| {
        lexed.code[token].start >= case.range.0
            && lexed.code[token].end <= case.range.1.max(case.range.0 + 1)
    };
    for token in start..=end {
        let word = lexed.word(token).to_owned();
        let near = if token == case.token || inside(token) {
            POINTED_AT
        } else {
            AWAY * token.abs_diff(case.token) as f64
        };
        match lexed.kind(token) {
            Some(TokenKind::Str) => {
                let content = word.trim_matches(['"', '\'']);
                let number = !content.is_empty() && content.parse::<f64>().is_ok();
                near_text(case, token, content, near, all);
                // A name that this very statement declares has no value yet.
                let known = |declared: &Declared| {
                    let (from, to) = declared.scope;
                    !(start..=end).contains(&declared.token) && (from..=to).contains(&token)
                };
                let word_like =
                    matches!(content, "true" | "false") || case.text.names.of(content).any(known);
                if let Some(value) = enum_value(case, content) {
                    let score = QUOTED + OF_AN_ENUM + near;
                    let edit = case.replace_token(token, value);
                    all.push(Candidate::new(MistakeId::QuotedValue, score, vec![edit]));
                } else if number || word_like {
                    let score = QUOTED + near;
                    all.push(Candidate::new(
                        MistakeId::QuotedValue,
                        score,
                        vec![case.replace_token(token, content)],
                    ));
                }
                if content.chars().count() == 1
                    && case.language().letter_quotes
                    && tells_of_letters(case)
                {
                    all.push(Candidate::new(
                        MistakeId::WrongQuotes,
                        ONE_LETTER + near,
                        vec![case.replace_token(token, format!("'{content}'"))],
                    ));
                }
            }
            Some(TokenKind::Char) if word.len() > 2 && word.starts_with('\'') => {
                let content = word.trim_matches('\'');
                if !content.is_empty() && content.bytes().all(|byte| byte.is_ascii_digit()) {
                    let edit = case.replace_token(token, content);
                    all.push(Candidate::new(MistakeId::QuotedValue, QUOTED + near, vec![edit]));
                }
                all.push(Candidate::new(
                    MistakeId::WrongQuotes,
                    MANY_LETTERS + near,
                    vec![case.replace_token(token, format!("\"{content}\""))],
                ));
            }
            Some(TokenKind::Number) => {
                let real = word.contains('.');
                let told = suffix(&case.message.text);
                if let Some(suffix) = told.or_else(|| handed_as(case).filter(|_| real)) {
                    let edit = case.insert(lexed.code[token].end, suffix);
                    let score = TOLD_SUFFIX + near;
                    all.push(Candidate::new(MistakeId::WrongNumberType, score, vec![edit]));
                }
                // `1` and `0` stand for true and false elsewhere.
                let truth = truth_of(case, &word);
                if let Some(truth) = truth {
                    let edit = case.replace_token(token, truth);
                    let score = AS_TRUTH + near;
                    all.push(Candidate::new(MistakeId::ConditionValue, score, vec![edit]).guess());
                }
                // C#: `14.5m` is a number for money, and no `double`.
                let bare = word.trim_end_matches(['m', 'M']);
                if bare.len() < word.len() && told_decimal(&case.message.text) {
                    let edit = case.replace_token(token, bare);
                    let score = TOLD_SUFFIX + near;
                    all.push(Candidate::new(MistakeId::WrongNumberType, score, vec![edit]));
                }
                let whole_part = word.split('.').next().unwrap_or(&word);
                if word.contains('.') && !whole_part.is_empty() {
                    // Cutting something off loses what the learner wrote.
                    let rest = word.split('.').nth(1).unwrap_or("").trim_end_matches(['f', 'F']);
                    let loses = CUT.when(rest.chars().any(|c| c != '0'));
                    all.push(
                        Candidate::new(
                            MistakeId::RealForWhole,
                            WHOLE_PART + near + loses,
                            vec![case.replace_token(token, whole_part)],
                        )
                        .guess(),
                    );
                }
                // What counts the elements of a list is no value of its own.
                let counts = lexed.before(token) == "[";
                // Java holds a number in an object only if it is of that very type.
                let boxed = case.message.text.contains("int cannot be converted to Double");
                if (case.language().exact_numbers || boxed)
                    && !counts
                    && !word.contains('.')
                    && word.bytes().all(|b| b.is_ascii_digit())
                {
                    all.push(Candidate::new(
                        MistakeId::WholeForReal,
                        MADE_REAL + near,
                        vec![case.replace_token(token, format!("{word}.0"))],
                    ));
                }
                let text_wanted = case
                    .word("to")
                    .or(case.word("expected"))
                    .is_some_and(|t| t.contains("String") || t.contains("str"));
                if text_wanted && !counts {
                    all.push(Candidate::new(
                        MistakeId::MissingToString,
                        MADE_TEXT + near,
                        vec![case.replace_token(token, format!("\"{word}\""))],
                    ));
                }
            }
            _ => {}
        }
    }
    quoted_at_declaration(case, all);
    // A narrowing that is meant can be written out.
    if let Some(to) = case.word("to").filter(|to| case.language().narrowing.contains(to)) {
        let from = lexed.code[case.token].start;
        all.push(
            Candidate::new(
                MistakeId::RealForWhole,
                NARROWED,
                vec![case.insert(from, format!("({to}) "))],
            )
            .guess(),
        );
    }
}

/// A text that is written a little otherwise than one elsewhere in the file, in a language whose types
/// can list texts.
fn near_text(case: &Case, token: usize, content: &str, near: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().text_types || content.len() < 3 {
        return;
    }
    let mut seen = Vec::new();
    for other in (0..lexed.code.len()).filter(|at| lexed.kind(*at) == Some(TokenKind::Str)) {
        let text = lexed.word(other).trim_matches(['"', '\'']);
        let apart = edit_distance(content, text);
        if apart > 0.0 && apart <= 2.0 && !seen.contains(&text) {
            seen.push(text);
            let quote = lexed.word(token).get(..1).unwrap_or("\"");
            let new = format!("{quote}{text}{quote}");
            let score = NEAR_TEXT + near + LETTERS * apart;
            all.push(Candidate::new(
                MistakeId::MisspeltName,
                score,
                vec![case.replace_token(token, new)],
            ));
        }
    }
}

/// A number in quotes where a name on this line is declared: the text gives it away.
fn quoted_at_declaration(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for declared in line.filter_map(|at| case.text.names.resolve(lexed, at)) {
        for at in declared.token..=case.statement_end(declared.token) {
            let content = lexed.word(at).trim_matches(['"', '\'']);
            let number = lexed.kind(at) == Some(TokenKind::Str) && content.parse::<f64>().is_ok();
            if number && matches!(lexed.word(at - 1), "=" | ":=") {
                all.push(Candidate::new(
                    MistakeId::QuotedValue,
                    QUOTED_AT_DECLARATION,
                    vec![case.replace_token(at, content)],
                ));
            }
        }
    }
}
