//! Forms that came with a later version of a language than a compiler may know.
//!
//! The text that uses one is right, and an older compiler says of it what it says of any slip: "unexpected
//! symbol". A newer compiler says nothing there, so that a message at such a form tells that it is not known.

use crate::lex::{Lexed, TokenKind};

/// A form, as its first tokens show it.
#[derive(Debug)]
pub struct Newer {
    /// The version that it came with, as people name it.
    pub since: &'static str,
    /// The tokens with which it is written. `@name`, `@number` and `@text` are any such; `@names` is one or
    /// more with dots between; `@(`, `@[` and `@{` are all from such a bracket to its partner.
    pub form: &'static [&'static str],
    /// Where it counts.
    pub only: Only,
    /// What a message about it says; empty if its place is enough.
    pub said: &'static str,
}

/// Where a form counts.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Only {
    /// Anywhere.
    Anywhere,
    /// At the start of a line, outside of all brackets, with none of these words before it.
    Outside(&'static [&'static str]),
    /// Behind one of these.
    Behind(&'static [&'static str]),
    /// At the end of a line.
    LineEnd,
    /// With this word further on in its line, and no such bracket behind its first word.
    Before(&'static str, &'static [&'static str]),
}

/// A form that is used in a text.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Used {
    /// The first of its tokens.
    pub first: usize,
    /// The last of its tokens.
    pub last: usize,
    /// The text of its first line.
    pub text: String,
    /// The version that it came with.
    pub since: &'static str,
}

/// The version of a language, as two numbers: `Go 1.22` is `(1, 22)`, `C# 10` is `(10, 0)`.
pub type Version = (u32, u32);

/// The first two numbers in the name of a version.
pub fn version(name: &str) -> Version {
    let mut numbers = name
        .split(|c: char| !c.is_ascii_digit() && c != '.')
        .find(|part| part.starts_with(|c: char| c.is_ascii_digit()))
        .unwrap_or("")
        .split('.')
        .map(|number| number.parse().unwrap_or(0));
    (numbers.next().unwrap_or(0), numbers.next().unwrap_or(0))
}

/// The form at a token that a message is about, if it came with a later version than the compiler knows.
/// Where braces have no partner, a mark of a newer form may be the slip itself, and none is told.
pub fn at(lexed: &Lexed, token: usize, said: &str, knows: Version) -> Option<Used> {
    let forms: Vec<&Newer> =
        lexed.language.newer.iter().filter(|form| version(form.since) > knows).collect();
    if forms.is_empty() || !is_even(lexed) {
        return None;
    }
    let line = lexed.code.get(token)?.line;
    // A form is told at one of its tokens, or at what stands behind it: on its first line it starts.
    let from = (0..=token).rev().take_while(|at| lexed.code[*at].line + REACH >= line);
    let mut best: Option<Used> = None;
    for first in from {
        for form in &forms {
            if !said.contains(form.said) || !counts(form, lexed, first) {
                continue;
            }
            let Some(last) = fits(form.form, lexed, first) else { continue };
            if form.only == Only::LineEnd
                && lexed.code.get(last + 1).is_some_and(|next| !next.first)
            {
                continue;
            }
            let reach = match form.only {
                Only::Before(word, _) => lexed
                    .on_line(lexed.code[first].line)
                    .find(|at| *at > first && lexed.is(*at, word))
                    .unwrap_or(last),
                _ => last,
            };
            if token > reach + 1
                || token == reach + 1 && lexed.code[token].line != lexed.code[reach].line
            {
                continue;
            }
            let text = shown(lexed, first, reach);
            let used = Used { first, last: reach, text, since: form.since };
            // The one that starts nearest says most; of two that start there, the longer one.
            if best.as_ref().is_none_or(|best| best.first == first && best.last < reach) {
                best = Some(used);
            }
        }
    }
    best
}

/// What is shown of a form: its first line, with what closes the bracket that it opens.
fn shown(lexed: &Lexed, first: usize, last: usize) -> String {
    let line = lexed.code[first].line;
    let open = (first..=last).rfind(|at| matches!(lexed.word(*at), "(" | "[" | "{"));
    let close = open.and_then(|at| closing(lexed, at)).filter(|at| lexed.code[*at].line == line);
    let last = close.map_or(last, |close| close.max(last));
    let end = lexed.code[first..=last].iter().rfind(|one| one.line == line);
    let end = end.map_or(lexed.code[first].end, |one| one.end);
    lexed.source.slice(lexed.code[first].start, end).into_owned()
}

