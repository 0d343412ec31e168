//! TypeScript: small forms around types: `class Bus<T : Named>`, `h != = other`, a type named like a value, the text
//! of an enum's member, `table.line` where `line` is a name at hand.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};

/// What a type must be stands behind a word.
const BOUND: Factor = evidence("what a type must be stands behind `extends`", 9.5);
/// One mark was taken apart.
const APART: Factor = evidence("the two marks make one", 9.5);
/// A type has the name but for the case of a letter.
const TYPE: Factor = evidence("a type has the name but for a letter's case", 9.5);
/// A member of the enum has this text.
const MEMBER: Factor = evidence("a member of the enum has this text", 9.5);
/// A value at hand is called so, and no member.
const AT_HAND: Factor = evidence("a value at hand is called so, and no member", 9.0);

/// An empty list is the value of a list.
const EMPTY_LIST: Factor = evidence("a type stands where the value of a list belongs", 9.0);
/// A type stands in round brackets.
const HELD: Factor = evidence("the type of what is held stands between angle brackets", 9.0);
/// The arrow says that it is a function.
const BY_ARROW: Factor = evidence("the arrow says that it is a function", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "ts-types",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "class Bus<T <|>: { name: string }> {\n  all: T[] = [];\n}\n",
        message: "[TS1005] ',' expected.",
        after: "class Bus<T extends { name: string }> {\n  all: T[] = [];\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().object_required {
        return;
    }
    if case.phase <= Phase::Syntax {
        bound(case, all);
        apart(case, all);
        empty_list(case, all);
        headless(case, all);
    }
    // Seen with tsc 5.9.
    let said = &case.message.text;
    if said.contains("refers to a value, but is being used as a type") {
        typed(case, all);
    }
    if said.contains("is not assignable to parameter of type '")
        || said.contains("is not assignable to type '")
    {
        member(case, all);
    }
    if said.starts_with("This expression is not callable")
        || said.contains("only refers to a type, but is being used as a value here")
        || said.starts_with("Expected 0 arguments, but got 1")
    {
        held_type(case, all);
    }
    if said.starts_with("Property '") && said.contains("' does not exist on type '") {
        at_hand(case, all);
    }
}

/// `new Bus(Tide)()`: the type of what an object holds stands between angle brackets.
fn held_type(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for word in line.filter(|at| lexed.is(*at, "new") && lexed.is(at + 2, "(")) {
        let (typed, close) = (word + 3, word + 4);
        let is_type = case.text.names.of(lexed.word(typed)).any(|one| one.kind == NameKind::Type);
        if is_type && lexed.is(close, ")") && lexed.is(close + 1, "(") {
            let edits = vec![case.replace_token(word + 2, "<"), case.replace_token(close, ">")];
            all.push(Candidate::new(MistakeId::MismatchedBracket, HELD, edits).guess());
        }
    }
}

/// `const out = Tide[];`: the type of a list stands behind the name, and an empty list is its value.
fn empty_list(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for mark in line.skip(2).filter(|at| lexed.is(*at, "=")) {
        let (name, typed) = (mark - 1, mark + 1);
        let list = lexed.is(typed + 1, "[") && lexed.is(typed + 2, "]");
        let whole = matches!(lexed.word(typed + 3), ";" | "");
        let declares = matches!(lexed.before(name), "const" | "let" | "var");
        let named = lexed.kind(name) == Some(TokenKind::Name);
        if declares && named && list && whole {
            let (from, to) = (lexed.code[name].end, lexed.code[typed + 2].end);
            let typed = lexed.source.slice(lexed.code[typed].start, to);
            let edit = Edit::replace(case.file(), from, to, format!(": {typed} = []"));
            all.push(Candidate::new(MistakeId::WrongMark, EMPTY_LIST, vec![edit]).guess());
        }
    }
}

