//! The kinds of slips, each with the places where it can be made.

use super::Slip;
use super::letters::{misspell, other_case};
use erratum_syntax::edit::Edit;
use erratum_syntax::language::Language;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;
use erratum_syntax::source::Source;
use erratum_syntax::text::Text;

type Places = Vec<Vec<Edit>>;
type Random = fastrand::Rng;

macro_rules! slips {
    ($($name:tt $languages:expr => $places:expr;)*) => {
        &[$(Slip { name: $name, languages: $languages, places: $places },)*]
    };
}

const C_LIKE: &[&str] = &["c", "cpp"];
const TYPE_FIRST: &[&str] = &["c", "cpp", "java", "csharp"];

/// Languages whose statements are held together by words.
const WORDY: &[&str] = &["pascal", "haskell"];

/// The kind whose true place is a whole group of lines.
pub(super) const LOST_IMPORT: &str = "lost-import";

/// All kinds.
pub const KINDS: &[Slip] = slips! {
    "lost-terminator" &[] => |t, _| lose(t, |t, i| t.lexed.is(i, ";") && !in_header(t, i));
    "lost-close-brace" &[] => |t, _| lost_end(t);
    "lost-open-brace" &[] => |t, _| lose(t, |t, i| t.lexed.opens_block(i) && matches!(t.lexed.word(i), "{" | "begin" | "repeat"));
    "lost-keyword" WORDY => |t, _| lose(t, |t, i| matches!(t.lexed.word(i), "then" | "do" | "of" | "in" | "to"));
    "mark-before-else" &["pascal"] => |t, _| before_else(t);
    "assignment-mark" &["pascal", "go"] => |t, _| replace(t, "=", |t, i| t.lexed.is(i, ":="));
    "wrong-indentation" &["haskell"] => |t, r| indentation(t, r);
    "lost-constraint" &["haskell"] => |t, _| constraint(t);
    "lost-deriving" &["haskell"] => |t, _| deriving(t);
    "spare-import" &["go"] => |t, _| spare_import(t);
    "constant-for-variable" &["typescript", "scala"] => |t, _| constant(t);
    "lost-close-parenthesis" &[] => |t, _| lose(t, |t, i| t.lexed.is(i, ")"));
    "lost-open-parenthesis" &[] => |t, _| lose(t, |t, i| t.lexed.is(i, "("));
    "lost-square-bracket" &[] => |t, _| lose(t, |t, i| t.lexed.is(i, "]") || t.lexed.is(i, "["));
    "extra-close-brace" &[] => |t, _| doubled_brace(t);
    "extra-parenthesis" &[] => |t, _| double(t, |t, i| t.lexed.is(i, ")") || t.lexed.is(i, "("));
    "other-bracket" &[] => |t, _| other_bracket(t);
    "lost-close-quote" &[] => |t, _| quote(t, false);
    "lost-open-quote" &[] => |t, _| quote(t, true);
    "lost-comment-end" &[] => |t, _| comment_end(t);
    "lost-comment-mark" &[] => |t, _| comment_mark(t);
    "unquoted-text" &[] => |t, _| unquoted(t);
    "misspelt-keyword" &[] => |t, r| respell(t, r, |t, i| t.lexed.kind(i) == Some(TokenKind::Keyword) && t.lexed.word(i).len() > 2);
    "misspelt-variable" &[] => |t, r| respell(t, r, |t, i| used(t, i, NameKind::Value));
    "misspelt-function" &[] => |t, r| respell(t, r, |t, i| used(t, i, NameKind::Function));
    "misspelt-type" &[] => |t, r| respell(t, r, |t, i| t.lexed.kind(i) == Some(TokenKind::Name) && used_type(t, i));
    "misspelt-member" &[] => |t, r| respell(t, r, member);
    "misspelt-library-name" &[] => |t, r| respell(t, r, library);
    "misspelt-declaration" &[] => |t, r| declaration(t, r);
    "wrong-case" &[] => |t, _| wrong_case(t);
    LOST_IMPORT &[] => |t, _| lost_import(t);
    "misspelt-import" &[] => |t, r| misspelt_import(t, r);
    "lost-include-mark" C_LIKE => |t, _| include_mark(t);
    "lost-argument" &[] => |t, _| argument(t, Argument::Lost);
    "extra-argument" &[] => |t, _| argument(t, Argument::Extra);
    "swapped-arguments" &[] => |t, _| argument(t, Argument::Swapped);
    "lost-return" &[] => |t, _| lost_return(t);
    "unset-variable" &[] => |t, _| unset(t);
    "declared-twice" TYPE_FIRST => |t, _| twice(t);
    "class-file-name" &["java"] => |t, r| class_name(t, r);
    "header-separator" TYPE_FIRST => |t, _| replace(t, ",", |t, i| t.lexed.is(i, ";") && in_header(t, i));
    "assignment-for-comparison" &[] => |t, _| replace(t, "=", |t, i| t.lexed.is(i, "=="));
    "comparison-for-assignment" &[] => |t, _| replace(t, "==", |t, i| t.lexed.is(i, "="));
    "quoted-number" &[] => |t, _| quoted_number(t);
    "whole-for-real" &[] => |t, _| whole_type(t);
    "lost-mut" &["rust"] => |t, _| lose_word(t, "mut");
    "lost-borrow" &["rust"] => |t, _| lose(t, |t, i| t.lexed.is(i, "&") && !matches!(t.lexed.word(i + 1), "self" | "mut"));
    "lost-to-string" &["rust"] => |t, _| to_string(t);
    "lost-return-type" &["rust"] => |t, _| return_type(t);
    "void-for-type" TYPE_FIRST => |t, _| void_type(t);
    "lost-separator" &[] => |t, _| lose(t, |t, i| t.lexed.is(i, ",") && !t.lexed.code[i + 1].first);
    "dot-for-comma" &[] => |t, _| replace(t, ".", |t, i| t.lexed.is(i, ",") && !t.lexed.code[i + 1].first);
    "comma-for-dot" &[] => |t, _| replace(t, ",", |t, i| t.lexed.is(i, "."));
    "lost-operator" &[] => |t, _| lose(t, |t, i| matches!(t.lexed.word(i), "+" | "*" | "=" | "<" | "==" | "+=" | "&&" | ">" | "->" | "<<" | "%" | "/") && t.lexed.kind(i) == Some(TokenKind::Op));
    "colon-for-terminator" &[] => |t, _| replace(t, ":", |t, i| t.lexed.is(i, ";") && !in_header(t, i));
    "doubled-word" &[] => |t, _| doubled_word(t);
    "foreign-word" &[] => |t, _| foreign(t);
};

