//! `erratum means`: what a word of the trade, a code or a pasted message means.

use crate::app::{App, language_of_name};
use crate::arguments::Means;
use crate::failure::Failure;
use crate::show::{self, words};
use erratum_repair::means;
use std::io::{self, IsTerminal, Read, Write};

/// The most of a pasted text that is read, in bytes.
const LONGEST: u64 = 1 << 20;

/// Runs it.
pub fn run(app: &App, arguments: &Means) -> Result<u8, Failure> {
    let language =
        language_of_name(arguments.shown.page.language.as_deref())?.map(|language| language.id);
    let question = question(arguments)?;
    let mut out = show::out(arguments.shown.page.color);
    match means::means(&app.catalogue, &question, language) {
        Ok(answers) if arguments.shown.json => {
            let text = show::json::text(&answers)?;
            writeln!(out, "{text}")?;
        }
        Ok(answers) => words::show(&mut out, &answers, show::width(arguments.shown.page.width))?,
        Err(near) => {
            let asked = question.trim();
            let asked: String = asked.chars().take(60).collect();
            let hint = if near.is_empty() {
                "Ask for a word of the trade, a code such as E0308, or paste a message.".to_owned()
            } else {
                format!("Near it: {}.", near.join(", "))
            };
            return Err(Failure::said(format!("'{asked}' is not known. {hint}")));
        }
    }
    out.flush()?;
    Ok(0)
}

/// The words of the command line, or what was sent in.
fn question(arguments: &Means) -> Result<String, Failure> {
    let words = arguments.words.join(" ");
    if !words.trim().is_empty() {
        return Ok(words);
    }
    if io::stdin().is_terminal() {
        return Err(Failure::said(
            "nothing is asked. `erratum means identifier` explains a word; a message can be pasted behind it in quotes, or sent in.",
        ));
    }
    let mut bytes = Vec::new();
    io::stdin()
        .lock()
        .take(LONGEST)
        .read_to_end(&mut bytes)
        .map_err(|error| Failure::said(format!("standard input: {error}")))?;
    let text = String::from_utf8_lossy(&bytes).into_owned();
    if text.trim().is_empty() {
        return Err(Failure::said("nothing came in on standard input."));
    }
    Ok(text)
}
