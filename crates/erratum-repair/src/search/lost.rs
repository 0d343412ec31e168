//! What a text loses when a part of it is switched off: names that stood there, and so messages that
//! only tell of the loss.

use super::Report;
use super::blank::Blanked;
use super::brought::{Brought, import_at};
use super::items::{NO_TYPE, derives};
use super::trial::Trial;
use super::words::{words, words_of};
use crate::diagnose::Diagnosis;
use crate::fixes::Case;
use crate::fixes::promised::promised;
use crate::fixes::shape::function_around;
use crate::message::Message;
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::language::Language;
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::names::{Declared, NameKind};
use erratum_syntax::text::Text;
use std::collections::HashSet;

/// What only a part that stands there can do wrong, not one that is gone.
const KEPT: [MistakeId; 6] = [
    MistakeId::NotImplemented,
    MistakeId::WrongOverride,
    MistakeId::MissingMut,
    MistakeId::FixedValue,
    MistakeId::BorrowConflict,
    MistakeId::MovedValue,
];

/// What is lost with a part that was switched off.
pub(super) struct Lost {
    /// The names that nothing declares any more.
    pub names: Vec<String>,
    /// Those of them that are members, which are only asked of what the program declares.
    members: Vec<String>,
    /// The language of the part.
    pub language: &'static Language,
    /// What the part would have brought from the library, if it asked for something that is not there.
    brought: Option<Brought>,
    /// Every name that stood there.
    all: Vec<String>,
    /// The file, and the lines of the function around the part.
    around: Option<(String, u32, u32)>,
    /// Whether the body of that function was switched off as a whole.
    wide: bool,
    /// Whether a value of any type stands there now, in a function whose types are not told.
    any_value: bool,
    /// Whether one of the cases of a choice stood there.
    of_choice: bool,
    /// Whether a type that nothing declares stood there.
    of_type: bool,
    /// The file and the lines of a type that takes nothing over any more.
    heir: Option<(String, u32, u32)>,
    /// The types that have fewer classes without the part.
    derives: Vec<String>,
    /// The types that have fewer constructors without the part.
    makers: Vec<String>,
}

impl Lost {
    /// What is lost with `blanked`, because of a message of that phase in `text`.
    pub fn of(blanked: &Blanked, case: &Case, phase: Phase) -> Lost {
        let (text, message) = (&*case.text, case.message);
        let lexed = &text.lexed;
        let names: Vec<usize> = (0..lexed.code.len())
            .filter(|at| lexed.kind(*at) == Some(TokenKind::Name))
            .filter(|at| covers(&blanked.trial, lexed, *at))
            .collect();
        // Of a text that does not read as code, what it declares is not known either.
        let broken = blanked.wide || phase <= Phase::Syntax;
        // What the message did not find there may have been meant to be declared there.
        let told = |at: usize| {
            words_of(message).into_iter().any(|word| lexed.language.same_name(lexed.word(at), word))
        };
        let declared = |at: usize| text.names.declared.iter().find(|one| one.token == at);
        let library: HashSet<&str> = lexed.language.known_names().map(|(known, _)| known).collect();
        let lost = names.iter().filter(|at| match () {
            () if declared(**at).is_some_and(|one| !is_left(text, &blanked.trial, **at, one)) => {
                true
            }
            () if declared(**at).is_some() => false,
            // What the language itself knows is known without the part.
            () if lexed.language.is_type(lexed.word(**at)) => false,
            // What stands in an import that does not read is not brought.
            () if phase <= Phase::Syntax && in_import(lexed, **at) => true,
            // A part that is switched off does not declare `String`.
            () if library.contains(lexed.word(**at)) => false,
            () if is_of_module(text, **at) => false,
            () if !broken => text.names.resolve(lexed, **at).is_none() && told(**at),
            () => {
                let declared = text.names.resolve(lexed, **at);
                declared.is_none_or(|declared| covers(&blanked.trial, lexed, declared.token))
            }
        });
        let brought = import_at(case).filter(|_| phase == Phase::Name);
        let brought = brought.map(|import| import.brings(text));
        let word = |at: &usize| lexed.word(*at).to_owned();
        let lost: Vec<usize> = lost.copied().collect();
        let member = |at: &&usize| declared(**at).is_some_and(|one| one.kind == NameKind::Member);
        let members = lost.iter().filter(member).map(word).collect();
        let told = match &brought {
            Some(Brought::Names(names)) => names.as_slice(),
            _ => &[],
        };
        let lost = lost.iter().map(word).chain(told.iter().cloned()).collect();
        // A lifetime is used where it stands, too.
        let lifetimes = lexed.code.iter().enumerate().filter(|(at, token)| {
            lexed.language.borrows
                && lexed.text(token).starts_with('\'')
                && covers(&blanked.trial, lexed, *at)
        });
        let lifetimes =
            lifetimes.map(|(_, token)| lexed.text(token).trim_start_matches('\'').to_owned());
        let all = names.iter().map(word).chain(lifetimes).collect();
        let case_mark = |at: &usize| matches!(lexed.word(*at), "=>" | "case");
        let mut marks = (0..lexed.code.len()).filter(case_mark);
        let of_choice = marks.any(|at| covers(&blanked.trial, lexed, at));
        let file = text.lexed.source.name().to_owned();
        let around = function_lines(text, message).map(|(from, to)| (file, from, to));
        let any_value = blanked.trial.candidate.edits.iter().any(|edit| {
            let never = lexed.language.never;
            lexed.language.layout && !never.is_empty() && edit.text.trim_end().ends_with(never)
        });
        let makers = names.iter().filter(|at| is_constructor(text, **at)).map(word).collect();
        let edits = &blanked.trial.candidate.edits;
        Lost {
            names: lost,
            members,
            language: lexed.language,
            all,
            around,
            wide: blanked.wide && !lexed.language.layout,
            any_value,
            of_choice,
            of_type: edits.iter().any(|edit| edit.text.trim_end().ends_with(NO_TYPE)),
            heir: heir(text, |at| covers(&blanked.trial, lexed, at)),
            derives: derives(text, |at| covers(&blanked.trial, lexed, at))
                .into_iter()
                .map(str::to_owned)
                .collect(),
            brought,
            makers,
        }
    }

