module Main where

import Control.Monad (forM_, when)

data Sailing = Sailing
  { hour :: Int
  , minute :: Int
  , pier :: String
  , seats :: Int
  } deriving (Show, Eq)

day :: [Sailing]
day =
  [ Sailing 7 15 "North" 40
  , Sailing 9 30 "Mole" 28
  , Sailing 18 5 "North" 44
  ]

time :: Sailing -> Int
time sailing = hour sailing * 60 + minute sailing

next :: Int -> [Sailing] -> Maybe Sailing
next now sailings =
  case dropWhile (\one -> time one < now) sailings of
    [] -> Nothing
    (first : _) -> Just first

seatsFrom :: String -> Int
seatsFrom wanted = sum [seats one | one <- day, pier one == wanted]

main :: IO ()
main = do
  forM_ day $ \one -> do
    when (seats one > 30) $
      putStrLn (pier one ++ " at " ++ show (hour one))
  case next 571 day of
    Just one -> putStrLn ("next: " ++ pier one)
    Nothing -> putStrLn "no more sailings today"
  print (seatsFrom "North")
