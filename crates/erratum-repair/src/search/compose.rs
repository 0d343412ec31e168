//! Several sets of edits as edits of the text before them all. A fix that changes what an earlier one
//! put in makes one change with it.

use erratum_syntax::edit::Edit;
use std::collections::BTreeMap;

/// Changes that cannot be told apart in the first text, as one.
#[derive(Debug, PartialEq, Eq)]
pub(super) struct Composed {
    /// Which sets of edits it is made of, the first one first.
    pub of: Vec<usize>,
    /// Its edits, as places of the text before the first set. None where the later sets took back what
    /// the earlier ones did.
    pub edits: Vec<Edit>,
}

/// The sets as changes of the first text, each set by itself unless a later one changes what it put in.
/// Nothing where an edit does not fit the text that the ones before left.
///
/// `lengths` tells how long a file is in bytes, before the first set.
pub(super) fn compose(
    sets: &[&[Edit]],
    lengths: impl Fn(&str) -> Option<usize>,
) -> Option<Vec<Composed>> {
    let mut files: BTreeMap<&str, Vec<Piece>> = BTreeMap::new();
    let mut groups = Groups((0..sets.len()).collect());
    for (set, edits) in sets.iter().enumerate() {
        // Places behind an edit move with it: the last one first.
        let mut sorted: Vec<&Edit> = edits.iter().collect();
        sorted.sort_by_key(|edit| std::cmp::Reverse((edit.start, edit.end)));
        for edit in sorted {
            let length = lengths(&edit.file)?;
            let pieces = files
                .entry(&edit.file)
                .or_insert_with(|| vec![Piece { set: None, kind: Kind::Kept(0, length) }]);
            *pieces = applied(std::mem::take(pieces), edit, set, &mut groups)?;
        }
    }
    let mut all: Vec<Composed> = Vec::new();
    for set in 0..sets.len() {
        let first = groups.first(set);
        match all.iter_mut().find(|one| one.of[0] == first) {
            Some(one) => one.of.push(set),
            None => all.push(Composed { of: vec![set], edits: Vec::new() }),
        }
    }
    for (file, pieces) in files {
        for (edit, set) in edits_of(file, &pieces, &groups) {
            let first = groups.first(set);
            let one = all.iter_mut().find(|one| one.of[0] == first)?;
            one.edits.push(edit);
        }
    }
    Some(all)
}

/// Which sets belong together: for each, one before it or itself.
struct Groups(Vec<usize>);

impl Groups {
    fn first(&self, mut set: usize) -> usize {
        while self.0[set] != set {
            set = self.0[set];
        }
        set
    }

    fn join(&mut self, one: usize, other: usize) {
        let (one, other) = (self.first(one), self.first(other));
        self.0[one.max(other)] = one.min(other);
    }
}

/// A part of the text as the sets so far have left it.
#[derive(Clone)]
struct Piece {
    /// Which set put it in or took it out.
    set: Option<usize>,
    kind: Kind,
}

#[derive(Clone)]
enum Kind {
    /// Bytes of the first text.
    Kept(usize, usize),
    /// Bytes of the first text that are taken out.
    Gone(usize, usize),
    Added(String),
}

impl Piece {
    fn length(&self) -> usize {
        match &self.kind {
            Kind::Kept(start, end) => end - start,
            Kind::Gone(..) => 0,
            Kind::Added(text) => text.len(),
        }
    }

    /// Its two parts, cut behind so many bytes; nothing where that is within a letter.
    fn cut(self, at: usize) -> Option<(Piece, Piece)> {
        let (one, other) = match self.kind {
            Kind::Kept(start, end) => (Kind::Kept(start, start + at), Kind::Kept(start + at, end)),
            Kind::Gone(start, end) => (Kind::Gone(start, end), Kind::Gone(end, end)),
            Kind::Added(text) => {
                let (one, other) = (text.get(..at)?.to_owned(), text.get(at..)?.to_owned());
                (Kind::Added(one), Kind::Added(other))
            }
        };
        Some((Piece { set: self.set, kind: one }, Piece { set: self.set, kind: other }))
    }
}

/// The pieces after an edit of a set. Sets whose work it changes are joined with that one.
fn applied(pieces: Vec<Piece>, edit: &Edit, set: usize, groups: &mut Groups) -> Option<Vec<Piece>> {
    let (mut before, mut within, mut behind) = (Vec::new(), Vec::new(), Vec::new());
    let mut at = 0;
    for piece in pieces {
        let (start, end) = (at, at + piece.length());
        at = end;
        if end <= edit.start && (start < edit.start || within.is_empty() && start == end) {
            before.push(piece);
        } else if start >= edit.end {
            behind.push(piece);
        } else {
            // Bytes at both ends that the edit does not change.
            let (head, rest) = piece.cut(edit.start.saturating_sub(start))?;
            let length = rest.length();
            let (own, tail) = rest.cut(length - end.saturating_sub(edit.end).min(length))?;
            if let Some(other) = own.set {
                groups.join(set, other);
            }
            before.extend(Some(head).filter(|piece| piece.length() > 0));
            within.push(own);
            behind.extend(Some(tail).filter(|piece| piece.length() > 0));
        }
    }
    if edit.end > at {
        return None;
    }
    let gone = within.into_iter().filter_map(|piece| match piece.kind {
        Kind::Kept(start, end) if start < end => {
            Some(Piece { set: Some(set), kind: Kind::Gone(start, end) })
        }
        Kind::Gone(..) => Some(piece),
        Kind::Kept(..) | Kind::Added(_) => None,
    });
    before.extend(gone);
    if !edit.text.is_empty() {
        before.push(Piece { set: Some(set), kind: Kind::Added(edit.text.clone()) });
    }
    before.extend(behind);
    Some(before)
}

