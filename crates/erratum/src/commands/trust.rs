//! `erratum trust`: the folders whose settings may say which program is started.

use crate::arguments::{Color, Trust as Arguments};
use crate::failure::Failure;
use crate::show;
use crate::trusting::not_kept;
use erratum_compilers::Trust;
use std::io::Write;

/// Runs it.
pub fn run(arguments: &Arguments) -> Result<u8, Failure> {
    let trust = Trust::of_user();
    let mut out = show::out(Color::Auto);
    match &arguments.folder {
        None => list(&mut out, &trust)?,
        Some(folder) if arguments.revoke => {
            let was = trust.remove(folder).map_err(|error| Failure::said(not_kept(&error)))?;
            let folder = folder.display();
            if !was {
                return Err(Failure::said(format!(
                    "{folder} is not on the list; `erratum trust` shows it. A folder above it may be."
                )));
            }
            writeln!(out, "{folder} is trusted no longer.")?;
        }
        Some(folder) => {
            let full = trust.add(folder).map_err(|error| {
                Failure::said(format!("{} cannot be trusted: {error}.", folder.display()))
            })?;
            writeln!(out, "Trusted, with all that lies below it: {}", full.display())?;
        }
    }
    out.flush()?;
    Ok(0)
}

fn list(out: &mut impl Write, trust: &Trust) -> Result<(), Failure> {
    let folders = trust.folders();
    if folders.is_empty() {
        let text = "No folder is trusted. Settings beside a program may set texts, language and \
                    budget; which program is started they may say only in a folder that you trust: \
                    `erratum trust FOLDER`.";
        show::paragraph(out, show::width(None), "", "", text)?;
        return Ok(());
    }
    writeln!(out, "Trusted, with all that lies below:")?;
    for folder in folders {
        writeln!(out, "  {}", folder.display())?;
    }
    writeln!(out, "`erratum trust FOLDER --revoke` takes one off.")?;
    Ok(())
}
