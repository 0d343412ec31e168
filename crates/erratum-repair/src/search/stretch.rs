//! Which parts of a text may be switched off around a message, the smallest first.

use super::value::values;
use crate::fixes::Case;
use erratum_catalogue::Phase;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::names::NameKind;
use erratum_syntax::pairs::Pairs;
use erratum_syntax::text::Text;
use std::borrow::Cow;

/// A part of a text that may be blanked out, from the token `first` to `last`.
pub(super) struct Stretch {
    pub first: usize,
    pub last: usize,
    /// What stands in its place.
    by: Cow<'static, str>,
    /// Whether it is more than one statement.
    pub wide: bool,
    /// Whether it heads a block that stays.
    pub heads: bool,
    /// Whether a value of any type stands in its place: what is said there then comes of that.
    pub stands_in: bool,
}

impl Stretch {
    /// A part of which nothing stays.
    pub fn of(first: usize, last: usize) -> Stretch {
        Stretch { first, last, by: "".into(), wide: false, heads: false, stands_in: false }
    }

    /// The same with something in its place.
    fn with(self, by: impl Into<Cow<'static, str>>) -> Stretch {
        Stretch { by: by.into(), ..self }
    }

    /// A value in whose place one of any type stands.
    pub fn by(first: usize, last: usize, by: String) -> Stretch {
        Stretch { stands_in: true, ..Stretch::of(first, last).with(by) }
    }

    /// Whether no bracket in it has its partner outside.
    fn is_whole(&self, pairs: &Pairs) -> bool {
        let within = self.first..=self.last;
        let partners = within.clone().filter_map(|at| pairs.partner_of(at));
        partners.into_iter().all(|partner| within.contains(&partner))
    }

    /// Whether every block that begins in it ends in it.
    pub fn pairs(&self, lexed: &Lexed) -> bool {
        let mut depth = 0;
        for at in self.first..=self.last {
            depth += i32::from(lexed.opens_block(at)) - i32::from(lexed.closes_block(at));
            if depth < 0 {
                return false;
            }
        }
        depth == 0
    }

    /// The names that it declares, if the block that could use them stays.
    pub fn declares<'a>(&self, text: &'a Text) -> Vec<&'a str> {
        let within = |token: &usize| self.heads && (self.first..=self.last).contains(token);
        let tokens = text.names.declared.iter().map(|declared| declared.token).filter(within);
        tokens.map(|token| text.lexed.word(token)).collect()
    }

    pub fn edit(&self, lexed: &Lexed) -> Edit {
        let (from, to) = (lexed.code[self.first].start, lexed.code[self.last].end);
        // Line ends stay, so that places stay.
        let ends: String = lexed.source.slice(from, to).chars().filter(|c| *c == '\n').collect();
        Edit::replace(lexed.source.name(), from, to, format!("{}{ends}", self.by))
    }
}

/// What may be blanked out around a message, the smallest first.
pub(super) fn stretches(case: &Case, phase: Phase) -> Vec<Stretch> {
    let lexed = &case.text.lexed;
    // A message that points behind a line is of what ends there.
    let behind = case.message.line().is_some_and(|line| {
        case.token > 0
            && lexed.code[case.token].line > line
            && lexed.code[case.token - 1].line == line
    });
    let token = case.token - usize::from(behind);
    let mut all = match lexed.language.layout {
        // Where the text does not read as code at the start of an item, the one before did not end.
        true if phase <= Phase::Syntax && lexed.code[token].first && token > 0 => {
            let mut before = items(&case.text, token - 1);
            before.extend(items(&case.text, token));
            before
        }
        true => {
            let typed = unknown_type(case, token).filter(|_| phase == Phase::Name);
            typed.into_iter().chain(items(&case.text, token)).collect()
        }
        false if phase > Phase::Syntax => {
            let mut all = values(&case.text, token);
            all.extend(element(&case.text, token));
            all.extend(statements(case, token, phase));
            all
        }
        false => statements(case, token, phase),
    };
    let mut open = case.text.pairs.block_of(lexed, token);
    while let Some(at) = open {
        if let Some(close) = case.text.pairs.partner_of(at).filter(|close| *close > at + 1) {
            all.push(Stretch { wide: true, ..Stretch::of(at + 1, close - 1) });
        }
        open = case.text.pairs.block_of(lexed, at);
    }
    all.retain(|stretch| stretch.first <= stretch.last && stretch.is_whole(&case.text.pairs));
    all
}

