//! A declaration in the order of another language: `int sum = 0` where the type stands behind the
//! name, `int[] depths` where the brackets do, `Berth[]` where they stand in front.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::language::{Declaring, ListType, NameKind};
use erratum_syntax::lex::TokenKind;

/// The brackets of a list stand on the other side.
const BRACKETS_ELSEWHERE: Factor = evidence("the brackets of a list stand on the other side", 6.5);
/// The type stands behind the name, behind a word.
const TYPE_ELSEWHERE: Factor = evidence("the type stands behind the name", 6.0);
/// A name and its type stand there alone.
const NO_WORD: Factor = evidence("a name and its type stand there alone", 6.0);
/// The mark declares the name by itself.
const TWO_WORDS: Factor = evidence("the mark declares the name by itself", 7.0);
/// The mark tells the type by the value.
const TWO_WORDS_OF_IT: Factor = weight("the mark declares it already", 1.0);
/// A type stands right behind the name.
const NO_COLON: Factor = evidence("a type stands right behind the name", 6.5);
/// A variant names the types of its values, and not the values.
const TYPES_ALONE: Factor = evidence("a variant names only the types of its values", 6.5);
/// Each line between the change and the reported place.
const LINES: Factor = weight("lines from the reported place", -0.5);

pub(super) static FAMILY: Family = Family {
    id: "type-order",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\ntype Berth struct{ n int }\n\nfunc sum(all Berth[<|>]) int {\n\treturn len(all)\n}\n",
        message: "syntax error: unexpected ], expecting type",
        after: "package quay\n\ntype Berth struct{ n int }\n\nfunc sum(all []Berth) int {\n\treturn len(all)\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.phase > Phase::Syntax {
        // `String text = ""` reads as code where a name may stand between two others.
        if case.phase == Phase::Name {
            let line = lexed.on_line(lexed.code[case.token].line);
            typed_first(case, line.start, LINES * 0.0, all);
            // So does `(int days)` where the name stands first.
            for open in line.filter(|at| lexed.is(*at, "(")) {
                parameters(case, open, LINES * 0.0, all);
            }
        }
        return;
    }
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(1).max(1)..=reported {
        let far = LINES * f64::from(reported - line);
        let range = lexed.on_line(line);
        for open in range.clone().filter(|at| lexed.is(*at, "[")) {
            let sized = matches!(lexed.kind(open + 1), Some(TokenKind::Number | TokenKind::Name));
            let close = open + 1 + usize::from(sized);
            if lexed.is(close, "]") {
                brackets(case, open, close, far, all);
            }
        }
        typed_first(case, range.start, far, all);
        for open in range.clone().filter(|at| lexed.is(*at, "(")) {
            parameters(case, open, far, all);
        }
        no_word(case, range.start, far, all);
        two_words(case, range.start, far, all);
        variant(case, range.clone(), far, all);
        for name in range.clone() {
            no_colon(case, name, far, all);
        }
    }
}

/// `Berth[]`, `char[20]`: the brackets of a list on the side where another language has them.
fn brackets(case: &Case, open: usize, close: usize, far: Factor, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    let Some(before) = open.checked_sub(1) else { return };
    let (from, to) = (lexed.code[open].start, lexed.code[close].end);
    let text = lexed.source.slice(from, to).into_owned();
    let out = Edit::delete(case.file(), from, to);
    let named = |at: usize| lexed.kind(at) == Some(TokenKind::Name);
    let typed = |at: usize| is_type(case, at);
    let edits = match language.list_type {
        ListType::InFront if typed(before) => {
            vec![case.insert(lexed.code[before].start, text), out]
        }
        ListType::BehindName if typed(before) && named(close + 1) => {
            vec![out, case.insert(lexed.code[close + 1].end, text)]
        }
        ListType::BehindType if close == open + 1 && named(before) => {
            let element = before.checked_sub(1).filter(|at| language.type_first && typed(*at));
            let Some(element) = element else { return };
            vec![case.insert(lexed.code[element].end, text), out]
        }
        ListType::Around(start, end) if close == open + 1 && typed(before) => {
            let element = written_type(case, before);
            let (from, written) = (lexed.code[before].start, format!("{start}{element}{end}"));
            vec![Edit::replace(case.file(), from, to, written)]
        }
        _ => return,
    };
    all.push(Candidate::new(MistakeId::WrongOrder, BRACKETS_ELSEWHERE + far, edits));
}

