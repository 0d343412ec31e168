//! Brackets and their partners, in a text where some may be missing or surplus.
//!
//! Compilers count brackets and notice at the end of the file that the count is off. People look
//! at the indentation. So does this: where the plain count does not come out, a `}` at the start
//! of a line belongs to the block whose first line is indented as it is, a line that is indented
//! no deeper than an open block's first line comes after that block, and a parenthesis does not
//! reach over the end of its statement.

use crate::lex::{Lexed, TokenKind};

/// Which partner an odd bracket lacks.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Odd {
    /// An opening bracket without its closing one.
    Unclosed,
    /// A closing bracket that nothing opened, or of another kind than what is open.
    Unopened,
}

/// A bracket without a partner.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct OddBracket {
    /// Index among the code tokens.
    pub token: usize,
    /// What it lacks.
    pub odd: Odd,
    /// Where its partner was most likely meant, the likeliest first: the index of the code token
    /// before which it goes (the number of tokens for the end of the text).
    pub before: Vec<usize>,
    /// For a closing bracket that meets an open one of another kind: the index of that one.
    pub meets: Option<usize>,
}

/// What pairs with what.
#[derive(Clone, Debug, Default)]
pub struct Pairs {
    /// For each code token, the index of its partner if it is a bracket that has one.
    pub partner: Vec<Option<usize>>,
    /// For each code token, the index of the opening bracket it stands in.
    pub inside: Vec<Option<usize>>,
    /// The brackets without a partner, in order.
    pub odd: Vec<OddBracket>,
}

impl Pairs {
    /// Pairs the brackets of a text.
    pub fn new(lexed: &Lexed) -> Pairs {
        let plain = Walk::new(lexed, Trust::Count).run();
        let all_strings_closed = lexed.code.iter().chain(&lexed.comments).all(|t| t.closed);
        if plain.odd.is_empty() && all_strings_closed {
            return plain;
        }
        Walk::new(lexed, Trust::Both).run()
    }

    /// Pairs the brackets of a text for somebody who wants to see every odd one: a `{` that is lost in
    /// one place and a `}` in another come out even in the count, but not in the layout. The layout
    /// is trusted against the count only where it shows both: a header without its `{`, and a block
    /// that ends without its `}`.
    pub fn thorough(lexed: &Lexed) -> Pairs {
        let usual = Pairs::new(lexed).or_across_statements(lexed);
        let strict = Walk::new(lexed, Trust::Layout).run();
        let braces = |odd: Odd| {
            let brace = |at: usize| lexed.opens_block(at) || lexed.closes_block(at);
            strict.odd.iter().filter(move |o| o.odd == odd && brace(o.token))
        };
        let unopened = braces(Odd::Unopened).count();
        let both = unopened > 0 && braces(Odd::Unclosed).next().is_some();
        let shown = braces(Odd::Unopened).all(|odd| !odd.before.is_empty());
        // A label may stand as far out as its block.
        let left = braces(Odd::Unclosed).all(|odd| {
            odd.before.iter().filter(|at| **at < lexed.code.len()).all(|at| {
                let last = lexed.last_on_line(*at);
                !last.ends_with([':', '>'])
            })
        });
        let shown = shown && left;
        if both && shown && unopened <= CANCELLED { strict } else { usual }
    }

    /// The same, but where a parenthesis reaches over the end of a statement: one that is lost in a statement
    /// and one too many in another come out even in the count.
    fn or_across_statements(self, lexed: &Lexed) -> Pairs {
        let ends = |at: usize| {
            lexed.code.get(at + 1).is_none_or(|next| next.first)
                && self.inside_of(at).is_some_and(|open| {
                    lexed.is(open, "(") && open > 0 && !lexed.is(open - 1, "for")
                })
        };
        let mark = lexed.language.terminator;
        let across = !mark.is_empty()
            && self.odd.is_empty()
            && (0..lexed.code.len()).any(|at| lexed.is(at, mark) && ends(at));
        if !across {
            return self;
        }
        let other = Walk::new(lexed, Trust::Both).run();
        let odd = |which: Odd| {
            other
                .odd
                .iter()
                .any(|one| one.odd == which && matches!(lexed.word(one.token), "(" | ")"))
        };
        if odd(Odd::Unclosed) && odd(Odd::Unopened) { other } else { self }
    }

