//! Sound programs that ship, for learners who bring none.

use erratum_syntax::language::Language;
use erratum_syntax::source::Source;
use include_dir::{Dir, include_dir};

static PROGRAMS: Dir<'_> = include_dir!("$CARGO_MANIFEST_DIR/programs");

/// How long a program is.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Size {
    /// The shortest third of a language's programs.
    Small,
    /// The third between.
    Middle,
    /// The longest third.
    Large,
}

/// Returns the programs of a language, the shortest first; none if it has none.
pub fn of(language: &Language) -> Vec<Source> {
    let Some(folder) = PROGRAMS.get_dir(language.id) else { return Vec::new() };
    let mut all: Vec<Source> = folder
        .files()
        .filter_map(|file| {
            Some(Source::new(file.path().file_name()?.to_str()?.to_owned(), file.contents()))
        })
        .collect();
    all.sort_by(|a, b| (a.filled_lines(), a.name()).cmp(&(b.filled_lines(), b.name())));
    all
}

/// Returns the programs of a language that have a size.
pub fn of_size(language: &Language, size: Size) -> Vec<Source> {
    let all = of(language);
    let third = all.len().div_ceil(3).max(1);
    let skipped = match size {
        Size::Small => 0,
        Size::Middle => third,
        Size::Large => 2 * third,
    };
    all.into_iter().skip(skipped).take(third).collect()
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_syntax::language::LANGUAGES;

    #[test]
    fn where_programs_ship_there_are_twelve_of_three_sizes() {
        let with: Vec<_> = LANGUAGES.iter().filter(|language| !of(language).is_empty()).collect();
        assert!(with.len() >= 12, "{}", with.len());
        for language in with {
            assert!(of(language).len() >= 12, "{}", language.id);
            let sizes = [Size::Small, Size::Middle, Size::Large];
            let counts: Vec<usize> =
                sizes.iter().map(|size| of_size(language, *size).len()).collect();
            assert!(counts.iter().all(|count| *count >= 4), "{}: {counts:?}", language.id);
            assert_eq!(counts.iter().sum::<usize>(), of(language).len());
        }
    }
}
