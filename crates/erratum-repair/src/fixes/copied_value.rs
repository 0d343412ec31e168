//! C++: what cannot be copied is copied: a stream that is handed on by value, an owner that is assigned.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A stream is handed on by reference.
const BY_REFERENCE: Factor = evidence("a stream is handed on by reference", 8.0);
/// An owner gives away what it owns.
const GIVEN_AWAY: Factor = evidence("an owner gives away what it owns", 6.5);

pub(super) static FAMILY: Family = Family {
    id: "copied-value",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "std::ostream& show(std::ostream out, int tide) {\n    return <|>out << tide;\n}\nint main() { show(std::cout, 3); }\n",
        message: "use of deleted function 'std::basic_ostream<_CharT, _Traits>::basic_ostream(const std::basic_ostream<_CharT, _Traits>&) [with _CharT = char; _Traits = std::char_traits<char>]'",
        after: "std::ostream& show(std::ostream& out, int tide) {\n    return out << tide;\n}\nint main() { show(std::cout, 3); }\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with g++ 12; clang 14 speaks of a call to a deleted constructor.
    let said = &case.message.text;
    if !said.contains("deleted") {
        return;
    }
    if said.contains("stream") {
        let streams = ["ostream", "istream", "ofstream", "ifstream", "fstream", "ostringstream"];
        let by_value = |at: &usize| {
            streams.contains(&lexed.word(*at))
                && lexed.kind(at + 1) == Some(TokenKind::Name)
                && matches!(lexed.word(at + 2), "," | ")")
        };
        for at in (0..lexed.code.len()).filter(by_value) {
            let edit = case.insert(lexed.code[at].end, "&");
            all.push(Candidate::new(MistakeId::CopiedValue, BY_REFERENCE, vec![edit]).guess());
        }
    }
    if said.contains("unique_ptr") {
        for at in lexed.on_line(lexed.code[case.token].line) {
            let given = matches!(lexed.before(at), "=" | "(" | ",")
                && lexed.kind(at) == Some(TokenKind::Name)
                && matches!(lexed.word(at + 1), ";" | ")" | ",")
                && case.text.names.resolve(lexed, at).is_some_and(|one| one.token != at);
            if given {
                let edits = vec![
                    case.insert(lexed.code[at].start, case.written_here(at, "std::move(")),
                    case.insert(lexed.code[at].end, ")"),
                ];
                all.push(Candidate::new(MistakeId::CopiedValue, GIVEN_AWAY, edits).guess());
            }
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn an_owner_gives_away() {
        check_fix(
            &FAMILY,
            "cpp",
            "void go(std::unique_ptr<int> a) {\n    std::unique_ptr<int> b = <|>a;\n}\n",
            "use of deleted function 'std::unique_ptr<_Tp, _Dp>::unique_ptr(const std::unique_ptr<_Tp, _Dp>&) [with _Tp = int]'",
            "void go(std::unique_ptr<int> a) {\n    std::unique_ptr<int> b = std::move(a);\n}\n",
        );
    }

    #[test]
    fn what_is_deleted_for_another_reason_is_left() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "int main() { Quay a; Quay b = <|>a; }\n",
            "use of deleted function 'Quay::Quay(const Quay&)'",
        );
    }
}
