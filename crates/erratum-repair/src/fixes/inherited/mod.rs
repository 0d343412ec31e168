//! A member that takes the place of one above it and differs from it: another result, another spelling,
//! other parameters, another word for who may see it.

pub(super) mod classes;

use super::family::{Example, Family, Phases};
use super::shape::{behind_notes, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use classes::{above, class_of, members, told};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::{Declared, NameKind};
use erratum_syntax::spelling::edit_distance;

/// The member above it gives this.
const RESULT_ABOVE: Factor = weight("the member above it has this type", 6.0);
/// A class above has a member of nearly this name.
const NEARLY: Factor = weight("a class above has nearly this name", 6.5);
/// Each slip between the two names.
const PER_SLIP: Factor = weight("slips between the two names", -1.0);
/// The member above takes these.
const PARAMETERS_ABOVE: Factor = weight("the member above it takes these", 5.0);
/// No class above has such a member.
const NONE_ABOVE: Factor = weight("nothing above has this name", 2.5);
/// The member above has this word.
const SEEN_ABOVE: Factor = weight("the member above has this word", 7.0);

/// How many slips there may be between the two names.
const SLIPS: f64 = 2.0;

pub(super) static FAMILY: Family = Family {
    id: "inherited",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay { public virtual double Depth() { return 6.5; } }\nclass Mole : Quay { public override int <|>Depth() { return 6; } }\n",
        message: "[CS0508] 'Mole.Depth()': return type must be 'double' to match overridden member 'Quay.Depth()'",
        after: "class Quay { public virtual double Depth() { return 6.5; } }\nclass Mole : Quay { public override double Depth() { return 6; } }\n",
    },
};

/// What compilers say where the result differs (javac 17, mcs 6.8, g++ 12, tsc 5.9, scalac 2.11).
const OTHER_RESULT: &[&str] = &[
    "return type must be",
    "type must be",
    "does not match interface member return type",
    "conflicting return type specified",
    "return type of virtual function",
    "is not compatible with",
    "to the same property in base type",
    "has incompatible type",
];

/// What they say where nothing above has such a member.
const NOTHING_ABOVE: &[&str] = &[
    "no suitable method found to override",
    "does not override or implement a method from a supertype",
    "marked 'override', but does not override",
    "does not override any member functions",
    "overrides nothing",
];

/// What they say where the words for who may see the two differ (mcs 6.8).
const OTHER_ACCESS: &[&str] =
    &["cannot change access modifiers", "cannot be private", "is not public"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    // javac's own interface gives the reason as a remark.
    let notes = case.message.notes.iter().map(|note| note.text.as_str());
    let texts: Vec<&str> = notes.chain([case.message.text.as_str()]).collect();
    let says = |some: &[&str]| texts.iter().any(|text| some.iter().any(|one| text.contains(one)));
    let (result, nothing, access) = (says(OTHER_RESULT), says(NOTHING_ABOVE), says(OTHER_ACCESS));
    if !(result || nothing || access) {
        return;
    }
    let Some(own) = told(case) else { return };
    if result {
        other_result(case, own, all);
    }
    if nothing {
        other_name(case, own, all);
    }
    if access {
        other_access(case, own, all);
    }
}

/// The members above one, the nearest first.
fn members_above<'a>(case: &'a Case, own: &Declared) -> Vec<&'a Declared> {
    let Some(class) = class_of(case, own.token) else { return Vec::new() };
    above(case, class).into_iter().flat_map(|class| members(case, class)).collect()
}

/// The type of the member above. That one is left as it is: others may take its place, too.
fn other_result(case: &Case, own: &Declared, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let same = |one: &&&Declared| lexed.is(one.token, lexed.word(own.token));
    let higher = members_above(case, own);
    let Some((from, to)) = own.typed else { return };
    let own_type = text_of(case, (from, to));
    let types = higher.iter().filter(same).filter_map(|one| one.typed);
    let mut types = types.map(|typed| text_of(case, typed));
    let Some(text) = types.find(|text| *text != own_type) else { return };
    let edit = Edit::replace(case.file(), lexed.code[from].start, lexed.code[to].end, text);
    all.push(Candidate::new(MistakeId::WrongOverride, RESULT_ABOVE, vec![edit]).guess());
}

/// The name or the parameters of a member above, or no word that promises one.
fn other_name(case: &Case, own: &Declared, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = lexed.word(own.token);
    let higher = members_above(case, own);
    let Some(class) = class_of(case, own.token) else { return };
    let functions = higher.iter().filter(|one| one.kind == NameKind::Function);
    for one in functions.clone() {
        let other = lexed.word(one.token);
        let taken = members(case, class).any(|member| lexed.is(member.token, other));
        let same_but_case = name.eq_ignore_ascii_case(other);
        let slips = if same_but_case { 0.5 } else { edit_distance(name, other) };
        if taken || slips > SLIPS || slips * 2.0 > other.len() as f64 {
            continue;
        }
        let mistake = if same_but_case { MistakeId::WrongCase } else { MistakeId::MisspeltName };
        let edit = case.replace_token(own.token, other);
        all.push(Candidate::new(mistake, NEARLY + PER_SLIP * slips, vec![edit]).guess());
    }
    if let Some(one) = functions.clone().find(|one| lexed.is(one.token, name)) {
        parameters(case, own, one, all);
    }
    let line = lexed.on_line(lexed.code[own.token].line);
    let start = case.statement_start(own.token).min(line.start);
    let promises = |at: &usize| matches!(lexed.word(*at), "override" | "Override");
    if let Some(at) = (start..line.end).find(promises) {
        let marked = at > 0 && lexed.is(at - 1, "@");
        let first = if marked { at - 1 } else { at };
        let (from, to) = (lexed.code[first].start, lexed.code[at].end);
        let rest = lexed.source.bytes().get(to..).unwrap_or_default();
        let gap = rest.iter().take_while(|byte| **byte == b' ').count();
        let edit = Edit::delete(case.file(), from, to + gap);
        all.push(Candidate::new(MistakeId::WrongOverride, NONE_ABOVE, vec![edit]).guess());
    }
}

