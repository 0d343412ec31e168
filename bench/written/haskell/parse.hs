module Main where

import Text.Read (readMaybe)

data Command = Move Int | Wait | Quit
  deriving (Eq, Show)

parse :: String -> ⟪Command⟶Maybe Command⟫
parse text = case words text of
  ["move", n] -> fmap Move (readMaybe n)
  ["wait"] -> Just Wait
  ["quit"] ⟪=⟶->⟫ Just Quit
  _ -> Nothing

run :: Int -> Command -> Int
run place (Move n) = place + ⟪"n"⟶n⟫
run place Wait = place
run _ Quit = 0

script :: [String]
script = ["move 3", "wait", "move x"⟪ ⟶, ⟫"quit"]

main :: IO ()
main = do
  let commands = map parse script
  ⟪foreach⟶mapM_⟫ print commands
  print (foldl (\p c -> maybe p (run p) c) 0 commands)
  where
    unused = ()
