//! The point of a long message: its decisive lines.

use super::types;
use crate::manner::Manner;
use crate::message::{Message, Note, Place};
use serde::Serialize;

/// How many lines the point of a message has at most, and how wide they are, in characters: what is
/// left of 80 columns beside the margin.
pub const LINES: usize = 3;
/// See [`LINES`].
pub const LINE: usize = 72;

/// A decisive line of a message.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Point {
    /// What it says, with types shortened.
    pub text: String,
    /// The place it talks about, if it is another than that of the message.
    pub at: Option<Place>,
}

/// What a remark is worth: the more, the more it decides. Forms with holes, as in the catalogue.
/// Seen with gcc 12, clang 14, rustc 1.9x, tsc 5.9, ghc 9.0, scalac 2.11 and javac 17.
const WORTH: &[(&str, u32)] = &[
    ("the following trait bounds were not satisfied:{*}", 9),
    ("for that trait implementation, expected {*}", 9),
    ("expected {*} found {*}", 8),
    ("{*}no type named 'type' in {*}", 1),
    ("the required expression {*}", 9),
    ("{*}nested requirement {*} is not satisfied{*}", 9),
    ("because {*}", 8),
    ("{*}the trait {*} is not implemented for {*}", 7),
    ("{*}no known conversion {*}", 7),
    ("{*}candidate expects {*} provided", 6),
    ("{*}deduced conflicting types {*}", 5),
    ("{*}required: {*}", 6),
    ("{*}reason: {*}", 7),
    ("{*} is implicitly deleted because {*}", 8),
    ("use of deleted function {*}", 6),
    ("{*}is not assignable to type{*}", 8),
    ("Property {*} is missing in type {*}", 8),
    ("{*} is missing the following properties from type {*}", 8),
    ("Object literal may only specify known properties{*}", 8),
    ("{*} are incompatible{*}", 6),
    ("{*}does not exist {*}", 7),
    ("In the {*} argument of {*}", 3),
    ("In a stmt of {*}", 3),
    ("In the expression: {*}", 2),
    ("required because {*}", 3),
    ("Possible fix: {*}", 4),
];

/// A remark that lists what else there is, or says where something of the library stands.
const LISTS: &[&str] = &[
    "candidate: ",
    "Relevant bindings",
    "the following other types",
    "required by a bound",
    "the method call chain",
    "template argument deduction",
    "function defined here",
    "there ",
    "These potential instances",
];

/// How many remarks of one form there may be for one of them to decide: of forty ways that do not
/// fit, none says what is wrong.
const MANY: usize = 4;

/// The decisive lines of a message, the most general first; nothing if the whole message is hardly
/// longer than its point would be.
pub fn point(message: &Message, compiler: &str) -> Vec<Point> {
    let rows = |text: &str| text.lines().map(|line| 1 + line.chars().count() / LINE).sum::<usize>();
    let notes = || message.notes.iter().filter(|note| !note.text.trim().is_empty());
    let whole = rows(&message.text) + notes().map(|note| rows(&note.text)).sum::<usize>();
    if whole <= LINES {
        return Vec::new();
    }
    let Some((text, at)) = decisive(message, compiler) else {
        return vec![Point { text: said(&message.text, LINES * LINE), at: None }];
    };
    // What decides comes whole before the rest does.
    let detail = said(&text, (LINES - 1) * LINE);
    let rows = detail.chars().count().div_ceil(LINE).max(1);
    let head = said(&message.text, (LINES - rows) * LINE);
    vec![Point { text: head, at: None }, Point { text: detail, at }]
}

