//! `erratum demo`: look, mend and compile, on sample programs in a temporary folder.

use crate::app::{App, named_language};
use crate::apply;
use crate::arguments::{Common, Compile, Demo, Mend, Page, Shown, Survey};
use crate::failure::Failure;
use crate::show::{self, links::Links, terminal};
use crate::{files, surveying};
use erratum_compilers::{Toolbox, Trust};
use erratum_learn::class::class;
use erratum_repair::search::Search;
use erratum_standins::StandIn;
use erratum_syntax::language::{self, Language};
use erratum_syntax::source::{Program, Source};
use std::fs;
use std::io::Write;
use std::path::{Path, PathBuf};
use std::time::Duration;

/// The sample programs: the same ferry line in each language, with mistakes.
const SAMPLES: &[(&str, &str, &str)] = &[
    ("c", "ferry.c", include_str!("../../../../demo/ferry.c")),
    ("cpp", "ferry.cpp", include_str!("../../../../demo/ferry.cpp")),
    ("java", "Ferry.java", include_str!("../../../../demo/Ferry.java")),
    ("rust", "ferry.rs", include_str!("../../../../demo/ferry.rs")),
    ("typescript", "ferry.ts", include_str!("../../../../demo/ferry.ts")),
    ("haskell", "Ferry.hs", include_str!("../../../../demo/Ferry.hs")),
    ("pascal", "ferry.pas", include_str!("../../../../demo/ferry.pas")),
    ("csharp", "Ferry.cs", include_str!("../../../../demo/Ferry.cs")),
    ("scala", "Ferry.scala", include_str!("../../../../demo/Ferry.scala")),
    ("go", "ferry.go", include_str!("../../../../demo/ferry.go")),
    ("d", "ferry.d", include_str!("../../../../demo/ferry.d")),
    ("vb", "ferry.vb", include_str!("../../../../demo/ferry.vb")),
    ("sourcepawn", "ferry.sp", include_str!("../../../../demo/ferry.sp")),
];

/// Runs it.
pub fn run(app: &App, demo: &Demo) -> Result<u8, Failure> {
    let page = Page { color: demo.color, language: demo.language.clone(), ..Page::default() };
    let common = Common { shown: Shown { page, ..Shown::default() }, ..Common::default() };
    let asked = named_language(&common)?;
    let toolbox = Toolbox::new(Path::new("."), &Trust::of_user())?;
    let have = |language: &Language| toolbox.find(language, None).is_ok();
    let here: Vec<_> =
        SAMPLES.iter().filter(|(id, ..)| language::by_id(id).is_some_and(have)).collect();
    if let Some(language) = asked.filter(|language| !have(language))
        && let Some(stand_in) = StandIn::of_language(language.id)
    {
        return with_stand_in(app, demo, language, stand_in);
    }
    let chosen = match asked {
        Some(language) => {
            toolbox.find(language, None)?;
            here.iter().find(|(id, ..)| *id == language.id)
        }
        None => here.first(),
    };
    let Some(&&(id, name, text)) = chosen else {
        return Err(Failure::said(
            "no compiler was found. `erratum compilers` says how to get one.",
        ));
    };
    let folder = tempfile::tempdir()
        .map_err(|error| Failure::said(format!("no temporary folder can be made: {error}")))?;
    if let Some(wanted) = &demo.class {
        let chosen = language::by_id(id);
        return with_class(app, demo, chosen, wanted.as_deref(), folder.path());
    }
    let path = folder.path().join(name);
    let failed = |error: std::io::Error| Failure::said(format!("{}: {error}", path.display()));
    fs::write(&path, text).map_err(failed)?;
    let mut common = common;
    common.shown.page.language = Some(id.to_owned());
    let mut out = show::out(demo.color);
    let bold = anstyle::Style::new().bold();
    writeln!(out, "A small ferry line keeps its timetable in {name}. It does not compile.\n")?;
    writeln!(out, "{bold}$ erratum look {name}{bold:#}\n")?;
    let (builder, _) = app.session(&common, &patient())?;
    let found = builder.file(&path).open()?.look()?;
    let next = terminal::Next::Mend(format!("erratum mend {name}"));
    let view = terminal::View {
        program: &found.program,
        width: show::width(None),
        which: terminal::Which::First,
        verbose: false,
        next: &next,
        links: &Links::none(),
        warnings: false,
        whole: false,
        unfold: false,
    };
    view.show(&mut out, &found.verdict)?;
    writeln!(out, "\n{bold}$ erratum mend --all --yes {name}{bold:#}\n")?;
    out.flush()?;
    let status = apply::mend(app, &mend_all(&path, &common), false)?;
    let rest: Vec<&str> =
        here.iter().filter(|(other, ..)| *other != id).map(|(_, name, _)| *name).collect();
    writeln!(out)?;
    if status == 0 {
        writeln!(out, "That was the whole way: look, mend, and it compiles.")?;
    }
    if !rest.is_empty() {
        let ids: Vec<&str> =
            here.iter().filter(|(other, ..)| *other != id).map(|(id, ..)| *id).collect();
        writeln!(
            out,
            "The same story in another language: erratum demo --language {}",
            ids.join("|")
        )?;
    }
    out.flush()?;
    Ok(status)
}

