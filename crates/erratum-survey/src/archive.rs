//! Archives as learning platforms give them out: `.zip`, `.tar`, `.tar.gz`. Their programs are unpacked into
//! a folder of our own, and nothing else of them is.

use erratum_syntax::language::by_file_name;
use flate2::read::GzDecoder;
use std::fs::{self, File};
use std::io::{self, Read, Write};
use std::path::{Component, Path, PathBuf};

/// The most that one archive may hold, unpacked.
const MOST: u64 = 64 << 20;
/// The most that is read of one archive, with what is passed over, such as pictures.
const READ: u64 = 4 << 30;
/// The longest file that is taken out.
const LONGEST: u64 = 4 << 20;
/// How many files are taken out at most.
const FILES: usize = 5_000;
/// How many entries are looked at at most.
const ENTRIES: usize = 200_000;

/// How an archive is read.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
enum Form {
    Zip,
    Tar,
    TarGz,
}

fn form(path: &Path) -> Option<Form> {
    let name = path.file_name()?.to_string_lossy().to_ascii_lowercase();
    let ends = |end: &str| name.ends_with(end);
    match () {
        () if ends(".zip") => Some(Form::Zip),
        () if ends(".tar.gz") || ends(".tgz") => Some(Form::TarGz),
        () if ends(".tar") => Some(Form::Tar),
        () => None,
    }
}

/// Whether a file is an archive that can be read, by its name.
pub(crate) fn is_archive(path: &Path) -> bool {
    form(path).is_some()
}

/// The name of an archive without its ending; folders before it stay.
pub(crate) fn stem(path: &Path) -> String {
    let name = path.to_string_lossy().into_owned();
    let lower = name.to_ascii_lowercase();
    let ending = [".tar.gz", ".tgz", ".tar", ".zip"].into_iter().find(|end| lower.ends_with(end));
    name[..name.len() - ending.map_or(0, str::len)].to_owned()
}

/// Unpacks the programs of an archive below a folder; returns how many bytes they have. What lies outside of the archive by its name, links
/// and devices are passed over.
///
/// # Errors
/// When the archive cannot be read, or holds more than it may.
pub(crate) fn unpack(archive: &Path, below: &Path) -> io::Result<u64> {
    let mut taken = Taken { below, bytes: 0, files: 0 };
    let file = File::open(archive)?;
    match form(archive) {
        Some(Form::Zip) => zip(file, &mut taken)?,
        Some(Form::TarGz) => tar(GzDecoder::new(file), &mut taken)?,
        _ => tar(file, &mut taken)?,
    }
    Ok(taken.bytes)
}

fn zip(file: File, taken: &mut Taken) -> io::Result<()> {
    let mut archive = zip::ZipArchive::new(file).map_err(io::Error::other)?;
    if archive.len() > ENTRIES {
        return Err(too_much());
    }
    for index in 0..archive.len() {
        // An entry that is damaged or locked costs itself, and is not taken for an empty program.
        let Ok(mut entry) = archive.by_index(index) else { continue };
        let name = entry.name().to_owned();
        if entry.is_file() && !entry.is_symlink() {
            taken.take(&name, &mut entry)?;
        }
    }
    Ok(())
}

fn tar(text: impl Read, taken: &mut Taken) -> io::Result<()> {
    // What is passed over is read as well: a small file may unpack to more than any disk holds.
    let mut archive = tar::Archive::new(text.take(READ));
    for (index, entry) in archive.entries()?.enumerate() {
        let mut entry = entry?;
        if index > ENTRIES {
            return Err(too_much());
        }
        if entry.header().entry_type().is_file() {
            let name = entry.path()?.to_string_lossy().into_owned();
            taken.take(&name, &mut entry)?;
        }
    }
    Ok(())
}

/// What was taken out of an archive.
struct Taken<'a> {
    below: &'a Path,
    bytes: u64,
    files: usize,
}