    /// The partner of a token, if it is a bracket that has one; none for an index past the end.
    pub fn partner_of(&self, token: usize) -> Option<usize> {
        self.partner.get(token).copied().flatten()
    }

    /// The opening bracket around a token; none for an index past the end.
    pub fn inside_of(&self, token: usize) -> Option<usize> {
        self.inside.get(token).copied().flatten()
    }

    /// Whether every bracket has its partner.
    pub fn sound(&self) -> bool {
        self.odd.is_empty()
    }

    /// The innermost `{` around a token.
    pub fn block_of(&self, lexed: &Lexed, token: usize) -> Option<usize> {
        let mut at = self.inside.get(token).copied().flatten();
        while let Some(open) = at {
            if lexed.opens_block(open) {
                return Some(open);
            }
            at = self.inside[open];
        }
        None
    }
}

/// The closing bracket, or word, that goes with an opening one.
pub fn closing(lexed: &Lexed, open: usize) -> &'static str {
    match lexed.word(open) {
        "(" => ")",
        "[" => "]",
        word => lexed.language.block_end(word).unwrap_or("}"),
    }
}

/// Whether the line that starts with this token goes on with the statement above it.
fn goes_on(lexed: &Lexed, index: usize) -> bool {
    let Some(before) = index.checked_sub(1) else { return false };
    let ends_open = matches!(
        lexed.word(before),
        "&&" | "||" | "==" | "!=" | "<=" | ">=" | "=" | "+" | "-" | "/" | "%" | "?" | "and" | "or"
    );
    let leads = matches!(
        lexed.word(index),
        "&&" | "||"
            | "=="
            | "!="
            | "="
            | ":"
            | "?"
            | "."
            | "->"
            | "extends"
            | "implements"
            | "throws"
    );
    (ends_open || leads) && !lexed.divides(before)
}

/// How many pairs of lost braces may cancel out: where there seem to be more, the layout is no guide.
const CANCELLED: usize = 3;

/// How many brackets may be open where a condition of the preprocessor is still followed.
const DEEP: usize = 200;

/// How many tokens of a statement are looked at for the partner of a bracket.
const STATEMENT: usize = 500;

/// What tells where braces belong.
#[derive(Clone, Copy, PartialEq, Eq)]
enum Trust {
    /// The count alone.
    Count,
    /// The layout, as far as the count is off.
    Both,
    /// The layout.
    Layout,
}

#[derive(Clone)]
struct Frame {
    token: usize,
    open: u8,
    /// Indentation of the line on which the statement that opened it starts.
    base: u32,
    terminators: u32,
    /// How many brackets are open up to the innermost block around it, that one included.
    block: usize,
}

/// A condition of the preprocessor (`#if`) that is not ended yet.
struct Condition {
    /// What was open where it starts.
    start: Vec<Frame>,
    /// What was open behind the part that counts.
    counted: Option<Vec<Frame>>,
    /// Whether its first part counts.
    first: bool,
}

struct Walk<'a> {
    lexed: &'a Lexed,
    conditions: Vec<Condition>,
    /// How many conditions inside those are too deep to be followed.
    passed_over: usize,
    by_layout: bool,
    /// Whether the layout is trusted against the count.
    strict: bool,
    stack: Vec<Frame>,
    line_base: u32,
    result: Pairs,
    /// How many more `}` than `{` the text has.
    surplus: i64,
}

