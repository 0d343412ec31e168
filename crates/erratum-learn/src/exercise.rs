//! Making exercises: a slip is planted, and the compiler must object.

use crate::Error;
use crate::kind;
use erratum_look::Session;
use erratum_repair::message::{Message, Severity};
use erratum_repair::plant::{Planted, Slip, plant, plant_set};
use erratum_repair::search::{Report, SeverityPolicy};
use erratum_syntax::language::Language;
use erratum_syntax::source::{Program, Source};

/// How many places are tried before a program is said to have none.
const ATTEMPTS: u64 = 40;

/// What an exercise is asked to be.
#[derive(Clone, Debug, Default)]
pub struct Wanted {
    /// The kind of slip; without one, the commonest that fits.
    pub kind: Option<String>,
    /// Kinds to try first, in this order.
    pub first: Vec<String>,
    /// The line of the sound program, from 1, on which it is made.
    pub line: Option<u32>,
    /// How many slips; 0 and 1 are one.
    pub slips: usize,
    /// Whether the compiler must name another line than the one at fault, or must not.
    pub hidden: Option<bool>,
    /// What decides among the places.
    pub seed: u64,
}

/// A program that was broken on purpose.
#[derive(Clone, Debug)]
pub struct Exercise {
    /// The language.
    pub language: &'static Language,
    /// The sound program.
    pub sound: Source,
    /// What was done to it.
    pub slips: Vec<Planted>,
    /// What the compiler says of the broken program.
    pub report: Report,
    /// How often a copy was compiled to make it.
    pub compiles: usize,
}

impl Exercise {
    /// The broken program.
    pub fn broken(&self) -> &Source {
        &self.slips[0].source
    }

    /// The messages that say that it is broken.
    pub fn errors(&self) -> impl Iterator<Item = &Message> {
        self.report.messages.iter().filter(|message| message.is_error())
    }

    /// The lines, from 1, on which a person would look for the slips.
    pub fn lines(&self) -> Vec<u32> {
        let mut lines: Vec<u32> = self.slips.iter().flat_map(|one| one.lines.clone()).collect();
        lines.sort_unstable();
        lines.dedup();
        lines
    }

    /// Whether the compiler's first message names none of the lines at fault.
    pub fn hides(&self) -> bool {
        let lines = self.lines();
        let first = self.errors().find_map(Message::line);
        first.is_none_or(|line| !lines.contains(&line))
    }
}

/// Makes exercises from one program, with one compiler at work.
pub struct Maker<'a> {
    session: &'a mut Session,
    language: &'static Language,
    sound: Source,
    compiles: usize,
}

