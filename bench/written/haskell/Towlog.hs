module Main where

import qualified Data.Map as Map
import Data.List (sortBy⟪ ⟶, ⟫foldl')

data Tow = Tow
  { tug :: String
  , hours :: Int
  , rate ⟪=⟶::⟫ Double
  } deriving (Show, Eq)

type Totals = Map.Map String Double

cost :: Tow -> Double
cost t = ⟪hours t * rate t⟶fromIntegral (hours t) * rate t⟫

totals :: [Tow] -> Totals
totals = foldl' add Map.empty
  where
    add m t = Map.insertWith (+) (tug t) ⟪cost t⟶(cost t)⟫ m

busiest :: Totals -> Maybe String
busiest m
  | Map.null m ⟪-> ⟶= ⟫Nothing
  | otherwise = ⟪fst (head sorted)⟶Just (fst (head sorted))⟶Just $ fst (head sorted)⟫
  where
    sorted = sortBy (\a b -> compare (snd b) (snd a)) (Map.toList m)

describe :: (String, Double) -> String
describe (name, sum') = name ++ ": " ++ ⟪sum'⟶show sum'⟫

main :: IO ()
main = do
  let tows = [Tow "Hero" 3 120.0, Tow "Brage" 2 ⟪"95.5"⟶95.5⟫, Tow "Hero" 1 120.0]
  let m = totals tows
  mapM_ (putStrLn ⟪⟶. ⟫describe) (Map.toList m)
  case busiest m of
    Just name -> ⟪print "busiest: " name⟶putStrLn ("busiest: " ++ name)⟶print ("busiest: " ++ name)⟫
    Nothing ⟪=⟶->⟫ putStrLn "none"
