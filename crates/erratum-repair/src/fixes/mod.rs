//! Fixes to try for one message, the likeliest first.
//!
//! Each module here is a source of candidates: it looks at a [`Case`] (the text, the message, and
//! what the catalogue makes of it) and gives [`Candidate`]s with a score, which is the natural
//! logarithm of how likely the slip is, up to a constant that is the same for all. Nothing here is
//! believed: [`crate::search`] tries the candidates on copies.

mod above;
mod above_type;
mod abstract_parameter;
mod addressed;
mod all_of_type;
mod alternative;
mod angles;
mod appended;
mod argument_mark;
mod array_declared;
mod array_made;
mod array_values;
mod arrow_body;
mod as_error;
mod as_function;
mod assigned_choice;
mod assigning;
mod associated_type;
mod bare_call;
mod bare_list;
mod bare_step;
mod base_class;
mod beside_text;
mod bit_truth;
mod bodies;
mod bound_by_use;
mod boxed;
mod brace_before_start;
mod brace_end;
mod braced;
mod bracket_kind;
mod bracketless;
mod brackets;
mod brought_in;
mod by_pointer;
mod by_reference;
mod c_declarations;
mod c_pointers;
mod callee;
mod calls;
mod captured;
mod case_label;
mod cast;
mod catch_all;
mod catch_head;
mod cells;
mod chain_ends;
mod chained;
mod choice_mark;
mod choice_pattern;
mod class_words;
mod closed_at_once;
mod closed_line;
mod collected_list;
mod collection_type;
mod compared_in_text;
mod compared_objects;
mod compared_reals;
mod computed_member;
mod condition;
mod const_method;
mod const_reference;
mod constructor;
mod copied;
mod copied_type;
mod copied_value;
mod counted;
mod counting_loop;
mod cs_members;
mod date_text;
mod decimal_comma;
mod decimals;
mod declare;
mod dereferenced;
mod derived;
mod downcast;
mod duration;
mod each_item;
mod each_pointer;
mod element_member;
mod element_type;
mod elements;
mod empty_call;
mod ended_value;
mod entry_mark;
mod enum_step;
mod exceptions;
mod family;
mod field_marks;
mod field_value;
mod fields_in_round;
mod file_pointer;
mod filled_arguments;
mod first_found;
mod flow;
mod foreign;
mod foreign_cast;
mod format_hole;
mod formatted;
mod go_blocks;
mod go_calls;
mod go_errors;
mod go_forms;
mod go_marks;
mod growing_text;
mod guard;
mod half_comparison;
mod handed_function;
mod haskell;
mod head_colon;
mod headers;
mod headless;
mod held_call;
mod held_list;
mod heritage;
mod hints;
mod holds_itself;
mod hole_end;
mod if_value;
mod import_lines;
mod import_path;
mod imports;
mod include;
mod indented_body;
mod inherited;
mod inherited_name;
mod initialisers;
mod inner_quotes;
mod iterator_choice;
mod java_blocks;
mod java_forms;
mod java_members;
mod joined;
mod joined_by_dot;
mod joined_numbers;
mod key_type;
mod keyed_end;
mod keys_of;
mod labels;
mod lacking_field;
mod lambda_compares;
mod lambda_head;
mod lazy_twin;
mod leading_zero;
mod lent_loop;
mod library_name;
mod library_types;
mod lifetimes;
mod line_end;
mod list_literal;
mod list_type;
mod listed_arguments;
mod listed_query;
mod loop_body;
mod loop_item;
mod lost_comma;
mod lost_prototype_end;
mod macro_call;
mod macro_value;
mod made;
mod made_itself;
mod made_of_fields;
mod main_type;
mod map_entry;
mod map_parts;
mod member_arrow;
mod member_starts;
mod members;
mod method_ends;
mod method_reference;
mod mirrored;
mod missing_value;
mod mixed_numbers;
mod named_result;
mod needed_behind;
mod negated;
mod nil_start;
mod nothing_case;
mod nothing_given;
mod nothing_tested;
mod number_stream;
mod number_suffix;
mod object_meant;
mod object_pascal;
mod of_type;
mod older_form;
mod one_of_words;
mod only_part;
mod opened_scope;
mod operands;
mod optional_variable;
mod or_default;
mod or_empty;
mod ordered_reals;
mod other_field;
mod overriding;
mod own_head;
mod own_parameter;
mod own_type_member;
mod owned_object;
mod owner;
mod parent_word;
mod parted;
mod pascal_marks;
mod pasted;
mod pattern_values;
mod patterns;
mod percent_format;
mod plain_methods;
mod plain_text_type;
mod pointed;
mod pointer_elements;
mod pointer_mark;
mod promise_type;
pub(crate) mod promised;
mod promised_types;
mod put_in;
mod qualify;
mod quotes;
mod raw_interface;
mod read_field;
mod read_in_condition;
mod real_division;
mod record_part;
mod recursive_result;
mod reserved_name;
mod respell;
mod result_type;
mod results;
mod returned_local;
mod scala_forms;
mod scala_members;
mod scala_values;
mod separated;
mod sequences;
mod set_from_parameter;
pub(crate) mod shape;
mod shown_value;
mod single_quotes;
mod spread_list;
mod starts_empty;
mod starts_whole;
mod statement_words;
mod step_mark;
mod stored;
mod streams;
mod structure;
mod subclass_meant;
mod summed;
mod summed_from;
mod synonyms;
mod taken_self;
mod template_arguments;
mod ternary;
#[cfg(test)]
pub(crate) mod testing;
mod text_length;
mod text_member;
mod text_prefix;
mod text_sums;
mod thrown;
mod told_import;
mod told_mark;
mod told_word;
mod trailing_word;
mod trait_object;
mod truth;
mod ts_members;
mod ts_types;
mod tuple_result;
mod turned;
mod turned_marks;
mod type_arguments;
mod type_for_value;
mod type_order;
mod type_parameter;
mod typed_constant;
mod typed_default;
mod typed_head;
mod typed_mark;
mod typedef_name;
mod types;
mod uncalled;
mod unnamed_parameter;
mod untyped;
mod unused_twin;
mod unwrapped;
mod usual_class;
mod value_arrow;
mod values;
mod variant_type;
mod vec_literal;
mod vexing;
mod visible;
mod waiting;
mod warned;
pub(crate) mod weights;
mod widened;
mod window;
mod worded;
mod worked_out;
mod wrapped;
mod wrapper_types;
mod write_target;
mod written_otherwise;

