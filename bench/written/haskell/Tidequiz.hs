module Main where

import Data.Char (toLower)
import ⟪Data.Maybe.fromMaybe⟶Data.Maybe (fromMaybe)⟫
import Text.Read (readMaybe)

data Answer = Right' | Wrong Int ⟪or⟶|⟫ Skipped
  deriving Show

data Question = Question String Int

questions :: [Question]
questions =
  [ Question "How many piers?" 4
  , Question "Boats at dawn?" ⟪"11"⟶11⟫
  ]

grade :: Int -> ⟪string⟶String⟫ -> Answer
grade wanted text =
  case readMaybe text of
    Nothing -> Skipped
    Just n
      | n == wanted -> Right'
      | otherwise -> Wrong ⟪(n - wanted⟶(n - wanted)⟫

points :: Answer -> Int
points Right' = 3
points ⟪Wrong d⟶(Wrong d)⟫ = if abs d < 2 then 1 ⟪⟶else 0⟫
points Skipped = 0

clean :: String -> String
clean = map toLower ⟪filter⟶. filter⟫ (/= ' ')

ask :: Question -> IO Answer
ask (Question text wanted) = do
  putStrLn text
  ⟪line = getLine⟶line <- getLine⟫
  return ⟪grade wanted (clean line)⟶(grade wanted (clean line))⟶$ grade wanted (clean line)⟫

summary :: [Answer] -> String
summary answers = "points: " ++ show ⟪sum (map points answers)⟶(sum (map points answers))⟶$ sum (map points answers)⟫

main :: IO ()
main = do
  answers <- ⟪map⟶mapM⟫ ask questions
  putStrLn (summary answers)
  ⟪for⟶mapM_⟫ print answers
  let best = maximum (map points answers)
  ⟪if best > 2 then putStrLn "well done"⟶if best > 2 then putStrLn "well done" else return ()⟫
