module Main where

import Data.Foldable (toList)

data Tree a = Leaf | Node (Tree a) a (Tree a)

⟪instance Foldable Tree a where⟶instance Foldable Tree where⟫
  foldr _ z Leaf = z
  foldr f z (Node l x r) = foldr f (f x (foldr f z r)) l

instance Functor Tree where
  fmap _ Leaf = Leaf
  fmap f (Node l x r) = Node (fmap f l) ⟪(fmap f x)⟶(f x)⟫ (fmap f r)

class Described a where
  describe :: a -> String
  label :: a -> String
  label x = "<" ++ describe x ++ ">"

data Mooring = Mooring { number :: Int, depth :: Double }
  deriving (Show⟪⟶, Eq, Ord⟫)

instance Described Mooring where
  ⟪describe :: Mooring⟶describe⟫ m = "M" ++ show (number m)

insert :: ⟪⟶Ord a => ⟫a -> Tree a -> Tree a
insert x Leaf = Node Leaf x Leaf
insert x t@(Node l y r)
  | x < y = Node (insert x l) y r
  | x > y = Node l y (insert x ⟪⟶r⟫)
  ⟪| else⟶| otherwise⟫ = t

fromList :: Ord a => [a] -> Tree a
fromList = ⟪foldr insert Leaf xs⟶foldr insert Leaf⟫

size :: Tree a -> Int
size Leaf = 0
size (Node l _ r) = ⟪1 + size l size r⟶1 + size l + size r⟫

deepest :: Tree Mooring -> Maybe Mooring
deepest Leaf = Nothing
deepest tree = Just (foldr1 deeper (toList tree))
  where deeper a b = if depth a > depth b then a ⟪⟶else b⟫

within :: Double -> Tree Mooring -> [Mooring]
within limit tree = [m | m <- ⟪tree⟶toList tree⟫, depth m ⟪=<⟶<=⟫ limit]

main :: IO ()
main = do
  let tree = fromList [Mooring 4 2.5, Mooring 1 6.0⟪, ⟶, Mooring ⟫9 1.5]
      shallow = within 3 tree
  putStrLn (unwords (map label ⟪shallow tree⟶shallow⟫))
  print (size tree)
  print ⟪sum (fmap depth tree)⟶(sum (fmap depth tree))⟫
  case deepest tree of
    Just m -> putStrLn (describe m)
    Nothing -> ⟪pure⟶pure ()⟶return ()⟫
