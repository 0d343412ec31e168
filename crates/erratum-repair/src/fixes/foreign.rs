//! Marks of other languages, and loops over elements as other languages write them.

use super::family::{Example, Family, Phases};
use super::shape;
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A mark that this language does not have at all.
const NO_SUCH_MARK: Factor = evidence("a mark of another language", 5.0);
/// A body stands right behind the parameters.
const BEFORE_BODY: Factor = evidence("a body stands right behind the parameters", 8.0);
/// An arrow leads to a member only in other languages.
const ARROW_TO_MEMBER: Factor = evidence("an arrow to a member, as another language has it", 6.0);
/// The end of the line ends a field.
const FIELD_ENDS: Factor = evidence("the end of the line ends the field", 7.0);
/// The header of a loop that is written as in another language.
const LOOP_ELSEWHERE: Factor = evidence("a loop as another language writes it", 5.0);
/// What is gone through has keys, and another language gives those first.
const KEYS_FIRST: Factor = weight("what is gone through has keys", 5.0);
/// Most of what is gone through is a list.
const LIST_LIKELY: Factor = weight("most of what is gone through is a list", 4.0);
/// It may have keys as well.
const KEYS_POSSIBLE: Factor = weight("what is gone through may have keys", 2.5);
/// A function gives its value back as in another language.
const RETURNED: Factor = weight("the value goes to the name of the function", 6.0);
/// The method names its object otherwise.
const RECEIVER: Factor = weight("the method names its object so", 7.0);
/// A trait is implemented for a type, whatever word stands there.
const FOR_A_TYPE: Factor = evidence("a trait is implemented for a type", 7.0);
/// What stands before the mark is a type.
const OF_A_TYPE: Factor = evidence("what stands before the mark is a type", 7.0);
/// The trait comes first.
const TRAIT_FIRST: Factor = weight("the trait comes before the type", 6.0);
/// A trait stands where a type is wanted, and one type has what its methods ask for.
const FOR_ONE_TYPE: Factor = evidence("one type has what the methods of the trait ask for", 9.0);
/// Each line between the mark and the reported place.
const PER_LINE: Factor = weight("lines from the reported place", -1.5);

pub(super) static FAMILY: Family = Family {
    id: "foreign",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int up(int tide) {\n    return tide <<|>> 3;\n}\n",
        message: "expected expression before '>' token",
        after: "int up(int tide) {\n    return tide != 3;\n}\n",
    },
};

/// How many lines before the reported one are looked at: compilers notice late.
const LINES: u32 = 1;

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    receiver(case, all);
    implemented(case, all);
    scoped(case, all);
    // C# has the mark for pointers alone, which hardly anybody uses (seen with mcs 6.8).
    if case.message.text.contains("may only be used in an unsafe context") {
        let line = case.lexed().on_line(case.lexed().code[case.token].line);
        for at in line.filter(|at| case.lexed().is(*at, "->")) {
            let edit = case.replace_token(at, ".");
            all.push(Candidate::new(MistakeId::ForeignMark, NO_SUCH_MARK, vec![edit]));
        }
    }
    property_mark(case, all);
    field_end(case, all);
    let reported = case.lexed().code[case.token].line;
    // An operator of another language may read as a name that nothing declares.
    if case.phase == Phase::Name
        && let Some((_, rest)) = case.message.text.split_once("not in scope: (")
        && let Some((unknown, _)) = rest.split_once(')')
    {
        marks(case, reported, PER_LINE * 0.0, Some(unknown), all);
    }
    for line in reported.saturating_sub(LINES).max(1)..=reported {
        let far = PER_LINE * f64::from(reported - line);
        if case.phase <= Phase::Syntax {
            marks(case, line, far, None, all);
            each(case, line, far, all);
            bare_each(case, line, far, all);
            result_mark(case, line, far, all);
            member_arrow(case, line, far, all);
        }
        returned(case, line, far, all);
    }
}

/// TypeScript: `{ seats = 4 }`, which only takes an object apart.
fn property_mark(case: &Case, all: &mut Vec<Candidate>) {
    let told = case.message.text.contains("An '=' can only follow a property name");
    let near = case.token.saturating_sub(1)..=case.token + 1;
    if let Some(at) = near.into_iter().find(|at| told && case.lexed().is(*at, "=")) {
        let edit = case.replace_token(at, ":");
        all.push(Candidate::new(MistakeId::ForeignMark, NO_SUCH_MARK, vec![edit]));
    }
}

