//! Lines in another column than those of their block, and the words that open one: `of`, `then`, `do`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, Score, weight};
use erratum_catalogue::{MistakeId, Phase, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::spelling::edit_distance;

/// Each line that is nearer and has another column.
const COLUMN_RANK: Factor = weight("a line further off has this column", -0.4);
/// The names behind `let` and its like stand in one column.
const OPENED_COLUMN: Factor = weight("the names of the block stand in this column", 0.5);
/// A line that is a little out of its column.
const SMALL_STEP: Factor = weight("it is a little out of its column", 1.5);
/// A line that stands where the one above it does is hardly the odd one.
const REGULAR: Factor = weight("it stands as the line above it does", -2.0);
/// A line in another column than those of its block.
const OUT_OF_LINE: Factor = weight("it is out of its column", 1.0);
/// The lines above and below agree in another column.
const AGREED: Factor = weight("the lines around it agree", 1.5);
/// Each line between a change and the reported line below it.
const LINE_ABOVE: Factor = weight("lines above the reported one", -0.7);
/// Each line between a change and the reported line above it.
const LINE_BELOW: Factor = weight("lines below the reported one", -0.15);
/// Each line between a lost word and the reported line.
const WORD_ABOVE: Factor = weight("lines above the reported one", -0.4);
/// A `case` with branches below, and no `of`.
const LOST_OF: Factor = weight("branches follow without their word", 7.0);
/// An `if` without its `then`.
const LOST_THEN: Factor = weight("a condition without its word", 4.0);
/// What `let` names is used below it, and no `in`.
const LOST_IN: Factor = weight("what `let` names is used below it", 6.0);
/// The signature gives a plain value, which takes no steps.
const PLAIN_RESULT: Factor = weight("the result is a plain value", -3.0);
/// The signature gives an action, or something else that takes steps.
const STEPS_RESULT: Factor = weight("the result takes steps", -3.0);
/// Lines that stand one below the other, and no `do`.
const LOST_DO: Factor = weight("steps follow without their word", 5.0);

/// A name by itself on a line is nearly the word that opens a block there.
const NEAR_WORD: Factor = weight("a line holds nearly the word that opens a block", 7.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "layout",
    recipes: &[Recipe::Indent],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "deep :: Int -> Int\ndeep t = case t\n  0 <|>-> 1\n  _ -> t\n",
        message: "parse error on input '->'",
        after: "deep :: Int -> Int\ndeep t = case t of\n  0 -> 1\n  _ -> t\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    if case.asks(Recipe::Indent) {
        indentation(case, all);
    }
    lost_words(case, all);
    lone_word(case, all);
}

/// `were` on a line by itself, above names that are bound: the word that opens such a block.
fn lone_word(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.phase > Phase::Syntax {
        return;
    }
    let reported = lexed.code[case.token].line;
    for line in (reported.saturating_sub(2).max(1)..=reported).rev() {
        let at = lexed.on_line(line);
        if at.len() != 1 || lexed.kind(at.start) != Some(TokenKind::Name) {
            continue;
        }
        let word = lexed.word(at.start);
        let once = case.text.names.seen.get(word).is_none_or(|seen| seen.len() == 1);
        if once && edit_distance(word, "where") <= 1.5 {
            let edit = case.replace_token(at.start, "where");
            all.push(Candidate::new(MistakeId::MisspeltKeyword, NEAR_WORD, vec![edit]).guess());
        }
    }
}

