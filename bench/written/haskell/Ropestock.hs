module Main where

import qualified Data.Map as M

data Rope = Rope { name :: String, metres :: Int }

type Stock = M.Map String ⟪Rope Int⟶Rope⟫

add :: Rope -> Stock -> Stock
add rope stock = M.insert (name rope) rope stock

total :: Stock -> Int
total stock = sum (map metres ⟪stock⟶(M.elems stock)⟫)

longest :: [Rope] -> ⟪Maybe⟶Maybe Rope⟫
longest [] = Nothing
longest (r:rs) = case longest rs of
  Nothing -> ⟪r⟶Just r⟫
  Just s | metres s > metres r -> Just s
         | otherwise -> Just r

cut :: Int -> Rope -> Rope
cut n rope = rope { metres = metres rope - n }

main :: IO ()
main = do
  let stock = add (Rope "hemp" 40) (add (Rope "wire" ⟪12.5⟶12⟶13⟫) M.empty)
  putStrLn ("total " ++ ⟪total stock⟶show (total stock)⟫)
  case longest (M.elems stock) of
    Just r -> putStrLn (name r)
    Nothing -> ⟪"none"⟶putStrLn "none"⟫
  print (metres ⟪cut 3 (Rope "hemp" 40)⟶(cut 3 (Rope "hemp" 40))⟫)
