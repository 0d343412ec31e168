//! Whether the text itself shows that a fix is what was meant.
//!
//! A fix that keeps the meaning can still be the wrong one: a lost `)` has several places, and one mark
//! may stand for several others. Only what the text shows is ever called sure.

use crate::score::Score;
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::names::Declared;
use erratum_syntax::text::Text;

/// Returns whether the text shows that edits are what was meant: a place that nothing else explains, a
/// mark that the message asks for, a word that is nearly another.
pub(crate) fn shows(text: &Text, mistake: MistakeId, edits: &[Edit], score: &Score) -> bool {
    let named = || score.factors().iter().any(|factor| factor.shows && factor.value > 0.0);
    if mistake == MistakeId::PastedText {
        return true;
    }
    let respelt = matches!(mistake, MistakeId::MisspeltName | MistakeId::WrongCase);
    let doubtful = |edit: &Edit| {
        outvoted(text, edit) || is_of_another_kind(text, edit) || renames_for_one(text, edit)
    };
    if respelt && edits.first().is_some_and(doubtful) {
        return false;
    }
    let [edit] = edits else { return several(edits) };
    let place = Around::new(&text.lexed, edit);
    let new = edit.text.trim();
    match mistake {
        // A line that stands deeper goes on with this one.
        MistakeId::MissingTerminator => place.ends_line() && !place.deeper_below(),
        MistakeId::MissingBracket if edit.start == edit.end => match new {
            ")" | "]" => place.only_close(text, new),
            "(" => place.after_header(),
            "{" => place.ends_line() && place.deeper_below(),
            _ if edit.text.contains('\n') => place.steps_back(&edit.text),
            _ => named(),
        },
        MistakeId::MissingSeparator => named() || place.in_list(text),
        // What stands before it is told to be a name that gets a value, or else it is no restoration.
        MistakeId::WrongMark if matches!(new, "=" | ":=") => true,
        // An array has no members: which of its elements is meant is not told.
        MistakeId::WrongMark if new == "->" && place.behind_array(text) => false,
        MistakeId::MissingMark | MistakeId::WrongMark | MistakeId::MissingWord => named(),
        MistakeId::ExtraMark | MistakeId::ExtraWord => named() || place.doubled(edit),
        // The bracket that is odd may be another.
        MistakeId::ExtraBracket => place.is_odd(text, edit) && (named() || place.doubled(edit)),
        MistakeId::MismatchedBracket => text.pairs.odd.len() <= 2,
        MistakeId::OpenString => !place.mixes_quotes(new) && place.has_one_end(new),
        // A text may be lent or owned, and a word may stand for several of this language.
        MistakeId::ForeignWord => {
            (new != "String" || !text.lexed.language.borrows) && !place.stands_for_several(edit)
        }
        // The names may be meant to be brought in, or others may be meant.
        MistakeId::MissingPrefix | MistakeId::Uncalled => named(),
        MistakeId::MisspeltName => place.long_word(edit) && !place.one_and_many(edit),
        // A name that the library has may be one that the program lacks.
        MistakeId::MissingImport => named() && place.imports_so(new),
        // A letter where a text is told: the declaration may lack its length.
        MistakeId::WrongFormat => new != "%c",
        // Of a kind that has no name nothing is known.
        MistakeId::Other => named(),
        _ => true,
    }
}

/// Several edits are one fix where they all write the same, or enclose a value.
fn several(edits: &[Edit]) -> bool {
    let same = edits.windows(2).all(|pair| pair[0].text == pair[1].text);
    // Taking out two things is not one change.
    let same = same && edits.iter().all(|edit| !edit.text.is_empty());
    let enclose = edits.len() == 2 && edits.iter().all(|edit| edit.start == edit.end);
    let braces = edits.iter().any(|edit| edit.text.contains(['{', '}']));
    (same || enclose) && !braces
}