/// A type as it is written here, also where its name is that of another language.
fn written_type(case: &Case, at: usize) -> String {
    let written = case.lexed().word(at);
    let foreign = case.language().foreign.iter().find(|(foreign, _)| *foreign == written);
    foreign.map_or(written, |(_, here)| *here).to_owned()
}

/// `int sum = 0`: the type stands behind the name here, and a word in front of it.
fn typed_first(case: &Case, first: usize, far: Factor, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    let Some((word, mark)) = language.typed_variable else { return };
    let named = lexed.kind(first + 1) == Some(TokenKind::Name) && is_type(case, first);
    // A word stands before the members of a class only where one tells what they are.
    let member = !language.is_keyword("val") && of_type(case, first);
    let binds = matches!(lexed.word(first + 2), "=" | ":=" | ";")
        || member && lexed.is(first + 2, ",")
        || lexed.code.get(first + 2).is_some_and(|next| next.first);
    if !named || !binds || !lexed.code[first].first || lexed.code[first + 1].first {
        return;
    }
    let written = lexed.word(first);
    let foreign = language.foreign.iter().any(|(foreign, _)| *foreign == written);
    let typed = written_type(case, first);
    let name = lexed.word(first + 1);
    let bind = lexed.is(first + 2, ":=");
    if bind {
        // The mark declares the name, with the type of the value.
        let out = Edit::delete(case.file(), lexed.code[first].start, lexed.code[first + 1].start);
        let score = TYPE_ELSEWHERE + TWO_WORDS_OF_IT + far;
        all.push(Candidate::new(MistakeId::ExtraWord, score, vec![out]).guess());
    }
    let end = if bind { lexed.code[first + 2].end } else { lexed.code[first + 1].end };
    // Which of its types of numbers a foreign one means, the value tells better.
    let typed = if foreign && language.exact_numbers && !member {
        String::new()
    } else {
        format!("{mark}{typed}")
    };
    let word = if member { String::new() } else { format!("{word} ") };
    let text = format!("{word}{name}{typed}{}", if bind { " =" } else { "" });
    let edit = Edit::replace(case.file(), lexed.code[first].start, end, text);
    all.push(Candidate::new(MistakeId::WrongOrder, TYPE_ELSEWHERE + far, vec![edit]).guess());
}

/// Whether a token stands among the members of a type.
fn of_type(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let Some(open) = case.text.pairs.inside_of(at).filter(|open| lexed.is(*open, "{")) else {
        return false;
    };
    let mut head = case.statement_start(open)..open;
    head.any(|at| matches!(lexed.word(at), "interface" | "class" | "type" | "struct"))
}

/// `def stay(Int days)`: parameters whose types stand before their names.
fn parameters(case: &Case, open: usize, far: Factor, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    let Some((_, mark)) = language.typed_variable else { return };
    let start = lexed.on_line(lexed.code[open].line).start;
    let declares = (start..open).any(|word| {
        let kind = |(known, kind): &(&str, NameKind)| {
            *kind == NameKind::Function && *known == lexed.word(word)
        };
        language.declares.iter().any(kind)
    });
    let Some(close) = case.text.pairs.partner_of(open) else { return };
    // A method of a class may have no word before its name.
    let method = lexed.kind(open.wrapping_sub(1)) == Some(TokenKind::Name)
        && matches!(lexed.word(close + 1), "{" | ":");
    if !declares && !method {
        return;
    }
    let commas = (open + 1..close)
        .filter(|at| lexed.is(*at, ",") && case.text.pairs.inside_of(*at) == Some(open));
    let ends: Vec<usize> = commas.chain([close]).collect();
    let mut edits = Vec::new();
    let mut first = open + 1;
    for end in ends {
        let name = end - 1;
        let plain = (first..name).all(|at| !matches!(lexed.word(at), ":" | "="));
        // `&str name`: a reference to a type.
        let marks = (first..name).take_while(|at| matches!(lexed.word(*at), "&" | "mut")).count();
        let base = first + marks;
        if base < name && plain && is_type(case, base) && lexed.kind(name) == Some(TokenKind::Name)
        {
            let rest = lexed.source.slice(lexed.code[base].end, lexed.code[name - 1].end);
            let before = lexed.source.slice(lexed.code[first].start, lexed.code[base].start);
            let typed = before.into_owned() + &written_type(case, base) + &rest;
            let text = format!("{}{mark}{typed}", lexed.word(name));
            let (from, to) = (lexed.code[first].start, lexed.code[name].end);
            edits.push(Edit::replace(case.file(), from, to, text));
        }
        first = end + 1;
    }
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::WrongOrder, TYPE_ELSEWHERE + far, edits).guess());
    }
}

