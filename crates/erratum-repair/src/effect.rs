//! What a fix does to the meaning of a program, told from its edits alone.
//!
//! That a message is gone shows that the compiler is content, not that this is what was meant. A fix
//! that puts a lost mark back keeps the meaning that the text shows; one that takes an argument out,
//! makes a value up or changes what is declared gives the program another one, and only its author
//! knows which is right.

use erratum_catalogue::MistakeId;
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::language::{ImportList, Language};
use erratum_syntax::lex::{Lexed, Token, TokenKind};
use erratum_syntax::source::{Program, Source};
use erratum_syntax::spelling::edit_distance;
use erratum_syntax::text::Text;
use serde::{Deserialize, Serialize};
use std::sync::Arc;

/// What a fix does to the meaning, from what keeps it to what changes it most.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
#[serde(rename_all = "lowercase")]
pub enum Effect {
    /// Puts back what the text shows was meant: a mark, a bracket, a spelling, an import.
    Restores,
    /// Converts a value, which stays what it is.
    Converts,
    /// Puts parts into another order.
    Reorders,
    /// Changes what is declared: a type, a signature, a modifier.
    Redeclares,
    /// Puts in a value, an operator or an expression that nobody wrote.
    Invents,
    /// Takes out an operand, an argument, a statement or a declaration.
    Removes,
    /// Makes something else of the same text: code a text or a remark, one operator another.
    Reinterprets,
}

impl Effect {
    /// Whether the meaning stays what the text shows: only then a fix can be sure.
    pub fn keeps_meaning(self) -> bool {
        self <= Effect::Converts
    }

    /// What it does, in the words of a sentence that starts with "it".
    pub fn words(self) -> &'static str {
        match self {
            Effect::Restores => "puts back what the text shows was meant",
            Effect::Converts => "converts a value",
            Effect::Reorders => "changes the order",
            Effect::Redeclares => "changes what is declared",
            Effect::Invents => "puts in something that nobody wrote",
            Effect::Removes => "takes something out",
            Effect::Reinterprets => "gives the text another meaning",
        }
    }
}

/// Tells what a change of one file does, made by somebody of whom nothing is known: the worst that one
/// of its edits does.
pub fn of_change(source: &Source, edits: &[Edit], language: &'static Language) -> Effect {
    let program = Program::single(source.clone());
    let text = Arc::new(Text::new(source, language));
    of_edits(&program, MistakeId::Other, edits, |_| text.clone())
}