    /// Returns whether a message that was not there before only tells of the loss.
    pub fn explains(&self, message: &Message, diagnosis: &Diagnosis) -> bool {
        let remarks = message.notes.iter().map(|note| note.text.as_str());
        let mut said = remarks.chain([message.text.as_str()]).flat_map(words);
        // Whether each path sets a name and uses it cannot be told of half of the paths. That a value is
        // changed, lent or given away where it must not be comes of what stands there.
        let kept = KEPT.into_iter().any(|one| diagnosis.shows(one));
        let of_paths =
            diagnosis.phase >= Phase::Flow && !kept || diagnosis.shows(MistakeId::UnusedName);
        // The case that is missed may be the one that was switched off.
        let of_choice = self.of_choice && diagnosis.shows(MistakeId::MissingCase);
        // What does not fit the type that stands in for one comes of that.
        let lacks = message.text.contains("No instance for");
        let of_type = self.of_type
            && (message.text.contains("'()'") || lacks && message.text.contains(" ())"));
        let class =
            lacks && self.derives.iter().any(|name| words(&message.text).contains(&name.as_str()));
        // The words of javac and mcs, and those of gcc (seen with javac 17).
        let made = ["constructor", "no matching function"];
        let maker = made.iter().any(|one| message.text.contains(one))
            && self.makers.iter().any(|name| words(&message.text).contains(&name.as_str()));
        // Nothing is taken over any more.
        let heir = diagnosis.shows(MistakeId::WrongOverride) && is_within(message, &self.heir);
        let guessed = self.any_value && diagnosis.shows(MistakeId::CannotInfer);
        of_type
            || class
            || maker
            || heir
            || guessed && self.holds(message)
            || (self.wide || of_choice) && self.holds(message)
            || of_paths
                && said.any(|word| self.all.iter().any(|name| self.language.same_name(name, word)))
    }

    /// Returns whether a message only misses what an import would have brought that asks for something which is not
    /// there. What was said at once is of a name that the import tells; a compiler that stopped there said nothing else.
    pub fn misses_import(&self, message: &Message, diagnosis: &Diagnosis, new: bool) -> bool {
        let Some(brought) = self.brought.as_ref().filter(|_| diagnosis.phase == Phase::Name) else {
            return false;
        };
        match brought {
            Brought::Names(_) => words_of(message).into_iter().any(|word| brought.may_bring(word)),
            Brought::Any(_) => {
                let name = diagnosis.capture("name").unwrap_or("");
                new && !name.is_empty() && brought.may_bring(name)
            }
        }
    }

