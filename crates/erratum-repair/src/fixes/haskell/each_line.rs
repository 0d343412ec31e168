//! Several lines that are printed as one: `putStrLn (map line signals)`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// What is printed is a list of lines.
const A_LIST: Factor = evidence("what is printed is a list of lines", 7.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "each-line",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "main :: IO ()\nmain = putStrLn (map <|>show [1, 2])\n",
        message: "Couldn't match type '[Char]' with 'Char' Expected: String Actual: [String]",
        after: "main :: IO ()\nmain = mapM_ putStrLn (map show [1, 2])\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = case.message.text.replace(['‘', '’', '`'], "'");
    let told = said.contains("Couldn't match type '[Char]' with 'Char'")
        || said.contains("Expected: String") && said.contains("Actual: [");
    if !case.language().applies_bare || !told {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(at) =
        line.rev().find(|at| matches!(lexed.word(*at), "putStrLn" | "putStr") && *at < case.token)
    else {
        return;
    };
    // Its one value reaches to the end of the line.
    let value = matches!(lexed.word(at + 1), "(" | "$");
    let alone = !matches!(lexed.before(at), "mapM_" | "." | "forM_");
    if value && alone {
        let edit = case.insert(lexed.code[at].start, "mapM_ ");
        all.push(Candidate::new(MistakeId::WrongArgument, A_LIST, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn what_is_printed_line_by_line_stays() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = mapM_ putStrLn (map <|>tides [1, 2])\n",
            "Couldn't match type '[Char]' with 'Char' Expected: String Actual: [String]",
        );
    }
}
