module Main where

import Data.List (intercalate⟪⟶, sortOn⟫)

data Tide = High | Low deriving (Show, Eq)

data Turn = Turn { tide :: Tide, hour :: Int, metres :: Double }

turns :: [Turn]
turns =
  [ Turn High 2 3.5
  , Turn Low 8 0.5
  , Turn ⟪High 14⟶High 14 3.7⟫
  ]

highest :: [Turn] -> Double
highest ts = maximum [metres t | t <- ts, tide t == ⟪high⟶High⟫]

line :: Turn -> String
line t = intercalate " " [show (tide t), ⟪hour t⟶show (hour t)⟫, show (metres t)]

range :: [Turn] -> Double
range ts = highest ts - lowest
  where
    lowest = minimum (map metres ⟪turn⟶ts⟶turns⟫)

main :: IO ()
main = do
  mapM_ (putStrLn . line) (sortOn metres turns)
  print (range turns)
  if range turns > 3 then
    putStrLn "spring"
  else
    putStrLn "neap"
