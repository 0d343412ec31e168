//! What compilers that run on a JVM have in common: how it is started, and the archive of classes
//! with which it starts sooner (seen with OpenJDK 17).

use crate::resident::{FIELD, Work, step};
use std::fs;
use std::path::{Path, PathBuf};
use std::process::Command;

/// The files of an entry.
const CLASSES: &str = "helper.jar";
const ARCHIVE: &str = "helper.jsa";

/// A JVM that soon is at work, and answers in English.
fn jvm(java: &Path) -> Command {
    let mut command = Command::new(java);
    command.args(FLAGS);
    command
}

/// The flags of such a JVM: an archive is only good for the collector with which it was made.
pub(super) const FLAGS: &[&str] = &[
    "-XX:TieredStopAtLevel=1",
    "-XX:CICompilerCount=1",
    "-XX:+UseSerialGC",
    "-Xshare:auto",
    "-XX:-UsePerfData",
    "-Xmx768m",
    "-Xss8m",
    "-Duser.language=en",
    "-Dfile.encoding=UTF-8",
];

/// What runs a helper: the JVM, and what the helper needs.
pub(super) struct Jvm {
    pub java: PathBuf,
    pub libraries: Vec<PathBuf>,
    /// The package that it uses of a module which does not show it to everyone: `module/package`.
    pub export: Option<&'static str>,
    /// A part of the helper that the compiler itself compiles.
    pub own: Option<Own>,
}

/// A part of a helper in the language of its compiler. The helper does without where it is not there.
pub(super) struct Own {
    pub compiler: PathBuf,
    /// The name of its file, and its text.
    pub file: &'static str,
    pub source: &'static str,
}

impl Own {
    /// Compiles it into a folder. What does not compile is of another version of the compiler.
    fn compile(&self, work: &Path, classes: &Path) -> Result<(), String> {
        let path = work.join(self.file);
        fs::write(&path, self.source).map_err(|error| error.to_string())?;
        let mut compiler = Command::new(&self.compiler);
        let _ = step(compiler.arg("-nowarn").arg("-d").arg(classes).arg(path));
        Ok(())
    }
}

impl Jvm {
    /// The class path, from the folder of an entry. The archive is only good for the very same text.
    fn class_path(&self, first: Option<&str>) -> String {
        let libraries = self.libraries.iter().map(|path| path.display().to_string());
        let all: Vec<String> = first.map(str::to_owned).into_iter().chain(libraries).collect();
        all.join(if cfg!(windows) { ";" } else { ":" })
    }

    /// Starts a helper from its text, or from what was prepared.
    pub fn command(&self, work: &Work) -> Command {
        let mut command = jvm(&self.java);
        match work {
            Work::Plain { helper } => {
                if !self.libraries.is_empty() {
                    command.args(["-cp", &self.class_path(None)]);
                }
                command.args(self.exported()).arg(helper);
            }
            Work::Prepared { folder, main } => {
                command.arg(format!("-XX:SharedArchiveFile={ARCHIVE}"));
                command.args(self.main(main)).current_dir(folder);
            }
        }
        command
    }

    /// How the prepared classes are run. A JVM takes its own modules from its archive only if no flag
    /// exports a package; what the file of the classes itself exports does not count.
    fn main(&self, main: &str) -> Vec<String> {
        let arguments: &[&str] = match self.export {
            Some(_) => &["-jar", CLASSES],
            None => &["-cp", &self.class_path(Some(CLASSES)), main],
        };
        arguments.iter().map(|&argument| argument.to_owned()).collect()
    }

    /// The flag by which a compiler or a JVM shows what the helper uses.
    fn exported(&self) -> Vec<String> {
        self.export
            .map_or(Vec::new(), |of| vec!["--add-exports".to_owned(), format!("{of}=ALL-UNNAMED")])
    }

    /// The files that an archive depends on.
    pub fn files(&self) -> Vec<PathBuf> {
        let java = dunce::canonicalize(&self.java).unwrap_or_else(|_| self.java.clone());
        let classes = java.parent().and_then(Path::parent).map(|home| home.join("lib/modules"));
        let mut all = vec![java];
        all.extend(classes.filter(|path| path.is_file()));
        all.extend(self.libraries.iter().cloned());
        all
    }

    /// Compiles a helper, lets it check `samples` (name, text), and keeps the classes that were
    /// needed for it.
    pub fn prepare(
        &self,
        helper: &Path,
        samples: &[(&str, &str)],
        folder: &Path,
    ) -> Result<(), String> {
        let work = tempfile::tempdir().map_err(|error| error.to_string())?;
        let classes = work.path().join("classes");
        let main = helper.file_stem().map(|stem| stem.to_string_lossy().into_owned());
        let main = main.ok_or("the helper has no name")?;
        let mut javac = Command::new(self.beside("javac")?);
        javac.args(["-nowarn", "-XDstringConcat=inline", "-d"]).arg(&classes);
        if !self.libraries.is_empty() {
            javac.args(["-cp", &self.class_path(None)]);
        }
        step(javac.args(self.exported()).arg(helper))?;
        if let Some(own) = &self.own {
            own.compile(work.path(), &classes)?;
        }
        let mut manifest = format!("Main-Class: {main}\n");
        if let Some(of) = self.export {
            manifest += &format!("Add-Exports: {of}\n");
        }
        let about = work.path().join("manifest");
        fs::write(&about, manifest).map_err(|error| error.to_string())?;
        let mut jar = Command::new(self.beside("jar")?);
        jar.args(["--create", "--file"]).arg(folder.join(CLASSES));
        jar.arg("--manifest").arg(&about).arg("-C").arg(&classes).arg(".");
        step(&mut jar)?;
        let requests = requests(work.path(), samples)?;
        let mut learn = jvm(&self.java);
        learn
            .arg(format!("-XX:ArchiveClassesAtExit={ARCHIVE}"))
            .args(self.main(&main))
            .current_dir(folder)
            .stdin(requests);
        step(&mut learn)?;
        if !folder.join(ARCHIVE).is_file() {
            return Err("this JVM keeps no archive of classes".to_owned());
        }
        Ok(())
    }

    /// A tool of the JDK that the JVM belongs to.
    fn beside(&self, tool: &str) -> Result<PathBuf, String> {
        let java = crate::toolbox::which(&self.java).ok_or("java is not here")?;
        let java = dunce::canonicalize(&java).unwrap_or(java);
        let path = java.with_file_name(tool);
        if path.is_file() { Ok(path) } else { Err(format!("`{tool}` is not beside the JVM")) }
    }
}

/// A file with one request for each sample.
fn requests(folder: &Path, samples: &[(&str, &str)]) -> Result<fs::File, String> {
    let failed = |error: std::io::Error| error.to_string();
    let mut lines = String::new();
    for (id, (name, text)) in samples.iter().enumerate() {
        let of = folder.join(id.to_string());
        fs::create_dir_all(&of).map_err(failed)?;
        fs::write(of.join(name), text).map_err(failed)?;
        let of = of.display().to_string();
        lines += &[id.to_string(), of.clone(), of, (*name).to_owned()].join(&FIELD.to_string());
        lines.push('\n');
    }
    let path = folder.join("requests");
    fs::write(&path, lines).map_err(failed)?;
    fs::File::open(path).map_err(failed)
}
