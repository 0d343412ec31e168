//! Names that are written a little wrong: the use, the declaration, or a word of the language.

mod declaration;
mod familiar;
mod library;
mod parted;

use super::family::{Example, Family, Phases};
use super::{Candidate, Case, weights as w};
use crate::score::{Factor, Score, weight};
use declaration::near_declaration;
use erratum_catalogue::{MistakeId, Phase, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::language::{Asks, Language, Together};
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind, asked_kind};
use erratum_syntax::spelling::{edit_distance, edit_distance_within};
use erratum_syntax::text::Text;
use library::word_for_library;
use parted::lost_mark;
pub(super) use parted::splits;
use std::collections::{BTreeMap, HashSet};

/// Each word that the message is likelier to be about.
const WORD_RANK: Factor = weight("a word that the message does not name first", -2.0);
/// The word is declared in the text, where this place does not see it: it is no slip of letters.
const DECLARED_APART: Factor = weight("the word is declared in another block", -4.0);
/// A letter that looks like a number.
const LOOKS_SO: Factor = weight("it looks like a number", 3.0);
/// A function with nearly the name that a program starts from.
const NEAR_START: Factor = weight("nearly the name a program starts from", 5.0);
/// Each letter that differs.
const LETTERS: Factor = weight("letters that differ", -1.0);
/// Short words are near everything.
const SHORT_WORD: Factor = weight("short words are near everything", -1.5);
/// One letter in the place of another.
const ANY_LETTER: Factor = weight("one letter is as near to any other", -4.0);
/// A function of the library that nobody calls.
const UNCALLED: Factor = weight("nobody calls this function", -2.0);
/// Each word that a word of another language is likelier to stand for.
const LESS_LIKELY: Factor = weight("likelier words for it", -0.5);
/// Every use of the name changes with it.
const EVERYWHERE: Factor = weight("every use changes", 0.3);
/// Each use: the same slip at every use is rarer than one slip.
const EACH_USE: Factor = weight("uses that change", -0.5);
/// A keyword where a name stands.
const KEYWORD_AS_NAME: Factor = weight("a keyword where a name stands", -0.8);
/// What a form or a header calls it, too, is hardly the slip.
const KNOWN_BESIDE: Factor = weight("files beside it know the name", 2.0);
/// Of two words for nothing, the one that the text has.
const STANDS_HERE: Factor = weight("the text has this word for nothing", 1.5);
/// A word that people use elsewhere is hardly the misspelt one: from 0 to 2.
const FAMILIAR: Factor = weight("words that stand elsewhere in the text", 1.0);
/// A declaration is right unless something speaks against it.
const NO_EVIDENCE: Factor = weight("nothing speaks against the declaration", -0.8);
/// Nothing is lost in a name of one letter.
const ONE_LETTER: Factor = weight("nothing is lost in one letter", -1.0);
/// The compiler takes the declared name for the right one; it may know more of it.
const COMPILER_MEANS_IT: Factor = weight("the compiler takes it for the right name", -1.5);
/// What is declared is a little likelier to be right.
const DECLARED_SO: Factor = weight("it is declared so", -0.2);

/// How often a name must stand in the text to be hardly a slip.
const OFTEN: usize = 3;
/// The name is only declared by this statement.
const OWN_VALUE: Factor = weight("it is declared with this very value", -6.0);

/// The distance of two names that differ in capital letters only.
const ONE_CASE: f64 = 0.9;

/// How many letters may differ in a word of this length.
fn limit(word: &str) -> f64 {
    match word.chars().count() {
        0..=2 => 1.0,
        3..=5 => 2.0,
        _ => 3.0,
    }
}

/// Whether two short words have too little in common to be a slip of each other: with two letters of four
/// changed, half of the word is another one. Letters may still be left out, as in `cnt` for `count`.
fn have_little_in_common(word: &str, name: &str, apart: f64) -> bool {
    let within = |short: &str, long: &str| {
        let mut letters = long.chars();
        short.chars().all(|letter| letters.any(|other| other == letter))
    };
    // A slip at the first letter is seldom, and hardly ever one of several.
    let initial = |text: &str| text.chars().next().map(|letter| letter.to_ascii_lowercase());
    let short = if initial(word) == initial(name) { 4 } else { 5 };
    word.chars().count() <= short && apart >= 2.0 && !within(word, name) && !within(name, word)
}

