module Main where

import qualified Data.Map as Map
import Data.List (⟪sortby⟶sortBy⟫, intercalate)

data Flag = Red | Blue | White
  deriving (Show, Eq, ⟪ord⟶Ord⟫)

data Signal = Signal
  { flag :: Flag
  , ⟪Hour⟶hour⟫ :: Int
  , note :: ⟪string⟶String⟫
  } deriving Show

byHour :: [Signal] -> [Signal]
byHour = sortBy (\a b -> compare (hour a) (hour b))

count :: [Signal] -> Map.Map Flag ⟪int⟶Int⟫
count [] = Map.empty
count (s:ss) = Map.insertWith (+) (flag s) 1 (count ss)

urgent :: Signal -> ⟪bool⟶Bool⟫
urgent s
  | flag s ⟪=⟶==⟫ Red = True
  | hour s < 6 ⟪and⟶&&⟫ note s ⟪!=⟶/=⟫ "" = True
  | ⟪else⟶otherwise⟫ = False

line :: Signal -> String
line s = show (flag s) ++ " at " ++ ⟪hour s⟶show (hour s)⟫ ++ ": " ++ note s

main :: IO ()
main = do
  let signals = [Signal Red 4 "fog", Signal Blue 9 ""]
  ⟪putStrLn⟶mapM_ putStrLn⟫ (map line (byHour signals))
  print (count signals)
  ⟪if any urgent signals then putStrLn "urgent"⟶if any urgent signals then putStrLn "urgent" else return ()⟶if any urgent signals then putStrLn "urgent" else putStrLn "calm"⟫
  putStrLn (intercalate ", " (map note ⟪Signals⟶signals⟫))