/// `map(function(w) => w.name)`: behind an arrow stands no word for a function.
fn headless(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for word in line.filter(|at| lexed.is(*at, "function") && lexed.is(at + 1, "(")) {
        let close = case.text.pairs.partner_of(word + 1).filter(|close| *close > word);
        if close.is_some_and(|close| lexed.is(close + 1, "=>")) {
            let (from, to) = (lexed.code[word].start, lexed.code[word + 1].start);
            let edit = Edit::delete(case.file(), from, to);
            all.push(Candidate::new(MistakeId::NeedlessWord, BY_ARROW, vec![edit]).guess());
        }
    }
}

fn bound(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for at in line.skip(3) {
        let head = lexed.is(at, ":")
            && lexed.kind(at - 1) == Some(TokenKind::Name)
            && lexed.is(at - 2, "<")
            && matches!(lexed.before(at - 3), "class" | "interface" | "function" | "type");
        if head {
            let (token, next) = (lexed.code[at], lexed.code.get(at + 1));
            let before = if lexed.code[at - 1].end == token.start { " " } else { "" };
            let behind = if next.is_some_and(|next| next.start == token.end) { " " } else { "" };
            let edit = case.replace_token(at, format!("{before}extends{behind}"));
            all.push(Candidate::new(MistakeId::ForeignMark, BOUND, vec![edit]).guess());
        }
    }
}

/// `!= =` and `= ==`.
fn apart(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for at in line {
        let pair = [lexed.word(at), lexed.word(at + 1)];
        let whole = match pair {
            ["!=" | "!", "=" | "=="] => "!==",
            ["==", "="] | ["=", "=="] => "===",
            _ => continue,
        };
        let (first, second) = (lexed.code[at], lexed.code[at + 1]);
        if second.first || pair == ["!", "="] {
            continue;
        }
        let edit = Edit::replace(case.file(), first.start, second.end, whole);
        all.push(Candidate::new(MistakeId::SplitMark, APART, vec![edit]).guess());
    }
}

/// `next?: stop` of an interface `Stop`, where a value is called `stop`.
fn typed(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = lexed.word(case.token);
    let mut types = case.text.names.declared.iter().filter(|one| {
        let word = lexed.word(one.token);
        one.kind == NameKind::Type && word != name && word.eq_ignore_ascii_case(name)
    });
    if let Some(one) = types.next() {
        let edit = case.replace_token(case.token, lexed.word(one.token));
        all.push(Candidate::new(MistakeId::WrongCase, TYPE, vec![edit]).guess());
    }
}

/// `go("R")` where `Line.Ring = "R"` is wanted.
fn member(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some((_, wanted)) = case.message.text.rsplit_once("type '") else { return };
    let wanted = wanted.split('\'').next().unwrap_or_default();
    let line = lexed.on_line(lexed.code[case.token].line);
    let text =
        line.into_iter().find(|at| *at >= case.token && lexed.kind(*at) == Some(TokenKind::Str));
    let Some(text) = text else { return };
    let declared = case.text.names.of(wanted).find(|one| lexed.before(one.token) == "enum");
    let Some(open) = declared.map(|one| one.token + 1).filter(|at| lexed.is(*at, "{")) else {
        return;
    };
    let close = case.text.pairs.partner_of(open).filter(|close| *close > open).unwrap_or(open);
    let bare = |at: usize| lexed.word(at).trim_matches(['"', '\'']);
    let mut members = (open + 1..close).filter(|at| {
        lexed.is(at + 1, "=")
            && lexed.kind(at + 2) == Some(TokenKind::Str)
            && bare(at + 2) == bare(text)
    });
    if let Some(at) = members.next() {
        let edit = case.replace_token(text, format!("{wanted}.{}", lexed.word(at)));
        all.push(Candidate::new(MistakeId::WrongArgument, MEMBER, vec![edit]).guess());
    }
}