pub(super) static FAMILY: Family = Family {
    id: "respell",
    recipes: &[Recipe::Respell],
    phases: Phases::Any,
    within_text: true,
    propose,
    example: Example {
        language: "c",
        before: "int main(void) {\n    int tide = 3;\n    return <|>tdie;\n}\n",
        message: "'tdie' undeclared (first use in this function)",
        after: "int main(void) {\n    int tide = 3;\n    return tide;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let twice = case.asks(Recipe::Duplicate) || case.diagnosis.shows(MistakeId::LibraryName);
    // What keeps its value is known (seen with mcs 6.8).
    let fixed = case.message.text.starts_with("Cannot assign to '");
    if case.phase == Phase::Flow || twice || fixed {
        return;
    }
    let lexed = case.lexed();
    entry_point(case, all);
    word_for_library(case, all);
    within_text(case, all);
    let wrong = wrong_names(case);
    for (rank, token) in wrong.into_iter().enumerate() {
        // `_` is what nobody wants to name.
        if !matches!(lexed.kind(token), Some(TokenKind::Name)) || lexed.is(token, "_") {
            continue;
        }
        if brought_in_as(case, token) {
            continue;
        }
        if case.phase != Phase::Name
            && (is_known(case, token) || named_so(case, token) || bound(case, token))
        {
            // This name is known; something else is wrong with it.
            continue;
        }
        let score = Score::from(WORD_RANK * rank as f64);
        near_names(case, token, &score, all);
        near_declaration(case, token, &score, all);
        lost_mark(case, token, &score, all);
        like_a_number(case, token, &score, all);
    }
}

/// Haskell: whether a module is brought in under this name, and something is asked of it: `Map.empty`.
fn brought_in_as(case: &Case, token: usize) -> bool {
    let lexed = case.lexed();
    let name = lexed.word(token);
    let seen = || case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice).iter();
    let brings = |at: &usize| matches!(lexed.before(*at), "as" | "qualified" | "import");
    case.language().applies_bare && lexed.is(token + 1, ".") && seen().any(brings)
}

/// `return O;`: a letter that looks like a number.
fn like_a_number(case: &Case, token: usize, score: &Score, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let number = match lexed.word(token) {
        "O" | "o" => "0",
        "l" | "I" => "1",
        _ => return,
    };
    // Before a bracket or behind a dot stands a name.
    let named = lexed.is(token + 1, "(") || matches!(lexed.before(token), "." | "->" | "::");
    let typed = matches!(lexed.word(token + 1), "<" | "[") || lexed.before(token) == "<";
    if !named && !typed {
        let edit = case.replace_token(token, number);
        let score = LOOKS_SO + score.clone();
        all.push(Candidate::new(MistakeId::MisspeltName, score, vec![edit]).guess());
    }
}

/// The function from which the program starts, under a near name. Such a message has no place.
fn entry_point(case: &Case, all: &mut Vec<Candidate>) {
    let text = case.message.text.as_str();
    let wanted = if text.contains("static 'Main' method") {
        "Main"
    } else if text.contains("main is undeclared in the main package")
        || text.contains("The IO action 'main' is not defined")
        || text.starts_with("`main` function not found in crate")
        || text == "undefined reference to 'main'"
    {
        "main"
    } else {
        return;
    };
    for declared in &case.text.names.declared {
        let name = case.lexed().word(declared.token);
        let apart = edit_distance(name, wanted);
        if declared.kind == NameKind::Function && apart > 0.0 && apart <= 2.0 {
            // A signature stands under the same name, and it may call itself.
            let everywhere = case.text.names.seen.get(name).cloned().unwrap_or_default();
            let edits = everywhere.into_iter().map(|at| case.replace_token(at, wanted));
            let kind = match wanted {
                "main" => MistakeId::MissingStart,
                _ if apart < 1.0 => MistakeId::WrongCase,
                _ => MistakeId::MisspeltName,
            };
            all.push(Candidate::new(kind, NEAR_START + LETTERS * apart, edits.collect()));
            // Each place of the name gives the same change.
            return;
        }
    }
}

