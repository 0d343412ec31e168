//! `erratum drill`: practise reading a compiler on a program that was broken on purpose.

use crate::app::{App, language_of_name};
use crate::arguments::{Common, Compile, Drill};
use crate::failure::Failure;
use crate::questions::{Asked, at_lines};
use crate::show::{self, Out};
use crate::{files, journaled};
use erratum_catalogue::Catalogue;
use erratum_compilers::{Toolbox, Trust};
use erratum_learn::answer::{Judge, Mended, Worth};
use erratum_learn::schedule::{self, Given};
use erratum_learn::sealed::{self, Answers, Sheet};
use erratum_learn::{Exercise, Maker, Wanted, hint, kind, programs};
use erratum_look::Session;
use erratum_syntax::language::{LANGUAGES, Language};
use erratum_syntax::source::Source;
use erratum_syntax::visible::visible;
use serde::Serialize;
use std::fs;
use std::io::{self, Write};
use std::path::{Path, PathBuf};

/// How an exercise went: `docs/drilled.schema.json`.
#[derive(Serialize)]
#[cfg_attr(test, derive(schemars::JsonSchema))]
pub struct Drilled {
    /// The name and version of this form.
    #[cfg_attr(test, schemars(extend("const" = RESULT)))]
    schema: &'static str,
    /// The file of the exercise.
    file: String,
    /// The kinds of slip that were made.
    kinds: Vec<String>,
    /// What the answers are worth: `right`, `fair` (another one that holds as well) or `wrong`; nothing
    /// where none was given.
    line: Option<&'static str>,
    /// The same of the kind.
    kind: Option<&'static str>,
    /// The same of the mended text.
    text: &'static str,
    /// Whether all three are right or fair.
    right: bool,
}

const RESULT: &str = "erratum/drilled/1";

/// Runs it: 0 if all was right, else 1.
pub fn run(app: &App, arguments: &Drill) -> Result<u8, Failure> {
    match &arguments.check {
        Some(folder) => check(app, arguments, folder),
        None => Practice::open(app, arguments)?.run(),
    }
}

/// The exercise at hand, and where its copy is.
struct Practice<'a> {
    app: &'a App,
    arguments: &'a Drill,
    /// Keeps the folder with the copy.
    folder: tempfile::TempDir,
    session: Session,
    out: Out,
    given: Vec<Given>,
}

