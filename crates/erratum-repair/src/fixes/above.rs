//! What a class owes to the class above it where that is written behind a colon: the values that its
//! constructor wants (`: Mast(height)`, `: base(name)`), and the word that shows it (`: public Mast`).

use super::family::{Example, Family, Phases};
use super::shape::parameters_at;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// What the class above wants is there under the same names.
const SAME_NAMES: Factor = evidence("the class above wants values of these names", 6.5);
/// What the class above wants is there, one value of each type.
const SAME_TYPES: Factor = evidence("the class above wants values of these types", 6.0);
/// What a class takes over is hidden unless a word shows it.
const HIDDEN: Factor = evidence("what the class takes over is hidden", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "above",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "class Mast {\npublic:\n    Mast(int height) {}\n};\nclass Flag : public Mast {\npublic:\n    <|>Flag(int height) {}\n};\n",
        message: "no matching function for call to 'Mast::Mast()'",
        after: "class Mast {\npublic:\n    Mast(int height) {}\n};\nclass Flag : public Mast {\npublic:\n    Flag(int height) : Mast(height) {}\n};\n",
    },
};

/// What compilers say of a class whose heritage is hidden (seen with g++ 12, clang 14).
const HIDES: &[&str] =
    &["is an inaccessible base of", "is inaccessible within this context", "private base class"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.language().type_first {
        shown(case, all);
        values(case, all);
    }
}

/// A class of C++ that takes over another one without a word.
fn shown(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let hides = HIDES.iter().any(|words| said.contains(words));
    // Where a value is handed on, g++ speaks of both types, and not of what is hidden.
    let unfit = said.starts_with("no matching function for call to");
    if !hides && !unfit {
        return;
    }
    for class in classes(case) {
        let named = |at: usize| said.contains(lexed.word(at));
        let (own, above) = (named(class.name), named(class.above));
        let named = if hides { own || above } else { own && above };
        let plain = lexed.before(class.name) == "class" && lexed.before(class.above) == ":";
        if named && plain {
            let edit = case.insert(lexed.code[class.above].start, "public ");
            all.push(Candidate::new(MistakeId::NotAccessible, HIDDEN, vec![edit]));
        }
    }
}

/// A constructor that does not hand to the class above what that wants (seen with g++ 12, mcs 6.8).
fn values(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let unmet = said.contains("no matching function for call to")
        || said.contains("does not contain a constructor that takes '0'");
    if !unmet {
        return;
    }
    for class in classes(case).filter(|class| said.contains(lexed.word(class.above))) {
        let makes = |at: usize, name: &str, block: usize| {
            lexed.is(at, name)
                && lexed.is(at + 1, "(")
                && case.text.pairs.block_of(lexed, at) == Some(block)
        };
        let above = lexed.word(class.above);
        let Some(wanted) = case.text.names.of(above).find(|d| d.kind == NameKind::Type) else {
            continue;
        };
        let Some(block) = (wanted.token..lexed.code.len()).find(|at| lexed.opens_block(*at)) else {
            continue;
        };
        let end = |open: usize| case.text.pairs.partner_of(open).unwrap_or(lexed.code.len());
        let Some(wants) = (block..end(block)).find(|at| makes(*at, above, block)) else { continue };
        let Some(wants) = parameters_at(case, wants + 1) else { continue };
        let own = lexed.word(class.name);
        for at in (class.open..end(class.open)).filter(|at| makes(*at, own, class.open)) {
            let Some(close) = case.text.pairs.partner_of(at + 1) else { continue };
            let near = lexed.code[at].line.abs_diff(lexed.code[case.token].line) <= 1;
            let (Some(given), true) = (parameters_at(case, at + 1), near) else { continue };
            let list = lexed.is(close + 1, ":");
            let body = lexed.opens_block(close + 1) || list && !lexed.is(close + 2, above);
            let Some((names, score)) = handed(&wants, &given).filter(|_| body) else { continue };
            let call = if lexed.language.is_keyword("base") { "base" } else { above };
            let text = format!("{call}({})", names.join(", "));
            let edit = match list {
                // Other members are set up there, too.
                true => case.insert(lexed.code[close + 2].start, format!("{text}, ")),
                false => case.insert(lexed.code[close].end, format!(" : {text}")),
            };
            all.push(Candidate::new(MistakeId::ConstructorRules, score, vec![edit]).guess());
        }
    }
}

