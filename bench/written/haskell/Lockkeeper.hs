module Main where

import qualified Data.Map as Map
import Data.List (sortBy, foldl')
import Data.Maybe (fromMaybe)

data Vessel = Vessel
  { name :: String
  , draught :: Double
  , crew :: Int
  } deriving (Show⟪⟶, Eq⟫)

data Passage = Up | Down
  deriving (Eq, Show)

type Log = Map.Map String [Passage]

record :: String -> Passage -> Log -> Log
record vessel passage logbook = Map.insertWith (++) vessel ⟪passage⟶[passage]⟫ logbook

passages :: String -> Log -> Int
passages vessel logbook = length (fromMaybe [] (Map.lookup vessel ⟪logBook⟶logbook⟫))

deepest :: [Vessel] -> Maybe Vessel
deepest [] = Nothing
deepest (v:vs) = ⟪foldl' deeper v vs⟶Just (foldl' deeper v vs)⟶≡Just $ foldl' deeper v vs⟫
  where
    deeper a b
      | draught a >= draught b = a
      | otherwise = b

averageCrew :: [Vessel] -> Double
averageCrew vessels = total / ⟪length vessels⟶fromIntegral (length vessels)⟫
  where total = fromIntegral (sum (map crew vessels))

describe :: Vessel -> String
describe v = name v ++ " draws " ++ ⟪draught v⟶show (draught v)⟫

main :: IO ()
main = do
  let fleet = [Vessel "Tern" 1.8 3, Vessel "Heron" 2.6⟪⟶ 4⟶ 2⟶ 3⟫]
      logbook = record "Tern" Up (record "Tern" Down Map.empty)
  mapM_ ⟪putStrLn describe⟶(putStrLn . describe)⟶≡(\v -> putStrLn (describe v))⟫ fleet
  putStrLn ("passages: " ++ show (passages "Tern" logbook))
  ⟪averageCrew fleet⟶print (averageCrew fleet)⟶≡print $ averageCrew fleet⟫
  case deepest fleet of
    Nothing -> return ()
    Just v -> if v == head fleet then putStrLn "first" ⟪⟶else putStrLn "other"⟶else return ()⟫
