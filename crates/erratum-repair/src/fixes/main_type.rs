//! What the function gives back at which a program starts: `void main()` in C++.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// The compiler says what the function gives back.
const TOLD: Factor = evidence("the compiler says what the function gives back", 9.0);

/// What g++ 12 and clang++ 14 say, before the type that they want.
const SAID: &[&str] = &["'::main' must return '", "'main' must return '"];

pub(super) static FAMILY: Family = Family {
    id: "main-type",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "<|>void main() {\n}\n",
        message: "'::main' must return 'int'",
        after: "int main() {\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let wanted = SAID.iter().find_map(|said_so| said.split_once(said_so));
    let Some((_, wanted)) = wanted else { return };
    let typed = wanted.split('\'').next().unwrap_or_default();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(name) = line.clone().find(|at| lexed.is(*at, "main")) else { return };
    if name > line.start && !typed.is_empty() {
        let (from, to) = (lexed.code[line.start].start, lexed.code[name - 1].end);
        let edit = Edit::replace(case.file(), from, to, typed);
        all.push(Candidate::new(MistakeId::WrongReturnType, TOLD, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn another_function_may_give_nothing_back() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "void <|>go() {\n    return 3;\n}\n",
            "return-statement with a value, in function returning 'void'",
        );
    }
}