/// Whether several uses agree with each other and only the declaration differs: then it may be the
/// declaration that is misspelt.
fn outvoted(text: &Text, edit: &Edit) -> bool {
    let old = text.lexed.source.slice(edit.start, edit.end);
    text.names.of(&edit.text).next().is_some()
        && times(text, &edit.text) == 1
        && times(text, &old) > 1
}

/// Whether a declaration takes the name of its only use: that may be what is misspelt.
fn renames_for_one(text: &Text, edit: &Edit) -> bool {
    let declared = |one: &Declared| text.lexed.code[one.token].start == edit.start;
    text.names.declared.iter().any(declared) && times(text, edit.text.trim()) < 2
}

/// Whether a name with a capital letter is put in the place of one with a small letter, or the other way
/// round, and it is not asked of anything: a type and a value of the same name may both be meant.
fn is_of_another_kind(text: &Text, edit: &Edit) -> bool {
    let old = text.lexed.source.slice(edit.start, edit.end);
    let capital = |word: &str| word.starts_with(char::is_uppercase);
    let at = text.lexed.at(edit.start);
    let asked = at > 0 && matches!(text.lexed.word(at - 1), "." | "->" | "::" | "?.");
    old.eq_ignore_ascii_case(&edit.text)
        && capital(&old) != capital(&edit.text)
        && !asked
        && text.names.of(&edit.text).next().is_some()
        && !text.lexed.language.any_case
}

/// How often a word stands in the text.
fn times(text: &Text, word: &str) -> usize {
    (0..text.lexed.code.len()).filter(|at| text.lexed.word(*at) == word).count()
}

/// Letters that a word must have, so that it is not near to everything.
const LONG: usize = 4;

/// The tokens around an edit.
struct Around<'a> {
    lexed: &'a Lexed,
    start: usize,
    /// Index of the first code token that does not stand before the edit.
    next: usize,
}