/// A line in another column than those of its block: put into the column of a line near it.
fn indentation(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let source = &lexed.source;
    let reported = lexed.code[case.token].line;
    let filled = |line: u32| source.indent(line).filter(|_| !lexed.on_line(line).is_empty());
    let last = source.line_count().min(reported + 12);
    for line in (reported.saturating_sub(4).max(1)..=reported).rev().chain(reported + 1..=last) {
        let Some(now) = filled(line) else { continue };
        // Further down only a line that stands a little outside of its block.
        let outside =
            (1..line).rev().find_map(filled).is_some_and(|a| a != now && a.abs_diff(now) <= 2);
        if line > reported && !outside {
            continue;
        }
        let above: Vec<u32> = (1..line).rev().filter_map(filled).take(5).collect();
        let below: Vec<u32> = (line + 1..=source.line_count()).filter_map(filled).take(2).collect();
        if in_its_column(lexed, line, now, &above, &below) {
            continue;
        }
        let mut columns: Vec<(u32, Factor)> = Vec::new();
        let next = above.iter().chain(&below);
        for (rank, column) in next.enumerate() {
            columns.push((*column, COLUMN_RANK * rank as f64));
        }
        // The names of a `let` stand in one column.
        let opened = (1..line).rev().find(|line| filled(*line).is_some());
        for word in opened.iter().flat_map(|line| lexed.on_line(*line)) {
            if matches!(lexed.word(word), "let" | "where" | "do" | "of")
                && let Some(name) = lexed.code.get(word + 1).filter(|name| !name.first)
            {
                let column = source.position(name.start).column.saturating_sub(1);
                columns.push((column, OPENED_COLUMN));
            }
        }
        // A line that stands where the one above it does is hardly the odd one.
        let regular = above.first() == Some(&now);
        let agreed = above.first().is_some_and(|a| below.first() == Some(a) && *a != now);
        let mut tried: Vec<u32> = vec![now];
        for (column, less) in columns {
            if tried.contains(&column) {
                continue;
            }
            tried.push(column);
            let small = SMALL_STEP.when(now.abs_diff(column) <= 2);
            let start = source.line_start(line);
            let text = source.line_bytes(line);
            let blanks = text.iter().take_while(|byte| byte.is_ascii_whitespace()).count();
            let edit =
                Edit::replace(case.file(), start, start + blanks, " ".repeat(column as usize));
            let less = less + REGULAR.when(regular);
            let score = OUT_OF_LINE
                + less
                + small
                + AGREED.when(agreed)
                + LINE_ABOVE * f64::from(reported.saturating_sub(line))
                + LINE_BELOW * f64::from(line.saturating_sub(reported));
            let candidate = Candidate::new(MistakeId::WrongIndentation, score, vec![edit]);
            // Only lines above and below that agree show the column that was meant.
            let shown = agreed && above.first() == Some(&column);
            all.push(if shown { candidate } else { candidate.guess() });
        }
    }
}

/// Whether a line stands in the column of its block for all to see: the lines next to it do, too, or it
/// declares a name at the left edge.
fn in_its_column(lexed: &Lexed, line: u32, now: u32, above: &[u32], below: &[u32]) -> bool {
    if now > 0 {
        let between = above.first() == Some(&now) && below.first() == Some(&now);
        let follows = above.len() > 1 && above[..2] == [now, now];
        return between || follows || below == [now, now];
    }
    let item = lexed.on_line(line);
    let declares = item.clone().any(|at| matches!(lexed.word(at), "=" | "::" | "where"));
    let named = item.clone().next().is_some_and(|at| lexed.kind(at) == Some(TokenKind::Name));
    let typed = lexed.is(item.start + 1, "::");
    let word = lexed.word(item.start);
    let opens =
        matches!(word, "class" | "data" | "import" | "instance" | "module" | "newtype" | "type");
    opens || named && (typed || declares && below.first().is_none_or(|column| *column == 0))
}

/// `case x` without its `of`, `if x` without its `then`, a block of steps without its `do`.
fn lost_words(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let source = &lexed.source;
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(6).max(1)..=reported {
        let range = lexed.on_line(line);
        let Some(last) = range.clone().next_back() else { continue };
        let far = WORD_ABOVE * f64::from(reported - line);
        let has = |word: &str| range.clone().any(|at| lexed.is(at, word));
        let next = lexed.code.get(range.end);
        let deeper = next.is_some_and(|next| source.indent(next.line) > source.indent(line));
        let mut add = |word: &str, score: Score| {
            let edit = case.insert(lexed.code[last].end, format!(" {word}"));
            all.push(Candidate::new(MistakeId::MissingWord, score + far, vec![edit]));
        };
        if has("case") && !has("of") && deeper {
            add("of", LOST_OF.into());
        }
        let follows = |word: &str| next.is_some() && lexed.is(range.end, word);
        if has("if") && !has("then") && !follows("then") {
            add("then", LOST_THEN.into());
        }
        // Lines that draw values, or stand one below the other after `=` or an arrow.
        let opens = matches!(lexed.word(last), "=" | "->" | "$" | "then" | "else");
        let inner: Vec<u32> = (line + 1..=source.line_count().min(line + 8))
            .take_while(|below| {
                source.indent(*below).is_none_or(|indent| Some(indent) > source.indent(line))
            })
            .filter(|below| !lexed.on_line(*below).is_empty())
            .collect();
        let first = inner.first().and_then(|line| source.indent(*line));
        let steps = inner.iter().filter(|line| source.indent(**line) == first).count();
        if opens && deeper && steps > 1 && !has("do") {
            let plain = plain_result(lexed, line);
            add("do", LOST_DO + PLAIN_RESULT.when(plain == Some(true)));
            // The names come first, and one line uses them.
            let starts: Vec<usize> = inner
                .iter()
                .filter(|line| source.indent(**line) == first)
                .map(|line| lexed.on_line(*line).start)
                .collect();
            if let [names, used] = starts[..]
                && lexed.is(names, "let")
                && !matches!(lexed.word(used), "in" | "let")
                && !lexed.on_line(lexed.code[used].line).any(|at| lexed.is(at, "<-"))
            {
                let edit = case.insert(lexed.code[used].start, "in ");
                let score = LOST_IN + far + STEPS_RESULT.when(plain == Some(false));
                all.push(Candidate::new(MistakeId::MissingWord, score, vec![edit]));
            }
        }
    }
}

