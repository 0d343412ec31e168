//! C++: `boats.push_back("Auk", 3)` and `seats.insert("Auk", 3)`: what a list holds is made of the values, or
//! they are put in as a pair.

use super::family::{Example, Family, Phases};
use super::shape::calls_near;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::names::NameKind;

/// The list makes its element of the values.
const MADE: Factor = evidence("the list makes its element of the values", 8.5);
/// A structure without a constructor is made with braces.
const PLAIN: Factor = evidence("a structure without a constructor is made with braces", 9.0);
/// A map holds pairs.
const PAIR: Factor = evidence("a map holds pairs", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "put-in",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "#include <string>\n#include <vector>\nstruct Boat { Boat(std::string n, int s) {} };\nvoid go(std::vector<Boat>& boats) {\n    boats.<|>push_back(\"Auk\", 3);\n}\n",
        message: "no matching function for call to 'std::vector<Boat>::push_back(const char [4], int)'",
        after: "#include <string>\n#include <vector>\nstruct Boat { Boat(std::string n, int s) {} };\nvoid go(std::vector<Boat>& boats) {\n    boats.emplace_back(\"Auk\", 3);\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with g++ 12 and clang 14.
    let told = case.message.text.starts_with("no matching");
    if !told || !case.language().directives {
        return;
    }
    for call in calls_near(case) {
        let (Some((first, _)), Some((_, last)), true) =
            (call.arguments.first(), call.arguments.last(), call.arguments.len() > 1)
        else {
            continue;
        };
        let made = match lexed.word(call.name) {
            "push_back" => Some("emplace_back"),
            "push" => Some("emplace"),
            _ => None,
        };
        // Braces make a structure that has no constructor.
        if made.is_some() && is_plain(case) {
            let edits = vec![
                case.insert(lexed.code[*first].start, "{"),
                case.insert(lexed.code[*last].end, "}"),
            ];
            all.push(Candidate::new(MistakeId::CallMismatch, PLAIN, edits).guess());
        } else if let Some(made) = made {
            let edit = case.replace_token(call.name, made);
            all.push(Candidate::new(MistakeId::CallMismatch, MADE, vec![edit]).guess());
        }
        if lexed.is(call.name, "insert") && call.arguments.len() == 2 {
            let edits = vec![
                case.insert(lexed.code[*first].start, "{"),
                case.insert(lexed.code[*last].end, "}"),
            ];
            all.push(Candidate::new(MistakeId::CallMismatch, PAIR, edits).guess());
        }
    }
}

/// Whether what the list of a message holds is a structure of the program without a constructor.
fn is_plain(case: &Case) -> bool {
    let lexed = case.lexed();
    let held = case.message.text.split_once('<').map_or("", |(_, rest)| rest);
    let name = held.split(|c: char| !c.is_alphanumeric() && c != '_').next().unwrap_or("");
    let Some(typed) = case.text.names.of(name).find(|one| one.kind == NameKind::Type) else {
        return false;
    };
    let open = (typed.token..lexed.code.len()).find(|at| lexed.opens_block(*at));
    let Some((open, close)) = open.and_then(|open| Some((open, case.text.pairs.partner_of(open)?)))
    else {
        return false;
    };
    !(open..close).any(|at| lexed.is(at, name) && lexed.is(at + 1, "("))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_map_is_given_pairs() {
        check_fix(
            &FAMILY,
            "cpp",
            "void go() {\n    seats.<|>insert(\"Auk\", 3);\n}\n",
            "no matching function for call to 'std::map<std::__cxx11::basic_string<char>, int>::insert(const char [4], int)'",
            "void go() {\n    seats.insert({\"Auk\", 3});\n}\n",
        );
    }

    #[test]
    fn a_structure_is_made_with_braces() {
        check_fix(
            &FAMILY,
            "cpp",
            "struct Lot {\n    int n;\n    double tons;\n};\nvoid go() {\n    lots.<|>push_back(3, 2.0);\n}\n",
            "no matching function for call to 'std::vector<Lot>::push_back(int, double)'",
            "struct Lot {\n    int n;\n    double tons;\n};\nvoid go() {\n    lots.push_back({3, 2.0});\n}\n",
        );
    }

    #[test]
    fn one_value_is_no_pair() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "void go() {\n    boats.<|>push_back(3);\n}\n",
            "no matching function for call to 'std::vector<Boat>::push_back(int)'",
        );
    }
}
