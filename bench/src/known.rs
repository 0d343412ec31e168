//! `known`: how many messages Erratum has words of its own for: of those that planted mistakes give,
//! or of a list.

use crate::Picked;
use crate::sample::{Sample, Start};
use clap::Args;
use erratum_catalogue::Catalogue;
use erratum_repair::diagnose::Diagnoser;
use erratum_repair::message::{Message, Severity};
use erratum_repair::plant::{KINDS, plant};
use erratum_repair::search::{Compile, SeverityPolicy};
use erratum_syntax::language::Language;
use std::collections::BTreeMap;
use std::error::Error;
use std::fs;
use std::path::PathBuf;

#[derive(Args)]
pub struct Options {
    #[command(flatten)]
    picked: Picked,
    /// A list instead: one message to a line, after its code and a tab if it has one
    #[arg(long, requires = "compiler")]
    list: Option<PathBuf>,
    /// Whose messages the list holds
    #[arg(long)]
    compiler: Option<String>,
    /// Print the messages that are not known
    #[arg(long)]
    unknown: bool,
}

#[derive(Default)]
struct Count {
    messages: usize,
    own: usize,
    form: usize,
    unknown: BTreeMap<String, usize>,
}

impl Count {
    fn add(&mut self, message: &Message, compiler: &str) {
        self.messages += 1;
        let code = message.code.as_deref().unwrap_or("");
        let catalogue = Catalogue::shipped();
        let diagnoser = Diagnoser::new(&catalogue, compiler);
        let known = !diagnoser.diagnose(message).matches.is_empty();
        if known || diagnoser.worded_by(message).is_some() {
            self.own += 1;
            return;
        }
        self.form += usize::from(catalogue.shape_of(&message.text).is_some());
        *self.unknown.entry(format!("{code}\t{}", message.text)).or_default() += 1;
    }

    fn show(&self, name: &str, options: &Options) {
        let share = |part: usize| 100.0 * part as f64 / self.messages.max(1) as f64;
        println!(
            "{name:<12} {:>6} messages, {:>5.1} % known, {:>5.1} % by their form, {} not at all",
            self.messages,
            share(self.own),
            share(self.form),
            self.messages - self.own - self.form
        );
        if options.unknown {
            let mut all: Vec<_> = self.unknown.iter().collect();
            all.sort_by_key(|(_, count)| std::cmp::Reverse(**count));
            for (text, count) in all {
                println!("{count:>6}  {text}");
            }
        }
    }
}

pub fn run(options: &Options) -> Result<(), Box<dyn Error>> {
    if let (Some(path), Some(compiler)) = (&options.list, &options.compiler) {
        let mut count = Count::default();
        for line in fs::read_to_string(path)?.lines().filter(|line| !line.trim().is_empty()) {
            let (code, text) = line.split_once('\t').unwrap_or(("", line));
            let mut message = Message::new(Severity::Error, text);
            message.code = (!code.is_empty()).then(|| code.to_owned());
            count.add(&message, compiler);
        }
        count.show(compiler, options);
        return Ok(());
    }
    for language in options.picked.languages() {
        planted(language, options)?;
    }
    Ok(())
}

fn planted(language: &'static Language, options: &Options) -> Result<(), Box<dyn Error>> {
    let mut count = Count::default();
    let policy = SeverityPolicy::usual(language);
    let warm = Start { warm: true, cache: None };
    let mut before: Option<Sample> = None;
    for (seed, path) in options.picked.programs(language)? {
        let mut sample = Sample::new(&path, language, warm.clone(), before.take())?;
        for slip in KINDS.iter().filter(|slip| slip.fits(language)) {
            let Some(planted) = plant(&sample.source, language, slip, seed) else { continue };
            let mut session = sample.session(&planted.source)?;
            sample.lend(&mut session, false);
            let report = session.first().unwrap_or_default();
            for message in report.messages.iter().filter(|message| policy.counts(message)) {
                count.add(message, session.compiler());
            }
            sample.lend(&mut session, true);
        }
        before = Some(sample);
    }
    count.show(language.id, options);
    Ok(())
}
