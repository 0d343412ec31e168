//! An own function that is named as one of the library: the import leaves that one out.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The compiler says which two are meant.
const BOTH_NAMED: Factor = evidence("the compiler names both, and one is the program's own", 9.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "own-name",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "import Data.List\n\ninsert :: Int -> [Int] -> [Int]\ninsert x xs = x : xs\n\nmain :: IO ()\nmain = print (<|>insert 2 [1])\n",
        message: "Ambiguous occurrence 'insert' It could refer to either 'Data.List.insert', imported from 'Data.List' at Quay.hs:1:1-16 (and originally defined in 'base-4.15.1.0:Data.OldList') or 'Main.insert', defined at Quay.hs:4:1",
        after: "import Data.List hiding (insert)\n\ninsert :: Int -> [Int] -> [Int]\ninsert x xs = x : xs\n\nmain :: IO ()\nmain = print (insert 2 [1])\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with ghc 9.0.
    let said = case.message.text.replace(['‘', '’'], "'");
    let remarks = case.message.notes.iter().map(|note| note.text.replace(['‘', '’'], "'"));
    let whole = std::iter::once(said).chain(remarks).collect::<Vec<String>>().join(" ");
    let told = whole.strip_prefix("Ambiguous occurrence '").and_then(|rest| rest.split_once('\''));
    let Some((name, rest)) = told else { return };
    let own = rest.contains(&format!(".{name}', defined at "));
    let module = rest.split_once("imported from '").and_then(|(_, rest)| rest.split_once('\''));
    let Some((module, _)) = module.filter(|_| own) else { return };
    let imports =
        (0..lexed.code.len()).filter(|at| lexed.code[*at].first && lexed.is(*at, "import"));
    let lines: Vec<std::ops::Range<usize>> =
        imports.map(|at| lexed.on_line(lexed.code[at].line)).collect();
    let text = |from: usize, to: usize| {
        lexed.source.slice(lexed.code[from].start, lexed.code[to].end).into_owned()
    };
    let brings = |line: &&std::ops::Range<usize>| {
        let path = (line.start + 1..line.end).take_while(|at| {
            *at == line.start + 1 || lexed.code[*at].start == lexed.code[*at - 1].end
        });
        path.last().is_some_and(|last| text(line.start + 1, last) == module)
    };
    let edit = match lines.iter().find(brings) {
        Some(line) => {
            let last = line.end - 1;
            let hides = line.clone().any(|at| lexed.is(at, "hiding"));
            match (hides, lexed.is(last, ")")) {
                (true, true) => case.insert(lexed.code[last].start, format!(", {name}")),
                (false, false) => case.insert(lexed.code[last].end, format!(" hiding ({name})")),
                _ => return,
            }
        }
        // What every program brings in by itself.
        None if module == "Prelude" => {
            let Some(first) = lines.first() else { return };
            let line = format!("import Prelude hiding ({name})\n");
            case.insert(lexed.code[first.start].start, line)
        }
        None => return,
    };
    all.push(Candidate::new(MistakeId::LibraryName, BOTH_NAMED, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn what_comes_by_itself_is_left_out_by_a_line() {
        check_fix(
            &FAMILY,
            "haskell",
            "module Main where\n\nimport Data.Char (ord)\n\nlookup :: Int -> Int\nlookup x = x\n\nmain :: IO ()\nmain = print (<|>lookup 2)\n",
            "Ambiguous occurrence 'lookup' It could refer to either 'Prelude.lookup', imported from 'Prelude' at Quay.hs:1:8-11 (and originally defined in 'GHC.List') or 'Main.lookup', defined at Quay.hs:6:1",
            "module Main where\n\nimport Prelude hiding (lookup)\nimport Data.Char (ord)\n\nlookup :: Int -> Int\nlookup x = x\n\nmain :: IO ()\nmain = print (lookup 2)\n",
        );
    }

    #[test]
    fn two_of_the_library_are_left() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "import Data.List\nimport Data.Map\n\nmain :: IO ()\nmain = print (<|>insert 2 [1])\n",
            "Ambiguous occurrence 'insert' It could refer to either 'Data.List.insert', imported from 'Data.List' at Quay.hs:1:1-16 or 'Data.Map.insert', imported from 'Data.Map' at Quay.hs:2:1-15",
        );
    }
}