    /// Returns whether a message tells that the paths of the function around the part do not all give a
    /// value back, or that one leads nowhere: of half of them, that cannot be told.
    pub fn spoils_paths(&self, message: &Message, diagnosis: &Diagnosis) -> bool {
        let of_paths = [MistakeId::MissingReturn, MistakeId::UnreachableCode];
        // rustc says the same of any two types that differ: of a path, that it gives nothing (seen with 1.95).
        let clash = diagnosis.shows(MistakeId::WrongType);
        let remarks = message.spans.iter().chain(&message.notes).map(|note| note.text.as_str());
        let nothing =
            |said: &str| said.contains("found `()`") || said.contains("implicitly returns");
        let nothing = remarks.chain([message.text.as_str()]).any(nothing);
        of_paths.into_iter().any(|one| diagnosis.shows(one))
            && (nothing || !clash)
            && self.holds(message)
    }

    /// Returns whether a message that names members which were lost asks for them of a type of the library:
    /// `Type 'List<Crate>' does not contain a definition for 'Length'` does not miss a `Length` of the program.
    pub fn is_asked_elsewhere(&self, message: &Message, name: &str) -> bool {
        let quoted = message.text.split(['\'', '"', '`']).skip(1).step_by(2);
        let mut heads = quoted.map(|quoted| {
            let head = quoted.split(['<', '[', '(']).next().unwrap_or(quoted);
            head.rsplit(['.', ':']).next().unwrap_or(head)
        });
        let same = |member: &String| self.language.same_name(member, name);
        self.members.iter().any(same)
            && heads.any(|head| {
                let known = self.language.known_names();
                self.language.is_type(head)
                    || known
                        .into_iter()
                        .any(|(known, kind)| known == head && kind == NameKind::Type)
            })
    }

    /// Whether a message points into the function around the part. A line may have been put in before it
    /// since.
    fn holds(&self, message: &Message) -> bool {
        is_within(message, &self.around)
    }
}

/// Whether a message points into those lines of a file, or right behind them.
fn is_within(message: &Message, lines: &Option<(String, u32, u32)>) -> bool {
    let around = message.at.as_ref().zip(lines.as_ref());
    around.is_some_and(|(at, (file, from, to))| {
        at.file == *file && (*from..=*to + 1).contains(&at.line)
    })
}

/// The lines of the type whose head is switched off behind its name, where it takes something over.
fn heir(text: &Text, covered: impl Fn(usize) -> bool) -> Option<(String, u32, u32)> {
    let lexed = &text.lexed;
    let mut types = text.names.declared.iter().filter(|one| one.kind == NameKind::Type);
    types.find_map(|one| {
        // The block of a type is the next one, with no statement between.
        let next = (one.token..lexed.code.len()).find(|at| lexed.divides(*at))?;
        let open = Some(next).filter(|next| lexed.opens_block(*next))?;
        let head = !covered(one.token) && !covered(open) && (one.token..open).any(&covered);
        let close = text.pairs.partner_of(open).filter(|_| head)?;
        let file = lexed.source.name().to_owned();
        Some((file, lexed.code[one.token].line, lexed.code[close].line))
    })
}

/// A name whose type is not known while what a message tells of stays.
pub(super) struct Unsettled {
    pub name: String,
    /// The lines in which it means that, in the file of the message; everywhere without them.
    pub lines: Option<(u32, u32)>,
}

impl Unsettled {
    /// What a text declares. Another function may have a value of the same name.
    pub fn of(lexed: &Lexed, declared: &Declared) -> Unsettled {
        let (first, last) = declared.scope;
        let line = |at: usize| lexed.code.get(at).map_or(u32::MAX, |token| token.line);
        let lines = (declared.kind == NameKind::Value).then(|| (line(first), line(last)));
        Unsettled { name: lexed.word(declared.token).to_owned(), lines }
    }

    /// A name that means the same everywhere.
    pub fn anywhere(name: &str) -> Unsettled {
        Unsettled { name: name.to_owned(), lines: None }
    }

    /// Whether a word is the name, on a line of the text as it may be by now.
    pub fn is(&self, word: &str, line: Option<u32>) -> bool {
        const PUT_IN: u32 = 3;
        let near =
            |at: u32| (at.saturating_sub(PUT_IN)..=at + PUT_IN).any(|at| self.holds_on(Some(at)));
        self.name == word && line.is_none_or(near)
    }

