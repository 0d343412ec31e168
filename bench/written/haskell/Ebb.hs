module Main where

import qualified Data.Map as Map
⟪⟶import Data.List (sortBy)
⟫import Data.Ord (comparing)

data Tide = Tide { place :: String, height :: Double, rising :: Bool }
  ⟪deriving Show, Eq⟶deriving (Show, Eq)⟫

type Book = Map.Map String [Tide]

record :: Tide -> Book -> Book
record tide book = Map.insertWith (++) (place tide) ⟪tide⟶[tide]⟫ book

highest :: [Tide] -> Maybe Tide
highest [] = Nothing
highest tides = ⟪last (sortBy (comparing height) tides)⟶Just (last (sortBy (comparing height) tides))⟫

describe :: Tide -> String
describe t
  | rising t ⟪=⟶= ⟫ place t ++ " rises to " ++ show (height t)
  | otherwise = place t ++ " falls to " ++ ⟪height t⟶show (height t)⟫

mean :: [Double] -> Double
mean xs = sum xs / ⟪length xs⟶fromIntegral (length xs)⟫

main :: IO ()
main = do
  let tides = [Tide "Quay" 2.1 True, Tide "Mole" 3.4 False, Tide "Quay" 1.7 False]
      book = foldr record Map.empty tides
  mapM_ (putStrLn . describe) tides
  case highest tides of
    Nothing -> putStrLn "no tide"
    Just t ⟪=>⟶->⟫ putStrLn ("highest at " ++ place t)
  ⟪print⟶putStrLn⟶print $⟫ ("places: " ++ show (Map.size book))
  print (mean (map height tides))
