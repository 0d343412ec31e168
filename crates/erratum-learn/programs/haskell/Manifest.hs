module Main where

import Data.List (sortBy)
import Data.Ord (comparing)

data Crate = Crate
  { label :: String
  , weight :: Double
  , fragile :: Bool
  } deriving (Show)

cargo :: [Crate]
cargo = [Crate "glass" 80 True, Crate "sand" 900 False, Crate "rope" 35 False]

heaviest :: [Crate] -> String
heaviest [] = "nothing"
heaviest crates = label (last (sortBy (comparing weight) crates))

warnings :: Double -> [Crate] -> [String]
warnings limit crates = tooHeavy ++ map warn (filter fragile crates)
  where
    sum' = sum (map weight crates)
    tooHeavy = if sum' > limit then ["too heavy by " ++ show (sum' - limit)] else []
    warn crate = label crate ++ " is fragile"

main :: IO ()
main = do
  putStrLn ("heaviest: " ++ heaviest cargo)
  mapM_ putStrLn (warnings 1000 cargo)
