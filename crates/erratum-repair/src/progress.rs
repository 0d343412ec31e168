//! What has changed between two looks at a program: which mistakes are gone, which are still there,
//! which are new.

use crate::verdict::{Root, Verdict};
use erratum_syntax::source::{Program, Source};
use serde::Serialize;
use similar::{Algorithm, DiffOp, capture_diff_slices};
use std::ops::RangeInclusive;

/// The difference of two verdicts, by the numbers of their roots.
#[derive(Clone, Debug, Default, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Progress {
    /// Roots of the earlier verdict that the later one does not have.
    pub gone: Vec<usize>,
    /// Roots that both have: their numbers in the earlier and in the later verdict.
    pub still: Vec<(usize, usize)>,
    /// Roots of the later verdict that the earlier one does not have.
    pub new: Vec<usize>,
}

impl Progress {
    /// Compares two looks. A mistake is the same if it is of the same kind and its line is the same,
    /// wherever that line stands now; or its line was changed, and stands where the change is.
    pub fn between(before: (&Verdict, &Program), after: (&Verdict, &Program)) -> Progress {
        let mut free: Vec<&Root> = after.0.roots.iter().collect();
        let mut progress = Progress::default();
        for old in &before.0.roots {
            let lines = where_now(before.1, after.1, &old.at.file, old.at.line);
            let same = |new: &&Root| {
                new.mistake == old.mistake
                    && new.at.file == old.at.file
                    && lines.as_ref().is_some_and(|lines| lines.contains(&new.at.line))
            };
            match free.iter().position(same) {
                Some(at) => progress.still.push((old.id, free.remove(at).id)),
                None => progress.gone.push(old.id),
            }
        }
        progress.new = free.iter().map(|root| root.id).collect();
        progress
    }
}

/// The lines at which an old line may stand now; nothing if it is gone with its file or was deleted.
fn where_now(
    before: &Program,
    after: &Program,
    file: &str,
    line: u32,
) -> Option<RangeInclusive<u32>> {
    let (Some(old), Some(new)) = (before.file(file), after.file(file)) else {
        // A file whose text nobody has: its lines are taken to be where they were.
        return (before.file(file).is_none() && after.file(file).is_none()).then_some(line..=line);
    };
    let index = line.checked_sub(1)? as usize;
    let ops = capture_diff_slices(Algorithm::Myers, &lines_of(old), &lines_of(new));
    let op = ops.into_iter().find(|op| op.old_range().contains(&index))?;
    let found = match op {
        DiffOp::Equal { old_index, new_index, .. } => {
            let at = index - old_index + new_index;
            at..=at
        }
        DiffOp::Replace { new_index, new_len, .. } => new_index..=new_index + new_len - 1,
        DiffOp::Delete { .. } | DiffOp::Insert { .. } => return None,
    };
    Some(*found.start() as u32 + 1..=*found.end() as u32 + 1)
}

fn lines_of(source: &Source) -> Vec<&[u8]> {
    (1..=source.line_count()).map(|line| source.line_bytes(line)).collect()
}
