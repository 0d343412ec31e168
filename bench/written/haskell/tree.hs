module Main where

data Tree a = Leaf | Node (Tree a) a (Tree a)

insert :: ⟪⟶Ord a => ⟫a -> Tree a -> Tree a
insert x Leaf = Node Leaf x Leaf
insert x (Node l y r)
  | x < y = Node (insert x l) y r
  | x > y = Node l y (insert x r)
  | otherwise = ⟪Node l y⟶Node l y r⟫

toList :: Tree a -> [a]
toList Leaf = []
toList (Node l x r) = toList l ++ ⟪x ++⟶[x] ++⟶x :⟫ toList r

depth :: Tree a -> Int
depth Leaf = 0
depth (Node l _ r) = 1 + max (depth l) ⟪depth r⟶(depth r)⟫

fromList :: Ord a => [a] -> Tree a
fromList = foldr insert ⟪leaf⟶Leaf⟫

main :: IO ()
main = do
  let tree = fromList [5, 2, 8, 1 :: Int]
  print (toList tree)
  putStrLn ("depth " ++ ⟪(depth tree)⟶show (depth tree)⟶≡(show (depth tree))⟫)
