//! Forms of Object Pascal that other languages write otherwise: an object that is made, an element, the
//! body of a method, the bounds of a loop, a number within a text.

use super::family::{Example, Family, Phases};
use super::shape::operand_end;
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A class is no function.
const MADE: Factor = evidence("an object is made by its constructor", 8.0);
/// A list has its places in square brackets.
const ELEMENT: Factor = evidence("a list has its places in square brackets", 7.0);
/// One class declares the method.
const METHOD: Factor = evidence("one class declares it", 8.0);
/// A loop names its bounds with a word between.
const BOUNDS: Factor = evidence("a word stands between the bounds of a loop", 8.0);
/// What writes takes several values.
const WRITTEN_BESIDE: Factor = evidence("what writes takes several values", 7.0);
/// A real number is rounded where a whole one is wanted.
const ROUNDED: Factor = weight("a whole number is wanted", 0.9);
/// A real number loses what stands behind its dot.
const CUT_OFF: Factor = weight("a whole number is wanted, and the rest is cut off", 0.6);
/// A number is joined to a text.
const JOINED: Factor = evidence("a number is joined to a text", 6.5);

/// A loop goes over the items of a list.
const EACH_ITEM: Factor = evidence("a loop over the items of a list has its word", 9.0);

/// What stands for all other cases has no colon here.
const OTHER_CASES: Factor = evidence("all other cases stand behind `else`", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "object_pascal",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "type\n  TBoat = class\n    constructor Create(n: integer);\n  end;\nbegin\n  boat := TBoat(3<|>, 4);\nend.\n",
        message: "Syntax error, \")\" expected but \",\" found",
        after: "type\n  TBoat = class\n    constructor Create(n: integer);\n  end;\nbegin\n  boat := TBoat.Create(3, 4);\nend.\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().returns_by_name {
        return;
    }
    let lexed = case.lexed();
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(1).max(1)..=reported {
        for open in lexed.on_line(line).filter(|at| lexed.is(*at, "(")) {
            made(case, open, all);
            element(case, open, all);
        }
        bounds(case, line, all);
    }
    method(case, all);
    made_by_its_word(case, all);
    other_cases(case, all);
    joined(case, all);
    made_whole(case, all);
}

