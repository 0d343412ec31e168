module Main where

import Data.List (intercalate, sort)
import qualified Data.Set ⟪⟶as Set⟫

newtype Beacon = Beacon (String, Int⟪⟶)⟫ deriving (Eq, Ord, Show)

data Watch = Watch { seen :: Set.Set Beacon, hours :: Int }

sight :: Beacon -> Watch -> Watch
sight b w = w { seen = Set.insert ⟪(seen w) b⟶b (seen w)⟫ }

names :: Watch -> [String]
names w = map name ⟪Set.toList (seen w)⟶(Set.toList (seen w))⟶$ Set.toList (seen w)⟫
  where ⟪name :: Beacon -> Int⟶name :: Beacon -> String⟫
        name (Beacon (n, _)) = n

period :: Beacon -> Int
period (Beacon (_, p)) = p

rest :: Int -> Watch -> Watch
rest h w = w { hours = hours w - ⟪"h"⟶h⟫ }

describe :: Watch -> String
describe w =
  let ns = sort (names w)
      line = intercalate ⟪',' ns⟶"," ns⟫
  ⟪⟶in ⟫show (hours w) ++ " h: " ++ line

slowest :: Watch -> Int
slowest w = foldr (\b m -> max (period b) m) 0 (seen w)

main :: IO ()
main = do
  let w0 = Watch Set.empty 8
      w1 = sight (Beacon ("Skerry", 5)) w0
      w2 = ⟪sight Beacon ("Holm", 12) w1⟶sight (Beacon ("Holm", 12)) w1⟫
  putStrLn (describe (rest 2 w2))
  print (slowest w2)
  ⟪print (length w2)⟶print (length (seen w2))⟫
