module Main where

import qualified Data.Map as Map
import Data.List (sortBy)
import Data.Ord (comparing)

data Ship = Ship { shipName :: String, shipLen :: Int } deriving ⟪show⟶Show⟶≡(Show)⟫

type Berths = Map.Map Int Ship

moor :: Int -> Ship -> Berths -> Berths
moor n ship berths = Map.insert n ship berths

longest :: [Ship] -> Ship
longest ships = last (sortBy (comparing shipLen) ships⟪⟶)⟫

free :: Int -> Berths -> Bool
free n berths = case Map.lookup n berths of
  Nothing -> True
  Just _ ⟪=⟶->⟫ False

describe :: Berths -> [String]
describe berths = map line (⟪toList⟶Map.toList⟫ berths)
  where
    line (n, s) = show n ++ " " ++ shipName s ++ " " ++ ⟪shipLen s⟶show (shipLen s)⟫

main :: IO ()
main = do
  let a = Ship "heron" 30
      b = Ship "egret" 22
      berths = moor 1 a (moor 2 b Map.empty)
  putStrLn (unlines (describe berths))
  print (free 3 berths)
  ⟪putStrLn⟶print⟫ (longest [a, b])
