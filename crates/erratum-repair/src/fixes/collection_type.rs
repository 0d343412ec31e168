//! A list or map that a function fills and gives back, declared to hold something else than the function's
//! header says, and than it is used for: its declaration takes the types of the header.

use super::family::{Example, Family, Phases};
use super::shape::{Function, function_around, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};

/// The header and the uses agree with each other, and not with the declaration.
const AGREE: Factor = weight("the header and the uses agree on what it holds", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "collection-type",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "function group(list: Quay[]): Map<string, Quay[]> {\n  const all = new Map<string, Quay>();\n  all.get(\"a\").<|>push(list[0]);\n  return all;\n}\n",
        message: "Property 'push' does not exist on type 'Quay'.",
        after: "function group(list: Quay[]): Map<string, Quay[]> {\n  const all = new Map<string, Quay[]>();\n  all.get(\"a\").push(list[0]);\n  return all;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(function) = function_around(case, case.token) else { return };
    let (Some(close), Some(returns)) = (function.close, function.returns) else { return };
    let mut seen: Vec<usize> = Vec::new();
    for at in lexed.on_line(lexed.code[case.token].line) {
        let Some(declared) = case.text.names.resolve(lexed, at) else { continue };
        let name = declared.token;
        let local = declared.kind == NameKind::Value && name > function.open && name < close;
        if !local || seen.contains(&name) || lexed.kind(at) != Some(TokenKind::Name) {
            continue;
        }
        seen.push(name);
        let Some(back) = given_back(case, &function, close, declared) else { continue };
        if !is_used_otherwise(case, declared, back, close) {
            continue;
        }
        let edits = match case.language().type_arguments {
            Some((open, _)) => with_arguments(case, declared, returns, open),
            None => with_type(case, declared, returns),
        };
        if !edits.is_empty() {
            all.push(Candidate::new(MistakeId::WrongType, AGREE, edits).guess());
        }
    }
}

/// Where a function gives a local value back as it is.
fn given_back(
    case: &Case,
    function: &Function,
    close: usize,
    declared: &Declared,
) -> Option<usize> {
    let lexed = case.lexed();
    let word = lexed.word(declared.token);
    let ends = |at: usize| {
        lexed.is(at + 1, ";") || at + 1 == close || lexed.code.get(at + 1).is_some_and(|t| t.first)
    };
    let uses = case.text.names.seen.get(word)?.iter().copied();
    let mut uses = uses.filter(|at| *at > function.open && *at < close && ends(*at));
    uses.find(|at| {
        let last = at + 1 == close && lexed.code[*at].first;
        (lexed.before(*at) == "return" || last)
            && case.text.names.resolve(lexed, *at).is_some_and(|one| one.token == declared.token)
    })
}

/// Whether an error stands where the value is used, beside the place where it is given back.
fn is_used_otherwise(case: &Case, declared: &Declared, back: usize, close: usize) -> bool {
    let lexed = case.lexed();
    let own = lexed.code[back].line;
    let errors = case.all.iter().filter(|message| message.is_error());
    let lines = errors.filter_map(|message| {
        let at = message.at.as_ref().filter(|at| at.file == case.file())?;
        Some(at.line)
    });
    let used = |line: u32| {
        lexed.on_line(line).any(|at| {
            at > declared.token
                && at < close
                && lexed.word(at) == lexed.word(declared.token)
                && case.text.names.resolve(lexed, at).is_some_and(|one| one.token == declared.token)
        })
    };
    lines.into_iter().any(|line| line != own && used(line))
}

/// The types in the brackets of its declaration give way to those of the header.
fn with_arguments(
    case: &Case,
    declared: &Declared,
    returns: (usize, usize),
    open: &str,
) -> Vec<Edit> {
    let lexed = case.lexed();
    let first_open = |from: usize, to: usize| {
        (from..=to).find(|at| lexed.is(*at, open) && lexed.kind(at - 1) == Some(TokenKind::Name))
    };
    let Some(wanted) = first_open(returns.0 + 1, returns.1).and_then(|at| inside(case, at)) else {
        return Vec::new();
    };
    let text = |(from, to): (usize, usize)| lexed.source.slice(from, to).into_owned();
    let wanted = text(wanted);
    let typed = declared.typed.and_then(|(first, last)| first_open(first + 1, last));
    let end = case.statement_end(declared.token);
    let set = (declared.token..end).find(|at| lexed.is(*at, "="));
    let made = set.and_then(|set| first_open(set + 1, end));
    let mut edits = Vec::new();
    for place in typed.into_iter().chain(made) {
        let Some((from, to)) = inside(case, place) else { continue };
        let found = text((from, to));
        if !found.trim().is_empty()
            && many(&found) == many(&wanted)
            && plain(&found) != plain(&wanted)
        {
            edits.push(Edit::replace(case.file(), from, to, wanted.clone()));
        }
    }
    edits
}

