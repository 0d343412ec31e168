//! The blocks of Ada. Which word opens one depends on what is around it: `is` does in the head of a
//! package, and not in that of a procedure, whose `begin` does.

use crate::lex::{Lexed, TokenKind};

/// What is open around a token.
enum Region {
    /// A package, task or protected object: its `is` opens it, and a `begin` only parts it.
    Package {
        begun: bool,
    },
    /// A routine or a `declare`: its `begin` opens it.
    Routine {
        begun: bool,
    },
    Inner(Word),
}

/// The words that open a statement or a record, as its `end` repeats them.
#[derive(Clone, Copy, PartialEq)]
enum Word {
    If,
    Case,
    Loop,
    Record,
    Select,
    Do,
}

impl Word {
    fn of(word: &str) -> Option<Word> {
        Some(match word {
            "if" => Word::If,
            "case" => Word::Case,
            "loop" => Word::Loop,
            "record" => Word::Record,
            "select" => Word::Select,
            // Of `accept … do` and `return … do`.
            "do" | "return" => Word::Do,
            _ => return None,
        })
    }
}

/// What kind of unit a head is that has not come to its `is` or `;` yet.
#[derive(Clone, Copy)]
enum Head {
    Package,
    Routine,
}

/// Every token that opens a block, in order. Work grows with the text, not with its square.
pub(super) fn openers(lexed: &Lexed) -> Vec<usize> {
    let mut found = Vec::new();
    let mut regions: Vec<Region> = Vec::new();
    let mut head = None;
    let mut depth = 0usize;
    for at in 0..lexed.code.len() {
        let word = lexed.word(at);
        match lexed.code[at].kind {
            TokenKind::Open => depth += 1,
            TokenKind::Close => depth = depth.saturating_sub(1),
            TokenKind::Op if word == ";" && depth == 0 => head = None,
            TokenKind::Keyword => {
                // These stand in no brackets: one that is still open has lost its partner.
                if matches!(word, "begin" | "end" | "loop" | "record" | "declare" | "exception") {
                    depth = 0;
                }
                // `(if deep then 2 else 1)` is a value, and has no `end`.
                if depth > 0 || lexed.before(at) == "end" {
                    continue;
                }
                match word {
                    "task" if lexed.is(at + 1, "body") => head = Some(Head::Routine),
                    "package" | "task" | "protected" => head = Some(Head::Package),
                    "procedure" | "function" | "entry" => head = Some(Head::Routine),
                    "end" => close(&mut regions, lexed.word(at + 1)),
                    _ if opens(lexed, at, &mut regions, &mut head) => found.push(at),
                    _ => {}
                }
            }
            _ => {}
        }
    }
    found
}

/// Whether a word opens a block; notes what is open then.
fn opens(lexed: &Lexed, at: usize, regions: &mut Vec<Region>, head: &mut Option<Head>) -> bool {
    match lexed.word(at) {
        "is" => {
            let whole = ["new", "separate", "abstract", "null", "<>", "("];
            let Some(head) = head.take().filter(|_| !whole.contains(&lexed.word(at + 1))) else {
                return false;
            };
            regions.push(match head {
                Head::Package => Region::Package { begun: false },
                Head::Routine => Region::Routine { begun: false },
            });
            matches!(head, Head::Package)
        }
        "declare" => {
            regions.push(Region::Routine { begun: false });
            false
        }
        "begin" => match regions.last_mut() {
            Some(Region::Package { begun }) if !*begun => {
                *begun = true;
                false
            }
            Some(Region::Routine { begun }) if !*begun => {
                *begun = true;
                true
            }
            _ => {
                regions.push(Region::Routine { begun: true });
                true
            }
        },
        "record" if lexed.before(at) == "null" => false,
        "return" => false,
        word => {
            let inner = Word::of(word);
            regions.extend(inner.map(Region::Inner));
            inner.is_some()
        }
    }
}

/// Leaves what an `end` ends, and what is still open within it.
fn close(regions: &mut Vec<Region>, named: &str) {
    let fits = |region: &Region| match (Word::of(named), region) {
        (Some(named), Region::Inner(word)) => *word == named,
        (None, Region::Package { .. } | Region::Routine { .. } | Region::Inner(Word::Do)) => true,
        _ => false,
    };
    if let Some(at) = regions.iter().rposition(fits) {
        regions.truncate(at);
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::language::by_id;
    use crate::pairs::Pairs;
    use crate::source::Source;

    /// The lines of the blocks, from the word that opens one to its `end`.
    fn blocks(text: &str) -> (Vec<(u32, Option<u32>)>, usize) {
        let lexed = Lexed::new(&Source::new("pier.adb", text.as_bytes()), by_id("ada").unwrap());
        let pairs = Pairs::new(&lexed);
        let opening = (0..lexed.code.len()).filter(|at| lexed.opens_block(*at));
        let line = |at: usize| lexed.code[at].line;
        (opening.map(|at| (line(at), pairs.partner_of(at).map(line))).collect(), pairs.odd.len())
    }

    #[test]
    fn a_package_opens_with_is_and_a_routine_with_begin() {
        let text = "package body Pier is\n   procedure Book (Boat : String; Seats : Integer) is\n   begin\n      null;\n   end Book;\n   function Fee return Integer is (3);\nbegin\n   Book (\"Gull\", 2);\nend Pier;\n";
        assert_eq!(blocks(text), (vec![(1, Some(9)), (3, Some(5))], 0));
    }

    #[test]
    fn what_is_only_named_opens_nothing() {
        let text = "with Ada.Text_IO;\npackage Pier is\n   package Seats is new Ada.Text_IO.Integer_IO (Integer);\n   type Mark is tagged null record;\n   type Berth is record\n      Deep : Boolean;\n   end record;\n   procedure Book;\n   function Free return Boolean is abstract;\nprivate\n   task Ferry;\nend Pier;\n";
        assert_eq!(blocks(text), (vec![(2, Some(12)), (5, Some(7))], 0));
    }

    #[test]
    fn a_value_with_if_has_no_end() {
        let text = "procedure Pier is\n   Fee : Integer := (if Deep then 3 else 2);\nbegin\n   if Fee > 2 then\n      declare\n         Zone : Integer := 1;\n      begin\n         Go (Zone);\n      end;\n   end if;\nend Pier;\n";
        assert_eq!(blocks(text), (vec![(3, Some(11)), (4, Some(10)), (7, Some(9))], 0));
    }

    #[test]
    fn a_lost_end_leaves_the_others_their_partners() {
        let text = "procedure Pier is\nbegin\n   for Zone in 1 .. 3 loop\n      if Deep then\n         Go (Zone);\n   end loop;\nend Pier;\n";
        assert_eq!(blocks(text), (vec![(2, Some(7)), (3, Some(6)), (4, None)], 1));
    }

    #[test]
    fn tasks_accept_and_select() {
        let text = "procedure Pier is\n   task body Ferry is\n   begin\n      select\n         accept Board (Seats : Integer) do\n            Go (Seats);\n         end Board;\n      or\n         terminate;\n      end select;\n   end Ferry;\nbegin\n   null;\nend Pier;\n";
        let lines = vec![(3, Some(11)), (4, Some(10)), (5, Some(7)), (12, Some(14))];
        assert_eq!(blocks(text), (lines, 0));
    }
}