/// Tells what edits of a program do: the worst that one of them does. `read` gives the text of a file.
pub(crate) fn of_edits(
    program: &Program,
    mistake: MistakeId,
    edits: &[Edit],
    read: impl Fn(&Source) -> Arc<Text>,
) -> Effect {
    // What the text declares itself can be named in two ways: brought in, or with its path.
    let own = |edit: &Edit| {
        let language = program.file(&edit.file).map(|file| read(file).lexed.language);
        language.is_some_and(|l| l.own_paths.iter().any(|path| edit.text.contains(path)))
    };
    // The text itself says to which type the value belongs; a mark that looks like one of code is one; what
    // is used as an object is one; a class declares the method that it lacks; the compiler says whether
    // a class or an interface stands there, and that a promise has no body; an older form says the same.
    if mistake == MistakeId::PastedText
        || mistake == MistakeId::MissingScope
        || mistake == MistakeId::MissingTypeParameter
        || mistake == MistakeId::BrokenInclude
        || mistake == MistakeId::DeclaredFunction
        || mistake == MistakeId::MissingOwner
        || mistake == MistakeId::WrongParent
        || mistake == MistakeId::NewerForm
        || mistake == MistakeId::BodyRules
        || (brings_in(mistake) && !edits.iter().any(own))
    {
        return Effect::Restores;
    }
    // A word of the language that is near to another one and cannot stand there was that one.
    let keyword = |edit: &Edit| {
        let file = program.file(&edit.file)?;
        let lexed = &read(file).lexed;
        let token = lexed.code.get(lexed.at(edit.start))?;
        let whole = (token.start, token.end) == (edit.start, edit.end);
        Some(whole && token.kind == TokenKind::Keyword && lexed.language.is_keyword(&edit.text))
    };
    if mistake == MistakeId::MisspeltKeyword && edits.iter().all(|one| keyword(one) == Some(true)) {
        return Effect::Restores;
    }
    // A name that cannot be one is another one wherever it stands.
    if mistake == MistakeId::ReservedName {
        return Effect::Redeclares;
    }
    // What a function gives back stands in its header, with as many types as it likes.
    let header = matches!(mistake, MistakeId::MissingReturnType | MistakeId::WrongReturnType);
    // A list that becomes one of its elements loses what makes it a list.
    let typed = mistake == MistakeId::WrongType
        && edits.iter().all(|edit| {
            let old = program.file(&edit.file).map(|file| file.slice(edit.start, edit.end));
            edit.start == edit.end || old.is_some_and(|old| !old.contains(edit.text.trim()))
        });
    // Whether a method makes an object is told by its header, too, which traits a type has above it, and
    // whether a name may change by its declaration.
    let taken_out = edits.iter().all(|edit| edit.text.is_empty());
    let told_there = [
        MistakeId::ParameterRules,
        MistakeId::ConstructorRules,
        MistakeId::TraitRules,
        MistakeId::FixedValue,
        MistakeId::ConstChanges,
    ];
    let put_in = edits.iter().all(|edit| edit.start == edit.end);
    let makes =
        told_there.contains(&mistake) && taken_out || mistake == MistakeId::FixedValue && put_in;
    if (header || typed || makes) && edits.len() == 1 {
        return Effect::Redeclares;
    }
    // What belongs to a type is the same by whichever name it is asked.
    if mistake == MistakeId::BelongsToType && !taken_out {
        return Effect::Converts;
    }
    // The values of an array tell its length.
    if mistake == MistakeId::ArraySize && taken_out && edits.len() == 1 {
        return Effect::Converts;
    }
    // A text in quotes says the same where no copy is made of it.
    if mistake == MistakeId::MissingBorrow && taken_out && edits.len() == 1 {
        return Effect::Converts;
    }
    // The compiler tells whether the value is wanted, what it points at, or where it is kept.
    let mark = |edit: &Edit| {
        let pointers = |file: &&Source| {
            let language = read(file).lexed.language;
            language.directives || language.returns_by_name
        };
        let old = program.file(&edit.file).filter(pointers);
        let old = old.map(|file| file.slice(edit.start, edit.end));
        old.is_some_and(|old| matches!(old.trim(), "*" | "&" | "^"))
    };
    // Before a name it asks for what the name leads to.
    let prefix = |edit: &Edit| {
        let file = program.file(&edit.file).map(&read);
        file.is_some_and(|text| {
            let at = text.lexed.at(edit.start);
            let before = at.checked_sub(1).map(|at| text.lexed.word(at));
            before.is_some_and(|word| matches!(word, "return" | "(" | "," | "=" | ":" | ":="))
        })
    };
    let of_pointer = match mistake {
        MistakeId::WrongArgument | MistakeId::ExtraBorrow => true,
        MistakeId::ExtraMark => edits.iter().all(prefix),
        _ => false,
    };
    if of_pointer && taken_out && edits.iter().all(mark) {
        return Effect::Converts;
    }
    // One value becomes a list of one.
    let wrapped = edits.len() == 2 && edits.iter().all(|edit| edit.start == edit.end);
    if mistake == MistakeId::WrongArgument && wrapped {
        return Effect::Converts;
    }
    // A line for the preprocessor has no end mark of its own.
    let in_directive = |edit: &Edit| {
        program.file(&edit.file).is_some_and(|file| {
            let text = read(file);
            let token = text.lexed.code.get(text.lexed.at(edit.start));
            // Not the line as a whole.
            let within = |token: &Token| {
                token.kind == TokenKind::Directive
                    && token.start < edit.start
                    && edit.end <= token.end
            };
            edit.text.is_empty() && token.is_some_and(within)
        })
    };
    if mistake == MistakeId::ExtraMark && edits.iter().all(in_directive) {
        return Effect::Restores;
    }
    // A whole number is the same as a real one.
    let real = |edit: &Edit| edit.start == edit.end && edit.text.starts_with(" as f");
    if mistake == MistakeId::WrongNumberType && edits.iter().all(real) {
        return Effect::Converts;
    }
    // What a word of the language says anyway is the same without it, and so is a word that only leads to
    // something else where that follows.
    let leads = |edit: &Edit| {
        let old = program.file(&edit.file).map(|file| file.slice(edit.start, edit.end));
        old.is_some_and(|old| matches!(old.trim(), "if" | "then" | "do" | "of" | "in" | "let"))
    };
    let spare = mistake == MistakeId::NeedlessWord
        || mistake == MistakeId::ExtraWord && edits.iter().all(leads);
    if spare && taken_out {
        return Effect::Restores;
    }
    // The value stays, if the text holds one.
    if mistake == MistakeId::MissingToNumber {
        return Effect::Converts;
    }
    if matches!(mistake, MistakeId::ForeignWord | MistakeId::ForeignMark) {
        let same = |edit: &Edit| {
            let file = program.file(&edit.file)?;
            Some(translates(&read(file).lexed, edit))
        };
        return edits.iter().filter_map(same).max().unwrap_or(Effect::Reinterprets);
    }
    // The values for the class above go with the call to it.
    if edits.len() > 1
        && (moves(program, edits)
            || mistake == MistakeId::ConstructorRules && hands_on(program, edits))
    {
        return Effect::Reorders;
    }
    let quotes = edits.iter().filter(|edit| edit.start == edit.end && is_quote(&edit.text)).count();
    if quotes > 1 {
        return Effect::Reinterprets;
    }
    let one = |edit: &Edit| {
        let text = read(program.file(&edit.file)?);
        Some(Change::new(program, &text, edit)?.effect())
    };
    edits
        .iter()
        .map(|edit| one(edit).unwrap_or(Effect::Reinterprets))
        .max()
        .unwrap_or(Effect::Restores)
}

