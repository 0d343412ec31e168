//! The search: one mistake after the other is mended in a copy, by the fix that does best in the
//! eyes of the compiler and of the ranking. Where that leads into trouble, the search goes back to
//! the next best of an earlier step: among partial repairs it always goes on with the least
//! doubtful one.

use super::accept::Rejection;
use super::blank;
use super::cache::CompileCache;
use super::lost::{self, Lost};
use super::node::{Done, Node};
use super::observe::{Because, Event, Left, Observer, Proposal, Said, Watch};
use super::trial::{Setting, Trial, try_all};
use super::weights as w;
use super::{
    Compile, Depth, Found, Limits, Report, SeverityPolicy, batch, belief, minimise, report, trial,
};
use crate::diagnose::Diagnoser;
use crate::fixes::{self, Candidate, Case};
use crate::message::Message;
use erratum_catalogue::{Catalogue, MistakeId, Phase};
use erratum_syntax::language::Language;
use erratum_syntax::newer;
use erratum_syntax::source::Program;
use erratum_syntax::text::Text;
use std::collections::HashMap;
use std::hash::{DefaultHasher, Hash, Hasher};
use std::rc::Rc;
use std::sync::Arc;

/// The texts that were read, by their file's name and bytes.
pub(super) type Texts = HashMap<(String, Arc<[u8]>), Arc<Text>>;

/// Finds the mistakes of a program by trying fixes on copies.
///
/// [`Search::new`] says what is looked at, [`Search::limits`] how far; [`Search::run`] takes the
/// report of the program as it stands and returns what was [`Found`].
pub struct Search<'a> {
    original: &'a Program,
    diagnoser: Rc<Diagnoser<'a>>,
    language: &'static Language,
    limits: Limits,
    cache: CompileCache<'a>,
    watch: Watch<'a>,
    compile: &'a dyn Compile,
    texts: Texts,
    /// The files beside the program, read when they are first asked for.
    neighbours: Option<Vec<Arc<Text>>>,
}

/// How many files beside the program are read for their names, and how large they may be, in bytes.
const NEIGHBOURS: (usize, usize) = (40, 200_000);

