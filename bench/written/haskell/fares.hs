module Main where

data Zone = Inner | Outer deriving (Eq⟪⟶, Show⟫)

base :: Zone -> Double
base Inner = 2.5
base Outer = 4.0

price :: Zone -> Int -> Double
price zone people = base zone * ⟪people⟶fromIntegral people⟫

family :: Int -> Int -> ⟪Int⟶Double⟫
family adults children =
  price Inner adults + price Inner children * 0.5

cheap :: Double -> Bool
cheap cost = if cost <= 10 then True⟪⟶ else False⟫

main :: IO ()
main = do
  print (family 2 1)
  print (cheap (family 2 1))
  print Outer
