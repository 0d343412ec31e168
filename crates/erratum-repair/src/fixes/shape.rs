//! Functions and calls as they can be seen in the tokens.

use super::Case;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A function with a body.
pub(crate) struct Function {
    /// The `{` of its body.
    pub(crate) open: usize,
    /// The `}` of its body, if it is there.
    pub(crate) close: Option<usize>,
    /// The `)` of its parameters.
    pub(crate) parameters_close: usize,
    /// The tokens of its return type, first and last, if one is written.
    pub(crate) returns: Option<(usize, usize)>,
}

/// The function around a token.
pub(crate) fn function_around(case: &Case, token: usize) -> Option<Function> {
    let lexed = case.lexed();
    let pairs = &case.text.pairs;
    let mut open = if lexed.closes_block(token) {
        pairs.partner_of(token)?
    } else {
        pairs.block_of(lexed, token)?
    };
    loop {
        if let Some(function) = function_of(case, open) {
            return Some(function);
        }
        open = pairs.block_of(lexed, open)?;
    }
}

/// The function around a token, or the one whose header it stands in.
pub(crate) fn function_at(case: &Case, token: usize) -> Option<Function> {
    let lexed = case.lexed();
    let ends = |at: &usize| lexed.divides(*at);
    let open = (token..lexed.code.len()).find(ends).filter(|at| lexed.opens_block(*at));
    let header = open.and_then(|open| function_of(case, open));
    let inside = |function: &Function| function.open >= token;
    header.filter(inside).or_else(|| function_around(case, token))
}

/// The function whose body opens here.
pub(crate) fn function_of(case: &Case, open: usize) -> Option<Function> {
    let lexed = case.lexed();
    let start = case.statement_start(open);
    let declared = case
        .text
        .names
        .declared
        .iter()
        .find(|d| d.kind == NameKind::Function && d.token >= start && d.token < open)?;
    let name = declared.token;
    let parameters_close =
        if lexed.is(name + 1, "(") || lexed.is(name + 1, "<") || lexed.is(name + 1, "[") {
            let parameters = (name..open).find(|at| lexed.is(*at, "("))?;
            case.text.pairs.partner_of(parameters)?
        } else {
            name
        };
    // Pascal and Scala need no brackets where there are no parameters.
    Some(Function {
        open,
        close: case.text.pairs.partner_of(open),
        parameters_close,
        returns: declared.typed,
    })
}

/// The function around a token. In Pascal what it declares may stand between its header and its block.
pub(crate) fn routine_around(case: &Case, token: usize) -> Option<Function> {
    if !case.language().returns_by_name {
        return function_around(case, token);
    }
    let functions = case.text.names.declared.iter().filter(|one| one.kind == NameKind::Function);
    let header = functions.filter(|one| one.token < token).max_by_key(|one| one.token)?;
    routine_at(case, header.token).filter(|one| one.close.is_some_and(|close| token < close))
}

/// The function that is declared at a token, if its block stands there.
pub(crate) fn routine_at(case: &Case, declared: usize) -> Option<Function> {
    let lexed = case.lexed();
    if !case.language().returns_by_name {
        let open = (declared..lexed.code.len()).find(|at| lexed.divides(*at))?;
        return function_of(case, open);
    }
    let open = (declared..lexed.code.len()).find(|at| lexed.is(*at, "begin"))?;
    let named = case.text.names.declared.iter().find(|one| one.token == declared)?;
    let close = case.text.pairs.partner_of(open);
    Some(Function { open, close, parameters_close: declared, returns: named.typed })
}

/// The name of a function.
pub(crate) fn routine_name(case: &Case, function: &Function) -> Option<usize> {
    let functions = case.text.names.declared.iter().filter(|one| one.kind == NameKind::Function);
    functions.filter(|one| one.token < function.open).map(|one| one.token).max()
}

/// The text of a run of tokens, as it stands.
pub(crate) fn text_of(case: &Case, (first, last): (usize, usize)) -> String {
    let lexed = case.lexed();
    match (lexed.code.get(first), lexed.code.get(last)) {
        (Some(a), Some(b)) if a.start <= b.end => lexed.source.slice(a.start, b.end).into_owned(),
        _ => String::new(),
    }
}

