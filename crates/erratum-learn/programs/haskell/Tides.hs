module Main where

needed :: Double
needed = 2.0

deepEnough :: Double -> Bool
deepEnough level = level >= needed

openHours :: [Double] -> Int
openHours levels = length (filter deepEnough levels)

highest :: [Double] -> Double
highest [] = 0
highest (level : rest) = foldl max level rest

rating :: Int -> String
rating hours
  | hours > 5 = "very good"
  | hours > 3 = "good"
  | otherwise = "poor"

levels :: [Double]
levels = [0.8, 1.1, 1.9, 2.4, 3.0, 3.3, 2.6, 1.4]

main :: IO ()
main = do
  let open = openHours levels
  putStrLn ("Open hours: " ++ show open)
  putStrLn ("Highest tide: " ++ show (highest levels))
  putStrLn ("A " ++ rating open ++ " day for sailing")
