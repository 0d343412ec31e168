//! Proves what a build command complains of: the files alone with the flags of the build, where that
//! gives the same messages, else by building copies of the project.

use super::{Look, Session};
use crate::build::{Built, Group, Key, errors};
use crate::error::Error;
use crate::prover::Prover;
use erratum_compilers::{KINDS, Limits, Project, Rebuild, Toolbox, compile_flags, confine};
use erratum_repair::message::Severity;
use erratum_syntax::language::Language;
use erratum_syntax::source::{Program, Source};
use std::collections::BTreeSet;
use std::path::{Path, PathBuf};

/// A proof of a build, or why there is none if that is known.
type Proof = Result<Look, Option<String>>;

impl Session {
    /// Builds a confined copy of a folder by a command, and finds the mistakes in some of its files. Where
    /// the folder stands, the command is never run: it may be somebody else's.
    ///
    /// # Errors
    /// When there is nothing to confine it with, the folder holds too much to be copied, or the build
    /// does not end, or fails without a message that can be read.
    pub fn look_at_copy(
        &mut self,
        folder: &Path,
        files: &[PathBuf],
        language: &'static Language,
        command: &[String],
    ) -> Result<Look, Error> {
        if confine::state() == confine::State::None {
            return Err(Error::Unconfined { name: command.first().cloned().unwrap_or_default() });
        }
        let compiler = KINDS.iter().find(|kind| kind.language == language.id);
        let compiler = compiler.map_or("", |kind| kind.name);
        let mut rebuild = Rebuild::new(command, folder, compiler, Limits::default())?;
        let below = |file: &Path| file.strip_prefix(folder).unwrap_or(file).to_owned();
        let mut program = Program::default();
        for file in files {
            let bytes = std::fs::read(file).map_err(|error| {
                let reason = error.to_string();
                erratum_compilers::Error::Unreadable { path: file.clone(), reason }
            })?;
            program.set(Source::new(below(file).to_string_lossy().replace('\\', "/"), bytes));
        }
        let report = rebuild.first(&program)?;
        let exit = report.exit;
        // Where the compiler alone says the same, it is quicker.
        let names: Vec<PathBuf> = program.files.iter().map(|file| file.name().into()).collect();
        let wanted = errors(&report.messages, &names);
        let mut arguments = self.options.arguments.clone();
        let flags = files.first().and_then(|file| compile_flags(folder, &below(file)));
        arguments.extend(flags.unwrap_or_default());
        let alone = Project::open(files, Some(language)).map_err(Error::from);
        if let Ok(mut look) = alone.and_then(|project| self.look_with(project, &arguments))
            && errors_of(&look, Some(folder)) == wanted
        {
            look.verdict.build.command = command.to_vec();
            return Ok(look);
        }
        rebuild.set_usual_limit();
        self.take(
            Prover::Build(Box::new(rebuild), language),
            &Toolbox::new(folder, &self.options.trust)?,
        );
        let mut look = self.search(program, report);
        let build = &mut look.verdict.build;
        language.id.clone_into(&mut build.language);
        compiler.clone_into(&mut build.compiler);
        build.command = command.to_vec();
        build.exit = exit;
        Ok(look)
    }

    /// Proves the first group of files, by the compiler alone or by building copies.
    pub(super) fn prove(&mut self, built: &Built) -> Result<Proof, Error> {
        let Some(first) = built.groups.first() else { return Ok(Err(None)) };
        let wanted = errors(&built.reading.messages, &first.files);
        let mut arguments = self.options.arguments.clone();
        arguments.extend(compile_flags(&built.here, &first.files[0]).unwrap_or_default());
        let alone = Project::open(&first.files, self.options.language)
            .map_err(Error::from)
            .and_then(|project| self.look_with(project, &arguments));
        if let Ok(look) = alone
            && errors_of(&look, None) == wanted
        {
            return Ok(Ok(look));
        }
        self.rebuild(built, first, &wanted)
    }

    /// Proves them by building copies of the project.
    fn rebuild(
        &mut self,
        built: &Built,
        first: &Group,
        wanted: &BTreeSet<Key>,
    ) -> Result<Proof, Error> {
        let compiler = KINDS.iter().find(|kind| kind.language == first.language.id);
        let compiler = compiler.map_or("", |kind| kind.name);
        let mut rebuild =
            match Rebuild::new(&built.command, &built.here, compiler, Limits::default()) {
                Ok(rebuild) => rebuild,
                Err(error) => return Ok(Err(Some(error.to_string()))),
            };
        let mut program = Program::default();
        for file in &first.files {
            match std::fs::read(file) {
                Ok(bytes) => program.set(Source::new(file.display().to_string(), bytes)),
                Err(error) => return Ok(Err(Some(format!("{}: {error}", file.display())))),
            }
        }
        let report = match rebuild.first(&program) {
            Ok(report) => report,
            Err(error) => return Ok(Err(Some(error.to_string()))),
        };
        // A copy that says something else is no copy of this build.
        if errors(&report.messages, &first.files) != *wanted {
            return Ok(Err(None));
        }
        let exit = report.exit;
        let prover = Prover::Build(Box::new(rebuild), first.language);
        self.take(prover, &Toolbox::new(&built.here, &self.options.trust)?);
        let mut look = self.search(program, report);
        let build = &mut look.verdict.build;
        first.language.id.clone_into(&mut build.language);
        compiler.clone_into(&mut build.compiler);
        build.command.clone_from(&built.command);
        build.exit = exit;
        Ok(Ok(look))
    }
}

/// The errors of a look; with a folder, files are named from there.
fn errors_of(look: &Look, folder: Option<&Path>) -> BTreeSet<Key> {
    let errors = look.verdict.messages.iter().filter(|told| told.severity == Severity::Error);
    let said = errors.filter_map(|told| {
        let at = told.at.as_ref()?;
        let file = Path::new(&at.file);
        let short = folder.and_then(|folder| file.strip_prefix(folder).ok()).unwrap_or(file);
        Some((short.to_string_lossy().into_owned(), at.line, told.text.clone()))
    });
    said.collect()
}