fn name(text: &Text) -> &str {
    text.lexed.source.name()
}

fn indices(text: &Text) -> std::ops::Range<usize> {
    0..text.lexed.code.len().saturating_sub(1)
}

/// A closing bracket of a value in braces (Haskell's records), where nothing tells which was meant.
fn in_record(text: &Text, index: usize) -> bool {
    text.lexed.language.layout && text.lexed.closes_block(index)
}

/// The end of a block; a word goes with the `;` behind it.
fn lost_end(text: &Text) -> Places {
    let lexed = &text.lexed;
    let source = &lexed.source;
    (0..lexed.code.len())
        .filter(|i| lexed.closes_block(*i) && !in_record(text, *i))
        .map(|i| {
            let line = lexed.on_line(lexed.code[i].line);
            let word = !lexed.is(i, "}");
            let ended = word && line.len() == 2 && line.start == i && lexed.is(i + 1, ";");
            if ended {
                let line = lexed.code[i].line;
                let (start, end) = (source.line_start(line), source.line_start(line + 1));
                return vec![Edit::delete(name(text), start, end)];
            }
            vec![delete(text, i)]
        })
        .collect()
}

/// Pascal: a `;` before `else`.
fn before_else(text: &Text) -> Places {
    let places = (1..text.lexed.code.len())
        .filter(|i| text.lexed.is(*i, "else") && !text.lexed.is(i - 1, ";"))
        .filter(|i| !in_case(text, *i));
    places.map(|i| vec![Edit::insert(name(text), text.lexed.code[i - 1].end, ";")]).collect()
}