/// The names that the message may be about: the one it names or points at; in a syntax error, the
/// unknown ones around.
fn wrong_names(case: &Case) -> Vec<usize> {
    let lexed = case.lexed();
    let mut found = Vec::new();
    let line = lexed.on_line(lexed.code[case.token].line);
    if let Some(name) = case.word("name") {
        let name = name.rsplit("::").next().unwrap_or(name);
        let folded = name.to_ascii_lowercase();
        let name = if case.language().any_case { folded.as_str() } else { name };
        if lexed.word(case.token) == name {
            found.push(case.token);
        }
        let inside = lexed
            .code
            .iter()
            .position(|token| token.start >= case.range.0 && lexed.plain(token) == name);
        found.extend(inside.filter(|at| lexed.code[*at].start < case.range.1));
        found.extend(line.clone().find(|at| lexed.word(*at) == name));
        if found.is_empty() {
            found.extend(case.text.names.seen.get(name).and_then(|seen| seen.first()));
        }
    }
    // Of what the library has, the compiler says so where it is misspelt.
    let told = case.message.text.contains(lexed.word(case.token));
    let sound = case.phase > Phase::Name && !told && is_known(case, case.token);
    if found.is_empty() && lexed.kind(case.token) == Some(TokenKind::Name) && !sound {
        found.push(case.token);
    }
    // fpc 3.2 points behind the type that it does not know.
    let behind = case.message.text == "Type identifier expected" && found.is_empty();
    found.extend(case.token.checked_sub(1).filter(|_| behind));
    let around = case.token.saturating_sub(8)..(case.token + 4).min(lexed.code.len());
    // What the message names beside the unknown one is what it was looked for in.
    let within = |at: usize| {
        let place = case.message.text.rsplit_once("is not a member of ").map(|(_, place)| place);
        place.is_some_and(|place| place.split(' ').any(|word| word == lexed.word(at)))
    };
    let unknown = around.filter(|at| {
        lexed.kind(*at) == Some(TokenKind::Name) && !is_known(case, *at) && !within(*at)
    });
    found.extend(unknown);
    // A member is found missing at the dot before it.
    if lexed.is(case.token, ".") || lexed.is(case.token, "->") {
        found.insert(0, case.token + 1);
    }
    let mut seen = HashSet::new();
    found.retain(|at| seen.insert(*at));
    found.truncate(5);
    found
}

fn is_known(case: &Case, token: usize) -> bool {
    let lexed = case.lexed();
    let word = lexed.word(token);
    case.text.names.resolve(lexed, token).is_some()
        || case.language().is_type(word)
        || case.language().known_names().any(|(name, _)| name == word)
}

/// Whether a member of this name stands elsewhere in the text, as a method of an interface does.
fn named_so(case: &Case, token: usize) -> bool {
    let lexed = case.lexed();
    let member = token.checked_sub(1).is_some_and(|at| matches!(lexed.word(at), "." | "->"));
    member && case.text.names.seen.get(lexed.word(token)).is_some_and(|seen| seen.len() > 1)
}

/// Whether a pattern may bind a name: where functions are applied without brackets, patterns look like
/// values, and a name that stands there twice is bound by one of them.
fn bound(case: &Case, token: usize) -> bool {
    let seen = case.text.names.seen.get(case.lexed().word(token));
    case.language().applies_bare && seen.is_some_and(|seen| seen.len() > 1)
}

