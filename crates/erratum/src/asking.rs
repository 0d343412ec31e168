//! Asks about one mistake after the other, and looks again after each answer.

use crate::apply;
use crate::arguments::Mend;
use crate::failure::Failure;
use crate::show::{self, terminal};
use erratum_look::{Look, Plan, Session, advice};
use erratum_repair::fixes::Certainty;
use erratum_repair::search::Found;
use erratum_repair::verdict::{Fix, Root};
use erratum_syntax::edit;
use erratum_syntax::source::Program;
use std::io::Write;

/// What was answered about a mistake.
enum Answer {
    /// This reading, by its place among the choices.
    Take(usize),
    /// None of them.
    None,
    /// No more questions.
    Stop,
}

/// Asks until every mistake is answered (without `--all`, the first one), and returns what was
/// agreed to. Nothing is written.
///
/// # Errors
/// When the terminal cannot be written to.
pub fn walk(session: &mut Session, look: &Look, mend: &Mend) -> Result<Plan, Failure> {
    let mut walk = Walk { plan: Plan::nothing(&look.program), refused: Vec::new(), mend };
    let (verdict, mended) = (look.verdict.clone(), look.mended.clone());
    let mut found = Found { verdict, mended, withheld: Vec::new() };
    loop {
        match walk.ask(&found)? {
            Asked::Agreed(agreed) => walk.take(agreed),
            Asked::Refused if mend.all => continue,
            Asked::Refused | Asked::Nothing => break,
        }
        if !mend.all {
            return Ok(walk.plan);
        }
        found = match session.again(&walk.plan.after) {
            Ok(found) => found,
            Err(error) => {
                walk.say(&format!("It cannot be looked at again: {error}"))?;
                return Ok(walk.plan);
            }
        };
    }
    let left = if mend.all { usize::MAX } else { 1 };
    walk.plan.left = found.verdict.roots.iter().take(left).map(advice).collect();
    Ok(walk.plan)
}

/// What came of a question.
enum Asked {
    /// A change is wanted.
    Agreed(Plan),
    /// It is not.
    Refused,
    /// There is nothing more to ask, or no more is to be asked.
    Nothing,
}

struct Walk<'a> {
    plan: Plan,
    /// Mistakes about which no was said: the kind, and the text of the line.
    refused: Vec<(String, String)>,
    mend: &'a Mend,
}

