//! The chain: one mistake after the other, each mended in the copy that the ones before left.

use super::compare::{Difference, compare};
use super::trial::{Memory, Setting, Tried, try_all, warns};
use super::{Compile, Depth, Found, Limits, Report, is_grave};
use crate::catalogue::{self, Phase, Shown, Words};
use crate::describe::describe;
use crate::edit::{self, Edit, PositionMap};
use crate::language::Language;
use crate::lex::TokenKind;
use crate::message::{Message, Place};
use crate::propose::{self, Candidate, Case, Certainty, Text};
use crate::source::Program;
use crate::verdict::{Change, Evidence, Fix, Role, Root, SCHEMA, Told, Verdict};
use std::collections::{HashMap, HashSet};
use std::sync::Arc;

/// A fix whose runner-up is this close is one of two fair readings.
const CLOSE: f64 = 0.4;

/// A fix this much behind the best is not worth showing beside it.
const ALTERNATIVE: f64 = 3.0;

/// Whether a fix is worth showing beside the best: the compiler has nothing to say against it.
fn is_fair(tried: &Tried, best: &Tried) -> bool {
    !tried.objection && tried.total > best.total - ALTERNATIVE
}

pub(super) struct Chain<'a> {
    original: &'a Program,
    language: &'static Language,
    limits: Limits,
    memory: Memory<'a>,
    compile: &'a dyn Compile,
    /// The text as it is now, with what the compiler says of it.
    program: Program,
    report: Arc<Report>,
    /// The edits of each step, in the coordinates of the text before that step.
    steps: Vec<Vec<Edit>>,
    /// For each message now: its number in the first compile, if it was there.
    origin: Vec<Option<usize>>,
    told: Vec<Told>,
    roots: Vec<Root>,
    /// Messages now (by index) that were given up.
    given_up: HashSet<usize>,
    texts: HashMap<String, (Arc<[u8]>, Arc<Text>)>,
}

