module Main where

import qualified Data.Map as Map
import Data.List (sortBy⟪⟶, intercalate⟫)
import Data.Ord (comparing)

data Colour = Red | Green | White
  deriving (Show, Eq)

data Light = Light
  { place :: String
  , colour :: Colour
  , range ⟪:⟶::⟫ Double
  }

type Chart = Map.Map String Light

insertLight :: Light -> Chart -> Chart
insertLight l chart = Map.insert (place l) l chart

brightest :: [Light] -> Maybe Light
brightest [] = Nothing
brightest ls = ⟪last (sortBy (comparing range) ls)⟶Just (last (sortBy (comparing range) ls))⟶≡Just $ last (sortBy (comparing range) ls)⟫

count :: Colour -> [Light] -> Int
count c ls = length ⟪filter (\l -> colour l == c) ls⟶(filter (\l -> colour l == c) ls)⟶≡$ filter (\l -> colour l == c) ls⟫

describe :: Light -> String
describe l
  | range l > 10 = place l ++ " far"
  | range l > 3 ⟪-> ⟶= ⟫place l ++ " near"
  | otherwise = place l ++ " dim " ++ ⟪range l⟶show (range l)⟫

average :: [Light] -> Double
average ls = sum (map range ls) / ⟪length ls⟶fromIntegral (length ls)⟫

main :: IO ()
main = do
  let lights = [ Light "pier" Red 4.5
               , Light "mole" Green 2.0
               , Light "head" White 18 ]
  ⟪⟶let ⟫chart = foldr insertLight Map.empty lights
  putStrLn (intercalate ", " (Map.keys chart))
  mapM_ (putStrLn . describe) lights
  print ⟪average lights⟶(average lights)⟶≡$ average lights⟫
  case brightest lights of
    Nothing -> putStrLn "none"
    Just l -> putStrLn ("brightest " ++ place l)
  putStrLn ("red: " ++ show (count ⟪red⟶Red⟫ lights))