impl<'a> Walk<'a> {
    fn new(lexed: &'a Lexed, trust: Trust) -> Walk<'a> {
        let count = |which: fn(&Lexed, usize) -> bool| {
            (0..lexed.code.len()).filter(|i| which(lexed, *i)).count() as i64
        };
        let size = lexed.code.len();
        Walk {
            lexed,
            conditions: Vec::new(),
            passed_over: 0,
            by_layout: trust != Trust::Count,
            strict: trust == Trust::Layout,
            stack: Vec::new(),
            line_base: 0,
            result: Pairs { partner: vec![None; size], inside: vec![None; size], odd: Vec::new() },
            surplus: count(Lexed::closes_block) - count(Lexed::opens_block),
        }
    }

    fn run(mut self) -> Pairs {
        for index in 0..self.lexed.code.len() {
            let token = self.lexed.code[index];
            if token.first {
                self.line_starts(index);
            }
            self.result.inside[index] = self.stack.last().map(|frame| frame.token);
            match token.kind {
                TokenKind::Open => self.open(index),
                TokenKind::Close => {
                    self.close(index);
                    self.result.inside[index] = self.stack.last().map(|frame| frame.token);
                }
                TokenKind::Op if self.lexed.is(index, self.lexed.language.terminator) => {
                    self.terminator(index);
                }
                TokenKind::Directive => self.directive(index),
                TokenKind::Keyword if self.by_layout && self.starts_statement(index) => {
                    self.drop_parentheses(index);
                }
                _ if self.by_layout && token.first && self.next_arm(index) => {
                    self.drop_parentheses(index);
                }
                _ => {}
            }
        }
        let end = self.lexed.code.len();
        while !self.stack.is_empty() {
            self.leave_open(end);
        }
        self.result.odd.sort_by_key(|odd| odd.token);
        self.result
    }

    /// Each part of a condition of the preprocessor starts with what is open where the condition does,
    /// and one of them counts for what comes behind: `#ifdef … if (deep) { #else if (low) { #endif`.
    fn directive(&mut self, index: usize) {
        let text = self.lexed.text(&self.lexed.code[index]);
        let Some(rest) = text.strip_prefix('#').map(str::trim_start) else { return };
        if rest.starts_with("if") {
            // Deep or nested ones would take memory with the square of the text.
            if self.passed_over > 0 || self.stack.len().max(self.conditions.len()) >= DEEP {
                self.passed_over += 1;
            } else {
                let first = rest.trim_end() != "if 0";
                let start = self.stack.clone();
                self.conditions.push(Condition { start, counted: None, first });
            }
        } else if self.passed_over > 0 {
            self.passed_over -= usize::from(rest.starts_with("endif"));
        } else if rest.starts_with("el") {
            let Some(condition) = self.conditions.last_mut() else { return };
            let ended = std::mem::replace(&mut self.stack, condition.start.clone());
            if condition.first {
                condition.counted.get_or_insert(ended);
            }
            condition.first = true;
        } else if rest.starts_with("endif")
            && let Some(counted) = self.conditions.pop().and_then(|condition| condition.counted)
        {
            self.stack = counted;
        }
    }

    /// The bracket as a byte; words that open and close blocks count as braces.
    fn byte(&self, index: usize) -> u8 {
        if self.lexed.opens_block(index) {
            return b'{';
        }
        if self.lexed.closes_block(index) {
            return b'}';
        }
        self.lexed.source.bytes()[self.lexed.code[index].start]
    }

    fn line_starts(&mut self, index: usize) {
        let token = self.lexed.code[index];
        let indent = self.lexed.source.indent(token.line).unwrap_or(0);
        if self.by_layout && self.lexed.language.attributes && self.in_attribute() {
            self.drop_parentheses(index);
        }
        // Where the layout ends what is declared and each step, no bracket reaches into the next one.
        if self.by_layout && self.lexed.language.layout && token.kind != TokenKind::Close {
            let ends =
                |frame: &Frame| indent == 0 || indent <= frame.base && token.kind != TokenKind::Op;
            while self.stack.last().is_some_and(ends) {
                self.leave_open(index);
            }
        }
        // Inside parentheses a line goes on with a statement that began further up.
        let inner = self.stack.last().filter(|frame| frame.open != b'{');
        // So does one without them that starts with a mark, or stands below one that ends with it.
        let goes_on = inner.is_some() || goes_on(self.lexed, index);
        if !goes_on || inner.is_some() {
            self.line_base = inner.map_or(indent, |frame| frame.base);
        }
        if !self.by_layout || goes_on || (self.surplus >= 0 && !self.strict) {
            return;
        }
        // `nothrow pure:` parts a class as `private:` does.
        let marks = self.lexed.is(index + 1, ":") || self.lexed.last_on_line(index) == ":";
        let label = matches!(self.lexed.word(index), "case" | "default")
            || marks && self.lexed.language.terminator == ";";
        // `private` alone on its line parts the members of a class, which goes on.
        let alone = self.lexed.code.get(index + 1).is_none_or(|next| next.first);
        let section =
            matches!(self.lexed.word(index), "public" | "private" | "protected" | "published");
        // A choice of Pascal has its own `else`.
        let choice = self.stack.last().is_some_and(|frame| self.lexed.is(frame.token, "case"));
        let otherwise = choice && matches!(self.lexed.word(index), "else" | "otherwise");
        let label = label || otherwise || alone && section || self.next_part(index);
        if matches!(token.kind, TokenKind::Close | TokenKind::Directive)
            || label
            || (self.lexed.opens_block(index) && !self.new_block(index))
        {
            return;
        }
        while self.stack.last().is_some_and(|frame| frame.open == b'{' && indent <= frame.base) {
            // A block of one line that is laid out flat says nothing.
            let open = self.stack.last().map_or(0, |frame| frame.token);
            if self.lexed.code[open].line + 1 >= token.line {
                break;
            }
            self.surplus += 1;
            self.leave_open(index);
            if self.surplus >= 0 && !self.strict {
                break;
            }
        }
    }

    /// Whether a word starts the next part of the block around it, as `except` does within `try` and `end`.
    fn next_part(&self, index: usize) -> bool {
        let word = |words: &[&str]| words.iter().any(|word| self.lexed.is(index, word));
        self.stack.last().is_some_and(|frame| {
            let of = |opener: &str| self.lexed.is(frame.token, opener);
            of("try") && word(&["except", "finally", "catch"])
                || of("if") && word(&["else", "elsif", "elseif"])
                || of("begin") && word(&["exception"])
        })
    }

    /// Whether a word that opens a block starts something new, rather than going on with the header
    /// in the line above.
    fn new_block(&self, index: usize) -> bool {
        let lexed = self.lexed;
        !lexed.is(index, "{")
            && index.checked_sub(1).is_some_and(|at| lexed.is(at, lexed.language.terminator))
    }

    fn open(&mut self, index: usize) {
        let open = self.byte(index);
        if self.by_layout && open == b'{' && self.opens_block(index) {
            self.drop_parentheses(index);
        }
        let (base, block) = (self.line_base, self.block());
        self.stack.push(Frame { token: index, open, base, terminators: 0, block });
    }

    /// Where the brackets start that are open inside the innermost open block: the stack may be deep, so
    /// it is not searched.
    fn block(&self) -> usize {
        let top = self.stack.last();
        top.map_or(0, |frame| if frame.open == b'{' { self.stack.len() } else { frame.block })
    }

    /// Whether a `{` opens a block of statements after a header such as `if (…)`, so that no
    /// parenthesis can be open before it.
    fn opens_block(&self, index: usize) -> bool {
        let Some(frame) = self.stack.last().filter(|frame| frame.open != b'{') else {
            return false;
        };
        let last_on_line = self.lexed.code.get(index + 1).is_none_or(|next| next.first);
        if index == 0 || !last_on_line && !self.block_of_header(frame.token, index) {
            return false;
        }
        let between = frame.token + 1..index;
        let value =
            matches!(self.lexed.word(index - 1), "=" | "->" | "|" | "=>" | "," | "(" | "match")
                || between
                    .clone()
                    .any(|i| matches!(self.lexed.word(i), "|" | "->" | "new" | "=>" | "{"));
        let before =
            |back: usize| frame.token.checked_sub(back).map_or("", |at| self.lexed.word(at));
        let header = matches!(before(1), "if" | "while" | "for" | "switch" | "catch");
        // `fn tide(depth: f64 -> f64 {`: parameters do not reach into the body.
        let function = before(2) == "fn" && !between.clone().any(|i| self.lexed.is(i, "{"));
        header || function || !value
    }

    /// `if (tide == low { go(); }`: whether a block of one line stands behind the header whose parenthesis is
    /// still open. A value in braces would go on within the parenthesis.
    fn block_of_header(&self, open: usize, index: usize) -> bool {
        let lexed = self.lexed;
        let headers = ["if", "while", "for", "switch", "foreach"];
        let header = open.checked_sub(1).is_some_and(|at| headers.contains(&lexed.word(at)));
        let value = matches!(
            lexed.kind(index - 1),
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Str)
        ) || lexed.is(index - 1, ")");
        if !header || !value {
            return false;
        }
        let mut depth = 0i32;
        let end = (index..lexed.code.len()).take(STATEMENT).find(|at| {
            depth += i32::from(lexed.is(*at, "{")) - i32::from(lexed.is(*at, "}"));
            depth == 0
        });
        let behind = end.map(|end| end + 1);
        let ends = behind.is_some_and(|at| lexed.code.get(at).is_none_or(|next| next.first));
        // What ends statements stands in no value.
        ends && end.is_some_and(|end| {
            (index..end).any(|at| lexed.is(at, ";") || lexed.is(at + 1, "(") && !lexed.is(at, ","))
        })
    }