/// Go: a `,` at the end of a field, where the end of the line is enough.
fn field_end(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let told = case.message.text.contains("unexpected comma in struct type");
    let near = case.token.saturating_sub(1)..=case.token;
    if let Some(at) = near.into_iter().find(|at| told && lexed.is(*at, ","))
        && lexed.code.get(at + 1).is_some_and(|next| next.first)
    {
        all.push(Candidate::new(MistakeId::ExtraMark, FIELD_ENDS, vec![case.delete_token(at)]));
    }
}

/// `this.level` where a method names its object itself.
fn receiver(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().receivers || !matches!(lexed.word(case.token), "this" | "self") {
        return;
    }
    if let Some((object, _)) = shape::receiver(case, case.token) {
        let edit = case.replace_token(case.token, object);
        all.push(Candidate::new(MistakeId::ForeignWord, RECEIVER, vec![edit]));
    }
}

/// `Kind.Ferry` where a type and what it holds are joined by another mark.
fn scoped(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.language().scope_mark != "::" {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for at in line.skip(1).filter(|at| lexed.is(*at, ".")) {
        let mut own = case.text.names.of(lexed.word(at - 1)).peekable();
        let typed = own.peek().is_some() && own.all(|d| d.kind == NameKind::Type);
        if typed && lexed.kind(at + 1) == Some(TokenKind::Name) {
            let edit = case.replace_token(at, "::");
            all.push(Candidate::new(MistakeId::WrongMark, OF_A_TYPE, vec![edit]));
        }
    }
}

/// Rust: `impl Vessel of Tug`.
fn implemented(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let word = line.start + 2;
    let named = |at: usize| lexed.kind(at) == Some(TokenKind::Name);
    if lexed.is(line.start, "impl")
        && case.language().is_keyword("impl")
        && (line.len() == 3 && lexed.is(line.end - 1, "{"))
        && named(line.start + 1)
    {
        implemented_for(case, line.start + 1, all);
    }
    if lexed.is(line.start, "impl")
        && case.language().is_keyword("impl")
        && (line.len() == 5 && lexed.is(line.end - 1, "{"))
        && named(line.start + 1)
        && (named(word) || matches!(lexed.word(word), "in" | "as" | ":" | "for"))
        && named(word + 1)
    {
        // `impl Pier for Priced`, where the second is the trait.
        let of_kind = |at: usize, kinds: &[&str]| {
            let mut declared = case.text.names.of(lexed.word(at));
            declared.any(|one| kinds.contains(&lexed.before(one.token)))
        };
        let turned = of_kind(word - 1, &["struct", "enum"]) && of_kind(word + 1, &["trait"]);
        if lexed.is(word, "for") {
            if turned {
                let edits = vec![
                    case.replace_token(word - 1, lexed.word(word + 1)),
                    case.replace_token(word + 1, lexed.word(word - 1)),
                ];
                all.push(Candidate::new(MistakeId::WrongOrder, TRAIT_FIRST, edits).guess());
            }
        } else if turned {
            let from = lexed.code[word - 1].start;
            let text = format!("{} for {}", lexed.word(word + 1), lexed.word(word - 1));
            let edit = Edit::replace(case.file(), from, lexed.code[word + 1].end, text);
            all.push(Candidate::new(MistakeId::ForeignWord, FOR_A_TYPE, vec![edit]).guess());
        } else {
            let edit = match lexed.is(word, ":") {
                true => Edit::replace(
                    case.file(),
                    lexed.code[word - 1].end,
                    lexed.code[word + 1].start,
                    " for ",
                ),
                false => case.replace_token(word, "for"),
            };
            all.push(Candidate::new(MistakeId::ForeignWord, FOR_A_TYPE, vec![edit]));
        }
    }
}

/// `impl Report {` of a trait: it is meant for the one type that has all that its methods ask of `self`.
fn implemented_for(case: &Case, name: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let own = |at: usize| case.text.names.of(lexed.word(at)).map(|declared| declared.token);
    if !own(name).any(|at| lexed.before(at) == "trait") {
        return;
    }
    let open = name + 1;
    let Some(close) = case.text.pairs.partner_of(open) else { return };
    let called = |at: usize| matches!(lexed.word(at + 1), "(" | "::");
    let asked: Vec<&str> = (open..close.saturating_sub(2))
        .filter(|at| lexed.is(*at, "self") && lexed.is(at + 1, ".") && !called(at + 2))
        .map(|at| lexed.word(at + 2))
        .collect();
    let types = case.text.names.declared.iter().filter(|declared| {
        declared.kind == NameKind::Type && matches!(lexed.before(declared.token), "struct" | "enum")
    });
    let fits = types.filter(|declared| {
        let block = declared.token + 1;
        let end = case.text.pairs.partner_of(block).unwrap_or(block);
        asked
            .iter()
            .all(|field| (block..end).any(|at| lexed.word(at) == *field && lexed.is(at + 1, ":")))
    });
    let fits: Vec<usize> = fits.map(|declared| declared.token).collect();
    if let [one] = fits[..] {
        let edit = case.insert(lexed.code[name].end, format!(" for {}", lexed.word(one)));
        all.push(Candidate::new(MistakeId::MissingWord, FOR_ONE_TYPE, vec![edit]).guess());
    }
}

/// `for boat in boats {` where the list stands behind a word of its own.
fn bare_each(case: &Case, line: u32, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let item = lexed.on_line(line);
    let (first, end) = (item.start, item.end.saturating_sub(1));
    let named = lexed.kind(first + 1) == Some(TokenKind::Name);
    let between = matches!(lexed.word(first + 2), "in" | "of" | ":");
    let ranges = case.language().is_keyword("range") && case.language().is_keyword("for");
    if !ranges || !lexed.is(first, "for") || !named || !between || !lexed.opens_block(end) {
        return;
    }
    let word = case.replace_token(first + 2, ":= range");
    let elements = vec![case.insert(lexed.code[first + 1].start, "_, "), word.clone()];
    let candidate =
        |score: Factor, edits| Candidate::new(MistakeId::ForeignMark, score + far, edits);
    // Of a map, the values may be meant as well as the keys.
    match holds(case, end - 1) {
        Some(Holds::Keys) => all.push(candidate(KEYS_FIRST, vec![word]).guess()),
        Some(Holds::Elements) => all.push(candidate(LOOP_ELSEWHERE, elements)),
        None => {
            all.push(candidate(LIST_LIKELY, elements).guess());
            all.push(candidate(KEYS_POSSIBLE, vec![word]).guess());
        }
    }
}

/// What something that is gone through holds.
enum Holds {
    Elements,
    Keys,
}

/// What the thing holds that is named last before a block, if its declaration shows it: `m := map[…]`,
/// a field `m map[…]`, a parameter `all []T`.
fn holds(case: &Case, last: usize) -> Option<Holds> {
    let lexed = case.lexed();
    let declared = case.text.names.of(lexed.word(last)).map(|declared| declared.token);
    let mut found = declared.filter_map(|at| {
        let typed = (at + 1..lexed.code.len())
            .take_while(|next| lexed.code[*next].line == lexed.code[at].line)
            .find(|next| !matches!(lexed.word(*next), ":=" | "=" | "make" | "(" | "," | "*"))?;
        match lexed.word(typed) {
            "map" => Some(Holds::Keys),
            "[" => Some(Holds::Elements),
            _ => None,
        }
    });
    let first = found.next()?;
    // Two things of one name that hold different things tell nothing.
    let same = |other: Holds| std::mem::discriminant(&other) == std::mem::discriminant(&first);
    found.all(same).then_some(first)
}

/// `func text(kind Kind) -> string {` where nothing stands before the type of a result.
fn result_mark(case: &Case, line: u32, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let bare = case.language().result_mark.is_some_and(|mark| mark.trim().is_empty());
    let item = lexed.on_line(line);
    if !bare || !lexed.is(item.start, "func") {
        return;
    }
    for at in item.skip(1).filter(|at| matches!(lexed.word(*at), "->" | ":" | "-")) {
        let arrow = lexed.is(at, "->") || lexed.is(at, "-") && lexed.is(at + 1, ">");
        let end = at + usize::from(lexed.is(at, "-"));
        let typed = lexed.kind(end + 1) == Some(TokenKind::Name)
            || case.language().is_type(lexed.word(end + 1));
        if lexed.before(at) == ")" && (arrow || lexed.is(at, ":")) && typed {
            let (from, to) = (lexed.code[at].start, lexed.code[end + 1].start);
            let edit = Edit::delete(case.file(), from, to);
            let score = NO_SUCH_MARK + far;
            all.push(Candidate::new(MistakeId::ForeignMark, score, vec![edit]));
        }
    }
}

/// `node->next` where a member stands behind another mark. Between a value and a name, without gaps, an
/// arrow is nothing else: what the language itself writes with arrows stands between gaps, or behind
/// what is no value.
fn member_arrow(case: &Case, line: u32, far: Factor, all: &mut Vec<Candidate>) {
    let (lexed, here) = (case.lexed(), case.language().member_arrow);
    if here.is_empty() {
        return;
    }
    let item = lexed.on_line(line);
    let touches = |at: usize| lexed.code.get(at).is_some_and(|t| t.start == lexed.code[at - 1].end);
    let mut edits = Vec::new();
    for at in item.skip(1) {
        // Where the language has no arrow, its two marks are two tokens.
        let parted = lexed.is(at, "-") && lexed.is(at + 1, ">") && touches(at + 1);
        let last = at + usize::from(parted);
        let arrow = parted || lexed.is(at, "->");
        let close = touches(at) && touches(last + 1);
        let value = match lexed.before(at) {
            ")" | "]" | "^" | "this" | "self" => true,
            // What stands before the arrow of a function is declared there.
            word => case
                .text
                .names
                .of(word)
                .any(|declared| declared.kind == NameKind::Value && declared.token != at - 1),
        };
        let member = lexed.kind(at - 1) != Some(TokenKind::Number)
            && lexed.kind(last + 1) == Some(TokenKind::Name);
        if arrow && close && member && (value || !edits.is_empty()) {
            let (from, to) = (lexed.code[at].start, lexed.code[last].end);
            // An object is reached by its plain name where its type is a class.
            let mark = if of_class(case, at - 1) { "." } else { here };
            edits.push(Edit::replace(case.file(), from, to, mark));
        }
    }
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::ForeignMark, ARROW_TO_MEMBER + far, edits));
    }
}