/// The element of a list in braces around a token, with the mark behind it: one field of a value.
fn element(text: &Text, token: usize) -> Option<Stretch> {
    let (lexed, pairs) = (&text.lexed, &text.pairs);
    let open = pairs.inside_of(token).filter(|open| lexed.is(*open, "{"))?;
    let close = pairs.partner_of(open)?;
    let own = |at: &usize| pairs.inside_of(*at) == Some(open);
    let marks = |mark: &str| (open + 1..close).filter(own).filter(|at| lexed.is(*at, mark)).count();
    if marks(",") == 0
        || !lexed.language.terminator.is_empty() && marks(lexed.language.terminator) > 0
    {
        return None;
    }
    // What is declared in a list is not only a value.
    let declares = text.names.declared.iter().any(|one| own(&one.token));
    let first = (open + 1..=token).rev().filter(own).find(|at| lexed.is(*at, ","));
    let first = first.map_or(open + 1, |comma| comma + 1);
    let last = (token..close).filter(own).find(|at| lexed.is(*at, ",")).unwrap_or(close - 1);
    (!declares && first <= last).then(|| Stretch::of(first, last))
}

/// The statement around a message; where the text does not read as code, with the one before.
fn statements(case: &Case, token: usize, phase: Phase) -> Vec<Stretch> {
    let (lexed, pairs) = (&case.text.lexed, &case.text.pairs);
    let mut all = Vec::new();
    let (first, last) = statement(lexed, token);
    // Without its head, the body of a routine would be that of the program.
    if let Some(whole) = headed(lexed, pairs, first).filter(|_| phase <= Phase::Syntax) {
        let open = (first..token).find(|at| lexed.is(*at, "("));
        let close = open.and_then(|open| pairs.partner_of(open)).filter(|close| *close >= token);
        all.extend(open.zip(close).map(|(open, close)| Stretch::of(open, close)));
        all.push(whole);
        return all;
    }
    // Go: the marks in the head of a loop stand in no brackets.
    let line = lexed.on_line(lexed.code[token].line);
    let open = (token..line.end).find(|at| lexed.opens_block(*at));
    if let Some(open) = open.filter(|_| lexed.language.receivers && lexed.is(line.start, "for")) {
        around(lexed, pairs, line.start, open, &mut all);
    }
    around(lexed, pairs, first, last, &mut all);
    // What stands in brackets may have statements of its own.
    let (outer, end) = whole_statement(lexed, pairs, token);
    if (outer, end) != (first, last) {
        around(lexed, pairs, outer, end, &mut all);
    }
    if phase <= Phase::Syntax {
        all.extend(routine(lexed, pairs, outer));
        if first > 0 {
            let before = statement(lexed, first - 1).0;
            all.push(Stretch::of(before, last));
        }
    }
    all
}

/// A statement, with the block that it heads if it does, or as the end of its path.
fn around(lexed: &Lexed, pairs: &Pairs, first: usize, last: usize, all: &mut Vec<Stretch>) {
    let never = lexed.language.never;
    if lexed.opens_block(last)
        && let Some(close) = pairs.partner_of(last)
    {
        all.extend(head(lexed, pairs, first, last));
        // The call that a function is handed to ends behind it.
        let ends = |at: &usize| matches!(lexed.word(*at), ")" | "]") || ends_statement(lexed, *at);
        let tail = (close + 1..lexed.code.len()).take_while(ends).count();
        // The value that a function ends with, too.
        let value = lexed.language.body_is_value && tail == 0 && lexed.closes_block(close + 1);
        if value && !never.is_empty() {
            all.push(Stretch::of(first, close).with(never));
        }
        all.push(Stretch::of(first, close + tail));
    }
    // The end of a path stays one.
    let gives_back = lexed.language.body_is_value && lexed.closes_block(last + 1);
    if !never.is_empty() && (lexed.is(first, "return") || gives_back) {
        all.push(Stretch::of(first, last).with(never));
    }
    all.push(Stretch::of(first, last));
}

/// The header of a loop or of a condition whose block opens at a token, which stays: never entered
/// instead. What it declares is lost with it.
fn head(lexed: &Lexed, pairs: &Pairs, first: usize, open: usize) -> Option<Stretch> {
    let language = lexed.language;
    let first = first + usize::from(lexed.is(first, "else"));
    let word = lexed.word(first).to_ascii_lowercase();
    let mark = matches!(lexed.before(open), "then" | "do");
    let last = open.checked_sub(1 + usize::from(mark))?;
    let never = language.default_of(language.usual.truth)?;
    let bracketed = lexed.is(first + 1, "(") && pairs.partner_of(first + 1) == Some(last);
    let never = if bracketed { format!("({never})") } else { never.to_owned() };
    let (first, by) = match word.as_str() {
        "if" | "while" => (first + 1, never),
        "for" | "foreach" if language.is_keyword("while") => (first, format!("while {never}")),
        "for" => (first + 1, never),
        _ => return None,
    };
    (first <= last).then_some(Stretch { heads: true, ..Stretch::of(first, last).with(by) })
}

