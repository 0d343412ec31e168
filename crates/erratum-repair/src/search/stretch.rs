//! Which parts of a text may be switched off around a message, the smallest first.

use super::items::{items, of_type, unknown_type};
use super::odd;
use super::value::values;
use crate::fixes::Case;
use erratum_catalogue::Phase;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::names::{Declared, NameKind};
use erratum_syntax::pairs::Pairs;
use erratum_syntax::text::Text;
use std::borrow::Cow;

/// A part of a text that may be blanked out, from the token `first` to `last`.
pub(super) struct Stretch {
    pub first: usize,
    pub last: usize,
    /// Where it starts and ends, in bytes, if that is not where its tokens do.
    range: Option<(usize, usize)>,
    /// What is changed elsewhere with it.
    also: Vec<Edit>,
    /// What stands in its place.
    by: Cow<'static, str>,
    /// Whether it is more than one statement.
    pub wide: bool,
    /// Whether it heads a block that stays.
    pub heads: bool,
    /// Whether a value of any type stands in its place: what is said there then comes of that.
    pub stands_in: bool,
    /// Whether it may only go if nothing of its phase is left to say then.
    pub alone: bool,
}

impl Stretch {
    /// A part of which nothing stays.
    pub fn of(first: usize, last: usize) -> Stretch {
        Stretch {
            first,
            last,
            range: None,
            also: Vec::new(),
            by: Cow::default(),
            wide: false,
            heads: false,
            stands_in: false,
            alone: false,
        }
    }

    /// The same with something in its place.
    pub fn with(self, by: impl Into<Cow<'static, str>>) -> Stretch {
        Stretch { by: by.into(), ..self }
    }

    /// The same as one of more than one statement, or not.
    pub fn wide(self, wide: bool) -> Stretch {
        Stretch { wide, ..self }
    }

    /// The same as one that only goes if nothing is left to say then.
    pub fn alone(self) -> Stretch {
        Stretch { alone: true, ..self }
    }

    /// The same from one byte to another instead of from token to token.
    pub fn over(self, range: (usize, usize)) -> Stretch {
        Stretch { range: Some(range), ..self }
    }

    /// The same with what is changed elsewhere.
    pub fn and(self, also: Vec<Edit>) -> Stretch {
        Stretch { also, ..self }
    }

    /// A value in whose place one of any type stands.
    pub fn by(first: usize, last: usize, by: String) -> Stretch {
        Stretch { stands_in: true, ..Stretch::of(first, last).with(by) }
    }

