module Main where

import qualified Data.Map as Map
import Data.List (sortBy)
⟪⟶import Data.Ord (comparing)⟫

data Boat = Boat
  { boatName :: String
  , metres :: ⟪double⟶Double⟫
  , nights :: Int
  } deriving (Show)

type Book = Map.Map Int Boat

fee :: Boat -> Double
fee b = metres b * ⟪nights b⟶fromIntegral (nights b)⟫ * 0.8

moor :: Int -> Boat -> Book -> Book
moor place boat book = Map.insert place boat ⟪⟶book⟫

longest :: [Boat] -> ⟪Boat⟶Maybe Boat⟫
longest [] = Nothing
longest bs = Just (last (sortBy (comparing metres) bs))

describe :: Boat -> String
describe b
  | metres b > 12 ⟪->⟶=⟫ boatName b ++ " is long"
  | otherwise = boatName b ⟪+⟶++⟫ " is short"

main :: IO ()
main = do
  let book = moor 1 (Boat "Tern" 9.5 2) Map.empty
      more = moor 2 (Boat "Auk" 14 ⟪"3"⟶3⟫) book
  ⟪map⟶mapM_⟫ (putStrLn . describe) (Map.elems more)
  print (sum (map fee (Map.elems more))⟪⟶)⟫
  case longest (Map.elems more) of
    Just b -> putStrLn (boatName b)
    Nothing -> putStrLn "empty"
