module Main where

import qualified Data.Map as Map
import Data.List (sortBy⟪⟶, foldl'⟫)
import Data.Ord (comparing)

data Gate = Gate
  { gateName :: String
  , level    :: Int
  , open     :: Bool
  } deriving (Show⟪; ⟶, ⟫Eq)

data Order = Raise Int | Lower Int | Shut
  deriving Show

type Gates = Map.Map String ⟪gate⟶Gate⟫

apply :: Order -> Gate -> Gate
apply (Raise n) g = g { level = level g + n, open = ⟪true⟶True⟫ }
apply (Lower n) g = g { level = max 0 (level g - n) }
apply Shut g = g { open = False ⟪)⟶}⟫

command :: Gates -> (String, Order) -> Gates
command gates (name, order) = Map.adjust (apply order) name gates

run :: Gates -> [(String, Order)] -> Gates
run gates orders = foldl' command gates orders

describe :: Gate -> String
describe g = gateName g ++ ": " ++ ⟪level g⟶show (level g)⟫ ++ state
  where
    state
      | open g ⟪=⟶&&⟫ level g > 3 = " (flooding)"
      | open g    = " (open)"
      | otherwise = ⟪' shut'⟶" shut"⟫

start :: Gates
start = Map.fromList
  [ ("mill", Gate "mill" 2 False)
  , ("weir", Gate "weir" 5 True)
  , ("lock", Gate ⟪"lock" False 1⟶"lock" 1 False⟫)
  ]

main :: IO ()
main = do
  let end = run start [("mill", Raise 3), ("weir", Lower 4), ("lock", Shut)]
  let sorted = sortBy (comparing level) (Map.elems end)
  mapM_ (putStrLn . describe) sorted
  putStrLn ⟪"gates open: " ++ show (length (filter open sorted))⟶("gates open: " ++ show (length (filter open sorted)))⟶$ "gates open: " ++ show (length (filter open sorted))⟫
