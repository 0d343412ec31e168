//! Where a template of the library was used. The machine-readable messages of g++ 12 leave out from
//! where a template was asked for; the text has it.

use super::Session;
use crate::run::{self, Limits};
use erratum_repair::message::{Message, Note, Place, plain_quotes};
use erratum_repair::search::Depth;
use erratum_syntax::source::Program;
use std::collections::HashMap;
use std::path::Path;

/// The argument that takes the text away.
const MACHINE: &str = "-fdiagnostics-format=json";

impl Session {
    /// Gives errors in files of the library a note of each place of the program that asked for them, the
    /// nearest first. This needs a further run, and only where there is such an error.
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
        if !self.found.kind.hides_templates || !messages.iter().any(outside) {
            return;
        }
        let compiler = self.alone.as_ref().unwrap_or(&self.found.path);
        let mut command = self.confined(compiler, folder);
        let arguments = self.arguments(depth, folder).into_iter();
        command.args(self.precompiled(program));
        command.args(arguments.filter(|argument| argument != MACHINE)).env_remove("GCC_COLORS");
        let limits = Limits { time: self.time_left(), ..self.limits };
        // Without it the message stays where it is.
        let Ok(output) = run::run(&mut command, &limits) else { return };
        let mut asked = asked_from(&String::from_utf8_lossy(&output.stderr), &|file| {
            program.file(file).is_some()
        });
        for message in messages.iter_mut().filter(|message| outside(message)) {
            let Some(at) = &message.at else { continue };
            let key = (at.file.clone(), at.line, message.text.clone());
            let Some(places) = asked.get_mut(&key).filter(|places| !places.is_empty()) else {
                continue;
            };
            // The same is said once for each use.
            let text = || "it is asked for here".to_owned();
            let notes = places.remove(0).into_iter().map(|at| Note { text: text(), at: Some(at) });
            message.notes.splice(0..0, notes);
        }
    }
}

/// What an error is known by: file, line and text.
type Key = (String, u32, String);

/// The places of the program from which errors in other files were asked for, the nearest first; for
/// each error as often as it is said.
fn asked_from(said: &str, own: &dyn Fn(&str) -> bool) -> HashMap<Key, Vec<Vec<Place>>> {
    let mut found: HashMap<Key, Vec<Vec<Place>>> = HashMap::new();
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
}
