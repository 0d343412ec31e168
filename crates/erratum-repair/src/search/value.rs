//! The values that a message points into: each can be replaced by one that fits wherever it stands, so
//! that what is declared there stays known.

use super::stretch::Stretch;
use erratum_syntax::lex::Lexed;
use erratum_syntax::text::Text;

/// The values around a code token that may be replaced, the smallest first: what stands for one argument
/// or one element, then what a name is declared with or set to.
pub(super) fn values(text: &Text, token: usize) -> Vec<Stretch> {
    let lexed = &text.lexed;
    let mut all: Vec<Stretch> = Vec::new();
    let mut at = token;
    loop {
        if let Some((first, last)) = value_around(text, at)
            && let Some(by) = stand_in(text, first)
            && all.last().is_none_or(|one| (one.first, one.last) != (first, last))
        {
            all.push(Stretch::by(first, last, by));
        }
        let outer = text.pairs.inside_of(at);
        match outer.filter(|open| !lexed.opens_block(*open)) {
            Some(open) if open > 0 => at = open,
            _ => return all,
        }
    }
}

/// The first and the last token of the value that a code token stands in, up to the bracket around it.
fn value_around(text: &Text, token: usize) -> Option<(usize, usize)> {
    let lexed = &text.lexed;
    let within = text.pairs.inside_of(token);
    let level = |at: usize| text.pairs.inside_of(at) == within;
    let ends = |at: usize| {
        level(at) && (lexed.divides(at) || matches!(lexed.word(at), "," | ";" | "else" | "then"))
    };
    let starts = |at: usize| {
        Some(at) == within
            || level(at) && matches!(lexed.word(at), "=" | "," | "return" | "=>" | ":" | "<-")
            || ends(at)
    };
    let before = (0..token).rev().find(|at| starts(*at))?;
    // What begins a line of its own is no part of a value above it.
    if (before + 2..=token).any(|at| level(at) && lexed.starts_line(at)) {
        return None;
    }
    let behind = text.pairs.partner_of(within?);
    let stops = |at: &usize| {
        Some(*at) == behind || *at > token && (ends(*at) || level(*at) && lexed.starts_line(*at))
    };
    let end = (token..lexed.code.len()).find(stops)?;
    // Where a body is a value, each branch is one.
    let branch = lexed.language.body_is_value && lexed.is(before, "else");
    let marked = branch
        || Some(before) == within && !lexed.opens_block(before)
        || matches!(lexed.word(before), "=" | "," | "return" | "=>" | ":" | "<-");
    (marked && before + 1 < end).then_some((before + 1, end - 1))
}

/// What may stand in the place of a value that begins at a code token.
fn stand_in(text: &Text, first: usize) -> Option<String> {
    let lexed = &text.lexed;
    let language = lexed.language;
    if !language.any_value.is_empty() {
        return Some(language.any_value.to_owned());
    }
    let (before, behind) = language.typed_value?;
    if !lexed.is(first - 1, "=") {
        return None;
    }
    let declared = text.names.declared.iter().rev().find(|one| one.token < first)?;
    let (from, to) = declared.typed?;
    let near = declared.token + 2 == first || to + 2 == first;
    // A word for "whatever the value has" names no type.
    let inferred = lexed.is(from, language.item_word);
    (near && !inferred).then(|| format!("{before}{}{behind}", written(lexed, from, to)))
}

/// The tokens from one to another as they are written.
fn written(lexed: &Lexed, from: usize, to: usize) -> String {
    lexed.source.slice(lexed.code[from].start, lexed.code[to].end).to_string()
}

#[cfg(test)]
mod tests {
    use super::super::stretch::each_without;
    use super::values;

    /// The text after each replacement around a place.
    fn replaced(language: &str, text: &str, at: &str) -> Vec<String> {
        each_without(language, text, at, values)
    }

    #[test]
    fn an_argument_is_replaced_before_the_value_around_it() {
        let text = "fn main() {\n    let low: i32 = tide(berths, \"3\");\n}\n";
        assert_eq!(
            replaced("rust", text, "\"3\""),
            [
                text.replace("\"3\"", "None.unwrap()"),
                text.replace("tide(berths, \"3\")", "None.unwrap()")
            ]
        );
    }

    #[test]
    fn a_value_ends_with_its_statement() {
        let text = "object Tide {\n  val low = berths + 3\n  val high = 4\n}\n";
        assert_eq!(replaced("scala", text, "berths"), [text.replace("berths + 3", "???")]);
    }

    #[test]
    fn a_statement_below_a_value_is_none_of_it() {
        let text = "object Tide {\n  val low = List(3)\n  low(0) = 4\n}\n";
        assert!(replaced("scala", text, "low(0)").is_empty());
    }

    #[test]
    fn a_branch_is_a_value() {
        let text =
            "object Tide {\n  def go(n: Int): Int =\n    if (n > 3) 1\n    else if (n > 2) 2\n}\n";
        assert_eq!(replaced("scala", text, "if (n > 2"), [text.replace("if (n > 2) 2", "???")]);
    }

    #[test]
    fn a_language_may_need_the_type() {
        let text =
            "class Tide {\n  void Low() {\n    int[] low = Berths(3);\n    var x = 3;\n  }\n}\n";
        assert_eq!(
            replaced("csharp", text, "Berths"),
            [text.replace("Berths(3)", "default(int[])")]
        );
        assert!(replaced("csharp", text, "3;").is_empty());
    }

    #[test]
    fn a_statement_is_no_value() {
        let text = "fn main() {\n    low();\n    tide.high();\n}\n";
        assert!(replaced("rust", text, "high").is_empty());
    }
}
