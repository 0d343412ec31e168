//! The verdict without a compiler: roots and cascades told from the messages and the text.

use super::belief;
use super::sound;
use super::weights as w;
use super::{Limits, Report, SeverityPolicy, Warnings};
use crate::describe::describe;
use crate::diagnose::{Diagnoser, Diagnosis, has_other_codes};
use crate::effect;
use crate::explain::explain;
use crate::fixes::{self, Case, Certainty};
use crate::message::{Message, Place, Severity};
use crate::verdict::{Change, Evidence, Fix, Reading, Role, Root, SCHEMA, Told, Verdict};
use erratum_catalogue::{Captures, Catalogue, Phase, fill, fill_sentences};
use erratum_syntax::language::Language;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::source::{Program, Source};
use erratum_syntax::text::Text;
use std::collections::HashMap;
use std::rc::Rc;
use std::sync::Arc;
use std::time::Instant;

/// How many lines below a syntax error messages are taken for its cascade, where the text is not
/// at hand to see the block's end.
const SPOILT_LINES: u32 = 12;

/// A change that is less likely than not is no fix: nobody has tried it.
const HARDLY_MEANT: f64 = 0.5;

/// So near below an odd bracket everything follows from it.
const NEAR: u32 = 2;

/// The messages of a report, with no part told yet.
pub(super) fn told(report: &Report) -> Vec<Told> {
    let one = |(index, message): (usize, &Message)| Told {
        id: index + 1,
        severity: message.severity,
        code: message.code.clone(),
        text: message.text.clone(),
        at: message.at.clone(),
        notes: message.notes.clone(),
        count: message.count,
        role: Role::Unsettled,
        root: None,
    };
    report.messages.iter().enumerate().map(one).collect()
}

/// The words for a mistake.
pub(super) struct Texts {
    pub title: String,
    pub meaning: String,
    pub advice: String,
    pub reading: Reading,
}

/// Title, meaning and advice of a mistake. Where no entry knows the message, its form tells
/// something, and it is said that no more than that is known.
pub(super) fn texts(
    catalogue: &Catalogue,
    mistake: &str,
    words: &Captures,
    message: &Message,
    language: Option<&Language>,
) -> Texts {
    let unknown = matches!(mistake, "other" | "other-warning");
    if let Some((shape, held)) = catalogue.shape_of(&message.text).filter(|_| unknown) {
        let line = words.get("reported").or(words.get("line")).cloned().unwrap_or_default();
        let title = fill(&shape.title, &held).unwrap_or_else(|| shape.general.clone());
        let rest = "Told from the form of the message only.";
        return Texts {
            title: format!("Line {line}: {}", lower_first(&title)),
            meaning: format!("{} {rest}", shape.meaning),
            advice: shape.advice.clone(),
            reading: Reading::Form,
        };
    }
    let reading = if unknown { Reading::None } else { Reading::Own };
    match catalogue.entry(mistake).or_else(|| catalogue.entry("other")) {
        Some(entry) => {
            let said = entry.said(language.map(|language| language.id));
            Texts {
                title: fill(said.title, words).unwrap_or_else(|| said.general.to_owned()),
                meaning: fill_sentences(said.meaning, words),
                advice: fill_sentences(said.advice, words),
                reading,
            }
        }
        None => Texts {
            title: message.text.clone(),
            meaning: String::new(),
            advice: String::new(),
            reading,
        },
    }
}

fn lower_first(text: &str) -> String {
    let mut letters = text.chars();
    letters.next().map(|c| c.to_ascii_lowercase()).into_iter().chain(letters).collect()
}

struct Judged<'a, 'c> {
    message: &'a Message,
    diagnoser: &'a Diagnoser<'c>,
    phase: Phase,
    diagnosis: Rc<Diagnosis<'c>>,
}

