//! C#: a word that a member lacks: `static` of an extension method, the accessor behind `private` of a property.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The message says which word the method lacks.
const TOLD: Factor = evidence("the message says which word the method lacks", 9.5);
/// A word that hides an accessor stands before none.
const ACCESSOR: Factor = evidence("the word stands before an accessor", 9.5);
/// One part of the pair is of the type that is wanted.
const PART: Factor = evidence("one part of the pair is of the type that is wanted", 9.5);
/// What asks ends with what it gives.
const GIVES: Factor = evidence("what asks a list ends with what it gives", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "cs-members",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Pan {\n    public string <|>Name { get; private }\n}\n",
        message: "[CS0548] `Pan.Name': property or indexer must have at least one accessor",
        after: "class Pan {\n    public string Name { get; private set; }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    // Seen with mcs 6.8.
    let said = &case.message.text;
    if said.contains("must have at least one accessor") {
        let hides = |at: &usize| matches!(lexed.word(*at), "private" | "protected" | "internal");
        let mut bare = line.clone().filter(|at| hides(at) && lexed.is(at + 1, "}"));
        if let Some(at) = bare.next() {
            let reads = line.clone().any(|at| lexed.is(at, "get"));
            let word = if reads { " set;" } else { " get;" };
            let edit = case.insert(lexed.code[at].end, word);
            all.push(Candidate::new(MistakeId::MissingWord, ACCESSOR, vec![edit]).guess());
        }
    }
    if said.contains("Extension methods must be declared static") {
        let mut own = case.text.names.declared.iter().filter(|one| line.contains(&one.token));
        if let Some((first, _)) = own.find_map(|one| one.typed) {
            let edit = case.insert(lexed.code[first].start, "static ");
            all.push(Candidate::new(MistakeId::MissingStatic, TOLD, vec![edit]).guess());
        }
    }
    part(case, all);
    // `from pan in pans where pan.Mean() > 1;`
    if said.contains("A query body must end with select or group clause") {
        let word = line.clone().find(|at| lexed.is(*at, "from") && lexed.is(at + 2, "in"));
        let end = word.map(|word| case.statement_end(word)).filter(|end| lexed.is(*end, ";"));
        if let (Some(word), Some(end)) = (word, end) {
            let text = format!(" select {}", lexed.word(word + 1));
            let edit = case.insert(lexed.code[end - 1].end, text);
            all.push(Candidate::new(MistakeId::MissingWord, GIVES, vec![edit]).guess());
        }
    }
}

/// `string best = pans.First();` of a map, and Java's `Entry`: one part of the pair is wanted.
fn part(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with mcs 6.8 and javac 17.
    let said = &case.message.text;
    let Some((types, wanted, [key, value])) = told_pair(said) else { return };
    let mut types = types.split(',').map(str::trim);
    let (first, second) = (types.next().unwrap_or(""), types.next().unwrap_or(""));
    let member = match wanted {
        wanted if wanted == first && wanted != second => key,
        wanted if wanted == second && wanted != first => value,
        _ => return,
    };
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(last) = line.end.checked_sub(2) else { return };
    if lexed.is(last + 1, ";") && lexed.is(last, ")") {
        let edit = case.insert(lexed.code[last].end, member);
        all.push(Candidate::new(MistakeId::WrongType, PART, vec![edit]).guess());
    }
}

/// The types of a pair, the type that is wanted in its place, and how its parts are asked for.
fn told_pair(said: &str) -> Option<(&str, &str, [&'static str; 2])> {
    if let Some((_, rest)) =
        said.split_once("convert type 'System.Collections.Generic.KeyValuePair<")
    {
        let (types, rest) = rest.split_once(">' to '")?;
        return Some((types, rest.trim_end_matches('\''), [".Key", ".Value"]));
    }
    let (_, rest) = said.split_once("incompatible types: Entry<")?;
    let (types, wanted) = rest.split_once("> cannot be converted to ")?;
    Some((types, wanted, [".getKey()", ".getValue()"]))
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn an_extension_method_is_static() {
        check_fix(
            &FAMILY,
            "csharp",
            "static class Pans {\n    public double <|>Mean(this Pan pan) { return 3; }\n}\n",
            "[CS1105] `Pans.Mean(this Pan)': Extension methods must be declared static",
            "static class Pans {\n    public static double Mean(this Pan pan) { return 3; }\n}\n",
        );
    }

    #[test]
    fn one_part_of_a_pair_is_wanted() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(Map<String, Integer> m) {\n        String s = m.entrySet().iterator().<|>next();\n    }\n}\n",
            "incompatible types: Entry<String,Integer> cannot be converted to String",
            "class Quay {\n    void go(Map<String, Integer> m) {\n        String s = m.entrySet().iterator().next().getKey();\n    }\n}\n",
        );
    }

    #[test]
    fn a_question_says_what_it_gives() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    void Go(List<int> pans) {\n        var high = from p in pans where p > 1<|>;\n    }\n}\n",
            "[CS0742] Unexpected symbol `;'. A query body must end with select or group clause",
            "class Quay {\n    void Go(List<int> pans) {\n        var high = from p in pans where p > 1 select p;\n    }\n}\n",
        );
    }
}