/// Names that might have been meant, each with what it is and whether it is visible here.
///
/// In order, so that of two that fit equally well it is always the same that comes first.
fn meant<'a>(case: &'a Case, token: usize) -> BTreeMap<&'a str, (NameKind, bool, bool)> {
    let lexed = case.lexed();
    let mut all: BTreeMap<&str, (NameKind, bool, bool)> = BTreeMap::new();
    for (name, kind) in case.language().known_names() {
        all.insert(name, (kind, false, false));
    }
    for name in case.language().types {
        all.insert(name, (NameKind::Type, true, false));
    }
    for (name, seen) in &case.text.names.seen {
        // A name that stands elsewhere, whatever it is; in Haskell it may be bound by a pattern further up.
        let bound = case.language().applies_bare && seen[0] < token;
        if (seen.len() > 1 || bound) && !all.contains_key(name.as_str()) {
            all.insert(name, (asked_kind(lexed, seen[0]), false, false));
        }
    }
    if let Some(told) = told(case) {
        all.entry(told).or_insert((asked_kind(lexed, token), true, false));
    }
    for other in case.others.iter().filter(|other| can_reach(case, other)) {
        for declared in &other.names.declared {
            // What is local to a function of another file cannot be meant.
            let global = declared.kind != NameKind::Value;
            if global {
                all.entry(other.lexed.word(declared.token)).or_insert((declared.kind, true, false));
            }
        }
    }
    for declared in &case.text.names.declared {
        let name = lexed.word(declared.token);
        let visible = (declared.scope.0..=declared.scope.1).contains(&token);
        let unused = case.text.names.uses(name) == 0;
        let entry = all.entry(name).or_insert((declared.kind, visible, unused));
        if visible || !entry.1 {
            *entry = (declared.kind, visible, unused);
        }
    }
    all
}

/// Whether what another file declares can be used by its bare name here: where files name those that they
/// need, this one names it.
fn can_reach(case: &Case, other: &Text) -> bool {
    let projects = &case.language().projects;
    let names = matches!(projects.asks, Asks::Included(_) | Asks::Relative(_) | Asks::Modules(_));
    if !names || projects.together != Together::Named || projects.package.is_some() {
        return true;
    }
    let file = other.lexed.source.name().rsplit(['/', '\\']).next().unwrap_or_default();
    // Ada: the parts of a package's name are parted by `-` in that of its file.
    let stem = file.split('.').next().unwrap_or(file).to_lowercase();
    let stem = stem.rsplit('-').next().unwrap_or(&stem);
    let letter = |one: Option<char>| one.is_some_and(|one| one.is_alphanumeric() || one == '_');
    let whole = |at: usize, text: &str| {
        let (before, behind) = (&text[..at], &text[at + stem.len()..]);
        !letter(before.chars().next_back()) && !letter(behind.chars().next())
    };
    let lexed = case.lexed();
    lexed.code.iter().any(|token| {
        let text = lexed.text(token).to_lowercase();
        text.match_indices(stem).any(|(at, _)| whole(at, &text))
    })
}

/// The name that the compiler thinks is meant (seen with tsc 5.9).
fn told<'a>(case: &'a Case) -> Option<&'a str> {
    let (_, rest) = case.message.text.split_once("Did you mean '")?;
    let (name, _) = rest.split_once('\'')?;
    name.chars().all(|letter| letter.is_alphanumeric() || letter == '_').then_some(name)
}

fn kind_weight(language: &Language, asked: NameKind, is: NameKind) -> Factor {
    use NameKind::*;
    // Where a call needs no brackets, a function stands where a value does.
    let bare = language.calls_bare;
    match (asked, is) {
        _ if asked == is => w::KIND_FITS,
        (Value | Function | Member, Value | Function | Member) if bare => w::KIND_FITS,
        (Member, Function | Value)
        | (Value, Member)
        | (Function, Member | Type)
        | (Module, Type) => w::KIND_FITS.when(false),
        (Type, Value | Function) | (Value, Type) => w::KIND_MISFITS / 2.0,
        (Value, Function) => w::KIND_MISFITS / 2.0,
        _ => w::KIND_MISFITS,
    }
}