/// A call: the name, its brackets, and the stretches of its arguments.
pub(crate) struct Call {
    pub(crate) name: usize,
    pub(crate) open: usize,
    pub(crate) close: usize,
    /// First and last token of each argument.
    pub(crate) arguments: Vec<(usize, usize)>,
}

/// The call whose opening bracket is this token.
pub(crate) fn call_at(case: &Case, open: usize) -> Option<Call> {
    let lexed = case.lexed();
    let close = case.text.pairs.partner_of(open)?;
    let mut name = open.checked_sub(1)?;
    if lexed.is(name, "!") {
        name = name.checked_sub(1)?;
    }
    if !lexed.is(open, "(")
        || !matches!(lexed.kind(name), Some(TokenKind::Name | TokenKind::Keyword))
    {
        return None;
    }
    let mut arguments = Vec::new();
    let mut start = open + 1;
    let mut at = open + 1;
    let mut bars = 0;
    while at <= close {
        // Pascal parts the parameters of a declaration by `;`.
        if at == close || ((lexed.is(at, ",") || lexed.is(at, ";")) && bars % 2 == 0) {
            if at > start {
                arguments.push((start, at - 1));
            }
            start = at + 1;
        } else if lexed.is(at, "|") {
            bars += 1;
        } else if lexed.kind(at) == Some(TokenKind::Open) {
            at = case.text.pairs.partner_of(at).filter(|to| *to > at).unwrap_or(at);
        }
        at += 1;
    }
    Some(Call { name, open, close, arguments })
}

/// The calls on the line a message points at, the one it points at first.
pub(crate) fn calls_near(case: &Case) -> Vec<Call> {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut calls: Vec<Call> = line.filter_map(|at| call_at(case, at)).collect();
    let around = |call: &Call| call.name <= case.token && case.token <= call.close;
    let named = |call: &Call| case.word("name").is_some_and(|name| lexed.word(call.name) == name);
    calls.sort_by_key(|call| (!named(call), !around(call), call.name.abs_diff(case.token)));
    // A call may start on an earlier line.
    let mut outer = case.text.pairs.inside_of(case.token);
    while let Some(open) = outer {
        if calls.iter().all(|call| call.open != open) {
            calls.extend(call_at(case, open));
        }
        outer = case.text.pairs.inside_of(open);
    }
    calls.truncate(4);
    calls
}

/// The object of the method around a token, where methods stand outside of their type: its name and that of
/// its type, `q` and `Quay` of `func (q *Quay) land()`.
pub(crate) fn receiver<'a>(case: &'a Case, token: usize) -> Option<(&'a str, &'a str)> {
    let lexed = case.lexed();
    let function = function_around(case, token).filter(|_| case.language().receivers)?;
    let start = (0..function.open).rev().find(|at| lexed.is(*at, "func"))?;
    let close = case.text.pairs.partner_of(start + 1).filter(|_| lexed.is(start + 1, "("))?;
    Some((lexed.word(start + 2), lexed.word(close.checked_sub(1)?)))
}

/// The name of a constructor where it is defined: `Route(…) {`. In Scala the head of the class is one.
fn constructor(case: &Case, name: &str) -> Option<usize> {
    let lexed = case.lexed();
    let seen = case.text.names.seen.get(name)?;
    seen.iter().copied().find(|at| {
        let close = case.text.pairs.partner_of(at + 1);
        if lexed.before(*at) == "class" && lexed.is(at + 1, "(") {
            return close.is_some();
        }
        !matches!(lexed.word(at.wrapping_sub(1)), "new" | "." | "=" | "return")
            && close.is_some_and(|close| matches!(lexed.word(close + 1), "{" | "throws" | ":"))
    })
}