impl<'a> Around<'a> {
    fn new(lexed: &'a Lexed, edit: &Edit) -> Around<'a> {
        let next = lexed.code.partition_point(|token| token.end <= edit.start);
        Around { lexed, start: edit.start, next }
    }

    /// Whether nothing follows on the line, or only what closes a block.
    fn ends_line(&self) -> bool {
        let line = self.lexed.source.line_of(self.start);
        let next = self.lexed.code.get(self.next);
        next.is_none_or(|token| token.line > line || self.lexed.is(self.next, "}"))
    }

    /// Whether the next line stands deeper than this one.
    fn deeper_below(&self) -> bool {
        let source = &self.lexed.source;
        let line = source.line_of(self.start);
        let next = self.lexed.code.get(self.next).map(|token| token.line);
        next.is_some_and(|next| source.indent(next) > source.indent(line))
    }

    /// Whether a line that is put in stands where the lines above end and those below go on: less deep
    /// than the one above, and no deeper than the one below.
    fn steps_back(&self, text: &str) -> bool {
        let source = &self.lexed.source;
        let own = text.trim_matches(['\n', '\r']);
        let own = own.len() - own.trim_start().len();
        let above = self.next.checked_sub(1).and_then(|at| {
            let line = self.lexed.code[at].line;
            source.indent(line)
        });
        let below = self.lexed.code.get(self.next).and_then(|token| source.indent(token.line));
        above.is_some_and(|above| above as usize > own)
            && below.map_or(own == 0, |below| below as usize <= own)
    }

    /// Whether a lost closing bracket has only this place: no operator before it leaves open which
    /// part it was to enclose.
    fn only_close(&self, text: &Text, close: &str) -> bool {
        let lexed = self.lexed;
        let open = if close == ")" { "(" } else { "[" };
        let mut odd = text.pairs.odd.iter().map(|odd| odd.token);
        let Some(from) = odd.rfind(|at| lexed.is(*at, open) && *at < self.next) else {
            return false;
        };
        // What is asked of a value may be asked of the one in the bracket, or of what the bracket gives.
        if matches!(lexed.word(self.next), "." | "->" | "?." | "!.") {
            return false;
        }
        // A bracket that goes on over its line may have ended there.
        if self.leaves_line(from, lexed.source.line_of(self.start)) {
            return false;
        }
        // The brackets that are open at the edit, as if the lost one were there.
        let mut open_now: Vec<usize> = Vec::new();
        let mut outer = Vec::new();
        for at in lexed.on_line(lexed.code[from].line).start..self.next {
            match lexed.kind(at) {
                Some(TokenKind::Open) => open_now.push(at),
                Some(TokenKind::Close) => {
                    open_now.pop();
                }
                _ => outer.push((at, open_now.last().copied())),
            }
        }
        let Some(innermost) = open_now.last().copied() else { return false };
        let nested = open_now.len() > 1;
        let own = outer.into_iter().filter(|(_, inside)| *inside == Some(innermost));
        let own: Vec<usize> = own.map(|(at, _)| at).collect();
        let operators = own.iter().any(|at| computes(lexed, *at));
        if lexed.language.applies_bare {
            // A literal takes no values: those behind it may belong to a function further up.
            let plain = |at: &usize| {
                let literal = matches!(lexed.kind(*at), Some(TokenKind::Number | TokenKind::Str));
                literal || lexed.is(*at, "]")
            };
            let alone = (from + 1..self.next).find(plain).is_none_or(|at| at + 1 == self.next);
            return !operators && alone;
        }
        let list = own.iter().any(|at| lexed.is(*at, ","));
        // A call that is a statement by itself encloses all that follows.
        let line = lexed.on_line(lexed.code[innermost].line);
        let statement = (line.start..innermost).all(|at| {
            lexed.kind(at) == Some(TokenKind::Name) || matches!(lexed.word(at), "." | "::" | "!")
        });
        let called =
            innermost.checked_sub(1).and_then(|at| lexed.kind(at)) == Some(TokenKind::Name);
        !operators || (!nested && (list || !called || statement))
    }

    /// Whether a line between a bracket and another line ends where a value does: with no comma, no
    /// operator and no bracket that opens.
    fn leaves_line(&self, from: usize, line: u32) -> bool {
        let lexed = self.lexed;
        (lexed.code[from].line..line).any(|line| {
            let last = lexed.on_line(line).end.saturating_sub(1);
            let next = lexed.word(last + 1);
            let leads = computes(lexed, last + 1) || matches!(next, "." | "," | "}" | "]" | ")");
            let goes_on = lexed.is(last, ",") || computes(lexed, last);
            !goes_on && lexed.kind(last) != Some(TokenKind::Open) && !leads
        })
    }

    /// Whether the name before is declared as an array.
    fn behind_array(&self, text: &Text) -> bool {
        let lexed = self.lexed;
        let before = self.next.checked_sub(1);
        let declared = before.and_then(|at| text.names.resolve(lexed, at));
        declared.is_some_and(|declared| lexed.is(declared.token + 1, "["))
    }

    /// Whether a word that wants a bracket stands right before.
    fn after_header(&self) -> bool {
        let before = self.next.checked_sub(1).map_or("", |at| self.lexed.word(at));
        matches!(before, "if" | "while" | "for" | "switch" | "catch" | "foreach")
    }

    /// Whether the edit stands between two values of a bracket.
    fn in_list(&self, text: &Text) -> bool {
        // Where values stand behind their function, two side by side are no list.
        if self.lexed.language.applies_bare {
            return false;
        }
        let value = |at: usize| {
            let kind = self.lexed.kind(at);
            matches!(
                kind,
                Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Char)
            )
        };
        let closed = |at: usize| self.lexed.kind(at) == Some(TokenKind::Close);
        let Some(before) = self.next.checked_sub(1) else { return false };
        let listed = text.pairs.inside_of(before).is_some();
        listed && (value(before) || closed(before))
    }

    /// Whether the bracket that is taken out, or its twin beside it, is the only one without a partner.
    fn is_odd(&self, text: &Text, edit: &Edit) -> bool {
        let [odd] = &text.pairs.odd[..] else { return false };
        let token = self.lexed.code[odd.token];
        token.start.abs_diff(edit.start) <= 2 && token.line == self.lexed.source.line_of(edit.start)
    }

