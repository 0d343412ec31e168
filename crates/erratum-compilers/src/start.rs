//! The function at which a program starts. A check by itself does not miss it: only putting the program
//! together does. A library has none, and is sound without; so a program is put together only where a
//! function stands in it whose name is `main` with a slip.

use erratum_syntax::language::Language;
use erratum_syntax::lex::Lexed;
use erratum_syntax::names::{NameKind, Names};
use erratum_syntax::pairs::Pairs;
use erratum_syntax::source::{Program, Source};

/// Whether no function is called `main` and one nearly is.
pub(crate) fn is_misspelt(program: &Program, language: &'static Language) -> bool {
    let all: Vec<Vec<String>> =
        program.files.iter().map(|file| functions(file, language)).collect();
    let mut names = all.iter().flatten();
    names.clone().all(|name| name != "main") && names.any(|name| is_slip(name))
}

/// The functions of a file, outside of every block.
fn functions(file: &Source, language: &'static Language) -> Vec<String> {
    let lexed = Lexed::new(file, language);
    let pairs = Pairs::new(&lexed);
    let outside = |token: usize| pairs.block_of(&lexed, token).is_none();
    let names = Names::new(&lexed, &pairs);
    let declared = names.declared.iter().filter(|d| d.kind == NameKind::Function);
    declared.filter(|d| outside(d.token)).map(|d| lexed.word(d.token).to_owned()).collect()
}

/// The letters of `main` in another order or in capitals, or one of them twice. `min` and `gain` are other
/// words.
fn is_slip(name: &str) -> bool {
    let lower = name.to_ascii_lowercase();
    let mut letters: Vec<char> = lower.chars().collect();
    let mut single = letters.clone();
    single.dedup();
    letters.sort_unstable();
    name != "main" && (letters == ['a', 'i', 'm', 'n'] || single == ['m', 'a', 'i', 'n'])
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_syntax::language::by_id;

    #[test]
    fn only_a_slip_of_the_name_counts() {
        assert!(["mian", "Main", "maain", "mainn", "mani"].iter().all(|name| is_slip(name)));
        assert!(
            !["main", "min", "gain", "maintain", "domain", "mains"]
                .iter()
                .any(|name| is_slip(name))
        );
    }

    #[test]
    fn a_library_has_none() {
        let misspelt = |text: &str| {
            let program = Program::single(Source::new("tide.c", text.as_bytes()));
            is_misspelt(&program, by_id("c").unwrap())
        };
        assert!(misspelt(
            "int deep(int tide) {\n    return tide;\n}\nint mian(void) {\n    return deep(3);\n}\n"
        ));
        assert!(!misspelt("int min(int a, int b) {\n    return a < b ? a : b;\n}\n"));
        assert!(!misspelt(
            "int mian(void) {\n    return 1;\n}\nint main(void) {\n    return mian();\n}\n"
        ));
        assert!(!misspelt("int deep(void) {\n    int mian = 3;\n    return mian;\n}\n"));
    }
}
