//! What is shown and what the keys do, apart from any terminal.

use super::work::Scene;
use crossterm::event::{KeyCode, KeyEvent, KeyModifiers};
use erratum_repair::message::Severity;
use erratum_repair::progress::Progress;
use erratum_repair::verdict::{Fix, Root};
use erratum_syntax::edit;
use erratum_syntax::source::Program;

/// What a key asks for.
pub enum Order {
    /// Leave.
    Quit,
    /// Look at the files again.
    Look,
    /// Compile a copy of this text.
    Try(Program),
    /// Write this text.
    Write(Program),
    /// Take the last mend back.
    Undo,
    /// Open this place in the editor.
    Open {
        /// The file's name in the program.
        file: String,
        /// The line, from 1.
        line: u32,
        /// The column, from 1.
        column: u32,
    },
}

/// How far a fix was tried.
#[derive(Clone, Debug, PartialEq, Eq)]
pub enum Trial {
    /// The copy is being compiled.
    Running,
    /// How many errors there were and are.
    Ended {
        /// Without the fix.
        before: usize,
        /// With it.
        after: usize,
    },
    /// The compiler did not come to its end.
    Failed(String),
}

/// Everything that is shown.
#[derive(Default)]
pub struct State {
    /// What was found; nothing before the first look has ended.
    pub scene: Option<Box<Scene>>,
    /// Which mistake is shown, from 0.
    pub selected: usize,
    /// Which of its fixes is chosen, from 0.
    pub chosen: usize,
    /// Whether what only follows is unfolded.
    pub unfold: bool,
    /// The fix that is tried, if one is.
    pub trial: Option<Trial>,
    /// Lines that the explanation is scrolled by.
    pub scroll: usize,
    /// How many lines can be scrolled to; known once it was drawn.
    pub reach: usize,
    /// One line that says what just happened.
    pub note: String,
    /// Whether a mend was just taken back.
    pub back: bool,
    /// What is going on, if anything is.
    pub busy: Option<&'static str>,
}

impl State {
    /// The mistake that is shown.
    pub fn root(&self) -> Option<&Root> {
        self.scene.as_ref()?.verdict.roots.get(self.selected)
    }

    /// The fix that is chosen.
    pub fn fix(&self) -> Option<&Fix> {
        self.root()?.choices().get(self.chosen)
    }

    /// How many errors the program gives.
    pub fn errors(&self) -> usize {
        let messages = self.scene.iter().flat_map(|scene| &scene.verdict.messages);
        messages.filter(|message| message.severity == Severity::Error).count()
    }

    /// A look has ended: the mistake nearest to the one that was shown is shown; after a mend was
    /// taken back, the one that is there again.
    pub fn looked(&mut self, scene: Box<Scene>) {
        let back = std::mem::take(&mut self.back);
        let again = self.scene.as_ref().filter(|_| back).and_then(|old| {
            let (old, new) = ((&old.verdict, &old.program), (&scene.verdict, &scene.program));
            Progress::between(old, new).new.first().map(|id| id - 1)
        });
        let was = self.root().map(|root| (root.at.file.clone(), root.at.line));
        let near = |root: &Root| {
            was.as_ref().map_or(0, |(file, line)| {
                if root.at.file == *file { root.at.line.abs_diff(*line) } else { u32::MAX }
            })
        };
        let roots = &scene.verdict.roots;
        let nearest = (0..roots.len()).min_by_key(|at| (near(&roots[*at]), *at));
        self.selected = again.or(nearest).unwrap_or(0);
        self.scene = Some(scene);
        self.fresh();
    }

    /// Another mistake or fix is shown: what was tried of the one before is no more.
    fn fresh(&mut self) {
        (self.chosen, self.scroll, self.trial) = (0, 0, None);
    }

