//! The journal as one page: charts drawn as SVG, and the numbers. Nothing is fetched.

use super::page::{escaped, framed};
use crate::calendar::{day, span};
use erratum_catalogue::Catalogue;
use erratum_learn::journal::{Kind, Summary};
use plotters::prelude::*;

/// The size of a chart.
const SIZE: (u32, u32) = (760, 320);
/// The colour of text, which the page gives back as its own: light or dark.
const INK: RGBColor = RGBColor(1, 2, 3);
/// Of bars: seen on light and on dark.
const BAR: RGBColor = RGBColor(46, 134, 193);

/// The page.
pub fn page(catalogue: &Catalogue, summary: &Summary) -> String {
    let mut body = format!(
        "<h1>Your mistakes</h1>\n<p>{} made, {} of them gone.</p>\n",
        summary.made, summary.gone
    );
    let weeks: Vec<String> = summary.weeks.iter().map(|week| day(*week)).collect();
    let by_week: Vec<u64> = (0..weeks.len())
        .map(|at| summary.kinds.iter().filter_map(|kind| kind.trend.get(at)).sum())
        .collect();
    body += "<h2>By week</h2>\n";
    body += &bars(&by_week, &weeks);
    let kinds: Vec<_> = summary.kinds.iter().take(10).collect();
    let names: Vec<String> = kinds.iter().map(|kind| words(catalogue, kind)).collect();
    body += "<h2>By kind</h2>\n<table>\n<tr><th>Kind</th><th>Made</th><th>Hidden</th><th>Gone</th><th>Mended by Erratum</th><th>Half were gone after</th></tr>\n";
    for (kind, name) in kinds.iter().zip(&names) {
        let seconds = kind.seconds.map_or_else(String::new, span);
        body += &format!(
            "<tr><td>{}</td><td>{}</td><td>{}</td><td>{}</td><td>{}</td><td>{seconds}</td></tr>\n",
            escaped(name),
            kind.made,
            kind.hidden,
            kind.gone,
            kind.mended
        );
    }
    body += "</table>\n";
    framed("Your mistakes", &body)
}

/// What a kind is, in the words of the catalogue.
pub fn words(catalogue: &Catalogue, kind: &Kind) -> String {
    let entry = catalogue.entry(&kind.mistake);
    entry.map_or_else(|| kind.mistake.clone(), |entry| entry.general.clone())
}

/// Numbers as bars; a chart that cannot be drawn leaves its place empty.
fn bars(numbers: &[u64], names: &[String]) -> String {
    let mut text = String::new();
    if draw(&mut text, numbers, names).is_none() {
        return String::new();
    }
    text.replace("#010203", "currentColor")
}

fn draw(text: &mut String, numbers: &[u64], names: &[String]) -> Option<()> {
    let root = SVGBackend::with_string(text, SIZE).into_drawing_area();
    let most = numbers.iter().copied().max().unwrap_or(0).max(4);
    let count = numbers.len().max(1);
    let mut chart = ChartBuilder::on(&root)
        .margin(8)
        .x_label_area_size(28)
        .y_label_area_size(40)
        .build_cartesian_2d(0..count, 0..most)
        .ok()?;
    let style = ("sans-serif", 13).into_font().color(&INK);
    let name = |at: &usize| names.get(*at).map_or_else(String::new, |name| name[5..].to_owned());
    chart
        .configure_mesh()
        .disable_x_mesh()
        .light_line_style(TRANSPARENT)
        .bold_line_style(INK.mix(0.15))
        .axis_style(INK)
        .label_style(style)
        .x_labels(count.min(12))
        .x_label_formatter(&name)
        .y_label_formatter(&|number| number.to_string())
        .draw()
        .ok()?;
    let all = numbers.iter().enumerate().map(|(at, number)| {
        let mut bar = Rectangle::new([(at, 0), (at + 1, *number)], BAR.filled());
        bar.set_margin(0, 0, 4, 4);
        bar
    });
    chart.draw_series(all).ok()?;
    root.present().ok()
}