    fn starts_statement(&self, index: usize) -> bool {
        let first = self.lexed.code[index].first;
        let word = self.lexed.word(index);
        let starts = matches!(
            word,
            "return"
                | "break"
                | "continue"
                | "while"
                | "for"
                | "let"
                | "fn"
                | "public"
                | "private"
                | "static"
                | "use"
                | "switch"
                | "do"
                | "try"
                | "class"
                | "struct"
                | "enum"
                | "impl"
                | "trait"
                | "mod"
                | "pub"
                | "typedef"
        );
        // Where lines end statements, one that is set in no deeper than the line of the bracket is no part of it.
        let source = &self.lexed.source;
        let of_line = self.lexed.language.line_ends
            && matches!(word, "if" | "val" | "var" | "def")
            && self.stack.last().is_some_and(|frame| {
                let opener = self.lexed.code[frame.token];
                let goes_on = self.lexed.code.get(frame.token + 1);
                source.indent(self.lexed.code[index].line) <= source.indent(opener.line)
                    && goes_on.is_some_and(|next| next.line == opener.line)
            });
        // In Rust a statement may be a value inside parentheses.
        first && (starts || of_line) && self.stack.last().is_some_and(|frame| frame.open != b'{')
    }

    /// Rust: whether the next arm of a choice starts behind one that ends with its mark: no bracket of the one before
    /// is open there.
    fn next_arm(&self, index: usize) -> bool {
        let (lexed, line) = (self.lexed, self.lexed.code[index].line);
        lexed.language.borrows
            && lexed.before(index) == ","
            && self.stack.last().is_some_and(|frame| {
                let opener = lexed.code[frame.token];
                let mut before = lexed.on_line(opener.line).start..frame.token;
                frame.open != b'{'
                    && line > opener.line
                    && lexed.source.indent(line) <= lexed.source.indent(opener.line)
                    && before.any(|at| lexed.is(at, "=>"))
            })
    }