impl Taken<'_> {
    /// Takes a file out, if it is a program and stays below the folder.
    fn take(&mut self, name: &str, text: &mut impl Read) -> io::Result<()> {
        let Some(path) = inside(name) else { return Ok(()) };
        let hidden =
            path.components().any(|part| part.as_os_str().to_string_lossy().starts_with('.'));
        if hidden || by_file_name(&path.to_string_lossy()).is_none() {
            return Ok(());
        }
        let mut bytes = Vec::new();
        text.take(LONGEST + 1).read_to_end(&mut bytes)?;
        self.bytes += bytes.len() as u64;
        self.files += 1;
        if self.bytes > MOST || self.files > FILES {
            return Err(too_much());
        }
        if bytes.len() as u64 > LONGEST {
            return Ok(());
        }
        let path = self.below.join(path);
        if let Some(folder) = path.parent() {
            fs::create_dir_all(folder)?;
        }
        File::create(path)?.write_all(&bytes)
    }
}

fn too_much() -> io::Error {
    io::Error::other(format!(
        "it holds more than {} MB or {FILES} programs. Unpack it, and name the folder.",
        MOST >> 20
    ))
}

/// The path of an entry below a folder; nothing if it leads out of it.
fn inside(name: &str) -> Option<PathBuf> {
    let name = name.replace('\\', "/");
    let drive = name.as_bytes().get(1) == Some(&b':');
    let mut path = PathBuf::new();
    for part in Path::new(&name).components() {
        match part {
            Component::Normal(part) => path.push(part),
            Component::CurDir => {}
            _ => return None,
        }
    }
    (!drive && !name.contains('\0') && !path.as_os_str().is_empty()).then_some(path)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn entries_that_lead_out_are_passed_over() {
        for name in ["/etc/quay.c", "../quay.c", "a/../../quay.c", "C:\\quay.c", "..\\quay.c", ""] {
            assert_eq!(inside(name), None, "{name}");
        }
        assert_eq!(inside("./a/quay.c"), Some(PathBuf::from("a/quay.c")));
        assert_eq!(inside("a\\quay.c"), Some(PathBuf::from("a/quay.c")));
    }

    #[test]
    fn an_archive_is_known_by_its_ending() {
        for name in ["ada.zip", "ada.TAR.GZ", "ada.tgz", "ada.tar"] {
            assert!(is_archive(Path::new(name)), "{name}");
            assert_eq!(stem(Path::new(name)), "ada", "{name}");
        }
        assert!(!is_archive(Path::new("ada.gz")) && !is_archive(Path::new("zip")));
    }

    #[test]
    fn more_than_an_archive_may_hold_is_not_taken() {
        let folder = tempfile::tempdir().unwrap();
        let path = folder.path().join("class.tar");
        let mut archive = tar::Builder::new(File::create(&path).unwrap());
        for number in 0..=FILES {
            let mut header = tar::Header::new_gnu();
            header.set_size(1);
            header.set_mode(0o644);
            archive.append_data(&mut header, format!("a{number}/quay.c"), &b"x"[..]).unwrap();
        }
        archive.finish().unwrap();
        let below = tempfile::tempdir().unwrap();
        assert!(unpack(&path, below.path()).unwrap_err().to_string().contains("more than"));
    }

    #[test]
    fn only_programs_are_taken_out() {
        let folder = tempfile::tempdir().unwrap();
        let path = folder.path().join("class.tgz");
        let gz = flate2::write::GzEncoder::new(File::create(&path).unwrap(), Default::default());
        let mut archive = tar::Builder::new(gz);
        for name in ["ada/quay.c", "ada/notes.png", "ada/.secret.c"] {
            let mut header = tar::Header::new_gnu();
            header.set_size(1);
            archive.append_data(&mut header, name, &b"x"[..]).unwrap();
        }
        let mut link = tar::Header::new_gnu();
        link.set_entry_type(tar::EntryType::Symlink);
        link.set_size(0);
        archive.append_link(&mut link, "ada/link.c", "/etc/passwd").unwrap();
        archive.into_inner().unwrap().finish().unwrap();
        let below = tempfile::tempdir().unwrap();
        unpack(&path, below.path()).unwrap();
        let names: Vec<_> = fs::read_dir(below.path().join("ada"))
            .unwrap()
            .map(|entry| entry.unwrap().file_name())
            .collect();
        assert_eq!(names, ["quay.c"]);
    }
}