/// Whether a value ends with a token whose type, or that of its elements, is a class of the text.
fn of_class(case: &Case, last: usize) -> bool {
    let lexed = case.lexed();
    let open = case.text.pairs.partner_of(last).filter(|open| *open < last);
    let name = open.map_or(Some(last), |open| open.checked_sub(1));
    let declared = name.and_then(|name| case.text.names.resolve(lexed, name));
    let Some((_, typed)) = declared.and_then(|declared| declared.typed) else { return false };
    let class = |declared: &erratum_syntax::names::Declared| {
        declared.kind == NameKind::Type && lexed.is(declared.token + 2, "class")
    };
    case.text.names.of(lexed.word(typed)).any(class)
}

/// `return total` where a function gives its value to its own name.
fn returned(case: &Case, line: u32, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let start = lexed.on_line(line).start;
    if !case.language().returns_by_name || !lexed.is(start, "return") || lexed.is(start + 1, ";") {
        return;
    }
    let mut functions = case.text.names.declared.iter().filter(|declared| {
        declared.kind == NameKind::Function
            && declared.token < start
            && declared.token.checked_sub(1).is_some_and(|at| lexed.is(at, "function"))
    });
    if let Some(function) = functions.next_back() {
        let name = lexed.text(&lexed.code[function.token]);
        // `return := 0` has the mark, and the result has a name of its own where the file uses that.
        if lexed.is(start + 1, ":=") {
            let named = case.text.names.seen.contains_key("result");
            let edit = case.replace_token(start, if named { "Result" } else { name });
            all.push(Candidate::new(MistakeId::ForeignWord, RETURNED + far, vec![edit]).guess());
            return;
        }
        let edit = case.replace_token(start, format!("{name} :="));
        all.push(Candidate::new(MistakeId::ForeignWord, RETURNED + far, vec![edit]));
    }
}

