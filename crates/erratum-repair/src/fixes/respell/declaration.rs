//! A declaration that is spelt otherwise than all that refers to it.

use super::super::{Candidate, Case, weights as w};
use super::familiar::{familiarity, looks};
use super::{
    COMPILER_MEANS_IT, DECLARED_SO, FAMILIAR, KNOWN_BESIDE, NO_EVIDENCE, ONE_LETTER, kind_weight,
    limit,
};
use crate::score::Score;
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::Lexed;
use erratum_syntax::names::{Declared, NameKind, asked_kind};
use erratum_syntax::spelling::edit_distance;

/// The other way round: a declaration near the unknown name that nothing uses.
pub(super) fn near_declaration(case: &Case, token: usize, base: &Score, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let names = &case.text.names;
    let word = lexed.word(token);
    // A member is used behind its mark; another name that is spelt so is no use of it.
    let member = |at: usize| matches!(lexed.before(at), "." | "->" | "::" | "?.");
    let same = |at: &&usize| member(**at) == member(token);
    let uses = names.seen.get(word).map_or(1, |seen| seen.iter().filter(same).count());
    // What is said of a type or a member is not said of the name before it.
    let told = case
        .message
        .text
        .split(|c: char| !c.is_alphanumeric() && c != '_')
        .any(|w| w.eq_ignore_ascii_case(word));
    if names.resolve(lexed, token).is_some() || case.phase > Phase::Syntax && !told {
        return;
    }
    for declared in &names.declared {
        let name = lexed.word(declared.token);
        let apart = edit_distance(word, name);
        let visible =
            (declared.scope.0..=declared.scope.1).contains(&token) || declared.token > token;
        // One letter is as near to any other.
        if name == word
            || name.len() == 1 && word.len() == 1
            || apart > limit(word)
            || is_used(case, declared)
            || !visible
            || is_tag(lexed, declared.token)
            // A function is no slip for a value.
            || declared.kind == NameKind::Function && asked_kind(lexed, token) == NameKind::Value
            // A class with a capital letter is no slip for a value.
            || declared.kind == NameKind::Type
                && asked_kind(lexed, token) == NameKind::Value
                && name.starts_with(char::is_uppercase)
                && word.starts_with(char::is_lowercase)
                && !name.eq_ignore_ascii_case(word)
            || case.blanked.contains(name)
        {
            continue;
        }
        let same_kind = kind_weight(case.language(), asked_kind(lexed, token), declared.kind);
        let more = w::DECLARATION_SLIP * (uses as f64 - 1.0).min(4.0);
        // What a form or a header calls it, too, is hardly the slip.
        let beside = |name: &str| KNOWN_BESIDE.when(named_beside(case, name));
        let evidence = FAMILIAR * familiarity(case, word, name)
            - FAMILIAR * familiarity(case, name, word)
            + beside(word)
            - beside(name);
        // A declaration is right unless something speaks against it.
        let none = evidence.total().abs() < 0.3;
        let known =
            evidence + NO_EVIDENCE.when(none) + w::LOOKS * (looks(case, word) - looks(case, name));
        let score = base.clone()
            + w::RESPELL
            + w::PER_LETTER * (apart - 1.0)
            + w::VISIBLE
            + w::UNUSED
            + same_kind
            + more
            + known
            + ONE_LETTER.when(name.len() == 1)
            // A compiler goes by the letters alone: against several uses that agree, that is nothing.
            + if uses < 2 && case.message.text.contains(&format!("mean '{name}'")) {
                COMPILER_MEANS_IT
            } else {
                DECLARED_SO
            };
        let unused = |d: &Declared| d.token == declared.token || !is_used(case, d);
        let all_of_it = names.of(name).filter(|d| !is_tag(lexed, d.token) && unused(d));
        let edits: Vec<Edit> = all_of_it.map(|d| case.replace_token(d.token, word)).collect();
        all.push(Candidate::new(MistakeId::MisspeltName, score, edits));
    }
}

