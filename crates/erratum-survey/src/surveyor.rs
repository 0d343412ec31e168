//! Looking at hand-ins, one after the other, with a warm compiler for each language.

use crate::hand_in::HandIn;
use crate::memory::Ceiling;
use crate::record::{Mistake, Record, SCHEMA, State};
use erratum_compilers::Project;
use erratum_look::{Builder, Look, Session};
use erratum_repair::verdict::Root;
use std::collections::{HashMap, VecDeque};
use std::panic::{AssertUnwindSafe, catch_unwind};
use std::sync::Mutex;
use std::sync::mpsc::Sender;

/// How hand-ins are looked at.
#[derive(Clone, Copy)]
pub struct How<'a> {
    /// Makes the session of a compiler.
    pub builder: &'a (dyn Fn() -> Builder + Sync),
    /// The command that builds each hand-in, in a confined copy of its folder; empty for the compiler
    /// alone.
    pub build: &'a [String],
    /// Is told of each look, before its record is handed on.
    pub seen: &'a (dyn Fn(&HandIn, &Look) + Sync),
}

/// Looks at hand-ins.
pub struct Surveyor<'a> {
    how: How<'a>,
    /// For each language, the session of the last hand-in.
    sessions: HashMap<&'static str, Session>,
}

impl<'a> Surveyor<'a> {
    /// Starts without any compiler.
    pub fn new(how: How<'a>) -> Surveyor<'a> {
        Surveyor { how, sessions: HashMap::new() }
    }

    /// Looks at one. Whatever happens, there is a record of it.
    pub fn look(&mut self, hand_in: &HandIn) -> Record {
        // A fault costs this hand-in and its compiler, not the survey.
        let looked = catch_unwind(AssertUnwindSafe(|| self.try_look(hand_in)));
        let looked = looked.unwrap_or_else(|_| {
            self.sessions.clear();
            Err("the look ended by a fault of Erratum".to_owned())
        });
        let record = |state, failed, mistakes| Record {
            schema: SCHEMA.to_owned(),
            learner: hand_in.learner.clone(),
            language: hand_in.language.id.to_owned(),
            state,
            failed,
            mistakes,
            print: hand_in.print(self.how.build),
        };
        if let Ok(look) = &looked {
            (self.how.seen)(hand_in, look);
        }
        match looked {
            Ok(look) if look.verdict.errors() == 0 => record(State::Compiles, None, Vec::new()),
            Ok(look) => {
                let roots = look.verdict.roots.iter().filter(|root| !root.warning);
                let mistakes = roots.map(|root| mistake(hand_in, &look, root)).collect();
                record(State::Wrong, None, mistakes)
            }
            Err(why) => record(State::Failed, Some(why), Vec::new()),
        }
    }

    fn try_look(&mut self, hand_in: &HandIn) -> Result<Look, String> {
        let said = |error: &dyn std::fmt::Display| error.to_string();
        let language = hand_in.language;
        if !self.sessions.contains_key(language.id) {
            let builder = (self.how.builder)().files(&hand_in.files).language(Some(language));
            let session = builder.open().map_err(|error| said(&error))?;
            self.sessions.insert(language.id, session);
        }
        let Some(session) = self.sessions.get_mut(language.id) else {
            return Err("there is no compiler".to_owned());
        };
        if self.how.build.is_empty() {
            // What lies beside a hand-in is somebody else's.
            let alone = hand_in.files.first().and_then(|file| file.parent());
            let limit = hand_in.folder.as_deref().or(alone);
            let project = Project::open_within(&hand_in.files, Some(language), limit);
            let project = project.map_err(|error| said(&error))?;
            return session.look_at(project).map_err(|error| said(&error));
        }
        let Some(folder) = &hand_in.folder else {
            return Err("a build needs a folder of its own, and this is one file".to_owned());
        };
        let looked = session.look_at_copy(folder, &hand_in.files, language, self.how.build);
        looked.map_err(|error| said(&error))
    }
}

/// Looks at many, with so many compilers at work at a time, and hands the records on as they come. Where they
/// exceed the ceiling, fewer are at work, and those that wait keep no compiler.
pub fn all(
    hand_ins: Vec<HandIn>,
    workers: usize,
    ceiling: &Ceiling<'_>,
    how: How<'_>,
    done: &Sender<Record>,
) {
    let queue = Mutex::new(VecDeque::from(hand_ins));
    std::thread::scope(|scope| {
        for _ in 0..workers.max(1) {
            let (queue, done) = (&queue, done.clone());
            scope.spawn(move || {
                let mut surveyor = Surveyor::new(how);
                loop {
                    let _working = ceiling.enter(|| surveyor.sessions.clear());
                    let next = queue.lock().map_or(None, |mut queue| queue.pop_front());
                    let Some(hand_in) = next else { return };
                    if done.send(surveyor.look(&hand_in)).is_err() {
                        return;
                    }
                }
            });
        }
    });
}

fn mistake(hand_in: &HandIn, look: &Look, root: &Root) -> Mistake {
    let file = look.program.file(&root.at.file);
    Mistake {
        mistake: root.mistake.clone(),
        area: root.area,
        title: root.title.clone(),
        file: hand_in.shown_name(&root.at.file),
        line: root.at.line,
        text: file.map_or(String::new(), |file| file.line_text(root.at.line).trim().to_owned()),
        hidden: root.hidden,
        fix: root.fixes.first().map(|fix| fix.title.clone()),
    }
}