/// Marks that stand without a gap and make one that only another language has.
fn marks(case: &Case, line: u32, far: Factor, only: Option<&str>, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    for (mark, here) in language.foreign_marks {
        if language.operators.contains(mark) && only.is_none() || only.is_some_and(|o| o != *mark) {
            continue;
        }
        for first in lexed.on_line(line) {
            let mut end = first;
            let start = lexed.code[first].start;
            while lexed.code.get(end).is_some_and(|token| token.end < start + mark.len()) {
                end += 1;
            }
            let Some(last) = lexed.code.get(end) else { continue };
            if last.end != start + mark.len() || *lexed.source.slice(start, last.end) != **mark {
                continue;
            }
            // `<>` before a bracket names a type by what is wanted.
            if *mark == "<>" && matches!(lexed.word(end + 1), "(" | "{") {
                continue;
            }
            // Between parameters and a body stands no such mark where a function has none.
            let body = *mark == "=>" && lexed.opens_block(end + 1) && lexed.before(first) == ")";
            if body && !language.arrow_parameters {
                let until = lexed.code[end + 1].start;
                let edit = Edit::delete(case.file(), start, until);
                all.push(Candidate::new(MistakeId::ExtraMark, BEFORE_BODY, vec![edit]).guess());
                continue;
            }
            // Between parameters and a body stands the mark of a function, in the form of here.
            let arrow = *mark == "=>" && language.arrow_parameters && function_at(case, first, end);
            let here = if arrow { "->" } else { here };
            let edit = Edit::replace(case.file(), start, last.end, here);
            let mended = Candidate::new(MistakeId::ForeignMark, NO_SUCH_MARK + far, vec![edit]);
            // A case may also have the older mark.
            let of_case = matches!(lexed.word(lexed.on_line(line).start), "case" | "default");
            // No case of TypeScript has the mark of a function.
            if of_case && here == "=>" && language.object_required {
                continue;
            }
            all.push(if of_case { mended.guess() } else { mended });
        }
    }
}