/// The parameter that an argument around a token is given to, as it is declared in this file.
pub(crate) fn parameter_of<'a>(
    case: &'a Case,
    token: usize,
) -> Option<&'a erratum_syntax::names::Declared> {
    let lexed = case.lexed();
    let mut open = case.text.pairs.inside_of(token)?;
    loop {
        if let Some(call) = call_at(case, open) {
            let index = call.arguments.iter().position(|(a, b)| (*a..=*b).contains(&token))?;
            let name = lexed.word(call.name);
            let functions = case.text.names.of(name);
            let declared = functions
                .filter(|d| d.kind == NameKind::Function)
                .map(|d| d.token)
                .next()
                .or_else(|| constructor(case, name))?;
            let header = call_at(case, declared + 1)?;
            let index =
                index + usize::from(takes_itself(case, &header) && lexed.before(call.name) == ".");
            let (a, b) = *header.arguments.get(index)?;
            return case.text.names.declared.iter().find(|d| (a..=b).contains(&d.token));
        }
        open = case.text.pairs.inside_of(open)?;
    }
}

/// Whether the first parameter of a header is the object itself: `fn moor(&mut self, name: &str)`.
pub(crate) fn takes_itself(case: &Case, header: &Call) -> bool {
    let first = header.arguments.first();
    first.is_some_and(|(first, last)| (*first..=*last).any(|at| case.lexed().is(at, "self")))
}

/// The parameters of the function of that name in this file: each one's type and name.
pub(crate) fn parameters(case: &Case, name: &str) -> Option<Vec<(String, String)>> {
    let declared = case.text.names.of(name).find(|d| d.kind == NameKind::Function);
    parameters_at(case, declared.map(|d| d.token).or_else(|| constructor(case, name))? + 1)
}

/// Where the header of a declaration begins behind what is noted about it: `@Override` and its like.
pub(crate) fn behind_notes(case: &Case, start: usize, name: usize) -> usize {
    let lexed = case.lexed();
    let mut at = start;
    while lexed.is(at, "@") && at + 2 < name {
        at += 2;
        if lexed.is(at, "(") {
            at = case.text.pairs.partner_of(at).map_or(at, |close| close + 1);
        }
    }
    at.min(name)
}

/// The parameters of what a call calls, as far as the text declares it: `super` and `base` stand for the
/// constructor of the class above.
pub(crate) fn parameters_of_call(case: &Case, call: &Call) -> Option<Vec<(String, String)>> {
    let lexed = case.lexed();
    let word = lexed.word(call.name);
    if !matches!(word, "super" | "base") || lexed.is(call.name + 1, ".") {
        return parameters(case, word);
    }
    // The head of the class around names it: behind `extends`, or first behind the colon.
    let mut block = case.text.pairs.block_of(lexed, call.name);
    while let Some(open) = block {
        let head = case.statement_start(open)..open;
        if head.clone().any(|at| lexed.is(at, "class")) {
            let above = head.into_iter().find(|at| {
                matches!(lexed.before(*at), "extends" | ":")
                    && lexed.kind(*at) == Some(TokenKind::Name)
            })?;
            return parameters_at(case, constructor(case, lexed.word(above))? + 1);
        }
        block = case.text.pairs.block_of(lexed, open);
    }
    None
}

/// The parameters in a bracket behind the name of a function or constructor: each one's type and
/// name.
pub(crate) fn parameters_at(case: &Case, open: usize) -> Option<Vec<(String, String)>> {
    let lexed = case.lexed();
    let call = call_at(case, open)?;
    let split = |(first, last): (usize, usize)| {
        let named = case.text.names.declared.iter().find(|d| (first..=last).contains(&d.token));
        let typed = named.and_then(|d| d.typed).map_or(String::new(), |typed| text_of(case, typed));
        let name = named.map_or(String::new(), |d| lexed.word(d.token).to_owned());
        (typed, name)
    };
    let all = call
        .arguments
        .into_iter()
        .map(split)
        .filter(|(typed, name)| !(name.is_empty() && typed.is_empty()));
    Some(all.collect())
}

