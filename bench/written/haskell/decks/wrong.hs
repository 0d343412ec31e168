module Main where

data Deck = Deck { label :: String, seats :: Int } deriving (Show, Eq)

bySeats :: [Deck] -> [Deck]
bySeats = sortBy (\a b -> compare (seats b) (seats a))

total :: [Deck] -> Int
total decks = sum (map seat decks)

average :: [Deck] -> Double
average decks = fromIntegral (total decks) / length decks

main :: IO ()
main = do
  let decks = [Deck "upper" 80, Deck "lower" 140]
  print (bySeats decks)
  putStrLn ("average " ++ average decks)