pub use family::{Example, FAMILIES, Family, Phases};
pub use guard::is_guarded;

use crate::diagnose::Diagnosis;
use crate::effect::Effect;
use crate::message::Message;
use crate::score::Score;
use erratum_catalogue::{MistakeId, Phase, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::language::Language;
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::newer;
use erratum_syntax::pairs::{Odd, OddBracket};
use erratum_syntax::source::Program;
use erratum_syntax::text::Text;
use std::collections::HashSet;
use std::sync::Arc;

/// How well the meaning of a fix can be known from the text.
#[derive(Clone, Copy, Debug, PartialEq, Eq, serde::Serialize, serde::Deserialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
#[serde(rename_all = "lowercase")]
pub enum Certainty {
    /// One fair reading.
    Sure,
    /// The value or the meaning cannot be known; somebody must look.
    Guess,
}

impl Certainty {
    /// The same for a fix with an effect: only what the text shows was meant is ever sure. A conversion
    /// keeps the value, but 2 of 52 were not what was meant, where one of 99 would be too many.
    pub(crate) fn within(self, effect: Effect) -> Certainty {
        if effect == Effect::Restores { self } else { Certainty::Guess }
    }
}

/// A fix that might mend a mistake.
#[derive(Clone, Debug)]
pub struct Candidate {
    /// What to change.
    pub edits: Vec<Edit>,
    /// The kind of mistake it mends: an entry of the catalogue.
    pub mistake: MistakeId,
    /// How sure its meaning is.
    pub certainty: Certainty,
    /// How likely, before anything is tried; higher is likelier.
    pub score: Score,
    /// How likely the other candidates for its message that are not tried are together, seen from
    /// its own score: 1 is as likely as itself.
    pub others: f64,
    /// The message that it mends, as an index of the report it was made for; nothing for the one
    /// that is looked at.
    pub target: Option<usize>,
    /// Fixes of further mistakes without which this one cannot be seen to hold, such as the other
    /// odd brackets; each in places of the text that the ones before left.
    pub then: Vec<Candidate>,
}

impl Candidate {
    fn new(mistake: MistakeId, score: impl Into<Score>, edits: Vec<Edit>) -> Candidate {
        Candidate {
            edits,
            mistake,
            certainty: Certainty::Sure,
            score: score.into(),
            others: 0.0,
            target: None,
            then: Vec::new(),
        }
    }

    /// The candidate itself and those that go with it, in order.
    pub fn parts(&self) -> impl Iterator<Item = &Candidate> {
        std::iter::once(self).chain(&self.then)
    }

    /// The edits of each part, each in places of the text that the ones before left.
    pub fn sets(&self) -> Vec<&[Edit]> {
        self.parts().map(|part| part.edits.as_slice()).collect()
    }

    fn guess(mut self) -> Candidate {
        self.certainty = Certainty::Guess;
        self
    }
}

/// A message with everything that is known about the text it points at.
pub struct Case<'a> {
    /// The program.
    pub program: &'a Program,
    /// The file it points at, read.
    pub text: Arc<Text>,
    /// The message.
    pub message: &'a Message,
    /// All messages of the same compile.
    pub all: &'a [Message],
    /// What the catalogue makes of it.
    pub diagnosis: &'a Diagnosis<'a>,
    /// When the compiler noticed.
    pub phase: Phase,
    /// The bytes it points at.
    pub range: (usize, usize),
    /// The code token it points at.
    pub token: usize,
    /// The names that stand in parts of the program which are blanked out: they are used, too.
    pub blanked: Arc<HashSet<String>>,
    /// The other files of the program, read: their names may be meant here.
    pub others: Vec<Arc<Text>>,
    /// The form of a later version of the language that the message is about.
    pub newer: Option<newer::Used>,
}