/// The remark that decides, in one line, with its place.
fn decisive(message: &Message, compiler: &str) -> Option<(String, Option<Place>)> {
    let notes: Vec<(&Note, u32)> =
        message.notes.iter().filter_map(|note| Some((note, worth(&note.text)?))).collect();
    // A chain of reasons ends with the most particular one.
    let coded = message.code.as_deref().is_some_and(|code| Manner::of_code(code).chains);
    let chain = coded || Manner::of(compiler).chains;
    let best = notes.iter().map(|(_, worth)| *worth).max()?;
    let equal: Vec<&Note> = notes.iter().filter(|(_, w)| *w == best).map(|(n, _)| *n).collect();
    if !chain && equal.len() > MANY {
        return None;
    }
    let own = |note: &&&Note| note.at.as_ref().is_some_and(|at| !at.file.starts_with('/'));
    let chosen =
        if chain { *equal.last()? } else { equal.iter().find(own).copied().unwrap_or(equal[0]) };
    let text = one_line(&chosen.text);
    // Which member it is stands one step above in the chain.
    let place = message.notes.iter().position(|note| std::ptr::eq(note, chosen))?;
    let above = place.checked_sub(1).map(|at| message.notes[at].text.as_str());
    let member = above.filter(|_| chain).and_then(member);
    let text = member.map_or(text.clone(), |name| format!("{name}: {text}"));
    Some((text, chosen.at.clone()))
}

fn worth(text: &str) -> Option<u32> {
    let text = text.trim();
    // g++ gives the reasons as errors of their own behind this one.
    let no_reason = text.ends_with("would be ill-formed:");
    if no_reason || LISTS.iter().any(|start| text.starts_with(start)) {
        return None;
    }
    let flat = text.split_whitespace().collect::<Vec<_>>().join(" ");
    let padded = format!(" {flat}");
    let fits = |form: &str| {
        let text = if form.starts_with("{*}") { &padded } else { &flat };
        erratum_catalogue::fits(form, text).is_some()
    };
    WORTH.iter().find(|(form, _)| fits(form)).map(|(_, worth)| *worth)
}

/// The member that a step of a chain speaks of (tsc).
fn member(text: &str) -> Option<String> {
    let inner =
        text.strip_prefix("Types of property ").or_else(|| text.strip_prefix("The types of "))?;
    let name = inner.split('\'').nth(1)?;
    Some(format!("property '{name}'"))
}

/// A remark on one line: without what comes after its first thought (ghc goes on outwards).
fn one_line(text: &str) -> String {
    let flat = text.split_whitespace().collect::<Vec<_>>().join(" ");
    let inner = flat.find(" In the ").or_else(|| flat.find(" In an equation"));
    match inner.filter(|_| flat.starts_with("In ")) {
        Some(at) => flat[..at].to_owned(),
        None => flat,
    }
}

/// A sentence with the types in it shortened, in at most so many characters.
fn said(text: &str, most: usize) -> String {
    let flat = types::plain(&text.split_whitespace().collect::<Vec<_>>().join(" "));
    let pieces = quoted(&flat);
    let named: Vec<&str> = pieces.iter().filter(|(inner, _)| *inner).map(|(_, t)| *t).collect();
    let long = flat.chars().count() > most;
    let mut shorter: Vec<String> = named.iter().map(|text| (*text).to_owned()).collect();
    if let [one, other] = named[..]
        && long
    {
        let pair = types::compare(one, other);
        shorter = vec![pair.one, pair.other];
    }
    let outside: usize =
        pieces.iter().filter(|(inner, _)| !inner).map(|(_, text)| text.chars().count()).sum();
    let inside: usize = shorter.iter().map(|text| text.chars().count()).sum();
    if outside + inside > most && !shorter.is_empty() {
        let each = most.saturating_sub(outside) / shorter.len();
        shorter.iter_mut().for_each(|text| *text = types::shortened(text, each.max(12)));
    }
    let mut names = shorter.into_iter();
    let parts = pieces.into_iter().map(|(inner, text)| match inner {
        true => names.next().unwrap_or_default(),
        false => text.to_owned(),
    });
    let mut text: String = parts.collect();
    if text.chars().count() > most {
        let cut: String = text.chars().take(most.saturating_sub(2)).collect();
        // Not within a word, if there is a blank not far before.
        let blank = cut.rfind(' ').filter(|at| cut.len() - at < LINE / 2);
        text = format!("{} …", cut[..blank.unwrap_or(cut.len())].trim_end());
    }
    text
}