impl<'a> Search<'a> {
    /// A search with the usual [`Limits`].
    pub fn new(
        catalogue: &'a Catalogue,
        program: &'a Program,
        language: &'static Language,
        compile: &'a dyn Compile,
    ) -> Search<'a> {
        let limits = Limits::default();
        let cache = CompileCache::new(compile);
        Search {
            original: program,
            diagnoser: Rc::new(Diagnoser::new(catalogue, compile.compiler())),
            language,
            limits,
            cache,
            watch: Watch::default(),
            compile,
            texts: HashMap::new(),
            neighbours: None,
        }
    }

    /// Sets how far the search goes.
    pub fn limits(mut self, limits: Limits) -> Search<'a> {
        self.cache.limit(limits.compiles);
        self.limits = limits;
        self
    }

    /// Sets who watches the search.
    pub fn observer(mut self, observer: &'a mut dyn Observer) -> Search<'a> {
        self.watch = Watch(Some(observer));
        self
    }

    /// Runs the search from the report of the program as it stands.
    pub fn run(mut self, first: Report) -> Found {
        let first = Arc::new(first);
        self.cache.remember(self.original, Depth::Full, first.clone());
        self.cache.remember(self.original, Depth::Errors, first.clone());
        let (last, complete) = self.walk(Node::first(self.original, first.clone()));
        let minimised = if complete {
            minimise::minimise(&last, &first, &self.whole(&last), &mut self)
        } else {
            None
        };
        let unneeded = minimised.as_ref().map_or(0, minimise::Minimised::unneeded);
        if unneeded > 0 {
            self.watch.tell(|| Event::Unneeded { fixes: unneeded });
        }
        let (compiles, diagnoser) = (self.cache.compiles, self.diagnoser.clone());
        self.watch.tell(|| Event::Finished { compiles, complete, left: left(&last, &diagnoser) });
        report::report(&self.scene(), &first, &last, minimised, complete)
    }

    /// The program as the learner has it, with the files beside it that the repair has touched.
    fn whole(&self, last: &Node) -> Program {
        let mut whole = self.original.clone();
        for file in &last.program.files {
            if whole.file(file.name()).is_none()
                && let Some(source) = self.compile.source(file.name())
            {
                whole.set(source);
            }
        }
        whole
    }

    fn policy(&self) -> SeverityPolicy {
        SeverityPolicy { language: self.language, warnings: self.limits.warnings }
    }

    /// What telling the result needs to know.
    fn scene(&self) -> report::Scene<'_, 'a> {
        report::Scene {
            original: self.original,
            policy: self.policy(),
            limits: self.limits,
            diagnoser: &self.diagnoser,
            compile: self.compile,
            compiles: self.cache.compiles,
            texts: &self.texts,
            beside: self.neighbours.as_deref().unwrap_or_default(),
        }
    }

    /// Goes on with the least doubtful partial repair until one is done or the budget ends; true if
    /// nothing is left to try.
    fn walk(&mut self, first: Node) -> (Node, bool) {
        let mut queue = vec![first];
        let mut detours = 0;
        let mut deepest = 0;
        let mut last = None;
        while let Some(node) = take_cheapest(&mut queue) {
            let Some(target) = self.next_target(&node) else {
                match self.clear(&node) {
                    Some(next) => queue.push(next),
                    None => return (node, true),
                }
                continue;
            };
            // However short the budget, the first message is told.
            let over = self.cache.expired() && !node.steps.is_empty();
            if over || node.steps.len() >= self.limits.roots {
                queue.push(node);
                break;
            }
            // Going back is a detour; there is no end of them.
            if node.steps.len() < deepest {
                detours += 1;
                if detours > w::DETOURS {
                    continue;
                }
            }
            // Whoever goes on from the last repair has a step more than it.
            if last.is_some_and(|last| node.steps.len() <= last) {
                self.watch.tell(|| Event::WentBack { steps: node.steps.len() });
            }
            last = Some(node.steps.len());
            deepest = deepest.max(node.steps.len());
            self.expand(node, target, &mut queue);
        }
        // The budget is spent: the repair that has come furthest.
        let left = |node: &Node| node.report.messages.iter().filter(|m| m.is_error()).count();
        let rank = |node: &Node| {
            node.cost + left(node) as f64 * w::PER_ERROR_LEFT - node.steps.len() as f64
        };
        let best = queue.into_iter().min_by(|a, b| rank(a).total_cmp(&rank(b)));
        let empty = || Node::first(self.original, Arc::default());
        (best.unwrap_or_else(empty), false)
    }

    /// The message to mend next: what spoils the reading of the text first, then errors as they
    /// came, then warnings that tell of a mistake.
    fn next_target(&self, node: &Node) -> Option<usize> {
        let messages = &node.report.messages;
        let open = || {
            let all = 0..messages.len();
            all.filter(|index| {
                !node.passed.contains(index)
                    && !node.hangs_on_blanked(*index)
                    && !node.tells_of_loss(*index, &self.diagnoser)
            })
        };
        let lexical = |m: &Message| m.is_error() && self.diagnoser.phase(m) == Phase::Lexical;
        open()
            .find(|index| lexical(&messages[*index]))
            .or_else(|| {
                // A name that is said not to be used may be used once the rest is mended.
                let spare = |m: &Message| self.diagnoser.diagnose(m).shows(MistakeId::UnusedName);
                let errors = || open().filter(|index| messages[*index].is_error());
                // While the brackets of a line do not pair, what is said of its types means nothing.
                let syntax =
                    |index: &usize| self.diagnoser.phase(&messages[*index]) <= Phase::Syntax;
                let line = |index: usize| messages[index].at.as_ref().map(|at| (&at.file, at.line));
                let first = errors().next()?;
                if !self.names_template(node, &messages[first])
                    && let Some(before) =
                        errors().find(|index| syntax(index) && line(*index) == line(first))
                {
                    return Some(before);
                }
                errors().find(|index| !spare(&messages[*index])).or_else(|| errors().next())
            })
            .or_else(|| {
                let wanted = !messages.iter().any(Message::is_error);
                // Warnings hide nothing from each other: they come as they stand in the text.
                open()
                    .filter(|index| wanted && self.policy().counts(&messages[*index]))
                    .min_by_key(|index| messages[*index].line())
            })
    }

    /// Whether a message speaks of an unknown name before a `<`: what is said of the rest of its line
    /// comes of reading that as a comparison (seen with gcc 12, clang 14).
    fn names_template(&self, node: &Node, message: &Message) -> bool {
        let angle = || {
            let at = message.at.as_ref()?;
            let file = node.program.file(&at.file)?;
            let start = at.range(file).0;
            let rest = file.bytes().get(start..)?;
            let name =
                rest.iter().take_while(|byte| byte.is_ascii_alphanumeric() || **byte == b'_');
            let length = name.count();
            Some(length > 0 && rest.get(length) == Some(&b'<'))
        };
        self.diagnoser.phase(message) == Phase::Name && angle().unwrap_or(false)
    }

    fn text(&mut self, program: &Program, name: &str) -> Option<Arc<Text>> {
        let source = program.file(name)?;
        let key = (name.to_owned(), Arc::from(source.bytes()));
        let language = self.language;
        Some(self.texts.entry(key).or_insert_with(|| Arc::new(Text::new(source, language))).clone())
    }

    /// The other files of a program, and those beside it.
    fn others(&mut self, program: &Program, name: &str) -> Vec<Arc<Text>> {
        let names: Vec<String> = program
            .files
            .iter()
            .map(|file| file.name().to_owned())
            .filter(|other| other != name)
            .take(NEIGHBOURS.0)
            .collect();
        let mut all: Vec<Arc<Text>> =
            names.iter().filter_map(|other| self.text(program, other)).collect();
        let (language, compile) = (self.language, self.compile);
        let beside = self.neighbours.get_or_insert_with(|| {
            let found = compile.neighbours().into_iter();
            found
                .filter(|source| source.bytes().len() <= NEIGHBOURS.1)
                .take(NEIGHBOURS.0)
                .map(|source| Arc::new(Text::new(&source, language)))
                .collect()
        });
        let held = |text: &&Arc<Text>| program.file(text.lexed.source.name()).is_none();
        all.extend(beside.iter().filter(held).cloned());
        all
    }

    /// The file a message is about: where it points, or the program's first.
    fn file_of(&self, message: &Message) -> String {
        let first =
            self.original.files.first().map_or(String::new(), |file| file.name().to_owned());
        message.at.as_ref().map_or(first, |at| at.file.clone())
    }

    /// Puts what can come after a node into the queue.
    fn expand(&mut self, mut node: Node, target: usize, queue: &mut Vec<Node>) {
        let report = node.report.clone();
        let message = &report.messages[target];
        let diagnoser = self.diagnoser.clone();
        let diagnosis = diagnoser.diagnose(message);
        let phase = diagnosis.phase;
        self.watch.tell(|| Event::Target {
            steps: node.steps.len(),
            said: Said::of(message),
            phase,
        });
        let file = self.file_of(message);
        if node.program.file(&file).is_none()
            && let Some(source) = self.compile.source(&file)
        {
            node.program.set(source);
        }
        let Some(text) = self.text(&node.program, &file) else {
            self.watch.tell(|| Event::Passed);
            queue.push(node.after(Done::passed(), target, w::GAVE_UP, &mut self.cache));
            return;
        };
        let setting = Setting {
            program: &node.program,
            text: &text,
            policy: self.policy(),
            report: &report,
            target,
            phase,
            diagnoser: &diagnoser,
            lost: &node.lost,
        };
        // Only unknown names send the search to other files.
        let others =
            if phase >= Phase::Name { self.others(&node.program, &file) } else { Vec::new() };
        let case = Case::new(&node.program, text.clone(), message, &report.messages, &diagnosis)
            .map(|case| case.with_others(others.clone()).with_blanked(node.blanked.clone()))
            .map(|case| case.with_version(self.version()));
        let unmended = self.limits.unmended.is_some_and(|seed| is_chosen(seed, &text, message));
        let candidates = match &case {
            _ if unmended => Vec::new(),
            Some(case) => {
                let fixes::Proposed { candidates, failed } = fixes::propose(case);
                failed.iter().for_each(|family| self.watch.tell(|| Event::Failed { family }));
                candidates
            }
            None => fixes::candidates_without_code(&text),
        };
        self.watch.tell(|| Event::Proposed {
            fixes: candidates.iter().map(|one| Proposal::of(&node.program, one)).collect(),
        });
        let clear = belief::likeliest(&candidates).filter(|_| stands_out(&candidates));
        let together = clear.and_then(|best| {
            batch::of_others(&node, &setting, &best, |message, index| {
                self.best_for(&node, message, index, &others)
            })
        });
        if let Some(together) = together
            && let Some(trial) = batch::hold(&setting, together, &mut self.cache, &mut self.watch)
        {
            let done = Done::Mended { held: Arc::new(vec![trial]), pick: 0 };
            queue.push(node.after(done, target, 0.0, &mut self.cache));
            return;
        }
        let mut held = try_all(&setting, candidates, &mut self.cache, &mut self.watch);
        held.retain(|trial| {
            let rejection = if trial.total <= 0.0 {
                Rejection::Outweighed
            } else if node.has_been(&trial.program) {
                // It undoes another.
                Rejection::LeadsBack
            } else {
                return true;
            };
            trial::note_rejection(&setting, &trial.candidate, rejection, None, &mut self.watch);
            false
        });
        if held.is_empty() {
            // A warning hides nothing, so nothing has to be switched off to see behind it.
            let unsettled = case.as_ref().map(|case| lost::unsettled(case, phase));
            let unsettled = unsettled.filter(|_| message.is_error()).unwrap_or_default();
            let blanked = case.filter(|_| message.is_error()).and_then(|case| {
                let blanked = blank::blank_out(&case, &setting, &mut self.cache)?;
                let lost = Lost::of(&blanked, &case, phase);
                Some((blanked, lost))
            });
            self.watch.tell(|| match &blanked {
                Some((blanked, _)) => {
                    let (line, last) = blanked.trial.lines(&node.program);
                    Event::Blanked { line, last }
                }
                None => Event::Passed,
            });
            let blame = if comes_of_a_choice(&node, message) || touches_own_change(&node, message) {
                w::GAVE_UP
            } else {
                w::GAVE_UP_ELSEWHERE
            };
            let mut hanging = lost::hanging(&report, &text, &unsettled);
            // That a line does nothing is so whatever the types of its values are.
            let of_itself = |index: usize| {
                diagnoser.diagnose(&report.messages[index]).shows(MistakeId::NoEffect)
            };
            hanging.retain(|index| *index != target && !of_itself(*index));
            let mut next = match blanked {
                Some((blanked, lost)) => {
                    let done = Done::Blanked { off: Box::new(blanked.trial), hanging };
                    without(node.after(done, target, blame, &mut self.cache), lost)
                }
                None => {
                    let repeated = lost::repeated(&report, target);
                    hanging.extend(repeated.into_iter().filter(|index| *index != target));
                    node.after(Done::Passed { hanging }, target, blame, &mut self.cache)
                }
            };
            next.unsettle(text.lexed.language, unsettled);
            queue.push(next);
            return;
        }
        let again = touches_own_change(&node, message);
        let held = Arc::new(held);
        for pick in 0..held.len().min(1 + w::BRANCHES) {
            let behind = held[0].total - held[pick].total;
            if behind > w::BRANCH_GAP || (pick > 0 && held[pick].objection && !held[0].objection) {
                continue;
            }
            let cost = behind + doubt(&held[pick]) + if again { w::AGAIN } else { 0.0 };
            self.watch.tell(|| Event::Accepted {
                title: Proposal::of(&node.program, &held[pick].candidate).title,
                rank: pick + 1,
                doubt: cost,
            });
            let done = Done::Mended { held: held.clone(), pick };
            queue.push(node.after(done, target, cost, &mut self.cache));
        }
    }
}

