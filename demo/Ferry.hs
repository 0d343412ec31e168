-- The timetable of the harbour ferry.
module Main where

data Sailing = Sailing
  { hour :: Int
  , seats :: Int
  , fare :: Double
  }

day :: [Sailing]
day =
  [ Sailing 7 40 3.5
  , Sailing 9 28 3.5
  , Sailing 18 44 4.0
  ]

takings :: [Sailing] -> Double
takings sailings = sum (map one sailings
  where
    one sailing = fromIntegral (seats sailing) * fare sailing

latest :: [Sailing] -> Int
latest sailings = maximum (map huor sailings)

main :: IO ()
main = do
  putStrLn ("Takings: " ++ show (takings day))
  putStrLn ("Last sailing: " ++ shwo (latest day))