/// Whether an `else` belongs to a `case`, which may have a `;` before it.
fn in_case(text: &Text, index: usize) -> bool {
    text.pairs.inside_of(index).is_some_and(|open| text.lexed.is(open, "case"))
}

/// Haskell: a line of a block moved by one or two columns.
fn indentation(text: &Text, random: &mut Random) -> Places {
    let lexed = &text.lexed;
    let source = &lexed.source;
    let firsts = lexed.code.iter().filter(|token| token.first);
    firsts
        .filter(|token| source.indent(token.line).is_some_and(|indent| indent >= 2))
        .map(|token| {
            let start = source.line_start(token.line);
            let blanks = 1 + random.usize(..2);
            if random.bool() {
                vec![Edit::insert(name(text), start, " ".repeat(blanks))]
            } else {
                vec![Edit::delete(name(text), start, start + blanks)]
            }
        })
        .collect()
}

/// Haskell: `Ord a =>` gone from a signature.
fn constraint(text: &Text) -> Places {
    let lexed = &text.lexed;
    let places = (0..lexed.code.len()).filter(|i| lexed.is(*i, "=>")).filter_map(|i| {
        let line = lexed.on_line(lexed.code[i].line);
        let colons = (line.start..i).find(|at| lexed.is(*at, "::"))?;
        Some(vec![Edit::delete(name(text), lexed.code[colons + 1].start, lexed.code[i + 1].start)])
    });
    places.collect()
}

/// Haskell: a `deriving` gone.
fn deriving(text: &Text) -> Places {
    let lexed = &text.lexed;
    let places = (1..lexed.code.len()).filter(|i| lexed.is(*i, "deriving")).filter_map(|i| {
        let close = text.pairs.partner_of(i + 1)?;
        Some(vec![Edit::delete(name(text), lexed.code[i - 1].end, lexed.code[close].end)])
    });
    places.collect()
}

/// Go: an import that nothing uses.
fn spare_import(text: &Text) -> Places {
    let source = &text.lexed.source;
    let lines = import_lines(source, text.lexed.language);
    let grouped = lines.iter().copied().find(|line| source.line_text(*line).starts_with('\t'));
    let unused = ["os", "bytes", "time"];
    let spare = unused.iter().find(|path| !text.names.seen.contains_key(**path));
    match (grouped, spare) {
        (Some(line), Some(path)) => {
            vec![vec![Edit::insert(name(text), source.line_start(line), format!("\t\"{path}\"\n"))]]
        }
        _ => Vec::new(),
    }
}

/// A variable that changes, declared as one that does not.
fn constant(text: &Text) -> Places {
    match text.lexed.language.id {
        "scala" => replace(text, "val", |t, i| t.lexed.is(i, "var")),
        _ => replace(text, "const", |t, i| t.lexed.is(i, "let")),
    }
}

/// Inside the brackets of a `for`.
fn in_header(text: &Text, index: usize) -> bool {
    text.pairs
        .inside_of(index)
        .is_some_and(|open| open > 0 && text.lexed.is(open, "(") && text.lexed.is(open - 1, "for"))
}

/// Deletes a token; a line that holds nothing else goes with it.
fn delete(text: &Text, index: usize) -> Edit {
    let source = &text.lexed.source;
    let token = text.lexed.code[index];
    let line = token.line;
    if source.line_text(line).trim() == text.lexed.text(&token) {
        return Edit::delete(name(text), source.line_start(line), source.line_start(line + 1));
    }
    let blank = token.start > source.line_start(line) && source.bytes()[token.start - 1] == b' ';
    let end = source.bytes().get(token.end).is_none_or(|byte| byte.is_ascii_whitespace());
    let start = if blank && end && !token.first { token.start - 1 } else { token.start };
    Edit::delete(name(text), start, token.end)
}

