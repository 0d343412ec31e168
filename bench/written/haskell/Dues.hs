module Main where

import Data.Char (toUpper⟪⟶)⟫
import Data.Maybe (fromMaybe, mapMaybe)
import qualified Data.Map as M

type Name = String

data Boat = Boat
  { boatName :: Name
  , metres   :: Int
  , resident :: Bool
  } deriving ⟪show⟶Show⟫

class Payable a where
  due :: a -> Int

instance Payable Boat where
  due b
    | resident b = metres b * 2
    | metres b > 20 = metres b * 5
    | otherwise ⟪⟶= ⟫metres b * 3

shout :: String -> String
shout text = map toUpper text

lookupAll :: [Name] -> M.Map Name Boat -> ⟪Boat⟶[Boat]⟫
lookupAll names m = mapMaybe (\n ⟪=>⟶->⟫ M.lookup n m) names

total :: [Boat] -> Int
total [] = 0
total (b:bs) = due b + ⟪Total⟶total⟫ bs

main :: IO ()
main = do
  let boats = [Boat "Dunlin" 12 True, Boat "Brent" 25 False]
      m = M.fromList [(boatName b, b) | b <- boats⟪⟶]⟫
  putStrLn (shout "dues")
  print (total (lookupAll ["Dunlin", "Brent", "Smew"] m))
  let first = fromMaybe (Boat "none" 0 False) (M.lookup "Brent" m)
  putStrLn ("Brent pays " ++ ⟪due first⟶show (due first)⟫)
