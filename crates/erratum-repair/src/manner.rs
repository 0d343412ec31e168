//! What a compiler's messages say beyond their words: how it numbers them, and what its remarks add.

use erratum_catalogue::Phase;

/// The manner of a compiler. The default is that of one that does nothing out of the ordinary.
pub(crate) struct Manner {
    /// Short names of the compilers that have it.
    compilers: &'static [&'static str],
    /// The remarks below a message are a chain of reasons; the last is the most particular one.
    pub chains: bool,
    /// The types of a clash stand shortened in the message and whole in a remark.
    pub repeats_types: bool,
    /// Where only a remark names the two types of a clash, they are those at the reported place.
    pub remark_has_types: bool,
    /// An error without a code is one of syntax.
    pub uncoded_is_syntax: bool,
    /// What its codes start with, where that tells the compiler.
    codes: Option<&'static str>,
    /// The phase that a code tells.
    pub phase_of_code: fn(&str) -> Option<Phase>,
    /// What it looks for only where all types fit, by how it says that.
    pub fits_then_says: &'static [&'static str],
    /// What its parser says in words that tell nothing of it.
    pub parser_says: &'static [&'static str],
    /// Whether [`Manner::phase_of_code`] knows the code of every error of syntax.
    pub numbers_syntax: bool,
    /// What it checks step by step: while one step finds an error, it does not begin the next. Empty for
    /// one that checks all in one go, or whose steps are not known.
    steps: &'static [&'static [Phase]],
}

/// Every kind by itself.
const ONE_BY_ONE: &[&[Phase]] = &[&[Phase::Syntax], &[Phase::Name], &[Phase::Type], &[Phase::Flow]];

/// The text first, then all the rest.
const TEXT_FIRST: &[&[Phase]] = &[&[Phase::Syntax], &[Phase::Name, Phase::Type, Phase::Flow]];

const PLAIN: Manner = Manner {
    compilers: &[],
    chains: false,
    repeats_types: false,
    remark_has_types: false,
    uncoded_is_syntax: false,
    codes: None,
    phase_of_code: |_| None,
    fits_then_says: &[],
    parser_says: &[],
    numbers_syntax: false,
    steps: &[],
};

static DEFAULT: Manner = PLAIN;

static MANNERS: &[Manner] = &[
    // go 1.19 and scalac 2.11 say some of what their parsers find without a word of that.
    Manner {
        compilers: &["go"],
        parser_says: &[
            "expression in go must be function call",
            "expression in defer must be function call",
            "missing condition in if statement",
            "mixed named and unnamed parameters",
        ],
        steps: TEXT_FIRST,
        ..PLAIN
    },
    // gnat 12 and gfortran 12 print no codes; what gnat finds while it reads, it says before all else.
    Manner {
        compilers: &["gnatmake"],
        parser_says: &[
            "missing \"",
            "missing operand",
            "incorrect spelling of keyword",
            "\" should be \"",
            "== should be =",
            "strings are delimited by double quote",
            "statement expected",
            "declaration expected",
            "reserved word",
            "extra \"",
            "no declarations allowed",
        ],
        steps: TEXT_FIRST,
        ..PLAIN
    },
    Manner {
        compilers: &["gfortran"],
        parser_says: &[
            "Syntax error in ",
            "Unclassifiable statement",
            "Unexpected ",
            "Invalid character",
            "Expected ",
        ],
        ..PLAIN
    },
    Manner {
        compilers: &["scalac"],
        parser_says: &["not a legal formal parameter"],
        fits_then_says: &[
            " needs to be abstract, since ",
            "object creation impossible, since ",
            "overriding ",
            " overrides nothing",
            "forward reference extends over definition",
            "match may not be exhaustive",
        ],
        steps: &[&[Phase::Syntax], &[Phase::Name, Phase::Type], &[Phase::Flow]],
        ..PLAIN
    },
    // gcc 12 names the types of an argument in a remark.
    Manner { compilers: &["gcc", "g++"], remark_has_types: true, ..PLAIN },
    // rustc 1.95 gives types in short first, and whole in a remark.
    Manner {
        compilers: &["cargo"],
        repeats_types: true,
        phase_of_code: rust,
        steps: ONE_BY_ONE,
        ..PLAIN
    },
    Manner {
        compilers: &["rustc"],
        repeats_types: true,
        phase_of_code: rust,
        uncoded_is_syntax: true,
        steps: ONE_BY_ONE,
        ..PLAIN
    },
    // ghc 9.0 looks names up before it looks at types.
    Manner {
        compilers: &["ghc"],
        parser_says: &[
            "Unexpected lambda expression",
            "Unexpected do block",
            "Unexpected case expression",
            "Unexpected if expression",
            "Unexpected let expression",
        ],
        steps: ONE_BY_ONE,
        ..PLAIN
    },
    // javac 17 does both at once, and follows paths where it found nothing.
    Manner {
        compilers: &["javac"],
        parser_says: &[
            "'try' without ",
            "'catch' without ",
            "'finally' without ",
            "array creation with both ",
            "array dimension missing",
            "declaration not allowed here",
            "enum constant",
            "different case kinds",
            "illegal parenthesized expression",
            "initializers not allowed",
            "invalid method declaration",
            "orphaned ",
            "reached end of file",
            "repeated modifier",
            "varargs parameter must be",
        ],
        steps: &[&[Phase::Syntax], &[Phase::Name, Phase::Type], &[Phase::Flow]],
        ..PLAIN
    },
    Manner {
        compilers: &["tsc"],
        chains: true,
        codes: Some("TS"),
        phase_of_code: typescript,
        numbers_syntax: true,
        steps: TEXT_FIRST,
        ..PLAIN
    },
    // Seen with mcs 6.8.
    Manner {
        compilers: &["mcs", "csc"],
        phase_of_code: csharp,
        numbers_syntax: true,
        steps: TEXT_FIRST,
        ..PLAIN
    },
];

