//! How far two spellings are apart, and which words names are often made of.

use std::collections::HashSet;
use std::sync::LazyLock;

/// How far two words are apart in letters. A letter in the wrong case counts little; a letter
/// beside the right one on the keyboard, somewhat less than another.
pub fn edit_distance(a: &str, b: &str) -> f64 {
    let (low_a, low_b) = (a.to_lowercase(), b.to_lowercase());
    if low_a == low_b {
        return if a == b { 0.0 } else { 0.6 };
    }
    let plain = strsim::damerau_levenshtein(a, b) as f64;
    let folded = strsim::damerau_levenshtein(&low_a, &low_b) as f64 + 0.6;
    let neighbours = low_a.len() == low_b.len()
        && low_a.chars().zip(low_b.chars()).filter(|(x, y)| x != y).all(|(x, y)| beside(x, y));
    plain.min(folded) - if neighbours { 0.2 } else { 0.0 }
}

/// The edit distance of two words that are no further apart than `limit`.
pub fn edit_distance_within(a: &str, b: &str, limit: f64) -> Option<f64> {
    // Two words whose letters are beside each other are nearer than their letters tell.
    if f64::from(letters_apart(a, b)) - 0.2 > limit {
        return None;
    }
    Some(edit_distance(a, b)).filter(|apart| *apart <= limit)
}

/// How many letters one of the words has at least that the other lacks, whatever their order and case.
/// A step of a distance mends one of them at most.
fn letters_apart(a: &str, b: &str) -> u32 {
    let mut more = [0i32; 128];
    let slot =
        |letter: char| if letter.is_ascii() { letter.to_ascii_lowercase() as usize } else { 0 };
    a.chars().for_each(|letter| more[slot(letter)] += 1);
    b.chars().for_each(|letter| more[slot(letter)] -= 1);
    let of = |sign: i32| more.iter().map(|more| (more * sign).max(0).unsigned_abs()).sum::<u32>();
    of(1).max(of(-1))
}

/// Whether two letters are beside each other on the commonest keyboard.
fn beside(a: char, b: char) -> bool {
    const ROWS: [&str; 3] = ["qwertyuiop", "asdfghjkl", "zxcvbnm"];
    let place = |c: char| {
        ROWS.iter().enumerate().find_map(|(row, keys)| Some((row as i32, keys.find(c)? as i32)))
    };
    match (place(a), place(b)) {
        (Some((row_a, at_a)), Some((row_b, at_b))) => {
            (row_a - row_b).abs() <= 1 && (at_a - at_b).abs() <= 1
        }
        _ => false,
    }
}

/// Returns whether names are often made of a word, given in lower case.
pub fn is_common_word(word: &str) -> bool {
    static COMMON: LazyLock<HashSet<&'static str>> =
        LazyLock::new(|| include_str!("../data/words.txt").split_whitespace().collect());
    COMMON.contains(word)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn letters_count_case_little_and_neighbours_less() {
        assert!(edit_distance("string", "String") < 1.0);
        assert!(edit_distance("tide", "tidr") < edit_distance("tide", "tidm"));
        assert!((edit_distance("pritnf", "printf") - 1.0).abs() < 1e-9);
        assert!(edit_distance("fare", "ferry") > 2.0);
    }

    #[test]
    fn a_limit_leaves_out_only_what_is_beyond_it() {
        let words = [
            "tide", "Tide", "tied", "tidr", "TIDES", "te", "editor", "größe", "Größe", "grösse",
            "x", "",
        ];
        for (a, b) in words.iter().flat_map(|a| words.iter().map(move |b| (a, b))) {
            for limit in [0.5, 1.0, 1.5, 2.0, 3.0] {
                let apart = Some(edit_distance(a, b)).filter(|apart| *apart <= limit);
                assert_eq!(edit_distance_within(a, b, limit), apart, "{a} {b} {limit}");
            }
        }
    }
}