/// Returns whether a mistake is that something is not brought in, or not named whole.
pub(crate) fn brings_in(mistake: MistakeId) -> bool {
    matches!(
        mistake,
        MistakeId::MissingImport
            | MistakeId::UnlistedImport
            | MistakeId::MissingPrefix
            | MistakeId::MissingObject
    )
}

/// Tells what writing a word or a mark of another language as here does: where that stands for one
/// thing only, it was meant; which number type somebody meant cannot be known.
fn translates(lexed: &Lexed, edit: &Edit) -> Effect {
    let language = lexed.language;
    let new = edit.text.as_str();
    let same = |old: &str| {
        let shared = old.chars().zip(new.chars()).take_while(|(a, b)| a.eq_ignore_ascii_case(b));
        shared.count() > 2
    };
    let old = lexed.source.slice(edit.start, edit.end);
    let typed = new.split(' ').any(|word| language.types.contains(&word));
    // Where all numbers are of one type, no other can be meant.
    let usual = &language.usual;
    let only = usual.whole == usual.real && new == usual.whole;
    // Two names of the one type of texts; which of its forms is meant, the text does not say.
    let bare = |typed: &'static str| typed.trim_start_matches("const ");
    let texts = matches!(&*old.to_lowercase(), "string" | "str") && new == bare(usual.text);
    // `printf` ends no line, and `println` does.
    let ends_line = |word: &str| {
        let word = word.trim_end_matches("()").to_lowercase();
        word.ends_with("ln") || word.ends_with("line") || word == "log"
    };
    match () {
        () if texts && !same(&old) => Effect::Converts,
        () if typed && !only && !same(&old) => Effect::Redeclares,
        () if ends_line(&old) != ends_line(new) => Effect::Reinterprets,
        () => Effect::Restores,
    }
}

