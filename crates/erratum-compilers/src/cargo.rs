//! A cargo project: whether rustc alone can check it, and which files a check needs.

use crate::project::Project;
use std::path::Path;

/// What checks a cargo project.
pub(crate) enum CargoPlan {
    /// Without dependencies rustc alone can check it, which is much faster.
    Rustc { root: String, edition: String },
    /// Only cargo can.
    Cargo,
}

/// Returns what checks the project in a folder.
pub(crate) fn plan(folder: &Path, project: &Project) -> CargoPlan {
    let manifest = std::fs::read_to_string(folder.join("Cargo.toml")).unwrap_or_default();
    let Ok(manifest) = manifest.parse::<toml::Table>() else { return CargoPlan::Cargo };
    let filled =
        |key: &str| manifest.get(key).and_then(|t| t.as_table()).is_some_and(|t| !t.is_empty());
    let special =
        ["dependencies", "build-dependencies", "workspace", "features", "target", "lib", "bin"];
    let root = ["src/main.rs", "src/lib.rs"].into_iter().find(|root| folder.join(root).is_file());
    let bin =
        project.program.files.iter().map(|f| f.name()).find(|name| name.starts_with("src/bin/"));
    let package = manifest.get("package").and_then(|p| p.as_table());
    let edition = package.and_then(|p| p.get("edition")).and_then(|e| e.as_str()).unwrap_or("2015");
    match bin.or(root) {
        Some(root) if !special.iter().any(|key| filled(key)) && !manifest.contains_key("bin") => {
            CargoPlan::Rustc { root: root.to_owned(), edition: edition.to_owned() }
        }
        _ => CargoPlan::Cargo,
    }
}

/// The files of a cargo project that a check needs.
pub(crate) fn files(project: &Project) -> Vec<(String, Vec<u8>)> {
    let mut found = Vec::new();
    let walk =
        ignore::WalkBuilder::new(&project.root).require_git(false).max_depth(Some(8)).build();
    for entry in walk.flatten().filter(|e| e.file_type().is_some_and(|t| t.is_file())) {
        let path = entry.path();
        let relative = path.strip_prefix(&project.root).unwrap_or(path);
        let first = relative
            .components()
            .next()
            .map(|part| part.as_os_str().to_string_lossy().into_owned());
        let fits = path.extension().is_some_and(|e| e == "rs" || e == "toml" || e == "lock");
        let small = entry.metadata().is_ok_and(|data| data.len() < 1 << 20);
        if !fits || !small || first.as_deref() == Some("target") || found.len() > 1000 {
            continue;
        }
        let name = relative.to_string_lossy().trim_start_matches("./").replace('\\', "/");
        if project.program.file(&name).is_none()
            && let Ok(bytes) = std::fs::read(path)
        {
            found.push((name, bytes));
        }
    }
    found
}