/// The names of the given values that are what is wanted: by name, or else by type.
fn handed(wants: &[(String, String)], given: &[(String, String)]) -> Option<(Vec<String>, Factor)> {
    let by_name = wants.iter().all(|(_, want)| given.iter().any(|(_, own)| own == want));
    if by_name && !wants.is_empty() {
        return Some((wants.iter().map(|(_, name)| name.clone()).collect(), SAME_NAMES));
    }
    let of_type = |(want, _): &(String, String)| {
        let mut fits = given.iter().filter(|(own, _)| own == want);
        fits.next().filter(|_| fits.next().is_none()).map(|(_, name)| name.clone())
    };
    let distinct = (1..wants.len()).all(|at| wants[..at].iter().all(|w| w.0 != wants[at].0));
    let names: Option<Vec<String>> = wants.iter().map(of_type).collect();
    names.filter(|names| !names.is_empty() && distinct).map(|names| (names, SAME_TYPES))
}

/// A class that takes over another one of the file.
struct Class {
    name: usize,
    /// The name of the other one.
    above: usize,
    /// The `{` of its body.
    open: usize,
}

fn classes<'a>(case: &'a Case) -> impl Iterator<Item = Class> + 'a {
    let lexed = case.lexed();
    let types = case.text.names.declared.iter().filter(|d| d.kind == NameKind::Type);
    types.filter_map(|declared| {
        let name = declared.token;
        let colon = Some(name + 1).filter(|at| lexed.is(*at, ":"))?;
        let open = (colon..lexed.code.len()).find(|at| lexed.opens_block(*at))?;
        let above = (colon + 1..open).find(|at| lexed.kind(*at) == Some(TokenKind::Name))?;
        Some(Class { name, above, open })
    })
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn another_language_has_a_word_for_it() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Boat {\n    public Boat(string name) { }\n}\nclass Tug : Boat {\n    public <|>Tug(string name, int power) { }\n}\n",
            "[CS1729] The type `Boat' does not contain a constructor that takes `0' arguments",
            "class Boat {\n    public Boat(string name) { }\n}\nclass Tug : Boat {\n    public Tug(string name, int power) : base(name) { }\n}\n",
        );
    }

    #[test]
    fn where_names_differ_one_value_of_the_type_is_meant() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Boat {\n    public Boat(string name) { }\n}\nclass Tug : Boat {\n    public <|>Tug(string title, int power) { }\n}\n",
            "[CS1729] The type `Boat' does not contain a constructor that takes `0' arguments",
            "class Boat {\n    public Boat(string name) { }\n}\nclass Tug : Boat {\n    public Tug(string title, int power) : base(title) { }\n}\n",
        );
    }

    #[test]
    fn of_two_values_of_the_type_none_is_taken() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Boat {\n    public Boat(string name) { }\n}\nclass Tug : Boat {\n    public <|>Tug(string title, string owner) { }\n}\n",
            "[CS1729] The type `Boat' does not contain a constructor that takes `0' arguments",
        );
    }

    #[test]
    fn heritage_is_shown() {
        check_fix(
            &FAMILY,
            "cpp",
            "class Mast {\npublic:\n    void up() {}\n};\nclass Flag : Mast {};\nint main() {\n    Flag flag;\n    Mast& mast = <|>flag;\n}\n",
            "'Mast' is an inaccessible base of 'Flag'",
            "class Mast {\npublic:\n    void up() {}\n};\nclass Flag : public Mast {};\nint main() {\n    Flag flag;\n    Mast& mast = flag;\n}\n",
        );
    }

    #[test]
    fn what_the_class_above_wants_stands_before_the_members() {
        check_fix(
            &FAMILY,
            "cpp",
            "class Mast {\npublic:\n    Mast(int height) {}\n};\nclass Flag : public Mast {\npublic:\n    <|>Flag(int height, int width) : width_(width) {}\n    int width_;\n};\n",
            "no matching function for call to 'Mast::Mast()'",
            "class Mast {\npublic:\n    Mast(int height) {}\n};\nclass Flag : public Mast {\npublic:\n    Flag(int height, int width) : Mast(height), width_(width) {}\n    int width_;\n};\n",
        );
    }

    #[test]
    fn what_is_hidden_by_a_word_is_left() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "class Mast {};\nclass Flag : private Mast {};\nint main() {\n    Flag flag;\n    Mast& mast = <|>flag;\n}\n",
            "'Mast' is an inaccessible base of 'Flag'",
        );
    }

    #[test]
    fn a_constructor_that_hands_values_up_is_left() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "class Mast {\npublic:\n    Mast(int height) {}\n};\nclass Flag : public Mast {\npublic:\n    <|>Flag(int height) : Mast() {}\n};\n",
            "no matching function for call to 'Mast::Mast()'",
        );
    }
}