    /// Whether the same token stands beside one that is taken out.
    fn doubled(&self, edit: &Edit) -> bool {
        let lexed = self.lexed;
        let gone = (self.next..lexed.code.len()).find(|at| lexed.code[*at].start >= edit.start);
        let Some(at) = gone else { return false };
        let word = lexed.word(at);
        lexed.is(at + 1, word) || at.checked_sub(1).is_some_and(|before| lexed.is(before, word))
    }

    /// Whether the two words are one thing and several of it: each is a good name.
    fn one_and_many(&self, edit: &Edit) -> bool {
        let old = self.lexed.source.slice(edit.start, edit.end).into_owned();
        let (short, long) =
            if old.len() < edit.text.len() { (&old, &edit.text) } else { (&edit.text, &old) };
        long.strip_suffix('s') == Some(short.as_str())
    }

    /// Whether the line has an odd mark of another kind of quote, which may be the end that was meant: an
    /// apostrophe within a word is none.
    fn mixes_quotes(&self, quote: &str) -> bool {
        let line = self.lexed.source.line_of(self.start);
        let text = String::from_utf8_lossy(self.lexed.source.line_bytes(line)).into_owned();
        let letters: Vec<char> = text.chars().collect();
        let word = |at: Option<&char>| at.is_some_and(|letter| letter.is_alphanumeric());
        let odd = |other: char| {
            let marks = (0..letters.len()).filter(|at| {
                let within = word(at.checked_sub(1).and_then(|at| letters.get(at)))
                    && word(letters.get(at + 1));
                letters[*at] == other && !within
            });
            marks.count() % 2 == 1
        };
        ['"', '\''].iter().any(|other| !quote.starts_with(*other) && odd(*other))
    }

    /// Whether a text with a lost quote has only one place for it: nothing within it reads as what
    /// follows a text, and only what closes the line comes behind.
    fn has_one_end(&self, quote: &str) -> bool {
        let source = &self.lexed.source;
        let line = source.line_of(self.start);
        let text = String::from_utf8_lossy(source.line_bytes(line)).into_owned();
        let column = self.start.saturating_sub(source.line_start(line));
        let Some((before, behind)) = text.split_at_checked(column) else { return false };
        let Some(mark) = quote.chars().next() else { return false };
        if before.matches(mark).count() % 2 == 0 {
            // It starts here, so what stands before is code that a text follows.
            let before = before.trim_end();
            return before.ends_with(['(', ',', '=', '+', '<', '[', '{', '&'])
                || before.ends_with("return");
        }
        let within = before.rsplit(mark).next().unwrap_or("");
        let closes = |letter: char| letter.is_whitespace() || ")]};:,".contains(letter);
        !within.contains([',', '+', '<', '&', ';', ')']) && behind.chars().all(closes)
    }

    /// Whether the imports of the text are written as a new one is. Where all names of a package may be
    /// brought in at once, a text without another import does not tell which way was meant.
    fn imports_so(&self, new: &str) -> bool {
        let (lexed, all) = (self.lexed, self.lexed.language.imports_all);
        let word = lexed.language.import.before.trim();
        if all.is_empty() {
            return true;
        }
        let lines = (0..lexed.code.len()).filter(|at| lexed.code[*at].first && lexed.is(*at, word));
        let own = |at: usize| lexed.on_line(lexed.code[at].line).any(|at| lexed.is(at, all));
        let mut written = lines.map(own).peekable();
        let whole = new.trim_end_matches(';').ends_with(all);
        written.peek().is_some() && written.all(|own| own == whole)
    }

    /// Whether a word of another language may stand for one of several of this one.
    fn stands_for_several(&self, edit: &Edit) -> bool {
        let old = self.lexed.source.slice(edit.start, edit.end);
        let word = old.split(|letter: char| !letter.is_alphanumeric() && letter != '_').next();
        let foreign = self.lexed.language.foreign.iter();
        let words = foreign.filter(|(foreign, here)| {
            Some(*foreign) == word && here.starts_with(char::is_alphabetic)
        });
        words.count() > 1
    }