impl<'a> Case<'a> {
    /// Sets a case up; nothing if the text has no tokens.
    pub fn new(
        program: &'a Program,
        text: Arc<Text>,
        message: &'a Message,
        all: &'a [Message],
        diagnosis: &'a Diagnosis<'a>,
    ) -> Option<Case<'a>> {
        if text.lexed.code.is_empty() {
            return None;
        }
        let range = message.at.as_ref().map_or((0, 0), |at| at.range(&text.lexed.source));
        let range = field_value::of_clash(&text, message, range).unwrap_or(range);
        let token = text.lexed.at(range.0);
        let phase = diagnosis.phase;
        let others = Vec::new();
        let blanked = Arc::default();
        let newer = None;
        Some(Case {
            program,
            text,
            message,
            all,
            diagnosis,
            phase,
            range,
            token,
            blanked,
            others,
            newer,
        })
    }

    /// The case for a compiler that knows the language up to a version.
    pub fn with_version(mut self, knows: Option<newer::Version>) -> Case<'a> {
        let used = |knows| newer::at(self.lexed(), self.token, &self.message.text, knows);
        self.newer = knows.and_then(used);
        self
    }

    /// The case in a program of which parts with these names are blanked out.
    pub fn with_blanked(mut self, names: Arc<HashSet<String>>) -> Case<'a> {
        self.blanked = names;
        self
    }

    /// The case with the other files of the program.
    pub fn with_others(mut self, others: Vec<Arc<Text>>) -> Case<'a> {
        self.others = others;
        self
    }

    fn lexed(&self) -> &Lexed {
        &self.text.lexed
    }

    fn file(&self) -> &str {
        self.text.lexed.source.name()
    }

    fn language(&self) -> &'static Language {
        self.text.lexed.language
    }

    /// What is written here for a word of another language: between two values, a word for "not" is a
    /// comparison (`tide not null`).
    fn written_here(&self, token: usize, here: &'static str) -> &'static str {
        let lexed = self.lexed();
        let before = token.checked_sub(1).filter(|_| !lexed.code[token].first);
        let value = before.is_some_and(|before| {
            matches!(
                lexed.kind(before),
                Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Close)
            )
        });
        // `in range` has the second word already.
        if let Some((mark, word)) = here.split_once(' ')
            && lexed.is(token + 1, word)
        {
            return mark;
        }
        // What is brought in whole needs nothing in front of it.
        if let Some((space, bare)) = here.split_once("::")
            && (2..self.token).any(|at| {
                lexed.is(at, space) && lexed.before(at) == "namespace" && lexed.is(at - 2, "using")
            })
        {
            return bare;
        }
        if self.language().is_type(here) && self.gives_nothing(token) {
            return "void";
        }
        // A text that is an array of letters has no mark of a pointer.
        if let Some(letter) = here.strip_suffix(" *").filter(|_| lexed.is(token + 2, "[")) {
            return letter;
        }
        let operators = self.language().operators;
        let unequal = ["!==", "!="].into_iter().find(|mark| operators.contains(mark));
        unequal.filter(|_| value && here == "!").unwrap_or(here)
    }

    /// Whether a word stands for the result of a function that gives nothing back.
    fn gives_nothing(&self, token: usize) -> bool {
        let (lexed, pairs) = (self.lexed(), &self.text.pairs);
        let behind = lexed.before(token) == ":" && token > 1 && lexed.is(token - 2, ")");
        let block = match () {
            () if behind => Some(token + 1),
            () if lexed.language.type_first && lexed.is(token + 2, "(") => {
                pairs.partner_of(token + 2).map(|close| close + 1)
            }
            () => None,
        };
        let Some(open) = block.filter(|at| lexed.is(*at, "{")) else { return false };
        let Some(close) = pairs.partner_of(open) else { return false };
        lexed.language.types.contains(&"void")
            && !(open..close).any(|at| {
                lexed.is(at, "return")
                    && !matches!(lexed.word(at + 1), ";" | "}")
                    && !lexed.code[at + 1].first
            })
    }

    /// The odd brackets that the message may come of. A compiler reads forwards: what opens behind the
    /// reported place did not stop it there, nor did a bracket of a later statement.
    fn odd(&self) -> impl Iterator<Item = &OddBracket> {
        let lexed = self.lexed();
        let reported = self.message.line().unwrap_or(lexed.code[self.token].line);
        self.text.pairs.odd.iter().filter(move |odd| {
            let opened_before = odd.odd == Odd::Unopened && lexed.closes_block(odd.token);
            odd.token <= self.token
                || lexed.code[odd.token].line <= reported + 1
                || opened_before
                || self.message.at.is_none()
        })
    }

    /// Whether an entry that the message may show asks for a family of fixes.
    fn asks(&self, recipe: Recipe) -> bool {
        self.diagnosis.asks(recipe)
    }

    /// What a hole of a pattern held; a type under the name that programs write.
    fn word(&self, hole: &str) -> Option<&str> {
        let held = self.diagnosis.capture(hole)?;
        if !matches!(hole, "from" | "to" | "found" | "expected") {
            return Some(held);
        }
        let end = self.language().message_types_end;
        let bare = end.and_then(|end| held.split(end).next()).unwrap_or(held);
        Some(self.language().written(bare))
    }

    fn insert(&self, at: usize, text: impl Into<String>) -> Edit {
        Edit::insert(self.file(), at, text)
    }

    fn replace_token(&self, token: usize, text: impl Into<String>) -> Edit {
        let token = self.lexed().code[token];
        Edit::replace(self.file(), token.start, token.end, text)
    }

    /// Takes a token out, with the blank before it if it stands between blanks.
    fn delete_token(&self, index: usize) -> Edit {
        let token = self.lexed().code[index];
        let bytes = self.lexed().source.bytes();
        let blank = |at: usize| bytes.get(at).is_none_or(u8::is_ascii_whitespace);
        let line = self.lexed().source.line_start(token.line);
        let alone = token.first && self.lexed().code.get(index + 1).is_none_or(|next| next.first);
        if alone
            && self.lexed().source.line_bytes(token.line).trim_ascii()
                == &bytes[token.start..token.end]
        {
            let next = self.lexed().source.line_start(token.line + 1);
            return Edit::delete(self.file(), line, next);
        }
        if token.start > line && !token.first && bytes[token.start - 1] == b' ' && blank(token.end)
        {
            return Edit::delete(self.file(), token.start - 1, token.end);
        }
        if blank(token.end) && token.first && bytes.get(token.end) == Some(&b' ') {
            return Edit::delete(self.file(), token.start, token.end + 1);
        }
        Edit::delete(self.file(), token.start, token.end)
    }

    /// The end of the code token before this one, or the start of the text.
    fn end_before(&self, index: usize) -> usize {
        match index.checked_sub(1).and_then(|before| self.lexed().code.get(before)) {
            Some(before) => before.end,
            None => self.lexed().source.text_start(),
        }
    }

    /// The first code token of the statement a token stands in.
    pub(crate) fn statement_start(&self, token: usize) -> usize {
        let mut at = token;
        while at > 0 && !self.lexed().divides(at - 1) && !self.starts_line(at) {
            at -= 1;
        }
        at
    }

    /// The token that ends the statement a token stands in.
    pub(crate) fn statement_end(&self, token: usize) -> usize {
        let last = self.lexed().code.len() - 1;
        let mut at = token;
        let lexed = self.lexed();
        // Where lines end statements, the last one of a block has nothing of its own at its end.
        let over = |at: usize| {
            self.starts_line(at) || (lexed.language.line_ends && lexed.closes_block(at))
        };
        while at < last && !lexed.divides(at) && !over(at + 1) {
            at += 1;
        }
        at
    }

    /// Whether a statement starts with this token because a line does.
    fn starts_line(&self, token: usize) -> bool {
        let inside = self.text.pairs.inside_of(token);
        self.lexed().starts_line(token) && inside.is_none_or(|open| self.lexed().opens_block(open))
    }

    /// What ends a statement here: nothing where lines do, unless this learner writes it.
    fn terminator(&self) -> &'static str {
        let language = self.language();
        if !language.line_ends {
            return language.terminator;
        }
        let lexed = self.lexed();
        let written = lexed
            .code
            .windows(2)
            .any(|two| two[1].first && lexed.text(&two[0]) == language.terminator);
        if written { language.terminator } else { "" }
    }
}