impl Search<'_> {
    /// The node in which a message that hangs on what was switched off hides nothing any more;
    /// nothing if there is none, or if nothing can be hidden behind one.
    fn clear(&mut self, node: &Node) -> Option<Node> {
        let cleared = node.steps.iter().filter(|step| matches!(step.done, Done::Cleared(_)));
        if cleared.count() >= w::CLEARED || self.cache.expired() {
            return None;
        }
        let report = node.report.clone();
        let diagnoser = self.diagnoser.clone();
        let messages = report.messages.iter().enumerate();
        let hanging = messages.filter(|(index, message)| {
            let hangs = || node.hangs_on_blanked(*index) || node.tells_of_loss(*index, &diagnoser);
            message.is_error() && node.origin[*index].is_none() && hangs()
        });
        // What hangs on a mistake from the first may hide others, too.
        let mut hung: Vec<usize> = node.hung.iter().copied().collect();
        hung.sort_unstable();
        let hung = hung.into_iter().filter(|index| report.messages[*index].is_error());
        let hung = hung.take(w::HUNG).map(|index| (index, &report.messages[index]));
        hanging.chain(hung).find_map(|(target, message)| {
            let diagnosis = diagnoser.diagnose(message);
            let text = self.text(&node.program, &self.file_of(message))?;
            let setting = Setting {
                program: &node.program,
                text: &text,
                policy: self.policy(),
                report: &report,
                target,
                phase: diagnosis.phase,
                diagnoser: &diagnoser,
                lost: &node.lost,
            };
            let case =
                Case::new(&node.program, text.clone(), message, &report.messages, &diagnosis)?;
            let blanked = blank::blank_out(&case, &setting, &mut self.cache)?;
            let lost = Lost::of(&blanked, &case, diagnosis.phase);
            let done = Done::Cleared(Box::new(blanked.trial));
            let next = node.after(done, target, 0.0, &mut self.cache);
            Some(without(next, lost))
        })
    }

    /// The version of the language that the compiler knows; not asked for where nothing depends on it.
    fn version(&self) -> Option<newer::Version> {
        let forms = self.language.newer;
        forms.first().and_then(|_| self.compile.language_version())
    }

    /// The fix for another message of a node, if one stands out before anything is tried.
    fn best_for(
        &self,
        node: &Node,
        message: &Message,
        index: usize,
        others: &[Arc<Text>],
    ) -> Option<Candidate> {
        let diagnosis = self.diagnoser.diagnose(message);
        let source = node.program.file(&message.at.as_ref()?.file)?;
        let key = (source.name().to_owned(), Arc::from(source.bytes()));
        let text = self.texts.get(&key)?.clone();
        let case = Case::new(&node.program, text, message, &node.report.messages, &diagnosis)?
            .with_others(others.to_vec())
            .with_blanked(node.blanked.clone())
            .with_version(self.version());
        let all = fixes::propose(&case).candidates;
        let clear = stands_out(&all);
        let mut best = belief::likeliest(&all)?;
        best.target = Some(index);
        (clear && best.score.total() > 0.0).then_some(best)
    }
}

