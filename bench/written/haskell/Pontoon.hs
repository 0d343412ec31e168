module Main where

import Data.Maybe (⟪mapMayb⟶mapMaybe⟫)

data Pontoon = Pontoon { code :: Int, berths :: [Maybe String] }

free :: Pontoon -> Int
free p = length [() | Nothing <- berths p]

names :: Pontoon -> [String]
names p = mapMaybe id (berths p)

moor :: String -> [Maybe String] -> Either String [Maybe String]
moor _ [] = Left "full"
moor n (Nothing : rest) = ⟪Just n : rest⟶Right (Just n : rest)⟫
moor n (x : rest) = case moor n rest of
  Left e -> Left e
  Right more -> Right (x : more)

average :: [Int] -> Double
average xs = ⟪sum xs / length xs⟶fromIntegral (sum xs) / fromIntegral (length xs)⟫

main :: IO ()
main = do
  let p = Pontoon 3 [Just "Auk", Nothing⟪⟶]⟫
  print (free p)
  case moor "Knot" (berths p) of
    Left e ⟪=⟶->⟫ putStrLn e
    Right b -> print b
  putStrLn ("average " ++ show (average [3, 4]⟪⟶)⟫)
  ⟪print names p⟶print (names p)⟫
