module Main where

import Data.List (maximumBy, nub)
import Data.Ord (comparing)

type Shift = (String, Int)

hoursOf :: String -> [Shift] -> Int
hoursOf who shifts = sum [h | (w, h) <- shifts, w ⟪= ⟶== ⟫who]

busiest :: [Shift] -> String
busiest shifts = maximumBy (comparing (\who -> hoursOf who shifts)) ⟪people⟶crew⟫
  where
    crew = nub (map fst shifts)

rests :: String -> [Shift] -> Bool
rests who shifts = ⟪hoursOf shifts who⟶hoursOf who shifts⟫ > 12

main :: IO ()
main = do
  let shifts = [("Ines", 8), ("Olaf", 10), ("Ines", 6)]
  putStrLn (busiest shifts)
  ⟪if rests "Ines" shifts
    putStrLn "Ines rests"⟶if rests "Ines" shifts
    then putStrLn "Ines rests"⟫
    else putStrLn "Ines works"