    /// Rust: whether the innermost open bracket is that of an attribute, which ends with its line.
    fn in_attribute(&self) -> bool {
        self.stack.last().is_some_and(|frame| {
            frame.open == b'[' && frame.token > 0 && self.lexed.is(frame.token - 1, "#")
        })
    }

    fn terminator(&mut self, index: usize) {
        if !self.by_layout {
            return;
        }
        if let Some(frame) = self.stack.last_mut() {
            frame.terminators += 1;
        }
        let Some(frame) = self.stack.last() else { return };
        let header =
            matches!(self.lexed.before(frame.token), "for" | "foreach" | "foreach_reverse");
        // The parameters of a routine may be parted by it: `(a: integer; b: string)`.
        let parted = self.lexed.language.parted_parameters
            && (!self.ends_line(index) || self.parameter_starts(index + 1));
        let allowed = match frame.open {
            b'(' if header => 2,
            b'(' if parted => u32::MAX,
            // `[0; n]`, but no array goes on behind a `;` that ends its line.
            b'[' if self.lexed.language.sized_lists && !self.ends_line(index) => 1,
            b'{' => u32::MAX,
            _ => 0,
        };
        if frame.terminators > allowed {
            self.drop_parentheses(index);
        }
    }

    /// Whether a parameter is declared here: `low, high: integer`.
    fn parameter_starts(&self, index: usize) -> bool {
        let lexed = self.lexed;
        let mut at = index + usize::from(matches!(lexed.word(index), "const" | "var" | "out"));
        while lexed.kind(at) == Some(TokenKind::Name) && lexed.is(at + 1, ",") {
            at += 2;
        }
        lexed.kind(at) == Some(TokenKind::Name) && lexed.is(at + 1, ":")
    }

