//! Changes of texts: applied in any order, never overlapping, and able to say where an old place
//! has gone.

use crate::source::{Program, Source};
use std::fmt;

/// One change: the bytes from `start` to `end` of a file are replaced by `text`.
///
/// `start == end` inserts; an empty `text` deletes.
#[derive(Clone, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub struct Edit {
    /// The file, by the name the program gives it.
    pub file: String,
    /// First byte that goes.
    pub start: usize,
    /// Byte after the last that goes.
    pub end: usize,
    /// What comes instead.
    pub text: String,
}

impl Edit {
    /// Puts `text` before the byte `at`.
    pub fn insert(file: &str, at: usize, text: impl Into<String>) -> Edit {
        Edit::replace(file, at, at, text)
    }

    /// Takes the bytes from `start` to `end` out.
    pub fn delete(file: &str, start: usize, end: usize) -> Edit {
        Edit::replace(file, start, end, "")
    }

    /// Puts `text` in the place of the bytes from `start` to `end`.
    pub fn replace(file: &str, start: usize, end: usize, text: impl Into<String>) -> Edit {
        Edit { file: file.to_owned(), start, end, text: text.into() }
    }
}

/// Edits that cannot be applied.
#[derive(Clone, Debug, PartialEq, Eq)]
pub enum EditError {
    /// Two edits change the same bytes.
    Overlap {
        /// The file in which they meet.
        file: String,
        /// The byte at which they meet.
        at: usize,
    },
    /// An edit reaches past the end of its file, or ends before it starts.
    Outside {
        /// The file.
        file: String,
    },
    /// The program has no such file.
    NoFile {
        /// The name that was not found.
        file: String,
    },
}

impl fmt::Display for EditError {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        match self {
            EditError::Overlap { file, at } => {
                write!(f, "two changes of {file} meet at byte {at}; apply them one after the other")
            }
            EditError::Outside { file } => {
                write!(f, "a change reaches past the end of {file}; look at the file again")
            }
            EditError::NoFile { file } => write!(f, "{file} is not among the program's files"),
        }
    }
}

impl std::error::Error for EditError {}

/// Applies edits, given in any order, to the program.
///
/// # Errors
/// When two overlap (inserting twice at one place counts), or one does not fit its file.
pub fn apply(program: &Program, edits: &[Edit]) -> Result<Program, EditError> {
    let mut result = program.clone();
    let mut names: Vec<&str> = edits.iter().map(|edit| edit.file.as_str()).collect();
    names.sort_unstable();
    names.dedup();
    for name in names {
        let source =
            program.file(name).ok_or_else(|| EditError::NoFile { file: name.to_owned() })?;
        let of_file: Vec<&Edit> = edits.iter().filter(|edit| edit.file == name).collect();
        result.set(apply_to(source, &of_file)?);
    }
    Ok(result)
}

fn apply_to(source: &Source, edits: &[&Edit]) -> Result<Source, EditError> {
    let mut sorted = edits.to_vec();
    sorted.sort_by_key(|edit| (edit.start, edit.end));
    let bytes = source.bytes();
    let mut out = Vec::with_capacity(bytes.len() + 16);
    let mut at = 0;
    let mut last: Option<&Edit> = None;
    for edit in sorted {
        if edit.end < edit.start || edit.end > bytes.len() {
            return Err(EditError::Outside { file: edit.file.clone() });
        }
        let twice = last.is_some_and(|last| last.start == edit.start);
        if edit.start < at || twice {
            return Err(EditError::Overlap { file: edit.file.clone(), at: edit.start });
        }
        out.extend_from_slice(&bytes[at..edit.start]);
        out.extend_from_slice(edit.text.as_bytes());
        at = edit.end;
        last = Some(edit);
    }
    out.extend_from_slice(&bytes[at..]);
    Ok(source.with_bytes(out))
}

/// The edits that take `edits` back: they are in places of the text after `edits`, in the same order.
/// Edits of files that the program does not hold are left out.
pub fn inverse(program: &Program, edits: &[Edit]) -> Vec<Edit> {
    let one = |edit: &Edit| {
        let source = program.file(&edit.file)?;
        let moved: isize = edits
            .iter()
            .filter(|other| other.file == edit.file && other.end <= edit.start && *other != edit)
            .map(|other| other.text.len() as isize - (other.end - other.start) as isize)
            .sum();
        let start = edit.start.checked_add_signed(moved)?;
        let old = source.slice(edit.start, edit.end).into_owned();
        Some(Edit::replace(&edit.file, start, start + edit.text.len(), old))
    };
    edits.iter().filter_map(one).collect()
}

/// Where the places of a text have gone after a set of edits, and where they came from.
#[derive(Clone, Debug, Default)]
pub struct PositionMap {
    /// Old start, old end, new length; sorted by old start; one file.
    changes: Vec<(usize, usize, usize)>,
}

