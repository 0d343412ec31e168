//! Every text of the catalogue, word by word: a word is plain English, or it is a word of the trade
//! that `erratum means` knows. A word that is new to the texts stands in neither list and fails this
//! test until someone has decided which of the two it is.

use erratum_catalogue::Catalogue;
use std::collections::{BTreeMap, BTreeSet};

/// All texts, each with where it stands.
fn texts(catalogue: &Catalogue) -> Vec<(String, &str)> {
    let mut all: Vec<(String, &str)> = Vec::new();
    for entry in catalogue.entries() {
        for text in [&entry.title, &entry.general, &entry.meaning, &entry.advice] {
            all.push((entry.id.clone(), text));
        }
        for (language, own) in &entry.within {
            let texts = [&own.title, &own.general, &own.meaning, &own.advice];
            let place = format!("{} in {language}", entry.id);
            all.extend(texts.into_iter().flatten().map(|text| (place.clone(), text.as_str())));
        }
    }
    for term in catalogue.terms() {
        all.extend([(term.name.clone(), term.meaning.as_str()), (term.name.clone(), &term.why)]);
    }
    for shape in catalogue.shapes() {
        for text in [&shape.title, &shape.general, &shape.meaning, &shape.advice] {
            all.push((shape.general.clone(), text));
        }
    }
    for crash in catalogue.crashes() {
        for text in [&crash.title, &crash.meaning, &crash.advice] {
            all.push((crash.title.clone(), text));
        }
    }
    all
}

/// The words of a text, small, without what stands in back quotes or in a hole.
fn words(text: &str) -> Vec<String> {
    let outside = |text: &str, open: char, close: char| {
        let (mut inside, mut kept) = (false, String::new());
        for letter in text.chars() {
            match inside {
                false if letter == open => inside = true,
                true if letter == close => inside = false,
                false => kept.push(letter),
                true => {}
            }
        }
        kept
    };
    let plain = outside(&outside(text, '`', '`'), '{', '}');
    plain
        .split(|c: char| !(c.is_alphabetic() || c == '\'' || c == '-'))
        .map(|word| word.trim_matches(['\'', '-']).to_lowercase())
        .filter(|word| !word.is_empty())
        .collect()
}

/// A word and what it may be a form of.
fn forms(word: &str) -> Vec<String> {
    let word = word.strip_suffix("'s").unwrap_or(word);
    let mut forms = vec![word.to_owned()];
    forms.extend(word.strip_suffix('s').map(str::to_owned));
    forms.extend(word.strip_suffix("es").map(str::to_owned));
    forms.extend(word.strip_suffix("ies").map(|stem| format!("{stem}y")));
    forms
}

#[test]
fn every_word_is_plain_or_known_to_means() {
    let catalogue = Catalogue::shipped();
    let plain: BTreeSet<&str> = include_str!("words/plain.txt").split_whitespace().collect();
    let mut known: BTreeSet<String> = BTreeSet::new();
    for term in catalogue.terms() {
        for name in std::iter::once(&term.name).chain(&term.also) {
            known.insert(name.to_lowercase());
        }
    }
    let languages: BTreeSet<String> =
        erratum_syntax::language::LANGUAGES.iter().map(|l| l.name.to_lowercase()).collect();
    let mut strange: BTreeMap<String, String> = BTreeMap::new();
    for (place, text) in texts(&catalogue) {
        for word in words(text) {
            let fine = |form: &String| {
                plain.contains(form.as_str()) || known.contains(form) || languages.contains(form)
            };
            if !forms(&word).iter().any(fine) {
                strange.entry(word).or_insert_with(|| place.clone());
            }
        }
    }
    assert!(strange.is_empty(), "neither plain nor a term: {strange:#?}");
}

#[test]
fn the_list_of_plain_words_holds_no_words_of_the_trade() {
    // Words for which a learner would need `erratum means`.
    let trade = [
        "token",
        "identifier",
        "specifier",
        "parameter",
        "argument",
        "scope",
        "literal",
        "member",
        "modifier",
        "constraint",
        "lvalue",
        "operand",
        "operator",
        "declaration",
        "expression",
        "statement",
        "symbol",
        "borrow",
        "lifetime",
        "trait",
        "instance",
        "generic",
        "template",
        "cast",
        "pointer",
        "reference",
        "variable",
        "function",
        "class",
        "type",
        "method",
        "array",
        "loop",
        "annotation",
        "signature",
        "inference",
        "polymorphic",
        "monad",
        "closure",
        "mutable",
        "namespace",
        "linker",
        "overload",
        "enum",
        "interface",
        "iterator",
        "keyword",
        "syntax",
    ];
    let plain: BTreeSet<&str> = include_str!("words/plain.txt").split_whitespace().collect();
    let both: Vec<&&str> = trade.iter().filter(|word| plain.contains(**word)).collect();
    assert!(both.is_empty(), "{both:?}");
}

#[test]
fn spelling_is_british_throughout() {
    let catalogue = Catalogue::shipped();
    let american = [
        "color",
        "behavior",
        "neighbor",
        "honor",
        "favor",
        "center",
        "meter",
        "gray",
        "spelled",
        "misspelled",
        "canceled",
        "labeled",
        "initialize",
        "initialized",
        "recognize",
        "recognized",
        "organize",
        "catalog",
        "dialog",
        "defense",
        "license",
        "learned",
        "parenthesize",
    ];
    for (place, text) in texts(&catalogue) {
        for word in words(text) {
            assert!(!american.contains(&word.as_str()), "{place}: {word}");
        }
    }
}

#[test]
fn nobody_is_blamed_and_nothing_is_shouted() {
    let catalogue = Catalogue::shipped();
    let unkind = ["you forgot", "your mistake", "you should have", "obviously", "simply", "just "];
    for (place, text) in texts(&catalogue) {
        let lower = text.to_lowercase();
        assert!(!unkind.iter().any(|words| lower.contains(words)), "{place}: {text}");
        let outside: String = text.split('`').step_by(2).collect();
        assert!(!outside.contains('!'), "{place}: {text}");
    }
}