/// Whether edits put in what they take out, and nothing else.
fn moves(program: &Program, edits: &[Edit]) -> bool {
    let letters = |texts: Vec<String>| {
        let mut all: Vec<char> =
            texts.concat().chars().filter(|letter| !letter.is_whitespace()).collect();
        all.sort_unstable();
        all
    };
    let out = edits.iter().filter_map(|edit| {
        Some(program.file(&edit.file)?.slice(edit.start, edit.end).into_owned())
    });
    letters(out.collect()) == letters(edits.iter().map(|edit| edit.text.clone()).collect())
}

/// Whether what is taken out of brackets is put into brackets elsewhere.
fn hands_on(program: &Program, edits: &[Edit]) -> bool {
    let within = |text: &str| {
        let (start, end) = (text.find('(')?, text.rfind(')')?);
        text.get(start..end).map(str::to_owned)
    };
    let out = edits
        .iter()
        .filter(|edit| edit.text.is_empty())
        .filter_map(|edit| within(&program.file(&edit.file)?.slice(edit.start, edit.end)));
    let put: Vec<String> = edits.iter().filter_map(|edit| within(&edit.text)).collect();
    let out: Vec<String> = out.collect();
    !out.is_empty() && out == put
}

fn is_quote(text: &str) -> bool {
    matches!(text, "\"" | "'" | "`")
}

/// The tokens that an edit takes out and puts in.
struct Change<'a> {
    text: &'a Text,
    edit: &'a Edit,
    /// Indices of the old ones among the code tokens.
    old: std::ops::Range<usize>,
    new: Vec<(TokenKind, String)>,
    /// Whether remarks are others.
    remarks: bool,
}

