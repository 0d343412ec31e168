//! `catch` without what it catches: `catch {` of C++ and Java, and `catch (e: Exception) {` of Scala, which takes
//! cases.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;

/// Everything is caught.
const ALL: Factor = evidence("everything is caught", 8.5);
/// What is caught stands in a case.
const AS_CASE: Factor = evidence("what is caught stands in a case", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "catch-head",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "void go() {\n    try { sail(); } catch <|>{ stop(); }\n}\n",
        message: "expected '(' before '{' token",
        after: "void go() {\n    try { sail(); } catch (...) { stop(); }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs, language) = (case.lexed(), &case.text.pairs, case.language());
    let line = lexed.on_line(lexed.code[case.token].line);
    for word in line.filter(|at| lexed.is(*at, "catch")) {
        if language.returns_unsaid && lexed.is(word + 1, "(") {
            let Some(close) = pairs.partner_of(word + 1) else { continue };
            let Some(end) = pairs.partner_of(close + 1).filter(|_| lexed.is(close + 1, "{")) else {
                continue;
            };
            let inner = lexed.source.slice(lexed.code[word + 1].end, lexed.code[close].start);
            let (from, to) = (lexed.code[word + 1].start, lexed.code[close + 1].end);
            let text = format!("{{ case {inner} =>");
            let edits = vec![Edit::replace(case.file(), from, to, text)];
            if inner.contains(':') && end > close + 1 {
                all.push(Candidate::new(MistakeId::ExceptionRules, AS_CASE, edits).guess());
            }
        } else if lexed.is(word + 1, "{") && case.phase <= Phase::Syntax {
            let what = match () {
                () if language.directives => "(...)",
                () if language.is_keyword("throws") => "(Exception e)",
                () => continue,
            };
            let edit = case.insert(lexed.code[word].end, format!(" {what}"));
            all.push(Candidate::new(MistakeId::ExceptionRules, ALL, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn scala_takes_cases() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(): Unit = {\n    try { sail() } catch <|>(e: Exception) { println(e) }\n  }\n}\n",
            "not found: value e",
            "object Quay {\n  def go(): Unit = {\n    try { sail() } catch { case e: Exception => println(e) }\n  }\n}\n",
        );
    }

    #[test]
    fn typescript_catches_without() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "try { sail(); } catch <|>{ stop() }\n",
            "';' expected.",
        );
    }
}
