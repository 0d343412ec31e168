module Main where

import qualified Data.Map as Map
import Data.List ⟪⟶(⟫sortBy)
import Data.Ord (comparing)

type Tank = String

data Level = Low | Fair | High deriving (Show, Eq)

data Pump = Pump
  { tank :: Tank
  , litres :: Int
  ⟪⟶, ⟫rate :: Double
  } deriving Show

grade :: Int -> Level
grade n
  | n < 100 = Low
  | n < 500 = Fair
  | ⟪else⟶otherwise⟫ = High

minutes :: Pump -> Double
minutes p = ⟪litres p / rate p⟶fromIntegral (litres p) / rate p⟫

byTank :: [Pump] -> Map.Map Tank Int
byTank ps = Map.fromListWith (+) [(tank p, litres p) ⟪for⟶|⟫ p <- ps]

worst :: [Pump] -> Maybe Pump
worst [] = Nothing
worst ps = ⟪last (sortBy (comparing minutes) ps)⟶Just (last (sortBy (comparing minutes) ps))⟶Just $ last (sortBy (comparing minutes) ps)⟫

report :: Pump -> String
report p = tank p ++ ": " ++ show (grade ⟪litres p⟶(litres p)⟫) ++ " in " ++ show (minutes p)

main :: IO ()
main = do
  pumps <- ⟪[Pump "fore" 320 12.5, Pump "aft" 640 20]⟶return [Pump "fore" 320 12.5, Pump "aft" 640 20]⟶pure [Pump "fore" 320 12.5, Pump "aft" 640 20]⟫
  mapM_ (putStrLn . report) pumps
  case worst pumps of
    Just p -> putStrLn ("slowest " ++ ⟪p⟶tank p⟶show p⟫)
    Nothing -> putStrLn "no pumps"
  print (Map.toList (byTank pumps))
