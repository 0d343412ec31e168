//! An exercise as files, for people who work without the command, and for those who hand exercises out.
//!
//! A folder has the broken program, what the compiler says (`messages.txt`), a page for the answers
//! (`answer.txt`), and `exercise.json`, in which the solution is sealed: not hidden from somebody who
//! wants to cheat, but not to be read by accident.

use crate::Error;
use crate::exercise::Exercise;
use crate::kind::Offered;
use base64::Engine;
use base64::engine::general_purpose::STANDARD;
use erratum_repair::message::Message;
use erratum_repair::plant::Planted;
use erratum_repair::search::Report;
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::language::by_id;
use erratum_syntax::source::{Program, Source};
use serde::{Deserialize, Serialize};
use std::fmt::Write;

/// The name and version of the form of [`Sheet`].
pub const SCHEMA: &str = "erratum/exercise/1";
/// The file with the sheet.
pub const SHEET: &str = "exercise.json";
/// The file with the compiler's words.
pub const MESSAGES: &str = "messages.txt";
/// The file for the answers.
pub const ANSWER: &str = "answer.txt";

/// What an exercise asks, as JSON.
#[derive(Clone, Debug, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Sheet {
    /// The name and version of this form.
    pub schema: String,
    /// The language, by its short name.
    pub language: String,
    /// The name of the broken program.
    pub file: String,
    /// Its text.
    pub text: String,
    /// What the compiler says, each with its line, from 1.
    pub messages: Vec<Said>,
    /// The kinds to choose from, in order: the first has the letter `a`.
    pub kinds: Vec<Offered>,
    /// What decided among the places: the same seed makes the same exercise.
    pub seed: u64,
    /// The solution.
    pub sealed: String,
    /// The checksum of the solution, with the text.
    pub checksum: u32,
}

/// One message.
#[derive(Clone, Debug, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Said {
    /// The line it names, from 1, if it names one.
    pub line: Option<u32>,
    /// What it says.
    pub text: String,
}

#[derive(Serialize, Deserialize)]
struct Solution {
    sound: String,
    slips: Vec<Slip>,
}

#[derive(Serialize, Deserialize)]
struct Slip {
    kind: String,
    edits: Vec<(usize, usize, String)>,
    reverse: Vec<(usize, usize, String)>,
    lines: Vec<u32>,
}

impl Sheet {
    /// Writes an exercise down.
    ///
    /// # Errors
    /// If a text of it is no UTF-8.
    pub fn new(exercise: &Exercise, kinds: Vec<Offered>, seed: u64) -> Result<Sheet, Error> {
        let text = |source: &Source| {
            String::from_utf8(source.bytes().to_vec())
                .map_err(|_| Error::Folder(format!("{} is no UTF-8 text", source.name())))
        };
        let plain = |edits: &[Edit]| {
            edits.iter().map(|edit| (edit.start, edit.end, edit.text.clone())).collect()
        };
        let slips = exercise.slips.iter().map(|one| Slip {
            kind: one.kind.to_owned(),
            edits: plain(&one.edits),
            reverse: plain(&one.reverse),
            lines: one.lines.clone(),
        });
        let solution = Solution { sound: text(&exercise.sound)?, slips: slips.collect() };
        let json = serde_json::to_string(&solution)
            .map_err(|error| Error::Folder(format!("the solution cannot be written: {error}")))?;
        let sealed = STANDARD.encode(json);
        let text = text(exercise.broken())?;
        let said = |message: &Message| Said { line: message.line(), text: message.text.clone() };
        Ok(Sheet {
            schema: SCHEMA.to_owned(),
            language: exercise.language.id.to_owned(),
            file: exercise.broken().name().to_owned(),
            checksum: checksum(&text, &sealed),
            text,
            messages: exercise.errors().map(said).collect(),
            kinds,
            seed,
            sealed,
        })
    }

    /// Reads a sheet, and takes the exercise out of it. What the compiler says is what it said.
    ///
    /// # Errors
    /// [`Error::Folder`] if it was edited, or is of another version.
    pub fn open(json: &str) -> Result<(Sheet, Exercise), Error> {
        let broken =
            |what: &str| Error::Folder(format!("{SHEET} {what}. Make the exercise again."));
        let sheet: Sheet = serde_json::from_str(json)
            .map_err(|error| broken(&format!("cannot be read: {error}")))?;
        if sheet.schema != SCHEMA {
            return Err(broken(&format!("has the form {}, and not {SCHEMA}", sheet.schema)));
        }
        if sheet.checksum != checksum(&sheet.text, &sheet.sealed) {
            return Err(broken("was edited"));
        }
        let language =
            by_id(&sheet.language).ok_or_else(|| broken("names a language that is not known"))?;
        let solution = STANDARD.decode(&sheet.sealed).ok();
        let solution: Option<Solution> =
            solution.and_then(|json| serde_json::from_slice(&json).ok());
        let solution = solution.ok_or_else(|| broken("has a solution that cannot be read"))?;
        let source = |text: &str| Source::new(sheet.file.as_str(), text.as_bytes());
        let sound = source(&solution.sound);
        let edits = |plain: &[(usize, usize, String)]| -> Vec<Edit> {
            let edit = |(start, end, text): &(usize, usize, String)| {
                Edit::replace(&sheet.file, *start, *end, text.as_str())
            };
            plain.iter().map(edit).collect()
        };
        let slips: Option<Vec<Planted>> = solution
            .slips
            .iter()
            .map(|slip| {
                Some(Planted {
                    kind: crate::kind::named(&slip.kind)?.name,
                    edits: edits(&slip.edits),
                    reverse: edits(&slip.reverse),
                    source: source(&sheet.text),
                    lines: slip.lines.clone(),
                })
            })
            .collect();
        let slips = slips.filter(|slips| !slips.is_empty());
        let slips = slips.ok_or_else(|| broken("has a solution that cannot be read"))?;
        let all: Vec<Edit> = slips.iter().flat_map(|one| one.edits.clone()).collect();
        let again = edit::apply(&Program::single(sound.clone()), &all);
        if again.map_or(true, |program| program.files[0].bytes() != sheet.text.as_bytes()) {
            return Err(broken("was edited"));
        }
        let report = Report { messages: Vec::new(), exit: None, dropped: 0 };
        let exercise = Exercise { language, sound, slips, report, compiles: 0 };
        Ok((sheet, exercise))
    }

