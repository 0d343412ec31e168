//! What every command needs: the catalogue with the learner's texts, and sessions that are set up as
//! the options say.

use crate::arguments::{Cli, Command, Common, Compile};
use crate::failure::Failure;
use crate::observing::{Story, Watchers};
use crate::preparing;
use crate::trusting;
use erratum_catalogue::Catalogue;
use erratum_catalogue::own::Problem;
use erratum_compilers::{Cache, Config, Trust};
use erratum_look::{Budget, Builder, Session, language_named, texts};
use erratum_repair::search::{Limits, Warnings};
use erratum_syntax::language::Language;
use std::io::Write;
use std::path::{Path, PathBuf};
use std::sync::Arc;
use std::time::Duration;

/// What is the same for all commands of a run.
pub struct App {
    /// The catalogue, with the texts that `erratum.toml` names.
    pub catalogue: Arc<Catalogue>,
    /// What is prepared for compilers; `None` where a user has no place for it.
    pub cache: Option<Arc<Cache>>,
    /// The folders in which settings may say which program is started.
    pub trust: Trust,
    /// Whether the settings beside the program let the journal be kept.
    pub journal: Option<bool>,
}

impl App {
    /// Reads the texts that the settings beside the program name. A broken entry is named and left
    /// out.
    pub fn new(cli: &Cli) -> Result<App, Failure> {
        trusting::settle_command(command(cli))?;
        let (cache, trust) = (preparing::cache(), Trust::of_user());
        let Some(beside) = beside(cli) else {
            return Ok(App { catalogue: Catalogue::shipped(), cache, trust, journal: None });
        };
        let config = Config::find(&beside)?;
        trusting::settle(&config, &trust, compiles(cli))?;
        let (catalogue, problems) = texts::catalogue(&config)?;
        let mut lost = problems.iter().filter(|problem| problem.left_out).peekable();
        if let Some(first) = lost.peek().map(|first| said(first)) {
            let _ = writeln!(
                anstream::stderr(),
                "erratum: {first}\nerratum: {} of the texts left out; `erratum texts` names all.",
                lost.count()
            );
        }
        Ok(App { catalogue, cache, trust, journal: config.journal })
    }

    /// Sets a session up, watched by what the options ask for; returns its story too, if it is to be
    /// told.
    pub fn session(
        &self,
        common: &Common,
        compile: &Compile,
    ) -> Result<(Builder, Option<Story>), Failure> {
        let (watchers, story) = Watchers::new(common, compile)?;
        Ok((self.plain_session(common, compile)?.observer(watchers), story))
    }

    /// Sets a session up that nobody watches yet.
    pub fn plain_session(&self, common: &Common, compile: &Compile) -> Result<Builder, Failure> {
        let builder = Session::builder()
            .catalogue(self.catalogue.clone())
            .cache(self.cache.clone())
            .trust(self.trust.clone())
            .language(named_language(common)?)
            .compiler(compile.compiler.clone())
            .limits(limits(common));
        Ok(match (compile.compiles, compile.budget) {
            (Some(compiles), _) => builder.budget(Budget::Compiles(compiles as usize)),
            (None, Some(seconds)) => builder.budget(Budget::Time(Duration::from_secs_f64(seconds))),
            (None, None) => builder,
        })
    }
}

/// The language that `--language` names.
pub fn named_language(common: &Common) -> Result<Option<&'static Language>, Failure> {
    language_of_name(common.shown.page.language.as_deref())
}

/// The language of a name that was given.
pub fn language_of_name(name: Option<&str>) -> Result<Option<&'static Language>, Failure> {
    Ok(name.map(language_named).transpose()?)
}

/// What the options want looked for.
pub fn limits(common: &Common) -> Limits {
    let warnings = if common.warnings { Warnings::All } else { Warnings::Grave };
    Limits { warnings, ..Limits::default() }
}

/// The folder whose settings hold for a command; none for those that show no texts.
fn beside(cli: &Cli) -> Option<PathBuf> {
    let parent = |file: Option<&PathBuf>| {
        let folder = file.and_then(|file| file.parent()).unwrap_or(Path::new(""));
        if folder.as_os_str().is_empty() { PathBuf::from(".") } else { folder.to_owned() }
    };
    match &cli.command {
        None => Some(parent(cli.look.files.first())),
        Some(Command::Look(look)) => Some(parent(look.files.first())),
        Some(Command::Mend(mend)) => Some(parent(mend.files.first())),
        Some(Command::Narrow(narrow)) => Some(parent(narrow.narrowing.files.first())),
        Some(Command::Share(share)) => Some(parent(share.narrowing.files.first())),
        Some(Command::Watch(watch)) => Some(parent(watch.files.first())),
        Some(Command::Read(_) | Command::Means(_)) => Some(PathBuf::from(".")),
        Some(_) => None,
    }
}

/// The build command that is to be run, if one is given.
fn command(cli: &Cli) -> &[String] {
    match &cli.command {
        None => &cli.look.build,
        Some(Command::Look(look)) => &look.build,
        Some(Command::Mend(mend)) => &mend.build,
        Some(_) => &[],
    }
}

/// Whether a command starts compilers.
fn compiles(cli: &Cli) -> bool {
    !matches!(&cli.command, Some(Command::Read(_) | Command::Means(_)))
}

/// A problem with a text, in one line.
pub fn said(problem: &Problem) -> String {
    let entry =
        if problem.entry.is_empty() { String::new() } else { format!(" ({})", problem.entry) };
    format!("{}, line {}{entry}: {}", problem.file, problem.line, problem.reason)
}