/// What the families propose for a message.
pub struct Proposed {
    /// Everything worth trying, the likeliest first, each change once.
    pub candidates: Vec<Candidate>,
    /// The names of the families that failed, and are left out.
    pub failed: Vec<&'static str>,
}

/// Asks every family what it would try for a message.
pub fn propose(case: &Case) -> Proposed {
    let (mut all, mut failed) = (Vec::new(), Vec::new());
    // What is wrong within a text is code: nothing around the text mends it.
    let within = inside_text(case);
    for family in FAMILIES {
        if family.phases.contain(case.phase) && (family.within_text || !within) {
            match guard::proposed(family, case) {
                Some(more) => all.extend(more),
                None => failed.push(family.id),
            }
        }
    }
    // What the compiler is too old for is no slip: only the older way to say it is meant.
    if case.newer.is_some() {
        all.retain(|candidate| candidate.mistake == MistakeId::NewerForm);
    }
    let candidates = if within { ranked(all) } else { weighed(case, all) };
    Proposed { candidates, failed }
}

/// Drops what only silences the compiler, and ranks the rest with what it does to the brackets.
fn weighed(case: &Case, mut all: Vec<Candidate>) -> Vec<Candidate> {
    all.retain(|candidate| changes(case, candidate) && !silences(case, candidate));
    all.retain(|candidate| !is_unread(case, candidate));
    if case.phase > Phase::Syntax {
        all.iter_mut().for_each(|candidate| brought_in::complete(case, candidate));
    }
    if case.language().any_case {
        all.iter_mut().for_each(|candidate| respelt(case, candidate));
    }
    let mut all = ranked(all);
    let broken = all.iter_mut().take(LOOKED_AT).filter(|one| structure::breaks_pairs(case, one));
    broken.for_each(|candidate| candidate.score += weights::BREAKS_PAIRS);
    all.sort_by(|a, b| b.score.total().total_cmp(&a.score.total()));
    all
}

