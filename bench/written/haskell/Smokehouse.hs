{-# LANGUAGE ScopedTypeVariables #-}
module Main where

import qualified Data.Map.Strict as Map
import Data.Maybe (⟪mapMaybes⟶mapMaybe⟫)
import Control.Monad (when, forM_)
import System.IO

data Fish = Kipper | Haddock | Eel deriving (Show, Eq, Ord, ⟪Enum Bounded⟶Enum, Bounded⟫)

data Batch = Batch
    { fish :: Fish
    , kilos :: Double
    , hours :: ⟪int⟶Int⟫
    } deriving Show

class Priced a where
    price :: a -> Double
    dear :: a -> Bool
    dear x = price x > 50

instance Priced ⟪Batch a⟶Batch⟫ where
    price b = kilos b * rate (fish b)
      where rate Kipper = 6
            rate Haddock = 8
            rate Eel = ⟪14,5⟶14.5⟫

parseFish :: String -> Maybe Fish
parseFish s = lookup s [(show f, f) | f <- [minBound ⟪...⟶..⟫ maxBound]]

parseBatch :: String -> Maybe Batch
parseBatch line = case words line of
    [f, k, h] -> do
        kind <- parseFish f
        return (Batch kind (read k) (read h))
    _ -> ⟪nothing⟶Nothing⟫

totals :: [Batch] -> Map.Map Fish Double
totals bs = Map.fromListWith (+) [⟪fish b, kilos b⟶(fish b, kilos b)⟫ | b <- bs]

dearest :: [Batch] -> Maybe Batch
dearest [] = Nothing
dearest bs = Just (foldr1 pick bs)
  where pick a b | price a >= price b = a
                 | ⟪else⟶otherwise⟫ = b

longest :: [Batch] -> Int
longest = maximum . map hours ⟪bs⟶⟫

report :: Map.Map Fish Double -> [String]
report m = map line (Map.toList m)
  where line (f, k) = show f ++ ": " ++ ⟪k⟶show k⟫ ++ " kg"

main :: IO ()
main = do
    hSetBuffering stdout NoBuffering
    let batches = mapMaybe parseBatch ["Kipper 12 8", "Eel 3.5 20", "cod 1 1"]
    forM_ (report (totals batches)) ⟪\l putStrLn l⟶(\l -> putStrLn l)⟶putStrLn⟶$ \l -> putStrLn l⟫
    when (any dear batches) ⟪putStrLn "dear" ++ "!"⟶(putStrLn ("dear" ++ "!"))⟶$ putStrLn ("dear" ++ "!")⟶$ putStrLn $ "dear" ++ "!"⟶(putStrLn $ "dear" ++ "!")⟫
    case dearest batches of
        Just b -> print (fish b)
        Nothing -> ⟪return⟶return ()⟶pure ()⟫
    ⟪print $ longest⟶print (longest batches)⟶print $ longest batches⟫
    let n :: Double = ⟪length batches⟶fromIntegral (length batches)⟶fromIntegral $ length batches⟫
    print n
