//! The verdict without a compiler: roots and cascades told from the messages and the text.

use super::{Gravity, Limits, Report, Warnings};
use crate::catalogue::{self, Phase, Shown, Words};
use crate::describe::describe;
use crate::explain::{explain, sound};
use crate::language::Language;
use crate::message::{Message, Place, Severity};
use crate::propose::{self, Case, Text, weights as w};
use crate::source::Program;
use crate::verdict::{Change, Evidence, Fix, Reading, Role, Root, SCHEMA, Told, Verdict};
use std::collections::HashMap;
use std::sync::Arc;

/// How many lines below a syntax error messages are taken for its cascade, where the text is not
/// at hand to see the block's end.
const SPOILT_LINES: u32 = 12;

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
pub(super) fn texts(mistake: &str, words: &Words, message: &Message) -> Texts {
    let unknown = mistake.starts_with("other");
    if let Some((shape, held)) = catalogue::shape_of(&message.text).filter(|_| unknown) {
        let line = words.get("reported").or(words.get("line")).cloned().unwrap_or_default();
        let title = catalogue::fill(&shape.title, &held).unwrap_or_else(|| shape.general.clone());
        let rest = "Told from the form of the message only.";
        return Texts {
            title: format!("Line {line}: {}", lower_first(&title)),
            meaning: format!("{} {rest}", shape.meaning),
            advice: shape.advice.clone(),
            reading: Reading::Form,
        };
    }
    let reading = if unknown { Reading::None } else { Reading::Own };
    match catalogue::entry(mistake).or_else(|| catalogue::entry("other")) {
        Some(entry) => Texts {
            title: catalogue::fill(&entry.title, words).unwrap_or_else(|| entry.general.clone()),
            meaning: catalogue::fill_sentences(&entry.meaning, words),
            advice: catalogue::fill_sentences(&entry.advice, words),
            reading,
        },
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

struct Judged<'a> {
    message: &'a Message,
    compiler: &'a str,
    phase: Phase,
    shown: Vec<Shown>,
}

/// Judges a program by its messages; the program's texts help where they are at hand.
pub fn judge(
    program: &Program,
    language: Option<&'static Language>,
    report: &Report,
    compiler: &str,
    limits: Limits,
) -> Verdict {
    let mut told = told(report);
    let mut roots: Vec<(Judged, Root)> = Vec::new();
    let mut texts_read: HashMap<String, Arc<Text>> = HashMap::new();
    let warnings = limits.warnings;
    let grave = |m: &Message| match language {
        Some(language) => Gravity { language, warnings }.counts(m),
        None => m.is_error() || (warnings == Warnings::All && m.severity == Severity::Warning),
    };
    // Beside errors only those warnings are looked at that were asked for.
    let beside = warnings == Warnings::All || !report.messages.iter().any(Message::is_error);
    let mut order: Vec<usize> = (0..report.messages.len()).collect();
    order.sort_by_key(|index| !report.messages[*index].is_error());
    for index in order {
        let message = &report.messages[index];
        if !grave(message) || (!message.is_error() && !beside) || roots.len() >= limits.roots {
            continue;
        }
        let shown = catalogue::shown_by(message, compiler);
        let phase = catalogue::phase(message, &shown, compiler);
        let judged = Judged { message, compiler, phase, shown };
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
            let root = judged_root(roots.len() + 1, index, &judged, program, report, text);
            parent = roots.iter().position(|(_, other)| is_same(other, &root));
            if parent.is_none() {
                (told[index].role, told[index].root) = (Role::Root, Some(root.id));
                // What mends it tells the phase better than what the compiler made of it.
                let early = catalogue::entry(&root.mistake).map_or(phase, |entry| entry.phase);
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
    sound::add(&mut roots, &told, false, language, |file| texts_read.get(file).cloned());
    Verdict {
        schema: SCHEMA,
        build: Default::default(),
        messages: told,
        roots,
        complete: true,
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
    let name = message.shown.iter().find_map(|shown| shown.words.get("name"));
    let Some(name) = name.filter(|_| first.phase <= Phase::Name) else { return false };
    let on_line = lexed.on_line(root.at.line).any(|token| lexed.word(token) == name);
    // The text does declare it; if the compiler does not know it, the declaration was lost.
    let declared = text.names.of(name).any(|declared| {
        let line = lexed.code[declared.token].line;
        line >= root.at.line && line < at.line.max(root.at.line + 1)
    });
    let lost = message.phase >= Phase::Name
        && ((first.phase <= Phase::Syntax && on_line) || (declared && says_unknown(message)));
    let import =
        matches!(root.mistake.as_str(), "broken-include" | "misspelt-import" | "missing-import");
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
    let name = |judged: &Judged| judged.shown.iter().find_map(|s| s.words.get("name").cloned());
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
            let close =
                text.pairs.block_of(&text.lexed, token).and_then(|open| text.pairs.partner[open]);
            let end = close.map_or(u32::MAX, |close| text.lexed.code[close].line);
            let near = at.line <= first.line + 2;
            near || (message.phase <= Phase::Syntax
                && at.line <= end
                && message.message.text.starts_with("expected"))
        }
        Some(text) => !text.pairs.odd.is_empty(),
        None => at.line <= first.line + SPOILT_LINES && message.phase <= Phase::Syntax,
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
    text: Option<Arc<Text>>,
) -> Root {
    let message = judged.message;
    let case = text.clone().and_then(|text| {
        Case::new(program, text, message, &report.messages, &judged.shown, judged.phase)
    });
    let best = case.as_ref().and_then(|case| {
        let all = propose::candidates(case);
        // Without a proof only a fix that stands out is shown. Once a compiler asks for names and
        // types, words and marks were in order for it: what it says must speak for the fix.
        let said = |c: &propose::Candidate| {
            judged.phase < Phase::Name
                || judged.shown.iter().any(|s| s.entry.id == c.mistake)
                || catalogue::entry(c.mistake).is_some_and(|entry| {
                    entry.phase >= Phase::Name && !catalogue::has_other_codes(entry, message)
                }) && !judged.shown.is_empty()
        };
        let second = all.get(1).map_or(f64::NEG_INFINITY, |c| c.score);
        all.first()
            .filter(|c| c.score > w::JUDGED && c.score > second + w::JUDGED_AHEAD && said(c))
            .cloned()
    });
    let reported = message.at.clone().unwrap_or_else(|| Place::point("", 1, 1));
    let mut at = reported.clone();
    let known = catalogue::unproved(&judged.shown).map(|s| (s.entry, s.words.clone()));
    let known = known.or_else(|| catalogue::worded_by(message, judged.compiler));
    let mut mistake = known.as_ref().map_or("other", |(entry, _)| entry.id.as_str()).to_owned();
    let mut words = known.map(|(_, words)| words).unwrap_or_default();
    words.insert("reported".into(), reported.line.to_string());
    let mut fixes = Vec::new();
    if let Some(best) = best {
        mistake = best.mistake.to_owned();
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
        if let Some(first) = changes.first() {
            at = first.at.clone();
            let old = best.edits.first().and_then(|edit| {
                Some(program.file(&edit.file)?.slice(edit.start, edit.end).trim().to_owned())
            });
            for (name, text) in [("old", old), ("new", Some(first.text.trim().to_owned()))] {
                if let Some(text) = text.filter(|text| !text.is_empty() && !text.contains('\n')) {
                    words.insert(name.into(), text);
                }
            }
        }
        fixes.push(Fix {
            id: 1,
            title: describe(program, &best.edits),
            mistake: best.mistake,
            evidence: Evidence::Judged,
            certainty: best.certainty,
            edits: changes,
            clears: vec![index + 1],
            reveals: 0,
            bytes: best.edits,
        });
    }
    words.insert("line".into(), at.line.to_string());
    words.insert("file".into(), at.file.clone());
    let texts = texts(&mistake, &words, message);
    let explained = explain(message, judged.compiler, case.as_ref());
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
    }
}
