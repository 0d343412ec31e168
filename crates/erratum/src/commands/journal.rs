//! `erratum journal`: which mistakes somebody makes, and how they come and go.

use crate::app::{App, language_of_name};
use crate::arguments::{Journal, JournalCommand};
use crate::calendar::{day, span, time};
use crate::failure::Failure;
use crate::show::chart::words;
use crate::{files, journaled, show};
use erratum_learn::journal::{Kind, Summary, practice, spool, store::Store};
use erratum_learn::kind;
use std::io::{self, Write};
use std::path::Path;

/// Runs it.
pub fn run(app: &App, arguments: &Journal) -> Result<u8, Failure> {
    let failed = |error: io::Error| Failure::said(format!("the journal cannot be kept: {error}"));
    match &arguments.command {
        Some(JournalCommand::Off) => {
            journaled::turn(false).map_err(failed)?;
            return say(
                arguments,
                "Nothing is kept any more. What there is stays; `erratum journal forget` removes it.",
            );
        }
        Some(JournalCommand::On) => {
            journaled::turn(true).map_err(failed)?;
            return say(
                arguments,
                "The kinds of your mistakes are kept again, on this machine only.",
            );
        }
        _ => {}
    }
    let folder = journaled::folder()
        .ok_or_else(|| Failure::said("no home folder is set, so there is no journal. Set HOME."))?;
    let mut store = open(&folder)?;
    let language = language_of_name(arguments.shown.page.language.as_deref())?.map(|one| one.id);
    if let Some(JournalCommand::Forget { before }) = &arguments.command {
        let before = before.as_deref().map(time).transpose()?;
        store.forget(language, before).map_err(|error| Failure::said(error.to_string()))?;
        if language.is_none() && before.is_none() {
            spool::forget(&folder).map_err(failed)?;
        }
        // Kinds of slips are of no language.
        if language.is_none() {
            practice::forget(&folder, before).map_err(failed)?;
        }
        return say(arguments, "Forgotten.");
    }
    let summary = store
        .summary(language, journaled::now())
        .map_err(|error| Failure::said(error.to_string()))?;
    if let Some(path) = &arguments.html {
        files::write_new(path, show::chart::page(&app.catalogue, &summary).as_bytes())?;
        return say(arguments, &format!("Written to {}.", path.display()));
    }
    let mut out = show::out(arguments.shown.page.color);
    match () {
        () if arguments.shown.json => writeln!(out, "{}", show::json::text(&summary)?)?,
        () if arguments.csv => csv(&mut out, &summary)?,
        () => text(&mut out, app, &summary, show::width(arguments.shown.page.width))?,
    }
    out.flush()?;
    Ok(0)
}

fn open(folder: &Path) -> Result<Store, Failure> {
    let failed =
        |error: erratum_learn::journal::store::StoreError| Failure::said(error.to_string());
    let mut store = Store::open(folder).map_err(failed)?;
    if let Some(aside) = &store.damaged {
        let _ = writeln!(
            anstream::stderr(),
            "erratum: the journal was damaged. It is put aside as {}, and a new one begins.",
            aside.display()
        );
    }
    store.merge().map_err(failed)?;
    Ok(store)
}

fn say(arguments: &Journal, text: &str) -> Result<u8, Failure> {
    let mut out = show::out(arguments.shown.page.color);
    show::paragraph(&mut out, show::width(arguments.shown.page.width), "", "", text)?;
    out.flush()?;
    Ok(0)
}

/// How many kinds are shown.
const SHOWN: usize = 12;

fn text(out: &mut impl Write, app: &App, summary: &Summary, width: usize) -> io::Result<()> {
    if summary.made == 0 {
        let text = if journaled::is_off() {
            "The journal is off, and empty. `erratum journal on` begins it."
        } else {
            "The journal is empty. Looks at a terminal fill it."
        };
        return show::paragraph(out, width, "", "", text);
    }
    let bold = anstyle::Style::new().bold();
    let mistakes =
        show::plural(usize::try_from(summary.made).unwrap_or(usize::MAX), "mistake", "mistakes");
    writeln!(out, "{mistakes}, {} of them gone.\n", summary.gone)?;
    let weeks = summary.weeks.len();
    let room = width.saturating_sub(weeks + 32).max(20);
    writeln!(
        out,
        "{bold}{:room$}  {:>5}  {:>7}  {:>8}  {:weeks$}{bold:#}",
        "kind", "made", "hidden", "gone in", "weeks"
    )?;
    for kind in summary.kinds.iter().take(SHOWN) {
        let words = shortened(&words(&app.catalogue, kind), room);
        let hidden = format!("{} %", 100 * kind.hidden / kind.made.max(1));
        let gone = kind.seconds.map_or_else(|| "-".to_owned(), span);
        writeln!(
            out,
            "{words:room$}  {:>5}  {hidden:>7}  {gone:>8}  {}",
            kind.made,
            bars(&kind.trend)
        )?;
    }
    let more = summary.kinds.len().saturating_sub(SHOWN);
    if more > 0 {
        writeln!(out, "and {}", show::plural(more, "more kind", "more kinds"))?;
    }
    let away: Vec<String> = summary
        .kinds
        .iter()
        .filter(|kind| kind.went_away())
        .map(|kind| words(&app.catalogue, kind))
        .take(3)
        .collect();
    if !away.is_empty() {
        writeln!(out)?;
        show::paragraph(out, width, "Went away: ", "  ", &away.join("; "))?;
    }
    if let Some(name) = summary.kinds.iter().find_map(|one| drillable(one)) {
        writeln!(out, "\nNext: `erratum drill --kind {name}` practises what you make most.")?;
    }
    Ok(())
}

/// The kind of slip that practises a kind of mistake.
fn drillable(one: &Kind) -> Option<&'static str> {
    let mistake = one.mistake.parse().ok()?;
    kind::of_mistake(mistake).next()
}

fn shortened(text: &str, room: usize) -> String {
    if text.chars().count() <= room {
        return text.to_owned();
    }
    let mut short: String = text.chars().take(room.saturating_sub(1)).collect();
    short.push('…');
    short
}

/// One bar for each number, as high as it is.
fn bars(numbers: &[u64]) -> String {
    const BARS: [char; 8] = ['▁', '▂', '▃', '▄', '▅', '▆', '▇', '█'];
    let most = numbers.iter().copied().max().unwrap_or(0).max(1);
    let bar = |number: &u64| match number {
        0 => '·',
        some => BARS[usize::try_from(some * 7 / most).unwrap_or(7).min(7)],
    };
    numbers.iter().map(bar).collect()
}

fn csv(out: &mut impl Write, summary: &Summary) -> io::Result<()> {
    write!(out, "mistake,made,hidden,gone,mended,seconds")?;
    for week in &summary.weeks {
        write!(out, ",{}", day(*week))?;
    }
    writeln!(out)?;
    for kind in &summary.kinds {
        let seconds = kind.seconds.map_or_else(String::new, |seconds| seconds.to_string());
        let Kind { mistake, made, hidden, gone, mended, trend, .. } = kind;
        write!(out, "{mistake},{made},{hidden},{gone},{mended},{seconds}")?;
        for count in trend {
            write!(out, ",{count}")?;
        }
        writeln!(out)?;
    }
    Ok(())
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn bars_are_as_high_as_their_numbers() {
        assert_eq!(bars(&[0, 1, 8, 4]), "·▁█▄");
        assert_eq!(bars(&[0, 0]), "··");
    }
}