/// Whether a token only ends a statement.
fn ends_statement(lexed: &Lexed, at: usize) -> bool {
    !lexed.language.terminator.is_empty() && lexed.is(at, lexed.language.terminator)
}

/// A header with the block below it that stands as deep as the header: what is declared between the
/// two belongs to it.
fn routine(lexed: &Lexed, pairs: &Pairs, first: usize) -> Option<Stretch> {
    let indent = |at: usize| lexed.source.indent(lexed.code[at].line).unwrap_or(0);
    let own = indent(first);
    let lines = (first + 1..lexed.code.len()).filter(|at| lexed.code[*at].first);
    for at in lines {
        if indent(at) > own {
            continue;
        }
        if indent(at) < own {
            return None;
        }
        if lexed.opens_block(at) {
            let close = pairs.partner_of(at)?;
            let last = close + usize::from(ends_statement(lexed, close + 1));
            return Some(Stretch { wide: true, ..Stretch::of(first, last) });
        }
        if !lexed.divides(at) {
            return None;
        }
    }
    None
}

/// The routine whose head starts at a token, where heads end with a mark before their block.
fn headed(lexed: &Lexed, pairs: &Pairs, first: usize) -> Option<Stretch> {
    let parts = !lexed.language.variable_section.is_empty();
    let head = matches!(lexed.word(first), "procedure" | "function" | "constructor" | "destructor");
    routine(lexed, pairs, first).filter(|_| parts && head)
}

/// The first and the last token of the innermost statement that a token stands in.
fn statement(lexed: &Lexed, token: usize) -> (usize, usize) {
    if lexed.kind(token) == Some(TokenKind::Directive) {
        return (token, token);
    }
    let starts = |at: usize| lexed.divides(at - 1) || lexed.starts_line(at) || directive(lexed, at);
    let ends =
        |at: usize| lexed.divides(at) || lexed.starts_line(at + 1) || lexed.closes_block(at + 1);
    let first = (1..=token).rev().find(|at| starts(*at)).unwrap_or(0);
    let end = lexed.code.len().saturating_sub(1);
    let last = (token..end).find(|at| ends(*at)).unwrap_or(end);
    (behind_label(lexed, first, token), last)
}

/// Where a statement starts behind the word that says who may use what follows: that word is of all that
/// follows.
fn behind_label(lexed: &Lexed, first: usize, token: usize) -> usize {
    let says = matches!(lexed.word(first), "public" | "private" | "protected");
    if says && lexed.is(first + 1, ":") && token > first + 1 { first + 2 } else { first }
}

/// Whether what stands before a token is a line for the preprocessor.
fn directive(lexed: &Lexed, at: usize) -> bool {
    lexed.kind(at - 1) == Some(TokenKind::Directive)
}

/// The first and the last token of the statement around all brackets that a token stands in, up to
/// the block: a mark that divides statements does not where it stands in brackets.
fn whole_statement(lexed: &Lexed, pairs: &Pairs, token: usize) -> (usize, usize) {
    let bracket = |at: usize| {
        let open = pairs.inside_of(at);
        open.filter(|open| !lexed.opens_block(*open) && pairs.partner_of(*open).is_some())
    };
    let mut outermost = token;
    while let Some(open) = bracket(outermost) {
        outermost = open;
    }
    let end = lexed.code.len().saturating_sub(1);
    let mut first = outermost;
    while first > 0
        && (bracket(first - 1).is_some() || !lexed.divides(first - 1))
        && !lexed.starts_line(first)
        && !directive(lexed, first)
    {
        first -= 1;
    }
    let mut last = outermost;
    while last < end
        && (bracket(last).is_some() || !lexed.divides(last))
        && (bracket(last + 1).is_some() || !lexed.closes_block(last + 1))
        && !lexed.starts_line(last + 1)
    {
        last += 1;
    }
    (behind_label(lexed, first, outermost), last)
}

