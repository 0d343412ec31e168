//! The command line.

use clap::{Args, Parser, Subcommand, ValueEnum};
use std::path::PathBuf;

/// Finds the real mistake behind the messages of a compiler, and mends it.
///
/// `erratum FILE` looks at a program that does not compile: it shows the first mistake, where it
/// really is, what to do, and which messages only follow from it. `erratum mend FILE` makes the
/// change. Every claim is proved by compiling a copy; your program is never run.
#[derive(Debug, Parser)]
#[command(
    name = "erratum",
    version,
    args_conflicts_with_subcommands = true,
    subcommand_precedence_over_arg = true,
    max_term_width = 100
)]
pub struct Cli {
    /// The command.
    #[command(subcommand)]
    pub command: Option<Command>,
    /// Without a command: `look`.
    #[command(flatten)]
    pub look: Look,
}

/// The commands.
#[derive(Debug, Subcommand)]
pub enum Command {
    /// Compile, and show the first mistake, what to do, and what only follows
    Look(Look),
    /// The same from saved compiler output, or from standard input
    Read(Read),
    /// Look again whenever a file is saved, and say what is gone and what is new
    Watch(Watch),
    /// Apply a fix: shows the change and asks
    Mend(Mend),
    /// Take the last mend back
    Undo(Undo),
    /// Brackets, block words, quotes and comments: what pairs with what, and the odd one out
    Pairs(Pairs),
    /// The smallest part of a program that still gives a message
    Narrow(Narrow),
    /// One text to ask for help with: the smallest program, the compiler's words, what was found
    Share(Share),
    /// What a word of the trade, a code or a pasted message means
    Means(Means),
    /// Check texts of your own, for mistakes and words
    Texts(Texts),
    /// Which compilers were found, and how to get the others
    Compilers(Compilers),
    /// What is kept so that compilers start sooner: where, how large, what for
    Cache(Cache),
    /// The folders whose settings may say which program is started
    Trust(Trust),
    /// Which mistakes you make, and how they come and go; kept on this machine only
    Journal(Journal),
    /// A whole class: how many compile, what is common, who is stuck
    Survey(Survey),
    /// Answer an editor: the Language Server Protocol over standard input and output
    Lsp,
    /// Practise reading a compiler: a sound program, broken on purpose
    Drill(Drill),
    /// Walk through look, mend and compile on sample programs
    Demo(Demo),
    /// Print a script that completes commands and options in your shell
    Completions {
        /// The shell
        shell: clap_complete::Shell,
    },
    /// Print the manual page
    Man,
}

/// `survey`.
#[derive(Args, Clone, Debug, Default)]
pub struct Survey {
    /// Folders or archives with one folder, archive or file for each learner; or files
    #[arg(required_unless_present = "merge")]
    pub paths: Vec<PathBuf>,
    /// A command that builds each hand-in: it is run in confined copies of its folder only
    #[arg(last = true, value_name = "COMMAND", conflicts_with = "merge")]
    pub build: Vec<String>,
    /// What is one learner's, below the class: folders, programs or archives, as in '*/week3' or '**/*.c'
    #[arg(long, value_name = "GLOB", conflicts_with = "merge")]
    pub unit: Option<String>,
    /// Copies that the search may compile for each hand-in: the same in every run [default: 60]
    #[arg(long, value_name = "N", value_parser = clap::value_parser!(u32).range(1..))]
    pub compiles: Option<u32>,
    /// Seconds that the search may take for each hand-in, in the place of copies
    #[arg(long, value_name = "SECONDS", value_parser = seconds, allow_negative_numbers = true, conflicts_with = "compiles")]
    pub budget: Option<f64>,
    /// How many hand-ins are looked at at a time [default: one for each core]
    #[arg(long, value_name = "N", value_parser = clap::value_parser!(u16).range(1..=256))]
    pub workers: Option<u16>,
    /// Memory for all that is kept running, in megabytes [default: three quarters of what is free]
    #[arg(long, value_name = "MEGABYTES", value_parser = clap::value_parser!(u64).range(1..=1 << 40), conflicts_with = "merge")]
    pub memory: Option<u64>,
    /// Keep what is done in a file: a second run does only what has changed since
    #[arg(long, value_name = "FILE")]
    pub state: Option<PathBuf>,
    /// Only the part I of N, as on the I-th of N machines
    #[arg(long, value_name = "I/N", conflicts_with = "merge")]
    pub shard: Option<String>,
    /// Put together what `--json` printed, or what `--state` kept, in the place of looking
    #[arg(long, value_name = "FILE", num_args = 1.., conflicts_with = "paths")]
    pub merge: Vec<PathBuf>,
    /// Numbers in the place of names
    #[arg(long)]
    pub anonymous: bool,
    /// Print as comma-separated values: one line for each mistake
    #[arg(long, conflicts_with = "json")]
    pub csv: bool,
    /// Print in SARIF 2.1.0: one result for each mistake
    #[arg(long, conflicts_with_all = ["json", "csv"])]
    pub sarif: bool,
    /// Write a page of the class to a new file, too
    #[arg(long, value_name = "FILE")]
    pub html: Option<PathBuf>,
    /// Write a page for each learner into a folder, too
    #[arg(long, value_name = "FOLDER", conflicts_with_all = ["merge", "anonymous"])]
    pub pages: Option<PathBuf>,
    #[command(flatten)]
    pub shown: Shown,
}

