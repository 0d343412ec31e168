//! `everyday`: mistakes that beginners make every day, one at a time, in sound programs.
//!
//! `bench/everyday/LANGUAGE/HOST.EXT` is a sound program, and `HOST.txt` beside it lists mistakes in it:
//! a line `# what | word | word`, with words that the title must have, then the part of the host that is
//! mistaken, marked as the programs of `bench/written` are. `HOST.held.txt` lists the twins: the same
//! mistakes in another shape, whose failures are not read.

use crate::written::Marked;
use clap::Args;
use erratum_catalogue::Catalogue;
use erratum_repair::fixes::Certainty;
use erratum_repair::search::{self, Search};
use erratum_repair::verdict::{Root, Verdict};
use erratum_syntax::language::{LANGUAGES, Language};
use erratum_syntax::source::Program;
use std::error::Error;
use std::fs;
use std::path::{Path, PathBuf};

#[derive(Args)]
pub struct Options {
    /// Only this language
    #[arg(long)]
    language: Option<String>,
    /// The twins, whose failures are not read
    #[arg(long)]
    held_back: bool,
    /// Compiles that a search may take
    #[arg(long, value_name = "N", default_value_t = 60)]
    compiles: usize,
    /// Print what came out of each mistake that is not mended
    #[arg(long)]
    wrong: bool,
    /// Only mistakes whose description contains this
    #[arg(long)]
    only: Option<String>,
    /// Only compile: the hosts must, and with each mistake they must not
    #[arg(long)]
    check: bool,
}

/// A mistake in its host.
struct Everyday {
    what: String,
    /// Words that the title of its root has.
    words: Vec<String>,
    program: Marked,
    host: PathBuf,
}

/// What came out, in counts.
#[derive(Default)]
struct Counts {
    mistakes: usize,
    /// The first root stands on the line of the mistake.
    place: usize,
    /// The first fix, or one of the readings that are offered without one, is fair.
    fair: usize,
    fixes: usize,
    wrong: usize,
    wrong_sure: usize,
    /// The title has the words.
    titled: usize,
    /// Further roots.
    more: usize,
}

impl Counts {
    fn add(&mut self, other: &Counts) {
        for (own, more) in [
            (&mut self.mistakes, other.mistakes),
            (&mut self.place, other.place),
            (&mut self.fair, other.fair),
            (&mut self.fixes, other.fixes),
            (&mut self.wrong, other.wrong),
            (&mut self.wrong_sure, other.wrong_sure),
            (&mut self.titled, other.titled),
            (&mut self.more, other.more),
        ] {
            *own += more;
        }
    }

    fn row(&self, name: &str) -> String {
        format!(
            "{name:<12} {:>8} {:>6} {:>6} {:>6} {:>6} {:>10} {:>6} {:>10}",
            self.mistakes,
            self.place,
            self.fair,
            self.fixes,
            self.wrong,
            self.wrong_sure,
            self.titled,
            self.more
        )
    }
}

pub fn run(options: &Options) -> Result<(), Box<dyn Error>> {
    println!(
        "{:<12} {:>8} {:>6} {:>6} {:>6} {:>6} {:>10} {:>6} {:>10}",
        "", "mistakes", "place", "fair", "fixes", "wrong", "wrong+sure", "title", "more roots"
    );
    let mut all = Counts::default();
    for language in LANGUAGES {
        let wanted = options.language.as_deref().is_none_or(|wanted| wanted == language.id);
        let mut counts = Counts::default();
        for one in if wanted { mistakes(language, options.held_back)? } else { Vec::new() } {
            if options.only.as_ref().is_some_and(|part| !one.what.contains(part.as_str())) {
                continue;
            }
            if options.check {
                crate::written::check(&one.program, language, &one.host)?;
            } else {
                counts.add(&look(&one, language, options)?);
            }
        }
        if counts.mistakes > 0 {
            println!("{}", counts.row(language.id));
        }
        all.add(&counts);
    }
    println!("{}", all.row("all"));
    Ok(())
}

/// The mistakes of a language, by their hosts in order.
fn mistakes(language: &'static Language, held_back: bool) -> Result<Vec<Everyday>, Box<dyn Error>> {
    let folder = Path::new(env!("CARGO_MANIFEST_DIR")).join("everyday").join(language.id);
    let mut all = Vec::new();
    if !folder.is_dir() {
        return Ok(all);
    }
    let mut hosts: Vec<PathBuf> =
        fs::read_dir(folder)?.flatten().map(|entry| entry.path()).collect();
    hosts.retain(|path| path.extension().is_some_and(|ending| ending != "txt"));
    hosts.sort();
    for host in hosts {
        let list = host.with_extension(if held_back { "held.txt" } else { "txt" });
        if list.is_file() {
            all.extend(listed(&fs::read_to_string(list)?, &host, language)?);
        }
    }
    Ok(all)
}