fn lose(text: &Text, wanted: fn(&Text, usize) -> bool) -> Places {
    (0..text.lexed.code.len())
        .filter(|i| *i + 1 < text.lexed.code.len() || !text.lexed.is(*i, ","))
        .filter(|i| wanted(text, *i))
        .map(|i| vec![delete(text, i)])
        .collect()
}

fn double(text: &Text, wanted: fn(&Text, usize) -> bool) -> Places {
    let twice = |i: usize| {
        let token = text.lexed.code[i];
        vec![Edit::insert(name(text), token.end, text.lexed.text(&token))]
    };
    indices(text).filter(|i| wanted(text, *i)).map(twice).collect()
}

fn replace(text: &Text, new: &str, wanted: fn(&Text, usize) -> bool) -> Places {
    let edit = |i: usize| {
        let token = text.lexed.code[i];
        vec![Edit::replace(name(text), token.start, token.end, new)]
    };
    indices(text).filter(|i| wanted(text, *i)).map(edit).collect()
}

fn doubled_brace(text: &Text) -> Places {
    let source = &text.lexed.source;
    (0..text.lexed.code.len())
        .filter(|i| {
            text.lexed.is(*i, "}") && source.line_text(text.lexed.code[*i].line).trim() == "}"
        })
        .map(|i| {
            let line = text.lexed.code[i].line;
            let copy = format!("{}{}", source.line_text(line), source.line_end_text());
            vec![Edit::insert(name(text), source.line_start(line + 1), copy)]
        })
        .collect()
}

fn other_bracket(text: &Text) -> Places {
    let other = |i: usize| {
        let token = text.lexed.code[i];
        let new = match text.lexed.text(&token) {
            ")" => "]",
            "]" => ")",
            "}" => ")",
            _ => return None,
        };
        Some(vec![Edit::replace(name(text), token.start, token.end, new)])
    };
    indices(text).filter_map(other).collect()
}

fn strings(text: &Text) -> impl Iterator<Item = usize> {
    (0..text.lexed.code.len()).filter(|i| {
        let token = &text.lexed.code[*i];
        let word = text.lexed.text(token);
        token.kind == TokenKind::Str
            && word.starts_with(['"', '\''])
            && !word.contains('\n')
            && word.len() > 3
    })
}

fn quote(text: &Text, first: bool) -> Places {
    let edit = |i: usize| {
        let token = text.lexed.code[i];
        let at = if first { token.start } else { token.end - 1 };
        vec![Edit::delete(name(text), at, at + 1)]
    };
    strings(text).map(edit).collect()
}

fn unquoted(text: &Text) -> Places {
    let edit = |i: usize| {
        let token = text.lexed.code[i];
        vec![
            Edit::delete(name(text), token.start, token.start + 1),
            Edit::delete(name(text), token.end - 1, token.end),
        ]
    };
    let wordy = |i: &usize| {
        text.lexed.word(*i).contains(char::is_alphabetic)
            && !text.lexed.word(*i).contains(['%', '{', '\\'])
    };
    strings(text).filter(wordy).map(edit).collect()
}

fn comment_end(text: &Text) -> Places {
    let ends = |token: &erratum_syntax::lex::Token| {
        let word = text.lexed.text(token);
        // What looks like a comment and starts with `$` tells the compiler something.
        let mut pairs = text.lexed.language.block_comments.iter();
        let (_, close) = pairs.find(|(open, close)| {
            word.starts_with(open) && word.ends_with(close) && !word[open.len()..].starts_with('$')
        })?;
        Some(vec![Edit::delete(name(text), token.end - close.len(), token.end)])
    };
    text.lexed.comments.iter().filter_map(ends).collect()
}

