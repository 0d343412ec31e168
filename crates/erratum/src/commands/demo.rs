//! `erratum demo`: look, mend and compile, on sample programs in a temporary folder.

use crate::arguments::{Common, Compile, Demo, Mend};
use crate::commands::mend;
use crate::examine::examine;
use crate::failure::Failure;
use crate::show::{self, terminal};
use erratum_compilers::Toolbox;
use erratum_core::language::{self, Language};
use std::fs;
use std::io::Write;
use std::path::{Path, PathBuf};

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
];

/// Runs it.
pub fn run(demo: &Demo) -> Result<u8, Failure> {
    let common = Common { color: demo.color, language: demo.language.clone(), ..Common::default() };
    let asked = crate::examine::named_language(&common)?;
    let toolbox = Toolbox::new(Path::new("."))?;
    let have = |language: &Language| toolbox.find(language, None).is_ok();
    let here: Vec<_> =
        SAMPLES.iter().filter(|(id, ..)| language::by_id(id).is_some_and(have)).collect();
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
    let path = folder.path().join(name);
    let failed = |error: std::io::Error| Failure::said(format!("{}: {error}", path.display()));
    fs::write(&path, text).map_err(failed)?;
    let common = Common { language: Some(id.to_owned()), ..common };
    let mut out = show::out(demo.color);
    let bold = anstyle::Style::new().bold();
    writeln!(out, "A small ferry line keeps its timetable in {name}. It does not compile.\n")?;
    writeln!(out, "{bold}$ erratum look {name}{bold:#}\n")?;
    let examined = examine(std::slice::from_ref(&path), &common, &Compile::default(), true)?;
    let next = terminal::Next::Mend(format!("erratum mend {name}"));
    let view = terminal::View {
        program: &examined.program,
        width: show::width(None),
        all: false,
        verbose: false,
        next: &next,
    };
    view.show(&mut out, &examined.verdict)?;
    writeln!(out, "\n{bold}$ erratum mend --all --yes {name}{bold:#}\n")?;
    out.flush()?;
    drop(examined);
    let status = mend::run_on(&mend_all(&path, &common), false)?;
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

fn mend_all(path: &Path, common: &Common) -> Mend {
    Mend {
        files: vec![PathBuf::from(path)],
        all: true,
        yes: true,
        pick: None,
        dry_run: false,
        sure: false,
        compile: Compile::default(),
        common: common.clone(),
    }
}
