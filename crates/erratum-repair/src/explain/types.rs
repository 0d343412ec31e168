//! Types as they are written in messages: shortened where two agree, whole where they differ.

/// A part of a type: a run of letters, or a bracketed list.
#[derive(Clone, Debug, PartialEq, Eq)]
enum Part {
    Word(String),
    Group { open: char, items: Vec<Vec<Part>>, separator: &'static str, close: char },
}

/// Two types side by side.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Pair {
    /// The first, with `…` for what both have.
    pub one: String,
    /// The second, likewise.
    pub other: String,
    /// The parts in which they differ, if that is not the whole.
    pub differ: Option<(String, String)>,
}

/// How deep brackets are followed: no sound type is nested further.
const DEEPEST: usize = 40;

/// A message that grows longer than this while types are filled in is left as it is, in bytes.
const LONGEST: usize = 1 << 16;

/// What both types have is left out when it is longer than this, in characters.
const SAME: usize = 14;

/// A type without what tells a learner nothing: allocators, inner names of the library, and the
/// other names of it that are given in the same breath (seen with gcc 12 and clang 14).
pub fn plain(text: &str) -> String {
    let mut text = filled_in(text);
    for (open, close) in [(" {aka '", "'}"), (" (aka '", "')")] {
        while let Some(start) = text.find(open) {
            let Some(length) = text[start..].rfind(close) else { break };
            text.replace_range(start..start + length + close.len(), "");
        }
    }
    let mut text = text.replace("> >", ">>").replace("> >", ">>");
    for (long, short) in [
        ("std::__cxx11::", "std::"),
        ("std::basic_string<char>", "std::string"),
        ("std::basic_ostream<char>", "std::ostream"),
        ("std::basic_istream<char>", "std::istream"),
    ] {
        text = text.replace(long, short);
    }
    without_allocators(&text)
}

/// `f<_Key>() [with _Key = Pier; …]` with the names of its types filled in.
fn filled_in(text: &str) -> String {
    let mut text = text.to_owned();
    while let Some(start) = text.find(" [with ") {
        let rest = &text[start + " [with ".len()..];
        let mut depth = 0;
        let end = rest.find(|letter| {
            depth += i32::from(letter == '[') - i32::from(letter == ']');
            depth < 0
        });
        let Some(end) = end else { break };
        let given: Vec<(String, String)> = rest[..end]
            .split("; ")
            .filter_map(|one| one.split_once(" = "))
            .map(|(name, typed)| (name.to_owned(), typed.to_owned()))
            .collect();
        let mut head = String::with_capacity(start);
        let is_word = |c: char| c.is_alphanumeric() || c == '_';
        let mut left = &text[..start];
        while !left.is_empty() {
            let length = left.find(|c| !is_word(c)).unwrap_or(left.len());
            let word = &left[..length];
            let full = given.iter().find(|(name, _)| name == word).map(|(_, typed)| typed.as_str());
            head.push_str(full.unwrap_or(word));
            let rest = &left[length..];
            let gap = rest.find(is_word).unwrap_or(rest.len());
            head.push_str(&rest[..gap]);
            left = &rest[gap..];
        }
        text = head + &rest[end + 1..];
        // Each round takes one list away; what it fills in has none.
        if text.len() > LONGEST {
            break;
        }
    }
    text
}

fn without_allocators(text: &str) -> String {
    let parts = parse(text);
    if text.contains("allocator<") { write(&drop_allocators(parts)) } else { text.to_owned() }
}

fn drop_allocators(parts: Vec<Part>) -> Vec<Part> {
    let dropped = |items: Vec<Vec<Part>>| {
        let is = |item: &Vec<Part>| {
            matches!(item.first(), Some(Part::Word(word))
                if word.ends_with("allocator") || word.ends_with("default_delete"))
        };
        let mut kept: Vec<Vec<Part>> = Vec::new();
        for item in items {
            if kept.is_empty() || !is(&item) {
                kept.push(drop_allocators(item));
            }
        }
        kept
    };
    let one = |part| match part {
        Part::Group { open, items, separator, close } => {
            Part::Group { open, items: dropped(items), separator, close }
        }
        word => word,
    };
    parts.into_iter().map(one).collect()
}

/// Holds two types against each other.
pub fn compare(one: &str, other: &str) -> Pair {
    let (one, other) = (plain(one), plain(other));
    let (mut first, mut second, mut differ) = (Vec::new(), Vec::new(), Vec::new());
    let parts = (parse(&one), parse(&other));
    align(&parts.0, &parts.1, &mut first, &mut second, &mut differ);
    let whole = (write(&parts.0), write(&parts.1));
    match differ.first() {
        Some(pair) if differ.len() == 1 && *pair != whole => {
            Pair { one: write(&first), other: write(&second), differ: Some(pair.clone()) }
        }
        _ => Pair { one, other, differ: None },
    }
}