/// Where the indentation makes the blocks: the items that a token stands in, from the inside out.
/// Of what is bound, the value is blanked out before the whole.
fn items(text: &Text, token: usize) -> Vec<Stretch> {
    let lexed = &text.lexed;
    let mut never = lexed.language.never;
    let indent = |at: usize| lexed.source.indent(lexed.code[at].line).unwrap_or(0);
    // `let north = 3`: behind the word, the first of several items may stand.
    let behind = |at: usize| {
        let opens = |at: usize| matches!(lexed.word(at), "let" | "where" | "of" | "do");
        at.checked_sub(1).is_some_and(|before| !lexed.code[at].first && opens(before))
    };
    let starts: Vec<usize> =
        (0..lexed.code.len()).filter(|at| lexed.code[*at].first || behind(*at)).collect();
    let column = |at: usize| match lexed.code[at].first {
        true => indent(at),
        false => lexed.source.position(lexed.code[at].start).column.saturating_sub(1),
    };
    let several = |first: usize, last: usize| {
        let within = || starts.iter().copied().filter(|at| (first..=last).contains(at));
        let least = within().map(column).min();
        within().filter(|at| Some(column(*at)) == least).count() > 1
    };
    let mut row = starts.partition_point(|start| *start <= token).saturating_sub(1);
    // In the declaration of a type stands no value.
    let edge = starts.get(..=row).unwrap_or_default().iter().rev();
    let item = edge.copied().find(|at| column(*at) == 0);
    let of_type = |item: &usize| {
        let mut declared = text.names.declared.iter();
        lexed.kind(*item) == Some(TokenKind::Keyword)
            && declared.any(|d| d.kind == NameKind::Type && d.token == item + 1)
    };
    if item.as_ref().is_some_and(of_type) && !lexed.is(item.unwrap_or(0), "instance") {
        never = "";
    }
    let mut all = Vec::new();
    loop {
        let Some(first) = starts.get(row).copied() else { return all };
        let own = column(first);
        let next = starts[row + 1..].iter().find(|at| column(**at) <= own);
        let last = next.map_or(lexed.code.len(), |next| *next).saturating_sub(1);
        let mut depth = 0;
        let bound = (first..token).find(|at| {
            match lexed.kind(*at) {
                Some(TokenKind::Open) => depth += 1,
                Some(TokenKind::Close) => depth -= 1,
                _ => {}
            }
            depth <= 0 && matches!(lexed.word(*at), "=" | "->" | "<-")
        });
        if let Some(bound) = bound.filter(|_| !never.is_empty()) {
            all.push(Stretch {
                wide: several(bound + 1, last),
                ..Stretch::of(bound + 1, last).with(never)
            });
        }
        if own > 0 && !never.is_empty() {
            all.push(Stretch::of(first, last).with(never));
        }
        if own == 0
            && !never.is_empty()
            && let Some(name) = only_equation(lexed, first, last)
        {
            let kept = Stretch::of(first, last).with(format!("{name} = {never}"));
            all.push(Stretch { wide: true, ..kept });
        }
        all.push(Stretch { wide: own == 0, ..Stretch::of(first, last) });
        if own == 0 {
            return all;
        }
        let Some(outer) = (0..row).rev().find(|row| column(starts[*row]) < own) else {
            return all;
        };
        row = outer;
    }
}

/// Haskell: the name of a type that nothing declares, in whose place the type of no value stands.
fn unknown_type(case: &Case, token: usize) -> Option<Stretch> {
    let said = &case.message.text;
    // Seen with ghc 9.0.
    let told = ["Not in scope: type variable", "Not in scope: type constructor"];
    let lexed = &case.text.lexed;
    let bare = lexed.language.applies_bare && told.iter().any(|words| said.contains(words));
    let named = lexed.kind(token) == Some(TokenKind::Name);
    (bare && named).then(|| Stretch::by(token, token, NO_TYPE.to_owned()))
}

/// A type that is known everywhere, and of which nothing is computed.
pub(super) const NO_TYPE: &str = "()";

/// The name of a function of which an item is the only equation, and which has a signature: without any
/// equation, that would be a mistake.
fn only_equation(lexed: &Lexed, first: usize, last: usize) -> Option<&str> {
    let name = lexed.word(first);
    let small = name.starts_with(|one: char| one.is_lowercase() || one == '_');
    let flush = |at: &usize| lexed.code[*at].first && lexed.is(*at, name);
    let signature = |at: &usize| matches!(lexed.word(at + 1), "::" | ":");
    let mut heads = (0..lexed.code.len()).filter(flush).filter(|at| {
        lexed.source.indent(lexed.code[*at].line) == Some(0) && !(first + 1..=last).contains(at)
    });
    let (signed, own) = (heads.next()?, heads.next()?);
    let only = signature(&signed) && own == first && heads.next().is_none();
    (small && lexed.kind(first) == Some(TokenKind::Name) && only).then_some(name)
}

