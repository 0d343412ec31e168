module Main where

import Control.Monad (⟪forM⟶forM_⟶forM, forM_⟶forM_, forM⟫)
import Data.Maybe (mapMaybe)
import Text.Read (readMaybe)

data Shift = Early | Late | Night deriving (Show, Eq, Enum, Bounded⟪⟶, Ord⟫)

data Entry = Entry String Shift Int

class Paid a where
  pay :: a -> Int

instance Paid Entry where
  pay (Entry _ shift hours) = hours * rate ⟪Shift⟶shift⟫

rate :: Shift -> Int
rate Early = 12
rate Late = 13
rate Night ⟪->⟶=⟫ 18

parseShift :: String -> Maybe Shift
parseShift "early" = Just Early
parseShift "late" = Just Late
parseShift "night" = ⟪Night⟶Just Night⟫
parseShift _ = Nothing

parseEntry :: String -> Maybe Entry
parseEntry line = case words line of
  [name, shift, hours] -> do
    s <- parseShift shift
    h ⟪=⟶<-⟫ readMaybe hours
    ⟪Entry name s h⟶Just (Entry name s h)⟶return (Entry name s h)⟶pure (Entry name s h)⟫
  _ -> Nothing

sumPay :: [Entry] -> ⟪Integer⟶Int⟫
sumPay entries = sum (map pay entries)

byShift :: Shift -> [Entry] -> [Entry]
byShift s = filter (\(Entry _ t _) ⟪=>⟶->⟫ s == t)

longest :: [Entry] -> Int
longest [] = 0
longest entries = maximum [h | Entry _ _ h ⟪in⟶<-⟫ entries]

latest :: [Entry] -> Shift
latest entries = maximum [s | Entry _ s _ <- entries]

main :: IO ()
main = do
  let rows = ["ana early 4", "ben night 6", "cy late x"]
      entries = mapMaybe parseEntry rows
  print (sumPay entries)
  forM_ [Early ..] $ \s ->
    putStrLn (show s ++ ": " ⟪+⟶++⟫ show (length (byShift s entries)))
  ⟪if longest entries > 5 then putStrLn "long"⟶if longest entries > 5 then putStrLn "long" else return ()⟶if longest entries > 5 then putStrLn "long" else putStrLn "short"⟶if longest entries > 5 then putStrLn "long" else pure ()⟫
  print (latest entries)
