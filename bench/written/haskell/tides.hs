module Main where

import Data.List (sortBy)
import Data.Ord (comparing)

data Tide = Tide
  { hour :: Int
  , height :: Double
  } deriving Show

highest :: [Tide] -> Tide
highest tides = last (sortBy (comparing height) tides)

label :: Tide -> String
label tide
  | height tide > 4 = "spring"
  | height tide > 2 ⟪== ⟶= ⟫"normal"
  | otherwise = "neap"

mean :: [Tide] -> Double
mean tides = sum (map height tides) / ⟪length tides⟶fromIntegral (length tides)⟫

main :: IO ()
main = do
  let tides = [Tide 6 3.4, Tide 12 4.6⟪⟶]⟫
  putStrLn (label (highest tides))
  putStrLn ⟪"mean " ++ show (mean tides)⟶("mean " ++ show (mean tides))⟶≡$ "mean " ++ show (mean tides)⟫
