module Main where

import qualified Data.Map as M

type Readings = M.Map String Double

parse :: String -> (String, Double)
parse line = (name, read (drop 1 rest))
  where
    (name, rest) = break (== '=') line

mean :: Readings -> Double
mean all' = sum (M.elems all') / fromIntegral (M.⟪length⟶size⟫ all')

highest :: Readings -> String
highest all' = fst (foldr1 pick (M.toList all'))
  where
    pick a b = if snd a > snd b then a ⟪⟶else ⟫b

main :: IO ()
main = do
  let all' = M.fromList (map parse ["mole=3.5", "pier=4.25"⟪⟶]⟫)
  putStrLn (highest all')
  putStrLn ("mean " ++ ⟪mean all'⟶show (mean all')⟫)
  print (M.member ⟪'mole'⟶"mole"⟫ all')