/// `journal`.
#[derive(Args, Clone, Debug)]
pub struct Journal {
    #[command(subcommand)]
    pub command: Option<JournalCommand>,
    /// Print as comma-separated values
    #[arg(long, conflicts_with = "json")]
    pub csv: bool,
    /// Write a page with charts to a new file
    #[arg(long, value_name = "FILE", conflicts_with_all = ["json", "csv"])]
    pub html: Option<PathBuf>,
    #[command(flatten)]
    pub shown: Shown,
}

/// What can be done with the journal.
#[derive(Clone, Debug, Subcommand)]
pub enum JournalCommand {
    /// Keep nothing any more
    Off,
    /// Keep the kinds of mistakes again
    On,
    /// Remove what is kept
    Forget {
        /// Only what was first seen before the week of this day, as 2026-03-01
        #[arg(long, value_name = "DAY")]
        before: Option<String>,
    },
}

/// `drill`.
#[derive(Args, Clone, Debug)]
pub struct Drill {
    /// A program that compiles; without one, one that comes with Erratum. A copy is broken
    pub file: Option<PathBuf>,
    /// How many slips are made [default: by what you got right before]
    #[arg(long, value_name = "N", value_parser = clap::value_parser!(u8).range(1..=6))]
    pub slips: Option<u8>,
    /// How hard: 1, the compiler names the line; 2, it names another; 3, several slips
    #[arg(long, value_name = "N", value_parser = clap::value_parser!(u8).range(1..=3))]
    pub level: Option<u8>,
    /// The kind of slip, such as lost-terminator
    #[arg(long, value_name = "KIND", conflicts_with = "slips")]
    pub kind: Option<String>,
    /// No questions: show what the compiler says of this slip
    #[arg(long, value_name = "KIND[@LINE]", conflicts_with_all = ["kind", "slips", "level", "out", "check"])]
    pub r#try: Option<String>,
    /// The same number makes the same exercise again
    #[arg(long, value_name = "N")]
    pub seed: Option<u64>,
    /// Write the exercise into a new folder, in the place of asking
    #[arg(long, value_name = "FOLDER")]
    pub out: Option<PathBuf>,
    /// Say how the exercise in a folder went
    #[arg(long, value_name = "FOLDER", conflicts_with_all = ["file", "out", "kind", "slips", "level", "seed"])]
    pub check: Option<PathBuf>,
    /// The compiler to use: a name, or a path
    #[arg(long, value_name = "COMPILER")]
    pub compiler: Option<String>,
    #[command(flatten)]
    pub shown: Shown,
}