/// `names []string`: a variable with its type, and no word before it.
fn no_word(case: &Case, first: usize, far: Factor, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    let Some((word, mark)) = language.typed_variable else { return };
    let name = lexed.kind(first) == Some(TokenKind::Name) && lexed.code[first].first;
    let marked = mark.trim();
    let typed = first + 1 + usize::from(!marked.is_empty());
    let before = marked.is_empty() || lexed.is(first + 1, marked);
    let element = typed + 2 * usize::from(lexed.is(typed, "[") && lexed.is(typed + 1, "]"));
    let apart = lexed.code.get(typed).is_some_and(|token| token.start > lexed.code[first].end);
    let ends = lexed.code.get(element + 1).is_none_or(|next| next.first)
        || matches!(lexed.word(element + 1), "=" | ";");
    // In a list of members or parameters no word stands before a name.
    let block = case.text.pairs.inside_of(first).is_none_or(|open| {
        lexed.opens_block(open) && super::shape::function_of(case, open).is_some()
    });
    if name && before && apart && ends && block && is_type(case, element) {
        let edit = case.insert(lexed.code[first].start, format!("{word} "));
        all.push(Candidate::new(MistakeId::MissingWord, NO_WORD + far, vec![edit]).guess());
    }
}

/// `max Int`: a parameter or a variable with its type, and no colon between them.
fn no_colon(case: &Case, name: usize, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let colon = case.language().typed_variable.is_some_and(|(_, mark)| mark.trim() == ":");
    let apart = lexed
        .code
        .get(name + 1)
        .is_some_and(|typed| !typed.first && typed.start > lexed.code[name].end);
    let named = lexed.kind(name) == Some(TokenKind::Name)
        && lexed.word(name).starts_with(char::is_lowercase)
        && matches!(
            lexed.before(name),
            "(" | "," | "let" | "val" | "var" | "const" | "mut" | "readonly"
        );
    let ends = matches!(lexed.word(name + 2), ")" | "," | "=" | "[" | "<" | ";");
    if colon && named && apart && ends && is_type(case, name + 1) {
        let edit = case.insert(lexed.code[name].end, ":");
        all.push(Candidate::new(MistakeId::MissingMark, NO_COLON + far, vec![edit]));
    }
}

/// `let sum := 0`: where the mark declares, no word does.
fn two_words(case: &Case, first: usize, far: Factor, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    let Declaring::Mark(mark) = language.declaring else { return };
    let word = matches!(lexed.word(first), "let" | "var" | "val" | "auto" | "const" | "mut");
    if word && lexed.kind(first + 1) == Some(TokenKind::Name) && lexed.is(first + 2, mark) {
        let edit = case.delete_token(first);
        all.push(Candidate::new(MistakeId::ExtraWord, TWO_WORDS + far, vec![edit]));
    }
}

