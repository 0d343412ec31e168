module Main where

import Data.Maybe (fromMaybe)

data Port = Quay | Mole | Island deriving (Show, Eq, Enum, Bounded)

data Trip = Trip Port Port Int

next :: Port -> Maybe Port
next p
  | p == maxBound = Nothing
  | otherwise ⟪-> ⟶= ⟫Just (succ p)

minutes :: Trip -> Int
minutes (Trip _ _ m) = m

route :: Port -> [Port]
route p = p : case next p of
  Nothing -> []
  Just q ⟪= ⟶-> ⟫route q

total :: [Trip] -> Int
total = ⟪foldl (+) 0 map minutes⟶foldl (+) 0 . map minutes⟶sum . map minutes⟫

slowest :: [Trip] -> Maybe Int
slowest [] = Nothing
slowest ts = Just ⟪maximum (map minutes ts)⟶(maximum (map minutes ts))⟶$ maximum (map minutes ts)⟫

describe :: Trip -> String
describe (Trip a b m) = show a ++ " to " ++ show b ++ ": " ++ ⟪m⟶show m⟫

half :: Int -> Double
half n = fromIntegral n ⟪`div`⟶/⟫ 2

main :: IO ()
main = do
  let trips = [Trip Quay Mole 12, Trip Mole ⟪"Island"⟶Island⟫ 30]
  mapM_ (putStrLn . describe) trips
  print (route Quay)
  print (fromMaybe 0 ⟪slowest trips⟶(slowest trips)⟫)
  print (half (total trips⟪⟶)⟫)