    fn holds_on(&self, line: Option<u32>) -> bool {
        let within =
            |(first, last): (u32, u32)| line.is_some_and(|at| (first..=last).contains(&at));
        self.lines.is_none_or(within)
    }
}

/// Haskell: whether a name is that of a module that the text brings in, or of what the module offers:
/// `Map.insert` in a part that is switched off declares neither.
fn is_of_module(text: &Text, at: usize) -> bool {
    let lexed = &text.lexed;
    if !lexed.language.applies_bare {
        return false;
    }
    let word = lexed.word(at);
    let seen = || text.names.seen.get(word).map_or(&[][..], Vec::as_slice).iter();
    let brought = |at: &usize| matches!(lexed.before(*at), "as" | "import" | "qualified");
    let module = |at: usize| lexed.is(at + 1, ".") && seen().any(brought);
    // What a module offers stands behind its name.
    let offered = at > 1 && lexed.is(at - 1, ".") && module(at - 2);
    module(at) || offered
}

/// Whether a token stands on a line that brings names in, behind the name of the module.
fn in_import(lexed: &Lexed, at: usize) -> bool {
    let line = lexed.on_line(lexed.code[at].line);
    lexed.is(line.start, "import") && (line.start..at).any(|at| matches!(lexed.word(at), "(" | "{"))
}

/// Whether a message says that two types do not fit each other.
fn is_clash(case: &Case) -> bool {
    let clash = [MistakeId::TypeClash, MistakeId::WrongType, MistakeId::WrongNumberType];
    clash.into_iter().any(|one| case.diagnosis.shows(one))
}