fn comment_mark(text: &Text) -> Places {
    let Some(mark) = text.lexed.language.line_comments.first() else { return Vec::new() };
    let mark = format!("{mark} ");
    let lines =
        text.lexed.comments.iter().filter(|token| text.lexed.text(token).starts_with(&mark));
    lines
        .map(|token| vec![Edit::delete(name(text), token.start, token.start + mark.len())])
        .collect()
}

fn respell(text: &Text, random: &mut Random, wanted: fn(&Text, usize) -> bool) -> Places {
    (0..text.lexed.code.len())
        .filter(|i| wanted(text, *i))
        .map(|i| {
            let token = text.lexed.code[i];
            let new = misspell(text.lexed.text(&token), random);
            vec![Edit::replace(name(text), token.start, token.end, new)]
        })
        .collect()
}

fn is_declaration(text: &Text, index: usize) -> bool {
    text.names.declared.iter().any(|declared| declared.token == index)
}

/// A use of a name that is declared in the text.
fn used(text: &Text, index: usize, kind: NameKind) -> bool {
    text.lexed.kind(index) == Some(TokenKind::Name)
        && !is_declaration(text, index)
        && !matches!(text.lexed.word(index.wrapping_sub(1)), "." | "->")
        && text.names.of(text.lexed.word(index)).any(|declared| declared.kind == kind)
}

fn used_type(text: &Text, index: usize) -> bool {
    let word = text.lexed.word(index);
    let known = text
        .lexed
        .language
        .known_names()
        .any(|(name, kind)| name == word && kind == NameKind::Type);
    let import = matches!(text.lexed.word(index.wrapping_sub(1)), "." | "::")
        && !text.lexed.is(index.wrapping_sub(2), "std");
    (known || used(text, index, NameKind::Type)) && !import
}

fn member(text: &Text, index: usize) -> bool {
    text.lexed.kind(index) == Some(TokenKind::Name)
        && matches!(text.lexed.word(index.wrapping_sub(1)), "." | "->")
        && !matches!(
            text.lexed.word(text.lexed.on_line(text.lexed.code[index].line).start),
            "import" | "package" | "use" | "using" | "uses" | "module"
        )
}

fn library(text: &Text, index: usize) -> bool {
    let word = text.lexed.word(index);
    text.lexed.kind(index) == Some(TokenKind::Name)
        && !is_declaration(text, index)
        && !matches!(
            text.lexed.word(text.lexed.on_line(text.lexed.code[index].line).start),
            "import" | "package" | "use" | "using" | "uses" | "module"
        )
        && text.names.of(word).next().is_none()
        && text.lexed.language.known_names().any(|(name, _)| name == word)
}

/// A slip where a name is declared; it is used at least once elsewhere.
fn declaration(text: &Text, random: &mut Random) -> Places {
    text.names
        .declared
        .iter()
        .filter(|declared| {
            let word = text.lexed.word(declared.token);
            text.names.uses(word) > 0 && text.names.of(word).count() == 1 && word != "main"
        })
        .map(|declared| {
            let token = text.lexed.code[declared.token];
            let new = misspell(text.lexed.text(&token), random);
            vec![Edit::replace(name(text), token.start, token.end, new)]
        })
        .collect()
}

fn wrong_case(text: &Text) -> Places {
    (0..text.lexed.code.len())
        .filter(|i| {
            used_type(text, *i)
                || used(text, *i, NameKind::Function)
                || used(text, *i, NameKind::Value)
                || library(text, *i)
        })
        .map(|i| {
            let token = text.lexed.code[i];
            vec![Edit::replace(
                name(text),
                token.start,
                token.end,
                other_case(text.lexed.text(&token)),
            )]
        })
        .collect()
}

/// The lines of a text that bring something in from elsewhere.
pub(super) fn import_lines(source: &Source, language: &Language) -> Vec<u32> {
    let words: &[&str] = match language.import.before {
        "#include <" => &["#include", "using namespace"],
        "import \"" => &["import ", "\t\""],
        before => &[before],
    };
    (1..=source.line_count())
        .filter(|line| words.iter().any(|word| source.line_text(*line).starts_with(word)))
        .collect()
}