    fn step(&mut self, by: isize) {
        let count = self.scene.as_ref().map_or(0, |scene| scene.verdict.roots.len());
        let to = self.selected.checked_add_signed(by).filter(|to| *to < count);
        match to {
            Some(to) => {
                self.selected = to;
                self.unfold = false;
                self.fresh();
            }
            None if count > 0 && by > 0 => self.note = "This is the last mistake.".to_owned(),
            None if count > 0 => self.note = "This is the first mistake.".to_owned(),
            None => {}
        }
    }

    /// What a key does; some have an effect outside.
    pub fn key(&mut self, key: KeyEvent) -> Option<Order> {
        let control = key.modifiers.contains(KeyModifiers::CONTROL);
        match key.code {
            KeyCode::Char('c' | 'd') if control => return Some(Order::Quit),
            KeyCode::Char('q') | KeyCode::Esc => return Some(Order::Quit),
            _ if control => return None,
            _ => {}
        }
        self.note.clear();
        match key.code {
            KeyCode::Down | KeyCode::Tab | KeyCode::Char('n' | 'j') => self.step(1),
            KeyCode::Up | KeyCode::BackTab | KeyCode::Char('p' | 'k') => self.step(-1),
            KeyCode::PageDown | KeyCode::Char(' ') => self.scroll += 8,
            KeyCode::PageUp | KeyCode::Backspace => self.scroll = self.scroll.saturating_sub(8),
            KeyCode::Char('f') => {
                self.unfold = !self.unfold;
                if self.root().is_some_and(|root| root.follows.is_empty()) {
                    self.note = "Nothing only follows from this mistake.".to_owned();
                }
            }
            KeyCode::Char(digit @ '1'..='9') => self.choose(digit as usize - '1' as usize),
            _ if self.busy.is_some() => {
                self.note = "Wait until this is done.".to_owned();
            }
            KeyCode::Char('t') | KeyCode::Enter => return self.tried(),
            KeyCode::Char('a') => return self.apply(),
            KeyCode::Char('u') => return Some(Order::Undo),
            KeyCode::Char('o') => return self.open(),
            KeyCode::Char('r') => return Some(Order::Look),
            _ => {}
        }
        None
    }

    fn choose(&mut self, at: usize) {
        let count = self.root().map_or(0, |root| root.choices().len());
        if at < count {
            (self.chosen, self.scroll, self.trial) = (at, 0, None);
            self.note = format!("Fix {} is chosen: t tries it, a writes it.", at + 1);
        } else {
            self.note = match count {
                0 => "For this mistake there is no fix to choose.".to_owned(),
                1 => "For this mistake there is one fix.".to_owned(),
                n => format!("For this mistake there are {n} fixes."),
            };
        }
    }

    /// The text with the chosen fix; if there is none, the note says why.
    fn mended(&mut self) -> Option<Program> {
        if self.root().is_some_and(|root| root.hidden) {
            self.note = "Mend the mistakes before it first: only then it can be seen.".to_owned();
            return None;
        }
        let Some(fix) = self.fix() else {
            if self.root().is_some() {
                self.note = "No fix was found for this mistake; what to try stands above.".into();
            }
            return None;
        };
        let program = &self.scene.as_ref()?.program;
        match edit::apply(program, &fix.bytes) {
            Ok(program) => Some(program),
            Err(error) => {
                self.note = format!("The fix cannot be made: {error}");
                None
            }
        }
    }

    fn tried(&mut self) -> Option<Order> {
        let program = self.mended()?;
        (self.trial, self.scroll) = (Some(Trial::Running), 0);
        Some(Order::Try(program))
    }

    /// A fix is written once its change was seen.
    fn apply(&mut self) -> Option<Order> {
        let seen = matches!(self.trial, Some(Trial::Ended { .. } | Trial::Failed(_)));
        if seen {
            return self.mended().map(Order::Write);
        }
        let order = self.tried()?;
        self.note = "This is the change. a once more writes it.".to_owned();
        Some(order)
    }

    fn open(&self) -> Option<Order> {
        let at = &self.root()?.at;
        Some(Order::Open { file: at.file.clone(), line: at.line, column: at.column })
    }
}