impl minimise::Compiles for Search<'_> {
    fn reports(&mut self, programs: &[Program]) -> Vec<Option<Arc<Report>>> {
        self.cache.reports(programs, Depth::Full)
    }

    fn expired(&self) -> bool {
        self.cache.expired()
    }

    fn policy(&self) -> SeverityPolicy {
        self.policy()
    }
}

/// The errors that are left in a repair, and why.
fn left(node: &Node, diagnoser: &Diagnoser) -> Vec<Left> {
    let errors = node.report.messages.iter().enumerate().filter(|(_, message)| message.is_error());
    let because = |index: usize| {
        if node.passed.contains(&index) {
            Because::Passed
        } else if node.hangs_on_blanked(index) {
            Because::NamesBlanked
        } else if node.tells_of_loss(index, diagnoser) {
            Because::TellsOfLoss
        } else {
            Because::End
        }
    };
    errors
        .map(|(index, message)| Left { said: Said::of(message), because: because(index) })
        .collect()
}

/// A node after a part was switched off: what only hangs on that is passed over.
fn without(mut node: Node, lost: Lost) -> Node {
    node.blank(lost.language, lost.names.iter().cloned());
    node.lost.push(Arc::new(lost));
    node
}

/// Returns whether the first of some candidates is far enough ahead of the next.
fn stands_out(candidates: &[Candidate]) -> bool {
    let score = |at: usize| candidates.get(at).map_or(f64::NEG_INFINITY, |c| c.score.total());
    score(0) - score(1) >= w::STANDS_OUT
}

