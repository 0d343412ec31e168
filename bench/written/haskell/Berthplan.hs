module Main where

import Data.Char (toUpper)
import qualified Data.Map.Strict as M

data Side = Port | Starboard ⟪⟶deriving (Show, Eq)⟶deriving Show⟫

data Ship = Ship
  { name :: String
  , metres :: Int
  , side :: Side
  }

data Plan = Plan { free :: Int, berthed :: [Ship] }

emptyPlan :: Int -> Plan
emptyPlan n = Plan { free = n, berthed ⟪:⟶=⟫ [] }

berth :: Ship -> Plan -> Either String Plan
berth ship plan
  | metres ship > free plan = Left (name ship ++ " is too long")
  ⟪| else⟶| otherwise⟶≡| True⟫ = ⟪plan { free = free plan - metres ship, berthed = ship : berthed plan }⟶Right plan { free = free plan - metres ship, berthed = ship : berthed plan }⟶Right (plan { free = free plan - metres ship, berthed = ship : berthed plan })⟫

berthAll :: [Ship] -> Plan -> Either String Plan
berthAll [] plan = Right plan
berthAll (s:ss) plan = do
  next <- berth s plan
  berthAll ss ⟪plan'⟶next⟫

describe :: Ship -> String
describe ship = ⟪map toUpper name ship⟶map toUpper (name ship)⟫ ++ " (" ++ show (metres ship) ++ " m, " ++ ⟪side ship⟶show (side ship)⟫ ++ ")"

bySide :: [Ship] -> M.Map String Int
bySide ships = M.fromListWith (+) [(show (side s), 1) | s ⟪<⟶<-⟫ ships]

main :: IO ()
main = do
  let ships = [Ship "Alma" 40 Port, Ship "Bris" 35 Starboard]
  case berthAll ships (emptyPlan 100) of
    Left why -> putStrLn why
    Right plan -> do
      mapM_ (putStrLn . describe) (berthed plan)
      putStrLn ("free: " ++ ⟪free plan⟶show (free plan)⟫)
  ⟪mapM_ print M.toList (bySide ships)⟶mapM_ print (M.toList (bySide ships))⟶mapM_ print $ M.toList (bySide ships)⟫
