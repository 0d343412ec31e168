module Main where

import Data.List (find)
import Data.Maybe (isNothing)

data Berth = Berth
  { number :: Int
  , size :: Double
  , boat :: Maybe String
  }

berths :: [Berth]
berths =
  [ Berth 1 24 (Just "Gull")
  , Berth 2 30 Nothing
  , Berth 3 18 Nothing
  ]

free :: [Berth] -> [Berth]
free = filter (isNothing . boat)

place :: Double -> Maybe Berth
place wanted = find (\berth -> size berth >= wanted) (free berths)

moor :: String -> Double -> String
moor name wanted =
  case place wanted of
    Just berth -> name ++ " goes to berth " ++ show (number berth)
    Nothing -> "no berth for " ++ name

main :: IO ()
main = do
  putStrLn (moor "Petrel" 26.5)
  putStrLn (moor "Albatross" 40)
  putStrLn ("free: " ++ show (length (free berths)))