/// `table.line` of a table, where `line` is a parameter.
fn at_hand(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let at = case.token;
    let name = lexed.word(at);
    if at < 2
        || lexed.before(at) != "."
        || lexed.is(at + 1, "(")
        || lexed.kind(at) != Some(TokenKind::Name)
    {
        return;
    }
    let here = |one: &&Declared| {
        (one.scope.0..=one.scope.1).contains(&at)
            && matches!(one.kind, NameKind::Value)
            && one.token < at
    };
    let members = case.text.names.of(name).any(|one| one.kind == NameKind::Member);
    let of_type = case.message.text.rsplit_once("on type '").map_or("", |(_, rest)| rest);
    let of_type = of_type.trim_end_matches(['.', '\'']);
    // `type Table = { [line in Line]: string[] };` and `interface Table { [line: string]: number; }`
    let indexed = || {
        let mut declared = case.text.names.of(of_type).filter(|one| one.kind == NameKind::Type);
        declared.any(|one| {
            let open = one.token + 1 + usize::from(lexed.is(one.token + 1, "="));
            lexed.is(open, "{") && lexed.is(open + 1, "[") || lexed.is(open, "Record")
        })
    };
    let keyed = of_type.starts_with("Record<") || of_type.starts_with("{ [") || indexed();
    let declared = case.text.names.of(name).find(here);
    if declared.is_some() && !members && keyed {
        let (start, end) = (lexed.code[at - 1].start, lexed.code[at].end);
        let edit = Edit::replace(case.file(), start, end, format!("[{name}]"));
        all.push(Candidate::new(MistakeId::ElementForm, AT_HAND, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn one_mark_is_written_without_a_gap() {
        check_fix(
            &FAMILY,
            "typescript",
            "const few = [1, 2].filter(h => h != <|>= 1);\n",
            "[TS1109] Expression expected.",
            "const few = [1, 2].filter(h => h !== 1);\n",
        );
    }

    #[test]
    fn a_type_is_named_with_its_own_letters() {
        check_fix(
            &FAMILY,
            "typescript",
            "interface Stop { next?: <|>stop; }\nconst stop = 3;\n",
            "[TS2749] 'stop' refers to a value, but is being used as a type here. Did you mean 'typeof stop'?",
            "interface Stop { next?: Stop; }\nconst stop = 3;\n",
        );
    }

    #[test]
    fn the_text_of_a_member_stands_for_it() {
        check_fix(
            &FAMILY,
            "typescript",
            "enum Line { North = \"N\", Ring = \"R\" }\nfunction go(line: Line) {}\ngo(<|>\"R\");\n",
            "[TS2345] Argument of type '\"R\"' is not assignable to parameter of type 'Line'.",
            "enum Line { North = \"N\", Ring = \"R\" }\nfunction go(line: Line) {}\ngo(Line.Ring);\n",
        );
    }

    #[test]
    fn a_key_stands_in_brackets() {
        check_fix(
            &FAMILY,
            "typescript",
            "type Table = { [l in Line]: string[] };\nfunction go(table: Table, line: Line) {\n  return table.<|>line;\n}\n",
            "[TS2339] Property 'line' does not exist on type 'Table'.",
            "type Table = { [l in Line]: string[] };\nfunction go(table: Table, line: Line) {\n  return table[line];\n}\n",
        );
    }

    #[test]
    fn an_empty_list_has_its_type_behind_its_name() {
        check_fix(
            &FAMILY,
            "typescript",
            "function go() {\n  const out = Tide[<|>];\n  return out;\n}\n",
            "[TS1011] An element access expression should take an argument.",
            "function go() {\n  const out: Tide[] = [];\n  return out;\n}\n",
        );
    }

    #[test]
    fn an_arrow_needs_no_word() {
        check_fix(
            &FAMILY,
            "typescript",
            "const names = boats.map(function(b) <|>=> b.name);\n",
            "[TS1005] '{' expected.",
            "const names = boats.map((b) => b.name);\n",
        );
    }

    #[test]
    fn what_an_object_holds_stands_between_angle_brackets() {
        check_fix(
            &FAMILY,
            "typescript",
            "interface Tide { deep: number }\nclass Bus<T> { all: T[] = []; }\nconst bus = new Bus<|>(Tide)();\n",
            "[TS2349] This expression is not callable.",
            "interface Tide { deep: number }\nclass Bus<T> { all: T[] = []; }\nconst bus = new Bus<Tide>();\n",
        );
    }
}
