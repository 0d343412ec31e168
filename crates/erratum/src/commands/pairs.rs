//! `erratum pairs`: what pairs with what in a file, without any compiler.

use crate::app::language_of_name;
use crate::arguments::Pairs;
use crate::failure::Failure;
use crate::show::{self, links::Links, structure};
use erratum_compilers::Project;
use erratum_repair::structure::{Structure, tidy};
use std::io::Write;

/// Runs it: 0 if everything has its partner, 1 if not.
pub fn run(arguments: &Pairs) -> Result<u8, Failure> {
    let language = language_of_name(arguments.shown.page.language.as_deref())?;
    let project = Project::open(std::slice::from_ref(&arguments.file), language)?;
    let Some(source) = project.program.files.first() else { return Ok(0) };
    let mut out = show::out(arguments.shown.page.color);
    if arguments.tidy {
        let Some(text) = tidy(source, project.language) else {
            return Err(Failure::said(format!(
                "in {} the indentation makes the blocks, so there is no other way to lay the file out.",
                project.language.name
            )));
        };
        out.write_all(text.as_bytes())?;
        out.flush()?;
        return Ok(0);
    }
    let found = Structure::new(source, project.language);
    if arguments.shown.json {
        let text = show::json::text(&found)?;
        writeln!(out, "{text}")?;
    } else {
        let width = show::width(arguments.shown.page.width);
        let path = |name: &str| project.path(name);
        let links = Links::new(&path);
        structure::View { source, width, all: arguments.all, links: &links }
            .show(&mut out, &found)?;
    }
    out.flush()?;
    Ok(u8::from(!found.sound()))
}
