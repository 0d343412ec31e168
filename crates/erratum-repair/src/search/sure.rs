//! When a fix is called sure: a promise to somebody who cannot check it.
//!
//! It is a rule, not a threshold. The fix keeps the meaning that the text shows; nothing is left that
//! speaks against it where it stands; no other reading is near.

use super::node::Node;
use super::words::words_of;
use crate::effect::brings_in;
use crate::message::Message;
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::language::Language;
use erratum_syntax::source::Program;

/// How much the rivals of a fix may weigh together.
pub(super) const RIVALS: f64 = 0.25;

/// The score before anything is compiled that a sure fix must have: what the text itself speaks against
/// is not sure because its message goes.
pub(super) const EXPECTED: f64 = -2.5;

/// How many bytes behind a change are looked at for the mark that comes next.
const NEAR_BEHIND: usize = 200;

/// The program as it was written and as the search has left it.
pub(super) struct AtEnd<'a> {
    pub original: &'a Program,
    pub node: &'a Node,
}

impl AtEnd<'_> {
    /// Returns whether the lines that edits change are free of trouble at the end: no error is left
    /// on them, and no other step had to mend there what the first compile did not report.
    pub fn settled(&self, edits: &[Edit], step: usize) -> bool {
        let lines = self.lines(edits);
        let here = |file: &str, line: u32| lines.iter().any(|(f, l)| f == file && *l == line);
        let sets = self.node.sets();
        let left = self.node.report.messages.iter().filter(|message| message.is_error());
        let stays = left.filter_map(|message| message.at.as_ref()).any(|at| {
            let Some(now) = self.node.program.file(&at.file) else { return false };
            let offset = edit::back(&at.file, at.range(now).0, &sets);
            self.original.file(&at.file).is_some_and(|file| here(&at.file, file.line_of(offset)))
        });
        !stays
            && !self.mended_again(step, &here)
            && !self.in_trouble(edits)
            && !self.may_be_element(edits)
            && !self.bracket_beside(edits, step)
    }

    /// Returns whether a change is of a kind of which another reading is as fair: of the sure changes on programs
    /// that people wrote wrong, 9 of 46 such were not what was meant, or only one way to write it.
    pub fn of_several(
        &self,
        mistake: MistakeId,
        edits: &[Edit],
        language: &'static Language,
    ) -> bool {
        let [edit] = edits else { return mistake == MistakeId::BareCondition };
        let Some(file) = self.original.file(&edit.file) else { return false };
        let old = file.slice(edit.start, edit.end);
        let behind = file.slice(edit.end, (edit.end + NEAR_BEHIND).min(file.bytes().len()));
        match mistake {
            // Where a name says nothing of what it belongs to, it may also be misspelt or left from another text.
            MistakeId::MissingImport => language.directives && language.namespace.is_empty(),
            // A condition may end elsewhere; the partner of a bracket may be what is missing; an object may be made
            // with `{}`, too.
            MistakeId::BareCondition | MistakeId::ExtraBracket | MistakeId::DeclaredFunction => {
                true
            }
            // All that is in the scope may have been meant to be used bare.
            MistakeId::MissingScope | MistakeId::MissingPrefix
                if edit.text.trim_end().ends_with("::") =>
            {
                let text = String::from_utf8_lossy(file.bytes());
                !text.contains(edit.text.trim())
            }
            // A mark before a closing bracket may go as well.
            MistakeId::MissingSeparator => {
                !old.trim().is_empty() && behind.trim_start().starts_with([')', ']', '}'])
            }
            // What makes an object may take values.
            MistakeId::Uncalled => {
                let before = file.slice(file.line_start(file.line_of(edit.start)), edit.start);
                let mut words = before.rsplit([' ', '(', '=']);
                words.next().is_some() && words.next() == Some("new")
            }
            MistakeId::WrongCase => language.is_type(edit.text.trim()),
            MistakeId::ForeignWord | MistakeId::ForeignMark => {
                let phrase = |text: &str| {
                    text.contains(|letter: char| !letter.is_alphanumeric() && letter != '_')
                };
                // Another member of the library may do what is meant as well.
                let before = file.slice(file.line_start(file.line_of(edit.start)), edit.start);
                let member = before.ends_with('.') || before.ends_with("->");
                let lower = old.trim().to_ascii_lowercase();
                let word = if language.any_case { lower.as_str() } else { old.trim() };
                language.foreign_loose.contains(&word)
                    || mistake == MistakeId::ForeignWord
                        && (member || phrase(old.trim()) && phrase(edit.text.trim()))
            }
            _ => false,
        }
    }

    /// Returns whether an arrow takes the place of the dot behind a name of which elements are asked elsewhere:
    /// `list.depth` may be `list[0].depth` as well as `list->depth`.
    fn may_be_element(&self, edits: &[Edit]) -> bool {
        let is_part = |letter: char| letter.is_alphanumeric() || letter == '_';
        edits.iter().any(|edit| {
            let file = self.original.file(&edit.file).filter(|_| edit.text == "->");
            let Some(file) = file.filter(|file| file.slice(edit.start, edit.end) == ".") else {
                return false;
            };
            let line = file.slice(file.line_start(file.line_of(edit.start)), edit.start);
            let start = line.rfind(|letter| !is_part(letter)).map_or(0, |at| at + 1);
            let name = line.get(start..).unwrap_or_default();
            let text = String::from_utf8_lossy(file.bytes());
            let element = format!("{name}[");
            let mut asked = text.match_indices(&element);
            !name.is_empty() && asked.any(|(at, _)| !text[..at].ends_with(is_part))
        })
    }

    /// Returns whether a bracket is put in or taken out right beside a mistake that stays unsolved: the
    /// compiler may only read on there because of the bracket.
    fn bracket_beside(&self, edits: &[Edit], step: usize) -> bool {
        let mistake = self.node.steps[step].taken().map(|taken| taken.candidate.mistake);
        let bracket = matches!(
            mistake,
            Some(
                MistakeId::MissingBracket | MistakeId::ExtraBracket | MistakeId::MismatchedBracket
            )
        );
        let lines = self.lines(edits);
        bracket
            && self.node.steps.iter().enumerate().any(|(number, other)| {
                let unsolved = other.taken().is_none() && number > step;
                let message = &other.report.messages[other.target];
                let at = self.line(message, number).filter(|_| unsolved);
                at.is_some_and(|(file, line)| {
                    lines.iter().any(|(f, l)| *f == file && (*l..=*l + 1).contains(&line))
                })
            })
    }

    /// Returns whether edits write a name in the place of another one, and a mistake that stays unsolved,
    /// or an error that is left, names one of the two: then it is not known which of them is meant.
    fn in_trouble(&self, edits: &[Edit]) -> bool {
        let name = |text: &str| {
            let mut letters = text.chars();
            let first =
                letters.next().is_some_and(|letter| letter.is_alphabetic() || letter == '_');
            first && letters.all(|letter| letter.is_alphanumeric() || letter == '_')
        };
        let swapped: Vec<String> = edits
            .iter()
            .filter_map(|edit| {
                let file = self.original.file(&edit.file)?;
                let old = String::from_utf8_lossy(file.bytes().get(edit.start..edit.end)?);
                (name(&old) && name(&edit.text)).then(|| [old.into_owned(), edit.text.clone()])
            })
            .flatten()
            .collect();
        if swapped.is_empty() {
            return false;
        }
        if self.of_doubted_object(edits) {
            return true;
        }
        let unsolved = self.node.steps.iter().filter(|step| step.taken().is_none());
        let unsolved = unsolved.filter_map(|step| step.report.messages.get(step.target));
        let left = self.node.report.messages.iter().filter(|message| message.is_error());
        unsolved.chain(left).any(|message| {
            // Some languages take names in any case.
            words_of(message)
                .into_iter()
                .any(|word| swapped.iter().any(|one| one.eq_ignore_ascii_case(word)))
        })
    }

    /// Returns whether a member gets another name on an object whose other members are told of, too, and stay
    /// unsolved: it may be that the object is of another type.
    fn of_doubted_object(&self, edits: &[Edit]) -> bool {
        let is_part = |letter: &char| letter.is_alphanumeric() || *letter == '_';
        let objects: Vec<String> = edits
            .iter()
            .filter_map(|edit| {
                let file = self.original.file(&edit.file)?;
                let line = file.slice(file.line_start(file.line_of(edit.start)), edit.start);
                let before = line.strip_suffix('.')?;
                let name: Vec<char> = before.chars().rev().take_while(is_part).collect();
                (!name.is_empty()).then(|| name.into_iter().rev().collect())
            })
            .collect();
        self.node.steps.iter().enumerate().any(|(number, step)| {
            let message = step.report.messages.get(step.target).filter(|_| step.taken().is_none());
            let place = message.and_then(|message| self.line(message, number));
            let text = place.and_then(|(file, line)| {
                Some(self.original.file(&file)?.line_text(line).into_owned())
            });
            text.is_some_and(|text| objects.iter().any(|name| text.contains(&format!("{name}."))))
        })
    }

    /// Returns whether another step mends, on the same lines, what came up only on the way.
    fn mended_again(&self, step: usize, here: &dyn Fn(&str, u32) -> bool) -> bool {
        if self.joint_on(step, here) {
            return true;
        }
        self.node.steps.iter().enumerate().any(|(number, other)| {
            let message = &other.report.messages[other.target];
            number != step
                && self.of_marks(step)
                && self.of_marks(number)
                && other.origin[other.target].is_none()
                && self.line(message, number).is_some_and(|(file, line)| here(&file, line))
        })
    }

    /// Returns whether a step changes marks: two such changes may only make up for each other.
    fn of_marks(&self, step: usize) -> bool {
        let Some(taken) = self.node.steps[step].taken() else { return true };
        let mistake = taken.candidate.mistake;
        let spelt = matches!(
            mistake,
            MistakeId::MisspeltName
                | MistakeId::WrongCase
                | MistakeId::MisspeltKeyword
                | MistakeId::ForeignWord
        );
        // A word in the place of a word; what is written anew with its marks is more than spelling.
        let word = |edit: &Edit| {
            edit.text
                .trim()
                .chars()
                .all(|c| c.is_alphanumeric() || c == '_' || c == ':' || c == '"')
        };
        let spelt = spelt && taken.candidate.edits.iter().all(word);
        !spelt && !brings_in(mistake)
    }

    /// Returns whether several parts of a step's fix fall on the same lines: each only makes up for
    /// another.
    fn joint_on(&self, step: usize, here: &dyn Fn(&str, u32) -> bool) -> bool {
        let Some(taken) = self.node.steps[step].taken() else { return false };
        let mut sets: Vec<&[Edit]> = Vec::new();
        let mut parts = 0;
        for part in taken.candidate.parts() {
            let touches = part.edits.iter().any(|edit| {
                let within = edit::back(&edit.file, edit.start, &sets);
                let offset = self.node.back(&edit.file, within, step);
                let file = self.original.file(&edit.file);
                file.is_some_and(|file| here(&edit.file, file.line_of(offset)))
            });
            parts += usize::from(touches);
            sets.push(&part.edits);
        }
        parts > 1
    }

    /// The line of a message of a step, in the file as the learner has it.
    fn line(&self, message: &Message, step: usize) -> Option<(String, u32)> {
        let at = message.at.as_ref()?;
        let before = self.node.steps[step].before.file(&at.file)?;
        let offset = self.node.back(&at.file, at.range(before).0, step);
        Some((at.file.clone(), self.original.file(&at.file)?.line_of(offset)))
    }

    fn lines(&self, edits: &[Edit]) -> Vec<(String, u32)> {
        let of = |edit: &Edit| {
            let file = self.original.file(&edit.file)?;
            Some((edit.file.clone(), file.line_of(edit.start), file.line_of(edit.end)))
        };
        let spans = edits.iter().filter_map(of);
        spans.flat_map(|(file, a, b)| (a..=b).map(move |line| (file.clone(), line))).collect()
    }
}
