module Main where

import System.IO
import Data.List (isPrefixOf)

data Level = Info | Warn | Fail deriving (Show, Eq, Ord)

parseLevel :: String -> Level
parseLevel line
  | "WARN" `isPrefixOf` line = Warn
  | "FAIL" ⟪isPrefixOf⟶`isPrefixOf`⟫ line = Fail
  | otherwise = Info

count :: Level -> [String] -> Int
count level = length . filter ((== level) . parseLevel⟪⟶)⟫

summary :: [String] -> String
summary ls = unlines
  [ "info " ++ show (count Info ls)
  , "warn " ++ show (count Warn ls⟪⟶)⟫
  , "fail " ++ show (count Fail ls)
  ]

worst :: [String] -> Maybe Level
worst [] = Nothing
worst ls = ⟪maximum (map parseLevel ls)⟶Just (maximum (map parseLevel ls))⟫

main :: IO ()
main = do
  hSetBuffering stdout NoBuffering
  let ls = ["WARN fog", "FAIL winch", "all well"]
  putStr (summary ls)
  case worst ls of
    Just Fail -> putStrLn "look at once"
    Just level -> putStrLn ("worst: " ++ ⟪level⟶show level⟫)
    ⟪nothing⟶Nothing⟫ -> putStrLn "empty"
