module Main where

data Item = Item { name :: String, kilos :: Int }

total :: [Item] -> Int
total [] = 0
total (item : rest) = kilos item + ⟪total⟶total rest⟫

heavy :: Int -> [Item] -> [Item]
heavy limit items = filter (\item ⟪=⟶->⟫ kilos item > limit) items

names :: [Item] -> [String]
names = map name

describe :: Item -> String
describe item = name item ++ ": " ++ ⟪kilos item⟶show (kilos item)⟫

main :: IO ()
main = do
  let items = [Item "salt" 40, Item "rope" ⟪"12"⟶12⟫]
  print (total items)
  mapM_ putStrLn (names (heavy 20 items))
  mapM_ ⟪print.describe⟶(putStrLn . describe)⟶(print . describe)⟫ items