/// A text in pieces: what stands in quotes (without them), and what does not.
fn quoted(text: &str) -> Vec<(bool, &str)> {
    let letters: Vec<(usize, char)> = text.char_indices().collect();
    let mut pieces = Vec::new();
    let mut start = 0;
    let mut at = 0;
    while at < letters.len() {
        let (byte, letter) = letters[at];
        let free = at == 0 || !letters[at - 1].1.is_alphanumeric();
        let end = matches!(letter, '\'' | '`').then(|| {
            (at + 2..letters.len()).find(|end| {
                let next = letters.get(end + 1).map_or(' ', |(_, next)| *next);
                letters[*end].1 == letter
                    && !next.is_alphanumeric()
                    && next != letter
                    && !matches!(next, '"' | '[' | '<')
            })
        });
        match end.flatten().filter(|_| free) {
            Some(end) => {
                pieces.push((false, &text[start..byte + 1]));
                pieces.push((true, &text[byte + 1..letters[end].0]));
                start = letters[end].0;
                at = end + 1;
            }
            None => at += 1,
        }
    }
    pieces.push((false, &text[start..]));
    pieces
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::message::Severity;

    fn message(text: &str, notes: &[&str]) -> Message {
        let mut message = Message::new(Severity::Error, text);
        message.notes =
            notes.iter().map(|text| Note { text: (*text).to_owned(), at: None }).collect();
        message
    }

    fn lines(message: &Message, compiler: &str) -> Vec<String> {
        point(message, compiler).into_iter().map(|point| point.text).collect()
    }

    #[test]
    fn a_short_message_is_its_own_point() {
        assert!(point(&message("missing return value", &[]), "javac").is_empty());
    }

    #[test]
    fn the_last_of_a_chain_of_reasons_decides() {
        let chain = message(
            "Argument of type 'A' is not assignable to parameter of type 'B'.",
            &[
                "Types of property 'stops' are incompatible.",
                "Type '{ pier: string; minutes: boolean; }' is not assignable to type '{ pier: string; minutes: number; }'.",
                "Types of property 'minutes' are incompatible.",
                "Type 'boolean' is not assignable to type 'number'.",
            ],
        );
        let lines = lines(&chain, "tsc");
        assert_eq!(
            lines[1],
            "property 'minutes': Type 'boolean' is not assignable to type 'number'."
        );
    }

    #[test]
    fn of_many_candidates_none_decides() {
        let notes: Vec<String> = (0..20)
            .map(|n| format!("  no known conversion for argument 1 from 'Tide' to 'T{n}'"))
            .collect();
        let notes: Vec<&str> = notes.iter().map(String::as_str).collect();
        let many = message("no match for 'operator<<'", &notes);
        assert_eq!(lines(&many, "g++"), ["no match for 'operator<<'"]);
        let few = message(
            "no matching function for call to 'fare(const char [6], const char [6])'",
            &notes[..3],
        );
        assert_eq!(lines(&few, "g++")[1], "no known conversion for argument 1 from 'Tide' to 'T0'");
    }

    #[test]
    fn no_point_is_longer_than_its_lines() {
        let long = "type '".to_owned()
            + &"Map<String, ".repeat(200)
            + "' is not that of '"
            + &"é".repeat(400)
            + "'";
        for text in [long.as_str(), &"'".repeat(999), &"`a` ".repeat(300), &"x".repeat(999)] {
            let all = point(&message(text, &["Type 'a' is not assignable to type 'b'."]), "tsc");
            let rows: usize = all.iter().map(|p| p.text.chars().count().div_ceil(LINE)).sum();
            assert!(rows <= LINES, "{all:?}");
        }
    }
}