/// Whether a use of a name may mean what is declared there, and nothing else of that name.
pub(super) fn is_used(case: &Case, declared: &Declared) -> bool {
    let (lexed, names) = (case.lexed(), &case.text.names);
    let seen = names.seen.get(lexed.word(declared.token)).map_or(&[][..], Vec::as_slice);
    let other = |at: usize| {
        // What is asked of an object is no value of the function around.
        let member = matches!(lexed.before(at), "." | "->" | "::" | "?.");
        let meant = names.resolve(lexed, at).filter(|_| !member);
        // A word that names a value of another function is spelt right there.
        let field = declared.kind == NameKind::Member;
        field && meant.is_some_and(|one| one.token != declared.token && one.kind == NameKind::Value)
    };
    seen.iter().any(|at| uses_it(case, *at) && !other(*at))
}

/// Whether the name at a place is neither a declaration nor a tag.
fn uses_it(case: &Case, at: usize) -> bool {
    let declared = case.text.names.declared.iter().any(|declared| declared.token == at);
    !declared && !is_tag(case.lexed(), at)
}

/// Whether a name is known only behind the word of its kind, as C has it: `struct berth` is not `berth`.
fn is_tag(lexed: &Lexed, at: usize) -> bool {
    let tags = lexed.language.tagged_types;
    tags && matches!(lexed.before(at), "struct" | "union" | "enum")
}

/// Whether a file beside this one declares a name.
fn named_beside(case: &Case, name: &str) -> bool {
    let global = |text: &erratum_syntax::text::Text| {
        text.names.of(name).any(|declared| declared.kind != NameKind::Value)
    };
    case.others.iter().any(|other| global(other))
}

#[cfg(test)]
mod tests {
    use super::super::super::testing::check_fix;
    use super::super::FAMILY;

    #[test]
    fn the_declaration_gives_way_where_the_rest_agrees() {
        check_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int tdie = 3;\n    tide = 4;\n    tide = 5;\n    return <|>tide;\n}\n",
            "'tide' undeclared (first use in this function)",
            "int main(void) {\n    int tide = 3;\n    tide = 4;\n    tide = 5;\n    return tide;\n}\n",
        );
    }

    #[test]
    fn a_name_of_its_own_is_no_use_of_a_member() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\ntype Edge struct {\n\tFrom, To string\n}\n\nfunc go(to string, e Edge) string {\n\tif to == \"\" {\n\t\tto = e.From\n\t}\n\treturn to + e.<|>to\n}\n",
            "e.to undefined (type Edge has no field or method to, but does have To)",
            "package quay\n\ntype Edge struct {\n\tFrom, To string\n}\n\nfunc go(to string, e Edge) string {\n\tif to == \"\" {\n\t\tto = e.From\n\t}\n\treturn to + e.To\n}\n",
        );
    }

    #[test]
    fn a_tag_is_no_use_of_the_name_that_a_type_is_given() {
        check_fix(
            &FAMILY,
            "c",
            "typedef struct flag {\n    struct flag *next;\n} flag;\n\nstatic <|>Flag *top;\nint count(Flag *of);\nFlag *last(void);\nFlag *first(void);\n",
            "unknown type name 'Flag'; did you mean 'flag'?",
            "typedef struct flag {\n    struct flag *next;\n} Flag;\n\nstatic Flag *top;\nint count(Flag *of);\nFlag *last(void);\nFlag *first(void);\n",
        );
    }

    #[test]
    fn what_a_parameter_of_that_name_is_used_for_is_no_use_of_a_field() {
        check_fix(
            &FAMILY,
            "cpp",
            "class Book {\npublic:\n    Book(int limit) : limit_{limit} {}\n    bool full(int n) { return n >= <|>limit_; }\nprivate:\n    int limit;\n};\n",
            "'limit_' was not declared in this scope; did you mean 'limit'?",
            "class Book {\npublic:\n    Book(int limit) : limit_{limit} {}\n    bool full(int n) { return n >= limit_; }\nprivate:\n    int limit_;\n};\n",
        );
    }
}