impl<'a> Practice<'a> {
    fn open(app: &'a App, arguments: &'a Drill) -> Result<Practice<'a>, Failure> {
        let folder = tempfile::tempdir()
            .map_err(|error| Failure::said(format!("no temporary folder can be made: {error}")))?;
        let given = journaled::answers();
        let path = match &arguments.file {
            Some(path) => path.clone(),
            None => shipped(arguments, &given, folder.path())?,
        };
        let session = builder(app, arguments)?.file(path).open()?;
        let out = show::out(arguments.shown.page.color);
        Ok(Practice { app, arguments, folder, session, out, given })
    }

    fn run(mut self) -> Result<u8, Failure> {
        let wanted = self.wanted()?;
        let exercise = Maker::new(&mut self.session)?.make(&wanted)?;
        if self.arguments.r#try.is_some() {
            return self.tried(&exercise);
        }
        let sheet = sheet(&self.app.catalogue, &exercise, wanted.seed)?;
        if let Some(folder) = &self.arguments.out {
            write(&sheet, folder)?;
            if !self.arguments.shown.json {
                writeln!(
                    self.out,
                    "Written to {}: {} to mend, {} with what the compiler says, and {} for the answers.\nNext: `erratum drill --check {}`",
                    folder.display(),
                    sheet.file,
                    sealed::MESSAGES,
                    sealed::ANSWER,
                    folder.display()
                )?;
            }
        }
        if self.arguments.shown.json {
            writeln!(self.out, "{}", show::json::text(&sheet)?)?;
        } else if self.arguments.out.is_none() {
            return self.ask(&exercise, &sheet);
        }
        self.out.flush()?;
        Ok(0)
    }

    fn wanted(&self) -> Result<Wanted, Failure> {
        let arguments = self.arguments;
        let language = self.session.project()?.language;
        let level = level(arguments, &self.given);
        let seed = arguments.seed.unwrap_or_else(|| fastrand::u64(..1_000_000));
        let (kind, line) = match arguments.r#try.as_deref().map(|text| text.split_once('@')) {
            None => (arguments.kind.clone(), None),
            Some(None) => (arguments.r#try.clone(), None),
            Some(Some((kind, line))) => {
                let number = line.parse().map_err(|_| {
                    Failure::said(format!("--try {kind}@{line}: `{line}` is no number of a line"))
                })?;
                (Some(kind.to_owned()), Some(number))
            }
        };
        let mut usual: Vec<&str> = kind::usual(language).map(|slip| slip.name).collect();
        // What the learner makes most comes before what is common with others.
        let own = journaled::made_most(language.id);
        let rank = |name: &&str| {
            let mistake = kind::mistake(name).map(|mistake| mistake.to_string());
            own.iter().position(|one| mistake.as_ref() == Some(one)).unwrap_or(own.len())
        };
        usual.sort_by_key(rank);
        // What cannot be asked about can be tried all the same.
        let known = |name: &str| match arguments.r#try {
            Some(_) => kind::named(name).is_some_and(|slip| slip.fits(language)),
            None => usual.contains(&name),
        };
        if let Some(unknown) = kind.as_deref().filter(|name| !known(name)) {
            return Err(Failure::said(format!(
                "there is no kind of slip called {unknown} in {}. These there are: {}",
                language.name,
                usual.join(", ")
            )));
        }
        // With a seed, the same exercise comes again, whatever was practised since.
        let first = match arguments.seed {
            Some(_) => Vec::new(),
            None => schedule::order(&self.given, &usual, journaled::now()),
        };
        let slips = arguments.slips.unwrap_or(if level > 2 { 2 } else { 1 });
        let chosen = kind.is_none() && slips == 1;
        let hidden = chosen.then_some(level == 2);
        Ok(Wanted { kind, first, line, slips: usize::from(slips), hidden, seed })
    }

    /// Shows what the compiler says of one slip, and what Erratum makes of it.
    fn tried(mut self, exercise: &Exercise) -> Result<u8, Failure> {
        for line in exercise.lines() {
            let text = exercise.broken().line_text(line).into_owned();
            writeln!(self.out, "Line {line} of a copy: {}", visible(text.trim()))?;
        }
        self.says(exercise)?;
        let path = self.copy(exercise.broken())?;
        let mut session = builder(self.app, self.arguments)?.file(&path).open()?;
        let look = session.look()?;
        if let Some(root) = look.verdict.roots.first() {
            writeln!(self.out, "\n{}", visible(&root.title))?;
            let width = self.width();
            show::paragraph(&mut self.out, width, "", "", &visible(&root.meaning))?;
        }
        self.out.flush()?;
        Ok(0)
    }

    fn width(&self) -> usize {
        show::width(self.arguments.shown.page.width)
    }

    /// Writes a text into the folder of the copy.
    fn copy(&self, source: &Source) -> Result<PathBuf, Failure> {
        let name = Path::new(source.name()).file_name().unwrap_or_default();
        let folder = self.folder.path().join("copy");
        let path = folder.join(name);
        let failed = |error: io::Error| Failure::said(format!("{}: {error}", path.display()));
        fs::create_dir_all(&folder).map_err(failed)?;
        fs::write(&path, source.bytes()).map_err(failed)?;
        Ok(path)
    }

    fn says(&mut self, exercise: &Exercise) -> Result<(), Failure> {
        writeln!(self.out, "\nThe compiler says:")?;
        let width = self.width();
        for message in exercise.errors().take(SHOWN) {
            let line = message.line().map_or(String::new(), |line| format!("line {line}: "));
            let text = format!("{line}{}", message.text);
            show::paragraph(&mut self.out, width, "  ", "      ", &visible(&text))?;
        }
        let more = exercise.errors().count().saturating_sub(SHOWN);
        if more > 0 {
            writeln!(self.out, "  and {more} more")?;
        }
        Ok(())
    }

    fn ask(mut self, exercise: &Exercise, sheet: &Sheet) -> Result<u8, Failure> {
        let path = self.copy(exercise.broken())?;
        let places = if exercise.slips.len() > 1 {
            format!("{} places", exercise.slips.len())
        } else {
            "one place".to_owned()
        };
        let whose = match &self.arguments.file {
            Some(file) => format!("{} stays as it is.", file.display()),
            None => "It is one of the programs that come with Erratum.".to_owned(),
        };
        let intro = format!(
            "{} was broken in {places}. The copy to work on is {}. {whose}",
            exercise.broken().name(),
            path.display()
        );
        let width = self.width();
        show::paragraph(&mut self.out, width, "", "", &visible(&intro))?;
        writeln!(self.out)?;
        for line in 1..=exercise.broken().line_count() {
            let text = exercise.broken().line_text(line).into_owned();
            writeln!(self.out, "{line:4}  {}", visible(text.trim_end()))?;
        }
        self.says(exercise)?;
        let hints = hint::all(exercise, &self.app.catalogue);
        let mut asked = Asked { hints, shown: 0, out: self.out };
        let mut session = builder(self.app, self.arguments)?.file(&path).open()?;
        session.look()?;
        let mut judge = Judge::new(exercise, &mut session);
        let mut right = true;
        let Some(answer) = asked
            .answer("Which line is at fault?", "its number", |text| text.parse::<u32>().ok())?
        else {
            return asked.stopped();
        };
        right &=
            asked.tell(judge.line(answer)?, &at_lines(&exercise.lines()), "That line is it.")?;
        let mut question = String::from("What kind of slip is it?");
        for (letter, one) in sealed::letters().zip(&sheet.kinds) {
            question += &format!("\n  {letter}  {}", one.words);
        }
        let kinds = sheet.kinds.len();
        let Some(answer) = asked.answer(&question, "its letter", |text| {
            sealed::letter(text).filter(|at| *at < kinds)
        })?
        else {
            return asked.stopped();
        };
        let all = judge.kinds();
        let meant =
            sheet.kinds.iter().filter(|one| all.iter().any(|id| one.mistake.parse() == Ok(*id)));
        let meant: Vec<&str> = meant.map(|one| one.words.as_str()).collect();
        let worth = judge.kind(&sheet.kinds[answer].mistake)?;
        right &= asked.tell(worth, &format!("this: {}", meant.join("; ")), "That is the kind.")?;
        let mended = asked.mend(&path, exercise.broken(), &mut judge)?;
        let Some(mended) = mended else { return asked.stopped() };
        right &= mended.worth().accepted();
        let gave_away = asked.shown >= asked.hints.len() && !asked.hints.is_empty();
        for slip in &exercise.slips {
            let right = right && !gave_away;
            journaled::answered(slip.kind, right);
        }
        asked.out.flush()?;
        Ok(u8::from(!right))
    }
}

