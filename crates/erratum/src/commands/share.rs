//! `erratum share`: one text to paste or send, for asking someone. Nothing is sent anywhere.

use crate::app::App;
use crate::arguments::Share;
use crate::failure::Failure;
use crate::show::question;
use crate::{files, narrowing, show};
use erratum_syntax::visible::visible;
use std::io::Write;
use std::path::Path;

/// Runs it: 1 as after any look at a program with errors.
pub fn run(app: &App, arguments: &Share) -> Result<u8, Failure> {
    let asked = &arguments.narrowing;
    files::must_be_new(asked.out.as_deref())?;
    let mut out = show::out(Default::default());
    let language = arguments.language.as_deref();
    let Some(small) = narrowing::narrow(app, asked, language, false)? else {
        writeln!(out, "{} compiles: there is nothing to ask.", asked.files[0].display())?;
        out.flush()?;
        return Ok(0);
    };
    let root = small.root();
    let mut text = visible(&question::text(&small, root.as_ref())).into_owned();
    if arguments.html || asked.out.as_deref().is_some_and(is_page) {
        let name = question::base(small.narrowed.source.name());
        text = show::page::page(&visible(&format!("{name} does not compile")), &text);
    }
    match &asked.out {
        Some(path) => {
            files::write_new(path, text.as_bytes())?;
            writeln!(out, "Written to {}. Nothing was sent anywhere.", path.display())?;
        }
        None => out.write_all(text.as_bytes())?,
    }
    out.flush()?;
    Ok(1)
}

/// Whether a file's name asks for a page.
fn is_page(path: &Path) -> bool {
    let ending = path.extension().and_then(|ending| ending.to_str()).unwrap_or("");
    ["html", "htm"].iter().any(|html| ending.eq_ignore_ascii_case(html))
}
