//! Classes of mistakes that once went wrong, each in a program of its own, in several languages.

mod support;

use support::check_slips;

#[test]
fn typescript() {
    let sound = r#"interface Boat {
    name: string;
    seats: number;
}

class Queue {
    private waiting: Boat[] = [];

    next(): Boat | undefined {
        return this.waiting.shift();
    }

    total(): number {
        let sum = 0;
        for (const boat of this.waiting) {
            sum += boat.seats;
        }
        return sum;
    }
}

const berths = [
    { number: 1, side: "north" },
    { number: 2, side: "south" },
];
console.log(new Queue().total(), new Queue().next(), berths.length);
"#;
    check_slips(
        "typescript",
        "queue.ts",
        sound,
        &[
            // What may be missing is said to be so; the return is not undone to fit.
            ("Boat | undefined {", "Boat {"),
            // Without its value the variable is of no type.
            ("let sum = 0;", "let sum;"),
            // The open quote swallows brackets that are sound.
            ("side: \"north\" }", "side: \"north }"),
            ("side: \"north\" }", "side: north\" }"),
            ("        return sum;\n", ""),
        ],
    );
}

#[test]
fn go() {
    let sound = r#"package main

import "fmt"

type Boat struct {
	Name  string
	Seats int
}

func fill(boats []Boat) int {
	sum := 0
	for _, boat := range boats {
		sum += boat.Seats
	}
	return sum
}

func main() {
	boats := []Boat{{"Gull", 40}, {"Tern", 25}}
	fmt.Println(fill(boats))
}
"#;
    check_slips(
        "go",
        "boats.go",
        sound,
        &[
            // One use each: the declaration is right unless something speaks against it.
            ("boat.Seats", "boat.Seat"),
            // A common word is likelier right than what is nearly one.
            ("func fill(", "func fil("),
            // What is only unused comes after what is unknown.
            ("fill(boats)", "fill(baots)"),
            ("sum := 0", "sum := \"0\""),
        ],
    );
}

#[test]
fn haskell() {
    let sound = r#"module Main where

data Boat = Boat
  { name :: String
  , seats :: Int
  }

describe :: Boat -> String
describe boat = name boat ++ ": " ++ show (seats boat)

value :: Maybe Int -> Int
value Nothing = 0
value (Just seen) = seen

fares :: [Int]
fares = [2, 3, 5]

main :: IO ()
main = do
  mapM_ (\one -> putStrLn (describe one)) [Boat "Gull" 40]
  print (value (Just (sum fares)))
"#;
    check_slips(
        "haskell",
        "Main.hs",
        sound,
        &[
            ("show (seats boat)", "seats boat"),
            ("  , seats ::", "  seats ::"),
            ("  { name ::", "  name ::"),
            ("value (Just seen)", "vlaue (Just seen)"),
            ("[2, 3, 5]", "[2, 3 5]"),
            ("\\one ->", "\\one"),
            ("describe :: Boat -> String", "describe :: Boat -> string"),
        ],
    );
}
