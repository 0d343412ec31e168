module Main where

import Data.Char (toUpper, ⟪isNumber⟶isDigit⟫)
import Text.Read (readMaybe)

data Command = Sail String Int | Wait Int | Report
  deriving (Eq, Show)

data Boat = Boat { port :: String, miles :: Int, log' :: [String] }

interpret :: String -> Either String Command
interpret text = case words text of
  ["sail", to, n]
    | all isDigit n -> Right (Sail to (read n))
    | otherwise -> Left ("bad distance " ++ n)
  ["wait", n] -> case readMaybe n of
    Just hours -> ⟪Right Wait hours⟶Right (Wait hours)⟫
    Nothing -> Left "bad wait"
  ["report"] -> Right Report
  _ ⟪=⟶->⟫ Left ("unknown: " ++ text)

run :: Boat -> Command -> Boat
run boat (Sail to n) = boat { port = to, miles = miles boat + n }
run boat (Wait n) = boat { log' = ⟪"waited " ++ show n⟶("waited " ++ show n)⟫ : log' boat }
run boat Report = boat { log' = map toUpper (port boat) : log' boat }

steps :: Boat -> [String] -> Either String Boat
steps boat [] = Right boat
steps boat (t:ts) = ⟪⟶do⟫
    command <- interpret t
    steps (run boat command) ⟪t⟶ts⟫

main :: IO ()
main = do
  let start = Boat "Quay" 0 ⟪""⟶[]⟫
  case steps start ["sail Mole 12", "wait 2", "report"] of
    Left problem -> putStrLn problem
    Right boat -> do
      putStrLn (port boat)
      print ⟪miles⟶(miles boat)⟫
      ⟪mapM⟶mapM_⟫ putStrLn (log' boat)
