//! How easy the texts are to read, by a standard formula: the grade of Flesch and Kincaid, in years of
//! school. A piece of code counts as one short word.

use erratum_catalogue::Catalogue;

/// The syllables of an English word, by its groups of vowels.
fn syllables(word: &str) -> usize {
    let word = word.to_lowercase();
    let vowel = |c: char| "aeiouy".contains(c);
    let letters: Vec<char> = word.chars().filter(|c| c.is_alphabetic()).collect();
    let starts = |at: usize| vowel(letters[at]) && (at == 0 || !vowel(letters[at - 1]));
    let mut count = (0..letters.len()).filter(|at| starts(*at)).count();
    // A last `e` is not heard, but that of `le` behind a consonant is; nor is that of most `-ed` and `-es`.
    let end: String = letters.iter().rev().take(3).rev().collect();
    let heard = match () {
        () if end.ends_with("le") => !end.starts_with(vowel),
        () if end.ends_with('e') => false,
        () if end.ends_with("ed") => end.starts_with(['t', 'd']),
        () if end.ends_with("es") => end.starts_with(['s', 'x', 'z', 'c', 'g', 'h', 'u', 'i']),
        () => true,
    };
    if !heard && count > 1 {
        count -= 1;
    }
    count.max(1)
}

/// The years of school that a text asks for.
fn grade(text: &str) -> f64 {
    let mut plain = String::new();
    for (at, part) in text.split('`').enumerate() {
        plain += if at % 2 == 0 { part } else { "x" };
    }
    let sentences =
        plain.split_inclusive(['.', '?', '!', ':']).filter(|s| s.contains(char::is_alphabetic));
    let sentences = sentences.count().max(1) as f64;
    let words: Vec<&str> =
        plain.split_whitespace().filter(|word| word.contains(char::is_alphanumeric)).collect();
    let count = words.len().max(1) as f64;
    let heard = words.iter().map(|word| syllables(word)).sum::<usize>() as f64;
    0.39 * count / sentences + 11.8 * heard / count - 15.59
}

#[test]
fn syllables_are_counted() {
    for (word, wanted) in [
        ("line", 1),
        ("compiler", 3),
        ("table", 2),
        ("wanted", 2),
        ("named", 1),
        ("values", 2),
        ("brackets", 2),
        ("a", 1),
    ] {
        assert_eq!(syllables(word), wanted, "{word}");
    }
    assert!(
        grade("The cat sat.") < 1.0
            && grade("Consider establishing organisational responsibilities.") > 15.0
    );
}

#[test]
fn eight_years_of_school_are_enough_for_most_and_ten_for_all() {
    let catalogue = Catalogue::shipped();
    let mut grades: Vec<(f64, String)> = Vec::new();
    for entry in catalogue.entries() {
        grades.push((grade(&format!("{} {}", entry.meaning, entry.advice)), entry.id.clone()));
        for language in entry.within.keys() {
            let said = entry.said(Some(language));
            let text = format!("{} {}", said.meaning, said.advice);
            grades.push((grade(&text), format!("{} in {language}", entry.id)));
        }
    }
    for term in catalogue.terms() {
        grades.push((grade(&format!("{} {}", term.meaning, term.why)), term.name.clone()));
    }
    for shape in catalogue.shapes() {
        grades.push((grade(&format!("{} {}", shape.meaning, shape.advice)), shape.general.clone()));
    }
    for crash in catalogue.crashes() {
        grades.push((grade(&format!("{} {}", crash.meaning, crash.advice)), crash.title.clone()));
    }
    grades.sort_by(|a, b| a.0.total_cmp(&b.0));
    let median = grades[grades.len() / 2].0;
    assert!(median <= 8.0, "the median is {median:.1}");
    let hard: Vec<_> = grades.iter().filter(|(grade, _)| *grade > 10.0).collect();
    assert!(hard.is_empty(), "of {}, median {median:.1}: {hard:#?}", grades.len());
}