/// A class that is made up, and what `survey` tells of it.
fn with_class(
    app: &App,
    demo: &Demo,
    language: Option<&'static Language>,
    wanted: Option<&Path>,
    temporary: &Path,
) -> Result<u8, Failure> {
    let hand_ins = language.map_or(Vec::new(), class);
    if hand_ins.is_empty() {
        return Err(Failure::said("there is no made-up class in this language."));
    }
    let folder = wanted.map_or_else(|| temporary.join("class"), Path::to_owned);
    let failed = |error: std::io::Error| Failure::said(format!("{}: {error}", folder.display()));
    files::must_be_new(Some(&folder))?;
    fs::create_dir(&folder).map_err(failed)?;
    for (name, source) in &hand_ins {
        fs::create_dir(folder.join(name)).map_err(failed)?;
        fs::write(folder.join(name).join(source.name()), source.bytes()).map_err(failed)?;
    }
    let mut out = show::out(demo.color);
    let bold = anstyle::Style::new().bold();
    let count = hand_ins.len();
    writeln!(out, "A class of {count} has handed in the same exercise, each in a folder.\n")?;
    let shown = wanted.map_or("class".to_owned(), |folder| folder.display().to_string());
    writeln!(out, "{bold}$ erratum survey {shown}{bold:#}\n")?;
    out.flush()?;
    let page = Page { color: demo.color, ..Page::default() };
    let survey = Survey {
        paths: vec![folder],
        shown: Shown { page, ..Shown::default() },
        ..Survey::default()
    };
    surveying::run(app, &survey)?;
    Ok(0)
}

/// The same story where no compiler can be had: a stand-in takes its place, and says so.
fn with_stand_in(
    app: &App,
    demo: &Demo,
    language: &'static Language,
    mut stand_in: StandIn,
) -> Result<u8, Failure> {
    let Some((_, name, text)) = SAMPLES.iter().find(|(id, ..)| *id == language.id) else {
        return Err(Failure::said("there is no sample program in this language."));
    };
    let program = Program::single(Source::new(*name, text.as_bytes()));
    stand_in.set_budget(Duration::from_secs(5));
    let first = stand_in.check(&program);
    let found = Search::new(&app.catalogue, &program, language, &stand_in).run(first);
    let mut verdict = found.verdict;
    verdict.build.compiler = "the stand-in".to_owned();
    let mut out = show::out(demo.color);
    let bold = anstyle::Style::new().bold();
    writeln!(out, "A small ferry line keeps its timetable in {name}. It does not compile.")?;
    writeln!(
        out,
        "No compiler for {} is here, so this shows {}. It compiles nothing; with the\nreal compiler, `erratum look {name}` works in the same way.\n",
        language.name,
        stand_in.description()
    )?;
    let next = terminal::Next::Nothing;
    let view = terminal::View {
        program: &program,
        width: show::width(None),
        which: terminal::Which::All,
        verbose: false,
        next: &next,
        links: &Links::none(),
        warnings: false,
        whole: false,
        unfold: false,
    };
    view.show(&mut out, &verdict)?;
    writeln!(out, "\n{bold}With every first fix:{bold:#}\n")?;
    let mended = String::from_utf8_lossy(found.mended.files[0].bytes()).into_owned();
    let changes = similar::TextDiff::from_lines(*text, mended.as_str());
    for change in changes.iter_all_changes().filter(|c| c.tag() != similar::ChangeTag::Equal) {
        write!(out, "  {}  {}", change.tag(), change.value())?;
    }
    let left = stand_in.check(&found.mended).messages.len();
    match left {
        0 => writeln!(out, "\nThe stand-in has nothing left to say.")?,
        n => writeln!(out, "\n{n} messages of the stand-in are left.")?,
    }
    out.flush()?;
    Ok(u8::from(left > 0))
}

/// A demo should show the whole way on a slow machine, too.
fn patient() -> Compile {
    Compile { budget: Some(30.0), ..Compile::default() }
}

fn mend_all(path: &Path, common: &Common) -> Mend {
    Mend {
        files: vec![PathBuf::from(path)],
        build: Vec::new(),
        all: true,
        yes: true,
        pick: None,
        dry_run: false,
        patch: false,
        guesses: false,
        compile: patient(),
        common: common.clone(),
    }
}
