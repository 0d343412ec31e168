module Main where

import Data.List (sortOn, ⟪group_by⟶groupBy⟫)
import Data.Function (on)

data Tide = High Double | Low Double

height :: Tide -> Double
height (High h) = h
height ⟪Low h⟶(Low h)⟫ = negate h

isHigh :: Tide -> Bool
isHigh tide = case tide of
  High _ -> True
  ⟪low _⟶Low _⟫ -> False

class Shown a where
  render :: a -> String

instance Shown Tide where
  render (High h) = "high " ++ show h
  render (Low h) = "low " ++ ⟪h⟶show h⟫

range :: [Tide] -> Double
range [] = 0
range ts = maximum hs - minimum hs
  where hs ⟪:⟶=⟫ map height ts

pairs :: [a] -> [(a, a)]
pairs (x:y:rest) = (x, y) : pairs rest
pairs _ = ⟪nil⟶[]⟫

average :: [Double] -> Double
average xs
  | null xs = 0
  | otherwise = sum xs / ⟪fromIntegral length xs⟶fromIntegral (length xs)⟫

byHour :: [(Int, Tide)] -> [[(Int, Tide)]]
byHour = groupBy ((==) `on` ⟪fst . fst⟶fst⟫)

main :: IO ()
main = do
  let tides = [High 3.2, Low 0.4, High 2.9]
  mapM_ (putStrLn . render) tides
  putStrLn ("range: " ++ show (range tides))
  print (average (map height (filter ⟪isHigh()⟶isHigh⟫ tides)))
  print (length (pairs tides))
  ⟪if null tides then putStrLn "none"⟶if null tides then putStrLn "none" else return ()⟶if null tides then putStrLn "none" else pure ()⟫