/// When to use colour.
#[derive(Clone, Copy, Debug, Default, ValueEnum)]
pub enum Color {
    /// If the output is a terminal
    #[default]
    Auto,
    /// Always
    Always,
    /// Never
    Never,
}

/// Options of all commands that show something.
#[derive(Args, Clone, Debug, Default)]
pub struct Shown {
    /// Print as JSON, and nothing else
    #[arg(long)]
    pub json: bool,
    #[command(flatten)]
    pub page: Page,
}

/// How to write for people, and in which language the program is.
#[derive(Args, Clone, Debug, Default)]
pub struct Page {
    /// Use colour
    #[arg(long, value_enum, default_value_t, value_name = "WHEN")]
    pub color: Color,
    /// Columns to write in [default: those of the terminal, at most 100]
    #[arg(long, value_name = "COLUMNS", value_parser = clap::value_parser!(u16).range(20..))]
    pub width: Option<u16>,
    /// The programming language, where nothing else tells it: c, java, typescript, …
    #[arg(long, value_name = "LANGUAGE")]
    pub language: Option<String>,
}

/// Options that all commands with a verdict share.
#[derive(Args, Clone, Debug, Default)]
pub struct Common {
    #[command(flatten)]
    pub shown: Shown,
    /// Handle all warnings like errors, after the errors
    #[arg(short, long)]
    pub warnings: bool,
    /// Give long messages whole, with all their remarks
    #[arg(long)]
    pub whole: bool,
    /// One line for each mistake
    #[arg(short, long)]
    pub quiet: bool,
    /// Say also what was run and how often; twice (-vv): how the mistakes were found
    #[arg(short, long, action = clap::ArgAction::Count)]
    pub verbose: u8,
}

/// Options that all commands that compile share.
#[derive(Args, Clone, Debug, Default)]
pub struct Compile {
    /// The compiler to use: a name, or a path
    #[arg(long, value_name = "COMPILER")]
    pub compiler: Option<String>,
    /// Seconds that the search for fixes may take [default: 5, up to 10 with a slow compiler]
    #[arg(long, value_name = "SECONDS", value_parser = seconds, allow_negative_numbers = true)]
    pub budget: Option<f64>,
    /// Copies that the search may compile, in the place of seconds: the same text then gives the
    /// same answer on every machine
    #[arg(long, value_name = "N", value_parser = clap::value_parser!(u32).range(1..), conflicts_with = "budget")]
    pub compiles: Option<u32>,
    /// Write down what the search does, as lines of JSON in a new file
    #[arg(long, value_name = "FILE")]
    pub trace: Option<PathBuf>,
}

fn seconds(text: &str) -> Result<f64, String> {
    match text.parse::<f64>() {
        Ok(seconds) if seconds > 0.0 && seconds <= 3600.0 => Ok(seconds),
        _ => Err("must be a number of seconds from 0.01 to 3600".to_owned()),
    }
}

/// How files are looked at.
#[derive(Args, Clone, Debug)]
pub struct How {
    /// List every mistake, each in a few lines; with --whole, each whole
    #[arg(short, long)]
    pub all: bool,
    /// Do not try fixes: judge by the messages and the text
    #[arg(long)]
    pub no_proof: bool,
    #[command(flatten)]
    pub compile: Compile,
    #[command(flatten)]
    pub common: Common,
}

/// `erratum look`
#[derive(Args, Clone, Debug)]
pub struct Look {
    /// The files to compile together; `-`, or a pipe in their place: saved compiler output
    #[arg(value_name = "FILES")]
    pub files: Vec<PathBuf>,
    /// A build command: it is run once as it is, and up to 12 times on confined copies
    #[arg(last = true, value_name = "COMMAND")]
    pub build: Vec<String>,
    /// Step through the mistakes with keys: try a fix, write it, take it back
    #[arg(short, long, conflicts_with_all = ["json", "quiet", "all", "open"])]
    pub interactive: bool,
    /// Open the place of a mistake in your editor (VISUAL or EDITOR): 2, or 2.1 for the first place
    /// that follows from it, as `--all` numbers them
    #[arg(long, value_name = "N", conflicts_with_all = ["json", "quiet", "all"])]
    pub open: Option<String>,
    /// Show the mistake with this number whole, as `--all` numbers them
    #[arg(long, value_name = "N", conflicts_with_all = ["json", "quiet", "all", "open", "interactive"])]
    pub only: Option<usize>,
    /// Print as SARIF 2.1.0, for platforms and CI, and nothing else
    #[arg(long, conflicts_with_all = ["json", "quiet", "all", "open", "only", "interactive"])]
    pub sarif: bool,
    #[command(flatten)]
    pub how: How,
}

