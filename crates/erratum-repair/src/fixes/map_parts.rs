//! A loop over a map that wants its entries or one part of each: `for (String zone : fares)`,
//! `foreach (Boat b in boats)`.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The map is declared with the type of its keys and of its values.
const PART_OF_ENTRY: Factor = evidence("the loop wants one part of each entry", 9.0);

/// One part of the entry is of the type that is wanted.
const ENTRY: Factor = evidence("one part of the entry is of the type that is wanted", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "map-parts",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    void go(Map<String, Integer> fares) {\n        for (String zone : <|>fares) { }\n    }\n}\n",
        message: "for-each not applicable to expression type required: array or java.lang.Iterable found: Map<String,Integer>",
        after: "class Quay {\n    void go(Map<String, Integer> fares) {\n        for (String zone : fares.keySet()) { }\n    }\n}\n",
    },
};

/// The keys and the values of the map that a message names, and the words for them (seen with javac 17 and
/// mcs 6.8).
fn parts(case: &Case) -> Option<(String, String, [&'static str; 2])> {
    let said = &case.message.text;
    let note = || case.message.notes.iter().map(|note| note.text.as_str());
    let list = if said.starts_with("for-each not applicable") {
        let found = note().chain([said.as_str()]).find_map(|text| text.split_once("found:"))?.1;
        let (_, list) = found.trim().split_once("Map<")?;
        (list, [".keySet()", ".values()"])
    } else if said.starts_with("Cannot convert type ") {
        (said.split_once("KeyValuePair<")?.1, [".Keys", ".Values"])
    } else {
        return None;
    };
    let (list, words) = list;
    let (key, value, _) = two_types(list)?;
    Some((key, value, words))
}

/// The two types at the start of `K, V> ...`, without what leads to them, and what stands behind.
fn two_types(list: &str) -> Option<(String, String, &str)> {
    let mut depth = 0;
    let at = list.find(|c: char| {
        depth += i32::from(c == '<') - i32::from(c == '>');
        c == ',' && depth == 0
    })?;
    let mut depth = 1;
    let end = list.find(|c: char| {
        depth += i32::from(c == '<') - i32::from(c == '>');
        depth == 0
    })?;
    let name = |typed: &str| typed.trim().rsplit('.').next().unwrap_or("").to_owned();
    (at < end).then(|| (name(&list[..at]), name(&list[at + 1..end]), &list[end + 1..]))
}

/// `string best = fares.First();`: one part of an entry is wanted in its place.
fn part_of_entry(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with mcs 6.8 and javac 17.
    let said = &case.message.text;
    let forms = [
        ("convert type 'System.Collections.Generic.KeyValuePair<", "' to '", [".Key", ".Value"]),
        ("incompatible types: Entry<", " cannot be converted to ", [".getKey()", ".getValue()"]),
    ];
    let told = forms.into_iter().find_map(|(start, middle, members)| {
        let (key, value, rest) = two_types(said.split_once(start)?.1)?;
        let wanted = rest.strip_prefix(middle)?.trim_end_matches('\'').to_owned();
        Some((key, value, wanted, members))
    });
    let Some((key, value, wanted, members)) = told else { return };
    let member = match (wanted == key, wanted == value) {
        (true, false) => members[0],
        (false, true) => members[1],
        _ => return,
    };
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(last) = line.end.checked_sub(2) else { return };
    if lexed.is(last + 1, ";") && lexed.is(last, ")") {
        let edit = case.insert(lexed.code[last].end, member);
        all.push(Candidate::new(MistakeId::WrongType, ENTRY, vec![edit]).guess());
    }
}

/// C#: what a loop names by `var` is asked for a member of the values: `foreach (var boat in boats)` with
/// `boat.Moor()` in it.
fn asked_of_entry(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with mcs 6.8.
    let told = case.message.text.split_once("KeyValuePair<");
    let member =
        told.and_then(|(_, rest)| rest.split_once("a definition for '")?.1.split('\'').next());
    let Some(member) = member.filter(|member| !matches!(*member, "Key" | "Value")) else { return };
    let line = lexed.on_line(lexed.code[case.token].line);
    let asked = line.clone().find(|at| *at > 1 && lexed.is(*at, member) && lexed.is(*at - 1, "."));
    let Some(name) = asked.map(|at| lexed.word(at - 2)) else { return };
    let head =
        |at: &usize| lexed.is(*at, "in") && lexed.is(at - 1, name) && lexed.is(at - 2, "var");
    let Some(mark) = (2..line.end).rev().find(head) else { return };
    let open = case.text.pairs.inside_of(mark).filter(|open| lexed.is(*open, "("));
    if let Some(close) = open.and_then(|open| case.text.pairs.partner_of(open)) {
        let edit = case.insert(lexed.code[close - 1].end, ".Values");
        all.push(Candidate::new(MistakeId::MapEntry, PART_OF_ENTRY, vec![edit]).guess());
    }
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    part_of_entry(case, all);
    let lexed = case.lexed();
    asked_of_entry(case, all);
    let Some((keys, values, words)) = parts(case) else { return };
    let line = lexed.on_line(lexed.code[case.token].line);
    let head = line.clone().find(|at| matches!(lexed.word(*at), "for" | "foreach"));
    let Some(open) = head.map(|head| head + 1) else { return };
    let mark = (open..line.end).find(|at| matches!(lexed.word(*at), ":" | "in"));
    let close = case.text.pairs.partner_of(open);
    let (Some(mark), Some(close)) = (mark.filter(|mark| *mark > open + 2), close) else { return };
    let typed = text_of(case, (open + 1, mark - 2));
    // A plain type stands for the class that holds one.
    let whole = |typed: &str| matches!(typed, "int" | "Int32" | "Integer");
    let same = |one: &str| {
        *one == *typed || whole(one) && whole(&typed) || one.eq_ignore_ascii_case(&typed)
    };
    // A dictionary of C# is asked for its entries by its own name.
    let entries = words[0] == ".keySet()" && (open..mark).any(|at| lexed.is(at, "Entry"));
    let word = match () {
        () if entries => ".entrySet()",
        () if same(&keys) => words[0],
        () if same(&values) => words[1],
        () => return,
    };
    let edit = case.insert(lexed.code[close - 1].end, word);
    all.push(Candidate::new(MistakeId::MapEntry, PART_OF_ENTRY, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn one_part_of_an_entry_is_wanted() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(Map<String, List<Integer>> m) {\n        String s = m.entrySet().iterator().<|>next();\n    }\n}\n",
            "incompatible types: Entry<String,List<Integer>> cannot be converted to String",
            "class Quay {\n    void go(Map<String, List<Integer>> m) {\n        String s = m.entrySet().iterator().next().getKey();\n    }\n}\n",
        );
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    void Go(Dictionary<string, int> m) {\n        string s = m.<|>First();\n    }\n}\n",
            "[CS0029] Cannot implicitly convert type `System.Collections.Generic.KeyValuePair<string,int>' to `string'",
            "class Quay {\n    void Go(Dictionary<string, int> m) {\n        string s = m.First().Key;\n    }\n}\n",
        );
    }

    #[test]
    fn the_values_of_a_dictionary() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    void Go(Dictionary<string, Boat> boats) {\n        foreach (Boat b in <|>boats) { }\n    }\n}\n",
            "[CS0030] Cannot convert type 'System.Collections.Generic.KeyValuePair<string,Quay.Boat>' to 'Quay.Boat'",
            "class Quay {\n    void Go(Dictionary<string, Boat> boats) {\n        foreach (Boat b in boats.Values) { }\n    }\n}\n",
        );
    }

    #[test]
    fn what_is_asked_of_an_entry_is_asked_of_its_value() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    void Go(Dictionary<string, Boat> boats) {\n        foreach (var b in boats) { b.<|>Moor(); }\n    }\n}\n",
            "[CS1061] Type 'System.Collections.Generic.KeyValuePair<string,Boat>' does not contain a definition for 'Moor' and no extension method 'Moor' could be found",
            "class Quay {\n    void Go(Dictionary<string, Boat> boats) {\n        foreach (var b in boats.Values) { b.Moor(); }\n    }\n}\n",
        );
    }

    #[test]
    fn a_loop_that_names_entries_goes_over_the_entries() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(Map<String, Integer> loads) {\n        for (Map.Entry<String, Integer> e : <|>loads) { }\n    }\n}\n",
            "for-each not applicable to expression type required: array or java.lang.Iterable found: Map<String,Integer>",
            "class Quay {\n    void go(Map<String, Integer> loads) {\n        for (Map.Entry<String, Integer> e : loads.entrySet()) { }\n    }\n}\n",
        );
    }

    #[test]
    fn another_type_is_no_part() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(Map<String, Integer> fares) {\n        for (Boat b : <|>fares) { }\n    }\n}\n",
            "for-each not applicable to expression type required: array or java.lang.Iterable found: Map<String,Integer>",
        );
    }
}