/// Reads a list of mistakes in a host.
fn listed(
    list: &str,
    host: &Path,
    language: &'static Language,
) -> Result<Vec<Everyday>, Box<dyn Error>> {
    let sound = fs::read_to_string(host)?;
    let name = host.file_name().map(|name| name.to_string_lossy().into_owned()).unwrap_or_default();
    // A host may have the mark within a line, too: an entry starts where a line does.
    let list = format!("\n{list}");
    list.split("\n# ")
        .skip(1)
        .map(|entry| {
            let (head, part) = entry.split_once('\n').ok_or_else(|| format!("{name}: {entry}"))?;
            let mut words = head.split('|').map(|word| word.trim().to_owned());
            let what = words.next().unwrap_or_default();
            let part = part.trim_matches('\n');
            let meant = Marked::read(&name, part, language)?.sound();
            let meant = String::from_utf8_lossy(meant.bytes()).into_owned();
            if sound.matches(&meant).count() != 1 {
                return Err(format!("{name}: {what}: the host does not have it once").into());
            }
            let text = sound.replacen(&meant, part, 1);
            let program = Marked::read(&name, &text, language)?;
            Ok(Everyday { what, words: words.collect(), program, host: host.to_owned() })
        })
        .collect()
}

fn look(
    one: &Everyday,
    language: &'static Language,
    options: &Options,
) -> Result<Counts, Box<dyn Error>> {
    let wrong = one.program.wrong();
    let session = &mut crate::written::session(&wrong, language)?;
    let report = session.first()?;
    let limits = search::Limits { compiles: Some(options.compiles), ..search::Limits::default() };
    let catalogue = Catalogue::shipped();
    let text = Program::single(wrong);
    let verdict =
        Search::new(&catalogue, &text, language, session).limits(limits).run(report).verdict;
    let mut counts = Counts { mistakes: 1, ..Counts::default() };
    let root = verdict.roots.first();
    let lines = |root: &Root| {
        one.program.mistakes.iter().any(|m| (m.lines.0..=m.lines.1).contains(&root.at.line))
    };
    let right = |root: &Root| root.choices().iter().any(|fix| one.program.right(&fix.bytes));
    if let Some(root) = root {
        counts.place = usize::from(lines(root));
        counts.titled =
            usize::from(one.words.iter().all(|word| root.title.contains(word.as_str())));
        let fix = root.fixes.first();
        let wrong = fix.is_some_and(|fix| !one.program.right(&fix.bytes));
        counts.fixes = usize::from(fix.is_some());
        counts.wrong = usize::from(wrong);
        counts.wrong_sure =
            usize::from(wrong && fix.is_some_and(|f| f.certainty == Certainty::Sure));
        counts.fair = usize::from(!wrong && right(root));
        counts.more = verdict.roots.iter().skip(1).filter(|root| !root.warning).count();
    }
    let whole = counts.place == 1 && counts.fair == 1 && counts.titled == 1 && counts.more == 0;
    if options.wrong && !whole {
        tell(one, &verdict);
    }
    Ok(counts)
}

/// Prints what came out of a mistake.
fn tell(one: &Everyday, verdict: &Verdict) {
    let lines: Vec<String> = one.program.mistakes.iter().map(|m| m.lines.0.to_string()).collect();
    println!("{} line {}: {}", one.host.display(), lines.join(", "), one.what);
    if verdict.roots.is_empty() {
        println!("    nothing is said");
    }
    for root in &verdict.roots {
        println!("    line {}: {}", root.at.line, root.title);
        for fix in root.choices().iter().take(3) {
            let kind = if root.fixes.is_empty() { "possible" } else { "fix" };
            let right = if one.program.right(&fix.bytes) { "right" } else { "wrong" };
            println!(
                "        {kind}, {right}, {:?}, p {:.2}: {}",
                fix.certainty, fix.probability, fix.title
            );
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn every_mistake_stands_in_its_host() {
        let mut all = 0;
        for language in LANGUAGES {
            for held_back in [false, true] {
                for one in mistakes(language, held_back).unwrap() {
                    let (wrong, sound) = (one.program.wrong(), one.program.sound());
                    assert_ne!(wrong.bytes(), sound.bytes(), "{}", one.what);
                    assert_eq!(sound.bytes(), fs::read(&one.host).unwrap(), "{}", one.what);
                    all += 1;
                }
            }
        }
        assert!(all > 100, "{all}");
    }
}
