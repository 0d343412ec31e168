//! A call that lacks its last value, where one name of the program has just that type: `maximum (map length)`
//! in `longest names`, `print (filter isLate)`.

use super::application;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use std::ops::Range;

/// A name of the equation is used nowhere in it, and has the type that is lacking.
const UNUSED_YET: Factor = evidence("a parameter of the right type is not used yet", 8.0);
/// A single value stands behind a comma, and the call before it lacks one.
const BEHIND_COMMA: Factor = evidence("what is lacking stands behind a comma", 8.0);
/// One value of the whole program has the type that is lacking.
const ONLY_ONE: Factor = evidence("one value of the program has the type that is lacking", 6.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "lacking-value",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "total :: [Int] -> Int\ntotal xs = <|>foldr (+) 0\n",
        message: "Couldn't match expected type 'Int' with actual type '[Int] -> Int'",
        after: "total :: [Int] -> Int\ntotal xs = foldr (+) 0 xs\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    let Some(lacking) = lacking(&case.message.text) else { return };
    let lexed = case.lexed();
    let reported = lexed.on_line(lexed.code[case.token].line);
    // The call begins where the message points, or behind the function that the message names.
    let shown = case.message.text.starts_with("No instance");
    let first = case.token + usize::from(shown);
    let first = first + usize::from(lexed.is(first, "$") || lexed.is(first, "("));
    let parts = application(case, first, reported.end);
    let Some(end) = parts.last().map(|last| last.end) else { return };
    // A function by itself is lacking its value where it stands between the marks of a computation.
    let alone = parts.len() == 1;
    let within = matches!(
        lexed.before(first),
        "=" | "$"
            | "+"
            | "-"
            | "*"
            | "/"
            | "++"
            | "<"
            | ">"
            | "<="
            | ">="
            | "=="
            | "/="
            | "&&"
            | "||"
            | "then"
            | "else"
            | "->"
            | ","
    );
    let named = parts[0].len() == 1 && lexed.word(first).starts_with(char::is_lowercase);
    local(case, all);
    if alone && !(within && named) {
        return;
    }
    // `Tide "Mole" 7, 1.1`: what is lacking stands behind a comma.
    let behind = application(case, end + 1, lexed.code.len());
    if lexed.is(end, ",") && behind.len() == 1 && !shown {
        let edit = case.delete_token(end);
        all.push(Candidate::new(MistakeId::ExtraMark, BEHIND_COMMA, vec![edit]).guess());
        return;
    }
    let lines = signatures(case);
    let head = (0..=case.token)
        .rev()
        .find(|at| lexed.code[*at].first && lexed.source.indent(lexed.code[*at].line) == Some(0));
    let mut unused: Vec<&str> = Vec::new();
    if let Some(head) = head {
        let own = lines.iter().find(|(name, _)| *name == lexed.word(head));
        let line = lexed.on_line(lexed.code[head].line);
        let mark = line.clone().find(|at| matches!(lexed.word(*at), "=" | "|"));
        let taken = application(case, head + 1, mark.unwrap_or(line.end));
        let body = mark.unwrap_or(line.end)..next_item(case, head);
        for (place, types) in taken.iter().zip(own.map_or(&[][..], |(_, types)| types)) {
            let name = lexed.word(place.start);
            let used = body.clone().any(|at| lexed.is(at, name));
            let named = place.len() == 1 && name.starts_with(char::is_lowercase);
            let whole = other_name(case, types).unwrap_or_else(|| types.clone());
            if named && !used && (fits(&lacking, types) || fits(&lacking, &whole)) {
                unused.push(name);
            }
        }
    }
    let constants = lines.iter().filter(|(_, types)| types.len() == 1 && fits(&lacking, &types[0]));
    let constants: Vec<&str> = constants.map(|(name, _)| *name).collect();
    let here = head.map_or("", |head| lexed.word(head));
    let (name, why) = match (&unused[..], &constants[..]) {
        ([one], _) => (*one, UNUSED_YET),
        ([], [one]) if *one != here => (*one, ONLY_ONE),
        _ => return,
    };
    let edit = case.insert(lexed.code[end - 1].end, format!(" {name}"));
    all.push(Candidate::new(MistakeId::MissingArgument, why, vec![edit]).guess());
}