    /// Whether no bracket in it has its partner outside.
    fn is_whole(&self, pairs: &Pairs) -> bool {
        // What is put in takes nothing away, and the compiler judges whether an odd line may go.
        if self.range.is_some() {
            return true;
        }
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

    /// The names that it declares.
    pub fn declares<'a>(&self, text: &'a Text) -> Vec<&'a str> {
        let within = |token: &usize| (self.first..=self.last).contains(token);
        let tokens = text.names.declared.iter().map(|declared| declared.token).filter(within);
        tokens.map(|token| text.lexed.word(token)).collect()
    }

    /// All that is changed.
    pub fn edits(&self, lexed: &Lexed) -> Vec<Edit> {
        let own = [self.edit(lexed)];
        own.into_iter().chain(self.also.iter().cloned()).collect()
    }

    pub fn edit(&self, lexed: &Lexed) -> Edit {
        let tokens = (lexed.code[self.first].start, lexed.code[self.last].end);
        let (from, to) = self.range.unwrap_or(tokens);
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
    let early = phase <= Phase::Syntax;
    let mut all = match early {
        true => odd::parts(&case.text, token),
        false => Vec::new(),
    };
    let ended = phase == Phase::Syntax && odd::ended_before(&case.text, token);
    if phase == Phase::Syntax {
        all.extend(package(lexed, token));
        all.extend(odd::rest_of_line(lexed, case.token));
    }
    let evened_first = phase < Phase::Syntax || ended;
    if evened_first {
        all.extend(odd::evened(&case.text));
    }
    all.extend(match lexed.language.layout {
        // Where the text does not read as code at the start of an item, the one before did not end.
        true if early && lexed.code[token].first && token > 0 => {
            let mut before = of_type(&case.text, token - 1);
            before.extend(items(&case.text, token - 1));
            before.extend(of_type(&case.text, token));
            before.extend(items(&case.text, token));
            before.sort_by_key(|part| part.wide);
            before
        }
        true => {
            let typed = unknown_type(case, token).filter(|_| phase == Phase::Name);
            let parts = typed.into_iter().chain(of_type(&case.text, token));
            parts.chain(items(&case.text, token)).collect()
        }
        false if phase > Phase::Syntax => {
            let mut all = values(&case.text, token);
            all.extend(element(&case.text, token));
            all.extend(statements(case, token, phase));
            all
        }
        false => statements(case, token, phase),
    });
    if early && !lexed.language.layout {
        all.push(odd::line_of(lexed, token));
    }
    if early && !evened_first {
        all.extend(odd::evened(&case.text));
    }
    let mut open = case.text.pairs.block_of(lexed, token);
    while let Some(at) = open {
        if let Some(close) = case.text.pairs.partner_of(at).filter(|close| *close > at + 1) {
            all.push(Stretch { wide: true, ..Stretch::of(at + 1, close - 1) });
        }
        open = case.text.pairs.block_of(lexed, at);
    }
    if !lexed.language.layout && phase > Phase::Syntax {
        all.extend(types_around(&case.text, token));
    }
    all.retain(|stretch| stretch.first <= stretch.last && stretch.is_whole(&case.text.pairs));
    all
}