/// Whether the line of a message is among the third that a seed chooses.
fn is_chosen(seed: u64, text: &Text, message: &Message) -> bool {
    let line = message.line().map(|line| text.lexed.source.line_text(line).trim().to_owned());
    let mut hasher = DefaultHasher::new();
    (seed, line).hash(&mut hasher);
    hasher.finish().is_multiple_of(3)
}

/// The least doubtful node; of several, the one that has come furthest.
fn take_cheapest(queue: &mut Vec<Node>) -> Option<Node> {
    let order =
        |a: &Node, b: &Node| a.cost.total_cmp(&b.cost).then(b.steps.len().cmp(&a.steps.len()));
    let index = (0..queue.len()).min_by(|a, b| order(&queue[*a], &queue[*b]))?;
    // Of equals the first found stays first.
    Some(queue.remove(index))
}

/// How much a fix that holds is to be doubted.
fn doubt(tried: &Trial) -> f64 {
    (w::USUAL_TOTAL - tried.total).max(0.0) * w::PER_BELOW_USUAL
}

/// Whether a message is about a line that an earlier step changed: a sign that it changed it wrong.
fn touches_own_change(node: &Node, message: &Message) -> bool {
    let Some(at) = &message.at else { return false };
    node.changed_lines().iter().any(|(file, line)| *file == at.file && *line == at.line)
}

