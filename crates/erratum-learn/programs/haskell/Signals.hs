module Main where

import Data.Char (toLower)
import Data.List (isPrefixOf, nub)

flag :: Char -> String
flag letter =
  case toLower letter of
    'a' -> "diver below"
    'b' -> "dangerous goods"
    'h' -> "pilot on board"
    'o' -> "man overboard"
    _ -> "unknown"

spell :: String -> [String]
spell = map flag

count :: Eq a => a -> [a] -> Int
count wanted list = length (filter (== wanted) list)

urgent :: String -> Bool
urgent meaning = "danger" `isPrefixOf` meaning || meaning == "man overboard"

main :: IO ()
main = do
  let meanings = concatMap spell ["oh", "ab", "ox"]
  mapM_ (\one -> putStrLn (mark one ++ one ++ ": " ++ show (count one meanings))) (nub meanings)
  where
    mark meaning
      | urgent meaning = "!"
      | otherwise = " "
