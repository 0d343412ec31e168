//! A type without the one that it is made for: `instance Show Queue` where `Queue a` is declared.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The declaration of the type names what it is made for.
const DECLARED: Factor = evidence("the type is declared with a variable of types", 9.0);

/// An action of which nothing is known gives nothing back.
const ACTION: Factor = evidence("an action that gives nothing back", 8.0);

/// The compiler says that the type is whole without it.
const FOR_NONE: Factor = evidence("the type is made for no other", 8.0);

/// Classes whose instances ask the same of what a type is made for.
const OF_PARTS: &[&str] = &["Show", "Eq", "Ord", "Read"];

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "type-values",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "data Crate a = Crate [a]\n\nweight :: <|>Crate -> Int\nweight (Crate xs) = length xs\n",
        message: "Expecting one more argument to 'Crate' Expected a type, but 'Crate' has kind '* -> *'",
        after: "data Crate a = Crate [a]\n\nweight :: Crate a -> Int\nweight (Crate xs) = length xs\n",
    },
};

/// A variable in the head of an instance, behind a type that is made for none: `instance Priced Cable a`.
fn surplus(case: &Case, said: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with ghc 9.0.
    let whole = said.contains("-> Constraint',") && said.contains("' has kind 'Constraint'");
    let over = said.contains(" to fewer arguments") || said.contains("Expected kind 'k0 -> ");
    let line = lexed.on_line(lexed.code[case.token].line);
    if !(whole || over) || !lexed.is(line.start, "instance") {
        return;
    }
    let Some(end) = line.clone().find(|at| lexed.is(*at, "where")) else { return };
    let variable = |at: usize| {
        lexed.kind(at) == Some(TokenKind::Name) && lexed.word(at).starts_with(char::is_lowercase)
    };
    let named = |at: usize| {
        lexed.kind(at) == Some(TokenKind::Name) && lexed.word(at).starts_with(char::is_uppercase)
    };
    // A class, a type, and what is too many.
    let first = line.start + 1;
    if named(first) && named(first + 1) && end > first + 2 && (first + 2..end).all(variable) {
        let (from, to) = (lexed.code[first + 1].end, lexed.code[end - 1].end);
        let edit = Edit::delete(case.file(), from, to);
        all.push(Candidate::new(MistakeId::TypeArguments, FOR_NONE, vec![edit]).guess());
    }
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with ghc 9.0.
    let said = case.message.text.replace(['‘', '’'], "'");
    surplus(case, &said, all);
    let told = said.strip_prefix("Expecting ").and_then(|rest| rest.split_once(" to '"));
    let Some((_, rest)) = told else { return };
    let Some(name) = rest.split('\'').next().filter(|name| !name.contains(' ')) else { return };
    if name == "IO" {
        // An action by itself gives nothing back.
        let line = lexed.on_line(lexed.code[case.token].line);
        let last = line.end - 1;
        if lexed.is(last, "IO") && matches!(lexed.before(last), "::" | "->") {
            let edit = case.insert(lexed.code[last].end, " ()");
            all.push(Candidate::new(MistakeId::TypeArguments, ACTION, vec![edit]));
        }
        return;
    }
    let head = |at: &usize| {
        lexed.is(*at, name) && matches!(lexed.before(*at), "data" | "newtype" | "type")
    };
    let Some(declared) = (1..lexed.code.len()).find(head) else { return };
    let header = lexed.on_line(lexed.code[declared].line);
    let variables: Vec<&str> = (declared + 1..header.end)
        .take_while(|at| lexed.kind(*at) == Some(TokenKind::Name))
        .map(|at| lexed.word(at))
        .collect();
    let line = lexed.on_line(lexed.code[case.token].line);
    let bare = |at: &usize| {
        lexed.is(*at, name)
            && *at != declared
            && !(lexed.kind(at + 1) == Some(TokenKind::Name)
                && line.contains(&(at + 1))
                && lexed.word(at + 1).starts_with(char::is_lowercase))
    };
    if variables.is_empty() || variables.iter().any(|one| one.starts_with(char::is_uppercase)) {
        return;
    }
    // What the head of an instance asks for already has its own names.
    let arrow = line.clone().find(|at| lexed.is(*at, "=>"));
    let asked: Vec<&str> = (line.start..arrow.unwrap_or(line.start))
        .map(|at| lexed.word(at))
        .filter(|word| word.starts_with(char::is_lowercase) && *word != "instance")
        .collect();
    let variables = if asked.len() == variables.len() { asked } else { variables };
    let whole = format!("{name} {}", variables.join(" "));
    let mut edits: Vec<Edit> = Vec::new();
    for at in line.clone().filter(bare) {
        let named = |at: usize| lexed.kind(at) == Some(TokenKind::Name) && line.contains(&at);
        let alone = named(at.wrapping_sub(1))
            || matches!(lexed.before(at), ")" | "]")
            || named(at + 1) && !matches!(lexed.word(at + 1), "where" | "deriving");
        let text = if alone { format!("({whole})") } else { whole.clone() };
        edits.push(Edit::replace(case.file(), lexed.code[at].start, lexed.code[at].end, text));
    }
    let class = line.start + 1;
    if lexed.is(line.start, "instance") && OF_PARTS.contains(&lexed.word(class)) && arrow.is_none()
    {
        let asked: Vec<String> =
            variables.iter().map(|one| format!("{} {one}", lexed.word(class))).collect();
        let asked = match &asked[..] {
            [one] => format!("{one} => "),
            several => format!("({}) => ", several.join(", ")),
        };
        edits.insert(0, case.insert(lexed.code[class].start, asked));
    }
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::TypeArguments, DECLARED, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    const SAID: &str =
        "Expecting one more argument to 'Crate' Expected a type, but 'Crate' has kind '* -> *'";

    #[test]
    fn what_the_head_asks_for_is_not_asked_twice() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Crate a = Crate [a]\n\ninstance Show b => Show (<|>Crate) where\n  show _ = \"crate\"\n",
            "Expecting one more argument to 'Crate' Expected a type, but 'Crate' has kind '* -> *'",
            "data Crate a = Crate [a]\n\ninstance Show b => Show (Crate b) where\n  show _ = \"crate\"\n",
        );
    }

    #[test]
    fn an_instance_asks_the_same_of_the_parts() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Crate a = Crate [a]\n\ninstance Show <|>Crate where\n  show (Crate xs) = show xs\n",
            SAID,
            "data Crate a = Crate [a]\n\ninstance Show a => Show (Crate a) where\n  show (Crate xs) = show xs\n",
        );
    }

    #[test]
    fn a_part_of_the_type_itself_stands_in_brackets() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Crate a = Empty | Crate a <|>Crate\n",
            SAID,
            "data Crate a = Empty | Crate a (Crate a)\n",
        );
    }

    #[test]
    fn an_action_says_that_it_gives_nothing_back() {
        check_fix(
            &FAMILY,
            "haskell",
            "main :: <|>IO\nmain = print 2\n",
            "Expecting one more argument to 'IO' Expected a type, but 'IO' has kind '* -> *'",
            "main :: IO ()\nmain = print 2\n",
        );
    }

    #[test]
    fn a_type_of_the_library_is_left() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "weight :: <|>Maybe -> Int\nweight _ = 2\n",
            "Expecting one more argument to 'Maybe' Expected a type, but 'Maybe' has kind '* -> *'",
        );
    }

    #[test]
    fn a_type_that_is_made_for_none_has_none() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Cable = Cable Double\nclass Priced p where\n  cost :: p -> Double\ninstance <|>Priced Cable a where\n  cost (Cable m) = m\n",
            "Expected kind 'k0 -> Constraint', but 'Priced Cable' has kind 'Constraint'",
            "data Cable = Cable Double\nclass Priced p where\n  cost :: p -> Double\ninstance Priced Cable where\n  cost (Cable m) = m\n",
        );
    }
}
