//! Classes of a text, what they take over from, and their members.

use crate::fixes::Case;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};

/// How many classes above one are followed.
const LEVELS: usize = 6;

/// A class, an interface or a trait with its block.
#[derive(Clone, Copy)]
pub(in crate::fixes) struct Class {
    /// The token of its name.
    pub name: usize,
    /// The `{` and the `}` of its block.
    pub block: (usize, usize),
}

/// The class whose name is declared at a code token.
fn class_at(case: &Case, name: usize) -> Option<Class> {
    let lexed = case.lexed();
    let ends = |at: &usize| lexed.opens_block(*at) || lexed.is(*at, ";");
    let open = (name..lexed.code.len()).find(ends).filter(|at| lexed.opens_block(*at))?;
    Some(Class { name, block: (open, case.text.pairs.partner_of(open)?) })
}

/// The classes of a name.
pub(in crate::fixes) fn classes_of<'a>(
    case: &'a Case,
    name: &'a str,
) -> impl Iterator<Item = Class> + 'a {
    let types = case.text.names.of(name).filter(|declared| declared.kind == NameKind::Type);
    types.filter_map(|declared| class_at(case, declared.token))
}

/// The class in whose block a member is declared.
pub(in crate::fixes) fn class_of(case: &Case, member: usize) -> Option<Class> {
    let open = case.text.pairs.block_of(case.lexed(), member)?;
    let types = case.text.names.declared.iter().filter(|one| one.kind == NameKind::Type);
    let mut classes = types.filter_map(|declared| class_at(case, declared.token));
    classes.find(|class| class.block.0 == open)
}

/// The classes above one, the nearest first.
pub(in crate::fixes) fn above(case: &Case, class: Class) -> Vec<Class> {
    let lexed = case.lexed();
    let mut all: Vec<Class> = Vec::new();
    let mut next = vec![class];
    for _ in 0..LEVELS {
        let mut higher = Vec::new();
        for class in std::mem::take(&mut next) {
            let head = class.name + 1..class.block.0;
            let names = head.filter(|at| lexed.kind(*at) == Some(TokenKind::Name));
            for one in names.flat_map(|at| classes_of(case, lexed.word(at))) {
                if one.name != class.name && !all.iter().any(|other| other.name == one.name) {
                    all.push(one);
                    higher.push(one);
                }
            }
        }
        next = higher;
    }
    all
}

/// The members that are declared in the block of a class itself.
pub(in crate::fixes) fn members<'a>(
    case: &'a Case,
    class: Class,
) -> impl Iterator<Item = &'a Declared> {
    let (open, close) = class.block;
    case.text.names.declared.iter().filter(move |one| {
        one.kind != NameKind::Type
            && (open..close).contains(&one.token)
            && case.text.pairs.inside_of(one.token) == Some(open)
    })
}

/// The member of the program that a message speaks of: where it points, or by its name, as in
/// `'Deep.Fee(int)'`, in the class where it points.
pub(in crate::fixes) fn told<'a>(case: &'a Case) -> Option<&'a Declared> {
    let lexed = case.lexed();
    let declared = &case.text.names.declared;
    let is_member =
        |one: &&Declared| one.kind != NameKind::Type && class_of(case, one.token).is_some();
    let line = lexed.on_line(lexed.code[case.token].line);
    let near = declared.iter().filter(is_member).filter(|one| line.contains(&one.token));
    // A whole class may stand on one line.
    let near = near.min_by_key(|one| one.token.abs_diff(case.token));
    let class = classes_of(case, lexed.word(case.token)).find(|class| class.name == case.token);
    let Some(class) = class else { return near };
    let named = |one: &&Declared| {
        let name = lexed.word(one.token);
        let of_class = format!("{}.{name}", lexed.word(class.name));
        let ends = |rest: &str| rest.starts_with(['(', '\'', '.']);
        case.message.text.split(&of_class).skip(1).any(ends)
    };
    members(case, class).find(named)
}