impl PositionMap {
    /// The map of one file under these edits; edits of other files are left out.
    pub fn new(file: &str, edits: &[Edit]) -> PositionMap {
        let mut changes: Vec<_> = edits
            .iter()
            .filter(|edit| edit.file == file)
            .map(|edit| (edit.start, edit.end, edit.text.len()))
            .collect();
        changes.sort_unstable();
        PositionMap { changes }
    }

    /// The new place of an old byte. A byte that was replaced maps to the start of what replaced
    /// it; a byte at which something was inserted, to the place after the insertion.
    pub fn forward(&self, old: usize) -> usize {
        let mut shift = 0isize;
        for &(start, end, length) in &self.changes {
            if old < start {
                break;
            }
            if old >= end {
                shift += length as isize - (end - start) as isize;
            } else {
                return start.saturating_add_signed(shift);
            }
        }
        old.saturating_add_signed(shift)
    }

    /// The old place of a new byte. A byte of inserted text maps to where it was inserted.
    pub fn back(&self, new: usize) -> usize {
        let mut shift = 0isize;
        for &(start, end, length) in &self.changes {
            let new_start = start.saturating_add_signed(shift);
            if new < new_start {
                break;
            }
            if new < new_start + length {
                return start;
            }
            shift += length as isize - (end - start) as isize;
        }
        new.saturating_add_signed(-shift)
    }
}

/// A byte of a text after several sets of edits, each in places of the text that the ones before
/// left, as a byte of the text before them all.
pub fn back(file: &str, offset: usize, sets: &[&[Edit]]) -> usize {
    sets.iter().rev().fold(offset, |at, edits| PositionMap::new(file, edits).back(at))
}

/// Applies several sets of edits one after the other.
///
/// # Errors
/// When one of them cannot be applied.
pub fn apply_all(program: &Program, sets: &[&[Edit]]) -> Result<Program, EditError> {
    sets.iter().try_fold(program.clone(), |program, edits| apply(&program, edits))
}

/// The lines of the text after several sets of edits that they changed, with their files.
pub fn changed_lines(after: &Program, sets: &[&[Edit]]) -> Vec<(String, u32)> {
    let mut lines = Vec::new();
    for (index, edits) in sets.iter().enumerate() {
        for edit in *edits {
            let Some(source) = after.file(&edit.file) else { continue };
            // The byte after what was put in, and the first.
            let mut end = PositionMap::new(&edit.file, edits).forward(edit.end);
            let mut start = end.saturating_sub(edit.text.len());
            for later in &sets[index + 1..] {
                let map = PositionMap::new(&edit.file, later);
                (start, end) = (map.forward(start), map.forward(end));
            }
            let range = source.line_of(start)..=source.line_of(end.max(start));
            lines.extend(range.map(|line| (edit.file.clone(), line)));
        }
    }
    lines
}

#[cfg(test)]
mod tests {
    use super::*;

    fn program(text: &str) -> Program {
        Program::single(Source::new("fare.c", text.as_bytes()))
    }

    fn text(program: &Program) -> &str {
        std::str::from_utf8(program.files[0].bytes()).unwrap()
    }

    #[test]
    fn edits_apply_in_any_order() {
        let edits = [Edit::insert("fare.c", 6, ";"), Edit::replace("fare.c", 0, 3, "long")];
        let mended = apply(&program("int ab\n"), &edits).unwrap();
        assert_eq!(text(&mended), "long ab;\n");
    }

    #[test]
    fn overlapping_edits_are_refused() {
        let edits = [Edit::delete("fare.c", 0, 4), Edit::delete("fare.c", 3, 5)];
        assert!(matches!(apply(&program("int ab"), &edits), Err(EditError::Overlap { .. })));
        let twice = [Edit::insert("fare.c", 2, "a"), Edit::insert("fare.c", 2, "b")];
        assert!(matches!(apply(&program("int ab"), &twice), Err(EditError::Overlap { .. })));
        let beyond = [Edit::delete("fare.c", 5, 9)];
        assert!(matches!(apply(&program("int ab"), &beyond), Err(EditError::Outside { .. })));
    }

    #[test]
    fn an_inverse_gives_the_text_back() {
        let before = program("int berths = 4;\nint tides;\n");
        let edits = [
            Edit::delete("fare.c", 14, 15),
            Edit::replace("fare.c", 0, 3, "double"),
            Edit::insert("fare.c", 20, "low_"),
        ];
        let after = apply(&before, &edits).unwrap();
        let back = apply(&after, &inverse(&before, &edits)).unwrap();
        assert_eq!(text(&back), text(&before));
    }

    #[test]
    fn places_map_there_and_back() {
        let edits = [Edit::insert("fare.c", 2, "xyz"), Edit::delete("fare.c", 4, 6)];
        let map = PositionMap::new("fare.c", &edits);
        for old in [0, 1, 2, 3, 6, 9] {
            assert_eq!(map.back(map.forward(old)), old);
        }
        assert_eq!(map.forward(5), 7);
        assert_eq!(map.back(3), 2);
    }
}