    /// What the compiler says, as text.
    pub fn messages_text(&self) -> String {
        let mut text = String::new();
        for said in &self.messages {
            let _ = match said.line {
                Some(line) => writeln!(text, "{}, line {line}: {}", self.file, said.text),
                None => writeln!(text, "{}", said.text),
            };
        }
        text
    }

    /// The page for the answers.
    pub fn answer_text(&self) -> String {
        let mut text = format!(
            "# {} does not compile. {MESSAGES} has what the compiler says.\n\
             # Write your answers behind the colons, and mend {} itself.\n\n\
             # Which line is at fault? Write its number.\nline:\n\n\
             # What kind of slip is it? Write its letter.\n",
            self.file, self.file
        );
        for (letter, kind) in letters().zip(&self.kinds) {
            let _ = writeln!(text, "#   {letter}  {}", kind.words);
        }
        text + "kind:\n"
    }
}

/// The letters of the kinds, in order.
pub fn letters() -> impl Iterator<Item = char> {
    'a'..='z'
}

/// The answers on a page.
#[derive(Clone, Debug, Default, PartialEq, Eq)]
pub struct Answers {
    /// The line, from 1.
    pub line: Option<u32>,
    /// The kind, by its place among those that are offered, from 0.
    pub kind: Option<usize>,
}

impl Answers {
    /// Reads a page; what is left open is nothing.
    ///
    /// # Errors
    /// [`Error::Folder`] if an answer is none.
    pub fn read(page: &str) -> Result<Answers, Error> {
        let mut answers = Answers::default();
        for line in page.lines().filter(|line| !line.trim_start().starts_with('#')) {
            let Some((name, value)) = line.split_once(':') else { continue };
            let value = value.trim();
            if value.is_empty() {
                continue;
            }
            let bad = |wanted: &str| {
                Error::Folder(format!("{ANSWER}: `{}: {value}` is no {wanted}", name.trim()))
            };
            match name.trim() {
                "line" => {
                    answers.line = Some(value.parse().map_err(|_| bad("number of a line"))?);
                }
                "kind" => answers.kind = Some(letter(value).ok_or_else(|| bad("letter"))?),
                _ => {}
            }
        }
        Ok(answers)
    }
}

/// The place of a letter, from 0.
pub fn letter(text: &str) -> Option<usize> {
    let mut all = text.trim().chars();
    let first = all.next()?.to_ascii_lowercase();
    letters().position(|one| one == first).filter(|_| all.next().is_none())
}

fn checksum(text: &str, sealed: &str) -> u32 {
    crc32fast::hash(format!("{text}\u{0}{sealed}").as_bytes())
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_repair::plant::plant;

    fn exercise() -> Exercise {
        let language = by_id("c").unwrap();
        let sound = crate::programs::of(language).remove(0);
        let slip = crate::kind::named("lost-terminator").unwrap();
        let slips = vec![plant(&sound, language, slip, 3).unwrap()];
        let report = Report { messages: Vec::new(), exit: Some(1), dropped: 0 };
        Exercise { language, sound, slips, report, compiles: 2 }
    }

    #[test]
    fn what_was_sealed_comes_out_again() {
        let made = exercise();
        let sheet = Sheet::new(&made, Vec::new(), 3).unwrap();
        assert!(!sheet.sealed.contains("lost-terminator"));
        let json = serde_json::to_string(&sheet).unwrap();
        let (_, opened) = Sheet::open(&json).unwrap();
        assert_eq!(opened.sound.bytes(), made.sound.bytes());
        assert_eq!(opened.broken().bytes(), made.broken().bytes());
        assert_eq!(opened.lines(), made.lines());
        assert_eq!(opened.slips[0].reverse, made.slips[0].reverse);
    }

    #[test]
    fn a_sheet_that_was_edited_is_seen_to_be() {
        let sheet = Sheet::new(&exercise(), Vec::new(), 3).unwrap();
        let refused = |sheet: &Sheet| {
            let json = serde_json::to_string(sheet).unwrap();
            Sheet::open(&json).unwrap_err().to_string()
        };
        let other = Sheet { text: sheet.text.replace("return", "retrun"), ..sheet.clone() };
        assert!(refused(&other).contains("was edited"));
        let newer = Sheet { schema: "erratum/exercise/9".into(), ..sheet.clone() };
        assert!(refused(&newer).contains("erratum/exercise/9"));
        assert!(Sheet::open("{").unwrap_err().to_string().contains("cannot be read"));
    }

    #[test]
    fn answers_are_read_and_nonsense_is_named() {
        let page = "# line: 3\nline: 12\nkind:  B\n";
        assert_eq!(Answers::read(page).unwrap(), Answers { line: Some(12), kind: Some(1) });
        assert_eq!(Answers::read("line:\nkind:\n").unwrap(), Answers::default());
        assert!(Answers::read("line: twelve\n").is_err());
        assert!(Answers::read("kind: ab\n").is_err());
    }
}
