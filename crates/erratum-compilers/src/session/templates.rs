//! Where a template of the library was used. The machine-readable messages of g++ 12 leave out from
//! where a template was asked for; the text has it.

use super::Session;
use crate::run::{self, Limits};
use erratum_repair::message::{Message, Note, Place, plain_quotes};
use erratum_repair::search::Depth;
use erratum_syntax::source::Program;
use similar::{Algorithm, DiffOp, capture_diff_slices};
use std::collections::{HashMap, VecDeque};
use std::path::Path;
use std::sync::PoisonError;

/// The argument that takes the text away.
const MACHINE: &str = "-fdiagnostics-format=json";
/// How many texts are remembered: a search goes on from one of the last few.
const REMEMBERED: usize = 8;

impl Session {
    /// Gives errors in files of the library a note of each place of the program that asked for them, the
    /// nearest first. This needs a further run, and only where there is such an error that no
    /// earlier text had.
    pub(super) fn trace_templates(
        &self,
        program: &Program,
        folder: &Path,
        depth: Depth,
        messages: &mut [Message],
    ) {
        let outside = |message: &Message| {
            let at = message.at.as_ref();
            message.is_error() && at.is_some_and(|at| program.file(&at.file).is_none())
        };
        if !self.found.kind.hides_templates {
            return;
        }
        let mut counts: HashMap<Key, usize> = HashMap::new();
        for key in messages.iter().filter(|message| outside(message)).filter_map(key) {
            *counts.entry(key).or_default() += 1;
        }
        if counts.is_empty() {
            return;
        }
        let Some(mut asked) =
            self.remembered(program, &counts).or_else(|| self.asked_again(program, folder, depth))
        else {
            return;
        };
        for message in messages.iter_mut().filter(|message| outside(message)) {
            let places = key(message).and_then(|key| asked.get_mut(&key));
            let Some(places) = places.filter(|places| !places.is_empty()) else { continue };
            // The same is said once for each use.
            let text = || "it is asked for here".to_owned();
            let notes = places.remove(0).into_iter().map(|at| Note { text: text(), at: Some(at) });
            message.notes.splice(0..0, notes);
        }
    }

    /// Runs the compiler for its text. Without it the messages stay where they are.
    fn asked_again(&self, program: &Program, folder: &Path, depth: Depth) -> Option<Asked> {
        let compiler = self.alone.as_ref().unwrap_or(&self.found.path);
        let mut command = self.confined(compiler, folder);
        let arguments = self.arguments(depth, folder).into_iter();
        command.args(self.precompiled(program));
        command.args(arguments.filter(|argument| argument != MACHINE)).env_remove("GCC_COLORS");
        let limits = Limits { time: self.time_left(), ..self.limits };
        let output = run::run(&mut command, &limits).ok()?;
        let said = String::from_utf8_lossy(&output.stderr);
        let asked = asked_from(&said, &|file| program.file(file).is_some());
        let mut traced = self.traced.lock().unwrap_or_else(PoisonError::into_inner);
        traced.push_front(Traced { program: program.clone(), asked: asked.clone() });
        traced.truncate(REMEMBERED);
        Some(asked)
    }

    /// What an earlier text tells of these errors.
    fn remembered(&self, program: &Program, counts: &HashMap<Key, usize>) -> Option<Asked> {
        let traced = self.traced.lock().unwrap_or_else(PoisonError::into_inner);
        traced.iter().find_map(|traced| traced.asked_in(program, counts))
    }
}

/// For each error the places of the program from which it was asked for, the nearest first; as often as
/// it is said.
type Asked = HashMap<Key, Vec<Vec<Place>>>;

/// A text of which it is known what asks for the errors in files of the library.
pub(super) struct Traced {
    program: Program,
    asked: Asked,
}

/// The texts that were traced, the last one first.
pub(super) type Memory = VecDeque<Traced>;

impl Traced {
    /// The same in a text that differs from it, if it has no other errors of that kind and the lines that ask
    /// for them are unchanged: they may stand elsewhere.
    fn asked_in(&self, program: &Program, counts: &HashMap<Key, usize>) -> Option<Asked> {
        let known = |(key, count): (&Key, &usize)| {
            self.asked.get(key).is_some_and(|places| places.len() == *count)
        };
        if !counts.iter().all(known) {
            return None;
        }
        let lines: HashMap<&str, Vec<Option<u32>>> = program
            .files
            .iter()
            .map(|file| (file.name(), self.lines_in(program, file.name())))
            .collect();
        let moved = |place: &Place| {
            let line = |line: u32| {
                let lines = lines.get(&*place.file)?;
                *lines.get(usize::try_from(line).ok()?.checked_sub(1)?)?
            };
            let (first, last) = (line(place.line)?, line(place.end_line)?);
            Some(Place { line: first, end_line: last, ..place.clone() })
        };
        counts
            .keys()
            .map(|key| {
                let chains = self.asked[key].iter();
                let chains =
                    chains.map(|chain| chain.iter().map(moved).collect::<Option<Vec<_>>>());
                Some((key.clone(), chains.collect::<Option<Vec<_>>>()?))
            })
            .collect()
    }