impl<'a> Maker<'a> {
    /// Starts with a session that is open for one sound program.
    ///
    /// # Errors
    /// [`Error::NotSound`] if it does not compile; what the session fails with.
    pub fn new(session: &'a mut Session) -> Result<Maker<'a>, Error> {
        let project = session.project()?;
        let (language, sound) = (project.language, project.program.files[0].clone());
        let look = session.look_at(project)?;
        let wrong = look.verdict.messages.iter().find(|told| told.severity == Severity::Error);
        if let Some(told) = wrong {
            let line = told.at.as_ref().map_or(0, |at| at.line);
            return Err(Error::NotSound {
                file: sound.name().to_owned(),
                line,
                text: told.text.clone(),
            });
        }
        Ok(Maker { session, language, sound, compiles: 1 })
    }

    /// Makes the exercise that is wanted.
    ///
    /// # Errors
    /// [`Error::UnknownKind`], and [`Error::NoPlace`] if the compiler has no objection wherever it is
    /// tried.
    pub fn make(&mut self, wanted: &Wanted) -> Result<Exercise, Error> {
        let before = self.compiles;
        let found = if wanted.slips > 1 { self.set(wanted)? } else { self.one(wanted)? };
        let (slips, report) = found.ok_or_else(|| Error::NoPlace {
            file: self.sound.name().to_owned(),
            what: match (&wanted.kind, wanted.line) {
                (Some(kind), Some(line)) => format!("{kind} on line {line}"),
                (Some(kind), None) => kind.clone(),
                (None, Some(line)) => format!("a slip on line {line}"),
                (None, None) => "such a slip".to_owned(),
            },
        })?;
        let first = if before == 1 { 1 } else { 0 };
        Ok(Exercise {
            language: self.language,
            sound: self.sound.clone(),
            slips,
            report,
            compiles: self.compiles - before + first,
        })
    }

    fn one(&mut self, wanted: &Wanted) -> Result<Option<(Vec<Planted>, Report)>, Error> {
        let slips = self.slips(wanted)?;
        for slip in slips {
            let mut tried: Vec<Source> = Vec::new();
            for attempt in 0..ATTEMPTS {
                let seed = wanted.seed.wrapping_mul(ATTEMPTS).wrapping_add(attempt);
                let Some(planted) = plant(&self.sound, self.language, slip, seed) else { break };
                let here = wanted.line.is_none_or(|line| self.touches(&planted, line));
                if !here || tried.iter().any(|one| one.bytes() == planted.source.bytes()) {
                    continue;
                }
                // A program has few places that differ in what the compiler says of them.
                if tried.len() >= 4 {
                    break;
                }
                tried.push(planted.source.clone());
                let report = self.report(&planted.source)?;
                let made = (vec![planted], report);
                if self.objects(&made.1)
                    && wanted.hidden.is_none_or(|hidden| hidden == self.hides(&made))
                {
                    return Ok(Some(made));
                }
            }
        }
        Ok(None)
    }

    fn set(&mut self, wanted: &Wanted) -> Result<Option<(Vec<Planted>, Report)>, Error> {
        let (sound, language) = (self.sound.clone(), self.language);
        let mut failed = None;
        let mut objects = |planted: &Planted| {
            kind::mistake(planted.kind).is_some()
                && match self.report(&planted.source) {
                    Ok(report) => self.objects(&report),
                    Err(error) => {
                        failed = Some(error);
                        false
                    }
                }
        };
        let planted = plant_set(&sound, language, wanted.slips, wanted.seed, &mut objects);
        if let Some(error) = failed {
            return Err(error);
        }
        let Some(planted) = planted else { return Ok(None) };
        let report = self.report(&planted[0].source)?;
        Ok(Some((planted, report)))
    }

    /// The slips to try, in order.
    fn slips(&self, wanted: &Wanted) -> Result<Vec<&'static Slip>, Error> {
        let known = |name: &str| kind::named(name).ok_or(Error::UnknownKind(name.to_owned()));
        if let Some(kind) = &wanted.kind {
            return Ok(vec![known(kind)?]);
        }
        let mut all: Vec<&'static Slip> = Vec::new();
        for name in &wanted.first {
            all.push(known(name)?);
        }
        let mut rest: Vec<&'static Slip> = kind::usual(self.language).collect();
        rest.retain(|slip| !all.iter().any(|one| one.name == slip.name));
        if wanted.first.is_empty() {
            let mut random = fastrand::Rng::with_seed(wanted.seed);
            random.shuffle(&mut rest);
        }
        all.extend(rest);
        Ok(all)
    }

    fn touches(&self, planted: &Planted, line: u32) -> bool {
        planted.edits.iter().any(|edit| {
            let lines = self.sound.line_of(edit.start)..=self.sound.line_of(edit.end);
            lines.contains(&line)
        })
    }

    fn hides(&self, (slips, report): &(Vec<Planted>, Report)) -> bool {
        let first = report.messages.iter().filter(|one| one.is_error()).find_map(Message::line);
        first.is_none_or(|line| !slips.iter().any(|one| one.lines.contains(&line)))
    }

    fn report(&mut self, source: &Source) -> Result<Report, Error> {
        self.compiles += 1;
        Ok(self.session.report(&Program::single(source.clone()))?)
    }

    fn objects(&self, report: &Report) -> bool {
        let policy = SeverityPolicy::usual(self.language);
        report.messages.iter().any(|message| message.is_error() && policy.counts(message))
    }
}