fn lost_import(text: &Text) -> Places {
    let source = &text.lexed.source;
    import_lines(source, text.lexed.language)
        .into_iter()
        .map(|line| {
            vec![Edit::delete(name(text), source.line_start(line), source.line_start(line + 1))]
        })
        .collect()
}

fn misspelt_import(text: &Text, random: &mut Random) -> Places {
    let source = &text.lexed.source;
    let mut all = Vec::new();
    for line in import_lines(source, text.lexed.language) {
        let whole = source.line_text(line).into_owned();
        let words: Vec<(usize, &str)> = whole
            .split(|c: char| !c.is_alphanumeric())
            .filter(|word| word.len() > 2)
            .map(|word| (word.as_ptr() as usize - whole.as_ptr() as usize, word))
            .skip(1)
            .collect();
        for (at, word) in words {
            let start = source.line_start(line) + at;
            all.push(vec![Edit::replace(
                name(text),
                start,
                start + word.len(),
                misspell(word, random),
            )]);
        }
    }
    all
}

fn include_mark(text: &Text) -> Places {
    let directives =
        text.lexed.code.iter().filter(|token| text.lexed.text(token).starts_with("#include"));
    let ends = |token: &erratum_syntax::lex::Token| {
        [(token.start, token.start + 1), (token.end - 1, token.end)]
            .map(|(start, end)| vec![Edit::delete(name(text), start, end)])
    };
    directives.flat_map(ends).collect()
}

#[derive(Clone, Copy, PartialEq)]
enum Argument {
    Lost,
    Extra,
    Swapped,
}

/// Calls, with the stretches of their arguments in bytes.
fn calls(text: &Text) -> Vec<(usize, Vec<(usize, usize)>)> {
    let lexed = &text.lexed;
    let mut all = Vec::new();
    for open in 1..lexed.code.len() {
        let callee =
            lexed.kind(open - 1) == Some(TokenKind::Name) && !is_declaration(text, open - 1);
        let Some(close) = text.pairs.partner_of(open).filter(|_| callee && lexed.is(open, "("))
        else {
            continue;
        };
        // `Route(…) {` defines a constructor.
        if lexed.language.type_first && matches!(lexed.word(close + 1), "{" | "throws" | ":") {
            continue;
        }
        let mut arguments = Vec::new();
        let mut start = open + 1;
        for at in open + 1..=close {
            let outer =
                at == close || (lexed.is(at, ",") && text.pairs.inside_of(at) == Some(open));
            if outer && at > start {
                arguments.push((lexed.code[start].start, lexed.code[at - 1].end));
                start = at + 1;
            }
        }
        all.push((open, arguments));
    }
    all
}

fn argument(text: &Text, what: Argument) -> Places {
    let source = &text.lexed.source;
    let mut all = Vec::new();
    for (_, arguments) in calls(text) {
        let count = arguments.len();
        for index in 0..count {
            let (start, end) = arguments[index];
            let edits = match what {
                Argument::Lost if index > 0 => {
                    vec![Edit::delete(name(text), arguments[index - 1].1, end)]
                }
                Argument::Lost if count > 1 => {
                    vec![Edit::delete(name(text), start, arguments[1].0)]
                }
                Argument::Lost => vec![Edit::delete(name(text), start, end)],
                Argument::Extra if index + 1 == count => {
                    vec![Edit::insert(name(text), end, format!(", {}", source.slice(start, end)))]
                }
                Argument::Swapped if index > 0 => {
                    let (a, b) = (arguments[index - 1], arguments[index]);
                    vec![
                        Edit::replace(name(text), a.0, a.1, source.slice(b.0, b.1)),
                        Edit::replace(name(text), b.0, b.1, source.slice(a.0, a.1)),
                    ]
                }
                _ => continue,
            };
            all.push(edits);
        }
    }
    all
}