/// Whether as many braces are closed as are opened.
fn is_even(lexed: &Lexed) -> bool {
    let many = |mark: &str| (0..lexed.code.len()).filter(|at| lexed.is(*at, mark)).count();
    many("{") == many("}")
}

/// How many lines a form may go on.
const REACH: u32 = 3;

fn counts(form: &Newer, lexed: &Lexed, first: usize) -> bool {
    match form.only {
        Only::Anywhere | Only::LineEnd => true,
        Only::Outside(words) => lexed.code[first].first && is_outside(lexed, first, words),
        Only::Behind(words) => first > 0 && words.contains(&lexed.before(first)),
        Only::Before(word, brackets) => {
            let mut line = lexed.on_line(lexed.code[first].line);
            line.any(|at| at > first && lexed.is(at, word))
                && !brackets.contains(&lexed.word(first + 1))
        }
    }
}

/// Whether a token stands in no bracket, and none of some words before it.
fn is_outside(lexed: &Lexed, first: usize, words: &[&str]) -> bool {
    let mut depth = 0_usize;
    for at in 0..first {
        match lexed.word(at) {
            "(" | "[" | "{" => depth += 1,
            ")" | "]" | "}" => depth = depth.saturating_sub(1),
            word if words.contains(&word) => return false,
            _ => {}
        }
    }
    depth == 0
}

/// The last token of a form that starts at a token.
fn fits(form: &[&str], lexed: &Lexed, first: usize) -> Option<usize> {
    let mut at = first;
    for part in form {
        let kind = lexed.kind(at)?;
        at = match *part {
            "@name" if matches!(kind, TokenKind::Name | TokenKind::Keyword) => at + 1,
            "@number" if kind == TokenKind::Number => at + 1,
            "@text" if kind == TokenKind::Str => at + 1,
            "@names" if kind == TokenKind::Name => {
                let mut end = at + 1;
                while lexed.is(end, ".") && lexed.kind(end + 1) == Some(TokenKind::Name) {
                    end += 2;
                }
                end
            }
            "@(" | "@[" | "@{" if lexed.is(at, &part[1..]) => closing(lexed, at)? + 1,
            part if (part == "@" || !part.starts_with('@')) && lexed.word(at) == part => at + 1,
            _ => return None,
        };
    }
    at.checked_sub(1)
}

/// The partner of a bracket.
fn closing(lexed: &Lexed, open: usize) -> Option<usize> {
    let mut depth = 0_usize;
    for at in open..lexed.code.len() {
        match lexed.word(at) {
            "(" | "[" | "{" => depth += 1,
            ")" | "]" | "}" => {
                depth = depth.checked_sub(1)?;
                if depth == 0 {
                    return Some(at);
                }
            }
            _ => {}
        }
    }
    None
}

/// A form that counts anywhere.
pub(crate) const fn form(since: &'static str, form: &'static [&'static str]) -> Newer {
    Newer { since, form, only: Only::Anywhere, said: "" }
}

/// A form that counts in some places.
pub(crate) const fn form_in(
    since: &'static str,
    form: &'static [&'static str],
    only: Only,
) -> Newer {
    Newer { since, form, only, said: "" }
}