/// How likely a name is what was meant by a word; nothing if they are too far apart.
fn likeness(
    case: &Case,
    word: &str,
    name: &str,
    (kind, visible, unused): (NameKind, bool, bool),
    asked: NameKind,
) -> Option<Score> {
    if name == word || name.len() < 2 && word.len() > 2 {
        return None;
    }
    let apart = match word.eq_ignore_ascii_case(name) {
        // However many letters are capital ones, it is one slip.
        true => edit_distance(word, name).min(ONE_CASE),
        false => edit_distance_within(word, name, limit(word))?,
    };
    if have_little_in_common(word, name, apart) {
        return None;
    }
    // Haskell: a small letter starts a value, a capital one a constructor or a type.
    let capital = |text: &str| text.starts_with(char::is_uppercase);
    if case.language().applies_bare && apart >= 1.0 && capital(word) != capital(name) {
        return None;
    }
    // `jx` may be a `j`, but not every word of two letters is near to every letter.
    let letter = name.len() == 1 && word.starts_with(name);
    if apart >= name.chars().count() as f64 && !letter {
        return None;
    }
    let mut score =
        w::RESPELL + w::PER_LETTER * (apart - 1.0) + kind_weight(case.language(), asked, kind);
    score += w::CASE_ONLY.when(apart < 1.0 && word.eq_ignore_ascii_case(name));
    score += w::VISIBLE.when(visible) + w::UNUSED.when(unused);
    score += w::SEEN.when(case.text.names.seen.contains_key(name));
    let initial = |text: &str| text.chars().next().map(|c| c.to_ascii_lowercase());
    score += w::FIRST_LETTER.when(initial(word) != initial(name));
    // One letter is as near to any other.
    let letters = word.len() == 1 && name.len() == 1 && apart >= 1.0;
    // A function of the library that nobody calls here, nor anywhere else.
    let far = asked == NameKind::Value
        && kind == NameKind::Function
        && !visible
        && !case.text.names.seen.contains_key(name);
    score += ANY_LETTER.when(letters) + UNCALLED.when(far);
    let declared = apart >= 1.0 && case.text.names.of(word).any(|own| own.kind == NameKind::Value);
    // Short words are near everything.
    Some(score + SHORT_WORD.when(word.len() <= 3) + DECLARED_APART.when(declared))
}

/// A name inside a text: `s"${ferry.baord(2)}"`. The text is one token, and the message says which
/// name in it is meant.
fn within_text(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let token = lexed.code[case.token];
    let Some(word) = case.word("name").filter(|_| token.kind == TokenKind::Str) else { return };
    let text = lexed.text(&token);
    let letter = |c: char| c.is_alphanumeric() || c == '_';
    let whole = |at: &usize| {
        let (before, after) = (&text[..*at], &text[at + word.len()..]);
        !before.ends_with(letter) && !after.starts_with(letter)
    };
    let places: Vec<usize> = text.match_indices(word).map(|(at, _)| at).filter(whole).collect();
    let pointed = places.iter().find(|at| token.start + **at >= case.range.0);
    let Some(at) = pointed.or(places.first()) else { return };
    let start = token.start + at;
    let member = text[..*at].ends_with('.');
    let asked = if member { NameKind::Member } else { NameKind::Value };
    for (name, known) in meant(case, case.token) {
        let Some(score) = likeness(case, word, name, known, asked) else { continue };
        let mistake = if word.eq_ignore_ascii_case(name) {
            MistakeId::WrongCase
        } else {
            MistakeId::MisspeltName
        };
        let edit = Edit::replace(case.file(), start, start + word.len(), name);
        all.push(Candidate::new(mistake, score, vec![edit]));
    }
}

