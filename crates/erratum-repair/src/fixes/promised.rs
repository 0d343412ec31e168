//! A method that a class promises under one name and writes under another: `compareto` for
//! `compareTo`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::names::{Declared, NameKind};
use erratum_syntax::spelling::edit_distance;

/// The class writes a method under nearly the promised name.
const NEARLY: Factor = evidence("the class writes it under nearly this name", 6.0);
/// Each slip between the two names.
const PER_SLIP: Factor = weight("slips between the two names", -1.0);

/// How many slips there may be between the two names.
const SLIPS: f64 = 2.0;

pub(super) static FAMILY: Family = Family {
    id: "promised",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class <|>Boat implements Comparable<Boat> {\n    public int compareto(Boat other) {\n        return 0;\n    }\n}\n",
        message: "Boat is not abstract and does not override abstract method compareTo(Boat) in Comparable",
        after: "class Boat implements Comparable<Boat> {\n    public int compareTo(Boat other) {\n        return 0;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let Some(wanted) = promised(&case.message.text) else { return };
    let lexed = case.lexed();
    let methods = methods(case);
    // A method of Go stands outside of its type: another type may write it under the right name.
    let written = methods.iter().any(|method| lexed.is(method.token, wanted));
    if case.language().receivers && written {
        return;
    }
    for method in methods {
        let name = lexed.word(method.token);
        let same_but_case = name.eq_ignore_ascii_case(wanted);
        let slips = if same_but_case { 0.5 } else { edit_distance(name, wanted) };
        // Of a short name, half is another name.
        if name == wanted || slips > SLIPS || slips * 2.0 > wanted.len() as f64 {
            continue;
        }
        let mistake = if same_but_case { MistakeId::WrongCase } else { MistakeId::MisspeltName };
        let edit = case.replace_token(method.token, wanted);
        all.push(Candidate::new(mistake, NEARLY + PER_SLIP * slips, vec![edit]));
    }
}

/// The methods that may be the promised one: those of the class that the message points at, or in Go
/// those of any type.
pub(super) fn methods<'a>(case: &'a Case) -> Vec<&'a Declared> {
    let lexed = case.lexed();
    let functions = case.text.names.declared.iter().filter(|d| d.kind == NameKind::Function);
    if case.language().receivers {
        return functions.filter(|declared| lexed.before(declared.token) == ")").collect();
    }
    let open = (case.token..lexed.code.len()).find(|at| lexed.opens_block(*at));
    let Some((open, close)) = open.and_then(|open| Some((open, case.text.pairs.partner_of(open)?)))
    else {
        return Vec::new();
    };
    let of_class = |declared: &&Declared| {
        (open..close).contains(&declared.token)
            && case.text.pairs.block_of(lexed, declared.token) == Some(open)
    };
    functions.filter(of_class).collect()
}

/// What comes before the name of the method that is not written, and what ends it (seen with javac 17,
/// mcs 6.8, tsc 5.9, rustc 1.95 and scalac 2.11).
const SAID: &[(&str, &str, char)] = &[
    ("does not override abstract method ", "", '('),
    ("does not implement interface member '", ".", '('),
    ("does not implement inherited abstract member '", "", '\''),
    ("does not implement inherited abstract member '", ".", '('),
    ("does not implement inherited abstract member ", "", ' '),
    ("not all trait items implemented, missing: `", "", '`'),
    ("needs to be abstract, since method ", "", ' '),
    ("(missing method ", "", ')'),
];

/// The name of the method that a class promises, and does not write.
pub(crate) fn promised(text: &str) -> Option<&str> {
    SAID.iter().find_map(|(before, within, end)| {
        let told = text.split_once(before)?.1;
        let told = told.split_once(*end)?.0;
        let name = if within.is_empty() { told } else { told.rsplit_once(within)?.1 };
        let plain = !name.is_empty() && name.chars().all(|c| c.is_alphanumeric() || c == '_');
        plain.then_some(name)
    })
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::{FAMILY, promised};

    #[test]
    fn a_member_of_an_interface_is_written_in_its_case() {
        check_fix(
            &FAMILY,
            "csharp",
            "class <|>Crate : IPriced {\n    public double price() { return 1.0; }\n}\n",
            "'Crate' does not implement interface member 'IPriced.Price()'",
            "class Crate : IPriced {\n    public double Price() { return 1.0; }\n}\n",
        );
    }

    #[test]
    fn a_method_of_a_trait_is_misspelt() {
        check_fix(
            &FAMILY,
            "rust",
            "impl Stored for <|>Rope {\n    fn sise(&self) -> u32 {\n        3\n    }\n}\n",
            "[E0046] not all trait items implemented, missing: `size`",
            "impl Stored for Rope {\n    fn size(&self) -> u32 {\n        3\n    }\n}\n",
        );
    }

    #[test]
    fn a_class_of_another_language_has_its_own_words() {
        check_fix(
            &FAMILY,
            "typescript",
            "class <|>Clerk extends Worker {\n  pays(hours: number): number { return hours; }\n}\n",
            "Non-abstract class 'Clerk' does not implement inherited abstract member pay from class 'Worker'.",
            "class Clerk extends Worker {\n  pay(hours: number): number { return hours; }\n}\n",
        );
    }

    #[test]
    fn a_method_of_another_name_is_another_method() {
        check_no_fix(
            &FAMILY,
            "java",
            "class <|>Boat implements Comparable<Boat> {\n    int length() {\n        return 0;\n    }\n}\n",
            "Boat is not abstract and does not override abstract method compareTo(Boat) in Comparable",
        );
    }

    #[test]
    fn a_method_of_an_inner_class_is_not_meant() {
        check_no_fix(
            &FAMILY,
            "java",
            "class <|>Boat implements Comparable<Boat> {\n    class Deck {\n        int compareto() { return 0; }\n    }\n}\n",
            "Boat is not abstract and does not override abstract method compareTo(Boat) in Comparable",
        );
    }

    #[test]
    fn a_method_of_go_stands_outside_of_its_type() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\ntype Payer interface {\n\tFee() int\n}\n\ntype Boat struct{}\n\nfunc (b Boat) Fees() int { return 3 }\n\nvar p Payer = <|>Boat{}\n",
            "cannot use Boat{} (value of type Boat) as Payer value in variable declaration: Boat does not implement Payer (missing method Fee)",
            "package quay\n\ntype Payer interface {\n\tFee() int\n}\n\ntype Boat struct{}\n\nfunc (b Boat) Fee() int { return 3 }\n\nvar p Payer = Boat{}\n",
        );
    }

    #[test]
    fn messages_name_the_method() {
        assert_eq!(
            promised("'Hand' does not implement inherited abstract member 'Pump.Run(int)'"),
            Some("Run")
        );
        assert_eq!(
            promised(
                "class Disc needs to be abstract, since method area in class Plank of type => Double is not defined"
            ),
            Some("area")
        );
        assert_eq!(promised("cannot find symbol"), None);
    }
}