/// A form that a message must speak of.
pub(crate) const fn told(
    since: &'static str,
    form: &'static [&'static str],
    said: &'static str,
) -> Newer {
    Newer { since, form, only: Only::Anywhere, said }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::language::by_id;
    use crate::source::Source;

    /// The form at `<|>`, and the version it came with.
    fn used(id: &str, text: &str, said: &str) -> Option<(String, &'static str)> {
        let place = text.find("<|>").unwrap();
        let source = Source::new("quay", text.replace("<|>", "").into_bytes());
        let lexed = Lexed::new(&source, by_id(id).unwrap());
        at(&lexed, lexed.at(place), said, (0, 0)).map(|used| (used.text, used.since))
    }

    fn is(id: &str, text: &str, form: &str, since: &str) {
        assert_eq!(used(id, text, ""), Some((form.to_owned(), by_since(id, since))), "{text}");
    }

    fn by_since(id: &str, since: &str) -> &'static str {
        by_id(id).unwrap().newer.iter().find(|one| one.since == since).unwrap().since
    }

    #[test]
    fn forms_of_csharp() {
        is(
            "csharp",
            "namespace Harbour.Tides<|>;\n\nclass Quay { }\n",
            "namespace Harbour.Tides;",
            "C# 10",
        );
        is("csharp", "public <|>record Tide(int Level);\n", "record Tide", "C# 9");
        is("csharp", "class Q { int A { get; <|>init; } }\n", "init;", "C# 9");
        is(
            "csharp",
            "class Q { string K(int n) => n <|>switch { 0 => \"none\", _ => \"some\" }; }\n",
            "switch { 0 => \"none\", _ => \"some\" }",
            "C# 8",
        );
        is(
            "csharp",
            "class Q { void M(object o) { if (o is not <|>string) { } } }\n",
            "is not",
            "C# 9",
        );
        is("csharp", "class Q { int L(int[] a) { return a[<|>^1]; } }\n", "[^1]", "C# 8");
        is("csharp", "using System;\n\n<|>Console.WriteLine(\"low\");\n", "Console.", "C# 9");
        // Statements of a class are none of a file, and an old `switch` is no new one.
        assert_eq!(used("csharp", "class Q { }\n\n<|>Console.WriteLine(\"low\");\n", ""), None);
        assert_eq!(used("csharp", "class Q { void M(int n) { <|>switch (n) { } } }\n", ""), None);
        assert_eq!(used("csharp", "class Q { int[] A = <|>new int[3]; }\n", ""), None);
        // With a brace to close, the `;` is the slip.
        assert_eq!(used("csharp", "namespace Harbour<|>;\n    class Quay { }\n}\n", ""), None);
    }

    #[test]
    fn what_a_compiler_knows_is_no_newer_form() {
        let text = "namespace Harbour;\n\nclass Quay { }\n";
        let source = Source::new("quay.cs", text.as_bytes());
        let lexed = Lexed::new(&source, by_id("csharp").unwrap());
        assert!(at(&lexed, 2, "", (7, 0)).is_some());
        assert!(at(&lexed, 2, "", (10, 0)).is_none());
        let named = |name| version(name);
        assert_eq!(
            [named("Go 1.22"), named("C# 10"), named("17.0.15")],
            [(1, 22), (10, 0), (17, 0)]
        );
        assert_eq!(
            [named("go version go1.19.8"), named("C++23"), named("")],
            [(1, 19), (23, 0), (0, 0)]
        );
    }

    #[test]
    fn forms_of_go_are_told_by_what_is_said() {
        let text = "package main\n\nfunc f() {\n\tfor i := range <|>3 {\n\t}\n}\n";
        let said = "cannot range over 3 (untyped int constant)";
        assert_eq!(used("go", text, said).unwrap().1, "Go 1.22");
        assert_eq!(used("go", text, "something else"), None);
        let text = "package main\n\nfunc f(a, b int) int {\n\treturn <|>max(a, b)\n}\n";
        assert_eq!(
            used("go", text, "undefined: max").unwrap(),
            ("max(a, b)".to_owned(), "Go 1.21")
        );
    }

    #[test]
    fn forms_of_scala() {
        is("scala", "<|>enum Tide:\n  case Low, High\n", "enum Tide", "Scala 3");
        is(
            "scala",
            "object Q {\n  def f(n: Int) = if <|>n > 3 then 1 else 2\n}\n",
            "if n > 3 then",
            "Scala 3",
        );
        is("scala", "<|>@main def quay(): Unit =\n  println(3)\n", "@main", "Scala 3");
        is("scala", "object Quay<|>:\n  val n = 3\n", "object Quay:", "Scala 3");
        assert_eq!(
            used("scala", "object Q {\n  def f(n: Int) = if <|>n > 3 1 else 2\n}\n", ""),
            None
        );
        assert_eq!(used("scala", "object Quay {\n  val n<|>: Int = 3\n}\n", ""), None);
    }

    #[test]
    fn forms_of_java_and_cpp() {
        is("java", "<|>void main() {\n}\n", "void main()", "Java 25");
        assert_eq!(used("java", "class Q {\n    <|>void main() {\n    }\n}\n", ""), None);
        is(
            "java",
            "class Q { int f(Object o) { return o instanceof Tide<|>(int level) ? level : 0; } }\n",
            "instanceof Tide(int level)",
            "Java 21",
        );
        is("cpp", "<|>import std;\n\nint main() { }\n", "import std;", "C++23");
        is("cpp", "int main() { std::<|>println(\"low\"); }\n", "std::println", "C++23");
    }
}