/// Whether a change leaves another text: of several usual types, one may be the one that stands there.
fn changes(case: &Case, candidate: &Candidate) -> bool {
    let text = |edit: &Edit| {
        let file = case.program.file(&edit.file)?;
        file.bytes().get(edit.start..edit.end)
    };
    let same = |edit: &Edit| text(edit) == Some(edit.text.as_bytes());
    !candidate.then.is_empty() || candidate.edits.is_empty() || !candidate.edits.iter().all(same)
}

/// Whether a change lies wholly behind the place at which a parser stopped: it had read no further. What is
/// open may be told of where it starts.
fn is_unread(case: &Case, candidate: &Candidate) -> bool {
    let said = &case.message.text;
    // And what is not called is told of where it starts.
    let opened = ["unterminated", "unclosed", "to match", "must be function call"];
    let opened = opened.iter().any(|word| said.contains(word));
    let Some(at) = case.message.at.as_ref().filter(|_| case.phase == Phase::Syntax && !opened)
    else {
        return false;
    };
    let source = &case.lexed().source;
    let reported = at.end_line.max(case.lexed().code[case.token].line);
    let mut edits = candidate.edits.iter().peekable();
    edits.peek().is_some()
        && edits.all(|edit| edit.file == case.file() && source.line_of(edit.start) > reported + 1)
}