    fn ends_line(&self, index: usize) -> bool {
        self.lexed.code.get(index + 1).is_none_or(|next| next.first)
    }

    /// No parenthesis reaches beyond this token.
    fn drop_parentheses(&mut self, index: usize) {
        while self.stack.last().is_some_and(|frame| frame.open != b'{') {
            self.leave_open(index);
        }
    }

    /// The innermost open bracket has no partner; it was due before this token at the latest.
    fn leave_open(&mut self, index: usize) {
        if let Some(frame) = self.stack.pop() {
            let odd = OddBracket {
                token: frame.token,
                odd: Odd::Unclosed,
                before: vec![index],
                meets: None,
            };
            self.result.odd.push(odd);
        }
    }

    fn close(&mut self, index: usize) {
        let byte = self.byte(index);
        let wants = match byte {
            b')' => b'(',
            b']' => b'[',
            _ => b'{',
        };
        if self.by_layout {
            let placed = if byte == b'}' {
                self.place_brace(index)
            } else {
                self.place_parenthesis(index, wants)
            };
            if !placed {
                self.surplus_close(index, None);
                return;
            }
        }
        if self.by_layout && byte != b'}' {
            self.close_inner(index, wants);
        }
        match self.stack.last() {
            Some(frame) if frame.open == wants => {
                let open = frame.token;
                self.stack.pop();
                self.result.partner[index] = Some(open);
                self.result.partner[open] = Some(index);
            }
            Some(frame) => {
                let meets = frame.token;
                // `f(a])`: the bracket that is open has its own partner further on.
                let alone = self.by_layout && byte != b'}' && self.has_partner(meets, index);
                self.surplus_close(index, if alone { None } else { Some(meets) });
            }
            None => self.surplus_close(index, None),
        }
    }

    /// `f(a[i)`: a bracket that closes one further out leaves those inside it without a partner,
    /// unless one of them has its own further on.
    fn close_inner(&mut self, index: usize, wants: u8) {
        let block = self.block();
        let Some(outer) = self.stack[block..].iter().rposition(|frame| frame.open == wants) else {
            return;
        };
        let inner = block + outer + 1..self.stack.len();
        if self.stack[inner.clone()].iter().any(|frame| self.has_partner(frame.token, index)) {
            return;
        }
        for _ in inner {
            self.leave_open(index);
        }
    }

    /// Whether an open bracket has a partner after a token, before its statement or line block ends.
    fn has_partner(&self, open: usize, after: usize) -> bool {
        let lexed = self.lexed;
        let wanted = closing(lexed, open);
        let mut depth = 0i32;
        // A statement is short; a text of brackets alone is none.
        for at in (after + 1..lexed.code.len()).take(STATEMENT) {
            let word = lexed.word(at);
            match lexed.code[at].kind {
                TokenKind::Open if lexed.opens_block(at) => return false,
                TokenKind::Open => depth += 1,
                TokenKind::Close if depth == 0 => return word == wanted,
                TokenKind::Close => depth -= 1,
                _ if word == lexed.language.terminator => return false,
                _ => {}
            }
        }
        false
    }

