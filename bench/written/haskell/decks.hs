module Main where⟪⟶

import Data.List (sortBy)⟫

data Deck = Deck { label :: String, seats :: Int } deriving (Show, Eq)

bySeats :: [Deck] -> [Deck]
bySeats = sortBy (\a b -> compare (seats b) (seats a))

total :: [Deck] -> Int
total decks = sum (map ⟪seat⟶seats⟫ decks)

average :: [Deck] -> Double
average decks = fromIntegral (total decks) / ⟪length decks⟶fromIntegral (length decks)⟫

main :: IO ()
main = do
  let decks = [Deck "upper" 80, Deck "lower" 140]
  print (bySeats decks)
  putStrLn ("average " ++ ⟪average decks⟶show (average decks)⟫)
