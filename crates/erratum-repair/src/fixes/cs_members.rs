//! C#: words and marks of members: the accessor behind `private` of a property, what a query gives, `yield`
//! without `return`, `public` in an interface, a mark behind the last name of an `enum`, `stock.rope` of a map.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A word that hides an accessor stands before none.
const ACCESSOR: Factor = evidence("the word stands before an accessor", 9.5);
/// What asks ends with what it gives.
const GIVES: Factor = evidence("what asks a list ends with what it gives", 9.0);
/// A value is handed out one by one with two words.
const TWO_WORDS: Factor = evidence("a value is handed out with `yield return`", 9.5);
/// What an interface has is for everybody.
const FOR_ALL: Factor = evidence("what an interface has is for everybody", 9.5);
/// Nothing stands behind the last name of a list.
const LAST_NAME: Factor = evidence("nothing stands behind the last name of the list", 9.5);
/// A map is asked by its keys in square brackets.
const BY_KEY: Factor = evidence("a map is asked by its keys in square brackets", 9.0);

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
    if said.starts_with("The modifier ") {
        for_everybody(case, all);
    }
    if said.starts_with("Unexpected symbol ") {
        last_name(case, all);
    }
    line.clone().for_each(|at| handed_out(case, at, all));
    if said.contains("Dictionary<") && said.contains("does not contain a definition for ") {
        by_key(case, all);
    }
}

/// `public int Count();` in an interface.
fn for_everybody(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let word = line.into_iter().find(|at| {
        matches!(lexed.word(*at), "public" | "private" | "protected")
            && case.message.text.contains(lexed.word(*at))
    });
    let block = word.and_then(|word| case.text.pairs.inside_of(word));
    let (Some(word), Some(block)) = (word, block) else { return };
    if (case.statement_start(block)..block).any(|at| lexed.is(at, "interface")) {
        let (from, to) = (lexed.code[word].start, lexed.code[word].end);
        let to = lexed.code.get(word + 1).map_or(to, |next| next.start);
        let edit = Edit::delete(case.file(), from, to);
        all.push(Candidate::new(MistakeId::NeedlessWord, FOR_ALL, vec![edit]).guess());
    }
}

/// `enum Ware { Rope, Net; }`.
fn last_name(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // mcs 6.8 points at the end of the name.
    let mark = case.token + usize::from(lexed.kind(case.token) == Some(TokenKind::Name));
    let block = case.text.pairs.inside_of(mark).filter(|_| lexed.is(mark, ";"));
    let Some(block) = block.filter(|_| lexed.is(mark + 1, "}")) else { return };
    if (case.statement_start(block)..block).any(|at| lexed.is(at, "enum")) {
        let edit = case.delete_token(mark);
        all.push(Candidate::new(MistakeId::ExtraMark, LAST_NAME, vec![edit]).guess());
    }
}

/// `yield boat;`.
fn handed_out(case: &Case, at: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Java has the word without the other one.
    if lexed.is(at, "yield")
        && lexed.language.is_keyword("foreach")
        && matches!(lexed.kind(at + 1), Some(TokenKind::Name | TokenKind::Number | TokenKind::Str))
        && !lexed.is(at + 2, "=")
    {
        let edit = case.insert(lexed.code[at].end, " return");
        all.push(Candidate::new(MistakeId::MissingWord, TWO_WORDS, vec![edit]).guess());
    }
}

/// `stock.rope`, where `rope` is a value and `stock` a map.
fn by_key(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for dot in line.skip(1).filter(|at| lexed.is(*at, ".")) {
        let key = dot + 1;
        let told = case.message.text.contains(&format!("'{}'", lexed.word(key)))
            || case.message.text.contains(&format!("`{}'", lexed.word(key)));
        let value = case.text.names.of(lexed.word(key)).any(|one| one.kind == NameKind::Value);
        if told && value && lexed.kind(key) == Some(TokenKind::Name) && !lexed.is(key + 1, "(") {
            let (from, to) = (lexed.code[dot].start, lexed.code[key].end);
            let text = format!("[{}]", lexed.word(key));
            let edit = Edit::replace(case.file(), from, to, text);
            all.push(Candidate::new(MistakeId::ElementForm, BY_KEY, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

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

    #[test]
    fn an_interface_is_for_everybody() {
        check_fix(
            &FAMILY,
            "csharp",
            "interface IStock {\n    public int <|>Count();\n}\n",
            "[CS0106] The modifier `public' is not valid for this item",
            "interface IStock {\n    int Count();\n}\n",
        );
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Stock {\n    void Go() {\n        public int <|>count = 3;\n    }\n}\n",
            "[CS0106] The modifier `public' is not valid for this item",
        );
    }

    #[test]
    fn the_last_name_ends_the_list() {
        check_fix(
            &FAMILY,
            "csharp",
            "enum Ware { Rope, Net<|>; }\n",
            "[CS1525] Unexpected symbol `;', expecting `,', `}', or `='",
            "enum Ware { Rope, Net }\n",
        );
    }

    #[test]
    fn a_value_is_handed_out() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    IEnumerable<int> Go(int berth) {\n        yield <|>berth;\n    }\n}\n",
            "[CS0128] A local variable named `berth' is already defined in this scope",
            "class Quay {\n    IEnumerable<int> Go(int berth) {\n        yield return berth;\n    }\n}\n",
        );
    }

    #[test]
    fn a_map_is_asked_by_its_keys() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    Dictionary<string, int> stock;\n    int Go(string ware) {\n        return stock.<|>ware;\n    }\n}\n",
            "[CS1061] Type `System.Collections.Generic.Dictionary<string,int>' does not contain a definition for `ware' and no extension method",
            "class Quay {\n    Dictionary<string, int> stock;\n    int Go(string ware) {\n        return stock[ware];\n    }\n}\n",
        );
    }
}