/// Judges a program by its messages; the program's texts help where they are at hand.
pub fn judge(
    catalogue: &Catalogue,
    program: &Program,
    language: Option<&'static Language>,
    report: &Report,
    compiler: &str,
    limits: Limits,
) -> Verdict {
    let diagnoser = Diagnoser::new(catalogue, compiler);
    let mut told = told(report);
    let mut roots: Vec<(Judged, Root)> = Vec::new();
    let mut texts_read: HashMap<String, Arc<Text>> = HashMap::new();
    let warnings = limits.warnings;
    let grave = |m: &Message| match language {
        Some(language) => SeverityPolicy { language, warnings }.counts(m),
        None => m.is_error() || (warnings == Warnings::All && m.severity == Severity::Warning),
    };
    // Beside errors only those warnings are looked at that were asked for.
    let beside = warnings == Warnings::All || !report.messages.iter().any(Message::is_error);
    let mut order: Vec<usize> = (0..report.messages.len()).collect();
    order.sort_by_key(|index| !report.messages[*index].is_error());
    // However short the time, the first message is told.
    let over = |roots: &[(Judged, Root)]| {
        !roots.is_empty() && limits.until.is_some_and(|until| Instant::now() >= until)
    };
    let mut complete = true;
    for index in order {
        if over(&roots) {
            complete = false;
            break;
        }
        let message = &report.messages[index];
        if !grave(message) || (!message.is_error() && !beside) || roots.len() >= limits.roots {
            continue;
        }
        let diagnosis = diagnoser.diagnose(message);
        let phase = diagnosis.phase;
        let judged = Judged { message, diagnoser: &diagnoser, phase, diagnosis };
        let text = language.and_then(|language| {
            let name = message.at.as_ref()?.file.clone();
            let source = program.file(&name)?;
            Some(
                texts_read
                    .entry(name)
                    .or_insert_with(|| Arc::new(Text::new(source, language)))
                    .clone(),
            )
        });
        let mut parent = roots.iter().position(|(first, root)| {
            follows(first, &judged, text.as_deref())
                || spoils(first, root, &judged, text.as_deref())
        });
        if parent.is_none() {
            let root =
                judged_root(roots.len() + 1, index, &judged, program, report, language, text);
            parent = roots.iter().position(|(_, other)| is_same(other, &root));
            if parent.is_none() {
                (told[index].role, told[index].root) = (Role::Root, Some(root.id));
                // What mends it tells the phase better than what the compiler made of it.
                let early = catalogue.entry(&root.mistake).map_or(phase, |entry| entry.phase);
                roots.push((Judged { phase: phase.min(early), ..judged }, root));
                continue;
            }
        }
        if let Some(parent) = parent {
            let root = &mut roots[parent].1;
            root.follows.push(index + 1);
            (told[index].role, told[index].root) = (Role::Cascade, Some(root.id));
        }
    }
    let mut roots: Vec<Root> = roots.into_iter().map(|(_, root)| root).collect();
    sound::add(&mut roots, &told, false, catalogue, language, |file| texts_read.get(file).cloned());
    Verdict {
        schema: SCHEMA,
        build: Default::default(),
        messages: told,
        roots,
        complete,
        mended: false,
        compiles: 0,
        dropped: report.dropped,
    }
}

/// Whether two messages lead to the same change, or to the same line.
fn is_same(one: &Root, other: &Root) -> bool {
    let edits = |root: &Root| root.fixes.first().map(|fix| fix.bytes.clone());
    let fix = edits(one);
    one.at.file == other.at.file
        && (one.at.line == other.at.line || (fix.is_some() && fix == edits(other)))
}

/// Whether a message is about a name that a mistake keeps from being known: one that is declared on
/// or below its faulty line, one that its import would have brought, one whose type it spoils.
fn spoils(first: &Judged, root: &Root, message: &Judged, text: Option<&Text>) -> bool {
    let Some(at) = &message.message.at else { return false };
    if root.at.file != at.file {
        // Broken text before an include breaks what is included.
        return first.phase <= Phase::Syntax && text.is_none();
    }
    let Some(text) = text.filter(|_| at.line > root.at.line) else { return false };
    let lexed = &text.lexed;
    if first.phase == Phase::Type && message.phase == Phase::Type {
        let here = lexed.on_line(at.line);
        let spoilt = text.names.declared.iter().filter(|declared| {
            lexed.code[declared.token].line == root.at.line && declared.typed.is_some()
        });
        let unit = root.mistake == "missing-return-type" && message.message.text.contains("`()`");
        let used = |name: &str| here.clone().any(|token| lexed.word(token) == name);
        return unit || spoilt.into_iter().any(|declared| used(lexed.word(declared.token)));
    }
    let name = message.diagnosis.capture("name");
    let Some(name) = name.filter(|_| first.phase <= Phase::Name) else { return false };
    let on_line = lexed.on_line(root.at.line).any(|token| lexed.word(token) == name);
    // The text does declare it; if the compiler does not know it, the declaration was lost.
    let declared = text.names.of(name).any(|declared| {
        let line = lexed.code[declared.token].line;
        line >= root.at.line && line < at.line.max(root.at.line + 1)
    });
    let lost = message.phase >= Phase::Name
        && ((first.phase <= Phase::Syntax && on_line) || (declared && says_unknown(message)));
    let import = matches!(
        root.mistake.as_str(),
        "broken-include" | "misspelt-import" | "missing-import" | "unlisted-import"
    );
    let fixed = root.fixes.iter().flat_map(|fix| &fix.edits).map(|change| change.text.as_str());
    let line = lexed.source.line_text(root.at.line);
    let texts: Vec<&str> = fixed.chain([line.as_ref()]).collect();
    let brought = import
        && (lexed.language.imports_of(name))
            .any(|(path, _)| texts.iter().any(|text| text.contains(path)));
    lost || brought
}