fn near_names(case: &Case, token: usize, base: &Score, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let word = lexed.word(token);
    let said = case.message.text.as_str();
    let says_type = ["cannot find type", "unknown type", "does not name a type"];
    let asked = if says_type.iter().any(|words| said.contains(words)) {
        NameKind::Type
    } else {
        asked_kind(lexed, token)
    };
    let others = case.text.names.seen.get(word).map_or(&[][..], Vec::as_slice);
    let language = case.language();
    for (name, known) in meant(case, token) {
        let Some(score) = likeness(case, word, name, known, asked) else { continue };
        if misplaced(case, token, name, asked) {
            continue;
        }
        // A value of that very name in another function is out of reach, and no slip for a type.
        let elsewhere = || case.text.names.of(word).any(|one| one.kind == NameKind::Value);
        if asked == NameKind::Value
            && word.starts_with(char::is_lowercase)
            && name.starts_with(char::is_uppercase)
            && word.eq_ignore_ascii_case(name)
            && elsewhere()
        {
            continue;
        }
        // What is computed with is no type of the language: `unit` is not `Unit`.
        let led_on = matches!(lexed.word(token + 1), "." | "::" | "(" | "<" | "[" | "{");
        let behind_sum = matches!(lexed.before(token), "+" | "-" | "*" | "/");
        if behind_sum && asked == NameKind::Value && language.types.contains(&name) && !led_on {
            continue;
        }
        // What a statement declares is not there yet while its value is worked out.
        let start = case.statement_start(token);
        let itself =
            case.text.names.of(name).any(|declared| {
                (start..token).contains(&declared.token) && lexed.is(token - 1, "=")
            });
        let score = base.clone() + score + OWN_VALUE.when(itself);
        let mistake = if word.eq_ignore_ascii_case(name) {
            MistakeId::WrongCase
        } else {
            MistakeId::MisspeltName
        };
        // What is no type is hardly meant by one, and what is written again and again is hardly a slip
        // for what stands there less often.
        let rare = case.text.names.seen.get(name).is_none_or(|seen| seen.len() < others.len());
        // A type may stand before a dot or make an object where a value does not, but not in its place.
        let value = asked == NameKind::Value && !matches!(lexed.word(token + 1), "." | "::" | "{");
        let other_kind = asked == NameKind::Type && known.0 != NameKind::Type
            || value && known.0 == NameKind::Type;
        // Two uses that agree may be right, and what nothing else uses be declared wrong.
        let unused = |one: &Declared| !declaration::is_used(case, one);
        let agree = others.len() > 1 && case.text.names.of(name).any(unused);
        // A number in a name is hardly a slip: it tells the one from the other.
        let digits = |text: &str| text.chars().filter(char::is_ascii_digit).collect::<String>();
        let doubtful =
            other_kind || others.len() >= OFTEN && rare || agree || digits(word) != digits(name);
        let push = |candidate: Candidate, all: &mut Vec<Candidate>| {
            all.push(if doubtful { candidate.guess() } else { candidate });
        };
        let here = Candidate::new(mistake, score.clone(), vec![case.replace_token(token, name)]);
        push(here, all);
        // Where something else has that name, its uses are not the slip.
        let own = case.text.names.of(word).next().is_some();
        if others.len() > 1 && !own {
            let edits: Vec<Edit> = others.iter().map(|at| case.replace_token(*at, name)).collect();
            // One slip made at every use is rarer than one slip, unless nothing else is declared.
            let score = score + EVERYWHERE + EACH_USE * others.len() as f64;
            push(Candidate::new(mistake, score, edits), all);
        }
    }
    let member = matches!(lexed.before(token), "." | "->" | "::");
    let foreign = case.language().foreign.iter().filter(|(foreign, here)| {
        // What stands behind a dot is no operator.
        *foreign == word && !(member && here.starts_with(|c: char| c.is_ascii_punctuation()))
    });
    // `(double) sum` is more than the name of a type.
    let foreign = foreign.filter(|_| super::foreign_cast::cast_at(case, token).is_none());
    let stands = |here: &str| lexed.code.iter().any(|token| lexed.text(token) == here);
    for (number, (_, here)) in foreign.enumerate() {
        all.push(Candidate::new(
            MistakeId::ForeignWord,
            base.clone()
                + w::FOREIGN
                + LESS_LIKELY * number as f64
                + STANDS_HERE.when(matches!(*here, "null" | "undefined") && stands(here)),
            vec![case.replace_token(token, case.written_here(token, here))],
        ));
    }
    // What is written the same way several times is a name, and a slip is made once.
    let several = case.text.names.seen.get(word).is_some_and(|seen| seen.len() > 1);
    if asked != NameKind::Member {
        for keyword in case.language().keywords {
            let near = edit_distance_within(word, keyword, limit(word).min(2.0));
            let like = |apart: &f64| {
                *apart < keyword.len() as f64 - 1.0 && !have_little_in_common(word, keyword, *apart)
            };
            if let Some(apart) = near.filter(like).filter(|apart| !several || *apart < 2.0) {
                let score =
                    base.clone() + w::RESPELL + w::PER_LETTER * (apart - 1.0) + KEYWORD_AS_NAME;
                all.push(Candidate::new(
                    MistakeId::MisspeltKeyword,
                    score,
                    vec![case.replace_token(token, *keyword)],
                ));
            }
        }
    }
}