/// A function of the same item that the reported line names does not use its parameter, and a value is
/// lacking: `where add counts t = Map.insertWith (+) t 1`.
fn local(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let margin =
        |at: &usize| lexed.code[*at].first && lexed.source.indent(lexed.code[*at].line) == Some(0);
    let start = (0..=case.token).rev().find(margin).unwrap_or(0);
    let item = start..next_item(case, start);
    let reported = lexed.on_line(lexed.code[case.token].line);
    let names = |at: usize| lexed.kind(at) == Some(TokenKind::Name);
    for head in item.clone().filter(|at| *at > start && names(*at)) {
        let opens = lexed.code[head].first || matches!(lexed.before(head), "where" | "let");
        let called = reported.clone().any(|at| at != head && lexed.is(at, lexed.word(head)));
        let line = lexed.on_line(lexed.code[head].line);
        let mark = (head + 1..line.end).find(|at| lexed.is(*at, "="));
        let Some(mark) = mark.filter(|_| opens && called) else { continue };
        let parts = application(case, head, mark);
        if parts.last().is_none_or(|last| last.end != mark) {
            continue;
        }
        // What stands on further lines may use it.
        let goes_on = item.contains(&line.end)
            && lexed.source.indent(lexed.code[line.end].line)
                > lexed.source.indent(lexed.code[head].line)
            && !lexed.code[head].first;
        let unused = parts[1..].iter().filter(|part| {
            let name = lexed.word(part.start);
            part.len() == 1
                && name.starts_with(char::is_lowercase)
                && !(mark..line.end).any(|at| lexed.is(at, name))
        });
        let unused: Vec<_> = unused.collect();
        if let [one] = unused[..]
            && mark + 1 < line.end
            && !goes_on
        {
            let text = format!(" {}", lexed.word(one.start));
            let edit = case.insert(lexed.code[line.end - 1].end, text);
            all.push(Candidate::new(MistakeId::MissingArgument, UNUSED_YET, vec![edit]).guess());
        }
    }
}

/// The type of the first value that is still wanted: of what is there, if that is a function.
fn lacking(said: &str) -> Option<String> {
    // Seen with ghc 9.0.
    let there = if let Some((_, rest)) = said.split_once("No instance for (Show (") {
        rest.split_once(")) arising")?.0
    } else if said.starts_with("Couldn't match") {
        let actual = said.rsplit_once("actual type").or_else(|| said.rsplit_once("Actual:"))?.1;
        actual.trim_matches([' ', ':', '\'', '\n'])
    } else {
        return None;
    };
    let parts = arrows(there);
    (parts.len() > 1).then(|| parts[0].clone())
}

/// The types between the arrows of a function's type.
fn arrows(typed: &str) -> Vec<String> {
    let (mut parts, mut deep, mut part) = (Vec::new(), 0, String::new());
    let mut letters = typed.chars().peekable();
    while let Some(letter) = letters.next() {
        deep += i32::from(matches!(letter, '(' | '[')) - i32::from(matches!(letter, ')' | ']'));
        if letter == '-' && deep == 0 && letters.peek() == Some(&'>') {
            letters.next();
            parts.push(part.trim().to_owned());
            part = String::new();
        } else {
            part.push(letter);
        }
    }
    parts.push(part.trim().to_owned());
    parts
}

/// The signatures that stand on one line, each with the types between its arrows.
fn signatures<'a>(case: &'a Case) -> Vec<(&'a str, Vec<String>)> {
    let lexed = case.lexed();
    let starts = (0..lexed.code.len()).filter(|at| {
        lexed.code[*at].first
            && lexed.kind(*at) == Some(TokenKind::Name)
            && lexed.is(*at + 1, "::")
            && lexed.source.indent(lexed.code[*at].line) == Some(0)
    });
    let read = |at: usize| {
        let line: Range<usize> = lexed.on_line(lexed.code[at].line);
        let (from, to) = (lexed.code[at + 1].end, lexed.code[line.end - 1].end);
        let typed = lexed.source.slice(from, to).into_owned();
        let bare = typed.rsplit("=>").next().unwrap_or(&typed).trim().to_owned();
        (lexed.word(at), arrows(&bare))
    };
    starts.map(read).collect()
}

/// What another name of a type stands for: `[Load]` for `type Hold = [Load]`.
fn other_name(case: &Case, typed: &str) -> Option<String> {
    let lexed = case.lexed();
    let name = (1..lexed.code.len())
        .find(|at| lexed.before(*at) == "type" && lexed.is(*at, typed) && lexed.is(at + 1, "="))?;
    let line = lexed.on_line(lexed.code[name].line);
    let (from, to) = (lexed.code[name + 1].end, lexed.code[line.end - 1].end);
    Some(lexed.source.slice(from, to).trim().to_owned())
}

/// Where the item that starts at a token ends.
fn next_item(case: &Case, head: usize) -> usize {
    let lexed = case.lexed();
    (head + 1..lexed.code.len())
        .find(|at| lexed.code[*at].first && lexed.source.indent(lexed.code[*at].line) == Some(0))
        .unwrap_or(lexed.code.len())
}