fn elided() -> Part {
    Part::Word("…".to_owned())
}

fn align(
    a: &[Part],
    b: &[Part],
    first: &mut Vec<Part>,
    second: &mut Vec<Part>,
    differ: &mut Vec<(String, String)>,
) {
    let alike = a.len() == b.len()
        && a.iter().zip(b).all(|(x, y)| match (x, y) {
            (Part::Word(x), Part::Word(y)) => x == y,
            (Part::Group { open, items, .. }, Part::Group { open: other, items: others, .. }) => {
                open == other && items.len() == others.len()
            }
            _ => false,
        });
    if !alike {
        differ.push((write(a), write(b)));
        first.extend_from_slice(a);
        second.extend_from_slice(b);
        return;
    }
    for (x, y) in a.iter().zip(b) {
        match (x, y) {
            (Part::Group { open, items, separator, close }, Part::Group { items: others, .. }) => {
                let (mut left, mut right): (Vec<Vec<Part>>, Vec<Vec<Part>>) = Default::default();
                for (item, other) in items.iter().zip(others) {
                    let (mut one, mut two) = (Vec::new(), Vec::new());
                    if item != other {
                        align(item, other, &mut one, &mut two, differ);
                    } else if write(item).chars().count() > SAME || *separator == "; " {
                        (one, two) = (vec![elided()], vec![elided()]);
                    } else {
                        (one, two) = (item.clone(), item.clone());
                    }
                    // Of several that are left out in a row, one sign is enough.
                    if one != [elided()] || left.last() != Some(&vec![elided()]) {
                        left.push(one);
                        right.push(two);
                    }
                }
                let group = |items| Part::Group { open: *open, items, separator, close: *close };
                first.push(group(left));
                second.push(group(right));
            }
            (same, _) => {
                first.push(same.clone());
                second.push(same.clone());
            }
        }
    }
}

/// A type in at most so many characters: what is nested deepest is left out first.
pub fn shortened(text: &str, most: usize) -> String {
    let text = plain(text);
    if text.chars().count() <= most {
        return text;
    }
    let parts = parse(&text);
    for depth in (0..6).rev() {
        let short = write(&flattened(&parts, depth));
        if short.chars().count() <= most {
            return short;
        }
    }
    let cut: String = text.chars().take(most.saturating_sub(1)).collect();
    format!("{cut}…")
}

fn flattened(parts: &[Part], depth: usize) -> Vec<Part> {
    let one = |part: &Part| match part {
        Part::Group { open, items, separator, close } => {
            let items = match depth {
                _ if items.is_empty() => Vec::new(),
                0 => vec![vec![elided()]],
                _ => items.iter().map(|item| flattened(item, depth - 1)).collect(),
            };
            Part::Group { open: *open, items, separator, close: *close }
        }
        word => word.clone(),
    };
    parts.iter().map(one).collect()
}

fn closing(open: char) -> Option<char> {
    match open {
        '<' => Some('>'),
        '[' => Some(']'),
        '(' => Some(')'),
        '{' => Some('}'),
        _ => None,
    }
}

fn parse(text: &str) -> Vec<Part> {
    let letters: Vec<char> = text.chars().collect();
    Reader { partners: partners(&letters), letters: &letters }.parts(0, letters.len(), 0)
}

/// For each mark that opens: where its partner stands. Arrows (`->`, `=>`) close nothing.
fn partners(letters: &[char]) -> Vec<Option<usize>> {
    let mut partners = vec![None; letters.len()];
    let mut open: Vec<(usize, char)> = Vec::new();
    for (at, letter) in letters.iter().enumerate() {
        if let Some(close) = closing(*letter) {
            open.push((at, close));
        } else if !(*letter == '>' && at > 0 && matches!(letters[at - 1], '-' | '='))
            && matches!(letter, '>' | ']' | ')' | '}')
            && let Some(found) = open.iter().rposition(|(_, close)| close == letter)
        {
            // A mark without its partner is a letter like others: `a < b`.
            partners[open[found].0] = Some(at);
            open.truncate(found);
        }
    }
    partners
}

struct Reader<'a> {
    letters: &'a [char],
    partners: Vec<Option<usize>>,
}

