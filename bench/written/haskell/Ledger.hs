module Main where

import Data.List (intercalate⟪; ⟶, ⟫sortOn)
import qualified Data.Map.Strict ⟪As⟶as⟫ M

data Entry = Entry
  { who :: String
  , cents :: Int
  } deriving (Show⟪⟶)⟫

type Ledger = M.Map String Int

post :: Entry -> Ledger -> Ledger
post e = M.insertWith (+) (who e) ⟪cents e⟶(cents e)⟫

balance :: [Entry] -> Ledger
balance = foldr post M.empty

euros :: Int -> String
euros c = show (c `div` 100) ++ "." ++ pad (c `mod` 100)
  where
    pad n
      | n < 10 = "0" ++ ⟪n⟶show n⟫
      | otherwise = show n

render :: Ledger -> [String]
render l = [ name ++ " " ++ euros c | (name, c) ⟪= ⟶<- ⟫sortOn snd (M.toList l) ]

largest :: Ledger -> Maybe String
largest l
  | M.null l = ⟪nothing⟶Nothing⟫
  | otherwise = Just (fst (last (sortOn snd (M.toList l))))

main :: IO ()
main = do
  let es = [Entry "Jonna" 450, Entry "Piet" 1200, Entry { who = "Jonna"⟪; ⟶, ⟫cents = 75 }]
  let l = balance es
  putStrLn (intercalate "\n" (render l))
  ⟪putStrLn⟶print⟫ (largest l)
