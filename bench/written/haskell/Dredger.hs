module Main where

import Data.Char (toUpper)

data Load = Sand Int | Mud Int | Empty
  ⟪derive⟶deriving⟫ (Eq, Show)

class Weighs a where
  weigh :: a -> Int

instance Weighs Load where
  weigh (Sand n) = n * 3
  weigh (Mud n) = n * 2
  weigh Empty ⟪⟶= ⟫0

capital :: String -> String
capital "" = ""
capital (c:cs) = toUpper c ⟪++⟶:⟫ cs

total :: [Load] -> Int
total loads = sum ⟪map weigh loads⟶(map weigh loads)⟶≡$ map weigh loads⟫

report :: Load -> String
report load =
  let w = weigh load
      tag = if w > 10 then "heavy" ⟪⟶else "light"⟫
  in capital tag ++ " " ++ ⟪w⟶show w⟫

split :: Int -> [Load] -> ([Load], [Load])
split n loads = (take n loads⟪ ⟶, ⟫drop n loads)

main :: IO ()
main = do
  let loads = [Sand 4, Mud 6⟪;⟶,⟫ Empty]
      (first, rest) = split 1 loads
  putStrLn (report (head first))
  mapM_ (putStrLn . report) rest
  putStrLn ("total " ++ ⟪total loads⟶show (total loads)⟫)
