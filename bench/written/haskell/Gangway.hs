module Main where

import Control.Monad (forM_, when)
import Data.Maybe (fromMaybe)

data Class = Foot | Car | Van deriving (Show, Eq, Enum, Bounded)

data Booking = Booking
  { who   :: String
  , klass :: Class
  , seats :: Int
  } deriving Show

fare :: Class -> ⟪Integer⟶Int⟫
fare Foot = 4
fare Car = 18
fare Van = 25

price :: Booking -> Int
price b = fare (klass b) * ⟪seats⟶seats b⟫

parse :: String -> Maybe Booking
parse line = case words line of
  [name, "car", n] -> Just (Booking name Car (read n))
  [name, "foot", n] -> Just (Booking name Foot ⟪n⟶(read n)⟫)
  _ -> ⟪None⟶Nothing⟫

total :: [Booking] -> Int
total bookings = ⟪sum (map price)⟶sum (map price bookings)⟫

main :: IO ()
main = do
  let lines' = ["Ada car 1", "Bert foot 3", "Cleo hovercraft"]
  ⟪let bookings <- ⟶let bookings = ⟫[b | Just b <- map parse lines']
  forM_ bookings ⟪\b ->⟶$ \b ->⟫ do
    putStrLn (who b ++ " pays " ++ show (price b))
    when (seats b ⟪>⟶> ⟫2) $ putStrLn "  group"
  putStrLn ("total " ⟪+⟶++⟫ show (total bookings))
  let first = fromMaybe (Booking "nobody" Foot 0) (parse ⟪head lines'⟶(head lines')⟫)
  print first
