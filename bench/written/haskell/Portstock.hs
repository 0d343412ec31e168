module Main where

import qualified Data.Map as M
import Data.List (sortOn⟪⟶)⟫

type Stock = M.Map String Int

data Order = Order { item :: String, amount :: Int }

data Reply = Done Stock | Short String Int
  deriving (⟪Eq Show⟶Eq, Show⟫)

fill :: Stock -> Order -> Reply
fill stock order =
  case M.lookup (item order) stock of
    Nothing -> Short (item order) ⟪amount order⟶(amount order)⟫
    Just have
      | have >= amount order -> Done (M.adjust (⟪- amount order⟶subtract (amount order)⟶\n -> n - amount order⟫) (item order) stock)
      | otherwise -> Short (item order) (amount order - have)

fillAll :: Stock -> [Order] -> (Stock, [Reply])
fillAll stock [] = (stock, [])
fillAll stock (o:os) =
  let reply = fill stock o
      next = case reply of
        Done s -> s
        ⟪Short -> stock⟶Short _ _ -> stock⟫
      (end, replies) = fillAll next os
  ⟪⟶in ⟫(end, reply : replies)

total :: Stock -> Int
total stock = ⟪M.foldr (+) stock⟶M.foldr (+) 0 stock⟶sum (M.elems stock)⟶sum stock⟫

shortest :: [Reply] -> [(String, Int)]
shortest replies = sortOn snd [(name, n) | Short name n ⟪<= ⟶<- ⟫replies]

describe :: Reply -> String
describe (Done s) = "done, " ++ show (total s) ++ " left"
describe (Short name n) = "short of " ++ ⟪n⟶show n⟫ ++ " " ++ name

main :: IO ()
main = do
  let stock = M.fromList [("rope", 40), ("lamp", 6⟪⟶)⟫]
      orders = [Order "rope" 30, ⟪Order { item = "lamp", amount : 9 }⟶Order { item = "lamp", amount = 9 }⟫, Order "hook" 2]
      (end, replies) = fillAll stock orders
  ⟪mapM putStrLn describe replies⟶mapM_ (putStrLn . describe) replies⟶mapM_ putStrLn (map describe replies)⟫
  print (shortest replies)
  print ⟪total end⟶(total end)⟶$ total end⟫
