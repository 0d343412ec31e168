//! What stands under the pointer: the meaning of a mistake, in Markdown.

use erratum_look::Look;
use erratum_repair::verdict::Root;

/// The text of a mistake: what it is, what the compiler says, what to do.
pub(crate) fn text(look: &Look, root: &Root) -> String {
    let mut parts = vec![format!("**{}**", plain(&root.title)), plain(&root.meaning)];
    let compiler = plain(&look.verdict.build.compiler);
    for told in root.messages.iter().filter_map(|id| look.verdict.message(*id)) {
        let line = told.at.as_ref().map_or(String::new(), |at| format!(" on line {}", at.line));
        parts.push(format!("{compiler} says{line}: {}", plain(&told.text)));
    }
    if let Some(text) = &root.will_say {
        parts.push(format!(
            "{compiler} does not report it yet. Once what comes before is mended, it will say: {}",
            plain(text)
        ));
    }
    match root.fixes.first() {
        Some(fix) => parts.push(format!("To mend it: {}.", plain(&fix.title))),
        None if !root.advice.is_empty() => {
            parts.push(format!("What to try: {}", plain(&root.advice)));
        }
        None => {}
    }
    if let Some(sound) = &root.sound {
        parts.push(format!(
            "Wrong:\n\n```\n{}\n```\n\nRight:\n\n```\n{}\n```",
            sound.faulty, sound.right
        ));
    }
    parts.retain(|part| !part.is_empty());
    parts.join("\n\n")
}

/// A text whose marks are no Markdown; words between backticks stay code.
fn plain(text: &str) -> String {
    let mut out = String::new();
    for (at, part) in text.split('`').enumerate() {
        if at > 0 {
            out.push('`');
        }
        if at % 2 == 1 {
            out.push_str(part);
            continue;
        }
        for letter in part.chars() {
            if matches!(letter, '*' | '_' | '<' | '>' | '[' | ']' | '#' | '\\' | '|') {
                out.push('\\');
            }
            out.push(if letter == '\n' { ' ' } else { letter });
        }
    }
    out
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn marks_of_a_message_are_no_markdown() {
        assert_eq!(plain("a *b* `c_d` <e>"), "a \\*b\\* `c_d` \\<e\\>");
    }
}