/// Whether a name cannot stand at a place, however near it is: a type of the language where something is
/// given a value, a function where a type is told by its capital letter.
fn misplaced(case: &Case, token: usize, name: &str, asked: NameKind) -> bool {
    let (lexed, language) = (case.lexed(), case.language());
    let set = matches!(lexed.word(token + 1), ":=" | "=" | "+=" | "-=" | "*=" | "/=");
    let plain_type = asked == NameKind::Value
        && language.types.contains(&name)
        && set
        && case.statement_start(token) == token;
    let line = lexed.on_line(lexed.code[token].line);
    let typed =
        language.applies_bare && line.into_iter().any(|at| at < token && lexed.is(at, "::"));
    let capital = lexed.word(token).starts_with(char::is_uppercase);
    // A class is no value: `tickets` is not `Ticket`, unless it is asked for something.
    let within = lexed.before(token) == "in";
    let led_on = matches!(lexed.word(token + 1), "." | "::" | "(" | "<" | "[" | "{" | "")
        || lexed.kind(token + 1) == Some(TokenKind::Name) && !language.applies_bare && !within;
    let class = (asked == NameKind::Value || within)
        && !capital
        && name.starts_with(char::is_uppercase)
        && !name.eq_ignore_ascii_case(lexed.word(token))
        && !led_on
        && !language.any_case
        && case.text.names.of(name).any(|own| own.kind == NameKind::Type);
    plain_type || class || typed && capital && name.starts_with(char::is_lowercase)
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix, rated};
    use super::FAMILY;

    #[test]
    fn the_function_at_which_a_program_starts_has_its_name() {
        check_fix(
            &FAMILY,
            "rust",
            "fn mian() {\n    println!(\"deep\");\n<|>}\n",
            "[E0601] `main` function not found in crate `tide`",
            "fn main() {\n    println!(\"deep\");\n}\n",
        );
        check_fix(
            &FAMILY,
            "haskell",
            "module Main <|>where\n\nmian :: IO ()\nmian = putStrLn \"deep\"\n",
            "The IO action 'main' is not defined in module 'Main'",
            "module Main where\n\nmain :: IO ()\nmain = putStrLn \"deep\"\n",
        );
    }

    #[test]
    fn a_class_is_no_value() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Ticket {}\nclass Quay {\n    void Go() { Show(<|>ticket1); }\n}\n",
            "[CS0103] The name 'ticket1' does not exist in the current context",
        );
    }

    #[test]
    fn what_is_gone_over_is_no_class() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Ticket {}\nclass Quay {\n    void Go() { foreach (var t in <|>tickets Show(t); new Ticket(); }\n}\n",
            "[CS0103] The name 'tickets' does not exist in the current context",
        );
    }

    #[test]
    fn a_letter_may_look_like_a_number() {
        check_fix(
            &FAMILY,
            "c",
            "int go(void) {\n    return <|>O;\n}\n",
            "'O' undeclared (first use in this function)",
            "int go(void) {\n    return 0;\n}\n",
        );
    }

    #[test]
    fn a_word_for_not_between_two_values_compares() {
        check_among(
            &FAMILY,
            "typescript",
            "const low = (t: number | null) => t <|>not null;\n",
            "',' expected.",
            "const low = (t: number | null) => t !== null;\n",
        );
    }

    #[test]
    fn letter_case_alone_is_the_commonest_slip() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int Seats = 4;\n    int go() {\n        return <|>seats;\n    }\n}\n",
            "cannot find symbol",
            "class Quay {\n    int Seats = 4;\n    int go() {\n        return Seats;\n    }\n}\n",
        );
    }

    #[test]
    fn a_type_is_wanted_where_a_type_stands() {
        check_fix(
            &FAMILY,
            "java",
            "class Ferry {}\nclass Quay {\n    int fery = 1;\n    <|>Fery tern;\n    int a = fery;\n}\n",
            "cannot find symbol",
            "class Ferry {}\nclass Quay {\n    int fery = 1;\n    Ferry tern;\n    int a = fery;\n}\n",
        );
    }

    #[test]
    fn a_member_is_found_behind_its_dot() {
        check_fix(
            &FAMILY,
            "java",
            "class Ferry {\n    int seats;\n}\nclass Quay {\n    int go(Ferry tern) {\n        return tern.<|>saets;\n    }\n}\n",
            "cannot find symbol",
            "class Ferry {\n    int seats;\n}\nclass Quay {\n    int go(Ferry tern) {\n        return tern.seats;\n    }\n}\n",
        );
    }

    #[test]
    fn a_word_of_another_language_is_translated() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    <|>bool open;\n}\n",
            "cannot find symbol",
            "class Quay {\n    boolean open;\n}\n",
        );
    }

    #[test]
    fn two_names_run_together_are_parted() {
        check_fix(
            &FAMILY,
            "c",
            "struct t { int seats; };\nint f(struct t *one) {\n    one->seats = 1;\n    return <|>oneseats;\n}\n",
            "'oneseats' undeclared (first use in this function)",
            "struct t { int seats; };\nint f(struct t *one) {\n    one->seats = 1;\n    return one->seats;\n}\n",
        );
    }

    #[test]
    fn a_unit_may_be_nearly_a_word_of_the_language() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nuses\n  SysUtils, Class<|>;\nbegin\nend.\n",
            "Syntax error, \"identifier\" expected but \"CLASS\" found",
            "program quay;\nuses\n  SysUtils, Classes;\nbegin\nend.\n",
        );
    }

    #[test]
    fn half_of_a_short_word_is_another_word() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "const min = 3;\nexport const tide = <|>join(min);\n",
            "[TS2304] Cannot find name 'join'.",
        );
    }

    #[test]
    fn a_doubled_letter_is_no_lost_operator() {
        check_fix(
            &FAMILY,
            "c",
            "int f(int n) {\n    return <|>nn;\n}\n",
            "'nn' undeclared (first use in this function)",
            "int f(int n) {\n    return n;\n}\n",
        );
    }

    #[test]
    fn a_name_with_nothing_near_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    return <|>lighthouse;\n}\n",
            "'lighthouse' undeclared (first use in this function)",
        );
    }

    #[test]
    fn any_number_of_capital_letters_is_one_slip() {
        check_fix(
            &FAMILY,
            "typescript",
            "enum Level {\n  Low,\n  High,\n}\nconst now = Level.<|>HIGH;\n",
            "[TS2551] Property 'HIGH' does not exist on type 'typeof Level'. Did you mean 'High'?",
            "enum Level {\n  Low,\n  High,\n}\nconst now = Level.High;\n",
        );
    }

    #[test]
    fn what_is_given_a_value_is_no_type() {
        let before = "begin\n  <|>longest := 3;\nend.\n";
        let texts = rated(&FAMILY, "pascal", before, "Identifier not found \"longest\"");
        assert!(texts.iter().all(|(text, _)| !text.contains("longint")), "{texts:?}");
        check_fix(
            &FAMILY,
            "pascal",
            "var\n  tide: <|>longnit;\nbegin\nend.\n",
            "Identifier not found \"longnit\"",
            "var\n  tide: longint;\nbegin\nend.\n",
        );
    }

    #[test]
    fn a_second_declaration_is_no_misspelling() {
        check_no_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int tide = 3;\n    int <|>tide = 4;\n    return tide;\n}\n",
            "redeclaration of 'tide' with no linkage",
        );
    }
}
