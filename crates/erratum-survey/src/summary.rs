//! What a class has in common, from the records alone.

use crate::record::{Mistake, Record, State};
use erratum_catalogue::Phase;
use serde::Serialize;
use std::collections::{BTreeMap, BTreeSet};

/// With so many mistakes somebody is stuck.
const MANY: usize = 5;

/// What a class has in common.
#[derive(Clone, Debug, Default, PartialEq, Serialize)]
pub struct Summary {
    /// How many hand-ins there are, …
    pub hand_ins: usize,
    /// … how many of them compile, …
    pub compile: usize,
    /// … and how many could not be looked at, with the reason.
    pub failed: Vec<(String, String)>,
    /// The kinds, by how many learners made them.
    pub kinds: Vec<Common>,
    /// The same mistake in the same line of several learners, the commonest first.
    pub same: Vec<Same>,
    /// Who is stuck.
    pub stuck: Vec<Stuck>,
}

/// A kind of mistake in a class.
#[derive(Clone, Debug, PartialEq, Serialize)]
pub struct Common {
    /// The kind: an entry of the catalogue.
    pub mistake: String,
    /// Who made it.
    pub learners: Vec<String>,
    /// How often it was made.
    pub made: usize,
    /// One that shows it: the shortest line that is more than a mark.
    pub example: Mistake,
}

/// One mistake that several made.
#[derive(Clone, Debug, PartialEq, Serialize)]
pub struct Same {
    /// Who made it.
    pub learners: Vec<String>,
    /// What it is, as the first of them made it.
    pub example: Mistake,
}

/// Somebody who is far from compiling.
#[derive(Clone, Debug, PartialEq, Serialize)]
pub struct Stuck {
    /// Who.
    pub learner: String,
    /// How many mistakes are to be mended.
    pub mistakes: usize,
    /// How many of the compiler's phases have some.
    pub phases: usize,
    /// Kinds that nobody else made.
    pub alone: Vec<String>,
}

impl Summary {
    /// Makes it; the order of the records does not matter.
    pub fn of(records: &[Record]) -> Summary {
        let mut records: Vec<&Record> = records.iter().collect();
        records.sort_by(|a, b| (&a.learner, &a.language).cmp(&(&b.learner, &b.language)));
        let count = |state: State| records.iter().filter(|one| one.state == state).count();
        let failed =
            records.iter().filter_map(|one| Some((one.learner.clone(), one.failed.clone()?)));
        let kinds = kinds(&records);
        Summary {
            hand_ins: records.len(),
            compile: count(State::Compiles),
            failed: failed.collect(),
            same: same(&records),
            stuck: stuck(&records, &kinds),
            kinds,
        }
    }
}

fn kinds(records: &[&Record]) -> Vec<Common> {
    let mut kinds: BTreeMap<&str, (BTreeSet<&str>, Vec<&Mistake>)> = BTreeMap::new();
    for record in records {
        for mistake in &record.mistakes {
            let kind = kinds.entry(&mistake.mistake).or_default();
            kind.0.insert(&record.learner);
            kind.1.push(mistake);
        }
    }
    let mut kinds: Vec<Common> = kinds
        .into_iter()
        .filter_map(|(id, (learners, made))| {
            // A bracket by itself shows nothing.
            let example = made.iter().min_by_key(|one| (one.text.len() < 10, one.text.len()))?;
            Some(Common {
                mistake: id.to_owned(),
                learners: learners.into_iter().map(str::to_owned).collect(),
                made: made.len(),
                example: (*example).clone(),
            })
        })
        .collect();
    kinds.sort_by(|a, b| {
        (b.learners.len(), b.made).cmp(&(a.learners.len(), a.made)).then(a.mistake.cmp(&b.mistake))
    });
    kinds
}