/// What was done to one file, as edits of its first text, each with a set of its group.
fn edits_of(file: &str, pieces: &[Piece], groups: &Groups) -> Vec<(Edit, usize)> {
    let mut edits: Vec<(Edit, usize)> = Vec::new();
    let mut at = 0;
    for piece in pieces {
        let (edit, set) = match (&piece.kind, piece.set) {
            (Kind::Gone(start, end), Some(set)) => (Edit::delete(file, *start, *end), set),
            (Kind::Added(text), Some(set)) => (Edit::insert(file, at, text.clone()), set),
            (Kind::Kept(_, end), _) => {
                at = *end;
                continue;
            }
            _ => continue,
        };
        at = edit.end;
        match edits.last_mut() {
            Some((last, other))
                if last.end == edit.start && groups.first(*other) == groups.first(set) =>
            {
                last.end = edit.end;
                last.text.push_str(&edit.text);
            }
            _ => edits.push((edit, set)),
        }
    }
    edits
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_syntax::edit;
    use erratum_syntax::source::{Program, Source};

    /// What the sets do to a text, as groups of edits, written `group: start-end text`.
    fn composed(text: &str, sets: &[Vec<Edit>]) -> Vec<String> {
        let sets: Vec<&[Edit]> = sets.iter().map(Vec::as_slice).collect();
        let all = compose(&sets, |_| Some(text.len())).expect("the edits fit");
        let program = Program { files: vec![Source::new("a.c", text.as_bytes())] };
        let one_by_one = edit::apply_all(&program, &sets).expect("the sets fit");
        let edits: Vec<Edit> = all.iter().flat_map(|one| one.edits.clone()).collect();
        let at_once = edit::apply(&program, &edits).expect("the edits fit");
        assert_eq!(at_once.files[0].bytes(), one_by_one.files[0].bytes());
        all.iter()
            .map(|one| {
                let edits = one.edits.iter();
                let edits = edits.map(|e| format!("{}-{} {:?}", e.start, e.end, e.text));
                format!("{:?}: {}", one.of, edits.collect::<Vec<_>>().join(", "))
            })
            .collect()
    }

    fn replace(start: usize, end: usize, text: &str) -> Edit {
        Edit::replace("a.c", start, end, text)
    }

    #[test]
    fn sets_apart_stay_apart() {
        let sets = [vec![replace(4, 5, "xyz")], vec![replace(0, 0, "("), replace(12, 12, ")")]];
        let all = composed("int i = 1;", &sets);
        assert_eq!(all, [r#"[0]: 4-5 "xyz""#, r#"[1]: 0-0 "(", 10-10 ")""#]);
    }

    #[test]
    fn what_changes_an_earlier_one_is_one_with_it() {
        let sets = [vec![replace(7, 7, ">")], vec![replace(0, 8, "<tide.h>")]];
        assert_eq!(composed("<tide.h", &sets[..1]), [r#"[0]: 7-7 ">""#]);
        assert_eq!(composed("<tide.h", &sets), [r#"[0, 1]: 0-7 "<tide.h>""#]);
        let within = [vec![replace(1, 1, "abc")], vec![replace(2, 2, "X")]];
        assert_eq!(composed("--", &within), [r#"[0, 1]: 1-1 "aXbc""#]);
    }

    #[test]
    fn beside_is_not_within() {
        let sets = [vec![replace(1, 1, "abc")], vec![replace(4, 4, ";")]];
        let all = compose(&sets.each_ref().map(Vec::as_slice), |_| Some(2)).expect("they fit");
        let of: Vec<&[usize]> = all.iter().map(|one| &one.of[..]).collect();
        assert_eq!(of, [&[0], &[1]]);
    }

    #[test]
    fn what_is_taken_back_leaves_nothing() {
        let sets = [vec![replace(1, 1, "abc")], vec![replace(1, 4, "")]];
        assert_eq!(composed("--", &sets), ["[0, 1]: "]);
    }

    #[test]
    fn an_edit_that_does_not_fit_is_refused() {
        assert_eq!(compose(&[&[replace(3, 9, "")]], |_| Some(4)), None);
        assert_eq!(compose(&[&[replace(0, 0, "é")], &[replace(1, 2, "")]], |_| Some(4)), None);
    }
}
