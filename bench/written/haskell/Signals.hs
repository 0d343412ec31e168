module Main where

import Data.Char (toUpper, isDigit)
⟪import Data.Maybe (mapMaybes)⟶import Data.Maybe (mapMaybe)⟫

data Flag = Red | White | Blue
  deriving (Show, Eq, ⟪Enumerate⟶Enum⟫, Bounded)

parse :: Char -> Maybe Flag
parse c = case toUpper c of
  'R' -> Just Red
  'W' ⟪=⟶->⟫ Just White
  'B' -> ⟪Blue⟶Just Blue⟫
  _   -> Nothing

decode :: String -> [Flag]
decode = mapMaybe parse

count :: Flag -> [Flag] -> Int
count f fs = length ⟪filter (== f) fs⟶(filter (== f) fs)⟶$ filter (== f) fs⟫

message :: [Flag] -> String
message [] = "silence"
message fs
  | count Red fs > 2 = "danger"
  | head fs == White = "pilot wanted"
  | ⟪else⟶otherwise⟫ = "all well"

number :: String -> Int
number s = if all isDigit s then read s ⟪⟶else 0⟫

main :: IO ()
main = do
  let flags = decode "rwbr"
  mapM_ ⟪putStrLn⟶print⟫ flags
  putStrLn (message flags)
  print (number "12" + ⟪length flag⟶length flags⟫)