/// Whether the signature above an equation gives a plain value: a type by itself, not one that is
/// applied to another, as actions are. Nothing if there is no signature.
fn plain_result(lexed: &Lexed, line: u32) -> Option<bool> {
    let item = lexed.on_line(line);
    let name = lexed.word(item.start);
    let mut above = (1..line).rev().map(|line| lexed.on_line(line));
    let signature = above.find(|range| {
        range.len() > 2 && lexed.word(range.start) == name && lexed.is(range.start + 1, "::")
    })?;
    let result = signature.clone().rev().take_while(|at| !matches!(lexed.word(*at), "->" | "::"));
    let result: Vec<usize> = result.collect();
    // A list or a pair stands in brackets.
    let first = result.last().and_then(|first| lexed.kind(*first));
    Some(result.len() == 1 || first == Some(TokenKind::Open))
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_fix, check_no_fix};

    #[test]
    fn a_word_that_opens_a_block_is_misspelt() {
        check_fix(
            &FAMILY,
            "haskell",
            "deep :: Int -> Int\ndeep t = low\n  wheer\n    low <|>= t\n",
            "parse error on input '='",
            "deep :: Int -> Int\ndeep t = low\n  where\n    low = t\n",
        );
    }

    #[test]
    fn steps_below_each_other_need_a_do() {
        check_among(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain =\n  putStrLn \"a\"\n  <|>putStrLn \"b\"\n",
            "parse error on input 'putStrLn'",
            "main :: IO ()\nmain = do\n  putStrLn \"a\"\n  putStrLn \"b\"\n",
        );
    }

    #[test]
    fn what_let_names_is_used_in_a_plain_value() {
        check_fix(
            &FAMILY,
            "haskell",
            "line :: Int -> String\nline tide =\n  let hs = tide + 3\n      text = show hs\n  <|>text ++ \"!\"\n",
            "parse error on input 'text'",
            "line :: Int -> String\nline tide =\n  let hs = tide + 3\n      text = show hs\n  in text ++ \"!\"\n",
        );
    }

    #[test]
    fn an_action_takes_steps() {
        check_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain =\n  let text = \"a\"\n  <|>putStrLn text\n",
            "parse error on input 'putStrLn'",
            "main :: IO ()\nmain = do\n  let text = \"a\"\n  putStrLn text\n",
        );
    }

    #[test]
    fn another_language_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int deep = <|>tide;\n}\n",
            "cannot find symbol",
        );
    }

    #[test]
    fn a_condition_gets_its_then() {
        check_fix(
            &FAMILY,
            "haskell",
            "deep :: Int -> Int\ndeep t = if t > 3 4\n  <|>else 5\n",
            "parse error on input 'else'",
            "deep :: Int -> Int\ndeep t = if t > 3 4 then\n  else 5\n",
        );
    }

    #[test]
    fn a_step_is_put_into_the_column_of_its_block() {
        check_among(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = do\n  putStrLn \"a\"\n   <|>putStrLn \"b\"\n",
            "parse error (possibly incorrect indentation or mismatched brackets)",
            "main :: IO ()\nmain = do\n  putStrLn \"a\"\n  putStrLn \"b\"\n",
        );
    }

    #[test]
    fn the_names_of_a_let_stand_in_one_column() {
        check_among(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = do\n  let low = 1\n     <|>high = 2\n  print (low + high)\n",
            "parse error (possibly incorrect indentation or mismatched brackets)",
            "main :: IO ()\nmain = do\n  let low = 1\n      high = 2\n  print (low + high)\n",
        );
    }

    #[test]
    fn lines_in_one_column_are_left_there() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "class Paid a where\n  fare :: a -> Int\n  toll : a <|>-> Int\n  deep :: a -> Int\n  low :: Int\n",
            "parse error on input '->'",
        );
    }

    #[test]
    fn a_declaration_at_the_left_edge_is_left_there() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "rise :: Int -> Int\nrise t = t\n\n<|>main :: IO ()\nmain = print 3\n",
            "parse error on input 'main'",
        );
    }

    #[test]
    fn lines_that_lack_no_word_are_left() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "deep :: Int -> Int\ndeep t = <|>tide + t\n",
            "Variable not in scope: tide :: Int",
        );
    }
}
