//! Draws what is shown: the source beside the explanation where there is room, else above it.

use super::state::{State, Trial};
use super::work::Scene;
use crate::show::links::Links;
use crate::show::map::Mark;
use crate::show::terminal::{Next, View, Which, changed_lines};
use crate::show::{listed, plural, shown};
use ansi_to_tui::IntoText;
use erratum_repair::fixes::Certainty;
use erratum_repair::verdict::Root;
use ratatui::Frame;
use ratatui::layout::{Constraint, Layout, Rect};
use ratatui::style::{Color, Modifier, Style};
use ratatui::text::{Line, Span, Text};
use ratatui::widgets::{Block, Borders, Paragraph};
use std::io;
use unicode_width::UnicodeWidthStr;

/// From this width on, source and explanation stand side by side.
const BESIDE: u16 = 96;
/// How many columns the source has of them, in hundredths.
const SHARE: u16 = 46;
/// Below this height, only the explanation is shown.
const LOW: u16 = 14;
/// The keys, the most needed first: on a small terminal the last are not shown.
const KEYS: &[(&str, &str)] = &[
    ("q", "quit"),
    ("↓ ↑", "mistake"),
    ("t", "try"),
    ("a", "write"),
    ("u", "undo"),
    ("1-9", "other fix"),
    ("f", "what follows"),
    ("o", "editor"),
    ("r", "look again"),
    ("space", "scroll"),
];

/// How it is drawn.
pub struct Look {
    /// Whether colours are used.
    pub color: bool,
    /// Long messages whole.
    pub whole: bool,
}

/// Draws everything.
pub fn draw(frame: &mut Frame, state: &mut State, look: &Look) {
    let area = frame.area();
    let keys = keys(area.width, (area.height / 4).max(1));
    let note = note(state);
    let noted = u16::from(!note.is_empty() && area.height > 3);
    let rows = Layout::vertical([
        Constraint::Length(1),
        Constraint::Min(1),
        Constraint::Length(noted),
        Constraint::Length(keys.len() as u16),
    ])
    .split(area);
    let bold = Style::new().add_modifier(Modifier::BOLD);
    body(frame, rows[1], state, look);
    frame.render_widget(Line::styled(title(state), bold), rows[0]);
    if noted > 0 {
        let style = if look.color { Style::new().fg(Color::Cyan) } else { Style::new() };
        let text = shown(&note, usize::from(area.width));
        frame.render_widget(Line::styled(text, style), rows[2]);
    }
    frame.render_widget(Text::from(keys), rows[3]);
}

fn title(state: &State) -> String {
    let Some(scene) = &state.scene else { return "Erratum".to_owned() };
    let name = scene.program.files.first().map_or("", |file| file.name());
    let more = if state.reach > state.scroll { "  (space: more)" } else { "" };
    let warnings = scene.verdict.roots.iter().filter(|root| root.warning).count();
    let mistakes = scene.verdict.roots.len() - warnings;
    let counts = [(mistakes, "mistake", "mistakes"), (warnings, "warning", "warnings")];
    let said = counts.iter().filter(|(count, ..)| *count > 0);
    let said: Vec<String> = said.map(|(count, one, many)| plural(*count, one, many)).collect();
    match said.is_empty() {
        true => name.to_owned(),
        false => format!("{name}: {}{more}", listed(&said)),
    }
}

fn note(state: &State) -> String {
    match state.busy {
        Some(busy) if state.note.is_empty() => busy.to_owned(),
        Some(busy) => format!("{busy} {}", state.note),
        None => state.note.clone(),
    }
}

/// The keys in as many lines as they need, but no more than there is room for.
fn keys(width: u16, most: u16) -> Vec<Line<'static>> {
    let mut lines: Vec<Line> = Vec::new();
    let (mut line, mut used) = (Line::default(), 0);
    for (key, what) in KEYS {
        let wide = key.width() + what.width() + 1;
        let gap = if used == 0 { 0 } else { 2 };
        if used > 0 && used + gap + wide > usize::from(width) {
            lines.push(std::mem::take(&mut line));
            used = 0;
            if lines.len() >= usize::from(most) {
                return lines;
            }
        }
        if used > 0 {
            line.push_span("  ");
            used += gap;
        }
        line.push_span(Span::styled(*key, Style::new().add_modifier(Modifier::REVERSED)));
        line.push_span(format!(" {what}"));
        used += wide;
    }
    lines.push(line);
    lines
}

fn body(frame: &mut Frame, area: Rect, state: &mut State, look: &Look) {
    let Some(scene) = state.scene.take() else { return };
    let root = scene.verdict.roots.get(state.selected);
    let (source_area, text_area) = match root {
        None => (None, area),
        Some(_) if area.width >= BESIDE => {
            let parts = Layout::horizontal([Constraint::Percentage(SHARE), Constraint::Fill(1)])
                .split(area);
            let beside = parts[1];
            let beside = Rect { x: beside.x + 1, width: beside.width.saturating_sub(1), ..beside };
            (Some((parts[0], Borders::RIGHT)), beside)
        }
        Some(_) if area.height >= LOW => {
            let parts =
                Layout::vertical([Constraint::Length(area.height / 3), Constraint::Fill(1)])
                    .split(area);
            (Some((parts[0], Borders::BOTTOM)), parts[1])
        }
        Some(_) => (None, area),
    };
    if let (Some((place, border)), Some(root)) = (source_area, root) {
        let block = Block::new().borders(border);
        let inside = block.inner(place);
        frame.render_widget(block, place);
        frame.render_widget(Text::from(source(&scene, root, inside, look)), inside);
    }
    let mut text = explanation(state, &scene, usize::from(text_area.width), look);
    if !look.color {
        without_colour(&mut text);
    }
    state.reach = text.lines.len().saturating_sub(usize::from(text_area.height));
    state.scroll = state.scroll.min(state.reach);
    let scroll = u16::try_from(state.scroll).unwrap_or(u16::MAX);
    frame.render_widget(Paragraph::new(text).scroll((scroll, 0)), text_area);
    state.scene = Some(scene);
}