impl Manner {
    /// Returns the manner of the compiler with a short name.
    pub fn of(compiler: &str) -> &'static Manner {
        MANNERS.iter().find(|manner| manner.compilers.contains(&compiler)).unwrap_or(&DEFAULT)
    }

    /// Returns the manner that a code tells, as where a build does not name its compiler.
    pub fn of_code(code: &str) -> &'static Manner {
        let tells = |manner: &&Manner| manner.codes.is_some_and(|start| code.starts_with(start));
        MANNERS.iter().find(tells).unwrap_or(&DEFAULT)
    }
}

/// Returns whether a compiler, by its short name, looks for errors of one phase only where it has found none of
/// another, in all of a program.
pub(crate) fn hides(compiler: &str, earlier: Phase, later: Phase) -> bool {
    unchecked(compiler, earlier).contains(&later)
}

/// Returns the kinds of error that a compiler, by its short name, does not look for while one of this
/// kind is left; none for one that looks for all in one go, or whose way is not known.
pub(crate) fn unchecked(compiler: &str, phase: Phase) -> Vec<Phase> {
    let phase = if phase <= Phase::Syntax { Phase::Syntax } else { phase };
    let steps = Manner::of(compiler).steps;
    let own = steps.iter().position(|step| step.contains(&phase));
    own.map_or(Vec::new(), |own| steps[own + 1..].concat())
}

/// The number of a code such as `TS1005`.
fn number(code: &str, prefix: &str) -> Option<u32> {
    code.strip_prefix(prefix)?.parse().ok()
}

/// Codes of what is looked for only where all types fit (seen with rustc 1.95), whatever they tell of.
fn rust(code: &str) -> Option<Phase> {
    let paths = |number: u32| {
        matches!(number, 373 | 381 | 382 | 384 | 515 | 521 | 594 | 596 | 597 | 712 | 713 | 716)
            || (499..=510).contains(&number)
    };
    match number(code, "E")? {
        of if paths(of) => Some(Phase::Flow),
        // "expected `new` to return `u32`" is no word of the parser.
        271 => Some(Phase::Type),
        _ => None,
    }
}

/// Numbers by what finds the mistake (seen with tsc 5.9).
fn typescript(code: &str) -> Option<Phase> {
    match number(code, "TS")? {
        1002 | 1010 | 1127 | 1160 | 1161 => Some(Phase::Lexical),
        // The types are checked when these are found (seen with tsc 5.9).
        1064 => None,
        1155 | 1182 | 1246 => Some(Phase::Name),
        0..2000 => Some(Phase::Syntax),
        _ => None,
    }
}

/// The numbers that the compilers of C# share. The last ones tell of rules, but mcs 6.8 finds them while
/// it reads the text, and checks nothing else then.
fn csharp(code: &str) -> Option<Phase> {
    match number(code, "CS")? {
        1009..=1012 | 1035 | 1039 => Some(Phase::Lexical),
        1001..=1044 | 1513..=1529 | 1547 | 8025 => Some(Phase::Syntax),
        145 | 225 | 1552 | 1586 | 1737 | 8076 | 8967 | 9010 => Some(Phase::Syntax),
        // What the parser of mcs 6.8 says as well: behind it no type is looked at.
        210 | 231 | 401 | 409 | 449 | 514 | 525 | 526 | 548 | 742 | 746 | 1100 | 1104 | 1105
        | 1627 => Some(Phase::Syntax),
        _ => None,
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn codes_tell_phases_only_where_the_compiler_numbers_so() {
        let phase = |compiler: &str, code: &str| (Manner::of(compiler).phase_of_code)(code);
        assert_eq!(phase("tsc", "TS1005"), Some(Phase::Syntax));
        assert_eq!(phase("tsc", "TS1002"), Some(Phase::Lexical));
        assert_eq!(phase("tsc", "TS2304"), None);
        assert_eq!(phase("mcs", "CS1525"), Some(Phase::Syntax));
        assert_eq!(phase("mcs", "CS0145"), Some(Phase::Syntax));
        assert_eq!(phase("rustc", "E0594"), Some(Phase::Flow));
        assert_eq!(phase("rustc", "E0507"), Some(Phase::Flow));
        assert_eq!(phase("rustc", "E0308"), None);
        assert_eq!(phase("mcs", "CS0103"), None);
        assert_eq!(phase("javac", "TS1005"), None);
    }

    #[test]
    fn what_is_not_looked_for_follows_the_steps_of_the_compiler() {
        let all = [Phase::Name, Phase::Type, Phase::Flow];
        assert_eq!(unchecked("rustc", Phase::Lexical), all);
        assert_eq!(unchecked("rustc", Phase::Name), all[1..]);
        assert_eq!(unchecked("javac", Phase::Name), [Phase::Flow]);
        assert_eq!(unchecked("javac", Phase::Type), [Phase::Flow]);
        assert!(hides("scalac", Phase::Type, Phase::Flow));
        assert!(!hides("gcc", Phase::Type, Phase::Flow));
        assert_eq!(unchecked("tsc", Phase::Type), []);
        assert_eq!(unchecked("gcc", Phase::Syntax), []);
        assert_eq!(unchecked("harbour", Phase::Syntax), []);
        assert_eq!(unchecked("javac", Phase::Link), []);
    }

    #[test]
    fn an_unknown_compiler_does_nothing_out_of_the_ordinary() {
        let manner = Manner::of("harbour");
        assert!(Manner::of_code("TS2304").chains && !Manner::of_code("E0308").chains);
        assert!(!manner.chains && !manner.repeats_types && !manner.uncoded_is_syntax);
    }
}