/// The last line of a function is gone: a `return`, or in Rust the value.
fn lost_return(text: &Text) -> Places {
    let (lexed, source) = (&text.lexed, &text.lexed.source);
    let mut all = Vec::new();
    for declared in text.names.declared.iter().filter(|d| d.kind == NameKind::Function) {
        let open =
            (declared.token..lexed.code.len()).find(|i| lexed.is(*i, "{") || lexed.is(*i, ";"));
        let Some(close) = open.and_then(|open| text.pairs.partner_of(open)) else { continue };
        let line = lexed.code[close.saturating_sub(1)].line;
        let first = lexed.on_line(line).start;
        let returns = lexed.is(first, "return") && !lexed.is(first + 1, ";");
        let value =
            lexed.language.borrows && !lexed.is(close - 1, ";") && !lexed.is(close - 1, "}");
        if (returns || value)
            && lexed.word(declared.token) != "main"
            && lexed.code[close].line > line
        {
            all.push(vec![Edit::delete(
                name(text),
                source.line_start(line),
                source.line_start(line + 1),
            )]);
        }
    }
    all
}

fn unset(text: &Text) -> Places {
    let lexed = &text.lexed;
    let places = text.names.declared.iter().filter_map(|declared| {
        let equals = (declared.token + 1..declared.token + 4).find(|i| lexed.is(*i, "="))?;
        let simple = lexed.is(equals + 2, ";") && lexed.kind(equals + 1) != Some(TokenKind::Name);
        let local = text.pairs.block_of(lexed, declared.token).is_some();
        let edit = Edit::delete(name(text), lexed.code[equals - 1].end, lexed.code[equals + 1].end);
        (simple && local && declared.kind == NameKind::Value).then(|| vec![edit])
    });
    places.collect()
}

/// A declaration made again: with its type before a later assignment, or as the same line twice.
fn twice(text: &Text) -> Places {
    let (lexed, source) = (&text.lexed, &text.lexed.source);
    let mut all = Vec::new();
    for declared in text.names.declared.iter().filter(|d| d.kind == NameKind::Value) {
        let Some((first, last)) = declared.typed else { continue };
        if text.pairs.block_of(lexed, declared.token).is_none() || !lexed.code[first].first {
            continue;
        }
        let word = lexed.word(declared.token);
        let typed = source.slice(lexed.code[first].start, lexed.code[last].end).into_owned();
        let block = text.pairs.block_of(lexed, declared.token);
        let later = text.names.seen.get(word).into_iter().flatten().find(|at| {
            **at > declared.token
                && lexed.code[**at].first
                && lexed.is(**at + 1, "=")
                && text.pairs.block_of(lexed, **at) == block
        });
        if let Some(at) = later {
            all.push(vec![Edit::insert(name(text), lexed.code[*at].start, format!("{typed} "))]);
        }
        let line = lexed.code[declared.token].line;
        if source.line_text(line).trim_end().ends_with(';') {
            let copy = format!("{}{}", source.line_text(line), source.line_end_text());
            all.push(vec![Edit::insert(name(text), source.line_start(line + 1), copy)]);
        }
    }
    all
}

fn class_name(text: &Text, random: &mut Random) -> Places {
    let lexed = &text.lexed;
    let class = (1..lexed.code.len())
        .find(|i| lexed.is(*i - 1, "class") && lexed.is(i.saturating_sub(2), "public"));
    let edit = |i: usize, random: &mut Random| {
        let token = lexed.code[i];
        vec![Edit::replace(
            name(text),
            token.start,
            token.end,
            misspell(lexed.text(&token), random),
        )]
    };
    class.map(|i| edit(i, random)).into_iter().collect()
}

fn quoted_number(text: &Text) -> Places {
    let lexed = &text.lexed;
    let mark = lexed.language.quote();
    let number = |i: &usize| {
        lexed.kind(*i) == Some(TokenKind::Number) && matches!(lexed.word(*i - 1), "=" | ":=")
    };
    (1..lexed.code.len())
        .filter(number)
        .map(|i| {
            let token = lexed.code[i];
            vec![Edit::replace(
                name(text),
                token.start,
                token.end,
                format!("{mark}{}{mark}", lexed.text(&token)),
            )]
        })
        .collect()
}