/// Whether a value of a type can be given where another is wanted, as far as the names of the types tell: a
/// whole number for another number, a text for a text, and what is not known for anything.
pub(crate) fn may_be(case: &Case, typed: Option<&str>, wanted: &str) -> bool {
    let usual = case.language().usual;
    let text = |one: &str| {
        let bare = one.trim_start_matches("const ").trim_start_matches('&').to_lowercase();
        one == usual.text || bare.contains("str") || bare.starts_with("char *")
    };
    let Some(typed) = typed else { return true };
    let plain = |one: &str| text(one) || one == usual.real || case.language().is_type(one);
    if typed == wanted || !plain(typed) || !plain(wanted) {
        return true;
    }
    let truth = wanted == usual.truth && usual.truth != usual.whole;
    let number = !text(wanted) && !truth;
    text(typed) && text(wanted)
        || typed == usual.whole && number
        || typed == usual.real && number && wanted != usual.whole
}

/// The type of an expression of one token, as far as the text tells.
pub(crate) fn simple_type(case: &Case, token: usize) -> Option<String> {
    let lexed = case.lexed();
    let number = lexed.word(token);
    let usual = case.language().usual;
    match lexed.kind(token)? {
        TokenKind::Number => {
            Some(if number.contains('.') { usual.real } else { usual.whole }.to_owned())
        }
        TokenKind::Str => Some(usual.text.to_owned()),
        TokenKind::Char => Some("char".to_owned()),
        TokenKind::Keyword if matches!(number, "true" | "false") => Some(usual.truth.to_owned()),
        TokenKind::Name => {
            let declared = case.text.names.resolve(lexed, token)?;
            declared.typed.map(|typed| text_of(case, typed))
        }
        _ => None,
    }
}

/// The last token of the operand that starts at a token: a name or a literal with its members, calls
/// and elements. `None` where a bracket in it has no partner.
pub(crate) fn operand_end(case: &Case, first: usize) -> Option<usize> {
    let lexed = case.lexed();
    let mut last = first;
    loop {
        let next = last + 1;
        match lexed.word(next) {
            "." | "->" if lexed.kind(next + 1) == Some(TokenKind::Name) => last = next + 1,
            "(" | "[" => last = case.text.pairs.partner_of(next)?,
            _ => return Some(last),
        }
    }
}

/// The first token of the operand that ends at a token: a name with the members, calls and elements behind
/// it.
pub(crate) fn operand_start(case: &Case, last: usize) -> usize {
    let lexed = case.lexed();
    let starts = |first: &usize| {
        let name = lexed.kind(*first) == Some(TokenKind::Name);
        name && !matches!(lexed.before(*first), "." | "->" | "::")
    };
    let whole = |first: &usize| operand_end(case, *first).is_some_and(|end| end >= last);
    (0..=last).rev().take(40).filter(starts).find(whole).unwrap_or(last)
}

/// The type of an expression, as far as the text tells.
pub(crate) fn type_of(case: &Case, first: usize, last: usize) -> Option<String> {
    let lexed = case.lexed();
    if first > last || last >= lexed.code.len() {
        return None;
    }
    if first == last {
        let array = lexed.kind(first) == Some(TokenKind::Name)
            && case
                .text
                .names
                .resolve(lexed, first)
                .is_some_and(|d| case.language().type_first && lexed.is(d.token + 1, "["));
        return simple_type(case, first)
            .map(|typed| if array { format!("{typed} *") } else { typed });
    }
    // What a pointer leads to.
    if lexed.is(first, "*") && case.language().directives && first + 1 == last {
        let typed = simple_type(case, last)?;
        return typed.strip_suffix('*').map(|typed| typed.trim_end().to_owned());
    }
    let partner = |at: usize| case.text.pairs.partner_of(at);
    if lexed.is(first, "(") && partner(first) == Some(last) {
        return type_of(case, first + 1, last - 1);
    }
    let outer = outer_operators(case, first, last);
    if outer
        .iter()
        .any(|at| matches!(lexed.word(*at), "<" | ">" | "<=" | ">=" | "==" | "!=" | "&&" | "||"))
    {
        return Some(case.language().usual.truth.to_owned());
    }
    if let Some(question) = outer.iter().find(|at| lexed.is(**at, "?")) {
        let colon = outer.iter().find(|at| lexed.is(**at, ":"))?;
        return type_of(case, question + 1, colon - 1);
    }
    let sums: Vec<usize> = outer
        .into_iter()
        .filter(|at| matches!(lexed.word(*at), "+" | "-" | "*" | "/" | "%"))
        .collect();
    if !sums.is_empty() {
        let mut starts = vec![first];
        starts.extend(sums.iter().map(|at| at + 1));
        let mut ends: Vec<usize> = sums.iter().map(|at| at - 1).collect();
        ends.push(last);
        let types: Option<Vec<String>> =
            starts.into_iter().zip(ends).map(|(a, b)| type_of(case, a, b)).collect();
        let types = types?;
        let find = |wanted: &[&str]| types.iter().find(|t| wanted.contains(&t.as_str())).cloned();
        return find(&[
            case.language().usual.text,
            "String",
            case.language().usual.real,
            "float",
            "f32",
            "long",
            "size_t",
        ])
        .or_else(|| types.first().cloned());
    }
    // A cast in front.
    if lexed.is(first, "(")
        && let Some(close) = partner(first)
        && case.language().is_type(lexed.word(first + 1))
    {
        return Some(text_of(case, (first + 1, close - 1)));
    }
    if lexed.is(last.wrapping_sub(1), "as") {
        return Some(lexed.word(last).to_owned());
    }
    place_type(case, first, last)
}