/// `erratum watch`
#[derive(Args, Clone, Debug)]
pub struct Watch {
    /// The files to compile together
    #[arg(value_name = "FILES", required = true)]
    pub files: Vec<PathBuf>,
    #[command(flatten)]
    pub how: How,
}

/// `erratum read`
#[derive(Args, Clone, Debug)]
pub struct Read {
    /// The saved output; `-` means standard input [default: standard input]
    pub log: Option<PathBuf>,
    /// A folder whose files are read where the output names them [default: the current one]
    #[arg(long, value_name = "FOLDER")]
    pub root: Vec<PathBuf>,
    /// List every mistake, each in a few lines; with --whole, each whole
    #[arg(short, long)]
    pub all: bool,
    /// Show the mistake with this number whole, as `--all` numbers them
    #[arg(long, value_name = "N", conflicts_with_all = ["json", "quiet", "all"])]
    pub only: Option<usize>,
    /// Print as SARIF 2.1.0, for platforms and CI, and nothing else
    #[arg(long, conflicts_with_all = ["json", "quiet", "all", "only"])]
    pub sarif: bool,
    #[command(flatten)]
    pub common: Common,
}

/// `erratum mend`
#[derive(Args, Clone, Debug)]
pub struct Mend {
    /// The files to compile together
    #[arg(value_name = "FILES")]
    pub files: Vec<PathBuf>,
    /// A build command: the files it complains of are mended; it is run once as it is, and up to 12 times on confined copies
    #[arg(last = true, value_name = "COMMAND", conflicts_with = "files")]
    pub build: Vec<String>,
    /// Every mistake: what is sure at once, the rest is asked (with --yes it is listed)
    #[arg(short, long)]
    pub all: bool,
    /// Do not ask
    #[arg(short, long)]
    pub yes: bool,
    /// Take another fix of the first mistake, by its number
    #[arg(long, value_name = "N", conflicts_with = "all")]
    pub pick: Option<usize>,
    /// Only show what would be changed
    #[arg(long, conflicts_with = "yes")]
    pub dry_run: bool,
    /// Print the change as a unified diff, which `patch -p1` and `git apply` take, and nothing else
    #[arg(long, requires = "dry_run", conflicts_with = "json")]
    pub patch: bool,
    /// Take fixes that are a guess, too: each is named at the end
    #[arg(long)]
    pub guesses: bool,
    #[command(flatten)]
    pub compile: Compile,
    #[command(flatten)]
    pub common: Common,
}

/// `erratum undo`
#[derive(Args, Clone, Debug)]
pub struct Undo {
    /// Only the last mend of this file
    pub file: Option<PathBuf>,
}

/// `erratum pairs`
#[derive(Args, Clone, Debug)]
pub struct Pairs {
    /// The file
    pub file: PathBuf,
    /// List every pair, too
    #[arg(short, long)]
    pub all: bool,
    /// Print the file laid out by its blocks: a view, nothing is written
    #[arg(long, conflicts_with_all = ["all", "json"])]
    pub tidy: bool,
    #[command(flatten)]
    pub shown: Shown,
}

