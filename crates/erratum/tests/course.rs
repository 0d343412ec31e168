//! What a first course gets wrong beside its slips: values in the wrong place, promises kept with other types, the
//! nothing of another kind. Each is told on its line, with the change that mends it.

mod support;

use support::have;
use support::told::{check, lines};

const HASKELL: &str = r#"module Main where

import qualified Data.Map as Map
import Control.Monad (when)
import Data.List (foldl', sortOn)

data Tide = Tide { place :: String, level :: Double } deriving (Show, Eq)

tides :: [Tide]
tides = [Tide "mole" 2.5, Tide "slip" 1.5]

perPlace :: [Tide] -> Map.Map String Int
perPlace ts = foldl' add Map.empty ts
  where
    add counts t = Map.insertWith (+) (place t) 1

rising :: Tide -> Tide -> Bool
rising a b = level b > a level

trend :: [Tide] -> [Bool]
trend ts = map rising (zip ts (drop 1 ts))

label :: Tide -> String
label t = "at " : place t

why :: Tide -> Maybe String
why t = if level t > 2 then Just (place t) else []

run :: [Double] -> Double
run [] sum = sum
run (x:xs) sum = run xs (sum + x)

main :: IO ()
main = do
    when (length tides > 1)
        putStrLn "tides"
    print (perPlace (sortOn level tides))
    print (trend tides)
    putStrLn (label (head tides))
    print (why (head tides), run [1.5, 2] 0)
"#;

const PASCAL: &str = r#"program quay;
{$mode objfpc}
type
  TLamp = class
  private
    FOil: Integer;
  public
    property Oil: Integer read Oil;
  end;
  TStorm = class TLamp
  public
    procedure Burn;
  end;

procedure TStorm.Burn;
begin
  WriteLn(Oil);
end;

var
  Whole, Other: Integer;
begin
  Other := 3;
  Whole := 2;
  if (Whole > 2 and Other = 3) then
    WriteLn(Whole);
end.
"#;

const TYPESCRIPT: &str = r#"export {};
type Lanes = { [name: string]: number };
const all: Lanes = { north: 3, south: 4 };
const counts: Lanes = { north: 1, south: 2 };
let sum = 0;
for (const name of all) {
    sum += counts[name];
}
const found = ["a", "b"].find(x => x === "b");
if (found !== null) {
    console.log(found.length);
}
console.log(sum, all.north.round(1));
"#;

const JAVA: &str = r#"import java.util.*;

public class Boats {
    static class Boat implements Comparable<Boat> {
        int length;
        public int compareTo(Object other) {
            return Integer.compare(length, other.length);
        }
    }

    static List<Boat> sorted(Boat[] boats) {
        List<Boat> list = new ArrayList<>(Arrays.asList(boats));
        Collections.sort(list);
        return boats;
    }

    public static void main(String[] args) {
        System.out.println(sorted(new Boat[0]).count());
    }
}
"#;

#[test]
fn haskell() {
    check(
        "ghc",
        "Watch.hs",
        HASKELL,
        &[
            (15, "`counts`"),
            (18, "`level a`"),
            (21, "`(uncurry`"),
            (24, "`++`"),
            (27, "`Nothing`"),
            (29, "`Double ->`"),
            (35, "`$`"),
        ],
    );
}

#[test]
fn pascal() {
    check("fpc", "quay.pas", PASCAL, &[(8, "`FOil`"), (10, "`(`"), (25, "`(`")]);
}

#[test]
fn typescript() {
    check("tsc", "lanes.ts", TYPESCRIPT, &[(6, "`in`"), (10, "`undefined`"), (13, "`toFixed`")]);
}

#[test]
fn java() {
    check("javac", "Boats.java", JAVA, &[(6, "`Boat`"), (14, "`list`"), (18, "`size`")]);
}

/// What asks for the import goes with a line that nothing mends.
#[test]
fn an_import_is_told_beside_a_line_that_is_switched_off() {
    if have("ghc") {
        let text = "module Main where\n\nimport Data.List (sortOn)\n\ntotal :: [Int] -> Int\n\
                    total ts = foldl' (+) 0 ts True\n\nmain :: IO ()\n\
                    main = print (total (sortOn negate [2, 3]))\n";
        assert_eq!(lines("Kept.hs", text), [3, 6]);
    }
}

/// Another type for the result is less likely than that the value is the wrong one.
#[test]
fn a_clash_of_types_is_told_where_the_value_stands() {
    if have("javac") {
        let text = "import java.util.*;\n\nclass Names {\n    static List<String> names(String text) {\n        \
                    String[] parts = text.split(\",\");\n        return parts;\n    }\n\n    \
                    public static void main(String[] args) {\n        \
                    for (String one : names(\"a,b\")) System.out.println(one);\n    }\n}\n";
        assert_eq!(lines("Names.java", text), [6]);
    }
}
