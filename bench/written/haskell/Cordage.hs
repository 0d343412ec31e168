module Main where

import qualified Data.Map as Map
⟪⟶import Data.List (sortBy)
⟫
data Rope = Rope
  { label :: String
  , metres :: Double
  , strands ⟪:⟶::⟫ Int
  } deriving (Show⟪⟶, Eq⟫)

type Store = Map.Map String ⟪rope⟶Rope⟫

add :: Rope -> Store -> Store
add r store = Map.insert (label r) ⟪store r⟶r store⟫

longest :: [Rope] -> Maybe Rope
longest [] = Nothing
longest rs = ⟪head⟶Just (head⟫ (sortBy (\a b -> compare (metres b) (metres a)) rs⟪⟶)⟫)

total :: [Rope] -> Double
total rs = sum (map metres rs⟪⟶)⟫

describe :: Rope -> String
describe r
  | strands r > 3 = label r ++ " is thick"
  | metres r ⟪=⟶==⟫ 0 = label r ++ " is used up"
  | ⟪else⟶otherwise⟫ = label r ++ " has " ++ ⟪metres r⟶show (metres r)⟫

main :: IO ()
main = do
  let ropes = [Rope "a" 12 3, Rope "b" 30 4]
      store = foldr add Map.empty ropes
  ⟪print describe⟶mapM_ (putStrLn . describe)⟶mapM_ (print . describe)⟫ ropes
  print (Map.size store)
  print (total ropes)
  print (longest ropes == Nothing)