/// The line that names the package of a file, where nothing is read without it.
fn package(lexed: &Lexed, token: usize) -> Option<Stretch> {
    let line = lexed.on_line(lexed.code[token].line);
    let clause = lexed.language.package_clause;
    let names = !clause.is_empty() && lexed.is(line.start, clause.trim_end());
    let part = || Stretch::of(line.start, line.end - 1).with(format!("{clause}main")).alone();
    names.then(part)
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
    let early = phase <= Phase::Syntax;
    // What stands at the end of a block without its end mark is told of at the end of the block.
    if early && token > 0 && lexed.closes_block(token) && !lexed.divides(token - 1) {
        around(&case.text, early, (statement(lexed, token - 1).0, token - 1), &mut all);
    }
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
        around(&case.text, early, (line.start, open), &mut all);
    }
    all.extend(with_head_before(&case.text, first, last).filter(|_| early));
    all.extend(bases(&case.text, first, last));
    all.extend(parameters(&case.text, first, last, token).filter(|_| early));
    around(&case.text, early, (first, last), &mut all);
    // What stands in brackets may have statements of its own.
    let (outer, end) = whole_statement(lexed, pairs, token);
    if (outer, end) != (first, last) {
        around(&case.text, early, (outer, end), &mut all);
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

/// A block with the head of a routine that ends before it, as if it had no block.
fn with_head_before(text: &Text, first: usize, last: usize) -> Option<Stretch> {
    let (lexed, pairs) = (&text.lexed, &text.pairs);
    let close = pairs.partner_of(last).filter(|_| lexed.opens_block(last))?;
    let end = first.checked_sub(1).filter(|end| ends_statement(lexed, *end))?;
    let head = statement(lexed, end).0;
    let mut declared = text.names.declared.iter();
    let own =
        declared.any(|one| one.kind == NameKind::Function && (head..end).contains(&one.token));
    let bare = lexed.before(end) == ")" && !(head..end).any(|at| lexed.opens_block(at));
    (own && bare).then(|| Stretch::of(head, close))
}

/// What a type takes over, in its head.
fn bases(text: &Text, first: usize, last: usize) -> Option<Stretch> {
    let lexed = &text.lexed;
    let name = declared_type(text, first, last).filter(|_| lexed.opens_block(last))?;
    let outside = |at: &usize| text.pairs.inside_of(*at) == text.pairs.inside_of(name);
    let takes = |at: &usize| matches!(lexed.word(*at), ":" | "extends" | "implements");
    let start = (name + 1..last).find(|at| takes(at) && outside(at))?;
    Some(Stretch::of(start, last - 1))
}

/// The token that names the type which a head declares.
fn declared_type(text: &Text, first: usize, last: usize) -> Option<usize> {
    let mut declared = text.names.declared.iter();
    let own = |one: &&Declared| one.kind == NameKind::Type && (first..=last).contains(&one.token);
    declared.find(own).map(|one| one.token)
}

/// What a routine takes, around a token in its head.
fn parameters(text: &Text, first: usize, last: usize, token: usize) -> Option<Stretch> {
    let (lexed, pairs) = (&text.lexed, &text.pairs);
    let mut declared = text.names.declared.iter();
    let named = declared
        .find(|one| one.kind == NameKind::Function && (first..=last).contains(&one.token))?;
    let open = (named.token + 1..=token).find(|at| lexed.is(*at, "("))?;
    let close = pairs.partner_of(open).filter(|close| (open + 2..=last).contains(close))?;
    let within = lexed.opens_block(last) && (open..=close).contains(&token);
    within.then(|| Stretch { heads: true, ..Stretch::of(open + 1, close - 1) })
}

/// The declarations of types that a token stands in, the innermost first.
fn types_around(text: &Text, token: usize) -> Vec<Stretch> {
    let (lexed, pairs) = (&text.lexed, &text.pairs);
    let mut all = Vec::new();
    let mut open = pairs.block_of(lexed, token);
    while let Some(at) = open {
        let first = statement(lexed, at).0;
        if let (Some(_), Some(close)) = (declared_type(text, first, at), pairs.partner_of(at)) {
            let last = close + usize::from(ends_statement(lexed, close + 1));
            all.push(Stretch::of(first, last).wide(true));
        }
        open = pairs.block_of(lexed, at);
    }
    all
}

/// A statement, with the block that it heads if it does, or as the end of its path.
fn around(text: &Text, early: bool, (first, last): (usize, usize), all: &mut Vec<Stretch>) {
    let (lexed, pairs) = (&text.lexed, &text.pairs);
    let never = lexed.language.never;
    if lexed.opens_block(last)
        && let Some(close) = pairs.partner_of(last)
    {
        all.extend(head(lexed, first, last));
        if early {
            all.extend(neutral_heads(lexed, first, last));
        }
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
pub(super) fn head(lexed: &Lexed, first: usize, open: usize) -> Option<Stretch> {
    let language = lexed.language;
    let first = first + usize::from(lexed.is(first, "else"));
    let word = lexed.word(first).to_ascii_lowercase();
    let mark = matches!(lexed.before(open), "then" | "do");
    let last = open.checked_sub(1 + usize::from(mark))?;
    let never = language.default_of(language.usual.truth)?;
    let bracketed = lexed.is(first + 1, "(");
    let never = if bracketed { format!("({never})") } else { never.to_owned() };
    let looping = language.is_keyword("while");
    let (first, by) = match word.as_str() {
        "if" | "while" => (first + 1, never),
        "for" | "foreach" if looping => (first, format!("while {never}")),
        "for" => (first + 1, never),
        _ => return None,
    };
    (first <= last).then_some(Stretch { heads: true, ..Stretch::of(first, last).with(by) })
}

/// A head that does not read, before a block that stays: what it declares by its word and its name, none, or
/// one that any members may stand behind.
fn neutral_heads(lexed: &Lexed, first: usize, open: usize) -> Vec<Stretch> {
    let language = lexed.language;
    if first >= open || !lexed.is(open, "{") {
        return Vec::new();
    }
    let head = || Stretch { heads: true, ..Stretch::of(first, open - 1) };
    let named = |at: &usize| lexed.kind(*at) == Some(TokenKind::Name);
    let is_word = |at: &usize| {
        matches!(lexed.word(*at), "struct" | "enum" | "interface" | "trait")
            && lexed.kind(*at) == Some(TokenKind::Keyword)
    };
    let of_type = (first..open).find(is_word).and_then(|word| {
        let name = (word + 1..open).find(named)?;
        Some(head().with(format!("{} {} ", lexed.word(word), lexed.word(name))))
    });
    let last = (first..open).rev().find(named);
    let words = ["class", "impl"].into_iter().filter(|word| language.is_keyword(word));
    let of_members = words.filter_map(|word| {
        let name = lexed.word(last?);
        Some(head().with(format!("{word} {name}")))
    });
    of_type.into_iter().chain([head()]).chain(of_members).collect()
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
pub(super) fn statement(lexed: &Lexed, token: usize) -> (usize, usize) {
    if lexed.kind(token) == Some(TokenKind::Directive) {
        return (token, token);
    }
    let starts =
        |at: usize| divides(lexed, at - 1) || lexed.starts_line(at) || directive(lexed, at);
    let ends = |at: usize| divides(lexed, at) || lexed.starts_line(at + 1) || closes(lexed, at + 1);
    let first = (1..=token).rev().find(|at| starts(*at)).unwrap_or(0);
    let end = lexed.code.len().saturating_sub(1);
    let last = (token..end).find(|at| ends(*at)).unwrap_or(end);
    (behind_label(lexed, first, token), last)
}

/// Whether a token closes the block that a statement stands in.
fn closes(lexed: &Lexed, at: usize) -> bool {
    lexed.closes_block(at) && (!lexed.divides(at) || divides(lexed, at))
}

/// Whether statements are parted at a token. In Go the brace of a value ends none where another value follows:
/// `return Barge{3}, nil`.
fn divides(lexed: &Lexed, at: usize) -> bool {
    let goes_on = lexed.language.receivers
        && lexed.is(at, "}")
        && lexed.is(at + 1, ",")
        && !lexed.starts_line(at + 1);
    // Nor does the one that opens such a value, behind the name of its type.
    let opens = lexed.language.receivers
        && lexed.is(at, "{")
        && lexed.kind(at.wrapping_sub(1)) == Some(TokenKind::Name)
        && lexed.code.get(at + 1).is_some_and(|next| !next.first)
        && (0..at)
            .rev()
            .take_while(|one| lexed.code[*one].line == lexed.code[at].line)
            .any(|one| matches!(lexed.word(one), "return" | ":=" | "="));
    lexed.divides(at) && !goes_on && !opens
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
        && (bracket(first - 1).is_some() || !divides(lexed, first - 1))
        && !lexed.starts_line(first)
        && !directive(lexed, first)
    {
        first -= 1;
    }
    let mut last = outermost;
    while last < end
        && (bracket(last).is_some() || !divides(lexed, last))
        && (bracket(last + 1).is_some() || !closes(lexed, last + 1))
        && !lexed.starts_line(last + 1)
    {
        last += 1;
    }
    (behind_label(lexed, first, outermost), last)
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

    #[test]
    fn a_package_keeps_a_name() {
        let text = "package => main\n\nfunc main() {}\n";
        let all = each_without("go", text, "main\n", |text, at| {
            package(&text.lexed, at).into_iter().collect()
        });
        assert_eq!(all, ["package main\n\nfunc main() {}\n"]);
    }

    #[test]
    fn what_stands_before_the_rest_of_a_line_stays() {
        let rest = |text: &Text, at: usize| odd::rest_of_line(&text.lexed, at);
        let text = "void moor(int n) => :: then\n{\n  low(3) 4;\n}\n";
        let all = each_without("csharp", text, ":: then", rest);
        assert_eq!(all, [text.replace(":: then", ""), text.replace("=> :: then", "")]);
        assert_eq!(each_without("csharp", text, "4;", rest), [text.replace("4;", ";")]);
        assert!(each_without("csharp", text, "low", rest).is_empty());
    }

    #[test]
    fn a_type_stays_without_what_it_takes_over() {
        let text = "class Ferry : Boat, ITimed\n{\n    int seats;\n}\n";
        let all = each_without("csharp", text, "Boat", |text, at| {
            let (first, last) = statement(&text.lexed, at);
            bases(text, first, last).into_iter().collect()
        });
        assert_eq!(all, [text.replace(": Boat, ITimed", "")]);
        let text = "class Ferry(val seats: Int) {\n  val deck: Int = 3\n}\n";
        let all = each_without("scala", text, "Ferry", |text, at| {
            let (first, last) = statement(&text.lexed, at);
            bases(text, first, last).into_iter().collect()
        });
        assert!(all.is_empty(), "{all:?}");
    }

    #[test]
    fn a_routine_stays_without_what_it_takes() {
        let text = "class Pier {\n    static void moor(String[] boats[], int n) {\n        go();\n    }\n}\n";
        let all = each_without("java", text, "[] boats", |text, at| {
            let (first, last) = statement(&text.lexed, at);
            parameters(text, first, last, at).into_iter().collect()
        });
        assert_eq!(all, [text.replace("String[] boats[], int n", "")]);
    }

    #[test]
    fn the_types_around_a_token_go_as_a_whole() {
        let text = "class Pier {\n    class Berth {\n        int low;\n    }\n}\n";
        let all = each_without("java", text, "low", types_around);
        assert_eq!(all[0], text.replace("class Berth {\n        int low;\n    }", "\n\n"));
        assert_eq!(all.len(), 2);
    }

    #[test]
    fn a_header_with_an_odd_bracket_is_one() {
        let text = "void go() {\n    if (!done {\n        tide();\n    }\n}\n";
        let all = each_without("csharp", text, "done", |text, at| {
            let (first, last) = statement(&text.lexed, at);
            head(&text.lexed, first, last).into_iter().collect()
        });
        assert_eq!(all, [text.replace("(!done", "(false)")]);
    }

    #[test]
    fn a_head_that_does_not_read_gives_way_to_none() {
        let text = "Object Pier {\n  def low = 3\n}\n";
        let all = each_without("scala", text, "Pier", |text, at| {
            let (first, last) = statement(&text.lexed, at);
            neutral_heads(&text.lexed, first, last)
        });
        assert_eq!(all, [text.replace("Object Pier", ""), text.replace("Object", "class")]);
        let text = "struct => Pier : {\n    low: i32,\n}\n";
        let all = each_without("rust", text, "Pier", |text, at| {
            let (first, last) = statement(&text.lexed, at);
            neutral_heads(&text.lexed, first, last)
        });
        assert_eq!(all[0], text.replace("=> Pier :", "Pier "));
    }

    #[test]
    fn a_block_goes_with_the_head_that_ended_before_it() {
        let text = "function low(tide: number); number {\n  return 3;\n}\nhigh();\n";
        let all = each_without("typescript", text, "number {", |text, at| {
            let (first, last) = statement(&text.lexed, at);
            with_head_before(text, first, last).into_iter().collect()
        });
        assert_eq!(all, ["\n\n\nhigh();\n"]);
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
    fn a_value_in_braces_goes_with_the_one_behind_it() {
        let text = "package quay\n\nfunc low() (Pier, error) {\n\treturn Pier{slips: 3}, nil\n}\n";
        for at in ["slips", "nil", "Pier{"] {
            assert_eq!(statement_at("go", text, at), "return Pier{slips: 3}, nil", "{at}");
        }
    }

    #[test]
    fn a_statement_ends_with_its_mark_or_its_line() {
        let text = "func low() {\n\ttide := 3\n\tprint(tide)\n}\n";
        assert_eq!(statement_at("go", text, "tide)"), "print(tide)");
        let text = "int low() { int tide = 3; return\n tide; }\n";
        assert_eq!(statement_at("c", text, "tide; }"), "return\n tide;");
    }
}
