module Main where

import qualified Data.Map as Map
import Data.List (sortBy)
⟪⟶import Data.Ord (comparing)
⟫
data Craft = Skiff | Barge | Liner
  deriving (Show, Eq⟪⟶, Ord⟫)

data Passage = Passage
  { craft :: Craft⟪⟶,⟫
    metres :: Double
  }

toll :: Passage -> Double
toll p
  | metres p > 100 = base * 2
  | ⟪else⟶otherwise⟫ = base
  where
    base = case craft p of
      Skiff -> 2.0
      Barge -> 5.5
      Liner ⟪=⟶->⟫ 20

collect :: [Passage] -> Map.Map Craft Double
collect = foldr add Map.empty
  where
    add p m = Map.insertWith (+) (craft p) (toll p) m

dearest :: [Passage] -> [Passage]
dearest ps = take 2 (sortBy (comparing (negate . toll⟪⟶)⟫) ps)

report :: Map.Map Craft Double -> [String]
report m = [show c ++ ": " ++ ⟪t⟶show t⟫ | (c, t) <- Map.toList m]

main :: IO ()
main = do
  let log = [Passage Skiff 8, Passage Liner 210, Passage Barge 60]
  mapM_ putStrLn (report (collect log))
  putStrLn ("dearest: " ++ show (map metres (dearest log)))
