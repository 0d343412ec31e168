//! One sound program with its compiler.

use erratum_catalogue::Catalogue;
use erratum_compilers::{Cache, Limits, Project, Session, Toolbox};
use erratum_repair::message::Message;
use erratum_repair::plant::Planted;
use erratum_repair::search::{Compile, Depth, Search, SeverityPolicy};
use erratum_syntax::edit::{self, Edit, PositionMap};
use erratum_syntax::language::Language;
use erratum_syntax::lex::Lexed;
use erratum_syntax::source::{Program, Source};
use std::collections::HashSet;
use std::error::Error;
use std::fs;
use std::path::{Path, PathBuf};
use std::sync::Arc;
use std::time::{Duration, Instant};

/// A sound program, and what is needed to compile copies of it.
pub struct Sample {
    pub source: Source,
    pub language: &'static Language,
    /// How long one check of the sound program takes.
    pub check: Duration,
    project: Project,
    toolbox: Toolbox,
    /// For questions about the truth, apart from the sessions that are measured.
    asked: Session,
    how: Start,
}

/// How the compilers of the measured sessions start.
#[derive(Clone, Default)]
pub struct Start {
    /// They are taken over from the session before: the times mean nothing then.
    pub warm: bool,
    /// They start from what is prepared in this cache.
    pub cache: Option<Arc<Cache>>,
}

/// A message without its numbers, and the line of the sound program it falls on.
type Key = (String, u32);

impl Sample {
    /// Opens a program. The compiler of the one before goes on to work, if compilers stay warm.
    pub fn new(
        path: &Path,
        language: &'static Language,
        how: Start,
        before: Option<Sample>,
    ) -> Result<Sample, Box<dyn Error>> {
        let project = Project::open(&[PathBuf::from(path)], Some(language))?;
        let name = path.file_name().map(|n| n.to_string_lossy().into_owned()).unwrap_or_default();
        let source = Source::new(name, fs::read(path)?);
        let toolbox = Toolbox::default();
        let mut check = Duration::MAX;
        let mut asked = session(&project, &toolbox, language, &source, None)?;
        if let Some(cache) = &how.cache {
            // It is there already for all programs but the first of a language.
            let _ = asked.prepare(cache);
        }
        if let Some(mut before) = before.filter(|_| how.warm) {
            asked.adopt(&mut before.asked);
        }
        for round in 0..2 {
            if round > 0 && !how.warm {
                asked = session(&project, &toolbox, language, &source, None)?;
            }
            let started = Instant::now();
            asked.first()?;
            check = check.min(started.elapsed());
        }
        Ok(Sample { source, language, check, project, toolbox, asked, how })
    }

    /// A fresh compiler for a copy of the program.
    pub fn session(&self, source: &Source) -> Result<Session, Box<dyn Error>> {
        session(&self.project, &self.toolbox, self.language, source, self.how.cache.clone())
    }

    /// Lends the warm compiler to a session, or takes it back.
    pub fn lend(&mut self, session: &mut Session, back: bool) {
        if self.how.warm {
            let (to, from) =
                if back { (&mut self.asked, session) } else { (session, &mut self.asked) };
            to.adopt(from);
        }
    }

    /// Whether anything is said of the sound program.
    pub fn alarm(&mut self) -> Result<bool, Box<dyn Error>> {
        let mut session = self.session(&self.source)?;
        self.lend(&mut session, false);
        let first = session.first()?;
        let program = Program::single(self.source.clone());
        let found =
            Search::new(&Catalogue::shipped(), &program, self.language, &session).run(first);
        self.lend(&mut session, true);
        Ok(!found.verdict.roots.is_empty())
    }

    /// The grave messages that a compile of a copy gives.
    fn messages(&self, program: &Program) -> Vec<Message> {
        let report = self.asked.compile(std::slice::from_ref(program), Depth::Full).remove(0);
        let all = report.map(|report| report.messages).unwrap_or_default();
        let policy = SeverityPolicy::usual(self.language);
        all.into_iter().filter(|message| policy.counts(message)).collect()
    }

    /// Whether the compiler has an objection to a slip.
    pub fn objects(&self, planted: &Planted) -> bool {
        !self.messages(&Program::single(planted.source.clone())).is_empty()
    }

    fn key(&self, message: &Message, program: &Program, edits: &[Edit]) -> Key {
        let text = message.text.chars().filter(|c| !c.is_ascii_digit()).collect();
        let line = message.at.as_ref().and_then(|at| {
            let offset = at.range(program.file(&at.file)?).0;
            Some(self.source.line_of(PositionMap::new(&at.file, edits).back(offset)))
        });
        (text, line.unwrap_or(0))
    }

    fn keys(&self, edits: &[Edit]) -> HashSet<Key> {
        let sound = Program::single(self.source.clone());
        let Ok(program) = edit::apply(&sound, edits) else { return HashSet::new() };
        self.messages(&program).iter().map(|m| self.key(m, &program, edits)).collect()
    }

    /// For each of some messages of the compile of a set: the mistake that it comes from. That is
    /// the only one that gives it when it is planted alone, else the only one without which it is
    /// gone; nothing where several or none have that claim.
    pub fn owners(&self, set: &[Planted], messages: &[&Message]) -> Vec<Option<usize>> {
        if set.len() == 1 {
            return vec![Some(0); messages.len()];
        }
        let edits = |wanted: &dyn Fn(usize) -> bool| -> Vec<Edit> {
            let some = set.iter().enumerate().filter(|(index, _)| wanted(*index));
            some.flat_map(|(_, planted)| planted.edits.iter().cloned()).collect()
        };
        let all = edits(&|_| true);
        let wrong = Program::single(set[0].source.clone());
        let alone: Vec<_> = (0..set.len()).map(|k| self.keys(&edits(&|i| i == k))).collect();
        let without: Vec<_> = (0..set.len()).map(|k| self.keys(&edits(&|i| i != k))).collect();
        let only =
            |claims: Vec<usize>| if claims.len() == 1 { claims.first().copied() } else { None };
        let owner = |message: &&Message| {
            let key = self.key(message, &wrong, &all);
            let gives = (0..set.len()).filter(|k| alone[*k].contains(&key)).collect();
            let needs = (0..set.len()).filter(|k| !without[*k].contains(&key)).collect();
            only(gives).or_else(|| only(needs))
        };
        messages.iter().map(owner).collect()
    }

    /// Whether a mended text is the sound one: the same tokens and comments in the same order,
    /// whatever the layout.
    pub fn is_restored(&self, mended: &Source) -> bool {
        let (a, b) = (Lexed::new(&self.source, self.language), Lexed::new(mended, self.language));
        let comments = |l: &Lexed| {
            l.comments
                .iter()
                .map(|t| l.text(t).split_whitespace().collect::<String>())
                .collect::<Vec<_>>()
        };
        a.words() == b.words() && comments(&a) == comments(&b)
    }
}

fn session(
    project: &Project,
    toolbox: &Toolbox,
    language: &'static Language,
    source: &Source,
    cache: Option<Arc<Cache>>,
) -> Result<Session, Box<dyn Error>> {
    let mut project = project.clone();
    // An empty folder: the other sample programs are no part of this one.
    project.root = std::env::temp_dir().join("erratum-bench-empty");
    fs::create_dir_all(&project.root)?;
    project.program = Program::single(source.clone());
    project.cargo = None;
    let found = toolbox.find(language, None)?;
    Ok(Session::new(project, found, Limits::default())?.with_cache(cache))
}