impl<'a> Change<'a> {
    fn new(program: &Program, text: &'a Text, edit: &'a Edit) -> Option<Change<'a>> {
        let after = edit::apply(program, std::slice::from_ref(edit)).ok()?;
        let before = &text.lexed;
        let now = Lexed::new(after.file(&edit.file)?, before.language);
        let (a, b) = (before.words(), now.words());
        let same = a.iter().zip(&b).take_while(|(x, y)| x == y).count();
        let most = a.len().min(b.len()) - same;
        let behind = a.iter().rev().zip(b.iter().rev()).take(most).take_while(|(x, y)| x == y);
        let behind = behind.count();
        let new = (same..b.len() - behind)
            .map(|at| (now.code[at].kind, now.word(at).to_owned()))
            .collect();
        let remarks = before.comments.len() != now.comments.len();
        Some(Change { text, edit, old: same..a.len() - behind, new, remarks })
    }

    fn effect(&self) -> Effect {
        if is_quote(&self.edit.text) && self.edit.start == self.edit.end {
            return Effect::Restores;
        }
        // A remark that ends where it was meant to end is one of the text's own marks.
        let ends = &self.lexed().language.block_comments;
        if self.edit.start == self.edit.end
            && ends.iter().any(|(_, end)| self.edit.text.trim() == *end)
        {
            return Effect::Restores;
        }
        if self.remarks {
            return Effect::Reinterprets;
        }
        match (self.old.len(), self.new.len()) {
            (0, 0) => Effect::Restores,
            (0, _) => self.inserted(&self.new),
            (_, 0) => self.removed(),
            (1, 1) => self.replaced(),
            _ => self.rewritten(),
        }
    }

    fn lexed(&self) -> &Lexed {
        &self.text.lexed
    }

    fn words(&self) -> Vec<&str> {
        self.old.clone().map(|at| self.lexed().word(at)).collect()
    }

    /// What putting tokens in does.
    fn inserted(&self, new: &[(TokenKind, String)]) -> Effect {
        let language = self.lexed().language;
        if let [(_, one), more @ ..] = new
            && converts(one)
            && more.iter().all(|(kind, word)| is_bracket(*kind) || word == ".")
        {
            return Effect::Converts;
        }
        if let [(_, dot), (TokenKind::Name, name), more @ ..] = new
            && dot == "."
            && converts(name)
            && more.iter().all(|(kind, _)| is_bracket(*kind))
        {
            return Effect::Converts;
        }
        // A field that is named like its value may be written with both.
        if let [(TokenKind::Name, name), (_, mark)] = new
            && mark == ":"
            && self.lexed().is(self.old.start, name)
        {
            return Effect::Restores;
        }
        // A value that is lent to be changed is lent.
        if let [(_, lent), (_, word)] = new
            && lent == "&"
            && *word == language.binding_changes.trim()
            && self.mark(lent) == Effect::Converts
        {
            return Effect::Converts;
        }
        // A local name that may change has the same value: only a permission is added.
        let local = self.old.start > 0 && is_modifier(self.lexed().word(self.old.start - 1));
        if let [(_, word)] = new
            && word == language.binding_changes.trim()
            && local
        {
            return Effect::Restores;
        }
        let one = |(kind, word): &(TokenKind, String)| match kind {
            TokenKind::Open | TokenKind::Close => Effect::Restores,
            TokenKind::Keyword if language.types.contains(&word.as_str()) => Effect::Redeclares,
            TokenKind::Keyword if is_modifier(word) => Effect::Redeclares,
            TokenKind::Keyword if is_operator(word) || decides(word) => Effect::Invents,
            TokenKind::Keyword => Effect::Restores,
            TokenKind::Op => self.mark(word),
            TokenKind::Directive => Effect::Restores,
            // Haskell: the head of a function without a name.
            _ if word == "\\" && language.applies_bare => Effect::Restores,
            _ => Effect::Invents,
        };
        new.iter().map(one).max().unwrap_or(Effect::Restores)
    }

    /// What putting in an operator or a separator does.
    fn mark(&self, word: &str) -> Effect {
        let lexed = self.lexed();
        let before = self.old.start.checked_sub(1).and_then(|at| lexed.kind(at));
        let operand = matches!(
            before,
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Close)
        );
        match word {
            "&" | "*" if !operand => Effect::Converts,
            // Scala: the body of a function stands behind it.
            "=" if self.defines() => Effect::Restores,
            // What gets a value must stand before it, and nothing else.
            "=" | ":=" if !self.assigns(self.old.start) => Effect::Invents,
            "<" | ">" if self.angles() => Effect::Restores,
            // Nothing else goes between a text and what stands beside it, unless that fills its holes.
            _ if word == lexed.language.joins_texts
                && [self.old.start.wrapping_sub(1), self.old.start].into_iter().any(|at| {
                    lexed.kind(at) == Some(TokenKind::Str) && !lexed.word(at).contains("{0")
                }) =>
            {
                Effect::Restores
            }
            // C++: what goes to a stream is parted by it.
            "<<" if self.is_streamed() => Effect::Restores,
            _ if is_operator(word) => Effect::Invents,
            _ => Effect::Restores,
        }
    }

    /// Whether what is put in stands beside a text, behind another `<<` of its statement.
    fn is_streamed(&self) -> bool {
        let lexed = self.lexed();
        let at = self.old.start;
        let text = |at: usize| lexed.kind(at) == Some(TokenKind::Str);
        let mut before = (0..at).rev().take_while(|at| !matches!(lexed.word(*at), ";" | "{" | "}"));
        (text(at) || text(at.wrapping_sub(1))) && before.any(|at| lexed.is(at, "<<"))
    }

    /// Whether what is put in stands between the header of a function and its body, in a language that
    /// has a word for such headers and a mark there.
    fn defines(&self) -> bool {
        let lexed = self.lexed();
        let at = self.old.start;
        let Some(last) = at.checked_sub(1).and_then(|last| lexed.code.get(last)) else {
            return false;
        };
        let line = lexed.on_line(last.line).start;
        let header = (line..at).any(|at| lexed.is(at, "def"));
        header && lexed.language.is_keyword("def") && lexed.is(at, "{")
    }

    /// Whether the line has more of the one angle bracket than of the other.
    fn angles(&self) -> bool {
        let lexed = self.lexed();
        let near = lexed.code.get(self.old.start.saturating_sub(1));
        let Some(line) = near.map(|token| lexed.on_line(token.line)) else { return false };
        let count = |mark: &str| line.clone().filter(|token| lexed.is(*token, mark)).count();
        count("<") != count(">")
    }

    /// What taking tokens out does.
    fn removed(&self) -> Effect {
        let lexed = self.lexed();
        // Twice the same operator computes, and twice the same number may be two arguments.
        let words = self
            .old
            .clone()
            .all(|at| matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Keyword)));
        let doubled = words && self.old.len() == 1 && {
            let word = lexed.word(self.old.start);
            let next = lexed.word(self.old.end) == word;
            next || self.old.start.checked_sub(1).is_some_and(|at| lexed.word(at) == word)
        };
        // One mark can be one too many; a pair of brackets calls, groups or lists something.
        let marks = self.old.len() == 1 && {
            let word = lexed.word(self.old.start);
            matches!(word, "," | ";" | ":" | "." | "(" | ")" | "[" | "]" | "{" | "}")
        };
        // A name that is called without a value is the same name without the call.
        let call = self.old.len() == 2
            && lexed.is(self.old.start, "(")
            && lexed.is(self.old.start + 1, ")");
        // A name that the object at hand has is the same name without the object, and a label is known
        // without its type.
        let object = self.old.len() == 2
            && matches!(lexed.word(self.old.start), "this" | "self")
            && matches!(lexed.word(self.old.start + 1), "." | "->");
        let label = lexed.before(self.old.start) == "case"
            && self.old.clone().all(|at| lexed.is(at, ".") || lexed.is(at + 1, "."));
        // An arrow between the parameters and the body of a function says nothing where there is none.
        let arrow = lexed.before(self.old.start) == ")" && lexed.opens_block(self.old.end) && {
            let (first, last) = (self.old.start, self.old.end.max(1) - 1);
            let ends = (lexed.code.get(first), lexed.code.get(last));
            let text = |one: &Token, other: &Token| lexed.source.slice(one.start, other.end);
            matches!(ends, (Some(a), Some(b)) if matches!(&*text(a, b), "=>" | "->"))
        };
        match () {
            () if doubled || marks || object || label || arrow || self.is_import() => {
                Effect::Restores
            }
            () if call => Effect::Reinterprets,
            () => Effect::Removes,
        }
    }

    /// Whether what is taken out only brings names in: a program that uses none of them does the same.
    fn is_import(&self) -> bool {
        let lexed = self.lexed();
        let line = lexed.on_line(lexed.code[self.old.start].line);
        let word = lexed.language.import.before.split_whitespace().next().unwrap_or("");
        let listed = matches!(lexed.language.import_list, ImportList::Bracketed(_))
            && self.old.clone().all(|at| lexed.kind(at) == Some(TokenKind::Str))
            && line.len() == self.old.len();
        listed || (!word.is_empty() && lexed.is(line.start, word) && self.old.end <= line.end)
    }

    /// Whether what stands at a token, or is put in before it, gives a value to what the line before it
    /// holds.
    fn assigns(&self, at: usize) -> bool {
        let lexed = self.lexed();
        let Some(last) = at.checked_sub(1).and_then(|last| lexed.code.get(last)) else {
            return false;
        };
        let start = lexed.on_line(last.line).start;
        let place = |before: usize| match lexed.kind(before) {
            Some(TokenKind::Name | TokenKind::Number) => true,
            Some(TokenKind::Keyword) => {
                let word = lexed.word(before);
                is_modifier(word) || lexed.language.types.contains(&word)
            }
            // Pascal: what a pointer points at.
            _ if lexed.is(before, "^") => lexed.language.member_arrow.starts_with('^'),
            _ => matches!(lexed.word(before), "." | "->" | "[" | "]" | "," | ":" | "*"),
        };
        let begins = start.checked_sub(1).is_none_or(|before| {
            let ends = matches!(lexed.word(before), ";" | ":" | "then" | "else" | "do");
            let block = matches!(lexed.word(before), "{" | "}") || lexed.word(before).len() > 1;
            let kind = lexed.kind(before);
            ends || (kind.is_some_and(is_bracket) && block)
                || lexed.language.line_ends
                || matches!(kind, Some(TokenKind::Directive | TokenKind::Keyword))
        });
        start < at && begins && (start..at).all(place)
    }

    /// What one token in the place of another does.
    fn replaced(&self) -> Effect {
        let lexed = self.lexed();
        let (at, old) = (self.old.start, lexed.word(self.old.start));
        let (kind, new) = (&self.new[0].0, self.new[0].1.as_str());
        let Some(was) = lexed.kind(at) else { return Effect::Reinterprets };
        match (was, kind) {
            (TokenKind::Number, TokenKind::Number) if value(old) == value(new) => Effect::Converts,
            (TokenKind::Str | TokenKind::Char, TokenKind::Str | TokenKind::Char) => {
                let inner = |text: &str| text.trim_matches(['"', '\'', '`']).to_owned();
                if inner(old) == inner(new) { Effect::Converts } else { self.literal(old, new) }
            }
            (was, now) if is_bracket(was) && is_bracket(*now) => Effect::Restores,
            (TokenKind::Op, TokenKind::Op) => {
                let parts = |word: &str| !is_operator(word) && !matches!(word, "=" | ":=");
                // Where a statement starts, nothing is compared.
                let gives = matches!(new, "=" | ":=") && self.assigns(at);
                // The same letters in the order in which they make an operator.
                let turned = old.len() > 1 && old.chars().rev().eq(new.chars());
                if gives || turned || (parts(old) && parts(new)) {
                    Effect::Restores
                } else {
                    Effect::Reinterprets
                }
            }
            _ if is_word(was) && is_word(*kind) => self.renamed(at, old, new),
            _ => Effect::Reinterprets,
        }
    }

    /// A text that keeps what it says, but for a mark of its format.
    fn literal(&self, old: &str, new: &str) -> Effect {
        if edit_distance(old, new) <= 1.0 { Effect::Restores } else { Effect::Reinterprets }
    }

    /// What another word does.
    fn renamed(&self, at: usize, old: &str, new: &str) -> Effect {
        let names = &self.text.names;
        let language = self.lexed().language;
        let same = old.eq_ignore_ascii_case(new) && !language.types.contains(&new);
        if !same && language.types.contains(&old) {
            // A type of the language was hardly misspelt: `i32` is not `u32`.
            return Effect::Redeclares;
        }
        let known = language.keywords.contains(&old)
            || language.prelude.iter().any(|(_, names)| names.contains(&old));
        if !same && known {
            return Effect::Reinterprets;
        }
        if is_near(old, new) {
            let declares = names.declared.iter().any(|declared| declared.token == at);
            let others =
                names.seen.get(old).map_or(0, |seen| seen.iter().filter(|s| **s != at).count());
            if declares {
                // A name that only its declaration writes so is misspelt there.
                return if others == 0 { Effect::Restores } else { Effect::Redeclares };
            }
            // A name that is declared as it is written was hardly misspelt.
            let known =
                names.of(old).any(|declared| declared.scope.0 <= at && at <= declared.scope.1);
            return if known { Effect::Reinterprets } else { Effect::Restores };
        }
        let typed = names.declared.iter().filter_map(|declared| declared.typed);
        let in_type = typed.into_iter().any(|(from, to)| from <= at && at <= to);
        if in_type || language.types.contains(&new) {
            Effect::Redeclares
        } else {
            Effect::Reinterprets
        }
    }

    /// What several tokens in the place of others do.
    fn rewritten(&self) -> Effect {
        let old = self.words();
        let new: Vec<&str> = self.new.iter().map(|(_, word)| word.as_str()).collect();
        let (mut a, mut b) = (old.clone(), new.clone());
        a.sort_unstable();
        b.sort_unstable();
        if a == b {
            return Effect::Reorders;
        }
        let (was, now) = (old.concat(), new.concat());
        let marks = |text: &str| text.chars().all(|mark| mark.is_ascii_punctuation());
        if was == now || (marks(&was) && was.chars().rev().eq(now.chars())) {
            // The same letters, otherwise parted, or marks in the order in which they make one.
            return Effect::Restores;
        }
        if let Some(more) = rest(&new, &old) {
            let more: Vec<_> = more.into_iter().map(|at| self.new[at].clone()).collect();
            return self.inserted(&more);
        }
        if rest(&old, &new).is_some() {
            return Effect::Removes;
        }
        Effect::Reinterprets
    }
}

