//! The text with which to ask somebody about a program: its smallest part, what the compiler says of it, and what
//! was tried.

use erratum_look::Narrowing;
use erratum_repair::fixes::Certainty;
use erratum_repair::verdict::{Evidence, Root};
use std::path::Path;

/// The text, in Markdown.
pub fn text(small: &Narrowing, root: Option<&Root>) -> String {
    let narrowed = &small.narrowed;
    let build = small.build();
    let name = base(narrowed.source.name());
    let program = String::from_utf8_lossy(narrowed.source.bytes()).into_owned();
    let lines = narrowed.source.filled_lines();
    // A name is a name, whatever it means in Markdown.
    let mut out = format!("# `{}` does not compile\n\n", name.replace('`', "'"));
    out += &format!(
        "The smallest part that still gives the message ({lines} of {} lines):\n\n",
        small.whole.line_count()
    );
    let fence = fence(&program);
    out += &format!("{fence}{}\n{}\n{fence}\n\n", build.language, program.trim_end());
    let line =
        narrowed.message.at.as_ref().map_or(String::new(), |at| format!(" of line {}", at.line));
    out += &format!("{} {} says{line}:\n\n", build.compiler, build.version);
    let notes = narrowed.message.notes.iter().map(|note| note.text.as_str()).take(12);
    for text in std::iter::once(narrowed.message.text.as_str()).chain(notes) {
        for line in text.lines() {
            out += &format!("    {}\n", nameless(line.trim_end()));
        }
    }
    let command: Vec<String> = build.command.iter().map(|word| nameless(word)).collect();
    out += &format!("\nCommand: `{}`\n", command.join(" "));
    let Some(root) = root else { return out };
    out += &format!(
        "\nErratum {} says: {}. {}\n",
        env!("CARGO_PKG_VERSION"),
        root.title,
        root.meaning
    );
    if root.choices().is_empty() {
        out += "\nNo change that was tried makes the message go.\n";
        return out;
    }
    out += "\nTried:\n\n";
    for fix in root.choices() {
        let proof = match (fix.evidence, fix.certainty) {
            (Evidence::Judged, _) => "not compiled",
            (_, Certainty::Sure) => "the message is gone with it",
            (_, Certainty::Guess) => "the message is gone with it, but its meaning is a guess",
        };
        out += &format!("- {}: {proof}.\n", fix.title);
    }
    out
}

/// A fence longer than any in the program.
fn fence(program: &str) -> String {
    let longest = program.split(|c| c != '`').map(str::len).max().unwrap_or(0);
    "`".repeat(longest.max(2) + 1)
}

/// The name of a file, without its folders.
pub fn base(name: &str) -> &str {
    Path::new(name).file_name().and_then(|name| name.to_str()).unwrap_or(name)
}

/// A line without the folders in it: they name the machine and its user.
fn nameless(line: &str) -> String {
    let ends = |c: char| {
        c.is_whitespace() || matches!(c, '\'' | '"' | '`' | ',' | ';' | '(' | ')' | ':' | '=')
    };
    let mut out = String::with_capacity(line.len());
    let mut rest = line;
    while let Some(at) = rest.find(['/', '\\']) {
        let start = rest[..at]
            .rfind(ends)
            .map_or(0, |i| i + rest[i..].chars().next().map_or(1, char::len_utf8));
        let end = rest[at..].find(ends).map_or(rest.len(), |i| at + i);
        let word = &rest[start..end];
        out.push_str(&rest[..start]);
        // `-I/srv/include`: the path stands behind the letters of an option.
        let option = word.strip_prefix('-').map_or(0, |letters| {
            1 + letters.len() - letters.trim_start_matches(|c: char| c.is_ascii_alphabetic()).len()
        });
        let (option, word) = word.split_at(option);
        out.push_str(option);
        // A path is absolute, or from home; anything else with a stroke is code.
        let path = word.starts_with('/')
            && word.len() > 1
            && !word.starts_with("//")
            && !word.starts_with("/*")
            || word.starts_with("~/")
            || word.get(1..3).is_some_and(|drive| drive == ":\\");
        // A file keeps its name; a folder may be called as its user is.
        let last = word.rsplit(['/', '\\']).find(|part| !part.is_empty()).unwrap_or("");
        let last = if last.trim_start_matches('.').contains('.') { last } else { "…" };
        out.push_str(if path { last } else { word });
        rest = &rest[end..];
    }
    out.push_str(rest);
    out
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn folders_are_left_out_and_code_stays() {
        assert_eq!(nameless("in /home/ivo/ferry/tide.c:3: bad"), "in tide.c:3: bad");
        assert_eq!(nameless("-I/srv/x --sysroot=/home/ivo"), "-I… --sysroot=…");
        assert_eq!(nameless("a / b and c/d"), "a / b and c/d");
        assert_eq!(nameless("'/usr/include/stdio.h'"), "'stdio.h'");
    }

    #[test]
    fn a_fence_is_longer_than_those_in_the_program() {
        assert_eq!(fence("a"), "```");
        assert_eq!(fence("let s = ```x```;"), "````");
    }
}
