module Main where

import qualified Data.Map as Map

type Bookings = Map.Map String Int

capacity :: Int
capacity = 12

taken :: Bookings -> Int
taken bookings = sum (Map.elems bookings)

add :: String -> Int -> Bookings -> Maybe Bookings
add name seats bookings
  | taken bookings + seats > capacity = Nothing
  | otherwise = Just (Map.insert name seats bookings)

cancel :: String -> Bookings -> Bookings
cancel name bookings = Map.delete name bookings

main :: IO ()
main = do
  let first = add "Ansel" 4 Map.empty
  let second = first >>= add "Birte" 9
  case second of
    Nothing -> putStrLn "no room for Birte"
    Just bookings -> print (taken bookings)
  let left = fmap (cancel "Ansel") first
  print (fmap taken left)