fn without_colour(text: &mut Text) {
    for span in text.lines.iter_mut().flat_map(|line| &mut line.spans) {
        (span.style.fg, span.style.bg) = (None, None);
    }
}

/// The file around the place at fault, with what lies on its lines.
fn source(scene: &Scene, root: &Root, area: Rect, look: &Look) -> Vec<Line<'static>> {
    let Some(source) = scene.program.file(&root.at.file) else {
        return vec![Line::raw(format!("{} is not here.", root.at.file))];
    };
    let reported = root.messages.iter().filter_map(|id| scene.verdict.message(*id)?.at.as_ref());
    let reported: Vec<u32> =
        reported.filter(|at| at.file == root.at.file).map(|at| at.line).collect();
    let spots = crate::show::map::spots(&scene.verdict);
    let height = u32::from(area.height.max(1));
    let last = source.line_count();
    let from =
        root.at.line.saturating_sub(height / 2).min((last + 1).saturating_sub(height)).max(1);
    let digits = last.to_string().len();
    // On a narrow pane the words give way to marks.
    let words = area.width >= 44;
    (from..=last.min(from + height - 1))
        .map(|line| {
            let other = spots.iter().find(|s| s.file == root.at.file && s.line == line);
            let (word, mark, color) = if line == root.at.line {
                ("at fault", "●", Some(Color::Magenta))
            } else if reported.contains(&line) {
                ("reported", "○", Some(Color::Cyan))
            } else if let Some(spot) = other {
                match spot.mark {
                    Mark::Fault => ("mistake", "●", None),
                    Mark::Follows => ("follows", "○", None),
                }
            } else {
                ("", " ", None)
            };
            let label = if words { format!("{word:<8}") } else { mark.to_owned() };
            let mut style = Style::new();
            if line == root.at.line {
                style = style.add_modifier(Modifier::BOLD);
            }
            if let Some(color) = color.filter(|_| look.color) {
                style = style.fg(color);
            }
            let used = digits + label.width() + 3;
            let text = shown(&source.line_text(line), usize::from(area.width).saturating_sub(used));
            Line::from(vec![
                Span::styled(format!("{line:>digits$} {label}  "), style),
                Span::raw(text),
            ])
        })
        .collect()
}

/// What is said of the mistake, and of the fix that is tried.
fn explanation(state: &State, scene: &Scene, width: usize, look: &Look) -> Text<'static> {
    let links = Links::none();
    let view = View {
        program: &scene.program,
        width: width.saturating_sub(1).max(16),
        which: Which::First,
        verbose: false,
        next: &Next::Nothing,
        links: &links,
        warnings: false,
        whole: look.whole,
        unfold: state.unfold,
    };
    let mut bytes = Vec::new();
    let written = match scene.verdict.roots.get(state.selected) {
        None => view.summary(&mut bytes, &scene.verdict),
        Some(root) => told(&mut bytes, &view, state, scene, root),
    };
    // Writing to memory does not fail, and what is written is text.
    match (written, bytes.into_text()) {
        (Ok(()), Ok(text)) => text,
        _ => Text::default(),
    }
}

fn told(
    out: &mut Vec<u8>,
    view: &View,
    state: &State,
    scene: &Scene,
    root: &Root,
) -> io::Result<()> {
    use std::io::Write;
    view.head(out, &scene.verdict, root)?;
    writeln!(out)?;
    if let (Some(trial), Some(fix)) = (&state.trial, root.choices().get(state.chosen)) {
        let number = match root.choices().len() {
            1 => String::new(),
            all => format!(" {} of {all}", fix.id),
        };
        view.paragraph(out, "  ", "       ", &format!("The change{number}: {}.", fix.title))?;
        changed_lines(out, &scene.program, &fix.bytes, view.width)?;
        let said = match trial {
            Trial::Running => "A copy with it is being compiled.".to_owned(),
            Trial::Failed(why) => format!("A copy with it could not be compiled: {why}"),
            Trial::Ended { before, after: 0 } => format!(
                "A copy with it was compiled: {} before, none after. It compiles.",
                plural(*before, "error", "errors")
            ),
            Trial::Ended { before, after } => format!(
                "A copy with it was compiled: {} before, {after} after.",
                plural(*before, "error", "errors")
            ),
        };
        view.paragraph(out, "  ", "       ", &said)?;
        if fix.certainty == Certainty::Guess {
            let doubt = "It is a guess: only you know what was meant here.";
            view.paragraph(out, "  ", "       ", doubt)?;
        }
        view.paragraph(out, "  ", "       ", "a writes it to the file; u takes it back.")?;
        writeln!(out)?;
    }
    view.explanation(out, &scene.verdict, root)
}
