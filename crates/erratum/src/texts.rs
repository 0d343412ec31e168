//! Texts that stand in for those of the catalogue: another human language, and what a teacher wrote.

use crate::arguments::{Cli, Command};
use crate::failure::Failure;
use erratum_compilers::Config;
use erratum_core::catalogue::own::{self, Problem};
use erratum_core::catalogue::{self, Texts};
use std::fs;
use std::io::Write;
use std::path::{Path, PathBuf};

/// The largest file of texts that is read, in bytes.
const LARGEST: u64 = 4 << 20;

/// The texts of a folder, and what is wrong with them.
#[derive(Default)]
pub struct Folder {
    /// The texts of each file.
    pub texts: Vec<Texts>,
    /// What is wrong.
    pub problems: Vec<Problem>,
    /// How many files there are.
    pub files: usize,
}

/// Lets the texts stand in that `erratum.toml` names. A broken entry is named and left out.
pub fn choose(cli: &Cli) -> Result<(), Failure> {
    let Some(beside) = beside(cli) else { return Ok(()) };
    let config = Config::find(&beside)?;
    let (texts, problems) = chosen(&config)?;
    let lost = problems.iter().filter(|problem| problem.left_out).count();
    if lost > 0 {
        let first = problems.iter().find(|problem| problem.left_out).map_or(String::new(), said);
        let _ = writeln!(
            anstream::stderr(),
            "erratum: {first}\nerratum: {lost} of the texts left out; `erratum texts` names all."
        );
    }
    if !texts.is_empty() {
        catalogue::choose(texts);
    }
    Ok(())
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
        Some(Command::Share(share)) => Some(parent(share.narrowing.files.first())),
        Some(Command::Read(_) | Command::Means(_)) => Some(PathBuf::from(".")),
        Some(_) => None,
    }
}

/// The texts that settings name, the later ones over the earlier ones.
fn chosen(config: &Config) -> Result<(Vec<Texts>, Vec<Problem>), Failure> {
    let wanted = config.texts.language.as_deref();
    let mut own = Folder::default();
    if let Some(folder) = &config.texts.folder {
        own = read_folder(&config.folder.join(folder), folder)?;
    }
    let mut texts: Vec<Texts> = Vec::new();
    if let Some(language) = wanted.filter(|language| *language != "en") {
        let written = own.texts.iter().any(|texts| texts.language.as_deref() == wanted);
        let shipped = catalogue::texts_in(language);
        if shipped.is_none() && !written {
            let known: Vec<&str> =
                std::iter::once("en").chain(catalogue::human_languages()).collect();
            return Err(Failure::said(format!(
                "{}: there are no texts in the language '{language}'. There are: {}. Texts of your own can be put into a folder that [texts] names.",
                config.folder.join("erratum.toml").display(),
                known.join(", ")
            )));
        }
        texts.extend(shipped.cloned());
    }
    let fits = |texts: &Texts| texts.language.is_none() || texts.language.as_deref() == wanted;
    texts.extend(own.texts.into_iter().filter(fits));
    Ok((texts, own.problems))
}

/// Reads the texts of a folder: its `*.toml`, by name. `shown` is what the folder is called.
pub fn read_folder(folder: &Path, shown: &Path) -> Result<Folder, Failure> {
    let broken = |error: std::io::Error| {
        Failure::said(format!("{}: the folder of texts cannot be read: {error}", shown.display()))
    };
    let mut paths: Vec<PathBuf> =
        fs::read_dir(folder).map_err(broken)?.flatten().map(|entry| entry.path()).collect();
    paths.retain(|path| path.extension().is_some_and(|extension| extension == "toml"));
    paths.sort();
    let mut all = Folder { files: paths.len(), ..Folder::default() };
    for path in paths {
        let name = shown.join(path.file_name().unwrap_or_default()).display().to_string();
        let large = fs::metadata(&path).is_ok_and(|data| data.len() > LARGEST);
        let text = if large { Err("it is too large".to_owned()) } else { as_text(&path) };
        match text {
            Ok(text) => {
                let (texts, problems) = own::read(&name, &text);
                all.texts.push(texts);
                all.problems.extend(problems);
            }
            Err(reason) => all.problems.push(Problem {
                file: name,
                line: 1,
                entry: String::new(),
                reason,
                left_out: true,
            }),
        }
    }
    Ok(all)
}

fn as_text(path: &Path) -> Result<String, String> {
    let bytes = fs::read(path).map_err(|error| format!("it cannot be read: {error}"))?;
    String::from_utf8(bytes).map_err(|_| "it is no text in UTF-8".to_owned())
}

/// A problem in one line.
pub fn said(problem: &Problem) -> String {
    let entry =
        if problem.entry.is_empty() { String::new() } else { format!(" ({})", problem.entry) };
    format!("{}, line {}{entry}: {}", problem.file, problem.line, problem.reason)
}