/// How many messages are shown.
const SHOWN: usize = 6;

/// How hard it is: as asked for, else as earned; with a seed it never depends on what was practised.
fn level(arguments: &Drill, given: &[Given]) -> u8 {
    let earned = || if arguments.seed.is_some() { 1 } else { schedule::level(given) };
    arguments.level.unwrap_or_else(earned)
}

fn builder(app: &App, arguments: &Drill) -> Result<erratum_look::Builder, Failure> {
    let page = arguments.shown.page.clone();
    let common =
        Common { shown: crate::arguments::Shown { page, json: false }, ..Common::default() };
    app.plain_session(
        &common,
        &Compile { compiler: arguments.compiler.clone(), ..Compile::default() },
    )
}

/// Writes a program that ships into a folder: of the language that is asked for, else the first that
/// has a compiler here; the longer, the higher the level.
fn shipped(arguments: &Drill, given: &[Given], folder: &Path) -> Result<PathBuf, Failure> {
    let toolbox = Toolbox::new(Path::new("."), &Trust::of_user())?;
    let language: &'static Language =
        match language_of_name(arguments.shown.page.language.as_deref())? {
            Some(language) => language,
            None => {
                let mut here =
                    LANGUAGES.iter().copied().filter(|one| !programs::of(one).is_empty());
                let found = here.find(|one| toolbox.find(one, None).is_ok());
                found.ok_or_else(|| {
                    Failure::said("no compiler was found. `erratum compilers` says how to get one.")
                })?
            }
        };
    let size = match level(arguments, given) {
        0 | 1 => programs::Size::Small,
        2 => programs::Size::Middle,
        _ => programs::Size::Large,
    };
    let all = programs::of_size(language, size);
    let seed = arguments.seed.unwrap_or_else(|| fastrand::u64(..));
    let at = usize::try_from(seed % all.len().max(1) as u64).unwrap_or(0);
    let Some(source) = all.get(at) else {
        return Err(Failure::said(format!(
            "no programs in {} come with Erratum. Name one of your own.",
            language.name
        )));
    };
    let path = folder.join(source.name());
    fs::write(&path, source.bytes())
        .map_err(|error| Failure::said(format!("{}: {error}", path.display())))?;
    Ok(path)
}

