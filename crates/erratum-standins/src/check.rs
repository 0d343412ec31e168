//! What a stand-in checks, phase after phase: what is found in one hides the next, as it does in a
//! real compiler.

use crate::dialect::Dialect;
use erratum_syntax::language::{self, Language};
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::names::{NameKind, Names};
use erratum_syntax::pairs::Pairs;
use erratum_syntax::source::Source;

/// Something that is wrong.
#[derive(Clone, Debug)]
pub(crate) enum Finding {
    OpenString,
    /// The line on which it starts.
    OpenComment(u32),
    Expected {
        wanted: String,
        found: String,
    },
    Unclosed {
        word: String,
        end: String,
    },
    Unopened {
        word: String,
    },
    Unended {
        found: String,
    },
    Undeclared {
        name: String,
    },
    NoMember {
        name: String,
        object: String,
    },
    TooFew {
        function: String,
    },
    TooMany {
        function: String,
    },
    TextForNumber {
        wanted: String,
    },
    /// A function inside another one.
    Nested {
        name: String,
    },
}

/// A finding with the token at which it is noticed, if there is one.
type Found = (Option<usize>, Finding);

/// What is printed on one file.
pub(crate) fn output(source: &Source, dialect: Dialect) -> String {
    let Some(language) = language::by_id(dialect.language()) else { return String::new() };
    let lexed = Lexed::new(source, language);
    let end = source.line_count();
    let place = |token: Option<usize>| {
        let token = token.and_then(|at| lexed.code.get(at));
        token.map_or((end, 1), |token| {
            let at = source.position(token.start);
            (at.line, at.column)
        })
    };
    let mut out = String::new();
    for (token, finding) in findings(&lexed, language) {
        let (line, column) = place(token);
        out.push_str(&dialect.line(source.name(), line, column, &finding));
    }
    out
}

