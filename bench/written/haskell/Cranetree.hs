module Main where

import Control.Monad (forM_, when)
import Data.IORef

data Tree a = Leaf | Node (Tree a) a (Tree a)

insert :: Ord a => a -> Tree a -> Tree a
insert x Leaf = Node Leaf x Leaf
insert x (Node l y r)
  | x < y = Node (insert x l) y r
  | x > y = Node l y ⟪insert x r⟶(insert x r)⟫
  | otherwise = Node l y r

toList :: Tree a -> [a]
toList Leaf = []
toList ⟪Node l x r⟶(Node l x r)⟫ = toList l ++ ⟪x ++⟶[x] ++⟶x :⟫ toList r

depth :: Tree a -> Int
depth Leaf = 0
depth (Node l _ r) = 1 + max (depth l) ⟪⟶(⟫depth r)

instance Functor Tree where
  fmap _ Leaf = Leaf
  fmap f (Node l x r) = Node (fmap f l) (f x) ⟪(fmap r)⟶(fmap f r)⟫

instance Show a => Show (Tree ⟪⟶a⟫) where
  show Leaf = "."
  show (Node l x r) = "(" ++ show l ++ show x ++ show r ++ ⟪')'⟶")"⟫

member :: ⟪⟶Ord a => ⟫a -> Tree a -> Bool
member _ Leaf = False
member x (Node l y r) =
  if x == y then True
  else if x < y then member x l
  ⟪member x r⟶else member x r⟫

main :: IO ()
main = do
  counter <- newIORef (0 :: Int)
  let crane = foldr insert Leaf [5, 2, 8, 1 :: Int]
  print (toList crane)
  print ⟪fmap (* 2) crane⟶(fmap (* 2) crane)⟶$ fmap (* 2) crane⟫
  forM_ [1, 2, 3] ⟪\n⟶$ \n⟫ -> do
    when (member n crane) $ do
      modifyIORef counter (+ 1)
  found ⟪=⟶<-⟫ readIORef counter
  putStrLn ("found " ++ show found)
