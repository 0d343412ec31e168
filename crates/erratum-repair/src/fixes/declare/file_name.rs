//! A public class that is not named as its file.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;

/// Another class has the name of the file.
const OTHER_CLASS: Factor = weight("another class has the name of the file", 7.0);
/// A public class is named as its file.
const NAMED_AS_FILE: Factor = weight("the class is named as its file", 3.0);
/// The same with every use of the name.
const NAMED_EVERYWHERE: Factor = weight("the name of the class changes everywhere", 2.8);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "file_name",
    recipes: &[Recipe::FileName],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "public class <|>Harbour {\n}\n",
        message: "class Harbour is public, should be declared in a file named Harbour.java",
        after: "public class Quay {\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.asks(Recipe::FileName) {
        class_name(case, all);
    }
}

/// A public class must be named as its file.
fn class_name(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let file = case.file().rsplit(['/', '\\']).next().unwrap_or(case.file());
    let Some((stem, _)) = file.rsplit_once('.') else { return };
    let Some(wrong) = case.word("name").map(str::to_owned) else { return };
    let seen = case.text.names.seen.get(&wrong).cloned().unwrap_or_default();
    let class = seen.iter().find(|at| {
        matches!(lexed.word(at.wrapping_sub(1)), "class" | "interface" | "enum" | "record")
    });
    let Some(class) = class else { return };
    // The class of the file is another one: this one is only seen by too many.
    let named = |at: &usize| lexed.is(*at, "class") && lexed.is(at + 1, stem);
    let public = class.checked_sub(2).filter(|at| lexed.is(*at, "public"));
    if let Some(public) = public.filter(|_| (0..lexed.code.len()).any(|at| named(&at))) {
        let edit =
            Edit::delete(case.file(), lexed.code[public].start, lexed.code[public + 1].start);
        all.push(Candidate::new(MistakeId::WrongModifier, OTHER_CLASS, vec![edit]).guess());
        return;
    }
    all.push(Candidate::new(
        MistakeId::ClassFileName,
        NAMED_AS_FILE,
        vec![case.replace_token(*class, stem)],
    ));
    if seen.len() > 1 {
        let edits = seen.iter().map(|at| case.replace_token(*at, stem)).collect();
        all.push(Candidate::new(MistakeId::ClassFileName, NAMED_EVERYWHERE, edits));
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_fix, check_no_fix};

    #[test]
    fn beside_the_class_of_the_file_no_other_is_public() {
        let text = "public interface <|>Priced {\n}\n\npublic class Quay {\n}\n";
        let said = "class Priced is public, should be declared in a file named Priced.java";
        check_fix(&FAMILY, "java", text, said, &text.replacen("public ", "", 1).replace("<|>", ""));
    }

    #[test]
    fn every_use_of_the_class_may_change() {
        check_among(
            &FAMILY,
            "java",
            "public class <|>Harbour {\n    Harbour next;\n}\n",
            "class Harbour is public, should be declared in a file named Harbour.java",
            "public class Quay {\n    Quay next;\n}\n",
        );
    }

    #[test]
    fn an_interface_is_named_so_too() {
        check_fix(
            &FAMILY,
            "java",
            "public interface <|>Harbour {\n}\n",
            "class Harbour is public, should be declared in a file named Harbour.java",
            "public interface Quay {\n}\n",
        );
    }

    #[test]
    fn a_record_is_named_so_too() {
        check_fix(
            &FAMILY,
            "java",
            "public record <|>Berth(int seats) {\n}\n",
            "class Berth is public, should be declared in a file named Berth.java",
            "public record Quay(int seats) {\n}\n",
        );
    }

    #[test]
    fn the_class_beside_it_keeps_its_name() {
        check_fix(
            &FAMILY,
            "java",
            "class Boat {\n}\npublic class <|>Harbour {\n}\n",
            "class Harbour is public, should be declared in a file named Harbour.java",
            "class Boat {\n}\npublic class Quay {\n}\n",
        );
    }

    #[test]
    fn a_class_that_is_not_there_is_not_renamed() {
        check_no_fix(
            &FAMILY,
            "java",
            "class <|>Boat {\n}\n",
            "class Harbour is public, should be declared in a file named Harbour.java",
        );
    }

    #[test]
    fn another_message_renames_no_class() {
        check_no_fix(
            &FAMILY,
            "java",
            "public class <|>Harbour {\n}\n",
            "cannot find symbol\n  symbol:   class Harbour",
        );
    }
}
