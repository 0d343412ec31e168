//! What the linker says when the parts are put together: GNU ld behind gcc and clang, and Go's own.
//!
//! Seen with binutils 2.40 and go 1.19.

use crate::message::{Message, Place, Severity};
use erratum_syntax::source::ColumnUnit;

/// What ld says of a name that nothing defines.
const UNDEFINED: &str = "undefined reference to `";

pub(super) fn starts(line: &str) -> Option<Message> {
    // What rustc quotes of a linker is a remark on its own message.
    if line.starts_with([' ', '\t']) {
        return None;
    }
    if let Some((before, rest)) = line.split_once(UNDEFINED) {
        let name = rest.strip_suffix('\'')?;
        let mut message = error(&format!("undefined reference to '{name}'"));
        message.at = place(before);
        return Some(message);
    }
    let (_, said) = line.split_once(": function main is undeclared")?;
    line.starts_with("runtime.main_main")
        .then(|| error(&format!("function main is undeclared{said}")))
}

fn error(text: &str) -> Message {
    let mut message = Message::new(Severity::Error, text);
    message.unit = ColumnUnit::Byte;
    message
}

/// `/usr/bin/ld: /quay/tide.c:5: `: with what debuggers need, the line is known.
fn place(before: &str) -> Option<Place> {
    let before = before.trim_end().strip_suffix(':')?;
    let before = before.rsplit_once("ld: ").map_or(before, |(_, rest)| rest);
    let (file, line) = before.rsplit_once(':')?;
    Some(Place::point(file, line.parse().ok()?, 1))
}

#[cfg(test)]
mod tests {
    use crate::read::read;

    #[test]
    fn names_that_nothing_defines() {
        let log = "/usr/bin/ld: /usr/lib/gcc/x86_64-linux-gnu/12/Scrt1.o: in function `_start':\n(.text+0x17): undefined reference to `main'\n/usr/bin/ld: /quay/tide.c:5: undefined reference to `deep'\ncollect2: error: ld returned 1 exit status\n";
        let messages = read(log.as_bytes()).messages;
        let said: Vec<_> = messages
            .iter()
            .map(|message| (message.text.as_str(), message.at.as_ref().map(|at| at.line)))
            .collect();
        assert_eq!(
            said[..2],
            [("undefined reference to 'main'", None), ("undefined reference to 'deep'", Some(5))]
        );
        let go = "# tide\nruntime.main_main·f: function main is undeclared in the main package\n";
        assert_eq!(read(go.as_bytes()).messages.len(), 1);
    }

    #[test]
    fn what_another_message_quotes_is_a_part_of_it() {
        let log = "error: linking with `cc` failed: exit status: 1\n  |\n  = note: /usr/bin/ld: tide.o: undefined reference to `deep'\n";
        assert_eq!(read(log.as_bytes()).messages.len(), 1);
    }
}