/// The names whose type is not known while what the message tells of stays: they are declared with the
/// type, or with the value, that it points into.
pub(super) fn unsettled(case: &Case, phase: Phase) -> Vec<Unsettled> {
    let (lexed, names) = (&case.text.lexed, &case.text.names);
    if phase <= Phase::Syntax {
        return Vec::new();
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let at_fault = names.declared.iter().filter(|declared| {
        let value = matches!(declared.kind, NameKind::Value | NameKind::Member);
        let inferred = declared.typed.is_none() && declared.token < case.token;
        let within = |(first, last): (usize, usize)| (first..=last + 1).contains(&case.token);
        // Where an object is made that does not fit the type in front of it, either may be the wrong one.
        let given = lexed.is(declared.token + 1, "=") && lexed.is(declared.token + 2, "new");
        let clash = phase == Phase::Type && given && is_clash(case);
        let typed = |typed| within(typed) || clash;
        value && line.contains(&declared.token) && declared.typed.map_or(inferred, typed)
    });
    let mut all: Vec<Unsettled> = at_fault.map(|declared| Unsettled::of(lexed, declared)).collect();
    // A function is not known where its result is of no known type, in a language that then passes it over.
    let unread = |declared: &&Declared| {
        let of_result = declared.typed.map(|(first, last)| (first..=last).contains(&case.token));
        let untyped = case.diagnosis.shows(MistakeId::MissingReturnType);
        declared.kind == NameKind::Function
            && line.contains(&declared.token)
            && (of_result == Some(true) || untyped && declared.token == case.token)
    };
    let unread = names.declared.iter().filter(unread);
    all.extend(unread.map(|declared| Unsettled::anywhere(lexed.word(declared.token))));
    // A signature that stands by itself is that of a function below it.
    if lexed.is(line.start + 1, "::") && lexed.language.applies_bare {
        all.push(Unsettled::anywhere(lexed.word(line.start)));
    }
    // What a class offers is not known where its head is wrong.
    let headed = |declared: &&Declared| {
        declared.kind == NameKind::Type
            && line.contains(&declared.token)
            && matches!(lexed.before(declared.token), "class" | "interface" | "trait" | "object")
    };
    let heads = names.declared.iter().filter(headed);
    // Where it only lacks a member that it promises, only that member is not known.
    match promised(&case.message.text) {
        Some(member) => all.push(Unsettled::anywhere(member)),
        None => all.extend(heads.map(|declared| Unsettled::anywhere(lexed.word(declared.token)))),
    }
    // Seen with ghc 9.0.
    if let Some((_, named)) = case.message.text.split_once("No module named '")
        && let Some((module, _)) = named.split_once("' is imported")
    {
        all.push(Unsettled::anywhere(module));
    }
    // What a function gives back is not known either, where its returns and its header differ.
    let of_results = [MistakeId::ReturnCount, MistakeId::WrongReturnType];
    let returned = phase == Phase::Type && lexed.is(case.statement_start(case.token), "return");
    if (of_results.into_iter().any(|one| case.diagnosis.shows(one))
        || returned
        || case.message.of_result().is_some())
        && let Some(function) = function_around(case, case.token)
        && let Some(open) = case.text.pairs.partner_of(function.parameters_close)
    {
        all.push(Unsettled::anywhere(lexed.before(open)));
    }
    all
}

/// The errors of a report that name one of those, or point at one.
pub(super) fn hanging(report: &Report, text: &Text, names: &[Unsettled]) -> Vec<usize> {
    let lexed = &text.lexed;
    let is_one = |word: &str, line: Option<u32>| {
        let same = |one: &Unsettled| lexed.language.same_name(&one.name, word);
        names.iter().any(|one| one.holds_on(line) && same(one))
    };
    // What a class takes over is not known where its head is wrong.
    let bodies: Vec<(usize, usize)> = text
        .names
        .declared
        .iter()
        .filter_map(|declared| {
            let of_class =
                declared.kind == NameKind::Type && is_one(lexed.word(declared.token), None);
            let open = (declared.token..lexed.code.len()).find(|at| lexed.opens_block(*at));
            open.filter(|_| of_class).and_then(|open| Some((open, text.pairs.partner_of(open)?)))
        })
        .collect();
    let taken_over = |at: usize| {
        let words = ["super", "base", "@", "Override", "override"];
        words.contains(&lexed.word(at))
            && bodies.iter().any(|(open, close)| (*open..*close).contains(&at))
    };
    let hangs = |message: &Message| {
        let line = message.line();
        let is_one = |word: &str| is_one(word, line);
        let at = message.at.as_ref().filter(|at| at.file == lexed.source.name());
        let token = at.map(|at| lexed.at(at.range(&lexed.source).0));
        let pointed = token
            .is_some_and(|at| is_one(lexed.word(at)) || is_one(lexed.before(at)) || taken_over(at));
        // Whose type it is that does not fit, a place beside it may tell.
        let spans = message.spans.iter().filter_map(|span| span.at.as_ref());
        let mut beside = spans.filter(|at| at.file == lexed.source.name());
        let beside = beside.any(|at| is_one(lexed.word(lexed.at(at.range(&lexed.source).0))));
        let uses = || {
            let values = || names.iter().filter(|one| one.lines.is_some() && one.holds_on(line));
            let value = |at: usize| {
                let word = lexed.word(at);
                !matches!(lexed.before(at), "." | "->" | "::")
                    && values().any(|one| lexed.language.same_name(&one.name, word))
            };
            // tsc 5.9: what is asked of a value without a known type has no type either.
            let untyped = message.text.contains("implicitly has an 'any' type");
            // ghc 9.0: what a function without its signature gives back may be of any type.
            let ambiguous = message.text.starts_with("Ambiguous type variable");
            untyped && at.is_some_and(|at| lexed.on_line(at.line).any(value))
                || ambiguous
                    && at.is_some_and(|at| lexed.on_line(at.line).any(|at| is_one(lexed.word(at))))
        };
        let told = || words_of(message).into_iter().any(is_one);
        message.is_error() && (pointed || beside || told() || uses())
    };
    let all = report.messages.iter().enumerate();
    all.filter(|(_, message)| !names.is_empty() && hangs(message)).map(|(at, _)| at).collect()
}

/// The errors of a report that point at the very place of one before them: what is wrong there is said
/// once more in other words.
pub(super) fn repeated(report: &Report, target: usize) -> Vec<usize> {
    let place = |message: &Message| {
        let at = message.at.as_ref()?;
        Some((at.file.clone(), at.line, at.column))
    };
    let Some(own) = report.messages.get(target).and_then(place) else { return Vec::new() };
    let later = report.messages.iter().enumerate().skip(target + 1);
    let same =
        later.filter(|(_, message)| message.is_error() && place(message) == Some(own.clone()));
    same.map(|(index, _)| index).collect()
}

/// Whether a trial switches off the code token at an index.
fn covers(blanked: &Trial, lexed: &Lexed, at: usize) -> bool {
    let token = &lexed.code[at];
    let within = |edit: &Edit| {
        edit.file == lexed.source.name() && edit.start <= token.start && token.end <= edit.end
    };
    blanked.candidate.edits.iter().any(within)
}

/// Whether nothing misses the name that is declared at that code token in what was switched off: a function
/// or a type of the name is declared outside, such as a class whose constructor was, or the name means
/// something in that part only, such as what a function without a name takes.
fn is_left(text: &Text, blanked: &Trial, at: usize, declared: &Declared) -> bool {
    let lexed = &text.lexed;
    // A trait only says that there is such a method.
    let promises = |at: usize| matches!(lexed.word(at), "trait" | "interface");
    let promised = |token: usize| {
        let open = text.pairs.block_of(lexed, token);
        let header = |open: usize| {
            let line = lexed.code[open].line;
            lexed.on_line(line).chain(lexed.on_line(line.saturating_sub(1))).any(promises)
        };
        open.is_some_and(header)
    };
    let outside = text.names.of(lexed.word(at)).any(|other| {
        matches!(other.kind, NameKind::Function | NameKind::Type)
            && !covers(blanked, lexed, other.token)
            && !promised(other.token)
    });
    let seen = text.names.seen.get(lexed.word(at)).map_or(&[][..], Vec::as_slice);
    let refers = |at: &usize| {
        let to = text.names.resolve(lexed, *at);
        !covers(blanked, lexed, *at)
            && !matches!(lexed.before(*at), "." | "->" | "?.")
            && (declared.scope.0..=declared.scope.1).contains(at)
            && to.is_none_or(|to| to.token == declared.token)
    };
    outside || declared.kind == NameKind::Value && !seen.iter().any(refers)
}

/// The lines of the function that a message points into, from its header to its end.
fn function_lines(text: &Text, message: &Message) -> Option<(u32, u32)> {
    let lexed = &text.lexed;
    item_lines(text, lexed.at(message.at.as_ref()?.range(&lexed.source).0))
}

/// The lines of the function that a code token stands in; where the layout makes the blocks, those of the
/// item.
pub(super) fn item_lines(text: &Text, at: usize) -> Option<(u32, u32)> {
    let lexed = &text.lexed;
    if !lexed.language.layout {
        return function_around_token(text, at);
    }
    let mut heads = (0..lexed.code.len())
        .filter(|at| lexed.code[*at].first && lexed.source.indent(lexed.code[*at].line) == Some(0));
    let first = heads.clone().take_while(|head| *head <= at).last()?;
    let next = heads.find(|head| *head > at);
    let end = next.map_or(u32::MAX, |next| lexed.code[next].line - 1);
    Some((lexed.code[first].line, end))
}

fn function_around_token(text: &Text, at: usize) -> Option<(u32, u32)> {
    let (lexed, pairs) = (&text.lexed, &text.pairs);
    let function = |open: usize| {
        let line = lexed.code[open].line;
        let header = line.saturating_sub(1)..=line;
        // The block of a loop may begin on the line below the header of its function.
        let own = |name: usize| name < open && !(name..open).any(|at| lexed.opens_block(at));
        let declared = text.names.declared.iter().any(|declared| {
            declared.kind == NameKind::Function
                && header.contains(&lexed.code[declared.token].line)
                && own(declared.token)
        });
        declared.then_some(line.saturating_sub(1))
    };
    // What ends a block is still of it.
    let ended = pairs.partner_of(at).filter(|open| *open < at && lexed.opens_block(*open));
    let mut open = ended.or_else(|| pairs.block_of(lexed, at))?;
    loop {
        if let (Some(first), Some(close)) = (function(open), pairs.partner_of(open)) {
            return Some((first, lexed.code.get(close)?.line));
        }
        open = pairs.block_of(lexed, open)?;
    }
}

/// Whether a name with a bracket behind it stands as a constructor in the block of its type.
fn is_constructor(text: &Text, at: usize) -> bool {
    let (lexed, names) = (&text.lexed, &text.names);
    let Some(open) = text.pairs.block_of(lexed, at).filter(|_| lexed.is(at + 1, "(")) else {
        return false;
    };
    let heads = |one: &Declared| {
        one.kind == NameKind::Type
            && one.token < open
            && lexed.word(one.token) == lexed.word(at)
            && !(one.token..open).any(|between| lexed.opens_block(between))
    };
    names.declared.iter().any(heads)
}