/// Whether a message may come from the choice of a fix: it is new with that fix, and was not with
/// another that holds; or it was there before, and a likelier one takes it away.
fn comes_of_a_choice(node: &Node, message: &Message) -> bool {
    // The same words are said of other lines, too; what stands on a line stays where others come before it.
    let line = |program: &Program, message: &Message| {
        let at = message.at.as_ref()?;
        Some(program.file(&at.file)?.line_text(at.line).trim().to_owned())
    };
    let own = line(&node.program, message);
    let says = |program: &Program, report: &Report| {
        let mut same = report.messages.iter().filter(|other| other.text == message.text);
        same.any(|other| line(program, other) == own)
    };
    let stays = node.steps.iter().any(|step| {
        let Done::Mended { held, pick } = &step.done else { return false };
        let gone = |other: &Trial| !says(&other.program, &other.report);
        !gone(&held[*pick]) && held[..*pick].iter().any(gone)
    });
    if stays {
        return true;
    }
    let came = node.steps.iter().rev().find(|step| !says(&step.before, &step.report));
    let Some(Done::Mended { held, pick }) = came.map(|step| &step.done) else { return false };
    let others = held.iter().enumerate().filter(|(at, _)| at != pick);
    others.into_iter().any(|(_, other)| !says(&other.program, &other.report))
}