/// Whether a message says that something is not known.
fn says_unknown(message: &Judged) -> bool {
    let text = message.message.text.as_str();
    [
        "undeclared",
        "not declared",
        "cannot find",
        "not found",
        "no method",
        "no field",
        "no member",
        "unknown type",
        "does not name",
    ]
    .iter()
    .any(|words| text.contains(words))
}

/// Whether a message only follows from an earlier root.
fn follows(root: &Judged, message: &Judged, text: Option<&Text>) -> bool {
    let (Some(first), Some(at)) = (&root.message.at, &message.message.at) else { return false };
    if first.file != at.file {
        return root.message.text == message.message.text;
    }
    if first.line == at.line {
        return true;
    }
    let name = |judged: &Judged| judged.diagnosis.capture("name").map(str::to_owned);
    if let (Some(a), Some(b)) = (name(root), name(message))
        && a == b
    {
        return true;
    }
    if root.message.text == message.message.text
        && root.phase >= Phase::Name
        && quoted(&root.message.text)
    {
        return true;
    }
    if root.phase > Phase::Syntax || at.line < first.line {
        return false;
    }
    // What a lexical or syntax error spoils reaches to the end of its block at most, or to the end
    // of the file if the brackets are off.
    match text {
        Some(text) if text.pairs.sound() => {
            let token = text.lexed.at(first.range(&text.lexed.source).0);
            let close = text
                .pairs
                .block_of(&text.lexed, token)
                .and_then(|open| text.pairs.partner_of(open));
            let end = close.map_or(u32::MAX, |close| text.lexed.code[close].line);
            let near = at.line <= first.line + 2;
            near || (message.phase <= Phase::Syntax
                && at.line <= end
                && message.message.text.starts_with("expected"))
        }
        Some(text) => !text.pairs.odd.is_empty() && !stands_alone(first, message, text),
        None => at.line <= first.line + SPOILT_LINES && message.phase <= Phase::Syntax,
    }
}

/// Whether a message below an odd bracket tells of something that no bracket explains: a name that the text
/// declares nowhere, or a text in quotes where another type is wanted.
fn stands_alone(first: &Place, message: &Judged, text: &Text) -> bool {
    let Some(at) = &message.message.at else { return false };
    if at.line <= first.line + NEAR {
        return false;
    }
    let lexed = &text.lexed;
    let here = lexed.on_line(at.line);
    match message.phase {
        Phase::Name => message.diagnosis.capture("name").is_some_and(|name| {
            let same = |at: usize| lexed.language.same_name(lexed.word(at), name);
            let known = text.names.declared.iter().any(|one| same(one.token));
            // A name with a place in the text: what is brought in from elsewhere may be lost with its line.
            let written = here.clone().any(same);
            let library = lexed.language.imports_of(name).next().is_some();
            written && !known && !library
        }),
        Phase::Type => {
            let clashes = message.diagnosis.capture("from").is_some();
            let told = text.names.declared.iter().any(|one| {
                lexed.code[one.token].line == first.line
                    && here
                        .clone()
                        .any(|at| lexed.language.same_name(lexed.word(at), lexed.word(one.token)))
            });
            clashes && !told && here.clone().any(|at| lexed.kind(at) == Some(TokenKind::Str))
        }
        _ => false,
    }
}

fn quoted(text: &str) -> bool {
    text.contains('\'') || text.contains('`')
}