/// `doors := area / 20` of whole doors: the value is rounded, or what stands behind its dot is cut off.
fn made_whole(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let told = case.message.text.strip_prefix("Incompatible types: got \"");
    let Some((got, rest)) = told.and_then(|told| told.split_once('"')) else { return };
    let whole = ["LongInt", "SmallInt", "Int64", "Byte", "Word", "ShortInt", "LongWord"];
    let wanted = rest.split('"').nth(1).is_some_and(|wanted| whole.contains(&wanted));
    if !matches!(got, "Real" | "Double" | "Extended" | "Single") || !wanted {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(set) = line.rev().find(|at| lexed.is(*at, ":=")) else { return };
    let end = case.statement_end(set);
    let last = end - usize::from(lexed.is(end, ";"));
    let same_line = lexed.code.get(last).is_some_and(|end| end.line == lexed.code[set].line);
    if last <= set || !same_line {
        return;
    }
    for (function, score) in [("round(", ROUNDED), ("trunc(", CUT_OFF)] {
        let edits = vec![
            case.insert(lexed.code[set + 1].start, function),
            case.insert(lexed.code[last].end, ")"),
        ];
        all.push(Candidate::new(MistakeId::RealForWhole, score, edits).guess());
    }
}

/// `TBoat('Auk')` for `TBoat.Create('Auk')`.
fn made(case: &Case, open: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(name) = open.checked_sub(1) else { return };
    let mut types = case.text.names.of(lexed.word(name));
    let class = types
        .any(|declared| declared.kind == NameKind::Type && lexed.is(declared.token + 2, "class"));
    // Of what is raised an object is made, and the library has the class.
    if lexed.before(name) == "raise" && lexed.kind(name) == Some(TokenKind::Name) {
        let edit = case.insert(lexed.code[name].end, ".Create");
        all.push(Candidate::new(MistakeId::MissingWord, MADE, vec![edit]).guess());
        return;
    }
    // `new TBoat('Auk')`, as other languages write it.
    let word = name.checked_sub(1).filter(|at| lexed.is(*at, "new"));
    if let Some(word) = word.filter(|word| class && lexed.before(*word) == ":=") {
        let out = Edit::delete(case.file(), lexed.code[word].start, lexed.code[name].start);
        let edits = vec![out, case.insert(lexed.code[name].end, ".Create")];
        all.push(Candidate::new(MistakeId::ForeignWord, MADE, edits));
    } else if class && lexed.before(name) == ":=" {
        let edit = case.insert(lexed.code[name].end, ".Create");
        all.push(Candidate::new(MistakeId::MissingWord, MADE, vec![edit]));
    }
}

/// `TBoat.New`, as another language makes an object.
fn made_by_its_word(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with fpc 3.2.2.
    let told = case.message.text.starts_with("identifier idents no member");
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut words = line.skip(2).filter(|at| lexed.is(*at, "new") && lexed.before(*at) == ".");
    let Some(word) = words.next().filter(|_| told) else { return };
    let class = lexed.word(word - 2);
    let mut types = case.text.names.of(class).filter(|one| one.kind == NameKind::Type);
    let of_objects = |token: usize| matches!(lexed.word(token), "class" | "specialize");
    if types.any(|declared| of_objects(declared.token + 2)) {
        let edit = case.replace_token(word, "Create");
        all.push(Candidate::new(MistakeId::ForeignWord, MADE, vec![edit]).guess());
    }
}

/// `default: depth := 3` for `else depth := 3` at the end of a choice.
fn other_cases(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.phase > Phase::Syntax {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let word = line.start;
    let told = matches!(lexed.word(word), "default" | "otherwise" | "else");
    if told && lexed.is(word + 1, ":") {
        let edit =
            Edit::replace(case.file(), lexed.code[word].start, lexed.code[word + 1].end, "else");
        all.push(Candidate::new(MistakeId::ForeignWord, OTHER_CASES, vec![edit]).guess());
    }
}

/// `places(0)` of what is declared as an array.
fn element(case: &Case, open: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(name) = open.checked_sub(1) else { return };
    let declared = case.text.names.resolve(lexed, name);
    let array = declared
        .and_then(|declared| declared.typed)
        .is_some_and(|(first, _)| lexed.is(first, "array"));
    if let Some(close) = case.text.pairs.partner_of(open).filter(|_| array) {
        let edits = vec![case.replace_token(open, "["), case.replace_token(close, "]")];
        all.push(Candidate::new(MistakeId::MismatchedBracket, ELEMENT, edits));
    }
}

/// `for i := 1 .. count do`.
fn bounds(case: &Case, line: u32, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let item = lexed.on_line(line);
    let Some(word) = item.clone().find(|at| lexed.is(*at, "for")) else { return };
    let mark = (word..item.end).find(|at| matches!(lexed.word(*at), ".." | "," | "upto" | "till"));
    // Seen with fpc 3.2.2: `":=" expected but "OF" found`.
    let told = case.message.text.contains("\":=\" expected but ");
    if let Some(mark) = Some(word + 2).filter(|at| told && matches!(lexed.word(*at), "of" | ":")) {
        let edit = case.replace_token(mark, "in");
        all.push(Candidate::new(MistakeId::ForeignWord, EACH_ITEM, vec![edit]).guess());
    }
    let counted = lexed.is(word + 2, ":=");
    let none = !(word..item.end).any(|at| matches!(lexed.word(at), "to" | "downto"));
    if let Some(mark) = mark.filter(|_| counted && none) {
        let edit = case.replace_token(mark, "to");
        all.push(Candidate::new(MistakeId::ForeignMark, BOUNDS, vec![edit]));
    }
}

/// `constructor Create(…)` below the classes, without the one that it belongs to.
fn method(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let maker = said.contains("constructors, destructors and class operators must be methods");
    if !maker {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let word = line.clone().find(|at| matches!(lexed.word(*at), "constructor" | "destructor"));
    let Some(name) = word.map(|word| word + 1) else { return };
    let classes = case.text.names.declared.iter().filter(|declared| {
        let (class, end) = (declared.token + 2, declared.token + 2);
        declared.kind == NameKind::Type
            && lexed.is(class, "class")
            && case.text.pairs.partner_of(end).is_some_and(|end| {
                (class..end).any(|at| {
                    lexed.word(at) == lexed.word(name) && lexed.before(at) == lexed.before(name)
                })
            })
    });
    let classes: Vec<usize> = classes.map(|class| class.token).collect();
    if let [class] = classes[..] {
        let text = format!("{}.", lexed.text(&lexed.code[class]));
        let edit = case.insert(lexed.code[name].start, text);
        all.push(Candidate::new(MistakeId::ConstructorRules, METHOD, vec![edit]));
    }
}

/// `'sum ' + count`: fpc tells both types, the text first or last.
fn joined(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some((_, told)) = case.message.text.split_once("Operator is not overloaded: ") else {
        return;
    };
    let types: Vec<&str> = told.split('"').skip(1).step_by(2).collect();
    let [left, right] = types[..] else { return };
    let text = |typed: &str| typed.ends_with("String");
    let number = match (text(left), text(right)) {
        (true, false) => right,
        (false, true) => left,
        _ => return,
    };
    // What writes takes a value of any type beside the others.
    let line = lexed.on_line(lexed.code[case.token].line);
    let writes = |at: usize| {
        let open = case.text.pairs.inside_of(at);
        open.is_some_and(|open| matches!(lexed.before(open), "write" | "writeln"))
    };
    let mut sums = line.filter(|at| lexed.is(*at, "+") && writes(*at));
    if let Some(sum) = sums.next_back() {
        let (from, to) = (lexed.code[sum - 1].end, lexed.code[sum].end);
        let edit = Edit::replace(case.file(), from, to, ",");
        // It may as well be made a text.
        all.push(Candidate::new(MistakeId::WrongMark, WRITTEN_BESIDE, vec![edit]).guess());
    }
    let function = match number {
        "LongInt" | "SmallInt" | "Int64" | "Byte" | "Word" | "ShortInt" => "IntToStr(",
        "Double" | "Extended" | "Real" | "Single" => "FloatToStr(",
        _ => return,
    };
    // fpc points at the mark, at the operand behind it, or at what follows.
    for first in [case.token + 1, case.token, case.token.saturating_sub(1)] {
        let value = matches!(lexed.kind(first), Some(TokenKind::Name | TokenKind::Number));
        if let (true, "+", Some(last)) = (value, lexed.before(first), operand_end(case, first)) {
            let edits = vec![
                case.insert(lexed.code[first].start, function),
                case.insert(lexed.code[last].end, ")"),
            ];
            all.push(Candidate::new(MistakeId::MissingToString, JOINED, edits));
            return;
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_loop_over_items_has_its_word() {
        check_fix(
            &FAMILY,
            "pascal",
            "begin\n  for boat <|>of boats do\n    writeln(boat);\nend.\n",
            "Syntax error, \":=\" expected but \"OF\" found",
            "begin\n  for boat in boats do\n    writeln(boat);\nend.\n",
        );
    }

    #[test]
    fn what_is_raised_is_made() {
        check_fix(
            &FAMILY,
            "pascal",
            "begin\n  raise Exception(<|>'too deep');\nend.\n",
            "Illegal type conversion: \"Constant String\" to \"Exception\"",
            "begin\n  raise Exception.Create('too deep');\nend.\n",
        );
    }

    #[test]
    fn other_cases_stand_behind_their_word() {
        check_fix(
            &FAMILY,
            "pascal",
            "begin\n  case n of\n    1: deep := 3;\n    default<|>: deep := 4\n  end;\nend.\n",
            "Syntax error, \"(\" expected but \":\" found",
            "begin\n  case n of\n    1: deep := 3;\n    else deep := 4\n  end;\nend.\n",
        );
    }

    #[test]
    fn an_object_is_made_by_its_constructor() {
        check_fix(
            &FAMILY,
            "pascal",
            "type\n  TBoat = class\n  end;\nbegin\n  boat := TBoat.<|>New;\nend.\n",
            "identifier idents no member \"New\"",
            "type\n  TBoat = class\n  end;\nbegin\n  boat := TBoat.Create;\nend.\n",
        );
    }

    #[test]
    fn an_object_is_made_without_a_word_for_it() {
        let text = |made: &str| {
            format!(
                "type\n  TBoat = class\n  end;\nvar\n  boat: TBoat;\nbegin\n  boat := {made}('Auk');\nend.\n"
            )
        };
        check_fix(
            &FAMILY,
            "pascal",
            &text("new <|>TBoat"),
            "Syntax error, \"(\" expected but \"identifier TBOAT\" found",
            &text("TBoat.Create"),
        );
    }

    #[test]
    fn a_real_value_is_made_whole() {
        let text = |value: &str| {
            format!("var\n  area: real;\n  doors: integer;\nbegin\n  doors := {value};\nend.\n")
        };
        check_fix(
            &FAMILY,
            "pascal",
            &text("area <|>/ 20"),
            "Incompatible types: got \"Double\" expected \"LongInt\"",
            &text("round(area / 20)"),
        );
    }

    #[test]
    fn what_is_written_stands_beside_the_text() {
        check_fix(
            &FAMILY,
            "pascal",
            "var\n  area: real;\nbegin\n  writeln('area ' + <|>area);\nend.\n",
            "Operator is not overloaded: \"ShortString\" + \"Real\"",
            "var\n  area: real;\nbegin\n  writeln('area ', area);\nend.\n",
        );
    }

    #[test]
    fn an_element_stands_in_square_brackets() {
        check_fix(
            &FAMILY,
            "pascal",
            "var\n  places: array of integer;\nbegin\n  places<|>(0) := 3;\nend.\n",
            "Illegal expression",
            "var\n  places: array of integer;\nbegin\n  places[0] := 3;\nend.\n",
        );
    }

    #[test]
    fn a_loop_has_a_word_between_its_bounds() {
        check_fix(
            &FAMILY,
            "pascal",
            "begin\n  for i := 1 <|>.. count do\n    show(i);\nend.\n",
            "Syntax error, \"TO\" expected but \"..\" found",
            "begin\n  for i := 1 to count do\n    show(i);\nend.\n",
        );
    }

    #[test]
    fn a_constructor_belongs_to_its_class() {
        check_fix(
            &FAMILY,
            "pascal",
            "type\n  TBoat = class\n    constructor Create(n: integer);\n  end;\nconstructor <|>Create(n: integer);\nbegin\nend;\nbegin\nend.\n",
            "constructors, destructors and class operators must be methods",
            "type\n  TBoat = class\n    constructor Create(n: integer);\n  end;\nconstructor TBoat.Create(n: integer);\nbegin\nend;\nbegin\nend.\n",
        );
    }

    #[test]
    fn a_number_becomes_a_text() {
        check_fix(
            &FAMILY,
            "pascal",
            "begin\n  line := 'sum ' + <|>count;\nend.\n",
            "Operator is not overloaded: \"AnsiString\" + \"LongInt\"",
            "begin\n  line := 'sum ' + IntToStr(count);\nend.\n",
        );
    }

    #[test]
    fn two_numbers_are_left_alone() {
        check_no_fix(
            &FAMILY,
            "pascal",
            "begin\n  sum := tide + <|>boat;\nend.\n",
            "Operator is not overloaded: \"LongInt\" + \"TBoat\"",
        );
    }

    #[test]
    fn another_language_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int n) {\n    return n<|>(3);\n}\n",
            "called object 'n' is not a function",
        );
    }
}