/// How many of the likeliest changes are read again with their brackets.
const LOOKED_AT: usize = 60;

/// Whether a message points at code within a text that may hold some: `s"${tide.hihg}"`.
fn inside_text(case: &Case) -> bool {
    let token = case.lexed().code[case.token];
    let holds_code = !case.lexed().text(&token).starts_with(['"', '\'']);
    token.kind == TokenKind::Str && token.closed && holds_code && case.range.0 > token.start
}

/// The likeliest first, each change once.
fn ranked(mut all: Vec<Candidate>) -> Vec<Candidate> {
    all.sort_by(|a, b| b.score.total().total_cmp(&a.score.total()));
    let mut seen = HashSet::new();
    all.retain(|candidate| {
        let mut sets: Vec<Vec<Edit>> = candidate.sets().into_iter().map(<[Edit]>::to_vec).collect();
        sets.iter_mut().for_each(|edits| edits.sort());
        seen.insert(sets)
    });
    all
}

/// Where case means nothing, a name is still written as this learner declared it, here or in another file.
fn respelt(case: &Case, candidate: &mut Candidate) {
    for edit in &mut candidate.edits {
        let name = edit.text.to_ascii_lowercase();
        let own = std::iter::once(&case.text).chain(&case.others).find_map(|text| {
            let declared = text.names.of(&name).map(|d| d.token);
            let seen = text.names.seen.get(&name).and_then(|seen| seen.first().copied());
            let token = declared.chain(seen).next()?;
            Some(text.lexed.text(&text.lexed.code[token]).to_owned())
        });
        let usual = case.language().spelling.iter().find(|usual| usual.eq_ignore_ascii_case(&name));
        if let Some(own) = own {
            edit.text = own;
        } else if let Some(usual) = usual {
            edit.text = (*usual).to_owned();
        }
    }
}

/// What to try for a text in which nothing but comments is left.
pub fn candidates_without_code(text: &Text) -> Vec<Candidate> {
    let mut all = Vec::new();
    quotes::open_comments(&text.lexed, &mut all);
    all.sort_by(|a, b| b.score.total().total_cmp(&a.score.total()));
    all
}

/// What to try for an odd bracket alone, with no message at hand.
pub(crate) fn for_odd_bracket(text: &Arc<Text>, odd: &OddBracket) -> Vec<Candidate> {
    let at = text.lexed.code.get(odd.token).map_or(0, |token| token.start);
    without_message(text, at, |case, all| brackets::one(case, odd, all))
}

/// What to try for a text that is left open, with no message at hand.
pub(crate) fn for_open_text(text: &Arc<Text>) -> Vec<Candidate> {
    let open = text.lexed.code.iter().find(|token| !token.closed);
    without_message(text, open.map_or(0, |token| token.start), quotes::open_strings)
}

/// The candidates of one source for a place that no message points at, the likeliest first.
fn without_message(
    text: &Arc<Text>,
    at: usize,
    source: impl Fn(&Case, &mut Vec<Candidate>),
) -> Vec<Candidate> {
    let program = Program::single(text.lexed.source.clone());
    let mut message = Message::new(crate::message::Severity::Error, "");
    message.at = Some(crate::message::Place::of(&text.lexed.source, at, at));
    let diagnosis = Diagnosis { phase: Phase::Syntax, ..Diagnosis::default() };
    let mut all = Vec::new();
    if let Some(case) = Case::new(&program, text.clone(), &message, &[], &diagnosis) {
        source(&case, &mut all);
    }
    all.sort_by(|a, b| b.score.total().total_cmp(&a.score.total()));
    all
}

/// Whether a change hides code from the compiler instead of mending it: a comment mark may only go
/// before what was meant as a comment, and that is proposed by name.
fn silences(case: &Case, candidate: &Candidate) -> bool {
    let language = case.language();
    // What switches on a part of the language looks like a comment, and is none.
    !matches!(candidate.mistake, MistakeId::TextAsCode | MistakeId::NeedsVersion)
        && candidate.edits.iter().any(|edit| {
            let line = language.line_comments.iter().any(|mark| edit.text.contains(mark));
            let block = language.block_comments.iter().any(|(open, _)| edit.text.contains(open));
            line || block
        })
}