/// Go: the type of the list or map gives way as a whole.
fn with_type(case: &Case, declared: &Declared, returns: (usize, usize)) -> Vec<Edit> {
    let lexed = case.lexed();
    let name = declared.token;
    let start = match declared.typed {
        Some((first, last)) => Some((first, last)),
        None if lexed.is(name + 1, ":=") => {
            let first = if lexed.is(name + 2, "make") { name + 4 } else { name + 2 };
            let line = lexed.on_line(lexed.code[first].line).end;
            let ends = |at: &usize| matches!(lexed.word(*at), "{" | ")" | ",");
            (first + 1..line).find(ends).map(|end| (first, end - 1))
        }
        None => None,
    };
    let Some((first, last)) = start.filter(|_| case.language().receivers) else {
        return Vec::new();
    };
    let (found, wanted) = (text_of(case, (first, last)), text_of(case, returns));
    let same_kind =
        lexed.word(first) == lexed.word(returns.0) && matches!(lexed.word(first), "map" | "[");
    if !same_kind || plain(&found) == plain(&wanted) {
        return Vec::new();
    }
    let (from, to) = (lexed.code[first].start, lexed.code[last].end);
    vec![Edit::replace(case.file(), from, to, wanted)]
}

/// The bytes between a bracket of types and its partner; `>>` closes two.
fn inside(case: &Case, open: usize) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let (opens, closes) = case.language().type_arguments?;
    let mut depth = 0_usize;
    for at in open..lexed.code.len().min(open + 40) {
        let word = lexed.word(at);
        if word == opens {
            depth += 1;
        } else if !word.is_empty() && word.replace(closes, "").is_empty() {
            depth = depth.checked_sub(word.len() / closes.len())?;
            if depth == 0 {
                return Some((lexed.code[open].end, lexed.code[at].end - closes.len()));
            }
        } else if matches!(word, ";" | "{" | "}") {
            return None;
        }
    }
    None
}

/// How many types stand side by side.
fn many(types: &str) -> usize {
    let mut depth = 0_i32;
    let parts = types.chars().filter(|letter| {
        depth += match letter {
            '<' | '[' | '(' => 1,
            '>' | ']' | ')' => -1,
            _ => 0,
        };
        *letter == ',' && depth == 0
    });
    parts.count() + 1
}

fn plain(types: &str) -> String {
    types.chars().filter(|letter| !letter.is_whitespace()).collect()
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_is_declared_and_made_of_the_same_types_changes_in_both() {
        let of = |held: &str| {
            format!(
                "class A {{\n    Map<String, List<Quay>> f(List<Quay> list) {{\n        \
                 Map<String, {held}> all = new HashMap<>();\n        all.get(\"a\").<|>add(list.get(0));\n        \
                 return all;\n    }}\n}}\n"
            )
        };
        let after = of("List<Quay>").replace("<|>", "");
        check_fix(&FAMILY, "java", &of("Quay"), "cannot find symbol", &after);
        check_no_fix(&FAMILY, "java", &of("List<Quay>"), "cannot find symbol");
        let of = |held: &str| {
            format!(
                "class A\n{{\n    Dictionary<string, List<Quay>> F(Quay one)\n    {{\n        \
                 Dictionary<string, {held}> all = new Dictionary<string, {held}>();\n        \
                 all[\"a\"].<|>Add(one);\n        return all;\n    }}\n}}\n"
            )
        };
        let after = of("List<Quay>").replace("<|>", "");
        check_fix(
            &FAMILY,
            "csharp",
            &of("Quay"),
            "Type 'Quay' does not contain a definition for 'Add'",
            &after,
        );
    }

    #[test]
    fn the_value_may_end_the_block() {
        let of = |held: &str| {
            format!(
                "fn f(one: Quay) -> HashMap<String, Vec<Quay>> {{\n    let mut all: HashMap<String, {held}> = \
                 HashMap::new();\n    all.get_mut(\"a\").unwrap().<|>push(one);\n    all\n}}\n"
            )
        };
        let after = of("Vec<Quay>").replace("<|>", "");
        check_fix(
            &FAMILY,
            "rust",
            &of("Quay"),
            "[E0599] no method named `push` found for struct `Quay` in the current scope",
            &after,
        );
        let of = |held: &str| {
            format!(
                "object A {{\n  def f(one: Quay): mutable.Map[String, List[Quay]] = {{\n    val all = \
                 mutable.Map[String, {held}]()\n    all(\"a\") = one <|>:: all(\"a\")\n    all\n  }}\n}}\n"
            )
        };
        let after = of("List[Quay]").replace("<|>", "");
        check_fix(&FAMILY, "scala", &of("Quay"), "value :: is not a member of Quay", &after);
    }

    #[test]
    fn go_writes_the_whole_type() {
        let of = |typed: &str| {
            format!(
                "package q\n\nfunc f(one Quay) map[string][]Quay {{\n\tall := {typed}\n\tall[\"a\"] = \
                 append(<|>all[\"a\"], one)\n\treturn all\n}}\n"
            )
        };
        let said = "first argument to append must be a slice";
        for (before, after) in [
            ("map[string]Quay{}", "map[string][]Quay{}"),
            ("make(map[string]Quay)", "make(map[string][]Quay)"),
        ] {
            check_fix(&FAMILY, "go", &of(before), said, &of(after).replace("<|>", ""));
        }
        check_no_fix(&FAMILY, "go", &of("[]Quay{}"), said);
    }

    #[test]
    fn where_only_the_header_disagrees_the_declaration_stays() {
        let text = "function f(list: Quay[]): Map<string, Quay[]> {\n  const all = new Map<string, Quay>();\n  \
                    all.set(\"a\", list[0]);\n  return <|>all;\n}\n";
        let said = "Type 'Map<string, Quay>' is not assignable to type 'Map<string, Quay[]>'.";
        check_no_fix(&FAMILY, "typescript", text, said);
    }
}
