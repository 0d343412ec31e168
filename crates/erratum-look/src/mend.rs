//! What a mend changes, decided before anything is written.

use crate::error::Error;
use crate::session::{Look, Session};
use erratum_repair::fixes::Certainty;
use erratum_repair::search::Found;
use erratum_repair::verdict::{Fix, Root, Verdict};
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::source::Program;

/// What is to be mended.
#[derive(Clone, Copy, Debug, Default)]
pub struct Mend {
    /// Every mistake; else the first.
    pub all: bool,
    /// Of the first mistake another fix than the likeliest, by its number from 1.
    pub pick: Option<usize>,
    /// Whether fixes that are a guess are taken, too.
    pub guesses: bool,
}

/// What is to be done, and what of it is a guess.
#[derive(Clone, Debug)]
pub struct Plan {
    /// The program afterwards.
    pub after: Program,
    /// What is done, in words, with the line it is about.
    pub steps: Vec<String>,
    /// Those steps that are guesses.
    pub guesses: Vec<String>,
    /// Mistakes that stay, each with its advice.
    pub left: Vec<String>,
}

impl Plan {
    /// Leaves a program as it is.
    pub fn nothing(program: &Program) -> Plan {
        Plan { after: program.clone(), steps: vec![], guesses: vec![], left: vec![] }
    }

    /// Takes the first fix of each mistake that is sure, and lists the others.
    pub fn sure(found: &Found, program: &Program) -> Plan {
        all(&found.verdict, program, &found.mended, false)
    }
}

impl Session {
    /// Plans a change of what was looked at. The budget of the look holds for all of it: where that ended the
    /// search, what is found until then is mended.
    ///
    /// # Errors
    /// When there is no such fix.
    pub fn mend(&self, look: &Look, mend: Mend) -> Result<Plan, Error> {
        match mend.all {
            true => Ok(all(&look.verdict, &look.program, &look.mended, mend.guesses)),
            false => first(look, mend),
        }
    }
}

/// The first mistake's fix.
fn first(look: &Look, mend: Mend) -> Result<Plan, Error> {
    let mut plan = Plan::nothing(&look.program);
    let Some(root) = look.verdict.roots.first() else { return Ok(plan) };
    let wanted = mend.pick.unwrap_or(1);
    let fits = |fix: &&Fix| fix.id == wanted && (mend.guesses || fix.certainty == Certainty::Sure);
    // What is only possible is taken if it is picked.
    let picked = if mend.pick.is_some() { root.choices() } else { &root.fixes };
    let Some(fix) = picked.iter().find(fits) else {
        if let Some(pick) = mend.pick {
            return Err(Error::NoSuchFix { pick, fixes: root.choices().len() });
        }
        plan.left.push(advice(root));
        return Ok(plan);
    };
    plan.after = edit::apply(&look.program, &fix.bytes)
        .map_err(|error| Error::Unfit { reason: error.to_string() })?;
    plan.steps.push(fix.title.clone());
    if fix.certainty == Certainty::Guess {
        plan.guesses.push(fix.title.clone());
    }
    Ok(plan)
}

/// The first fix of each mistake.
fn all(verdict: &Verdict, program: &Program, mended: &Program, guesses: bool) -> Plan {
    let wanted = |fix: &&Fix| guesses || fix.certainty == Certainty::Sure;
    let mut plan = Plan::nothing(program);
    // What waits behind a guess is mended there, too.
    let complete = verdict.mended
        && verdict.roots.iter().all(|root| root.fixes.first().filter(wanted).is_some());
    let mut edits: Vec<Edit> = Vec::new();
    for root in &verdict.roots {
        let Some(fix) = root.fixes.first().filter(wanted) else {
            plan.left.push(advice(root));
            continue;
        };
        let mut more = edits.clone();
        more.extend(fix.bytes.iter().cloned());
        if !complete && edit::apply(program, &more).is_err() {
            plan.left.push(format!(
                "line {}: {} (it touches another change; run the command again)",
                root.at.line, root.title
            ));
            continue;
        }
        edits = more;
        plan.steps.push(fix.title.clone());
        if fix.certainty == Certainty::Guess {
            plan.guesses.push(fix.title.clone());
        }
    }
    plan.after = if complete {
        mended.clone()
    } else {
        edit::apply(program, &edits).unwrap_or_else(|_| program.clone())
    };
    plan
}

/// Says what is left to do about a mistake: what its fixes would do, if they are guesses.
pub fn advice(root: &Root) -> String {
    let (line, title) = (root.at.line, &root.title);
    let fixes: Vec<String> = root
        .choices()
        .iter()
        .map(|fix| match fix.effect.keeps_meaning() {
            true => fix.title.clone(),
            false => format!("{} (it {})", fix.title, fix.effect.words()),
        })
        .collect();
    let numbered = |fixes: &[String]| {
        let each = fixes.iter().enumerate().map(|(at, fix)| format!("{}. {fix}", at + 1));
        each.collect::<Vec<_>>().join("; or ")
    };
    match &fixes[..] {
        [] => format!("line {line}: {title}. {}", root.advice),
        [one] if root.fixes.is_empty() => format!("line {line}: {title}. Perhaps: {one}?"),
        [one] => format!("line {line}: {title}. A guess: {one}?"),
        several => format!("line {line}: {title}. One of these? {}", numbered(several)),
    }
}
