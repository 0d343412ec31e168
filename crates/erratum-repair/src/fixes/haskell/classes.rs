//! Classes that a type or a signature must state: `deriving`, and the context of a signature.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;
use erratum_syntax::spelling::edit_distance;

/// An instance that the compiler writes itself.
const DERIVED: Factor = weight("the compiler can write it", 3.5);
/// A class that the signature must state.
const CONSTRAINED: Factor = weight("the signature must state it", 3.0);

/// A class that the compiler can write, of nearly this name.
const DERIVED_NAME: Factor = weight("a class that can be derived has nearly this name", 5.0);

/// The classes that the compiler writes itself (seen with GHC 9.0).
const DERIVABLE: &[&str] = &["Show", "Read", "Eq", "Ord", "Enum", "Bounded", "Ix"];

/// The classes that a type derives are parted by commas.
const DERIVED_APART: Factor =
    evidence("the classes that a type derives are parted by commas", 10.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "classes",
    recipes: &[Recipe::Deriving, Recipe::Constraint],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "data Berth = Berth { name :: String }\n\nmain :: IO ()\nmain = <|>print (Berth \"East\")\n",
        message: "No instance for (Show Berth) arising from a use of 'print'",
        after: "data Berth = Berth { name :: String } deriving (Show)\n\nmain :: IO ()\nmain = print (Berth \"East\")\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    if case.asks(Recipe::Deriving) {
        deriving(case, all);
    }
    derived_name(case, all);
    derived_list(case, all);
    if case.asks(Recipe::Constraint) {
        constraint(case, all);
    }
}

/// `deriving (Eq Show)`: the classes are parted by commas.
fn derived_list(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(word) = line.into_iter().find(|at| lexed.is(*at, "deriving")) else { return };
    let Some(close) = case.text.pairs.partner_of(word + 1).filter(|_| lexed.is(word + 1, "("))
    else {
        return;
    };
    let class = |at: usize| DERIVABLE.contains(&lexed.word(at));
    let lost = (word + 2..close).filter(|at| class(*at) && class(at + 1));
    let edits: Vec<_> = lost.map(|at| case.insert(lexed.code[at].end, ",")).collect();
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::MissingSeparator, DERIVED_APART, edits).guess());
    }
}

/// `deriving (Equal)`: the class of nearly that name.
fn derived_name(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(written) = case.message.text.strip_prefix("Not in scope: type constructor or class '")
    else {
        return;
    };
    let line = lexed.on_line(lexed.code[case.token].line);
    if !line.clone().any(|at| lexed.is(at, "deriving"))
        || !written.starts_with(lexed.word(case.token))
    {
        return;
    }
    let written = lexed.word(case.token);
    for class in DERIVABLE {
        let starts = written.starts_with(class) || class.starts_with(written);
        if starts || edit_distance(written, class) <= 1.5 {
            let edit = case.replace_token(case.token, *class);
            all.push(Candidate::new(MistakeId::MisspeltName, DERIVED_NAME, vec![edit]));
        }
    }
}

/// `deriving (Show)` where a type is declared.
fn deriving(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let (Some(class), Some(name)) = (case.word("class"), case.word("name")) else { return };
    if !DERIVABLE.contains(&class) {
        return;
    }
    let name = name.trim_matches(['(', ')']).split(' ').next().unwrap_or(name);
    let Some(declared) = case.text.names.of(name).find(|d| d.kind == NameKind::Type) else {
        return;
    };
    let end = (declared.token + 1..lexed.code.len())
        .find(|at| {
            let token = lexed.code[*at];
            token.first && lexed.source.indent(token.line) == Some(0)
        })
        .unwrap_or(lexed.code.len());
    let words = declared.token..end;
    let edit = match words.clone().find(|at| lexed.is(*at, "deriving")) {
        Some(at) if lexed.is(at + 1, "(") => {
            let close = case.text.pairs.partner_of(at + 1);
            close.map(|close| case.insert(case.end_before(close), format!(", {class}")))
        }
        Some(at) => {
            let one = lexed.code.get(at + 1);
            one.map(|one| {
                let text = format!("({}, {class})", lexed.text(one));
                Edit::replace(case.file(), one.start, one.end, text)
            })
        }
        None => Some(case.insert(lexed.code[end - 1].end, format!(" deriving ({class})"))),
    };
    all.extend(edit.map(|edit| Candidate::new(MistakeId::MissingInstance, DERIVED, vec![edit])));
}

