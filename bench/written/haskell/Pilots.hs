module Main where

import Control.Monad (forM_, when)

data Pilot = Pilot { pilotName :: String, trips :: [Int] }

class Paid a where
  pay :: a -> Double
  ⟪bonus : a -> Double⟶bonus :: a -> Double⟫
  bonus _ = 0

instance Paid Pilot where
  pay p = 40 * fromIntegral (length (trips p))
  bonus p ⟪if length (trips p) > 2 then 15 else 0⟶= if length (trips p) > 2 then 15 else 0⟫

average :: [Int] -> Double
average [] = 0
average xs = ⟪sum xs / length xs⟶fromIntegral (sum xs) / fromIntegral (length xs)⟫

describe :: Pilot -> String
describe p = pilotName p ++ ": " ++ show ⟪pay p + bonus p⟶(pay p + bonus p)⟶$ pay p + bonus p⟫

best :: [Pilot] -> Pilot
best (p:ps) = foldl pick p ps
  where
    pick a b
      | pay a ⟪=>⟶>=⟫ pay b = a
      | otherwise = b

main :: IO ()
main = do
  let ps = [Pilot "Runa" [3, 5, 2], Pilot ⟪'Olin'⟶"Olin"⟫ [4]]
  forM_ ps $ \p ⟪=⟶->⟫ do
    putStrLn (describe p)
    when (average (trips p) > 3⟪⟶)⟫ $ putStrLn "  long trips"
  putStrLn ("best: " ++ pilotName ⟪best ps⟶(best ps)⟫)
