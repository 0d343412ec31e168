//! tsc 5.9 points at the name of a field whose value is of another type: the value is what it tells of.

use crate::message::Message;
use erratum_syntax::text::Text;

/// The bytes of the value that a clash of types tells of, where the message points at the name of its field.
pub(super) fn of_clash(
    text: &Text,
    message: &Message,
    range: (usize, usize),
) -> Option<(usize, usize)> {
    let (lexed, pairs) = (&text.lexed, &text.pairs);
    let name = lexed.at(range.0);
    let clash =
        message.text.starts_with("Type '") && message.text.contains("not assignable to type '");
    let listed = matches!(lexed.before(name), "{" | ",") && lexed.is(name + 1, ":");
    let open = pairs.inside_of(name).filter(|open| lexed.is(*open, "{"))?;
    if !clash || !listed || !lexed.language.object_required {
        return None;
    }
    let close = pairs.partner_of(open)?;
    let own = |at: &usize| pairs.inside_of(*at) == Some(open) && lexed.is(*at, ",");
    let end = (name + 2..close).find(own).unwrap_or(close);
    (end > name + 2).then(|| (lexed.code[name + 2].start, lexed.code[end - 1].end))
}

#[cfg(test)]
mod tests {
    use super::super::testing::with_case;

    #[test]
    fn a_clash_is_one_of_the_value() {
        let text = "ship({ <|>id: \"7\", kind: 3 });\n";
        with_case(
            "typescript",
            text,
            "Type 'string' is not assignable to type 'number'.",
            |case| {
                assert_eq!(case.lexed().word(case.token), "\"7\"");
            },
        );
        with_case("typescript", text, "Cannot find name 'id'.", |case| {
            assert_eq!(case.lexed().word(case.token), "id");
        });
    }
}
