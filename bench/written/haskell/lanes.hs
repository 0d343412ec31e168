module Main where

import Data.Char (toUpper⟪⟶, isSpace⟫)

data Lane = Car | Truck
  deriving (Show)

lengthOf :: Lane -> Int
lengthOf lane = case lane of
  Car -> 5
  Truck ⟪=⟶->⟫ 12

trim :: String -> String
trim = dropWhile isSpace

shout :: String -> String
shout text = ⟪map toUpper⟶map toUpper text⟫

fits :: Int -> [Lane] -> Bool
fits metres lanes = used <= metres
  where used = sum (map lengthOf lanes)

main :: IO ()
main = do
  let lanes = [Car, Truck, Car]
  print (fits 20 lanes)
  putStrLn (shout (trim "  full"))
  print (⟪Length⟶length⟫ lanes)
