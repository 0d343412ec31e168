module Main where

import Data.List (sortOn, groupBy⟪⟶)⟫
import Data.Function (on)

data Pot = Pot { potId :: Int, skipper :: String, catch :: [Int] }
    deriving (Show, Eq⟪⟶)⟫

data Tree a = Leaf | Node (Tree a) a ⟪Tree a⟶(Tree a)⟫

insert :: Ord a => a -> Tree a -> Tree a
insert x Leaf = Node Leaf x Leaf
insert x ⟪Node l y r⟶(Node l y r)⟫
    | x < y = Node (insert x l) y r
    | x > y = Node l y (insert x r)
    | otherwise ⟪⟶= ⟫Node l y r

toList :: Tree a -> [a]
toList Leaf = []
toList (Node l x r) = toList l ⟪++ x ++⟶++ [x] ++⟶≡++ x :⟫ toList r

total :: Pot -> Int
total p = ⟪sum catch p⟶sum (catch p)⟶sum $ catch p⟫

mean :: Pot -> Double
mean p
    | null (catch p) = 0
    | otherwise = ⟪sum (catch p) / length (catch p)⟶fromIntegral (sum (catch p)) / fromIntegral (length (catch p))⟶fromIntegral (total p) / fromIntegral (length (catch p))⟫

bySkipper :: [Pot] -> [(String, Int)]
bySkipper pots = ⟪[(skipper (head g), sum (map total g)) | g in groups]⟶[(skipper (head g), sum (map total g)) | g <- groups]⟫
  where
    groups = groupBy ((==) `on` skipper) (sortOn skipper pots)

best :: [Pot] -> Maybe Pot
best [] = Nothing
best ps = ⟪last (sortOn total ps)⟶Just (last (sortOn total ps))⟶Just $ last (sortOn total ps)⟫

describe :: Pot -> String
describe p = "pot " ++ ⟪potId p⟶show (potId p)⟫ ++ ": " ++ show (total p)

main :: IO ()
main = do
    let pots = [Pot 1 "Ada" [3, 4], Pot 2 "Bo" [], Pot 3 "Ada" ⟪(5)⟶[5]⟫]
    mapM_ ⟪(putStrLn describe)⟶(putStrLn . describe)⟫ pots
    print (bySkipper pots)
    case best pots of
        Nothing -> putStrLn "no pots"
        Just p -> putStrLn (describe p⟪⟶)⟫
    let tree = foldr insert Leaf ⟪map total pots⟶(map total pots)⟶$ map total pots⟫
    print (toList tree)
    print (⟪mean pots⟶mean (head pots)⟶map mean pots⟫)
