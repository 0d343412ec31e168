module Main where

import Data.List (intercalate)

data Leg = Leg { to :: String, miles :: Double }

data Route = Route String [Leg]

class Journey a where
  distance :: a -> Double
  describe :: a -> String

instance Journey Leg where
  distance = miles
  describe leg = to leg

instance Journey Route where
  distance (Route _ legs) = sum (map distance legs)
  describe (Route start legs) = intercalate " - " (start : map describe legs)

minutes :: Journey a => Double -> a -> Int
minutes knots journey = ceiling (distance journey / knots * 60)

main :: IO ()
main = do
  let north = Route "North" [Leg "Mole" 1.5, Leg "Island" 3.2]
  putStrLn (describe north ++ ": " ++ show (minutes 9 north) ++ " min")
  print (distance north)