/// The operators between two tokens that stand in no bracket and have something on both sides.
fn outer_operators(case: &Case, first: usize, last: usize) -> Vec<usize> {
    let lexed = case.lexed();
    let mut found = Vec::new();
    let mut at = first;
    while at <= last {
        match lexed.kind(at) {
            Some(TokenKind::Open) => at = case.text.pairs.partner_of(at).unwrap_or(last).max(at),
            Some(TokenKind::Op) if at > first && at < last => {
                let operand = matches!(lexed.kind(at - 1), Some(TokenKind::Close))
                    || !matches!(lexed.kind(at - 1), Some(TokenKind::Op | TokenKind::Open));
                if operand {
                    found.push(at);
                }
            }
            _ => {}
        }
        at += 1;
    }
    found
}

/// The type of a call, an element or a member: what its last name was declared with.
fn place_type(case: &Case, first: usize, last: usize) -> Option<String> {
    let lexed = case.lexed();
    let names = &case.text.names;
    match lexed.word(last) {
        ")" => {
            let open = case.text.pairs.partner_of(last)?;
            let name = open.checked_sub(1).filter(|at| *at >= first)?;
            let function = names.of(lexed.word(name)).find(|d| d.kind == NameKind::Function);
            match (function, lexed.word(name)) {
                (Some(function), _) => {
                    if case.language().type_first {
                        return function.typed.map(|typed| text_of(case, typed));
                    }
                    let body =
                        (function.token..lexed.code.len()).find(|at| lexed.opens_block(*at))?;
                    function_of(case, body)?.returns.map(|typed| text_of(case, typed))
                }
                (None, "length" | "size" | "strlen") => Some("int".to_owned()),
                (None, "len" | "count") => Some("usize".to_owned()),
                (None, "sqrt" | "pow" | "fabs" | "floor" | "ceil") => {
                    Some(case.language().usual.real.to_owned())
                }
                _ => None,
            }
        }
        "]" => {
            let open = case.text.pairs.partner_of(last)?;
            let whole = type_of(case, first, open.checked_sub(1)?)?;
            element(&whole)
        }
        _ => {
            let member = names.of(lexed.word(last)).find(|d| d.kind == NameKind::Member)?;
            member.typed.map(|typed| text_of(case, typed))
        }
    }
}

/// The type of an element of something of this type.
fn element(whole: &str) -> Option<String> {
    let whole = whole.trim();
    if let Some(rest) = whole.strip_suffix('*').or_else(|| whole.strip_suffix("[]")) {
        return Some(rest.trim().to_owned());
    }
    let inner = whole.trim_start_matches('&').trim_start_matches("mut ");
    if let Some(list) = inner.strip_prefix('[') {
        return list.split([';', ']']).next().map(|name| name.trim().to_owned());
    }
    let generic = inner.strip_suffix('>')?;
    let (head, rest) = generic.split_once('<')?;
    matches!(head.rsplit(':').next(), Some("Vec" | "vector" | "array"))
        .then(|| rest.split(',').next().unwrap_or(rest).trim().to_owned())
}