    /// Where each line of a file stands in another text of it.
    fn lines_in(&self, program: &Program, name: &str) -> Vec<Option<u32>> {
        let lines = |program: &Program| -> Vec<Vec<u8>> {
            let bytes = program.file(name).map_or(&[][..], |file| file.bytes());
            bytes.split(|byte| *byte == b'\n').map(<[u8]>::to_vec).collect()
        };
        let (before, after) = (lines(&self.program), lines(program));
        let mut found = vec![None; before.len()];
        for op in capture_diff_slices(Algorithm::Myers, &before, &after) {
            if let DiffOp::Equal { old_index, new_index, len } = op {
                for line in 0..len {
                    found[old_index + line] = u32::try_from(new_index + line + 1).ok();
                }
            }
        }
        found
    }
}

/// What an error is known by: file, line and text.
type Key = (String, u32, String);

fn key(message: &Message) -> Option<Key> {
    let at = message.at.as_ref()?;
    Some((at.file.clone(), at.line, message.text.clone()))
}

/// What asked for the errors in other files, as the compiler says it in its text.
fn asked_from(said: &str, own: &dyn Fn(&str) -> bool) -> Asked {
    let mut found = Asked::new();
    let mut chain = Vec::new();
    for line in said.lines() {
        if line.contains(": In instantiation of ") || line.contains(": In substitution of ") {
            chain.clear();
        } else if let Some((at, _)) = line.split_once(":   required ") {
            chain.extend(place(at).filter(|at| own(&at.file)));
        } else if let Some((at, text)) = line.split_once(": error: ")
            && let Some(at) = place(at)
        {
            let places = std::mem::take(&mut chain);
            // The text names the option that would allow it.
            let text = text.rsplit_once(" [-").map_or(text, |(text, _)| text);
            let text = plain_quotes(text);
            found.entry((at.file, at.line, text)).or_default().push(places);
        }
    }
    found
}

/// `quay.cpp:47:29`.
fn place(text: &str) -> Option<Place> {
    let (rest, column) = text.rsplit_once(':')?;
    let (file, line) = rest.rsplit_once(':')?;
    Some(Place::point(file, line.parse().ok()?, column.parse().ok()?))
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_syntax::source::Source;

    #[test]
    fn the_nearest_place_of_the_program_comes_first() {
        let said = "/usr/x.h: In instantiation of 'T f(T) [with T = Boat]':\n\
                    /usr/y.h:5:3:   required from 'void sort(T)'\n\
                    quay.cpp:12:8:   required from 'void order(T) [with T = Boat]'\n\
                    quay.cpp:47:29:   required from here\n\
                    /usr/x.h:9:11: error: no match for 'operator<'\n\
                    /usr/z.h:3:1: error: alone\n";
        let found = asked_from(said, &|file| file == "quay.cpp");
        let key = ("/usr/x.h".to_owned(), 9, "no match for 'operator<'".to_owned());
        let lines: Vec<u32> = found[&key][0].iter().map(|at| at.line).collect();
        assert_eq!(lines, [12, 47]);
        assert_eq!(found[&("/usr/z.h".to_owned(), 3, "alone".to_owned())], [vec![]]);
    }

    fn traced(text: &str, line: u32) -> (Traced, Key) {
        let key = ("/usr/x.h".to_owned(), 9, "no match".to_owned());
        let asked = [(key.clone(), vec![vec![Place::point("quay.cpp", line, 3)]])].into();
        (Traced { program: program(text), asked }, key)
    }

    fn program(text: &str) -> Program {
        Program::single(Source::new("quay.cpp", text.as_bytes()))
    }

    #[test]
    fn what_asked_before_is_remembered_where_it_stands_now() {
        let (traced, key) = traced("int a;\nsort(b);\nint c;\n", 2);
        let once = HashMap::from([(key.clone(), 1)]);
        let found = traced.asked_in(&program("int a;\nint d;\nsort(b);\n"), &once).unwrap();
        assert_eq!((found[&key][0][0].line, found[&key][0][0].column), (3, 3));
        let none = traced.asked_in(&program("int a;\nsort(b);\n"), &HashMap::new()).unwrap();
        assert!(none.is_empty());
    }

    #[test]
    fn a_line_that_changed_or_another_error_is_asked_again() {
        let (traced, key) = traced("int a;\nsort(b);\nint c;\n", 2);
        let counted = |count| HashMap::from([(key.clone(), count)]);
        assert!(traced.asked_in(&program("int a;\nsort(d);\nint c;\n"), &counted(1)).is_none());
        assert!(traced.asked_in(&program("int a;\nsort(b);\n"), &counted(2)).is_none());
        let other = HashMap::from([(("/usr/x.h".to_owned(), 10, "no match".to_owned()), 1)]);
        assert!(traced.asked_in(&program("int a;\nsort(b);\n"), &other).is_none());
    }
}