/// Lines are the same if they differ in blanks only.
fn same(records: &[&Record]) -> Vec<Same> {
    let mut lines: BTreeMap<(&str, &str, String), (BTreeSet<&str>, &Mistake)> = BTreeMap::new();
    for record in records {
        for mistake in record.mistakes.iter().filter(|one| !one.text.is_empty()) {
            let text: String = mistake.text.split_whitespace().collect();
            let key = (record.language.as_str(), mistake.mistake.as_str(), text);
            lines.entry(key).or_insert((BTreeSet::new(), mistake)).0.insert(&record.learner);
        }
    }
    let several = lines.into_values().filter(|(learners, _)| learners.len() > 1);
    let mut same: Vec<Same> = several
        .map(|(learners, example)| Same {
            learners: learners.into_iter().map(str::to_owned).collect(),
            example: example.clone(),
        })
        .collect();
    same.sort_by(|a, b| {
        b.learners.len().cmp(&a.learners.len()).then(a.example.text.cmp(&b.example.text))
    });
    same
}

fn stuck(records: &[&Record], kinds: &[Common]) -> Vec<Stuck> {
    let alone = |learner: &str| -> Vec<String> {
        let own = kinds.iter().filter(|kind| kind.learners == [learner]);
        own.map(|kind| kind.mistake.clone()).collect()
    };
    let mut stuck: Vec<Stuck> = records
        .iter()
        .filter(|record| record.state == State::Wrong)
        .map(|record| {
            let phases: BTreeSet<Phase> = record.mistakes.iter().map(|one| one.area).collect();
            Stuck {
                learner: record.learner.clone(),
                mistakes: record.mistakes.len(),
                phases: phases.len(),
                alone: alone(&record.learner),
            }
        })
        .filter(|one| one.mistakes >= MANY || one.phases > 2)
        .collect();
    stuck.sort_by(|a, b| b.mistakes.cmp(&a.mistakes).then(a.learner.cmp(&b.learner)));
    stuck
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::record::SCHEMA;

    fn mistake(kind: &str, line: u32, text: &str, area: Phase) -> Mistake {
        Mistake {
            mistake: kind.to_owned(),
            area,
            title: format!("{kind} on line {line}"),
            file: "ferry.c".to_owned(),
            line,
            text: text.to_owned(),
            hidden: false,
            fix: None,
        }
    }

    fn record(learner: &str, mistakes: Vec<Mistake>) -> Record {
        let state = if mistakes.is_empty() { State::Compiles } else { State::Wrong };
        Record {
            schema: SCHEMA.to_owned(),
            learner: learner.to_owned(),
            language: "c".to_owned(),
            state,
            failed: None,
            mistakes,
            print: 0,
        }
    }

    #[test]
    fn what_several_made_is_put_together_whatever_the_order() {
        let fare = |line| mistake("misspelt-name", line, "total += fair * seats;", Phase::Name);
        let mut records = vec![
            record(
                "ada",
                vec![fare(4), mistake("missing-terminator", 9, "int n = 3", Phase::Syntax)],
            ),
            record("bo", vec![fare(14)]),
            record("cleo", Vec::new()),
        ];
        let summary = Summary::of(&records);
        assert_eq!((summary.hand_ins, summary.compile), (3, 1));
        assert_eq!(summary.kinds[0].mistake, "misspelt-name");
        assert_eq!(summary.kinds[0].learners, ["ada", "bo"]);
        assert_eq!(summary.same.len(), 1);
        assert_eq!(summary.same[0].learners, ["ada", "bo"]);
        records.reverse();
        assert_eq!(Summary::of(&records), summary);
        assert!(summary.stuck.is_empty());
    }

    #[test]
    fn who_has_much_before_them_is_stuck() {
        let many: Vec<Mistake> =
            (1..7).map(|line| mistake("missing-bracket", line, "f(", Phase::Syntax)).collect();
        let deep = vec![
            mistake("missing-terminator", 1, "a", Phase::Syntax),
            mistake("misspelt-name", 2, "b", Phase::Name),
            mistake("wrong-type", 3, "c", Phase::Type),
        ];
        let one = mistake("missing-terminator", 1, "d", Phase::Syntax);
        let records = [record("ada", many), record("bo", deep), record("cleo", vec![one])];
        let stuck = Summary::of(&records).stuck;
        let names: Vec<(&str, usize, usize)> =
            stuck.iter().map(|one| (one.learner.as_str(), one.mistakes, one.phases)).collect();
        assert_eq!(names, [("ada", 6, 1), ("bo", 3, 3)]);
        assert_eq!(stuck[0].alone, ["missing-bracket"]);
        assert_eq!(stuck[1].alone, ["misspelt-name", "wrong-type"]);
    }
}
