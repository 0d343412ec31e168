module Main where

data Item
  = Fee Int
  | Fuel Int Int
  deriving (Show)

value :: Item -> Int
value (Fee amount) = amount
value (Fuel litres price) = litres * price

split :: Char -> String -> (String, String)
split mark text =
  let (before, after) = break (== mark) text
  in (before, drop 1 after)

parse :: String -> Maybe Item
parse line =
  case split '=' line of
    ("fee", amount) -> Just (Fee (read amount))
    ("fuel", amount) -> Just (Fuel (read amount) 2)
    _ -> Nothing

total :: [Item] -> Int
total = foldr (\item sum' -> value item + sum') 0

main :: IO ()
main = do
  let lines' = ["fee=45", "fuel=120", "rope"]
  let items = [item | Just item <- map parse lines']
  print items
  putStrLn ("total: " ++ show (total items))
