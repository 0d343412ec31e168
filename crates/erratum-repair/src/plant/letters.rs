//! Slips of the fingers within a word.

/// A word with one slip: two letters swapped, one lost, doubled, or its neighbour on the keyboard.
pub(super) fn misspell(word: &str, random: &mut fastrand::Rng) -> String {
    let mut letters: Vec<char> = word.chars().collect();
    if letters.len() < 3 {
        letters.push('x');
        return letters.into_iter().collect();
    }
    for _ in 0..20 {
        let at = random.usize(1..letters.len());
        let mut wrong = letters.clone();
        match random.u8(..4) {
            0 if at + 1 < wrong.len() => wrong.swap(at, at + 1),
            1 => {
                wrong.remove(at);
            }
            2 => wrong.insert(at, wrong[at]),
            _ => wrong[at] = beside(wrong[at], random),
        }
        if wrong != letters {
            return wrong.into_iter().collect();
        }
    }
    letters.push('x');
    letters.into_iter().collect()
}

fn beside(letter: char, random: &mut fastrand::Rng) -> char {
    const ROWS: [&str; 3] = ["qwertyuiop", "asdfghjkl", "zxcvbnm"];
    for row in ROWS {
        let keys: Vec<char> = row.chars().collect();
        if let Some(at) = keys.iter().position(|key| *key == letter.to_ascii_lowercase()) {
            let other =
                if at == 0 || (at + 1 < keys.len() && random.bool()) { at + 1 } else { at - 1 };
            return if letter.is_uppercase() {
                keys[other].to_ascii_uppercase()
            } else {
                keys[other]
            };
        }
    }
    'x'
}

/// A word with the case of its first letter changed.
pub(super) fn other_case(word: &str) -> String {
    let mut letters = word.chars();
    match letters.next() {
        Some(first) if first.is_uppercase() => first.to_lowercase().chain(letters).collect(),
        Some(first) => first.to_uppercase().chain(letters).collect(),
        None => String::new(),
    }
}