impl Reader<'_> {
    fn parts(&self, start: usize, end: usize, depth: usize) -> Vec<Part> {
        let mut parts = Vec::new();
        let mut word = String::new();
        let mut at = start;
        while at < end {
            let letter = self.letters[at];
            match self.partners[at].filter(|_| depth < DEEPEST) {
                Some(close) => {
                    if !word.is_empty() {
                        parts.push(Part::Word(std::mem::take(&mut word)));
                    }
                    parts.push(self.group(at, close, depth));
                    at = close + 1;
                }
                None => {
                    word.push(letter);
                    at += 1;
                }
            }
        }
        if !word.is_empty() {
            parts.push(Part::Word(word));
        }
        parts
    }

    fn group(&self, open: usize, close: usize, depth: usize) -> Part {
        let mut items = Vec::new();
        let mut separator = ", ";
        let (mut start, mut at) = (open + 1, open + 1);
        while at <= close {
            if at == close || matches!(self.letters[at], ',' | ';') {
                let item = trimmed(self.parts(start, at, depth + 1));
                if !item.is_empty() {
                    items.push(item);
                }
                if self.letters[at] == ';' {
                    separator = "; ";
                }
                start = at + 1;
            }
            at = self.partners[at].filter(|_| at < close).unwrap_or(at) + 1;
        }
        Part::Group { open: self.letters[open], items, separator, close: self.letters[close] }
    }
}

/// Without the blanks at both ends.
fn trimmed(mut parts: Vec<Part>) -> Vec<Part> {
    if let Some(Part::Word(word)) = parts.first_mut() {
        *word = word.trim_start().to_owned();
    }
    if let Some(Part::Word(word)) = parts.last_mut() {
        *word = word.trim_end().to_owned();
    }
    parts.retain(|part| !matches!(part, Part::Word(word) if word.is_empty()));
    parts
}

fn write(parts: &[Part]) -> String {
    let mut out = String::new();
    for part in parts {
        match part {
            Part::Word(word) => out.push_str(word),
            Part::Group { open, items, separator, close } => {
                let items: Vec<String> = items.iter().map(|item| write(item)).collect();
                let (before, after) = match (*open, items.is_empty()) {
                    ('{', false) => (" ", " "),
                    _ => ("", ""),
                };
                out.push(*open);
                out.push_str(before);
                out.push_str(&items.join(separator));
                out.push_str(after);
                out.push(*close);
            }
        }
    }
    out
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn what_two_types_have_in_common_is_left_out() {
        let pair = compare(
            "{ pier: string; minutes: boolean; name: string }[]",
            "{ pier: string; minutes: number; name: string }[]",
        );
        assert_eq!(pair.one, "{ …; minutes: boolean; … }[]");
        assert_eq!(pair.other, "{ …; minutes: number; … }[]");
        assert_eq!(pair.differ, Some(("minutes: boolean".into(), "minutes: number".into())));
        let pair = compare("Map[String,List[Int]]", "Map[String,List[String]]");
        assert_eq!(
            (pair.one.as_str(), pair.differ),
            ("Map[String, List[Int]]", Some(("Int".into(), "String".into())))
        );
    }

    #[test]
    fn names_of_types_are_filled_in() {
        assert_eq!(
            plain("'Map<_K, _A>::Map() [with _K = Pier; _A = std::allocator<Pier>]' is gone"),
            "'Map<Pier>::Map()' is gone"
        );
    }

    #[test]
    fn types_that_differ_altogether_stay_whole() {
        let pair = compare("int", "const char *");
        assert_eq!(pair, Pair { one: "int".into(), other: "const char *".into(), differ: None });
    }

    #[test]
    fn long_types_lose_what_is_nested_deepest() {
        let long =
            "std::map<std::__cxx11::basic_string<char>, std::vector<int, std::allocator<int> > >";
        assert_eq!(plain(long), "std::map<std::string, std::vector<int>>");
        assert_eq!(shortened(long, 38), "std::map<std::string, std::vector<…>>");
        assert_eq!(shortened(long, 20), "std::map<…>");
        assert_eq!(
            shortened("(fare: number) => Promise<void>", 40),
            "(fare: number) => Promise<void>"
        );
    }

    #[test]
    fn marks_without_partners_do_no_harm() {
        let open = "<".repeat(5_000) + &"(".repeat(5_000);
        assert_eq!(plain(&open), open);
        assert!(shortened(&open, 20).chars().count() <= 20);
        let deep = "<".repeat(2_000) + &">".repeat(2_000);
        assert!(compare(&deep, &open).differ.is_none());
        assert_eq!(shortened("a < b", 10), "a < b");
    }
}