/// `Ord a =>` in the signature of the function around.
fn constraint(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(class) = case.word("class") else { return };
    let mut parts = class.split(' ');
    let class = parts.next().unwrap_or(class);
    let variable = case.word("name").or(parts.next()).unwrap_or("a");
    let variable = if variable.starts_with(char::is_lowercase) { variable } else { "a" };
    let variable = variable.trim_end_matches(|c: char| c.is_ascii_digit());
    // What can be put in order can be compared.
    let ordered = format!("(Ord {variable})");
    let also = case.all.iter().any(|other| other.text.contains(&ordered));
    let class = if class == "Eq" && also { "Ord" } else { class };
    let mut signatures = case
        .text
        .names
        .declared
        .iter()
        .filter(|d| d.kind == NameKind::Function && d.token <= case.token && d.typed.is_some());
    let Some((first, last)) = signatures.next_back().and_then(|d| d.typed) else { return };
    if !(first..=last).any(|at| lexed.is(at, variable)) {
        return;
    }
    let arrow = (first..=last).find(|at| lexed.is(*at, "=>"));
    let edits = match arrow {
        None => vec![case.insert(lexed.code[first].start, format!("{class} {variable} => "))],
        Some(_) if lexed.is(first, "(") => {
            let close = case.text.pairs.partner_of(first).unwrap_or(first);
            vec![case.insert(case.end_before(close), format!(", {class} {variable}"))]
        }
        Some(arrow) => vec![
            case.insert(lexed.code[first].start, "("),
            case.insert(lexed.code[arrow - 1].end, format!(", {class} {variable})")),
        ],
    };
    all.push(Candidate::new(MistakeId::MissingConstraint, CONSTRAINED, edits));
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn derived_classes_are_parted() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Reply = Done | Short\n  deriving (<|>Eq Show)\n",
            "Illegal deriving item 'Eq Show'",
            "data Reply = Done | Short\n  deriving (Eq, Show)\n",
        );
    }

    #[test]
    fn a_class_is_derived_by_its_own_name() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Berth = Outer | Inner\n  deriving (Show, <|>Equal)\n",
            "Not in scope: type constructor or class 'Equal'",
            "data Berth = Outer | Inner\n  deriving (Show, Eq)\n",
        );
    }

    #[test]
    fn a_class_that_the_signature_must_state() {
        check_fix(
            &FAMILY,
            "haskell",
            "most :: a -> a -> Bool\nmost x y = <|>x > y\n",
            "No instance for (Ord a) arising from a use of '>'",
            "most :: Ord a => a -> a -> Bool\nmost x y = x > y\n",
        );
    }

    #[test]
    fn a_second_class_is_derived_beside_the_first() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Tide = Low | High deriving (Show)\n\nsame :: Tide -> Tide -> Bool\nsame a b = <|>a == b\n",
            "No instance for (Eq Tide) arising from a use of '=='",
            "data Tide = Low | High deriving (Show, Eq)\n\nsame :: Tide -> Tide -> Bool\nsame a b = a == b\n",
        );
    }

    #[test]
    fn a_second_class_without_brackets_gets_them() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Tide = Low | High deriving Show\n\nsame :: Tide -> Tide -> Bool\nsame a b = <|>a == b\n",
            "No instance for (Eq Tide) arising from a use of '=='",
            "data Tide = Low | High deriving (Show, Eq)\n\nsame :: Tide -> Tide -> Bool\nsame a b = a == b\n",
        );
    }

    #[test]
    fn a_signature_with_one_class_gets_a_second() {
        check_fix(
            &FAMILY,
            "haskell",
            "most :: Show a => a -> a -> Bool\nmost x y = <|>x > y\n",
            "Could not deduce (Ord a) arising from a use of '>'",
            "most :: (Show a, Ord a) => a -> a -> Bool\nmost x y = x > y\n",
        );
    }

    #[test]
    fn a_class_that_nobody_derives_is_not_derived() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "data Tide = Low | High\n\nsum2 :: Tide -> Tide -> Tide\nsum2 a b = <|>a + b\n",
            "No instance for (Num Tide) arising from a use of '+'",
        );
    }

    #[test]
    fn a_type_of_elsewhere_derives_nothing() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = <|>print berth\n",
            "Variable not in scope: berth",
        );
    }
}