impl Walk<'_> {
    /// Asks about everything that is sure at once, then about the first guess.
    fn ask(&mut self, found: &Found) -> Result<Asked, Failure> {
        let program = self.plan.after.clone();
        let roots = &found.verdict.roots;
        if !self.mend.all {
            return roots.first().map_or(Ok(Asked::Nothing), |root| self.ask_one(root, &program));
        }
        // Once one of them was refused, what is sure is asked one by one.
        if self.refused.is_empty() && roots.iter().filter(|root| sure(root)).count() > 1 {
            return self.ask_sure(found, &program);
        }
        let open = |root: &&Root| {
            !root.choices().is_empty() && !self.refused.contains(&key(root, &program))
        };
        match roots.iter().find(open) {
            Some(root) => self.ask_one(root, &program),
            None => Ok(Asked::Nothing),
        }
    }

    fn ask_sure(&mut self, found: &Found, program: &Program) -> Result<Asked, Failure> {
        let plan = Plan::sure(found, program);
        self.show(&plan.steps, program, &plan.after)?;
        let question = format!("These {} are sure. Make these changes?", plan.steps.len());
        if apply::confirmed(&question) {
            return Ok(Asked::Agreed(plan));
        }
        let refused = found.verdict.roots.iter().filter(|root| sure(root));
        self.refused.extend(refused.map(|root| key(root, program)));
        Ok(Asked::Refused)
    }

    fn ask_one(&mut self, root: &Root, program: &Program) -> Result<Asked, Failure> {
        let choices: Vec<(&Fix, Program)> = root
            .choices()
            .iter()
            .filter_map(|fix| Some((fix, edit::apply(program, &fix.bytes).ok()?)))
            .collect();
        let taken = match &choices[..] {
            [] => return Ok(Asked::Nothing),
            [(fix, after)] if sure(root) => {
                self.show(std::slice::from_ref(&fix.title), program, after)?;
                if apply::confirmed("Make this change?") { Answer::Take(0) } else { Answer::None }
            }
            several => self.choose(root, several, program)?,
        };
        let (fix, after) = match taken {
            Answer::Take(at) => &choices[at],
            Answer::None => {
                self.refused.push(key(root, program));
                return Ok(Asked::Refused);
            }
            Answer::Stop => return Ok(Asked::Nothing),
        };
        Ok(Asked::Agreed(Plan {
            after: after.clone(),
            steps: vec![fix.title.clone()],
            guesses: if fix.certainty == Certainty::Sure {
                vec![]
            } else {
                vec![fix.title.clone()]
            },
            left: vec![],
        }))
    }

    /// Shows the readings of a mistake with what each would change, and asks which is meant.
    fn choose(
        &self,
        root: &Root,
        choices: &[(&Fix, Program)],
        program: &Program,
    ) -> Result<Answer, Failure> {
        let mut out = show::out(self.mend.common.shown.page.color);
        let width = show::width(self.mend.common.shown.page.width);
        writeln!(out)?;
        let head = format!("Line {}: {}.", root.at.line, root.title);
        show::paragraph(&mut out, width, "", "", &head)?;
        for (at, (fix, after)) in choices.iter().enumerate() {
            writeln!(out)?;
            let number = if choices.len() == 1 { String::new() } else { format!("{}. ", at + 1) };
            let (first, rest) =
                (format!("  {number}"), if number.is_empty() { "  " } else { "     " });
            let effect = match fix.effect.keeps_meaning() {
                true => String::new(),
                false => format!(" It {}.", fix.effect.words()),
            };
            show::paragraph(&mut out, width, &first, rest, &format!("{}.{effect}", fix.title))?;
            terminal::changed_lines(&mut out, program, &apply::whole_edits(program, after), width)?;
        }
        writeln!(out)?;
        out.flush()?;
        let mut items: Vec<String> = match choices {
            [_] => vec!["Make this change".to_owned()],
            several => (1..=several.len()).map(|at| format!("{at}.")).collect(),
        };
        items.push(if choices.len() == 1 { "Leave it" } else { "None of them" }.to_owned());
        if self.mend.all {
            items.push("Ask no more".to_owned());
        }
        let asked = dialoguer::Select::new()
            .with_prompt(if choices.len() == 1 { "Is this meant" } else { "Which is meant" })
            .items(&items)
            .default(choices.len())
            .interact_opt();
        Ok(match asked {
            Ok(Some(at)) if at < choices.len() => Answer::Take(at),
            Ok(Some(at)) if at == choices.len() => Answer::None,
            _ => Answer::Stop,
        })
    }

    fn show(&self, steps: &[String], before: &Program, after: &Program) -> Result<(), Failure> {
        let mut out = show::out(self.mend.common.shown.page.color);
        let width = show::width(self.mend.common.shown.page.width);
        apply::show_steps(&mut out, steps, before, after, width)?;
        Ok(out.flush()?)
    }

    fn say(&self, text: &str) -> Result<(), Failure> {
        let mut out = show::out(self.mend.common.shown.page.color);
        let width = show::width(self.mend.common.shown.page.width);
        show::paragraph(&mut out, width, "", "", text)?;
        Ok(out.flush()?)
    }

    fn take(&mut self, agreed: Plan) {
        self.plan.after = agreed.after;
        self.plan.steps.extend(agreed.steps);
        self.plan.guesses.extend(agreed.guesses);
    }
}

/// Whether its first fix is sure.
fn sure(root: &Root) -> bool {
    root.fixes.first().is_some_and(|fix| fix.certainty == Certainty::Sure)
}

/// What tells a mistake from another when line numbers have moved.
fn key(root: &Root, program: &Program) -> (String, String) {
    let line = program.file(&root.at.file).map(|file| file.line_text(root.at.line).into_owned());
    (root.mistake.clone(), line.unwrap_or_default())
}