/// What is narrowed, and how.
#[derive(Args, Clone, Debug)]
pub struct Narrowing {
    /// The files to compile together
    #[arg(value_name = "FILES", required = true)]
    pub files: Vec<PathBuf>,
    /// The message, by its number in `look --json` [default: the first error]
    #[arg(short, long, value_name = "N")]
    pub message: Option<usize>,
    /// Write it to a new file
    #[arg(short, long, value_name = "FILE")]
    pub out: Option<PathBuf>,
    /// The compiler to use: a name, or a path
    #[arg(long, value_name = "COMPILER")]
    pub compiler: Option<String>,
    /// Seconds that it may take [default: 30]
    #[arg(long, value_name = "SECONDS", value_parser = seconds, allow_negative_numbers = true)]
    pub budget: Option<f64>,
}

/// `erratum narrow`
#[derive(Args, Clone, Debug)]
pub struct Narrow {
    #[command(flatten)]
    pub narrowing: Narrowing,
    #[command(flatten)]
    pub shown: Shown,
}

/// `erratum share`
#[derive(Args, Clone, Debug)]
pub struct Share {
    #[command(flatten)]
    pub narrowing: Narrowing,
    /// As one HTML page that needs nothing beside it, as is done for `--out NAME.html`
    #[arg(long)]
    pub html: bool,
    /// The programming language, where the file's name does not tell it: c, java, typescript, …
    #[arg(long, value_name = "LANGUAGE")]
    pub language: Option<String>,
}

/// `erratum means`
#[derive(Args, Clone, Debug)]
pub struct Means {
    /// A word (argument, scope, cast), a code (E0308), or a message [default: standard input]
    #[arg(value_name = "WORDS")]
    pub words: Vec<String>,
    #[command(flatten)]
    pub shown: Shown,
}

/// `erratum texts`
#[derive(Args, Clone, Debug)]
pub struct Texts {
    /// The folder with the texts [default: the one that erratum.toml names]
    pub folder: Option<PathBuf>,
    /// Print the texts of this kind of mistake or word, as a start for your own
    #[arg(long, value_name = "NAME", num_args = 1.., conflicts_with = "folder")]
    pub print: Vec<String>,
    /// Print as JSON
    #[arg(long)]
    pub json: bool,
}

/// `erratum compilers`
#[derive(Args, Clone, Debug)]
pub struct Compilers {
    /// Print as JSON
    #[arg(long)]
    pub json: bool,
}

/// `erratum trust`
#[derive(Args, Clone, Debug)]
pub struct Trust {
    /// Trust this folder, with all that lies below it [default: list those that are trusted]
    pub folder: Option<PathBuf>,
    /// Trust it no longer
    #[arg(long, requires = "folder")]
    pub revoke: bool,
}

/// `erratum cache`
#[derive(Args, Clone, Debug)]
pub struct Cache {
    /// With --prepare: only for the compilers of these files [default: for all that are here]
    #[arg(value_name = "FILES", requires = "prepare")]
    pub files: Vec<PathBuf>,
    /// Prepare now what is not yet there
    #[arg(long)]
    pub prepare: bool,
    /// Remove all of it
    #[arg(long, conflicts_with = "prepare")]
    pub clear: bool,
    /// The compiler of the files: a name, or a path
    #[arg(long, value_name = "COMPILER", requires = "files")]
    pub compiler: Option<String>,
    /// The language of the files, where their names do not tell it: c, java, typescript, …
    #[arg(long, value_name = "LANGUAGE", requires = "files")]
    pub language: Option<String>,
    /// Print as JSON
    #[arg(long, conflicts_with_all = ["prepare", "clear"])]
    pub json: bool,
}

/// `erratum demo`
#[derive(Args, Clone, Debug)]
pub struct Demo {
    /// The language of the walk: c, java, typescript, … [default: the first that has a compiler]
    #[arg(long, value_name = "LANGUAGE")]
    pub language: Option<String>,
    /// Make up a class of 40 instead, in a new folder [default: one that goes again], and survey it
    #[arg(long, value_name = "FOLDER", num_args = 0..=1)]
    pub class: Option<Option<PathBuf>>,
    /// Use colour
    #[arg(long, value_enum, default_value_t, value_name = "WHEN")]
    pub color: Color,
}
