//! Parts of the language that are switched on at the top of a file, where ghc names the one that is wanted.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The compiler names what has to be switched on.
const NAMED: Factor = evidence("the compiler names the part of the language", 9.0);

/// What beginners' programs use, as ghc 9.0 names it, each with what to switch on.
const EXTENSIONS: &[(&str, &str)] = &[
    // Types such as `Maybe Int` are wanted next, and this one holds the other.
    ("TypeSynonymInstances", "FlexibleInstances"),
    ("FlexibleInstances", "FlexibleInstances"),
    ("FlexibleContexts", "FlexibleContexts"),
    ("MultiParamTypeClasses", "MultiParamTypeClasses"),
    ("LambdaCase", "LambdaCase"),
    ("TupleSections", "TupleSections"),
    ("MultiWayIf", "MultiWayIf"),
    ("RecordWildCards", "RecordWildCards"),
    ("InstanceSigs", "InstanceSigs"),
    ("ScopedTypeVariables", "ScopedTypeVariables"),
    ("DeriveFunctor", "DeriveFunctor"),
    ("DeriveAnyClass", "DeriveAnyClass"),
    ("GeneralizedNewtypeDeriving", "GeneralizedNewtypeDeriving"),
];

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "extensions",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "module Main where\n\nclass Named a where\n  label :: a -> String\n\ninstance <|>Named String where\n  label s = s\n\nmain :: IO ()\nmain = putStrLn (label \"quay\")\n",
        message: "Illegal instance declaration for 'Named String' (All instance types must be of the form (T t1 ... tn) where T is not a synonym. Use TypeSynonymInstances if you want to disable this.)",
        after: "{-# LANGUAGE FlexibleInstances #-}\nmodule Main where\n\nclass Named a where\n  label :: a -> String\n\ninstance Named String where\n  label s = s\n\nmain :: IO ()\nmain = putStrLn (label \"quay\")\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let said = &case.message.text;
    if !case.language().applies_bare || !said.starts_with("Illegal ") {
        return;
    }
    // "Use X if you want to disable this", "(use X)", "(Use X to permit this)".
    let words: Vec<&str> = said.split(|letter: char| !letter.is_alphanumeric()).collect();
    let named = words.windows(2).find_map(|two| {
        let asks = matches!(two[0], "Use" | "use");
        EXTENSIONS.iter().find(|(named, _)| asks && two[1] == *named)
    });
    if let Some((_, wanted)) = named {
        let edit = case.insert(0, format!("{{-# LANGUAGE {wanted} #-}}\n"));
        all.push(Candidate::new(MistakeId::NeedsVersion, NAMED, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn a_form_of_the_language_is_switched_on() {
        check_fix(
            &FAMILY,
            "haskell",
            "f = <|>\\case { 1 -> 2; _ -> 3 }\n",
            "Illegal lambda-case (use LambdaCase)",
            "{-# LANGUAGE LambdaCase #-}\nf = \\case { 1 -> 2; _ -> 3 }\n",
        );
    }

    #[test]
    fn what_no_beginner_means_is_not_switched_on() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "main = print (<|>f @Int 3)\n",
            "Illegal visible type application (use TypeApplications)",
        );
    }
}
