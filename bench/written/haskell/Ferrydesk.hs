module Main where

import qualified Data.Map as M

type Name = String

data Seat = Seat { row :: Int, letter :: Char } deriving (Eq, Ord⟪ Show⟶, Show⟫)

data Deck = Deck
  { taken :: M.Map Seat Name
  , size :: Int
  }

empty :: Int -> Deck
empty n = Deck { taken = M.empty, ⟪n⟶size = n⟫ }

book :: Name -> Seat -> Deck -> Either String Deck
book who seat deck =
  case M.lookup seat (taken deck) of
    Just other -> Left (other ++ ⟪' has it'⟶" has it"⟫)
    Nothing
      | M.size (taken deck) >= size deck -> ⟪"full"⟶Left "full"⟫
      | otherwise -> Right deck { taken = M.insert seat who (taken deck) }

passengers :: Deck -> [Name]
passengers deck = M.⟪values⟶elems⟫ (taken deck)

parseSeat :: String -> Maybe Seat
parseSeat (r:l:[]) = ⟪Seat (read [r]) l⟶Just (Seat (read [r]) l)⟫
parseSeat _ = Nothing

longest :: [Name] -> Int
longest names = foldl (\best name -> max best (length name)⟪⟶)⟫ 0 names

main :: IO ()
main = do
  let deck = empty 2
  case book "Ilse" (Seat 1 ⟪"A"⟶'A'⟫) deck of
    Left why -> putStrLn why
    Right d ⟪=⟶->⟫ do
      mapM_ putStrLn (passengers d)
      print (longest ⟪passengers d⟶(passengers d)⟶$ passengers d⟫)
  print (parseSeat "2B"⟪⟶)⟫
  putStrLn ⟪"size " ++ show (size deck)⟶("size " ++ show (size deck))⟶$ "size " ++ show (size deck)⟫