/// The places of what a list has beyond another one, whose items it has in the same order.
fn rest(all: &[&str], part: &[&str]) -> Option<Vec<usize>> {
    let mut left = part.iter().peekable();
    let mut more = Vec::new();
    for (at, word) in all.iter().enumerate() {
        if left.peek() == Some(&word) {
            left.next();
        } else {
            more.push(at);
        }
    }
    left.next().is_none().then_some(more)
}

fn is_bracket(kind: TokenKind) -> bool {
    matches!(kind, TokenKind::Open | TokenKind::Close)
}

fn is_word(kind: TokenKind) -> bool {
    matches!(kind, TokenKind::Name | TokenKind::Keyword | TokenKind::Open | TokenKind::Close)
}

/// What a plain number is, without a mark of its type behind it; its text if it is no plain one.
fn value(number: &str) -> Result<u64, &str> {
    let length = number.bytes().take_while(|b| b.is_ascii_digit() || *b == b'.').count();
    let (plain, mark) = number.split_at(length);
    let typed = mark.is_empty()
        || mark.starts_with(['f', 'F', 'd', 'D', 'l', 'L', 'u', 'U', 'i', 'm', 'M']);
    let value = plain.parse::<f64>().ok().filter(|_| typed);
    value.map(f64::to_bits).ok_or(number)
}