fn whole_type(text: &Text) -> Places {
    let lexed = &text.lexed;
    let (real, whole) = (lexed.language.usual.real, lexed.language.usual.whole);
    (0..lexed.code.len())
        .filter(|i| lexed.is(*i, real) && real != whole)
        .map(|i| vec![Edit::replace(name(text), lexed.code[i].start, lexed.code[i].end, whole)])
        .collect()
}

fn lose_word(text: &Text, word: &str) -> Places {
    let lexed = &text.lexed;
    (0..lexed.code.len())
        .filter(|i| lexed.is(*i, word))
        .map(|i| vec![Edit::delete(name(text), lexed.code[i].start, lexed.code[i + 1].start)])
        .collect()
}

fn to_string(text: &Text) -> Places {
    let lexed = &text.lexed;
    (0..lexed.code.len())
        .filter(|i| lexed.is(*i, ".") && lexed.is(i + 1, "to_string") && lexed.is(i + 3, ")"))
        .map(|i| vec![Edit::delete(name(text), lexed.code[i].start, lexed.code[i + 3].end)])
        .collect()
}

fn return_type(text: &Text) -> Places {
    let lexed = &text.lexed;
    (1..lexed.code.len())
        .filter(|i| lexed.is(*i, "->"))
        .filter_map(|i| {
            let open = (i..lexed.code.len()).find(|at| lexed.is(*at, "{") || lexed.is(*at, ";"))?;
            Some(vec![Edit::delete(name(text), lexed.code[i - 1].end, lexed.code[open - 1].end)])
        })
        .collect()
}

fn void_type(text: &Text) -> Places {
    let lexed = &text.lexed;
    text.names
        .declared
        .iter()
        .filter(|declared| {
            declared.kind == NameKind::Function && lexed.word(declared.token) != "main"
        })
        .filter_map(|declared| {
            let (first, last) = declared.typed.filter(|(first, last)| first == last)?;
            let token = lexed.code[first];
            let tagged =
                first > 0 && matches!(lexed.word(first - 1), "struct" | "enum" | "union" | "::");
            let known = !lexed.is(last, "void") && !tagged;
            known.then(|| vec![Edit::replace(name(text), token.start, token.end, "void")])
        })
        .collect()
}

fn doubled_word(text: &Text) -> Places {
    let lexed = &text.lexed;
    (0..lexed.code.len())
        .filter(|i| matches!(lexed.kind(*i), Some(TokenKind::Keyword)))
        .map(|i| vec![Edit::insert(name(text), lexed.code[i].start, format!("{} ", lexed.word(i)))])
        .collect()
}

fn foreign(text: &Text) -> Places {
    let lexed = &text.lexed;
    let mut all = Vec::new();
    for (foreign, here) in lexed.language.foreign.iter().filter(|(_, here)| !here.contains(' ')) {
        // A word of another language keeps apart from its neighbours, as a word does.
        let word = here.starts_with(char::is_alphabetic);
        let operator = |i: &usize| word || lexed.kind(i + 1) != Some(TokenKind::Open);
        let glued =
            |at: usize| lexed.source.bytes().get(at).is_some_and(|b| !b.is_ascii_whitespace());
        for i in (0..lexed.code.len()).filter(|i| lexed.is(*i, here)).filter(operator) {
            let (start, end) = (lexed.code[i].start, lexed.code[i].end);
            let macro_mark =
                lexed.is(i, "!") && start > 0 && lexed.kind(i - 1) == Some(TokenKind::Name);
            let new =
                if !word && glued(end) { format!("{foreign} ") } else { (*foreign).to_owned() };
            if !macro_mark {
                all.push(vec![Edit::replace(name(text), start, end, new)]);
            }
        }
    }
    all
}