/// Whether a token names a type: one of this language, of the text or of another language.
fn is_type(case: &Case, at: usize) -> bool {
    let (lexed, language) = (case.lexed(), case.language());
    let word = lexed.word(at);
    let library = |name: &str| {
        language.known_names().any(|(known, kind)| known == name && kind == NameKind::Type)
    };
    let foreign = language.foreign.iter().any(|(foreign, here)| {
        *foreign == word && here.split(' ').any(|here| language.is_type(here) || library(here))
    });
    let own = || {
        let mut declared = case.text.names.of(word);
        declared.any(|declared| declared.kind == NameKind::Type)
    };
    language.is_type(word) || library(word) || foreign || own()
}

/// Rust: `Tug(f32 power)` among the variants of an `enum`, or `Tug(power: f32)`.
fn variant(case: &Case, line: std::ops::Range<usize>, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let open = line.start + 1;
    let Some(block) = case.text.pairs.block_of(lexed, line.start) else { return };
    let listed = (block.saturating_sub(4)..block).any(|at| lexed.is(at, "enum"));
    if !case.language().is_keyword("impl") || !listed || !lexed.is(open, "(") {
        return;
    }
    let Some(close) = case.text.pairs.partner_of(open) else { return };
    let named = |at: usize| {
        lexed.kind(at) == Some(TokenKind::Name)
            && lexed.word(at).starts_with(char::is_lowercase)
            && !case.language().is_type(lexed.word(at))
    };
    let mut edits = Vec::new();
    for at in open + 1..close {
        // Behind the type, or in front of it with a colon.
        if named(at) && is_type(case, at - 1) && matches!(lexed.word(at + 1), "," | ")") {
            edits.push(Edit::delete(case.file(), lexed.code[at - 1].end, lexed.code[at].end));
        } else if named(at) && lexed.is(at + 1, ":") && matches!(lexed.before(at), "(" | ",") {
            let (from, to) = (lexed.code[at].start, lexed.code[at + 2].start);
            edits.push(Edit::delete(case.file(), from, to));
        }
    }
    if !edits.is_empty() {
        let score = TYPES_ALONE + far;
        all.push(Candidate::new(MistakeId::ExtraWord, score, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    #[test]
    fn a_member_has_no_word_before_it() {
        check_fix(
            &FAMILY,
            "typescript",
            "interface Owner {\n  first: string;\n  <|>string last;\n}\n",
            "[TS1131] Property or signature expected.",
            "interface Owner {\n  first: string;\n  last: string;\n}\n",
        );
    }

    #[test]
    fn a_reference_stands_behind_its_name_too() {
        let text = "fn pad(<|>&str line, usize width) -> String {\n    line.repeat(width)\n}\n";
        let after = text.replace("<|>&str line, usize width", "line: &str, width: usize");
        let said = "expected one of `:`, `@`, or `|`, found `line`";
        check_fix(&FAMILY, "rust", text, said, &after);
    }

    #[test]
    fn parameters_are_turned_together() {
        check_fix(
            &FAMILY,
            "scala",
            "class Quay {\n  def stay(Int days, berth: String): Int = days\n}\n"
                .replace("(Int days", "(Int <|>days")
                .as_str(),
            "':' expected but identifier found.",
            "class Quay {\n  def stay(days: Int, berth: String): Int = days\n}\n",
        );
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc (q *Quay) Total(int <|>days) float64 {\n\treturn 1.5\n}\n",
            "undefined: days",
            "package quay\n\nfunc (q *Quay) Total(days int) float64 {\n\treturn 1.5\n}\n",
        );
        check_fix(
            &FAMILY,
            "rust",
            "fn stay(int <|>days, u32 berth) -> u32 {\n    berth\n}\n",
            "expected one of `:`, `@`, or `|`, found `days`",
            "fn stay(days: i32, berth: u32) -> u32 {\n    berth\n}\n",
        );
    }

    #[test]
    fn brackets_of_a_list_stand_where_the_language_has_them() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    static int First(int depths<|>[]) { return depths[0]; }\n}\n",
            "[CS1552] Array type specifier, [], must appear before parameter name",
            "class Quay {\n    static int First(int[] depths) { return depths[0]; }\n}\n",
        );
        check_fix(
            &FAMILY,
            "rust",
            "fn all(names: string[<|>]) -> usize {\n    names.len()\n}\n",
            "expected one of `:` or `|`, found `)`",
            "fn all(names: Vec<String>) -> usize {\n    names.len()\n}\n",
        );
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def all(depths: Int[<|>]): Int = depths.length\n}\n",
            "identifier expected but ']' found.",
            "object Quay {\n  def all(depths: Array[Int]): Int = depths.length\n}\n",
        );
    }

    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_variant_of_rust_names_types_alone() {
        for wrong in ["f32 <|>power", "power<|>: f32"] {
            check_fix(
                &FAMILY,
                "rust",
                &format!("enum Kind {{\n    Tug({wrong}),\n    Ferry,\n}}\n"),
                "expected one of `)` or `,`, found `power`",
                "enum Kind {\n    Tug(f32),\n    Ferry,\n}\n",
            );
        }
    }

    #[test]
    fn a_parameter_gets_its_colon() {
        check_fix(
            &FAMILY,
            "scala",
            "class Boat(name: String, max <|>Int) {\n  def free = max\n}\n",
            "':' expected but identifier found.",
            "class Boat(name: String, max: Int) {\n  def free = max\n}\n",
        );
    }

    #[test]
    fn a_name_with_its_type_gets_its_word() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc all() []string {\n\tnames <|>[]string\n\treturn names\n}\n",
            "syntax error: unexpected [, expecting expression",
            "package quay\n\nfunc all() []string {\n\tvar names []string\n\treturn names\n}\n",
        );
    }

    #[test]
    fn the_mark_that_declares_needs_no_word() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc sum() int {\n\tlet <|>all := 3\n\treturn all\n}\n",
            "syntax error: unexpected all at end of statement",
            "package quay\n\nfunc sum() int {\n\tall := 3\n\treturn all\n}\n",
        );
    }

    #[test]
    fn the_length_of_an_array_goes_with_its_brackets() {
        check_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    char<|>[20] name = \"East\";\n    return name[0];\n}\n",
            "expected identifier or '(' before '[' token",
            "int main(void) {\n    char name[20] = \"East\";\n    return name[0];\n}\n",
        );
    }

    #[test]
    fn the_brackets_of_c_stand_behind_the_name() {
        check_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int<|>[] depths = { 3, 4 };\n    return depths[0];\n}\n",
            "expected identifier or '(' before '[' token",
            "int main(void) {\n    int depths[] = { 3, 4 };\n    return depths[0];\n}\n",
        );
    }

    #[test]
    fn a_variable_of_go_has_its_type_behind_it() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc sum() int {\n\tint <|>all = 3\n\treturn all\n}\n",
            "syntax error: unexpected all at end of statement",
            "package quay\n\nfunc sum() int {\n\tvar all int = 3\n\treturn all\n}\n",
        );
    }

    #[test]
    fn a_variable_of_typescript_has_its_type_behind_a_colon() {
        check_fix(
            &FAMILY,
            "typescript",
            "function sum(): number {\n  number <|>all = 3;\n  return all;\n}\n",
            "';' expected.",
            "function sum(): number {\n  let all: number = 3;\n  return all;\n}\n",
        );
    }

    #[test]
    fn a_variable_of_rust_has_the_type_of_its_value() {
        check_fix(
            &FAMILY,
            "rust",
            "fn sum() -> i32 {\n    int <|>all = 3;\n    all\n}\n",
            "expected one of `!`, `.`, `::`, `;`, `?`, `{`, `}`, or an operator, found `all`",
            "fn sum() -> i32 {\n    let all = 3;\n    all\n}\n",
        );
    }

    #[test]
    fn a_declaration_in_the_order_of_java_is_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        int all = 3 <|>4;\n        int[] two;\n    }\n}\n",
            "';' expected",
        );
    }

    #[test]
    fn an_assignment_is_left() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc sum(all int) int {\n\tall = 3 <|>4\n\treturn all\n}\n",
            "syntax error: unexpected literal 4 at end of statement",
        );
    }
}