    /// Makes way for a `}`; false if it is the odd one itself.
    fn place_brace(&mut self, index: usize) -> bool {
        let token = self.lexed.code[index];
        if self.block() == 0 {
            return false;
        }
        self.drop_parentheses(index);
        let indent = self.lexed.source.indent(token.line).unwrap_or(0);
        let Some(top) = self.stack.last() else { return false };
        if !token.first || top.base == indent || (self.surplus == 0 && !self.strict) {
            return true;
        }
        let fits = self.stack.iter().any(|frame| frame.open == b'{' && frame.base == indent);
        if (self.surplus < 0 || self.strict) && fits {
            while (self.surplus < 0 || self.strict)
                && self.stack.last().is_some_and(|frame| frame.open != b'{' || frame.base != indent)
            {
                self.surplus += i64::from(self.stack.last().is_some_and(|f| f.open == b'{'));
                self.leave_open(index);
            }
            return true;
        }
        if (self.surplus > 0 || self.strict) && indent > top.base {
            self.surplus -= 1;
            return false;
        }
        true
    }

    fn place_parenthesis(&mut self, index: usize, wants: u8) -> bool {
        self.leave_value_open(index, wants);
        // Only brackets inside the same block can be meant.
        let block = self.block();
        // `foo(a]`: a bracket of another kind in the place of this one.
        self.stack.len() > block || self.stack[block..].iter().any(|frame| frame.open == wants)
    }

    /// `Box::new(Pier { depth: 4 )`: a bracket that closes the one around a value in braces, all on one line,
    /// leaves the brace without its partner.
    fn leave_value_open(&mut self, index: usize, wants: u8) {
        let lexed = self.lexed;
        let [.., outer, brace] = &self.stack[..] else { return };
        let here = |token: usize| lexed.code[token].line == lexed.code[index].line;
        let value = brace.open == b'{' && outer.open == wants && here(outer.token);
        let ends = |at: usize| lexed.is(at, lexed.language.terminator);
        // A value is short, as a statement is.
        if value
            && (brace.token + 2..brace.token + STATEMENT).contains(&index)
            && !(brace.token + 1..index).any(ends)
            && !self.has_partner(brace.token, index)
        {
            self.leave_open(index);
        }
    }

    fn surplus_close(&mut self, index: usize, meets: Option<usize>) {
        let before =
            if self.lexed.closes_block(index) { self.header_before(index) } else { Vec::new() };
        let odd = OddBracket { token: index, odd: Odd::Unopened, before, meets };
        self.result.odd.push(odd);
        if let Some(meets) = meets
            && self.stack.last().is_some_and(|frame| frame.token == meets)
        {
            // The two are taken for a pair with one of them wrong.
            self.stack.pop();
            let odd =
                OddBracket { token: meets, odd: Odd::Unclosed, before: vec![index], meets: None };
            self.result.odd.push(odd);
        }
    }

    /// Lines that look like the header of a block whose `{` was lost: indented as the `}` is, and
    /// followed by a deeper line. Gives the token after the header's last.
    fn header_before(&self, index: usize) -> Vec<usize> {
        let lexed = self.lexed;
        let wanted = lexed.source.indent(lexed.code[index].line).unwrap_or(0);
        let mut found = Vec::new();
        for line in (1..=lexed.code[index].line).rev() {
            let next = lexed.on_line(line).start;
            if next == 0 || next >= index || lexed.code[next].line != line {
                continue;
            }
            let last = lexed.code[next - 1];
            let line = lexed.source.indent(last.line).unwrap_or(0);
            let deeper = lexed.source.indent(lexed.code[next].line).unwrap_or(0) > wanted;
            // `while tide > low do` is a header: its block begins behind it.
            let leads = matches!(lexed.word(next - 1), "do" | "then" | "else");
            let ended = !leads && (lexed.divides(next - 1) || lexed.is(next - 1, ","))
                || last.kind == TokenKind::Directive;
            if line == wanted && deeper && !ended {
                found.push(next);
                break;
            }
            // All of the block is deeper than its header: what is not ends the search.
            if !deeper || (line <= wanted && ended) {
                break;
            }
        }
        found
    }
}

#[cfg(test)]
mod tests;