    /// Whether the word that is replaced is long enough to be near to few others.
    fn long_word(&self, edit: &Edit) -> bool {
        let (old, new) = (edit.end - edit.start, edit.text.len());
        old.max(new) >= LONG && old.min(new) + 1 >= LONG
    }
}

/// Whether a token computes something of what stands before and behind it.
fn computes(lexed: &Lexed, at: usize) -> bool {
    let word = lexed.word(at);
    let marks = word.chars().all(|mark| "+-*/%&|<>=!?".contains(mark)) && !word.is_empty();
    marks && !matches!(word, "&" | "*" | "->" | "=>" | "!" | "::")
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::score::evidence;
    use erratum_syntax::language::by_id;
    use erratum_syntax::source::Source;

    /// Whether the text shows that something is to be put in at `<|>`.
    fn shown(mistake: MistakeId, marked: &str, new: &str) -> bool {
        shown_with(mistake, marked, new, &Score::default())
    }

    fn shown_with(mistake: MistakeId, marked: &str, new: &str, score: &Score) -> bool {
        let at = marked.find("<|>").unwrap();
        let source = Source::new("quay.c", marked.replacen("<|>", "", 1).into_bytes());
        let text = Text::new(&source, by_id("c").unwrap());
        shows(&text, mistake, &[Edit::insert("quay.c", at, new)], score)
    }

    #[test]
    fn a_lost_quote_is_shown_only_where_it_has_one_place() {
        let open = MistakeId::OpenString;
        assert!(shown(open, "show(\"low tide<|>);\n", "\""));
        assert!(!shown(open, "show(\"low tide<|> + fare);\n", "\""));
        assert!(!shown(open, "show(\"tide %d, low<|>);\n", "\""));
        assert!(shown(open, "show(<|>low tide\");\n", "\""));
        assert!(!shown(open, "show(low <|>tide\");\n", "\""));
    }

    #[test]
    fn uses_that_agree_with_each_other_outvote_a_declaration() {
        let respelt = |marked: &str| {
            let at = marked.find("<|>").unwrap();
            let source = Source::new("quay.c", marked.replacen("<|>", "", 1).into_bytes());
            let text = Text::new(&source, by_id("c").unwrap());
            let edit = Edit::replace("quay.c", at, at + 4, "fAre");
            shows(&text, MistakeId::WrongCase, &[edit], &Score::default())
        };
        assert!(respelt("int fAre = 3;\nint low = fAre;\nint all(void) { return <|>fare; }\n"));
        assert!(!respelt("int fAre = 3;\nint all(void) { return <|>fare + fare; }\n"));
        assert!(respelt("int fAre = 3;\nint all(void) { return <|>fare + fare + fAre; }\n"));
    }

    #[test]
    fn a_type_and_a_value_of_one_name_may_both_be_meant() {
        let respelt = |marked: &str, new: &str| {
            let at = marked.find("<|>").unwrap();
            let source = Source::new("quay.c", marked.replacen("<|>", "", 1).into_bytes());
            let text = Text::new(&source, by_id("c").unwrap());
            let edit = Edit::replace("quay.c", at, at + new.len(), new);
            shows(&text, MistakeId::WrongCase, &[edit], &Score::default())
        };
        assert!(!respelt("int all(void) { int fare = 3; return <|>Fare; }\n", "fare"));
        assert!(!respelt("int all(void) { int Fare = 3; go(Fare); return <|>fare; }\n", "Fare"));
        assert!(respelt("int all(void) { int lowTide = 3; return <|>lowtide; }\n", "lowTide"));
        assert!(respelt(
            "struct q { int Fare; };\nint all(struct q a) { return a.<|>fare; }\n",
            "Fare"
        ));
        assert!(respelt("int all(void) { return <|>Abs(3); }\n", "abs"));
    }

    #[test]
    fn an_import_is_shown_where_the_message_names_it_and_the_others_are_written_so() {
        let sure = |language: &str, others: &str, new: &str| {
            let source = Source::new("quay", format!("{others}class Quay {{}}\n").into_bytes());
            let text = Text::new(&source, by_id(language).unwrap());
            let edits = [Edit::insert("quay", 0, new)];
            let asked = Score::from(evidence("the message names it", 2.2));
            assert!(!shows(&text, MistakeId::MissingImport, &edits, &Score::default()));
            shows(&text, MistakeId::MissingImport, &edits, &asked)
        };
        let list = "import java.util.List;\n";
        assert!(sure("java", "import java.util.Map;\n", list));
        assert!(!sure("java", "import java.util.*;\n", list) && !sure("java", "", list));
        assert!(sure("csharp", "", "using System.Linq;\n"));
    }

    #[test]
    fn a_prefix_and_a_call_are_shown_where_the_message_names_them() {
        let asked = Score::from(evidence("the message says where the name stands", 6.5));
        for (mistake, new) in [(MistakeId::MissingPrefix, "quay::"), (MistakeId::Uncalled, "()")] {
            assert!(shown_with(mistake, "<|>low;\nquay::high();\n", new, &asked));
            assert!(!shown(mistake, "<|>low;\nquay::high();\n", new));
        }
    }

    #[test]
    fn a_statement_ends_with_its_line() {
        let end = MistakeId::MissingTerminator;
        assert!(shown(end, "int tide = 3<|>\nint low;\n", ";"));
        assert!(!shown(end, "int tide<|> = 3\n", ";"));
        assert!(!shown(end, "Rope(int n)<|>\n    Item(n) {}\n", ";"));
    }

    #[test]
    fn a_bracket_that_can_close_in_two_places_is_not_shown() {
        let lost = MistakeId::MissingBracket;
        let body =
            |line: &str| format!("int main(void) {{\n    {line}\n        go();\n    }}\n}}\n");
        assert!(shown(lost, &body("if (tide > low<|> {"), ")"));
        assert!(shown(lost, &body("if (is_low(tide<|> {"), ")"));
        assert!(!shown(lost, &body("if (compare(tide, low == 0<|>) {"), ")"));
        assert!(shown(lost, "int main(void) {\n    print(\"%d\", tide + 2<|>;\n}\n", ")"));
        assert!(!shown(lost, "int main(void) {\n    tide = rise(low + 2<|>;\n}\n", ")"));
        assert!(!shown(lost, "int main(void) {\n    print(tide<|>.low;\n}\n", ")"));
    }

    #[test]
    fn a_bracket_that_leaves_its_line_may_have_ended_there() {
        let lost = MistakeId::MissingBracket;
        let text = "int main(void) {\n    if (low(3)\n        print(\"low\")<|>;\n}\n";
        assert!(!shown(lost, text, ")"));
        let list = "int main(void) {\n    print(\"low\",\n        tide<|>;\n}\n";
        assert!(shown(lost, list, ")"));
    }

    #[test]
    fn where_values_stand_behind_functions_a_bracket_may_end_earlier() {
        let sure = |line: &str| {
            let at = line.len();
            let source = Source::new("quay.hs", format!("{line}\n").into_bytes());
            let text = Text::new(&source, by_id("haskell").unwrap());
            let edit = Edit::insert("quay.hs", at, ")");
            shows(&text, MistakeId::MissingBracket, &[edit], &Score::default())
        };
        assert!(sure("all = sum (map one tides"));
        assert!(!sure("east x y = P (x + 1 y"));
        assert!(!sure("fill xs = foldr push (Pile [] xs"));
    }

    #[test]
    fn another_quote_may_be_the_end_of_a_text() {
        let open = MistakeId::OpenString;
        assert!(shown(open, "puts(\"low<|>);\n", "\""));
        assert!(shown(open, "puts(\"it's low<|>);\n", "\""));
        assert!(!shown(open, "puts(\"low'<|>);\n", "\""));
    }

    #[test]
    fn one_and_several_are_two_names() {
        let edit = |new: &str| [Edit::replace("quay.c", 0, 5, new)];
        let source = Source::new("quay.c", &b"tides = 3;\n"[..]);
        let text = Text::new(&source, by_id("c").unwrap());
        let sure = |new: &str| shows(&text, MistakeId::MisspeltName, &edit(new), &Score::default());
        assert!(!sure("tide") && sure("tidas"));
    }

    #[test]
    fn a_block_ends_where_the_lines_step_back() {
        let lost = MistakeId::MissingBracket;
        let inner = "int main(void) {\n    if (tide) {\n        go();<|>\n    stay();\n}\n";
        assert!(shown(lost, inner, "\n    }"));
        let outer = "int main(void) {\n    if (tide) {\n        go();\n    stay();\n}<|>\n";
        assert!(!shown(lost, outer, "\n    }"));
        assert!(shown(lost, "int main(void) {\n    go();<|>\n", "\n}"));
    }

    #[test]
    fn a_surplus_bracket_is_the_only_odd_one() {
        let extra = |text: &str, at: usize| {
            let source = Source::new("quay.c", text.as_bytes().to_vec());
            let text = Text::new(&source, by_id("c").unwrap());
            let edit = Edit::delete("quay.c", at, at + 1);
            let asked = Score::from(evidence("the message names it", 2.2));
            shows(&text, MistakeId::ExtraBracket, &[edit], &asked)
        };
        assert!(extra("int tide = low(3));\n", 16));
        let two = "int tide = low(3};\nint high = 4;\n}\n";
        assert!(!extra(two, two.len() - 2));
    }

    #[test]
    fn another_mark_must_be_asked_for() {
        let mark = MistakeId::MissingMark;
        let text = "int tide<|> 3;\n";
        assert!(!shown(mark, text, " ="));
        let asked = Score::from(evidence("the message names it", 2.2));
        assert!(shown_with(mark, text, " =", &asked));
    }

    #[test]
    fn an_array_has_no_members() {
        let asked = Score::from(evidence("the message names it", 2.2));
        let sure = |declared: &str| {
            let text =
                format!("int main(void) {{\n    struct quay {declared};\n    return quay.n;\n}}\n");
            let at = text.rfind('.').unwrap();
            let source = Source::new("quay.c", text.into_bytes());
            let edit = Edit::replace("quay.c", at, at + 1, "->");
            let text = Text::new(&source, by_id("c").unwrap());
            shows(&text, MistakeId::WrongMark, &[edit], &asked)
        };
        assert!(sure("*quay") && !sure("quay[3]"));
    }

    #[test]
    fn a_word_of_another_language_may_stand_for_several() {
        let sure = |language: &str, old: &str, new: &str| {
            let source = Source::new("quay", format!("{old} low = 3;\n").into_bytes());
            let text = Text::new(&source, by_id(language).unwrap());
            let edit = Edit::replace("quay", 0, old.len(), new);
            shows(&text, MistakeId::ForeignWord, &[edit], &Score::default())
        };
        assert!(sure("go", "let", "var") && !sure("scala", "let", "val"));
        assert!(sure("java", "const", "final") && !sure("csharp", "final", "const"));
        assert!(sure("typescript", "or", "||") && !sure("typescript", "None", "null"));
    }

    #[test]
    fn values_of_a_list_stand_apart() {
        let lost = MistakeId::MissingSeparator;
        assert!(shown(lost, "int tides[] = {1, 2<|> 3};\n", ","));
        assert!(!shown(lost, "int tide<|> low;\n", ","));
    }

    #[test]
    fn several_edits_are_one_where_they_write_the_same() {
        let edit = |at: usize, text: &str| Edit::insert("quay.c", at, text);
        assert!(several(&[edit(1, "tide"), edit(5, "tide")]));
        assert!(several(&[edit(1, "show ("), edit(5, ")")]));
        assert!(!several(&[edit(1, "{"), edit(5, "}")]));
        assert!(!several(&[Edit::delete("quay.c", 1, 2), Edit::delete("quay.c", 5, 6)]));
    }
}
