//! What a message says, laid out for a reader: its point, what was expected and what was found, and
//! the declarations it is about.

mod clash;
mod declared;
mod point;
pub mod types;

pub use clash::{Clash, Side};
pub use declared::{Declaration, Members};
pub use point::{LINE, LINES, Point, point};

use crate::diagnose::Diagnoser;
use crate::fixes::Case;
use crate::message::{Message, Place};
use erratum_syntax::language::Language;
use serde::Serialize;

/// What a message says, laid out.
#[derive(Clone, Debug, Default, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Explained {
    /// The decisive lines of a message that is long; empty if it is short.
    pub point: Vec<Point>,
    /// The type that was expected and the one that was found.
    pub clash: Option<Clash>,
    /// Declarations of the learner's that the message is about.
    pub declared: Vec<Declaration>,
    /// What the type has, where a member is wrong.
    pub members: Option<Members>,
}

impl Explained {
    /// Whether a value is wanted where one stands that may be missing: `int` and `Optional<Integer>`.
    pub(crate) fn may_be_missing(&self, language: &Language) -> bool {
        let clash = self.clash.as_ref().zip(language.perhaps);
        clash.is_some_and(|(clash, perhaps)| {
            perhaps.missing(&clash.found.text, &clash.expected.text).is_some()
        })
    }

    /// Every place it speaks of.
    pub fn places_mut(&mut self) -> impl Iterator<Item = &mut Place> {
        let sides = self.clash.iter_mut().flat_map(|clash| [&mut clash.expected, &mut clash.found]);
        let sides = sides.filter_map(|side| side.at.as_mut());
        let declared = self.declared.iter_mut().map(|declaration| &mut declaration.at);
        let points = self.point.iter_mut().filter_map(|point| point.at.as_mut());
        sides.chain(declared).chain(points)
    }
}

/// Lays a message out. The program's text helps where it is at hand.
pub fn explain(message: &Message, diagnoser: &Diagnoser, case: Option<&Case>) -> Explained {
    let clash = clash::clash(message, diagnoser, case);
    let (declared, members) = case.map_or_else(Default::default, |case| {
        (declared::declared(case, clash.as_ref()), declared::members(case))
    });
    Explained { point: point(message, &diagnoser.compiler), clash, declared, members }
}