/// Whether a type is one that is wanted: small letters of it stand for any type.
fn fits(wanted: &str, typed: &str) -> bool {
    let text = |typed: &str| typed.trim().replace("[Char]", "String");
    let (wanted, typed) = (text(wanted), text(typed));
    let inner = |typed: &str| {
        typed.strip_prefix('[').and_then(|rest| rest.strip_suffix(']')).map(str::to_owned)
    };
    if wanted == typed {
        return true;
    }
    let any = |wanted: &str| wanted.starts_with(char::is_lowercase) && !wanted.contains(' ');
    // `t0 String`: anything that holds texts.
    let held =
        wanted.split_once(' ').filter(|(kind, _)| any(kind)).map(|(_, held)| held.to_owned());
    match (inner(&wanted).or(held), inner(&typed)) {
        (Some(wanted), Some(typed)) => any(&wanted) || fits(&wanted, &typed),
        (Some(wanted), None) => any(&wanted) && typed == "String",
        _ => false,
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;

    #[test]
    fn another_name_of_the_type_fits_too() {
        check_fix(
            &FAMILY,
            "haskell",
            "type Hold = [Load]\n\ntotal :: Hold -> Double\ntotal hold = sum (<|>map weight)\n",
            "Couldn't match expected type: t0 Double with actual type: [Load] -> [Double]",
            "type Hold = [Load]\n\ntotal :: Hold -> Double\ntotal hold = sum (map weight hold)\n",
        );
    }
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn what_is_lacking_may_stand_behind_a_comma() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Tide = Tide String Int Double\n\nall :: [Tide]\nall = [<|>Tide \"Mole\" 7, 1.1]\n",
            "Couldn't match expected type 'Tide' with actual type 'Double -> Tide'",
            "data Tide = Tide String Int Double\n\nall :: [Tide]\nall = [Tide \"Mole\" 7 1.1]\n",
        );
    }

    #[test]
    fn what_is_shown_lacks_its_list() {
        check_fix(
            &FAMILY,
            "haskell",
            "tides :: [Int]\ntides = [2, 3]\n\nmain :: IO ()\nmain = do\n  <|>print (filter even)\n",
            "No instance for (Show ([Int] -> [Int])) arising from a use of 'print' (maybe you haven't applied a function to enough arguments?)",
            "tides :: [Int]\ntides = [2, 3]\n\nmain :: IO ()\nmain = do\n  print (filter even tides)\n",
        );
    }

    #[test]
    fn an_action_lacks_its_list() {
        check_fix(
            &FAMILY,
            "haskell",
            "names :: [String]\nnames = [\"Tern\"]\n\nmain :: IO ()\nmain = do\n  <|>mapM_ putStrLn\n",
            "Couldn't match expected type: IO a0 with actual type: t1 String -> IO ()",
            "names :: [String]\nnames = [\"Tern\"]\n\nmain :: IO ()\nmain = do\n  mapM_ putStrLn names\n",
        );
    }

    #[test]
    fn a_function_between_the_marks_of_a_computation_lacks_its_value() {
        check_fix(
            &FAMILY,
            "haskell",
            "tides :: [Int]\ntides = [2, 3]\n\ntotal :: [Int] -> Int\ntotal ts = sum ts\n\nhalf :: Int\nhalf = 3 * <|>total\n",
            "Couldn't match expected type 'Int' with actual type '[Int] -> Int'",
            "tides :: [Int]\ntides = [2, 3]\n\ntotal :: [Int] -> Int\ntotal ts = sum ts\n\nhalf :: Int\nhalf = 3 * total tides\n",
        );
    }

    #[test]
    fn a_function_of_the_same_item_leaves_a_parameter_unused() {
        check_fix(
            &FAMILY,
            "haskell",
            "hours :: [Int] -> Map Int Int\nhours ts = <|>foldl add empty ts\n  where add counts t = insertWith (+) t 1\n",
            "Couldn't match expected type: Map Int Int with actual type: Map Int a1 -> Map Int a1",
            "hours :: [Int] -> Map Int Int\nhours ts = foldl add empty ts\n  where add counts t = insertWith (+) t 1 counts\n",
        );
    }

    #[test]
    fn two_lists_of_a_type_leave_it_open() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "low :: [Int]\nlow = [2]\n\nhigh :: [Int]\nhigh = [3]\n\nmain :: IO ()\nmain = <|>print (filter even)\n",
            "No instance for (Show ([Int] -> [Int])) arising from a use of 'print' (maybe you haven't applied a function to enough arguments?)",
        );
    }
}