fn sheet(catalogue: &Catalogue, exercise: &Exercise, seed: u64) -> Result<Sheet, Failure> {
    let right: Vec<_> = exercise.slips.iter().filter_map(|one| kind::mistake(one.kind)).collect();
    let offered = kind::offer(catalogue, &exercise.sound, exercise.language, &right, seed);
    Ok(Sheet::new(exercise, offered, seed)?)
}

/// Writes an exercise into a folder that is not there yet.
fn write(sheet: &Sheet, folder: &Path) -> Result<(), Failure> {
    files::must_be_new(Some(folder))?;
    let failed = |error: io::Error| Failure::said(format!("{}: {error}", folder.display()));
    fs::create_dir(folder).map_err(failed)?;
    let name = Path::new(&sheet.file).file_name().unwrap_or_default();
    let json = format!("{}\n", show::json::text(sheet)?);
    let all = [
        (Path::new(name), sheet.text.clone()),
        (Path::new(sealed::MESSAGES), sheet.messages_text()),
        (Path::new(sealed::ANSWER), sheet.answer_text()),
        (Path::new(sealed::SHEET), json),
    ];
    for (name, text) in all {
        fs::write(folder.join(name), text).map_err(failed)?;
    }
    Ok(())
}

/// Says how an exercise in a folder went.
fn check(app: &App, arguments: &Drill, folder: &Path) -> Result<u8, Failure> {
    let read = |name: &str| {
        let path = folder.join(name);
        fs::read_to_string(&path)
            .map_err(|error| Failure::said(format!("{}: {error}", path.display())))
    };
    let (sheet, exercise) = Sheet::open(&read(sealed::SHEET)?)?;
    let answers = Answers::read(&read(sealed::ANSWER)?)?;
    let name = Path::new(&sheet.file).file_name().unwrap_or_default();
    let path = folder.join(name);
    let mut session = builder(app, arguments)?.file(&path).open()?;
    let text = session.project()?.program.files[0].clone();
    session.look()?;
    let mut judge = Judge::new(&exercise, &mut session);
    let line = answers.line.map(|line| judge.line(line)).transpose()?;
    let kind = answers.kind.and_then(|at| sheet.kinds.get(at));
    let kind = match (answers.kind, kind) {
        (Some(_), None) => Some(Worth::Wrong),
        (_, kind) => kind.map(|kind| judge.kind(&kind.mistake)).transpose()?,
    };
    let mended = judge.text(&exercise.broken().with_bytes(text.bytes()))?;
    let worth = [line, kind, Some(mended.worth())];
    let right = worth.iter().all(|worth| worth.is_some_and(Worth::accepted));
    let mut out = show::out(arguments.shown.page.color);
    if arguments.shown.json {
        let printed = Drilled {
            schema: RESULT,
            file: sheet.file.clone(),
            kinds: exercise.slips.iter().map(|one| one.kind.to_owned()).collect(),
            line: line.map(word),
            kind: kind.map(word),
            text: word(mended.worth()),
            right,
        };
        writeln!(out, "{}", show::json::text(&printed)?)?;
    } else {
        let told = |worth: Option<Worth>| worth.map_or("not answered", word);
        writeln!(out, "The line: {}", told(line))?;
        writeln!(out, "The kind: {}", told(kind))?;
        let text = match &mended {
            Mended::Right => "right".to_owned(),
            Mended::Fair => "fair: it compiles, written otherwise than it was".to_owned(),
            Mended::Otherwise(effect) => {
                format!("wrong: it compiles, but the change {}", effect.words())
            }
            Mended::StillWrong { line, text } => {
                let line = line.map_or(String::new(), |line| format!("line {line}: "));
                format!("wrong: it does not compile: {line}{text}")
            }
            Mended::Unchanged => "not mended".to_owned(),
        };
        writeln!(out, "The program: {}", visible(&text))?;
    }
    out.flush()?;
    Ok(u8::from(!right))
}

fn word(worth: Worth) -> &'static str {
    match worth {
        Worth::Right => "right",
        Worth::Fair => "fair",
        Worth::Wrong => "wrong",
    }
}
