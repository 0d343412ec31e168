module Main where

import qualified Data.Map.Strict as M
import Control.Monad (forM_, ⟪When⟶when⟫)

data Barge = Barge { bargeName :: String, tonnage :: Int }
  deriving (⟪show⟶Show⟫, Eq)

data Event
  = Arrive Barge
  | Leave String
  | Level ⟪int⟶Int⟫

data Lock = Lock
  { inside :: M.Map String Barge
  , level  :: Int
  ⟪⟶}⟫

empty :: Lock
empty = Lock M.empty 0

step :: Lock -> Event -> Either String Lock
step lock (Arrive b)
  | M.size (inside lock) >= 2 = Left ("no room for " ++ bargeName b)
  | otherwise = Right lock { inside = M.insert (bargeName b) b (inside lock) }
step lock (Leave name) =
  case M.lookup name (inside lock) of
    Nothing -> Left ⟪"no barge " ++ name⟶("no barge " ++ name)⟶$ "no barge " ++ name⟫
    Just _ ⟪=>⟶->⟫ Right lock { inside = M.delete name (inside lock) }
step lock (Level n) = Right lock { level = n }

runAll :: Lock -> [Event] -> Either String Lock
runAll = go
  where
    go lock [] = Right lock
    go lock (e:es) = do
      next <- step lock e
      go next es

weight :: Lock -> Int
weight = sum . map tonnage . M.elems . inside

main :: IO ()
main = do
  let events = [Arrive (Barge "Ada" 40), Level 3, Arrive (Barge "Ruth" ⟪"65"⟶65⟫)]
  case runAll empty events of
    Left err -> putStrLn err
    Right lock -> do
      when (level lock > 2) $ putStrLn "high water"
      forM_ (M.elems (inside lock)) ⟪(b -> ⟶(\b -> ⟫putStrLn (bargeName b))
      putStrLn ("tons: " ++ ⟪weight lock⟶show (weight lock)⟫)