/// A text without each of the parts around a place, for tests.
#[cfg(test)]
pub(super) fn each_without(
    language: &str,
    text: &str,
    at: &str,
    parts: impl Fn(&Text, usize) -> Vec<Stretch>,
) -> Vec<String> {
    let source = erratum_syntax::source::Source::new("tide", text.as_bytes().to_vec());
    let read = Text::new(&source, erratum_syntax::language::by_id(language).unwrap());
    let token = read.lexed.at(text.find(at).unwrap());
    let without = |stretch: &Stretch| {
        let edit = stretch.edit(&read.lexed);
        format!("{}{}{}", &text[..edit.start], edit.text, &text[edit.end..])
    };
    parts(&read, token).iter().map(without).collect()
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_syntax::language::by_id;
    use erratum_syntax::source::Source;

    fn blanked(language: &str, text: &str, at: &str) -> Vec<String> {
        each_without(language, text, at, items)
    }

    #[test]
    fn a_signature_keeps_an_equation() {
        let text = "tide :: Int -> Int\ntide n take n\n\nlow :: Int -> Int\nlow 1 = 2\nlow n n\n";
        let kept = text.replace("tide n take n", "tide = undefined");
        assert_eq!(blanked("haskell", text, "take")[0], kept);
        // Where another equation is left, the signature has one.
        let none = text.replace("low n n", "");
        assert_eq!(blanked("haskell", text, "n n\n"), [none]);
    }

    #[test]
    fn a_value_is_blanked_before_what_it_is_bound_to() {
        let text = "low :: Int\nlow = deep\n  where\n    deep = tide 3\n\nhigh = 4\n";
        let all = blanked("haskell", text, "tide");
        assert_eq!(all[0], text.replace("tide 3", "undefined"));
        assert_eq!(all[1], text.replace("deep = tide 3", "undefined"));
        assert!(all.contains(&text.replace("deep\n  where\n    deep = tide 3", "undefined\n\n")));
    }

    #[test]
    fn a_step_is_blanked_before_the_steps_around_it() {
        let text = "main = do\n  print tide\n  print 3\n";
        let all = blanked("haskell", text, "tide");
        assert_eq!(all[0], text.replace("print tide", "undefined"));
    }

    #[test]
    fn a_binding_behind_a_word_stands_by_itself() {
        let text = "main = do\n  let low = tide 3\n      high = 4\n  print high\n";
        let all = blanked("haskell", text, "tide");
        assert_eq!(all[0], text.replace("tide 3", "undefined"));
    }

    #[test]
    fn in_a_type_no_value_is_put() {
        let text = "data Tide\n  = Low Int\n  | High\n  deriving Show Eq\n\nlow = 3\n";
        let all = blanked("haskell", text, "Eq");
        assert_eq!(all[0], text.replace("deriving Show Eq", ""));
        assert!(all.iter().all(|blanked| !blanked.contains("undefined")));
    }

    fn statement_at(language: &str, text: &str, at: &str) -> String {
        let source = Source::new("tide", text.as_bytes().to_vec());
        let lexed = Lexed::new(&source, by_id(language).unwrap());
        let (first, last) = statement(&lexed, lexed.at(text.find(at).unwrap()));
        text[lexed.code[first].start..lexed.code[last].end].to_owned()
    }

    #[test]
    fn a_field_is_blanked_before_the_value_that_has_it() {
        let text = "fn low() -> Pier {\n    Pier { slips: 3, deck: 4, east: true }\n}\n";
        let all =
            each_without("rust", text, "deck", |text, at| element(text, at).into_iter().collect());
        assert_eq!(all, [text.replace("deck: 4,", "")]);
        let text = "fn low() {\n    tide(3, 4);\n    high();\n}\n";
        assert!(
            each_without("rust", text, "high", |text, at| element(text, at).into_iter().collect())
                .is_empty()
        );
    }

    #[test]
    fn a_statement_ends_with_its_mark_or_its_line() {
        let text = "func low() {\n\ttide := 3\n\tprint(tide)\n}\n";
        assert_eq!(statement_at("go", text, "tide)"), "print(tide)");
        let text = "int low() { int tide = 3; return\n tide; }\n";
        assert_eq!(statement_at("c", text, "tide; }"), "return\n tide;");
    }
}
