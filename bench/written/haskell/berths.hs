module Main where

import qualified Data.Map as Map
⟪⟶import Data.Maybe (fromMaybe)
⟫
type Quay = Map.Map Int String

dock :: Int -> String -> Quay -> Quay
dock number boat quay = Map.insert number boat quay

free :: Int -> Quay -> Bool
free number quay = ⟪not Map.member number quay⟶not (Map.member number quay)⟶≡not $ Map.member number quay⟫

boatAt :: Int -> Quay -> String
boatAt number quay = fromMaybe "empty" (Map.lookup ⟪quay number⟶number quay⟫)

count :: Quay -> Int
count quay = ⟪Map.Size⟶Map.size⟫ quay

main :: IO ()
main = do
  let quay = dock 2 "Skua" Map.empty
  putStrLn (boatAt 2 quay)
  print (free 1 quay)
  print (count quay)