fn findings(lexed: &Lexed, language: &'static Language) -> Vec<Found> {
    let phases: [fn(&Lexed, &'static Language) -> Vec<Found>; 4] =
        [lexical, brackets, terminators, names_and_calls];
    phases
        .iter()
        .map(|phase| phase(lexed, language))
        .find(|found| !found.is_empty())
        .unwrap_or_default()
}

fn lexical(lexed: &Lexed, _language: &'static Language) -> Vec<Found> {
    let open = |token: &&erratum_syntax::lex::Token| !token.closed;
    let strings = (0..lexed.code.len())
        .filter(|at| !lexed.code[*at].closed)
        .map(|at| (Some(at), Finding::OpenString));
    let comments = lexed.comments.iter().filter(open).map(|c| (None, Finding::OpenComment(c.line)));
    strings.chain(comments).collect()
}

/// The end of a block, as its language writes it.
fn ending(lexed: &Lexed, open: usize) -> String {
    let word = lexed.text(&lexed.code[open]);
    match lexed.language.id {
        "vb" => match lexed.word(open) {
            "for" => "Next".to_owned(),
            "do" => "Loop".to_owned(),
            _ => format!("End {word}"),
        },
        _ => lexed.language.block_end(word).unwrap_or("}").to_owned(),
    }
}

/// Every bracket and block, by counting from the top: without a look at the layout.
fn brackets(lexed: &Lexed, _language: &'static Language) -> Vec<Found> {
    let mut open: Vec<usize> = Vec::new();
    for at in 0..lexed.code.len() {
        match lexed.kind(at) {
            Some(TokenKind::Open) => open.push(at),
            Some(TokenKind::Close) => {
                let Some(top) = open.pop() else {
                    return vec![(Some(at), Finding::Unopened { word: lexed.word(at).to_owned() })];
                };
                let fits = match (lexed.word(top), lexed.word(at)) {
                    ("(", mark) => mark == ")",
                    ("[", mark) => mark == "]",
                    ("{", mark) => mark == "}",
                    (_, mark) => mark != "}" && lexed.closes_block(at),
                };
                let block = lexed.opens_block(top);
                if !fits && block {
                    return vec![(Some(at), Finding::Unopened { word: lexed.word(at).to_owned() })];
                }
                if !fits {
                    return vec![(Some(at), expected(lexed, top, at))];
                }
                // `End Sub` where an `If` is open.
                let named = lexed.word(at + 1);
                let other = lexed.language.named_end.is_some()
                    && lexed.is(at, "end")
                    && lexed.language.block_end(named).is_some()
                    && named != lexed.word(top);
                if other {
                    return vec![(Some(top), unclosed(lexed, top))];
                }
            }
            Some(TokenKind::Op) if lexed.is(at, ";") => {
                if let Some(top) = open.last().filter(|top| !lexed.opens_block(**top))
                    && !lexed.is(top.wrapping_sub(1), "for")
                    && !lexed.language.parted_parameters
                {
                    return vec![(Some(at), expected(lexed, *top, at))];
                }
            }
            _ => {}
        }
        let line_over = lexed.code.get(at + 1).is_none_or(|next| next.first);
        if let Some(top) = open.last().filter(|top| !lexed.opens_block(**top))
            && line_over
            && (lexed.language.line_ends
                || lexed.is(at, ";") && lexed.word(*top) == "(" && header(lexed, *top))
        {
            return vec![(Some(at), expected(lexed, *top, at + 1))];
        }
    }
    match open.last() {
        Some(top) if lexed.opens_block(*top) => {
            let place = lexed.language.named_end.map(|_| *top);
            vec![(place, unclosed(lexed, *top))]
        }
        Some(top) => vec![(None, expected(lexed, *top, lexed.code.len()))],
        None => Vec::new(),
    }
}

/// Pascal: parameters have `;` between them, other brackets have none.
fn header(lexed: &Lexed, open: usize) -> bool {
    !(open.saturating_sub(4)..open)
        .any(|at| matches!(lexed.word(at), "function" | "procedure" | "constructor" | "destructor"))
}

fn expected(lexed: &Lexed, open: usize, found: usize) -> Finding {
    let wanted = if lexed.is(open, "[") { "]" } else { ")" };
    let found = if found < lexed.code.len() { lexed.word(found) } else { "end of file" };
    Finding::Expected { wanted: wanted.to_owned(), found: found.to_owned() }
}

fn unclosed(lexed: &Lexed, open: usize) -> Finding {
    Finding::Unclosed { word: lexed.text(&lexed.code[open]).to_owned(), end: ending(lexed, open) }
}

/// A function whose body stands inside another one, as it seems where a `}` is missing.
fn nested(lexed: &Lexed, pairs: &Pairs) -> Option<Found> {
    let names = Names::new(lexed, pairs);
    let functions = names.declared.iter().filter(|d| d.kind == NameKind::Function);
    functions
        .filter(|d| {
            let close = pairs.partner_of(d.token + 1);
            close.is_some_and(|close| lexed.is(close + 1, "{"))
        })
        .find(|d| pairs.block_of(lexed, d.token).is_some_and(|open| lexed.is(open - 1, ")")))
        .map(|d| (Some(d.token), Finding::Nested { name: lexed.word(d.token).to_owned() }))
}

/// Statements that run into the next line.
fn terminators(lexed: &Lexed, language: &'static Language) -> Vec<Found> {
    if language.line_ends {
        return Vec::new();
    }
    let pairs = Pairs::new(lexed);
    if let Some(found) = nested(lexed, &pairs) {
        return vec![found];
    }
    let starts = |at: &usize| {
        let token = lexed.code[*at];
        token.first && matches!(token.kind, TokenKind::Name | TokenKind::Keyword)
    };
    let runs_on = |at: &usize| {
        let before = at - 1;
        let value = matches!(
            lexed.kind(before),
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Char)
        ) || matches!(lexed.word(before), ")" | "]");
        let header = lexed.is(before, ")")
            && pairs.partner_of(before).is_some_and(|open| {
                matches!(lexed.word(open.wrapping_sub(1)), "if" | "while" | "for" | "switch")
            });
        let in_block = pairs.inside_of(*at).is_none_or(|open| lexed.opens_block(open));
        let goes_on = matches!(
            lexed.word(*at),
            "else" | "end" | "until" | "then" | "do" | "of" | "and" | "or" | "div" | "mod"
        );
        value && !header && in_block && !goes_on
    };
    (1..lexed.code.len())
        .filter(starts)
        .filter(runs_on)
        .map(|at| (Some(at), Finding::Unended { found: lexed.word(at).to_owned() }))
        .take(1)
        .collect()
}

fn names_and_calls(lexed: &Lexed, language: &'static Language) -> Vec<Found> {
    let pairs = Pairs::new(lexed);
    let names = Names::new(lexed, &pairs);
    let mut all = Vec::new();
    for at in 0..lexed.code.len() {
        let token = lexed.code[at];
        if token.kind != TokenKind::Name {
            continue;
        }
        let word = lexed.word(at);
        let spelt = lexed.text(&token).to_owned();
        let known = |wanted: &dyn Fn(NameKind) -> bool| {
            names.of(word).any(|declared| wanted(declared.kind))
                || language.known_names().any(|(name, kind)| name == word && wanted(kind))
        };
        let line = lexed.on_line(token.line).start;
        let directive =
            matches!(lexed.word(line), "imports" | "uses" | "program" | "unit" | "using" | "#");
        let after_dot = at > 0 && matches!(lexed.word(at - 1), "." | "->");
        // A unit that is brought in.
        let unit = language.library.iter().any(|(path, _, _)| path.eq_ignore_ascii_case(word));
        if directive || unit {
            continue;
        }
        if after_dot {
            let member = known(&|kind| matches!(kind, NameKind::Member | NameKind::Function));
            if !member && at >= 2 {
                let object = lexed.text(&lexed.code[at - 2]).to_owned();
                all.push((Some(at), Finding::NoMember { name: spelt, object }));
            }
            continue;
        }
        if !known(&|_| true) && !language.is_type(word) {
            all.push((Some(at), Finding::Undeclared { name: spelt }));
            continue;
        }
        all.extend(call(lexed, &pairs, &names, at).map(|finding| (Some(at), finding)));
        all.extend(text_for_number(lexed, &names, at).map(|finding| (Some(at), finding)));
    }
    all
}

/// The values between brackets.
fn count(lexed: &Lexed, pairs: &Pairs, open: usize) -> Option<usize> {
    let close = pairs.partner_of(open)?;
    let marks = (open + 1..close)
        .filter(|at| matches!(lexed.word(*at), "," | ";") && pairs.inside_of(*at) == Some(open))
        .count();
    Some(if close == open + 1 { 0 } else { marks + 1 })
}

/// A call that gives more or fewer values than its function takes.
fn call(lexed: &Lexed, pairs: &Pairs, names: &Names, at: usize) -> Option<Finding> {
    let declared = names.of(lexed.word(at)).find(|d| d.kind == NameKind::Function)?;
    if declared.token == at || !lexed.is(at + 1, "(") || !lexed.is(declared.token + 1, "(") {
        return None;
    }
    let given = count(lexed, pairs, at + 1)?;
    let wanted = count(lexed, pairs, declared.token + 1)?;
    let function = lexed.text(&lexed.code[at]).to_owned();
    match given.cmp(&wanted) {
        std::cmp::Ordering::Less => Some(Finding::TooFew { function }),
        std::cmp::Ordering::Greater => Some(Finding::TooMany { function }),
        std::cmp::Ordering::Equal => None,
    }
}

/// A text where a variable for numbers gets its value.
fn text_for_number(lexed: &Lexed, names: &Names, at: usize) -> Option<Finding> {
    let declared = names.resolve(lexed, at)?;
    let (first, last) = declared.typed.filter(|(first, last)| first == last)?;
    let usual = lexed.language.usual;
    let typed = lexed.word(last);
    let number = [usual.whole, usual.real].iter().any(|t| t.eq_ignore_ascii_case(typed));
    let equals = (at + 1..at + 5).find(|i| matches!(lexed.word(*i), "=" | ":="))?;
    let alone = equals == at + 1 || declared.token == at;
    let text = lexed.kind(equals + 1) == Some(TokenKind::Str);
    let wanted = lexed.text(&lexed.code[first]).to_owned();
    (number && alone && text).then_some(Finding::TextForNumber { wanted })
}