/// What the member above takes, in the place of what this one takes.
fn parameters(case: &Case, own: &Declared, higher: &Declared, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let brackets = |name: usize| {
        let open = Some(name + 1).filter(|at| lexed.is(*at, "("))?;
        Some((open, case.text.pairs.partner_of(open)?))
    };
    let (Some((open, close)), Some((first, last))) = (brackets(own.token), brackets(higher.token))
    else {
        return;
    };
    let text = text_of(case, (first, last));
    if text != text_of(case, (open, close)) {
        let (from, to) = (lexed.code[open].start, lexed.code[close].end);
        let edit = Edit::replace(case.file(), from, to, text);
        all.push(Candidate::new(MistakeId::WrongOverride, PARAMETERS_ABOVE, vec![edit]).guess());
    }
}

/// The word of the member above for who may see it.
fn other_access(case: &Case, own: &Declared, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    const WORDS: &[&str] = &["public", "protected", "internal", "private"];
    let word_of = |one: usize| {
        let start = case.statement_start(one);
        (start..one).find(|at| WORDS.contains(&lexed.word(*at)))
    };
    let same = |one: &&Declared| lexed.is(one.token, lexed.word(own.token));
    let higher = members_above(case, own).into_iter().find(same);
    let asked = case.message.text.contains("is not public").then_some("public");
    let wanted = higher.and_then(|one| word_of(one.token)).map(|at| lexed.word(at)).or(asked);
    let Some(wanted) = wanted else { return };
    let edit = match word_of(own.token) {
        Some(at) if lexed.is(at, wanted) => return,
        Some(at) => case.replace_token(at, wanted),
        None => {
            let start = behind_notes(case, case.statement_start(own.token), own.token);
            case.insert(lexed.code[start].start, format!("{wanted} "))
        }
    };
    all.push(Candidate::new(MistakeId::WrongOverride, SEEN_ABOVE, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_result_is_that_of_the_member_above() {
        let text = "abstract class Berth {\n    abstract double depth();\n}\nclass Deep extends Berth {\n    int <|>depth() { return 6; }\n}\n";
        let said = "depth() in Deep cannot override depth() in Berth\n  return type int is not compatible with double";
        check_fix(&FAMILY, "java", text, said, &text.replace("int <|>", "double "));
    }

    #[test]
    fn a_member_of_an_interface_is_told_with_its_class() {
        let text = "interface IQuay { double Fee(int days); }\nclass <|>Deep : IQuay\n{\n    public float Fee(int days) { return days; }\n}\n";
        let said = "[CS0738] 'Deep' does not implement interface member 'IQuay.Fee(int)' and the best implementing candidate 'Deep.Fee(int)' return type 'float' does not match interface member return type 'double'";
        check_fix(
            &FAMILY,
            "csharp",
            text,
            said,
            &text.replace("<|>", "").replace("float", "double"),
        );
    }

    #[test]
    fn types_stand_behind_in_other_languages() {
        let text = "abstract class Berth {\n  abstract depth(): number;\n}\nclass Deep extends Berth {\n  <|>depth(): string { return \"six\"; }\n}\n";
        let said = "[TS2416] Property 'depth' in type 'Deep' is not assignable to the same property in base type 'Berth'.";
        check_fix(
            &FAMILY,
            "typescript",
            text,
            said,
            &text.replace("<|>", "").replace("string", "number"),
        );
    }

    #[test]
    fn a_name_is_that_of_the_member_above() {
        let text = "class Berth {\n    String label() { return \"berth\"; }\n}\nclass Deep extends Berth {\n    <|>@Override String lable() { return \"deep\"; }\n}\n";
        let said = "method does not override or implement a method from a supertype";
        check_fix(&FAMILY, "java", text, said, &text.replace("<|>", "").replace("lable", "label"));
        let free = text.replace("<|>@Override ", "");
        check_among(&FAMILY, "java", text, said, &free);
    }

    #[test]
    fn parameters_are_those_of_the_member_above() {
        let text = "class Berth { public virtual string Label() { return \"berth\"; } }\nclass Deep : Berth { public override string <|>Label(int days) { return \"deep\"; } }\n";
        let said = "[CS0115] 'Deep.Label(int)' is marked as an override but no suitable method found to override";
        check_fix(&FAMILY, "csharp", text, said, &text.replace("<|>", "").replace("int days", ""));
    }

    #[test]
    fn who_may_see_it_is_told_above() {
        let text = "class Berth\n{\n    protected virtual void Clean() { }\n}\nclass Deep : Berth\n{\n    public override void <|>Clean() { }\n}\n";
        let said = "[CS0507] 'Deep.Clean()': cannot change access modifiers when overriding 'protected' inherited member 'Berth.Clean()'";
        check_fix(
            &FAMILY,
            "csharp",
            text,
            said,
            &text.replace("<|>", "").replace("public", "protected"),
        );
    }

    #[test]
    fn a_class_without_one_above_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Deep { public int <|>Depth() { return 6; } }\n",
            "return type must be 'double' to match overridden member 'Quay.Depth()'",
        );
    }
}
