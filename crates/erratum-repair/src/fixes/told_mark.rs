//! Ada: gnat says which mark or word is missing, and which one should be another, at the very place.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The compiler names what is missing, and where.
const MISSING: Factor = evidence("the compiler names what is missing", 8.0);
/// The compiler names what belongs there.
const OTHER: Factor = evidence("the compiler names what belongs there", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "told-mark",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "ada",
        before: "procedure Quay is\n   Tide : Integer := 3;\nbegin\n   if Tide > 2<|>\n      Tide := 2;\n   end if;\nend Quay;\n",
        message: "missing \"then\"",
        after: "procedure Quay is\n   Tide : Integer := 3;\nbegin\n   if Tide > 2 then\n      Tide := 2;\n   end if;\nend Quay;\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    // Seen with gnat 12.
    let said = case.message.text.as_str();
    let quoted: Vec<&str> = said.split('"').skip(1).step_by(2).collect();
    match (&quoted[..], said) {
        ([wanted], _) if said.starts_with("missing \"") => missing(case, wanted, all),
        ([keyword], _) if said.starts_with("incorrect spelling of keyword ") => {
            other(case, keyword, MistakeId::MisspeltKeyword, all);
        }
        ([_, wanted], _) if said.contains("\" should be \"") => {
            other(case, wanted, MistakeId::WrongMark, all);
        }
        (_, "== should be =") => other(case, "=", MistakeId::ForeignMark, all),
        _ if said.starts_with("strings are delimited by double quote") => quotes(case, all),
        _ => {}
    }
}

/// What is missing stands behind the last token before the place.
fn missing(case: &Case, wanted: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let before = lexed.code.iter().rev().find(|token| token.end <= case.range.0);
    let Some(before) = before else { return };
    let word = wanted.starts_with(char::is_alphabetic);
    // Where it names several, they end a block, and whose it is must be seen.
    if wanted.contains(' ') {
        return;
    }
    let mistake = match wanted {
        ";" => MistakeId::MissingTerminator,
        "(" | ")" => MistakeId::MissingBracket,
        "," => MistakeId::MissingSeparator,
        _ if word => MistakeId::MissingWord,
        _ => MistakeId::MissingMark,
    };
    let text = if word { format!(" {wanted}") } else { wanted.to_owned() };
    let edit = case.insert(before.end, text);
    all.push(Candidate::new(mistake, MISSING, vec![edit]).guess());
}

/// Another mark or word belongs at the place.
fn other(case: &Case, wanted: &str, mistake: MistakeId, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let at = line.into_iter().find(|at| lexed.code[*at].end > case.range.0);
    let Some(first) = at else { return };
    // `==` is read as two marks.
    let doubled = mistake == MistakeId::ForeignMark
        && lexed.is(first, "=")
        && lexed.is(first + 1, "=")
        && lexed.code[first].end == lexed.code[first + 1].start;
    let last = first + usize::from(doubled);
    let (from, to) = (lexed.code[first].start, lexed.code[last].end);
    let edit = Edit::replace(case.file(), from, to, wanted);
    all.push(Candidate::new(mistake, OTHER, vec![edit]).guess());
}

/// `'low'` for `"low"`.
fn quotes(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.code[case.token].line;
    let start = lexed.source.line_start(line);
    let text = lexed.source.line_text(line).into_owned();
    let from = case.range.0.saturating_sub(start);
    let Some(rest) = text.get(from..).filter(|rest| rest.starts_with('\'')) else { return };
    let Some(end) = rest[1..].find('\'') else { return };
    let edits = [from, from + 1 + end]
        .map(|at| Edit::replace(case.file(), start + at, start + at + 1, "\""));
    let plain = lexed.kind(case.token) != Some(TokenKind::Str);
    if plain && end > 0 {
        all.push(Candidate::new(MistakeId::WrongQuotes, OTHER, edits.to_vec()).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn another_mark_belongs_there() {
        check_fix(
            &FAMILY,
            "ada",
            "procedure Quay is\n   Tide : Integer <|>= 3;\nbegin\n   null;\nend Quay;\n",
            "\"=\" should be \":=\"",
            "procedure Quay is\n   Tide : Integer := 3;\nbegin\n   null;\nend Quay;\n",
        );
        check_fix(
            &FAMILY,
            "ada",
            "procedure Quay is\nbegin\n   <|>wile True loop\n      null;\n   end loop;\nend Quay;\n",
            "incorrect spelling of keyword \"while\"",
            "procedure Quay is\nbegin\n   while True loop\n      null;\n   end loop;\nend Quay;\n",
        );
    }

    #[test]
    fn what_ends_a_block_is_for_others() {
        check_no_fix(
            &FAMILY,
            "ada",
            "procedure Quay is\nbegin\n   if True then\n      null;\n<|>end Quay;\n",
            "missing \"end if;\" for \"if\" at line 3",
        );
    }
}
