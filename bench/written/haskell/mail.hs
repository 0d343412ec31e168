module Main where

data Letter = Letter
  { to :: String
  , grams :: Int
  } deriving (Show, Eq)

weight :: [Letter] -> Int
weight letters = sum (map grams letters⟪⟶)⟫

add :: Int -> Letter -> [Letter] -> Either String [Letter]
add limit letter bag
  | weight bag + grams letter > limit = Left ("no room for " ++ to letter)
  | otherwise = ⟪letter : bag⟶Right (letter : bag)⟫

heavy :: [Letter] -> [String]
heavy bag = [to l | l <- bag, grams l > 50]

main :: IO ()
main = do
  let first = Letter "Mole" 60
  case add 100 first [] of
    Left text -> putStrLn text
    Right bag -> print ⟪weight bag⟶(weight bag)⟶≡$ weight bag⟫
  ⟪print heavy [first]⟶print (heavy [first])⟶≡print $ heavy [first]⟫