impl<'a> Chain<'a> {
    pub fn new(
        program: &'a Program,
        language: &'static Language,
        first: Report,
        compile: &'a dyn Compile,
        limits: Limits,
    ) -> Chain<'a> {
        let told = super::judge::told(&first);
        let origin = (1..=first.messages.len()).map(Some).collect();
        let report = Arc::new(first);
        let mut memory = Memory::new(compile);
        memory.remember(program, Depth::Full, report.clone());
        memory.remember(program, Depth::Errors, report.clone());
        Chain {
            original: program,
            language,
            limits,
            memory,
            compile,
            program: program.clone(),
            report,
            steps: Vec::new(),
            origin,
            told,
            roots: Vec::new(),
            given_up: HashSet::new(),
            texts: HashMap::new(),
        }
    }

    pub fn run(mut self) -> Found {
        let mut complete = true;
        while let Some(target) = self.next_target() {
            if self.compile.expired() || self.roots.len() >= self.limits.roots {
                complete = false;
                break;
            }
            self.step(target);
        }
        let mended = !self.report.messages.iter().any(Message::is_error)
            && self.roots.iter().all(|root| root.warning || !root.fixes.is_empty());
        let dropped = self.report.dropped;
        let verdict = Verdict {
            schema: SCHEMA,
            build: Default::default(),
            messages: self.told,
            roots: self.roots,
            complete,
            mended,
            compiles: self.memory.compiles,
            dropped,
        };
        Found { verdict, mended: self.program }
    }

    /// The message to mend next: what spoils the reading of the text first, then errors as they
    /// came, then warnings that tell of a mistake.
    fn next_target(&mut self) -> Option<usize> {
        let messages = self.report.messages.clone();
        let open = |index: &usize| !self.given_up.contains(index);
        let of = |wanted: &dyn Fn(&Message) -> bool| {
            (0..messages.len()).filter(open).find(|index| wanted(&messages[*index]))
        };
        let compiler = self.compile.compiler().to_owned();
        let lexical = |m: &Message| {
            m.is_error()
                && catalogue::phase(m, &catalogue::shown_by(m, &compiler), &compiler)
                    == Phase::Lexical
        };
        let error = of(&lexical).or_else(|| of(&Message::is_error));
        error.or_else(|| {
            let found = of(&|m: &Message| self.limits.warnings && is_grave(m, self.language));
            found.filter(|_| !messages.iter().any(Message::is_error))
        })
    }

    fn text(&mut self, name: &str) -> Option<Arc<Text>> {
        if self.program.file(name).is_none() {
            let source = self.compile.source(name)?;
            self.program.set(source);
        }
        let source = self.program.file(name)?;
        if let Some((bytes, text)) = self.texts.get(name)
            && bytes.as_ref() == source.bytes()
        {
            return Some(text.clone());
        }
        let text = Arc::new(Text::new(source, self.language));
        self.texts.insert(name.to_owned(), (source.bytes().into(), text.clone()));
        Some(text)
    }

    /// The file a message is about: where it points, or the program's first.
    fn file_of(&self, message: &Message) -> String {
        let first = self.program.files.first().map_or(String::new(), |file| file.name().to_owned());
        message.at.as_ref().map_or(first, |at| at.file.clone())
    }

    fn step(&mut self, target: usize) {
        let report = self.report.clone();
        let message = &report.messages[target];
        let compiler = self.compile.compiler().to_owned();
        let shown = catalogue::shown_by(message, &compiler);
        let phase = catalogue::phase(message, &shown, &compiler);
        let file = self.file_of(message);
        let Some(text) = self.text(&file) else {
            self.give_up(target, &shown, None);
            return;
        };
        let program = self.program.clone();
        let setting = Setting {
            program: &program,
            text: &text,
            language: self.language,
            report: &report,
            target,
            phase,
            compiler: &compiler,
        };
        let case = Case::new(&program, text.clone(), message, &report.messages, &shown, phase);
        let candidates = case.as_ref().map(propose::candidates).unwrap_or_default();
        let held = try_all(&setting, candidates, &mut self.memory);
        if held.first().is_some_and(|best| best.total > 0.0) {
            self.accept(target, held, &shown);
            return;
        }
        let off = case.as_ref().and_then(|case| self.switch_off(case, &setting));
        self.give_up(target, &shown, off);
    }

    /// Takes the best fix as done and tells what went with it.
    fn accept(&mut self, target: usize, mut held: Vec<Tried>, shown: &[Shown]) {
        let close = held.len() > 1 && held[0].total - held[1].total < CLOSE;
        if close && held[0].candidate.mistake != held[1].candidate.mistake {
            held[0].candidate.certainty = Certainty::Guess;
        }
        let best = held[0].clone();
        let fixes: Vec<Fix> = held
            .iter()
            .enumerate()
            .filter(|(index, tried)| *index == 0 || is_fair(tried, &best))
            .map(|(_, tried)| tried)
            .take(1 + self.limits.alternatives)
            .enumerate()
            .map(|(index, tried)| self.fix(index + 1, tried))
            .collect();
        let mistake = best.candidate.mistake.to_owned();
        let at = self.faulty_place(&best.candidate.edits);
        let root =
            self.root(target, &best.difference, (mistake, at), shown, fixes, Some(&best.candidate));
        self.roots.push(root);
        self.advance(best.program, best.report, best.candidate.edits);
    }

    fn root(
        &mut self,
        target: usize,
        difference: &Difference,
        (mistake, at): (String, Place),
        shown: &[Shown],
        fixes: Vec<Fix>,
        candidate: Option<&Candidate>,
    ) -> Root {
        let id = self.roots.len() + 1;
        let report = self.report.clone();
        let message = &report.messages[target];
        let direct = self.origin[target];
        let follows: Vec<usize> = difference
            .gone
            .iter()
            .filter(|index| **index != target && is_grave(&report.messages[**index], self.language))
            .filter_map(|index| self.origin[*index])
            .collect();
        for (number, role) in direct
            .iter()
            .map(|n| (*n, Role::Root))
            .chain(follows.iter().map(|n| (*n, Role::Cascade)))
        {
            if let Some(told) = self.told.get_mut(number - 1) {
                told.role = role;
                told.root = Some(id);
            }
        }
        let words = self.words(message, &at, shown, &mistake, candidate);
        let texts = super::judge::texts(&mistake, &words, message);
        Root {
            id,
            messages: direct.into_iter().collect(),
            hidden: direct.is_none(),
            warning: warns(message),
            mistake,
            at,
            evidence: Evidence::Proved,
            follows,
            title: texts.0,
            meaning: texts.1,
            advice: texts.2,
            will_say: direct.is_none().then(|| message.text.clone()),
            fixes,
        }
    }

    fn words(
        &self,
        message: &Message,
        at: &Place,
        shown: &[Shown],
        mistake: &str,
        candidate: Option<&Candidate>,
    ) -> Words {
        let captured = shown.iter().find(|s| s.entry.id == mistake).or(shown.first());
        let mut words = captured.map(|s| s.words.clone()).unwrap_or_default();
        words.insert("line".into(), at.line.to_string());
        words.insert("file".into(), at.file.clone());
        if let Some(place) = &message.at {
            let line = self.place_now(place).line;
            words.insert("reported".into(), line.to_string());
        }
        if let Some([edit, ..]) = candidate.map(|candidate| candidate.edits.as_slice())
            && let Some(source) = self.program.file(&edit.file)
        {
            let old = source.slice(edit.start, edit.end).trim().to_owned();
            for (name, text) in [("old", old), ("new", edit.text.trim().to_owned())] {
                if !text.is_empty() && !text.contains('\n') {
                    words.insert(name.into(), text);
                }
            }
        }
        words
    }

    /// A place of the text now as a place of the file as the learner has it.
    fn place_now(&self, place: &Place) -> Place {
        let (Some(now), Some(original)) =
            (self.program.file(&place.file), self.original_file(&place.file))
        else {
            return place.clone();
        };
        let (start, end) = place.range(now);
        let (start, end) = (self.back(&place.file, start), self.back(&place.file, end));
        Place::of(&original, start, end.max(start))
    }

    fn original_file(&self, name: &str) -> Option<crate::source::Source> {
        self.original.file(name).cloned().or_else(|| self.compile.source(name))
    }

    fn back(&self, file: &str, mut offset: usize) -> usize {
        for edits in self.steps.iter().rev() {
            offset = PositionMap::new(file, edits).back(offset);
        }
        offset
    }

    fn faulty_place(&self, edits: &[Edit]) -> Place {
        let Some(edit) = edits.iter().min_by_key(|edit| (&edit.file, edit.start)) else {
            return Place::point("", 1, 1);
        };
        let Some(original) = self.original_file(&edit.file) else {
            return Place::point(&edit.file, 1, 1);
        };
        let (mut start, mut end) =
            (self.back(&edit.file, edit.start), self.back(&edit.file, edit.end));
        // A line that is added after another one: the place is where it will stand.
        let bytes = original.bytes();
        let whole =
            |from: usize, to: usize| from < to && bytes[from..to.min(bytes.len())].ends_with(b"\n");
        if edit.start != edit.end && whole(start, end) {
            end -= 1;
        }
        while start < end && bytes[start].is_ascii_whitespace() {
            start += 1;
        }
        Place::of(&original, start, end)
    }

    fn fix(&self, id: usize, tried: &Tried) -> Fix {
        let bytes: Vec<Edit> = tried
            .candidate
            .edits
            .iter()
            .map(|edit| Edit {
                start: self.back(&edit.file, edit.start),
                end: self.back(&edit.file, edit.end),
                ..edit.clone()
            })
            .collect();
        let changes = bytes.iter().filter_map(|edit| {
            let source = self.original_file(&edit.file)?;
            Some(Change { at: Place::of(&source, edit.start, edit.end), text: edit.text.clone() })
        });
        let grave = |index: &&usize| is_grave(&self.report.messages[**index], self.language);
        let mut original = self.original.clone();
        for edit in &bytes {
            if original.file(&edit.file).is_none()
                && let Some(source) = self.compile.source(&edit.file)
            {
                original.set(source);
            }
        }
        Fix {
            id,
            title: describe(&original, &bytes),
            mistake: tried.candidate.mistake,
            evidence: Evidence::Proved,
            certainty: tried.candidate.certainty,
            edits: changes.collect(),
            clears: tried
                .difference
                .gone
                .iter()
                .filter(grave)
                .filter_map(|i| self.origin[*i])
                .collect(),
            reveals: tried
                .difference
                .new
                .iter()
                .filter(|i| is_grave(&tried.report.messages[**i], self.language))
                .count(),
            bytes,
        }
    }

    /// Goes on with another text.
    fn advance(&mut self, program: Program, mut report: Arc<Report>, edits: Vec<Edit>) {
        if !report.messages.iter().any(Message::is_error) {
            // Warnings that come late are only seen now.
            if let Some(full) =
                self.memory.reports(std::slice::from_ref(&program), Depth::Full).remove(0)
            {
                report = full;
            }
        }
        let difference =
            compare(&self.report.messages, &self.program, &report.messages, &program, &edits);
        let mut origin = vec![None; report.messages.len()];
        let mut given_up = HashSet::new();
        for (old, new) in difference.stays {
            origin[new] = self.origin[old];
            if self.given_up.contains(&old) {
                given_up.insert(new);
            }
        }
        self.origin = origin;
        self.given_up = given_up;
        self.steps.push(edits);
        self.program = program;
        self.report = report;
    }

    /// A root without a fix. What its part of the text spoilt is told from what goes when that part
    /// is switched off.
    fn give_up(&mut self, target: usize, shown: &[Shown], off: Option<Tried>) {
        let message = self.report.messages[target].clone();
        let mistake = shown.first().map_or("other", |shown| shown.entry.id.as_str()).to_owned();
        let at = message
            .at
            .as_ref()
            .map_or_else(|| Place::point(self.file_of(&message), 1, 1), |at| self.place_now(at));
        let difference = off.as_ref().map(|off| off.difference.clone()).unwrap_or_default();
        let root = self.root(target, &difference, (mistake, at), shown, Vec::new(), None);
        self.roots.push(root);
        match off {
            Some(off) => self.advance(off.program, off.report, off.candidate.edits),
            None => {
                self.given_up.insert(target);
            }
        }
    }

    /// The smallest statement or block around a message, blanked out in the copy.
    fn switch_off(&mut self, case: &Case, setting: &Setting) -> Option<Tried> {
        let lexed = &case.text.lexed;
        let is_end = |at: usize| matches!(lexed.word(at), ";" | "{" | "}");
        let mut start = case.token;
        while start > 0 && !is_end(start - 1) && lexed.code[start - 1].kind != TokenKind::Directive
        {
            start -= 1;
        }
        let mut end = case.token;
        while end + 1 < lexed.code.len() && !is_end(end) {
            end += 1;
        }
        let mut stretches = vec![(start, end)];
        if lexed.is(end, "{")
            && let Some(close) = case.text.pairs.partner[end]
        {
            stretches.insert(0, (start, close));
        }
        let mut open = case.text.pairs.block_of(lexed, case.token);
        while let Some(at) = open {
            if let Some(close) = case.text.pairs.partner[at].filter(|close| *close > at + 1) {
                stretches.push((at + 1, close - 1));
            }
            open = case.text.pairs.block_of(lexed, at);
        }
        let file = lexed.source.name().to_owned();
        let edits: Vec<Edit> = stretches
            .into_iter()
            .filter(|(a, b)| a <= b)
            .map(|(a, b)| {
                let (from, to) = (lexed.code[a].start, lexed.code[b].end);
                // Line ends stay, so that places stay.
                let blank: String =
                    lexed.source.slice(from, to).chars().filter(|c| *c == '\n').collect();
                Edit::replace(&file, from, to, blank)
            })
            .collect();
        for edit in edits {
            if self.compile.expired() {
                return None;
            }
            let program = edit::apply(setting.program, std::slice::from_ref(&edit)).ok()?;
            let Some(report) =
                self.memory.reports(std::slice::from_ref(&program), Depth::Errors).remove(0)
            else {
                continue;
            };
            let difference = compare(
                &setting.report.messages,
                setting.program,
                &report.messages,
                &program,
                std::slice::from_ref(&edit),
            );
            let worse = difference.new.iter().any(|index| {
                let message = &report.messages[*index];
                let shown = catalogue::shown_by(message, setting.compiler);
                message.is_error()
                    && catalogue::phase(message, &shown, setting.compiler) <= setting.phase
            });
            if difference.gone.contains(&setting.target) && !worse {
                let candidate = Candidate {
                    edits: vec![edit],
                    mistake: "other",
                    certainty: Certainty::Guess,
                    score: 0.0,
                };
                return Some(Tried {
                    candidate,
                    program,
                    report,
                    difference,
                    total: 0.0,
                    objection: true,
                });
            }
        }
        None
    }
}
