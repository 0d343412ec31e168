//! Proves what a build command complains of: the files alone with the flags of the build, where that
//! gives the same messages, else by building copies of the project.

use super::{Look, Session};
use crate::build::{Built, Group, Key, errors};
use crate::error::Error;
use crate::prover::Prover;
use erratum_compilers::{KINDS, Limits, Project, Rebuild, Toolbox, compile_flags};
use erratum_repair::message::Severity;
use erratum_syntax::source::{Program, Source};
use std::collections::BTreeSet;

/// A proof of a build, or why there is none if that is known.
type Proof = Result<Look, Option<String>>;

impl Session {
    /// Proves the first group of files, by the compiler alone or by building copies.
    pub(super) fn prove(&mut self, built: &Built) -> Result<Proof, Error> {
        let Some(first) = built.groups.first() else { return Ok(Err(None)) };
        let wanted = errors(&built.reading.messages, &first.files);
        let mut arguments = self.options.arguments.clone();
        arguments.extend(compile_flags(&built.here, &first.files[0]).unwrap_or_default());
        let alone = Project::open(&first.files, self.options.language)
            .map_err(Error::from)
            .and_then(|project| self.look_with(project, &arguments));
        if let Ok(look) = alone {
            let errors =
                look.verdict.messages.iter().filter(|told| told.severity == Severity::Error);
            let said: BTreeSet<Key> = errors
                .filter_map(|told| {
                    let at = told.at.as_ref()?;
                    Some((at.file.clone(), at.line, told.text.clone()))
                })
                .collect();
            if said == wanted {
                return Ok(Ok(look));
            }
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