fn judged_root(
    id: usize,
    index: usize,
    judged: &Judged,
    program: &Program,
    report: &Report,
    language: Option<&'static Language>,
    text: Option<Arc<Text>>,
) -> Root {
    let message = judged.message;
    let case = text
        .clone()
        .and_then(|text| Case::new(program, text, message, &report.messages, &judged.diagnosis));
    let best = case.as_ref().and_then(|case| {
        let all = fixes::propose(case).candidates;
        // Without a proof only a fix that stands out is shown. Once a compiler asks for names and
        // types, words and marks were in order for it: what it says must speak for the fix.
        let said = |c: &fixes::Candidate| {
            judged.phase < Phase::Name
                || judged.diagnosis.shows(c.mistake)
                || judged.diagnoser.catalogue.entry(c.mistake.as_str()).is_some_and(|entry| {
                    entry.phase >= Phase::Name && !has_other_codes(entry, message)
                }) && !judged.diagnosis.matches.is_empty()
        };
        let second = all.get(1).map_or(f64::NEG_INFINITY, |c| c.score.total());
        belief::likeliest(&all).filter(|c| {
            c.score.total() > w::JUDGED && c.score.total() > second + w::JUDGED_AHEAD && said(c)
        })
    });
    let reported = message.at.clone().unwrap_or_else(|| Place::point("", 1, 1));
    let mut at = reported.clone();
    let known = judged.diagnosis.unproved().map(|m| (m.entry, m.captures.clone()));
    let known = known.or_else(|| judged.diagnoser.worded_by(message));
    let mut mistake = known.as_ref().map_or("other", |(entry, _)| entry.id.as_str()).to_owned();
    let mut words = known.map(|(_, words)| words).unwrap_or_default();
    words.insert("reported".into(), reported.line.to_string());
    let (mut fixes, mut possible) = (Vec::new(), Vec::new());
    if let (Some(best), Some(language)) = (best, language) {
        let changes: Vec<Change> = best
            .edits
            .iter()
            .filter_map(|edit| {
                let source = program.file(&edit.file)?;
                Some(Change {
                    at: Place::of(source, edit.start, edit.end),
                    text: edit.text.clone(),
                })
            })
            .collect();
        let read = |source: &Source| match &text {
            Some(text) if text.lexed.source.name() == source.name() => text.clone(),
            _ => Arc::new(Text::new(source, language)),
        };
        let effect = effect::of_edits(program, best.mistake, &best.edits, read);
        let fix = Fix {
            id: 1,
            title: describe(program, &best.edits),
            mistake: best.mistake,
            evidence: Evidence::Judged,
            effect,
            probability: belief::probability(effect, best.others, &best),
            // Without a compile nothing is sure.
            certainty: Certainty::Guess,
            edits: changes,
            clears: vec![index + 1],
            reveals: 0,
            bytes: best.edits,
        };
        // What is hardly meant tells neither the place nor the kind.
        if fix.probability >= HARDLY_MEANT {
            fix.mistake.as_str().clone_into(&mut mistake);
            if let Some(first) = fix.edits.first() {
                at = first.at.clone();
                let old = fix.bytes.first().and_then(|edit| {
                    let source = program.file(&edit.file)?;
                    Some(source.slice(edit.start, edit.end).trim().to_owned())
                });
                for (name, text) in [("old", old), ("new", Some(first.text.trim().to_owned()))] {
                    if let Some(text) = text.filter(|text| !text.is_empty() && !text.contains('\n'))
                    {
                        words.insert(name.into(), text);
                    }
                }
            }
            fixes.push(fix);
        } else {
            possible.push(fix);
        }
    }
    words.insert("line".into(), at.line.to_string());
    words.insert("file".into(), at.file.clone());
    let texts = texts(judged.diagnoser.catalogue, &mistake, &words, message, language);
    let explained = explain(message, judged.diagnoser, case.as_ref());
    Root {
        id,
        messages: vec![index + 1],
        hidden: false,
        warning: !message.is_error(),
        area: judged.phase,
        mistake,
        at,
        evidence: Evidence::Judged,
        follows: Vec::new(),
        title: texts.title,
        meaning: texts.meaning,
        advice: texts.advice,
        reading: texts.reading,
        explained,
        sound: None,
        will_say: None,
        fixes,
        possible,
    }
}