/// Whether a mark stands between the parameters and the body of a function without a name: behind a
/// bracket or a name that starts a value, before a block or a value.
fn function_at(case: &Case, first: usize, last: usize) -> bool {
    let lexed = case.lexed();
    let Some(before) = first.checked_sub(1) else { return false };
    let start = match case.text.pairs.partner_of(before).filter(|_| lexed.is(before, ")")) {
        Some(open) => open,
        None => before,
    };
    // Behind the values of a case stands what is given back.
    let line = lexed.on_line(lexed.code[first].line);
    let label = matches!(lexed.word(line.start), "case" | "default");
    if label && !(line.start + 1..first).any(|at| matches!(lexed.word(at), ":" | "(" | "->")) {
        return true;
    }
    let starts_value = matches!(lexed.before(start), "(" | "," | "=");
    let condition = start.checked_sub(2).is_some_and(|at| matches!(lexed.word(at), "if" | "while"));
    starts_value && (!condition || lexed.opens_block(last + 1))
}

/// `for (tide in tides)` where the language wants `for (tide : tides)`, and the like.
fn each(case: &Case, line: u32, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // A loop that counts has the plain word.
    for at in lexed.on_line(line).filter(|at| lexed.is(*at, "foreach") && lexed.is(at + 1, "(")) {
        let close = case.text.pairs.partner_of(at + 1).unwrap_or(lexed.on_line(line).end);
        if (at + 2..close).any(|at| lexed.is(at, ";")) {
            let edit = case.replace_token(at, "for");
            all.push(Candidate::new(MistakeId::ForeignWord, LOOP_ELSEWHERE + far, vec![edit]));
        }
    }
    let Some((word, mark)) = case.language().each_loop else { return };
    for at in lexed.on_line(line).filter(|at| matches!(lexed.word(*at), "for" | "foreach")) {
        let open = at + 1;
        if !lexed.is(open, "(") {
            continue;
        }
        let end = case.text.pairs.partner_of(open).unwrap_or(lexed.on_line(line).end);
        let inside = open + 2..end.min(lexed.code.len());
        if inside.clone().any(|at| lexed.is(at, ";")) {
            continue;
        }
        let between = |at: &usize| matches!(lexed.word(*at), "in" | "of" | ":" | "<-");
        let Some(found) = inside.clone().find(between) else { continue };
        let mut edits = Vec::new();
        if !lexed.is(at, word) {
            edits.push(case.replace_token(at, word));
        }
        if !lexed.is(found, mark) {
            edits.push(case.replace_token(found, mark));
        }
        if !edits.is_empty() {
            let score = LOOP_ELSEWHERE + far;
            let letters = |edit: &Edit| {
                lexed.source.slice(edit.start, edit.end).chars().all(char::is_alphabetic)
            };
            let words = edits.iter().all(letters);
            let mistake = if words { MistakeId::ForeignWord } else { MistakeId::ForeignMark };
            all.push(Candidate::new(mistake, score, edits));
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix, rated};
    use super::FAMILY;

    #[test]
    fn a_comparison_behind_a_label_is_one() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int n) {\n        switch (n) {\n            case 1: if (n <|>=> 3) return;\n        }\n    }\n}\n",
            "illegal start of expression",
            "class Quay {\n    void go(int n) {\n        switch (n) {\n            case 1: if (n >= 3) return;\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn a_case_gives_its_value_behind_an_arrow() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go(String s) {\n        return switch (s) {\n            case \"low\" <|>=> 3;\n            default -> 4;\n        };\n    }\n}\n",
            "illegal start of expression",
            "class Quay {\n    int go(String s) {\n        return switch (s) {\n            case \"low\" -> 3;\n            default -> 4;\n        };\n    }\n}\n",
        );
    }

    #[test]
    fn a_trait_is_implemented_for_a_type() {
        let text = "trait Priced {}\nstruct Pier {}\n\nimpl Priced <|>: Pier {\n}\n";
        let after = text.replace(" <|>:", " for");
        let said = "expected one of `!`, `(`, `+`, `::`, `<`, `for`, `where`, or `{`, found `:`";
        check_fix(&FAMILY, "rust", text, said, &after);
        let text = after.replace("impl Priced for Pier", "impl Pier for <|>Priced");
        let said = "[E0404] expected trait, found struct `Pier`";
        check_fix(&FAMILY, "rust", &text, said, &after);
    }

    #[test]
    fn an_object_of_a_class_needs_no_mark_of_a_pointer() {
        let text = |typed: &str, mark: &str| {
            format!(
                "type\n  TBoat = {typed}\n    seats: integer;\n  end;\n  PBoat = ^TBoat;\nvar\n  bow: TBoat;\n  stern: PBoat;\nbegin\n  {mark}seats := 3;\nend.\n"
            )
        };
        let said = "Illegal expression";
        let (class, record) = ("class", "record");
        check_fix(&FAMILY, "pascal", &text(class, "bow<|>->"), said, &text(class, "bow."));
        check_fix(&FAMILY, "pascal", &text(record, "stern<|>->"), said, &text(record, "stern^."));
    }

    #[test]
    fn a_trait_of_rust_is_implemented_for_a_type() {
        check_fix(
            &FAMILY,
            "rust",
            "trait Vessel {}\nstruct Tug {}\nimpl Vessel of <|>Tug {\n}\n",
            "expected one of `!`, `(`, `+`, `::`, `<`, `where`, or `{`, found `Tug`",
            "trait Vessel {}\nstruct Tug {}\nimpl Vessel for Tug {\n}\n",
        );
    }

    #[test]
    fn a_loop_that_counts_has_the_plain_word() {
        check_fix(
            &FAMILY,
            "c",
            "int up(int tide) {\n    foreach (<|>int i = 0; i < 3; i++) {\n        tide++;\n    }\n    return tide;\n}\n",
            "expected expression before 'int'",
            "int up(int tide) {\n    for (int i = 0; i < 3; i++) {\n        tide++;\n    }\n    return tide;\n}\n",
        );
    }

    #[test]
    fn a_comparison_is_written_as_here() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  tide: integer;\nbegin\n  if tide <|>!= 3 then\n    writeln('low');\nend.\n",
            "Syntax error, \"THEN\" expected but \"!\" found",
            "program quay;\nvar\n  tide: integer;\nbegin\n  if tide <> 3 then\n    writeln('low');\nend.\n",
        );
    }

    #[test]
    fn a_member_is_not_pointed_at() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int n;\n    Quay(int size) { this<|>->n = size; }\n}\n",
            "[CS0214] Pointers and fixed size buffers may only be used in an unsafe context",
            "class Quay {\n    int n;\n    Quay(int size) { this.n = size; }\n}\n",
        );
    }

    #[test]
    fn an_operator_that_nothing_declares_is_one_of_another_language() {
        check_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = print (7 <|>% 3)\n",
            "Variable not in scope: (%) :: t0 -> t1 -> a0",
            "main :: IO ()\nmain = print (7 `mod` 3)\n",
        );
    }

    #[test]
    fn a_function_without_a_name_has_the_mark_of_this_language() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(java.util.List<String> all) {\n        all.forEach(one <|>=> { });\n    }\n}\n",
            "illegal start of expression",
            "class Quay {\n    void go(java.util.List<String> all) {\n        all.forEach(one -> { });\n    }\n}\n",
        );
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean go(int tide) {\n        return tide <|>=> 3;\n    }\n}\n",
            "illegal start of expression",
            "class Quay {\n    boolean go(int tide) {\n        return tide >= 3;\n    }\n}\n",
        );
    }

    #[test]
    fn a_loop_over_elements_has_the_mark_of_this_language() {
        check_fix(
            &FAMILY,
            "cpp",
            "#include <vector>\nint sum(std::vector<int> tides) {\n    int all = 0;\n    for (int tide <|>in tides) {\n        all += tide;\n    }\n    return all;\n}\n",
            "expected ';' before 'in'",
            "#include <vector>\nint sum(std::vector<int> tides) {\n    int all = 0;\n    for (int tide : tides) {\n        all += tide;\n    }\n    return all;\n}\n",
        );
    }

    #[test]
    fn a_loop_over_elements_has_the_word_of_this_language() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    void Go(int[] tides) {\n        for (int tide <|>in tides) {\n        }\n    }\n}\n",
            "[CS1525] Unexpected symbol 'in'",
            "class Quay {\n    void Go(int[] tides) {\n        foreach (int tide in tides) {\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn the_mark_and_the_word_change_together() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int[] tides) {\n        foreach (int tide <|>in tides) {\n        }\n    }\n}\n",
            "';' expected",
            "class Quay {\n    void go(int[] tides) {\n        for (int tide : tides) {\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn a_value_goes_to_the_name_of_its_function() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nfunction rise(tide: integer): integer;\nbegin\n  return <|>tide + 1;\nend;\nbegin\n  writeln(rise(3));\nend.\n",
            "Identifier not found \"return\"",
            "program quay;\nfunction rise(tide: integer): integer;\nbegin\n  rise := tide + 1;\nend;\nbegin\n  writeln(rise(3));\nend.\n",
        );
    }

    #[test]
    fn a_method_calls_its_object_by_its_own_name() {
        check_fix(
            &FAMILY,
            "go",
            "package main\n\ntype Lock struct {\n\tlevel int\n}\n\nfunc (l Lock) full() bool {\n\treturn <|>this.level > 9\n}\n",
            "undefined: this",
            "package main\n\ntype Lock struct {\n\tlevel int\n}\n\nfunc (l Lock) full() bool {\n\treturn l.level > 9\n}\n",
        );
    }

    #[test]
    fn a_mark_of_this_language_is_left() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "note :: String\nnote = \"low\" <<|>> tide\n",
            "Variable not in scope: tide :: String",
        );
    }

    #[test]
    fn a_trait_is_for_the_type_that_has_what_it_asks_for() {
        let types = "struct Tug {\n    power: u32,\n}\nstruct Quay {\n    name: String,\n}\ntrait Report {\n    fn line(&self) -> String;\n}\n";
        let body = " {\n    fn line(&self) -> String {\n        self.name.clone()\n    }\n}\n";
        check_fix(
            &FAMILY,
            "rust",
            &format!("{types}impl <|>Report{body}"),
            "[E0782] expected a type, found a trait",
            &format!("{types}impl Report for Quay{body}"),
        );
        let body = " {\n    fn line(&self) -> String {\n        String::new()\n    }\n}\n";
        check_no_fix(
            &FAMILY,
            "rust",
            &format!("{types}impl <|>Report{body}"),
            "[E0782] expected a type, found a trait",
        );
    }

    #[test]
    fn a_type_and_what_it_holds_have_their_mark() {
        check_fix(
            &FAMILY,
            "cpp",
            "enum class Kind { Tug };\nKind first() {\n    return Kind<|>.Tug;\n}\n",
            "expected primary-expression before '.' token",
            "enum class Kind { Tug };\nKind first() {\n    return Kind::Tug;\n}\n",
        );
    }

    #[test]
    fn go_ranges_over_a_list() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc go2(boats []string) {\n\tfor boat <|>in boats {\n\t\tshow(boat)\n\t}\n}\n",
            "syntax error: unexpected in, expecting {",
            "package quay\n\nfunc go2(boats []string) {\n\tfor _, boat := range boats {\n\t\tshow(boat)\n\t}\n}\n",
        );
    }

    #[test]
    fn go_ranges_over_the_keys_of_a_map() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\ntype Quay struct {\n\tboats map[string]int\n}\n\nfunc (q Quay) go2() {\n\tfor name <|>in q.boats {\n\t\tshow(name)\n\t}\n}\n",
            "syntax error: unexpected in, expecting {",
            "package quay\n\ntype Quay struct {\n\tboats map[string]int\n}\n\nfunc (q Quay) go2() {\n\tfor name := range q.boats {\n\t\tshow(name)\n\t}\n}\n",
        );
    }

    #[test]
    fn what_a_function_gives_back_may_have_keys() {
        let found = rated(
            &FAMILY,
            "go",
            "package quay\n\nfunc go2() {\n\tfor boat <|>in boats() {\n\t\tshow(boat)\n\t}\n}\n",
            "syntax error: unexpected in, expecting {",
        );
        let heads = found.iter().map(|(text, _)| text.lines().nth(3).unwrap_or_default());
        let heads: Vec<&str> = heads.collect();
        assert_eq!(heads, ["\tfor _, boat := range boats() {", "\tfor boat := range boats() {"]);
    }

    #[test]
    fn no_mark_stands_before_a_result_of_go() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc text(kind Kind) <|>-> string {\n\treturn \"\"\n}\n",
            "syntax error: unexpected ->, expecting {",
            "package quay\n\nfunc text(kind Kind) string {\n\treturn \"\"\n}\n",
        );
    }

    #[test]
    fn a_counting_loop_is_left() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int tide) {\n    for (int i = 0; i < tide; <|>j++) {\n    }\n    return 0;\n}\n",
            "'j' undeclared (first use in this function)",
        );
    }

    #[test]
    fn an_arrow_to_a_member_is_written_as_here() {
        check_fix(
            &FAMILY,
            "pascal",
            "var\n  node: PNode;\nbegin\n  node<|>->next := nil;\nend.\n",
            "Syntax error, \":=\" expected but \"-\" found",
            "var\n  node: PNode;\nbegin\n  node^.next := nil;\nend.\n",
        );
        check_fix(
            &FAMILY,
            "typescript",
            "const found = first();\nfound-<|>>paid = true;\n",
            "Expression expected.",
            "const found = first();\nfound.paid = true;\n",
        );
        check_no_fix(
            &FAMILY,
            "java",
            "class Pier {\n    Runnable tell = go<|>-> tell();\n}\n",
            "illegal start of expression",
        );
        check_no_fix(
            &FAMILY,
            "java",
            "class Pier {\n    void go(List<String> all) {\n        all.forEach(one->tell(one)<|>;\n    }\n}\n",
            "')' or ',' expected",
        );
    }

    #[test]
    fn a_property_is_given_its_value_as_here() {
        check_fix(
            &FAMILY,
            "typescript",
            "const berth = { name: \"A1\", seats <|>= 4 };\n",
            "Did you mean to use a ':'? An '=' can only follow a property name when the containing object literal is part of a destructuring pattern.",
            "const berth = { name: \"A1\", seats : 4 };\n",
        );
    }

    #[test]
    fn a_field_ends_with_its_line() {
        check_fix(
            &FAMILY,
            "go",
            "package pier\n\ntype Berth struct {\n\tName string<|>,\n\tDeep int\n}\n",
            "syntax error: unexpected comma in struct type; possibly missing semicolon or newline or }",
            "package pier\n\ntype Berth struct {\n\tName string\n\tDeep int\n}\n",
        );
    }
}