/// Whether one word is a slip of the hand for the other.
fn is_near(old: &str, new: &str) -> bool {
    if old.eq_ignore_ascii_case(new) {
        return true;
    }
    let length = old.chars().count().min(new.chars().count());
    let most = match length {
        0..=2 => return false,
        3..=4 => 1.0,
        _ => 2.0,
    };
    edit_distance(old, new) <= most
}

/// Whether a word between two operands computes something: which one was meant cannot be seen.
fn is_operator(word: &str) -> bool {
    const WORDS: &[&str] = &["and", "or", "not", "div", "mod", "xor", "is", "in", "as"];
    let marks = || word.chars().all(|mark| "+-*/%^&|<>=!~?".contains(mark));
    let parts = ["=", "->", "=>", "<-"];
    !parts.contains(&word) && (WORDS.contains(&word) || (!word.is_empty() && marks()))
}

/// Whether a keyword is a value, or says where the program goes on.
fn decides(word: &str) -> bool {
    const WORDS: &[&str] = &[
        "true",
        "false",
        "null",
        "nullptr",
        "nil",
        "undefined",
        "this",
        "self",
        "super",
        "break",
        "continue",
        "goto",
        "throw",
        "exit",
    ];
    WORDS.contains(&word.to_lowercase().as_str())
}

/// Whether a keyword changes what a declaration promises.
fn is_modifier(word: &str) -> bool {
    const WORDS: &[&str] = &[
        "mut",
        "const",
        "static",
        "public",
        "private",
        "protected",
        "internal",
        "final",
        "pub",
        "export",
        "abstract",
        "override",
        "async",
        "readonly",
        "volatile",
        "virtual",
        "unsigned",
        "var",
        "let",
        "val",
        "def",
        "extern",
        "inline",
    ];
    WORDS.contains(&word)
}

/// Whether a name is that of a conversion which loses nothing. Go's `string` is none: it makes a
/// letter of a number.
fn converts(name: &str) -> bool {
    const NAMES: &[&str] = &[
        "String",
        "toString",
        "ToString",
        "to_string",
        "to_owned",
        "as_str",
        "as_ref",
        "show",
        "fromIntegral",
        "Itoa",
        "IntToStr",
        "FloatToStr",
    ];
    NAMES.contains(&name)
}

#[cfg(test)]
mod tests;
