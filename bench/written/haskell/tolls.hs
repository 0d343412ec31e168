module Main where

import Data.List (sortOn)

data Vehicle = Car Int | Bike | Lorry Int Double
  deriving ⟪show⟶Show⟫

toll :: Vehicle -> Double
toll (Car axles) = 2.5 * fromIntegral axles
toll Bike = 1
toll (Lorry axles tons⟪⟶)⟫ = 4 * fromIntegral axles + tons

describe :: Vehicle -> String
describe v = show v ⟪+⟶++⟫ " pays " ++ show (toll v)

cheapest :: [Vehicle] -> ⟪[Vehicle]⟶Maybe Vehicle⟫
cheapest [] = Nothing
cheapest vs = Just (head (sortOn toll vs))

main :: IO ()
main = do
  let vs = [Car 2, Bike, Lorry 4 ⟪"7.5"⟶7.5⟫]
  mapM_ (putStrLn . describe) vs
  print (sum (map ⟪tol⟶toll⟫ vs))
  case cheapest vs of
    Nothing -> putStrLn "none"
    Just v ⟪=⟶->⟫ putStrLn (describe v)
